using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Safety;

/// <summary>Frames of harm. On the skin, the jaw and the ear, and into the sun. (Common practice, from memory.)</summary>
internal static partial class SaidHazards
{
    private static Harm[] OnTheSkin =>
        [
            new(
                "bruise",
                "A mark or numbness as a goal or a proof",
                SafetyVerdict.Stop,
                "takes a bruise, a welt, strong redness or numbness for a goal or a proof",
                "Light pink that fades within minutes is the end; no mark is a goal.",
                [
                    F(
                        @"^(?:if|when|as\s+long\s+as)\s+(?:nothing|nobody|no\s+\w+)\s+(?:is|gets|was)\s+(?:bruised"
                            + @"|marked|blue)\b[^.;]*\b(?:too\s+(?:soft|light|timid|gentle|weak|careful)|not\s+(?:deep|hard"
                            + @"|enough)|harder|deeper)\b"
                    ),
                    F(
                        @"\b(?:until|till|so\s+(?:hard\s+)?that|hard\s+enough|goal|aim\w*|should|want\w*|must"
                            + @"|has\s+to|have\s+to|needs?\s+to|look\s+for|wait\s+for|welcome|strive|expect\w*|hope\s+for"
                            + $@"|enough\s+to|go\s+for|leave\w*|may|to\s+the\s+point)\b[^.;]{{0,45}}?{Mark}"
                    ),
                    F(
                        $@"{Mark}\b[^.;]{{0,30}}?\b(?:is|are|means?|shows?|proves?|tells?|just|only|simply|belongs?"
                            + $@"|will|prove|come\s+with|count\s+as|indicates?|signals?)\b[^.;]{{0,35}}?\b(?:normal|good"
                            + @"|fine|proof|wanted|welcome|works?|worked|working|sign|success\w*|expected|ok(?:ay)?"
                            + @"|part\s+of|the\s+(?:goal|aim|point|idea)|harmless|nothing\s+to\s+worry|heal\w*|tox\w+"
                            + @"|detox\w*|right|enough|deep\s+enough|natural|circulation|stagnation|releas\w*|progress"
                            + @"|reached|desired|effective|badge|pride)\b"
                    ),
                    F(
                        @"\b(?:don't|do\s+not|never|no\s+need\s+to)\s+(?:\w+\s+)?(?:worry|mind|fear|be\s+(?:afraid"
                            + $@"|alarmed|scared|shocked)|stop|care|let)\w*\b[^.;]{{0,40}}?{Mark}|\b(?:proud\s+of"
                            + @"|badge\s+of\s+honou?r|proof\s+that|proof\s+of|prov\w+\s+(?:by|with)|sign\s+that|sign\s+of"
                            + @"|no\s+harm\s+in|normal\s+(?:to|that|if)|fine\s+(?:to|if|when)|ignore|accept|never\s+mind"
                            + $@"|good\s+(?:if|when|to))\b[^.;]{{0,30}}?{Mark}"
                    ),
                    F(
                        $@"\b(?:more|darker|redder|bigger|bluer)\b[^.;]{{0,20}}?(?:{Mark}|\bred\w*"
                            + $@"|\bmarks?)?[^.;]{{0,20}}?\bthe\s+better|\bthe\s+(?:redder|darker|bluer|more\s+(?:bruis\w*"
                            + @"|red|marks?))\b"
                    ),
                ],
                F(
                    @"\b(?:if|who|people|those|persons?|clients?|anyone|anybody"
                        + @"|skin\s+that)\b[^.;]{0,30}\bbruis\w+\s+easily|\b(?:light|lightly|faint|faintly|soft|softly"
                        + @"|slight|slightly|rosy|pale|warm)\s+(?:pink|rosy|flush\w*)"
                )
            ),
            new(
                "hz-tmj",
                "Force in the jaw",
                SafetyVerdict.Stop,
                "drives the jaw with all force or cracks it",
                "Short, pain-free range; teeth apart at rest; no force at the end.",
                [
                    F(@"^\W*(?:grind|gnash)\w*\s+(?:your|the)\s+(?:\w+\s+)?teeth\b"),
                    F(@"\b(?:hammer|slam|smash|bang)\w*\s+(?:(?:the|your|lower|upper|back|front)\s+)*(?:teeth|jaws?|molars)\b"),
                    F(@"\b(?:stand|sit|kneel|step|jump)\w*\s+on\s+(?:(?:the|your|his|her)\s+)+(?:jaw|face|neck|head|throat)\b"),
                    F(
                        @"\b(?:clench|bit(?:e|ing)|grind|gnash|press|squeez|clamp|lock|push"
                            + @"|grit)\w*\b[^.;:]{0,35}?\b(?:jaws?|teeth|molars|together"
                            + @"|down)\b[^.;:]{0,35}?\b(?:as\s+(?:hard|strong\w*|tight\w*|firmly|forcefully)\s+as"
                            + @"|with\s+(?:all|full|maximum|maximal|the\s+greatest|every\s+ounce|your\s+whole|total"
                            + @"|great)\b|hard|forceful\w*|(?:at|to)\s+(?:the\s+)?(?:max\w*|full)|full\s+(?:force|power"
                            + @"|strength)|max\w*|violently|until)"
                    ),
                    F(
                        @"\b(?:clench|bit(?:e|ing)\s+(?:down|together)?|grind)\w*\s+(?:\w+\s+){0,2}?(?:as\s+(?:hard"
                            + @"|tight\w*|strong\w*|firmly)\s+as|with\s+(?:all|full|max\w*|every|your\s+whole)|hard"
                            + @"|forceful\w*|maximal\w*)\b|\b(?:all|full|max\w*|every\s+ounce\s+of)\s+(?:your\s+"
                            + @"|the\s+)?(?:force|strength|power)\b[^.;:]{0,30}?\b(?:jaws?|teeth|bite|molars|clench\w*)"
                            + @"|\bhard\s+clench|\b(?:teeth|jaws?)\s+(?:clenched|together"
                            + @"|pressed)\s+(?:\w+\s+){0,2}(?:as\s+hard\s+as|with\s+(?:all|full)|hard|at\s+full)"
                    ),
                    F(
                        @"\b(?:crack|pop|snap|click|crunch|dislocat)\w*\s+(?:(?:out|back|in)\s+)?(?:(?:the|your"
                            + @"|their)\s+)(?:jaws?|jaw\s+joints?|joints?\s+of\s+the\s+jaw|lower\s+jaw)\b|\b(?:jaws?"
                            + @"|joint)\b[^.;:]{0,30}?\b(?:until|so\s+that|till|to\s+make|should|must|has\s+to"
                            + @"|let)\b[^.;:]{0,20}?\b(?:cracks?|pops?|snaps?|clicks?|crunch\w*|gives\s+way|locks?)"
                    ),
                    F(
                        @"\b(?:forc|yank|wrench|jerk|thrust|lever|pry|prise|prising|pull|push|ram"
                            + $@"|shov)\w*\s+(?:(?:hard|firmly|open|sharply)\s+)*{The}(?:lower\s+)?(?:jaw|mouth|chin"
                            + $@"|mandible)\b[^.;:]{{0,35}}?\b(?:open|sideways|to\s+the\s+(?:side|left|right)|further"
                            + @"|farther|beyond|past|wide\w*|limit|end|hard|as\s+far\s+as|out\s+of|by\s+force"
                            + $@"|with\s+(?:force|both\s+hands|all))|\b(?:open|stretch)\w*\s+{The}(?:mouth"
                            + $@"|jaw)\b[^.;:]{{0,35}}?\b(?:beyond|past|by\s+force|forcibly|until\s+(?:it"
                            + @"|the)\s+(?:\w+\s+)?(?:cracks?|clicks?|pops?|hurts?|locks?)|wider\s+than|with\s+(?:all"
                            + @"|full)\s+(?:your\s+)?(?:force|strength))"
                    ),
                ],
                F(
                    @"\b(?:if|when|where|should)\s+(?:the|your|a|it)?\s*(?:jaw|joint)?\s*(?:clicks?|cracks?|pops?"
                        + @"|locks?)\b[^.;]{0,40}\b(?:smaller|stop|less|dentist|leave|rest|ask|see|skip|pause)"
                        + @"|\bas\s+far\s+as\s+(?:it\s+(?:goes|will\s+go|opens)\s+)?(?:comfort\w*|easily|freely|without"
                        + @"|is\s+easy)|\bwithout\s+(?:a\s+|any\s+)?(?:click|crack|pop|force|pain|sound|noise)"
                )
            ),
            new(
                "hz-ear-canal",
                "Something in the ear",
                SafetyVerdict.Stop,
                "goes into the ear canal or forces pressure on the drum",
                "Nothing goes into the ear; work in front of it and behind it.",
                [
                    F(
                        @"\b(?:push|press|put|insert|stick|shov|thrust|jam|stuff|slid|plug|pok|dig|go|plac|work|mov"
                            + @"|driv|screw|twist|turn|reach|massag|circl|rub|blow|squirt|drip|drop|pour|introduc|guid"
                            + $@"|rotat|tap|wiggl|feed|bring)\w*\b{Near}(?:into|inside|in|deep\s+in(?:to)?"
                            + $@"|down)\s+{The}ears?(?:-?\s?(?:canals?|holes?|openings?|drums?|passages?))?\b(?:\s*$"
                            + @"|\s*[,.;!?)]|\s+(?:and|with|until|as|to|for|while|then|where|so|deep\w*|gently|firmly"
                            + @"|several|three|five|ten|far|by))"
                    ),
                    F(
                        @"\b(?:into|inside|in|down|against)\s+(?:the|your|each|both)\s+(?:ear\s*-?\s?(?:canals?"
                            + @"|holes?|openings?|drums?|passages?)|auditory\s+canals?|inner\s+ears?)\b"
                            + @"|\b(?:cotton\s+(?:buds?|swabs?)|ear\s+candles?|hairpins?"
                            + @"|matchsticks?)\b[^.;:]{0,25}?\bears?\b|\b(?:pop|pump|unblock|suck)\w*\s+(?:the|your"
                            + @"|both)\s+ears\b|\b(?:palms?|hands?"
                            + @"|fingers?)\b[^.;:]{0,30}?\bears?\b[^.;:]{0,25}?\b(?:pump\w*|suction|vacuum|pop\b|popp\w+)"
                    ),
                ],
                F(
                    @"\b(?:behind|in\s+front\s+of|before|below|under|above|beside|around)\s+(?:the|your|each"
                        + @"|both)\s+ears?\b[^.;]{0,3}$|\bpop\w*\s+(?:the|your)\s+ears\b[^.;]{0,20}\bstop"
                )
            ),
            new(
                "skin",
                "Over skin that must be left alone",
                SafetyVerdict.Stop,
                "works over broken, infected or freshly treated skin, a mole or swollen veins",
                "Leave that place out until it has healed or whoever treats it agrees.",
                [
                    F(
                        $@"\b(?:{Press}|{Stroke})\b{Near}(?:over|on|across|through|onto|along|right\s+over"
                            + $@"|straight\s+over|directly\s+on|upon|into|at)\s+{The}{SkinWord}"
                    ),
                    F(
                        $@"\b(?:pull|stretch|tug|drag|mov|slid|shift)\w*\b[^.;:]{{0,20}}?\b(?:at|on|over|across|near"
                            + $@"|of)\s+{The}(?:(?:new|fresh|recent|open|red)\s+)+(?:scars?|stitch\w*|sutures?|wounds?|cuts?"
                            + @"|incisions?)\b"
                    ),
                    F(
                        @"\b(?:squeez|pop|burst|press\s+out|pick|scratch|scrap|scrub|rub|massag|knead|pinch|lanc"
                            + @"|work\s+out|roll\s+out|work|treat|flatten|stroke|iron)\w*\s+(?:(?:out|off|open|away|gently"
                            + $@"|hard|firmly|down|well)\s+)*{The}(?:(?:any|all|small|little|old|new|first|red"
                            + $@"|dark)\s+)*{SkinWord}"
                    ),
                    F(
                        $@"(?:{SkinWord})\b[^.;:]{{0,30}}?\b(?:is\s+no\s+(?:reason|problem|obstacle)"
                            + @"|are\s+no\s+(?:reason|problem|obstacle)|can\s+be\s+(?:massaged|kneaded|rubbed|worked"
                            + @"|scraped|squeezed|rolled|stroked|pressed|included)|need\s+(?:extra|more|firm)"
                            + @"|needs\s+(?:extra|more|firm)|massaged\s+away|heals?\s+faster\s+(?:if|when|with)"
                            + @"|don't\s+matter|doesn't\s+matter|do\s+not\s+matter)"
                    ),
                    F(
                        @"\b(?:right|straight|directly|immediately|(?:on\s+)?the\s+(?:same\s+)?(?:day|evening|night)"
                            + @"|a\s+day|an\s+hour|hours|just|soon)\s+(?:after|as|of)\s+(?:(?:the|your|a|an|any|fresh"
                            + @"|new)\s+)*(?:filler\w*|botulinum\w*|injections?|peel\w*|laser\w*|needling|threads?"
                            + @"|thread\s+lift|surgery|operation|waxing|tattoo\w*|extraction|tooth\s+extraction|face-?lift"
                            + @"|treatment\s+with\s+(?:filler|needles)|micro-?needling)"
                    ),
                ],
                F(
                    @"\b(?:around|(?:beside|next\s+to)(?!\s+(?:the|your)\s+(?:nose|mouth|eyes?|ears?|lips?|chin"
                        + @"|brows?)\b)|away\s+from|clear\s+of|out\s+of|past|round|leave|leaves|leaving|skip\w*|avoid\w*"
                        + @"|spare|sparing|omit|except|until\s+(?:\w+\s+){0,3}(?:heal\w*|whole|closed|settled|gone)"
                        + @"|once\s+(?:\w+\s+){0,3}(?:healed|released|closed)|healed|while\s+(?:\w+\s+){0,3}heals?"
                        + @"|keep\s+(?:\w+\s+)?off|stay\s+off|ask\s+(?:a|the|your|whoever|first)|(?:weeks?|fortnight"
                        + @"|months?|\d+\s+days)\s+after|after\s+(?:the\s+)?(?:release|all-clear)|doctor|clinician"
                        + @"|at\s+a\s+distance)\b|\bpressure\s+spots?\b|\btender\s+spots?\b|\b(?:sore|tired|tight|stiff"
                        + @"|tense)\s+(?:spots?|places?|muscles?|jaws?|necks?|shoulders?|eyes)\b"
                )
            ),
            new(
                "sun",
                "Eyes into the sun",
                SafetyVerdict.Stop,
                "looks into the sun or a glaring light",
                "Look at something calm in soft light; never into the sun.",
                [
                    F(
                        @"\b(?:follow|track|chas)\w*\s+the\s+(?:sun|sunlight)\b|\b(?:look|gaz|star|glanc|focus|fix"
                            + @"|fac|turn|open|hold|direct|blink|squint|peer|watch|train|expos|rais"
                            + @"|lift)\w*\b[^.;:]{0,35}?\b(?:into|at|towards?|on|to|directly\s+at|straight\s+(?:at"
                            + @"|into))\s+(?:the\s+|a\s+|bright\s+|midday\s+|low\s+|rising\s+|setting\s+|full\s+|direct\s+"
                            + @"|glaring\s+|strong\s+|naked\s+)*(?:sun|sunlight|sun\s?rise|sun\s?set|sunshine|laser\s*\w*"
                            + @"|(?:bright|strong|glaring|blinding|naked|halogen)\s+(?:lamp|light|bulb|beam|torch)"
                            + @"|welding\s+\w+|flash(?:ing)?\s+lights?|strobe\w*|spotlight|headlights?)\b|\bsun\s?-?gaz\w+"
                    ),
                ],
                F(
                    @"\b(?:away\s+from|out\s+of|back\s+to)\s+the\s+sun|\b(?:sun|light|lamp)\s+(?:is\s+"
                        + @"|comes\s+)?(?:from\s+)?behind\b|\bsun\s+on\s+(?:the|your)\s+(?:back|skin|hands)"
                        + @"|\bback\s+(?:is\s+)?to\s+the\s+(?:sun|light)|\bas\s+if\b|\beyes\s+(?:half\s+)?(?:closed|shut)"
                        + @"|\bclosed\s+eyes|\b(?:close|shut|cover|protect|shade)\s+(?:the|your)\s+eyes"
                )
            ),
        ];
}
