using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Work;

/// <summary>Active movement: the move table, then rules R11–R14, R19, R20, R32, R81.</summary>
internal static class ActRows
{
    private static readonly HashSet<string> EyeTurning = new(StringComparer.Ordinal)
    {
        "superior-rectus",
        "inferior-rectus",
        "medial-rectus",
        "lateral-rectus",
        "superior-oblique",
        "inferior-oblique",
    };

    /// <summary>
    /// Structures that work on the side away from the movement (Gray 1918: sternocleidomastoid turns the face to the opposite side; a
    /// pterygoid pushes the jaw across).
    /// </summary>
    private static readonly Dictionary<string, string[]> Crossed = new(StringComparer.Ordinal)
    {
        ["head-turn"] = ["sternocleidomastoid"],
        ["jaw-side"] = ["lateral-pterygoid", "medial-pterygoid"],
        ["tongue-side"] = ["genioglossus"],
        ["head-tilt-side"] = ["sternocleidomastoid", "scalenes", "trapezius-descending", "levator-scapulae", "platysma"],
    };

    /// <summary>
    /// The words of the row that is chosen for a movement under its conditions; null when the plain movement is meant, or what resists it
    /// says enough.
    /// </summary>
    public static string? Words(Act act, Step step, ActionModel model)
    {
        var (baseVerb, forced) = model.Resolve(act.Do!);
        return
            baseVerb is not null
            && model.Choose(baseVerb, new ActContext(act, step, forced, model).Holds) is { } c
            && c.Move.When.Count > 0
            && !c.Move.When.ContainsKey("resist")
            ? c.Move.Words
            : null;
    }

    /// <param name="place">Of the movement in the step, from 0.</param>
    public static void Add(
        RowSet rows,
        int place,
        CompletedStep completed,
        List<int> units,
        List<string> asks,
        List<Brings> later,
        Atlas atlas,
        ActionModel model
    )
    {
        var act = completed.Step.AllActs[place];
        var (baseVerb, forced) = model.Resolve(act.Do!);
        var context = new ActContext(act, completed.Step, forced, model, completed, completed.Told.AllActs.ElementAtOrDefault(place));
        var chosen = baseVerb is null ? null : model.Choose(baseVerb, context.Holds);
        IReadOnlyList<MoveRow> table;
        string rule;
        var inputs = new List<ReasonInput> { new("movement", chosen?.Move.Words ?? StepWords.Movement(act.Do!, model)) };
        if (chosen is { } c)
        {
            var gaze = context.Gaze;
            (table, rule) =
                c.Move.ByDirection is { } by && gaze is not null && by.TryGetValue(gaze, out var direction)
                    ? (direction.Worked, "R32")
                    : (c.Move.Worked, "R10");
            units.AddRange(c.Move.ByDirection is { } b && gaze is not null && b.TryGetValue(gaze, out var d) ? d.Au : c.Move.Au);
        }
        else if (atlas.Document.ControlledLists.Actions.TryGetValue(act.Do!, out var action))
        {
            table =
            [
                .. action.Prime.Select(p => new MoveRow(p, Mode.Concentric, Strength.Primary, null)),
                .. action.Assist.Select(p => new MoveRow(p, Mode.Concentric, Strength.Secondary, null)),
            ];
            rule = "R10";
            units.AddRange(action.Au);
        }
        else
        {
            asks.Add($"“{StepWords.Movement(act.Do!, model)}”: more has to be said before Wexis can tell what works. {Ask(baseVerb)}");
            return;
        }

        var hold = context.HoldSeconds;
        var actSide = (ClosedList.Of<Sides>(act.Side) ?? Sides.Both).Where();
        foreach (var row in table)
        {
            var side = ClosedList.Of<Side>(row.Side) ?? Yoked(row.Structure, context.Gaze) ?? SideOf(row.Structure, baseVerb, actSide);
            var (mode, modeRule) = row.Mode == Mode.Concentric ? ConcentricMode(context, hold) : (row.Mode, rule);
            ReasonInput[] why = modeRule is "R12"
                ? [.. inputs, new("resisted", act.Resist ?? "none"), new("hold", $"{hold:0.##} s")]
                : [.. inputs];
            rows.Add(row.Structure, side, mode, row.Strength, rule, sure: true, null, [.. inputs]);
            if (modeRule != rule)
                rows.Add(row.Structure, side, mode, row.Strength, modeRule, sure: true, null, why);
        }
        if (context.ToldSlowReturn)
            foreach (
                var prime in table.Where(r =>
                    r is { Strength: Strength.Primary, Mode: Mode.Concentric } && !EyeTurning.Contains(r.Structure)
                )
            )
                rows.Add(
                    prime.Structure,
                    SideOf(prime.Structure, baseVerb, actSide),
                    Mode.Eccentric,
                    prime.Strength,
                    "R13",
                    sure: true,
                    null,
                    [.. inputs, new("return", $"{context.ReturnSeconds:0.##} s")]
                );

        // What follows from a movement is worked out when all of them are known: the order in which they are told means nothing.
        later.Add(
            new(
                [
                    .. table
                        .Where(r => r.Strength == Strength.Primary && r.Mode is Mode.Concentric or Mode.Isometric)
                        .Select(r => r.Structure),
                ],
                actSide,
                baseVerb,
                act.Effort is { } effort && model.Rules.OverflowEfforts.Contains(effort) ? effort : null,
                context.State("head") == "back" && baseVerb is not "head-back" && chosen?.Move.When.ContainsKey("head") != true
            )
        );
    }

