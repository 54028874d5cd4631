using Dapper;
using Npgsql;
using Wexis.Core.Measures;

namespace Wexis.Data.Keeping;

/// <summary>What can be archived and deleted.</summary>
[ClosedList]
public enum KeptKind
{
    Technique,
    Routine,
    Programme,
    Examination,
    Station,
    Person,
}

/// <summary>How something stands: here, archived or deleted.</summary>
/// <param name="State">Null: here.</param>
public sealed record Kept(
    [property: WordOf<KeptKind>] string Kind,
    Guid Id,
    string Name,
    [property: OneOf(AwayStore.Archived, AwayStore.Deleted)] string? State,
    string? By,
    DateTimeOffset? At
);

/// <summary>Something that rests on a thing and would be without it.</summary>
/// <param name="Id">Where it is looked at; null for a sum.</param>
/// <param name="Count">How many; for a station how many were graded there.</param>
/// <param name="Holds">It keeps the thing from being deleted.</param>
public sealed record Rest(
    [property: OneOf("programme", "examination", "routine", "station", "cohort", "technique", "demonstration", "screening", "work")]
        string Kind,
    Guid? Id,
    string Name,
    int Count,
    bool Holds
);

/// <summary>What is archived and deleted, of every kind in one way.</summary>
public sealed class AwayStore(NpgsqlDataSource source)
{
    public const string Archived = "archived";
    public const string Deleted = "deleted";

    /// <summary>Deleted things can be brought back for so long.</summary>
    public static readonly TimeSpan BackFor = TimeSpan.FromDays(30);

    /// <param name="Name">Of the row x, as a person knows it.</param>
    /// <param name="Rests">What rests on @id: kind, id, name, count, holds.</param>
    /// <param name="Remove">Removes @id for good; fails where something refers to it.</param>
    private sealed record Thing(string Table, string Key, string Name, string Rests, string Remove);

    /// <summary>Where else a person is named for what they did: that work keeps its author.</summary>
    public static IReadOnlyList<(string Table, string Column)> WorkOfPeople { get; } =
    [
        ("techniques.technique", "added_by"),
        ("techniques.technique", "away_by"),
        ("techniques.edition", "changed_by"),
        ("techniques.edition", "reviewed_by"),
        ("techniques.edition_step", "by_person"),
        ("techniques.kept_conflict", "by_person"),
        ("techniques.house_choice", "by_person"),
        ("techniques.import", "by_person"),
        ("techniques.import", "taken_back_by"),
        ("routines.routine", "away_by"),
        ("routines.edition", "changed_by"),
        ("programmes.programme", "changed_by"),
        ("programmes.programme", "away_by"),
        ("programmes.cohort", "opened_by"),
        ("programmes.cohort_edition", "taken_by"),
        ("programmes.cohort_routine", "taken_by"),
        ("examinations.examination", "added_by"),
        ("examinations.examination", "away_by"),
        ("examinations.station", "away_by"),
        ("examinations.sheet_revision", "changed_by"),
        ("grading.mark_event", "given_by"),
        ("results.result", "decided_by"),
        ("results.result", "released_by"),
        ("results.case_event", "by_person"),
        ("results.invitation", "person_id"),
        ("results.invitation", "invited_by"),
        ("people.screening_erased", "erased_by"),
        ("people.person", "away_by"),
        ("anatomy.structure_check", "entered_by"),
        ("house.setting", "changed_by"),
    ];

