using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

/// <summary>A stroke against the way to the next nodes (R61).</summary>
[ClosedList]
public enum FlowWay
{
    With,
    Neutral,
    Against,
}

/// <summary>A stroke against the fibres (R43).</summary>
[ClosedList]
public enum FibreLine
{
    Along,
    Oblique,
    Across,
}
