using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Steps;

namespace Wexis.Core.Tests.Techniques;

public class ChangeoverTests
{
    private static Step Press(string sides = "both") =>
        A.Hand("press", "brow", 3, "two-fingers", sides) with
        {
            Hands = [A.Track("press", 3, "two-fingers", sides) with { Zones = ["brow"], GripOrSlip = "grip" }],
        };

    private static Step Glide(string contact = "two-fingers") =>
        A.Step() with
        {
            Hands = [A.Track("stroke", 2, contact) with { Zones = ["medial-cheek"], GripOrSlip = "slip" }],
        };

    private static IEnumerable<(ChangeKind Kind, double Seconds)> Of(params Step[] steps) =>
        Reference.Derive(steps).Times.Changeovers.Select(c => (c.Kind, c.Seconds));

    [Fact]
    public void From_grip_to_slip_oil_takes_ten_seconds_and_back_a_wipe() =>
        // House ruling 9 of the trade's working conventions: 10 s each.
        Of(Press(), Glide(), Press()).ShouldBe([(ChangeKind.Oil, 10), (ChangeKind.Wipe, 10)]);

    [Fact]
    public void What_the_first_contact_needs_is_getting_ready() => Of(Glide()).ShouldBeEmpty();

    [Fact]
    public void A_step_without_hands_between_does_not_dry_the_fingers() => Of(Glide(), A.Act("smile"), Glide()).ShouldBeEmpty();

    [Fact]
    public void A_tool_is_taken_up_and_laid_down() =>
        Of(Glide(), Glide("tool-flat"), Glide()).Select(c => c.Kind).ShouldBe([ChangeKind.Tool, ChangeKind.Tool]);

    [Fact]
    public void A_step_mirrored_to_the_other_side_costs_a_change_of_side() =>
        Of(Press("left"), Press("right")).ShouldBe([(ChangeKind.Side, Reference.Settings.ChangeOfSideSeconds)]);

    [Fact]
    public void Other_fingers_cost_a_moment() => Of(Glide(), Glide("palm")).Select(c => c.Kind).ShouldBe([ChangeKind.Hands]);

    [Fact]
    public void All_three_times_carry_what_lies_between()
    {
        var apart = Reference.Derive(Press()).Times.Home.Standard + Reference.Derive(Glide()).Times.Home.Standard;
        var together = Reference.Derive(Press(), Glide()).Times;
        together.Home.Standard.ShouldBe(apart + 10, 1e-9);
        together.Reasons.ShouldContain(r => r.Rule == "times.between");
    }
}
