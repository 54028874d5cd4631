using NetTopologySuite.Geometries;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Strokes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>A leg along rim, jaw or hairline follows the edge, not the chord.</summary>
public class EdgeCurveTests
{
    private static StrokePath Path(params string[] landmarks) =>
        StrokePath.Of(A.Track("stroke", 2).From(landmarks), Reference.Atlas, Reference.Settings);

    [Theory]
    [InlineData("menton", "lobe", "jaw-edge")]
    [InlineData("lobe", "menton", "jaw-edge")]
    [InlineData("orbital_rim_medial", "orbital_rim_lateral", "orbital-rim")]
    [InlineData("cheilion", "lobe", null)] // a corner of the mouth lies on no edge
    [InlineData("menton", "orbital_rim_lateral", null)] // two edges, no common one
    public void Two_places_on_one_edge_are_joined_along_it(string from, string to, string? edge) =>
        Path(from, to).Legs.Single().Edge.ShouldBe(edge);

    [Fact]
    public void From_chin_to_ear_the_stroke_passes_the_angle_of_the_jaw()
    {
        // Common anatomy: the lower border of the mandible turns at its angle; the chord would run through the cheek.
        var gonion = Reference.Atlas.Landmarks["gonion"].Frontal;
        Path("menton", "lobe").Places.Min(p => p.DistanceTo(new(gonion[0], gonion[1]))).ShouldBeLessThan(1e-9);
        Path("menton", "lobe").Zones(Reference.Atlas).ShouldContain("jawline");
    }

    [Fact]
    public void There_and_back_are_the_same_line() => Path("menton", "lobe").Places.ShouldBe(Path("lobe", "menton").Places.Reverse());

    [Fact]
    public void On_the_ring_the_shorter_way_is_taken_and_a_place_on_the_way_chooses_the_other()
    {
        var above = Path("orbital_rim_medial", "orbital_rim_superior", "orbital_rim_lateral");
        var below = Path("orbital_rim_medial", "orbital_rim_inferior", "orbital_rim_lateral");
        above.Places.Max(p => p.Y).ShouldBeGreaterThan(0.2);
        below.Places.Min(p => p.Y).ShouldBeLessThan(-0.2);
        above.Places.ShouldAllBe(p => p.Y > -0.1);
        below.Places.ShouldAllBe(p => p.Y < 0.1);
    }

    [Theory]
    [InlineData("orbital_rim_medial", "orbital_rim_superior", "orbital_rim_lateral")]
    [InlineData("orbital_rim_medial", "orbital_rim_inferior", "orbital_rim_lateral")]
    public void Along_the_bony_rim_with_light_fingers_nothing_is_stopped(params string[] rim)
    {
        // House ruling 7: on the front of the bony rim, force into bone, up to level 3. The chord would have crossed the eyeball.
        var step = A.Step() with { Hands = [A.Track("stroke", 2, "fingertip-ring").From(rim) with { GripOrSlip = "slip" }] };
        Reference.Derive(step).SafetyVerdict.ShouldNotBe(SafetyVerdict.Stop);
    }

    [Fact]
    public void Its_length_is_that_of_the_line_in_the_geometry_library()
    {
        var leg = Path("menton", "lobe").Legs.Single();
        var line = new GeometryFactory().CreateLineString([.. leg.Places.Select(p => new Coordinate(p.X, p.Y))]);
        leg.LengthIpd.ShouldBe(line.Length, 1e-9);
        leg.LengthIpd.ShouldBeGreaterThan(leg.From.DistanceTo(leg.To));
    }

    [Fact]
    public void Every_edge_runs_through_the_landmarks_it_names()
    {
        foreach (var curve in Reference.Atlas.Document.Curves)
        foreach (var id in curve.Landmarks)
            curve
                .Points.Min(p =>
                    new FacePoint(p[0], p[1]).DistanceTo(
                        new(Reference.Atlas.Landmarks[id].Frontal[0], Reference.Atlas.Landmarks[id].Frontal[1])
                    )
                )
                .ShouldBeLessThan(1e-9, $"{curve.Id} {id}");
    }
}
