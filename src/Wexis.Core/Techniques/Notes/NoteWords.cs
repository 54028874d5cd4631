using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>The words themselves: what notes call verbs, places, fingers and pressures (common practice).</summary>
internal sealed partial class NoteGlossary
{
    private static (Regex, string) W(string pattern, string means) => (new Regex($@"\b(?:{pattern})\b", RegexOptions.IgnoreCase), means);

    /// <summary>Work of a hand that takes more than one word to say.</summary>
    private static readonly (Regex Pattern, string Verb)[] HandIdioms =
    [
        W(@"(?:cold|cool|chilled|warm|hot|iced?)\s+(?:spoons?|compress\w*|cloths?|towels?|pads?)", "heat-cold"),
        W(@"gua\s*sha", "tool-stroke"),
        W(
            @"(?:mov|shift)\w*\s+(?:(?:the\s+|your\s+)?(?:skin|scalp)|it\b(?<=\b(?:skin"
                + @"|scalp)\b[^.;]*))(?:\s+(?:back\s+and\s+forth|to\s+and\s+fro"
                + @"|up\s+and\s+down|forwards?\s+(?:and\s+|/\s*)?back(?:wards?)?))?|(?:pull|push|slid)\w*\s+(?:the\s+"
                + @"|your\s+)?(?:skin|scalp)\s+(?:forwards?\s+and\s+back(?:wards?)?|back\s+and\s+forth|to\s+and\s+fro"
                + @"|up\s+and\s+down)",
            "friction"
        ),
        W(
            @"hold\w*\s+(?:(?:it|them|the\s+skin)\s+)?up\b(?<=(?:·|\b(?:fingers?|fingertips?|hands?|palms?"
                + @"|thumbs?|index|knuckles|heels?)\b)[^.;]*)|hold\w*\s+(?:(?:the|your|both)\s+)*(?:cheeks?"
                + @"|(?:eye)?brows?|skin|corners?|temples?)\s+(?:up|back|out|down)(?:wards?)?\b(?<=(?:·|\b(?:fingers?"
                + @"|fingertips?|hands?|palms?|thumbs?|index|knuckles|heels?)\b)[^.;]*)",
            "lift-hold"
        ),
        W(@"zig-?\s?zag\w*(?:\s+(?:movements?|lines?|motions?|pattern))?", "friction"),
        W(@"hold\w*\s+(?:the\s+|this\s+|that\s+|each\s+)?(?:point|spot)", "press"),
    ];

    private static readonly (Regex Pattern, int Level)[] PressureWords =
    [
        P(
            @"(?:soft|light|gentl)est|light\s+feather|feather[\w-]*(?:\s+light)?|(?:(?:next\s+to\s+)?no|without|zero|(?:hardly|barely"
                + @"|scarcely)\s+any)\s+pressure|very\s+(?:light(?:ly)?|gentl[ye]|soft(?:ly)?)|barely(?:\s+touch\w*)?"
                + @"|almost\s+no\s+pressure|(?:level|pressure)\s+1\b(?!\s*(?:x|×|times|sec|reps?))",
            1
        ),
        P(
            @"not\s+(?:too\s+|very\s+|so\s+)?(?:hard|firm(?:ly)?|strong(?:ly)?|deep(?:ly)?)|light(?:ly)?"
                + @"|gentl[ye]|soft(?:ly)?|(?:level|pressure)\s+2\b(?!\s*(?:x|×|times|sec|reps?))",
            2
        ),
        P(
            @"medium|moderate(?:ly)?|mid(?:dle)?(?=\s+pressure)|med(?=\s*[,.;]?\s*$)|(?:level"
                + @"|pressure)\s+3\b(?!\s*(?:x|×|times|sec|reps?))",
            3
        ),
        P(@"firm(?:ly)?|strong(?:ly)?|(?:level|pressure)\s+4\b(?!\s*(?:x|×|times|sec|reps?))", 4),
        P(
            @"(?<!\bbreath\w*\s+(?:in\s+|out\s+)?|\bshoulders?\s+)deep(?:ly)?(?!\s+breath)"
                + @"|(?:down\s+)?to\s+the\s+bone|hard|(?:level|pressure)\s+5\b(?!\s*(?:x|×|times|sec|reps?))",
            5
        ),
    ];

    /// <summary>How hard, with the word that says that it is that ("medium pressure", "a light touch").</summary>
    private static (Regex, int) P(string pattern, int level) =>
        (
            new Regex(
                $@"\b(?:with\s+)?(?:an?\s+)?(?:{pattern})\b(?:\s+(?:finger\s+)?(?:pressure|touch|contact))?",
                RegexOptions.IgnoreCase
            ),
            level
        );

