using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;
using Wexis.Core.Techniques;
using Wexis.Core.Tests.Words;

namespace Wexis.Core.Tests.Results;

/// <summary>
/// What a trainee is told, over generated sheets: every technique that ships, every kind, every fault, either side short, every critical
/// act. Few points, and what to do next: Hattie and Timperley, "The power of feedback", 2007 (from memory).
/// </summary>
public class FeedbackTests
{
    private sealed record Shown(string Name, MarkSheet Sheet, SheetState State, Score Score)
    {
        public TraineeFeedback Told { get; } = TraineeFeedback.Of(Score, Sheet, State);
        public IReadOnlyList<string> All => [.. Told.Sentences, .. Told.Numbers];
    }

    private static readonly IReadOnlyList<(string Name, DemonstrationKind Kind, MarkSheet Sheet)> Sheets =
    [
        .. Reference
            .Shipped.Select(t => new SheetPart(
                t.Id!,
                1,
                t.Name!,
                t,
                Derivation.Of(t, Reference.Atlas, Reference.Model, Reference.Settings)
            ))
            .Where(p => p.Derivation.Steps.Count > 0)
            .SelectMany(p =>
                new[]
                {
                    DemonstrationKind.Oneself,
                    DemonstrationKind.Partner,
                    DemonstrationKind.Group,
                    DemonstrationKind.Correction,
                    DemonstrationKind.Everyday,
                }.Select(k =>
                    (p.Name, k, MarkSheetDraft.Of(k, p.Technique, p.Name, 1, [p], Reference.Atlas, Reference.Model, Reference.Settings))
                )
            ),
    ];

    /// <summary>
    /// A demonstration with all its doses, every judged mark as said; one side may be cut short, faults and acts may happen.
    /// </summary>
    private static Shown Of(
        (string Name, DemonstrationKind Kind, MarkSheet Sheet) given,
        Func<Criterion, double> mark,
        Side? shortSide = null,
        string? fault = null,
        string? act = null
    )
    {
        var (n, at) = (0, 4.0);
        var events = new List<MarkEvent>();
        void Add(MarkKind kind, int? step = null, Side? side = null, string? target = null, double? value = null) =>
            events.Add(new(MarkId.From(new(++n, 4, 4, new byte[8])), kind, "d", n, (long)(at * 1000), step, side, target, value, null, n));
        Add(MarkKind.Start);
        if (given.Kind == DemonstrationKind.Correction)
        {
            Add(MarkKind.Planted, target: given.Sheet.Faults[0].Id);
            at += 4;
            Add(MarkKind.Caught);
        }
        foreach (var step in given.Sheet.AsksForDose ? given.Sheet.Steps : [])
        foreach (var side in step.Columns)
        {
            var share = side == shortSide ? 0.6 : 1;
            if (step.Counting == Counting.Seconds)
            {
                Add(MarkKind.Press, step.Index, side);
                at += Math.Max(1, step.Seconds.Standard * share);
                Add(MarkKind.Release, step.Index, side);
                continue;
            }
            var times = side == shortSide ? Math.Ceiling(step.Repetitions.Minimum * share) : step.Repetitions.Standard;
            for (var i = 0; i < times; i++)
            {
                if (step.Counting == Counting.Hold)
                {
                    Add(MarkKind.Press, step.Index, side);
                    at += step.HoldSeconds;
                    Add(MarkKind.Release, step.Index, side);
                    at += 1;
                }
                else
                {
                    Add(MarkKind.Rep, step.Index, side);
                    at += Math.Max(0.5, step.CycleSeconds);
                }
            }
        }
        if (fault is not null)
            Add(MarkKind.Fault, given.Sheet.Steps[0].Index, null, fault);
        if (act is not null)
            Add(MarkKind.Critical, target: act);
        Add(MarkKind.Stop);
        foreach (var c in given.Sheet.Criteria.Where(c => c.Measure is null))
            Add(MarkKind.Mark, target: c.Id, value: c.Kind == CriterionKind.Done ? (mark(c) >= 2 ? 3 : 0) : mark(c));
        foreach (
            var c in given.Sheet.Criteria.Where(c =>
                c.Measure is { Quantity: Quantity.Tempo or Quantity.HoldSeconds or Quantity.TalkShare }
            )
        )
            Add(MarkKind.Mark, target: c.Id, value: 3);
        var state = SheetState.Of(events);
        return new(given.Name, given.Sheet, state, Score.Of(state, given.Sheet, Reference.Settings));
    }

    private static IEnumerable<Shown> Generated()
    {
        foreach (var given in Sheets)
        {
            yield return Of(given, _ => 3);
            yield return Of(given, _ => 1);
            foreach (var c in given.Sheet.Criteria.Where(c => c.Measure is null))
                yield return Of(given, o => o.Id == c.Id ? 1 : 3);
            foreach (var side in new[] { Side.Left, Side.Right })
                yield return Of(given, _ => 3, side);
            foreach (var f in given.Sheet.Faults)
                yield return Of(given, c => c.Topic == f.Topic ? 2 : 3, fault: f.Id);
            foreach (var act in given.Sheet.CriticalActs)
                yield return Of(given, _ => 2, act: act.Id);
        }
    }

