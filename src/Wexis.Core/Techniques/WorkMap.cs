using System.Text.Json;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>One structure worked in one way: the answer of the work map, with the rules that gave it.</summary>
/// <param name="Side">left, right, both or midline; the subject's own.</param>
/// <param name="Strength">primary, secondary or incidental.</param>
/// <param name="Seconds">Seconds of work that each named side gets.</param>
/// <param name="Certainty">sure, or uncertain where something was not told.</param>
/// <param name="Fibres">For gliding work: along, oblique or across the fibres, with the angle; null otherwise.</param>
/// <param name="Steps">Numbers (from 0) of the steps that give it.</param>
public sealed record WorkedRow(
    string Structure,
    string Name,
    string Side,
    string Mode,
    string Strength,
    Levels Seconds,
    string Certainty,
    string? Fibres,
    IReadOnlyList<int> Steps,
    IReadOnlyList<Reason> Why
);

/// <summary>How a stroke lies to the lymph flow of one zone (rule R61).</summary>
public sealed record FlowVerdict(string Zone, string ZoneName, string Verdict, double AngleDegrees, IReadOnlyList<string> DrainsTo);

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
                var strongest = g.OrderBy(r => Strengths.Rank(r.Strength)).First();
                return strongest with
                {
                    Seconds = g.Aggregate(default(Levels), (sum, r) => sum + r.Seconds),
                    Certainty = g.Any(r => r.Certainty == "sure" && r.Strength == strongest.Strength) ? "sure" : "uncertain",
                    Steps = [.. g.SelectMany(r => r.Steps).Distinct().Order()],
                    Why = [.. g.SelectMany(r => r.Why).Distinct()],
                };
            });
        return new(
            [.. Strengths.Ordered(rows)],
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
    public static WorkMap Of(
        CompletedStep completed,
        DoseSum sum,
        int index,
        SafetyReview safety,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(completed);
        ArgumentNullException.ThrowIfNull(sum);
        ArgumentNullException.ThrowIfNull(safety);
        var rows = new RowSet(index, sum.SecondsPerSide, atlas, model);
        var units = new List<int>();
        var cannotTell = new List<string>();
        // A finger that presses into the eye is no resistance: the hazard comes first, its act is not counted (R35).
        var pressedLid = safety.StoppedHands.Any(h =>
            completed.Step.AllHands[h] is { Role: "resist" } hand && hand.AllZones.Any(z => z is "upper-lid" or "lower-lid")
        );
        foreach (var act in completed.Step.AllActs.Where(a => a.Do is not null && !(pressedLid && a.Resist is not null and not "none")))
            ActRows.Add(rows, act, completed, units, cannotTell, atlas, model);
        StillRows.Add(rows, completed, atlas);
        var zones = new List<string>();
        var flow = new List<FlowVerdict>();
        for (var i = 0; i < completed.Step.AllHands.Count; i++)
        {
            var hand = completed.Step.AllHands[i];
            if (hand.Verb is null)
                continue;
            if (safety.StoppedHands.Contains(i))
                cannotTell.Add($"“{StepWords.Verb(hand.Verb)}” is stopped by a safety rule: what it would work is not counted.");
            else
                HandRows.Add(rows, hand, completed, zones, flow, cannotTell, atlas, model, settings);
        }
        return new(
            [.. Strengths.Ordered(rows.All)],
            [.. units.Distinct().Order()],
            [.. StillRows.Zones(completed.Step).Distinct()],
            zones,
            flow,
            cannotTell
        );
    }
}

/// <summary>Primary before secondary before incidental.</summary>
public static class Strengths
{
    public static int Rank(string strength) =>
        strength switch
        {
            "primary" => 0,
            "secondary" => 1,
            _ => 2,
        };

    public static string OneLower(string strength) => strength == "primary" ? "secondary" : "incidental";

    internal static IEnumerable<WorkedRow> Ordered(IEnumerable<WorkedRow> rows) =>
        rows.OrderBy(r => Rank(r.Strength))
            .ThenBy(r => Modes.Rank(r.Mode))
            .ThenBy(r => r.Structure, StringComparer.Ordinal)
            .ThenBy(r => r.Side, StringComparer.Ordinal);
}

