using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Techniques;

/// <summary>A page of a handbook or of a sales text, claim by claim. The page is made up; its wordings are common practice.</summary>
public class ClaimPageTests
{
    private static readonly string Text = File.ReadAllText(Path.Combine(Reference.DataFolder, "..", "tests", "cases", "page", "sales.txt"));

    private static ClaimPage Read(string text, TechniqueDocument? about = null) =>
        ClaimPage.Of(text, about, Reference.Atlas, Reference.Model, Reference.Settings).Value!;

    private static PageClaim Of(ClaimPage page, string begins) =>
        page.Claims.Single(c => c.Text.StartsWith(begins, StringComparison.Ordinal));

    [Theory]
    [InlineData("Say goodbye", "unsupported-effect", null)]
    [InlineData("Our method", "unsupported-effect", null)]
    [InlineData("Clinically proven", "misquoted-evidence", null)]
    [InlineData("Smiling with", "supported", "Smiling with closed lips")]
    [InlineData("It does not work", "supported", "Smiling with closed lips")]
    [InlineData("Kneading the jaw", "wrong-mode", "Kneading the jaw with the knuckles")]
    [InlineData("Traditionally", "supported", null)]
    [InlineData("Our morning strokes", "unsupported-effect", null)]
    [InlineData("It cures", "out-of-scope", null)]
    [InlineData("Massage does not", "supported", "Massage")]
    [InlineData("You will not need", "unsupported-effect", null)]
    [InlineData("This exercise trains", "supported", "Cheek lift")]
    [InlineData("It relaxes the masetter", "asked", "Cheek lift")]
    [InlineData("The frown muscle", "antagonist-confused", "Cheek lift")]
    [InlineData("It relaxes the chewing", "supported", "Handbook, jaw")]
    [InlineData("It also slims", "unsupported-effect", "Handbook, jaw")]
    public void Each_claim_is_held_against_what_the_page_told(string begins, string verdict, string? against)
    {
        var claim = Of(Read(Text), begins);
        (claim.Verdict.Verdicts[0].Word(), claim.Against).ShouldBe((verdict, against), claim.Verdict.Because);
        if (verdict is not "supported")
            claim.Verdict.Correction.ShouldNotBeNullOrWhiteSpace();
    }

    [Fact]
    public void What_is_told_to_be_done_warned_of_or_asked_is_no_claim_and_every_claim_is_found_where_it_stands()
    {
        var page = Read(Text);
        page.Claims.Count.ShouldBe(16);
        page.Claims.ShouldNotContain(c => c.Text.StartsWith("Smile with") || c.Text.StartsWith("Never") || c.Text.StartsWith("Book"));
        page.Claims.ShouldAllBe(c => Text.Substring(c.At, c.Text.Length) == c.Text);
    }

    [Fact]
    public void A_sentence_in_shorthand_is_found_and_shown_as_it_stands()
    {
        const string page = "Lift & glow. Firms & lifts hooded lids w/ ease. Removes wrinkles, R & L.";
        var found = Read(page);
        found.Claims.Count.ShouldBeGreaterThan(1);
        found.Claims.ShouldAllBe(c => page.Substring(c.At, c.Text.Length) == c.Text);
        found.Claims.Select(c => c.At).ShouldBeUnique();
    }

    [Fact]
    public void Where_nothing_says_what_is_done_it_is_asked_and_a_technique_that_is_chosen_answers()
    {
        const string claim = "This exercise trains the great cheek muscle.";
        Read(claim).Claims.ShouldHaveSingleItem().Verdict.Verdicts.ShouldBe([ClaimFinding.Asked]);
        var smile = A.Technique(A.Act("smile-closed")) with { Name = "Small smile" };
        var held = Read(claim, smile).Claims.ShouldHaveSingleItem();
        (held.Against, held.Verdict.Verdicts[0]).ShouldBe(("Small smile", ClaimFinding.Supported));
    }

