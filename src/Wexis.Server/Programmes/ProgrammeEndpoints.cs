using System.Security.Claims;
using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Programmes;
using Wexis.Data;
using Wexis.Data.Programmes;
using Wexis.Server.Shell;

namespace Wexis.Server.Programmes;

public sealed record ProgrammeLine(ProgrammeId Id, string Name, int Gaps);

/// <param name="Edition">Counts up where the one before runs with a cohort.</param>
public sealed record ProgrammeView(ProgrammeId Id, int Edition, int Version, ProgrammeDocument Document, ProgrammeReview Review);

public sealed record ProgrammeSave(int Version, ProgrammeDocument Document);

public sealed record ProgrammeAdd(ProgrammeId Id, ProgrammeDocument Document);

/// <param name="Id">Names this import: sent again after a lost answer it is one.</param>
/// <param name="Text">A file as wexis.programme/1.</param>
public sealed record ProgrammeImport(ProgrammeId Id, string? Text);

/// <param name="Id">Of this search; chosen by whoever asks, so that the same asked twice is one.</param>
/// <param name="Near">Keep as near to the programme's own plan as can be.</param>
public sealed record PlanOrder(PlanId Id, ProgrammeDocument Document, bool Near);

public static class ProgrammeEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/programmes").WithTags("Programmes").RequireAuthorization(Policies.Staff);
        group.MapGet("", List).WithName("listProgrammes");
        group.MapPost("", Add).RequireAuthorization(Policies.Lead).WithName("addProgramme");
        group.MapPost("/import", Import).RequireAuthorization(Policies.Lead).WithName("importProgramme");
        group.MapPost("/review", Review).WithName("reviewProgramme");
        group.MapPost("/sequence", Sequence).WithName("readSequence");
        group.MapPost("/lesson-plans", LessonPlans).WithName("planLessons");
        group.MapPost("/plans", Plan).RequireAuthorization(Policies.Lead).WithName("planSequence");
        group.MapGet("/plans/{id:guid}", Planned).WithName("getSequencePlan");
        group.MapPost("/plans/{id:guid}/stop", Stop).RequireAuthorization(Policies.Lead).WithName("stopSequencePlan");
        group.MapGet("/{id:guid}", Get).WithName("getProgramme");
        group.MapGet("/{id:guid}/file", File).WithName("getProgrammeFile");
        group.MapPut("/{id:guid}", Save).RequireAuthorization(Policies.Lead).WithName("saveProgramme");
    }

    private static async Task<Ok<IReadOnlyList<ProgrammeLine>>> List(ProgrammeStore programmes, CancellationToken ct) =>
        TypedResults.Ok<IReadOnlyList<ProgrammeLine>>([
            .. (await programmes.All(ct)).Select(p => new ProgrammeLine(p.ProgrammeId, p.Name, p.Gaps)),
        ]);

    private static async Task<Results<Ok<ProgrammeView>, NotFound>> Get(
        ProgrammeId id,
        ProgrammeStore programmes,
        ProgrammeDesk desk,
        CancellationToken ct
    ) =>
        await programmes.ById(id, ct) is { } p
            ? TypedResults.Ok(new ProgrammeView(id, p.Edition, p.Version, p.Body, await desk.Review(p.Body, ct)))
            : TypedResults.NotFound();

    /// <summary>
    /// A file comes in whole, or with every slip at its field and nothing of it. Its routines are another house's: they stay behind.
    /// </summary>
    private static async Task<Results<Ok<ProgrammeView>, ValidationProblem, Conflict<ProblemDetails>>> Import(
        ProgrammeImport given,
        ClaimsPrincipal user,
        ProgrammeStore programmes,
        ProgrammeDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        var file = ProgrammeFile.Read(given.Text ?? "");
        if (file.Document is not { } read)
            return Problems.Of(file.Issues, "Nothing was imported.");
        var document = read with
        {
            Schema = ProgrammeDocument.CurrentSchema,
            Units = [.. read.AllUnits.Select(u => u is null ? u! : u with { Routines = null })],
        };
        if (desk.Issues(document) is { Count: > 0 } issues)
            return Problems.Of(issues, "Nothing was imported.");
        var review = await desk.Review(document, ct);
        return await programmes.Add(given.Id, document, review.Gaps, user.PersonId(), clock.GetUtcNow(), ct) == AddOutcome.Added
            ? TypedResults.Ok(new ProgrammeView(given.Id, 1, 1, document, review))
            : Problems.Stale("programme");
    }

    /// <summary>The programme as an open file.</summary>
    private static async Task<Results<FileContentHttpResult, NotFound>> File(
        ProgrammeId id,
        ProgrammeStore programmes,
        CancellationToken ct
    ) =>
        await programmes.ById(id, ct) is { } p
            ? TypedResults.File(Encoding.UTF8.GetBytes(ProgrammeFile.Write(p.Body)), "application/json", "programme.json")
            : TypedResults.NotFound();

    private static async Task<Results<Ok<ProgrammeReview>, ValidationProblem>> Review(
        ProgrammeDocument document,
        ProgrammeDesk desk,
        CancellationToken ct
    ) =>
        desk.Issues(document) is { Count: > 0 } issues
            ? Problems.Of(issues, "The programme cannot be read like this.")
            : TypedResults.Ok(await desk.Review(document, ct));

    private static async Task<Results<Ok<ProgrammeView>, ValidationProblem, Conflict<ProblemDetails>>> Add(
        ProgrammeAdd given,
        ClaimsPrincipal user,
        ProgrammeStore programmes,
        ProgrammeDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (desk.Issues(given.Document) is { Count: > 0 } issues)
            return Problems.Of(issues, "The programme cannot be saved like this.");
        var review = await desk.Review(given.Document, ct);
        return await programmes.Add(given.Id, given.Document, review.Gaps, user.PersonId(), clock.GetUtcNow(), ct) == AddOutcome.Added
            ? TypedResults.Ok(new ProgrammeView(given.Id, 1, 1, given.Document, review))
            : Problems.Stale("programme");
    }

    private static async Task<Results<Ok<ProgrammeView>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Save(
        ProgrammeId id,
        ProgrammeSave given,
        ClaimsPrincipal user,
        ProgrammeStore programmes,
        ProgrammeDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (desk.Issues(given.Document) is { Count: > 0 } issues)
            return Problems.Of(issues, "The programme cannot be saved like this. Your changes are kept here.");
        var review = await desk.Review(given.Document, ct);
        var saved = await programmes.Save(id, given.Version, given.Document, review.Gaps, user.PersonId(), clock.GetUtcNow(), ct);
        return saved.Outcome switch
        {
            SaveOutcome.Saved => TypedResults.Ok(
                new ProgrammeView(id, (await programmes.ById(id, ct))?.Edition ?? 1, saved.Version, given.Document, review)
            ),
            SaveOutcome.Stale => Problems.Stale("programme"),
            _ => TypedResults.NotFound(),
        };
    }

    private static async Task<Results<Ok<SequenceReading>, ValidationProblem>> Sequence(
        ProgrammeDocument document,
        ProgrammeDesk desk,
        CancellationToken ct
    ) =>
        desk.Issues(document) is { Count: > 0 } issues
            ? Problems.Of(issues, "The programme cannot be read like this.")
            : TypedResults.Ok(await desk.Sequence(document, ct));

    private static async Task<Results<Ok<IReadOnlyList<LessonPlan>>, ValidationProblem>> LessonPlans(
        ProgrammeDocument document,
        ProgrammeDesk desk,
        CancellationToken ct
    ) =>
        desk.Issues(document) is { Count: > 0 } issues
            ? Problems.Of(issues, "The programme cannot be read like this.")
            : TypedResults.Ok(await desk.Lessons(document, ct));

    private static async Task<Results<Ok<PlanRun>, ValidationProblem>> Plan(
        PlanOrder given,
        PlanDesk plans,
        ProgrammeDesk desk,
        CancellationToken ct
    )
    {
        const string title = "The sequence cannot be planned like this.";
        if (desk.Issues(given.Document) is { Count: > 0 } issues)
            return Problems.Of(issues, title);
        if (given.Document.AllSessions.Count == 0)
            return Problems.Of("sessions", "sessions: nothing is given. Needed: the days on which the group meets.", title);
        if (given.Document.AllUnits.Count == 0)
            return Problems.Of("units", "units: nothing is given. Needed: what is taught.", title);
        var problem = await desk.Problem(given.Document, ct);
        return TypedResults.Ok(plans.Begin(given.Id, problem, given.Near ? SequenceReading.Placed(given.Document, problem) : null));
    }

    private static Results<Ok<PlanRun>, NotFound> Planned(PlanId id, PlanDesk plans) =>
        plans.Look(id) is { } run ? TypedResults.Ok(run) : TypedResults.NotFound();

    private static Results<Ok<PlanRun>, NotFound> Stop(PlanId id, PlanDesk plans) =>
        plans.Stop(id) is { } run ? TypedResults.Ok(run) : TypedResults.NotFound();
}
