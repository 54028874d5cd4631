using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Library;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Programmes;

/// <summary>What a programme needs to know of a technique it teaches: an edition's name, standing and derived map.</summary>
/// <param name="AgainstItsSchool">Where it does not do what its declared school does, in words.</param>
public sealed record TaughtTechnique(
    string Id,
    string Name,
    DerivedStanding Standing,
    IReadOnlyList<string> Prerequisites,
    WorkMap Map,
    string? School = null,
    IReadOnlyList<string>? AgainstItsSchool = null
);

/// <summary>Where a taught technique does not agree with the schools that the programme declares. A note, never a gap.</summary>
public sealed record SchoolNote(string Module, string Technique, string Says);

/// <summary>What stands in the way of an order.</summary>
[ClosedList]
public enum OrderFaultKind
{
    PrerequisiteAfter,
    PrerequisiteCircle,
    TechniquePrerequisite,
    Parked,
    Draft,
    UnknownTechnique,
}

/// <summary>How far a structure is covered: primary or secondary and active; so but never active; incidental or skin only; not.</summary>
[ClosedList]
public enum Covered
{
    Actively,
    Otherwise,
    Touched,
    No,
}

/// <summary>Something that stands in the way of the order, said in one sentence.</summary>
public sealed record OrderFault(string Module, OrderFaultKind Kind, string Says);

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

/// <summary>Which modules serve an outcome.</summary>
public sealed record OutcomeLine(string Outcome, string Text, bool Covered, IReadOnlyList<string> Modules);

