using FsCheck.Xunit;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Tests.Programmes;

public class ProgrammeReviewTests
{
    private static ProgrammeUnit Unit(string id, string[]? after = null, string[]? techniques = null, string[]? outcomes = null) =>
        new(
            id,
            $"Unit {id}",
            "supervised-practice",
            60,
            Prerequisites: after ?? [],
            Techniques: techniques ?? [],
            Outcomes: outcomes ?? []
        );

    private static TaughtTechnique Taught(
        string id,
        Step step,
        DerivedStanding standing = DerivedStanding.Complete,
        params string[] builtOn
    ) => new(id, $"Technique {id}", standing, builtOn, Reference.Derive(step).Map);

    private static ProgrammeReview Review(
        ProgrammeUnit[] units,
        TaughtTechnique[] techniques,
        StructurePromise[]? promises = null,
        Outcome[]? outcomes = null
    ) =>
        ProgrammeReview.Of(
            new(null, "P", Units: units, Structures: promises, Outcomes: outcomes),
            techniques.ToDictionary(t => t.Id),
            Reference.Atlas,
            Reference.Schools
        );

    private static readonly TaughtTechnique Smile = Taught("smile", A.Act("smile-closed", "10"));
    private static readonly TaughtTechnique Knead = Taught("knead", A.Hand("knead", "masseter-area", 4, "knuckles"));

    [Fact]
    public void A_module_that_only_moves_fluid_is_in_the_picture()
    {
        var glide = Taught(
            "glide",
            A.Step("5") with
            {
                Hands = [A.Track("stroke", 1).From("alare", "ear_front") with { GripOrSlip = "slip" }],
            }
        );
        var review = Review([Unit("a", techniques: ["glide"])], [glide]);
        review.Coverage.Single(c => c.Structure == "superficial-lymph").Cells.Single().Module.ShouldBe("a");
        review.Coverage.ShouldNotContain(c => c.Structure == "zygomaticus-major", "a stroke over a muscle does not cover it");
    }

    [Fact]
    public void A_promise_to_train_is_kept_by_a_contraction_and_not_by_a_massage()
    {
        var review = Review(
            [Unit("a", techniques: ["smile", "knead"])],
            [Smile, Knead],
            [new("zygomaticus-major", "actively"), new("masseter-superficial", "actively"), new("masseter-superficial-any", "any")]
        );
        review.Coverage.Single(c => c.Structure == "zygomaticus-major").Kept.ShouldBe(true);
        var masseter = review.Coverage.Single(c => c.Structure == "masseter-superficial");
        masseter.Kept.ShouldBe(false);
        masseter.Says.ShouldBe("only kneaded in Technique knead: that does not train it");
    }

    [Fact]
    public void A_promise_to_work_in_some_way_is_kept_by_a_massage() =>
        Review([Unit("a", techniques: ["knead"])], [Knead], [new("masseter-superficial", "any")])
            .Coverage.Single(c => c.Promised is not null)
            .Kept.ShouldBe(true);

    [Fact]
    public void What_no_technique_works_is_a_gap_and_is_counted()
    {
        var review = Review(
            [Unit("a", techniques: ["smile"])],
            [Smile],
            [new("buccinator", "actively"), new("mentalis", "actively")],
            [new("o", "an outcome nobody serves")]
        );
        review.Coverage.Single(c => c.Structure == "mentalis").Says.ShouldBe("no taught technique works it");
        review.Gaps.ShouldBe(3);
    }

    [Fact]
    public void A_prerequisite_that_comes_later_is_named_with_its_place()
    {
        var fault = Review([Unit("b", after: ["a"]), Unit("a")], []).OrderFaults.ShouldHaveSingleItem();
        fault.Kind.ShouldBe(OrderFaultKind.PrerequisiteAfter);
        fault.Says.ShouldBe("“Unit b” needs “Unit a”, which comes only later (place 2, this one is 1). Move “Unit a” before it.");
    }

    [Fact]
    public void Units_that_wait_for_each_other_are_a_circle() =>
        Review([Unit("a", after: ["b"]), Unit("b", after: ["a"])], [])
            .OrderFaults.Select(f => f.Kind)
            .ShouldAllBe(k => k == OrderFaultKind.PrerequisiteCircle);

    [Fact]
    public void A_technique_that_builds_on_one_taught_later_or_never_is_named()
    {
        var late = Taught("late", A.Act("pucker"), DerivedStanding.Complete, "smile");
        Review([Unit("a", techniques: ["late"]), Unit("b", techniques: ["smile"])], [late, Smile])
            .OrderFaults.ShouldHaveSingleItem()
            .Says.ShouldContain("which is taught only later");
        Review([Unit("a", techniques: ["late"])], [late, Smile])
            .OrderFaults.ShouldHaveSingleItem()
            .Says.ShouldContain("which no unit teaches");
    }

