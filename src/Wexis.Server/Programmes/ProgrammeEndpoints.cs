using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Programmes;
using Wexis.Data;
using Wexis.Data.Programmes;
using Wexis.Data.Techniques;
using Wexis.Server.Shell;
using Wexis.Server.Techniques;

namespace Wexis.Server.Programmes;

public sealed record ProgrammeLine(Guid Id, string Name, int Gaps);

public sealed record ProgrammeView(Guid Id, int Version, ProgrammeDocument Document, ProgrammeReview Review);

public sealed record ProgrammeSave(int Version, ProgrammeDocument Document);

public sealed record ProgrammeAdd(Guid Id, ProgrammeDocument Document);

public static class ProgrammeEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/programmes").WithTags("Programmes").RequireAuthorization(Policies.Staff);
        group.MapGet("", List).WithName("listProgrammes");
        group.MapPost("", Add).RequireAuthorization(Policies.Lead).WithName("addProgramme");
        group.MapPost("/review", Review).WithName("reviewProgramme");
        group.MapGet("/{id:guid}", Get).WithName("getProgramme");
        group.MapPut("/{id:guid}", Save).RequireAuthorization(Policies.Lead).WithName("saveProgramme");
    }

    private static async Task<Ok<IReadOnlyList<ProgrammeLine>>> List(ProgrammeStore programmes, CancellationToken ct) =>
        TypedResults.Ok<IReadOnlyList<ProgrammeLine>>([
            .. (await programmes.All(ct)).Select(p => new ProgrammeLine(p.ProgrammeId, p.Name, p.Gaps)),
        ]);

    private static async Task<Results<Ok<ProgrammeView>, NotFound>> Get(
        Guid id,
        ProgrammeStore programmes,
        EditionStore editions,
        TechniqueDesk desk,
        CancellationToken ct
    ) =>
        await programmes.ById(id, ct) is { } p
            ? TypedResults.Ok(new ProgrammeView(id, p.Version, p.Body, await ReviewOf(p.Body, editions, desk, ct)))
            : TypedResults.NotFound();

    private static async Task<Results<Ok<ProgrammeReview>, ValidationProblem>> Review(
        ProgrammeDocument document,
        EditionStore editions,
        TechniqueDesk desk,
        CancellationToken ct
    ) =>
        document.Issues(desk.Atlas) is { Count: > 0 } issues
            ? Problems.Of(issues, "The programme cannot be read like this.")
            : TypedResults.Ok(await ReviewOf(document, editions, desk, ct));

    private static async Task<Results<Ok<ProgrammeView>, ValidationProblem, Conflict<ProblemDetails>>> Add(
        ProgrammeAdd given,
        ClaimsPrincipal user,
        ProgrammeStore programmes,
        EditionStore editions,
        TechniqueDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (given.Document.Issues(desk.Atlas) is { Count: > 0 } issues)
            return Problems.Of(issues, "The programme cannot be saved like this.");
        var review = await ReviewOf(given.Document, editions, desk, ct);
        return await programmes.Add(given.Id, given.Document, review.Gaps, user.PersonId(), clock.GetUtcNow(), ct) == AddOutcome.Added
            ? TypedResults.Ok(new ProgrammeView(given.Id, 1, given.Document, review))
            : Problems.Stale("programme");
    }

    private static async Task<Results<Ok<ProgrammeView>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Save(
        Guid id,
        ProgrammeSave given,
        ClaimsPrincipal user,
        ProgrammeStore programmes,
        EditionStore editions,
        TechniqueDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (given.Document.Issues(desk.Atlas) is { Count: > 0 } issues)
            return Problems.Of(issues, "The programme cannot be saved like this. Your changes are kept here.");
        var review = await ReviewOf(given.Document, editions, desk, ct);
        var saved = await programmes.Save(id, given.Version, given.Document, review.Gaps, user.PersonId(), clock.GetUtcNow(), ct);
        return saved.Outcome switch
        {
            SaveOutcome.Saved => TypedResults.Ok(new ProgrammeView(id, saved.Version, given.Document, review)),
            SaveOutcome.Stale => Problems.Stale("programme"),
            _ => TypedResults.NotFound(),
        };
    }

    internal static async Task<ProgrammeReview> ReviewOf(
        ProgrammeDocument document,
        EditionStore editions,
        TechniqueDesk desk,
        CancellationToken ct
    )
    {
        var wanted = document.AllModules.SelectMany(m => m.AllTechniques).ToHashSet(StringComparer.Ordinal);
        return ProgrammeReview.Of(document, await desk.Taught(wanted, editions, ct), desk.Atlas, desk.Schools);
    }
}
