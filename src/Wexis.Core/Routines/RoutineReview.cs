using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Library;
using Wexis.Core.Techniques.Steps;

namespace Wexis.Core.Routines;

/// <summary>How weighty a remark is: safety is never a matter of style; order is common practice; style is the declared schools'.</summary>
[ClosedList]
public enum RemarkWeight
{
    Safety,
    Order,
    Style,
}

/// <summary>One touch that mends a remark: a part moved to stand right before another, or at the end.</summary>
/// <param name="Before">Id of the part it is moved before; null for the end.</param>
public sealed record RoutineRepair(string Part, string? Before, string Words);

/// <summary>Something in the order of a routine.</summary>
/// <param name="Rule">Which rule of order: finish, opening, closing, release, light-before-deep, eye-after-oil, second-side, style,
/// settle.</param>
/// <param name="Parts">Ids of the parts that it is about.</param>
/// <param name="Says">What is so, and why it matters.</param>
/// <param name="Repair">Null where nothing that is there would mend it.</param>
public sealed record RoutineRemark(
    string Rule,
    RemarkWeight Weight,
    IReadOnlyList<string> Parts,
    string Says,
    string Source,
    RoutineRepair? Repair
);

/// <summary>
/// The order of a routine: what common practice, the declared schools and safety say of it. Nothing is reordered by itself. See
/// docs/method.md#order.
/// </summary>
public static class RoutineReview
{
    private const string Practice = "common practice: the shape of a routine";
    private const int Deep = 4;
    private const int Light = 2;

