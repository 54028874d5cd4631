using Dapper;
using Npgsql;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Data.Techniques;

/// <summary>One edition in the history of a technique.</summary>
/// <param name="Derived">draft, complete or parked.</param>
public sealed record EditionInTime(
    int Edition,
    int Version,
    string Name,
    string Derived,
    string? Review,
    bool Frozen,
    DateTimeOffset ChangedAt,
    string ChangedBy,
    TechniqueDocument Body
)
{
    public EditionStanding Standing => EditionReview.Of(Derived, Review);
}

public sealed record EditionStep(int Edition, DateTimeOffset At, string Step, string Note, string By);

/// <summary>
/// What stands on a technique: a programme that teaches it, a cohort that is taught an edition, a station that examines an edition, a
/// technique that builds on it.
/// </summary>
/// <param name="Id">Of a cohort its programme's.</param>
public sealed record Dependent(
    [property: OneOf("programme", "station", "cohort", "technique")] string Kind,
    TechniqueId Id,
    string Name,
    int? Edition,
    int Graded
);

/// <summary>What an approved edition keeps: its map and times as they were, and the rules that made them.</summary>
public sealed record KeptDerivation(string MadeBy, WorkMap Map, TechniqueTimes Times);

/// <summary>Editions in time: what was decided over them, and what depends on them.</summary>
public sealed class EditionHistoryStore(NpgsqlDataSource source)
{
    private sealed class EditionRow
    {
        public int Edition { get; init; }
        public int Version { get; init; }
        public string Name { get; init; } = "";
        public string Standing { get; init; } = "";
        public string? Review { get; init; }
        public bool Frozen { get; init; }
        public DateTimeOffset ChangedAt { get; init; }
        public string ChangedBy { get; init; } = "";
        public string Body { get; init; } = "";

        public EditionInTime ToEdition() =>
            new(Edition, Version, Name, Standing, Review, Frozen, ChangedAt, ChangedBy, StoredBody.Read<TechniqueDocument>(Body));
    }

    private sealed class StepRow
    {
        public int Edition { get; init; }
        public DateTimeOffset At { get; init; }
        public string Step { get; init; } = "";
        public string Note { get; init; } = "";
        public string By { get; init; } = "";
    }

    private sealed class DependentRow
    {
        public string Kind { get; init; } = "";
        public TechniqueId Id { get; init; }
        public string Name { get; init; } = "";
        public int? Edition { get; init; }
        public int Graded { get; init; }
    }

    public async Task<IReadOnlyList<EditionInTime>> EditionsOf(TechniqueId technique, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<EditionRow>(
                    """
                    SELECT e.edition, e.version, e.name, e.standing, e.review, e.frozen_at IS NOT NULL AS frozen, e.changed_at,
                        p.name AS changed_by, e.body::text AS body
                      FROM techniques.edition e JOIN people.person p ON p.person_id = e.changed_by
                     WHERE e.technique_id = @technique ORDER BY e.edition DESC
                    """,
                    new { technique }
                )
            ).Select(r => r.ToEdition()),
        ];
    }

    public async Task<IReadOnlyList<EditionStep>> StepsOf(TechniqueId technique, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<StepRow>(
                    """
                    SELECT s.edition, s.at, s.step, s.note, p.name AS by
                      FROM techniques.edition_step s JOIN people.person p ON p.person_id = s.by_person
                     WHERE s.technique_id = @technique ORDER BY s.at DESC
                    """,
                    new { technique }
                )
            ).Select(r => new EditionStep(r.Edition, r.At, r.Step, r.Note, r.By)),
        ];
    }

    public async Task<IReadOnlyList<Dependent>> DependentsOf(TechniqueId technique, string code, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<DependentRow>(
                    """
                    SELECT 'programme' AS kind, programme_id AS id, name, NULL::int AS edition, 0 AS graded
                      FROM programmes.programme
                     WHERE jsonb_path_exists(body, '$.*[*].techniques[*] ? (@ == $code)', jsonb_build_object('code', @code::text))
                    UNION ALL
                    SELECT 'station', s.station_id, x.name, p.edition, (SELECT count(*)::int FROM grading.demonstration d
                        WHERE d.station_id = s.station_id)
                      FROM examinations.station s JOIN examinations.examination x USING (examination_id)
                      JOIN (SELECT station_id, technique_id, edition FROM examinations.station UNION
                          SELECT station_id, technique_id, edition FROM examinations.station_part) p
                           USING (station_id)
                     WHERE p.technique_id = @technique
                    UNION ALL
                    SELECT 'cohort', c.programme_id, c.name, x.edition, 0
                      FROM programmes.cohort c
                      JOIN LATERAL (SELECT edition FROM programmes.cohort_edition x WHERE x.cohort_id = c.cohort_id
                          AND x.technique_id = @technique ORDER BY x.taken_at DESC LIMIT 1) x ON true
                    UNION ALL
                    SELECT 'technique', e.technique_id, e.name, e.edition, 0
                      FROM techniques.edition e
                     WHERE e.edition = (SELECT max(n.edition) FROM techniques.edition n WHERE n.technique_id = e.technique_id)
                       AND (e.body -> 'prerequisites' ? @code OR e.related @> jsonb_build_array(jsonb_build_object('id', @code::text)))
                     ORDER BY 1, 3
                    """,
                    new { technique, code }
                )
            ).Select(r => new Dependent(r.Kind, r.Id, r.Name, r.Edition, r.Graded)),
        ];
    }

    /// <summary>Takes a step over one version of an edition; false when it changed, or was decided over, meanwhile.</summary>
    /// <param name="seen">The review that stood when the step was decided on.</param>
    /// <param name="kept">What an approval keeps; null for every other step.</param>
    public async Task<bool> Take(
        TechniqueId technique,
        int edition,
        int version,
        string? seen,
        ReviewStep step,
        string? note,
        KeptDerivation? kept,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var review = step == ReviewStep.BackInUse ? null : step.Word();
        var values = new
        {
            technique,
            edition,
            version,
            seen,
            step = step.Word(),
            review,
            note = note?.Trim() ?? "",
            kept = kept is null ? null : StoredBody.Write(kept),
            by,
            now = now.ToUniversalTime(),
        };
        var taken = await c.ExecuteAsync(
            """
            UPDATE techniques.edition
               SET review = @review, reviewed_by = @by, reviewed_at = @now,
                   kept = coalesce(kept, @kept::jsonb), frozen_at = CASE WHEN @review = 'approved' THEN coalesce(frozen_at, @now)
                       ELSE frozen_at END
             WHERE technique_id = @technique AND edition = @edition AND version = @version AND review IS NOT DISTINCT FROM @seen
            """,
            values,
            t
        );
        if (taken == 0)
            return false;
        await c.ExecuteAsync(
            "INSERT INTO techniques.edition_step (technique_id, edition, at, step, note, by_person) "
                + "VALUES (@technique, @edition, @now, @step, @note, @by)",
            values,
            t
        );
        await t.CommitAsync(ct);
        return true;
    }
}
