using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques;
using Wexis.Data;
using Wexis.Data.Techniques;
using Wexis.Server.People;
using Wexis.Server.Shell;

namespace Wexis.Server.Techniques;

/// <summary>A technique as opened: its newest edition and all that is derived from it.</summary>
public sealed record TechniqueView(Guid Id, string Code, int Edition, int Version, string Standing, bool Frozen, string ChangedBy, DateTimeOffset ChangedAt, TechniqueDocument Document, Derivation Derivation, IReadOnlyList<RelatedLine> Related);

/// <summary>A technique that belongs to this one, seen from here: told by either of the two.</summary>
/// <param name="As">easier, harder, or same-except: what the other is to this one.</param>
public sealed record RelatedLine(Guid? Id, string Code, string Name, string Standing, string As, bool ToldHere);

/// <summary>A dose that is to be longer or shorter, in what it counts, with its hold.</summary>
public sealed record DoseStretch(Dose Dose, double Standard, double? HoldSeconds);
public sealed record DoseWords(string Line);

/// <summary>Two bodies to be told apart in words.</summary>
public sealed record DifferenceAsked(TechniqueDocument Before, TechniqueDocument After);
public sealed record TechniqueSave(int Edition, int Version, TechniqueDocument Document);
public sealed record TechniqueAdd(Guid Id, TechniqueDocument Document);
public sealed record TechniqueSaved(Guid Id, int Edition, int Version, string Standing);

/// <summary>A technique file as text: one technique, or a list.</summary>
public sealed record TechniqueImport(string? Text);
public sealed record ImportedTechnique(Guid Id, string Name, string Standing, int Contradicted);

/// <param name="PersonNotes">How many person notes stood in the file; they are health data and were not kept.</param>
public sealed record TechniquesImported(IReadOnlyList<ImportedTechnique> Techniques, int PersonNotes);

