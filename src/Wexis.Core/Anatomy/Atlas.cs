using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization;
using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

/// <summary>Where an item of the atlas comes from. Basis says how far it was checked ("from memory").</summary>
public sealed record SourceRef(string Id, string Basis);

public sealed record MuscleAction(string Verb, string Role);

public sealed record NerveSupply(string Nerve, string? Branch);

public sealed record FacsUnit(int Au, string? Note);

public sealed record LineOfAction(double[]? Moving, double[]? Fixed);

/// <summary>Fibre course. Angles in degrees counter-clockwise from +x, for the subject's left side.</summary>
public sealed record Fibre(string Kind, double? PullDeg, double? AxisDeg, string? PullWords, LineOfAction? LineOfAction);

/// <summary>An outline in one view (IPD), its fibre lines and holes. The subject's left half; the right is its mirror.</summary>
public sealed record ViewShape(double[][]? Polygon, double[][][]? FibreLines, double[][][]? Holes);

/// <summary>One muscle of the atlas.</summary>
public sealed record Muscle(
    string Id,
    string Group,
    string NameEn,
    string NameLaTa2,
    [property: JsonPropertyName("name_gray_1918")] string? NameGray1918,
    string Paired,
    string Origin,
    string Insertion,
    MuscleAction[] Actions,
    NerveSupply? Nerve,
    string[] Antagonists,
    string[] Synergists,
    FacsUnit[] FacsAu,
    string Depth,
    JsonElement? MimeticLayer,
    int MinPressureToReach,
    string Voluntary,
    string? Isolable,
    string CameraVisible,
    Fibre Fibre,
    Dictionary<string, ViewShape> Views,
    string? Creases,
    string? TeachingNote,
    string[]? ConfusedWith,
    string? ReachNote,
    SourceRef[] Source,
    string? Confidence,
    string? PolygonConfidence
)
{
    /// <summary>The short name a trainer says: the bracketed part of the English name where there is one.</summary>
    [JsonIgnore]
    public string PlainName => AtlasWords.Plain(NameEn);

    /// <summary>Ring-shaped fibres have no one axis (rule R44).</summary>
    [JsonIgnore]
    public bool IsRing => Fibre.AxisDeg is null;
}

public sealed record Tissue(
    string Id,
    string NameEn,
    string NameLaTa2,
    string? Note,
    Dictionary<string, ViewShape> Views,
    SourceRef[] Source
);

/// <summary>A named place. Frontal in IPD (subject's left), lateral_z forward of the cornea.</summary>
public sealed record Landmark(
    double[] Frontal,
    double? LateralZ,
    bool Bony,
    string Name,
    bool Midline,
    SourceRef[] Source,
    string Surface,
    string[]? Codes
);

/// <summary>Where a hand works: its layers, its lymph direction, its pressure cap, its hazards.</summary>
public sealed record Zone(
    string Id,
    string Name,
    string View,
    double[][] Polygon,
    string[]? DrainsTo,
    double? DrainDirDegLeft,
    string? DrainDirView,
    string[] MusclesSuperficialToDeep,
    string[]? MusclesBelowNotReached,
    int MaxPressure,
    int? MaxPressurePinchLift,
    string[] Hazards,
    Dictionary<string, double?>? HazardShares,
    string Surface,
    string[]? Movers,
    string? CapNote,
    Dictionary<string, string>? ReachBy,
    Dictionary<string, int>? ReachInside,
    SourceRef[] Source
);

/// <summary>Conditions of one hazard rule, all of which must hold.</summary>
public sealed record HazardWhen(
    int? MinLevel,
    bool? Static,
    bool? Bilateral,
    bool? ToolEdge,
    string? Direction,
    double? MinHoldS,
    string? Person,
    string? Class
);

public sealed record HazardRule(HazardWhen When, string Then);

public sealed record RimFront(double[][] Polygon, double[][]? Hole, string Rule);

/// <summary>
/// A hazard's outline on one more surface from which it can be touched. View frontal or posterior: (x, y); lateral: (z, y). IPD.
/// </summary>
public sealed record HazardOutline(string Surface, string View, double[][] Polygon);

