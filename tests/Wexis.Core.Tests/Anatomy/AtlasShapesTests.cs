using NetTopologySuite.Geometries;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Anatomy;

/// <summary>The shapes that the plates draw and the strokes are measured over. Courses of fibres: Gray 1918, from memory.</summary>
public class AtlasShapesTests
{
    private static readonly GeometryFactory Plane = new();

    /// <summary>Half a millimetre and more: what rounding an outline's corners may take from a fibre's end.</summary>
    private const double CornerIpd = 0.035;

    public static TheoryData<string, string> Drawn() =>
        [.. Reference.Atlas.Document.Muscles.SelectMany(m => m.Views.Where(v => v.Value.Polygon is not null).Select(v => (m.Id, v.Key)))];

    [Theory]
    [MemberData(nameof(Drawn))]
    public void An_outline_is_one_simple_ring_and_its_fibres_lie_inside(string muscle, string view)
    {
        var shape = Reference.Atlas.Muscles[muscle].Views[view];
        var outline = Ring(shape.Polygon!);
        outline.IsValid.ShouldBeTrue("an outline must not cross itself");
        outline.Area.ShouldBeGreaterThan(0.0004, "smaller than a grain on the plate");
        var room = outline.Buffer(CornerIpd);
        foreach (var fibre in shape.FibreLines!)
            room.Covers(Line(fibre)).ShouldBeTrue($"a fibre from {string.Join(' ', fibre[0])} leaves the outline");
        foreach (var hole in shape.Holes ?? [])
            room.Covers(Ring(hole)).ShouldBeTrue("a hole lies inside");
    }

    /// <summary>
    /// The angle that the computation uses and the lines that the eye sees must tell one story: within 25 degrees, since fans spread.
    /// </summary>
    [Theory]
    [MemberData(nameof(Straight))]
    public void Fibres_are_drawn_along_the_axis_that_is_computed(string muscle)
    {
        var m = Reference.Atlas.Muscles[muscle];
        var directions = m.Views["frontal"].FibreLines!.Select(f => FaceAngle.Direction(new(f[0][0], f[0][1]), new(f[^1][0], f[^1][1])));
        var off = directions.Select(d => FaceAngle.ToAxis(d, m.Fibre.AxisDeg!.Value)).ToList();
        off.Average().ShouldBeLessThan(25);
    }

    public static TheoryData<string> Straight() =>
        [
            .. Reference
                .Atlas.Document.Muscles.Where(m =>
                    m.Fibre is { Kind: FibreKind.Linear, AxisDeg: not null }
                    && m.Views.TryGetValue("frontal", out var v)
                    && v.Polygon is not null
                    && m.Id is not ("omohyoid" or "trapezius-descending")
                )
                .Select(m => m.Id),
        ];

    [Fact]
    public void Whatever_can_be_seen_or_felt_is_drawn_in_some_view() =>
        Reference
            .Atlas.Document.Muscles.Where(m => m.Depth.CompareTo("D4") <= 0 && m.Views.All(v => v.Value.Polygon is null))
            .ShouldBeEmpty();

    [Theory]
    [InlineData("medial-rectus")]
    [InlineData("lateral-rectus")]
    [InlineData("superior-rectus")]
    [InlineData("inferior-rectus")]
    [InlineData("superior-oblique")]
    [InlineData("inferior-oblique")]
    public void All_six_movers_of_the_eyeball_are_drawn_from_above(string muscle) =>
        Reference.Atlas.Muscles[muscle].Views["superior"].Polygon.ShouldNotBeNull();

    [Fact]
    public void The_superior_oblique_turns_back_outwards_at_its_pulley_in_front()
    {
        var line = Reference.Atlas.Muscles["superior-oblique"].Views["superior"].FibreLines![0];
        var pulley = line.MaxBy(p => p[1])!;
        pulley[1].ShouldBeGreaterThan(line[0][1], "it comes from the apex, behind");
        line[^1][1].ShouldBeLessThan(pulley[1], "and runs back from the pulley");
        line[^1][0].ShouldBeGreaterThan(pulley[0] + 0.1, "outwards, to the globe");
    }

