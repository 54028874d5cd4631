using Google.OrTools.Sat;
using Wexis.Core.Programmes;

namespace Wexis.Planning;

/// <summary>How a sequence is looked for.</summary>
/// <param name="Effort">Steps of the solver, as its deterministic seconds, for each of the three things that are made best.</param>
/// <param name="Before">A plan that the new one stays near to: as few units as can be move.</param>
/// <param name="OnBest">Told of every better plan; may be called from another thread.</param>
public sealed record SequenceSearch(double Effort = 5, IReadOnlyList<int>? Before = null, Action<PlanMeasure>? OnBest = null);

/// <summary>
/// Places units in sessions: the fewest sessions, then the best spacing of what is learned again, then the fewest broken wishes.
/// The same problem gives the same plan on any machine: a fixed number of workers that take turns, a fixed seed, a limit that counts steps
/// and not seconds.
/// </summary>
public static class SequenceSolver
{
    private const int Workers = 2;
    private const int Passes = 2;
    private const int WindowSessions = 6;
    private const double WindowEffort = 0.3;

    private enum Found
    {
        Best,
        Some,
        None,
        Unknown,
    }

    private sealed record Step(Found Found, int[]? At, int Bound);

    /// <param name="problem">Of a programme without issues.</param>
    /// <param name="stop">Keeps the best so far; where none was found yet, there is none.</param>
    public static SequencePlan Solve(SequenceProblem problem, SequenceSearch? search = null, CancellationToken stop = default)
    {
        ArgumentNullException.ThrowIfNull(problem);
        search ??= new();
        if (problem.Units.Count == 0)
            return SequencePlan.Of(problem, [], PlanStatus.Optimal, new(0, 0, 0));
        var (whole, aside) = WithRoom(problem, search, stop);
        if (whole is null)
            return WithNearest(problem, Conflict(problem, search, stop), search, stop);
        var plan = Best(whole, search, stop);
        return plan with { LeftAside = [.. aside.Select(SequencePlan.Said).DistinctBy(r => r.Id)] };
    }

    private static HashSet<string> OfTrade(SequenceProblem problem) => [.. problem.Rules.Where(r => r.OfTrade).Select(r => r.Id)];

    /// <summary>
    /// The problem with as much of what the trade keeps as its own rules leave room for, the dearest first; null when its own rules
    /// leave room for no plan.
    /// </summary>
    private static (SequenceProblem? Whole, IReadOnlyList<SequenceRule> Aside) WithRoom(
        SequenceProblem problem,
        SequenceSearch search,
        CancellationToken stop
    )
    {
        if (Feasible(problem, search, stop) != Found.None)
            return (problem, []);
        var trade = OfTrade(problem);
        if (trade.Count == 0 || Feasible(problem.Without(trade), search, stop) == Found.None)
            return (null, []);
        var aside = trade.ToHashSet(StringComparer.Ordinal);
        foreach (var rule in TradeOrder.Dearest.Where(trade.Contains))
        {
            aside.Remove(rule);
            if (Feasible(problem.Without(aside), search, stop) == Found.None)
                aside.Add(rule);
        }
        return (problem.Without(aside), [.. problem.Rules.Where(r => aside.Contains(r.Id))]);
    }

    private static Found Feasible(SequenceProblem problem, SequenceSearch search, CancellationToken stop)
    {
        if (problem.Sessions.Count == 0 || SequenceGraph.Whole(problem).Circles().Count > 0)
            return Found.None;
        if (GreedySequence.Of(problem) is not null)
            return Found.Some;
        return Run(problem, new SequenceModel(problem), null, search with { OnBest = null }, stop).Found;
    }

