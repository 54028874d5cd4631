using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Safety;

/// <summary>Words that frames share (common practice, from memory).</summary>
internal static partial class SaidHazards
{
    private const RegexOptions Free = RegexOptions.IgnoreCase | RegexOptions.ExplicitCapture | RegexOptions.CultureInvariant;

    private static Regex F(string pattern) => new(pattern, Free);

    // Words that several frames share. Each list is closed on purpose: a word that is not there is not read.
    private const string The =
        @"(?:(?:the|your|his|her|their|its|a|an|any|both|each|every|that|this|of|own|partner's|client's|learner's|other|left|right)\s+)*";
    private const string Sign =
        @"(?:pain(?:s|ful)?|hurt(?:s|ing)?|ach(?:es?|ing)|sting(?:s|ing)?|burn(?:s|ing)?|throb(?:s|bing)?"
        + @"|tingl(?:e|es|ing|y)|pins[\s-]+and[\s-]+needles|numb(?:ness|ed|s)?|dizz(?:y|iness)"
        + @"|light-?headed(?:ness)?|woozy|giddy|giddiness|faint(?:s|ing|ness)?|pass(?:ing)?\s+out|black(?:s"
        + @"|ing)?[\s-]*outs?|short(?:ness)?\s+of\s+breath|breathless(?:ness)?|nause(?:a|ous)|sick(?:ness)?"
        + @"|flash(?:es|ing)?|stars?|sparks?|lights|spots?\s+before|doubl(?:e|es|ing)(?:\s+vision)?|see\s+double"
        + @"|blur(?:s|red|ry)?|headaches?|(?:dark|black|grey)\s+before|go(?:es)?\s+black|goes\s+dark|cramps?"
        + @"|palpitations?|heart\s+(?:races|pounds|flutters)|ears?\s+ring(?:s|ing)?|ringing|locks?|pulsing\s+pain"
        + @"|spinning|room\s+(?:spins|turns)|shooting|sensation\s+goes|feeling\s+(?:goes|is\s+gone|has\s+gone)"
        + @"|lose\s+(?:all\s+)?(?:the\s+)?feeling|no\s+(?:longer\s+)?feel(?:ing)?|nothing\s+(?:any\s*more|at\s+all)"
        + @"|dead)";
    private const string Press =
        @"(?:press(?:es|ed|ing)?|push(?:es|ed|ing)?|squeez(?:e|es|ed|ing)|rub(?:s|bed|bing)?|massag(?:e|es|ed"
        + @"|ing)|knead(?:s|ed|ing)?|pok(?:e|es|ed|ing)|dig(?:s|ging)?|squash(?:es|ed|ing)?|compress(?:es|ed|ing)?"
        + @"|lean(?:s|ed|ing)?|pinch(?:es|ed|ing)?|grip(?:s|ped|ping)?|grasp(?:s|ed|ing)?|grab(?:s|bed|bing)?"
        + @"|clasp(?:s|ed|ing)?|pump(?:s|ed|ing)?|bor(?:e|es|ing)|drill(?:s|ing)?|thumb(?:s|ing)?|tap(?:s|ped"
        + @"|ping)?\s+(?:hard|firmly)|work(?:s|ed|ing)?|drum(?:s|med|ming)?|vibrat(?:e|es|ed|ing)|circl(?:e|es|ing)"
        + @"|roll(?:s|ed|ing)?|clamp(?:s|ed|ing)?|(?:gentle|light|firm|strong|deep|steady|full|some|more"
        + @"|enough)?\s*(?:pressure|force|weight))";
    private const string Stroke =
        @"(?:strok(?:e|es|ed|ing)|glid(?:e|es|ed|ing)|sweep(?:s|ing)?|slid(?:e|es|ing)|iron(?:s|ing)?|scrap(?:e"
        + @"|es|ed|ing)|draw(?:s|n|ing)?|drag(?:s|ged|ging)?|go(?:es|ing)?|run(?:s|ning)?|wip(?:e|es|ing)"
        + @"|polish(?:es|ing)?|treat(?:s|ed|ing)?|cup(?:s|ped|ping)?|pass(?:es|ing)?|brush(?:es|ing)?|stimulat(?:e"
        + @"|es|ing)|smooth(?:s|ing)?|appl(?:y|ies|ying)|use|us(?:es|ing)|plac(?:e|es|ing)|put(?:s|ting)?|lay(?:s"
        + @"|ing)?|rest(?:s|ing)?|hold(?:s|ing)?|set(?:s|ting)?|suck(?:s|ing)?|mov(?:e|es|ing)|continu(?:e|es|ing)"
        + @"|repeat(?:s|ing)?|start(?:s|ing)?|bring(?:s)?|tak(?:e|es|ing))";
    private const string Near = @"\b[^.;:]{0,45}?\b";
    private const string LongBreath = "long-breath-hold";

