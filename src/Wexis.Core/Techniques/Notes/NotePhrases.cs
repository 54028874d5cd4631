using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>The phrases of a sentence, one pattern a meaning (common practice).</summary>
internal sealed partial class NoteGlossary
{
    private const string Parts =
        @"(?:forehead|(?:eye)?brows?|(?:(?:upper|lower)\s+)?(?:eye)?lids?|lips?|jaw|chin|head|shoulders?|tongue"
        + @"|eyes?|face|nose|outer\s+(?:eye\s+)?corners?|neck|mouth|teeth|cheeks?)";

    /// <summary>Parts, and what an "or" adds to them: "the lips, temples or ears".</summary>
    private const string PartList =
        $@"(?:the\s+|your\s+)?{Parts}(?:\s*(?:,|and|or)\s*(?:the\s+|your\s+)?{Parts})*"
        + $@"(?:(?:\s*,\s*(?:the\s+|your\s+)?{OtherParts})*\s*,?\s*(?:and|or|nor)\s+(?:the\s+|your\s+)?{OtherParts})?";

    private const string OtherParts = $@"(?:{Parts}|temples?|throat|ears?|nape|scalp|hairline|collarbones?|cheekbones?)";

    [GeneratedRegex(
        $@"\b(?:the\s+|your\s+)?{OtherParts}\s+(?:and|or)\s+(?:the\s+|your\s+)?{Parts}\s+(?:stay|are|remain)\s+free\b"
            + $@"|(?:\b(?:keep\w*|leav\w*|hold\w*|with)\s+)?{PartList}\s+(?:(?:is|are|stays?|remains?|kept|to\s+stay"
            + @"|must\s+stay|should\s+stay|completely|quite|very|all|wholly)\s+)*(?:still|quiet|relaxed|free|soft|loose"
            + @"|calm|unmoved|steady|smooth|motionless|fixed)\b(?:\s+of\s+(?:the\s+)?hands?)?"
            + $@"|\b(?:keep\w*|leav\w*)\s+{PartList}\b(?!\s+(?:half|wide|slightly|open|closed|shut|down|back|up|apart|together))"
            + @"|\b(?:without|not|no)\s+(?:crow'?s\s+feet|(?:wrinkl|creas|squint)ing\s+(?:around|at|of"
            + @"|near)\s+(?:the\s+|your\s+)?(?:eyes?|forehead|brows?|mouth|nose))\b"
            + @"|\b(?:without|not|no)\s+(?:an?\s+)?(?:frown(?:ing|s)?|clench(?:ing)?|squint(?:ing)?)\b|\b(?:without"
            + @"|not|no)\s+(?:to\s+)?(?:mov(?:e|ing)|lifting|raising|wrinkling|tensing|using|creasing|puffing"
            + $@"|filling|moving)\s+{PartList}"
            + $@"|\b(?:no|without)\s+(?:help\s+(?:from|of|by)\s+)?{PartList}(?=\s*(?:[,.;()\d]|$))|\b(?:no"
            + @"|without)\s+(?:forehead|brow|eye|lip)\s+(?:lines|wrinkles|creases)\b"
            + $@"|\bwithout\s+{PartList}\s+moving\b|\b(?:no|without)\s+(?:lines|wrinkles|creases|folds)\s+(?:at|on"
            + $@"|around|in|between|under)\s+{PartList}|{PartList}\s+(?:do(?:es)?\s+not|don't|doesn't|must\s+not"
            + @"|never)\s+(?:move|lift|rise|wrinkle|help)"
            + $@"|\b(?:do(?:es)?\s+not|don't)\s+(?:move|wrinkle|lift|raise|use|tense|crease)\s+{PartList}|(?:brows?"
            + $@"|eyebrows?|forehead)\s+(?:stays?|remains?|kept)\s+(?:down|low|flat)\b|{PartList}\s+(?:stays?"
            + @"|remains?)\b(?!\s+(?:on|at|against|behind|in|under|over|where|open|closed|shut|down|back|up|apart"
            + @"|together))",
        Free
    )]
    private static partial Regex StillPhrase();

    /// <summary>"…, relax the forehead": that part stays quiet, unless it is what moved: then it is the way back.</summary>
    [GeneratedRegex(@"(?<=[,;.]\s*(?:and\s+)?)(?:relax|soften)\w*\s+(?:the\s+|your\s+)?(?<part>forehead|(?:eye)?brows?|neck)\b", Free)]
    private static partial Regex RelaxesPart();