    public static IReadOnlyList<RoutineRemark> Of(
        RoutineDocument document,
        IReadOnlyList<LaidPart> parts,
        Atlas atlas,
        SchoolProfiles schools
    )
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(parts);
        ArgumentNullException.ThrowIfNull(atlas);
        ArgumentNullException.ThrowIfNull(schools);
        return
        [
            .. new[]
            {
                Finish(parts),
                [.. Exits(document, parts, atlas, schools)],
                Releases(parts),
                LightBeforeDeep(parts, atlas),
                EyeAfterOil(parts),
                SecondSides(parts),
                Styles(document, parts, atlas),
                Ends(parts),
            }
                .SelectMany(r => r)
                .OrderBy(r => r.Weight),
        ];
    }

    private static string Id(LaidPart p) => p.Part.Id ?? "";

    /// <summary>Whether a part moves fluid: by a stroke along a zone's flow.</summary>
    internal static bool MovesFluid(LaidPart p) => p.Derived?.Map.Flow.Any(f => f.Verdict == FlowWay.With) == true;

    /// <summary>Whether it reaches the exits of the neck.</summary>
    internal static bool AtExits(LaidPart p) => p.Derived?.Map.ZonesTouched.Any(z => z is "lateral-neck" or "supraclavicular") == true;

    /// <summary>
    /// What opens the exits before or with the first fluid part: pressing in the hollow opens as a stroke through it does.
    /// </summary>
    internal static LaidPart? Opening(IReadOnlyList<LaidPart> parts, LaidPart firstFluid) =>
        parts.TakeWhile(p => p != firstFluid).Append(firstFluid).LastOrDefault(p => AtExits(p) && p.Handed.Any());

    /// <summary>Whether its last stroke ends in the hollow above the collarbone.</summary>
    internal static bool EndsInHollow(LaidPart p)
    {
        var hand = p.Handed.LastOrDefault()?.Completed.AllHands.LastOrDefault(h => h.Verb is not null);
        return hand is not null
            && (
                hand.AllPath.Count > 0
                    ? hand.AllPath[^1].Landmark is "supraclavicular_hollow" or "clavicle_mid"
                    : hand.AllZones.Count > 0 && hand.AllZones[^1] == "supraclavicular"
            );
    }

    /// <summary>House ruling 10: never a matter of school.</summary>
    private static IEnumerable<RoutineRemark> Finish(IReadOnlyList<LaidPart> parts)
    {
        var last = parts.LastOrDefault(p => MovesFluid(p));
        if (last is null || EndsInHollow(last))
            yield break;
        var closing = parts.LastOrDefault(p => EndsInHollow(p) && MovesFluid(p));
        var after = parts.SkipWhile(p => p != last).Skip(1).FirstOrDefault();
        yield return new(
            "finish",
            RemarkWeight.Safety,
            [Id(last)],
            $"The last fluid stroke of the routine is in “{last.Name}” and does not end at the hollow above the collarbone: what was "
                + "moved is left on the way."
                + (closing is null ? " Add a closing stroke down the side of the neck." : ""),
            "house ruling 10",
            closing is null || closing.Part.Place == PartRole.Open && parts.Count(EndsInHollow) == 1
                ? null
                : new(Id(closing), after is null ? null : Id(after), $"move “{closing.Name}” after “{last.Name}”")
        );
    }

    private static IEnumerable<RoutineRemark> Exits(
        RoutineDocument document,
        IReadOnlyList<LaidPart> parts,
        Atlas atlas,
        SchoolProfiles schools
    )
    {
        var fluid = parts.Where(p => MovesFluid(p)).ToList();
        if (fluid.Count < 2 || document.AllSchools.Count != 1)
            yield break;
        if (schools.Schools.FirstOrDefault(s => s.Id == document.AllSchools[0]) is not { } profile)
            yield break;
        var name = atlas.Schools[profile.Id].Name;
        var exits = parts.Where(p => AtExits(p) && p.Handed.Any()).ToList();
        if (profile.Answers["drain"] is "first" or "both" && Opening(parts, fluid[0]) is null)
            yield return new(
                "opening",
                RemarkWeight.Style,
                [Id(fluid[0])],
                $"“{fluid[0].Name}” moves fluid before the neck is opened; {name} opens it first.",
                "common practice of the style",
                exits.Count > 1 ? new(Id(exits[0]), Id(fluid[0]), $"move “{exits[0].Name}” before “{fluid[0].Name}”") : null
            );
        if (profile.Answers["drain"] is "last" or "both" && !AtExits(fluid[^1]))
            yield return new(
                "closing",
                RemarkWeight.Style,
                [Id(fluid[^1])],
                $"After “{fluid[^1].Name}” the way out is not gone once more; {name} closes at the neck.",
                "common practice of the style",
                null
            );
    }

    /// <summary>Consecutive parts that train; anything with hands that does not train ends a block.</summary>
    internal static IReadOnlyList<IReadOnlyList<LaidPart>> ContractionBlocks(IReadOnlyList<LaidPart> parts)
    {
        var blocks = new List<List<LaidPart>>();
        List<LaidPart>? open = null;
        foreach (var part in parts)
        {
            if (Trains(part))
            {
                if (open is null)
                    blocks.Add(open = []);
                open.Add(part);
            }
            else if (part.Derived is not null)
                open = null;
        }
        return blocks;
    }

    internal static bool Trains(LaidPart p) =>
        p.Part.Place == PartRole.Work && p.Derived?.Map.Worked.Any(r => r.Strength == Strength.Primary && r.Mode.IsActive()) == true;

    /// <summary>The part that releases a block: the next one with a technique, when its place is to release or to close.</summary>
    internal static LaidPart? ReleaseOf(IReadOnlyList<LaidPart> parts, IReadOnlyList<LaidPart> block) =>
        parts.SkipWhile(p => p != block[^1]).Skip(1).FirstOrDefault(p => p.Derived is not null) is { } next
        && next.Part.Place is PartRole.Release or PartRole.Close or PartRole.Settle
            ? next
            : null;

    private static IEnumerable<RoutineRemark> Releases(IReadOnlyList<LaidPart> parts)
    {
        var blocks = ContractionBlocks(parts);
        var used = blocks.Select(b => ReleaseOf(parts, b)).OfType<LaidPart>().ToHashSet();
        foreach (var block in blocks.Where(b => ReleaseOf(parts, b) is null))
        {
            var free = parts.FirstOrDefault(p => p.Part.Place == PartRole.Release && p.Derived is not null && !used.Contains(p));
            var after = parts.SkipWhile(p => p != block[^1]).Skip(1).FirstOrDefault();
            yield return new(
                "release",
                RemarkWeight.Order,
                [.. block.Select(Id)],
                $"“{block[^1].Name}” ends a block of training and nothing soft follows: what was tightened is not let go.",
                Practice,
                free is null ? null : new(Id(free), after is null ? null : Id(after), $"move “{free.Name}” after “{block[^1].Name}”")
            );
        }
    }

    private static int Pressure(LaidPart p) =>
        p.Handed.SelectMany(s => s.Completed.AllHands.Where(h => h.Verb is not null)).Select(h => h.Pressure ?? 0).DefaultIfEmpty(0).Max();

    private static IEnumerable<RoutineRemark> LightBeforeDeep(IReadOnlyList<LaidPart> parts, Atlas atlas)
    {
        var worked = parts.Where(p => p.Part.Place is PartRole.Prepare or PartRole.Open or PartRole.Work && p.Handed.Any()).ToList();
        foreach (var region in worked.GroupBy(p => p.Technique!.Document.Region).Where(g => g.Key is not null))
        {
            var inOrder = region.ToList();
            var deep = inOrder.FindIndex(p => Pressure(p) >= Deep);
            if (deep < 0)
                continue;
            // Opening the exits warms nothing.
            var light = inOrder.Skip(deep + 1).FirstOrDefault(p => p.Part.Place != PartRole.Open && Pressure(p) is > 0 and <= Light);
            if (light is null || inOrder.Take(deep).Any(p => Pressure(p) is > 0 and <= Light))
                continue;
            yield return new(
                "light-before-deep",
                RemarkWeight.Order,
                [Id(inOrder[deep]), Id(light)],
                $"On the {atlas.Regions[region.Key!].Name.ToLowerInvariant()} “{inOrder[deep].Name}” goes deep before “{light.Name}” "
                    + "has warmed it.",
                Practice,
                new(Id(light), Id(inOrder[deep]), $"move “{light.Name}” before “{inOrder[deep].Name}”")
            );
        }
    }

    /// <summary>Regions from which oil creeps to the eye.</summary>
    private static readonly IReadOnlySet<string> RoundTheEye = new HashSet<string>(StringComparer.Ordinal)
    {
        "upper-lid",
        "lower-lid",
        "inner-eye-corner",
        "outer-eye-corner",
        "brow",
        "temple",
        "malar",
        "medial-cheek",
        "glabella",
    };

    private static IEnumerable<RoutineRemark> EyeAfterOil(IReadOnlyList<LaidPart> parts)
    {
        LaidPart? oiled = null;
        foreach (var part in parts)
        {
            var nearEye = part.Handed.Any(s => s.Classes.Contains("eye"));
            if (nearEye && oiled is not null)
            {
                yield return new(
                    "eye-after-oil",
                    RemarkWeight.Safety,
                    [Id(oiled), Id(part)],
                    $"“{part.Name}” works near the eye after “{oiled.Name}” has put oil around it: oil creeps in. Work near the eye "
                        + "first, with clean, dry fingers, or wipe face and fingers.",
                    Practice,
                    new(Id(part), Id(oiled), $"move “{part.Name}” before “{oiled.Name}”")
                );
                yield break;
            }
            if (oiled is null && part.Handed.Any(s => Changeover.Slips(s) && s.Map.ZonesTouched.Any(RoundTheEye.Contains)) && !nearEye)
                oiled = part;
        }
    }

    private static Side? OnlySide(LaidPart p)
    {
        var sides = (p.Derived?.Steps ?? []).Select(s => s.Sides).Distinct().ToList();
        return sides is [Sides.Left] ? Side.Left
            : sides is [Sides.Right] ? Side.Right
            : null;
    }

    /// <summary>Parts of one technique on one side, with those of its other side.</summary>
    internal static IReadOnlyList<(LaidPart First, LaidPart? Second)> SidePairs(IReadOnlyList<LaidPart> parts)
    {
        var found = new List<(LaidPart, LaidPart?)>();
        var taken = new HashSet<LaidPart>();
        foreach (var part in parts.Where(p => OnlySide(p) is not null))
        {
            if (!taken.Add(part))
                continue;
            var second = parts.FirstOrDefault(o =>
                !taken.Contains(o) && OnlySide(o) is { } there && there != OnlySide(part) && SameBut(part, o)
            );
            if (second is not null)
                taken.Add(second);
            found.Add((part, second));
        }
        return found;
    }

    private static bool SameBut(LaidPart a, LaidPart b) =>
        a.Derived!.Steps.Count == b.Derived!.Steps.Count
        && a.Derived.Steps.Zip(b.Derived.Steps)
            .All(s => s.First.Family == s.Second.Family && Verbs(s.First).SequenceEqual(Verbs(s.Second)));

    private static IEnumerable<string> Verbs(DerivedStep s) =>
        s.Completed.AllActs.Select(a => a.Do ?? "").Concat(s.Completed.AllHands.Select(h => h.Verb ?? ""));

    private static IEnumerable<RoutineRemark> SecondSides(IReadOnlyList<LaidPart> parts)
    {
        foreach (var (first, second) in SidePairs(parts))
        {
            var side = OnlySide(first) == Side.Left ? "left" : "right";
            if (second is null)
            {
                yield return new(
                    "second-side",
                    RemarkWeight.Order,
                    [Id(first)],
                    $"“{first.Name}” works the {side} side and nothing works the other.",
                    Practice,
                    null
                );
                continue;
            }
            var between = parts.SkipWhile(p => p != first).Skip(1).TakeWhile(p => p != second).Where(p => p.Derived is not null).ToList();
            if (between.Count == 0)
                continue;
            yield return new(
                "second-side",
                RemarkWeight.Order,
                [Id(first), Id(second)],
                $"The second side of “{first.Name}” comes only after “{between[^1].Name}”: do it at once.",
                Practice,
                new(Id(second), Id(parts.SkipWhile(p => p != first).Skip(1).First()), $"move “{second.Name}” right after “{first.Name}”")
            );
        }
    }

    private static IEnumerable<RoutineRemark> Styles(RoutineDocument document, IReadOnlyList<LaidPart> parts, Atlas atlas)
    {
        if (document.AllSchools.Count == 0 || document.AllSchools.Contains("mixed"))
            yield break;
        var names = string.Join(" and ", document.AllSchools.Where(atlas.Schools.ContainsKey).Select(s => atlas.Schools[s].Name));
        foreach (var part in parts)
            if (part.Technique?.Document.School is { } school && school != "mixed" && !document.AllSchools.Contains(school))
                yield return new(
                    "style",
                    RemarkWeight.Style,
                    [Id(part)],
                    $"“{part.Name}” is {atlas.Schools[school].Name}; the routine follows {names}.",
                    "common practice of the style",
                    null
                );
    }

    private static IEnumerable<RoutineRemark> Ends(IReadOnlyList<LaidPart> parts)
    {
        if (
            parts.Count < 3
            || parts[^1].Part.Place is PartRole.Close or PartRole.Settle
            || parts[^1].Part.Free is "notice" or "settle" or "breath"
        )
            yield break;
        yield return new(
            "settle",
            RemarkWeight.Order,
            [Id(parts[^1])],
            $"The routine stops with “{parts[^1].Name}”: end with a closing or a moment of stillness.",
            Practice,
            parts.LastOrDefault(p => p.Part.Place is PartRole.Close or PartRole.Settle) is { } close
                ? new(Id(close), null, $"move “{close.Name}” to the end")
                : null
        );
    }
}
