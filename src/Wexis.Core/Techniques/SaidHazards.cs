using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques;

/// <summary>
/// What a technique says that must not be taught: pushing on through a stop sign, force on the eye, the throat or the neck, long breath-holds,
/// eyes or hands busy at the wheel (R106; wordings are common practice). A sentence that forbids it is fine.
/// </summary>
internal static partial class SaidHazards
{
    private static readonly (string Id, string Name, string Verdict, Regex Says, string Because, string Instead)[] Rules =
    [
        ("stop-sign", "A stop sign taught as normal", "stop", PushesOn(), "teaches going on where the person must stop", "Say instead: stop at pain, numbness, flashes or dizziness, and ask a clinician."),
        ("hz-globe", "Force on the eye", "stop", OnTheEye(), "puts force on the eyeball or into the orbit", "Stay on the front of the bony rim, force into bone; on the lid no more than a feather."),
        ("hz-larynx", "Force on the throat", "stop", OnTheThroat(), "puts force on the throat or on both sides of it", "Stay behind the side-neck muscle, one side at a time, light."),
        ("hz-vertebral", "A forced neck or head", "stop", ForcedNeck(), "forces the neck or pulls the head", "Let the head's own weight stretch, within comfort; no hand at the end of the range."),
        ("long-breath-hold", "A long breath-hold", "stop", LongBreathHold(), "holds the breath for long", "Breathe on. Long breath-holds are a separate skill, after screening."),
        ("breath-hold", "A breath-hold", "caution", BreathHold(), "holds the breath", "Breathe on during effort; screen for blood pressure, heart, epilepsy and panic first."),
        ("at-the-wheel", "Eyes or hands busy at the wheel", "stop", AtTheWheel(), "is done while driving or at a machine", "Only seated, with nothing else to watch."),
        ("bruise", "A mark as a goal", "stop", Bruises(), "takes a bruise, a welt or strong redness for the goal", "Light pink that fades within minutes is the end; no mark is a goal."),
    ];

    public static void Add(List<SafetyFinding> findings, IEnumerable<string?> texts)
    {
        foreach (var sentence in texts.OfType<string>().SelectMany(t => Sentences().Split(t)).Select(t => t.Trim()).Where(t => t.Length > 0))
            foreach (var rule in Rules)
            {
                if (rule.Says.Match(sentence) is not { Success: true } hit || Forbids().IsMatch(sentence[..hit.Index])) continue;
                findings.Add(new(rule.Id, rule.Name, rule.Verdict, $"“{sentence}” {rule.Because}.", rule.Instead, new("R106", "A technique's text that teaches pushing on through a stop sign is refused.", [new("words", hit.Value)], "action model; common practice"), []));
                // One sentence, one finding of a kind: the long hold says all that the short one would.
                if (rule.Id == "long-breath-hold") break;
            }
    }

    /// <summary>Hazard classes that only words can tell.</summary>
    public static IEnumerable<string> Classes(string said)
    {
        if (Told(SqueezeSpot(), said)) yield return "squeeze-spot";
        if (Told(HairPull(), said)) yield return "hair-pull";
        if (Told(InsideCanal(), said)) yield return "inside-canal";
        if (Told(OpenWound(), said)) yield return "open-wound-contact";
    }

    private static bool Told(Regex pattern, string said) => Sentences().Split(said).Any(s => pattern.Match(s) is { Success: true } hit && !Forbids().IsMatch(s[..hit.Index]));

    private const RegexOptions Free = RegexOptions.IgnoreCase;