    private static readonly (Regex Pattern, string Contact)[] Contacts =
    [
        W(@"(?:2|two)\s*(?:-|–|to|or)\s*(?:3|three)\s+(?:finger\s?tips?|fingers?)", "two-fingers"),
        W(
            @"(?:between\s+)?thumbs?\s+and\s+(?:the\s+)?(?:(?:bent|crooked|curved)\s+)?(?:index"
                + @"|fore)?(?:\s*fingers?)?|(?:between\s+)?(?:index|fore)\s*(?:fingers?)?\s+and\s+thumbs?",
            "pinch-thumb-index"
        ),
        W(@"V[\s-]fingers?|V\s+of\s+(?:two\s+)?fingers", "v-two-fingers"),
        W(@"backs?\s+of\s+(?:(?:the|your|one|both)\s+)*(?:hands?|fingers?)", "back-of-hand"),
        W(@"palm\s+heels?|(?:heels?|balls?)\s+of\s+(?:the\s+|your\s+|one\s+|both\s+)*(?:hands?|palms?)", "heel-thenar"),
        W(@"(?:(?:both|the|your)\s+)*thumbs?\s+hook(?:ed)?|hook(?:ed|s)?\s+(?:(?:both|the|your)\s+)*thumbs?", "thumb-pad"),
        W(
            @"hook(?:ed|s)?\s+(?:(?:the|your|both|index|middle)\s+)*finger(?:s|\s?tips?)?|(?:index\s+|middle\s+)?fingers?\s+hook(?:ed"
                + @"|s)?|hooked",
            "hook"
        ),
        W(
            @"index\s+(?:fingers?\s+)?and\s+middle(?:\s+fingers?)?|middle\s+(?:fingers?\s+)?and\s+(?:index"
                + @"|ring)(?:\s+fingers?)?|(?:two|2)\s+(?:finger\s?tips?|finger\s+pads?|fingers?)",
            "two-fingers"
        ),
        W(@"(?:(?:two|both|2)\s+)?ring\s+fingers?", "fingertip-ring"),
        W(@"(?:suction\s+)?cups?(?<=\b(?:the|an?|with|small|large|suction)\s+cups?)(?!\s+(?:the|your)\b)", "cup"),
        W(@"(?:(?:two|both|2)\s+)?(?:little|small|pinky)\s+fingers?|pink(?:y|ies)", "fingertip-little"),
        W(@"(?:(?:two|both|2)\s+)?middle\s+fingers?", "fingertip-middle"),
        W(@"(?:(?:two|both|2)\s+)?index(?:\s+fingers?)?", "fingertip-index"),
        W(@"(?:three|3)\s+(?:finger\s?tips?|finger\s+pads?|fingers?)", "three-fingers"),
        W(
            @"(?:four|five|ten|all(?:\s+ten)?)\s+fingers?|[45]\s+fingers?|flat\s+(?:hands?|fingers?)"
                + @"|flats?\s+of\s+(?:(?:the|your|both)\s+)*hands?|(?:hands?"
                + @"|fingers)\s+flat|finger\s?tips|finger\s+pads|(?<!\bbacks?\s+of\s+(?:the\s+|your\s+"
                + @"|all\s+)*)fingers",
            "four-fingers"
        ),
        W(@"(?:(?:two|both|2)\s+)?thumbs?(?:\s+pads?)?", "thumb-pad"),
        W(@"(?:(?:two|both|2)\s+)?(?:knuckles?|fists?)", "knuckles"),
        W(@"(?:(?:two|both|2)\s+)?(?:flat\s+)?palms?(?:\s+flat)?|(?:the\s+|your\s+)?(?:whole|full|entire)\s+hands?", "whole-palm"),
        W(@"edge\s+of\s+the\s+stone", "tool-edge"),
        W(@"(?:flat\s+)?(?:stone|gua\s*sha|spoons?)(?:\s+flat)?", "tool-flat"),
        W(@"roller", "roller-large"),
    ];

