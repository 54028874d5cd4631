using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// The words themselves: what notes call verbs, movements, places, fingers and pressures (common practice), and the patterns of their
/// sentences.
/// </summary>
internal sealed partial class NoteGlossary
{
    private static (Regex, string) W(string pattern, string means) => (new Regex($@"\b(?:{pattern})\b", RegexOptions.IgnoreCase), means);

    private static readonly (Regex Pattern, string Verb)[] HandVerbs =
    [
        W(@"(?:cold|cool|chilled|warm|hot|iced?)\s+(?:spoons?|compress\w*|cloths?|towels?|pads?)", "heat-cold"),
        W(@"gua\s*sha|scrap\w*|draw\w*\s+the\s+stone|stone\w*", "tool-stroke"),
        W(@"roll\w*\s+(?:with\s+)?the\s+roller|roller", "roll"),
        W(@"(?:circl|rotat)\w*(?!\s+(?:with\s+)?(?:the\s+|your\s+|both\s+)*(?:shoulders?|head|eyes|jaw|tongue)\b)", "circle"),
        W(@"knead\w*", "knead"),
        W(@"pinch\w*|pluck\w*", "pinch-roll"),
        W(@"tap\w*|drum\w*|pat(?:s|ting)?", "tap"),
        W(@"pump\w*", "lymph-pump"),
        W(@"stretch\w*|pull\w*\s+apart|draw\w*\s+apart", "stretch-apart"),
        W(@"rub\w*|friction", "friction"),
        W(@"(?:pull|lift|draw|push)\w*\s+(?:the\s+|your\s+)?(?:skin|forehead|temples?|cheeks?)(?:\s+(?:up|back|out)\w*)?", "lift-hold"),
        W(@"press(?!ure)\w*|push\w*|hold\s+the\s+point", "press"),
        W(
            @"strok\w*|glid\w*|sweep\w*|brush\w*|trac(?:e|es|ing)\b|drain(?:s|ing)?\b|smooth\w*|slid\w*|wip\w*|iron\w*|drag\w*|massag\w*",
            "stroke"
        ),
    ];

