using Wexis.Core.Examinations;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Examinations;

public class MarkSheetDraftTests
{
    internal static MarkSheet Sheet(params Step[] steps)
    {
        var document = A.Technique(steps);
        return MarkSheetDraft.Of(
            "t",
            1,
            document,
            Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings),
            Reference.Atlas,
            Reference.Model,
            Reference.Settings
        );
    }

    private static Step Glide(string sides = "one-then-other", string dose = "3 / 5 / 8, each side") =>
        A.Step(dose) with
        {
            Hands = [A.Track("stroke", 1, sides: sides).From("alare", "ear_front") with { GripOrSlip = "slip" }],
            Still = ["jaw"],
        };

    [Fact]
    public void The_weights_of_each_domain_add_up_whatever_is_left_out()
    {
        foreach (
            var sheet in new[]
            {
                Sheet(Glide()),
                Sheet(A.Act("smile-closed")),
                Sheet(A.Act("gaze-updown", "3")),
                Sheet(Glide(), A.Act("smile-closed"), A.Act("open-jaw")),
                Sheet(A.Hand("press", "chin", 3, sides: "midline", dose: "20 s")),
            }
        )
        {
            sheet.Criteria.Where(c => c.Domain == Domain.Doing).Sum(c => c.Weight).ShouldBe(82, 1e-6);
            sheet.Criteria.Where(c => c.Domain == Domain.Teaching).Sum(c => c.Weight).ShouldBe(18, 1e-6);
            sheet.Criteria.ShouldAllBe(c => c.Weight > 0);
            sheet.Criteria.Select(c => c.Id).ShouldBeUnique();
        }
    }

    /// <summary>
    /// Common practice of grading: a criterion asks for what the technique asks for, at its own place and to its own end.
    /// </summary>
    [Fact]
    public void Criteria_fit_the_technique()
    {
        var palm = A.Step("5") with
        {
            Hands = [A.Track("stroke", 1).From("scm_upper", "supraclavicular_hollow") with { GripOrSlip = "slip" }],
        };
        var onNeck = Sheet(palm);
        onNeck.Criteria.Single(c => c.Topic == Topic.Contact).Anchors[3].ShouldBe("on the place, every time", "a neck is no bone");
        onNeck
            .Criteria.Single(c => c.Topic == Topic.Finish)
            .Text.ShouldBe("Finish: every fluid stroke ends at the hollow above the collarbone");
        Sheet(Glide())
            .Criteria.Single(c => c.Topic == Topic.Finish)
            .Text.ShouldBe("Finish: every fluid stroke ends at the front of the ear");
        var both = Sheet(Glide(), palm).Criteria.Single(c => c.Topic == Topic.Finish);
        both.Text.ShouldBe("Finish: the last fluid stroke ends at the hollow above the collarbone, order kept");
        var rim = A.Step("5") with { Hands = [A.Track("stroke", 1).From("orbital_rim_inferior", "orbital_rim_lateral")] };
        Sheet(rim).Criteria.Single(c => c.Topic == Topic.Contact).Anchors[3].ShouldBe("on the bone, on the place, every time");
    }

    [Fact]
    public void Words_and_anchors_are_the_trainers_and_a_mark_without_its_look_is_named()
    {
        var sheet = Sheet(Glide());
        MarkSheet With(string topic, Func<Criterion, Criterion> to) =>
            sheet with
            {
                Criteria = [.. sheet.Criteria.Select(c => c.Id == topic ? to(c) : c)],
            };
        sheet.Issues().ShouldBeEmpty();
        With("posture", c => c with { Text = "Sits as if a string drew the crown up" }).Issues().ShouldBeEmpty();
        With("posture", c => c with { Text = " " }).Issues().Single().Path.ShouldEndWith(".text");
        With("posture", c => c with { Anchors = ["a", "b", "", "d"] }).Issues().Single().Path.ShouldEndWith(".anchors[2]");
        With("posture", c => c with { Anchors = ["a", "b"] })
            .Issues()
            .ShouldContain(i => i.Path.EndsWith(".anchors", StringComparison.Ordinal));
    }

    [Fact]
    public void Two_sides_are_left_out_of_a_midline_technique_and_the_sheet_says_so()
    {
        var sheet = Sheet(A.Hand("press", "chin", 3, sides: "midline", dose: "20 s"));
        sheet.Criteria.ShouldNotContain(c => c.Topic == Topic.Balance);
        sheet.Dropped.ShouldContain(d =>
            d.Topic == Topic.Balance && d.Weight == 8 && d.Why == "the sides are worked at once, or there is only one"
        );
    }

    [Fact]
    public void A_gaze_drill_has_no_contact_no_pressure_and_no_exit_order() =>
        Sheet(A.Act("gaze-updown", "3"))
            .Dropped.Select(d => d.Topic)
            .ShouldBe([Topic.Contact, Topic.Pressure, Topic.Balance, Topic.Stillness, Topic.Finish], ignoreOrder: true);

    [Fact]
    public void Each_side_has_its_count_and_both_are_balanced()
    {
        var sheet = Sheet(Glide());
        sheet
            .Criteria.Where(c => c.Topic == Topic.Dose)
            .Select(c => (c.Measure!.Column, c.Measure.Low, c.Measure.High))
            .ShouldBe([(Side.Left, 3, 8), (Side.Right, 3, 8)]);
        sheet.Criteria.ShouldContain(c => c.Measure != null && c.Measure.Quantity == Quantity.Balance);
    }

    [Fact]
    public void Work_near_the_eye_makes_contact_pressure_and_hygiene_safety_critical()
    {
        var sheet = Sheet(
            A.Step("5") with
            {
                Hands =
                [
                    A.Track("stroke", 1, "fingertip-ring").From("orbital_rim_inferior", "temple_hollow") with
                    {
                        Zones = ["lower-lid", "outer-eye-corner"],
                    },
                ],
            }
        );
        sheet
            .Criteria.Where(c => c.SafetyCritical)
            .Select(c => c.Topic)
            .ShouldBe([Topic.Setup, Topic.Contact, Topic.Pressure], ignoreOrder: true);
    }

    [Fact]
    public void The_critical_acts_of_the_house_stand_on_every_sheet() =>
        Sheet(A.Act("smile-closed"))
            .CriticalActs.Select(a => a.Id)
            .ShouldBe(["globe", "throat", "head-pull", "excluded-skin", "went-on", "excluded-person", "promise", "unwashed"]);

    [Fact]
    public void A_hold_has_a_band_of_ten_percent_and_at_least_one_second()
    {
        var held = Sheet(A.Act("pucker", "3, hold 5 s")).Criteria.Single(c => c.Measure?.Quantity == Quantity.HoldSeconds).Measure!;
        (held.Low, held.High).ShouldBe((4, 6));
        var longer = Sheet(A.Act("pucker", "3, hold 20 s")).Criteria.Single(c => c.Measure?.Quantity == Quantity.HoldSeconds).Measure!;
        (longer.Low, longer.High).ShouldBe((18, 22));
    }

    [Fact]
    public void The_authors_own_faults_come_first_with_their_cues()
    {
        var document = A.Technique(A.Act("smile-closed")) with { Faults = [new("the eye creases", null, "smaller smile")] };
        var sheet = MarkSheetDraft.Of(
            "t",
            1,
            document,
            Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings),
            Reference.Atlas,
            Reference.Model,
            Reference.Settings
        );
        sheet.Faults[0].ShouldBe(new SheetFault("own-1", "the eye creases", "smaller smile"));
        sheet.Faults.Count.ShouldBeLessThanOrEqualTo(8, "as many as there are keys for");
    }
}
