using System.Text.Json.Nodes;
using System.Text.Json.Schema;

namespace Wexis.Core.Measures;

/// <summary>The JSON Schema (2020-12) of a file, made from the types that read it.</summary>
public static class ExchangeSchema
{
    /// <param name="title">Name and version of its form.</param>
    public static JsonObject Of<T>(string title)
    {
        var schema = new JsonObject { ["$schema"] = "https://json-schema.org/draft/2020-12/schema", ["title"] = title };
        foreach (var (name, value) in ExchangeJson.Known.GetJsonSchemaAsNode(typeof(T)).AsObject())
            schema[name] = value?.DeepClone();
        return schema;
    }

    public static string Text(JsonObject schema)
    {
        ArgumentNullException.ThrowIfNull(schema);
        return schema.ToJsonString(ExchangeJson.Indented) + "\n";
    }
}
