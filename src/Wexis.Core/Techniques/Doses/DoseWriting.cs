using System.Globalization;
using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Doses;

/// <summary>How a dose is written as a line again.</summary>
public static partial class DoseLine
{
    /// <summary>
    /// The line of the same dose with another count or another hold, as when a block of the score is pulled longer. Minimum and full keep
    /// their shares.
    /// </summary>
    /// <param name="standard">Repetitions, seconds or breaths, as the dose counts.</param>
    public static string Stretched(Dose dose, double standard, double? holdSeconds)
    {
        ArgumentNullException.ThrowIfNull(dose);
        var was = dose.Standard ?? dose.Reps ?? 0;
        double? Scaled(double? level) => level is null || was <= 0 ? null : Math.Max(1, Math.Round(level.Value / was * standard));
        // Levels that only the house's shares gave are not written down.
        var told = ThreeLevels().IsMatch(dose.Line ?? "");
        return Format(
            dose with
            {
                Standard = standard,
                Reps = null,
                Min = told ? Scaled(dose.Min) : null,
                Full = told ? Scaled(dose.Full) : null,
            },
            holdSeconds
        );
    }

    [GeneratedRegex(@"\d\s*/\s*\d")]
    private static partial Regex ThreeLevels();

    /// <summary>Words a structured dose as a line that reads back to the same dose.</summary>
    public static string Format(Dose dose, double? holdSeconds)
    {
        ArgumentNullException.ThrowIfNull(dose);
        var c = CultureInfo.InvariantCulture;
        var standard = dose.Standard ?? dose.Reps ?? 0;
        var n =
            dose.Min is { } min && dose.Full is { } full && dose.Standard is not null && (min != standard || full != standard)
                ? string.Create(c, $"{min:0.##} / {standard:0.##} / {full:0.##}")
                : standard.ToString("0.##", c);
        var parts = new List<string>();
        var sets = dose.Sets is > 1 ? string.Create(c, $"{dose.Sets} × ") : "";
        parts.Add(
            dose.Unit switch
            {
                "seconds" => $"{n} s",
                "breaths" => $"{n} breaths",
                _ => sets + n,
            }
        );
        if (dose.Unit == "seconds" && dose.Sets is > 1)
            parts.Add($"{dose.Sets} sets");
        if (holdSeconds is > 0 && dose.Unit is null or "reps")
            parts.Add(string.Create(c, $"hold {holdSeconds:0.##} s"));
        if (dose.AllDirections.Count > 1 && dose.PerDirection != "all")
            parts.Add("each way");
        if (dose.Lanes is > 1)
            parts.Add($"{dose.Lanes} lanes");
        if (dose.Per == "side")
            parts.Add("each side");
        if (dose is { Per: "all", Both: "one-then-other" or "alternating" })
            parts.Add("in all");
        if (dose.Both == "alternating")
            parts.Add("alternating");
        if (dose.Extra is { } extra && Extra().IsMatch(extra))
            parts.Add(extra);
        if (dose.SetRestS is { } between)
            parts.Add(string.Create(c, $"{between:0.##} s rest between sets"));
        if (dose.TimesADay is { } times)
            parts.Add(times == 1 ? "once a day" : string.Create(c, $"{times} times a day"));
        if (dose.DaysAWeek is { } days)
            parts.Add(string.Create(c, $"{days} days a week"));
        return string.Join(", ", parts);
    }
}
