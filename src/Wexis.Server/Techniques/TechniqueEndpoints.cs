using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.People;
using Wexis.Core.Techniques;
using Wexis.Data;
using Wexis.Data.Techniques;
using Wexis.Server.People;
using Wexis.Server.Shell;

namespace Wexis.Server.Techniques;

/// <summary>A technique as opened: its newest edition and all that is derived from it.</summary>
public sealed record TechniqueView(Guid Id, string Code, int Edition, int Version, string Standing, bool Frozen, string ChangedBy, DateTimeOffset ChangedAt, TechniqueDocument Document, Derivation Derivation);
public sealed record TechniqueSave(int Edition, int Version, TechniqueDocument Document);
public sealed record TechniqueAdd(Guid Id, TechniqueDocument Document);
public sealed record TechniqueSaved(Guid Id, int Edition, int Version, string Standing);

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

    private static async Task<Ok<IReadOnlyList<EditionLine>>> List(ClaimsPrincipal user, EditionStore editions, CancellationToken ct) =>
        TypedResults.Ok<IReadOnlyList<EditionLine>>([.. (await editions.Lines(ct)).Where(l => !user.IsInRole(Roles.Trainee) || l.Standing == "complete")]);

    private static Ok<Derivation> Derive(TechniqueDocument document, TechniqueDesk desk) => TypedResults.Ok(desk.Derive(document));

    private static async Task<Results<Ok<TechniqueView>, NotFound>> Get(Guid id, ClaimsPrincipal user, EditionStore editions, TechniqueDesk desk, CancellationToken ct)
    {
        var stored = await editions.NewestOf(id, ct);
        if (stored is null || (user.IsInRole(Roles.Trainee) && stored.Standing != "complete")) return TypedResults.NotFound();
        return TypedResults.Ok(new TechniqueView(id, stored.Code, stored.Edition, stored.Version, stored.Standing, stored.Frozen, stored.ChangedBy, stored.ChangedAt, stored.Body, desk.Derive(stored.Body)));
    }

    private static async Task<Results<Ok<TechniqueSaved>, ValidationProblem>> Add(TechniqueAdd given, ClaimsPrincipal user, EditionStore editions, TechniqueDesk desk, TimeProvider clock, CancellationToken ct)
    {
        var derived = desk.Derive(given.Document);
        if (derived.Issues.Count > 0) return Problems.Of(derived.Issues, "The technique cannot be saved like this. Your text is kept here.");
        var standing = TechniqueDesk.Standing(derived);
        var code = given.Document.Id ?? $"tq-{given.Id:N}";
        var document = given.Document with { Schema = TechniqueDocument.CurrentSchema, Id = code };
        if (!await editions.Add(given.Id, code, document, standing, derived.Family, desk.Brief(derived), user.PersonId(), clock.GetUtcNow(), ct))
        {
            // Sent twice under the same id (a lost answer, a second click): the first one stands.
            var stored = await editions.NewestOf(given.Id, ct);
            return stored is null ? Problems.Of("id", $"id: “{code}” is taken. Give the technique another id.", "The technique cannot be saved like this.") : TypedResults.Ok(new TechniqueSaved(given.Id, stored.Edition, stored.Version, stored.Standing));
        }
        return TypedResults.Ok(new TechniqueSaved(given.Id, 1, 1, standing));
    }

    private static async Task<Results<Ok<TechniqueSaved>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Save(Guid id, TechniqueSave given, ClaimsPrincipal user, EditionStore editions, TechniqueDesk desk, TimeProvider clock, CancellationToken ct)
    {
        var derived = desk.Derive(given.Document);
        if (derived.Issues.Count > 0) return Problems.Of(derived.Issues, "The technique cannot be saved like this. Your text is kept here.");
        var standing = TechniqueDesk.Standing(derived);
        var (outcome, edition, version) = await editions.Save(id, given.Edition, given.Version, given.Document, standing, derived.Family, desk.Brief(derived), user.PersonId(), clock.GetUtcNow(), ct);
        return outcome switch
        {
            SaveOutcome.Saved => TypedResults.Ok(new TechniqueSaved(id, edition, version, standing)),
            SaveOutcome.Stale => Problems.Stale("technique"),
            _ => TypedResults.NotFound(),
        };
    }
}
