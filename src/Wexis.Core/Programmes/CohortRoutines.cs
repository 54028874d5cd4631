namespace Wexis.Core.Programmes;

/// <summary>An edition of a technique that a routine is built on.</summary>
public sealed record RoutinePin(string Technique, int Edition);

/// <summary>One edition of a routine, as far as teaching it goes.</summary>
/// <param name="Pins">The editions of techniques that it is built on.</param>
public sealed record TeachingRoutine(RoutineId RoutineId, string Name, int Edition, IReadOnlyList<RoutinePin> Pins);

/// <summary>A routine of a cohort: the edition it is taught from, and the one that would be taken today.</summary>
/// <param name="Module">Name of the module that teaches it; null when the programme no longer does.</param>
/// <param name="Taught">Edition this cohort is taught; null while none was taken.</param>
/// <param name="Offered">The newest edition; null when there is none any more.</param>
/// <param name="Mismatches">Techniques that this cohort is taught from another edition than the routine is built on, in sentences.</param>
/// <param name="MayMoveOn">Whether there is an edition to take.</param>
public sealed record CohortRoutine(
    string? Module,
    RoutineId RoutineId,
    string Name,
    int? Taught,
    int? Offered,
    string Says,
    IReadOnlyList<string> Mismatches,
    bool MayMoveOn
);

/// <summary>Which routines a cohort is taught, and whether they go together with the techniques that it is taught.</summary>
public static class CohortRoutines
{
    /// <param name="taught">Editions of routines that were taken.</param>
    /// <param name="offered">Newest editions of routines.</param>
    /// <param name="techniques">Editions of techniques that were taken.</param>
    public static IReadOnlyList<CohortRoutine> Of(
        ProgrammeDocument programme,
        IReadOnlyList<TeachingRoutine> taught,
        IReadOnlyList<TeachingRoutine> offered,
        IReadOnlyList<TeachingEdition> techniques
    )
    {
        ArgumentNullException.ThrowIfNull(programme);
        ArgumentNullException.ThrowIfNull(taught);
        ArgumentNullException.ThrowIfNull(offered);
        var modules = programme.AllModules.ToDictionary(m => m.Id, m => m.Name, StringComparer.Ordinal);
        var named = programme
            .AllUnits.SelectMany(u =>
                u.AllRoutines.Select(RoutineId.Of)
                    .OfType<RoutineId>()
                    .Select(id => (Module: (string?)modules.GetValueOrDefault(u.Module ?? "", u.Name), Id: id))
            )
            .DistinctBy(x => x.Id)
            .ToList();
        var gone = taught.Where(t => named.TrueForAll(n => n.Id != t.RoutineId)).Select(t => (Module: (string?)null, Id: t.RoutineId));
        return
        [
            .. named
                .Concat(gone)
                .Select(x =>
                    Line(
                        x.Module,
                        x.Id,
                        taught.FirstOrDefault(t => t.RoutineId == x.Id),
                        offered.FirstOrDefault(o => o.RoutineId == x.Id),
                        techniques
                    )
                ),
        ];
    }

    private static CohortRoutine Line(
        string? module,
        RoutineId id,
        TeachingRoutine? taught,
        TeachingRoutine? offered,
        IReadOnlyList<TeachingEdition> techniques
    )
    {
        var says = (module, taught, offered) switch
        {
            (null, { } t, _) => $"No longer in the programme; taught from edition {t.Edition}.",
            (_, null, null) => "This routine no longer exists.",
            (_, null, { } o) => $"In the programme since, not taken for this cohort yet: edition {o.Edition} may be.",
            (_, { } t, { } o) when o.Edition > t.Edition => $"Taught from edition {t.Edition}; there is edition {o.Edition} since.",
            (_, { } t, _) => $"Taught from edition {t.Edition}.",
        };
        return new(
            module,
            id,
            (taught ?? offered)?.Name ?? "",
            taught?.Edition,
            offered?.Edition,
            says,
            taught is null ? [] : Mismatches(taught, techniques),
            module is not null && offered is not null && offered.Edition != taught?.Edition
        );
    }

    private static IReadOnlyList<string> Mismatches(TeachingRoutine routine, IReadOnlyList<TeachingEdition> techniques) =>
        [
            .. routine
                .Pins.DistinctBy(p => p.Technique)
                .Select(p => (Pin: p, Taught: techniques.FirstOrDefault(t => t.Code == p.Technique)))
                .Where(x => x.Taught is null || x.Taught.Edition != x.Pin.Edition)
                .Select(x =>
                    x.Taught is null
                        ? $"It has a technique that this cohort is not taught ({x.Pin.Technique})."
                        : $"It is built on edition {x.Pin.Edition} of “{x.Taught.Name}”; this cohort is taught edition {x.Taught.Edition}."
                ),
        ];
}
