using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Safety;

/// <summary>Frames of harm. On the throat, the pulses of the neck, the neck and head. (Common practice, from memory.)</summary>
internal static partial class SaidHazards
{
    private static Harm[] OnTheNeck =>
        [
            new(
                "hz-larynx",
                "Force on the throat",
                SafetyVerdict.Stop,
                "puts force on the throat or on both sides of it",
                "Stay behind the side-neck muscle, one side at a time, light.",
                [
                    F(
                        $@"\b(?:hack|chop|hit|strik|punch|slap|knock)\w*\b{Near}(?:throat|wind-?pipe|larynx"
                            + @"|voice\s?box|adam'?s\s+apple|front\s+of\s+(?:the|your)\s+neck)\b"
                    ),
                    F(
                        @"\b(?:press|push|squeez|pinch|grip|grasp|grab|dig|knead|massag|rub|clasp|compress|chok|roll"
                            + @"|scrap|pull|lean|clamp|bor|thumb|prod|pok|circl|vibrat|(?:firm|strong|deep|hard|heavy|some"
                            + @"|steady|more|full|moderate)\s+(?:pressure|strok\w+|force|circles)|pressure|force|throttl"
                            + $@"|strangl)\w*\b{Near}(?:throats?|wind-?pipe|larynx|voice\s?box|adam'?s\s+apple|trachea"
                            + @"|thyroid|gullet|hyoid|tongue\s+bone|airway|front\s+of\s+(?:the|your)\s+neck)\b"
                    ),
                    F(
                        @"\b(?:throats?|wind-?pipe|larynx|voice\s?box|adam'?s\s+apple|trachea|front\s+of\s+(?:the"
                            + $@"|your)\s+neck)\b[^.;:,]{{0,25}}?\b(?:(?:is|are|gets?)\s+)?(?:pressed|pushed|squeezed"
                            + @"|pinched|gripped|kneaded|rubbed|compressed|choked|rolled)\b"
                    ),
                    F(
                        $@"\b(?:strok|glid|sweep|slid|iron|draw)\w*\b{Near}(?:throat|wind-?pipe|larynx|adam'?s\s+apple"
                            + $@"|front\s+of\s+(?:the|your)\s+neck)\b[^.;:,]{{0,25}}?\b(?:firm|hard|strong|deep|forceful"
                            + @"|with\s+(?:the\s+)?(?:knuckles|full\s+weight|force|pressure))"
                    ),
                    F(
                        $@"\b(?:firm|hard|strong|deep|forceful|knuckle)\w*\b[^.;:,]{{0,20}}?\b(?:strok|glid|sweep|slid"
                            + $@"|iron|draw)\w*\b{Near}(?:throat|wind-?pipe|larynx|adam'?s\s+apple|front\s+of\s+(?:the"
                            + @"|your)\s+neck)\b"
                    ),
                ],
                F(
                    @"\b(?:away\s+from|clear\s+of|off|beside|well\s+behind|behind|outwards?\s+of|to\s+the\s+side\s+of"
                        + @"|stays?\s+out)\s+(?:of\s+)?(?:the|your)\s+(?:throat|wind-?pipe|larynx|voice\s?box|airway"
                        + @"|adam'?s\s+apple|front\s+of\s+the\s+neck)\b|\btongue\b[^.;]{0,40}\b(?:palate|roof)\b"
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
                        @"\b(?:cut|shut|block|stop|choke)\w*\s+(?:off\s+)?the\s+blood\s+(?:\w+\s+)?(?:to|in"
                            + @"|of)\s+the\s+(?:head|brain)\b|\b(?:close|tighten|clamp|wrap\w*\s+tight\w*)\w*\s+(?:your\s+"
                            + @"|the\s+|both\s+)*(?:hands?|fingers?|arms?)\s+(?:tight\w*\s+|firmly\s+)?a?round\s+(?:the"
                            + @"|your)\s+(?:neck|throat)\b"
                    ),
                    F(
                        @"\b(?:press|push|squeez|pinch|grip|grasp|grab|dig|knead|massag|rub|clasp|compress|hold|clamp"
                            + $@"|block|stop|circl|thumb|pump|stimulat|lean|work|(?:pressure|force))\w*\b{Near}(?:carotids?"
                            + @"|carotid\s+\w+|neck\s+(?:arter\w+|pulses?)|arter(?:y|ies)\s+(?:of|in|at)\s+(?:the"
                            + @"|your)\s+neck|jugulars?|pulses?\s+(?:points?\s+)?(?:of|in|at|on)\s+(?:the|your)\s+neck"
                            + @"|(?:both|two)\s+(?:neck\s+)?pulses|pulse\s+(?:points?|beats?|can\s+be\s+felt|is\s+felt)"
                            + @"|where\s+(?:you\s+(?:can\s+)?feel\s+)?(?:the|your)\s+pulse)\b"
                    ),
                    F(
                        @"\b(?:press|push|squeez|pinch|grip|grasp|grab|dig|knead|rub|clasp|compress|clamp|massag|hook"
                            + $@"|(?:firm|strong|deep|hard)\s+(?:pressure|strok\w+))\w*\b{Near}(?:both\s+sides\s+of\s+(?:the"
                            + @"|your)\s+(?:neck|throat)|(?:the|your)\s+(?:neck|throat)\s+(?:on|from)\s+both\s+sides|(?:the"
                            + @"|your)\s+neck\s+between\s+(?:the\s+)?(?:thumb|fingers|hands|palms)|(?:either"
                            + @"|each)\s+side\s+of\s+(?:the|your)\s+(?:throat|wind-?pipe|adam'?s\s+apple|neck))\b"
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
                        @"\b(?:belt|strap|rope|cord|towel|scarf)\b[^.;]{0,20}\ba?round\s+(?:the\s+"
                            + @"|your\s+)?(?:forehead|head|neck|chin)\b[^.;]{0,40}\b(?:lean\w*\s+back|tug|yank|jerk|haul"
                            + @"|pull(?!\w*\s+(?:back|aside|the\s+hair)))|\b(?:belt|strap|rope"
                            + @"|cord)\b[^.;]{0,20}\bstretch\w*\s+(?:the|your)\s+neck\b"
                    ),
                    F(
                        @"\b(?:pull|yank|jerk|tug|twist|wrench|crank|crack|thrust|forc|snap|whip|fling|swing|wring"
                            + @"|haul|stretch\s+out|adjust|manipulat|pop|drag)\w*\s+(?:(?:hard|sharply|firmly|suddenly"
                            + $@"|quickly|slowly|gently|up|back|down|on|at|out|steadily|strongly)\s+)*{The}(?:(?:whole"
                            + @"|client's|partner's)\s+)*(?:head|neck|skull|cervical\s+spine|vertebra\w*)\b"
                    ),
                    F(
                        $@"\b(?:head|neck|skull)\b[^.;:]{{0,35}}?\b(?:with\s+(?:full|all|great"
                            + @"|maximum)\s+(?:\w+\s+)?(?:force|strength|weight|power)|as\s+far\s+as\s+(?:the|your|it|a"
                            + @"|they)\s+(?:hands?|goes|will|can|possibly)(?:\s+\w+)?|until\s+it\s+(?:cracks|clicks|pops"
                            + @"|snaps|gives|stops)|beyond\s+(?:its|the|your)\s+(?:limit|end|range)|past\s+(?:its|the"
                            + @"|your)\s+(?:limit|end|range|comfort)|to\s+(?:its|the)\s+(?:very\s+)?(?:end|limit|stop)"
                            + @"|with\s+a\s+(?:jerk|jolt|snap|quick\s+(?:pull|twist)))"
                    ),
                    F(
                        $@"\b(?:roll|circl|rotat|swivel|spin|swing)\w*\s+{The}(?:head|neck)\b[^.;:]{{0,35}}?\b(?:full"
                            + @"|complete|whole|all\s+the\s+way|round\s+and\s+round|big|large|wide|in\s+circles?|circles?"
                            + @"|around|fast|quickly)\b|\b(?:full|complete|whole|big|large|wide|fast)\s+(?:head"
                            + @"|neck)\s+(?:circles?|rolls?|rotations?)\b|\b(?:head|neck)\s+(?:circles|rolls)\s+(?:all"
                            + @"|right)\s+(?:the\s+way\s+)?(?:a)?round\b|\b(?:full|complete|whole"
                            + $@"|big)\s+circles?\s+with\s+{The}(?:head|neck)\b"
                    ),
                    F(
                        @"\b(?:push|press|turn|bend|tilt|lever|lean)\w*\s+(?:(?:hard|firmly|further|down"
                            + $@"|strongly)\s+)*{The}(?:head|neck)\b[^.;:]{{0,40}}?\b(?:further|farther|harder|past|beyond"
                            + $@"|with\s+(?:the|your|a|both|one)\s+(?:hands?|palm|arm|other\s+hand)[^.;:,]{{0,25}}(?:further"
                            + @"|farther|hard|force|end|limit|can)|over\s+the\s+(?:limit|end)|by\s+force|forcibly"
                            + @"|forcefully|hard)\b"
                    ),
                    F(
                        $@"\b(?:hand|partner|palm|helper|trainer|arm)\w*\b[^.;:]{{0,20}}?\b(?:forc|pull|yank|push"
                            + $@"|twist|wrench|lever)\w*\s+{The}(?:head|neck|chin)\b[^.;:]{{0,30}}?\b(?:round|further"
                            + @"|farther|back|to\s+the\s+side|over|end|limit|around|towards?)"
                    ),
                    F(
                        $@"\b(?:tip|drop|throw|let|hang|take|bend|lean|fling|tilt)\w*\s+{The}(?:head"
                            + $@"|neck)\s+(?:\w+\s+){{0,4}}?back\w*\b[^.;:]{{0,30}}?\b(?:and|then"
                            + $@"|while)\s+(?:\w+\s+){{0,2}}?(?:turn|rotat|twist|roll|look\s+over)\w*|\b(?:traction|thrust"
                            + $@"|whiplash)\b[^.;:]{{0,20}}?\b(?:neck|head)|\bhang\w*\s+(?:\w+\s+){{0,3}}?by\s+(?:the"
                            + $@"|your)\s+(?:head|chin|neck)|\blift\w*\s+{The}(?:head|skull)\s+off\s+(?:the\s+)?(?:neck"
                            + $@"|spine)|\b(?:throw|fling|snap|drop)\w*\s+{The}head\s+(?:\w+\s+)?back"
                            + $@"|\bhead\b[^.;]{{0,15}}\bfall\w*\s+back\w*\s+(?:hard|fast|quickly|suddenly|with\s+\w+|freely)"
                    ),
                    F($@"\b(?:pull|yank|jerk|tug|haul)\w*\b[^.;:,]{{0,25}}?\b(?:by|at|on)\s+{The}(?:head|chin|neck|ears|skull)\b"),
                ],
                F(
                    @"\bagainst\s+(?:the|your|a|its|his|her)\s+(?:\w+\s+)?(?:hands?|palms?|resistance|pillow|wall"
                        + @"|fist)|\b(?:imagin\w+|as\s+if|as\s+though|thread|string|balloon|like\s+a)\b|\b(?:shoulders?"
                        + @"|elbows?|chin|jaw|corners?|cheeks?|ears?)\s+(?:\w+\s+){0,3}(?:away\s+from|towards?)\s+(?:the"
                        + @"|your)\s+(?:head|neck)\b|\bas\s+far\s+as\s+(?:is\s+|it\s+is\s+|feels\s+|it\s+goes\s+"
                        + @"|it\s+will\s+go\s+)?(?:comfort\w*|easy|easily|pleasant\w*|by\s+itself|freely|without"
                        + @"|nothing\s+pulls)"
                )
            ),
        ];
}
