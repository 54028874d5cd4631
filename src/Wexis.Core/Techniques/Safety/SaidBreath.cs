using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Safety;

/// <summary>Frames of harm. Of held breath, and of eyes or hands that are busy at the wheel. (Common practice, from memory.)</summary>
internal static partial class SaidHazards
{
    private static Harm[] OfBreath =>
        [
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
                        @"\bempty\b[^.;]*\b(?:do|all|stay|hold|keep|finish)\b[^.;]*\bbefore\s+(?:you\s+"
                            + @"|they\s+)?(?:breathe|inhale)\b(?:\s+(?:again|in))?"
                    ),
                    F(
                        @"\b(?:skip|omit|leave\s+out|drop|suppress)\w*\s+(?:the|your|each|every|all)\s+(?:in-?\s?"
                            + @"|out-?\s?)?(?:breaths?|inhalations?|inhale)\b"
                    ),
                    F(
                        @"\b(?:hold|holding|keep|keeping|stop|stopping|block|blocking|retain|retaining)\w*\s+(?:(?:in"
                            + @"|your|the|all|back)\s+)*(?:breath\w*|air\s+in(?:side)?\s+(?:the|your)\s+(?:lungs"
                            + @"|chest))\b[^.;]{0,45}?\b(?:as\s+long\s+as|(?:1\d|[2-9]\d|\d{3,})\s*(?:s\b|sec\w*|counts?)"
                            + @"|minutes?|twenty|thirty|forty|sixty|fifteen|while\s+(?:you\s+)?(?:press|push|squeez|clench"
                            + @"|hold|lift|strain|pull|resist|tens|smil|tight|work|do|mak)\w*|during\s+(?:the|every|each"
                            + @"|all)|for\s+the\s+(?:whole|entire)|throughout|under\s+(?:effort|strain|tension|load)"
                            + @"|until\s+(?:you|the|it|your)|all\s+through|at\s+(?:full|maximum)\s+\w+|and\s+(?:press|push"
                            + @"|squeez|clench|strain|bear\s+down|tense|resist|lift|pull)\w*)"
                    ),
                    F(
                        @"\b(?:lungs?\s+(?:\w+\s+)?(?:empty|full)|(?:empty"
                            + @"|full)\s+lungs?)\b[^.;]{0,40}?\b(?:(?:1[5-9]|[2-9]\d|\d{3})\b|twenty|thirty|forty|fifty"
                            + @"|sixty|minutes?|as\s+long\s+as)"
                    ),
                    F(
                        @"\bas\s+long\s+as\s+(?:you\s+(?:possibly\s+)?can|possible)\b[^.;]{0,30}\b(?:breath|air)"
                            + @"|\b(?:hold|keep|retain|trap)\w*\s+(?:in\s+)?(?:the\s+|your\s+|all\s+the\s+)?(?:air|breath"
                            + @"|lungful)\b[^.;]{0,30}\b(?:as\s+long\s+as|until|(?:1\d|[2-9]\d)|twenty|thirty|forty"
                            + @"|minutes?)|\b(?:press|push|squeez|clench|strain|lift|resist|tens|hold|pull|smil|tighten"
                            + @"|work)\w*\b[^.;]{0,50}?\b(?:with(?:out)?\s+(?:a\s+)?(?:breathing|(?:your"
                            + @"|the)\s+breath\s+(?:held|stopped)|held\s+breath|breath\s+held|taking\s+a\s+breath"
                            + @"|an?\s+breath)|(?:and|while)\s+(?:hold\w*|stop\w*|keep\w*)\s+(?:in\s+)?(?:your\s+"
                            + @"|the\s+)?breath\w*|and\s+(?:don't|do\s+not|never)\s+breathe)"
                    ),
                    F(
                        @"\b(?:bear(?:ing)?\s+down|strain\w*)\b[^.;]{0,40}?\b(?:mouth|nose|lips|glottis|throat"
                            + @"|breath)\b|\b(?:nose|nostrils?)\s+(?:\w+\s+){0,2}(?:pinched|closed|shut|held"
                            + @"|blocked)\b[^.;]{0,40}?\b(?:blow|push|press|strain)\w*|\b(?:pinch|clos|hold"
                            + @"|block)\w*\s+(?:the|your|both)\s+(?:nose|nostrils)\b[^.;]{0,40}?\b(?:blow|press|push"
                            + @"|strain)\w*"
                    ),
                    F(
                        @"\b(?:don't|do\s+not|stop|no|without|never)\s+(?:breathe|breathing|inhale|inhaling"
                            + @"|take\s+a\s+breath)\b[^.;]{0,12}?(?:$|\b(?:until|while|during|for|till|in\s+between"
                            + @"|as\s+long|at\s+all|here|now|between|when))|\bbreath\s+(?:is\s+|stays\s+|kept\s+)?(?:held"
                            + @"|stopped|locked)\s+(?:in\s+)?(?:for|until|while|during|throughout|under|all)\b"
                            + @"|\block\s+(?:the|your)\s+breath"
                    ),
                ],
                F(
                    @"\b(?:without|never|not|don't|no)\s+(?:ever\s+)?(?:hold|stop|block|keep)\w*\s+(?:your\s+|the\s+"
                        + @"|back\s+|in\s+)*breath\w*|\b(?:breathe|breathing)\s+(?:on|freely|evenly|quietly|calmly|normally"
                        + @"|steadily)\b|\bkeep\w*\s+(?:on\s+)?breathing\b|\bbreath\s+(?:moving|between|after|before|flows"
                        + @"|goes\s+on|keeps\s+flowing|runs\s+on|stays\s+free)"
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
                        @"\b(?:hold|holding|keep|keeping|stop|stopping|suspend|pause"
                            + @"|retain)\w*\s+(?:in\s+)?(?:your\s+|the\s+)?(?:breath|breathing)\b|\bbreath-?\s?(?:hold"
                            + @"|retention)\w*\b|\bwith\s+(?:the\s+|your\s+)?(?:held\s+breath|breath\s+held)\b"
                            + @"|\bwithout\s+breathing\b"
                    ),
                ],
                F(
                    @"\byou(?:'re|\s+are|\s+may\s+be|\s+have\s+been)\s+(?:probably\s+|surely\s+)?holding\s+(?:your"
                        + @"|the)\s+breath\s*$|\bkeep\w*\s+(?:your\s+|the\s+)?(?:breath|breathing)\s+(?:flowing|going|free"
                        + @"|calm|even|slow|soft|quiet|easy|steady|regular|light|gentle|deep|long|on|through|in\s+the"
                        + @"|moving|natural)\w*|\bkeep\s+breathing|\bkeep\s+the\s+breath\b[^.;]{0,20}\b(?:flow|free|calm"
                        + @"|even|slow)"
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
                        @"\b(?:while|when|whilst|during|as)\s+(?:you(?:'re|\s+are)?\s+)?(?:still\s+)?(?:(?:on"
                            + @"|at)\s+(?:the|your)\s+)?(?:driv\w+|cycl\w+|biking|riding\s+(?:a|your|the)\s+\w+|steering"
                            + @"|(?:at|behind)\s+the\s+(?:steering\s+)?wheel|(?:working|operating|using|running)\s+(?:a\s+"
                            + @"|the\s+|heavy\s+|power\s+)?(?:machine\w*|saw|tools?\s+with)|climbing\s+(?:the\s+)?(?:stairs"
                            + @"|ladder)|crossing\s+(?:the|a)\s+(?:street|road)|on\s+a\s+ladder|on\s+the\s+(?:motorway"
                            + @"|highway))"
                    ),
                    F(
                        @"\b(?:at|behind)\s+the\s+(?:steering\s+)?wheel\b|\bat\s+(?:a|the|every|each|any)?\s*(?:red"
                            + @"|traffic|stop)\s*-?lights?\b|\bin\s+(?:the|your|a|heavy|slow|city)?\s*(?:car|traffic|van"
                            + @"|lorry|truck)\b[^.;]{0,25}?\b(?:while|as\s+you|on\s+the\s+way|during|jam|to\s+work"
                            + @"|commut\w+|wait\w*)|\b(?:on|during)\s+(?:the|your|a|every|long)\s+(?:drive"
                            + @"|commute\s+by\s+car|car\s+(?:ride|journey)|motorway|highway)\b"
                            + @"|\bin\s+(?:a\s+)?traffic\s+(?:jam)?|\bwhile\s+(?:waiting\s+)?in\s+traffic"
                            + @"|\bone\s+hand\s+on\s+the\s+(?:steering\s+)?wheel|\bdriving\s+(?:is\s+a\s+good|time"
                            + @"|to\s+work)|\bon\s+the\s+bike\b"
                    ),
                ],
                F(
                    @"\bpassengers?\b|\blights?\s+(?:down|off|low|out)\b|\b(?:before|after|until)\s+(?:(?!minutes?\b"
                        + @"|hours?\b|miles?\b|while\b)\w+\s+){0,3}(?:driv\w+|riding|cycling|mowing|ride|drive|commute"
                        + @"|getting\s+behind)|\bparked\b|\bpark\s+first|^(?:(?:at|in|on)\s+(?:the|a"
                        + @"|every)\s+(?:\w+\s+){1,2})?(?:both|your|the)\s+hands?\s+(?:belong|stay|remain|rest|are)\s+(?:to"
                        + @"|on|at)\s+the\s+(?:steering\s+)?(?:wheel|handlebars?)\b\s*(?:$|,\s*so\b)"
                )
            ),
        ];
}
