using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What notes say in words of their own, and the words that are read for it: a table, applied from top to bottom.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>A sentence in words that are read.</summary>
    private static string Otherwise(string sentence) => SaidOtherwise.Aggregate(sentence, (s, o) => o.Said.Replace(s, o.Read));

    private static (Regex Said, string Read) O(string said, string read) => (new Regex(said, RegexOptions.IgnoreCase), read);

    private const string The = @"(?:(?:the|your|both|each|one)\s+)*";

    private const string Mark = @"[\uE100-\uF8FF]?";

    private const string HandNames = "fingers?|finger\\s?tips?|hands?|palms?|thumbs?|fists?|knuckles?|heels?";

    private static readonly (Regex Said, string Read)[] SaidOtherwise =
    [
        // Places.
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
        // Parts of the hand, and what it goes against.
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
        // Movements.
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
        O(@"^\s*(?:warm(?:ing)?[-\s]?up|(?:pull|mak)\w*\s+an?\s+face)\s*:\s*", ""),
        O($@"\bfollow\w*\s+{The}(?:thumbs?|fingers?|pen(?:cil)?)\s+with\s+{The}eyes\b(?:\s+only)?", "look"),
        O(@"^\s*eyes\s*:?\s+far\s*(?:-+>?|[/–,]|to|and|then)\s*near\b", "look far, then near"),
        O(@"^\s*eyes\s*:?\s+near\s*(?:-+>?|[/–,]|to|and|then)\s*far\b", "look near, then far"),
        O(
            @"^\s*(?<tool>roller|stone)\s+(?<part>forehead|cheeks?|neck|jaw(?:line)?|chin|temples?)\s+(?<way>up|down"
                + @"|out)(?:wards?)?\b(?!\s+to)",
            "${tool}: stroke the ${part} ${way}wards"
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
            @"(?<=[,;]\s*(?:then\s+|and\s+)?)\brepeat\s+(?:it\s+|this\s+)?(?:on|to|with)\s+the\s+(?:right|left|other)(?:\s+side)?\b",
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
        O(@"(?<=\bhalf[-\s]circles?\b[^.;]{0,40})\bear\s*[-–]\s*chest\s*[-–]\s*ear\b", ""),
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
            $@"\b(?:blow|push|mov|shift|pass)\w*\s+(?:the\s+)?air\s+from\s+{The}(?:left{Mark}\s+"
                + $@"|right{Mark}\s+)?cheek\s+(?:over\s+)?to\s+{The}"
                + $@"(?:other|left{Mark}|right{Mark})(?:\s+cheek)?\b",
            "move the air from cheek to cheek"
        ),
        O($@"\bair\s+(?:in|into)\s+(?:the\s+)?(?<side>(?:left|right){Mark})(?:\s+cheek)?", "puff ${side}"),
        O(@"^\s*(?:neck|head)\s*:\s*look\s+up\b", "tilt the head back"),
        O(@"^\s*(?:mouth|lips)\s*:\s*(?-i:O)\b", "say O"),
        O(@"(?<=\s[-–]\s+)(?-i:O)(?=\s+[-–]\s+(?:smil|kiss|grin))", "say O"),
        O(@"^\s*(?:mouth|lips)\s*:?\s+(?<a>(?-i:[AEIOU]))\s*(?:-+>|→|[-–/,]|to)\s*(?<b>(?-i:[AEIOU]))\b", "say ${a} ${b}"),
        O(@"^\s*breath(?:ing|e)?\s*:\s*in\b", "breathe in"),
        O(@"(?<=^\s*lips\s*:[^.;]{0,120})\bsuck(?:ed)?\s+in\b", "fold in"),
        O(
            $@"\bsmil\w*\s+with{Mark}\s*{The}lips\s+(?:folded\s+|rolled\s+|pulled\s+|tucked\s+)?(?:over|a?round)\s+{The}teeth\b",
            "lips rolled in, smile"
        ),
        O(@"(?<=\btongue\b[^.;]{0,60}\b(?:palate|roof)\b[^.;]{0,120}),\s*press(?=\s*,)", ""),
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
        O(@"(?<=\btongue\s+out\s*,?\s*)(?:try\s+to\s+)?touch\w*\s+(?:the\s+|your\s+)?(?<goal>nose|chin)\b", "to the ${goal}"),
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
            @"(?<=\b(?:breath|exhal|blow|air|out|tongue)\w*\b[^.;]{0,120}),?\s*\bwith\s+an?\s+(?:(?:long|loud|soft|deep"
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
                + @"|down))*(?!\s+(?:back|to\s+|side))",
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
        // How, and on which side.
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
    ];
}
