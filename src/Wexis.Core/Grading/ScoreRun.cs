using Wexis.Core.Examinations;
using Wexis.Core.Measures;

namespace Wexis.Core.Grading;

/// <summary>One step on one side: as it should run, and as it ran. Seconds count from the first movement.</summary>
/// <param name="PlanFrom">Second at which it would begin if everything before it took its usual time.</param>
/// <param name="PlanTo">Second at which it would end.</param>
/// <param name="PlanCount">Repetitions of the usual dose; 0 where seconds are asked.</param>
/// <param name="Taps">Seconds of the counts.</param>
/// <param name="Tallied">Repetitions or seconds that were counted on paper, without their moments.</param>
public sealed record RunLane(
    int Step,
    string Title,
    Side Side,
    double PlanFrom,
    double PlanTo,
    int PlanCount,
    IReadOnlyList<double> Taps,
    IReadOnlyList<Hold> Holds,
    double Tallied
);

/// <summary>A fault at its second.</summary>
public sealed record RunFault(string Text, double AtSeconds, double? MendedAfter);

/// <summary>The demonstration over time: each side of each step as it ran over how it should run, and what was stamped when.</summary>
/// <param name="Seconds">Length of the picture: the later of what was shown and what was planned.</param>
public sealed record ScoreRun(double Seconds, IReadOnlyList<RunLane> Lanes, IReadOnlyList<RunFault> Faults)
{
    public static ScoreRun Of(SheetState state, MarkSheet sheet, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(state);
        ArgumentNullException.ThrowIfNull(sheet);
        ArgumentNullException.ThrowIfNull(settings);
        var zero = FirstMovement(state);
        var lanes = new List<RunLane>();
        var at = 0.0;
        foreach (var step in sheet.Steps)
        foreach (var side in Order(step, state))
        {
            // Seconds of a step are of one side.
            var to = at + step.Seconds.Standard;
            var track = state.Tracks.FirstOrDefault(t => t.Step == step.Index && t.Side == side);
            lanes.Add(
                new(
                    step.Index,
                    step.Title,
                    side,
                    at,
                    to,
                    step.Counting == Counting.Seconds ? 0 : (int)Math.Round(step.Repetitions.Standard),
                    [.. (track?.TapSeconds ?? []).Select(s => s - zero)],
                    [.. (track?.Holds ?? []).Select(h => new Hold(h.FromSeconds - zero, h.ToSeconds - zero))],
                    (track?.Tallied ?? 0) + (track?.TalliedSeconds ?? 0)
                )
            );
            at = to + (lanes.Count(l => l.Step == step.Index) == step.Columns.Count ? 0 : settings.ChangeOfSideSeconds);
        }
        var faults = state
            .Faults.Select(f => new RunFault(
                sheet.Faults.FirstOrDefault(x => x.Id == f.Fault)?.Text ?? f.Fault,
                Math.Max(0, f.AtSeconds - zero),
                f.MendedAfter
            ))
            .ToList();
        var ran = lanes
            .SelectMany(l => l.Taps.Concat(l.Holds.Select(h => h.ToSeconds)))
            .Concat(faults.Select(f => f.AtSeconds))
            .DefaultIfEmpty(0)
            .Max();
        return new(Math.Max(at, ran), lanes, faults);
    }

    /// <summary>Sides in the order in which they were shown: the trade takes either first. One that was not shown comes last.</summary>
    private static IEnumerable<Side> Order(SheetStep step, SheetState state) =>
        step.Columns.OrderBy(c =>
            state.Tracks.FirstOrDefault(t => t.Step == step.Index && t.Side == c) is { } t
                ? t.TapSeconds.Concat(t.Holds.Select(h => h.FromSeconds)).DefaultIfEmpty(double.MaxValue).Min()
                : double.MaxValue
        );

    private static double FirstMovement(SheetState state) =>
        state.Tracks.SelectMany(t => t.TapSeconds.Concat(t.Holds.Select(h => h.FromSeconds))).DefaultIfEmpty(0).Min();
}
