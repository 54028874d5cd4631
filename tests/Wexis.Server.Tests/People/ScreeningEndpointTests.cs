using System.Net;
using Wexis.Core.People;
using Wexis.Server.People;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.People;

/// <summary>Health data: with consent, for few eyes, as a file, and erased.</summary>
public class ScreeningEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static DateOnly Today => DateOnly.FromDateTime(DateTime.Now);

    private static async Task<ScreeningDraft> Draft(
        Visitor lead,
        PersonId? about = null,
        string? name = "Odile Farrant",
        Consent? consent = null,
        params PersonId[] seenBy
    )
    {
        var asked = (await lead.Get<Questionnaire>("/api/screenings/questions")).Questions.Select(q => q.Id).ToList();
        return new(
            about,
            name,
            new(asked, new(["ci-rosacea"], [new("ci-filler", Today.AddDays(-3))], [])),
            consent ?? new(true, "to choose techniques", Today),
            seenBy
        );
    }

    private async Task<ScreeningId> Kept(Visitor lead, ScreeningDraft draft)
    {
        var id = ScreeningId.New();
        var answer = await lead.Put($"/api/screenings/{id}", draft);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK, await answer.Content.ReadAsStringAsync());
        return id;
    }

    [Fact]
    public async Task What_was_answered_decides_technique_by_technique()
    {
        using var lead = await demo.As("maren");
        var view = await lead.Get<ScreeningView>($"/api/screenings/{await Kept(lead, await Draft(lead))}");
        view.Today.Standing.ShouldBe(AnswersHold.Good);
        view.Today.GoodUntil.ShouldBe(Today.AddDays(90));
        view.Today.Techniques.ShouldContain(t => t.Answer == TechniqueAnswer.Avoided && t.FreeFrom == Today.AddDays(-3 + 29));
        view.Today.Techniques.ShouldNotContain(t => t.Answer == TechniqueAnswer.NotAsked);
        view.Today.ClinicianFirst.ShouldContain("clinician");
    }

    [Fact]
    public async Task Without_a_yes_nothing_is_kept()
    {
        using var lead = await demo.As("maren");
        var id = ScreeningId.New();
        (
            await Visitor.Refusal(await lead.Put($"/api/screenings/{id}", await Draft(lead, consent: new(false, "x", Today))))
        ).Keys.ShouldContain("consent.given");
        (await lead.Ask($"/api/screenings/{id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        await Should.ThrowAsync<Npgsql.PostgresException>(() =>
            demo.House.Database.Execute(
                "INSERT INTO people.screening SELECT gen_random_uuid(), "
                    + "NULL, 'x', '{}', '{\"given\": false}', person_id, now(), '{}' FROM people.person LIMIT 1"
            )
        );
    }

    [Fact]
    public async Task Only_the_person_who_took_it_and_those_they_named_see_it()
    {
        using var lead = await demo.As("maren");
        using var assessor = await demo.As("benno");
        using var ilse = await demo.As("ilse");
        using var tobin = await demo.As("tobin");
        var alone = await Kept(lead, await Draft(lead, ilse.PersonId));
        (await ilse.Ask($"/api/screenings/{alone}")).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await assessor.Ask($"/api/screenings/{alone}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await tobin.Ask($"/api/screenings/{alone}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await tobin.Delete($"/api/screenings/{alone}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await assessor.Get<ScreeningLine[]>("/api/screenings")).ShouldNotContain(l => l.Id == alone);

        var shared = await Kept(lead, await Draft(lead, seenBy: assessor.PersonId));
        (await assessor.Get<ScreeningView>($"/api/screenings/{shared}")).SeenBy.ShouldHaveSingleItem();
        using var byBenno = await demo.As("benno");
        var his = await Kept(byBenno, await Draft(byBenno));
        (await lead.Ask($"/api/screenings/{his}")).StatusCode.ShouldBe(HttpStatusCode.NotFound, "leading the house opens nobody's answers");
    }

    [Fact]
    public async Task The_person_erases_their_own_and_it_is_gone_for_everyone()
    {
        using var lead = await demo.As("maren");
        using var ilse = await demo.As("ilse");
        var draft = await Draft(lead, ilse.PersonId);
        var id = await Kept(lead, draft);
        (await ilse.Delete($"/api/screenings/{id}")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await lead.Ask($"/api/screenings/{id}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await lead.Put($"/api/screenings/{id}", draft)).StatusCode.ShouldBe(
            HttpStatusCode.BadRequest,
            "what was erased does not come back by sending it again"
        );
    }

    [Fact]
    public async Task Sent_twice_it_is_one_and_it_never_changes()
    {
        using var lead = await demo.As("maren");
        var draft = await Draft(lead);
        var id = await Kept(lead, draft);
        (await lead.Put($"/api/screenings/{id}", draft)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await lead.Get<ScreeningLine[]>("/api/screenings")).Count(l => l.Id == id).ShouldBe(1);
        (
            await Should.ThrowAsync<Npgsql.PostgresException>(() =>
                demo.House.Database.Execute($"UPDATE people.screening SET about_name = 'x' WHERE screening_id = '{id}'")
            )
        ).ConstraintName.ShouldBe("screening_is_final");
    }

    [Fact]
    public async Task A_slip_is_refused_with_its_field()
    {
        using var lead = await demo.As("maren");
        var draft = await Draft(lead);
        var wrong = draft with
        {
            AboutName = " ",
            SeenBy = [PersonId.New()],
            Answers = draft.Answers! with { Note = new(["nonsense"], [new("ci-filler", null)], []) },
        };
        (await Visitor.Refusal(await lead.Put($"/api/screenings/{Guid.CreateVersion7()}", wrong))).Keys.ShouldBe(
            ["about_name", "seen_by", "note.conditions[0]", "note.procedures[0].date"],
            ignoreOrder: true
        );
    }

    [Fact]
    public async Task Trainees_do_not_take_screenings()
    {
        using var lead = await demo.As("maren");
        using var ilse = await demo.As("ilse");
        (await ilse.Put($"/api/screenings/{Guid.CreateVersion7()}", await Draft(lead))).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }
}
