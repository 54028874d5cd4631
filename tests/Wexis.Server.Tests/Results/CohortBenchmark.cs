using System.Diagnostics;
using Dapper;
using Npgsql;
using Wexis.Data.Results;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Results;

/// <summary>
/// A cohort at a glance, 500 trainees × 40 sheets × 20 criteria, against its bare queries, by turns in one run. Only <c>./wexis bench</c>
/// runs this.
/// </summary>
[Trait("category", "bench")]
public class CohortBenchmark
{
    private const string Filled = """
        INSERT INTO people.person (person_id, login, name, role, password_hash, security_stamp, added_at)
        SELECT md5('person ' || n)::uuid, 'bench-' || n, 'Trainee ' || n, 'trainee', '', gen_random_uuid(), now()
            FROM generate_series(1, 500) n;
        INSERT INTO programmes.cohort (cohort_id, programme_id, programme_edition, name, opened_by, opened_at)
        SELECT md5('cohort')::uuid, c.programme_id, c.programme_edition, 'Bench', c.opened_by, now() FROM programmes.cohort c LIMIT 1;
        INSERT INTO programmes.cohort_member (cohort_id, person_id) SELECT md5('cohort')::uuid, md5('person ' || n)::uuid
            FROM generate_series(1, 500) n;
        INSERT INTO examinations.examination (examination_id, name, added_by, added_at)
        SELECT md5('exam')::uuid, 'Bench', (SELECT person_id FROM people.person WHERE role = 'lead'), now();
        INSERT INTO examinations.station (station_id, examination_id, place, kind, technique_id, edition)
        SELECT md5('station ' || n)::uuid, md5('exam')::uuid, n, s.kind, s.technique_id, s.edition
          FROM generate_series(1, 40) n, (SELECT * FROM examinations.station WHERE technique_id IS NOT NULL LIMIT 1) s;
        INSERT INTO examinations.sheet_revision (station_id, revision, body, pass_line, changed_by, changed_at)
        SELECT md5('station ' || n)::uuid, 1, r.body, r.pass_line, r.changed_by, now()
          FROM generate_series(1, 40) n, (SELECT r.* FROM examinations.sheet_revision r JOIN examinations.station s USING (station_id)
                                           WHERE s.technique_id IS NOT NULL ORDER BY station_id, revision LIMIT 1) r;
        INSERT INTO grading.demonstration (demonstration_id, station_id, revision, trainee_id, assessor_id, attempt, opened_at,
            submitted_at)
        SELECT md5('shown ' || p || ' ' || s)::uuid, md5('station ' || s)::uuid, 1, md5('person ' || p)::uuid, (SELECT person_id
            FROM people.person WHERE role = 'lead'), 1, now(), now()
          FROM generate_series(1, 500) p, generate_series(1, 40) s;
        INSERT INTO results.result (demonstration_id, body, percent, decision, decided_at, decided_by)
        SELECT md5('shown ' || p || ' ' || s)::uuid, jsonb_set(b.body, '{score,criteria}',
            (SELECT jsonb_agg(c || jsonb_build_object('mark', (p * 7 + s * 3 + n) % 4, 'lost', (p + s + n) % 5)
                   || jsonb_build_object('criterion', (c -> 'criterion') || jsonb_build_object('id', 'c' || n)))
                     FROM generate_series(1, 20) n, LATERAL (SELECT b.body #> ARRAY['score', 'criteria',
                         ((n - 1) % jsonb_array_length(b.body #> '{score,criteria}'))::text] AS c) x)),
               50 + (p * 13 + s * 7) % 50, CASE WHEN (p * 13 + s * 7) % 50 >= 25 THEN 'pass' ELSE 'fail' END, now(), (SELECT person_id
                   FROM people.person WHERE role = 'lead')
          FROM generate_series(1, 500) p, generate_series(1, 40) s, (SELECT body FROM results.result LIMIT 1) b;
        ANALYZE;
        """;

    [Fact]
    public async Task A_cohort_of_500_with_40_sheets_each()
    {
        await using var database = await TestDatabase.Create();
        await using var server = await ServerProcess.Start(database, House.FreePort());
        using var lead = await new Visitor(server.Address).SignIn("maren");
        await using var source = NpgsqlDataSource.Create(database.ConnectionString + ";Command Timeout=600");
        await using (var c = await source.OpenConnectionAsync())
            await c.ExecuteAsync(Filled, commandTimeout: 600);
        var cohort = await database.Scalar<Guid>("SELECT md5('cohort')::uuid");
        var values = new
        {
            Cohort = cohort,
            Examination = (Guid?)null,
            blind = Array.Empty<Guid>(),
        };
        async Task Bare()
        {
            await using var c = await source.OpenConnectionAsync();
            foreach (var sql in new[] { GlanceStore.Cells, GlanceStore.Weakest, GlanceStore.Confused })
            {
                await using var reader = await c.ExecuteReaderAsync(sql, values);
                while (await reader.ReadAsync())
                    for (var i = 0; i < reader.FieldCount; i++)
                        _ = reader.GetValue(i);
            }
        }
        async Task Glance() => (await lead.Ask($"/api/results/cohort?cohort={cohort}")).EnsureSuccessStatusCode();
        var (glance, bare) = (new List<double>(), new List<double>());
        for (var turn = 0; turn < 9; turn++)
        {
            bare.Add(await Timed(Bare));
            glance.Add(await Timed(Glance));
        }
        var (a, b) = (Median(glance), Median(bare));
        var said = $"a cohort at a glance, 500 × 40 × 20           {a, 6:0} ms   its bare queries {b:0} ms   {a / b:0.0} ×\n";
        TestContext.Current.SendDiagnosticMessage(said);
        if (Environment.GetEnvironmentVariable("WEXIS_BENCH") is { } file)
            await File.AppendAllTextAsync(file, said);
    }

    private static double Median(List<double> of) => of.Order().ElementAt(of.Count / 2);

    private static async Task<double> Timed(Func<Task> what)
    {
        var watch = Stopwatch.StartNew();
        await what();
        return watch.Elapsed.TotalMilliseconds;
    }
}