    private static readonly (Regex Pattern, string Do, string? Gaze)[] Moves =
    [
        M(
            @"rais\w*\s+(?:(?:both|the|your|right|left|one)\s+)*(?:eye)?brows?|lift\w*\s+(?:(?:both|the|your|right|left|one)\s+)*(?:eye)?brows?|(?<!\b(?:between|from|over|above)\s+(?:the\s+|both\s+)?)(?:eye)?brows?\s+up\b(?!\s+(?:to|towards?)\b)",
            "raise-brows"
        ),
        M(
            @"(?:pull|draw|stretch)\w*\s+(?:the\s+|your\s+|both\s+)?(?:mouth\s+)?corners?(?:\s+of\s+(?:the\s+|your\s+)?mouth)?\s+(?:back|out(?:wards?)?|sideways|apart|wide)",
            "stretch-corners-sideways"
        ),
        M(@"(?<=^\s*(?:eye)?brows?\s*(?::|\s-)[^.;]*)(?:rais|lift)\w*(?:\s+and\s+lower\w*)?", "raise-brows"),
        M(@"kiss\w*\s+(?:(?:to|at|towards?)\s+)?(?:the\s+)?(?:ceiling|sky)", "kiss-ceiling"),
        M(
            @"lower\s+lip\s+(?:over|above|on)\s+(?:the\s+|your\s+)?upper(?:\s+(?:lip|one))?|(?:push|jut|stick)\w*\s+(?:out\s+)?(?:the\s+|your\s+)?(?:bottom|lower)\s+lip(?:\s+(?:forwards?|out))?|(?:bottom|lower)\s+lip\s+(?:is\s+)?(?:pushed\s+)?(?:forwards?|out)\b(?:\s+\(pout\w*\))?|pout\w*",
            "pout-chin-up"
        ),
        M(
            @"(?:tilt|tip|lean)\w*\s+(?:the\s+|your\s+)?ear\s+(?:down\s+)?to(?:wards?)?\s+(?:the\s+|your\s+)?shoulder|ear\s+to(?:wards?)?\s+(?:the\s+|your\s+)?shoulder|head\s+(?:tilts?|tips?|leans?)\b(?!\s+back)(?:\s+(?:(?:to|over)\s+)?(?:the\s+)?(?:left|right|side))?",
            "head-tilt-side"
        ),
        M(
            @"head\s+turns?\b(?:\s+(?:to\s+)?(?:the\s+)?(?:left|right|side))?|look\w*\s+over\s+(?:the\s+|your\s+|each\s+)?(?:left\s+|right\s+)?shoulders?",
            "head-turn"
        ),
        M(
            @"shoulders?\s+up\b(?:\s+to(?:wards?)?\s+(?:the\s+|your\s+)?ears?)?|shoulders?\s+to(?:wards?)?\s+(?:the\s+|your\s+)?ears?",
            "shrug"
        ),
        M(@"frown\w*(?!\s+(?:lines?|muscles?))|knit\w*", "knit-brows"),
        M(@"(?:squeez|clos|shut)\w*\s+(?:(?:both|the|your|right|left|one)\s+)*(?:eyes?|lids?)(?:\s+tight\w*)?", "close-lids"),
        M(
            @"squeez\w*\s+(?:(?:both|the|your)\s+)*eyes?\s+(?:tight\w*\s+)?(?:shut|closed|together)?\s*,?\s*(?:and\s+|then\s+)+open\w*\s+(?:them\s+)?wide",
            "squeeze-open"
        ),
        M(
            @"open\w*\s+(?:(?:both|the|your|right|left|one)\s+)*eyes?\s+(?:very\s+)?wide|widen\w*|eyes?\s+(?:are\s+)?(?:very\s+)?wide(?:\s+open)?|(?:big|wide)\s+eyes\b",
            "widen-eyes"
        ),
        M(@"blink\w*(?:\s+(?:with\s+)?(?:(?:both|the|your)\s+)*eyes)?", "full-blink"),
        M(@"look\w*\s+up\w*|eyes\s+up", "gaze-up", "up"),
        M(@"look\w*\s+down\w*", "gaze-down", "down"),
        M(@"look\w*\s+(?:to\s+the\s+)?(?:left|right|side)\w*", "gaze-side", "left-right"),
        M(
            @"(?:with\s+)?(?:(?:an?|big|wide|soft|small|slight|(?<!\blips?\s+)closed|broad)\s+)*(?:smil(?:e|es|ing)|grin(?:s|ning)?)\b(?:\s+(?:wide|broad)(?:ly)?\b)?(?!\s+(?:lines?|muscles?))",
            "smile"
        ),
        M(@"(?:puck|kiss|purs)\w*(?:\s+(?:the\s+|your\s+)?lips?)?|lips?\s+(?:to|into|in|for)\s+(?:a\s+)?kiss", "pucker"),
        M(
            @"(?:puff|fill|blow)\w*\s+(?:up\s+|out\s+)?(?:(?:both|the|your|right|left|one)\s+)*cheeks?(?:\s+(?:up|out|with\s+air))?|puff\w*",
            "puff-cheeks"
        ),
        M(@"suck\w*(?:\s+in)?(?:\s+(?:both|the|your)\s+|\s+)cheeks?(?:\s+in)?|suck\w*", "suck-cheeks"),
        M(@"(?:say|form|make)\w*\s+(?:an?\s+)?(?:long\s+)?['‘“""]?o+h?['’”""]?\b", "funnel-o"),
        M(
            @"(?:(?:press|push)\w*\s+(?:the\s+|your\s+)?)?tongue\b.{0,30}\b(?:palate|roof)(?:\s+of\s+(?:the\s+|your\s+)?mouth)?",
            "tongue-press-palate"
        ),
        M(@"(?:stick|put|push)\w*\s+(?:out\s+)?(?:the\s+|your\s+)?tongue(?:\s+out)?|tongue\s+(?:far\s+)?out\b", "tongue-out"),
        M(
            @"open\w*\s+(?:the\s+|your\s+)?(?:mouth|jaw)|(?<=\b(?:jaw|mouth)\b[^.;]*)open(?:s|ing)?\b(?:\s+(?:slowly|wide|gently|a\s+little))?(?!\s+(?:the\s+|your\s+)?eyes)(?<!\b(?:is|are|stays?|keep|slightly|half|wide|hangs?|hanging|mouth|jaw)\s+open)",
            "open-jaw"
        ),
        M(@"clench\w*(?:\s+(?:the\s+|your\s+)?(?:teeth|jaw))?|bit(?:e|es|ing)\s+(?:down|the\s+teeth\s+together)", "clench"),
        M(@"tuck\w*\s+(?:the\s+|your\s+)?chin|chin\s+tuck|nod(?:s|ding)?\b", "chin-tuck"),
        M(@"tilt\w*\s+(?:the\s+|your\s+)?head", "head-tilt-side"),
        M(@"turn\w*\s+(?:the\s+|your\s+)?head", "head-turn"),
        M(@"(?:drop|lower|relax)\w*\s+(?:the\s+|your\s+)?shoulders?", "drop-shoulders"),
        M(@"(?:lift|raise|shrug)\w*\s+(?:the\s+|your\s+)?shoulders?", "shrug"),
        M(
            @"(?:in|ex)hal(?:e|es|ing)\b(?:\s+(?:through|via|by)\s+(?:the\s+|your\s+)?(?:nose|mouth))?|breath(?:e|es|ing)\b(?:\s+(?:in|out|deep\w*|slow\w*))*(?:\s+(?:through|via|by)\s+(?:the\s+|your\s+)?(?:nose|mouth))?",
            "breathe"
        ),
        M(
            @"press\w*\s+(?:(?:both|the|your|right|left|one)\s+)*lips?(?:\s+together)?|lips?\s*,?\s*(?:together|closed)?\s*,?\s*press(?:ed|ing)?(?:\s+together)?\b(?!\s+(?:with|on|into|at))",
            "press-lips"
        ),
        M(
            @"flar\w*\s+(?:the\s+|your\s+)?(?:nostrils?|nose)|nostrils?\s+(?:flare|wide|open)\w*|(?<=\b(?:nose|nostrils?)\b[^.;]*)flar\w*",
            "flare-nostrils"
        ),
        M(
            @"(?:fold|roll|wrap|curl|tuck)\w*\s+(?:(?:both|the|your|right|left|one)\s+)*(?:upper\s+|lower\s+)?lips?\b.{0,15}\b(?:over|in|inwards?|teeth)\b|lips?\s+(?:are\s+)?(?:rolled|folded|tucked|curled|drawn)\s+in(?:wards?)?(?:\s+over\s+(?:the\s+|your\s+)?teeth)?|lips?\s+(?:rolled\s+|folded\s+)?over\s+(?:the\s+|your\s+)?teeth",
            "roll-lips-in"
        ),
        M(@"(?:wrinkl|scrunch)\w*\s+(?:the\s+|your\s+)?nose", "scrunch-nose"),
        M(
            @"(?:squint\w*(?:\s+(?:with\s+)?(?:(?:both|the|your|right|left|one|only)\s+)*(?:lower\s+)?(?:lids?|eyes?))?(?:\s+only)?|(?:lift|rais)\w*\s+(?:the\s+|your\s+)?lower\s+lids?)",
            "lift-lower-lid"
        ),
        M(
            @"(?:(?:slid|mov|shift)\w*\s+)?(?:the\s+|your\s+)?(?:lower\s+)?jaw\s+(?:(?:goes|moves|slides)\s+)?(?:to\s+the\s+)?(?:left|right|side)\b(?:\s*,?\s*(?:and\s+|then\s+|to\s+)?(?:the\s+)?(?:jaw\s+)?(?:left|right|cent(?:re|er)|middle)\b)*",
            "jaw-side"
        ),
        M(
            @"(?:push|press|bring|mov|jut|slid)\w*\s+(?:the\s+|your\s+)?(?:lower\s+)?jaw\s+(?:forwards?|out)|(?:lower\s+)?jaw\s+(?:goes\s+|comes\s+|moves\s+)?forwards?",
            "jaw-forward"
        ),
        M(@"(?:relax|loosen|unclench)\w*\s+(?:the\s+|your\s+)?jaw|let\s+(?:the\s+|your\s+)?jaw\s+(?:hang|drop|go)", "jaw-rest"),
        M(@"(?:relax|soften)\w*\s+(?:the\s+|your\s+)?(?:whole\s+)?face|scan\w*\s+(?:the\s+|your\s+)?face", "relax-scan"),
        M(@"(?:circl|run)\w*\s+(?:the\s+|your\s+)?tongue", "tongue-circle-vestibule"),
        M(
            @"(?:push|press|put|stick)\w*\s+(?:the\s+|your\s+)?tongue\s+(?:in|into|against)\s+(?:(?:the|your|one|each|left|right|inside|of|a)\s+)*cheeks?",
            "tongue-push-cheek"
        ),
        M(@"(?:lift|rais)\w*\s+(?:the\s+|your\s+)?upper\s+lip\b", "raise-upper-lip"),
        M(@"blow\w*", "blow-out"),
        M(@"(?:pull|draw|turn)\w*\s+(?:the\s+|your\s+)?(?:mouth\s+)?corners?(?:\s+of\s+the\s+mouth)?\s+down", "corners-down"),
        M(@"\b(?:\d+|a\s+few|some|three|five)\s+(?:slow\s+|deep\s+|calm\s+|long\s+)*breaths\b", "breathe"),
        M(
            @"(?:roll|circl|rotat)\w*\s+(?:with\s+)?(?:(?:both|the|your|right|left|one)\s+)*eyes\b|(?:make\s+|draw\s+|slow\s+)*circles?\s+with\s+(?:(?:both|the|your|right|left|one)\s+)*eyes\b|eyes\b(?:(?!\b(?:fingers?|thumbs?|stroke|around|under)\b)[^.;]){0,20}\b(?:roll|circl|rotat)\w*(?:\s+them)?(?:\s+in\s+an?\s+circle)?",
            "gaze-circle",
            "circle"
        ),
        M(
            @"(?:mov|pass|push|shift|send)\w*\s+(?:the\s+)?air\b(?:\s+(?:from\s+)?(?:left|right|side|cheek)\s+to\s+(?:left|right|side|cheek))?",
            "transfer-air"
        ),
    ];

