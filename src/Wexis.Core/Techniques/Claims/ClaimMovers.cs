using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Claims;

/// <summary>
/// Muscles that a claim tells by what they do: "the muscle that lifts the corners of the mouth" (Gray 1918 and FACS 2002, from memory).
/// </summary>
internal static partial class ClaimMovers
{
    /// <summary>Muscles that are told by what they do: where it begins, how long it is, and which they are.</summary>
    public static IEnumerable<ClaimWords.NameSaid> Told(string text)
    {
        foreach (Match muscle in MuscleThat().Matches(text))
            if (Doing(muscle.Groups["does"].Value) is { Count: > 0 } structures)
                yield return new(muscle.Index, muscle.Length, structures);
    }

    /// <summary>A text without what tells a muscle by what it does: "presses the cheeks in" is no work of a hand there.</summary>
    public static string Without(string text) =>
        MuscleThat().Replace(text, m => Doing(m.Groups["does"].Value).Count > 0 ? "muscle" : m.Value);

    /// <summary>Muscles that do what a text says is done; empty where it says none of it.</summary>
    public static IReadOnlyList<string> Doing(string text) => Table.FirstOrDefault(t => t.Does.IsMatch(text)).Structures ?? [];

    private static readonly (Regex Does, string[] Structures)[] Table =
    [
        (CornersDown(), ["depressor-anguli-oris", "platysma"]),
        (CornersUp(), ["zygomaticus-major", "levator-anguli-oris"]),
        (BrowsTogether(), ["corrugator-supercilii"]),
        (BrowsUp(), ["frontalis"]),
        (LidsOpen(), ["levator-palpebrae"]),
        (LidsClose(), ["orbicularis-oculi-palpebral", "orbicularis-oculi-orbital"]),
        (NostrilsWide(), ["nasalis-alar"]),
        (NoseWrinkles(), ["levator-labii-alaeque-nasi", "nasalis-transverse", "procerus"]),
        (LowerLipDown(), ["depressor-labii-inferioris"]),
        (ChinUp(), ["mentalis"]),
        (UpperLipUp(), ["levator-labii-superioris", "levator-labii-alaeque-nasi", "zygomaticus-minor"]),
        (MouthWide(), ["risorius", "buccinator"]),
        (LipsClose(), ["orbicularis-oris"]),
        (CheeksIn(), ["buccinator"]),
        (JawCloses(), ["masseter-superficial", "masseter-deep", "temporalis", "medial-pterygoid"]),
        (JawOpens(), ["lateral-pterygoid", "digastric-anterior", "mylohyoid"]),
        (HeadTurns(), ["sternocleidomastoid", "splenius-capitis"]),
        (ShouldersUp(), ["trapezius-descending", "levator-scapulae"]),
        (TongueOut(), ["genioglossus"]),
        (EyesTurn(), ["superior-rectus", "inferior-rectus", "medial-rectus", "lateral-rectus", "superior-oblique", "inferior-oblique"]),
        (Smiles(), ["zygomaticus-major"]),
    ];

    private const RegexOptions Free = RegexOptions.IgnoreCase;

    [GeneratedRegex(
        @"\bmuscles?\s+(?:(?!that\b|which\b)[\p{L}-]+\s+){0,4}(?:that|which)\s+(?:(?:also|mainly|gently)\s+)?"
            + @"(?<does>[^,.;]{3,60}?)(?=\s*(?:[,.;]|$)|\s+(?:is|are|was|gets?|works?|grows?|becomes?|does|do|will|and|but"
            + @"|while|gives|takes|has|stays|rests|yields|stretches|lengthens|relaxes|tires|contracts|plays|lets|joins|helps)\b)",
        Free
    )]
    private static partial Regex MuscleThat();

    [GeneratedRegex(
        @"\b(?:pull|draw|drag|turn|bring)\w*\b[^,.;]*\bcorners?\b[^,.;]*\bdown|\b(?:lower|depress)\w*\b[^,.;]*\bcorners?\b"
            + @"|\bpull\w*\s+down\b[^,.;]*\bcorners?\b",
        Free
    )]
    private static partial Regex CornersDown();

    [GeneratedRegex(@"\b(?:lift|rais|pull|draw|turn\w*\s+up)\w*\b[^,.;]*\bcorners?\b(?![^,.;]*\b(?:down|back|side|apart))", Free)]
    private static partial Regex CornersUp();

