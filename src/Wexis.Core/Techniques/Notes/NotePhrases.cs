using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>The phrases of a sentence, one pattern a meaning (common practice).</summary>
internal sealed partial class NoteGlossary
{
    private const string Parts =
        @"(?:forehead|(?:eye)?brows?|lips?|jaw|chin|head|shoulders?|tongue|eyes?|face|outer\s+(?:eye\s+)?corners?|neck|mouth|teeth|cheeks?)";

    private const string PartList = $@"(?:the\s+|your\s+)?{Parts}(?:\s*(?:,|and|or)\s*(?:the\s+|your\s+)?{Parts})*";

    [GeneratedRegex(
        $@"(?:\b(?:keep\w*|leav\w*|hold\w*|with)\s+)?{PartList}\s+(?:(?:is|are|stays?|remains?|kept|to\s+stay|must\s+stay|should\s+stay|completely|quite|very|all|wholly)\s+)*(?:still|quiet|relaxed|free|soft|loose|calm|unmoved|steady|smooth|motionless)\b"
            + $@"|\b(?:keep\w*|leav\w*)\s+{PartList}(?!\s+(?:open|closed|shut|down|back|up|apart|together))"
            + $@"|\b(?:without|not|no)\s+(?:frowning|clenching)\b|\b(?:without|not|no)\s+(?:moving|lifting|raising|wrinkling|tensing|using|creasing)\s+{PartList}"
            + $@"|{PartList}\s+(?:do(?:es)?\s+not|don't|doesn't|must\s+not|never)\s+(?:move|lift|rise|wrinkle|help)"
            + $@"|\b(?:do(?:es)?\s+not|don't)\s+move\s+{PartList}|{PartList}\s+(?:stays?|remains?)\b(?!\s+(?:open|closed|shut|down|back|up|apart|together))",
        Free
    )]
    private static partial Regex StillPhrase();

    [GeneratedRegex(
        @"\bagainst\s+(?:(?:the|your|a|an|one|two|light|slight|gentle|some|flat|firm)\s+)*(?:resistance|fingers?|fingertips?|hands?|palms?|thumbs?|fists?|heels?\s+of\s+the\s+hands?|it|them|this|that)(?:\s+pressure)?\b|\bagainst\b(?=\s*(?:[,.;!·\d(]|-\s|$))",
        Free
    )]
    private static partial Regex Against();

    [GeneratedRegex(@"\b(?:finger\s+|hand\s+)?pressure\b", Free)]
    private static partial Regex PressureWord();

    [GeneratedRegex(@"\b(?:touch\w*|walk\w*|move\w*|run\w*|travel\w*|down|up|along|from)\b", Free)]
    private static partial Regex TouchWord();

    [GeneratedRegex(@"\b(?:until|till)\b[^.;]*", Free)]
    private static partial Regex Until();

    [GeneratedRegex(
        @"\b(?<!\b(?:hold|stay|keep|paus|remain)\w*\s+(?:it\s+)?)(?:slowly\s+)?(?:over|in|for)\s+(?<n>\d+)\s+(?:slow\s+)?counts?\b(?!\s+each)",
        Free
    )]
    private static partial Regex OverCounts();

    /// <summary>Numbers that are no dose: how long the way there takes, how hard.</summary>
    [GeneratedRegex(
        @"\bslowly\s+(?:over|in)\s+\d+\s+(?:slow\s+)?counts?\b|\b(?:over|in)\s+\d+\s+(?:slow\s+)?counts?\b|\b(?:level|pressure)\s+[1-5]\b(?!\s*(?:x|×|times|s\b|sec|reps?|\d))",
        Free
    )]
    private static partial Regex Spent();

    [GeneratedRegex(
        @"\b(?:(?:clockwise|one\s+way|forwards?)\s+(?<one>\d+)\s*(?:x|times)?|(?<one>\d+)\s*(?:x|times)?\s+(?:clockwise|one\s+way|forwards?))\s*,?\s*(?:and\s+|then\s+)?(?:(?:(?:anti-?|counter-?)clockwise|(?:the\s+)?(?:other|opposite)\s+(?:way|direction)(?:\s+round)?|backwards?|reversed?|in\s+reverse)\s+(?<other>\d+)\s*(?:x|times)?|(?<other>\d+)\s*(?:x|times)?\s+(?:(?:anti-?|counter-?)clockwise|(?:the\s+)?(?:other|opposite)\s+(?:way|direction)(?:\s+round)?|backwards?|reversed?|in\s+reverse))",
        Free
    )]
    private static partial Regex BothTurns();

