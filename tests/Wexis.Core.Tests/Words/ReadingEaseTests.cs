using System.Text.Json;
using System.Text.RegularExpressions;

namespace Wexis.Core.Tests.Words;

/// <summary>
/// What clients read is easy to read: Flesch's reading ease (Flesch, "A new readability yardstick", 1948) of 60 or more, which is called
/// plain English. 206.835 − 1.015 × words a sentence − 84.6 × syllables a word; formula from memory. Syllables are counted by groups of
/// vowels.
/// </summary>
public partial class ReadingEaseTests
{
    private const double Plain = 60;

    [GeneratedRegex("[a-z’']+")]
    private static partial Regex Word();

    [GeneratedRegex("[aeiouy]+")]
    private static partial Regex Vowels();

    [GeneratedRegex("[^aeiouldt]ed$|[^ls]es$|[^l]e$")]
    private static partial Regex Silent();

    private static int Syllables(string word)
    {
        var groups = Vowels().Count(word);
        return Math.Max(1, groups > 1 && Silent().IsMatch(word) ? groups - 1 : groups);
    }

    internal static double Ease(params IReadOnlyList<string> sentences)
    {
        var words = sentences.SelectMany(s => Word().Matches(s.ToLowerInvariant()).Select(m => m.Value)).ToList();
        var ends = sentences.Sum(s =>
            Math.Max(1, s.Split(['.', '!', '?', ';', ':'], StringSplitOptions.RemoveEmptyEntries).Count(p => p.Trim().Length > 0))
        );
        return 206.835 - (1.015 * words.Count / ends) - (84.6 * words.Sum(Syllables) / words.Count);
    }

    /// <summary>The example that is told with the formula: 6 words, 6 syllables, one sentence: 116 (from memory).</summary>
    [Fact]
    public void The_formula_gives_its_example() => Ease("The cat sat on the mat.").ShouldBe(116.1, 0.1);

    [Fact]
    public void A_sentence_of_long_words_is_hard() =>
        Ease("Contraindicated interventions necessitate authorisation by appropriately qualified practitioners.").ShouldBeLessThan(0);

    [GeneratedRegex("->|[`_|=<>]|[A-Z]{2,}|\\bAU\\d|\\bR\\d|\\b(?:row|verdict|inhibited|concentric|isometric|eccentric)\\b")]
    private static partial Regex OfTheMachine();

    /// <summary>Behind each "why" stands a sentence first: plain words, nothing of the machine, as easy as what clients read.</summary>
    [Fact]
    public void Every_why_is_a_plain_sentence()
    {
        var says = Reference.Model.Document.Rules.Select(r => Reference.Model.RuleText(r.Id)).ToList();
        says.ShouldAllBe(s => s.EndsWith('.') && char.IsUpper(s.TrimStart('“')[0]) && !OfTheMachine().IsMatch(s));
        Ease(says).ShouldBeGreaterThan(Plain);
    }

    /// <summary>All texts under one name in the shipped library.</summary>
    private static List<string> Shipped(string name)
    {
        using var library = JsonDocument.Parse(File.ReadAllText(Path.Combine(Reference.DataFolder, "library", "techniques.json")));
        var found = new List<string>();
        void Look(JsonElement at, bool named)
        {
            if (at.ValueKind == JsonValueKind.Object)
                foreach (var field in at.EnumerateObject())
                    Look(field.Value, field.Name == name);
            else if (at.ValueKind == JsonValueKind.Array)
                foreach (var item in at.EnumerateArray())
                    Look(item, named);
            else if (named && at.GetString() is { } text)
                found.Add(text);
        }
        Look(library.RootElement, false);
        return found;
    }

    [Theory]
    [InlineData("cautions")]
    [InlineData("cue")]
    public void What_the_shipped_library_says_to_people_is_plain_English(string field)
    {
        var said = Shipped(field);
        said.Count.ShouldBeGreaterThan(20);
        Ease(said).ShouldBeGreaterThanOrEqualTo(Plain);
    }

    [Fact]
    public void What_a_client_is_told_of_health_conditions_is_plain_English()
    {
        var told = Reference.Atlas.Document.Contraindications.Select(c => c.Client).OfType<string>().ToList();
        told.Count.ShouldBeGreaterThan(50);
        Ease(told).ShouldBeGreaterThanOrEqualTo(Plain);
    }
}