/// <summary>What Wexis says about a programme the moment it changes. See docs/method.md#coverage.</summary>
public sealed record ProgrammeReview(
    IReadOnlyList<OrderFault> OrderFaults,
    IReadOnlyList<CoverageLine> Coverage,
    IReadOnlyList<OutcomeLine> Outcomes,
    int ContactMinutes,
    int Gaps,
    IReadOnlyList<SchoolNote> SchoolNotes
)
{
    /// <summary>
    /// Covered means primary or secondary in a taught technique; actively when tightened, held against or let out slowly.
    /// </summary>
    public static ProgrammeReview Of(
        ProgrammeDocument programme,
        IReadOnlyDictionary<string, TaughtTechnique> techniques,
        Atlas atlas,
        SchoolProfiles schools
    )
    {
        ArgumentNullException.ThrowIfNull(schools);
        ArgumentNullException.ThrowIfNull(programme);
        ArgumentNullException.ThrowIfNull(techniques);
        ArgumentNullException.ThrowIfNull(atlas);
        var faults = Order(programme, techniques).ToList();
        var cells = programme
            .AllModules.SelectMany(m =>
                m.AllTechniques.Where(techniques.ContainsKey)
                    .Where(t => techniques[t].Standing != DerivedStanding.Stopped)
                    .SelectMany(t => techniques[t].Map.Worked.Select(r => (Module: m, Technique: techniques[t], Row: r)))
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
        var lines = structures
            .Select(s => Line(s, promised.GetValueOrDefault(s), [.. cells.Where(c => c.Row.Structure == s)], programme, atlas))
            .OrderBy(l => l.Promised is null)
            .ThenBy(l => l.Kept == true)
            .ThenBy(l => l.Name, StringComparer.Ordinal)
            .ToList();
        var outcomes = programme
            .AllOutcomes.Select(o =>
            {
                var modules = programme.AllModules.Where(m => m.AllOutcomes.Contains(o.Id)).Select(m => m.Name).ToList();
                return new OutcomeLine(o.Id, o.Text, modules.Count > 0, modules);
            })
            .ToList();
        return new(
            faults,
            lines,
            outcomes,
            programme.AllModules.Sum(m => m.Minutes),
            lines.Count(l => l.Kept == false) + outcomes.Count(o => !o.Covered),
            [.. NotesOf(programme, techniques, atlas, schools)]
        );
    }

    private static IEnumerable<SchoolNote> NotesOf(
        ProgrammeDocument programme,
        IReadOnlyDictionary<string, TaughtTechnique> techniques,
        Atlas atlas,
        SchoolProfiles schools
    )
    {
        foreach (var module in programme.AllModules)
        {
            var own = module.Schools is { Count: > 0 };
            if ((own ? module.Schools : programme.Schools) is not { Count: > 0 } declared)
                continue;
            var names = string.Join(" and ", declared.Where(atlas.Schools.ContainsKey).Select(s => atlas.Schools[s].Name));
            var routine = module.AllTechniques.Where(techniques.ContainsKey).Select(t => techniques[t]).ToList();
            foreach (var technique in routine)
            {
                if (technique.School is { } school && !declared.Contains(school) && !declared.Contains("mixed"))
                    yield return new(
                        module.Id,
                        technique.Name,
                        $"“{technique.Name}” is {atlas.Schools[school].Name}; the {(own ? "routine" : "programme")} follows {names}."
                    );
                foreach (var says in technique.AgainstItsSchool ?? [])
                    yield return new(module.Id, technique.Name, $"“{technique.Name}”: {says}");
            }
            foreach (var says in ExitsOf(routine, declared, atlas, schools))
                yield return new(module.Id, module.Name, $"“{module.Name}”: {says}");
        }
    }

    /// <summary>
    /// Whether the neck is opened when the declared school opens it, over a routine that moves fluid in more than one technique. Several
    /// schools leave it free.
    /// </summary>
    private static IEnumerable<string> ExitsOf(
        IReadOnlyList<TaughtTechnique> routine,
        IReadOnlyList<string> declared,
        Atlas atlas,
        SchoolProfiles schools
    )
    {
        if (declared.Count != 1 || schools.Schools.FirstOrDefault(s => s.Id == declared[0]) is not { } profile)
            yield break;
        var fluid = routine.Where(t => t.Map.Flow.Count > 0).ToList();
        if (fluid.Count < 2)
            yield break;
        bool Opens(TaughtTechnique t) => t.Map.ZonesTouched.Any(z => z is "lateral-neck" or "supraclavicular");
        var name = atlas.Schools[profile.Id].Name;
        if (profile.Answers["drain"] is "first" or "both" && !Opens(fluid[0]))
            yield return $"it moves fluid before the neck is opened; {name} opens it first. Begin with a technique of the neck.";
        if (profile.Answers["drain"] is "last" or "both" && !Opens(fluid[^1]))
            yield return $"it does not close at the neck; {name} does. End with a technique of the neck.";
    }

    /// <summary>Whether a row covers its structure: what only comes along does not, and fluid covers skin and lymph alone.</summary>
    private static bool Counts(WorkedRow row) =>
        row.Strength != Strength.Incidental && (row.Mode != Mode.SkinLymph || row.Structure is "skin" or "superficial-lymph");

    private static CoverageLine Line(
        string structure,
        PromiseKind? promised,
        IReadOnlyList<(ProgrammeModule Module, TaughtTechnique Technique, WorkedRow Row)> rows,
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
            .AllModules.Select(m => (Module: m, Rows: rows.Where(r => r.Module.Id == m.Id).ToList()))
            .Where(x => x.Rows.Count > 0)
            .Select(x => new CoverageCell(
                x.Module.Id,
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
        IReadOnlyList<(ProgrammeModule Module, TaughtTechnique Technique, WorkedRow Row)> by
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

    private static IEnumerable<OrderFault> Order(ProgrammeDocument programme, IReadOnlyDictionary<string, TaughtTechnique> techniques)
    {
        var place = programme
            .AllModules.Select((m, i) => (m.Id, i))
            .DistinctBy(x => x.Id)
            .ToDictionary(x => x.Id, x => x.i, StringComparer.Ordinal);
        var names = programme.AllModules.DistinctBy(m => m.Id).ToDictionary(m => m.Id, m => m.Name, StringComparer.Ordinal);
        var taughtIn = programme
            .AllModules.SelectMany((m, i) => m.AllTechniques.Select((t, j) => (t, At: (i, j))))
            .GroupBy(x => x.t)
            .ToDictionary(g => g.Key, g => g.Min(x => x.At), StringComparer.Ordinal);
        for (var i = 0; i < programme.AllModules.Count; i++)
        {
            var module = programme.AllModules[i];
            foreach (var p in module.AllPrerequisites.Where(place.ContainsKey))
            {
                if (Reaches(programme, p, module.Id))
                    yield return new(
                        module.Id,
                        OrderFaultKind.PrerequisiteCircle,
                        $"“{module.Name}” and “{names[p]}” wait for each other: no order can satisfy both."
                    );
                else if (place[p] >= i)
                    yield return new(
                        module.Id,
                        OrderFaultKind.PrerequisiteAfter,
                        $"“{module.Name}” needs “{names[p]}”, which comes only later (place {place[p] + 1}, this one is {i + 1}). Move “{names[p]}” before it."
                    );
            }
            for (var j = 0; j < module.AllTechniques.Count; j++)
            {
                if (!techniques.TryGetValue(module.AllTechniques[j], out var technique))
                {
                    yield return new(
                        module.Id,
                        OrderFaultKind.UnknownTechnique,
                        $"“{module.Name}” lists a technique that no longer exists. Remove it."
                    );
                    continue;
                }
                if (technique.Standing == DerivedStanding.Stopped)
                    yield return new(
                        module.Id,
                        OrderFaultKind.Parked,
                        $"“{technique.Name}” is an unsafe example: it breaks a stop rule and is not taught. It does not count in “{module.Name}”."
                    );
                else if (technique.Standing is DerivedStanding.Draft or DerivedStanding.Refused)
                    yield return new(
                        module.Id,
                        OrderFaultKind.Draft,
                        $"“{technique.Name}” in “{module.Name}” is still a draft with an open question."
                    );
                foreach (var p in technique.Prerequisites.Where(techniques.ContainsKey))
                    if (!taughtIn.TryGetValue(p, out var at))
                        yield return new(
                            module.Id,
                            OrderFaultKind.TechniquePrerequisite,
                            $"“{technique.Name}” builds on “{techniques[p].Name}”, which no module teaches."
                        );
                    else if (at.CompareTo((i, j)) > 0)
                        yield return new(
                            module.Id,
                            OrderFaultKind.TechniquePrerequisite,
                            $"“{technique.Name}” builds on “{techniques[p].Name}”, which is taught only later."
                        );
            }
        }
    }

    /// <summary>Whether following prerequisites from one module leads to another.</summary>
    private static bool Reaches(ProgrammeDocument programme, string from, string to)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        var open = new Stack<string>([from]);
        while (open.TryPop(out var id))
        {
            if (id == to)
                return true;
            if (!seen.Add(id))
                continue;
            foreach (var p in programme.AllModules.FirstOrDefault(m => m.Id == id)?.AllPrerequisites ?? [])
                open.Push(p);
        }
        return false;
    }
}