    [GeneratedRegex(@"\blips?\s+(?:rolled\s+|folded\s+)?over\s+(?:the\s+|your\s+)?teeth", Free)]
    private static partial Regex LipsOver();

    [GeneratedRegex(@"\btongue\b[^.;]{0,30}\b(?:palate|roof(?:\s+of\s+(?:the\s+|your\s+)?mouth)?)\b|\btongue\s+up\b", Free)]
    private static partial Regex TongueUp();

    [GeneratedRegex(
        @"\b(?:hold|fix|brace|flatten|splint|steady|keep)\w*\s+(?:the\s+|your\s+|both\s+)?(?:skin|forehead|(?:eye)?brows?|cheeks?|lids?|chin)\b",
        Free
    )]
    private static partial Regex HoldsSkin();

    [GeneratedRegex(
        @"\bfrom\s+(?:the\s+)?(?<a>[^,.;]{2,40}?)\s+(?:up\s+|down\s+|out\s+|over\s+|back\s+)?(?:to|towards?)\s+(?:the\s+)?(?<b>\p{L}+(?:\s+(?!with\b|in\b|and\b|for\b|at\b|on\b|once\b|twice\b)\p{L}+){0,5})",
        Free
    )]
    private static partial Regex FromTo();

    [GeneratedRegex(@"\bmassag\w*", Free)]
    private static partial Regex MassageWord();

    /// <summary>Things that are counted, for which a dose line says "times".</summary>
    [GeneratedRegex(@"(?<n>\d+)\s+(?:pulses?|bounces?|beats?|nods?|squeezes|lifts?|rounds?|passes|changes|repeats?|pats?)\b", Free)]
    private static partial Regex Counted();

    [GeneratedRegex(
        @"\b(?:rest|relax|pause)(?:\s+\p{L}+ly)?\s+(?:for\s+)?(?<n>\d+)(?:\s*(?:s|secs?|seconds?|counts?)\b)?(?!\s*(?:\d|min))",
        Free
    )]
    private static partial Regex RestBare();

    [GeneratedRegex(@"\b(?:hands?|fingers?|fingertips?|palms?|thumbs?)\b", Free)]
    private static partial Regex HandWord();

    /// <summary>Which ways eyes look, two or more.</summary>
    [GeneratedRegex(
        @"\b(?:look\w*|eyes|gaze)\s+(?:to\s+)?(?:the\s+)?(?<way>left|right|up|down)(?:\s*(?:,|and|then|to|-|/)+\s*(?:to\s+)?(?:the\s+)?(?<way>left|right|up|down)\b)+",
        Free
    )]
    private static partial Regex LooksAbout();

    /// <summary>Begins with a verb that leads to a place.</summary>
    [GeneratedRegex(
        @"^\s*(?:and\s+)?(?:strok|glid|sweep|smooth|slid|wip|iron|drag|mov|go|brush)\w*\s+(?:\w+ly\s+|on\s+|up\s+|down\s+|out\w*\s+|back\s+)*(?:to|towards?|into)\b",
        Free
    )]
    private static partial Regex OnlyTo();

    /// <summary>From something near to something far, or back.</summary>
    [GeneratedRegex(
        @"\b(?:look|focus|gaz)\w*\s+(?:[^.;]{0,40}?\bnear\b[^.;]{0,30}?\bfar\b(?:\s+(?:wall|away|off|point|object|one))?|[^.;]{0,40}?\bfar\b[^.;]{0,30}?\bnear\b)",
        Free
    )]
    private static partial Regex NearAndFar();

    [GeneratedRegex(@"\b(?:cold|cool|chilled|frozen|ice|iced|warm|hot|heated)\b", Free)]
    private static partial Regex HeatOrCold();

    /// <summary>"Hold 5", and nothing else: seconds.</summary>
    [GeneratedRegex(@"^\s*hold\w*\s+(?:for\s+)?(?<n>\d+)\s*$", Free)]
    private static partial Regex BareHold();

    /// <summary>"5 s on, 5 s off".</summary>
    [GeneratedRegex(@"\b(?<on>\d+)\s*(?:s|secs?|seconds?)?\s+on\s*,?\s*(?:and\s+)?(?<off>\d+)\s*(?:s|secs?|seconds?)?\s+off\b", Free)]
    private static partial Regex OnAndOff();

