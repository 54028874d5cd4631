using System.Net;
using Wexis.Core.Examinations;
using Wexis.Core.Techniques.Documents;
using Wexis.Data.Techniques;
using Wexis.Server.Examinations;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Examinations;

/// <summary>Examinations, their stations and mark sheets, over the wire and in a real database.</summary>
public class ExaminationEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static async Task<ExaminationId> Named(Visitor lead, string name)
    {
        var id = ExaminationId.New();
        (await lead.Post("/api/examinations", new ExaminationAdd(id, name, null))).StatusCode.ShouldBe(HttpStatusCode.OK);
        return id;
    }

    private static async Task<EditionLine> Technique(Visitor v, string code) =>
        (await v.Get<EditionLine[]>("/api/techniques")).Single(t => t.Code == code);

    private static async Task<StationView> Station(Visitor lead, ExaminationId examination, string code) =>
        await Visitor.Read<StationView>(
            await lead.Post(
                $"/api/examinations/{examination}/stations",
                new StationAdd(StationId.New(), (await Technique(lead, code)).TechniqueId)
            )
        );

    private static SheetAdjust Adjusting(StationView s, double passLine, Func<Criterion, CriterionAdjust> how) =>
        new(s.Revision, s.Version, passLine, [.. s.Sheet.Criteria.Select(how)]);

    private static CriterionAdjust Same(Criterion c) => new(c.Id, c.Weight, c.SafetyCritical, null);

    [Fact]
    public async Task An_examination_needs_a_name_and_a_programme_that_is_there()
    {
        using var lead = await demo.As("maren");
        var refusal = await Visitor.Refusal(
            await lead.Post("/api/examinations", new ExaminationAdd(ExaminationId.New(), " ", ProgrammeId.New()))
        );
        refusal.Keys.ShouldBe(["name", "programme_id"], ignoreOrder: true);
        (
            await Visitor.Refusal(await lead.Post("/api/examinations", new ExaminationAdd(ExaminationId.New(), new string('x', 121), null)))
        ).Keys.ShouldBe(["name"]);
    }

    [Fact]
    public async Task What_is_sent_twice_is_added_once()
    {
        using var lead = await demo.As("maren");
        var (id, station) = (ExaminationId.New(), StationId.New());
        var technique = (await Technique(lead, "wm-cheek-raises")).TechniqueId;
        for (var i = 0; i < 2; i++)
        {
            (await lead.Post("/api/examinations", new ExaminationAdd(id, " Twice ", null))).StatusCode.ShouldBe(HttpStatusCode.OK);
            (await lead.Post($"/api/examinations/{id}/stations", new StationAdd(station, technique))).StatusCode.ShouldBe(
                HttpStatusCode.OK
            );
        }
        var kept = (await lead.Get<ExaminationView[]>("/api/examinations")).Single(e => e.Id == id);
        kept.Name.ShouldBe("Twice");
        kept.Stations.ShouldHaveSingleItem().Id.ShouldBe(station);
    }

    [Fact]
    public async Task A_station_gets_a_sheet_whose_weights_add_up_and_freezes_the_edition_it_examines()
    {
        using var lead = await demo.As("maren");
        var technique = await Technique(lead, "wm-exit-glide");
        var station = await Station(lead, await Named(lead, "Glides"), "wm-exit-glide");
        station.Sheet.Criteria.Sum(c => c.Weight).ShouldBe(100, 0.01);
        station.Sheet.CriticalActs.ShouldNotBeEmpty("a hand on the neck can hurt");
        (station.Revision, station.Version, station.Used).ShouldBe((1, 1, false));
        (
            await demo.House.Database.Scalar<bool>(
                $"SELECT frozen_at IS NOT NULL FROM techniques.edition WHERE technique_id = '{technique.TechniqueId}' "
                    + $"AND edition = {station.Edition}"
            )
        ).ShouldBeTrue();
    }

    [Fact]
    public async Task Weights_and_the_pass_line_are_adjusted_and_an_older_sheet_is_told_so()
    {
        using var lead = await demo.As("maren");
        var station = await Station(lead, await Named(lead, "Adjusted"), "wm-cheek-raises");
        var first = station.Sheet.Criteria[0];
        var adjusted = await Visitor.Read<StationView>(
            await lead.Put(
                $"/api/examinations/stations/{station.Id}/sheet",
                Adjusting(station, 80, c => c.Id == first.Id ? new(c.Id, c.Weight + 2, true, "Said otherwise") : Same(c))
            )
        );
        adjusted.Sheet.PassLine.ShouldBe(80);
        var now = adjusted.Sheet.Criteria.Single(c => c.Id == first.Id);
        (now.Weight, now.SafetyCritical, now.Text).ShouldBe((first.Weight + 2, true, "Said otherwise"));
        adjusted
            .Sheet.Criteria.Where(c => c.Id != first.Id)
            .Select(c => c.Text)
            .ShouldBe(station.Sheet.Criteria.Where(c => c.Id != first.Id).Select(c => c.Text), "a text that is not sent stays");
        (await lead.Put($"/api/examinations/stations/{station.Id}/sheet", Adjusting(station, 75, Same))).StatusCode.ShouldBe(
            HttpStatusCode.Conflict
        );
        (await lead.Get<StationView>($"/api/examinations/stations/{station.Id}")).Sheet.PassLine.ShouldBe(80);
    }

    [Fact]
    public async Task A_wrong_weight_pass_line_or_criterion_is_refused_with_its_field_and_nothing_is_changed()
    {
        using var lead = await demo.As("maren");
        var station = await Station(lead, await Named(lead, "Refused"), "wm-cheek-raises");
        async Task<IEnumerable<string>> Fields(SheetAdjust given) =>
            (await Visitor.Refusal(await lead.Put($"/api/examinations/stations/{station.Id}/sheet", given))).Keys;
        (await Fields(Adjusting(station, 101, Same))).ShouldBe(["pass_line"]);
        (await Fields(Adjusting(station, 75, c => Same(c) with { Weight = -1 }))).ShouldContain("criteria[0].weight");
        (await Fields(Adjusting(station, 75, c => Same(c) with { Weight = 0 }))).ShouldBe(["criteria"]);
        (
            await Fields(Adjusting(station, 75, Same) with { Criteria = [Same(station.Sheet.Criteria[0]), new("no-such", 1, false, null)] })
        ).ShouldBe(["criteria[1].id"]);
        (await lead.Get<StationView>($"/api/examinations/stations/{station.Id}")).Version.ShouldBe(station.Version);
    }

    [Fact]
    public async Task Only_the_lead_makes_examinations_assessors_read_them_and_trainees_do_not()
    {
        using var assessor = await demo.As("benno");
        using var trainee = await demo.As("ilse");
        (await assessor.Get<ExaminationView[]>("/api/examinations")).ShouldNotBeEmpty();
        (await assessor.Post("/api/examinations", new ExaminationAdd(ExaminationId.New(), "Mine", null))).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (await trainee.Ask("/api/examinations")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    [Fact]
    public async Task A_station_that_is_examined_from_an_older_edition_is_told_of_the_newer_one()
    {
        using var lead = await demo.As("maren");
        var id = TechniqueId.New();
        var document = TechniqueDocument.Empty with
        {
            Id = "exam-a",
            Name = "Pucker",
            Region = "mouth-chin",
            Steps =
            [
                new(
                    [new("pucker", "both", "moderate", "none", null, null, [], null, null, null, null, null)],
                    [],
                    null,
                    null,
                    [],
                    new("5", null, null, null, [], null, null, null, null, null, null, null, null, null),
                    [],
                    null,
                    null,
                    null,
                    null
                ),
            ],
        };
        (await lead.Post("/api/techniques", new TechniqueAdd(id, document))).StatusCode.ShouldBe(HttpStatusCode.OK);
        var examination = await Named(lead, "Older");
        await lead.Post($"/api/examinations/{examination}/stations", new StationAdd(StationId.New(), id));
        async Task<StationLine> Line() =>
            (await lead.Get<ExaminationView[]>("/api/examinations")).Single(e => e.Id == examination).Stations.Single();
        (await Line()).Outdated.ShouldBeFalse();
        var kept = await lead.Get<TechniqueView>($"/api/techniques/{id}");
        (
            await lead.Put($"/api/techniques/{id}", new TechniqueSave(kept.Edition, kept.Version, kept.Document with { Aim = "softer" }))
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
        var line = await Line();
        (line.Edition, line.Outdated).ShouldBe((1, true), "the station keeps the edition that it examines");
    }

    [Fact]
    public async Task Nothing_there_is_said_as_nothing_there()
    {
        using var lead = await demo.As("maren");
        (await lead.Ask($"/api/examinations/stations/{Guid.NewGuid()}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (
            await lead.Post(
                $"/api/examinations/{Guid.NewGuid()}/stations",
                new StationAdd(StationId.New(), (await Technique(lead, "wm-cheek-raises")).TechniqueId)
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (
            await lead.Post($"/api/examinations/{await Named(lead, "Empty")}/stations", new StationAdd(StationId.New(), TechniqueId.New()))
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }
}
