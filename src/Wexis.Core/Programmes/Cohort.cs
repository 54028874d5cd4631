using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Programmes;

/// <summary>A cohort as typed: a name that its people will know, and who is in it (may be empty: people come later).</summary>
/// <param name="Seen">Who was in it when the change was begun; only for a change.</param>
public sealed record CohortDraft(string? Name, IReadOnlyList<PersonId>? Members, IReadOnlyList<PersonId>? Seen = null)
{
    /// <param name="trainees">Ids of the people who may be in a cohort.</param>
    public IReadOnlyList<Issue> Issues(IReadOnlySet<PersonId> trainees)
    {
        ArgumentNullException.ThrowIfNull(trainees);
        return
        [
            .. new[]
            {
                Check.Given(Name, "name", "what the cohort is called, such as “Autumn 2026”"),
                Check.NoLongerThan(Name, 80, "name"),
            }.OfType<Issue>(),
            .. (Members ?? [])
                .Select(
                    (m, i) =>
                        trainees.Contains(m) ? null : new Issue($"members[{i}]", IssueCodes.Unknown, $"{m}", "a trainee of your studio")
                )
                .OfType<Issue>(),
        ];
    }
}

/// <summary>One edition of a technique, as far as teaching it goes.</summary>
/// <param name="Standing">How the edition stands now; see <see cref="EditionStanding"/>.</param>
public sealed record TeachingEdition(string Code, TechniqueId TechniqueId, string Name, int Edition, EditionStanding Standing);

/// <summary>A technique of a cohort: the edition it is taught from, and the one that would be taken today.</summary>
/// <param name="Module">Name of the module that teaches it; null when the programme no longer does.</param>
/// <param name="Taught">Edition this cohort is taught; null while none was taken.</param>
/// <param name="Offered">Newest approved edition, or the newest that may be taught while none is approved; null when there is none.</param>
/// <param name="MayMoveOn">Whether the trainer has an edition to take, or to leave: never done by itself.</param>
/// <param name="CallsForDecision">Whether the trainer has something to decide, be it only what else to teach.</param>
public sealed record CohortTechnique(
    string? Module,
    string Code,
    TechniqueId? TechniqueId,
    string Name,
    int? Taught,
    int? Offered,
    CohortState State,
    string Says,
    bool CallsForDecision,
    bool MayMoveOn
);

/// <summary>How the edition that a cohort is taught stands to what is offered today.</summary>
[ClosedList]
public enum CohortState
{
    AsTaught,
    Newer,
    ToTake,
    NotTeachable,
    NoLonger,
    OutOfUse,
}

/// <summary>
/// What a cohort is taught from. An edition that was taken for a cohort stays its edition, and is frozen, until its trainer moves on;
/// what changed since is said, never done by itself.
/// </summary>
public static class CohortReview
{
    /// <param name="taught">The edition last taken for each technique, by code.</param>
    /// <param name="offered">The edition that would be taken today, by code.</param>
    /// <param name="names">Names of techniques that have nothing to offer, by code.</param>
    public static IReadOnlyList<CohortTechnique> Of(
        ProgrammeDocument programme,
        IReadOnlyDictionary<string, TeachingEdition> taught,
        IReadOnlyDictionary<string, TeachingEdition> offered,
        IReadOnlyDictionary<string, string> names
    )
    {
        ArgumentNullException.ThrowIfNull(programme);
        ArgumentNullException.ThrowIfNull(taught);
        ArgumentNullException.ThrowIfNull(offered);
        ArgumentNullException.ThrowIfNull(names);
        var inOrder = programme
            .Columns.SelectMany(c => c.Techniques.Select(code => (Module: (string?)c.Name, Code: code)))
            .DistinctBy(x => x.Code)
            .ToList();
        var gone = taught
            .Keys.Except(inOrder.Select(x => x.Code), StringComparer.Ordinal)
            .Order(StringComparer.Ordinal)
            .Select(code => (Module: (string?)null, Code: code));
        return
        [
            .. inOrder
                .Concat(gone)
                .Select(x =>
                    Line(
                        x.Module,
                        x.Code,
                        taught.GetValueOrDefault(x.Code),
                        offered.GetValueOrDefault(x.Code),
                        names.GetValueOrDefault(x.Code, x.Code)
                    )
                ),
        ];
    }

    private static CohortTechnique Line(string? module, string code, TeachingEdition? taught, TeachingEdition? offered, string name)
    {
        var (state, says) = (module, taught, offered) switch
        {
            (null, { } t, _) => (CohortState.NoLonger, $"No longer in the programme; taught from edition {t.Edition}."),
            (_, null, null) => (
                CohortState.NotTeachable,
                "None of its editions may be taught: finish the draft, or remove it from the programme."
            ),
            (_, null, { } o) => (CohortState.ToTake, $"In the programme since, not taken for this cohort yet: edition {o.Edition} may be."),
            (_, { Standing: EditionStanding.Retired } t, null) => (
                CohortState.OutOfUse,
                $"Edition {t.Edition} was taken out of use, and no other may be taught."
            ),
            (_, { Standing: EditionStanding.Retired } t, { } o) => (
                CohortState.OutOfUse,
                $"Edition {t.Edition} was taken out of use; edition {o.Edition} may be taught."
            ),
            (_, { } t, { } o) when o.Edition > t.Edition => (
                CohortState.Newer,
                $"Taught from edition {t.Edition}; edition {o.Edition} is "
                    + $"{(o.Standing == EditionStanding.Approved ? "approved" : "ready")} since."
            ),
            (_, { } t, _) => (CohortState.AsTaught, $"Taught from edition {t.Edition}."),
        };
        var decide = state is CohortState.Newer or CohortState.ToTake or CohortState.OutOfUse;
        return new(
            module,
            code,
            taught?.TechniqueId ?? offered?.TechniqueId,
            taught?.Name ?? offered?.Name ?? name,
            taught?.Edition,
            offered?.Edition,
            state,
            says,
            decide,
            offered is not null && decide
        );
    }
}
