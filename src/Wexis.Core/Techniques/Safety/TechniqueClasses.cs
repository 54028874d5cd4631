using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Strokes;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Safety;

/// <summary>Classes of work that a technique falls into, by whatever field told it: its exclusions follow from them (R103).</summary>
public static partial class TechniqueClasses
{
    /// <summary>
    /// Classes of one step, from what is done by whatever field told it: verb, contact, tool, zones, path, points, acts, pose, cue
    /// (technique_class_rule of the action model).
    /// </summary>
    /// <param name="map">The step's map: zones met and the flow under its strokes.</param>
    public static IReadOnlyList<string> Classes(
        CompletedStep completed,
        WorkMap map,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(completed);
        ArgumentNullException.ThrowIfNull(map);
        ArgumentNullException.ThrowIfNull(settings);
        var step = completed.Step;
        var classes = new HashSet<string>(Said([step.Cue, step.EndPoint]), StringComparer.Ordinal);
        foreach (
            var hand in step.AllHands.Where(h =>
                h.Pressure != 0 && (h.Verb is not null || h.AllZones.Count + h.AllPath.Count + h.AllPoints.Count > 0)
            )
        )
        {
            var path = StrokePath.Of(hand, atlas, settings);
            var zones = hand.AllZones.Concat(path.Zones(atlas)).ToHashSet(StringComparer.Ordinal);
            bool Meets(string hazard) =>
                path.HasPlace
                && path.Over(atlas.Hazards[hazard], false) is var met
                && (met.Entered || met.Share >= atlas.Hazards[hazard].MinContactShare);
            var verb = hand.Verb is { } v && model.Verbs.TryGetValue(v, out var known) ? known : null;
            classes.Add(hand.Verb == "heat-cold" ? "heat-cold" : verb?.TechniqueClass ?? "manual");
            var contact = hand.Contact is { } c ? atlas.Contacts.GetValueOrDefault(c) : null;
            if (contact?.Kind == ContactKind.Tool || !string.IsNullOrWhiteSpace(hand.Tool))
                classes.Add(contact?.Class == "suction" || hand.Verb == "cup" ? "suction" : "tool");
            if (hand.Tool is { } tool && Warmth().IsMatch(tool))
                classes.Add("heat-cold");
            if (hand.AllPoints.Count > 0 && hand.Glide != true)
                classes.Add("points");
            if (zones.Any(z => z is "upper-lid" or "lower-lid" or "inner-eye-corner") || Meets("hz-globe") || Meets("hz-tear-sac"))
                classes.Add("eye");
            if (zones.Any(z => atlas.RegionOfZone.GetValueOrDefault(z) == "neck") || path.OnFrontOrSideOfTheNeck)
                classes.Add("neck");
            if (zones.Contains("masseter-area") || Meets("hz-tmj"))
                classes.Add("jaw");
            if (hand.AllZones.Contains("mouth-inside"))
                classes.Add("intraoral");
            if ((hand.HoldS ?? 0) >= settings.LongHoldSeconds && hand.Verb is not ("stretch-apart" or "lift-hold" or "hold-still"))
                classes.Add("long-hold");
            // Light strokes on the neck that run with the flow drain it, whatever they are called.
            if (
                hand.Glide == true
                && hand.Pressure is { } level
                && model.Rules.LymphLevels.Contains(level)
                && map.Flow.Any(f =>
                    f.Verdict == FlowWay.With && atlas.RegionOfZone.GetValueOrDefault(f.Zone) is "neck" or "shoulders-chest"
                )
            )
                classes.Add("lymph");
        }
        foreach (var act in step.AllActs.Where(a => a.Do is not null))
        {
            var verb = model.Resolve(act.Do!).Base ?? act.Do!;
            classes.Add(
                verb switch
                {
                    "gaze" or "close-lids" or "widen-eyes" or "blink" or "lift-lower-lid" or "palm-eyes" => "eye",
                    "open-jaw"
                    or "clench"
                    or "chew"
                    or "jaw-side"
                    or "jaw-forward"
                    or "jaw-back"
                    or "jaw-circle"
                    or "jaw-rest"
                    or "tongue-press-palate" => "jaw",
                    "chin-tuck"
                    or "head-tilt-side"
                    or "head-back"
                    or "head-turn"
                    or "neck-bend-forward"
                    or "head-half-circle"
                    or "head-circle"
                    or "head-lift" => "neck",
                    _ => "face-active",
                }
            );
            if (verb is "neck-bend-forward" or "head-half-circle" or "head-circle")
                classes.Add("head-down");
            if (verb is "head-back" or "head-circle" || act.State?.Head == "back" || ActHazards.TipsBack(act, model))
                classes.UnionWith(["head-back", "neck"]);
            if (act.At is { } at && at is "upper-lid" or "lower-lid")
                classes.Add("eye");
            if (
                act.Tempo?.HoldS >= settings.LongHoldSeconds
                && verb is not ("jaw-rest" or "relax-scan" or "drop-shoulders" or "breathe" or "palm-eyes")
            )
                classes.Add("long-hold");
        }
        if (step.State?.Head == "back")
            classes.UnionWith(["head-back", "neck"]);
        return [.. classes.Order(StringComparer.Ordinal)];
    }

