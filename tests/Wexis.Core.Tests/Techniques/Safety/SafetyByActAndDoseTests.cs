using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Safety;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Acts that a head or a jaw may not be put to, and a dose that no typing passes.</summary>
public class SafetyByActAndDoseTests
{
    private static SafetyReview Review(Step step) => Reference.Derive(step).Steps[0].Safety;

    [Fact]
    public void Swallowing_with_the_head_tipped_back_is_done_with_an_empty_mouth()
    {
        string With(params string[] acts) =>
            Review(A.Step() with { Acts = [.. acts.Select(a => A.Do(a))] }).Findings.Single(f => f.Hazard == "hz-vertebral").Instead;
        With("head-back", "swallow").ShouldContain("empty mouth");
        With("swallow", "head-back").ShouldBe(With("head-back", "swallow"));
        With("head-back").ShouldNotContain("wallow");
    }

    [Fact]
    public void The_head_tipped_back_is_cautioned_rolled_or_turned_there_it_is_stopped()
    {
        Review(A.Act("head-back")).Verdict.ShouldBe(SafetyVerdict.Caution);
        Review(A.Step() with { Acts = [A.Do("head-back"), A.Do("head-turn")] }).Verdict.ShouldBe(SafetyVerdict.Stop);
        // A full circle leads over the back; half a circle over the chest does not, unless the head is held back.
        Review(A.Act("head-circle")).Verdict.ShouldBe(SafetyVerdict.Stop);
        Review(A.Act("head-half-circle")).Verdict.ShouldNotBe(SafetyVerdict.Stop);
        Review(A.Step() with { Acts = [A.Do("head-half-circle"), A.Do("head-back")] }).Verdict.ShouldBe(SafetyVerdict.Stop);
        Review(A.Step() with { Acts = [A.Do("head-tilt-side"), A.Do("head-back"), A.Do("neck-bend-forward")] })
            .Verdict.ShouldBe(SafetyVerdict.Stop);
        Review(
            A.Act("head-turn") with
            {
                Dose = new(
                    "5 circles each way",
                    null,
                    null,
                    null,
                    ["clockwise", "anticlockwise"],
                    "each",
                    null,
                    null,
                    null,
                    null,
                    null,
                    5,
                    null,
                    null
                ),
            }
        )
            .Verdict.ShouldBe(SafetyVerdict.Stop);
    }

    [Fact]
    public void A_jaw_clenched_with_all_force_is_stopped_with_less_it_is_not()
    {
        Review(A.Step() with { Acts = [A.Do("clench") with { Effort = "maximal" }] }).Verdict.ShouldBe(SafetyVerdict.Stop);
        Review(A.Step() with { Acts = [A.Do("clench") with { Effort = "slight" }] }).Verdict.ShouldBe(SafetyVerdict.Ok);
    }

    [Theory]
    [InlineData("100 x 60 s")]
    [InlineData("100 x 60 s, each side")]
    [InlineData("20 sets of 100")]
    public void A_hundred_times_a_minute_is_a_slip_or_a_harm_whatever_the_work(string dose)
    {
        Step[] work =
        [
            A.Act("smile-closed", dose),
            A.Hand("press", "masseter-area", 2, dose: dose),
            A.Hand("circle", "forehead-central", 2, dose: dose),
            A.Act("gaze-up", dose),
            A.Act("chin-tuck", dose),
        ];
        foreach (var step in work)
            Reference.Derive(step).Standing.ShouldBeOneOf(DerivedStanding.Stopped, DerivedStanding.Refused, DerivedStanding.Draft);
        foreach (var step in work.Where(s => Reference.Derive(s).Issues.Count == 0))
            Review(step).Findings.ShouldContain(f => f.Hazard == "dose-ceiling");
    }

    [Fact]
    public void Every_dose_of_the_library_stays_under_its_ceiling()
    {
        var read = TechniqueFile.Read(
            File.ReadAllText(Path.Combine(Reference.DataFolder, "library", "techniques.json")),
            Reference.Atlas,
            Reference.Model
        );
        foreach (var t in read.Techniques)
            Derivation
                .Of(t.Document, Reference.Atlas, Reference.Model, Reference.Settings)
                .Steps.SelectMany(s => s.Safety.Findings)
                .ShouldNotContain(f => f.Hazard == "dose-ceiling", t.Document.Id);
    }

    [Fact]
    public void One_hazard_gives_all_its_reasons_in_one_finding()
    {
        var findings = Review(A.Hand("press", "carotid-strip", 4)).Findings;
        findings.Select(f => f.Hazard).ShouldBeUnique();
        var carotid = findings.Single(f => f.Hazard == "hz-carotid").Because;
        carotid.ShouldContain("pressure 4", Case.Insensitive);
        carotid.ShouldContain("without travel");
        carotid.ShouldContain("both sides");
    }

    [Fact]
    public void A_zone_that_only_borders_a_hazard_is_a_caution_with_the_way_to_stay_clear()
    {
        // The side-neck muscle may be lifted off the throat, gently and on one side (house ruling 15).
        var lift = Review(A.Hand("pinch-hold", "lateral-neck", 3, "pinch-thumb-index", "left"));
        lift.Verdict.ShouldBe(SafetyVerdict.Caution);
        lift.Findings.ShouldContain(f => f.Instead.StartsWith("Stay clear"));
    }

    [Fact]
    public void A_caution_is_never_answered_by_a_bare_allow_and_a_stop_does_not_make_a_true_claim_wrong()
    {
        var caution = TechniqueCheck.Of(
            A.Technique(A.Hand("circle", "masseter-area", 4, "knuckles")),
            null,
            new(2026, 11, 3),
            Reference.Atlas,
            Reference.Model,
            Reference.Settings
        );
        caution.Safety.ShouldBe(SafetyVerdict.Caution);
        caution.Response.ShouldBe(Response.AllowModified);
        caution.OnCondition.ShouldNotBeEmpty();
        var document = A.Technique(A.Hand("press", "lower-lid", 4)) with { Claims = [new("presses the lower lid", null, null, null)] };
        var stopped = TechniqueCheck.Of(document, null, new(2026, 11, 3), Reference.Atlas, Reference.Model, Reference.Settings);
        stopped.Response.ShouldBe(Response.Refuse);
        stopped.Claims.Single().Because.ShouldContain("stopped");
    }
}