    [Fact]
    public void Two_things_to_keep_and_at_most_three_to_change_in_their_order()
    {
        foreach (var s in Generated())
        {
            s.Told.Keep.Count.ShouldBeLessThanOrEqualTo(2);
            s.Told.Change.Count.ShouldBeLessThanOrEqualTo(3);
            s.Told.Change.Select(c => c.Order).ShouldBe(s.Told.Change.Select(c => c.Order).Order(), s.Name);
            s.Told.Change.Select(c => c.Criterion).ShouldBeUnique();
            s.Told.Keep.Select(k => k.Criterion).Intersect(s.Told.Change.Select(c => c.Criterion)).ShouldBeEmpty();
            if (s.Score.Criteria.All(c => c.Mark >= 3) && s.Score.CriticalActs.Count == 0 && s.State.Faults.Count == 0)
            {
                s.Told.Keep.Count.ShouldBe(2, s.Name);
                s.Told.Change.ShouldBeEmpty(s.Name);
            }
        }
    }

    [Fact]
    public void Every_sentence_is_whole_and_none_is_a_criterions_label()
    {
        foreach (var s in Generated())
        foreach (var text in s.All)
        {
            text.ShouldNotContain("{");
            text.ShouldNotContain("..");
            text.ShouldNotContain("  ");
            char.IsUpper(text[0]).ShouldBeTrue(text);
            (text.EndsWith('.') || text.EndsWith(')')).ShouldBeTrue(text);
            foreach (var c in s.Sheet.Criteria.Where(c => c.Text.Length > 12))
                text.ShouldNotContain(c.Text, customMessage: $"{s.Name}: a label");
        }
    }

    [Fact]
    public void The_side_that_got_less_is_named_and_never_the_other()
    {
        var told = 0;
        foreach (var given in Sheets.Where(g => g.Sheet.AsksForDose && g.Sheet.Steps.Any(s => s.Columns.Count == 2)))
        foreach (var (lesser, greater) in new[] { (Side.Left, Side.Right), (Side.Right, Side.Left) })
        {
            var s = Of(given, _ => 3, lesser);
            var dose = s.Told.Change.Where(c => c.Order == ChangeOrder.Dose).ToList();
            foreach (var c in dose)
            {
                var first = c.Text.Split(['.'], 2)[0];
                first.ShouldNotContain($"{greater.Word()} side you", customMessage: s.Name);
                c.Text.ShouldNotContain($"{greater.Word()} side got less", customMessage: s.Name);
                // On a partner left and right are the partner's, before a group the group's: never one's own.
                if (given.Kind is DemonstrationKind.Partner or DemonstrationKind.Group)
                    s.All.ShouldNotContain(t => t.Contains("your left side") || t.Contains("your right side"), s.Name);
                if (given.Kind == DemonstrationKind.Partner && c.Text.Contains($"{lesser.Word()} side", StringComparison.Ordinal))
                    c.Text.ShouldContain($"partner’s {lesser.Word()} side");
                if (c.Text.Contains(lesser.Word(), StringComparison.Ordinal))
                    told++;
            }
        }
        told.ShouldBeGreaterThan(30);
    }

    [Fact]
    public void What_is_dangerous_is_never_to_be_practised_alone()
    {
        foreach (var s in Generated().Where(s => s.Score.CriticalActs.Count > 0 || s.Score.Criteria.Any(c => c.SafetyMissed)))
        {
            s.Told.Change[0].Order.ShouldBe(ChangeOrder.Safety, s.Name);
            foreach (var c in s.Told.Change.Where(c => s.Score.Criteria.Any(x => x.Criterion.Id == c.Criterion && x.SafetyMissed)))
            {
                var topic = s.Sheet.Criteria.Single(x => x.Id == c.Criterion).Topic;
                if (topic is Topic.Setup or Topic.Screening or Topic.Priority or Topic.Cueing or Topic.SidesSaid or Topic.Naming)
                    c.Practise.ShouldNotStartWith("Practise ", customMessage: "only what is laid out or said");
                else
                    c.Practise.ShouldStartWith("Do not practise");
            }
            if (s.Score.CriticalActs.Count == 0)
                continue;
            s.All.ShouldNotContain(t => t.Contains("Practise", StringComparison.Ordinal), s.Name);
            s.Told.Next.ShouldBe("Meet your trainer before you go on.");
            // The act stands once, as what must not happen.
            var act = s.Sheet.CriticalActs.Single(a => a.Id == s.Score.CriticalActs[0]).Text;
            s.Told.Sentences.Count(t => t.Contains(act, StringComparison.Ordinal)).ShouldBe(1);
            s.Told.Sentences.Single(t => t.Contains(act, StringComparison.Ordinal)).ShouldStartWith("This must not happen: ");
        }
    }

    /// <summary>Flesch's reading ease of 60 or more, of the whole text that a trainee gets, and of every phrase with its example.</summary>
    [Fact]
    public void It_is_plain_english()
    {
        var hard = Generated()
            .Select(s => (s.Name, Ease: ReadingEaseTests.Ease(s.Told.Sentences), Text: string.Join(" ", s.Told.Sentences)))
            .Where(t => t.Ease < 60)
            .DistinctBy(t => t.Text)
            .ToList();
        hard.Select(t => $"{t.Ease:0} {t.Text}").Take(5).ShouldBeEmpty();
    }

    [Fact]
    public void Why_and_the_faults_own_cue_are_told()
    {
        var given = Sheets.First(g =>
            g.Kind == DemonstrationKind.Oneself
            && g.Sheet.Faults.Any(f => f.Id == "brow")
            && g.Sheet.Criteria.Any(c => c.Topic == Topic.Stillness)
        );
        var s = Of(given, c => c.Topic == Topic.Stillness ? 1 : 3, fault: "brow");
        var change = s.Told.Change.Single();
        change.Text.ShouldContain("What was seen: brow joins in.");
        change.Cue.ShouldBe("Hand on the brow, smaller range.");
        change.Order.ShouldBe(ChangeOrder.Stillness);
        change.Practise.ShouldStartWith("Practise ");
    }
}
