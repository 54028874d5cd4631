using System.Text.Json;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Cli;

/// <summary>What every headless check prints: JSON on standard output, in the names of the exchange.</summary>
internal static class Report
{
    public static void Print<T>(T report) => Console.Out.WriteLine(JsonSerializer.Serialize(report, ExchangeJson.Indented));
}

/// <summary>The shipped reference data beside this program.</summary>
internal static class ReferenceData
{
    public static string Folder { get; } = Path.Combine(AppContext.BaseDirectory, "data");

    public static (Atlas Atlas, ActionModel Model) Read()
    {
        var folder = Path.Combine(Folder, "anatomy");
        var atlas = Atlas.Read(File.ReadAllText(Path.Combine(folder, "anatomy.json")));
        return (atlas, ActionModel.Read(File.ReadAllText(Path.Combine(folder, "action-rules.json")), atlas));
    }
}
