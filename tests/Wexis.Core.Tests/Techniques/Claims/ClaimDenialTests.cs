using Wexis.Core.Anatomy;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Claims;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// What is said and what is denied, of every kind, over every technique of the library and over nothing at all. The wordings are common
/// practice.
/// </summary>
public class ClaimDenialTests
{
    /// <summary>The same thing, said and denied.</summary>
    private static readonly (string Said, string Denied)[] Pairs =
    [
        // Flow.
        ("It drains the cheeks.", "It does not drain the cheeks."),
        ("It moves lymph to the nodes at the ear.", "It does not move lymph to the nodes at the ear."),
        ("It moves fluid towards the collarbone.", "It moves no fluid towards the collarbone."),
        ("It flushes toxins.", "It flushes no toxins."),
        ("It stimulates lymph flow.", "It doesn’t stimulate lymph flow."),
        ("It drains to the armpit.", "It does not drain to the armpit."),
        // Evidence.
        ("A study shows that it firms the cheeks.", "No study shows that it firms the cheeks."),
        ("It is clinically proven to firm the cheeks.", "It is not clinically proven to firm the cheeks."),
        ("It is proven.", "It is not proven."),
        ("Science has shown that it lifts hooded lids.", "Nobody has shown that it lifts hooded lids."),
        // Effects.
        ("It removes wrinkles.", "It does not remove wrinkles."),
        ("It lifts hooded lids.", "It never lifts hooded lids."),
        ("It slims the face.", "It does not slim the face."),
        ("It improves eyesight.", "It will not improve eyesight."),
        ("It builds bulk in the cheeks.", "It builds no bulk in the cheeks."),
        ("It improves posture.", "It doesn't improve posture."),
        ("It calms the nerve.", "It does not calm the nerve."),
        ("It boosts circulation.", "It cannot boost circulation."),
        ("It reduces puffiness.", "It does not reduce puffiness."),
        ("It firms the jawline.", "It does not firm the jawline."),
        ("It reaches the jawline.", "It does nothing for the jawline."),
        ("It burns fat.", "It burns no fat."),
        // Causes.
        ("Frown lines come from the frown muscle.", "Frown lines do not come from the frown muscle."),
        ("Frown lines come from the chewing muscle.", "Frown lines do not come from the chewing muscle."),
        ("Sagging cheeks are caused by weak muscles.", "Sagging cheeks are not caused by weak muscles."),
        // Places.
        ("The masseter lies at the jaw angle.", "The masseter does not lie at the jaw angle."),
        ("The masseter lies at the forehead.", "The masseter does not lie at the forehead."),
        // What a muscle does, and what is done to it.
        ("It lifts the brows.", "It does not lift the brows."),
        ("It lowers the brows.", "It does not lower the brows."),
        ("It lifts the corners of the mouth.", "It does not lift the corners of the mouth."),
        ("The great cheek muscle is trained.", "The great cheek muscle is not trained."),
        ("The chewing muscle is kneaded.", "The chewing muscle isn’t kneaded."),
        ("The chewing muscle is strengthened.", "The chewing muscle is never strengthened."),
        ("It strengthens the frontalis.", "It cannot strengthen the frontalis."),
        ("It relaxes the frown muscle.", "It hardly relaxes the frown muscle."),
        ("It works the forehead.", "It does not work the forehead."),
        ("It tones the neck.", "It does not tone the neck."),
        ("It stretches the platysma.", "It doesn't stretch the platysma."),
        ("It works the frontalis.", "It keeps the frontalis out of the work."),
        ("It works the masseter.", "It has nothing to do with the masseter."),
        ("It guides fluid to the nodes in front of the ear.", "It guides no fluid to the nodes in front of the ear."),
        // Parts of the face that stand for no muscle of their own.
        ("It works the jawline.", "It does not work the jawline."),
        ("It firms the décolleté.", "It does not firm the décolleté."),
        ("It relaxes the nape.", "It does not relax the nape."),
        ("It massages the shoulders.", "It does not massage the shoulders."),
        ("It trains the double chin.", "It does not train the double chin."),
        ("It boosts the blood flow under the eyes.", "It does not boost the blood flow under the eyes."),
    ];

