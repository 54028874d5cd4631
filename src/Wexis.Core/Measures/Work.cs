namespace Wexis.Core.Measures;

/// <summary>How a structure is worked, the most active first.</summary>
[ClosedList]
public enum Mode
{
    Concentric,
    Isometric,
    Eccentric,
    Stretched,
    Kneaded,
    Compressed,
    Inhibited,
    SkinLymph,
    BreathPosture,
}

/// <summary>How much of the work a structure does, the most first.</summary>
[ClosedList]
public enum Strength
{
    Primary,
    Secondary,
    Incidental,
}

/// <summary>Whether what decides a row was told.</summary>
[ClosedList]
public enum Certainty
{
    Sure,
    Uncertain,
}

/// <summary>What may be said about modes and strengths.</summary>
public static class WorkWords
{
    /// <summary>Tightened, held or released slowly: the modes that count as training (field guide, covered actively).</summary>
    public static bool IsActive(this Mode mode) => mode is Mode.Concentric or Mode.Isometric or Mode.Eccentric;

    /// <summary>Pressed, kneaded or stretched by a hand.</summary>
    public static bool IsByHand(this Mode mode) => mode is Mode.Kneaded or Mode.Compressed or Mode.Stretched;

    /// <summary>The plain words on screen.</summary>
    public static string Plain(this Mode mode) =>
        mode switch
        {
            Mode.Concentric => "tightens",
            Mode.Isometric => "holds (isometric)",
            Mode.Eccentric => "releases slowly (eccentric)",
            Mode.Compressed => "pressed",
            Mode.Inhibited => "stays relaxed",
            Mode.SkinLymph => "moves skin and surface fluid",
            Mode.BreathPosture => "posture",
            _ => mode.Word(),
        };

    /// <summary>The same as something done to a muscle: "the cheek muscle is held (isometric)".</summary>
    public static string Done(this Mode mode) =>
        mode switch
        {
            Mode.Concentric => "tightened",
            Mode.Isometric => "held (isometric)",
            Mode.Eccentric => "released slowly (eccentric)",
            Mode.Inhibited => "relaxed",
            Mode.SkinLymph => "moved at skin depth only",
            _ => mode.Plain(),
        };

    public static Strength OneLower(this Strength strength) => strength == Strength.Primary ? Strength.Secondary : Strength.Incidental;
}
