using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>In a studio of one: the own film marked again, blind for the own marks, when its day has come.</summary>
public class OwnFilmTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private const string Trainee = "Pilar Quennelby";

    [Fact]
    public void An_assessor_marks_their_own_film_again_from_its_day_on_and_decides_nothing_alone()
    {
        using (var first = new Browser(demo.House.Address))
        {
            first.SignInAs("Benno Fairweld");
            GradingTests.Begin(first, Trainee, "Ear-to-collarbone glide");
            SecondLookTests.Grade(first, "3", BothSides);
            first.SeeText("What decided");
            AskForMyFilm(first);
            first.SeeText("Mark your own film again from");
            first.SeeText("Nothing was changed.");
            first.Axe().ShouldBeEmpty();
        }
        demo.House.Wait(TimeSpan.FromDays(8));
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Benno Fairweld");
        b.Go("/results");
        b.Click(Browser.Named("a", Trainee));
        AskForMyFilm(b);
        b.See(By.CssSelector("[data-column]"));
        SecondLookTests.Grade(b, "0", BothSides);
        b.Click(Browser.Named("a", "Two sheets differ: compare and settle"));
        b.SeeText("Two sheets of one demonstration");
        b.SeeText("Again, from the film: Benno Fairweld");
        b.SeeText("so somebody else decides");
        b.Has(Browser.Named("button", "Send the proposal")).ShouldBeFalse("nobody settles with themselves");
        b.Axe().ShouldBeEmpty();
        b.Errors().ShouldBeEmpty();
    }

    private static void BothSides(Browser b)
    {
        foreach (var side in new[] { "", "a" })
        {
            if (side.Length > 0)
                b.Press(side);
            for (var i = 0; i < 5; i++)
                b.Press(" ");
        }
    }

    private static void AskForMyFilm(Browser b)
    {
        b.Click("Ask for a second look");
        b.Click(By.XPath("//label[contains(., 'I, from the film')]"));
        b.SeeText("when single marks are forgotten");
        b.Click("Mark my film again");
    }
}
