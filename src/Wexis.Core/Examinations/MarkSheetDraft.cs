using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Examinations;

/// <summary>
/// Drafts a mark sheet from a technique: criteria from its steps in two domains, measured targets from its dose,
/// what does not apply left out with its weight spread over the rest of its domain. See docs/method.md#mark-sheet.
/// </summary>
public static partial class MarkSheetDraft
{
    public static MarkSheet Of(
        string techniqueId,
        int edition,
        TechniqueDocument document,
        Derivation derivation,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(derivation);
        ArgumentNullException.ThrowIfNull(settings);
        var steps = derivation.Steps.Select(s => StepOf(s)).ToList();
        var drafted = CriteriaFrom(derivation, steps, atlas, model, settings).ToList();
        var (criteria, dropped) = SpreadWeights(drafted);
        var own = (document.Faults ?? [])
            .Where(f => !string.IsNullOrWhiteSpace(f.Sign))
            .Select((f, i) => new SheetFault($"own-{i + 1}", f.Sign!, f.Fix ?? ""))
            .ToList();
        var faults = own.Concat(HouseFaults.Where(h => own.All(o => !o.Text.Contains(h.Text, StringComparison.OrdinalIgnoreCase))))
            .Take(8)
            .ToList();
        return new(techniqueId, document.Name ?? "", edition, steps, criteria, HouseActs, faults, dropped, settings.PassLinePercent);
    }

    private static SheetStep StepOf(DerivedStep step)
    {
        var tempo = step.Completed.Tempo ?? new(1, 0, 0, 0);
        var counting =
            step.Completed.Dose?.Unit is "seconds" or "breaths" ? "seconds"
            : step.Held ? "hold"
            : "reps";
        var zones = step.Map.ZonesTouched.Concat(step.Map.MustStayQuiet).Distinct().ToList();
        var cycle = (tempo.InS ?? 0) + (tempo.HoldS ?? 0) + (tempo.OutS ?? 0) + (tempo.RestS ?? 0);
        return new(
            step.Index,
            step.Title,
            step.Completed.Cue ?? "",
            step.Dose.Columns,
            counting,
            step.Dose.RepetitionsPerSide,
            step.Dose.SecondsPerSide,
            tempo.HoldS ?? 0,
            cycle,
            zones,
            [.. step.Map.Worked.Where(r => r.Strength == Strength.Primary).Select(r => r.Structure).Distinct()]
        );
    }

