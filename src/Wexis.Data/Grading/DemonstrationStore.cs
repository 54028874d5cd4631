using Dapper;
using Npgsql;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Data.Grading;

public sealed record StoredDemonstration(
    Guid DemonstrationId,
    Guid StationId,
    int Revision,
    Guid TraineeId,
    string Trainee,
    Guid AssessorId,
    string Assessor,
    int Attempt,
    DateTimeOffset OpenedAt,
    DateTimeOffset? SubmittedAt,
    int Events
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
        public Guid DemonstrationId { get; init; }
        public Guid StationId { get; init; }
        public int Revision { get; init; }
        public Guid TraineeId { get; init; }
        public string Trainee { get; init; } = "";
        public Guid AssessorId { get; init; }
        public string Assessor { get; init; } = "";
        public int Attempt { get; init; }
        public DateTimeOffset OpenedAt { get; init; }
        public DateTimeOffset? SubmittedAt { get; init; }
        public int Events { get; init; }

        public StoredDemonstration ToDemonstration() =>
            new(DemonstrationId, StationId, Revision, TraineeId, Trainee, AssessorId, Assessor, Attempt, OpenedAt, SubmittedAt, Events);
    }

    private sealed class EventRow
    {
        public Guid EventId { get; init; }
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
        SELECT d.demonstration_id, d.station_id, d.revision, d.trainee_id, t.name AS trainee, d.assessor_id, a.name AS assessor, d.attempt, d.opened_at, d.submitted_at,
               (SELECT count(*)::int FROM grading.mark_event e WHERE e.demonstration_id = d.demonstration_id) AS events
          FROM grading.demonstration d
          JOIN people.person t ON t.person_id = d.trainee_id
          JOIN people.person a ON a.person_id = d.assessor_id
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

    public async Task<StoredDemonstration?> ById(Guid id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (await c.QuerySingleOrDefaultAsync<Row>(Select + " WHERE d.demonstration_id = @id", new { id }))?.ToDemonstration();
    }

    /// <summary>
    /// Opens a demonstration under the id the device made; opening the same again changes nothing. The sheet's revision is used from now
    /// on.
    /// </summary>
    /// <returns>False when the id is taken by another demonstration.</returns>
    public async Task<bool> Open(Guid id, Guid station, int revision, Guid trainee, Guid assessor, DateTimeOffset now, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        await c.ExecuteAsync(
            "UPDATE examinations.sheet_revision SET used_at = @now WHERE station_id = @station AND revision = @revision AND used_at IS NULL",
            new
            {
                station,
                revision,
                now = now.ToUniversalTime(),
            },
            t
        );
        // The station's row is locked so that two attempts opened at once get two numbers.
        await c.ExecuteAsync("SELECT 1 FROM examinations.station WHERE station_id = @station FOR UPDATE", new { station }, t);
        await c.ExecuteAsync(
            """
            INSERT INTO grading.demonstration (demonstration_id, station_id, revision, trainee_id, assessor_id, attempt, opened_at)
            SELECT @id, @station, @revision, @trainee, @assessor, coalesce(max(attempt), 0) + 1, @now
              FROM grading.demonstration WHERE station_id = @station AND trainee_id = @trainee
            ON CONFLICT (demonstration_id) DO NOTHING
            """,
            new
            {
                id,
                station,
                revision,
                trainee,
                assessor,
                now = now.ToUniversalTime(),
            },
            t
        );
        var mine = await c.ExecuteScalarAsync<bool>(
            "SELECT station_id = @station AND trainee_id = @trainee AND assessor_id = @assessor FROM grading.demonstration WHERE demonstration_id = @id",
            new
            {
                id,
                station,
                trainee,
                assessor,
            },
            t
        );
        await t.CommitAsync(ct);
        return mine;
    }

    public async Task<IReadOnlyList<MarkEvent>> EventsOf(Guid demonstration, CancellationToken ct)
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
    public async Task<Appended> Append(Guid demonstration, MarkEvent e, Guid by, DateTimeOffset now, CancellationToken ct)
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
                    INSERT INTO grading.mark_event (event_id, demonstration_id, kind, device, counter, at_ms, step, side, target, value, note, given_by, arrived_at)
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
    public async Task<int> NextCounter(Guid demonstration, string device, CancellationToken ct)
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
    private static async Task<AppendOutcome?> Known(NpgsqlConnection c, Guid demonstration, MarkEvent e)
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
