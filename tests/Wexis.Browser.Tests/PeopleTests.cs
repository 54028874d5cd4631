using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>People edited, a password changed, and what a trainee sees first on a phone.</summary>
public class PeopleTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public void A_name_is_edited_a_password_reset_and_ones_own_changed()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Go("/people");
        b.Type(Browser.Labelled("Name"), "Tess Toller");
        b.Type(Browser.Labelled("User name"), "tess-b");
        b.Type(Browser.Labelled("First password"), "long-enough-1");
        b.Click("Add this person");
        b.See(Browser.Named("button", "edit Tess Toller"));
        b.Click("edit Tess Toller");
        b.See(By.CssSelector("[data-person-form]"));
        b.Axe().ShouldBeEmpty();
        b.Type(By.XPath("//*[@data-person-form]//form[1]//input"), "Tess Tallow");
        b.Click(By.XPath("//*[@data-person-form]//button[normalize-space()='Save']"));
        b.See(Browser.Named("button", "edit Tess Tallow"));
        b.Click("edit Tess Tallow");
        b.Type(Browser.Labelled("New password"), "short");
        b.Click("Reset the password");
        b.SeeText("10 to 200 characters");
        b.Type(Browser.Labelled("New password"), "long-enough-2");
        b.Click("Reset the password");
        b.Until(() => !b.Has(By.CssSelector("[data-person-form]")), "done");
        // Nobody can take the last lead trainer away.
        b.Click("edit Maren Lindqvay");
        b.Choose(By.XPath("//*[@data-person-form]//select"), "trainee");
        b.Click(By.XPath("//*[@data-person-form]//button[normalize-space()='Save']"));
        b.SeeText("keeps a lead trainer");
        b.SignOut();
        b.SignInBy("tess-b", "long-enough-2");
        b.SeeText("You are in no cohort yet");
        b.Go("/account");
        b.Type(Browser.Labelled("Current password"), "not-this-one");
        b.Type(Browser.Labelled("New password"), "long-enough-3");
        b.Click("Change the password");
        b.SeeText("this is not your password now");
        b.Type(Browser.Labelled("Current password"), "long-enough-2");
        b.Click("Change the password");
        b.SeeText("Sign in");
        b.SignInBy("tess-b", "long-enough-3");
        b.SeeText("You are in no cohort yet");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void A_phone_opens_on_what_matters_today_and_a_lesson_leads_to_its_technique()
    {
        using var b = new Browser(demo.House.Address, width: 390, height: 844);
        b.SignInAs("Pilar Quennelby");
        b.Until(() => b.Path == "/today", "today is where a trainee begins");
        b.SeeText("your result");
        b.Until(() => b.Count(By.CssSelector("[data-lesson-module]")) > 1, "what is taught, by module");
        b.CutOff().ShouldBeEmpty();
        b.Axe().ShouldBeEmpty();
        b.Has(By.CssSelector("svg[role='listbox']")).ShouldBeFalse("the plate is a strip until it is asked for");
        var lesson = By.CssSelector("[data-lesson-module] a");
        var name = b.See(lesson).Text.Split('\n')[0];
        b.Click(lesson);
        b.Until(() => b.Path.StartsWith("/techniques/", StringComparison.Ordinal), "the technique opens");
        b.SeeText(name);
        b.Errors().ShouldBeEmpty();
    }
}
