using System.Security.Claims;
using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Http.HttpResults;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Results;
using Wexis.Data.Grading;
using Wexis.Data.People;
using Wexis.Data.Results;
using Wexis.Server.Shell;

namespace Wexis.Server.Results;

/// <param name="Edition">Edition of the technique or routine that was shown.</param>
public sealed record TraineeStoryLine(DemonstrationId Result, string Shown, int? Edition, int Attempt, StoryLine Line);

/// <summary>Every decision about one trainee, in order.</summary>
public sealed record TraineeStory(PersonId TraineeId, string Trainee, IReadOnlyList<TraineeStoryLine> Lines);

/// <summary>The story of one trainee, and everything about them in one open file.</summary>
public static class TraineeEndpoints
{
    /// <summary>Form of the export; see docs/formats.md.</summary>
    public const string ExportSchema = "wexis.trainee/1";

    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/results/trainees/{id:guid}").WithTags("Results");
        group.MapGet("/story", Story).WithName("getTraineeStory");
        group.MapGet("/export", Export).WithName("exportTrainee");
    }

    private static bool IsStaff(ClaimsPrincipal user) => user.IsInRole(Roles.Lead) || user.IsInRole(Roles.Assessor);

    /// <summary>What a trainee reads: once it was released, without who proposed what on the way.</summary>
    private static IEnumerable<CaseEvent> Told(IEnumerable<CaseEvent> events)
    {
        var all = events.ToList();
        return all.Any(e => e.Kind == CaseEventKind.Released) ? all.Where(e => CaseStory.IsTold(e.Kind)) : [];
    }

    private static async Task<Results<Ok<TraineeStory>, NotFound>> Story(
        PersonId id,
        ClaimsPrincipal user,
        PersonStore people,
        ResultStore results,
        CaseStore cases,
        CaseDesk desk,
        CancellationToken ct
    )
    {
        var staff = IsStaff(user);
        if ((!staff && user.PersonId() != id) || await people.ById(id, ct) is not { Role: Roles.Trainee } person)
            return TypedResults.NotFound();
        var blind = await desk.HiddenFrom(user.PersonId(), ct);
        var all = (await results.OfTrainee(id, ct)).Where(r => !blind.Contains(r.DemonstrationId)).ToList();
        var events = await cases.EventsOf([.. all.Select(r => r.DemonstrationId)], ct);
        var name = await desk.Names(ct);
        return TypedResults.Ok(
            new TraineeStory(
                id,
                person.Name,
                [
                    .. all.SelectMany(r =>
                        {
                            var mine = events[r.DemonstrationId].ToList();
                            var edition = mine.FirstOrDefault(e => e.Edition is not null)?.Edition;
                            return CaseStory
                                .Of([.. staff ? mine : Told(mine)], name)
                                .Select(l => new TraineeStoryLine(r.DemonstrationId, r.TechniqueName, edition, r.Attempt, l));
                        })
                        .OrderBy(l => l.Line.At),
                ]
            )
        );
    }

    /// <summary>The trainee's own, or the lead trainer's: who they are, screenings, results as they read them, marks and story.</summary>
    private static async Task<Results<ContentHttpResult, NotFound>> Export(
        PersonId id,
        ClaimsPrincipal user,
        PersonStore people,
        ScreeningStore screenings,
        ResultStore results,
        CaseStore cases,
        DemonstrationStore demonstrations,
        CaseDesk desk,
        CancellationToken ct
    )
    {
        var own = user.PersonId() == id;
        if ((!own && !user.IsInRole(Roles.Lead)) || await people.ById(id, ct) is not { Role: Roles.Trainee } person)
            return TypedResults.NotFound();
        var blind = await desk.HiddenFrom(user.PersonId(), ct);
        var all = (await results.OfTrainee(id, ct)).Where(r => !blind.Contains(r.DemonstrationId)).ToList();
        var events = await cases.EventsOf([.. all.Select(r => r.DemonstrationId)], ct);
        var name = await desk.Names(ct);
        var shown = new JsonArray();
        foreach (var r in all)
        {
            // What is not released is being decided: it is named, not shown.
            var readable = !own || r.ReleasedAt is not null;
            shown.Add(
                new JsonObject
                {
                    ["id"] = r.DemonstrationId.Value,
                    ["shown"] = r.TechniqueName,
                    ["examination"] = r.Examination,
                    ["origin"] = r.Origin.Word(),
                    ["attempt"] = r.Attempt,
                    ["assessor"] = r.Assessor,
                    ["decided_at"] = r.DecidedAt,
                    ["released_at"] = r.ReleasedAt,
                    ["result"] = readable ? Node(r.Body) : null,
                    ["marks"] = readable ? Node(await demonstrations.EventsOf(r.DemonstrationId, ct)) : null,
                    ["story"] = Node(CaseStory.Of([.. own ? Told(events[r.DemonstrationId]) : events[r.DemonstrationId]], name)),
                }
            );
        }
        var file = new JsonObject
        {
            ["schema"] = ExportSchema,
            ["exported_at"] = desk.Now,
            ["person"] = new JsonObject
            {
                ["id"] = person.PersonId.Value,
                ["name"] = person.Name,
                ["user_name"] = person.Login,
                ["role"] = person.Role,
            },
            // Health data: only what this reader may see anyway.
            ["screenings"] = Node((await screenings.VisibleTo(user.PersonId(), ct)).Where(s => s.AboutPerson == id).ToList()),
            ["results"] = shown,
        };
        return TypedResults.Text(file.ToJsonString(ExchangeJson.Options), "application/json");
    }

    private static JsonNode? Node<T>(T of) => JsonSerializer.SerializeToNode(of, ExchangeJson.Options);
}
