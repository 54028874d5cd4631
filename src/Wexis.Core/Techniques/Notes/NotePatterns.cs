using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What kind of sentence it is, and what it says of how much, how often, how held (common practice).</summary>
internal sealed partial class NoteGlossary
{
    private const RegexOptions Free = RegexOptions.IgnoreCase;

    [GeneratedRegex(@"\r\n|\r|\n")]
    private static partial Regex LineEnd();

    [GeneratedRegex(@"^\s*(?:#+\s*)?(?:(?:technique|exercise|name|title|move)\b\s*(?:no\.?\s*)?\d*\s*[:.)\-–]\s*)?", Free)]
    private static partial Regex Heading();

    [GeneratedRegex(
        @"(?<=\b(?:hold|relax|rest|pause|for|counts?\s+of|counting\s+to|count\s+to)\s)(?<w>three|four|five|six"
            + @"|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|sixty)\b|\b(?<w>(?<!\blast\s)one|two|three|four|five|six|seven"
            + @"|eight|nine|ten|twelve|fifteen|twenty|thirty|sixty)(?=\s*(?:(?:slow|deep|calm|long|gentle|light|small"
            + @"|big|full)\s+)*(?:[-–]|to|or|times|x\b|pulses?|bounces?|nods?|squeezes|repetitions?|reps?|circles?"
            + @"|sets?|seconds?|secs?|minutes?|mins?|breaths?|strokes?|counts?|days?|more|holds?|press(?:es)?|rounds?"
            + @"|passes|taps?|swipes?|pinches|points?|spots?|left\b|right\b|each\b|forwards?|backwards?|kisses|smiles"
            + @"|blinks|of\s+(?:these|them|those)|(?:anti-?|counter-?)?clockwise)\b)"
            + @"|(?<=\b(?:clockwise|way|direction|forwards|backwards)\s+)(?<w>three|four|five|six|eight|ten|twelve|fifteen"
            + @"|twenty)(?=\s*(?:[,.;]|$))",
        Free
    )]
    private static partial Regex NumberWords();

    [GeneratedRegex(
        $@"(?<=\d)\s+(?:{OfManner}\s+)+(?=(?:times|repetitions?|reps?|circles?|breaths?|strokes?|presses|holds?|{Countables})\b)",
        Free
    )]
    private static partial Regex Manner();

    [GeneratedRegex(@"\b(?<low>\d+)\s+or\s+(?<high>\d+)\b")]
    private static partial Regex EitherOr();

    [GeneratedRegex(@"\b(?:(?<half>half\s+a)|a)\s+minute\b", Free)]
    private static partial Regex HalfMinute();

    [GeneratedRegex(
        @"\b(?:once|twice|\d+\s*(?:x|times))\s+(?:a|per|each|every)\s+day\b|\b\d+\s*(?:days?|times)\s+(?:a|per"
            + @"|each)\s+week\b|(?<day>\bdaily\b|\b(?:every|each)\s+(?:morning|evening|night|day)\b)",
        Free
    )]
    private static partial Regex OftenWords();

    [GeneratedRegex(
        @"\b(?:hold\w*|pause\w*|stay\w*|keep\w*|remain\w*)\b(?:(?!\b(?:rest|relax|releas)).){0,30}?\b(?<n>\d+)(?:\s*(?:to|-"
            + @"|–)\s*\d+)?\s*(?:seconds?|secs?|s|counts?)\b",
        Free
    )]
    private static partial Regex Hold();

    [GeneratedRegex(@"(?:\b|(?<=\d))(?:s|secs?|seconds?|mins?|minutes?|breaths?|counts?)\b", Free)]
    private static partial Regex TimeWords();

    [GeneratedRegex(
        @"\b(?:repeat|do|go\s+through|run\s+through)\b.{0,20}\b(?:whole|entire|everything|sequence|routine"
            + @"|cycle|exercise|technique|from\s+the\s+(?:beginning|start|top)|all\s+(?:of\s+(?:it|this|these)"
            + @"|steps))\b",
        Free
    )]
    private static partial Regex WholeAgain();

    [GeneratedRegex(@"\d+")]
    private static partial Regex Numbers();

