using System.Net;
using Microsoft.Extensions.DependencyInjection;
using Wexis.Data.People;
using Wexis.Server.People;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.People;

/// <summary>Sessions are the server's: what ends one ends it for whoever holds its cookie.</summary>
public class SessionTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    /// <summary>A timer may wake a few milliseconds before its time by the clock that ages a session.</summary>
    private static readonly TimeSpan TimerSlack = TimeSpan.FromMilliseconds(100);

    [Fact]
    public async Task Signing_out_ends_the_session_for_a_copied_cookie_too()
    {
        using var lead = await demo.As("maren");
        using var copy = lead.Copied();
        (await copy.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.OK);
        await lead.Delete("/api/session");
        (await copy.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        (await copy.ReadSession()).Person.ShouldBeNull();
        await copy.SignIn("maren");
    }

    [Fact]
    public async Task Signing_out_here_leaves_the_same_person_signed_in_elsewhere()
    {
        using var here = await demo.As("maren");
        using var there = await demo.As("maren");
        await here.Delete("/api/session");
        (await there.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Theory]
    [InlineData("UPDATE people.person SET active = NOT active WHERE login = 'ilse'")]
    [InlineData("UPDATE people.person SET security_stamp = gen_random_uuid() WHERE login = 'ilse'")]
    [InlineData(
        "UPDATE people.session SET ends_at = now() - interval '1 second' WHERE person_id = (SELECT person_id "
            + "FROM people.person WHERE login = 'ilse')"
    )]
    public async Task A_closed_account_a_new_stamp_and_the_end_of_its_time_end_a_session_within_two_seconds(string happens)
    {
        using var trainee = await demo.As("ilse");
        (await trainee.Ask("/api/results")).StatusCode.ShouldNotBe(HttpStatusCode.Unauthorized);
        await demo.House.Database.Execute(happens);
        await Task.Delay(HeldSessions.Trusted + TimerSlack);
        (await trainee.Ask("/api/results")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        await demo.House.Database.Execute("UPDATE people.person SET active = true WHERE login = 'ilse'");
    }

    [Fact]
    public async Task A_role_that_changed_counts_within_two_seconds()
    {
        using var benno = await demo.As("benno");
        await demo.House.Database.Execute("UPDATE people.person SET role = 'trainee' WHERE login = 'benno'");
        await Task.Delay(HeldSessions.Trusted + TimerSlack);
        (await benno.Ask("/api/people")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        await demo.House.Database.Execute("UPDATE people.person SET role = 'assessor' WHERE login = 'benno'");
        await Task.Delay(HeldSessions.Trusted + TimerSlack);
        (await benno.Ask("/api/people")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Only_the_hash_of_a_key_is_stored()
    {
        using var lead = await demo.As("maren");
        const string key = "a key that only its browser has";
        var now = DateTimeOffset.UtcNow;
        await demo.House.Services.GetRequiredService<SessionStore>().Begin(key, lead.PersonId, now, now.AddHours(1), default);
        // PostgreSQL's own sha256 (FIPS 180-4) is the other opinion.
        (
            await demo.House.Database.Scalar<long>(
                "SELECT count(*) FROM people.session WHERE key_hash = sha256(convert_to(@key, 'UTF8'))",
                new { key }
            )
        ).ShouldBe(1);
        (
            await demo.House.Database.Scalar<long>(
                "SELECT count(*) FROM people.session s WHERE encode(s.key_hash, 'escape') LIKE '%' || @key || '%' "
                    + "OR s::text LIKE '%' || @key || '%'",
                new { key }
            )
        ).ShouldBe(0);
    }

    [Fact]
    public async Task An_open_session_does_not_become_somebody_elses()
    {
        using var browser = await demo.As("maren");
        (await browser.TrySignIn("benno", Visitor.DemoPassword)).StatusCode.ShouldBe(HttpStatusCode.Conflict);
        (await browser.ReadSession()).Person!.Login.ShouldBe("maren");
        (await browser.TrySignIn("maren", Visitor.DemoPassword)).StatusCode.ShouldBe(HttpStatusCode.OK, "a second click");
        await browser.Delete("/api/session");
        (await browser.SignIn("benno")).PersonId.IsSet.ShouldBeTrue();
    }
}

/// <summary>Guessing is slow, and the one who guesses keeps nobody else out.</summary>
public class SignInGateTests
{
    [Fact]
    public async Task Guessing_at_one_account_is_refused_after_ten_tries_while_others_come_in()
    {
        await using var house = await House.Open(demo: true, signInsPerMinute: 10);
        using var guesser = house.Visit();
        var answers = new List<HttpStatusCode>();
        for (var i = 0; i < 14; i++)
            answers.Add((await guesser.TrySignIn(i % 2 == 0 ? "maren" : " MAREN ", $"guess {i}")).StatusCode);
        answers.Take(10).ShouldAllBe(s => s == HttpStatusCode.BadRequest);
        answers[^1].ShouldBe(HttpStatusCode.TooManyRequests);
        var refused = await guesser.TrySignIn("maren", Visitor.DemoPassword);
        refused.Headers.RetryAfter.ShouldNotBeNull();
        refused.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
        using var other = await house.Visit().SignIn("benno");
        (await other.Ask("/api/people")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task The_owner_comes_in_from_another_device()
    {
        using var gate = new SignInGate(3);
        for (var i = 0; i < 3; i++)
            (await gate.Enter("maren", "10.0.0.7", default)).ShouldNotBeNull().Dispose();
        (await gate.Enter("Maren", "10.0.0.7", default)).ShouldBeNull();
        (await gate.Enter("maren", "10.0.0.8", default)).ShouldNotBeNull().Dispose();
    }

    [Fact]
    public async Task The_code_of_the_first_lead_has_one_measure_for_all()
    {
        await using var house = await House.Open(firstLeadCode: "482913", signInsPerMinute: 5);
        var answers = new List<HttpStatusCode>();
        for (var i = 0; i < 8; i++)
        {
            using var visitor = house.Visit();
            await visitor.ReadSession();
            answers.Add(
                (
                    await visitor.Post(
                        "/api/first-lead",
                        new
                        {
                            login = "anna",
                            name = "Anna Example",
                            password = "long-enough-1",
                            code = $"{i:000000}",
                        }
                    )
                ).StatusCode
            );
        }
        answers[0].ShouldBe(HttpStatusCode.BadRequest);
        answers[^1].ShouldBe(HttpStatusCode.TooManyRequests);
    }
}
