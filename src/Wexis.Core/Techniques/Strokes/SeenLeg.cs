using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Overlay;
using NetTopologySuite.Operation.OverlayNG;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Strokes;

/// <summary>A contact in one picture: its centre line, and what it touches; null where only the centre line is asked about.</summary>
internal sealed record Seen(FaceView View, LineString Line, double Width, Geometry? Touched);

/// <summary>A leg, or a place where the hand stays, in every picture that shows a surface it lies on.</summary>
/// <param name="Depth">A place on the front where the hand stays, as the side picture would show it; null where its depth is not
/// known.</param>
internal sealed record SeenLeg(IReadOnlyList<Seen> Pictures, Seen? Depth = null)
{
    public Seen? In(FaceView view) => Pictures.FirstOrDefault(p => p.View == view);

    /// <summary>
    /// Whether it stays well before a hazard, as the side picture shows both: what lies under the chin faces down, and the front picture
    /// draws it together with what lies behind it.
    /// </summary>
    public bool LiesBefore(Hazard hazard) =>
        Depth is { Touched: { } touched }
        && hazard.Outlines.Where(o => o.View == FaceView.Lateral).ToList() is { Count: > 0 } sides
        && sides.All(o => touched.Distance(Shapes.Area(o.Polygon, null)) >= SeenContacts.Before);
}

/// <summary>How the contacts of a path look in the pictures of the atlas, and what they meet there.</summary>
internal static class SeenContacts
{
    /// <summary>Closer than this, two places are one: 1e-9 IPD, far below what a hand can tell.</summary>
    public const double SamePoint = 1e-9;

    /// <summary>What ends this far before a hazard lies before it: 0.05 IPD, some 3 mm, more than the outlines are out.</summary>
    public const double Before = 0.05;

    public static bool Enters(LineString line, Geometry area) =>
        Shapes.ComesNear(line, area, 0)
        && (line.Length < SamePoint ? area.Contains(line.StartPoint) : line.Crosses(area) || line.Within(area));

    /// <summary>How much of what a contact touches lies on an area.</summary>
    public static double Common(Seen seen, Geometry touched, Geometry area) =>
        Shapes.ComesNear(seen.Line, area, seen.Width / 2) ? OverlayNG.Overlay(touched, area, SpatialFunction.Intersection).Area : 0;

    public static IEnumerable<SeenLeg> Of(IReadOnlyList<StrokeLeg> legs, IReadOnlyList<PathStop> stops, double width)
    {
        foreach (var leg in legs.Where(l => !l.Through))
            yield return new([.. Pictures([.. leg.Places], leg.Start, leg.End, width, true)]);
        foreach (var stop in stops)
        {
            var stays = !legs.Any(l => !l.Through && (l.Start == stop || l.End == stop));
            yield return new(
                [.. Pictures([stop.Point, stop.Point], stop, stop, width, stays)],
                stays && stop is { Surface: FaceSurface.Front, OnSkin: true, Z: { } z }
                    ? Contact(FaceView.Lateral, [new(z, stop.Point.Y), new(z, stop.Point.Y)], width, true)
                    : null
            );
        }
    }

    /// <summary>
    /// The front picture shows front and side, the side picture what has an end on the side, the back picture what has one on the back.
    /// </summary>
    private static IEnumerable<Seen> Pictures(IReadOnlyList<FacePoint> places, PathStop start, PathStop end, double width, bool counts)
    {
        bool On(FaceSurface surface) => start.Surface == surface || end.Surface == surface;
        if (On(FaceSurface.Back))
            yield return Contact(FaceView.Posterior, places, width, counts);
        else
            yield return Contact(FaceView.Frontal, places, width, counts);
        // Over the crown a leg shows in both.
        if (On(FaceSurface.Back) && On(FaceSurface.Front))
            yield return Contact(FaceView.Frontal, places, width, counts);
        if (On(FaceSurface.Side) && start.Z is { } from && end.Z is { } to)
            yield return Contact(FaceView.Lateral, Sideways(places, from, to), width, counts);
    }

    private static Seen Contact(FaceView view, IReadOnlyList<FacePoint> seen, double width, bool counts)
    {
        var line = Shapes.Plane.CreateLineString([.. seen.Select(p => new Coordinate(p.X, p.Y))]);
        return new(
            view,
            line,
            width,
            !counts ? null
                : line.Length < SamePoint ? line.StartPoint.Buffer(width / 2)
                : line.Buffer(width / 2)
        );
    }

    /// <summary>Places as the side view shows them: z runs evenly from one end to the other along the leg.</summary>
    private static IReadOnlyList<FacePoint> Sideways(IReadOnlyList<FacePoint> places, double from, double to)
    {
        var length = places.Zip(places.Skip(1)).Sum(p => p.First.DistanceTo(p.Second));
        var run = 0.0;
        return
        [
            .. places.Select(
                (p, i) =>
                {
                    if (i > 0)
                        run += places[i - 1].DistanceTo(p);
                    // In the front view two places of the side may lie behind one another.
                    var share = length < SamePoint ? (double)i / Math.Max(1, places.Count - 1) : run / length;
                    return new FacePoint(from + (share * (to - from)), p.Y);
                }
            ),
        ];
    }
}
