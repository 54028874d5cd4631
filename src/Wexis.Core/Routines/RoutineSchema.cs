using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using Wexis.Core.Measures;

namespace Wexis.Core.Routines;

/// <summary>The JSON Schema (2020-12) of a routine file, made from the types that read it.</summary>
public static class RoutineSchema
{
    public static string Text()
    {
        var made = ExchangeJson.Known.GetJsonSchemaAsNode(typeof(RoutineDocument)).AsObject();
        var schema = new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["title"] = RoutineDocument.CurrentSchema,
        };
        foreach (var (name, value) in made)
            schema[name] = value?.DeepClone();
        return schema.ToJsonString(ExchangeJson.Indented) + "\n";
    }
}
