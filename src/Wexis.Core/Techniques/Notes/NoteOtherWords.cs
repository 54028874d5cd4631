using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>The same in the words that the rest of the reader knows: "jaw line" is the jawline, "underside of" is under.</summary>
internal sealed partial class NoteGlossary
{
    private static string OtherWords(string sentence)
    {
        sentence = NoteArticles.Restored(sentence);
        sentence = OfEitherSide().Replace(SidesBefore().Replace(sentence, "${a} times ${one}, ${b} times ${other}"), "${n} each side");
        sentence = Otherwise(sentence);
        sentence = OfYours().Replace(sentence, "of the ");
        sentence = OpenAndClose().Replace(sentence, "open and close");
        sentence = Underside().Replace(sentence, "under the ");
        sentence = InnerArrow().Replace(sentence, "${a} to ${b}");
        sentence = LeftToRight().Replace(sentence, "left and right");
        sentence = OncePerSide(OnlyOne().Replace(sentence, ""));
        if (ChangesSides().IsMatch(sentence) && !OfOneAndTheOther(sentence).Success)
            sentence = OneOfBothHands().Replace(sentence, "");
        sentence = MakesAFork().Replace(sentence, "");
        sentence = WholeRound(sentence);
        if (JawWord().IsMatch(sentence))
            sentence = CentreToEar().Replace(sentence, "from the chin to the ear");
        if (ScalpWord().IsMatch(sentence))
            sentence = FrontToBack().Replace(sentence, "from the hairline to the base of the skull");
        sentence = ChinThenJaw().Replace(sentence, "from the chin to the ears");
        sentence = JawToEar().Replace(sentence, "${verb} from the chin to the ears");
        sentence = BothLipsNamed().Replace(sentence, "lips");
        sentence = NoseToMouth().Replace(sentence, "from the side of the nose to the corners of the mouth");
        sentence = MouthToNose().Replace(sentence, "from the corners of the mouth to the side of the nose");
        if (ForeheadWord().IsMatch(sentence))
            sentence = MiddleOutwards().Replace(sentence, "from the middle of the forehead to the temples");
        sentence = RolledInside().Replace(sentence, "in");
        sentence = OverTheShoulder().Replace(sentence, "${from} to the shoulder");
        sentence = FingersSpread().Replace(sentence, "fingers");
        sentence = FingersPoint().Replace(sentence, "");
        sentence = FromMiddleOut().Replace(sentence, "from the middle of the forehead to the temples");
        sentence = ChinBone().Replace(sentence, "chin");
        sentence = BareCorners().Replace(sentence, "from the ${a} corner to the ${b} corner");
        sentence = UnderEye().Replace(sentence, "under the eye");
        sentence = DrawsCircles().Replace(sentence, "");
        sentence = PadsOf().Replace(sentence, "");
        sentence = BonesApart().Replace(sentence, "${of}bone");
        sentence = JawLine().Replace(sentence, "jawline");
        sentence = MiddleOf().Replace(sentence, "middle of the ${of}");
        return sentence;
    }

    /// <summary>"10 to each side".</summary>
    [GeneratedRegex(@"\b(?<n>\d+|five|six|eight|ten|twelve|twenty)\s+(?:to|on|for|with|towards)\s+(?:each|either)\s+side\b", Free)]
    private static partial Regex OfEitherSide();

    [GeneratedRegex(@"\b(?:jaw(?:line|bone)?|chin)\b", Free)]
    private static partial Regex JawWord();

    [GeneratedRegex(@"\b(?:from\s+)?(?:the\s+)?(?:centre|center|middle)\s+(?:up\s+|out\s+)?to\s+(?:the\s+)?ears?\b", Free)]
    private static partial Regex CentreToEar();

    [GeneratedRegex(
        @"\b(?<verb>(?:strok|sweep|smooth|glid|slid|massag|knead|tap)\w*)\s+(?:(?:along|over)\s+)?(?:the\s+"
            + @"|your\s+)?jaw(?:line)?\s+(?:(?:out|up|back)(?:wards?)?\s+)?to(?:wards?)?\s+(?:the\s+|your\s+)?ears?\b",
        Free
    )]
    private static partial Regex JawToEar();