    private static SequencePlan Best(SequenceProblem problem, SequenceSearch search, CancellationToken stop)
    {
        var (at, proven) = (GreedySequence.Of(problem)?.ToArray(), true);
        if (search.Before is { } before)
        {
            var model = new SequenceModel(problem);
            var near = Run(problem, model, model.Moved(before), search, stop, before);
            if (near.At is null)
                return SequencePlan.No(problem, [], []) with { Status = PlanStatus.Unknown };
            (at, proven) = (near.At, near.Found == Found.Best);
        }
        else if (at is not null)
            at = Packed(problem, at, stop);
        int? moved = search.Before is { } was ? at!.Where((s, u) => s != was[u]).Count() : null;
        var bounds = new int[3];
        for (var stage = 0; stage < 3; stage++)
        {
            var best = at is null ? null : PlanMeasure.Of(problem, at);
            // Nothing is better than nothing lost.
            if (
                (stage == 0 && best?.Sessions == LeastSessions(problem) && moved is null)
                || (stage == 1 && best!.Spacing == 0)
                || (stage == 2 && best!.Wishes == 0)
            )
            {
                bounds[stage] = stage == 0 ? best!.Sessions : 0;
                continue;
            }
            var model = new SequenceModel(problem);
            if (moved is { } few)
                model.Cp.Add(model.Moved(search.Before!) <= few);
            model.Cp.Add(model.Sessions >= LeastSessions(problem));
            if (stage > 0)
                model.Cp.Add(model.Sessions <= best!.Sessions);
            var spacing = model.Spacing();
            if (stage > 1)
                model.Cp.Add(spacing <= best!.Spacing);
            var found = Run(
                problem,
                model,
                stage == 0 ? model.Sessions
                    : stage == 1 ? spacing
                    : model.Wishes(),
                search,
                stop,
                at
            );
            proven &= found.Found == Found.Best;
            bounds[stage] = stage == 0 ? Math.Max(found.Bound, LeastSessions(problem)) : found.Bound;
            if (found.At is not null)
                at = found.At;
            if (at is null)
                return SequencePlan.No(problem, [], []) with { Status = PlanStatus.Unknown };
        }
        if (moved is null)
            at = [.. GreedySequence.Settled(problem, at!)];
        var faults = SequenceCheck.Faults(problem, at!);
        if (faults.Count > 0)
            throw new InvalidOperationException($"The solver gave a plan that does not hold: {faults[0].Says}");
        return SequencePlan.Of(problem, at!, proven ? PlanStatus.Optimal : PlanStatus.Feasible, new(bounds[0], bounds[1], bounds[2]));
    }

    /// <summary>
    /// A plan made denser, some sessions at a time from the first to the last: each window is packed as well as can be, and what is left
    /// moves on. It is where the solver begins.
    /// </summary>
    private static int[] Packed(SequenceProblem problem, int[] plan, CancellationToken stop)
    {
        var at = plan;
        for (var pass = 0; pass < Passes; pass++)
        {
            var used = at.Distinct().Order().ToList();
            if (used.Count <= LeastSessions(problem))
                break;
            var before = at;
            for (var i = 0; i < used.Count - 1; i += WindowSessions / 2)
            {
                var model = new SequenceModel(problem);
                model.Window(at, used[i], used[Math.Min(i + WindowSessions, used.Count) - 1]);
                at = Run(problem, model, model.Pushed(), new(WindowEffort), stop, at).At ?? at;
            }
            if (at.SequenceEqual(before))
                break;
        }
        return at;
    }

    /// <summary>No plan has fewer: as many of the longest sessions as all units fill.</summary>
    private static int LeastSessions(SequenceProblem problem)
    {
        var (left, count) = (problem.Units.Sum(u => u.Minutes), 0);
        if (problem.Rules.OfType<CapacityRule>().FirstOrDefault() is not { } capacity)
            return 1;
        foreach (var minutes in capacity.Minutes.OrderDescending())
            if (left > 0)
                (left, count) = (left - minutes, count + 1);
        return count;
    }

    /// <summary>The fewest rules of the first set found that cannot hold together: none of them could be left out.</summary>
    private static List<SequenceRule> Conflict(SequenceProblem problem, SequenceSearch search, CancellationToken stop)
    {
        var own = problem.Without(OfTrade(problem));
        if (SequenceGraph.Whole(own).Circles() is { Count: > 0 } circles)
            return Round(own, circles[0]);
        if (own.Sessions.Count == 0)
            return [own.Rules.OfType<CapacityRule>().First()];
        var kept = CoreOf(own, search, stop);
        foreach (var id in kept.Order(StringComparer.Ordinal).ToList())
        {
            var fewer = kept.Where(k => k != id).ToHashSet(StringComparer.Ordinal);
            if (Feasible(Only(own, fewer), search, stop) == Found.None)
                kept = fewer;
        }
        // What somebody decided stands first, what follows from the units after it.
        return [.. own.Rules.Where(r => kept.Contains(r.Id)).DistinctBy(r => r.Id).OrderBy(r => r is OrderRule)];
    }

    private static SequenceProblem Only(SequenceProblem problem, HashSet<string> rules) =>
        problem with
        {
            Rules = [.. problem.Rules.Where(r => rules.Contains(r.Id))],
        };

