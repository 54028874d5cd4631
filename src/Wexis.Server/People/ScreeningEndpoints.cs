using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques.Documents;
using Wexis.Data.People;
using Wexis.Data.Techniques;
using Wexis.Server.Settings;
using Wexis.Server.Shell;
using Wexis.Server.Techniques;

namespace Wexis.Server.People;

/// <param name="AboutPerson">The person of the house it is about; null for somebody without an account.</param>
public sealed record ScreeningDraft(
    PersonId? AboutPerson,
    string? AboutName,
    ScreeningAnswers? Answers,
    Consent? Consent,
    IReadOnlyList<PersonId>? SeenBy
);

public sealed record ScreeningLine(
    ScreeningId Id,
    string About,
    DateOnly AnsweredOn,
    DateOnly GoodUntil,
    AnswersHold Standing,
    string TakenBy
);

/// <summary>A screening and what it means today, technique by technique.</summary>
public sealed record ScreeningView(
    string Schema,
    ScreeningId Id,
    PersonId? AboutPerson,
    string About,
    DateOnly AnsweredOn,
    string TakenBy,
    IReadOnlyList<string> SeenBy,
    Consent Consent,
    ScreeningAnswers Answers,
    ScreeningStanding Today
)
{
    public const string CurrentSchema = "wexis.screening/1";
}

