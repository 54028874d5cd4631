using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>One hazard that a step touches, or one stop rule that it breaks.</summary>
/// <param name="Verdict">stop (the technique can only be parked) or caution.</param>
/// <param name="Instead">What to do instead.</param>
public sealed record SafetyFinding(string Hazard, string Name, string Verdict, string Because, string Instead, Reason Why);

/// <summary>Safety of one step. Verdict is the worst finding: ok, caution or stop.</summary>
/// <param name="StoppedHands">Hand tracks (from 0) whose contact a rule stops: what they would work is not counted (R100).</param>
public sealed record SafetyReview(string Verdict, IReadOnlyList<SafetyFinding> Findings, IReadOnlyList<int> StoppedHands)
{
    public static SafetyReview Ok { get; } = new("ok", [], []);

    /// <summary>Checks every contact of a step against the hazard zones, and its acts and words against the stop rules (R100–R106). Cannot be switched off.</summary>
    /// <param name="alsoSaid">Sentences of the technique that belong to no step: its name, aim, cures for faults, adaptations.</param>
    public static SafetyReview Of(CompletedStep completed, IReadOnlyList<string> alsoSaid, Atlas atlas, ActionModel model, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(completed);
        var findings = new List<SafetyFinding>();
        var stopped = new List<int>();
        for (var i = 0; i < completed.Step.AllHands.Count; i++)
        {
            var hand = completed.Step.AllHands[i];
            if (hand.Verb is null || hand.Pressure == 0) continue;
            var before = findings.Count;
            ContactHazards.Add(findings, hand, i, completed, atlas, model, settings);
            if (findings.Skip(before).Any(f => f.Verdict == "stop")) stopped.Add(i);
        }
        ActHazards.Add(findings, completed.Step, atlas, model);
        StopWords.Add(findings, [completed.Step.Cue, completed.Step.EndPoint, .. alsoSaid]);
        var worst = findings.GroupBy(f => f.Hazard).Select(g => g.OrderBy(f => f.Verdict == "stop" ? 0 : 1).First()).OrderBy(f => f.Verdict == "stop" ? 0 : 1).ToList();
        return new(worst.Any(f => f.Verdict == "stop") ? "stop" : worst.Count > 0 ? "caution" : "ok", worst, stopped);
    }
}

/// <summary>Contacts against hazard zones (R100–R102).</summary>
internal static class ContactHazards
{
    public static void Add(List<SafetyFinding> findings, Hand hand, int index, CompletedStep completed, Atlas atlas, ActionModel model, HouseSettings settings)
    {
        var path = StrokePath.Of(hand, atlas, settings);
        var zones = (hand.AllZones.Count > 0 ? hand.AllZones : path.Zones(atlas)).Where(atlas.Zones.ContainsKey).Select(z => atlas.Zones[z]).ToList();
        var contact = hand.Contact is { } c ? atlas.Contacts.GetValueOrDefault(c) : null;
        // Inside the rim by the line of the stroke where only that was told: a finger on the bone overlaps the lid's outline without pressing on it.
        var insideRim = hand.AllZones.Count > 0 || !path.HasPlace
            ? zones.Any(z => z.Id is "upper-lid" or "lower-lid")
            : atlas.Document.Hazards.Any(h => h.RimFront is { } rim && InsideRim(path, rim));
        foreach (var hazard in atlas.Document.Hazards)
        {
            var listed = zones.Where(z => z.Hazards.Contains(hazard.Id)).ToList();
            var (entered, share) = path.HasPlace ? path.Over(hazard.Polygon, hazard.Hole, hazard.Surface) : (false, 0);
            if (!path.HasPlace) share = listed.Select(z => Share(z, hazard)).DefaultIfEmpty(0).Max();
            var touched = entered || share >= hazard.MinContactShare;
            if (touched && hazard.RimFront is { } rim && RestsOnRim(hand, path, rim, zones)) touched = false;
            if (!touched && listed.Count == 0) continue;
            var near = zones.Any(z => atlas.RegionOfZone[z.Id] is "eyes" or "neck");
            var level = hand.Pressure ?? (near ? 2 : 3);
            foreach (var rule in hazard.RuleData)
            {
                if (!Holds(rule.When, hand, contact, zones, insideRim, completed, model, level, touched, listed.Count > 0 || touched)) continue;
                findings.Add(new(hazard.Id, hazard.Name, rule.Then, $"{Because(rule.When, level, hand)} here risks: {hazard.Risk}.", Capital(hazard.UsualCaution) + ".",
                    new("R100", model.RuleText("R100"), [new("zone", hazard.Name), new("pressure", $"{level} ({StepWords.Feel(level)})"), new("share of the contact", $"{share:P0}"), new("rule", hazard.Rule)],
                        hazard.Source.Length > 0 ? hazard.Source[0].Id : "action model")));
            }
        }
        if (contact?.Kind == "tool" && hand.AngleDeg is { } degrees && degrees is < 10 or > 45)
            findings.Add(new("tool-angle", "Tool angle", "caution", $"A tool at {degrees:0.#}° to the skin is outside 10° to 45°: too flat it drags, edge-on it scrapes.", "Lay it at about 15° for fluid, 30° to 45° to lift.", new("R45", model.RuleText("R45"), [new("angle", $"{degrees:0.#}°")], "common practice")));
        // Dry is a fault only where it was told: nobody is warned of a default.
        var dryTold = hand.GripOrSlip == "grip" && !completed.Defaults.Any(d => d.EndsWith($".hands[{index}].grip_or_slip", StringComparison.Ordinal));
        // A pinch, a rub or a knead needs the dry grip: the skin moves with the finger there, the finger does not travel over it.
        if (dryTold && hand.Glide == true && hand.Verb is not ("pinch-roll" or "knead" or "friction") && (hand.Pressure ?? 3) >= model.Rules.DryDragLevel)
            findings.Add(new("dry-drag", "Dry drag", "caution", "A firm glide on dry skin drags it.", "Use a slip product, or lighten to level 2.", new("R48", model.RuleText("R48"), [], "action model")));
    }

