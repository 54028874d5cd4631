using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization.Metadata;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.People;

namespace Wexis.Core.Techniques.Documents;

/// <summary>
/// The JSON Schema (draft 2020-12) of a technique file. Shapes come from the types that read it, words from the lists that check it.
/// </summary>
public static class TechniqueSchema
{
    private static readonly JsonSerializerOptions Indented = new()
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    private sealed record WithPerson(PersonNote? Person);

    public static string Of(Atlas atlas, ActionModel model)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        ArgumentNullException.ThrowIfNull(model);
        var words = Fixed.Concat(OfAtlas(atlas, model)).ToDictionary(StringComparer.Ordinal);
        var exporter = new JsonSchemaExporterOptions
        {
            TreatNullObliviousAsNonNullable = false,
            TransformSchemaNode = (context, node) =>
            {
                if (node is not JsonObject shape)
                    return node;
                // A field may be missing: that means left open.
                shape.Remove("required");
                if (context.PropertyInfo is { } p && words.TryGetValue($"{p.DeclaringType.Name}.{p.Name}", out var allowed))
                {
                    if (shape["items"] is JsonObject items)
                        items["enum"] = List(allowed, false);
                    else
                        shape["enum"] = List(allowed, true);
                }
                // What the reader takes besides the list: all of them, one of them.
                if (context.PropertyInfo is { Name: "asked" })
                    return Or(shape, new JsonObject { ["const"] = "all" });
                if (context.PropertyInfo is { Name: "place" })
                    return Or(shape, new JsonObject { ["enum"] = List(atlas.Zones.Keys, false) });
                return shape;
            },
        };
        var options = ExchangeJson.Options;
        var technique = (JsonObject)options.GetJsonSchemaAsNode(typeof(TechniqueDocument), exporter);
        var person = ((JsonObject)options.GetJsonSchemaAsNode(typeof(WithPerson), exporter))["properties"]!["person"]!.DeepClone();
        technique["properties"]!["person"] = person;
        technique["type"] = "object";
        technique["required"] = new JsonArray("schema", "name");
        technique["additionalProperties"] = false;
        technique["properties"]!["schema"] = new JsonObject { ["const"] = TechniqueDocument.CurrentSchema };
        var root = new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["title"] = "Techniques of Wexis",
            ["description"] = "One technique, or a list. A missing field or null means: left open. It is never zero.",
            ["oneOf"] = new JsonArray(
                new JsonObject { ["$ref"] = "#/$defs/technique" },
                new JsonObject
                {
                    ["type"] = "object",
                    ["required"] = new JsonArray("schema", "techniques"),
                    ["properties"] = new JsonObject
                    {
                        ["schema"] = new JsonObject { ["const"] = TechniqueFile.ListSchema },
                        ["techniques"] = new JsonObject
                        {
                            ["type"] = "array",
                            ["items"] = new JsonObject { ["$ref"] = "#/$defs/technique" },
                        },
                    },
                }
            ),
            ["$defs"] = new JsonObject { ["technique"] = technique },
        };
        return root.ToJsonString(Indented);
    }

    private static JsonObject Or(JsonObject shape, JsonObject other) => new() { ["anyOf"] = new JsonArray(shape.DeepClone(), other) };

    private static JsonArray List(IEnumerable<string> words, bool orNull)
    {
        var list = new JsonArray([.. words.Select(w => (JsonNode)JsonValue.Create(w))]);
        if (orNull)
            list.Add(null);
        return list;
    }

    /// <summary>The words that a field of a technique takes, whatever the atlas; null for any other field.</summary>
    public static IReadOnlyList<string>? WordsOf(JsonPropertyInfo? field) =>
        field is null ? null : Fixed.GetValueOrDefault($"{field.DeclaringType.Name}.{field.Name}");

    private static readonly Dictionary<string, IReadOnlyList<string>> Fixed = new(StringComparer.Ordinal)
    {
        ["Step.breath"] = TechniqueWords.Breaths,
        ["Step.gaze"] = TechniqueWords.Gazes,
        ["Act.side"] = TechniqueWords.ActSides,
        ["Act.effort"] = TechniqueWords.Efforts,
        ["Act.resist"] = TechniqueWords.Resists,
        ["Act.air"] = TechniqueWords.Airs,
        ["Act.force"] = TechniqueWords.Forces,
        ["HoldStill.by"] = TechniqueWords.HoldBy,
        ["PoseState.gaze"] = TechniqueWords.Gazes,
        ["PoseState.lids"] = TechniqueWords.Lids,
        ["PoseState.jaw"] = TechniqueWords.Jaws,
        ["PoseState.lips"] = TechniqueWords.Lips,
        ["PoseState.tongue"] = TechniqueWords.Tongues,
        ["PoseState.head"] = TechniqueWords.Heads,
        ["PoseState.shoulders"] = TechniqueWords.Shoulders,
        ["Hand.hand"] = TechniqueWords.WhichHand,
        ["Hand.role"] = TechniqueWords.Roles,
        ["Hand.grip_or_slip"] = TechniqueWords.GripOrSlip,
        ["Hand.sides"] = TechniqueWords.HandSides,
        ["PathOffset.dir"] = TechniqueWords.OffsetDirections,
        ["Dose.per"] = TechniqueWords.DosePer,
        ["Dose.per_direction"] = TechniqueWords.DosePerDirection,
        ["Dose.both"] = TechniqueWords.DoseBoth,
        ["Dose.unit"] = TechniqueWords.DoseUnits,
        ["RelatedTechnique.as"] = TechniqueWords.RelatedAs,
        ["Claim.kind"] = TechniqueWords.ClaimKinds,
        ["PathPoint.surface"] = TechniqueWords.Surfaces,
    };

    private static Dictionary<string, IReadOnlyList<string>> OfAtlas(Atlas atlas, ActionModel model) =>
        new(StringComparer.Ordinal)
        {
            ["TechniqueDocument.region"] = [.. atlas.Regions.Keys],
            ["TechniqueDocument.school"] = [.. atlas.Schools.Keys],
            ["TechniqueDocument.concerns"] = [.. atlas.Document.Concerns.Select(c => c.Id)],
            ["Step.still"] = [.. atlas.Zones.Keys, .. TechniqueWords.StillBodyParts],
            ["Step.channels"] = [.. atlas.Document.Channels.Select(c => c.Id)],
            ["Act.at"] = [.. atlas.Zones.Keys],
            ["HoldStill.zone"] = [.. atlas.Zones.Keys],
            ["Hand.verb"] = [.. model.Verbs.Keys],
            ["Hand.contact"] = [.. atlas.Contacts.Keys],
            ["Hand.zones"] = [.. atlas.Zones.Keys],
            ["Hand.points"] = [.. atlas.Points.Keys],
            ["PathPoint.at"] = [.. atlas.Landmarks.Keys],
            ["PathPoint.from"] = [.. atlas.Landmarks.Keys],
            ["PersonNote.conditions"] = [.. atlas.Exclusions.Keys],
            ["PersonNote.asked"] = [.. atlas.Exclusions.Keys],
            ["Procedure.kind"] = [.. atlas.Exclusions.Keys],
            ["Procedure.place"] = [.. atlas.Zones.Keys],
        };
}
