namespace Wexis.Core.Programmes;

/// <summary>
/// One thing that a sequence has to keep, said in words. Units and sessions are counted from 0; <c>at[u]</c> is the session of unit u.
/// </summary>
/// <param name="Id">Id of the trainer's rule, or one that tells what it comes from, such as <c>needs:exam&lt;cueing</c>.</param>
/// <param name="Path">The field that it stands in.</param>
/// <param name="OfTrade">What the trade knows, in place of what the trainer wrote.</param>
public abstract record SequenceRule(string Id, string Path, string Says, bool OfTrade)
{
    public abstract bool Holds(SequenceProblem problem, IReadOnlyList<int> at);
}

/// <summary>A unit never stands in an earlier session than those before it; in one session it stands after them.</summary>
public sealed record OrderRule(string Id, string Path, string Says, IReadOnlyList<(int First, int Then)> Edges, bool OfTrade = false)
    : SequenceRule(Id, Path, Says, OfTrade)
{
    public override bool Holds(SequenceProblem problem, IReadOnlyList<int> at)
    {
        ArgumentNullException.ThrowIfNull(at);
        return Edges.All(e => at[e.First] <= at[e.Then]);
    }
}

/// <summary>Units that stand in some sessions only.</summary>
/// <param name="Sessions">By session: whether they may stand there.</param>
public sealed record PlaceRule(
    string Id,
    string Path,
    string Says,
    IReadOnlyList<int> Units,
    IReadOnlyList<bool> Sessions,
    bool OfTrade = false
) : SequenceRule(Id, Path, Says, OfTrade)
{
    public override bool Holds(SequenceProblem problem, IReadOnlyList<int> at)
    {
        ArgumentNullException.ThrowIfNull(at);
        return Units.All(u => Sessions[at[u]]);
    }
}

/// <summary>Two units whose sessions go together or not: days between, practice, one day or two.</summary>
/// <param name="Allowed">By session of <paramref name="First"/>, by session of <paramref name="Then"/>.</param>
public sealed record PairRule(
    string Id,
    string Path,
    string Says,
    int First,
    int Then,
    IReadOnlyList<IReadOnlyList<bool>> Allowed,
    bool OfTrade = false
) : SequenceRule(Id, Path, Says, OfTrade)
{
    public override bool Holds(SequenceProblem problem, IReadOnlyList<int> at)
    {
        ArgumentNullException.ThrowIfNull(at);
        return Allowed[at[First]][at[Then]];
    }
}

/// <summary>Units and breaks fit into the session.</summary>
/// <param name="Minutes">By session: minutes for units.</param>
public sealed record CapacityRule(string Id, string Path, string Says, IReadOnlyList<int> Minutes) : SequenceRule(Id, Path, Says, false)
{
    public override bool Holds(SequenceProblem problem, IReadOnlyList<int> at)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(at);
        var left = Minutes.ToArray();
        for (var u = 0; u < at.Count; u++)
            left[at[u]] -= problem.Units[u].Minutes;
        return left.All(l => l >= 0);
    }
}

/// <summary>A unit is returned to: the group meets again within a window of days after it.</summary>
/// <param name="Window">By session of the unit, by session of the return.</param>
public sealed record ReturnRule(string Id, string Path, string Says, int Unit, IReadOnlyList<IReadOnlyList<bool>> Window)
    : SequenceRule(Id, Path, Says, false)
{
    public override bool Holds(SequenceProblem problem, IReadOnlyList<int> at)
    {
        ArgumentNullException.ThrowIfNull(at);
        return at.Any(s => Window[at[Unit]][s]);
    }
}

/// <summary>A rule that should hold; what it costs when it does not is its weight.</summary>
public sealed record SequenceWish(int Weight, SequenceRule Rule);

/// <summary>Units in their order that teach one technique again; see docs/method.md#spacing.</summary>
public sealed record ReturnChain(string Technique, IReadOnlyList<int> Units);