/// <summary>The modes of work, and what may be said about them.</summary>
public static class Modes
{
    public static readonly IReadOnlyList<string> All =
    [
        "concentric",
        "isometric",
        "eccentric",
        "stretched",
        "compressed",
        "kneaded",
        "inhibited",
        "skin-lymph",
        "breath-posture",
    ];

    /// <summary>Tightened, held against or let out slowly: the modes that count as training (field guide, covered actively).</summary>
    public static bool IsActive(string mode) => mode is "concentric" or "isometric" or "eccentric";

    public static int Rank(string mode) =>
        mode switch
        {
            "concentric" => 0,
            "isometric" => 1,
            "eccentric" => 2,
            "stretched" => 3,
            "kneaded" => 4,
            "compressed" => 5,
            "inhibited" => 6,
            "skin-lymph" => 7,
            _ => 8,
        };

    /// <summary>The plain words on screen.</summary>
    public static string Plain(string mode) =>
        mode switch
        {
            "concentric" => "tightens",
            "isometric" => "holds against",
            "eccentric" => "lets out slowly",
            "stretched" => "stretched",
            "compressed" => "pressed",
            "kneaded" => "kneaded",
            "inhibited" => "kept quiet",
            "skin-lymph" => "skin only",
            "breath-posture" => "posture",
            _ => mode,
        };
}

/// <summary>Rows of one step while the rules work on them: one per structure, side and mode, the higher strength kept.</summary>
internal sealed class RowSet(int step, Levels seconds, Atlas atlas, ActionModel model)
{
    private readonly Dictionary<(string Structure, string Side, string Mode), WorkedRow> _rows = [];

    public IEnumerable<WorkedRow> All => _rows.Values;

    public bool Has(string structure) => _rows.Keys.Any(k => k.Structure == structure);

    public IReadOnlyList<WorkedRow> Of(string structure) => [.. _rows.Values.Where(r => r.Structure == structure)];

    public void Add(
        string structure,
        string side,
        string mode,
        string strength,
        string rule,
        bool sure,
        string? fibres,
        params ReasonInput[] inputs
    )
    {
        // Involuntary muscles are incidental at most, the pupil in near focus excepted (R36).
        if (structure is "superior-tarsal" or "dilator-pupillae" && strength != "incidental")
            strength = "incidental";
        if (atlas.Muscles.TryGetValue(structure, out var m) && m.Paired.StartsWith("unpaired", StringComparison.Ordinal))
            side = "midline";
        var reason = new Reason(rule, model.RuleText(rule), inputs, "action model, from memory");
        var key = (structure, side, mode);
        _rows[key] = _rows.TryGetValue(key, out var old)
            ? old with
            {
                Strength = Strengths.Rank(strength) < Strengths.Rank(old.Strength) ? strength : old.Strength,
                Fibres = old.Fibres ?? fibres,
                Why = [.. old.Why.Append(reason).Distinct()],
            }
            : new(
                structure,
                atlas.PlainName(structure),
                side,
                mode,
                strength,
                seconds,
                sure ? "sure" : "uncertain",
                fibres,
                [step],
                [reason]
            );
    }

