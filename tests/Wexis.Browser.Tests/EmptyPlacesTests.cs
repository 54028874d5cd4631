using OpenQA.Selenium;
using Wexis.TestHouse;

namespace Wexis.Browser.Tests;

/// <summary>
/// Where nothing is: an address of something that does not exist, and a studio in which nothing was made yet. It says so in a sentence,
/// leads on, and suits every size and both themes.
/// </summary>
public class EmptyPlacesTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private const string Nobody = "00000000-0000-4000-8000-000000000001";

    private static readonly string[] NothingThere =
    [
        $"/techniques/{Nobody}",
        $"/techniques/{Nobody}/print/card",
        $"/routines/{Nobody}",
        $"/routines/{Nobody}/print/wall",
        $"/programme/{Nobody}",
        $"/programme/{Nobody}/print/syllabus",
        $"/cohorts/{Nobody}/print/card",
        $"/examination/{Nobody}",
        $"/examination/{Nobody}/print",
        $"/grading/{Nobody}",
        $"/results/{Nobody}",
        $"/results/{Nobody}/compare",
        $"/results/trainee/{Nobody}",
        $"/results/examinations/{Nobody}",
        $"/screening/{Nobody}",
        "/anatomy/no-such-structure",
        "/anatomy/pages/no-such-page",
        "/no-such-place",
    ];

    private static readonly string[] Stops =
    [
        "/anatomy",
        "/techniques",
        "/techniques/whole",
        "/techniques/schools",
        "/routines",
        "/programme",
        "/examination",
        "/grading",
        "/results",
        "/results/cohort",
        "/results/release",
        "/screening",
        "/people",
        "/archive",
    ];

    [Fact]
    public void An_address_of_nothing_says_so_and_leads_on_at_every_size_and_in_both_themes()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        var found = Looked(b, NothingThere);
        string.Join("\n", found).ShouldBeEmpty();
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public async Task A_studio_in_which_nothing_was_made_yet_is_whole_at_every_size_and_in_both_themes()
    {
        await using var house = await House.Open(webRoot: DemoHouse.WebRoot);
        using var b = new Browser(house.Address);
        b.Go("/");
        b.SeeText("This studio has no lead trainer yet");
        var found = b.Axe().Select(f => $"the first lead: {f}").ToList();
        b.Type(Browser.Labelled("Your name"), "Ottilie Brack");
        b.Type(Browser.Labelled("User name"), "ottilie");
        b.Type(Browser.Labelled("Password"), "a-long-password-9");
        b.Click("Create the lead trainer");
        b.See(By.XPath("//nav[@aria-label='The order of the work']"));
        found.AddRange(Looked(b, Stops));
        string.Join("\n", found).ShouldBeEmpty();
        b.Errors().ShouldBeEmpty();
    }

    /// <summary>What axe finds by day and in dim light, what is cut off at any size, and where nobody is led on.</summary>
    private static List<string> Looked(Browser b, string[] places)
    {
        var found = new List<string>();
        foreach (var place in places)
        {
            b.Go(place);
            b.Until(() => !b.Has(By.CssSelector("[role='status']")) && b.Has(By.CssSelector("main a, main button")), $"{place} leads on");
            found.AddRange(b.Axe().Select(f => $"{place}: {f}"));
            if (b.Has(Browser.Named("button", "Dim theme")))
            {
                b.Click("Dim theme");
                found.AddRange(b.Axe().Select(f => $"{place}, dim: {f}"));
                b.Click("Light theme");
            }
            else
                found.Add($"{place}: no dim theme");
            foreach (var (size, width, height) in SizesTests.Sizes)
            {
                b.Size(width, height);
                found.AddRange(b.CutOff().Select(c => $"{place}, {size}: {c}"));
            }
            b.Size(1280, 800);
        }
        return found;
    }
}
