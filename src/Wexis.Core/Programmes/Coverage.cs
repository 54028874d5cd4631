using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Programmes;

/// <summary>How far a structure is covered: primary or secondary and active; so but never active; incidental or skin only; not.</summary>
[ClosedList]
public enum Covered
{
    Actively,
    Otherwise,
    Touched,
    No,
}

/// <summary>How one structure is worked in one module.</summary>
public sealed record CoverageCell(
    string Module,
    IReadOnlyList<Mode> Modes,
    Strength Strength,
    double Seconds,
    IReadOnlyList<string> Techniques
);

/// <summary>One line of the coverage matrix.</summary>
/// <param name="Promised">How it is promised: actively, any, or null when it is not.</param>
/// <param name="Kept">Whether the promise is kept; null when nothing is promised.</param>
public sealed record CoverageLine(
    string Structure,
    string Name,
    PromiseKind? Promised,
    Covered Covered,
    bool? Kept,
    string Says,
    IReadOnlyList<CoverageCell> Cells
);

/// <summary>
/// What is worked in which module. Covered means primary or secondary in a taught technique; actively when tightened, held against or let
/// out slowly.
/// </summary>
internal static class Coverage
{
    public static IReadOnlyList<CoverageLine> Of(
        ProgrammeDocument programme,
        IReadOnlyDictionary<string, TaughtTechnique> techniques,
        Atlas atlas
    )
    {
        var cells = programme
            .Columns.SelectMany(c =>
                c.Techniques.Where(techniques.ContainsKey)
                    .Where(t => techniques[t].Standing != DerivedStanding.Stopped)
                    .SelectMany(t => techniques[t].Map.Worked.Select(r => (Column: c, Technique: techniques[t], Row: r)))
            )
            .ToList();
        var promised = programme.AllStructures.ToDictionary(
            p => p.Structure,
            p => ClosedList.Of<PromiseKind>(p.How),
            StringComparer.Ordinal
        );
        var structures = programme
            .AllStructures.Select(p => p.Structure)
            .Concat(cells.Where(c => Counts(c.Row)).Select(c => c.Row.Structure))
            .Distinct()
            .ToList();
        return
        [
            .. structures
                .Select(s => Line(s, promised.GetValueOrDefault(s), [.. cells.Where(c => c.Row.Structure == s)], programme, atlas))
                .OrderBy(l => l.Promised is null)
                .ThenBy(l => l.Kept == true)
                .ThenBy(l => l.Name, StringComparer.Ordinal),
        ];
    }

    /// <summary>Whether a row covers its structure: what only comes along does not, and fluid covers skin and lymph alone.</summary>
    public static bool Counts(WorkedRow row) =>
        row.Strength != Strength.Incidental && (row.Mode != Mode.SkinLymph || row.Structure is "skin" or "superficial-lymph");

    private static CoverageLine Line(
        string structure,
        PromiseKind? promised,
        IReadOnlyList<(ProgrammeColumn Column, TaughtTechnique Technique, WorkedRow Row)> rows,
        ProgrammeDocument programme,
        Atlas atlas
    )
    {
        var counted = rows.Where(r => Counts(r.Row)).ToList();
        var active = counted.Where(r => r.Row.Mode.IsActive()).ToList();
        var covered =
            active.Count > 0 ? Covered.Actively
            : counted.Count > 0 ? Covered.Otherwise
            : rows.Count > 0 ? Covered.Touched
            : Covered.No;
        bool? kept = promised switch
        {
            null => null,
            PromiseKind.Actively => covered == Covered.Actively,
            _ => covered is Covered.Actively or Covered.Otherwise,
        };
        var cells = programme
            .Columns.Select(c => (Column: c, Rows: rows.Where(r => r.Column.Id == c.Id).ToList()))
            .Where(x => x.Rows.Count > 0)
            .Select(x => new CoverageCell(
                x.Column.Id,
                [.. x.Rows.Select(r => r.Row.Mode).Distinct().Order()],
                x.Rows.Select(r => r.Row.Strength).Min(),
                x.Rows.Sum(r => r.Row.Seconds.Standard),
                [.. x.Rows.Select(r => r.Technique.Name).Distinct()]
            ))
            .ToList();
        return new(
            structure,
            atlas.BothNames(structure),
            promised,
            covered,
            kept,
            Says(
                promised,
                covered,
                active.Count > 0 ? active
                    : counted.Count > 0 ? counted
                    : [.. rows]
            ),
            cells
        );
    }

    private static string Says(
        PromiseKind? promised,
        Covered covered,
        IReadOnlyList<(ProgrammeColumn Column, TaughtTechnique Technique, WorkedRow Row)> by
    )
    {
        var techniques = string.Join(", ", by.Select(b => b.Technique.Name).Distinct().Take(3));
        var modes = string.Join(", ", by.Select(b => b.Row.Mode).Distinct().Order().Select(m => m.Plain()));
        return covered switch
        {
            Covered.Actively => $"{modes} in {techniques}",
            Covered.Otherwise when promised == PromiseKind.Actively => $"only {modes} in {techniques}: that does not train it",
            Covered.Otherwise => $"{modes} in {techniques}",
            Covered.Touched => $"only in passing, in {techniques}",
            _ => "no taught technique works it",
        };
    }
}
