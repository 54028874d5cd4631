using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using NetTopologySuite.Geometries;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Strokes;

/// <summary>
/// The path of one hand in the face frame. Points lie on a surface; structures, fibres and flow are compared on one surface, hazards on
/// every
/// surface that a leg crosses. Which structures a hand reaches is the zone's list; geometry gives the hazards met, the direction and the
/// angle.
/// </summary>
public sealed class StrokePath
{
    private StrokePath(IReadOnlyList<StrokeLeg> legs, IReadOnlyList<PathStop> stops, double widthIpd, double? degLeft)
    {
        Legs = legs;
        Stops = stops;
        WidthIpd = widthIpd;
        _directionTold = degLeft is not null;
        DirectionDegrees = degLeft ?? Overall(stops);
        _contacts = new(() => [.. SeenContacts.Of(legs, stops, widthIpd)]);
    }

    public IReadOnlyList<StrokeLeg> Legs { get; }
    public IReadOnlyList<PathStop> Stops { get; }
    public double WidthIpd { get; }

    /// <summary>Direction of travel for the left side, in [0°, 360°); null when there is none to tell.</summary>
    public double? DirectionDegrees { get; }
    public bool HasPlace => Stops.Count > 0;

    /// <summary>The places of the path in order, those along an edge included; a contact that stays has one.</summary>
    public IReadOnlyList<FacePoint> Places =>
        Legs.Count == 0 ? [.. Stops.Select(s => s.Point)] : [Legs[0].From, .. Legs.SelectMany(l => l.Places.Skip(1))];

    /// <summary>
    /// The path a hand was told to follow; places that the atlas does not know are left out (validation names them). Points are places to
    /// stay on unless the hand glides.
    /// </summary>
    public static StrokePath Of(Hand hand, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(hand);
        return PathMemory.Of(atlas, settings).Path(hand, () => Draw(hand, atlas, settings));
    }

    private static StrokePath Draw(Hand hand, Atlas atlas, HouseSettings settings)
    {
        var told = new List<PathStop>();
        foreach (var p in hand.AllPath)
            if (p.Landmark is { } id && atlas.Landmarks.TryGetValue(id, out var l))
                told.Add(
                    new(
                        ClosedList.Of<FaceSurface>(p.Surface) ?? l.Surface,
                        StrokePlaces.Moved(StrokePlaces.Frontal(l), p.Offset, settings),
                        l.LateralZ - (p.Offset?.Dir == "back" ? (p.Offset.Breadths ?? 1) * settings.IpdPerBreadth : 0),
                        p.Offset?.Dir is null or "back"
                    )
                );
        var points = new List<PathStop>();
        foreach (var code in hand.AllPoints)
            if (atlas.Points.TryGetValue(code, out var point) && point.Frontal is { } at)
                points.Add(new(point.Surface, new(Math.Abs(at[0]), at[1]), point.LateralZ));
        List<PathStop> run = hand.Glide == true ? [.. told, .. points] : told;
        var legs = run.Zip(run.Skip(1)).Select(pair => Leg(pair.First, pair.Second, atlas)).ToList();
        var width =
            hand.Contact is { } c && atlas.Contacts.TryGetValue(c, out var contact)
                ? contact.WidthMm / settings.IpdMm
                : 14 / settings.IpdMm;
        return new(legs, [.. told, .. points], width, hand.DegLeft ?? WordDegrees(hand.Direction));
    }

    /// <summary>The told words of a stop.</summary>
    internal static string Name(PathStop stop, Hand hand, Atlas atlas, HouseSettings settings) =>
        hand.AllPath.Where(p =>
                p.Landmark is { } id
                && atlas.Landmarks.TryGetValue(id, out var l)
                && StrokePlaces.Moved(StrokePlaces.Frontal(l), p.Offset, settings) == stop.Point
            )
            .Select(p => StrokeReading.PlaceWords(p, atlas))
            .FirstOrDefault()
        ?? hand.AllPoints.FirstOrDefault(c =>
            atlas.Points.TryGetValue(c, out var point) && point.Frontal is { } at && stop.Point == new FacePoint(Math.Abs(at[0]), at[1])
        )
        ?? "there";