/// <summary>Health data: a person's own, whoever took it, and those the person named; for everyone else it does not exist.</summary>
public static class ScreeningEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/screenings").WithTags("People");
        group.MapGet("/questions", Questions).RequireAuthorization(Policies.Staff).WithName("getScreeningQuestions");
        group.MapGet("", List).WithName("listScreenings");
        group.MapGet("/{id:guid}", Get).WithName("getScreening");
        group.MapPut("/{id:guid}", Keep).RequireAuthorization(Policies.Staff).WithName("keepScreening");
        group.MapDelete("/{id:guid}", Erase).WithName("eraseScreening");
    }

    /// <summary>The questions that the complete techniques of the house call for, or those given.</summary>
    private static async Task<Ok<Questionnaire>> Questions(
        TechniqueId[]? technique,
        EditionStore editions,
        TechniqueDesk desk,
        CancellationToken ct
    )
    {
        var hand = await AtHand(editions, desk, ct);
        return TypedResults.Ok(
            Questionnaire.Of(
                [
                    .. hand.Where(t => technique is not { Length: > 0 } || technique.Contains(TechniqueId.Parse(t.Id, null)))
                        .Select(t => t.Exclusions),
                ],
                desk.Atlas
            )
        );
    }

    private static async Task<Ok<IReadOnlyList<ScreeningLine>>> List(
        ClaimsPrincipal user,
        ScreeningStore screenings,
        HouseDesk house,
        CancellationToken ct
    ) =>
        TypedResults.Ok<IReadOnlyList<ScreeningLine>>([
            .. (await screenings.VisibleTo(user.PersonId(), ct)).Select(s =>
            {
                var answered = house.DayOf(s.TakenAt);
                var until = answered.AddDays(house.Settings.ScreeningDays);
                return new ScreeningLine(
                    s.Id,
                    s.AboutName,
                    answered,
                    until,
                    house.Today > until ? AnswersHold.Expired : AnswersHold.Good,
                    s.TakenByName
                );
            }),
        ]);

    private static async Task<Results<Ok<ScreeningView>, NotFound>> Get(
        ScreeningId id,
        ClaimsPrincipal user,
        ScreeningStore screenings,
        PersonStore people,
        EditionStore editions,
        TechniqueDesk desk,
        HouseDesk house,
        CancellationToken ct
    )
    {
        if (await screenings.ById(id, user.PersonId(), ct) is not { } s)
            return TypedResults.NotFound();
        var names = (await people.All(ct)).ToDictionary(p => p.PersonId, p => p.Name);
        return TypedResults.Ok(
            new ScreeningView(
                ScreeningView.CurrentSchema,
                s.Id,
                s.AboutPerson,
                s.AboutName,
                house.DayOf(s.TakenAt),
                s.TakenByName,
                [.. s.SeenBy.Select(p => names.GetValueOrDefault(p, "someone who left"))],
                s.Consent,
                s.Answers,
                ScreeningStanding.Of(
                    s.Answers,
                    house.DayOf(s.TakenAt),
                    house.Today,
                    await AtHand(editions, desk, ct),
                    desk.Atlas,
                    desk.Settings
                )
            )
        );
    }

    private static async Task<Results<Ok<ScreeningLine>, ValidationProblem>> Keep(
        ScreeningId id,
        ScreeningDraft draft,
        ClaimsPrincipal user,
        ScreeningStore screenings,
        PersonStore people,
        TechniqueDesk desk,
        HouseDesk house,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        const string Refused = "This screening cannot be kept like this. Nothing was kept.";
        var today = house.Today;
        var all = (await people.All(ct)).Where(p => p.Active).ToList();
        var about = draft.AboutPerson is { } person ? all.FirstOrDefault(p => p.PersonId == person) : null;
        var name = about?.Name ?? draft.AboutName?.Trim();
        List<Issue> issues =
        [
            .. new[]
            {
                draft.AboutPerson is not null && about is null
                    ? new Issue("about_person", IssueCodes.Unknown, $"{draft.AboutPerson}", "someone in your studio")
                    : null,
                Check.Given(name, "about_name", "who it is about"),
                Check.NoLongerThan(name, 120, "about_name"),
                (draft.SeenBy ?? []).Any(r => all.All(p => p.PersonId != r || p.Role == Roles.Trainee))
                    ? new("seen_by", IssueCodes.Unknown, "someone", "trainers and assessors of your studio")
                    : null,
            }.OfType<Issue>(),
            .. (draft.Consent ?? new(null, null, null)).Issues(today, "consent"),
            .. (draft.Answers ?? new(null, null)).Issues(today, desk.Atlas),
        ];
        if (issues.Count > 0)
            return Problems.Of(issues, Refused);
        var stored = new StoredScreening(
            id,
            about?.PersonId,
            name!,
            draft.Answers!,
            draft.Consent!,
            user.PersonId(),
            "",
            clock.GetUtcNow(),
            [.. (draft.SeenBy ?? []).Distinct()]
        );
        // The same id again is the same screening sent twice, if it is there for the sender's eyes.
        if (!await screenings.Add(stored, ct) && await screenings.ById(id, user.PersonId(), ct) is null)
            return Problems.Of("id", "id: this screening was erased, or is another one. Ask again: that makes a new one.", Refused);
        return TypedResults.Ok(
            new ScreeningLine(
                id,
                name!,
                today,
                today.AddDays(desk.Settings.ScreeningDays),
                AnswersHold.Good,
                all.Single(p => p.PersonId == user.PersonId()).Name
            )
        );
    }

    private static async Task<Results<NoContent, NotFound>> Erase(
        ScreeningId id,
        ClaimsPrincipal user,
        ScreeningStore screenings,
        TimeProvider clock,
        CancellationToken ct
    ) => await screenings.Erase(id, user.PersonId(), clock.GetUtcNow(), ct) ? TypedResults.NoContent() : TypedResults.NotFound();

    private static async Task<IReadOnlyList<TechniqueAtHand>> AtHand(EditionStore editions, TechniqueDesk desk, CancellationToken ct) =>
        [
            .. (await editions.Lines(ct))
                .Where(l => l.Standing.Teachable())
                .Select(l => new TechniqueAtHand(
                    $"{l.TechniqueId}",
                    l.Name,
                    l.Brief.Touch,
                    ExclusionRules.Exclusions(l.Brief.Classes, desk.Atlas)
                )),
        ];
}
