using System.Diagnostics;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Planning;

namespace Wexis.Benchmarks;

/// <summary>
/// Sessions by a plain greedy order, by Wexis and at least, with the time it takes; drawn programmes of two sizes. One run, ratios.
/// </summary>
internal static class SequenceQuality
{
    public static void Print()
    {
        Report("30 units, 40 prerequisites, 10 sessions", 30, 10, 40, [1, 2, 3]);
        Report("120 units, 300 prerequisites, 40 sessions", 120, 40, 300, [1, 2, 3]);
    }

    private static void Report(string what, int units, int sessions, int edges, int[] seeds)
    {
        foreach (var seed in seeds)
        {
            var problem = SequenceProblem.Of(Drawn(seed, units, sessions, edges));
            var greedy = GreedySequence.Of(problem);
            var from = Stopwatch.GetTimestamp();
            var plan = SequenceSolver.Solve(problem);
            var seconds = Stopwatch.GetElapsedTime(from).TotalSeconds;
            Console.WriteLine(
                $"{what}: greedy {(greedy is null ? "finds none" : $"{greedy.Distinct().Count()}")}, Wexis {plan.Objective?.Sessions} "
                    + "sessions "
                    + $"({plan.Status.Word()}), at least {plan.Bound?.Sessions}; wishes open {plan.Objective?.Wishes}, at least "
                    + $"{plan.Bound?.Wishes}; {seconds:0.0} s."
            );
        }
    }

    /// <summary>A programme that has a plan: minutes by quarters of an hour, prerequisites that point forward, phases, wishes.</summary>
    private static ProgrammeDocument Drawn(int seed, int count, int sessions, int edges)
    {
        var random = new Random(seed);
        var before = Enumerable.Range(0, count).Select(_ => new SortedSet<int>()).ToList();
        for (var left = edges; left > 0; )
        {
            var (a, b) = (random.Next(count), random.Next(count));
            if (a < b && b - a < count / 3 && before[b].Add(a))
                left--;
        }
        string[] phases = ["safety", "anatomy", "manual", "active", "tools", "teaching", "assessment"];
        return new(
            null,
            "drawn",
            Phases: phases,
            Units:
            [
                .. Enumerable
                    .Range(0, count)
                    .Select(u => new ProgrammeUnit(
                        $"u{u}",
                        $"Unit {u}",
                        "theory",
                        15 * random.Next(2, 9),
                        Phase: phases[u * phases.Length / count],
                        Prerequisites: [.. before[u].Select(p => $"u{p}")]
                    )),
            ],
            Sessions:
            [
                .. Enumerable.Range(0, sessions).Select(s => new ProgrammeSession($"s{s}", Day: s * 7, Minutes: 420, BreaksMin: 60)),
            ],
            Rules:
            [
                .. Enumerable
                    .Range(0, count / 10)
                    .Select(k => new ProgrammeRule(
                        $"wish{k}",
                        "not-same-session",
                        Weight: 1 + (k % 3),
                        Units: [$"u{random.Next(count / 2)}", $"u{(count / 2) + random.Next(count / 2)}"]
                    )),
            ]
        );
    }
}
