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
    Unseen,
}

/// <summary>One criterion with its mark.</summary>
/// <param name="Mark">0 to 3; null while nobody has marked it and nothing was measured.</param>
/// <param name="Value">The measured value, when there is one.</param>
/// <param name="Lost">Percentage points of the whole lost here.</param>
/// <param name="Weight">What it weighs after what could not be seen was spread over its domain; null in results of before.</param>
/// <param name="Why">Why the mark is not the one that was counted or given; null where it is.</param>
public sealed record ScoredCriterion(
    Criterion Criterion,
    double? Mark,
    MarkSource From,
    double? Value,
    double Lost,
    bool SafetyMissed,
    double? Weight = null,
    string? Why = null
)
{
    internal double Weighs => Weight ?? Criterion.Weight;
}

public sealed record DomainScore(Domain Domain, double Percent, double Weight);

/// <summary>The score of a demonstration: percent = sum(weight × mark / 3) / sum(weight), unrounded. See docs/method.md#score.</summary>
/// <param name="Decision">pass, fail, not-enough-shown, look-again, or open while something is unmarked.</param>
/// <param name="Reasons">What decided, in sentences, a gross shortfall first.</param>
/// <param name="Shown">How much of the smallest dose was shown; null in results of before.</param>
/// <param name="CountsAsAttempt">False where something from outside interrupted.</param>
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
    IReadOnlyList<string> Reasons,
    IReadOnlyList<ShownDose>? Shown = null,
    bool CountsAsAttempt = true
)
{
    /// <summary>Weight that may stay unseen; above it, or with any safety criterion, somebody has to look again.</summary>
    private const double MostUnseen = 0.2;

    /// <summary>A missed safety-critical criterion (below "done with faults") or a critical act fails whatever the total.</summary>
    private const double SafetyMet = 2;

    public static Score Of(SheetState state, MarkSheet sheet, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(state);
        ArgumentNullException.ThrowIfNull(sheet);
        ArgumentNullException.ThrowIfNull(settings);
        var tracks = state
            .Tracks.Select(t =>
            {
                var step = sheet.Steps.FirstOrDefault(s => s.Index == t.Step);
                var hold = step?.Counting == Counting.Hold ? step.HoldSeconds : 0;
                return DemonstrationMeasures.Of(t, step?.CycleSeconds ?? 1, settings, hold);
            })
            .ToList();
        var shown = ShownDose.Of(state, sheet, tracks);
        var weights = Weights(state, sheet);
        var total = weights.Values.Sum();
        var criteria = sheet
            .Criteria.Select(c =>
            {
                if (state.Unseen.Contains(c.Id))
                    return new ScoredCriterion(
                        c,
                        null,
                        MarkSource.Unseen,
                        null,
                        0,
                        false,
                        0,
                        "could not be seen: its weight lies on the others"
                    );
                var (counted, from, value) = MarkOf(c, state, sheet, tracks, settings);
                var (mark, why) = Capped(c, counted, state, sheet, shown);
                // A cap never turns what was judged met into a missed safety criterion.
                var missed = c.SafetyCritical && counted < SafetyMet;
                return new ScoredCriterion(
                    c,
                    mark,
                    from,
                    value,
                    mark is { } m && total > 0 ? weights[c.Id] * (3 - m) / 3 / total * 100 : 0,
                    missed,
                    weights[c.Id],
                    why
                );
            })
            .ToList();
        var unmarked = criteria
            .Where(c => c.Mark is null && c.From != MarkSource.Unseen && c.Criterion.Weight > 0)
            .Select(c => c.Criterion.Id)
            .ToList();
        var percent = PercentOf(criteria);
        var domains = criteria
            .GroupBy(c => c.Criterion.Domain)
            .Select(g => new DomainScore(g.Key, PercentOf([.. g]), g.Sum(c => c.Criterion.Weight)))
            .ToList();
        var decision = Decide(state, sheet, criteria, unmarked, shown, percent);
        var reasons = Deciding(state, sheet, criteria, tracks, shown, percent, decision).ToList();
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
            reasons,
            shown,
            !state.Interrupted && sheet.Kind != DemonstrationKind.Everyday
        );
    }

    /// <summary>
    /// House ruling 19: a critical act, then what is unmarked, safety, too little shown, what could not be seen, the percent.
    /// </summary>
    private static Decision Decide(
        SheetState state,
        MarkSheet sheet,
        List<ScoredCriterion> criteria,
        List<string> unmarked,
        IReadOnlyList<ShownDose> shown,
        double percent
    ) =>
        state.CriticalActs.Count > 0 ? Decision.Fail
        : unmarked.Count > 0 ? Decision.Open
        : criteria.Any(c => c.SafetyMissed) ? Decision.Fail
        : shown.Any(s => s.IsTooLittle) ? Decision.NotEnoughShown
        : Unclear(criteria, sheet) ? Decision.LookAgain
        : percent < sheet.PassLine ? Decision.Fail
        : Decision.Pass;

    private static bool Unclear(List<ScoredCriterion> criteria, MarkSheet sheet)
    {
        var unseen = criteria.Where(c => c.From == MarkSource.Unseen).Select(c => c.Criterion).ToList();
        return unseen.Any(c => c.SafetyCritical) || unseen.Sum(c => c.Weight) > (sheet.TotalWeight * MostUnseen) + 1e-9;
    }

    /// <summary>
    /// What could not be seen weighs nothing; its weight lies on the others of its domain, in proportion (house ruling 4).
    /// </summary>
    private static Dictionary<string, double> Weights(SheetState state, MarkSheet sheet)
    {
        var weights = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var domain in sheet.Criteria.GroupBy(c => c.Domain))
        {
            var whole = domain.Sum(c => c.Weight);
            var seen = domain.Where(c => !state.Unseen.Contains(c.Id)).Sum(c => c.Weight);
            foreach (var c in domain)
                weights[c.Id] = state.Unseen.Contains(c.Id) || seen <= 0 ? 0 : c.Weight * whole / seen;
        }
        return weights;
    }

    /// <summary>What needs repetition to be seen.</summary>
    private static bool NeedsRepetition(Topic topic) =>
        topic is Topic.Path or Topic.Pressure or Topic.Tempo or Topic.Balance or Topic.Stillness or Topic.Breath;

    /// <summary>The step that has to be repeated to see a criterion; null where it is seen without, or in no one step.</summary>
    internal static int? SeenIn(Criterion c, MarkSheet sheet) =>
        !NeedsRepetition(c.Topic) ? null : c.Step ?? (sheet.Steps.Count == 1 ? sheet.Steps[0].Index : null);

    private static (double? Mark, string? Why) Capped(
        Criterion c,
        double? mark,
        SheetState state,
        MarkSheet sheet,
        IReadOnlyList<ShownDose> shown
    )
    {
        var (most, why) = (3.0, (string?)null);
        void Cap(double at, string because)
        {
            if (at < most)
                (most, why) = (at, because);
        }
        if (SeenIn(c, sheet) is { } step && shown.FirstOrDefault(s => s.Step == step && s.IsTooLittle) is { } little)
            Cap(1, $"too little was shown to see it ({little.Words})");
        if (c.Topic == Topic.Cueing && state.WrongSide)
            Cap(2, "a right thing on the wrong side");
        var slips = Mended(state, sheet);
        var forgiven = slips.FirstOrDefault(s => s.MendedAfter <= MendedWithin + 1e-9);
        foreach (var slip in slips.Where(s => s.Criterion == c.Id && s != forgiven))
            Cap(
                2,
                slip.MendedAfter <= MendedWithin + 1e-9
                    ? "a second slip that was mended: one a technique loses nothing"
                    : $"mended after {slip.MendedAfter:0.0} s: only within {MendedWithin:0} s nothing is lost"
            );
        return mark > most ? (most, why) : (mark, null);
    }

    /// <summary>What went wrong and was mended by its maker, in order: slips, and stamped faults whose criterion the sheet knows.</summary>
    private static List<Slip> Mended(SheetState state, MarkSheet sheet) =>
        [
            .. state
                .Slips.Concat(
                    state
                        .Faults.Select(f => (Stamp: f, Criterion: CriterionOf(f, sheet)))
                        .Where(f => f.Criterion is not null)
                        .Select(f => new Slip(f.Criterion!, f.Stamp.AtSeconds, f.Stamp.MendedAfter))
                )
                .Where(s => s.MendedAfter is not null)
                .OrderBy(s => s.AtSeconds),
        ];

    /// <summary>The criterion that a fault counts against: of its line of the yardstick, in its step where it has one.</summary>
    private static string? CriterionOf(Stamp stamp, MarkSheet sheet)
    {
        if (sheet.Faults.FirstOrDefault(f => f.Id == stamp.Fault)?.Topic is not { } topic)
            return null;
        var mine = sheet.Criteria.Where(c => c.Topic == topic && c.Kind != CriterionKind.Measured).ToList();
        return (mine.FirstOrDefault(c => c.Step == stamp.Step) ?? mine.FirstOrDefault(c => c.Step is null))?.Id;
    }

    /// <summary>Seconds within which a slip that is mended loses nothing, once a technique.</summary>
    private const double MendedWithin = 5;

    private static double PercentOf(IReadOnlyList<ScoredCriterion> criteria)
    {
        var weight = criteria.Sum(c => c.Weighs);
        return weight <= 0 ? 0 : criteria.Sum(c => c.Weighs * (c.Mark ?? 0) / 3) / weight * 100;
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
        if (target.Quantity is Quantity.TalkShare or Quantity.CatchSeconds)
            return WholeOf(target, state, tracks);
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
                // A side that was declared tighter may get up to one and a half times the other.
                var declared = state.Tighter == sides.Greater && sides.More <= (sides.Less * settings.TighterSide) + 1e-9;
                return (balance.Ratio, declared ? 3 : balance.Mark);
            default:
                return null;
        }
    }

    /// <summary>What is measured over the whole demonstration.</summary>
    private static (double Value, double Mark)? WholeOf(MeasureTarget target, SheetState state, List<TrackMeasure> tracks)
    {
        double? value = null;
        if (target.Quantity == Quantity.TalkShare)
        {
            var (talk, work) = (tracks.Sum(t => t.TalkSeconds), tracks.Sum(t => t.WorkingSeconds));
            value = work > 0 ? talk / (talk + work) : null;
        }
        else if (state.Planted is { } planted)
        {
            if (state.CaughtAfter is null && state.StoppedAt is { } end)
                return (Math.Max(0, end - planted.AtSeconds), 0);
            value = state.CaughtAfter;
        }
        return value is { } v ? (v, DemonstrationMeasures.Mark(v, target.Low, target.High)) : null;
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

    private static string StepOf(ShownDose shown, MarkSheet sheet) => sheet.Steps.Count > 1 ? $"step {shown.Step + 1}, " : "";

    private static IEnumerable<string> Deciding(
        SheetState state,
        MarkSheet sheet,
        List<ScoredCriterion> criteria,
        List<TrackMeasure> tracks,
        IReadOnlyList<ShownDose> shown,
        double percent,
        Decision decision
    )
    {
        if (shown.Where(s => s.IsTooLittle).ToList() is { Count: > 0 } little && decision is not Decision.Open)
            yield return $"Too little was shown: {string.Join("; ", little.Select(s => StepOf(s, sheet) + s.Words))}. At least half "
                + "is needed to judge it.";
        foreach (var act in state.CriticalActs)
            yield return $"Critical act: {sheet.CriticalActs.FirstOrDefault(a => a.Id == act)?.Text ?? act}. It fails the "
                + "demonstration whatever the total.";
        foreach (var c in criteria.Where(c => c.SafetyMissed))
            yield return $"Safety criterion missed: {c.Criterion.Text} (mark {c.Mark:0.#} of 3, needed 2). It fails the demonstration "
                + "whatever the total.";
        if (decision == Decision.LookAgain)
            yield return "Too much could not be seen: somebody has to look again before it is decided.";
        if (percent < sheet.PassLine && ShortSide(criteria, tracks, sheet) is { } side && percent + side.Cost >= sheet.PassLine)
            yield return $"The short {side.Side.Word()} side decided: it cost {side.Cost:0.0} points. With both sides level the total "
                + $"would be {percent + side.Cost:0.0} %.";
        yield return percent >= sheet.PassLine
            ? $"{percent:0.0} % reaches the pass line of {sheet.PassLine:0.#} %."
            : $"{percent:0.0} % is below the pass line of {sheet.PassLine:0.#} %.";
    }
}
