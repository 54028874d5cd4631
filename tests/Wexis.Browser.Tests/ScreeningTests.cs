using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>Questions, consent, result and erasure, through the screen.</summary>
public class ScreeningTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public void A_person_is_screened_with_consent_and_the_answers_are_erased()
    {
        var b = demo.Browser;
        b.SignInAs("Maren Lindqvay");
        b.Go("/screening");
        b.Click("Screen a person");
        b.Type(Browser.Labelled("or a client, by name"), "Rosalind Tewkesby");
        b.Click(By.CssSelector("[data-question='ci-skin-infection'] input"));
        b.Click("Keep it and see");
        b.SeeText("the person's yes; without it nothing is kept");
        b.See(By.CssSelector("[data-question='ci-skin-infection'] input")).Selected.ShouldBeTrue("nothing that was answered is lost");
        // What lies half under the thread would be called too small.
        b.ScrollTo(By.TagName("h1"));
        b.Axe().ShouldBeEmpty();
        b.Click(By.XPath("//label[contains(., 'was told this')]"));
        b.Click("Keep it and see");
        b.See(By.CssSelector("[data-answer='avoided']"));
        b.SeeText("These are usual cautions, from memory.");
        b.Axe().ShouldBeEmpty();
        b.Click("erase");
        b.Click("Erase them");
        b.SeeText("Nothing of it is kept.");
        b.Until(() => !b.Has(By.XPath("//a[contains(., 'Rosalind Tewkesby')]")), "gone from the list");
        b.Errors().ShouldBeEmpty();
    }
}
