using System.Globalization;
using System.Text.RegularExpressions;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Doses;

/// <summary>What a dose line needs to know of its step.</summary>
/// <param name="Sides">Which sides the step works: both, left, right, one-then-other, alternating, midline; null when nobody has
/// said.</param>
public sealed record DoseContext(string? Sides);

/// <summary>A dose line as understood: the structured dose, the seconds it told, what is still open, what is wrong.</summary>
public sealed record DoseReading(
    Dose Dose,
    double? HoldSeconds,
    double? RestSeconds,
    IReadOnlyList<OpenQuestion> Questions,
    IReadOnlyList<Issue> Issues
);

/// <summary>
/// Reads a dose the way trainers write it: "8 circles each way", "3 × 10, each side, 2 s", "hold 10 s, twice", "3 / 5 / 8 per side".
/// What the line does not say and the trade never agrees on becomes a question; words it cannot read become an issue. See
/// docs/method.md#dose-line.
/// </summary>
public static partial class DoseLine
{
    private const double MostRepetitions = 200;
    private const double MostSeconds = 600;
    private const double MostSets = 20;
    private const double MostLanes = 30;

    public static DoseReading Read(string? line, DoseContext context, HouseSettings settings, string path)
    {
        var issues = new List<Issue>();
        var questions = new List<OpenQuestion>();
        if (string.IsNullOrWhiteSpace(line))
        {
            questions.Add(new(path, "How many, how long, on which sides?", []));
            return new(EmptyDose(line), null, null, questions, issues);
        }
        var text = Normalise(line);
        if (Negative().Match(text) is { Success: true } negative)
        {
            issues.Add(new(path, IssueCodes.OutOfRange, negative.Value.Trim(), $"0 to {MostSeconds:0}"));
            return new(EmptyDose(line), null, null, questions, issues);
        }

        var timesADay = Take(ref text, TimesADay()) is { } daily
            ? daily.Groups["w"].Success
                ? (int)WordNumber(daily.Groups["w"].Value)
                : 1
            : (int?)null;
        var daysAWeek = Take(ref text, DaysAWeek()) is { } weekly
            ? weekly.Groups["n"].Success
                ? (int)Number(weekly.Groups["n"])
                : 7
            : (int?)null;
        var rest = Take(ref text, RestPattern()) is { } restMatch ? Number(restMatch.Groups["n"]) : (double?)null;
        var breath = Take(ref text, BreathPhases()) is { } phases
            ? (Number(phases.Groups["in"]), Number(phases.Groups["out"]))
            : ((double, double)?)null;
        var lanes = Take(ref text, Lanes()) is { } lanesMatch ? Number(lanesMatch.Groups["n"]) : 1;
        var extra = Take(ref text, Extra()) is { } extraMatch ? "+" + extraMatch.Groups["n"].Value : null;
        var demoCounts = Take(ref text, DemoCounts()) is { } demo ? !demo.Value.Contains("not", StringComparison.Ordinal) : false;
        var holdMatch = Take(ref text, HoldSeconds());
        var hold = holdMatch is null ? (double?)null : Number(holdMatch.Groups["n"]);

        // "per side … one after the other" and "each way" are read before numbers, so that no number is taken from them.
        var each = EachWay().Match(text) is { Success: true };
        if (each)
            text = EachWay().Replace(text, " ");
        var oneWay = OneWay().Match(text) is { Success: true } one ? one : null;
        if (oneWay is not null)
            text = OneWay().Replace(text, " ");
        var perSide = PerSide().IsMatch(text);
        text = PerSide().Replace(text, " ");
        var inAll = InAll().IsMatch(text);
        text = InAll().Replace(text, " ");
        var together = Together().IsMatch(text);
        text = Together().Replace(text, " ");
        var alternate = Alternate().IsMatch(text);
        text = Alternate().Replace(text, " ");
        var oneSide = OneSide().Match(text) is { Success: true } sideMatch ? sideMatch.Groups["side"].Value : null;
        text = OneSide().Replace(text, " ");

        double? sets = null;
        Levels? count = null,
            seconds = null,
            breaths = null;
        if (Take(ref text, SetsTimes()) is { } times)
        {
            sets = Number(times.Groups["sets"]);
            count = Range(times.Groups["n"].Value, settings, issues, path, MostRepetitions, "repetitions");
        }
        if (Take(ref text, SetsWord()) is { } setsWord)
            sets = Number(setsWord.Groups["n"]);
        if (Take(ref text, Breaths()) is { } breathsMatch)
            breaths = Range(breathsMatch.Groups["n"].Value, settings, issues, path, MostRepetitions, "breaths");
        if (Take(ref text, Seconds()) is { } secondsMatch)
            seconds = Range(
                secondsMatch.Groups["n"].Value,
                settings,
                issues,
                path,
                MostSeconds,
                "s",
                secondsMatch.Groups["unit"].Value.StartsWith('m') ? 60 : 1
            );
        if (Take(ref text, CountWord()) is { } word)
            count = Spread(WordNumber(word.Groups["w"].Value), settings);
        var circles = CirclesWord().IsMatch(text);
        if (Take(ref text, Count()) is { } countMatch)
        {
            if (count is null)
                count = Range(countMatch.Groups["n"].Value, settings, issues, path, MostRepetitions, "repetitions");
            else
                issues.Add(new(path, IssueCodes.Unreadable, line.Trim(), "one count of repetitions"));
        }
        text = Nouns().Replace(text, " ");
        var left = Filler().Replace(text, " ").Trim();
        if (left.Length > 0)
            issues.Add(
                new(
                    path,
                    IssueCodes.Unreadable,
                    WhiteSpace().Replace(left, " "),
                    "a dose such as “8 circles each way”, “3 × 10, each side, 2 s” or “hold 10 s, twice”"
                )
            );

        // A bare time beside a count is the hold of each repetition; a bare time alone is the whole dose.
        if (seconds is { } s && count is not null)
            (hold, seconds) = (hold ?? s.Standard, null);
        if (hold is not null && count is null && seconds is null && breaths is null)
            count = Levels.Same(1);
        foreach (
            var issue in new[]
            {
                Check.Between(hold, 0, MostSeconds, path, "s"),
                Check.Between(rest, 0, MostSeconds, path, "s"),
                Check.Between(timesADay, 1, 50, path, "times a day"),
                Check.Between(daysAWeek, 1, 7, path, "days a week"),
                Check.Between(sets, 1, MostSets, path, "sets"),
                Check.Between(lanes, 1, MostLanes, path, "lanes"),
            }
        )
            if (issue is not null)
                issues.Add(issue);

        var (unit, levels) =
            breaths is { } b ? ("breaths", b)
            : seconds is { } t ? ("seconds", t)
            : ("reps", count ?? default);
        if (count is null && seconds is null && breaths is null && issues.Count == 0)
            questions.Add(new(path, "How many, or how long?", []));
        if (levels.Standard <= 0 && issues.Count == 0 && questions.Count == 0)
            issues.Add(new(path, IssueCodes.OutOfRange, "0", $"1 to {MostRepetitions:0}"));

        var sides = oneSide ?? context.Sides;
        if (sides == "midline" && (perSide || alternate || together))
            issues.Add(new(path, IssueCodes.Contradiction, $"“{line.Trim()}”", "a step on the midline, which has no sides"));
        if (oneSide is not null && context.Sides == "midline")
            issues.Add(new(path, IssueCodes.Contradiction, $"A {oneSide}-side dose", "a step on the midline"));

        var directions =
            each ? (IReadOnlyList<string>)["clockwise", "anticlockwise"]
            : oneWay is not null
                ?
                [
                    oneWay.Value.Contains("anti", StringComparison.Ordinal) || oneWay.Value.Contains("ccw", StringComparison.Ordinal)
                        ? "anticlockwise"
                        : "clockwise",
                ]
            : [];
        var perDirection = each ? "each" : null;
        if (circles && directions.Count == 0 && unit == "reps" && !inAll)
        {
            var n = levels.Standard.ToString("0.##", CultureInfo.InvariantCulture);
            questions.Add(
                new(
                    path,
                    $"{n} circles: {n} each way, or {n} in all?",
                    [new("each way", $"{line.Trim()}, each way"), new("in all, one way", $"{line.Trim()}, in all")]
                )
            );
        }
        if (circles && inAll && directions.Count == 0)
            directions = ["clockwise"];

        var inTurn = sides is "one-then-other" || (alternate && sides is not ("left" or "right" or "midline"));
        var both =
            together ? "together"
            : alternate ? "alternating"
            : sides switch
            {
                "both" => "together",
                "one-then-other" => "one-then-other",
                "alternating" => "alternating",
                "midline" => "midline",
                "left" or "right" => "one-then-other",
                _ => perSide ? "one-then-other" : null,
            };
        var per =
            perSide ? "side"
            : inAll ? "all"
            : both is "together" or "midline" || sides is "left" or "right" ? "all"
            : null;
        if (per is null && unit != "breaths" && (inTurn || sides == "alternating") && issues.Count == 0 && levels.Standard > 0)
        {
            var n = levels.Standard.ToString("0.##", CultureInfo.InvariantCulture) + (unit == "seconds" ? " s" : "");
            questions.Add(
                new(
                    path,
                    $"{n}: on each side, or {n} in all?",
                    [new("each side", $"{line.Trim()}, each side"), new("in all", $"{line.Trim()}, in all")]
                )
            );
        }
        if (per is null && unit == "breaths")
            per = "side";

        var dose = new Dose(
            line.Trim(),
            (int)(sets ?? 1),
            unit == "reps" ? (int)levels.Standard : null,
            per,
            directions,
            perDirection,
            both,
            (int)lanes,
            extra,
            demoCounts,
            levels.Minimum,
            levels.Standard,
            levels.Full,
            unit,
            timesADay,
            daysAWeek
        );
        if (breath is { } phase && hold is null && unit == "breaths")
            hold = phase.Item1 + phase.Item2;
        return new(dose, hold, rest, questions, issues);
    }

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
        if (dose.TimesADay is { } times)
            parts.Add(times == 1 ? "once a day" : string.Create(c, $"{times} times a day"));
        if (dose.DaysAWeek is { } days)
            parts.Add(string.Create(c, $"{days} days a week"));
        return string.Join(", ", parts);
    }

    private static Dose EmptyDose(string? line) => new(line, null, null, null, [], null, null, null, null, null, null, null, null, null);

    private static string Normalise(string line) =>
        " "
        + WhiteSpace()
            .Replace(
                line.ToLowerInvariant()
                    .Replace('×', 'x')
                    .Replace('–', '-')
                    .Replace('—', '-')
                    .Replace('−', '-')
                    .Replace("½", ".5", StringComparison.Ordinal),
                " "
            )
            .Trim()
        + " ";

    private static Match? Take(ref string text, Regex pattern)
    {
        var match = pattern.Match(text);
        if (!match.Success)
            return null;
        text = text.Remove(match.Index, match.Length).Insert(match.Index, " ");
        return match;
    }

    private static double Number(Group group) => group.Success ? double.Parse(group.Value, CultureInfo.InvariantCulture) : 0;

    /// <summary>Minimum and full of a number that was told alone: shares of it (house settings), never beyond what may be told.</summary>
    private static Levels Spread(double standard, HouseSettings settings, double max = MostRepetitions) =>
        new(
            Math.Min(standard, Math.Max(1, Math.Ceiling(standard * settings.MinimumShare))),
            standard,
            Math.Max(standard, Math.Min(max, Math.Floor(standard * settings.FullShare)))
        );

    /// <summary>"5", "3-5" or "3 / 5 / 8" as levels.</summary>
    private static Levels Range(
        string text,
        HouseSettings settings,
        List<Issue> issues,
        string path,
        double max,
        string unit,
        double factor = 1
    )
    {
        var numbers = NumberPattern().Matches(text).Select(m => double.Parse(m.Value, CultureInfo.InvariantCulture) * factor).ToArray();
        foreach (var n in numbers)
            if (Check.Between(n, 0, max, path, unit) is { } issue)
            {
                issues.Add(issue);
                return default;
            }
        if (!numbers.SequenceEqual(numbers.Order()))
        {
            issues.Add(
                new(
                    path,
                    IssueCodes.NotInOrder,
                    string.Join(" / ", numbers.Select(n => n.ToString("0.##", CultureInfo.InvariantCulture))),
                    "minimum / standard / full, smallest first"
                )
            );
            return default;
        }
        return numbers.Length switch
        {
            1 => Spread(numbers[0], settings, max),
            2 => new(numbers[0], Math.Round((numbers[0] + numbers[1]) / 2), numbers[1]),
            _ => new(numbers[0], numbers[1], numbers[2]),
        };
    }

    private static double WordNumber(string word) =>
        word switch
        {
            "once" => 1,
            "twice" => 2,
            "thrice" => 3,
            _ => double.Parse(NumberPattern().Match(word).Value, CultureInfo.InvariantCulture),
        };
}
