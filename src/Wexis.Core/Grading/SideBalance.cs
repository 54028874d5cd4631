using Wexis.Core.Examinations;
using Wexis.Core.Measures;

namespace Wexis.Core.Grading;

/// <summary>The two sides of one step against each other, in what the step counts. The one place that says which side was short.</summary>
/// <param name="Lesser">The side that got less; its partner's name when both got the same stands in <paramref name="Greater"/>.</param>
/// <param name="Less">Repetitions or seconds; 0 for a side that was not shown.</param>
/// <param name="InSeconds">Whether the numbers are seconds of work (else repetitions).</param>
public sealed record SideBalance(int Step, Side Lesser, Side Greater, double Less, double More, bool InSeconds)
{
    public bool IsEven => Less == More;

    /// <summary>The lesser side was not shown at all.</summary>
    public bool OneSideOnly => Less <= 0 && More > 0;

    /// <summary>Null where the step has one side, or nothing of it was shown.</summary>
    public static SideBalance? Of(SheetStep step, IReadOnlyList<TrackMeasure> tracks)
    {
        ArgumentNullException.ThrowIfNull(step);
        ArgumentNullException.ThrowIfNull(tracks);
        if (step.Columns.Count != 2 || !tracks.Any(t => t.Step == step.Index))
            return null;
        var inSeconds = step.Counting != Counting.Reps;
        double Got(Side side) =>
            tracks.FirstOrDefault(t => t.Step == step.Index && t.Side == side) is { } t
                ? inSeconds
                    ? t.WorkingSeconds
                    : t.Repetitions
                : 0;
        var (first, second) = (step.Columns[0], step.Columns[1]);
        return Got(first) <= Got(second)
            ? new(step.Index, first, second, Got(first), Got(second), inSeconds)
            : new(step.Index, second, first, Got(second), Got(first), inSeconds);
    }

    public BalanceMeasure Judged(HouseSettings settings) => DemonstrationMeasures.Balance(Less, More, InSeconds, settings);

    /// <summary>“12 s against 30 s”, “1 against 6”.</summary>
    public string Words => InSeconds ? $"{Less:0.#} s against {More:0.#} s" : $"{Less:0} against {More:0}";
}
