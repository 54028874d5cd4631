using BenchmarkDotNet.Configs;
using BenchmarkDotNet.Running;
using Wexis.Benchmarks;
using Wexis.Core.Anatomy;

// What the hazard review stops without need, and what fits and sequences are worth, are counted first; alone with false-stops, routines,
// sequences.
string[] counted = ["false-stops", "routines", "sequences"];
bool Asked(string what) => args.Length == 0 || args is [var only] && only == what;
if (Asked("sequences"))
    SequenceQuality.Print();
if (Asked("false-stops") || Asked("routines"))
{
    var data = Path.Combine(
        Environment.GetEnvironmentVariable("WEXIS_ROOT")
            ?? throw new InvalidOperationException("WEXIS_ROOT is not set. Run ./wexis bench."),
        "data"
    );
    var atlas = Atlas.Read(File.ReadAllText(Path.Combine(data, "anatomy", "anatomy.json")));
    var model = ActionModel.Read(File.ReadAllText(Path.Combine(data, "anatomy", "action-rules.json")), atlas);
    if (Asked("false-stops"))
        FalseStops.Print(atlas, model);
    if (Asked("routines"))
        FitQuality.Print(data, atlas, model);
}
if (args.Length > 0 && counted.Contains(args[0]))
    return 0;

// The benchmarks build the core with its analyzers: on two cores that takes more than the two minutes it is given otherwise.
var patient = ManualConfig.Create(DefaultConfig.Instance).WithBuildTimeout(TimeSpan.FromMinutes(10));
var summaries = BenchmarkSwitcher.FromAssembly(typeof(CoreBenchmarks).Assembly).Run(args.Length > 0 ? args : ["--filter", "*"], patient);
return summaries.SelectMany(s => s.Reports).All(r => r.Success) ? 0 : 1;
