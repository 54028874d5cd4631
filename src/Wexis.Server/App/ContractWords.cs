using System.Text.Json.Nodes;
using System.Text.Json.Serialization.Metadata;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Server.App;

/// <summary>A text of the contract whose list is closed tells its words, as the schemas of the files do; an id is a UUID.</summary>
internal sealed class ContractWords : IOpenApiSchemaTransformer
{
    public Task TransformAsync(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancellationToken)
    {
        var type = context.JsonTypeInfo;
        if (IsId(type.Type))
            WriteOut(schema, Nullable.GetUnderlyingType(type.Type) is not null);
        else if (context.ParameterDescription?.ParameterDescriptor?.ParameterType is { } asked && IsId(asked))
            WriteOut(schema, false);
        else if (type.ElementType is { } element && IsId(element))
            WriteOut((OpenApiSchema)(schema.Items ??= new OpenApiSchema()), false);
        var field = context.JsonPropertyInfo;
        if ((OneOfAttribute.Of(field) ?? TechniqueSchema.WordsOf(field)) is { } words)
        {
            var of = schema.Items as OpenApiSchema ?? schema;
            of.Enum = [.. words.Select(w => (JsonNode)w)];
        }
        return Task.CompletedTask;
    }

    /// <summary>
    /// The name under which a type stands in the contract; null for one that is written out where it is used, as an id is.
    /// </summary>
    public static string? NameOf(JsonTypeInfo type)
    {
        ArgumentNullException.ThrowIfNull(type);
        return IsId(type.Type) ? null : OpenApiOptions.CreateDefaultSchemaReferenceId(type);
    }

    private static void WriteOut(OpenApiSchema schema, bool orNull)
    {
        schema.Type = orNull ? JsonSchemaType.String | JsonSchemaType.Null : JsonSchemaType.String;
        schema.Format = "uuid";
        // What the type says of itself is for whoever writes the server.
        if (schema.Description?.StartsWith(OfTheType, StringComparison.Ordinal) == true)
            schema.Description = null;
    }

    private const string OfTheType = "Which one of its kind";

    private static bool IsId(Type type) => Ids.IsId(Nullable.GetUnderlyingType(type) ?? type);
}