    /// <summary>What a movement brings with it, beside what it works itself.</summary>
    /// <param name="Effort">Where it is so hard that others join in.</param>
    internal sealed record Brings(IReadOnlyList<string> Primes, Side Side, string? BaseVerb, string? Effort, bool HeadBack);

    /// <summary>
    /// What opposes the movements of a step stays quiet (R14), what joins in at great effort (R19), what a head tipped back stretches
    /// (R81): each only where no movement of the step works it.
    /// </summary>
    public static void Follow(RowSet rows, IReadOnlyList<Brings> all, Atlas atlas, ActionModel model)
    {
        var worked = rows.All.Select(r => r.Structure).ToHashSet(StringComparer.Ordinal);
        foreach (var (antagonist, side, prime) in Opposing(all, worked, atlas, model))
            rows.Add(
                antagonist,
                side,
                Mode.Inhibited,
                Strength.Secondary,
                "R14",
                sure: true,
                null,
                new ReasonInput("opposes", atlas.BothNames(prime))
            );
        var quiet = rows.All.Select(r => r.Structure).ToHashSet(StringComparer.Ordinal);
        foreach (var brings in all.Where(b => b.Effort is not null))
            Overflow(rows, brings.BaseVerb, brings.Side, brings.Effort!, model.Rules, quiet);
        var known = rows.All.Select(r => r.Structure).ToHashSet(StringComparer.Ordinal);
        if (all.Any(b => b.HeadBack))
            foreach (var s in new[] { "platysma", "sternohyoid" }.Where(s => !known.Contains(s)))
                rows.Add(s, Side.Both, Mode.Stretched, Strength.Secondary, "R81", sure: true, null, new ReasonInput("head", "back"));
    }

    /// <summary>
    /// What opposes the movements: those that oppose the most of what works before those that oppose less, then in the order of the
    /// atlas; no more than can be watched at once.
    /// </summary>
    private static IEnumerable<(string Antagonist, Side Side, string Prime)> Opposing(
        IReadOnlyList<Brings> all,
        IReadOnlySet<string> worked,
        Atlas atlas,
        ActionModel model
    ) =>
        all.SelectMany(b =>
                b.Primes.SelectMany(prime =>
                    (atlas.Muscles.TryGetValue(prime, out var m) ? m.Antagonists : [])
                        .Select((a, i) => (Antagonist: a, Place: i, b.Side, Prime: prime))
                        .Where(x => !worked.Contains(x.Antagonist) && !model.Rules.Anchors(prime, x.Antagonist))
                )
            )
            .GroupBy(x => x.Antagonist)
            .OrderByDescending(g => g.Select(x => x.Prime).Distinct().Count())
            .ThenBy(g => g.Min(x => x.Place))
            .ThenBy(g => g.Key, StringComparer.Ordinal)
            .Take(MostQuiet)
            .SelectMany(g => g.DistinctBy(x => (x.Side, x.Prime)).Select(x => (x.Antagonist, x.Side, x.Prime)));

