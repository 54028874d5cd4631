using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Examinations;
using Wexis.Core.Measures;
using Wexis.Data;
using Wexis.Data.Examinations;
using Wexis.Data.Programmes;
using Wexis.Data.Techniques;
using Wexis.Server.Shell;

namespace Wexis.Server.Examinations;

public sealed record StationLine(
    StationId Id,
    int Place,
    DemonstrationKind Kind,
    TechniqueId? TechniqueId,
    RoutineId? RoutineId,
    string TechniqueName,
    int Edition,
    int Criteria,
    double PassLine,
    bool Used,
    bool Outdated
);

public sealed record ExaminationView(ExaminationId Id, string Name, ProgrammeId? ProgrammeId, IReadOnlyList<StationLine> Stations);

public sealed record ExaminationAdd(ExaminationId Id, string? Name, ProgrammeId? ProgrammeId);

/// <param name="TechniqueId">One technique; or several in a row, or a routine.</param>
/// <param name="Kind">On oneself where nothing is said.</param>
public sealed record StationAdd(
    StationId Id,
    TechniqueId? TechniqueId = null,
    DemonstrationKind? Kind = null,
    IReadOnlyList<TechniqueId>? TechniqueIds = null,
    RoutineId? RoutineId = null
);

/// <summary>What the trainer may adjust: the words and weight of each criterion, whether it is safety-critical, the pass line.</summary>
/// <param name="MinutesAllowed">Minutes that the station has; null keeps them.</param>
public sealed record SheetAdjust(
    int Revision,
    int Version,
    double PassLine,
    IReadOnlyList<CriterionAdjust> Criteria,
    double? MinutesAllowed = null
);

/// <param name="Text">Null or blank keeps the words.</param>
/// <param name="Anchors">What 0, 1, 2 and 3 look like, four of them; null keeps them.</param>
public sealed record CriterionAdjust(string Id, double Weight, bool SafetyCritical, string? Text, IReadOnlyList<string>? Anchors = null);

public sealed record StationView(
    StationId Id,
    ExaminationId ExaminationId,
    int Place,
    TechniqueId? TechniqueId,
    RoutineId? RoutineId,
    int Edition,
    int Revision,
    int Version,
    bool Used,
    MarkSheet Sheet
);

