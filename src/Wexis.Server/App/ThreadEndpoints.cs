using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Wexis.Core.People;
using Wexis.Data.Examinations;
using Wexis.Data.Grading;
using Wexis.Data.Programmes;
using Wexis.Data.Results;
using Wexis.Data.Routines;
using Wexis.Data.Techniques;
using Wexis.Server.Shell;

namespace Wexis.Server.App;

/// <summary>What waits at each stop of the work, in words; empty when nothing does.</summary>
public sealed record ThreadStop(string Stop, string Waits);

/// <summary>The thread across the top: cheap counts, composed in the server.</summary>
public static class ThreadEndpoints
{
    public static void Map(RouteGroupBuilder api) => api.MapGet("/thread", Get).WithTags("Shell").WithName("getThread");

    private static async Task<Ok<IReadOnlyList<ThreadStop>>> Get(
        ClaimsPrincipal user,
        EditionStore editions,
        ProgrammeStore programmes,
        RoutineStore routines,
        ExaminationStore examinations,
        DemonstrationStore demonstrations,
        ResultStore results,
        CancellationToken ct
    )
    {
        if (user.IsInRole(Roles.Trainee))
        {
            return TypedResults.Ok<IReadOnlyList<ThreadStop>>([
                new("anatomy", ""),
                new("techniques", ""),
                new("results", Count(await results.ReleasedTo(user.PersonId(), ct), "result")),
            ]);
        }
        var gaps = await programmes.Gaps(ct);
        var stations = await examinations.Stations(ct);
        var open = await demonstrations.Unfinished(ct);
        var unreleased = await results.Unreleased(ct);
        var (drafts, claims) = await editions.Counts(ct);
        return TypedResults.Ok<IReadOnlyList<ThreadStop>>([
            new("anatomy", ""),
            new("techniques", claims > 0 ? $"{Count(claims, "claim")} to answer" : Count(drafts, "draft")),
            new("routines", Count(await routines.Remarks(ct), "remark")),
            new("programme", Count(gaps, "gap")),
            new("examination", Count(stations, "station")),
            new("grading", open == 0 ? "" : $"{open} to finish"),
            new("results", unreleased == 0 ? "" : $"{unreleased} to release"),
        ]);
    }

    private static string Count(int n, string what) => n == 0 ? "" : $"{n} {what}{(n == 1 ? "" : "s")}";
}