    /// <summary>"Chin: knuckles along the jaw out to the ears".</summary>
    [GeneratedRegex(
        @"(?<=^\s*chin\s*(?::|\s[-–])[^.;]{0,60})\b(?:along\s+)(?:the\s+|your\s+)?jaw(?:line)?\s+(?:(?:out|up"
            + @"|back)(?:wards?)?\s+)?to(?:wards?)?"
            + @"\s+(?:the\s+|your\s+)?ears?\b",
        Free
    )]
    private static partial Regex ChinThenJaw();

    [GeneratedRegex(@"\b(?:upper\s+and\s+(?:the\s+)?lower|lower\s+and\s+(?:the\s+)?upper|top\s+and\s+bottom)\s+lips?\b", Free)]
    private static partial Regex BothLipsNamed();

    [GeneratedRegex(@"\bfrom\s+(?:the\s+)?nose\s+(?:down\s+)?to\s+(?:the\s+)?mouth\b(?!\s+corner)", Free)]
    private static partial Regex NoseToMouth();

    [GeneratedRegex(
        @"(?<=\b(?:roll|curl|fold|tuck|turn|pull|suck)\w*\s+(?:them|it|(?:(?:the|your)\s+)?lips?)\s+)inside\b(?=\s*(?:[,.;]|$))",
        Free
    )]
    private static partial Regex RolledInside();

    [GeneratedRegex(@"\bfrom\s+(?:the\s+)?mouth\s+(?:up\s+)?to\s+(?:the\s+)?nose\b", Free)]
    private static partial Regex MouthToNose();

    [GeneratedRegex(@"\bfrom\s+(?:the\s+)?(?:middle|centre|center)\s+out(?:wards?)?\b(?!\s+to)", Free)]
    private static partial Regex MiddleOutwards();

    [GeneratedRegex(@"\bscalp\b", Free)]
    private static partial Regex ScalpWord();

    [GeneratedRegex(@"\b(?:from\s+)?(?:the\s+)?front\s+to\s+(?:the\s+)?back\b", Free)]
    private static partial Regex FrontToBack();

    [GeneratedRegex(@"(?<from>\bfrom\s+[^.;,]{3,40}?)\s+over\s+(?:the\s+|your\s+)?shoulders?\b(?!\s+to)", Free)]
    private static partial Regex OverTheShoulder();

    [GeneratedRegex(@"\bof\s+(?:your|my)\s+", Free)]
    private static partial Regex OfYours();

    [GeneratedRegex(@"\bopen\s*[-/–]\s*clos(?:e|ed|ing)\b", Free)]
    private static partial Regex OpenAndClose();

    [GeneratedRegex(
        @"\b(?:(?:along|on|at|from)\s+)?the\s+(?:underside|under\s?side|lower\s+(?:edge|border"
            + @"|side))s?\s+of\s+(?:(?:the|your|both)\s+)*(?=cheekbones?)",
        Free
    )]
    private static partial Regex Underside();

    [GeneratedRegex(@"\b(?<a>inner|inside|in|outer|outside|out)\s*(?:-+>|→)\s*(?<b>inner|inside|in|outer|outside|out)\b", Free)]
    private static partial Regex InnerArrow();

    [GeneratedRegex(
        @"\bfrom\s+(?:the\s+)?(?:left[\uE100-\uF8FF]?\s+to\s+(?:the\s+)?right"
            + @"|right[\uE100-\uF8FF]?\s+to\s+(?:the\s+)?left)\b(?!\s+(?:temple|cheek|ear|brow|side|corner))",
        Free
    )]
    private static partial Regex LeftToRight();

    /// <summary>What is done on one side and then on the other is told of no side.</summary>
    [GeneratedRegex(
        @"\b(?:(?:change|swap|switch)(?:\s+(?:sides?|hands?))?(?=\s*(?:[,.;!]|$))|(?:both|each|per)\s+sides?(?=\s*(?:[,.;!]|$))"
            + @"|other\s+side\s*[.!]?\s*$)",
        Free
    )]
    private static partial Regex ChangesSides();

