using BenchmarkDotNet.Running;
using Wexis.Benchmarks;

BenchmarkSwitcher.FromAssembly(typeof(CoreBenchmarks).Assembly).Run(args.Length > 0 ? args : ["--filter", "*"]);
