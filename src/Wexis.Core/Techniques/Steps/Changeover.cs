using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Steps;

/// <summary>What has to be done between two steps, with its seconds: oil, wipe, take or lay down a tool, change hands.</summary>
/// <param name="BeforeStep">Step (from 0) it precedes.</param>
/// <param name="Kind">oil, wipe, tool, side or hands.</param>
public sealed record Changeover(int BeforeStep, string Kind, string Words, double Seconds)
{
    /// <summary>
    /// The changeovers of a technique in order. From grip to slip: oil; from slip to grip: wipe the fingertips. Nothing is reordered for
    /// it (house ruling 9).
    /// </summary>
    public static IReadOnlyList<Changeover> Between(IReadOnlyList<DerivedStep> steps, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(steps);
        ArgumentNullException.ThrowIfNull(atlas);
        ArgumentNullException.ThrowIfNull(settings);
        var found = new List<Changeover>();
        DerivedStep? before = null;
        // What the first contact needs belongs to getting ready, not to a change.
        foreach (var step in steps.Where(s => Touching(s).Count > 0))
        {
            if (before is not null)
                found.AddRange(Between(before, step, atlas, settings));
            before = step;
        }
        return found;
    }

    private static IEnumerable<Changeover> Between(DerivedStep before, DerivedStep step, Atlas atlas, HouseSettings settings)
    {
        var (slipped, slips) = (Slips(before), Slips(step));
        if (slips && !slipped)
            yield return new(step.Index, "oil", "oil", settings.OilSeconds);
        if (slipped && !slips)
            yield return new(step.Index, "wipe", "wipe the fingertips", settings.WipeSeconds);
        var (laid, taken) = (Tool(before, atlas), Tool(step, atlas));
        if (laid != taken)
            yield return new(
                step.Index,
                "tool",
                taken is null ? "lay the tool down" : $"{(laid is null ? "take" : "change to")} the {atlas.Contacts[taken].Name}",
                settings.ToolChangeSeconds
            );
        else if ((before.Sides, step.Sides) is ("left", "right") or ("right", "left"))
            yield return new(step.Index, "side", "change sides", settings.ChangeOfSideSeconds);
        else if (!Fingers(before).SetEquals(Fingers(step)))
            yield return new(step.Index, "hands", "place the hands anew", settings.HandChangeSeconds);
    }

    private static List<Hand> Touching(DerivedStep step) => [.. step.Completed.AllHands.Where(h => h.Verb is not null && h.Pressure != 0)];

    private static bool Slips(DerivedStep step) => Touching(step).Any(h => h.GripOrSlip == "slip");

    private static string? Tool(DerivedStep step, Atlas atlas) =>
        Touching(step)
            .Select(h => h.Contact)
            .FirstOrDefault(c => c is not null && atlas.Contacts.TryGetValue(c, out var contact) && contact.Kind == "tool");

    private static HashSet<string> Fingers(DerivedStep step) => [.. Touching(step).Select(h => $"{h.Which} {h.Contact}")];
}
