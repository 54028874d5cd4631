using Dapper;
using Npgsql;
using Wexis.Core.Programmes;

namespace Wexis.Data.Programmes;

/// <summary>How a cohort is opened, who joins it, and what it takes.</summary>
public sealed partial class CohortStore
{
    /// <summary>
    /// Opens a cohort and takes an edition of each technique for it. The same sent twice is opened once; taken when the programme has one
    /// of that name.
    /// </summary>
    public async Task<AddOutcome> Open(
        CohortId id,
        ProgrammeId programme,
        string name,
        IReadOnlyCollection<PersonId> members,
        IReadOnlyCollection<TeachingEdition> editions,
        IReadOnlyCollection<TeachingRoutine> routines,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var edition = await CohortTaking.Freeze(c, t, programme, now);
        var opened = await c.ExecuteAsync(
            """
            INSERT INTO programmes.cohort (cohort_id, programme_id, programme_edition, name, opened_by, opened_at)
            VALUES (@id, @programme, @edition, @name, @by, @now) ON CONFLICT DO NOTHING
            """,
            new
            {
                id,
                programme,
                edition,
                name = name.Trim(),
                by,
                now = now.ToUniversalTime(),
            },
            t
        );
        if (opened == 0)
        {
            var same = await c.ExecuteScalarAsync<bool?>(
                "SELECT programme_id = @programme AND name = @name AND opened_by = @by FROM programmes.cohort WHERE cohort_id = @id",
                new
                {
                    id,
                    programme,
                    name = name.Trim(),
                    by,
                },
                t
            );
            return same switch
            {
                true => AddOutcome.Added,
                false => AddOutcome.Clash,
                null => AddOutcome.Taken,
            };
        }
        await CohortTaking.SetMembers(c, t, id, members);
        await CohortTaking.Take(c, t, id, editions, by, now);
        await CohortTaking.TakeRoutines(c, t, id, routines, by, now);
        await t.CommitAsync(ct);
        return AddOutcome.Added;
    }

    /// <summary>Sets who is in a cohort, in place of those who were seen in it; false when somebody else changed them meanwhile.</summary>
    public async Task<bool> SetMembers(
        CohortId id,
        IReadOnlyCollection<PersonId> members,
        IReadOnlyCollection<PersonId> seen,
        CancellationToken ct
    )
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        await c.ExecuteAsync("SELECT 1 FROM programmes.cohort WHERE cohort_id = @id FOR UPDATE", new { id }, t);
        var now = (
            await c.QueryAsync<PersonId>("SELECT person_id FROM programmes.cohort_member WHERE cohort_id = @id", new { id }, t)
        ).ToHashSet();
        if (now.SetEquals(members))
            return true;
        if (!now.SetEquals(seen))
            return false;
        await CohortTaking.SetMembers(c, t, id, members);
        await t.CommitAsync(ct);
        return true;
    }

    /// <summary>Takes editions for a cohort from now on, and freezes them.</summary>
    public Task Take(CohortId id, IReadOnlyCollection<TeachingEdition> editions, PersonId by, DateTimeOffset now, CancellationToken ct) =>
        Whole((c, t) => CohortTaking.Take(c, t, id, editions, by, now), ct);

    /// <summary>Takes editions of routines for a cohort from now on, and freezes them.</summary>
    public Task TakeRoutines(
        CohortId id,
        IReadOnlyCollection<TeachingRoutine> routines,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    ) => Whole((c, t) => CohortTaking.TakeRoutines(c, t, id, routines, by, now), ct);

    /// <summary>All of it or nothing.</summary>
    private async Task Whole(Func<NpgsqlConnection, NpgsqlTransaction, Task> work, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        await work(c, t);
        await t.CommitAsync(ct);
    }
}
