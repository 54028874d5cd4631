using System.Net;
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

    [Fact]
    public async Task Only_trainees_are_graded_and_nobody_grades_themselves()
    {
        using var lead = await demo.As("maren");
        var station = (await lead.Get<Wexis.Server.Examinations.ExaminationView[]>("/api/examinations"))[0].Stations[0].Id;
        var assessor = (await lead.Get<PersonLine[]>("/api/people")).Single(p => p.Login == "benno").Id;
        foreach (var person in new[] { assessor, lead.PersonId, Guid.NewGuid() })
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
        stops["results"].ShouldBe("1 to release");
        (await trainee.Get<ThreadStop[]>("/api/thread")).Select(t => t.Stop).ShouldBe(["anatomy", "techniques", "results"]);
    }
}
