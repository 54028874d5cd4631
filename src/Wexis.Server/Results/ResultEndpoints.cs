using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Results;
using Wexis.Data;
using Wexis.Data.Grading;
using Wexis.Data.Results;
using Wexis.Server.Shell;

namespace Wexis.Server.Results;

/// <param name="Percent">Null while the reader has to look again themselves, and for a trainee where it was withdrawn.</param>
/// <param name="Decision">Likewise.</param>
/// <param name="Practise">What to practise until the next time; empty in results of before.</param>
/// <param name="Next">What comes next, in a sentence.</param>
/// <param name="Waits">What has to happen before it is released, in a sentence; null where nothing has to.</param>
/// <param name="Withdrawn">Why it was withdrawn; null where it was not.</param>
/// <param name="AppealOpen">The trainee appealed, and nobody has decided it.</param>
public sealed record ResultLine(
    DemonstrationId Id,
    DemonstrationOrigin Origin,
    string TechniqueName,
    PersonId TraineeId,
    string Trainee,
    string Assessor,
    int Attempt,
    double? Percent,
    Decision? Decision,
    string Headline,
    DateTimeOffset DecidedAt,
    DateTimeOffset? ReleasedAt,
    IReadOnlyList<string> Practise,
    string? Next,
    string? Waits,
    string? Withdrawn,
    bool AppealOpen
);

/// <param name="CriticalActs">What must not happen at this station.</param>
public sealed record ResultView(
    DemonstrationId Id,
    DemonstrationOrigin Origin,
    string TechniqueName,
    string? Examination,
    PersonId TraineeId,
    string Trainee,
    string Assessor,
    int Attempt,
    DateTimeOffset DecidedAt,
    DateTimeOffset? ReleasedAt,
    string? ReleasedBy,
    DemonstrationResult Result,
    IReadOnlyList<CriticalAct> CriticalActs
);

/// <summary>What a trainee would see on release.</summary>
/// <param name="Waits">What keeps it from being released; null where nothing does.</param>
public sealed record ReleasePreview(
    DemonstrationId Id,
    string Trainee,
    string TechniqueName,
    DateTimeOffset DecidedAt,
    string Headline,
    Decision Decision,
    IReadOnlyList<string> Feedback,
    TraineeFeedback? Told,
    ResitPlan? Resit,
    string? Waits
);

public sealed record Release(IReadOnlyList<DemonstrationId> Results);

/// <param name="Id">Of the result.</param>
public sealed record NotReleased(DemonstrationId Id, string Trainee, string Says);

public sealed record Released(int Count, IReadOnlyList<NotReleased> Not);

