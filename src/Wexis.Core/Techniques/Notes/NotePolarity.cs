using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Where a lost or a misheard "not" would turn a sentence round.</summary>
internal sealed partial class NoteGlossary
{
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
