using NetTopologySuite.Geometries;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Safety;
using Wexis.Core.Techniques.Strokes;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// No stroke gets past a stop zone, however it was told. Lines and outlines are laid over one another by the general-purpose geometry
/// library
/// (NetTopologySuite), apart from Wexis's own reading of a path. <c>./wexis drill</c> runs the whole of it, the tests a seeded part.
/// </summary>
public class HazardPropertyTests
{
    private const double SixMillimetres = 6.0 / 63;
    private static readonly bool Whole = Environment.GetEnvironmentVariable("WEXIS_DRILL") == "long";
    private static readonly GeometryFactory Plane = new();
    private static readonly IReadOnlyList<string> Places = [.. Reference.Atlas.Landmarks.Keys];
    private static readonly (string Narrow, string Wide) Contacts = ("fingertip-ring", "interlaced-hands");

    /// <summary>Stop zones, and the level from which a travelling contact is stopped in them (rule data of the atlas).</summary>
    private static readonly IReadOnlyList<(string Hazard, int From, IReadOnlyList<(FaceView View, Geometry Area)> Areas)> StopZones =
    [
        .. Reference
            .Atlas.Document.Hazards.Select(h =>
                (
                    h.Id,
                    From: h.RuleData.Where(r =>
                            r.Then == SafetyVerdict.Stop
                            && r.When
                                is {
                                    MinLevel: not null,
                                    Static: null,
                                    Bilateral: null,
                                    Direction: null,
                                    Class: null,
                                    Person: null,
                                    MinHoldS: null,
                                    ToolEdge: null
                                }
                        )
                        .Select(r => r.When.MinLevel!.Value)
                        .DefaultIfEmpty(9)
                        .Min(),
                    (IReadOnlyList<(FaceView, Geometry)>)
                        [
                            .. h.Outlines.Select(o =>
                                (
                                    o.View,
                                    (Geometry)
                                        Plane
                                            .CreatePolygon([.. o.Polygon.Append(o.Polygon[0]).Select(p => new Coordinate(p[0], p[1]))])
                                            .Buffer(0)
                                )
                            ),
                        ]
                )
            )
            .Where(x => x.From < 9),
    ];

    [Fact]
    public void The_stop_zones_are_those_of_the_published_hazards() =>
        // Eyeball, carotid sinus, larynx, groove behind the jaw angle, hollow above the collarbone: standard clinical anatomy, from memory.
        StopZones
            .Select(z => z.Hazard)
            .ShouldBe(["hz-globe", "hz-carotid", "hz-behind-jaw-angle", "hz-larynx", "hz-supraclavicular"], ignoreOrder: true);

    [Fact]
    public void No_straight_stroke_between_two_landmarks_gets_past_a_stop_zone()
    {
        var random = new Random(20261128);
        var missed = new List<string>();
        var met = 0;
        foreach (var from in Places)
        foreach (var to in Places.Where(p => p != from))
        {
            if (!Whole && random.NextDouble() > 0.08)
                continue;
            var path = StrokePath.Of(A.Track("stroke", 4).From(from, to), Reference.Atlas, Reference.Settings);
            if (path.Legs.Any(l => l.Through))
                continue;
            var crossed = StopZones.Where(z => Inside(path, z.Areas) >= SixMillimetres).ToList();
            met += crossed.Count;
            foreach (var contact in new[] { Contacts.Narrow, Contacts.Wide })
            foreach (var sides in new[] { "both", "one-then-other", "left" })
                for (var level = 1; level <= 5; level++)
                {
                    if (crossed.TrueForAll(z => level < z.From))
                        continue;
                    if (Review(A.Track("stroke", level, contact, sides).From(from, to)).Verdict != SafetyVerdict.Stop)
                        missed.Add($"{from} → {to}, level {level}, {contact}, {sides}: {string.Join(", ", crossed.Select(z => z.Hazard))}");
                }
        }
        met.ShouldBeGreaterThan(50);
        missed.ShouldBeEmpty();
    }

