using System.Text.Json.Serialization;
using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

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

public sealed record HazardRule(HazardWhen When, SafetyVerdict Then);

public sealed record RimFront(double[][] Polygon, double[][]? Hole, string Rule);

/// <summary>
/// A hazard's outline on one more surface from which it can be touched. View frontal or posterior: (x, y); lateral: (z, y). IPD.
/// </summary>
public sealed record HazardOutline(FaceSurface Surface, FaceView View, double[][] Polygon);

/// <summary>A place where pressure can hurt, with the rules that say when.</summary>
/// <param name="Polygon">Its outline on its own surface; <paramref name="Also"/> holds those on every other surface from which it can be
/// touched.</param>
/// <param name="Deep">What lies before it in the side picture is not it, though the front picture draws them together (under the
/// chin).</param>
public sealed record Hazard(
    string Id,
    string Name,
    FaceView View,
    double[][] Polygon,
    double[][]? Hole,
    string Risk,
    string UsualCaution,
    string AppliesTo,
    string Rule,
    SafetyVerdict Severity,
    HazardRule[] RuleData,
    double MinContactShare,
    FaceSurface Surface,
    RimFront? RimFront,
    SourceRef[] Source,
    HazardOutline[]? Also,
    bool Deep = false
)
{
    /// <summary>Every outline, its own first.</summary>
    [JsonIgnore]
    public IEnumerable<HazardOutline> Outlines => [new(Surface, View, Polygon), .. Also ?? []];
}