    [GeneratedRegex(
        @"\b(?:as|for|giv\w*|offer\w*|provid\w*)\s+(?:(?:a|an|some|light|slight|gentle"
            + @"|the)\s+)*(?:counter-?)?resistance\b|\bwith\s+(?:(?:the|your|two|flat)\s+)*(?:fingers?|fingertips?"
            + @"|hands?|palms?)\s+(?:hold|press|push|keep|resist)ing\s+(?:(?:them|it|that)\b(?:\s+(?:down|back"
            + @"|in\s+place|still|against)\b)?|(?:down|back|in\s+place|against)\b)|\b(?:with|under)\s+(?:(?:light|slight|gentle"
            + @"|some|a\s+little)\s+)?resistance\b(?:\s+(?:of|from|by)\s+(?:(?:the|your)\s+)?(?:fingers?|fingertips?"
            + @"|hands?|palms?))?|\bagainst\s+(?:(?:the|your|own|its|this|that|a|an|one|two|both|three|four|\d|index"
            + @"|middle|ring|light|slight|gentle|some|flat|firm)\s+)*(?:resistance|pressure|pull|push|lift|traction"
            + @"|tension|stretch|fingers?|fingertips?|hands?|palms?|thumbs?|fists?|heels?\s+of\s+the\s+hands?|it|them"
            + @"|this|that)(?:\s+pressure)?\b|\bagainst\b(?=\s*(?:[,.;!·\d(]|-\s|$))|(?<=\s[-–]\s+|,\s*)resist(?:\s+(?:it|this"
            + @"|that))?(?=\s*(?:[,.;(]|$))",
        Free
    )]
    private static partial Regex Against();

    [GeneratedRegex(@"\b(?:finger\s+|hand\s+)?pressure\b", Free)]
    private static partial Regex PressureWord();

    [GeneratedRegex(@"\b(?:touch\w*|walk\w*|move\w*|run\w*|travel\w*|down|up|along|from)\b", Free)]
    private static partial Regex TouchWord();

    [GeneratedRegex(
        @"\b(?:until|till)\b(?:(?!\s[-–]\s)[^.;,])*|\bas\s+(?:far|long)\s+as\s+the\s+(?:(?!\s[-–]\s)[^.;,])*|\b(?:one|two|three"
            + @"|[1-3])\s+fingers?[-\s]+(?:wide|widths?|breadths?)\b|(?<!\b(?:hold\w*|from)\s+)\b(?:(?:to|by|about"
            + @"|at)\s+)?(?:\d+(?:\s*(?:-|–|to)\s*\d+)?|one|two)\s*(?:mm"
            + @"|millimet\w+|cm|centimet\w+)\b(?!\s+(?:above|below|from|away|under|beside|outside|in\s+front|behind|over|apart))",
        Free
    )]
    private static partial Regex Until();

    [GeneratedRegex(
        @"\blips?\s+(?:rolled\s+|folded\s+|tight\s+|tightly\s+)?over\s+(?:the\s+|your\s+)?teeth"
            + @"|\bcover\w*\s+(?:the\s+|your\s+)?(?:upper\s+|lower\s+)?teeth\s+with\s+(?:the\s+|your\s+)?(?:upper\s+"
            + @"|lower\s+)?lips?",
        Free
    )]
    private static partial Regex LipsOver();

    [GeneratedRegex(
        @"\b(?:tip\s+of\s+(?:the\s+|your\s+)?)?tongue\b[^.;]{0,30}\b(?:palate|roof(?:\s+of\s+(?:the\s+"
            + @"|your\s+)?mouth)?|(?:behind|against)\s+(?:the\s+|your\s+)?(?:upper|top)\s+(?:front\s+)?teeth)\b"
            + @"|\btongue\s+up\b",
        Free
    )]
    private static partial Regex TongueUp();

    [GeneratedRegex(
        @"\b(?:hold|fix|brace|flatten|splint|steady|keep)\w*\s+(?:the\s+|your\s+|both\s+)?(?:skin|forehead"
            + @"|(?:eye)?brows?|cheeks?|lids?|chin|(?:outer\s+|inner\s+)?(?:eye\s+)?corners?|(?:outer|inner)\s+brows?"
            + @"|(?:outer\s+|inner\s+)?ends?\s+of\s+(?:the\s+|your\s+)?(?:eye)?brows?)\b",
        Free
    )]
    private static partial Regex HoldsSkin();

