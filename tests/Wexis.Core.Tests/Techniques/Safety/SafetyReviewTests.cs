using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Safety;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// Hazard rules R100–R106 of the action model: rim and globe, neck, stop words (mechanics from standard anatomy, from memory).
/// </summary>
public class SafetyReviewTests
{
    private static SafetyReview Review(params Step[] steps) => Reference.Derive(steps).Steps[0].Safety;

    private static Step Press(
        string zone,
        int level,
        string axis = "in",
        string sides = "both",
        string contact = "fingertip-ring",
        string verb = "press"
    ) => A.Step("3") with { Hands = [A.Track(verb, level, contact, sides) with { Zones = [zone], Axis = axis }] };

    [Theory]
    [InlineData("upper-lid", 1, "in", "ok")]
    [InlineData("upper-lid", 2, "in", "stop")]
    [InlineData("lower-lid", 3, "in", "stop")]
    [InlineData("upper-lid", 1, "back", "stop")]
    public void Inside_the_bony_rim_more_than_a_feather_or_any_push_backwards_is_stopped(
        string zone,
        int level,
        string axis,
        string verdict
    ) =>
        Review(Press(zone, level, axis))
            .Verdict.Word()
            .ShouldBe(verdict, string.Join("; ", Review(Press(zone, level, axis)).Findings.Select(f => f.Because)));

    [Fact]
    public void On_the_front_of_the_lower_rim_a_feather_glide_is_fine()
    {
        var step = A.Step("3") with { Hands = [A.Track("stroke", 1, "fingertip-ring").From("orbital_rim_inferior", "temple_hollow")] };
        Review(step).Findings.Where(f => f.Verdict == SafetyVerdict.Stop).ShouldBeEmpty();
    }

    [Fact]
    public void Both_hands_on_the_carotid_strip_above_a_feather_are_stopped()
    {
        Review(Press("carotid-strip", 2)).Verdict.ShouldBe(SafetyVerdict.Stop);
        Review(Press("carotid-strip", 2)).Findings.ShouldContain(f => f.Hazard == "hz-carotid");
    }

    [Fact]
    public void A_firm_press_on_the_front_of_the_throat_is_stopped() =>
        Review(Press("anterior-neck", 3, sides: "midline")).Verdict.ShouldBe(SafetyVerdict.Stop);

    [Fact]
    public void A_hand_that_pushes_the_neck_at_its_end_of_range_is_stopped() =>
        Review(A.Step("3") with { Acts = [A.Do("head-tilt-side") with { Force = "hand-at-end-range" }] })
            .Findings.ShouldContain(f => f.Hazard == "hz-vertebral" && f.Verdict == SafetyVerdict.Stop);

    [Fact]
    public void The_head_taken_back_and_turned_is_stopped() =>
        Review(A.Step("3") with { Acts = [A.Do("head-turn") with { State = new(null, null, null, null, null, "back", null) }] })
            .Verdict.ShouldBe(SafetyVerdict.Stop);

    [Theory]
    [InlineData("Press until it is numb.", "stop")]
    [InlineData("Push through the tingling.", "stop")]
    [InlineData("Hold until you see stars.", "stop")]
    [InlineData("Stop if it goes numb.", "ok")]
    [InlineData("Never push through pain.", "ok")]
    [InlineData("Smile, then let go.", "ok")]
    [InlineData("Press until it is numb, no matter how long it takes.", "stop")]
    [InlineData("Keep going even if it hurts.", "stop")]
    [InlineData("Pain means it works.", "stop")]
    [InlineData("Flashes are normal.", "stop")]
    [InlineData("Press gently on the eyeball.", "stop")]
    [InlineData("Never press on the eyeball.", "ok")]
    [InlineData("Slide the little finger behind the rim.", "stop")]
    [InlineData("Squeeze both sides of the neck.", "stop")]
    [InlineData("Pull the head to the side with the hand.", "stop")]
    [InlineData("Do not pull the head.", "ok")]
    [InlineData("Hold your breath for 30 s.", "stop")]
    [InlineData("Hold your breath as long as you can.", "stop")]
    [InlineData("Hold your breath and count to three.", "caution")]
    [InlineData("Do not hold your breath.", "ok")]
    [InlineData("Do it while driving.", "stop")]
    [InlineData("Not while driving.", "ok")]
    [InlineData("Stroke until the skin is dark red.", "stop")]
    [InlineData("Stop before the skin is dark red.", "ok")]
    public void A_stop_sign_taught_as_normal_is_refused_and_a_warning_is_not(string cue, string verdict) =>
        Review(A.Act("smile-closed") with { Cue = cue }).Verdict.Word().ShouldBe(verdict);

    [Theory]
    [InlineData(9.9, true)] // common practice: 10 to 45 degrees, ends included
    [InlineData(10, false)]
    [InlineData(45, false)]
    [InlineData(45.1, true)]
    public void A_tool_outside_10_to_45_degrees_is_cautioned(double degrees, bool cautioned)
    {
        var step = A.Step("3") with
        {
            Hands = [A.Track("tool-stroke", 2, "tool-flat").From("alare", "ear_front") with { AngleDeg = degrees, GripOrSlip = "slip" }],
        };
        Review(step).Findings.Any(f => f.Hazard == "tool-angle").ShouldBe(cautioned);
    }

