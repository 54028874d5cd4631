using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Anatomy;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Results;
using Wexis.Core.Techniques.Words;
using Wexis.Data;
using Wexis.Data.Examinations;
using Wexis.Data.Grading;
using Wexis.Data.People;
using Wexis.Data.Results;
using Wexis.Server.Shell;

namespace Wexis.Server.Grading;

public sealed record DemonstrationLine(
    Guid Id,
    Guid StationId,
    string TechniqueName,
    Guid TraineeId,
    string Trainee,
    string Assessor,
    int Attempt,
    DateTimeOffset OpenedAt,
    DateTimeOffset? SubmittedAt,
    int Events
);

public sealed record DemonstrationOpen(Guid StationId, Guid TraineeId);

/// <param name="Cues">The sheet's cues in words for each viewer: an assessor faces the trainee.</param>
public sealed record DemonstrationView(
    Guid Id,
    Guid StationId,
    Guid TraineeId,
    string Trainee,
    string Assessor,
    bool Mine,
    int Attempt,
    DateTimeOffset? SubmittedAt,
    MarkSheet Sheet,
    IReadOnlyList<MarkEvent> Events,
    Score Score,
    IReadOnlyDictionary<string, IReadOnlyList<string>> Cues
);

public sealed record EventStored(Guid Id, Score Score);

