using Dapper;
using Npgsql;
using Wexis.Core.Examinations;
using Wexis.Core.Measures;

namespace Wexis.Data.Examinations;

public sealed record StoredStation(
    StationId StationId,
    ExaminationId ExaminationId,
    int Place,
    TechniqueId? TechniqueId,
    int Edition,
    int Revision,
    int Version,
    MarkSheet Sheet,
    bool Used,
    bool Away = false,
    RoutineId? RoutineId = null
);

/// <summary>An edition as somebody saw it when they drafted from it.</summary>
public sealed record SeenEdition<TKind>(Id<TKind> Id, int Edition, int Version)
    where TKind : IKind;

/// <summary>What a station examines: a technique or a routine, and the techniques that it consists of where they are several.</summary>
public sealed record StationSubject(
    SeenEdition<Kinds.Technique>? Technique,
    SeenEdition<Kinds.Routine>? Routine,
    IReadOnlyList<SeenEdition<Kinds.Technique>> Parts
)
{
    public static StationSubject Of(SeenEdition<Kinds.Technique> technique) => new(technique, null, []);
}

public sealed record StoredExamination(
    ExaminationId ExaminationId,
    string Name,
    ProgrammeId? ProgrammeId,
    IReadOnlyList<StoredStation> Stations
);

