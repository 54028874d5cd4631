using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>"Outer corners of eyes": the articles that a scribbled note leaves out, put back before it is read.</summary>
internal static partial class NoteArticles
{
    private const string Parts =
        @"(?:nose|nostrils?|eyes?|(?:eye)?brows?|forehead|temples?|cheeks?|cheek\s?bones?|chin|jaw(?:\s?line|\s?bone)?|ears?|ear\s?lobes?"
        + @"|lobes?|neck|throat|nape|collar\s?bones?|hair\s?line|mouth|lips?|tongue|teeth|palate|roof|gums|face|head|scalp|skull|shoulders?"
        + @"|(?:eye)?lids?|corners?|masseters?|joint|skin|bone|muscles?|hollows?"
        + @"|(?:tips?|sides?|ends?|base|back|(?<!\bin\s+)front|middle|centre|center|edges?|roots?|wings?|bridge|underside|pads?)\s+of)";

    private const string Kind = @"(?:(?:inner|outer|upper|lower|left|right|back|front|whole|entire|closed|side)[\uE100-\uF8FF]?\s+){0,2}";

    public static string Restored(string sentence) => Missing().Replace(sentence, m => IsPair(sentence, m) ? m.Value : "the ");

    /// <summary>"From ear to ear", "cheek to cheek".</summary>
    private static bool IsPair(string sentence, Match at) =>
        TwoAlike().Match(sentence, at.Index) is { Success: true }
        || FirstOfTwo().Match(sentence[..at.Index]) is { Success: true } one
            && sentence.AsSpan(at.Index).StartsWith(one.Groups["one"].ValueSpan, StringComparison.OrdinalIgnoreCase);

    [GeneratedRegex(@"\b(?<one>\p{L}+)\s+to\s+$", RegexOptions.IgnoreCase)]
    private static partial Regex FirstOfTwo();

    [GeneratedRegex(@"\G(?<one>\p{L}+)\s+(?:in\s+the\s+middle\s+)?to\s+\k<one>\b", RegexOptions.IgnoreCase)]
    private static partial Regex TwoAlike();

    /// <summary>
    /// Where a part is led to, or something is done to it, and no article stands. What comes next is asked first: what stands before is
    /// looked for only there.
    /// </summary>
    [GeneratedRegex(
        $@"(?={Kind}{Parts}\b)"
            + @"(?<=\b(?:(?<!\b(?:inner|outer|in\s+front|on\s+top)\s+)of|on|onto|at|in|into|under|below|beneath|over|above|to|towards?"
            + @"|from|along|against|behind|a?round|across|beside|near|past|until)\s+)"
            + @"|(?=ears?\b)(?<=\bin\s+front\s+of\s+)"
            + @"|(?=(?:(?:sides?|back|front|middle|centre|center)\s+of|neck|throat)\b)(?<=\b(?:down|up)\s+)"
            + @"|(?=(?:finger|thumb|pen|ceiling|floor|wall|window|mirror|distance)\b)"
            + @"(?<=\blook\w*\s+[^.;]{0,60}\b(?:at|into|over)\s+)"
            + $@"|(?={Kind}{Parts}\b)"
            + @"(?<=\b(?:open|close|shut|raise|lift|drop|press|push|pull|bend|turn|tilt|knead|massage|squeeze|pinch|wrinkle|grasp"
            + @"|grip|take|hold|fix|feel|bite|tighten|relax"
            + @"|(?<!\b(?:the|your|both|each|on|at|along)\s+)lower(?!\s+(?:jaw|lips?|lids?|eyelids?|teeth|back)\b))\s+)",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Missing();
}
