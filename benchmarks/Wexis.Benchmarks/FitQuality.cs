using System.Diagnostics;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Routines;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;
using Wexis.Planning;

namespace Wexis.Benchmarks;

/// <summary>
/// A routine of 40 parts: sum and review against deriving one technique; its fit to a proven optimum, its worth beside a plain greedy
/// trim and
/// beside the upper bound. One run, ratios.
/// </summary>
internal static class FitQuality
{
    private const int Parts = 40;
    private const int Times = 7;

    public static void Print(string data, Atlas atlas, ActionModel model)
    {
        var settings = HouseSettings.Default;
        var schools = SchoolProfiles.Read(File.ReadAllText(Path.Combine(data, "library", "schools.json")), atlas);
        var shipped = TechniqueFile
            .Read(File.ReadAllText(Path.Combine(data, "library", "techniques.json")), atlas, model)
            .Techniques.Select(t => t.Document)
            .ToList();
        var library = new FileLibrary([], shipped, d => Derivation.Of(d, atlas, model, settings));
        var routine = new RoutineDocument(
            null,
            "forty",
            Purpose: new([new("zygomaticus-major", null), new("frontalis", null), new("skin", "skin-lymph")], ["cheeks", "eyes", "jaw"]),
            Parts:
            [
                .. Enumerable
                    .Range(0, Parts)
                    .Select(i => new RoutinePart(
                        $"p{i}",
                        shipped[i * 7 % shipped.Count].Id,
                        1,
                        "standard",
                        Role: "work",
                        Optional: i % 4 != 0,
                        Stars: i % 4
                    )),
            ]
        );
        var parts = RoutineSum.Lay(routine, library);
        var derive = Median(() => Derivation.Of(shipped[3], atlas, model, settings));
        var sum = Median(() =>
        {
            RoutineSum.Of(parts, atlas, settings);
            RoutineReview.Of(routine, parts, atlas, schools);
        });
        var minutes = RoutineSum.Of(parts, atlas, settings).Total.Standard / 60 * 0.7;
        var problem = RoutineFit.Problem(routine, parts, minutes, atlas, settings, schools);
        FitAnswer? answer = null;
        var fit = Median(() => answer = FitSolver.Solve(problem));
        var greedy = Greedy(problem);
        Console.WriteLine($"Sum and review of {Parts} parts: {sum / derive:0.00} of deriving one technique ({sum:0.00} ms).");
        var trimmed = greedy is null ? "finds nothing that fits" : $"{(double)greedy.Value / answer!.Value!.Value:0.0000} of it";
        Console.WriteLine(
            $"Fit of {Parts} parts with its two next best: {fit:0} ms, {answer!.Status.Word()}; worth "
                + $"{(double)answer.Value!.Value / answer.Bound!.Value:0.0000} of the bound, "
                + $"a greedy trim {trimmed}."
        );
    }

    private static double Median(Action act)
    {
        act();
        return Enumerable
            .Range(0, Times)
            .Select(_ =>
            {
                var from = Stopwatch.GetTimestamp();
                act();
                return Stopwatch.GetElapsedTime(from).TotalMilliseconds;
            })
            .Order()
            .ElementAt(Times / 2);
    }

    /// <summary>
    /// All at full; then again and again the step down that costs least worth for each second it saves, as one trims by hand.
    /// </summary>
    private static FitChoice? Greedy(FitProblem problem)
    {
        var levels = problem.AllParts.Select(p => (DoseLevel?)p.Levels.Max()).ToList();
        while (true)
        {
            var now = FitChoice.Of(problem, levels);
            if (now.Seconds <= problem.TargetSeconds)
                return FitCheck.Faults(problem, now.Choice).Count == 0 ? now : null;
            var best = Enumerable
                .Range(0, levels.Count)
                .Where(i => levels[i] is not null)
                .Select(i =>
                {
                    var lower = problem.AllParts[i].Levels.Where(l => l < levels[i]).Select(l => (DoseLevel?)l).DefaultIfEmpty(null).Max();
                    if (lower is null && !problem.AllParts[i].MayGo)
                        return (i, lower, Cost: double.MaxValue);
                    var next = FitChoice.Of(problem, [.. levels.Select((l, j) => j == i ? lower : l)]);
                    return (
                        i,
                        lower,
                        Cost: next.Seconds < now.Seconds ? (double)(now.Value - next.Value) / (now.Seconds - next.Seconds) : double.MaxValue
                    );
                })
                .MinBy(x => x.Cost);
            if (best.Cost == double.MaxValue)
                return null;
            levels[best.i] = best.lower;
        }
    }
}
