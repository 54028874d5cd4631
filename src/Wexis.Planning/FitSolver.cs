using Google.OrTools.Sat;
using Wexis.Core.Routines;

namespace Wexis.Planning;

/// <summary>
/// Fits parts to a time, exactly. The order is fixed, so a choice is a path through the kept parts that have hands: an arc for every two
/// that may follow each other, with the seconds of its changeover. Value stands before seconds in one objective.
/// The same problem gives the same answer: one worker, a fixed seed, a limit that counts steps and not seconds.
/// </summary>
public static class FitSolver
{
    private const string Settings = "num_workers:1,random_seed:7,max_deterministic_time:60";

    /// <param name="problem">A problem without issues.</param>
    public static FitAnswer Solve(FitProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        if (problem.Issues() is { Count: > 0 } issues)
            throw new ArgumentException($"The problem has slips: {issues[0]}", nameof(problem));
        var target = problem.TargetSeconds!.Value;
        var (status, best, bound) = Best(problem, []);
        if (best is null)
        {
            var shortest = Shortest(problem);
            return new(FitStatus.Infeasible, target, null, null, null, null, [], [], FitFloor.Of(problem, shortest));
        }
        var others = new List<FitChoice>();
        while (others.Count < 2 && Best(problem, [best, .. others]).Choice is { } next)
            others.Add(next);
        return new(status, target, best.Choice, best.Value, best.Seconds, bound, best.Dropped, others, null);
    }

    private static (FitStatus Status, FitChoice? Choice, long? Bound) Best(FitProblem problem, IReadOnlyList<FitChoice> besides)
    {
        var model = new Layout(problem);
        var target = problem.TargetSeconds!.Value;
        model.Cp.Add(model.Seconds <= target);
        foreach (var other in besides)
            model.DifferFrom(other);
        // One second is worth less than the smallest value, whatever the seconds come to.
        model.Cp.Maximize(model.Value * (target + 1) + model.Seconds);
        var solver = new CpSolver { StringParameters = Settings };
        var status = solver.Solve(model.Cp);
        if (status is CpSolverStatus.Infeasible)
            return (FitStatus.Infeasible, null, null);
        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
            throw new InvalidOperationException($"The solver ended with {status}: {model.Cp.Validate()}");
        var choice = FitChoice.Of(problem, model.Chosen(solver));
        // The solver's bound is a floating number; of a proven best the value itself is the bound.
        return status == CpSolverStatus.Optimal
            ? (FitStatus.Optimal, choice, choice.Value)
            : (FitStatus.Feasible, choice, (long)(solver.BestObjectiveBound / (target + 1)));
    }

    /// <summary>The shortest choice that keeps every rule but the target.</summary>
    private static FitChoice Shortest(FitProblem problem)
    {
        var model = new Layout(problem);
        model.Cp.Minimize(model.Seconds);
        var solver = new CpSolver { StringParameters = Settings };
        var status = solver.Solve(model.Cp);
        return status is CpSolverStatus.Optimal or CpSolverStatus.Feasible
            ? FitChoice.Of(problem, model.Chosen(solver))
            : throw new InvalidOperationException($"The solver ended with {status}: {model.Cp.Validate()}");
    }

    /// <summary>The problem as the solver reads it.</summary>
    private sealed class Layout
    {
        private readonly FitProblem _problem;
        private readonly List<Dictionary<DoseLevel, BoolVar>> _levels = [];
        private readonly List<BoolVar> _kept = [];

        public CpModel Cp { get; } = new();
        public LinearExpr Seconds { get; }
        public LinearExpr Value { get; }

        public Layout(FitProblem problem)
        {
            _problem = problem;
            var seconds = new List<LinearExpr>();
            var value = new List<LinearExpr>();
            foreach (var part in problem.AllParts)
            {
                var kept = Cp.NewBoolVar(part.Id);
                var levels = part.Levels.ToDictionary(l => l, l => Cp.NewBoolVar($"{part.Id} {l}"));
                Cp.Add(LinearExpr.Sum(levels.Values) == kept);
                if (!part.MayGo)
                    Cp.Add(kept == 1);
                foreach (var (level, chosen) in levels)
                {
                    seconds.Add(chosen * part.Seconds!.At(level)!.Value);
                    value.Add(chosen * part.Value!.At(level)!.Value);
                }
                _kept.Add(kept);
                _levels.Add(levels);
            }
            Releases();
            value.AddRange(Rewards());
            seconds.AddRange(Changeovers());
            Seconds = LinearExpr.Sum(seconds);
            Value = LinearExpr.Sum(value);
        }