    /// <summary>
    /// Classes that belong to the technique as a whole: what its name, aim, claims, materials and school say it does, over what its steps
    /// do.
    /// </summary>
    public static IReadOnlyList<string> ClassesOf(TechniqueDocument document, IReadOnlyCollection<string> ofSteps)
    {
        ArgumentNullException.ThrowIfNull(document);
        var classes = new HashSet<string>(ofSteps, StringComparer.Ordinal);
        string?[] own = [document.Name, document.Aim];
        var said = own.Concat((document.Claims ?? []).Select(c => c.Text))
            .Concat(document.Adaptations?.Select(a => a.Change) ?? [])
            .Concat(document.Practice is { } p ? [p.Feel, p.Easier, p.Harder, p.Progression] : [])
            .ToList();
        classes.UnionWith(Said(said));
        var touched = ofSteps.Overlaps("manual", "tool", "suction", "lymph");
        if (touched && (document.School == "fluid-led" || said.OfType<string>().Any(s => Fluid().IsMatch(s))))
            classes.Add("lymph");
        foreach (var material in (document.Materials ?? []).OfType<string>())
        {
            if (Warmth().IsMatch(material))
                classes.Add("heat-cold");
            if (touched && Tools().IsMatch(material))
                classes.Add(
                    material.Contains("cup", StringComparison.OrdinalIgnoreCase)
                    || material.Contains("suction", StringComparison.OrdinalIgnoreCase)
                        ? "suction"
                        : "tool"
                );
        }
        return [.. classes.Order(StringComparer.Ordinal)];
    }

    private static bool Overlaps(this IReadOnlyCollection<string> all, params string[] any) => any.Any(all.Contains);

    /// <summary>Classes that only words tell: a held breath, heat or cold, inside the mouth, the head back or down.</summary>
    private static IEnumerable<string> Said(IEnumerable<string?> texts)
    {
        return texts.OfType<string>().SelectMany(t => Known.Of(t, t, static (text, _) => In(text)));
    }

    private static readonly Remembered<string, IReadOnlyList<string>> Known = new();

    private static IReadOnlyList<string> In(string text)
    {
        var said = new List<string>();
        if (SaidHazards.HoldsBreath(text))
            said.Add("breath-hold");
        if (SaidHazards.Tells(HeatOrCold(), text))
            said.Add("heat-cold");
        if (SaidHazards.Tells(InMouth(), text))
            said.Add("intraoral");
        if (SaidHazards.Tells(HeadBack(), text))
            said.Add("head-back");
        if (SaidHazards.Tells(HeadDown(), text))
            said.Add("head-down");
        return said;
    }

    private const RegexOptions Free = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture;

    /// <summary>A tool out of the fridge or the warm water is heat or cold too.</summary>
    [GeneratedRegex(@"\b(?:chill\w*|cold|ice\w*|frozen|fridge|cool(?:ed)?|warm\w*|hot|heat\w*|steam\w*)\b", Free)]
    private static partial Regex Warmth();

    /// <summary>In a sentence "warm" is mostly a feeling: only what brings heat or cold counts.</summary>
    [GeneratedRegex(
        @"\b(?:hot|warm|heated|steaming|cold|chilled|ice-?cold|frozen|cool)\s+(?:\w+\s+)?(?:compress\w*|towel\w*|cloth\w*|stone\w*"
            + @"|roller\w*|spoon\w*|pack\w*|water|pad\w*|mask\w*|globe\w*)|\b(?:ice\s+cubes?|hot-?water\s+bottle|steam"
            + @"|heat\s+(?:lamp|pad|pack))\b",
        Free
    )]
    private static partial Regex HeatOrCold();

    [GeneratedRegex(
        @"\b(?:finger\w*|thumb\w*|knuckle\w*)\b[^.;]{0,30}\b(?:inside|into|in)\s+(?:the|your)\s+(?:mouth|cheeks?|lips?)|\b(?:from"
            + @"|on)\s+(?:the\s+)?inside\s+(?:of\s+)?(?:the|your)\s+(?:mouth|cheeks?|lips?)|\bintra-?oral\w*",
        Free
    )]
    private static partial Regex InMouth();

    [GeneratedRegex(
        @"\b(?:tip|tilt|drop|take|lean|bend|lay|put|let|throw|bring)\w*\s+(?:(?:the|your)\s+)?(?:head|neck)\s+(?:\w+\s+){0,3}?back\w*"
            + @"|\bhead\s+(?:is\s+)?(?:tipped|tilted|laid|bent|thrown)?\s*back\b|\blook\w*\s+(?:up\s+)?(?:at|to)\s+the\s+ceiling",
        Free
    )]
    private static partial Regex HeadBack();

    [GeneratedRegex(
        @"\bhead\s+(?:hangs?\s+|hanging\s+)?(?:down|below\s+the\s+heart|upside)|\bupside\s+down|\b(?:bend|fold|hang"
            + @"|lean)\w*\s+(?:over\s+)?forward\w*\b[^.;]{0,30}\b(?:head|waist|hips)|\bheadstand\b|\binversion\b",
        Free
    )]
    private static partial Regex HeadDown();

    [GeneratedRegex(
        @"\b(?:drain\w*|lymph\w*|fluids?|puff\w*|swell\w*|swollen|de-?congest\w*|congest\w*|oedema|edema|water\s+retention|toxins?"
            + @"|detox\w*|exits?)\b",
        Free
    )]
    private static partial Regex Fluid();

    [GeneratedRegex(@"\b(?:stones?|rollers?|cups?|suction|combs?|spoons?|scrapers?|tools?)\b", Free)]
    private static partial Regex Tools();
}
