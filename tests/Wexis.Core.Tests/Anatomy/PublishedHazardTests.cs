using NetTopologySuite.Geometries;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Anatomy;

/// <summary>
/// Where each hazard lies, from published anatomy (Gray 1918 and standard clinical anatomy, from memory): held on every surface from
/// which it can be
/// touched. Good to about 0.1 IPD, as the outlines are.
/// </summary>
public class PublishedHazardTests
{
    private static readonly GeometryFactory Plane = new();

    private static Polygon Outline(string hazard, string view) =>
        Plane.CreatePolygon([
            .. Reference.Atlas.Hazards[hazard].Outlines.Single(o => o.View.Word() == view).Polygon is var p
                ? p.Append(p[0]).Select(x => new Coordinate(x[0], x[1]))
                : [],
        ]);

    private static Point In(string landmark, string view)
    {
        var l = Reference.Atlas.Landmarks[landmark];
        return Plane.CreatePoint(
            view == "lateral" ? new Coordinate(l.LateralZ!.Value, l.Frontal[1]) : new Coordinate(l.Frontal[0], l.Frontal[1])
        );
    }

    [Theory]
    // The eye lies behind the lids, inside the bony rim.
    [InlineData("hz-globe", "frontal", "pupil")]
    [InlineData("hz-globe", "lateral", "pupil")]
    // The larynx reaches from the thyroid notch to the cricoid and on to the notch of the breastbone.
    [InlineData("hz-larynx", "frontal", "thyroid_notch")]
    [InlineData("hz-larynx", "lateral", "thyroid_notch")]
    [InlineData("hz-larynx", "frontal", "cricoid")]
    [InlineData("hz-larynx", "lateral", "cricoid")]
    // The joint lies at the condyle, just in front of the ear.
    [InlineData("hz-tmj", "frontal", "condyle")]
    [InlineData("hz-tmj", "lateral", "condyle")]
    // The facial artery crosses the jaw at the notch in front of the masseter.
    [InlineData("hz-facial-artery", "frontal", "antegonial_notch")]
    [InlineData("hz-facial-artery", "lateral", "antegonial_notch")]
    // The hollow above the collarbone.
    [InlineData("hz-supraclavicular", "frontal", "supraclavicular_hollow")]
    [InlineData("hz-supraclavicular", "lateral", "supraclavicular_hollow")]
    // The superficial temporal artery climbs in front of the ear.
    [InlineData("hz-temporal-artery", "lateral", "ear_front")]
    // The trunk of the facial nerve leaves the skull behind the lobe.
    [InlineData("hz-facial-nerve-trunk", "frontal", "lobe")]
    [InlineData("hz-facial-nerve-trunk", "lateral", "lobe")]
    public void A_hazard_lies_at_its_landmark(string hazard, string view, string landmark) =>
        Outline(hazard, view).Distance(In(landmark, view)).ShouldBeLessThanOrEqualTo(0.1, $"{landmark} in the {view} view");

    /// <summary>
    /// The common carotid divides at the upper border of the thyroid cartilage, under the front edge of the side-neck muscle (Gray 1918).
    /// </summary>
    [Theory]
    [InlineData("frontal")]
    [InlineData("lateral")]
    public void The_carotid_divides_at_the_height_of_the_thyroid_notch_beside_the_larynx(string view)
    {
        var height = Reference.Atlas.Landmarks["thyroid_notch"].Frontal[1];
        var carotid = Outline("hz-carotid", view).EnvelopeInternal;
        height.ShouldBeInRange(carotid.MinY, carotid.MaxY);
        Outline("hz-carotid", view).Distance(Outline("hz-larynx", view)).ShouldBeLessThan(0.1);
        var muscle = Reference.Atlas.Muscles["sternocleidomastoid"].Views[view].Polygon!;
        Outline("hz-carotid", view)
            .Distance(Plane.CreatePolygon([.. muscle.Append(muscle[0]).Select(p => new Coordinate(p[0], p[1]))]))
            .ShouldBeLessThan(0.1);
    }

    /// <summary>Behind the ramus and below the lobe, in front of the side-neck muscle (standard clinical anatomy).</summary>
    [Fact]
    public void The_groove_behind_the_jaw_angle_lies_behind_the_bone()
    {
        var groove = Outline("hz-behind-jaw-angle", "lateral");
        groove.Centroid.X.ShouldBeLessThan(Reference.Atlas.Landmarks["gonion"].LateralZ!.Value);
        groove.Centroid.Y.ShouldBeLessThan(Reference.Atlas.Landmarks["below_lobe"].Frontal[1]);
    }

    [Fact]
    public void Every_stop_zone_that_shows_from_the_side_has_an_outline_there()
    {
        foreach (
            var hazard in new[]
            {
                "hz-globe",
                "hz-carotid",
                "hz-larynx",
                "hz-behind-jaw-angle",
                "hz-supraclavicular",
                "hz-vertebral",
                "hz-ear-canal",
                "hz-facial-nerve-trunk",
            }
        )
            Reference.Atlas.Hazards[hazard].Outlines.ShouldContain(o => o.Surface == FaceSurface.Side, hazard);
        Reference.Atlas.Hazards["hz-facial-nerve-trunk"].Outlines.ShouldContain(o => o.Surface == FaceSurface.Front);
    }
}
