using System.Net;
using Npgsql;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;
using Wexis.Server.Grading;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Grading;

public class MarkEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static MarkEvent Event(
        MarkKind kind,
        int counter,
        int? step = null,
        Side? side = null,
        string? target = null,
        double? value = null
    ) => new(MarkId.New(), kind, "tablet", counter, 1000 * counter, step, side, target, value, null, 0);

    private static Task<HttpResponseMessage> Give(Visitor by, DemonstrationView d, MarkEvent e) =>
        by.Put($"/api/demonstrations/{d.Id}/events/{e.Id}", e);

    /// <summary>Ten counted smiles and full marks; stopped and ready to submit.</summary>
    private static async Task GradeFully(Visitor by, DemonstrationView d, double mark = 3)
    {
        var n = 0;
        (await Give(by, d, Event(MarkKind.Start, n++))).EnsureSuccessStatusCode();
        for (var i = 0; i < 10; i++)
            (
                await Give(
                    by,
                    d,
                    new MarkEvent(
                        MarkId.New(),
                        MarkKind.Rep,
                        "tablet",
                        n++,
                        3000 * (i + 1),
                        0,
                        d.Sheet.Steps[0].Columns[0],
                        null,
                        null,
                        null,
                        0
                    )
                )
            ).EnsureSuccessStatusCode();
        (
            await Give(by, d, new MarkEvent(MarkId.New(), MarkKind.Stop, "tablet", n++, 40_000, null, null, null, null, null, 0))
        ).EnsureSuccessStatusCode();
        foreach (var c in d.Sheet.Criteria.Where(c => c.Measure is null))
            (
                await Give(by, d, Event(MarkKind.Mark, n++, target: c.Id, value: c.Kind == CriterionKind.Done ? 3 : mark))
            ).EnsureSuccessStatusCode();
    }

    [Fact]
    public async Task A_mark_sent_twice_is_stored_once_and_with_other_content_it_is_a_conflict()
    {
        using var lead = await demo.As("maren");
        var d = await demo.Opened(lead);
        var rep = Event(MarkKind.Rep, 0, 0, d.Sheet.Steps[0].Columns[0]);
        (await Give(lead, d, rep)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await Give(lead, d, rep)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await Give(lead, d, rep with { AtMs = 9 })).StatusCode.ShouldBe(HttpStatusCode.Conflict);
        (await lead.Get<DemonstrationView>($"/api/demonstrations/{d.Id}")).Events.Count.ShouldBe(1);
    }

    [Fact]
    public async Task A_number_that_another_page_of_the_same_browser_used_is_answered_with_the_next_one()
    {
        using var lead = await demo.As("maren");
        var d = await demo.Opened(lead);
        var side = d.Sheet.Steps[0].Columns[0];
        for (var i = 0; i < 3; i++)
            (await Give(lead, d, Event(MarkKind.Rep, i, 0, side))).EnsureSuccessStatusCode();
        var refused = await Give(lead, d, Event(MarkKind.Rep, 1, 0, side));
        refused.StatusCode.ShouldBe(HttpStatusCode.Conflict);
        System
            .Text.Json.JsonDocument.Parse(await refused.Content.ReadAsStringAsync())
            .RootElement.GetProperty("next_counter")
            .GetInt32()
            .ShouldBe(3);
    }

    [Fact]
    public async Task Taps_in_one_millisecond_lock_no_sheet()
    {
        using var lead = await demo.As("maren");
        var d = await demo.Opened(lead);
        for (var i = 0; i < 5; i++)
            (await Give(lead, d, Event(MarkKind.Rep, i, 0, d.Sheet.Steps[0].Columns[0]) with { AtMs = 700 })).StatusCode.ShouldBe(
                HttpStatusCode.OK
            );
        (await lead.Get<DemonstrationView>($"/api/demonstrations/{d.Id}")).Events.Count.ShouldBe(5, "it opens, and can be corrected");
    }

    [Fact]
    public async Task A_tablet_that_sends_all_it_has_at_once_loses_nothing()
    {
        using var lead = await demo.As("maren");
        var d = await demo.Opened(lead);
        var events = Enumerable.Range(0, 40).Select(i => Event(MarkKind.Rep, i, 0, d.Sheet.Steps[0].Columns[0])).ToList();
        var answers = await Task.WhenAll(events.Concat(events).Select(e => Give(lead, d, e)));
        answers.ShouldAllBe(a => a.StatusCode == HttpStatusCode.OK);
        (await lead.Get<DemonstrationView>($"/api/demonstrations/{d.Id}"))
            .Events.Select(e => e.Id)
            .ShouldBe(events.Select(e => e.Id), ignoreOrder: true);
    }

    [Theory]
    [InlineData("mark", null, null, "no-such-criterion", 3.0, "target")]
    [InlineData("mark", null, null, "setup", 9.0, "value")]
    [InlineData("mark", null, null, "setup", 2.0, "value")]
    [InlineData("rep", 7, "both", null, null, "step")]
    [InlineData("rep", 0, "left", null, null, "side")]
    [InlineData("fault", null, null, "no-such-fault", null, "target")]
    [InlineData("critical", null, null, "no-such-act", null, "target")]
    [InlineData("dance", null, null, null, null, "kind")]
    [InlineData("rep", 0, "upside", null, null, "side")]
    public async Task A_mark_that_the_sheet_does_not_know_is_refused_with_its_field(
        string kind,
        int? step,
        string? side,
        string? target,
        double? value,
        string field
    )
    {
        using var lead = await demo.As("maren");
        var d = await demo.Opened(lead);
        var id = Guid.NewGuid();
        // As a device sends it: a word that is in no list must be refused by its field, too.
        var sent = new
        {
            id,
            kind,
            device = "tablet",
            counter = 0,
            at_ms = 0,
            step,
            side,
            target,
            value,
            arrival = 0,
        };
        (await Visitor.Refusal(await lead.Put($"/api/demonstrations/{d.Id}/events/{id}", sent))).Keys.ShouldContain(field);
    }

    [Fact]
    public async Task A_sheet_with_unmarked_criteria_is_not_submitted_and_every_mark_is_kept()
    {
        using var lead = await demo.As("maren");
        var d = await demo.Opened(lead);
        await Give(lead, d, Event(MarkKind.Start, 0));
        await Give(lead, d, Event(MarkKind.Stop, 1));
        var answer = await lead.Post($"/api/demonstrations/{d.Id}/submit", null);
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await Visitor.Refusal(answer)).Keys.ShouldContain("setup");
        (await lead.Get<DemonstrationView>($"/api/demonstrations/{d.Id}")).Events.Count.ShouldBe(2);
    }

    [Fact]
    public async Task A_submitted_sheet_takes_no_more_marks_and_submitting_again_gives_the_same_result()
    {
        using var lead = await demo.As("maren");
        var d = await demo.Opened(lead);
        await GradeFully(lead, d);
        var first = await Visitor.Read<DemonstrationResult>(await lead.Post($"/api/demonstrations/{d.Id}/submit", null));
        first.Score.Decision.ShouldBe(Decision.Pass);
        first.Score.Percent.ShouldBe(100, 1e-9);
        (await Give(lead, d, Event(MarkKind.Critical, 99, target: "globe"))).StatusCode.ShouldBe(HttpStatusCode.Conflict);
        (await Visitor.Read<DemonstrationResult>(await lead.Post($"/api/demonstrations/{d.Id}/submit", null))).Score.Percent.ShouldBe(
            first.Score.Percent
        );
    }

    [Fact]
    public async Task Only_who_opened_a_demonstration_marks_it()
    {
        using var lead = await demo.As("maren");
        using var assessor = await demo.As("benno");
        var d = await demo.Opened(lead);
        (await Give(assessor, d, Event(MarkKind.Start, 0))).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (await assessor.Post($"/api/demonstrations/{d.Id}/submit", null)).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    [Fact]
    public async Task A_trainee_sees_a_result_once_it_is_released_and_nothing_of_anyone_elses()
    {
        using var lead = await demo.As("maren");
        using var mine = await demo.As("ilse");
        using var other = await demo.As("tobin");
        var d = await demo.Opened(lead);
        await GradeFully(lead, d, mark: 3);
        await lead.Post($"/api/demonstrations/{d.Id}/submit", null);
        (await mine.Ask($"/api/results/{d.Id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await lead.Post("/api/results/release", new { results = new[] { d.Id } })).EnsureSuccessStatusCode();
        (await mine.Ask($"/api/results/{d.Id}")).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await other.Ask($"/api/results/{d.Id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await other.Get<Wexis.Server.Results.ResultLine[]>("/api/results")).ShouldAllBe(r => r.Trainee == "Tobin Achterlund");
    }

    [Theory]
    [InlineData("UPDATE grading.mark_event SET value = 3")]
    [InlineData("DELETE FROM grading.mark_event")]
    [InlineData("TRUNCATE grading.mark_event")]
    public async Task The_database_refuses_to_change_a_mark(string sql)
    {
        var refused = await Should.ThrowAsync<PostgresException>(demo.House.Database.Execute(sql));
        refused.ConstraintName.ShouldBe("mark_event_append_only");
        refused.Hint.ShouldBe("Append an undo.");
    }

    [Fact]
    public async Task A_sheet_that_was_graded_by_does_not_change_and_adjusting_makes_the_next_revision()
    {
        using var lead = await demo.As("maren");
        var d = await demo.Opened(lead);
        var station = await lead.Get<Wexis.Server.Examinations.StationView>($"/api/examinations/stations/{d.StationId}");
        station.Used.ShouldBeTrue();
        var adjusted = await Visitor.Read<Wexis.Server.Examinations.StationView>(
            await lead.Put(
                $"/api/examinations/stations/{d.StationId}/sheet",
                new Wexis.Server.Examinations.SheetAdjust(station.Revision, station.Version, 80, [])
            )
        );
        adjusted.Revision.ShouldBe(2);
        (await lead.Get<DemonstrationView>($"/api/demonstrations/{d.Id}")).Sheet.PassLine.ShouldBe(75);
        await Should.ThrowAsync<PostgresException>(
            demo.House.Database.Execute(
                "UPDATE examinations.sheet_revision SET pass_line = 1 WHERE station_id = @id AND revision = 1",
                new { id = d.StationId }
            )
        );
    }

    [Fact]
    public async Task Weights_that_add_up_to_nothing_and_a_pass_line_above_100_are_refused()
    {
        using var lead = await demo.As("maren");
        var d = await demo.Opened(lead);
        var station = await lead.Get<Wexis.Server.Examinations.StationView>($"/api/examinations/stations/{d.StationId}");
        var zero = station.Sheet.Criteria.Select(c => new Wexis.Server.Examinations.CriterionAdjust(c.Id, 0, false, null)).ToList();
        var refusal = await Visitor.Refusal(
            await lead.Put(
                $"/api/examinations/stations/{d.StationId}/sheet",
                new Wexis.Server.Examinations.SheetAdjust(station.Revision, station.Version, 120, zero)
            )
        );
        refusal.Keys.ShouldBe(["pass_line", "criteria"], ignoreOrder: true);
    }
}
