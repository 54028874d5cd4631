using System.Net;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;
using Wexis.Server.Programmes;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Programmes;

/// <summary>Cohorts keep the editions they are taught from, over the wire and in a real database.</summary>
public class CohortEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static async Task<ProgrammeLine> Programme(Visitor v) =>
        (await v.Get<ProgrammeLine[]>("/api/programmes")).Single(p => p.Name.StartsWith("Wrenmoor"));

    [Fact]
    public async Task The_cohort_of_the_demo_is_told_that_an_edition_was_approved_since_and_its_trainees_read_the_one_they_are_taught()
    {
        using var lead = await demo.As("maren");
        using var trainee = await demo.As("tobin");
        var cohort = (await lead.Get<CohortView[]>($"/api/programmes/{(await Programme(lead)).Id}/cohorts")).Single(c =>
            c.Name == "Autumn 2026"
        );
        cohort.Members.Count.ShouldBe(6);
        var hinge = cohort.Techniques.Single(t => t.Code == "wm-tongue-hinge");
        (hinge.Taught, hinge.Offered, hinge.State).ShouldBe((1, 2, CohortState.Newer));
        (await trainee.Get<TechniqueView>($"/api/techniques/{hinge.TechniqueId}")).Edition.ShouldBe(
            1,
            "approved or not, the second is not what this cohort is taught"
        );
        (await lead.Get<TechniqueView>($"/api/techniques/{hinge.TechniqueId}")).Edition.ShouldBe(2);
        (await lead.Get<Difference[]>($"/api/techniques/{hinge.TechniqueId}/editions/2/since/1")).ShouldContain(d => d.What == "dose");
        (await lead.Ask($"/api/techniques/{hinge.TechniqueId}/editions/2/since/9")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        cohort.Techniques.Where(t => t.Code != "wm-tongue-hinge").ShouldAllBe(t => t.State == CohortState.AsTaught);
    }

    [Fact]
    public async Task A_trainee_sees_what_their_cohort_is_taught_by_module_and_nothing_else()
    {
        using var lead = await demo.As("maren");
        using var trainee = await demo.As("emrys");
        // Other tests put the same trainee into cohorts of their own: the demo's is among them.
        var lessons = await trainee.Get<Lessons[]>("/api/lessons");
        lessons.ShouldContain(l => l.Cohort == "Autumn 2026" && l.Modules.Count > 1);
        var taught = lessons.SelectMany(l => l.Modules).SelectMany(m => m.Techniques).DistinctBy(t => t.TechniqueId).ToList();
        var shelf = await trainee.Get<Wexis.Data.Techniques.EditionLine[]>("/api/techniques");
        shelf.Select(l => (l.TechniqueId, l.Edition)).ShouldBe(taught.Select(t => (t.TechniqueId, t.Edition)), ignoreOrder: true);
        (await lead.Get<Lessons[]>("/api/lessons")).ShouldBeEmpty("the lead trainer is in no cohort");
        foreach (
            var other in (await lead.Get<Wexis.Data.Techniques.EditionLine[]>("/api/techniques")).Where(l =>
                taught.All(t => t.TechniqueId != l.TechniqueId)
            )
        )
            (await trainee.Ask($"/api/techniques/{other.TechniqueId}")).StatusCode.ShouldBe(
                other.Standing == EditionStanding.Approved ? HttpStatusCode.OK : HttpStatusCode.NotFound,
                other.Name
            );
    }

    [Fact]
    public async Task Nothing_vanishes_because_the_next_edition_is_a_draft()
    {
        using var lead = await demo.As("maren");
        using var trainee = await demo.As("pilar");
        var before = await trainee.Get<Wexis.Data.Techniques.EditionLine[]>("/api/techniques");
        var line = before.First(l => l.Code != "wm-tongue-hinge");
        var view = await lead.Get<TechniqueView>($"/api/techniques/{line.TechniqueId}");
        var draft = view.Document with { Aim = "being thought over", Steps = [] };
        (
            await Visitor.Read<TechniqueSaved>(
                await lead.Put($"/api/techniques/{line.TechniqueId}", new TechniqueSave(view.Edition, view.Version, draft))
            )
        ).Standing.ShouldBe(EditionStanding.Draft);
        var after = await trainee.Get<Wexis.Data.Techniques.EditionLine[]>("/api/techniques");
        after.Select(l => (l.TechniqueId, l.Edition)).ShouldBe(before.Select(l => (l.TechniqueId, l.Edition)));
        (await trainee.Get<TechniqueView>($"/api/techniques/{line.TechniqueId}")).Edition.ShouldBe(line.Edition);
    }

    [Fact]
    public async Task Opening_takes_and_freezes_the_editions_and_moving_on_is_a_step_of_its_own()
    {
        using var lead = await demo.As("maren");
        using var trainee = await demo.As("joss");
        var document = await NewTechnique(lead, "cohort-a");
        var programme = ProgrammeId.New();
        await lead.Post(
            "/api/programmes",
            new ProgrammeAdd(
                programme,
                new(null, "Evening in spring", Units: [new("m", "Module", "supervised-practice", 60, Techniques: ["cohort-a"])])
            )
        );
        var id = CohortId.New();
        var opened = await Visitor.Read<CohortView>(
            await lead.Post($"/api/programmes/{programme}/cohorts", new CohortOpen(id, new("Spring", [trainee.PersonId])))
        );
        opened.Techniques.ShouldHaveSingleItem().Taught.ShouldBe(1);
        (await lead.Post($"/api/programmes/{programme}/cohorts", new CohortOpen(id, new("Spring", [])))).StatusCode.ShouldBe(
            HttpStatusCode.OK,
            "sent twice"
        );
        (
            await Visitor.Refusal(
                await lead.Post($"/api/programmes/{programme}/cohorts", new CohortOpen(CohortId.New(), new("Spring", [])))
            )
        ).Keys.ShouldContain("name");

        var saved = await Visitor.Read<TechniqueSaved>(
            await lead.Put(
                $"/api/techniques/{document.Id}",
                new TechniqueSave(1, document.Version, document.Document with { Aim = "later" })
            )
        );
        saved.Edition.ShouldBe(2, "the first was taken, so it never changes");
        (await trainee.Get<TechniqueView>($"/api/techniques/{document.Id}")).Edition.ShouldBe(1);
        var moved = await Visitor.Read<CohortView>(await lead.Post($"/api/cohorts/{id}/editions", new CohortTake(["cohort-a"])));
        moved.Techniques[0].Taught.ShouldBe(2);
        (await trainee.Get<TechniqueView>($"/api/techniques/{document.Id}")).Edition.ShouldBe(2);
        (await demo.House.Database.Scalar<long>($"SELECT count(*) FROM programmes.cohort_edition WHERE cohort_id = '{id}'")).ShouldBe(
            2,
            "what was taught before is kept"
        );
        await lead.Post($"/api/cohorts/{id}/editions", new CohortTake(["cohort-a"]));
        (await demo.House.Database.Scalar<long>($"SELECT count(*) FROM programmes.cohort_edition WHERE cohort_id = '{id}'")).ShouldBe(
            2,
            "the same again is nothing new"
        );
    }

    [Fact]
    public async Task What_went_out_of_use_is_still_read_by_those_who_were_taught_it()
    {
        using var lead = await demo.As("maren");
        using var taught = await demo.As("pilar");
        using var other = await demo.As("nadira");
        var technique = await NewTechnique(lead, "cohort-b");
        var programme = ProgrammeId.New();
        await lead.Post(
            "/api/programmes",
            new ProgrammeAdd(
                programme,
                new(null, "Evening in summer", Units: [new("m", "Module", "supervised-practice", 60, Techniques: ["cohort-b"])])
            )
        );
        await lead.Post($"/api/programmes/{programme}/cohorts", new CohortOpen(CohortId.New(), new("Summer", [taught.PersonId])));
        (
            await lead.Post(
                $"/api/techniques/{technique.Id}/editions/1/steps",
                new EditionStepTaken(technique.Version, "retired", "replaced")
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await taught.Ask($"/api/techniques/{technique.Id}")).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await other.Ask($"/api/techniques/{technique.Id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Only_the_lead_opens_one_only_trainees_are_in_it_and_an_unteachable_technique_is_not_taken()
    {
        using var lead = await demo.As("maren");
        using var assessor = await demo.As("benno");
        using var trainee = await demo.As("ilse");
        var programme = (await Programme(lead)).Id;
        (await assessor.Post($"/api/programmes/{programme}/cohorts", new CohortOpen(CohortId.New(), new("Mine", [])))).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (await trainee.Ask($"/api/programmes/{programme}/cohorts")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (
            await Visitor.Refusal(
                await lead.Post($"/api/programmes/{programme}/cohorts", new CohortOpen(CohortId.New(), new("", [assessor.PersonId])))
            )
        ).Keys.ShouldBe(["name", "members[0]"], ignoreOrder: true);
        var cohort = (await lead.Get<CohortView[]>($"/api/programmes/{programme}/cohorts")).First(c => c.Name == "Autumn 2026");
        (await Visitor.Refusal(await lead.Post($"/api/cohorts/{cohort.Id}/editions", new CohortTake(["nothing-like-it"]))))["codes[0]"]
            .ShouldBe(["codes[0]: no edition of “nothing-like-it” may be taught."]);
        (await Visitor.Refusal(await lead.Post($"/api/cohorts/{cohort.Id}/editions", new CohortTake([])))).Keys.ShouldBe(["codes"]);
        var members = await Visitor.Read<CohortView>(
            await lead.Put(
                $"/api/cohorts/{cohort.Id}/members",
                new CohortDraft(null, [.. cohort.Members.Select(m => m.Id)], [.. cohort.Members.Select(m => m.Id)])
            )
        );
        members.Members.Select(m => m.Name).ShouldBe(cohort.Members.Select(m => m.Name));
    }

    [Fact]
    public async Task A_cohort_outlives_a_restart_with_its_people_and_its_editions()
    {
        using var lead = await demo.As("maren");
        using var trainee = await demo.As("emrys");
        var technique = await NewTechnique(lead, "cohort-c");
        var programme = ProgrammeId.New();
        await lead.Post(
            "/api/programmes",
            new ProgrammeAdd(
                programme,
                new(null, "Evening in winter", Units: [new("m", "Module", "supervised-practice", 60, Techniques: ["cohort-c"])])
            )
        );
        var id = CohortId.New();
        await lead.Post($"/api/programmes/{programme}/cohorts", new CohortOpen(id, new("Winter", [trainee.PersonId])));
        await lead.Put(
            $"/api/techniques/{technique.Id}",
            new TechniqueSave(1, technique.Version, technique.Document with { Aim = "later" })
        );

        await demo.House.Restart();
        var after = await lead.Get<CohortView>($"/api/cohorts/{id}");
        after.Members.Select(m => m.Id).ShouldBe([trainee.PersonId]);
        var line = after.Techniques.ShouldHaveSingleItem();
        (line.Taught, line.Offered, line.State, line.MayMoveOn).ShouldBe((1, 2, CohortState.Newer, true));
        (await trainee.Get<TechniqueView>($"/api/techniques/{technique.Id}")).Edition.ShouldBe(1, "the session and the cohort both hold");
    }

    [Fact]
    public async Task Who_leaves_a_cohort_reads_it_no_longer_and_who_joins_reads_what_it_is_taught()
    {
        using var lead = await demo.As("maren");
        using var leaves = await demo.As("ilse");
        using var joins = await demo.As("nadira");
        var technique = await NewTechnique(lead, "cohort-d");
        var programme = ProgrammeId.New();
        await lead.Post(
            "/api/programmes",
            new ProgrammeAdd(
                programme,
                new(null, "Weekend", Units: [new("m", "Module", "supervised-practice", 60, Techniques: ["cohort-d"])])
            )
        );
        var id = CohortId.New();
        await lead.Post($"/api/programmes/{programme}/cohorts", new CohortOpen(id, new("Weekend", [leaves.PersonId])));
        await lead.Put(
            $"/api/techniques/{technique.Id}",
            new TechniqueSave(1, technique.Version, technique.Document with { Aim = "later" })
        );
        // 0 stands for nothing: nobody approved an edition, so only the cohort reads one.
        async Task<int> Reads(Visitor v)
        {
            var answer = await v.Ask($"/api/techniques/{technique.Id}");
            return answer.StatusCode == HttpStatusCode.NotFound ? 0 : (await Visitor.Read<TechniqueView>(answer)).Edition;
        }
        (await Reads(leaves), await Reads(joins)).ShouldBe((1, 0));
        await lead.Put($"/api/cohorts/{id}/members", new CohortDraft(null, [joins.PersonId], [leaves.PersonId]));
        (await Reads(leaves), await Reads(joins)).ShouldBe((0, 1));
    }

    private static async Task<TechniqueView> NewTechnique(Visitor lead, string code)
    {
        var id = TechniqueId.New();
        var document = TechniqueDocument.Empty with
        {
            Id = code,
            Name = code,
            Region = "cheeks",
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
        return await lead.Get<TechniqueView>($"/api/techniques/{id}");
    }
}
