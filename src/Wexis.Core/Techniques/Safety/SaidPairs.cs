using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Safety;

/// <summary>Words that frames share, and the looser readings: pairs, mentions, hints (common practice, from memory).</summary>
internal static partial class SaidHazards
{
    private const RegexOptions Free = RegexOptions.IgnoreCase | RegexOptions.ExplicitCapture | RegexOptions.CultureInvariant;

    private static Regex F(string pattern) => new(pattern, Free);

    // Words that several frames share. Each list is closed on purpose: a word that is not there is not read.
    private const string The =
        @"(?:(?:the|your|his|her|their|its|a|an|any|both|each|every|that|this|of|own|partner's|client's|learner's|other|left|right)\s+)*";
    private const string Sign =
        @"(?:pain(?:s|ful)?|hurt(?:s|ing)?|ach(?:es?|ing)|sting(?:s|ing)?|burn(?:s|ing)?|throb(?:s|bing)?|tingl(?:e|es|ing|y)|pins[\s-]+and[\s-]+needles|numb(?:ness|ed|s)?|dizz(?:y|iness)|light-?headed(?:ness)?|woozy|giddy|giddiness|faint(?:s|ing|ness)?|pass(?:ing)?\s+out|black(?:s|ing)?[\s-]*outs?|short(?:ness)?\s+of\s+breath|breathless(?:ness)?|nause(?:a|ous)|sick(?:ness)?|flash(?:es|ing)?|stars?|sparks?|lights|spots?\s+before|doubl(?:e|es|ing)(?:\s+vision)?|see\s+double|blur(?:s|red|ry)?|headaches?|(?:dark|black|grey)\s+before|go(?:es)?\s+black|goes\s+dark|cramps?|palpitations?|heart\s+(?:races|pounds|flutters)|ears?\s+ring(?:s|ing)?|ringing|locks?|pulsing\s+pain|spinning|room\s+(?:spins|turns)|shooting|sensation\s+goes|feeling\s+(?:goes|is\s+gone|has\s+gone)|lose\s+(?:all\s+)?(?:the\s+)?feeling|no\s+(?:longer\s+)?feel(?:ing)?|nothing\s+(?:any\s*more|at\s+all)|dead)";
    private const string Press =
        @"(?:press(?:es|ed|ing)?|push(?:es|ed|ing)?|squeez(?:e|es|ed|ing)|rub(?:s|bed|bing)?|massag(?:e|es|ed|ing)|knead(?:s|ed|ing)?|pok(?:e|es|ed|ing)|dig(?:s|ging)?|squash(?:es|ed|ing)?|compress(?:es|ed|ing)?|lean(?:s|ed|ing)?|pinch(?:es|ed|ing)?|grip(?:s|ped|ping)?|grasp(?:s|ed|ing)?|grab(?:s|bed|bing)?|clasp(?:s|ed|ing)?|pump(?:s|ed|ing)?|bor(?:e|es|ing)|drill(?:s|ing)?|thumb(?:s|ing)?|tap(?:s|ped|ping)?\s+(?:hard|firmly)|work(?:s|ed|ing)?|drum(?:s|med|ming)?|vibrat(?:e|es|ed|ing)|circl(?:e|es|ing)|roll(?:s|ed|ing)?|clamp(?:s|ed|ing)?|(?:gentle|light|firm|strong|deep|steady|full|some|more|enough)?\s*(?:pressure|force|weight))";
    private const string Stroke =
        @"(?:strok(?:e|es|ed|ing)|glid(?:e|es|ed|ing)|sweep(?:s|ing)?|slid(?:e|es|ing)|iron(?:s|ing)?|scrap(?:e|es|ed|ing)|draw(?:s|n|ing)?|drag(?:s|ged|ging)?|go(?:es|ing)?|run(?:s|ning)?|wip(?:e|es|ing)|polish(?:es|ing)?|treat(?:s|ed|ing)?|cup(?:s|ped|ping)?|pass(?:es|ing)?|brush(?:es|ing)?|stimulat(?:e|es|ing)|smooth(?:s|ing)?|appl(?:y|ies|ying)|use|us(?:es|ing)|plac(?:e|es|ing)|put(?:s|ting)?|lay(?:s|ing)?|rest(?:s|ing)?|hold(?:s|ing)?|set(?:s|ting)?|suck(?:s|ing)?|mov(?:e|es|ing)|continu(?:e|es|ing)|repeat(?:s|ing)?|start(?:s|ing)?|bring(?:s)?|tak(?:e|es|ing))";
    private const string Near = @"\b[^.;:]{0,45}?\b";
    private const string LongBreath = "long-breath-hold";

