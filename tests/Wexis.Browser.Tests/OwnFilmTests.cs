using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>In a studio of one: the own film marked again, blind for the own marks, when its day has come.</summary>
public class OwnFilmTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public void An_assessor_marks_their_own_film_again_from_its_day_on_and_decides_nothing_alone()
    {
        using (var early = new Browser(demo.House.Address))
        {
            early.SignInAs("Benno Fairweld");
            MarkAgain(early);
            early.SeeText("Mark your own film again from");
            early.SeeText("Nothing was changed.");
            early.Axe().ShouldBeEmpty();
        }
        demo.House.Wait(TimeSpan.FromDays(8));
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Benno Fairweld");
        MarkAgain(b);
        b.See(By.Id("bench"));
        b.Text.ShouldNotContain("98.3");
        SecondLookTests.Grade(b, "0");
        b.SeeText("Two sheets differ: compare and settle");
        b.Click(Browser.Named("a", "Two sheets differ: compare and settle"));
        b.SeeText("Two sheets of one demonstration");
        b.Text.ShouldContain("own film, marked again");
        b.Has(Browser.Named("button", "Send the proposal")).ShouldBeFalse("nobody settles with themselves");
        b.Axe().ShouldBeEmpty();
        b.Errors().ShouldBeEmpty();
    }

    private static void MarkAgain(Browser b)
    {
        SecondLookTests.Result(b, "Nadira Solmund");
        b.Click("Ask for a second look");
        b.Click(By.XPath("//label[contains(., 'I, from the film')]"));
        b.SeeText("when single marks are forgotten");
        b.Click("Mark my film again");
    }
}