    /// <summary>That nothing can happen to anybody.</summary>
    private static readonly string[] Promises =
    [
        "It does not hurt the eye.",
        "It cannot damage a nerve.",
        "It never harms the skin.",
        "It has no side effects.",
        "It does not break capillaries.",
        "It is not dangerous.",
        "It does not move fillers.",
        "It will never cause wrinkles.",
        "This exercise does not make wrinkles.",
        "It does not give you headaches.",
        "It is not harmful after botox.",
        "It does not increase eye pressure.",
        "It is safe.",
        "It is completely safe in pregnancy.",
        "It is safe for everyone.",
        "There is no risk for the eyes.",
        "Nothing can go wrong.",
        "You can't do anything wrong.",
        "It is harmless.",
        "It works without any risk.",
        "It trains the cheeks and does not hurt the skin.",
        "It is suitable for everybody.",
        "Everyone can do it.",
        "It is said to be safe for all.",
        "It's 100% safe.",
        "It is gentle and carries no risk whatsoever.",
        "It leaves no lines around the mouth.",
    ];

    /// <summary>A warning is no promise.</summary>
    private static readonly string[] Warnings =
    [
        "It should never hurt.",
        "It must not hurt the eye.",
        "Do not damage the skin.",
        "Never press on the eye.",
        "Stop if it hurts.",
        "Nothing may hurt.",
        "Ask whether it is safe for you.",
        "It is not safe after surgery.",
        "Press lightly so that nothing tears.",
    ];

    [Fact]
    public void What_cannot_be_told_can_be_neither_said_nor_denied()
    {
        var judged = Judged(TechniqueDocument.Empty);
        foreach (var (said, denied) in Pairs)
            if (judged[said].Verdicts is [ClaimFinding.Asked, ..] or [ClaimFinding.PartlyRight, ..])
                judged[denied].Stands.ShouldBeFalse($"{denied} {judged[denied].Because}");
        judged.Values.Where(c => c.Stands && c.Because.Contains("Nothing says")).ShouldBeEmpty();
    }

    [Fact]
    public void Over_the_whole_library_nothing_stands_together_with_its_denial()
    {
        var both = Reference
            .Shipped.Select(t => (t.Id, Judged: Judged(t)))
            .SelectMany(t => Pairs.Select(p => (t.Id, Said: t.Judged[p.Said], Denied: t.Judged[p.Denied])))
            .ToList();
        both.Where(b => b.Said.Stands && b.Denied.Stands).Select(b => $"{b.Id}: {b.Denied.Text} {b.Denied.Because}").ShouldBeEmpty();
        // Where one was asked about, so is the other.
        both.Where(b => (b.Said.Verdicts[0] == ClaimFinding.Asked) && b.Denied.Stands)
            .Select(b => $"{b.Id}: {b.Denied.Text} {b.Denied.Because}")
            .ShouldBeEmpty();
        // What is plainly not so may be denied.
        both.Where(b => b.Said.IsContradicted && !b.Denied.Stands && b.Said.Verdicts[0] == b.Denied.Verdicts[0])
            .Where(b => b.Said.Verdicts[0] is not ClaimFinding.PartlyRight)
            .Select(b => $"{b.Id}: {b.Denied.Text} {b.Denied.Because}")
            .ShouldBeEmpty();
    }

    [Fact]
    public void That_nothing_can_happen_stands_of_no_technique()
    {
        foreach (var t in Reference.Shipped.Append(TechniqueDocument.Empty))
        {
            var judged = Judged(t);
            Promises.Where(p => judged[p].Stands).ShouldBeEmpty($"{t.Id}");
            Promises.Where(p => judged[p].Correction?.Contains("leave it out") != true).ShouldBeEmpty($"{t.Id}");
        }
    }

    [Fact]
    public void A_page_that_promises_that_nothing_can_happen_is_told_so_and_a_warning_is_left_alone()
    {
        foreach (var promise in Promises)
            Page(promise).ShouldHaveSingleItem(promise).Verdict.Stands.ShouldBeFalse(promise);
        foreach (var warning in Warnings)
            Page(warning).Where(c => c.Verdict.Correction?.Contains("leave it out") == true).ShouldBeEmpty(warning);
    }

