using FsCheck.Xunit;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;

namespace Wexis.Core.Tests.Results;

/// <summary>The smallest resit, against every resit there could be: marks anew, scored by the same score.</summary>
public class ResitTests
{
    private static readonly MarkSheet Sheet = Examinations.MarkSheetDraftTests.Sheet(
        A.Act("smile-closed") with
        {
            Still = ["brow"],
        },
        A.Step("3 / 5 / 8, each side") with
        {
            Hands = [A.Track("stroke", 1, sides: "one-then-other").From("alare", "ear_front") with { GripOrSlip = "slip" }],
            Still = ["jaw"],
        }
    );

    private static readonly IReadOnlyList<Criterion> Judged = [.. Sheet.Criteria.Where(c => c.Measure is null)];

    private static MarkEvent Event(
        MarkKind kind,
        int n,
        int? step = null,
        Side? side = null,
        string? target = null,
        double? value = null
    ) => new(new Guid(n + 1, 5, 5, new byte[8]), kind, "d", n, n * 3000L, step, side, target, value, null, n);

    /// <param name="again">Items that are shown again, in full.</param>
    private static Score Of(IReadOnlyList<int> marks, IReadOnlyList<int> doses, IReadOnlyCollection<ResitItem> again)
    {
        var (events, n, track) = (new List<MarkEvent>(), 0, 0);
        var shown = again.SelectMany(i => i.Criteria).ToHashSet(StringComparer.Ordinal);
        var steps = again.Select(i => i.Step).OfType<int>().ToHashSet();
        events.Add(Event(MarkKind.Start, n++));
        foreach (var step in Sheet.Steps)
        foreach (var side in step.Columns)
        {
            var least = (int)Math.Ceiling(step.Repetitions.Minimum);
            var less = doses[track++ % doses.Count];
            var times = steps.Contains(step.Index) ? least : Math.Max(0, least - less);
            for (var i = 0; i < times; i++)
                events.Add(Event(MarkKind.Rep, n++, step.Index, side));
        }
        events.Add(Event(MarkKind.Stop, n++));
        foreach (var (c, i) in Judged.Select((c, i) => (c, i)))
        {
            var given = marks[i % marks.Count];
            var mark =
                shown.Contains(c.Id) ? 3
                : c.Kind == CriterionKind.Done ? (given >= 2 ? 3 : 0)
                : given;
            events.Add(Event(MarkKind.Mark, n++, target: c.Id, value: mark));
        }
        // Tempo is no matter here: a person marks it.
        foreach (var c in Sheet.Criteria.Where(c => c.Measure?.Quantity is Quantity.Tempo or Quantity.HoldSeconds))
            events.Add(Event(MarkKind.Mark, n++, target: c.Id, value: 3));
        return Score.Of(SheetState.Of(events), Sheet, Reference.Settings);
    }

    [Property(MaxTest = 300)]
    public bool No_smaller_resit_could_turn_the_decision(byte[]? marks, byte[]? doses)
    {
        var given = (marks ?? []).Append((byte)3).Select(m => m % 4).ToList();
        var less = (doses ?? []).Append((byte)0).Select(d => d % 4).ToList();
        var score = Of(given, less, []);
        var state = SheetState.Of([]);
        if (ResitPlan.Of(score, Sheet, TraineeFeedback.Of(score, Sheet, state)) is not { } plan)
            return score.Decision is Decision.Pass or Decision.Open;
        var items = ResitPlan.ItemsOf(score, Sheet);
        var enough = Of(given, less, plan.Items).Decision == Decision.Pass;
        var smaller = Subsets(items, plan.Items.Count - 1).Any(s => Of(given, less, s).Decision == Decision.Pass);
        return enough && !smaller;
    }

    private static IEnumerable<IReadOnlyCollection<ResitItem>> Subsets(IReadOnlyList<ResitItem> items, int size)
    {
        for (var bits = 0; size >= 0 && bits < 1 << items.Count; bits++)
            if (System.Numerics.BitOperations.PopCount((uint)bits) <= size)
                yield return [.. items.Where((_, i) => (bits >> i & 1) == 1)];
    }

    [Fact]
    public void A_critical_act_asks_for_all_of_it_and_the_trainer_first()
    {
        List<MarkEvent> events =
        [
            Event(MarkKind.Critical, 0, target: Sheet.CriticalActs[0].Id),
            Event(MarkKind.Stop, 1),
            .. Judged.Select((c, i) => Event(MarkKind.Mark, i + 2, target: c.Id, value: 3)),
        ];
        var state = SheetState.Of(events);
        var score = Score.Of(state, Sheet, Reference.Settings);
        var plan = ResitPlan.Of(score, Sheet, TraineeFeedback.Of(score, Sheet, state))!;
        plan.Whole.ShouldBeTrue();
        plan.Practise.ShouldContain(p => p.StartsWith("Do not practise", StringComparison.Ordinal));
    }
}
