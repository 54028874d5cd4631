using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Safety;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// Sentences that teach a harm, and look-alikes that forbid it or mean something else. Lines of <c>tests/cases/said</c> are our own,
/// worded as common practice words such things. They were written in thirty-four rounds, each before the reading was tried on it.
/// </summary>
public class SaidHazardTests
{
    [Fact]
    public void Of_sentences_that_teach_a_harm_nine_in_ten_are_found()
    {
        var lines = SaidLines.Of("dangerous");
        var missed = lines.Where(l => Review(l).Verdict == SafetyVerdict.Ok).ToList();
        TestContext.Current.TestOutputHelper?.WriteLine(
            $"{lines.Count - missed.Count} of {lines.Count} found. Missed: {string.Join(" | ", missed)}"
        );
        ((double)missed.Count / lines.Count).ShouldBeLessThanOrEqualTo(0.10, string.Join("\n", missed));
    }

    [Fact]
    public void Of_harmless_look_alikes_at_most_four_in_a_hundred_are_flagged()
    {
        var lines = SaidLines.Of("harmless");
        var flagged = lines.Where(l => Review(l).Verdict != SafetyVerdict.Ok).ToList();
        TestContext.Current.TestOutputHelper?.WriteLine($"{flagged.Count} of {lines.Count} flagged: {string.Join(" | ", flagged)}");
        ((double)flagged.Count / lines.Count).ShouldBeLessThanOrEqualTo(0.04, string.Join("\n", flagged));
    }

    /// <summary>
    /// Lines of six rounds: no weight was learned from them. Frames were mended by kind after they were read; from where on the reader asks
    /// was settled before the last round, which was read once and not mended for: 95 % and 2 %.
    /// </summary>
    [Fact]
    public void Of_lines_that_taught_nothing_nine_in_ten_are_found_and_four_in_a_hundred_flagged()
    {
        var (harms, harmless) = (SaidLines.Of("unseen-dangerous"), SaidLines.Of("unseen-harmless"));
        harms.ShouldNotContain(l => SaidLines.Of("dangerous").Contains(l));
        harmless.ShouldNotContain(l => SaidLines.Of("harmless").Contains(l));
        var missed = harms.Where(l => Review(l).Verdict == SafetyVerdict.Ok).ToList();
        var flagged = harmless.Where(l => Review(l).Verdict != SafetyVerdict.Ok).ToList();
        ((double)missed.Count / harms.Count).ShouldBeLessThanOrEqualTo(0.10, string.Join("\n", missed));
        ((double)flagged.Count / harmless.Count).ShouldBeLessThanOrEqualTo(0.04, string.Join("\n", flagged));
    }

    /// <summary>Words that excuse elsewhere, and must not here.</summary>
    [Theory]
    [InlineData("While driving, take your hands off the wheel and massage the cheeks.")]
    [InlineData("Both hands go down at the throat and squeeze hard.")]
    [InlineData("Put the suction cup to the ear and pump.")]
    [InlineData("Stroke from the chin to the ear and push the finger into the ear canal.")]
    [InlineData("Leave the left hand loose, press the eyeball alone with the right thumb.")]
    [InlineData("At the red light both hands stay on the wheel, close your eyes and roll them.")]
    [InlineData("Press so hard that you cannot feel the pain any more.")]
    [InlineData("With chest pain the massage does good.")]
    [InlineData("After ten minutes of driving, close your eyes at the wheel and roll them.")]
    public void What_excuses_one_sentence_does_not_excuse_another(string harm) => Review(harm).Verdict.ShouldBe(SafetyVerdict.Stop);

    /// <summary>Words that lighten or note something, said of a harm that goes on.</summary>
    [Theory]
    [InlineData("Wait until the dizziness returns and push through it.")]
    [InlineData("Numbness is recorded as a success.")]
    [InlineData("The pain tells you to take the next level.")]
    [InlineData("Put both hands down on the windpipe.")]
    [InlineData("Leave the thumb on the eyeball alone.")]
    [InlineData("Push the eyeball around.")]
    [InlineData("The larynx is stroked by both thumbs, hard.")]
    [InlineData("Numbness means that the hardening is over.")]
    [InlineData("Rub over the open wound while the face rests.")]
    public void What_lightens_one_harm_lightens_no_other(string harm) => Review(harm).Verdict.ShouldNotBe(SafetyVerdict.Ok);

    /// <summary>What is near a harm in words and none: breathing out before breathing in, a towel under the neck, hair tied back.</summary>
    [Theory]
    [InlineData("Breathe out fully before you breathe in.")]
    [InlineData("Lay a towel under the neck and let the arms hang.")]
    [InlineData("Let a scarf hang from the neck.")]
    [InlineData("Tie a band round the head and pull the hair back.")]
    [InlineData("If you feel a pulse under the finger, move the finger back.")]
    public void What_only_stands_near_a_harm_is_never_stopped(string line) => Review(line).Verdict.ShouldNotBe(SafetyVerdict.Stop);

    [Fact]
    public void What_only_sounds_like_a_harm_is_asked_and_never_stopped()
    {
        var review = Review("Spin on the spot with the head tipped back until you fall.");
        review.Verdict.ShouldBe(SafetyVerdict.Caution);
        review.Findings.ShouldHaveSingleItem().Hazard.ShouldBe("sounds-harmful");
    }

    [Fact]
    public void It_makes_no_difference_where_a_sentence_stands()
    {
        const string sentence = "Press until it is numb.";
        TechniqueDocument[] told =
        [
            A.Technique(A.Act("smile-closed") with { Cue = sentence }),
            A.Technique(A.Act("smile-closed") with { EndPoint = sentence }),
            A.Technique(A.Act("smile-closed")) with
            {
                Aim = sentence,
            },
            A.Technique(A.Act("smile-closed")) with
            {
                Cautions = [sentence],
            },
            A.Technique(A.Act("smile-closed")) with
            {
                Adaptations = [new("strong people", sentence)],
            },
            A.Technique(A.Act("smile-closed")) with
            {
                Advice = [sentence],
            },
            A.Technique(A.Act("smile-closed")) with
            {
                Faults = [new("it stays soft", null, sentence)],
            },
        ];
        foreach (var document in told)
            Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings).Standing.ShouldBe(DerivedStanding.Stopped);
    }

    private static SafetyReview Review(string cue) => Reference.Derive(A.Act("smile-closed") with { Cue = cue }).Steps[0].Safety;
}