/// <summary>A place where pressure can hurt, with the rules that say when.</summary>
/// <param name="Polygon">Its outline on its own surface; <paramref name="Also"/> holds those on every other surface from which it can be
/// touched.</param>
public sealed record Hazard(
    string Id,
    string Name,
    string View,
    double[][] Polygon,
    double[][]? Hole,
    string Risk,
    string UsualCaution,
    string AppliesTo,
    string Rule,
    string Severity,
    HazardRule[] RuleData,
    double MinContactShare,
    string Surface,
    RimFront? RimFront,
    SourceRef[] Source,
    HazardOutline[]? Also
)
{
    /// <summary>Every outline, its own first.</summary>
    [JsonIgnore]
    public IEnumerable<HazardOutline> Outlines => [new(Surface, View, Polygon), .. Also ?? []];
}

/// <summary>A state of the person that excludes or changes work, by technique class.</summary>
/// <param name="RedFlag">An acute sign, new today: it stops everything for today.</param>
/// <param name="Call">For an acute sign: whom to call, and how fast.</param>
/// <param name="Client">The state in words a client knows.</param>
/// <param name="Whom">Who may release the person, in words a client knows.</param>
/// <param name="Placed">A procedure whose treated place decides what is left out.</param>
/// <param name="Zones">Where the state lies by itself; null: not bound to a place.</param>
/// <param name="UntilReleased">There is no natural end: it is asked until whoever treated has released the person.</param>
/// <param name="FirstDay">Handling of every class on the day itself; null: as by class.</param>
/// <param name="DayAsks">How the day of an illness is asked for; null for a treatment, of which the last time counts.</param>
/// <param name="Milder">The milder form, in words a client knows; null where nothing is only modified.</param>
/// <param name="Then">The state that follows when the window is over (a pregnancy goes on).</param>
public sealed record Exclusion(
    string Id,
    string Name,
    string? Window,
    string? Reason,
    bool RedFlag,
    Dictionary<string, string> ByClass,
    int?[]? WindowDays,
    SourceRef[] Source,
    string? Call,
    string Client,
    string Whom,
    bool Placed = false,
    string[]? Zones = null,
    bool UntilReleased = false,
    string? FirstDay = null,
    string? Then = null,
    string? DayAsks = null,
    string? Milder = null
)
{
    /// <summary>
    /// Days from the procedure through the last blocked one: the longer end of the window counts (house ruling 11); null without a
    /// window.
    /// </summary>
    [JsonIgnore]
    public int? LastDay => WindowDays is { Length: 2 } window ? window[1] : null;
}

public sealed record LymphGroup(
    string Id,
    string NameEn,
    string NameLaTa2,
    double[] Frontal,
    double? LateralZ,
    string? Drains,
    string[]? EfferentTo,
    SourceRef[] Source,
    string Surface
);

/// <summary>A point of the traditions.</summary>
/// <param name="Frontal">Place in the front frame; null for points that lie on neither face nor neck (hand, breastbone).</param>
public sealed record PressPoint(
    string Code,
    string Pinyin,
    string LocationParaphrase,
    double[]? Frontal,
    double? LateralZ,
    bool Midline,
    string? Caution,
    int? MaxPressure,
    string Surface,
    SourceRef[] Source
);

/// <summary>The part of the hand, or tool, that touches. Width in mm.</summary>
public sealed record Contact(
    string Id,
    string Name,
    double WidthMm,
    int DefaultLevel,
    int MaxLevel,
    string Kind,
    bool? Bilateral,
    bool? Pinch,
    bool? ToolEdge,
    int? DepthBonus,
    string? Class
);

public sealed record NamedWord(string Id, string Name);

public sealed record Region(string Id, string Name, string[] Zones);

public sealed record School(string Id, string Name, string Idea, string? OrderDefault);

public sealed record Concern(string Id, string Name, string Honest, string[]? Effects, string[]? Regions);

public sealed record Channel(string Id, string Words, string[]? Blocks);

public sealed record FaceAction(string Part, string Meaning, int[] Au, string Camera, string[] Prime, string[] Assist);

public sealed record FeatureLine(string Id, bool Closed, bool Paired, bool? Light, double[][] Points);

public sealed record FeatureSet(string? Note, Dictionary<string, FeatureLine[]> Views);

public sealed record ControlledLists(
    Dictionary<string, FaceAction> Actions,
    Dictionary<string, string> Modes,
    Dictionary<string, string> Strengths,
    Dictionary<string, string> Depths,
    Dictionary<string, string> Pressures,
    Dictionary<string, string> Handling,
    string[] TechniqueClasses
);

