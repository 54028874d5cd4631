using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>The trainer's whole job in one sitting, by mouse: from a structure on the face to a result that the trainee reads.</summary>
public class StoryTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public void From_a_described_technique_to_a_released_result_by_mouse()
    {
        var b = demo.Browser;
        b.SignInAs("Maren Lindqvay");

        // Anatomy: a structure is chosen on the face, and the page says what it does.
        b.Stop("Anatomy");
        b.SeeText("Choose a structure on the face");
        b.TouchMuscle("zygomaticus-major");
        b.SeeText("Musculus zygomaticus major");
        b.SeeText("CN VII facial");

        // A demo technique, then a favourite from empty.
        b.Stop("Techniques");
        b.Click(Browser.Named("a", "Eyes wide, brow asleep"));
        b.See(By.CssSelector("[data-worked='frontalis'][data-mode='inhibited'][data-strength='primary']"));
        b.Stop("Techniques");
        b.Click("Write a technique");
        b.Type(Browser.Labelled("Name of the technique"), "Cheek sweep to the ear");
        b.Click("Write the first step");
        b.Type(By.CssSelector("[cmdk-input]"), "glide along");
        b.Press(Keys.Enter);
        b.Click("from");
        b.Touch("alare");
        b.Touch("ear_front");
        b.Choose(Browser.Labelled("Part of the hand"), "three finger pads");
        b.Click(By.XPath("//label[normalize-space()='feather']"));
        b.Type(Browser.Labelled("As you would say it"), "3 / 5 / 8, each side");
        b.Click(By.XPath("//label[normalize-space()='one, then the other']"));
        b.Until(() => b.See(By.CssSelector("[data-dose-table]")).Text.Contains("each side 3 5 8"), "the dose is unrolled for each side");
        b.See(By.CssSelector("[data-worked='superficial-lymph'][data-strength='primary']"));
        b.Click("Save the technique");
        b.SeeText("Saved, edition 1.");

        // It joins the programme: taught in a unit, and counted at once.
        b.Stop("Programme");
        b.SeeText("Light glide and exits");
        b.Click(By.CssSelector("[data-unit='glide'] button[aria-expanded]"));
        b.Choose(Browser.Labelled("Add a technique here"), "Cheek sweep to the ear");
        b.Click("Save the programme");
        b.SeeText("Programme saved.");

        // A station is drafted from it, and a weight adjusted.
        b.Stop("Examination");
        b.Choose(Browser.Labelled("Add a station for"), "Cheek sweep to the ear");
        b.SeeText("Pass line");
        b.SeeText("On the line, from");
        b.Type(Browser.Labelled("Weight: Breath goes on"), "5");
        b.Click("Save the mark sheet");
        b.SeeText("Mark sheet saved.");

        // Graded, every touch by mouse.
        b.Stop("Grading");
        b.Choose(Browser.Labelled("Trainee"), "Nadira Solmund");
        b.Choose(Browser.Labelled("Station"), "Cheek sweep to the ear");
        b.Click("Begin the demonstration");
        b.Click("Start");
        b.Click(By.CssSelector("[data-column='right']"));
        for (var i = 0; i < 4; i++)
            b.Click("Count");
        b.Click("Other side");
        for (var i = 0; i < 4; i++)
            b.Click("Count");
        b.Click("Count");
        b.Click("Take back");
        b.Until(
            () => b.See(By.CssSelector("[data-column='left']")).GetAttribute("data-count") == "4",
            "the fifth tap on the left is taken back"
        );
        b.Click(By.CssSelector("[data-fault='shoulders']"));
        b.Click("Finished");
        MarkAll(b, 3);
        b.Until(() => b.See(By.CssSelector("[data-saving='0']")).Text.Contains("everything is marked"), "everything is marked and saved");
        b.Click("Submit the sheet");

        // The result, its release, and the trainee's own eyes.
        b.Until(() => b.Path.StartsWith("/results/", StringComparison.Ordinal), "the result opens");
        b.SeeText("What decided");
        b.SeeText("Measured against target");
        b.SeeText("shoulders rise");
        b.PrintedPages().ShouldBe(1, "a result is printed on one page");
        b.Click("Release to Nadira");
        b.SeeText("Released on");
        var result = b.Path;
        b.SignOut();
        b.SignInAs("Nadira Solmund");
        b.SeeText("your result");
        b.Go(result);
        b.SeeText("Keep this");
        b.SignOut();
        b.SignInAs("Emrys Tallowin");
        b.Go(result);
        b.SeeText("does not exist, or is not released to you");
        b.SignOut();
        b.Errors().ShouldBeEmpty();
    }

    /// <summary>Marks every judged criterion by its buttons.</summary>
    internal static void MarkAll(Browser b, int value)
    {
        b.Until(() => b.Has(By.CssSelector("[data-saving='0']")), "what was counted is measured");
        var judged = b.Count(By.CssSelector("[data-criterion][data-marked='false']"));
        for (var i = 0; i < judged; i++)
        {
            b.Click(By.CssSelector(b.Has(By.CssSelector($"[data-level='{value}']")) ? $"[data-level='{value}']" : "[data-level='3']"));
            if (b.Has(By.CssSelector("[data-reason='1']")))
                b.Click(By.CssSelector("[data-reason='1']"));
        }
    }

    [Fact]
    public void A_house_without_anyone_asks_for_its_first_lead_and_is_complete_with_one()
    {
        using var house = new EmptyHouse();
        using var b = new Browser(house.Address);
        b.Go("/");
        b.SeeText("This studio has no lead trainer yet");
        b.Type(Browser.Labelled("Your name"), "Anna Example");
        b.Type(Browser.Labelled("User name"), "anna");
        b.Type(Browser.Labelled("Password"), "short");
        b.Click("Create the lead trainer");
        b.SeeText("5 characters is outside 10 to 200 characters");
        b.Type(Browser.Labelled("Password"), "long-enough-1");
        b.Click("Create the lead trainer");
        b.SeeText("No technique yet");
        b.Stop("Programme");
        b.SeeText("No programme yet");
        b.Stop("Examination");
        b.SeeText("No examination yet");
        b.Stop("Grading");
        b.SeeText("No trainee yet");
        b.Click(By.XPath("//header//a[normalize-space()='People']"));
        b.Type(By.XPath("//*[@id=//label[normalize-space()='Name']/@for]"), "Tess Trainee");
        b.Type(Browser.Labelled("User name"), "tess");
        b.Type(Browser.Labelled("First password"), "ten-letters-x");
        b.Click("Add this person");
        b.SeeText("Tess Trainee can sign in now.");
        b.Errors().ShouldBeEmpty();
    }
}

/// <summary>A house without demo, started as <c>./wexis start</c> does.</summary>
internal sealed class EmptyHouse : IDisposable
{
    private readonly Wexis.TestHouse.House _house = Wexis.TestHouse.House.Open(demo: false, DemoHouse.WebRoot).GetAwaiter().GetResult();
    public Uri Address => _house.Address;

    public void Dispose() => _house.DisposeAsync().AsTask().GetAwaiter().GetResult();
}
