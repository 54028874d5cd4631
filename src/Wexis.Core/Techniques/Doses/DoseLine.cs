using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Doses;

/// <summary>What a dose line needs to know of its step.</summary>
/// <param name="Sides">Which sides the step works: both, left, right, one-then-other, alternating, midline; null when nobody has
/// said.</param>
public sealed record DoseContext(string? Sides);

/// <summary>A dose line as understood: the structured dose, the seconds it told, what is still open, what is wrong.</summary>
/// <param name="OneSide">left or right, where the line names one side only.</param>
public sealed record DoseReading(
    Dose Dose,
    double? HoldSeconds,
    double? RestSeconds,
    IReadOnlyList<OpenQuestion> Questions,
    IReadOnlyList<Issue> Issues,
    string? OneSide = null
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
        ArgumentNullException.ThrowIfNull(context);
        return Known
            .GetValue(settings, static _ => new())
            .Of((line, context.Sides, path), (context, settings), static (told, of) =>
                Understood(told.Line, of.context, of.settings, told.Path)
            );
    }

    private static readonly ConditionalWeakTable<
        HouseSettings,
        Remembered<(string? Line, string? Sides, string Path), DoseReading>
    > Known = [];

    private static DoseReading Understood(string? line, DoseContext context, HouseSettings settings, string path)
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

        if (Vague().Match(text) is { Success: true } vague)
        {
            questions.Add(new(path, $"“{vague.Value.Trim()}”: how many, or how long?", []));
            return new(EmptyDose(line), null, null, questions, issues);
        }

        var timesADay = Take(ref text, TimesADay()) is { } daily
            ? daily.Groups["w"].Success
                ? (int)WordNumber(daily.Groups["w"].Value)
                : daily.Groups["two"].Success
                    ? 2
                    : 1
            : (int?)null;
        var daysAWeek = Take(ref text, DaysAWeek()) is { } weekly
            ? weekly.Groups["n"].Success
                ? (int)Number(weekly.Groups["n"])
                : weekly.Groups["w"].Success
                    ? (int)WordNumber(weekly.Groups["w"].Value)
                    : 7
            : (int?)null;
        text = PerRound().Replace(text, " ");
        var setRest = Take(ref text, SetRest()) is { } between ? Number(between.Groups["n"]) : (double?)null;
        var perLane = PerLane().IsMatch(text);
        text = PerLane().Replace(text, " ");
        var leftAndRight = Take(ref text, LeftAndRight());
        if (leftAndRight is not null)
            text =
                leftAndRight.Groups["n"].Value == leftAndRight.Groups["m"].Value
                    ? $" {leftAndRight.Groups["n"].Value} {leftAndRight.Groups["unit"].Value} each side {text}"
                    : text;
        if (leftAndRight is not null && leftAndRight.Groups["n"].Value != leftAndRight.Groups["m"].Value)
            questions.Add(new(path, "One side gets more than the other: is one side tighter? Both sides get the same dose here.", []));
        if (Take(ref text, BothDirections()) is { } counted)
            text =
                counted.Groups["n"].Value == counted.Groups["m"].Value
                    ? $" {counted.Groups["n"].Value} each way {text}"
                    : counted.Value + text;
        var onOff = Take(ref text, OnAndOff());
        var rest =
            onOff is not null ? Number(onOff.Groups["off"])
            : Take(ref text, RestPattern()) is { } restMatch ? Number(restMatch.Groups["n"])
            : (double?)null;
        var breath = Take(ref text, BreathPhases()) is { } phases
            ? (Number(phases.Groups["in"]), Number(phases.Groups["out"]))
            : ((double, double)?)null;
        var lanes = Take(ref text, Lanes()) is { } lanesMatch ? Number(lanesMatch.Groups["n"]) : 1;
        var extra = Take(ref text, Extra()) is { } extraMatch ? "+" + extraMatch.Groups["n"].Value : null;
        var demoCounts = Take(ref text, DemoCounts()) is { } demo ? !demo.Value.Contains("not", StringComparison.Ordinal) : false;
        var holdMatch = Take(ref text, HoldSeconds());
        var hold =
            onOff is not null ? Number(onOff.Groups["on"])
            : holdMatch is null ? (double?)null
            : Number(holdMatch.Groups["n"]) * (holdMatch.Groups["unit"].Value.StartsWith('m') ? 60 : 1);

        // "per side … one after the other" and "each way" are read before numbers, so that no number is taken from them.
        var each = EachWay().Match(text) is { Success: true };
        if (each)
            text = EachWay().Replace(text, " ");
        var oneWay = OneWay().Match(text) is { Success: true } one ? one : null;
        if (oneWay is not null)
            text = OneWay().Replace(text, " ");
        var atMost = AtMost().IsMatch(text);
        text = AtMost().Replace(text, " ");
        var atLeast = AtLeast().IsMatch(text);
        text = AtLeast().Replace(text, " ");
        var perSide = PerSide().IsMatch(text) || EachOfBoth().IsMatch(text);
        text = PerSide().Replace(text, " ");
        var inAll = InAll().IsMatch(text);
        text = InAll().Replace(text, " ");
        var together = Together().IsMatch(text) && !EachOfBoth().IsMatch(text);
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
            count = Range(
                WordNumber(word.Groups["w"].Value).ToString(CultureInfo.InvariantCulture),
                settings,
                issues,
                path,
                MostRepetitions,
                "repetitions"
            );
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

        if (perLane && lanes <= 1)
            questions.Add(new(path, "In how many lanes or places?", []));
        // What is told as "at most" is the full dose, as "at least" the minimum.
        if (atMost)
            (count, seconds) = (Capped(count), Capped(seconds));
        if (atLeast)
            (count, seconds) = (From(count), From(seconds));
        // "5 × 3 breaths": the breaths are counted, so the other number is how often.
        if (breaths is not null && count is { } often)
            (sets, count) = (sets ?? often.Standard, null);
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
        if (count is null && seconds is null && breaths is null && issues.Count == 0 && questions.Count == 0)
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
            daysAWeek,
            setRest is > 0 ? setRest : null
        );
        if (breath is { } phase && hold is null && unit == "breaths")
            hold = phase.Item1 + phase.Item2;
        return new(dose, hold, rest, questions, issues, oneSide);
    }

    private static Dose EmptyDose(string? line) => new(line, null, null, null, [], null, null, null, null, null, null, null, null, null);

    private static Levels? Capped(Levels? levels) => levels is { } l ? new(l.Minimum, l.Standard, l.Standard) : null;

    private static Levels? From(Levels? levels) => levels is { } l ? new(l.Standard, l.Standard, l.Full) : null;

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