/// <summary>
/// An edge of the face that a stroke follows when both its places lie on it. Front view, the subject's left; closed ones are rings.
/// </summary>
public sealed record FaceCurve(string Id, string Name, bool Closed, string[] Landmarks, double[][] Points);

/// <summary>How a learner can feel a structure working: what to do, and what tells. Common practice.</summary>
public sealed record FeelTest(string Structure, string Test, string Sign);

/// <summary>
/// The whole reference, as stored in <c>data/anatomy/anatomy.json </c>. Outlines are schematic and from memory, good to about 0.1 IPD.
/// </summary>
public sealed record AtlasDocument(
    Dictionary<string, string> Sources,
    ControlledLists ControlledLists,
    Dictionary<string, Landmark> Landmarks,
    Muscle[] Muscles,
    Tissue[] Tissues,
    Zone[] Zones,
    LymphGroup[] Lymph,
    Hazard[] Hazards,
    Exclusion[] Contraindications,
    PressPoint[] Points,
    Region[] Regions,
    School[] Schools,
    Contact[] Contacts,
    Channel[] Channels,
    Concern[] Concerns,
    FeatureSet Features,
    Dictionary<string, string> LandmarkCodes,
    FaceCurve[] Curves,
    FeelTest[] FeelTests,
    Dictionary<string, string[]> PointPrefixAliases,
    string[] PointPrefixTraps
);

/// <summary>The atlas with its look-ups. Immutable; one per process.</summary>
public sealed class Atlas
{
    private Atlas(AtlasDocument document, string dataVersion)
    {
        Document = document;
        DataVersion = dataVersion;
        Muscles = document.Muscles.ToDictionary(m => m.Id, StringComparer.Ordinal);
        Tissues = document.Tissues.ToDictionary(t => t.Id, StringComparer.Ordinal);
        Zones = document.Zones.ToDictionary(z => z.Id, StringComparer.Ordinal);
        Hazards = document.Hazards.ToDictionary(h => h.Id, StringComparer.Ordinal);
        Exclusions = document.Contraindications.ToDictionary(c => c.Id, StringComparer.Ordinal);
        Contacts = document.Contacts.ToDictionary(c => c.Id, StringComparer.Ordinal);
        Regions = document.Regions.ToDictionary(r => r.Id, StringComparer.Ordinal);
        Schools = document.Schools.ToDictionary(s => s.Id, StringComparer.Ordinal);
        Points = document.Points.ToDictionary(p => p.Code, StringComparer.Ordinal);
        RegionOfZone = document
            .Regions.SelectMany(r => r.Zones.Select(z => (z, r.Id)))
            .ToDictionary(p => p.z, p => p.Id, StringComparer.Ordinal);
    }

    public AtlasDocument Document { get; }

    /// <summary>Changes with a single letter of the atlas.</summary>
    public string DataVersion { get; }
    public IReadOnlyDictionary<string, Muscle> Muscles { get; }
    public IReadOnlyDictionary<string, Tissue> Tissues { get; }
    public IReadOnlyDictionary<string, Zone> Zones { get; }
    public IReadOnlyDictionary<string, Landmark> Landmarks => Document.Landmarks;
    public IReadOnlyDictionary<string, Hazard> Hazards { get; }
    public IReadOnlyDictionary<string, Exclusion> Exclusions { get; }
    public IReadOnlyDictionary<string, Contact> Contacts { get; }
    public IReadOnlyDictionary<string, Region> Regions { get; }
    public IReadOnlyDictionary<string, School> Schools { get; }
    public IReadOnlyDictionary<string, PressPoint> Points { get; }
    public IReadOnlyDictionary<string, string> RegionOfZone { get; }

