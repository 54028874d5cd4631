using System.Text.Json;
using Dapper;
using Npgsql;
using Wexis.Core.Measures;
using Wexis.Core.Results;

namespace Wexis.Data.Results;

/// <summary>A trainee's newest attempt that counts at one station.</summary>
/// <param name="Decision">Null while it is open.</param>
public sealed record GlanceCell(
    PersonId TraineeId,
    StationId StationId,
    DemonstrationId DemonstrationId,
    int Attempt,
    string Assessor,
    DateTimeOffset? DecidedAt,
    Decision? Decision,
    double? Percent,
    double? PassLine,
    double? Doing,
    double? Teaching,
    bool SafetyMet,
    DateTimeOffset? ReleasedAt,
    bool LookOpen,
    bool Looked,
    bool InDispute,
    bool AppealOpen
);

public sealed record GlanceStation(StationId StationId, ExaminationId ExaminationId, string Examination, int Place, string Shows);

public sealed record GlanceTrainee(PersonId TraineeId, string Name);

/// <param name="Times">Sheets on which it was marked.</param>
/// <param name="Mean">Mean mark, 0 to 3.</param>
/// <param name="Lost">Mean points of 100 lost by it.</param>
/// <param name="Worst">Results with the least marks, at most five.</param>
public sealed record WeakCriterion(
    StationId StationId,
    string Criterion,
    string Text,
    int Times,
    double Mean,
    double Lost,
    IReadOnlyList<DemonstrationId> Worst
);

/// <param name="Times">Sheets on which it was named wrongly.</param>
/// <param name="Of">Sheets on which it was asked.</param>
/// <param name="Worst">Results in which it was, at most five.</param>
public sealed record ConfusedStructure(string Structure, int Times, int Of, IReadOnlyList<DemonstrationId> Worst);

public sealed record NamedCohort(CohortId Id, string Name);

public sealed record NamedExamination(ExaminationId Id, string Name);

/// <param name="Cohort">Null: everybody.</param>
/// <param name="Examination">Null: all.</param>
public sealed record GlanceOf(CohortId? Cohort, ExaminationId? Examination);

/// <summary>Many results at once, by the columns that stand beside them.</summary>
public sealed class GlanceStore(NpgsqlDataSource source)
{
    private sealed class CellRow
    {
        public PersonId TraineeId { get; init; }
        public StationId StationId { get; init; }
        public DemonstrationId DemonstrationId { get; init; }
        public int Attempt { get; init; }
        public string Assessor { get; init; } = "";
        public DateTimeOffset? DecidedAt { get; init; }
        public string? Decision { get; init; }
        public double? Percent { get; init; }
        public double? PassLine { get; init; }
        public double? Doing { get; init; }
        public double? Teaching { get; init; }
        public bool SafetyMet { get; init; }
        public DateTimeOffset? ReleasedAt { get; init; }
        public bool LookOpen { get; init; }
        public bool Looked { get; init; }
        public bool InDispute { get; init; }
        public bool AppealOpen { get; init; }

        public GlanceCell ToCell() =>
            new(
                TraineeId,
                StationId,
                DemonstrationId,
                Attempt,
                Assessor,
                DecidedAt,
                Decision is null ? null : ClosedList.In<Decision>(Decision),
                Percent,
                PassLine,
                Doing,
                Teaching,
                SafetyMet,
                ReleasedAt,
                LookOpen,
                Looked,
                InDispute,
                AppealOpen
            );
    }

    private sealed class WeakRow
    {
        public StationId StationId { get; init; }
        public string Criterion { get; init; } = "";
        public string Text { get; init; } = "";
        public int Times { get; init; }
        public double Mean { get; init; }
        public double Lost { get; init; }
        public DemonstrationId[] Worst { get; init; } = [];
    }

    private sealed class ConfusedRow
    {
        public string Structure { get; init; } = "";
        public int Times { get; init; }
        public int Of { get; init; }
        public DemonstrationId[] Worst { get; init; } = [];
    }

    private sealed class StationRow
    {
        public StationId StationId { get; init; }
        public ExaminationId ExaminationId { get; init; }
        public string Examination { get; init; } = "";
        public int Place { get; init; }
        public string Shows { get; init; } = "";
    }