    [Fact]
    public void A_parked_technique_counts_for_nothing()
    {
        var parked = Smile with { Standing = DerivedStanding.Stopped };
        var review = Review([Unit("a", techniques: ["smile"])], [parked], [new("zygomaticus-major", "actively")]);
        review.Coverage.Single(c => c.Promised is not null).Kept.ShouldBe(false);
        review.OrderFaults.ShouldContain(f => f.Kind == OrderFaultKind.Parked);
    }

    [Property]
    public bool Any_order_without_prerequisites_is_fine_and_hours_add_up(byte[] minutes)
    {
        var units = (minutes ?? []).Take(12).Select((m, i) => Unit($"m{i}") with { Minutes = 1 + m }).ToArray();
        var review = Review(units, []);
        return review.OrderFaults.Count == 0 && review.ContactMinutes == units.Sum(m => m.Minutes);
    }

    [Property]
    public bool Teaching_one_more_technique_never_breaks_a_kept_promise(bool addKnead)
    {
        var techniques = addKnead ? new[] { "smile", "knead" } : ["smile"];
        return Review([Unit("a", techniques: techniques)], [Smile, Knead], [new("zygomaticus-major", "actively")])
                .Coverage.Single(c => c.Promised is not null)
                .Kept == true;
    }

    [Fact]
    public void A_technique_of_another_school_and_one_against_its_own_are_named_and_count_as_no_gap()
    {
        var stone = Knead with { Id = "stone", School = "tool-led", AgainstItsSchool = ["No tool is used."] };
        var programme = new ProgrammeDocument(null, "P", Units: [Unit("a", techniques: ["stone"])], Schools: ["fluid-led"]);
        var review = ProgrammeReview.Of(
            programme,
            new Dictionary<string, TaughtTechnique> { ["stone"] = stone },
            Reference.Atlas,
            Reference.Schools
        );
        review
            .SchoolNotes.Select(n => n.Says)
            .ShouldBe(["“Technique knead” is Tool-led; the programme follows Fluid-led.", "“Technique knead”: No tool is used."]);
        review.Gaps.ShouldBe(0);
        ProgrammeReview
            .Of(
                programme with
                {
                    Schools = [],
                },
                new Dictionary<string, TaughtTechnique> { ["stone"] = stone },
                Reference.Atlas,
                Reference.Schools
            )
            .SchoolNotes.ShouldBeEmpty("nothing is declared");
        (programme with { Schools = ["yogic"] }).Issues(Reference.Atlas).ShouldContain(i => i.Path == "schools[0]");
    }

    [Fact]
    public void A_routine_may_declare_a_school_of_its_own_and_is_held_to_when_that_one_opens_the_neck()
    {
        var neck = new TaughtTechnique(
            "neck",
            "Neck glide",
            DerivedStanding.Complete,
            [],
            Glide("below_lobe", "supraclavicular_hollow"),
            "fluid-led"
        );
        var cheek = new TaughtTechnique(
            "cheek",
            "Cheek glide",
            DerivedStanding.Complete,
            [],
            Glide("nasolabial_mid", "ear_front"),
            "fluid-led"
        );
        var all = new Dictionary<string, TaughtTechnique> { ["neck"] = neck, ["cheek"] = cheek };
        IReadOnlyList<SchoolNote> Notes(string[] order, string[] own) =>
            ProgrammeReview
                .Of(
                    new(
                        null,
                        "P",
                        [new("mo", "Module", own)],
                        [Unit("m", techniques: order) with { Module = "mo" }],
                        Schools: ["contraction-led"]
                    ),
                    all,
                    Reference.Atlas,
                    Reference.Schools
                )
                .SchoolNotes;

        static WorkMap Glide(string from, string to) =>
            Reference.Derive(A.Step("3") with { Hands = [A.Track("stroke", 1, "two-fingers", "one-then-other").From(from, to)] }).Map;
        Notes(["neck", "cheek"], []).Count.ShouldBe(2, "both are of another school than the programme's");
        Notes(["neck", "cheek"], ["fluid-led"]).ShouldHaveSingleItem().Says.ShouldContain("does not close at the neck");
        Notes(["cheek", "neck"], ["fluid-led"]).ShouldHaveSingleItem().Says.ShouldContain("before the neck is opened");
        Notes(["neck", "cheek"], ["fluid-led", "tool-led"]).ShouldBeEmpty("several schools leave it free");
        new ProgrammeDocument(null, "P", [new("m", "Module", ["none-such"])])
            .Issues(Reference.Atlas)
            .ShouldHaveSingleItem()
            .Path.ShouldBe("modules[0].schools[0]");
    }
}
