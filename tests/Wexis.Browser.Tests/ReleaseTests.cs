using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>A second sheet that came back as a file, and release by the keyboard alone.</summary>
public class ReleaseTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public void A_sheet_filled_in_elsewhere_is_taken_in_by_hand_and_one_of_another_case_is_refused()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        SecondLookTests.Result(b, "Ilse Marrowby");
        var here = b.Path;
        b.Click("Ask for a second look");
        b.Click(By.XPath("//label[contains(., 'a colleague, by file')]"));
        b.Type(Browser.Labelled("Name of the colleague"), "Odile Brantwick");
        var blank = b.FileAt($"/api{here}/sheet.csv");
        var lines = blank.ReplaceLineEndings("\n").TrimEnd().Split("\n");
        string Filled(string l) => $"{l[..^1]}{(l.Contains(",count-") ? "6" : l.Contains("must not happen") ? "no" : "3")},";
        var filled = string.Join("\r\n", lines.Select((l, i) => i == 0 ? l : Filled(l)));
        var id = here.Split('/')[^1];
        b.Give(By.CssSelector("input[type='file']"), "other.csv", filled.Replace(id, $"{Guid.NewGuid()}"));
        b.SeeText("another case");
        b.SeeText("Nothing was changed.");
        b.Give(By.CssSelector("input[type='file']"), "filled.csv", filled);
        b.SeeText("Odile Brantwick");
        b.SeeText("gave the second look");
        b.Reload();
        b.SeeText("gave the second look");
        b.Errors().ShouldBeEmpty();
    }

    [Fact]
    public void By_the_keyboard_alone_what_a_trainee_will_read_is_read_and_released()
    {
        using var b = new Browser(demo.House.Address);
        b.SignInAs("Maren Lindqvay");
        b.Chord(Keys.Alt, "7");
        b.SeeText("Preview and release");
        b.TabTo("document.activeElement.closest('a')?.innerText.startsWith('Preview and release')");
        b.Press(Keys.Enter);
        b.SeeText("Release results");
        b.TabTo("document.activeElement.closest('button')?.innerText.includes('will read')");
        b.Press(Keys.Enter);
        b.SeeText("Keep this");
        b.TabTo("document.activeElement.closest('[data-preview]') && document.activeElement.type === 'checkbox'");
        b.Press(Keys.Space, Keys.Space);
        b.TabTo("document.activeElement.closest('button')?.innerText.startsWith('Release ')");
        b.Press(Keys.Enter);
        b.SeeText("released.");
        b.Errors().ShouldBeEmpty();
    }
}
