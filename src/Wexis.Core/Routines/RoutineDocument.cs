using System.Text.Json.Serialization;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Routines;

/// <summary>What a part is there for, in the order of a whole routine.</summary>
[ClosedList]
public enum PartRole
{
    Prepare,
    Open,
    Work,
    Release,
    Close,
    Settle,
}

/// <summary>A part without a technique.</summary>
[ClosedList]
public enum FreeKind
{
    Breath,
    Settle,
    Notice,
    Break,
    Talk,
}

/// <summary>One part of a routine: an edition of a technique, or something free that takes its seconds.</summary>
/// <param name="Technique">Id of a technique; null for a free part.</param>
/// <param name="Edition">The edition that is pinned, from 1.</param>
/// <param name="Level">Left out where <paramref name="Doses"/> are told.</param>
/// <param name="Doses">Doses of its own, one line for each step; null keeps what the technique says at standard.</param>
/// <param name="Optional">May be left out when time runs short.</param>
/// <param name="Stars">How dear it is to the trainer, 0 to 3.</param>
/// <param name="Bridge">What is said on the way to the next part.</param>
/// <param name="Free">Null for a technique.</param>
/// <param name="Seconds">Of a free part.</param>
/// <param name="Words">What is said in a free part.</param>
public sealed record RoutinePart(
    string? Id,
    string? Technique = null,
    int? Edition = null,
    [property: WordOf<DoseLevel>] string? Level = null,
    IReadOnlyList<string?>? Doses = null,
    [property: WordOf<PartRole>] string? Role = null,
    bool? Optional = null,
    int? Stars = null,
    string? Bridge = null,
    [property: WordOf<FreeKind>] string? Free = null,
    double? Seconds = null,
    string? Words = null
)
{
    [JsonIgnore]
    public bool HasOwnDose => Doses is { Count: > 0 } && Doses.Any(d => !string.IsNullOrWhiteSpace(d));

    [JsonIgnore]
    public PartRole Place => ClosedList.Of<PartRole>(Role) ?? PartRole.Work;
}

/// <summary>A structure that the routine promises to work.</summary>
/// <param name="Mode">How (see the atlas); null for any way that is not keeping it relaxed.</param>
public sealed record RoutinePromise(string? Structure, [property: WordOf<Mode>] string? Mode);

/// <summary>What the routine is for.</summary>
/// <param name="Regions">Regions of the atlas that it promises to reach.</param>
public sealed record RoutinePurpose(IReadOnlyList<RoutinePromise>? Structures, IReadOnlyList<string>? Regions)
{
    [JsonIgnore]
    public IReadOnlyList<RoutinePromise> AllStructures => Structures ?? [];

    [JsonIgnore]
    public IReadOnlyList<string> AllRegions => Regions ?? [];
}

/// <summary>An edition that a file brings along, so that it stands alone.</summary>
public sealed record RoutineLibraryEntry(int? Edition, TechniqueDocument? Technique);

/// <summary>A routine as it is exchanged and stored: <c>wexis.routine/1</c>. See docs/formats.md.</summary>
/// <param name="Minutes">What it shall take.</param>
/// <param name="ForWhom">For whom it is, in the trainer's words.</param>
/// <param name="Library">Techniques that a file brings along; a stored routine has none.</param>
public sealed record RoutineDocument(
    string? Schema,
    string? Name,
    string? ForWhom = null,
    double? Minutes = null,
    IReadOnlyList<string>? Schools = null,
    RoutinePurpose? Purpose = null,
    IReadOnlyList<RoutinePart>? Parts = null,
    IReadOnlyList<RoutineLibraryEntry>? Library = null
)
{
    public const string CurrentSchema = "wexis.routine/1";
    public const double LongestMinutes = 120;
    public const int MostParts = 80;

    [JsonIgnore]
    public IReadOnlyList<RoutinePart> AllParts => Parts ?? [];

    [JsonIgnore]
    public IReadOnlyList<string> AllSchools => Schools ?? [];

    [JsonIgnore]
    public RoutinePurpose AllPurpose => Purpose ?? new([], []);
}
