using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Strokes;

namespace Wexis.Core.Techniques.Work;

/// <summary>How the legs of a stroke lie to the flow of the zones that they run over (rules R61, R63, R64).</summary>
internal static class FlowRows
{
    /// <summary>How near to its nodes a stroke has come to them: 0.25 IPD, about a finger-breadth; node groups are no points.</summary>
    private const double AtNodes = 0.25;

    /// <summary>
    /// The verdicts over one zone: that of the leg that runs furthest over it, and of one that runs against the flow. A leg that leads to
    /// the nodes of the zone, where the path ends, runs with it. Along the jaw to the ear and down again to the collarbone is one way.
    /// </summary>
    public static IEnumerable<FlowVerdict> Over(Zone zone, StrokePath path, Atlas atlas, RuleData rules)
    {
        if (zone.DrainDirDegLeft is not { } drain || zone.DrainDirView is not (null or FaceView.Frontal))
            return [];
        var all = path.WaysOver(zone)
            .Where(w => !BesideTheEar(w, zone, path, atlas))
            .Select(w => Of(w, zone, drain, path, atlas, rules))
            .ToList();
        if (all.Count == 0)
            return [];
        // A second leg over the same zone counts where it runs back over it.
        List<FlowVerdict> flow = [all[0], .. all.Skip(1).Where(f => f.Verdict == FlowWay.Against).Take(1)];
        if (!AlongJaw(zone, atlas))
            return flow.DistinctBy(f => f.Verdict);
        if (path.Stops.Count > 2 && StrokePath.Nearest(path.Stops[^1].Point, path.Stops[^1].Surface, atlas).Contains("supraclavicular"))
            return flow.Take(1).Select(f => f.Verdict == FlowWay.With ? f : f with { Verdict = FlowWay.With, Rule = "R64" });
        return flow.DistinctBy(f => f.Verdict);
    }

    private static FlowVerdict Of(WayOver way, Zone zone, double drain, StrokePath path, Atlas atlas, RuleData rules)
    {
        var angle = FaceAngle.BetweenDirections(way.Degrees, drain);
        var flow = new FlowVerdict(zone.Id, zone.Name, RuleData.Class(rules.Flow, angle)!.Value, angle, [.. zone.DrainsTo ?? []]);
        if (flow.Verdict != FlowWay.Against || way.Leg is not { } leg || OnNeck(zone.Id, atlas) || FromNeck(path.Legs[leg], atlas))
            return flow;
        if (NodesAtEnd(zone, path, atlas).Any(n => LeadsTo(n, way.Degrees, path.Legs[leg].From, rules)))
            return flow with { Verdict = FlowWay.With, Rule = "R63" };
        return AlongJaw(zone, atlas) && EndsAtNodes(path, atlas) ? flow with { Verdict = FlowWay.Neutral, Rule = "R64" } : flow;
    }

    private static bool AlongJaw(Zone zone, Atlas atlas) => atlas.RegionOfZone[zone.Id] is "jaw" or "mouth-chin";

    /// <summary>Whether a leg that begins at a place runs towards nodes, as one runs with the flow.</summary>
    private static bool LeadsTo(FacePoint nodes, double degrees, FacePoint from, RuleData rules) =>
        nodes.DistanceTo(from) > AtNodes
        && RuleData.Class(rules.Flow, FaceAngle.BetweenDirections(degrees, FaceAngle.Direction(from, nodes))) == FlowWay.With;

    /// <summary>
    /// Where the path ends at nodes that the zone drains to, at once or by one group more: where they lie, front view, left half. None
    /// where it began at them too: to and fro leads nowhere.
    /// </summary>
    private static IEnumerable<FacePoint> NodesAtEnd(Zone zone, StrokePath path, Atlas atlas)
    {
        var first = zone.DrainsTo ?? [];
        var next = atlas.Document.Lymph.Where(g => first.Contains(g.Id)).SelectMany(g => g.EfferentTo ?? []);
        return atlas
            .Document.Lymph.Where(g => first.Contains(g.Id) || next.Contains(g.Id))
            .Select(g => new FacePoint(Math.Abs(g.Frontal[0]), g.Frontal[1]))
            .Where(n => n.DistanceTo(path.Stops[^1].Point) <= AtNodes && n.DistanceTo(path.Stops[0].Point) > AtNodes);
    }

    private static bool EndsAtNodes(StrokePath path, Atlas atlas) =>
        path.Zones(atlas).Any(z => !OnNeck(z, atlas) && NodesAtEnd(atlas.Zones[z], path, atlas).Any());

    /// <summary>
    /// The side of the neck reaches up behind the jaw to the ear lobe. A stroke of the face that ends at its nodes beside it runs up no
    /// neck.
    /// </summary>
    private static bool BesideTheEar(WayOver way, Zone zone, StrokePath path, Atlas atlas) =>
        way.Leg is { } leg && OnNeck(zone.Id, atlas) && !FromNeck(path.Legs[leg], atlas) && EndsAtNodes(path, atlas);

    private static bool FromNeck(StrokeLeg leg, Atlas atlas) =>
        StrokePath.Nearest(leg.From, leg.Start.Surface, atlas) is { Count: > 0 } near && near.All(z => OnNeck(z, atlas));

    private static bool OnNeck(string zone, Atlas atlas) => atlas.RegionOfZone[zone] is "neck" or "shoulders-chest";
}
