using Dapper;
using Npgsql;
using Wexis.Core.Programmes;

namespace Wexis.Data.Programmes;

/// <param name="Edition">Counts up where the one before runs with a cohort.</param>
public sealed record StoredProgramme(ProgrammeId ProgrammeId, int Edition, int Version, string Name, ProgrammeDocument Body, int Gaps);

public sealed class ProgrammeStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public ProgrammeId ProgrammeId { get; init; }
        public int Edition { get; init; }
        public int Version { get; init; }
        public string Name { get; init; } = "";
        public string Body { get; init; } = "";
        public int Gaps { get; init; }

        public StoredProgramme ToProgramme() => new(ProgrammeId, Edition, Version, Name, StoredBody.Read<ProgrammeDocument>(Body), Gaps);
    }

    private const string Select = "SELECT programme_id, edition, version, name, body::text AS body, gaps FROM programmes.programme";

    public async Task<IReadOnlyList<StoredProgramme>> All(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<Row>(Select + " WHERE away IS NULL ORDER BY name")).Select(r => r.ToProgramme())];
    }

    /// <summary>Gaps of all programmes together, without reading one; their list says of which.</summary>
    public async Task<int> Gaps(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteScalarAsync<int>("SELECT coalesce(sum(gaps), 0)::int FROM programmes.programme WHERE away IS NULL");
    }

    public async Task<StoredProgramme?> ById(ProgrammeId id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QuerySingleOrDefaultAsync<Row>(Select + " WHERE programme_id = @id AND away IS DISTINCT FROM 'deleted'", new { id })
        )?.ToProgramme();
    }

    /// <summary>Adds a programme. The same sent twice is added once.</summary>
    public async Task<AddOutcome> Add(
        ProgrammeId id,
        ProgrammeDocument body,
        int gaps,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(body);
        await using var c = await source.OpenConnectionAsync(ct);
        var values = Values(id, body, gaps, by, now);
        var added = await c.ExecuteAsync(
            """
            INSERT INTO programmes.programme (programme_id, name, body, gaps, changed_by, changed_at)
            VALUES (@id, @name, @body::jsonb, @gaps, @by, @now) ON CONFLICT DO NOTHING
            """,
            values
        );
        if (added == 1)
            return AddOutcome.Added;
        var same = await c.ExecuteScalarAsync<bool>(
            "SELECT body = @body::jsonb AND changed_by = @by FROM programmes.programme WHERE programme_id = @id",
            values
        );
        return same ? AddOutcome.Added : AddOutcome.Clash;
    }

    /// <summary>Saves when nobody saved since <paramref name="version"/> was read.</summary>
    public async Task<Saved> Save(
        ProgrammeId id,
        int version,
        ProgrammeDocument body,
        int gaps,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(body);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var saved = await Programmes.Save(c, t, id.Value, 1, version, _ => Values(id, body, gaps, by, now));
        if (saved.Outcome == SaveOutcome.Saved)
            await t.CommitAsync(ct);
        return saved;
    }

    private static object Values(ProgrammeId id, ProgrammeDocument body, int gaps, PersonId by, DateTimeOffset now) =>
        new
        {
            id,
            name = body.Name,
            body = StoredBody.Write(body),
            gaps,
            by,
            now = now.ToUniversalTime(),
        };

    private static readonly VersionedDocument Programmes = new(
        Lock: null,
        """
        SELECT 1 AS number, version, false AS kept, body = @body::jsonb AND changed_by = @by AS mine
          FROM programmes.programme WHERE programme_id = @id AND away IS DISTINCT FROM 'deleted' FOR UPDATE
        """,
        """
        UPDATE programmes.programme
           SET version = version + 1,
               edition = edition + (EXISTS (SELECT 1 FROM programmes.edition e WHERE e.programme_id = @id
                   AND e.edition = programme.edition))::int,
               name = @name, body = @body::jsonb, gaps = @gaps, changed_by = @by, changed_at = @now
         WHERE programme_id = @id
        """,
        Next: null
    );
}
