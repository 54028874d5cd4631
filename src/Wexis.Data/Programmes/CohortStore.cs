using Dapper;
using Npgsql;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Core.Routines;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;

namespace Wexis.Data.Programmes;

public sealed record CohortMember(PersonId Id, string Name);

public sealed record StoredCohort(
    CohortId CohortId,
    ProgrammeId ProgrammeId,
    string Name,
    DateTimeOffset OpenedAt,
    string OpenedBy,
    IReadOnlyList<CohortMember> Members,
    IReadOnlyList<TeachingEdition> Taught,
    int ProgrammeEdition,
    ProgrammeDocument Programme,
    IReadOnlyList<TeachingRoutine> Routines
);

/// <summary>Cohorts, who is in them, and the editions that were taken for them.</summary>
public sealed partial class CohortStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public CohortId CohortId { get; init; }
        public ProgrammeId ProgrammeId { get; init; }
        public string Name { get; init; } = "";
        public DateTimeOffset OpenedAt { get; init; }
        public string OpenedBy { get; init; } = "";
        public int ProgrammeEdition { get; init; }
        public string Body { get; init; } = "";
    }

    private sealed class RoutineRow
    {
        public CohortId CohortId { get; init; }
        public RoutineId RoutineId { get; init; }
        public int Edition { get; init; }
        public string Body { get; init; } = "";

        public TeachingRoutine ToRoutine()
        {
            var routine = StoredBody.Read<RoutineDocument>(Body);
            return new(
                RoutineId,
                routine.Name ?? "",
                Edition,
                [
                    .. routine
                        .AllParts.Where(p => p is { Technique: not null, Edition: not null })
                        .Select(p => new RoutinePin(p.Technique!, p.Edition!.Value)),
                ]
            );
        }
    }

    private sealed class MemberRow
    {
        public CohortId CohortId { get; init; }
        public PersonId Id { get; init; }
        public string Name { get; init; } = "";
    }

    private sealed class EditionRow
    {
        public CohortId CohortId { get; init; }
        public string Code { get; init; } = "";
        public TechniqueId TechniqueId { get; init; }
        public string Name { get; init; } = "";
        public int Edition { get; init; }
        public string Standing { get; init; } = "";
        public string? Review { get; init; }

        public TeachingEdition ToEdition() => new(Code, TechniqueId, Name, Edition, EditionReview.Of(Standing, Review));
    }

    public Task<IReadOnlyList<StoredCohort>> OfProgramme(ProgrammeId programme, CancellationToken ct) =>
        Where("c.programme_id = @id", programme.Value, ct);

    public async Task<StoredCohort?> ById(CohortId id, CancellationToken ct) =>
        (await Where("c.cohort_id = @id", id.Value, ct)).SingleOrDefault();

    private async Task<IReadOnlyList<StoredCohort>> Where(string which, Guid id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var cohorts = (
            await c.QueryAsync<Row>(
                "SELECT c.cohort_id, c.programme_id, c.name, c.opened_at, p.name AS opened_by, c.programme_edition, "
                    + "e.body::text AS body FROM programmes.cohort c JOIN people.person p ON p.person_id = c.opened_by "
                    + $"JOIN programmes.edition e ON e.programme_id = c.programme_id AND e.edition = c.programme_edition WHERE {which} "
                    + "ORDER BY c.opened_at DESC",
                new { id }
            )
        ).ToList();
        var ids = cohorts.Select(x => x.CohortId).ToArray();
        var members = (
            await c.QueryAsync<MemberRow>(
                "SELECT m.cohort_id, p.person_id AS id, p.name FROM programmes.cohort_member m "
                    + "JOIN people.person p USING (person_id) WHERE m.cohort_id = any(@ids) ORDER BY p.name",
                new { ids }
            )
        ).ToLookup(m => m.CohortId);
        var editions = (
            await c.QueryAsync<EditionRow>(
                """
                SELECT DISTINCT ON (x.cohort_id, x.technique_id) x.cohort_id, t.code, x.technique_id, e.name, x.edition, e.standing,
                    e.review FROM programmes.cohort_edition x
                  JOIN techniques.technique t USING (technique_id)
                  JOIN techniques.edition e USING (technique_id, edition)
                 WHERE x.cohort_id = any(@ids)
                 ORDER BY x.cohort_id, x.technique_id, x.taken_at DESC
                """,
                new { ids }
            )
        ).ToLookup(e => e.CohortId);
        var routines = (
            await c.QueryAsync<RoutineRow>(
                """
                SELECT DISTINCT ON (x.cohort_id, x.routine_id) x.cohort_id, x.routine_id, x.edition, e.body::text AS body
                  FROM programmes.cohort_routine x
                  JOIN routines.edition e USING (routine_id, edition)
                 WHERE x.cohort_id = any(@ids)
                 ORDER BY x.cohort_id, x.routine_id, x.taken_at DESC
                """,
                new { ids }
            )
        ).ToLookup(e => e.CohortId);
        return
        [
            .. cohorts.Select(x => new StoredCohort(
                x.CohortId,
                x.ProgrammeId,
                x.Name,
                x.OpenedAt,
                x.OpenedBy,
                [.. members[x.CohortId].Select(m => new CohortMember(m.Id, m.Name))],
                [.. editions[x.CohortId].Select(e => e.ToEdition())],
                x.ProgrammeEdition,
                StoredBody.Read<ProgrammeDocument>(x.Body),
                [.. routines[x.CohortId].Select(r => r.ToRoutine())]
            )),
        ];
    }

    /// <summary>The newest edition of each of these routines; what was deleted is not there.</summary>
    public async Task<IReadOnlyList<TeachingRoutine>> OfferedRoutines(ProgrammeDocument programme, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(programme);
        var ids = programme.AllUnits.SelectMany(u => u.AllRoutines).Select(RoutineId.Of).OfType<RoutineId>().Distinct().ToArray();
        if (ids.Length == 0)
            return [];
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<RoutineRow>(
                    """
                    SELECT DISTINCT ON (r.routine_id) r.routine_id, e.edition, e.body::text AS body
                      FROM routines.routine r JOIN routines.edition e USING (routine_id)
                     WHERE r.routine_id = any(@ids) AND r.away IS DISTINCT FROM 'deleted' ORDER BY r.routine_id, e.edition DESC
                    """,
                    new { ids }
                )
            ).Select(r => r.ToRoutine()),
        ];
    }

    /// <summary>The edition of a routine that this person is taught; null when none of their cohorts is taught it.</summary>
    public async Task<int?> RoutineTaughtTo(PersonId person, RoutineId routine, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.QuerySingleOrDefaultAsync<int?>(
            """
            SELECT x.edition
              FROM programmes.cohort_member m
              JOIN programmes.cohort c USING (cohort_id)
              JOIN programmes.cohort_routine x USING (cohort_id)
             WHERE m.person_id = @person AND x.routine_id = @routine
             ORDER BY c.opened_at DESC, x.taken_at DESC LIMIT 1
            """,
            new { person, routine }
        );
    }

    /// <summary>Lets a cohort run on the programme as it is now, and freezes that edition; false when the cohort is not there.</summary>
    public async Task<bool> RunOnNewest(CohortId id, DateTimeOffset now, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var programme = await c.ExecuteScalarAsync<ProgrammeId?>(
            "SELECT programme_id FROM programmes.cohort WHERE cohort_id = @id FOR UPDATE",
            new { id },
            t
        );
        if (programme is null)
            return false;
        var edition = await CohortTaking.Freeze(c, t, programme.Value, now);
        await c.ExecuteAsync("UPDATE programmes.cohort SET programme_edition = @edition WHERE cohort_id = @id", new { id, edition }, t);
        await t.CommitAsync(ct);
        return true;
    }

    /// <summary>
    /// The edition of each technique that a cohort would be taught from today: the newest approved, or the newest complete while none is
    /// approved.
    /// </summary>
    public async Task<IReadOnlyList<TeachingEdition>> Offered(IReadOnlyCollection<string> codes, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<EditionRow>(
                    """
                    SELECT DISTINCT ON (t.code) t.code, t.technique_id, e.name, e.edition, e.standing, e.review
                      FROM techniques.technique t
                      JOIN techniques.edition e USING (technique_id)
                     WHERE t.code = any(@codes) AND e.standing = 'complete' AND e.review IS DISTINCT FROM 'retired'
                     ORDER BY t.code, coalesce(e.review = 'approved', false) DESC, e.edition DESC
                    """,
                    new { codes = codes.ToArray() }
                )
            ).Select(r => r.ToEdition()),
        ];
    }

    private sealed class LessonRow
    {
        public CohortId CohortId { get; init; }
        public string Code { get; init; } = "";
        public TechniqueId TechniqueId { get; init; }
        public int Edition { get; init; }
        public string Name { get; init; } = "";
        public string Standing { get; init; } = "";
        public string? Review { get; init; }
        public string Derived { get; init; } = "";
        public DateTimeOffset TakenAt { get; init; }

        public TaughtLesson ToLesson()
        {
            var brief = ExchangeJson.Read<TechniqueBrief>(Derived);
            return new(Code, TechniqueId, Edition, Name, EditionReview.Of(Standing, Review), brief.Seconds, brief.Primary, TakenAt);
        }
    }

    /// <summary>What the cohorts of a person are taught, by the id of the cohort, the one opened last first.</summary>
    public async Task<IReadOnlyList<(StoredCohort Cohort, IReadOnlyList<TaughtLesson> Taught)>> LessonsOf(
        PersonId person,
        CancellationToken ct
    )
    {
        var cohorts = await Where(
            "c.cohort_id IN (SELECT cohort_id FROM programmes.cohort_member WHERE person_id = @id)",
            person.Value,
            ct
        );
        await using var c = await source.OpenConnectionAsync(ct);
        var taught = (
            await c.QueryAsync<LessonRow>(
                """
                SELECT DISTINCT ON (x.cohort_id, x.technique_id) x.cohort_id, t.code, x.technique_id, x.edition, e.name, e.standing,
                    e.review, e.derived::text AS derived, x.taken_at
                  FROM programmes.cohort_edition x
                  JOIN techniques.technique t USING (technique_id)
                  JOIN techniques.edition e USING (technique_id, edition)
                 WHERE x.cohort_id = any(@ids)
                 ORDER BY x.cohort_id, x.technique_id, x.taken_at DESC
                """,
                new { ids = cohorts.Select(x => x.CohortId).ToArray() }
            )
        ).ToLookup(r => r.CohortId, r => r.ToLesson());
        return [.. cohorts.Select(x => (x, (IReadOnlyList<TaughtLesson>)[.. taught[x.CohortId]]))];
    }

    /// <summary>
    /// The edition that this person is taught, by the cohort opened last of those they are in; null when none of them is taught it.
    /// </summary>
    public async Task<int?> EditionTaughtTo(PersonId person, TechniqueId technique, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.QuerySingleOrDefaultAsync<int?>(
            """
            SELECT x.edition
              FROM programmes.cohort_member m
              JOIN programmes.cohort c USING (cohort_id)
              JOIN programmes.cohort_edition x USING (cohort_id)
             WHERE m.person_id = @person AND x.technique_id = @technique
             ORDER BY c.opened_at DESC, x.taken_at DESC LIMIT 1
            """,
            new { person, technique }
        );
    }
}
