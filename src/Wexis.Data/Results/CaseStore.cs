using Dapper;
using Npgsql;
using Wexis.Core.Measures;
using Wexis.Core.Results;

namespace Wexis.Data.Results;

/// <summary>Whose result it is, who gave the first sheet, and the events of it.</summary>
/// <param name="Result">The result that stands; null while the first sheet is open.</param>
/// <param name="FirstResult">As it was decided first.</param>
/// <param name="Looks">Second sheets that were opened.</param>
public sealed record StoredCase(
    DemonstrationId DemonstrationId,
    PersonId TraineeId,
    PersonId FirstId,
    DemonstrationResult? Result,
    DemonstrationResult? FirstResult,
    IReadOnlyList<CaseEvent> Events,
    IReadOnlyList<StoredLook> Looks
);

/// <param name="Result">Null while it is open.</param>
public sealed record StoredLook(DemonstrationId DemonstrationId, PersonId AssessorId, DemonstrationResult? Result);

/// <summary>A second look that somebody was asked for and has not given.</summary>
/// <param name="Begun">The sheet that was opened for it.</param>
public sealed record AskedOfMe(
    ActId EventId,
    DemonstrationId DemonstrationId,
    PersonId TraineeId,
    string Trainee,
    string Shown,
    LookHow How,
    DateTimeOffset At,
    DemonstrationId? Begun
);

