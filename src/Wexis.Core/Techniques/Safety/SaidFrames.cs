using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Safety;

/// <summary>The frames of each harm: any of them, told positively, is the harm (common practice, from memory).</summary>
internal static partial class SaidHazards
{
    private static readonly IReadOnlyList<Harm> Harms =
    [
        new(
            "stop-sign",
            "A stop sign taught as normal",
            SafetyVerdict.Stop,
            "teaches going on where the person must stop",
            "Stop at pain, numbness, flashes or dizziness, and ask a clinician.",
            [
                // Borne.
                F(
                    $@"\b(?:push|go|carry|keep|press|work|breathe|power|persist|continue|ride|fight|hold|move|massage|rub|knead|train|stay|remain|soldier|grind|stroke|squeeze)\w*(?:\s+(?:on|going|at\s+it|it|out|right|straight|away|still|firmly|pressing|pushing|working|kneading|rubbing|holding|squeezing|stroking|the\s+\w+))*\s+(?:through|into|past|despite|in\s+spite\s+of|regardless\s+of|with|beyond|even\s+(?:if|when|though|with)|although|though|no\s+matter|whatever|when|while|if|until)\b[^.;:]{{0,40}}?\b{Sign}\b"
                ),
                F(
                    $@"\b(?:ignor\w*|bear\w*|endur\w*|tolerat\w*|put(?:ting)?\s+up\s+with|accept\w*|welcom\w*|embrac\w*|disregard\w*|overcom\w*|suppress\w*|bit(?:e|ing)\s+back|swallow\w*|withstand\w*|stand(?:ing)?|take|enjoy\w*|breathe\s+away|look\s+past|brush\s+off|forget(?:\s+about)?|learn\s+to\s+(?:like|love|live\s+with))\s+(?:(?:the|any|some|a|that|this|all|every|little|bit|of|mild|slight|strong|first|sharp|initial)\s+)*{Sign}\b"
                ),
                F(
                    $@"\b(?:do\s+not|don't|never|no\s+need\s+to|need\s+not|not|without|nobody\s+should|refuse\s+to|resist\s+the\s+urge\s+to)\s+(?:\w+\s+)?(?:stop|relax|paus|eas|giv|let|quit|releas|back|lighten|worr|mind|fear|car|be\s+(?:afraid|scared|alarmed|put\s+off|impressed|bothered|disturbed|discouraged|deterred|distracted|fooled)|react|break|end|panic|withdraw|relent|slow|abort|interrupt|reduc)\w*\b[^.;:]{{0,45}}?\b{Sign}\b"
                ),
                F(
                    $@"\b{Sign}\b[^.;]{{0,50}}?\b(?:don't|do\s+not|never|no\s+need\s+to|needn't)\s+(?:\w+\s+)?(?:stop|paus|eas|giv|let\s+go|quit|releas|back\s+off|lighten|worr|mind|panic|be\s+(?:afraid|alarmed))\w*"
                ),
                F(
                    $@"\b{Sign}\b[^.;]{{0,50}}?\b(?:keep\s+(?:going|pressing|pushing|on|at\s+it|holding|working|rubbing)|carry\s+on|go\s+on|press\s+on|push\s+on|continue|stay\s+with\s+it|hold\s+on|work\s+through|breathe\s+through|push\s+(?:harder|more|through)|press\s+(?:harder|more|deeper)|add\s+(?:more\s+)?(?:pressure|force)|double\s+the|go\s+deeper)\b"
                ),
                F(
                    $@"\b(?:never\s+mind|no\s+matter|don't\s+let|do\s+not\s+let|pay\s+no\s+(?:heed|attention)|take\s+no\s+notice|shrug\s+off|grit\s+your\s+teeth)\b[^.;:]{{0,45}}?\b{Sign}\b"
                ),
                F(@"\bas\s+\w+\s+as\s+(?:you|they|one|he|she|the\s+client|anyone)\s+can\s+(?:stand|bear|take|endure|tolerate)\b"),
                F(
                    @"\b(?:ignor\w*|override|overrule|silence)\b[^.;]{0,30}?\b(?:body|signals?|warnings?|warning\s+signs?|signs?|limits?|symptoms?|alarm)\b"
                ),
                // Praised.
                F(
                    $@"\b{Sign}\b(?:\s+\w+){{0,6}}?\s*(?:,|:)?\s*(?:is|are|was|just|simply|only|means?|shows?|proves?|tells?|signals?|indicates?|belongs?|comes\s+with|will\s+be|can\s+be|may\s+be|that\s+is|that's|this\s+is|it\s+is|it's)\b(?:\s+\w+){{0,4}}?\s+(?:normal|good(?!\s+(?:reason|moment|time|sign\s+to|cause))|fine|welcome|wanted|expected|ok(?:ay)?|proof|progress|natural|harmless|healthy|part\s+of\s+(?:it|the)|works?|working|nothing\s+to\s+(?:worry|fear)|the\s+(?:point|aim|goal|effect|plan|idea)|desired|desirable|intended|right\s+(?:spot|place|depth|pressure)|necessary|needed|useful|excellent|success|pleasant|lovely|nice|beautiful|enjoyable|delicious|satisfying|exciting|a\s+(?:gift|joy|treat|pleasure)|nothing\s+(?:special|unusual|strange|odd|bad)|only|success\w*|hit|found|healing|detox\w*|releas\w*|leaving|letting\s+go|flow\w*|correct(?:ly)?|doing\s+it\s+right|a\s+compliment|required)\b"
                ),
                F(
                    $@"\b(?:normal|good|fine|welcome|natural|harmless|useful|expected|wonderful|great|proof|sign\s+of\s+success|a\s+good\s+sign|no\s+problem|perfectly\s+(?:all\s+right|normal|fine))\b(?:\s+\w+){{0,5}}?\s+(?:if|when|that|to\s+(?:feel|see|get|have))\b[^.;]{{0,35}}?\b{Sign}\b"
                ),
                F(
                    @"\bno\s+pain,?\s+no\s+gain|\b(?:who|whoever|if\s+you|those\s+who)\s+(?:feels?|has|have)\s+no\s+pain\b|\bthe\s+more\s+(?:it\s+|pain)[^.;]{0,20}(?:hurts?|stings?|burns?|pain|aches?)?[^.;]{0,20}\bthe\s+(?:better|more|faster|stronger)|\b(?:no|without|lack\s+of)\s+(?:any\s+)?(?:bruis\w*|marks?|redness|pain|burning|tingling|soreness)\b[^.;]{0,35}?\b(?:too\s+(?:soft|light|gentle|weak|shy|careful)|not\s+(?:enough|deep|work\w*)|harder|deeper|no\s+(?:effect|gain|result|progress)|nothing\s+happens)|\bbeauty\s+(?:must|has\s+to)\s+(?:hurt|suffer)|\bno\s+(?:burn|bruise),?\s+no\s+\w+|\bpain\s+(?:is\s+weakness|leaves)"
                ),
                F(
                    $@"\b(?:if|when|unless|as\s+long\s+as)\s+it\s+(?:does\s+not|doesn't|is\s+not|isn't)\s+(?:hurt|sting|burn|tingle|painful|sore|numb)\w*\b[^.;]{{0,40}}?\b(?:not\s+(?:work|deep|hard|enough|right|doing)|harder|deeper|too\s+(?:light|soft|gentle|weak)|more\s+(?:force|pressure)|no\s+(?:effect|use)|does\s+nothing|useless|wrong)"
                ),
                // Aimed at.
                F(
                    $@"\b(?:until|till|up\s+to\s+the\s+point\s+(?:where|that|of)|to\s+the\s+point\s+(?:where|that|of)|so\s+(?:hard|long|far|deep(?:ly)?|firm(?:ly)?|fast|much)\s+that|(?:hard|long|far|deep|firm|firmly|fast)\s+enough\s+(?:to|that|so)|to\s+the\s+(?:edge|limit|border|brink)\s+of|as\s+(?:far|hard|long|deep)\s+as|so\s+that)\b[^.;:]{{0,35}}?\b{Sign}\b"
                ),
                F(
                    $@"\b(?:goal|aim|target|purpose|idea|point)\s+(?:is|of\s+\w+(?:\s+\w+){{0,2}}\s+is)\s+(?:to\s+(?:feel|get|see|have)\s+)?(?:(?:the|a|an|some|that|this|slight|strong|sharp|light|mild|feeling|sensation|of)\s+)*{Sign}\b"
                ),
                F(
                    $@"\b(?:aim\w*|look(?:ing)?|wait\w*|search\w*|hunt\w*|hop(?:e|ing)|work\w*|striv\w*|go(?:ing)?)\s+(?:for|towards?|at)\s+(?:(?:the|a|some|that|this|first|little|bit|of|slight|strong|sharp|feeling|sensation|moment)\s+)*{Sign}\b"
                ),
                F(
                    $@"\b(?:should|must|has\s+to|have\s+to|needs?\s+to|ought\s+to|is\s+(?:meant|supposed|allowed)\s+to|may|can|want\s+to|try\s+to|let\s+(?:it|them)|want)\s+(?:(?:really|well|even|clearly|just|now|be|feel|see|get|go|become|turn|make|the|it|you|a|some|little|bit|of|skin|face|lips|cheeks?|fingers?|slightly|somewhat|properly)\s+){{0,6}}(?:pain(?:ful)?|hurt|sting|burn|throb|tingle|tingling|numb|numbness|dizzy|dizziness|light-?headed|faint|nauseous|stars|sparks|flashes|flashes\s+of\s+light|double|black)\b"
                ),
                F(
                    $@"\b(?:as\s+much\s+pain\s+as|maximum\s+pain|pain\s+threshold|(?:to|at|up\s+to|reach|past|beyond)\s+(?:the|your|their)\s+(?:pain\s+(?:limit|threshold|barrier)|threshold\s+of\s+pain)|feel\s+the\s+(?:burn|pain|sting)|lean\s+into\s+(?:the|any)\s+pain|hunt\s+the\s+pain|(?:press|push|go|work)\w*\s+(?:\w+\s+)?into\s+(?:the|any)\s+pain)\b"
                ),
            ],
            F(
                $@"\b(?:rest|wait|sit|lie|pause|stop|stay\s+seated|recover|breathe\s+(?:calmly|quietly|slowly))\w*\b[^.;]{{0,40}}\b(?:until|till)\b[^.;]{{0,30}}\b(?:passes|has\s+passed|stops|has\s+stopped|fades|goes|has\s+gone|settles|has\s+settled|is\s+gone|are\s+gone|eases|subsides|clears|is\s+over|(?:is|are)\s+(?:quite\s+|all\s+|fully\s+)?(?:clear|normal|sharp|well|itself)(?:\s+again)?|(?:feeling|sensation|strength)\s+(?:is\s+back|comes\s+back|has\s+returned|returns))\b|\blights?\s+(?:off|down|low|dim)|\bdim\w*\s+the\s+lights?|\b(?:warm|soft|quiet|good|same|natural|room)\s+light\b|\blight\s+(?:pressure|touch|pink|strokes?|hands?|glide|contact|work|press|circles?|as|enough|and|on)\b"
            )
        ),
        new(
            "hz-globe",
            "Force on the eye",
            SafetyVerdict.Stop,
            "puts force on the eyeball or into the orbit",
            "Stay on the front of the bony rim, force into bone; on the lid no more than a feather.",
            [
                F(
                    $@"\b{Press}\b[^.;:]{{0,40}}?\b(?:on|onto|upon|into|against|at|over|towards?|across|behind)\s+{The}(?:(?:closed|open|shut|whole|soft|resting|centre|middle|top|front|back|sides?)\s+)*(?:of\s+(?:the|your)\s+)?(?:eye-?balls?|globes?|cornea|eye\s+itself|eyes\s+themselves)\b"
                ),
                F(
                    $@"\b{Press}\s+(?:\w+\s+)?(?:(?:gently|lightly|firmly|softly|down|in|back|hard|straight|slowly|briefly)\s+)*{The}(?:(?:closed|open|shut|soft)\s+)*(?:eye-?balls?|globes?|cornea)\b"
                ),
                F(
                    $@"\b(?:press|push|rub|knead|pok|dig|squash|compress|lean|massag|pump|drum|vibrat|bor|(?:pressure|force|weight))\w*\b[^.;:,]{{0,30}}?\b(?:on|onto|upon|into|against|down\s+on)\s+{The}(?:(?:closed|open|shut)\s+)*eyes?\b(?:\s*$|\s*[,.;!?)]|\s+(?:with|for|until|and|while|through|from|as|when|so|hard|firmly|gently|in|to|three|five|ten|at|is|helps?|relax\w*|sooth\w*|several|a|every|then|is\s+fine))"
                ),
                F(
                    $@"\b(?:press|push|rub|knead|massag|pok)\w*\s+(?:(?:gently|lightly|firmly|softly|hard|down|in|slowly)\s+)*{The}(?:(?:closed|open|shut|tired)\s+)*eyes\b(?:\s*$|\s*[,.;!?)]|\s+(?:with|for|until|and|while|from|as|when|so|hard|firmly|gently|in|to|three|five|ten|several|every|then|directly|deep\w*|back))"
                ),
                F(
                    $@"\b(?:press|push|slid|dip|hook|dig|reach|go|work|insert|pok|driv|bor|sink|curl|mov|massag|thumb|finger|strok|glid|probe|probing|feel|wedg|put|get|bring|circl|tuck|knead|forc)\w*\b{Near}(?:into|inside|behind|deep\s+in(?:to)?|back\s+in(?:to)?|far\s+in(?:to)?|under)\s+{The}(?:(?:eye|bony|upper|lower|inner|outer|orbital|hollow|very|deep)\s+)*(?:sockets?|orbits?|rim(?:\s+of\s+the\s+(?:eye|orbit|eye\s+socket))?\s*(?:to(?:wards)?|into|against|back|$|[,.;!]|and|until|as|with|for|where)|eye-?balls?|globe)"
                ),
                F(
                    $@"\b(?:between\s+(?:the\s+)?(?:eye-?ball|eye|globe)\s+and\s+(?:the\s+)?(?:bone|rim|socket)|(?:move|shift|push|displace|lift|wiggle|roll|pull)\w*\s+{The}eye-?balls?\s+(?:with|by|using|aside|back|up|out|in)|(?:pressure|force|weight)\s+(?:\w+\s+){{0,3}}(?:on|to|against)\s+{The}(?:eye-?balls?|globes?))\b"
                ),
                F(
                    @"\bbehind\s+(?:the\s+)?(?:bone|bony\s+\w+|rim)\b[^.;]{0,20}?\b(?:eyes?|sockets?|orbits?)\b|\b(?:squash|mash|flatten|crush)\w*\s+(?:the|your|both)\s+(?:closed\s+)?eyes\b"
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
                    $@"\b(?:tools?|stones?|rollers?|cups?(?!{OfPalms})|cupping|spoons?|suction|vibrat\w+|edges?|combs?|scrapers?|device|gadget|wand|brush|jade|quartz|crystal|bian|blade|notch)\b{Near}(?:on|over|across|onto|along|upon|at|to|against|around\s+on)\s+{The}(?:(?:closed|upper|lower|open|shut|soft|whole|very|thin)\s+)*(?:eye-?\s?lids?|lids?|eye-?balls?|(?:closed|shut|open)\s+eyes?|lash(?:es)?(?:\s+line)?|eyes)\b"
                ),
                F(
                    $@"\b(?:cup|scrape|roll|suck|vibrate|brush)\w*\s+(?:\w+\s+){{0,2}}?(?:(?:the|your|both|closed|upper|lower)\s+)*(?:eye-?\s?lids?|lids?)\b"
                ),
                F(
                    $@"\b(?:eye-?\s?lids?|lids?|(?:closed|shut)\s+eyes?)\b[^.;:]{{0,30}}?\b(?:with|using|by)\s+{The}(?:(?:cold|chilled|cool|flat|small|large|little|warm|stone|glass|metal|steel)\s+)*(?:tool|stone|roller|cup|spoon|suction|edge|comb|scraper|device|gadget|wand|blade)s?\b"
                ),
            ],
            F(
                @"\broll\w*\s+(?:\w+\s+)?(?:the|your|both)\s+eyes\b|\b(?:below|beneath|under|beside|outside|around|away\s+from|short\s+of)\s+(?:the\s+)?(?:eye-?lids?|lids?|eyes?)\b"
            )
        ),
        new(
            "hz-larynx",
            "Force on the throat",
            SafetyVerdict.Stop,
            "puts force on the throat or on both sides of it",
            "Stay behind the side-neck muscle, one side at a time, light.",
            [
                F(
                    $@"\b(?:hack|chop|hit|strik|punch|slap|knock)\w*\b{Near}(?:throat|wind-?pipe|larynx|voice\s?box|adam'?s\s+apple|front\s+of\s+(?:the|your)\s+neck)\b"
                ),
                F(
                    $@"\b(?:press|push|squeez|pinch|grip|grasp|grab|dig|knead|massag|rub|clasp|compress|chok|roll|scrap|pull|lean|clamp|bor|thumb|prod|pok|circl|vibrat|(?:firm|strong|deep|hard|heavy|some|steady|more|full|moderate)\s+(?:pressure|strok\w+|force|circles)|pressure|force|throttl|strangl)\w*\b{Near}(?:throats?|wind-?pipe|larynx|voice\s?box|adam'?s\s+apple|trachea|thyroid|gullet|hyoid|tongue\s+bone|airway|front\s+of\s+(?:the|your)\s+neck)\b"
                ),
                F(
                    $@"\b(?:throats?|wind-?pipe|larynx|voice\s?box|adam'?s\s+apple|trachea|front\s+of\s+(?:the|your)\s+neck)\b[^.;:,]{{0,25}}?\b(?:(?:is|are|gets?)\s+)?(?:pressed|pushed|squeezed|pinched|gripped|kneaded|rubbed|compressed|choked|rolled)\b"
                ),
                F(
                    $@"\b(?:strok|glid|sweep|slid|iron|draw)\w*\b{Near}(?:throat|wind-?pipe|larynx|adam'?s\s+apple|front\s+of\s+(?:the|your)\s+neck)\b[^.;:,]{{0,25}}?\b(?:firm|hard|strong|deep|forceful|with\s+(?:the\s+)?(?:knuckles|full\s+weight|force|pressure))"
                ),
                F(
                    $@"\b(?:firm|hard|strong|deep|forceful|knuckle)\w*\b[^.;:,]{{0,20}}?\b(?:strok|glid|sweep|slid|iron|draw)\w*\b{Near}(?:throat|wind-?pipe|larynx|adam'?s\s+apple|front\s+of\s+(?:the|your)\s+neck)\b"
                ),
            ],
            F(
                @"\b(?:away\s+from|clear\s+of|off|beside|well\s+behind|behind|outwards?\s+of|to\s+the\s+side\s+of|stays?\s+out)\s+(?:of\s+)?(?:the|your)\s+(?:throat|wind-?pipe|larynx|voice\s?box|airway|adam'?s\s+apple|front\s+of\s+the\s+neck)\b|\btongue\b[^.;]{0,40}\b(?:palate|roof)\b"
            )
        ),
        new(
            "hz-carotid",
            "Force on the pulses of the neck",
            SafetyVerdict.Stop,
            "presses the arteries of the neck, or both sides of it at once",
            "One side at a time, behind the side-neck muscle; both at once only as light as a feather.",
            [
                F(
                    @"\b(?:cut|shut|block|stop|choke)\w*\s+(?:off\s+)?the\s+blood\s+(?:\w+\s+)?(?:to|in|of)\s+the\s+(?:head|brain)\b|\b(?:close|tighten|clamp|wrap\w*\s+tight\w*)\w*\s+(?:your\s+|the\s+|both\s+)*(?:hands?|fingers?|arms?)\s+(?:tight\w*\s+|firmly\s+)?a?round\s+(?:the|your)\s+(?:neck|throat)\b"
                ),
                F(
                    $@"\b(?:press|push|squeez|pinch|grip|grasp|grab|dig|knead|massag|rub|clasp|compress|hold|clamp|block|stop|circl|thumb|pump|stimulat|lean|work|(?:pressure|force))\w*\b{Near}(?:carotids?|carotid\s+\w+|neck\s+(?:arter\w+|pulses?)|arter(?:y|ies)\s+(?:of|in|at)\s+(?:the|your)\s+neck|jugulars?|pulses?\s+(?:points?\s+)?(?:of|in|at|on)\s+(?:the|your)\s+neck|(?:both|two)\s+(?:neck\s+)?pulses|pulse\s+(?:points?|beats?|can\s+be\s+felt|is\s+felt)|where\s+(?:you\s+(?:can\s+)?feel\s+)?(?:the|your)\s+pulse)\b"
                ),
                F(
                    $@"\b(?:press|push|squeez|pinch|grip|grasp|grab|dig|knead|rub|clasp|compress|clamp|massag|hook|(?:firm|strong|deep|hard)\s+(?:pressure|strok\w+))\w*\b{Near}(?:both\s+sides\s+of\s+(?:the|your)\s+(?:neck|throat)|(?:the|your)\s+(?:neck|throat)\s+(?:on|from)\s+both\s+sides|(?:the|your)\s+neck\s+between\s+(?:the\s+)?(?:thumb|fingers|hands|palms)|(?:either|each)\s+side\s+of\s+(?:the|your)\s+(?:throat|wind-?pipe|adam'?s\s+apple|neck))\b"
                ),
                F($@"\bboth\s+(?:carotids?|(?:neck\s+)?arteries|jugulars)\b"),
            ],
            F(@"\bonly\s+feel\b|\bfeather")
        ),
        new(
            "hz-vertebral",
            "A forced neck or head",
            SafetyVerdict.Stop,
            "forces the neck or pulls the head",
            "Let the head's own weight stretch, within comfort; no hand at the end of the range.",
            [
                F(@"\bhang\w*\s+(?:on\s+(?:to|by)|(?:yourself\s+|the\s+\w+\s+)?by)\s+(?:the|your|his|her|its)\s+(?:head|neck|chin)\b"),
                F(
                    @"\b(?:belt|strap|rope|cord|towel|scarf)\b[^.;]{0,20}\ba?round\s+(?:the\s+|your\s+)?(?:forehead|head|neck|chin)\b[^.;]{0,40}\b(?:lean\w*\s+back|tug|yank|jerk|haul|pull(?!\w*\s+(?:back|aside|the\s+hair)))|\b(?:belt|strap|rope|cord)\b[^.;]{0,20}\bstretch\w*\s+(?:the|your)\s+neck\b"
                ),
                F(
                    $@"\b(?:pull|yank|jerk|tug|twist|wrench|crank|crack|thrust|forc|snap|whip|fling|swing|wring|haul|stretch\s+out|adjust|manipulat|pop|drag)\w*\s+(?:(?:hard|sharply|firmly|suddenly|quickly|slowly|gently|up|back|down|on|at|out|steadily|strongly)\s+)*{The}(?:(?:whole|client's|partner's)\s+)*(?:head|neck|skull|cervical\s+spine|vertebra\w*)\b"
                ),
                F(
                    $@"\b(?:head|neck|skull)\b[^.;:]{{0,35}}?\b(?:with\s+(?:full|all|great|maximum)\s+(?:\w+\s+)?(?:force|strength|weight|power)|as\s+far\s+as\s+(?:the|your|it|a|they)\s+(?:hands?|goes|will|can|possibly)(?:\s+\w+)?|until\s+it\s+(?:cracks|clicks|pops|snaps|gives|stops)|beyond\s+(?:its|the|your)\s+(?:limit|end|range)|past\s+(?:its|the|your)\s+(?:limit|end|range|comfort)|to\s+(?:its|the)\s+(?:very\s+)?(?:end|limit|stop)|with\s+a\s+(?:jerk|jolt|snap|quick\s+(?:pull|twist)))"
                ),
                F(
                    $@"\b(?:roll|circl|rotat|swivel|spin|swing)\w*\s+{The}(?:head|neck)\b[^.;:]{{0,35}}?\b(?:full|complete|whole|all\s+the\s+way|round\s+and\s+round|big|large|wide|in\s+circles?|circles?|around|fast|quickly)\b|\b(?:full|complete|whole|big|large|wide|fast)\s+(?:head|neck)\s+(?:circles?|rolls?|rotations?)\b|\b(?:head|neck)\s+(?:circles|rolls)\s+(?:all|right)\s+(?:the\s+way\s+)?(?:a)?round\b|\b(?:full|complete|whole|big)\s+circles?\s+with\s+{The}(?:head|neck)\b"
                ),
                F(
                    $@"\b(?:push|press|turn|bend|tilt|lever|lean)\w*\s+(?:(?:hard|firmly|further|down|strongly)\s+)*{The}(?:head|neck)\b[^.;:]{{0,40}}?\b(?:further|farther|harder|past|beyond|with\s+(?:the|your|a|both|one)\s+(?:hands?|palm|arm|other\s+hand)[^.;:,]{{0,25}}(?:further|farther|hard|force|end|limit|can)|over\s+the\s+(?:limit|end)|by\s+force|forcibly|forcefully|hard)\b"
                ),
                F(
                    $@"\b(?:hand|partner|palm|helper|trainer|arm)\w*\b[^.;:]{{0,20}}?\b(?:forc|pull|yank|push|twist|wrench|lever)\w*\s+{The}(?:head|neck|chin)\b[^.;:]{{0,30}}?\b(?:round|further|farther|back|to\s+the\s+side|over|end|limit|around|towards?)"
                ),
                F(
                    $@"\b(?:tip|drop|throw|let|hang|take|bend|lean|fling|tilt)\w*\s+{The}(?:head|neck)\s+(?:\w+\s+){{0,4}}?back\w*\b[^.;:]{{0,30}}?\b(?:and|then|while)\s+(?:\w+\s+){{0,2}}?(?:turn|rotat|twist|roll|look\s+over)\w*|\b(?:traction|thrust|whiplash)\b[^.;:]{{0,20}}?\b(?:neck|head)|\bhang\w*\s+(?:\w+\s+){{0,3}}?by\s+(?:the|your)\s+(?:head|chin|neck)|\blift\w*\s+{The}(?:head|skull)\s+off\s+(?:the\s+)?(?:neck|spine)|\b(?:throw|fling|snap|drop)\w*\s+{The}head\s+(?:\w+\s+)?back|\bhead\b[^.;]{{0,15}}\bfall\w*\s+back\w*\s+(?:hard|fast|quickly|suddenly|with\s+\w+|freely)"
                ),
                F($@"\b(?:pull|yank|jerk|tug|haul)\w*\b[^.;:,]{{0,25}}?\b(?:by|at|on)\s+{The}(?:head|chin|neck|ears|skull)\b"),
            ],
            F(
                @"\bagainst\s+(?:the|your|a|its|his|her)\s+(?:\w+\s+)?(?:hands?|palms?|resistance|pillow|wall|fist)|\b(?:imagin\w+|as\s+if|as\s+though|thread|string|balloon|like\s+a)\b|\b(?:shoulders?|elbows?|chin|jaw|corners?|cheeks?|ears?)\s+(?:\w+\s+){0,3}(?:away\s+from|towards?)\s+(?:the|your)\s+(?:head|neck)\b|\bas\s+far\s+as\s+(?:is\s+|it\s+is\s+|feels\s+|it\s+goes\s+|it\s+will\s+go\s+)?(?:comfort\w*|easy|easily|pleasant\w*|by\s+itself|freely|without|nothing\s+pulls)"
            )
        ),
        new(
            LongBreath,
            "A breath stopped for long or under effort",
            SafetyVerdict.Stop,
            "stops the breath for long or under effort",
            "Breathe on. Long breath-holds are a separate skill, after screening.",
            [
                F(@"\bbreathing\s+is\s+(?:forbidden|not\s+allowed|prohibited)\b"),
                F(@"\bbreathe\s+neither\b|\bneither\s+(?:breathe|inhale)\b"),
                F(
                    @"\bempty\b[^.;]*\b(?:do|all|stay|hold|keep|finish)\b[^.;]*\bbefore\s+(?:you\s+|they\s+)?(?:breathe|inhale)\b(?:\s+(?:again|in))?"
                ),
                F(
                    @"\b(?:skip|omit|leave\s+out|drop|suppress)\w*\s+(?:the|your|each|every|all)\s+(?:in-?\s?|out-?\s?)?(?:breaths?|inhalations?|inhale)\b"
                ),
                F(
                    @"\b(?:hold|holding|keep|keeping|stop|stopping|block|blocking|retain|retaining)\w*\s+(?:(?:in|your|the|all|back)\s+)*(?:breath\w*|air\s+in(?:side)?\s+(?:the|your)\s+(?:lungs|chest))\b[^.;]{0,45}?\b(?:as\s+long\s+as|(?:1\d|[2-9]\d|\d{3,})\s*(?:s\b|sec\w*|counts?)|minutes?|twenty|thirty|forty|sixty|fifteen|while\s+(?:you\s+)?(?:press|push|squeez|clench|hold|lift|strain|pull|resist|tens|smil|tight|work|do|mak)\w*|during\s+(?:the|every|each|all)|for\s+the\s+(?:whole|entire)|throughout|under\s+(?:effort|strain|tension|load)|until\s+(?:you|the|it|your)|all\s+through|at\s+(?:full|maximum)\s+\w+|and\s+(?:press|push|squeez|clench|strain|bear\s+down|tense|resist|lift|pull)\w*)"
                ),
                F(
                    @"\b(?:lungs?\s+(?:\w+\s+)?(?:empty|full)|(?:empty|full)\s+lungs?)\b[^.;]{0,40}?\b(?:(?:1[5-9]|[2-9]\d|\d{3})\b|twenty|thirty|forty|fifty|sixty|minutes?|as\s+long\s+as)"
                ),
                F(
                    @"\bas\s+long\s+as\s+(?:you\s+(?:possibly\s+)?can|possible)\b[^.;]{0,30}\b(?:breath|air)|\b(?:hold|keep|retain|trap)\w*\s+(?:in\s+)?(?:the\s+|your\s+|all\s+the\s+)?(?:air|breath|lungful)\b[^.;]{0,30}\b(?:as\s+long\s+as|until|(?:1\d|[2-9]\d)|twenty|thirty|forty|minutes?)|\b(?:press|push|squeez|clench|strain|lift|resist|tens|hold|pull|smil|tighten|work)\w*\b[^.;]{0,50}?\b(?:with(?:out)?\s+(?:a\s+)?(?:breathing|(?:your|the)\s+breath\s+(?:held|stopped)|held\s+breath|breath\s+held|taking\s+a\s+breath|an?\s+breath)|(?:and|while)\s+(?:hold\w*|stop\w*|keep\w*)\s+(?:in\s+)?(?:your\s+|the\s+)?breath\w*|and\s+(?:don't|do\s+not|never)\s+breathe)"
                ),
                F(
                    @"\b(?:bear(?:ing)?\s+down|strain\w*)\b[^.;]{0,40}?\b(?:mouth|nose|lips|glottis|throat|breath)\b|\b(?:nose|nostrils?)\s+(?:\w+\s+){0,2}(?:pinched|closed|shut|held|blocked)\b[^.;]{0,40}?\b(?:blow|push|press|strain)\w*|\b(?:pinch|clos|hold|block)\w*\s+(?:the|your|both)\s+(?:nose|nostrils)\b[^.;]{0,40}?\b(?:blow|press|push|strain)\w*"
                ),
                F(
                    @"\b(?:don't|do\s+not|stop|no|without|never)\s+(?:breathe|breathing|inhale|inhaling|take\s+a\s+breath)\b[^.;]{0,12}?(?:$|\b(?:until|while|during|for|till|in\s+between|as\s+long|at\s+all|here|now|between|when))|\bbreath\s+(?:is\s+|stays\s+|kept\s+)?(?:held|stopped|locked)\s+(?:in\s+)?(?:for|until|while|during|throughout|under|all)\b|\block\s+(?:the|your)\s+breath"
                ),
            ],
            F(
                @"\b(?:without|never|not|don't|no)\s+(?:ever\s+)?(?:hold|stop|block|keep)\w*\s+(?:your\s+|the\s+|back\s+|in\s+)*breath\w*|\b(?:breathe|breathing)\s+(?:on|freely|evenly|quietly|calmly|normally|steadily)\b|\bkeep\w*\s+(?:on\s+)?breathing\b|\bbreath\s+(?:moving|between|after|before|flows|goes\s+on|keeps\s+flowing|runs\s+on|stays\s+free)"
            )
        ),
        new(
            "breath-hold",
            "A breath-hold",
            SafetyVerdict.Caution,
            "holds the breath",
            "Breathe on during effort; screen for blood pressure, heart, epilepsy and panic first.",
            [
                F(
                    @"\b(?:hold|holding|keep|keeping|stop|stopping|suspend|pause|retain)\w*\s+(?:in\s+)?(?:your\s+|the\s+)?(?:breath|breathing)\b|\bbreath-?\s?(?:hold|retention)\w*\b|\bwith\s+(?:the\s+|your\s+)?(?:held\s+breath|breath\s+held)\b|\bwithout\s+breathing\b"
                ),
            ],
            F(
                @"\byou(?:'re|\s+are|\s+may\s+be|\s+have\s+been)\s+(?:probably\s+|surely\s+)?holding\s+(?:your|the)\s+breath\s*$|\bkeep\w*\s+(?:your\s+|the\s+)?(?:breath|breathing)\s+(?:flowing|going|free|calm|even|slow|soft|quiet|easy|steady|regular|light|gentle|deep|long|on|through|in\s+the|moving|natural)\w*|\bkeep\s+breathing|\bkeep\s+the\s+breath\b[^.;]{0,20}\b(?:flow|free|calm|even|slow)"
            )
        ),
        new(
            "at-the-wheel",
            "Eyes or hands busy at the wheel",
            SafetyVerdict.Stop,
            "is done while driving or at a machine",
            "Only seated, with nothing else to watch.",
            [
                F(
                    @"\b(?:while|when|whilst|during|as)\s+(?:you(?:'re|\s+are)?\s+)?(?:still\s+)?(?:(?:on|at)\s+(?:the|your)\s+)?(?:driv\w+|cycl\w+|biking|riding\s+(?:a|your|the)\s+\w+|steering|(?:at|behind)\s+the\s+(?:steering\s+)?wheel|(?:working|operating|using|running)\s+(?:a\s+|the\s+|heavy\s+|power\s+)?(?:machine\w*|saw|tools?\s+with)|climbing\s+(?:the\s+)?(?:stairs|ladder)|crossing\s+(?:the|a)\s+(?:street|road)|on\s+a\s+ladder|on\s+the\s+(?:motorway|highway))"
                ),
                F(
                    @"\b(?:at|behind)\s+the\s+(?:steering\s+)?wheel\b|\bat\s+(?:a|the|every|each|any)?\s*(?:red|traffic|stop)\s*-?lights?\b|\bin\s+(?:the|your|a|heavy|slow|city)?\s*(?:car|traffic|van|lorry|truck)\b[^.;]{0,25}?\b(?:while|as\s+you|on\s+the\s+way|during|jam|to\s+work|commut\w+|wait\w*)|\b(?:on|during)\s+(?:the|your|a|every|long)\s+(?:drive|commute\s+by\s+car|car\s+(?:ride|journey)|motorway|highway)\b|\bin\s+(?:a\s+)?traffic\s+(?:jam)?|\bwhile\s+(?:waiting\s+)?in\s+traffic|\bone\s+hand\s+on\s+the\s+(?:steering\s+)?wheel|\bdriving\s+(?:is\s+a\s+good|time|to\s+work)|\bon\s+the\s+bike\b"
                ),
            ],
            F(
                @"\bpassengers?\b|\blights?\s+(?:down|off|low|out)\b|\b(?:before|after|until)\s+(?:(?!minutes?\b|hours?\b|miles?\b|while\b)\w+\s+){0,3}(?:driv\w+|riding|cycling|mowing|ride|drive|commute|getting\s+behind)|\bparked\b|\bpark\s+first|^(?:(?:at|in|on)\s+(?:the|a|every)\s+(?:\w+\s+){1,2})?(?:both|your|the)\s+hands?\s+(?:belong|stay|remain|rest|are)\s+(?:to|on|at)\s+the\s+(?:steering\s+)?(?:wheel|handlebars?)\b\s*(?:$|,\s*so\b)"
            )
        ),
        new(
            "bruise",
            "A mark or numbness as a goal or a proof",
            SafetyVerdict.Stop,
            "takes a bruise, a welt, strong redness or numbness for a goal or a proof",
            "Light pink that fades within minutes is the end; no mark is a goal.",
            [
                F(
                    @"^(?:if|when|as\s+long\s+as)\s+(?:nothing|nobody|no\s+\w+)\s+(?:is|gets|was)\s+(?:bruised|marked|blue)\b[^.;]*\b(?:too\s+(?:soft|light|timid|gentle|weak|careful)|not\s+(?:deep|hard|enough)|harder|deeper)\b"
                ),
                F(
                    $@"\b(?:until|till|so\s+(?:hard\s+)?that|hard\s+enough|goal|aim\w*|should|want\w*|must|has\s+to|have\s+to|needs?\s+to|look\s+for|wait\s+for|welcome|strive|expect\w*|hope\s+for|enough\s+to|go\s+for|leave\w*|may|to\s+the\s+point)\b[^.;]{{0,45}}?{Mark}"
                ),
                F(
                    $@"{Mark}\b[^.;]{{0,30}}?\b(?:is|are|means?|shows?|proves?|tells?|just|only|simply|belongs?|will|prove|come\s+with|count\s+as|indicates?|signals?)\b[^.;]{{0,35}}?\b(?:normal|good|fine|proof|wanted|welcome|works?|worked|working|sign|success\w*|expected|ok(?:ay)?|part\s+of|the\s+(?:goal|aim|point|idea)|harmless|nothing\s+to\s+worry|heal\w*|tox\w+|detox\w*|right|enough|deep\s+enough|natural|circulation|stagnation|releas\w*|progress|reached|desired|effective|badge|pride)\b"
                ),
                F(
                    $@"\b(?:don't|do\s+not|never|no\s+need\s+to)\s+(?:\w+\s+)?(?:worry|mind|fear|be\s+(?:afraid|alarmed|scared|shocked)|stop|care|let)\w*\b[^.;]{{0,40}}?{Mark}|\b(?:proud\s+of|badge\s+of\s+honou?r|proof\s+that|proof\s+of|prov\w+\s+(?:by|with)|sign\s+that|sign\s+of|no\s+harm\s+in|normal\s+(?:to|that|if)|fine\s+(?:to|if|when)|ignore|accept|never\s+mind|good\s+(?:if|when|to))\b[^.;]{{0,30}}?{Mark}"
                ),
                F(
                    $@"\b(?:more|darker|redder|bigger|bluer)\b[^.;]{{0,20}}?(?:{Mark}|\bred\w*|\bmarks?)?[^.;]{{0,20}}?\bthe\s+better|\bthe\s+(?:redder|darker|bluer|more\s+(?:bruis\w*|red|marks?))\b"
                ),
            ],
            F(
                @"\b(?:if|who|people|those|persons?|clients?|anyone|anybody|skin\s+that)\b[^.;]{0,30}\bbruis\w+\s+easily|\b(?:light|lightly|faint|faintly|soft|softly|slight|slightly|rosy|pale|warm)\s+(?:pink|rosy|flush\w*)"
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
                    @"\b(?:clench|bit(?:e|ing)|grind|gnash|press|squeez|clamp|lock|push|grit)\w*\b[^.;:]{0,35}?\b(?:jaws?|teeth|molars|together|down)\b[^.;:]{0,35}?\b(?:as\s+(?:hard|strong\w*|tight\w*|firmly|forcefully)\s+as|with\s+(?:all|full|maximum|maximal|the\s+greatest|every\s+ounce|your\s+whole|total|great)\b|hard|forceful\w*|(?:at|to)\s+(?:the\s+)?(?:max\w*|full)|full\s+(?:force|power|strength)|max\w*|violently|until)"
                ),
                F(
                    @"\b(?:clench|bit(?:e|ing)\s+(?:down|together)?|grind)\w*\s+(?:\w+\s+){0,2}?(?:as\s+(?:hard|tight\w*|strong\w*|firmly)\s+as|with\s+(?:all|full|max\w*|every|your\s+whole)|hard|forceful\w*|maximal\w*)\b|\b(?:all|full|max\w*|every\s+ounce\s+of)\s+(?:your\s+|the\s+)?(?:force|strength|power)\b[^.;:]{0,30}?\b(?:jaws?|teeth|bite|molars|clench\w*)|\bhard\s+clench|\b(?:teeth|jaws?)\s+(?:clenched|together|pressed)\s+(?:\w+\s+){0,2}(?:as\s+hard\s+as|with\s+(?:all|full)|hard|at\s+full)"
                ),
                F(
                    @"\b(?:crack|pop|snap|click|crunch|dislocat)\w*\s+(?:(?:out|back|in)\s+)?(?:(?:the|your|their)\s+)(?:jaws?|jaw\s+joints?|joints?\s+of\s+the\s+jaw|lower\s+jaw)\b|\b(?:jaws?|joint)\b[^.;:]{0,30}?\b(?:until|so\s+that|till|to\s+make|should|must|has\s+to|let)\b[^.;:]{0,20}?\b(?:cracks?|pops?|snaps?|clicks?|crunch\w*|gives\s+way|locks?)"
                ),
                F(
                    $@"\b(?:forc|yank|wrench|jerk|thrust|lever|pry|prise|prising|pull|push|ram|shov)\w*\s+(?:(?:hard|firmly|open|sharply)\s+)*{The}(?:lower\s+)?(?:jaw|mouth|chin|mandible)\b[^.;:]{{0,35}}?\b(?:open|sideways|to\s+the\s+(?:side|left|right)|further|farther|beyond|past|wide\w*|limit|end|hard|as\s+far\s+as|out\s+of|by\s+force|with\s+(?:force|both\s+hands|all))|\b(?:open|stretch)\w*\s+{The}(?:mouth|jaw)\b[^.;:]{{0,35}}?\b(?:beyond|past|by\s+force|forcibly|until\s+(?:it|the)\s+(?:\w+\s+)?(?:cracks?|clicks?|pops?|hurts?|locks?)|wider\s+than|with\s+(?:all|full)\s+(?:your\s+)?(?:force|strength))"
                ),
            ],
            F(
                @"\b(?:if|when|where|should)\s+(?:the|your|a|it)?\s*(?:jaw|joint)?\s*(?:clicks?|cracks?|pops?|locks?)\b[^.;]{0,40}\b(?:smaller|stop|less|dentist|leave|rest|ask|see|skip|pause)|\bas\s+far\s+as\s+(?:it\s+(?:goes|will\s+go|opens)\s+)?(?:comfort\w*|easily|freely|without|is\s+easy)|\bwithout\s+(?:a\s+|any\s+)?(?:click|crack|pop|force|pain|sound|noise)"
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
                    $@"\b(?:push|press|put|insert|stick|shov|thrust|jam|stuff|slid|plug|pok|dig|go|plac|work|mov|driv|screw|twist|turn|reach|massag|circl|rub|blow|squirt|drip|drop|pour|introduc|guid|rotat|tap|wiggl|feed|bring)\w*\b{Near}(?:into|inside|in|deep\s+in(?:to)?|down)\s+{The}ears?(?:-?\s?(?:canals?|holes?|openings?|drums?|passages?))?\b(?:\s*$|\s*[,.;!?)]|\s+(?:and|with|until|as|to|for|while|then|where|so|deep\w*|gently|firmly|several|three|five|ten|far|by))"
                ),
                F(
                    @"\b(?:into|inside|in|down|against)\s+(?:the|your|each|both)\s+(?:ear\s*-?\s?(?:canals?|holes?|openings?|drums?|passages?)|auditory\s+canals?|inner\s+ears?)\b|\b(?:cotton\s+(?:buds?|swabs?)|ear\s+candles?|hairpins?|matchsticks?)\b[^.;:]{0,25}?\bears?\b|\b(?:pop|pump|unblock|suck)\w*\s+(?:the|your|both)\s+ears\b|\b(?:palms?|hands?|fingers?)\b[^.;:]{0,30}?\bears?\b[^.;:]{0,25}?\b(?:pump\w*|suction|vacuum|pop\b|popp\w+)"
                ),
            ],
            F(
                @"\b(?:behind|in\s+front\s+of|before|below|under|above|beside|around)\s+(?:the|your|each|both)\s+ears?\b[^.;]{0,3}$|\bpop\w*\s+(?:the|your)\s+ears\b[^.;]{0,20}\bstop"
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
                    $@"\b(?:{Press}|{Stroke})\b{Near}(?:over|on|across|through|onto|along|right\s+over|straight\s+over|directly\s+on|upon|into|at)\s+{The}{SkinWord}"
                ),
                F(
                    $@"\b(?:pull|stretch|tug|drag|mov|slid|shift)\w*\b[^.;:]{{0,20}}?\b(?:at|on|over|across|near|of)\s+{The}(?:(?:new|fresh|recent|open|red)\s+)+(?:scars?|stitch\w*|sutures?|wounds?|cuts?|incisions?)\b"
                ),
                F(
                    $@"\b(?:squeez|pop|burst|press\s+out|pick|scratch|scrap|scrub|rub|massag|knead|pinch|lanc|work\s+out|roll\s+out|work|treat|flatten|stroke|iron)\w*\s+(?:(?:out|off|open|away|gently|hard|firmly|down|well)\s+)*{The}(?:(?:any|all|small|little|old|new|first|red|dark)\s+)*{SkinWord}"
                ),
                F(
                    $@"(?:{SkinWord})\b[^.;:]{{0,30}}?\b(?:is\s+no\s+(?:reason|problem|obstacle)|are\s+no\s+(?:reason|problem|obstacle)|can\s+be\s+(?:massaged|kneaded|rubbed|worked|scraped|squeezed|rolled|stroked|pressed|included)|need\s+(?:extra|more|firm)|needs\s+(?:extra|more|firm)|massaged\s+away|heals?\s+faster\s+(?:if|when|with)|don't\s+matter|doesn't\s+matter|do\s+not\s+matter)"
                ),
                F(
                    @"\b(?:right|straight|directly|immediately|(?:on\s+)?the\s+(?:same\s+)?(?:day|evening|night)|a\s+day|an\s+hour|hours|just|soon)\s+(?:after|as|of)\s+(?:(?:the|your|a|an|any|fresh|new)\s+)*(?:filler\w*|botulinum\w*|injections?|peel\w*|laser\w*|needling|threads?|thread\s+lift|surgery|operation|waxing|tattoo\w*|extraction|tooth\s+extraction|face-?lift|treatment\s+with\s+(?:filler|needles)|micro-?needling)"
                ),
            ],
            F(
                @"\b(?:around|(?:beside|next\s+to)(?!\s+(?:the|your)\s+(?:nose|mouth|eyes?|ears?|lips?|chin|brows?)\b)|away\s+from|clear\s+of|out\s+of|past|round|leave|leaves|leaving|skip\w*|avoid\w*|spare|sparing|omit|except|until\s+(?:\w+\s+){0,3}(?:heal\w*|whole|closed|settled|gone)|once\s+(?:\w+\s+){0,3}(?:healed|released|closed)|healed|while\s+(?:\w+\s+){0,3}heals?|keep\s+(?:\w+\s+)?off|stay\s+off|ask\s+(?:a|the|your|whoever|first)|(?:weeks?|fortnight|months?|\d+\s+days)\s+after|after\s+(?:the\s+)?(?:release|all-clear)|doctor|clinician|at\s+a\s+distance)\b|\bpressure\s+spots?\b|\btender\s+spots?\b|\b(?:sore|tired|tight|stiff|tense)\s+(?:spots?|places?|muscles?|jaws?|necks?|shoulders?|eyes)\b"
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
                    @"\b(?:follow|track|chas)\w*\s+the\s+(?:sun|sunlight)\b|\b(?:look|gaz|star|glanc|focus|fix|fac|turn|open|hold|direct|blink|squint|peer|watch|train|expos|rais|lift)\w*\b[^.;:]{0,35}?\b(?:into|at|towards?|on|to|directly\s+at|straight\s+(?:at|into))\s+(?:the\s+|a\s+|bright\s+|midday\s+|low\s+|rising\s+|setting\s+|full\s+|direct\s+|glaring\s+|strong\s+|naked\s+)*(?:sun|sunlight|sun\s?rise|sun\s?set|sunshine|laser\s*\w*|(?:bright|strong|glaring|blinding|naked|halogen)\s+(?:lamp|light|bulb|beam|torch)|welding\s+\w+|flash(?:ing)?\s+lights?|strobe\w*|spotlight|headlights?)\b|\bsun\s?-?gaz\w+"
                ),
            ],
            F(
                @"\b(?:away\s+from|out\s+of|back\s+to)\s+the\s+sun|\b(?:sun|light|lamp)\s+(?:is\s+|comes\s+)?(?:from\s+)?behind\b|\bsun\s+on\s+(?:the|your)\s+(?:back|skin|hands)|\bback\s+(?:is\s+)?to\s+the\s+(?:sun|light)|\bas\s+if\b|\beyes\s+(?:half\s+)?(?:closed|shut)|\bclosed\s+eyes|\b(?:close|shut|cover|protect|shade)\s+(?:the|your)\s+eyes"
            )
        ),
    ];
}
