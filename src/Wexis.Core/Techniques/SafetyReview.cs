using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>One hazard that a step meets, or one stop rule that it breaks, with all its reasons.</summary>
/// <param name="Verdict">stop (the technique can only be parked) or caution.</param>
/// <param name="Instead">What to do instead: with a caution, the condition under which it may stand.</param>
/// <param name="Places">Where it is met, for the plate: hazards and zones of the atlas; empty where it has no place.</param>
public sealed record SafetyFinding(
    string Hazard,
    string Name,
    string Verdict,
    string Because,
    string Instead,
    Reason Why,
    IReadOnlyList<string> Places
);

/// <summary>Sentences of a technique that belong to no step: what is said of it and to do, and what is said as a caution.</summary>
public sealed record AlsoSaid(IReadOnlyList<string> Texts, IReadOnlyList<string> Warnings)
{
    public static AlsoSaid Nothing { get; } = new([], []);

    public static AlsoSaid Of(TechniqueDocument document)
    {
        ArgumentNullException.ThrowIfNull(document);
        string?[] own = [document.Name, document.Aim];
        var cures = (document.Faults ?? []).Select(f => f.Fix);
        var adaptations = (document.Adaptations ?? []).Select(a => a.Change);
        var claims = (document.Claims ?? []).Select(c => c.Text);
        return new(
            [.. own.Concat(document.Advice ?? []).Concat(cures).Concat(adaptations).Concat(claims).OfType<string>()],
            [.. (document.Cautions ?? []).OfType<string>()]
        );
    }
}

/// <summary>Safety of one step. Verdict is the worst finding: ok, caution or stop.</summary>
/// <param name="StoppedHands">Hand tracks (from 0) whose contact a rule stops: what they would work is not counted (R100).</param>
public sealed record SafetyReview(string Verdict, IReadOnlyList<SafetyFinding> Findings, IReadOnlyList<int> StoppedHands)
{
    public static SafetyReview Ok { get; } = new("ok", [], []);

    /// <summary>
    /// Checks every contact of a step against the hazards and caps of the places it meets, its acts and its dose against the stop rules,
    /// and what is
    /// said of it (R100–R106). Cannot be switched off.
    /// </summary>
    /// <param name="alsoSaid">Sentences of the technique that belong to no step.</param>
    public static SafetyReview Of(
        CompletedStep completed,
        DoseSum sum,
        AlsoSaid alsoSaid,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(completed);
        var findings = new List<SafetyFinding>();
        var stopped = new List<int>();
        var contacts = completed
            .Step.AllHands.Select((h, i) => HandContact.Of(h, i, completed, atlas, model, settings))
            .OfType<HandContact>()
            .ToList();
        foreach (var contact in contacts)
        {
            var before = findings.Count;
            ContactHazards.Add(findings, contact, contacts, completed, atlas, model);
            ContactCaps.Add(findings, contact, atlas, model);
            if (findings.Skip(before).Any(f => f.Verdict == "stop"))
                stopped.Add(contact.Index);
        }
        ActHazards.Add(findings, completed, atlas, model);
        DoseCeiling.Add(findings, completed, sum, settings);
        SaidHazards.Add(findings, [completed.Step.Cue, completed.Step.EndPoint, .. alsoSaid.Texts], alsoSaid.Warnings);
        var worst = findings.GroupBy(f => f.Hazard).Select(Joined).OrderBy(f => f.Verdict == "stop" ? 0 : 1).ToList();
        return new(
            worst.Any(f => f.Verdict == "stop") ? "stop"
                : worst.Count > 0 ? "caution"
                : "ok",
            worst,
            stopped
        );
    }

    /// <summary>One hazard, however many contacts, acts and sentences met it: the worst verdict, every reason, each once.</summary>
    private static SafetyFinding Joined(IGrouping<string, SafetyFinding> met)
    {
        var ordered = met.OrderBy(f => f.Verdict == "stop" ? 0 : 1).ToList();
        return ordered[0] with
        {
            Because = string.Join(" ", ordered.Select(f => f.Because).Distinct()),
            Instead = string.Join(" ", ordered.Select(f => f.Instead).Distinct()),
            Places = [.. ordered.SelectMany(f => f.Places).Distinct()],
        };
    }
}

