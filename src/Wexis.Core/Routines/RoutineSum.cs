using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Routines;

/// <summary>A part with what its edition derives, at the level or doses that it is done with.</summary>
/// <param name="Seconds">Minimum, standard and full, changes inside the technique included; a free part and own doses have one.</param>
/// <param name="Chosen">Seconds as it is done here.</param>
public sealed record LaidPart(RoutinePart Part, RoutineTechnique? Technique, Derivation? Derived, Levels Seconds, double Chosen)
{
    public string Name => Technique?.Document.Name ?? FreeWords.Of(Part);

    /// <summary>Steps in which a hand works.</summary>
    internal IEnumerable<DerivedStep> Handed => (Derived?.Steps ?? []).Where(Changeover.Touches);

    /// <summary>Its map with the seconds it is done here.</summary>
    public WorkMap Map =>
        Derived is null
            ? WorkMap.Empty
            : Derived.Map with
            {
                Worked = [.. Derived.Map.Worked.Select(r => r with { Seconds = Levels.Same(At(r.Seconds)) })],
            };

    /// <summary>One of three levels; own doses were derived as the standard.</summary>
    public double At(Levels levels) =>
        levels.At(Part.HasOwnDose ? DoseLevel.Standard : ClosedList.Of<DoseLevel>(Part.Level) ?? DoseLevel.Standard);
}

internal static class FreeWords
{
    public static string Of(RoutinePart part) =>
        part.Free switch
        {
            "breath" => "breathe quietly",
            "settle" => "settle",
            "notice" => "notice what changed",
            "break" => "a break",
            _ => "talk",
        };
}

/// <summary>What one part takes.</summary>
public sealed record PartSum(string Id, string Name, PartRole Role, Levels Seconds, double Chosen);

/// <summary>What has to be done between two parts.</summary>
/// <param name="BeforePart">Id of the part it precedes.</param>
public sealed record PartChange(string BeforePart, ChangeKind Kind, string Words, double Seconds);

public sealed record RegionSeconds(string Region, string Name, double Seconds);

/// <summary>A structure with its opposite: trained here, and there left alone.</summary>
public sealed record OneSidedWork(string Structure, string Name, IReadOnlyList<string> Opposites);

/// <summary>A structure that is trained in some parts and kept relaxed in others.</summary>
public sealed record TrainedAndRelaxed(string Structure, string Name, IReadOnlyList<string> TrainedIn, IReadOnlyList<string> RelaxedIn);

/// <summary>A state of a person with the strictest handling over all parts, and what may stand in a part's place.</summary>
/// <param name="Parts">Names of the parts that it is about.</param>
/// <param name="Instead">Easier versions that the techniques themselves name.</param>
public sealed record RoutineExclusion(
    string Id,
    string Name,
    Handling Handling,
    string Says,
    bool RedFlag,
    IReadOnlyList<string> Parts,
    IReadOnlyList<string> Instead
);

/// <summary>Work of one kind over the whole routine against what one session bears.</summary>
public sealed record Exposure(StepFamily Family, string Name, double Seconds, double Ceiling, bool Over);

/// <summary>What has to lie ready for one person.</summary>
/// <param name="Drops">Drops of oil; 0 where nothing slides.</param>
public sealed record RoutineMaterials(int Drops, IReadOnlyList<string> Tools, int Wipes, IReadOnlyList<string> Others);

