using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>axe on every screen, by day and in dim light; the stops and the key sheet by keyboard; a phone.</summary>
public class AccessibilityTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    internal static readonly (string Name, Action<Browser> Open)[] Screens = [("anatomy", b =>
        {
            b.Go("/anatomy");
            b.SeeText("Choose a structure");
        }), ("a structure", b =>
        {
            b.Go("/anatomy/corrugator-supercilii");
            b.SeeText("Arises from");
        }), ("the library", b =>
        {
            b.Go("/techniques");
            b.SeeText("Eyes wide, brow asleep");
        }), ("a technique", b =>
        {
            b.Go("/techniques");
            b.Click(Browser.Named("a", "Stone along the cheekbone"));
            b.SeeText("The score");
        }), ("a stopped technique", b =>
        {
            b.Go("/techniques");
            b.Click(Browser.Named("a", "Lid press"));
            b.SeeText("Stopped");
        }), ("a page of the atlas", b =>
        {
            b.Go("/anatomy/pages/hazards");
            b.SeeText("No author and no teaching style");
        }), ("exclusions", b =>
        {
            b.Go("/anatomy/pages/exclusions");
            b.SeeText("Health conditions that need care");
        }), ("the library as a whole", b =>
        {
            b.Go("/techniques/whole");
            b.SeeText("Near-duplicates");
        }), ("schools", b =>
        {
            b.Go("/techniques/schools");
            b.SeeText("The same region, style by style");
        }), ("old notes", b =>
        {
            b.Go("/techniques/notes");
            b.Type(Browser.Labelled("Old notes"), "Smile 10 times. Never press on the eyes.");
            b.Click("Read the notes");
            b.SeeText("a caution");
        }), ("a page checked", b =>
        {
            b.Go("/techniques/claims");
            b.Type(
                Browser.Labelled("The page"),
                "Smile ten times. It trains the cheek muscle and lifts hooded lids. It relaxes the masetter."
            );
            b.Click("Check the claims");
            b.SeeText("1 does not stand, 1 needs more to be told");
        }), ("screenings", b =>
        {
            b.Go("/screening");
            b.SeeText("Odile Farrant");
        }), ("a screening", b =>
        {
            b.Go("/screening");
            b.Click(Browser.Named("a", "Odile Farrant"));
            b.SeeText("Left out");
        }), ("routines", b =>
        {
            b.Go("/routines");
            b.SeeText("Two side by side");
        }), ("a routine", b =>
        {
            b.Go("/routines");
            b.Click(Browser.Named("a", "Evening way down"));
            b.SeeText("The script");
        }), ("the programme", b =>
        {
            b.Go("/programme");
            b.Click(Browser.Named("a", "Wrenmoor certificate"));
            b.SeeText("Units, in the order");
            b.Click(By.CssSelector("[data-unit='glide'] button[aria-expanded]"));
            b.Click(By.CssSelector("[data-outcome='o-lead'] button[aria-expanded]"));
        }), ("what a programme covers", b =>
        {
            b.Go("/programme");
            b.Click(Browser.Named("a", "Coverage"));
            b.SeeText("Coverage by module");
        }), ("the sequence of a programme", b =>
        {
            b.Go("/programme");
            b.Click(Browser.Named("a", "Sequence"));
            b.Click(By.XPath("//button[contains(., 'Plan')]"));
            b.Click(By.CssSelector("[data-placed='mouth'] button[aria-expanded]"));
            b.Click(By.CssSelector("[data-rule='r-practice'] button[aria-expanded]"));
            b.SeeText("Not in session 1");
        }), ("lesson plans", b =>
        {
            b.Go("/programme");
            b.Click(Browser.Named("a", "Lesson plans"));
            b.SeeText("minutes in all");
        }), ("cohorts", b =>
        {
            b.Go("/programme");
            b.Click(Browser.Named("a", "Cohorts"));
            b.SeeText("Runs on edition");
        }), ("a syllabus", b =>
        {
            b.Go("/programme");
            b.Click(Browser.Named("a", "syllabus"));
            b.SeeText("What a graduate can do");
        }), ("the examination", b =>
        {
            b.Go("/examination");
            b.SeeText("Autumn practical");
        }), ("a mark sheet", b =>
        {
            b.Go("/examination");
            b.Click(Browser.Named("a", "Ear-to-collarbone glide"));
            b.SeeText("Critical acts");
        }), ("a mark sheet on paper", b =>
        {
            b.Go("/examination");
            b.Click(Browser.Named("a", "Ear-to-collarbone glide"));
            b.Click(Browser.Named("a", "On paper"));
            b.See(By.CssSelector("[data-sheet-paper]"));
        }), ("a technique card", b => HandOut(b, "card")), ("a wall plate", b => HandOut(b, "wall")), ("a pocket card", b =>
        {
            HandOut(b, "pocket");
        }), ("grading", b =>
        {
            b.Go("/grading");
            b.SeeText("Being graded now");
        }), ("a demonstration", b =>
        {
            b.Go("/grading");
            b.Click(Browser.Named("a", "Emrys Tallowin"));
            b.See(By.CssSelector("[data-column]"));
        }), ("results", b =>
        {
            b.Go("/results");
            b.SeeText("Joss Haverick");
        }), ("a result", b =>
        {
            b.Go("/results");
            b.Click(Browser.Named("a", "Joss Haverick"));
            b.SeeText("What decided");
        }), ("two sheets compared", b =>
        {
            b.Go("/results");
            b.Click(Browser.Named("a", "Joss Haverick"));
            b.SeeText("What decided");
            b.Go($"{b.Path}/compare");
            b.SeeText("Two sheets of one demonstration");
        }), ("release", b =>
        {
            b.Go("/results/release");
            b.SeeText("Nadira Solmund");
            b.Click(Browser.Named("button", "What Nadira will read"));
            b.SeeText("Keep this");
        }), ("the cohort at a glance", b =>
        {
            b.Go("/results/cohort");
            b.See(By.CssSelector("[data-trainee='Joss Haverick'] [data-cell='fail']"));
        }), ("the story of a trainee", b =>
        {
            b.Go("/results/cohort");
            b.Click(By.CssSelector("[data-trainee='Joss Haverick'] [data-cell='fail']"));
            b.Click(Browser.Named("a", "Joss Haverick"));
            b.SeeText("The story of Joss Haverick");
        }), ("the whole of an examination", b =>
        {
            b.Go("/examination");
            b.Click(Browser.Named("a", "Who has passed"));
            b.SeeText("Not passed at one station");
        }), ("people", b =>
        {
            b.Go("/people");
            b.SeeText("Add somebody");
        }), ("Studio settings", b =>
        {
            b.Go("/house");
            b.SeeText("Pass line of a new mark sheet");
        }), ("one's account", b =>
        {
            b.Go("/account");
            b.SeeText("Change your password");
        }), ("the archive", b =>
        {
            b.Go("/archive");
            b.SeeText("for 30 days");
        })];

    private static void HandOut(Browser b, string kind)
    {
        b.Go("/techniques");
        b.Click(Browser.Named("a", "Stone along the cheekbone"));
        b.Click(By.XPath($"//a[contains(@href, '/print/{kind}')]"));
        b.See(By.CssSelector($"[data-hand-out='{kind}']"));
    }

    [Fact]
    public void No_screen_has_a_serious_finding_of_axe_by_day_or_in_dim_light()
    {
        using var b = new Browser(demo.House.Address);
        b.Go("/");
        b.SeeText("Sign in");
        var findings = b.Axe().Select(f => $"sign-in: {f}").ToList();
        b.SignInAs("Maren Lindqvay");
        foreach (var (name, open) in Screens)
        {
            open(b);
            findings.AddRange(b.Axe().Select(f => $"{name}: {f}"));
            b.Click("Dim theme");
            findings.AddRange(b.Axe().Select(f => $"{name}, dim: {f}"));
            b.Click("Light theme");
        }
        string.Join("\n", findings).ShouldBeEmpty();
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void The_dim_theme_stays_over_a_reload_and_on_the_next_page()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Go("/techniques");
        b.Click("Dim theme");
        b.See(Browser.Named("button", "Light theme"));
        b.Reload();
        b.See(Browser.Named("button", "Light theme"));
        b.Go("/results");
        b.See(By.CssSelector(":root[data-light='dim']"));
        const string paper = "parseInt(getComputedStyle(document.documentElement).getPropertyValue('--color-paper').slice(1, 3), 16)";
        b.Number(paper).ShouldBeLessThan(64, "dark on the screen");
        b.AsPrinted(() => b.Number(paper).ShouldBe(255, "white on paper"));
        b.Click("Light theme");
        b.Reload();
        b.See(Browser.Named("button", "Dim theme"));
    }

    [Fact]
    public void Every_stop_is_reached_by_its_key_and_the_key_sheet_opens_by_a_question_mark()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        string[] stops = ["/anatomy", "/techniques", "/routines", "/programme", "/examination", "/grading", "/results"];
        for (var i = 0; i < stops.Length; i++)
        {
            b.Chord(Keys.Alt, $"{i + 1}");
            b.Until(() => b.Path.StartsWith(stops[i], StringComparison.Ordinal), $"Alt {i + 1} leads to {stops[i]}");
        }
        b.Press("?");
        b.SeeText("count one repetition on the current side");
        b.Axe().ShouldBeEmpty();
        b.Press(Keys.Escape);
        b.Chord(Keys.Alt, "1");
        b.See(By.CssSelector("[data-search]"));
        b.Press("/");
        b.Press("smile");
        b.Until(() => b.See(By.CssSelector("[data-search]")).GetAttribute("value") == "smile", "search has the focus");
        b.SeeText("zygomaticus major");
    }

    [Fact]
    public void The_plate_turns_for_its_reader_and_says_for_whom()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Go("/anatomy");
        b.SeeText("Drawn as you face the subject: their left is on your right.");
        b.Press("m");
        b.SeeText("Drawn as in the subject’s mirror: their left is on the left.");
        b.Press("p");
        b.Until(() => !b.Has(By.CssSelector("svg[role='listbox']")), "the plate folds to a strip");
        b.Press("p");
        b.See(By.CssSelector("svg[role='listbox']"));
        b.Reload();
        b.SeeText("Drawn as you face the subject: their left is on your right.");
        b.Click("turn (M)");
        b.SeeText("Drawn as in the subject’s mirror: their left is on the left.");
        b.Reload();
        b.SeeText("Drawn as in the subject’s mirror: their left is on the left.");
        HandOut(b, "card");
        var words = b.See(By.CssSelector("[data-viewer]")).GetDomAttribute("data-viewer");
        b.Press("m");
        Thread.Sleep(200);
        b.See(By.CssSelector("[data-viewer]")).GetDomAttribute("data-viewer").ShouldBe(words, "no key changes what is printed");
    }

    /// <summary>WCAG 2.2: 2.4.3 focus order, 2.4.7 focus visible, 2.1.2 no keyboard trap, 4.1.2 names.</summary>
    [Fact]
    public void The_tab_key_goes_through_every_main_screen_in_order_each_stop_named_and_seen()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        var found = new List<string>();
        foreach (var (name, open) in Screens)
        {
            open(b);
            found.AddRange(b.Tabbed(80).Select(f => $"{name}: {f}"));
        }
        string.Join("\n", found).ShouldBeEmpty();
    }

    /// <summary>Common practice for targets that are hit without looking: 44 px (WCAG 2.2, 2.5.5).</summary>
    [Fact]
    public void What_is_pressed_while_grading_is_large_enough_for_a_thumb()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Go("/grading");
        b.Click(Browser.Named("a", "Emrys Tallowin"));
        b.See(By.CssSelector("[data-column]"));
        b.SmallerThan("main button, main select", 44).ShouldBeEmpty();
    }

    [Fact]
    public void A_trainee_reads_a_technique_in_words_for_the_own_face()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Ilse Marrowby");
        b.Go("/techniques");
        b.Click(Browser.Named("a", "Gaze cross"));
        b.SeeText("Eyes to your left, to your right.");
        b.SeeText("Worded for the one who does it: left and right are your own.");
        b.SeeText("Drawn as the subject feels it: left is on the left.");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_trainee_reads_a_result_on_a_phone_without_sideways_scrolling()
    {
        using var b = new Browser(demo.House.Address, width: 390, height: 780);
        b.SignInAs("Ilse Marrowby");
        b.Click(Browser.Named("a", "Ear-to-collarbone glide"));
        b.SeeText("Keep this");
        b.Axe().ShouldBeEmpty();
        b.SideScroll().ShouldBe(0);
    }
}