    public void RemoveAll(string structure, Func<WorkedRow, bool> which)
    {
        foreach (var key in _rows.Where(r => r.Key.Structure == structure && which(r.Value)).Select(r => r.Key).ToList())
            _rows.Remove(key);
    }
}

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

    public static void Add(
        RowSet rows,
        Act act,
        CompletedStep completed,
        List<int> units,
        List<string> cannotTell,
        Atlas atlas,
        ActionModel model
    )
    {
        var (baseVerb, forced) = model.Resolve(act.Do!);
        var context = new ActContext(act, completed.Step, forced, model);
        var chosen = baseVerb is null ? null : model.Choose(baseVerb, context.Holds);
        IReadOnlyList<MoveRow> table;
        string rule;
        var inputs = new List<ReasonInput> { new("movement", act.Do!) };
        if (chosen is { } c)
        {
            var gaze = context.Gaze;
            (table, rule) =
                c.Move.ByDirection is { } by && gaze is not null && by.TryGetValue(gaze, out var direction)
                    ? (direction.Worked, "R32")
                    : (c.Move.Worked, "R10");
            units.AddRange(c.Move.ByDirection is { } b && gaze is not null && b.TryGetValue(gaze, out var d) ? d.Au : c.Move.Au);
            inputs.Add(new("row", c.Id));
        }
        else if (atlas.Document.ControlledLists.Actions.TryGetValue(act.Do!, out var action))
        {
            table =
            [
                .. action.Prime.Select(p => new MoveRow(p, "concentric", "primary", null)),
                .. action.Assist.Select(p => new MoveRow(p, "concentric", "secondary", null)),
            ];
            rule = "R10";
            units.AddRange(action.Au);
        }
        else
        {
            cannotTell.Add($"“{StepWords.Movement(act.Do!, model)}”: no row of the movement table fits what is told. {Ask(baseVerb)}");
            return;
        }

        var hold = context.HoldSeconds;
        var actSide = act.Side is "left" or "right" ? act.Side : "both";
        foreach (var row in table)
        {
            var side = row.Side ?? Yoked(row.Structure, context.Gaze) ?? SideOf(row.Structure, baseVerb, actSide);
            var (mode, modeRule) = row.Mode == "concentric" ? ConcentricMode(context, hold) : (row.Mode, rule);
            ReasonInput[] why = modeRule is "R12"
                ? [.. inputs, new("resisted", act.Resist ?? "none"), new("hold", $"{hold:0.##} s")]
                : [.. inputs];
            rows.Add(row.Structure, side, mode, row.Strength, rule, sure: true, null, [.. inputs]);
            if (modeRule != rule)
                rows.Add(row.Structure, side, mode, row.Strength, modeRule, sure: true, null, why);
        }
        if (context.ToldSlowReturn)
            foreach (var prime in table.Where(r => r is { Strength: "primary", Mode: "concentric" } && !EyeTurning.Contains(r.Structure)))
                rows.Add(
                    prime.Structure,
                    SideOf(prime.Structure, baseVerb, actSide),
                    "eccentric",
                    prime.Strength,
                    "R13",
                    sure: true,
                    null,
                    [.. inputs, new("return", $"{context.ReturnSeconds:0.##} s")]
                );

        foreach (var prime in table.Where(r => r.Strength == "primary" && r.Mode is "concentric" or "isometric" && r.Strength == "primary"))
        foreach (var antagonist in atlas.Muscles.TryGetValue(prime.Structure, out var m) ? m.Antagonists : [])
            if (!rows.Has(antagonist) && !model.Rules.Anchors(prime.Structure, antagonist))
                rows.Add(
                    antagonist,
                    actSide,
                    "inhibited",
                    "secondary",
                    "R14",
                    sure: true,
                    null,
                    new ReasonInput("opposes", atlas.PlainName(prime.Structure))
                );

        if (act.Effort is { } effort && model.Rules.OverflowEfforts.Contains(effort))
            Overflow(rows, baseVerb, actSide, effort, model.Rules);
        if (context.State("head") == "back" && baseVerb is not "head-back" && chosen?.Move.When.ContainsKey("head") != true)
            foreach (var s in new[] { "platysma", "sternohyoid" }.Where(s => !rows.Has(s)))
                rows.Add(s, "both", "stretched", "secondary", "R81", sure: true, null, new ReasonInput("head", "back"));
    }

    private static string Ask(string? baseVerb) => baseVerb == "gaze" ? "Which way do the eyes look?" : "Say how it is done.";

    private static (string Mode, string Rule) ConcentricMode(ActContext context, double hold)
    {
        if (context.Tempo is "pulse" or "flutter")
            return ("concentric", "R20");
        if (context.Resisted)
            return context.Travels ? ("concentric", "R12") : ("isometric", "R12");
        return hold >= context.Rules.HoldSeconds ? ("isometric", "R12") : ("concentric", "R11");
    }

    private static string? Yoked(string structure, string? gaze) =>
        (gaze, structure) switch
        {
            ("left", "lateral-rectus") or ("right", "medial-rectus") => "left",
            ("right", "lateral-rectus") or ("left", "medial-rectus") => "right",
            _ => null,
        };

    private static string SideOf(string structure, string? baseVerb, string side) =>
        side != "both" && baseVerb is not null && Crossed.TryGetValue(baseVerb, out var crossed) && crossed.Contains(structure)
            ? side == "left"
                ? "right"
                : "left"
            : side;

    private static void Overflow(RowSet rows, string? baseVerb, string side, string effort, RuleData rules)
    {
        foreach (
            var s in rules
                .Overflow.Where(o => o.Bases.Contains("any") || (baseVerb is not null && o.Bases.Contains(baseVerb)))
                .SelectMany(o => o.Structures)
                .Where(s => !rows.Has(s))
                .ToList()
        )
            rows.Add(s, side, "concentric", "incidental", "R19", sure: true, null, new ReasonInput("effort", effort));
    }
}

