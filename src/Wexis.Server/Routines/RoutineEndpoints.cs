using System.Security.Claims;
using System.Security.Cryptography;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Routines;
using Wexis.Data;
using Wexis.Data.Programmes;
using Wexis.Data.Routines;
using Wexis.Planning;
using Wexis.Server.Shell;
using Wexis.Server.Techniques;

namespace Wexis.Server.Routines;

public sealed record RoutineView(RoutineId Id, int Edition, int Version, bool Frozen, RoutineDocument Document, RoutineReading Reading);

public sealed record RoutineSave(int Edition, int Version, RoutineDocument Document);

public sealed record RoutineAdd(RoutineId Id, RoutineDocument Document);

/// <param name="Id">Names this import: sent again after a lost answer it is one.</param>
/// <param name="Text">A file as wexis.routine/1 or wexis.routine-list/1.</param>
public sealed record RoutineImport(RoutineId Id, string? Text);

/// <param name="Minutes">The time to fit to.</param>
public sealed record RoutineFitAsk(double? Minutes, RoutineDocument Document);

/// <summary>A fit, with the routine as it would be.</summary>
/// <param name="Fitted">Null where nothing fits.</param>
/// <param name="Reading">Of the fitted routine.</param>
public sealed record RoutineFitView(FitAnswer Answer, RoutineDocument? Fitted, RoutineReading? Reading);

/// <summary>Two routines side by side.</summary>
public sealed record RoutinePair(RoutineView First, RoutineView Second, IReadOnlyList<RoutineDifference> Differences);

/// <summary>A paragraph to be read aloud against the clock.</summary>
public sealed record SpeechTest(string Paragraph);

/// <param name="Seconds">That reading it aloud took.</param>
public sealed record SpeechReading(double Seconds);

public sealed record SpeechRate(double WordsPerMinute);

