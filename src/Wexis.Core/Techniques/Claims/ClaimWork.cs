using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Claims;

/// <summary>The words in which work is claimed without saying of which kind (common practice).</summary>
public static partial class ClaimReview
{
    /// <summary>"The buccinator is the main worker here", "an exercise for the chin muscle".</summary>
    [GeneratedRegex(
        @"\b(?:(?:is|are)\s+(?:here\s+)?the\s+(?:main|chief|principal)\s+(?:muscle|worker|mover)s?\b|(?:main|chief|principal)\s+"
            + @"(?:muscle|worker|mover)s?\b[^.;]*\b(?:is|are)\b|does\s+(?:most|all)\s+of\s+the\s+(?:work|job)\b"
            + @"|(?:an?|the|is)\s+(?:\p{L}+\s+)?(?:exercise|workout|training)\s+(?:of|for)\b)",
        Free
    )]
    private static partial Regex NamesWorker();

    [GeneratedRegex(
        @"\b(?:work|train|exercis|activat|massag|knead|reach|touch|relax|stretch|engag|loosen|rub|press|strok|cross|pass)\w*\b",
        Free
    )]
    private static partial Regex WorksThere();

    /// <summary>"It targets the brow", "this one is for your forehead muscle", "good for the neck", "all about the chin".</summary>
    [GeneratedRegex(
        @"\b(?:target|address|focus|concentrat|aim|concern|benefit|serv|reach|feel|felt)\w*\b"
            + @"|\b(?:is|are|made|meant|good|great|ideal|perfect|right|something)\s+(?:\p{L}+ly\s+)?for\b"
            + @"|\b(?:is|are)\s+(?:(?:all|only|mainly)\s+)?about\b|\b(?:dedicated|devoted)\s+to\b",
        Free
    )]
    private static partial Regex AimsAt();

    [GeneratedRegex(@"\b(?:involv|includ|us(?=e|ing))\w*\b", Free)]
    private static partial Regex Involves();

    /// <summary>"It is purely a massage": of hands only.</summary>
    [GeneratedRegex(
        @"\b(?:is|are|remains?)\s+(?:(?:only|purely|just|simply|nothing\s+but|more\s+of|\p{L}+ly)\s+)*(?:an?\s+|pure\s+|plain\s+)*"
            + @"(?:\p{L}+\s+)?massages?\b(?!\s+(?:that|which|for|of)\b)",
        Free
    )]
    private static partial Regex IsMassage();

    /// <summary>"Contracts", "trains muscle", "a muscle is strengthened": that something contracts, whatever it is.</summary>
    [GeneratedRegex(
        @"\b(?:contract|tense)\w*\b|\b(?:train|strengthen|work|exercis|build)\w*\s+(?:(?:any|a|the|your)\s+)*muscles?\b"
            + @"|\bmuscles?\s+(?:is|are|gets?)\s+(?:trained|strengthened|worked|exercised|built)\b",
        Free
    )]
    private static partial Regex Contracts();

    /// <summary>"A workout for the whole face", "firms the whole lower face", "works all 43 muscles".</summary>
    [GeneratedRegex(
        @"\b(?:(?:whole|entire|full|complete)\s+(?:of\s+(?:the|your)\s+)?(?:(?<third>upper|mid|middle|lower)\s+)?face"
            + @"|all\s+(?:of\s+)?(?:the|your)\s+face"
            + @"|(?:every(?:\s+single)?|each(?:\s+and\s+every)?|all(?:\s+of)?(?:\s+(?:the|your))?(?:\s+\d+)?|\d{2,})\s+"
            + @"(?:(?:facial|face|single|neck)\s+)*(?<muscles>muscles?)\b(?:\s+(?:of|in)\s+(?:the|your)\s+face)?)",
        Free
    )]
    private static partial Regex WholeFace();
}