/// <summary>One hand's contact with everything that the hazard rules ask of it: its path, its places, its level.</summary>
/// <param name="Index">Number of the hand track, from 0.</param>
/// <param name="Told">Zones that were named.</param>
/// <param name="Met">Zones named or met by the path.</param>
/// <param name="Level">Pressure; where nobody told it, 2 near eye and neck and 3 elsewhere (rule language: unknown).</param>
/// <param name="At">Sides worked at one time: left and right together, one of them, or the midline.</param>
internal sealed record HandContact(
    Hand Hand,
    int Index,
    string Verb,
    ManualVerb Rule,
    Contact? Contact,
    StrokePath Path,
    IReadOnlyList<Zone> Told,
    IReadOnlyList<Zone> Met,
    int Level,
    IReadOnlySet<string> At
)
{
    /// <summary>Null where the hand touches nothing.</summary>
    public static HandContact? Of(Hand hand, int index, CompletedStep completed, Atlas atlas, ActionModel model, HouseSettings settings)
    {
        if (hand.Pressure == 0 || hand is { Verb: null, AllZones.Count: 0, AllPath.Count: 0, AllPoints.Count: 0 })
            return null;
        var path = StrokePath.Of(hand, atlas, settings);
        var told = hand.AllZones.Where(atlas.Zones.ContainsKey).Select(z => atlas.Zones[z]).ToList();
        var met = told.Concat(path.Zones(atlas).Select(z => atlas.Zones[z])).DistinctBy(z => z.Id).ToList();
        // A hand that was placed and not yet told what to do is looked at as the plainest contact.
        var verb =
            hand.Verb is { } v && model.Verbs.ContainsKey(v) ? v
            : path.Legs.Count > 0 ? "stroke"
            : "press";
        var sides = hand.Sides ?? completed.Sides;
        IReadOnlySet<string> at = sides switch
        {
            "both" => new HashSet<string> { "left", "right" },
            "left" or "right" => new HashSet<string> { sides },
            "midline" => new HashSet<string> { "midline" },
            _ => new HashSet<string> { "one" },
        };
        return new(
            hand,
            index,
            verb,
            model.Verbs[verb],
            hand.Contact is { } c ? atlas.Contacts.GetValueOrDefault(c) : null,
            path,
            told,
            met,
            hand.Pressure ?? (met.Any(z => atlas.RegionOfZone[z.Id] is "eyes" or "neck") ? 2 : 3),
            at
        );
    }

    public bool Travels => Hand.Glide == true || Path.Legs.Count > 0;

    /// <summary>A press, a hold, a held lift: the hand stays where it is.</summary>
    public bool IsStatic => !Travels && Verb is not ("tap" or "lymph-pump" or "heat-cold") && Rule.HazardClass != "knead";

    public bool IsBothAtOnce => Contact?.Bilateral == true || At.Contains("left") && At.Contains("right");

    /// <summary>
    /// Inside the rim: a lid that was named, or a line that enters the eye. A finger on the bone overlaps the lid's outline without
    /// pressing on it.
    /// </summary>
    public bool InsideRim(Atlas atlas) =>
        Told.Any(z => z.Id is "upper-lid" or "lower-lid")
        || atlas.Document.Hazards.Any(h => h.RimFront?.Hole is { } hole && Path.EntersFront(hole));
}

/// <summary>Contacts against hazards (R100–R102), on every surface from which a hazard can be touched.</summary>
internal static class ContactHazards
{
    public static void Add(
        List<SafetyFinding> findings,
        HandContact contact,
        IReadOnlyList<HandContact> all,
        CompletedStep completed,
        Atlas atlas,
        ActionModel model
    )
    {
        var insideRim = contact.InsideRim(atlas);
        var directions = Directions(contact, insideRim);
        var classes = Classes(contact, completed);
        foreach (var hazard in atlas.Document.Hazards)
        {
            var listed = contact.Met.Any(z => z.Hazards.Contains(hazard.Id));
            var (entered, share) = contact.Path.HasPlace ? contact.Path.Over(hazard, RestsOnBone(contact)) : (false, 0);
            // Zones and path both count, the stricter wins (house ruling 15).
            var zoneShare = contact.Told.Where(z => z.Hazards.Contains(hazard.Id)).Select(z => Share(z, hazard)).DefaultIfEmpty(0).Max();
            var touched = entered || Math.Max(share, zoneShare) >= hazard.MinContactShare;
            if (!touched && !listed)
                continue;
            var rules = hazard
                .RuleData.Where(r => Holds(r.When, contact, completed, directions, classes, touched, listed || touched))
                .ToList();
            if (rules.Count > 0)
                findings.Add(Finding(hazard, rules, contact, Math.Max(share, zoneShare), model));
            else if (
                !touched
                && zoneShare > 0
                && hazard
                    .RuleData.Where(r => r.Then == "stop" && Holds(r.When, contact, completed, directions, classes, true, true))
                    .ToList()
                    is { Count: > 0 }
            )
                findings.Add(Borders(hazard, contact, model));
        }
        if (NeckAtOnce(contact, all))
            findings.Add(BothSidesOfTheNeck(contact, model));
        Tools(findings, contact, completed, model);
    }

