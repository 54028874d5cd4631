using System.Text.Json;
using System.Text.Json.Nodes;
using Wexis.Core.Examinations;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Programmes;
using Wexis.Core.Results;
using Wexis.Core.Routines;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;
using Wexis.Data.Programmes;
using Wexis.Data.Techniques;

namespace Wexis.Data;

/// <summary>
/// A stored document that this build cannot read whole. The message names its kind and its field; it is never read in part.
/// </summary>
public sealed class StoredBodyException(string message, Exception? cause = null) : Exception(message, cause);

/// <summary>
/// Documents kept as jsonb. Each carries its kind and the version of its form, <c>"schema": "wexis.programme/1"</c>; one without is of
/// the time
/// before that. An older form is brought up step by step, never rewritten in the store. See docs/formats.md#stored; old files under
/// <c>tests/cases/stored</c> are read by every later build.
/// </summary>
public static class StoredBody
{
    private const string Field = "schema";

    /// <param name="Upcasters">The n-th brings a body of version n to version n + 1; there are as many as the version of today.</param>
    private sealed record Kind(string Name, params Func<JsonObject, JsonObject>[] Upcasters)
    {
        public int Today => Upcasters.Length;
        public string Schema => $"{Name}/{Today}";
    }

    /// <summary>The first form that carries its version is the one before it, named.</summary>
    private static JsonObject Named(JsonObject body) => body;

    private static readonly IReadOnlyDictionary<Type, Kind> Kinds = new Dictionary<Type, Kind>
    {
        [typeof(TechniqueDocument)] = new("wexis.technique", Named),
        [typeof(KeptDerivation)] = new("wexis.kept-derivation", Named),
        [typeof(TechniqueWork)] = new("wexis.technique-work", Named),
        [typeof(RoutineDocument)] = new("wexis.routine", Named),
        [typeof(ProgrammeDocument)] = new("wexis.programme", ProgrammeForms.Units),
        [typeof(MarkSheet)] = new("wexis.mark-sheet", Named),
        [typeof(DemonstrationResult)] = new("wexis.result", Named),
        [typeof(CaseEvent)] = new("wexis.case-event", Named),
        [typeof(ScreeningAnswers)] = new("wexis.screening-answers", Named),
        [typeof(Consent)] = new("wexis.consent", Named),
    };

    /// <summary>Every kind that is stored: its type and the name of today's form.</summary>
    public static IReadOnlyDictionary<Type, string> Schemas { get; } = Kinds.ToDictionary(k => k.Key, k => k.Value.Schema);

    public static string Write<T>(T body)
        where T : class
    {
        var kind = Kinds[typeof(T)];
        var node = JsonSerializer.SerializeToNode(body, ExchangeJson.Options)!.AsObject();
        node[Field] = kind.Schema;
        return node.ToJsonString(ExchangeJson.Options);
    }

    /// <exception cref="StoredBodyException">Of no known form, or half of one.</exception>
    public static T Read<T>(string json)
        where T : class
    {
        var kind = Kinds[typeof(T)];
        try
        {
            var body = JsonNode.Parse(json) as JsonObject ?? throw new StoredBodyException($"A stored {kind.Name} is no document.");
            for (var version = VersionOf(body, kind); version < kind.Today; version++)
                body = kind.Upcasters[version](body);
            body[Field] = kind.Schema;
            return body.Deserialize<T>(ExchangeJson.Whole) ?? throw new StoredBodyException($"A stored {kind.Name} is empty.");
        }
        catch (JsonException cause)
        {
            throw new StoredBodyException(
                $"A stored {kind.Name} cannot be read{(cause.Path is { Length: > 1 } path ? $" at {path.TrimStart('$', '.')}" : "")}: "
                    + $"{cause.Message}",
                cause
            );
        }
    }

    private static int VersionOf(JsonObject body, Kind kind)
    {
        if (body[Field] is null)
            return 0;
        for (var version = 1; version <= kind.Today; version++)
            if (body[Field] is JsonValue v && v.TryGetValue<string>(out var schema) && schema == $"{kind.Name}/{version}")
                return kind.Name == ProgrammeForms.Name && ProgrammeForms.IsOfModules(body) ? 0 : version;
        throw new StoredBodyException(
            $"{Field}: “{body[Field]}” is not known here. Known: "
                + $"{string.Join(", ", Enumerable.Range(1, kind.Today).Select(n => $"{kind.Name}/{n}"))}. It was written by a "
                + $"newer Wexis, or is no {kind.Name}."
        );
    }
}
