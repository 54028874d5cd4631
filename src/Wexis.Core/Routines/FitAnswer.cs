using System.Text.Json.Serialization;
using Wexis.Core.Measures;

namespace Wexis.Core.Routines;

/// <summary>How far a fit was brought: proven best, the best so far, or no choice fits.</summary>
[ClosedList]
public enum FitStatus
{
    Optimal,
    Feasible,
    Infeasible,
}

/// <summary>Levels for all parts, null for a part left out, with what they come to.</summary>
/// <param name="Choice">By part id, in the order of the parts.</param>
/// <param name="Seconds">Parts and the changeovers between them.</param>
public sealed record FitChoice(IReadOnlyDictionary<string, DoseLevel?> Choice, long Value, int Seconds, IReadOnlyList<string> Dropped)
{
    /// <summary>What a choice comes to. The levels are taken as they are: <see cref="FitCheck"/> says whether they hold.</summary>
    public static FitChoice Of(FitProblem problem, IReadOnlyList<DoseLevel?> levels)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(levels);
        var (value, seconds) = (0L, 0);
        var choice = new Dictionary<string, DoseLevel?>(StringComparer.Ordinal);
        FitPart? before = null;
        for (var i = 0; i < problem.AllParts.Count; i++)
        {
            var part = problem.AllParts[i];
            choice[part.Id!] = levels[i];
            if (levels[i] is not { } level)
                continue;
            value += part.Value!.At(level) ?? 0;
            seconds += (int)(part.Seconds!.At(level) ?? 0);
            if (part.Hands is null)
                continue;
            if (before is not null)
                seconds += problem.Changeover(before, part);
            before = part;
        }
        value += problem.AllRewards.Where(r => (r.Parts ?? []).Any(p => choice.GetValueOrDefault(p) is not null)).Sum(r => r.Value ?? 0);
        return new(choice, value, seconds, [.. choice.Where(c => c.Value is null).Select(c => c.Key)]);
    }

    /// <summary>Whether two choices are two: a part is in one and not in the other, or two parts or more have other levels.</summary>
    public bool DiffersFrom(FitChoice other)
    {
        ArgumentNullException.ThrowIfNull(other);
        var levels = 0;
        foreach (var (id, level) in Choice)
        {
            var there = other.Choice[id];
            if (level is null != there is null)
                return true;
            if (level != there)
                levels++;
        }
        return levels >= 2;
    }
}

/// <summary>One piece of what cannot be made shorter.</summary>
/// <param name="Changeover">Seconds of the changeover before it.</param>
public sealed record FloorPiece(string Id, DoseLevel Level, int Seconds, int Changeover, string Because);

/// <summary>The shortest that the rules allow, and what it is made of.</summary>
public sealed record FitFloor(int Seconds, IReadOnlyList<FloorPiece> MadeOf)
{
    public static FitFloor Of(FitProblem problem, FitChoice shortest)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(shortest);
        var pieces = new List<FloorPiece>();
        FitPart? before = null;
        foreach (var part in problem.AllParts)
        {
            if (shortest.Choice[part.Id!] is not { } level)
                continue;
            var change = part.Hands is not null && before is not null ? problem.Changeover(before, part) : 0;
            before = part.Hands is null ? before : part;
            pieces.Add(new(part.Id!, level, (int)part.Seconds!.At(level)!.Value, change, Because(part)));
        }
        return new(shortest.Seconds, pieces);
    }

    private static string Because(FitPart part) =>
        part.Protected == true ? "it is protected"
        : part.Optional != true ? "it is not optional"
        : part.Releases is { Count: > 0 } ? $"it releases {string.Join(" and ", part.Releases)}, which stays"
        : "without it the changeovers would take longer";
}

/// <summary>What <c>routines fit</c> answers.</summary>
/// <param name="Choice">Null where nothing fits.</param>
/// <param name="Bound">No choice is worth more than this.</param>
/// <param name="NextBest">The two next best that differ by a part or by two levels, from the best and from each other.</param>
/// <param name="Floor">Only where nothing fits.</param>
public sealed record FitAnswer(
    FitStatus Status,
    int TargetSeconds,
    IReadOnlyDictionary<string, DoseLevel?>? Choice,
    long? Value,
    int? Seconds,
    long? Bound,
    IReadOnlyList<string> Dropped,
    IReadOnlyList<FitChoice> NextBest,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] FitFloor? Floor
)
{
    public string Schema { get; } = "wexis.fit-answer/1";
}
