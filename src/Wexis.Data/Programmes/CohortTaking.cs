using Dapper;
using Npgsql;
using Wexis.Core.Programmes;

namespace Wexis.Data.Programmes;

/// <summary>What is taken for a cohort, within a transaction of its store: only ever added to, and frozen from then on.</summary>
internal static class CohortTaking
{
    /// <summary>The edition of a programme as it stands, kept from now on.</summary>
    public static async Task<int> Freeze(NpgsqlConnection c, NpgsqlTransaction t, ProgrammeId programme, DateTimeOffset now)
    {
        await c.ExecuteAsync(
            """
            INSERT INTO programmes.edition (programme_id, edition, body, taken_at)
            SELECT programme_id, edition, body, @now FROM programmes.programme WHERE programme_id = @programme FOR UPDATE
            ON CONFLICT DO NOTHING
            """,
            new { programme, now = now.ToUniversalTime() },
            t
        );
        return await c.ExecuteScalarAsync<int>(
            "SELECT edition FROM programmes.programme WHERE programme_id = @programme",
            new { programme },
            t
        );
    }

    public static async Task TakeRoutines(
        NpgsqlConnection c,
        NpgsqlTransaction t,
        CohortId id,
        IReadOnlyCollection<TeachingRoutine> routines,
        PersonId by,
        DateTimeOffset now
    )
    {
        var values = new
        {
            id,
            ids = routines.Select(r => r.RoutineId).ToArray(),
            numbers = routines.Select(r => r.Edition).ToArray(),
            by,
            now = now.ToUniversalTime(),
        };
        await c.ExecuteAsync(
            """
            INSERT INTO programmes.cohort_routine (cohort_id, routine_id, edition, taken_by, taken_at)
            SELECT @id, x.routine_id, x.edition, @by, @now FROM unnest(@ids, @numbers) AS x (routine_id, edition)
            """,
            values,
            t
        );
        await c.ExecuteAsync(
            """
            UPDATE routines.edition e SET frozen_at = @now
              FROM unnest(@ids, @numbers) AS x (routine_id, edition)
             WHERE e.routine_id = x.routine_id AND e.edition = x.edition AND e.frozen_at IS NULL
            """,
            values,
            t
        );
    }

    public static async Task SetMembers(NpgsqlConnection c, NpgsqlTransaction t, CohortId id, IReadOnlyCollection<PersonId> members)
    {
        await c.ExecuteAsync("DELETE FROM programmes.cohort_member WHERE cohort_id = @id", new { id }, t);
        await c.ExecuteAsync(
            "INSERT INTO programmes.cohort_member (cohort_id, person_id) SELECT @id, unnest(@members)",
            new { id, members = members.Distinct().ToArray() },
            t
        );
    }

    public static async Task Take(
        NpgsqlConnection c,
        NpgsqlTransaction t,
        CohortId id,
        IReadOnlyCollection<TeachingEdition> editions,
        PersonId by,
        DateTimeOffset now
    )
    {
        var values = new
        {
            id,
            techniques = editions.Select(e => e.TechniqueId).ToArray(),
            numbers = editions.Select(e => e.Edition).ToArray(),
            by,
            now = now.ToUniversalTime(),
        };
        await c.ExecuteAsync(
            """
            INSERT INTO programmes.cohort_edition (cohort_id, technique_id, edition, taken_by, taken_at)
            SELECT @id, x.technique_id, x.edition, @by, @now FROM unnest(@techniques, @numbers) AS x (technique_id, edition)
            """,
            values,
            t
        );
        await c.ExecuteAsync(
            """
            UPDATE techniques.edition e SET frozen_at = @now
              FROM unnest(@techniques, @numbers) AS x (technique_id, edition)
             WHERE e.technique_id = x.technique_id AND e.edition = x.edition AND e.frozen_at IS NULL
            """,
            values,
            t
        );
    }
}