    private static HashSet<string> CoreOf(SequenceProblem problem, SequenceSearch search, CancellationToken stop)
    {
        // What one rule alone forbids is said alone.
        foreach (var rule in problem.Rules.Select(r => r.Id).Distinct(StringComparer.Ordinal))
            if (problem.Rules.First(r => r.Id == rule) is CapacityRule && Full(Only(problem, [rule])))
                return [rule];
        var model = new SequenceModel(problem, assuming: true);
        var solver = Solver(search.Effort, workers: 1);
        using var registration = stop.Register(solver.StopSearch);
        return solver.Solve(model.Cp) == CpSolverStatus.Infeasible && model.Core(solver) is { Count: > 0 } core
            ? [.. core]
            : [.. problem.Rules.Select(r => r.Id)];
    }

    /// <summary>A unit is longer than any session, or all of them are longer than all sessions.</summary>
    private static bool Full(SequenceProblem problem)
    {
        var minutes = problem.Rules.OfType<CapacityRule>().First().Minutes;
        return problem.Units.Any(u => u.Minutes > minutes.Max()) || problem.Units.Sum(u => u.Minutes) > minutes.Where(m => m > 0).Sum();
    }

    /// <summary>The rules along a circle, one for each two units.</summary>
    private static List<SequenceRule> Round(SequenceProblem problem, IReadOnlyList<int> circle) =>
        [
            .. circle
                .Select((u, i) => (Then: u, First: circle[(i + 1) % circle.Count]))
                .Select(e => (SequenceRule)problem.Rules.OfType<OrderRule>().First(r => r.Edges.Contains((e.First, e.Then))))
                .DistinctBy(r => r.Id),
        ];

    private static SequencePlan WithNearest(
        SequenceProblem problem,
        IReadOnlyList<SequenceRule> conflict,
        SequenceSearch search,
        CancellationToken stop
    )
    {
        // Cut short, the rules are not the fewest: none are named rather than too many.
        if (stop.IsCancellationRequested)
            return SequencePlan.No(problem, [], []);
        var small = search with { Effort = Math.Min(search.Effort, 1), OnBest = null, Before = null };
        var nearest = new List<WithoutRule>();
        foreach (var rule in conflict)
        {
            var rest = problem.Without(new HashSet<string>(StringComparer.Ordinal) { rule.Id });
            // A session of any length still needs one.
            if (rest.Sessions.Count == 0)
                continue;
            var (whole, _) = WithRoom(rest, small, stop);
            if (whole is null)
            {
                nearest.Add(new(rule.Id, null, null, [.. Conflict(rest, small, stop).Select(SequencePlan.Said)]));
                continue;
            }
            var plan = Best(whole, small, stop);
            nearest.Add(new(rule.Id, plan.Objective is null ? null : plan.Sessions, plan.Objective, []));
        }
        return SequencePlan.No(problem, [.. conflict.Select(SequencePlan.Said)], nearest);
    }

    private static Step Run(
        SequenceProblem problem,
        SequenceModel model,
        LinearExpr? objective,
        SequenceSearch search,
        CancellationToken stop,
        IReadOnlyList<int>? hint = null
    )
    {
        if (stop.IsCancellationRequested)
            return new(Found.Unknown, null, 0);
        if (hint is not null)
            model.Hint(hint);
        if (objective is not null)
            model.Cp.Minimize(objective);
        var solver = Solver(search.Effort, Workers);
        using var registration = stop.Register(solver.StopSearch);
        using var told = search.OnBest is { } onBest ? new Told(at => onBest(PlanMeasure.Of(problem, at)), model) : null;
        var status = told is null ? solver.Solve(model.Cp) : solver.Solve(model.Cp, told);
        return status switch
        {
            CpSolverStatus.Infeasible => new(Found.None, null, 0),
            CpSolverStatus.Optimal or CpSolverStatus.Feasible => new(
                status == CpSolverStatus.Optimal ? Found.Best : Found.Some,
                model.Read(solver.BooleanValue),
                objective is null ? 0 : (int)Math.Ceiling(solver.BestObjectiveBound - 1e-6)
            ),
            CpSolverStatus.Unknown => new(Found.Unknown, null, 0),
            _ => throw new InvalidOperationException($"The solver ended with {status}: {model.Cp.Validate()}"),
        };
    }

    private static CpSolver Solver(double effort, int workers) =>
        new()
        {
            StringParameters = FormattableString.Invariant(
                $"num_workers:{workers},interleave_search:{(workers > 1 ? "true" : "false")},random_seed:7,max_deterministic_time:{effort}"
            ),
        };

    private sealed class Told(Action<int[]> onBest, SequenceModel model) : CpSolverSolutionCallback
    {
        public override void OnSolutionCallback() => onBest(model.Read(BooleanValue));
    }
}
