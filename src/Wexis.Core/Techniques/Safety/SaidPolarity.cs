using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Safety;

/// <summary>What turns a sentence round: forbidden, blamed, answered by stopping, beside the place.</summary>
internal static partial class SaidHazards
{
    /// <summary>A throat or a neck is gripped all round: "round the throat" is no way of staying off it.</summary>
    [GeneratedRegex(
        @"\b(?:beside|next\s+to|away\s+from|clear\s+of|off|below|beneath|under|above|outside|short\s+of"
            + @"|not\s+(?:on|over|into|in)|never\s+(?:on|over|into|in)|behind|away|from|out\s+of|instead\s+of"
            + @"|level\s+of)\s+(?:(?:the|your|each|both|any|a)\s+)*$",
        Free
    )]
    private static partial Regex Apart();

    /// <summary>Just before what must be left alone: beside it, around it, off it.</summary>
    [GeneratedRegex(
        @"\b(?:beside|besides|next\s+to|around|round|away\s+from|clear\s+of|off|below|beneath|under|above"
            + @"|outside|outwards?\s+of|short\s+of|not\s+(?:on|over|into|in)|never\s+(?:on|over|into|in)|before"
            + @"|behind|in\s+front\s+of|away|from|out\s+of|instead\s+of|edge\s+of|rim\s+of|border\s+of|bone\s+of"
            + @"|outer\s+side\s+of|level\s+of)\s+(?:(?:the|your|each|both|any|a|an|every|its|their)\s+)*$",
        Free
    )]
    private static partial Regex SpatiallyApart();

    [GeneratedRegex(@"(?:[^.!?;\n]|[.!?;][^\s.!?;])+[.!?;]*")]
    private static partial Regex Sentence();

    [GeneratedRegex(
        @"^(?:that|this|it|these|those|they|keep|carry|go\s+on|push|press\s+on|don't|do\s+not|never|ignore|just"
            + @"|simply|all|perfectly|normal|good|stay|hold\s+on|continue|no\s+need|nothing)\b",
        Free
    )]
    private static partial Regex LeansBack();

    [GeneratedRegex(
        @"\b(?:pain|hurt|sting|burn|tingl|numb|dizz|light-?headed|faint|nause|flash|stars|sparks|doubl|blur"
            + @"|bruis|black|headache|see\s+(?:stars|spots|lights)|hums?\b|rings?\b|buzz|stitch|cramp|twinge"
            + @"|palpitation)\w*",
        Free
    )]
    private static partial Regex WarningSign();

    /// <summary>What negates, in the clause before a frame.</summary>
    [GeneratedRegex(
        @"\b(?:never|not|cannot|don't|doesn't|isn't|aren't|won't|can't|shouldn't|mustn't|needn't|avoid\w*"
            + @"|without|no|none|nothing|nobody|no-?one|neither|nor|instead\s+of|rather\s+than|refrain\w*|stop|stops"
            + @"|stopped|quit|before|unless|forbid\w*|forbidden|prevent\w*|leave\s+out|skip\w*"
            + @"|keep\s+(?:\w+\s+){0,3}?(?:off|away|clear|out)|keeps?\s+(?:\w+\s+){0,3}?(?:off|away|clear|out)"
            + @"|stay\w*\s+(?:\w+\s+)?(?:off|away|clear|out|short)|short\s+of|refuse\w*|lest|tempt\w*|(?:anyone"
            + @"|somebody|someone|people|clients)\s+who|whoever|beware|careful\s+not|too\s+\w+\s+to|hardly|barely"
            + @"|free\s+(?:of|from)|at\s+the\s+first|first\s+sign\s+of|less\s+than|ease\s+off|lighten|let\s+go"
            + @"|let\s+up|pause|away\s+from|excluded?|out\s+with|(?:well|stay\w*|remain\w*|keep\w*|just"
            + @"|far)\s+(?:below|under))\b",
        Free
    )]
    private static partial Regex Negation();

