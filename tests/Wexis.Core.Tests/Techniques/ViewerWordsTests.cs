using FsCheck.Xunit;
using Wexis.Core.Techniques;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Left and right for who reads. That whoever faces a person sees that person's left on their own right is a fact of everyday life.</summary>
public class ViewerWordsTests
{
    [Theory]
    [InlineData("facing", "Glide with the right hand.", "Glide with their right hand (on your left).")]
    [InlineData("mirror", "Glide with the right hand.", "Glide with your right hand (on the right of the mirror).")]
    [InlineData("subject", "Glide with the right hand.", "Glide with your right hand.")]
    [InlineData("facing", "Left cheek first.", "Their left cheek (on your right) first.")]
    [InlineData("subject", "Left cheek first.", "Your left cheek first.")]
    [InlineData("facing", "eyes up and to the own left", "eyes up and to their left (on your right)")]
    [InlineData("mirror", "To your left, to your right.", "To your left (on the left of the mirror), to your right (on the right of the mirror).")]
    [InlineData("facing", "To your left, to your right.", "To their left (on your right), to their right (on your left).")]
    [InlineData("facing", "Look from left to right.", "Look from their left (on your right) to their right (on your left).")]
    [InlineData("facing", "The left brow, and the left eye.", "Their left brow (on your right), and their left eye.")]
    [InlineData("facing", "Circle clockwise, then anticlockwise.", "Circle anticlockwise as you see it, then clockwise as you see it.")]
    [InlineData("mirror", "Circle clockwise.", "Circle clockwise.")]
    public void A_side_is_told_for_the_reader(string viewer, string told, string read) => ViewerWords.For(viewer, told).ShouldBe(read);

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
        foreach (var viewer in ViewerWords.Viewers) ViewerWords.For(viewer, told).ShouldBe(told);
    }

    [Fact]
    public void A_hand_is_told_with_its_part_its_way_its_side_and_its_pressure()
    {
        var hand = A.Track("stroke", 2, "two-fingers", "left").From("endocanthion", "ear_front");
        var line = StepWords.HandLine(hand, "left", Reference.Atlas);
        line.ShouldStartWith("Right hand, two finger pads: glide, ");
        line.ShouldEndWith(", on the left side, light");
        ViewerWords.For("facing", line)!.ShouldStartWith("Their right hand (on your left), two finger pads");
        ViewerWords.For("facing", line)!.ShouldEndWith("on their left side (on your right), light");
    }

    [Fact]
    public void An_unknown_viewer_is_an_error_that_names_the_known_ones() =>
        Should.Throw<ArgumentOutOfRangeException>(() => ViewerWords.For("sideways", "left hand")).Message.ShouldContain("facing, mirror, subject");

    [Property]
    public bool Text_without_a_side_is_never_changed(string text) =>
        text is null || text.Contains("left", StringComparison.OrdinalIgnoreCase) || text.Contains("right", StringComparison.OrdinalIgnoreCase) || text.Contains("clockwise", StringComparison.OrdinalIgnoreCase)
        || ViewerWords.Viewers.All(v => ViewerWords.For(v, text) == text);
}
