using System.Text.Json.Serialization;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Doses;

namespace Wexis.Core.Techniques.Work;

/// <summary>One structure worked in one way: the answer of the work map, with the rules that gave it.</summary>
/// <param name="Side">left, right, both or midline; the subject's own.</param>
/// <param name="Strength">primary, secondary or incidental.</param>
/// <param name="Seconds">Seconds of work that each named side gets.</param>
/// <param name="Certainty">sure, or uncertain where something is still open.</param>
/// <param name="Fibres">For gliding work: along, oblique or across the fibres, with the angle; null otherwise.</param>
/// <param name="Steps">Numbers (from 0) of the steps that give it.</param>
public sealed record WorkedRow(
    string Structure,
    string Name,
    Side Side,
    Mode Mode,
    Strength Strength,
    Levels Seconds,
    Certainty Certainty,
    string? Fibres,
    IReadOnlyList<int> Steps,
    IReadOnlyList<Reason> Why
);

/// <summary>How a stroke lies to the lymph flow of one zone.</summary>
/// <param name="AngleDegrees">Between the stroke and the way that the zone drains, 0° to 180°.</param>
/// <param name="DrainsTo">The node groups that the zone drains to.</param>
/// <param name="Rule">One of <see cref="FlowRule"/>. What was stored without one was judged by the angle.</param>
public sealed record FlowVerdict(
    string Zone,
    string ZoneName,
    FlowWay Verdict,
    double AngleDegrees,
    IReadOnlyList<string> DrainsTo,
    [property: OneOf(FlowRule.Angle, FlowRule.AtItsNodes, FlowRule.AlongJaw)] string Rule = FlowRule.Angle
);

/// <summary>The rules that decide how a stroke lies to the flow.</summary>
public static class FlowRule
{
    public const string Angle = "R61";

    /// <summary>With, whatever the angle: the stroke ends at the nodes of the zone.</summary>
    public const string AtItsNodes = "R63";

    /// <summary>Along the jaw, which is one way with what follows down the neck, and across where nothing follows.</summary>
    public const string AlongJaw = "R64";
}

/// <summary>What one step, or a whole technique, works; what must stay quiet; what nobody can tell.</summary>
public sealed record WorkMap(
    IReadOnlyList<WorkedRow> Worked,
    IReadOnlyList<int> ExpectedActionUnits,
    IReadOnlyList<string> MustStayQuiet,
    IReadOnlyList<string> ZonesTouched,
    IReadOnlyList<FlowVerdict> Flow,
    IReadOnlyList<string> CannotTell
)
{
    /// <summary>What must be told before the map of this step can be: no row of the movement table fits.</summary>
    [JsonIgnore]
    public IReadOnlyList<string> Asks { get; init; } = [];

    public static WorkMap Empty { get; } = new([], [], [], [], [], []);

    /// <summary>
    /// The map of a technique: the union of its steps by structure, side and mode; the strongest strength, the seconds added.
    /// </summary>
    public static WorkMap Union(IEnumerable<WorkMap> steps)
    {
        var all = steps.ToList();
        var rows = all.SelectMany(m => m.Worked)
            .GroupBy(r => (r.Structure, r.Side, r.Mode))
            .Select(g =>
            {
                var strongest = g.OrderBy(r => r.Strength).First();
                return strongest with
                {
                    Seconds = g.Aggregate(default(Levels), (sum, r) => sum + r.Seconds),
                    Certainty = g.Any(r => r.Certainty == Certainty.Sure && r.Strength == strongest.Strength)
                        ? Certainty.Sure
                        : Certainty.Uncertain,
                    Steps = [.. g.SelectMany(r => r.Steps).Distinct().Order()],
                    Why = [.. g.SelectMany(r => r.Why).Distinct()],
                };
            });
        return new(
            [.. Ordered(rows)],
            [.. all.SelectMany(m => m.ExpectedActionUnits).Distinct().Order()],
            [.. all.SelectMany(m => m.MustStayQuiet).Distinct()],
            [.. all.SelectMany(m => m.ZonesTouched).Distinct()],
            [.. all.SelectMany(m => m.Flow).DistinctBy(f => (f.Zone, f.Verdict))],
            [.. all.SelectMany(m => m.CannotTell).Distinct()]
        );
    }

    /// <summary>
    /// Derives the map of one completed step: active movement, then hands, merged by structure, side and mode. Claims never enter. See
    /// docs/method.md#work-map.
    /// </summary>
    /// <param name="stoppedHands">Hands (from 0) that a safety rule stops: what they would work is not counted.</param>
    public static WorkMap Of(
        CompletedStep completed,
        DoseSum sum,
        int index,
        IReadOnlyList<int> stoppedHands,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(completed);
        ArgumentNullException.ThrowIfNull(sum);
        ArgumentNullException.ThrowIfNull(stoppedHands);
        var rows = new RowSet(index, sum.SecondsPerSide, atlas, model);
        var units = new List<int>();
        var cannotTell = new List<string>();
        var asks = new List<string>();
        var later = new List<ActRows.Brings>();
        // A finger that presses into the eye is no resistance: the hazard comes first, its act is not counted (R35).
        var pressedLid = stoppedHands.Any(h =>
            completed.Step.AllHands[h] is { Role: "resist" } hand && hand.AllZones.Any(z => z is "upper-lid" or "lower-lid")
        );
        for (var i = 0; i < completed.Step.AllActs.Count; i++)
            if (completed.Step.AllActs[i] is { Do: not null } act && !(pressedLid && act.Resist is not null and not "none"))
                ActRows.Add(rows, i, completed, units, asks, later, atlas, model);
        ActRows.Follow(rows, later, atlas, model);
        cannotTell.AddRange(asks);
        StillRows.Add(rows, completed, atlas);
        rows.WorkWins();
        var zones = new List<string>();
        var flow = new List<FlowVerdict>();
        for (var i = 0; i < completed.Step.AllHands.Count; i++)
        {
            var hand = completed.Step.AllHands[i];
            if (hand.Verb is null)
                continue;
            if (stoppedHands.Contains(i))
                cannotTell.Add($"“{StepWords.Verb(hand.Verb)}” is stopped by a safety rule: what it would work is not counted.");
            else
                HandRows.Add(rows, hand, completed, zones, flow, cannotTell, atlas, model, settings);
        }
        rows.RankPrimaries();
        return new(
            [.. Ordered(rows.All)],
            [.. units.Distinct().Order()],
            [.. StillRows.Zones(completed.Step).Distinct()],
            zones,
            flow,
            cannotTell
        )
        {
            Asks = asks,
        };
    }

    private static IEnumerable<WorkedRow> Ordered(IEnumerable<WorkedRow> rows) =>
        rows.OrderBy(r => r.Strength).ThenBy(r => r.Mode).ThenBy(r => r.Structure, StringComparer.Ordinal).ThenBy(r => r.Side);
}