    private static IEnumerable<Criterion> CriteriaFrom(
        Derivation derivation,
        List<SheetStep> steps,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        var classes = derivation.Steps.SelectMany(s => s.Classes).ToHashSet(StringComparer.Ordinal);
        var nearEye =
            derivation.Map.ZonesTouched.Any(z => atlas.RegionOfZone.GetValueOrDefault(z) == "eyes" || z == "brow")
            || classes.Contains("eye");
        var neck =
            classes.Contains("neck")
            || derivation.Map.ZonesTouched.Any(z => atlas.RegionOfZone.GetValueOrDefault(z) is "neck" or "shoulders-chest");
        var tool = classes.Contains("tool");
        yield return Done("setup", "Screening asked, hands clean, nails, jewellery and hair ready, product right", null, nearEye || tool);
        yield return Graded(
            "posture",
            "Sits tall, head level, shoulders down",
            null,
            neck,
            ["slumped or twisted throughout", "drops and is not noticed", "drops once, mended", "tall and easy throughout"]
        );
        foreach (var s in derivation.Steps)
        {
            var n = s.Index;
            var prefix = derivation.Steps.Count > 1 ? $"Step {n + 1}: " : "";
            var hand = s.Completed.AllHands.FirstOrDefault(h => h.Verb is not null && h.Role is not "tool-option");
            if (hand is not null)
            {
                var contact = hand.Contact is { } c && atlas.Contacts.TryGetValue(c, out var known) ? known.Name : "the hand";
                yield return Graded(
                    "contact",
                    Sentence(prefix, $"{contact}, {Place(hand, atlas)}"),
                    n,
                    nearEye,
                    [
                        "another part of the hand, or another place",
                        "right hand part, off the place",
                        "on the place with small slips",
                        "on the bone, on the place, every time",
                    ]
                );
                if (hand.Glide == true)
                    yield return Graded(
                        "path",
                        Sentence(prefix, $"on the line, {Way(hand, atlas)}"),
                        n,
                        nearEye && neck,
                        [
                            "another line or the wrong way",
                            "leaves the line or turns back pressed",
                            "on the line with slips",
                            "on the line, right way, lifted on the return",
                        ]
                    );
                yield return Graded(
                    "pressure",
                    Sentence(prefix, $"pressure {StepWords.Feel(hand.Pressure)} (level {hand.Pressure?.ToString() ?? "?"} of 5)"),
                    n,
                    nearEye || neck || tool,
                    ["two levels off or more", "one level off, not mended", "one level off at times", "steady at the level told"]
                );
            }
            foreach (var act in s.Completed.AllActs.Where(a => a.Do is not null).Take(1))
                yield return Graded(
                    "path",
                    Sentence(prefix, $"{StepWords.Movement(act.Do!, model)}: full range, no helper, full release"),
                    n,
                    false,
                    [
                        "another movement",
                        "movement with helpers throughout",
                        "right movement, a helper at times",
                        "right movement, full range, clean release",
                    ]
                );
            foreach (var measured in Measured(s, steps[n], prefix, settings))
                yield return measured;
            if (s.Completed.AllStill.Count > 0 || s.Map.MustStayQuiet.Count > 0)
            {
                var still = s.Completed.AllStill.Concat(s.Map.MustStayQuiet).Distinct().Select(z => StepWords.ZoneWord(z, atlas));
                yield return Graded(
                    "stillness",
                    Sentence(prefix, $"kept quiet: {string.Join(", ", still)}"),
                    n,
                    false,
                    ["moves every time", "moves more often than not", "a slip, noticed and mended", "no movement to be seen"]
                );
            }
        }
        yield return Graded(
            "breath",
            "Breath goes on; no hold that was not screened",
            null,
            derivation.Steps.Any(s => s.Completed.Tempo?.HoldS is >= 3),
            ["held throughout", "held at effort", "stops once, mended", "quiet and even"]
        );
        if (derivation.Steps.Any(s => s.Family is "light-glide" or "tool-glide" || s.Map.Flow.Count > 0))
            yield return Graded(
                "finish",
                "Finish: last fluid stroke ends at the collarbone hollow, order kept",
                null,
                false,
                ["left out", "another order", "right order, last stroke short", "in order, to the hollow"]
            );
        yield return Graded(
            "anatomy",
            $"Names what is worked and how: {Worked(derivation, atlas)}",
            null,
            false,
            [
                "nothing or another structure",
                "right structure, wrong kind of work",
                "right with a slip",
                "structure, kind of work and limit",
            ]
        ) with
        {
            Domain = "teaching",
        };
        yield return Graded(
            "cueing",
            "Cues before the movement, names the learner's side, one idea at a time, counts aloud",
            null,
            false,
            ["no cue", "cues late or muddled", "right cues with slips", "clear, in time, watching the learner"]
        ) with
        {
            Domain = "teaching",
        };
        yield return Graded(
            "adaptation",
            "Offers one easier version and one stop rule",
            null,
            false,
            ["neither", "one, unfitting", "one of the two", "both, fitting"]
        ) with
        {
            Domain = "teaching",
        };
    }

