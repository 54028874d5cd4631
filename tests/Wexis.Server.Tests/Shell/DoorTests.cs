using System.Net;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;
using Wexis.Core.People;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Shell;

/// <summary>Who may come in, and to what.</summary>
public class DoorTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static readonly HashSet<string> OpenToAll = new(StringComparer.Ordinal)
    {
        "/api/health",
        "/api/ready",
        "/api/session",
        "/api/first-lead",
        "/api/{**rest}",
    };

    [Fact]
    public async Task Every_endpoint_refuses_a_stranger_unless_it_is_the_door_itself()
    {
        using var stranger = demo.House.Visit();
        await stranger.ReadSession();
        var endpoints = demo
            .House.Services.GetServices<EndpointDataSource>()
            .SelectMany(s => s.Endpoints)
            .OfType<RouteEndpoint>()
            .SelectMany(e =>
                (e.Metadata.GetMetadata<HttpMethodMetadata>()?.HttpMethods ?? ["GET"]).Select(m =>
                    (Method: m, Path: "/" + e.RoutePattern.RawText!.Trim('/'))
                )
            )
            .Where(e => e.Path.StartsWith("/api/", StringComparison.Ordinal) && !OpenToAll.Contains(e.Path))
            .Distinct()
            .ToList();
        endpoints.Count.ShouldBeGreaterThan(20);
        foreach (var (method, pattern) in endpoints)
        {
            var path = pattern.Replace("{documentName}", "v1").Replace("{before:int}", "1").Replace("{edition:int}", "1");
            while (path.Contains('{'))
                path = path[..path.IndexOf('{')] + Guid.NewGuid() + path[(path.IndexOf('}') + 1)..];
            var answer = await stranger.Send(new HttpMethod(method), path, method == "GET" ? null : new { });
            answer.StatusCode.ShouldBe(HttpStatusCode.Unauthorized, $"{method} {pattern}");
        }
    }

    [Theory]
    [InlineData("GET", "/api/people")]
    [InlineData("GET", "/api/examinations")]
    [InlineData("GET", "/api/demonstrations")]
    [InlineData("GET", "/api/programmes")]
    [InlineData("POST", "/api/techniques")]
    [InlineData("POST", "/api/results/release")]
    public async Task A_trainee_is_refused_what_belongs_to_those_who_grade(string method, string path)
    {
        using var trainee = await demo.As("ilse");
        (await trainee.Send(new HttpMethod(method), path, method == "GET" ? null : new { })).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    /// <summary>Bare answers speak in sentences, not in the phrases of the protocol (RFC 9110).</summary>
    [Theory]
    [InlineData(
        "maren",
        "/api/results/trainees/00000000-0000-4000-8000-000000000001/story",
        "There is nothing here, or you may not see it."
    )]
    [InlineData("maren", "/api/routines/00000000-0000-4000-8000-000000000001", "There is nothing here, or you may not see it.")]
    [InlineData("ilse", "/api/people", "Your role does not allow this.")]
    public async Task What_is_refused_without_more_is_said_in_words(string login, string path, string says)
    {
        using var visitor = await demo.As(login);
        using var body = System.Text.Json.JsonDocument.Parse(await (await visitor.Ask(path)).Content.ReadAsStringAsync());
        body.RootElement.GetProperty("title").GetString().ShouldBe(says);
    }

    [Theory]
    [InlineData("POST", "/api/techniques")]
    [InlineData("POST", "/api/people")]
    [InlineData("POST", "/api/results/release")]
    public async Task An_assessor_grades_but_does_not_lead(string method, string path)
    {
        using var assessor = await demo.As("benno");
        (await assessor.Send(new HttpMethod(method), path, new { })).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    [Fact]
    public async Task A_change_without_the_form_token_is_refused_and_says_so()
    {
        using var lead = await demo.As("maren");
        var answer = await lead.Send(HttpMethod.Post, "/api/examinations", new { id = Guid.NewGuid(), name = "Foreign" }, withToken: false);
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await answer.Content.ReadAsStringAsync()).ShouldContain("This page is out of date.");
        (await lead.Get<Wexis.Server.Examinations.ExaminationView[]>("/api/examinations")).ShouldNotContain(e => e.Name == "Foreign");
    }

    [Fact]
    public async Task A_wrong_password_and_an_unknown_name_get_the_same_answer()
    {
        using var visitor = demo.House.Visit();
        var wrong = await visitor.TrySignIn("maren", "not the password");
        var unknown = await visitor.TrySignIn("nobody-here", "not the password");
        wrong.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await Visitor.Refusal(wrong))["password"].ShouldBe((await Visitor.Refusal(unknown))["password"]);
    }

    [Fact]
    public async Task Signing_out_closes_the_door()
    {
        using var lead = await demo.As("maren");
        (await lead.Delete("/api/session")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await lead.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
    }

    [Fact]
    public async Task An_unknown_address_of_the_api_is_a_problem_document()
    {
        using var lead = await demo.As("maren");
        var answer = await lead.Ask("/api/nothing/here");
        answer.StatusCode.ShouldBe(HttpStatusCode.NotFound);
        answer.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
    }

    [Fact]
    public async Task A_body_that_is_not_json_is_a_bad_request_and_not_a_crash()
    {
        using var lead = await demo.As("maren");
        (await lead.Post("/api/techniques/derive", "not a document")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task Passwords_are_stored_only_as_the_framework_hash()
    {
        var hash = await demo.House.Database.Scalar<string>("SELECT password_hash FROM people.person WHERE login = 'maren'");
        hash.ShouldNotBeNull();
        hash.ShouldNotContain(Visitor.DemoPassword);
        Convert.FromBase64String(hash)[0].ShouldBe((byte)1, "format marker of the framework's PBKDF2 hasher (ASP.NET Core Identity V3)");
    }
}

/// <summary>A house that nobody leads yet.</summary>
public class FirstLeadTests
{
    private static object Draft(string login = "anna", string password = "long-enough-1") =>
        new
        {
            login,
            name = "Anna Example",
            role = "lead",
            password,
        };

    [Fact]
    public async Task A_start_without_demo_offers_no_account_and_asks_for_the_first_lead()
    {
        await using var house = await House.Open();
        using var visitor = house.Visit();
        var session = await visitor.ReadSession();
        session.NeedsFirstLead.ShouldBeTrue();
        session.DemoAccounts.ShouldBeEmpty();
        (await visitor.TrySignIn("maren", Visitor.DemoPassword)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await visitor.Post("/api/first-lead", Draft())).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await visitor.ReadSession()).Person!.Role.ShouldBe(PersonRole.Lead);
    }

    [Fact]
    public async Task The_first_lead_proves_it_by_the_code_that_the_start_command_prints()
    {
        await using var house = await House.Open(firstLeadCode: "482913");
        using var visitor = house.Visit();
        (await visitor.ReadSession()).AsksCode.ShouldBeTrue();
        foreach (var wrong in new[] { null, "", "482914", "48291", "4829130" })
            (
                await Visitor.Refusal(
                    await visitor.Post(
                        "/api/first-lead",
                        new
                        {
                            login = "anna",
                            name = "Anna Example",
                            password = "long-enough-1",
                            code = wrong,
                        }
                    )
                )
            ).Keys.ShouldBe(["code"]);
        (await visitor.ReadSession()).NeedsFirstLead.ShouldBeTrue("nobody was added");
        (
            await visitor.Post(
                "/api/first-lead",
                new
                {
                    login = "anna",
                    name = "Anna Example",
                    password = "long-enough-1",
                    code = " 482913 ",
                }
            )
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Only_one_of_two_who_ask_at_once_leads()
    {
        await using var house = await House.Open();
        var visitors = Enumerable.Range(0, 6).Select(_ => house.Visit()).ToList();
        foreach (var v in visitors)
            await v.ReadSession();
        var answers = await Task.WhenAll(visitors.Select((v, i) => v.Post("/api/first-lead", Draft($"lead{i}"))));
        answers.Count(a => a.StatusCode == HttpStatusCode.OK).ShouldBe(1);
        (await house.Database.Scalar<long>("SELECT count(*) FROM people.person")).ShouldBe(1);
    }

    [Fact]
    public async Task A_short_password_is_refused_with_its_field()
    {
        await using var house = await House.Open();
        using var visitor = house.Visit();
        await visitor.ReadSession();
        var answer = await visitor.Post("/api/first-lead", Draft(password: "short"));
        (await Visitor.Refusal(answer))["password"].ShouldBe(["password: 5 characters is outside 10 to 200 characters."]);
    }

    [Fact]
    public async Task A_restart_keeps_people_signed_in()
    {
        await using var house = await House.Open();
        using var visitor = house.Visit();
        await visitor.ReadSession();
        await visitor.Post("/api/first-lead", Draft());
        await house.Restart();
        (await visitor.ReadSession()).Person!.Login.ShouldBe("anna");
    }
}
