namespace Wexis.Core.Techniques.Work;

/// <summary>Primary before secondary before incidental.</summary>
public static class Strengths
{
    public static int Rank(string strength) =>
        strength switch
        {
            "primary" => 0,
            "secondary" => 1,
            _ => 2,
        };

    public static string OneLower(string strength) => strength == "primary" ? "secondary" : "incidental";

    internal static IEnumerable<WorkedRow> Ordered(IEnumerable<WorkedRow> rows) =>
        rows.OrderBy(r => Rank(r.Strength))
            .ThenBy(r => Modes.Rank(r.Mode))
            .ThenBy(r => r.Structure, StringComparer.Ordinal)
            .ThenBy(r => r.Side, StringComparer.Ordinal);
}

/// <summary>The modes of work, and what may be said about them.</summary>
public static class Modes
{
    public static readonly IReadOnlyList<string> All =
    [
        "concentric",
        "isometric",
        "eccentric",
        "stretched",
        "compressed",
        "kneaded",
        "inhibited",
        "skin-lymph",
        "breath-posture",
    ];

    /// <summary>Tightened, held against or let out slowly: the modes that count as training (field guide, covered actively).</summary>
    public static bool IsActive(string mode) => mode is "concentric" or "isometric" or "eccentric";

    public static int Rank(string mode) =>
        mode switch
        {
            "concentric" => 0,
            "isometric" => 1,
            "eccentric" => 2,
            "stretched" => 3,
            "kneaded" => 4,
            "compressed" => 5,
            "inhibited" => 6,
            "skin-lymph" => 7,
            _ => 8,
        };

    /// <summary>The plain words on screen.</summary>
    public static string Plain(string mode) =>
        mode switch
        {
            "concentric" => "tightens",
            "isometric" => "holds against",
            "eccentric" => "lets out slowly",
            "stretched" => "stretched",
            "compressed" => "pressed",
            "kneaded" => "kneaded",
            "inhibited" => "kept quiet",
            "skin-lymph" => "skin only",
            "breath-posture" => "posture",
            _ => mode,
        };
}