    /// <summary>A share that nobody could measure (hazard and zone are drawn on different pictures) counts as touched: the cautious reading.</summary>
    private static double Share(Zone zone, Hazard hazard) =>
        zone.HazardShares is { } shares && shares.TryGetValue(hazard.Id, out var share) ? share ?? hazard.MinContactShare : 0;

    private static bool Holds(HazardWhen when, Hand hand, Contact? contact, List<Zone> zones, bool insideRim, CompletedStep completed, ActionModel model, int level, bool touched, bool listed)
    {
        // A person's own conditions are screened when somebody is there, not while a technique is written.
        if (when.Person is not null) return false;
        var placed = when.MinLevel is not null || when.Static is not null || when.Bilateral is not null || when.MinHoldS is not null || when.ToolEdge is not null;
        if (placed ? !touched : !listed) return false;
        var verb = model.Verbs[hand.Verb!];
        return (when.MinLevel is not { } min || level >= min)
            && (when.Static is not true || IsStatic(hand, verb))
            && (when.Bilateral is not true || IsBilateral(hand, contact, completed))
            && (when.ToolEdge is not true || contact?.ToolEdge == true)
            && (when.MinHoldS is not { } hold || (hand.HoldS ?? completed.Step.Tempo?.HoldS ?? 0) >= hold)
            && (when.Direction is not { } d || Direction(hand, zones, insideRim).Contains(d))
            && (when.Class is not { } k || Classes(hand, contact, verb, zones, $"{completed.Step.Cue} {completed.Step.EndPoint}").Contains(k));
    }

    private static bool IsStatic(Hand hand, ManualVerb verb) => hand.Glide != true && (verb.HazardClass == "static" || hand.Verb is "pinch-hold" or "tool-press");

    private static bool IsBilateral(Hand hand, Contact? contact, CompletedStep completed) =>
        contact?.Bilateral == true || (hand.Which == "both" && (hand.Sides ?? completed.Sides) is "both") || hand.Sides == "both";

    /// <summary>The told direction, and what the pressure's axis means at this place (rule language: pressure_axis_to_direction).</summary>
    private static HashSet<string> Direction(Hand hand, List<Zone> zones, bool insideRim)
    {
        var words = new HashSet<string>(StringComparer.Ordinal);
        if (hand.Direction is not null) words.Add(hand.Direction);
        var atRim = zones.Any(z => z.Id is "brow" or "inner-eye-corner" or "outer-eye-corner" or "medial-cheek");
        if (hand.Axis == "back") words.Add(insideRim ? "into-orbit" : atRim ? "behind-rim" : "backward");
        if (hand.Axis == "up" && hand.Glide != true && zones.Any(z => z.Id is "upper-lid" or "brow")) words.Add("under-rim-up");
        if (hand.Axis == "in" && insideRim && (hand.Pressure ?? 2) >= 2) words.Add("toward-globe");
        if (hand.Axis is "medial+up" || (hand.Axis == "up" && zones.Any(z => z.Id is "behind-ear" or "submandibular"))) words.Add("inward-up");
        return words;
    }