    [GeneratedRegex(
        @"^\s*(?:and\s+|then\s+)?(?:switch|swap|change)(?:\s+hands)?\W*$|^\s*(?:(?:and|then)\s+)*(?:(?:on|to|with|against"
            + @"|into)\s+)?(?:only\s+)?(?:the\s+|your\s+)?(?:far\s+)?(?:left|right)(?:\s+(?:side|half|one|(?:eye)?brow|eye|cheek|corner"
            + @"|nostril))?(?:\s+(?:too|as\s+well|(?:the\s+)?same))?(?:\s*,\s*(?:the\s+)?other\s+(?:side|half|one|corner|brow"
            + @"|eye)\s+(?:stays?"
            + @"|is|remains?)\s+(?:still|quiet|relaxed))?\W*$|^\s*(?:(?:and|then)\s+)*(?:the\s+)?other(?:\s+one)?\W*$"
            + @"|\b(?:the\s+)?(?:other|opposite|second)\s+(?:side|half|cheek"
            + @"|eye|hand)\b|\b(?:change|switch|swap)\s+(?:the\s+)?sides?\b|\b(?:repeat\w*|same"
            + @"|again)\b.{0,30}\b(?:on|with|to)\s+the\s+(?:left|right)\b|^\s*(?:repeat"
            + @"|same)\s+(?:on\s+)?(?:the\s+)?(?:left|right)\b",
        Free
    )]
    private static partial Regex OtherSide();

    [GeneratedRegex(@"\b(?:again|repeat\w*|same|likewise|change|switch|swap)\b", Free)]
    private static partial Regex Again();

    [GeneratedRegex(@"\bfrom\b", Free)]
    private static partial Regex ComesFrom();

    [GeneratedRegex(@"^\s*(?:(?:it|this|that|which)\s+)?(?:works?|trains?|targets?|activates?|engages?|uses?|hits)\b", Free)]
    private static partial Regex Targets();

    [GeneratedRegex(@"(?:\b(?:at\s+)?(?:an?\s+)?angle\s+(?:of\s+)?(?:about\s+)?)?\b(?<n>\d{1,2})\s*(?:degrees?\b|°)", Free)]
    private static partial Regex Angle();

    [GeneratedRegex(
        @"\b(?:with\s+|under\s+|behind\s+)?(?:the\s+|your\s+)?(?:closed|shut)\s+(?:eyes|(?:eye)?lids)\b"
            + @"|\b(?:under|behind|beneath)\s+(?:(?:the|your)\s+)?lids\b(?<=\b(?:look|gaze|eyes|roll|circl)\w*[^.;]*)"
            + @"|\b(?:eyes?|(?:eye)?lids)\b(?<!squeez\w*\s+(?:(?:the|your|both)\s+)*\w+)\s+(?:are\s+"
            + @"|stay\s+)?(?:closed|shut)\b",
        Free
    )]
    private static partial Regex EyesShut();

    [GeneratedRegex(
        @"\b(?:eyes?|(?:eye)?lids)\s+(?:are\s+|stay\s+)?(?:half|almost|nearly)[\s-]+(?:closed|shut)\b|\b(?:half"
            + @"|almost|nearly)[\s-]+(?:closed|shut)\s+(?:eyes|lids)\b|\b(?:keep\w*|leav\w*|with)\s+(?:the\s+"
            + @"|your\s+)?eyes\s+half[\s-]+(?:closed|shut|open)\b",
        Free
    )]
    private static partial Regex EyesHalfShut();

    [GeneratedRegex(
        @"\b(?:jaw|teeth)\s+(?:is\s+|are\s+|stays?\s+|slightly\s+|just\s+|a\s+little\s+)*(?:loose|relaxed|apart|unclenched|soft"
            + @"|slack|heavy|hang(?:s|ing))\b(?!\s+open)",
        Free
    )]
    private static partial Regex JawLoose();

    /// <summary>How the teeth are held; "press the teeth together" is a movement.</summary>
    [GeneratedRegex(
        @"(?<!\b(?:press|bring|put|clench|bite|squeez|push|clos)\w*\s+(?:(?:the|your|both|upper|and|lower|front"
            + @"|back)\s+)*)(?<!\b(?:no|not|without)\s+(?:the\s+|your\s+)?)\bteeth\s+(?:are\s+|stay\s+|lightly\s+"
            + @"|softly\s+)*(?:together|closed|touching)\b"
            + @"|\b(?:with|behind)\s+(?:closed|touching)\s+teeth\b",
        Free
    )]
    private static partial Regex TeethTogether();

