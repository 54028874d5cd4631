using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Server.App;

/// <summary>A text of the contract whose list is closed tells its words, as the schemas of the files do.</summary>
internal sealed class ContractWords : IOpenApiSchemaTransformer
{
    public Task TransformAsync(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancellationToken)
    {
        var field = context.JsonPropertyInfo;
        if ((OneOfAttribute.Of(field) ?? TechniqueSchema.WordsOf(field)) is { } words)
        {
            var of = schema.Items as OpenApiSchema ?? schema;
            of.Enum = [.. words.Select(w => (JsonNode)w)];
        }
        return Task.CompletedTask;
    }
}