    /// <summary>Signs at which a person stops, for the looser reading: only words that mean little else.</summary>
    private const string WarnedOf =
        @"\b(?:sharp\s+(?:pain\w*|sting\w*|feeling|ache)|stabbing|shooting\s+pain\w*|unbearable|tears(?!\s+(?:from|of\s+(?:joy|laughter)))|(?:no\s+longer|hardly|barely|cannot|can't)\s+(?:be\s+)?(?:bear|borne|stand|take)|pain(?:s|ful)?|hurt(?:s|ing)?|sting(?:s|ing)?|burn(?:s|ing)?|throb(?:s|bing)?|ache|tingl\w*|pins\s+and\s+needles|numb\w*|goes\s+dead|colou?rs|sight|falls\s+asleep|dizz\w*|light-?headed\w*|faint\w*|black\s+out|nause\w*|seasick|queasy|flashes|stars|sparks|double|blur\w*|headaches?|cramps?|palpitations|ears?\s+(?:rings?|buzz\w*)|ringing|(?:room|head|everything)\s+(?:spins|is\s+spinning|should\s+be\s+spinning|turns)|spinning|prickl\w*|(?:feels?\s+(?:nothing|no\s+more)\s+any\s*more)|little\s+lights|points\s+of\s+light|(?:black|dark|bright|dancing|silver)\s+(?:dots|spots|points|specks|patches)|heart\s+(?:pounding|racing|hammering|pound|race|hammer)|(?:cannot|can't|no\s+longer|can\s+no\s+longer)\s+feel|no\s+feeling|loss\s+of\s+feeling|dead|aches?|aching|sore(?:ness)?|agony|tears?\s+(?:come|run)|goes\s+black|blackness|vision\s+(?:goes|fades|narrows)|trembling\s+with\s+pain|heart\s+(?:races|pounds|stumbles)|breathless|out\s+of\s+breath|suffer\w*|scream\w*|cry(?:ing)?|torture|twinges?|pangs?|whimper\w*|winc(?:e|es|ing)|groan\w*|moan\w*|sob(?:s|bing)?|gasp\w*|eyes?\s+waters?|tears\s+in|smart(?:s|ing)\s+(?:and|badly|like)|hammering|retch\w*|gag(?:s|ging)?|vomit\w*|suffocat\w*|unwell|stagger\w*|sways?|wobbly|(?:dark(?:ness)?|black(?:ness)?)\s+before|grey\s+before|bites?\s+like|(?:hand|arm|face|finger|leg|lip|cheek)s?\s+(?:go|goes|fall|falls)\s+(?:to\s+sleep|asleep)|(?:you|anyone|one|they)\s+can\s+(?:bear|stand|take|endure|tolerate))\b";
    private const string GoingOn =
        @"\b(?:keep\w*\s+(?:breathing|on|going|circling|at|holding|pressing|pushing|the)|continu\w*|carry(?:ing)?\s+on|go(?:ing)?\s+on|finish\w*|hold(?:ing)?\s+(?:out|on\s+(?:until|till|for|and|through|despite)|on$)|tough\w*|stick\w*\s+(?:with|it)|see\s+it\s+through|stay\w*\s+(?:there|with|in|on|put)|lov(?:e|ing)\s+(?:the|it|your)|reward\w*|proof|prov\w+|normal|natural|sign\s+(?:that|of)|means\s+(?:you|that|it|the)|doing\s+(?:it\s+right|well)|right\s+(?:spot|place|point|depth)|have\s+found|goal|aims?|aiming|we\s+want|wanted|(?:stop|let\s+go|release|pause|end)\s+only|only\s+(?:stop|let\s+go|release|when|then|once|end|pause)|harder|deeper|more\s+(?:force|pressure)|increas\w*|in\s+spite\s+of|despite|even\s+though|although|no\s+matter|past\s+the|through\s+the|welcome|enjoy\w*|right\s+when|correct|where\s+the\s+change|looking\s+for|will\s+get\s+less|have\s+reached|(?:press|push|go\s+on|carry\s+on|work)\s+as\s+usual|urge\s+to\s+stop|when\s+it\s+grows|stronger|until|till|as\s+(?:hard|firm\w*|long|deep\w*|much|strong\w*|far)\s+as|ignor\w*|simply|barrier|should\s+feel|is\s+good|are\s+good|fine|harmless|for\s+(?:beginners|the\s+weak|cowards)|that\s+is\s+how|that's\s+how|shows?\s+(?:that|you)|tells\s+you|is\s+right|(?:look\s+at|enjoy|admire|watch)\s+them|just\s+(?:keep|go|carry|breathe|let)|good\s+sign|so\s+hard|has\s+let\s+go|press\s+(?:a\s+(?:little|bit)\s+)?(?:more|on|harder)|push\s+on|belongs?\s+to|part\s+of|friend|ally|what\s+(?:we|you)(?:'re)?\s+(?:are\s+after|want|need|after)|nothing\s+special|renew\w*|all\s+right|disturb|another|results?|should\s+(?:be|get|become|turn|go)|keep\s+(?:the|up)|keep\s+\w+ing|(?:one|two|three|four|five|ten|twenty|some|a\s+few)\s+more|once\s+more|another\s+(?:round|set|ten|minute)|let\s+it|brave\w*|courage|coward|trust|will\s+pass|passes\s+(?:soon|with)|get\s+used|used\s+to\s+it|adapts?|celebrat\w*|never\s+give|give\s+in|give\s+up|is\s+the\s+(?:point|key|way|price)|the\s+price\s+(?:of|for)|needs?\s+to|has\s+to|must|rejoice|excellent|perfect|great|success\w*|works\s+best|best\s+effect|helps|heals|releases?|leaves\s+the\s+body|toxins?|awaken\w*|wak(?:es?|ing)\s+up|progress\w*|so\s+\w+\s+that|pay\s+no|nothing\s+but|the\s+last\s+\w+\s+with|merely|slowly\s+turns?|turns?\s+into|before\s+(?:the|it)|too\s+(?:soft|light|gentle|careful)|(?:starts?|begins?)\s+there|learn\w*\s+to|belongs|take\s+it\s+as|earn\w*|deserv\w*|bite\s+(?:your|the)\s+(?:lip|teeth)|through|you\s+want\s+to|will\s+(?:not\s+)?see)\b";

