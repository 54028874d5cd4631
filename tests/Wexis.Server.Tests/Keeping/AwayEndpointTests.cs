using System.Net;
using Dapper;
using Microsoft.Extensions.DependencyInjection;
using Npgsql;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Data.Keeping;
using Wexis.Data.Techniques;
using Wexis.Server.Examinations;
using Wexis.Server.Grading;
using Wexis.Server.Keeping;
using Wexis.Server.People;
using Wexis.Server.Programmes;
using Wexis.Server.Results;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Keeping;

/// <summary>Archive, delete, bring back: what must be kept is kept and said, and a slip costs nothing.</summary>
public class AwayEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static async Task<HttpStatusCode> Put(Visitor by, string kind, IIdentifier? id, string? seen, string? state) =>
        (await by.Put($"/api/away/{kind}/{id?.Value}", new AwayChange(seen, state))).StatusCode;

    private static Task<AwayView> Look(Visitor by, string kind, IIdentifier? id) => by.Get<AwayView>($"/api/away/{kind}/{id?.Value}");

    private static async Task<TechniqueId> Fresh(Visitor lead, string name)
    {
        var id = TechniqueId.New();
        await Visitor.Read<TechniqueSaved>(await lead.Post("/api/techniques", new TechniqueAdd(id, DemoHouse.Smile(name))));
        return id;
    }

    [Fact]
    public async Task A_technique_goes_out_of_the_library_and_comes_back_as_it_was()
    {
        using var lead = await demo.As("maren");
        var id = await Fresh(lead, "Put away");
        async Task<bool> Listed() => (await lead.Get<EditionLine[]>("/api/techniques")).Any(t => t.TechniqueId == id);
        var before = await (await lead.Ask($"/api/techniques/{id}")).Content.ReadAsStringAsync();
        (await Put(lead, "technique", id, null, "archived")).ShouldBe(HttpStatusCode.OK);
        (await Listed()).ShouldBeFalse();
        (await lead.Ask($"/api/techniques/{id}")).StatusCode.ShouldBe(HttpStatusCode.OK, "what is archived is still read");
        (await lead.Get<Kept[]>("/api/away")).ShouldContain(k =>
            k.Id == id.Value && k.State == "archived" && k.By == "Maren Lindqvay" && k.Name == "Put away"
        );
        (await Put(lead, "technique", id, "archived", "deleted")).ShouldBe(HttpStatusCode.OK);
        (await lead.Ask($"/api/techniques/{id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await lead.Put($"/api/techniques/{id}", new TechniqueSave(1, 1, DemoHouse.Smile("Over it")))).StatusCode.ShouldBe(
            HttpStatusCode.NotFound,
            "nothing is saved into what was deleted"
        );
        (await Put(lead, "technique", id, "deleted", null)).ShouldBe(HttpStatusCode.OK);
        (await Listed()).ShouldBeTrue();
        (await (await lead.Ask($"/api/techniques/{id}")).Content.ReadAsStringAsync()).ShouldBe(before);
    }

    [Fact]
    public async Task What_something_rests_on_is_not_deleted_and_says_on_what()
    {
        using var lead = await demo.As("maren");
        ProgrammeId? taught = null;
        foreach (var p in await lead.Get<ProgrammeLine[]>("/api/programmes"))
            if ((await Look(lead, "programme", p.Id)).Rests.Any(r => r.Kind == "cohort"))
                taught = p.Id;
        var technique = (await lead.Get<ExaminationView[]>("/api/examinations"))[0].Stations[0].TechniqueId;
        var view = await Look(lead, "technique", technique);
        view.MayDelete.ShouldBeFalse();
        view.Rests.Select(r => r.Kind).ShouldContain("station");
        (await Put(lead, "technique", technique, null, "deleted")).ShouldBe(HttpStatusCode.Conflict);
        (await Look(lead, "technique", technique)).State.ShouldBeNull();
        (await Put(lead, "programme", taught, null, "deleted")).ShouldBe(HttpStatusCode.Conflict, "its cohorts are taught by it");
        // Archived, everything that rests on it goes on.
        (await Put(lead, "technique", technique, null, "archived")).ShouldBe(HttpStatusCode.OK);
        (await lead.Get<ProgrammeView>($"/api/programmes/{taught}")).Review.OrderFaults.ShouldNotContain(f =>
            f.Kind == OrderFaultKind.UnknownTechnique
        );
        (await Put(lead, "technique", technique, "archived", null)).ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task A_station_that_was_graded_at_keeps_its_results_and_takes_no_more()
    {
        using var lead = await demo.As("maren");
        var opened = await demo.Opened(lead);
        (await Put(lead, "station", opened.StationId, null, "deleted")).ShouldBe(HttpStatusCode.Conflict);
        (await Put(lead, "station", opened.StationId, null, "archived")).ShouldBe(HttpStatusCode.OK);
        (await lead.Get<ExaminationView[]>("/api/examinations"))
            .SelectMany(e => e.Stations)
            .ShouldNotContain(s => s.Id == opened.StationId);
        (await lead.Get<DemonstrationLine[]>("/api/demonstrations")).Single(d => d.Id == opened.Id).TechniqueName.ShouldNotBeEmpty();
        (await lead.Ask($"/api/demonstrations/{opened.Id}")).StatusCode.ShouldBe(HttpStatusCode.OK, "what was begun is finished");
        (
            await Visitor.Refusal(
                await lead.Put($"/api/demonstrations/{Guid.NewGuid()}", new DemonstrationOpen(opened.StationId, opened.TraineeId))
            )
        ).Keys.ShouldBe(["station_id"]);
        (await Put(lead, "station", opened.StationId, "archived", null)).ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Who_leaves_is_signed_out_at_once_and_stays_named_in_what_they_did()
    {
        using var lead = await demo.As("maren");
        using var tobin = await demo.As("tobin");
        var id = tobin.PersonId;
        (await lead.Ask("/api/results")).StatusCode.ShouldBe(HttpStatusCode.OK);
        var results = (await lead.Get<ResultLine[]>("/api/results")).Count(r => r.Trainee == "Tobin Achterlund");
        (await tobin.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await Put(lead, "person", id, null, "archived")).ShouldBe(HttpStatusCode.OK);
        (await tobin.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        (await tobin.TrySignIn("tobin", Visitor.DemoPassword)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await lead.Get<PersonLine[]>("/api/people")).ShouldNotContain(p => p.Id == id);
        (await lead.Get<ResultLine[]>("/api/results")).Count(r => r.Trainee == "Tobin Achterlund").ShouldBe(results);
        (await Put(lead, "person", id, "archived", "deleted")).ShouldBe(HttpStatusCode.Conflict, "who was graded stays named");
        (await Put(lead, "person", id, "archived", null)).ShouldBe(HttpStatusCode.OK);
        await tobin.SignIn("tobin");
    }

    [Fact]
    public async Task Nobody_closes_their_own_account_or_the_last_leads()
    {
        using var lead = await demo.As("maren");
        (await Visitor.Refusal(await lead.Put($"/api/away/person/{lead.PersonId}", new AwayChange(null, "archived")))).Keys.ShouldBe([
            "state",
        ]);
        (await lead.Ask("/api/techniques")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Two_leads_who_close_each_others_accounts_at_once_leave_one()
    {
        await using var house = await House.Open(demo: true);
        using var maren = await house.Visit().SignIn("maren");
        await maren.Post(
            "/api/people",
            new
            {
                login = "second",
                name = "Second Lead",
                role = "lead",
                password = "long-enough-1",
            }
        );
        using var second = await house.Visit().SignIn("second", "long-enough-1");
        var answers = await Task.WhenAll(
            Put(maren, "person", second.PersonId, null, "archived"),
            Put(second, "person", maren.PersonId, null, "archived")
        );
        answers.Count(a => a == HttpStatusCode.OK).ShouldBe(1);
        (await house.Database.Scalar<long>("SELECT count(*) FROM people.person WHERE role = 'lead' AND active")).ShouldBe(1);
    }

    [Fact]
    public async Task Of_two_who_decide_at_once_one_is_told_and_the_same_sent_twice_is_one()
    {
        using var lead = await demo.As("maren");
        var id = await Fresh(lead, "Decided at once");
        var answers = await Task.WhenAll(Put(lead, "technique", id, null, "archived"), Put(lead, "technique", id, null, "deleted"));
        answers.Order().ShouldBe([HttpStatusCode.OK, HttpStatusCode.Conflict]);
        var stands = (await Look(lead, "technique", id)).State;
        (await Put(lead, "technique", id, null, stands)).ShouldBe(HttpStatusCode.OK);
        (await Visitor.Refusal(await lead.Put($"/api/away/technique/{id}", new AwayChange(stands, "burnt")))).Keys.ShouldBe(["state"]);
        (await lead.Ask($"/api/away/queen/{id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        using var assessor = await demo.As("benno");
        (await assessor.Ask("/api/away")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        // Whoever won: the sweep of another test must not find it.
        (await Put(lead, "technique", id, stands, null)).ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Every_kind_comes_and_goes_and_is_swept_out_after_thirty_days_unless_something_rests_on_it()
    {
        using var lead = await demo.As("maren");
        var technique = await Fresh(lead, "Swept");
        var examination = ExaminationId.New();
        await Visitor.Read<ExaminationView>(await lead.Post("/api/examinations", new ExaminationAdd(examination, "Swept", null)));
        var station = StationId.New();
        await Visitor.Read<StationView>(
            await lead.Post($"/api/examinations/{examination}/stations", new StationAdd(station, await Fresh(lead, "Of the station")))
        );
        var programme = ProgrammeId.New();
        await Visitor.Read<ProgrammeView>(await lead.Post("/api/programmes", new ProgrammeAdd(programme, new(null, "Swept"))));
        var person = (
            await Visitor.Read<PersonLine>(
                await lead.Post(
                    "/api/people",
                    new
                    {
                        login = "swept",
                        name = "Swept Away",
                        role = "trainee",
                        password = "long-enough-1",
                    }
                )
            )
        ).Id;
        var graded = (await demo.Opened(lead)).StationId;
        (string Kind, IIdentifier Id)[] all =
        [
            ("station", station),
            ("technique", technique),
            ("examination", examination),
            ("programme", programme),
            ("person", person),
        ];
        foreach (var (kind, id) in all)
            (await Put(lead, kind, id, null, "deleted")).ShouldBe(HttpStatusCode.OK, kind);
        // One was deleted although somebody was graded there: a race, made by hand.
        await demo.House.Database.Execute(
            "UPDATE examinations.station SET away = 'deleted', away_by = @by, away_at = now() WHERE station_id = @graded",
            new { by = lead.PersonId, graded }
        );
        var store = demo.House.Services.GetRequiredService<AwayStore>();
        (await store.Sweep(DateTimeOffset.UtcNow.AddDays(29), default)).ShouldBe(0);
        (await store.Sweep(DateTimeOffset.UtcNow.AddDays(31), default)).ShouldBe(all.Length - 1, "the station goes with its examination");
        foreach (var (kind, id) in all)
            (await lead.Ask($"/api/away/{kind}/{id.Value}")).StatusCode.ShouldBe(HttpStatusCode.NotFound, kind);
        (await Look(lead, "station", graded)).State.ShouldBe("deleted");
        (await Put(lead, "station", graded, "deleted", null)).ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Every_column_that_names_a_person_keeps_that_person_from_being_deleted()
    {
        await using var c = new NpgsqlConnection(demo.House.Database.ConnectionString);
        // PostgreSQL's own catalogue says where a person is referred to.
        var named = await c.QueryAsync<(string Table, string Column)>(
            """
            SELECT k.conrelid::regclass::text, a.attname::text
              FROM pg_constraint k JOIN pg_attribute a ON a.attrelid = k.conrelid AND a.attnum = k.conkey[1]
             WHERE k.contype = 'f' AND k.confrelid = 'people.person'::regclass
            """
        );
        (string, string)[] toldByName =
        [
            ("people.session", "person_id"),
            ("programmes.cohort_member", "person_id"),
            ("people.screening", "about_person"),
            ("people.screening", "taken_by"),
            ("grading.demonstration", "trainee_id"),
            ("grading.demonstration", "assessor_id"),
        ];
        named.ShouldBe([.. AwayStore.WorkOfPeople, .. toldByName], ignoreOrder: true);
    }
}
