using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What leans on what was named before, spelt out before the sentence is read: "Jaw: slide it left" is "slide the jaw left".</summary>
internal sealed partial class NoteGlossary
{
    private static string SpeltOut(string sentence)
    {
        if (PartLabel().Match(sentence) is { Success: true } label)
            sentence =
                sentence[..label.Length]
                + OfTheLabel()
                    .Replace(sentence[label.Length..], m =>
                        // What is shifted in full cheeks is the air.
                        AirWord().IsMatch(sentence[..(label.Length + m.Index)])
                            ? m.Value
                            : $"{m.Groups["verb"].Value} the {label.Groups["part"].Value.ToLowerInvariant()}");
        if (Arrow().IsMatch(sentence))
            sentence = Arrow().Replace(FirstArrow().Replace(sentence, "from ${start} -> ", 1), " to ");
        if (SkinHeld().IsMatch(sentence) && HandWord().IsMatch(sentence))
            // What lifts while fingers hold is the face.
            sentence = CheeksLift().Replace(sentence, "smile");
        sentence = WhileTrying().Replace(sentence, "${verb} the ${part} against the fingers");
        return OutFromThere()
            .Replace(sentence, m =>
                $"{m.Value[..(m.Groups["way"].Index - m.Index)]}to the {OuterEnds[m.Groups["along"].Value.ToLowerInvariant()]}"
            );
    }

    /// <summary>Where a way outwards ends.</summary>
    private static readonly Dictionary<string, string> OuterEnds = new(StringComparer.Ordinal)
    {
        ["eye"] = "outer corner of the eye",
        ["eyes"] = "outer corner of the eye",
        ["brow"] = "outer brow",
        ["brows"] = "outer brow",
        ["eyebrow"] = "outer brow",
        ["eyebrows"] = "outer brow",
        ["forehead"] = "temple",
        ["jaw"] = "ear",
        ["jawline"] = "ear",
        ["cheekbone"] = "front of the ear",
        ["cheekbones"] = "front of the ear",
    };

    [GeneratedRegex(@"\b(?:hold|fix|keep|brace)\w*\s+(?:the\s+|your\s+)?skin\b", Free)]
    private static partial Regex SkinHeld();

    [GeneratedRegex(@"\bair\b", Free)]
    private static partial Regex AirWord();

    /// <summary>"Press the forehead into the palm": one of them presses.</summary>
    [GeneratedRegex(
        @"\bpress\w*\s+(?:the\s+|your\s+)?(?:forehead|head|temples?|chin|back\s+of\s+the\s+head)\s+(?:into|against|onto)\s+(?:the\s+|your\s+|both\s+)*(?:palms?|hands?|fists?|fingers?|fingertips)\b",
        Free
    )]
    private static partial Regex PressedInto();

    [GeneratedRegex(@"\b(?:lift|rais)\w*\s+(?:(?:the|your|both)\s+)*cheeks(?:\s+up)?", Free)]
    private static partial Regex CheeksLift();

    /// <summary>"Nose -> ear".</summary>
    [GeneratedRegex(@"\s*(?:-+>|=+>|→|⇒|➔|➜)\s*")]
    private static partial Regex Arrow();

    [GeneratedRegex(@"(?:\bfrom\s+)?(?<start>\b[\p{L}][\p{L} ]{1,30}?)\s*(?:-+>|=+>|→|⇒|➔|➜)\s*", Free)]
    private static partial Regex FirstArrow();

    /// <summary>A part of the face before the sentence, of which the sentence speaks.</summary>
    [GeneratedRegex(
        @"^\s*(?<part>(?:eye)?brows?|(?:upper\s+|lower\s+)?lips?|(?:lower\s+)?jaw|mouth|chin|head|shoulders?|tongue|eyes|cheeks|nostrils|nose)\s*(?::|\s[-–])\s+",
        Free
    )]
    private static partial Regex PartLabel();

    /// <summary>A movement that names no part of its own.</summary>
    [GeneratedRegex(
        @"\b(?<verb>(?:lift|rais|drop|lower|slid|mov|push|press|roll|pull|suck|puff|clos|open|stick|turn|tilt|tuck|shift|purs|flar|wrinkl|squeez)\w*)(?:\s+(?:it|them)\b|(?=\s+(?:to\s+(?:the\s+)?)?(?:left|right|up|down|forwards?|in|out|together|wide|loosely|slowly|gently|softly)\b|\s*(?:[,;&]|$)|\s+(?:and|then|\d)))(?!\s+with\b)",
        Free
    )]
    private static partial Regex OfTheLabel();

    /// <summary>"Push the brows down while trying to lift them": they are lifted, and held against it.</summary>
    [GeneratedRegex(
        @"\b(?:press|push|pull|hold)\w*\s+(?:the\s+|your\s+|both\s+)*(?<part>(?:eye)?brows?|cheeks?|corners(?:\s+of\s+the\s+mouth)?|lids?|eyes|jaw|mouth|chin|lips?|shoulders?|head)\s+(?:(?:down|up|in|out|back|closed|shut|together|still)\w*\s+)?(?:firmly\s+|gently\s+|lightly\s+)?,?\s*(?:while|and|as)\s+(?:you\s+)?(?:try|trying|attempt|attempting)\s+to\s+(?<verb>\p{L}+)\s+(?:them|it)\b",
        Free
    )]
    private static partial Regex WhileTrying();

    /// <summary>"Under the eye outwards": along something to its outer end.</summary>
    [GeneratedRegex(
        @"\b(?:under|below|beneath|above|over|along|across)\s+(?:the\s+|your\s+|each\s+)?(?<along>eyes?|(?:eye)?brows?|forehead|jaw(?:line)?|cheekbones?)\s+(?<way>outwards?)\b(?!\s+to)",
        Free
    )]
    private static partial Regex OutFromThere();
}
