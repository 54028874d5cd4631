using System.Net;
using Npgsql;
using Wexis.Core.Measures;
using Wexis.Data;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Shell;

/// <summary>Migrations, and the constraints that guard in the database what the core promises.</summary>
public class DatabaseTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public async Task Three_servers_that_start_at_once_on_an_empty_database_make_one_demo()
    {
        await using var database = await TestDatabase.CreateEmpty();
        await using var one = await House.Open(demo: true);
        await using var a = House.On(database, demo: true);
        await using var b = House.On(database, demo: true);
        await using var c = House.On(database, demo: true);
        await Task.WhenAll(a.Start(), b.Start(), c.Start());
        var scripts = Directory.GetFiles(Path.Combine(House.Root, "src", "Wexis.Data", "Migrations"), "*.sql").Length;
        (await database.Scalar<long>("SELECT count(*) FROM public.schemaversions")).ShouldBe(scripts);
        foreach (
            var table in (string[])
                [
                    "people.person",
                    "techniques.edition",
                    "techniques.edition_step",
                    "programmes.cohort_edition",
                    "grading.mark_event",
                    "results.result",
                ]
        )
            (await database.Scalar<long>($"SELECT count(*) FROM {table}")).ShouldBe(
                await one.Database.Scalar<long>($"SELECT count(*) FROM {table}"),
                table
            );
        foreach (var house in (House[])[a, b, c])
        {
            using var lead = await house.Visit().SignIn("maren");
            (await lead.Ask("/api/ready")).StatusCode.ShouldBe(HttpStatusCode.OK);
        }
    }

    [Fact]
    public async Task The_application_owns_its_database_and_nothing_else()
    {
        (
            await demo.House.Database.Scalar<bool>(
                "SELECT rolsuper OR rolcreatedb OR rolcreaterole OR rolreplication OR rolbypassrls FROM pg_roles "
                    + "WHERE rolname = current_user"
            )
        ).ShouldBeFalse();
        (await Should.ThrowAsync<PostgresException>(demo.House.Database.Execute("COPY people.person TO PROGRAM 'cat'"))).SqlState.ShouldBe(
            PostgresErrorCodes.InsufficientPrivilege
        );
        (await Should.ThrowAsync<PostgresException>(demo.House.Database.Execute("CREATE DATABASE another"))).SqlState.ShouldBe(
            PostgresErrorCodes.InsufficientPrivilege
        );
    }

    [Fact]
    public async Task Three_servers_fit_a_PostgreSQL_as_it_comes()
    {
        await using var source = Database.Open("Host=127.0.0.1;Database=none");
        var most = new NpgsqlConnectionStringBuilder(source.ConnectionString).MaxPoolSize;
        // PostgreSQL documentation, runtime-config-connection: max_connections 100, superuser_reserved_connections 3. One more for
        // migrating.
        (3 * (most + 1)).ShouldBeLessThanOrEqualTo(100 - 3);
    }

    [Theory]
    [InlineData("UPDATE people.person SET role = 'queen'", "person_has_a_known_role")]
    [InlineData("UPDATE people.person SET login = ''", "person_has_a_login")]
    [InlineData("UPDATE people.person SET name = ''", "person_has_a_name")]
    [InlineData("UPDATE people.person SET login = 'MAREN' WHERE login = 'benno'", "login_is_taken_once")]
    [InlineData("UPDATE techniques.edition SET standing = 'splendid'", "edition_has_a_known_standing")]
    [InlineData("UPDATE programmes.programme SET name = ''", "programme_has_a_name")]
    [InlineData("UPDATE programmes.cohort SET name = ' '", "cohort_has_a_name")]
    [InlineData("UPDATE programmes.cohort_edition SET edition = 2", "cohort_edition_is_kept")]
    [InlineData("DELETE FROM programmes.cohort_edition", "cohort_edition_is_kept")]
    [InlineData(
        "INSERT INTO programmes.cohort_edition SELECT cohort_id, technique_id, 99, taken_by, now() FROM programmes.cohort_edition LIMIT 1",
        "cohort_is_taught_an_edition"
    )]
    [InlineData("UPDATE examinations.examination SET name = ''", "examination_has_a_name")]
    [InlineData("UPDATE examinations.station SET place = 1", "station_place_is_taken_once")]
    [InlineData(
        "INSERT INTO examinations.sheet_revision SELECT station_id, 99, 1, body, 0, changed_by, changed_at, NULL "
            + "FROM examinations.sheet_revision LIMIT 1",
        "pass_line_is_a_percentage"
    )]
    [InlineData("UPDATE grading.demonstration SET assessor_id = trainee_id", "nobody_grades_themselves")]
    [InlineData("UPDATE grading.demonstration SET attempt = 0", "attempt_counts_from_one")]
    [InlineData("UPDATE results.result SET decision = 'perhaps'", "result_is_decided")]
    [InlineData("UPDATE techniques.edition_step SET note = 'otherwise'", "edition_step_append_only")]
    [InlineData("TRUNCATE techniques.edition_step", "edition_step_append_only")]
    [InlineData("UPDATE house.setting SET value = '1'", "setting_append_only")]
    [InlineData("DELETE FROM house.setting", "setting_append_only")]
    [InlineData("UPDATE anatomy.structure_check SET verdict = 'right'", "structure_check_append_only")]
    [InlineData("DELETE FROM anatomy.structure_check", "structure_check_append_only")]
    [InlineData("DELETE FROM people.screening_erased", "screening_erased_append_only")]
    [InlineData("UPDATE results.result SET released_by = NULL WHERE released_at IS NOT NULL", "release_names_who_did_it")]
    public async Task A_breach_is_refused_by_the_constraint_that_is_named_for_the_rule(string sql, string constraint) =>
        (await Should.ThrowAsync<PostgresException>(demo.House.Database.Execute(sql))).ConstraintName.ShouldBe(constraint);

    [Fact]
    public async Task A_demo_that_was_cut_off_while_filling_is_finished_by_the_next_start()
    {
        await using var house = await House.Open(demo: true);
        var all = await house.Database.Scalar<long>("SELECT count(*) FROM grading.mark_event");
        var happened = await house.Database.Scalar<long>("SELECT count(*) FROM results.case_event");
        await house.Database.Execute(
            """
            ALTER TABLE grading.mark_event DISABLE TRIGGER USER;
            ALTER TABLE results.case_event DISABLE TRIGGER USER;
            DELETE FROM results.case_event e USING grading.demonstration d WHERE d.demonstration_id = e.demonstration_id
                AND d.opened_at > '2026-11-03 10:10Z';
            DELETE FROM results.result r USING grading.demonstration d WHERE d.demonstration_id = r.demonstration_id
                AND d.opened_at > '2026-11-03 10:10Z';
            DELETE FROM grading.mark_event WHERE arrived_at > '2026-11-03 10:10Z';
            DELETE FROM grading.demonstration WHERE opened_at > '2026-11-03 10:10Z';
            ALTER TABLE grading.mark_event ENABLE TRIGGER USER;
            ALTER TABLE results.case_event ENABLE TRIGGER USER;
            """
        );
        await house.Restart();
        (await house.Database.Scalar<long>("SELECT count(*) FROM grading.mark_event")).ShouldBe(all);
        await house.Restart();
        (await house.Database.Scalar<long>("SELECT count(*) FROM grading.mark_event")).ShouldBe(all);
        (await house.Database.Scalar<long>("SELECT count(*) FROM results.case_event")).ShouldBe(happened);
    }

    [Fact]
    public async Task The_demo_shows_one_failure_on_safety_alone_and_one_by_a_short_side()
    {
        using var lead = await demo.As("maren");
        var results = await lead.Get<Wexis.Server.Results.ResultLine[]>("/api/results");
        results.ShouldContain(r => r.Decision == Decision.Fail && r.Headline.StartsWith("Not passed on safety alone"));
        var joss = results.Single(r => r.Trainee == "Joss Haverick");
        var view = await lead.Get<Wexis.Server.Results.ResultView>($"/api/results/{joss.Id}");
        view.Result.Score.Reasons[0].ShouldStartWith("The short left side decided");
        results.Count(r => r.Decision == Decision.Pass).ShouldBeGreaterThanOrEqualTo(2);
    }
}
