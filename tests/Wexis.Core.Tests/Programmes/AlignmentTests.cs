using FsCheck.Xunit;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;

namespace Wexis.Core.Tests.Programmes;

/// <summary>Where promise, teaching and assessment meet (Biggs 1996), what mends it, the hours and the minutes.</summary>
public class AlignmentTests
{
    private static ProgrammeUnit Unit(string id, string kind, string[]? outcomes = null, string[]? techniques = null, int minutes = 60) =>
        new(id, $"Unit {id}", kind, minutes, Techniques: techniques ?? [], Outcomes: outcomes ?? []);

    private static TaughtTechnique Taught(string id, Step step)
    {
        var derived = Reference.Derive(step);
        return new(id, $"Technique {id}", DerivedStanding.Complete, [], derived.Map, Times: derived.Times, Classes: derived.Classes);
    }

    private static readonly TaughtTechnique Smile = Taught("smile", A.Act("smile-closed", "10"));
    private static readonly TaughtTechnique Knead = Taught("knead", A.Hand("knead", "masseter-area", 4, "knuckles"));

    private static ProgrammeReview Review(ProgrammeDocument programme, params TaughtTechnique[] library) =>
        ProgrammeReview.Of(programme, new[] { Smile, Knead }.ToDictionary(t => t.Id), Reference.Atlas, Reference.Schools, library);

    private static readonly ProgrammeDocument Three = new(
        null,
        "P",
        Outcomes: [new("o1", "first"), new("o2", "second"), new("o3", "third")],
        Units: [Unit("exam", "assessment", ["o1"]), Unit("a", "theory", ["o1", "o2"])]
    );

    [Fact]
    public void What_is_not_taught_not_assessed_or_assessed_too_early_is_named_with_what_mends_it()
    {
        var remarks = Review(Three).Remarks;
        remarks
            .Select(r => (r.Kind, r.Id))
            .ShouldBe([
                (AlignmentKind.AssessedBeforeTaught, "before-taught:o1"),
                (AlignmentKind.TaughtNotAssessed, "not-assessed:o2"),
                (AlignmentKind.PromisedNotTaught, "not-taught:o3"),
            ]);
        var repair = remarks[1].Repairs.ShouldHaveSingleItem();
        (repair.Unit, repair.Outcome).ShouldBe(("exam", "o2"));
    }

    [Property]
    public bool A_repair_mends_what_it_says_and_makes_nothing_worse(bool first)
    {
        var review = Review(Three);
        foreach (var remark in review.Remarks)
        foreach (var repair in first ? remark.Repairs.Take(1) : remark.Repairs)
        {
            var mended = Three with
            {
                Units =
                [
                    .. Three.AllUnits.Select(u => u.Id == repair.Unit ? u with { Outcomes = [.. u.AllOutcomes, repair.Outcome!] } : u),
                ],
            };
            var after = Review(mended);
            if (after.Remarks.Any(r => r.Id == remark.Id) || after.Gaps > review.Gaps)
                return false;
        }
        return true;
    }

    [Fact]
    public void A_gap_in_the_work_is_closed_by_a_technique_of_the_library_with_its_minutes()
    {
        var pucker = Taught("pucker", A.Act("pucker", "10"));
        var programme = new ProgrammeDocument(
            null,
            "P",
            Units: [Unit("a", "supervised-practice", techniques: ["smile"])],
            Structures: [new("orbicularis-oris", "actively"), new("masseter-superficial", "actively")]
        );
        var review = Review(programme, pucker, Knead);
        var ring = review.Remarks.Single(r => r.Id == "not-worked:orbicularis-oris" || r.Id == "massage-only:orbicularis-oris");
        var repair = ring.Repairs.ShouldHaveSingleItem();
        (repair.Unit, repair.Technique).ShouldBe(("a", "pucker"));
        repair.Minutes.ShouldBe((int)Math.Ceiling(pucker.Times!.Led.Standard / 60));
        repair.Words.ShouldBe($"teach “Technique pucker” in “Unit a”: closes 1 gap, adds {repair.Minutes} min");
        review.Remarks.Single(r => r.Id == "not-worked:masseter-superficial").Repairs.ShouldBeEmpty("kneading does not train");
    }

    [Fact]
    public void What_is_kept_with_a_reason_is_no_gap()
    {
        var kept = Three with { Aside = [new("not-taught:o3", "taught by the guest of the spring")] };
        Review(kept).Gaps.ShouldBe(Review(Three).Gaps - 1);
        Review(kept).Remarks.Single(r => r.Id == "not-taught:o3").KeptBecause.ShouldBe("taught by the guest of the spring");
    }

    [Fact]
    public void What_is_shown_in_an_assessment_and_taught_nowhere_is_a_gap() =>
        Review(new(null, "P", Units: [Unit("exam", "assessment", techniques: ["smile"])]))
            .Remarks.ShouldContain(r => r.Id == "shown-not-taught:exam.smile" && r.IsGap);