    /// <summary>
    /// A share that nobody could measure (hazard and zone are drawn on different pictures) counts as touched: the cautious reading.
    /// </summary>
    private static double Share(Zone zone, Hazard hazard) =>
        zone.HazardShares is { } shares && shares.TryGetValue(hazard.Id, out var share) ? share ?? hazard.MinContactShare : 0;

    private static bool Holds(
        HazardWhen when,
        HandContact contact,
        CompletedStep completed,
        HashSet<string> directions,
        HashSet<string> classes,
        bool touched,
        bool listed
    )
    {
        // A person's own conditions are screened when somebody is there, not while a technique is written.
        if (when.Person is not null)
            return false;
        // What the hand does counts where it meets the hazard; where force is aimed, and what only words can tell, count wherever the
        // zone names it (ruling 15).
        var placed =
            when.MinLevel is not null
            || when.Static is not null
            || when.Bilateral is not null
            || when.MinHoldS is not null
            || when.ToolEdge is not null
            || when.Class is "pinch" or "knead" or "suction";
        if (placed ? !touched : !listed)
            return false;
        return (when.MinLevel is not { } min || contact.Level >= min)
            && (when.Static is not true || contact.IsStatic)
            && (when.Bilateral is not true || contact.IsBothAtOnce)
            && (when.ToolEdge is not true || contact.Contact?.ToolEdge == true)
            && (when.MinHoldS is not { } hold || (contact.Hand.HoldS ?? completed.Step.Tempo?.HoldS ?? 0) >= hold)
            && (when.Direction is not { } d || directions.Contains(d))
            && (when.Class is not { } k || classes.Contains(k));
    }

    /// <summary>The told direction, and what the pressure's axis means at this place (rule language: pressure_axis_to_direction).</summary>
    private static HashSet<string> Directions(HandContact contact, bool insideRim)
    {
        var hand = contact.Hand;
        bool At(params string[] zones) => contact.Met.Any(z => zones.Contains(z.Id));
        var words = new HashSet<string>(StringComparer.Ordinal);
        if (hand.Direction is not null)
            words.Add(hand.Direction);
        if (hand.Axis == "back")
            words.Add(
                insideRim ? "into-orbit"
                : At("brow", "inner-eye-corner", "outer-eye-corner", "medial-cheek") ? "behind-rim"
                : "backward"
            );
        if (hand.Axis == "up" && !contact.Travels && At("upper-lid", "brow"))
            words.Add("under-rim-up");
        if (hand.Axis == "in" && insideRim && contact.Level >= 2)
            words.Add("toward-globe");
        if (hand.Axis is "medial+up" || (hand.Axis == "up" && At("behind-ear", "submandibular")))
            words.Add("inward-up");
        return words;
    }

    private static HashSet<string> Classes(HandContact contact, CompletedStep completed)
    {
        var words = new HashSet<string>(StringComparer.Ordinal) { contact.Rule.HazardClass };
        if (contact.Contact?.Pinch == true || contact.Verb is "pinch-hold" or "pinch-roll")
            words.Add("pinch");
        if (contact.Contact?.Class is { } k)
            words.Add(k);
        if (contact.Verb == "cup")
            words.Add("suction");
        if (contact.Met.Any(z => z.Id == "mouth-inside") && contact.Told.Any(z => z.Id == "mouth-inside"))
            words.Add("intraoral");
        if (contact.Hand.Tool?.Contains("vibrat", StringComparison.OrdinalIgnoreCase) == true)
            words.Add("tool-vibration");
        words.UnionWith(SaidHazards.Classes($"{completed.Step.Cue}. {completed.Step.EndPoint}"));
        return words;
    }

    /// <summary>
    /// On the front of the bony rim, force into bone, up to level 3, a contact does not press on the eye through its share (house ruling
    /// 7).
    /// </summary>
    private static bool RestsOnBone(HandContact contact) =>
        contact.Level <= 3
        && contact.Hand.Axis is not "back"
        && contact.Hand.Direction is not ("toward-globe" or "behind-rim" or "into-orbit");

