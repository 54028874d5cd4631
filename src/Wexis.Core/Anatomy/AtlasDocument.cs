using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

/// <summary>Where an item of the atlas comes from. Basis says how far it was checked ("from memory").</summary>
public sealed record SourceRef(string Id, string Basis);

/// <summary>An outline in one view (IPD), its fibre lines and holes. The subject's left half; the right is its mirror.</summary>
public sealed record ViewShape(double[][]? Polygon, double[][][]? FibreLines, double[][][]? Holes);

/// <summary>A named place. Frontal in IPD (subject's left), lateral_z forward of the cornea.</summary>
public sealed record Landmark(
    double[] Frontal,
    double? LateralZ,
    bool Bony,
    string Name,
    string? Anatomical,
    bool Midline,
    SourceRef[] Source,
    FaceSurface Surface,
    string[]? Codes
);

/// <summary>Where a hand works: its layers, its lymph direction, its pressure cap, its hazards.</summary>
/// <param name="Passing">Layers that only pass over it, thin or not in everybody: reached, and never the main work.</param>
public sealed record Zone(
    string Id,
    string Name,
    string? Anatomical,
    FaceView View,
    double[][] Polygon,
    string[]? DrainsTo,
    double? DrainDirDegLeft,
    FaceView? DrainDirView,
    string[] MusclesSuperficialToDeep,
    string[]? MusclesBelowNotReached,
    int MaxPressure,
    int? MaxPressurePinchLift,
    string[] Hazards,
    Dictionary<string, double?>? HazardShares,
    FaceSurface Surface,
    string[]? Movers,
    string? CapNote,
    Dictionary<string, string>? ReachBy,
    Dictionary<string, int>? ReachInside,
    string[]? Passing,
    SourceRef[] Source
);

public sealed record LymphGroup(
    string Id,
    string NameEn,
    string NameLaTa2,
    double[] Frontal,
    double? LateralZ,
    string? Drains,
    string[]? EfferentTo,
    SourceRef[] Source,
    FaceSurface Surface
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
    FaceSurface Surface,
    SourceRef[] Source
);

/// <summary>Whether a hand touches, or something held in it.</summary>
[ClosedList]
public enum ContactKind
{
    Hand,
    Tool,
}

/// <summary>The part of the hand, or tool, that touches. Width in mm.</summary>
public sealed record Contact(
    string Id,
    string Name,
    double WidthMm,
    int DefaultLevel,
    int MaxLevel,
    ContactKind Kind,
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

public sealed record FeatureLine(string Id, bool Closed, bool Paired, bool? Light, double[][] Points, string? ClipTo);

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
