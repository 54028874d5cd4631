using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;
using Wexis.Data;
using Wexis.Data.Results;
using Wexis.Server.Shell;

namespace Wexis.Server.Results;

/// <summary>Something that is done to a result; its id is made where it is done, so that the same sent twice happens once.</summary>
/// <param name="Kind">look-asked, agreement-proposed, agreed, third-mark, corrected, released, withdrawn, appeal-lodged or
/// appeal-decided.</param>
/// <param name="Of">The proposal that is agreed to, or the appeal that is decided.</param>
public sealed record CaseAct(
    CaseEventKind Kind,
    string? Reason = null,
    LookHow? How = null,
    PersonId? Assessor = null,
    ActId? Of = null,
    IReadOnlyList<StandingMark>? Marks = null,
    IReadOnlyList<string>? Acts = null,
    AppealGround? Ground = null,
    AppealOutcome? Outcome = null
);

/// <param name="Given">Null while it is open.</param>
public sealed record LookLineView(ActId Id, LookHow How, string? Assessor, DateTimeOffset AskedAt, DateTimeOffset? Given);

public sealed record AppealView(
    ActId Id,
    AppealGround Ground,
    string Words,
    DateTimeOffset At,
    AppealOutcome? Outcome,
    string? Answer,
    DateTimeOffset? DecidedAt
);

/// <param name="By">Who proposes.</param>
public sealed record ProposalView(ActId Id, string By, string Reason, IReadOnlyList<StandingMark> Marks, IReadOnlyList<string>? Acts);

/// <summary>What happened to a result, and what the reader may do with it.</summary>
/// <param name="Compared">First sheet against second; only for those who grade, and never before their own sheet is given.</param>
/// <param name="LookOwed">Why somebody has to look again; null where nobody has to.</param>
/// <param name="NotReleasable">What keeps it from being released; null where nothing does.</param>
/// <param name="OwnFilmFrom">From when its assessor may mark their own film again.</param>
/// <param name="May">What the reader may do.</param>
public sealed record CaseView(
    DemonstrationId Id,
    string First,
    IReadOnlyList<StoryLine> Story,
    IReadOnlyList<LookLineView> Looks,
    SecondLook? Compared,
    bool InDispute,
    ProposalView? Proposed,
    AppealView? Appeal,
    DateTimeOffset? AppealUntil,
    DateTimeOffset? OwnFilmFrom,
    string? LookOwed,
    string? NotReleasable,
    IReadOnlyList<CaseEventKind> May
);

