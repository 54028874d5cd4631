using NetTopologySuite.Geometries;
using Wexis.Core.Anatomy;
using Wexis.Core.Techniques.Strokes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// What a path meets, held against the plain operations of a general-purpose geometry library: areas with and without a hole.
/// </summary>
public class StrokeOverTests
{
    private static readonly GeometryFactory Plane = new();

    private static Polygon Ring(double[][] points) =>
        Plane.CreatePolygon([.. points.Append(points[0]).Select(p => new Coordinate(p[0], p[1]))]);

    private static double[][] Box(Envelope e, double by) =>
        [
            [e.MinX - by, e.MinY - by],
            [e.MaxX + by, e.MinY - by],
            [e.MaxX + by, e.MaxY + by],
            [e.MinX - by, e.MaxY + by],
        ];

    private static StrokePath Path(string from, string to) =>
        StrokePath.Of(A.Track("stroke", 2, "fingertip-ring").From([from, to]), Reference.Atlas, Reference.Settings);

    [Fact]
    public void A_contact_meets_an_area_from_outside_from_inside_and_from_within_its_hole()
    {
        var front = Reference
            .Atlas.Landmarks.Where(l => l.Value.Surface == FaceSurface.Front)
            .Select(l => l.Key)
            .Order(StringComparer.Ordinal)
            .ToList();
        var fromTheHole = 0;
        foreach (var (from, to) in front.Zip(front.Skip(1)))
        {
            var path = Path(from, to);
            if (path.Legs.Count != 1)
                continue;
            var line = Plane.CreateLineString([.. path.Places.Select(p => new Coordinate(p.X, p.Y))]);
            var touched = line.Buffer(path.WidthIpd / 2);
            foreach (var gap in new[] { -0.1, 0, path.WidthIpd / 4, path.WidthIpd })
            {
                if (line.EnvelopeInternal.Width + (2 * gap) <= 0.01 || line.EnvelopeInternal.Height + (2 * gap) <= 0.01)
                    continue;
                var (outline, hole) = (Box(line.EnvelopeInternal, 2), Box(line.EnvelopeInternal, gap));
                foreach (var (area, cut) in new[] { (Ring(outline).Difference(Ring(hole)), hole), (Ring(hole).Copy(), (double[][]?)null) })
                {
                    var (entered, share) = path.OverFront(cut is null ? hole.ToArray() : outline.ToArray(), cut);
                    entered.ShouldBe(line.Crosses(area) || line.Within(area), $"{from} to {to}, {gap}");
                    share.ShouldBe(touched.Intersection(area).Area / touched.Area, 1e-6, $"{from} to {to}, {gap}");
                    if (cut is not null && !entered && share > 0)
                        fromTheHole++;
                }
            }
        }
        fromTheHole.ShouldBeGreaterThan(10, "a line that stays in the hole while its contact reaches over the rim");
    }
}