    private static StrokeLeg Leg(PathStop from, PathStop to, Atlas atlas)
    {
        if (Through(from, to))
            return new(from, to, null, [], true);
        // The edges are drawn in the front view: what lies on the back follows none of them.
        var edge =
            from.Surface == FaceSurface.Back || to.Surface == FaceSurface.Back ? null : EdgeCurve.Follow(from.Point, to.Point, atlas);
        List<FacePoint> places = [from.Point, .. edge?.Between ?? [], to.Point];
        // Where a leg leaves one surface for another, only the piece in its middle crosses.
        var crossing = from.Surface == to.Surface ? -1 : (places.Count - 1) / 2;
        return new(
            from,
            to,
            edge?.Edge,
            [
                .. places
                    .Zip(places.Skip(1))
                    .Select(
                        (pair, i) =>
                            new StrokePiece(
                                from.Surface == to.Surface || i < crossing ? from.Surface
                                    : i > crossing ? to.Surface
                                    : FaceSurface.Edge,
                                pair.First,
                                pair.Second
                            )
                    ),
            ],
            false
        );
    }

    /// <summary>From the front hairline up, front and back are one crown: 1.2 IPD above the pupils.</summary>
    private const double Crown = 1.2;

    /// <summary>Outwards of the neck and below it, front and back meet on the top of the shoulder.</summary>
    private static bool OnShoulder(FacePoint p) => p is { X: >= 1.1, Y: <= -2.9 };

    /// <summary>
    /// Front to back, save over the crown (from the brows up) and over the top of the shoulder, where nothing lies between.
    /// </summary>
    private static bool Through(PathStop from, PathStop to)
    {
        if ((from.Surface, to.Surface) is not ((FaceSurface.Front, FaceSurface.Back) or (FaceSurface.Back, FaceSurface.Front)))
            return false;
        var (front, back) = from.Surface == FaceSurface.Front ? (from.Point, to.Point) : (to.Point, from.Point);
        return !(back.Y >= Crown && front.Y >= 0.28) && !(OnShoulder(front) && OnShoulder(back));
    }

    /// <summary>
    /// Share of the largest leg's contact that lies on an outline of the front view, and whether the centre line enters it; any surface.
    /// </summary>
    public (bool Entered, double Share) OverFront(double[][] outline, double[][]? hole) =>
        _front.GetOrAdd(
            (outline, hole),
            static (of, path) => path.Over(contact => contact.In(FaceView.Frontal), Shapes.Area(of.Outline, of.Hole), static _ => false),
            this
        );

    /// <summary>By the outline and its hole, as the objects they are.</summary>
    private readonly ConcurrentDictionary<(double[][] Outline, double[][]? Hole), (bool Entered, double Share)> _front = new();

    /// <summary>
    /// How a hazard is met: whether the centre line of one contact enters one of its outlines, and the largest share of one contact that
    /// lies on
    /// one. A leg is looked at on each surface that it crosses. A contact that rests on the rim as told counts by its centre line only.
    /// </summary>
    /// <param name="onRim">Whether a contact whose centre line runs along the front of the bony rim rests there (house ruling 7).</param>
    public (bool Entered, double Share) Over(Hazard hazard, bool onRim)
    {
        ArgumentNullException.ThrowIfNull(hazard);
        return _met.GetOrAdd((hazard, onRim), static (key, path) => path.Meets(key.Hazard, key.OnRim), this);
    }

    private readonly ConcurrentDictionary<(Hazard Hazard, bool OnRim), (bool Entered, double Share)> _met = new(ByReference.Instance);

    /// <summary>
    /// Hazards of the atlas are told apart as the objects they are: comparing their outlines point by point would cost more than cutting.
    /// </summary>
    private sealed class ByReference : IEqualityComparer<(Hazard Hazard, bool OnRim)>
    {
        public static readonly ByReference Instance = new();

        public bool Equals((Hazard Hazard, bool OnRim) x, (Hazard Hazard, bool OnRim) y) =>
            ReferenceEquals(x.Hazard, y.Hazard) && x.OnRim == y.OnRim;

        public int GetHashCode((Hazard Hazard, bool OnRim) key) => HashCode.Combine(RuntimeHelpers.GetHashCode(key.Hazard), key.OnRim);
    }

    private (bool Entered, double Share) Meets(Hazard hazard, bool onRim)
    {
        var met = (Entered: false, Share: 0.0);
        foreach (var outline in hazard.Outlines)
        {
            var (entered, share) = Over(
                c => hazard.Deep && outline.View == FaceView.Frontal && c.LiesBefore(hazard) ? null : c.In(outline.View),
                Shapes.BothHalves(outline, outline.View == hazard.View ? hazard.Hole : null),
                c => onRim && RestsOnRim(c, hazard.RimFront)
            );
            met = (met.Entered || entered, Math.Max(met.Share, share));
        }
        return met;
    }

