using System.Text.Json.Serialization;

namespace Wexis.Core.Techniques;

/// <summary>
/// A technique as it is exchanged and stored: schema <c>wexis.technique/1</c>. A null field was not told;
/// it is shown in grey with the default of its family (<see cref="FamilyDefaults"/>) and never counts as zero.
/// </summary>
/// <param name="Advice">What is advised beside it (water, sleep, sun): kept apart from the technique, and never part of its map.</param>
public sealed record TechniqueDocument(
    string? Schema,
    string? Id,
    string? Name,
    string? Region,
    string? School,
    IReadOnlyList<string>? Concerns,
    string? Aim,
    IReadOnlyList<Step>? Steps,
    IReadOnlyList<Fault>? Faults,
    IReadOnlyList<Adaptation>? Adaptations,
    IReadOnlyList<string>? Cautions,
    IReadOnlyList<Claim>? Claims,
    IReadOnlyList<string>? Materials,
    IReadOnlyList<string>? Prerequisites,
    IReadOnlyList<RelatedTechnique>? Related = null,
    IReadOnlyList<string>? Advice = null
)
{
    public const string CurrentSchema = "wexis.technique/1";
    public static TechniqueDocument Empty { get; } = new(CurrentSchema, null, null, null, null, [], null, [], [], [], [], [], [], []);

    [JsonIgnore]
    public IReadOnlyList<Step> AllSteps => Steps ?? [];
}

/// <summary>
/// Another technique, by its id, and what it is to this one: an easier or harder version, or what this one was made from
/// (<c>same-except</c>).
/// </summary>
public sealed record RelatedTechnique(string? Id, string? As);

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

/// <summary>
/// The dose: sets × repetitions × sides × directions × lanes + extras. <c>line</c> is the trade's own line, from which the rest was read;
/// <c>unit</c> says what minimum, standard and full count: repetitions (default), seconds or breaths.
/// </summary>
/// <param name="TimesADay">Sessions in which it comes, on a day of practice; null when not told.</param>
/// <param name="DaysAWeek">Days of practice in a week, 1 to 7; null when not told.</param>
public sealed record Dose(
    string? Line,
    int? Sets,
    int? Reps,
    string? Per,
    IReadOnlyList<string>? Directions,
    string? PerDirection,
    string? Both,
    int? Lanes,
    string? Extra,
    bool? DemoCounts,
    double? Min,
    double? Standard,
    double? Full,
    string? Unit,
    int? TimesADay = null,
    int? DaysAWeek = null
)
{
    [JsonIgnore]
    public IReadOnlyList<string> AllDirections => Directions ?? [];
}

public sealed record Fault(string? Sign, string? Meaning, string? Fix);

public sealed record Adaptation(string? For, string? Change);

/// <param name="Answer">What the author says to a verdict; a contradicted claim stays visible all the same.</param>
public sealed record Claim(string? Text, string? Kind, string? Structure, string? Verb, string? Answer = null);

/// <summary>The controlled words of the exchange that are not ids of the atlas.</summary>
public static class TechniqueWords
{
    public static readonly IReadOnlyList<string> ActSides = ["left", "right", "both", "alternating"];
    public static readonly IReadOnlyList<string> RelatedAs = ["easier", "harder", "same-except"];
    public static readonly IReadOnlyList<string> Efforts = ["slight", "moderate", "strong", "maximal"];
    public static readonly IReadOnlyList<string> Resists = ["none", "finger", "air", "tooth", "tongue", "gravity", "partner"];
    public static readonly IReadOnlyList<string> HoldBy = ["palm", "finger", "attention"];
    public static readonly IReadOnlyList<string> Gazes =
    [
        "ahead",
        "up",
        "down",
        "left",
        "right",
        "up-left",
        "up-right",
        "down-left",
        "down-right",
        "circle",
        "near",
        "far",
        "left-right",
        "up-down",
        "near-far",
    ];
    public static readonly IReadOnlyList<string> Lids = ["open", "closed", "narrowed"];
    public static readonly IReadOnlyList<string> Jaws = ["rest", "closed", "half-open", "open", "forward", "left", "right"];
    public static readonly IReadOnlyList<string> Lips = ["closed", "open", "rolled-in", "parted", "pursed"];
    public static readonly IReadOnlyList<string> Tongues = ["rest", "palate", "out", "vestibule", "cheek"];
    public static readonly IReadOnlyList<string> Heads =
    [
        "neutral",
        "back",
        "forward",
        "left-turn",
        "right-turn",
        "left-tilt",
        "right-tilt",
    ];
    public static readonly IReadOnlyList<string> Shoulders = ["down", "up", "free"];
    public static readonly IReadOnlyList<string> WhichHand = ["left", "right", "both"];
    public static readonly IReadOnlyList<string> Roles = ["work", "hold", "resist", "anchor", "tool-option", "feel"];
    public static readonly IReadOnlyList<string> GripOrSlip = ["grip", "slip"];
    public static readonly IReadOnlyList<string> HandSides = ["both", "left", "right", "one-then-other", "alternating", "midline"];
    public static readonly IReadOnlyList<string> Breaths = ["free", "long-out", "out-on-effort", "nasal-slow"];
    public static readonly IReadOnlyList<string> DosePer = ["side", "all"];
    public static readonly IReadOnlyList<string> DosePerDirection = ["each", "all"];
    public static readonly IReadOnlyList<string> DoseBoth = ["together", "one-then-other", "alternating", "midline"];
    public static readonly IReadOnlyList<string> DoseUnits = ["reps", "seconds", "breaths"];
    public static readonly IReadOnlyList<string> Airs = ["kept", "across", "out"];
    public static readonly IReadOnlyList<string> Surfaces = ["front", "side", "back"];
    public static readonly IReadOnlyList<string> OffsetDirections = ["up", "down", "medial", "lateral", "back"];
    public static readonly IReadOnlyList<string> StillBodyParts = ["head", "jaw", "lips", "shoulders", "tongue", "eyes", "face"];
    public static readonly IReadOnlyList<string> ClaimKinds =
    [
        "structure",
        "action",
        "place",
        "cause",
        "effect",
        "evidence",
        "lymph",
        "mode",
    ];
    public static readonly IReadOnlyList<string> Forces = ["own", "hand-at-end-range"];
    public static readonly IReadOnlyList<string> Directions =
    [
        "toward-globe",
        "behind-rim",
        "into-orbit",
        "under-rim-up",
        "into-bone",
        "inward-up",
        "inward",
        "backward",
        "outward",
        "up",
        "down",
        "medial",
        "lateral",
        "clockwise",
        "anticlockwise",
        "across",
        "along",
        "to-ear",
        "circle",
        "left",
        "right",
    ];
}
