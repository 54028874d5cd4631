using System.Text.Json.Serialization;

namespace Wexis.Core.Techniques.Documents;

/// <summary>One step: any number of acts, up to two hand tracks, gaze, breath, what stays still, one dose.</summary>
public sealed record Step(
    IReadOnlyList<Act>? Acts,
    IReadOnlyList<Hand>? Hands,
    string? Breath,
    string? Gaze,
    IReadOnlyList<string>? Still,
    Dose? Dose,
    IReadOnlyList<string>? Channels,
    string? EndPoint,
    string? Cue,
    PoseState? State,
    Tempo? Tempo
)
{
    [JsonIgnore]
    public IReadOnlyList<Act> AllActs => Acts ?? [];

    [JsonIgnore]
    public IReadOnlyList<Hand> AllHands => Hands ?? [];

    [JsonIgnore]
    public IReadOnlyList<string> AllStill => Still ?? [];
}

/// <summary>What the face, jaw, tongue, eyes or head do. <c>do</c> is a base verb, a move, or an action of the atlas.</summary>
public sealed record Act(
    string? Do,
    string? Side,
    string? Effort,
    string? Resist,
    string? At,
    Tempo? Tempo,
    IReadOnlyList<HoldStill>? HoldStill,
    PoseState? State,
    string? Air,
    bool? Travels,
    string? Then,
    string? Force
)
{
    [JsonIgnore]
    public IReadOnlyList<HoldStill> AllHoldStill => HoldStill ?? [];
}

/// <summary>A zone kept from moving, and by what: palm, finger or attention.</summary>
public sealed record HoldStill(string? Zone, string? By);

/// <summary>Seconds of one repetition: in + hold + out, then rest before the next.</summary>
public sealed record Tempo(double? InS, double? HoldS, double? OutS, double? RestS);

/// <summary>The state of the rest of the face.</summary>
public sealed record PoseState(string? Gaze, string? Lids, string? Jaw, string? Lips, string? Tongue, string? Head, string? Shoulders);

/// <summary>One hand track. Pressure is a level 0–5 of the one scale; null is unknown.</summary>
public sealed record Hand(
    [property: JsonPropertyName("hand")] string? Which,
    string? Role,
    string? Verb,
    string? Contact,
    string? Tool,
    double? AngleDeg,
    IReadOnlyList<string>? Zones,
    IReadOnlyList<string>? Points,
    IReadOnlyList<PathPoint>? Path,
    string? Surface,
    string? Direction,
    double? DegLeft,
    int? Pressure,
    string? Axis,
    bool? Glide,
    string? GripOrSlip,
    string? Sides,
    double? HoldS
)
{
    [JsonIgnore]
    public IReadOnlyList<string> AllZones => Zones ?? [];

    [JsonIgnore]
    public IReadOnlyList<PathPoint> AllPath => Path ?? [];

    [JsonIgnore]
    public IReadOnlyList<string> AllPoints => Points ?? [];
}

/// <summary>A stop of a stroke: a landmark, or a landmark with a direction and finger-breadths (about 16 mm each).</summary>
public sealed record PathPoint(string? At, string? From, string? Surface, PathOffset? Offset)
{
    [JsonIgnore]
    public string? Landmark => At ?? From;
}

public sealed record PathOffset(string? Dir, double? Breadths);
