using System.Text.Json.Serialization;

namespace Wexis.Core.Techniques.Documents;

/// <summary>
/// The dose: sets × repetitions × sides × directions × lanes + extras. <c>line</c> is the trade's own line, from which the rest was read;
/// <c>unit</c> says what minimum, standard and full count: repetitions (default), seconds or breaths.
/// </summary>
/// <param name="TimesADay">Sessions in which it comes, on a day of practice; null when not told.</param>
/// <param name="DaysAWeek">Days of practice in a week, 1 to 7; null when not told.</param>
public sealed record Dose(
    string? Line,
    int? Sets,
    int? Reps,
    string? Per,
    IReadOnlyList<string>? Directions,
    string? PerDirection,
    string? Both,
    int? Lanes,
    string? Extra,
    bool? DemoCounts,
    double? Min,
    double? Standard,
    double? Full,
    string? Unit,
    int? TimesADay = null,
    int? DaysAWeek = null
)
{
    [JsonIgnore]
    public IReadOnlyList<string> AllDirections => Directions ?? [];
}