    [GeneratedRegex(@"[.!?;]", RegexOptions.None, 200)] private static partial Regex Sentences();
    [GeneratedRegex(@"\b(?:never|not|don't|avoid|without|unless|if|stop\s+(?:at|before|when|as\s+soon)|before|nothing|no\s+one|nobody)\b", Free, 200)] private static partial Regex Forbids();
    [GeneratedRegex(@"push(?:ing)?\s+(?:on\s+)?through|(?:ignore|bear|endure|work\s+through|breathe\s+through)\s+(?:the\s+|any\s+|it\s+)?(?:pain|tingling|dizziness|numbness|burning)|(?:go|carry|keep)\s+(?:on|going)\b.{0,40}\b(?:hurts?|pain\w*|numb\w*|dizz\w*|flash\w*|tingl\w*|double)|until\b.{0,30}\b(?:numb\w*|flash\w*|stars|lights|dizz\w*|hurts?|pain\w*|tingl\w*|faint\w*|blurr\w*)|through\s+the\s+pain|no\s+pain,?\s+no\s+gain|(?:flashes|stars|lights|numbness|tingling|dizziness|pain)\s+(?:is|are)\s+(?:normal|good|a\s+good\s+sign|welcome|fine)|pain\s+means\s+it\s+works", Free, 200)] private static partial Regex PushesOn();
    [GeneratedRegex(@"\b(?:press|push|squeeze|knead|massage)\w*\b.{0,30}\b(?:eyeballs?|globe|into\s+the\s+(?:orbit|eye\s+socket)|on\s+the\s+eyes?\b|behind\s+the\s+(?:rim|eye\w*))|\b(?:finger|pinky|thumb)\w*\b.{0,30}\b(?:into\s+the\s+(?:orbit|eye\s+socket)|behind\s+the\s+(?:rim|eyeball))", Free, 200)] private static partial Regex OnTheEye();
    [GeneratedRegex(@"\b(?:press|push|squeeze|knead|grip|dig)\w*\b.{0,40}\b(?:throat|windpipe|adam'?s\s+apple|larynx|both\s+sides\s+of\s+the\s+neck|carotid\w*|pulse\s+of\s+the\s+neck)", Free, 200)] private static partial Regex OnTheThroat();
    [GeneratedRegex(@"\b(?:pull|yank|jerk|crack|thrust|force|wrench)\w*\b.{0,25}\b(?:head|neck|skull)|\b(?:head|neck)\b.{0,20}\b(?:with\s+(?:full|all)\s+(?:force|strength)|as\s+far\s+as\s+the\s+hand\s+can|until\s+it\s+cracks)", Free, 200)] private static partial Regex ForcedNeck();
    [GeneratedRegex(@"\b(?:hold|holding|keep)\w*\s+(?:your\s+|the\s+)?breath\b.{0,30}\b(?:as\s+long\s+as|(?:1\d|[2-9]\d|\d{3,})\s*(?:s|sec\w*)|minutes?)|\bas\s+long\s+as\s+you\s+can\b.{0,30}\bbreath", Free, 200)] private static partial Regex LongBreathHold();
    [GeneratedRegex(@"\b(?:hold|holding|keep)\s+(?:your\s+|the\s+)?breath\b", Free, 200)] private static partial Regex BreathHold();
    [GeneratedRegex(@"\b(?:while|when|during)\s+(?:you\s+(?:are\s+)?)?(?:driv\w+|cycling|at\s+the\s+wheel|working\s+a\s+machine|climbing\s+stairs)|\bat\s+(?:the\s+wheel|red\s+lights)\b|\bin\s+the\s+car\s+while\b", Free, 200)] private static partial Regex AtTheWheel();
    [GeneratedRegex(@"\b(?:until|so\s+that|goal|should|want)\b.{0,30}\b(?:bruis\w*|welts?|blood\s+spots?|deep\s+red|dark\s+red|purple)", Free, 200)] private static partial Regex Bruises();
    [GeneratedRegex(@"\bsqueeze\w*\b.{0,20}\b(?:spots?|pimples?|boils?|blackheads?)", Free, 200)] private static partial Regex SqueezeSpot();
    [GeneratedRegex(@"\bpull\w*\b.{0,20}\bhair\b", Free, 200)] private static partial Regex HairPull();
    [GeneratedRegex(@"\b(?:into|inside)\s+the\s+ear\s*(?:canal|hole)?\b", Free, 200)] private static partial Regex InsideCanal();
    [GeneratedRegex(@"\b(?:on|over|rub|press)\w*\b.{0,20}\b(?:sores?|wounds?|ulcers?|bleeding)\b", Free, 200)] private static partial Regex OpenWound();
}