/// <summary>What is done with a result after it was decided.</summary>
public static class CaseEndpoints
{
    private static readonly CaseEventKind[] Acts =
    [
        CaseEventKind.LookAsked,
        CaseEventKind.AgreementProposed,
        CaseEventKind.Agreed,
        CaseEventKind.ThirdMark,
        CaseEventKind.Corrected,
        CaseEventKind.Released,
        CaseEventKind.Withdrawn,
        CaseEventKind.AppealLodged,
        CaseEventKind.AppealDecided,
    ];

    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/results").WithTags("Results");
        group.MapGet("/{id:guid}/case", Get).RequireAuthorization(Policies.Case).WithName("getCase");
        group.MapPut("/{id:guid}/case/{act:guid}", Act).RequireAuthorization(Policies.Case).WithName("actOnCase");
        group.MapGet("/looks", Looks).RequireAuthorization(Policies.Marks).WithName("listAskedLooks");
    }

    private static async Task<Ok<IReadOnlyList<AskedOfMe>>> Looks(ClaimsPrincipal user, CaseStore cases, CancellationToken ct) =>
        TypedResults.Ok(await cases.AskedOf(user.PersonId(), ct));

    private static async Task<Results<Ok<CaseView>, NotFound>> Get(
        DemonstrationId id,
        ClaimsPrincipal user,
        CaseDesk desk,
        CancellationToken ct
    )
    {
        var by = await desk.Actor(user, id, ct);
        return await desk.Open(id, ct) is { } open && Sees(open, by)
            ? TypedResults.Ok(await View(open, by, desk, ct))
            : TypedResults.NotFound();
    }

    /// <summary>A trainee sees what happened to a result of theirs once it was released, and when it was withdrawn.</summary>
    private static bool Sees(OpenCase open, CaseActor by) =>
        by.Grades || by.Invited || (by.Id == open.Case.Trainee && open.Case.Events.Any(e => e.Kind == CaseEventKind.Released));

    private static async Task<Results<Ok<CaseView>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Act(
        DemonstrationId id,
        ActId act,
        CaseAct given,
        ClaimsPrincipal user,
        CaseDesk desk,
        CancellationToken ct
    )
    {
        const string title = "Nothing was changed.";
        var by = await desk.Actor(user, id, ct);
        if (await desk.Open(id, ct) is not { } open || !Sees(open, by))
            return TypedResults.NotFound();
        if (!Acts.Contains(given.Kind))
            return Problems.Of("kind", "kind: this is not done by hand.", title);
        if (await desk.IsBlind(by.Id, id, ct))
            return Problems.Of("kind", "You were asked to look at this again. Submit your own sheet first.", title);
        if (given.Kind == CaseEventKind.LookAsked && await NotToBeAsked(id, given, desk, ct) is { } who)
            return Problems.Of("assessor", who, title);
        var e = new CaseEvent(
            act,
            given.Kind,
            desk.Now,
            by.Id,
            given.Reason?.Trim(),
            given.How,
            given.Assessor,
            null,
            given.Of,
            given.Marks,
            given.Acts,
            given.Ground,
            given.Outcome
        );
        var outcome = await desk.Act(open, e, by, ct);
        return outcome switch
        {
            { Refusal: { } refusal } => Problems.Of(refusal.Path, refusal.Says, title),
            { Outcome: SaveOutcome.Saved } when await desk.Open(id, ct) is { } after => TypedResults.Ok(await View(after, by, desk, ct)),
            { Outcome: SaveOutcome.Stale } => Problems.Stale("result"),
            _ => TypedResults.NotFound(),
        };
    }

    /// <summary>
    /// Why somebody cannot be asked by hand: a colleague from outside is invited, and whoever is asked has to be able to grade.
    /// </summary>
    private static async Task<string?> NotToBeAsked(DemonstrationId id, CaseAct given, CaseDesk desk, CancellationToken ct) =>
        given.How is LookHow.Invited or LookHow.File ? "assessor: invite the colleague, or take in the sheet that came back."
        : given.Assessor is { } asked && !(await desk.ActorOf(asked, id, ct)).Grades
            ? "assessor: choose somebody who grades in your studio."
        : null;

    private static async Task<CaseView> View(OpenCase open, CaseActor by, CaseDesk desk, CancellationToken ct)
    {
        var c = open.Case;
        var staff = by.Grades || by.Invited;
        var blind = await desk.IsBlind(by.Id, open.Stored.DemonstrationId, ct);
        var name = await desk.Names(ct);
        var events = blind
            ? c.Events.Where(e => e.Kind == CaseEventKind.LookAsked)
            : c.Events.Where(e => staff || CaseStory.IsTold(e.Kind));
        return new(
            open.Stored.DemonstrationId,
            name(c.First),
            CaseStory.Of([.. events], name),
            staff
                ?
                [
                    .. c.Looks.Select(l => new LookLineView(
                        l.Asked.Id,
                        l.Asked.How ?? LookHow.Assessor,
                        l.Asked.Assessor is { } a ? name(a) : null,
                        l.Asked.At,
                        l.Given?.At
                    )),
                ]
                : [],
            staff && !blind ? c.Compared : null,
            staff && !blind && c.InDispute,
            staff && !blind && c.Proposed is { } p ? new(p.Id, name(p.By), p.Reason ?? "", p.Marks ?? [], p.Acts) : null,
            blind || c.Appeal is not { } appeal
                ? null
                : new(
                    appeal.Lodged.Id,
                    appeal.Lodged.Ground ?? AppealGround.Marking,
                    appeal.Lodged.Reason ?? "",
                    appeal.Lodged.At,
                    appeal.Decided?.Outcome,
                    appeal.Decided?.Reason,
                    appeal.Decided?.At
                ),
            CaseRules.AppealUntil(c, desk.Settings),
            by.Id == c.First && c.Events.Any(e => e.Kind == CaseEventKind.Decided) ? CaseRules.OwnFilmFrom(c, desk.Settings) : null,
            staff && !blind ? c.LookOwed(desk.Settings) : null,
            staff && !blind ? c.NotReleasable(desk.Settings) : null,
            blind ? [] : CaseRules.Allowed(c, by, open.Sheet, desk.Settings, desk.Now)
        );
    }
}