public static class TechniqueEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/techniques").WithTags("Techniques");
        group.MapGet("", List).WithName("listTechniques");
        group.MapPost("/derive", Derive).RequireAuthorization(Policies.Staff).WithName("deriveTechnique");
        group.MapPost("/stroke", ReadStroke).RequireAuthorization(Policies.Staff).WithName("readStroke");
        group.MapPost("/rhythm", ReadRhythm).RequireAuthorization(Policies.Staff).WithName("readRhythm");
        group.MapPost("/dose", StretchDose).RequireAuthorization(Policies.Staff).WithName("stretchDose");
        group.MapPost("/difference", TellApart).RequireAuthorization(Policies.Staff).WithName("tellApart");
        group.MapPost("", Add).RequireAuthorization(Policies.Lead).WithName("addTechnique");
        group.MapPost("/import", Import).RequireAuthorization(Policies.Lead).WithName("importTechniques");
        group.MapGet("/export", Export).RequireAuthorization(Policies.Staff).WithName("exportTechniques");
        group.MapGet("/{id:guid}", Get).WithName("getTechnique");
        group.MapPut("/{id:guid}", Save).RequireAuthorization(Policies.Lead).WithName("saveTechnique");
    }

    /// <summary>A trainee learns from what is complete; drafts and parked ones are for those who write and examine.</summary>
    private static bool Readable(ClaimsPrincipal user, string standing) => !user.IsInRole(Roles.Trainee) || standing == "complete";

    private static async Task<Ok<IReadOnlyList<EditionLine>>> List(ClaimsPrincipal user, EditionStore editions, CancellationToken ct) =>
        TypedResults.Ok<IReadOnlyList<EditionLine>>([.. (await editions.Lines(ct)).Where(l => Readable(user, l.Standing))]);

    private static Ok<Derivation> Derive(TechniqueDocument document, TechniqueDesk desk) => TypedResults.Ok(desk.Derive(document));

    /// <summary>A line drawn on the plate, as places of the face.</summary>
    private static Results<Ok<StrokeReading>, ValidationProblem> ReadStroke(StrokeDrawing drawing, TechniqueDesk desk) =>
        Problems.Answer(StrokeReading.Of(drawing, desk.Atlas, desk.Settings), "This line cannot be read.");

    /// <summary>A rhythm tapped once, as count, hold and tempo.</summary>
    private static Results<Ok<TappedRhythm>, ValidationProblem> ReadRhythm(TappedPresses tapped) => Problems.Answer(TappedRhythm.Of(tapped), "This rhythm cannot be read.");

    /// <summary>The dose line after a block of the score was pulled longer or shorter.</summary>
    private static Results<Ok<DoseWords>, ValidationProblem> StretchDose(DoseStretch given)
    {
        var slips = new[] { Check.Between(given.Standard, 1, 600, "standard"), Check.Between(given.HoldSeconds, 0, 600, "hold_seconds", "s") }.OfType<Issue>().ToList();
        return slips.Count > 0 ? Problems.Of(slips, "The dose cannot be like this.") : TypedResults.Ok(new DoseWords(DoseLine.Stretched(given.Dose, given.Standard, given.HoldSeconds)));
    }

    private static Ok<IReadOnlyList<Difference>> TellApart(DifferenceAsked given, TechniqueDesk desk) =>
        TypedResults.Ok(TechniqueDifference.Of(given.Before, desk.Derive(given.Before), given.After, desk.Derive(given.After), desk.Atlas));

    private static async Task<Results<Ok<TechniqueView>, NotFound>> Get(Guid id, ClaimsPrincipal user, EditionStore editions, TechniqueDesk desk, CancellationToken ct)
    {
        var stored = await editions.NewestOf(id, ct);
        if (stored is null || !Readable(user, stored.Standing)) return TypedResults.NotFound();
        return TypedResults.Ok(new TechniqueView(id, stored.Code, stored.Edition, stored.Version, stored.Standing, stored.Frozen, stored.ChangedBy, stored.ChangedAt, stored.Body, desk.Derive(stored.Body), [.. (await RelatedTo(stored, editions, ct)).Where(r => Readable(user, r.Standing))]));
    }

    /// <summary>What either technique says of the two: whoever calls me easier is harder to me.</summary>
    private static async Task<IReadOnlyList<RelatedLine>> RelatedTo(StoredEdition stored, EditionStore editions, CancellationToken ct)
    {
        var lines = (await editions.Lines(ct)).ToDictionary(l => l.Code, StringComparer.Ordinal);
        var here = (stored.Body.Related ?? []).Select(r => new RelatedLine(lines.GetValueOrDefault(r.Id!)?.TechniqueId, r.Id!, lines.GetValueOrDefault(r.Id!)?.Name ?? r.Id!, lines.GetValueOrDefault(r.Id!)?.Standing ?? "draft", r.As!, true)).ToList();
        var there = (await editions.RelatedTo(stored.Code, ct)).Where(o => here.All(h => h.Code != o.Code))
            .Select(o => new RelatedLine(o.TechniqueId, o.Code, o.Name, o.Standing, o.Body.Related!.First(r => r.Id == stored.Code).As switch { "easier" => "harder", "harder" => "easier", var other => other! }, false));
        return [.. here, .. there];
    }

    private static async Task<Results<Ok<TechniqueSaved>, ValidationProblem>> Add(TechniqueAdd given, ClaimsPrincipal user, EditionStore editions, TechniqueDesk desk, TimeProvider clock, CancellationToken ct)
    {
        var derived = desk.Derive(given.Document);
        if (derived.Issues.Count > 0) return Problems.Of(derived.Issues, "The technique cannot be saved like this. Your text is kept here.");
        var standing = TechniqueDesk.Standing(derived);
        var code = given.Document.Id ?? $"tq-{given.Id:N}";
        var document = given.Document with { Schema = TechniqueDocument.CurrentSchema, Id = code };
        if (!await editions.Add(given.Id, code, document, standing, derived.Family, desk.Brief(derived, given.Document), user.PersonId(), clock.GetUtcNow(), ct))
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
        var (outcome, edition, version) = await editions.Save(id, given.Edition, given.Version, given.Document, standing, derived.Family, desk.Brief(derived, given.Document), user.PersonId(), clock.GetUtcNow(), ct);
        return outcome switch
        {
            SaveOutcome.Saved => TypedResults.Ok(new TechniqueSaved(id, edition, version, standing)),
            SaveOutcome.Stale => Problems.Stale("technique"),
            _ => TypedResults.NotFound(),
        };
    }

    /// <summary>Brings in a whole file, or nothing of it with a report line by line. A technique that breaks a stop rule comes in parked.</summary>
    private static async Task<Results<Ok<TechniquesImported>, ValidationProblem>> Import(TechniqueImport given, ClaimsPrincipal user, EditionStore editions, TechniqueDesk desk, TimeProvider clock, CancellationToken ct)
    {
        const string Refused = "Nothing was brought in. Mend these lines, then try again.";
        var read = TechniqueFile.Read(given.Text ?? "", desk.Atlas, desk.Model);
        if (read.Issues.Count > 0) return Lines(read.Issues.OrderBy(i => i.Line).Select(i => (i.Line, i.Text)), Refused);
        var added = read.Techniques.Select(t =>
        {
            var derived = desk.Derive(t.Document);
            var id = Guid.CreateVersion7();
            var code = t.Document.Id ?? $"tq-{id:N}";
            return (New: new NewTechnique(id, code, t.Document with { Schema = TechniqueDocument.CurrentSchema, Id = code }, TechniqueDesk.Standing(derived), derived.Family, desk.Brief(derived, t.Document)), Derived: derived);
        }).ToList();
        var unreadable = added.SelectMany((a, i) => a.Derived.Issues.Select(x => (Line: i + 1, x.Text))).ToList();
        if (unreadable.Count > 0) return Lines(unreadable, Refused);
        var taken = await editions.AddAll([.. added.Select(a => a.New)], user.PersonId(), clock.GetUtcNow(), ct);
        if (taken.Count > 0) return Problems.Of("file", $"These ids are taken: {string.Join(", ", taken)}. Give them other ids, or take the techniques out of the file.", Refused);
        return TypedResults.Ok(new TechniquesImported([.. added.Select(a => new ImportedTechnique(a.New.Id, a.New.Body.Name!, a.New.Standing, a.New.Brief.Contradicted))], read.Techniques.Count(t => t.Person is not null)));
    }

    private static ValidationProblem Lines(IEnumerable<(int Line, string Text)> lines, string title) =>
        TypedResults.ValidationProblem(lines.GroupBy(l => l.Line).ToDictionary(g => $"line {g.Key}", g => g.Select(l => l.Text).ToArray(), StringComparer.Ordinal), title: title);

    /// <summary>The newest edition of every technique, as <c>wexis.technique-list/1</c>.</summary>
    private static async Task<Ok<TechniqueList>> Export(EditionStore editions, CancellationToken ct) =>
        TypedResults.Ok(new TechniqueList(TechniqueFile.ListSchema, [.. (await editions.AllNewest(ct)).Select(e => e.Body)]));
}

public sealed record TechniqueList(string Schema, IReadOnlyList<TechniqueDocument> Techniques);
