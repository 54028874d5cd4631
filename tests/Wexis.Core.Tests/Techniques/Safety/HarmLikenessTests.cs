using System.Globalization;
using Wexis.Core.Techniques.Safety;

namespace Wexis.Core.Tests.Techniques;

/// <summary>The second reader of sentences, held against lines that it was not taught.</summary>
public class HarmLikenessTests
{
    private const string Anew = "WEXIS_WRITE_WEIGHTS=1 ./wexis test core -class Wexis.Core.Tests.Techniques.HarmLikenessTests";

    private static readonly string Weights = Path.Combine(Reference.DataFolder, "said", "weights.tsv");

    private static IReadOnlyList<(string Sentence, bool Harms)> Lines { get; } =
    [
        .. SaidLines.Of("dangerous").Select(l => (l, true)),
        .. SaidLines.Of("harmless").Select(l => (l, false)),
        // How a library of techniques speaks, as it stood when this was taught: most of what it says is no look-alike of anything.
        .. SaidLines.Of("ordinary").Select(l => (l, false)),
    ];

    /// <summary>Machines add a little differently: what is compared is what the weights say of every line, not their last digit.</summary>
    [Fact]
    public void The_weights_are_those_that_the_lines_teach()
    {
        var learned = HarmLessons.Learn(Lines);
        if (Environment.GetEnvironmentVariable("WEXIS_WRITE_WEIGHTS") == "1")
            File.WriteAllText(Weights, HarmLessons.Written(learned));
        var shipped = File.ReadLines(Weights)
            .Select(r => r.Split('\t'))
            .ToDictionary(r => r[0], r => double.Parse(r[1], CultureInfo.InvariantCulture), StringComparer.Ordinal);
        foreach (var (sentence, _) in Lines)
            HarmLessons.Sum(shipped, sentence).ShouldBe(HarmLessons.Sum(learned, sentence), 0.3, $"{sentence}: write them anew: {Anew}");
    }

    /// <summary>In five parts, each read with the weights that the other four teach; a line and its look-alike are in one part.</summary>
    [Fact]
    public void Alone_it_finds_most_of_what_it_was_not_taught()
    {
        const int parts = 5;
        var harms = SaidLines.Of("dangerous");
        var harmless = SaidLines.Of("harmless");
        int found = 0,
            flagged = 0;
        for (var part = 0; part < parts; part++)
        {
            var weights = HarmLessons.Learn([
                .. harms.Where((_, i) => i % parts != part).Select(l => (l, true)),
                .. harmless.Where((_, i) => i % parts != part).Select(l => (l, false)),
                .. SaidLines.Of("ordinary").Select(l => (l, false)),
            ]);
            found += harms.Where((l, i) => i % parts == part && HarmLessons.Sum(weights, l) >= HarmLikeness.Asks).Count();
            flagged += harmless.Where((l, i) => i % parts == part && HarmLessons.Sum(weights, l) >= HarmLikeness.Asks).Count();
        }
        TestContext.Current.TestOutputHelper?.WriteLine($"{found} of {harms.Count} found, {flagged} of {harmless.Count} flagged");
        ((double)found / harms.Count).ShouldBeGreaterThan(0.6);
        ((double)flagged / harmless.Count).ShouldBeLessThan(0.04);
    }

    [Theory]
    [InlineData("press", "pressing", "presses")]
    [InlineData("bruise", "bruised", "bruises")]
    [InlineData("clench", "clenched", "clenching")]
    public void A_word_counts_in_every_ending(string word, string one, string other)
    {
        var plain = HarmLikeness.Features(word);
        HarmLikeness.Features(one).ShouldBe(plain, ignoreOrder: true);
        HarmLikeness.Features(other).ShouldBe(plain, ignoreOrder: true);
    }

    [Fact]
    public void A_not_belongs_to_the_words_after_it_in_its_clause()
    {
        HarmLikeness.Features("Do not press, rest.").ShouldContain("N_press");
        HarmLikeness.Features("Do not press, rest.").ShouldNotContain("N_rest");
        HarmLikeness.Features("Do not rest but press.").ShouldNotContain("N_press");
    }

    [Fact]
    public void Nothing_said_is_not_asked_about() => HarmLikeness.Of("").ShouldBeLessThan(0);
}
