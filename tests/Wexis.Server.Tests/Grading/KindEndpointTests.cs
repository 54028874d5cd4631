using System.Net;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;
using Wexis.Data.Routines;
using Wexis.Data.Techniques;
using Wexis.Server.Examinations;
using Wexis.Server.Grading;
using Wexis.Server.Results;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Grading;

/// <summary>Kinds of demonstration, what is graded in passing, and what nobody else may see.</summary>
public class KindEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static async Task<ExaminationId> Examination(Visitor lead)
    {
        var id = ExaminationId.New();
        (await lead.Post("/api/examinations", new ExaminationAdd(id, $"Kinds {id:N}", null))).EnsureSuccessStatusCode();
        return id;
    }

    private static async Task<TechniqueId> Technique(Visitor lead, string code) =>
        (await lead.Get<EditionLine[]>("/api/techniques")).First(t => t.Code == code).TechniqueId;

    private static async Task<PersonId> Person(Visitor lead, string login) =>
        (await lead.Get<Wexis.Server.People.PersonLine[]>("/api/people")).Single(p => p.Login == login).Id;

    private static Task<HttpResponseMessage> Give(Visitor by, DemonstrationId d, MarkEvent e) =>
        by.Put($"/api/demonstrations/{d}/events/{e.Id}", e);

    private static MarkEvent Mark(
        MarkKind kind,
        int counter,
        string? target = null,
        double? value = null,
        long atMs = 0,
        string? note = null
    ) => new(MarkId.New(), kind, "tablet", counter, atMs, null, null, target, value, note, 0);

    [Fact]
    public async Task A_station_shows_one_technique_or_a_routine_or_several_and_freezes_what_it_is_of()
    {
        using var lead = await demo.As("maren");
        var examination = await Examination(lead);
        var glide = await Technique(lead, "wm-exit-glide");
        var routine = (await lead.Get<RoutineLine[]>("/api/routines")).First(r => r.Name == "Evening way down").Id;
        async Task<StationView> Add(StationAdd given) =>
            await Visitor.Read<StationView>(await lead.Post($"/api/examinations/{examination}/stations", given));
        var partner = await Add(new(StationId.New(), glide, DemonstrationKind.Partner));
        partner.Sheet.Criteria.ShouldContain(c => c.Topic == Topic.Comfort && c.SafetyCritical);
        var group = await Add(new(StationId.New(), null, DemonstrationKind.Group, null, routine));
        (group.RoutineId, group.TechniqueId).ShouldBe((routine, null));
        group.Sheet.TechniqueName.ShouldBe("Evening way down");
        group.Sheet.Steps.Select(s => s.Part).Distinct().Count().ShouldBeGreaterThan(4);
        var several = await Add(
            new(
                StationId.New(),
                null,
                DemonstrationKind.Several,
                [glide, await Technique(lead, "wx-forehead-lanes"), await Technique(lead, "wx-rim-feather")]
            )
        );
        several.Sheet.Steps.Select(s => s.Part).Distinct().Count().ShouldBe(3);
        // What a station is of does not go away under it, whichever part it is.
        foreach (
            var (kind, id) in new (string, IIdentifier)[] { ("technique", await Technique(lead, "wx-rim-feather")), ("routine", routine) }
        )
            (await lead.Put($"/api/away/{kind}/{id}", new Wexis.Server.Keeping.AwayChange(null, "deleted"))).StatusCode.ShouldBe(
                HttpStatusCode.Conflict,
                kind
            );
        (await lead.Get<ExaminationView[]>("/api/examinations"))
            .Single(e => e.Id == examination)
            .Stations.Select(s => s.Kind)
            .ShouldBe([DemonstrationKind.Partner, DemonstrationKind.Group, DemonstrationKind.Several]);
    }

    [Fact]
    public async Task A_kind_that_does_not_fit_what_is_shown_is_refused_at_its_field()
    {
        using var lead = await demo.As("maren");
        var examination = await Examination(lead);
        var glide = await Technique(lead, "wm-exit-glide");
        var routine = (await lead.Get<RoutineLine[]>("/api/routines"))[0].Id;
        (StationAdd Given, string Field)[] wrong =
        [
            (new(StationId.New()), "technique_id"),
            (new(StationId.New(), null, DemonstrationKind.Several, [glide]), "technique_ids"),
            (new(StationId.New(), null, DemonstrationKind.Partner, [glide, glide]), "technique_ids"),
            (new(StationId.New(), null, DemonstrationKind.Partner, null, routine), "kind"),
            (new(StationId.New(), null, DemonstrationKind.Group, null, RoutineId.New()), "routine_id"),
            (new(StationId.New(), glide, DemonstrationKind.Everyday), "kind"),
        ];
        foreach (var (given, field) in wrong)
        {
            var answer = await lead.Post($"/api/examinations/{examination}/stations", given);
            answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest, field);
            (await answer.Content.ReadAsStringAsync()).ShouldContain($"\"{field}\"");
        }
        (await lead.Get<ExaminationView[]>("/api/examinations")).Single(e => e.Id == examination).Stations.ShouldBeEmpty();
    }

    [Fact]
    public async Task A_lesson_is_graded_in_a_minute_without_an_examination_and_stands_among_the_results()
    {
        using var lead = await demo.As("maren");
        var id = DemonstrationId.New();
        var trainee = await Person(lead, "ilse");
        var opened = await Visitor.Read<DemonstrationView>(
            await lead.Put(
                $"/api/demonstrations/{id}",
                new DemonstrationOpen(null, trainee, DemonstrationOrigin.Lesson, await Technique(lead, "wm-exit-glide"))
            )
        );
        opened.Sheet.Criteria.Count.ShouldBe(3);
        (opened.StationId, opened.Origin).ShouldBe((null, DemonstrationOrigin.Lesson));
        var n = 0;
        foreach (
            var e in opened
                .Sheet.Criteria.Select(c => Mark(MarkKind.Mark, n++, c.Id, 3))
                .Prepend(Mark(MarkKind.Start, 50))
                .Append(Mark(MarkKind.Stop, 60))
        )
            (await Give(lead, id, e)).EnsureSuccessStatusCode();
        var result = await Visitor.Read<DemonstrationResult>(await lead.Post($"/api/demonstrations/{id}/submit", new { }));
        (result.Score.Percent, result.Score.CountsAsAttempt).ShouldBe((100, false));
        var line = (await lead.Get<ResultLine[]>("/api/results")).Single(r => r.Id == id);
        line.Origin.ShouldBe(DemonstrationOrigin.Lesson);
        (await lead.Get<ResultView>($"/api/results/{id}")).Examination.ShouldBeNull();
        // Its technique does not go away under it.
        (await lead.Get<Wexis.Server.Keeping.AwayView>($"/api/away/technique/{await Technique(lead, "wm-exit-glide")}"))
            .Rests.Select(r => r.Kind)
            .ShouldContain("demonstration");
        // The edition that the trainee's cohort is taught, whatever was approved since.
        opened.Sheet.Edition.ShouldBe(1);
        (await lead.Put($"/api/demonstrations/{Guid.NewGuid()}", new DemonstrationOpen(null, trainee))).StatusCode.ShouldBe(
            HttpStatusCode.BadRequest
        );
        (
            await lead.Put($"/api/demonstrations/{Guid.NewGuid()}", new DemonstrationOpen(null, trainee, DemonstrationOrigin.Practice))
        ).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task Nobody_sees_what_is_on_an_open_sheet_but_how_far_it_is()
    {
        using var lead = await demo.As("maren");
        using var other = await demo.As("benno");
        var d = await demo.Opened(lead);
        var criterion = d.Sheet.Criteria.First(c => c.Measure is null).Id;
        (await Give(lead, d.Id, Mark(MarkKind.Start, 0))).EnsureSuccessStatusCode();
        (await Give(lead, d.Id, Mark(MarkKind.Mark, 1, criterion, 0, note: "leans"))).EnsureSuccessStatusCode();
        var seen = await other.Get<DemonstrationView>($"/api/demonstrations/{d.Id}");
        (seen.Mine, seen.Events.Count).ShouldBe((false, 0));
        seen.Score.Criteria.ShouldAllBe(c => c.Mark == null);
        (await other.Ask($"/api/demonstrations/{d.Id}/marks.vtt")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await (await other.Ask($"/api/demonstrations/{d.Id}")).Content.ReadAsStringAsync()).ShouldNotContain("leans");
        var line = (await other.Get<DemonstrationLine[]>("/api/demonstrations")).Single(x => x.Id == d.Id);
        (line.Started, line.Stopped, line.Marked).ShouldBe((true, false, 1));
        line.Judged.ShouldBe(d.Sheet.Criteria.Count(c => c.Kind != CriterionKind.Measured));
        (await Give(other, d.Id, Mark(MarkKind.Mark, 2, criterion, 3))).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (await lead.Get<DemonstrationView>($"/api/demonstrations/{d.Id}")).Events.Count.ShouldBe(2);
    }

    [Fact]
    public async Task A_mark_from_the_future_is_refused_unless_a_film_is_graded()
    {
        using var lead = await demo.As("maren");
        var d = await demo.Opened(lead);
        var late = Mark(MarkKind.Note, 1, atMs: 3_600_000, note: "an hour on");
        var refused = await Give(lead, d.Id, late);
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await refused.Content.ReadAsStringAsync()).ShouldContain("future");
        (await Give(lead, d.Id, Mark(MarkKind.Film, 0, new string('a', 64), note: "ilse.webm"))).EnsureSuccessStatusCode();
        (await Give(lead, d.Id, late)).EnsureSuccessStatusCode();
        (await (await lead.Ask($"/api/demonstrations/{d.Id}/marks.vtt")).Content.ReadAsStringAsync()).ShouldBe(
            "WEBVTT\n\n01:00:00.000 --> 01:00:02.000\nan hour on\n"
        );
    }

    [Fact]
    public async Task Captions_are_read_or_refused_with_their_line()
    {
        using var lead = await demo.As("maren");
        var read = await Visitor.Read<TimedLine[]>(
            await lead.Post("/api/demonstrations/captions", new CaptionsGiven("WEBVTT\n\n00:01.000 --> 00:02.500\nchin out"))
        );
        read.ShouldBe([new TimedLine(1, 2.5, "chin out")]);
        var broken = await lead.Post("/api/demonstrations/captions", new CaptionsGiven("WEBVTT\n\n00:03.000 --> 00:02.500\nchin out"));
        broken.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await broken.Content.ReadAsStringAsync()).ShouldContain("line 3");
    }
}