    /// <summary>Signs at which a person stops, for the looser reading: only words that mean little else.</summary>
    private const string WarnedOf =
        @"\b(?:sharp\s+(?:pain\w*|sting\w*|feeling|ache)|stabbing|shooting\s+pain\w*|unbearable"
        + @"|tears(?!\s+(?:from|of\s+(?:joy|laughter)))|(?:no\s+longer|hardly|barely|cannot"
        + @"|can't)\s+(?:be\s+)?(?:bear|borne|stand|take)|pain(?:s|ful)?|hurt(?:s|ing)?|sting(?:s|ing)?|burn(?:s"
        + @"|ing)?|throb(?:s|bing)?|ache|tingl\w*|pins\s+and\s+needles|numb\w*|goes\s+dead|colou?rs|sight"
        + @"|falls\s+asleep|dizz\w*|light-?headed\w*|faint\w*|black\s+out|nause\w*|seasick|queasy|flashes|stars"
        + @"|sparks|double|blur\w*|headaches?|cramps?|palpitations|ears?\s+(?:rings?|buzz\w*)|ringing|(?:room|head"
        + @"|everything)\s+(?:spins|is\s+spinning|should\s+be\s+spinning|turns)|spinning|prickl\w*"
        + @"|(?:feels?\s+(?:nothing|no\s+more)\s+any\s*more)|little\s+lights|points\s+of\s+light|(?:black|dark"
        + @"|bright|dancing|silver)\s+(?:dots|spots|points|specks|patches)|heart\s+(?:pounding|racing|hammering"
        + @"|pound|race|hammer)|(?:cannot|can't|no\s+longer|can\s+no\s+longer)\s+feel|no\s+feeling"
        + @"|loss\s+of\s+feeling|dead|aches?|aching|sore(?:ness)?|agony|tears?\s+(?:come|run)|goes\s+black"
        + @"|blackness|vision\s+(?:goes|fades|narrows)|trembling\s+with\s+pain|heart\s+(?:races|pounds|stumbles)"
        + @"|breathless|out\s+of\s+breath|suffer\w*|scream\w*|cry(?:ing)?|torture|twinges?|pangs?|whimper\w*"
        + @"|winc(?:e|es|ing)|groan\w*|moan\w*|sob(?:s|bing)?|gasp\w*|eyes?\s+waters?|tears\s+in|smart(?:s"
        + @"|ing)\s+(?:and|badly|like)|hammering|retch\w*|gag(?:s|ging)?|vomit\w*|suffocat\w*|unwell|stagger\w*"
        + @"|sways?|wobbly|(?:dark(?:ness)?|black(?:ness)?)\s+before|grey\s+before|bites?\s+like|(?:hand|arm|face"
        + @"|finger|leg|lip|cheek)s?\s+(?:go|goes|fall|falls)\s+(?:to\s+sleep|asleep)|(?:you|anyone|one"
        + @"|they)\s+can\s+(?:bear|stand|take|endure|tolerate))\b";
    private const string GoingOn =
        @"\b(?:keep\w*\s+(?:breathing|on|going|circling|at|holding|pressing|pushing|the)|continu\w*"
        + @"|carry(?:ing)?\s+on|go(?:ing)?\s+on|finish\w*|hold(?:ing)?\s+(?:out|on\s+(?:until|till|for|and|through"
        + @"|despite)|on$)|tough\w*|stick\w*\s+(?:with|it)|see\s+it\s+through|stay\w*\s+(?:there|with|in|on|put)"
        + @"|lov(?:e|ing)\s+(?:the|it|your)|reward\w*|proof|prov\w+|normal|natural|sign\s+(?:that|of)"
        + @"|means\s+(?:you|that|it|the)|doing\s+(?:it\s+right|well)|right\s+(?:spot|place|point|depth)"
        + @"|have\s+found|goal|aims?|aiming|we\s+want|wanted|(?:stop|let\s+go|release|pause|end)\s+only"
        + @"|only\s+(?:stop|let\s+go|release|when|then|once|end|pause)|harder|deeper|more\s+(?:force|pressure)"
        + @"|increas\w*|in\s+spite\s+of|despite|even\s+though|although|no\s+matter|past\s+the|through\s+the|welcome"
        + @"|enjoy\w*|right\s+when|correct|where\s+the\s+change|looking\s+for|will\s+get\s+less|have\s+reached"
        + @"|(?:press|push|go\s+on|carry\s+on|work)\s+as\s+usual|urge\s+to\s+stop|when\s+it\s+grows|stronger|until"
        + @"|till|as\s+(?:hard|firm\w*|long|deep\w*|much|strong\w*|far)\s+as|ignor\w*|simply|barrier|should\s+feel"
        + @"|is\s+good|are\s+good|fine|harmless|for\s+(?:beginners|the\s+weak|cowards)|that\s+is\s+how|that's\s+how"
        + @"|shows?\s+(?:that|you)|tells\s+you|is\s+right|(?:look\s+at|enjoy|admire|watch)\s+them|just\s+(?:keep|go"
        + @"|carry|breathe|let)|good\s+sign|so\s+hard|has\s+let\s+go|press\s+(?:a\s+(?:little|bit)\s+)?(?:more|on"
        + @"|harder)|push\s+on|belongs?\s+to|part\s+of|friend|ally|what\s+(?:we|you)(?:'re)?\s+(?:are\s+after|want"
        + @"|need|after)|nothing\s+special|renew\w*|all\s+right|disturb|another|results?|should\s+(?:be|get|become"
        + @"|turn|go)|keep\s+(?:the|up)|keep\s+\w+ing|(?:one|two|three|four|five|ten|twenty|some|a\s+few)\s+more"
        + @"|once\s+more|another\s+(?:round|set|ten|minute)|let\s+it|brave\w*|courage|coward|trust|will\s+pass"
        + @"|passes\s+(?:soon|with)|get\s+used|used\s+to\s+it|adapts?|celebrat\w*|never\s+give|give\s+in|give\s+up"
        + @"|is\s+the\s+(?:point|key|way|price)|the\s+price\s+(?:of|for)|needs?\s+to|has\s+to|must|rejoice"
        + @"|excellent|perfect|great|success\w*|works\s+best|best\s+effect|helps|heals|releases?"
        + @"|leaves\s+the\s+body|toxins?|awaken\w*|wak(?:es?|ing)\s+up|progress\w*|so\s+\w+\s+that|pay\s+no"
        + @"|nothing\s+but|the\s+last\s+\w+\s+with|merely|slowly\s+turns?|turns?\s+into|before\s+(?:the|it)"
        + @"|too\s+(?:soft|light|gentle|careful)|(?:starts?|begins?)\s+there|learn\w*\s+to|belongs|take\s+it\s+as"
        + @"|earn\w*|deserv\w*|bite\s+(?:your|the)\s+(?:lip|teeth)|through|you\s+want\s+to|will\s+(?:not\s+)?see)\b";

