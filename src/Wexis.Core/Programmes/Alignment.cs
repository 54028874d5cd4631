using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Routines;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Programmes;

/// <summary>Where what is promised, taught and assessed do not meet.</summary>
[ClosedList]
public enum AlignmentKind
{
    PromisedNotTaught,
    TaughtNotAssessed,
    AssessedBeforeTaught,
    AssessedNotTaught,
    AssessedNotPromised,
    StructureNotWorked,
    OnlyMassaged,
    WithoutPartner,
    TrainedAndRelaxed,
    OneStyleOnly,
}

/// <summary>A change that mends a remark, or several.</summary>
/// <param name="Words">What is done and what it brings, in one line.</param>
/// <param name="Unit">Id of the unit that changes.</param>
/// <param name="Technique">Id of the technique that it teaches then; null: none.</param>
/// <param name="Outcome">Id of the outcome that it serves then; null: none.</param>
/// <param name="Minutes">That the unit gets more.</param>
public sealed record ProgrammeRepair(string Words, string Unit, string? Technique, string? Outcome, int Minutes);

/// <summary>One remark on how promise, teaching and assessment meet.</summary>
/// <param name="Id">Under which it can be kept as it is, with a reason.</param>
/// <param name="IsGap">Counts as a gap: something promised is not kept. Other remarks are to be thought about.</param>
/// <param name="KeptBecause">The reason it is kept as it is; null: it is not.</param>
public sealed record AlignmentRemark(
    string Id,
    AlignmentKind Kind,
    string Says,
    bool IsGap,
    string? KeptBecause,
    IReadOnlyList<ProgrammeRepair> Repairs
);

/// <summary>An outcome over the units: where it is taught and where assessed.</summary>
public sealed record OutcomeLine(
    string Outcome,
    string Text,
    bool Covered,
    IReadOnlyList<string> Modules,
    IReadOnlyList<string> TaughtIn,
    IReadOnlyList<string> AssessedIn
);

