using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

/// <summary>The three pictures of the atlas. Frontal and posterior are drawn in (x, y), lateral in (z, y); unit IPD.</summary>
[ClosedList]
public enum FaceView
{
    Frontal,
    Lateral,
    Posterior,
}