    /// <summary>Antagonists that a learner can keep in mind beside the movement: 2, common practice.</summary>
    private const int MostQuiet = 2;

    private static string Ask(string? baseVerb) => baseVerb == "gaze" ? "Which way do the eyes look?" : "Say how it is done.";

    private static (Mode Mode, string Rule) ConcentricMode(ActContext context, double hold)
    {
        if (context.Tempo is "pulse" or "flutter")
            return (Mode.Concentric, "R20");
        if (context.Resisted)
            return context.Travels ? (Mode.Concentric, "R12") : (Mode.Isometric, "R12");
        return hold >= context.Rules.HoldSeconds ? (Mode.Isometric, "R12") : (Mode.Concentric, "R11");
    }

    private static Side? Yoked(string structure, string? gaze) =>
        (gaze, structure) switch
        {
            ("left", "lateral-rectus") or ("right", "medial-rectus") => Side.Left,
            ("right", "lateral-rectus") or ("left", "medial-rectus") => Side.Right,
            _ => null,
        };

    private static Side SideOf(string structure, string? baseVerb, Side side) =>
        side.IsOne() && baseVerb is not null && Crossed.TryGetValue(baseVerb, out var crossed) && crossed.Contains(structure)
            ? side == Side.Left
                ? Side.Right
                : Side.Left
            : side;

    private static void Overflow(RowSet rows, string? baseVerb, Side side, string effort, RuleData rules, IReadOnlySet<string> known)
    {
        foreach (
            var s in rules
                .Overflow.Where(o => o.Bases.Contains("any") || (baseVerb is not null && o.Bases.Contains(baseVerb)))
                .SelectMany(o => o.Structures)
                .Where(s => !known.Contains(s))
                .ToList()
        )
            rows.Add(s, side, Mode.Concentric, Strength.Incidental, "R19", sure: true, null, new ReasonInput("effort", effort));
    }
}

/// <summary>Parts kept from moving: their movers are quiet (R15).</summary>
internal static class StillRows
{
    private static readonly HashSet<string> EyeWork = new(StringComparer.Ordinal)
    {
        "gaze",
        "widen-eyes",
        "close-lids",
        "blink",
        "lift-lower-lid",
    };

    /// <summary>
    /// Zones kept still, by attention, by an act's holding, or by a hand that holds. A hand that only feels inhibits nothing.
    /// </summary>
    public static IEnumerable<string> Zones(Step step) =>
        step
            .AllStill.Concat(step.AllActs.SelectMany(a => a.AllHoldStill).Select(h => h.Zone).OfType<string>())
            .Concat(
                step.AllHands.Where(h => h is { Verb: "hold-still", Role: "hold" or "anchor" } && h.Role != "feel")
                    .SelectMany(h => h.AllZones)
            );

    public static void Add(RowSet rows, CompletedStep completed, Atlas atlas)
    {
        var eyes = completed.Step.AllActs.Any(a =>
            a.Do is { } d && (EyeWork.Contains(d) || EyeWork.Any(e => d.StartsWith(e, StringComparison.Ordinal)))
        );
        foreach (var id in Zones(completed.Step).Distinct().ToList())
        {
            if (!atlas.Zones.TryGetValue(id, out var zone))
                continue;
            var forehead = atlas.RegionOfZone[id] == "forehead-brows";
            var movers = zone.Movers ?? [];
            for (var i = 0; i < movers.Length; i++)
            {
                var mover = movers[i];
                // What must move cannot be kept still: the act's own prime mover stays as it is.
                if (rows.Of(mover).Any(r => r.Mode.IsActive() && r.Strength == Strength.Primary))
                    continue;
                var aim = eyes && forehead && i == 0;
                rows.RemoveAll(mover, r => r.Mode != Mode.Inhibited || r.Strength != Strength.Primary);
                rows.Add(
                    mover,
                    Side.Both,
                    Mode.Inhibited,
                    aim ? Strength.Primary : Strength.Secondary,
                    "R15",
                    sure: true,
                    null,
                    new ReasonInput("kept still", zone.Name)
                );
            }
        }
    }
}