    /// <summary>"Cup the palms": hands are shaped, no cup is taken up.</summary>
    private const string OfPalms = @"\s+(?:(?:the|your|both|warm)\s+)*(?:palms?|hands?)\b";
    private const string AnyTool =
        $@"\b(?:tools?|stones?|rollers?|cups?(?!{OfPalms})|cupping|spoons?|suction|vibrating|wand|edge\s+of|combs?|scrapers?|blade)\b";
    private const string Mark =
        @"\b(?:bruis\w*|welts?|blood\s*-?spots?|blood\s+(?:comes|shows|rises|appears)|bleed\w*|black\s+and\s+blue"
        + @"|(?:deep|dark|bright|strong\w*|fiery|beetroot|crimson|scarlet|really|very|intense\w*|angry"
        + @"|properly)[\s-]+(?:red\w*|purple|blue)|red\s+(?:as|like)\s+\w+|purple|crimson|scarlet|violet"
        + @"|petechia\w*|raw|swollen|swelling|swells|numb\w*|scabs?|blister\w*|broken\s+(?:\w+\s+)?veins?"
        + @"|burst\s+(?:veins?|vessels?)|haematomas?|hematomas?|blue\s+(?:marks?|spots?)|dark\s+(?:marks?|spots?)"
        + @"|red\s+(?:streaks?|stripes?|lines?)|glow(?:s|ing)?\s+red|no\s+longer\s+feel\w*|redness\s+(?:for"
        + @"|that\s+(?:lasts|stays))\b|(?:clear|visible|lasting|strong)\s+marks|(?:until|till"
        + @"|so\s+that)\b[^.;]{0,40}\b(?:tears?|rips?|splits?)\b|(?:dark|black|red|blue"
        + @"|purple)\s+(?:\w+\s+)?(?:ring|circle|patch|disc|print)\w*|(?:skin|face|cheek|spot|place"
        + @"|neck)s?\s+(?:\w+\s+)?(?:is|are|turns?|goes?|becomes?|gets?|looks?)\s+(?:\w+\s+)?(?:blue|dark|black"
        + @"|purple|violet|fiery|blotchy|marked)|a\s+mark\s+(?:stays|remains|is\s+left)|marks\s+(?:that\s+)?(?:stay"
        + @"|last|remain|for\s+days))";

