using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>How far a plan was brought: proven best, the best so far, proven that there is none, or none found and none excluded.</summary>
[ClosedList]
public enum PlanStatus
{
    Optimal,
    Feasible,
    Infeasible,
    Unknown,
}

/// <summary>
/// What a plan is measured by, in this order: sessions used, days by which returns come too early, weight of broken wishes.
/// </summary>
public sealed record PlanMeasure(int Sessions, int Spacing, int Wishes)
{
    public static PlanMeasure Of(SequenceProblem problem, IReadOnlyList<int> at)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(at);
        return new(
            at.Distinct().Count(),
            problem.SpacingLost(at),
            problem.Wishes.Where(w => !w.Rule.Holds(problem, at)).Sum(w => w.Weight)
        );
    }

    /// <summary>Whether this is better than another one.</summary>
    public bool Beats(PlanMeasure other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return (Sessions, Spacing, Wishes).CompareTo((other.Sessions, other.Spacing, other.Wishes)) < 0;
    }
}

/// <summary>One session of a plan.</summary>
/// <param name="Units">Units in their order.</param>
/// <param name="Minutes">That they take.</param>
/// <param name="Free">That are left.</param>
public sealed record PlannedSession(string Id, string? Date, int Day, IReadOnlyList<string> Units, int Minutes, int Free);

/// <summary>One rule as it is said.</summary>
/// <param name="Path">The field it stands in.</param>
public sealed record SaidRule(string Id, string Path, string Says);

/// <summary>What would be without one of the rules that cannot hold together.</summary>
/// <param name="Without">The rule that is dropped.</param>
/// <param name="Sessions">The nearest plan then; null when there is none either.</param>
/// <param name="Measure">What that plan comes to.</param>
/// <param name="Behind">The next rules that cannot hold together, where dropping this one is not enough.</param>
public sealed record WithoutRule(
    string Without,
    IReadOnlyList<PlannedSession>? Sessions,
    PlanMeasure? Measure,
    IReadOnlyList<SaidRule> Behind
);

/// <summary>
/// Where every unit stands, how good that is and how good it could be; or which rules cannot hold together. See docs/method.md#sequence.
/// </summary>
/// <param name="Order">All units in the order in which they are taught.</param>
/// <param name="Levels">Units by how many have to come before them, one after the other.</param>
/// <param name="CriticalPath">The longest chain of units that wait for each other, by minutes.</param>
/// <param name="Circles">Units that wait for each other in a round.</param>
/// <param name="Conflict">Rules that cannot hold together, none of which could be left out; empty when there is a plan.</param>
/// <param name="Nearest">For each of them the nearest plan without it.</param>
/// <param name="LeftAside">What the trade keeps and this programme's own rules leave no room for.</param>
/// <param name="Broken">Wishes that do not hold.</param>
/// <param name="Objective">What the plan comes to.</param>
/// <param name="Bound">What no plan can better.</param>
public sealed record SequencePlan(
    PlanStatus Status,
    IReadOnlyList<string> Order,
    IReadOnlyList<PlannedSession> Sessions,
    IReadOnlyList<IReadOnlyList<string>> Levels,
    IReadOnlyList<string> CriticalPath,
    IReadOnlyList<IReadOnlyList<string>> Circles,
    IReadOnlyList<SaidRule> Conflict,
    IReadOnlyList<WithoutRule> Nearest,
    IReadOnlyList<SaidRule> LeftAside,
    IReadOnlyList<SaidRule> Broken,
    PlanMeasure? Objective,
    PlanMeasure? Bound
)
{
    /// <summary>A plan of units by session.</summary>
    public static SequencePlan Of(SequenceProblem problem, IReadOnlyList<int> at, PlanStatus status, PlanMeasure bound)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var sessions = Laid(problem, at);
        return Bare(problem) with
        {
            Status = status,
            Order = [.. sessions.SelectMany(s => s.Units)],
            Sessions = sessions,
            Broken = [.. problem.Wishes.Where(w => !w.Rule.Holds(problem, at)).Select(w => Said(w.Rule))],
            Objective = PlanMeasure.Of(problem, at),
            Bound = bound,
        };
    }

    /// <summary>No plan, and why.</summary>
    public static SequencePlan No(SequenceProblem problem, IReadOnlyList<SaidRule> conflict, IReadOnlyList<WithoutRule> nearest) =>
        Bare(problem) with
        {
            Conflict = conflict,
            Nearest = nearest,
        };

    /// <summary>What is known before anything is placed.</summary>
    private static SequencePlan Bare(SequenceProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var graph = SequenceGraph.Written(problem);
        var circles = graph.Circles();
        IReadOnlyList<string> Ids(IEnumerable<int> units) => [.. units.Select(u => problem.Units[u].Id)];
        return new(
            PlanStatus.Infeasible,
            [],
            [],
            circles.Count > 0 ? [] : [.. graph.Levels().Select(Ids)],
            circles.Count > 0 ? [] : Ids(graph.CriticalPath()),
            [.. circles.Select(Ids)],
            [],
            [],
            [],
            [],
            null,
            null
        );
    }

    public static SaidRule Said(SequenceRule rule)
    {
        ArgumentNullException.ThrowIfNull(rule);
        return new(rule.Id, rule.Path, rule.Says);
    }

    /// <summary>Units laid into their sessions, each after those that it waits for.</summary>
    public static IReadOnlyList<PlannedSession> Laid(SequenceProblem problem, IReadOnlyList<int> at)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(at);
        var graph = SequenceGraph.Laying(problem);
        return
        [
            .. problem.Sessions.Select(
                (session, s) =>
                {
                    var units = graph.Order(Enumerable.Range(0, at.Count).Where(u => at[u] == s));
                    var minutes = units.Sum(u => problem.Units[u].Minutes);
                    return new PlannedSession(
                        session.Id,
                        session.Date?.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture),
                        session.Day,
                        [.. units.Select(u => problem.Units[u].Id)],
                        minutes,
                        session.Room - minutes
                    );
                }
            ),
        ];
    }
}
