using FsCheck.Xunit;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;

namespace Wexis.Core.Tests.Results;

/// <summary>The smallest resit, against every resit there could be: marks anew, scored by the same score.</summary>
public class ResitTests
{
    private static readonly MarkSheet Two = Examinations.MarkSheetDraftTests.Sheet(
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

    /// <summary>One step: what needs repetition to be seen is seen in it, though it is about the whole.</summary>
    private static readonly MarkSheet One = Examinations.MarkSheetDraftTests.Sheet(A.Act("smile-closed", "6") with { Still = ["brow"] });

    private static IReadOnlyList<Criterion> Judged(MarkSheet sheet) => [.. sheet.Criteria.Where(c => c.Measure is null)];

    private static MarkEvent Event(
        MarkKind kind,
        int n,
        int? step = null,
        Side? side = null,
        string? target = null,
        double? value = null
    ) => new(MarkId.From(new(n + 1, 5, 5, new byte[8])), kind, "d", n, n * 3000L, step, side, target, value, null, n);

    /// <param name="again">Items that are shown again, in full.</param>
    private static Score Of(MarkSheet sheet, IReadOnlyList<int> marks, IReadOnlyList<int> doses, IReadOnlyCollection<ResitItem> again)
    {
        var (events, n, track) = (new List<MarkEvent>(), 0, 0);
        var shown = again.SelectMany(i => i.Criteria).ToHashSet(StringComparer.Ordinal);
        var steps = again.Select(i => i.Step).OfType<int>().ToHashSet();
        events.Add(Event(MarkKind.Start, n++));
        foreach (var step in sheet.Steps)
        foreach (var side in step.Columns)
        {
            var least = (int)Math.Ceiling(step.Repetitions.Minimum);
            var less = doses[track++ % doses.Count];
            var times = steps.Contains(step.Index) ? least : Math.Max(0, least - less);
            for (var i = 0; i < times; i++)
                events.Add(Event(MarkKind.Rep, n++, step.Index, side));
        }
        events.Add(Event(MarkKind.Stop, n++));
        foreach (var (c, i) in Judged(sheet).Select((c, i) => (c, i)))
        {
            var given = marks[i % marks.Count];
            var mark =
                shown.Contains(c.Id) ? 3
                : c.Kind == CriterionKind.Done ? (given >= 2 ? 3 : 0)
                : given;
            events.Add(Event(MarkKind.Mark, n++, target: c.Id, value: mark));
        }
        // Tempo is no matter here: a person marks it.
        foreach (var c in sheet.Criteria.Where(c => c.Measure?.Quantity is Quantity.Tempo or Quantity.HoldSeconds))
            events.Add(Event(MarkKind.Mark, n++, target: c.Id, value: 3));
        return Score.Of(SheetState.Of(events), sheet, Reference.Settings);
    }

    [Property(MaxTest = 300)]
    public bool No_smaller_resit_could_turn_the_decision(byte[]? marks, byte[]? doses, bool oneStep)
    {
        var sheet = oneStep ? One : Two;
        var given = (marks ?? []).Append((byte)3).Select(m => m % 4).ToList();
        var less = (doses ?? []).Append((byte)0).Select(d => d % 7).ToList();
        var score = Of(sheet, given, less, []);
        var state = SheetState.Of([]);
        if (ResitPlan.Of(score, sheet, TraineeFeedback.Of(score, sheet, state)) is not { } plan)
            return score.Decision is Decision.Pass or Decision.Open;
        var items = ResitPlan.ItemsOf(score, sheet);
        var enough = Of(sheet, given, less, plan.Items).Decision == Decision.Pass;
        var smaller = Subsets(items, plan.Items.Count - 1).Any(s => Of(sheet, given, less, s).Decision == Decision.Pass);
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
            Event(MarkKind.Critical, 0, target: Two.CriticalActs[0].Id),
            Event(MarkKind.Stop, 1),
            .. Judged(Two).Select((c, i) => Event(MarkKind.Mark, i + 2, target: c.Id, value: 3)),
        ];
        var state = SheetState.Of(events);
        var score = Score.Of(state, Two, Reference.Settings);
        var plan = ResitPlan.Of(score, Two, TraineeFeedback.Of(score, Two, state))!;
        plan.Whole.ShouldBeTrue();
        plan.Practise.ShouldContain(p => p.StartsWith("Do not practise", StringComparison.Ordinal));
    }
}
