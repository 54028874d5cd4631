using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Documents;

/// <summary>
/// How an edition stands: what is derived (draft, complete, parked) and what people decided (reviewed, approved, retired) in one word.
/// A stop rule outranks everybody: a parked one is never taught, whatever was decided.
/// </summary>
public static class EditionStanding
{
    public const string Draft = "draft";
    public const string Complete = "complete";
    public const string Parked = "parked";
    public const string Reviewed = "reviewed";
    public const string Approved = "approved";
    public const string Retired = "retired";

    /// <summary>A step back from <see cref="Retired"/>.</summary>
    public const string BackInUse = "back-in-use";

    /// <param name="derived">draft, complete or parked.</param>
    /// <param name="review">reviewed, approved, retired, or null.</param>
    public static string Of(string derived, string? review) =>
        (derived, review) switch
        {
            (_, Retired) => Retired,
            (Complete, not null) => review,
            _ => derived,
        };

    /// <summary>May be taught, examined and practised.</summary>
    public static bool Teachable(string standing) => standing is Complete or Reviewed or Approved;

    /// <summary>
    /// Whether a step may be taken, and why not. An answer is owed to every claim that the map contradicts before anybody approves.
    /// </summary>
    /// <param name="standing">The edition's standing now.</param>
    /// <param name="toAnswer">Contradicted claims without an answer.</param>
    public static IReadOnlyList<Issue> Issues(string standing, int toAnswer, string? to, string? note)
    {
        var allowed = standing switch
        {
            Complete => new[] { Reviewed, Retired },
            Reviewed => [Approved, Retired],
            Approved => [Retired],
            Draft or Parked => [Retired],
            Retired => [BackInUse],
            _ => [],
        };
        return
        [
            .. new[]
            {
                to is null || !allowed.Contains(to)
                    ? new Issue("step", IssueCodes.Contradiction, $"“{to}” on an edition that is {standing}", string.Join(" or ", allowed))
                    : null,
                to == Approved && toAnswer > 0
                    ? new(
                        "step",
                        IssueCodes.Contradiction,
                        "an approval",
                        $"{toAnswer} {(toAnswer == 1 ? "claim" : "claims")} that nobody answered"
                    )
                    : null,
                to == Retired ? Check.Given(note, "note", "the reason why it is taken out of use") : null,
                Check.NoLongerThan(note, 400, "note"),
            }.OfType<Issue>(),
        ];
    }
}