    private static (Regex, string, string?) M(string pattern, string does, string? gaze = null) =>
        (new Regex($@"\b(?:{pattern})", RegexOptions.IgnoreCase), does, gaze);

    private static readonly (Regex Pattern, int Level)[] PressureWords =
    [
        P(
            @"feather[\w-]*(?:\s+light)?|(?:no|without|zero)\s+pressure|very\s+light(?:ly)?|barely(?:\s+touch\w*)?|almost\s+no\s+pressure|(?:level|pressure)\s+1\b(?!\s*(?:x|×|times|sec|reps?))",
            1
        ),
        P(
            @"not\s+(?:too\s+|very\s+|so\s+)?(?:hard|firm(?:ly)?|strong(?:ly)?|deep(?:ly)?)|light(?:ly)?|gentl[ye]|soft(?:ly)?|(?:level|pressure)\s+2\b(?!\s*(?:x|×|times|sec|reps?))",
            2
        ),
        P(@"medium|moderate(?:ly)?|(?:level|pressure)\s+3\b(?!\s*(?:x|×|times|sec|reps?))", 3),
        P(@"firm(?:ly)?|strong(?:ly)?|(?:level|pressure)\s+4\b(?!\s*(?:x|×|times|sec|reps?))", 4),
        P(@"deep(?:ly)?(?!\s+breath)|(?:down\s+)?to\s+the\s+bone|hard|(?:level|pressure)\s+5\b(?!\s*(?:x|×|times|sec|reps?))", 5),
    ];

