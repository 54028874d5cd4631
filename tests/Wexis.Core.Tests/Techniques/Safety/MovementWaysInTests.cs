using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>What a movement risks does not depend on its side, on the order of telling, or on whether it was chosen or written.</summary>
public class MovementWaysInTests
{
    private static readonly string[] HeadAndJaw =
    [
        "head-back",
        "head-turn",
        "head-tilt-side",
        "head-circle",
        "head-half-circle",
        "head-lift",
        "neck-bend-forward",
        "chin-tuck",
        "kiss-ceiling",
        "jaw-forward",
        "jaw-back",
        "jaw-circle",
        "jaw-side",
        "open-jaw",
        "clench",
        "chew",
        "swallow",
    ];

    private static string Found(Step step) =>
        string.Join(
            "; ",
            Reference.Derive(step).Steps[0].Safety.Findings.Select(f => $"{f.Hazard} {f.Verdict} {f.Instead}").Order(StringComparer.Ordinal)
        );

    [Fact]
    public void Two_movements_risk_the_same_in_either_order_and_on_either_side()
    {
        var differ =
            from one in HeadAndJaw
            from other in HeadAndJaw
            where string.CompareOrdinal(one, other) < 0
            let found = Found(A.Step() with { Acts = [A.Do(one), A.Do(other)] })
            from told in new Step[]
            {
                A.Step() with
                {
                    Acts = [A.Do(other), A.Do(one)],
                },
                A.Step() with
                {
                    Acts = [A.Do(one) with { Side = "left" }, A.Do(other) with { Side = "left" }],
                },
                A.Step() with
                {
                    Acts = [A.Do(other) with { Side = "right" }, A.Do(one) with { Side = "right" }],
                },
            }
            where Found(told) != found
            select $"{one}, {other}: {found} / {Found(told)}";
        differ.ShouldBeEmpty();
    }

    /// <summary>A head that is held back is as much at risk as one that goes back, with every other movement.</summary>
    [Fact]
    public void A_head_that_is_held_back_is_no_safer_than_one_that_goes_back()
    {
        SafetyVerdict Worst(Step step) => Reference.Derive(step).Steps[0].Safety.Verdict;
        foreach (var move in HeadAndJaw.Where(m => m is not "neck-bend-forward"))
            Worst(A.Act(move) with { State = new(null, null, null, null, null, "back", null) })
                .ShouldBe(Worst(A.Step() with { Acts = [A.Do(move), A.Do("head-back")] }), move);
    }

    /// <summary>
    /// Old notes that say a movement in words: the same acts and classes as the movement that is chosen, and no milder verdict.
    /// </summary>
    [Theory]
    [InlineData("Roll the head in full circles, 5 times each way.", "head-circle", true)]
    [InlineData("Lying on your back, lift the head off the floor, 8 times.", "head-lift", false)]
    [InlineData("Roll the head from shoulder to shoulder over the chest, 5 times.", "head-half-circle", false)]
    [InlineData("Circle the jaw, 5 times each way.", "jaw-circle", false)]
    [InlineData("Pull the lower jaw back, 10 times.", "jaw-back", false)]
    [InlineData("Press the tongue against the inside of the upper lip, 5 times.", "tongue-push-upper-lip", false)]
    [InlineData("Press the tongue against the inside of the lower lip, 5 times.", "tongue-push-lower-lip", false)]
    [InlineData("Move the tongue from side to side, 10 times.", "tongue-side", false)]
    [InlineData("Fill the upper lip with air, 5 times.", "puff-upper-lip", false)]
    [InlineData("Fill the lower lip with air, 5 times.", "puff-lower-lip", false)]
    [InlineData("Move the air round the mouth, 5 times.", "circle-air", false)]
    [InlineData("Trace a lying eight with the eyes, 5 times.", "gaze-eight", false)]
    public void A_movement_in_words_is_as_risky_as_the_one_that_is_chosen(string note, string move, bool stopped)
    {
        var written = NoteReading.Of(note, Reference.Atlas).Value!.Draft;
        written.AllSteps.ShouldHaveSingleItem().AllActs.Select(a => a.Do).ShouldBe([move]);
        var read = Derivation.Of(written with { Name = "N" }, Reference.Atlas, Reference.Model, Reference.Settings);
        var chosen = Reference.Derive(A.Act(move));
        (read.Steps[0].Safety.Verdict == SafetyVerdict.Stop).ShouldBe(stopped);
        // Words may warn of more ("roll the head"), never of less.
        (read.Steps[0].Safety.Verdict >= chosen.Steps[0].Safety.Verdict).ShouldBeTrue();
        read.Steps[0].Classes.ShouldBe(chosen.Steps[0].Classes, ignoreOrder: true);
    }
}
