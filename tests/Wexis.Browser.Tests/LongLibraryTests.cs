using System.Text.Json.Nodes;
using OpenQA.Selenium;
using Wexis.TestHouse;

namespace Wexis.Browser.Tests;

/// <summary>A library longer than a screen: it begins with a part, and every technique is reached.</summary>
public class LongLibraryTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    /// <summary>A list-of-techniques file of so many copies of what ships, each with an id and a name of its own.</summary>
    public static string Copies(int many)
    {
        var shipped = JsonNode.Parse(File.ReadAllText(Path.Combine(House.Root, "data", "library", "techniques.json")))![
            "techniques"
        ]!.AsArray();
        var copies = Enumerable
            .Range(0, many)
            .Select(i =>
            {
                var copy = shipped[i % shipped.Count]!.DeepClone();
                copy["id"] = $"copy-{i}";
                copy["name"] = $"{copy["name"]} {i}";
                copy["prerequisites"] = new JsonArray();
                copy["related"] = new JsonArray();
                return copy;
            });
        return new JsonObject { ["schema"] = "wexis.technique-list/1", ["techniques"] = new JsonArray([.. copies]) }.ToJsonString();
    }

    [Fact]
    public async Task Scrolling_reaches_the_last_and_a_search_looks_through_all()
    {
        using var lead = await demo.House.Visit().SignIn("maren");
        (await lead.Post("/api/techniques/import", new { text = Copies(150) })).EnsureSuccessStatusCode();
        var b = demo.Browser;
        b.SignInAs("Maren Lindqvay");
        b.Go("/techniques");
        b.SeeText("244 of 244");
        By lines = By.CssSelector("main a[href^='/techniques/'] > span:first-child");
        b.Count(lines).ShouldBeLessThan(244, "it begins with a part");
        b.Until(
            () =>
            {
                b.ScrollTo(By.CssSelector("main section:last-of-type li:last-child"));
                return b.Count(lines) == 244;
            },
            "the last is reached by scrolling"
        );
        b.Type(By.CssSelector("[data-search]"), "149");
        b.SeeText("1 of 244");
        b.See(By.CssSelector("[data-search]")).GetAttribute("value").ShouldBe("149", "no letter of a quick hand is lost");
        b.Click("show all");
        b.SeeText("244 of 244");
        b.See(By.CssSelector("[data-search]")).GetAttribute("value").ShouldBe("");
        b.Go("/techniques?find=gaze");
        b.Until(() => b.See(By.CssSelector("[data-search]")).GetAttribute("value") == "gaze", "an address fills the field");
        b.Errors().ShouldBeEmpty();
    }
}
