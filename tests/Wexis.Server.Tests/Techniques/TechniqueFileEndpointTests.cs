using System.Net;
using Wexis.Core.Techniques.Documents;
using Wexis.Data.Techniques;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Techniques;

public class TechniqueFileEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static string Technique(string id, string more = "") =>
        $$"""{ "schema": "wexis.technique/1", "id": "{{id}}", "name": "Brought in {{id}}", """
        + $$""" "steps": [{ "acts": [{ "do": "smile-closed" }], "dose": { "line": "5" } }]{{more}} }""";

    private static string List(params string[] techniques) =>
        $$"""{ "schema": "wexis.technique-list/1", "techniques": [{{string.Join(",\n", techniques)}}] }""";

    [Fact]
    public async Task What_goes_out_comes_in_again_elsewhere()
    {
        using var lead = await demo.As("maren");
        var text = await (await lead.Ask("/api/techniques/export")).Content.ReadAsStringAsync();
        await using var other = await House.Open();
        using var visitor = other.Visit();
        await visitor.ReadSession();
        await visitor.Post(
            "/api/first-lead",
            new
            {
                login = "anna",
                name = "Anna Example",
                role = "lead",
                password = "long-enough-1",
            }
        );
        await visitor.ReadSession();
        var imported = await Visitor.Read<TechniquesImported>(await visitor.Post("/api/techniques/import", new TechniqueImport(text)));
        var here = (await lead.Get<EditionLine[]>("/api/techniques")).ToDictionary(t => t.Code);
        var there = await visitor.Get<EditionLine[]>("/api/techniques");
        imported.Techniques.Count.ShouldBe(here.Count);
        foreach (var t in there)
            (t.Name, t.Brief.Seconds, t.Brief.Primary, t.Standing.Teachable()).ShouldBe(
                (here[t.Code].Name, here[t.Code].Brief.Seconds, here[t.Code].Brief.Primary, here[t.Code].Standing.Teachable()),
                "an approval is this house's own and does not travel"
            );
    }

    [Fact]
    public async Task A_file_with_one_bad_line_brings_in_nothing_and_names_the_line()
    {
        using var lead = await demo.As("maren");
        var answer = await lead.Post(
            "/api/techniques/import",
            new TechniqueImport(List(Technique("good-one"), Technique("bad-one").Replace("smile-closed", "fly")))
        );
        (await Visitor.Refusal(answer)).Keys.ShouldBe(["line 2"]);
        (await lead.Get<EditionLine[]>("/api/techniques")).ShouldNotContain(t => t.Code == "good-one");
    }

    [Fact]
    public async Task An_id_that_is_taken_stops_the_whole_file()
    {
        using var lead = await demo.As("maren");
        var answer = await lead.Post(
            "/api/techniques/import",
            new TechniqueImport(List(Technique("fresh-one"), Technique("wm-jaw-knead")))
        );
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await Visitor.Refusal(answer))["file"][0].ShouldContain("wm-jaw-knead");
        (await lead.Get<EditionLine[]>("/api/techniques")).ShouldNotContain(t => t.Code == "fresh-one");
    }

    [Fact]
    public async Task A_person_note_in_a_file_is_health_data_and_is_not_kept()
    {
        using var lead = await demo.As("maren");
        var imported = await Visitor.Read<TechniquesImported>(
            await lead.Post(
                "/api/techniques/import",
                new TechniqueImport(Technique("with-note", """, "person": { "conditions": ["ci-glaucoma"] }"""))
            )
        );
        imported.PersonNotes.ShouldBe(1);
        (await demo.House.Database.Scalar<long>("SELECT count(*) FROM techniques.edition WHERE body::text LIKE '%ci-glaucoma%'")).ShouldBe(
            0
        );
    }

    [Fact]
    public async Task An_unsafe_technique_comes_in_parked()
    {
        using var lead = await demo.As("maren");
        var text = Technique("unsafe")
            .Replace(
                "\"acts\": [{ \"do\": \"smile-closed\" }]",
                "\"hands\": [{ \"verb\": \"press\", \"zones\": [\"upper-lid\"], \"pressure\": 4 }]"
            );
        (await Visitor.Read<TechniquesImported>(await lead.Post("/api/techniques/import", new TechniqueImport(text))))
            .Techniques[0]
            .Standing.ShouldBe(EditionStanding.Parked);
    }
}
