using Microsoft.AspNetCore.Http.HttpResults;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Library;
using Wexis.Core.Techniques.Notes;
using Wexis.Core.Techniques.Strokes;
using Wexis.Data.Techniques;
using Wexis.Server.Shell;

namespace Wexis.Server.Techniques;

/// <summary>A dose that is to be longer or shorter, in what it counts, with its hold.</summary>
public sealed record DoseStretch(Dose Dose, double Standard, double? HoldSeconds);

public sealed record DoseWords(string Line);

/// <summary>Two bodies to be told apart in words.</summary>
public sealed record DifferenceAsked(TechniqueDocument Before, TechniqueDocument After);

/// <summary>Old notes as pasted, and what was said of their garbled words so far.</summary>
/// <param name="ForAll">What they never say, said once for all of them.</param>
public sealed record PastedNotes(string? Text, IReadOnlyList<ConfirmedWord>? Confirmed = null, SaidForAll? ForAll = null);

/// <summary>A page of text whose claims are to be read.</summary>
/// <param name="Technique">What the page is about; null where it tells that itself.</param>
public sealed record PastedPage(string? Text, TechniqueId? Technique = null);

/// <summary>What the editor asks of the core while a technique is entered. Nothing here is stored.</summary>
public static class EnteringEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/techniques").WithTags("Techniques").RequireAuthorization(Policies.Staff);
        group.MapPost("/stroke", ReadStroke).WithName("readStroke");
        group.MapPost("/rhythm", ReadRhythm).WithName("readRhythm");
        group.MapPost("/dose", StretchDose).WithName("stretchDose");
        group.MapPost("/difference", TellApart).WithName("tellApart");
        group.MapPost("/notes", ReadNotes).WithName("readNotes");
        group.MapPost("/claims", ReadClaims).WithName("readClaims");
    }

    /// <summary>A line drawn on the plate, as places of the face.</summary>
    private static Results<Ok<StrokeReading>, ValidationProblem> ReadStroke(StrokeDrawing drawing, TechniqueDesk desk) =>
        Problems.Answer(StrokeReading.Of(drawing, desk.Atlas, desk.Settings), "This line cannot be read.");

    /// <summary>A rhythm tapped once, as count, hold and tempo.</summary>
    private static Results<Ok<TappedRhythm>, ValidationProblem> ReadRhythm(TappedPresses tapped) =>
        Problems.Answer(TappedRhythm.Of(tapped), "This rhythm cannot be read.");

    /// <summary>The dose line after a block of the score was pulled longer or shorter.</summary>
    private static Results<Ok<DoseWords>, ValidationProblem> StretchDose(DoseStretch given)
    {
        var slips = new[]
        {
            Check.Between(given.Standard, 1, 600, "standard"),
            Check.Between(given.HoldSeconds, 0, 600, "hold_seconds", "s"),
        }
            .OfType<Issue>()
            .ToList();
        return slips.Count > 0
            ? Problems.Of(slips, "The dose cannot be like this.")
            : TypedResults.Ok(new DoseWords(DoseLine.Stretched(given.Dose, given.Standard, given.HoldSeconds)));
    }

    private static Ok<IReadOnlyList<Difference>> TellApart(DifferenceAsked given, TechniqueDesk desk) =>
        TypedResults.Ok(TechniqueDifference.Of(given.Before, desk.Derive(given.Before), given.After, desk.Derive(given.After), desk.Atlas));

    /// <summary>Pasted prose as draft steps, with everything that is unknown in it.</summary>
    private static Results<Ok<NoteReading>, ValidationProblem> ReadNotes(PastedNotes notes, TechniqueDesk desk) =>
        Problems.Answer(
            OldNotes.Read(notes.Text ?? "", desk.Atlas, desk.Settings, notes.Confirmed, notes.ForAll),
            "These notes cannot be read."
        );

    /// <summary>A handbook or a sales page, claim by claim, with what may be said instead.</summary>
    private static async Task<Results<Ok<ClaimPage>, ValidationProblem, NotFound>> ReadClaims(
        PastedPage page,
        TechniqueDesk desk,
        EditionStore editions,
        CancellationToken ct
    )
    {
        TechniqueDocument? about = null;
        if (page.Technique is { } id)
        {
            if (await editions.NewestOf(id, ct) is not { } edition)
                return TypedResults.NotFound();
            about = edition.Body;
        }
        var read = ClaimPage.Of(page.Text ?? "", about, desk.Atlas, desk.Model, desk.Settings);
        return read.Value is { } found ? TypedResults.Ok(found) : Problems.Of(read.Issues, "This page cannot be read.");
    }
}