    /// <summary>Within a frame: "should not hurt", "if nothing hurts", "until the pain is gone".</summary>
    [GeneratedRegex(
        @"\b(?:not|never|nothing|no|without|(?:cannot|can't)\s+(?:hurt|harm|sting|burn|ache)|doesn't|don't"
            + @"|isn't|won't|mustn't|shouldn't|nobody|stop|before|avoid\w*|instead\s+of|rather\s+than|free\s+of"
            + @"|short\s+of|pain-?free|away\s+from|clear\s+of|off\s+the(?!\s+arter)|beside|around|lighten|ease\s+off"
            + @"|let\s+go|less|only\s+if|without)\b",
        Free
    )]
    private static partial Regex InnerNegation();

    /// <summary>Negations of stopping, caring or mattering: they push on, they forbid nothing.</summary>
    [GeneratedRegex(
        @"\b(?:(?:ends?|stops?|lets?\s+go|releases?)\s+(?:only\s+)?(?:when|once|if)\s+(?:the\s+"
            + @"|it\s+)?(?:\p{L}+\s+)?(?:becomes|is|gets|grows|hurts)\s+(?:(?:too|so)\s+(?:strong|much|bad|sharp"
            + @"|badly)|unbearable)|(?:beginners|cowards|amateurs|the\s+weak|others|weaklings)\s+(?:stop|give\s+up"
            + @"|let\s+go|quit|rest)|only\s+(?:let\s+go|stop|release|pause|end)|(?:let\s+go|stop|release|pause"
            + @"|end)\s+only|stop\w*\s+(?:breath\w*|(?:the|your)\s+(?:breath|blood)|it\s+(?:and|there))|(?:do\s+not"
            + @"|don't|no)\s+(?:breath\w*|exhal\w*|inhal\w*|take\s+a\s+breath)|(?:do\s+not|don't|never|no\s+need\s+to"
            + @"|need\s+not|needn't|not|without|resist\s+the\s+urge\s+to|refuse\s+to|nobody\s+should"
            + @"|there\s+is\s+no\s+reason\s+to)\s+(?:\w+\s+)?(?:stop|relax|come\s+out|let\s+(?:go|up)|take\s+(?:the"
            + @"|your)\s+(?:hands?|fingers?)\s+(?:off|away)|paus|eas|giv|quit|releas|back|lighten|worr|mind|fear|car"
            + @"|be\s+(?:afraid|scared|alarmed|shy|timid|put\s+off|impressed|bothered|disturbed|discouraged|deterred"
            + @"|distracted|gentle|too)|react|panic|withdraw|relent|hesitat|hold\s+back|(?:let|allow)\s+(?:(?:the"
            + @"|that|any|a|some|this)\s+)*(?:pain|dizz|numb|tingl|burn|fear|discomfort|it|that|this|ache|sting)"
            + @"|break|rest|skip|slow|avoid|abort|interrupt|reduc|miss|forget|leave)\w*|never\s+mind|no\s+matter"
            + @"|nothing\s+to\s+(?:worry|fear)\w*|not\s+only|not\s+just|no\s+pain|no\s+gain|no\s+harm|no\s+problem"
            + @"|no\s+(?:reason|excuse)|the\s+stop\s+at|(?<=^\s*)without\s+(?:any\s+)?(?:welts?|bruis\w*|redness"
            + @"|marks?|pain|tears)|without\s+(?:any\s+)?(?:welts?|bruis\w*|redness|marks?|pain"
            + @"|tears)(?=\s*,?\s*(?:no|nothing|there|it|you|means?|shows?)\b)|not\s+(?:work\w*|enough|deep|hard"
            + @"|right)|non-?stop|at\s+no\s+extra|does\s+not\s+matter|doesn't\s+matter|don't\s+matter|no\s+longer"
            + @"|(?:no|all)\s+(?:feeling|sensation)|without\s+(?:a\s+)?(?:pause|break|fear|worry|mercy|stopping"
            + @"|breathing|hesitation|letting\s+(?:up|go)|warming|releasing|any\s+(?:oil|slip))|no\s+(?:oil|cream"
            + @"|breathing|mercy|worries|doubt)|(?:no\s+longer|cannot|can\s+not|can't)\s+(?:bear|stand|take|endure"
            + @"|tolerate)\s+(?:the\s+|any\s+|some\s+|a\s+little\s+)?(?:pain|burn\w*|sting\w*|ache)|will\s+(?:not"
            + @"|never)\s+(?:see|get|have|reach|learn)|nothing\s+(?:special|unusual|strange|odd|bad|but|more\s+than)"
            + @"|without\s+(?:any\s+)?(?:air|breath|oxygen)|feels?\s+nothing|nothing\s+any\s*more|(?:hands?|fingers"
            + @"|neck|arms?|grip|thumbs?)\s+a?round|(?:will|can|does)\s+not\s+go\s+(?:any\s+)?(?:further|farther)"
            + @"|stop(?:s|ping)?\s+the\s+(?:pulse|blood|flow|breath|air)|let\s+(?:it|the\s+air|any)\s+out|take\s+(?:a"
            + @"|another|one)\s+breath\s+before|no\s+air|without\s+(?:once\s+)?(?:taking|drawing)|(?:give"
            + @"|giving)\s+in\s+to|urge\s+to\s+(?:stop|rest|let\s+go|pause)|never\s+mind|no\s+(?:bruis\w*"
            + @"|marks)(?=\s*(?:,|:|means?|shows?|you))|(?:pay|take)\s+no\s+(?:heed|attention|notice)|(?:do\s+not"
            + @"|don't|never)\s+(?:relax|stop|rest|let\s+go|release|pause|end|ease)\s+before|if\s+(?:you(?:'re"
            + @"|\s+are)?\s+|it\s+(?:is|does)\s+|they\s+are\s+)?not\s+\w+|not\s+sure)\b",
        Free
    )]
    private static partial Regex PseudoNegation();