    private static IEnumerable<Criterion> Measured(DerivedStep s, SheetStep sheet, string prefix, HouseSettings settings)
    {
        foreach (var column in sheet.Columns)
        {
            var where = column is "left" or "right" ? $", {column} side" : "";
            var suffix = column is "left" or "right" ? $"-{column}" : "";
            if (sheet.Counting == "seconds")
                yield return Measure(
                    "dose",
                    suffix,
                    $"{prefix}{sheet.Seconds.Minimum:0}–{sheet.Seconds.Full:0} s of work{where}",
                    s.Index,
                    new("working-seconds", column, Floor(sheet.Seconds.Minimum), Ceil(sheet.Seconds.Full), "s")
                );
            else
                yield return Measure(
                    "dose",
                    suffix,
                    $"{prefix}{Range(sheet.Repetitions)} repetitions{where}",
                    s.Index,
                    new("repetitions", column, sheet.Repetitions.Minimum, sheet.Repetitions.Full, "repetitions")
                );
        }
        if (sheet is { Counting: "hold", HoldSeconds: > 0 })
        {
            var tolerance = Math.Max(1, sheet.HoldSeconds * 0.1);
            yield return Measure(
                "tempo",
                "-hold",
                Sentence(prefix, $"each hold {sheet.HoldSeconds:0.#} s"),
                s.Index,
                new("hold-seconds", null, sheet.HoldSeconds - tolerance, sheet.HoldSeconds + tolerance, "s")
            );
        }
        else if (sheet is { Counting: "reps", CycleSeconds: > 0 })
        {
            var perMinute = 60 / sheet.CycleSeconds;
            yield return Measure(
                "tempo",
                "",
                Sentence(prefix, $"tempo about {perMinute:0} a minute"),
                s.Index,
                new(
                    "tempo",
                    null,
                    perMinute * (1 - settings.TempoToleranceShare),
                    perMinute * (1 + settings.TempoToleranceShare),
                    "a minute"
                )
            );
        }
        if (sheet.Columns.Count == 2)
            yield return Measure(
                "balance",
                "",
                Sentence(prefix, $"both sides level (smaller over larger at least {settings.BalanceFine:0.00})"),
                s.Index,
                new("balance", null, settings.BalanceFine, 1, "")
            );
        static double Floor(double s) => s > 10 ? Math.Floor(s * 0.9) : Math.Max(0, s - 1);
        static double Ceil(double s) => s > 10 ? Math.Ceiling(s * 1.1) : s + 1;
    }

    /// <summary>"Step 2: each hold 5 s", or "Each hold 5 s" where there is only one step.</summary>
    private static string Sentence(string prefix, string words) =>
        prefix.Length > 0 ? prefix + words : char.ToUpperInvariant(words[0]) + words[1..];

    private static string Range(Levels l) => l.Minimum == l.Full ? $"{l.Standard:0}" : $"{l.Minimum:0}–{l.Full:0}";

    private static Criterion Done(string topic, string text, int? step, bool safety) =>
        new(Id(topic, step), "doing", "done", topic, text, step, 0, safety, null, ["not done", "", "", "done"]);

    private static Criterion Graded(string topic, string text, int? step, bool safety, IReadOnlyList<string> anchors) =>
        new(Id(topic, step), "doing", "graded", topic, text, step, 0, safety, null, anchors);

    private static Criterion Measure(string topic, string suffix, string text, int step, MeasureTarget target) =>
        new(Id(topic, step) + suffix, "doing", "measured", topic, text, step, 0, false, target, []);

    private static string Id(string topic, int? step) => step is { } n ? $"{topic}-{n + 1}" : topic;

    private static string Why(string topic) =>
        topic switch
        {
            "contact" or "pressure" => "no hand works in this technique",
            "path" => "nothing travels and nothing moves",
            "balance" => "the sides are worked at once, or there is only one",
            "stillness" => "nothing is to be kept quiet",
            "finish" => "no fluid is moved, so no exit order",
            "tempo" => "the dose is a time without a beat",
            "dose" => "no dose is told",
            _ => "it does not apply",
        };

    private static string Place(Hand hand, Atlas atlas)
    {
        var stops = hand
            .AllPath.Select(p => p.Landmark is { } l && atlas.Landmarks.TryGetValue(l, out var known) ? known.Name : null)
            .OfType<string>()
            .ToList();
        return stops.Count > 0 ? $"starting at {stops[0]}"
            : hand.AllZones.Count > 0 ? $"on the {string.Join(" and ", hand.AllZones.Select(z => StepWords.ZoneWord(z, atlas)))}"
            : "on its place";
    }

    private static string Way(Hand hand, Atlas atlas)
    {
        var stops = hand
            .AllPath.Select(p => p.Landmark is { } l && atlas.Landmarks.TryGetValue(l, out var known) ? known.Name : null)
            .OfType<string>()
            .ToList();
        return stops.Count > 1 ? $"from {stops[0]} to {stops[^1]}" : hand.Direction?.Replace('-', ' ') ?? "the way told";
    }

    private static string Worked(Derivation derivation, Atlas atlas)
    {
        var rows = derivation
            .Map.Worked.Where(r => r.Strength == Strength.Primary)
            .Take(3)
            .Select(r => $"{atlas.PlainName(r.Structure)} ({r.Mode.Plain()})")
            .Distinct();
        return string.Join(", ", rows) is { Length: > 0 } words ? words : "what is touched";
    }
}
