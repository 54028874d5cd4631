using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Safety;

/// <summary>Frames of harm. On the eyes and lids. (Common practice, from memory.)</summary>
internal static partial class SaidHazards
{
    private static Harm[] OnTheEyes =>
        [
            new(
                "hz-globe",
                "Force on the eye",
                SafetyVerdict.Stop,
                "puts force on the eyeball or into the orbit",
                "Stay on the front of the bony rim, force into bone; on the lid no more than a feather.",
                [
                    F(
                        $@"\b{Press}\b[^.;:]{{0,40}}?\b(?:on|onto|upon|into|against|at|over|towards?|across"
                            + $@"|behind)\s+{The}(?:(?:closed|open|shut|whole|soft|resting|centre|middle|top|front|back"
                            + @"|sides?)\s+)*(?:of\s+(?:the|your)\s+)?(?:eye-?balls?|globes?|cornea|eye\s+itself"
                            + @"|eyes\s+themselves)\b"
                    ),
                    F(
                        $@"\b{Press}\s+(?:\w+\s+)?(?:(?:gently|lightly|firmly|softly|down|in|back|hard|straight|slowly"
                            + $@"|briefly)\s+)*{The}(?:(?:closed|open|shut|soft)\s+)*(?:eye-?balls?|globes?|cornea)\b"
                    ),
                    F(
                        @"\b(?:press|push|rub|knead|pok|dig|squash|compress|lean|massag|pump|drum|vibrat|bor"
                            + $@"|(?:pressure|force|weight))\w*\b[^.;:,]{{0,30}}?\b(?:on|onto|upon|into|against"
                            + $@"|down\s+on)\s+{The}(?:(?:closed|open|shut)\s+)*eyes?\b(?:\s*$|\s*[,.;!?)]|\s+(?:with|for"
                            + @"|until|and|while|through|from|as|when|so|hard|firmly|gently|in|to|three|five|ten|at|is"
                            + @"|helps?|relax\w*|sooth\w*|several|a|every|then|is\s+fine))"
                    ),
                    F(
                        @"\b(?:press|push|rub|knead|massag|pok)\w*\s+(?:(?:gently|lightly|firmly|softly|hard|down|in"
                            + $@"|slowly)\s+)*{The}(?:(?:closed|open|shut|tired)\s+)*eyes\b(?:\s*$|\s*[,.;!?)]|\s+(?:with"
                            + @"|for|until|and|while|from|as|when|so|hard|firmly|gently|in|to|three|five|ten|several|every"
                            + @"|then|directly|deep\w*|back))"
                    ),
                    F(
                        @"\b(?:press|push|slid|dip|hook|dig|reach|go|work|insert|pok|driv|bor|sink|curl|mov|massag"
                            + @"|thumb|finger|strok|glid|probe|probing|feel|wedg|put|get|bring|circl|tuck|knead"
                            + $@"|forc)\w*\b{Near}(?:into|inside|behind|deep\s+in(?:to)?|back\s+in(?:to)?|far\s+in(?:to)?"
                            + $@"|under)\s+{The}(?:(?:eye|bony|upper|lower|inner|outer|orbital|hollow|very"
                            + @"|deep)\s+)*(?:sockets?|orbits?|rim(?:\s+of\s+the\s+(?:eye|orbit"
                            + @"|eye\s+socket))?\s*(?:to(?:wards)?|into|against|back|$|[,.;!]|and|until|as|with|for|where)"
                            + @"|eye-?balls?|globe)"
                    ),
                    F(
                        @"\b(?:between\s+(?:the\s+)?(?:eye-?ball|eye|globe)\s+and\s+(?:the\s+)?(?:bone|rim|socket)"
                            + $@"|(?:move|shift|push|displace|lift|wiggle|roll|pull)\w*\s+{The}eye-?balls?\s+(?:with|by"
                            + $@"|using|aside|back|up|out|in)|(?:pressure|force|weight)\s+(?:\w+\s+){{0,3}}(?:on|to"
                            + $@"|against)\s+{The}(?:eye-?balls?|globes?))\b"
                    ),
                    F(
                        @"\bbehind\s+(?:the\s+)?(?:bone|bony\s+\w+|rim)\b[^.;]{0,20}?\b(?:eyes?|sockets?|orbits?)\b"
                            + @"|\b(?:squash|mash|flatten|crush)\w*\s+(?:the|your|both)\s+(?:closed\s+)?eyes\b"
                    ),
                ],
                F(@"\bsqueeze\w*\s+(?:\w+\s+){0,3}eyes?\s+(?:\w+\s+)?(?:shut|closed|tight\w*|together)|\b(?:look|gaze)\w*\s+into\b")
            ),
            new(
                "hz-lid-tool",
                "A tool on the lid",
                SafetyVerdict.Stop,
                "takes a tool, a cup or a stone to the lid or the eye",
                "Tools stay outside the bony rim; on the lid no more than a fingertip, as light as a feather.",
                [
                    F(
                        $@"\b(?:tools?|stones?|rollers?|cups?(?!{OfPalms})|cupping|spoons?|suction|vibrat\w+|edges?"
                            + @"|combs?|scrapers?|device|gadget|wand|brush|jade|quartz|crystal|bian|blade"
                            + $@"|notch)\b{Near}(?:on|over|across|onto|along|upon|at|to|against"
                            + $@"|around\s+on)\s+{The}(?:(?:closed|upper|lower|open|shut|soft|whole|very"
                            + @"|thin)\s+)*(?:eye-?\s?lids?|lids?|eye-?balls?|(?:closed|shut|open)\s+eyes?"
                            + @"|lash(?:es)?(?:\s+line)?|eyes)\b"
                    ),
                    F(
                        $@"\b(?:cup|scrape|roll|suck|vibrate|brush)\w*\s+(?:\w+\s+){{0,2}}?(?:(?:the|your|both|closed"
                            + @"|upper|lower)\s+)*(?:eye-?\s?lids?|lids?)\b"
                    ),
                    F(
                        $@"\b(?:eye-?\s?lids?|lids?|(?:closed|shut)\s+eyes?)\b[^.;:]{{0,30}}?\b(?:with|using"
                            + $@"|by)\s+{The}(?:(?:cold|chilled|cool|flat|small|large|little|warm|stone|glass|metal"
                            + @"|steel)\s+)*(?:tool|stone|roller|cup|spoon|suction|edge|comb|scraper|device|gadget|wand"
                            + @"|blade)s?\b"
                    ),
                ],
                F(
                    @"\broll\w*\s+(?:\w+\s+)?(?:the|your|both)\s+eyes\b|\b(?:below|beneath|under|beside|outside"
                        + @"|around|away\s+from|short\s+of)\s+(?:the\s+)?(?:eye-?lids?|lids?|eyes?)\b"
                )
            ),
        ];
}
