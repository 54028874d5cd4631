using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What a sentence forbids, where nothing is to be done, and where a lost or a misheard "not" would turn it round.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>"Stay away from the lids", "keep clear of the throat".</summary>
    private const string KeepOff = @"(?:stay|keep|steer)\w*\s+(?:well\s+)?(?:away\s+from|clear\s+of|off)";

    /// <summary>"Leave out the lips", "leave the lips or the temples alone".</summary>
    private const string LeaveAlone = @"leav(?:e|ing)\s+(?:out\b|[\p{L}\s,'’-]{3,60}?\s+(?:out|alone|in\s+peace)\b)";

    /// <summary>For whom or when something is not.</summary>
    private const string NotIf =
        @"not\s+(?:if|when|after|during|for|with\s+(?:high|low|neck|jaw|back|eye|any|acute|glaucoma|migraines?|headaches?|fillers?|pain"
        + @"|dizz\w*|fresh|open|blood|tmj)\b)";

    /// <summary>Whether a sentence forbids, whatever it forbids.</summary>
    public static bool Forbids(string sentence) => Forbidding().IsMatch(sentence);

    /// <summary>
    /// "Round the lips, blow slowly 10 s, the cheeks don't puff": what is to be done, and what not. Null where a sentence does only one of
    /// them, or begins with what it forbids.
    /// </summary>
    public static (string Work, string Caution)? CutForbidding(string sentence)
    {
        if (!Forbids(sentence))
            return null;
        var parts = ForbidsFrom().Split(sentence, 2);
        return
            parts is [var work, var caution]
            && Forbids(caution)
            && !Forbids(work)
            && Dose(caution) is null
            && (Dose(work) is not null || Does(work) || Laid().IsMatch(work))
            ? (work, caution)
            : null;
    }

    [GeneratedRegex(
        @"\b(?:do\s+not|don'?t|never|avoid|must\s+not|should\s+not|shouldn'?t)\b|^\W*(?:(?:be\s+)?careful|caution|attention|beware"
            + @"|watch\s+out|without\s+(?:pulling|rubbing|dragging|tugging))\b|^\s*(?:no|not)\s+(?![-–]"
            + @"|just\b|pressure\s*(?:$|[,.;!]))|\b"
            + NotIf
            + @"\b|^\s*(?:but\s+)?"
            + StayFree
            + @"|\bcontra-?indicat\w*|^\s*(?:less(?:\s+pressure)?|lighter|gentler|softer|shorter)\s+(?:if|when|where|on)\b"
            + @"|^\s*(?:(?:and|but)\s+)?(?:"
            + KeepOff
            + @"|omit)\b|^\s*(?:"
            + LeaveAlone
            + @"|spar(?:e|ing)\b|except\b)|^\s*(?:skip\b"
            + @"|nothing\s+else\s+(?:(?:may|must|should|is\s+to)\s+)?mov(?:es?|ing)\b|only\s+(?:the\s+)?[\p{L} ]{3,30}\s+mov(?:es?|ing)\W*$"
            + @"|(?:always\s+)?ask\s+(?:about|for|whether|if)\b"
            + @"|stop\b(?:\s+(?:if|when|at|as|before|immediately|right|any|for|it|with)\b|\W*$))|\b(?:skip|leave\s+(?:it"
            + @"|this)\s+out)\b.{0,20}\b(?:if|when|after)\b",
        Free
    )]
    private static partial Regex Forbidding();

    /// <summary>Where a clause begins that forbids, behind what is to be done.</summary>
    [GeneratedRegex(
        @"\s*(?:[,;(]|\s[-–])\s*(?=(?:and\s+|but\s+)?(?:(?:the|your)\s+)?(?:\p{L}+\s+)?(?:do(?:es)?\s+not"
            + @"|don'?t|doesn'?t|never|avoid|must\s+not|should\s+not|shouldn'?t|"
            + KeepOff
            + "|"
            + NotIf
            + @")\b)",
        Free
    )]
    private static partial Regex ForbidsFrom();

    /// <summary>
    /// Whether the place that stands there is one where nothing is to be done: "not over the throat". "No pressure on the lids" and
    /// "without pulling over the lids" work there.
    /// </summary>
    private static bool IsLeftOut(string text, int at, int length) =>
        LeavesOut().IsMatch(text[Math.Max(0, at - FarthestDenial)..at]) || StaysFree().IsMatch(text[(at + length)..]);

    /// <summary>
    /// "Thumb, not the temples, nose to ear, 8x": what is forbidden between two things that are told, behind them. In front of it the rest
    /// would be forbidden with it.
    /// </summary>
    private static string ForbiddenLast(string line)
    {
        for (var told = ""; told != line; )
            (told, line) = (line, ForbidsBetween().Replace(line, ",${rest}; ${caution}"));
        return line;
    }

    [GeneratedRegex(
        @"(?<=\p{L}[^.;()]*)(?:\s*,|\s[-–])\s*(?:but\s+)?(?<caution>(?!without|no\b|rather|instead|[^,.;()]*\bmov)(?:"
            + Denied
            + PlacesOfList
            + @"\s+"
            + PlaceOfList
            + @"(?:\s+(?:alone|free|out))?|"
            + StayFree
            + @"))\s*(?:,|\s[-–](?=\s))(?<rest>(?!\s*(?:(?:and|or|nor|but|because|since|as|so|if|when|where|which|that|this|they|it"
            + @"|these|those|there)\b|(?:(?:the|your|both|any)\s+)?"
            + PlaceOfList
            + @"\s*(?:[,.;/&]|$|(?:and|or|nor|alone|out|free)\b)))(?:(?!,?\s+then\b)[^.;()])+)",
        Free
    )]
    private static partial Regex ForbidsBetween();

    /// <summary>A sentence without the places where nothing is to be done.</summary>
    private static string WithoutLeftOut(string sentence) => LeftOut().Replace(sentence, " ");

    /// <summary>Words that deny, and those that may stand between them and the place: "never press with the fingers on …".</summary>
    private const string Denied =
        @"\b(?:no|not|never|nor|neither|nothing|without|avoid\w*|don['’]?t|do\s+not|must\s+not|except(?:\s+for)?|instead\s+of"
        + @"|rather\s+than|spar(?:e|ing)|omit\w*|skip(?:ping)?"
        + @"|leav(?:e|ing)(?!\s+(?:(?:the|your|both)\s+)*(?:hands?|fingers?|palms?|thumbs?|it|them)\b)(?:\s+out)?"
        + @"|(?:stay|keep|steer)\w*\s+(?:(?:(?:the|your|both)\s+)*(?:hands?|fingers?|pressure)\s+)?(?:well\s+)?"
        + @"(?:away(?:\s+from)?|clear(?:\s+of)?|off))\b"
        + @"(?:\s+(?:over|onto|on|at|near|into|in|to|towards?|across|under|around|round|along|between|by|upon|go|going|touch\w*"
        + @"|work\w*|press(?:es)?|strok\w*|tap\w*|mov\w*|(?:slid|rub|pull|tug|drag)\w*(?<!ing)"
        + @"|(?:press|slid|rubb|pull|tugg|dragg)ing(?!\s+(?:over|on|onto|at|along|across|under)\b)"
        + @"|directly|right|too|close|so|any|the|your|both|an?|or|and|lines|wrinkles|folds|it|them|with|fingers|hands?|skin|of))*";

    /// <summary>"Not the lips or the temples": places, each with what leads to the next one.</summary>
    private const string PlacesOfList =
        @"(?:\s+"
        + PlaceOfList
        + @"(?:\s*[,/&]\s*(?:and|or|nor)?|\s+(?:and|or|nor))(?:\s+(?:over|on|onto|near|at|under|the|your|both|any))*)*";

    [GeneratedRegex(Denied + PlacesOfList + @"\s*$", Free)]
    private static partial Regex LeavesOut();

    [GeneratedRegex(Denied + PlacesOfList + @"\s+" + PlaceOfList + @"\b|\b" + StayFree, Free)]
    private static partial Regex LeftOut();

    /// <summary>A part of the face or the neck that stands in a list, whatever a hand may do there.</summary>
    private const string PlaceOfList =
        @"(?:(?:upper|lower|inner|outer|front|side|middle|corners?|tip|bridge|of|the)\s+)*"
        + @"(?:lips?|mouth|throat|larynx|windpipe|adam['’]?s\s+apple|(?:eye)?lids?|eye(?:ball|lashe)?s?|nose|nostrils?|cheek(?:bone)?s?"
        + @"|temples?|(?:eye)?brows?|forehead|chin|jaw(?:line|bone)?|neck|nape|ears?|(?:ear)?lobes?|scalp|hairline|collarbones?"
        + @"|masseters?)(?:\s+(?:joint|hinge|line|bone|muscles?|area|region|skin)s?)?";

    /// <summary>What stands behind a place where nothing is to be done: "… stay free", "… : no", "… are left out".</summary>
    private const string FreeTail =
        @"(?:\s+(?:joint|hinge|line|bone|muscles?|area|region|skin)s?)?"
        + @"(?:(?:\s*,\s*(?:and|or|nor)?|\s+(?:and|or|nor))\s*(?:(?:the|your|both)\s+)?"
        + PlaceOfList
        + @")*(?:\s*(?::|=|–|\s-)\s*(?:no|none|nothing|never|not|taboo|off)(?=\s*(?:[.,;!)]|$))"
        + @"|\s+(?:is|are|stays?|remains?|must\s+be|should\s+be|to\s+be)\s+(?:always\s+|completely\s+)?"
        + @"(?:free|taboo|off(?:[\s-]limits)?"
        + @"|left\s+(?:out|alone|free)|not\s+(?:to\s+be\s+)?(?:touched|worked|pressed|stroked|tapped)|untouched|excluded|forbidden"
        + @"|spared|omitted|out\s+of\s+bounds)\b)";

    /// <summary>"The brows or the temples stay free": a clause of its own.</summary>
    private const string StayFree = @"(?:(?:the|your|both)\s+)?" + PlaceOfList + FreeTail;

    /// <summary>Behind "the lips, …" no clause begins: the list goes on.</summary>
    private const string OneMoreFree =
        @"(?<!(?:^|[.,:;]\s*)(?:(?:the|your|both)\s+)?"
        + PlaceOfList
        + @"(?:(?:\s*,\s*|\s+(?:and|or)\s+)(?:(?:the|your|both)\s+)?"
        + PlaceOfList
        + @"){0,4}\s*,\s*)";

    [GeneratedRegex("^s?" + FreeTail, Free)]
    private static partial Regex StaysFree();

    /// <summary>Why the polarity of a sentence matters; null where it does not.</summary>
    public static string? Polarity(string sentence)
    {
        var risky = Risky().Match(sentence);
        var negative = Negation().Match(sentence);
        if (negative.Success && (risky.Success || Movement().IsMatch(sentence)))
            return $"It says “{negative.Value.Trim().ToLowerInvariant()}”. Is that what was meant? A lost or a misheard “not” turns "
                + "it round.";
        return risky.Success ? $"“{risky.Value.Trim().ToLowerInvariant()}” stands here without a “not”. Was one lost?" : null;
    }

    /// <summary>Force near the eye, the throat and the neck, and a breath that is held.</summary>
    [GeneratedRegex(
        @"\b(?<!\b(?:without|no)\s+(?:any\s+)?)(?:press|push|squeez(?!\w*\s+(?:(?:the|your|both)\s+)*(?:eye)?(?:s|lids)\s+(?:shut"
            + @"|closed|together|tight))|pull|rub(?!\w*\s+(?:(?:the|your|both)\s+)?(?:palms|hands))|massag|knead|grip|dig"
            + @"|scrap)\w*\b(?=.{0,50}\b(?:eye(?:s|ball)?|lids?"
            + @"|globe|socket|throat|windpipe|larynx|neck|pulse|behind\s+the\s+ear)\b)|\bhold\w*\s+(?:your\s+"
            + @"|the\s+)?breath|\b(?:pull|crack|push|jerk)\w*\s+(?:the\s+|your\s+)?head\b",
        Free
    )]
    private static partial Regex Risky();

    /// <summary>Words that are lost or misheard; "without" and "almost no" are not (common practice).</summary>
    [GeneratedRegex(@"\b(?:do\s+not|don'?t|never|not|(?<!\b(?:almost|hardly\s+any|little\s+or)\s+)no|avoid|instead\s+of)\b", Free)]
    private static partial Regex Negation();

    [GeneratedRegex(
        @"\b(?:press|push|pull|squeez|smil|frown|clench|lift|rais|turn|tilt|hold|rub|strok|stretch|pinch|tap"
            + @"|knead|massag|open|clos|pucker|purs|suck|puff|swallow)\w*\b",
        Free
    )]
    private static partial Regex Movement();
}