        /// <summary>Earned while any of its parts stays.</summary>
        private List<LinearExpr> Rewards()
        {
            var place = _problem.AllParts.Select((p, i) => (p.Id!, i)).ToDictionary(x => x.Item1, x => x.i, StringComparer.Ordinal);
            var worth = new List<LinearExpr>();
            foreach (var reward in _problem.AllRewards.Where(r => r.Value > 0 && r.Parts is { Count: > 0 }))
            {
                var earned = Cp.NewBoolVar(reward.Id ?? "reward");
                Cp.AddBoolOr([.. reward.Parts!.Select(p => (ILiteral)_kept[place[p]]), earned.Not()]);
                worth.Add(earned * reward.Value!.Value);
            }
            return worth;
        }

        private void Releases()
        {
            for (var i = 0; i < _kept.Count; i++)
                foreach (var block in _problem.AllParts[i].Releases ?? [])
                    for (var j = 0; j < _kept.Count; j++)
                        if (j != i && _problem.AllParts[j].Block == block)
                            Cp.AddImplication(_kept[j], _kept[i]);
        }

        /// <summary>One round through the kept parts that have hands, beginning and ending at nobody's hands (node 0).</summary>
        private List<LinearExpr> Changeovers()
        {
            var handed = Enumerable.Range(0, _kept.Count).Where(i => _problem.AllParts[i].Hands is not null).ToList();
            var costs = new List<LinearExpr>();
            if (handed.Count < 2)
                return costs;
            var circuit = Cp.AddCircuit();
            var none = Cp.NewBoolVar("no hands");
            circuit.AddArc(0, 0, none);
            for (var a = 0; a < handed.Count; a++)
            {
                var from = _problem.AllParts[handed[a]];
                circuit.AddArc(a + 1, a + 1, _kept[handed[a]].Not());
                if (handed.Take(a).All(i => _problem.AllParts[i].MayGo))
                    circuit.AddArc(0, a + 1, Cp.NewBoolVar($"begins with {from.Id}"));
                for (var b = a + 1; b < handed.Count; b++)
                {
                    var arc = Cp.NewBoolVar($"{from.Id} then {_problem.AllParts[handed[b]].Id}");
                    circuit.AddArc(a + 1, b + 1, arc);
                    if (_problem.Changeover(from, _problem.AllParts[handed[b]]) is > 0 and var cost)
                        costs.Add(arc * cost);
                    // Nothing steps over a part that stays.
                    if (!_problem.AllParts[handed[b]].MayGo)
                        break;
                }
                if (handed.Skip(a + 1).All(i => _problem.AllParts[i].MayGo))
                    circuit.AddArc(a + 1, 0, Cp.NewBoolVar($"ends with {from.Id}"));
            }
            return costs;
        }

        /// <summary>Another part, or two other levels.</summary>
        public void DifferFrom(FitChoice other)
        {
            var differences = new List<LinearExpr>();
            for (var i = 0; i < _kept.Count; i++)
            {
                var was = other.Choice[_problem.AllParts[i].Id!];
                if (was is { } level)
                {
                    // Left out counts twice, another level once.
                    differences.Add(2 - (_kept[i] + _levels[i][level]));
                    differences.Add(1 - _kept[i]);
                    continue;
                }
                differences.Add(2 * _kept[i]);
            }
            Cp.Add(LinearExpr.Sum(differences) >= 2);
        }

        public List<DoseLevel?> Chosen(CpSolver solver) =>
            [.. _levels.Select(l => l.Where(x => solver.BooleanValue(x.Value)).Select(x => (DoseLevel?)x.Key).FirstOrDefault())];
    }
}