    /// <summary>How hard, with the word that says that it is that ("medium pressure", "a light touch").</summary>
    private static (Regex, int) P(string pattern, int level) =>
        (new Regex($@"\b(?:with\s+)?(?:an?\s+)?(?:{pattern})\b(?:\s+(?:finger\s+)?(?:pressure|touch))?", RegexOptions.IgnoreCase), level);

    private static readonly (Regex Pattern, string Contact)[] Contacts =
    [
        W(
            @"(?:between\s+)?thumbs?\s+and\s+(?:index|fore)?(?:\s*fingers?)?|(?:between\s+)?(?:index|fore)\s*(?:fingers?)?\s+and\s+thumbs?",
            "pinch-thumb-index"
        ),
        W(@"hook(?:ed|s)?\s+(?:the\s+)?fingers?|hooked", "hook"),
        W(@"ring\s+fingers?", "fingertip-ring"),
        W(@"middle\s+fingers?", "fingertip-middle"),
        W(@"index\s+and\s+middle|two\s+fingers?|2\s+fingers?", "two-fingers"),
        W(@"index(?:\s+fingers?)?", "fingertip-index"),
        W(@"three\s+fingers?|3\s+fingers?", "three-fingers"),
        W(@"four\s+fingers?|4\s+fingers?|flat\s+(?:hands?|fingers?)|finger\s?tips|finger\s+pads|fingers", "four-fingers"),
        W(@"thumbs?", "thumb-pad"),
        W(@"knuckles?|fists?", "knuckles"),
        W(@"(?:flat\s+)?palms?|(?:the\s+|your\s+)?(?:whole|full|entire)\s+hands?", "whole-palm"),
        W(@"heels?\s+of\s+the\s+hands?", "heel-thenar"),
        W(@"edge\s+of\s+the\s+stone", "tool-edge"),
        W(@"stone|gua\s*sha|spoons?", "tool-flat"),
        W(@"roller", "roller-large"),
    ];

    private static readonly (string Words, string Landmark)[] CommonPlaces =
    [
        ("under the chin", "submental_mid"),
        ("under chin", "submental_mid"),
        ("below the chin", "submental_mid"),
        ("below chin", "submental_mid"),
        ("between brows", "glabella"),
        ("inner corner of eye", "endocanthion"),
        ("outer corner of eye", "exocanthion"),
        ("between nose and upper lip", "philtrum_mid"),
        ("between the nose and the upper lip", "philtrum_mid"),
        ("between nose and lip", "philtrum_mid"),
        ("under the nose", "subnasale"),
        ("inner eye", "endocanthion"),
        ("outer eye", "exocanthion"),
        ("middle of the brow", "brow_mid"),
        ("behind the ear", "mastoid_tip"),
        ("behind ear", "mastoid_tip"),
        ("behind the ears", "mastoid_tip"),
        ("behind ears", "mastoid_tip"),
        ("inner corner", "endocanthion"),
        ("outer corner", "exocanthion"),
        ("below the cheekbone", "cheekbone_hollow"),
        ("under the cheekbone", "cheekbone_hollow"),
        ("below cheekbone", "cheekbone_hollow"),
        ("under cheekbone", "cheekbone_hollow"),
        ("inner corner of the eye", "endocanthion"),
        ("inner eye corner", "endocanthion"),
        ("outer corner of the eye", "exocanthion"),
        ("outer eye corner", "exocanthion"),
        ("corner of the mouth", "cheilion"),
        ("corners of the mouth", "cheilion"),
        ("mouth corner", "cheilion"),
        ("hairline", "trichion"),
        ("ear lobe", "lobe"),
        ("earlobe", "lobe"),
        ("front of the ear", "ear_front"),
        ("ear", "ear_front"),
        ("temple", "temple_hollow"),
        ("nostril", "alare"),
        ("nose", "nose_bridge_side"),
        ("side of the nose", "alare"),
        ("nose wing", "alare"),
        ("wing of the nose", "alare"),
        ("tip of the nose", "pronasale"),
        ("chin", "pogonion"),
        ("jaw angle", "gonion"),
        ("angle of the jaw", "gonion"),
        ("cheekbone", "zygoma_prominence"),
        ("collarbone", "supraclavicular_hollow"),
        ("between the brows", "glabella"),
        ("between the eyebrows", "glabella"),
        ("inner brow", "brow_head"),
        ("outer brow", "brow_tail"),
        ("jaw joint", "condyle"),
        ("masseter", "masseter_belly"),
        ("side of the neck", "scm_upper"),
        ("base of the skull", "occipital_edge"),
        ("skull base", "occipital_edge"),
        ("middle of the forehead", "forehead_mid"),
    ];

