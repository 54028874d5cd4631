using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.People;
using Wexis.Core.Programmes;
using Wexis.Data;
using Wexis.Data.People;
using Wexis.Data.Programmes;
using Wexis.Data.Techniques;
using Wexis.Server.Shell;

namespace Wexis.Server.Programmes;

/// <summary>A cohort: who is in it, and from which edition of programme, techniques and routines it is taught.</summary>
/// <param name="ProgrammeEdition">The edition of the programme that it runs on.</param>
/// <param name="ProgrammeOffered">The edition that the programme is at.</param>
public sealed record CohortView(
    CohortId Id,
    ProgrammeId ProgrammeId,
    string Programme,
    string Name,
    DateTimeOffset OpenedAt,
    string OpenedBy,
    IReadOnlyList<CohortMember> Members,
    IReadOnlyList<CohortTechnique> Techniques,
    IReadOnlyList<CohortRoutine> Routines,
    int ProgrammeEdition,
    int ProgrammeOffered
);

public sealed record CohortOpen(CohortId Id, CohortDraft Cohort);

/// <param name="Codes">Techniques for which the offered edition is taken from now on.</param>
/// <param name="Routines">Routines for which the newest edition is taken.</param>
/// <param name="Programme">It runs on the programme as it is now from now on.</param>
public sealed record CohortTake(IReadOnlyList<string>? Codes, IReadOnlyList<RoutineId>? Routines = null, bool Programme = false);