    [GeneratedRegex(
        @"[;:–—]|\bbut\b|\bthen\b|\binstead\b(?:\s*,)|,\s*(?:and\s+)?(?:press|push|hold|pull|keep|squeeze|rub"
            + @"|go|carry|look|turn|roll|clench|massage|stroke|work|put|lay|do|you|the\s+\w+\s+(?:is|are|will|should"
            + @"|must)|it|they|we|i)\b|\bso\s+(?:press|push|hold|pull|keep)\b",
        Free
    )]
    private static partial Regex ClauseStart();

    /// <summary>"Small burst veins are worked around".</summary>
    [GeneratedRegex(
        @"\b(?:is|are)\s+(?:(?:worked|stroked|circled|gone)\s+(?:a?round|beside|past)|passed\s+(?:over\s+)?(?:by|around))\b",
        Free
    )]
    private static partial Regex PassedAround();

    /// <summary>"Leave the ear canal alone": what stands between is left.</summary>
    [GeneratedRegex(
        @"\bleave\s+(?:(?!(?:and|then|but|while|until|on|onto|in|into|over|against|with)\b)[\w'-]+\s+){1,5}(?:alone|in\s+peace)\b",
        Free
    )]
    private static partial Regex LeftAlone();

    /// <summary>The sentence names a fault, a danger or a limit before it comes to the words.</summary>
    [GeneratedRegex(
        @"\b(?:faults?|mistakes?|errors?|wrong|dangers?|dangerous|risks?|harms?|critical\s+acts?|forbidden"
            + @"|warn\w*|fails?|failed|myths?|bad\s+habits?|old\s+notes?|used\s+to|some\s+(?:people|books|trainers"
            + @"|teachers)\s+(?:say|teach|claim)|excluded|exclude|notice\s+(?:if|when|whether)|watch\s+(?:that"
            + @"|whether|for|out)|check\s+(?:that|whether)|make\s+sure|see\s+that|refer|ask\s+(?:whether|if|about)"
            + @"|reports?|tells?\s+you|says?|complain\w*|whether|reason\s+to\s+stop|signs?\s+to\s+stop"
            + @"|catch(?:es)?\s+yourself|(?:people|clients|persons|those|anyone|anybody|learners|everyone)\s+with"
            + @"|stop\s+(?:at|if|when|as|before|once|the\s+moment)|(?:low(?:er)?|lessen|reduce|shake\s+out"
            + @"|drop)\s+(?:\w+\s+){0,2}?(?:if|when|as\s+soon\s+as)|(?:lower|lessen|reduce|halve)\s+(?:the|your)"
            + @"|leave\s+it\s+out)\b",
        Free
    )]
    private static partial Regex Blame();