    [Fact]
    public void The_superior_rectus_leaves_the_axis_of_sight_by_about_23_degrees()
    {
        // 23 degrees in the primary position: common knowledge of the textbooks of eye movement; from memory.
        var line = Reference.Atlas.Muscles["superior-rectus"].Views["superior"].FibreLines![1];
        var off = Math.Atan2(line[^1][0] - line[0][0], line[^1][1] - line[0][1]) * 180 / Math.PI;
        off.ShouldBeInRange(17, 29);
    }

    [Fact]
    public void Front_fibres_of_the_temporalis_stand_upright_and_the_hindmost_lie_flat()
    {
        var fan = Reference.Atlas.Muscles["temporalis"].Views["lateral"].FibreLines!;
        Steepness(fan[1]).ShouldBeGreaterThan(60);
        Steepness(fan[^1][^3..]).ShouldBeLessThan(35);
    }

    [Fact]
    public void The_superficial_masseter_slants_down_and_back_and_the_deep_one_is_steeper()
    {
        var superficial = Reference.Atlas.Muscles["masseter-superficial"].Views["lateral"].FibreLines!;
        superficial.Select(Way).ShouldAllBe(w => w.Along < 0 && w.Up < 0);
        Reference
            .Atlas.Muscles["masseter-deep"]
            .Views["lateral"]
            .FibreLines!.Average(Steepness)
            .ShouldBeGreaterThan(superficial.Average(Steepness));
    }

    [Theory]
    [InlineData("occipitalis", "lateral")]
    [InlineData("occipitalis", "posterior")]
    [InlineData("frontalis", "frontal")]
    [InlineData("temporoparietalis", "lateral")]
    public void The_muscles_of_the_scalp_run_upwards(string muscle, string view) =>
        Reference.Atlas.Muscles[muscle].Views[view].FibreLines!.Select(Steepness).ShouldAllBe(s => s > 55);

    [Fact]
    public void The_sternomastoid_runs_from_behind_the_ear_down_and_forward_and_ends_in_two_heads()
    {
        var shape = Reference.Atlas.Muscles["sternocleidomastoid"].Views["lateral"];
        shape.FibreLines!.Select(Way).ShouldAllBe(w => w.Along > 0 && w.Up < 0);
        Ring(shape.Polygon!)
            .Intersection(
                Line([
                    [-3, -3.38],
                    [0, -3.38],
                ])
            )
            .NumGeometries.ShouldBe(2, "one to the breastbone, one to the collarbone");
    }

    /// <summary>Mastoid process and the outer half of the superior nuchal line, where the trapezius leaves off.</summary>
    [Fact]
    public void Seen_from_behind_the_sternomastoid_holds_to_the_mastoid_and_to_the_outer_half_of_the_nuchal_line()
    {
        var muscle = Ring(Reference.Atlas.Muscles["sternocleidomastoid"].Views["posterior"].Polygon!);
        foreach (var place in new[] { "mastoid_tip", "superior_nuchal_line" })
            muscle.Distance(At(place)).ShouldBeLessThan(0.1, place);
        muscle.EnvelopeInternal.MinX.ShouldBeGreaterThan(0.4, "the inner half of the line is the trapezius’s");
        muscle
            .Intersects(Ring(Reference.Atlas.Muscles["trapezius-descending"].Views["posterior"].Polygon!).Buffer(-0.02))
            .ShouldBeFalse("a triangle lies between the two");
    }

    /// <summary>From the chest over the collarbone, up over the edge of the jaw to the lower cheek; some fibres end on the jaw.</summary>
    [Fact]
    public void The_platysma_runs_from_below_the_collarbone_over_the_jaw()
    {
        var muscle = Reference.Atlas.Muscles["platysma"];
        foreach (var fibre in muscle.Views["frontal"].FibreLines!)
        {
            fibre[0][1].ShouldBeLessThan(Place("clavicle_mid")[1], "it begins below the collarbone");
            fibre[^1]
                [1]
                .ShouldBeGreaterThan(Place("menton")[1] - 0.1, "it reaches the edge of the jaw; the inmost meet just under the chin");
        }
        muscle
            .Views["frontal"]
            .FibreLines!.Max(f => f[^1][1])
            .ShouldBeGreaterThan(Place("gonion")[1] - 0.2, "its back fibres go on to the cheek");
    }

    [Fact]
    public void The_hind_muscle_of_the_ear_runs_level_from_the_mastoid_to_the_shell() =>
        Reference.Atlas.Muscles["auricularis-posterior"].Views["posterior"].FibreLines!.Select(Steepness).ShouldAllBe(s => s < 20);