    [Fact]
    public void No_path_of_two_or_three_legs_gets_past_a_stop_zone_with_or_without_told_zones()
    {
        var random = new Random(5000);
        var zones = Reference.Atlas.Zones.Keys.ToList();
        var missed = new List<string>();
        for (var n = 0; n < (Whole ? 5000 : 1500); n++)
        {
            var places = Enumerable
                .Range(0, random.Next(3, 5))
                .Select(_ => new PathPoint(
                    Places[random.Next(Places.Count)],
                    null,
                    null,
                    random.Next(4) == 0 ? new(TechniqueWords.OffsetDirections[random.Next(5)], random.Next(1, 4) / 2.0) : null
                ))
                .ToList();
            var hand = A.Track(
                "stroke",
                random.Next(2, 6),
                random.Next(2) == 0 ? Contacts.Narrow : Contacts.Wide,
                random.Next(2) == 0 ? "both" : "left"
            ) with
            {
                Path = places,
                Glide = true,
            };
            var path = StrokePath.Of(hand, Reference.Atlas, Reference.Settings);
            if (!StopZones.Any(z => hand.Pressure >= z.From && Inside(path, z.Areas) >= SixMillimetres))
                continue;
            foreach (var told in new[] { hand, hand with { Zones = [zones[random.Next(zones.Count)]] } })
                if (Review(told).Verdict != SafetyVerdict.Stop)
                    missed.Add($"{string.Join(" → ", places.Select(p => p.At))} at {hand.Pressure}, {string.Join(", ", told.AllZones)}");
        }
        missed.ShouldBeEmpty();
    }

    [Fact]
    public void From_front_to_back_it_is_asked_what_lies_between()
    {
        foreach (var from in Places.Where(p => Reference.Atlas.Landmarks[p].Surface == FaceSurface.Front))
        foreach (var to in Places.Where(p => Reference.Atlas.Landmarks[p].Surface == FaceSurface.Back))
        {
            var leg = StrokePath.Of(A.Track("stroke", 3).From(from, to), Reference.Atlas, Reference.Settings).Legs.Single();
            var derived = Reference.Derive(A.Step() with { Hands = [A.Track("stroke", 3).From(from, to)] });
            if (leg.Through)
                derived.Questions.ShouldContain(
                    q => q.Text.Contains("what lies between", StringComparison.Ordinal),
                    customMessage: $"{from} → {to}"
                );
            else
                (to == "vertex" || from == "acromion").ShouldBeTrue($"{from} → {to}");
        }
    }

    [Fact]
    public void A_press_a_hold_and_a_knead_at_a_place_are_contacts_like_strokes()
    {
        foreach (var verb in Reference.Model.Verbs.Keys)
        foreach (
            var (place, level) in new[] { ("upper_lid_margin", 2), ("thyroid_notch", 2), ("hyoid_horn", 4), ("supraclavicular_hollow", 3) }
        )
            Review(A.Track(verb, level, "thumb-pad").From(place) with { Glide = null })
                .Verdict.ShouldBe(SafetyVerdict.Stop, $"{verb} at {place}");
    }

    /// <summary>
    /// What lies under the chin faces down: the front picture draws it together with the tongue bone behind it, and the side picture tells
    /// them apart. Every place of the front, every contact, against both pictures; moved about, it is judged by the front picture alone.
    /// </summary>
    [Fact]
    public void A_place_that_lies_well_before_the_voice_box_does_not_meet_it_and_every_place_on_it_does()
    {
        var areas = StopZones.Single(z => z.Hazard == "hz-larynx").Areas;
        var (front, side) = (Both(areas.Single(a => a.View == FaceView.Frontal).Area), areas.Single(a => a.View == FaceView.Lateral).Area);
        var (freed, wrong) = (new HashSet<string>(), new List<string>());
        foreach (var (id, landmark) in Reference.Atlas.Landmarks.Where(l => l.Value.Surface == FaceSurface.Front))
        foreach (var contact in Reference.Atlas.Contacts.Values)
        foreach (var offset in (PathOffset?[])[null, .. TechniqueWords.OffsetDirections.Select(d => new PathOffset(d, 0.5))])
        {
            var hand = A.Track("press", 2, contact.Id) with { Glide = null, Path = [new(id, null, null, offset)] };
            var stop = StrokePath.Of(hand, Reference.Atlas, Reference.Settings).Stops.Single();
            var radius = contact.WidthMm / Reference.Settings.IpdMm / 2;
            var pad = Plane.CreatePoint(new Coordinate(stop.Point.X, stop.Point.Y)).Buffer(radius);
            var met = front.Contains(pad.Centroid) || pad.Intersection(front).Area / pad.Area >= 0.1;
            var before =
                offset?.Dir is null or "back"
                && Plane.CreatePoint(new Coordinate(stop.Z!.Value, stop.Point.Y)).Buffer(radius).Distance(side) >= 0.05;
            var stopped = Review(hand).Findings.Any(f => f.Hazard == "hz-larynx" && f.Verdict == SafetyVerdict.Stop);
            if (stopped != (met && !before))
                wrong.Add($"{contact.Id} at {id} {offset?.Dir}: {stopped}");
            if (met && before)
                freed.Add(id);
        }
        wrong.ShouldBeEmpty();
        // The hand that cups the chin, and the thumb behind its bone.
        freed.ShouldBe(["menton", "submental_mid"], ignoreOrder: true);
    }