    private static readonly (string Words, string Zone)[] CommonZones =
    [
        ("forehead", "forehead-central"),
        ("brow", "brow"),
        ("eyebrow", "brow"),
        ("upper lid", "upper-lid"),
        ("lower lid", "lower-lid"),
        ("under the eye", "lower-lid"),
        ("under eye", "lower-lid"),
        ("under each eye", "lower-lid"),
        ("below the eye", "lower-lid"),
        ("nasolabial fold", "nasolabial"),
        ("smile line", "nasolabial"),
        ("smile lines", "nasolabial"),
        ("laugh line", "nasolabial"),
        ("laugh lines", "nasolabial"),
        ("ear lobes", "ear"),
        ("earlobes", "ear"),
        ("cheek", "buccal-cheek"),
        ("jawline", "jawline"),
        ("along the jaw", "jawline"),
        ("along jaw", "jawline"),
        ("jaw line", "jawline"),
        ("jaw edge", "jawline"),
        ("jaw", "masseter-area"),
        ("chin", "chin"),
        ("upper lip", "upper-lip"),
        ("lower lip", "lower-lip"),
        ("lip", "upper-lip"),
        ("throat", "anterior-neck"),
        ("neck", "lateral-neck"),
        ("temple", "temple"),
        ("scalp", "scalp"),
        ("ear", "ear"),
        ("nose", "nose-bridge"),
        ("shoulder", "shoulder-top"),
        ("collarbone", "supraclavicular"),
        ("under the chin", "submental"),
        ("double chin", "submental"),
        ("around the eyes", "malar"),
        ("round the eyes", "malar"),
        ("around the eye", "malar"),
        ("round the eye", "malar"),
        ("eyes", "upper-lid"),
        ("eyeball", "upper-lid"),
    ];

    private static readonly (string Words, string Zone)[] StillParts =
    [
        ("forehead", "forehead-central"),
        ("(?:eye)?brow", "brow"),
        ("frowning", "brow"),
        ("clenching", "jaw"),
        ("lip", "lips"),
        ("mouth", "lips"),
        ("teeth", "jaw"),
        ("neck", "lateral-neck"),
        ("cheek", "buccal-cheek"),
        ("jaw", "jaw"),
        ("chin", "chin"),
        ("head", "head"),
        ("shoulder", "shoulders"),
        ("tongue", "tongue"),
        ("eye", "eyes"),
        ("face", "face"),
        ("outer\\s+(?:eye\\s+)?corner", "outer-eye-corner"),
    ];

    /// <summary>Names that stand for more than one part, as notes write them.</summary>
    private static readonly (string Words, string Id)[] GroupNames =
    [
        ("orbicularis oculi", "orbicularis-oculi-orbital"),
        ("orbicularis oris", "orbicularis-oris"),
        ("masseter", "masseter-superficial"),
        ("trapezius", "trapezius-descending"),
        ("corrugator", "corrugator-supercilii"),
        ("zygomaticus", "zygomaticus-major"),
        ("levator palpebrae", "levator-palpebrae"),
        ("sternocleidomastoid", "sternocleidomastoid"),
        ("nasalis", "nasalis-transverse"),
        ("pterygoid", "lateral-pterygoid"),
    ];

    /// <summary>Everyday words that only look like a muscle's name.</summary>
    private static readonly string[] PlainWords =
    [
        "muscle",
        "muscles",
        "massage",
        "massaging",
        "temporary",
        "frontal",
        "lateral",
        "medial",
        "mental",
        "nasal",
        "circle",
        "circles",
        "before",
        "fingers",
        "finger",
        "hands",
        "corner",
        "corners",
        "gently",
        "slowly",
        "repeat",
        "minor",
        "major",
        "little",
        "orbital",
        "smile",
        "lines",
    ];

    private const RegexOptions Free = RegexOptions.IgnoreCase;

    [GeneratedRegex(@"\r\n|\r|\n")]
    private static partial Regex LineEnd();

    [GeneratedRegex(@"^\s*(?:#+\s*)?(?:(?:technique|exercise|name|title|move)\b\s*(?:no\.?\s*)?\d*\s*[:.)\-–]\s*)?", Free)]
    private static partial Regex Heading();

    [GeneratedRegex(
        @"(?<=\b(?:hold|relax|rest|pause|for|counts?\s+of|counting\s+to|count\s+to)\s)(?<w>three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|sixty)\b|\b(?<w>one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|sixty)(?=\s*(?:(?:slow|deep|calm|long|gentle|light|small|big|full)\s+)*(?:[-–]|to|or|times|x\b|pulses?|bounces?|nods?|squeezes|repetitions?|reps?|circles?|sets?|seconds?|secs?|minutes?|mins?|breaths?|strokes?|counts?|days?|more|holds?|press(?:es)?|rounds?|passes|taps?|swipes?|pinches|left\b|right\b|each\b|clockwise|anticlockwise)\b)",
        Free
    )]
    private static partial Regex NumberWords();

    [GeneratedRegex(
        @"(?<=\d)\s+(?:(?:slow|deep|calm|long|gentle|light|small|big|full)\s+)+(?=(?:times|repetitions?|reps?|circles?|breaths?|strokes?|presses|holds?)\b)",
        Free
    )]
    private static partial Regex Manner();

