using Wexis.Core.Anatomy;
using Wexis.Core.Techniques.Library;

namespace Wexis.Core.Programmes;

/// <summary>What Wexis says about a programme the moment it changes. See docs/method.md#coverage.</summary>
/// <param name="Regions">How many techniques each region gets, the most first; regions that get none stand last.</param>
/// <param name="Columns">Modules, and units of no module, as the coverage shows them.</param>
/// <param name="Remarks">Where what is promised, taught and assessed do not meet.</param>
/// <param name="Gaps">Of the remarks and the hours: what is promised and not kept, and not kept as it is for a reason.</param>
public sealed record ProgrammeReview(
    IReadOnlyList<OrderFault> OrderFaults,
    IReadOnlyList<ProgrammeColumn> Columns,
    IReadOnlyList<CoverageLine> Coverage,
    IReadOnlyList<OutcomeLine> Outcomes,
    IReadOnlyList<AlignmentRemark> Remarks,
    ProgrammeHours Hours,
    IReadOnlyList<UnitTimes> Times,
    int ContactMinutes,
    int Gaps,
    IReadOnlyList<SchoolNote> SchoolNotes,
    IReadOnlyList<RegionShare> Regions
)
{
    /// <param name="techniques">What is known of the techniques that it teaches, by id.</param>
    /// <param name="library">Techniques that it could teach as well, for repairs; null: none are offered.</param>
    public static ProgrammeReview Of(
        ProgrammeDocument programme,
        IReadOnlyDictionary<string, TaughtTechnique> techniques,
        Atlas atlas,
        SchoolProfiles schools,
        IReadOnlyList<TaughtTechnique>? library = null
    )
    {
        ArgumentNullException.ThrowIfNull(schools);
        ArgumentNullException.ThrowIfNull(programme);
        ArgumentNullException.ThrowIfNull(techniques);
        ArgumentNullException.ThrowIfNull(atlas);
        var coverage = Programmes.Coverage.Of(programme, techniques, atlas);
        var alignment = new Alignment(programme, techniques, coverage, atlas, library ?? []);
        var remarks = alignment.Remarks();
        var hours = ProgrammeHours.Of(programme);
        return new(
            [.. Programmes.OrderFaults.Of(programme, techniques)],
            programme.Columns,
            coverage,
            alignment.Outcomes(),
            remarks,
            hours,
            UnitTimes.Of(programme, techniques),
            programme.AllUnits.Sum(u => u.Minutes),
            remarks.Count(r => r.IsGap && r.KeptBecause is null) + hours.Lines.Count(l => l.Says is not null),
            [.. Programmes.SchoolNotes.Of(programme, techniques, atlas, schools)],
            RegionsOf(programme, techniques, atlas)
        );
    }

    private static IReadOnlyList<RegionShare> RegionsOf(
        ProgrammeDocument programme,
        IReadOnlyDictionary<string, TaughtTechnique> techniques,
        Atlas atlas
    )
    {
        var taught = programme.AllTechniques.Where(techniques.ContainsKey).Select(t => techniques[t].Region).OfType<string>().ToList();
        return
        [
            .. atlas
                .Regions.Values.Select(r => new RegionShare(r.Id, r.Name, taught.Count(t => t == r.Id)))
                .OrderByDescending(r => r.Techniques)
                .ThenBy(r => r.Name, StringComparer.Ordinal),
        ];
    }
}

/// <summary>How many taught techniques belong to a region.</summary>
public sealed record RegionShare(string Region, string Name, int Techniques);
