using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Strokes;

namespace Wexis.Core.Techniques.Work;

/// <summary>How the legs of one stroke lie to the flow of the zones that they run over (rules R61, R63, R64).</summary>
internal sealed class FlowRows(StrokePath path, Atlas atlas, RuleData rules)
{
    /// <summary>How near to its nodes a stroke has come to them: 0.25 IPD, about a finger-breadth; node groups are no points.</summary>
    private const double AtNodes = 0.25;

    /// <summary>
    /// Node groups that the path ends at: where they lie, front view, left half. None where it began at them too: to and fro leads nowhere.
    /// </summary>
    private readonly Dictionary<string, FacePoint> _atEnd = atlas
        .Document.Lymph.Select(g => (g.Id, At: new FacePoint(Math.Abs(g.Frontal[0]), g.Frontal[1])))
        .Where(g => path.HasPlace && g.At.DistanceTo(path.Stops[^1].Point) <= AtNodes && g.At.DistanceTo(path.Stops[0].Point) > AtNodes)
        .ToDictionary(g => g.Id, g => g.At, StringComparer.Ordinal);

    /// <summary>
    /// The verdicts over one zone: that of the leg that runs furthest over it, and of one that runs against the flow. A leg that leads to
    /// the nodes of the zone, where the path ends, runs with it. Along the jaw to the ear and down again to the collarbone is one way.
    /// </summary>
    public IEnumerable<FlowVerdict> Over(Zone zone)
    {
        if (zone.DrainDirDegLeft is not { } drain || zone.DrainDirView is not (null or FaceView.Frontal))
            return [];
        var all = path.WaysOver(zone).Where(w => !BesideTheEar(w, zone)).Select(w => Of(w, zone, drain)).ToList();
        if (all.Count == 0)
            return [];
        if (AlongJaw(zone) && EndsAtHollow)
            return [all[0].Verdict == FlowWay.With ? all[0] : all[0] with { Verdict = FlowWay.With, Rule = FlowRule.AlongJaw }];
        // A second leg over the same zone counts where it runs back over it.
        return new[] { all[0] }.Concat(all.Skip(1).Where(f => f.Verdict == FlowWay.Against).Take(1)).DistinctBy(f => f.Verdict);
    }

    private FlowVerdict Of(WayOver way, Zone zone, double drain)
    {
        var angle = FaceAngle.BetweenDirections(way.Degrees, drain);
        var flow = new FlowVerdict(zone.Id, zone.Name, RuleData.Class(rules.Flow, angle)!.Value, angle, [.. zone.DrainsTo ?? []]);
        if (flow.Verdict != FlowWay.Against || way.Leg is not { } leg || OnNeck(zone.Id) || FromNeck(path.Legs[leg]))
            return flow;
        if (NodesAtEnd(zone).Any(n => LeadsTo(n, way.Degrees, path.Legs[leg].From)))
            return flow with { Verdict = FlowWay.With, Rule = FlowRule.AtItsNodes };
        return AlongJaw(zone) && EndsAtNodes ? flow with { Verdict = FlowWay.Neutral, Rule = FlowRule.AlongJaw } : flow;
    }

    private bool AlongJaw(Zone zone) => atlas.RegionOfZone[zone.Id] is "jaw" or "mouth-chin";

    private bool EndsAtHollow =>
        path.Stops.Count > 2 && StrokePath.Nearest(path.Stops[^1].Point, path.Stops[^1].Surface, atlas).Contains("supraclavicular");

    /// <summary>Whether a leg that begins at a place runs towards nodes, as one runs with the flow.</summary>
    private bool LeadsTo(FacePoint nodes, double degrees, FacePoint from) =>
        nodes.DistanceTo(from) > AtNodes
        && RuleData.Class(rules.Flow, FaceAngle.BetweenDirections(degrees, FaceAngle.Direction(from, nodes))) == FlowWay.With;

    /// <summary>Nodes at the end of the path that a zone drains to, at once or by one group more.</summary>
    private IEnumerable<FacePoint> NodesAtEnd(Zone zone)
    {
        var first = zone.DrainsTo ?? [];
        return _atEnd
            .Where(n =>
                first.Contains(n.Key) || atlas.Document.Lymph.Any(g => first.Contains(g.Id) && g.EfferentTo?.Contains(n.Key) == true)
            )
            .Select(n => n.Value);
    }

    /// <summary>Whether it ends at the nodes of some zone of the face that it runs over.</summary>
    private bool EndsAtNodes =>
        _atEnd.Count > 0 && (_endsAtNodes ??= path.Zones(atlas).Any(z => !OnNeck(z) && NodesAtEnd(atlas.Zones[z]).Any()));

    private bool? _endsAtNodes;

    /// <summary>
    /// The side of the neck reaches up behind the jaw to the ear lobe. A stroke of the face that ends at its nodes beside it runs up no
    /// neck.
    /// </summary>
    private bool BesideTheEar(WayOver way, Zone zone) => way.Leg is { } leg && OnNeck(zone.Id) && !FromNeck(path.Legs[leg]) && EndsAtNodes;

    private bool FromNeck(StrokeLeg leg) =>
        StrokePath.Nearest(leg.From, leg.Start.Surface, atlas) is { Count: > 0 } near && near.All(OnNeck);

    private bool OnNeck(string zone) => atlas.RegionOfZone[zone] is "neck" or "shoulders-chest";
}
