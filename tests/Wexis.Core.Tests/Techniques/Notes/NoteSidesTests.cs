using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>What a note tells of either side, and what it writes short, is read as what it says in full.</summary>
public sealed partial class NoteSidesTests
{
    private static NoteReading Read(string note) => Readings.Of(note);

    /// <summary>What is done in a step, without its sides.</summary>
    private static string Done(Step step) =>
        string.Join(
            "; ",
            step.AllActs.Select(a => $"{a.Do} {a.Effort} {a.Resist}")
                .Concat(
                    step.AllHands.Select(h =>
                        $"{h.Verb} {h.Contact} {h.Role} {h.Pressure} {string.Join(' ', h.AllPath.Select(p => p.At))} "
                        + $"{string.Join(' ', h.AllZones)}"
                    )
                )
        );

    private static IEnumerable<string> Done(string note) => Read(note).Draft.AllSteps.Select(Done);

    private static int Asked(string note) => Read(note).Lines.Sum(l => l.Unknown.Count + l.Missing.Count);

    private static string Mirrored(string note) =>
        SideWord()
            .Replace(note, m => m.Value switch
                {
                    "left" => "right",
                    "right" => "left",
                    "Left" => "Right",
                    "Right" => "Left",
                    "L" => "R",
                    _ => "L",
                });

    [GeneratedRegex(@"\b(?:[Ll]eft|[Rr]ight)\b|(?<![\p{L}.'’])[RL](?![\p{L}'’]|\.\p{L})")]
    private static partial Regex SideWord();

    /// <summary>Over all facts: seen in a mirror, a note does the same and asks as much.</summary>
    [Fact]
    public void A_note_in_the_mirror_does_the_same()
    {
        var sided = Readings.Facts.Where(n => SideWord().IsMatch(n)).ToList();
        sided.Count.ShouldBeGreaterThan(40);
        foreach (var note in sided)
        {
            Done(Mirrored(note)).ShouldBe(Done(note), note);
            Asked(Mirrored(note)).ShouldBe(Asked(note), note);
        }
    }

    [Theory]
    [InlineData("Turn the head right, hold 5 s, turn the head left, hold 5 s, 4x", "head-turn")]
    [InlineData("Turn the head right, hold 5 s, left, hold 5 s, 4x", "head-turn")]
    [InlineData("Puff the right cheek, hold 5 s, puff the left cheek, hold 5 s, 4x", "puff-cheeks")]
    [InlineData("Wink right 4x, wink left 4x, forehead still", "close-lids")]
    [InlineData("Jaw R, hold 5 s, jaw L, hold 5 s, 4x", "jaw-side")]
    [InlineData("Tilt the head to the right shoulder, 5 s, same left, 4x", "head-tilt-side")]
    [InlineData("Smile with the left half of the face, hold 4 seconds, then the right half; 8 times.", "smile")]
    [InlineData("Lips like a kiss, move them to the right, hold 3 s, then to the left, 3 s. 8 rounds.", "lips-side")]
    public void What_is_told_of_one_side_and_again_of_the_other_is_told_once(string note, string move)
    {
        var step = Read(note).Draft.AllSteps.ShouldHaveSingleItem();
        step.AllActs.ShouldHaveSingleItem().Do.ShouldBe(move);
        step.Dose!.Line!.ShouldContain("each side");
        Asked(note).ShouldBe(0);
    }

    [Theory]
    [InlineData("Wink right 4x, wink left 6x")]
    [InlineData("Puff the right cheek, hold 5 s, suck in the left cheek, hold 5 s, 4x")]
    public void What_differs_is_not_told_once(string note) =>
        Read(note)
            .Draft.AllSteps.Select(s => s.Dose?.Line ?? "")
            .ShouldAllBe(line => !line.Contains("each side", StringComparison.Ordinal));

    [Theory]
    [InlineData(
        "hand on forehead, push head forw. against hand, 6 s, 5x",
        "Hand on the forehead, push the head forward against the hand, 6 s, 5x"
    )]
    [InlineData("lips: press tog., 5 s, 8x", "Lips: press together, 5 s, 8x")]
    [InlineData("pinch brows bet. thumb & index, firm, 10 s", "Pinch the brows between thumb and index, firm, 10 s")]
    [InlineData("eyes: circle, 3x cw, 3x ccw", "Eyes: circle, 3x clockwise, 3x anticlockwise")]
    [InlineData("smile, 10 s/side", "Smile, 10 s per side")]
    public void Short_is_read_as_long(string cut, string whole)
    {
        Done(cut).ShouldBe(Done(whole));
        Read(cut).Draft.AllSteps[0].Dose!.Line.ShouldBe(Read(whole).Draft.AllSteps[0].Dose!.Line);
        Asked(cut).ShouldBe(Asked(whole));
    }

    [Theory]
    [InlineData("Press the forehead into the palms, 5 s, 4x", "neck-bend-forward")]
    [InlineData("Push the back of the head into the hands, 5 s, 4x", "head-back")]
    [InlineData("Press the temple against the hand, 5 s, 4x", "head-tilt-side")]
    [InlineData("Hands behind the head, push the head back against them, 5 s, 4x", "head-back")]
    public void A_head_that_presses_into_a_hand_moves_against_it(string note, string move)
    {
        var step = Read(note).Draft.AllSteps.ShouldHaveSingleItem();
        var act = step.AllActs.ShouldHaveSingleItem();
        (act.Do, act.Resist).ShouldBe((move, "finger"));
        step.AllHands.ShouldHaveSingleItem().Role.ShouldBe("resist");
    }

    /// <summary>A place on a lid is never left out of a way.</summary>
    [Theory]
    [InlineData("Stroke with the ring finger from the inner corner over the upper lid to the outer corner, lightly, 5x")]
    [InlineData("Stroke lightly over the upper lid from the inner to the outer corner with the ring finger, 5x")]
    [InlineData("Stroke with no pressure over the upper lid with the ring finger, from the inner to the outer corner, 5x")]
    public void A_way_over_the_lid_leads_over_it(string note) =>
        Read(note).Draft.AllSteps[0].AllHands[0].AllPath.Select(p => p.At).ShouldBe(["endocanthion", "upper_lid_crease", "exocanthion"]);
}
