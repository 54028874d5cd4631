using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Claims;

/// <summary>The words in which claims are made (common practice), one pattern a meaning.</summary>
public static partial class ClaimReview
{
    private const RegexOptions Free = RegexOptions.IgnoreCase;

    /// <summary>Sooner than anybody has seen anything come of it: days, or a few weeks.</summary>
    private const string Early =
        @"(?:with)?(?:in|after)\s+(?:just\s+|only\s+)?(?:a|one|two|three|four|\d)\s+(?:days?|weeks?|sessions?)"
        + @"|(?:with)?(?:in|after)\s+\d+\s+days|after\s+the\s+first\s+(?:time|session|week|day)";

    /// <summary>Longer than a flush or a touch is known to last.</summary>
    private const string Lasting =
        @"for\s+(?:(?:many|several|some|two|three|four|\d+)\s+)?(?:days|weeks|months|years|decades)|(?:all|the\swhole)\s+(?:day|week|year)";

    [GeneratedRegex(
        @"\b(?:cur(?:e|es|ing)|heals?|treats?|diagnos\w*|glaucoma|bell'?s?\s+palsy|paralysis|stroke patients"
            + @"|(?<!\b(?:press|touch|reach|stroke|cross|pass|glid|rub)\w*\s+(?:on\s+|over\s+|across\s+)?(?:the\s+|your"
            + @"\s+)?)thyroid|sinusitis|migraines?|depression|insomnia|blood\s+pressure|tinnitus|arthritis|cataract"
            + @"|neuralgia|disease)\b",
        Free
    )]
    private static partial Regex Medical();

    [GeneratedRegex(
        @"\b(?:cur(?:e|es|ed|ing)|heal\w*|treat\w*|diagnos\w*|therap\w*|remed\w+|medicine|replac\w*|substitut\w*|prevent\w*)\b",
        Free
    )]
    private static partial Regex Cures();

    [GeneratedRegex(
        @"\b(?:stud(?:y|ies)|trial|research|scien\w+|proven|prove[sd]?|clinically|evidence|dermatolog\w*"
            + @"|(?:doctors?|physicians?|experts?)\s+(?:recommend|advise|swear|agree|confirm|say)\w*)\b",
        Free
    )]
    private static partial Regex Study();

    [GeneratedRegex(
        @"\b(?:caused?\s+by|comes?\s+from|because\b|due\s+to|is\s+why|that\s+is\s+why|result\s+of"
            + @"|makes?\s+the\s+(?:line|fold|crease)|causes?|from\s+(?:a\s+)?weak)\b",
        Free
    )]
    private static partial Regex CauseWords();

    [GeneratedRegex(@"\b(?:lies?|sits?|located|found|is\s+at|runs\s+along|is\s+under|is\s+beside|is\s+between)\b", Free)]
    private static partial Regex PlaceWords();

    /// <summary>"The masseter lies at the jaw angle": who lies there stands before it.</summary>
    [GeneratedRegex(
        @"^(?:the|a|our|its|this|that|point|\p{Lu}+\s?\d)(?:(?!\b(?:where|which|if|when|until)\b)[^,.;])*\b"
            + @"(?:lies?|sits?|(?:is|are)\s+(?:not\s+)?(?:located"
            + @"|found|at|under|beside|between)|runs?\s+along)\b",
        Free
    )]
    private static partial Regex SaysWhere();

    /// <summary>"It …", "this exercise …": of the technique, and nothing that a hand is told to do.</summary>
    [GeneratedRegex(@"^\W*" + ClaimSpeaker.Technique + @"\b", Free)]
    private static partial Regex OfTechnique();

    /// <summary>"Your skin will glow", "the cheeks become fuller": what comes of it.</summary>
    [GeneratedRegex(
        @"^\W*(?:(?:your|the)\s+(?:\p{L}+\s+)?(?:skin|face|cheeks?|jaw\s?line|neck|eyes?|lids?|lips?|forehead|brows?|chin"
            + @"|complexion|lines?"
            + @"|folds?)|(?:the\s+|your\s+)?results?|you)\s+(?:will|gets?|becomes?|looks?|is|are|grows?|stays?)\b",
        Free
    )]
    private static partial Regex OfResult();

    [GeneratedRegex(
        @"\b(?:not|without|never|rather\s+than|instead\s+of|against|while|unlike|opposes?|spares?)\b(?:(?!\bbut\b)[^,.;])*$",
        Free
    )]
    private static partial Regex SetApart();

    [GeneratedRegex(@"\b(?:helps?|also|a\s+little|assists?|supports?|slightly)\b", Free)]
    private static partial Regex Helps();

