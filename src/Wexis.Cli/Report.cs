using System.Text.Encodings.Web;
using System.Text.Json;
using Wexis.Core.Anatomy;

namespace Wexis.Cli;

/// <summary>What every headless check prints: JSON on standard output, in the names of the exchange.</summary>
internal static class Report
{
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web) { PropertyNamingPolicy = JsonNamingPolicy.SnakeCaseLower, WriteIndented = true, Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    public static void Print<T>(T report) => Console.Out.WriteLine(JsonSerializer.Serialize(report, Json));
}

/// <summary>The shipped reference data beside this program.</summary>
internal static class ReferenceData
{
    public static (Atlas Atlas, ActionModel Model) Read()
    {
        var folder = Path.Combine(AppContext.BaseDirectory, "data", "anatomy");
        var atlas = Atlas.Read(File.ReadAllText(Path.Combine(folder, "anatomy.json")));
        return (atlas, ActionModel.Read(File.ReadAllText(Path.Combine(folder, "action-rules.json")), atlas));
    }
}
