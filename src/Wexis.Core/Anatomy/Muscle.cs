using System.Text.Json;
using System.Text.Json.Serialization;
using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

/// <summary>How far an outline drawn from memory is to be trusted.</summary>
[ClosedList]
public enum HowSure
{
    Medium,
    High,
}

/// <summary>Whether a muscle does a movement or helps with it.</summary>
[ClosedList]
public enum MoverRole
{
    Prime,
    Assist,
}

public sealed record MuscleAction(string Verb, MoverRole Role);

public sealed record NerveSupply(string Nerve, string? Branch);

public sealed record FacsUnit(int Au, string? Note);

public sealed record LineOfAction(double[]? Moving, double[]? Fixed);

/// <summary>How the fibres of a muscle run.</summary>
[ClosedList]
public enum FibreKind
{
    Linear,
    Fan,
    Circular,

    /// <summary>Towards or away from who looks at the face.</summary>
    OutOfPlane,
}

/// <summary>Fibre course. Angles in degrees counter-clockwise from +x, for the subject's left side.</summary>
public sealed record Fibre(FibreKind Kind, double? PullDeg, double? AxisDeg, string? PullWords, LineOfAction? LineOfAction);

/// <summary>One muscle of the atlas. Its common name is what a client would call it; the Latin one stands behind it.</summary>
public sealed record Muscle(
    string Id,
    string Common,
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
    HowSure? Confidence,
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
    string Common,
    string NameEn,
    string NameLaTa2,
    string? Note,
    Dictionary<string, ViewShape> Views,
    SourceRef[] Source
);
