using Dapper;
using Npgsql;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Data.Grading;

/// <param name="StationId">Null for what was graded in a lesson or in practice.</param>
/// <param name="Judged">Criteria that a person judges, while the sheet is open; 0 afterwards.</param>
/// <param name="Marked">Of those, how many have a mark or could not be seen.</param>
/// <param name="SecondOf">The sheet that this one is a second look at; it is no attempt.</param>
public sealed record StoredDemonstration(
    DemonstrationId DemonstrationId,
    StationId? StationId,
    DemonstrationOrigin Origin,
    string Shown,
    PersonId TraineeId,
    string Trainee,
    PersonId AssessorId,
    string Assessor,
    int Attempt,
    DateTimeOffset OpenedAt,
    DateTimeOffset? SubmittedAt,
    int Events,
    int Judged,
    int Marked,
    bool Started,
    bool Stopped,
    DemonstrationId? SecondOf,
    int? Revision
);

/// <summary>Who shows what, before whom.</summary>
/// <param name="StationId">With the revision of its sheet; null for a lesson or practice, which have a sheet of their own.</param>
public sealed record NewDemonstration(
    DemonstrationId Id,
    PersonId TraineeId,
    PersonId AssessorId,
    StationId? StationId,
    int? Revision,
    DemonstrationOrigin Origin = DemonstrationOrigin.Station,
    TechniqueId? TechniqueId = null,
    int? Edition = null,
    MarkSheet? Sheet = null,
    DemonstrationId? SecondOf = null
);

/// <summary>What became of an event that was sent.</summary>
public enum AppendOutcome
{
    /// <summary>Stored now, or stored before with the same content.</summary>
    Stored,

    /// <summary>The id is taken by other content.</summary>
    Clash,

    /// <summary>
    /// The device's counter is taken by another event of this demonstration: two pages of one browser. Another number will do.
    /// </summary>
    NumberTaken,

    /// <summary>The demonstration was submitted already.</summary>
    Closed,
}

/// <param name="Arrival">Of a mark that was stored just now; null for one that was there before.</param>
/// <param name="Before">Marks that the demonstration had in the store before this one.</param>
public sealed record Appended(AppendOutcome Outcome, long? Arrival = null, int Before = 0);