    [GeneratedRegex(
        @"\b(?:mouth|jaw)\s+(?:is\s+|stays?\s+|hangs?\s+|hanging\s+|wide\s+)?open\b(?!\s*(?:and|\+|/|,)\s*(?:then\s+)?clos)",
        Free
    )]
    private static partial Regex MouthOpen();

    [GeneratedRegex(@"\b(?:mouth|jaw)\s+(?:is\s+)?(?:slightly|a\s+(?:little|bit)|half|partly)\s+open\b", Free)]
    private static partial Regex MouthHalfOpen();

    [GeneratedRegex(
        @"(?<!\b(?:without|not|no|never)\s+)\b(?:show|bar(?:e|ing)|with(?!out))\w*\s+(?:the\s+|your\s+"
            + @"|all\s+)*teeth\b(?!\s+(?:apart|together|closed))|\bteeth\s+(?:showing|visible|shown)\b"
            + @"|\blips?\s+(?:are\s+|stay\s+|slightly\s+)*(?:open|apart|parted)\b",
        Free
    )]
    private static partial Regex TeethShown();

    [GeneratedRegex(
        @"\blips?\s+(?:are\s+|stay\s+)?(?:closed|together|sealed|shut|touching)\b|\b(?:without|not"
            + @"|no)\s+(?:show\w*\s+(?:the\s+|your\s+|any\s+)*)?teeth\b(?!\s+touching)(?:\s+showing)?|\b(?:let\s+)?(?:the\s+"
            + @"|your\s+)?lips\s+touch\b|\bclosed[-\s]+(?:lips?|mouth|smile)\b|\bmouth\s+(?:is\s+"
            + @"|stays?\s+)?(?:closed|shut)\b|(?<!\bopen\w*\s*(?:and|&|,|/)\s*)\b(?:clos|shut)\w*\s+(?:the\s+"
            + @"|your\s+)?(?:mouth|lips)\b(?!\s+against)(?<!\bopen\w*\b[^.;]{0,120})|\bwithout\s+opening\s+(?:the\s+|your\s+)?(?:lips"
            + @"|mouth)\b",
        Free
    )]
    private static partial Regex LipsClosed();

    [GeneratedRegex(
        @"\bhead\s+to\s+the\s+back\b|\bhead\s+(?:is\s+|stays?\s+|slightly\s+|gently\s+|a\s+(?:little"
            + @"|bit)\s+)*(?:tipped\s+|tilted\s+)?back\b(?!\s+against\b)(?!\s+(?:in)?to\s+(?:the\s+)?(?:middle|centre|center|neutral"
            + @"|start|straight|upright|level)\b)(?:\s+a\s+(?:little|bit))?|\b(?:tip|tilt|lean|drop)\w*\s+(?:the\s+"
            + @"|your\s+)?head\s+back(?:\s+(?:a\s+(?:little|bit)|slightly))?"
            + @"|\bchin\s+(?:up\s+)?to(?:wards?)?\s+(?:the\s+)?(?:ceiling|sky)\b|(?<!\b(?:from|(?:pull|draw|push)\w{0,3})\s+"
            + @"(?:the\s+|your\s+)?)\bchin\s+(?:slightly\s+"
            + @"|a\s+(?:little|bit)\s+)?(?:up|raised|lifted)\b(?:\s+(?:slightly|a\s+(?:little|bit)))?(?!\s+(?:to|over"
            + @"|along)\b)|\b(?:lift|rais)\w*\s+(?:the\s+|your\s+)?chin\b(?:\s+to(?:wards?)?\s+(?:the\s+)?(?:ceiling"
            + @"|sky)\b)?",
        Free
    )]
    private static partial Regex HeadBack();

