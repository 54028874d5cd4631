using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Phrases of how many, how long, how it goes back, one pattern a meaning (common practice).</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>Things that are counted, for which a dose line says "times".</summary>
    private const string Countables =
        "alternations|swings|waves|dabs|flicks|pushes|pulls|pumps|openings|closings|turns|yawns|sniffs|swallows|blinks|winks|kisses"
        + "|smiles|pulses?|bounces?|beats?|nods?|squeezes|lifts?|rounds?|rolls|passes|sweeps|changes|transfers|repeats?|pats?|points"
        + "|spots|stations"
        + "|places";

    /// <summary>Manner before what is counted: "10 slow pumps".</summary>
    private const string OfManner =
        @"(?:slow|quick|fast|deep|calm|long|gentle|light|soft|small|little|tiny|short|big|large|full|easy|smooth)";

    [GeneratedRegex(
        @"\b(?<!\b(?:hold|stay|keep|paus|remain)\w*\s+(?:it\s+)?)(?:slowly\s+)?(?:over|in"
            + @"|for)\s+(?<n>\d+)\s+(?:slow\s+)?counts?\b(?!\s+each)",
        Free
    )]
    private static partial Regex OverCounts();

    /// <summary>"Release slowly over 5 counts".</summary>
    [GeneratedRegex(
        @"\b(?:a\s+)?count\s+of\s+(?<n>\d+)\s+(?:to\s+)?releas\w*|\b(?:releas\w*|let(?:ting)?\s+(?:it\s+"
            + @"|them\s+)?(?:go|down)|lower\w*|return\w*|relax\w*|(?<=\bopen\w*\b[^.;]*)clos(?:e|ing)|(?:come|go)\s+back)\s+(?:it\s+"
            + @"|them\s+|(?:the\s+"
            + @"|your\s+)?\p{L}+\s+)?(?:slowly\s+)?(?:(?:over|in|for)\s+(?<n>\d+)\s+(?:slow\s+)?counts?|(?:over|in|for"
            + @"|to|on)\s+a\s+count\s+of\s+(?<n>\d+))\b",
        Free
    )]
    private static partial Regex BackOverCounts();

    /// <summary>Numbers that are no dose: how long the way there takes, how hard.</summary>
    [GeneratedRegex(
        @"\bin\s+(?:1|one|a)\s+(?:(?:long|single|smooth|continuous|slow)\s+)*(?:stroke|movement|motion|go"
            + @"|sweep)\b|\bslowly\s+(?:over|in)\s+\d+\s+(?:slow\s+)?counts?\b|\b(?:over"
            + @"|in)\s+\d+\s+(?:slow\s+)?counts?\b|\b(?:level|pressure)\s+[1-5]\b(?!\s*(?:x|×|times|s\b|sec|reps?|\d))",
        Free
    )]
    private static partial Regex Spent();

    [GeneratedRegex(
        @"\b(?:(?:(?:anti-?|counter-?)?clockwise|(?:the\s+)?(?:one|other|opposite)\s+(?:way"
            + @"|direction)(?:\s+round)?|forwards?|fwd|backwards?|back|bwd|reversed?|in\s+reverse)\s+(?<one>\d+)\s*(?:x"
            + @"|times)?|(?<one>\d+)\s*(?:x|times|circles?|turns?|rolls?)?\s+(?:(?:anti-?|counter-?)?clockwise"
            + @"|(?:the\s+)?(?:one|other|opposite)\s+(?:way|direction)(?:\s+round)?|forwards?|fwd|backwards?|back|bwd"
            + @"|reversed?|in\s+reverse))\s*[,/+;]?\s*(?:and\s+|then\s+)?(?:(?:(?:anti-?|counter-?)?clockwise"
            + @"|(?:the\s+)?(?:one|other|opposite)\s+(?:way|direction)(?:\s+round)?|forwards?|fwd|backwards?|back|bwd"
            + @"|reversed?|in\s+reverse)\s+(?<other>\d+)\s*(?:x|times)?|(?<other>\d+)\s*(?:x|times|circles?|turns?"
            + @"|rolls?)?\s+(?:(?:anti-?|counter-?)?clockwise|(?:the\s+)?(?:one|other|opposite)\s+(?:way"
            + @"|direction)(?:\s+round)?|forwards?|fwd|backwards?|back|bwd|reversed?|in\s+reverse))(?![\p{L}\d])",
        Free
    )]
    private static partial Regex BothTurns();

    /// <summary>"With 5 seconds rest".</summary>
    [GeneratedRegex(@"\b(?<n>\d+)\s*(?:s|secs?|seconds?)\s+(?:of\s+)?(?:rest|pause|break)\b", Free)]
    private static partial Regex RestOf();

    [GeneratedRegex($@"(?<n>\d+)\s+(?:{OfManner}\s+)*(?:{Countables})\b", Free)]
    private static partial Regex Counted();

    [GeneratedRegex(
        @"\b(?:rest|relax|pause|release|let\s+go)(?:\s+\p{L}+ly)?\s+(?:for\s+)?(?<n>\d+)(?:\s*(?:s|secs?|seconds?"
            + @"|counts?)\b)?(?!\s*(?:\d|min))",
        Free
    )]
    private static partial Regex RestBare();

    /// <summary>"Hold 5", and nothing else: seconds.</summary>
    [GeneratedRegex(@"^\s*hold\w*\s+(?:for\s+)?(?<n>\d+)(?:\s*(?:s|secs?|seconds?|counts?))?\s*$", Free)]
    private static partial Regex BareHold();

    /// <summary>"10 s hold", "a 5-second hold".</summary>
    [GeneratedRegex(@"\b(?:an?\s+)?(?<n>\d+)[\s-]*(?:s|secs?|seconds?|counts?)[\s-]+holds?\b(?!\s*(?:\d|for|it))", Free)]
    private static partial Regex TimeOfHold();

    /// <summary>"Relax.", "let go slowly": the way back, and nothing else.</summary>
    [GeneratedRegex(
        @"^\s*(?:(?:and|then)\s+)*(?:release|relax|let\s+(?:(?:it|them)\s+)?go|let\s+(?:it|the\s+air)\s+(?:out|escape)"
            + @"(?:\s+through\s+(?:\p{L}+\s+){1,6}(?:lips|mouth|nose))?|rest|lower|return"
            + @"|(?:slowly\s+|gently\s+)?(?:(?:come|go|turn|bring|move)\s+)?(?:(?:it|the\s+head|your\s+head|the\s+jaw)\s+)?"
            + @"(?:slowly\s+|gently\s+)?back(?:\s+up)?"
            + @"|(?:chin|head)\s+back\s+to\s+(?:the\s+)?(?:level|neutral|normal|middle|cent(?:re|er)|straight)"
            + @"|come\s+up|(?:lift|raise)\s+(?:it|(?:the|your)\s+head)\s+again|pop\s+(?:them\s+|it\s+|the\s+lips\s+)?open"
            + @"(?:\s+with\s+an?\s+(?:\p{L}+\s+)?(?:sound|pop|smack|noise))?)(?:\s+(?:it|them|the\s+face|your\s+face|all|everything"
            + @"|completely|fully|gently|again|(?:to\s+|in\s+|into\s+)(?:the\s+)?(?:neutral|normal|start(?:ing\s+position)?|middle"
            + @"|cent(?:re|er)|upright|straight)|(?<slow>(?:very\s+)?slowly)|(?:over|in|for)\s+(?<n>\d+)\s+(?:slow\s+)?counts?))*\W*$",
        Free
    )]
    private static partial Regex OnlyBack();

    /// <summary>How many, and nothing else: "5 x", "repeat 3 times".</summary>
    [GeneratedRegex(
        @"^\s*(?:(?:and\s+|then\s+)*(?:out|back|down|relax|release|let\s+go|rest)\s*,\s*)?(?:(?:and|then|do"
            + @"|repeat\w*|this|it|so)\s+)*(?<n>\d+)\s*(?:x|×|times|rounds?|reps?|repetitions?)(?:\s+(?:each|per"
            + @"|on\s+each|on\s+both)(?:\s+sides?)?)?\W*$",
        Free
    )]
    private static partial Regex OnlyCount();

    /// <summary>There and back, of which each takes its time.</summary>
    [GeneratedRegex(
        @"\b(?:look\w*|eyes|gaze|roll\w*|close|open|squeeze|turn|tilt)\b[^.;]*\b(?:up|down|left|right|open|wide|far|near)\b",
        Free
    )]
    private static partial Regex EachWay();

    /// <summary>One time, and nothing else.</summary>
    [GeneratedRegex(@"^\s*(?<n>\d+)\s*(?:s|secs?|seconds?)\s*(?:,\s*each\s+side)?(?:,\s*(?<rest>rest\s+\d+\s+s))?$", Free)]
    private static partial Regex OnlyTime();

    /// <summary>"5 s on, 5 s off", "5 s tight, 5 s loose".</summary>
    [GeneratedRegex(
        @"\b(?<on>\d+)\s*(?:s|secs?|seconds?)?\s+(?:on|tight|hard|tensed?)\s*,?\s*(?:and\s+)?(?<off>\d+)\s*(?:s|secs?"
            + @"|seconds?)?\s+(?:off|loose|relaxed|soft)\b",
        Free
    )]
    private static partial Regex OnAndOff();

    /// <summary>"Right side only 10, left side only 10", "to the right 5 times, to the left 5 times".</summary>
    [GeneratedRegex(
        @"\b(?:(?:on|to)\s+the\s+)?(?<one>left|right)[\uE100-\uF8FF]?(?:\s+(?:side|one|only|eye|brow|cheek|corner|nostril|ear"
            + @"|hand))*\s+(?<a>\d+)(?:\s*(?:x\b|times\b"
            + @"|reps?\b))?\s*"
            + @"[,/]?\s*(?:and\s+|then\s+)?(?:(?:on|to)\s+the\s+)?(?<other>left|right)[\uE100-\uF8FF]?(?:\s+(?:side|one|only|eye|brow"
            + @"|cheek|corner|nostril|ear|hand))*\s+"
            + @"(?<b>\d+)(?:\s*(?:x\b|times\b|reps?\b))?(?=\s*(?:[,.;]|$))",
        Free
    )]
    private static partial Regex SidesBefore();

    /// <summary>"10 x left, 10 x right".</summary>
    [GeneratedRegex(
        @"\b(?<a>\d+)\s*(?:x|×|times|rounds|strokes?|circles?|reps?|taps?)\s+(?:(?:on|to)\s+the\s+)?(?<one>left"
            + @"|right)\s*,?\s*(?:and\s+|then\s+)?(?<b>\d+)\s*(?:x|×|times|strokes?|circles?|reps?"
            + @"|taps?)?\s*(?:(?:on|to)\s+the\s+)?(?<other>left|right)\b",
        Free
    )]
    private static partial Regex TimesOfSides();

    /// <summary>"While counting to 5".</summary>
    [GeneratedRegex(@"\b(?:while|as\s+you)\s+(?:slowly\s+)?(?:count(?:ing)?)\s+to\s+(?<n>\d+)\b", Free)]
    private static partial Regex WhileCounting();

    /// <summary>"For a count of 8".</summary>
    [GeneratedRegex(
        @"\b(?<lead>(?:hold\w*|stay\w*|keep\w*)\s+(?:it\s+)?)?(?:for\s+)?(?:a\s+|the\s+)?(?:counts?\s+of"
            + @"|counting\s+to|count\s+to)\s+(?<n>\d+)\b",
        Free
    )]
    private static partial Regex CountOf();

    /// <summary>Movements that are counted: "10 slow kisses".</summary>
    [GeneratedRegex(
        @"\b(?<n>\d+)\s+(?:(?:slow|quick|fast|deep|calm|long|gentle|light|small|big|full|soft)\s+)*(?<move>kisses"
            + @"|blinks|smiles|grins|puffs|frowns|winks|chews|yawns|brow\s+lifts|shrugs|head\s+(?:turns|tilts))\b",
        Free
    )]
    private static partial Regex CountedMove();

    /// <summary>A way back that is told to be slow.</summary>
    [GeneratedRegex(
        @"\b(?:let(?:ting)?\s+(?:it\s+|them\s+|(?:the\s+)?air\s+)?(?:go|down|loose|out)|releas\w*|lower(?:ing)?"
            + @"|return\w*|(?:come\s+|go\s+)?back|relax\w*)\s+(?:it\s+|them\s+|down\s+)?(?:very\s+)?slow(?:ly)?\b"
            + @"|\bslow(?:ly)?\s+(?:release|releasing|return|let(?:ting)?\s+(?:go|down)|back|come\s+back"
            + @"|lower(?:ing)?(?!\s+(?:the|your)\s+(?:jaw|chin|head|lip|mouth)))\b",
        Free
    )]
    private static partial Regex SlowBack();

    /// <summary>Words that say nothing by themselves beside a dose.</summary>
    [GeneratedRegex(
        @"\b(?:(?:no|without(?:\s+any)?)\s+force|(?:stay|remain)(?:\s+there)?|rest\s+there|pulses?|gentl[ey]|soft(?:ly)?|repeat\w*"
            + @"|do|again|each|every|and|then|for"
            + @"|about|a|an|the|of|it|this|that|them|in|all|total|hold|holding|at|first|later|to|with|by|or|is|are|so"
            + @"|many|times|slow(?:ly)?|set|sets|rest|side|sides|per|on|both|after|before|day|days|week|daily|more|if"
            + @"|you|can|quick(?:ly)?|fast|steadily|calmly|easy|comfortable|up|work|build|count|counts|breaths?"
            + @"|seconds?|minutes?)\b",
        Free
    )]
    private static partial Regex SaysNothing();

    [GeneratedRegex(@"(?<!\b(?:hold|stay)\w*\s+(?:it\s+|there\s+)?(?:for\s+)?)\b\d+\s+(?:\p{L}+\s+){0,2}breaths\b", Free)]
    private static partial Regex BreathsCounted();
}