    [GeneratedRegex(
        @"\b(?:draw|pull|knit|bring|mov|push)\w*\b[^,.;]*\b(?:brows?|them)\b[^,.;]*\btogether|\bfrowns?\b(?!\s+(?:lines?"
            + @"|marks?|muscles?))",
        Free
    )]
    private static partial Regex BrowsTogether();

    [GeneratedRegex(@"\b(?:lift|rais)\w*\b[^,.;]*\b(?:eye)?brows?\b|\bpull\w*\b[^,.;]*\b(?:eye)?brows?\s+up", Free)]
    private static partial Regex BrowsUp();

    [GeneratedRegex(@"\bopen\w*\b[^,.;]*\b(?:eyes?|(?:eye)?lids?)\b|\b(?:lift|rais)\w*\b[^,.;]*\b(?:eye)?lids?\b", Free)]
    private static partial Regex LidsOpen();

    [GeneratedRegex(@"\b(?:clos|shut|squeez)\w*\b[^,.;]*\b(?:eyes?|(?:eye)?lids?)\b|\bblinks?\b", Free)]
    private static partial Regex LidsClose();

    [GeneratedRegex(@"\b(?:flar|widen|open)\w*\b[^,.;]*\bnostrils?\b", Free)]
    private static partial Regex NostrilsWide();

    [GeneratedRegex(@"\b(?:wrinkl|scrunch|crinkl)\w*\b[^,.;]*\bnose\b", Free)]
    private static partial Regex NoseWrinkles();

    [GeneratedRegex(@"\blower(?:s|ing)\b[^,.;]*\blower\s+lip\b|\bpull\w*\b[^,.;]*\blower\s+lip\b[^,.;]*\bdown", Free)]
    private static partial Regex LowerLipDown();

    [GeneratedRegex(
        @"\b(?:lift|rais|push|wrinkl|dimpl)\w*\b[^,.;]*\bchin\b|\b(?:push|lift|rais)\w*\b[^,.;]*\blower\s+lip\b(?![^,.;]*\bdown)",
        Free
    )]
    private static partial Regex ChinUp();

    [GeneratedRegex(@"\b(?:lift|rais)\w*\b[^,.;]*\bupper\s+lip\b", Free)]
    private static partial Regex UpperLipUp();

    [GeneratedRegex(
        @"\b(?:pull|draw|stretch|widen)\w*\b[^,.;]*\b(?:mouth|corners?|lips)\b[^,.;]*\b(?:sideways|back|wide|apart|sides?|outwards?)\b",
        Free
    )]
    private static partial Regex MouthWide();

    [GeneratedRegex(@"\b(?:purs|pucker|clos|round|press|seal)\w*\b[^,.;]*\blips?\b|\bkiss(?:es)?\b", Free)]
    private static partial Regex LipsClose();

    [GeneratedRegex(@"\b(?:suck|press|pull|flatten)\w*\b[^,.;]*\bcheeks?\b[^,.;]*\b(?:in|inwards?|teeth)\b|\bblows?\b", Free)]
    private static partial Regex CheeksIn();

    [GeneratedRegex(@"\b(?:clos|clench)\w*\b[^,.;]*\b(?:jaw|teeth|mouth)\b|\b(?:chews?|bites?)\b", Free)]
    private static partial Regex JawCloses();

    [GeneratedRegex(@"\b(?:open|lower)\w*\b[^,.;]*\b(?:jaw|mouth)\b", Free)]
    private static partial Regex JawOpens();

    [GeneratedRegex(@"\b(?:turn|rotat)\w*\b[^,.;]*\bhead\b", Free)]
    private static partial Regex HeadTurns();

    [GeneratedRegex(@"\b(?:lift|rais|shrug|pull)\w*\b[^,.;]*\bshoulders?\b(?![^,.;]*\bdown)", Free)]
    private static partial Regex ShouldersUp();

    [GeneratedRegex(@"\b(?:stick|push|put|bring)\w*\b[^,.;]*\btongue\b[^,.;]*\b(?:out|forwards?)\b", Free)]
    private static partial Regex TongueOut();

    [GeneratedRegex(@"\b(?:turn|mov|roll|rotat)\w*\b[^,.;]*\b(?:eyes?|eyeballs?|gaze)\b", Free)]
    private static partial Regex EyesTurn();

    [GeneratedRegex(@"\b(?:smiles?|laughs?)\b", Free)]
    private static partial Regex Smiles();
}