public static class RoutineEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/routines").WithTags("Routines").RequireAuthorization(Policies.Staff);
        group.MapGet("", List).WithName("listRoutines");
        group.MapPost("", Add).RequireAuthorization(Policies.Lead).WithName("addRoutine");
        group.MapPost("/import", Import).RequireAuthorization(Policies.Lead).WithName("importRoutines");
        group.MapPost("/review", Review).WithName("reviewRoutine");
        group.MapPost("/fit", Fit).WithName("fitRoutine");
        group.MapGet("/speech", Speech).WithName("getSpeechTest");
        group.MapPost("/speech", Measure).WithName("measureSpeech");
        // A trainee reads what their cohort is taught.
        api.MapGet("/routines/{id:guid}", Get).WithTags("Routines").WithName("getRoutine");
        group.MapPut("/{id:guid}", Save).RequireAuthorization(Policies.Lead).WithName("saveRoutine");
        group.MapGet("/{id:guid}/beside/{other:guid}", Beside).WithName("compareRoutines");
        group.MapGet("/{id:guid}/file", File).WithName("getRoutineFile");
    }

    private static async Task<Ok<IReadOnlyList<RoutineLine>>> List(RoutineStore routines, CancellationToken ct) =>
        TypedResults.Ok(await routines.Lines(ct));

    /// <param name="wordsPerMinute">The rate of whoever leads it; null: the usual one.</param>
    private static async Task<Results<Ok<RoutineReading>, ValidationProblem>> Review(
        RoutineDocument document,
        [FromQuery(Name = "words_per_minute")] double? wordsPerMinute,
        RoutineDesk desk,
        CancellationToken ct
    ) =>
        Check.Between(wordsPerMinute, RoutineScript.Rates.Slowest, RoutineScript.Rates.Fastest, "words_per_minute", "words") is { } off
            ? Problems.Of([off], "The script cannot be counted at this rate.")
            : TypedResults.Ok(await desk.Read(document, ct, wordsPerMinute));

    private static Ok<SpeechTest> Speech() => TypedResults.Ok(new SpeechTest(RoutineScript.Paragraph));

    private static Results<Ok<SpeechRate>, ValidationProblem> Measure(SpeechReading given)
    {
        try
        {
            return TypedResults.Ok(new SpeechRate(RoutineScript.Rate(RoutineScript.Paragraph, given.Seconds)));
        }
        catch (ArgumentOutOfRangeException)
        {
            return Problems.Of(
                "seconds",
                $"seconds: {given.Seconds:0.#} s for this paragraph is faster or slower than people speak. Read it once more.",
                "The rate was not taken."
            );
        }
    }

    private static async Task<Results<Ok<RoutineView>, NotFound>> Get(
        RoutineId id,
        ClaimsPrincipal user,
        RoutineStore routines,
        CohortStore cohorts,
        RoutineDesk desk,
        CancellationToken ct
    )
    {
        if (!user.IsInRole(Roles.Trainee))
            return await View(id, routines, desk, ct) is { } view ? TypedResults.Ok(view) : TypedResults.NotFound();
        return
            await cohorts.RoutineTaughtTo(user.PersonId(), id, ct) is { } edition && await routines.Edition(id, edition, ct) is { } taught
            ? TypedResults.Ok(
                new RoutineView(id, taught.Edition, taught.Version, taught.Frozen, taught.Body, await desk.Read(taught.Body, ct))
            )
            : TypedResults.NotFound();
    }

    private static async Task<RoutineView?> View(RoutineId id, RoutineStore routines, RoutineDesk desk, CancellationToken ct) =>
        await routines.ById(id, ct) is { } r ? new(id, r.Edition, r.Version, r.Frozen, r.Body, await desk.Read(r.Body, ct)) : null;

    private static async Task<Results<Ok<RoutineView>, ValidationProblem, Conflict<ProblemDetails>, NotFound>> Add(
        RoutineAdd given,
        ClaimsPrincipal user,
        RoutineStore routines,
        RoutineDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (!given.Id.IsSet)
            return Problems.Of("id", "id: nothing is given. Expected an id of its own.", Refused);
        var (document, reading) = await Checked(given.Document, desk, ct);
        if (reading.Issues.Count > 0)
            return Problems.Of(reading.Issues, Refused);
        var (seconds, remarks) = Counts(reading);
        return await routines.Add(given.Id, document, seconds, remarks, user.PersonId(), clock.GetUtcNow(), ct) == AddOutcome.Added
            ? await View(given.Id, routines, desk, ct) is { } view
                ? TypedResults.Ok(view)
                : TypedResults.NotFound()
            : Problems.Stale("routine");
    }

    /// <summary>A file comes in whole, or with every slip at its field and nothing of it. Techniques are the studio's own.</summary>
    private static async Task<Results<Ok<IReadOnlyList<RoutineLine>>, ValidationProblem, Conflict<ProblemDetails>>> Import(
        RoutineImport given,
        ClaimsPrincipal user,
        RoutineStore routines,
        RoutineDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        const string title = "Nothing was imported.";
        var file = RoutineFile.Read(given.Text ?? "");
        if (file.Issues.Count > 0)
            return Problems.Of(file.Issues, title);
        var fresh = new List<NewRoutine>();
        var slips = new List<Issue>();
        for (var i = 0; i < file.Documents.Count; i++)
        {
            var (document, reading) = await Checked(file.Documents[i], desk, ct);
            slips.AddRange(
                file.Documents.Count == 1 ? reading.Issues : reading.Issues.Select(x => x with { Path = $"routines[{i}].{x.Path}" })
            );
            if (reading.Sum is null)
                continue;
            var (seconds, remarks) = Counts(reading);
            var id = SHA256.HashData([.. given.Id.Value.ToByteArray(), (byte)i]).AsSpan(0, 16);
            fresh.Add(new(RoutineId.From(new Guid(id)), document, seconds, remarks));
        }
        if (slips.Count > 0)
            return Problems.Of(slips, title);
        return await routines.Add(fresh, user.PersonId(), clock.GetUtcNow(), ct) == AddOutcome.Added
            ? TypedResults.Ok<IReadOnlyList<RoutineLine>>([.. (await routines.Lines(ct)).Where(l => fresh.Exists(f => f.Id == l.Id))])
            : Problems.Stale("routine");
    }

    private static async Task<Results<Ok<RoutineView>, ValidationProblem, Conflict<ProblemDetails>, NotFound>> Save(
        RoutineId id,
        RoutineSave given,
        ClaimsPrincipal user,
        RoutineStore routines,
        RoutineDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        var (document, reading) = await Checked(given.Document, desk, ct);
        if (reading.Issues.Count > 0)
            return Problems.Of(reading.Issues, Refused);
        var (seconds, remarks) = Counts(reading);
        var saved = await routines.Save(
            id,
            given.Edition,
            given.Version,
            document,
            seconds,
            remarks,
            user.PersonId(),
            clock.GetUtcNow(),
            ct
        );
        return saved.Outcome switch
        {
            SaveOutcome.Saved when await View(id, routines, desk, ct) is { } view => TypedResults.Ok(view),
            SaveOutcome.Stale => Problems.Stale("routine"),
            _ => TypedResults.NotFound(),
        };
    }

    private static async Task<Results<Ok<RoutineFitView>, ValidationProblem>> Fit(
        RoutineFitAsk given,
        RoutineDesk desk,
        TechniqueDesk techniques,
        CancellationToken ct
    )
    {
        const string title = "The routine cannot be fitted like this.";
        if (given.Minutes is null)
            return Problems.Of("minutes", "minutes: nothing is given. Expected the minutes to fit to.", title);
        if (Check.Between(given.Minutes, 1, RoutineDocument.LongestMinutes, "minutes", "minutes") is { } off)
            return Problems.Of([off], title);
        var library = await desk.Library(given.Document, ct);
        if (RoutineValidation.Issues(given.Document, library, techniques.Atlas) is { Count: > 0 } issues)
            return Problems.Of(issues, title);
        var parts = RoutineSum.Lay(given.Document, library);
        var problem = RoutineFit.Problem(
            given.Document,
            parts,
            given.Minutes.Value,
            techniques.Atlas,
            techniques.Settings,
            techniques.Schools
        );
        var answer = FitSolver.Solve(problem);
        if (answer.Choice is null)
            return TypedResults.Ok(new RoutineFitView(answer, null, null));
        var fitted = RoutineFit.With(given.Document, answer.Choice);
        return TypedResults.Ok(new RoutineFitView(answer, fitted, await desk.Read(fitted, ct)));
    }

    private static async Task<Results<Ok<RoutinePair>, NotFound>> Beside(
        RoutineId id,
        RoutineId other,
        RoutineStore routines,
        RoutineDesk desk,
        TechniqueDesk techniques,
        CancellationToken ct
    )
    {
        if (await View(id, routines, desk, ct) is not { } first || await View(other, routines, desk, ct) is not { } second)
            return TypedResults.NotFound();
        if (first.Reading.Sum is not { } here || second.Reading.Sum is not { } there)
            return TypedResults.Ok(new RoutinePair(first, second, []));
        return TypedResults.Ok(
            new RoutinePair(
                first,
                second,
                RoutineDifference.Between(
                    RoutineSum.Lay(first.Document, await desk.Library(first.Document, ct)),
                    here,
                    RoutineSum.Lay(second.Document, await desk.Library(second.Document, ct)),
                    there,
                    techniques.Atlas
                )
            )
        );
    }

    /// <summary>The routine as a file that stands alone: the editions it pins come along.</summary>
    private static async Task<Results<FileContentHttpResult, NotFound>> File(
        RoutineId id,
        RoutineStore routines,
        RoutineDesk desk,
        CancellationToken ct
    )
    {
        if (await routines.ById(id, ct) is not { } stored)
            return TypedResults.NotFound();
        var library = await desk.Library(stored.Body, ct);
        var brought = stored
            .Body.AllParts.Where(p => p.Technique is not null && p.Edition is not null)
            .Select(p => (p.Technique, p.Edition!.Value))
            .Distinct()
            .Select(p => library.Find(p.Technique!, p.Value))
            .OfType<RoutineTechnique>()
            .Select(t => new RoutineLibraryEntry(t.Edition, t.Document))
            .ToList();
        var text = ExchangeJson.Write(stored.Body with { Schema = RoutineDocument.CurrentSchema, Library = brought });
        return TypedResults.File(System.Text.Encoding.UTF8.GetBytes(text), "application/json", "routine.json");
    }

    private const string Refused = "The routine cannot be saved like this. Your changes are kept here.";

    /// <summary>What is stored brings no techniques along: they are the house's own.</summary>
    private static async Task<(RoutineDocument Document, RoutineReading Reading)> Checked(
        RoutineDocument given,
        RoutineDesk desk,
        CancellationToken ct
    )
    {
        var document = given with { Schema = RoutineDocument.CurrentSchema, Library = null };
        return (document, await desk.Read(document, ct));
    }

    private static (int Seconds, int Remarks) Counts(RoutineReading reading) =>
        ((int)Math.Round(reading.Sum!.Chosen), reading.Remarks.Count);
}