    [GeneratedRegex(@"(?:^|-)(?:raise|lift|elevate|draw-.*-up|pull-.*-up)", Free)]
    private static partial Regex Upward();

    [GeneratedRegex(@"(?:^|-)(?:lower|depress|close|draw-brow-medially|pull-.*-down)", Free)]
    private static partial Regex Downward();

    [GeneratedRegex(
        $@"\b(?:permanent\w*|for\s?ever|{Lasting}|for\s+good|always|guarantee\w*|years?\s+younger|instantly|overnight"
            + $@"|{Early}|packing"
            + @"|by\s+(?:Easter|Christmas|summer|spring|autumn|winter|next\s+\p{L}+|the\s+(?:end|weekend|wedding))|vanish\w*|disappear\w*"
            + @"|farewell|good\s?bye|history|remov\w*|eras\w*|get\w*\s+rid\s+of|banish\w*|eliminat\w*|never\s+again"
            + @"|completely|away|gone|no\s+more"
            + @"|ward\w*\s+off|prevent\w*|stop\w*|end(?:s|ed)?\b|ceas\w*|protect\w*\s+(?:against|from)|at\s+night"
            + @"|lasting|sag\w*)\b",
        Free
    )]
    private static partial Regex Exaggerates();

    [GeneratedRegex(
        $@"\b(?:permanent\w*|for\s?ever|{Lasting}|for\s+good|guarantee\w*|years?\s+younger|instantly|overnight|{Early}"
            + @"|never\s+again|for\s+life)\b",
        Free
    )]
    private static partial Regex Forever();

    /// <summary>"By three millimetres", "40 per cent".</summary>
    [GeneratedRegex(
        @"\b(?:\d+|one|two|three|four|five|six|seven|eight|nine|ten|twenty|fifty|several|an?)\s*(?:mm|cm|millimet\w+"
            + @"|centimet\w+|inch(?:es)?"
            + @"|%|per\s?cent|sizes?|years|(?:times|fold)(?!\s+(?:an?|per|each|daily)\b))(?![\p{L}])|\bby\s+(?:half|a"
            + @"\s+third|a\s+quarter)\b",
        Free
    )]
    private static partial Regex HowMuch();

    [GeneratedRegex(@"\b(?:weak\w*|slack\w*|untrained|lazy|flabby)\b", Free)]
    private static partial Regex Weak();

    [GeneratedRegex(@"\b(?:horizontal|level|cross)\b.*\b(?:nose|root)\b|\bnose\s+root\b|\broot\s+of\s+the\s+nose\b", Free)]
    private static partial Regex NoseRootLine();

    [GeneratedRegex(
        @"\b(?:vertical|frown|elevens?|11s?|upright)\b.*\b(?:lines?|creases?|brows?)\b|\bfrown\s*lines?\b"
            + @"|\bglabella\w*\b|\bbetween\s+the\s+brows\b",
        Free
    )]
    private static partial Regex FrownLines();

    [GeneratedRegex(@"\bforehead\b|\bhorizontal\s+lines?\b", Free)]
    private static partial Regex ForeheadLines();

    [GeneratedRegex(@"\bcrow'?s?[\s-]*feet\b|\bouter[\s-](?:eye|corner)\b|\blines?\b.*\bouter\b.*\beye\b", Free)]
    private static partial Regex CrowsFeet();

    [GeneratedRegex(@"\blip\s+lines?\b|\b(?:upright|vertical)\b.*\blip\b|\bsmoker", Free)]
    private static partial Regex LipLines();

    [GeneratedRegex(
        @"\bnasolabial\b|\bnose[\s-]to[\s-]mouth\b|\bsmile\s+lines?\b|\bmouth[\s-]side\s+fold|\blaugh(?:ter)?\s+lines?\b",
        Free
    )]
    private static partial Regex MouthSideFold();

    [GeneratedRegex(@"\bmarionette\b|\bcorners?\b.*\bdown\b|\bdrooping\s+corners?\b", Free)]
    private static partial Regex CornersDown();

    [GeneratedRegex(@"\bneck\s+(?:bands?|cords?|lines?)\b", Free)]
    private static partial Regex NeckBands();

    [GeneratedRegex(@"\bchin\b.*\bdimpl\w*|\bdimpl\w*\b.*\bchin\b|\bpebbl\w*", Free)]
    private static partial Regex ChinDimples();

    [GeneratedRegex(@"\b(?:wide|square|broad)\b.*\bjaw\b|\bjaw\b.*\b(?:wide|square)\b", Free)]
    private static partial Regex WideJaw();