    [GeneratedRegex(
        @"\b(?:sit|stand)\w*\s+(?:up\s*)?(?:right|straight|tall|upright)\b|\b(?:head|chin)\s+(?:is\s+"
            + @"|stays?\s+)?(?:straight|upright|level)\b|\bchin\s+(?:is\s+)?(?:parallel\s+to"
            + @"|level\s+with)\s+(?:the\s+)?(?:floor|ground)\b|\b(?:(?:sit|stand)\w*\s+)?(?:with\s+)?(?:back\s+straight"
            + @"|(?:an?|the|your)\s+straight\s+back)\b|\bcrown\s+(?:of\s+(?:the\s+"
            + @"|your\s+)?head\s+)?(?:up|to(?:wards?)?\s+the\s+ceiling)\b|\bneck\s+(?:stays?\s+|is\s+|kept\s+"
            + @"|remains?\s+)?(?:long|straight|tall)\b|\b(?:make|keep)\w*\s+(?:the\s+|your\s+)?neck\s+long\b|\blengthen\w*\s+(?:the\s+"
            + @"|your\s+)?(?:back\s+of\s+(?:the\s+|your\s+)?)?neck\b|\b(?:(?:with\s+)?an?\s+)?long\s+neck\b",
        Free
    )]
    private static partial Regex Upright();

    [GeneratedRegex(@"\bshoulders?\s+(?:are\s+|stay\s+)?(?:down|low|deep|dropped|loose|relaxed)\b", Free)]
    private static partial Regex ShouldersDown();