    [GeneratedRegex(
        @"\bfrom\s+(?:the\s+)?(?<a>[^,.;]{2,40}?)\s+(?:up(?:wards?)?\s+|down(?:wards?)?\s+|out(?:wards?)?\s+"
            + @"|over\s+|back\s+)?(?:to|towards?)\s+(?:the\s+)?(?<b>\p{L}+(?:\s+(?!with\b|in\b|and\b|for\b|at\b|on\b"
            + @"|once\b|twice\b)\p{L}+){0,5})",
        Free
    )]
    private static partial Regex FromTo();

    [GeneratedRegex(@"\bmassag\w*", Free)]
    private static partial Regex MassageWord();

    [GeneratedRegex(@"\b(?:sides?|left|right|(?:eye)?brows?|eyes?|corners?|cheeks?|shoulders?|hands?)\b", Free)]
    private static partial Regex SideWords();

    [GeneratedRegex(@"\b(?:sides?|left|right)\b", Free)]
    private static partial Regex BareSides();

    [GeneratedRegex(
        @"\bwith\s+(?:the\s+|your\s+)?(?:tip\s+of\s+(?:the\s+|your\s+)?)?tongue\b(?:\s+(?:in\s+front\s+of|over"
            + @"|along|inside|between)\s+(?:the\s+|your\s+)?(?:teeth|lips|gums))?",
        Free
    )]
    private static partial Regex WithTheTongue();

    /// <summary>Where a tongue circles.</summary>
    [GeneratedRegex(
        @"\b(?:along|inside|over|(?:in\s+)?front\s+of|between|a?round)\s+(?:the\s+"
            + @"|your\s+)?(?:inside\s+of\s+(?:the\s+)?)?(?:upper\s+|lower\s+|front\s+)?(?:teeth|lips"
            + @"|gums)\b(?:\s+and\s+(?:the\s+|your\s+)?(?:teeth|lips|gums)\b)?",
        Free
    )]
    private static partial Regex RoundTheTeeth();

    /// <summary>Hands that are laid, and no part of them named.</summary>
    [GeneratedRegex(
        @"\b(?:put|place|lay|rest|hold|with)\w*\s+(?:(?:the|your|both|one)\s+)*hands?\s+(?:on|onto|against|over|under|at)\b",
        Free
    )]
    private static partial Regex LaidHands();

    [GeneratedRegex(@"\b(?:up|down)(?:wards?)?\b(?!\s+(?:to|towards?)\b)", Free)]
    private static partial Regex OnlyAWay();

    /// <summary>One of two, and not which.</summary>
    [GeneratedRegex(@"\bwink\w*|\bone\s+(?:(?:eye)?brow|eye|cheek|corner|nostril)\b", Free)]
    private static partial Regex OneOfTwo();

    [GeneratedRegex(@"\beach\b|\bper\s+(?:side|eye|brow|cheek)|\b(?:keep\w*|(?:then|and)(?:\s+with)?)\s+the\s+other\b", Free)]
    private static partial Regex AlsoTheOther();

    [GeneratedRegex(@"\b(?:hands?|fingers?|fingertips?|palms?|thumbs?)\b", Free)]
    private static partial Regex HandWord();

    /// <summary>"Look up to the right".</summary>
    [GeneratedRegex(
        @"\b(?:look\w*|eyes|gaze)\s+(?:far\s+)?(?:to\s+the\s+)?(?<side>left"
            + @"|right)[\uE100-\uF8FF]?\s+(?:and\s+)?(?<way>up|down)\b(?!\s*(?:,|and|then|-|/)?\s*(?:up|down|left"
            + @"|right)\b)|\b(?:look\w*|eyes|gaze)\s+(?:far\s+)?(?<way>up"
            + @"|down)\s*,?\s*(?:and\s+)?(?:to\s+the\s+)?(?<side>left|right)\b(?!\s*(?:,|and|then|-|/)?\s*(?:up|down"
            + @"|left|right)\b)",
        Free
    )]
    private static partial Regex LooksAslant();

