using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What a later sentence adds to a dose: the last one held, a rest, breaths, pulses after a hold.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>"Hold the last one 10 s": how long, as a dose line writes it; null where a sentence says more or less.</summary>
    public static string? LastHeld(string sentence) =>
        HoldsTheLast().Match(InFigures(sentence)) is { Success: true } last
            ? last.Result(last.Groups["unit"].Success ? "hold ${n} ${unit}" : "hold ${n} s")
            : null;

    [GeneratedRegex(
        @"^\W*(?:(?:and|then|but|on|for|at|with)\s+)*(?:(?:hold|keep|stay)\w*\s+)?(?:(?:on|at|in|for)\s+)?(?:the\s+)?(?:very\s+)?last"
            + @"(?:\s+(?:one|time|rep|repetition|lift|smile|squeeze|press))?\s*[,:]?\s*(?:(?:hold|held|keep|stay)\w*\s+)?(?:(?:it|is|for|at"
            + @"|the|top|up|there|about)\s+)*(?<n>\d+)\s*(?<unit>s|counts?)?(?:ecs?|econds?)?\W*$",
        Free
    )]
    private static partial Regex HoldsTheLast();

    [GeneratedRegex(@"\bthe\s+last\b|\bon\s+the\s+last\b|\blast\s+(?:one|time|repetition)\b", Free)]
    private static partial Regex LastOne();

    /// <summary>Whether breaths of which it was told how long each takes are counted, and no more.</summary>
    public static bool CountsBreaths(Step before, string sentence)
    {
        ArgumentNullException.ThrowIfNull(before);
        return InOut().IsMatch(before.Dose?.Line ?? "") && CountedBreaths().IsMatch(InFigures(sentence).TrimEnd('.', ' '));
    }

    /// <summary>A line that says how long each breath takes.</summary>
    [GeneratedRegex(@"^in\s+\d+\D{0,4},[^,]*\bout\s+\d+(?:,\s*hold\s+\d+\s+s)?$", Free)]
    private static partial Regex InOut();

    /// <summary>A line that holds for so many breaths and says no more.</summary>
    [GeneratedRegex(@"^\s*hold\w*\s+(?:it\s+)?(?:for\s+)?\d+\s+breaths(?:,\s*each\s+side)?$", Free)]
    private static partial Regex HeldForBreaths();

    [GeneratedRegex(@"^\s*\d+\s+breaths\s*$", Free)]
    private static partial Regex CountedBreaths();

    /// <summary>Whether what was held is pulsed now: "hold 20 s, then 20 quick pulses".</summary>
    public static bool PulsesAfter(Step step, string text)
    {
        ArgumentNullException.ThrowIfNull(step);
        return step.AllActs.Count > 0 && OnlyHold(step.Dose?.Line ?? "") is not null && PulsesOnly().IsMatch(InFigures(text));
    }

    [GeneratedRegex(@"^\s*(?:(?:and|then|do)\s+)*\d+\s+(?:(?:quick|fast|small|little|tiny|short)\s+)*(?:pulses|bounces|beats)\b", Free)]
    private static partial Regex PulsesOnly();

    public static bool GoesOnThen(string sentence) => BeginsThen().IsMatch(sentence);

    [GeneratedRegex(@"^\s*(?:and\s+)?then\s", Free)]
    private static partial Regex BeginsThen();

    /// <summary>Whether a sentence says how long something is held, and no more.</summary>
    public static bool OnlyHolds(string sentence) => Dose(sentence)?.Line is { } line && OnlyHold(line) is not null;

    [GeneratedRegex(@"^\s*(?<n>\d+)\s+(?:pinches|presses|taps|strokes|circles)\s*$", Free)]
    private static partial Regex SoManyEach();

    private const string EachOfTwo = ", each side";

    /// <summary>
    /// What two lines say of one dose: "hold 8 counts", then "rest 4 s"; "hold for 4 breaths", then "2 times". Null where they are two.
    /// </summary>
    /// <param name="rounds">Whether the second one counts rounds.</param>
    public static Dose? OneDose(Dose before, Dose dose, bool rounds)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(dose);
        var (was, now) = (before.Line ?? "", dose.Line ?? "");
        if (
            was.EndsWith(EachOfTwo, StringComparison.Ordinal)
            && OnlyHold(was[..^EachOfTwo.Length]) is { } eachHeld
            && OnlyCount().IsMatch(now)
        )
            return WithDose(dose, eachHeld);
        // "5 pinches. 3 rounds.": so many each round, as in one sentence.
        if (rounds && SoManyEach().Match(was) is { Success: true } each && OnlyCount().Match(now) is { Success: true } times)
            return Said($"{times.Groups["n"].Value} x {each.Groups["n"].Value}");
        // "6 s. Rest 6 s."
        if (OnlyTime().Match(was) is { Success: true } time && !time.Groups["rest"].Success && OnlyRest().IsMatch(now))
            return WithDose(before, now);
        return OnlyHold(was) is { } held && OnlyRest().IsMatch(now) ? WithDose(before with { Line = held }, now)
            : InOut().IsMatch(was) && (OnlyCount().IsMatch(now) || CountedBreaths().IsMatch(now)) ? WithDose(before, now)
            : HeldForBreaths().IsMatch(was) && OnlyCount().IsMatch(now) ? WithDose(dose, was)
            : null;
    }
}