    private static readonly IReadOnlyDictionary<string, Thing> Things = new Dictionary<string, Thing>(StringComparer.Ordinal)
    {
        ["technique"] = new(
            "techniques.technique",
            "technique_id",
            "(SELECT e.name FROM techniques.edition e WHERE e.technique_id = x.technique_id ORDER BY e.edition DESC LIMIT 1)",
            """
            SELECT 'programme' AS kind, p.programme_id AS id, p.name, 0 AS count, true AS holds
              FROM programmes.programme p, techniques.technique t
             WHERE t.technique_id = @id AND p.away IS DISTINCT FROM 'deleted'
                 AND jsonb_path_exists(p.body, '$.*[*].techniques[*] ? (@ == $code)', jsonb_build_object('code', t.code))
            UNION ALL
            SELECT 'routine', r.routine_id, e.name, 0, true FROM routines.routine r
                JOIN routines.edition e USING (routine_id), techniques.technique t
             WHERE t.technique_id = @id AND r.away IS DISTINCT FROM 'deleted'
               AND e.edition = (SELECT max(n.edition) FROM routines.edition n WHERE n.routine_id = r.routine_id)
               AND jsonb_path_exists(e.body, '$.parts[*].technique ? (@ == $code)', jsonb_build_object('code', t.code))
            UNION ALL
            SELECT 'station', s.station_id, x.name, (SELECT count(*)::int FROM grading.demonstration d
                WHERE d.station_id = s.station_id), true
              FROM examinations.station s JOIN examinations.examination x USING (examination_id)
             WHERE (s.technique_id = @id OR EXISTS (SELECT 1 FROM examinations.station_part p WHERE p.station_id = s.station_id
                 AND p.technique_id = @id))
               AND s.away IS DISTINCT FROM 'deleted' AND x.away IS DISTINCT FROM 'deleted'
            UNION ALL
            SELECT 'demonstration', NULL::uuid, '', count(*)::int, true FROM grading.demonstration WHERE technique_id = @id
                HAVING count(*) > 0
            UNION ALL
            SELECT DISTINCT 'cohort', c.programme_id, c.name, 0, true FROM programmes.cohort c
                JOIN programmes.cohort_edition e USING (cohort_id) WHERE e.technique_id = @id
            UNION ALL
            SELECT 'technique', e.technique_id, e.name, 0, e.body -> 'prerequisites' ? t.code
              FROM techniques.technique t, techniques.edition e JOIN techniques.technique o USING (technique_id)
             WHERE t.technique_id = @id AND o.away IS DISTINCT FROM 'deleted'
               AND e.edition = (SELECT max(n.edition) FROM techniques.edition n WHERE n.technique_id = e.technique_id)
               AND (e.body -> 'prerequisites' ? t.code OR e.related @> jsonb_build_array(jsonb_build_object('id', t.code)))
            """,
            "DELETE FROM techniques.edition_step WHERE technique_id = @id; DELETE FROM techniques.edition "
                + "WHERE technique_id = @id; DELETE FROM techniques.technique WHERE technique_id = @id"
        ),
        ["routine"] = new(
            "routines.routine",
            "routine_id",
            "(SELECT e.name FROM routines.edition e WHERE e.routine_id = x.routine_id ORDER BY e.edition DESC LIMIT 1)",
            """
            SELECT 'programme' AS kind, p.programme_id AS id, p.name, 0 AS count, true AS holds FROM programmes.programme p
             WHERE p.away IS DISTINCT FROM 'deleted' AND jsonb_path_exists(p.body, '$.units[*].routines[*] ? (@ == $id)',
                 jsonb_build_object('id', @id::text))
            UNION ALL
            SELECT DISTINCT 'cohort', c.programme_id, c.name, 0, true FROM programmes.cohort c
                JOIN programmes.cohort_routine r USING (cohort_id) WHERE r.routine_id = @id
            UNION ALL
            SELECT 'station', s.station_id, x.name, (SELECT count(*)::int FROM grading.demonstration d
                WHERE d.station_id = s.station_id), true
              FROM examinations.station s JOIN examinations.examination x USING (examination_id)
             WHERE s.routine_id = @id AND s.away IS DISTINCT FROM 'deleted' AND x.away IS DISTINCT FROM 'deleted'
            """,
            "DELETE FROM routines.edition WHERE routine_id = @id; DELETE FROM routines.routine WHERE routine_id = @id"
        ),
        ["programme"] = new(
            "programmes.programme",
            "programme_id",
            "x.name",
            """
            SELECT 'cohort' AS kind, programme_id AS id, name, 0 AS count, true AS holds FROM programmes.cohort WHERE programme_id = @id
            UNION ALL
            SELECT 'examination', examination_id, name, 0, true FROM examinations.examination WHERE programme_id = @id
                AND away IS DISTINCT FROM 'deleted'
            """,
            "DELETE FROM programmes.programme WHERE programme_id = @id"
        ),
        ["examination"] = new(
            "examinations.examination",
            "examination_id",
            "x.name",
            """
            SELECT 'station' AS kind, s.station_id AS id, r.body ->> 'technique_name' AS name,
                   (SELECT count(*)::int FROM grading.demonstration d WHERE d.station_id = s.station_id) AS count,
                   EXISTS (SELECT 1 FROM grading.demonstration d WHERE d.station_id = s.station_id) AS holds
              FROM examinations.station s JOIN examinations.sheet_revision r ON r.station_id = s.station_id AND r.revision = 1
             WHERE s.examination_id = @id AND s.away IS DISTINCT FROM 'deleted'
            """,
            """
            DELETE FROM examinations.sheet_revision r USING examinations.station s WHERE s.station_id = r.station_id
                AND s.examination_id = @id;
            DELETE FROM examinations.station_part p USING examinations.station s WHERE s.station_id = p.station_id
                AND s.examination_id = @id;
            DELETE FROM examinations.station WHERE examination_id = @id; DELETE FROM examinations.examination WHERE examination_id = @id
            """
        ),
        ["station"] = new(
            "examinations.station",
            "station_id",
            "(SELECT r.body ->> 'technique_name' FROM examinations.sheet_revision r WHERE r.station_id = x.station_id "
                + "ORDER BY r.revision DESC LIMIT 1)",
            "SELECT 'demonstration' AS kind, NULL::uuid AS id, '' AS name, count(*)::int AS count, true AS holds "
                + "FROM grading.demonstration WHERE station_id = @id HAVING count(*) > 0",
            "DELETE FROM examinations.sheet_revision WHERE station_id = @id; DELETE FROM examinations.station_part "
                + "WHERE station_id = @id; DELETE FROM examinations.station WHERE station_id = @id"
        ),
        ["person"] = new(
            "people.person",
            "person_id",
            "x.name",
            """
            SELECT 'demonstration' AS kind, NULL::uuid AS id, '' AS name, count(*)::int AS count, true AS holds FROM grading.demonstration
                WHERE trainee_id = @id OR assessor_id = @id HAVING count(*) > 0
            UNION ALL
            SELECT 'cohort', c.programme_id, c.name, 0, true FROM programmes.cohort c JOIN programmes.cohort_member m USING (cohort_id)
                WHERE m.person_id = @id
            UNION ALL
            SELECT 'screening', NULL, '', count(*)::int, true FROM people.screening WHERE about_person = @id OR taken_by = @id
                HAVING count(*) > 0
            UNION ALL
            SELECT 'work', NULL, '', sum(n)::int, true FROM (
            """
                + string.Join(" UNION ALL ", WorkOfPeople.Select(w => $"SELECT count(*) AS n FROM {w.Table} WHERE {w.Column} = @id"))
                + ") w HAVING sum(n) > 0",
            "DELETE FROM people.session WHERE person_id = @id; DELETE FROM people.person WHERE person_id = @id"
        ),
    };