/// <summary>What happens to results: only ever added.</summary>
public sealed class CaseStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public DemonstrationId DemonstrationId { get; init; }
        public PersonId TraineeId { get; init; }
        public PersonId FirstId { get; init; }
        public string? Body { get; init; }
        public string? Stands { get; init; }
    }

    private sealed class LookRow
    {
        public DemonstrationId DemonstrationId { get; init; }
        public PersonId AssessorId { get; init; }
        public string? Body { get; init; }
    }

    private sealed class EventRow
    {
        public DemonstrationId DemonstrationId { get; init; }
        public string Body { get; init; } = "";
    }

    private sealed class AskedRow
    {
        public ActId EventId { get; init; }
        public DemonstrationId DemonstrationId { get; init; }
        public PersonId TraineeId { get; init; }
        public string Trainee { get; init; } = "";
        public string Shown { get; init; } = "";
        public string How { get; init; } = "";
        public DateTimeOffset At { get; init; }
        public DemonstrationId? Begun { get; init; }
    }

    /// <summary>Null where there is no such first sheet.</summary>
    public async Task<StoredCase?> Find(DemonstrationId demonstration, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var row = await c.QuerySingleOrDefaultAsync<Row>(
            """
            SELECT d.demonstration_id, d.trainee_id, d.assessor_id AS first_id, r.body::text AS body, r.stands::text AS stands
              FROM grading.demonstration d LEFT JOIN results.result r USING (demonstration_id)
             WHERE d.demonstration_id = @demonstration AND d.second_of IS NULL
            """,
            new { demonstration }
        );
        if (row is null)
            return null;
        var looks = await c.QueryAsync<LookRow>(
            """
            SELECT d.demonstration_id, d.assessor_id, r.body::text AS body
              FROM grading.demonstration d LEFT JOIN results.result r USING (demonstration_id) WHERE d.second_of = @demonstration
                  ORDER BY d.opened_at
            """,
            new { demonstration }
        );
        return new(
            row.DemonstrationId,
            row.TraineeId,
            row.FirstId,
            Result(row.Stands ?? row.Body),
            Result(row.Body),
            await EventsOf(c, null, demonstration),
            [.. looks.Select(l => new StoredLook(l.DemonstrationId, l.AssessorId, Result(l.Body)))]
        );
    }

    private static DemonstrationResult? Result(string? body) => body is null ? null : StoredBody.Read<DemonstrationResult>(body);

    private static async Task<IReadOnlyList<CaseEvent>> EventsOf(NpgsqlConnection c, NpgsqlTransaction? t, DemonstrationId demonstration) =>
        [
            .. (
                await c.QueryAsync<string>(
                    "SELECT body::text FROM results.case_event WHERE demonstration_id = @demonstration ORDER BY arrival",
                    new { demonstration },
                    t
                )
            ).Select(StoredBody.Read<CaseEvent>),
        ];

    /// <summary>The events of many results, by result.</summary>
    public async Task<ILookup<DemonstrationId, CaseEvent>> EventsOf(IReadOnlyList<DemonstrationId> demonstrations, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QueryAsync<EventRow>(
                "SELECT demonstration_id, body::text AS body FROM results.case_event WHERE demonstration_id = any(@of) ORDER BY arrival",
                new { of = demonstrations.ToArray() }
            )
        ).ToLookup(r => r.DemonstrationId, r => StoredBody.Read<CaseEvent>(r.Body));
    }

    /// <summary>Second looks that a person was asked for and has not given: until then they see nothing of the first sheets.</summary>
    public async Task<IReadOnlyList<AskedOfMe>> AskedOf(PersonId person, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<AskedRow>(
                    """
                    SELECT a.event_id, a.demonstration_id, d.trainee_id, t.name AS trainee, coalesce(d.sheet,
                        v.body) ->> 'technique_name' AS shown, a.body ->> 'how' AS how, a.at,
                           s.demonstration_id AS begun
                      FROM results.case_event a
                      JOIN grading.demonstration d ON d.demonstration_id = a.demonstration_id
                      JOIN people.person t ON t.person_id = d.trainee_id
                      LEFT JOIN examinations.sheet_revision v ON v.station_id = d.station_id AND v.revision = d.revision
                      LEFT JOIN grading.demonstration s ON s.second_of = a.demonstration_id AND s.assessor_id = @person
                     WHERE a.kind = 'look-asked' AND a.body ->> 'assessor' = @person::text AND s.submitted_at IS NULL
                       AND NOT EXISTS (SELECT 1 FROM results.case_event g WHERE g.demonstration_id = a.demonstration_id
                           AND g.kind = 'look-given'
                                          AND g.body ->> 'of' = a.event_id::text)
                     ORDER BY a.arrival
                    """,
                    new { person }
                )
            ).Select(r => new AskedOfMe(
                r.EventId,
                r.DemonstrationId,
                r.TraineeId,
                r.Trainee,
                r.Shown,
                ClosedList.In<LookHow>(r.How),
                r.At,
                r.Begun
            )),
        ];
    }

    /// <summary>
    /// Adds what happened, if nothing else happened since it was looked at: stale otherwise. The same event sent twice is added once.
    /// Whether the trainee sees the result, and the result that stands, follow in the same moment.
    /// </summary>
    /// <param name="seen">How many events there were.</param>
    /// <param name="stands">The result that stands from now on; null leaves it.</param>
    public async Task<SaveOutcome> Add(
        DemonstrationId demonstration,
        int seen,
        CaseEvent e,
        DemonstrationResult? stands,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(e);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var outcome = await Add(c, t, demonstration, seen, e, stands);
        if (outcome == SaveOutcome.Saved)
            await t.CommitAsync(ct);
        return outcome;
    }

    /// <param name="seen">Null where nobody could have looked: the sheet is submitted in this moment.</param>
    internal static async Task<SaveOutcome> Add(
        NpgsqlConnection c,
        NpgsqlTransaction t,
        DemonstrationId demonstration,
        int? seen,
        CaseEvent e,
        DemonstrationResult? stands
    )
    {
        var there = await c.ExecuteScalarAsync<DemonstrationId?>(
            "SELECT demonstration_id FROM grading.demonstration WHERE demonstration_id = @demonstration AND second_of IS NULL FOR UPDATE",
            new { demonstration },
            t
        );
        if (there is null)
            return SaveOutcome.NotThere;
        var events = await EventsOf(c, t, demonstration);
        if (events.Any(x => x.Id == e.Id))
            return events.First(x => x.Id == e.Id) is { } before && before.Kind == e.Kind && before.By == e.By
                ? SaveOutcome.Saved
                : SaveOutcome.Stale;
        if (seen is { } count && events.Count != count)
            return SaveOutcome.Stale;
        var values = new
        {
            e.Id,
            demonstration,
            kind = e.Kind.Word(),
            at = e.At.ToUniversalTime(),
            e.By,
            body = StoredBody.Write(e),
            stands = stands is null ? null : StoredBody.Write(stands),
            percent = stands?.Score.Percent,
            decision = stands?.Score.Decision.Word(),
        };
        await c.ExecuteAsync(
            """
            INSERT INTO results.case_event (event_id, demonstration_id, kind, at, by_person, body)
            VALUES (@Id, @demonstration, @kind, @at, @By, @body::jsonb)
            """,
            values,
            t
        );
        if (stands is not null)
            await c.ExecuteAsync(
                "UPDATE results.result SET stands = @stands::jsonb, percent = @percent, decision = @decision "
                    + "WHERE demonstration_id = @demonstration",
                values,
                t
            );
        // What a list needs to know of the story, as its fold tells it.
        var now = new ResultCase(default, default, Decision.Open, 0, 0, false, [.. events, e]);
        await c.ExecuteAsync(
            """
            UPDATE results.result SET look_open = @open, looked = @looked, in_dispute = @dispute, appeal_open = @appeal
             WHERE demonstration_id = @demonstration
            """,
            new
            {
                demonstration,
                open = now.Looks.Any(l => l.Given is null),
                looked = now.IsLookedAt,
                dispute = now.InDispute,
                appeal = now.AppealIsOpen,
            },
            t
        );
        if (e.Kind == CaseEventKind.Released)
            await c.ExecuteAsync(
                "UPDATE results.result SET released_at = @at, released_by = @By WHERE demonstration_id = @demonstration",
                values,
                t
            );
        if (e.Kind == CaseEventKind.Withdrawn)
            await c.ExecuteAsync(
                "UPDATE results.result SET released_at = NULL, released_by = NULL WHERE demonstration_id = @demonstration",
                values,
                t
            );
        return SaveOutcome.Saved;
    }

    /// <summary>The case that an invited colleague may see; null where the invitation is none.</summary>
    public async Task<DemonstrationId?> InvitedTo(PersonId person, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteScalarAsync<DemonstrationId?>(
            "SELECT demonstration_id FROM results.invitation WHERE person_id = @person",
            new { person }
        );
    }

    public async Task Invite(PersonId person, DemonstrationId demonstration, PersonId by, DateTimeOffset now, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await c.ExecuteAsync(
            """
            INSERT INTO results.invitation (person_id, demonstration_id, invited_by, invited_at)
            VALUES (@person, @demonstration, @by, @now) ON CONFLICT DO NOTHING
            """,
            new
            {
                person,
                demonstration,
                by,
                now = now.ToUniversalTime(),
            }
        );
    }
}
