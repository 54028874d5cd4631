using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Doses;

/// <summary>The words of a dose line.</summary>
public static partial class DoseLine
{
    private const string N = @"\d+(?:\.\d+)?(?:\s*(?:-|/|to)\s*\d+(?:\.\d+)?){0,2}";

    [GeneratedRegex(@"\s+")]
    private static partial Regex WhiteSpace();

    [GeneratedRegex(@"\d+(?:\.\d+)?")]
    private static partial Regex NumberPattern();

    [GeneratedRegex(@"(?<![\d\s/])\s*-\s*\d+(?:\.\d+)?|(?<=[a-z]\s)-\s*\d+(?:\.\d+)?|^\s*-\s*\d+(?:\.\d+)?")]
    private static partial Regex Negative();

    [GeneratedRegex(
        @"(?:\brest\s+(?:of\s+)?(?<n>\d+(?:\.\d+)?)\s*(?:s|sec|secs|seconds?)\b)|(?:(?<n>\d+(?:\.\d+)?)\s*(?:s|sec|secs|seconds?)\s+rest\b)"
    )]
    private static partial Regex RestPattern();

    [GeneratedRegex(@"\bin\s+(?<in>\d+(?:\.\d+)?)\s*(?:s|sec)?,?\s*(?:and\s+)?out\s+(?<out>\d+(?:\.\d+)?)\s*(?:s|sec)?\b")]
    private static partial Regex BreathPhases();

    [GeneratedRegex(@"\b(?:in\s+)?(?:each\s+of\s+|x\s*)?(?<n>\d+)\s*(?:lanes?|rows?|lines?|places?|spots?|points?|sections?)\b")]
    private static partial Regex Lanes();

    [GeneratedRegex(@"\b(?<w>once|twice|thrice|\d+\s*(?:x|times))\s+(?:a|per|each|every)\s+day\b|\bdaily\b")]
    private static partial Regex TimesADay();

    [GeneratedRegex(@"\b(?:on\s+)?(?<n>\d+)\s*(?:days?|x|times)\s+(?:a|per|each)\s+week\b|\bevery\s+day(?:\s+of\s+the\s+week)?\b")]
    private static partial Regex DaysAWeek();

    [GeneratedRegex(@"\+\s*(?<n>\d+)(?:\s+more)?\b")]
    private static partial Regex Extra();

    [GeneratedRegex(@"\b(?:the\s+)?demo(?:nstrat(?:ion|ed one))?\s+(?:does\s+not\s+count|counts|not\s+counted|counted)\b")]
    private static partial Regex DemoCounts();

    [GeneratedRegex(
        @"\b(?:hold(?:\s+(?:for|of))?\s+(?<n>\d+(?:\.\d+)?)\s*(?:s|sec|secs|seconds?)\b)|(?:\b(?<n>\d+(?:\.\d+)?)\s*(?:s|sec|secs|seconds?)\s+(?:hold|holds|each\s+hold)\b)"
    )]
    private static partial Regex HoldSeconds();

    [GeneratedRegex(
        @"\b(?:each|both|every|per)\s+(?:ways?|directions?)\b|\bboth\s+ways\b|\b(?:cw|clockwise)\s+and\s+(?:ccw|anticlockwise|counter-?clockwise)\b|\bthere\s+and\s+back\b"
    )]
    private static partial Regex EachWay();

    [GeneratedRegex(@"\b(?:(?:anti|counter-?)?clockwise|ccw|cw)(?:\s+only)?\b|\bone\s+way(?:\s+only)?\b")]
    private static partial Regex OneWay();

    [GeneratedRegex(@"\b(?:on\s+)?(?:each|per|every|a)\s+(?:sides?|hands?|eyes?|cheeks?|ears?)\b|\bper\s+side\b|\beach\s+one\b")]
    private static partial Regex PerSide();

    [GeneratedRegex(@"\bin\s+(?:all|total)\b|\baltogether\b|\btotal\b")]
    private static partial Regex InAll();

    [GeneratedRegex(
        @"\bboth\s+(?:sides\s+|hands\s+|eyes\s+)?(?:together|at\s+once)\b|\btogether\b|\bat\s+once\b|\bboth\s+(?:sides|hands)\b"
    )]
    private static partial Regex Together();

    [GeneratedRegex(@"\balternat(?:e|ing|ely)(?:\s+(?:hands|sides))?\b")]
    private static partial Regex Alternate();

    [GeneratedRegex(@"\b(?:on\s+the\s+)?(?<side>left|right)(?:\s+side)?(?:\s+only)?\b")]
    private static partial Regex OneSide();

    [GeneratedRegex(@"\b(?<sets>\d+)\s*(?:x|sets?\s+of|times)\s*(?<n>" + N + @")(?!\s*(?:s|sec|secs|seconds?|min|minutes?|breaths?)\b)")]
    private static partial Regex SetsTimes();

    [GeneratedRegex(@"\b(?<n>\d+)\s*sets\b")]
    private static partial Regex SetsWord();

    [GeneratedRegex(@"(?<n>" + N + @")\s*breaths?\b")]
    private static partial Regex Breaths();

    [GeneratedRegex(@"(?<n>" + N + @")\s*(?<unit>s|sec|secs|seconds?|min|mins|minutes?)\b")]
    private static partial Regex Seconds();

    [GeneratedRegex(@"\b(?<w>once|twice|thrice|(?<!(?:-|/|\bto)\s*)\d+\s*(?:x|times)(?!\s*\d))")]
    private static partial Regex CountWord();

    [GeneratedRegex(@"\bcircles?\b|\brounds?\b")]
    private static partial Regex CirclesWord();

    [GeneratedRegex(@"(?<n>" + N + @")")]
    private static partial Regex Count();

    [GeneratedRegex(
        @"\b(?:circles?|rounds?|strokes?|sweeps?|glides?|reps?|repetitions?|presses|press|pumps?|taps?|tapping|pinches|passes|pass|times|holds?|raises|blinks?|squeezes|swipes|moves|slow|counts?|circuits?|checks?|x|sets?|lids?)\b"
    )]
    private static partial Regex Nouns();

    [GeneratedRegex(@"[,.;:()]|\b(?:of|for|then|with|and|the|a|on|at|one|after|other|the other|each|do|about)\b")]
    private static partial Regex Filler();
}
