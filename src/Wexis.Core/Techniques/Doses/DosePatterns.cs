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
        @"(?:\b(?:rest|relax|pause|let\s+go|off)\s+(?:(?:of|for|a)\s+)*(?<n>\d+(?:\.\d+)?)\s*(?:s|sec|secs"
            + @"|seconds?|counts?)\b)|(?:(?<n>\d+(?:\.\d+)?)\s*(?:s|sec|secs|seconds?)\s+(?:of\s+)?(?:rest|pause"
            + @"|relaxed|off)\b)"
    )]
    private static partial Regex RestPattern();

    [GeneratedRegex(@"\bin\s+(?<in>\d+(?:\.\d+)?)\s*(?:s|sec)?,?\s*(?:and\s+)?out\s+(?<out>\d+(?:\.\d+)?)\s*(?:s|sec)?\b")]
    private static partial Regex BreathPhases();

    [GeneratedRegex(
        @"\b(?:in|on|over|along|at)?\s*(?:each\s+of\s+|x\s*)?(?<n>\d+)\s*(?:lanes?|rows?|lines?|places?|spots?"
            + @"|points?|sections?|zones?|stations?)\b"
    )]
    private static partial Regex Lanes();

    [GeneratedRegex(
        @"\b(?<w>once|twice|thrice|\d+\s*(?:x|times)?)\s*(?:(?:a|per|each|every|/)\s*day|daily)\b"
            + @"|\b(?<two>(?:every\s+)?morning\s+and\s+(?:evening|night))\b|\b(?:every\s+(?:morning|evening|night)"
            + @"|in\s+the\s+(?:morning|evening))\b|\bdaily\b"
    )]
    private static partial Regex TimesADay();

    [GeneratedRegex(
        @"\b(?:on\s+)?(?<n>\d+)\s*(?:days?|x|times)?\s*(?:(?:a|per|each)\s+|/\s*)week\b|\b(?<w>once"
            + @"|twice)\s+(?:a|per|each)\s+week\b|\bevery\s+day(?:\s+of\s+the\s+week)?\b"
    )]
    private static partial Regex DaysAWeek();

    [GeneratedRegex(@"\+\s*(?<n>\d+)(?:\s+more)?\b")]
    private static partial Regex Extra();

    [GeneratedRegex(@"\b(?:the\s+)?demo(?:nstrat(?:ion|ed one))?\s+(?:does\s+not\s+count|counts|not\s+counted|counted)\b")]
    private static partial Regex DemoCounts();

    [GeneratedRegex(
        @"(?:\b(?:tense|squeeze|press|keep|stay)(?:\s+(?:each|it|for|of|one|a|an|at|there|about|to"
            + @"|the))*\s+(?:count\s+of\s+)?(?<n>\d+(?:\.\d+)?)\s*(?<unit>s|sec|secs|seconds?|min|mins|minutes?"
            + @"|counts?|beats?)\b)|(?:\b(?:hold(?:ing|s)?|held)(?:\s+(?:each|it|for|of|one|a|an|at|there|about|to"
            + @"|the|rep|press))*\s+(?:count\s+of\s+)?(?<n>\d+(?:\.\d+)?)(?:\s*(?<unit>s|sec|secs|seconds?|min|mins"
            + @"|minutes?|counts?|beats?)\b|(?=\s*(?:,|;|\.\s|x\s|and\b|then\b|$|\)))))"
            + @"|(?:\b(?<n>\d+(?:\.\d+)?)\s*(?<unit>s|sec|secs|seconds?|min|mins|minutes?"
            + @"|counts?)\s*(?:each\s+)?(?:holds?|held|press(?:es)?|squeezes?|contractions?)\b)"
            + @"|(?:\b(?:for\s+)?(?:a\s+)?count\s+of\s+(?<n>\d+(?:\.\d+)?))|(?:\b(?:holds?"
            + @"|press(?:es)?)\s+of\s+(?<n>\d+(?:\.\d+)?)\s*(?<unit>s|sec|secs|seconds?)\b)"
    )]
    private static partial Regex HoldSeconds();

    [GeneratedRegex(
        @"\b(?:in\s+)?(?:each|both|every|per|either)\s+(?:ways?|directions?)\b|\bboth\s+ways\b|\b(?:cw"
            + @"|clockwise)\s+and\s+(?:ccw|anticlockwise|counter-?clockwise)\b|\bthere\s+and\s+back\b"
    )]
    private static partial Regex EachWay();

    [GeneratedRegex(@"\b(?:(?:anti|counter-?)?clockwise|ccw|cw)(?:\s+only)?\b|\bone\s+way(?:\s+only)?\b")]
    private static partial Regex OneWay();

    [GeneratedRegex(
        @"(?:\b(?:on|to|for|with)\s+)?(?:\b(?:each|per|every|a|either)\s+|/\s*)(?:sides?|hands?|eyes?|cheeks?"
            + @"|ears?|brows?|lids?|arms?|fingers?)\b|\bone\s+side\s*(?:and"
            + @"|,)?\s*then\s+(?:on\s+)?the\s+other(?:\s+side)?\b|\bone\s+side\s+after\s+the\s+other\b|\b(?:swap"
            + @"|change|switch)\s+(?:the\s+)?(?:sides?|hands?)(?:\s+after)?\b"
            + @"|\b(?:then\s+)?(?:the\s+)?(?:same\s+on\s+the\s+)?other\s+side\b|\beach\s+one\b"
    )]
    private static partial Regex PerSide();

    [GeneratedRegex(@"\b(?:in|as)\s+(?:all|a\s+total|total)\b|\baltogether\b|\boverall\b|\btotal\b")]
    private static partial Regex InAll();

    [GeneratedRegex(
        @"\b(?:on\s+)?both\s+(?:sides\s+|hands\s+|eyes\s+)?(?:together|at\s+once|at\s+the\s+same\s+time)\b"
            + @"|\bat\s+the\s+same\s+time\b|\btogether\b|\bat\s+once\b|\bboth\s+(?:sides|hands|eyes)\b"
    )]
    private static partial Regex Together();

    [GeneratedRegex(
        @"\balternat(?:e|es|ed|ing|ely)(?:\s+(?:hands|sides|left\s+and\s+right))?\b|\b(?:hands"
            + @"|sides)\s+in\s+turn\b|\bleft\s+and\s+right\s+in\s+turn\b"
    )]
    private static partial Regex Alternate();

    [GeneratedRegex(@"\b(?:on\s+the\s+)?(?<side>left|right)(?:\s+side)?(?:\s+only)?\b")]
    private static partial Regex OneSide();

    [GeneratedRegex(
        @"\b(?<sets>\d+)\s*(?:x|(?:sets?|series|rounds?|blocks?)(?:\s*,|\s+of|\s+with|\s+x)?|times)\s*(?<n>"
            + N
            + @")(?![\d.])(?!\s*(?:s|sec|secs|seconds?|min|mins|minutes?|breaths?|deep|slow\s+breaths?)\b)"
    )]
    private static partial Regex SetsTimes();

    [GeneratedRegex(@"\b(?<n>\d+)\s*(?:sets?|series|blocks?)\b")]
    private static partial Regex SetsWord();

    [GeneratedRegex(
        @"(?<n>"
            + N
            + @")\s*(?:(?:deep|slow|full|long|calm|even|easy|quiet|belly|nose|out-?)\s*)*(?:breaths?|exhales?|exhalations?|out-?breaths?)\b"
    )]
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
        @"\b(?:circles?|rounds?|strokes?|sweeps?|glides?|reps?|repetitions?|presses|press|pumps?|taps?|tapping"
            + @"|pinches|passes|pass|times|holds?|raises|blinks?|squeezes|swipes|moves|slow|slowly|gently|softly"
            + @"|quick|quickly|lightly|fast|calmly|smoothly|easy|firmly|counts?|circuits?|checks?|x|sets?|lids?"
            + @"|lifts?|smiles?|kisses|squeezes|squeeze|opens?|openings?|closings?|looks?|turns?|nods?|rolls?|drags?"
            + @"|flicks?|kneads?|movements?|repeats?|repeat|contractions?|massage|knead|stroke|glide|tap|circle"
            + @"|pulses?(?!\s*,?\s*then\b)|flutters?|pulls?|rubs?|pushes|bounces?|drums?|dabs?|sniffs?|chews?|swallows?|winks?|puffs?"
            + @"|hums?|trills?|little|tiny|short"
            + @"|between|in\s+between|relax|release|tense|lanes?|drills?|goes|go|reach|per|sweeping|gentle|small|big"
            + @"|full|long|light|deep)\b"
    )]
    private static partial Regex Nouns();

    [GeneratedRegex(
        @"[,.;:()]|\bw/|\b(?:of|for|then|with|and|the|a|an|on|at|one|after|other|the other|each|do|about"
            + @"|approx(?:imately)?|around|roughly|circa|ca|or so|to|it|in|every|time|please|over|is|w|this|that"
            + @"|there|work|let|your|you|pace|rhythm|speed|first|standard|same)\b|[~&]|(?<=\s|^)-(?=\s|$)|\s/\s"
    )]
    private static partial Regex Filler();

    private const string Small =
        "zero|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen"
        + "|nineteen|twenty";

    [GeneratedRegex(@"(?<![\d.])(\d{1,3}),(\d{3})(?!\d)")]
    private static partial Regex Thousands();

    [GeneratedRegex(@"(\d)\s*(?:½|\s1/2\b)")]
    private static partial Regex MixedHalf();

    [GeneratedRegex(@"\b(?<n>an?|\d+|one|two|three|four|five)\s+(?:(?:min|minute)\s+and\s+a\s+half|and\s+a\s+half\s+(?:min|minute)s?)\b")]
    private static partial Regex AndAHalf();

    [GeneratedRegex(@"\b(?:half\s+a|0\.5(?:\s+a)?|a\s+half|half)[\s-]+(?:min|minute)s?\b")]
    private static partial Regex HalfAMinute();

    [GeneratedRegex(@"(?<=\s)(for|hold|about)?\s*\ban?\s+(?:full\s+|whole\s+)?(?:min|minute)\b")]
    private static partial Regex AMinute();

    [GeneratedRegex(
        @"\b(?<tens>twenty|thirty|forty|fifty|sixty)[\s-](?<ones>one|two|three|four|five|six|seven|eight"
            + @"|nine)\b|\ba\s+couple(?:\s+of)?\b|\b(?:a|one)\s+(?:dozen|hundred)\b|\b(?:"
            + Small
            + @"|thirty|forty|fifty|sixty|ninety)\b(?!\s+(?:side|way|hand|after|and|then|direction)\b)"
    )]
    private static partial Regex NumberWords();

    [GeneratedRegex(
        @"\b(?<m>\d+)\s*(?:min|mins|minutes?|m)\s*(?:and\s+)?(?<s>\d+)\s*(?:s|sec|secs|seconds?)\b"
            + @"|\b(?<m>\d{1,2}):(?<s>\d{2})(?:\s*min(?:utes?)?)?(?![\d:])"
    )]
    private static partial Regex MinutesAndSeconds();

    /// <summary>"sets: 3, reps: 10", the number after its word.</summary>
    [GeneratedRegex(@"(?<!\d\s?)\b(?<w>sets?|reps?|repetitions?)\s*[:=]?\s*(?<n>\d+)\b(?!\s*(?:s|sec|secs|seconds?|min|minutes?|x)\b)")]
    private static partial Regex WordBefore();

    /// <summary>"minimum 5, standard 8, full 12", or the words in brackets behind the numbers.</summary>
    [GeneratedRegex(
        @"\bmin(?:imum|imal)?\s*:?\s*(?<a>\d+)\s*[,;/]?\s*(?:standard|normal"
            + @"|usual)\s*:?\s*(?<b>\d+)\s*[,;/]?\s*(?:and\s+)?(?:full|max(?:imum|imal)?)\s*:?\s*(?<c>\d+)\b"
            + @"|\b(?<a>\d+)[^\d]{0,14}\(?\bmin(?:imum|imal)?\)?\s*[,;/]?\s*(?<b>\d+)[^\d]{0,14}\(?\b(?:standard"
            + @"|normal|usual)\)?\s*[,;/]?\s*(?:and\s+)?(?<c>\d+)[^\d]{0,14}\(?\b(?:full|max(?:imum|imal)?)\b\)?"
    )]
    private static partial Regex NamedLevels();

    [GeneratedRegex(
        @"\b(?:up\s+to|at\s+(?:the\s+)?most|no\s+more\s+than|max(?:imum|imal|\.)?)(?:\s+of)?(?=\s*\d)"
            + @"|\b(?:max(?:imum)?|at\s+most)\b(?!\s*\d)"
    )]
    private static partial Regex AtMost();

    [GeneratedRegex(@"\b(?:at\s+least|no\s+less\s+than|min(?:imum|imal|\.)?)(?:\s+of)?(?=\s*\d)|\b(?:minimum|at\s+least)\b(?!\s*\d)")]
    private static partial Regex AtLeast();

    /// <summary>A decimal comma, and a decimal that begins with its point.</summary>
    [GeneratedRegex(@"(?<=\d),(?=\d{1,2}(?!\d))(?=\d+\s*(?:s|sec|secs|seconds?|min|mins|minutes?)\b)")]
    private static partial Regex DecimalComma();

    [GeneratedRegex(@"(?<![\d.])\.(?=\d)")]
    private static partial Regex BarePoint();

    [GeneratedRegex(@"\b(?:per|each|every|in\s+each)\s+(?:round|set|rep|repetition|time|series)\b")]
    private static partial Regex PerRound();

    /// <summary>"both sides, 10 each"; "10 each, alternating sides".</summary>
    [GeneratedRegex(@"\bboth\s+(?:sides|hands|eyes)\b[^.;]*\beach\b|\d+\s*(?:reps?|times|s)?\s*each\b[^.;]*\balternat")]
    private static partial Regex EachOfBoth();

    /// <summary>45″ and 2′.</summary>
    [GeneratedRegex("(?<n>\\d+(?:\\.\\d+)?)\\s*(?:(?<s>\"|″|''|“|”)|(?:'|′|’))(?!\\w)")]
    private static partial Regex Primes();

    /// <summary>"10-second", "5-count".</summary>
    [GeneratedRegex(@"\b(\d+)-(s|sec|second|seconds|minute|min|count|breath)\b")]
    private static partial Regex Dashed();

    /// <summary>A dose that nobody can count: it is asked, never guessed.</summary>
    [GeneratedRegex(@"\b(?:(?:a\s+)?few|several|some|many|lots?\s+of)\b")]
    private static partial Regex Vague();

    /// <summary>A rest between sets, with its seconds or without.</summary>
    [GeneratedRegex(
        @"\b(?:rest|pause|break)\s+(?:(?:of|for|a)\s+)*(?:(?<n>\d+(?:\.\d+)?)\s*(?:s|sec|secs"
            + @"|seconds?)\s+)?(?:between|after\s+each)\s+(?:the\s+)?(?:sets?|rounds?|series)\b"
            + @"|\b(?<n>\d+(?:\.\d+)?)\s*(?:s|sec|secs|seconds?)\s+(?:of\s+)?(?:rest\s+|pause\s+"
            + @"|break\s+)?between\s+(?:the\s+)?(?:sets?|rounds?|series)\b"
            + @"|\bbetween\s+(?:the\s+)?sets?\s+(?:rest\s+)?(?<n>\d+(?:\.\d+)?)\s*(?:s|sec|secs|seconds?)\b"
    )]
    private static partial Regex SetRest();

    [GeneratedRegex(@"(?:\b(?:on|in|for)\s+)?\b(?:each|per|every|a)\s+(?:lane|row|line|place|spot|point|section|zone)\b")]
    private static partial Regex PerLane();

    /// <summary>What is counted on a side: "6 strokes", "20 s".</summary>
    private const string Counted =
        @"(?:\s*(?:x|times|reps?|repetitions?|strokes?|taps?|pulses?|sweeps?|presses|holds?"
        + @"|(?<unit>s|secs?|seconds?|mins?|minutes?))\b)?";

    /// <summary>"5 left, 5 right", "10 to the left and 10 to the right", "20 s left, 20 s right".</summary>
    [GeneratedRegex(
        @"\b(?<n>\d+)"
            + Counted
            + @"\s*(?:(?:on|to|with)\s+)?(?:the\s+)?(?:left|right)(?:\s+(?:side|hand"
            + @"|eye))?\s*(?:,|;|and|then|/|\+|&)*\s*(?:then\s+)?(?<m>\d+)"
            + Counted
            + @"\s*(?:(?:on|to|with)\s+)?(?:the\s+)?(?:left|right)(?:\s+(?:side|hand|eye))?\b"
            + @"|\b(?:first\s+)?(?:on\s+)?(?:the\s+)?(?:left|right)(?:\s+(?:side|hand"
            + @"|eye))?\s*:?\s*(?<n>\d+)"
            + Counted
            + @"\s*(?:,|;|and|then|/|\+"
            + @"|&)*\s*(?:then\s+)?(?:on\s+)?(?:the\s+)?(?:left|right)(?:\s+(?:side|hand"
            + @"|eye))?\s*:?\s*(?<m>\d+)"
            + Counted
            + @"(?!\w)"
    )]
    private static partial Regex LeftAndRight();

    /// <summary>"10 clockwise, 10 anticlockwise", "5 forwards and 5 back".</summary>
    [GeneratedRegex(
        @"\b(?<n>\d+)\s*(?:x|times|circles?)?\s*(?:clockwise|cw|forwards?|one\s+way|up|inwards?)\s*(?:,|;|and"
            + @"|then|/|\+|&)*\s*(?<m>\d+)\s*(?:x|times|circles?)?\s*(?:anti-?clockwise|counter-?clockwise|ccw"
            + @"|backwards?|back|the\s+other(?:\s+way)?|down|outwards?)\b"
    )]
    private static partial Regex BothDirections();

    /// <summary>"5 s on, 5 s off"; "tense 5 s, release 10 s".</summary>
    [GeneratedRegex(
        @"\b(?<on>\d+(?:\.\d+)?)\s*(?:s|sec|secs|seconds?)\s+on\s*(?:,|and|/)?\s*(?<off>\d+(?:\.\d+)?)\s*(?:s"
            + @"|sec|secs|seconds?)\s+off\b|\b(?:tense|contract|squeeze|press|hold"
            + @"|on)\s+(?:for\s+)?(?<on>\d+(?:\.\d+)?)\s*(?:s|sec|secs|seconds?)\s*(?:,|and|then|/"
            + @"|-)*\s*(?:then\s+)?(?:release|relax|rest|let\s+go|off"
            + @"|soften)\s+(?:for\s+)?(?<off>\d+(?:\.\d+)?)\s*(?:s|sec|secs|seconds?)?\b"
    )]
    private static partial Regex OnAndOff();
}
