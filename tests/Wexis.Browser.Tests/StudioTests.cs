using OpenQA.Selenium;
using Wexis.TestHouse;

namespace Wexis.Browser.Tests;

/// <summary>A tablet that comes in by the studio's door: HTTPS, over loopback here.</summary>
public class StudioTests
{
    [Fact]
    public async Task A_tablet_signs_in_by_https_sees_the_address_and_comes_to_the_grading()
    {
        await using var house = await House.Open(demo: true, DemoHouse.WebRoot, studioPort: House.FreePort());
        using var b = new Browser(new($"https://127.0.0.1:{house.StudioPort}"), width: 1024, height: 768);
        b.SignInAs("Benno Fairweld");
        b.Go("/grading");
        b.SeeText("Being graded now");
        b.Axe().ShouldBeEmpty();
        b.Go("/people");
        b.See(By.CssSelector("[data-studio='open']"));
        b.Errors().ShouldBeEmpty();
    }
}
