using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// Two sentences that are one step: one movement and the other in turn, more said of the same, a movement against a hand.
/// </summary>
internal sealed partial class NoteGlossary
{
    /// <summary>
    /// "Smile, then kiss, 20 x": one and the other in turn; "…, 10 breaths": as many as it is breathed. Null where it is neither.
    /// </summary>
    /// <param name="onward">Whether both are told in one sentence.</param>
    public static Step? InTurn(Step before, Step step, bool onward)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        if (
            before is not { AllHands.Count: 0, AllActs.Count: > 0 }
            || step.AllHands.Count > 0
            || (step.Dose is null && !(before.Dose is null && BreathesOn(before, step)))
            || !(before.Dose is null || HeldAlike(before.Dose, step.Dose!))
            || (before.AllActs.Any(a => step.AllActs.Any(b => b.Do == a.Do)) && AnotherSize(before, step))
            || !(onward || (step.AllActs is [{ Do: "breathe" }] && before.AllActs.Any(a => a.Do == "breathe")))
        )
            return null;
        // "Puff the right cheek, hold 5 s; puff the left cheek, hold 5 s": either side.
        var eitherSide = before.AllActs.Any(a => step.AllActs.Any(b => b.Do == a.Do && IsOtherSide(a.Side, b.Side)));
        return before with
        {
            Acts =
            [
                .. before.AllActs.Select(a =>
                    step.AllActs.Any(b => b.Do == a.Do && IsOtherSide(a.Side, b.Side)) ? a with { Side = "both" } : a
                ),
                .. step.AllActs.Where(a => !before.AllActs.Any(b => b.Do == a.Do)),
            ],
            Dose = eitherSide && step.Dose is { } each ? WithDose(each, "each side") : step.Dose,
            Still = [.. before.AllStill.Union(step.AllStill)],
            State = before.State ?? step.State,
            Tempo = before.Tempo ?? step.Tempo,
            Gaze = before.Gaze ?? step.Gaze,
            Cue = Cue($"{before.Cue}, then {step.Cue}"),
        };
    }

    private static bool IsOtherSide(string? one, string? other) => (one, other) is ("left", "right") or ("right", "left");

    /// <summary>"Swallow five times in this position": held as the step before says; null where nothing was held.</summary>
    public static Step? InThatPosition(Step before, Step step)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        return
            before is { Dose: null, AllActs.Count: > 0 }
            && step is { AllHands.Count: 0, AllActs.Count: > 0 }
            && ThatPosition().IsMatch(step.Cue ?? "")
            ? before with
            {
                Acts = [.. before.AllActs, .. step.AllActs.Where(a => !before.AllActs.Any(b => b.Do == a.Do))],
                Dose = step.Dose,
                Still = [.. before.AllStill.Union(step.AllStill)],
                State = before.State ?? step.State,
                Tempo = step.Tempo ?? before.Tempo,
                Cue = Cue($"{before.Cue} {step.Cue}"),
            }
            : null;
    }

    [GeneratedRegex(@"\bin\s+(?:this|that)\s+position\b|\bwhile\s+(?:you\s+)?stay(?:ing)?\s+(?:there|like\s+(?:this|that))\b", Free)]
    private static partial Regex ThatPosition();

    /// <summary>"Inhale, lift the shoulders. Exhale, let them drop.": one breath.</summary>
    private static bool BreathesOn(Step before, Step step) =>
        before.AllActs.Any(a => a.Do == "breathe")
        && step.AllActs.All(a => LetsGo.Contains(a.Do ?? ""))
        && step.AllActs.Any(a => a.Do == "breathe");

    /// <summary>"Smile, hold 5 s, then kiss, hold 5 s, 8 times": both are held as long, and only the second is counted.</summary>
    private static bool HeldAlike(Dose before, Dose step) =>
        HeldFor(before.Line!) is { } held && IsCounted(step) && HeldFor(Count().Replace(step.Line!, "").Trim(' ', ',')) == held;

    /// <summary>"Fingers hook into the corners and pull; close the lips against them, 6 times": under the hands that work in the step
    /// before; null where they are others.</summary>
    public static Step? UnderThem(Step before, Step step)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        var against = step.AllActs is [{ Resist: "finger" }, ..] || BeginsToTry().IsMatch(step.Cue ?? "");
        return
            before is { Dose: null, AllActs.Count: 0, AllHands: [{ Verb: "lift-hold" or "stretch-apart" or "hold-still" or "press" } hand] }
            && step is { AllHands.Count: 0, AllActs.Count: > 0 }
            // "Pull the temples up, then smile, hold 5 s": what hands lift or stretch they go on lifting.
            && (against || (step.Dose is not null && hand.Verb is "lift-hold" or "stretch-apart"))
            ? step with
            {
                Acts = [.. step.AllActs.Select(a => a with { Resist = a.Resist ?? (against ? "finger" : null) })],
                Hands =
                [
                    .. before.AllHands.Select(h =>
                        against && h.Verb is "press" or "hold-still" ? h with { Verb = "hold-still", Role = "resist" } : h
                    ),
                ],
                Still = [.. before.AllStill.Union(step.AllStill)],
                State = step.State ?? before.State,
                Cue = Cue($"{before.Cue} {step.Cue}"),
            }
            : null;
    }

    [GeneratedRegex(@"^\W*(?:(?:now|then|and)\s+)*try(?:ing)?\s+to\b", Free)]
    private static partial Regex BeginsToTry();

    /// <summary>
    /// "Smile; lift the cheeks to the eyes, 5 times": the same movement, of which more is said; null where it is another one.
    /// </summary>
    public static Step? SaysMore(Step before, Step step)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        return
            before is { Dose: null, AllHands.Count: 0, AllActs.Count: > 0 }
            && step.AllHands.Count == 0
            && before.AllActs.Select(a => (a.Do, a.Side)).SequenceEqual(step.AllActs.Select(a => (a.Do, a.Side)))
            && !AnotherSize(before, step)
            ? step with
            {
                Acts = [.. step.AllActs.Zip(before.AllActs, (now, was) => now with { Effort = now.Effort ?? was.Effort })],
                Still = [.. before.AllStill.Union(step.AllStill)],
                State = step.State ?? before.State,
                Tempo = step.Tempo ?? before.Tempo,
                Cue = Cue($"{before.Cue} {step.Cue}"),
            }
            : null;
    }

    /// <summary>"Small smile, then big smile": no smile told more exactly.</summary>
    private static bool AnotherSize(Step before, Step step) =>
        (before.AllActs[0].Effort, step.AllActs[0].Effort) switch
        {
            ({ } was, { } now) => was != now,
            (null, { }) => SaysLarge().IsMatch(before.Cue ?? ""),
            ({ }, null) => SaysLarge().IsMatch(step.Cue ?? ""),
            _ => false,
        };

    [GeneratedRegex(@"\b(?:big|wide|broad|large|full|huge)\b", Free)]
    private static partial Regex SaysLarge();

    /// <summary>
    /// "Fill the upper lip with air, hold 5 s; then the lower lip, hold 5 s": what was said before, of the part that is named now; null
    /// where more is said.
    /// </summary>
    public static string? Likewise(string text, string? before) =>
        TheOtherWay(text, before ?? "") is { } way ? way
        : OnlyThatPart().Match(InFigures(text)) is { Success: true } now
        && BesideDose(now.Groups["rest"].Value) is null
        && Regex.Match(before ?? "", $@"\b{OtherOfTwo[now.Groups["which"].Value.ToLowerInvariant()]}(?=\s+{now.Groups["of"].Value})", Free)
            is { Success: true } then
            ? DoseWords()
                .Replace(InFigures($"{before![..then.Index]}{now.Groups["which"].Value}{before[(then.Index + then.Length)..]}"), " ")
                + now.Groups["rest"].Value
        : null;

    private static readonly Dictionary<string, string> OtherOfTwo = new(StringComparer.Ordinal)
    {
        ["upper"] = "lower",
        ["lower"] = "upper",
        ["inner"] = "outer",
        ["outer"] = "inner",
    };

    [GeneratedRegex(
        @"^\s*(?:(?:and|then|now)\s+)*(?:with\s+)?(?:the\s+|your\s+)?(?<which>upper|lower|inner|outer)\s+(?<of>lip|lid|eyelid|corner"
            + @"|teeth)s?\b(?<rest>.*)$",
        Free
    )]
    private static partial Regex OnlyThatPart();
}
