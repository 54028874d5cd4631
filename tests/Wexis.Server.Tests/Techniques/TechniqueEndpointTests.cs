using System.Net;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Server.Examinations;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Techniques;

public class TechniqueEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public async Task A_technique_that_is_sent_twice_is_stored_once()
    {
        using var lead = await demo.As("maren");
        var id = TechniqueId.New();
        var first = await Visitor.Read<TechniqueSaved>(await lead.Post("/api/techniques", new TechniqueAdd(id, DemoHouse.Smile())));
        var again = await Visitor.Read<TechniqueSaved>(await lead.Post("/api/techniques", new TechniqueAdd(id, DemoHouse.Smile())));
        again.ShouldBe(first);
        first.Standing.ShouldBe(EditionStanding.Complete);
    }

    [Fact]
    public async Task Nonsense_is_refused_with_its_fields_and_nothing_is_stored()
    {
        using var lead = await demo.As("maren");
        var id = TechniqueId.New();
        var document = DemoHouse.Smile() with { Name = " ", Steps = [DemoHouse.Smile(dose: "hold -3 s").Steps![0]] };
        var refusal = await Visitor.Refusal(await lead.Post("/api/techniques", new TechniqueAdd(id, document)));
        refusal.Keys.ShouldBe(["name", "steps[0].dose.line"], ignoreOrder: true);
        refusal["steps[0].dose.line"].ShouldBe(["steps[0].dose.line: -3 is outside 0 to 600."]);
        (await lead.Ask($"/api/techniques/{id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Who_saves_second_is_told_and_the_first_text_stands()
    {
        using var lead = await demo.As("maren");
        var id = TechniqueId.New();
        await lead.Post("/api/techniques", new TechniqueAdd(id, DemoHouse.Smile("First")));
        (await lead.Put($"/api/techniques/{id}", new TechniqueSave(1, 1, DemoHouse.Smile("Second")))).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        var stale = await lead.Put($"/api/techniques/{id}", new TechniqueSave(1, 1, DemoHouse.Smile("Third")));
        stale.StatusCode.ShouldBe(HttpStatusCode.Conflict);
        (await lead.Get<TechniqueView>($"/api/techniques/{id}")).Document.Name.ShouldBe("Second");
    }

    [Fact]
    public async Task An_examined_edition_does_not_change_and_saving_makes_the_next_one()
    {
        using var lead = await demo.As("maren");
        var view = await demo.Opened(lead);
        var station = await lead.Get<StationView>($"/api/examinations/stations/{view.StationId}");
        var before = await lead.Get<TechniqueView>($"/api/techniques/{station.TechniqueId}");
        before.Frozen.ShouldBeTrue();
        var saved = await Visitor.Read<TechniqueSaved>(
            await lead.Put(
                $"/api/techniques/{station.TechniqueId}",
                new TechniqueSave(1, before.Version, before.Document with { Name = "Next" })
            )
        );
        saved.Edition.ShouldBe(2);
        (await lead.Get<StationView>($"/api/examinations/stations/{view.StationId}")).Sheet.TechniqueName.ShouldBe(before.Document.Name);
        await Should.ThrowAsync<Npgsql.PostgresException>(
            demo.House.Database.Execute(
                "UPDATE techniques.edition SET name = 'x' WHERE technique_id = @id AND edition = 1",
                new { id = station.TechniqueId }
            )
        );
    }

    [Fact]
    public async Task A_stopped_technique_is_parked_and_not_examined()
    {
        using var lead = await demo.As("maren");
        var id = TechniqueId.New();
        var press = new Hand(
            "both",
            "work",
            "press",
            "fingertip-middle",
            null,
            null,
            ["upper-lid"],
            [],
            [],
            "front",
            null,
            null,
            3,
            "back",
            false,
            "grip",
            "both",
            10
        );
        var document = DemoHouse.Smile("Lid press") with
        {
            Steps = [DemoHouse.Smile().Steps![0] with { Acts = [], Hands = [press], Still = [] }],
        };
        (await Visitor.Read<TechniqueSaved>(await lead.Post("/api/techniques", new TechniqueAdd(id, document)))).Standing.ShouldBe(
            EditionStanding.Parked
        );
        var examination = (await lead.Get<ExaminationView[]>("/api/examinations"))[0].Id;
        var refusal = await Visitor.Refusal(
            await lead.Post($"/api/examinations/{examination}/stations", new StationAdd(StationId.New(), id))
        );
        refusal["technique_id"].ShouldBe(["“Lid press” is an unsafe example: it breaks a stop rule and is not examined."]);
    }

    [Fact]
    public async Task A_trainee_reads_complete_techniques_and_neither_drafts_nor_parked_ones()
    {
        using var trainee = await demo.As("tobin");
        using var lead = await demo.As("maren");
        var parked = (await lead.Get<Wexis.Data.Techniques.EditionLine[]>("/api/techniques")).First(t =>
            t.Standing == EditionStanding.Parked
        );
        var read = await trainee.Get<Wexis.Data.Techniques.EditionLine[]>("/api/techniques");
        read.ShouldNotBeEmpty();
        read.ShouldAllBe(t => t.Standing.Teachable());
        (await trainee.Ask($"/api/techniques/{parked.TechniqueId}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_document_goes_through_the_database_unchanged()
    {
        using var lead = await demo.As("maren");
        foreach (var line in await lead.Get<Wexis.Data.Techniques.EditionLine[]>("/api/techniques"))
        {
            var stored = await lead.Get<TechniqueView>($"/api/techniques/{line.TechniqueId}");
            var derived = await Visitor.Read<Derivation>(await lead.Post("/api/techniques/derive", stored.Document));
            ExchangeJson.Write(derived).ShouldBe(ExchangeJson.Write(stored.Derivation));
        }
    }

    [Fact]
    public async Task A_technique_is_read_whatever_its_neighbours_say_of_theirs()
    {
        using var lead = await demo.As("maren");
        var (silent, named) = (TechniqueId.New(), TechniqueId.New());
        // Nothing told at all is null in its document, and not an empty list.
        await Visitor.Read<TechniqueSaved>(
            await lead.Post("/api/techniques", new TechniqueAdd(silent, DemoHouse.Smile("Says nothing") with { Related = null }))
        );
        await Visitor.Read<TechniqueSaved>(
            await lead.Post(
                "/api/techniques",
                new TechniqueAdd(named, DemoHouse.Smile("Names it") with { Related = [new($"tq-{silent:N}", "easier")] })
            )
        );
        (await lead.Get<TechniqueView>($"/api/techniques/{named}"))
            .Related.ShouldHaveSingleItem()
            .ShouldBe(new RelatedLine(silent, $"tq-{silent:N}", "Says nothing", EditionStanding.Complete, "easier", true));
        (await lead.Get<TechniqueView>($"/api/techniques/{silent}"))
            .Related.ShouldHaveSingleItem()
            .ShouldBe(new RelatedLine(named, $"tq-{named:N}", "Names it", EditionStanding.Complete, "harder", false));
    }
}
