using Google.OrTools.Sat;
using Wexis.Core.Programmes;

namespace Wexis.Planning;

/// <summary>
/// A sequence as the solver reads it, by session: whether a unit stands in a session, and whether it stands there or in an earlier one.
/// </summary>
internal sealed class SequenceModel
{
    private readonly SequenceProblem _problem;
    private readonly BoolVar[][] _in;
    private readonly BoolVar[][] _until;
    private readonly BoolVar[] _used;
    private readonly Dictionary<string, BoolVar>? _assumed;

    public CpModel Cp { get; } = new();

    /// <param name="assuming">Every rule under a literal of its own, so that the solver can tell which of them cannot hold
    /// together.</param>
    public SequenceModel(SequenceProblem problem, bool assuming = false)
    {
        _problem = problem;
        var (units, sessions) = (problem.Units.Count, problem.Sessions.Count);
        _in = [.. Enumerable.Range(0, units).Select(u => Row($"{u} in ", sessions))];
        _until = [.. Enumerable.Range(0, units).Select(u => Row($"{u} until ", sessions))];
        _used = Row("used ", sessions);
        if (assuming)
        {
            _assumed = problem
                .Rules.Select(r => r.Id)
                .Distinct(StringComparer.Ordinal)
                .ToDictionary(id => id, id => Cp.NewBoolVar(id), StringComparer.Ordinal);
            Cp.AddAssumptions(_assumed.Values);
        }
        for (var u = 0; u < units; u++)
        {
            Cp.AddExactlyOne(_in[u]);
            Cp.Add(_until[u][0] == _in[u][0]);
            for (var s = 1; s < sessions; s++)
                Cp.Add(_until[u][s] == _until[u][s - 1] + _in[u][s]);
            Cp.Add(_until[u][sessions - 1] == 1);
        }
        for (var s = 0; s < sessions; s++)
            Cp.AddMaxEquality(_used[s], _in.Select(row => row[s]));
        foreach (var rule in problem.Rules)
            Hold(rule, _assumed?[rule.Id]);
    }

    private BoolVar[] Row(string name, int count) => [.. Enumerable.Range(0, count).Select(i => Cp.NewBoolVar($"{name}{i}"))];

    public LinearExpr Sessions => LinearExpr.Sum(_used);

    /// <summary>Days by which returns come too early; see <see cref="SequenceProblem.SpacingLost"/>.</summary>
    public LinearExpr Spacing()
    {
        var lost = new List<LinearExpr>();
        var span = _problem.Span;
        foreach (var chain in _problem.Chains)
        {
            LinearExpr wanted = LinearExpr.Constant(_problem.FirstGap);
            for (var i = 1; i < chain.Units.Count; i++)
            {
                var gap = Day(chain.Units[i]) - Day(chain.Units[i - 1]);
                var short_ = Cp.NewIntVar(0, (2 * span) + 1, "short");
                Cp.Add(short_ >= wanted - gap);
                lost.Add(short_);
                wanted = gap;
            }
        }
        return LinearExpr.Sum(lost);
    }

    public LinearExpr Wishes()
    {
        var costs = new List<LinearExpr>();
        foreach (var wish in _problem.Wishes)
        {
            var holds = Cp.NewBoolVar(wish.Rule.Id);
            Hold(wish.Rule, holds);
            costs.Add(wish.Weight - (wish.Weight * holds));
        }
        return LinearExpr.Sum(costs);
    }

    /// <summary>How many units stand elsewhere than before.</summary>
    public LinearExpr Moved(IReadOnlyList<int> before) => LinearExpr.Sum(_in.Select((row, u) => (LinearExpr)row[before[u]].Not()));

    /// <summary>Leaves free only the units that stand between two sessions, and only there.</summary>
    public void Window(IReadOnlyList<int> at, int first, int last)
    {
        for (var u = 0; u < at.Count; u++)
            if (at[u] < first || at[u] > last)
                Cp.Add(_in[u][at[u]] == 1);
            else
                for (var s = 0; s < _used.Length; s++)
                    if (s < first || s > last)
                        Cp.Add(_in[u][s] == 0);
    }

