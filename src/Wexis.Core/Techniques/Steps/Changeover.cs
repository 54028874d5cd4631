using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Steps;

/// <summary>What is changed between two steps, or two parts of a routine.</summary>
[ClosedList]
public enum ChangeKind
{
    Oil,
    Wipe,
    Tool,
    Side,
    Hands,
    Eyes,
}

/// <summary>What has to be done between two steps, with its seconds: oil, wipe, take or lay down a tool, change hands.</summary>
/// <param name="BeforeStep">Step (from 0) it precedes.</param>
public sealed record Changeover(int BeforeStep, ChangeKind Kind, string Words, double Seconds)
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
        foreach (var step in steps.Where(Touches))
        {
            if (before is not null)
                found.AddRange(From(before, step, atlas, settings));
            before = step;
        }
        return found;
    }

    /// <summary>From one step with hands to the next one that has any, be it of another technique.</summary>
    public static IEnumerable<Changeover> From(DerivedStep before, DerivedStep step, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        ArgumentNullException.ThrowIfNull(atlas);
        ArgumentNullException.ThrowIfNull(settings);
        return Changes();

        IEnumerable<Changeover> Changes()
        {
            var (slipped, slips) = (Slips(before), Slips(step));
            if (slips && !slipped)
                yield return new(step.Index, ChangeKind.Oil, "oil", settings.OilSeconds);
            if (slipped && !slips)
                yield return new(step.Index, ChangeKind.Wipe, "wipe the fingertips", settings.WipeSeconds);
            var (laid, taken) = (Tool(before, atlas), Tool(step, atlas));
            if (laid != taken)
                yield return new(
                    step.Index,
                    ChangeKind.Tool,
                    taken is null ? "lay the tool down" : $"{(laid is null ? "take" : "change to")} the {atlas.Contacts[taken].Name}",
                    settings.ToolChangeSeconds
                );
            else if ((before.Sides, step.Sides) is (Sides.Left, Sides.Right) or (Sides.Right, Sides.Left))
                yield return new(step.Index, ChangeKind.Side, "change sides", settings.ChangeOfSideSeconds);
            else if (!Fingers(before).SetEquals(Fingers(step)))
                yield return new(step.Index, ChangeKind.Hands, "place the hands anew", settings.HandChangeSeconds);
        }
    }

    private static List<Hand> Touching(DerivedStep step) => [.. step.Completed.AllHands.Where(h => h.Verb is not null && h.Pressure != 0)];

    /// <summary>Whether a hand works in a step.</summary>
    public static bool Touches(DerivedStep step) => Touching(step).Count > 0;

    /// <summary>Whether a hand glides on oil.</summary>
    public static bool Slips(DerivedStep step) => Touching(step).Any(h => h.GripOrSlip == "slip");

    /// <summary>The tool of a step; null for bare hands.</summary>
    public static string? Tool(DerivedStep step, Atlas atlas) =>
        Touching(step)
            .Select(h => h.Contact)
            .FirstOrDefault(c => c is not null && atlas.Contacts.TryGetValue(c, out var contact) && contact.Kind == ContactKind.Tool);

    private static HashSet<string> Fingers(DerivedStep step) => [.. Touching(step).Select(h => $"{h.Which} {h.Contact}")];
}
