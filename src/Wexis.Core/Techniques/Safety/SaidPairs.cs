namespace Wexis.Core.Techniques.Safety;

/// <summary>The looser reading of harms: two things said in one sentence (common practice, from memory).</summary>
internal static partial class SaidHazards
{
    /// <summary>The looser reading of each harm: what must be left alone, and what is done to it, anywhere in one sentence.</summary>
    private static readonly IReadOnlyDictionary<string, IReadOnlyList<Pair>> Pairs = new Dictionary<string, IReadOnlyList<Pair>>(
        StringComparer.Ordinal
    )
    {
        ["stop-sign"] =
        [
            new(F(WarnedOf), F(GoingOn)),
            // What is new today is for a doctor, not for training.
            new(
                F(
                    @"\b(?:suddenly\s+(?:droops?|hangs?|sags?)|(?:droops?|hangs?|sags?|drooping"
                        + @"|hanging)\s+(?:suddenly|today|overnight|since|on\s+one\s+side)|slurred(?:\s+\w+)?"
                        + @"|chest\s+pains?|fever)\b"
                ),
                F(
                    @"\b(?:train\w*|massag\w*|exercis\w*|work\w*|practis\w*|knead\w*|rub\w*|strok\w*|does\s+good"
                        + @"|do\s+good|helps?|is\s+fine|carry\s+on|go\s+on|continu\w*|drainage)\b"
                )
            ),
        ],
        ["hz-globe"] =
        [
            new(
                F(
                    @"\b(?:eye-?balls?|globes?|cornea|orbits?|(?:eye\s+)?sockets?|behind\s+the\s+eyes?"
                        + @"|into\s+the\s+(?:eye\s+)?sockets?|in\s+the\s+(?:eye\s+)?sockets?|back\s+of\s+the\s+eyes?"
                        + @"|under\s+the\s+(?:rim|brow\s+bone))\b"
                ),
                F(
                    @"\b(?:fingers?|fingertips?|thumbs?|knuckles?|press\w*|push\w*|pump\w*|drum\w*|lean\w*"
                        + @"|knead\w*|rub\w*|massag\w*|squeez\w*|pressure|weight|pok\w*|dig\w*|shift\w*|travels?"
                        + @"|sink\w*|reach\w*|slid\w*|slip\w*|lift\w*|glid\w*|strok\w*)\b"
                )
            ),
            new(
                F(
                    @"\beyes\s+(?:are|get)\s+(?:\w+\s+)?(?:pressed|pushed|massaged|kneaded|rubbed)|eyes\s+(?:sink"
                        + @"|rest|lie|press|lean)\s+(?:on|onto|into|against)\s+(?:the|your)\b"
                ),
                F(@"\b(?:fingers?|thumbs?|palms?|hands?|inwards?|back|firmly|hard|gently)\b")
            ),
            new(
                F(@"\b(?:contact\s+)?lens(?:es)?\b"),
                F(
                    @"\b(?:push|shift|move|slid|mov|rub|massag|press|roll|circl)\w*\s+(?:the\s+|your\s+"
                        + @"|a\s+)?(?:contact\s+)?lens|under\s+the\s+(?:upper\s+|lower\s+|closed\s+)?lids?\b"
                )
            ),
            new(
                F(@"\b(?:on|onto|over|against|into|upon)\s+(?:(?:the|your|both|each|closed|shut|open)\s+)*eyes?\b"),
                F(
                    @"\b(?:firm|circles?|fingers?|fingertips?|thumbs?|knuckles?|fists?|heels?\s+of\s+the\s+hand"
                        + @"|press(?:es|ing)?|push(?:es|ing)?|pump\w*|drum\w*|lean\w*|knead\w*|rub\w*|massag\w*"
                        + @"|pressure|poke)\b"
                )
            ),
            new(
                F(@"\b(?:each|every|the|both)\s+eyes?\s+(?:\w+\s+){0,2}(?:push\w*|press\w*|thumps?|pokes?|jabs?)\b"),
                F(@"\b(?:finger\w*|thumbs?|knuckles?|short|times)\b")
            ),
            new(
                F(@"\b(?:pump|press|push|knead|rub|massage|poke)\s+(?:(?:the|your|both|each|closed|shut)\s+)+eyes?\b"),
                F(@"\b(?:fingers?|thumbs?|knuckles?|times|seconds|hard|palms?|hands?)\b")
            ),
        ],
        ["hz-lid-tool"] =
        [
            new(
                F(AnyTool),
                F(
                    @"\b(?:on|onto|over|across|along|at|to|against)\s+(?:(?:the|your|both|each|upper|lower|closed"
                        + @"|shut|whole)\s+)*(?:eyes?|lids?|eye-?lids?|lash(?:es|\s+line)?)\b"
                )
            ),
        ],
        ["hz-larynx"] =
        [
            new(
                F(
                    @"\b(?:larynx|wind-?pipe|voice\s?box|adam'?s\s+apple|trachea|thyroid|hyoid|tongue\s+bone"
                        + @"|(?:little|small)\s+bone\s+(?:above|over)\s+the\s+(?:larynx|throat|voice\s?box)|(?:hollow"
                        + @"|pit|base|notch)\s+(?:of|in)\s+(?:the|your)\s+throat|throat\s+(?:hollow|pit)"
                        + @"|notch\s+above\s+the\s+breastbone|middle\s+of\s+(?:the|your)\s+(?:throat|neck)"
                        + @"|centre\s+of\s+(?:the|your)\s+(?:throat|neck)|(?:pit|hollow)\s+(?:above"
                        + @"|over)\s+the\s+breastbone)\b"
                ),
                F(
                    @"\b(?:press\w*|push\w*|pump\w*|lean\w*|knead\w*|rub\w*|massag\w*|squeez\w*|squash\w*"
                        + @"|pressure|poke|dig|shift\s+it|shift|grip|grab|grasp|clasp|strong|force|chok\w*|pinch\w*"
                        + @"|work|stimulate|thumbs?|(?:hook|pull|drag|tug)\w*|between\s+(?:two|the|thumb)|firm\w*|hard"
                        + @"|deep\w*|roll\w*|move\s+it|pull\w*)\b"
                )
            ),
            new(F(@"\b(?:throat|neck)\b"), F(@"\b(?:chok\w*|strangl\w*|throttl\w*)\b")),
            new(
                F(@"\b(?:on|from)\s+both\s+sides\b[^.;]{0,20}\b(?:with\s+force|firmly|hard|strongly)\b"),
                F(@"\b(?:wind-?pipe|throat|larynx|trachea)\b")
            ),
            new(
                F(@"\b(?:throat|front\s+of\s+(?:the|your)\s+neck)\b"),
                F(
                    @"\b(?:between\s+(?:finger|thumb|the\s+(?:finger|thumb))\w*|with\s+the\s+(?:fist|knuckles?)"
                        + @"|(?:press|push|poke|jab|prod)(?:es|ed|ing)?|grip\w*|grasp\w*|squeez\w*|clasp\w*|pinch\w*"
                        + @"|knead\w*|dig\w*|firm\s+(?:pressure|strokes?)|deep\s+(?:pressure|strokes?)|compress\w*|hard"
                        + @"|firmly|strongly|(?:both|two)\s+thumbs|forcefully|with\s+force)\b"
                )
            ),
        ],
        ["hz-carotid"] =
        [
            // The place itself, by what is felt there.
            new(
                F(
                    @"\b(?:where|until|till)\s+(?:you|one)\s+(?:can\s+)?(?:feel|find)\s+(?:the|a"
                        + @"|your)\s+(?:\w+\s+)?(?:beat\w*|pulse|artery)\b"
                ),
                F(@"\b(?:press\w*|push\w*|sink\w*|thumbs?|dig\w*|lean\w*|squeez\w*|compress\w*|knead\w*)\b")
            ),
            new(
                F(
                    @"\b(?:carotids?|jugulars?|arter(?:y|ies)|neck\s+pulses?|at\s+the\s+pulse|the\s+pulse\s+(?:on"
                        + @"|at|of)\s+both\s+sides|(?:both|the|beating)\s+pulses?|pulses?\s+(?:of|in|at)\s+the\s+neck"
                        + @"|(?:both|either|each)\s+sides?\s+of\s+the\s+neck|blood\s+in\s+the\s+neck)\b"
                ),
                F(
                    @"\b(?:press\w*|push\w*|lean\w*|knead\w*|rub\w*|massag\w*|squeez\w*|pressure|compress\w*"
                        + @"|stop\s+the\s+blood|grip|grab|clasp|pinch\s+off|pinch\w*|block\w*|hold\w*|stimulat\w*)\b"
                )
            ),
            new(
                F(
                    @"\b(?:left\s+and\s+(?:the\s+)?right|both|right\s+and\s+(?:the\s+)?left)\s+(?:sides?"
                        + @"|halves)\s+of\s+(?:the|your)\s+(?:neck|throat)\b"
                ),
                F(@"\b(?:knead\w*|press\w*|squeez\w*|deep\w*|firm\w*|hard|grip\w*|clasp\w*|compress\w*|pinch\w*)\b")
            ),
            new(
                F(@"\b(?:neck|throat)\b"),
                F(
                    @"\b(?:squeez|compress|pinch|press|clamp|clasp|grip|grasp)\w*\s+(?:\w+\s+)?both\s+sides\b"
                        + @"|\b(?:both|two)\s+hands\b[^.;]{0,40}\b(?:squeez|compress|pinch|grip|grasp|clasp|clamp"
                        + @"|tighten)\w*|\b(?:squeez|compress|grip|grasp|clasp|clamp|tighten)\w*\b[^.;]{0,40}\b(?:both"
                        + @"|two)\s+hands\b|\b(?:clamp|squeez|clasp|press)\w*\b[^.;]{0,25}\bbetween\s+(?:both|two"
                        + @"|the)\s+(?:palms|hands|fists)|\bwrap\w*\b[^.;]{0,40}\b(?:squeez|press|tighten|pull)\w*"
                        + @"|\b(?:encircl|strangl|throttl)\w*|\b(?:squeez|compress|press|pinch"
                        + @"|clamp)\w*\b[^.;]{0,40}\b(?:on|from|at)\s+both\s+sides\b|\bcrook\s+of\s+(?:the|your"
                        + @"|an)\s+(?:arm|elbow)|\bring\s+of\s+(?:the\s+)?(?:hands|fingers)"
                )
            ),
            new(
                F(
                    @"\b(?:the|your)\s+(?:neck|throat)\s+from\s+both\s+sides\b|\b(?:either|each"
                        + @"|both)\s+sides?\s+of\s+(?:the|your)\s+(?:neck|throat|wind-?pipe|larynx)\b"
                ),
                F(@"\b(?:knead\w*|press\w*|squeez\w*|grip\w*|clasp\w*|compress\w*|pinch\w*|hold\w*)\b")
            ),
        ],
        ["hz-vertebral"] =
        [
            new(F(@"\bface\b"), F(@"\b(?:jerk|yank|wrench|jolt)\w*\b")),
            new(
                F(@"\b(?:push|press|pull|bend|forc|lever|drag|tug|turn|tilt)\w*\s+(?:(?:the|your|his|her|their)\s+)*head\b"),
                F(@"\bwith\s+(?:both|the|your|a|one|two)\s+(?:hands?|arms?|palms?|fists?|knees?)\b")
            ),
            new(
                F(@"\b(?:head|neck|chin)\b"),
                F(
                    @"\b(?:fully\s+round|twist(?:s|ed|ing)?|wrench\w*|yank\w*|jerk(?:s|ed|ing)?|snap(?:s|ped)?"
                        + @"|crank\w*|thrust\w*|whip\w*|crack(?:s|ed)?|swing(?:s)?\s+it|by\s+force|with\s+force"
                        + @"|forcibl\w+|as\s+hard\s+as|past\s+the\s+point|harder|chin\s+to\s+the\s+shoulder\s+with"
                        + @"|stretch\s+it\s+(?:up|out)\w*|as\s+far\s+as\s+it\s+(?:will|can|goes)|pulled|tugged|hauled"
                        + @"|circle\w*\s+(?:fully|completely)|full\s+circles?|big\s+loops|loops|(?:turns?|goes"
                        + @"|bends?)\s+(?:further|farther|more)|(?:push|press|turn|bend|lever"
                        + @"|pull)\w*\b[^.;]{0,30}\b(?:further|farther|a\s+bit\s+more|harder)|until\s+(?:it"
                        + @"|something)\s+(?:stops|gives|clicks|cracks|pops|will\s+not|cannot|can't|won't)|(?:turn"
                        + @"|rotat|tilt|bend|nod|shak|roll|circl)\w*\s+(?:it\s+|the\s+head\s+)?(?:quickly|fast|suddenly"
                        + @"|sharply|abruptly|violently|vigorously)|(?:quick|fast|sudden|sharp|abrupt|violent"
                        + @"|vigorous)(?:ly)?\s+(?:turn|rotat|tilt|bend|shak|circl|push|pull|jolt)\w*|beyond\s+(?:its"
                        + @"|the|where)|past\s+(?:its|where)|(?:over|off)\s+the\s+edge|shake\s+(?:it|the\s+head)"
                        + @"|natural\s+end|stopping\s+point|over\s+the\s+end)\b"
                )
            ),
        ],
        [LongBreath] =
        [
            new(
                F(@"\b(?:breath|breathing|breathe|inhale|exhale|lungs|air)\b"),
                F(
                    @"\b(?:as\s+long\s+as\s+you\s+can|hold\w*\s+(?:it|and\s+(?:press|tense|push|squeeze))|lock\w*"
                        + @"|stop\s+it|(?:on|in|with|within)\s+(?:a|one)\s+(?:single\s+)?(?:breath|lungful)|block\w*"
                        + @"|one\s+breath\s+held|held\s+in|without\s+letting|(?:do\s+not|don't|never)\s+let\s+(?:it|any"
                        + @"|the\s+air)|let\s+no|nothing\s+out|breath\s+in\s+until|(?:do\s+not|don't|never)\s+exhale"
                        + @"|keep\s+the\s+breath\s+in|no\s+breathing|full\s+and|strain\w*|turn\s+red"
                        + @"|until\s+you\s+(?:turn|see|are|need))\b"
                )
            ),
            new(F(@"\b(?:lips?|nose|mouth|nostrils?)\b"), F(@"\bstrain\w*\b")),
        ],
        ["at-the-wheel"] =
        [
            new(
                F(
                    @"\b(?:in\s+the\s+car|(?:the|your|every|long|a)\s+(?:\w+\s+)?drives?|steer\w*"
                        + @"|at\s+the\s+lights|cruis\w+|driver'?s?\s+seat|motorway|highway|scooter|moped|motorcycles?"
                        + @"|motorbikes?|handlebars?|as\s+you\s+(?:ride|drive|cycle)|cyclists?|steering\s+wheel"
                        + @"|the\s+wheel|traffic|traffic\s+lights?|red\s+lights?|the\s+lights|driving|cycling"
                        + @"|on\s+(?:your|the)\s+bike|ride\s+your\s+\w+|forklift|tractor|lawn-?mower|chain-?saw)\b"
                ),
                F(
                    @"\b(?:do|practis\w*|practic\w*|perfect|good|use|take|tak\w+|train\w*|close|squint\w*"
                        + @"|massag\w*|tap\w*|every|exercise|drill|it\s+saves|circles?|squeez\w*|smile|look|hold"
                        + @"|press\w*|fits?|ideal|time|great|suit\w*|turn\w*|repeat|goes\s+well|best|pass\w*|work\w*"
                        + @"|try|enjoy)\b"
                )
            ),
        ],
        ["bruise"] =
        [
            new(
                F(Mark),
                F(
                    @"\b(?:only\s+when|good\s+result|result|sign\s+of|harmless|expect\w*|when\s+you\s+are\s+done"
                        + @"|should\s+be|until|till|done\s+its\s+job|shows?\s+that|progress|proof|prov\w+|aim\w*|goal"
                        + @"|target|welcome|part\s+of|so\s+hard|hard\s+enough|better|proud|normal|fine|badge)\b"
                )
            ),
        ],
        ["hz-tmj"] =
        [
            new(
                F(@"\b(?:teeth|jaws?|mouth|molars|bit(?:e|ing)|clench\w*|gnash\w*|grind(?:s|ing)?|chin|joint)\b"),
                F(
                    @"\b(?:gnash\w*|all\s+(?:your|the|his|her)\s+(?:might|force|strength|power)"
                        + @"|max\w*\s+(?:effort|force|strength)|full\s+(?:force|strength|power)|so\s+hard\s+that"
                        + @"|as\s+hard\s+as|with\s+all(?!\s+the\s+time)|a\s+pop|pops?\b|snap\w*|cracks?\b|cracking"
                        + @"|yank\w*|wrench\w*|as\s+far\s+as\s+it\s+(?:can|will|goes)|until\s+the\s+(?:jaw\s+)?joint"
                        + @"|with\s+the\s+fist|bulge\w*|by\s+force|violent\w*|(?:further|farther"
                        + @"|wider)\b[^.;]{0,30}\bthan|both\s+hands\b[^.;]{0,30}\b(?:further|farther|wider|open)"
                        + @"|until\s+(?:it|something)\s+(?:gives|cracks|clicks|pops))\b"
                )
            ),
            new(
                F(@"\b(?:clench\w*|bit(?:e|ing)\s+(?:down|on)|grind\w*|gnash\w*)\b"),
                F(@"\b(?:hard|strongly|might|force\w*|firmly|tight\w*|max\w*|power\w*)\b")
            ),
        ],
        ["hz-ear-canal"] =
        [
            new(
                F(@"\b(?:in|into|inside|on|against|down)\s+(?:the|your|each|both|one)\s+ears?\b"),
                F(
                    @"\b(?:screw\w*|fill\w*|plug\w*|insert\w*|cotton|swabs?|jiggl\w*|tip\s+of|vacuum|pump\w*"
                        + @"|suction|hole|canal|deep|oil|drops?|poke|stick)\b"
                )
            ),
            new(
                // "From the chin to the ear" is where a way ends.
                F(@"(?<!\bfrom\b[^.;]{0,40}\bto(?:wards?)?\s+(?:the|your)\s+)\bears?\b"),
                F(@"\b(?:pump\w*|seal\w*|suck\w*|fill\s+the|fill\s+your|screw|vacuum|ear\s?hole|ear\s+canal|suction|drip)\b")
            ),
        ],
        ["skin"] =
        [
            new(
                F(SkinWord),
                F(
                    @"\b(?:press\w*|rub\w*|massag\w*|knead\w*|squeez\w*|scrap\w*|glid\w*|roll\w*|strok\w*|work\w*"
                        + @"|circles?|run|draw\w*|iron\w*|pinch\w*|go\s+over|polish\w*|brush\w*|stimulat\w*|pop|burst)\b"
                )
            ),
            new(
                F(
                    @"\b(?:after|following)\s+(?:(?:the|your|a|an|any|fresh|new|last|lip|cheek|chin|brow"
                        + @"|forehead)\s+)*(?:filler\w*|botulinum\w*|injections?|peel\w*|laser\w*|needling|threads?"
                        + @"|thread\s+lift|micro-?needling|face-?lift|tooth\s+extraction)\b"
                ),
                F(
                    @"\b(?:(?:the|that|same|next)\s+(?:day|evening|night|morning|afternoon)|straight|right|same"
                        + @"|tonight|immediately|hours?|soon|next\s+(?:day|morning)|already|knead\w*)\b"
                )
            ),
            new(F(@"\bpus\b"), F(@"\b(?:press\w*|squeez\w*|work\w*|push\w*)\b")),
        ],
        ["sun"] =
        [
            new(
                F(
                    @"\b(?:sun|sunrise|sunset|torch|glaring\s+\w+|spotlight|headlights?|laser\s+pointer"
                        + @"|floodlight|(?:a|the|bright|hot|desk|strong)\s+(?:lamp|bulb)|(?:a|bright"
                        + @"|strong)\s+light(?!\s+(?:sweep|touch|stroke|hand|pressure|tap|pull|press|massage|pat|brush"
                        + @"|smile|lift)))\b"
                ),
                F(
                    @"\b(?:look\w*|gaz\w*|star(?:e|es|ing)|fac(?:e|ing)|squint\w*|fix\w*|blink\w*|peer\w*"
                        + @"|eyes\s+(?:wide\s+)?open|open\s+eyes|glanc\w*|train\w*|pupils?|watch\w*)\b"
                )
            ),
        ],
    };
}
