using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;
using Wexis.Core.Techniques;
using Wexis.Core.Tests.Examinations;

namespace Wexis.Core.Tests.Grading;

/// <summary>Percent = sum(weight × mark / 3) / sum(weight), unrounded; safety decides before the total. Sums by hand.</summary>
public class ScoreTests
{
    private static readonly string[] Anchors = ["0", "1", "2", "3"];

    private static Criterion Judged(string id, double weight, bool safety = false, Domain domain = Domain.Doing) =>
        new(id, domain, CriterionKind.Graded, Topic.Posture, id, null, weight, safety, null, Anchors);

    private static MarkSheet Sheet(params Criterion[] criteria) =>
        new("t", "T", 1, [], criteria, [new("globe", "pressure on the eyeball or into the orbit")], [], [], 75);

    private static Score Of(MarkSheet sheet, params (string Id, double Mark)[] marks) =>
        Score.Of(
            SheetState.Of(
                marks.Select((m, i) => new MarkEvent(MarkId.New(), MarkKind.Mark, "d", i, i, null, null, m.Id, m.Mark, null, i + 1))
            ),
            sheet,
            Reference.Settings
        );

    /// <summary>
    /// A sheet that could not be written could not be opened again: whatever was tapped, every number of its score is one.
    /// </summary>
    [Fact]
    public void Any_taps_on_any_sheet_give_a_score_that_can_be_written()
    {
        var random = new Random(4711);
        var document = A.Technique(A.Act("smile-closed"));
        var sheet = MarkSheetDraft.Of(
            "t",
            1,
            document,
            Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings),
            Reference.Atlas,
            Reference.Model,
            Reference.Settings
        );
        var column = sheet.Steps[0].Columns[0];
        for (var run = 0; run < 400; run++)
        {
            // Moments that fall together, run backwards and jump; holds of no length; odd sheets.
            var span = random.Next(3) switch
            {
                0 => 1,
                1 => 50,
                _ => 90_000,
            };
            var events = Enumerable
                .Range(0, random.Next(40))
                .Select(i => new MarkEvent(
                    MarkId.New(),
                    new[] { MarkKind.Start, MarkKind.Rep, MarkKind.Rep, MarkKind.Press, MarkKind.Release, MarkKind.Stop }[random.Next(6)],
                    $"d{random.Next(2)}",
                    i,
                    random.Next(span),
                    0,
                    column,
                    null,
                    null,
                    null,
                    i + 1
                ))
                .ToList();
            var odd =
                random.Next(2) == 0
                    ? sheet
                    : sheet with
                    {
                        Criteria = [.. sheet.Criteria.Select(c => c with { Weight = random.Next(2) * c.Weight })],
                    };
            var score = Score.Of(SheetState.Of(events), odd, Reference.Settings);
            Should.NotThrow(() => ExchangeJson.Write(score), $"run {run}: {string.Join(" ", events.Select(e => $"{e.Kind}@{e.AtMs}"))}");
        }
    }

    [Fact]
    public void Weights_20_at_mark_1_and_80_at_mark_3_are_86_7_percent()
    {
        var score = Of(Sheet(Judged("a", 20), Judged("b", 80)), ("a", 1), ("b", 3));
        score.Percent.ShouldBe((20.0 * 1 + 80.0 * 3) / 3, 1e-9);
        Math.Round(score.Percent, 1).ShouldBe(86.7);
        score.Decision.ShouldBe(Decision.Pass);
    }

    [Fact]
    public void The_same_with_that_20_a_safety_criterion_is_a_fail()
    {
        var score = Of(Sheet(Judged("a", 20, safety: true), Judged("b", 80)), ("a", 1), ("b", 3));
        score.Decision.ShouldBe(Decision.Fail);
        score.Reasons[0].ShouldBe("Safety criterion missed: a (mark 1 of 3, needed 2). It fails the demonstration whatever the total.");
    }

    [Fact]
    public void A_critical_act_fails_at_once_even_while_criteria_are_unmarked()
    {
        var sheet = Sheet(Judged("a", 100));
        var state = SheetState.Of([new(MarkId.New(), MarkKind.Critical, "d", 0, 0, null, null, "globe", null, null, 1)]);
        Score.Of(state, sheet, Reference.Settings).Decision.ShouldBe(Decision.Fail);
    }

    [Fact]
    public void The_pass_line_is_compared_unrounded()
    {
        // 74.96 % would be written 75.0 %: it is below 75 all the same.
        var sheet = Sheet(Judged("a", 62.44), Judged("b", 37.56));
        var score = Of(sheet, ("a", 3), ("b", 1));
        score.Percent.ShouldBe(62.44 + 37.56 / 3, 1e-9);
        score.Percent.ShouldBeLessThan(75);
        score.Decision.ShouldBe(Decision.Fail);
    }

    [Fact]
    public void What_is_unmarked_is_shown_and_never_assumed()
    {
        var score = Of(Sheet(Judged("a", 50), Judged("b", 50)), ("a", 3));
        score.Unmarked.ShouldBe(["b"]);
        score.Decision.ShouldBe(Decision.Open);
    }

    [Fact]
    public void Domains_are_scored_apart()
    {
        var score = Of(Sheet(Judged("a", 80), Judged("b", 20, domain: Domain.Teaching)), ("a", 3), ("b", 0));
        score.Domains.Single(d => d.Domain == Domain.Doing).Percent.ShouldBe(100);
        score.Domains.Single(d => d.Domain == Domain.Teaching).Percent.ShouldBe(0);
    }

    [Fact]
    public void Merit_begins_at_90_percent() => Of(Sheet(Judged("a", 70), Judged("b", 30)), ("a", 3), ("b", 2)).Merit.ShouldBeTrue();

    private static (MarkSheet Sheet, Score Score) Glide(int left, int right, double judged = 3, params MarkEvent[] more)
    {
        var sheet = MarkSheetDraftTests.Sheet(
            A.Step("3 / 5 / 8, each side") with
            {
                Hands = [A.Track("stroke", 1, sides: "one-then-other").From("alare", "ear_front")],
            }
        );
        var n = 0;
        var cycle = sheet.Steps[0].CycleSeconds * 1000;
        var events = new List<MarkEvent>();
        foreach (var (side, count, from) in new[] { (Side.Right, right, 0.0), (Side.Left, left, 100_000.0) })
            for (var i = 0; i < count; i++)
                events.Add(new(MarkId.New(), MarkKind.Rep, "d", n, (long)(from + (i * cycle)), 0, side, null, null, null, ++n));
        events.Add(new(MarkId.New(), MarkKind.Stop, "d", n, 200_000, null, null, null, null, null, ++n));
        foreach (var c in sheet.Criteria.Where(c => c.Measure is null))
            events.Add(
                new(MarkId.New(), MarkKind.Mark, "d", n, 200_000, null, null, c.Id, c.Kind == CriterionKind.Done ? 3 : judged, null, ++n)
            );
        return (sheet, Score.Of(SheetState.Of([.. events, .. more]), sheet, Reference.Settings));
    }

    [Fact]
    public void A_full_dose_on_both_sides_at_its_tempo_earns_everything() => Glide(5, 5).Score.Percent.ShouldBe(100, 1e-9);

    [Fact]
    public void Between_minimum_and_full_is_in_dose_and_beyond_full_is_not()
    {
        Glide(3, 3).Score.Percent.ShouldBe(100, 1e-9);
        Glide(8, 8).Score.Percent.ShouldBe(100, 1e-9);
        Glide(9, 9).Score.Percent.ShouldBeLessThan(100);
    }

    [Fact]
    public void A_side_that_was_never_shown_counts_as_nothing_once_it_was_stopped()
    {
        var score = Glide(0, 5).Score;
        score.Criteria.Single(c => c.Criterion.Measure?.Column == Side.Left).Mark.ShouldBe(0);
        score.Criteria.Single(c => c.Criterion.Topic == Topic.Balance).Mark.ShouldBe(0);
        score.Decision.ShouldNotBe(Decision.Open);
    }

    [Fact]
    public void A_short_side_that_tips_the_decision_is_named_with_its_cost()
    {
        var (sheet, score) = Glide(2, 6, judged: 2);
        var cost = score
            .Criteria.Where(c => c.Criterion.Topic == Topic.Balance || c.Criterion.Measure?.Column == Side.Left)
            .Sum(c => c.Lost);
        sheet = sheet with { PassLine = score.Percent + (cost / 2) };
        var decided = Score.Of(
            SheetState.Of([]) with
            {
                Tracks =
                [
                    .. score.Tracks.Select(t => new Track(
                        t.Step,
                        t.Side,
                        [.. Enumerable.Range(0, t.Repetitions).Select(i => i * 3.5)],
                        [],
                        null
                    )),
                ],
                Marks = score.Criteria.Where(c => c.From == MarkSource.Judged).ToDictionary(c => c.Criterion.Id, c => c.Mark!.Value),
                Started = true,
                Stopped = true,
            },
            sheet,
            Reference.Settings
        );
        decided.Reasons[0].ShouldStartWith("The short left side decided");
    }

    /// <summary>
    /// Which side was short is worked out once: by what the step counts, the same for every sentence, and mirrored with it.
    /// </summary>
    [Theory]
    [InlineData("reps", 4, 4, 30, 12, null)]
    [InlineData("reps", 3, 8, 30, 12, "left")]
    [InlineData("seconds", 4, 4, 30, 12, "right")]
    [InlineData("seconds", 1, 9, 12, 30, "left")]
    [InlineData("seconds", 1, 9, 30, 0, "right")]
    public void The_short_side_is_the_one_that_got_less_of_what_is_counted(
        string counting,
        int left,
        int right,
        double leftSeconds,
        double rightSeconds,
        string? lesser
    )
    {
        var step = Glide(1, 6).Sheet.Steps[0] with { Counting = ClosedList.In<Counting>(counting) };
        TrackMeasure Track(Side side, int repetitions, double seconds) => new(step.Index, side, repetitions, seconds, 0, null, null);
        var sides = SideBalance.Of(step, [Track(Side.Left, left, leftSeconds), Track(Side.Right, right, rightSeconds)])!;
        var mirrored = SideBalance.Of(step, [Track(Side.Right, left, leftSeconds), Track(Side.Left, right, rightSeconds)])!;
        (sides.IsEven ? null : sides.Lesser.Word()).ShouldBe(lesser);
        (mirrored.IsEven ? null : mirrored.Greater.Word()).ShouldBe(lesser);
        sides.Words.ShouldBe(mirrored.Words);
    }

    [Fact]
    public void A_person_stands_above_a_count()
    {
        var (sheet, counted) = Glide(1, 5);
        var dose = sheet.Criteria.First(c => c.Measure?.Column == Side.Left);
        var (_, judged) = Glide(1, 5, 3, new MarkEvent(MarkId.New(), MarkKind.Mark, "d", 500, 200_000, null, null, dose.Id, 3, null, 500));
        judged.Percent.ShouldBeGreaterThan(counted.Percent);
        judged.Criteria.Single(c => c.Criterion.Id == dose.Id).From.ShouldBe(MarkSource.Judged);
    }

    [Fact]
    public void Where_only_skin_is_worked_its_zones_carry_the_loss()
    {
        var (sheet, score) = Glide(1, 6, judged: 2);
        var result = DemonstrationResult.Of(score, sheet, SheetState.Of([]), Reference.Atlas);
        result.LostZones.ShouldNotBeEmpty();
        result.LostZones.Sum(z => z.Points).ShouldBeLessThanOrEqualTo(100);
        result.Feedback.ShouldContain(f =>
            f.Contains("Your left side got less: once, and your right side 6 times.", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void Points_lost_and_points_earned_add_up_to_100()
    {
        foreach (var (left, right, judged) in new[] { (5, 5, 3.0), (1, 6, 2.0), (0, 3, 1.0), (9, 8, 2.0) })
        {
            var score = Glide(left, right, judged).Score;
            (score.Percent + score.Criteria.Sum(c => c.Lost)).ShouldBe(100, 1e-6);
        }
    }
}
