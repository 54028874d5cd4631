using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Steps;

/// <summary>Three times for one technique, in seconds: at home, led in class, in an examination. See docs/method.md#times.</summary>
/// <param name="BriefSeconds">Talk before the eyes close and the hands are busy.</param>
/// <param name="ShowSeconds">One slow repetition of each step, on each side.</param>
/// <param name="Changeovers">What has to be done between the steps, with its seconds; part of all three.</param>
public sealed partial record TechniqueTimes(
    Levels Home,
    Levels Led,
    Levels Examination,
    double BriefSeconds,
    double ShowSeconds,
    IReadOnlyList<Changeover> Changeovers,
    IReadOnlyList<Reason> Reasons
)
{
    /// <summary>
    /// Home: the dose and what lies between the steps. Led: brief, show, lead, correct. Examination: set up, brief, perform.
    /// </summary>
    public static TechniqueTimes Of(TechniqueDocument document, IReadOnlyList<DerivedStep> steps, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(steps);
        ArgumentNullException.ThrowIfNull(settings);
        var dose = steps.Aggregate(default(Levels), (t, s) => t + s.Dose.TotalSeconds);
        if (dose.Full <= 0)
            return new(default, default, default, 0, 0, [], []);
        var changeovers = Changeover.Between(steps, atlas, settings);
        var between = changeovers.Sum(c => c.Seconds);
        var home = dose.Map(s => s + between);
        var words =
            Words(document.Name)
            + Words(document.Aim)
            + steps.Sum(s => Words(s.Completed.Cue) + Words(s.Title))
            + (document.Cautions ?? []).Sum(Words);
        var brief = words / settings.BriefWordsPerMinute * 60;
        var show = steps.Sum(s => Cycle(s) * Math.Max(1, s.Dose.Columns.Count));
        var led = dose.Map(s => brief + show + s + between + (s * settings.CorrectShare));
        var examination = home.Map(s => settings.ExaminationSetupSeconds + brief + s);
        return new(
            home,
            led,
            examination,
            brief,
            show,
            changeovers,
            [
                .. changeovers.Select(c => new Reason(
                    "times.between",
                    $"before step {c.BeforeStep + 1}: {c.Words}",
                    [new("seconds", $"{c.Seconds:0.#}")],
                    c.Kind is ChangeKind.Oil or ChangeKind.Wipe ? "house ruling 9" : "house setting"
                )),
                new(
                    "times.brief",
                    "words of name, aim, cues and cautions, spoken before the work",
                    [new("words", $"{words}"), new("words a minute", $"{settings.BriefWordsPerMinute:0}")],
                    "Tauroza and Allison 1990: lectures about 140 words a minute"
                ),
                new("times.show", "one repetition of each step on each side", [new("seconds", $"{show:0.#}")], "common practice"),
                new(
                    "times.correct",
                    "corrections while leading, as a share of the dose",
                    [new("share", $"{settings.CorrectShare:0.##}")],
                    "house setting"
                ),
                new(
                    "times.setup",
                    "hands, screening, position before an examined demonstration",
                    [new("seconds", $"{settings.ExaminationSetupSeconds:0}")],
                    "house setting"
                ),
            ]
        );
    }

    private static double Cycle(DerivedStep step)
    {
        var t = step.Completed.Tempo;
        return (t?.InS ?? 0) + (t?.HoldS ?? 0) + (t?.OutS ?? 0) + (t?.RestS ?? 0);
    }

    /// <summary>Words as they are spoken: a hyphen or an apostrophe parts none.</summary>
    internal static int Words(string? text) => text is null ? 0 : WordPattern().Count(text);

    [GeneratedRegex(@"[\p{L}\p{Nd}]+(?:['’-][\p{L}]+)*")]
    private static partial Regex WordPattern();
}