/// <summary>
/// Constructive alignment (Biggs 1996, Higher Education 32): what is promised is taught, what is taught is assessed, in this order. See
/// docs/method.md#alignment.
/// </summary>
internal sealed class Alignment(
    ProgrammeDocument programme,
    IReadOnlyDictionary<string, TaughtTechnique> techniques,
    IReadOnlyList<CoverageLine> coverage,
    Atlas atlas,
    IReadOnlyList<TaughtTechnique> library
)
{
    private const int MostRepairs = 2;

    public IReadOnlyList<OutcomeLine> Outcomes() =>
        [
            .. programme.AllOutcomes.Select(o =>
            {
                var units = programme.AllUnits.Where(u => u.AllOutcomes.Contains(o.Id)).ToList();
                IReadOnlyList<string> Ids(bool assessed) =>
                    [.. units.Where(u => u.IsA == UnitKind.Assessment == assessed).Select(u => u.Id)];
                return new OutcomeLine(
                    o.Id,
                    o.Says,
                    units.Count > 0,
                    [.. units.Select(NameOfColumn).Distinct(StringComparer.Ordinal)],
                    Ids(false),
                    Ids(true)
                );
            }),
        ];

    private string NameOfColumn(ProgrammeUnit unit) => programme.AllModules.FirstOrDefault(m => m.Id == unit.Module)?.Name ?? unit.Name;

    public IReadOnlyList<AlignmentRemark> Remarks() =>
        [.. OfOutcomes().Concat(OfAssessments()).Concat(OfStructures()).Concat(OfWork()).Concat(OfStyles())];

    private AlignmentRemark Remark(string id, AlignmentKind kind, string says, bool gap, params IEnumerable<ProgrammeRepair> repairs) =>
        new(id, kind, says, gap, programme.ReasonFor(id), [.. repairs.Take(MostRepairs)]);

    private IEnumerable<AlignmentRemark> OfOutcomes()
    {
        var assesses = programme.AllUnits.Any(u => u.IsA == UnitKind.Assessment);
        var place = programme.AllUnits.Select((u, i) => (u.Id, i)).ToDictionary(x => x.Id, x => x.i, StringComparer.Ordinal);
        foreach (var line in Outcomes())
        {
            if (line.TaughtIn.Count == 0)
                yield return Remark(
                    $"not-taught:{line.Outcome}",
                    AlignmentKind.PromisedNotTaught,
                    line.AssessedIn.Count == 0
                        ? $"Promised, and not taught: “{line.Text}”."
                        : $"Promised and assessed, and not taught: “{line.Text}”.",
                    gap: true,
                    Serving(line.Outcome, UnitKind.Theory, UnitKind.SupervisedPractice, UnitKind.Demonstration)
                );
            if (line.AssessedIn.Count == 0 && line.TaughtIn.Count > 0 && assesses)
                yield return Remark(
                    $"not-assessed:{line.Outcome}",
                    AlignmentKind.TaughtNotAssessed,
                    $"Taught, and never assessed: “{line.Text}”.",
                    gap: true,
                    Serving(line.Outcome, UnitKind.Assessment)
                );
            if (
                line.AssessedIn.Count > 0
                && line.TaughtIn.Count > 0
                && line.AssessedIn.Min(u => place[u]) is var tested
                && line.TaughtIn.Min(u => place[u]) > tested
            )
                yield return Remark(
                    $"before-taught:{line.Outcome}",
                    AlignmentKind.AssessedBeforeTaught,
                    $"Assessed in “{programme.AllUnits[tested].Name}” before it is taught: “{line.Text}”.",
                    gap: true
                );
        }
    }

    /// <summary>An outcome put into the last unit of a kind.</summary>
    private IEnumerable<ProgrammeRepair> Serving(string outcome, params UnitKind[] kinds)
    {
        var assessed = kinds.Contains(UnitKind.Assessment);
        return programme
            .AllUnits.Where(u => kinds.Contains(u.IsA))
            .Reverse()
            .Select(u => new ProgrammeRepair($"{(assessed ? "assess" : "teach")} it in “{u.Name}”", u.Id, null, outcome, 0));
    }

    private IEnumerable<AlignmentRemark> OfAssessments()
    {
        var taught = programme
            .AllUnits.Where(u => u.IsA != UnitKind.Assessment)
            .SelectMany(u => u.AllTechniques)
            .ToHashSet(StringComparer.Ordinal);
        foreach (var unit in programme.AllUnits.Where(u => u.IsA == UnitKind.Assessment))
        {
            foreach (var technique in unit.AllTechniques.Where(t => !taught.Contains(t)))
                yield return Remark(
                    $"shown-not-taught:{unit.Id}.{technique}",
                    AlignmentKind.AssessedNotTaught,
                    $"“{NameOf(technique)}” is shown in “{unit.Name}”, and no unit teaches it.",
                    gap: true,
                    Teaching(technique)
                );
            if (unit.AllOutcomes.Count == 0 && programme.AllOutcomes.Count > 0)
                yield return Remark(
                    $"not-promised:{unit.Id}",
                    AlignmentKind.AssessedNotPromised,
                    $"“{unit.Name}” assesses nothing that is promised: choose its outcomes.",
                    gap: false
                );
        }
    }

    private string NameOf(string technique) => techniques.TryGetValue(technique, out var t) ? t.Name : technique;

    private IEnumerable<AlignmentRemark> OfStructures()
    {
        foreach (var line in coverage.Where(l => l.Kept == false))
            yield return line.Covered is Covered.Otherwise or Covered.Touched
                ? Remark(
                    $"massage-only:{line.Structure}",
                    AlignmentKind.OnlyMassaged,
                    $"Promised {(line.Promised == PromiseKind.Actively ? "to be trained" : "to be worked")}: {line.Name}. So far "
                        + $"{line.Says}.",
                    gap: true,
                    Covering(line)
                )
                : Remark(
                    $"not-worked:{line.Structure}",
                    AlignmentKind.StructureNotWorked,
                    $"Promised: {line.Name}. So far {line.Says}.",
                    gap: true,
                    Covering(line)
                );
    }

    /// <summary>Techniques of the library that would keep a promise, those that keep the most promises first.</summary>
    private IEnumerable<ProgrammeRepair> Covering(CoverageLine line)
    {
        var open = coverage.Where(l => l.Kept == false).ToDictionary(l => l.Structure, l => l.Promised, StringComparer.Ordinal);
        var taught = programme.AllTechniques.ToHashSet(StringComparer.Ordinal);
        return library
            .Where(t => t.Standing == DerivedStanding.Complete && !taught.Contains(t.Id))
            .Select(t => (Technique: t, Closes: open.Where(o => Keeps(t, o.Key, o.Value)).Select(o => o.Key).ToList()))
            .Where(x => x.Closes.Contains(line.Structure))
            .OrderByDescending(x => x.Closes.Count)
            .ThenBy(x => x.Technique.Name, StringComparer.Ordinal)
            .SelectMany(x => Teaching(x.Technique.Id, x.Technique, x.Closes.Count));
    }

    private static bool Keeps(TaughtTechnique technique, string structure, PromiseKind? promised) =>
        technique.Map.Worked.Any(r =>
            r.Structure == structure && Coverage.Counts(r) && (promised != PromiseKind.Actively || r.Mode.IsActive())
        );

    private IEnumerable<ProgrammeRepair> Teaching(string technique, TaughtTechnique? known = null, int closes = 1)
    {
        known ??= techniques.GetValueOrDefault(technique);
        if (Where(known) is not { } unit)
            yield break;
        var minutes = (int)Math.Ceiling((known?.Times?.Led.Standard ?? 0) / 60);
        yield return new(
            $"teach “{known?.Name ?? technique}” in “{unit.Name}”: closes {closes} {(closes == 1 ? "gap" : "gaps")}"
                + (minutes > 0 ? $", adds {minutes} min" : ""),
            unit.Id,
            technique,
            null,
            minutes
        );
    }

    /// <summary>The unit that fits a technique best: practice, with the most structures in common.</summary>
    private ProgrammeUnit? Where(TaughtTechnique? technique)
    {
        HashSet<string> Of(TaughtTechnique t) => [.. t.Map.Worked.Where(Coverage.Counts).Select(r => r.Structure)];
        var own = technique is null ? [] : Of(technique);
        return programme
            .AllUnits.Where(u => u.IsA is UnitKind.SupervisedPractice or UnitKind.Demonstration or UnitKind.SelfPractice)
            .Select(u => (Unit: u, Common: u.AllTechniques.Where(techniques.ContainsKey).Sum(t => Of(techniques[t]).Count(own.Contains))))
            .OrderByDescending(x => x.Common)
            .Select(x => x.Unit)
            .FirstOrDefault();
    }

    private IEnumerable<AlignmentRemark> OfWork()
    {
        var taught = programme
            .AllTechniques.Where(techniques.ContainsKey)
            .Select(t => techniques[t])
            .Where(t => t.Standing != DerivedStanding.Stopped)
            .ToList();
        foreach (var alone in RoutineSum.OneSidedOf(WorkMap.Union(taught.Select(t => t.Map)), atlas))
            yield return Remark(
                $"without-partner:{alone.Structure}",
                AlignmentKind.WithoutPartner,
                $"Trained, while nothing is done with what works against it: {alone.Name}, against {string.Join(", ", alone.Opposites)}.",
                gap: false
            );
        var rows = taught
            .SelectMany(t => t.Map.Worked.Where(r => r.Strength != Strength.Incidental).Select(r => (t.Name, Row: r)))
            .ToLookup(x => x.Row.Structure);
        foreach (var group in rows.OrderBy(g => g.Key, StringComparer.Ordinal))
        {
            IReadOnlyList<string> Names(Func<WorkedRow, bool> of) => [.. group.Where(x => of(x.Row)).Select(x => x.Name).Distinct()];
            var trained = Names(r => r.Mode.IsActive() && r.Strength == Strength.Primary);
            var relaxed = Names(r => r.Mode == Mode.Inhibited);
            if (trained.Count > 0 && relaxed.Except(trained).Any())
                yield return Remark(
                    $"both-ways:{group.Key}",
                    AlignmentKind.TrainedAndRelaxed,
                    $"Trained here, relaxed there: {atlas.BothNames(group.Key)}, trained in {string.Join(", ", trained.Take(2))}, "
                        + $"relaxed in {string.Join(", ", relaxed.Take(2))}. Say why.",
                    gap: false
                );
        }
    }

    private IEnumerable<AlignmentRemark> OfStyles()
    {
        var declared = (programme.Schools ?? []).Where(atlas.Schools.ContainsKey).ToList();
        var met = programme
            .AllTechniques.Where(techniques.ContainsKey)
            .Select(t => techniques[t].School)
            .OfType<string>()
            .Where(declared.Contains)
            .Distinct(StringComparer.Ordinal)
            .ToList();
        if (declared.Count > 1 && met.Count == 1)
            yield return Remark(
                "one-style",
                AlignmentKind.OneStyleOnly,
                $"{declared.Count} teaching styles are declared; every technique that names one is {atlas.Schools[met[0]].Name}.",
                gap: false
            );
    }
}