    [Fact]
    public void What_an_adaptation_or_a_cure_says_is_checked_too()
    {
        var document = A.Technique(A.Act("smile-closed")) with { Adaptations = [new("strong people", "push through the pain")] };
        Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings).Standing.ShouldBe(DerivedStanding.Stopped);
    }

    [Fact]
    public void Sides_that_are_not_told_on_the_neck_are_asked_for()
    {
        var step = A.Hand("stroke", "lateral-neck", 1);
        step = step with { Hands = [step.Hands![0] with { Sides = null, Which = null }] };
        Reference.Derive(step).Questions.ShouldContain(q => q.Text == "On the neck: one side at a time, or both at once?");
    }

    public static TheoryData<string, string, string> NeckDoses =>
        new(
            from zone in new[] { "lateral-neck", "carotid-strip", "submandibular" }
            from verb in new[] { "stroke", "press", "knead", "hold-still" }
            from dose in new[]
            {
                "5 each side",
                "5 left, 5 right",
                "30 s per side",
                "3 x 10 on each side",
                "one side, then the other, 10 each",
            }
            select (zone, verb, dose)
        );

    /// <summary>
    /// A dose "for each side" says how much, not that two hands take turns: with both hands told, or two of them, it is asked.
    /// </summary>
    [Theory, MemberData(nameof(NeckDoses))]
    public void A_dose_for_each_side_is_no_leave_for_two_hands_on_the_neck_at_once(string zone, string verb, string dose)
    {
        var hand = A.Track(verb, 1) with { Zones = [zone], Sides = null };
        Asked([hand with { Which = "both" }]).ShouldBeTrue("both hands");
        Asked([hand with { Which = "right" }, hand with { Which = "left" }]).ShouldBeTrue("two hands");
        Asked([hand with { Which = "left" }, hand with { Which = "right" }]).ShouldBeTrue("two hands, the other way round");
        Asked([hand with { Which = null }, hand with { Which = null, Role = "hold" }]).ShouldBeTrue("two hands, not said which");
        // One hand cannot be on both sides at once: the dose answers the question.
        var one = Reference.Derive(A.Step(dose) with { Hands = [hand with { Which = null }] });
        one.Steps[0].Sides.ShouldBe(Sides.OneThenOther);

        bool Asked(Hand[] hands)
        {
            var derived = Reference.Derive(A.Step(dose) with { Hands = hands });
            return derived.Standing is DerivedStanding.Stopped
                || derived.Questions.Any(q => q.Text == "On the neck: one side at a time, or both at once?");
        }
    }

    [Fact]
    public void A_stop_says_why_what_instead_and_by_which_rule()
    {
        var stop = Review(Press("upper-lid", 3)).Findings.First(f => f.Verdict == SafetyVerdict.Stop);
        stop.Because.ShouldContain("risks");
        stop.Instead.ShouldNotBeEmpty();
        stop.Why.Rule.ShouldBe("R100");
    }

    [Fact]
    public void A_stopped_step_stops_the_technique_even_when_its_other_steps_are_safe() =>
        Reference.Derive(A.Act("smile-closed"), Press("upper-lid", 4)).Standing.ShouldBe(DerivedStanding.Stopped);

    [Fact]
    public void More_pressure_is_never_safer()
    {
        foreach (var zone in Reference.Atlas.Zones.Keys)
        {
            var ranks = Enumerable
                .Range(1, 5)
                .Select(level =>
                    Review(Press(zone, level)).Verdict switch
                    {
                        SafetyVerdict.Ok => 0,
                        SafetyVerdict.Caution => 1,
                        _ => 2,
                    }
                )
                .ToList();
            ranks.ShouldBe(ranks.Order().ToList(), customMessage: zone);
        }
    }
}

/// <summary>Exclusions by technique class, with the clinician's word above them.</summary>
public class ScreeningTests
{
    [Fact]
    public void The_clinicians_word_stands_above_every_list() =>
        Reference.Derive(A.Act("smile-closed")).ClinicianFirst.ShouldContain("licensed clinician");

    [Fact]
    public void Red_flags_come_first_and_the_stricter_handling_wins()
    {
        var notes = Reference.Derive(A.Hand("press", "masseter-area", 4), A.Act("open-jaw")).Exclusions;
        notes.ShouldNotBeEmpty();
        notes.SkipWhile(n => n.RedFlag).ShouldAllBe(n => !n.RedFlag);
        notes.ShouldAllBe(n => n.Handling == Handling.Avoid || n.Handling == Handling.Ask || n.Handling == Handling.Modify);
    }

    [Fact]
    public void Eye_drills_ask_after_eye_surgery_and_a_jaw_knead_does_not_name_glaucoma()
    {
        Reference
            .Derive(A.Act("gaze-updown"))
            .Exclusions.ShouldContain(n => n.Name.Contains("eye surgery", StringComparison.OrdinalIgnoreCase) || n.Id.Contains("eye"));
        Reference.Derive(A.Hand("circle", "masseter-area", 4, "knuckles")).Steps[0].Classes.ShouldNotContain("eye");
    }

    [Fact]
    public void A_point_off_the_face_is_read_and_has_no_place_on_it()
    {
        // Once a press on a point of the hand broke the whole derivation.
        var step = A.Step() with { Hands = [A.Track("press", 3, "thumb-pad") with { Points = ["LI4"], HoldS = 5 }] };
        var derived = Reference.Derive(step);
        derived.Steps[0].Strokes.ShouldBeEmpty();
        derived.Classes.ShouldContain("points");
    }
}
