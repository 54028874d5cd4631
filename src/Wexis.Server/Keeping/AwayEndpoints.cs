using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Data;
using Wexis.Data.Keeping;
using Wexis.Data.People;
using Wexis.Server.People;
using Wexis.Server.Shell;

namespace Wexis.Server.Keeping;

/// <summary>How something stands, and what rests on it.</summary>
/// <param name="State">Null while it is here.</param>
/// <param name="MayDelete">Nothing that must be kept rests on it.</param>
public sealed record AwayView(
    [property: WordOf<KeptKind>] string Kind,
    Guid Id,
    string Name,
    [property: OneOf(AwayStore.Archived, AwayStore.Deleted)] string? State,
    IReadOnlyList<Rest> Rests,
    bool MayDelete
);

/// <param name="Seen">How it stood when this was decided; null: here.</param>
/// <param name="State">Null brings it back.</param>
public sealed record AwayChange(
    [property: OneOf(AwayStore.Archived, AwayStore.Deleted)] string? Seen,
    [property: OneOf(AwayStore.Archived, AwayStore.Deleted)] string? State
);

/// <summary>Archive, delete, bring back: techniques, programmes, examinations, stations, people, all in one way.</summary>
public static class AwayEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/away").WithTags("Keeping").RequireAuthorization(Policies.Lead);
        group.MapGet("", List).WithName("listAway");
        group.MapGet("/{kind}/{id:guid}", Get).WithName("getAway");
        group.MapPut("/{kind}/{id:guid}", Put).WithName("putAway");
    }

    private static async Task<Ok<IReadOnlyList<Kept>>> List(AwayStore away, CancellationToken ct) => TypedResults.Ok(await away.All(ct));

    private static async Task<Results<Ok<AwayView>, NotFound>> Get(string kind, Guid id, AwayStore away, CancellationToken ct) =>
        await View(kind, id, away, ct) is { } view ? TypedResults.Ok(view) : TypedResults.NotFound();

    private static async Task<Results<Ok<AwayView>, NotFound, ValidationProblem, Conflict<ProblemDetails>>> Put(
        string kind,
        Guid id,
        AwayChange given,
        ClaimsPrincipal user,
        AwayStore away,
        PersonStore people,
        HeldSessions sessions,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (given.State is not (null or AwayStore.Archived or AwayStore.Deleted))
            return Problems.Of(
                "state",
                $"state: “{given.State}” is not known here. Known: {AwayStore.Archived}, {AwayStore.Deleted}, or nothing to bring it back.",
                "Nothing was changed."
            );
        if (await View(kind, id, away, ct) is not { } view)
            return TypedResults.NotFound();
        if (given.State is not null && kind == "person" && await Needed(id, user, people, ct) is { } why)
            return Problems.Of("state", why, "Nothing was changed.");
        if (given.State == AwayStore.Deleted && !view.MayDelete)
            return TypedResults.Conflict(
                new ProblemDetails
                {
                    Status = 409,
                    Title = $"“{view.Name}” is kept: something rests on it.",
                    Detail = "Archive it: then it is out of the way, and everything that rests on it stays.",
                }
            );
        var outcome = await away.Put(kind, id, given.Seen, given.State, user.PersonId(), clock.GetUtcNow(), ct);
        if (outcome == SaveOutcome.Stale)
            return Problems.Stale(kind);
        if (kind == "person")
            sessions.Forget();
        return await View(kind, id, away, ct) is { } now ? TypedResults.Ok(now) : TypedResults.NotFound();
    }

    /// <summary>Why somebody has to stay; null when they may go.</summary>
    private static async Task<string?> Needed(Guid id, ClaimsPrincipal user, PersonStore people, CancellationToken ct)
    {
        if (id == user.PersonId().Value)
            return "You are signed in with this account. Somebody else has to close it.";
        var leads = (await people.All(ct)).Where(p => p is { Active: true, Role: Roles.Lead }).ToList();
        return leads.Count == 1 && leads[0].PersonId.Value == id ? "This is the only lead trainer of your studio." : null;
    }

    private static async Task<AwayView?> View(string kind, Guid id, AwayStore away, CancellationToken ct)
    {
        if (!AwayStore.Kinds.Contains(kind, StringComparer.Ordinal) || await away.ById(kind, id, ct) is not { } kept)
            return null;
        var rests = await away.RestsOn(kind, id, ct);
        return new(kind, id, kept.Name, kept.State, rests, rests.All(r => !r.Holds));
    }
}
