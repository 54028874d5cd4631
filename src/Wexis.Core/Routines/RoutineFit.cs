using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Library;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Routines;

/// <summary>
/// A routine as a problem of fitting to a time. Kept as far as the minutes allow, in this order: promises kept and seconds of promised
/// work, regions reached and seconds in them, stars, and then as near to the time as can be. See docs/method.md#fit.
/// </summary>
public static class RoutineFit
{
    /// <summary>
    /// Seconds of work are weighed in steps of so many; of a very long routine in longer ones, so that weights stay within their bounds.
    /// </summary>
    private const int FinestStep = 5;

    public static FitProblem Problem(
        RoutineDocument document,
        IReadOnlyList<LaidPart> parts,
        double minutes,
        Atlas atlas,
        HouseSettings settings,
        SchoolProfiles schools
    )
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(parts);
        ArgumentNullException.ThrowIfNull(atlas);
        ArgumentNullException.ThrowIfNull(settings);
        ArgumentNullException.ThrowIfNull(schools);
        var purpose = document.AllPurpose;
        var worth = Worth.Of(parts, purpose, FinestStep);
        var stays = Protected(document, parts, atlas, schools);
        var together = Together(parts);
        var problem = new FitProblem(
            FitProblem.Form,
            (int)Math.Floor(minutes * 60),
            [
                .. parts.Select(
                    (p, i) =>
                        new FitPart(
                            p.Part.Id,
                            p.Part.Place.Word(),
                            p.Part.Optional == true,
                            stays.Contains(p),
                            p.Part.Id,
                            together.TryGetValue(p, out var with) ? [.. with.Select(w => w.Part.Id!)] : null,
                            Offered(p, l => (long)Math.Ceiling(p.Seconds.At(l) + EyesAfter(parts, i))),
                            Offered(p, l => worth.At(i, l)),
                            p.Handed.FirstOrDefault() is { } first
                                ? new(Changeover.Slips(first) ? "slip" : "grip", Changeover.Tool(first, atlas), null)
                                : null
                        )
                ),
            ],
            null,
            Table(parts, atlas, settings)
        );
        return problem with
        {
            Rewards =
            [
                .. purpose.AllStructures.Select(
                    (s, i) =>
                        new FitReward(
                            $"promise {i + 1}",
                            worth.Promise,
                            [.. parts.Where(p => p.Map.Worked.Any(r => Keeps(s, r))).Select(p => p.Part.Id!)]
                        )
                ),
                .. purpose.AllRegions.Select(r => new FitReward(
                    $"region {r}",
                    worth.Region,
                    [.. parts.Where(p => p.Technique?.Document.Region == r).Select(p => p.Part.Id!)]
                )),
            ],
        };
    }

    /// <summary>The routine with the levels of a choice, and without what it leaves out.</summary>
    public static RoutineDocument With(RoutineDocument document, IReadOnlyDictionary<string, DoseLevel?> choice)
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(choice);
        return document with
        {
            Parts =
            [
                .. document
                    .AllParts.Where(p => choice.GetValueOrDefault(p.Id ?? "") is not null)
                    .Select(p => p.Technique is null || p.HasOwnDose ? p : p with { Level = choice[p.Id!]!.Value.Word() }),
            ],
        };
    }

    private static bool Keeps(RoutinePromise promise, WorkedRow row) =>
        row.Structure == promise.Structure
        && row.Strength != Strength.Incidental
        && (promise.Mode is null ? row.Mode != Mode.Inhibited : row.Mode.Word() == promise.Mode);

    private static bool HasLevels(LaidPart p) => p.Derived is not null && !p.Part.HasOwnDose;

    /// <summary>A free part and one with doses of its own have one length, called standard.</summary>
    private static PerLevel Offered(LaidPart p, Func<DoseLevel, long> at) =>
        HasLevels(p) ? new(at(DoseLevel.Minimum), at(DoseLevel.Standard), at(DoseLevel.Full)) : new(null, at(DoseLevel.Standard), null);

    /// <summary>What parts are worth: each kind outweighs all that stands below it, whatever is chosen.</summary>
    private sealed record Worth(
        IReadOnlyList<long[]> Work,
        IReadOnlyList<long[]> InRegion,
        IReadOnlyList<long> Stars,
        long SecondsInRegion,
        long Region,
        long SecondsOfWork,
        long Promise
    )
    {
        public long At(int part, DoseLevel level) =>
            (Work[part][(int)level] * SecondsOfWork) + (InRegion[part][(int)level] * SecondsInRegion) + Stars[part];

        public static Worth Of(IReadOnlyList<LaidPart> parts, RoutinePurpose purpose, int step)
        {
            var work = parts
                .Select(p =>
                    InSteps(
                        l =>
                            (p.Derived?.Map.Worked ?? []).Where(r => purpose.AllStructures.Any(s => Keeps(s, r))).Sum(r => r.Seconds.At(l)),
                        step
                    )
                )
                .ToList();
            var inRegion = parts
                .Select(p => InSteps(l => purpose.AllRegions.Contains(p.Technique?.Document.Region ?? "") ? p.Seconds.At(l) : 0, step))
                .ToList();
            var stars = parts.Select(p => (long)(p.Part.Stars ?? 0)).ToList();
            var secondsInRegion = stars.Sum() + 1;
            var region = secondsInRegion * (inRegion.Sum(r => r.Max()) + 1);
            var secondsOfWork = region * (purpose.AllRegions.Count + 1);
            var promise = secondsOfWork * (work.Sum(s => s.Max()) + 1);
            return promise <= FitProblem.MostValue
                ? new(work, inRegion, stars, secondsInRegion, region, secondsOfWork, promise)
                : Of(parts, purpose, step * 2);
        }

        private static long[] InSteps(Func<DoseLevel, double> seconds, int step) =>
            [.. Enum.GetValues<DoseLevel>().Select(l => (long)seconds(l) / step)];
    }

    /// <summary>
    /// What stays whatever is optional: the closing that safety asks for, the exits that a declared school opens or closes.
    /// </summary>
    private static HashSet<LaidPart> Protected(RoutineDocument document, IReadOnlyList<LaidPart> parts, Atlas atlas, SchoolProfiles schools)
    {
        var stays = new HashSet<LaidPart>();
        var fluid = parts.Where(RoutineReview.MovesFluid).ToList();
        if (fluid.Count > 0 && RoutineReview.EndsInHollow(fluid[^1]))
            stays.Add(fluid[^1]);
        var drains = document
            .AllSchools.Where(atlas.Schools.ContainsKey)
            .Select(s => schools.Schools.First(p => p.Id == s).Answers["drain"])
            .ToHashSet(StringComparer.Ordinal);
        if (fluid.Count > 1 && drains.Overlaps(["first", "both"]) && RoutineReview.Opening(parts, fluid[0]) is { } opening)
            stays.Add(opening);
        if (fluid.Count > 1 && drains.Overlaps(["last", "both"]) && RoutineReview.AtExits(fluid[^1]))
            stays.Add(fluid[^1]);
        return stays;
    }

    /// <summary>Parts that stay while others do: a release with its block, one side with the other.</summary>
    private static Dictionary<LaidPart, List<LaidPart>> Together(IReadOnlyList<LaidPart> parts)
    {
        var with = new Dictionary<LaidPart, List<LaidPart>>();
        void Stays(LaidPart part, IEnumerable<LaidPart> whileThese)
        {
            if (!with.TryGetValue(part, out var these))
                with[part] = these = [];
            these.AddRange(whileThese.Where(p => p != part && !these.Contains(p)));
        }
        foreach (var block in RoutineReview.ContractionBlocks(parts))
            if (RoutineReview.ReleaseOf(parts, block) is { } release)
                Stays(release, block);
        foreach (var (first, second) in RoutineReview.SidePairs(parts))
            if (second is not null)
            {
                Stays(first, [second]);
                Stays(second, [first]);
            }
        return with;
    }

    /// <summary>Whatever follows, the eyes are opened for it; the last part has nothing after it.</summary>
    private static double EyesAfter(IReadOnlyList<LaidPart> parts, int i) =>
        i < parts.Count - 1 && RoutineSum.EndsWithClosedEyes(parts[i]) ? RoutineSum.EyesSeconds : 0;

    /// <summary>Seconds from every part to every later one, as if nothing stood between them.</summary>
    private static Dictionary<string, Dictionary<string, int>> Table(IReadOnlyList<LaidPart> parts, Atlas atlas, HouseSettings settings)
    {
        var table = new Dictionary<string, Dictionary<string, int>>(StringComparer.Ordinal);
        for (var i = 0; i < parts.Count; i++)
        {
            var row = new Dictionary<string, int>(StringComparer.Ordinal);
            for (var j = i + 1; j < parts.Count; j++)
                if (
                    (int)
                        Math.Ceiling(
                            RoutineSum
                                .ChangesOf([parts[i], parts[j]], atlas, settings)
                                .Where(c => c.Kind != ChangeKind.Eyes)
                                .Sum(c => c.Seconds)
                        )
                    is > 0
                        and var seconds
                )
                    row[parts[j].Part.Id!] = seconds;
            if (row.Count > 0)
                table[parts[i].Part.Id!] = row;
        }
        return table;
    }
}