    private static SafetyFinding Finding(Hazard hazard, List<HazardRule> rules, HandContact contact, double share, ActionModel model)
    {
        var words = rules.SelectMany(r => Words(r.When, contact)).Distinct().ToList();
        var said = words.Count == 0 ? Capital(StepWords.Verb(contact.Verb)) : Capital(string.Join(", ", words));
        return new(
            hazard.Id,
            hazard.Name,
            rules.Any(r => r.Then == "stop") ? "stop" : "caution",
            $"{said} here risks: {hazard.Risk}.",
            Capital(hazard.UsualCaution) + ".",
            new(
                "R100",
                model.RuleText("R100"),
                [
                    new("zone", hazard.Name),
                    new("pressure", $"{contact.Level} ({StepWords.Feel(contact.Level)})"),
                    new("share of the contact", $"{share:P0}"),
                    new("rule", hazard.Rule),
                ],
                hazard.Source.Length > 0 ? hazard.Source[0].Id : "action model"
            ),
            [hazard.Id]
        );
    }

    /// <summary>The zone only borders the hazard: a caution with the way to stay clear, not a stop (house ruling 15).</summary>
    private static SafetyFinding Borders(Hazard hazard, HandContact contact, ActionModel model)
    {
        var zone = contact.Told.First(z => z.Hazards.Contains(hazard.Id));
        return new(
            hazard.Id,
            hazard.Name,
            "caution",
            $"The {zone.Name} borders on this: {hazard.Risk}.",
            $"Stay clear of it: {hazard.UsualCaution}.",
            new(
                "R100",
                model.RuleText("R100"),
                [new("zone", zone.Name), new("pressure", $"{contact.Level} ({StepWords.Feel(contact.Level)})"), new("rule", hazard.Rule)],
                "house ruling"
            ),
            [hazard.Id]
        );
    }

    private static readonly HashSet<string> FrontAndSidesOfTheNeck = new(StringComparer.Ordinal)
    {
        "anterior-neck",
        "carotid-strip",
        "lateral-neck",
    };

    private static bool OnFrontOrSideOfTheNeck(HandContact contact) =>
        contact.Told.Any(z => FrontAndSidesOfTheNeck.Contains(z.Id)) || contact.Path.OnFrontOrSideOfTheNeck;

    /// <summary>
    /// Both hands at once on the front or the sides of the neck, one of them harder than a feather (house ruling 8), whether one track
    /// says so or two.
    /// </summary>
    private static bool NeckAtOnce(HandContact contact, IReadOnlyList<HandContact> all)
    {
        if (contact.Level < 2 || !OnFrontOrSideOfTheNeck(contact))
            return false;
        if (contact.IsBothAtOnce || contact.Hand.Which == "both" && contact.At.Contains("midline"))
            return true;
        return all.Any(other =>
            other.Index != contact.Index && OnFrontOrSideOfTheNeck(other) && (other.IsBothAtOnce || !other.At.SetEquals(contact.At))
        );
    }

    private static SafetyFinding BothSidesOfTheNeck(HandContact contact, ActionModel model) =>
        new(
            "hz-neck-both",
            "Both hands at once on the neck",
            "stop",
            $"Both hands at once on the front or the sides of the neck at pressure {contact.Level} ({StepWords.Feel(contact.Level)}) risk: both pulses of the neck pressed, a faint.",
            "Both at once only as light as a feather; anything firmer one side at a time, behind the side-neck muscle.",
            new(
                "R101",
                model.RuleText("R101"),
                [new("pressure", $"{contact.Level} ({StepWords.Feel(contact.Level)})"), new("at most", "1 (feather)")],
                "house ruling"
            ),
            ["hz-carotid"]
        );

