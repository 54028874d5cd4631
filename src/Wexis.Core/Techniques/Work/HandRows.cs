using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Strokes;

namespace Wexis.Core.Techniques.Work;

/// <summary>Hands: what the pressure reaches, in which mode, which way (rules R40–R49, R60, R61).</summary>
internal static class HandRows
{
    private static readonly HashSet<string> NearEyeOrNeck = new(StringComparer.Ordinal) { "eyes", "neck" };

    public static void Add(
        RowSet rows,
        Hand hand,
        CompletedStep completed,
        List<string> zonesTouched,
        List<FlowVerdict> flow,
        List<string> cannotTell,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        // A tool that may replace the hand changes nothing until it is chosen; what it would enter is still checked for safety.
        if (hand.Role == "tool-option")
            return;
        var path = StrokePath.Of(hand, atlas, settings);
        var zones = (hand.AllZones.Count > 0 ? hand.AllZones : path.Zones(atlas)).Where(atlas.Zones.ContainsKey).ToList();
        foreach (var z in zones.Where(z => !zonesTouched.Contains(z)))
            zonesTouched.Add(z);
        if (hand.Pressure == 0 || zones.Count == 0 && !path.HasPlace)
            return;
        var contact = hand.Contact is { } c ? atlas.Contacts.GetValueOrDefault(c) : null;
        var verb = model.Verbs[hand.Verb!];
        var side = SideOf(hand, completed.Sides);
        var bracing = hand.Role is "hold" or "anchor" or "resist" or "feel" || hand.Verb == "hold-still";
        var sure = hand.Pressure is not null;
        if (!sure)
            cannotTell.Add("Nothing says how hard the hand presses, so which muscles it reaches is uncertain.");

        var highest = 0;
        foreach (var id in zones)
        {
            var zone = atlas.Zones[id];
            var told = hand.Pressure ?? (NearEyeOrNeck.Contains(atlas.RegionOfZone[id]) ? 2 : 3);
            var cap = contact?.Pinch == true && zone.MaxPressurePinchLift is { } pinchCap ? pinchCap : zone.MaxPressure;
            if (contact is { Kind: ContactKind.Tool })
                cap = Math.Min(
                    cap,
                    atlas.RegionOfZone[id] switch
                    {
                        "eyes" => 2,
                        "neck" => id == "anterior-neck" ? 1 : 3,
                        _ => 3,
                    }
                );
            if (contact?.ToolEdge == true)
                cap = Math.Max(1, cap - 1);
            var level = Math.Min(told, cap);
            if (told > cap)
                cannotTell.Add(
                    $"Pressure {told} ({StepWords.Feel(told)}) is above the cap of the {zone.Name}, {cap}: the map counts level {cap}."
                );
            highest = Math.Max(highest, level);
            if (!bracing && verb.ModeWhenMuscleReached is not (Mode.SkinLymph or Mode.Inhibited))
                MuscleRows(
                    rows,
                    hand,
                    zone,
                    level + (contact?.DepthBonus ?? 0),
                    verb,
                    contact,
                    path,
                    side,
                    sure,
                    cannotTell,
                    atlas,
                    model.Rules
                );
        }
        var light = highest <= model.Rules.LymphLevels.Max();
        rows.Add(
            "skin",
            side,
            Mode.SkinLymph,
            bracing ? Strength.Incidental : Strength.Primary,
            "R40",
            sure: true,
            null,
            new ReasonInput("pressure", $"{highest} ({StepWords.Feel(highest)})")
        );
        rows.Add(
            "superficial-lymph",
            side,
            Mode.SkinLymph,
            bracing ? Strength.Incidental
                : light && hand.Verb is "stroke" or "lymph-pump" && light ? Strength.Primary
                : Strength.Secondary,
            "R40",
            sure: true,
            null,
            new ReasonInput("verb", StepWords.Verb(hand.Verb))
        );

        if (hand.Glide == true && new FlowRows(path, atlas, model.Rules) is var rowsOfFlow)
            flow.AddRange(zones.SelectMany(z => rowsOfFlow.Over(atlas.Zones[z])));
    }

