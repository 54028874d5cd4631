using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What notes call the movements of face, eyes, tongue, jaw and head (common practice).</summary>
internal sealed partial class NoteGlossary
{
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
        M(@"(?:rais|lift)\w*(?<=^\s*(?:eye)?brows?\s*(?::|\s-)[^.;]*)(?:\s+and\s+lower\w*)?", "raise-brows"),
        M(@"wrinkl\w*\s+(?:the\s+|your\s+)?(?:forehead|brow)(?:\s+up(?:wards?)?)?", "raise-brows"),
        M(
            @"(?<!\b(?:from|at|between|over)\s+(?:the\s+)?(?:left\s+|right\s+|outer\s+|inner\s+)?)(?:mouth\s+)?corners?(?:\s+of\s+(?:the\s+|your\s+)?mouth)?\s+up(?:wards?)?\b(?!\s+(?:to|over|along)\b)|(?:lift|rais|pull|draw)\w*\s+(?:(?:the|your|both|left|right|one)\s+)*(?:mouth\s+)?corners?(?:\s+of\s+(?:the\s+|your\s+)?mouth)?(?:\s+up(?:wards?)?)?(?!\s+(?:down|back|out|sideways|apart|wide|of))",
            "smile"
        ),
        M(
            @"kiss\w*\s+(?:(?:to|at|towards?)\s+)?(?:the\s+)?(?:ceiling|sky)(?:\b[^.;]{0,30}\blips\s+(?:to|towards?)\s+the\s+(?:ceiling|sky))?",
            "kiss-ceiling"
        ),
        M(
            @"lower\s+lip\s+(?:over|above|on)\s+(?:the\s+|your\s+)?upper(?:\s+(?:lip|one))?|(?:push|jut|stick)\w*\s+(?:out\s+)?(?:the\s+|your\s+)?(?:bottom|lower)\s+lip(?:\s+(?:forwards?|out|(?:up\s+)?(?:over|above|on)\s+(?:the\s+|your\s+)?upper(?:\s+(?:lip|one))?))?|(?:bottom|lower)\s+lip\s+(?:is\s+)?(?:pushed\s+)?(?:forwards?|out)\b(?:\s+\(pout\w*\))?|pout\w*",
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
            @"(?:squeez|pull|bring|draw|rais|lift)\w*\s+(?:(?:the|your|both)\s+)*shoulders?\s+(?:up\s+)?(?:to|towards?)\s+(?:the\s+|your\s+)?ears?|shoulders?\s+up\b(?:\s+to(?:wards?)?\s+(?:the\s+|your\s+)?ears?)?|shoulders?\s+to(?:wards?)?\s+(?:the\s+|your\s+)?ears?",
            "shrug"
        ),
        M(@"frown\w*(?!\s+(?:lines?|muscles?))|knit\w*|(?:eye)?brows?\s+(?:down\s+and\s+)?together\b", "knit-brows"),
        M(@"(?:squeez|clos|shut)\w*\s+(?:(?:both|the|your|right|left|one)\s+)*(?:eyes?|lids?)(?:\s+tight\w*)?", "close-lids"),
        M(
            @"(?:squeez|clos|shut)\w*\s+(?:(?:both|the|your)\s+)*eyes?\s+(?:tight\w*\s+)?(?:shut|closed|together)?[\s,·]*(?:and\s+|then\s+)*open\w*\s+(?:them\s+)?wide",
            "squeeze-open"
        ),
        M(
            @"open\w*\s+(?:(?:both|the|your|right|left|one)\s+)*eyes?\s+(?:very\s+)?wide|widen\w*|eyes?\s+(?:are\s+)?(?:very\s+)?wide(?:\s+open)?|eyes?\s+open(?:ed)?\s+(?:very\s+)?wide|(?:big|wide)\s+eyes\b",
            "widen-eyes"
        ),
        M(@"blink\w*(?:\s+(?:with\s+)?(?:(?:both|the|your)\s+)*eyes)?", "full-blink"),
        M(@"look\w*\s+up\w*(?:\s+(?:to|at)\s+the\s+(?:ceiling|sky))?|eyes\s+up", "gaze-up", "up"),
        M(@"look\w*\s+down\w*(?:\s+(?:to|at)\s+the\s+(?:floor|ground))?|eyes\s+down", "gaze-down", "down"),
        M(@"look\w*\s+(?:far\s+)?(?:to\s+the\s+)?(?:left|right|side)\w*", "gaze-side", "left-right"),
        M(
            @"(?:with\s+)?(?:(?:an?|big|wide|soft|small|slight|(?<!\blips?\s+)closed|broad)\s+)*(?:smil(?:e|es|ing)|grin(?:s|ning)?)\b(?:\s+(?:wide|broad)(?:ly)?\b)?(?!\s+(?:lines?|muscles?))",
            "smile"
        ),
        M(
            @"(?:puck|kiss|purs)\w*(?:\s+(?:the\s+|your\s+)?lips?)?(?:\s*,?\s*(?:and\s+)?push\w*\s+(?:them|the\s+lips)\s+(?:forwards?|out))?(?:[^.;]{0,20}\blips?\s+(?:far\s+)?(?:forwards?|out)\b)?|lips?\s+(?:to|into|in|for)\s+(?:a\s+)?kiss|lips?\s+(?:far\s+)?forwards?\b",
            "pucker"
        ),
        M(
            @"(?:puff|fill|blow)\w*\s+(?:up\s+|out\s+)?(?:(?:both|the|your|right|left|one)\s+)*cheeks?(?:\s+(?:up|out|with\s+air))?|fill\w*\s+with\s+air(?<=\bcheeks?\b[^.;]*)|puff\w*",
            "puff-cheeks"
        ),
        M(@"fish\s+(?:face|lips|mouth)", "suck-cheeks"),
        M(@"breath(?:ing|e)?(?=\s*:)", "breathe"),
        M(@"wink\w*(?:\s+(?:(?:the|your|one|left|right)\s+)*eye)?", "close-lids"),
        M(@"whistl\w*", "blow-out"),
        M(@"yawn\w*", "open-jaw"),
        M(@"(?:snarl|sneer)\w*", "raise-upper-lip"),
        M(@"chin\s+(?:down\s+)?(?:to|towards?)\s+(?:the\s+|your\s+)?(?:chest|breastbone)", "neck-bend-forward"),
        M(@"(?:narrow|pinch\s+in)\w*\s+(?:the\s+|your\s+)?(?:nostrils?|nose)\b(?!\s+(?:with|between))", "narrow-nostrils"),
        M(@"(?:show|bar)\w*\s+(?:the\s+|your\s+)?lower\s+teeth", "lower-lip-down"),
        M(
            @"(?:tens|tighten)\w*\s+(?:the\s+|your\s+)?(?:(?:front|skin)\s+of\s+(?:the\s+|your\s+)?)?(?:neck|neck\s+bands?)\b",
            "grimace-neck"
        ),
        M(
            @"palming|cup\w*\s+(?:the\s+|your\s+)?(?:closed\s+|shut\s+)?eyes|cup\w*\s+(?:(?:the|your|both|warm)\s+)*(?:palms?\s+|hands?\s+)?over\s+(?:the\s+|your\s+)?(?:closed\s+|shut\s+)?eyes",
            "palm-eyes"
        ),
        M(@"suck\w*(?:\s+in)?(?:\s+(?:both|the|your)\s+|\s+)cheeks?(?:\s+in)?|suck\w*", "suck-cheeks"),
        M(@"(?:say|form|make)\w*\s+(?:an?\s+)?(?:long\s+)?['‘“""]?o+h?['’”""]?\b", "funnel-o"),
        M(
            @"(?:(?:press|push)\w*\s+(?:the\s+|your\s+)?)?tongue\b.{0,30}\b(?:palate|roof)(?:\s+of\s+(?:the\s+|your\s+)?mouth)?",
            "tongue-press-palate"
        ),
        M(@"(?:stick|put|push)\w*\s+(?:out\s+)?(?:the\s+|your\s+)?tongue(?:\s+out)?|tongue\s+(?:far\s+)?out\b", "tongue-out"),
        M(
            @"open\w*\s+(?:the\s+|your\s+)?(?:mouth|jaw)|open(?:s|ing)?\b(?<=\b(?:jaw|mouth)\b[^.;]*)(?:\s+(?:slowly|wide|gently|a\s+little))?(?!\s+(?:the\s+|your\s+)?eyes)(?<!\b(?:is|are|stays?|keep|slightly|half|wide|hangs?|hanging|mouth|jaw)\s+open)",
            "open-jaw"
        ),
        M(@"clench\w*(?:\s+(?:the\s+|your\s+)?(?:teeth|jaw))?|bit(?:e|es|ing)\s+(?:down|the\s+teeth\s+together)", "clench"),
        M(@"tuck\w*\s+(?:the\s+|your\s+)?chin|chin\s+tuck|nod(?:s|ding)?\b", "chin-tuck"),
        M(
            @"(?:tilt|tip|lean)\w*\s+(?:the\s+|your\s+)?head(?!\s+(?:\p{L}+\s+){0,2}?(?:back|forwards?))(?:\s+(?:(?:down\s+)?(?:to|towards?)\s+)?(?:(?:the|your|each|one|left|right)\s+)+(?:shoulders?|sides?)\b)?",
            "head-tilt-side"
        ),
        M(@"turn\w*\s+(?:the\s+|your\s+)?head", "head-turn"),
        M(@"(?:drop|lower|relax)\w*\s+(?:the\s+|your\s+)?shoulders?", "drop-shoulders"),
        M(@"(?:lift|raise|shrug)\w*\s+(?:the\s+|your\s+)?shoulders?", "shrug"),
        M(
            @"(?:take\w*\s+)?(?:an?\s+)?(?:(?:deep|slow|long|calm)\s+)*breath\s+(?:in|out)\b(?:\s+(?:through|via|by)\s+(?:the\s+|your\s+)?(?:nose|mouth))?|(?:in|ex)hal(?:e|es|ing)\b(?:\s+(?:through|via|by)\s+(?:the\s+|your\s+)?(?:nose|mouth))?|breath(?:e|es|ing)\b(?:\s+(?:in|out|deep\w*|slow\w*))*(?:\s+(?:through|via|by)\s+(?:the\s+|your\s+)?(?:nose|mouth))?",
            "breathe"
        ),
        M(
            @"press\w*\s+(?:(?:both|the|your|right|left|one)\s+)*lips?(?:\s+together)?|lips?\s*,?\s*(?:together|closed)?\s*,?\s*press(?:ed|ing)?(?:\s+together)?\b(?!\s+(?:with|on|into|at))",
            "press-lips"
        ),
        M(
            @"flar\w*\s+(?:the\s+|your\s+)?(?:nostrils?|nose)|nostrils?\s+(?:flare|wide|open)\w*|flar\w*(?<=\b(?:nose|nostrils?)\b[^.;]*)",
            "flare-nostrils"
        ),
        M(
            @"(?:pull|draw|stretch)\w*\s+(?:the\s+|your\s+)?(?:upper|lower)\s+lip\s+(?:down\s+|up\s+|in\s+)?over\s+(?:the\s+|your\s+)?(?:upper\s+|lower\s+)?teeth|(?:fold|roll|wrap|curl|tuck)\w*\s+(?:(?:both|the|your|right|left|one)\s+)*(?:upper\s+|lower\s+)?lips?\b.{0,15}\b(?:over|in|inwards?|teeth)\b|lips?\s+(?:are\s+)?(?:rolled|folded|tucked|curled|drawn)\s+in(?:wards?)?(?:\s+over\s+(?:the\s+|your\s+)?teeth)?|lips?\s+(?:rolled\s+|folded\s+)?over\s+(?:the\s+|your\s+)?teeth",
            "roll-lips-in"
        ),
        M(@"(?:wrinkl|scrunch)\w*\s+(?:the\s+|your\s+)?nose", "scrunch-nose"),
        M(
            @"(?:squint\w*(?:\s+(?:with\s+)?(?:(?:both|the|your|right|left|one|only)\s+)*(?:lower\s+)?(?:lids?|eyes?))?(?:\s+only)?|(?:lift|rais|pull|draw)\w*\s+(?:(?:the|your|both)\s+)*lower\s+lids?(?:\s+up)?|lower\s+lids?\s+(?:lift|rise|up|raised|lifted)\w*)",
            "lift-lower-lid"
        ),
        M(
            @"(?:(?:slid|mov|shift)\w*\s+)?(?:the\s+|your\s+)?(?:lower\s+)?jaw\s+(?:(?:goes|moves|slides)\s+)?(?:to\s+the\s+)?(?:left|right|side)\b(?:[\s,/-]*(?:and\s+|then\s+|to\s+)?(?:the\s+)?(?:jaw\s+)?(?:left|right|cent(?:re|er)|middle|back)\b)*",
            "jaw-side"
        ),
        M(
            @"(?:push|press|bring|mov|jut|slid|stick)\w*\s+(?:the\s+|your\s+)?(?:(?:lower\s+)?jaw|chin)\s+(?:forwards?|out)|(?:lower\s+)?jaw\s+(?:goes\s+|comes\s+|moves\s+)?forwards?",
            "jaw-forward"
        ),
        M(
            @"(?:relax|loosen|unclench|drop)\w*\s+(?:the\s+|your\s+)?jaw(?:\s+(?:loosely|loose))?|let\s+(?:the\s+|your\s+)?jaw\s+(?:hang|drop|go)",
            "jaw-rest"
        ),
        M(@"(?:relax|soften)\w*\s+(?:the\s+|your\s+)?(?:whole\s+)?face|scan\w*\s+(?:the\s+|your\s+)?face", "relax-scan"),
        M(@"(?:circl|run)\w*\s+(?:the\s+|your\s+)?tongue", "tongue-circle-vestibule"),
        M(
            @"(?:push|press|put|stick)\w*\s+(?:the\s+|your\s+)?tongue\s+(?:in|into|against)\s+(?:(?:the|your|one|each|left|right|inside|of|a)\s+)*cheeks?|push\w*\s+(?:in|into|against)\s+(?:(?:the|your|one|each|left|right|inside|of|a)\s+)*cheeks?(?<=^\s*tongue\s*:[^.;]*)",
            "tongue-push-cheek"
        ),
        M(@"(?:lift|rais)\w*\s+(?:the\s+|your\s+)?upper\s+lip\b", "raise-upper-lip"),
        M(@"blow\w*(?:\s+(?:it|the\s+air|out|slowly|gently))*(?:\s+(?:through|via)\s+(?:the\s+|your\s+)?lips)?", "blow-out"),
        M(@"(?:pull|draw|turn)\w*\s+(?:the\s+|your\s+)?(?:mouth\s+)?corners?(?:\s+of\s+the\s+mouth)?\s+down", "corners-down"),
        M(@"\b(?:\d+|a\s+few|some|three|five)\s+(?:slow\s+|deep\s+|calm\s+|long\s+)*breaths\b", "breathe"),
        M(@"roll\w*\s+(?:them\s+|(?:the\s+|your\s+)?eyes\s+)?up\b(?<=\beyes\b[^.;]*)", "gaze-up", "up"),
        M(
            @"(?:roll|circl|rotat)\w*\s+(?:with\s+)?(?:(?:both|the|your|right|left|one)\s+)*eye(?:s|\s?-?balls)\b(?!\s+(?:up|down)\b)|(?:make\s+|draw\s+|slow\s+)*circles?\s+with\s+(?:(?:both|the|your|right|left|one)\s+)*eyes\b|eyes\b(?:(?!\b(?:fingers?|thumbs?|stroke|around|under)\b)[^.;]){0,20}\b(?:roll|circl|rotat)\w*(?!\s+(?:(?:them|the\s+eyes|your\s+eyes)\s+)?(?:up|down)\b)(?:\s+(?:them|the\s+eyes|(?:the\s+|your\s+)?eye\s?-?balls))?(?:\s+in\s+an?\s+circle)?",
            "gaze-circle",
            "circle"
        ),
        M(
            @"(?:mov|pass|push|shift|send)\w*\s+(?:(?:the\s+)?air\b|it\b(?<=\bair\b[^.;]*))(?:\s+(?:from\s+)?(?:left|right|side|cheek)\s+to\s+(?:left|right|side|cheek))?|(?:left\s+to\s+right|right\s+to\s+left|(?:one\s+)?(?:side|cheek)\s+to\s+(?:the\s+other\s+)?(?:side|cheek|other))\b(?<=\bair\b[^.;]*)",
            "transfer-air"
        ),
    ];

    private static (Regex, string, string?) M(string pattern, string does, string? gaze = null) =>
        (new Regex($@"\b(?:{pattern})", RegexOptions.IgnoreCase), does, gaze);
}