    /// <summary>Fewer sessions first, then work as early as can be, so that the last session runs empty.</summary>
    public LinearExpr Pushed() =>
        (Sessions * (1 + (_problem.Units.Sum(u => u.Minutes) * _used.Length)))
        + LinearExpr.Sum(
            _problem.Units.Select(u =>
                LinearExpr.WeightedSum(_in[u.Place], [.. Enumerable.Range(0, _used.Length).Select(s => (long)(u.Minutes * s))])
            )
        );

    public void Hint(IReadOnlyList<int> at)
    {
        for (var u = 0; u < at.Count; u++)
        for (var s = 0; s < _used.Length; s++)
        {
            Cp.AddHint(_in[u][s], at[u] == s);
            Cp.AddHint(_until[u][s], at[u] <= s);
        }
        for (var s = 0; s < _used.Length; s++)
            Cp.AddHint(_used[s], at.Contains(s));
    }

    /// <param name="value">What the solver says of a literal.</param>
    public int[] Read(Func<ILiteral, bool> value) => [.. _in.Select(row => Array.FindIndex(row, x => value(x)))];

    /// <summary>Ids of the rules that the solver found not to hold together.</summary>
    public IReadOnlySet<string> Core(CpSolver solver)
    {
        var index = _assumed!.ToDictionary(a => a.Value.GetIndex(), a => a.Key);
        return solver
            .SufficientAssumptionsForInfeasibility()
            .Where(index.ContainsKey)
            .Select(i => index[i])
            .ToHashSet(StringComparer.Ordinal);
    }

    private LinearExpr Day(int unit) =>
        LinearExpr.WeightedSum(_in[unit], [.. _problem.Sessions.Select(s => (long)(s.Day - _problem.Sessions[0].Day))]);

    /// <param name="when">The rule holds only where this is true; null: always.</param>
    private void Hold(SequenceRule rule, ILiteral? when)
    {
        ILiteral[] off = when is null ? [] : [when.Not()];
        void Clause(params IEnumerable<ILiteral> any) => Cp.AddBoolOr([.. any, .. off]);
        switch (rule)
        {
            case OrderRule order:
                foreach (var (first, then) in order.Edges)
                    for (var s = 0; s < _used.Length; s++)
                        Clause(_until[then][s].Not(), _until[first][s]);
                break;
            case PlaceRule place:
                foreach (var u in place.Units)
                    for (var s = 0; s < _used.Length; s++)
                        if (!place.Sessions[s])
                            Clause(_in[u][s].Not());
                break;
            case PairRule pair:
                for (var s = 0; s < _used.Length; s++)
                    Clause([_in[pair.First][s].Not(), .. _in[pair.Then].Where((_, t) => pair.Allowed[s][t]).Select(x => (ILiteral)x)]);
                break;
            case ReturnRule again:
                for (var s = 0; s < _used.Length; s++)
                    Clause([_in[again.Unit][s].Not(), .. _used.Where((_, t) => again.Window[s][t]).Select(x => (ILiteral)x)]);
                break;
            case CapacityRule capacity:
                for (var s = 0; s < _used.Length; s++)
                {
                    var minutes = LinearExpr.WeightedSum(_in.Select(row => row[s]), _problem.Units.Select(u => (long)u.Minutes));
                    var fits = Cp.Add(minutes <= Math.Max(0, capacity.Minutes[s]));
                    if (when is not null)
                        fits.OnlyEnforceIf(when);
                    else
                        Cp.Add(minutes <= Math.Max(0, capacity.Minutes[s]) * _used[s]);
                }
                break;
            default:
                throw new ArgumentOutOfRangeException(nameof(rule), rule.GetType().Name, "The solver does not know this kind of rule.");
        }
    }
}
