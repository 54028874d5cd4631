using Dapper;
using Npgsql;
using Wexis.Core.Routines;

namespace Wexis.Data.Routines;

public sealed record StoredRoutine(RoutineId RoutineId, int Edition, int Version, bool Frozen, RoutineDocument Body);

/// <summary>A routine as the list shows it, without reading its parts.</summary>
/// <param name="Seconds">As it stands, changes between parts included.</param>
/// <param name="Remarks">What is to be said of its order.</param>
public sealed record RoutineLine(RoutineId Id, int Edition, string Name, int Seconds, int Remarks);

/// <summary>A routine to be added.</summary>
public sealed record NewRoutine(RoutineId Id, RoutineDocument Body, int Seconds, int Remarks);

/// <summary>Routines and their editions.</summary>
public sealed class RoutineStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public RoutineId RoutineId { get; init; }
        public int Edition { get; init; }
        public int Version { get; init; }
        public bool Frozen { get; init; }
        public string Body { get; init; } = "";

        public StoredRoutine ToRoutine() => new(RoutineId, Edition, Version, Frozen, StoredBody.Read<RoutineDocument>(Body));
    }

    private sealed class LineRow
    {
        public RoutineId Id { get; init; }
        public int Edition { get; init; }
        public string Name { get; init; } = "";
        public int Seconds { get; init; }
        public int Remarks { get; init; }
    }

    private const string OfNewest = """
         FROM routines.routine r JOIN routines.edition e USING (routine_id)
         WHERE e.edition = (SELECT max(n.edition) FROM routines.edition n WHERE n.routine_id = r.routine_id)
        """;

    public async Task<IReadOnlyList<RoutineLine>> Lines(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<LineRow>(
                    "SELECT r.routine_id AS id, e.edition, e.name, e.seconds, e.remarks" + OfNewest + " AND r.away IS NULL ORDER BY e.name"
                )
            ).Select(l => new RoutineLine(l.Id, l.Edition, l.Name, l.Seconds, l.Remarks)),
        ];
    }

    /// <summary>Remarks on the order of all routines together, without reading one.</summary>
    public async Task<int> Remarks(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteScalarAsync<int>("SELECT coalesce(sum(e.remarks), 0)::int" + OfNewest + " AND r.away IS NULL");
    }

    /// <summary>The newest edition; null when there is none, or it was deleted.</summary>
    public async Task<StoredRoutine?> ById(RoutineId id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QuerySingleOrDefaultAsync<Row>(
                "SELECT r.routine_id, e.edition, e.version, e.frozen_at IS NOT NULL AS frozen, e.body::text AS body"
                    + OfNewest
                    + " AND r.routine_id = @id AND r.away IS DISTINCT FROM 'deleted'",
                new { id }
            )
        )?.ToRoutine();
    }

    /// <summary>One edition; null when there is none.</summary>
    public async Task<StoredRoutine?> Edition(RoutineId id, int edition, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QuerySingleOrDefaultAsync<Row>(
                """
                SELECT routine_id, edition, version, frozen_at IS NOT NULL AS frozen, body::text AS body
                  FROM routines.edition WHERE routine_id = @id AND edition = @edition
                """,
                new { id, edition }
            )
        )?.ToRoutine();
    }

    /// <summary>Techniques of the newest editions, in their order, by the id of the routine; what was deleted is not there.</summary>
    public async Task<IReadOnlyDictionary<RoutineId, IReadOnlyList<string>>> TechniquesOf(
        IReadOnlyCollection<RoutineId> ids,
        CancellationToken ct
    )
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var rows = await c.QueryAsync<Row>(
            "SELECT r.routine_id, e.edition, e.version, e.frozen_at IS NOT NULL AS frozen, e.body::text AS body"
                + OfNewest
                + " AND r.routine_id = any(@ids) AND r.away IS DISTINCT FROM 'deleted'",
            new { ids = ids.ToArray() }
        );
        return rows.Select(r => r.ToRoutine())
            .ToDictionary(
                r => r.RoutineId,
                r => (IReadOnlyList<string>)[.. r.Body.AllParts.Select(p => p.Technique).OfType<string>().Distinct(StringComparer.Ordinal)]
            );
    }

    /// <summary>Adds a routine. The same sent twice is added once.</summary>
    public Task<AddOutcome> Add(
        RoutineId id,
        RoutineDocument body,
        int seconds,
        int remarks,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    ) => Add([new(id, body, seconds, remarks)], by, now, ct);

    /// <summary>Adds all of them or none. The same sent twice are added once.</summary>
    public async Task<AddOutcome> Add(IReadOnlyList<NewRoutine> routines, PersonId by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(routines);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        foreach (var r in routines)
        {
            var values = Values(r.Id, 1, r.Body, r.Seconds, r.Remarks, by, now);
            if (await c.ExecuteAsync("INSERT INTO routines.routine (routine_id) VALUES (@id) ON CONFLICT DO NOTHING", values, t) == 1)
                await c.ExecuteAsync(Insert, values, t);
            else if (!await c.ExecuteScalarAsync<bool>(SameFirst, values, t))
                return AddOutcome.Clash;
        }
        await t.CommitAsync(ct);
        return AddOutcome.Added;
    }

    private const string SameFirst =
        "SELECT EXISTS (SELECT 1 FROM routines.edition WHERE routine_id = @id AND edition = 1 AND body = @body::jsonb "
        + "AND changed_by = @by)";

    /// <summary>Saves when nobody saved since <paramref name="version"/> was read; over a frozen edition the next one is made.</summary>
    public async Task<Saved> Save(
        RoutineId id,
        int edition,
        int version,
        RoutineDocument body,
        int seconds,
        int remarks,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(body);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var saved = await Routines.Save(c, t, id.Value, edition, version, n => Values(id, n, body, seconds, remarks, by, now));
        if (saved.Outcome == SaveOutcome.Saved)
            await t.CommitAsync(ct);
        return saved;
    }

    private static object Values(
        RoutineId id,
        int number,
        RoutineDocument body,
        int seconds,
        int remarks,
        PersonId by,
        DateTimeOffset now
    ) =>
        new
        {
            id,
            number,
            name = body.Name,
            body = StoredBody.Write(body),
            seconds,
            remarks,
            by,
            now = now.ToUniversalTime(),
        };

    private const string Insert = """
        INSERT INTO routines.edition (routine_id, edition, name, body, seconds, remarks, changed_by, changed_at)
        VALUES (@id, @number, @name, @body::jsonb, @seconds, @remarks, @by, @now)
        """;

    private static readonly VersionedDocument Routines = new(
        "SELECT routine_id FROM routines.routine WHERE routine_id = @id AND away IS DISTINCT FROM 'deleted' FOR UPDATE",
        """
        SELECT edition AS number, version, frozen_at IS NOT NULL AS kept, body = @body::jsonb AND changed_by = @by AS mine
          FROM routines.edition WHERE routine_id = @id ORDER BY edition DESC LIMIT 1
        """,
        """
        UPDATE routines.edition
           SET version = version + 1, name = @name, body = @body::jsonb, seconds = @seconds, remarks = @remarks,
               changed_by = @by, changed_at = @now
         WHERE routine_id = @id AND edition = @number
        """,
        Insert
    );
}
