using Wexis.Core.Examinations;
using Wexis.Core.Measures;

namespace Wexis.Core.Grading;

/// <summary>Where a mark comes from.</summary>
[ClosedList]
public enum MarkSource
{
    Counted,
    Judged,
    Unmarked,
}

/// <summary>One criterion with its mark.</summary>
/// <param name="Mark">0 to 3; null while nobody has marked it and nothing was measured.</param>
/// <param name="Value">The measured value, when there is one.</param>
/// <param name="Lost">Percentage points of the whole lost here.</param>
public sealed record ScoredCriterion(Criterion Criterion, double? Mark, MarkSource From, double? Value, double Lost, bool SafetyMissed);

public sealed record DomainScore(Domain Domain, double Percent, double Weight);

/// <summary>The score of a demonstration: percent = sum(weight × mark / 3) / sum(weight), unrounded. See docs/method.md#score.</summary>
/// <param name="Decision">pass, fail, or open while something is unmarked.</param>
/// <param name="Reasons">What decided, in sentences.</param>
public sealed record Score(
    double Percent,
    IReadOnlyList<DomainScore> Domains,
    IReadOnlyList<ScoredCriterion> Criteria,
    IReadOnlyList<TrackMeasure> Tracks,
    IReadOnlyList<string> Unmarked,
    IReadOnlyList<string> CriticalActs,
    IReadOnlyList<Stamp> Faults,
    Decision Decision,
    bool Merit,
    IReadOnlyList<string> Reasons
)
{
    /// <summary>A missed safety-critical criterion (below "done with faults") or a critical act fails whatever the total.</summary>
    private const double SafetyMet = 2;

    public static Score Of(SheetState state, MarkSheet sheet, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(state);
        ArgumentNullException.ThrowIfNull(sheet);
        ArgumentNullException.ThrowIfNull(settings);
        var tracks = state
            .Tracks.Select(t =>
                DemonstrationMeasures.Of(t, sheet.Steps.FirstOrDefault(s => s.Index == t.Step)?.CycleSeconds ?? 1, settings)
            )
            .ToList();
        var total = sheet.TotalWeight;
        var criteria = sheet
            .Criteria.Select(c =>
            {
                var (mark, from, value) = MarkOf(c, state, sheet, tracks, settings);
                var missed = c.SafetyCritical && mark < SafetyMet;
                return new ScoredCriterion(
                    c,
                    mark,
                    from,
                    value,
                    mark is { } m && total > 0 ? c.Weight * (3 - m) / 3 / total * 100 : 0,
                    missed
                );
            })
            .ToList();
        var unmarked = criteria.Where(c => c.Mark is null && c.Criterion.Weight > 0).Select(c => c.Criterion.Id).ToList();
        var percent = PercentOf(criteria);
        var domains = criteria
            .GroupBy(c => c.Criterion.Domain)
            .Select(g => new DomainScore(g.Key, PercentOf([.. g]), g.Sum(c => c.Criterion.Weight)))
            .ToList();
        var reasons = Deciding(state, sheet, criteria, tracks, percent).ToList();
        var failed = state.CriticalActs.Count > 0 || criteria.Any(c => c.SafetyMissed) || percent < sheet.PassLine;
        // A critical act decides at once, even with criteria still unmarked.
        var decision =
            state.CriticalActs.Count > 0 ? Decision.Fail
            : unmarked.Count > 0 ? Decision.Open
            : failed ? Decision.Fail
            : Decision.Pass;
        return new(
            percent,
            domains,
            criteria,
            tracks,
            unmarked,
            state.CriticalActs,
            state.Faults,
            decision,
            decision == Decision.Pass && percent >= settings.MeritPercent,
            reasons
        );
    }

    private static double PercentOf(IReadOnlyList<ScoredCriterion> criteria)
    {
        var weight = criteria.Sum(c => c.Criterion.Weight);
        return weight <= 0 ? 0 : criteria.Sum(c => c.Criterion.Weight * (c.Mark ?? 0) / 3) / weight * 100;
    }

    private static (double? Mark, MarkSource From, double? Value) MarkOf(
        Criterion c,
        SheetState state,
        MarkSheet sheet,
        List<TrackMeasure> tracks,
        HouseSettings settings
    )
    {
        // A person's mark stands above a measured one: judgement stays with the person.
        if (state.Marks.TryGetValue(c.Id, out var given))
            return (given, MarkSource.Judged, c.Measure is null ? null : ValueOf(c, state, sheet, tracks, settings)?.Value);
        if (c.Measure is null || ValueOf(c, state, sheet, tracks, settings) is not { } measured)
            return (null, MarkSource.Unmarked, null);
        return (measured.Mark, MarkSource.Counted, measured.Value);
    }

    private static (double Value, double Mark)? ValueOf(
        Criterion c,
        SheetState state,
        MarkSheet sheet,
        List<TrackMeasure> tracks,
        HouseSettings settings
    )
    {
        var target = c.Measure!;
        var step = sheet.Steps.FirstOrDefault(s => s.Index == c.Step);
        var mine = tracks.Where(t => t.Step == c.Step).ToList();
        if (step is null || mine.Count == 0)
            return null;
        switch (target.Quantity)
        {
            case Quantity.Repetitions or Quantity.WorkingSeconds:
                var track = mine.FirstOrDefault(t => t.Side == target.Column);
                // The other side counts as not done only once the demonstration was stopped: unmarked is never assumed.
                if (track is null)
                    return state.Stopped ? (0, DemonstrationMeasures.Mark(0, target.Low, target.High)) : null;
                var value = target.Quantity == Quantity.Repetitions ? track.Repetitions : track.WorkingSeconds;
                return (value, DemonstrationMeasures.Mark(value, target.Low, target.High));
            case Quantity.HoldSeconds:
                var holds = mine.Where(t => t.MeanHoldSeconds is not null).ToList();
                if (holds.Count == 0)
                    return null;
                var mean = holds.Average(t => t.MeanHoldSeconds!.Value);
                return (mean, DemonstrationMeasures.Mark(mean, target.Low, target.High));
            case Quantity.Tempo:
                var beats = mine.Where(t => t.PerMinute is not null).ToList();
                if (beats.Count == 0)
                    return null;
                var tempo = beats.Average(t => t.PerMinute!.Value);
                return (tempo, DemonstrationMeasures.Mark(tempo, target.Low, target.High));
            case Quantity.Balance:
                if (SideBalance.Of(step, mine) is not { } sides)
                    return null;
                // The other side counts as not done only once the demonstration was stopped.
                if (step.Columns.Any(c => mine.All(t => t.Side != c)))
                    return state.Stopped ? (0, 0) : null;
                var balance = sides.Judged(settings);
                return (balance.Ratio, balance.Mark);
            default:
                return null;
        }
    }

    /// <summary>The side that got less in the step that lost most by it, and the points lost by its dose and by the balance.</summary>
    private static (Side Side, double Cost)? ShortSide(List<ScoredCriterion> criteria, List<TrackMeasure> tracks, MarkSheet sheet)
    {
        (Side Side, double Cost)? worst = null;
        foreach (var step in sheet.Steps)
        {
            if (SideBalance.Of(step, tracks) is not { IsEven: false } sides)
                continue;
            var cost = criteria
                .Where(c =>
                    c.Criterion.Step == step.Index
                    && (
                        c.Criterion.Topic == Topic.Balance
                        || (c.Criterion.Topic == Topic.Dose && c.Criterion.Measure?.Column == sides.Lesser)
                    )
                )
                .Sum(c => c.Lost);
            if (cost > (worst?.Cost ?? 0))
                worst = (sides.Lesser, cost);
        }
        return worst;
    }

    private static IEnumerable<string> Deciding(
        SheetState state,
        MarkSheet sheet,
        List<ScoredCriterion> criteria,
        List<TrackMeasure> tracks,
        double percent
    )
    {
        foreach (var act in state.CriticalActs)
            yield return $"Critical act: {sheet.CriticalActs.FirstOrDefault(a => a.Id == act)?.Text ?? act}. It fails the demonstration whatever the total.";
        foreach (var c in criteria.Where(c => c.SafetyMissed))
            yield return $"Safety criterion missed: {c.Criterion.Text} (mark {c.Mark:0.#} of 3, needed 2). It fails the demonstration whatever the total.";
        if (percent < sheet.PassLine && ShortSide(criteria, tracks, sheet) is { } side && percent + side.Cost >= sheet.PassLine)
            yield return $"The short {side.Side.Word()} side decided: it cost {side.Cost:0.0} points. With both sides level the total would be {percent + side.Cost:0.0} %.";
        yield return percent >= sheet.PassLine
            ? $"{percent:0.0} % reaches the pass line of {sheet.PassLine:0.#} %."
            : $"{percent:0.0} % is below the pass line of {sheet.PassLine:0.#} %.";
    }
}