    public static IReadOnlyCollection<string> Kinds => [.. Things.Keys];

    private sealed class Row
    {
        public string Kind { get; init; } = "";
        public Guid Id { get; init; }
        public string Name { get; init; } = "";
        public string? State { get; init; }
        public string? By { get; init; }
        public DateTimeOffset? At { get; init; }

        public Kept ToKept() => new(Kind, Id, Name, State, By, At);
    }

    private sealed class RestRow
    {
        public string Kind { get; init; } = "";
        public Guid? Id { get; init; }
        public string Name { get; init; } = "";
        public int Count { get; init; }
        public bool Holds { get; init; }

        public Rest ToRest() => new(Kind, Id, Name, Count, Holds);
    }

    private static string Select(string kind, Thing thing) =>
        $"SELECT '{kind}' AS kind, x.{thing.Key} AS id, {thing.Name} AS name, x.away AS state, p.name AS by, "
        + $"x.away_at AS at FROM {thing.Table} x LEFT JOIN people.person p ON p.person_id = x.away_by";

    /// <summary>All that is archived, and what was deleted and can still come back; the newest first.</summary>
    public async Task<IReadOnlyList<Kept>> All(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var sql = string.Join(" UNION ALL ", Things.Select(t => $"{Select(t.Key, t.Value)} WHERE x.away IS NOT NULL"));
        return [.. (await c.QueryAsync<Row>($"SELECT * FROM ({sql}) a ORDER BY at DESC")).Select(r => r.ToKept())];
    }