    /// <summary>Reads the atlas. A reference to something that is not there is an error that names it.</summary>
    /// <exception cref="InvalidDataException">The document is empty or not consistent.</exception>
    public static Atlas Read(string json)
    {
        var document = JsonSerializer.Deserialize<AtlasDocument>(json, ExchangeJson.Options)
            ?? throw new InvalidDataException("The atlas is empty.");
        var atlas = new Atlas(document, Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(json))));
        var faults = atlas.Faults().ToList();
        return faults.Count == 0
            ? atlas
            : throw new InvalidDataException("The atlas is not consistent: " + string.Join("; ", faults.Take(10)));
    }

    public bool IsStructure(string id) => Muscles.ContainsKey(id) || Tissues.ContainsKey(id);

    /// <summary>The word on screen for a structure.</summary>
    public string PlainName(string structure) =>
        Muscles.TryGetValue(structure, out var m) ? m.PlainName
        : Tissues.TryGetValue(structure, out var t) ? AtlasWords.Plain(t.NameEn)
        : structure;

    /// <summary>Every reference inside the atlas that leads nowhere.</summary>
    private IEnumerable<string> Faults()
    {
        foreach (var m in Document.Muscles)
        {
            foreach (var other in m.Antagonists.Concat(m.Synergists).Where(o => !IsStructure(o)))
                yield return $"{m.Id} names {other}";
            foreach (var a in m.Actions.Where(a => !Document.ControlledLists.Actions.ContainsKey(a.Verb)))
                yield return $"{m.Id} does {a.Verb}";
            foreach (var s in m.Source.Where(s => !Document.Sources.ContainsKey(s.Id)))
                yield return $"{m.Id} cites {s.Id}";
            if (!Document.ControlledLists.Depths.ContainsKey(m.Depth))
                yield return $"{m.Id} lies at {m.Depth}";
        }
        foreach (var z in Document.Zones)
        {
            foreach (
                var id in z
                    .MusclesSuperficialToDeep.Concat(z.MusclesBelowNotReached ?? [])
                    .Concat(z.Movers ?? [])
                    .Where(id => !Muscles.ContainsKey(id))
            )
                yield return $"zone {z.Id} names {id}";
            foreach (var id in z.Hazards.Where(id => !Hazards.ContainsKey(id)))
                yield return $"zone {z.Id} names {id}";
            if (!RegionOfZone.ContainsKey(z.Id))
                yield return $"zone {z.Id} lies in no region";
        }
        foreach (var r in Document.Regions)
        foreach (var id in r.Zones.Where(id => !Zones.ContainsKey(id)))
            yield return $"region {r.Id} names {id}";
        foreach (var t in Document.FeelTests.Where(t => !Muscles.ContainsKey(t.Structure)))
            yield return $"a feel test names {t.Structure}";
        foreach (var c in Document.Curves)
        foreach (var id in c.Landmarks.Where(id => !Landmarks.ContainsKey(id)))
            yield return $"curve {c.Id} names {id}";
        foreach (var e in Document.Contraindications)
        {
            foreach (var c in Document.ControlledLists.TechniqueClasses.Where(c => !e.ByClass.ContainsKey(c)))
                yield return $"{e.Id} says nothing of {c}";
            foreach (var id in (e.Zones ?? []).Where(id => !Zones.ContainsKey(id)))
                yield return $"{e.Id} names {id}";
            if (e.RedFlag && e.Call is null)
                yield return $"{e.Id} does not say whom to call";
            if (e.Then is { } next && !Exclusions.ContainsKey(next))
                yield return $"{e.Id} names {next}";
        }
        foreach (var h in Document.Hazards)
        foreach (var id in h.RuleData.Select(r => r.When.Person).OfType<string>().Where(id => !Exclusions.ContainsKey(id)))
            yield return $"hazard {h.Id} names {id}";
    }
}

/// <summary>Words made from atlas names.</summary>
public static class AtlasWords
{
    /// <summary>
    /// "Occipitofrontalis, frontal belly (frontalis)" is said "frontalis"; "Corrugator supercilii" is said as it stands, in lower case.
    /// </summary>
    public static string Plain(string nameEn)
    {
        ArgumentNullException.ThrowIfNull(nameEn);
        var open = nameEn.IndexOf('(', StringComparison.Ordinal);
        var close = nameEn.IndexOf(')', StringComparison.Ordinal);
        if (open > 0 && close > open + 1 && nameEn.StartsWith("Occipitofrontalis", StringComparison.Ordinal))
            return nameEn[(open + 1)..close];
        // "Tarsal (Meibomian) glands" are "tarsal glands".
        var head = open > 0 ? (nameEn[..open].Trim() + (close > open ? nameEn[(close + 1)..] : "")).Trim() : nameEn;
        return head.Length > 1 && char.IsUpper(head[0]) && !char.IsUpper(head[1]) ? char.ToLowerInvariant(head[0]) + head[1..] : head;
    }
}
