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
        foreach (var (name, value) in ExchangeJson.Known.GetJsonSchemaAsNode(typeof(T), WithWords).AsObject())
            schema[name] = value?.DeepClone();
        return schema;
    }

    private static readonly JsonSchemaExporterOptions WithWords = new()
    {
        TransformSchemaNode = (context, node) =>
        {
            node = IdsWrittenOut(context, node);
            if (node is JsonObject shape && OneOfAttribute.Of(context.PropertyInfo) is { } words)
                shape["enum"] = new JsonArray([.. words.Select(w => (JsonNode)w), .. MayBeNull(shape) ? new JsonNode?[] { null } : []]);
            return node;
        },
    };

    /// <summary>
    /// An id is a UUID, whatever reads it. Done at the record that holds it: of one that may be missing the exporter does not ask.
    /// </summary>
    public static JsonNode IdsWrittenOut(JsonSchemaExporterContext context, JsonNode node)
    {
        if (node is JsonObject shape && shape["properties"] is JsonObject fields)
            foreach (var field in context.TypeInfo.Properties)
                if (Ids.IsId(Nullable.GetUnderlyingType(field.PropertyType) ?? field.PropertyType) && fields.ContainsKey(field.Name))
                    fields[field.Name] = Uuid(fields[field.Name] as JsonObject, Nullable.GetUnderlyingType(field.PropertyType) is not null);
        return node;
    }

    private static JsonObject Uuid(JsonObject? told, bool orNull)
    {
        var shape = new JsonObject { ["type"] = orNull ? new JsonArray("string", "null") : "string", ["format"] = "uuid" };
        if (told?.TryGetPropertyValue("default", out var value) == true)
            shape["default"] = value?.DeepClone();
        return shape;
    }

    private static bool MayBeNull(JsonObject shape) => shape["type"] is JsonArray types && types.Any(t => t?.GetValue<string>() == "null");

    public static string Text(JsonObject schema)
    {
        ArgumentNullException.ThrowIfNull(schema);
        return schema.ToJsonString(ExchangeJson.Indented) + "\n";
    }
}