public sealed class ExaminationStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public ExaminationId ExaminationId { get; init; }
        public string Name { get; init; } = "";
        public ProgrammeId? ProgrammeId { get; init; }
    }

    private sealed class StationRow
    {
        public StationId StationId { get; init; }
        public ExaminationId ExaminationId { get; init; }
        public int Place { get; init; }
        public TechniqueId? TechniqueId { get; init; }
        public int Edition { get; init; }
        public RoutineId? RoutineId { get; init; }
        public int Revision { get; init; }
        public int Version { get; init; }
        public string Body { get; init; } = "";
        public bool Used { get; init; }
        public bool Away { get; init; }

        public StoredStation ToStation() =>
            new(
                StationId,
                ExaminationId,
                Place,
                TechniqueId,
                Edition,
                Revision,
                Version,
                StoredBody.Read<MarkSheet>(Body),
                Used,
                Away,
                RoutineId
            );
    }

    private const string AllStations = """
        SELECT s.station_id, s.examination_id, s.place, s.technique_id, coalesce(s.edition, s.routine_edition) AS edition, s.routine_id,
            r.revision, r.version, r.body::text AS body, r.used_at IS NOT NULL AS used,
               s.away IS NOT NULL OR x.away IS NOT NULL AS away
          FROM examinations.station s
          JOIN examinations.examination x ON x.examination_id = s.examination_id
          JOIN examinations.sheet_revision r ON r.station_id = s.station_id
         WHERE r.revision = (SELECT max(n.revision) FROM examinations.sheet_revision n WHERE n.station_id = s.station_id)
        """;

    /// <param name="away">With what is archived: for names of what was graded.</param>
    public async Task<IReadOnlyList<StoredExamination>> All(CancellationToken ct, bool away = false)
    {
        var here = away ? "IS DISTINCT FROM 'deleted'" : "IS NULL";
        await using var c = await source.OpenConnectionAsync(ct);
        var stations = (await c.QueryAsync<StationRow>($"{AllStations} AND s.away {here} ORDER BY s.place"))
            .Select(r => r.ToStation())
            .ToLookup(s => s.ExaminationId);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    $"SELECT examination_id, name, programme_id FROM examinations.examination WHERE away {here} ORDER BY added_at"
                )
            ).Select(e => new StoredExamination(e.ExaminationId, e.Name, e.ProgrammeId, [.. stations[e.ExaminationId]])),
        ];
    }

    /// <summary>How many stations there are, without reading one.</summary>
    public async Task<int> Stations(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteScalarAsync<int>(
            "SELECT count(*)::int FROM examinations.station s JOIN examinations.examination x USING (examination_id) "
                + "WHERE s.away IS NULL AND x.away IS NULL"
        );
    }

    public async Task<StoredStation?> Station(StationId id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QuerySingleOrDefaultAsync<StationRow>(
                AllStations + " AND s.station_id = @id AND s.away IS DISTINCT FROM 'deleted'",
                new { id }
            )
        )?.ToStation();
    }

    public async Task<MarkSheet?> Revision(StationId station, int revision, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var body = await c.ExecuteScalarAsync<string?>(
            "SELECT body::text FROM examinations.sheet_revision WHERE station_id = @station AND revision = @revision",
            new { station, revision }
        );
        return body is null ? null : StoredBody.Read<MarkSheet>(body);
    }

    /// <summary>Adds an examination. The same sent twice is added once.</summary>
    public async Task<AddOutcome> Add(
        ExaminationId id,
        string name,
        ProgrammeId? programme,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var values = new
        {
            id,
            name,
            programme,
            by,
            now = now.ToUniversalTime(),
        };
        var added = await c.ExecuteAsync(
            """
            INSERT INTO examinations.examination (examination_id, name, programme_id, added_by, added_at)
            VALUES (@id, @name, @programme, @by, @now) ON CONFLICT DO NOTHING
            """,
            values
        );
        if (added == 1)
            return AddOutcome.Added;
        var same = await c.ExecuteScalarAsync<bool>(
            "SELECT name = @name AND programme_id IS NOT DISTINCT FROM @programme AND added_by = @by "
                + "FROM examinations.examination WHERE examination_id = @id",
            values
        );
        return same ? AddOutcome.Added : AddOutcome.Clash;
    }

    /// <summary>
    /// Adds a station at the end and freezes the editions it examines. The same sent twice is added once. Stale when an edition changed
    /// since its sheet was drafted; not there when the examination is not.
    /// </summary>
    public async Task<SaveOutcome> AddStation(
        StationId id,
        ExaminationId examination,
        StationSubject subject,
        MarkSheet sheet,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(subject);
        ArgumentNullException.ThrowIfNull(sheet);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        if (
            await c.ExecuteScalarAsync<ExaminationId?>(
                "SELECT examination_id FROM examinations.examination WHERE examination_id = @examination AND away IS DISTINCT "
                    + "FROM 'deleted' FOR UPDATE",
                new { examination },
                t
            )
            is null
        )
            return SaveOutcome.NotThere;
        var station = new
        {
            id,
            examination,
            kind = sheet.Kind.Word(),
            technique = subject.Technique?.Id,
            edition = subject.Technique?.Edition,
            routine = subject.Routine?.Id,
            routineEdition = subject.Routine?.Edition,
        };
        var same = await c.ExecuteScalarAsync<bool?>(
            """
            SELECT examination_id = @examination AND kind = @kind AND technique_id IS NOT DISTINCT FROM @technique
                AND routine_id IS NOT DISTINCT FROM @routine
              FROM examinations.station WHERE station_id = @id
            """,
            station,
            t
        );
        if (same is { } known)
            return known ? SaveOutcome.Saved : SaveOutcome.Stale;
        var techniques = subject.Technique is { } one ? subject.Parts.Append(one) : subject.Parts;
        // In one order, so that two stations added at once wait for each other and never in a ring.
        foreach (var seen in techniques.Distinct().OrderBy(e => e.Id).ThenBy(e => e.Edition))
            if (!await Freeze(c, t, "techniques.edition", "technique_id", seen, now))
                return SaveOutcome.Stale;
        if (subject.Routine is { } routine && !await Freeze(c, t, "routines.edition", "routine_id", routine, now))
            return SaveOutcome.Stale;
        await c.ExecuteAsync(
            """
            INSERT INTO examinations.station (station_id, examination_id, place, kind, technique_id, edition, routine_id, routine_edition)
            SELECT @id, @examination, coalesce(max(place), 0) + 1, @kind, @technique, @edition, @routine, @routineEdition
              FROM examinations.station WHERE examination_id = @examination
            """,
            station,
            t
        );
        foreach (var (part, place) in subject.Parts.Select((p, i) => (p, i + 1)))
            await c.ExecuteAsync(
                "INSERT INTO examinations.station_part (station_id, place, technique_id, edition) VALUES (@id, @place, @part, @edition)",
                new
                {
                    id,
                    place,
                    part = part.Id,
                    edition = part.Edition,
                },
                t
            );
        await c.ExecuteAsync(InsertRevision, SheetValues(id, 1, sheet, by, now), t);
        await t.CommitAsync(ct);
        return SaveOutcome.Saved;
    }

    /// <summary>Freezes an edition; false where it is another version than the one that was seen.</summary>
    private static async Task<bool> Freeze<TKind>(
        NpgsqlConnection c,
        NpgsqlTransaction t,
        string table,
        string key,
        SeenEdition<TKind> seen,
        DateTimeOffset now
    )
        where TKind : IKind
    {
        var version = await c.ExecuteScalarAsync<int?>(
            $"SELECT version FROM {table} WHERE {key} = @Id AND edition = @Edition FOR UPDATE",
            seen,
            t
        );
        if (version != seen.Version)
            return false;
        await c.ExecuteAsync(
            $"UPDATE {table} SET frozen_at = @now WHERE {key} = @Id AND edition = @Edition AND frozen_at IS NULL",
            new
            {
                seen.Id,
                seen.Edition,
                now = now.ToUniversalTime(),
            },
            t
        );
        return true;
    }

    /// <summary>Saves the sheet, or the next revision of it when somebody was graded by this one.</summary>
    public async Task<Saved> SaveSheet(
        StationId station,
        int revision,
        int version,
        MarkSheet sheet,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(sheet);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var saved = await Sheets.Save(c, t, station.Value, revision, version, number => SheetValues(station, number, sheet, by, now));
        if (saved.Outcome == SaveOutcome.Saved)
            await t.CommitAsync(ct);
        return saved;
    }

    private static object SheetValues(StationId station, int revision, MarkSheet sheet, PersonId by, DateTimeOffset now) =>
        new
        {
            id = station,
            revision,
            body = StoredBody.Write(sheet),
            passLine = sheet.PassLine,
            by,
            now = now.ToUniversalTime(),
        };

    private const string InsertRevision = """
        INSERT INTO examinations.sheet_revision (station_id, revision, body, pass_line, changed_by, changed_at)
        VALUES (@id, @revision, @body::jsonb, @passLine, @by, @now)
        """;

    private static readonly VersionedDocument Sheets = new(
        "SELECT station_id FROM examinations.station WHERE station_id = @id AND away IS DISTINCT FROM 'deleted' FOR UPDATE",
        """
        SELECT revision AS number, version, used_at IS NOT NULL AS kept, body = @body::jsonb AND changed_by = @by AS mine
          FROM examinations.sheet_revision WHERE station_id = @id ORDER BY revision DESC LIMIT 1 FOR UPDATE
        """,
        """
        UPDATE examinations.sheet_revision SET version = version + 1, body = @body::jsonb, pass_line = @passLine, changed_by = @by,
            changed_at = @now
         WHERE station_id = @id AND revision = @revision
        """,
        InsertRevision
    );
}
