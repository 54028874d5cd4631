using System.Collections;
using System.Reflection;
using System.Text.Json;
using System.Text.Json.Nodes;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.People;

namespace Wexis.Core.Techniques.Documents;

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

    /// <param name="today">The day to which a person's dates are held; null where nobody is screened.</param>
    public static TechniqueFile Read(string text, Atlas atlas, ActionModel model, DateOnly? today = null)
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
            return new(
                [],
                [new((int)(e.LineNumber ?? 0) + 1, new("file", IssueCodes.Unreadable, e.Message.Split(" LineNumber", 2)[0], "JSON"))]
            );
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
                Slip(
                    schema is null
                        ? new("schema", IssueCodes.Missing, "", $"{TechniqueDocument.CurrentSchema} or {ListSchema}")
                        : new("schema", IssueCodes.Unknown, schema, $"{TechniqueDocument.CurrentSchema}, {ListSchema}")
                );
                return new([], issues);
            }
            var entries =
                schema == ListSchema && root.TryGetProperty("techniques", out var list) && list.ValueKind == JsonValueKind.Array
                    ? list.EnumerateArray().Select((e, i) => (Element: e, Path: $"techniques[{i}]")).ToList()
                : schema == ListSchema ? []
                : [(Element: root, Path: "")];
            if (schema == ListSchema && entries.Count == 0)
                Slip(new("techniques", IssueCodes.Missing, "", "a list of techniques"));
            if (entries.Count > MostTechniques)
                Slip(new("techniques", IssueCodes.OutOfRange, $"{entries.Count} techniques", $"1 to {MostTechniques}"));
            foreach (var (element, path) in entries.Take(MostTechniques))
            {
                foreach (var unknown in Unknown(element, typeof(TechniqueDocument), path, top: true))
                    Slip(unknown);
                // What no reader can hold is named before anything is read: nothing of such an entry is checked by half.
                var holes = Holes(element, path).ToList();
                holes.ForEach(Slip);
                if (
                    holes.Count > 0
                    || Person(element, path, Slip, atlas, today) is not { } person
                    || Parse(element, path, person.Note, Slip) is not { } read
                )
                    continue;
                techniques.Add(read);
                foreach (var issue in TechniqueValidation.Issues(read.Document, atlas, model))
                    Slip(issue with { Path = path.Length == 0 ? issue.Path : $"{path}.{issue.Path}" });
            }
            return new(techniques, issues);
        }
    }

    private static ReadTechnique? Parse(JsonElement element, string path, PersonNote? person, Action<Issue> slip)
    {
        try
        {
            return element.Deserialize<TechniqueDocument>(ExchangeJson.Options) is { } document ? new(document, person) : null;
        }
        catch (JsonException e)
        {
            slip(new(Where(path, e), IssueCodes.Unreadable, "this value", "another kind of value (a number, a text, a list)"));
            return null;
        }
    }

    private static string Where(string path, JsonException e) =>
        string.Join(
            '.',
            new[] { path, e.Path is { Length: > 2 } p && p.StartsWith("$.", StringComparison.Ordinal) ? p[2..] : "" }.Where(x =>
                x.Length > 0
            )
        );

    /// <summary>The person note beside a technique; null when it has a slip, and then nobody is screened on the rest of it.</summary>
    private static (PersonNote? Note, bool Read)? Person(JsonElement element, string path, Action<Issue> slip, Atlas atlas, DateOnly? today)
    {
        if (
            element.ValueKind != JsonValueKind.Object
            || !element.TryGetProperty("person", out var told)
            || told.ValueKind == JsonValueKind.Null
        )
            return (null, true);
        var at = path.Length == 0 ? "person" : $"{path}.person";
        if (told.ValueKind != JsonValueKind.Object)
        {
            slip(new(at, IssueCodes.Unreadable, "this value", "an object with conditions, procedures, reports, asked"));
            return null;
        }
        var slips = Unknown(told, typeof(PersonNote), at).ToList();
        try
        {
            var plain = JsonNode.Parse(told.GetRawText())!.AsObject();
            // "all" is the list of all; one zone may stand without its list.
            if (plain["asked"] is JsonValue asked && asked.TryGetValue<string>(out var word))
            {
                if (word == "all")
                    plain.Remove("asked");
                else
                    slips.Add(new($"{at}.asked", IssueCodes.Unknown, word, "all, or the ids that were asked"));
            }
            foreach (var procedure in (plain["procedures"] as JsonArray ?? []).OfType<JsonObject>())
                if (procedure["place"] is JsonValue place && place.TryGetValue<string>(out var zone))
                    procedure["place"] = new JsonArray(zone);
            if (slips.Count == 0)
            {
                var note = plain.Deserialize<PersonNote>(ExchangeJson.Options)!;
                slips.AddRange(note.Issues(at, today ?? DateOnly.MaxValue, atlas, dayNeeded: false));
                if (slips.Count == 0)
                    return (note, true);
            }
        }
        catch (ArgumentException)
        {
            slips.Add(new(at, IssueCodes.Contradiction, "a field told twice", "each field once"));
        }
        catch (JsonException e)
        {
            slips.Add(
                new(Where(at, e), IssueCodes.Unreadable, "this value", "another kind of value (a day as 2026-11-03, a text, a list)")
            );
        }
        slips.ForEach(slip);
        return null;
    }

    /// <summary>What no reader can hold: nothing where an entry of a list should stand, and numbers beyond all numbers.</summary>
    private static IEnumerable<Issue> Holes(JsonElement element, string path)
    {
        switch (element.ValueKind)
        {
            case JsonValueKind.Array:
                var i = 0;
                foreach (var entry in element.EnumerateArray())
                {
                    var here = $"{path}[{i++}]";
                    if (entry.ValueKind == JsonValueKind.Null)
                        yield return new(here, IssueCodes.Missing, "null", "an entry, or a shorter list");
                    foreach (var issue in Holes(entry, here))
                        yield return issue;
                }
                break;
            case JsonValueKind.Object:
                foreach (var property in element.EnumerateObject())
                foreach (var issue in Holes(property.Value, path.Length == 0 ? property.Name : $"{path}.{property.Name}"))
                    yield return issue;
                break;
            case JsonValueKind.Number when !element.TryGetDouble(out var number) || !double.IsFinite(number):
                yield return new(path, IssueCodes.OutOfRange, element.GetRawText(), "a number that can be written down");
                break;
        }
    }

    /// <summary>Fields that the exchange does not know: a misspelt field must not be taken for one that was left open.</summary>
    private static IEnumerable<Issue> Unknown(JsonElement element, Type type, string path, bool top = false)
    {
        if (element.ValueKind != JsonValueKind.Object)
            yield break;
        var known = type.GetProperties(BindingFlags.Public | BindingFlags.Instance)
            .Where(p => p.GetCustomAttribute<System.Text.Json.Serialization.JsonIgnoreAttribute>() is null && p.Name != "EqualityContract")
            .ToDictionary(
                p =>
                    p.GetCustomAttribute<System.Text.Json.Serialization.JsonPropertyNameAttribute>()?.Name
                    ?? JsonNamingPolicy.SnakeCaseLower.ConvertName(p.Name),
                p => p.PropertyType,
                StringComparer.Ordinal
            );
        foreach (var property in element.EnumerateObject())
        {
            var here = path.Length == 0 ? property.Name : $"{path}.{property.Name}";
            if (top && property.Name == "person")
                continue;
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
                foreach (var issue in Unknown(entry, item, $"{here}[{i++}]"))
                    yield return issue;
            }
            else if (property.Value.ValueKind == JsonValueKind.Object && inner.Assembly == typeof(TechniqueDocument).Assembly)
            {
                foreach (var issue in Unknown(property.Value, inner, here))
                    yield return issue;
            }
        }
    }

    private static Type? ItemType(Type type) =>
        typeof(IEnumerable).IsAssignableFrom(type)
        && type.IsGenericType
        && type.GetGenericArguments()[0] is { } item
        && item.Assembly == typeof(TechniqueDocument).Assembly
            ? item
            : null;
}
