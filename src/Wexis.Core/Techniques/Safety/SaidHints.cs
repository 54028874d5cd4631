using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Safety;

/// <summary>Mentions and hints of harm (common practice, from memory).</summary>
internal static partial class SaidHazards
{
    /// <summary>What is not mentioned in passing: a sign at which a person stops, a mark, the wheel, skin to be left alone.</summary>
    private static readonly IReadOnlyDictionary<string, Regex> Bare = new Dictionary<string, Regex>(StringComparer.Ordinal)
    {
        ["stop-sign"] = F(
            @"\b(?:pain(?:s|ful)?|hurt(?:s|ing)?|sting(?:s|ing)?|throb(?:s|bing)?|stitch|tingl\w*|prickl\w*"
                + @"|pins\s+and\s+needles|numb\w*|dizz\w*|gidd\w*|woozy|soreness|light-?headed\w*|faint(?:s|ing)?"
                + @"|stars\s+appear|burn(?:s|ing)?|ach(?:e|es|ing)|black(?:s|ing)?\s+out|nause\w*|seasick|queasy"
                + @"|feel\w*\s+(?:slightly\s+|a\s+little\s+|somewhat\s+)?sick|flashes|sees?\s+(?:stars|sparks|lights"
                + @"|double)|coloured\s+lights|double\s+vision|headaches?|cramps?|palpitations|(?:ears|the\s+ear"
                + @"|your\s+ear|head)\s+(?:may\s+|will\s+|might\s+)?(?:hums?|rings?|buzz\w*|spins?)"
                + @"|lost\s+all\s+feeling|jaws?\s+locks?|unbearable|stab(?:s|bing)|suffer\w*|endur\w*|beg(?:s"
                + @"|ging)?\s+(?:for|you)|merc(?:y|iless\w*)|pain-?killers?|tears\s+in\s+(?:the|your|their)\s+eyes"
                + @"|room\s+(?:\w+\s+){0,2}(?:turns?|spins?)|ouch|migraines?|it\s+pinches|(?:sight|vision|everything"
                + @"|view)\s+(?:\w+\s+)?(?:goes|turns|becomes|is|gets)\s+(?:grey|black|dark|narrow)|(?:see|sees"
                + @"|seeing)\s+(?:colou?rs|patterns|dots)|winc(?:e|es|ing)|whimper\w*|scream\w*|torture|agony"
                + @"|a\s+(?:little|bit)\s+(?:sick|faint|dizzy)|(?:pulls?|makes?|pulling|making)\s+a\s+face"
                + @"|sore\s+(?:jaw|face|neck|cheek|throat)s?|vomit\w*|retch\w*|unwell|collapse\w*|stagger\w*|shak(?:es?"
                + @"|ing)\s+with\s+(?:pain|effort))\b"
        ),
        ["bruise"] = F(
            @"\b(?:bruis\w*|welts?|blood\s*-?spots?|black\s+and\s+blue|(?:deep|dark|bright|blood)[\s-]+red|purple"
                + @"|(?:red|blue|dark|purple)\s+(?:dots|marks|spots|streaks|lines|rings?|patches)|swollen|raw\s+skin"
                + @"|bleed\w*|blood\s+(?:comes|shows|seeps|drops?)|blister\w*)\b"
        ),
        ["at-the-wheel"] = F(
            @"\b(?:in\s+(?:the|your)\s+car|(?:on|with)\s+(?:the|your|a)\s+(?:bicycle|bike|scooter|motorbike"
                + @"|moped)|steering|at\s+the\s+wheel|traffic|while\s+(?:you\s+)?driv\w+|steer\s+with|motorway|highway"
                + @"|on\s+the\s+wheel|mowing|the\s+lawn-?mower|long\s+drives?|at\s+every\s+bend|chain-?saw)\b"
        ),
        ["hz-ear-canal"] = F(
            @"\b(?:ear\s?buds?|cotton\s+(?:buds?|swabs?)|ear\s+canals?|inside\s+the\s+ears?|on\s+the\s+drum|ear\s?holes?|eardrums?)\b"
        ),
        ["sun"] = F(@"\b(?:look|watch|gaze|stare|face|eyes)\b[^.;]{0,40}\b(?:sun|sunlight)\b|\bsetting\s+sun\b|\brising\s+sun\b"),
        ["hz-vertebral"] = F(
            @"\b(?:head|neck)\b[^.;]{0,30}\b(?:beyond\s+its|past\s+its|by\s+force)\b"
                + @"|\bforc\w*\b[^.;]{0,30}\b(?:head|neck|ear\s+to\s+the\s+shoulder|chin\s+to)\b|\b(?:spin|whirl|swing"
                + @"|fling)\w*\s+(?:the|your)\s+(?:head|neck)\b"
        ),
        ["hz-tmj"] = F(
            @"\b(?:joint\s+(?:clicks|jumps)|with\s+everything\s+you\s+have|with\s+all\s+(?:your|the)\s+(?:might"
                + @"|force|strength))\b|\bforc\w*\b[^.;]{0,30}\b(?:mouth|jaws?|teeth)\b|\bjoint\s+(?:jumps|pops|cracks"
                + @"|snaps)\b|\bdislocat\w*"
        ),
        [LongBreath] = F(
            @"\b(?:bear(?:ing)?\s+down|without\s+(?:any\s+)?(?:air|oxygen)|airless|lungs?\s+(?:burns?|scream\w*)"
                + @"|no\s+(?:air|breath)\b|without\s+(?:once\s+)?(?:taking|drawing)\s+(?:a\s+)?breath|on\s+the\s+toilet"
                + @"|not\s+(?:once\s+)?breath(?:e|ing)|(?:seal|close|press)\w*\s+(?:the"
                + @"|your)\s+lips\b[^.;]{0,30}\bhold\b[^.;]{0,40}\b(?:twenty|thirty|forty|fifty|sixty|[2-9]\d)|(?:on|in"
                + @"|with)\s+(?:a|one)\s+single\s+breath|without\s+letting\s+(?:any\s+)?(?:air|the\s+air|breath))\b"
        ),
        ["hz-globe"] = F(@"\b(?:press|push|massage|rub|knead|hold)\s+(?:the|your|both)\s+eyes\b|\b(?:eye-?balls?|globes?|orbits?)\b"),
        ["hz-larynx"] = F(@"\b(?:larynx|wind-?pipe|voice\s?box|adam'?s\s+apple|trachea)\b"),
        ["hz-carotid"] = F(@"\b(?:carotids?|jugulars?|neck\s+arter\w+)\b"),
        ["skin"] = F(
            @"\b(?:moles?|birthmarks?|cold\s+sores?|open\s+(?:skin|cuts?|sores?)|broken\s+skin|fresh\s+(?:scars?"
                + @"|filler|stitches)|varicose\s+veins?|stitches|boils?|wounds?)\b"
        ),
    };