    private static void Tools(List<SafetyFinding> findings, HandContact contact, CompletedStep completed, ActionModel model)
    {
        var hand = contact.Hand;
        if (contact.Contact?.Kind == "tool" && hand.AngleDeg is { } degrees && degrees is < 10 or > 45)
            findings.Add(
                new(
                    "tool-angle",
                    "Tool angle",
                    "caution",
                    $"A tool at {degrees:0.#}° to the skin is outside 10° to 45°: too flat it drags, edge-on it scrapes.",
                    "Lay it at about 15° for fluid, 30° to 45° to lift.",
                    new("R45", model.RuleText("R45"), [new("angle", $"{degrees:0.#}°")], "common practice"),
                    []
                )
            );
        // Dry is a fault only where it was told: nobody is warned of a default.
        var dryTold =
            hand.GripOrSlip == "grip"
            && !completed.Defaults.Any(d => d.EndsWith($".hands[{contact.Index}].grip_or_slip", StringComparison.Ordinal));
        // A pinch, a rub or a knead needs the dry grip: the skin moves with the finger there, the finger does not travel over it.
        if (
            dryTold
            && hand.Glide == true
            && contact.Verb is not ("pinch-roll" or "knead" or "friction")
            && (hand.Pressure ?? 3) >= model.Rules.DryDragLevel
        )
            findings.Add(
                new(
                    "dry-drag",
                    "Dry drag",
                    "caution",
                    "A firm glide on dry skin drags it.",
                    "Use a slip product, or lighten to level 2.",
                    new("R48", model.RuleText("R48"), [], "action model"),
                    []
                )
            );
    }

    private static IEnumerable<string> Words(HazardWhen when, HandContact contact)
    {
        if (when.MinLevel is not null)
            yield return $"pressure {contact.Level} ({StepWords.Feel(contact.Level)})";
        if (when.Static is true)
            yield return "a press without travel";
        if (when.Bilateral is true)
            yield return "both sides at once";
        if (when.ToolEdge is true)
            yield return "a tool edge";
        if (when.Direction is { } d)
            yield return $"force {d.Replace('-', ' ')}";
        if (when.Class is { } k)
            yield return k switch
            {
                "pinch" => "a pinch",
                "knead" => "kneading",
                "suction" => "suction",
                "intraoral" => "a contact inside the mouth",
                _ => k.Replace('-', ' '),
            };
        if (when.MinHoldS is { } s)
            yield return $"held {s:0} s or longer";
    }

    internal static string Capital(string s) => s.Length == 0 ? s : char.ToUpperInvariant(s[0]) + s[1..];
}

/// <summary>
/// The most pressure that a zone or a point bears (house ruling 2): above it a caution with the level to use; a point that bears none is
/// stopped.
/// </summary>
internal static class ContactCaps
{
    public static void Add(List<SafetyFinding> findings, HandContact contact, Atlas atlas, ActionModel model)
    {
        var over = contact.Met.Where(z => contact.Level > Cap(z, contact)).OrderBy(z => Cap(z, contact)).ToList();
        if (over.Count > 0)
        {
            var most = Cap(over[0], contact);
            findings.Add(
                new(
                    "cap-zone",
                    "Harder than this place bears",
                    "caution",
                    $"Pressure {contact.Level} ({StepWords.Feel(contact.Level)}) is more than {string.Join(", ", over.Select(z => $"the {z.Name} bears ({Cap(z, contact)})"))}.",
                    $"Use level {most} ({StepWords.Feel(most)}) there at most.",
                    Why(contact, most, model),
                    [.. over.Select(z => z.Id)]
                )
            );
        }
        foreach (var point in contact.Hand.AllPoints.Where(atlas.Points.ContainsKey).Select(c => atlas.Points[c]))
        {
            if (point.MaxPressure is not { } cap || contact.Level <= cap)
                continue;
            var caution = point.Caution is { } c ? $": {c}" : "";
            findings.Add(
                cap == 0
                    ? new(
                        $"cap-{point.Code}",
                        $"Point {point.Code}",
                        "stop",
                        $"{point.Code} is left out of all pressure{caution}.",
                        "Leave the point out.",
                        Why(contact, cap, model),
                        []
                    )
                    : new(
                        $"cap-{point.Code}",
                        $"Point {point.Code}",
                        "caution",
                        $"Pressure {contact.Level} ({StepWords.Feel(contact.Level)}) is more than the point {point.Code} bears ({cap}){caution}.",
                        $"Use level {cap} ({StepWords.Feel(cap)}) at most.",
                        Why(contact, cap, model),
                        []
                    )
            );
        }
    }

    private static int Cap(Zone zone, HandContact contact) =>
        zone.MaxPressurePinchLift is { } lifted && (contact.Contact?.Pinch == true || contact.Verb is "pinch-hold" or "pinch-roll")
            ? lifted
            : zone.MaxPressure;

    private static Reason Why(HandContact contact, int cap, ActionModel model) =>
        new(
            "R47",
            model.RuleText("R47"),
            [new("pressure", $"{contact.Level} ({StepWords.Feel(contact.Level)})"), new("at most", $"{cap} ({StepWords.Feel(cap)})")],
            "action model"
        );
}