public static class ExaminationEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/examinations").WithTags("Examinations").RequireAuthorization(Policies.Staff);
        group.MapGet("", List).WithName("listExaminations");
        group.MapPost("", Add).RequireAuthorization(Policies.Lead).WithName("addExamination");
        group.MapPost("/{id:guid}/stations", AddStation).RequireAuthorization(Policies.Lead).WithName("addStation");
        group.MapGet("/stations/{station:guid}", Get).WithName("getStation");
        group.MapPut("/stations/{station:guid}/sheet", Adjust).RequireAuthorization(Policies.Lead).WithName("adjustSheet");
    }

    private static async Task<Ok<IReadOnlyList<ExaminationView>>> List(
        ExaminationStore examinations,
        EditionStore editions,
        CancellationToken ct
    )
    {
        var newest = (await editions.Lines(ct)).ToDictionary(l => l.TechniqueId);
        return TypedResults.Ok<IReadOnlyList<ExaminationView>>([
            .. (await examinations.All(ct)).Select(e => new ExaminationView(
                e.ExaminationId,
                e.Name,
                e.ProgrammeId,
                [
                    .. e.Stations.Select(s => new StationLine(
                        s.StationId,
                        s.Place,
                        s.Sheet.Kind,
                        s.TechniqueId,
                        s.RoutineId,
                        s.Sheet.TechniqueName,
                        s.Edition,
                        s.Sheet.Criteria.Count,
                        s.Sheet.PassLine,
                        s.Used,
                        s.TechniqueId is { } id && newest.TryGetValue(id, out var n) && n.Edition > s.Edition
                    )),
                ]
            )),
        ]);
    }

    private static async Task<Results<Ok<ExaminationView>, ValidationProblem, Conflict<ProblemDetails>>> Add(
        ExaminationAdd given,
        ClaimsPrincipal user,
        ExaminationStore examinations,
        ProgrammeStore programmes,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        List<Issue?> issues =
        [
            Check.Given(given.Name, "name", "what the examination is called"),
            Check.NoLongerThan(given.Name, 120, "name"),
        ];
        if (given.ProgrammeId is { } programme && await programmes.ById(programme, ct) is null)
            issues.Add(new("programme_id", IssueCodes.Unknown, $"{programme}", "a programme of your studio"));
        if (issues.OfType<Issue>().ToList() is { Count: > 0 } found)
            return Problems.Of(found, "The examination cannot be added like this.");
        var name = given.Name!.Trim();
        if (await examinations.Add(given.Id, name, given.ProgrammeId, user.PersonId(), clock.GetUtcNow(), ct) != AddOutcome.Added)
            return Problems.Stale("examination");
        return TypedResults.Ok(new ExaminationView(given.Id, name, given.ProgrammeId, []));
    }

    private static async Task<Results<Ok<StationView>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> AddStation(
        ExaminationId id,
        StationAdd given,
        ClaimsPrincipal user,
        ExaminationStore examinations,
        StationDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        var (draft, refusal) = await desk.Draft(given, ct);
        if (refusal is not null)
            return Problems.Of(refusal.Path, refusal.Says, "No station was added.");
        if (draft is null)
            return TypedResults.NotFound();
        return await examinations.AddStation(given.Id, id, draft.Subject, draft.Sheet, user.PersonId(), clock.GetUtcNow(), ct) switch
        {
            SaveOutcome.Saved => TypedResults.Ok(View((await examinations.Station(given.Id, ct))!)),
            SaveOutcome.Stale => Problems.Stale("technique or routine"),
            _ => TypedResults.NotFound(),
        };
    }

    private static async Task<Results<Ok<StationView>, NotFound>> Get(
        StationId station,
        ExaminationStore examinations,
        CancellationToken ct
    ) => await examinations.Station(station, ct) is { } s ? TypedResults.Ok(View(s)) : TypedResults.NotFound();

    private static async Task<Results<Ok<StationView>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Adjust(
        StationId station,
        SheetAdjust given,
        ClaimsPrincipal user,
        ExaminationStore examinations,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (await examinations.Station(station, ct) is not { } stored)
            return TypedResults.NotFound();
        var known = stored.Sheet.Criteria.Select(c => c.Id).ToHashSet(StringComparer.Ordinal);
        var criteria = given.Criteria ?? [];
        var unknown = criteria
            .Select(
                (c, i) =>
                    known.Contains(c.Id) ? null : new Issue($"criteria[{i}].id", IssueCodes.Unknown, c.Id, "a criterion of this sheet")
            )
            .OfType<Issue>()
            .ToList();
        if (unknown.Count > 0)
            return Problems.Of(unknown, "The sheet cannot be saved like this. Your changes are kept here.");
        var adjust = criteria.DistinctBy(c => c.Id).ToDictionary(c => c.Id, StringComparer.Ordinal);
        var sheet = stored.Sheet with
        {
            PassLine = given.PassLine,
            MinutesAllowed = given.MinutesAllowed ?? stored.Sheet.MinutesAllowed,
            Criteria =
            [
                .. stored.Sheet.Criteria.Select(c =>
                    adjust.TryGetValue(c.Id, out var a)
                        ? c with
                        {
                            Weight = a.Weight,
                            SafetyCritical = a.SafetyCritical,
                            Text = string.IsNullOrWhiteSpace(a.Text) ? c.Text : a.Text.Trim(),
                            Anchors = a.Anchors is null ? c.Anchors : [.. a.Anchors.Select(x => (x ?? "").Trim())],
                        }
                        : c
                ),
            ],
        };
        if (sheet.Issues() is { Count: > 0 } issues)
            return Problems.Of(issues, "The sheet cannot be saved like this. Your changes are kept here.");
        var saved = await examinations.SaveSheet(station, given.Revision, given.Version, sheet, user.PersonId(), clock.GetUtcNow(), ct);
        return saved.Outcome switch
        {
            SaveOutcome.Saved => TypedResults.Ok(View((await examinations.Station(station, ct))!)),
            SaveOutcome.Stale => Problems.Stale("mark sheet"),
            _ => TypedResults.NotFound(),
        };
    }

    private static StationView View(StoredStation s) =>
        new(s.StationId, s.ExaminationId, s.Place, s.TechniqueId, s.RoutineId, s.Edition, s.Revision, s.Version, s.Used, s.Sheet);
}
