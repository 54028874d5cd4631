using System.Diagnostics;
using System.Globalization;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>
/// How long a library of 2,000 takes to open, filter and search, and the plate to draw: figures for <c>./wexis bench</c>, never a timed
/// test.
/// </summary>
[Trait("category", "bench")]
public class LibraryBenchmark(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private const int Techniques = 2000;

    [Fact]
    public async Task Figures()
    {
        using var lead = await demo.House.Visit().SignIn("maren");
        var many = Techniques - JsonNode.Parse(await (await lead.Ask("/api/techniques")).Content.ReadAsStringAsync())!.AsArray().Count;
        var file = LongLibraryTests.Copies(many);
        await Measure($"bring in {many} techniques", async () =>
            (await lead.Post("/api/techniques/import", new { text = file })).EnsureSuccessStatusCode()
        );
        await Measure("list of 2,000, server, first time", async () => (await lead.Ask("/api/techniques")).EnsureSuccessStatusCode());
        await Measure("list of 2,000, server, again", async () => (await lead.Ask("/api/techniques")).EnsureSuccessStatusCode());
        await Measure("library as a whole, server", async () => (await lead.Ask("/api/library/review")).EnsureSuccessStatusCode());

        var b = demo.Browser;
        b.SignInAs("Maren Lindqvay");
        const string count = "[...document.querySelectorAll('main [role=status]')].some(x => x.textContent.startsWith('{0}'))";
        string Says(string start) => string.Format(CultureInfo.InvariantCulture, count, start);
        string Types(string text) =>
            "const i=document.querySelector('[data-search]');const "
            + $"s=Object.getOwnPropertyDescriptor(HTMLInputElement.prototype,'value').set;s.call(i,'{text}');i.dispatchEve"
            + $"nt(new Event('input',{{bubbles:true}}))";
        b.Go("/anatomy");
        b.See(By.CssSelector("aside svg[role='listbox']"));
        Say(
            "open the library, from the click to the list",
            b.Painted(
                "[...document.querySelectorAll('header a')].find(x=>x.textContent.startsWith('Techniques')).click()",
                Says($"{Techniques} of {Techniques}")
            )
        );
        Say("search one word, from the key to the shorter list", b.Painted(Types("smile"), $"!{Says($"{Techniques} of")}"));
        Say("clear the search, from the key to the whole list", b.Painted(Types(""), Says($"{Techniques} of {Techniques}")));
        b.Count(By.CssSelector("main li")).ShouldBeLessThan(Techniques, "a long list begins with a screenful");
        b.Until(
            () =>
            {
                b.ScrollTo(By.CssSelector("main section:last-of-type li:last-child"));
                return b.Count(By.CssSelector("main li")) >= Techniques;
            },
            "every technique is reached by scrolling",
            seconds: 40
        );
        b.Click(By.CssSelector("[data-narrow] summary"));
        Say(
            "filter by school",
            b.Painted(
                "const e=[...document.querySelectorAll('select')].find(x=>[...x.options].some(o=>o.value==='tool-led'));const "
                    + "s=Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype,'value').set;s.call(e,'tool-led');e.disp"
                    + "atchEvent(new Event('change',{bubbles:true}))",
                $"!{Says($"{Techniques} of")}"
            )
        );
        b.Go("/anatomy");
        b.See(By.CssSelector("aside svg[role='listbox']"));
        string[] views = ["side", "back", "front"];
        var drawn = Enumerable
            .Range(0, 5)
            .SelectMany(round =>
                views.Select(view =>
                    (
                        round,
                        view,
                        ms: b.Painted($"[...document.querySelectorAll('aside button')].find(x=>x.textContent.trim()==='{view}').click()")
                    )
                )
            )
            .ToList();
        foreach (var view in views)
        {
            var times = drawn.Where(d => d.view == view).Select(d => d.ms).ToList();
            Say($"draw the plate: {view}, first time", times[0]);
            Say($"draw the plate: {view}, middle of five", times.Order().ElementAt(2));
        }
    }

    private static async Task Measure(string what, Func<Task> act)
    {
        var watch = Stopwatch.StartNew();
        await act();
        Say(what, watch.Elapsed.TotalMilliseconds);
    }

    private static void Say(string what, double milliseconds) =>
        File.AppendAllText(
            Environment.GetEnvironmentVariable("WEXIS_BENCH")
                ?? throw new InvalidOperationException("WEXIS_BENCH is not set. Run ./wexis bench."),
            string.Create(CultureInfo.InvariantCulture, $"  {what, -52} {milliseconds, 8:0} ms\n")
        );
}
