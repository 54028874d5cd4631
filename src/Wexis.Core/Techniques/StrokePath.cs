using System.Runtime.CompilerServices;
using NetTopologySuite.Geometries;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>One leg of a stroke on one surface, for the subject's left side.</summary>
public sealed record StrokeLeg(string Surface, FacePoint From, FacePoint To);

/// <summary>
/// The path of one hand in the face frame. Points lie on a surface; only what lies on one surface is compared.
/// Which structures a hand reaches is the zone's list; geometry gives the hazards entered, the direction and the angle.
/// </summary>
public sealed class StrokePath
{
    private static readonly GeometryFactory Plane = new();

    private StrokePath(IReadOnlyList<StrokeLeg> legs, IReadOnlyList<(string Surface, FacePoint Point)> stops, double widthIpd, double? degLeft)
    {
        Legs = legs;
        Stops = stops;
        WidthIpd = widthIpd;
        _directionTold = degLeft is not null;
        DirectionDegrees = degLeft ?? Overall(stops);
        _contacts = new(() => [.. Contacts(legs, stops, widthIpd)]);
    }

    public IReadOnlyList<StrokeLeg> Legs { get; }
    public IReadOnlyList<(string Surface, FacePoint Point)> Stops { get; }
    public double WidthIpd { get; }

    /// <summary>Direction of travel for the left side, in [0°, 360°); null when there is none to tell.</summary>
    public double? DirectionDegrees { get; }
    public bool HasPlace => Stops.Count > 0;

    /// <summary>The path a hand was told to follow; places that the atlas does not know are left out (validation names them).</summary>
    public static StrokePath Of(Hand hand, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(hand);
        var stops = new List<(string Surface, FacePoint Point)>();
        foreach (var p in hand.AllPath)
            if (p.Landmark is { } id && atlas.Landmarks.TryGetValue(id, out var landmark)) stops.Add((p.Surface ?? landmark.Surface, Moved(Frontal(landmark), p.Offset, settings)));
        foreach (var code in hand.AllPoints)
            if (atlas.Points.TryGetValue(code, out var point)) stops.Add((point.Surface, new(Math.Abs(point.Frontal[0]), point.Frontal[1])));
        var legs = stops.Zip(stops.Skip(1)).Select(pair => new StrokeLeg(pair.First.Surface == pair.Second.Surface ? pair.First.Surface : "edge", pair.First.Point, pair.Second.Point)).ToList();
        var width = hand.Contact is { } c && atlas.Contacts.TryGetValue(c, out var contact) ? contact.WidthMm / settings.IpdMm : 14 / settings.IpdMm;
        return new(legs, stops, width, hand.DegLeft ?? WordDegrees(hand.Direction));
    }

    /// <summary>Share of the largest leg's contact that lies on an outline, and whether the centre line enters it. Frontal frame, one surface.</summary>
    public (bool Entered, double Share) Over(double[][] outline, double[][]? hole, string? surface)
    {
        var area = Area(outline, hole);
        var entered = false;
        var share = 0.0;
        foreach (var contact in _contacts.Value.Where(c => surface is null || c.Surface == surface))
        {
            entered |= Enters(contact.Line, area);
            if (contact.Counts) share = Math.Max(share, ShareOf(contact.Touched, area));
        }
        return (entered, share);
    }

    /// <summary>Centre line and touched area of each leg, then of each stop; the areas of stops count only where there is no leg.</summary>
    private readonly Lazy<IReadOnlyList<(string Surface, LineString Line, Geometry Touched, bool Counts)>> _contacts;

    private static IEnumerable<(string Surface, LineString Line, Geometry Touched, bool Counts)> Contacts(IReadOnlyList<StrokeLeg> legs, IReadOnlyList<(string Surface, FacePoint Point)> stops, double width)
    {
        foreach (var leg in legs) yield return Contact(leg.Surface, leg.From, leg.To, true);
        foreach (var stop in stops) yield return Contact(stop.Surface, stop.Point, stop.Point, legs.Count == 0);

        (string Surface, LineString Line, Geometry Touched, bool Counts) Contact(string surface, FacePoint from, FacePoint to, bool counts)
        {
            var line = Plane.CreateLineString([new(from.X, from.Y), new(to.X, to.Y)]);
            return (surface, line, line.Length < SamePoint ? line.StartPoint.Buffer(width / 2) : line.Buffer(width / 2), counts);
        }
    }

    private readonly bool _directionTold;

    /// <summary>Direction over one zone: as told, else that of the leg which runs furthest over it, else that of the whole path.</summary>
    public double? DirectionOver(Zone zone)
    {
        ArgumentNullException.ThrowIfNull(zone);
        if (_directionTold || Legs.Count < 2 || zone.View != "frontal") return DirectionDegrees;
        var area = Area(zone.Polygon, null);
        var best = Legs.Zip(_contacts.Value).Where(x => x.First.Surface == zone.Surface || x.First.Surface == "edge").Select(x => (Leg: x.First, Over: x.Second.Line.EnvelopeInternal.Intersects(area.EnvelopeInternal) ? x.Second.Line.Intersection(area).Length : 0))
            .Where(x => x.Over > SamePoint).OrderByDescending(x => x.Over).Select(x => x.Leg).FirstOrDefault();
        return best is null ? DirectionDegrees : FaceAngle.Direction(best.From, best.To);
    }