    private sealed class NameRow<TKind>
        where TKind : IKind
    {
        public Id<TKind> Id { get; init; }
        public string Name { get; init; } = "";
    }

    /// <summary>Rows that a glance is about: @cohort and @examination, either null for all.</summary>
    private const string Chosen = """
        d.second_of IS NULL
          AND (@Cohort::uuid IS NULL OR d.trainee_id IN (SELECT person_id FROM programmes.cohort_member WHERE cohort_id = @Cohort))
          AND (@Examination::uuid IS NULL OR s.examination_id = @Examination)
          AND s.away IS DISTINCT FROM 'deleted'
        """;

    /// <summary>The query of the cells; the benchmark runs it bare.</summary>
    public const string Cells = $"""
        SELECT DISTINCT ON (d.trainee_id, d.station_id)
               d.trainee_id, d.station_id, d.demonstration_id, d.attempt, a.name AS assessor, r.decided_at, r.decision, r.percent,
               r.pass_line, r.doing, r.teaching, coalesce(r.safety_met, true) AS safety_met, r.released_at,
               coalesce(r.look_open, false) AS look_open,
               coalesce(r.looked, false) AS looked, coalesce(r.in_dispute, false) AS in_dispute,
               coalesce(r.appeal_open, false) AS appeal_open
          FROM grading.demonstration d
          JOIN examinations.station s ON s.station_id = d.station_id
          JOIN people.person a ON a.person_id = d.assessor_id
          LEFT JOIN results.result r ON r.demonstration_id = d.demonstration_id
         WHERE {Chosen}
         ORDER BY d.trainee_id, d.station_id, coalesce(r.counts, true) DESC, d.attempt DESC
        """;

    /// <summary>The weakest criteria; the benchmark runs it bare.</summary>
    public const string Weakest = $"""
        SELECT d.station_id, m.criterion, min(m.text) AS text, count(m.mark)::int AS times, avg(m.mark) AS mean, avg(m.lost) AS lost,
               (array_agg(m.demonstration_id ORDER BY m.mark, m.demonstration_id))[1:5] AS worst
          FROM results.criterion_mark m
          JOIN grading.demonstration d ON d.demonstration_id = m.demonstration_id
          JOIN examinations.station s ON s.station_id = d.station_id
         WHERE {Chosen} AND m.mark IS NOT NULL AND NOT d.demonstration_id = any(@blind)
         GROUP BY d.station_id, m.criterion HAVING avg(m.lost) > 0.05 ORDER BY avg(m.lost) DESC, m.criterion LIMIT 8
        """;

    /// <summary>What is named wrongly; the benchmark runs it bare.</summary>
    public const string Confused = $"""
        SELECT n.structure, count(*) FILTER (WHERE m.mark < 2)::int AS times, count(*)::int AS of,
               coalesce((array_agg(m.demonstration_id ORDER BY m.mark, m.demonstration_id) FILTER (WHERE m.mark < 2))[1:5],
                   ARRAY[]::uuid[]) AS worst
          FROM results.criterion_mark m
          JOIN grading.demonstration d ON d.demonstration_id = m.demonstration_id
          JOIN examinations.station s ON s.station_id = d.station_id
          CROSS JOIN LATERAL unnest(m.structures) n(structure)
         WHERE {Chosen} AND m.topic = 'anatomy' AND m.mark IS NOT NULL AND n.structure NOT IN ('skin', 'superficial-lymph')
           AND NOT d.demonstration_id = any(@blind)
         GROUP BY n.structure HAVING count(*) FILTER (WHERE m.mark < 2) > 0
         ORDER BY count(*) FILTER (WHERE m.mark < 2) DESC, n.structure LIMIT 8
        """;

