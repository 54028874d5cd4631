using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

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
    };
    private static readonly HashSet<string> JawMoves = new(StringComparer.Ordinal) { "open-jaw", "jaw-side", "jaw-forward", "clench" };
    private static readonly HashSet<string> Turns = new(StringComparer.Ordinal) { "left-turn", "right-turn" };

    public static void Add(List<SafetyFinding> findings, CompletedStep completed, Atlas atlas, ActionModel model)
    {
        var step = completed.Step;
        var moves = step.AllActs.Where(a => a.Do is not null).Select(a => (Act: a, Verb: model.Resolve(a.Do!).Base ?? a.Do!)).ToList();
        foreach (var (act, verb) in moves)
        {
            var forced = act.Force == "hand-at-end-range";
            if (forced && NeckMoves.Contains(verb))
                findings.Add(Finding("hz-vertebral", "stop", "A hand that pushes or turns the neck at the end of its range", atlas, model));
            if (forced && JawMoves.Contains(verb))
                findings.Add(Finding("hz-tmj", "caution", "A hand that pushes the jaw at the end of its range", atlas, model));
            if (verb == "clench" && act.Effort == "maximal")
                findings.Add(Finding("hz-tmj", "stop", "The teeth clenched with all force", atlas, model));
            else if (JawMoves.Contains(verb) && act.Effort == "maximal")
                findings.Add(Finding("hz-tmj", "caution", "The jaw taken to its end with all force", atlas, model));
        }
        var verbs = moves.Select(m => m.Verb).Concat(step.AllActs.Select(a => a.Then).OfType<string>()).ToHashSet(StringComparer.Ordinal);
        var heads = step.AllActs.Select(a => a.State?.Head).Append(step.State?.Head).OfType<string>().ToHashSet(StringComparer.Ordinal);
        var back = verbs.Contains("head-back") || heads.Contains("back") || moves.Any(m => TipsBack(m.Act, model));
        var turned = verbs.Contains("head-turn") || heads.Overlaps(Turns);
        var rolled =
            verbs.Overlaps(NeckMoves) && step.Dose?.AllDirections.Any(d => d is "clockwise" or "anticlockwise" or "circle") == true
            || verbs.Contains("head-tilt-side")
                && (verbs.Contains("head-back") || heads.Contains("back"))
                && verbs.Contains("neck-bend-forward");
        if (rolled)
            findings.Add(Finding("hz-vertebral", "stop", "The head rolled in full circles", atlas, model));
        else if (back && turned)
            findings.Add(Finding("hz-vertebral", "stop", "The head taken back and turned", atlas, model));
        else if (back)
            findings.Add(
                Finding("hz-vertebral", "caution", "The head tipped back", atlas, model) with
                {
                    Instead =
                        "Grow tall first, tip back only as far as is comfortable, eyes open, and come up slowly; leave it out with any neck trouble or dizziness.",
                }
            );
    }

    /// <summary>Rows of the movement table that take the head back by themselves.</summary>
    internal static bool TipsBack(Act act, ActionModel model) =>
        act.Do is "kiss-ceiling" or "jaw-forward-head-back"
        || model.Resolve(act.Do!).When.TryGetValue("head", out var head) && head.ToString().Contains("back", StringComparison.Ordinal);

    private static SafetyFinding Finding(string id, string verdict, string what, Atlas atlas, ActionModel model)
    {
        var hazard = atlas.Hazards[id];
        return new(
            id,
            hazard.Name,
            verdict,
            $"{what} risks: {hazard.Risk}.",
            $"{ContactHazards.Capital(hazard.UsualCaution)}.",
            new("R102", model.RuleText("R102"), [new("rule", hazard.Rule)], "action model"),
            [hazard.Id]
        );
    }
}

/// <summary>
/// More of one kind of work in a session than anybody can want: a slip of the pen or a harm (house settings, common practice).
/// </summary>
internal static class DoseCeiling
{
    public static void Add(List<SafetyFinding> findings, CompletedStep completed, DoseSum sum, HouseSettings settings)
    {
        if (completed.Family is null)
            return;
        var family = FamilyDefaults.Get(completed.Family);
        var ceiling = settings.Ceilings[family.Id];
        var holds = completed
            .Step.AllActs.Select(a => a.Tempo?.HoldS)
            .Concat(completed.Step.AllHands.Select(h => h.HoldS))
            .Append(completed.Step.Tempo?.HoldS)
            .Max()
            ?? 0;
        // A full dose that nobody told follows from the standard one; a told one counts like it.
        var full =
            completed.Step.Dose is { Full: { } f, Standard: { } standard } && Math.Abs(f - Math.Ceiling(standard * settings.FullShare)) > 1;
        double Of(Levels levels) => full ? levels.Full : levels.Standard;
        var seconds = Of(sum.TotalSeconds);
        var over = new List<string>();
        if (seconds > ceiling.Seconds)
            over.Add($"{Words(seconds)} in all, at most {Words(ceiling.Seconds)}");
        if (holds > ceiling.HoldSeconds)
            over.Add($"a hold of {Words(holds)}, at most {Words(ceiling.HoldSeconds)}");
        if (Of(sum.RepetitionsPerSide) > ceiling.Repetitions)
            over.Add($"{Of(sum.RepetitionsPerSide):0} repetitions a side, at most {ceiling.Repetitions}");
        if (Of(sum.TensionSeconds) > ceiling.TensionSeconds)
            over.Add($"{Words(Of(sum.TensionSeconds))} of holding, at most {Words(ceiling.TensionSeconds)}");
        if (sum.DaySeconds is { } day && Of(day) > ceiling.Seconds * settings.CeilingSessionsADay)
            over.Add($"{Words(Of(day))} a day, at most {Words(ceiling.Seconds * settings.CeilingSessionsADay)}");
        if (over.Count == 0)
            return;
        findings.Add(
            new(
                "dose-ceiling",
                "More than anybody should do",
                "stop",
                $"As a {family.Name} this is {string.Join("; ", over)}: a slip of the pen, or a harm.",
                "Correct the dose; spread what is left over days.",
                new(
                    "dose.ceiling",
                    "A ceiling of dose for each kind of work",
                    [new("kind of work", family.Name), new("dose", completed.Step.Dose?.Line ?? "")],
                    "house setting; common practice"
                ),
                []
            )
        );
    }

    private static string Words(double seconds) => seconds < 120 ? $"{seconds:0} s" : $"{seconds / 60:0.#} min";
}