public static class DemonstrationEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/demonstrations").WithTags("Grading").RequireAuthorization(Policies.Staff);
        group.MapGet("", List).WithName("listDemonstrations");
        group.MapPut("/{id:guid}", Open).WithName("openDemonstration");
        group.MapGet("/{id:guid}", Get).WithName("getDemonstration");
        group.MapPut("/{id:guid}/events/{eventId:guid}", PutEvent).WithName("putMarkEvent");
        group.MapPost("/{id:guid}/submit", Submit).WithName("submitDemonstration");
    }

    private static async Task<Ok<IReadOnlyList<DemonstrationLine>>> List(
        DemonstrationStore demonstrations,
        ExaminationStore examinations,
        CancellationToken ct
    )
    {
        var names = (await examinations.All(ct, away: true))
            .SelectMany(e => e.Stations)
            .ToDictionary(s => s.StationId, s => s.Sheet.TechniqueName);
        return TypedResults.Ok<IReadOnlyList<DemonstrationLine>>([
            .. (await demonstrations.All(ct)).Select(d => new DemonstrationLine(
                d.DemonstrationId,
                d.StationId,
                names.GetValueOrDefault(d.StationId, ""),
                d.TraineeId,
                d.Trainee,
                d.Assessor,
                d.Attempt,
                d.OpenedAt,
                d.SubmittedAt,
                d.Events
            )),
        ]);
    }

    private static async Task<Results<Ok<DemonstrationView>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Open(
        Guid id,
        DemonstrationOpen given,
        ClaimsPrincipal user,
        DemonstrationStore demonstrations,
        ExaminationStore examinations,
        PersonStore people,
        HouseSettings settings,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (await demonstrations.ById(id, ct) is null)
        {
            if (await examinations.Station(given.StationId, ct) is not { } station)
                return TypedResults.NotFound();
            if (station.Away)
                return Problems.Of(
                    "station_id",
                    "This station is archived. Bring it back before anybody is graded there.",
                    "No demonstration was opened."
                );
            if (await people.ById(given.TraineeId, ct) is not { Role: Roles.Trainee, Active: true })
                return Problems.Of(
                    "trainee_id",
                    "Only a trainee of your studio can be graded. Choose one from the list.",
                    "No demonstration was opened."
                );
            if (!await demonstrations.Open(id, given.StationId, station.Revision, given.TraineeId, user.PersonId(), clock.GetUtcNow(), ct))
                return TypedResults.Conflict(
                    new ProblemDetails
                    {
                        Status = 409,
                        Title = "This demonstration belongs to someone else.",
                        Detail = "Nothing was changed.",
                    }
                );
        }
        return await View(id, user, demonstrations, examinations, settings, ct) is { } view
            ? TypedResults.Ok(view)
            : TypedResults.NotFound();
    }

    private static async Task<Results<Ok<DemonstrationView>, NotFound>> Get(
        Guid id,
        ClaimsPrincipal user,
        DemonstrationStore demonstrations,
        ExaminationStore examinations,
        HouseSettings settings,
        CancellationToken ct
    ) => await View(id, user, demonstrations, examinations, settings, ct) is { } view ? TypedResults.Ok(view) : TypedResults.NotFound();

    /// <summary>New: stored. The same again: stored. The same id with other content, or after submitting: a conflict.</summary>
    private static async Task<Results<Ok<EventStored>, ValidationProblem, NotFound, ForbidHttpResult, Conflict<ProblemDetails>>> PutEvent(
        Guid id,
        Guid eventId,
        MarkEvent given,
        ClaimsPrincipal user,
        GradingDesk grading,
        DemonstrationStore demonstrations,
        HouseSettings settings,
        HouseMetrics metrics,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (await grading.Find(id, ct) is not { } open)
            return TypedResults.NotFound();
        if (open.AssessorId != user.PersonId())
            return TypedResults.Forbid();
        var mark = given with { Id = eventId };
        if (MarkRules.Issues(mark, open.Sheet) is { Count: > 0 } issues)
            return Problems.Of(issues, "This mark cannot be given.");
        var (outcome, marks) = await grading.Append(id, open, mark, user.PersonId(), clock.GetUtcNow(), ct);
        metrics.Mark(outcome);
        return outcome switch
        {
            AppendOutcome.Stored => TypedResults.Ok(new EventStored(eventId, Score.Of(SheetState.Of(marks), open.Sheet, settings))),
            AppendOutcome.Closed => TypedResults.Conflict(
                new ProblemDetails
                {
                    Status = 409,
                    Title = "This demonstration was submitted already.",
                    Detail = "The mark was not added. Open the result to see what was decided.",
                }
            ),
            AppendOutcome.NumberTaken => TypedResults.Conflict(
                new ProblemDetails
                {
                    Status = 409,
                    Title = "Another mark has this number.",
                    Detail = "It is sent again under the next one.",
                    Extensions = { ["next_counter"] = await demonstrations.NextCounter(id, mark.Device, ct) },
                }
            ),
            _ => TypedResults.Conflict(
                new ProblemDetails
                {
                    Status = 409,
                    Title = "Another mark has this id.",
                    Detail = "The mark was not added; those before it are safe. Reload and give it again.",
                }
            ),
        };
    }

    private static async Task<
        Results<Ok<DemonstrationResult>, ValidationProblem, NotFound, ForbidHttpResult, Conflict<ProblemDetails>>
    > Submit(
        Guid id,
        ClaimsPrincipal user,
        DemonstrationStore demonstrations,
        ExaminationStore examinations,
        ResultStore results,
        Atlas atlas,
        HouseSettings settings,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (await demonstrations.ById(id, ct) is not { } d || await examinations.Revision(d.StationId, d.Revision, ct) is not { } sheet)
            return TypedResults.NotFound();
        if (d.AssessorId != user.PersonId())
            return TypedResults.Forbid();
        if (d.SubmittedAt is not null)
            return await results.ById(id, null, ct) is { } before ? TypedResults.Ok(before.Body) : TypedResults.NotFound();
        var events = await demonstrations.EventsOf(id, ct);
        var state = SheetState.Of(events);
        var score = Score.Of(state, sheet, settings);
        if (!state.Stopped)
            return Problems.Of("stop", "Stop the demonstration first.", "The sheet was not submitted. Every mark is kept.");
        if (score.Decision == Decision.Open)
            return TypedResults.ValidationProblem(
                score.Unmarked.ToDictionary(
                    c => c,
                    c => new[] { $"{sheet.Criteria.First(x => x.Id == c).Text}: not marked yet." },
                    StringComparer.Ordinal
                ),
                title: $"{score.Unmarked.Count} criteria are still unmarked. Every mark given is kept."
            );
        var result = DemonstrationResult.Of(score, sheet, atlas);
        return await results.Submit(id, result, events.Count, user.PersonId(), clock.GetUtcNow(), ct) switch
        {
            SaveOutcome.Saved => TypedResults.Ok(result),
            SaveOutcome.Stale => Problems.Stale("mark sheet"),
            _ => await results.ById(id, null, ct) is { } raced ? TypedResults.Ok(raced.Body) : TypedResults.NotFound(),
        };
    }

    private static async Task<DemonstrationView?> View(
        Guid id,
        ClaimsPrincipal user,
        DemonstrationStore demonstrations,
        ExaminationStore examinations,
        HouseSettings settings,
        CancellationToken ct
    )
    {
        if (await demonstrations.ById(id, ct) is not { } d || await examinations.Revision(d.StationId, d.Revision, ct) is not { } sheet)
            return null;
        var events = await demonstrations.EventsOf(id, ct);
        return new(
            id,
            d.StationId,
            d.TraineeId,
            d.Trainee,
            d.Assessor,
            d.AssessorId == user.PersonId(),
            d.Attempt,
            d.SubmittedAt,
            sheet,
            events,
            Score.Of(SheetState.Of(events), sheet, settings),
            ViewerWords.Viewers.ToDictionary(
                v => v,
                v => (IReadOnlyList<string>)[.. sheet.Steps.Select(s => ViewerWords.For(v, s.Cue) ?? "")],
                StringComparer.Ordinal
            )
        );
    }
}
