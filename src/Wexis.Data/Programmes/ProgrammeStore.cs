using Dapper;
using Npgsql;
using Wexis.Core.Programmes;

namespace Wexis.Data.Programmes;

public sealed record StoredProgramme(Guid ProgrammeId, int Version, string Name, ProgrammeDocument Body, int Gaps);

public sealed class ProgrammeStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public Guid ProgrammeId { get; init; }
        public int Version { get; init; }
        public string Name { get; init; } = "";
        public string Body { get; init; } = "";
        public int Gaps { get; init; }
        public StoredProgramme ToProgramme() => new(ProgrammeId, Version, Name, WexisJson.Read<ProgrammeDocument>(Body), Gaps);
    }

    private const string Select = "SELECT programme_id, version, name, body::text AS body, gaps FROM programmes.programme";

    public async Task<IReadOnlyList<StoredProgramme>> All(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<Row>(Select + " ORDER BY name")).Select(r => r.ToProgramme())];
    }

    public async Task<StoredProgramme?> ById(Guid id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (await c.QuerySingleOrDefaultAsync<Row>(Select + " WHERE programme_id = @id", new { id }))?.ToProgramme();
    }

    public async Task Add(Guid id, ProgrammeDocument body, int gaps, Guid by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(body);
        await using var c = await source.OpenConnectionAsync(ct);
        await c.ExecuteAsync("INSERT INTO programmes.programme (programme_id, name, body, gaps, changed_by, changed_at) VALUES (@id, @name, @body::jsonb, @gaps, @by, @now)",
            new { id, name = body.Name, body = WexisJson.Write(body), gaps, by, now = now.ToUniversalTime() });
    }

    /// <summary>Saves when nobody saved since <paramref name="version"/> was read.</summary>
    public async Task<SaveOutcome> Save(Guid id, int version, ProgrammeDocument body, int gaps, Guid by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(body);
        await using var c = await source.OpenConnectionAsync(ct);
        var changed = await c.ExecuteAsync("UPDATE programmes.programme SET version = version + 1, name = @name, body = @body::jsonb, gaps = @gaps, changed_by = @by, changed_at = @now WHERE programme_id = @id AND version = @version",
            new { id, version, name = body.Name, body = WexisJson.Write(body), gaps, by, now = now.ToUniversalTime() });
        if (changed == 1) return SaveOutcome.Saved;
        return await c.ExecuteScalarAsync<bool>("SELECT EXISTS (SELECT 1 FROM programmes.programme WHERE programme_id = @id)", new { id }) ? SaveOutcome.Stale : SaveOutcome.NotThere;
    }
}