    /// <summary>ECTS Users' Guide 2015: 60 credits are 1,500 to 1,800 hours of workload, so one is 25 to 30.</summary>
    [Theory]
    [InlineData(1500, 60, true)]
    [InlineData(1499, 60, false)]
    [InlineData(1800, 60, true)]
    public void Credits_are_hours_of_work_by_the_published_convention(int hours, double credits, bool enough)
    {
        var programme = new ProgrammeDocument(
            null,
            "P",
            Hours: new("credit", PlannedSelfStudy: hours - 10, Credits: credits),
            Units: [Unit("a", "theory", minutes: 600)]
        );
        var counted = ProgrammeHours.Of(programme);
        counted.Workload.ShouldBe(hours);
        (counted.CreditsSay is null).ShouldBe(enough, counted.CreditsSay);
        counted.Credits.Least.ShouldBe(hours / 30.0, 1e-9);
    }

    [Fact]
    public void Hours_that_are_missing_say_how_many_and_where()
    {
        var programme = new ProgrammeDocument(
            null,
            "P",
            Hours: new("own", Guided: 2, Supervised: 3, SelfStudy: 10, Cases: 3, PlannedCases: 1),
            Units: [Unit("a", "theory", minutes: 150), Unit("b", "supervised-practice", minutes: 90)],
            Sessions: [new("s", Day: 1, Minutes: 400, BreaksMin: 60)]
        );
        var hours = ProgrammeHours.Of(programme);
        hours.Lines.Select(l => l.Missing).ShouldBe([0, 1.5, 10, 0]);
        hours.Lines[1].Says.ShouldBe("1.5 hours are missing: “Unit b” can grow; the sessions have 100 minutes to spare.");
        hours.CasesSay.ShouldBe("2 case studies are missing.");
    }

    /// <summary>Wright 1936: at 80 % the second pass takes 0.8 and the third 0.8 to the power of log2 of 3, 0.702 of the first.</summary>
    [Fact]
    public void Minutes_of_a_unit_add_up_from_what_it_teaches()
    {
        var programme = new ProgrammeDocument(
            null,
            "P",
            Participants: 4,
            Units: [Unit("a", "supervised-practice", techniques: ["smile"], minutes: 5)]
        );
        var times = Review(programme).Times.ShouldHaveSingleItem();
        var smile = Smile.Times!;
        var byHand =
            (smile.BriefSeconds + smile.ShowSeconds + smile.Home.Standard + (smile.Home.Standard * (1 + 0.8 + 0.702)) + (4 * 30)) / 60 + 10;
        times.Estimated!.Value.ShouldBe(byHand, 0.01);
        times.Pieces.Sum(p => p.Minutes).ShouldBe(times.Estimated.Value, 1e-9);
        times.Says!.ShouldContain("and has 5");
    }

    [Fact]
    public void An_outcome_is_a_sentence_of_verb_object_condition_and_standard() =>
        new Outcome("o", Verb: "leads", Thing: "a light glide", Condition: "on a partner", Standard: "without drag").Says.ShouldBe(
            "leads a light glide on a partner without drag"
        );

    /// <summary>Sums by hand: a technique of 30 s is led once and practised three times, so 120 s for each of them.</summary>
    [Fact]
    public void A_day_that_bears_no_more_is_said()
    {
        var times = Knead.Times! with { Home = Levels.Same(30) };
        var techniques = new[] { Knead with { Times = times, Family = StepFamily.PinchKnead } }.ToDictionary(t => t.Id);
        var units = new[] { Unit("a", "supervised-practice", techniques: ["knead"]) };
        var ceiling = Reference.Settings.Ceilings["pinch-knead"].Seconds * Reference.Settings.CeilingSessionsADay;
        var load = DayLoad.Of(units, techniques, Reference.Settings).ShouldHaveSingleItem();
        (load.Seconds, load.Ceiling, load.IsOver).ShouldBe((120, ceiling, 120 > ceiling));
        var long_ = new[] { techniques["knead"] with { Times = times with { Home = Levels.Same(ceiling / 3) } } }.ToDictionary(t => t.Id);
        DayLoad.Of(units, long_, Reference.Settings)[0].IsOver.ShouldBeTrue();
        DayLoad.Of([Unit("a", "assessment", techniques: ["knead"])], long_, Reference.Settings)[0].IsOver.ShouldBeFalse("shown once");
    }

    [Fact]
    public void Every_region_stands_with_what_it_gets()
    {
        var review = ProgrammeReview.Of(
            new(null, "P", Units: [Unit("a", "supervised-practice", techniques: ["smile"])]),
            new Dictionary<string, TaughtTechnique> { ["smile"] = Smile with { Region = "cheeks" } },
            Reference.Atlas,
            Reference.Schools
        );
        review.Regions[0].ShouldBe(new RegionShare("cheeks", Reference.Atlas.Regions["cheeks"].Name, 1));
        review.Regions.Count.ShouldBe(Reference.Atlas.Regions.Count);
    }
}
