using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>
/// A programme as its trainer works on it: gaps mended, units in sessions, moved by hand, a knot told, lessons edited, paper.
/// </summary>
public class ProgrammeTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private Browser Lead()
    {
        var b = demo.Browser;
        if (!b.Has(By.XPath("//nav[@aria-label='The order of the work']")))
            b.SignInAs("Maren Lindqvay");
        return b;
    }

    /// <summary>Another programme is there when its name is: until then the parts are those of the one before.</summary>
    private static void Choose(Browser b, string programme)
    {
        b.Click(Browser.Named("a", programme));
        b.Until(
            () =>
                b.See(Browser.Labelled("Name of the programme")).GetAttribute("value")?.StartsWith(programme, StringComparison.Ordinal)
                == true,
            $"{programme} is open"
        );
    }

    private static void Part(Browser b, string part) =>
        b.Click(By.XPath($"//nav[@aria-label='Parts of the programme']//a[starts-with(normalize-space(), '{part}')]"));

    private static string Plan(Browser b) => b.See(By.CssSelector("[data-plan]")).GetDomAttribute("data-plan") ?? "";

    private static string SessionOf(Browser b, string unit) =>
        b.See(By.XPath($"//li[@data-session][.//li[@data-placed='{unit}']]")).GetDomAttribute("data-session") ?? "";

    [Fact]
    public void A_gap_is_closed_by_one_touch_and_counted_at_once()
    {
        var b = Lead();
        b.Go("/programme");
        Choose(b, "Evening course");
        Part(b, "Coverage");
        var gap = By.CssSelector("[data-remark='not-worked:buccinator']");
        b.See(gap);
        b.Click(By.XPath("//li[@data-remark='not-worked:buccinator']//button[starts-with(., 'teach')]"));
        b.Until(() => !b.Has(gap), "the remark is mended");
        b.SeeText("not saved yet, kept in this browser");
        b.Click("Undo");
        b.See(gap, "and is back");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void Units_find_their_sessions_are_moved_by_hand_and_a_knot_is_told()
    {
        var b = Lead();
        b.Go("/programme");
        Choose(b, "Wrenmoor certificate");
        Part(b, "Sequence");
        b.Click("Plan it anew");
        b.SeeText("No better plan exists.");
        SessionOf(b, "safety").ShouldBe("s1");

        // Asked why, moved, and repaired around it.
        b.Click(By.CssSelector("[data-placed='jaw'] button[aria-expanded]"));
        b.SeeText("Not in session 1");
        b.Choose(By.CssSelector("[data-placed='jaw'] select"), "session 5");
        b.Until(() => Plan(b) == "optimal" && SessionOf(b, "jaw") == "s5", "jaw stands in session 5");
        b.SeeText("Before: 8 sessions");

        // What cannot be is told as what stands against each other; taking one of them back helps.
        b.Click(By.CssSelector("[data-placed='exam'] button[aria-expanded]"));
        b.Choose(By.CssSelector("[data-placed='exam'] select"), "session 3");
        b.See(By.CssSelector("[data-conflict]"));
        b.SeeText("No plan exists.");
        b.Click(By.XPath("//button[@aria-label='remove: Practical assessment fixed in session 3']"));
        b.Click("Plan it anew");
        b.Until(() => Plan(b) == "optimal", "a plan again");
        b.Click("Save the programme");
        b.SeeText("Programme saved.");
        b.Reload();
        b.Until(() => SessionOf(b, "jaw") == "s5", "and it is kept");

        // Lessons follow, what is typed into them goes with the unit.
        Part(b, "Lesson plans");
        b.Click(By.XPath("//nav[@aria-label='Sessions']//button[starts-with(normalize-space(), '5')]"));
        b.Type(Browser.Labelled("Words: set up, Jaw: firm contact and hinge"), "knuckles warmed in water");
        b.SeeText("as it was planned");
        Part(b, "Sequence");
        b.Click(By.CssSelector("[data-placed='jaw'] button[aria-expanded]"));
        b.Click("no longer fix it here");
        b.Click("Plan it anew");
        b.Until(() => Plan(b) == "optimal" && SessionOf(b, "jaw") != "s5", "jaw moves on its own");
        var session = SessionOf(b, "jaw");
        Part(b, "Lesson plans");
        b.Click(By.XPath($"//nav[@aria-label='Sessions']//button[starts-with(normalize-space(), '{session[1..]}')]"));
        b.Until(
            () => b.See(Browser.Labelled("Words: set up, Jaw: firm contact and hinge")).GetAttribute("value") == "knuckles warmed in water",
            "what was typed went with its unit"
        );
        b.Click("Save the programme");
        b.SeeText("Programme saved.");
        b.Click(Browser.Named("a", "on paper"));
        b.SeeText("knuckles warmed in water");
        b.Click(Browser.Named("a", "syllabus"));
        b.SeeText("A graduate screens a person before any touch");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_circle_is_drawn_as_the_circle_and_an_own_session_can_be_added_by_keyboard()
    {
        var b = Lead();
        b.Go("/programme");
        Choose(b, "Evening course");
        Part(b, "Sequence");
        b.SeeText("No session yet.");
        b.Focus(Browser.Named("button", "Add a session"));
        b.Press(Keys.Enter);
        b.Until(() => b.Count(By.CssSelector("[data-session]")) == 1, "a session");
        b.Click("Plan the sequence");
        b.SeeText("No better plan exists.");
        Part(b, "Units");
        b.Click(By.CssSelector("[data-unit='safety'] button[aria-expanded]"));
        b.Click(By.XPath("//fieldset[legend='Prerequisites']//label[contains(., 'Jaw')]"));
        Part(b, "Sequence");
        b.See(By.CssSelector("[data-circle]")).Text.ShouldContain("→");
        b.Errors().ShouldBeEmpty();
    }
}
