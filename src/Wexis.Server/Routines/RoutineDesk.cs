using Wexis.Core.Measures;
using Wexis.Core.Routines;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Words;
using Wexis.Data.Techniques;
using Wexis.Server.Techniques;

namespace Wexis.Server.Routines;

/// <summary>All that is said of a routine the moment it changes; nothing in it is typed by anyone.</summary>
/// <param name="Sum">Null while a slip in a part stands in the way.</param>
/// <param name="Scripts">What is said, for each viewer.</param>
public sealed record RoutineReading(
    IReadOnlyList<Issue> Issues,
    RoutineSum? Sum,
    IReadOnlyList<RoutineRemark> Remarks,
    IReadOnlyList<TimelineBlock> Timeline,
    IReadOnlyList<RoutineScript> Scripts
);

/// <summary>Reads routines with the house's techniques, atlas, styles and settings.</summary>
public sealed class RoutineDesk(TechniqueDesk desk, EditionStore editions)
{
    /// <summary>The editions that a routine pins, each derived once.</summary>
    private sealed class Shelf(
        IReadOnlyDictionary<(string Code, int Edition), StoredEdition> stored,
        IReadOnlySet<string> codes,
        TechniqueDesk desk
    ) : IRoutineLibrary
    {
        public bool Knows(string code) => codes.Contains(code);

        public RoutineTechnique? Find(string code, int edition) =>
            stored.TryGetValue((code, edition), out var found)
                ? new(code, edition, found.Standing, found.Body, desk.DerivationOf(found))
                : null;

        public Derivation Derive(TechniqueDocument document) => desk.Derive(document);
    }

    public async Task<IRoutineLibrary> Library(RoutineDocument document, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(document);
        var pins = document.AllParts.Where(p => p?.Technique is not null).ToList();
        var pairs = pins.Where(p => p.Edition is not null).Select(p => (p.Technique!, p.Edition!.Value)).Distinct().ToList();
        var stored = (await editions.Named(pairs, ct)).ToDictionary(e => (e.Code, e.Edition));
        var known = (await editions.NamesOf([.. pins.Select(p => p.Technique!).Distinct()], ct)).Keys.ToHashSet(StringComparer.Ordinal);
        return new Shelf(stored, known, desk);
    }

    /// <param name="rate">Words a minute of whoever leads it; null: the usual ones.</param>
    public async Task<RoutineReading> Read(RoutineDocument document, CancellationToken ct, double? rate = null)
    {
        var library = await Library(document, ct);
        var issues = RoutineValidation.Issues(document, library, desk.Atlas);
        if (issues.Any(i => i.Path.StartsWith("parts", StringComparison.Ordinal)))
            return new(issues, null, [], [], []);
        var parts = RoutineSum.Lay(document, library);
        return new(
            issues,
            RoutineSum.Of(parts, desk.Atlas, desk.Settings),
            RoutineReview.Of(document, parts, desk.Atlas, desk.Schools),
            RoutineTimeline.Of(parts, desk.Atlas, desk.Settings),
            [.. ViewerWords.Viewers.Select(v => RoutineScript.Of(parts, v, rate, desk.Settings))]
        );
    }
}