    [GeneratedRegex(@"\b(?<low>\d+)\s+or\s+(?<high>\d+)\b")]
    private static partial Regex EitherOr();

    [GeneratedRegex(@"\b(?:(?<half>half\s+a)|a)\s+minute\b", Free)]
    private static partial Regex HalfMinute();

    [GeneratedRegex(
        @"\b(?:once|twice|\d+\s*(?:x|times))\s+(?:a|per|each|every)\s+day\b|\b\d+\s*(?:days?|times)\s+(?:a|per|each)\s+week\b|(?<day>\bdaily\b|\b(?:every|each)\s+(?:morning|evening|night|day)\b)",
        Free
    )]
    private static partial Regex OftenWords();

    [GeneratedRegex(
        @"\b(?:hold\w*|pause\w*|stay\w*|keep\w*|remain\w*)\b.{0,30}?\b(?<n>\d+)(?:\s*(?:to|-|–)\s*\d+)?\s*(?:seconds?|secs?|s|counts?)\b",
        Free
    )]
    private static partial Regex Hold();

    [GeneratedRegex(@"\b(?:s|secs?|seconds?|mins?|minutes?|breaths?|counts?)\b", Free)]
    private static partial Regex TimeWords();

    [GeneratedRegex(@"\bthe\s+last\b|\bon\s+the\s+last\b|\blast\s+(?:one|time|repetition)\b", Free)]
    private static partial Regex LastOne();

    [GeneratedRegex(
        @"\b(?:repeat|do|go\s+through|run\s+through)\b.{0,20}\b(?:whole|entire|everything|sequence|routine|cycle|exercise|technique|from\s+the\s+(?:beginning|start|top)|all\s+(?:of\s+(?:it|this|these)|steps))\b",
        Free
    )]
    private static partial Regex WholeAgain();

    [GeneratedRegex(@"\d+")]
    private static partial Regex Numbers();

    [GeneratedRegex(
        @"^\s*(?:(?:on|to)\s+)?(?:the\s+)?(?:left|right)(?:\s+(?:side|one))?(?:\s+(?:too|as\s+well))?\W*$|\b(?:the\s+)?(?:other|opposite|second)\s+(?:side|half|cheek|eye|hand)\b|\b(?:change|switch|swap)\s+(?:the\s+)?sides?\b|\b(?:repeat\w*|same|again)\b.{0,30}\b(?:on|with)\s+the\s+(?:left|right)\b|^\s*(?:repeat|same)\s+(?:on\s+)?(?:the\s+)?(?:left|right)\b",
        Free
    )]
    private static partial Regex OtherSide();

    [GeneratedRegex(@"\b(?:again|repeat\w*|same|likewise|change|switch|swap)\b", Free)]
    private static partial Regex Again();

    [GeneratedRegex(
        @"\b(?:plac(?:e|ing)|put(?:ting)?|rest(?:ing)?|lay(?:ing)?|set(?:ting)?|position\w*)\b.{0,40}\b(?:fingers?|fingertips?|hands?|palms?|thumbs?|knuckles?|stone|roller)\b",
        Free
    )]
    private static partial Regex Laid();

    [GeneratedRegex(@"\bfrom\b", Free)]
    private static partial Regex ComesFrom();

    [GeneratedRegex(@"^\s*(?:(?:it|this|that|which)\s+)?(?:works?|trains?|targets?|activates?|engages?|uses?|hits)\b", Free)]
    private static partial Regex Targets();

    [GeneratedRegex(@"\b(?<n>\d{1,2})\s*(?:degrees?\b|°)", Free)]
    private static partial Regex Angle();

    [GeneratedRegex(@"\beyes?\s+(?:are\s+|stay\s+)?(?:closed|shut)\b", Free)]
    private static partial Regex EyesShut();

    [GeneratedRegex(@"\b(?:jaw|teeth)\s+(?:is\s+|are\s+|stays?\s+)?(?:loose|relaxed|apart|unclenched|soft)\b", Free)]
    private static partial Regex JawLoose();

    [GeneratedRegex(@"\b(?:mouth|jaw)\s+(?:is\s+|stays?\s+|hangs?\s+|hanging\s+|wide\s+)?open\b", Free)]
    private static partial Regex MouthOpen();

    [GeneratedRegex(@"\b(?:mouth|jaw)\s+(?:is\s+)?(?:slightly|a\s+(?:little|bit)|half|partly)\s+open\b", Free)]
    private static partial Regex MouthHalfOpen();

    [GeneratedRegex(
        @"\b(?:show|bar(?:e|ing)|with)\w*\s+(?:the\s+|your\s+|all\s+)*teeth\b(?!\s+(?:apart|together|closed))|\bteeth\s+(?:showing|visible|shown)\b",
        Free
    )]
    private static partial Regex TeethShown();

    [GeneratedRegex(
        @"\blips?\s+(?:are\s+|stay\s+)?(?:closed|together|sealed|shut|touching)\b|\bclosed[-\s]+(?:lips?|mouth|smile)\b|\bmouth\s+(?:is\s+|stays?\s+)?(?:closed|shut)\b",
        Free
    )]
    private static partial Regex LipsClosed();

