using FsCheck.Xunit;
using Wexis.Core.Programmes;
using Wexis.Planning;
using static Wexis.Core.Tests.Programmes.SequenceCases;

namespace Wexis.Core.Tests.Programmes;

/// <summary>
/// Units in sessions: every plan holds, none is better, and where there is none it is said which rules stand against each other.
/// </summary>
public class SequenceSolverTests
{
    private static SequencePlan Solve(ProgrammeDocument programme)
    {
        programme.Issues(null).ShouldBeEmpty();
        return SequenceSolver.Solve(SequenceProblem.Of(programme));
    }

    /// <summary>
    /// J. R. Jackson, "A computing procedure for a line balancing problem", Management Science 2 (1956): eleven tasks, the fewest stations
    /// for six cycle times as listed with the known optima of line balancing. Tasks from memory; the optima are worked out again below
    /// over all subsets.
    /// </summary>
    [Theory]
    [InlineData(7, 8)]
    [InlineData(9, 6)]
    [InlineData(10, 5)]
    [InlineData(13, 4)]
    [InlineData(14, 4)]
    [InlineData(21, 3)]
    public void A_published_line_of_eleven_tasks_needs_as_many_stations_as_published(int cycle, int stations)
    {
        int[] times = [6, 2, 5, 7, 1, 2, 3, 6, 5, 5, 4];
        int[][] after =
        [
            [],
            [1],
            [1],
            [1],
            [1],
            [2],
            [3, 4, 5],
            [6],
            [7],
            [8],
            [9, 10],
        ];
        Fewest(times, after, cycle).ShouldBe(stations, "the number from memory is the number over all subsets");
        var plan = Solve(
            Programme(
                [.. times.Select((t, i) => Unit($"t{i + 1}", t, [.. after[i].Select(p => $"t{p}")]))],
                [.. Enumerable.Range(0, 11).Select(s => Session($"s{s}", s, cycle))]
            )
        );
        (plan.Status, plan.Objective!.Sessions).ShouldBe((PlanStatus.Optimal, stations));
    }

    /// <summary>
    /// The fewest stations by going through every set of tasks that can be done: for each the fewest stations, then the least time.
    /// </summary>
    private static int Fewest(int[] times, int[][] after, int cycle)
    {
        var best = new Dictionary<int, (int Stations, int Time)> { [0] = (1, 0) };
        for (var done = 0; done < 1 << times.Length; done++)
            if (best.TryGetValue(done, out var now))
                for (var t = 0; t < times.Length; t++)
                    if ((done >> t & 1) == 0 && after[t].All(p => (done >> (p - 1) & 1) == 1))
                    {
                        var next = now.Time + times[t] <= cycle ? (now.Stations, now.Time + times[t]) : (now.Stations + 1, times[t]);
                        var with = done | 1 << t;
                        if (!best.TryGetValue(with, out var there) || next.CompareTo(there) < 0)
                            best[with] = next;
                    }
        return best[(1 << times.Length) - 1].Stations;
    }

    [Property(MaxTest = 25)]
    public void Every_plan_holds_and_nothing_is_better_than_its_bound(byte seed)
    {
        var programme = Drawn(seed, 12 + (seed % 9), 6, 14);
        var plan = Solve(programme);
        plan.Status.ShouldBe(PlanStatus.Optimal);
        Wrong(programme, plan).ShouldBeEmpty();
        plan.Objective.ShouldBe(plan.Bound);
        if (GreedySequence.Of(SequenceProblem.Of(programme)) is { } greedy)
            PlanMeasure.Of(SequenceProblem.Of(programme), greedy).Beats(plan.Objective!).ShouldBeFalse();
    }

    [Property(MaxTest = 30)]
    public void Of_all_plans_none_is_better(byte seed)
    {
        var programme = Drawn(seed, 6, 3, 5);
        var problem = SequenceProblem.Of(programme);
        var best = Enumerable
            .Range(0, 729)
            .Select(n => Enumerable.Range(0, 6).Select(u => n / (int)Math.Pow(3, u) % 3).ToArray())
            .Where(at => SequenceCheck.Faults(problem, at).Count == 0)
            .Select(at => PlanMeasure.Of(problem, at))
            .Min(
                Comparer<PlanMeasure>.Create(
                    (a, b) =>
                        a.Beats(b) ? -1
                        : b.Beats(a) ? 1
                        : 0
                )
            );
        Solve(programme).Objective.ShouldBe(best);
    }

    [Fact]
    public void The_same_programme_gives_the_same_plan()
    {
        var programme = Drawn(5, 24, 8, 30);
        Solve(programme)
            .Sessions.Select(s => string.Join(' ', s.Units))
            .ShouldBe(Solve(programme).Sessions.Select(s => string.Join(' ', s.Units)));
    }

    [Fact]
    public void Units_that_wait_for_each_other_are_drawn_as_the_circle()
    {
        var plan = Solve(
            Programme([Unit("a", 60, "c"), Unit("b", 60, "a"), Unit("c", 60, "b"), Unit("d", 60, "a")], [Session("s", 0, 300)])
        );
        plan.Status.ShouldBe(PlanStatus.Infeasible);
        plan.Circles.ShouldHaveSingleItem().ShouldBe(["a", "c", "b"]);
        plan.Conflict.Select(c => c.Id).ShouldBe(["needs:a<c", "needs:c<b", "needs:b<a"], ignoreOrder: true);
        plan.Nearest.ShouldAllBe(n => n.Sessions != null, "without any one of them there is a plan");
    }

