using System.Runtime.CompilerServices;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Prepared;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>One leg of a stroke, for the subject's left side: straight, or along an edge of the face, in pieces that each lie on one surface.</summary>
/// <param name="Edge">The edge it follows; null when it runs straight.</param>
public sealed record StrokeLeg(FacePoint From, FacePoint To, string? Edge, IReadOnlyList<StrokePiece> Pieces)
{
    /// <summary>Its places in order, ends included.</summary>
    public IEnumerable<FacePoint> Places => Pieces.Take(1).Select(p => p.From).Concat(Pieces.Select(p => p.To));

    /// <summary>In pupil distances, along the edge where it follows one.</summary>
    public double LengthIpd => Pieces.Sum(p => p.From.DistanceTo(p.To));
}

/// <summary>A straight piece of a leg. Surface is front, side or back, or <c>edge</c> where it crosses from one to another.</summary>
public readonly record struct StrokePiece(string Surface, FacePoint From, FacePoint To);

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

    /// <summary>The places of the path in order, those along an edge included; a contact that stays has one.</summary>
    public IReadOnlyList<FacePoint> Places => Legs.Count == 0 ? [.. Stops.Select(s => s.Point)] : [Legs[0].From, .. Legs.SelectMany(l => l.Places.Skip(1))];

    /// <summary>The path a hand was told to follow; places that the atlas does not know are left out (validation names them).</summary>
    public static StrokePath Of(Hand hand, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(hand);
        var stops = new List<(string Surface, FacePoint Point)>();
        foreach (var p in hand.AllPath)
            if (p.Landmark is { } id && atlas.Landmarks.TryGetValue(id, out var landmark)) stops.Add((p.Surface ?? landmark.Surface, Moved(Frontal(landmark), p.Offset, settings)));
        foreach (var code in hand.AllPoints)
            if (atlas.Points.TryGetValue(code, out var point) && point.Frontal is { } at) stops.Add((point.Surface, new(Math.Abs(at[0]), at[1])));
        var legs = stops.Zip(stops.Skip(1)).Select(pair => Leg(pair.First, pair.Second, atlas)).ToList();
        var width = hand.Contact is { } c && atlas.Contacts.TryGetValue(c, out var contact) ? contact.WidthMm / settings.IpdMm : 14 / settings.IpdMm;
        return new(legs, stops, width, hand.DegLeft ?? WordDegrees(hand.Direction));
    }

    private static StrokeLeg Leg((string Surface, FacePoint Point) from, (string Surface, FacePoint Point) to, Atlas atlas)
    {
        var edge = EdgeCurve.Follow(from.Point, to.Point, atlas);
        List<FacePoint> places = [from.Point, .. edge?.Between ?? [], to.Point];
        // Where a leg leaves one surface for another, only the piece in its middle crosses.
        var crossing = from.Surface == to.Surface ? -1 : (places.Count - 1) / 2;
        return new(from.Point, to.Point, edge?.Edge, [.. places.Zip(places.Skip(1)).Select((pair, i) =>
            new StrokePiece(from.Surface == to.Surface || i < crossing ? from.Surface : i > crossing ? to.Surface : "edge", pair.First, pair.Second))]);
    }

    /// <summary>Share of the largest leg's contact that lies on an outline, and whether the centre line enters it. Frontal frame, one surface.</summary>
    public (bool Entered, double Share) Over(double[][] outline, double[][]? hole, string? surface)
    {
        var area = Area(outline, hole);
        var entered = false;
        var share = 0.0;
        foreach (var leg in _contacts.Value)
        {
            var (touched, common) = (0.0, 0.0);
            foreach (var contact in leg.Parts)
            {
                touched += contact.Touched?.Area ?? 0;
                if (surface is not null && contact.Surface != surface) continue;
                entered |= Enters(contact.Line, area);
                common += contact.Touched is { } t ? Common(t, area) : 0;
            }
            if (touched > 0) share = Math.Max(share, common / touched);
        }
        return (entered, share);
    }

    /// <param name="Parts">Touched is null where only the centre line is asked about.</param>
    private sealed record LegContact(IReadOnlyList<(string Surface, LineString Line, Geometry? Touched)> Parts);

    /// <summary>Centre lines and touched areas of each leg, a part for each surface it runs over, then of each stop; the areas of stops count only where there is no leg.</summary>
    private readonly Lazy<IReadOnlyList<LegContact>> _contacts;

    private static IEnumerable<LegContact> Contacts(IReadOnlyList<StrokeLeg> legs, IReadOnlyList<(string Surface, FacePoint Point)> stops, double width)
    {
        foreach (var leg in legs) yield return new([.. Parts(leg).Select(part => Contact(part.Surface, part.Places, true))]);
        foreach (var stop in stops) yield return new([Contact(stop.Surface, [stop.Point, stop.Point], legs.Count == 0)]);

        (string Surface, LineString Line, Geometry? Touched) Contact(string surface, IReadOnlyList<FacePoint> places, bool counts)
        {
            var line = Plane.CreateLineString([.. places.Select(p => new Coordinate(p.X, p.Y))]);
            return (surface, line, !counts ? null : line.Length < SamePoint ? line.StartPoint.Buffer(width / 2) : line.Buffer(width / 2));
        }
    }

    /// <summary>Neighbouring pieces on one surface are one contact: two buffers would count their overlap twice.</summary>
    private static IEnumerable<(string Surface, IReadOnlyList<FacePoint> Places)> Parts(StrokeLeg leg)
    {
        List<FacePoint> places = [];
        var surface = "";
        foreach (var piece in leg.Pieces)
        {
            if (piece.Surface != surface && places.Count > 0)
            {
                yield return (surface, places);
                places = [];
            }
            surface = piece.Surface;
            if (places.Count == 0) places.Add(piece.From);
            places.Add(piece.To);
        }
        if (places.Count > 0) yield return (surface, places);
    }

    private readonly bool _directionTold;

    /// <summary>Direction over one zone: as told, else the way that the leg which runs furthest over it takes there, else that of the whole path.</summary>
    public double? DirectionOver(Zone zone)
    {
        ArgumentNullException.ThrowIfNull(zone);
        if (_directionTold || zone.View != "frontal" || Legs.All(l => l.Edge is null) && Legs.Count < 2) return DirectionDegrees;
        var area = Area(zone.Polygon, null);
        var best = Legs.Select(l => Inside(l, zone.Surface, area)).Where(x => x.Length > SamePoint).OrderByDescending(x => x.Length).FirstOrDefault();
        return best.Length > SamePoint && best.Way.DistanceTo(default) > SamePoint ? FaceAngle.Direction(default, best.Way) : DirectionDegrees;
    }

    /// <summary>How far a leg runs over an area, and the way it makes good there.</summary>
    private static (double Length, FacePoint Way) Inside(StrokeLeg leg, string surface, Geometry area)
    {
        var (length, x, y) = (0.0, 0.0, 0.0);
        foreach (var piece in leg.Pieces.Where(p => p.Surface == surface || p.Surface == "edge"))
        {
            var line = Plane.CreateLineString([new(piece.From.X, piece.From.Y), new(piece.To.X, piece.To.Y)]);
            if (line.Length < SamePoint || !line.EnvelopeInternal.Intersects(area.EnvelopeInternal)) continue;
            var inside = line.Intersection(area).Length;
            length += inside;
            x += (piece.To.X - piece.From.X) * inside / line.Length;
            y += (piece.To.Y - piece.From.Y) * inside / line.Length;
        }
        return (length, new(x, y));
    }

    /// <summary>Closer than this, two places are one: 1e-9 IPD, far below what a hand can tell.</summary>
    private const double SamePoint = 1e-9;

    private static bool Enters(LineString line, Geometry area) =>
        line.EnvelopeInternal.Intersects(area.EnvelopeInternal) && (line.Length < SamePoint ? area.Contains(line.StartPoint) : line.Crosses(area) || line.Within(area));

    private static double Common(Geometry contact, Geometry area) =>
        contact.EnvelopeInternal.Intersects(area.EnvelopeInternal) ? contact.Intersection(area).Area : 0;

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
        var areas = atlas.Document.Zones.Where(z => z.View == "frontal").Select(z => (z.Id, z.Surface, Area: Area(z.Polygon, null), Holds: Prepared(z.Polygon))).ToList();
        var met = new List<string>();
        void Visit(FacePoint p, string surface)
        {
            var point = Plane.CreatePoint(new Coordinate(p.X, p.Y));
            foreach (var zone in areas.Where(a => (surface == "edge" || a.Surface == surface) && !met.Contains(a.Id) && a.Holds.Contains(point))) met.Add(zone.Id);
        }
        foreach (var piece in Legs.SelectMany(l => l.Pieces))
        {
            var samples = Math.Max(1, (int)Math.Ceiling(piece.From.DistanceTo(piece.To) / step));
            for (var i = 0; i <= samples; i++) Visit(new(piece.From.X + ((piece.To.X - piece.From.X) * i / samples), piece.From.Y + ((piece.To.Y - piece.From.Y) * i / samples)), piece.Surface);
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

    /// <summary>The same areas with an index, for asking about many points.</summary>
    private static readonly ConditionalWeakTable<double[][], IPreparedGeometry> PreparedAreas = [];

    private static IPreparedGeometry Prepared(double[][] outline) => PreparedAreas.GetValue(outline, o => PreparedGeometryFactory.Prepare(Area(o, null)));

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

    /// <summary>A place moved by finger-breadths; medial stops at the midline.</summary>
    internal static FacePoint Moved(FacePoint p, PathOffset? offset, HouseSettings settings)
    {
        if (offset?.Dir is null) return p;
        var d = (offset.Breadths ?? 1) * settings.IpdPerBreadth;
        // Backward has no extent in the frontal picture.
        return offset.Dir switch { "up" => new(p.X, p.Y + d), "down" => new(p.X, p.Y - d), "medial" => new(Math.Max(0, p.X - d), p.Y), "lateral" => new(p.X + d, p.Y), _ => p };
    }

    /// <summary>The told places in the side view: x holds z (forward), y as ever; none when one of them is not known there.</summary>
    public static IReadOnlyList<FacePoint> SidePlaces(Hand hand, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(hand);
        ArgumentNullException.ThrowIfNull(atlas);
        ArgumentNullException.ThrowIfNull(settings);
        var places = new List<FacePoint?>();
        foreach (var p in hand.AllPath)
            places.Add(p.Landmark is { } id && atlas.Landmarks.TryGetValue(id, out var l) && l.LateralZ is { } z
                ? new FacePoint(z - (p.Offset?.Dir == "back" ? (p.Offset.Breadths ?? 1) * settings.IpdPerBreadth : 0), Moved(Frontal(l), p.Offset, settings).Y) : null);
        foreach (var code in hand.AllPoints)
            places.Add(atlas.Points.TryGetValue(code, out var point) && point is { LateralZ: { } z, Frontal: { } at } ? new FacePoint(z, at[1]) : null);
        return places.Any(p => p is null) ? [] : [.. places.OfType<FacePoint>()];
    }

    private static double? Overall(IReadOnlyList<(string Surface, FacePoint Point)> stops) =>
        stops.Count >= 2 && stops[0].Point.DistanceTo(stops[^1].Point) > 1e-6 ? FaceAngle.Direction(stops[0].Point, stops[^1].Point) : null;

    private static double? WordDegrees(string? direction) => direction switch { "up" => 90, "down" => 270, "lateral" or "outward" or "to-ear" => 0, "medial" or "inward" => 180, _ => null };
}