/// <summary>What the conditions of the movement table ask of a step.</summary>
internal sealed class ActContext(Act act, Step step, IReadOnlyDictionary<string, JsonElement> forced, ActionModel model)
{
    public RuleData Rules => model.Rules;
    public double HoldSeconds => act.Tempo?.HoldS ?? step.Tempo?.HoldS ?? 0;
    public double ReturnSeconds => act.Tempo?.OutS ?? step.Tempo?.OutS ?? 0;
    private double MoveSeconds => act.Tempo?.InS ?? step.Tempo?.InS ?? 0;
    public bool Resisted => act.Resist is not null and not "none" || Forced("resist") is not null;
    public bool Travels => act.Travels ?? Air is "across" or "out";
    private string? Air => act.Air ?? Forced("air");
    public string? Gaze => ForcedOneOf("gaze", State("gaze"));

    /// <summary>pulse or flutter as the move says; slow when moving in lasts 2 s or more; hold from 3 s; else free.</summary>
    public string Tempo =>
        Forced("tempo")
        ?? (
            HoldSeconds >= Rules.HoldSeconds ? "hold"
            : MoveSeconds >= Rules.SlowReturnSeconds ? "slow"
            : MoveSeconds + ReturnSeconds is > 0 and <= 0.5 ? "flutter"
            : "free"
        );

    /// <summary>Told to yield slowly: the return lasts 2 s or more and the words say so (R13).</summary>
    public bool ToldSlowReturn =>
        ReturnSeconds >= Rules.SlowReturnSeconds
        && $"{step.Cue} {step.EndPoint}" is var words
        && (
            words.Contains("slow", StringComparison.OrdinalIgnoreCase)
            || words.Contains("gradual", StringComparison.OrdinalIgnoreCase)
            || words.Contains("yield", StringComparison.OrdinalIgnoreCase)
        );

    public string? State(string part)
    {
        var s = act.State ?? step.State;
        return part switch
        {
            "gaze" => s?.Gaze is null or "ahead" ? step.Gaze ?? s?.Gaze : s.Gaze,
            "lips" => s?.Lips,
            "jaw" => s?.Jaw,
            "tongue" => s?.Tongue,
            "head" => s?.Head,
            _ => null,
        };
    }

    public bool Holds(string condition, JsonElement wanted)
    {
        if (forced.TryGetValue(condition, out _) && condition is not ("gaze" or "hold_still"))
            return SameCondition(condition, wanted);
        return condition switch
        {
            "resist" => Resisted == wanted.GetBoolean(),
            "at" => act.At is not null && Words(wanted).Contains(act.At),
            "hold_still" => forced.ContainsKey("hold_still")
                || Words(wanted).Any(z => StillRows.Zones(step).Concat(act.AllHoldStill.Select(h => h.Zone)).Contains(z)),
            "tempo" => Words(wanted).Contains(Tempo) || (MoveSeconds >= Rules.SlowReturnSeconds && Words(wanted).Contains("slow")),
            "gaze" => Gaze is { } g && Words(wanted).Contains(g),
            "effort" => act.Effort is { } e && Words(wanted).Contains(e),
            "air" => Words(wanted).Contains(Air ?? "kept"),
            "then" => act.Then is { } then && (model.Resolve(then).Base ?? then) == wanted.GetString(),
            "lips" or "jaw" or "tongue" or "head" => State(condition) is { } s && Words(wanted).Contains(s),
            _ => false,
        };
    }

    private bool SameCondition(string condition, JsonElement wanted) =>
        forced[condition].ValueKind == wanted.ValueKind && Words(forced[condition]).Intersect(Words(wanted)).Any();

    private string? Forced(string condition) => forced.TryGetValue(condition, out var v) ? Words(v)[0] : null;

    private string? ForcedOneOf(string condition, string? told) =>
        !forced.TryGetValue(condition, out var v) ? told
        : told is not null && Words(v).Contains(told) ? told
        : Words(v).Count == 1 ? Words(v)[0]
        : Words(v).FirstOrDefault(w => w is "left-right" or "near-far") ?? Words(v)[0];

