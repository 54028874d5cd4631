using BenchmarkDotNet.Running;
using Wexis.Benchmarks;
using Wexis.Core.Anatomy;

// What the hazard review stops without need, and what a fit is worth, are counted first; alone with the words false-stops and routines.
if (args.Length == 0 || args[0] is "false-stops" or "routines")
{
    var data = Path.Combine(
        Environment.GetEnvironmentVariable("WEXIS_ROOT")
            ?? throw new InvalidOperationException("WEXIS_ROOT is not set. Run ./wexis bench."),
        "data"
    );
    var atlas = Atlas.Read(File.ReadAllText(Path.Combine(data, "anatomy", "anatomy.json")));
    var model = ActionModel.Read(File.ReadAllText(Path.Combine(data, "anatomy", "action-rules.json")), atlas);
    if (args is not ["routines"])
        FalseStops.Print(atlas, model);
    if (args is not ["false-stops"])
        FitQuality.Print(data, atlas, model);
}
if (args is not ["false-stops"] and not ["routines"])
    BenchmarkSwitcher.FromAssembly(typeof(CoreBenchmarks).Assembly).Run(args.Length > 0 ? args : ["--filter", "*"]);