    [GeneratedRegex(
        @"(?<=[.!?;])\s+|\s+(?=\d{1,2}\)\s+\p{L})|,?\s+then\s+(?![^.;]*\balternat|back\s*(?:[,.;]|$|\d)|(?:for|back)wards?\s+\d|(?:for"
            + @"|back)wards?\s+(?:two"
            + @"|three|four|five|six|eight|ten|twelve|fifteen|twenty)\b|(?:to\s+)?(?:the\s+)?(?:left"
            + @"|right)\b(?=[^.;]*\beach\b)|(?:on\s+)?the\s+other\b|(?:other|opposite)\s+(?:way|direction)\b"
            + @"|\d+\s*(?:x|×|times|strokes?)?\s*(?:on\s+the\s+)?(?:left|right)\b|(?:to\s+)?the\s+(?:left"
            + @"|right)[\uE100-\uF8FF]?\s+\p{L}+\s*,\s*\d+|(?:left|right)\b(?<=\b(?:left"
            + @"|right)[\uE100-\uF8FF]?\s*,?\s+then\s+\w+)|(?:on\s+)?(?:up|down|along|over|out"
            + @"|across)\s+(?:the\s+)?[\p{L} ]{0,30}?\bto\b|open\s+(?:them\s+)?wide\b|(?:far|near)\b|(?:at"
            + @"|to)\s+(?:the|your|a)\s+(?:near\s+|far\s+)?(?:finger|thumb|pen|wall|window"
            + @"|nose)\b(?<=\blook\w*\b[^.;]*)|look\s+(?:up|down|left"
            + @"|right)\b(?<=\blook\w*\b[^.;]*\bthen\s+look\s+\w+)|(?:anti-?|counter-?)?clockwise\b"
            + @"|[""“'‘]\p{L}+[""”'’]|(?-i:[AEIOU])\b|(?:up|down)\b(?<=\b(?:look\w*|eyes|gaze)\s[^.;]*)|(?:relax|rest"
            + @"|pause)\w*(?:\s+\p{L}+ly)?\s+(?:for\s+)?(?:\p{Nd}|(?:two|three|four|five|six|eight|ten)\b))"
            + @"|\s*[,–]\s*(?=(?:but\s+)?(?:"
            + LeaveAlone
            + @"|spar(?:e|ing)\b"
            + @"|skip(?:ping)?\s+(?:the\s+)?\p{L}+|except\s+(?:the|on|over)\b"
            + @"|"
            + KeepOff
            + @"\b|"
            + OneMoreFree
            + StayFree
            + @"|omit\s+(?:the|your)"
            + @"|stop\s+(?:if|when|at)|never|do\s+not|don't|avoid|not\s+(?:on|over|into"
            + @"|at|with(?=\s+(?:the\s+|your\s+)?nails)|(?:the|your)\s+"
            + PlaceOfList
            + @"\b)"
            + @"|no\s+(?:pressure\s+(?:on|over|at(?!\s+all)|to|near|onto)|pulling|touching"
            + @"|frown\w*(?<=\b(?:rais|lift)\w*\s+(?:the\s+|your\s+)?(?:eye)?brows?\b[^.;]{0,200}))"
            + @"|caution|careful|attention|beware|watch\s+out)\b)|,\s+(?=(?:relax\w*|releas\w*|rest"
            + @"|hold|repeat|(?:change|swap|switch)\s+(?:sides?|hands?)|(?:each|both|other)\s+sides?|(?:breath|inhal|exhal)\w*"
            + @"|(?:with\s+)?(?:some\s+)?(?:oil"
            + @"|cream|serum|balm)(?=\s*(?:[,.;]|$))|\d+\w*|(?:one|two|three|four"
            + @"|five|six|eight|ten|half\s+a|a)\s+(?:minutes?|seconds?|times|breaths|rounds)"
            + @"|(?:very\s+)?(?:feather"
            + @"|light|soft|gentle|medium|moderate|firm)(?:\s+(?:light|pressure|touch))?(?=\s*[,.;]|\s*$))\b)"
            + @"(?<=\b(?:don't|do\s+not|never|avoid|not\s+(?:on|over|into|onto|with)|no\s+(?:pressure\s+(?:on|over|at|to|near)"
            + @"|touching|pulling)|without\s+(?:pulling|rubbing|dragging|tugging))\b[^.;,]*,\s+)"
            + @"|(?:\s*,)?\s+(?=(?:without|no)\s+(?:pulling|rubbing|dragging|tugging)\b)"
            + @"|\s+(?=not\s+(?:on|over|into|onto)\s+(?:the|your)\s+(?:lids?|eyelids?|eyes?|eyeballs?|throat|bone|skin)\b)"
            + @"|,\s+(?=(?:the\s+)?\p{L}[\p{L} ]{2,30}\s+to\s+(?:the\s+)?\p{L}[\p{L} ]{2,30}\s+\d+\s*x\b)"
            + @"(?<=\bto\s+(?:the\s+)?\p{L}[\p{L} ]{2,30}\s+\d+\s*x\s*,\s+)"
            + @"|,\s+(?=(?:and\s+)?(?:(?:on|at)\s+the\s+last\b|(?:the\s+)?last\s+(?:one|rep\w*|time)\b|hold\w*\s+the\s+last\b)"
            + @"[^,.;]*\d)"
            + @"|,\s+(?=(?:up|down|out|in|back)(?:wards?)?\s+\d+\s*(?:x|times)\b)"
            + @"(?<=\b(?:pull|draw|tug|push|press|stretch)\w*\b[^.;,]*\b(?:up|down|out|in|back)(?:wards?)?\s+\d+\s*(?:x|times)\s*,\s+)"
            + @"|,\s+(?=(?:(?:left|right|up|down)\s*[-/]\s*(?:left|right|up|down)|side\s*-\s*side|circles?)\s+\d+)(?<=\beyes?\b[^.;]*,\s+)"
            + @"|,\s+(?=(?!pressure)(?:blink|squeez|squint|wink|smil|kiss|puck|pout|puff|suck|frown|rais|press|circl|tap|strok|knead"
            + @"|pinch|pull|turn|tilt|nod"
            + @"|stick|chew|swallow|clench|shrug)\w*\b[^.,;]*\d[^.,;]*[.;]?\s*$)(?<!\b(?:rounds?|sets?)\b[^.;]*)(?<=\d\s*(?:x|times"
            + @"|reps)(?:\s+(?:slow"
            + @"|fast|quick)(?:ly)?)?,\s+)|,\s+(?=(?:it|this"
            + @"|that)\s+(?:works?|trains?|strengthen\w*|lifts?|tones?|drains?)\b)"
            // "(Hold, don't press!), blink 30x": what comes behind the bracket is forbidden no more.
            + @"|,\s+(?<=\((?:[^()]{0,60}\b)?(?:don't|do\s+not|never|not|no|avoid)\b[^()]{0,60}\)\s*,\s+)",
        Free
    )]
    private static partial Regex SentenceEnd();

    [GeneratedRegex(@"^\s*(?:[-*•–]|\(?\d{1,2}[.)])\s*")]
    private static partial Regex Bullet();

    [GeneratedRegex(@"[\p{L}\p{Nd}]+")]
    private static partial Regex WordPattern();

    [GeneratedRegex(
        @"\b(?:drink\w*|water|sleep\w*|sun(?:screen|light)?|diet|sugar|salt"
            + @"|alcohol|vitamins?|screen\s+time|pillow)\b"
            + @"|^\s*(?:(?:best|only)\s+)?(?:in\s+the\s+|at\s+|before\s+)?(?:mornings?|evenings?|night|bed)(?:\s+only)?\W*$",
        Free
    )]
    private static partial Regex Advice();