    [GeneratedRegex(@"\bbunny\s+lines?\b|\bside\s+of\s+the\s+nose\b", Free)]
    private static partial Regex BunnyLines();

    [GeneratedRegex(@"\b(?:LI|ST|GB|BL|GV|DU|CV|REN|SI|TE|SJ|EX|DI|M-HN)\s?-?\d{1,2}\b", Free)]
    private static partial Regex PointCode();

    [GeneratedRegex(
        @"\b(?:(?<!\bskin\s+)wrinkl(?!ing\s+(?:the|your)|e?s?\s+(?:the|your)\s+(?:nose|forehead|brow))\w*|fine\s+lines?"
            + @"|crow'?s?\s*feet|(?:lines?|folds?|creases?|furrows?)\s+(?:\p{L}+\s+){0,2}(?:vanish\w*"
            + @"|disappear\w*|go(?:ne)?|fad\w*|soften\w*|melt\w*)|(?:remov|eras|smooth|reduc|banish|fad|fight|combat|diminish|minimi[sz]"
            + @"|lessen|eliminat|melt|blur|plump|tackl|target|undo|revers|wip|delet|clear|iron|fill|dissolv|polish|soften)\w*\b[^,.;]*"
            + @"\b(?:lines?|folds?|creases?|furrows?)|(?:fewer|less|no\s+more|rid\s+of|free\s+(?:of|from)|good\s?bye\s+to)\b[^,.;]*"
            + @"\b(?:lines?|folds?|creases?|furrows?))\b",
        Free
    )]
    private static partial Regex WrinkleWords();

    [GeneratedRegex(
        @"\bcheeks?\b.*\b(?:full\w*|plump\w*|volume|round\w*|sag\w*)\b"
            + @"|\b(?:full\w*|plump\w*|volume|sag\w*|saggy|sunken|gaunt)\b.*\bcheeks?\b",
        Free
    )]
    private static partial Regex Cheeks();

    [GeneratedRegex(@"\bred\w*\b.*\b(?:releas\w*|stagnat\w*|means|shows|good)\b", Free)]
    private static partial Regex GuashaRed();

    [GeneratedRegex(@"\b(?:organs?|liver|kidneys?|lungs?|stomach|meridians?|energy|qi|chi|intestine)\b", Free)]
    private static partial Regex Organs();

    [GeneratedRegex(@"\bconvergence\b", Free)]
    private static partial Regex Convergence();

    [GeneratedRegex(@"\b(?:glasses|eyesight|vision|sight|myopia|short[\s-]?sighted\w*|spectacles)\b", Free)]
    private static partial Regex Glasses();

    [GeneratedRegex(
        @"\b(?:hooded|droop\w*|ptosis|heavy)\b.*\blids?\b|\blids?\b.*\b(?:lift\w*|droop\w*|hooded)|\b(?:lift\w*"
            + @"|opens?)\b.*\bhooded\b|\bptosis\b|\blift\w*\b.*\blids?\b",
        Free
    )]
    private static partial Regex Lids();

    [GeneratedRegex(@"\b(?:collagen|elastin)\b", Free)]
    private static partial Regex Collagen();

    [GeneratedRegex(@"\bfrown\w*\b.*\bhabit\w*|\bhabit\w*\b.*\bfrown\w*|\bfrowns?\s+less\b|\bless\s+frowning\b", Free)]
    private static partial Regex FrownHabit();

    [GeneratedRegex(
        @"(?<!\b(?:on|onto|into|over|along|under|above|below|beside|behind|against|of|off|from|to|at|between|than|feel|near)\s+"
            + @"(?:(?:the|your|a|firm|hard|edge\s+of)\s+)*(?:[\p{L}-]+\s+)?)\b(?:bones?|skull)\b"
            + @"|\b(?:spine|vertebra\w*|slim\w*|narrow\w*(?!\s+(?:O|them|and|it|lane|strip|mouth)\b)|cartilage|nose\s+smaller"
            + @"|smaller\s+nose|shrinks?|reshap\w*"
            + @"|v[\s-]?shape\w*|sinus\w*\s+empt\w*|shape\s+of\s+(?:the|your)\s+(?:face|jaw|nose|palate|skull|head|eyes?|chin))\b",
        Free
    )]
    private static partial Regex Bone();

    [GeneratedRegex(
        @"\b(?:puffy|puffi\w*|puffed\s+(?:eyes|face)|swell\w*|swollen(?!\s+(?:or|,)?\s*(?:\p{L}+\s+)?nodes?)|bags?"
            + @"|de-?puff\w*|water\s+retention)\b",
        Free
    )]
    private static partial Regex Puffy();

