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
                + @"|scarcely)\s+any)\s+pressure|(?:very|super|extremely|ultra|extra)\s+(?:light(?:ly)?|gentl[ye]|soft(?:ly)?)"
                + @"|p\s?1\b(?!\s*(?:x|×))|(?:barely|hardly|scarcely)\s+touch\w*(?:\s+(?:the\s+)?skin)?|barely"
                + @"|almost\s+no\s+pressure|(?:(?:just|only)\s+)?(?:(?:with|by)\s+)?(?:(?:the|their"
                + @"|its)\s+(?:own\s+)?weight(?:\s+of\s+(?:the\s+"
                + @"|your\s+)?(?:hands?|fingers?))?|weight\s+of\s+(?:the\s+|your\s+)?(?:hands?|fingers?))(?:\s+only)?|(?:level"
                + @"|pressure)\s+1\b(?!\s*(?:x|×|times|sec|reps?))",
            1
        ),
        P(
            @"not\s+(?:too\s+|very\s+|so\s+)?(?:hard|firm(?:ly)?|strong(?:ly)?|deep(?:ly)?)|light(?:ly)?"
                + @"|p\s?2\b(?!\s*(?:x|×))|gentl[ye]|soft(?:ly)?|(?:level|pressure)\s+2\b(?!\s*(?:x|×|times|sec|reps?))",
            2
        ),
        P(
            @"medium|p\s?3\b(?!\s*(?:x|×))|moderate(?:ly)?|mid(?:dle)?(?=\s+pressure)|med(?=\s*[,.;]?\s*$)|(?:level"
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
        W(@"(?:between\s+)?thumbs?\s+and\s+(?:the\s+)?(?:two|2|three|3)\s+(?:fingers?|fingertips?)", "pinch-two-fingers-thumb"),
        W(
            @"(?:between\s+)?thumbs?\s+and\s+(?:the\s+)?(?:(?:bent|crooked|curved)\s+)?(?:index"
                + @"|fore)?(?:\s*fingers?)?|(?:between\s+)?(?:index|fore)\s*(?:fingers?)?\s+and\s+thumbs?"
                + @"|between\s+(?:the\s+|your\s+)?fingers?\s+and\s+(?:the\s+)?thumbs?",
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
        W(@"(?:(?:two|both|2)\s+)?ring\s+finger(?:s|\s?tips?)?", "fingertip-ring"),
        W(@"(?:suction\s+)?cups?(?<=\b(?:the|an?|with|small|large|suction)\s+cups?)(?!\s+(?:the|your)\b)", "cup"),
        W(@"(?:(?:two|both|2)\s+)?(?:little|small|pinky)\s+fingers?|pink(?:y|ies)", "fingertip-little"),
        W(@"(?:(?:two|both|2)\s+)?middle\s+finger(?:s|\s?tips?)?", "fingertip-middle"),
        W(@"(?:(?:two|both|2)\s+)?index(?:\s+finger(?:s|\s?tips?)?)?", "fingertip-index"),
        W(@"(?:three|3)\s+(?:finger\s?tips?|finger\s+pads?|fingers?)", "three-fingers"),
        W(
            @"(?:four|five|ten|all(?:\s+ten)?)\s+(?:finger\s?tips|fingers?)|[45]\s+fingers?|flat\s+(?:hands?|fingers?)"
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
