using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Claims;

/// <summary>The words in which flow is claimed (common practice).</summary>
public static partial class ClaimReview
{
    /// <summary>"It moves lymph to the nodes", "fluid flows to the collarbone".</summary>
    [GeneratedRegex(
        @"\b(?:it|this|that|which|they|technique|exercise|massage|strok\w+|hands?|and|also|not|never)\s+"
            + @"(?:(?:will|can|may|do|does|not|never|also|gently|lightly)\s+)*"
            + @"(?:drain\w*\s|(?:mov|push|carr|lead|guid|support|help|boost|improv|stimulat|encourag|increas|aid|sweep"
            + @"|bring|send|direct|transport)\w*\s+"
            + @"(?:(?:no|the|any|excess|more|surface|tissue|flow|of)\s+)*"
            + @"(?:lymph\w*|fluids?)\b)",
        Free
    )]
    private static partial Regex MovesFluid();

    [GeneratedRegex(@"\bdrain\w*\b", Free)]
    private static partial Regex DrainageWord();

    [GeneratedRegex(@"\b(?:drain(?:s|age|ing)?|detox\w*)\b", Free)]
    private static partial Regex DrainageClaim();

    [GeneratedRegex(
        @"\b(?:to|towards?|into|as\s+far\s+as)\s+(?:the\s+|its\s+|their\s+|your\s+)?(?:(?:first"
            + @"|lymph)\s+)*(?:nodes?|ears?|jaw|chin|front\s+of\s+the\s+ear|angle)\b|\b(?:first|own)\s+nodes\b",
        Free
    )]
    private static partial Regex NamedNodes();

    /// <summary>"Out of the brain": no hand on the skin moves fluid there.</summary>
    [GeneratedRegex(
        @"\b(?:out\s+of|from)\s+(?:the|your)\s+(?:brain|body|organs?|liver|kidneys?|sinus\w*|bones?|joints?|inner\s+ears?)\b",
        Free
    )]
    private static partial Regex FromWithin();

    [GeneratedRegex(@"\b(?:armpit|axill\w*)\b", Free)]
    private static partial Regex Armpit();

    [GeneratedRegex(@"\b(?:toxins?|detox\w*|poisons?|waste)\b", Free)]
    private static partial Regex Toxins();
}