    /// <summary>Which ways eyes look, two or more.</summary>
    [GeneratedRegex(
        @"\b(?:(?:eyes\s+)?look\w*|eyes\s*:?|gaze\s*:?|roll\w*(?<=\beyes\b[^.;]*)(?:\s+(?:them|(?:the\s+"
            + @"|your\s+)?eyes))?)\s+(?:to\s+)?(?:the\s+)?(?<way>left|right|up|down)(?:\s+(?:to"
            + @"|at)\s+the\s+\p{L}+(?:\s+with\s+(?:the\s+)?(?:chin|head)\s+(?:level|straight"
            + @"|still))?|\s+(?:under|behind|beneath)\s+(?:(?:the|your|closed|shut)\s+)*(?:eye)?lids)?(?:[\uE100-\uF8FF\s]+(?:with|using)"
            + @"\s+(?:(?:the|your)\s+)?eyes\s+only)?(?:[\s·]*(?:\bfor\b[\s·]*)?(?:,|and"
            + @"|then|to|-|/|(?<=\s))[\s·,]*(?:and\s+|then\s+)?(?:to\s+)?(?:the\s+)?(?<way>left|right|up"
            + @"|down)\b(?:\s+(?:to|at)\s+the\s+\p{L}+)?)+",
        Free
    )]
    private static partial Regex LooksAbout();

    /// <summary>Vowels that are said for the sake of the lips: "say A E I O U", "ee - oo". A letter by itself is a vowel where it stands
    /// as a capital or in quotes.</summary>
    [GeneratedRegex(
        @"\b(?:say\w*|form\w*|shape|make|(?:in)?to\s+an?|in\s+an|mouth\s+(?:in(?:to)?|like"
            + @"|as\s+for))\s+(?:(?:an?\s+)?(?:the|long|big|small|wide|loud|round|vowels?|letters?"
            + @"|sound)\s+)*(?:an?\s+)??[:""“'‘]*(?<vowel>(?-i:[AEIOUX])|[aeioux](?=[""”'’])|a+h+|aa+|ee+|oo+h*|oh+|uu+"
            + @"|cheese)(?![\p{L}\d])[""”'’]*(?:\s*(?:[,–/-]|and|then|to)?\s*[""“'‘]*\b(?<vowel>(?-i:[AEIOUX])"
            + @"|[aeioux](?=[""”'’])|a+h+|aa+|ee+|oo+h*|oh+|uu+"
            + @"|cheese)(?![\p{L}\d])[""”'’]*)*(?:\s+(?:shape\s+)?with\s+(?:(?:the|your|very|rounded|exaggerated|large"
            + @"|big)\s+)*(?:lips|mouth|lip\s+movements?))?"
            + @"|(?-i:\b(?<vowel>[AEOU])\b(?:\s*[-,–/]\s*(?<vowel>[AEIOU])\b)+)|[""“'‘]*\b(?<vowel>ee+|oo+h*"
            + @"|aa+h*)[""”'’]*(?:\s*(?:[,–/-]|and|then|to)\s*[""“'‘]*\b(?<vowel>ee+|oo+h*|aa+h*)\b[""”'’]*)+",
        Free
    )]
    private static partial Regex Vowels();

    /// <summary>A vowel in quotes, wherever it stands.</summary>
    [GeneratedRegex(
        @"[""“'‘](?<vowel>a+h+|aa+|ee+|oo+h*|oh+|uu+|[aeioux])[""”'’](?:\s+(?:with\s+(?:the\s+|your\s+)?)?(?:lips|mouth|shape|sound))?",
        Free
    )]
    private static partial Regex QuotedVowel();

    /// <summary>Begins with a verb that leads to a place.</summary>
    [GeneratedRegex(
        @"^\s*(?:and\s+)?(?:strok|glid|sweep|smooth|slid|wip|iron|drag|mov|go|brush)\w*\s+(?:(?:them|it"
            + @"|the\s+fingers?|the\s+hands?)\s+)?(?:\w+ly\s+|on\s+|up\s+|down\s+|out\w*\s+|back\s+)*(?:to|towards?"
            + @"|into)\b",
        Free
    )]
    private static partial Regex OnlyTo();

