using System.Text.Json.Nodes;
using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>The JSON Schema of a programme file.</summary>
public static class ProgrammeSchema
{
    public static string Text()
    {
        var schema = ExchangeSchema.Of<ProgrammeDocument>(ProgrammeDocument.CurrentSchema);
        // Days are one number, or the fewest and the most.
        var days = schema["properties"]!["rules"]!["items"]!["properties"]!["days"]!.AsObject();
        days["type"] = new JsonArray("array", "integer", "null");
        return ExchangeSchema.Text(schema);
    }
}
