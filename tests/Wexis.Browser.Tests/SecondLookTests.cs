using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>A second look by somebody else, what both agree on, release with a preview, an appeal, and who decides it.</summary>
public class SecondLookTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private const string Shown = "Knuckle knead of the chewing muscle";

    internal static void Result(Browser b, string trainee)
    {
        b.Go("/results");
        b.Click(Browser.Named("a", trainee));
        b.SeeText("What decided");
    }

    /// <summary>Holds once, stops, and gives one mark to all that is asked; to stillness another.</summary>
    internal static void Grade(Browser b, string stillness, Action<Browser>? shows = null)
    {
        b.See(By.CssSelector("[data-phase='performing']"));
        b.Press("g");
        if (shows is null)
            b.HoldKey(" ", TimeSpan.FromSeconds(2));
        else
            shows(b);
        b.Press("g");
        b.Until(() => b.Has(By.CssSelector("[data-saving='0']")), "all is saved");
        for (var asked = 0; asked < 30 && !b.Text.Contains("everything is marked"); asked++)
        {
            b.Press(b.See(By.CssSelector("[data-criterion][aria-current]")).Text.Contains("Stays relaxed") ? stillness : "3");
            if (b.Has(By.CssSelector("[data-reason='1']")))
                b.Click(By.CssSelector("[data-reason='1']"));
        }
        b.Until(() => b.Has(By.CssSelector("[data-saving='0']")), "all is saved");
        b.Click("Submit the sheet");
    }

    [Fact]
    public void Two_who_mark_apart_agree_and_a_trainee_reads_what_was_released()
    {
        using var benno = new Browser(demo.House.Address);
        benno.SignInAs("Benno Fairweld");
        Result(benno, "Nadira Solmund");
        benno.Click("Ask for a second look");
        benno.Choose(Browser.Labelled("Assessor"), "Maren Lindqvay");
        benno.Click("Send the request");
        benno.SeeText("Second look asked of Maren Lindqvay");

        using var maren = new Browser(demo.House.Address);
        maren.SignInAs("Maren Lindqvay");
        maren.Go("/results");
        maren.SeeText("Hidden until you have looked again");
        maren.Text.ShouldNotContain("98.3");
        maren.Stop("Grading");
        maren.SeeText("Second looks asked of you");
        maren.Click("Look again");
        Grade(maren, "0");
        maren.SeeText("Two sheets differ: compare and settle");
        maren.Click(Browser.Named("a", "Two sheets differ: compare and settle"));
        maren.SeeText("Two sheets of one demonstration");
        maren.Has(By.CssSelector("[data-differs='0']")).ShouldBeFalse();
        maren.Axe().ShouldBeEmpty();
        foreach (var standing in Enumerable.Range(0, maren.Count(By.CssSelector("[data-standing]"))))
        {
            maren.Click(
                By.XPath(
                    $"(//*[@data-standing])[{standing + 1}]//label[normalize-space()='2']"
                        + $"|(//*[@data-standing])[{standing + 1}][not(.//label[normalize-space()='2'])]//label[normalize-spac"
                        + "e()='3']"
                )
            );
            maren.Type(By.XPath($"(//*[@data-standing])[{standing + 1}]//input[@placeholder]"), "seen by both");
        }
        maren.Type(Browser.Labelled("Why it is decided so"), "The jaw moved once, and she saw it herself.");
        maren.Click("Send the proposal");
        maren.SeeText("Maren Lindqvay proposes");

        Result(benno, "Nadira Solmund");
        benno.Click(Browser.Named("a", "Read it and answer"));
        benno.SeeText("The jaw moved once");
        benno.Type(Browser.Labelled("Why"), "Yes, once.");
        benno.Click("Agree");
        benno.SeeText("Benno Fairweld agreed");

        maren.Go("/results/release");
        maren.SeeText("Nadira Solmund");
        maren.Click("What Nadira will read");
        maren.SeeText("Keep this");
        maren.Axe().ShouldBeEmpty();
        maren.Click("Release 1 result");
        maren.SeeText("Every result is released");

        using var nadira = new Browser(demo.House.Address, null, 390, 844);
        nadira.SignInAs("Nadira Solmund");
        nadira.Click(Browser.Named("a", Shown));
        nadira.SeeText("Keep this");
        nadira.SideScroll().ShouldBe(0);
        nadira.Click("Appeal");
        nadira.Click(By.XPath("//label[contains(., 'Something was marked otherwise')]"));
        nadira.Type(Browser.Labelled("What happened"), "My teeth were apart the whole time.");
        nadira.Click("Send the appeal");
        nadira.SeeText("Not decided yet");
        nadira.Axe().ShouldBeEmpty();
        Fits(nadira);

        // Both marked it: a colleague from outside decides, and sees this case alone.
        Result(maren, "Nadira Solmund");
        maren.SeeText("My teeth were apart");
        maren.Go(new Uri(demo.House.Address, maren.Path).AbsolutePath + "/compare");
        maren.Type(Browser.Labelled("Name of the colleague"), "Odile Brantwick");
        maren.Click("Invite Odile Brantwick");
        var told = maren.See(By.CssSelector("[data-invitation] p.font-mono")).Text.Split(' ');
        using var odile = new Browser(demo.House.Address);
        odile.SignInBy(told[2], told[^1], By.Id("bench"));
        odile.SeeText("You were invited to one case");
        odile.Axe().ShouldBeEmpty();
        Fits(odile);
        odile.Click(Browser.Named("a", "See the marks and what they rest on"));
        odile.SeeText("My teeth were apart");
        odile.Click(By.XPath("//label[contains(., 'The result stays')]"));
        Fits(odile);
        odile.Tabbed(80).ShouldBeEmpty();
        odile.Type(Browser.Labelled("Why it is decided so"), "The film shows the teeth meeting twice.");
        odile.Click("Decide the appeal");
        odile.SeeText("dismissed the appeal");
        odile.Go("/techniques");
        odile.SeeText("You were invited to one case");

        maren.Go("/people");
        maren.See(By.CssSelector("[data-invited='Odile Brantwick']"));
        maren.Click(Browser.Named("button", "end the invitation of Odile Brantwick"));
        maren.Axe().ShouldBeEmpty();
        maren.Click("Yes, end it now");
        maren.Until(() => !maren.Has(By.CssSelector("[data-invited]")), "nobody is invited any more");
        odile.Reload();
        odile.See(By.Id("sign-in"));

        nadira.Reload();
        nadira.SeeText("The film shows the teeth meeting twice.");
        foreach (var b in new[] { benno, maren, nadira, odile })
            b.Errors().ShouldBeEmpty();
    }

    /// <summary>At every size in turn, and back to a laptop's.</summary>
    private static void Fits(Browser b)
    {
        foreach (var (size, width, height) in SizesTests.Sizes)
        {
            b.Size(width, height);
            b.CutOff().ShouldBeEmpty(size);
        }
        b.Size(1280, 800);
    }

    [Fact]
    public void The_cohort_the_whole_and_the_story_lead_to_the_evidence_by_one_press()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Stop("Results");
        b.Click(Browser.Named("a", "The cohort at a glance"));
        b.See(By.CssSelector("[data-trainee='Joss Haverick'] [data-cell='fail']"));
        b.Axe().ShouldBeEmpty();
        b.CutOff().ShouldBeEmpty();
        b.Click(By.CssSelector("[data-trainee='Joss Haverick'] [data-cell='fail']"));
        b.SeeText("What decided");
        b.Click(Browser.Named("a", "Joss Haverick"));
        b.SeeText("The story of Joss Haverick");
        b.SeeText("gave the second look");
        b.Axe().ShouldBeEmpty();
        b.Stop("Examination");
        b.Click(Browser.Named("a", "Who has passed"));
        b.SeeText("Not passed at one station");
        b.Click("Change the rule");
        b.Click(By.XPath("//label[contains(., 'the total reaches a line')]"));
        b.Type(Browser.Labelled("Total, %"), "700");
        b.Click("Save the rule");
        b.SeeText("The rule was not changed");
        b.Axe().ShouldBeEmpty();
        b.Type(Browser.Labelled("Total, %"), "70");
        b.Click("Save the rule");
        b.See(By.CssSelector("[data-rule='total']"));
    }
}