    private static List<string> Words(JsonElement value) =>
        value.ValueKind switch
        {
            JsonValueKind.Array => [.. value.EnumerateArray().Select(e => e.GetString()!)],
            JsonValueKind.True => ["true"],
            JsonValueKind.False => ["false"],
            _ => [value.GetString()!],
        };
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
                if (rows.Of(mover).Any(r => Modes.IsActive(r.Mode) && r.Strength == "primary"))
                    continue;
                var aim = eyes && forehead && i == 0;
                rows.RemoveAll(mover, r => r.Mode != "inhibited" || r.Strength != "primary");
                rows.Add(
                    mover,
                    "both",
                    "inhibited",
                    aim ? "primary" : "secondary",
                    "R15",
                    sure: true,
                    null,
                    new ReasonInput("kept still", zone.Name)
                );
            }
        }
    }
}

/// <summary>Hands: what the pressure reaches, in which mode, which way (rules R40–R49, R60, R61).</summary>
internal static class HandRows
{
    private static readonly HashSet<string> NearEyeOrNeck = new(StringComparer.Ordinal) { "eyes", "neck" };

    public static void Add(
        RowSet rows,
        Hand hand,
        CompletedStep completed,
        List<string> zonesTouched,
        List<FlowVerdict> flow,
        List<string> cannotTell,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        // A tool that may replace the hand changes nothing until it is chosen; what it would enter is still checked for safety.
        if (hand.Role == "tool-option")
            return;
        var path = StrokePath.Of(hand, atlas, settings);
        var zones = (hand.AllZones.Count > 0 ? hand.AllZones : path.Zones(atlas)).Where(atlas.Zones.ContainsKey).ToList();
        foreach (var z in zones.Where(z => !zonesTouched.Contains(z)))
            zonesTouched.Add(z);
        if (hand.Pressure == 0 || zones.Count == 0 && !path.HasPlace)
            return;
        var contact = hand.Contact is { } c ? atlas.Contacts.GetValueOrDefault(c) : null;
        var verb = model.Verbs[hand.Verb!];
        var side = SideOf(hand, completed.Sides);
        var bracing = hand.Role is "hold" or "anchor" or "resist" or "feel" || hand.Verb == "hold-still";
        var sure = hand.Pressure is not null;
        if (!sure)
            cannotTell.Add("How hard the hand presses is not told: the muscle rows are uncertain.");

        var highest = 0;
        foreach (var id in zones)
        {
            var zone = atlas.Zones[id];
            var told = hand.Pressure ?? (NearEyeOrNeck.Contains(atlas.RegionOfZone[id]) ? 2 : 3);
            var cap = contact?.Pinch == true && zone.MaxPressurePinchLift is { } pinchCap ? pinchCap : zone.MaxPressure;
            if (contact is { Kind: "tool" })
                cap = Math.Min(
                    cap,
                    atlas.RegionOfZone[id] switch
                    {
                        "eyes" => 2,
                        "neck" => id == "anterior-neck" ? 1 : 3,
                        _ => 3,
                    }
                );
            if (contact?.ToolEdge == true)
                cap = Math.Max(1, cap - 1);
            var level = Math.Min(told, cap);
            if (told > cap)
                cannotTell.Add(
                    $"Pressure {told} ({StepWords.Feel(told)}) is above the cap of the {zone.Name}, {cap}: the map counts {cap}."
                );
            highest = Math.Max(highest, level);
            if (!bracing && verb.ModeWhenMuscleReached is not ("skin-lymph" or "inhibited"))
                MuscleRows(
                    rows,
                    hand,
                    zone,
                    level + (contact?.DepthBonus ?? 0),
                    verb,
                    contact,
                    path,
                    side,
                    sure,
                    cannotTell,
                    atlas,
                    model.Rules
                );
        }
        var light = highest <= model.Rules.LymphLevels.Max();
        rows.Add(
            "skin",
            side,
            "skin-lymph",
            bracing ? "incidental" : "primary",
            "R40",
            sure: true,
            null,
            new ReasonInput("pressure", $"{highest} ({StepWords.Feel(highest)})")
        );
        rows.Add(
            "superficial-lymph",
            side,
            "skin-lymph",
            bracing ? "incidental"
                : light && hand.Verb is "stroke" or "lymph-pump" && light ? "primary"
                : "secondary",
            "R40",
            sure: true,
            null,
            new ReasonInput("verb", StepWords.Verb(hand.Verb))
        );

        if (hand.Glide == true)
            foreach (var zone in zones.Select(z => atlas.Zones[z]))
                if (
                    zone.DrainDirDegLeft is { } drain
                    && zone.DrainDirView is null or "frontal"
                    && path.DirectionOver(zone) is { } direction
                )
                {
                    var angle = FaceAngle.BetweenDirections(direction, drain);
                    flow.Add(new(zone.Id, zone.Name, RuleData.Class(model.Rules.Flow, angle), angle, [.. zone.DrainsTo ?? []]));
                }
    }

