using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;
using Wexis.Data;
using Wexis.Data.Programmes;
using Wexis.Data.Techniques;
using Wexis.Server.Shell;

namespace Wexis.Server.Techniques;

/// <summary>A technique as opened: its newest edition and all that is derived from it.</summary>
public sealed record TechniqueView(
    TechniqueId Id,
    string Code,
    int Edition,
    int Version,
    EditionStanding Standing,
    bool Frozen,
    string ChangedBy,
    DateTimeOffset ChangedAt,
    TechniqueDocument Document,
    Derivation Derivation,
    IReadOnlyList<RelatedLine> Related,
    IReadOnlyList<SchoolContradiction> School
);

/// <summary>A technique that belongs to this one, seen from here: told by either of the two.</summary>
/// <param name="As">easier, harder, or same-except: what the other is to this one.</param>
public sealed record RelatedLine(
    TechniqueId? Id,
    string Code,
    string Name,
    EditionStanding Standing,
    [property: OneOf("easier", "harder", "same-except")] string As,
    bool ToldHere
);

public sealed record TechniqueSave(int Edition, int Version, TechniqueDocument Document);

public sealed record TechniqueAdd(TechniqueId Id, TechniqueDocument Document);

public sealed record TechniqueSaved(TechniqueId Id, int Edition, int Version, EditionStanding Standing);