    [GeneratedRegex(
        @"\b(?:strengthen\w*|ton(?:e|es|ing)|works?\s+(?:the|on)|trains?|lifts?\s+the\s+(?:face|cheeks?|skin)"
            + @"|drain(?:s|age)|remov\w*|reduc\w*|improv\w*|boost\w*|stimulat\w*|detox\w*|prevents?|helps?"
            + @"|makes?\s+(?:the|your)|good\s+for|caus\w*|relaxes"
            + @"|this\s+is\s+(?:the|a)\b(?!\s+(?:first|second|third|fourth|fifth|sixth|last|next|final|start\w*|end|warm-?up)\b))",
        Free
    )]
    private static partial Regex Claims();

    [GeneratedRegex(
        @"\b(?:hold(?:ing|s)?|held)\s+(?:(?:it|each|for|about|there|every)\s+)*\d+(?:\s*(?:-|–"
            + @"|to)\s*\d+(?!\s*(?:x|×|times|rounds?|reps?|sets?|repet)))?(?:\s*(?:s|secs?|seconds?|counts?"
            + @"|breaths?)\b)?"
            + @"|\d+\s+(?:(?:each|per|a)\s+(?:side|way|direction|hand|eye|cheek|brow)|each)\b"
            + @"|\d+\s*[x×]\s*\d+(?:\s*(?:s|secs?|seconds?|mins?|minutes?|times|reps?)\b)?"
            + @"|\d+\s+left\s*,?\s*(?:and\s+)?\d+\s+right|\d+\s+right\s*,?\s*(?:and\s+)?\d+\s+left"
            + $@"|\d+(?:\s*(?:-|–|to|/)\s*\d+)*\s*(?:x|×|times?|repetitions?|reps?|circles?|{Countables}"
            + @"|taps?|swipes?|holds?|press(?:es)?|pinches|sets?(?:\s+of\s+\d+(?:\s*(?:s|secs?|seconds?|times"
            + @"|reps?))?)?|seconds?|secs?|s\b|minutes?|mins?|breaths?|strokes?|counts?)(?:\s+(?:each|per"
            + @"|on\s+each)\s+(?:eye|cheek|brow|ear|temple|nostril|corner)\b|\s+each\b(?!\s+(?:side|way|direction"
            + @"|hand|eye|day)))?"
            + @"|\b(?:rest|relax|pause|release|let\s+go)(?:\s+\p{L}+ly)?\s+(?:for\s+)?\d+(?!\d|\s*(?:x|×|times|reps?|min))(?:\s*(?:s"
            + @"|secs?|seconds?|counts?)\b)?|\bin\s+\d+(?:\s*s)?\s*,?\s*(?:and\s+)?out\s+\d+(?:\s*s\b)?"
            + @"|(?<=\s|^)[x×]\s*\d+\b|(?<!\bat\s+)\b(?:once|twice)\b|\b(?:each|per|on\s+each|on\s+both)\s+sides?\b"
            + @"|\beach\s+(?:way|direction)\b|\bboth\s+(?:directions|ways)\b|\b(?:swap|change|switch)\s+sides?\b",
        Free
    )]
    private static partial Regex DoseWords();

    [GeneratedRegex(@"(?<!\bat\s+)\b(?:once|twice)\b", Free)]
    private static partial Regex CountWords();

    [GeneratedRegex(@"\b(?:here|there|like\s+this|like\s+that|this\s+way|this\s+point|that\s+spot|as\s+shown)\b", Free)]
    private static partial Regex Here();

    [GeneratedRegex(
        @"\b(?:from|to|towards?|at|in(?=\s+the\s+(?:inner|outer|middle|hollow|cent(?:re|er)|corner))|against"
            + @"|over|on|along|between|below|above|under|beside|up\s+to|into|across|in\s+front\s+of|around|down"
            + @"|up)\s+(?:\w+\s+){0,4}$|\b(?:hold|fix|cup|grip|grasp|clasp|take|squeez)\w*\s+(?:(?:the|your"
            + @"|both)\s+)+$",
        Free
    )]
    private static partial Regex LeadsTo();

