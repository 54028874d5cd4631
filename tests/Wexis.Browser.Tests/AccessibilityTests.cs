using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>axe on every screen, by day and in dim light; the stops and the key sheet by keyboard; a phone.</summary>
public class AccessibilityTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static readonly (string Name, Action<Browser> Open)[] Screens = [("anatomy", b =>
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
            b.SeeText("No author and no school");
        }), ("exclusions", b =>
        {
            b.Go("/anatomy/pages/exclusions");
            b.SeeText("Who is left out");
        }), ("the library as a whole", b =>
        {
            b.Go("/techniques/whole");
            b.SeeText("There nearly twice");
        }), ("schools", b =>
        {
            b.Go("/techniques/schools");
            b.SeeText("The same region, school by school");
        }), ("old notes", b =>
        {
            b.Go("/techniques/notes");
            b.Type(Browser.Labelled("Old notes"), "Smile 10 times. Never press on the eyes.");
            b.Click("Read the notes");
            b.SeeText("a caution");
        }), ("screenings", b =>
        {
            b.Go("/screening");
            b.SeeText("Odile Farrant");
        }), ("a screening", b =>
        {
            b.Go("/screening");
            b.Click(Browser.Named("a", "Odile Farrant"));
            b.SeeText("Left out");
        }), ("the programme", b =>
        {
            b.Go("/programme");
            b.SeeText("The weave");
            b.Click(By.CssSelector("[data-module='glide'] button[aria-expanded]"));
        }), ("the examination", b =>
        {
            b.Go("/examination");
            b.SeeText("Autumn practical");
        }), ("a mark sheet", b =>
        {
            b.Go("/examination");
            b.Click(Browser.Named("a", "Ear-to-collarbone glide"));
            b.SeeText("Critical acts");
        }), ("grading", b =>
        {
            b.Go("/grading");
            b.SeeText("To finish");
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
        }), ("people", b =>
        {
            b.Go("/people");
            b.SeeText("Add somebody");
        }), ("settings of the house", b =>
        {
            b.Go("/house");
            b.SeeText("Pass line of a new mark sheet");
        }), ("the archive", b =>
        {
            b.Go("/archive");
            b.SeeText("for 30 days");
        })];

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
            b.Click("Dim light");
            findings.AddRange(b.Axe().Select(f => $"{name}, dim: {f}"));
            b.Click("Day light");
        }
        string.Join("\n", findings).ShouldBeEmpty();
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void Every_stop_is_reached_by_its_key_and_the_key_sheet_opens_by_a_question_mark()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        string[] stops = ["/anatomy", "/techniques", "/programme", "/examination", "/grading", "/results"];
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
        b.SeeText("Drawn as in the subject’s mirror: their left is on the left.");
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
        b.SeeText("Drawn as the subject feels it: the own left is on the left.");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_trainee_reads_a_result_on_a_phone_without_sideways_scrolling()
    {
        using var b = new Browser(demo.House.Address, width: 390, height: 780);
        b.SignInAs("Ilse Marrowby");
        b.Click(Browser.Named("a", "Ear-to-collarbone glide"));
        b.SeeText("To take along");
        b.Axe().ShouldBeEmpty();
        b.SideScroll().ShouldBe(0);
    }
}
