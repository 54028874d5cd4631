using System.Text.RegularExpressions;
using static Wexis.Core.Techniques.Notes.Phrasing;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Fingers, and what they rest on, press or push, in words of their own.</summary>
internal static class OtherFingers
{
    /// <summary>What is said, and the words that are read for it; from top to bottom.</summary>
    public static readonly (Regex Said, string Read)[] Rows =
    [
        O(
            $@"\b{The}(?:index|pointer|middle)(?:\s+finger)?\s+above\s+{The}(?<part>jaw(?:line|\s?bone)?|brow|mouth|lips?)\s*(?:,|and|&|\+)"
                + $@"\s*(?:and\s+)?{The}(?:index|pointer|middle|other)(?:\s+finger)?\s+(?:below|under|beneath)(?:\s+(?:it"
                + $@"|the\s+\k<part>))?",
            "with index and middle finger along the ${part}"
        ),
        O($@"(?<=\bpinch\w*\s+{The}(?:nostrils|nose|lips|brows?|cheeks?|skin)\s+)together\b", ""),
        O(@"\bpress(?:es)?\s+and\s+(?:release|let\s+go(?:\s+of)?)\s+(?=(?:the|your|both)\b)", "press "),
        O($@"\bfeel\w*\s+(?<where>under|below)\s+{The}chin\s+with\s+{The}(?<hand>thumbs?|fingers?)\b", "${hand} ${where} the chin feel it"),
        O(
            $@"^(?<name>[^,.;]{{0,30}}:\s*)?{The}tongue\s+(?<where>(?:to|on|at|against|up)\b[^,.;]{{0,40}}),\s*(?:press"
                + $@"|push)\w*\s+(?:very\s+)?(?:hard|firmly|strongly)\b",
            "${name}push the tongue strongly ${where}"
        ),
        O(
            $@"(?<=\b(?:index|fingers?|thumbs?)\b[^.;]{{0,60}})\b(?:push|press)\w*\s+{The}(?:nostrils|(?:nose\s+)?wings"
                + $@"|sides\s+of\s+{The}nose)\s+"
                + @"(?:in(?:wards?)?|together)\b",
            "press on the nose wings"
        ),
        O(@"\bagainst\s+(?:that|this|their)\s+(?:weight|load|pressure|resistance)\b", "against the fingers"),
        O(
            @"\bdraw\w*\s+them\s+(?<way>(?:up|out|down)(?:wards?)?\s+)?(?=to(?:wards?)?\s+(?:the|your)\b)(?![^.;]*\bhold)",
            "slide them ${way}"
        ),
        O(
            @"(?<=\bhold\w*\b[^.;]{0,40}?)\s*(?:,|\band\b)\s*(?:keep\s+)?breath(?:e|ing)\s+(?=(?:calm|slow|even|normal|quiet|deep)ly\b)",
            ", breathing "
        ),
        O(@"\bbend\s+(?:one|the|your|an?)\s+(?:index\s+)?finger\s+and\s+(?:lay|put|place)\s+it\b", "lay the index finger"),
        O(@"\b[2-4]\s+(?=knuckles\b)", ""),
        O(@"\binto\s+(?:the\s+)?hollows?\s+(?=(?:beneath|below|under)\b)", ""),
        O(@"(?<=^\s*collar\s?bones?\s*:\s*[^.;]{0,30})\bin\s+(?:the\s+)?hollows?\b", "in the hollows above the collarbones"),
        O(
            @"\b(?:push|press)\w*\s+(?:it\s+)?(?:hard|firmly|strongly)?\s*and\s+resist\s+with\s+(?<hand>(?:two|three|the)\s+fingers)"
                + @"(?:\s+from\s+(?:the\s+)?outside)?\b",
            "push strongly against ${hand} on the cheek"
        ),
        O(@"\b(?:interlac|fold|clasp)\w*\s+(?:the\s+|your\s+)?(?:fingers|hands)\s+and\s+(?:put|place|lay)\s+them\b", "lay the hands"),
        O(
            @"\b(?<n>\w+)\s+seconds\s+in\s+one\s+direction\s+and\s+\k<n>(?:\s+seconds)?\s+in\s+the\s+other\b",
            "${n} seconds in each direction"
        ),
        O(@"\b(?:10|ten|all)\s+fingers\s+(?=like\s+rain\b)", "fingertips "),
        O(@"\bdraw\w*\s+(?=(?:\d+|two|three|four|five|six|eight|ten)\s+(?:\w+\s+)?circles\b)", ""),
    ];
}
