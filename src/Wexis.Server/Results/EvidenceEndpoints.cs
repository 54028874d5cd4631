using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Data.Grading;
using Wexis.Data.Results;
using Wexis.Server.Shell;

namespace Wexis.Server.Results;

/// <param name="Who">The assessor who counted it.</param>
public sealed record RunView(DemonstrationId Id, string Who, ScoreRun Run);

/// <summary>One attempt at a station: what each criterion came to.</summary>
/// <param name="Marks">0 to 3 by criterion; what could not be seen is left out.</param>
public sealed record AttemptView(
    DemonstrationId Id,
    int Attempt,
    DateTimeOffset DecidedAt,
    double Percent,
    Decision Decision,
    IReadOnlyDictionary<string, double> Marks
);

/// <summary>What a result rests on: how it ran, and what was shown before and after.</summary>
/// <param name="Runs">The first sheet, then second looks that were given; a trainee sees the first.</param>
/// <param name="Attempts">All attempts at this station, in order; a trainee sees those that are released.</param>
public sealed record Evidence(IReadOnlyList<RunView> Runs, IReadOnlyList<AttemptView> Attempts);

public static class EvidenceEndpoints
{
    public static void Map(RouteGroupBuilder api) =>
        api.MapGet("/results/{id:guid}/evidence", Get).RequireAuthorization(Policies.Case).WithTags("Results").WithName("getEvidence");

    private static async Task<Results<Ok<Evidence>, NotFound>> Get(
        DemonstrationId id,
        ClaimsPrincipal user,
        CaseDesk desk,
        CaseStore cases,
        ResultStore results,
        DemonstrationStore demonstrations,
        CancellationToken ct
    )
    {
        var by = await desk.Actor(user, id, ct);
        if (await desk.IsBlind(by.Id, id, ct) || await desk.Open(id, ct) is not { Stored.Result: not null } open)
            return TypedResults.NotFound();
        var staff = by.Grades || by.Invited;
        if (!staff && (by.Id != open.Case.Trainee || !open.Case.IsReleased))
            return TypedResults.NotFound();
        var name = await desk.Names(ct);
        var sheets = new List<(DemonstrationId Id, PersonId By)> { (id, open.Stored.FirstId) };
        if (staff)
            sheets.AddRange(open.Stored.Looks.Where(l => l.Result is not null).Select(l => (l.DemonstrationId, l.AssessorId)));
        var runs = new List<RunView>();
        foreach (var sheet in sheets)
            runs.Add(
                new(
                    sheet.Id,
                    name(sheet.By),
                    ScoreRun.Of(SheetState.Of(await demonstrations.EventsOf(sheet.Id, ct)), open.Sheet, desk.Settings)
                )
            );
        // An invited colleague sees this case alone.
        var blind = await desk.HiddenFrom(by.Id, ct);
        var attempts = by.Invited
            ? []
            : (await results.AttemptsLike(id, ct))
                .Where(r => !blind.Contains(r.DemonstrationId) && (staff || r.ReleasedAt is not null))
                .ToList();
        return TypedResults.Ok(
            new Evidence(
                runs,
                [
                    .. attempts.Select(r => new AttemptView(
                        r.DemonstrationId,
                        r.Attempt,
                        r.DecidedAt,
                        r.Percent,
                        r.Decision,
                        r.Body.Score.Criteria.Where(c => c.Mark is not null)
                            .ToDictionary(c => c.Criterion.Id, c => c.Mark!.Value, StringComparer.Ordinal)
                    )),
                ]
            )
        );
    }
}
