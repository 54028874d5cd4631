using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Strokes;

/// <summary>
/// A place of a path: its surface, where it lies in the front (or back) picture, and z in the side view where that is known.
/// </summary>
/// <param name="OnSkin">Point and z together are a place of the skin; moved up, down or sideways, the z is that of where it came
/// from.</param>
public readonly record struct PathStop(FaceSurface Surface, FacePoint Point, double? Z, bool OnSkin = true);

/// <summary>
/// One leg of a stroke, for the subject's left side: straight, or along an edge of the face, in pieces that each lie on one surface.
/// </summary>
/// <param name="Edge">The edge it follows; null when it runs straight.</param>
/// <param name="Through">It would run from the front to the back through the head: nobody said what lies between, so it is asked and
/// touches nothing.</param>
public sealed record StrokeLeg(PathStop Start, PathStop End, string? Edge, IReadOnlyList<StrokePiece> Pieces, bool Through)
{
    public FacePoint From => Start.Point;
    public FacePoint To => End.Point;

    /// <summary>Its places in order, ends included.</summary>
    public IEnumerable<FacePoint> Places => Pieces.Take(1).Select(p => p.From).Concat(Pieces.Select(p => p.To));

    /// <summary>In pupil distances, along the edge where it follows one.</summary>
    public double LengthIpd => Pieces.Sum(p => p.From.DistanceTo(p.To));

    public bool Touches(FaceSurface surface) => Start.Surface == surface || End.Surface == surface;
}

/// <summary>A straight piece of a leg. Surface is front, side or back, or <c>edge</c> where it crosses from one to another.</summary>
public readonly record struct StrokePiece(FaceSurface Surface, FacePoint From, FacePoint To);

/// <summary>The way of a path over one zone.</summary>
/// <param name="Degrees">Direction of travel for the left side, in [0°, 360°).</param>
/// <param name="Leg">The leg that goes it (from 0); null where only a direction was told.</param>
public readonly record struct WayOver(double Degrees, int? Leg);