    [Fact]
    public void The_descending_trapezius_fans_from_the_midline_down_and_out_to_the_shoulder() =>
        Reference
            .Atlas.Muscles["trapezius-descending"]
            .Views["posterior"]
            .FibreLines!.Select(Way)
            .ShouldAllBe(w => w.Along > 1 && w.Up < 0);

    [Fact]
    public void The_zygomaticus_minor_lies_above_and_inside_the_major()
    {
        var (minor, major) = (
            Ring(Reference.Atlas.Muscles["zygomaticus-minor"].Views["frontal"].Polygon!).Centroid,
            Ring(Reference.Atlas.Muscles["zygomaticus-major"].Views["frontal"].Polygon!).Centroid
        );
        minor.X.ShouldBeLessThan(major.X);
        minor.Y.ShouldBeGreaterThan(major.Y);
    }

    [Fact]
    public void No_half_of_a_pair_crosses_the_midline_in_front_or_behind() =>
        Reference
            .Atlas.Document.Muscles.SelectMany(m =>
                m.Views.Where(v => v.Key is "frontal" or "posterior" && v.Value.Polygon is not null)
                    .Select(v => (m.Id, Least: v.Value.Polygon!.Min(p => p[0])))
            )
            .Where(x => x.Least < 0)
            .ShouldBeEmpty();

    public static TheoryData<string, string> DrawnTissues() =>
        [.. Reference.Atlas.Document.Tissues.SelectMany(t => t.Views.Where(v => v.Value.Polygon is not null).Select(v => (t.Id, v.Key)))];

    [Theory]
    [MemberData(nameof(DrawnTissues))]
    public void A_tissue_has_one_simple_outline(string tissue, string view) =>
        Ring(Reference.Atlas.Tissues[tissue].Views[view].Polygon!).IsValid.ShouldBeTrue();

    /// <summary>
    /// Gray 1918: the parotid lies below and in front of the ear, its duct crosses the masseter a finger below the arch; the gland under
    /// the jaw lies below its border.
    /// </summary>
    [Fact]
    public void The_glands_lie_where_a_hand_must_know_them()
    {
        var parotid = Ring(Reference.Atlas.Tissues["parotid-gland"].Views["lateral"].Polygon!);
        var masseter = Ring(Reference.Atlas.Muscles["masseter-superficial"].Views["lateral"].Polygon!);
        parotid.Intersects(masseter).ShouldBeTrue("on the back of the masseter");
        parotid.Centroid.X.ShouldBeLessThan(masseter.Centroid.X);
        var duct = Line(Reference.Atlas.Tissues["parotid-gland"].Views["lateral"].FibreLines![0]);
        (duct.Intersection(masseter).Length / duct.Length).ShouldBeGreaterThan(0.5);
        Ring(Reference.Atlas.Tissues["submandibular-gland"].Views["lateral"].Polygon!)
            .Centroid.Y.ShouldBeLessThan(Reference.Atlas.Landmarks["gonion"].Frontal[1]);
    }

    /// <summary>Five branches leave the parotid (Gray 1918): to the temple, the eye, the cheek, along the jaw, and to the neck.</summary>
    [Fact]
    public void Five_branches_of_the_facial_nerve_fan_out_from_the_parotid()
    {
        var branches = Reference.Atlas.Tissues["parotid-gland"].Views["lateral"].FibreLines!.Skip(1).ToList();
        branches.Count.ShouldBe(5);
        branches.Select(b => b[0][0]).Distinct().Count().ShouldBe(1, "they come from one stem");
        branches.Select(b => b[^1][1]).ShouldBe(branches.Select(b => b[^1][1]).OrderDescending(), "from temple to neck");
    }

    public static TheoryData<string, string> DrawnOnTheSkin() =>
        [
            .. Reference
                .Atlas.Document.Muscles.Select(m => (m.Id, m.Views))
                .Concat(Reference.Atlas.Document.Tissues.Select(t => (t.Id, t.Views)))
                .SelectMany(s => s.Views.Where(v => v.Value.Polygon is not null && Skins.ContainsKey(v.Key)).Select(v => (s.Id, v.Key))),
        ];

