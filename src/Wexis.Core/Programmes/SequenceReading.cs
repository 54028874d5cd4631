namespace Wexis.Core.Programmes;

/// <summary>One unit in its session, with the reasons.</summary>
/// <param name="Pinned">It is fixed there.</param>
public sealed record PlacedUnit(string Unit, string Session, bool Pinned, IReadOnlyList<NotThere> Why);

/// <summary>The plan that a programme has, held to its rules as they are now.</summary>
/// <param name="Sessions">Sessions with their units; empty sessions too.</param>
/// <param name="Missing">Units that stand in no session.</param>
/// <param name="Faults">Rules that do not hold.</param>
/// <param name="Broken">Wishes that do not hold.</param>
/// <param name="Measure">Null while units are missing.</param>
public sealed record SequenceReading(
    IReadOnlyList<PlannedSession> Sessions,
    IReadOnlyList<PlacedUnit> Units,
    IReadOnlyList<string> Missing,
    IReadOnlyList<SaidRule> Faults,
    IReadOnlyList<SaidRule> Broken,
    PlanMeasure? Measure,
    IReadOnlyList<IReadOnlyList<string>> Circles,
    IReadOnlyList<string> CriticalPath
)
{
    /// <param name="programme">A programme without issues.</param>
    public static SequenceReading Of(ProgrammeDocument programme, IReadOnlyDictionary<string, TaughtTechnique> techniques)
    {
        ArgumentNullException.ThrowIfNull(programme);
        var problem = SequenceProblem.Of(programme, techniques);
        var bare = SequencePlan.No(problem, [], []);
        var placed = Placed(programme, problem);
        var missing = problem.Units.Where(u => placed[u.Place] < 0).Select(u => u.Id).ToList();
        if (missing.Count > 0 || problem.Units.Count == 0 || bare.Circles.Count > 0)
            return new([], [], missing, [], [], null, bare.Circles, bare.CriticalPath);
        var faults = SequenceCheck.Faults(problem, placed);
        return new(
            SequencePlan.Laid(problem, placed),
            [
                .. problem.Units.Select(u => new PlacedUnit(
                    u.Id,
                    problem.Sessions[placed[u.Place]].Id,
                    (programme.Fixed ?? []).Any(f => f.Unit == u.Id),
                    SequenceCheck.Why(problem, placed, u.Place)
                )),
            ],
            [],
            [.. faults.Select(SequencePlan.Said).DistinctBy(f => (f.Id, f.Says))],
            [.. problem.Wishes.Where(w => !w.Rule.Holds(problem, placed)).Select(w => SequencePlan.Said(w.Rule))],
            PlanMeasure.Of(problem, placed),
            bare.Circles,
            bare.CriticalPath
        );
    }

    /// <summary>By unit the session of the programme's plan, -1 for none.</summary>
    public static int[] Placed(ProgrammeDocument programme, SequenceProblem problem)
    {
        ArgumentNullException.ThrowIfNull(programme);
        ArgumentNullException.ThrowIfNull(problem);
        var session = problem.Sessions.Select((s, i) => (s.Id, i)).ToDictionary(x => x.Id, x => x.i, StringComparer.Ordinal);
        var of = (programme.Plan ?? []).DistinctBy(p => p.Unit).ToDictionary(p => p.Unit, p => p.Session, StringComparer.Ordinal);
        return [.. problem.Units.Select(u => of.TryGetValue(u.Id, out var s) ? session.GetValueOrDefault(s, -1) : -1)];
    }
}