    /// <summary>From something near to something far, or back.</summary>
    [GeneratedRegex(
        @"\b(?:thumb|finger|pen(?:cil)?)\b[^.;]{0,40}\barm'?s?[\s-]length\b[^.;]{0,80}\b(?:bring|mov|draw)\w*\s+(?:it|(?:the|your)"
            + @"\s+(?:thumb|finger|pen))\s+(?:\w+ly\s+)?(?:up\s+|in\s+)?(?:(?:close|near|closer|to(?:wards?)?)\b|·)(?:[^.;]*?\b(?:and\s+"
            + @"|then\s+)*(?:(?:away"
            + @"|out|forward)\s+again|back)\b(?:\s+(?:again|out))?)?"
            + @"|\b(?:(?:look|focus|gaz)\w*|eyes\s*[:–-])\s+(?:[^.;]{0,10}?\b(?:tip\s+of\s+(?:the|your)\s+nose|fingers?"
            + @"|thumb|pen(?:cil)?)\b(?:(?!\blook\w*\s+(?:up|down|left|right)\b)[^.;]){0,40}?\b(?:far|wall|window|horizon"
            + @"|distance)\b(?:\s+(?:wall|away|off|point"
            + @"|object|one|window|door|tree|house|thing|distance))?|[^.;]{0,10}?\b(?:tip\s+of\s+(?:the|your)\s+nose"
            + @"|fingers?|thumb)\b(?:(?!\blook\w*\s+(?:up|down|left|right)\b)[^.;]){0,40}?\b(?:wall|window)\b|(?:(?!\blook\w*\s+(?:up"
            + @"|down|left|right)\b)[^.;]){0,40}?\bnear\b(?:(?!\blook\w*\s+(?:up|down|left"
            + @"|right)\b)[^.;]){0,30}?\bfar\b(?:\s+(?:wall"
            + @"|away|off|point|object|one|window|door|tree|house|thing|distance))?(?:\s*\([^)]*\))?"
            + @"|(?:(?!\blook\w*\s+(?:up|down|left|right)\b)[^.;]){0,40}?\bfar\b(?:(?!\blook\w*\s+(?:up|down|left"
            + @"|right)\b)[^.;]){0,60}?\b(?:near|fingers?|thumb|pen(?:cil)?)\b)",
        Free
    )]
    private static partial Regex NearAndFar();

    [GeneratedRegex(@"\b(?:cold|cool|chilled|frozen|ice|iced|warm|hot|heated)\b", Free)]
    private static partial Regex HeatOrCold();

    /// <summary>Where what is pressed against lies: "against the fist under the chin".</summary>
    [GeneratedRegex(@"^\s*(?:under|below|on|at|above|over|behind|beside|in\s+front\s+of)\b", Free)]
    private static partial Regex LiesThere();

    /// <summary>The head goes back: a movement where nothing else moves, else how the head is held.</summary>
    [GeneratedRegex(
        @"\b(?:tilt|tip|lean|drop|lower|let)\w*\s+(?:the\s+|your\s+)?head\s+(?:\p{L}+\s+){0,2}?back(?:wards?)?(?:\s+a\s+(?:little|bit))?",
        Free
    )]
    private static partial Regex TiltsBack();

    /// <summary>Palms that lie round the eyes and touch no lid.</summary>
    [GeneratedRegex(
        @"\b(?:warm\w*\s+)?(?:palms?|hands)\s+(?:lightly\s+|loosely\s+)?over\s+(?:(?:the|your|closed|shut"
            + @"|both)\s+)*eyes\b|\bcover\w*\s+(?:(?:them|the|your|closed|both|eyes)\s+)*with\s+(?:(?:the|your|both"
            + @"|warm)\s+)*(?:palms?|hands)\b(?<=\beyes\b[^.;]*)|\b(?:lay|plac|put|cup|rest)\w*\s+(?:(?:them|it|the"
            + @"|your|both|warm|palms?|hands?)\s+)+(?:lightly\s+|loosely\s+|gently\s+)?(?:over|on)\s+(?:(?:the|your"
            + @"|closed|shut|both)\s+)*eyes\b(?<=\b(?:palms?|hands?)\b[^.;]*)",
        Free
    )]
    private static partial Regex PalmsOverEyes();

    /// <summary>Hands that are warmed before they work.</summary>
    [GeneratedRegex(
        @"^\s*palm\s+rub\s*[:,-]\s*|\b(?:rub|heat|warm)\w*\s+(?:up\s+)?(?:(?:the|your|both)\s+)*(?:palms?"
            + @"|hands?)(?:\s+(?:together|warm|up))*(?:\s+until\s+(?:they\s+are\s+)?warm)?(?:\s*,?\s*(?:and"
            + @"|then))?(?!\s+(?:on|over|along|across|under)\b)",
        Free
    )]
    private static partial Regex WarmsHands();

