using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Which way a hand pulls, circles or strokes, where a sentence names no end of the way.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>Which way the skin is pulled: "pull gently out and up".</summary>
    [GeneratedRegex(
        @"\b(?:pull|draw|lift|push|press|tug|slide|shift|move|stretch|hold)\w*\s+(?:(?!and\b|then\b"
            + @"|to\b)\p{L}+\s+){0,6}?(?<way>up|down|out|in(?!\s+(?:front|the|your|an?|place|turn|small|slow|circles?|one|between)\b)"
            + @"|back|apart|forward)(?:wards?|s)?\b(?:\s*(?:,|and|\+|&|/"
            + @"|\s)\s*(?:slightly\s+|a\s+(?:bit|little)\s+)?(?<way>up|down|out|in|back"
            + @"|apart)(?:wards?)?\b){0,2}(?!\s+(?:to\s+the\s+middle|again))"
            + @"|\b(?<way>up|down|out|back)(?:wards?)?(?:\s*(?:,|and|\+|&|/)\s*(?<way>up|down|out|back)(?:wards?)?)?\s+(?:pull|lift"
            + @"|stretch|push)\b(?=\s*(?:[,.;·]|$))",
        Free
    )]
    private static partial Regex Pulled();

    /// <summary>Circles that work their way "up and out".</summary>
    [GeneratedRegex(
        @"\bcircl\w*\b[^.;]{0,60}\b(?:(?<one>up|down)(?:wards?)?\s*(?:,|and|\+|&|/)\s*(?<other>out|in)|(?<one>out"
            + @"|in)(?:wards?)?\s*(?:,|and|\+|&|/)\s*(?<other>up|down))(?:wards?)?\b(?!\s+(?:the|to|of|a)\b)",
        Free
    )]
    private static partial Regex CirclesAslant();

    /// <summary>Which way a stroke goes that names no end.</summary>
    [GeneratedRegex(@"\b(?<way>out|in)wards?\b", Free)]
    private static partial Regex OutOrIn();

    /// <summary>"From the jaw down", "the left side down": which way it goes, where nothing stands behind it.</summary>
    [GeneratedRegex(@"(?<!\b(?:head|chin|face|shoulders?|eyes?|look\w*)\s+)\b(?<way>up|down|out)\b(?=\s*(?:[,.;·]|$|\d))", Free)]
    private static partial Regex LoneWay();

    private static string DirectionOf(string way) =>
        way switch
        {
            "out" or "apart" => "outward",
            "in" => "inward",
            "back" => "backward",
            _ => way,
        };

    /// <summary>Degrees on the left half of the face of two ways told together; null where they are one line. Back is out there.</summary>
    private static double? DegreesOf(string one, string other) =>
        (one is "up" or "down" ? (one, other) : (other, one)) switch
        {
            ("up", "out" or "back") => 45,
            ("up", "in") => 135,
            ("down", "in") => 225,
            ("down", "out" or "back") => 315,
            _ => null,
        };
}
