using System.Text.Json.Nodes;
using Wexis.Core.Programmes;

namespace Wexis.Data.Programmes;

/// <summary>
/// Older forms of a stored programme. Before there were units a module was what a unit is now: with minutes, kind, prerequisites,
/// techniques and outcomes. Some of these bodies carry the name of today's form already; what they have tells them apart.
/// </summary>
internal static class ProgrammeForms
{
    public const string Name = "wexis.programme";

    /// <summary>Fields of a module that its one unit has now.</summary>
    private static readonly string[] OfUnits = ["kind", "minutes", "prerequisites", "techniques", "outcomes"];

    public static bool IsOfModules(JsonObject body) => body["units"] is null;

    /// <summary>Each module with one unit of the same id and name, which has what the module had.</summary>
    public static JsonObject Units(JsonObject body)
    {
        var units = new JsonArray();
        foreach (var module in (body["modules"] as JsonArray ?? []).OfType<JsonObject>())
        {
            var unit = new JsonObject
            {
                ["id"] = module["id"]?.DeepClone(),
                ["name"] = module["name"]?.DeepClone(),
                ["module"] = module["id"]?.DeepClone(),
            };
            foreach (var field in OfUnits)
            {
                unit[field] = module[field]?.DeepClone();
                module.Remove(field);
            }
            units.Add((JsonNode)unit);
        }
        body["units"] = units;
        body["schema"] = ProgrammeDocument.CurrentSchema;
        return body;
    }
}
