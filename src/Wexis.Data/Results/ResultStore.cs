using Dapper;
using Npgsql;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;

namespace Wexis.Data.Results;

public sealed record StoredResult(
    Guid DemonstrationId,
    Guid? StationId,
    DemonstrationOrigin Origin,
    string TechniqueName,
    Guid TraineeId,
    string Trainee,
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

public sealed class ResultStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public Guid DemonstrationId { get; init; }
        public Guid? StationId { get; init; }
        public string Origin { get; init; } = "";
        public string TechniqueName { get; init; } = "";
        public Guid TraineeId { get; init; }
        public string Trainee { get; init; } = "";
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
        SELECT r.demonstration_id, d.station_id, d.origin, coalesce(d.sheet, v.body) ->> 'technique_name' AS technique_name, d.trainee_id, t.name AS trainee, a.name AS assessor, d.attempt, r.body::text AS body,
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

    /// <summary>Every result; for a trainee only their own, and only what was released.</summary>
    public async Task<IReadOnlyList<StoredResult>> Visible(Guid? onlyReleasedOf, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    Select
                        + " WHERE (@onlyReleasedOf::uuid IS NULL OR (d.trainee_id = @onlyReleasedOf AND r.released_at IS NOT NULL)) ORDER BY r.decided_at DESC",
                    new { onlyReleasedOf }
                )
            ).Select(r => r.ToResult()),
        ];
    }

    /// <summary>How many results wait to be released.</summary>
    public async Task<int> Unreleased(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteScalarAsync<int>("SELECT count(*)::int FROM results.result WHERE released_at IS NULL");
    }

    /// <summary>How many results a trainee may see.</summary>
    public async Task<int> ReleasedTo(Guid trainee, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteScalarAsync<int>(
            "SELECT count(*)::int FROM results.result r JOIN grading.demonstration d USING (demonstration_id) WHERE d.trainee_id = @trainee AND r.released_at IS NOT NULL",
            new { trainee }
        );
    }

    public async Task<StoredResult?> ById(Guid demonstration, Guid? onlyReleasedOf, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QuerySingleOrDefaultAsync<Row>(
                Select
                    + " WHERE r.demonstration_id = @demonstration AND (@onlyReleasedOf::uuid IS NULL OR (d.trainee_id = @onlyReleasedOf AND r.released_at IS NOT NULL))",
                new { demonstration, onlyReleasedOf }
            )
        )?.ToResult();
    }

    /// <summary>Closes a demonstration with its result, if its marks are still those the result was computed from.</summary>
    /// <param name="events">How many events the result was computed from.</param>
    public async Task<SaveOutcome> Submit(
        Guid demonstration,
        DemonstrationResult result,
        int events,
        Guid by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(result);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
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
        )
            return SaveOutcome.Stale;
        await c.ExecuteAsync(
            "INSERT INTO results.result (demonstration_id, body, percent, decision, decided_at, decided_by) VALUES (@demonstration, @body::jsonb, @Percent, @Decision, @now, @by)",
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
        await t.CommitAsync(ct);
        return SaveOutcome.Saved;
    }

    /// <summary>Releases results to their trainees; those released before stay as they were.</summary>
    /// <returns>How many were released now.</returns>
    public async Task<int> Release(Guid[] demonstrations, Guid by, DateTimeOffset now, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteAsync(
            "UPDATE results.result SET released_at = @now, released_by = @by WHERE demonstration_id = any(@demonstrations) AND released_at IS NULL",
            new
            {
                demonstrations,
                by,
                now = now.ToUniversalTime(),
            }
        );
    }
}