    /// <summary>"Cup the palms": hands are shaped, no cup is taken up.</summary>
    private const string OfPalms = @"\s+(?:(?:the|your|both|warm)\s+)*(?:palms?|hands?)\b";
    private const string AnyTool =
        $@"\b(?:tools?|stones?|rollers?|cups?(?!{OfPalms})|cupping|spoons?|suction|vibrating|wand|edge\s+of|combs?|scrapers?|blade)\b";
    private const string Mark =
        @"\b(?:bruis\w*|welts?|blood\s*-?spots?|blood\s+(?:comes|shows|rises|appears)|bleed\w*|black\s+and\s+blue|(?:deep|dark|bright|strong\w*|fiery|beetroot|crimson|scarlet|really|very|intense\w*|angry|properly)[\s-]+(?:red\w*|purple|blue)|red\s+(?:as|like)\s+\w+|purple|crimson|scarlet|violet|petechia\w*|raw|swollen|swelling|swells|numb\w*|scabs?|blister\w*|broken\s+(?:\w+\s+)?veins?|burst\s+(?:veins?|vessels?)|haematomas?|hematomas?|blue\s+(?:marks?|spots?)|dark\s+(?:marks?|spots?)|red\s+(?:streaks?|stripes?|lines?)|glow(?:s|ing)?\s+red|no\s+longer\s+feel\w*|redness\s+(?:for|that\s+(?:lasts|stays))\b|(?:clear|visible|lasting|strong)\s+marks|(?:until|till|so\s+that)\b[^.;]{0,40}\b(?:tears?|rips?|splits?)\b|(?:dark|black|red|blue|purple)\s+(?:\w+\s+)?(?:ring|circle|patch|disc|print)\w*|(?:skin|face|cheek|spot|place|neck)s?\s+(?:\w+\s+)?(?:is|are|turns?|goes?|becomes?|gets?|looks?)\s+(?:\w+\s+)?(?:blue|dark|black|purple|violet|fiery|blotchy|marked)|a\s+mark\s+(?:stays|remains|is\s+left)|marks\s+(?:that\s+)?(?:stay|last|remain|for\s+days))";

