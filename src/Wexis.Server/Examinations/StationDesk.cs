using Wexis.Core.Examinations;
using Wexis.Core.Measures;
using Wexis.Core.Routines;
using Wexis.Core.Techniques.Documents;
using Wexis.Data.Examinations;
using Wexis.Data.Routines;
using Wexis.Data.Techniques;
using Wexis.Server.Routines;
using Wexis.Server.Techniques;

namespace Wexis.Server.Examinations;

/// <summary>What a new station examines, and the sheet drafted for it.</summary>
public sealed record StationDraft(StationSubject Subject, MarkSheet Sheet);

/// <summary>Why a station cannot be added: at which field, in a sentence.</summary>
public sealed record Refusal(string Path, string Says);

/// <summary>Drafts mark sheets from the house's techniques and routines.</summary>
public sealed class StationDesk(TechniqueDesk desk, RoutineDesk routineDesk, EditionStore editions, RoutineStore routines)
{
    /// <summary>Techniques that one station can hold: more are not shown with care.</summary>
    private const int MostTechniques = 20;

    /// <returns>Neither where there is no such technique.</returns>
    public async Task<(StationDraft? Draft, Refusal? Refusal)> Draft(StationAdd given, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(given);
        var kind = given.Kind ?? DemonstrationKind.Oneself;
        if (kind == DemonstrationKind.Everyday)
            return Refused("kind", "A lesson or a practice is graded without an examination. Choose it under Grading.");
        if (given.RoutineId is { } routine)
            return await OfRoutine(kind, routine, ct);
        var ids = given.TechniqueId is { } one ? [one] : given.TechniqueIds ?? [];
        if (ids.Count == 0)
            return Refused("technique_id", "Choose what is shown: a technique or a routine.");
        if (kind == DemonstrationKind.Several ? ids.Count is < 2 or > MostTechniques : ids.Count > 1)
            return Refused(
                "technique_ids",
                kind == DemonstrationKind.Several
                    ? $"Several in a row are two to {MostTechniques} techniques; {ids.Count} were chosen."
                    : "This kind of demonstration shows one technique. Choose several in a row, or one technique."
            );
        var chosen = new List<StoredEdition>();
        foreach (var id in ids)
        {
            if (await editions.NewestOf(id, ct) is not { } edition)
                return (null, null);
            if (NotTeachable(edition) is { } says)
                return Refused("technique_id", says);
            chosen.Add(edition);
        }
        var several = chosen.Count > 1;
        var seen = chosen.Select(e => new SeenEdition<Kinds.Technique>(e.TechniqueId, e.Edition, e.Version)).ToList();
        return (
            new(
                new(seen[0], null, several ? seen : []),
                MarkSheetDraft.Of(
                    kind,
                    chosen[0].Code,
                    string.Join(", ", chosen.Select(e => e.Name)),
                    chosen[0].Edition,
                    [.. chosen.Select(PartOf)],
                    desk.Atlas,
                    desk.Model,
                    desk.Settings
                )
            ),
            null
        );
    }

    /// <summary>Three criteria of an edition, for a lesson or practice.</summary>
    public MarkSheet InPassing(StoredEdition edition)
    {
        ArgumentNullException.ThrowIfNull(edition);
        return MarkSheetDraft.Of(
            DemonstrationKind.Everyday,
            edition.Code,
            edition.Name,
            edition.Edition,
            [PartOf(edition)],
            desk.Atlas,
            desk.Model,
            desk.Settings
        );
    }

    /// <summary>Why an edition is not examined; null when it may be.</summary>
    public string? NotTeachable(StoredEdition edition)
    {
        ArgumentNullException.ThrowIfNull(edition);
        return edition.Standing.Teachable() ? null
            : edition.Standing == EditionStanding.Parked
                ? $"“{edition.Name}” is an unsafe example: it breaks a stop rule and is not examined."
            : $"“{edition.Name}” is a draft with {desk.DerivationOf(edition).Questions.Count} open questions. Answer them first.";
    }

    private async Task<(StationDraft? Draft, Refusal? Refusal)> OfRoutine(DemonstrationKind kind, RoutineId id, CancellationToken ct)
    {
        if (kind is not (DemonstrationKind.Group or DemonstrationKind.Several))
            return Refused("kind", "A routine is led with a group, or shown as several techniques in a row.");
        if (await routines.ById(id, ct) is not { } stored)
            return Refused("routine_id", "There is no such routine in your studio.");
        var laid = RoutineSum.Lay(stored.Body, await routineDesk.Library(stored.Body, ct));
        if (
            laid.FirstOrDefault(p => p.Part.Technique is not null && (p.Technique is null || !p.Technique.Standing.Teachable())) is
            { } missing
        )
            return Refused(
                "routine_id",
                $"“{missing.Technique?.Document.Name ?? missing.Part.Technique}” of this routine may not be taught. Mend the routine first."
            );
        var parts = laid.Where(p => p.Technique is not null)
            .Select(p => new SheetPart(
                p.Technique!.Code,
                p.Technique.Edition,
                p.Technique.Document.Name ?? "",
                p.Technique.Document,
                p.Derived!
            ))
            .ToList();
        if (parts.Count is 0 or > MostTechniques)
            return Refused("routine_id", $"A station shows one to {MostTechniques} techniques; this routine has {parts.Count}.");
        var named = (await editions.Named([.. parts.Select(p => (p.Technique, p.Edition)).Distinct()], ct)).ToDictionary(e =>
            (e.Code, e.Edition)
        );
        return (
            new(
                new(
                    null,
                    new(stored.RoutineId, stored.Edition, stored.Version),
                    [
                        .. parts
                            .Select(p => named[(p.Technique, p.Edition)])
                            .Select(e => new SeenEdition<Kinds.Technique>(e.TechniqueId, e.Edition, e.Version)),
                    ]
                ),
                MarkSheetDraft.Of(kind, $"{id}", stored.Body.Name ?? "", stored.Edition, parts, desk.Atlas, desk.Model, desk.Settings)
            ),
            null
        );
    }

    private SheetPart PartOf(StoredEdition e) => new(e.Code, e.Edition, e.Name, e.Body, desk.DerivationOf(e));

    private static (StationDraft? Draft, Refusal? Refusal) Refused(string path, string says) => (null, new(path, says));
}
