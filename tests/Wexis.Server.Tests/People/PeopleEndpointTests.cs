using System.Net;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Server.App;
using Wexis.Server.People;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.People;

public class PeopleEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static object Person(string login, string role = "trainee", string password = "long-enough-1", string name = "Tess Trainee") =>
        new
        {
            login,
            name,
            role,
            password,
        };

    [Fact]
    public async Task Somebody_who_is_added_can_sign_in_at_once()
    {
        using var lead = await demo.As("maren");
        (await lead.Post("/api/people", Person("tess-1"))).StatusCode.ShouldBe(HttpStatusCode.OK);
        using var tess = demo.House.Visit();
        (await tess.TrySignIn("tess-1", "long-enough-1")).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await tess.TrySignIn("TESS-1", "long-enough-1")).StatusCode.ShouldBe(HttpStatusCode.OK, "a login is one, however it is written");
    }

    [Theory]
    [InlineData("maren", "trainee", "long-enough-1", "Name", "login")]
    [InlineData("MAREN", "trainee", "long-enough-1", "Name", "login")]
    [InlineData("", "trainee", "long-enough-1", "Name", "login")]
    [InlineData("two words", "trainee", "long-enough-1", "Name", "login")]
    [InlineData("tess-2", "queen", "long-enough-1", "Name", "role")]
    [InlineData("tess-3", "trainee", "short", "Name", "password")]
    [InlineData("tess-4", "trainee", "long-enough-1", "", "name")]
    public async Task A_slip_is_refused_with_its_field(string login, string role, string password, string name, string field)
    {
        using var lead = await demo.As("maren");
        (await Visitor.Refusal(await lead.Post("/api/people", Person(login, role, password, name)))).Keys.ShouldContain(field);
    }

    [Fact]
    public async Task Neither_hash_nor_password_ever_leaves_the_house()
    {
        using var lead = await demo.As("maren");
        foreach (var path in new[] { "/api/people", "/api/session", "/api/demonstrations", "/api/results" })
        {
            var text = await (await lead.Ask(path)).Content.ReadAsStringAsync();
            text.ShouldNotContain("hash");
            if (path != "/api/session")
                text.ShouldNotContain(Visitor.DemoPassword);
        }
    }

    [Fact]
    public async Task A_person_whose_stamp_was_renewed_is_signed_out_everywhere()
    {
        using var lead = await demo.As("maren");
        await lead.Post("/api/people", Person("tess-5"));
        using var tess = await demo.House.Visit().SignIn("tess-5", "long-enough-1");
        await demo.House.Database.Execute("UPDATE people.person SET security_stamp = gen_random_uuid() WHERE login = 'tess-5'");
        // Changed behind the server's back: what it read of a session is trusted for so long (decision 0011).
        await Task.Delay(HeldSessions.Trusted);
        (await tess.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
    }

    private async Task<(Visitor Lead, PersonLine Person)> Added(string login)
    {
        var lead = await demo.As("maren");
        return (lead, await Visitor.Read<PersonLine>(await lead.Post("/api/people", Person(login))));
    }

    [Fact]
    public async Task A_name_and_a_role_are_changed_over_what_was_seen()
    {
        var (lead, tess) = await Added("tess-6");
        using var _ = lead;
        using var visitor = await demo.House.Visit().SignIn("tess-6", "long-enough-1");
        var path = $"/api/people/{tess.Id}";
        var change = new PersonChange("Tess Toller", "assessor", tess.Name, tess.Role.Word());
        var changed = await Visitor.Read<PersonLine>(await lead.Put(path, change));
        (changed.Name, changed.Role).ShouldBe(("Tess Toller", PersonRole.Assessor));
        (await lead.Put(path, change)).StatusCode.ShouldBe(HttpStatusCode.OK, "the same sent twice is one change");
        (await lead.Put(path, change with { Name = "Other" })).StatusCode.ShouldBe(
            HttpStatusCode.Conflict,
            "begun over what was there before"
        );
        (await visitor.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized, "a new role is signed in for anew");
        (await Visitor.Refusal(await lead.Put(path, change with { Role = "queen" }))).Keys.ShouldBe(["role"]);
        (await Visitor.Refusal(await lead.Put(path, change with { Name = " " }))).Keys.ShouldBe(["name"]);
        (await lead.Put($"/api/people/{Guid.NewGuid()}", change)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task The_last_lead_trainer_stays_one_and_nobody_else_changes_people()
    {
        using var lead = await demo.As("maren");
        using var benno = await demo.As("benno");
        var maren = (await lead.Get<PersonLine[]>("/api/people")).Single(p => p.Login == "maren");
        var down = new PersonChange(maren.Name, "trainee", maren.Name, "lead");
        (await Visitor.Refusal(await lead.Put($"/api/people/{maren.Id}", down)))["role"].Single().ShouldContain("keeps a lead trainer");
        (await benno.Put($"/api/people/{maren.Id}", down)).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (await benno.Put($"/api/people/{maren.Id}/password", new PasswordReset("long-enough-9"))).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
    }

    [Fact]
    public async Task A_reset_password_is_the_only_one_that_opens_and_ends_every_session()
    {
        var (lead, tess) = await Added("tess-7");
        using var _ = lead;
        using var visitor = await demo.House.Visit().SignIn("tess-7", "long-enough-1");
        var path = $"/api/people/{tess.Id}/password";
        (await Visitor.Refusal(await lead.Put(path, new PasswordReset("short")))).Keys.ShouldBe(["password"]);
        (await visitor.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.OK, "nothing was changed");
        (await lead.Put(path, new PasswordReset("long-enough-2"))).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await visitor.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        using var again = demo.House.Visit();
        (await again.TrySignIn("tess-7", "long-enough-1")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await again.TrySignIn("tess-7", "long-enough-2")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Ones_own_password_is_changed_with_the_one_that_is_given_up()
    {
        var (lead, _) = await Added("tess-8");
        using var __ = lead;
        using var tess = await demo.House.Visit().SignIn("tess-8", "long-enough-1");
        (await Visitor.Refusal(await tess.Put("/api/session/password", new PasswordChange("wrong-one-1", "long-enough-3")))).Keys.ShouldBe([
            "current",
        ]);
        (await Visitor.Refusal(await tess.Put("/api/session/password", new PasswordChange("long-enough-1", "short")))).Keys.ShouldBe([
            "password",
        ]);
        (await tess.Put("/api/session/password", new PasswordChange("long-enough-1", "long-enough-3"))).StatusCode.ShouldBe(
            HttpStatusCode.NoContent
        );
        (await tess.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        using var again = demo.House.Visit();
        (await again.TrySignIn("tess-8", "long-enough-3")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Only_trainees_are_graded_and_nobody_grades_themselves()
    {
        using var lead = await demo.As("maren");
        var station = (await lead.Get<Wexis.Server.Examinations.ExaminationView[]>("/api/examinations"))[0].Stations[0].Id;
        var assessor = (await lead.Get<PersonLine[]>("/api/people")).Single(p => p.Login == "benno").Id;
        foreach (var person in new[] { assessor, lead.PersonId, PersonId.New() })
        {
            var answer = await lead.Put(
                $"/api/demonstrations/{Guid.NewGuid()}",
                new Wexis.Server.Grading.DemonstrationOpen(station, person)
            );
            (await Visitor.Refusal(answer)).Keys.ShouldBe(["trainee_id"]);
        }
    }

    [Fact]
    public async Task The_thread_says_in_words_what_waits_and_a_trainee_sees_only_their_own_stops()
    {
        using var lead = await demo.As("maren");
        using var trainee = await demo.As("ilse");
        var stops = (await lead.Get<ThreadStop[]>("/api/thread")).ToDictionary(t => t.Stop, t => t.Waits);
        stops["techniques"].ShouldBe("2 claims to answer");
        stops["programme"].ShouldBe("3 gaps");
        stops["routines"].ShouldBe("", "the routines of the demo are in order");
        stops["results"].ShouldBe("1 to release");
        (await trainee.Get<ThreadStop[]>("/api/thread")).Select(t => t.Stop).ShouldBe(["anatomy", "techniques", "results"]);
    }
}
