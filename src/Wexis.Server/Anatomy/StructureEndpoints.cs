using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques.Documents;
using Wexis.Data.Anatomy;
using Wexis.Data.Programmes;
using Wexis.Data.Techniques;
using Wexis.Server.Settings;
using Wexis.Server.Shell;

namespace Wexis.Server.Anatomy;

public sealed record StructureTechnique(TechniqueId Id, string Name, Mode Mode, Strength Strength);

public sealed record StructureModule(ProgrammeId Programme, string ProgrammeName, string Module, IReadOnlyList<string> Techniques);

public sealed record StructureClaim(TechniqueId Technique, string TechniqueName, string Text, ClaimFinding Verdict, string? Correction);

/// <summary>
/// What the house does with one structure: who works it and how, which modules teach that, which claims about it are wrong, who checked
/// it.
/// </summary>
/// <param name="Zones">Names of the zones whose layers hold it.</param>
public sealed record StructureUse(
    IReadOnlyList<StructureTechnique> Techniques,
    IReadOnlyList<StructureModule> Modules,
    IReadOnlyList<StructureClaim> WrongClaims,
    IReadOnlyList<string> Zones,
    IReadOnlyList<StructureCheck> Checks
);

/// <summary>A look by somebody qualified.</summary>
public sealed record StructureCheckDraft(
    string? CheckedBy,
    string? QualifiedAs,
    DateOnly? CheckedOn,
    [property: WordOf<CheckVerdict>] string? Verdict,
    string? Remark
);

/// <summary>Against the arrows of the rooms, so composed here: what techniques and programmes make of a structure.</summary>
public static class StructureEndpoints
{
    private static readonly IReadOnlyList<string> Verdicts = ClosedList.All<CheckVerdict>();

    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/anatomy/structures/{structure}").WithTags("Anatomy");
        group.MapGet("", Get).WithName("getStructureUse");
        group.MapPost("/checks", Check).RequireAuthorization(Policies.Lead).WithName("checkStructure");
    }

    private static async Task<Results<Ok<StructureUse>, NotFound>> Get(
        string structure,
        ClaimsPrincipal user,
        Atlas atlas,
        EditionStore editions,
        ProgrammeStore programmes,
        StructureCheckStore checks,
        CancellationToken ct
    )
    {
        if (!atlas.IsStructure(structure))
            return TypedResults.NotFound();
        var trainee = user.IsInRole(Roles.Trainee);
        var lines = (await editions.Lines(ct)).Where(l => l.Standing.Teachable()).ToList();
        var works = lines
            .SelectMany(l => l.Brief.Works.Where(w => w.Structure == structure).Select(w => (Line: l, Work: w)))
            .OrderBy(x => x.Work.Mode)
            .ThenBy(x => x.Work.Strength)
            .ThenBy(x => x.Line.Name, StringComparer.Ordinal)
            .ToList();
        var byCode = works.GroupBy(x => x.Line.Code).ToDictionary(g => g.Key, g => g.First().Line.Name, StringComparer.Ordinal);
        var modules = trainee
            ? []
            : (await programmes.All(ct))
                .SelectMany(p =>
                    p.Body.Columns.Select(m => new StructureModule(
                        p.ProgrammeId,
                        p.Body.Name ?? "",
                        m.Name,
                        [.. m.Techniques.Where(byCode.ContainsKey).Select(t => byCode[t])]
                    ))
                )
                .Where(m => m.Techniques.Count > 0)
                .ToList();
        var wrong = trainee
            ? []
            : lines
                .SelectMany(l =>
                    l.Brief.WrongClaims.Where(c => c.Structures.Contains(structure))
                        .Select(c => new StructureClaim(l.TechniqueId, l.Name, c.Text, c.Verdict, c.Correction))
                )
                .ToList();
        return TypedResults.Ok(
            new StructureUse(
                [.. works.Select(x => new StructureTechnique(x.Line.TechniqueId, x.Line.Name, x.Work.Mode, x.Work.Strength))],
                modules,
                wrong,
                [.. atlas.Document.Zones.Where(z => z.MusclesSuperficialToDeep.Contains(structure)).Select(z => z.Name)],
                await checks.Of(structure, ct)
            )
        );
    }

    private static async Task<Results<NoContent, ValidationProblem>> Check(
        string structure,
        StructureCheckDraft draft,
        ClaimsPrincipal user,
        Atlas atlas,
        StructureCheckStore checks,
        HouseDesk house,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        var today = house.Today;
        var slips = new[]
        {
            atlas.IsStructure(structure) ? null : new Issue("structure", IssueCodes.Unknown, structure, "a structure of the atlas"),
            Core.Measures.Check.Given(draft.CheckedBy, "checked_by", "who looked at it"),
            Core.Measures.Check.NoLongerThan(draft.CheckedBy, 120, "checked_by"),
            Core.Measures.Check.Given(draft.QualifiedAs, "qualified_as", "as what they are qualified"),
            Core.Measures.Check.NoLongerThan(draft.QualifiedAs, 120, "qualified_as"),
            draft.CheckedOn is null ? new("checked_on", IssueCodes.Missing, "", "the day of the check")
            : draft.CheckedOn > today
                ? new("checked_on", IssueCodes.OutOfRange, $"{draft.CheckedOn:yyyy-MM-dd}", $"today or earlier ({today:yyyy-MM-dd})")
            : null,
            draft.Verdict is null
                ? new("verdict", IssueCodes.Missing, "", string.Join(", ", Verdicts))
                : Core.Measures.Check.OneOf(draft.Verdict, Verdicts, "verdict"),
            draft.Verdict is "wrong" or "right-with-remarks"
                ? Core.Measures.Check.Given(draft.Remark, "remark", "what is not right")
                : null,
            Core.Measures.Check.NoLongerThan(draft.Remark, 600, "remark"),
        }.OfType<Issue>().ToList();
        if (slips.Count > 0)
            return Problems.Of(slips, "This check cannot be kept like this.");
        await checks.Add(
            structure,
            new(
                draft.CheckedOn!.Value,
                draft.CheckedBy!.Trim(),
                draft.QualifiedAs!.Trim(),
                draft.Verdict!,
                draft.Remark?.Trim() ?? "",
                true
            ),
            atlas.DataVersion,
            user.PersonId(),
            clock.GetUtcNow(),
            ct
        );
        return TypedResults.NoContent();
    }
}
