using FsCheck.Xunit;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Words;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// Left and right for who reads. That whoever faces a person sees that person's left on their own right is a fact of everyday life.
/// </summary>
public class ViewerWordsTests
{
    [Theory]
    [InlineData(Viewer.Facing, "Glide with the right hand.", "Glide with their right hand (on your left).")]
    [InlineData(Viewer.Mirror, "Glide with the right hand.", "Glide with your right hand (on the right of the mirror).")]
    [InlineData(Viewer.Subject, "Glide with the right hand.", "Glide with your right hand.")]
    [InlineData(Viewer.Facing, "Left cheek first.", "Their left cheek (on your right) first.")]
    [InlineData(Viewer.Subject, "Left cheek first.", "Your left cheek first.")]
    [InlineData(Viewer.Facing, "eyes up and to the own left", "eyes up and to their left (on your right)")]
    [InlineData(
        Viewer.Mirror,
        "To your left, to your right.",
        "To your left (on the left of the mirror), to your right (on the right of the mirror)."
    )]
    [InlineData(Viewer.Facing, "To your left, to your right.", "To their left (on your right), to their right (on your left).")]
    [InlineData(Viewer.Facing, "Look from left to right.", "Look from their left (on your right) to their right (on your left).")]
    [InlineData(Viewer.Facing, "The left brow, and the left eye.", "Their left brow (on your right), and their left eye.")]
    [InlineData(
        Viewer.Facing,
        "Circle clockwise, then anticlockwise.",
        "Circle anticlockwise as you see it, then clockwise as you see it."
    )]
    [InlineData(Viewer.Mirror, "Circle clockwise.", "Circle clockwise.")]
    public void A_side_is_told_for_the_reader(Viewer viewer, string told, string read) => ViewerWords.For(viewer, told).ShouldBe(read);

    [Theory]
    [InlineData("the brow is left hanging high")]
    [InlineData("Stop right away.")]
    [InlineData("At a right angle to the crease.")]
    [InlineData("with the right pressure")]
    [InlineData("Nothing is left to do; all right.")]
    [InlineData("Just right.")]
    [InlineData("Both sides, one after the other.")]
    [InlineData("at the right moment")]
    public void Words_that_mean_no_side_stay_as_they_are(string told)
    {
        foreach (var viewer in ViewerWords.Viewers)
            ViewerWords.For(viewer, told).ShouldBe(told);
    }

    [Fact]
    public void A_hand_is_told_with_its_part_its_way_its_side_and_its_pressure()
    {
        var hand = A.Track("stroke", 2, "two-fingers", "left").From("endocanthion", "ear_front");
        var line = StepWords.HandLine(hand, Sides.Left, Reference.Atlas);
        line.ShouldStartWith("Right hand, two finger pads: glide, ");
        line.ShouldEndWith(", on the left side, light");
        ViewerWords.For(Viewer.Facing, line)!.ShouldStartWith("Their right hand (on your left), two finger pads");
        ViewerWords.For(Viewer.Facing, line)!.ShouldEndWith("on their left side (on your right), light");
    }

    [Fact]
    public void An_unknown_viewer_is_an_error_that_names_the_known_ones() =>
        Should
            .Throw<ArgumentOutOfRangeException>(() => ViewerWords.For((Viewer)9, "left hand"))
            .Message.ShouldContain("Facing, Mirror, Subject");

    [Property]
    public bool Text_without_a_side_is_never_changed(string text) =>
        text is null
        || text.Contains("left", StringComparison.OrdinalIgnoreCase)
        || text.Contains("right", StringComparison.OrdinalIgnoreCase)
        || text.Contains("clockwise", StringComparison.OrdinalIgnoreCase)
        || ViewerWords.Viewers.All(v => ViewerWords.For(v, text) == text);

    /// <summary>Sentences from pieces that mean a side, or look as if they did.</summary>
    private static string Sentence(byte[] pieces)
    {
        string[] of =
        [
            "the left cheek",
            "your right hand",
            "to the left",
            "own right",
            "left hanging",
            "right away",
            "from left to right",
            "clockwise",
            "anticlockwise",
            "both sides",
            "smooth the brow",
            "Right eye",
        ];
        return string.Join(", ", (pieces ?? []).Take(8).Select(b => of[b % of.Length])) + ".";
    }

    [Property]
    public bool What_is_worded_for_oneself_is_not_changed_by_wording_it_again(byte[] pieces) =>
        ViewerWords.For(Viewer.Subject, ViewerWords.For(Viewer.Subject, Sentence(pieces)))
        == ViewerWords.For(Viewer.Subject, Sentence(pieces));

    [Property]
    public bool Each_side_is_placed_once_and_never_on_the_wrong_one(byte[] pieces)
    {
        var facing = ViewerWords.For(Viewer.Facing, Sentence(pieces))!;
        var mirror = ViewerWords.For(Viewer.Mirror, Sentence(pieces))!;
        bool Once(string text, string part) => text.Split(part).Length <= 2;
        return Once(facing, "(on your left)")
            && Once(facing, "(on your right)")
            && Once(mirror, "(on the left of the mirror)")
            && !facing.Contains("left (on your left)", StringComparison.Ordinal)
            && !facing.Contains("right (on your right)", StringComparison.Ordinal)
            && !mirror.Contains("left (on the right", StringComparison.Ordinal);
    }

    [Property]
    public bool Circles_turn_over_for_who_faces_and_for_nobody_else(byte[] pieces)
    {
        var told = Sentence(pieces);
        static int Anti(string text) => text.Split("anticlockwise").Length - 1;
        static int All(string text) => text.Split("clockwise").Length - 1;
        var facing = ViewerWords.For(Viewer.Facing, told)!;
        return All(facing) == All(told)
            && Anti(facing) == All(told) - Anti(told)
            && Anti(ViewerWords.For(Viewer.Mirror, told)!) == Anti(told);
    }
}
