using System.Net;
using Microsoft.Extensions.DependencyInjection;
using Wexis.Core.Examinations;
using Wexis.Core.Programmes;
using Wexis.Data;
using Wexis.Data.Examinations;
using Wexis.Data.Programmes;
using Wexis.Data.Techniques;
using Wexis.Server.Examinations;
using Wexis.Server.Programmes;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Shell;

/// <summary>
/// Two editors of one document against the real store, in 1,000 random interleavings: what was said to be saved is there, or was read by
/// whoever
/// saved after it. Every acknowledged save counts the version up by one, so none can have vanished when the count is right.
/// </summary>
public class SaveRaceTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private const int Interleavings = 1_000;

    /// <summary>A document as two editors see it: what stands now, and how one text is saved over it.</summary>
    private sealed record Shared(
        Func<Task<(int Number, int Version, string Text)>> Read,
        Func<string, int, int, Task<Saved>> Save,
        Func<Task> Use
    );

    /// <summary>What an editor saw when it began, and what it wants there.</summary>
    private sealed class Editor(string name)
    {
        public string Name => name;
        public (int Number, int Version, string Text) Seen { get; set; }
        public int Count { get; set; }
    }

    [Fact]
    public async Task Of_two_editors_of_a_technique_nothing_acknowledged_is_lost()
    {
        using var lead = await demo.As("maren");
        var id = TechniqueId.New();
        await Visitor.Read<TechniqueSaved>(await lead.Post("/api/techniques", new TechniqueAdd(id, DemoHouse.Smile("begun"))));
        var (editions, desk) = (
            demo.House.Services.GetRequiredService<EditionStore>(),
            demo.House.Services.GetRequiredService<TechniqueDesk>()
        );
        var first = (await editions.NewestOf(id, Ct))!;
        var ready = desk.New(id, first.Body);
        await Race(
            new(
                async () => (await editions.NewestOf(id, Ct))! is var e ? (e.Edition, e.Version, e.Body.Name!) : default,
                (text, edition, version) =>
                    editions.Save(
                        ready with
                        {
                            Body = ready.Body with { Name = text },
                        },
                        edition,
                        version,
                        lead.PersonId,
                        DateTimeOffset.UtcNow,
                        Ct
                    ),
                () =>
                    demo.House.Database.Execute(
                        "UPDATE techniques.edition SET frozen_at = now() WHERE technique_id = @id AND frozen_at IS NULL",
                        new { id }
                    )
            )
        );
    }

    [Fact]
    public async Task Of_two_editors_of_a_programme_nothing_acknowledged_is_lost()
    {
        using var lead = await demo.As("maren");
        var id = ProgrammeId.New();
        var document = new ProgrammeDocument(null, "begun");
        await lead.Post("/api/programmes", new ProgrammeAdd(id, document));
        var programmes = demo.House.Services.GetRequiredService<ProgrammeStore>();
        await Race(
            new(
                async () => (await programmes.ById(id, Ct))! is var p ? (1, p.Version, p.Body.Name!) : default,
                (text, _, version) =>
                    programmes.Save(id, version, document with { Name = text }, 0, lead.PersonId, DateTimeOffset.UtcNow, Ct),
                () => Task.CompletedTask
            )
        );
    }

    [Fact]
    public async Task Of_two_editors_of_a_mark_sheet_nothing_acknowledged_is_lost()
    {
        using var lead = await demo.As("maren");
        var technique = TechniqueId.New();
        await Visitor.Read<TechniqueSaved>(
            await lead.Post("/api/techniques", new TechniqueAdd(technique, DemoHouse.Smile($"Sheet {technique:N}")))
        );
        var examination = (await lead.Get<ExaminationView[]>("/api/examinations"))[0].Id;
        var station = (
            await Visitor.Read<StationView>(
                await lead.Post($"/api/examinations/{examination}/stations", new StationAdd(StationId.New(), technique))
            )
        ).Id;
        var examinations = demo.House.Services.GetRequiredService<ExaminationStore>();
        var sheet = (await examinations.Station(station, Ct))!.Sheet;
        MarkSheet With(string text) => sheet with { Criteria = [sheet.Criteria[0] with { Text = text }, .. sheet.Criteria.Skip(1)] };
        await Race(
            new(
                async () =>
                    (await examinations.Station(station, Ct))! is var s ? (s.Revision, s.Version, s.Sheet.Criteria[0].Text) : default,
                (text, revision, version) =>
                    examinations.SaveSheet(station, revision, version, With(text), lead.PersonId, DateTimeOffset.UtcNow, Ct),
                () =>
                    demo.House.Database.Execute(
                        "UPDATE examinations.sheet_revision SET used_at = now() WHERE station_id = @station AND used_at IS NULL",
                        new { station }
                    )
            )
        );
    }

    private static async Task Race(Shared shared)
    {
        var random = new Random(20261128);
        Editor[] editors = [new("ann"), new("bea")];
        var acknowledged = new List<(int Number, int Version, string Text)>();
        foreach (var e in editors)
            e.Seen = await shared.Read();
        for (var i = 0; i < Interleavings; i++)
        {
            // Any mixture of reading anew, saving, saving at the same moment, and the document being used in between.
            switch (random.Next(8))
            {
                case 0:
                    var reader = editors[random.Next(2)];
                    reader.Seen = await shared.Read();
                    break;
                case 1:
                    await shared.Use();
                    break;
                case 2 or 3:
                    await SaveOne(editors[random.Next(2)]);
                    break;
                default:
                    await Task.WhenAll(editors.OrderBy(_ => random.Next()).Select(SaveOne).ToList());
                    break;
            }
        }
        acknowledged.Select(a => (a.Number, a.Version)).ShouldBeUnique("no two saves were told the same place");
        var now = await shared.Read();
        acknowledged.ShouldContain(now, "what stands is what somebody was told is saved");
        acknowledged.Count.ShouldBeGreaterThan(Interleavings / 4);

        async Task SaveOne(Editor e)
        {
            var (base_, text) = (e.Seen, $"{e.Name} {++e.Count}");
            var saved = await shared.Save(text, base_.Number, base_.Version);
            if (saved.Outcome == SaveOutcome.Stale)
            {
                // Theirs is looked at; the next save is over it, knowingly.
                e.Seen = await shared.Read();
                return;
            }
            saved.Outcome.ShouldBe(SaveOutcome.Saved);
            lock (acknowledged)
            {
                // Whoever is told that it saved has saved over what it saw: the next place after it, which nobody else has.
                (saved.Number, saved.Version).ShouldBeOneOf((base_.Number, base_.Version + 1), (base_.Number + 1, 1));
                acknowledged.Add((saved.Number, saved.Version, text));
            }
            e.Seen = (saved.Number, saved.Version, text);
        }
    }

    [Fact]
    public async Task A_save_sent_again_after_a_lost_answer_is_saved_and_no_conflict_and_another_text_is_one()
    {
        using var lead = await demo.As("maren");
        var id = TechniqueId.New();
        var added = new TechniqueAdd(id, DemoHouse.Smile("Sent again"));
        for (var i = 0; i < 2; i++)
            await Visitor.Read<TechniqueSaved>(await lead.Post("/api/techniques", added));
        var save = new TechniqueSave(1, 1, DemoHouse.Smile("Sent again, changed"));
        for (var i = 0; i < 2; i++)
            (await Visitor.Read<TechniqueSaved>(await lead.Put($"/api/techniques/{id}", save))).Version.ShouldBe(2);
        (await lead.Put($"/api/techniques/{id}", save with { Document = DemoHouse.Smile("Something else") })).StatusCode.ShouldBe(
            HttpStatusCode.Conflict
        );
        (await lead.Post("/api/techniques", added with { Document = DemoHouse.Smile("Another body") })).StatusCode.ShouldBe(
            HttpStatusCode.Conflict
        );
    }

    [Fact]
    public async Task Who_is_in_a_cohort_a_reason_and_a_review_are_not_overwritten_unseen()
    {
        using var lead = await demo.As("maren");
        using var trainee = await demo.As("ilse");
        var programme = ProgrammeId.New();
        await lead.Post("/api/programmes", new ProgrammeAdd(programme, new(null, "Races")));
        var cohort = CohortId.New();
        var opened = new CohortOpen(cohort, new("Race", []));
        for (var i = 0; i < 2; i++)
            (await lead.Post($"/api/programmes/{programme}/cohorts", opened)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await lead.Post($"/api/programmes/{programme}/cohorts", opened with { Cohort = new("Other", []) })).StatusCode.ShouldBe(
            HttpStatusCode.Conflict
        );
        (await lead.Put($"/api/cohorts/{cohort}/members", new CohortDraft(null, [trainee.PersonId], []))).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        (await lead.Put($"/api/cohorts/{cohort}/members", new CohortDraft(null, [], []))).StatusCode.ShouldBe(
            HttpStatusCode.Conflict,
            "somebody was put in whom this change never saw"
        );

        async Task<DateTimeOffset?> Seen() =>
            (await lead.Get<SchoolsView>("/api/library/schools")).Choices.SingleOrDefault(c => c.Question == "screen-break")?.At;
        var choice = new HouseChoiceDraft("20", "first", await Seen());
        (await lead.Put("/api/library/choices/screen-break", choice)).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await lead.Put("/api/library/choices/screen-break", choice)).StatusCode.ShouldBe(HttpStatusCode.NoContent, "sent again");
        (await lead.Put("/api/library/choices/screen-break", choice with { Reason = "second" })).StatusCode.ShouldBe(
            HttpStatusCode.Conflict
        );
        (await lead.Put("/api/library/choices/screen-break", choice with { Reason = "second", Seen = await Seen() })).StatusCode.ShouldBe(
            HttpStatusCode.NoContent
        );

        var technique = TechniqueId.New();
        await lead.Post("/api/techniques", new TechniqueAdd(technique, DemoHouse.Smile("Reviewed at once")));
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 8)
                .Select(_ => lead.Post($"/api/techniques/{technique}/editions/1/steps", new EditionStepTaken(1, "reviewed", null)))
        );
        answers.Select(a => (int)a.StatusCode).ShouldAllBe(s => s == 204 || s == 409 || s == 400);
        answers.Count(a => a.IsSuccessStatusCode).ShouldBe(1, "one of them looked it through");
    }

    private static CancellationToken Ct => TestContext.Current.CancellationToken;
}