    [Fact]
    public void A_unit_longer_than_any_session_and_more_minutes_than_there_are_name_the_room()
    {
        Solve(Programme([Unit("a", 200)], [Session("s", 0, 180, 30)])).Conflict.ShouldHaveSingleItem().Id.ShouldBe("capacity");
        Solve(Programme([Unit("a", 100), Unit("b", 100)], [Session("s", 0, 180, 0)]))
            .Conflict.ShouldHaveSingleItem()
            .Id.ShouldBe("capacity");
    }

    [Fact]
    public void A_pin_before_its_prerequisite_is_named_with_both_pins_and_the_prerequisite()
    {
        var plan = Solve(
            Programme([Unit("a"), Unit("b", 60, "a")], [Session("s", 0), Session("t", 7)]) with
            {
                Fixed = [new("b", "s"), new("a", "t")],
            }
        );
        plan.Conflict.Select(c => c.Path).ShouldBe(["units[1].prerequisites[0]", "fixed[0]", "fixed[1]"], ignoreOrder: true);
    }

    [Property(MaxTest = 12)]
    public void None_of_the_rules_in_a_conflict_could_be_left_out_of_it(byte seed)
    {
        var drawn = Drawn(seed, 10, 5, 16);
        var edge = drawn.AllUnits.First(u => u.AllPrerequisites.Count > 0);
        var programme = drawn with
        {
            Fixed = [.. drawn.Fixed!, new(edge.AllPrerequisites[0], "s4")],
            Rules = [.. drawn.AllRules, new("late", "before-date", Unit: edge.Id, Day: drawn.AllSessions[4].Day)],
        };
        var problem = SequenceProblem.Of(programme);
        var plan = SequenceSolver.Solve(problem);
        plan.Status.ShouldBe(PlanStatus.Infeasible);
        var ids = plan.Conflict.Select(c => c.Id).ToHashSet();
        ids.Count.ShouldBeGreaterThan(0);
        SequenceProblem Only(IEnumerable<string> rules) => problem with { Rules = [.. problem.Rules.Where(r => rules.Contains(r.Id))] };
        SequenceSolver.Solve(Only(ids)).Status.ShouldBe(PlanStatus.Infeasible, "together they cannot hold");
        foreach (var id in ids)
            SequenceSolver.Solve(Only(ids.Where(i => i != id))).Status.ShouldNotBe(PlanStatus.Infeasible, $"without {id} they can");
        foreach (var near in plan.Nearest)
            (near.Sessions is null).ShouldBe(near.Behind.Count > 0, "either there is a plan without it, or the next conflict is named");
    }

    [Fact]
    public void A_pin_moves_as_few_units_as_can_be()
    {
        var programme = Programme(
            [Unit("a"), Unit("b"), Unit("c"), Unit("d", 60, "c")],
            [Session("s", 0), Session("t", 1), Session("v", 2)]
        );
        var problem = SequenceProblem.Of(programme with { Fixed = [new("c", "t")] });
        // s: a c, t: b d; now c has to stand in t.
        var plan = SequenceSolver.Solve(problem, new(Before: [0, 1, 0, 1]));
        var at = SequenceCheck.Read(problem, plan.Sessions.Select(s => (s.Id, s.Units)))!;
        at.Where((s, u) => s != new[] { 0, 1, 0, 1 }[u]).Count().ShouldBe(2, "c itself, and b makes room for it");
        SequenceCheck.Faults(problem, at).ShouldBeEmpty();
    }

    [Fact]
    public void What_the_trade_keeps_gives_way_to_what_the_trainer_wrote_and_that_is_said()
    {
        var plan = Solve(
            Programme(
                [Unit("a") with { Phase = "late" }, Unit("b", 60, "a") with { Phase = "early" }],
                [Session("s", 0, 60), Session("t", 1, 60)]
            ) with
            {
                Phases = ["early", "late"],
            }
        );
        plan.Order.ShouldBe(["a", "b"]);
        plan.LeftAside.ShouldHaveSingleItem().Id.ShouldBe("phases");
    }

    [Fact]
    public void Stopped_at_once_it_says_that_it_knows_nothing_or_keeps_what_it_has()
    {
        using var stop = new CancellationTokenSource();
        stop.Cancel();
        var plan = SequenceSolver.Solve(SequenceProblem.Of(Drawn(3, 16, 6, 12)), stop: stop.Token);
        plan.Status.ShouldBeOneOf(PlanStatus.Feasible, PlanStatus.Unknown);
    }

    [Fact]
    public void What_is_learned_again_comes_back_with_a_growing_gap()
    {
        var days = new[] { 0, 1, 7, 20, 60, 100 };
        var programme = Programme(
            [.. Enumerable.Range(0, 3).Select(i => Unit($"u{i}", 120) with { Techniques = ["glide"] })],
            [.. days.Select((d, i) => Session($"s{i}", d))]
        );
        var plan = Solve(programme);
        var at = plan.Sessions.Where(s => s.Units.Count > 0).Select(s => s.Day).ToList();
        plan.Objective!.Spacing.ShouldBe(0);
        (at[1] - at[0]).ShouldBeGreaterThanOrEqualTo(10, "a tenth of a hundred days (Cepeda and others 2008)");
        (at[2] - at[1]).ShouldBeGreaterThanOrEqualTo(at[1] - at[0]);
    }
}
