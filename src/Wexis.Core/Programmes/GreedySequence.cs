namespace Wexis.Core.Programmes;

/// <summary>A plan as one would make it by hand: unit after unit into the first session that takes it.</summary>
public static class GreedySequence
{
    /// <summary>Null where a unit finds no session; what follows it was not tried.</summary>
    public static IReadOnlyList<int>? Of(SequenceProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var graph = SequenceGraph.Whole(problem);
        if (graph.Circles().Count > 0)
            return null;
        var at = Enumerable.Repeat(-1, problem.Units.Count).ToArray();
        foreach (var unit in graph.Order(Enumerable.Range(0, at.Length)))
        {
            var s = 0;
            while (s < problem.Sessions.Count && !Takes(problem, at, unit, s))
                s++;
            if (s == problem.Sessions.Count)
                return null;
            at[unit] = s;
        }
        return SequenceCheck.Faults(problem, at).Count == 0 ? at : null;
    }

    /// <summary>
    /// Every unit in the order of the programme as early as it can stand without making the plan worse: of equal plans always the same.
    /// </summary>
    public static IReadOnlyList<int> Settled(SequenceProblem problem, IReadOnlyList<int> plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var at = plan.ToArray();
        var best = PlanMeasure.Of(problem, at);
        for (var unit = 0; unit < at.Length; unit++)
        {
            var was = at[unit];
            foreach (var s in at.Distinct().Where(s => s < was).Order().ToList())
            {
                at[unit] = s;
                if (SequenceCheck.Faults(problem, at).Count == 0 && !best.Beats(PlanMeasure.Of(problem, at)))
                    break;
                at[unit] = was;
            }
            best = PlanMeasure.Of(problem, at);
        }
        return at;
    }

    /// <summary>Whether a session takes a unit beside what is placed so far.</summary>
    private static bool Takes(SequenceProblem problem, int[] at, int unit, int session)
    {
        foreach (var rule in problem.Rules)
        {
            var holds = rule switch
            {
                OrderRule order => order.Edges.All(e =>
                    (e.Then != unit || at[e.First] < 0 || at[e.First] <= session)
                    && (e.First != unit || at[e.Then] < 0 || session <= at[e.Then])
                ),
                PlaceRule place => !place.Units.Contains(unit) || place.Sessions[session],
                PairRule pair => (pair.First != unit || at[pair.Then] < 0 || pair.Allowed[session][at[pair.Then]])
                    && (pair.Then != unit || at[pair.First] < 0 || pair.Allowed[at[pair.First]][session]),
                CapacityRule capacity => problem.Units.Where((_, u) => at[u] == session || u == unit).Sum(u => u.Minutes)
                    <= capacity.Minutes[session],
                _ => true,
            };
            if (!holds)
                return false;
        }
        return true;
    }
}
