using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;
using Wexis.Data.Techniques;
using Wexis.Server.Shell;

namespace Wexis.Server.Techniques;

/// <summary>A technique file as text: one technique, or a list.</summary>
public sealed record TechniqueImport(string? Text);

public sealed record ImportedTechnique(TechniqueId Id, string Name, EditionStanding Standing, int Contradicted);

/// <param name="PersonNotes">How many person notes stood in the file; they are health data and were not kept.</param>
/// <param name="Import">By which all of it can be taken back.</param>
public sealed record TechniquesImported(ImportId Import, IReadOnlyList<ImportedTechnique> Techniques, int PersonNotes);

/// <param name="Brought">How many came in.</param>
/// <param name="Taken">Ids that were there already; these were left as they are.</param>
/// <param name="Import">By which all of it can be taken back.</param>
public sealed record ShippedBrought(ImportId Import, int Brought, IReadOnlyList<string> Taken);

public sealed record TechniqueList(string Schema, IReadOnlyList<TechniqueDocument> Techniques);

/// <param name="Changed">Techniques whose facts were changed.</param>
/// <param name="Added">New drafts.</param>
/// <param name="Import">By which all of it can be taken back.</param>
public sealed record TableBrought(ImportId Import, int Changed, int Added);

/// <param name="Changed">Techniques that say again what they said before.</param>
/// <param name="Deleted">Techniques that had come in; they can be brought back from the archive.</param>
public sealed record ImportTakenBack(int Changed, int Deleted);

/// <summary>The table as text (RFC 4180).</summary>
public sealed record TableText(string? Text);

