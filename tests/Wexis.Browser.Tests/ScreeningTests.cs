using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>Questions, consent, result and erasure, through the screen.</summary>
public class ScreeningTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public void A_person_is_screened_with_consent_and_the_answers_are_erased()
    {
        var b = Screen("Rosalind Tewkesby");
        b.SeeText("questions have no answer yet");
        b.Click(By.CssSelector("[data-question='ci-skin-infection'] input"));
        b.Click("Save and see");
        b.SeeText("the person's yes; without it nothing is kept");
        b.See(By.CssSelector("[data-question='ci-skin-infection'] input")).Selected.ShouldBeTrue("nothing that was answered is lost");
        // What lies half under the thread would be called too small.
        b.ScrollTo(By.TagName("h1"));
        b.Axe().ShouldBeEmpty();
        b.Click(By.XPath("//label[contains(., 'was told this')]"));
        b.Click("Save and see");
        b.See(By.CssSelector("[data-answer='avoided']"));
        b.See(By.CssSelector("[data-answer='not-asked']"));
        b.SeeText("These are general cautions, not yet reviewed by a clinician.");
        b.Axe().ShouldBeEmpty();
        b.Click("erase");
        b.Click("Erase them");
        b.SeeText("Nothing remains.");
        b.Until(() => !b.Has(By.XPath("//a[contains(., 'Rosalind Tewkesby')]")), "gone from the list");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void None_of_these_answers_a_group_and_a_treated_place_opens_what_is_far_from_it()
    {
        var b = Screen("Ambrose Quillfeather");
        b.Click(By.XPath("//label[contains(., 'was told this')]"));
        b.Until(() => b.Has(By.CssSelector("[data-group]")), "questions");
        foreach (var group in b.All(By.CssSelector("[data-group]"), "data-group"))
        {
            b.All(By.CssSelector($"[data-group='{group}'] [data-question]"), "data-question").Count.ShouldBeLessThanOrEqualTo(7);
            b.Click(By.CssSelector($"[data-group='{group}'] li:last-child input"));
        }
        b.SeeText("Every question has an answer.");
        b.Click(By.CssSelector("[data-question='ci-filler'] input"));
        // A day field takes month, day and year, in the language of the browser.
        b.Type(
            By.CssSelector("[data-question='ci-filler'] input[type=date]"),
            DateTime.Today.AddDays(-1).ToString("MMddyyyy", System.Globalization.CultureInfo.InvariantCulture)
        );
        b.Click(By.XPath("//fieldset[@data-place='ci-filler']//label[contains(., 'outh')]"));
        b.Axe().ShouldBeEmpty();
        b.Click("Save and see");
        b.SeeText("whoever injected agrees");
        b.See(By.CssSelector("[data-answer='allowed']"));
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void By_keyboard_alone_and_across_a_reload_and_nothing_is_left_when_kept()
    {
        var b = Screen("Tobiah Wrensfold");
        b.TabTo("document.activeElement.closest('label')?.innerText.includes('was told this')");
        b.Press(Keys.Space);
        b.TabTo("document.activeElement.closest('[data-question=\"ci-filler\"]')");
        b.Press(Keys.Space);
        b.See(By.CssSelector("[data-question='ci-filler'] input[type=date]"));
        b.TabTo("document.activeElement.type === 'date'");
        b.Press(DateTime.Today.AddDays(-1).ToString("MMddyyyy", System.Globalization.CultureInfo.InvariantCulture));
        b.TabTo("document.activeElement.closest('[data-place=\"ci-filler\"] label')?.innerText.includes('outh')");
        b.Press(Keys.Space);
        b.Reload();
        b.Until(() => b.Has(By.CssSelector("[data-question='ci-filler'] input[type=date]")), "the treatment is still told");
        b.See(By.XPath("//fieldset[@data-place='ci-filler']//label[contains(., 'outh')]//input")).Selected.ShouldBeTrue();
        b.See(Browser.Labelled("or a client, by name")).GetDomProperty("value").ShouldBe("Tobiah Wrensfold");
        b.Size(768, 1024);
        b.SideScroll().ShouldBe(0);
        b.Axe().ShouldBeEmpty();
        b.Size(1280, 800);
        b.TabTo("document.activeElement.tagName === 'BUTTON' && document.activeElement.innerText.includes('Save and see')");
        b.Press(Keys.Enter);
        b.See(By.CssSelector("[data-answer]"));
        b.Number("Object.keys(sessionStorage).filter((k) => k.startsWith('wexis.tab.')).length").ShouldBe(0);
        b.Errors().ShouldBeEmpty();
    }

    private Browser Screen(string client)
    {
        var b = demo.Browser;
        b.SignInAs("Maren Lindqvay");
        b.Go("/screening");
        b.Click("Screen a person");
        b.Type(Browser.Labelled("or a client, by name"), client);
        return b;
    }
}
