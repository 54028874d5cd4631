using Dapper;
using Npgsql;
using Wexis.Core.Examinations;

namespace Wexis.Data.Examinations;

public sealed record StoredStation(Guid StationId, Guid ExaminationId, int Place, Guid TechniqueId, int Edition, int Revision, int Version, MarkSheet Sheet, bool Used);
public sealed record StoredExamination(Guid ExaminationId, string Name, Guid? ProgrammeId, IReadOnlyList<StoredStation> Stations);

public sealed class ExaminationStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public Guid ExaminationId { get; init; }
        public string Name { get; init; } = "";
        public Guid? ProgrammeId { get; init; }
    }

    private sealed class StationRow
    {
        public Guid StationId { get; init; }
        public Guid ExaminationId { get; init; }
        public int Place { get; init; }
        public Guid TechniqueId { get; init; }
        public int Edition { get; init; }
        public int Revision { get; init; }
        public int Version { get; init; }
        public string Body { get; init; } = "";
        public bool Used { get; init; }
        public StoredStation ToStation() => new(StationId, ExaminationId, Place, TechniqueId, Edition, Revision, Version, WexisJson.Read<MarkSheet>(Body), Used);
    }

    private const string Stations = """
        SELECT s.station_id, s.examination_id, s.place, s.technique_id, s.edition, r.revision, r.version, r.body::text AS body, r.used_at IS NOT NULL AS used
          FROM examinations.station s
          JOIN examinations.sheet_revision r ON r.station_id = s.station_id
         WHERE r.revision = (SELECT max(n.revision) FROM examinations.sheet_revision n WHERE n.station_id = s.station_id)
        """;

    public async Task<IReadOnlyList<StoredExamination>> All(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var stations = (await c.QueryAsync<StationRow>(Stations + " ORDER BY s.place")).Select(r => r.ToStation()).ToLookup(s => s.ExaminationId);
        return [.. (await c.QueryAsync<Row>("SELECT examination_id, name, programme_id FROM examinations.examination ORDER BY added_at")).Select(e => new StoredExamination(e.ExaminationId, e.Name, e.ProgrammeId, [.. stations[e.ExaminationId]]))];
    }

    public async Task<StoredStation?> Station(Guid id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (await c.QuerySingleOrDefaultAsync<StationRow>(Stations + " AND s.station_id = @id", new { id }))?.ToStation();
    }

    public async Task<MarkSheet?> Revision(Guid station, int revision, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var body = await c.ExecuteScalarAsync<string?>("SELECT body::text FROM examinations.sheet_revision WHERE station_id = @station AND revision = @revision", new { station, revision });
        return body is null ? null : WexisJson.Read<MarkSheet>(body);
    }

    /// <summary>Adds an examination; the same id sent twice is added once.</summary>
    public async Task Add(Guid id, string name, Guid? programme, Guid by, DateTimeOffset now, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await c.ExecuteAsync("INSERT INTO examinations.examination (examination_id, name, programme_id, added_by, added_at) VALUES (@id, @name, @programme, @by, @now) ON CONFLICT (examination_id) DO NOTHING", new { id, name, programme, by, now = now.ToUniversalTime() });
    }

    /// <summary>Adds a station at the end and freezes the edition it examines; false when the examination is not there. The same id sent twice is added once.</summary>
    public async Task<bool> AddStation(Guid id, Guid examination, Guid technique, int edition, MarkSheet sheet, Guid by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(sheet);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        if (await c.ExecuteScalarAsync<Guid?>("SELECT examination_id FROM examinations.examination WHERE examination_id = @examination FOR UPDATE", new { examination }, t) is null) return false;
        if (await c.ExecuteScalarAsync<bool>("SELECT EXISTS (SELECT 1 FROM examinations.station WHERE station_id = @id AND examination_id = @examination)", new { id, examination }, t)) return true;
        await c.ExecuteAsync("UPDATE techniques.edition SET frozen_at = @now WHERE technique_id = @technique AND edition = @edition AND frozen_at IS NULL", new { technique, edition, now = now.ToUniversalTime() }, t);
        await c.ExecuteAsync(
            """
            INSERT INTO examinations.station (station_id, examination_id, place, technique_id, edition)
            SELECT @id, @examination, coalesce(max(place), 0) + 1, @technique, @edition FROM examinations.station WHERE examination_id = @examination
            """, new { id, examination, technique, edition }, t);
        await c.ExecuteAsync(InsertRevision, new { station = id, revision = 1, body = WexisJson.Write(sheet), passLine = sheet.PassLine, by, now = now.ToUniversalTime() }, t);
        await t.CommitAsync(ct);
        return true;
    }

    /// <summary>Saves the sheet, or the next revision of it when somebody was graded by this one.</summary>
    public async Task<(SaveOutcome Outcome, int Revision, int Version)> SaveSheet(Guid station, int revision, int version, MarkSheet sheet, Guid by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(sheet);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var newest = await c.QuerySingleOrDefaultAsync<(int Revision, int Version, bool Used)?>(
            "SELECT revision, version, used_at IS NOT NULL FROM examinations.sheet_revision WHERE station_id = @station ORDER BY revision DESC LIMIT 1 FOR UPDATE", new { station }, t);
        if (newest is not { } n) return (SaveOutcome.NotThere, 0, 0);
        if (n.Revision != revision || n.Version != version) return (SaveOutcome.Stale, n.Revision, n.Version);
        var values = new { station, revision = n.Used ? revision + 1 : revision, body = WexisJson.Write(sheet), passLine = sheet.PassLine, by, now = now.ToUniversalTime() };
        await c.ExecuteAsync(n.Used ? InsertRevision : "UPDATE examinations.sheet_revision SET version = version + 1, body = @body::jsonb, pass_line = @passLine, changed_by = @by, changed_at = @now WHERE station_id = @station AND revision = @revision", values, t);
        await t.CommitAsync(ct);
        return (SaveOutcome.Saved, values.revision, n.Used ? 1 : version + 1);
    }

    private const string InsertRevision = "INSERT INTO examinations.sheet_revision (station_id, revision, body, pass_line, changed_by, changed_at) VALUES (@station, @revision, @body::jsonb, @passLine, @by, @now)";
}
