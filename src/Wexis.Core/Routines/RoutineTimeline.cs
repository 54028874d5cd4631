using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Steps;

namespace Wexis.Core.Routines;

/// <summary>A lane of the score of a routine.</summary>
[ClosedList]
public enum ScoreLane
{
    RightHand,
    LeftHand,
    Face,
    Eyes,
    Breath,
    Talk,
}

/// <summary>What lies under the hands: dry, oiled, or nothing where no hand works.</summary>
[ClosedList]
public enum Ground
{
    None,
    Grip,
    Slip,
}

/// <summary>One structure that is worked in a block, for the plate.</summary>
public sealed record BlockWork(string Structure, Side Side, Mode Mode, Strength Strength);

/// <summary>A stretch of time in which one thing is done: a step of a part, a change between parts, or something free.</summary>
/// <param name="Part">Id of the part; a change belongs to the part it precedes.</param>
/// <param name="Step">Step (from 0); null for a change and for a free part.</param>
/// <param name="Zones">Where hands are.</param>
/// <param name="Change">Null where nothing is changed.</param>
public sealed record TimelineBlock(
    string Part,
    int? Step,
    ChangeKind? Change,
    string Label,
    double From,
    double To,
    IReadOnlyList<ScoreLane> Lanes,
    Ground Ground,
    IReadOnlyList<BlockWork> Work,
    IReadOnlyList<string> Zones
);

/// <summary>A routine as one line of time, in seconds from its beginning. The blocks touch and add up to the whole.</summary>
public static class RoutineTimeline
{
    public static IReadOnlyList<TimelineBlock> Of(IReadOnlyList<LaidPart> parts, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(parts);
        var changes = RoutineSum.ChangesOf(parts, atlas, settings).ToLookup(c => c.BeforePart);
        var blocks = new List<TimelineBlock>();
        var at = 0.0;
        void Add(
            string part,
            int? step,
            ChangeKind? change,
            string label,
            double seconds,
            IReadOnlyList<ScoreLane> lanes,
            Ground ground,
            IReadOnlyList<BlockWork> work,
            IReadOnlyList<string>? zones = null
        )
        {
            if (seconds <= 0)
                return;
            blocks.Add(new(part, step, change, label, at, at + seconds, lanes, ground, work, zones ?? []));
            at += seconds;
        }
        foreach (var part in parts)
        {
            var id = part.Part.Id ?? "";
            foreach (var change in changes[id])
                Add(id, null, change.Kind, change.Words, change.Seconds, [], Ground.None, []);
            if (part.Derived is not { Steps.Count: > 0 } derived)
            {
                Add(
                    id,
                    null,
                    null,
                    part.Name,
                    part.Chosen,
                    [part.Part.Free == "talk" ? ScoreLane.Talk : ScoreLane.Breath],
                    Ground.None,
                    []
                );
                continue;
            }
            var inside = derived.Times.Changeovers.ToLookup(c => c.BeforeStep);
            foreach (var step in derived.Steps)
            {
                foreach (var change in inside[step.Index])
                    Add(id, null, change.Kind, change.Words, change.Seconds, [], Ground.None, []);
                Add(
                    id,
                    step.Index,
                    null,
                    step.Title,
                    part.At(step.Dose.TotalSeconds),
                    Lanes(step),
                    !Changeover.Touches(step) ? Ground.None
                        : Changeover.Slips(step) ? Ground.Slip
                        : Ground.Grip,
                    [
                        .. step
                            .Map.Worked.Where(r => r.Strength != Strength.Incidental)
                            .Select(r => new BlockWork(r.Structure, r.Side, r.Mode, r.Strength)),
                    ],
                    step.Map.ZonesTouched
                );
            }
        }
        return blocks;
    }

    private static IReadOnlyList<ScoreLane> Lanes(DerivedStep step)
    {
        var lanes = new HashSet<ScoreLane>();
        foreach (var hand in step.Completed.AllHands.Where(h => h.Verb is not null))
        {
            if (hand.Which is not "left")
                lanes.Add(ScoreLane.RightHand);
            if (hand.Which is "left" or "both" || hand.Which is null && step.Sides == Sides.Both)
                lanes.Add(ScoreLane.LeftHand);
        }
        foreach (var act in step.Completed.AllActs)
            lanes.Add(
                act.Do?.StartsWith("gaze", StringComparison.Ordinal) == true || act.Do is "near-far" or "look-far" or "full-blink"
                    ? ScoreLane.Eyes
                : act.Do == "breathe" ? ScoreLane.Breath
                : ScoreLane.Face
            );
        return [.. lanes.Order()];
    }
}
