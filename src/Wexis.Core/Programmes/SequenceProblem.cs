using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>A unit as it is placed.</summary>
/// <param name="Place">Its place in the programme, from 0.</param>
public sealed record SequenceUnit(string Id, string Name, int Minutes, int Place);

/// <summary>A session as units are placed in it.</summary>
/// <param name="Place">Its place in the programme, from 0.</param>
/// <param name="Day">Its day, counted from any one.</param>
/// <param name="Room">Minutes for units.</param>
public sealed record SequenceSession(string Id, int Place, int Day, int Room, DateOnly? Date);

/// <summary>
/// Units to be placed in sessions, with all that has to hold and all that should. Sessions stand in the order of their days.
/// See docs/method.md#sequence.
/// </summary>
/// <param name="Rules">What must hold, what the trainer wrote first.</param>
public sealed record SequenceProblem(
    IReadOnlyList<SequenceUnit> Units,
    IReadOnlyList<SequenceSession> Sessions,
    IReadOnlyList<SequenceRule> Rules,
    IReadOnlyList<SequenceWish> Wishes,
    IReadOnlyList<ReturnChain> Chains
)
{
    /// <param name="programme">A programme without issues.</param>
    /// <param name="techniques">What is known of the techniques that it teaches, by id; what is not, orders nothing.</param>
    public static SequenceProblem Of(ProgrammeDocument programme, IReadOnlyDictionary<string, TaughtTechnique>? techniques = null)
    {
        ArgumentNullException.ThrowIfNull(programme);
        var units = programme.AllUnits.Select((u, i) => new SequenceUnit(u.Id, u.Name, u.Minutes, i)).ToList();
        var sessions = programme
            .AllSessions.Select(
                (s, i) =>
                    new SequenceSession(
                        s.Id,
                        i,
                        Dates.Of(s.Date)?.DayNumber ?? s.Day ?? i,
                        (s.Minutes ?? 0) - (s.BreaksMin ?? 0),
                        Dates.Of(s.Date)
                    )
            )
            .OrderBy(s => s.Day)
            .ThenBy(s => s.Place)
            .ToList();
        IReadOnlyList<UnitFacts>? facts = techniques is null ? null : [.. programme.AllUnits.Select(u => UnitFacts.Of(u, techniques))];
        var made = new SequenceRules(programme, units, sessions);
        var trade = TradeOrder.Of(programme, facts).Where(r => programme.ReasonFor(r.Id) is null);
        return new(
            units,
            sessions,
            [.. made.Hard(), .. techniques is null ? [] : made.BuildsOn(techniques), .. trade],
            [.. made.Wishes(), .. facts is null ? [] : TradeOrder.Wishes(programme, sessions, facts)],
            Returns(programme)
        );
    }

    /// <summary>The same without some of its rules.</summary>
    public SequenceProblem Without(IReadOnlySet<string> rules) => this with { Rules = [.. Rules.Where(r => !rules.Contains(r.Id))] };

    /// <summary>Days from the first session to the last.</summary>
    public int Span => Sessions.Count == 0 ? 0 : Sessions[^1].Day - Sessions[0].Day;

    /// <summary>
    /// The first gap that a return should have, in days: a tenth of how long it has to last, here to the end of the programme
    /// (Cepeda and others 2008, Psychological Science 19: the best gap is about a fifth of some weeks and a tenth of a year).
    /// </summary>
    public int FirstGap => Math.Max(1, (int)Math.Round(Span * 0.1, MidpointRounding.AwayFromZero));

    /// <summary>
    /// Days by which returns come too early: the first gap under <see cref="FirstGap"/>, every later one under the one before it.
    /// </summary>
    public int SpacingLost(IReadOnlyList<int> at)
    {
        ArgumentNullException.ThrowIfNull(at);
        var lost = 0;
        foreach (var chain in Chains)
        {
            var wanted = FirstGap;
            for (var i = 1; i < chain.Units.Count; i++)
            {
                var gap = Sessions[at[chain.Units[i]]].Day - Sessions[at[chain.Units[i - 1]]].Day;
                lost += Math.Max(0, wanted - gap);
                wanted = gap;
            }
        }
        return lost;
    }

    /// <summary>Techniques that several units teach, once for each group of units.</summary>
    private static List<ReturnChain> Returns(ProgrammeDocument programme) =>
        [
            .. programme
                .AllTechniques.Select(t => new ReturnChain(
                    t,
                    [
                        .. programme
                            .AllUnits.Select((u, i) => (u, i))
                            .Where(x => x.u.IsA != UnitKind.Assessment && x.u.AllTechniques.Contains(t))
                            .Select(x => x.i),
                    ]
                ))
                .Where(c => c.Units.Count > 1)
                .DistinctBy(c => string.Join(',', c.Units)),
        ];
}