    [GeneratedRegex(
        @"\b(?:eye\s*strain|tired\s+eyes|screen|dry\s+eyes|rests?\s+the\s+eyes|(?:giv|grant|bring)\w*\s+(?:(?:the|your"
            + @"|tired)\s+)*eyes\s+(?:a\s+)?(?:rest|break|pause)|eyes?\s+(?:rest|comfort)\w*)\b",
        Free
    )]
    private static partial Regex EyeRest();

    [GeneratedRegex(@"\b(?:clench\w*|grind\w*|jaw\s+(?:pain|tension|ache)|tmd|tmj)\b", Free)]
    private static partial Regex JawRest();

    [GeneratedRegex(
        @"\b(?:ton(?:e|es|ed|ing)|firm\w*|strengthen\w*|stronger|lift(?:s|ing)?\s+(?:the\s+)?(?:face|skin"
            + @"|contour|cheeks?)|tight(?:er|ens?)\s+(?:(?:the|your)\s+)?(?:\p{L}+\s+)?skin|facelift)\b",
        Free
    )]
    private static partial Regex ToneWords();

    [GeneratedRegex(
        @"\b(?:lift(?:s|ing)?\s+(?:the\s+)?(?:face|skin|contour)|tight(?:er|ens?)\s+(?:(?:the|your)\s+)?(?:\p{L}+\s+)?skin|facelift)\b",
        Free
    )]
    private static partial Regex LiftsFace();

    [GeneratedRegex(@"\b(?:bigger|thicker|grow\w*|enlarg\w*|muscle\s+(?:mass|volume|size)|hypertroph\w*|builds?\s+muscle)\b", Free)]
    private static partial Regex MuscleSize();

    [GeneratedRegex(
        @"\b(?:blood\s*flow|circulation|glow\w*|oxygen\w*|warm\w*|blood\s+(?:to|into|through|supply)|pink\w*|ros(?:y|ier)|colou?r\s+to)\b",
        Free
    )]
    private static partial Regex BloodFlow();

    [GeneratedRegex(
        @"\b(?:relax\w*|tension|headaches?|calm\w*|stress|slows?\s+(?:you\s+)?down|ease[sd]?|loosen\w*|soften\w*|pain)\b",
        Free
    )]
    private static partial Regex RelaxWords();

    /// <summary>A lid that hangs, as something to be cured: opening the eye is another matter.</summary>
    [GeneratedRegex(
        @"\b(?:hooded|droop\w*|ptosis|heavy|sagging|tired|hanging|drowsy)\b.*\b(?:lids?|eyelids?|eyes?)\b"
            + @"|\blids?\b.*\bdroop\w*|\bptosis\b",
        Free
    )]
    private static partial Regex HangingLids();

    [GeneratedRegex(
        @"\b(?:stimulat|wak|activat|calm|heal|strengthen|repair|regenerat|train|free|reset|unblock|sooth|releas"
            + @"|massag)\w*\b[^.;]*\bnerves?\b|\bnerves?\b[^.;]*\b(?:stimulat|wak|activat|heal|strengthen|repair"
            + @"|train)\w*",
        Free
    )]
    private static partial Regex Nerves();

    [GeneratedRegex(@"\bposture\b|\bforward\s+head\b|\b(?:tech|text)\s+neck\b|\bhunch\w*|\bslouch\w*|\bhump\b", Free)]
    private static partial Regex PostureWords();

    [GeneratedRegex(@"\bfat\b|\bdouble\s+chin\b|\bmelts?\b|\bcellulite\b|\bchubby\b", Free)]
    private static partial Regex Fat();

    [GeneratedRegex(
        @"\b(?:pores?|acne|(?:clear|fad|remov|fewer|no\s+more|banish|lighten|heal|against)\w*\s+(?:\p{L}+\s+)?spots?"
            + @"|(?:age|dark|brown|liver)\s+spots?|spots?\s+(?:will\s+)?(?:vanish|fade|disappear|go)\w*|blemish\w*|pimples?"
            + @"|scars?|pigment\w*|dark\s+circles?"
            + @"|under-?eye\s+circles?|eczema|rosacea|complexion|purif\w*)\b",
        Free
    )]
    private static partial Regex SkinClear();

    [GeneratedRegex(@"\bhair\b.*\b(?:grow\w*|thick\w*|regrow\w*|loss)\b|\b(?:regrow\w*|grows?)\b.*\bhair\b|\bbald\w*\b", Free)]
    private static partial Regex Hair();