/// <summary>Techniques come in and go out as open files: JSON for all of it, CSV for the library's facts.</summary>
public static class TechniqueFileEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/techniques").WithTags("Techniques");
        group.MapPost("/import", Import).RequireAuthorization(Policies.Lead).WithName("importTechniques");
        group.MapPost("/shipped", BringShipped).RequireAuthorization(Policies.Lead).WithName("bringShippedTechniques");
        group.MapPost("/imports/{import:guid}/take-back", TakeBack).RequireAuthorization(Policies.Lead).WithName("takeBackImport");
        group.MapGet("/export", Export).RequireAuthorization(Policies.Staff).WithName("exportTechniques");
        group.MapGet("/table", Table).RequireAuthorization(Policies.Staff).WithName("getTechniqueTable");
        group.MapPost("/table", BringTable).RequireAuthorization(Policies.Lead).WithName("bringTechniqueTable");
    }

    /// <summary>
    /// Brings in a whole file, or nothing of it with a report line by line. A technique that breaks a stop rule comes in parked.
    /// </summary>
    private static async Task<Results<Ok<TechniquesImported>, ValidationProblem>> Import(
        TechniqueImport given,
        ClaimsPrincipal user,
        ImportStore imports,
        TechniqueDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        const string Refused = "Nothing was brought in. Mend these lines, then try again.";
        var read = TechniqueFile.Read(given.Text ?? "", desk.Atlas, desk.Model);
        if (read.Issues.Count > 0)
            return Lines(read.Issues.OrderBy(i => i.Line).Select(i => (i.Line, i.Text)), Refused);
        if (read.Techniques.Count > Limits.MostTechniques)
            return TooMany(read.Techniques.Count, "techniques", Refused);
        var added = read
            .Techniques.Select(t =>
            {
                var derived = desk.Derive(t.Document);
                return (New: desk.New(TechniqueId.New(), t.Document, derived), Derived: derived);
            })
            .ToList();
        var unreadable = added.SelectMany((a, i) => a.Derived.Issues.Select(x => (Line: i + 1, x.Text))).ToList();
        if (unreadable.Count > 0)
            return Lines(unreadable, Refused);
        var import = ImportId.New();
        var taken = await imports.Bring(import, [], [.. added.Select(a => a.New)], user.PersonId(), clock.GetUtcNow(), ct);
        if (taken.Count > 0)
            return Problems.Of(
                "file",
                $"These ids are taken: {string.Join(", ", taken)}. Give them other ids, or take the techniques out of the file.",
                Refused
            );
        return TypedResults.Ok(
            new TechniquesImported(
                import,
                [.. added.Select(a => new ImportedTechnique(a.New.Id, a.New.Body.Name!, a.New.Standing, a.New.Brief.Contradicted))],
                read.Techniques.Count(t => t.Person is not null)
            )
        );
    }

    private static ValidationProblem TooMany(int count, string what, string title) =>
        Problems.Of("file", $"file: {count} {what}. At most {Limits.MostTechniques} come in at once; bring it in parts.", title);

    private static ValidationProblem Lines(IEnumerable<(int Line, string Text)> lines, string title) =>
        TypedResults.ValidationProblem(
            lines.GroupBy(l => l.Line).ToDictionary(g => $"line {g.Key}", g => g.Select(l => l.Text).ToArray(), StringComparer.Ordinal),
            title: title
        );

    /// <summary>The newest edition of every technique, as <c>wexis.technique-list/1</c>.</summary>
    private static async Task<Ok<TechniqueList>> Export(EditionStore editions, CancellationToken ct) =>
        TypedResults.Ok(new TechniqueList(TechniqueFile.ListSchema, [.. (await editions.AllNewest(ct)).Select(e => e.Body)]));

    /// <summary>The techniques that ship with Wexis; those whose id is taken stay as they are.</summary>
    private static async Task<Ok<ShippedBrought>> BringShipped(
        ClaimsPrincipal user,
        EditionStore editions,
        ImportStore imports,
        TechniqueDesk desk,
        DataFolder folder,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        var here = await editions.Codes(ct);
        var shipped = TechniqueDesk.Shipped(folder);
        var fresh = shipped.Where(d => !here.Contains(d.Id!)).Select(d => desk.New(TechniqueId.New(), d)).ToList();
        var import = ImportId.New();
        var raced = await imports.Bring(import, [], fresh, user.PersonId(), clock.GetUtcNow(), ct);
        return TypedResults.Ok(
            new ShippedBrought(
                import,
                raced.Count > 0 ? 0 : fresh.Count,
                [.. shipped.Where(d => here.Contains(d.Id!)).Select(d => d.Id!), .. raced]
            )
        );
    }

    /// <summary>The library's facts as CSV with a head line.</summary>
    private static async Task<FileContentHttpResult> Table(EditionStore editions, CancellationToken ct) =>
        TypedResults.File(
            System.Text.Encoding.UTF8.GetBytes(
                LibraryTable.Write(
                    (await editions.Lines(ct)).Select(l => new ShelvedTechnique(l.Code, l.Name, l.Region, l.School, l.Standing, l.Brief))
                )
            ),
            "text/csv",
            "techniques.csv"
        );

    /// <summary>Facts from a table: of techniques that are there, and new drafts. All of it or nothing.</summary>
    private static async Task<Results<Ok<TableBrought>, ValidationProblem>> BringTable(
        TableText given,
        ClaimsPrincipal user,
        EditionStore editions,
        ImportStore imports,
        TechniqueDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        const string Refused = "Nothing was brought in. Mend these lines, then try again.";
        var read = LibraryTable.Read(given.Text ?? "", desk.Atlas);
        if (read.Value is not { } rows)
            return Problems.Of(read.Issues, Refused);
        if (rows.Facts.Count > Limits.MostTechniques)
            return TooMany(rows.Facts.Count, "rows", Refused);
        var here = (await editions.AllNewest(ct)).ToDictionary(e => e.Code, StringComparer.Ordinal);
        var changes = rows
            .Facts.Where(r => here.ContainsKey(r.Id))
            .Select(r => (Stored: here[r.Id], Body: r.On(here[r.Id].Body)))
            .Where(c => c.Body != c.Stored.Body)
            .ToList();
        var added = rows
            .Facts.Where(r => !here.ContainsKey(r.Id))
            .Select(r => desk.New(TechniqueId.New(), r.On(TechniqueDocument.Empty)))
            .ToList();
        var import = ImportId.New();
        var refused = await imports.Bring(
            import,
            [.. changes.Select(c => (c.Stored, desk.New(c.Stored.TechniqueId, c.Body)))],
            added,
            user.PersonId(),
            clock.GetUtcNow(),
            ct
        );
        return refused.Count > 0
            ? Problems.Of(
                "file",
                $"“{refused[0]}” was changed by somebody else while the table was read, or its id is taken. Take the table out again.",
                Refused
            )
            : TypedResults.Ok(new TableBrought(import, changes.Count, added.Count));
    }

    /// <summary>Takes back all that one import brought, or nothing when something of it was changed or used since.</summary>
    private static async Task<Results<Ok<ImportTakenBack>, NotFound, Conflict<ProblemDetails>>> TakeBack(
        ImportId import,
        ClaimsPrincipal user,
        ImportStore imports,
        TechniqueDesk desk,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        var parts = await imports.Parts(import, ct);
        if (parts.Count == 0)
            return TypedResults.NotFound();
        var restored = parts.Where(p => p.Before is not null).ToDictionary(p => p.TechniqueId, p => desk.New(p.TechniqueId, p.Before!));
        var since = await imports.TakeBack(import, parts, restored, user.PersonId(), clock.GetUtcNow(), ct);
        if (since.Count == 0)
            return TypedResults.Ok(new ImportTakenBack(restored.Count, parts.Count - restored.Count));
        return TypedResults.Conflict(
            new ProblemDetails
            {
                Status = 409,
                Title = "It cannot be taken back as a whole any more. Nothing was changed.",
                Detail =
                    $"Changed or used since: {string.Join(", ", since.Take(8))}{(since.Count > 8 ? $" and {since.Count - 8} more" : "")}.",
            }
        );
    }
}