    /// <summary>A verdict after the words: "… is forbidden", "… can damage", "… : stop".</summary>
    [GeneratedRegex(
        @"^\s*(?:a|the|your)?\s*(?:doctor|clinician|dentist|physio\w*|surgeon)\b|^\s*(?:you\s+)?to\s+(?:take"
            + @"|use|add)\s+(?:more|some|extra)\s+(?:oil|cream|gel|water|slip)\b|^\s*to\s+(?:see|ask|call"
            + @"|visit)\s+(?:a|the|your|his|her|their)\s+(?:doctor|dentist|clinician|physio\w*|surgeon|trainer)\b"
            + @"|^\s*that\s+(?:(?:the|this|your|our|today's)\s+)?(?:session|lesson|exercise|round|drill|training|step"
            + @"|technique|demonstration)\s+is\s+(?:over|finished)\b|^\s*to\s+(?:stop|lighten|pause|let\s+go"
            + @"|ease)(?:\s*$|\s*[,.;:]|\s+(?:at|if|when|and|off|there|here|the\s+(?:step|exercise|technique|work"
            + @"|round|pressure)))|^[^.;]{0,40}?\b(?:(?:is|are|was|were|would\s+be|must\s+be|should\s+be|will\s+be"
            + @"|be)\s+(?:\w+\s+)?(?:mistakes|faults|never|not|forbidden|dangerous|harmful|wrong|out|off\s+limits"
            + @"|avoided|prohibited|barred|unsafe|risky|excluded|too\s+(?:much|hard|strong|deep|far)"
            + @"|a\s+(?:\w+\s+)?(?:fault|mistake|critical|danger|risk|warning|(?:good\s+)?reason\s+(?:to|for)"
            + @"|sign\s+to|stop)|stopped|refused|no\s+(?:goal|aim|proof|sign|(?:place|time|moment)\s+(?:for|to))"
            + @"|an?\s+(?:emergency|alarm|error)|for\s+(?:a\s+)?(?:doctor|clinician))|isn't|aren't|can\s+(?:hurt|harm"
            + @"|damage|injure|tear)|could\s+(?:hurt|harm|damage|injure)|damages?|injures?|harms|(?:sign|signal"
            + @"|cue)\s+to\s+(?:see|ask|call|visit|seek|rest|pause|let\s+go|ease|lighten|sit|lie|end|break\s+off)\b"
            + @"|means?\s+(?:that\s+)?(?:(?:the|this|your|our|today's)\s+)?(?:session|lesson|exercise|round|drill"
            + @"|training|step|technique|demonstration)\s+is\s+(?:over|finished|at\s+an\s+end)\b|means?\s+(?:stop|too"
            + @"|you\s+(?:are|have)\s+(?:press|push|work|gone|overdo)\w*)|fails\s+the|stops?\s+the\s+(?:technique"
            + @"|exam\w*|demonstration|lesson)|needs\s+a\s+doctor|calls?\s+for\s+(?:a\s+)?(?:stop|doctor|help)"
            + @"|has\s+no\s+(?:place|business)|(?:is|are|(?:must|should|has\s+to)\s+be)\s+(?:written\s+down|noted"
            + @"|recorded|reported|asked\s+about)(?:\s+(?:in|to|by|first)\b|\s*$)|ha(?:s|ve)\s+no\s+(?:place"
            + @"|business)|never\s+(?:helps?|belongs?)|do(?:es)?\s+not\s+(?:help|belong)|do(?:es)?n't\s+(?:help"
            + @"|belong)|belongs\s+to\s+(?:a\s+|the\s+|your\s+)?(?:doctor|clinician|dentist)|too\s+(?:far|hard|much"
            + @"|strong|deep|long|fast)|tells?\s+(?:you|us)\s+(?:to\s+(?:stop|change\s+(?:the\s+|your\s+)?(?:grip"
            + @"|hands?|arms?|place|position)|ease|lighten|let\s+go|pause|rest|press\s+less|reduce|do\s+less)"
            + @"|that\s+you\s+(?:have\s+gone|are|went|press\w*|push\w*)\s+(?:\w+\s+)?too)|(?:should|must|has\s+to"
            + @"|is\s+to)\s+be\s+(?:reported|checked|looked\s+at|told|watched)|comes?\s+out\s+first|must\s+not"
            + @"|should\s+not|may\s+not|mustn't|shouldn't|must\s+never|should\s+never|do\s+nothing"
            + @"|hands?\s+off(?!\s+(?:the|your)\s+(?:\w+\s+)?(?:wheel|handlebars?|bars?))|looked\s+at|(?:stays?"
            + @"|remains?|must\s+(?:stay|remain)|is\s+left|are\s+left)\s+(?:free|alone|untouched|out)|stays?\s+out"
            + @"|has\s+to\s+be\s+gone|must\s+be\s+gone)|^[^;]{0,60}[,;]\s*(?:so\s+)?(?:work|stay|keep|go)\s+(?:beside"
            + @"|behind|around|outside|to\s+the\s+side)\b|^[^.;]{0,40}?\b(?:was|were|is|are|went)\s+too\s+\w+"
            + @"|^\s*[:=–—>-]+\s*(?:stop|never|no\b|leave|refer|doctor|skip|out\b|too\s+(?:much|hard|deep))",
        Free
    )]
    private static partial Regex BlamedAfter();