    private static Geometry Both(Geometry half) =>
        half.Union(NetTopologySuite.Geometries.Utilities.AffineTransformation.ScaleInstance(-1, 1).Transform(half));

    [Fact]
    public void Every_point_above_its_cap_is_said_and_an_excluded_one_is_stopped()
    {
        foreach (var point in Reference.Atlas.Points.Values.Where(p => p.MaxPressure < 5))
        {
            var review = Review(
                A.Track("press", point.MaxPressure!.Value + 1, "thumb-pad", "one-then-other") with
                {
                    Points = [point.Code],
                }
            );
            review.Verdict.ShouldBe(
                point.MaxPressure == 0 || review.Findings.Any(f => f.Verdict == SafetyVerdict.Stop)
                    ? SafetyVerdict.Stop
                    : SafetyVerdict.Caution,
                point.Code
            );
            review.Findings.ShouldContain(f => f.Hazard == $"cap-{point.Code}", point.Code);
        }
    }

    [Fact]
    public void Every_zone_above_its_cap_is_said()
    {
        foreach (var zone in Reference.Atlas.Zones.Values.Where(z => z.MaxPressure < 5))
            Review(A.Track("stroke", zone.MaxPressure + 1, "fingertip-index", "left") with { Zones = [zone.Id] })
                .Findings.ShouldContain(f => f.Hazard == "cap-zone" || f.Verdict == SafetyVerdict.Stop, zone.Id);
    }

    [Theory]
    [InlineData("both", "both", true)]
    [InlineData("left", "right", true)]
    [InlineData("left", "left", false)]
    public void Both_hands_at_once_on_the_neck_above_a_feather_are_stopped_in_one_track_or_in_two(string first, string second, bool stopped)
    {
        Step Hands(int level) =>
            A.Step() with
            {
                Hands =
                    first == "both"
                        ? [A.Track("stroke", level, sides: "both").From("scm_upper", "clavicle_mid")]
                        :
                        [
                            A.Track("stroke", level, "two-fingers", first).From("scm_upper", "clavicle_mid") with
                            {
                                Which = "left",
                            },
                            A.Track("stroke", level, "two-fingers", second).From("scm_upper", "clavicle_mid") with
                            {
                                Which = "right",
                            },
                        ],
            };
        Reference.Derive(Hands(2)).Steps[0].Safety.Findings.Any(f => f.Hazard == "hz-neck-both").ShouldBe(stopped);
        Reference.Derive(Hands(1)).Steps[0].Safety.Findings.ShouldNotContain(f => f.Verdict == SafetyVerdict.Stop);
    }

    private static SafetyReview Review(Hand hand)
    {
        var completed = CompletedStep.Of(A.Step() with { Hands = [hand] }, 0, Reference.Atlas, Reference.Model, Reference.Settings);
        return SafetyReview.Of(completed, DoseSum.None, AlsoSaid.Nothing, Reference.Atlas, Reference.Model, Reference.Settings);
    }

    /// <summary>
    /// The longest run of one leg's centre line inside an area, in IPD: in the front view where no end lies on the back, in the side view
    /// where one lies on the side, in the back view where one lies on the back.
    /// </summary>
    private static double Inside(StrokePath path, IReadOnlyList<(FaceView View, Geometry Area)> areas) =>
        path
            .Legs.Where(l => !l.Through)
            .SelectMany(leg => areas.Select(a => Line(leg, a.View) is { } line ? line.Intersection(a.Area).Length : 0))
            .DefaultIfEmpty(0)
            .Max();

    private static LineString? Line(StrokeLeg leg, FaceView view) =>
        view switch
        {
            FaceView.Frontal when !leg.Touches(FaceSurface.Back) => Plane.CreateLineString([
                .. leg.Places.Select(p => new Coordinate(p.X, p.Y)),
            ]),
            FaceView.Posterior when leg.Touches(FaceSurface.Back) => Plane.CreateLineString([
                .. leg.Places.Select(p => new Coordinate(p.X, p.Y)),
            ]),
            // Along an edge the side view shows a bend; a straight leg is straight in every view.
            FaceView.Lateral when leg.Edge is null && leg.Touches(FaceSurface.Side) && leg.Start.Z is { } from && leg.End.Z is { } to =>
                Plane.CreateLineString([new(from, leg.From.Y), new(to, leg.To.Y)]),
            _ => null,
        };
}
