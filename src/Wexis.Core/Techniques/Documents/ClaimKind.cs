using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Documents;

/// <summary>What kind of thing a claim says (R120).</summary>
[ClosedList]
public enum ClaimKind
{
    Structure,
    Action,
    Place,
    Cause,
    Effect,
    Evidence,
    Lymph,
    Mode,
}