    /// <summary>A word without which a harm cannot be meant: most sentences are done with after these.</summary>
    private static readonly IReadOnlyDictionary<string, Regex> Hints = new Dictionary<string, Regex>(StringComparer.Ordinal)
    {
        ["stop-sign"] = F(
            @"ouch|migrain|pinch|a\s+face|collaps|shak|colou?r|sight|view|endur|mercy|killer|beg|ignor|overr|body"
                + @"|bruis|redness|marks|you\s+can|pain|hurt|ach|sting|burn|throb|twinge|pang|whimper|winc|groan|moan"
                + @"|sob|gasp|water|smart|hammer|retch|gag|vomit|suffocat|unwell|stagger|sway|wobbl|grey|sleep|bite"
                + @"|tingl|prickl|needles|numb|dizz|light|woozy|gidd|faint|black|naus|sick|queasy|flash|star|spark"
                + @"|doubl|blur|cramp|palpit|ring|hum|buzz|spin|feel|dead|stitch|lock|bear|sore|shoot|stab|droop|hang"
                + @"|sag|slur|fever|agony|tear|breathless|suffer|scream|torture|asleep|heart|dark|sensation|room|turns"
                + @"|signal|warning|signs|limit|symptom|alarm|cry"
        ),
        ["hz-globe"] = F(@"eye|globe|cornea|orbit|socket|rim|lens"),
        ["hz-lid-tool"] = F(@"lid|eye|lash"),
        ["hz-larynx"] = F(@"throat|wind-?pipe|larynx|voice|adam|trachea|thyroid|gullet|hyoid|tongue|airway|neck|notch|breastbone"),
        ["hz-carotid"] = F(@"neck|carotid|jugular|pulse|arter|throat|wind-?pipe|beat"),
        ["hz-vertebral"] = F(@"head|neck|face|skull|spine|vertebra|chin|traction|shoulder"),
        [LongBreath] = F(@"toilet|lips|breath|inhal|exhal|lung|air|strain|bear|nose|nostril"),
        ["breath-hold"] = F(@"breath"),
        ["at-the-wheel"] = F(
            @"mow|bend|driv|wheel|car|traffic|light|cycl|motorcycl|bik|bicycle|scooter|moped|ladder|stairs"
                + @"|machine|motorway|highway|steer|road|street|van|lorry|truck|tractor|saw|mower|forklift|commute"
                + @"|riding|ride|handlebar"
        ),
        ["bruise"] = F(
            @"bruis|welt|blood|bleed|black|red|purple|crimson|scarlet|violet|petechia|raw|swoll|swell|numb|tear"
                + @"|rip|split|scab|blister|vein|haematom|hematom|blue|mark|streak|dark|fiery|blotch"
        ),
        ["hz-tmj"] = F(@"everything\s+you\s+have|jaw|teeth|molar|bit|clench|grind|gnash|joint|mouth|chin|mandib"),
        ["hz-ear-canal"] = F(@"ear|cotton|auditory"),
        ["skin"] = F(
            @"skin|scar|wound|cut|sore|spot|pimple|acne|rash|eczema|mole|vein|injection|tattoo|filler|thread"
                + @"|stitch|surger|incision|blister|boil|lesion|herpes|pustule|blackhead|zit|wart|birthmark|ulcer"
                + @"|abscess|impetigo|shingle|scab|stye|psoriasis|sutur|burn|peel|laser|needl|extraction|lift|infect"
                + @"|inflam|weep|swoll|fresh|pus|graze|lump|gland|node|bump|botulin|operation|varic"
        ),
        ["sun"] = F(@"sun|lamp|light|laser|bulb|beam|torch|weld|strobe"),
    };

    private static readonly IReadOnlyList<(string Class, Regex Frame)> ClassFrames =
    [
        ("squeeze-spot", F(@"\bsqueeze\w*\b.{0,20}\b(?:spots?|pimples?|boils?|blackheads?)")),
        ("hair-pull", F(@"\bpull\w*\b.{0,20}\bhair\b")),
        ("inside-canal", F(@"\b(?:into|inside)\s+the\s+ear\s*(?:canal|hole)")),
        ("open-wound-contact", F(@"\b(?:on|over|rub|press)\w*\b.{0,20}\b(?:sores?|wounds?|ulcers?|bleeding)\b")),
    ];
}