    /// <summary>Not told is not "no" (ruling 16): what cannot be told of work that nobody described cannot be denied either.</summary>
    [Theory]
    [InlineData("trains", "train")]
    [InlineData("works", "work")]
    [InlineData("stretches", "stretch")]
    [InlineData("relaxes", "relax")]
    [InlineData("massages", "massage")]
    public void What_is_asked_is_asked_of_its_denial_too(string does, string doing)
    {
        foreach (var muscle in Reference.Atlas.Muscles.Values.Select(m => m.PlainName).Distinct())
        {
            var said = Read($"This exercise {does} the {muscle}.").Claims;
            var denied = Read($"This exercise does not {doing} the {muscle}.").Claims;
            if (said is [{ Verdict.Verdicts: [ClaimFinding.Asked, ..] }])
                denied.ShouldAllBe(c => c.Verdict.Verdicts[0] == ClaimFinding.Asked);
        }
        Read($"This exercise does not {doing} the chewing muscle.")
            .Claims.ShouldHaveSingleItem()
            .Verdict.Verdicts.ShouldBe([ClaimFinding.Asked]);
    }

    [Fact]
    public void No_claim_of_the_page_is_judged_otherwise_than_beside_a_technique_of_the_same_steps()
    {
        foreach (
            var t in Reference
                .Shipped.Where(t => t.Claims is { Count: > 0 })
                .Select(t => (Document: t, Derived: Derivation.Of(t, Reference.Atlas, Reference.Model, Reference.Settings)))
                .Where(t => t.Derived.Standing != DerivedStanding.Stopped)
        )
        foreach (
            var c in t.Derived.Claims.Where(c => c.Claim is { } i && t.Document.Claims![i] is { Kind: null, Structure: null, Verb: null })
        )
        {
            var sentence = $"This technique {c.Text}.";
            foreach (var found in Read(sentence, t.Document).Claims)
                found.Verdict.Stands.ShouldBe(c.Stands, $"{t.Document.Id}: {sentence} {found.Verdict.Because}");
        }
    }

    /// <summary>What is said of a technique, a muscle or the reader is found, whatever its verb; wordings of our own.</summary>
    [Theory]
    [InlineData("It outperforms fillers.")]
    [InlineData("It never lets you down.")]
    [InlineData("The procerus drives this movement.")]
    [InlineData("The buccinator and the risorius share the work.")]
    [InlineData("The corrugator stays out of it.")]
    [InlineData("You will save yourself a trip to the surgeon.")]
    [InlineData("Your jaw will thank you.")]
    [InlineData("No other exercise gives such cheeks.")]
    [InlineData("It is not meant for those who want to keep their wrinkles.")]
    public void Who_speaks_makes_a_claim_and_nothing_of_it_stands_where_nothing_is_told(string said) =>
        Read(said).Claims.ShouldHaveSingleItem().Verdict.Stands.ShouldBeFalse(said);

    [Theory]
    [InlineData("It takes about two minutes.")]
    [InlineData("It ends at the angle of the jaw.")]
    [InlineData("It may feel strange at first.")]
    [InlineData("It can leave marks.")]
    [InlineData("The frontalis is a thin sheet without a hold on bone.")]
    [InlineData("The sternocleidomastoid must not bulge.")]
    [InlineData("Swollen or sore nodes: doctor first.")]
    [InlineData("Flat pads behind the ear, on the bone.")]
    public void Plain_talk_of_how_it_is_done_is_no_claim(string said) => Read(said).Claims.ShouldBeEmpty(said);

    [Theory]
    [InlineData("", "text")]
    [InlineData("   \n", "text")]
    public void An_empty_page_is_refused_with_its_field(string text, string field) =>
        ClaimPage.Of(text, null, Reference.Atlas, Reference.Model, Reference.Settings).Issues.Single().Path.ShouldBe(field);

    [Fact]
    public void A_page_that_is_too_long_is_refused() =>
        ClaimPage.Of(new string('a', 200_001), null, Reference.Atlas, Reference.Model, Reference.Settings).Issues.ShouldHaveSingleItem();
}
