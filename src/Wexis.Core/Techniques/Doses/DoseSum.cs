using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Doses;

/// <summary>A dose unrolled: what one side gets, what the whole step takes. Levels are minimum, standard, full.</summary>
/// <param name="RepetitionsPerSide">Repetitions that each worked side gets (the one count of a midline step).</param>
/// <param name="RepetitionsInAll">Movements made: both hands at once count once.</param>
/// <param name="SecondsPerSide">Working seconds of each side, rests between its repetitions included.</param>
/// <param name="TensionSeconds">Seconds under hold, all sides added (both hands at once count once).</param>
/// <param name="TotalSeconds">Seconds of the step with side changes and rests between sets.</param>
/// <param name="DaySeconds">Seconds of a day of practice; null when nobody told how often a day.</param>
/// <param name="WeekSeconds">Seconds of a week; null when nobody told on how many days.</param>
/// <param name="Columns">Which columns a counter shows: left and right, or one.</param>
public sealed record DoseSum(
    Levels RepetitionsPerSide,
    Levels RepetitionsInAll,
    Levels SecondsPerSide,
    Levels TensionSeconds,
    Levels TotalSeconds,
    IReadOnlyList<Side> Columns,
    IReadOnlyList<Reason> Reasons,
    Levels? DaySeconds = null,
    Levels? WeekSeconds = null
)
{
    public static DoseSum None { get; } = new(default, default, default, default, default, [], []);

    /// <summary>
    /// Unrolls a dose: sets × repetitions × directions × lanes + extras for each side; a repetition lasts in + hold + out, with the rest
    /// between two of them.
    /// Worked examples: docs/method.md#dose.
    /// </summary>
    /// <param name="dose">A dose whose questions are answered; open ones are read the cautious way (per side).</param>
    /// <param name="tempo">Seconds of one repetition.</param>
    /// <param name="sides">Which sides the step works.</param>
    public static DoseSum Of(Dose dose, Tempo tempo, Sides sides, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(dose);
        ArgumentNullException.ThrowIfNull(tempo);
        ArgumentNullException.ThrowIfNull(settings);
        if (dose.Standard is not { } standard)
            return None;
        var levels = new Levels(Math.Min(dose.Min ?? standard, standard), standard, Math.Max(dose.Full ?? standard, standard));
        var directions = dose.PerDirection == "all" ? 1 : Math.Max(1, dose.AllDirections.Count);
        var sets = Math.Max(1, dose.Sets ?? 1);
        var lanes = Math.Max(1, dose.Lanes ?? 1);
        var extras = ExtraRepetitions(dose.Extra);
        var (oneIn, hold, rest) = ((tempo.InS ?? 0) + (tempo.HoldS ?? 0) + (tempo.OutS ?? 0), tempo.HoldS ?? 0, tempo.RestS ?? 0);
        if (oneIn <= 0)
            oneIn = 1;
        var turns = (dose.Both is { } both ? both is "one-then-other" or "alternating" : sides.AreInTurn()) && !sides.IsOne();
        var halved = turns && dose.Per == "all";

        Levels perSide,
            working;
        switch (dose.Unit)
        {
            case "seconds":
                working = levels * (sets * lanes * directions);
                if (halved)
                    working *= 0.5;
                perSide = working.Map(s => Math.Round(s / (oneIn + rest)));
                break;
            case "breaths":
                var breath = hold > 0 ? hold : settings.BreathSeconds;
                working = levels * (sets * lanes * breath);
                perSide = levels * (sets * lanes);
                break;
            default:
                perSide = (levels * (sets * directions * lanes)).Map(n => (halved ? Math.Ceiling(n / 2) : n) + extras);
                working = perSide.Map(n => n <= 0 ? 0 : (n * oneIn) + (Math.Max(0, n - sets) * rest));
                break;
        }
        var pauses = (sets - 1) * (dose.SetRestS ?? settings.RestBetweenSetsSeconds);
        var perSideSeconds = working;
        var total = turns ? working.Map(s => (2 * (s + pauses)) + settings.ChangeOfSideSeconds) : working.Map(s => s + pauses);
        if (turns && dose.Both == "alternating")
            total = working.Map(s => (2 * s) + pauses);
        var tension = dose.Unit == "breaths" ? default : perSide * (hold * (turns ? 2 : 1));
        var inAll = turns ? perSide * 2 : perSide;
        if (halved && dose.Unit is null or "reps" && extras == 0)
            inAll =
                levels
                * (
                    sets
                    * directions
                    * lanes
                    * (
                        dose.Per == "all" ? 1
                        : turns ? 2
                        : 1
                    )
                );
        var reasons = new[]
        {
            new Reason(
                "dose.grammar",
                "sets × repetitions × directions × lanes + extras, for each side",
                [
                    new("sets", $"{sets}"),
                    new("repetitions", $"{levels.Standard:0.##}"),
                    new("directions", $"{directions}"),
                    new("lanes", $"{lanes}"),
                    new("extras", $"{extras}"),
                ],
                "common practice"
            ),
            new Reason(
                "dose.tempo",
                "one repetition = in + hold + out, then the rest before the next",
                [new("in + hold + out", $"{oneIn:0.##} s"), new("rest", $"{rest:0.##} s")],
                "common practice"
            ),
            new Reason(
                "dose.sides",
                turns
                    ? "one side after the other: the seconds of both, and the change of side"
                    : "both at once, one side or the midline: the time counts once",
                [new("sides", sides.Word()), new("change of side", $"{settings.ChangeOfSideSeconds:0.##} s")],
                "house setting"
            ),
        };
        Side[] columns = sides switch
        {
            Sides.Left => [Side.Left],
            Sides.Right => [Side.Right],
            Sides.Midline => [Side.Midline],
            _ when turns => [Side.Left, Side.Right],
            _ => [Side.Both],
        };
        Levels? day =
            dose.TimesADay is { } times ? total * times
            : dose.DaysAWeek is null ? null
            : total;
        return new(
            perSide,
            inAll,
            perSideSeconds,
            tension,
            total,
            columns,
            reasons,
            day,
            day is { } d && dose.DaysAWeek is { } days ? d * days : null
        );
    }

    private static int ExtraRepetitions(string? extra) =>
        extra is not null && extra.StartsWith('+') && int.TryParse(extra.AsSpan(1), out var n) ? n : 0;
}