    private static void MuscleRows(
        RowSet rows,
        Hand hand,
        Zone zone,
        int depth,
        ManualVerb verb,
        Contact? contact,
        StrokePath path,
        string side,
        bool sure,
        List<string> cannotTell,
        Atlas atlas,
        RuleData rules
    )
    {
        int LevelOf(string id) =>
            zone.ReachInside?.TryGetValue(id, out var inside) == true ? inside
            : zone.ReachBy?.ContainsKey(id) == true && contact?.Pinch != true ? 9
            : atlas.Muscles[id].MinPressureToReach;
        var layered = zone.ReachInside is { Count: > 0 } inside
            ? zone.MusclesSuperficialToDeep.Concat(inside.Keys).Distinct().ToArray()
            : zone.MusclesSuperficialToDeep;
        var reached = layered.Where(id => LevelOf(id) <= depth && LevelOf(id) < 9).ToList();
        if (reached.Count == 0)
            return;
        if (verb.ModeWhenMuscleReached == "stretched")
        {
            Stretch(rows, zone, reached, path, side, sure, cannotTell, atlas, rules);
            return;
        }
        var reach = reached.Max(LevelOf);
        var primaries = reached
            .Where(id => LevelOf(id) == reach)
            .GroupBy(id => atlas.Muscles[id].Depth)
            .SelectMany(g => g.Take(2))
            .ToHashSet(StringComparer.Ordinal);
        foreach (var id in reached)
            rows.Add(
                id,
                side,
                verb.ModeWhenMuscleReached,
                primaries.Contains(id) ? "primary" : "secondary",
                "R42",
                sure,
                Fibres(hand, path, atlas.Muscles[id], rules),
                new ReasonInput("zone", zone.Name),
                new ReasonInput("depth of the hand", $"{depth}"),
                new ReasonInput("reached from", $"{LevelOf(id)}")
            );
    }

    private static void Stretch(
        RowSet rows,
        Zone zone,
        List<string> reached,
        StrokePath path,
        string side,
        bool sure,
        List<string> cannotTell,
        Atlas atlas,
        RuleData rules
    )
    {
        if (path.DirectionDegrees is not { } direction)
        {
            cannotTell.Add($"Which way the {zone.Name} is drawn is not told: no muscle is counted as stretched.");
            return;
        }
        foreach (var id in reached)
        {
            var muscle = atlas.Muscles[id];
            if (muscle.Fibre.AxisDeg is not { } axis)
            {
                if (muscle.Fibre.Kind == "circular")
                    rows.Add(id, side, "stretched", "secondary", "R44", sure, null, new ReasonInput("fibres", "a ring"));
                continue;
            }
            var angle = FaceAngle.ToAxis(direction, axis);
            if (RuleData.Class(rules.Stretch, angle) is { Length: > 0 } strength)
                rows.Add(
                    id,
                    side,
                    "stretched",
                    strength,
                    "R44",
                    sure,
                    null,
                    new ReasonInput("angle to the fibres", $"{angle:0}°"),
                    new ReasonInput("zone", zone.Name)
                );
        }
    }

    private static string? Fibres(Hand hand, StrokePath path, Muscle muscle, RuleData rules)
    {
        if (hand.Glide != true || path.DirectionDegrees is not { } direction || muscle.Fibre.AxisDeg is not { } axis)
            return null;
        var angle = FaceAngle.ToAxis(direction, axis);
        return $"{RuleData.Class(rules.Fibre, angle)}, {angle:0}°";
    }

    private static string SideOf(Hand hand, string stepSides) =>
        (hand.Sides ?? stepSides) switch
        {
            "left" => "left",
            "right" => "right",
            "midline" => "midline",
            _ => "both",
        };
}
