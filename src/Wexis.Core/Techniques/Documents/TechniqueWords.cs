using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Documents;

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
        "eight",
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
    public static readonly IReadOnlyList<string> ClaimKinds = ClosedList.All<ClaimKind>();
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
