using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Documents;

/// <summary>
/// How an edition stands: what is derived (draft, complete, parked) and what people decided (reviewed, approved, retired) in one word.
/// </summary>
[ClosedList]
public enum EditionStanding
{
    Draft,
    Complete,
    Parked,
    Reviewed,
    Approved,
    Retired,
}

/// <summary>A step that a person takes with an edition. The last leads back from retired.</summary>
[ClosedList]
public enum ReviewStep
{
    Reviewed,
    Approved,
    Retired,
    BackInUse,
}

/// <summary>
/// What was derived and what was decided, together. A stop rule outranks everybody: a parked edition is never taught, whatever was
/// decided.
/// </summary>
public static class EditionReview
{
    /// <param name="derived">draft, complete or parked.</param>
    /// <param name="review">The last step taken; null while nobody decided.</param>
    public static EditionStanding Of(EditionStanding derived, ReviewStep? review) =>
        (derived, review) switch
        {
            (_, ReviewStep.Retired) => EditionStanding.Retired,
            (EditionStanding.Complete, ReviewStep.Reviewed) => EditionStanding.Reviewed,
            (EditionStanding.Complete, ReviewStep.Approved) => EditionStanding.Approved,
            _ => derived,
        };

    /// <summary>As it is stored: two words.</summary>
    /// <exception cref="InvalidDataException">One of them is not in its list.</exception>
    public static EditionStanding Of(string derived, string? review) =>
        Of(ClosedList.In<EditionStanding>(derived), review is null ? null : ClosedList.In<ReviewStep>(review));

    /// <summary>May be taught, examined and practised.</summary>
    public static bool Teachable(this EditionStanding standing) =>
        standing is EditionStanding.Complete or EditionStanding.Reviewed or EditionStanding.Approved;

    /// <summary>
    /// Whether a step may be taken, and why not. An answer is owed to every claim that the map contradicts before anybody approves.
    /// </summary>
    /// <param name="standing">The edition's standing now.</param>
    /// <param name="toAnswer">Contradicted claims without an answer.</param>
    public static IReadOnlyList<Issue> Issues(EditionStanding standing, int toAnswer, string? to, string? note)
    {
        var step = ClosedList.Of<ReviewStep>(to);
        ReviewStep[] allowed = standing switch
        {
            EditionStanding.Complete => [ReviewStep.Reviewed, ReviewStep.Retired],
            EditionStanding.Reviewed => [ReviewStep.Approved, ReviewStep.Retired],
            EditionStanding.Approved or EditionStanding.Draft or EditionStanding.Parked => [ReviewStep.Retired],
            _ => [ReviewStep.BackInUse],
        };
        return
        [
            .. new[]
            {
                step is not { } taken || !allowed.Contains(taken)
                    ? new Issue(
                        "step",
                        IssueCodes.Contradiction,
                        $"“{to}” on an edition that is {standing.Word()}",
                        string.Join(" or ", allowed.Select(a => a.Word()))
                    )
                    : null,
                step == ReviewStep.Approved && toAnswer > 0
                    ? new(
                        "step",
                        IssueCodes.Contradiction,
                        "an approval",
                        $"{toAnswer} {(toAnswer == 1 ? "claim" : "claims")} that nobody answered"
                    )
                    : null,
                step == ReviewStep.Retired ? Check.Given(note, "note", "the reason why it is taken out of use") : null,
                Check.NoLongerThan(note, 400, "note"),
            }.OfType<Issue>(),
        ];
    }
}