    [GeneratedRegex(
        @"\b(?:left|right)[\uE100-\uF8FF]?\s+(?=(?:hand|palm|thumb|index|middle\s+finger|ring\s+finger|fingers?|fingertips?|knuckles"
            + @"|side\s+of"
            + @"|cheek|temple|ear|collarbone)\b)|\b(?:with|using)\s+(?:the\s+)?(?:left|right)\s+hand\b",
        Free
    )]
    private static partial Regex OneOfBothHands();

    [GeneratedRegex(@"\bjaw[\s-]line\b", Free)]
    private static partial Regex JawLine();

    [GeneratedRegex(@"\bmid[-\s]+(?<of>chin|brow|forehead)s?\b", Free)]
    private static partial Regex MiddleOf();

    [GeneratedRegex(@"\b(?<of>collar|cheek|jaw)\s+bone", Free)]
    private static partial Regex BonesApart();

    /// <summary>"Draw small circles": circles.</summary>
    [GeneratedRegex(@"\b(?:draw|describ|perform)\w*\s+(?=(?:[\p{L}\d]+\s+){0,2}circles?\b)", Free)]
    private static partial Regex DrawsCircles();

    [GeneratedRegex(@"\bunder-eyes?\b", Free)]
    private static partial Regex UnderEye();

    /// <summary>"Inner to outer corner".</summary>
    [GeneratedRegex(
        @"\b(?<!\bfrom\s+(?:the\s+)?)(?<a>inner|outer)\s+(?:to|->|→)\s*(?:the\s+)?(?<b>inner|outer)\s+(?:eye\s+)?corners?\b",
        Free
    )]
    private static partial Regex BareCorners();

    [GeneratedRegex(
        @"\b(?:out(?:wards?)?\s+from\s+(?:the\s+)?middle\s+of\s+(?:the\s+|your\s+)?forehead\b(?!\s+to)"
            + @"|from\s+(?:the\s+)?middle\s+of\s+(?:the\s+|your\s+)?forehead\s+out(?:wards?)\b(?!\s+to))",
        Free
    )]
    private static partial Regex FromMiddleOut();

    /// <summary>"The pads of both ring fingers".</summary>
    [GeneratedRegex(
        @"\b(?:the\s+)?(?:finger\s?)?(?:pads?|tips?)\s+of\s+(?=(?:(?:the|your|both)\s+)*(?:index|middle|ring"
            + @"|two|three|\d|thumbs?|fingers?)\b)",
        Free
    )]
    private static partial Regex PadsOf();

    [GeneratedRegex(@"\bchin\s?bone\b|\b(?:dimple|cleft|tip|ball|boss)\s+of\s+(?:the\s+|your\s+)?chin\b", Free)]
    private static partial Regex ChinBone();

    /// <summary>Which way fingers point that lie there.</summary>
    [GeneratedRegex(
        @",?\s*(?:with\s+)?(?:the\s+|your\s+)?finger(?:tip)?s\s+(?:point\w*|facing|turned)\s+(?:\w+wards?|up"
            + @"|down|in|out|to(?:wards?)?\s+(?:each\s+other|one\s+another|the\s+\p{L}+))",
        Free
    )]
    private static partial Regex FingersPoint();

    [GeneratedRegex(
        @"\bfinger(?:tip)?s\s+(?:spread|apart|curved|bent|together)\b(?=\s+(?:on|over|at|across)\b|\s*[,;])|\b(?:spread|open"
            + @"|curved)\s+fingers\b",
        Free
    )]
    private static partial Regex FingersSpread();

    /// <summary>"Make a V": how two fingers lie.</summary>
    [GeneratedRegex(
        @"\b(?:mak|form)\w*\s+(?:an?\s+)?(?:V|C|fork)\b|\b[A-Z]-shape\w*(?:\s+with)?\b|\bin\s+(?:an?\s+)?V(?:[\s-]shape)?\b",
        Free
    )]
    private static partial Regex MakesAFork();

    /// <summary>"Only the right corner": which one is said besides.</summary>
    [GeneratedRegex(@"\bonly\s+(?=(?:the|your|one)\b)", Free)]
    private static partial Regex OnlyOne();
}
