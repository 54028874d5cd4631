using Wexis.Core.Measures;

namespace Wexis.Core.Routines;

/// <summary>
/// Looks at a choice, whoever made it: every rule of the problem by itself, without knowing how the choice was found.
/// </summary>
public static class FitCheck
{
    /// <summary>What is wrong with a choice, in sentences; nothing when it holds.</summary>
    public static IReadOnlyList<string> Faults(FitProblem problem, IReadOnlyDictionary<string, DoseLevel?> choice)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(choice);
        var faults = new List<string>();
        bool Stays(FitPart p) => choice.GetValueOrDefault(p.Id!) is not null;
        foreach (var part in problem.AllParts)
        {
            if (!choice.TryGetValue(part.Id!, out var level))
                faults.Add($"{part.Id}: nothing is said of it.");
            else if (level is { } chosen && !part.Levels.Contains(chosen))
                faults.Add($"{part.Id}: it has no {chosen.Word()} level.");
            if (!Stays(part) && !part.MayGo)
                faults.Add($"{part.Id}: it is left out and may not be.");
            foreach (var block in Stays(part) ? [] : part.Releases ?? [])
                if (problem.AllParts.FirstOrDefault(p => p.Block == block && Stays(p)) is { } kept)
                    faults.Add($"{part.Id}: it releases {block} and is left out, while {kept.Id} stays.");
        }
        if (faults.Count > 0)
            return faults;
        var sum = FitChoice.Of(problem, [.. problem.AllParts.Select(p => choice[p.Id!])]);
        if (sum.Seconds > problem.TargetSeconds)
            faults.Add($"It takes {sum.Seconds} s; the target is {problem.TargetSeconds} s.");
        return faults;
    }
}
