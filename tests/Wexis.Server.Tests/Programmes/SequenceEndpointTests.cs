using System.Net;
using Wexis.Core.Programmes;
using Wexis.Data.Routines;
using Wexis.Server.Programmes;
using Wexis.Server.Routines;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Programmes;

/// <summary>Sequences over the wire: searched, looked at, stopped, repaired; lessons; files; editions that cohorts run on.</summary>
public class SequenceEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static async Task<ProgrammeView> Demo(Visitor v)
    {
        var line = (await v.Get<ProgrammeLine[]>("/api/programmes")).Single(p => p.Name.StartsWith("Wrenmoor"));
        return await v.Get<ProgrammeView>($"/api/programmes/{line.Id}");
    }

    private static async Task<PlanRun> Planned(Visitor v, ProgrammeDocument document, bool near = false)
    {
        var run = await Visitor.Read<PlanRun>(await v.Post("/api/programmes/plans", new PlanOrder(PlanId.New(), document, near)));
        for (var i = 0; run.Running && i < 300; i++)
        {
            await Task.Delay(100);
            run = await v.Get<PlanRun>($"/api/programmes/plans/{run.Id}");
        }
        run.Running.ShouldBeFalse();
        return run;
    }

    private static ProgrammeDocument With(ProgrammeDocument document, SequencePlan plan) =>
        document with
        {
            Plan = [.. plan.Sessions.SelectMany(s => s.Units.Select(u => new Placement(u, s.Id)))],
        };

    [Fact]
    public async Task The_demo_is_planned_proven_read_again_and_becomes_lessons_that_add_up()
    {
        using var lead = await demo.As("maren");
        var view = await Demo(lead);
        var run = await Planned(lead, view.Document);
        run.Plan!.Status.ShouldBe(PlanStatus.Optimal);
        run.Plan.LeftAside.ShouldBeEmpty("the demo keeps what the trade keeps");
        var planned = With(view.Document, run.Plan);
        var reading = await Visitor.Read<SequenceReading>(await lead.Post("/api/programmes/sequence", planned));
        reading.Faults.ShouldBeEmpty();
        reading.Measure.ShouldBe(run.Plan.Objective);
        var lessons = await Visitor.Read<LessonPlan[]>(await lead.Post("/api/programmes/lesson-plans", planned));
        lessons.Length.ShouldBe(run.Plan.Objective!.Sessions);
        foreach (var lesson in lessons)
        {
            (lesson.Agenda.Sum(a => a.Minutes) + lesson.Spare).ShouldBe(lesson.Minutes);
            lesson.Agenda.Select(a => a.From).ShouldBe(lesson.Agenda.Select((_, i) => lesson.Agenda.Take(i).Sum(b => b.Minutes)));
        }
        lessons.SelectMany(l => l.LookFor).ShouldNotBeEmpty();
    }

    [Fact]
    public async Task What_is_moved_by_hand_is_repaired_around_and_the_cost_is_said()
    {
        using var lead = await demo.As("maren");
        var view = await Demo(lead);
        var plan = (await Planned(lead, view.Document)).Plan!;
        var moved = With(view.Document, plan) with { Fixed = [.. view.Document.Fixed!, new("jaw", "s5")] };
        var run = await Planned(lead, moved, near: true);
        run.Plan!.Sessions.Single(s => s.Id == "s5").Units.ShouldContain("jaw");
        run.Moved!.ShouldContain("jaw");
        run.Moved!.Count.ShouldBeLessThan(6, "little moves");
        run.Before.ShouldBe(plan.Objective);
    }

    [Fact]
    public async Task A_search_can_be_stopped_and_asked_for_twice_is_one()
    {
        using var lead = await demo.As("maren");
        using var assessor = await demo.As("benno");
        var view = await Demo(lead);
        var order = new PlanOrder(PlanId.New(), view.Document, false);
        await lead.Post("/api/programmes/plans", order);
        await lead.Post("/api/programmes/plans", order);
        (await lead.Post($"/api/programmes/plans/{order.Id}/stop", new { })).StatusCode.ShouldBe(HttpStatusCode.OK);
        PlanRun run;
        do run = await assessor.Get<PlanRun>($"/api/programmes/plans/{order.Id}");
        while (run.Running);
        run.Plan.ShouldNotBeNull();
        (await lead.Ask($"/api/programmes/plans/{Guid.NewGuid()}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await assessor.Post("/api/programmes/plans", order with { Id = PlanId.New() })).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    [Fact]
    public async Task What_cannot_be_planned_is_refused_at_its_field()
    {
        using var lead = await demo.As("maren");
        var view = await Demo(lead);
        async Task<IReadOnlyDictionary<string, string[]>> Refused(ProgrammeDocument document) =>
            (await Visitor.Refusal(await lead.Post("/api/programmes/plans", new PlanOrder(PlanId.New(), document, false)))).ToDictionary();
        (await Refused(view.Document with { Sessions = [] })).Keys.ShouldContain("fixed[0].session");
        (await Refused(view.Document with { Sessions = [], Fixed = [] })).Keys.ShouldContain("sessions");
        (await Refused(new(null, "P", Sessions: [new("s", Minutes: 60)]))).Keys.ShouldContain("units");
    }

    [Fact]
    public async Task A_programme_leaves_as_a_file_and_comes_in_again_whole_or_not_at_all()
    {
        using var lead = await demo.As("maren");
        var view = await Demo(lead);
        var text = await (await lead.Ask($"/api/programmes/{view.Id}/file")).Content.ReadAsStringAsync();
        var id = ProgrammeId.New();
        var read = await Visitor.Read<ProgrammeView>(await lead.Post("/api/programmes/import", new ProgrammeImport(id, text)));
        read.Document.AllUnits.Select(u => u.Id).ShouldBe(view.Document.AllUnits.Select(u => u.Id));
        read.Document.AllUnits.ShouldAllBe(u => u.AllRoutines.Count == 0, "routines are another house's");
        var spoiled = text.Replace("\"minutes\": 180", "\"minutes\": -180", StringComparison.Ordinal);
        (
            await Visitor.Refusal(await lead.Post("/api/programmes/import", new ProgrammeImport(ProgrammeId.New(), spoiled)))
        ).Keys.ShouldContain("units[0].minutes");
        var lines = await lead.Get<ProgrammeLine[]>("/api/programmes");
        lines.Count(l => l.Name == view.Document.Name).ShouldBe(2, "nothing of the refused one");
        await lead.Put($"/api/away/programme/{id}", new { seen = (string?)null, state = "deleted" });
    }

    [Fact]
    public async Task What_runs_with_a_cohort_is_frozen_and_a_change_makes_the_next_edition()
    {
        using var lead = await demo.As("maren");
        using var trainee = await demo.As("joss");
        var routine = (await lead.Get<RoutineLine[]>("/api/routines")).Single(r => r.Name == "Screen break");
        var document = new ProgrammeDocument(
            null,
            "Runs on editions",
            Units: [new("a", "Screen break, led", "teaching-practice", 60, Routines: [$"{routine.Id}"])]
        );
        var id = ProgrammeId.New();
        await Visitor.Read<ProgrammeView>(await lead.Post("/api/programmes", new ProgrammeAdd(id, document)));
        (
            await Visitor.Read<ProgrammeView>(
                await lead.Put($"/api/programmes/{id}", new ProgrammeSave(1, document with { Participants = 4 }))
            )
        ).Edition.ShouldBe(1, "no cohort runs on it yet");
        (await trainee.Ask($"/api/routines/{routine.Id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound, "nobody teaches it to them");
        var cohort = await Visitor.Read<CohortView>(
            await lead.Post($"/api/programmes/{id}/cohorts", new CohortOpen(CohortId.New(), new("Runners", [trainee.PersonId])))
        );
        cohort.Techniques.ShouldNotBeEmpty("techniques of the routine are taught with it");
        var taken = cohort.Routines.ShouldHaveSingleItem();
        (taken.Taught, taken.Mismatches.Count).ShouldBe((1, 0));
        (await trainee.Get<RoutineView>($"/api/routines/{routine.Id}")).Edition.ShouldBe(1);
        (await trainee.Get<Lessons[]>("/api/lessons")).SelectMany(l => l.Routines).ShouldContain(r => r.RoutineId == routine.Id);

        var saved = await Visitor.Read<ProgrammeView>(
            await lead.Put($"/api/programmes/{id}", new ProgrammeSave(2, document with { Units = [] }))
        );
        saved.Edition.ShouldBe(2);
        var after = (await lead.Get<CohortView[]>($"/api/programmes/{id}/cohorts")).ShouldHaveSingleItem();
        (after.ProgrammeEdition, after.ProgrammeOffered, after.Routines.Count).ShouldBe((1, 2, 1));
        var on = await Visitor.Read<CohortView>(await lead.Post($"/api/cohorts/{cohort.Id}/editions", new CohortTake([], Programme: true)));
        (on.ProgrammeEdition, on.Routines.Single().Module).ShouldBe((2, null));
        (await demo.House.Database.Scalar<long>($"SELECT count(*) FROM programmes.edition WHERE programme_id = '{id}'")).ShouldBe(
            2,
            "what ran before is kept"
        );

        // A routine that was taken is frozen as well; a change makes its next edition, and the cohort stays.
        var view = await lead.Get<RoutineView>($"/api/routines/{routine.Id}");
        view.Frozen.ShouldBeTrue();
        var next = await Visitor.Read<RoutineView>(
            await lead.Put(
                $"/api/routines/{routine.Id}",
                new RoutineSave(view.Edition, view.Version, view.Document with { ForWhom = "people at screens" })
            )
        );
        next.Edition.ShouldBe(2);
        (await trainee.Get<RoutineView>($"/api/routines/{routine.Id}")).Edition.ShouldBe(1);
        (await lead.Put($"/api/away/routine/{routine.Id}", new { seen = (string?)null, state = "deleted" })).StatusCode.ShouldBe(
            HttpStatusCode.Conflict,
            "a cohort rests on it"
        );
    }
}