public static class TechniqueEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/techniques").WithTags("Techniques");
        group.MapGet("", List).WithName("listTechniques");
        group.MapPost("/derive", Derive).RequireAuthorization(Policies.Staff).WithName("deriveTechnique");
        group.MapPost("", Add).RequireAuthorization(Policies.Lead).WithName("addTechnique");
        group.MapGet("/{id:guid}", Get).WithName("getTechnique");
        group.MapPut("/{id:guid}", Save).RequireAuthorization(Policies.Lead).WithName("saveTechnique");
    }

    /// <summary>
    /// The newest edition of each technique. A trainee sees what their cohorts are taught, from the edition that was taken for them, or
    /// what was approved while they are in none: never a draft, and nothing vanishes because the next edition is one.
    /// </summary>
    private static async Task<Ok<IReadOnlyList<EditionLine>>> List(
        ClaimsPrincipal user,
        EditionStore editions,
        CohortStore cohorts,
        CancellationToken ct
    )
    {
        return TypedResults.Ok(
            user.IsInRole(Roles.Trainee) ? await ReadableBy(user.PersonId(), editions, cohorts, ct) : await editions.Shelf(ct)
        );
    }

    private static async Task<IReadOnlyList<EditionLine>> ReadableBy(
        PersonId trainee,
        EditionStore editions,
        CohortStore cohorts,
        CancellationToken ct
    )
    {
        var lessons = await cohorts.LessonsOf(trainee, ct);
        if (lessons.Count == 0)
            return await editions.ApprovedLines(ct);
        var taught = lessons.SelectMany(l => l.Taught).DistinctBy(t => t.TechniqueId).Select(t => (t.TechniqueId, t.Edition)).ToList();
        return await editions.LinesOf(taught, ct);
    }

    private static Ok<Derivation> Derive(TechniqueDocument document, TechniqueDesk desk) => TypedResults.Ok(desk.Derive(document));

    private static async Task<Results<Ok<TechniqueView>, NotFound>> Get(
        TechniqueId id,
        ClaimsPrincipal user,
        EditionStore editions,
        CohortStore cohorts,
        TechniqueDesk desk,
        CancellationToken ct
    )
    {
        if (await ReadBy(user, id, editions, cohorts, ct) is not { } stored)
            return TypedResults.NotFound();
        var derived = desk.DerivationOf(stored);
        // Where one may not go no link leads.
        var mayRead = user.IsInRole(Roles.Trainee)
            ? (await ReadableBy(user.PersonId(), editions, cohorts, ct)).Select(l => l.TechniqueId).ToHashSet()
            : null;
        return TypedResults.Ok(
            new TechniqueView(
                id,
                stored.Code,
                stored.Edition,
                stored.Version,
                stored.Standing,
                stored.Frozen,
                stored.ChangedBy,
                stored.ChangedAt,
                stored.Body,
                derived,
                [.. (await RelatedTo(stored, editions, ct)).Where(r => mayRead is null || (r.Id is { } other && mayRead.Contains(other)))],
                desk.AgainstItsSchool(stored.Body, derived)
            )
        );
    }

    /// <summary>
    /// A trainee reads what their cohort is taught, or what was approved; everybody else the newest.
    /// </summary>
    private static async Task<StoredEdition?> ReadBy(
        ClaimsPrincipal user,
        TechniqueId id,
        EditionStore editions,
        CohortStore cohorts,
        CancellationToken ct
    )
    {
        if (user.IsInRole(Roles.Trainee))
        {
            // What one's own cohort is taught is read even after it went out of use: it was taught.
            if (await cohorts.EditionTaughtTo(user.PersonId(), id, ct) is { } edition)
                return await editions.ByNumber(id, edition, ct);
            return await editions.ApprovedOf(id, ct);
        }
        return await editions.NewestOf(id, ct);
    }

    /// <summary>What either technique says of the two: whoever calls me easier is harder to me.</summary>
    private static async Task<IReadOnlyList<RelatedLine>> RelatedTo(StoredEdition stored, EditionStore editions, CancellationToken ct)
    {
        var told = stored.Body.Related ?? [];
        var near = (await editions.Neighbours(stored.Code, [.. told.Select(r => r.Id!)], ct)).ToDictionary(
            n => n.Code,
            StringComparer.Ordinal
        );
        var here = told.Select(r =>
                near.GetValueOrDefault(r.Id!) is { } n
                    ? new RelatedLine(n.TechniqueId, n.Code, n.Name, n.Standing, r.As!, true)
                    : new(null, r.Id!, r.Id!, EditionStanding.Draft, r.As!, true)
            )
            .ToList();
        var there = near
            .Values.Where(n => n.CallsIt is not null && told.All(r => r.Id != n.Code))
            .Select(n => new RelatedLine(
                n.TechniqueId,
                n.Code,
                n.Name,
                n.Standing,
                n.CallsIt switch
                {
                    "easier" => "harder",
                    "harder" => "easier",
                    var other => other!,
                },
                false
            ));
        return [.. here, .. there];
    }

    private static async Task<Results<Ok<TechniqueSaved>, ValidationProblem, Conflict<ProblemDetails>>> Add(
        TechniqueAdd given,
        ClaimsPrincipal user,
        EditionStore editions,
        TechniqueDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        var derived = desk.Derive(given.Document);
        if (derived.Issues.Count > 0)
            return Problems.Of(derived.Issues, "The technique cannot be saved like this. Your text is kept here.");
        var fresh = desk.New(given.Id, given.Document, derived);
        return await editions.Add(fresh, user.PersonId(), clock.GetUtcNow(), ct) switch
        {
            AddOutcome.Added => TypedResults.Ok(new TechniqueSaved(given.Id, 1, 1, fresh.Standing)),
            AddOutcome.Clash => Problems.Stale("technique"),
            _ => Problems.Of(
                "id",
                $"id: “{fresh.Code}” is taken. Give the technique another id.",
                "The technique cannot be saved like this."
            ),
        };
    }

    private static async Task<Results<Ok<TechniqueSaved>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Save(
        TechniqueId id,
        TechniqueSave given,
        ClaimsPrincipal user,
        EditionStore editions,
        TechniqueDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        var derived = desk.Derive(given.Document);
        if (derived.Issues.Count > 0)
            return Problems.Of(derived.Issues, "The technique cannot be saved like this. Your text is kept here.");
        var next = desk.New(id, given.Document, derived);
        var saved = await editions.Save(next, given.Edition, given.Version, user.PersonId(), clock.GetUtcNow(), ct);
        return saved.Outcome switch
        {
            SaveOutcome.Saved => TypedResults.Ok(new TechniqueSaved(id, saved.Number, saved.Version, next.Standing)),
            SaveOutcome.Stale => Problems.Stale("technique"),
            _ => TypedResults.NotFound(),
        };
    }
}
