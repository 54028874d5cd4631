namespace Wexis.Core.Programmes;

/// <summary>What waits for what: circles, levels, the longest chain, and an order within a session.</summary>
public sealed class SequenceGraph
{
    private readonly SequenceProblem _problem;
    private readonly List<HashSet<int>> _before;

    private SequenceGraph(SequenceProblem problem, IEnumerable<OrderRule> rules)
    {
        _problem = problem;
        _before = [.. problem.Units.Select(_ => new HashSet<int>())];
        foreach (var (first, then) in rules.SelectMany(r => r.Edges))
            _before[then].Add(first);
    }

    /// <summary>Of what the trainer wrote.</summary>
    public static SequenceGraph Written(SequenceProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return new(problem, problem.Rules.OfType<OrderRule>().Where(r => !r.OfTrade));
    }

    /// <summary>Of all that must hold.</summary>
    public static SequenceGraph Whole(SequenceProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return new(problem, problem.Rules.OfType<OrderRule>());
    }

    /// <summary>Of what was written and as much of what the trade keeps as makes no circle with it: an order can always be given.</summary>
    public static SequenceGraph Laying(SequenceProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var rules = problem.Rules.OfType<OrderRule>().Where(r => !r.OfTrade).ToList();
        foreach (var rule in problem.Rules.OfType<OrderRule>().Where(r => r.OfTrade))
            if (new SequenceGraph(problem, [.. rules, rule]).Circles().Count == 0)
                rules.Add(rule);
        return new(problem, rules);
    }

    /// <summary>Circles, each as units that wait for the next one and the last for the first; one for each knot of units.</summary>
    public IReadOnlyList<IReadOnlyList<int>> Circles()
    {
        var (found, done) = (new List<IReadOnlyList<int>>(), new HashSet<int>());
        for (var u = 0; u < _before.Count; u++)
            if (!done.Contains(u) && ShortestRound(u) is { } round)
            {
                found.Add(round);
                done.UnionWith(Knot(u));
            }
        return found;
    }

    /// <summary>The shortest way from a unit through what it waits for back to itself.</summary>
    private List<int>? ShortestRound(int start)
    {
        var came = new Dictionary<int, int>();
        var next = new Queue<int>([start]);
        while (next.TryDequeue(out var u))
            foreach (var p in _before[u].Order())
            {
                if (p == start)
                {
                    var round = new List<int> { u };
                    while (round[^1] != start)
                        round.Add(came[round[^1]]);
                    round.Reverse();
                    return round;
                }
                if (came.TryAdd(p, u))
                    next.Enqueue(p);
            }
        return null;
    }

    /// <summary>Units that a unit waits for and that wait for it.</summary>
    private IEnumerable<int> Knot(int unit)
    {
        var waitsFor = Behind(unit);
        return waitsFor.Where(p => Behind(p).Contains(unit));
    }

    private HashSet<int> Behind(int unit)
    {
        var seen = new HashSet<int>();
        var open = new Stack<int>(_before[unit]);
        while (open.TryPop(out var u))
            if (seen.Add(u))
                foreach (var p in _before[u])
                    open.Push(p);
        return seen;
    }

    /// <summary>Units by how many others have to come before, one after the other; empty in a circle.</summary>
    public IReadOnlyList<IReadOnlyList<int>> Levels()
    {
        var level = new Dictionary<int, int>();
        foreach (var u in Order(Enumerable.Range(0, _before.Count)))
            level[u] = _before[u].Count == 0 ? 0 : _before[u].Max(p => level[p]) + 1;
        return [.. level.GroupBy(l => l.Value).OrderBy(g => g.Key).Select(g => (IReadOnlyList<int>)[.. g.Select(l => l.Key).Order()])];
    }

    /// <summary>The chain of units that wait for each other with the most minutes.</summary>
    public IReadOnlyList<int> CriticalPath()
    {
        var (until, from) = (new Dictionary<int, int>(), new Dictionary<int, int>());
        foreach (var u in Order(Enumerable.Range(0, _before.Count)))
        {
            until[u] = _problem.Units[u].Minutes;
            if (_before[u].Count == 0)
                continue;
            from[u] = _before[u].Order().MaxBy(p => until[p]);
            until[u] += until[from[u]];
        }
        if (until.Count == 0)
            return [];
        var path = new List<int> { until.OrderByDescending(x => x.Value).ThenBy(x => x.Key).First().Key };
        while (from.TryGetValue(path[^1], out var p))
            path.Add(p);
        path.Reverse();
        return path;
    }

    /// <summary>These units, each after those that it waits for, otherwise in the order of the programme.</summary>
    /// <exception cref="InvalidOperationException">They stand in a circle.</exception>
    public IReadOnlyList<int> Order(IEnumerable<int> units)
    {
        var left = units.ToHashSet();
        var waiting = left.ToDictionary(u => u, u => _before[u].Count(left.Contains));
        var ready = new PriorityQueue<int, int>(waiting.Where(w => w.Value == 0).Select(w => (w.Key, w.Key)));
        var after = left.SelectMany(u => _before[u].Where(left.Contains).Select(p => (p, u))).ToLookup(x => x.p, x => x.u);
        var order = new List<int>();
        while (ready.TryDequeue(out var u, out _))
        {
            order.Add(u);
            foreach (var next in after[u])
                if (--waiting[next] == 0)
                    ready.Enqueue(next, next);
        }
        return order.Count == left.Count ? order : throw new InvalidOperationException("There is a circle: no order can be given.");
    }
}
