using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>A state of the person that excludes or changes this technique, with its usual handling.</summary>
/// <param name="Handling">avoid, ask or modify: the worst over the technique's classes.</param>
/// <param name="Says">The handling in plain words.</param>
public sealed record ExclusionNote(string Id, string Name, string Handling, string Says, string? Window, string? Reason, bool RedFlag, IReadOnlyList<string> Classes);

/// <summary>Which exclusions belong to a technique: by the classes its steps fall into, the worst handling first (R103).</summary>
public static partial class Screening
{
    /// <summary>Above every list of exclusions, always.</summary>
    public const string ClinicianFirst = "These are usual cautions, from memory. The word of the licensed clinician who treats the person, and local codes, come first. When in doubt, leave the technique out and ask.";

    /// <summary>Classes of one step (technique_class_rule of the action model).</summary>
    public static IReadOnlyList<string> Classes(CompletedStep completed, Atlas atlas, ActionModel model, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(completed);
        var classes = new HashSet<string>(StringComparer.Ordinal);
        foreach (var hand in completed.Step.AllHands.Where(h => h.Verb is not null && h.Pressure != 0))
        {
            classes.Add(hand.Verb == "heat-cold" ? "heat-cold" : model.Verbs[hand.Verb!].TechniqueClass);
            var contact = hand.Contact is { } c ? atlas.Contacts.GetValueOrDefault(c) : null;
            if (contact?.Kind == "tool") classes.Add(contact.Class == "suction" ? "suction" : "tool");
            if (hand.Tool is { } tool && WarmOrCold().IsMatch(tool)) classes.Add("heat-cold");
            if (hand.AllPoints.Count > 0 && hand.Glide != true) classes.Add("points");
            if (hand.AllZones.Any(z => z is "upper-lid" or "lower-lid" or "inner-eye-corner")) classes.Add("eye");
            if (hand.AllZones.Any(z => atlas.RegionOfZone.GetValueOrDefault(z) == "neck")) classes.Add("neck");
            if (hand.AllZones.Contains("masseter-area")) classes.Add("jaw");
            if (hand.AllZones.Contains("mouth-inside")) classes.Add("intraoral");
            if (hand.HoldS >= settings.LongHoldSeconds) classes.Add("long-hold");
        }
        foreach (var act in completed.Step.AllActs.Where(a => a.Do is not null))
        {
            var verb = model.Resolve(act.Do!).Base ?? act.Do!;
            classes.Add(verb switch
            {
                "gaze" or "close-lids" or "widen-eyes" or "blink" or "lift-lower-lid" or "palm-eyes" => "eye",
                "open-jaw" or "clench" or "jaw-side" or "jaw-forward" or "jaw-rest" or "tongue-press-palate" => "jaw",
                "chin-tuck" or "head-tilt-side" or "head-back" or "head-turn" or "neck-bend-forward" => "neck",
                "breathe" or "relax-scan" or "drop-shoulders" => "face-active",
                _ => "face-active",
            });
            if (act.Tempo?.HoldS >= settings.LongHoldSeconds) classes.Add("long-hold");
        }
        return [.. classes.Order(StringComparer.Ordinal)];
    }

    /// <summary>Every exclusion whose handling for one of the classes is not "ok", the strictest first.</summary>
    public static IReadOnlyList<ExclusionNote> Exclusions(IReadOnlyCollection<string> classes, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        return
        [
            .. atlas.Document.Contraindications
                .Select(e => (Exclusion: e, Hit: classes.Where(c => Rank(e.ByClass.GetValueOrDefault(c, "ok")) < 3).ToList()))
                .Where(x => x.Hit.Count > 0)
                .Select(x =>
                {
                    var handling = x.Hit.Select(c => x.Exclusion.ByClass[c]).MinBy(Rank)!;
                    return new ExclusionNote(x.Exclusion.Id, x.Exclusion.Name, handling, Says(handling), x.Exclusion.Window, x.Exclusion.Reason, x.Exclusion.RedFlag, x.Hit);
                })
                .OrderBy(n => n.RedFlag ? 0 : 1).ThenBy(n => Rank(n.Handling)).ThenBy(n => n.Name, StringComparer.Ordinal),
        ];
    }

    /// <summary>0 is the strictest handling.</summary>
    internal static int Rank(string handling) => handling switch { "avoid" => 0, "ask" => 1, "modify" => 2, _ => 3 };

    private static string Says(string handling) => handling switch { "avoid" => "leave out", "ask" => "ask a licensed clinician first", _ => "only in the milder form" };

    /// <summary>A tool out of the fridge or the warm water is heat or cold too.</summary>
    [GeneratedRegex(@"\b(?:chill\w*|cold|ice\w*|frozen|fridge|cool(?:ed)?|warm\w*|hot|heat\w*)\b", RegexOptions.IgnoreCase)] private static partial Regex WarmOrCold();
}
