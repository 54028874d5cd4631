using System.Text.Json;
using System.Text.Json.Nodes;
using Wexis.Core.Measures;
using Wexis.Core.Routines;

namespace Wexis.Core.Programmes;

/// <summary>
/// A programme from a file: whole, or what is wrong with it. What is in the file and not known here is named in <paramref name="Notes"/>.
/// </summary>
/// <param name="Library">Techniques that it brings along.</param>
public sealed record ProgrammeFile(
    ProgrammeDocument? Document,
    IReadOnlyList<RoutineLibraryEntry> Library,
    IReadOnlyList<Issue> Issues,
    IReadOnlyList<string> Notes
)
{
    /// <summary>Fields that a file may have for its readers, and that say nothing of the programme.</summary>
    private static readonly string[] ForReaders = ["vocabulary", "id", "language", "library"];

    public static ProgrammeFile Read(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        try
        {
            if (JsonNode.Parse(text) is not JsonObject root)
                return No(new Issue("the file", IssueCodes.Unreadable, "something else", $"one {ProgrammeDocument.CurrentSchema}"));
            var library = root["library"]?.Deserialize<IReadOnlyList<RoutineLibraryEntry>>(ExchangeJson.Options) ?? [];
            foreach (var field in ForReaders)
                root.Remove(field);
            foreach (var rule in (root["rules"] as JsonArray ?? []).OfType<JsonObject>())
                if (rule["days"] is JsonValue one)
                    rule["days"] = new JsonArray(one.DeepClone());
            var body = root.ToJsonString();
            try
            {
                return new(ExchangeJson.ReadKnown<ProgrammeDocument>(body), library, [], []);
            }
            catch (JsonException unknown) when (unknown.Message.Contains("could not be mapped", StringComparison.Ordinal))
            {
                return new(
                    ExchangeJson.Read<ProgrammeDocument>(body),
                    library,
                    [],
                    [$"{PlaceOf(unknown)}: not known here, and passed over."]
                );
            }
        }
        catch (Exception e) when (e is JsonException or InvalidDataException or ArgumentException)
        {
            return No(
                new Issue(
                    PlaceOf(e as JsonException),
                    IssueCodes.Unreadable,
                    "what stands there",
                    $"the form of a {ProgrammeDocument.CurrentSchema}"
                )
            );
        }
    }

    /// <summary>The programme as a file, in the form in which it is read.</summary>
    public static string Write(ProgrammeDocument programme)
    {
        ArgumentNullException.ThrowIfNull(programme);
        var root = JsonSerializer
            .SerializeToNode(programme with { Schema = ProgrammeDocument.CurrentSchema }, ExchangeJson.Options)!
            .AsObject();
        foreach (var rule in (root["rules"] as JsonArray ?? []).OfType<JsonObject>())
            if (rule["days"] is JsonArray { Count: 1 } one)
                rule["days"] = one[0]!.DeepClone();
        return root.ToJsonString(ExchangeJson.Indented);
    }

    private static string PlaceOf(JsonException? e) => e?.Path?.TrimStart('$', '.') is { Length: > 0 } path ? path : "the file";

    private static ProgrammeFile No(Issue issue) => new(null, [], [issue], []);
}