    [GeneratedRegex(
        @"\bhead\s+(?:is\s+|stays?\s+)?(?:tipped\s+|tilted\s+)?back\b|\b(?:tip|tilt|lean|drop)\w*\s+(?:the\s+|your\s+)?head\s+back|\bchin\s+(?:up\s+)?to(?:wards?)?\s+(?:the\s+)?(?:ceiling|sky)\b|\bchin\s+(?:slightly\s+|a\s+(?:little|bit)\s+)?(?:up|raised|lifted)\b(?:\s+(?:slightly|a\s+(?:little|bit)))?(?!\s+(?:to|over|along)\b)|\b(?:lift|rais)\w*\s+(?:the\s+|your\s+)?chin\s+to(?:wards?)?\s+(?:the\s+)?(?:ceiling|sky)\b",
        Free
    )]
    private static partial Regex HeadBack();

    [GeneratedRegex(
        @"\b(?:sit|stand)\w*\s+(?:up\s*)?(?:right|straight|tall|upright)\b|\bhead\s+(?:is\s+|stays?\s+)?(?:straight|upright|level)\b|\bback\s+straight\b",
        Free
    )]
    private static partial Regex Upright();

    [GeneratedRegex(@"\bshoulders?\s+(?:are\s+|stay\s+)?(?:down|low|dropped|loose|relaxed)\b", Free)]
    private static partial Regex ShouldersDown();

    [GeneratedRegex(
        @"(?<=[.!?;])\s+|,?\s+then\s+(?!open\s+(?:them\s+)?wide\b|(?:far|near)\b|(?:relax|rest|pause)\w*(?:\s+\p{L}+ly)?\s+(?:for\s+)?\p{Nd})|\s*[,–]\s*(?=(?:but\s+)?(?:stop\s+(?:if|when|at)|never|do\s+not|don't|avoid|not\s+(?:on|over|into|at)|no\s+(?:pressure\s+(?:on|over|at|to|near|onto)|pulling))\b)|,\s+(?=(?:it|this|that)\s+(?:works?|trains?|strengthen\w*|lifts?|tones?|drains?)\b)",
        Free
    )]
    private static partial Regex SentenceEnd();

    [GeneratedRegex(@"^\s*(?:[-*•–]|\(?\d{1,2}[.)])\s*")]
    private static partial Regex Bullet();

    [GeneratedRegex(@"[\p{L}\p{Nd}]+")]
    private static partial Regex WordPattern();

    [GeneratedRegex(
        @"\b(?:press|push|squeez|pull|rub|massag|knead|grip|dig|scrap)\w*\b(?=.{0,50}\b(?:eye(?:s|ball)?|lids?|globe|socket|throat|windpipe|larynx|neck|pulse|behind\s+the\s+ear)\b)|\bhold\w*\s+(?:your\s+|the\s+)?breath|\b(?:turn|pull|crack|push)\w*\s+(?:the\s+|your\s+)?head\b",
        Free
    )]
    private static partial Regex Risky();

    [GeneratedRegex(@"\b(?:do\s+not|don'?t|never|not|no|without|avoid|instead\s+of)\b", Free)]
    private static partial Regex Negation();

    [GeneratedRegex(
        @"\b(?:press|push|pull|squeez|smil|frown|clench|lift|rais|turn|tilt|hold|rub|strok|stretch|pinch|tap|knead|massag|open|clos)\w*\b",
        Free
    )]
    private static partial Regex Movement();

    [GeneratedRegex(
        @"\b(?:do\s+not|don'?t|never|avoid|must\s+not|should\s+not|shouldn'?t)\b|^\s*(?:no|not)\s+(?![-–]|just\b|pressure\s*(?:$|[,.;!]))|\bnot\s+(?:if|when|after|during|for)\b|\bcontra-?indicat\w*|^\s*(?:skip|stop)\b|\b(?:skip|leave\s+(?:it|this)\s+out)\b.{0,20}\b(?:if|when|after)\b",
        Free
    )]
    private static partial Regex Forbidding();

    [GeneratedRegex(@"\b(?:drink\w*|water|sleep\w*|sun(?:screen|light)?|diet|sugar|salt|alcohol|vitamins?|screen\s+time|pillow)\b", Free)]
    private static partial Regex Advice();

    [GeneratedRegex(
        @"\b(?:strengthen\w*|ton(?:e|es|ing)|works?\s+(?:the|on)|trains?|lifts?\s+the\s+(?:face|cheeks?|skin)|drain(?:s|age)|remov\w*|reduc\w*|improv\w*|boost\w*|stimulat\w*|detox\w*|prevents?|helps?|makes?\s+(?:the|your)|good\s+for|caus\w*|relaxes|this\s+is\s+(?:the|a)\b)",
        Free
    )]
    private static partial Regex Claims();