    [GeneratedRegex(
        @"(?<=[,;]\s*)(?:right\s+and\s+left|left\s+and\s+right)(?=\s*(?:[.;]|$))|\b(?:(?:left\s*[/-]\s*right"
            + @"|right\s*[/-]\s*left)|one\s+(?:side\s+)?(?:then|after)\s+the\s+other"
            + @"|one\s+(?:(?:eye)?brow|eye|cheek|corner|nostril)\b[^.;]{0,60}\b(?:and\s+)?then\s+(?:with\s+)?the\s+other(?!\s+(?:stay"
            + @"|open|is))|one\s+(?:\w+\s+)?at\s+a\s+time"
            + @"|one\s+by\s+one|(?:each|per|on\s+each)\s+sides?|\d+\s*(?:x|×|times|s|secs?|seconds?|strokes?"
            + @"|circles?)?\s+(?:each|per|on\s+each)\s+(?:eye|cheek|brow|ear|temple|nostril|corner)|change\s+sides?"
            + @"|(?:change|switch|swap)\w*\s+(?:over\s+)?to\s+the\s+(?:left|right|other)(?:\s+(?:side|cheek|eye|brow|corner))?"
            + @"|(?<=,\s*)(?:and\s+|then\s+)?(?:change|switch|swap)(?=\W*(?:\d|$))|(?:other|second)\s+(?:side|half"
            + @"|eye|cheek|brow|ear|temple))\b",
        Free
    )]
    private static partial Regex OneThenOther();

    [GeneratedRegex(
        @"\b(?:alternat\w*(?:\s+(?:right|left)\s*(?:/|and|,)\s*(?:left|right))?|in\s+turn|left\s+and\s+right\s+in\s+turn)\b",
        Free
    )]
    private static partial Regex Alternately();

    [GeneratedRegex(
        @"\b(?:both|two|2)\s+hands\b|\bboth\s+(?:hands?|sides?|at\s+once|temples|cheeks|eyes|(?:eye)?brows|ears|corners)\b",
        Free
    )]
    private static partial Regex BothHands();

    [GeneratedRegex(
        @"\b(?:left\s+(?:half(?:\s+of\s+(?:the|your)\s+face)?|side|(?:eye)?brow|eye|cheek|corner|nostril)|(?:on|to)\s+the\s+left"
            + @"|(?:head|jaw|chin"
            + @"|eyes?|cheek|corner|brow)\s+left)\b(?!.*\bright\b)(?<!\bright\b.*)",
        Free
    )]
    private static partial Regex LeftOnly();

    [GeneratedRegex(
        @"\b(?:right\s+(?:half(?:\s+of\s+(?:the|your)\s+face)?|side|(?:eye)?brow|eye|cheek|corner|nostril)|(?:on|to)\s+the\s+right"
            + @"|(?:head|jaw|chin"
            + @"|eyes?|cheek|corner|brow)\s+right)\b(?!.*\bleft\b)(?<!\bleft\b.*)",
        Free
    )]
    private static partial Regex RightOnly();

    [GeneratedRegex(
        @"\b(?:tight\w*|firm\w*|hard|strong\w*|as\s+(?:wide|far|hard)\s+as(?!\s+(?:is\s+|feels\s+|it\s+is\s+"
            + @"|you\s+)?(?:comfortabl|pleasant|easy)|\s+(?:the|your)\s+\p{L}+\s+(?:stays?|allows?|lets?|remains?)))\b",
        Free
    )]
    private static partial Regex Strongly();

    [GeneratedRegex(@"\b(?:gentl\w*|soft\w*|slight\w*|small|light\w*|(?:no|without(?:\s+any)?)\s+force|effortless\w*)\b", Free)]
    private static partial Regex Softly();

    [GeneratedRegex(
        @"^\s*(?:apply|use|take|put\s+on)\s+(?:some\s+|a\s+(?:little\s+|few\s+drops\s+of\s+)?"
            + @"|the\s+)?(?<what>oil|face\s+oil|cream|serum|lotion|towel|mirror|stone|roller)\b|^\s*(?:sit"
            + @"|stand)\w*\s+(?:in\s+front\s+of|before|at)\s+(?:a\s+|the\s+|your\s+)(?<what>mirror)\W*$"
            + @"|^\s*(?<what>(?:face\s+)?oil|cream|serum|lotion)\s+(?:on|in)\b|^\s*(?:you\s+(?:will\s+)?need|needed"
            + @"|materials?|have\s+ready)\b\s*:?\s*(?<what>[^.!]{2,80})",
        Free
    )]
    private static partial Regex TakeToHand();
}
