using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

/// <summary>What the mechanics say of a claim. The words and their meaning stand in the action model.</summary>
[ClosedList]
public enum ClaimFinding
{
    Supported,
    PartlyRight,
    WrongStructure,
    WrongMode,
    WrongDirection,
    WrongLocation,
    WrongExtent,
    WrongCause,
    AntagonistConfused,
    OverstatedEffect,
    UnsupportedEffect,
    MisquotedEvidence,
    OutOfScope,

    /// <summary>A word is not understood: asked, with the nearest name.</summary>
    Asked,

    /// <summary>The technique is stopped: its claims wait until that is mended.</summary>
    Waits,
}
