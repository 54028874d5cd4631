using FsCheck.Xunit;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Grading;

/// <summary>
/// The order of deciding: a critical act, what is unmarked, safety, too little shown, what could not be seen, the percent. Sums by hand;
/// "insufficient evidence" as a decision of its own is usual in vocational assessment (from memory).
/// </summary>
public class DecisionTests
{
    private static readonly string[] Anchors = ["0", "1", "2", "3"];

    private static Criterion Judged(
        string id,
        double weight,
        Topic topic = Topic.Posture,
        bool safety = false,
        Domain domain = Domain.Doing
    ) => new(id, domain, CriterionKind.Graded, topic, id, 0, weight, safety, null, Anchors);

    /// <summary>18 repetitions a side at least; dose 10 a side, balance 10, path 20, pressure 20 (safety), posture 30.</summary>
    private static readonly MarkSheet Sheet = new(
        "t",
        "T",
        1,
        [new(0, "Step", "", [Side.Left, Side.Right], Counting.Reps, new(18, 18, 24), new(60, 60, 80), 0, 3, [], [])],
        [
            .. new[] { Side.Left, Side.Right }.Select(s => new Criterion(
                $"dose-{s.Word()}",
                Domain.Doing,
                CriterionKind.Measured,
                Topic.Dose,
                "dose",
                0,
                10,
                false,
                new(Quantity.Repetitions, s, 18, 24, "repetitions"),
                []
            )),
            new(
                "balance",
                Domain.Doing,
                CriterionKind.Measured,
                Topic.Balance,
                "balance",
                0,
                10,
                false,
                new(Quantity.Balance, null, 0.9, 1, ""),
                []
            ),
            Judged("path", 20, Topic.Path),
            Judged("pressure", 20, Topic.Pressure, safety: true),
            Judged("posture", 20),
            Judged("cueing", 10, Topic.Cueing, domain: Domain.Teaching),
        ],
        [new("globe", "pressure on the eyeball")],
        [],
        [],
        75
    );

    private int _n;

    private MarkEvent Event(
        MarkKind kind,
        string? target = null,
        double? value = null,
        Side? side = null,
        double at = 0,
        MarkId? id = null
    ) =>
        new(
            id ?? MarkId.From(new(++_n, 1, 1, [1, 1, 1, 1, 1, 1, 1, 1])),
            kind,
            "d",
            ++_n,
            (long)(at * 1000),
            0,
            side,
            target,
            value,
            null,
            _n
        );

    private List<MarkEvent> Taps(Side side, int count) =>
        [.. Enumerable.Range(0, count).Select(i => Event(MarkKind.Rep, side: side, at: i * 3))];

    private IEnumerable<MarkEvent> All(double mark = 3, params string[] but) =>
        Sheet.Criteria.Where(c => c.Measure is null && !but.Contains(c.Id)).Select(c => Event(MarkKind.Mark, c.Id, mark));

    private Score Of(params IEnumerable<MarkEvent>[] events)
    {
        var given = events.SelectMany(e => e).ToList();
        given.Add(Event(MarkKind.Stop, at: 500));
        return Score.Of(SheetState.Of(given), Sheet, Reference.Settings);
    }

    [Fact]
    public void A_full_demonstration_passes()
    {
        var score = Of(Taps(Side.Left, 18), Taps(Side.Right, 18), All());
        (score.Percent, score.Decision).ShouldBe((100, Decision.Pass));
    }

    [Fact]
    public void Four_of_eighteen_with_all_else_full_is_not_passed_but_not_enough_shown()
    {
        var score = Of(Taps(Side.Left, 4), Taps(Side.Right, 4), All());
        score.Decision.ShouldBe(Decision.NotEnoughShown);
        score
            .Reasons[0]
            .ShouldBe(
                "Too little was shown: left side: 4 of 18 repetitions; right side: 4 of 18 repetitions. At least half is needed to "
                    + "judge it."
            );
        // Path, pressure and balance earn 1 of 3; the doses nothing: (20 + 20 + 10) / 3 + 20 + 10 = 46.67 of 100.
        score.Percent.ShouldBe(46.6667, 0.001);
        score.Criteria.Single(c => c.Criterion.Id == "pressure").SafetyMissed.ShouldBeFalse("it was judged met");
        score.CountsAsAttempt.ShouldBeTrue();
    }

    [Theory]
    [InlineData(9, false)]
    [InlineData(8, true)]
    public void Half_is_enough_and_less_is_not(int right, bool tooLittle) =>
        (Of(Taps(Side.Left, 18), Taps(Side.Right, right), All()).Decision == Decision.NotEnoughShown).ShouldBe(tooLittle);

    [Fact]
    public void A_side_that_was_left_out_is_too_little_and_a_critical_act_or_safety_stands_above_it()
    {
        Of(Taps(Side.Left, 18), All()).Decision.ShouldBe(Decision.NotEnoughShown);
        Of(Taps(Side.Left, 18), All(), [Event(MarkKind.Critical, "globe")]).Decision.ShouldBe(Decision.Fail);
        Of(Taps(Side.Left, 18), All(3, "pressure"), [Event(MarkKind.Mark, "pressure", 1)]).Decision.ShouldBe(Decision.Fail);
        Of(Taps(Side.Left, 4), All(3, "path")).Decision.ShouldBe(Decision.Open, "something is unmarked");
        Of(Taps(Side.Left, 18), All(), [Event(MarkKind.Interrupted)]).CountsAsAttempt.ShouldBeFalse();
    }

