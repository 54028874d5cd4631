using System.Text.RegularExpressions;
using Wexis.Core.Measures;

namespace Wexis.Core.People;

/// <summary>
/// What a person says in their own words while or after doing it. An alarm stops and says whom to call; what is wholly understood as
/// harmless is
/// allowed; everything else is asked about, since a word that is not understood is not a no (house ruling 16). Published warning signs
/// (stroke,
/// heart, eye, neck artery, allergy: first-aid teaching), worded from memory.
/// </summary>
internal static partial class ReportReading
{
    private const RegexOptions Free = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture;
    private const string Emergency = "The emergency number now.";
    private const string Today = "A doctor today.";
    private const string Eyes = "An emergency eye clinic, today.";
    private const string Dentist = "A dentist or jaw clinic, today.";

    public static ConditionHit Of(string report)
    {
        var text = report.Replace('’', '\'').ToLowerInvariant();
        var without = NotThere().Replace(text, " fine ");
        foreach (var (pattern, call) in Alarms)
            if (pattern.IsMatch(without))
                return new("report", report, Handling.Avoid, Response.StopAndRefer, $"Stop now. {call}", null, "a doctor");
        return Words().Matches(without).All(w => Harmless.Contains(w.Value)) && Words().IsMatch(without)
            ? new("report", report, Handling.Ok, Response.Allow, "Nothing in these words speaks against it.", null, "nobody")
            : new(
                "report",
                report,
                Handling.Ask,
                Response.AskClinician,
                "I do not understand this well enough: ask what is meant, and ask a doctor when in doubt. Until then we leave it out.",
                null,
                "a doctor"
            );
    }

    private static Regex F(string pattern) => new($@"\b(?:{pattern})", Free);

    private static readonly IReadOnlyList<(Regex Pattern, string Call)> Alarms =
    [
        (
            F(
                @"(?:chest|heart)\b.{0,20}\b(?:pain|pressure|tight|pounding|racing|stumbl\w*)|pain\b.{0,20}\b(?:chest|left\s+arm)"
                    + @"|short\s+of\s+breath|breathless|can(?:not|'t)\s+(?:breathe|get\s+air)|trouble\s+breathing"
                    + @"|hard\s+to\s+breathe"
            ),
            Emergency
        ),
        (
            F(
                @"slur\w*|trouble\s+(?:speaking|swallowing)|can(?:not|'t)\s+(?:speak|swallow|find\s+words|lift)|words\s+(?:come"
                    + @"|came)\s+out\s+wrong|confus\w*|one\s+side\b.{0,25}\b(?:weak\w*|droop\w*|hang\w*|numb\w*|down)|(?:face"
                    + @"|mouth|corner)\b.{0,25}\b(?:droop\w*|hang\w*|sag\w*|lopsided|crooked)|weak\w*\b.{0,20}\b(?:arm|leg"
                    + @"|side|face)|(?:arm|leg|side)\b.{0,20}\bweak\w*|paraly\w*|stroke|collapse\w*|unconscious|seizure"
                    + @"|fits?\b|convuls\w*"
            ),
            Emergency
        ),
        (
            F(
                @"(?:worst|sudden|thunderclap|terrible|never\s+had\s+such)\b.{0,25}\bhead\w*|head(?:ache)?\b.{0,25}\b(?:like\s+never"
                    + @"|worst|sudden\w*|explod\w*|burst\w*|split\w*)|neck\b.{0,25}\b(?:tear\w*|ripp\w*|like\s+never)"
            ),
            Emergency
        ),
        (
            F(
                @"(?:tongue|lips?|face|throat|eyes?)\b.{0,20}\b(?:swell\w*|swollen)\b.{0,25}\b(?:sudden\w*|fast|quick\w*|breath\w*"
                    + @"|since)|sudden\w*\b.{0,20}\bswell\w*|(?:tongue|throat)\b.{0,15}\b(?:swell\w*|swollen|tight\w*|clos\w*)"
                    + @"|anaphyla\w*|hives"
            ),
            Emergency
        ),
        (
            F(
                @"faint\w*|pass(?:ed|ing)?\s+out|black(?:ed|ing)?\s+out|everything\s+(?:went|goes)\s+(?:black|dark)|went\s+black"
                    + @"|black\s+before|unsteady|stagger\w*|can(?:not|'t)\s+walk"
            ),
            Emergency
        ),
        (
            F(
                @"flash\w*|floaters?|curtain|shadow\b.{0,20}\b(?:eye|sight|vision)|veil|(?:loss\s+of|lost|losing"
                    + @"|lose)\b.{0,15}\b(?:vision|sight|see\w*)|can(?:not|'t)\s+see|blind\w*|sees?\s+(?:stars|sparks|lights"
                    + @"|lightning|nothing|black|double)|stars\s+(?:in|before)|soot|black\s+spots|halos?|(?:sight"
                    + @"|vision)\b.{0,20}\b(?:gone|worse|dark\w*|narrow\w*|missing|blurr\w*|dim\w*)|blurr\w*|eye\s+pain"
                    + @"|pain\b.{0,15}\beyes?|eyes?\b.{0,15}\b(?:hurts?|pain\w*)"
            ),
            Eyes
        ),
        (
            F(
                @"double\s+(?:vision|images?|pictures?|sight)|(?:see|sees|seeing|saw|everything(?:'s|\s+is)?"
                    + @"|looks?)\s+(?:\w+\s+){0,2}double|double$|(?:lid|eyelid|eye)\b.{0,20}\b(?:droop\w*|hang\w*|won't\s+open"
                    + @"|does\s+not\s+open)|pupils?\b"
            ),
            Today
        ),
        (
            F(
                @"dizz\w*|giddy|giddiness|light-?headed\w*|woozy|spinning|room\s+(?:spins|turns)|vertigo|numb\w*|tingl\w*"
                    + @"|pins\s+and\s+needles|prickl\w*|no\s+feeling|can(?:not|'t)\s+feel|lost\s+feeling|electric\w*|shooting"
                    + @"|sharp|stabb\w*|burning\s+pain|throbb\w*|vomit\w*|threw\s+up|nause\w*|palpitation\w*"
            ),
            Today
        ),
        (
            F(
                @"jaws?\b.{0,20}\b(?:lock\w*|stuck|jam\w*|won't|cannot|can't|does\s+not|doesn't|out\s+of\s+joint|dislocat\w*)"
                    + @"|(?:cannot|can't)\s+(?:open|close|shut)\b.{0,15}\b(?:mouth|jaw)|lock\s?jaw|locked"
            ),
            Dentist
        ),
        (
            F(
                @"bleed\w*|pus\b|fever|chills|lump\b|blister\w*|(?:jaw|temple|scalp)\b.{0,20}\b(?:tender|pain\w*"
                    + @"|hurts?)\b.{0,25}\b(?:chew\w*|comb\w*|touch\w*)|ring\w*\b.{0,12}\bears?|ears?\b.{0,12}\bring\w*"
                    + @"|sudden\w*\s+deaf|hear(?:ing)?\b.{0,10}\b(?:gone|lost|worse)"
            ),
            Today
        ),
    ];

