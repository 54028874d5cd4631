using System.Net;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;
using Wexis.Data.Results;
using Wexis.Server.Grading;
using Wexis.Server.People;
using Wexis.Server.Results;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Results;

/// <summary>A second look, what both agree on, release, withdrawal, appeal: by whom, blind, and on record.</summary>
public class CaseEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    /// <summary>Shows the smallest dose of every step and gives the same mark everywhere.</summary>
    private static async Task<HttpResponseMessage> Grade(
        Visitor by,
        DemonstrationView view,
        double mark,
        Func<Criterion, double?>? other = null
    )
    {
        var n = 0;
        async Task Give(MarkKind kind, int? step = null, Side? side = null, string? target = null, double? value = null)
        {
            var e = new MarkEvent(
                MarkId.New(),
                kind,
                $"tablet-{by.PersonId:N}"[..20],
                n,
                1000 + (n++ * 2500L),
                step,
                side,
                target,
                value,
                null,
                0
            );
            (await by.Put($"/api/demonstrations/{view.Id}/events/{e.Id}", e)).EnsureSuccessStatusCode();
        }
        await Give(MarkKind.Start);
        foreach (var step in view.Sheet.Steps)
        foreach (var side in step.Columns)
            for (var i = 0; i < step.Repetitions.Minimum; i++)
                await Give(MarkKind.Rep, step.Index, side);
        await Give(MarkKind.Stop);
        foreach (var c in view.Sheet.Criteria.Where(c => c.Kind != CriterionKind.Measured))
        {
            var given = other?.Invoke(c) ?? mark;
            await Give(MarkKind.Mark, target: c.Id, value: c.Kind == CriterionKind.Done ? (given >= 2 ? 3 : 0) : given);
        }
        return await by.Post($"/api/demonstrations/{view.Id}/submit", null);
    }

    private static async Task<DemonstrationView> LookAgain(Visitor by, DemonstrationView first) =>
        await Visitor.Read<DemonstrationView>(
            await by.Put($"/api/demonstrations/{Guid.NewGuid()}", new DemonstrationOpen(null, first.TraineeId, SecondOf: first.Id))
        );

    private static Task<HttpResponseMessage> Act(Visitor by, DemonstrationId id, CaseAct act) =>
        by.Put($"/api/results/{id}/case/{Guid.NewGuid()}", act);

    private static async Task<CaseView> Case(Visitor by, DemonstrationId id) => await by.Get<CaseView>($"/api/results/{id}/case");

    private static async Task<string> Refused(Task<HttpResponseMessage> answer)
    {
        var given = await answer;
        given.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        return await given.Content.ReadAsStringAsync();
    }

    [Fact]
    public async Task A_second_assessor_is_asked_whether_they_look_at_the_same_and_it_is_no_attempt()
    {
        using var lead = await demo.As("maren");
        using var benno = await demo.As("benno");
        var first = await demo.Opened(lead, "emrys");
        var open = new DemonstrationOpen(first.StationId, first.TraineeId);
        (await Refused(benno.Put($"/api/demonstrations/{Guid.NewGuid()}", open))).ShouldContain(
            "grading Emrys Tallowin at this station now"
        );
        var second = await LookAgain(benno, first);
        (second.SecondOf, second.Attempt, second.Events.Count).ShouldBe((first.Id, first.Attempt, 0));
        (
            await Visitor.Read<DemonstrationView>(await benno.Put($"/api/demonstrations/{Guid.NewGuid()}", open with { Another = true }))
        ).Attempt.ShouldBe(2);
        // The quicker one sees nothing of the other, nor the other of them.
        (await Grade(benno, second, 3)).EnsureSuccessStatusCode();
        (await lead.Get<DemonstrationView>($"/api/demonstrations/{second.Id}")).Events.ShouldBeEmpty();
        (await lead.Get<ResultLine[]>("/api/results")).ShouldNotContain(r => r.Id == second.Id || r.Id == first.Id);
        (await Grade(lead, first, 3)).EnsureSuccessStatusCode();
        var view = await Case(lead, first.Id);
        view.Story.Select(s => s.Kind).ShouldBe([CaseEventKind.LookAsked, CaseEventKind.Decided, CaseEventKind.LookGiven]);
        (view.InDispute, view.Compared!.PointsApart).ShouldBe((false, 0));
        (await benno.Post($"/api/demonstrations/{second.Id}/submit", null)).EnsureSuccessStatusCode();
        (await Case(lead, first.Id)).Story.Count.ShouldBe(3, "submitted twice is submitted once");
    }

    [Fact]
    public async Task Who_was_asked_to_look_again_sees_nothing_of_the_first_sheet_and_two_who_differ_agree_before_it_is_released()
    {
        using var lead = await demo.As("maren");
        using var benno = await demo.As("benno");
        using var ilse = await demo.As("ilse");
        var first = await demo.Opened(lead);
        (await Grade(lead, first, 3)).EnsureSuccessStatusCode();
        (await Refused(Act(lead, first.Id, new(CaseEventKind.LookAsked, How: LookHow.Assessor, Assessor: lead.PersonId)))).ShouldContain(
            "first assessor"
        );
        foreach (
            var wrong in new CaseAct[]
            {
                new(CaseEventKind.LookAsked, How: LookHow.Assessor, Assessor: ilse.PersonId),
                new(CaseEventKind.LookAsked, How: LookHow.File),
            }
        )
            (await Refused(Act(lead, first.Id, wrong))).ShouldContain("assessor:");
        (
            await Act(lead, first.Id, new(CaseEventKind.LookAsked, How: LookHow.Assessor, Assessor: benno.PersonId))
        ).EnsureSuccessStatusCode();
        (await benno.Get<AskedOfMe[]>("/api/results/looks")).ShouldContain(a => a.DemonstrationId == first.Id);
        var hidden = (await benno.Get<ResultLine[]>("/api/results")).Single(r => r.Id == first.Id);
        (hidden.Percent, hidden.Decision).ShouldBe(((double?)null, (Decision?)null));
        (await benno.Ask($"/api/results/{first.Id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await benno.Get<DemonstrationView>($"/api/demonstrations/{first.Id}")).Events.ShouldBeEmpty();
        (await Visitor.Read<Released>(await lead.Post("/api/results/release", new Release([first.Id]))))
            .Not.ShouldHaveSingleItem()
            .Says.ShouldContain("still open");

        var second = await LookAgain(benno, first);
        (await Grade(benno, second, 3, c => c.Topic == Topic.Stillness ? 0 : null)).EnsureSuccessStatusCode();
        var view = await Case(benno, first.Id);
        view.InDispute.ShouldBeTrue();
        var line = view.Compared!.Lines.Single(l => l.Differs);
        view.May.ShouldContain(CaseEventKind.AgreementProposed);
        view.May.ShouldNotContain(CaseEventKind.ThirdMark);
        var marks = new[] { new StandingMark(line.Criterion, 1, "The brow lifted at 0:08.") };
        (await Refused(Act(lead, first.Id, new(CaseEventKind.ThirdMark, "I know.", Marks: marks, Acts: [])))).ShouldContain("own dispute");
        (await Act(benno, first.Id, new(CaseEventKind.AgreementProposed, "We both saw it.", Marks: marks))).EnsureSuccessStatusCode();
        var proposal = (await Case(lead, first.Id)).Proposed!;
        (await Act(lead, first.Id, new(CaseEventKind.Agreed, "Yes, at 0:08.", Of: proposal.Id))).EnsureSuccessStatusCode();
        var result = await lead.Get<ResultView>($"/api/results/{first.Id}");
        result.Result.Score.Criteria.Single(c => c.Criterion.Id == line.Criterion).Mark.ShouldBe(1);

        (await Visitor.Read<Released>(await lead.Post("/api/results/release", new Release([first.Id])))).Count.ShouldBe(1);
        (await ilse.Get<ResultLine[]>("/api/results")).Single(r => r.Id == first.Id).Percent.ShouldBe(result.Result.Score.Percent);
        // Withdrawn with a reason, which the trainee reads; the result itself they do not.
        (await Refused(Act(lead, first.Id, new(CaseEventKind.Withdrawn, "  ")))).ShouldContain("reason");
        (await Act(lead, first.Id, new(CaseEventKind.Withdrawn, "The film of another day was marked."))).EnsureSuccessStatusCode();
        var told = (await ilse.Get<ResultLine[]>("/api/results")).Single(r => r.Id == first.Id);
        (told.Withdrawn, told.Percent).ShouldBe(("The film of another day was marked.", (double?)null));
        (await ilse.Ask($"/api/results/{first.Id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await Case(ilse, first.Id))
            .Story.Select(s => s.Kind)
            .ShouldBe([CaseEventKind.Decided, CaseEventKind.Released, CaseEventKind.Withdrawn]);
    }

    [Fact]
    public async Task An_appeal_is_decided_by_an_invited_colleague_who_sees_that_case_alone_until_the_invitation_ends()
    {
        using var lead = await demo.As("maren");
        using var ilse = await demo.As("ilse");
        var first = await demo.Opened(lead);
        (await Grade(lead, first, 3, c => c.Topic == Topic.Stillness ? 1 : null)).EnsureSuccessStatusCode();
        var appeal = new CaseAct(CaseEventKind.AppealLodged, "My brow was quiet the whole time.", Ground: AppealGround.Marking);
        (await Act(ilse, first.Id, appeal)).StatusCode.ShouldBe(HttpStatusCode.NotFound, "not released yet");
        (await lead.Post("/api/results/release", new Release([first.Id]))).EnsureSuccessStatusCode();
        (await Refused(Act(lead, first.Id, appeal))).ShouldContain("Only the trainee");
        (await Refused(Act(ilse, first.Id, appeal with { Reason = null }))).ShouldContain("own words");
        (await Act(ilse, first.Id, appeal)).EnsureSuccessStatusCode();
        var lodged = (await Case(lead, first.Id)).Appeal!;
        var outcome = new CaseAct(
            CaseEventKind.AppealDecided,
            "The film shows a quiet brow.",
            Of: lodged.Id,
            Outcome: AppealOutcome.Changed,
            Marks:
            [
                .. first
                    .Sheet.Criteria.Where(c => c.Topic == Topic.Stillness && c.Measure is null)
                    .Select(c => new StandingMark(c.Id, 3, "Quiet throughout.")),
            ]
        );
        (await Refused(Act(lead, first.Id, outcome))).ShouldContain("invite a colleague");

        var invited = await Visitor.Read<Invitation>(
            await lead.Post($"/api/results/{first.Id}/invitations", new InvitationGiven(PersonId.New(), "Odile Brantwick", false))
        );
        using var guest = await demo.House.Visit().SignIn(invited.Login, invited.Password);
        (await guest.Get<ResultView>($"/api/results/{first.Id}")).Trainee.ShouldBe("Ilse Marrowby");
        var others = (await lead.Get<ResultLine[]>("/api/results")).Where(r => r.Id != first.Id).ToList();
        foreach (
            var path in others.SelectMany(r =>
                new[] { $"results/{r.Id}", $"results/{r.Id}/case", $"demonstrations/{r.Id}", $"demonstrations/{r.Id}/marks.vtt" }
            )
        )
            (await guest.Ask($"/api/{path}")).StatusCode.ShouldBe(HttpStatusCode.NotFound, path);
        foreach (
            var path in new[] { "people", "demonstrations", "examinations", "programmes", "screenings", "techniques", "results", "lessons" }
        )
            (await guest.Ask($"/api/{path}")).StatusCode.ShouldBe(HttpStatusCode.Forbidden, path);
        (
            await guest.Put($"/api/demonstrations/{Guid.NewGuid()}", new DemonstrationOpen(first.StationId, first.TraineeId))
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await Act(guest, first.Id, outcome)).EnsureSuccessStatusCode();
        var after = await Case(ilse, first.Id);
        (after.Appeal!.Outcome, after.Appeal.Answer).ShouldBe((AppealOutcome.Changed, "The film shows a quiet brow."));
        (await ilse.Get<ResultView>($"/api/results/{first.Id}")).Result.Score.Percent.ShouldBeGreaterThan(99);
        (await Refused(Act(ilse, first.Id, appeal))).ShouldContain("once");

        await demo.House.Database.Execute(
            $"UPDATE people.person SET ends_at = now() - interval '1 minute' WHERE login = '{invited.Login}'"
        );
        await Task.Delay(Wexis.Server.People.HeldSessions.Trusted);
        (await guest.Ask($"/api/results/{first.Id}")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        using var late = demo.House.Visit();
        (await late.TrySignIn(invited.Login, invited.Password)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task An_invited_colleague_looks_again_blind_on_their_own_sheet_alone()
    {
        using var lead = await demo.As("maren");
        var first = await demo.Opened(lead);
        (await Grade(lead, first, 3)).EnsureSuccessStatusCode();
        var invited = await Visitor.Read<Invitation>(
            await lead.Post($"/api/results/{first.Id}/invitations", new InvitationGiven(PersonId.New(), "Odile Brantwick", true))
        );
        using var guest = await demo.House.Visit().SignIn(invited.Login, invited.Password);
        (await guest.Ask($"/api/results/{first.Id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await Case(guest, first.Id)).Compared.ShouldBeNull();
        var second = await LookAgain(guest, first);
        (await Grade(guest, second, 3)).EnsureSuccessStatusCode();
        var view = await Case(guest, first.Id);
        (view.Compared is not null, view.InDispute).ShouldBe((true, false));
        view.Story.ShouldContain(s => s.Text.Contains("invited Odile Brantwick"));

        // Ended before its day: out at once, and what was given stays.
        var line = (await lead.Get<InvitedLine[]>("/api/people/invited")).Single(i => i.Login == invited.Login);
        (line.Result, line.Name).ShouldBe((first.Id, "Odile Brantwick"));
        using var benno = await demo.As("benno");
        (await benno.Delete($"/api/people/invited/{line.Id}")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (await lead.Delete($"/api/people/invited/{benno.PersonId}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await lead.Delete($"/api/people/invited/{line.Id}")).EnsureSuccessStatusCode();
        (await guest.Ask($"/api/results/{first.Id}")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        (await lead.Get<InvitedLine[]>("/api/people/invited")).ShouldNotContain(i => i.Id == line.Id);
        (await Case(lead, first.Id)).Looks.ShouldHaveSingleItem().Given.ShouldNotBeNull();
    }

    [Fact]
    public async Task A_sheet_that_comes_back_as_a_file_is_the_second_look_and_one_of_another_case_is_refused()
    {
        using var lead = await demo.As("maren");
        var (first, other) = (await demo.Opened(lead), await demo.Opened(lead));
        foreach (var d in new[] { first, other })
            (await Grade(lead, d, 3)).EnsureSuccessStatusCode();
        async Task<string> Filled(DemonstrationId id)
        {
            var blank = await (await lead.Ask($"/api/results/{id}/sheet.csv")).Content.ReadAsStringAsync();
            blank.ShouldNotContain(",3,seen");
            return string.Join(
                "\r\n",
                blank
                    .TrimEnd()
                    .Split("\r\n")
                    .Select(
                        (l, i) => i == 0 ? l : $"{l[..^1]}{(l.Contains(",count-") ? "6" : l.Contains("must not happen") ? "no" : "3")},"
                    )
            );
        }
        var returned = new SheetReturned(DemonstrationId.New(), "Odile Brantwick", await Filled(other.Id));
        (await Refused(lead.Post($"/api/results/{first.Id}/returned", returned))).ShouldContain("another case");
        (
            await Refused(lead.Post($"/api/results/{first.Id}/returned", returned with { Text = await Filled(first.Id), Name = "" }))
        ).ShouldContain("who filled it in");
        (await Case(lead, first.Id)).Looks.ShouldBeEmpty();
        for (var i = 0; i < 2; i++)
            (
                await lead.Post($"/api/results/{first.Id}/returned", returned with { Text = await Filled(first.Id) })
            ).EnsureSuccessStatusCode();
        var view = await Case(lead, first.Id);
        view.Looks.ShouldHaveSingleItem().How.ShouldBe(LookHow.File);
        view.Compared!.SecondDecision.ShouldBe(Decision.Pass);
    }

    [Fact]
    public async Task A_correction_has_a_reason_and_what_was_decided_first_stays_on_record()
    {
        using var lead = await demo.As("maren");
        var first = await demo.Opened(lead);
        (await Grade(lead, first, 3)).EnsureSuccessStatusCode();
        var c = first.Sheet.Criteria.First(x => x.Kind == CriterionKind.Graded);
        var correction = new CaseAct(CaseEventKind.Corrected, null, Marks: [new(c.Id, 0, "Stamped on the wrong line.")]);
        (await Refused(Act(lead, first.Id, correction))).ShouldContain("reason");
        (await Refused(Act(lead, first.Id, correction with { Reason = "A slip.", Marks = [new("nothing", 1, "x")] }))).ShouldContain(
            "not on this sheet"
        );
        (await Act(lead, first.Id, correction with { Reason = "A slip of the finger." })).EnsureSuccessStatusCode();
        var story = (await Case(lead, first.Id)).Story;
        story[0].Text.ShouldContain("passed, 100.0 %");
        story[^1].Text.ShouldContain("corrected the result");
        (await lead.Get<ResultView>($"/api/results/{first.Id}")).Result.Score.Percent.ShouldBeLessThan(100);
        var twice = ActId.New();
        foreach (var _ in new[] { 1, 2 })
            (await lead.Put($"/api/results/{first.Id}/case/{twice}", new CaseAct(CaseEventKind.Released))).EnsureSuccessStatusCode();
        (await Case(lead, first.Id)).Story.Count(s => s.Kind == CaseEventKind.Released).ShouldBe(1);
    }

    [Fact]
    public async Task In_a_studio_of_one_the_own_film_is_marked_again_after_days_and_not_before()
    {
        using var lead = await demo.As("maren");
        var first = await demo.Opened(lead);
        var again = new DemonstrationOpen(null, first.TraineeId, SecondOf: first.Id);
        (await Grade(lead, first, 3)).EnsureSuccessStatusCode();
        (await Refused(lead.Put($"/api/demonstrations/{Guid.NewGuid()}", again))).ShouldContain("single marks are forgotten");
        var from = (await Case(lead, first.Id)).OwnFilmFrom!.Value;
        demo.House.Wait(from - DateTimeOffset.UtcNow - TimeSpan.FromMinutes(5));
        using var same = await demo.As("maren");
        (await Refused(same.Put($"/api/demonstrations/{Guid.NewGuid()}", again))).ShouldContain("single marks are forgotten");
        demo.House.Wait(TimeSpan.FromMinutes(6));
        var second = await LookAgain(same, first);
        (second.SecondOf, second.Attempt, second.Events.Count).ShouldBe((first.Id, first.Attempt, 0));
        // Blind for the own marks too, until the second sheet is given.
        (await same.Get<DemonstrationView>($"/api/demonstrations/{first.Id}")).Events.ShouldBeEmpty();
        (await same.Ask($"/api/results/{first.Id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await Grade(same, second, 3, c => c.Topic == Topic.Stillness ? 0 : null)).EnsureSuccessStatusCode();
        var view = await Case(same, first.Id);
        (view.InDispute, view.Looks.Single().How, view.May.Contains(CaseEventKind.ThirdMark)).ShouldBe((true, LookHow.OwnFilm, false));
    }

    [Fact]
    public async Task Of_many_who_act_on_one_result_in_the_same_moment_one_is_quicker_and_the_others_are_told()
    {
        using var lead = await demo.As("maren");
        using var benno = await demo.As("benno");
        var first = await demo.Opened(lead);
        (await Grade(lead, first, 3)).EnsureSuccessStatusCode();
        var second = await LookAgain(benno, first);
        (await Grade(benno, second, 3, c => c.Topic == Topic.Stillness ? 0 : null)).EnsureSuccessStatusCode();
        var line = (await Case(lead, first.Id)).Compared!.Lines.Single(l => l.Differs).Criterion;
        CaseAct Proposal(double mark) => new(CaseEventKind.AgreementProposed, "Seen so.", Marks: [new(line, mark, "Seen so.")]);

        // Both propose at once; then both say yes to what they read, each once more than once.
        var proposed = await Task.WhenAll(Enumerable.Range(0, 8).Select(i => Act(i % 2 == 0 ? lead : benno, first.Id, Proposal(i % 4))));
        proposed.ShouldContain(a => a.IsSuccessStatusCode);
        foreach (var late in proposed.Where(a => !a.IsSuccessStatusCode))
            late.StatusCode.ShouldBe(HttpStatusCode.Conflict);
        var read = (await Case(lead, first.Id)).Proposed!;
        var who = read.By == "Benno Fairweld" ? lead : benno;
        var agreed = await Task.WhenAll(
            Enumerable.Range(0, 6).Select(_ => Act(who, first.Id, new(CaseEventKind.Agreed, "Yes.", Of: read.Id)))
        );
        agreed.Count(a => a.IsSuccessStatusCode).ShouldBe(1);
        (await Case(lead, first.Id)).InDispute.ShouldBeFalse();
        await Task.WhenAll(
            Enumerable.Range(0, 8).Select(i => (i % 2 == 0 ? lead : benno).Post("/api/results/release", new Release([first.Id])))
        );
        var story = (await Case(lead, first.Id)).Story;
        (story.Count(s => s.Kind == CaseEventKind.Agreed), story.Count(s => s.Kind == CaseEventKind.Released)).ShouldBe((1, 1));
    }
}