    private static HashSet<string> Classes(Hand hand, Contact? contact, ManualVerb verb, List<Zone> zones, string said)
    {
        var words = new HashSet<string>(StringComparer.Ordinal) { verb.HazardClass };
        if (contact?.Pinch == true) words.Add("pinch");
        if (contact?.Class is { } k) words.Add(k);
        if (zones.Any(z => z.Id == "mouth-inside")) words.Add("intraoral");
        if (hand.Tool?.Contains("vibrat", StringComparison.OrdinalIgnoreCase) == true) words.Add("tool-vibration");
        words.UnionWith(StopWords.Classes(said));
        return words;
    }

    /// <summary>A contact that rests on the front of the bony rim, force into bone, up to level 3, does not fire the globe through its share (ruling 7).</summary>
    private static bool RestsOnRim(Hand hand, StrokePath path, RimFront rim, List<Zone> zones)
    {
        if ((hand.Pressure ?? 2) > 3 || hand.Axis is "back" || hand.Direction is "toward-globe" or "behind-rim" or "into-orbit") return false;
        if (!path.HasPlace) return zones.All(z => z.Id is not ("upper-lid" or "lower-lid"));
        return path.Over(rim.Polygon, rim.Hole, "front").Entered && !InsideRim(path, rim);
    }

    private static bool InsideRim(StrokePath path, RimFront rim) => rim.Hole is { } hole && path.Over(hole, null, "front").Entered;

    private static string Because(HazardWhen when, int level, Hand hand)
    {
        var words = new List<string>();
        if (when.MinLevel is not null) words.Add($"pressure {level} ({StepWords.Feel(level)})");
        if (when.Static is true) words.Add("a press without travel");
        if (when.Bilateral is true) words.Add("both sides at once");
        if (when.ToolEdge is true) words.Add("a tool edge");
        if (when.Direction is { } d) words.Add($"force {d.Replace('-', ' ')}");
        if (when.Class is { } k) words.Add(k switch { "pinch" => "a pinch", "knead" => "kneading", "suction" => "suction", "intraoral" => "a contact inside the mouth", _ => k.Replace('-', ' ') });
        if (when.MinHoldS is { } s) words.Add($"held {s:0} s or longer");
        return words.Count == 0 ? Capital(StepWords.Verb(hand.Verb)) : Capital(string.Join(", ", words));
    }

    private static string Capital(string s) => s.Length == 0 ? s : char.ToUpperInvariant(s[0]) + s[1..];
}

/// <summary>Movements that a hand or the head may not force.</summary>
internal static class ActHazards
{
    private static readonly HashSet<string> NeckMoves = new(StringComparer.Ordinal) { "head-tilt-side", "head-back", "head-turn", "neck-bend-forward", "chin-tuck" };
    private static readonly HashSet<string> JawMoves = new(StringComparer.Ordinal) { "open-jaw", "jaw-side", "jaw-forward" };

    public static void Add(List<SafetyFinding> findings, Step step, Atlas atlas, ActionModel model)
    {
        foreach (var act in step.AllActs.Where(a => a.Do is not null))
        {
            var verb = model.Resolve(act.Do!).Base ?? act.Do!;
            var forced = act.Force == "hand-at-end-range";
            if (forced && NeckMoves.Contains(verb)) findings.Add(Finding("hz-vertebral", "stop", "A hand that pushes the neck at the end of its range", atlas, model));
            if (forced && JawMoves.Contains(verb)) findings.Add(Finding("hz-tmj", "caution", "A hand that pushes the jaw at the end of its range", atlas, model));
            var back = verb == "head-back" || act.State?.Head == "back";
            if (back && step.AllActs.Any(a => a.Do is { } d && model.Resolve(d).Base == "head-turn"))
                findings.Add(Finding("hz-vertebral", "stop", "The head taken back and turned", atlas, model));
        }
    }

    private static SafetyFinding Finding(string id, string verdict, string what, Atlas atlas, ActionModel model)
    {
        var hazard = atlas.Hazards[id];
        return new(id, hazard.Name, verdict, $"{what} risks: {hazard.Risk}.", $"{char.ToUpperInvariant(hazard.UsualCaution[0])}{hazard.UsualCaution[1..]}.", new("R102", model.RuleText("R102"), [new("rule", hazard.Rule)], "action model"));
    }
}