    /// <summary>
    /// What comes about where the work is done comes about nowhere else: "firms the jawline" stood of an exercise of the forehead.
    /// </summary>
    [Theory]
    [InlineData("jawline", "jawline")]
    [InlineData("nape", "nape")]
    [InlineData("shoulders", "shoulder-top")]
    [InlineData("décolleté", "upper-chest")]
    [InlineData("double chin", "submental")]
    [InlineData("throat", "anterior-neck")]
    public void What_is_said_of_a_place_stands_only_where_the_place_is_worked(string place, string zone)
    {
        string[] said =
        [
            .. new[] { "firms", "tones", "relaxes", "works", "massages", "boosts the blood flow of" }.Select(v => $"It {v} the {place}."),
        ];
        var muscles = Reference.Atlas.Zones[zone];
        foreach (var t in Reference.Shipped)
        {
            var held = t with { Claims = [.. said.Select(c => new Claim(c, null, null, null))] };
            var derived = Derivation.Of(held, Reference.Atlas, Reference.Model, Reference.Settings);
            var there =
                derived.Map.ZonesTouched.Contains(zone)
                || derived.Map.Worked.Any(r =>
                    muscles.MusclesSuperficialToDeep.Contains(r.Structure) || muscles.Movers?.Contains(r.Structure) == true
                );
            if (!there)
                ClaimReview
                    .Of(held, derived.Steps, derived.Map, Reference.Atlas, Reference.Model)
                    .Where(c => c.Claim is not null && c.Stands)
                    .Select(c => $"{t.Id}: {c.Text} {c.Because}")
                    .ShouldBeEmpty();
        }
    }

    /// <summary>
    /// "Not A or B" denies both: it stood as soon as one of them was left out. Over the library, each pair of four muscles in three ways
    /// of saying it.
    /// </summary>
    [Fact]
    public void Of_several_things_denied_each_is_denied()
    {
        string[] names = ["zygomaticus major", "masseter", "frontalis", "platysma"];
        var each = names.ToDictionary(n => n, n => $"It does not train the {n}.");
        var pairs = names
            .SelectMany(a => names.Where(b => b != a).Select(b => (A: a, B: b)))
            .SelectMany(p =>
                new[]
                {
                    $"It does not train the {p.A} or the {p.B}.",
                    $"It trains neither the {p.A} nor the {p.B}.",
                    $"It never trains the {p.A} and the {p.B}.",
                }.Select(text => (p.A, p.B, Text: text))
            )
            .ToList();
        foreach (var t in Reference.Shipped.Append(TechniqueDocument.Empty))
        {
            var judged = Judged(t, [.. each.Values, .. pairs.Select(p => p.Text)]);
            pairs
                .Where(p => judged[p.Text].Stands != (judged[each[p.A]].Stands && judged[each[p.B]].Stands))
                .Select(p => $"{t.Id}: {p.Text} {judged[p.Text].Because}")
                .ShouldBeEmpty();
        }
    }

    /// <summary>A muscle told by what it does is judged as by its name (Gray 1918 and FACS 2002, from memory).</summary>
    [Theory]
    [InlineData("the muscle that lifts the corners of the mouth", "zygomaticus major")]
    [InlineData("the muscle that pulls the corners of the mouth down", "depressor anguli oris")]
    [InlineData("the muscle between the brows that draws them together", "corrugator")]
    [InlineData("the muscle which raises the brows", "frontalis")]
    [InlineData("the muscle that lifts the upper lid", "levator palpebrae")]
    [InlineData("the muscle that pulls the lower lip down", "depressor labii inferioris")]
    [InlineData("the muscle that pushes the chin up", "mentalis")]
    [InlineData("the muscle that sticks the tongue out", "genioglossus")]
    [InlineData("the muscle that purses the lips", "orbicularis oris")]
    public void A_muscle_told_by_what_it_does_is_judged_as_by_its_name(string told, string name)
    {
        string[] verbs = ["trains", "relaxes", "massages"];
        string[] said = [.. verbs.SelectMany(v => new[] { $"It {v} {told}.", $"It {v} the {name}." })];
        foreach (var t in Reference.Shipped)
        {
            var judged = Judged(t, said);
            foreach (var v in verbs)
                if (judged[$"It {v} the {name}."].Stands)
                    judged[$"It {v} {told}."].Stands.ShouldBeTrue($"{t.Id}: It {v} {told}. {judged[$"It {v} {told}."].Because}");
        }
    }

