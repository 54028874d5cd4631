using System.Net;
using Wexis.Core.Measures;
using Wexis.Server.Results;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Results;

public class ResultEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public async Task A_result_says_what_decided_and_by_whom_and_measured_against_target()
    {
        using var lead = await demo.As("maren");
        var line = (await lead.Get<ResultLine[]>("/api/results")).Single(r => r.Trainee == "Joss Haverick");
        var view = await lead.Get<ResultView>($"/api/results/{line.Id}");
        (view.Assessor, view.ReleasedBy, view.Examination).ShouldBe(("Benno Fairweld", "Maren Lindqvay", "Autumn practical"));
        view.Result.Measured.ShouldContain(m => !m.Inside && m.Value == 2 && m.Low == 3 && m.High == 8);
        view.Result.Feedback.ShouldContain(f => f.Contains("left side got less"));
        view.Result.LostZones.ShouldNotBeEmpty();
        (view.Result.Score.Percent + view.Result.Score.Criteria.Sum(c => c.Lost)).ShouldBe(100, 1e-6);
    }

    [Fact]
    public async Task A_trainee_whose_result_waits_sees_an_empty_list_and_it_appears_with_the_release()
    {
        using var lead = await demo.As("maren");
        using var nadira = await demo.As("nadira");
        (await nadira.Get<ResultLine[]>("/api/results")).ShouldBeEmpty();
        var line = (await lead.Get<ResultLine[]>("/api/results")).Single(r => r.Trainee == "Nadira Solmund");
        (await Visitor.Read<Released>(await lead.Post("/api/results/release", new Release([line.Id])))).Count.ShouldBe(1);
        (await Visitor.Read<Released>(await lead.Post("/api/results/release", new Release([line.Id])))).Count.ShouldBe(0, "released once");
        (await nadira.Get<ResultLine[]>("/api/results")).ShouldHaveSingleItem().Decision.ShouldBe(Decision.Pass);
    }

    [Fact]
    public async Task A_released_result_does_not_change_when_sheet_and_technique_are_edited_afterwards()
    {
        using var lead = await demo.As("maren");
        using var ilse = await demo.As("ilse");
        var line = (await ilse.Get<ResultLine[]>("/api/results"))[0];
        var before = ExchangeJson.Write(await ilse.Get<ResultView>($"/api/results/{line.Id}"));
        var station = (await lead.Get<Wexis.Server.Examinations.ExaminationView[]>("/api/examinations"))[0]
            .Stations.Single(s => s.TechniqueName == line.TechniqueName);
        var sheet = await lead.Get<Wexis.Server.Examinations.StationView>($"/api/examinations/stations/{station.Id}");
        (
            await lead.Put(
                $"/api/examinations/stations/{station.Id}/sheet",
                new Wexis.Server.Examinations.SheetAdjust(sheet.Revision, sheet.Version, 99, [])
            )
        ).EnsureSuccessStatusCode();
        var technique = await lead.Get<Wexis.Server.Techniques.TechniqueView>($"/api/techniques/{station.TechniqueId}");
        (
            await lead.Put(
                $"/api/techniques/{station.TechniqueId}",
                new Wexis.Server.Techniques.TechniqueSave(
                    technique.Edition,
                    technique.Version,
                    technique.Document with
                    {
                        Name = "Renamed",
                    }
                )
            )
        ).EnsureSuccessStatusCode();
        ExchangeJson.Write(await ilse.Get<ResultView>($"/api/results/{line.Id}")).ShouldBe(before);
    }

    [Fact]
    public async Task Nobody_but_the_lead_releases()
    {
        using var assessor = await demo.As("benno");
        (await assessor.Post("/api/results/release", new Release([DemonstrationId.New()]))).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }
}
