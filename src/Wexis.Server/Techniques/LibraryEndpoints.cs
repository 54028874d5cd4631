using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Library;
using Wexis.Data.Techniques;
using Wexis.Server.Shell;

namespace Wexis.Server.Techniques;

/// <summary>A conflict, with the reason why it is kept; null while nobody gave one.</summary>
public sealed record ConflictLine(SameMuscleConflict Conflict, KeptConflict? Kept);

public sealed record LibraryReviewView(
    IReadOnlyList<NearDuplicate> Duplicates,
    IReadOnlyList<ConflictLine> Conflicts,
    IReadOnlyList<LibraryLack> Lacks
);

/// <param name="Seen">When the reason that this one replaces was given, as read; null where there was none.</param>
public sealed record ConflictReason(string? Reason, DateTimeOffset? Seen = null);

/// <summary>How schools answer, what the house chose, and what each has for a region.</summary>
public sealed record SchoolsView(
    IReadOnlyList<SchoolQuestion> Questions,
    IReadOnlyList<SchoolProfile> Schools,
    IReadOnlyList<HouseChoice> Choices
);

/// <param name="Seen">When the choice that this one replaces was made, as read; null where there was none.</param>
public sealed record HouseChoiceDraft(string? Choice, string? Reason, DateTimeOffset? Seen = null);

/// <summary>The library as a whole: what is there twice, what is missing, what pulls two ways; and schools side by side.</summary>
public static class LibraryEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/library").WithTags("Techniques");
        group.MapGet("/review", Review).RequireAuthorization(Policies.Staff).WithName("reviewLibrary");
        group.MapPut("/conflicts/{structure}", KeepConflict).RequireAuthorization(Policies.Lead).WithName("keepConflict");
        group.MapGet("/schools", Schools).WithName("getSchools");
        group.MapPut("/choices/{question}", Choose).RequireAuthorization(Policies.Lead).WithName("chooseBetweenSchools");
    }

    private static async Task<Ok<LibraryReviewView>> Review(
        EditionStore editions,
        LibraryReasonStore reasons,
        TechniqueDesk desk,
        CancellationToken ct
    )
    {
        var review = LibraryReview.Of(
            [
                .. (await editions.Lines(ct)).Select(l => new ShelvedTechnique(
                    $"{l.TechniqueId}",
                    l.Name,
                    l.Region,
                    l.School,
                    l.Standing,
                    l.Brief
                )),
            ],
            desk.Atlas
        );
        var kept = (await reasons.Conflicts(ct)).ToDictionary(k => k.Structure, StringComparer.Ordinal);
        return TypedResults.Ok(
            new LibraryReviewView(
                review.Duplicates,
                [.. review.Conflicts.Select(c => new ConflictLine(c, kept.GetValueOrDefault(c.Structure)))],
                review.Lacks
            )
        );
    }

    private static async Task<Results<NoContent, ValidationProblem, Conflict<ProblemDetails>>> KeepConflict(
        string structure,
        ConflictReason given,
        ClaimsPrincipal user,
        LibraryReasonStore reasons,
        TechniqueDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        var slips = new[]
        {
            desk.Atlas.IsStructure(structure) ? null : new Issue("structure", IssueCodes.Unknown, structure, "a structure of the atlas"),
            Check.Given(given.Reason, "reason", "why both are meant"),
            Check.NoLongerThan(given.Reason, 400, "reason"),
        }
            .OfType<Issue>()
            .ToList();
        if (slips.Count > 0)
            return Problems.Of(slips, "Without a reason it stays a conflict.");
        return await reasons.KeepConflict(structure, given.Reason!, given.Seen, user.PersonId(), clock.GetUtcNow(), ct)
            ? TypedResults.NoContent()
            : Problems.Stale("reason");
    }

    private static async Task<Ok<SchoolsView>> Schools(TechniqueDesk desk, LibraryReasonStore reasons, CancellationToken ct) =>
        TypedResults.Ok(new SchoolsView(desk.Schools.Questions, desk.Schools.Schools, await reasons.Choices(ct)));

    private static async Task<Results<NoContent, ValidationProblem, Conflict<ProblemDetails>>> Choose(
        string question,
        HouseChoiceDraft given,
        ClaimsPrincipal user,
        TechniqueDesk desk,
        LibraryReasonStore reasons,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        var asked = desk.Schools.Questions.FirstOrDefault(q => q.Id == question);
        var slips = new[]
        {
            asked is null ? new Issue("question", IssueCodes.Unknown, question, string.Join(", ", desk.Schools.Questions.Select(q => q.Id)))
            : given.Choice is null ? new("choice", IssueCodes.Missing, "", string.Join(", ", asked.Choices.Keys))
            : Check.OneOf(given.Choice, asked.Choices.Keys, "choice"),
            Check.Given(given.Reason, "reason", "why you do it like this"),
            Check.NoLongerThan(given.Reason, 400, "reason"),
        }.OfType<Issue>().ToList();
        if (slips.Count > 0)
            return Problems.Of(slips, "The house's choice cannot be kept like this.");
        return await reasons.Choose(question, given.Choice!, given.Reason!, given.Seen, user.PersonId(), clock.GetUtcNow(), ct)
            ? TypedResults.NoContent()
            : Problems.Stale("choice");
    }
}
