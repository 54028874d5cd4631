using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Safety;

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
                    .RuleData.Where(r => r.Then == SafetyVerdict.Stop && Holds(r.When, contact, completed, directions, classes, true, true))
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
        var said = words.Count == 0 ? Sentences.Capital(StepWords.Verb(contact.Verb)) : Sentences.Capital(string.Join(", ", words));
        return new(
            hazard.Id,
            hazard.Name,
            rules.Any(r => r.Then == SafetyVerdict.Stop) ? SafetyVerdict.Stop : SafetyVerdict.Caution,
            $"{said} here risks: {hazard.Risk}.",
            Sentences.Capital(hazard.UsualCaution) + ".",
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
            SafetyVerdict.Caution,
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
        if (contact.IsBothAtOnce || contact.Hand.Which == "both" && contact.Sides == Sides.Midline)
            return true;
        return all.Any(other =>
            other.Index != contact.Index && OnFrontOrSideOfTheNeck(other) && (other.IsBothAtOnce || !other.IsBeside(contact))
        );
    }

    private static SafetyFinding BothSidesOfTheNeck(HandContact contact, ActionModel model) =>
        new(
            "hz-neck-both",
            "Both hands at once on the neck",
            SafetyVerdict.Stop,
            $"Both hands at once on the front or the sides of the neck at pressure {contact.Level} ({StepWords.Feel(contact.Level)}) "
                + "risk: both pulses of the neck pressed, a faint.",
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
        if (contact.Contact?.Kind == ContactKind.Tool && hand.AngleDeg is { } degrees && degrees is < 10 or > 45)
            findings.Add(
                new(
                    "tool-angle",
                    "Tool angle",
                    SafetyVerdict.Caution,
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
                    SafetyVerdict.Caution,
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
}
