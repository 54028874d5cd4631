using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;
using Wexis.Data.Techniques;
using Wexis.Server.Shell;

namespace Wexis.Server.Techniques;

/// <param name="ClaimsToAnswer">Contradicted claims of this edition that nobody answered.</param>
/// <param name="Since">How it differs from the edition before it; empty for the first.</param>
public sealed record EditionShown(
    int Edition,
    int Version,
    string Name,
    EditionStanding Standing,
    bool Frozen,
    DateTimeOffset ChangedAt,
    string ChangedBy,
    int ClaimsToAnswer,
    IReadOnlyList<Difference> Since
);

/// <summary>A technique in time: its editions, newest first, what was decided, and what depends on it.</summary>
public sealed record TechniqueHistory(
    IReadOnlyList<EditionShown> Editions,
    IReadOnlyList<EditionStep> Steps,
    IReadOnlyList<Dependent> Dependents
);

public sealed record EditionStepTaken(int Version, [property: WordOf<ReviewStep>] string? Step, string? Note);

public static class EditionEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/techniques/{id:guid}").WithTags("Techniques");
        group.MapGet("/history", History).RequireAuthorization(Policies.Staff).WithName("getTechniqueHistory");
        group.MapGet("/editions/{edition:int}", Get).RequireAuthorization(Policies.Staff).WithName("getEdition");
        group
            .MapGet("/editions/{edition:int}/since/{before:int}", Since)
            .RequireAuthorization(Policies.Staff)
            .WithName("getEditionDifference");
        group.MapPost("/editions/{edition:int}/steps", Take).RequireAuthorization(Policies.Lead).WithName("takeEditionStep");
    }

    private static async Task<Results<Ok<TechniqueHistory>, NotFound>> History(
        TechniqueId id,
        EditionStore editions,
        EditionHistoryStore history,
        TechniqueDesk desk,
        CancellationToken ct
    )
    {
        if (await editions.NewestOf(id, ct) is not { } newest)
            return TypedResults.NotFound();
        var all = (await history.EditionsOf(id, ct))
            .Select(e => (Edition: e, Derived: desk.DerivationOf(id, e.Edition, e.Version, e.Body)))
            .ToList();
        var shown = all.Select(
            (x, i) =>
                new EditionShown(
                    x.Edition.Edition,
                    x.Edition.Version,
                    x.Edition.Name,
                    x.Edition.Standing,
                    x.Edition.Frozen,
                    x.Edition.ChangedAt,
                    x.Edition.ChangedBy,
                    desk.Brief(x.Derived, x.Edition.Body).Contradicted,
                    i + 1 < all.Count
                        ? TechniqueDifference.Of(all[i + 1].Edition.Body, all[i + 1].Derived, x.Edition.Body, x.Derived, desk.Atlas)
                        : []
                )
        );
        return TypedResults.Ok(
            new TechniqueHistory([.. shown], await history.StepsOf(id, ct), await history.DependentsOf(id, newest.Code, ct))
        );
    }

    private static async Task<Results<Ok<TechniqueView>, NotFound>> Get(
        TechniqueId id,
        int edition,
        EditionStore editions,
        TechniqueDesk desk,
        CancellationToken ct
    ) =>
        await editions.ByNumber(id, edition, ct) is { } s
            ? TypedResults.Ok(
                new TechniqueView(
                    id,
                    s.Code,
                    s.Edition,
                    s.Version,
                    s.Standing,
                    s.Frozen,
                    s.ChangedBy,
                    s.ChangedAt,
                    s.Body,
                    desk.DerivationOf(s),
                    [],
                    []
                )
            )
            : TypedResults.NotFound();

    private static async Task<Results<Ok<IReadOnlyList<Difference>>, NotFound>> Since(
        TechniqueId id,
        int edition,
        int before,
        EditionStore editions,
        TechniqueDesk desk,
        CancellationToken ct
    ) =>
        await editions.ByNumber(id, edition, ct) is { } now && await editions.ByNumber(id, before, ct) is { } was
            ? TypedResults.Ok(TechniqueDifference.Of(was.Body, desk.DerivationOf(was), now.Body, desk.DerivationOf(now), desk.Atlas))
            : TypedResults.NotFound();

    private static async Task<Results<NoContent, NotFound, ValidationProblem, Conflict<ProblemDetails>>> Take(
        TechniqueId id,
        int edition,
        EditionStepTaken given,
        ClaimsPrincipal user,
        EditionStore editions,
        EditionHistoryStore history,
        TechniqueDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (await editions.ByNumber(id, edition, ct) is not { } stored)
            return TypedResults.NotFound();
        var derived = desk.DerivationOf(stored);
        if (
            EditionReview.Issues(stored.Standing, desk.Brief(derived, stored.Body).Contradicted, given.Step, given.Note) is
            { Count: > 0 } issues
        )
            return Problems.Of(issues, "This step cannot be taken.");
        var step = ClosedList.Of<ReviewStep>(given.Step)!.Value;
        var kept = step == ReviewStep.Approved ? new KeptDerivation(desk.RulesVersion, derived.Map, derived.Times) : null;
        return await history.Take(id, edition, given.Version, stored.Review, step, given.Note, kept, user.PersonId(), clock.GetUtcNow(), ct)
            ? TypedResults.NoContent()
            : Problems.Stale("edition");
    }
}