    private static void MuscleRows(
        RowSet rows,
        Hand hand,
        Zone zone,
        int depth,
        ManualVerb verb,
        Contact? contact,
        StrokePath path,
        Side side,
        bool sure,
        List<string> cannotTell,
        Atlas atlas,
        RuleData rules
    )
    {
        int LevelOf(string id) =>
            zone.ReachInside?.TryGetValue(id, out var inside) == true ? inside
            : zone.ReachBy?.ContainsKey(id) == true && contact?.Pinch != true ? 9
            : atlas.Muscles[id].MinPressureToReach;
        var layered = zone.ReachInside is { Count: > 0 } inside
            ? zone.MusclesSuperficialToDeep.Concat(inside.Keys).Distinct().ToArray()
            : zone.MusclesSuperficialToDeep;
        var reached = layered.Where(id => LevelOf(id) <= depth && LevelOf(id) < 9).ToList();
        if (reached.Count == 0)
            return;
        if (verb.ModeWhenMuscleReached == Mode.Stretched)
        {
            Stretch(rows, zone, reached, path, side, sure, cannotTell, atlas, rules);
            return;
        }
        var reach = reached.Max(LevelOf);
        var primaries = reached
            .Where(id => LevelOf(id) == reach && zone.Passing?.Contains(id) != true)
            .GroupBy(id => atlas.Muscles[id].Depth)
            .SelectMany(g => g.Take(2))
            .ToHashSet(StringComparer.Ordinal);
        foreach (var id in reached)
            rows.Add(
                id,
                side,
                verb.ModeWhenMuscleReached,
                primaries.Contains(id) ? Strength.Primary : Strength.Secondary,
                "R42",
                sure,
                Fibres(hand, zone, path, atlas.Muscles[id], rules),
                new ReasonInput("zone", zone.Name),
                new ReasonInput("depth of the hand", $"{depth}"),
                new ReasonInput("reached from", $"{LevelOf(id)}")
            );
    }

    private static void Stretch(
        RowSet rows,
        Zone zone,
        List<string> reached,
        StrokePath path,
        Side side,
        bool sure,
        List<string> cannotTell,
        Atlas atlas,
        RuleData rules
    )
    {
        if (path.DirectionDegrees is not { } direction)
        {
            cannotTell.Add($"Nothing says which way the {zone.Name} is drawn, so no muscle counts as stretched.");
            return;
        }
        foreach (var id in reached)
        {
            var muscle = atlas.Muscles[id];
            if (muscle.Fibre.AxisDeg is not { } axis)
            {
                if (muscle.Fibre.Kind == FibreKind.Circular)
                    rows.Add(id, side, Mode.Stretched, Strength.Secondary, "R44", sure, null, new ReasonInput("fibres", "a ring"));
                continue;
            }
            var angle = FaceAngle.ToAxis(direction, axis);
            if (RuleData.Class(rules.Stretch, angle) is { } strength)
                rows.Add(
                    id,
                    side,
                    Mode.Stretched,
                    strength,
                    "R44",
                    sure,
                    null,
                    new ReasonInput("angle to the fibres", $"{angle:0}°"),
                    new ReasonInput("zone", zone.Name)
                );
        }
    }

    /// <summary>How the leg that runs furthest over a zone lies to the fibres there, as an angle between two lines: 0° to 90°.</summary>
    private static string? Fibres(Hand hand, Zone zone, StrokePath path, Muscle muscle, RuleData rules)
    {
        if (hand.Glide != true || path.WaysOver(zone) is not [var way, ..] || muscle.Fibre.AxisDeg is not { } axis)
            return null;
        var angle = FaceAngle.ToAxis(way.Degrees, axis);
        return $"{RuleData.Class(rules.Fibre, angle)?.Word()}, {angle:0}°";
    }

    private static Side SideOf(Hand hand, Sides stepSides) => (ClosedList.Of<Sides>(hand.Sides) ?? stepSides).Where();
}
