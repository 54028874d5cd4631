using System.Collections;
using System.Reflection;
using System.Text.Json;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>One slip of a file, with the line it stands on.</summary>
public sealed record FileIssue(int Line, Issue Issue)
{
    public string Text => $"line {Line}: {Issue.Text}";
}

/// <summary>A technique as read from a file, with the person note that may stand beside it.</summary>
public sealed record ReadTechnique(TechniqueDocument Document, PersonNote? Person);

/// <summary>
/// Techniques from a file: one technique (<c>wexis.technique/1</c>) or a list (<c>wexis.technique-list/1</c>).
/// Whole files come in, or all their slips come out; nothing is read by half.
/// </summary>
public sealed record TechniqueFile(IReadOnlyList<ReadTechnique> Techniques, IReadOnlyList<FileIssue> Issues)
{
    public const string ListSchema = "wexis.technique-list/1";
    private const int MostTechniques = 5000;

    private sealed record PersonOnly(PersonNote? Person);

    public static TechniqueFile Read(string text, Atlas atlas, ActionModel model)
    {
        ArgumentNullException.ThrowIfNull(text);
        DocumentLines lines;
        JsonDocument json;
        try
        {
            lines = new(text);
            json = JsonDocument.Parse(text);
        }
        catch (JsonException e)
        {
            return new([], [new((int)(e.LineNumber ?? 0) + 1, new("file", IssueCodes.Unreadable, e.Message.Split(" LineNumber", 2)[0], "JSON"))]);
        }
        using (json)
        {
            var issues = new List<FileIssue>();
            var techniques = new List<ReadTechnique>();
            var root = json.RootElement;
            void Slip(Issue issue) => issues.Add(new(lines.Of(issue.Path), issue));
            if (root.ValueKind != JsonValueKind.Object)
            {
                Slip(new("file", IssueCodes.Unreadable, root.ValueKind.ToString().ToLowerInvariant(), "an object with a schema"));
                return new([], issues);
            }
            var schema = root.TryGetProperty("schema", out var s) && s.ValueKind == JsonValueKind.String ? s.GetString() : null;
            if (schema is not (TechniqueDocument.CurrentSchema or ListSchema))
            {
                Slip(schema is null ? new("schema", IssueCodes.Missing, "", $"{TechniqueDocument.CurrentSchema} or {ListSchema}") : new("schema", IssueCodes.Unknown, schema, $"{TechniqueDocument.CurrentSchema}, {ListSchema}"));
                return new([], issues);
            }
            var entries = schema == ListSchema && root.TryGetProperty("techniques", out var list) && list.ValueKind == JsonValueKind.Array ? list.EnumerateArray().Select((e, i) => (Element: e, Path: $"techniques[{i}]")).ToList()
                : schema == ListSchema ? [] : [(Element: root, Path: "")];
            if (schema == ListSchema && entries.Count == 0) Slip(new("techniques", IssueCodes.Missing, "", "a list of techniques"));
            if (entries.Count > MostTechniques) Slip(new("techniques", IssueCodes.OutOfRange, $"{entries.Count} techniques", $"1 to {MostTechniques}"));
            foreach (var (element, path) in entries.Take(MostTechniques))
            {
                foreach (var unknown in Unknown(element, typeof(TechniqueDocument), path, top: true)) Slip(unknown);
                if (Parse(element, path, Slip) is not { } read) continue;
                techniques.Add(read);
                foreach (var issue in TechniqueValidation.Issues(read.Document, atlas, model)) Slip(issue with { Path = path.Length == 0 ? issue.Path : $"{path}.{issue.Path}" });
            }
            return new(techniques, issues);
        }
    }

    private static ReadTechnique? Parse(JsonElement element, string path, Action<Issue> slip)
    {
        try
        {
            var document = element.Deserialize<TechniqueDocument>(Atlas.Json);
            var person = element.Deserialize<PersonOnly>(Atlas.Json)?.Person;
            return document is null ? null : new(document, person);
        }
        catch (JsonException e)
        {
            var inner = e.Path is { Length: > 2 } p && p.StartsWith("$.", StringComparison.Ordinal) ? p[2..] : "";
            slip(new(string.Join('.', new[] { path, inner }.Where(x => x.Length > 0)), IssueCodes.Unreadable, "this value", "another kind of value (a number, a text, a list)"));
            return null;
        }
    }

    /// <summary>Fields that the exchange does not know: a misspelt field must not be taken for one that was not told.</summary>
    private static IEnumerable<Issue> Unknown(JsonElement element, Type type, string path, bool top = false)
    {
        if (element.ValueKind != JsonValueKind.Object) yield break;
        var known = type.GetProperties(BindingFlags.Public | BindingFlags.Instance)
            .Where(p => p.GetCustomAttribute<System.Text.Json.Serialization.JsonIgnoreAttribute>() is null && p.Name != "EqualityContract")
            .ToDictionary(p => p.GetCustomAttribute<System.Text.Json.Serialization.JsonPropertyNameAttribute>()?.Name ?? JsonNamingPolicy.SnakeCaseLower.ConvertName(p.Name), p => p.PropertyType, StringComparer.Ordinal);
        foreach (var property in element.EnumerateObject())
        {
            var here = path.Length == 0 ? property.Name : $"{path}.{property.Name}";
            if (top && property.Name == "person") continue;
            if (!known.TryGetValue(property.Name, out var inner))
            {
                yield return new(here, IssueCodes.Unknown, property.Name, string.Join(", ", known.Keys));
                continue;
            }
            var item = ItemType(inner);
            if (property.Value.ValueKind == JsonValueKind.Array && item is not null)
            {
                var i = 0;
                foreach (var entry in property.Value.EnumerateArray())
                    foreach (var issue in Unknown(entry, item, $"{here}[{i++}]")) yield return issue;
            }
            else if (property.Value.ValueKind == JsonValueKind.Object && inner.Namespace == typeof(TechniqueDocument).Namespace)
            {
                foreach (var issue in Unknown(property.Value, inner, here)) yield return issue;
            }
        }
    }

    private static Type? ItemType(Type type) =>
        typeof(IEnumerable).IsAssignableFrom(type) && type.IsGenericType && type.GetGenericArguments()[0] is { } item && item.Namespace == typeof(TechniqueDocument).Namespace ? item : null;
}
