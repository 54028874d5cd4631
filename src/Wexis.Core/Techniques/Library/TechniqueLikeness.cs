using Wexis.Core.Techniques.Steps;

namespace Wexis.Core.Techniques.Library;

/// <summary>How alike two techniques are by what they consist of, never by their names.</summary>
public static class TechniqueLikeness
{
    /// <summary>From here two techniques are near-duplicates: four of five marks in common.</summary>
    public const double NearDuplicate = 0.8;

    /// <summary>One mark for each thing that a step does: movement, hold, verb with contact and pressure, zone, sides.</summary>
    public static IReadOnlyList<string> Marks(IReadOnlyList<DerivedStep> steps)
    {
        ArgumentNullException.ThrowIfNull(steps);
        var marks = new SortedSet<string>(StringComparer.Ordinal);
        foreach (var step in steps)
        {
            foreach (var act in step.Completed.AllActs.Where(a => a.Do is not null))
            {
                marks.Add($"act {act.Do}");
                marks.Add(
                    $"act {act.Do} {(step.Held ? "held" : "moving")}{(act.Resist is null or "none" ? "" : $" against {act.Resist}")}"
                );
                foreach (var still in act.AllHoldStill)
                    marks.Add($"still {still.Zone}");
            }
            foreach (var hand in step.Completed.AllHands.Where(h => h.Verb is not null))
            {
                marks.Add($"hand {hand.Verb}");
                marks.Add($"hand {hand.Verb} {hand.Contact} {hand.Pressure}");
                foreach (var point in hand.AllPath)
                    marks.Add($"place {point.Landmark}");
                foreach (var point in hand.AllPoints)
                    marks.Add($"point {point}");
            }
            foreach (var zone in step.Map.ZonesTouched)
                marks.Add($"zone {zone}");
            foreach (var still in step.Completed.AllStill)
                marks.Add($"still {still}");
            marks.Add($"sides {step.Sides}");
        }
        return [.. marks];
    }

    /// <summary>Marks in common / marks of either (Jaccard 1901), in [0, 1]; 0 when neither has any.</summary>
    public static double Of(IReadOnlyList<string> a, IReadOnlyList<string> b)
    {
        ArgumentNullException.ThrowIfNull(a);
        ArgumentNullException.ThrowIfNull(b);
        var both = a.Intersect(b, StringComparer.Ordinal).Count();
        var either = a.Count + b.Count - both;
        return either == 0 ? 0 : (double)both / either;
    }
}
