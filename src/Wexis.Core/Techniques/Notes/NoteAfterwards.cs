using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What a sentence says of the step before it: breath meanwhile, the last one held, the same another way.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>
    /// "Raise the brows, 10 times. Breathe out on the effort.": breath that is told without a count goes with what was told before; null
    /// where more is told.
    /// </summary>
    public static Step? BreathesMeanwhile(Step before, Step step, bool onward)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        return
            !onward
            && step.Dose is null
            // "Breathe out as you stroke": the same hand.
            && step.AllHands.All(h => h.AllPath.Count + h.AllZones.Count == 0 && before.AllHands.Any(b => b.Verb == h.Verb))
            && step.AllActs.Any(a => a.Do == "breathe")
            && before.AllActs.All(a => a.Do != "breathe")
            && step.AllActs.All(a => a.Do == "breathe" || before.AllActs.Any(b => b.Do == a.Do))
            ? before with
            {
                Acts = [.. before.AllActs, .. step.AllActs.Where(a => a.Do == "breathe")],
                Still = [.. before.AllStill.Union(step.AllStill)],
                Cue = Cue($"{before.Cue} {step.Cue}"),
            }
            : null;
    }

    /// <summary>
    /// "Press the head back into the hands, 6 s, 5 times. Chin slightly tucked.": how a part is held in what was counted; null where
    /// something is to be done.
    /// </summary>
    public static Step? HeldMeanwhile(Step before, Step step, bool onward)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        return
            !onward
            && before is { Dose: not null, AllActs.Count: > 0 }
            && step is { Dose: null, AllHands.Count: 0, AllActs.Count: > 0 }
            && HeldSoThroughout().IsMatch(step.Cue ?? "")
            ? before with
            {
                Acts = [.. before.AllActs, .. step.AllActs.Where(a => !before.AllActs.Any(b => b.Do == a.Do))],
                Still = [.. before.AllStill.Union(step.AllStill)],
                Cue = Cue($"{before.Cue} {step.Cue}"),
            }
            : null;
    }

    [GeneratedRegex(
        @"^\s*(?:with\s+)?(?:the\s+|your\s+)?(?:lips?|head|jaw|chin|brows?|cheeks?|tongue|teeth|neck|corners?)\s+(?:\p{L}+ly\s+|far\s+"
            + @"|a\s+little\s+)?(?:\p{L}{2,}ed|tense|tight|(?<=far\s+)(?:forwards?|out|back))\W*$",
        Free
    )]
    private static partial Regex HeldSoThroughout();

    /// <summary>"Roller: …, 5x. Neck down 5x.": with the tool of the step before, and no movement of the face.</summary>
    public static string WithTool(string text, Step before)
    {
        ArgumentNullException.ThrowIfNull(before);
        return
            before is { AllActs.Count: 0, AllHands: [{ Contact: { } tool }] }
            && (tool.StartsWith("roller", StringComparison.Ordinal) || tool.StartsWith("tool", StringComparison.Ordinal))
            ? PartAndWay()
                .Replace(
                    text,
                    tool.StartsWith("roller", StringComparison.Ordinal)
                        ? "roll the ${part} ${way}wards with the roller"
                        : "stroke the ${part} ${way}wards with the stone"
                )
            : text;
    }

    [GeneratedRegex(
        @"^\s*(?:(?:and|then|last|finally)\s*[:,]?\s+)*(?:the\s+)?(?<part>forehead|cheeks?|neck|jaw(?:line)?|chin)\s+(?<way>up|down|out)"
            + @"(?:wards?)?\b(?!\s+to\b)",
        Free
    )]
    private static partial Regex PartAndWay();

    /// <summary>
    /// "Circle on the temples. 10 circles forwards and 10 backwards.": what was told is counted; null where more is told.
    /// </summary>
    public static Step? CountsIt(Step before, Step step)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        return
            before is { Dose: null, AllActs.Count: 0, AllHands: [{ } works] }
            && step is { Dose: not null, AllActs.Count: 0, AllHands: [var counted] }
            && works.Verb == counted.Verb
            && (counted.Contact is null || counted.Contact == works.Contact)
            && works.AllPath.Count + works.AllZones.Count > 0
            && (counted.AllPath.Count + counted.AllZones.Count == 0 || CountedPer().IsMatch(InFigures(step.Cue ?? "")))
            ? before with
            {
                Hands = [works with { Pressure = works.Pressure ?? counted.Pressure, Direction = works.Direction ?? counted.Direction }],
                Dose = step.Dose,
                Tempo = step.Tempo ?? before.Tempo,
                Still = [.. before.AllStill.Union(step.AllStill)],
                Cue = Cue($"{before.Cue} {step.Cue}"),
            }
            : null;
    }

    [GeneratedRegex(@"^\s*\d+\s+\p{L}+\s+(?:per|each|on\s+each)\s+\p{L}+\W*$", Free)]
    private static partial Regex CountedPer();

    /// <summary>Whether a sentence counts what the step before told and did not count: strokes, kisses, or its breaths.</summary>
    public static bool CountsWhatWas(Step before, string sentence)
    {
        ArgumentNullException.ThrowIfNull(before);
        return before.Dose?.Line is not { } line || OnlyHold(line) is not null ? OnlyCounts(sentence) : CountsBreaths(before, sentence);
    }

    /// <summary>Whether a sentence counts what was told, and says no more: "8 strokes each side".</summary>
    public static bool OnlyCounts(string sentence) => Counts().IsMatch(InFigures(sentence));

    [GeneratedRegex(
        $@"^\s*(?:(?:do|about|repeat)\s+)?\d+(?:\s*(?:-|–|to)\s*\d+)?\s+(?:{OfManner}\s+)*(?:strokes?|circles?|taps?|breaths|presses"
            + $@"|pinches"
            + $@"|swipes?|{Countables})(?:\s+(?:each|per|on\s+each|on\s+both|each\s+way|in\s+each\s+direction)(?:\s+\p{{L}}+)?)?\W*$",
        Free
    )]
    private static partial Regex Counts();

    /// <summary>
    /// "Suck the cheeks in. Pucker the lips 10 times.": what was told and not counted is one with what is counted then, as it is where a
    /// comma stands between them; null where hands did it, or it was counted.
    /// </summary>
    public Step? OneWhole(Step before, Step step, string text, out IReadOnlyList<string> unknown)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        unknown = [];
        if (
            before is not { Dose: null, AllHands.Count: 0, AllActs.Count: > 0 }
            || step is not { AllHands.Count: 0, AllActs.Count: > 0 }
            || AnotherSize(before, step)
            || before.AllActs.Any(a => step.AllActs.Any(b => b.Do == a.Do && IsOtherSide(a.Side, b.Side)))
        )
            return null;
        return Together(before, text, out unknown) is { AllHands.Count: 0 } whole
            ? whole with
            {
                Still = [.. before.AllStill.Union(whole.AllStill)],
                State = NoteReader.Over(before.State, whole.State),
                Tempo = whole.Tempo ?? before.Tempo,
                Gaze = whole.Gaze ?? before.Gaze,
                EndPoint = whole.EndPoint ?? before.EndPoint,
            }
            : null;
    }

    /// <summary>"Breathe in 4 s. Breathe out 6 s.": one breath; null where something else is told.</summary>
    public Step? OneBreath(Step before, string text)
    {
        ArgumentNullException.ThrowIfNull(before);
        return
            before is { AllHands.Count: 0, AllActs: [{ Do: "breathe" }] }
            && !IsCounted(before.Dose)
            && BreathesOut().IsMatch(text)
            && Together(before, text, out var unknown) is { AllActs: [{ Do: "breathe" }], AllHands.Count: 0 } breath
            && unknown.All(NotSaid.Contains)
            && InOut().IsMatch(breath.Dose?.Line ?? "")
            ? breath
            : null;
    }

    [GeneratedRegex(@"^\s*(?:(?:and|then)\s+)*(?:(?:breath\w*|blow)\s+)?(?:out|exhal\w*|hold)\b", Free)]
    private static partial Regex BreathesOut();

    /// <summary>
    /// "From the inner corner to the temple, then down in front of the ear": one way, of which nothing was counted yet; null where another
    /// begins.
    /// </summary>
    public static Step? OnTheSameWay(Step before, Step step, bool onward)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        return
            onward
            && before is { Dose: null, AllActs.Count: 0, AllHands: [{ Verb: "stroke" or "tool-stroke" or "roll", AllPath.Count: > 1 } way] }
            && step is { AllActs.Count: 0, AllHands: [{ AllPath.Count: > 0 } on] }
            && on.Verb == way.Verb
            && (on.Contact is null || on.Contact == way.Contact)
            && (on.Pressure is null || on.Pressure == way.Pressure)
            && GoesOnThere().IsMatch(step.Cue ?? "")
            ? before with
            {
                Hands = [way with { Path = [.. way.AllPath, .. on.AllPath.SkipWhile(p => p.At == way.AllPath[^1].At)] }],
                Dose = step.Dose,
                Still = [.. before.AllStill.Union(step.AllStill)],
                Cue = Cue($"{before.Cue}, then {step.Cue}"),
            }
            : null;
    }

    [GeneratedRegex(
        @"^\s*(?:(?:and|then|on)\s+)*(?:down|up|out|over|along|behind|in\s+front|back|across|past|to|on)\b(?!\s+(?:the\s+)?(?:other|both))",
        Free
    )]
    private static partial Regex GoesOnThere();

    /// <summary>Whether a sentence says that hands resist, and no more.</summary>
    public static bool OnlyResists(string sentence) => JustResists().IsMatch(sentence);

    [GeneratedRegex(
        @"^\s*(?:and\s+)?(?:(?:the\s+|your\s+)?(?:hands?|fingers?|palms?)\s+)?(?:resists?(?:\s+(?:it|this"
            + @"|with\s+the\s+hands?))?|(?:do(?:es)?\s+not|don['’]t|doesn['’]t)\s+(?:give\s+way|yield|give\s+in|let\s+(?:it|them)))\W*$",
        Free
    )]
    private static partial Regex JustResists();

    /// <summary>Whether a sentence names something to be done.</summary>
    public static bool NamesWork(string sentence) => Words(sentence).Any(w => Roles.RoleWords.Verb(w) is not null);

    /// <summary>Whether a sentence says that hands or sides alternate, and no more.</summary>
    public static bool OnlyAlternates(string sentence) => JustAlternates().IsMatch(sentence);

    [GeneratedRegex(
        @"^\s*(?:and\s+)?alternat(?:e|ing|ely)(?:\s+(?:the\s+)?(?:hands|sides|left\s+and\s+right))?(?:\s+(?:slow|quick|calm)ly)?\W*$"
            + @"|^\s*hands\s+alternat\w*\W*$",
        Free
    )]
    private static partial Regex JustAlternates();

    /// <summary>"Breathe calmly.", "deep belly breaths": how it is breathed, and nothing else.</summary>
    public static bool OnlyBreathes(string sentence) => JustBreath().IsMatch(sentence);

    /// <summary>"Press lightly and smile": whether hands that were laid before are told to press, and the face to move.</summary>
    public static bool PressesThere(Step step, string text)
    {
        ArgumentNullException.ThrowIfNull(step);
        return step is { AllHands.Count: 0, AllActs.Count: > 0 } && BeginsToPress().IsMatch(text);
    }

    [GeneratedRegex(@"^\s*(?:(?:and|then|now)\s+)*(?:press|push)\w*\s+(?:(?:in|down)\s+)?(?:lightly|gently|softly|firmly)\b", Free)]
    private static partial Regex BeginsToPress();

    /// <summary>Whether a step, read anew, has all that it had: movements, hands, places, how hard, how much.</summary>
    public static bool HasAllOf(Step anew, Step step)
    {
        ArgumentNullException.ThrowIfNull(anew);
        ArgumentNullException.ThrowIfNull(step);
        var numbers = Numbers().Matches(anew.Dose?.Line ?? "").Select(m => m.Value).ToHashSet(StringComparer.Ordinal);
        return step.AllActs.All(a =>
                anew.AllActs.Any(n =>
                    n.Do == a.Do
                    && (n.Side == a.Side || n.Side == "both")
                    && (a.Effort is null || n.Effort == a.Effort)
                    && (a.Resist is null || n.Resist == a.Resist)
                )
            )
            && step.AllHands.All(h =>
                anew.AllHands.Any(n =>
                    n.Verb == h.Verb
                    && (h.Contact is null || n.Contact == h.Contact)
                    && (h.Pressure is null || n.Pressure == h.Pressure)
                    && (h.Role is null || n.Role == h.Role)
                    && (h.Sides is null or "both" || n.Sides == h.Sides)
                    && (h.Direction is null || n.Direction == h.Direction)
                    && (h.GripOrSlip is null || n.GripOrSlip == h.GripOrSlip)
                    && h.AllPath.All(p => n.AllPath.Any(q => q.At == p.At))
                    && (h.AllZones.All(n.AllZones.Contains) || (n.AllPath.Count > 0 && h.AllZones.Count < WholeFace.Count))
                )
            )
            && step.AllStill.All(anew.AllStill.Contains)
            && Numbers().Matches(step.Dose?.Line ?? "").All(m => numbers.Contains(m.Value))
            // Nothing was held that is not held now.
            && NoteReader.Over(step.State, anew.State) == anew.State
            && (step.Gaze is null || anew.Gaze == step.Gaze)
            && (step.EndPoint is null || anew.EndPoint is not null)
            && (step.Tempo is null || anew.Tempo is not null);
    }

    /// <summary>Whether a place where a hand was laid is in no hand of the step that begins there.</summary>
    public static bool LosesPlace(Step laid, Step step)
    {
        ArgumentNullException.ThrowIfNull(laid);
        ArgumentNullException.ThrowIfNull(step);
        var (zones, places) = (
            step.AllHands.SelectMany(h => h.AllZones).ToHashSet(),
            step.AllHands.SelectMany(h => h.AllPath.Select(p => p.At)).ToHashSet()
        );
        return laid.AllHands.Any(h =>
            h.AllPath.Any(p => !places.Contains(p.At))
            // An area may be told more exactly by a way.
            || (h.AllZones.Count > 0 && places.Count == 0 && !h.AllZones.Any(zones.Contains))
        );
    }

    /// <summary>
    /// "Look straight ahead.", "lie down": where eyes look that look nowhere else, or where somebody sits or lies, and nothing more.
    /// </summary>
    public static bool OnlyLooksAhead(string sentence) =>
        (StraightAhead().Match(sentence) is { Success: true } ahead ? ahead : Posture().Match(sentence)) is { Success: true } said
        && !sentence.Remove(said.Index, said.Length).Any(char.IsLetter);

    /// <summary>To breathe, of both sides.</summary>
    public static Act Breath { get; } = new("breathe", "both", null, null, null, null, [], null, null, null, null, null);

    /// <summary>Whether breath is told that is no everyday one.</summary>
    public static bool IsDeepBreath(string sentence) => DeepBreath().IsMatch(sentence);

    [GeneratedRegex(@"\b(?:deep(?:ly)?|long|belly|nose)\b", Free)]
    private static partial Regex DeepBreath();

    [GeneratedRegex(
        @"^\s*(?:(?:and|but)\s+)?(?:(?:(?:remember\s+to|keep|don['’]t\s+forget\s+to)\s+)?breath(?:e|ing)?(?:\s+(?:easy|calmly"
            + @"|normally|freely|on"
            + @"|evenly|easily|quietly|slowly|deeply|through\s+the\s+nose|all\s+the\s+time|throughout|meanwhile|and|into\s+the\s+belly))*"
            + @"|(?:with\s+)?(?:deep|slow|calm|easy|quiet|even|long|normal)\s+(?:belly\s+|nose\s+)?(?:breaths|breathing)"
            + @"(?:\s+(?:throughout|meanwhile|all\s+the\s+time))?)\W*$",
        Free
    )]
    private static partial Regex JustBreath();

    /// <summary>
    /// "Pull the lobes down 3x, then out 3x": what was said before, the way that is named now; null where more is said.
    /// </summary>
    private static string? TheOtherWay(string text, string before)
    {
        if (OnlyThatWay().Match(InFigures(text)) is not { Success: true } now)
            return null;
        var told = DoseWords().Replace(InFigures(before), " ");
        return AnyWay().Matches(told) is [var then] ? $"{told[..then.Index]}{now.Groups["way"].Value} {now.Groups["rest"].Value}" : null;
    }

    [GeneratedRegex(
        @"^\s*(?:(?:and|then|now)\s+)*(?<way>(?:up|down|out|in|back|for)(?:wards?)?)\s*,?\s*(?<rest>(?:for\s+)?\d+\s*(?:x|×|times|s"
            + @"|secs?|seconds?|counts?)\W*)$",
        Free
    )]
    private static partial Regex OnlyThatWay();

    [GeneratedRegex(@"\b(?:up|down|out|in|back|for)(?:wards?)?\b", Free)]
    private static partial Regex AnyWay();
}
