using Wexis.Core.Examinations;
using Wexis.Core.Measures;

namespace Wexis.Core.Grading;

/// <summary>How much of the smallest dose of a step was shown on one side (house ruling 14).</summary>
/// <param name="Needed">The minimum dose, or the number that the station named.</param>
/// <param name="Share">Shown of needed; of a hold the smaller of its repetitions and its seconds.</param>
public sealed record ShownDose(int Step, Side Side, double Shown, double Needed, double Share, bool InSeconds)
{
    /// <summary>Below this share nothing that needs repetition can be seen.</summary>
    public const double Enough = 0.5;

    public bool IsTooLittle => Share < Enough;

    /// <summary>“right side: 4 of 18 repetitions”.</summary>
    public string Words =>
        $"{(Side.IsOne() ? $"{Side.Word()} side: " : "")}{Shown:0.#} of {Needed:0.#} {(InSeconds ? "s" : "repetitions")}";

    /// <summary>
    /// For every side that a step asks for. A side whose dose a person judged, and that nobody counted, is left to that judgement.
    /// </summary>
    public static IReadOnlyList<ShownDose> Of(SheetState state, MarkSheet sheet, IReadOnlyList<TrackMeasure> tracks)
    {
        ArgumentNullException.ThrowIfNull(state);
        ArgumentNullException.ThrowIfNull(sheet);
        ArgumentNullException.ThrowIfNull(tracks);
        if (!sheet.AsksForDose)
            return [];
        return [.. sheet.Steps.SelectMany(step => step.Columns.Select(side => Of(state, sheet, tracks, step, side))).OfType<ShownDose>()];
    }

    private static ShownDose? Of(SheetState state, MarkSheet sheet, IReadOnlyList<TrackMeasure> tracks, SheetStep step, Side side)
    {
        var dose = sheet.Criteria.FirstOrDefault(c =>
            c.Step == step.Index && c.Measure is { Quantity: Quantity.Repetitions or Quantity.WorkingSeconds } m && m.Column == side
        );
        var track = tracks.FirstOrDefault(t => t.Step == step.Index && t.Side == side);
        if (track is null && dose is not null && state.Marks.ContainsKey(dose.Id))
            return null;
        var inSeconds = dose?.Measure is { } measure ? measure.Quantity == Quantity.WorkingSeconds : step.Counting == Counting.Seconds;
        var needed = dose?.Measure?.Low ?? (inSeconds ? step.Seconds.Minimum : step.Repetitions.Minimum);
        if (needed <= 0)
            return null;
        var shown =
            track is null ? 0
            : inSeconds ? track.WorkingSeconds
            : track.Repetitions;
        var share = shown / needed;
        // A hold that is let go at once was not held.
        if (!inSeconds && step is { Counting: Counting.Hold, HoldSeconds: > 0 } && track?.MeanHoldSeconds is { } mean)
            share = Math.Min(share, mean * track.Repetitions / (needed * step.HoldSeconds));
        return new(step.Index, side, shown, needed, share, inSeconds);
    }
}