public static class CohortEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("").WithTags("Cohorts").RequireAuthorization(Policies.Staff);
        api.MapGet("/lessons", Taught).WithTags("Cohorts").WithName("getLessons");
        group.MapGet("/programmes/{id:guid}/cohorts", List).WithName("listCohorts");
        group.MapPost("/programmes/{id:guid}/cohorts", Open).RequireAuthorization(Policies.Lead).WithName("openCohort");
        group.MapGet("/cohorts/{id:guid}", Get).WithName("getCohort");
        group.MapPut("/cohorts/{id:guid}/members", SetMembers).RequireAuthorization(Policies.Lead).WithName("setCohortMembers");
        group.MapPost("/cohorts/{id:guid}/editions", Take).RequireAuthorization(Policies.Lead).WithName("takeCohortEditions");
    }

    /// <summary>What the cohorts of whoever asks are taught, the cohort opened last first.</summary>
    private static async Task<Ok<IReadOnlyList<Lessons>>> Taught(
        ClaimsPrincipal user,
        CohortStore cohorts,
        ProgrammeStore programmes,
        ProgrammeDesk desk,
        CancellationToken ct
    )
    {
        var found = new List<Lessons>();
        foreach (var (cohort, taught) in await cohorts.LessonsOf(user.PersonId(), ct))
            if (await programmes.ById(cohort.ProgrammeId, ct) is not null)
                found.Add(
                    Lessons.Of(cohort.CohortId, cohort.Name, (await desk.WithRoutines(cohort.Programme, ct)).Whole, taught) with
                    {
                        Routines = [.. cohort.Routines.Select(r => new TaughtRoutine(r.RoutineId, r.Name, r.Edition))],
                    }
                );
        return TypedResults.Ok<IReadOnlyList<Lessons>>(found);
    }

    private static async Task<Results<Ok<IReadOnlyList<CohortView>>, NotFound>> List(
        ProgrammeId id,
        CohortStore cohorts,
        ProgrammeStore programmes,
        EditionStore editions,
        ProgrammeDesk desk,
        CancellationToken ct
    )
    {
        if (await programmes.ById(id, ct) is not { } programme)
            return TypedResults.NotFound();
        var stored = await cohorts.OfProgramme(id, ct);
        var context = await Context(programme, stored, cohorts, editions, desk, ct);
        return TypedResults.Ok<IReadOnlyList<CohortView>>([.. stored.Select(c => context.View(c))]);
    }

    private static async Task<Results<Ok<CohortView>, NotFound>> Get(
        CohortId id,
        CohortStore cohorts,
        ProgrammeStore programmes,
        EditionStore editions,
        ProgrammeDesk desk,
        CancellationToken ct
    ) => await View(id, cohorts, programmes, editions, desk, ct) is { } view ? TypedResults.Ok(view) : TypedResults.NotFound();

    private static async Task<Results<Ok<CohortView>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Open(
        ProgrammeId id,
        CohortOpen given,
        ClaimsPrincipal user,
        CohortStore cohorts,
        ProgrammeStore programmes,
        EditionStore editions,
        ProgrammeDesk desk,
        PersonStore people,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        const string title = "The cohort was not opened.";
        if (await programmes.ById(id, ct) is not { } programme)
            return TypedResults.NotFound();
        if (given.Cohort.Issues(await Trainees(people, ct)) is { Count: > 0 } issues)
            return Problems.Of(issues, title);
        var (whole, _) = await desk.WithRoutines(programme.Body, ct);
        var offered = await cohorts.Offered(whole.AllTechniques, ct);
        var opened = await cohorts.Open(
            given.Id,
            id,
            given.Cohort.Name!,
            [.. given.Cohort.Members ?? []],
            offered,
            await cohorts.OfferedRoutines(programme.Body, ct),
            user.PersonId(),
            clock.GetUtcNow(),
            ct
        );
        if (opened == AddOutcome.Clash)
            return Problems.Stale("cohort");
        if (opened == AddOutcome.Taken)
            return Problems.Of("name", $"name: this programme has a cohort “{given.Cohort.Name!.Trim()}” already. Choose another.", title);
        return await View(given.Id, cohorts, programmes, editions, desk, ct) is { } view ? TypedResults.Ok(view) : TypedResults.NotFound();
    }

    private static async Task<Results<Ok<CohortView>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> SetMembers(
        CohortId id,
        CohortDraft given,
        CohortStore cohorts,
        ProgrammeStore programmes,
        EditionStore editions,
        ProgrammeDesk desk,
        PersonStore people,
        CancellationToken ct
    )
    {
        if (await cohorts.ById(id, ct) is not { } cohort)
            return TypedResults.NotFound();
        if ((given with { Name = cohort.Name }).Issues(await Trainees(people, ct)) is { Count: > 0 } issues)
            return Problems.Of(issues, "The cohort was not changed.");
        if (!await cohorts.SetMembers(id, [.. given.Members ?? []], [.. given.Seen ?? []], ct))
            return Problems.Stale("cohort");
        return await View(id, cohorts, programmes, editions, desk, ct) is { } view ? TypedResults.Ok(view) : TypedResults.NotFound();
    }

    private static async Task<Results<Ok<CohortView>, ValidationProblem, NotFound>> Take(
        CohortId id,
        CohortTake given,
        ClaimsPrincipal user,
        CohortStore cohorts,
        ProgrammeStore programmes,
        EditionStore editions,
        ProgrammeDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (await cohorts.ById(id, ct) is not { } cohort)
            return TypedResults.NotFound();
        var offered = (await cohorts.Offered([.. given.Codes ?? []], ct)).ToDictionary(o => o.Code, StringComparer.Ordinal);
        var wrong = (given.Codes ?? []).Select((code, i) => (code, i)).Where(x => !offered.ContainsKey(x.code)).ToList();
        var routines = (await cohorts.OfferedRoutines(cohort.Programme, ct))
            .Where(r => (given.Routines ?? []).Contains(r.RoutineId))
            .ToList();
        var nothing = given.Codes is not { Count: > 0 } && routines.Count == 0 && !given.Programme;
        if (wrong.Count > 0 || nothing)
            return Problems.Of(
                wrong.Count > 0 ? $"codes[{wrong[0].i}]" : "codes",
                wrong.Count > 0
                    ? $"codes[{wrong[0].i}]: no edition of “{wrong[0].code}” may be taught."
                    : "codes: nothing is given. Expected the techniques to move on.",
                "Nothing was taken."
            );
        if (given.Programme)
            await cohorts.RunOnNewest(id, clock.GetUtcNow(), ct);
        var taught = cohort.Routines.Select(r => (r.RoutineId, r.Edition)).ToHashSet();
        await cohorts.TakeRoutines(
            id,
            [.. routines.Where(r => !taught.Contains((r.RoutineId, r.Edition)))],
            user.PersonId(),
            clock.GetUtcNow(),
            ct
        );
        var same = cohort.Taught.Select(t => (t.Code, t.Edition)).ToHashSet();
        await cohorts.Take(id, [.. offered.Values.Where(o => !same.Contains((o.Code, o.Edition)))], user.PersonId(), clock.GetUtcNow(), ct);
        return await View(id, cohorts, programmes, editions, desk, ct) is { } view ? TypedResults.Ok(view) : TypedResults.NotFound();
    }

    private static async Task<IReadOnlySet<PersonId>> Trainees(PersonStore people, CancellationToken ct) =>
        (await people.All(ct)).Where(p => p is { Active: true, Role: Roles.Trainee }).Select(p => p.PersonId).ToHashSet();

    private static async Task<CohortView?> View(
        CohortId id,
        CohortStore cohorts,
        ProgrammeStore programmes,
        EditionStore editions,
        ProgrammeDesk desk,
        CancellationToken ct
    ) =>
        await cohorts.ById(id, ct) is { } cohort && await programmes.ById(cohort.ProgrammeId, ct) is { } programme
            ? (await Context(programme, [cohort], cohorts, editions, desk, ct)).View(cohort)
            : null;

    private sealed record Reading(
        StoredProgramme Programme,
        IReadOnlyDictionary<CohortId, ProgrammeDocument> Whole,
        IReadOnlyDictionary<string, TeachingEdition> Offered,
        IReadOnlyList<TeachingRoutine> OfferedRoutines,
        IReadOnlyDictionary<string, string> Names
    )
    {
        public CohortView View(StoredCohort c) =>
            new(
                c.CohortId,
                c.ProgrammeId,
                Programme.Name,
                c.Name,
                c.OpenedAt,
                c.OpenedBy,
                c.Members,
                CohortReview.Of(Whole[c.CohortId], c.Taught.ToDictionary(t => t.Code, StringComparer.Ordinal), Offered, Names),
                CohortRoutines.Of(c.Programme, c.Routines, OfferedRoutines, c.Taught),
                c.ProgrammeEdition,
                Programme.Edition
            );
    }

    private static async Task<Reading> Context(
        StoredProgramme programme,
        IReadOnlyList<StoredCohort> stored,
        CohortStore cohorts,
        EditionStore editions,
        ProgrammeDesk desk,
        CancellationToken ct
    )
    {
        var whole = new Dictionary<CohortId, ProgrammeDocument>();
        var routines = new List<TeachingRoutine>();
        foreach (var cohort in stored)
        {
            whole[cohort.CohortId] = (await desk.WithRoutines(cohort.Programme, ct)).Whole;
            routines.AddRange(await cohorts.OfferedRoutines(cohort.Programme, ct));
        }
        var codes = whole
            .Values.SelectMany(p => p.AllTechniques)
            .Concat(stored.SelectMany(c => c.Taught.Select(t => t.Code)))
            .Distinct(StringComparer.Ordinal)
            .ToList();
        return new(
            programme,
            whole,
            (await cohorts.Offered(codes, ct)).ToDictionary(o => o.Code, StringComparer.Ordinal),
            [.. routines.DistinctBy(r => r.RoutineId)],
            await editions.NamesOf(codes, ct)
        );
    }
}
