using System.Globalization;
using OpenQA.Selenium;

namespace Wexis.Browser.Tests;

/// <summary>
/// First paint of each stop after the click, against an empty page in the same browser: figures for <c>./wexis bench</c>.
/// </summary>
[Trait("category", "bench")]
public class StopsBenchmark(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private const int Times = 5;

    private static readonly string[] Stops = ["Anatomy", "Techniques", "Routines", "Programme", "Examination", "Grading", "Results"];

    [Fact]
    public void Figures()
    {
        var b = demo.Browser;
        b.SignInAs("Maren Lindqvay");
        var empty = Median(() => b.Painted("document.body.dataset.empty = String(performance.now())"));
        foreach (var stop in Stops)
        {
            var other = stop == "Anatomy" ? "/results" : "/anatomy";
            var ms = Median(() =>
            {
                b.Go(other);
                b.SeeText(stop == "Anatomy" ? "Results" : "Choose a structure");
                return b.Painted(
                    "window.was = document.querySelector('main'); [...document.querySelectorAll('header nav a')].find(x => "
                        + $"x.firstChild.textContent === '{stop}').click()",
                    "document.querySelector('main h1, main [aria-label], main svg') !== null && document.querySelector('main') !== "
                        + "window.was"
                );
            });
            Say($"{stop}: first paint after the click", ms, empty);
        }
        // A mark is seen as soon as it is given: from the key to the number in its column.
        b.Stop("Grading");
        b.Choose(Browser.Labelled("Trainee"), "Ilse Marrowby");
        b.Choose(Browser.Labelled("Station"), "Ear-to-collarbone glide");
        b.Click("Begin the demonstration");
        b.See(By.CssSelector("[data-phase='performing']"));
        b.Press("g");
        var counted = 0;
        Say(
            "a mark: from the key to its number",
            Median(() =>
                b.Painted(
                    "window.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', bubbles: true }))",
                    $"[...document.querySelectorAll('[data-column]')].reduce((n, x) => n + Number(x.dataset.count), 0) === {++counted}"
                )
            ),
            empty
        );
    }

    private static double Median(Func<double> measure) => Enumerable.Range(0, Times).Select(_ => measure()).Order().ElementAt(Times / 2);

    private static void Say(string what, double ms, double empty)
    {
        File.AppendAllText(
            Environment.GetEnvironmentVariable("WEXIS_BENCH")
                ?? throw new InvalidOperationException("WEXIS_BENCH is not set. Run ./wexis bench."),
            string.Create(CultureInfo.InvariantCulture, $"  {what, -52} {ms, 8:0} ms, {ms / empty:0.0} of an empty change\n")
        );
    }
}
