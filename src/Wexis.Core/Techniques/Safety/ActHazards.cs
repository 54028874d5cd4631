using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Safety;

/// <summary>Movements that a hand may not force, a head that may not be taken there, a jaw that may not be driven (R102).</summary>
internal static class ActHazards
{
    private static readonly HashSet<string> NeckMoves = new(StringComparer.Ordinal)
    {
        "head-tilt-side",
        "head-back",
        "head-turn",
        "neck-bend-forward",
        "chin-tuck",
        "head-half-circle",
        "head-circle",
        "head-lift",
    };
    private static readonly HashSet<string> JawMoves = new(StringComparer.Ordinal)
    {
        "open-jaw",
        "jaw-side",
        "jaw-forward",
        "jaw-back",
        "jaw-circle",
        "clench",
        "chew",
    };
    private static readonly HashSet<string> Turns = new(StringComparer.Ordinal) { "left-turn", "right-turn" };

    public static void Add(List<SafetyFinding> findings, CompletedStep completed, Atlas atlas, ActionModel model)
    {
        var step = completed.Step;
        var moves = step.AllActs.Where(a => a.Do is not null).Select(a => (Act: a, Verb: model.Resolve(a.Do!).Base ?? a.Do!)).ToList();
        foreach (var (act, verb) in moves)
        {
            var forced = act.Force == "hand-at-end-range";
            if (forced && NeckMoves.Contains(verb))
                findings.Add(
                    Finding(
                        "hz-vertebral",
                        SafetyVerdict.Stop,
                        "A hand that pushes or turns the neck at the end of its range",
                        atlas,
                        model
                    )
                );
            if (forced && JawMoves.Contains(verb))
                findings.Add(Finding("hz-tmj", SafetyVerdict.Caution, "A hand that pushes the jaw at the end of its range", atlas, model));
            if (verb == "clench" && act.Effort == "maximal")
                findings.Add(Finding("hz-tmj", SafetyVerdict.Stop, "The teeth clenched with all force", atlas, model));
            else if (JawMoves.Contains(verb) && act.Effort == "maximal")
                findings.Add(Finding("hz-tmj", SafetyVerdict.Caution, "The jaw taken to its end with all force", atlas, model));
        }
        var verbs = moves.Select(m => m.Verb).Concat(step.AllActs.Select(a => a.Then).OfType<string>()).ToHashSet(StringComparer.Ordinal);
        var heads = step.AllActs.Select(a => a.State?.Head).Append(step.State?.Head).OfType<string>().ToHashSet(StringComparer.Ordinal);
        var back = verbs.Contains("head-back") || heads.Contains("back") || moves.Any(m => TipsBack(m.Act, model));
        var turned = verbs.Contains("head-turn") || heads.Overlaps(Turns);
        var rolled =
            verbs.Contains("head-circle")
            || verbs.Contains("head-half-circle") && back
            || verbs.Overlaps(NeckMoves) && step.Dose?.AllDirections.Any(d => d is "clockwise" or "anticlockwise" or "circle") == true
            || verbs.Contains("head-tilt-side")
                && (verbs.Contains("head-back") || heads.Contains("back"))
                && verbs.Contains("neck-bend-forward");
        if (rolled)
            findings.Add(
                Finding("hz-vertebral", SafetyVerdict.Stop, "The head rolled in full circles", atlas, model) with
                {
                    Instead =
                        "Half a circle over the chest, from shoulder to shoulder, slowly and within comfort; leave it out with any neck "
                        + "trouble or dizziness.",
                }
            );
        else if (back && turned)
            findings.Add(Finding("hz-vertebral", SafetyVerdict.Stop, "The head taken back and turned", atlas, model));
        else if (back)
            findings.Add(
                Finding("hz-vertebral", SafetyVerdict.Caution, "The head tipped back", atlas, model) with
                {
                    Instead =
                        "Grow tall first, tip back only as far as is comfortable, eyes open, and come up slowly; leave it out with "
                        + "any neck trouble or dizziness."
                        + (verbs.Contains("swallow") ? SwallowWithCare : ""),
                }
            );
    }

    /// <summary>What is swallowed with the head back goes down the wrong way more easily (common practice).</summary>
    private const string SwallowWithCare =
        " Swallow with an empty mouth only; with any trouble in swallowing keep the head level, or leave it out and see a doctor.";

    /// <summary>Rows of the movement table that take the head back by themselves.</summary>
    internal static bool TipsBack(Act act, ActionModel model) =>
        act.Do is "kiss-ceiling" or "jaw-forward-head-back"
        || model.Resolve(act.Do!).When.TryGetValue("head", out var head) && head.ToString().Contains("back", StringComparison.Ordinal);

    private static SafetyFinding Finding(string id, SafetyVerdict verdict, string what, Atlas atlas, ActionModel model)
    {
        var hazard = atlas.Hazards[id];
        return new(
            id,
            hazard.Name,
            verdict,
            $"{what} risks: {hazard.Risk}.",
            $"{Sentences.Capital(hazard.UsualCaution)}.",
            new("R102", model.RuleText("R102"), [new("rule", hazard.Rule)], "action model"),
            [hazard.Id]
        );
    }
}
