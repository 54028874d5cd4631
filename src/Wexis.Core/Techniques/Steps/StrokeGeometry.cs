using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Strokes;

namespace Wexis.Core.Techniques.Steps;

/// <summary>How much of a contact lies over a structure, whether this pressure reaches it, and how the stroke lies to its fibres.</summary>
/// <param name="Share">Share of the touched area that lies over the structure's outline, 0 to 1.</param>
/// <param name="AngleDegrees">Angle to its fibres, 0 to 90; null for rings and for contacts that do not travel.</param>
/// <param name="Lies">along, oblique or across; null with the angle.</param>
public sealed record UnderStroke(string Structure, string Name, double Share, bool Reached, double? AngleDegrees, FibreLine? Lies);

/// <summary>A hazard zone under a contact.</summary>
public sealed record HazardUnderStroke(string Hazard, string Name, bool Entered, double Share);

/// <summary>The geometry of one hand track, on the front surface, for the subject's left.</summary>
/// <param name="LegDegrees">Direction of each leg from end to end, counter-clockwise from the subject's left.</param>
/// <param name="Edges">The edge that each leg follows (rim, jaw, hairline); null where it runs straight.</param>
/// <param name="LengthIpd">Length of the path in pupil distances.</param>
public sealed record StrokeGeometry(
    int Step,
    int Hand,
    IReadOnlyList<double> LegDegrees,
    IReadOnlyList<string?> Edges,
    double LengthIpd,
    double WidthIpd,
    IReadOnlyList<UnderStroke> Structures,
    IReadOnlyList<HazardUnderStroke> Hazards
)
{
    /// <summary>Less than this share of a contact is the edge of a finger, not work: 2 %.</summary>
    private const double LeastShare = 0.02;

    public static IReadOnlyList<StrokeGeometry> Of(IReadOnlyList<DerivedStep> steps, Atlas atlas, ActionModel model, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(steps);
        ArgumentNullException.ThrowIfNull(atlas);
        ArgumentNullException.ThrowIfNull(model);
        return
        [
            .. steps.SelectMany(s =>
                s.Completed.AllHands.Select((h, i) => (Step: s, Hand: h, Index: i, Path: StrokePath.Of(h, atlas, settings)))
                    .Where(x => x.Path.HasPlace && x.Hand.Verb is not null)
                    .Select(x => OfHand(x.Step, x.Hand, x.Index, x.Path, atlas, model.Rules))
            ),
        ];
    }

    private static StrokeGeometry OfHand(DerivedStep step, Hand hand, int index, StrokePath path, Atlas atlas, RuleData rules)
    {
        var worked = step.Map.Worked.Select(r => r.Structure).ToHashSet(StringComparer.Ordinal);
        var structures = atlas
            .Document.Muscles.Where(m => m.Views.TryGetValue("frontal", out var v) && v.Polygon is { Length: > 2 })
            .Select(m =>
                (
                    Muscle: m,
                    path.OverFront(m.Views["frontal"].Polygon!, m.Views["frontal"].Holes is { Length: > 0 } holes ? holes[0] : null).Share
                )
            )
            .Where(x => x.Share >= LeastShare)
            .OrderByDescending(x => x.Share)
            .Select(x =>
            {
                double? angle =
                    hand.Glide == true && path.DirectionDegrees is { } d && x.Muscle.Fibre.AxisDeg is { } axis
                        ? FaceAngle.ToAxis(d, axis)
                        : null;
                return new UnderStroke(
                    x.Muscle.Id,
                    x.Muscle.PlainName,
                    x.Share,
                    worked.Contains(x.Muscle.Id) && (hand.Pressure ?? 3) >= x.Muscle.MinPressureToReach,
                    angle,
                    angle is { } a ? RuleData.Class(rules.Fibre, a) : null
                );
            });
        var hazards = atlas
            .Document.Hazards.Select(h => (Hazard: h, Over: path.Over(h, false)))
            .Where(x => x.Over.Entered || x.Over.Share >= LeastShare)
            .Select(x => new HazardUnderStroke(x.Hazard.Id, x.Hazard.Name, x.Over.Entered, x.Over.Share));
        return new(
            step.Index,
            index,
            [.. path.Legs.Select(l => FaceAngle.Direction(l.From, l.To))],
            [.. path.Legs.Select(l => l.Edge)],
            path.Legs.Sum(l => l.LengthIpd),
            path.WidthIpd,
            [.. structures],
            [.. hazards]
        );
    }

    /// <summary>
    /// Zones of a region that no contact of the technique touches; empty when no region is chosen or no hand works.
    /// </summary>
    public static IReadOnlyList<string> Uncovered(string? region, IReadOnlyList<DerivedStep> steps, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        var touched = steps.SelectMany(s => s.Map.ZonesTouched).ToHashSet(StringComparer.Ordinal);
        return region is null || touched.Count == 0 || !atlas.Regions.TryGetValue(region, out var r)
            ? []
            : [.. r.Zones.Where(z => !touched.Contains(z))];
    }
}
