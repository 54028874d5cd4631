using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Results;
using Wexis.Data.Results;
using Wexis.Server.Shell;

namespace Wexis.Server.Results;

/// <param name="Practise">What to practise until the next time; empty in results of before.</param>
/// <param name="Next">What comes next, in a sentence.</param>
public sealed record ResultLine(
    Guid Id,
    DemonstrationOrigin Origin,
    string TechniqueName,
    string Trainee,
    string Assessor,
    int Attempt,
    double Percent,
    Decision Decision,
    string Headline,
    DateTimeOffset DecidedAt,
    DateTimeOffset? ReleasedAt,
    IReadOnlyList<string> Practise,
    string? Next
);

public sealed record ResultView(
    Guid Id,
    DemonstrationOrigin Origin,
    string TechniqueName,
    string? Examination,
    string Trainee,
    string Assessor,
    int Attempt,
    DateTimeOffset DecidedAt,
    DateTimeOffset? ReleasedAt,
    string? ReleasedBy,
    DemonstrationResult Result
);

public sealed record Release(IReadOnlyList<Guid> Results);

public sealed record Released(int Count);

public static class ResultEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/results").WithTags("Results");
        group.MapGet("", List).WithName("listResults");
        group.MapGet("/{id:guid}", Get).WithName("getResult");
        group.MapPost("/release", ReleaseThem).RequireAuthorization(Policies.Lead).WithName("releaseResults");
    }

    /// <summary>A trainee sees their own, once released; nothing of anyone else's.</summary>
    private static Guid? OnlyOf(ClaimsPrincipal user) =>
        user.IsInRole(Roles.Lead) || user.IsInRole(Roles.Assessor) ? null : user.PersonId();

    private static async Task<Ok<IReadOnlyList<ResultLine>>> List(ClaimsPrincipal user, ResultStore results, CancellationToken ct) =>
        TypedResults.Ok<IReadOnlyList<ResultLine>>([
            .. (await results.Visible(OnlyOf(user), ct)).Select(r => new ResultLine(
                r.DemonstrationId,
                r.Origin,
                r.TechniqueName,
                r.Trainee,
                r.Assessor,
                r.Attempt,
                r.Percent,
                r.Decision,
                r.Body.Headline,
                r.DecidedAt,
                r.ReleasedAt,
                [.. (r.Body.Told?.Change ?? []).Select(c => c.Practise).Distinct()],
                r.Body.Told?.Next
            )),
        ]);

    private static async Task<Results<Ok<ResultView>, NotFound>> Get(
        Guid id,
        ClaimsPrincipal user,
        ResultStore results,
        CancellationToken ct
    ) =>
        await results.ById(id, OnlyOf(user), ct) is { } r
            ? TypedResults.Ok(
                new ResultView(
                    id,
                    r.Origin,
                    r.TechniqueName,
                    r.Examination,
                    r.Trainee,
                    r.Assessor,
                    r.Attempt,
                    r.DecidedAt,
                    r.ReleasedAt,
                    r.ReleasedBy,
                    r.Body
                )
            )
            : TypedResults.NotFound();

    private static async Task<Ok<Released>> ReleaseThem(
        Release given,
        ClaimsPrincipal user,
        ResultStore results,
        TimeProvider clock,
        CancellationToken ct
    ) => TypedResults.Ok(new Released(await results.Release([.. given.Results ?? []], user.PersonId(), clock.GetUtcNow(), ct)));
}