    public async Task<Kept?> ById(string kind, Guid id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await ById(c, kind, id, null);
    }

    private static async Task<Kept?> ById(NpgsqlConnection c, string kind, Guid id, NpgsqlTransaction? t) =>
        (await c.QuerySingleOrDefaultAsync<Row>($"{Select(kind, Things[kind])} WHERE x.{Things[kind].Key} = @id", new { id }, t))?.ToKept();

    public async Task<IReadOnlyList<Rest>> RestsOn(string kind, Guid id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await RestsOn(c, kind, id, null);
    }

    internal static async Task<IReadOnlyList<Rest>> RestsOn(NpgsqlConnection c, string kind, Guid id, NpgsqlTransaction? t) =>
        [
            .. (await c.QueryAsync<RestRow>($"SELECT * FROM ({Things[kind].Rests}) r ORDER BY kind, name", new { id }, t)).Select(r =>
                r.ToRest()
            ),
        ];

    /// <summary>
    /// Archives, deletes or brings back. Stale when it stands otherwise than was seen, or when something that holds it came meanwhile.
    /// </summary>
    /// <param name="seen">How it stood when this was decided; null: here.</param>
    /// <param name="state">How it shall stand; null: here.</param>
    public async Task<SaveOutcome> Put(
        string kind,
        Guid id,
        string? seen,
        string? state,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        var thing = Things[kind];
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        // Two who close each other's accounts at once would leave a house that nobody leads.
        if (kind == "person")
            await c.ExecuteAsync("LOCK TABLE people.person IN SHARE ROW EXCLUSIVE MODE", transaction: t);
        await c.ExecuteAsync($"SELECT 1 FROM {thing.Table} WHERE {thing.Key} = @id FOR UPDATE", new { id }, t);
        if (await ById(c, kind, id, t) is not { } kept)
            return SaveOutcome.NotThere;
        // Sent again after a lost answer: it stands as asked.
        if (kept.State == state)
            return SaveOutcome.Saved;
        if (kept.State != seen)
            return SaveOutcome.Stale;
        if (state == Deleted && (await RestsOn(c, kind, id, t)).Any(r => r.Holds))
            return SaveOutcome.Stale;
        var account = kind == "person" ? ", active = (@state::text IS NULL)" : "";
        await c.ExecuteAsync(
            $"UPDATE {thing.Table} SET away = @state, away_by = CASE WHEN @state::text IS NULL THEN NULL "
                + $"ELSE @by END, away_at = CASE WHEN @state::text IS NULL THEN NULL ELSE @now END{account} "
                + $"WHERE {thing.Key} = @id",
            new
            {
                id,
                state,
                by,
                now = now.ToUniversalTime(),
            },
            t
        );
        if (kind == "person" && state is not null)
        {
            if (
                !await c.ExecuteScalarAsync<bool>(
                    "SELECT EXISTS (SELECT 1 FROM people.person WHERE role = 'lead' AND active)",
                    transaction: t
                )
            )
                return SaveOutcome.Stale;
            await c.ExecuteAsync("DELETE FROM people.session WHERE person_id = @id", new { id }, t);
        }
        await t.CommitAsync(ct);
        return SaveOutcome.Saved;
    }

    /// <summary>Removes for good what was deleted long enough ago. What something refers to after all stays, out of sight.</summary>
    public async Task<int> Sweep(DateTimeOffset now, CancellationToken ct)
    {
        var removed = 0;
        var before = (now - BackFor).ToUniversalTime();
        await using var c = await source.OpenConnectionAsync(ct);
        foreach (var (kind, thing) in Things)
        foreach (
            var id in await c.QueryAsync<Guid>(
                $"SELECT {thing.Key} FROM {thing.Table} WHERE away = 'deleted' AND away_at < @before",
                new { before }
            )
        )
        {
            if ((await RestsOn(c, kind, id, null)).Any(r => r.Holds))
                continue;
            await using var t = await c.BeginTransactionAsync(ct);
            try
            {
                await c.ExecuteAsync(thing.Remove, new { id }, t);
                await t.CommitAsync(ct);
                removed++;
            }
            catch (PostgresException x) when (x.SqlState == PostgresErrorCodes.ForeignKeyViolation)
            {
                await t.RollbackAsync(ct);
            }
        }
        return removed;
    }
}