    /// <summary>What was warmed is laid there.</summary>
    [GeneratedRegex(@"\b(?:plac|put|lay|rest|cup)\w*\s+(?:them\s+)?(?:on|onto|over|at|against)\b", Free)]
    private static partial Regex LaysThem();

    /// <summary>"Left and right", of what is done to one side at a time.</summary>
    [GeneratedRegex(@"\b(?:left\s+and\s+(?:the\s+)?right|right\s+and\s+(?:the\s+)?left)\b(?:\s+sides?)?", Free)]
    private static partial Regex LeftAndRight();

    /// <summary>"Turn right, hold 10 s, turn left": first one way, then the other.</summary>
    [GeneratedRegex(
        @"\b(?:turn|tilt|tip|lean)\w*\b[^.;]{0,60}?\bright\b[^.;]{0,60}\b(?:turn|tilt|tip"
            + @"|lean)\w*\b[^.;]{0,60}?\bleft\b|\b(?:turn|tilt|tip|lean)\w*\b[^.;]{0,60}?\bleft\b[^.;]{0,60}\b(?:turn"
            + @"|tilt|tip|lean)\w*\b[^.;]{0,60}?\bright\b",
        Free
    )]
    private static partial Regex TurnsBothWays();

    [GeneratedRegex(
        @"\b(?:up\s+and\s+down|back\s+and\s+forth|to\s+and\s+fro|(?:there\s+)?and\s+back\b(?!\s+(?:to|up|down))"
            + @"|and\s+again\s+back|forwards?\s+and\s+back(?:wards?)?)\b",
        Free
    )]
    private static partial Regex BothWays();

    [GeneratedRegex(@"\b(?:up\s+and\s+down|back\s+and\s+forth|to\s+and\s+fro|up\s*/\s*down)\b", Free)]
    private static partial Regex UpAndDown();

    [GeneratedRegex(@"\b(?:plac|put|rest|lay|set|position|hold)\w*\b", Free)]
    private static partial Regex Lays();

    [GeneratedRegex(@"\bto(?:wards?)?\b", Free)]
    private static partial Regex ToWord();

    [GeneratedRegex(@"\bhalf\s?-?way\b(?<=\b(?:mouth|jaw|lids?)\b[^.;]*)", Free)]
    private static partial Regex HalfWay();

    /// <summary>Which way circles turn, where no clock says it.</summary>
    [GeneratedRegex(
        @"\b(?:circl|rotat)\w*\b(?:\s+(?:them|it))?(?:\s+with\s+[\p{L} ]{3,30}|\s+(?:on|at"
            + @"|over)\s+[\p{L} ]{3,20}(?:\s+with\s+[\p{L} ]{3,30})?)?,?\s+(?<way>(?:out|in|up|down)wards?)\b"
            + @"|\b(?<way>(?:out|in)wards?)\s+direction\b|\bdirection\s+(?<way>(?:out|in)wards?)\b",
        Free
    )]
    private static partial Regex CircleWay();

    /// <summary>Which way a stroke goes that names one place only.</summary>
    [GeneratedRegex(
        @"\b(?:strok|glid|sweep|smooth|slid|wip|iron|roll|drag|brush|run|trac|com|mov)\w*\s+(?:(?:them|it"
            + @"|the\s+\p{L}+|\w+ly)\s+)?(?:straight\s+)?(?<way>up|down)(?:wards?)?\b(?!\s+to\b)|\b(?<way>up"
            + @"|down)wards?\b|\b(?<way>up|down)\s+strokes?\b|(?<!\b(?:blow|puff|fill|pump)\w*\s+)\b(?<way>up|down)\s+(?:both|the"
            + @"|each)\s+(?:(?:front|back"
            + @"|sides?)\s+of\s+(?:the\s+)?)?(?:sides|nose|neck|cheeks?|forehead|throat)\b",
        Free
    )]
    private static partial Regex StrokeWay();

    [GeneratedRegex(@"^(?:under|below|between|beside|next\s+to|in\s+front|behind|over|across|along)\b", Free)]
    private static partial Regex SaysWhere();

    [GeneratedRegex(
        @"^\s*(?:(?:along|over|across|under|around)\s+(?:the\s+)?\p{L}+\s+)?(?:up\s+|down\s+|out\s+|over\s+"
            + @"|back\s+)?(?:to|towards?|→|->)\s",
        Free
    )]
    private static partial Regex LeadsOn();
}