    /// <summary>Whether a contact's centre line runs inside the bony rim.</summary>
    public bool EntersFront(double[][] outline) => OverFront(outline, null).Entered;

    private (bool Entered, double Share) Over(Func<SeenLeg, Seen?> look, Geometry area, Func<SeenLeg, bool> restsBeside)
    {
        var (entered, share) = (false, 0.0);
        foreach (var contact in _contacts.Value)
        {
            if (look(contact) is not { } seen)
                continue;
            entered |= SeenContacts.Enters(seen.Line, area);
            if (seen.Touched is { Area: > 0 } touched && !restsBeside(contact))
                share = Math.Max(share, SeenContacts.Common(seen, touched, area) / touched.Area);
        }
        return (entered, share);
    }

    private static bool RestsOnRim(SeenLeg contact, RimFront? rim) =>
        rim is not null
        && contact.In(FaceView.Frontal) is { } seen
        && SeenContacts.Enters(seen.Line, Shapes.Area(rim.Polygon, rim.Hole))
        && !(rim.Hole is { } hole && SeenContacts.Enters(seen.Line, Shapes.Area(hole, null)));

    /// <summary>Each leg, then each stop; the areas of stops count only where no leg starts or ends there.</summary>
    private readonly Lazy<IReadOnlyList<SeenLeg>> _contacts;

    private readonly bool _directionTold;

    /// <summary>
    /// The ways over one zone, the leg that runs furthest over it first: as told, else the way that each leg makes good there; else
    /// that of the whole path. A leg that runs less than half as far there as the furthest only ends or begins in it.
    /// </summary>
    public IReadOnlyList<WayOver> WaysOver(Zone zone)
    {
        ArgumentNullException.ThrowIfNull(zone);
        return _ways.GetOrAdd(zone.Polygon, static (_, to) => to.path.WaysIn(to.zone), (path: this, zone));
    }

    /// <summary>By the outline, as the object it is.</summary>
    private readonly ConcurrentDictionary<double[][], IReadOnlyList<WayOver>> _ways = new();

    private IReadOnlyList<WayOver> WaysIn(Zone zone)
    {
        WayOver[] overall = DirectionDegrees is { } d ? [new(d, _directionTold || Legs.Count == 0 ? null : 0)] : [];
        if (_directionTold || zone.View != FaceView.Frontal || Legs.All(l => l.Edge is null) && Legs.Count < 2)
            return overall;
        var area = Shapes.Area(zone.Polygon, null);
        var inside = Legs.Select((l, i) => (Leg: i, Over: Inside(l, zone.Surface, area)))
            .Where(x => x.Over.Length > SeenContacts.SamePoint && x.Over.Way.DistanceTo(default) > SeenContacts.SamePoint)
            .OrderByDescending(x => x.Over.Length)
            .ToList();
        return inside.Count == 0
            ? overall
            :
            [
                .. inside
                    .Where(x => x.Over.Length >= inside[0].Over.Length / 2)
                    .Select(x => new WayOver(FaceAngle.Direction(default, x.Over.Way), x.Leg)),
            ];
    }

    /// <summary>How far a leg runs over an area, and the way it makes good there.</summary>
    private static (double Length, FacePoint Way) Inside(StrokeLeg leg, FaceSurface surface, Geometry area)
    {
        var (length, x, y) = (0.0, 0.0, 0.0);
        foreach (var piece in leg.Pieces.Where(p => p.Surface == surface || p.Surface == FaceSurface.Edge))
        {
            var line = Shapes.Plane.CreateLineString([new(piece.From.X, piece.From.Y), new(piece.To.X, piece.To.Y)]);
            if (line.Length < SeenContacts.SamePoint || !line.EnvelopeInternal.Intersects(area.EnvelopeInternal))
                continue;
            var inside = line.Intersection(area).Length;
            length += inside;
            x += (piece.To.X - piece.From.X) * inside / line.Length;
            y += (piece.To.Y - piece.From.Y) * inside / line.Length;
        }
        return (length, new(x, y));
    }

    /// <summary>Zones of one surface that hold a place, or lie within 0.15 IPD (about 9 mm) of it.</summary>
    public static IReadOnlyList<string> Nearest(FacePoint place, FaceSurface surface, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        var point = Shapes.Plane.CreatePoint(new Coordinate(place.X, place.Y));
        return
        [
            .. atlas
                .Document.Zones.Where(z =>
                    z.View == FaceView.Frontal && z.Surface == surface && Shapes.Area(z.Polygon, null).Distance(point) <= 0.15
                )
                .Select(z => z.Id),
        ];
    }

