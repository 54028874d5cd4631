using Wexis.Core.Techniques;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Hazard rules R100–R106 of the action model: rim and globe, neck, stop words (mechanics from standard anatomy, from memory).</summary>
public class SafetyReviewTests
{
    private static SafetyReview Review(params Step[] steps) => Reference.Derive(steps).Steps[0].Safety;

    private static Step Press(string zone, int level, string axis = "in", string sides = "both", string contact = "fingertip-ring", string verb = "press") =>
        A.Step("3") with { Hands = [A.Track(verb, level, contact, sides) with { Zones = [zone], Axis = axis }] };

    [Theory]
    [InlineData("upper-lid", 1, "in", "ok")]
    [InlineData("upper-lid", 2, "in", "stop")]
    [InlineData("lower-lid", 3, "in", "stop")]
    [InlineData("upper-lid", 1, "back", "stop")]
    public void Inside_the_bony_rim_more_than_a_feather_or_any_push_backwards_is_stopped(string zone, int level, string axis, string verdict) =>
        Review(Press(zone, level, axis)).Verdict.ShouldBe(verdict);

    [Fact]
    public void On_the_front_of_the_lower_rim_a_feather_glide_is_fine()
    {
        var step = A.Step("3") with { Hands = [A.Track("stroke", 1, "fingertip-ring").From("orbital_rim_inferior", "temple_hollow")] };
        Review(step).Findings.Where(f => f.Verdict == "stop").ShouldBeEmpty();
    }

    [Fact]
    public void Both_hands_on_the_carotid_strip_above_a_feather_are_stopped()
    {
        Review(Press("carotid-strip", 2)).Verdict.ShouldBe("stop");
        Review(Press("carotid-strip", 2)).Findings.ShouldContain(f => f.Hazard == "hz-carotid");
    }

    [Fact]
    public void A_firm_press_on_the_front_of_the_throat_is_stopped() => Review(Press("anterior-neck", 3, sides: "midline")).Verdict.ShouldBe("stop");

    [Fact]
    public void A_hand_that_pushes_the_neck_at_its_end_of_range_is_stopped() =>
        Review(A.Step("3") with { Acts = [A.Do("head-tilt-side") with { Force = "hand-at-end-range" }] }).Findings.ShouldContain(f => f.Hazard == "hz-vertebral" && f.Verdict == "stop");

    [Fact]
    public void The_head_taken_back_and_turned_is_stopped() =>
        Review(A.Step("3") with { Acts = [A.Do("head-turn") with { State = new(null, null, null, null, null, "back", null) }] }).Verdict.ShouldBe("stop");

    [Theory]
    [InlineData("Press until it is numb.", "stop")]
    [InlineData("Push through the tingling.", "stop")]
    [InlineData("Hold until you see stars.", "stop")]
    [InlineData("Stop if it goes numb.", "ok")]
    [InlineData("Never push through pain.", "ok")]
    [InlineData("Smile, then let go.", "ok")]
    public void A_stop_sign_taught_as_normal_is_refused_and_a_warning_is_not(string cue, string verdict) =>
        Review(A.Act("smile-closed") with { Cue = cue }).Verdict.ShouldBe(verdict);

    [Fact]
    public void A_stop_says_why_what_instead_and_by_which_rule()
    {
        var stop = Review(Press("upper-lid", 3)).Findings.First(f => f.Verdict == "stop");
        stop.Because.ShouldContain("risks");
        stop.Instead.ShouldNotBeEmpty();
        stop.Why.Rule.ShouldBe("R100");
    }

    [Fact]
    public void A_stopped_step_stops_the_technique_even_when_its_other_steps_are_safe() =>
        Reference.Derive(A.Act("smile-closed"), Press("upper-lid", 4)).Standing.ShouldBe("stopped");

    [Fact]
    public void More_pressure_is_never_safer()
    {
        foreach (var zone in Reference.Atlas.Zones.Keys)
        {
            var ranks = Enumerable.Range(1, 5).Select(level => Review(Press(zone, level)).Verdict switch { "ok" => 0, "caution" => 1, _ => 2 }).ToList();
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
        notes.ShouldAllBe(n => n.Handling == "avoid" || n.Handling == "ask" || n.Handling == "modify");
    }

    [Fact]
    public void Eye_drills_ask_after_eye_surgery_and_a_jaw_knead_does_not_name_glaucoma()
    {
        Reference.Derive(A.Act("gaze-updown")).Exclusions.ShouldContain(n => n.Name.Contains("eye surgery", StringComparison.OrdinalIgnoreCase) || n.Id.Contains("eye"));
        Reference.Derive(A.Hand("circle", "masseter-area", 4, "knuckles")).Steps[0].Classes.ShouldNotContain("eye");
    }
}