public sealed class DemonstrationStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public DemonstrationId DemonstrationId { get; init; }
        public StationId? StationId { get; init; }
        public string Origin { get; init; } = "";
        public string Shown { get; init; } = "";
        public PersonId TraineeId { get; init; }
        public string Trainee { get; init; } = "";
        public PersonId AssessorId { get; init; }
        public string Assessor { get; init; } = "";
        public int Attempt { get; init; }
        public DateTimeOffset OpenedAt { get; init; }
        public DateTimeOffset? SubmittedAt { get; init; }
        public int Events { get; init; }
        public int Judged { get; init; }
        public int Marked { get; init; }
        public bool Started { get; init; }
        public bool Stopped { get; init; }
        public DemonstrationId? SecondOf { get; init; }
        public int? Revision { get; init; }

        public StoredDemonstration ToDemonstration() =>
            new(
                DemonstrationId,
                StationId,
                ClosedList.In<DemonstrationOrigin>(Origin),
                Shown,
                TraineeId,
                Trainee,
                AssessorId,
                Assessor,
                Attempt,
                OpenedAt,
                SubmittedAt,
                Events,
                Judged,
                Marked,
                Started,
                Stopped,
                SecondOf,
                Revision
            );
    }

    private sealed class EventRow
    {
        public MarkId EventId { get; init; }
        public string Kind { get; init; } = "";
        public string Device { get; init; } = "";
        public int Counter { get; init; }
        public long AtMs { get; init; }
        public int? Step { get; init; }
        public string? Side { get; init; }
        public string? Target { get; init; }
        public double? Value { get; init; }
        public string? Note { get; init; }
        public long Arrival { get; init; }

        public MarkEvent ToEvent() =>
            new(
                EventId,
                ClosedList.In<MarkKind>(Kind),
                Device,
                Counter,
                AtMs,
                Step,
                Side is null ? null : ClosedList.In<Side>(Side),
                Target,
                Value,
                Note,
                Arrival
            );
    }

    private const string Select = """
        SELECT d.demonstration_id, d.station_id, d.origin, s.sheet ->> 'technique_name' AS shown, d.trainee_id, t.name AS trainee,
            d.assessor_id,
               a.name AS assessor, d.attempt, d.opened_at, d.submitted_at, d.second_of, d.revision, e.events, e.marked, e.started,
               e.stopped,
               CASE WHEN d.submitted_at IS NULL
                    THEN jsonb_array_length(jsonb_path_query_array(s.sheet, '$.criteria[*] ? (@.kind != "measured")'))
                    ELSE 0 END AS judged
          FROM grading.demonstration d
          JOIN people.person t ON t.person_id = d.trainee_id
          JOIN people.person a ON a.person_id = d.assessor_id
          LEFT JOIN examinations.sheet_revision r ON r.station_id = d.station_id AND r.revision = d.revision
          CROSS JOIN LATERAL (SELECT coalesce(d.sheet, r.body) AS sheet) s
          CROSS JOIN LATERAL (
              SELECT count(*)::int AS events, count(DISTINCT target) FILTER (WHERE kind IN ('mark', 'unseen'))::int AS marked,
                     coalesce(bool_or(kind = 'start'), false) AS started, coalesce(bool_or(kind = 'stop'), false) AS stopped
                FROM grading.mark_event e WHERE e.demonstration_id = d.demonstration_id) e
        """;

    private const string SelectEvents =
        "SELECT event_id, kind, device, counter, at_ms, step, side, target, value, note, arrival FROM grading.mark_event";

    public async Task<IReadOnlyList<StoredDemonstration>> All(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<Row>(Select + " ORDER BY d.opened_at DESC")).Select(r => r.ToDemonstration())];
    }

    /// <summary>How many demonstrations are begun and not submitted.</summary>
    public async Task<int> Unfinished(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteScalarAsync<int>("SELECT count(*)::int FROM grading.demonstration WHERE submitted_at IS NULL");
    }

    /// <summary>First sheets of a trainee at a station that somebody else has open.</summary>
    public async Task<IReadOnlyList<StoredDemonstration>> OpenByOthers(
        StationId station,
        PersonId trainee,
        PersonId reader,
        CancellationToken ct
    )
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    Select
                        + """
                         WHERE d.station_id = @station AND d.trainee_id = @trainee AND d.assessor_id <> @reader AND d.submitted_at IS NULL
                             AND d.second_of IS NULL
                        """,
                    new
                    {
                        station,
                        trainee,
                        reader,
                    }
                )
            ).Select(r => r.ToDemonstration()),
        ];
    }

    public async Task<StoredDemonstration?> ById(DemonstrationId id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (await c.QuerySingleOrDefaultAsync<Row>(Select + " WHERE d.demonstration_id = @id", new { id }))?.ToDemonstration();
    }

    /// <summary>The sheet that a demonstration is graded by; null when there is no such demonstration.</summary>
    public async Task<MarkSheet?> SheetOf(DemonstrationId demonstration, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var body = await c.ExecuteScalarAsync<string?>(
            """
            SELECT coalesce(d.sheet, r.body)::text
              FROM grading.demonstration d LEFT JOIN examinations.sheet_revision r ON r.station_id = d.station_id
                  AND r.revision = d.revision
             WHERE d.demonstration_id = @demonstration
            """,
            new { demonstration }
        );
        return body is null ? null : StoredBody.Read<MarkSheet>(body);
    }

    /// <summary>
    /// Opens a demonstration under the id the device made; opening the same again changes nothing. The sheet's revision, or the edition
    /// shown in a lesson, is used from now on.
    /// </summary>
    /// <returns>False when the id is taken by another demonstration.</returns>
    public async Task<bool> Open(NewDemonstration given, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(given);
        var values = new
        {
            given.Id,
            station = given.StationId,
            given.Revision,
            trainee = given.TraineeId,
            assessor = given.AssessorId,
            origin = given.Origin.Word(),
            technique = given.TechniqueId,
            given.Edition,
            sheet = given.Sheet is { } own ? StoredBody.Write(own) : null,
            second = given.SecondOf,
            now = now.ToUniversalTime(),
        };
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        await c.ExecuteAsync(
            """
            UPDATE examinations.sheet_revision SET used_at = @now WHERE station_id = @station AND revision = @Revision AND used_at IS NULL;
            UPDATE techniques.edition SET frozen_at = @now WHERE technique_id = @technique AND edition = @Edition AND frozen_at IS NULL
            """,
            values,
            t
        );
        // The station's row is locked so that two attempts opened at once get two numbers.
        await c.ExecuteAsync("SELECT 1 FROM examinations.station WHERE station_id = @station FOR UPDATE", values, t);
        await c.ExecuteAsync(
            """
            INSERT INTO grading.demonstration
                   (demonstration_id, station_id, revision, trainee_id, assessor_id, attempt, opened_at, origin, technique_id,
                    edition, sheet, second_of)
            SELECT @Id, @station, @Revision, @trainee, @assessor,
                   CASE WHEN @second::uuid IS NULL THEN coalesce(max(attempt), 0) + 1 ELSE coalesce(max(attempt)
                       FILTER (WHERE demonstration_id = @second), 1) END,
                   @now, @origin, @technique, @Edition, @sheet::jsonb, @second
              FROM grading.demonstration WHERE station_id = @station AND trainee_id = @trainee AND second_of IS NULL
            ON CONFLICT (demonstration_id) DO NOTHING
            """,
            values,
            t
        );
        var mine = await c.ExecuteScalarAsync<bool>(
            """
            SELECT station_id IS NOT DISTINCT FROM @station AND technique_id IS NOT DISTINCT FROM @technique AND origin = @origin
                   AND trainee_id = @trainee AND assessor_id = @assessor AND second_of IS NOT DISTINCT FROM @second
              FROM grading.demonstration WHERE demonstration_id = @Id
            """,
            values,
            t
        );
        await t.CommitAsync(ct);
        return mine;
    }

    public async Task<IReadOnlyList<MarkEvent>> EventsOf(DemonstrationId demonstration, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<EventRow>(
                    SelectEvents + " WHERE demonstration_id = @demonstration ORDER BY arrival",
                    new { demonstration }
                )
            ).Select(r => r.ToEvent()),
        ];
    }

    private sealed class AddedRow
    {
        public long Arrival { get; init; }
        public int Before { get; init; }
    }

    /// <summary>Appends one event, in one statement. Sent twice, it is stored once.</summary>
    public async Task<Appended> Append(DemonstrationId demonstration, MarkEvent e, PersonId by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(e);
        await using var c = await source.OpenConnectionAsync(ct);
        var values = new
        {
            e.Id,
            demonstration,
            kind = e.Kind.Word(),
            e.Device,
            e.Counter,
            e.AtMs,
            e.Step,
            side = e.Side?.Word(),
            e.Target,
            e.Value,
            e.Note,
            by,
            now = now.ToUniversalTime(),
        };
        try
        {
            var added = await c.QuerySingleOrDefaultAsync<AddedRow>(
                """
                WITH added AS (
                    INSERT INTO grading.mark_event (event_id, demonstration_id, kind, device, counter, at_ms, step, side, target, value,
                        note, given_by, arrived_at)
                    VALUES (@Id, @demonstration, @Kind, @Device, @Counter, @AtMs, @Step, @Side, @Target, @Value, @Note, @by, @now)
                    ON CONFLICT DO NOTHING
                    RETURNING arrival)
                SELECT arrival, (SELECT count(*)::int FROM grading.mark_event WHERE demonstration_id = @demonstration) AS before FROM added
                """,
                values
            );
            if (added is not null)
                return new(AppendOutcome.Stored, added.Arrival, added.Before);
            // Its id or its number is taken: by itself, sent before, or by another.
            return new(await Known(c, demonstration, e) ?? await Taken(c, e));
        }
        catch (PostgresException x) when (x.ConstraintName == "demonstration_is_open")
        {
            // What was stored before the sheet was submitted stays stored.
            return new(await Known(c, demonstration, e) == AppendOutcome.Stored ? AppendOutcome.Stored : AppendOutcome.Closed);
        }
    }

    /// <summary>What stands in the way: an event of another demonstration with this id, else the number.</summary>
    private static async Task<AppendOutcome> Taken(NpgsqlConnection c, MarkEvent e) =>
        await c.ExecuteScalarAsync<bool>("SELECT EXISTS (SELECT 1 FROM grading.mark_event WHERE event_id = @Id)", new { e.Id })
            ? AppendOutcome.Clash
            : AppendOutcome.NumberTaken;

    /// <summary>The first number of a device that no event of the demonstration has.</summary>
    public async Task<int> NextCounter(DemonstrationId demonstration, string device, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteScalarAsync<int>(
            "SELECT coalesce(max(counter), -1) + 1 FROM grading.mark_event WHERE demonstration_id = @demonstration AND device = @device",
            new { demonstration, device }
        );
    }

    /// <summary>
    /// Stored when the event is there with this content, Clash when its id holds other content, null when it is not there.
    /// </summary>
    private static async Task<AppendOutcome?> Known(NpgsqlConnection c, DemonstrationId demonstration, MarkEvent e)
    {
        var stored = await c.QuerySingleOrDefaultAsync<EventRow>(
            SelectEvents + " WHERE event_id = @Id AND demonstration_id = @demonstration",
            new { e.Id, demonstration }
        );
        if (stored is null)
            return null;
        return stored.ToEvent() with { Arrival = 0 } == e with { Arrival = 0 } ? AppendOutcome.Stored : AppendOutcome.Clash;
    }
}