    private static readonly (string Words, string Landmark)[] CommonPlaces =
    [
        ("below the ear", "below_lobe"),
        ("below the ears", "below_lobe"),
        ("under the ear", "below_lobe"),
        ("under the ears", "below_lobe"),
        ("behind the head", "occipital_edge"),
        ("crown", "vertex"),
        ("crown of the head", "vertex"),
        ("top of the head", "vertex"),
        ("nose root", "nasion"),
        ("root of the nose", "nasion"),
        ("next to the ear", "ear_front"),
        ("beside the ear", "ear_front"),
        ("tip of the shoulder", "acromion"),
        ("breastbone", "jugular_notch"),
        ("middle of the chest", "jugular_notch"),
        ("sternum", "jugular_notch"),
        ("armpit", "axilla"),
        ("jaw hinge", "condyle"),
        ("hinge of the jaw", "condyle"),
        ("skull edge", "occipital_edge"),
        ("edge of the skull", "occipital_edge"),
        ("next to the nose", "alare"),
        ("beside the nose", "alare"),
        ("behind the neck", "nape_mid"),
        ("nape", "nape_mid"),
        ("under the collarbone", "infraclavicular"),
        ("under the collarbones", "infraclavicular"),
        ("below the collarbones", "infraclavicular"),
        ("lower orbital rim", "orbital_rim_inferior"),
        ("ear tops", "ear_top"),
        ("tops of the ears", "ear_top"),
        ("back of the head", "occipital_edge"),
        ("bridge", "nose_bridge_side"),
        ("above the collarbone", "supraclavicular_hollow"),
        ("above the collarbones", "supraclavicular_hollow"),
        ("over the upper lid", "upper_lid_crease"),
        ("over the upper lids", "upper_lid_crease"),
        ("across the upper lid", "upper_lid_crease"),
        ("across the upper lids", "upper_lid_crease"),
        ("along the upper lid", "upper_lid_crease"),
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
        ("below the nose", "subnasale"),
        ("beneath the nose", "subnasale"),
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
        ("inner corners of the eyes", "endocanthion"),
        ("lower rim", "orbital_rim_inferior"),
        ("lower eye rim", "orbital_rim_inferior"),
        ("outer corners of the eyes", "exocanthion"),
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
        ("beside the nostril", "alare"),
        ("beside the nostrils", "alare"),
        ("beside the nose wing", "alare"),
        ("beside the nose wings", "alare"),
        ("next to the nostril", "alare"),
        ("next to the nostrils", "alare"),
        ("next to the nose wing", "alare"),
        ("next to the nose wings", "alare"),
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
        ("middle of the chin", "pogonion"),
        ("outer end of the brow", "brow_tail"),
        ("outer ends of the brows", "brow_tail"),
        ("inner end of the brow", "brow_head"),
        ("inner ends of the brows", "brow_head"),
        ("middle of the upper lip", "philtrum_mid"),
        ("behind the earlobe", "mastoid_tip"),
        ("behind the earlobes", "mastoid_tip"),
        ("behind the ear lobe", "mastoid_tip"),
        ("behind the ear lobes", "mastoid_tip"),
    ];

    private static readonly (string Words, string Zone)[] CommonZones =
    [
        ("forehead", "forehead-central"),
        ("brow", "brow"),
        ("eyebrow", "brow"),
        ("upper lid", "upper-lid"),
        ("eyelid", "upper-lid"),
        ("back of the neck", "nape"),
        ("neck back", "nape"),
        ("lower lid", "lower-lid"),
        ("under the lower lashes", "lower-lid"),
        ("under lower lashes", "lower-lid"),
        ("lower lashes", "lower-lid"),
        ("lines beside the mouth", "nasolabial"),
        ("under the eye", "lower-lid"),
        ("under eye", "lower-lid"),
        ("under each eye", "lower-lid"),
        ("below the eye", "lower-lid"),
        ("below eye", "lower-lid"),
        ("beside the eye", "outer-eye-corner"),
        ("next to the eye", "outer-eye-corner"),
        ("the frown", "glabella"),
        ("neck front", "anterior-neck"),
        ("front of the neck", "anterior-neck"),
        ("inside the cheek", "mouth-inside"),
        ("inside of the cheek", "mouth-inside"),
        ("cheek from inside", "mouth-inside"),
        ("cheek from the inside", "mouth-inside"),
        ("cheek from within", "mouth-inside"),
        ("inside the mouth", "mouth-inside"),
        ("cheek apple", "malar"),
        ("apple of the cheek", "malar"),
        ("apples of the cheeks", "malar"),
        ("around the mouth", "upper-lip"),
        ("round the mouth", "upper-lip"),
        ("décolleté", "upper-chest"),
        ("decollete", "upper-chest"),
        ("chest", "upper-chest"),
        ("above the ear", "scalp"),
        ("above the brow", "forehead-central"),
        ("above the eyebrow", "forehead-central"),
        ("nasolabial fold", "nasolabial"),
        ("smile line", "nasolabial"),
        ("smile lines", "nasolabial"),
        ("laugh line", "nasolabial"),
        ("laugh lines", "nasolabial"),
        ("nasolabial", "nasolabial"),
        ("ear lobes", "ear"),
        ("lobe", "ear"),
        ("lobes", "ear"),
        ("earlobes", "ear"),
        ("cheek", "buccal-cheek"),
        ("jawline", "jawline"),
        ("along the jaw", "jawline"),
        ("along jaw", "jawline"),
        ("jaw line", "jawline"),
        ("jawbone", "jawline"),
        ("eye socket", "malar"),
        ("eye sockets", "malar"),
        ("frown line", "glabella"),
        ("frown lines", "glabella"),
        ("bridge", "nose-bridge"),
        ("bridge of the nose", "nose-bridge"),
        ("nose bridge", "nose-bridge"),
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
        ("under the jaw", "submandibular"),
        ("below the jaw", "submandibular"),
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
        ("frown(?:ing)?", "brow"),
        ("clench(?:ing)?", "jaw"),
        ("squint(?:ing)?", "eyes"),
        ("nose", "nose-bridge"),
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
        ("upper\\s+(?:eye)?lid", "upper-lid"),
        ("lower\\s+(?:eye)?lid", "lower-lid"),
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
}