    private const string SkinWord =
        @"\b(?:(?:broken|cracked|open|infected|inflamed|weeping|sunburn(?:ed|t)?|burn(?:ed|t)|raw|bleeding|irritated|itchy|flaking|fresh(?:ly)?|new(?:ly)?|recent(?:ly)?|healing|unhealed|stitched|festering|swollen|thick|bulging|enlarged|knotted|varicose|spider|crusted|blistered|grazed|raised|dark|purulent|weepy|sore|peeling|active|shingles)[\s,-]+(?:\w+[\s,-]+){0,2}?(?:skin|scars?|wounds?|cuts?|sores?|spots?|pimples?|acne|rash\w*|eczema|moles?|veins?|patch\w*|area|places?|injections?(?:\s+\w+)?|injected\s+\w+|treated\s+\w+|peeled\s+\w+|tattoos?|lasered\s+\w+|waxed\s+\w+|fillers?|piercings?|filled\s+\w+|threads?|stitches|surgery|incisions?|blisters?|boils?|lesions?|stubble\s+cuts|lips?|cheeks?|face|nose|forehead|chin|neck|ears?|scalp|temples?|eyes?\s+corners?|grazes?|glands?|nodes?|bumps?)|(?:area|place|spot|zone|part)s?\s+(?:that|which)\s+(?:was|were|has\s+been|have\s+been)\s+(?:\w+\s+)?(?:injected|treated|operated|lasered|peeled|filled|stitched)|sunburns?|wounds?|cuts|(?:the|a|any|small|open|fresh)\s+cut|stitches|sutures|cold\s+sores?|herpes|boils?|pustules?|pimples?|blackheads?|zits?|acne|rashes|rash|eczema|moles?|birthmarks?|warts?|varicose\s+veins?|spider\s+veins?|varices|lumps?|scars?\s+(?:while|that\s+(?:is|are)|as\s+long\s+as\s+it\s+is)\s+(?:still\s+)?(?:red|fresh|new|open|pink|soft)|(?<=squeeze\s+the\s)spots|spots\s+to\s+(?:open|burst|empty|squeeze|clear)\w*|open\s+sores?|ulcers?|abscess(?:es)?|impetigo|shingles|blisters?|injection\s+(?:sites?|points?|marks?)|scabs?|styes?|freshly\s+\w+|sores|psoriasis)\b";

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
                    @"\b(?:suddenly\s+(?:droops?|hangs?|sags?)|(?:droops?|hangs?|sags?|drooping|hanging)\s+(?:suddenly|today|overnight|since|on\s+one\s+side)|slurred(?:\s+\w+)?|chest\s+pains?|fever)\b"
                ),
                F(
                    @"\b(?:train\w*|massag\w*|exercis\w*|work\w*|practis\w*|knead\w*|rub\w*|strok\w*|does\s+good|do\s+good|helps?|is\s+fine|carry\s+on|go\s+on|continu\w*|drainage)\b"
                )
            ),
        ],
        ["hz-globe"] =
        [
            new(
                F(
                    @"\b(?:eye-?balls?|globes?|cornea|orbits?|(?:eye\s+)?sockets?|behind\s+the\s+eyes?|into\s+the\s+(?:eye\s+)?sockets?|in\s+the\s+(?:eye\s+)?sockets?|back\s+of\s+the\s+eyes?|under\s+the\s+(?:rim|brow\s+bone))\b"
                ),
                F(
                    @"\b(?:fingers?|fingertips?|thumbs?|knuckles?|press\w*|push\w*|pump\w*|drum\w*|lean\w*|knead\w*|rub\w*|massag\w*|squeez\w*|pressure|weight|pok\w*|dig\w*|shift\w*|travels?|sink\w*|reach\w*|slid\w*|slip\w*|lift\w*|glid\w*|strok\w*)\b"
                )
            ),
            new(
                F(
                    @"\beyes\s+(?:are|get)\s+(?:\w+\s+)?(?:pressed|pushed|massaged|kneaded|rubbed)|eyes\s+(?:sink|rest|lie|press|lean)\s+(?:on|onto|into|against)\s+(?:the|your)\b"
                ),
                F(@"\b(?:fingers?|thumbs?|palms?|hands?|inwards?|back|firmly|hard|gently)\b")
            ),
            new(
                F(@"\b(?:contact\s+)?lens(?:es)?\b"),
                F(
                    @"\b(?:push|shift|move|slid|mov|rub|massag|press|roll|circl)\w*\s+(?:the\s+|your\s+|a\s+)?(?:contact\s+)?lens|under\s+the\s+(?:upper\s+|lower\s+|closed\s+)?lids?\b"
                )
            ),
            new(
                F(@"\b(?:on|onto|over|against|into|upon)\s+(?:(?:the|your|both|each|closed|shut|open)\s+)*eyes?\b"),
                F(
                    @"\b(?:firm|circles?|fingers?|fingertips?|thumbs?|knuckles?|fists?|heels?\s+of\s+the\s+hand|press(?:es|ing)?|push(?:es|ing)?|pump\w*|drum\w*|lean\w*|knead\w*|rub\w*|massag\w*|pressure|poke)\b"
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
                    @"\b(?:on|onto|over|across|along|at|to|against)\s+(?:(?:the|your|both|each|upper|lower|closed|shut|whole)\s+)*(?:eyes?|lids?|eye-?lids?|lash(?:es|\s+line)?)\b"
                )
            ),
        ],
        ["hz-larynx"] =
        [
            new(
                F(
                    @"\b(?:larynx|wind-?pipe|voice\s?box|adam'?s\s+apple|trachea|thyroid|hyoid|tongue\s+bone|(?:little|small)\s+bone\s+(?:above|over)\s+the\s+(?:larynx|throat|voice\s?box)|(?:hollow|pit|base|notch)\s+(?:of|in)\s+(?:the|your)\s+throat|throat\s+(?:hollow|pit)|notch\s+above\s+the\s+breastbone|middle\s+of\s+(?:the|your)\s+(?:throat|neck)|centre\s+of\s+(?:the|your)\s+(?:throat|neck)|(?:pit|hollow)\s+(?:above|over)\s+the\s+breastbone)\b"
                ),
                F(
                    @"\b(?:press\w*|push\w*|pump\w*|lean\w*|knead\w*|rub\w*|massag\w*|squeez\w*|squash\w*|pressure|poke|dig|shift\s+it|shift|grip|grab|grasp|clasp|strong|force|chok\w*|pinch\w*|work|stimulate|thumbs?|(?:hook|pull|drag|tug)\w*|between\s+(?:two|the|thumb)|firm\w*|hard|deep\w*|roll\w*|move\s+it|pull\w*)\b"
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
                    @"\b(?:between\s+(?:finger|thumb|the\s+(?:finger|thumb))\w*|with\s+the\s+(?:fist|knuckles?)|(?:press|push|poke|jab|prod)(?:es|ed|ing)?|grip\w*|grasp\w*|squeez\w*|clasp\w*|pinch\w*|knead\w*|dig\w*|firm\s+(?:pressure|strokes?)|deep\s+(?:pressure|strokes?)|compress\w*|hard|firmly|strongly|(?:both|two)\s+thumbs|forcefully|with\s+force)\b"
                )
            ),
        ],
        ["hz-carotid"] =
        [
            // The place itself, by what is felt there.
            new(
                F(
                    @"\b(?:where|until|till)\s+(?:you|one)\s+(?:can\s+)?(?:feel|find)\s+(?:the|a|your)\s+(?:\w+\s+)?(?:beat\w*|pulse|artery)\b"
                ),
                F(@"\b(?:press\w*|push\w*|sink\w*|thumbs?|dig\w*|lean\w*|squeez\w*|compress\w*|knead\w*)\b")
            ),
            new(
                F(
                    @"\b(?:carotids?|jugulars?|arter(?:y|ies)|neck\s+pulses?|at\s+the\s+pulse|the\s+pulse\s+(?:on|at|of)\s+both\s+sides|(?:both|the|beating)\s+pulses?|pulses?\s+(?:of|in|at)\s+the\s+neck|(?:both|either|each)\s+sides?\s+of\s+the\s+neck|blood\s+in\s+the\s+neck)\b"
                ),
                F(
                    @"\b(?:press\w*|push\w*|lean\w*|knead\w*|rub\w*|massag\w*|squeez\w*|pressure|compress\w*|stop\s+the\s+blood|grip|grab|clasp|pinch\s+off|pinch\w*|block\w*|hold\w*|stimulat\w*)\b"
                )
            ),
            new(
                F(
                    @"\b(?:left\s+and\s+(?:the\s+)?right|both|right\s+and\s+(?:the\s+)?left)\s+(?:sides?|halves)\s+of\s+(?:the|your)\s+(?:neck|throat)\b"
                ),
                F(@"\b(?:knead\w*|press\w*|squeez\w*|deep\w*|firm\w*|hard|grip\w*|clasp\w*|compress\w*|pinch\w*)\b")
            ),
            new(
                F(@"\b(?:neck|throat)\b"),
                F(
                    @"\b(?:squeez|compress|pinch|press|clamp|clasp|grip|grasp)\w*\s+(?:\w+\s+)?both\s+sides\b|\b(?:both|two)\s+hands\b[^.;]{0,40}\b(?:squeez|compress|pinch|grip|grasp|clasp|clamp|tighten)\w*|\b(?:squeez|compress|grip|grasp|clasp|clamp|tighten)\w*\b[^.;]{0,40}\b(?:both|two)\s+hands\b|\b(?:clamp|squeez|clasp|press)\w*\b[^.;]{0,25}\bbetween\s+(?:both|two|the)\s+(?:palms|hands|fists)|\bwrap\w*\b[^.;]{0,40}\b(?:squeez|press|tighten|pull)\w*|\b(?:encircl|strangl|throttl)\w*|\b(?:squeez|compress|press|pinch|clamp)\w*\b[^.;]{0,40}\b(?:on|from|at)\s+both\s+sides\b|\bcrook\s+of\s+(?:the|your|an)\s+(?:arm|elbow)|\bring\s+of\s+(?:the\s+)?(?:hands|fingers)"
                )
            ),
            new(
                F(
                    @"\b(?:the|your)\s+(?:neck|throat)\s+from\s+both\s+sides\b|\b(?:either|each|both)\s+sides?\s+of\s+(?:the|your)\s+(?:neck|throat|wind-?pipe|larynx)\b"
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
                    @"\b(?:fully\s+round|twist(?:s|ed|ing)?|wrench\w*|yank\w*|jerk(?:s|ed|ing)?|snap(?:s|ped)?|crank\w*|thrust\w*|whip\w*|crack(?:s|ed)?|swing(?:s)?\s+it|by\s+force|with\s+force|forcibl\w+|as\s+hard\s+as|past\s+the\s+point|harder|chin\s+to\s+the\s+shoulder\s+with|stretch\s+it\s+(?:up|out)\w*|as\s+far\s+as\s+it\s+(?:will|can|goes)|pulled|tugged|hauled|circle\w*\s+(?:fully|completely)|full\s+circles?|big\s+loops|loops|(?:turns?|goes|bends?)\s+(?:further|farther|more)|(?:push|press|turn|bend|lever|pull)\w*\b[^.;]{0,30}\b(?:further|farther|a\s+bit\s+more|harder)|until\s+(?:it|something)\s+(?:stops|gives|clicks|cracks|pops|will\s+not|cannot|can't|won't)|(?:turn|rotat|tilt|bend|nod|shak|roll|circl)\w*\s+(?:it\s+|the\s+head\s+)?(?:quickly|fast|suddenly|sharply|abruptly|violently|vigorously)|(?:quick|fast|sudden|sharp|abrupt|violent|vigorous)(?:ly)?\s+(?:turn|rotat|tilt|bend|shak|circl|push|pull|jolt)\w*|beyond\s+(?:its|the|where)|past\s+(?:its|where)|(?:over|off)\s+the\s+edge|shake\s+(?:it|the\s+head)|natural\s+end|stopping\s+point|over\s+the\s+end)\b"
                )
            ),
        ],
        [LongBreath] =
        [
            new(
                F(@"\b(?:breath|breathing|breathe|inhale|exhale|lungs|air)\b"),
                F(
                    @"\b(?:as\s+long\s+as\s+you\s+can|hold\w*\s+(?:it|and\s+(?:press|tense|push|squeeze))|lock\w*|stop\s+it|(?:on|in|with|within)\s+(?:a|one)\s+(?:single\s+)?(?:breath|lungful)|block\w*|one\s+breath\s+held|held\s+in|without\s+letting|(?:do\s+not|don't|never)\s+let\s+(?:it|any|the\s+air)|let\s+no|nothing\s+out|breath\s+in\s+until|(?:do\s+not|don't|never)\s+exhale|keep\s+the\s+breath\s+in|no\s+breathing|full\s+and|strain\w*|turn\s+red|until\s+you\s+(?:turn|see|are|need))\b"
                )
            ),
            new(F(@"\b(?:lips?|nose|mouth|nostrils?)\b"), F(@"\bstrain\w*\b")),
        ],
        ["at-the-wheel"] =
        [
            new(
                F(
                    @"\b(?:in\s+the\s+car|(?:the|your|every|long|a)\s+(?:\w+\s+)?drives?|steer\w*|at\s+the\s+lights|cruis\w+|driver'?s?\s+seat|motorway|highway|scooter|moped|motorcycles?|motorbikes?|handlebars?|as\s+you\s+(?:ride|drive|cycle)|cyclists?|steering\s+wheel|the\s+wheel|traffic|traffic\s+lights?|red\s+lights?|the\s+lights|driving|cycling|on\s+(?:your|the)\s+bike|ride\s+your\s+\w+|forklift|tractor|lawn-?mower|chain-?saw)\b"
                ),
                F(
                    @"\b(?:do|practis\w*|practic\w*|perfect|good|use|take|tak\w+|train\w*|close|squint\w*|massag\w*|tap\w*|every|exercise|drill|it\s+saves|circles?|squeez\w*|smile|look|hold|press\w*|fits?|ideal|time|great|suit\w*|turn\w*|repeat|goes\s+well|best|pass\w*|work\w*|try|enjoy)\b"
                )
            ),
        ],
        ["bruise"] =
        [
            new(
                F(Mark),
                F(
                    @"\b(?:only\s+when|good\s+result|result|sign\s+of|harmless|expect\w*|when\s+you\s+are\s+done|should\s+be|until|till|done\s+its\s+job|shows?\s+that|progress|proof|prov\w+|aim\w*|goal|target|welcome|part\s+of|so\s+hard|hard\s+enough|better|proud|normal|fine|badge)\b"
                )
            ),
        ],
        ["hz-tmj"] =
        [
            new(
                F(@"\b(?:teeth|jaws?|mouth|molars|bit(?:e|ing)|clench\w*|gnash\w*|grind(?:s|ing)?|chin|joint)\b"),
                F(
                    @"\b(?:gnash\w*|all\s+(?:your|the|his|her)\s+(?:might|force|strength|power)|max\w*\s+(?:effort|force|strength)|full\s+(?:force|strength|power)|so\s+hard\s+that|as\s+hard\s+as|with\s+all(?!\s+the\s+time)|a\s+pop|pops?\b|snap\w*|cracks?\b|cracking|yank\w*|wrench\w*|as\s+far\s+as\s+it\s+(?:can|will|goes)|until\s+the\s+(?:jaw\s+)?joint|with\s+the\s+fist|bulge\w*|by\s+force|violent\w*|(?:further|farther|wider)\b[^.;]{0,30}\bthan|both\s+hands\b[^.;]{0,30}\b(?:further|farther|wider|open)|until\s+(?:it|something)\s+(?:gives|cracks|clicks|pops))\b"
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
                    @"\b(?:screw\w*|fill\w*|plug\w*|insert\w*|cotton|swabs?|jiggl\w*|tip\s+of|vacuum|pump\w*|suction|hole|canal|deep|oil|drops?|poke|stick)\b"
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
                    @"\b(?:press\w*|rub\w*|massag\w*|knead\w*|squeez\w*|scrap\w*|glid\w*|roll\w*|strok\w*|work\w*|circles?|run|draw\w*|iron\w*|pinch\w*|go\s+over|polish\w*|brush\w*|stimulat\w*|pop|burst)\b"
                )
            ),
            new(
                F(
                    @"\b(?:after|following)\s+(?:(?:the|your|a|an|any|fresh|new|last|lip|cheek|chin|brow|forehead)\s+)*(?:filler\w*|botulinum\w*|injections?|peel\w*|laser\w*|needling|threads?|thread\s+lift|micro-?needling|face-?lift|tooth\s+extraction)\b"
                ),
                F(
                    @"\b(?:(?:the|that|same|next)\s+(?:day|evening|night|morning|afternoon)|straight|right|same|tonight|immediately|hours?|soon|next\s+(?:day|morning)|already|knead\w*)\b"
                )
            ),
            new(F(@"\bpus\b"), F(@"\b(?:press\w*|squeez\w*|work\w*|push\w*)\b")),
        ],
        ["sun"] =
        [
            new(
                F(
                    @"\b(?:sun|sunrise|sunset|torch|glaring\s+\w+|spotlight|headlights?|laser\s+pointer|floodlight|(?:a|the|bright|hot|desk|strong)\s+(?:lamp|bulb)|(?:a|bright|strong)\s+light(?!\s+(?:sweep|touch|stroke|hand|pressure|tap|pull|press|massage|pat|brush|smile|lift)))\b"
                ),
                F(
                    @"\b(?:look\w*|gaz\w*|star(?:e|es|ing)|fac(?:e|ing)|squint\w*|fix\w*|blink\w*|peer\w*|eyes\s+(?:wide\s+)?open|open\s+eyes|glanc\w*|train\w*|pupils?|watch\w*)\b"
                )
            ),
        ],
    };

    /// <summary>What is not mentioned in passing: a sign at which a person stops, a mark, the wheel, skin to be left alone.</summary>
    private static readonly IReadOnlyDictionary<string, Regex> Bare = new Dictionary<string, Regex>(StringComparer.Ordinal)
    {
        ["stop-sign"] = F(
            @"\b(?:pain(?:s|ful)?|hurt(?:s|ing)?|sting(?:s|ing)?|throb(?:s|bing)?|stitch|tingl\w*|prickl\w*|pins\s+and\s+needles|numb\w*|dizz\w*|gidd\w*|woozy|soreness|light-?headed\w*|faint(?:s|ing)?|stars\s+appear|burn(?:s|ing)?|ach(?:e|es|ing)|black(?:s|ing)?\s+out|nause\w*|seasick|queasy|feel\w*\s+(?:slightly\s+|a\s+little\s+|somewhat\s+)?sick|flashes|sees?\s+(?:stars|sparks|lights|double)|coloured\s+lights|double\s+vision|headaches?|cramps?|palpitations|(?:ears|the\s+ear|your\s+ear|head)\s+(?:may\s+|will\s+|might\s+)?(?:hums?|rings?|buzz\w*|spins?)|lost\s+all\s+feeling|jaws?\s+locks?|unbearable|stab(?:s|bing)|suffer\w*|endur\w*|beg(?:s|ging)?\s+(?:for|you)|merc(?:y|iless\w*)|pain-?killers?|tears\s+in\s+(?:the|your|their)\s+eyes|room\s+(?:\w+\s+){0,2}(?:turns?|spins?)|ouch|migraines?|it\s+pinches|(?:sight|vision|everything|view)\s+(?:\w+\s+)?(?:goes|turns|becomes|is|gets)\s+(?:grey|black|dark|narrow)|(?:see|sees|seeing)\s+(?:colou?rs|patterns|dots)|winc(?:e|es|ing)|whimper\w*|scream\w*|torture|agony|a\s+(?:little|bit)\s+(?:sick|faint|dizzy)|(?:pulls?|makes?|pulling|making)\s+a\s+face|sore\s+(?:jaw|face|neck|cheek|throat)s?|vomit\w*|retch\w*|unwell|collapse\w*|stagger\w*|shak(?:es?|ing)\s+with\s+(?:pain|effort))\b"
        ),
        ["bruise"] = F(
            @"\b(?:bruis\w*|welts?|blood\s*-?spots?|black\s+and\s+blue|(?:deep|dark|bright|blood)[\s-]+red|purple|(?:red|blue|dark|purple)\s+(?:dots|marks|spots|streaks|lines|rings?|patches)|swollen|raw\s+skin|bleed\w*|blood\s+(?:comes|shows|seeps|drops?)|blister\w*)\b"
        ),
        ["at-the-wheel"] = F(
            @"\b(?:in\s+(?:the|your)\s+car|(?:on|with)\s+(?:the|your|a)\s+(?:bicycle|bike|scooter|motorbike|moped)|steering|at\s+the\s+wheel|traffic|while\s+(?:you\s+)?driv\w+|steer\s+with|motorway|highway|on\s+the\s+wheel|mowing|the\s+lawn-?mower|long\s+drives?|at\s+every\s+bend|chain-?saw)\b"
        ),
        ["hz-ear-canal"] = F(
            @"\b(?:ear\s?buds?|cotton\s+(?:buds?|swabs?)|ear\s+canals?|inside\s+the\s+ears?|on\s+the\s+drum|ear\s?holes?|eardrums?)\b"
        ),
        ["sun"] = F(@"\b(?:look|watch|gaze|stare|face|eyes)\b[^.;]{0,40}\b(?:sun|sunlight)\b|\bsetting\s+sun\b|\brising\s+sun\b"),
        ["hz-vertebral"] = F(
            @"\b(?:head|neck)\b[^.;]{0,30}\b(?:beyond\s+its|past\s+its|by\s+force)\b|\bforc\w*\b[^.;]{0,30}\b(?:head|neck|ear\s+to\s+the\s+shoulder|chin\s+to)\b|\b(?:spin|whirl|swing|fling)\w*\s+(?:the|your)\s+(?:head|neck)\b"
        ),
        ["hz-tmj"] = F(
            @"\b(?:joint\s+(?:clicks|jumps)|with\s+everything\s+you\s+have|with\s+all\s+(?:your|the)\s+(?:might|force|strength))\b|\bforc\w*\b[^.;]{0,30}\b(?:mouth|jaws?|teeth)\b|\bjoint\s+(?:jumps|pops|cracks|snaps)\b|\bdislocat\w*"
        ),
        [LongBreath] = F(
            @"\b(?:bear(?:ing)?\s+down|without\s+(?:any\s+)?(?:air|oxygen)|airless|lungs?\s+(?:burns?|scream\w*)|no\s+(?:air|breath)\b|without\s+(?:once\s+)?(?:taking|drawing)\s+(?:a\s+)?breath|on\s+the\s+toilet|not\s+(?:once\s+)?breath(?:e|ing)|(?:seal|close|press)\w*\s+(?:the|your)\s+lips\b[^.;]{0,30}\bhold\b[^.;]{0,40}\b(?:twenty|thirty|forty|fifty|sixty|[2-9]\d)|(?:on|in|with)\s+(?:a|one)\s+single\s+breath|without\s+letting\s+(?:any\s+)?(?:air|the\s+air|breath))\b"
        ),
        ["hz-globe"] = F(@"\b(?:press|push|massage|rub|knead|hold)\s+(?:the|your|both)\s+eyes\b|\b(?:eye-?balls?|globes?|orbits?)\b"),
        ["hz-larynx"] = F(@"\b(?:larynx|wind-?pipe|voice\s?box|adam'?s\s+apple|trachea)\b"),
        ["hz-carotid"] = F(@"\b(?:carotids?|jugulars?|neck\s+arter\w+)\b"),
        ["skin"] = F(
            @"\b(?:moles?|birthmarks?|cold\s+sores?|open\s+(?:skin|cuts?|sores?)|broken\s+skin|fresh\s+(?:scars?|filler|stitches)|varicose\s+veins?|stitches|boils?|wounds?)\b"
        ),
    };

    /// <summary>A word without which a harm cannot be meant: most sentences are done with after these.</summary>
    private static readonly IReadOnlyDictionary<string, Regex> Hints = new Dictionary<string, Regex>(StringComparer.Ordinal)
    {
        ["stop-sign"] = F(
            @"ouch|migrain|pinch|a\s+face|collaps|shak|colou?r|sight|view|endur|mercy|killer|beg|ignor|overr|body|bruis|redness|marks|you\s+can|pain|hurt|ach|sting|burn|throb|twinge|pang|whimper|winc|groan|moan|sob|gasp|water|smart|hammer|retch|gag|vomit|suffocat|unwell|stagger|sway|wobbl|grey|sleep|bite|tingl|prickl|needles|numb|dizz|light|woozy|gidd|faint|black|naus|sick|queasy|flash|star|spark|doubl|blur|cramp|palpit|ring|hum|buzz|spin|feel|dead|stitch|lock|bear|sore|shoot|stab|droop|hang|sag|slur|fever|agony|tear|breathless|suffer|scream|torture|asleep|heart|dark|sensation|room|turns|signal|warning|signs|limit|symptom|alarm|cry"
        ),
        ["hz-globe"] = F(@"eye|globe|cornea|orbit|socket|rim|lens"),
        ["hz-lid-tool"] = F(@"lid|eye|lash"),
        ["hz-larynx"] = F(@"throat|wind-?pipe|larynx|voice|adam|trachea|thyroid|gullet|hyoid|tongue|airway|neck|notch|breastbone"),
        ["hz-carotid"] = F(@"neck|carotid|jugular|pulse|arter|throat|wind-?pipe|beat"),
        ["hz-vertebral"] = F(@"head|neck|face|skull|spine|vertebra|chin|traction|shoulder"),
        [LongBreath] = F(@"toilet|lips|breath|inhal|exhal|lung|air|strain|bear|nose|nostril"),
        ["breath-hold"] = F(@"breath"),
        ["at-the-wheel"] = F(
            @"mow|bend|driv|wheel|car|traffic|light|cycl|motorcycl|bik|bicycle|scooter|moped|ladder|stairs|machine|motorway|highway|steer|road|street|van|lorry|truck|tractor|saw|mower|forklift|commute|riding|ride|handlebar"
        ),
        ["bruise"] = F(
            @"bruis|welt|blood|bleed|black|red|purple|crimson|scarlet|violet|petechia|raw|swoll|swell|numb|tear|rip|split|scab|blister|vein|haematom|hematom|blue|mark|streak|dark|fiery|blotch"
        ),
        ["hz-tmj"] = F(@"everything\s+you\s+have|jaw|teeth|molar|bit|clench|grind|gnash|joint|mouth|chin|mandib"),
        ["hz-ear-canal"] = F(@"ear|cotton|auditory"),
        ["skin"] = F(
            @"skin|scar|wound|cut|sore|spot|pimple|acne|rash|eczema|mole|vein|injection|tattoo|filler|thread|stitch|surger|incision|blister|boil|lesion|herpes|pustule|blackhead|zit|wart|birthmark|ulcer|abscess|impetigo|shingle|scab|stye|psoriasis|sutur|burn|peel|laser|needl|extraction|lift|infect|inflam|weep|swoll|fresh|pus|graze|lump|gland|node|bump|botulin|operation|varic"
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
