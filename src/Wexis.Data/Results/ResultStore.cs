using Dapper;
using Npgsql;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;

namespace Wexis.Data.Results;

public sealed record StoredResult(
    DemonstrationId DemonstrationId,
    StationId? StationId,
    DemonstrationOrigin Origin,
    string TechniqueName,
    PersonId TraineeId,
    string Trainee,
    PersonId AssessorId,
    string Assessor,
    int Attempt,
    DemonstrationResult Body,
    double Percent,
    Decision Decision,
    DateTimeOffset DecidedAt,
    DateTimeOffset? ReleasedAt,
    string? ReleasedBy,
    string? Examination
);

/// <summary>Something that happens to a case in the moment in which a sheet is submitted.</summary>
/// <param name="Case">The first sheet.</param>
/// <param name="Stands">The result that stands from then on; null leaves it.</param>
public sealed record Happened(DemonstrationId Case, CaseEvent Event, DemonstrationResult? Stands = null);

public sealed class ResultStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public DemonstrationId DemonstrationId { get; init; }
        public StationId? StationId { get; init; }
        public string Origin { get; init; } = "";
        public string TechniqueName { get; init; } = "";
        public PersonId TraineeId { get; init; }
        public string Trainee { get; init; } = "";
        public PersonId AssessorId { get; init; }
        public string Assessor { get; init; } = "";
        public int Attempt { get; init; }
        public string Body { get; init; } = "";
        public double Percent { get; init; }
        public string Decision { get; init; } = "";
        public DateTimeOffset DecidedAt { get; init; }
        public DateTimeOffset? ReleasedAt { get; init; }
        public string? ReleasedBy { get; init; }
        public string? Examination { get; init; }

        public StoredResult ToResult() =>
            new(
                DemonstrationId,
                StationId,
                ClosedList.In<DemonstrationOrigin>(Origin),
                TechniqueName,
                TraineeId,
                Trainee,
                AssessorId,
                Assessor,
                Attempt,
                StoredBody.Read<DemonstrationResult>(Body),
                Percent,
                ClosedList.Of<Decision>(Decision) ?? throw new InvalidDataException($"A result is decided as “{Decision}”."),
                DecidedAt,
                ReleasedAt,
                ReleasedBy,
                Examination
            );
    }

    private const string Select = """
        SELECT r.demonstration_id, d.station_id, d.origin, coalesce(d.sheet, v.body) ->> 'technique_name' AS technique_name, d.trainee_id,
            t.name AS trainee, a.name AS assessor, d.assessor_id, d.attempt, coalesce(r.stands, r.body)::text AS body,
               r.percent, r.decision, r.decided_at, r.released_at, b.name AS released_by, x.name AS examination
          FROM results.result r
          JOIN grading.demonstration d ON d.demonstration_id = r.demonstration_id
          LEFT JOIN examinations.sheet_revision v ON v.station_id = d.station_id AND v.revision = d.revision
          LEFT JOIN examinations.station s ON s.station_id = d.station_id
          LEFT JOIN examinations.examination x ON x.examination_id = s.examination_id
          JOIN people.person t ON t.person_id = d.trainee_id
          JOIN people.person a ON a.person_id = d.assessor_id
          LEFT JOIN people.person b ON b.person_id = r.released_by
        """;

    /// <summary>Every result; for a trainee only their own, and only what was released, now or before it was withdrawn.</summary>
    public async Task<IReadOnlyList<StoredResult>> Visible(PersonId? onlyReleasedOf, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    Select
                        + " WHERE d.second_of IS NULL AND (@onlyReleasedOf::uuid IS NULL OR (d.trainee_id = @onlyReleasedOf "
                        + "AND (r.released_at IS NOT NULL OR EXISTS (SELECT 1 FROM results.case_event w "
                        + "WHERE w.demonstration_id = r.demonstration_id AND w.kind = 'withdrawn')))) ORDER BY r.decided_at DESC",
                    new { onlyReleasedOf }
                )
            ).Select(r => r.ToResult()),
        ];
    }

    /// <summary>Every result of one trainee, the oldest first.</summary>
    public async Task<IReadOnlyList<StoredResult>> OfTrainee(PersonId trainee, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    Select + " WHERE d.second_of IS NULL AND d.trainee_id = @trainee ORDER BY r.decided_at",
                    new { trainee }
                )
            ).Select(r => r.ToResult()),
        ];
    }

    /// <summary>Every attempt of the same trainee at the same station, in order.</summary>
    public async Task<IReadOnlyList<StoredResult>> AttemptsLike(DemonstrationId demonstration, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    Select
                        + """
                         WHERE d.second_of IS NULL AND (d.station_id, d.trainee_id) =
                               (SELECT o.station_id, o.trainee_id FROM grading.demonstration o WHERE o.demonstration_id = @demonstration)
                         ORDER BY d.attempt
                        """,
                    new { demonstration }
                )
            ).Select(r => r.ToResult()),
        ];
    }

    /// <summary>How many results wait to be released.</summary>
    public async Task<int> Unreleased(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteScalarAsync<int>(
            "SELECT count(*)::int FROM results.result JOIN grading.demonstration d USING (demonstration_id) "
                + "WHERE released_at IS NULL AND d.second_of IS NULL"
        );
    }

    /// <summary>How many results a trainee may see.</summary>
    public async Task<int> ReleasedTo(PersonId trainee, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteScalarAsync<int>(
            "SELECT count(*)::int FROM results.result r JOIN grading.demonstration d USING (demonstration_id) "
                + "WHERE d.trainee_id = @trainee AND r.released_at IS NOT NULL",
            new { trainee }
        );
    }

    public async Task<StoredResult?> ById(DemonstrationId demonstration, PersonId? onlyReleasedOf, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QuerySingleOrDefaultAsync<Row>(
                Select
                    + " WHERE r.demonstration_id = @demonstration AND d.second_of IS NULL AND (@onlyReleasedOf::uuid IS NULL "
                    + "OR (d.trainee_id = @onlyReleasedOf AND r.released_at IS NOT NULL))",
                new { demonstration, onlyReleasedOf }
            )
        )?.ToResult();
    }

    private const string SheetsOfCase = """
        SELECT count(*)::int FROM results.result r JOIN grading.demonstration d USING (demonstration_id)
         WHERE d.demonstration_id = @Case OR d.second_of = @Case
        """;

    /// <summary>What one sheet came to when it was submitted, first or second; null while it is open.</summary>
    public async Task<DemonstrationResult?> Submitted(DemonstrationId demonstration, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var body = await c.ExecuteScalarAsync<string?>(
            "SELECT body::text FROM results.result WHERE demonstration_id = @demonstration",
            new { demonstration }
        );
        return body is null ? null : StoredBody.Read<DemonstrationResult>(body);
    }

    /// <summary>Closes a demonstration with its result, if its marks are still those the result was computed from.</summary>
    /// <param name="events">How many events the result was computed from.</param>
    /// <param name="seen">The first sheet of the case that it belongs to, and how many sheets of it were submitted then.</param>
    /// <param name="happened">What happens to which case with it: decided, a second look given; with the result that stands then.</param>
    public async Task<SaveOutcome> Submit(
        DemonstrationId demonstration,
        DemonstrationResult result,
        int events,
        (DemonstrationId Case, int Sheets) seen,
        IReadOnlyList<Happened> happened,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(result);
        ArgumentNullException.ThrowIfNull(happened);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        // Two sheets of one case that are submitted at once wait for each other here.
        await c.ExecuteAsync("SELECT 1 FROM grading.demonstration WHERE demonstration_id = @Case FOR UPDATE", new { seen.Case }, t);
        var open = await c.ExecuteAsync(
            "UPDATE grading.demonstration SET submitted_at = @now WHERE demonstration_id = @demonstration AND submitted_at IS NULL",
            new { demonstration, now = now.ToUniversalTime() },
            t
        );
        if (open == 0)
            return SaveOutcome.NotThere;
        if (
            await c.ExecuteScalarAsync<int>(
                "SELECT count(*)::int FROM grading.mark_event WHERE demonstration_id = @demonstration",
                new { demonstration },
                t
            ) != events
            || await c.ExecuteScalarAsync<int>(SheetsOfCase, new { seen.Case }, t) != seen.Sheets
        )
            return SaveOutcome.Stale;
        await c.ExecuteAsync(
            "INSERT INTO results.result (demonstration_id, body, percent, decision, decided_at, decided_by) "
                + "VALUES (@demonstration, @body::jsonb, @Percent, @Decision, @now, @by)",
            new
            {
                demonstration,
                body = StoredBody.Write(result),
                result.Score.Percent,
                Decision = result.Score.Decision.Word(),
                now = now.ToUniversalTime(),
                by,
            },
            t
        );
        foreach (var h in happened)
            if (await CaseStore.Add(c, t, h.Case, null, h.Event, h.Stands) != SaveOutcome.Saved)
                return SaveOutcome.Stale;
        await t.CommitAsync(ct);
        return SaveOutcome.Saved;
    }
}