    /// <summary>A condition that ends in stopping: "if …, stop", "stop when …", "… : sit down".</summary>
    [GeneratedRegex(
        @"^(?:if|when|whenever|should|as\s+soon\s+as|once|the\s+moment|at\s+(?:the\s+)?(?:first|any|once)|on"
            + @"|with|after|in\s+case\s+of)\b[^.;]*?[,:–—]\s*(?:\w+\s+){0,3}?(?:stop|pause|lighten|ease|let\s+go|sit"
            + @"|lie|rest|call|see\s+(?:a|your|the)|ask|skip|leave|refer|go\s+to|end|break\s+off|release"
            + @"|open\s+(?:the|your|both)\s+(?:eyes|hands?)|lift\s+(?:the|your)\s+(?:thumb|finger|hand)s?|back\s+off"
            + @"|go\s+(?:lighter|easier|smaller)|less|lighter|smaller|send|seek|get\s+help|make\s+it|choose"
            + @"|use\s+(?:a\s+)?(?:lighter|less|softer)|work\s+(?:smaller|lighter|around)|move\s+(?:on|away|outwards?"
            + @"|back|(?:the|your)\s+(?:fingers?|hands?|thumbs?)\s+(?:back|away|aside))|remind|tell|correct|help|wait"
            + @"|breathe|take\s+(?:the|your)\s+(?:hands?|fingers?)|too\s+(?:hard|deep|strong|far))\b|\b(?:stop|pause"
            + @"|let\s+go|ease\s+off|back\s+off|break\s+off|lighten|end|leave\s+(?:it|this)\s+out|release|ask|refer"
            + @"|send|call|see\s+a\s+doctor|come\s+out|pressure\s+(?:goes|comes)\s+down|hands?\s+(?:come|go)\s+off"
            + @"|lift\s+(?:the|your)\s+(?:thumb|finger|hand)s?)\b(?:\s+\w+){0,4}?\s+(?:if|when|whenever"
            + @"|as\s+soon\s+as|at|once|the\s+moment|before|in\s+case)\b",
        Free
    )]
    private static partial Regex AnsweredByStopping();

