using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Safety;

/// <summary>
/// Frames of harm. Of stop signs: pain, numbness, flashes, dizziness that one is taught to go through. (Common practice, from memory.)
/// </summary>
internal static partial class SaidHazards
{
    private static Harm[] TaughtSigns =>
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
                        @"\b(?:push|go|carry|keep|press|work|breathe|power|persist|continue|ride|fight|hold|move"
                            + @"|massage|rub|knead|train|stay|remain|soldier|grind|stroke|squeeze)\w*(?:\s+(?:on|going"
                            + @"|at\s+it|it|out|right|straight|away|still|firmly|pressing|pushing|working|kneading|rubbing"
                            + @"|holding|squeezing|stroking|the\s+\w+))*\s+(?:through|into|past|despite|in\s+spite\s+of"
                            + @"|regardless\s+of|with|beyond|even\s+(?:if|when|though|with)|although|though|no\s+matter"
                            + $@"|whatever|when|while|if|until)\b[^.;:]{{0,40}}?\b{Sign}\b"
                    ),
                    F(
                        @"\b(?:ignor\w*|bear\w*|endur\w*|tolerat\w*|put(?:ting)?\s+up\s+with|accept\w*|welcom\w*"
                            + @"|embrac\w*|disregard\w*|overcom\w*|suppress\w*|bit(?:e|ing)\s+back|swallow\w*|withstand\w*"
                            + @"|stand(?:ing)?|take|enjoy\w*|breathe\s+away|look\s+past|brush\s+off|forget(?:\s+about)?"
                            + @"|learn\s+to\s+(?:like|love|live\s+with))\s+(?:(?:the|any|some|a|that|this|all|every|little"
                            + $@"|bit|of|mild|slight|strong|first|sharp|initial)\s+)*{Sign}\b"
                    ),
                    F(
                        @"\b(?:do\s+not|don't|never|no\s+need\s+to|need\s+not|not|without|nobody\s+should|refuse\s+to"
                            + @"|resist\s+the\s+urge\s+to)\s+(?:\w+\s+)?(?:stop|relax|paus|eas|giv|let|quit|releas|back"
                            + @"|lighten|worr|mind|fear|car|be\s+(?:afraid|scared|alarmed|put\s+off|impressed|bothered"
                            + @"|disturbed|discouraged|deterred|distracted|fooled)|react|break|end|panic|withdraw|relent"
                            + $@"|slow|abort|interrupt|reduc)\w*\b[^.;:]{{0,45}}?\b{Sign}\b"
                    ),
                    F(
                        $@"\b{Sign}\b[^.;]{{0,50}}?\b(?:don't|do\s+not|never|no\s+need\s+to"
                            + @"|needn't)\s+(?:\w+\s+)?(?:stop|paus|eas|giv|let\s+go|quit|releas|back\s+off|lighten|worr"
                            + @"|mind|panic|be\s+(?:afraid|alarmed))\w*"
                    ),
                    F(
                        $@"\b{Sign}\b[^.;]{{0,50}}?\b(?:keep\s+(?:going|pressing|pushing|on|at\s+it|holding|working"
                            + @"|rubbing)|carry\s+on|go\s+on|press\s+on|push\s+on|continue|stay\s+with\s+it|hold\s+on"
                            + @"|work\s+through|breathe\s+through|push\s+(?:harder|more|through)|press\s+(?:harder|more"
                            + @"|deeper)|add\s+(?:more\s+)?(?:pressure|force)|double\s+the|go\s+deeper)\b"
                    ),
                    F(
                        @"\b(?:never\s+mind|no\s+matter|don't\s+let|do\s+not\s+let|pay\s+no\s+(?:heed|attention)"
                            + $@"|take\s+no\s+notice|shrug\s+off|grit\s+your\s+teeth)\b[^.;:]{{0,45}}?\b{Sign}\b"
                    ),
                    F(@"\bas\s+\w+\s+as\s+(?:you|they|one|he|she|the\s+client|anyone)\s+can\s+(?:stand|bear|take|endure|tolerate)\b"),
                    F(
                        @"\b(?:ignor\w*|override|overrule|silence)\b[^.;]{0,30}?\b(?:body|signals?|warnings?"
                            + @"|warning\s+signs?|signs?|limits?|symptoms?|alarm)\b"
                    ),
                    // Praised.
                    F(
                        $@"\b{Sign}\b(?:\s+\w+){{0,6}}?\s*(?:,|:)?\s*(?:is|are|was|just|simply|only|means?|shows?"
                            + @"|proves?|tells?|signals?|indicates?|belongs?|comes\s+with|will\s+be|can\s+be|may\s+be"
                            + $@"|that\s+is|that's|this\s+is|it\s+is|it's)\b(?:\s+\w+){{0,4}}?\s+(?:normal"
                            + @"|good(?!\s+(?:reason|moment|time|sign\s+to|cause))|fine|welcome|wanted|expected|ok(?:ay)?"
                            + @"|proof|progress|natural|harmless|healthy|part\s+of\s+(?:it|the)|works?|working"
                            + @"|nothing\s+to\s+(?:worry|fear)|the\s+(?:point|aim|goal|effect|plan|idea)|desired|desirable"
                            + @"|intended|right\s+(?:spot|place|depth|pressure)|necessary|needed|useful|excellent|success"
                            + @"|pleasant|lovely|nice|beautiful|enjoyable|delicious|satisfying|exciting|a\s+(?:gift|joy"
                            + @"|treat|pleasure)|nothing\s+(?:special|unusual|strange|odd|bad)|only|success\w*|hit|found"
                            + @"|healing|detox\w*|releas\w*|leaving|letting\s+go|flow\w*|correct(?:ly)?|doing\s+it\s+right"
                            + @"|a\s+compliment|required)\b"
                    ),
                    F(
                        @"\b(?:normal|good|fine|welcome|natural|harmless|useful|expected|wonderful|great|proof"
                            + @"|sign\s+of\s+success|a\s+good\s+sign|no\s+problem|perfectly\s+(?:all\s+right|normal"
                            + $@"|fine))\b(?:\s+\w+){{0,5}}?\s+(?:if|when|that|to\s+(?:feel|see|get"
                            + $@"|have))\b[^.;]{{0,35}}?\b{Sign}\b"
                    ),
                    F(
                        @"\bno\s+pain,?\s+no\s+gain|\b(?:who|whoever|if\s+you|those\s+who)\s+(?:feels?|has"
                            + @"|have)\s+no\s+pain\b|\bthe\s+more\s+(?:it\s+|pain)[^.;]{0,20}(?:hurts?|stings?|burns?|pain"
                            + @"|aches?)?[^.;]{0,20}\bthe\s+(?:better|more|faster|stronger)|\b(?:no|without"
                            + @"|lack\s+of)\s+(?:any\s+)?(?:bruis\w*|marks?|redness|pain|burning|tingling"
                            + @"|soreness)\b[^.;]{0,35}?\b(?:too\s+(?:soft|light|gentle|weak|shy|careful)|not\s+(?:enough"
                            + @"|deep|work\w*)|harder|deeper|no\s+(?:effect|gain|result|progress)|nothing\s+happens)"
                            + @"|\bbeauty\s+(?:must|has\s+to)\s+(?:hurt|suffer)|\bno\s+(?:burn|bruise),?\s+no\s+\w+"
                            + @"|\bpain\s+(?:is\s+weakness|leaves)"
                    ),
                    F(
                        @"\b(?:if|when|unless|as\s+long\s+as)\s+it\s+(?:does\s+not|doesn't|is\s+not|isn't)\s+(?:hurt"
                            + $@"|sting|burn|tingle|painful|sore|numb)\w*\b[^.;]{{0,40}}?\b(?:not\s+(?:work|deep|hard|enough"
                            + @"|right|doing)|harder|deeper|too\s+(?:light|soft|gentle|weak)|more\s+(?:force|pressure)"
                            + @"|no\s+(?:effect|use)|does\s+nothing|useless|wrong)"
                    ),
                    // Aimed at.
                    F(
                        @"\b(?:until|till|up\s+to\s+the\s+point\s+(?:where|that|of)|to\s+the\s+point\s+(?:where|that"
                            + @"|of)|so\s+(?:hard|long|far|deep(?:ly)?|firm(?:ly)?|fast|much)\s+that|(?:hard|long|far|deep"
                            + @"|firm|firmly|fast)\s+enough\s+(?:to|that|so)|to\s+the\s+(?:edge|limit|border|brink)\s+of"
                            + $@"|as\s+(?:far|hard|long|deep)\s+as|so\s+that)\b[^.;:]{{0,35}}?\b{Sign}\b"
                    ),
                    F(
                        @"\b(?:goal|aim|target|purpose|idea|point)\s+(?:is"
                            + $@"|of\s+\w+(?:\s+\w+){{0,2}}\s+is)\s+(?:to\s+(?:feel|get|see|have)\s+)?(?:(?:the|a|an|some"
                            + $@"|that|this|slight|strong|sharp|light|mild|feeling|sensation|of)\s+)*{Sign}\b"
                    ),
                    F(
                        @"\b(?:aim\w*|look(?:ing)?|wait\w*|search\w*|hunt\w*|hop(?:e|ing)|work\w*|striv\w*"
                            + @"|go(?:ing)?)\s+(?:for|towards?|at)\s+(?:(?:the|a|some|that|this|first|little|bit|of|slight"
                            + $@"|strong|sharp|feeling|sensation|moment)\s+)*{Sign}\b"
                    ),
                    F(
                        @"\b(?:should|must|has\s+to|have\s+to|needs?\s+to|ought\s+to|is\s+(?:meant|supposed"
                            + @"|allowed)\s+to|may|can|want\s+to|try\s+to|let\s+(?:it|them)|want)\s+(?:(?:really|well|even"
                            + @"|clearly|just|now|be|feel|see|get|go|become|turn|make|the|it|you|a|some|little|bit|of|skin"
                            + $@"|face|lips|cheeks?|fingers?|slightly|somewhat|properly)\s+){{0,6}}(?:pain(?:ful)?|hurt"
                            + @"|sting|burn|throb|tingle|tingling|numb|numbness|dizzy|dizziness|light-?headed|faint"
                            + @"|nauseous|stars|sparks|flashes|flashes\s+of\s+light|double|black)\b"
                    ),
                    F(
                        @"\b(?:as\s+much\s+pain\s+as|maximum\s+pain|pain\s+threshold|(?:to|at|up\s+to|reach|past"
                            + @"|beyond)\s+(?:the|your|their)\s+(?:pain\s+(?:limit|threshold|barrier)"
                            + @"|threshold\s+of\s+pain)|feel\s+the\s+(?:burn|pain|sting)|lean\s+into\s+(?:the|any)\s+pain"
                            + @"|hunt\s+the\s+pain|(?:press|push|go|work)\w*\s+(?:\w+\s+)?into\s+(?:the|any)\s+pain)\b"
                    ),
                ],
                F(
                    @"\b(?:rest|wait|sit|lie|pause|stop|stay\s+seated|recover|breathe\s+(?:calmly|quietly"
                        + $@"|slowly))\w*\b[^.;]{{0,40}}\b(?:until|till)\b[^.;]{{0,30}}\b(?:passes|has\s+passed|stops"
                        + @"|has\s+stopped|fades|goes|has\s+gone|settles|has\s+settled|is\s+gone|are\s+gone|eases|subsides"
                        + @"|clears|is\s+over|(?:is|are)\s+(?:quite\s+|all\s+|fully\s+)?(?:clear|normal|sharp|well"
                        + @"|itself)(?:\s+again)?|(?:feeling|sensation|strength)\s+(?:is\s+back|comes\s+back|has\s+returned"
                        + @"|returns))\b|\blights?\s+(?:off|down|low|dim)|\bdim\w*\s+the\s+lights?|\b(?:warm|soft|quiet"
                        + @"|good|same|natural|room)\s+light\b|\blight\s+(?:pressure|touch|pink|strokes?|hands?|glide"
                        + @"|contact|work|press|circles?|as|enough|and|on)\b"
                )
            ),
        ];
}
