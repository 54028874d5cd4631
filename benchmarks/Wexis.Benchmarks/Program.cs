using BenchmarkDotNet.Running;
using Wexis.Benchmarks;
using Wexis.Core.Anatomy;

// What the hazard review stops without need is a rate, not a time: it is counted first, and alone with the word false-stops.
if (args.Length == 0 || args[0] == "false-stops")
{
    var data = Path.Combine(
        Environment.GetEnvironmentVariable("WEXIS_ROOT")
            ?? throw new InvalidOperationException("WEXIS_ROOT is not set. Run ./wexis bench."),
        "data",
        "anatomy"
    );
    var atlas = Atlas.Read(File.ReadAllText(Path.Combine(data, "anatomy.json")));
    FalseStops.Print(atlas, ActionModel.Read(File.ReadAllText(Path.Combine(data, "action-rules.json")), atlas));
}
if (args is not ["false-stops"])
    BenchmarkSwitcher.FromAssembly(typeof(CoreBenchmarks).Assembly).Run(args.Length > 0 ? args : ["--filter", "*"]);