    [GeneratedRegex(
        @"\b(?:a?symmetr\w*|lopsided|crooked|uneven\s+(?:face|sides?|smile)|(?:evens?|balances?)\b.*\b(?:sides|halves|face))\b",
        Free
    )]
    private static partial Regex Symmetry();

    [GeneratedRegex(@"\bsinus(?:es)?\b", Free)]
    private static partial Regex SinusWords();

    [GeneratedRegex(
        @"\b(?:immun\w*|hormon\w*|cortisol|adrenalin\w*|melatonin|oxytocin|dopamin\w*|metaboli\w*|digestion|pituitary"
            + @"|pineal|dna|stem\s+cells?)\b",
        Free
    )]
    private static partial Regex BodyWords();

    [GeneratedRegex(
        @"\b(?:(?<!\b(?:brows?|forehead|jaw|face|cheeks?|neck|rest|muscle|chin|lips?)\s+)sleep\w*|mood|mind|soul|happi\w*"
            + @"|serotonin|endorphins?|anxiety)\b",
        Free
    )]
    private static partial Regex SleepWords();

    [GeneratedRegex(
        @"\b(?:fascia\w*|adhesions?|knots?|trauma\w*|stored\s+(?:emotions?|feelings?|tension)|emotional\s+(?:release"
            + @"|blocks?)|emotions?)\b",
        Free
    )]
    private static partial Regex FasciaWords();

    [GeneratedRegex(
        @"\b(?:sag\w*|jowls?|saggy|contour\w*|sculpt\w*|chisel\w*|turkey\s+neck|defin(?:es?|ed"
            + @"|ing)\b.*\b(?:jaw\w*|cheek\w*)|(?:sharp\w*|defined)\s+jaw\s*line|anti-?gravity|lifts?\s+everything"
            + @"|(?:firmer|tighter|tauter|slimmer)\s+(?:jaw\s*line|contours?|face|neck|cheeks?|skin|chin)"
            + @"|jaw\s*line\s+(?:\p{L}+\s+){0,3}(?:sharper|clearer|firmer|tighter)"
            + @"|(?:alternative|substitute|replacement|instead|better|like|replac\w*)\b[^,.;]*\b(?:botox|fillers?|surgery"
            + @"|face\s?lift|injections?|needles?|scalpel)|natural\s+(?:botox|filler|face\s?lift))\b",
        Free
    )]
    private static partial Regex Contour();

    [GeneratedRegex(
        @"\b(?:younger|youthful\w*|years?\s+off|turns?\s+back\s+(?:the\s+)?(?:clock|time)|anti-?ag(?:e|e?ing)"
            + @"|rejuvenat\w*|reverses?\s+ag(?:e|e?ing)|stops?\s+ag(?:e|e?ing))\b",
        Free
    )]
    private static partial Regex Younger();

    [GeneratedRegex(@"\b(?:full\w*|plump\w*|bigger|volume)\b.*\blips?\b|\blips?\b.*\b(?:full\w*|plump\w*|bigger|volume)\b", Free)]
    private static partial Regex FullLips();

    [GeneratedRegex(
        @"\b(?:thins?|shrinks?|slims?|smaller|thinner|less\s+bulk|reduces?|de-?bulk\w*"
            + @"|weakens?)\b.*\b(?:muscles?|masseter|bulk|jaw\s+muscles?)\b|\b(?:muscles?|masseter)\b.*\b(?:smaller"
            + @"|thinner|shrinks?|slimmer)\b",
        Free
    )]
    private static partial Regex Shrinks();

    [GeneratedRegex(
        @"\b(?:slow|long|deep|calm)\w*\s+(?:breath\w*|exhal\w*|out-?breath\w*)\b|\bbreath\w*\b.*\b(?:calm\w*|relax\w*|sooth\w*)",
        Free
    )]
    private static partial Regex CalmBreath();

    [GeneratedRegex(@"\b(?:mov|shift|glid|strok|touch|work)\w*\b.*\bskin\b", Free)]
    private static partial Regex MovesSkin();

    /// <summary>"Moves the skin over the …": the skin is meant, and no muscle under it.</summary>
    [GeneratedRegex(@"\bskin\s+(?:\p{L}+\s+)?(?:over|above|on|across)\s+(?:the\s+|your\s+)?$", Free)]
    private static partial Regex SkinOver();

    /// <summary>Said to be a custom, not a fact.</summary>
    [GeneratedRegex(@"\b(?:traditional\w*|tradition|custom\w*|folk\w*|(?:is|are)\s+said\s+to|believed\s+to|old\s+teaching)\b", Free)]
    private static partial Regex Custom();
}
