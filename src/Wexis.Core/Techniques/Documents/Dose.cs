using System.Text.Json.Serialization;

namespace Wexis.Core.Techniques.Documents;

/// <summary>
/// The dose: sets × repetitions × sides × directions × lanes + extras. <c>line</c> is the trade's own line, from which the rest was read;
/// <c>unit</c> says what minimum, standard and full count: repetitions (default), seconds or breaths.
/// </summary>
/// <param name="TimesADay">How often it is practised on one day; null where the author left it open.</param>
/// <param name="SetRestS">Seconds of rest between two sets; null where the studio's setting counts.</param>
/// <param name="DaysAWeek">Days of practice in a week, 1 to 7; null where the author left it open.</param>
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
    int? DaysAWeek = null,
    double? SetRestS = null
)
{
    [JsonIgnore]
    public IReadOnlyList<string> AllDirections => Directions ?? [];
}
