using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>The library through the screen: found, narrowed, kept with reasons, approved, printed, begun from old notes.</summary>
public class LibraryTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private Browser Lead()
    {
        var b = demo.Browser;
        b.SignInAs("Maren Lindqvay");
        return b;
    }

    [Fact]
    public void Narrowed_by_several_things_and_the_address_brings_it_back()
    {
        var b = Lead();
        b.Go("/techniques");
        b.SeeText("of 94");
        b.Click(By.CssSelector("[data-narrow] summary"));
        b.Choose(Browser.Labelled("Teaching style"), "Contraction-led");
        b.Choose(Browser.Labelled("How it works"), "holds (isometric)");
        b.Choose(Browser.Labelled("Leaves free"), "the right hand");
        b.SeeText("Quiet lip seal");
        b.Until(() => !b.Text.Contains("Kiss against two fingers", StringComparison.Ordinal), "what needs a hand is left out");
        b.Go("/techniques?school=contraction-led&mode=isometric&free=right-hand-busy");
        b.SeeText("Quiet lip seal");
        b.Until(() => !b.Text.Contains("Kiss against two fingers", StringComparison.Ordinal), "the same from the address");
        b.TouchMuscle("buccinator");
        b.SeeText("Techniques that work the deep cheek muscle (buccinator).");
        b.Click("show all");
        b.SeeText("94 of 94");
    }

    [Fact]
    public void A_conflict_is_kept_with_a_reason_and_near_duplicates_stand_side_by_side()
    {
        var b = Lead();
        b.Go("/techniques/whole");
        b.Click(By.CssSelector("[data-conflict='ciliary'] button"));
        b.Click(Browser.Named("button", "Save the reason"));
        b.SeeText("reason: nothing is given.");
        b.Type(Browser.Labelled("Reason for both"), "near work needs both");
        b.Press(Keys.Enter);
        b.SeeText("near work needs both");
        b.Click("side by side");
        b.See(By.CssSelector("[data-differences]"));
        b.Count(By.CssSelector("[data-differences] thead th")).ShouldBe(2, "a column for each");
        b.Count(By.CssSelector("[data-differences] del")).ShouldBe(0, "neither replaces the other");
    }

    [Fact]
    public void An_edition_is_looked_through_approved_and_the_next_one_tells_its_differences()
    {
        var b = Lead();
        b.Go("/techniques");
        b.Click(Browser.Named("a", "Quiet lip seal"));
        b.Click("I have reviewed it");
        b.Click("Approve this edition");
        b.SeeText("never changes");
        b.Type(Browser.Labelled("Aim: what you want by it"), "an even seal");
        b.Focus(By.CssSelector("[data-score-step='0']"));
        b.Press(Keys.ArrowUp);
        b.Until(() => b.See(By.CssSelector("[data-score-step='0']")).GetDomAttribute("aria-valuenow") == "4", "one more on the score");
        b.Click("Save the technique");
        b.SeeText("Edition 2");
        b.Click("to the one before");
        b.See(By.CssSelector("[data-score-changed='0']"));
        b.Until(
            () => b.See(By.CssSelector("[data-history] [data-differences]")).Text.Contains("an even seal", StringComparison.Ordinal),
            "the aim differs"
        );
        b.Click("I have reviewed it");
        b.Click("Approve this edition");
        b.SeeText("Edition 2 approved.");
        b.Type(Browser.Labelled("Aim: what you want by it"), "an even, soft seal");
        b.Click("Save the technique");
        b.SeeText("Edition 3");
        b.Click("what changed up to edition 3");
        b.SeeText("an even, soft seal");
        b.Errors().ShouldBeEmpty();
    }

    [Theory]
    [InlineData("card")]
    [InlineData("wall")]
    [InlineData("pocket")]
    public void A_hand_out_fits_one_sheet_and_names_its_edition(string kind)
    {
        var b = Lead();
        b.Go("/techniques");
        b.Click(Browser.Named("a", "Ear-to-collarbone glide"));
        b.Click(By.XPath($"//a[contains(@href, '/print/{kind}')]"));
        b.See(By.CssSelector($"[data-hand-out='{kind}']"));
        b.SeeText("Ear-to-collarbone glide, edition 1 (approved)");
        b.PrintedPages().ShouldBe(1);
        b.Axe().ShouldBeEmpty();
    }

    [Fact]
    public void Words_and_plate_turn_together_for_who_faces_for_the_mirror_and_for_oneself()
    {
        var b = Lead();
        b.Go("/techniques");
        b.Click(Browser.Named("a", "Gaze cross"));
        b.Click(By.XPath("//a[contains(@href, '/print/card')]"));
        b.SeeText("Eyes to their left (on your right), to their right (on your left).");
        double Left() => b.Number("document.querySelector(\"[data-orbit='left'] text\").getBoundingClientRect().x");
        double Right() => b.Number("document.querySelector(\"[data-orbit='right'] text\").getBoundingClientRect().x");
        Left().ShouldBeGreaterThan(Right(), "facing: the subject's left is on the right");
        b.Click("turn the words");
        b.SeeText("Eyes to your left (on the left of the mirror), to your right (on the right of the mirror).");
        Left().ShouldBeLessThan(Right(), "in the mirror the left is on the left");
        b.Click("turn the words");
        b.SeeText("Eyes to your left, to your right.");
        b.Click("turn the words");
        b.SeeText("Eyes to their left (on your right)");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void The_movers_of_the_eye_are_seen_and_chosen_from_above()
    {
        var b = Lead();
        b.Go("/anatomy/lateral-rectus");
        b.See(By.CssSelector("[data-orbit='left'] [data-structure='lateral-rectus'] [data-tone='chosen']"));
        b.TouchMuscle("superior-oblique");
        b.Until(() => b.Path == "/anatomy/superior-oblique", "the pulley muscle is chosen in the socket");
        b.See(By.CssSelector("aside svg[role='listbox']")).SendKeys(Keys.ArrowUp + Keys.Enter);
        b.Until(
            () => b.Path != "/anatomy/superior-oblique" && b.Has(By.CssSelector("[data-orbit='left'] [data-tone='chosen']")),
            "another one by the keys alone"
        );
        b.Go("/anatomy/mentalis");
        b.SeeText("Musculus mentalis");
        b.Count(By.CssSelector("[data-inset='orbits']")).ShouldBe(0);
    }

    [Fact]
    public void A_gland_is_found_by_its_name_drawn_chosen_and_goes_on_paper_with_its_plate()
    {
        var b = Lead();
        b.Go("/anatomy");
        b.Type(Browser.Labelled("Find a structure"), "parot");
        b.Click(Browser.Named("button", "parotid gland with duct"));
        b.SeeText("Glandula parotidea");
        b.SeeText("duct crosses masseter");
        b.See(By.CssSelector("aside [data-structure='parotid-gland'] path"));
        b.Click(By.XPath("//label[contains(., 'fat, glands, joints')]"));
        b.TouchMuscle("buccal-fat-pad");
        b.Until(() => b.Path == "/anatomy/buccal-fat-pad", "chosen on the plate");
        b.Axe().ShouldBeEmpty();
        b.PrintedPages().ShouldBe(1, "plate and page on one sheet");
        b.Go("/anatomy/no-such-thing");
        b.SeeText("There is no such structure in the atlas.");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_cohort_keeps_its_editions_until_it_is_moved_on_and_its_sheets_are_printed_from_them()
    {
        var b = Lead();
        b.Go("/programme");
        b.Click(Browser.Named("a", "Cohorts"));
        b.Click(By.CssSelector("[data-taught='wm-tongue-hinge'] a[href*='/print/card']"));
        b.SeeText("Tongue-up hinge, edition 1, as taught to Autumn 2026");
        b.Click(Browser.Named("a", "back to the cohort"));
        b.Click(By.XPath("//tr[@data-taught='wm-tongue-hinge']//button[normalize-space()='what differs']"));
        b.Until(
            () =>
                b.See(By.CssSelector("[data-cohort='Autumn 2026'] [data-differences]")).Text.Contains("hold 2 s", StringComparison.Ordinal),
            "the dose differs"
        );
        b.Click("Open a cohort");
        b.Click("Open it and fix the editions");
        b.SeeText("name: nothing is given.");
        b.Type(Browser.Labelled("Name of the cohort"), "Winter evenings");
        b.Click(By.XPath("//label[contains(., 'Joss Haverick')]"));
        b.Press(Keys.Tab);
        b.Click("Open it and fix the editions");
        b.SeeText("Winter evenings is open: 11 editions fixed.");
        b.Until(
            () =>
                b.See(By.CssSelector("[data-cohort='Winter evenings'] [data-taught='wm-tongue-hinge']")).GetDomAttribute("data-state")
                == "as-taught",
            "a new cohort begins with the newest approved"
        );
        b.Click("teach edition 2");
        b.Until(
            () =>
                b.See(By.CssSelector("[data-cohort='Autumn 2026'] [data-taught='wm-tongue-hinge']")).GetDomAttribute("data-state")
                == "as-taught",
            "moved on"
        );
        b.Axe().ShouldBeEmpty();
        b.Click(By.XPath("//*[@data-cohort='Autumn 2026']//a[normalize-space()='cards']"));
        b.Until(() => b.Count(By.CssSelector("[data-sheet]")) == 11, "a sheet for each technique");
        b.SeeText("Tongue-up hinge, edition 2 (approved), as taught to Autumn 2026");
        b.PrintedPages().ShouldBe(11);
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void Old_notes_become_a_draft_only_after_the_doubtful_sentences_were_confirmed()
    {
        var b = Lead();
        b.Go("/techniques/notes");
        b.Type(
            Browser.Labelled("Old notes"),
            "Nostril press.\nPlace two fingers beside the nostrils. Press firmly for ten seconds. Never press on the eyeball. It "
                + "works the zygomaticus mayor."
        );
        b.Click("Read the notes");
        b.SeeText("2 things have to be confirmed first.");
        var readAs = b.See(By.CssSelector("[data-read-as]")).Text;
        readAs.ShouldStartWith("Read as: the hand: press with two finger pads at widest point of the nostril (firm)");
        readAs.ShouldContain("10 s");
        b.See(Browser.Named("button", "Begin a technique from 1 step")).Enabled.ShouldBeFalse();
        b.Click(By.XPath("//label[contains(., 'It is meant as it stands')]"));
        b.SeeText("One thing has to be confirmed first.");
        b.Click(By.CssSelector("[data-garbled='zygomaticus mayor'] button"));
        b.Until(() => !b.Has(By.CssSelector("[data-garbled]")), "the word is answered");
        b.See(Browser.Labelled("Old notes")).GetAttribute("value").ShouldEndWith("It works the zygomaticus major.");
        b.See(Browser.Labelled("Old notes")).SendKeys(" Smile 5 times.");
        b.SeeText("The notes were changed since. Read them again.");
        b.See(Browser.Named("button", "Begin a technique from 1 step")).Enabled.ShouldBeFalse("what is begun must be what was read");
        for (var i = 0; i < " Smile 5 times.".Length; i++)
            b.Press(Keys.Backspace);
        b.Click("Begin a technique from 1 step");
        b.See(Browser.Labelled("Name of the technique")).GetAttribute("value").ShouldBe("Nostril press");
        b.SeeText("press at widest point of the nostril");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void What_old_notes_never_say_is_said_once_and_begun_with()
    {
        var b = Lead();
        b.Go("/techniques/notes");
        b.Type(
            Browser.Labelled("Old notes"),
            "Stroke from the chin to the ear, 10 times. Ring finger from the inner to the outer corner under the eye, very light, 5 times. "
                + "Put both index fingers at the corners of the mouth and smile, 10 times."
        );
        b.Click("Read the notes");
        b.SeeText("Not said here: how hard, with which part of the hand");
        b.SeeText("do they resist, hold the skin, or only feel");
        b.Choose(Browser.Labelled("Hands that lie there"), "only feel");
        b.SeeText("Said for all of these notes: hands that lie there only feel.");
        b.SeeText("there to only feel");
        // Harder than the way bears: it stays open.
        b.Choose(Browser.Labelled("How hard"), "to the bone");
        b.SeeText("to the bone is more than this place or hand bears");
        b.Choose(Browser.Labelled("How hard"), "light");
        b.SeeText("Said for all of these notes: light.");
        b.Choose(Browser.Labelled("With"), "four finger pads");
        b.SeeText(
            "glide with four finger pads from most forward point of the chin to middle of the jaw edge to angle of the jaw to front of "
                + "the ear (light)"
        );
        // What a step says itself stays.
        b.SeeText("(feather)");
        b.Until(() => !b.Has(By.XPath("//*[starts-with(., 'Not said here')]")), "nothing is left open");
        b.Click("Begin a technique from 3 steps");
        b.SeeText("glide, most forward point of the chin to front of the ear");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_check_by_somebody_qualified_is_kept_with_the_structure()
    {
        var b = Lead();
        b.Go("/anatomy/risorius");
        b.SeeText("Not checked yet.");
        b.Click("record a check");
        b.Click("Save the check");
        b.SeeText("checked_by: nothing is given.");
        b.Type(Browser.Labelled("Who looked at it"), "Dr. Ada Quillfeather");
        b.Type(Browser.Labelled("Qualified as"), "anatomist");
        b.Type(Browser.Labelled("On"), "11032026");
        b.Choose(Browser.Labelled("It is"), "right, with remarks");
        b.Type(Browser.Labelled("Remark"), "often missing: say so first");
        b.Click("Save the check");
        b.SeeText("often missing: say so first");
    }

    [Fact]
    public void The_plate_is_turned_to_the_side_peeled_and_looked_at_nearer()
    {
        var b = Lead();
        b.Go("/anatomy/temporalis");
        b.Click(By.XPath("//button[normalize-space()='side']"));
        b.SeeText("The subject’s left side, the face to the left.");
        b.See(By.CssSelector("[data-structure='temporalis']"));
        b.Until(() => b.Count(By.CssSelector("[data-structure='auricularis-superior']")) > 0, "the ear muscle lies over it");
        for (var i = 0; i < 3 && b.Count(By.CssSelector("[data-structure='auricularis-superior']")) > 0; i++)
            b.Click("hide top layer");
        b.Count(By.CssSelector("[data-structure='auricularis-superior']")).ShouldBe(0);
        b.Click(By.XPath("//button[normalize-space()='nearer']"));
        b.Until(
            () =>
                !b.See(By.CssSelector("aside svg[role='listbox']"))
                    .GetDomAttribute("viewBox")!
                    .StartsWith("0 0 430", StringComparison.Ordinal),
            "nearer"
        );
        b.Click(By.XPath("//button[normalize-space()='back']"));
        b.SeeText("Seen from behind: the subject’s left is on the left.");
        b.Click(By.XPath("//button[normalize-space()='front']"));
        foreach (var layer in new[] { "landmarks", "points", "lymph", "zones", "hazards", "deep ones" })
        {
            b.Click(By.XPath($"//label[contains(., '{layer}')]"));
            b.SeeText("Drawn as you face the subject");
            b.Click(By.XPath($"//label[contains(., '{layer}')]"));
        }
        b.Errors().ShouldBeEmpty();
    }
}
