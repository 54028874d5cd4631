using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace Wexis.Browser.Tests;

/// <summary>Writing techniques through the screen: unlike ones, quickly; and what happens to wrong or unsaved text.</summary>
public class EditorTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private const int MostInteractionsPerStep = 15;

    /// <summary>A technique is entered in five minutes at most, by keystroke-level arithmetic.</summary>
    private const double MostSeconds = 300;

    private Browser New(string name)
    {
        var b = demo.Browser;
        if (!b.Has(By.XPath("//nav[@aria-label='The order of the work']")))
            b.SignInAs("Maren Lindqvay");
        b.Go("/techniques");
        b.KeystrokeSeconds = 0;
        b.Click("Write a technique");
        b.Type(Browser.Labelled("Name of the technique"), name);
        return b;
    }

    private static void BeginStep(Browser b, string what)
    {
        b.Interactions = 0;
        b.Click(
            b.Has(Browser.Named("button", "Add a step"))
                ? Browser.Named("button", "Add a step")
                : Browser.Named("button", "Write the first step")
        );
        // A step that was just added asks at once what happens.
        b.Until(() => b.HasFocus(By.CssSelector("[cmdk-input]")), "the cursor stands where one types next");
        b.Type(By.CssSelector("[cmdk-input]"), what);
        b.Press(Keys.Enter);
    }

    private static void Word(Browser b, string word) => b.Click(By.XPath($"//fieldset//label[normalize-space()='{word}']"));

    private static void Dose(Browser b, string line) => b.Type(Browser.Labelled("As you would say it"), line);

    private static void Still(Browser b, string zone) =>
        b.Click(By.XPath($"//div[@aria-label='What stays still']//button[normalize-space()='{zone}']"));

    private static void Works(Browser b, string structure, string mode)
    {
        var row = By.CssSelector($"[data-worked='{structure}'][data-mode='{mode}']");
        b.Until(() => b.Count(row) > 0, $"{structure} {mode}");
        // What only comes along is folded under a line that counts it.
        if (!b.Has(row))
            b.Click(By.CssSelector("[data-tail] > summary"));
        b.See(row, $"{structure} {mode}");
    }

    private static void EndStep(Browser b) => b.Interactions.ShouldBeLessThanOrEqualTo(MostInteractionsPerStep);

    private static void Save(Browser b)
    {
        b.Click(By.CssSelector("[data-save]"));
        b.Until(() => b.Has(By.XPath("//*[@role='status'][normalize-space()='saved']")), "saved");
        b.KeystrokeSeconds.ShouldBeLessThan(MostSeconds);
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_light_glide()
    {
        var b = New("Rim glide");
        BeginStep(b, "glide along");
        b.Click("from");
        b.Touch("orbital_rim_inferior");
        b.Touch("temple_hollow");
        b.Choose(Browser.Labelled("Part of the hand"), "ring fingertip");
        Word(b, "feather");
        Dose(b, "3 / 5 / 8");
        Still(b, "jaw");
        Works(b, "superficial-lymph", "skin-lymph");
        EndStep(b);
        Save(b);
    }

    [Fact]
    public void A_firm_knead_with_circles_each_way_asked_for()
    {
        var b = New("Jaw circles");
        BeginStep(b, "small circles");
        b.Click("from");
        b.Touch("masseter_belly");
        b.Choose(Browser.Labelled("Part of the hand"), "knuckles");
        Word(b, "firm");
        Dose(b, "8 circles");
        b.SeeText("8 circles: 8 each way, or 8 in all?");
        b.Click("each way");
        b.Until(() => b.See(By.CssSelector("[data-dose-table]")).Text.Contains("repetitions"), "the dose is unrolled");
        Works(b, "masseter-superficial", "kneaded");
        EndStep(b);
        Save(b);
    }

    [Fact]
    public void A_repetition_and_its_last_hold_as_two_steps()
    {
        var b = New("Brow raises");
        BeginStep(b, "both brows up, free");
        Dose(b, "2 × 8");
        Still(b, "lips");
        Works(b, "frontalis", "concentric");
        EndStep(b);
        BeginStep(b, "both brows up, free");
        Dose(b, "hold 5 s, once");
        Works(b, "frontalis", "isometric");
        EndStep(b);
        Save(b);
    }

    [Fact]
    public void A_resisted_movement_of_one_side_after_the_other()
    {
        var b = New("Smile against a finger");
        BeginStep(b, "corners up and out, lips together");
        Word(b, "fingers");
        b.Choose(Browser.Labelled("Laid on"), "cheek");
        Dose(b, "3 × 5, each side, hold 4 s");
        Word(b, "one, then the other");
        b.Until(() => b.See(By.CssSelector("[data-dose-table]")).Text.Contains("each side"), "the dose is told per side");
        Works(b, "zygomaticus-major", "isometric");
        EndStep(b);
        Save(b);
    }

    [Fact]
    public void A_stillness_with_the_eyes_up()
    {
        var b = New("Eyes up, brow asleep");
        BeginStep(b, "eyes up, brow free");
        Dose(b, "2 / 3 / 5, hold 2 s");
        Still(b, "brow");
        Still(b, "middle of the forehead");
        Works(b, "superior-rectus", "concentric");
        Works(b, "frontalis", "inhibited");
        EndStep(b);
        Save(b);
    }

    [Fact]
    public void A_tool_along_the_jaw()
    {
        var b = New("Stone along the jaw");
        BeginStep(b, "draw the tool");
        b.Click("from");
        b.Touch("menton");
        b.Touch("below_lobe");
        b.Choose(Browser.Labelled("Part of the hand"), "tool laid flat");
        Word(b, "light");
        Dose(b, "3 / 4 / 6, each side");
        Word(b, "one, then the other");
        Works(b, "skin", "skin-lymph");
        EndStep(b);
        Save(b);
    }

    [Fact]
    public void A_stopped_step_says_why_and_what_instead_and_can_only_be_parked()
    {
        var b = New("Lid press");
        BeginStep(b, "static press");
        b.Click("from");
        b.Touch("upper_lid_margin");
        Word(b, "medium");
        Dose(b, "hold 10 s, twice");
        b.See(By.CssSelector("[data-stopped]"));
        b.SeeText("Stopped: this can only be kept as an unsafe example");
        b.SeeText("Instead:");
        b.See(By.CssSelector("[data-hazard='hz-globe']"));
        b.Click("Keep as an unsafe example");
        b.SeeText("Kept as an unsafe example.");
    }

    [Fact]
    public void Nonsense_is_refused_with_its_field_named_and_nothing_is_lost()
    {
        var b = New("Negative");
        BeginStep(b, "corners up and out, lips together");
        Dose(b, "hold -4 s");
        b.SeeText("steps[0].dose.line: -4 is outside 0 to 600.");
        b.Click("Save the technique");
        b.SeeText("The technique cannot be saved like this. Your text is kept here.");
        b.See(Browser.Labelled("As you would say it")).GetAttribute("value").ShouldBe("hold -4 s");
        Dose(b, "hold 4 s, twice");
        Save(b);
    }

    [Fact]
    public void A_reload_while_writing_loses_nothing_and_undo_goes_back()
    {
        var b = New("Unsaved smile");
        BeginStep(b, "corners up and out, lips together");
        Dose(b, "12");
        b.SeeText("not saved yet, kept in this browser");
        b.Reload();
        b.Until(() => b.See(Browser.Labelled("Name of the technique")).GetAttribute("value") == "Unsaved smile", "the name is still there");
        b.See(Browser.Labelled("As you would say it")).GetAttribute("value").ShouldBe("12");
        Dose(b, "14");
        b.Click(By.XPath("//button[normalize-space()='Undo']"));
        b.Until(() => b.See(Browser.Labelled("As you would say it")).GetAttribute("value") == "12", "undo brings 12 back");
        b.Click(By.XPath("//button[normalize-space()='Redo']"));
        b.Until(() => b.See(Browser.Labelled("As you would say it")).GetAttribute("value") == "14", "redo brings 14 back");
        Save(b);
    }

    [Fact]
    public void A_session_that_ended_leads_to_the_door_and_back_to_what_was_typed()
    {
        var b = New("Out of time");
        BeginStep(b, "corners up and out, lips together");
        Dose(b, "12");
        b.Until(() => b.See(By.CssSelector("[data-dose-table]")).Text.Contains("12"), "the last word was answered: nothing is under way");
        b.ForgetSession();
        b.Click("Save the technique");
        b.See(By.Id("sign-in"), "the door");
        b.Click(Browser.Named("button", "Maren Lindqvay"));
        b.Until(
            () => b.See(Browser.Labelled("Name of the technique")).GetAttribute("value") == "Out of time",
            "the same technique, as it was typed"
        );
        b.Until(() => b.See(Browser.Labelled("As you would say it")).GetAttribute("value") == "12", "to the last word");
        Save(b);
    }

    [Fact]
    public void A_draft_that_cannot_be_drawn_is_said_and_set_aside_and_the_saved_text_comes_back()
    {
        var b = New("Crossed lines");
        BeginStep(b, "corners up and out, lips together");
        Dose(b, "12");
        Save(b);
        var place = $"wexis.technique.{b.Path.Split('/')[^1]}";
        b.Number(
            $"(localStorage.setItem('{place}', JSON.stringify({{ base: '1.1', document: {{ name: 'Crossed lines', steps: 5 }} }})), 1)"
        );
        b.Reload();
        b.SeeText("This page could not be shown");
        b.SeeText("What you typed here is still kept.");
        b.See(By.XPath("//nav[@aria-label='The order of the work']"), "the stops are still there");
        b.Click("Show it again");
        b.SeeText("This page could not be shown");
        b.Click("Set aside what I typed");
        b.Until(() => b.See(Browser.Labelled("Name of the technique")).GetAttribute("value") == "Crossed lines", "the saved text is back");
        b.Number($"localStorage.getItem('{place}.unreadable').length").ShouldBeGreaterThan(0, "nothing is thrown away");
        b.Errors().ShouldNotBeEmpty("the browser's own record names the fault");
    }

    [Fact]
    public void A_place_can_be_chosen_on_the_face_by_keyboard()
    {
        var b = New("By keyboard");
        BeginStep(b, "glide along");
        b.Click("from");
        var plate = b.See(By.CssSelector("svg[role='listbox'][data-picking]"));
        plate.SendKeys(Keys.ArrowRight);
        plate.SendKeys(Keys.ArrowRight);
        plate.SendKeys(Keys.Enter);
        b.Until(() => !b.Has(By.XPath("//button[contains(.,'from') and contains(.,'not told')]")), "the start is told");
    }

    [Fact]
    public async Task Who_saves_second_is_told_keeps_the_text_and_may_save_it_over_the_other()
    {
        var b = New("Two at once");
        BeginStep(b, "corners up and out, lips together");
        Dose(b, "6");
        Save(b);
        var id = b.Path.Split('/')[^1];
        using var other = await demo.House.Visit().SignIn("maren");
        var view = await other.Get<Wexis.Server.Techniques.TechniqueView>($"/api/techniques/{id}");
        (
            await other.Put(
                $"/api/techniques/{id}",
                new Wexis.Server.Techniques.TechniqueSave(view.Edition, view.Version, view.Document with { Name = "Theirs" })
            )
        ).EnsureSuccessStatusCode();
        b.Type(Browser.Labelled("Name of the technique"), "Mine");
        b.Click("Save the technique");
        b.SeeText("Someone else changed this technique first. Your text is still here.");
        b.See(By.XPath("//*[@data-stale]//tr[td[.='name']][td[.='Mine']][td[.='Theirs']]"), "both texts are shown");
        b.Axe().ShouldBeEmpty();
        b.See(Browser.Labelled("Name of the technique")).GetAttribute("value").ShouldBe("Mine");
        b.Click("Take theirs");
        b.Until(() => b.See(Browser.Labelled("Name of the technique")).GetAttribute("value") == "Theirs", "theirs is taken");
        b.Click(By.XPath("//button[normalize-space()='Undo']"));
        b.Until(() => b.See(Browser.Labelled("Name of the technique")).GetAttribute("value") == "Mine", "undo brings mine back");
        b.Until(() => !b.Text.Contains("Someone else changed"), "the news is gone");
        Save(b);
        (await other.Get<Wexis.Server.Techniques.TechniqueView>($"/api/techniques/{id}")).Document.Name.ShouldBe("Mine");
    }

    [Fact]
    public void A_reload_keeps_a_programme_and_a_mark_sheet_that_are_not_saved_yet()
    {
        var b = demo.Browser;
        if (!b.Has(By.XPath("//nav[@aria-label='The order of the work']")))
            b.SignInAs("Maren Lindqvay");
        b.Go("/programme");
        b.Click(By.CssSelector("[data-unit='glide'] button[aria-expanded]"));
        b.Type(Browser.Labelled("Minutes"), "165");
        b.SeeText("not saved yet, kept in this browser");
        b.Reload();
        b.SeeText("not saved yet, kept in this browser");
        b.Click(By.CssSelector("[data-unit='glide'] button[aria-expanded]"));
        b.See(Browser.Labelled("Minutes")).GetAttribute("value").ShouldBe("165");
        b.Click("Save the programme");
        b.SeeText("Programme saved.");
        b.Go("/examination");
        b.Click(Browser.Named("a", "Knuckle knead"));
        b.Type(Browser.Labelled("Pass line"), "80");
        b.Reload();
        b.Until(() => b.See(Browser.Labelled("Pass line")).GetAttribute("value") == "80", "the pass line is still there");
        b.Click("Save the mark sheet");
        b.SeeText("Mark sheet saved.");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_claim_is_answered_by_the_map_with_a_reason_and_a_correction()
    {
        var b = New("Claims");
        BeginStep(b, "upper lid up, brow free");
        Dose(b, "5");
        b.Click("add a claim");
        b.Type(Browser.Labelled("Claim 1"), "trains the ring muscle of the eye");
        b.See(By.CssSelector("[data-claim='0'][data-verdict='antagonist-confused']"));
        b.SeeText("does the opposite");
        b.Click(By.XPath("//li[@data-claim='0']//button[normalize-space()='why']"));
        b.SeeText("R121");
        b.Press(Keys.Escape);
        b.Type(Browser.Labelled("Your answer"), "I will say lid opener from now on");
        b.Click("add a claim");
        b.Type(Browser.Labelled("Claim 2"), "works the lid opener");
        b.See(By.CssSelector("[data-claim='1'][data-verdict='supported']"));
        Save(b);
        b.Go("/techniques");
        b.SeeText("1 claim to answer");
    }

    [Fact]
    public void A_technique_file_comes_in_by_the_screen_and_a_bad_one_is_reported_by_its_lines()
    {
        var b = demo.Browser;
        if (!b.Has(By.XPath("//nav[@aria-label='The order of the work']")))
            b.SignInAs("Maren Lindqvay");
        b.Go("/techniques");
        b.SeeText("import a file");
        b.Give(
            By.CssSelector("input[type=file]"),
            "bad.json",
            "{ \"schema\": \"wexis.technique/1\",\n \"name\": \"x\",\n \"steps\": [{ \"acts\": [{ \"do\": \"fly\" }] }] }"
        );
        b.SeeText("Nothing was brought in.");
        b.SeeText("line 3: steps[0].acts[0].do: “fly” is not known.");
        b.Give(
            By.CssSelector("input[type=file]"),
            "good.json",
            "{ \"schema\": \"wexis.technique/1\", \"name\": \"From a file\", \"steps\": [{ \"acts\": [{ \"do\": \"pucker\" }], "
                + "\"dose\": { \"line\": \"5\" } }] }"
        );
        b.SeeText("Imported: 1.");
        b.SeeText("From a file: complete");
        b.Errors().ShouldBeEmpty();
    }

    [Theory]
    [InlineData(PointerKind.Mouse)]
    [InlineData(PointerKind.Touch)]
    public void A_stroke_drawn_over_the_face_is_named_by_its_places(PointerKind with)
    {
        var b = New($"Drawn along the jaw, {with}");
        BeginStep(b, "glide along");
        b.Click("from");
        b.DrawOver(with, "menton", "jaw_mid", "antegonial_notch", "gonion", "below_lobe", "lobe");
        b.Until(
            () =>
                b.Has(By.XPath("//button[contains(., 'lowest point of the chin')]"))
                && b.Has(By.XPath("//button[contains(., 'ear lobe')]")),
            "from chin to ear lobe"
        );
        b.Has(By.XPath("//button[span[normalize-space()='over']]")).ShouldBeFalse("the jaw itself leads there");
        Word(b, "light");
        b.Click("from");
        Word(b, "below");
        b.SeeText("one breadth below the lowest point of the chin");
        EndStep(b);
        Save(b);
    }

    [Fact]
    public void Faults_cautions_and_advice_are_added_taken_out_and_kept()
    {
        var b = New("With faults");
        BeginStep(b, "corners up and out, lips together");
        Dose(b, "5");
        b.Click("add a fault");
        b.Type(Browser.Labelled("What you see"), "the brow helps");
        b.Type(Browser.Labelled("What you say"), "smooth brow");
        b.Click("add a fault");
        b.Click(By.CssSelector("[aria-label='remove fault 2']"));
        b.Click("add an adaptation");
        b.Type(Browser.Labelled("If"), "long nails");
        b.Type(Browser.Labelled("Then"), "knuckles");
        b.Click("add a caution");
        b.Type(Browser.Labelled("caution 1"), "stop when it hurts");
        b.Click("add a caution");
        b.Type(Browser.Labelled("caution 2"), "not this one");
        b.Click(By.CssSelector("[aria-label='remove caution 2']"));
        b.Until(() => !b.Has(By.XPath("//input[@value='not this one']")), "the second caution is gone");
        b.Click("add a piece of advice");
        b.Type(Browser.Labelled("piece of advice 1"), "cures glaucoma");
        b.Until(() => b.Has(By.CssSelector("[aria-invalid='true']")), "advice that may not stand says why");
        b.Click(By.CssSelector("[aria-label='remove piece of advice 1']"));
        Save(b);
        b.Reload();
        b.Until(() => b.See(Browser.Labelled("What you see")).GetAttribute("value") == "the brow helps", "the fault was kept");
        b.See(Browser.Labelled("Then")).GetAttribute("value").ShouldBe("knuckles");
        b.See(Browser.Labelled("caution 1")).GetAttribute("value").ShouldBe("stop when it hurts");
        b.Count(By.CssSelector("[aria-label^='remove']")).ShouldBe(3 + 1, "one fault, one adaptation, one caution; and the step");
    }

    [Fact]
    public void A_rhythm_tapped_once_sets_count_hold_and_tempo()
    {
        var b = New("Tapped");
        BeginStep(b, "corners up and out, lips together");
        b.Click("or tap the rhythm");
        for (var i = 0; i < 3; i++)
        {
            b.HoldKey(" ", TimeSpan.FromMilliseconds(1100));
            Thread.Sleep(300);
        }
        b.SeeText("3 repetitions");
        b.Click("Use this rhythm");
        b.Until(
            () =>
                b.See(Browser.Labelled("As you would say it")).GetAttribute("value")?.StartsWith("3, hold 1", StringComparison.Ordinal)
                == true,
            "three holds of about a second"
        );
        Save(b);
    }

    [Fact]
    public void The_score_is_edited_by_hand_and_by_keys_and_undone()
    {
        var b = New("Scored");
        BeginStep(b, "both brows up, free");
        Dose(b, "10");
        BeginStep(b, "corners up and out, lips together");
        Dose(b, "10");
        By Block(int i) => By.CssSelector($"[data-score-step='{i}']");
        string Says(int i) => b.See(Block(i)).GetAttribute("aria-valuetext") ?? "";
        b.Until(() => Says(1).StartsWith("10,", StringComparison.Ordinal), "two blocks");
        b.Focus(Block(0));
        b.Press(Keys.ArrowUp, Keys.ArrowUp);
        b.Until(() => Says(0).StartsWith("12,", StringComparison.Ordinal), "two more by keys");
        b.Pull(By.CssSelector("[data-score-end='1']"), -120);
        b.Until(() => !Says(1).StartsWith("10,", StringComparison.Ordinal), "shorter by the hand");
        b.Chord(Keys.Control, "z");
        b.Until(() => Says(1).StartsWith("10,", StringComparison.Ordinal), "undone");
        b.Focus(Block(0));
        b.Press(Keys.ArrowRight);
        b.Until(() => Says(1).StartsWith("12,", StringComparison.Ordinal), "the brow step comes second now");
        Save(b);
    }

    [Fact]
    public void Same_as_another_except_says_what_differs()
    {
        var b = New("Slower smile");
        b.Choose(Browser.Labelled("same as another technique"), "Small smile");
        b.Until(() => b.Has(By.CssSelector("[data-score-step='0']")), "its steps are there");
        b.SeeText("nothing yet");
        b.Focus(By.CssSelector("[data-score-step='0']"));
        b.Press(Keys.ArrowUp);
        b.Until(() => b.Has(By.XPath("//table[@data-differences]//td[normalize-space()='dose']")), "the dose differs");
        Save(b);
    }

    /// <summary>What is open is listed under the head, and one press leads to the field that answers it.</summary>
    [Fact]
    public void An_open_question_leads_to_its_field()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Go("/techniques?standing=draft");
        b.Click(By.CssSelector("main li a[href^='/techniques/']"));
        var question = By.CssSelector("[data-open-questions] button");
        var asks = b.See(question).Text;
        b.Click(question);
        var field = By.CssSelector("[data-asks]");
        b.See(field).Text.ShouldContain(asks[(asks.IndexOf(": ", StringComparison.Ordinal) + 2)..]);
        b.Number("document.querySelector('[data-asks]').getBoundingClientRect().bottom").ShouldBeInRange(0, 800);
        b.Errors().ShouldBeEmpty();
    }
}