    private const string SkinWord =
        @"\b(?:(?:broken|cracked|open|infected|inflamed|weeping|sunburn(?:ed|t)?|burn(?:ed|t)|raw|bleeding"
        + @"|irritated|itchy|flaking|fresh(?:ly)?|new(?:ly)?|recent(?:ly)?|healing|unhealed|stitched|festering"
        + @"|swollen|thick|bulging|enlarged|knotted|varicose|spider|crusted|blistered|grazed|raised|dark|purulent"
        + @"|weepy|sore|peeling|active|shingles)[\s,-]+(?:\w+[\s,-]+){0,2}?(?:skin|scars?|wounds?|cuts?|sores?"
        + @"|spots?|pimples?|acne|rash\w*|eczema|moles?|veins?|patch\w*|area|places?|injections?(?:\s+\w+)?"
        + @"|injected\s+\w+|treated\s+\w+|peeled\s+\w+|tattoos?|lasered\s+\w+|waxed\s+\w+|fillers?|piercings?"
        + @"|filled\s+\w+|threads?|stitches|surgery|incisions?|blisters?|boils?|lesions?|stubble\s+cuts|lips?"
        + @"|cheeks?|face|nose|forehead|chin|neck|ears?|scalp|temples?|eyes?\s+corners?|grazes?|glands?|nodes?"
        + @"|bumps?)|(?:area|place|spot|zone|part)s?\s+(?:that|which)\s+(?:was|were|has\s+been"
        + @"|have\s+been)\s+(?:\w+\s+)?(?:injected|treated|operated|lasered|peeled|filled|stitched)|sunburns?"
        + @"|wounds?|cuts|(?:the|a|any|small|open|fresh)\s+cut|stitches|sutures|cold\s+sores?|herpes|boils?"
        + @"|pustules?|pimples?|blackheads?|zits?|acne|rashes|rash|eczema|moles?|birthmarks?|warts?"
        + @"|varicose\s+veins?|spider\s+veins?|varices|lumps?|scars?\s+(?:while|that\s+(?:is|are)"
        + @"|as\s+long\s+as\s+it\s+is)\s+(?:still\s+)?(?:red|fresh|new|open|pink|soft)|(?<=squeeze\s+the\s)spots"
        + @"|spots\s+to\s+(?:open|burst|empty|squeeze|clear)\w*|open\s+sores?|ulcers?|abscess(?:es)?|impetigo"
        + @"|shingles|blisters?|injection\s+(?:sites?|points?|marks?)|scabs?|styes?|freshly\s+\w+|sores|psoriasis)\b";
}