    public async Task<IReadOnlyList<GlanceCell>> CellsOf(GlanceOf of, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<CellRow>(Cells, of)).Select(r => r.ToCell())];
    }

    /// <param name="blind">Sheets that the reader must not see yet.</param>
    public async Task<(IReadOnlyList<WeakCriterion> Weak, IReadOnlyList<ConfusedStructure> Confused)> Weaknesses(
        GlanceOf of,
        IReadOnlyCollection<DemonstrationId> blind,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(of);
        await using var c = await source.OpenConnectionAsync(ct);
        var values = new
        {
            of.Cohort,
            of.Examination,
            blind = blind.ToArray(),
        };
        var weak = await c.QueryAsync<WeakRow>(Weakest, values);
        var confused = await c.QueryAsync<ConfusedRow>(Confused, values);
        return (
            [.. weak.Select(r => new WeakCriterion(r.StationId, r.Criterion, r.Text, r.Times, r.Mean, r.Lost, r.Worst))],
            [.. confused.Select(r => new ConfusedStructure(r.Structure, r.Times, r.Of, r.Worst))]
        );
    }

    public async Task<IReadOnlyList<GlanceStation>> Stations(ExaminationId? examination, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<StationRow>(
                    """
                    SELECT s.station_id, x.examination_id, x.name AS examination, s.place, r.body ->> 'technique_name' AS shows
                      FROM examinations.station s
                      JOIN examinations.examination x ON x.examination_id = s.examination_id
                      JOIN examinations.sheet_revision r ON r.station_id = s.station_id
                     WHERE r.revision = (SELECT max(n.revision) FROM examinations.sheet_revision n WHERE n.station_id = s.station_id)
                       AND s.away IS NULL AND x.away IS NULL AND (@examination::uuid IS NULL OR x.examination_id = @examination)
                     ORDER BY x.added_at, x.examination_id, s.place
                    """,
                    new { examination }
                )
            ).Select(r => new GlanceStation(r.StationId, r.ExaminationId, r.Examination, r.Place, r.Shows)),
        ];
    }

    /// <summary>Members of a cohort; without one all trainees who have an account or were graded.</summary>
    public async Task<IReadOnlyList<GlanceTrainee>> Trainees(CohortId? cohort, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<NameRow<Kinds.Person>>(
                    """
                    SELECT p.person_id AS id, p.name FROM people.person p
                     WHERE CASE WHEN @cohort::uuid IS NULL
                                THEN p.role = 'trainee' AND (p.active OR EXISTS (SELECT 1 FROM grading.demonstration d
                                    WHERE d.trainee_id = p.person_id))
                                ELSE p.person_id IN (SELECT m.person_id FROM programmes.cohort_member m WHERE m.cohort_id = @cohort) END
                     ORDER BY p.name
                    """,
                    new { cohort }
                )
            ).Select(r => new GlanceTrainee(r.Id, r.Name)),
        ];
    }

    public async Task<(IReadOnlyList<NamedCohort> Cohorts, IReadOnlyList<NamedExamination> Examinations)> Choices(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var cohorts = await c.QueryAsync<NameRow<Kinds.Cohort>>("SELECT cohort_id AS id, name FROM programmes.cohort ORDER BY opened_at");
        var examinations = await c.QueryAsync<NameRow<Kinds.Examination>>(
            "SELECT examination_id AS id, name FROM examinations.examination WHERE away IS NULL ORDER BY added_at"
        );
        return ([.. cohorts.Select(r => new NamedCohort(r.Id, r.Name))], [.. examinations.Select(r => new NamedExamination(r.Id, r.Name))]);
    }

    /// <summary>By which rule an examination comes to a whole; null where there is no such examination.</summary>
    public async Task<ExaminationRule?> RuleOf(ExaminationId examination, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var stored = await c.QuerySingleOrDefaultAsync<string?>(
            "SELECT coalesce(rule::text, '') FROM examinations.examination WHERE examination_id = @examination "
                + "AND away IS DISTINCT FROM 'deleted'",
            new { examination }
        );
        return stored is null ? null
            : stored.Length == 0 ? ExaminationRule.Default
            : JsonSerializer.Deserialize<ExaminationRule>(stored, ExchangeJson.Options);
    }

    /// <returns>False where there is no such examination.</returns>
    public async Task<bool> SetRule(ExaminationId examination, ExaminationRule rule, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteAsync(
                "UPDATE examinations.examination SET rule = @rule::jsonb WHERE examination_id = @examination AND away IS NULL",
                new { examination, rule = JsonSerializer.Serialize(rule, ExchangeJson.Options) }
            ) == 1;
    }
}
