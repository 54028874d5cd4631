using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What goes on where the step before was: the hand that lies there, the eyes that were shut, the part that moved.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>The question that is answered where it is told afterwards how a massage goes.</summary>
    public const string WhichMassageAsked = "strokes, circles or kneading?";

    /// <summary>
    /// "Press beside the nostrils. Circle five times in each direction.": a hand that was not counted works on where it is; null where
    /// another place, or another hand, is told.
    /// </summary>
    public static Step? WorksThere(Step before, Step step, bool onward)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        return
            !onward
            && before is { Dose: null, AllActs.Count: 0, AllHands: [{ AllPath.Count: <= 1 } lies] }
            && lies.AllPath.Count + lies.AllZones.Count > 0
            && step is { AllActs.Count: 0, AllHands: [{ } works] }
            && works.AllPath.All(p => lies.AllPath.Any(l => l.At == p.At))
            && works.AllZones.All(lies.AllZones.Contains)
            && (
                (works.Verb is "circle" or "knead" or "friction" && (lies.Verb is "press" or "hold-still" || IsMassage(before)))
                || (lies.Verb is "pinch-hold" && Takes().IsMatch(before.Cue ?? ""))
            )
            && (works.Contact is null || lies.Contact is null || works.Contact == lies.Contact)
            ? step with
            {
                Hands =
                [
                    works with
                    {
                        Contact = works.Contact ?? lies.Contact,
                        Path = lies.Path,
                        Zones = lies.Zones,
                        Pressure = works.Pressure ?? lies.Pressure,
                        Sides = works.Sides ?? lies.Sides,
                        GripOrSlip = works.GripOrSlip ?? lies.GripOrSlip,
                    },
                ],
                Still = [.. before.AllStill.Union(step.AllStill)],
                State = NoteReader.Over(before.State, step.State),
                Cue = Cue($"{before.Cue} {step.Cue}"),
            }
            : null;
    }

    private static bool IsMassage(Step step) => MassageWord().IsMatch(step.Cue ?? "");

    /// <summary>"Take the ear lobes between thumb and index finger.": what is taken hold of first.</summary>
    [GeneratedRegex(@"^\s*(?:take|hold|grasp|grip|catch)\b", Free)]
    private static partial Regex Takes();

    /// <summary>
    /// "Close the eyes. Press along the brow bone.": how the eyes are while hands work; null where they are closed for work.
    /// </summary>
    public static Step? WithEyesShut(Step before, Step step, bool onward)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        return
            !onward
            && before is { Dose: null, AllHands.Count: 0, AllActs: [{ Do: "close-lids" }] }
            && OnlyShuts().IsMatch(before.Cue ?? "")
            && step is { AllActs.Count: 0, AllHands.Count: > 0 }
            ? step with
            {
                State = NoteReader.Over(new(null, "closed", null, null, null, null, null), step.State),
                Cue = Cue($"{before.Cue} {step.Cue}"),
            }
            : null;
    }

    [GeneratedRegex(
        @"^\s*(?:gently\s+|now\s+)?(?:clos|shut)\w*\s+(?:(?:the|your|both)\s+)*(?:eyes|lids)(?:\s+(?:gently|softly|lightly))?\W*$",
        Free
    )]
    private static partial Regex OnlyShuts();

    /// <summary>
    /// "Squeeze the eyes shut, 3 s. Open wide. 10 times.": what the same part does one after the other is counted together; null where two
    /// parts move, or both were counted.
    /// </summary>
    public static Step? OfOnePartInTurn(Step before, Step step)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        return
            before is { Dose.Line: { } held, AllHands.Count: 0, AllActs: [{ Do: { } first }] }
            && step is { Dose: { } counted, AllHands.Count: 0, AllActs: [{ Do: { } second }] }
            && first != second
            && Roles.RoleWords.GoesOn([first, second]) is not null
            && OnlyHold(held) is { } hold
            && OnlyCount().IsMatch(counted.Line ?? "")
            ? InTurn(before with { Dose = null }, step with { Dose = WithDose(counted, hold) }, onward: true)
            : null;
    }

    /// <summary>
    /// "Relax the jaw." after what was counted lets go, or says what rests meanwhile, and is no step of its own: the part; null where more
    /// is told.
    /// </summary>
    public static string? Loosened(string sentence) =>
        JustLoosens().Match(sentence) is { Success: true } loose ? loose.Groups["part"].Value.ToLowerInvariant() : null;

    [GeneratedRegex(
        @"^\s*(?:(?:and|then|now)\s+)*(?:relax|loosen|release)\s+(?:(?:the|your|both)\s+)*(?<part>jaw|lips?|mouth|cheeks?|tongue"
            + @"|eyes|brows?"
            + @"|forehead|neck|shoulders|face|muscles?)(?:\s+(?:again|completely|fully|muscles?))*\W*$",
        Free
    )]
    private static partial Regex JustLoosens();

    /// <summary>"Then roll them between finger and thumb.": a hand that works on what was named before.</summary>
    public static bool WorksOnThem(Step step)
    {
        ArgumentNullException.ThrowIfNull(step);
        return OnThem().IsMatch(step.Cue ?? "");
    }

    [GeneratedRegex(@"^\s*(?:(?:and|then|now)\s+)*\p{L}+\s+(?:it|them)\b", Free)]
    private static partial Regex OnThem();

    /// <summary>Questions that a step answers, whichever sentence told it.</summary>
    public static IEnumerable<string> AnsweredBy(Step step)
    {
        ArgumentNullException.ThrowIfNull(step);
        if (step.Dose is not null)
            yield return HowManyAsked;
        if (step.AllHands.Count == 0)
            yield break;
        if (step.AllHands.All(h => h.AllPath.Count + h.AllZones.Count > 0))
            yield return WhereAsked;
        if (step.AllHands.All(h => h.Contact is not null))
            yield return WithWhatAsked;
        if (step.AllHands.All(h => h.Pressure is not null))
            yield return HowHardAsked;
        if (step.AllHands.All(h => h.Verb is "circle" or "knead" or "friction"))
            yield return WhichMassageAsked;
    }

    /// <summary>"Always downwards.": which way, and nothing else.</summary>
    public static bool OnlyThere(string sentence) => JustThere().IsMatch(sentence);

    [GeneratedRegex(@"^\s*(?:always\s+|only\s+)?(?:up|down|out|in)wards?(?:\s+only)?\W*$", Free)]
    private static partial Regex JustThere();

    /// <summary>"Then raise the right one.": the same on the other side.</summary>
    [GeneratedRegex(
        @"^\s*(?:(?:and|then|now)\s+)*(?!(?:turn|tilt|look)\b)\p{L}+\s+(?:only\s+|just\s+)?the\s+(?:left|right|other)\s+one\W*$",
        Free
    )]
    private static partial Regex TheOtherOne();

    /// <summary>What a sentence that tells of the other side says besides.</summary>
    public IEnumerable<string> BesideTheOtherSide(string sentence) => TheOtherOne().IsMatch(sentence) ? [] : Beside(sentence);

    /// <summary>
    /// "Fingers flat on the cheeks. Push the cheeks up.": hands that lie on a part and push it; null where it is the part that moves, or
    /// where something else is told besides.
    /// </summary>
    public Step? PushesWhatItLiesOn(Step laid, Step step, string text)
    {
        ArgumentNullException.ThrowIfNull(laid);
        ArgumentNullException.ThrowIfNull(step);
        return
            step is { AllHands.Count: 0, AllActs: [_] }
            && BeginsToPush().Match(text) is { Success: true } push
            && laid.AllHands is [{ AllZones.Count: > 0 } lies]
            && ZonesIn(push.Groups["part"].Value).Any(lies.AllZones.Contains)
            ? step with
            {
                Acts = [],
                Hands =
                [
                    lies with
                    {
                        Verb = "lift-hold",
                        Role = null,
                        Direction = push.Groups["way"].Value.ToLowerInvariant() switch
                        {
                            "out" => "outward",
                            "in" => "inward",
                            "back" => "backward",
                            var way => way,
                        },
                        Pressure = PressureOf(text) ?? lies.Pressure,
                    },
                ],
            }
            : null;
    }

    [GeneratedRegex(
        @"^\s*(?:(?:and|then|now)\s+)*(?:gently\s+|softly\s+|lightly\s+)?(?:push|pull|draw|lift)\w*\s+(?:the\s+|your\s+|both\s+)*"
            + @"(?<part>cheeks?|forehead|temples?|jowls?)\s+(?<way>up|down|back|out|in)(?:wards?)?\b(?![^.;]*\b(?:against|smil\w*)\b)",
        Free
    )]
    private static partial Regex BeginsToPush();

    /// <summary>"Slow.", "slowly and evenly.": in what manner, and nothing else.</summary>
    public static bool OnlyManner(string sentence) => JustManner().IsMatch(sentence);

    [GeneratedRegex(
        @"^\s*(?:(?:very|nice\s+and|and|quite)\s+)*(?:slow(?:ly)?|calm(?:ly)?|steady|steadily|smooth(?:ly)?|even(?:ly)?|controlled)"
            + @"(?:\s+and\s+(?:slow(?:ly)?|calm(?:ly)?|steady|steadily|smooth(?:ly)?|even(?:ly)?|controlled))?\W*$",
        Free
    )]
    private static partial Regex JustManner();

    /// <summary>"Use the stone on the neck.": the tool lies there, and works as is told then.</summary>
    private static string ToolTaken(string sentence) =>
        Dose(sentence) is null ? UsesTool().Replace(sentence, "place the ${tool} on") : sentence;

    public static bool UsesToolThere(string sentence) => ToolTaken(sentence) != sentence;

    /// <summary>"Take a roller. Roll up to the hairline.": with what was taken.</summary>
    public static string WithToolTaken(string text, IEnumerable<string> taken) =>
        RollsUp().IsMatch(text) && taken.Any(t => t.Contains("roller", StringComparison.OrdinalIgnoreCase))
            ? $"{text.TrimEnd('.', ' ')}, with the roller."
            : text;

    [GeneratedRegex(@"^\s*(?:(?:and|then)\s+)*roll\w*\b(?![^.;]*\b(?:shoulder|eye|head|lip|roller|finger|thumb))", Free)]
    private static partial Regex RollsUp();

    [GeneratedRegex(
        @"^\s*(?:use|take|work\s+with)\s+(?:(?:the|an?|your)\s+)*(?:\p{L}+\s+){0,2}?(?<tool>(?:stone|roller|spoons?|tool"
            + @"|cup))\s+(?:on|over|for)"
            + @"(?=\s+(?:the\s+|your\s+)?\p{L}+(?:\s+\p{L}+)?\W*$)",
        Free
    )]
    private static partial Regex UsesTool();
}
