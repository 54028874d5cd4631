using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Claims;

/// <summary>A piece of advice beside a technique, and whether a trainer may give it.</summary>
/// <param name="InScope">False where it belongs to a licensed clinician.</param>
/// <param name="Says">What to do with it; null when it may stand.</param>
public sealed record AdviceNote(string Text, bool InScope, string? Says);

/// <summary>
/// Advice on water, sleep, sun and habits is within a trainer's scope of practice; on medicines, illness, diets and doses it is not.
/// </summary>
public static partial class AdviceReview
{
    public static IReadOnlyList<AdviceNote> Of(TechniqueDocument document)
    {
        ArgumentNullException.ThrowIfNull(document);
        return
        [
            .. (document.Advice ?? []).Select(text =>
                ClaimReview.IsMedical(text) || Clinical().IsMatch(text)
                    ? new AdviceNote(
                        text,
                        false,
                        "Medicines, illness, diets and doses are for a licensed clinician. Leave it out, and send the person there."
                    )
                    : new AdviceNote(text, true, null)
            ),
        ];
    }

    [GeneratedRegex(
        @"\b(?:medic(?:ine|ation|ations|ines|al)|tablets?|pills?|prescri\w+|antibiotic\w*|painkiller\w*|ibuprofen|aspirin|cortison\w*"
            + @"|hormones?|supplements?|vitamins?|\d+\s*(?:mg|g|ml|iu)\b|fasting|calorie\w*|inject\w*|botulinum|fillers?"
            + @"|retino\w+|acid\s+peel|eye\s*drops|pregnan\w*)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Clinical();
}
