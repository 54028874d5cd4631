using System.Text.RegularExpressions;
using static Wexis.Core.Techniques.Notes.Phrasing;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Places, in words of their own.</summary>
internal static class OtherPlaces
{
    /// <summary>What is said, and the words that are read for it; from top to bottom.</summary>
    public static readonly (Regex Said, string Read)[] Rows =
    [
        O(
            @"\bunder\s+(?:the\s+)?chin\s+from\s+(?:the\s+)?(?:middle|centre|center)\s+(?:out\s+)?to\s+(?:the\s+)?ears?\b",
            "from under the chin to the ear"
        ),
        O(
            @"^(?<part>\s*[\p{L}\s-]{3,30}?)\s+(?:lift|open|firm|smooth|shorten|tight(?:en)?|plump|ton|strengthen|relax|releas|sculpt"
                + @"|shap)ers?\s*"
                + @"(?=:|\s[-–]\s)",
            "${part}"
        ),
        O(@"\bjaw\s+hinges?\b", "jaw joint"),
        O(@"\bout(?:wards?)?\s+from\s+(?:the\s+)?(?:middle|centre|center)\b(?!\s+of)", "from the middle outwards"),
        O(
            @"\b(?<under>under|below)\s+(?<bone>(?:the\s+)?cheekbones?)\s+(?:the\s+)?nose\s*(?:-+>|→|to)\s*(?:the\s+)?ears?\b",
            "from the nose ${under} ${bone} to the ear"
        ),
        O(@"\bunder[-\s]?eyes?\b(?!\s+area)", "under the eye"),
        O(@"\b(?:lower|bottom|under)\s+(?:edge|border|rim)\s+of\s+(?:the\s+|your\s+)?jaw(?:\s?line|\s?bone)?\b", "jaw"),
        O(@"\btops?\s+of\s+(?:the\s+|your\s+|both\s+)*shoulders?\b", "shoulders"),
        O(@"\beyebrow(?=s?\b)", "brow"),
        O(@"\b(?:soft|hard)\s+palate\b", "palate"),
        O($@"\balong\s+{The}(?:orbital|eye\s+socket)\s+(?:bone|rim)\s+(?=(?:under|below|above)\b)", ""),
        O(@"\b(?<which>inner|outer)\s+(?:eye)?brow\s+(?:end|tip)s?\b", "${which} brow"),
        O(@"\b(?:eye)?brow\s+(?:tail|end|tip)s?\b", "outer brow"),
        O(@"\b(?:eye)?brow\s+(?:head|start|beginning)s?\b", "inner brow"),
        O(
            @"\bfrom\s+(?:the\s+)?(?<a>cheek(?:bone)?s?|temples?"
                + @"|ears?)\s+(?:down\s+)?to\s+(?:the\s+)?jaw\b(?!\s*(?:line|bone|angle|joint))",
            "from the ${a} to the angle of the jaw"
        ),
        O(
            $@"(?<=\b(?:nose|nostrils?)\b[^.;]{{0,120}})(?<verb>(?:press|pinch|hold|tap)\w*)\s+{The}(?:nose\s+)?wings\b"
                + $@"|(?<verb>(?:press|tap)\w*)\s+{The}"
                + @"nose\s+wings\b",
            "${verb} on the nose wings"
        ),
        O(@"(?<=\bnose\b[^.;]{0,120})(?<!\bnose\s+)\bwings\b", "nose wings"),
        O($@"\b(?:eye\s+bags?|bags\s+under\s+{The}eyes?|tear\s+troughs?|dark\s+circles)\b", "under the eye"),
        O($@"\b(?:smooth|iron|strok|massag|rub|press|eras|wip)\w*\s+(?:(?:out|away|down)\s+)?{The}frown\b(?!\s+lines?)", "$0 lines"),
        O(
            $@"(?<=\b(?:spoons?|pads?|compress\w*|cloths?|towels?|bags?|stones?)\b[^.;]{{0,120}})\b(?:on|over|onto)\s+{The}(?:closed"
                + @"|shut)\s+(?:(?:eye)?lids|eyes)\b",
            "on the upper lids with closed eyes"
        ),
        O(
            @"\b(?<verb>(?:strok|smooth|sweep|brush|glid|slid)\w*)\s+(?:over\s+|along\s+"
                + $@"|across\s+)?{The}(?:upper\s+)?(?:eye)?lids?\s+outwards?\b",
            "${verb} along the upper lid from the inner corner of the eye to the outer corner of the eye"
        ),
        O(
            @"(?<=\bupper\s+lip\b[^.;]{0,120})\bfrom\s+(?:the\s+)?(?:centre|center"
                + @"|middle)\s+(?:out\s+)?to\s+(?:the\s+)?corners?\b(?!\s+of)",
            "from the middle of the upper lip to the corners of the mouth"
        ),
        O(
            @"\b(?<a>chin|ears?|nose|temples?|cheekbones?|forehead)\s+-\s+(?=(?:down\s+|up\s+)?(?:the\s+)?(?:chin"
                + @"|ears?|nose|temples?|neck|collarbones?|hairline)\b)",
            "${a} to "
        ),
        O(
            @"(?<=\b(?:strok|slid|glid|press|tap|knead|pinch|circl|massag|walk"
                + @"|work)\w*\b[^.;]{0,120}?)(?:,?\s*(?:and\s+|then\s+)?(?:mov|go|shift|wander"
                + @"|walk)\w*\s+(?:(?:a|it|them|little|bit|tiny|few|finger|width|cm|further)\s+)*(?:outwards?|on|along|up|upwards?"
                + @"|back)\s*)?,?\s*(?:and\s+|then\s+)?(?:(?:press|hold|repeat|tap|so)\w*\s+)?(?:again\s+|on\s+|along\s+)*(?:until|till)\s+"
                + @"(?:you\s+|they\s+)?(?:reach|arrive\s+at|get\s+to|come\s+to|are\s+at)\s+(?=the|your)",
            " to "
        ),
        O(@"^\s*11'?s\s*:", "frown lines:"),
        O(@"\bcrow'?s?\s?feet\b", "crow's feet"),
        O(@"\b(?<under>to\s+)(?:just\s+)?(?:under|below|beneath)\s+(?:the\s+|your\s+)?ear\s?lobes?\b", "${under}under the ear"),
        O(@"\bof\s+each\s+(?=(?:eye|brow|ear|nostril|cheek)\b)", "of the "),
        O(@"\bcorners?\s+(?=(?:mouth|eye)\b)", "corner of the "),
        O(@"\bfrom\s+(?:the\s+)?middle\s+of\s+(?:the\s+|your\s+)?face\b", "from the side of the nose"),
        O(
            @"(?<=\bbrows?\b[^.;]{0,80})\bstart\w*\s+(?:near|at|from|by)\s+(?:the\s+)?nose\s*,?\s*(?:and\s+)?(?:(?:mov|go|work)ing\s+)?"
                + @"out(?:wards?)?\b",
            "from the inner end of the brow to the outer end of the brow"
        ),
        O(
            @"(?<=\bears?\b[^.;]{0,80})(?:,\s*)?(?:\b(?:rim|edge)\s+)?\bfrom\s+(?:the\s+)?top\s+to\s+(?:the\s+)?(?:ear\s?)?(?:lobes?"
                + @"|bottom)\b",
            ""
        ),
        O(@"(?<=\blips?\b[^.;]{0,80})(?:,\s*)?\b(?:from\s+)?(?:one\s+)?corner\s+to\s+(?:the\s+)?(?:other(?:\s+corner)?|corner)\b", ""),
        O(@"\b(?:in|into)\s+the\s+air\b", ""),
        O(
            @"(?<=\b(?:strok|glid|slid|sweep|smooth)\w*\b[^.;]{0,60})\b(?:up|along)\s+(?:the\s+)?neck\s+to\s+(?:the\s+)?(?=(?:jaw|chin)\b)",
            "from the collarbone to the "
        ),
        O(
            @"(?<=\b(?:ears?|chin|jaw)\b[^.;]{0,40})(?:\s+-\s+|\s+and\s+|\s+)\bdown\s+(?:the\s+)?neck(?=\s*(?:[,.;]|$))",
            " to the collarbone"
        ),
        O(@"(?<=\bfrom\b[^.;]{0,80}\b(?:down\s+)?to\s+(?:the\s+)?)neck\b", "side of the neck"),
        O(@"\b(?<of>ears?)\s+from\s+(?:the\s+)?lobes?\s+to\s+(?:the\s+)?top\b", "${of}"),
        O(@"(?<!\bcheek\s+)\bapples\b(?!\s+of)(?<=\bcheek\w*\b[^.;]{0,80})", "cheek apples"),
        O(@"\b(?<from>from\s+(?:the\s+)?inner\s+brow\s+to\s+(?:the\s+)?outer)\b(?!\s+(?:brow|end|corner))", "${from} brow"),
        O(
            @"\bfrom\s+(?:one|the\s+left|the\s+right)[\uE100-\uF8FF]?\s+temple\s+(?:across\s+|over\s+)?to\s+the\s+other(?:\s+(?:one"
                + @"|temple))?\b",
            "from the temple over the middle of the forehead to the temple"
        ),
        O(@"\b(?:under\s?sides?|bottom)\s+of\s+(?:the\s+|your\s+)?chin\b", "area under the chin"),
        O(@"\btops?\s+of\s+(?:the\s+|your\s+|both\s+)*cheeks?\b", "cheekbones"),
        O(@"\btop\s+of\s+(?:the\s+|your\s+)?neck\b(?=[^.;]*\bdown\b)", "angle of the jaw"),
        O(
            @"\bfrom\s+(?:the\s+)?inner\s+corners?(?:\s+of\s+(?:the\s+|your\s+)?eyes?)?\s+(?:(?:below"
                + @"|under)\s+the\s+eyes?\s+out(?:wards?)?\s+and\s+(?:above|over)"
                + @"\s+the\s+(?:eyes?|brows?)\s+back(?:\s+in(?:wards?)?)?"
                + @"|along\s+the\s+(?:eye)?brows?\s+and\s+back\s+(?:under(?:neath)?|below)\s+the\s+eyes?)\b",
            "around the eye"
        ),
        O(@"(?<=^\s*nose\s*:[^.;]{0,40})(?<on>\b(?:on|at)\s+(?:the\s+)?)tip\b(?!\s+of)", "${on}tip of the nose"),
        O(@"(?<=^\s*forehead\b[^.;]{0,60})\bmid(?:dle)?\s*(?:-+>|→|to)\s*sides?\b", "from the middle of the forehead to the temples"),
        O(
            @"(?<=\bbrows?\b[^.;]{0,80})\bfrom\s+(?:the\s+)?nose\s+(?:out(?:wards?)?\s+|along\s+)?to\s+(?:the\s+)?(?:tails?|ends?|outer"
                + @"\s+ends?)\b(?!\s+of)",
            "from the inner end of the brow to the outer end of the brow"
        ),
        O(
            @"(?<=(?<!\b(?:upper|lower)\s+)\blips\b[^.;]{0,80})\bfrom\s+(?:the\s+)?(?:middle|centre|center)\s+(?:out(?:wards?)?\s+)?to"
                + @"\s+(?:the\s+)?corners\b(?!\s+of)",
            "from the middle of the lips to the corners of the mouth"
        ),
        O($@"\bhollows?\s+(?:over|of|at|behind|above|near)\s+{The}(?:collar\s?bones?|clavicles?)\b", "hollow above the collarbone"),
        O(@"(?<=\beyes?\b[^.;]{0,120})(?:,\s*)?\b(?:on|over|along)\s+(?:the\s+)?bone\b(?!\s+(?:under|above|below|behind|of))", ""),
        O(
            @"(?<=\b(?<which>inner|outer)\s+(?:eye\s+)?corners?\b[^.;]{0,80})\bfrom\s+(?:the|this|that)\s+corner\b(?!\s+of)",
            "from the ${which} corner"
        ),
        O(@"\b(?:up\s+)?into\s+(?:the\s+|your\s+)?hair\b(?!\s?line)", "to the hairline"),
        O(@"(?:,\s*)?\b(?:by\s+)?(?:a\s+)?(?:few|couple\s+of)\s*(?:mm|millimet\w+|cm|centimet\w+)\b(?!\s+(?:above|below|from))", ""),
        O(
            @"\bfrom\s+(?:the\s+)?(?:left|right)[\uE100-\uF8FF]?\s+(?:to\s+(?:the\s+)?(?:left|right)[\uE100-\uF8FF]?\s+temple"
                + @"|temple\s+(?:across\s+|over\s+)?to\s+(?:the\s+)?(?:left|right)[\uE100-\uF8FF]?(?:\s+temple)?)(?:\s+and\s+back)?\b",
            "from the temple over the middle of the forehead to the temple"
        ),
        O(
            @"(?<=^\s*collar\s?bones?\s*:[^.;]{0,60})\b(?<in>(?:in|on|at)\s+the\s+)hollows?\b(?!\s+(?:above|of|over))",
            "${in}hollow above the collarbone"
        ),
        O(
            $@"\bunder\s+{The}brow\s?bones?(?:\s*,?\s*(?:(?:at|in|on)\s+)?(?:the\s+)?inner\s+(?:third|half|part|end)"
                + @"|\s+(?:at|near|next\s+to|close\s+to)\s+(?:the\s+)?(?:inner\s+(?:eye\s+)?corners?(?:\s+of\s+(?:the\s+"
                + @"|your\s+)?eyes?)?|nose))?",
            "under the brow"
        ),
        O(@"\bcheek\s+muscles?\b", "cheek"),
        O(@"\blower\s+eye(?:\s+socket)?\s+bones?\b", "lower rim"),
        O(@"\bupper\s+eye(?:\s+socket)?\s+bones?\b", "upper rim"),
        O(@"\bcrow's\s+feet\s+(?:lines?|area|wrinkles)\b", "crow's feet"),
        O($@"\b(?:along\s+)?{The}lower\s+lash(?:es|\s+lines?)\b", "under the eye"),
        O(@",?\s*(?:at\s+|on\s+)?(?:several|different|various|many)\s+(?:spots|places|points)\b(?!\s+(?:on|along|under|of))", ""),
        O(
            @"(?<=^\s*collar\s?bones?\b[^.;]{0,40})\bfrom\s+(?:the\s+)?(?:middle|centre"
                + @"|center)\s+(?:out\s+)?to\s+(?:the\s+)?(?=shoulders?\b)",
            "from the breastbone to the "
        ),
        O($@"\bon\s+(?:either|both|each)\s+sides?\s+of\s+{The}(?=(?:nostrils?|mouth)\b)", "beside the "),
        O(@"\b(?:skull|cranium)\b(?<!\b(?:base|edge)\s+of\s+(?:the\s+)?skull)(?!\s+(?:base|edge))", "scalp"),
        O(
            @"\b(?:along\s+)?under\s+the\s+eyes?\s+from\s+(?:the\s+)?(?<a>inner|outer)\s+corners?\s+to\s+(?:the\s+)?(?:inner"
                + @"|outer)\s+corners?\s*,?\s*(?:and\s+|then\s+)*"
                + @"(?:over|above|along)\s+(?:the\s+)?(?:brows?|eyes?|upper\s+rim)\s+back(?:\s+to\s+(?:the\s+)?\k<a>\s+corners?)?\b",
            "around the eye"
        ),
        O(@"\bon\s+either\s+side\s+of\b", "on both sides of"),
        O(
            @"\b(?:from\s+)?(?:the\s+)?(?<a>inner|outer)\s+to\s+(?:the\s+)?(?<b>outer|inner)\s+(?:eye)?brows?\b",
            "from the ${a} end of the brow to the ${b} end of the brow"
        ),
        O(@"\b(?:the\s+)?(?:centre|center)\s+of\s+(?:the\s+)?(?=forehead|chin|lips?|brows?|upper\s+lip|lower\s+lip)", "the middle of the "),
        O(
            @"\b(?:from\s+)?(?:the\s+)?inner\s+(?:eye\s+)?corners?(?:\s+of\s+(?:the\s+)?eyes?)?\s*,?\s*(?:over|above"
                + @"|along)\s+(?:the\s+)?(?:eye)?brows?"
                + @"\s+(?:out\s+)?to\s+(?:the\s+)?(?:temples?|outer\s+(?:eye\s+)?corners?)\s*,?\s*(?:and\s+"
                + @"|then\s+)*(?:back\s+)?(?:under|below)"
                + @"\s+(?:the\s+)?eyes?(?:\s+back)?(?:\s+to\s+(?:the\s+)?(?:inner\s+(?:eye\s+)?corners?|nose))?",
            "from the inner corner over the brow to the temple and back under the eye"
        ),
        O(
            @"\bcircl\w*\s+a?round\s+(?:(?:the|your|both|each)\s+)*eyes?\b"
                + @"(?=[^.;]*\binner\s+corner\s+over\s+the\s+brow\s+to\s+the\s+temple)",
            "stroke"
        ),
        O(
            @"(?<=\b(?:d[eé]collet[eé]e?|chest)\b[^.;]{0,80})\bfrom\s+(?:the\s+)?(?:middle|centre"
                + @"|center)\s+(?:out\s+)?to\s+(?:the\s+)?(?=shoulders?\b)",
            "from the breastbone to the "
        ),
        O(@"\b(?:the\s+)?d[eé]collet[eé]e?\b", "the chest"),
        O(@"(?<=^\s*cheek\s?bones?\b[^.;]{0,80})\bunder\s+(?:the\s+)?bones?\b", "under the cheekbone"),
        O(@",?\s*\bin\s+line\s+with\s+(?:the\s+)?(?:pupils?|eyes?|centre\s+of\s+the\s+eyes?)\b", ""),
        O(
            @"(?<=\bforehead\b[^.;]{0,80})\bstart\w*\s+(?:(?:in|at|from)\s+)?(?:the\s+)?(?:middle|centre|center)\b(?!\s+of)",
            "from the middle of the forehead"
        ),
        O($@"\b(?:on\s+)?(?:either|both|each)\s+sides?\s+of\s+{The}nose\s+(?=wings?\b)", "beside the nose "),
        O($@"\b(?:on\s+)?either\s+sides?\s+of\s+{The}nose\b", "beside the nose"),
        O($@"\b(?:eye)?brow\s+arch(?:es)?\b|\barch(?:es)?\s+of\s+{The}(?:eye)?brows?\b", "brow"),
        O($@"\b(?:along\s+)?(?:the\s+)?underside\s+of\s+{The}(?:eye)?brows?\b", "under the brow"),
    ];
}
