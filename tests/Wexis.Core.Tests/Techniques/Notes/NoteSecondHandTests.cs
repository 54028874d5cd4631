using Wexis.Core.Techniques.Notes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Two hands, or two fingers, in two places at once, as notes tell them (common practice).</summary>
public class NoteSecondHandTests
{
    private static NoteReading Read(string text) => NoteReading.Of(text, Reference.Atlas).Value!;

    private static string Hands(string text) =>
        string.Join(
            " + ",
            Read(text)
                .Draft.AllSteps.ShouldHaveSingleItem()
                .AllHands.Select(h => $"{h.Verb} {h.Contact ?? "?"} {string.Join(' ', h.AllPath.Select(p => p.At).Concat(h.AllZones))}")
        );

    [Theory]
    [InlineData(
        "One hand holds the skin at the temple, the other strokes from the outer corner of the eye to the ear, 10 times, light.",
        "hold-still whole-palm temple + stroke ? exocanthion ear_front"
    )]
    [InlineData(
        "L hand on forehead, R hand strokes temple down to ear, 10x light",
        "hold-still whole-palm forehead-central + stroke ? temple_hollow ear_front"
    )]
    [InlineData(
        "Form a V with your fingers, middle fingers at the inner corners of the eyes and index fingers at the outer corners, look up and "
            + "squint the lower lids six times.",
        "hold-still fingertip-middle endocanthion + hold-still fingertip-index orbital_rim_lateral"
    )]
    [InlineData(
        "eye V: middle f inner corner, index outer, squint 10x",
        "hold-still fingertip-middle endocanthion + hold-still fingertip-index orbital_rim_lateral"
    )]
    [InlineData(
        "ring fingers at outer corners, thumbs under jaw, blink 10x",
        "hold-still fingertip-ring orbital_rim_lateral + hold-still thumb-pad submandibular"
    )]
    public void Each_hand_is_in_the_step(string note, string hands) => Hands(note).ShouldBe(hands);

    /// <summary>Two fingers that pinch are one hand; what the other hand does and nobody can read is asked about.</summary>
    [Theory]
    [InlineData("Pinch the brow between thumb and index finger from the inner to the outer end, light, 3 times.")]
    [InlineData("Tap the cheeks with one hand and the other, light, 30 s.")]
    public void One_hand_stays_one(string note) => Read(note).Draft.AllSteps.ShouldHaveSingleItem().AllHands.ShouldHaveSingleItem();

    /// <summary>What hands are for that lie there is asked, unless it is told; hands that are said to hold, hold.</summary>
    [Fact]
    public void A_hand_that_is_said_to_hold_holds_and_one_that_only_lies_there_is_asked_about()
    {
        Read("One hand holds the skin at the temple, the other strokes from the temple to the ear with two fingers, 10x, light.")
            .Lines.ShouldAllBe(l => l.Unknown.Count + l.Missing.Count == 0);
        Read("L hand on forehead, R hand strokes temple down to ear with two fingers, 10x light")
            .Lines.SelectMany(l => l.Missing)
            .ShouldHaveSingleItem()
            .ShouldContain("do they resist");
    }

    /// <summary>Both hands are looked at for what can hurt: the second as the first, whichever is told first.</summary>
    [Theory]
    [InlineData("One hand presses the throat, the other strokes the forehead up, medium, 10 s")]
    [InlineData("One hand strokes the forehead up, the other presses the throat, medium, 10 s")]
    public void What_either_hand_does_is_reviewed(string note) =>
        Wexis
            .Core.Techniques.Derivation.Of(Read(note).Draft with { Name = "N" }, Reference.Atlas, Reference.Model, Reference.Settings)
            .Steps.SelectMany(s => s.Safety.Findings)
            .ShouldContain(f => f.Hazard == "hz-larynx");
}