    [Fact]
    public void What_could_not_be_seen_lies_on_the_others_of_its_domain()
    {
        var score = Of(
            Taps(Side.Left, 18),
            Taps(Side.Right, 18),
            All(3, "posture", "path"),
            [Event(MarkKind.Unseen, "posture"), Event(MarkKind.Mark, "path", 0)]
        );
        // Doing weighs 90; without posture 70 are seen, each times 90/70; path loses 20 × 90/70 = 25.71.
        score.Percent.ShouldBe(100 - 25.7143, 0.001);
        score.Decision.ShouldBe(Decision.Fail);
        score.Criteria.Sum(c => c.Weight ?? 0).ShouldBe(100, 1e-9);
    }

    [Fact]
    public void More_than_a_fifth_or_any_safety_criterion_unseen_is_looked_at_again()
    {
        Of(Taps(Side.Left, 18), Taps(Side.Right, 18), All(3, "posture"), [Event(MarkKind.Unseen, "posture")])
            .Decision.ShouldBe(Decision.Pass, "a fifth is not more than a fifth");
        Of(
            Taps(Side.Left, 18),
            Taps(Side.Right, 18),
            All(3, "posture", "cueing"),
            [Event(MarkKind.Unseen, "posture"), Event(MarkKind.Unseen, "cueing")]
        )
            .Decision.ShouldBe(Decision.LookAgain);
        Of(Taps(Side.Left, 18), Taps(Side.Right, 18), All(3, "pressure"), [Event(MarkKind.Unseen, "pressure")])
            .Decision.ShouldBe(Decision.LookAgain);
    }

    [Theory]
    [InlineData(5.0, null, 3)]
    [InlineData(5.1, null, 2)]
    [InlineData(2.0, 3.0, 2)]
    [InlineData(6.0, 3.0, 2)]
    public void A_slip_that_is_mended_in_five_seconds_loses_nothing_once(double first, double? second, double mark)
    {
        var (a, b) = (MarkId.From(new(90, 0, 0, new byte[8])), MarkId.From(new(91, 0, 0, new byte[8])));
        var events = new List<MarkEvent> { Event(MarkKind.Slip, "path", at: 10, id: a), Event(MarkKind.Mended, $"{a}", at: 10 + first) };
        if (second is { } after)
            events.AddRange([Event(MarkKind.Slip, "posture", at: 30, id: b), Event(MarkKind.Mended, $"{b}", at: 30 + after)]);
        var score = Of(Taps(Side.Left, 18), Taps(Side.Right, 18), All(), events);
        var of =
            second is null ? "path"
            : first <= 5 ? "posture"
            : "path";
        score.Criteria.Single(c => c.Criterion.Id == of).Mark.ShouldBe(mark);
        if (first > 5 && second is not null)
            score.Criteria.Single(c => c.Criterion.Id == "posture").Mark.ShouldBe(3, "a late one does not use the allowance up");
    }

    [Theory]
    [InlineData(24, 18, true, 3)]
    [InlineData(24, 16, true, 3)]
    [InlineData(24, 15, true, 1)]
    [InlineData(24, 16, false, 1)]
    [InlineData(16, 24, true, 1)]
    public void A_tighter_side_counts_when_it_is_declared_before_and_is_the_one_that_got_more(int left, int right, bool before, double mark)
    {
        var declared = new[] { Event(MarkKind.Tighter, side: Side.Left) };
        MarkEvent[] taps = [.. Taps(Side.Left, left), .. Taps(Side.Right, right)];
        var score = before ? Of(declared, taps, All()) : Of(taps, [Event(MarkKind.Tighter, side: Side.Left)], All());
        score.Criteria.Single(c => c.Criterion.Id == "balance").Mark.ShouldBe(mark);
    }

    [Fact]
    public void A_right_thing_on_the_wrong_side_keeps_its_dose_and_marks_cueing_2()
    {
        var score = Of(Taps(Side.Left, 18), Taps(Side.Right, 18), All(), [Event(MarkKind.WrongSide)]);
        score.Criteria.Single(c => c.Criterion.Id == "cueing").Mark.ShouldBe(2);
        score.Percent.ShouldBe(100 - (10.0 / 3), 1e-9);
    }

    [Property]
    public bool Showing_more_of_the_minimum_never_makes_it_worse(byte left, byte right)
    {
        var (l, r) = (left % 18, right % 18);
        var fewer = Of(Taps(Side.Left, l), Taps(Side.Right, r), All());
        var more = Of(Taps(Side.Left, l + 1), Taps(Side.Right, r + 1), All());
        return fewer.Decision is not Decision.Pass || more.Decision is Decision.Pass;
    }

    [Property]
    public bool Nobody_passes_who_shows_less_than_half_on_a_side_whatever_else(byte left, byte right, byte mark)
    {
        var (l, r) = (left % 25, right % 9);
        return Of(Taps(Side.Left, l), Taps(Side.Right, r), All(1 + (mark % 3))).Decision != Decision.Pass;
    }
}
