using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>Putting away, bringing back, and the house's own settings, as a lead trainer does it.</summary>
public class KeepingTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static readonly By Dialog = By.CssSelector("[role='dialog']");

    [Fact]
    public void A_technique_is_archived_by_keyboard_undone_and_brought_back_from_the_archive()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        void Open()
        {
            b.Go("/techniques");
            b.Click(Browser.Named("a", "Stone along the cheekbone"));
            b.Focus(Browser.Named("button", "Archive or delete"));
            b.Press(Keys.Enter);
            b.See(Dialog);
            b.SeeText("What depends on it");
            b.Axe().ShouldBeEmpty();
        }
        Open();
        b.Press(Keys.Escape);
        b.Until(() => !b.Has(Dialog), "Escape keeps it");
        Open();
        b.Focus(By.XPath("//*[@role='dialog']//button[normalize-space(.)='Archive']"));
        b.Press(Keys.Enter);
        b.Until(() => b.Path == "/techniques" && b.Count(Browser.Named("a", "Stone along the cheekbone")) == 0, "it left the library");
        b.Click("Undo");
        b.Until(() => b.Has(Browser.Named("a", "Stone along the cheekbone")), "undone where it was said");
        Open();
        b.Click(By.XPath("//*[@role='dialog']//button[normalize-space(.)='Archive']"));
        b.Until(() => b.Path == "/techniques", "archived again");
        b.Go("/archive");
        b.SeeText("Stone along the cheekbone");
        b.Click("Bring back");
        b.SeeText("Nothing is archived");
        b.Go("/techniques");
        b.See(Browser.Named("a", "Stone along the cheekbone"));
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void What_is_graded_by_is_not_offered_for_deleting_and_says_why()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Go("/examination");
        b.Click("Archive or delete Ear-to-collarbone glide");
        b.SeeText("It cannot be deleted while this depends on it.");
        b.Count(By.XPath("//*[@role='dialog']//button[normalize-space(.)='Delete']")).ShouldBe(0);
        b.Click("Cancel");
    }

    [Fact]
    public void A_setting_is_changed_refused_out_of_range_kept_over_a_reload_and_taken_back()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Go("/house");
        var field = By.CssSelector("[data-setting='tempo-tolerance'] input");
        b.Type(field, "200");
        b.Click("Save it");
        b.SeeText("outside 5 to 60 %");
        b.Type(field, "25");
        b.Type(Browser.Labelled("Reason (optional)"), "we teach slowly");
        b.Click("Save it");
        b.SeeText("Changed by Maren Lindqvay");
        b.Reload();
        b.Until(() => b.See(field).GetAttribute("value") == "25", "it stays");
        b.SeeText("we teach slowly");
        b.Axe().ShouldBeEmpty();
        b.Click("Back to the default");
        b.Until(() => b.See(field).GetAttribute("value") == "20", "the default counts again");
        b.Errors().ShouldBeEmpty();
    }
}
