using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Anatomy;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Results;
using Wexis.Data;
using Wexis.Data.Grading;
using Wexis.Data.Results;
using Wexis.Server.Results;
using Wexis.Server.Shell;

namespace Wexis.Server.Grading;

/// <param name="TechniqueName">What is shown: technique, techniques or routine.</param>
/// <param name="Judged">Criteria that a person judges, while the sheet is open; 0 afterwards.</param>
/// <param name="SecondOf">The sheet that this one is a second look at; it is no attempt.</param>
/// <param name="Marked">Of those, how many are marked; what the marks are is seen by their assessor alone until the sheet is
/// submitted.</param>
public sealed record DemonstrationLine(
    DemonstrationId Id,
    StationId? StationId,
    DemonstrationOrigin Origin,
    string TechniqueName,
    PersonId TraineeId,
    string Trainee,
    string Assessor,
    int Attempt,
    DateTimeOffset OpenedAt,
    DateTimeOffset? SubmittedAt,
    int Events,
    int Judged,
    int Marked,
    bool Started,
    bool Stopped,
    DemonstrationId? SecondOf
);

/// <param name="StationId">Where it is an examination.</param>
/// <param name="TechniqueId">Where it is a lesson or practice.</param>
/// <param name="SecondOf">The sheet at which one looks again.</param>
/// <param name="Another">Another attempt, although somebody else is grading this trainee at this station now.</param>
public sealed record DemonstrationOpen(
    StationId? StationId,
    PersonId TraineeId,
    DemonstrationOrigin Origin = DemonstrationOrigin.Station,
    TechniqueId? TechniqueId = null,
    DemonstrationId? SecondOf = null,
    bool? Another = null
);

/// <summary>The film that was graded first, by its SHA-256 and its name.</summary>
public sealed record FilmAsked(string Hash, string Name);

/// <param name="Film">Of a second look: the film that was graded first.</param>
/// <param name="TaughtEdition">The edition that the trainee's cohort is taught, where the sheet is of another one.</param>
/// <param name="Cues">The sheet's cues in words for each viewer: an assessor faces the trainee.</param>
public sealed record DemonstrationView(
    DemonstrationId Id,
    StationId? StationId,
    DemonstrationOrigin Origin,
    PersonId TraineeId,
    string Trainee,
    string Assessor,
    bool Mine,
    int Attempt,
    DateTimeOffset? SubmittedAt,
    MarkSheet Sheet,
    IReadOnlyList<MarkEvent> Events,
    Score Score,
    IReadOnlyDictionary<string, IReadOnlyList<string>> Cues,
    int? TaughtEdition,
    DemonstrationId? SecondOf,
    FilmAsked? Film
);

/// <param name="Text">A WebVTT file, whole.</param>
public sealed record CaptionsGiven(string? Text);

public sealed record EventStored(MarkId Id, Score Score);