    /// <summary>"No dizziness", "without pain", "not dizzy any more": what is not there.</summary>
    [GeneratedRegex(
        @"\b(?:no|not|without|never|neither|nor|free\s+of|didn't|did\s+not|don't|do\s+not|does\s+not|doesn't|isn't|is\s+not|hasn't"
            + @"|nothing|none)\s+(?:(?:any|a|the|more|feel|have|had|get|got|longer|at\s+all|real|new)\s+)*(?:dizz\w*|pain\w*"
            + @"|hurts?|hurting|numb\w*|tingl\w*|flash\w*|headache\w*|faint\w*|double\s+vision|nausea|giddi\w*|bleeding"
            + @"|swelling|fever|blurr\w*|palpitations|floaters|problems?|complaints?|light-?headed\w*|discomfort"
            + @"|side\s+effects?)(?:\s*(?:,|or|and|nor)\s*(?:no\s+|any\s+)?(?:dizz\w*|pain\w*|numb\w*|tingl\w*|flash\w*"
            + @"|headache\w*|faint\w*|nausea|swelling|fever|double\s+vision|discomfort))*",
        Free
    )]
    private static partial Regex NotThere();

    [GeneratedRegex(@"[a-z][a-z'-]*", Free)]
    private static partial Regex Words();

    /// <summary>Words that say nothing alarming in any order. A report made of these alone is understood.</summary>
    private static readonly IReadOnlySet<string> Harmless = new HashSet<string>(StringComparer.Ordinal)
    {
        "a",
        "about",
        "after",
        "again",
        "all",
        "always",
        "am",
        "an",
        "and",
        "any",
        "anything",
        "are",
        "as",
        "at",
        "awake",
        "be",
        "been",
        "before",
        "best",
        "better",
        "between",
        "bit",
        "both",
        "brow",
        "brows",
        "but",
        "by",
        "calm",
        "calmer",
        "cheek",
        "cheeks",
        "chin",
        "clear",
        "comfortable",
        "complaint",
        "complaints",
        "cool",
        "cosy",
        "did",
        "do",
        "does",
        "done",
        "double",
        "during",
        "each",
        "ease",
        "easier",
        "easily",
        "easy",
        "enjoy",
        "enjoyed",
        "even",
        "evening",
        "every",
        "everything",
        "exercise",
        "exercises",
        "eyes",
        "face",
        "feel",
        "feeling",
        "feels",
        "felt",
        "fine",
        "firm",
        "firmer",
        "for",
        "forehead",
        "fresh",
        "fresher",
        "from",
        "fun",
        "gentle",
        "glad",
        "glowing",
        "good",
        "great",
        "had",
        "happy",
        "has",
        "have",
        "i",
        "in",
        "is",
        "it",
        "it's",
        "its",
        "jaw",
        "just",
        "kind",
        "like",
        "liked",
        "lines",
        "lips",
        "little",
        "loose",
        "looser",
        "lovely",
        "massage",
        "me",
        "mild",
        "mirror",
        "more",
        "morning",
        "much",
        "my",
        "myself",
        "neck",
        "nice",
        "nicely",
        "normal",
        "now",
        "of",
        "ok",
        "okay",
        "on",
        "only",
        "or",
        "perfectly",
        "pink",
        "pleasant",
        "pleasantly",
        "practice",
        "practised",
        "problem",
        "problems",
        "quiet",
        "quite",
        "really",
        "refreshed",
        "relaxed",
        "relaxing",
        "rested",
        "right",
        "left",
        "rosy",
        "same",
        "session",
        "side",
        "sides",
        "skin",
        "slept",
        "slight",
        "slightly",
        "smile",
        "smiling",
        "smooth",
        "smoother",
        "so",
        "soft",
        "softer",
        "sound",
        "still",
        "technique",
        "than",
        "thank",
        "thanks",
        "that",
        "the",
        "them",
        "then",
        "there",
        "they",
        "this",
        "time",
        "to",
        "today",
        "too",
        "usual",
        "very",
        "warm",
        "warmer",
        "warmth",
        "was",
        "we",
        "well",
        "were",
        "when",
        "while",
        "with",
        "wonderful",
        "would",
        "wrinkles",
        "yes",
        "yesterday",
        "you",
        "worry",
        "yawn",
        "yawned",
        "lifted",
        "lighter",
        "light",
    };
}