    /// <summary>"Only once it has gone": what is over binds nobody.</summary>
    [GeneratedRegex(
        @"\b(?:(?:has|have|is|are|be)\s+(?:completely\s+|quite\s+|all\s+)?(?:gone(?!\s+(?:numb|dead|blue|red"
            + @"|dark|black|white|purple|to\s+sleep|asleep))|passed|faded|settled|healed)|go(?:es)?\s+on\s+only"
            + @"|continue\s+only)\b",
        Free
    )]
    private static partial Regex Over();

    [GeneratedRegex(@"^(?:ignor|overrid|overrul|disregard)", Free)]
    private static partial Regex Ignores();

    [GeneratedRegex(@"\b(?:shows?|proves?|means?|signs?|tells?)\b", Free)]
    private static partial Regex Proves();

    /// <summary>Words that end, lighten, forbid, ask, refer or look back: with one of them a mention is a warning.</summary>
    [GeneratedRegex(
        @"\b(?:stop\w*|paus\w*|ends?|ending|releas\w*|let\s+go|eas(?:e|es|ing)|light(?:en|ens|er|ly|est)?|less"
            + @"|reduc\w*|shorter|smaller|softer|gentler|slower|rest|rests|resting|wait\w*|sit|lie|doctor|clinician"
            + @"|dentist|physio\w*|surgeon|clinic|emergency|ambulance|ask\w*|tell\w*|report\w*|speak|check\w*|refer"
            + @"|tomorrow|too\s+(?:far|hard|much|strong|deep|fast|long)|gone|fade\w*|avoid\w*|pain-?free|instead"
            + @"|another\s+day|postpone|later|break|leave|left\s+(?:out|alone|in\s+peace)|skip\w*|warning|limit"
            + @"|want\s+less|people\s+with|anyone\s+with|clients?\s+with|something\s+else|prevent\w*|careful\w*"
            + @"|excluded|healed|protect\w*|cover\w*|glasses|cream|shade|parked|passenger|seated|wash"
            + @"|after\s+(?:mowing|driving|cycling)|at\s+home|spare\w*|swallow\w*|hum(?:s|ming)?"
            + @"|next\s+day\s+is\s+possible|(?:cup|stone|hands?)\s+off|put\s+off|go\s+back|stay\s+without"
            + @"|look\s+(?:out|at\s+the\s+skin)|point\s+out|relax\w*|soft|outside|means?\s+(?:stop|less)|message"
            + @"|reason|half\s+the|enough|fewer|lower|shake\s+(?:it\s+|them\s+)?out|lessen|(?:take|put|bring"
            + @"|let)\s+(?:your|the|both)\s+(?:hands?|arms?|fingers?)\s+(?:down|away|off|hang)(?!\s+(?:on|onto|over"
            + @"|at|to|into|in)\b))\b",
        Free
    )]
    private static partial Regex SafeHandling();

    [GeneratedRegex(
        @"\b(?:keep\s+(?:going|pressing|pushing|on|at\s+it|holding|working|rubbing)|carry\s+on|(?:and|then|just"
            + @"|simply)\s+go\s+on(?!\s+only)|go\s+on\s+(?:anyway|regardless|all\s+the\s+same|with)|press\s+(?:on"
            + @"|harder|more)|push\s+(?:on|harder|through)|don't\s+stop|do\s+not\s+stop|never\s+stop|continue|ignore"
            + @"|is\s+(?:normal|good|fine)|are\s+(?:normal|good|fine)|no\s+(?:need\s+to\s+stop|excuse|reason\s+(?:to"
            + @"|for)\s+(?:a\s+)?(?:stop|break|pause|rest|quit))|(?:and|then)\s+finish(?!\s+(?:for|here"
            + @"|the\s+session))|half\s+way|only\s+(?:stop|pause|end|let\s+go)\s+(?:if|when|once|at)|(?:stop|pause"
            + @"|end|let\s+go|release)\s+only\s+(?:if|when|once|at))\b",
        Free
    )]
    private static partial Regex GoesOn();
}
