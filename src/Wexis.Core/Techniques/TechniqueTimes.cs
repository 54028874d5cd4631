using System.Text.RegularExpressions;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>Three times for one technique, in seconds: at home, led in class, in an examination. See docs/method.md#times.</summary>
/// <param name="BriefSeconds">Talk before the eyes close and the hands are busy.</param>
/// <param name="ShowSeconds">One slow repetition of each step, on each side.</param>
public sealed partial record TechniqueTimes(Levels Home, Levels Led, Levels Examination, double BriefSeconds, double ShowSeconds, IReadOnlyList<Reason> Reasons)
{
    /// <summary>Home: the dose. Led: brief, show, lead, correct. Examination: set up, brief, perform.</summary>
    public static TechniqueTimes Of(TechniqueDocument document, IReadOnlyList<DerivedStep> steps, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(steps);
        ArgumentNullException.ThrowIfNull(settings);
        var home = steps.Aggregate(default(Levels), (t, s) => t + s.Dose.TotalSeconds);
        if (home.Full <= 0) return new(default, default, default, 0, 0, []);
        var words = Words(document.Name) + Words(document.Aim) + steps.Sum(s => Words(s.Completed.Cue) + Words(s.Title)) + (document.Cautions ?? []).Sum(Words);
        var brief = words / settings.BriefWordsPerMinute * 60;
        var show = steps.Sum(s => Cycle(s) * Math.Max(1, s.Dose.Columns.Count));
        var led = home.Map(s => brief + show + s + (s * settings.CorrectShare));
        var examination = home.Map(s => settings.ExaminationSetupSeconds + brief + s);
        return new(home, led, examination, brief, show,
        [
            new("times.brief", "words of name, aim, cues and cautions, spoken before the work", [new("words", $"{words}"), new("words a minute", $"{settings.BriefWordsPerMinute:0}")], "Tauroza and Allison 1990: lectures about 140 words a minute"),
            new("times.show", "one repetition of each step on each side", [new("seconds", $"{show:0.#}")], "common practice"),
            new("times.correct", "corrections while leading, as a share of the dose", [new("share", $"{settings.CorrectShare:0.##}")], "house setting"),
            new("times.setup", "hands, screening, position before an examined demonstration", [new("seconds", $"{settings.ExaminationSetupSeconds:0}")], "house setting"),
        ]);
    }

    private static double Cycle(DerivedStep step)
    {
        var t = step.Completed.Tempo;
        return (t?.InS ?? 0) + (t?.HoldS ?? 0) + (t?.OutS ?? 0) + (t?.RestS ?? 0);
    }

    private static int Words(string? text) => text is null ? 0 : WordPattern().Count(text);

    [GeneratedRegex(@"[\p{L}\p{Nd}]+(?:['’-][\p{L}]+)*", RegexOptions.None, 200)] private static partial Regex WordPattern();
}
