using System.Net;
using System.Text.Json;
using System.Text.Json.Nodes;
using Wexis.Core.Measures;
using Wexis.Core.Routines;
using Wexis.Core.Techniques.Words;
using Wexis.Data.Routines;
using Wexis.Server.Routines;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Routines;

/// <summary>Routines over the wire and in a real database: saved, refused at the field, fitted, compared, given out as files.</summary>
public class RoutineEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static RoutineDocument Short(string name) =>
        new(
            null,
            name,
            Minutes: 3,
            Parts:
            [
                new("blinks", "wx-full-blinks", 1, "standard", Role: "work", Optional: true),
                new("sweep", "wx-cheek-sweep", 1, "standard", Role: "work"),
                new("out", "wm-exit-glide", 1, "minimum", Role: "close"),
            ]
        );

    private static async Task<RoutineView> Added(Visitor lead, string name) =>
        await Visitor.Read<RoutineView>(await lead.Post("/api/routines", new RoutineAdd(RoutineId.New(), Short(name))));

    [Fact]
    public async Task The_demo_has_its_routines_and_each_comes_to_what_its_line_says()
    {
        using var lead = await demo.As("maren");
        var lines = (await lead.Get<RoutineLine[]>("/api/routines"))
            .Where(l => !l.Name.StartsWith("Test", StringComparison.Ordinal))
            .ToList();
        lines.Count.ShouldBeGreaterThanOrEqualTo(6);
        foreach (var line in lines)
        {
            var view = await lead.Get<RoutineView>($"/api/routines/{line.Id}");
            Math.Round(view.Reading.Sum!.Chosen).ShouldBe(line.Seconds, line.Name);
            view.Reading.Timeline[^1].To.ShouldBe(view.Reading.Sum.Chosen, 1e-6);
            view.Reading.Scripts.Select(s => s.Viewer).ShouldBe([Viewer.Facing, Viewer.Mirror, Viewer.Subject]);
            view.Reading.Remarks.Count.ShouldBe(line.Remarks);
        }
    }

    [Fact]
    public async Task Saved_over_what_was_seen_the_same_twice_once_and_another_not_over_it()
    {
        using var lead = await demo.As("maren");
        var view = await Added(lead, "Test save");
        var later = new RoutineSave(1, view.Version, view.Document with { ForWhom = "everybody" });
        (await Visitor.Read<RoutineView>(await lead.Put($"/api/routines/{view.Id}", later))).Version.ShouldBe(2);
        (await lead.Put($"/api/routines/{view.Id}", later)).StatusCode.ShouldBe(HttpStatusCode.OK, "a lost answer is no conflict");
        var other = later with { Document = view.Document with { ForWhom = "somebody" } };
        (await lead.Put($"/api/routines/{view.Id}", other)).StatusCode.ShouldBe(HttpStatusCode.Conflict);
        (await lead.Get<RoutineView>($"/api/routines/{view.Id}")).Document.ForWhom.ShouldBe("everybody");
        await demo.House.Database.Execute($"UPDATE routines.edition SET frozen_at = now() WHERE routine_id = '{view.Id}'");
        (await Visitor.Read<RoutineView>(await lead.Put($"/api/routines/{view.Id}", other with { Version = 2 }))).Edition.ShouldBe(
            2,
            "what was taken for somebody never changes"
        );
    }

    [Fact]
    public async Task A_part_that_may_not_be_taught_is_refused_at_its_field_and_nothing_is_stored()
    {
        using var lead = await demo.As("maren");
        using var benno = await demo.As("benno");
        var before = (await lead.Get<RoutineLine[]>("/api/routines")).Length;
        var parked = Short("Test parked") with { Parts = [new("a", "wm-lid-press-old", 1, "standard")] };
        var refusal = await Visitor.Refusal(await lead.Post("/api/routines", new RoutineAdd(RoutineId.New(), parked)));
        refusal.Keys.ShouldBe(["parts[0].technique"]);
        refusal["parts[0].technique"].Single().ShouldContain("unsafe example");
        (await Visitor.Refusal(await lead.Post("/api/routines", new RoutineAdd(RoutineId.New(), Short(""))))).Keys.ShouldBe(["name"]);
        (await benno.Post("/api/routines", new RoutineAdd(RoutineId.New(), Short("Test by another")))).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (await lead.Get<RoutineLine[]>("/api/routines")).Length.ShouldBe(before);
        // While a name is still being typed the sum is there all the same.
        (await Visitor.Read<RoutineReading>(await lead.Post("/api/routines/review", Short("")))).Sum.ShouldNotBeNull();
    }

    [Fact]
    public async Task Fitted_within_the_minutes_or_told_what_the_shortest_is_made_of()
    {
        using var lead = await demo.As("maren");
        async Task<RoutineFitView> Fit(double minutes) =>
            await Visitor.Read<RoutineFitView>(await lead.Post("/api/routines/fit", new RoutineFitAsk(minutes, Short("Test fit"))));
        var fit = await Fit(2);
        fit.Answer.Status.ShouldBe(FitStatus.Optimal);
        fit.Reading!.Sum!.Chosen.ShouldBeLessThanOrEqualTo(120);
        fit.Fitted!.AllParts.Select(p => p.Id).ShouldContain("out", "the last fluid stroke ends at the hollow");
        (await Fit(1)).Answer.Status.ShouldBe(FitStatus.Optimal);
        var refused = await lead.Post("/api/routines/fit", new RoutineFitAsk(500, Short("Test fit")));
        (await Visitor.Refusal(refused)).Keys.ShouldBe(["minutes"]);
        var hopeless = Short("Test fit") with { Parts = [new("a", "wx-side-neck-length", 1, "standard")] };
        var floor = await Visitor.Read<RoutineFitView>(await lead.Post("/api/routines/fit", new RoutineFitAsk(1, hopeless)));
        floor.Answer.Floor!.Seconds.ShouldBeGreaterThan(60);
        floor.Fitted.ShouldBeNull();
    }

    /// <summary>The shipped schema, against a general-purpose validator (JsonSchema.Net), over every routine of the demo.</summary>
    [Fact]
    public void The_shipped_schema_is_that_of_the_types_and_holds_for_every_routine()
    {
        var text = File.ReadAllText(Path.Combine(House.Root, "data", "schema", "wexis.routine-1.schema.json"));
        text.ShouldBe(RoutineSchema.Text(), "./wexis routines schema > data/schema/wexis.routine-1.schema.json");
        var schema = Json.Schema.JsonSchema.FromText(text);
        var routines = RoutineFile.Read(File.ReadAllText(Path.Combine(House.Root, "data", "demo", "routines.json"))).Documents;
        routines.ShouldNotBeEmpty();
        foreach (var r in routines)
            schema.Evaluate(JsonSerializer.SerializeToNode(r, ExchangeJson.Options)).IsValid.ShouldBeTrue(r.Name);
        schema.Evaluate(JsonNode.Parse("""{"name": 7}""")).IsValid.ShouldBeFalse();
    }

    [Fact]
    public async Task Given_out_as_a_file_that_stands_alone_and_set_beside_another()
    {
        using var lead = await demo.As("maren");
        var view = await Added(lead, "Test file");
        var text = await (await lead.Ask($"/api/routines/{view.Id}/file")).Content.ReadAsStringAsync();
        var file = RoutineFile.Read(text);
        file.Issues.ShouldBeEmpty();
        file.Documents.Single()
            .Library!.Select(l => l.Technique!.Id)
            .ShouldBe(["wx-full-blinks", "wx-cheek-sweep", "wm-exit-glide"], ignoreOrder: true);
        (file.Documents.Single() with { Library = null }).ShouldBeEquivalentTo(view.Document);
        var other = (await lead.Get<RoutineLine[]>("/api/routines")).First(l => l.Name.StartsWith("Jaw", StringComparison.Ordinal));
        var import = new RoutineImport(RoutineId.New(), text);
        var brought = await Visitor.Read<RoutineLine[]>(await lead.Post("/api/routines/import", import));
        brought.ShouldHaveSingleItem().Name.ShouldBe("Test file");
        (await Visitor.Read<RoutineLine[]>(await lead.Post("/api/routines/import", import)))[0]
            .Id.ShouldBe(brought[0].Id, "sent twice is one");
        (await lead.Get<RoutineView>($"/api/routines/{brought[0].Id}")).Document.ShouldBeEquivalentTo(view.Document);
        var count = (await lead.Get<RoutineLine[]>("/api/routines")).Length;
        var half = text.Replace("wx-cheek-sweep", "no-such-technique", StringComparison.Ordinal);
        var list = $$"""{"schema":"wexis.routine-list/1","routines":[{{text}},{{half}}]}""";
        (await Visitor.Refusal(await lead.Post("/api/routines/import", new RoutineImport(RoutineId.New(), list)))).Keys.ShouldBe([
            "routines[1].parts[1].technique",
        ]);
        (await Visitor.Refusal(await lead.Post("/api/routines/import", new RoutineImport(RoutineId.New(), "{")))).ShouldNotBeEmpty();
        (await lead.Get<RoutineLine[]>("/api/routines")).Length.ShouldBe(count, "whole or not at all");
        (await lead.Get<RoutinePair>($"/api/routines/{view.Id}/beside/{other.Id}")).Differences.ShouldNotBeEmpty();
        (await lead.Get<RoutinePair>($"/api/routines/{view.Id}/beside/{view.Id}")).Differences.ShouldBeEmpty();
        (await lead.Ask($"/api/routines/{view.Id}/beside/{Guid.NewGuid()}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }
}
