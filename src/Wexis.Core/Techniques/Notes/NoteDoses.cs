using System.Globalization;
using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>How much a sentence says: counts, times, holds, how often; as a dose line writes it.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>The dose as the sentence says it, numbers in figures; null when it says none.</summary>
    public static Dose? Dose(string sentence)
    {
        var figures = Spent().Replace(InFigures(sentence), " ");
        var often = Often(sentence);
        var said = OftenWords().Replace(figures, " ");
        if (BothTurns().Match(said) is { Success: true } turns)
            return turns.Groups["one"].Value == turns.Groups["other"].Value
                ? Said(string.Join(", ", new[] { $"{turns.Groups["one"].Value} times, each way", often }.OfType<string>()))
                : null;
        var matches = DoseWords().Matches(said).Where(m => m.Value.Trim().Length > 0).ToList();
        if (matches.Count == 0 || !matches.Exists(m => m.Value.Any(char.IsDigit) || CountWords().IsMatch(m.Value)))
            return null;
        var line = matches[0].Value.Trim();
        for (var i = 1; i < matches.Count; i++)
        {
            // "Up, 5 s, then down, 5 s": each way alike is said once.
            if (
                (OnlyTime().IsMatch(matches[i].Value) || BareHold().IsMatch(matches[i].Value))
                && SaidBefore(matches, i)
                && EachWay().IsMatch(said)
            )
                continue;
            // What stands side by side is one thing said ("3 times 10 s").
            var between = said[(matches[i - 1].Index + matches[i - 1].Length)..matches[i].Index];
            line += (string.IsNullOrWhiteSpace(between) ? " " : ", ") + matches[i].Value.Trim();
        }
        line = RestBare().Replace(Counted().Replace(line, "${n} times"), "rest ${n} s");
        return Said(often is null ? line : $"{line}, {often}");
    }

    private static bool SaidBefore(List<Match> matches, int at) =>
        matches.Take(at).Any(m => m.Value.Trim().Equals(matches[at].Value.Trim(), StringComparison.OrdinalIgnoreCase));

    /// <summary>What a sentence says beside its dose, as it stands there; null where that is nothing.</summary>
    public static string? BesideDose(string sentence)
    {
        var phrases = new Phrases(BothTurns().Replace(OftenWords().Replace(InFigures(sentence), " "), " "));
        PressureIn(phrases);
        var rest = StraightAhead().Replace(HowItFeels().Replace(BothWays().Replace(phrases.Loose, " "), " "), " ");
        rest = SaysNothing().Replace(DoseWords().Replace(rest, " "), " ");
        return Words(rest) is { Count: > 0 } left && string.Join(" ", left) is var words && !BackAgain().IsMatch(words) ? words : null;
    }

    /// <summary>A dose with more said of it; what its line says already is not said twice.</summary>
    public static Dose WithDose(Dose dose, string more) =>
        dose.Line!.Contains(more, StringComparison.OrdinalIgnoreCase) || (more == "each side" && OneThenOther().IsMatch(dose.Line))
            ? dose
            : dose with
            {
                Line = $"{dose.Line}, {more}",
            };

    /// <summary>How often in a day or week, as a dose line writes it; null when not said.</summary>
    public static string? Often(string sentence)
    {
        if (OftenWords().Match(InFigures(sentence)) is not { Success: true } m)
            return null;
        return m.Groups["day"].Success ? "once a day" : m.Value.Trim().ToLowerInvariant();
    }

    /// <summary>The hold of each repetition, as a dose line writes it; null when the sentence says none.</summary>
    public static string? HoldOf(string sentence) =>
        Hold().Match(InFigures(sentence)) is { Success: true } m ? $"hold {m.Groups["n"].Value} s" : null;

    /// <summary>Whether a line holds one thing for two different times ("hold 5 s, hold 9 s").</summary>
    public static bool HoldsDiffer(string line) => Hold().Matches(line).Select(m => m.Groups["n"].Value).Distinct().Count() > 1;

    [GeneratedRegex(
        @"^(?<h>(?:hold\s+(?:for\s+)?)?(?<n>\d+\s*(?:s|secs?|seconds?|counts?)?))(?:,\s*(?:hold\s+(?:for\s+)?)?\k<n>)+(?=,|$)",
        Free
    )]
    private static partial Regex EqualHolds();

    /// <summary>The hold, where a line says nothing else in figures.</summary>
    public static string? OnlyHold(string line) =>
        BareHold().Match(line) is { Success: true } bare ? $"hold {bare.Groups["n"].Value} s"
        : OnlyRestOf().Replace(Hold().Replace(InFigures(line), " "), " ").Any(char.IsDigit) ? null
        : HoldOf(line) is { } held && OnlyRestOf().Match(InFigures(line)) is { Success: true } rest ? $"{held}, {rest.Value.Trim()}"
        : HoldOf(line);

    /// <summary>Whether a sentence only lets go, and if so whether slowly; null where it says something else.</summary>
    /// <returns>Seconds that it takes, 0 where nothing says so.</returns>
    public static double? WayBack(string sentence) =>
        OnlyBack().Match(InFigures(sentence)) is not { Success: true } back ? null
        : back.Groups["n"].Success ? double.Parse(back.Groups["n"].Value, CultureInfo.InvariantCulture)
        : back.Groups["slow"].Success ? SlowBackSeconds
        : 0;

    /// <summary>
    /// "Look up, 5 s. Repeat 5 times.": a time that is held, and then how many. Work that goes on in that time may be meant as sets: asked.
    /// </summary>
    public static string? EachHeld(Step step, string counted)
    {
        ArgumentNullException.ThrowIfNull(step);
        return
            step.Dose?.Line is { } line
            && OnlyTime().Match(line) is { Success: true } time
            && OnlyCount().IsMatch(SlowBack().Replace(DoThat().Replace(InFigures(counted), ""), "").Trim(' ', ',', '.'))
            && step.AllHands.All(h => h.Verb is "hold-still" or "press" or "lift-hold" or "stretch-apart")
            ? time.Result(time.Groups["rest"].Success ? "hold ${n} s, ${rest}" : "hold ${n} s")
            : null;
    }

    [GeneratedRegex(@"^\s*(?:do|repeat)\s+(?:that|this|it)\s+", Free)]
    private static partial Regex DoThat();

    /// <summary>"Hold 5 s", "5 s": how long each is held, where a line says nothing else; null where it says more.</summary>
    private static string? HeldFor(string line) =>
        OnlyHold(line)
        ?? (OnlyTime().Match(line) is { Success: true } time && !time.Groups["rest"].Success ? time.Result("hold ${n} s") : null);

    /// <summary>Whether a sentence lets go slowly, whatever else it says.</summary>
    public static bool GoesBackSlowly(string sentence) => SlowBack().IsMatch(sentence);

    /// <summary>Whether a dose says how many, or how long it goes on; a hold alone says neither.</summary>
    public static bool IsCounted(Dose? dose) => dose?.Line is { } line && OnlyHold(line) is null && !OnlyTime().IsMatch(line);

    /// <summary>The count that a second dose adds to a first one that only says how long; null where they say different things.</summary>
    public static string? CountAfter(Dose held, Dose counted)
    {
        ArgumentNullException.ThrowIfNull(held);
        ArgumentNullException.ThrowIfNull(counted);
        var (first, then) = (held.Line ?? "", counted.Line ?? "");
        return
            HasTime(first)
            && !Count().IsMatch(first)
            && (!HasTime(then) || SameCount(first, then))
            && Count().Match(then) is { Success: true } count
            ? count.Value.Trim()
            : null;
    }

    [GeneratedRegex(@"\b\d+\s*(?:x(?!\p{L})|×|times|reps?\b|rounds?\b|repetitions?\b|strokes?\b|circles?\b|taps?\b)", Free)]
    private static partial Regex Count();

    /// <summary>"Clockwise 3 times, then the other way".</summary>
    [GeneratedRegex(
        @"\b(?:(?:anti-?|counter-?)?clockwise|one\s+way|forwards?)\b[\w ,]{0,20}?\b(?<n>\d+)\s*(?:x\b"
            + @"|times)\s*,?\s*(?:and\s+)?then\s+(?:(?:the|in\s+the)\s+)?(?:other|opposite)\s+(?:way"
            + @"|direction)(?:\s+round)?",
        Free
    )]
    private static partial Regex ThenTheOtherWay();

    /// <summary>"20x, then the other direction 20x".</summary>
    [GeneratedRegex(
        @"\b(?<n>\d+)\s*(?:x\b|times|rounds)\s*,?\s*(?:and\s+)?then\s+(?:(?:in\s+)?the\s+)?(?:other|opposite)\s+(?:way"
            + @"|direction)(?:\s+\k<n>\s*(?:x\b|times))?(?!\s*,?\s*\d)",
        Free
    )]
    private static partial Regex AndTheOtherWay();

    /// <summary>Counts that stand side by side and are not of two sides, ways or sets: "10x slow, 10x fast".</summary>
    public static bool CountsTwice(string sentence) =>
        Repetitions().Count(TimesOfBoth().Replace(BothTurns().Replace(OftenWords().Replace(InFigures(sentence), " "), " "), " ")) > 1
        && !TimesOfSides().IsMatch(InFigures(sentence))
        && !BareSides().IsMatch(sentence);

    [GeneratedRegex(@"\b\d+\s*(?:x\b(?!\s*\d)|times\b|reps?\b|repetitions?\b)", Free)]
    private static partial Regex Repetitions();

    /// <summary>"8 points, 2 rounds".</summary>
    [GeneratedRegex(
        @"\b(?<points>\d+)\s+(?:(?:points|spots)\s*,?\s*(?:in\s+)?(?<rounds>\d+)\s*(?:rounds|times|x\b)"
            + @"|(?:pinches|presses|taps|strokes|circles)\s*,?\s*(?:in\s+)?(?<rounds>\d+)\s+rounds\b)",
        Free
    )]
    private static partial Regex PointsAndRounds();

    /// <summary>"X5": five times.</summary>
    [GeneratedRegex(@"(?<=(?:clockwise|\bway|\bdirection|wards?)\s+|^\s*)[x×]\s?(?<n>\d+)\b", Free)]
    private static partial Regex TimesBefore();

    /// <summary>"…, 20, quick": a number by itself counts.</summary>
    [GeneratedRegex(
        @"(?:(?<=[,;]\s*)(?<n>\d{1,3})(?:\s+(?:slow|quick|fast|small|tiny|big|gentle)(?:ly)?)?|(?<=\p{L}\s+)(?<n>\d{1,3})\s+(?:slow"
            + @"|quick|fast)(?:ly)?|(?<=\b(?:pulses?|nods|kisses|blinks|smiles|circles|taps|strokes|lifts|pulses|squeezes"
            + @"|presses|winks|yawns|slow|fast|quick(?:ly)?|slowly)\s+)(?<n>\d{1,3}))(?=\s*(?:[,;]|\.?\s*$))",
        Free
    )]
    private static partial Regex BareCounts();

    [GeneratedRegex(@"\bwait\s+(?:for\s+)?(?=\d+\s*(?:s|secs?|seconds?|counts?)\b)", Free)]
    private static partial Regex WaitsFor();

    /// <summary>"Ten of these".</summary>
    [GeneratedRegex(@"\b(?<n>\d+)\s+of\s+(?:these|them|those)\b", Free)]
    private static partial Regex OfThese();

    [GeneratedRegex(@"\brest \d+ s\b", Free)]
    private static partial Regex OnlyRestOf();

    [GeneratedRegex(@"^rest (?<n>\d+) s$")]
    private static partial Regex OnlyRest();

    /// <summary>Whether a count is of rounds, and so of all that goes round.</summary>
    public static bool InRounds(string sentence) => RoundsWord().IsMatch(sentence);

    [GeneratedRegex(@"\brounds?\b", Free)]
    private static partial Regex RoundsWord();

    /// <summary>Whether a dose says how often on either side.</summary>
    public static bool NamesSides(string line) => BareSides().IsMatch(line);

    public static bool HasTime(string line) => TimeWords().IsMatch(line);

    public static bool LastOnly(string sentence) => LastOne().IsMatch(sentence);

    /// <summary>Whether what was counted before is held now, once: "10 pulses, then hold 10 s".</summary>
    public static bool HoldsOnce(Step step, Dose dose, string text)
    {
        ArgumentNullException.ThrowIfNull(step);
        ArgumentNullException.ThrowIfNull(dose);
        return step.AllActs.Count > 0
            && IsCounted(step.Dose)
            && !HasTime(step.Dose!.Line!)
            && OnlyHold(dose.Line!) is not null
            && !LastOnly(text)
            && HoldsItOnly().IsMatch(text);
    }

    [GeneratedRegex(
        @"^\s*(?:and\s+)?(?:then\s+)?hold\w*\s+(?:(?:it|them|up|there|the\s+\p{L}+)\s+)*(?:for\s+)?\d+\s*(?:s|secs?|seconds?|counts?)?\W*$",
        Free
    )]
    private static partial Regex HoldsItOnly();

    /// <summary>Whether two dose lines begin with the same count; what a line says after it does not matter.</summary>
    public static bool SameCount(string one, string other) => Numbers().Match(one).Value == Numbers().Match(other).Value;

    private static Dose Said(string line) => new(line, null, null, null, [], null, null, null, null, null, null, null, null, null);

    /// <summary>Number words before what is counted, as figures: "five seconds" is "5 seconds"; "five or six" is a range.</summary>
    private static string InFigures(string sentence)
    {
        var figures = NumberWords().Replace(sentence, m => NumberValues[m.Groups["w"].Value.ToLowerInvariant()]);
        figures = ThenTheOtherWay().Replace(figures, "${n} times each way");
        figures = SidesBefore().Replace(figures, "${a} times ${one}, ${b} times ${other}");
        figures = PointsAndRounds().Replace(figures, "${rounds} x ${points}");
        figures = TimesBefore().Replace(figures, "${n}x");
        figures = OnlyNumber().IsMatch(figures) ? $"{figures.Trim(' ', '.')} times" : figures;
        figures = WaitsFor().Replace(figures, "hold ");
        figures = OfThese().Replace(figures, "${n} times");
        figures = WhileCounting().Replace(figures, "over ${n} counts");
        figures = CountedMove().Replace(CountOf().Replace(figures, "hold ${n} counts"), "${n} times ${move}");
        figures = AndTheOtherWay().Replace(figures, "${n} times each way");
        figures = RestOf().Replace(figures, "rest ${n} s");
        figures = BareCounts().Count(figures) == 1 ? BareCounts().Replace(figures, "${n} times") : figures;
        figures = TimeOfHold().Replace(figures, "hold ${n} s");
        figures = OnAndOff().Replace(TimesOfSides().Replace(figures, "${a} ${one}, ${b} ${other}"), "hold ${on} s, rest ${off} s");
        return HalfMinute()
            .Replace(EitherOr().Replace(Manner().Replace(figures, " "), "${low} to ${high}"), m =>
                m.Groups["half"].Success ? "30 seconds" : "1 minute"
            );
    }

    private static readonly Dictionary<string, string> NumberValues = new (string Word, int Value)[]
    {
        ("one", 1),
        ("two", 2),
        ("three", 3),
        ("four", 4),
        ("five", 5),
        ("six", 6),
        ("seven", 7),
        ("eight", 8),
        ("nine", 9),
        ("ten", 10),
        ("twelve", 12),
        ("fifteen", 15),
        ("twenty", 20),
        ("thirty", 30),
        ("sixty", 60),
    }.ToDictionary(n => n.Word, n => n.Value.ToString(CultureInfo.InvariantCulture), StringComparer.Ordinal);
}
