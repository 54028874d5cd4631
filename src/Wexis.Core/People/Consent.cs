using Wexis.Core.Measures;

namespace Wexis.Core.People;

/// <summary>A person's word that answers about their health may be kept: for what, since when.</summary>
/// <param name="Given">Whether the person said yes, in so many words.</param>
/// <param name="Purpose">What the answers are for.</param>
/// <param name="On">Day of the consent.</param>
public sealed record Consent(bool? Given, string? Purpose, DateOnly? On)
{
    public IReadOnlyList<Issue> Issues(DateOnly today, string path) =>
        [
            .. new[]
            {
                Given == true ? null : new Issue($"{path}.given", IssueCodes.Missing, "", "the person's yes; without it nothing is kept"),
                Check.Given(Purpose, $"{path}.purpose", "what the answers are for"),
                Check.NoLongerThan(Purpose, 200, $"{path}.purpose"),
                On is null ? new($"{path}.on", IssueCodes.Missing, "", "the day of the consent")
                : On > today ? new($"{path}.on", IssueCodes.OutOfRange, $"{On:yyyy-MM-dd}", $"today or earlier ({today:yyyy-MM-dd})")
                : null,
            }.OfType<Issue>(),
        ];
}