    /// <summary>Closer than this, two places are one: 1e-9 IPD, far below what a hand can tell.</summary>
    private const double SamePoint = 1e-9;

    private static bool Enters(LineString line, Geometry area) =>
        line.EnvelopeInternal.Intersects(area.EnvelopeInternal) && (line.Length < SamePoint ? area.Contains(line.StartPoint) : line.Crosses(area) || line.Within(area));

    private static double ShareOf(Geometry contact, Geometry area) =>
        contact.Area <= 0 || !contact.EnvelopeInternal.Intersects(area.EnvelopeInternal) ? 0 : contact.Intersection(area).Area / contact.Area;

    /// <summary>Zones of one surface that hold a place, or lie within 0.15 IPD (about 9 mm) of it.</summary>
    public static IReadOnlyList<string> Nearest(FacePoint place, string surface, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        var point = Plane.CreatePoint(new Coordinate(place.X, place.Y));
        return [.. atlas.Document.Zones.Where(z => z.View == "frontal" && z.Surface == surface && Area(z.Polygon, null).Distance(point) <= 0.15).Select(z => z.Id)];
    }

    /// <summary>The zones a path runs over, in the order met. Sampled every 0.04 IPD (about 2.5 mm), finer than the outlines are good for.</summary>
    public IReadOnlyList<string> Zones(Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        const double step = 0.04;
        var areas = atlas.Document.Zones.Where(z => z.View == "frontal").Select(z => (z.Id, z.Surface, Area: Area(z.Polygon, null))).ToList();
        var met = new List<string>();
        void Visit(FacePoint p, string surface)
        {
            var point = Plane.CreatePoint(new Coordinate(p.X, p.Y));
            foreach (var zone in areas.Where(a => (surface == "edge" || a.Surface == surface) && a.Area.Contains(point) && !met.Contains(a.Id))) met.Add(zone.Id);
        }
        foreach (var leg in Legs)
        {
            var pieces = Math.Max(1, (int)Math.Ceiling(leg.From.DistanceTo(leg.To) / step));
            for (var i = 0; i <= pieces; i++) Visit(new(leg.From.X + ((leg.To.X - leg.From.X) * i / pieces), leg.From.Y + ((leg.To.Y - leg.From.Y) * i / pieces)), leg.Surface);
        }
        foreach (var stop in Stops) Visit(stop.Point, stop.Surface);
        if (met.Count == 0 && Stops.Count > 0)
        {
            // A landmark on the border of its zone lies in none: take the nearest on its surface.
            var p = Plane.CreatePoint(new Coordinate(Stops[0].Point.X, Stops[0].Point.Y));
            var near = areas.Where(a => a.Surface == Stops[0].Surface).OrderBy(a => a.Area.Distance(p)).FirstOrDefault();
            if (near.Id is not null && near.Area.Distance(p) < 0.2) met.Add(near.Id);
        }
        return met;
    }

    /// <summary>Areas already built, by the outline of the atlas they belong to: the atlas never changes, and building them is nearly all the cost.</summary>
    private static readonly ConditionalWeakTable<double[][], Geometry> Areas = [];

    private static Geometry Area(double[][] outline, double[][]? hole) => Areas.GetValue(outline, o => Build(o, hole));

    private static Geometry Build(double[][] outline, double[][]? hole)
    {
        var shell = Plane.CreatePolygon(Ring(outline)).Buffer(0);
        return hole is null ? shell : shell.Difference(Plane.CreatePolygon(Ring(hole)).Buffer(0));
    }

    private static Coordinate[] Ring(double[][] points)
    {
        var ring = points.Select(p => new Coordinate(p[0], p[1])).ToList();
        if (!ring[0].Equals2D(ring[^1])) ring.Add(ring[0]);
        return [.. ring];
    }

    private static FacePoint Frontal(Landmark landmark) => new(landmark.Frontal[0], landmark.Frontal[1]);

    private static FacePoint Moved(FacePoint p, PathOffset? offset, HouseSettings settings)
    {
        if (offset?.Dir is null) return p;
        var d = (offset.Breadths ?? 1) * settings.IpdPerBreadth;
        // Backward has no extent in the frontal picture.
        return offset.Dir switch { "up" => new(p.X, p.Y + d), "down" => new(p.X, p.Y - d), "medial" => new(Math.Max(0, p.X - d), p.Y), "lateral" => new(p.X + d, p.Y), _ => p };
    }

    private static double? Overall(IReadOnlyList<(string Surface, FacePoint Point)> stops) =>
        stops.Count >= 2 && stops[0].Point.DistanceTo(stops[^1].Point) > 1e-6 ? FaceAngle.Direction(stops[0].Point, stops[^1].Point) : null;

    private static double? WordDegrees(string? direction) => direction switch { "up" => 90, "down" => 270, "lateral" or "outward" or "to-ear" => 0, "medial" or "inward" => 180, _ => null };
}
