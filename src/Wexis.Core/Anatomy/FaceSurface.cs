using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

/// <summary>
/// From where a place can be touched. Nothing of the atlas lies on the edge: strokes cross it from one surface to another.
/// </summary>
[ClosedList]
public enum FaceSurface
{
    Front,
    Side,
    Back,
    Edge,
}