public static class DemonstrationEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/demonstrations").WithTags("Grading").RequireAuthorization(Policies.Marks);
        group.MapGet("", List).RequireAuthorization(Policies.Staff).WithName("listDemonstrations");
        group.MapPut("/{id:guid}", Open).WithName("openDemonstration");
        group.MapGet("/{id:guid}", Get).WithName("getDemonstration");
        group.MapPut("/{id:guid}/events/{eventId:guid}", PutEvent).WithName("putMarkEvent");
        group.MapGet("/{id:guid}/marks.vtt", Captions).WithName("marksAsCaptions");
        group.MapPost("/captions", ReadCaptions).WithName("readCaptions");
        group.MapPost("/{id:guid}/submit", Submit).WithName("submitDemonstration");
    }

    private static async Task<Ok<IReadOnlyList<DemonstrationLine>>> List(DemonstrationStore demonstrations, CancellationToken ct) =>
        TypedResults.Ok<IReadOnlyList<DemonstrationLine>>([
            .. (await demonstrations.All(ct)).Select(d => new DemonstrationLine(
                d.DemonstrationId,
                d.StationId,
                d.Origin,
                d.Shown,
                d.TraineeId,
                d.Trainee,
                d.Assessor,
                d.Attempt,
                d.OpenedAt,
                d.SubmittedAt,
                d.Events,
                d.Judged,
                d.Marked,
                d.Started,
                d.Stopped,
                d.SecondOf
            )),
        ]);

    private static async Task<Results<Ok<DemonstrationView>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Open(
        DemonstrationId id,
        DemonstrationOpen given,
        ClaimsPrincipal user,
        DemonstrationStore demonstrations,
        DemonstrationDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        // Who is invited opens nothing but their second look.
        if (user.IsInRole(Roles.Invited) && given.SecondOf is null)
            return TypedResults.NotFound();
        if (await demonstrations.ById(id, ct) is null)
        {
            var (opening, refusal) = await desk.Opening(id, given, user.PersonId(), ct);
            if (refusal is not null)
                return Problems.Of(refusal.Path, refusal.Says, "No demonstration was opened.");
            if (opening is null)
                return TypedResults.NotFound();
            if (!await demonstrations.Open(opening, clock.GetUtcNow(), ct))
                return TypedResults.Conflict(
                    new ProblemDetails
                    {
                        Status = 409,
                        Title = "This demonstration belongs to someone else.",
                        Detail = "Nothing was changed.",
                    }
                );
        }
        return await desk.View(id, user.PersonId(), ct) is { } view && IsFor(view, user) ? TypedResults.Ok(view) : TypedResults.NotFound();
    }

    /// <summary>Who is invited sees no sheet but their own.</summary>
    private static bool IsFor(DemonstrationView view, ClaimsPrincipal user) => view.Mine || !user.IsInRole(Roles.Invited);

    private static async Task<Results<Ok<DemonstrationView>, NotFound>> Get(
        DemonstrationId id,
        ClaimsPrincipal user,
        DemonstrationDesk desk,
        CancellationToken ct
    ) => await desk.View(id, user.PersonId(), ct) is { } view && IsFor(view, user) ? TypedResults.Ok(view) : TypedResults.NotFound();

    /// <summary>The marks of one's own sheet, or of a submitted one, as WebVTT captions.</summary>
    private static async Task<Results<ContentHttpResult, NotFound>> Captions(
        DemonstrationId id,
        ClaimsPrincipal user,
        DemonstrationDesk desk,
        CancellationToken ct
    ) =>
        await desk.View(id, user.PersonId(), ct) is { } view && IsFor(view, user) && (view.Mine || view.SubmittedAt is not null)
            ? TypedResults.Text(TimedText.Write(MarkCaptions.Of(view.Events, view.Sheet)), "text/vtt")
            : TypedResults.NotFound();

    /// <summary>Reads notes from a WebVTT file; storing them is the device's, one mark each.</summary>
    private static Results<Ok<IReadOnlyList<TimedLine>>, ValidationProblem> ReadCaptions(CaptionsGiven given) =>
        TimedText.Read(given.Text ?? "") switch
        {
            { Issues: [] } read => TypedResults.Ok(read.Value!),
            var read => Problems.Of(read.Issues, "The file cannot be read as WebVTT. Nothing was added."),
        };

    /// <summary>New: stored. The same again: stored. The same id with other content, or after submitting: a conflict.</summary>
    private static async Task<Results<Ok<EventStored>, ValidationProblem, NotFound, ForbidHttpResult, Conflict<ProblemDetails>>> PutEvent(
        DemonstrationId id,
        MarkId eventId,
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
        if (open.IsFuture(mark, clock.GetUtcNow()))
            return Problems.Of(
                "at_ms",
                "This mark lies in the future: the demonstration has not been open that long.",
                "This mark cannot be given."
            );
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
        DemonstrationId id,
        ClaimsPrincipal user,
        DemonstrationStore demonstrations,
        ResultStore results,
        CaseDesk cases,
        Atlas atlas,
        HouseSettings settings,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (await demonstrations.ById(id, ct) is not { } d || await demonstrations.SheetOf(id, ct) is not { } sheet)
            return TypedResults.NotFound();
        if (d.AssessorId != user.PersonId())
            return TypedResults.Forbid();
        if (await results.Submitted(id, ct) is { } before)
            return TypedResults.Ok(before);
        // A second sheet of the same demonstration may be submitted in the same moment: then once more, with both in view.
        for (var tries = 0; tries < 3; tries++)
        {
            var events = await demonstrations.EventsOf(id, ct);
            var state = SheetState.Of(events);
            var score = Score.Of(state, sheet, settings);
            if (NotYet(state, score, sheet) is { } notYet)
                return notYet;
            var result = DemonstrationResult.Of(score, sheet, state, atlas);
            var (seen, happened) = await cases.Submitting(d, result, state, ct);
            var outcome = await results.Submit(id, result, events.Count, seen, happened, user.PersonId(), clock.GetUtcNow(), ct);
            if (outcome == SaveOutcome.Saved)
                return TypedResults.Ok(result);
            if (await results.Submitted(id, ct) is { } raced)
                return TypedResults.Ok(raced);
        }
        return Problems.Stale("mark sheet");
    }

    /// <summary>What stands in the way of submitting; null where nothing does.</summary>
    private static ValidationProblem? NotYet(SheetState state, Score score, MarkSheet sheet) =>
        !state.Stopped ? Problems.Of("stop", "Stop the demonstration first.", "The sheet was not submitted. Every mark is kept.")
        : score.Decision != Decision.Open ? null
        : TypedResults.ValidationProblem(
            score.Unmarked.ToDictionary(
                c => c,
                c => new[] { $"{sheet.Criteria.First(x => x.Id == c).Text}: not marked yet." },
                StringComparer.Ordinal
            ),
            title: $"{(score.Unmarked.Count == 1 ? "One criterion is" : $"{score.Unmarked.Count} criteria are")} still unmarked. "
                + "Every mark given is kept."
        );
}
