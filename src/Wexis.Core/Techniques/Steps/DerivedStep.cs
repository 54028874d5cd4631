using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Safety;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Steps;

/// <summary>
/// Where a hand goes, as computed: places in the face frame (IPD, the subject's left), those along an edge included; contact width in
/// IPD; the sides it works.
/// </summary>
/// <param name="SidePoints">The told places as the side view shows them, x holding z; empty when one of them is not known there.</param>
/// <param name="Stops">The told places in words.</param>
public sealed record DrawnStroke(
    int Hand,
    IReadOnlyList<FacePoint> Points,
    IReadOnlyList<FacePoint> SidePoints,
    IReadOnlyList<string> Stops,
    double WidthIpd,
    Sides Sides
);

/// <summary>All that Wexis derives from one step.</summary>
/// <param name="Held">Whether a repetition is a hold (R12): it is drawn and counted by press and release.</param>
/// <param name="ArmsCross">A hand works on the other half of the face.</param>
public sealed record DerivedStep(
    int Index,
    string Title,
    StepFamily? Family,
    string? FamilyName,
    Sides Sides,
    Step Completed,
    IReadOnlyList<string> Defaults,
    DoseSum Dose,
    WorkMap Map,
    SafetyReview Safety,
    IReadOnlyList<string> Classes,
    IReadOnlyList<DrawnStroke> Strokes,
    bool Held,
    bool ArmsCross
);
