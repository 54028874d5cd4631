using Wexis.Core.Anatomy;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Examinations;

/// <summary>
/// Where the fluid of a technique is brought to, as its mark sheet asks for it: the technique's own end, not everybody's.
/// </summary>
public static class FluidFinish
{
    /// <summary>What the criterion says, and what 0, 1, 2 and 3 look like; null where no fluid is moved along a way.</summary>
    public static (string Text, IReadOnlyList<string> Anchors)? Of(Derivation derivation, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(derivation);
        ArgumentNullException.ThrowIfNull(atlas);
        var fluid = derivation.Steps.Where(s => s.Family is StepFamily.LightGlide or StepFamily.ToolGlide || s.Map.Flow.Count > 0).ToList();
        if (fluid.Count == 0)
            return null;
        var end = EndOf(fluid[^1], atlas);
        return fluid.Count == 1
            ? (
                $"Finish: every fluid stroke ends {end}",
                ["never gets there", "mostly ends short of it", "ends short of it at times", "gets there every time"]
            )
            : (
                $"Finish: the last fluid stroke ends {end}, order kept",
                ["left out", "another order", "right order, last stroke short", "in order, to its end"]
            );
    }

    /// <summary>The last place of the way, else the zone that was worked last, else where its lymph drains first.</summary>
    private static string EndOf(DerivedStep step, Atlas atlas)
    {
        var hand = step.Completed.AllHands.FirstOrDefault(h => h.Verb is not null);
        if (hand?.AllPath is { Count: > 1 } path && path[^1].Landmark is { } l && atlas.Landmarks.TryGetValue(l, out var place))
            return $"at the {place.Name}";
        if (hand?.AllZones.Count > 0)
            return $"at the end of the {StepWords.ZoneWord(hand.AllZones[^1], atlas)}";
        return "where the step says";
    }
}
