using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Safety;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// Sentences that teach a harm, and look-alikes that forbid it or mean something else. Lines of <c>tests/cases/said </c> are our own,
/// worded as common
/// practice words such things. They were written in eighteen rounds, each before the reading was tried on it.
/// </summary>
public class SaidHazardTests
{
    private static readonly string Cases = Path.Combine(Reference.DataFolder, "..", "tests", "cases", "said");

    [Fact]
    public void Of_sentences_that_teach_a_harm_nine_in_ten_are_found()
    {
        var lines = Lines("dangerous");
        var missed = lines.Where(l => Review(l).Verdict == SafetyVerdict.Ok).ToList();
        TestContext.Current.TestOutputHelper?.WriteLine(
            $"{lines.Count - missed.Count} of {lines.Count} found. Missed: {string.Join(" | ", missed)}"
        );
        ((double)missed.Count / lines.Count).ShouldBeLessThanOrEqualTo(0.10, string.Join("\n", missed));
    }

    [Fact]
    public void Of_harmless_look_alikes_at_most_four_in_a_hundred_are_flagged()
    {
        var lines = Lines("harmless");
        var flagged = lines.Where(l => Review(l).Verdict != SafetyVerdict.Ok).ToList();
        TestContext.Current.TestOutputHelper?.WriteLine($"{flagged.Count} of {lines.Count} flagged: {string.Join(" | ", flagged)}");
        ((double)flagged.Count / lines.Count).ShouldBeLessThanOrEqualTo(0.04, string.Join("\n", flagged));
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

    private static List<string> Lines(string file) => [.. File.ReadAllLines(Path.Combine(Cases, $"{file}.txt")).Where(l => l.Length > 0)];
}
