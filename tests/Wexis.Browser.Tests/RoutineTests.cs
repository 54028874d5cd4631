using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>
/// A routine put together by a trainer: parts, sum, remark and repair, fit, score by keyboard, script, paper; a reload in between.
/// </summary>
public class RoutineTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static readonly By Total = By.CssSelector("[data-total]");

    private static By Part(string id) => By.CssSelector($"[data-part='{id}']");

    [Fact]
    public void From_a_name_to_a_fitted_routine_in_order()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Stop("Routines");
        b.SeeText("Evening way down");
        b.Type(Browser.Labelled("A new routine"), "Lunch break");
        b.Click("Begin the routine");
        b.See(Part("part-1"));
        b.Choose(Browser.Labelled("Add a technique"), "Ear-to-collarbone glide");
        b.See(Part("part-2"));
        b.Choose(Browser.Labelled("Add a technique"), "Nose-to-ear sweep");
        b.See(Part("part-3"));
        b.Until(() => b.Has(By.CssSelector("[data-remark='finish']")), "the last fluid stroke does not end at the hollow");
        var before = b.See(Total).Text;
        b.Click(Browser.Named("button", "move “Ear-to-collarbone glide”"));
        b.Until(() => !b.Has(By.CssSelector("[data-remark='finish']")), "one touch mends it");
        b.Until(() => b.All(By.CssSelector("[data-part]"), "data-part").SequenceEqual(["part-1", "part-3", "part-2"]), "moved");
        b.See(Total).Text.ShouldBe(before, "another order of the same parts with the same hands takes as long");
        b.Click("Undo");
        b.Until(() => b.Has(By.CssSelector("[data-remark='finish']")), "undone");
        b.Click(Browser.Named("button", "move “Ear-to-collarbone glide”"));
        // Opened, a part is told its level; the sum follows at once.
        b.Click(By.CssSelector("[data-part='part-3'] button[aria-expanded]"));
        b.Click(By.XPath("//*[@data-part='part-3']//label[normalize-space()='full']"));
        b.Until(() => b.See(Total).Text != before, "a fuller dose takes longer");
        b.Click("Save the routine");
        b.Until(() => b.Has(By.XPath("//*[@role='status'][normalize-space()='saved']")), "saved");
        b.Reload();
        b.Until(() => b.All(By.CssSelector("[data-part]"), "data-part").SequenceEqual(["part-1", "part-3", "part-2"]), "it stays");
        b.Type(Browser.Labelled("Minutes there are"), "1");
        b.Click(By.XPath("//button[normalize-space()='Fit']"));
        b.See(By.CssSelector("[data-fit]"));
        b.Type(Browser.Labelled("Minutes there are"), "500");
        b.Click(By.XPath("//button[normalize-space()='Fit']"));
        b.SeeText("1 to 120");
        b.Axe().ShouldBeEmpty();
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_part_gets_doses_of_its_own_a_structure_is_promised_and_the_own_rate_is_measured()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Go("/routines");
        b.Click(Browser.Named("a", "Cheeks at work"));
        var before = b.See(Total).Text;
        var part = b.All(By.CssSelector("[data-part]"), "data-part")[1];
        b.Click(By.CssSelector($"[data-part='{part}'] button[aria-expanded]"));
        b.Click(By.XPath($"//*[@data-part='{part}']//label[normalize-space()='doses of its own']"));
        b.Type(Browser.Labelled("Dose of step 1"), "40 repetitions");
        b.Until(() => b.See(Total).Text != before, "the sum follows the dose");
        b.Choose(Browser.Labelled("Promise a structure"), "mouth ring (orbicularis oris)");
        b.SeeText("mouth ring");
        b.Click("measure how fast you speak");
        b.SeeText("Sit so that both feet are on the floor");
        b.Click("I begin to read");
        b.Click("I have read it");
        b.SeeText("faster or slower than people speak");
        b.Axe().ShouldBeEmpty();
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void The_playhead_is_led_by_keyboard_and_the_sheets_are_printed()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Go("/routines");
        b.Click(Browser.Named("a", "The whole face"));
        var playhead = By.CssSelector("input[type='range']");
        string Says() => b.See(playhead).GetDomAttribute("aria-valuetext") ?? "";
        b.Focus(playhead);
        var first = Says();
        b.Press(Keys.PageDown);
        b.Until(() => Says() != first, "from block to block");
        for (var i = 0; i < 30 && !b.Has(By.CssSelector("aside [data-tone]")); i++)
            b.Press(Keys.PageDown);
        b.Has(By.CssSelector("aside [data-tone]")).ShouldBeTrue("the plate follows");
        b.Press(Keys.PageUp, Keys.PageUp);
        b.SeeText("The script");
        b.Click(Browser.Named("a", "on paper"));
        b.See(By.CssSelector("[data-routine-paper='wall']"));
        b.PrintedPages().ShouldBe(1, "one page for the wall");
        b.Click(Browser.Named("a", "for the pocket"));
        b.See(By.CssSelector("[data-routine-paper='pocket']"));
        b.PrintedPages().ShouldBe(1);
        b.Click(Browser.Named("a", "the whole script"));
        b.See(By.CssSelector("[data-routine-paper='script']"));
        b.Axe().ShouldBeEmpty();
        b.Errors().ShouldBeEmpty();
    }
}
