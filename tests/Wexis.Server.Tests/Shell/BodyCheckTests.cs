using System.Net;
using System.Text.Json.Nodes;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Documents;
using Wexis.Server.Examinations;
using Wexis.Server.Programmes;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Shell;

/// <summary>Whatever is sent, it is read or refused with its field; the server never stumbles over it.</summary>
public class BodyCheckTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static JsonNode Json(string text) => JsonNode.Parse(text)!;

    [Theory]
    [InlineData("/api/techniques", """{ "id": "5a0c6a0e-7d0c-4f0e-8a54-0d6a3f1f1b11" }""", "document")]
    [InlineData("/api/techniques", """{ "id": "5a0c6a0e-7d0c-4f0e-8a54-0d6a3f1f1b11", "document": null }""", "document")]
    [InlineData("/api/programmes", """{ "id": "5a0c6a0e-7d0c-4f0e-8a54-0d6a3f1f1b12" }""", "document")]
    [InlineData("/api/techniques/derive", """{ "steps": [null] }""", "steps[0]")]
    [InlineData("/api/techniques/derive", """{ "steps": [{ "hands": [null] }] }""", "steps[0].hands[0]")]
    [InlineData("/api/examinations", """{ "id": "5a0c6a0e-7d0c-4f0e-8a54-0d6a3f1f1b13", "name": "A\u0000B" }""", "name")]
    public async Task What_is_missing_or_cannot_be_kept_is_named(string path, string body, string field)
    {
        using var lead = await demo.As("maren");
        var answer = await lead.Post(path, Json(body));
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await Visitor.Refusal(answer)).Keys.ShouldContain(field);
    }

    [Theory]
    [InlineData("[]")]
    [InlineData("7")]
    [InlineData("{ \"id\": 7 }")]
    [InlineData("{ \"id\": \"not an id\", \"name\": \"x\" }")]
    public async Task A_body_of_another_form_is_a_refusal(string body)
    {
        using var lead = await demo.As("maren");
        (await lead.Post("/api/examinations", Json(body))).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    /// <summary>
    /// An id that was not sent, or all zeros, is the id of nothing: it is refused at its field, and nothing is stored under it.
    /// </summary>
    [Theory]
    [InlineData("{ \"name\": \"No id\" }")]
    [InlineData("{ \"id\": null, \"name\": \"No id\" }")]
    [InlineData("{ \"id\": \"00000000-0000-0000-0000-000000000000\", \"name\": \"No id\" }")]
    public async Task The_id_of_nothing_is_refused_by_name(string body)
    {
        using var lead = await demo.As("maren");
        var answer = await lead.Post("/api/examinations", Json(body));
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await Visitor.Refusal(answer)).Keys.ShouldBe(["id"]);
        (await lead.Get<ExaminationView[]>("/api/examinations")).ShouldNotContain(e => e.Name == "No id");
        (await lead.Ask($"/api/examinations/stations/{Guid.Empty}")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task What_the_contract_allows_to_be_untold_may_be_untold()
    {
        using var lead = await demo.As("maren");
        (await lead.Post("/api/techniques/derive", TechniqueDocument.Empty)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await lead.Post("/api/examinations", new ExaminationAdd(ExaminationId.New(), "Untold programme", null))).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        (
            await lead.Post("/api/programmes", new ProgrammeAdd(ProgrammeId.New(), new ProgrammeDocument(null, "All that is told")))
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
    }
}