    /// <summary>"10 x left, 10 x right".</summary>
    [GeneratedRegex(
        @"\b(?<a>\d+)\s*(?:x|×|times)\s+(?:on\s+the\s+)?(?<one>left|right)\s*,?\s*(?:and\s+|then\s+)?(?<b>\d+)\s*(?:x|×|times)\s+(?:on\s+the\s+)?(?<other>left|right)\b",
        Free
    )]
    private static partial Regex TimesOfSides();

    /// <summary>"For a count of 8".</summary>
    [GeneratedRegex(
        @"\b(?<lead>(?:hold\w*|stay\w*|keep\w*)\s+(?:it\s+)?)?(?:for\s+)?(?:a\s+|the\s+)?(?:counts?\s+of|counting\s+to|count\s+to)\s+(?<n>\d+)\b",
        Free
    )]
    private static partial Regex CountOf();

    /// <summary>Movements that are counted: "10 slow kisses".</summary>
    [GeneratedRegex(
        @"\b(?<n>\d+)\s+(?:(?:slow|quick|fast|deep|calm|long|gentle|light|small|big|full|soft)\s+)*(?<move>kisses|blinks|smiles|grins|puffs|frowns|winks|chews|yawns|brow\s+lifts|shrugs|head\s+(?:turns|tilts))\b",
        Free
    )]
    private static partial Regex CountedMove();

    /// <summary>Words of weight: a number, a turn, a hand part, a side.</summary>
    [GeneratedRegex(
        @"\b(?:\d+|half\s?-?way|half\s+closed|against\s+\p{L}+|left\s+and\s+right|open\w*\s+(?:them\s+)?wide|(?:anti-?|counter-?)?clockwise|knuckles?|thumbs?|palms?)\b",
        Free
    )]
    private static partial Regex LeftOver();

    /// <summary>Which way circles turn, where no clock says it.</summary>
    [GeneratedRegex(@"\bcircles?\s+(?<way>(?:out|in|up|down)wards?)\b", Free)]
    private static partial Regex CircleWay();

    /// <summary>Which way a stroke goes that names one place only.</summary>
    [GeneratedRegex(
        @"\b(?:strok|glid|sweep|smooth|slid|wip|iron|roll|drag|brush)\w*\s+(?:\w+ly\s+)?(?:straight\s+)?(?<way>up|down)(?:wards?)?\b(?!\s+to\b)|\b(?<way>up|down)wards?\b",
        Free
    )]
    private static partial Regex StrokeWay();

    /// <summary>A way back that is told to be slow.</summary>
    [GeneratedRegex(
        @"\b(?:let(?:ting)?\s+(?:it\s+|them\s+|(?:the\s+)?air\s+)?(?:go|down|loose|out)|releas\w*|lower(?:ing)?|return\w*|(?:come\s+|go\s+)?back|relax\w*)\s+(?:it\s+|them\s+|down\s+)?(?:very\s+)?slow(?:ly)?\b|\bslow(?:ly)?\s+(?:release|releasing|return|let(?:ting)?\s+(?:go|down)|back|come\s+back|lower(?:ing)?)\b",
        Free
    )]
    private static partial Regex SlowBack();

    [GeneratedRegex(@"^(?:under|below|between|in\s+front|behind)\b", Free)]
    private static partial Regex SaysWhere();

    [GeneratedRegex(
        @"^\s*(?:(?:along|over|across|under|around)\s+(?:the\s+)?\p{L}+\s+)?(?:up\s+|down\s+|out\s+|over\s+|back\s+)?(?:to|towards?|→|->)\s",
        Free
    )]
    private static partial Regex LeadsOn();

    /// <summary>Words that say nothing by themselves beside a dose.</summary>
    [GeneratedRegex(
        @"\b(?:repeat\w*|do|again|each|every|and|then|for|about|a|an|the|of|it|this|that|them|in|all|total|hold|holding|at|first|later|to|with|by|or|is|are|so|many|times|slow(?:ly)?|set|sets|rest|side|sides|per|on|both|after|before|day|days|week|daily|more|if|you|can|easy|comfortable|up|work|build|count|counts|breaths?|seconds?|minutes?)\b",
        Free
    )]
    private static partial Regex SaysNothing();

    [GeneratedRegex(@"\b\d+\s+(?:\p{L}+\s+){0,2}breaths\b", Free)]
    private static partial Regex BreathsCounted();
}
