using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Strokes;

/// <summary>
/// Rim of the eye socket, edge of the jaw, hairline: a leg between two places on one of them follows it, not the chord, since that is where
/// a hand goes that was told "along the rim". See docs/method.md#geometry.
/// </summary>
public static class EdgeCurve
{
    /// <summary>A place this near to an edge lies on it: 0.06 IPD, some 4 mm, half a fingertip.</summary>
    private const double OnEdge = 0.06;

    /// <summary>
    /// Places between two ends along the edge both lie on, ends not included; null when no edge holds both. On a ring the shorter way is
    /// taken;
    /// the longer one needs a place on the way.
    /// </summary>
    public static (string Edge, IReadOnlyList<FacePoint> Between)? Follow(FacePoint from, FacePoint to, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        foreach (var curve in atlas.Document.Curves)
        {
            if (Foot(curve, from) is not { } a || Foot(curve, to) is not { } b)
                continue;
            return (curve.Id, Between(curve, a, b));
        }
        return null;
    }

    /// <summary>
    /// Where on the curve a place lies: segment and share of it; null when it lies further off than <see cref="OnEdge"/>.
    /// </summary>
    private static double? Foot(FaceCurve curve, FacePoint place)
    {
        (double Distance, double At) best = (double.MaxValue, 0);
        var segments = Segments(curve);
        for (var i = 0; i < segments; i++)
        {
            var (p, q) = (Point(curve, i), Point(curve, i + 1));
            var (dx, dy) = (q.X - p.X, q.Y - p.Y);
            var share = Math.Clamp((((place.X - p.X) * dx) + ((place.Y - p.Y) * dy)) / ((dx * dx) + (dy * dy)), 0, 1);
            var distance = place.DistanceTo(new(p.X + (share * dx), p.Y + (share * dy)));
            if (distance < best.Distance)
                best = (distance, i + share);
        }
        return best.Distance <= OnEdge ? best.At : null;
    }

    private static List<FacePoint> Between(FaceCurve curve, double a, double b)
    {
        if (!curve.Closed)
            return a <= b ? Run(curve, a, b) : Reversed(Run(curve, b, a));
        var n = Segments(curve);
        var forward = Run(curve, a, b >= a ? b : b + n);
        var back = Reversed(Run(curve, b, a >= b ? a : a + n));
        return Length(curve, a, forward, b) <= Length(curve, a, back, b) ? forward : back;
    }

    /// <summary>Corners strictly between two positions, in the order of the curve.</summary>
    private static List<FacePoint> Run(FaceCurve curve, double from, double to)
    {
        const double same = 1e-9;
        var corners = new List<FacePoint>();
        for (var i = (int)Math.Floor(from) + 1; i < to - same; i++)
            if (i > from + same)
                corners.Add(Point(curve, i));
        return corners;
    }

    private static double Length(FaceCurve curve, double a, List<FacePoint> corners, double b)
    {
        List<FacePoint> all = [At(curve, a), .. corners, At(curve, b)];
        return all.Zip(all.Skip(1)).Sum(pair => pair.First.DistanceTo(pair.Second));
    }

    private static FacePoint At(FaceCurve curve, double position)
    {
        var i = (int)Math.Floor(position);
        var (p, q, share) = (Point(curve, i), Point(curve, i + 1), position - i);
        return new(p.X + (share * (q.X - p.X)), p.Y + (share * (q.Y - p.Y)));
    }

    private static List<FacePoint> Reversed(List<FacePoint> corners)
    {
        corners.Reverse();
        return corners;
    }

    private static int Segments(FaceCurve curve) => curve.Closed ? curve.Points.Length : curve.Points.Length - 1;

    private static FacePoint Point(FaceCurve curve, int i)
    {
        var p = curve.Points[curve.Closed ? i % curve.Points.Length : Math.Min(i, curve.Points.Length - 1)];
        return new(p[0], p[1]);
    }
}
