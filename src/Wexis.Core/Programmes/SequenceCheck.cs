namespace Wexis.Core.Programmes;

/// <summary>Why a unit does not stand in a session.</summary>
/// <param name="Reasons">Rules that would not hold; none where it could stand there as well, or where the plan would only be worse.</param>
/// <param name="Says">In one sentence.</param>
public sealed record NotThere(string Session, IReadOnlyList<SaidRule> Reasons, string Says);

/// <summary>Holds any plan, whoever made it, to the rules; and says of every placement why it is not another.</summary>
public static class SequenceCheck
{
    /// <summary>Rules that do not hold; empty for a plan.</summary>
    public static IReadOnlyList<SequenceRule> Faults(SequenceProblem problem, IReadOnlyList<int> at)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(at);
        return [.. problem.Rules.Where(r => !r.Holds(problem, at))];
    }

    /// <summary>
    /// A plan as a list of units by session, from sessions as they are printed; null where a unit is missing or stands twice.
    /// </summary>
    public static IReadOnlyList<int>? Read(SequenceProblem problem, IEnumerable<(string Session, IReadOnlyList<string> Units)> sessions)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var units = problem.Units.Select((u, i) => (u.Id, i)).ToDictionary(x => x.Id, x => x.i, StringComparer.Ordinal);
        var places = problem.Sessions.Select((s, i) => (s.Id, i)).ToDictionary(x => x.Id, x => x.i, StringComparer.Ordinal);
        var at = Enumerable.Repeat(-1, problem.Units.Count).ToArray();
        foreach (var (session, ids) in sessions)
        foreach (var id in ids)
        {
            if (!units.TryGetValue(id, out var u) || !places.TryGetValue(session, out var s) || at[u] >= 0)
                return null;
            at[u] = s;
        }
        return at.Contains(-1) ? null : at;
    }

    /// <summary>For every session but its own, why a unit does not stand there.</summary>
    public static IReadOnlyList<NotThere> Why(SequenceProblem problem, IReadOnlyList<int> at, int unit)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(at);
        var now = PlanMeasure.Of(problem, at);
        return
        [
            .. Enumerable
                .Range(0, problem.Sessions.Count)
                .Where(s => s != at[unit])
                .Select(s =>
                {
                    var moved = at.ToArray();
                    moved[unit] = s;
                    var faults = Faults(problem, moved);
                    return new NotThere(
                        problem.Sessions[s].Id,
                        [.. faults.Select(SequencePlan.Said)],
                        faults.Count > 0
                            ? $"Not in session {s + 1}: "
                                + $"{string.Join("; ", faults.Select(f => Worded(problem, f, at, moved, unit)).Distinct().Take(3))}."
                            : Instead(s + 1, now, PlanMeasure.Of(problem, moved))
                    );
                }),
        ];
    }

    private static string Worded(SequenceProblem problem, SequenceRule rule, IReadOnlyList<int> at, int[] moved, int unit)
    {
        switch (rule)
        {
            case OrderRule order:
                var met = order.Edges.First(e => moved[e.First] > moved[e.Then]);
                return met.Then == unit
                    ? $"“{problem.Units[met.First].Name}” comes first, and stands in session {at[met.First] + 1}"
                    : $"“{problem.Units[met.Then].Name}” needs it, and stands in session {at[met.Then] + 1}";
            case CapacityRule capacity:
                var s = moved[unit];
                var minutes = Enumerable.Range(0, moved.Length).Where(u => moved[u] == s).Sum(u => problem.Units[u].Minutes);
                return $"it would hold {minutes} minutes and has {capacity.Minutes[s]}";
            default:
                return rule.Says;
        }
    }

    private static string Instead(int session, PlanMeasure now, PlanMeasure moved) =>
        now.Sessions < moved.Sessions ? $"It could stand in session {session}, with one session more."
        : now.Spacing < moved.Spacing
            ? $"It could stand in session {session}; what is learned again would come {moved.Spacing - now.Spacing} days earlier than "
                + "is good."
        : now.Wishes < moved.Wishes ? $"It could stand in session {session}; wishes of weight {moved.Wishes - now.Wishes} would not hold."
        : $"It could stand in session {session} just as well.";
}
