using System.Text.RegularExpressions;
using static Wexis.Core.Techniques.Notes.Phrasing;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Eyes, lips, tongue and air, in words of their own.</summary>
internal static class OtherFace
{
    /// <summary>What is said, and the words that are read for it; from top to bottom, after the other movements.</summary>
    public static readonly (Regex Said, string Read)[] Rows =
    [
        // What a face does that is screwed up: brow, eyes, nose and lips (FACS action units 4, 43, 9 and 24; common practice).
        O(
            @"\b(?:wrinkl|scrunch|screw|crumpl|squeez|crinkl)\w*\s+(?:up\s+)?(?:(?:the|your)\s+)?(?:(?:whole|entire)\s+)?face(?:\s+up"
                + @"|\s+together)?\b",
            "frown, squeeze the eyes shut, wrinkle the nose and press the lips together"
        ),
        O(@"\b(?:frown|crinkle|scrunch)\w*\s+(?:up\s+)?(?:the\s+|your\s+)?nose\b", "wrinkle the nose"),
        O(@"(?<=\bsquint\w*\b[^.;]{0,60}),?\s*only\s+(?:the\s+|your\s+)?lower\s+(?:eye)?lids?\b", ""),
        O($@"\b(?:let\s+)?{The}eyes\s+(?:follow\s+)?[^.;:]{{0,30}}?\bclock(?:\s+face)?\b(?:\s*:?\s*12\b[\d,\s]*)?", "circle the eyes, "),
        O(@"\brins\w*\s+(?:as\s+(?:if\s+)?with|like(?:\s+with)?)\s+(?:an?\s+)?(?:mouthwash|water)\b", "move the air from cheek to cheek"),
        O(@"^\s*palm\s+(?:the\s+|your\s+)?eyes\b", "palms over the eyes"),
        O(@"\blook\w*\s+(?:far\s+)?out\s+of\s+(?:the|a)\s+window\b", "look far away"),
        O(@"\b(?:slack|soft|loose|relaxed)\s+mouth\b", "jaw loose"),
        O(@"\btongue\s+out(?:wards?)?\s+(?=against\s+(?:the\s+|your\s+)?(?:inside\s+of\s+the\s+)?cheek)", "tongue "),
        O(
            $@"(?<=\btongue\b[^.;]{{0,80}}),\s*{The}(?<hand>{HandNames})\s+(?:in(?:wards?)?\s+)?against\s+{The}tongue\b",
            " against the ${hand}"
        ),
        O(@"(?<!\bwith\s+an?\s+(?:\p{L}+\s+)?)\bsigh\s+out\b", "breathe out"),
        O(
            @"\b(?:mov\w*\s+them|look\w*)\s+as\s+if\s+(?:you\s+)?read\w*\s+(?:an?\s+)?(?:lines?"
                + @"|book)\b(?:\s+from\s+left\s+to\s+right)?(?:\s+and\s+back)?",
            "look left and right"
        ),
        O(
            @"\bupper\s+lip\s+(?:goes\s+)?over\s+(?:the\s+)?lower(?:\s+(?:lip|one))?(?:\s*,?\s*(?:and\s+)?(?:pull|draw"
                + @"|stretch)\w*\s+(?:it\s+)?down(?:wards?)?)?\b",
            "roll the upper lip in"
        ),
        O($@"\bform\w*\s+{The}(?:lips|mouth)\s+(?:in)?to\s+an?\s+(?:oval|circle|ring)\b", "say O"),
        O(
            @"(?<=\bair\b[^.;]{0,80})\b(?:shift|mov|push|pass|blow)\w*\s+it\s+from\s+(?:one\s+)?(?:cheek"
                + @"|side)\s+to\s+(?:the\s+)?(?:other|cheek|side)(?:\s+(?:cheek|side))?\b",
            "move the air from cheek to cheek"
        ),
        O(@"\blook\w*\s+(?:down\s+)?in(?:to)?\s+(?:the\s+|your\s+)?armpits?\b", "look down"),
        O(@"\b(?:chin|head)\s+lifts\b", "chin up"),
        O(
            $@"(?<=\b(?:puff|fill|blow)\w*\b[^.;]{{0,60}}\blip\b[^.;]{{0,40}}),\s*(?:the\s+)?(?:left"
                + $@"|right){Mark}\s+cheek\s*,?\s*(?:and\s+|then\s+)?(?:the\s+)?(?:left|right){Mark}"
                + @"\s+cheek\b",
            ", puff the cheeks one after the other"
        ),
        O(
            @"(?<=\b(?:ear|head|turn|tilt)\w*\b[^.;]{0,80})\bhold\w*\s+(?:for\s+)?(?<n>\d+\s*(?:s|secs?"
                + @"|seconds?))\s+each\b(?!\s+(?:side|way|direction|time))",
            "hold ${n}, each side"
        ),
        O(@"\bopen\s+(?:the\s+)?mouth\s+(?=(?-i:O)\b)", "say "),
        O(
            @"(?<=[,;]\s*(?:then\s+)?)(?:swap|switch|change)\s+(?:to\s+)?(?:the\s+)?(?:left|right)\b(?:\s+side)?(?![^.;]*\b(?:per"
                + @"|each)\s+side)",
            "each side"
        ),
        O(@"\bO[\s-]?shaped?\s+(?:mouth|lips)\b", "say O"),
        O(
            @"\bsqueez\w*\s+(?:(?:the|your|both)\s+)*eyes\s+(?:shut|closed|together)\s+(?<how>gently|lightly|softly)\b",
            "close the eyes ${how}"
        ),
        O(@"\(?\s*\b(?:but\s+)?not\s+painful(?:ly)?\b\s*\)?", ""),
        O(@"(?<=\blook\w*\b[^.;]{0,40})\bfar\s+(?=(?:left|right|up|down)\b)", ""),
        O(@"^\s*vowels\s*:?\s*(?=(?-i:A)\b)", "say "),
        O(@"\b(?:close|shut)\w*\s+(?:(?:the|your|both)\s+)*(?<what>eyes|lids)\s+half[\s-]?way\b", "close the ${what} slightly"),
        O(
            @"(?<=\b(?:roll|pull|fold|curl|tuck)\w*\s+(?:the\s+|your\s+)?lips\b[^.;]{0,40},\s*(?:then\s+|and\s+)?)(?:roll|pop|push"
                + @"|let)\s+(?:them\s+)?out\b",
            "release"
        ),
        O($@"\bair\s+(?:a?round\s*:?\s*)?{The}upper\s+lip\s*,\s*{The}cheeks\s*,?\s*(?:and\s+)?{The}lower\s+lip\b", "air round the mouth"),
        O(
            @"(?<=\bcircl\w*\b[^.;]{0,60}[,;]\s*(?:then\s+)?)(?:change|reverse|switch)(?:\s+(?:the\s+)?direction)?(?=\s*(?:[,.;]|$))",
            "each way"
        ),
        O(@"\bsuck\w*\s+(?:on\s+)?(?:the\s+|your\s+)?(?:thumb|finger)\b", "suck, thumb inside the mouth"),
        O(
            @"^\s*near\s*[/–-]\s*far\s*:\s*(?:(?:the\s+)?(?:thumb|finger"
                + @"|pen)\s+at\s+arm'?s\s+length\s*,?\s*(?:then\s+)?(?:the\s+)?(?:wall|window)?)?",
            "look near, then far "
        ),
        O(@"\b(?:neck|head)\s+rolls?\s*,?\s+half\s+circles?\b", "head half circles"),
        O(@"(?<=\bhalf[\s-]circles?\b[^.;]{0,40})\b(?:from\s+)?(?:the\s+)?ear\s+to\s+(?:the\s+)?ear\b", ""),
        O(
            @"(?<=\bagainst\b[^.;]{0,120},\s*)(?:with\s+)?(?<how>light|gentle|slight|soft|medium|moderate|strong|firm)"
                + @"\s+resistance(?=\s*(?:[,.;]|$))",
            "${how}"
        ),
        O(@"(?<!\bsay\w*\s+[""“]?)\b(?<a>ah+|oh+|ee+|oo+|eh|uh)\s*[-–/]\s*(?=(?:ah+|oh+|ee+|oo+|eh|uh)\b)", "say ${a}, "),
        O(@"(?<=\bsay\s+(?:ah+|oh+|ee+|oo+|eh|uh)\s*,\s*)(?=(?:ah+|oh+|ee+|oo+|eh|uh)\b)", "say "),
        O(@"\bthrough\s+(?:a\s+|the\s+)?(?:small|tiny|little|narrow)\s+(?:hole|opening|gap)(?:\s+(?:of|in|between)\s+the\s+lips)?", ""),
        O(@"(?<=\bhead\s+back\b[^.;]{0,80})(?<!\b(?:lips|kiss\w*|pout))\s+(?:up\s+)?to(?:wards?)?\s+(?:the\s+)?ceiling\b", ""),
        O(@"^\s*eyes\s*:\s*(?:wide\s+open|open\s+wide)\b", "open the eyes wide"),
        O(
            @"(?<=\b(?:purse|pucker|kiss|pout)\w*\b[^.;]{0,30},\s*)turn\w*\s+(?:(?:them|it|the\s+lips)\s+)?up(?:wards?)?\s+to(?:wards?)?"
                + @"\s+(?:the\s+)?nose\b",
            "push them towards the nose"
        ),
        O(@"\bair\s+in\s+(?:the\s+)?cheeks\s*,?\s*(?:left\s*/\s*right|right\s*/\s*left)\b", "move the air from cheek to cheek"),
        O(
            @"(?<=\btongue\s+out\b[^.;]{0,60},\s*)touch\w*\s+(?:the\s+|your\s+)?(?<a>chin|nose)\s*,?\s*(?:then"
                + @"|and)\s+(?:the\s+)?(?<b>nose|chin)\b",
            "tongue to the ${a}, tongue to the ${b}"
        ),
        O(@"^\s*11['’]?s\s*(?::|\s[-–])\s*", ""),
        O(@"(?<=\bcheeks\b[^.;]{0,60})\bblow\w*\s+(?:them\s+)?up\b", "puff the cheeks"),
        O(@"(?<=^\s*nose\s*(?::|[-–])[^.;]{0,40})\b(?:the\s+)?tip\b(?!\s+of)", "the tip of the nose"),
        O(@"(?<=\btongue\b[^.;]{0,40})\b(?:the\s+)?inside\s+(?:of\s+)?(?:the\s+)?cheeks?\b", "into the cheek"),
        O(@"\b(?:puff|fill|blow)\w*\s+(?:up\s+)?(?:the\s+)?chin(?:\s+area)?\s+with\s+air\b", "puff the lower lip"),
        O(@"\b(?<of>chin|forehead|cheek|jaw|neck|temple|mouth)\s+area\b", "${of}"),
        O(@"\bee+k+\b", "eee"),
        O(@"\bwhen\s+(?:going|you\s+go|coming|moving)\s+(?:down|up|back|over)(?:wards?)?\b", ""),
        O(
            $@"\btongue\s+circl\w*\s+(?:in\s+front\s+of|behind|inside)\s+{The}(?:closed\s+|shut\s+)?(?:teeth|lips)\b",
            "circle the tongue round the teeth"
        ),
        O(
            @"\b(?<verb>wink|puff|tilt)\s+(?<a>left|right)\s*[,/]\s*(?:and\s+|then\s+)?\k<verb>\s+(?<b>left|right)\b",
            "${verb} ${a}, then ${b}"
        ),
        O(@"^\s*neck\s+stretch\s+(?=ear\b)", ""),
        O(@"\bdraw\w*\s+(?:an?\s+)?(?-i:O)\s+with\s+(?:the\s+)?jaw\b", "circle the jaw"),
        O($@"\bclose\s+{The}eyes\s+(?:softly|gently|lightly)\s*,\s*(?=squeeze\s+{The}(?:lids|eyes)\b)", ""),
        O(
            @"\bopen\w*\s+(?:slowly\s+)?(?:for\s+|over\s+|in\s+)?(?<a>\d+)\s*counts?\s*,?\s*(?:and\s+|then\s+)?clos\w*\s+(?:slowly\s+)?"
                + @"(?:for\s+|over\s+|in\s+)?(?<b>\d+)\s*counts?\b",
            "open over ${a} counts, close over ${b} counts"
        ),
        O(
            @"\bin\s+through\s+(?:the\s+)?nose\s+(?:for\s+)?(?<a>\d+)\s*(?:s|secs?"
                + @"|counts?)?\s*,?\s*hold\s+(?:for\s+)?(?<h>\d+)\s*(?:s|secs?|counts?)?"
                + @"\s*,?\s*(?:and\s+)?(?:breathe\s+)?out\s+through\s+(?:the\s+)?(?:mouth|nose)\s+(?:for\s+)?(?<b>\d+)\s*(?:s|secs?"
                + @"|counts?)?\b",
            "breathe in ${a}, hold ${h}, out ${b}"
        ),
        O(
            @"\bin\s+through\s+(?:the\s+)?nose\s+(?:for\s+)?(?<a>\d+)\s*(?:s|secs?"
                + @"|counts?)?\s*,?\s*(?:and\s+)?(?:breathe\s+)?out\s+through\s+"
                + @"(?:the\s+)?(?:mouth|nose)\s+(?:for\s+)?(?<b>\d+)\s*(?:s|secs?|counts?)?\b",
            "breathe in ${a}, out ${b}"
        ),
        O(@"(?<=^\s*breath\w*\s*[:–-]\s*)(?:one\s+|both\s+)?hands?\s+on\s+(?:the\s+)?(?:belly|stomach|ribs|chest)\s*,?\s*", ""),
        O(@"\beach\s+diagonal\b", "each way"),
        O(@"[""“'‘]?\bbr{2,}\b[""”'’]?(?:\s+(?:with\s+)?(?:the\s+)?lips)?", "flutter the lips"),
        // Who hums breathes out.
        O(@"\b(?<!\b(?:with\s+an?|or|a)\s+)hum(?:s|ming)?\b(?!\s+(?:sound|noise|tone))", "breathe out"),
        O(
            @"^\s*(?:use|take)\s+(?:(?:the|your|both)\s+)*(?<with>(?:\p{L}+\s+){0,2}(?:fingers?|fingertips?|knuckles?|thumbs?|palms?"
                + @"|hands?|fists?))"
                + @"\s+to\s+(?<work>[^.;,]+)",
            "${work} with the ${with}"
        ),
        O(
            $@"\b(?:roll|strok|repeat|do|go\s+over)\w*\s+each\s+(?:strip|line|row|lane|section)\s+(?=\d|two|three|four|five|six|eight|ten)",
            ""
        ),
        O(
            $@"\b(?:stretch|spread|widen|pull|draw)\w*\s+{The}(?<part>lips|mouth)\s+"
                + @"(?:out\s+)?(?:sideways|outwards?|to\s+(?:both|the)\s+sides)\b"
                + @"(?![^.;]*\b(?:fingers?|thumbs?|hands?|left|right)\b)",
            "stretch the ${part} wide"
        ),
        O(@"\bjaw\s+corners?\b|\bcorners?\s+of\s+the\s+jaw\b", "jaw angle"),
        O(
            $@"\bturn\w*\s+{The}(?<what>head|chin)\s+(?:to|towards?|over)\s+{The}(?<side>(?:left|right){Mark})\s+shoulder\b",
            "turn the head to the ${side}"
        ),
        O(
            @"(?<=\b(?:look\w*\s+up|head\s+back|chin\s+(?:up|lifted))\b[^.;]{0,120}),\s*(?:and\s+|then\s+)?lower\s+(?:the\s+"
                + @"|your\s+)?(?:chin|head)"
                + @"(?:\s+slow(?:ly)?)?\s*\.?\s*$",
            ", let go slowly."
        ),
        O(@"\bshut\w*\s+(?=(?:the|your|both)\s+(?:eyes|lids|mouth|lips)\b)", "close "),
        O(@"\bas\s+far\s+to\s+(?:the\s+|your\s+)?(?=(?:left|right)\b)", "far to the "),
        O($@"\blet\s+{The}air\s+(?:wander|travel|go|move|flow|roll)\b", "move the air"),
        O(@"^\s*work\w*\s+(?:your\s+way\s+)?(?=from\b)", ""),
        O(
            @"\b(?:so\s+\p{L}+\s+)?(?:that|until|till)\s+(?:the\s+)?neck\s+(?:cords?|bands?|strings?)\s+(?:stand\s+out|show"
                + @"|tighten"
                + @"|tense|pop\s+out)\b",
            ", neck tense"
        ),
        O(
            @"^\s*tongue\s*(?::|\s[-–])\s*(?<verb>push|press)\w*\s+(?=(?:against|into|to|up|out|firmly|hard|through|towards?)\b)",
            "${verb} the tongue "
        ),
        O(
            @"(?<=\btongue\b[^.;]{0,80})\b(?:hold\w*\s+with\s+(?:the\s+|an?\s+|your\s+)?finger\s+(?:(?:on"
                + @"|from)\s+(?:the\s+)?)?(?:outside\s+)?against"
                + @"\s+it|(?:the\s+|an?\s+|your\s+)?finger\s+(?:(?:on|from)\s+(?:the\s+)?)?outside\s+resist\w*)\b",
            "against the finger"
        ),
        O(
            @"(?<!\b(?:lip|mouth|nos|hand|fist)\w*\b[^.;]{0,60})\bsqueez\w*\s+shut\b(?!\s+(?:the|your|both)\b)(?![^.;]*\bopen)",
            "squeeze the eyes shut"
        ),
        O(
            @"(?<=\b(?:smil|grin)\w*\b[^.;]{0,40}\b(?:lips|mouth)\b[^.;]{0,20})\bas\s+wide(?:ly)?\s+as\s+(?:you\s+can|possible)\b",
            "as strongly as you can"
        ),
        O(
            $@"\b(?<a>left|right){Mark}\s+(?<n>\d+)(?:\s*(?:x|times))?\s*,?\s*(?:and\s+|then\s+)?(?!\k<a>)(?:left"
                + $@"|right){Mark}\s+\k<n>(?:\s*(?:x|times))?"
                + @"(?=\s*(?:[,.;]|$))",
            "left and right, ${n} times each side"
        ),
        O($@"^\s*cup\s+them\s+(?:(?:gently|lightly|loosely)\s+)?over\s+{The}(?:closed\s+)?eyes\b", "cup the palms over the closed eyes"),
        O(@"\b(?<verb>say|form|make|shape)\s+(?-i:(?<a>[AEIOU])),?\s+(?:then|and)\s+(?-i:(?<b>[AEIOU]))\b", "${verb} ${a} – ${b}"),
        O(@"\bfrom\s+(?:the\s+)?inner\s+ends?\s+(?:to\s+the\s+)?outwards?\b", "from the inner brow to the outer brow"),
        O(@"\bhalf(?:way)?[\s-]+clos(?=\w*\s+(?:the\s+|your\s+)?lower\s+(?:eye)?lids?\b)", "clos"),
        O(@",\s*(?:the\s+)?(?:left|right|other|opposite)\s+shoulder\s+(?:down|low)\b", ", shoulders down"),
        O(@"\bfind\w*\s+(?:the\s+)?muscle\s+by\s+(?:biting|clenching)(?:\s+the\s+teeth)?\b", "clench the teeth"),
        O(
            $@"(?<=^\s*(?:sit|stand)\b[^.;]{{0,60}})(?:\s+and\s+|\s*,\s*)(?:let\s+{The}shoulders\s+(?:sink|drop|fall|hang|relax)"
                + $@"|(?:drop|lower|relax)\s+{The}shoulders)(?:\s+down)?\b",
            ", shoulders down"
        ),
        O(
            @"\b(?:the\s+|your\s+)?(?<part>forehead|brows?|nose|jaw|neck|shoulders?)\s+(?:does|do)\s+not\s+(?:join|help|take\s+part"
                + @"|work|come)"
                + @"(?:\s+(?:in|along|with\s+it))?\b",
            "keep the ${part} still"
        ),
        O(@"\bin\s+(?:the\s+)?nose\s*[,/&+]?\s*(?:and\s+)?out\s+(?:the\s+)?mouth\b", "in through the nose and out through the mouth"),
        O(@"\bsteam\s*/\s*(?=warm\b)", ""),
    ];
}
