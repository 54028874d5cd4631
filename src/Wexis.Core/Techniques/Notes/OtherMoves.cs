using System.Text.RegularExpressions;
using static Wexis.Core.Techniques.Notes.Phrasing;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Movements, in words of their own.</summary>
internal static class OtherMoves
{
    /// <summary>What is said, and the words that are read for it; from top to bottom.</summary>
    public static readonly (Regex Said, string Read)[] Rows =
    [
        O(
            $@"(?:\b(?:push|mov|roll|pass|shift|blow)\w*\s+(?:the\s+)?)?\bair\s*:?\s*(?:(?:in|to|into|from)\s+)?{The}(?:upper\s+lip"
                + $@"|lower\s+lip|(?:left|right){Mark}\s+cheek)(?:\s*(?:,|-+>?|/|then"
                + $@"|to)\s*{The}"
                + $@"(?:upper\s+lip|lower\s+lip|(?:left|right){Mark}\s+cheek)){{3}}\b",
            "move the air round the mouth"
        ),
        O(
            $@"(?<=\b(?:kiss|pout|pucker|purse)\w*\b[^.;]{{0,40}})\b(?:mov|shift|push|pull|bring)\w*\s+(?:it|{The}(?:pout|kiss|mouth"
                + @"|lips))\s+"
                + $@"(?=(?:to\s+the\s+)?(?:left|right){Mark}\b)",
            "move the lips "
        ),
        O($@"\b(?:pull|draw|slid|push|mov|glid)\w*\s+{The}(?:head|chin)\s+straight\s+back(?:wards?)?\b", "tuck the chin in"),
        O(@"^\s*kiss\s*:\s*to\s+(?=(?:left|right)\b)", "kiss, move the lips to the "),
        O(
            @"\broll\w*\s+them\s+(?:back|forward)(?:wards?)?(?:\s+and\s+(?:down|up))?\b(?<=\bshoulders?\b[^.;]{0,120})",
            "circle the shoulders"
        ),
        O(@"\bcheeks\s+hollow(?:ed)?\b", "suck the cheeks in"),
        O(@"^\s*lips\s*:\s*(?:horse|flutter\w*|trills?)\b", "flutter the lips"),
        O($@"\bmov\w*\s+{The}jaw\s+(?:as\s+)?(?:in|with)\s+(?:an?\s+)?chewing\s+(?:motions?|movements?)", "chew"),
        O(
            $@"\b(?:form|shap|round|bring|mak)\w*\s+{The}(?:lips|mouth)\s+(?:in)?to\s+an?\s+(?=(?:(?:long|big|wide"
                + @"|round)\s+)*[""“'‘]?(?-i:[AEIOU])\b)",
            "say "
        ),
        O(
            $@"\b(?:stick|put|plac|push|bring)\w*\s+{The}tongue\s+(?:in(?:to)?\s+(?:the\s+)?(?:space|gap)\s+)?between\s+{The}(?:(?:upper"
                + $@"|lower)\s+)?lips?\s+and\s+{The}teeth\s*,?\s*and\s+(?:then\s+)?circle\s+it\b",
            "circle the tongue between the lips"
        ),
        O(@"^\s*(?:(?:\p{L}+\s+)?warm(?:ing)?[-\s]?up|(?:pull|mak)\w*\s+an?\s+face)\s*:\s*", ""),
        O($@"\bfollow\w*\s+{The}(?:thumbs?|fingers?|pen(?:cil)?)\s+with\s+{The}eyes\b(?:\s+only)?", "look"),
        O(@"^\s*eyes\s*:?\s+far\s*(?:-+>?|[/–,]|to|and|then)\s*near\b", "look far, then near"),
        O(@"^\s*eyes\s*:?\s+near\s*(?:-+>?|[/–,]|to|and|then)\s*far\b", "look near, then far"),
        O(
            @"^\s*(?<tool>roller|stone)\s*:?\s+(?<part>forehead|cheeks?|neck|jaw(?:line)?|chin|temples?)\s+(?<way>up|down"
                + @"|out)(?:wards?)?\b(?!\s+to)",
            "${tool}: stroke the ${part} ${way}wards"
        ),
        O(
            @"(?<=^\s*(?:roller|stone)\s*:[^.;]{0,120},\s*)(?<part>forehead|cheeks?|neck|jaw(?:line)?|chin|temples?)\s+(?<way>up|down"
                + @"|out)(?:wards?)?\b(?!\s+to)",
            "stroke the ${part} ${way}wards"
        ),
        O(@"^\s*stretch\w*\s+(?:the\s+|your\s+)?neck\s*(?=,)", "neck long"),
        O(@"\bon\s+(?:(?:the|an?|each|every)\s+)?(?:in-?breath|inhale|inhalation)\b", "while breathing in"),
        O(@"\bon\s+(?:(?:the|an?|each|every)\s+)?(?:out-?breath|exhale|exhalation)\b", "while breathing out"),
        O(
            @"\brelease\s+(?:the\s+)?air\s+(?:(?:slowly|gently)\s+)?(?:through|out\s+of)\s+(?:the\s+)?(?:pursed|rounded)\s+lips\b",
            "blow the air out"
        ),
        O(@"\btry(?<ing>ing)?\s+to\s+open\s+(?:the\s+|your\s+)?(?:eye(?:lid)?s|lids)\b", "try${ing} to widen the eyes"),
        O(
            @"(?<=[,;]\s*(?:then\s+|and\s+)?)\brepeat\s+(?:it\s+|this\s+)?(?:(?:on|to|with)\s+(?:the\s+)?)?(?:right|left"
                + @"|other)[\uE100-\uF8FF]?(?:\s+side)?\b",
            "each side"
        ),
        O(
            @"\b(?<from>from\s+(?:the\s+)?(?:middle|centre|center)\s+of\s+(?:the\s+)?(?:upper"
                + @"|lower)\s+lip\s+(?:out\s+)?to\s+(?:the\s+)?corners?)\b(?!\s+of)",
            "${from} of the mouth"
        ),
        O(@"\b(?<how>light|gentle|soft|medium|moderate|strong|firm)\s+suction\b", "${how} pressure"),
        O(@"\b(?:a?round|on|through)\s+an?\s+imaginary\s+\p{L}+\b", ""),
        O(@"^\s*tongue\s+(?:(?:to|on|at)\s+)?(?:the\s+)?(?:roof|palate)\s+press\b", "press the tongue to the palate"),
        O(
            $@"(?<=\bhalf[-\s]circles?\b[^.;]{{0,40}})\b(?:(?:left|right){Mark}\s+)?(?:ear|shoulder)\s*[-–]\s*chest\s*[-–]\s*(?:(?:left"
                + $@"|right){Mark}\s+)?"
                + @"(?:ear|shoulder)\b",
            ""
        ),
        O(@"\bhead\s+(?:is\s+|stays\s+)?level\b", "head straight"),
        O(@"\bas\s+far\s+(?:to\s+the\s+)?(?<side>left|right|up|down)\s+as\s+(?:possible|you\s+can|is\s+comfortable)\b", "${side}"),
        O(@"\blook\w*\s+into\s+the\s+distance\b(?:\s+over\s+(?:the|your)\s+(?:thumb|finger))?", "look far away"),
        O(@"\b(?:shap|form)\w*\s+(?:the\s+|your\s+)?(?:mouth|lips)\s+as\s+(?:for|if)\s+(?:an?\s+)?whistl\w+", "purse the lips"),
        O(@"\bbring\w*\s+(?:the\s+|your\s+)?lips\s+into\s+an?\s+kiss\b", "kiss"),
        O(@"\broll\w*\s+(?:the\s+|an?\s+)?stone\b", "stroke with the stone"),
        O(
            @"\btongue\s+(?:sweeps?|circles?|swipes?)\s+(?:a?round|over|along)\s+(?:the\s+|your\s+)?teeth\b",
            "circle the tongue round the teeth"
        ),
        O(@"\bin\s+(?:(?:gentle|slow|soft|small)\s+)*waves\b", ""),
        O(@"\bin\s+an?\s+(?<how>fast|slow|quick|steady|calm)\s+(?:rhythm|tempo|pace)\b", "${how}"),
        O(@"(?<=\blook\w*\b[^.;]{0,60})\b(?:the\s+)?(?:upper|top)\s+(?<side>left|right)\b", "up ${side}"),
        O(@"(?<=\blook\w*\b[^.;]{0,60})\b(?:the\s+)?(?:lower|bottom)\s+(?<side>left|right)\b", "down ${side}"),
        O(@"\b(?:neck|head)\s+side[-\s]?bends?\b", "tilt the head to the side"),
        O(@"^\s*scalp\s*:\s*(?:shift|move|slide)\b", "move the scalp"),
        O(@"\bshoulder\s+rolls(?:\s+(?:back|forward)(?:wards?)?)?\s+(?<n>\d+)(?=\s*(?:[,.;]|$))", "roll the shoulders, ${n} times"),
        O(@"\b(?:with|like|as)\s+an?\s+(?:loose\s+)?horse(?:['’]s)?\s+snort\b", ""),
        O(@"\bfingers\s+(?:are\s+)?lac(?:ed|ing)\b", "fingers interlaced"),
        O($@"\bknuckles?\s+of\s+{The}(?:index|middle|fore)\s?(?:fingers?)?\b", "knuckle"),
        O(
            $@"\b(?:blow|push|mov|shift|pass|roll)\w*\s+(?:the\s+)?air\s+from\s+{The}(?:left{Mark}\s+"
                + $@"|right{Mark}\s+)?cheek\s+(?:over\s+)?(?:in)?to\s+{The}"
                + $@"(?:other|cheek|left{Mark}|right{Mark})(?:\s+(?:cheek|one))?\b",
            "move the air from cheek to cheek"
        ),
        O(
            $@"\b(?:blow|puff|push)\w*\s+(?:the\s+)?air\s+(?:in|into)\s+{The}(?<side>(?:left|right){Mark})\s+cheek\b",
            "puff the ${side} cheek"
        ),
        O($@"\bair\s+(?:in|into)\s+(?:the\s+)?(?<side>(?:left|right){Mark})(?:\s+cheek)?", "puff ${side}"),
        O(@"^\s*(?:neck|head)\s*:\s*look\s+up\b", "tilt the head back"),
        O(@"^\s*(?:mouth|lips)\s*:\s*(?-i:O)\b", "say O"),
        O(@"(?<=\s[-–]\s+)(?-i:O)(?=\s+[-–]\s+(?:smil|kiss|grin))", "say O"),
        O(@"^\s*(?:mouth|lips)\s*:?\s+(?<a>(?-i:[AEIOU]))\s*(?:-+>|→|[-–/,]|to)\s*(?<b>(?-i:[AEIOU]))\b", "say ${a} ${b}"),
        O(@"^\s*breath(?:ing|e)?\s*:\s*in\b", "breathe in"),
        O(@"(?<=^\s*lips\s*:[^.;]{0,120})\bsuck(?:ed)?\s+in\b", "fold in"),
        O(
            $@"\bsmil\w*\s+with{Mark}\s*{The}(?:(?:upper|lower|top|bottom)\s+)?lips?\s+(?:folded\s+|rolled\s+|pulled\s+"
                + $@"|tucked\s+)?(?:over|a?round)\s+{The}teeth\b",
            "lips rolled in, smile"
        ),
        O(@"(?<=\btongue\b[^.;]{0,60}\b(?:palate|roof)\b[^.;]{0,120}),\s*press(?=\s*,|\s+and\b)", ""),
        O(
            @"\bso\s+(?:that\s+)?(?:the\s+|your\s+)?(?:strings|cords|bands|tendons)\s+(?:show|stand\s+out|are\s+visible|can\s+be\s+seen)\b",
            ""
        ),
        O(@"^(?<lead>\s*(?:now\s+|first\s+|then\s+)?)(?:mak|pull|creat|form)\w*\s+(?:an?\s+)?double\s+chin\b", "${lead}tuck the chin in"),
        O(@"\(\s*(?:an?\s+)?double\s+chin\s*\)", ""),
        O(@"\blips\s+(?:like|as)\s+(?:for\s+|in\s+)?an?\s+kiss\b", "lips pursed"),
        O(@"^\s*(?<teeth>(?:lower|upper|bottom|top)\s+teeth)\s*:\s*show\b", "show the ${teeth}"),
        O(
            @"(?<=\bturn\w*\b[^.;]{0,120})\blower\w*\s+(?:the\s+|your\s+)?chin\s+(?:down\s+)?to(?:wards?)?\s+(?:(?:the"
                + @"|your|that|left|right)\s+)*shoulder\b",
            "lower the chin"
        ),
        O(
            $@"\btouch\w*\s+{The}(?<goal>nose|chin|tip\s+of\s+(?:the|your)\s+nose)\s+with\s+{The}(?:tip\s+of\s+{The})?tongue(?:\s+tip)?\b",
            "stick the tongue out to the ${goal}"
        ),
        O(
            @"(?<=\btongue\s+out\s*,?\s*|\bstick\s+out\s+(?:the\s+"
                + @"|your\s+)?tongue\b[^.;]{0,40},\s*)(?:try\s+to\s+)?touch\w*\s+(?:the\s+|your\s+)?(?<goal>nose|chin)\b",
            "to the ${goal}"
        ),
        O(
            $@"\btouch\w*\s+{The}(?:(?:left|right){Mark}\s+)?shoulder\s+with\s+{The}ear\b|\btouch\w*\s+{The}ear\s+with\s+{The}shoulder\b",
            "tilt the ear to the shoulder"
        ),
        O(@"\bhold\w*\s+(?:the\s+|your\s+)?(?:air|breath)\s+in\s+(?:(?:both|the|your)\s+)*cheeks?\b", "fill the cheeks with air, hold"),
        O(
            @"(?<=\b(?:air|cheeks?)\b[^.;]{0,120})\b(?:let|releas)\w*\s+(?:it|the\s+air)\s+(?:out|escape|go)(?:\s+(?:slowly|softly|gently"
                + @"|again))?(?:\s+through\s+(?:the\s+|your\s+)?(?:lips|mouth|nose))?(?=\s*(?:[,.;]|$))",
            "release"
        ),
        O(
            @"(?<=\b(?:breath|exhal|blow|air|out|tongue)\w*\b[^.;]{0,120}),?\s*\bwith\s+(?:an?\s+)?(?:(?:long|loud|soft|deep"
                + @"|big)\s+)*[""“'‘]?(?:h+a+h*|a+h+"
                + @"|s{2,}|sh+|f{2,}|h+m+|m{2,}|z{2,}|o+m+|hum\w*|roar|hiss\w*)[""”'’]?(?=\s*(?:[,.;]|$|for\b|\d))",
            ""
        ),
        O(
            @"(?<=\b(?:lower|drop|bend|sink)\w*\s+(?:the\s+"
                + @"|your\s+)?head\b[^.;]{0,120}),?\s*(?:and\s+)?let\s+it\s+hang\b(?:\s+(?:to\s+the\s+front|forwards?|down"
                + @"|heavy|there|loose(?:ly)?))*",
            ""
        ),
        O(
            @"\blet\s+(?:the\s+|your\s+)?head\s+(?:hang|drop|sink|fall)\b(?:\s+(?:to\s+the\s+front|forwards?"
                + @"|down))*(?!\s+(?:\w+ly\s+)?(?:back|to\s+|side|in(?:to)?\s|on(?:to)?\s))",
            "bend the head forward"
        ),
        O(@"\bstretch\w*\s+(?:the\s+|your\s+)?neck\s+(?:long|tall)\b", "neck long"),
        O(@"\bpull\w*\s+(?:the\s+|your\s+|both\s+)*shoulders\s+down\b", "drop the shoulders"),
        O(@"^\s*eyes\s*:\s*(?=(?:\d+\s*(?:x|times)?\s*)?(?:anti|counter)?-?clockwise)", "circle the eyes, "),
        O(
            $@"\btongue(?:\s+tip)?(?<how>\s+(?:hard|firmly|strongly|lightly|gently))?\s+(?:against|into|on(?:to)?|to)\s+{The}inside\s+of"
                + $@"\s+{The}(?<lip>(?:upper|top|lower|bottom)\s+lip)\b",
            "tongue${how} behind the ${lip}"
        ),
        O(
            $@"(?<=\bair\b[^.;]{{0,120}})\bbetween\s+{The}(?:(?:nose|chin)\s+and\s+{The}(?<lip>(?:upper|lower)\s+lip)"
                + $@"|(?<lip>(?:upper|lower)\s+lip)\s+and\s+{The}(?:(?:upper|lower)\s+)?(?:teeth|gums|nose|chin))\b",
            "under the ${lip}"
        ),
        O($@"\bbetween\s+{The}lips\s+and\s+{The}(?:teeth|gums)\b", "between the lips"),
        O(@"^\s*eye\s+circles\s*:\s*", "circle the eyes, "),
        O(
            @"(?<=\bbreath\w*\b[^.;,]{0,120})\s+into\s+(?:the\s+|your\s+)?(?:back\s+of\s+(?:the\s+|your\s+)?)?(?:neck|belly|ribs|chest|back"
                + @"|stomach)\b",
            ""
        ),
        O($@"\bhold\w*\s+{The}(?<tool>stone|tool|roller)\s+(?:at\s+an?\s+)?flat(?:\s+angle)?\b(?!\s+(?:on|against|to))", "${tool} flat"),
        O(@"\bat\s+an?\s+flat\s+angle\b", "flat"),
        O(
            @"(?<=^\s*(?:collar\s?bones?"
                + @"|clavicles?)\b[^.;]{0,80})(?<!\bfrom\b[^.;]{0,80})\b(?:out(?:wards?)?\s+)?to(?:wards?)?\s+(?:the\s+"
                + @"|your\s+)?"
                + @"shoulders?\b",
            "stroke from the collarbone to the shoulders"
        ),
        O(
            @"(?<=^\s*forehead\b[^.;]{0,80})\bmid(?:dle)?\s*(?:-+>|→|to)\s*(?=(?:the\s+)?(?:hair\s?line|temples?)\b)",
            "from the middle of the forehead to "
        ),
        O($@"\btry(?<ing>ing)?\s+to\s+close\s+{The}(?:lips|mouth)\b", "try${ing} to press the lips together"),
        O($@"\b(?:while\s+)?{The}lips\s+resist\b", "while trying to press the lips together"),
        O($@"\blet\s+{The}head\s+(?:hang|drop|sink|fall)\s+(?:\w+ly\s+)?back(?:wards?)?\b", "tilt the head back"),
        O(@"\beye\s?balls\b", "eyes"),
        O(@"\bswap\w*\s+(?:the\s+)?air\b", "move the air from cheek to cheek"),
        O(@"(?<=[-–:]\s+)(?-i:O)(?=\s*,)", "say O"),
        O(
            $@"(?<=\bair\s+from\s+cheek\s+to\s+cheek)\s+(?:left|right){Mark}\s*(?:-+>?|/|to|and)\s*(?:left|right){Mark}(?=\s*(?:[,.;]|$))",
            ""
        ),
        O(
            $@"\b(?<verb>turn|tilt|rotat|lift|lower|bend)(?<ing>\w*)\s+{The}face\b(?=\s+(?:to|up|down|back|left|right|side|towards?)\b)",
            "${verb}${ing} the head"
        ),
        O(@"(?<=^\s*(?:eyes?\s+)?(?:closed|shut)\s+tight(?:ly)?[^.;]{0,30},\s*)open\s+wide\b", "open the eyes wide"),
        O(@"^\s*eyes\s+(?:closed|shut)\s+tight(?:ly)?\b", "squeeze the eyes shut"),
        O(@"(?<=\bhead\b[^.;]{0,40},\s*)(?<verb>tilt|lean|tip)\s+back\b", "${verb} the head back"),
        O($@"\bclos\w*\s+{The}(?:eyes|lids)\s+(?:up\s+)?from\s+below(?:\s+up(?:wards?)?)?\b", "lift the lower lids"),
        O($@"\bwrap\w*\s+{The}lips\s+(?:a?round|over)\s+{The}teeth\b", "lips rolled in over the teeth"),
        O(
            $@"\b(?:put|plac|bring|slid)\w*\s+{The}tongue\s+between\s+{The}(?:(?:upper|lower)\s+)?teeth\s+and\s+{The}(?:(?:upper"
                + @"|lower)\s+)?lips?\s*,?\s*(?:and\s+)?(?:sweep|mov|slid|circl)\w*\s+it\b(?:\s+(?:slowly"
                + $@"|gently))?(?:\s+from\s+left{Mark}\s+to"
                + $@"\s+right{Mark})?",
            "circle the tongue in front of the teeth"
        ),
        O(@"\blet\s+(?:the\s+|your\s+)?(?<part>tongue|jaw|shoulders)\s+(?<verb>circle|roll|slide)\b", "${verb} the ${part}"),
        O(
            @"(?<=\b(?:lie|lying)\b[^.;]{0,60})\b(?<verb>lift|rais)(?<ing>\w*)\s+(?:the\s+"
                + @"|your\s+)?head\b(?!\s+(?:\p{L}+\s+){0,4}?(?:off|from)\b)",
            "${verb}${ing} the head off the floor"
        ),
        O(
            $@"(?:,\s*)?(?:\band\s+)?\b(?:press|push|reach|stretch)\w*\s+{The}(?:(?:left|right|other){Mark}\s+)?(?:hand|arm|shoulder|palm)"
                + @"\s+(?:down\s+)?to(?:wards?)?\s+the\s+floor\b",
            ", shoulders down"
        ),
        O(
            @"\band\s+at\s+the\s+same\s+time\s+(?<verb>raise|lift|lower|close|open|widen|smile|pucker|look|frown)\b",
            "while the face does this: ${verb}"
        ),
        O(
            @"(?:,\s*)?\b(?:let\s+)?(?:the\s+|your\s+)?arms\s+(?:hang\w*|(?:are\s+|stay\s+)?loose|down)(?:\s+(?:down|loose(?:ly)?"
                + @"|relaxed))*\b",
            ""
        ),
        O(@"\bhalf\s+clos(?:e|ing)\b|(?<=\b(?:eye)?lids?\b[^.;]{0,20})\bclose\s+half(?:way)?\b", "close slightly"),
        O(
            $@"(?<=\b(?:upper|lower)\s+lip\b[^.;]{{0,60}})\b(?:mov|shift|push|bring)\w*\s+(?:the\s+air|air|it)\s+(?:down\s+"
                + $@"|up\s+)?(?:in)?to\s+{The}"
                + @"(?<lip>upper|lower)\s+lip\b",
            "puff the ${lip} lip"
        ),
        O(
            @"(?<=\b(?:puff|blow|fill)\w*\b[^.;]{0,25}\b(?:upper|lower)\s+lip\b[^.;]{0,40},\s*)(?:then\s+)?(?:the\s+)?(?<lip>upper"
                + @"|lower)\s+lip\b",
            "puff the ${lip} lip"
        ),
        O(@"\bclosed\s+(?:down\s+)?against\b", "close against"),
        O(@"\b(?<lip>upper|lower)\s+lip\s+rolls?\s+(?:under|in)\b", "roll the ${lip} lip in"),
        O(
            @"\bmassag\w*\s+(?:(?:the\s+|your\s+)?gums\s+)?with\s+(?:the\s+|your\s+)?tongue\b(?:\s*,?\s*circl\w*)?",
            "circle the tongue round the gums"
        ),
        O(@"\btip\s+behind\s+(?:the\s+)?upper\s+teeth\s*,\s*press(?=\s*(?:[,.;]|\d|$))", "press the tongue behind the upper teeth"),
        O(@"(?<=\bthen\s+)lift\s+the\s+other\b(?=\s*(?:[,.;]|$))", "the other side"),
        O(@"(?<=\b(?:wrinkl|scrunch|frown|chin|pout)\w*\b[^.;]{0,40},\s*)smooth\s+(?:it\s+)?out\b(?=\s*(?:[,.;]|$))", "release"),
        O(
            $@"^\s*eyes\s*:\s*diag(?:onal(?:ly)?|\.)?\s+(?<a>up|down)\s+(?<b>left|right){Mark}\s*(?:-+>?|→|/|to|,)\s*(?<c>up"
                + $@"|down)\s+(?<d>left|right){Mark}",
            "look ${a} ${b}, then ${c} ${d}, "
        ),
        O(@"\bbunny\s+nose\b", "wrinkle the nose"),
        O(
            @"^\s*tongue\s*:\s*touch\w*\s+(?:the\s+)?nose\s*,\s*(?:then\s+)?(?:touch\w*\s+)?(?:the\s+)?chin\b",
            "tongue out to the nose, tongue out to the chin"
        ),
        O(@"\blook\w*\s+straight\b(?!\s+(?:ahead|up|down))", "look straight ahead"),
        O(
            $@"\b(?:push|press)\w*\s+{The}chin\s+down\s+(?:against|into|onto)\b(?![^.;]*\b(?:mouth|lips)\s+(?:closed|shut|together)\b)",
            "open the jaw against"
        ),
        O(@"\bspeak\w*\s+(?:the\s+)?vowels\b", "say A E I O U"),
        O(@"\bsay\w*\s+the\s+vowels\b(?!\s*[:,]?\s*[""“]?(?-i:A))", "say A E I O U"),
        O(
            @"(?<=\b(?:teeth|lip)\b[^.;]{0,60})\b(?:and\s+)?(?:lift|raise)\s+(?:the\s+|your\s+)?(?:lower\s+)?jaw\b(?:\s+(?:slowly|up"
                + @"|upwards))*(?:\s+as\s+if\s+"
                + @"scooping(?:\s+up)?)?",
            "and close the jaw"
        ),
        O($@"\b(?:cup|rest|lay|put|hold)\w*\s+{The}chin\s+(?:in|on|into)\s+{The}(?<hand>hands|palms)\b", "${hand} on the chin"),
        O(
            @"(?:,\s*)?(?:and\s+)?\b(?:lean|let)\s+(?:the\s+|your\s+)?head\s+(?:sink\s+|rest\s+|fall\s+)?(?:in(?:to)?"
                + @"|on(?:to)?)\s+(?:it|them|(?:the\s+|your\s+)?(?:hands"
                + @"|palms))\b",
            ""
        ),
        O(@"\b(?<part>mouth|jaw)\s+opens?\s+against\b", "open the ${part} against"),
        O($@"\blet\s+{The}(?:(?:whole|entire)\s+)?face\s+(?:go\s+(?:soft|loose|slack)|soften|relax)\b", "relax the whole face"),
        O(
            $@"\bas\s+far\s+(?:to\s+(?:the\s+)?)?(?<side>left|right|up|down|forward|back){Mark}\s+as\s+(?:it|they"
                + $@"|the\s+\p{{L}}+)\s+(?:goes?|will\s+go|can\s+go)\b",
            "${side}"
        ),
        O(@"^\s*eyes\s+(?:with|and)\s+(?:the\s+|your\s+)?thumb\s*:\s*near\s*(?:-+>?|,|/|to)?\s*far\b", "look near, then far"),
        O(@"^\s*tongue\s*:\s*(?:to\s+(?:the\s+)?)?(?:roof|palate)\s*,\s*press\b", "press the tongue to the palate"),
        O($@"\bhid\w*\s+{The}teeth\s+(?:with|behind|under)\s+{The}lips\b", "lips rolled in over the teeth"),
        O(
            $@"\bturn(?<ing>\w*)\s+{The}(?:head|chin|face)\s+(?:\w+ly\s+)?over\s+{The}(?<side>left|right){Mark}\s+shoulder\b",
            "turn${ing} the head to the ${side}"
        ),
        O(@"^\s*air\s+(?:from\s+)?cheek\s+to\s+cheek\b", "move the air from cheek to cheek"),
        O(@"^\s*tongue\s+(?=(?:roof|palate)\b)", "tongue to the "),
        O($@"^\s*head\s*:?\s+(?=(?:left|right){Mark}\s*[,/]\s*(?:left|right))", "turn the head "),
        O(@"\b(?:form|make|put\s+on|show)\s+an?\s+(?:(?:big|wide|broad|huge|small|slight|gentle|closed|soft)\s+)*smile\b", "smile"),
        O(@"\bin(?:to)?\s+an?\s+half[\s-]smile\b", ""),
        O(@"\bhalf[\s-]smile\b", "slight smile"),
        O(@"\bpretend\w*\s+to\s+(?=(?:chew|swallow|yawn|kiss|blow)\b)", ""),
        O(@"\bchew\w*\s+(?:a\s+)?(?:piece\s+of\s+)?gum\b", "chew"),
        O(@"\bwiggl(?=\w*\s+(?:the\s+|your\s+)?(?:jaw|chin)\b)", "mov"),
        O(@"\b(?<verb>lift|raise)\s+(?:only\s+)?one\s+side\s+of\s+(?:the\s+|your\s+)?mouth\b", "${verb} one corner of the mouth"),
        O(
            @"^\s*(?:next|now|then)?,?\s*for\s+(?:the\s+|your\s+)?(?<part>forehead|eyes|brows|nose|cheeks|lips|mouth|chin|jaw|neck)\s*,\s*",
            "${part}: "
        ),
        O(@"\b(?<n>\d+)/\k<n>(?=\s*(?:[,.;]|$))", "${n} times each way"),
        O(@"(?<=\b(?:to|into)\s+an?\s+)small\s+(?=(?-i:O)\b)", ""),
        O(
            @"(?<=^\s*|[,:;–-]\s*|\b(?:and|then)\s+)(?:long|small|big|large|round|oval|tall|tight|wide"
                + @"|loose)\s+(?-i:O)\b(?!['’])(?:\s+with\s+(?:the\s+|your\s+)?(?:mouth|lips))?",
            "say O"
        ),
        O(@"(?<=\b(?:chin|jaw)\b[^.;]{0,60})\bopen\s+against\b", "open the jaw against"),
        O(@"\bdouble\s+chin\s+(?:back|in)(?:wards?)?\b", "tuck the chin in"),
        O(
            @"(?:,\s*)?\b(?:the\s+)?(?:other|opposite|same|left|right)[\uE100-\uF8FF]?\s+shoulder\s+(?:stays?|is|remains?)\s+(?:down"
                + @"|low|still|relaxed)\b",
            ", shoulders down"
        ),
        O($@"\bflutter\w*\s+{The}(?:upper\s+)?(?:(?:eye)?lids|(?:eye)?lashes)\b", "blink quickly"),
        O(
            @"(?:^\s*|\b(?:look\w*|eyes|eye\s+(?:yoga|training|exercises?|workout|gym))\s*:?\s+)(?<a>up|down|left"
                + @"|right)[\uE100-\uF8FF]?\s*[-/]\s*(?<b>up|down|left"
                + @"|right)[\uE100-\uF8FF]?\s+(?<n>\d+)"
                + @"\s*(?:x|times)?(?=\s*(?:slow(?:ly)?|quick(?:ly)?|fast)?\s*(?:[,.;]|$))",
            "look ${a} and ${b}, ${n} times"
        ),
        O(
            @"(?<=\bcorners?\b[^.;]{0,60})(?:\+|,|\band\b)\s*(?:show\w*\s+|tens\w*\s+)?(?:the\s+)?neck\s+(?:cords|bands"
                + @"|strings)(?:\s+(?:out|tight|visible))?",
            ", tense the neck"
        ),
        O(@"\brepeat\w*\s+(?<n>\d+)(?=\s*(?:[.;,]|$))", "${n} times"),
        O(@"\blook\w*\s+diagonal(?:ly)?\s+(?=(?:up|down)\b)", "look "),
        O(@"(?:,\s*)?\b(?:then\s+|and\s+)?(?:on\s+|along\s+)?the\s+other\s+diagonal\b", ", each way"),
        O(@"\b(?:neck|head)\s+circles?\s*\(\s*(?:only\s+)?half(?:\s+only)?\s*\)", "head half circles"),
        O(@"\bpalm\w*\s+(?:the\s+|your\s+)?(?:closed\s+)?eyes\b", "palms over the eyes"),
        O(@"\bmov\w*\s+it\s+(?:a)?round\s+(?:in\s+)?the\s+mouth\b", "move the air round the mouth"),
        O(@"\bopen\w*\s+(?:the\s+)?eyes\s+and\s+(?:the\s+)?mouth\b", "open the eyes wide, open the mouth"),
        O(@"\bopen\w*\s+(?:the\s+)?mouth\s+and\s+(?:the\s+)?eyes\b", "open the mouth, open the eyes wide"),
        O($@"\bmov\w*\s+{The}pout\b", "move the lips"),
        O($@"\b(?:relax|let\s+go)\s+and\s+let\s+{The}shoulders\s+(?:sink|drop|fall|hang)(?:\s+down)?\b", "shoulders down"),
        O($@"\blet\s+{The}lips\s+(?:vibrate|flutter|buzz|trill)\b", "flutter the lips"),
        O(@"\bnear\s*[/-]\s*far\s+focus(?:ing)?\b", "near-far"),
        O(
            @"(?<=\bcheeks\s+(?:are\s+)?full(?:\s+of\s+air)?\s*,\s*)(?:shift|pass|push|roll|mov)\w*(?:\s+(?:it"
                + @"|the\s+air))?\s+(?=(?:to\s+the\s+)?(?:left"
                + @"|right|side|from)\b)",
            "move the air "
        ),
        O(@"\blook\w*\s+(?:up\s+)?as\s+(?:if|though)\s+(?:you\s+(?:are|were)\s+)?surprised\b", "raise the brows"),
        O(@"\bsmil(?:e|ing)\s+closed\b", "smile with closed lips"),
        O(@"\btongue\s+inside\s+(?=(?:push|press|slid|glid|strok|mov|run)\w*\b)", "tongue pushes from inside, "),
        O($@"\bopen\s+close\s+{The}(?<part>jaw|mouth)(?<little>\s+(?:a\s+)?little)?\b", "open and close the ${part}${little}"),
        O($@"\bmov\w*\s+it\s+(?:on\s+|down\s+|up\s+)?to\s+{The}(?<which>upper|lower)\s+lip\b", "puff out the ${which} lip"),
        O(@"(?<=\b(?:nod|tuck)\w*\b[^.;]{0,30})\s+to(?:wards?)?\s+(?:the\s+|your\s+)?throat\b", " in"),
        O(@"\bcircles\s+(?<n>\d+)\s*\+\s*\k<n>\b", "circle the eyes ${n} times each way"),
        O(
            @"\bbring\w*\s+(?:the\s+|your\s+)?lips\s+together\s+(?:like|as)\s+(?:(?:for|if|in)\s+)?(?:an?\s+)?kiss(?:ing)?\b",
            "pucker the lips"
        ),
        O(
            $@"(?:^\s*|(?<=:\s*))(?:pout|kiss|pucker)\w*\s+(?=(?:to\s+{The})?(?:left|right){Mark}\s*(?:/|,|and\b|then\b))",
            "move the lips to the "
        ),
        O(
            @"\b(?:the\s+)?(?<part>head|neck|brows?|shoulders|jaw)\s+(?:stays?|remains?)\s+where\s+(?:it|they)\s+(?:is|are)\b",
            "${part} stays still"
        ),
    ];
}