    /// <summary>After a stop claims wait, on a page that has no name and no family too.</summary>
    [Theory]
    [InlineData("Stroke down both sides of the neck with flat hands, light, 10x. It drains the neck.")]
    [InlineData("Press on the closed eyelids with the thumbs, firm, 10 s. It trains the ring muscle of the eye.")]
    [InlineData("Knead the throat with the knuckles, firm, 30 s. It does not train the masseter.")]
    public void After_a_stop_the_claims_of_a_page_wait(string page) => Page(page)[^1].Verdict.Verdicts.ShouldBe([ClaimFinding.Waits]);

    [Fact]
    public void What_a_claim_sets_apart_belongs_to_it()
    {
        var claim = Page("Smile with closed lips, 10x. It works the big smile muscle, not the forehead.").ShouldHaveSingleItem();
        (claim.Text, claim.Verdict.Stands).ShouldBe(("It works the big smile muscle, not the forehead.", true));
        Page("Smile with closed lips, 10x. It works the big smile muscle, not the forehead. Not over the lids.").ShouldHaveSingleItem();
        Page("Raise the brows, 10x. It works the masseter, not the forehead.").ShouldHaveSingleItem().Verdict.Stands.ShouldBeFalse();
    }

    [Fact]
    public void Each_is_found_on_a_page()
    {
        foreach (var (said, denied) in Pairs)
            (Page(said).Count, Page(denied).Count).ShouldBe((1, 1), $"{said} {denied}");
    }

    /// <summary>What claims less than others do is no promise of safety, and stands of every technique.</summary>
    [Theory]
    [InlineData("It does not change forehead lines.")]
    [InlineData("It does not lead to fewer lines.")]
    [InlineData("It does not make the face slimmer.")]
    [InlineData("It is not safe for everyone.")]
    public void A_modest_sentence_is_not_held_against_anybody(string said)
    {
        foreach (var t in Reference.Shipped.Append(TechniqueDocument.Empty))
            Judged(t, [said])[said].Stands.ShouldBeTrue($"{t.Id}: {said}");
        Page(said).ShouldAllBe(c => c.Verdict.Stands, said);
    }

    /// <summary>What keeps a thing away promises it, and denies no work.</summary>
    [Theory]
    [InlineData("It keeps toxins out of your skin.")]
    [InlineData("It keeps wrinkles out.")]
    [InlineData("It keeps wrinkles away.")]
    [InlineData("It keeps fat out of the cheeks.")]
    [InlineData("It leaves you no wrinkles.")]
    [InlineData("It leaves fat no chance.")]
    [InlineData("It gets rid of a bad posture.")]
    public void What_keeps_a_thing_away_never_stands(string said) => Page(said).ShouldHaveSingleItem().Verdict.Stands.ShouldBeFalse(said);

    /// <summary>"It does not heal" is what a trainer may say; that it leaves an illness as it is, is not.</summary>
    [Theory]
    [InlineData("It does not heal jaw pain.", true)]
    [InlineData("It does not treat sinusitis.", true)]
    [InlineData("It does not affect your blood pressure.", false)]
    [InlineData("It does not worsen migraines.", false)]
    [InlineData("It does not change your thyroid.", false)]
    public void A_medical_matter_may_only_be_denied_as_healing(string said, bool stands) =>
        Page(said).ShouldHaveSingleItem().Verdict.Stands.ShouldBe(stands);

    private static IReadOnlyList<PageClaim> Page(string text) =>
        ClaimPage.Of(text, null, Reference.Atlas, Reference.Model, Reference.Settings).Value!.Claims;

    private static Dictionary<string, ClaimVerdict> Judged(TechniqueDocument technique) =>
        Judged(technique, [.. Pairs.SelectMany(p => (string[])[p.Said, p.Denied]), .. Promises]);

    private static Dictionary<string, ClaimVerdict> Judged(TechniqueDocument technique, IReadOnlyList<string> all)
    {
        var held = technique with { Claims = [.. all.Select(c => new Claim(c, null, null, null))] };
        var derived = Derivation.Of(held, Reference.Atlas, Reference.Model, Reference.Settings);
        return ClaimReview
            .Of(held, derived.Steps, derived.Map, Reference.Atlas, Reference.Model)
            .Where(c => c.Claim is not null)
            .ToDictionary(c => c.Text);
    }
}
