using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Routines;

/// <summary>One way in which two routines differ, in words, with both sides of it.</summary>
/// <param name="What">minutes, structure, region, pressure, sides, exclusion, part.</param>
public sealed record RoutineDifference(string What, string Says, string First, string Second)
{
    private const double WorthSaying = 5;

    /// <summary>What differs, the weightiest first; nothing when the two come to the same.</summary>
    public static IReadOnlyList<RoutineDifference> Between(
        IReadOnlyList<LaidPart> first,
        RoutineSum ofFirst,
        IReadOnlyList<LaidPart> second,
        RoutineSum ofSecond,
        Atlas atlas
    )
    {
        ArgumentNullException.ThrowIfNull(first);
        ArgumentNullException.ThrowIfNull(ofFirst);
        ArgumentNullException.ThrowIfNull(second);
        ArgumentNullException.ThrowIfNull(ofSecond);
        ArgumentNullException.ThrowIfNull(atlas);
        return
        [
            .. Minutes(ofFirst, ofSecond),
            .. Regions(ofFirst, ofSecond),
            .. Structures(ofFirst, ofSecond, atlas),
            .. Pressures(first, second),
            .. OneSides(first, second),
            .. Exclusions(ofFirst, ofSecond),
        ];
    }

    private static string Time(double seconds) => $"{(int)seconds / 60}:{(int)seconds % 60:00} min";

    private static IEnumerable<RoutineDifference> Minutes(RoutineSum a, RoutineSum b)
    {
        var by = b.Chosen - a.Chosen;
        if (Math.Abs(by) >= WorthSaying)
            yield return new(
                "minutes",
                $"the second takes {Time(Math.Abs(by))} {(by > 0 ? "more" : "less")}",
                Time(a.Chosen),
                Time(b.Chosen)
            );
    }

    private static IEnumerable<RoutineDifference> Regions(RoutineSum a, RoutineSum b)
    {
        var (there, here) = (b.Regions.ToDictionary(r => r.Region), a.Regions.ToDictionary(r => r.Region));
        foreach (var id in here.Keys.Union(there.Keys).Order(StringComparer.Ordinal))
        {
            var (x, y) = (here.GetValueOrDefault(id)?.Seconds ?? 0, there.GetValueOrDefault(id)?.Seconds ?? 0);
            var name = (here.GetValueOrDefault(id) ?? there[id]).Name.ToLowerInvariant();
            if (Math.Abs(x - y) >= WorthSaying)
                yield return new(
                    "region",
                    y == 0 ? $"only the first works on {name}"
                        : x == 0 ? $"only the second works on {name}"
                        : $"the {(y > x ? "second" : "first")} stays longer on {name}",
                    Time(x),
                    Time(y)
                );
        }
    }

    private static IEnumerable<RoutineDifference> Structures(RoutineSum a, RoutineSum b, Atlas atlas)
    {
        static ILookup<string, Mode> Main(RoutineSum s) =>
            s.Map.Worked.Where(r => r.Strength == Strength.Primary).ToLookup(r => r.Structure, r => r.Mode);
        var (here, there) = (Main(a), Main(b));
        foreach (var id in here.Select(g => g.Key).Union(there.Select(g => g.Key)).OrderBy(atlas.CommonName, StringComparer.Ordinal))
        {
            var (x, y) = (Modes(here[id]), Modes(there[id]));
            if (x != y)
                yield return new("structure", $"{atlas.BothNames(id)}: {x} in the first, {y} in the second", x, y);
        }
        static string Modes(IEnumerable<Mode> modes) =>
            string.Join(", ", modes.Distinct().Order().Select(m => m.Plain())) is { Length: > 0 } words ? words : "not mainly worked";
    }

    private static IEnumerable<RoutineDifference> Pressures(IReadOnlyList<LaidPart> a, IReadOnlyList<LaidPart> b)
    {
        static int Most(IReadOnlyList<LaidPart> parts) =>
            parts
                .SelectMany(p => p.Handed)
                .SelectMany(s => s.Completed.AllHands.Where(h => h.Verb is not null))
                .Select(h => h.Pressure ?? 0)
                .DefaultIfEmpty(0)
                .Max();
        var (x, y) = (Most(a), Most(b));
        if (x != y)
            yield return new("pressure", $"the {(y > x ? "second" : "first")} presses harder", Feel(x), Feel(y));
        static string Feel(int level) => level == 0 ? "no hands" : Techniques.Work.StepWords.Feel(level);
    }

    private static IEnumerable<RoutineDifference> OneSides(IReadOnlyList<LaidPart> a, IReadOnlyList<LaidPart> b)
    {
        static int Alone(IReadOnlyList<LaidPart> parts) => RoutineReview.SidePairs(parts).Count(p => p.Second is null);
        var (x, y) = (Alone(a), Alone(b));
        if (x != y)
            yield return new("sides", $"the {(y > x ? "second" : "first")} leaves out a side more often", $"{x}", $"{y}");
    }

    private static IEnumerable<RoutineDifference> Exclusions(RoutineSum a, RoutineSum b)
    {
        var (here, there) = (a.Exclusions.ToDictionary(e => e.Id), b.Exclusions.ToDictionary(e => e.Id));
        foreach (var id in here.Keys.Union(there.Keys).Order(StringComparer.Ordinal))
        {
            var (x, y) = (here.GetValueOrDefault(id), there.GetValueOrDefault(id));
            if (x?.Handling != y?.Handling)
                yield return new(
                    "exclusion",
                    $"{(x ?? y)!.Name}: {x?.Says ?? "allowed"} in the first, {y?.Says ?? "allowed"} in the second",
                    x?.Says ?? "allowed",
                    y?.Says ?? "allowed"
                );
        }
    }
}
