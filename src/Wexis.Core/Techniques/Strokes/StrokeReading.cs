using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Strokes;

/// <summary>A line drawn on the face plate. Places in the face frame (IPD), in the order drawn, on either half of the face.</summary>
public sealed record StrokeDrawing(IReadOnlyList<FacePoint>? Places);

/// <summary>A drawn line as a technique stores it: places named by landmarks, for the subject's left.</summary>
/// <param name="Path">From, via, to: a landmark, or a landmark with a direction and finger-breadths.</param>
/// <param name="Half">The half of the face it was drawn on: left or right.</param>
/// <param name="OffMm">How far the named places lie from the line at most, in mm: what naming them cost.</param>
/// <param name="Words">The path in words.</param>
public sealed record StrokeReading(
    IReadOnlyList<PathPoint> Path,
    [property: OneOf("left", "right")] string Half,
    double OffMm,
    string Words
)
{
    /// <summary>Bends smaller than this are a hand's wobble: 0.12 IPD, about half a finger-breadth.</summary>
    private const double Wobble = 0.12;

    /// <summary>A line shorter than this is a touch: 0.12 IPD.</summary>
    private const double Touch = 0.12;

    /// <summary>A place farther than this from every landmark has no name: 1.2 IPD.</summary>
    private const double Reach = 1.2;

    /// <summary>Nobody tells more stops of one stroke than these.</summary>
    private const int MostStops = 6;
    private const int MostPlaces = 2000;

    /// <summary>
    /// Simplifies the line to its bends, names each by the nearest landmark or by one with finger-breadths, and leaves out what an edge
    /// of the face already says.
    /// </summary>
    public static Checked<StrokeReading> Of(StrokeDrawing drawing, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(drawing);
        var places = drawing.Places ?? [];
        if (places.Count == 0)
            return Checked.No<StrokeReading>(new Issue("places", IssueCodes.Missing, "", "the line, as places in the face frame"));
        if (places.Count > MostPlaces)
            return Checked.No<StrokeReading>(new Issue("places", IssueCodes.TooLong, $"{places.Count}", $"{MostPlaces} places"));
        if (places.FirstOrDefault(p => !(Math.Abs(p.X) <= 4 && Math.Abs(p.Y) <= 6)) is var far && far != default)
            return Checked.No<StrokeReading>(
                new Issue(
                    "places",
                    IssueCodes.OutOfRange,
                    $"({far.X:0.##}, {far.Y:0.##})",
                    "the plate: −4 to 4 and −6 to 6 pupil distances"
                )
            );

        // A path is stored for the subject's left; what crosses the midline stays on the half where most of it lies.
        var half = places.Sum(p => p.X) < -1e-9 ? "right" : "left";
        var left = places.Select(p => new FacePoint(Math.Max(0, half == "right" ? -p.X : p.X), p.Y)).ToList();
        var bends = Bends(left);
        if (bends.Find(b => NearestLandmark(b, atlas) > Reach) is var beside && beside != default)
            return Checked.No<StrokeReading>(
                new Issue(
                    "places",
                    IssueCodes.OutOfRange,
                    $"({beside.X:0.##}, {beside.Y:0.##})",
                    "the face and neck: no place that has a name is near"
                )
            );
        var named = bends.Select(p => Named(p, atlas, settings)).ToList();
        var path = WithoutEdges(named, left, atlas);
        return Checked.Yes(
            new StrokeReading(
                [.. path.Select(n => n.Point)],
                half,
                named.Zip(bends).Max(x => x.First.Place.DistanceTo(x.Second)) * settings.IpdMm,
                string.Join(" → ", path.Select(n => PlaceWords(n.Point, atlas)))
            )
        );
    }

    /// <summary>A place in words: "one breadth below the outer rim".</summary>
    public static string PlaceWords(PathPoint point, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(point);
        ArgumentNullException.ThrowIfNull(atlas);
        var name = point.Landmark is { } id
            ? atlas.Landmarks.TryGetValue(id, out var l)
                ? l.Name
                : id
            : "";
        if (point.Offset?.Dir is not { } dir)
            return name;
        var breadths = point.Offset.Breadths ?? 1;
        var many = breadths switch
        {
            0.5 => "half a breadth",
            1 => "one breadth",
            1.5 => "one and a half breadths",
            2 => "two breadths",
            3 => "three breadths",
            _ => $"{breadths:0.#} breadths",
        };
        var where = dir switch
        {
            "up" => "above",
            "down" => "below",
            "medial" => "inwards of",
            "lateral" => "outwards of",
            _ => "behind",
        };
        return $"{many} {where} the {name}";
    }

    private static List<FacePoint> Bends(List<FacePoint> places)
    {
        var spread = places.Max(p => p.DistanceTo(places[0]));
        if (places.Count == 1 || spread < Touch)
            return [places[0]];
        var line = new GeometryFactory().CreateLineString([.. places.Select(p => new Coordinate(p.X, p.Y))]);
        for (var tolerance = Wobble; ; tolerance *= 1.4)
        {
            var bends = DouglasPeuckerSimplifier.Simplify(line, tolerance).Coordinates;
            if (bends.Length <= MostStops)
                return [.. bends.Select(c => new FacePoint(c.X, c.Y))];
        }
    }

    private static double NearestLandmark(FacePoint place, Atlas atlas) =>
        atlas
            .Landmarks.Values.Where(l => l.Surface != FaceSurface.Back)
            .Min(l => new FacePoint(l.Frontal[0], l.Frontal[1]).DistanceTo(place));

    private readonly record struct NamedPlace(PathPoint Point, FacePoint Place);

    /// <summary>
    /// The way of naming a place that loses least; a bare landmark is preferred while it is hardly worse, fewer breadths before more.
    /// </summary>
    private static NamedPlace Named(FacePoint place, Atlas atlas, HouseSettings settings)
    {
        // What a half breadth more has to gain before it is worth saying: 0.02 IPD, some 1.3 mm.
        const double perHalfBreadth = 0.02;
        var best = (Cost: double.MaxValue, Name: default(NamedPlace));
        foreach (var (id, landmark) in atlas.Landmarks.Where(l => l.Value.Surface != FaceSurface.Back))
        {
            var at = new FacePoint(landmark.Frontal[0], landmark.Frontal[1]);
            if (at.DistanceTo(place) > Reach)
                continue;
            Consider(new PathPoint(id, null, null, null), at, 0);
            foreach (var dir in new[] { "up", "down", "medial", "lateral" })
                for (var halves = 1; halves <= 6; halves++)
                {
                    var offset = new PathOffset(dir, halves / 2.0);
                    Consider(new PathPoint(null, id, null, offset), StrokePlaces.Moved(at, offset, settings), halves + 1);
                }
        }
        return best.Name;

        void Consider(PathPoint point, FacePoint at, int effort)
        {
            var cost = at.DistanceTo(place) + (effort * perHalfBreadth);
            if (cost < best.Cost)
                best = (cost, new(point, at));
        }
    }

    /// <summary>Leaves out stops that an edge already runs through; on a ring one is kept where the drawn way is the longer one.</summary>
    private static List<NamedPlace> WithoutEdges(List<NamedPlace> named, List<FacePoint> drawn, Atlas atlas)
    {
        var kept = new List<NamedPlace>(named);
        for (var i = 1; i < kept.Count - 1; )
        {
            var across = EdgeCurve.Follow(kept[i - 1].Place, kept[i + 1].Place, atlas);
            var onIt =
                across is { } edge
                && new[] { kept[i - 1].Place }.Concat(edge.Between).Append(kept[i + 1].Place).ToList() is var run
                && run.Zip(run.Skip(1)).Any(s => ToSegment(kept[i].Place, s.First, s.Second) < Wobble)
                && run.All(p => drawn.Zip(drawn.Skip(1)).Min(d => ToSegment(p, d.First, d.Second)) < 2 * Wobble);
            if (onIt || kept[i].Point == kept[i - 1].Point)
                kept.RemoveAt(i);
            else
                i++;
        }
        if (kept.Count > 1 && kept[^1].Point == kept[^2].Point)
            kept.RemoveAt(kept.Count - 1);
        return kept;
    }

    private static double ToSegment(FacePoint p, FacePoint a, FacePoint b) =>
        NetTopologySuite.Algorithm.DistanceComputer.PointToSegment(new(p.X, p.Y), new(a.X, a.Y), new(b.X, b.Y));
}