    [Theory]
    [MemberData(nameof(DrawnOnTheSkin))]
    public void No_structure_is_drawn_beside_the_body(string structure, string view)
    {
        var shape = Reference.Atlas.Muscles.TryGetValue(structure, out var muscle)
            ? muscle.Views[view]
            : Reference.Atlas.Tissues[structure].Views[view];
        var beside = Ring(shape.Polygon!).Difference(Skins[view].Buffer(0.02));
        beside.IsEmpty.ShouldBeTrue($"beside the skin at {beside.Centroid}");
    }

    [Fact]
    public void No_zone_hazard_point_or_node_is_drawn_beside_the_body()
    {
        var front = Skins["frontal"].Union(Ring(Contour("front", "ear"))).Buffer(0.02);
        var side = Skins["lateral"].Buffer(0.02);
        var atlas = Reference.Atlas.Document;
        Geometry? SkinOf(string? view) =>
            view switch
            {
                "frontal" => front,
                "lateral" => side,
                _ => null,
            };
        atlas
            .Zones.Where(z => SkinOf(z.View.Word()) is { } skin && !skin.Covers(Ring(z.Polygon)))
            .Select(z => z.Id)
            .Concat(
                atlas
                    .Hazards.SelectMany(h => h.Outlines.Select(o => (h.Id, o)))
                    .Where(x => SkinOf(x.o.View.Word()) is { } skin && !skin.Covers(Ring(x.o.Polygon)))
                    .Select(x => $"{x.Id} from the {x.o.Surface}")
            )
            .Concat(
                atlas
                    .Points.Where(p => p.Surface != FaceSurface.Back && p.Frontal is { } place && !front.Covers(At(place)))
                    .Select(p => p.Code)
            )
            .Concat(atlas.Lymph.Where(n => n.Surface != FaceSurface.Back && !front.Covers(At(n.Frontal))).Select(n => n.Id))
            .ShouldBeEmpty();
    }

    [Fact]
    public void The_neck_is_as_wide_from_in_front_as_from_behind()
    {
        foreach (var level in new[] { -1.5, -2.0, -2.5, -2.9 })
            HalfWidth("front", level).ShouldBe(HalfWidth("back", level), 0.03, $"at {level}");

        static double HalfWidth(string view, double level) =>
            Line(Contour(view, "neck"))
                .Intersection(
                    Line([
                        [0, level],
                        [3, level],
                    ])
                )
                .Coordinate.X;
    }

    /// <summary>What is skin, by the view of a structure: head and neck down to the shoulders; from the side, the whole outline.</summary>
    private static readonly Dictionary<string, Geometry> Skins = new()
    {
        ["frontal"] = Skin("front"),
        ["posterior"] = Skin("back"),
        ["lateral"] = Ring([
            .. Contour("side", "profile"),
            .. Contour("side", "under-chin-neck"),
            .. Contour("side", "back-contour").Reverse(),
        ]),
    };

    private static Geometry Skin(string view)
    {
        double[][] half = [.. Contour(view, "neck"), .. Contour(view, "shoulder"), [3.05, -4.6]];
        return Ring([.. half, .. half.Reverse().Select(p => new[] { -p[0], p[1] })]).Union(Ring(Contour(view, "head-contour")));
    }

    private static double[][] Contour(string view, string line) =>
        Reference.Atlas.Document.Features.Views[view].First(l => l.Id == line).Points;

    /// <summary>From a fibre's first point to its last: along the first number of the view, and up.</summary>
    private static double[] Place(string landmark) => Reference.Atlas.Landmarks[landmark].Frontal;

    private static Point At(string landmark) => At(Place(landmark));

    private static Point At(double[] place) => Plane.CreatePoint(new Coordinate(place[0], place[1]));

    private static (double Along, double Up) Way(double[][] line) => (line[^1][0] - line[0][0], line[^1][1] - line[0][1]);

    private static double Steepness(double[][] line) =>
        Math.Abs(Math.Atan2(line[^1][1] - line[0][1], Math.Abs(line[^1][0] - line[0][0]))) * 180 / Math.PI;

    private static Polygon Ring(double[][] points) =>
        Plane.CreatePolygon([.. points.Select(p => new Coordinate(p[0], p[1])), new Coordinate(points[0][0], points[0][1])]);

    private static LineString Line(double[][] points) => Plane.CreateLineString([.. points.Select(p => new Coordinate(p[0], p[1]))]);
}