    [GeneratedRegex(
        @"\b(?:hold(?:ing|s)?|held)\s+(?:(?:it|each|for|about|there|every)\s+)*\d+(?:\s*(?:-|–|to)\s*\d+)?(?:\s*(?:s|secs?|seconds?|counts?|breaths?)\b)?"
            + @"|\d+\s+(?:(?:each|per|a)\s+(?:side|way|direction|hand|eye|cheek|brow)|each)\b"
            + @"|\d+\s*[x×]\s*\d+(?:\s*(?:s|secs?|seconds?|mins?|minutes?|times|reps?)\b)?"
            + @"|\d+\s+left\s*,?\s*(?:and\s+)?\d+\s+right|\d+\s+right\s*,?\s*(?:and\s+)?\d+\s+left"
            + @"|\d+(?:\s*(?:-|–|to|/)\s*\d+)*\s*(?:x|×|times?|repetitions?|reps?|circles?|rounds?|passes|changes|taps?|swipes?|holds?|press(?:es)?|pinches|pulses?|bounces?|beats?|nods?|squeezes|lifts?|repeats?|pats?|sets?(?:\s+of\s+\d+(?:\s*(?:s|secs?|seconds?|times|reps?))?)?|seconds?|secs?|s\b|minutes?|mins?|breaths?|strokes?|counts?)(?:\s+each\b(?!\s+(?:side|way|direction|hand|eye|day)))?"
            + @"|\b(?:rest|relax|pause)(?:\s+\p{L}+ly)?\s+(?:for\s+)?\d+(?:\s*(?:s|secs?|seconds?|counts?)\b)?|\bin\s+\d+(?:\s*s)?\s*,?\s*(?:and\s+)?out\s+\d+(?:\s*s\b)?"
            + @"|(?<=\s)[x×]\s*\d+\b|\b(?:once|twice)\b|\b(?:each|per|on\s+each|on\s+both)\s+sides?\b|\beach\s+(?:way|direction)\b|\bboth\s+(?:directions|ways)\b|\b(?:swap|change|switch)\s+sides?\b",
        Free
    )]
    private static partial Regex DoseWords();

    [GeneratedRegex(@"\b(?:once|twice)\b", Free)]
    private static partial Regex CountWords();

    [GeneratedRegex(@"\b(?:here|there|like\s+this|like\s+that|this\s+way|this\s+point|that\s+spot|as\s+shown)\b", Free)]
    private static partial Regex Here();

    [GeneratedRegex(
        @"\b(?:from|to|towards?|at|over|on|along|between|below|above|under|beside|up\s+to|into|across|in\s+front\s+of|around|down|up)\s+(?:\w+\s+){0,4}$",
        Free
    )]
    private static partial Regex LeadsTo();

    [GeneratedRegex(
        @"\b(?:one\s+(?:side\s+)?(?:then|after)\s+the\s+other|one\s+(?:\w+\s+)?at\s+a\s+time|one\s+by\s+one|(?:each|per|on\s+each)\s+sides?|change\s+sides?|(?:other|second)\s+side)\b",
        Free
    )]
    private static partial Regex OneThenOther();

    [GeneratedRegex(@"\b(?:alternat\w*|in\s+turn|left\s+and\s+right\s+in\s+turn)\b", Free)]
    private static partial Regex Alternately();

    [GeneratedRegex(@"\bboth\s+(?:hands?|sides?|at\s+once|temples|cheeks)\b", Free)]
    private static partial Regex BothHands();

    [GeneratedRegex(
        @"\b(?:left\s+(?:side|(?:eye)?brow|eye|cheek|corner|nostril)|(?:on|to)\s+the\s+left|(?:head|jaw|chin|eyes?|cheek|corner|brow)\s+left)\b(?!.*\bright\b)(?<!\bright\b.*)",
        Free
    )]
    private static partial Regex LeftOnly();

    [GeneratedRegex(
        @"\b(?:right\s+(?:side|(?:eye)?brow|eye|cheek|corner|nostril)|(?:on|to)\s+the\s+right|(?:head|jaw|chin|eyes?|cheek|corner|brow)\s+right)\b(?!.*\bleft\b)(?<!\bleft\b.*)",
        Free
    )]
    private static partial Regex RightOnly();

    [GeneratedRegex(@"\b(?:tight\w*|hard|strong\w*|as\s+(?:wide|far|hard)\s+as)\b", Free)]
    private static partial Regex Strongly();

    [GeneratedRegex(@"\b(?:gentl\w*|soft\w*|slight\w*|small|light\w*)\b", Free)]
    private static partial Regex Softly();

    [GeneratedRegex(
        @"^\s*(?:apply|use|take|put\s+on)\s+(?:some\s+|a\s+(?:little\s+|few\s+drops\s+of\s+)?|the\s+)?(?<what>oil|face\s+oil|cream|serum|lotion|towel|mirror|stone|roller)\b|^\s*(?<what>(?:face\s+)?oil|cream|serum|lotion)\s+(?:on|in)\b|^\s*(?:you\s+(?:will\s+)?need|needed|materials?|have\s+ready)\b\s*:?\s*(?<what>[^.!]{2,80})",
        Free
    )]
    private static partial Regex TakeToHand();

    [GeneratedRegex(@"\b(?:oil\w*|cream|serum|slip)\b", Free)]
    private static partial Regex Slip();

    [GeneratedRegex(@"\b(?:dry|without\s+oil|no\s+oil)\b", Free)]
    private static partial Regex Dry();
}
