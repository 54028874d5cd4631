using System.Text.RegularExpressions;
using static Wexis.Core.Techniques.Notes.Phrasing;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Parts of the hand and what it goes against, how and on which side, in words of their own.</summary>
internal static class OtherHands
{
    /// <summary>What is said, and the words that are read for it; from top to bottom.</summary>
    public static readonly (Regex Said, string Read)[] Rows =
    [
        O($@"\bknuckles\s+of\s+{The}(?:(?:index|middle|ring|first|two|2|and|the)\s+)*fingers?\b", "knuckles"),
        O(@"\b(?:3|three)\s+middle\s+fingers\b", "three fingers"),
        O(
            @"\bso\s+that\s+(?:it|they|the\s+skin)\s+(?:can'?t|cannot|can\s+not|don'?t|doesn'?t|does\s+not"
                + @"|do\s+not)\s+(?:wrinkle|move|crease|lift"
                + @"|rise|fold)\b,?",
            ", hold the skin, "
        ),
        O(
            @"\b(?<part>(?:outer|inner)\s+(?:eye\s+)?corners?|skin|brows?|forehead)\s+(?:is\s+|are\s+)?(?:held"
                + @"|fixed|kept)(?:\s+(?:still|in\s+place"
                + $@"|down))?\s+(?:with|by){Mark}\s+(?:the\s+|your\s+)?(?=(?:index|middle|ring|two|three|{HandNames})\b)",
            "hold the ${part} with the "
        ),
        O($@"\b(?<hand>{HandNames})\s+hold\s+on\b", "${hand} hold"),
        O(
            $@"\bpress\w*\s+{The}(?<hand>palms?|hands?|fists?)\s+(?:against|into|on)\s+{The}(?<part>forehead|chin|temple|head)\s+and\s+"
                + @"(?:at\s+the\s+same\s+time\s+)?(?:(?:press|push|lean)\w*\s+)?(?:the\s+|your\s+)?(?:\k<part>|head)\s+(?:against|into)"
                + @"\s+(?:the\s+|your\s+)?(?:\k<hand>|it)\b",
            "press the ${part} into the ${hand}"
        ),
        O(
            $@"\bwith\s+{The}(?<part>(?:eye)?brows?|forehead|skin)\s+(?:fixed|held|kept)\s+(?:still\s+|down\s+)?(?:by"
                + $@"|with)\s+{The}(?<hand>{HandNames})\b",
            ", ${hand} on the ${part} hold the skin"
        ),
        O(
            $@"\b(?:press|push|hold)\w*\s+against\s+(?:it|{The}tongue)\s+(?:from\s+(?:the\s+)?outside\s+)?with\s+(?:an?\s+)?{The}"
                + $@"(?<hand>{HandNames})(?:\s+from\s+(?:the\s+)?outside)?",
            "against the ${hand}"
        ),
        O(
            $@"\bgr(?:ab|ip|asp)\w*\s+(?:a\s+)?(?:strands?\s+of\s+|handfuls?\s+of\s+)*{The}hair\s*,?\s*(?:(?:at"
                + @"|near)\s+the\s+roots\s*,?\s*)?(?:and\s+)?(?=(?:\w+ly\s+)?(?:pull|lift|tug))",
            "on the scalp "
        ),
        O(@"\bno\s+pressure\s+on\s+(?:the\s+|your\s+)?eye(?:ball)?s?\b", "no pressure"),
        O(
            @",\s*(?:with\s+)?(?:the\s+|your\s+|a\s+)?(?:thumb|finger|pen|pencil)\s+(?:held\s+)?(?:at"
                + @"|in)\s+arm'?s?[\s-]length\b(?<=\bnear\b[^.;]{0,120})",
            ""
        ),
        O($@"\b(?:run|mov|draw|slid|glid|walk)\w*\s+(?<hand>(?:\p{{L}}+\s+){{1,4}}?)in\s+(?:an?\s+)?zig-?\s?zags?\b", "${hand}zigzag"),
        O(
            $@"(?<=\bzig-?\s?zag\w*\b[^.;]{{0,120}})\s+(?:from\s+)?(?:the\s+)?(?:left|right){Mark}\s+(?:to"
                + $@"|and)\s+(?:the\s+)?(?:left|right){Mark}(?:\s+and\s+back)?\b",
            ""
        ),
        O(
            $@"\bfrom\s+{The}mouth\s+(?:(?:out|up|back)\w*\s+)?to\s+(?=(?:the\s+|your\s+)?(?:ears?|temples?|cheekbones?|eyes?|jaw|chin)\b)",
            "from the corner of the mouth to "
        ),
        O($@"\b(?<part>wing|angle|root|lobe)s\s+of\s+{The}(?<of>nose|jaw|ears?)\b", "${part} of the ${of}"),
        O($@"\balong\s+{The}underside\s+of\s+{The}jaw(?:\s?bone)?\b", "under the jaw"),
        O(@"\bnose\s+tip\b", "tip of the nose"),
        O(@"^\s*(?:okay|ok|alright|all\s+right|right\s+then|well)\s*,\s*", ""),
        O(@"^\s*(?:let[’']s|let\s+us)\s+[^:,.;]{0,40}:\s*", ""),
        O(
            @"(?<=\bfinger(?:s|tips?)\b[^.;]{0,60}),?\s*\bspread\s+(?:them|the\s+fingers)\s+(?:out|apart)\s*,?\s*(?=and\s+(?:\w+ly\s+)?"
                + @"(?:press|sweep|strok|smooth|glid|slid))",
            " "
        ),
        O(@"\bpress(?:ing)?\s+(?:\w+ly\s+)?while\s+(?:sweep|strok|glid|slid|smooth)\w*\b", "stroke"),
        O(
            $@"\b(?:left|right){Mark}\s+(?<hand>{HandNames}|index(?:\s+finger)?)\s+(?=(?:under|on|against|below|at|over)\s+{The}(?:chin"
                + @"|forehead|nape|breast\s?bone|chest|back\s+of\s+(?:the\s+|your\s+)?head)\b)(?![^.;]*\b(?:left|right)\b)",
            "${hand} "
        ),
        O(
            $@"\b(?<hand>(?:[234]|two|three|four)\s+(?:{HandNames})|(?:index|middle|ring)(?:\s+fingers?)?"
                + @"|(?:one\s+)?(?:hand|palm|thumb|fist))\s+(?:on\s+)?each\s+side\b(?!\s+of\b)",
            "${hand} of both hands"
        ),
        O(@"(?<=\d\s*(?:x|times)\s+|\b(?:three|four|five|six|eight|ten|twelve)\s+(?:times|x)\s+)to\s+the\s+(?=(?:left|right)\b)", ""),
        O(@"\bin\s+(?:an?\s+)?(?:exaggerated|extreme|big)\s+(?:form|way|manner|fashion)\b", ""),
        O(
            $@"\b(?:left|right){Mark}\s*(?:/|and|-|,)\s*(?:left|right){Mark}\s+alternat\w*"
                + $@"|\balternat\w*\s+(?:the\s+)?(?:left|right){Mark}\s*"
                + $@"(?:/|and|-|,)\s*(?:the\s+)?(?:left|right){Mark}",
            "left and right in turn"
        ),
        O(@"\bvertical(?:ly)?\b|\bhorizontal(?:ly)?\b(?!\s+(?:eight|figure))", ""),
        O($@"(?:,\s*)?\bresist\w*\s+with{Mark}\s*{The}(?=(?:{HandNames}|index|middle|ring)\b)", " against the "),
        O($@"\bflutter\w*\s+{The}finger\s?tips?\s+(?:against|on|over)\b", "tap with the fingertips on"),
        O($@"\b(?:hold|take|grab|grip)\w*\s+{The}hair\s+(?:at|near|by)\s+{The}roots\b", "with the fingertips on the scalp"),
        O(@"\bspread\s+(?:up\s*(?:/|and|-)\s*down|apart\s+vertically)\b", "spread apart"),
        O(
            $@"(?<=\b(?<side>left|right){Mark}\s+(?:ear\s?lobe|ear|cheek|brow|temple"
                + $@"|jaw)\b[^.;]{{0,40}})\bwith\s+{The}\k<side>{Mark}\s+hand\b",
            "with the hand"
        ),
        O($@"\b{The}(?<hand>{HandNames})\s+resists?\b(?:\s+from\s+(?:the\s+)?outside)?", "against the ${hand}"),
        O(
            $@"(?<!\b(?:hands?|palms?|fingers?|fingertips?|thumbs?)\b[^.;]{{0,80}})\b(?<verb>pull|draw|lift|push)\w*\s+{The}temples\b"
                + @"(?![^.;]*\bwith\b)",
            "with the hands ${verb} the skin at the temples"
        ),
        O(@"\blike\s+an?\s+(?:spoon|cup|stone|roller|brush)\b", ""),
        O(@"\b(?:edges?|sides?)\s+of\s+(?:both\s+|the\s+|your\s+)*hands?\b", "hands"),
        O(@",?\s*(?:which\s+(?:are|lie)\s+)?parallel\s+to\s+(?:the\s+|your\s+)?(?:eye)?brows\b", ""),
        O(@"\bballs?\s+of\s+(?:the\s+|your\s+|both\s+)*thumbs?\b", "heels of the hands"),
        O(@"(?:,\s*)?(?:\band\s+|\bthen\s+)*\bshake\s+(?:out\s+)?(?:the\s+|your\s+|both\s+)*hands(?:\s+out)?\b", ""),
        O(@"\btwist\w*\s+(?=(?:small\s+|slow\s+)*circles\b)", ""),
        O(
            @"\bunder\s+the\s+chin\s+from\s+(?:right|left)[\uE100-\uF8FF]?\s+to\s+(?:right|left)[\uE100-\uF8FF]?\b",
            "from under the chin outwards"
        ),
        O(
            @"\bpress\w*\s+(?:with\s+)?(?:the\s+|a\s+|one\s+)?(?<hand>fingers?|palm|hand|thumb)\s+against(?:\s+it)?(?=\s*(?:[,.;]|\d|$))",
            "against the ${hand}"
        ),
        O(@"\bwith\s+(?:only\s+)?(?:the\s+|your\s+)?(?:lip|cheek|jaw|face|mouth|forehead|brow|eye|chin|neck)\s+muscles?\b", ""),
        O($@"\bbacks?\s+of\s+(?:the\s+|your\s+|one\s+)*(?:left|right){Mark}\s+hands?\b", "back of the hand"),
        O(@"\btips?\s+of\s+(?:the\s+|your\s+|both\s+|all\s+)*(?=fingers?\b)", ""),
        O(
            @"(?<=\b(?:hands?|palms?|fingers?|fingertips?|thumbs?|fists?)\b[^.;]{0,40},\s*)skin\s+(?<way>down|up|out|back"
                + @"|in)(?:wards?)?\b(?=\s*[,.;])",
            "pull the skin ${way}"
        ),
        O(
            @"\bcover\w*\s+(?:the\s+|your\s+)?(?:closed\s+)?eyes\s+with\s+(?=(?:an?\s+)?(?:warm|cool|cold|damp|moist)\b)",
            "closed eyes, lay on the upper lids "
        ),
        O(@"\bflats?\s+of\s+(?:the\s+|your\s+)*fingers\b", "flat fingers"),
        O(
            @"\bappl(?:y|ying)\s+(?:(?:a\s+few\s+drops|some|a\s+little|a\s+bit)\s+(?:of\s+)?)?(?<slip>oil|cream|serum|balm)\s*(?:,|and"
                + @"|then)\s*(?:and\s+|then\s+)?(?=\p{L})",
            "with ${slip} "
        ),
        O(
            $@"(?<=\b(?:{HandNames}|index|middle|ring)\b[^.;]{{0,60}},\s*)(?<verb>push|pull|press"
                + $@"|hold)(?<s>\w*)\s+{The}(?<part>(?:eye)?brows?|lids?|corners?|cheeks?|forehead)\s+"
                + @"(?<way>down|up|in|out)(?:wards?)?\s*,\s*(?<does>lift|raise|pull|push|smile|frown|close|open)\w*\s+against\b(?:\s+it)?",
            "the fingers ${verb} the ${part} ${way}, ${does} the ${part} against them"
        ),
        O($@"(?<=\beyes\b[^.;]{{0,40}})\b(?<hand>palms|hands)\s+(?:\w+ly\s+)?over\s+them\b", "${hand} over the eyes"),
        O(
            @"^\s*(?:take|use|pick\s+up)\s+(?:the\s+|an?\s+|your\s+)?(?<tool>stone|roller)\s*(?:,|and|to)\s*(?:then\s+)?(?=\p{L})",
            "with the ${tool} "
        ),
        O(
            @"\band\s+(?<verb>slide|stroke|glide|press|knead|massage|pull|move|push|tap|smooth|sweep)\s+the\s+other\s+(?:hand"
                + @"|palm)\s+(?=\p{L})",
            ", the other hand ${verb} "
        ),
        O($@"^\s*take\s+{The}(?<hand>fists?|knuckles|palms|thumbs)\s+and\s+(?<verb>\p{{L}}+)\s+them\b", "with the ${hand} ${verb}"),
        O(
            @"\b(?:hold|tak|grip|grasp|catch)\w*\s+(?<what>it|them|(?:(?:the|your"
                + @"|both)\s+)*\p{L}+(?:\s+\p{L}+)?)\s+between\s+(?<with>(?:the\s+"
                + @"|your\s+)?thumbs?\s+and\s+(?:the\s+)?(?:index|fore|two|2|three)(?:\s*(?:fingers?|finger))?)(?=\s*(?:[.;]|$"
                + @"|,?\s*(?:\d|for\b|hold\b|then\b"
                + @"|light|firm|medium|gentl|soft|\p{L}+\s+seconds)))",
            "pinch and hold ${what} between ${with}"
        ),
        O(@"\bpress\w*\b(?=[^.;:]{0,60},\s*(?:then\s+|and\s+)?pump\w*\b)", ""),
        O(
            @"\bindex\s+and\s+middle(?:\s+fingers?)?\s+(?:above|over|on)\s+(?:the\s+|your\s+)?jaw(?:line|bone)?\s*,?\s*(?:and\s+)?(?:the\s+"
                + @"|your\s+)?thumbs?\s+(?:below|under|beneath)(?:\s+it)?\b",
            "hooked fingers"
        ),
        O(
            $@"\bsqueez\w*\s+(?<what>{The}(?:(?:upper|lower)\s+)?lips?)\s+(?:together\s+)?(?=(?:lightly\s+|gently\s+)?(?:with"
                + $@"|between){Mark}\s+{The}"
                + @"(?:thumb|index|finger))",
            "pinch ${what} "
        ),
        O(@"^\s*hook\s*:\s*", ""),
        O(@"\b(?:with\s+)?(?:about\s+)?half\s+(?:the\s+|your\s+)?(?:strength|force|power)\b", ""),
        O(
            $@"(?<=\btongue\b[^.;]{{0,80}})\b(?:the\s+|a\s+|one\s+)?(?<hand>{HandNames})\s+(?:holds?|push(?:es)?|press(?:es)?"
                + @"|resists?)\s+against(?:\s+(?:it|that))?(?=\s*(?:[,.;]|$))",
            "against the ${hand}"
        ),
        O(@"(?:,\s*)?(?:and\s+)?\bthe\s+other(?:\s+(?:hand|one))?\s+on\s+top(?:\s+of\s+it)?\b", ""),
        O(@"\bthumbs?\s+hook(?:ed)?\s+(?=(?:under|below)\b)", "press with the thumbs "),
        O(@"\b(?<way>up|out)(?:wards?)?\s*,?\s*not\s+(?:in|back|into\s+the\s+eye|backwards?|inwards?)\b(?=\s*(?:[,.;]|$))", "${way}wards"),
        O(@"\bcups?\s+(?:the\s+|your\s+)?hands\s+(?:over|on|around)\s+(?:the\s+|your\s+)?face\b", "lay the palms on the whole face"),
        O(@"^\s*(?:start|begin|finish|end)\w*\s+(?:with|by)\s+(?:the\s+)?(?<of>[^:,.;]{3,40}):\s*", "${of}: "),
        O(
            @"\bthumbs?\s+(?:under|below)\s*,\s*(?:and\s+)?index(?:\s+fingers?)?\s+(?:above|over|on\s+top)\s*,?\s*(?=(?:pinch|knead"
                + @"|roll|squeez))",
            "with thumb and index "
        ),
        O(
            $@"(?<=\bsmil\w*\b[^.;]{{0,80}}\b(?<hand>{HandNames}|index|middle|ring)\b[^.;]{{0,60}},\s*)(?:and\s+)?(?:push|press|lift"
                + $@"|mov|rais)\w*\s+{The}"
                + @"(?<part>cheeks?)\s+up(?:wards?)?\b(?!\s+(?:in)?to\s+(?:the\s+)?(?:fingers|hands)|\s+against)",
            "lift the ${part} up with the ${hand}"
        ),
        O(@"\bas\s+(?:an?\s+)?(?:control|check|reminder)\b", "to feel it"),
        O(
            @",?\s*(?:with\s+)?(?:the\s+|your\s+)?finger(?:tip)?s\s+(?:meet|touch)(?:ing)?\s+(?:each\s+other\s+)?(?:(?:in"
                + @"|at)\s+the\s+(?:middle|centre|center))?(?=\s*[,.;])",
            ""
        ),
        O(
            $@"\b(?:plac|put|lay)\w*\s+{The}(?:a\s+)?(?<hand>hand|palm)\s+(?:flat\s+)?(?:on|against|to)\s+{The}(?:side\s+of\s+{The}head"
                + @"|temple)(?:\s*,?\s*(?:just\s+)?above"
                + $@"\s+{The}ear)?\s*,?\s*(?:and\s+)?(?:push|press|lean)\w*\s+{The}head\s+(?:\w+ly\s+)?(?:against|into)\s+(?:it"
                + $@"|{The}(?:hand|palm))\b",
            "push the head sideways against the ${hand}"
        ),
        O(
            $@"\b(?<hand>thumb|hand|palm|finger)(?:\s+of\s+{The}(?:left|right){Mark}\s+hand)?(?<mid>[^.;]{{1,80}}),\s*{The}(?:left"
                + $@"|right|other){Mark}\s+"
                + @"(?:\k<hand>|hand|one)\s+follows\b",
            "${hand}${mid}, alternating"
        ),
        O(
            @",?\s*with\s+the\s+little\s+fingers?\s+(?:touching|on|at|near|above|beside)\s+(?:the\s+|your\s+)?(?:brows?|ears?|jaw|chin)\b",
            ""
        ),
        O(@"\bindex\s*,\s*middle\s*,?\s*(?:and\s+)?ring\s+fingers?\b", "three fingers"),
        O($@"^\s*(?:close|finish|end|conclude)\s+with\s+{The}(?=(?:{HandNames})\b)", ""),
        O(
            $@"(?<=\b(?:{HandNames})\b[^.;]{{0,60}},\s*)(?:and\s+|then\s+)?(?:slide|glide|move|run)\s+(?<way>down"
                + $@"|up)\s+(?=(?:the\s+)?(?:side\s+of\s+the\s+)?neck\b[^.;]{{0,20}}\bto\b)",
            "stroke ${way} "
        ),
        O(
            $@"(?:,\s*)?\b(?:and\s+)?(?:draw|bring|pull|squeez)\w*\s+{The}elbows\s+(?:together|in(?:wards?)?|forwards?|closer)\b",
            ", elbows together"
        ),
        O($@"\b(?:clasp|interlac|lac|fold)\w*\s+{The}(?:hands|fingers)\s+behind\s+{The}head\b", "hands behind the head"),
        O(
            @"\b(?<n>\d+)\s*(?:x|times)\s+in(?:wards?)?\s*,?\s*(?:and\s+|then\s+)?\k<n>\s*(?:x"
                + @"|times)\s+out(?:wards?)?\b(?<=\bcircl\w*\b[^.;]*)",
            "${n} times each way"
        ),
        O(
            @"\b(?<n>\d+)\s*(?:x\s+)?(?<at>under|at|on|above|over|below|beside)\s+(?:the\s+)?(?:left"
                + @"|right)[\uE100-\uF8FF]?\s+(?<part>\p{L}+)\s*,?\s*(?:and\s+|then\s+)?\k<n>\s*(?:x\s+)?\k<at>"
                + @"\s+(?:the\s+)?(?:left|right)[\uE100-\uF8FF]?\s+\k<part>\b",
            "${at} the ${part}, ${n} times each side"
        ),
        O(
            $@"^\s*with\s+(?:flat\s+)?(?<hand>{The}(?:(?:index|middle"
                + $@"|ring)\s+)?(?:{HandNames}))\s+cover\w*\s+(?={The}(?:upper\s+)?(?:lids?|eyelids?|brows?|forehead)\b)",
            "${hand} on "
        ),
        O($@"\bspread\w*\s+{The}fingers\s+(?:over|on|across)\s+", "place the fingers on "),
        O(
            $@"\b(?<hand>hand|palm|fingers?)\s+holds?\s+(?<part>{The}(?:(?:left|right){Mark}\s+)?(?:collar\s?bones?|breast\s?bone"
                + @"|sternum))\b",
            "${hand} on ${part} holds the skin"
        ),
        O($@"\bpush\w*\s+{The}(?:nose\s+)?tip(?:\s+of\s+{The}nose)?\s+up(?:wards?)?\s+(?=with\b)", "lift the tip of the nose "),
        O(
            @"(?<=\b(?:hands|palms|fingers)\b[^.;]{0,40})\bso\s+(?:that\s+)?(?:the\s+|your\s+)?lips\s+(?:pout|pucker|stick\s+out"
                + @"|come\s+forward)\b",
            ""
        ),
        O($@"\b(?:in|on|at)\s+{The}nostril\s+folds?\b", "beside the nostrils"),
        O(@"\bagainst\s+(?:the\s+)?resistance\s+of\s+(?:the\s+|your\s+)?(?<hand>hand)\b", "against the ${hand}"),
        O(@"\b(?<finger>ring|middle|index)\s+finger\s+(?:over|after)\s+\k<finger>\s+finger\b", "${finger} fingers alternating"),
        O($@"\bcup\w*\s+{The}(?:whole\s+)?face\b(?!\s+(?:in|with))", "lay the palms on the whole face"),
        O(
            $@"\bfinger(?:tip)?s\s+(?:meet|touch|together)\s+(?:(?:in|at)\s+)?{The}(?:middle|centre|center)\s+of\s+{The}forehead\s*,?\s*"
                + @"(?:and\s+|then\s+)?(?:draw|pull|slide|glide|smooth|sweep|move|stroke)\w*\s+(?:them\s+)?(?:apart"
                + @"|out(?:wards?)?)\s+to\s+",
            "stroke with the fingertips from the middle of the forehead to "
        ),
        O(
            $@"(?<=\beyes\b[^.;]{{0,40}})\b(?<hand>palms|hands)\s+(?:cupped|cupping|resting|laid|placed)\s+(?:lightly\s+)?(?:over"
                + $@"|on)\s+them\b",
            "${hand} over the eyes"
        ),
        O(
            @"\b(?:lean|sink|drop|rest)\w*\s+(?:the\s+|your\s+)?head\s+(?:\w+ly\s+)?(?:in(?:to)?|on(?:to)?)\s+(?:the\s+"
                + @"|your\s+)?(?<hand>thumbs?|fingers|fingertips|knuckles|fists?)\b",
            "weight of it in the ${hand}"
        ),
        O(
            @"\b(?:left|right)[\uE100-\uF8FF]?\s+(?<hand>index\s+finger|finger|thumb|hand|palm)\s+(?=between\s+(?:the\s+"
                + @"|your\s+)?(?:eye)?brows\b)(?![^.;]*\b(?:left|right)\b)",
            "${hand} "
        ),
        O(
            $@"\bhold\w*\s+(?<part>{The}(?:(?:outer|inner)\s+)?(?:(?:eye)?brows?"
                + $@"|corners?))\s+up\s+with\s+{The}(?<hand>{HandNames})\b",
            "lift ${part} with the ${hand} and hold it"
        ),
        O(@"\bagainst\s+(?:the|this)\s+pull\b(?<=\b(?:fingers?|fingertips?|hands?|thumbs?)\b[^.;]*)", "against the fingers"),
        O(
            $@"\b(?:keep|hold)\w*\s+{The}forehead\s+(?:smooth|still|quiet|flat|down)\s+with\s+{The}(?<hand>{HandNames})\b",
            "${hand} on the forehead hold the skin"
        ),
        O(
            $@"\bmov\w*\s+{The}scalp\s*,?\s*not\s+(?:just\s+|over\s+)?{The}(?:hair|skin)\s*,\s*(?:in\s+)?(?=(?:(?:small|slow"
                + $@"|big)\s+)*circles\b)",
            "move the scalp in "
        ),
        O(@",?\s*\bnot\s+(?:just\s+|over\s+)?(?:the\s+)?hair\b(?<=\bscalp\b[^.;]{0,60})", ""),
        O($@"\bthumbs?\s+(?:below|under|beneath)\s*,?\s*(?:and\s+)?{The}fingers\s+(?:above|over|on\s+top)\b", "between thumb and fingers"),
        O(
            @"\b(?:back|for)wards?\s*,?\s*(?<n>\d+\s*(?:s|secs?|seconds?))\s*,?\s*(?:then\s+|and\s+)?(?:back|for)wards?\s*,?\s*\k<n>\b",
            "${n} each way"
        ),
        O(@"\b(?:1|one|a)\s+finger\s+on\s+each\s+", "finger on the "),
        O(@"(?<=\bhair\b[^.;]{0,40})\s+with\s+(?:the\s+|both\s+)?fists\b", ""),
        O(@"\btrac\w*\s+(?=[^.;]{0,80}\bzig-?\s?zag)", "along "),
        O(
            @"\b(?:hold|grip|grasp|take)\w*\s+(?:(?:it|them)\s+)?between\s+(?<with>(?:the\s+)?thumbs?\s+and\s+(?:the\s+)?(?:index|fore)"
                + @"(?:\s*finger)?)\s*,?\s*(?:and\s+)?(?:wiggl|roll|jiggl|knead|rub)\w*(?:\s+it)?\b",
            "knead with ${with}"
        ),
        O(
            @"(?<!\b(?:until|till)\b[^.;]{0,60})\bpush\w*\s+up(?:wards?)?\s+(?:against|into|onto|on|to)\s+(?:the\s+)?bones?\b",
            "press up into the bone"
        ),
        O(
            $@"\b(?<hand>{HandNames})\s+(?:pads?\s+)?(?<at>(?:on|under|at|above)\s+{The}\p{{L}}+(?:\s+bones?)?)\s+(?:lift|pull|push"
                + $@"|raise)s?"
                + $@"\s+(?<part>{The}(?:eye)?brows?)\b(?:\s+up)?",
            "lift ${part} with the ${hand} ${at}"
        ),
        O(
            @"\b(?<verb>pull|draw|lift)\w*\s+(?:the\s+)?skin\s+(?<way>back|up|out)(?:wards?)?\s+to(?:wards?)?\s+(?:the\s+)?(?:ears?"
                + @"|hair\s?line"
                + @"|temples?)(?=\s*,\s*(?:and\s+)?(?:hold|keep|say|smile|blink|close|open|look|squint)\b)",
            "${verb} the skin ${way}"
        ),
        O($@"(?<=\b(?:{HandNames}|index)\b[^.;]{{0,60}},\s*)(?:and\s+)?resist\w*(?=\s+(?:for\s+)?\d)", "against the fingers, hold"),
        O(@"\bcover\w*\s+(?:the\s+|your\s+|both\s+)*eyes\b(?!\s+with)(?<=\b(?:palms?|hands)\b[^.;]{0,60})", "palms over the eyes"),
        O($@"\bhalf[\s-]circles?\s+(?=(?:under|below)\s+{The}eyes?\b)", "strokes "),
        O($@"\b{The}(?:ear\s?)?lobes?\s+and\s+{The}ear\s+(?:edges?|rims?)\b|\bear\s+(?:edges|rims)\b", "the ears"),
        O(
            $@"\bhands\s+(?:are\s+)?behind\s+{The}head\s*,?\s*(?:and\s+)?(?:push|press)\w*\s+{The}(?:head\s+)?back(?:wards?)?\s+against"
                + @"(?:\s+(?:them|it|the\s+hands))?",
            "push the head back into the hands"
        ),
        O(
            $@"(?<!\b(?:hands?|palms?|fingers?|fingertips?|thumbs?)\b[^.;]{{0,80}})\b(?<verb>pull|draw|lift)\w*\s+(?:the\s+)?skin\s+"
                + $@"(?:at|on|of|over)\s+{The}temples\b(?![^.;]*\bwith\b)",
            "with the hands ${verb} the skin at the temples"
        ),
        O(@"\blymph(?:atic)?\s+(?=strokes?\b)", ""),
        O(
            $@"\b(?<hand>(?:(?:index|middle|ring)\s+)?(?:{HandNames}))\s+(?:lies?|rests?|lying|resting)\s+(?=(?:\w+ly\s+|flat\s+)?on\b)",
            "${hand} "
        ),
        O(@"\bfeel\w*\s+(?:the\s+|your\s+)?fingers?\s+(?:lift|rise|mov|go|be\w*)\w*(?:\s+(?:up|lifted|pushed))*\b", ""),
        O(
            $@"\bwithout\s+(?:letting|allowing)\s+{The}(?:them|it|skin|\w+)\s+(?:to\s+)?(?:move|slide|give\s+way|rise|lift)\b",
            "without movement"
        ),
        O(@"\bsmooth\w*\s+(?:the\s+)?(?:chin|upper\s+lip|skin|folds?)\s+by\s+(?=stretch|pull|roll)", ""),
        O(@"\bmak\w*\s+(?:the\s+)?\p{L}+\s+(?:go|look|get)\s+like\s+an?\s+\p{L}+(?:\s+\p{L}+)?\b", ""),
        O(@"\b(?:grab|take|hold|grip)\w*\s+(?:the\s+)?(?:hair\s+(?:at|by)\s+the\s+)?roots\s*(?:,|and)\s*(?:tug|pull)\b", "pull the hair"),
    ];
}
