using System.Runtime.CompilerServices;
using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Prepared;
using NetTopologySuite.Geometries.Utilities;

namespace Wexis.Core.Anatomy;

/// <summary>Outlines of the atlas as areas (IPD in the picture they are drawn in), each built once.</summary>
internal static class Shapes
{
    public static GeometryFactory Plane { get; } = new();

    /// <summary>
    /// Areas already built, by the outline of the atlas they belong to: the atlas never changes, and building them is nearly all the
    /// cost.
    /// </summary>
    private static readonly ConditionalWeakTable<double[][], Geometry> Areas = [];

    /// <summary>The same areas with an index, for asking about many points.</summary>
    private static readonly ConditionalWeakTable<Geometry, IPreparedGeometry> PreparedAreas = [];

    private static readonly ConditionalWeakTable<double[][], Geometry> Whole = [];

    /// <summary>
    /// An outline that reaches the midline goes on beyond it: a line along the midline runs inside it, not on its border.
    /// </summary>
    public static Geometry BothHalves(HazardOutline outline, double[][]? hole) => Whole.GetValue(outline.Polygon, o =>
        {
            var area = Area(o, hole);
            return outline.View == FaceView.Lateral || !o.Any(p => p[0] == 0)
                ? area
                : area.Union(new AffineTransformation(-1, 0, 0, 0, 1, 0).Transform(area));
        });

    /// <summary>
    /// Two zones that are one, overlap, or lie within 0.1 IPD (about 6 mm, what the outlines are good for) of one another in one picture.
    /// </summary>
    public static bool Border(Zone one, Zone other) =>
        one.Id == other.Id || one.View == other.View && Area(one.Polygon, null).Distance(Area(other.Polygon, null)) <= 0.1;

    public static IPreparedGeometry Prepared(double[][] outline) => Prepared(Area(outline, null));

    private static IPreparedGeometry Prepared(Geometry area) => PreparedAreas.GetValue(area, PreparedGeometryFactory.Prepare);

    /// <summary>
    /// Whether a line comes as near to an area as a distance (IPD), ends included: asked before anything is cut, which costs far more. The
    /// rim of a hole counts like the outer one: a contact may reach an area from within.
    /// </summary>
    public static bool ComesNear(LineString line, Geometry area, double distance)
    {
        var around = area.EnvelopeInternal;
        if (around.Distance(line.EnvelopeInternal) > distance)
            return false;
        for (var i = 0; i < area.NumGeometries; i++)
            if (
                area.GetGeometryN(i) is Polygon part
                && part.InteriorRings.Prepend(part.ExteriorRing).Any(r => NearRing(line.CoordinateSequence, r.CoordinateSequence, distance))
            )
                return true;
        return Prepared(area).Contains(line.StartPoint);
    }

    private static bool NearRing(CoordinateSequence line, CoordinateSequence ring, double distance)
    {
        for (var i = 0; i + 1 < line.Count; i++)
        for (var j = 0; j + 1 < ring.Count; j++)
            if (
                DistanceComputer.SegmentToSegment(
                    line.GetCoordinate(i),
                    line.GetCoordinate(i + 1),
                    ring.GetCoordinate(j),
                    ring.GetCoordinate(j + 1)
                ) <= distance
            )
                return true;
        return false;
    }

    public static Geometry Area(double[][] outline, double[][]? hole) => Areas.GetValue(outline, o => Build(o, hole));

    private static Geometry Build(double[][] outline, double[][]? hole)
    {
        var shell = Plane.CreatePolygon(Ring(outline)).Buffer(0);
        return hole is null ? shell : shell.Difference(Plane.CreatePolygon(Ring(hole)).Buffer(0));
    }

    private static Coordinate[] Ring(double[][] points)
    {
        var ring = points.Select(p => new Coordinate(p[0], p[1])).ToList();
        if (!ring[0].Equals2D(ring[^1]))
            ring.Add(ring[0]);
        return [.. ring];
    }
}