public static class ResultEndpoints
{
    private const string Hidden = "Hidden until you have looked again";

    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/results").WithTags("Results");
        group.MapGet("", List).WithName("listResults");
        group.MapGet("/{id:guid}", Get).RequireAuthorization(Policies.Case).WithName("getResult");
        group.MapGet("/waiting", Waiting).RequireAuthorization(Policies.Lead).WithName("previewRelease");
        group.MapPost("/release", ReleaseThem).RequireAuthorization(Policies.Lead).WithName("releaseResults");
    }

    /// <summary>A trainee sees their own, once released; nothing of anyone else's.</summary>
    private static PersonId? OnlyOf(ClaimsPrincipal user) =>
        user.IsInRole(Roles.Lead) || user.IsInRole(Roles.Assessor) ? null : user.PersonId();

    private static async Task<Ok<IReadOnlyList<ResultLine>>> List(
        ClaimsPrincipal user,
        ResultStore results,
        CaseStore cases,
        CaseDesk desk,
        CancellationToken ct
    )
    {
        var only = OnlyOf(user);
        var all = await results.Visible(only, ct);
        var events = await cases.EventsOf([.. all.Select(r => r.DemonstrationId)], ct);
        var blind = await desk.HiddenFrom(user.PersonId(), ct);
        return TypedResults.Ok<IReadOnlyList<ResultLine>>([
            .. all.Select(r => Line(r, [.. events[r.DemonstrationId]], blind.Contains(r.DemonstrationId), only is not null, desk.Settings)),
        ]);
    }

    private static ResultLine Line(StoredResult r, IReadOnlyList<CaseEvent> events, bool blind, bool forTrainee, HouseSettings settings)
    {
        var c = ResultCase.Of(r.TraineeId, r.AssessorId, r.Body, events);
        var withdrawn = c.Withdrawal?.Reason;
        var hidden = blind || (forTrainee && !c.IsReleased);
        return new(
            r.DemonstrationId,
            r.Origin,
            r.TechniqueName,
            r.TraineeId,
            r.Trainee,
            r.Assessor,
            r.Attempt,
            hidden ? null : r.Percent,
            hidden ? null : r.Decision,
            blind ? Hidden
                : hidden ? "Withdrawn: it is being looked at again"
                : r.Body.Headline,
            r.DecidedAt,
            r.ReleasedAt,
            hidden ? [] : [.. (r.Body.Told?.Change ?? []).Select(x => x.Practise).Distinct()],
            hidden ? null : r.Body.Told?.Next,
            hidden || forTrainee || c.IsReleased ? null : c.NotReleasable(settings),
            withdrawn,
            !blind && c.AppealIsOpen
        );
    }

    private static async Task<Results<Ok<ResultView>, NotFound>> Get(
        DemonstrationId id,
        ClaimsPrincipal user,
        ResultStore results,
        DemonstrationStore demonstrations,
        CaseDesk desk,
        CancellationToken ct
    )
    {
        var by = await desk.Actor(user, id, ct);
        // Who looks again sees nothing of the first sheet until their own is submitted.
        if (await desk.IsBlind(by.Id, id, ct) || await results.ById(id, by.Invited ? null : OnlyOf(user), ct) is not { } r)
            return TypedResults.NotFound();
        return TypedResults.Ok(
            new ResultView(
                id,
                r.Origin,
                r.TechniqueName,
                r.Examination,
                r.TraineeId,
                r.Trainee,
                r.Assessor,
                r.Attempt,
                r.DecidedAt,
                r.ReleasedAt,
                r.ReleasedBy,
                r.Body,
                (await demonstrations.SheetOf(id, ct))?.CriticalActs ?? []
            )
        );
    }

    private static async Task<Ok<IReadOnlyList<ReleasePreview>>> Waiting(
        ClaimsPrincipal user,
        ResultStore results,
        CaseStore cases,
        CaseDesk desk,
        CancellationToken ct
    )
    {
        var waiting = (await results.Visible(null, ct)).Where(r => r.ReleasedAt is null).ToList();
        var events = await cases.EventsOf([.. waiting.Select(r => r.DemonstrationId)], ct);
        var blind = await desk.HiddenFrom(user.PersonId(), ct);
        return TypedResults.Ok<IReadOnlyList<ReleasePreview>>([
            .. waiting
                .Where(r => !blind.Contains(r.DemonstrationId))
                .Select(r => new ReleasePreview(
                    r.DemonstrationId,
                    r.Trainee,
                    r.TechniqueName,
                    r.DecidedAt,
                    r.Body.Headline,
                    r.Decision,
                    r.Body.Feedback,
                    r.Body.Told,
                    r.Body.Resit,
                    ResultCase.Of(r.TraineeId, r.AssessorId, r.Body, [.. events[r.DemonstrationId]]).NotReleasable(desk.Settings)
                ))
                .OrderBy(p => p.Waits is not null)
                .ThenBy(p => p.Trainee, StringComparer.CurrentCulture),
        ]);
    }

    /// <summary>Releases what may be released; the rest stays, each with its reason.</summary>
    private static async Task<Ok<Released>> ReleaseThem(Release given, ClaimsPrincipal user, CaseDesk desk, CancellationToken ct)
    {
        var (count, not) = (0, new List<NotReleased>());
        var name = await desk.Names(ct);
        foreach (var id in (given.Results ?? []).Distinct())
        {
            if (await desk.Open(id, ct) is not { } open)
            {
                not.Add(new(id, "", "There is no such result."));
                continue;
            }
            var e = new CaseEvent(ActId.New(), CaseEventKind.Released, desk.Now, user.PersonId());
            var outcome = await desk.Act(open, e, await desk.Actor(user, id, ct), ct);
            if (outcome is { Refusal: null, Outcome: SaveOutcome.Saved })
                count++;
            else if (!open.Case.IsReleased)
                not.Add(
                    new(
                        id,
                        name(open.Case.Trainee),
                        outcome.Refusal?.Says ?? "Somebody changed it in this moment. Look again, then release it."
                    )
                );
        }
        return TypedResults.Ok(new Released(count, not));
    }
}