    /// <summary>
    /// The zones a path runs over, in the order met. Sampled every 0.04 IPD (about 2.5 mm), finer than the outlines are good for.
    /// </summary>
    public IReadOnlyList<string> Zones(Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        return _zones is { } known && ReferenceEquals(known.Atlas, atlas) ? known.Zones : (_zones = new(atlas, ZonesUnder(atlas))).Zones;
    }

    private sealed record ZonesMet(Atlas Atlas, IReadOnlyList<string> Zones);

    private volatile ZonesMet? _zones;

    private IReadOnlyList<string> ZonesUnder(Atlas atlas)
    {
        const double step = 0.04;
        var areas = atlas
            .Document.Zones.Where(z => z.View == FaceView.Frontal && z.ReachInside is null)
            .Select(z => (z.Id, z.Surface, Area: Shapes.Area(z.Polygon, null), Holds: Shapes.Prepared(z.Polygon)))
            .ToList();
        var met = new List<string>();
        void Visit(FacePoint p, FaceSurface surface)
        {
            var point = Shapes.Plane.CreatePoint(new Coordinate(p.X, p.Y));
            foreach (
                var zone in areas.Where(a =>
                    (surface == FaceSurface.Edge || a.Surface == surface) && !met.Contains(a.Id) && a.Holds.Contains(point)
                )
            )
                met.Add(zone.Id);
        }
        foreach (var zone in ZonesBesideFront(atlas))
            met.Add(zone);
        foreach (var piece in Legs.SelectMany(l => l.Pieces))
        {
            var samples = Math.Max(1, (int)Math.Ceiling(piece.From.DistanceTo(piece.To) / step));
            for (var i = 0; i <= samples; i++)
                Visit(
                    new(
                        piece.From.X + ((piece.To.X - piece.From.X) * i / samples),
                        piece.From.Y + ((piece.To.Y - piece.From.Y) * i / samples)
                    ),
                    piece.Surface
                );
        }
        foreach (var stop in Stops)
            Visit(stop.Point, stop.Surface);
        if (met.Count == 0 && Stops.Count > 0)
        {
            // A landmark on the border of its zone lies in none: take the nearest on its surface.
            var p = Shapes.Plane.CreatePoint(new Coordinate(Stops[0].Point.X, Stops[0].Point.Y));
            var near = areas.Where(a => a.Surface == Stops[0].Surface).OrderBy(a => a.Area.Distance(p)).FirstOrDefault();
            if (near.Id is not null && near.Area.Distance(p) < 0.2)
                met.Add(near.Id);
        }
        return met;
    }

    /// <summary>Zones of the side and the back that a centre line enters: ear, behind the ear, scalp, nape.</summary>
    private IEnumerable<string> ZonesBesideFront(Atlas atlas) =>
        atlas
            .Document.Zones.Where(z =>
                z.View != FaceView.Frontal
                && _contacts.Value.Any(c => c.In(z.View) is { } seen && SeenContacts.Enters(seen.Line, Shapes.Area(z.Polygon, null)))
            )
            .Select(z => z.Id);

    /// <summary>
    /// Front and sides of the neck below the jaw, from the tongue bone to the hollow above the collarbone, in the front view.
    /// </summary>
    private static readonly double[][] Neck =
    [
        [0, -1.97],
        [0.45, -1.9],
        [0.7, -1.7],
        [0.9, -1.4],
        [1.3, -1.3],
        [1.3, -3.3],
        [0, -3.3],
    ];

    /// <summary>Whether the contact lies on the front or the sides of the neck, or passes over them.</summary>
    public bool OnFrontOrSideOfTheNeck
    {
        get
        {
            var (entered, share) = OverFront(Neck, null);
            return entered || share >= 0.25;
        }
    }

    private static double? Overall(IReadOnlyList<PathStop> stops) =>
        stops.Count >= 2 && stops[0].Point.DistanceTo(stops[^1].Point) > 1e-6 ? FaceAngle.Direction(stops[0].Point, stops[^1].Point) : null;

    private static double? WordDegrees(string? direction) =>
        direction switch
        {
            "up" => 90,
            "down" => 270,
            "lateral" or "outward" or "to-ear" => 0,
            "medial" or "inward" => 180,
            _ => null,
        };
}