/// <summary>What a routine comes to, from what is derived of its parts. See docs/method.md#routines.</summary>
/// <param name="Total">All parts at minimum, at standard and at full, with the changes between them.</param>
/// <param name="Chosen">Seconds as it stands.</param>
/// <param name="TalkSeconds">Words of cues, bridges and talks at the usual rate; the rest is silence.</param>
public sealed record RoutineSum(
    IReadOnlyList<PartSum> Parts,
    IReadOnlyList<PartChange> Changes,
    Levels Total,
    double Chosen,
    double TalkSeconds,
    double SilenceSeconds,
    WorkMap Map,
    IReadOnlyList<RegionSeconds> Regions,
    IReadOnlyList<Exposure> Exposures,
    IReadOnlyList<OneSidedWork> OneSided,
    IReadOnlyList<TrainedAndRelaxed> BothWays,
    IReadOnlyList<RoutineExclusion> Exclusions,
    RoutineMaterials Materials
)
{
    /// <summary>Seconds to open the eyes again and find the face in the mirror, after a part with closed eyes.</summary>
    internal const double EyesSeconds = 3;

    /// <summary>
    /// Each part with its edition. Parts whose edition is not there are free of work: <see cref="RoutineValidation"/> names them.
    /// </summary>
    public static IReadOnlyList<LaidPart> Lay(RoutineDocument document, IRoutineLibrary library)
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(library);
        return
        [
            .. document.AllParts.Select(p =>
            {
                if (p.Technique is null || p.Edition is not { } number || library.Find(p.Technique, number) is not { } found)
                    return new LaidPart(p, null, null, Levels.Same(p.Seconds ?? 0), p.Seconds ?? 0);
                var derived = p.HasOwnDose ? library.Derive(RoutineValidation.WithDoses(found.Document, p.Doses!)) : found.Derived;
                var home = derived.Times.Home;
                var laid = new LaidPart(p, found, derived, p.HasOwnDose ? Levels.Same(home.Standard) : home, 0);
                return laid with { Chosen = laid.At(laid.Seconds) };
            }),
        ];
    }

    public static RoutineSum Of(IReadOnlyList<LaidPart> parts, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(parts);
        ArgumentNullException.ThrowIfNull(atlas);
        ArgumentNullException.ThrowIfNull(settings);
        var changes = ChangesOf(parts, atlas, settings);
        var between = changes.Sum(c => c.Seconds);
        var total = parts.Aggregate(Levels.Same(between), (sum, p) => sum + p.Seconds);
        var chosen = between + parts.Sum(p => p.Chosen);
        var map = WorkMap.Union(parts.Select(p => p.Map));
        var talk = Math.Min(chosen, parts.Sum(p => RoutineScript.WordsOf(p)) / settings.BriefWordsPerMinute * 60);
        return new(
            [.. parts.Select(p => new PartSum(p.Part.Id ?? "", p.Name, p.Part.Place, p.Seconds, p.Chosen))],
            changes,
            total,
            chosen,
            talk,
            chosen - talk,
            map,
            RegionsOf(parts, atlas),
            ExposuresOf(parts, settings),
            OneSidedOf(map, atlas),
            BothWaysOf(parts, atlas),
            ExclusionsOf(parts),
            MaterialsOf(parts, changes, atlas)
        );
    }

    /// <summary>
    /// Changes between parts in order; a part without hands between two others spares none: the oil is still on the fingers.
    /// </summary>
    internal static IReadOnlyList<PartChange> ChangesOf(IReadOnlyList<LaidPart> parts, Atlas atlas, HouseSettings settings)
    {
        var found = new List<PartChange>();
        DerivedStep? before = null;
        LaidPart? last = null;
        foreach (var part in parts)
        {
            var handed = part.Handed.ToList();
            if (handed.Count > 0)
            {
                if (before is not null)
                    found.AddRange(
                        Changeover
                            .From(before, handed[0], atlas, settings)
                            .Select(c => new PartChange(part.Part.Id ?? "", c.Kind, c.Words, c.Seconds))
                    );
                before = handed[^1];
            }
            if (last is not null && EndsWithClosedEyes(last))
                found.Add(new(part.Part.Id ?? "", ChangeKind.Eyes, "open the eyes again", EyesSeconds));
            last = part;
        }
        return found;
    }

    /// <summary>What comes next is shown first: the eyes are opened for it.</summary>
    internal static bool EndsWithClosedEyes(LaidPart part) =>
        part.Derived?.Steps is { Count: > 0 } steps && (steps[^1].Completed.Channels ?? []).Contains("eyes-closed");

    private static IReadOnlyList<RegionSeconds> RegionsOf(IReadOnlyList<LaidPart> parts, Atlas atlas) =>
        [
            .. parts
                .Where(p => p.Technique?.Document.Region is { } r && atlas.Regions.ContainsKey(r))
                .GroupBy(p => p.Technique!.Document.Region!)
                .Select(g => new RegionSeconds(g.Key, atlas.Regions[g.Key].Name, g.Sum(p => p.Chosen)))
                .OrderByDescending(r => r.Seconds),
        ];

    private static IReadOnlyList<Exposure> ExposuresOf(IReadOnlyList<LaidPart> parts, HouseSettings settings) =>
        [
            .. parts
                .SelectMany(p => (p.Derived?.Steps ?? []).Select(s => (p, s)))
                .Where(x => x.s.Family is not null && settings.Ceilings.ContainsKey(x.s.Family.Value.Word()))
                .GroupBy(x => (Family: x.s.Family!.Value, Name: x.s.FamilyName!))
                .Select(g =>
                {
                    var seconds = g.Sum(x => x.p.At(x.s.Dose.TotalSeconds));
                    var ceiling = settings.Ceilings[g.Key.Family.Word()].Seconds;
                    return new Exposure(g.Key.Family, g.Key.Name, seconds, ceiling, seconds > ceiling);
                })
                .OrderByDescending(e => e.Seconds / e.Ceiling),
        ];

    /// <summary>Trained mainly, while none of what opposes it is worked in any way.</summary>
    internal static IReadOnlyList<OneSidedWork> OneSidedOf(WorkMap map, Atlas atlas)
    {
        var worked = map
            .Worked.Where(r => r.Strength != Strength.Incidental && r.Mode != Mode.Inhibited)
            .Select(r => r.Structure)
            .ToHashSet();
        return
        [
            .. map
                .Worked.Where(r => r.Mode.IsActive() && r.Strength == Strength.Primary && atlas.Muscles.ContainsKey(r.Structure))
                .Select(r => atlas.Muscles[r.Structure])
                .DistinctBy(m => m.Id)
                .Where(m => m.Antagonists.Length > 0 && !m.Antagonists.Any(worked.Contains))
                .Select(m => new OneSidedWork(m.Id, atlas.BothNames(m.Id), [.. m.Antagonists.Select(atlas.BothNames)])),
        ];
    }

    private static IReadOnlyList<TrainedAndRelaxed> BothWaysOf(IReadOnlyList<LaidPart> parts, Atlas atlas)
    {
        var rows = parts
            .SelectMany(p => p.Map.Worked.Where(r => r.Strength != Strength.Incidental).Select(r => (p.Name, Row: r)))
            .ToLookup(x => x.Row.Structure);
        return
        [
            .. rows.Select(g =>
                    (
                        g.Key,
                        Trained: g.Where(x => x.Row.Mode.IsActive() && x.Row.Strength == Strength.Primary)
                            .Select(x => x.Name)
                            .Distinct()
                            .ToList(),
                        Relaxed: g.Where(x => x.Row.Mode == Mode.Inhibited).Select(x => x.Name).Distinct().ToList()
                    )
                )
                .Where(x => x.Trained.Count > 0 && x.Relaxed.Except(x.Trained).Any())
                .Select(x => new TrainedAndRelaxed(x.Key, atlas.BothNames(x.Key), x.Trained, x.Relaxed))
                .OrderBy(x => x.Name, StringComparer.Ordinal),
        ];
    }

    private static IReadOnlyList<RoutineExclusion> ExclusionsOf(IReadOnlyList<LaidPart> parts) =>
        [
            .. parts
                .Where(p => p.Derived is not null)
                .SelectMany(p => p.Derived!.Exclusions.Select(e => (Part: p, Note: e)))
                .GroupBy(x => x.Note.Id)
                .Select(g =>
                {
                    var worst = g.OrderBy(x => x.Note.Handling).First().Note;
                    var about = g.Where(x => x.Note.Handling == worst.Handling).Select(x => x.Part).ToList();
                    return new RoutineExclusion(
                        worst.Id,
                        worst.Name,
                        worst.Handling,
                        worst.Says,
                        worst.RedFlag,
                        [.. about.Select(p => p.Name).Distinct()],
                        [
                            .. about
                                .SelectMany(p => p.Technique!.Document.Related ?? [])
                                .Where(r => r.As == "easier" && r.Id is not null)
                                .Select(r => r.Id!)
                                .Distinct(),
                        ]
                    );
                })
                .OrderBy(e => !e.RedFlag)
                .ThenBy(e => e.Handling)
                .ThenBy(e => e.Name, StringComparer.Ordinal),
        ];

    /// <summary>Common practice: 2 to 5 drops, two for up to three areas and one for each two more, the exit lanes among them.</summary>
    private static RoutineMaterials MaterialsOf(IReadOnlyList<LaidPart> parts, IReadOnlyList<PartChange> changes, Atlas atlas)
    {
        var slipping = parts.SelectMany(p => p.Handed).Where(Changeover.Slips).ToList();
        var areas = slipping.SelectMany(s => s.Map.ZonesTouched).Distinct().Count();
        var inside = parts.Sum(p => p.Derived?.Times.Changeovers.Count(c => c.Kind == ChangeKind.Wipe) ?? 0);
        return new(
            slipping.Count == 0 ? 0 : Math.Min(5, 2 + Math.Max(0, (areas - 2) / 2)),
            [
                .. parts
                    .SelectMany(p => p.Handed)
                    .Select(s => Changeover.Tool(s, atlas))
                    .OfType<string>()
                    .Distinct()
                    .Select(t => atlas.Contacts[t].Name),
            ],
            slipping.Count == 0 ? 0 : changes.Count(c => c.Kind == ChangeKind.Wipe) + inside + 1,
            [
                .. parts
                    .SelectMany(p => p.Technique?.Document.Materials ?? [])
                    // The drops are counted above.
                    .Where(m => slipping.Count == 0 || !m.Contains("oil", StringComparison.OrdinalIgnoreCase))
                    .Distinct(StringComparer.OrdinalIgnoreCase),
            ]
        );
    }
}
