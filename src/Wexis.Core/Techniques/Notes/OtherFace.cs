using System.Text.RegularExpressions;
using static Wexis.Core.Techniques.Notes.Phrasing;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Eyes, lips, tongue and air, in words of their own.</summary>
internal static class OtherFace
{
    /// <summary>What is said, and the words that are read for it; from top to bottom, after the other movements.</summary>
    public static readonly (Regex Said, string Read)[] Rows =
    [
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
    ];
}
