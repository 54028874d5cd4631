using System.Net;
using Wexis.Core.Programmes;
using Wexis.Server.Programmes;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Programmes;

public class ProgrammeEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public async Task The_finished_programme_of_the_demo_keeps_its_promises_and_its_order()
    {
        using var lead = await demo.As("maren");
        var line = (await lead.Get<ProgrammeLine[]>("/api/programmes")).Single(p => p.Name.StartsWith("Wrenmoor"));
        var view = await lead.Get<ProgrammeView>($"/api/programmes/{line.Id}");
        view.Review.OrderFaults.ShouldBeEmpty();
        view.Review.Coverage.Where(c => c.Promised is not null).ShouldAllBe(c => c.Kept == true);
        view.Review.Gaps.ShouldBe(0);
    }

    [Fact]
    public async Task A_programme_that_names_an_unknown_structure_is_refused_with_its_field()
    {
        using var lead = await demo.As("maren");
        var refusal = await Visitor.Refusal(
            await lead.Post("/api/programmes/review", new ProgrammeDocument(null, "P", Structures: [new("risible-muscle", "actively")]))
        );
        refusal["structures[0].structure"]
            .ShouldBe(["structures[0].structure: “risible-muscle” is not known. Allowed: a structure of the atlas."]);
    }

    [Fact]
    public async Task Who_saves_a_programme_second_is_told()
    {
        using var lead = await demo.As("maren");
        var id = ProgrammeId.New();
        var document = new ProgrammeDocument(null, "Short course");
        (await lead.Post("/api/programmes", new ProgrammeAdd(id, document))).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await lead.Put($"/api/programmes/{id}", new ProgrammeSave(1, document with { Name = "Longer" }))).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        (await lead.Put($"/api/programmes/{id}", new ProgrammeSave(1, document with { Name = "Lost" }))).StatusCode.ShouldBe(
            HttpStatusCode.Conflict
        );
        (await lead.Get<ProgrammeView>($"/api/programmes/{id}")).Document.Name.ShouldBe("Longer");
    }

    [Fact]
    public async Task A_programme_sent_twice_is_kept_once_and_another_under_its_id_is_a_conflict()
    {
        using var lead = await demo.As("maren");
        var id = ProgrammeId.New();
        var document = new ProgrammeDocument(null, "Day course");
        await lead.Post("/api/programmes", new ProgrammeAdd(id, document));
        (await Visitor.Read<ProgrammeView>(await lead.Post("/api/programmes", new ProgrammeAdd(id, document)))).Version.ShouldBe(1);
        (await lead.Post("/api/programmes", new ProgrammeAdd(id, document with { Name = "Another" }))).StatusCode.ShouldBe(
            HttpStatusCode.Conflict
        );
        await lead.Put($"/api/programmes/{id}", new ProgrammeSave(1, document with { Name = "Two days" }));
        (await lead.Post("/api/programmes", new ProgrammeAdd(id, document))).StatusCode.ShouldBe(HttpStatusCode.Conflict);
        var stands = await lead.Get<ProgrammeView>($"/api/programmes/{id}");
        (stands.Version, stands.Document.Name).ShouldBe((2, "Two days"));
        (await lead.Get<ProgrammeLine[]>("/api/programmes")).Count(p => p.Id == id).ShouldBe(1);
    }

    [Fact]
    public async Task Only_staff_see_programmes_and_only_the_lead_changes_them()
    {
        using var assessor = await demo.As("benno");
        using var trainee = await demo.As("ilse");
        var line = (await assessor.Get<ProgrammeLine[]>("/api/programmes")).Single(p => p.Name.StartsWith("Wrenmoor"));
        var view = await assessor.Get<ProgrammeView>($"/api/programmes/{line.Id}");
        (await assessor.Put($"/api/programmes/{line.Id}", new ProgrammeSave(view.Version, view.Document))).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (await trainee.Ask("/api/programmes")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (await assessor.Ask($"/api/programmes/{Guid.NewGuid()}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }
}
