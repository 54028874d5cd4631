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
        return Of(
            DemonstrationKind.Oneself,
            techniqueId,
            document.Name ?? "",
            edition,
            [new(techniqueId, edition, document.Name ?? "", document, derivation)],
            atlas,
            model,
            settings
        );
    }

    private static SheetStep StepOf(DerivedStep step, int index, string? part)
    {
        var tempo = step.Completed.Tempo ?? new(1, 0, 0, 0);
        var counting =
            step.Completed.Dose?.Unit is "seconds" or "breaths" ? Counting.Seconds
            : step.Held ? Counting.Hold
            : Counting.Reps;
        var zones = step.Map.ZonesTouched.Concat(step.Map.MustStayQuiet).Distinct().ToList();
        var cycle = (tempo.InS ?? 0) + (tempo.HoldS ?? 0) + (tempo.OutS ?? 0) + (tempo.RestS ?? 0);
        return new(
            index,
            step.Title,
            step.Completed.Cue ?? "",
            step.Dose.Columns,
            counting,
            step.Dose.RepetitionsPerSide,
            step.Dose.SecondsPerSide,
            tempo.HoldS ?? 0,
            cycle,
            zones,
            [.. step.Map.Worked.Where(r => r.Strength == Strength.Primary).Select(r => r.Structure).Distinct()],
            Math.Max(1, step.Completed.Dose?.Sets ?? 1),
            part
        );
    }

    private static IEnumerable<Criterion> CriteriaFrom(
        SheetPart part,
        List<SheetStep> steps,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        var derivation = part.Derivation;
        var nearEye = NearEyes([part], atlas);
        var neck = OnNeck(part, atlas);
        var tool = IsOf(part, "tool");
        yield return Done(
            Topic.Setup,
            "Screening asked, hands clean, nails, jewellery and hair ready, product right",
            null,
            nearEye || tool
        );
        yield return Graded(
            Topic.Posture,
            "Sits tall, head level, shoulders down",
            null,
            neck,
            ["slumped or twisted throughout", "drops and is not noticed", "drops once, corrected", "tall and easy throughout"]
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
                    Topic.Contact,
                    Sentence(prefix, $"{contact}, {Place(hand, atlas)}"),
                    n,
                    nearEye,
                    [
                        "another part of the hand, or another place",
                        "right hand part, off the place",
                        "on the place with small slips",
                        OnBone(hand, atlas) ? "on the bone, on the place, every time" : "on the place, every time",
                    ]
                ) with
                {
                    Named = PlacesOf(hand, atlas),
                };
                if (hand.Glide == true)
                    yield return Graded(
                        Topic.Path,
                        Sentence(prefix, $"on the line, {Way(hand, atlas)}"),
                        n,
                        nearEye && neck,
                        [
                            "another line or the wrong way",
                            "leaves the line or turns back pressed",
                            "on the line with slips",
                            "on the line, right way, lifted on the return",
                        ]
                    ) with
                    {
                        Named = EndsOf(hand, atlas),
                    };
                yield return Graded(
                    Topic.Pressure,
                    Sentence(prefix, $"pressure {StepWords.Feel(hand.Pressure)} (level {hand.Pressure?.ToString() ?? "?"} of 5)"),
                    n,
                    nearEye || neck || tool,
                    ["two levels off or more", "one level off, not corrected", "one level off at times", "steady at the level asked for"]
                ) with
                {
                    Named = hand.Pressure is null ? null : [StepWords.Feel(hand.Pressure)],
                };
            }
            foreach (var act in s.Completed.AllActs.Where(a => a.Do is not null).Take(1))
                yield return Graded(
                    Topic.Path,
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
            foreach (var measured in Measured(steps[n], prefix, settings))
                yield return measured;
            if (s.Completed.AllStill.Count > 0 || s.Map.MustStayQuiet.Count > 0)
            {
                var still = s.Completed.AllStill.Concat(s.Map.MustStayQuiet).Distinct().Select(z => StepWords.ZoneWord(z, atlas)).ToList();
                yield return Graded(
                    Topic.Stillness,
                    Sentence(prefix, $"stays relaxed: {string.Join(", ", still)}"),
                    n,
                    false,
                    ["moves every time", "moves more often than not", "a slip, noticed and corrected", "no movement to be seen"]
                ) with
                {
                    Named = still,
                };
            }
        }
        yield return Graded(
            Topic.Breath,
            "Breath goes on; no hold that was not screened",
            null,
            derivation.Steps.Any(s => s.Completed.Tempo?.HoldS is >= 3),
            ["held throughout", "held at effort", "stops once, corrected", "quiet and even"]
        );
        if (FluidFinish.Of(derivation, atlas) is { } finish)
            yield return Graded(Topic.Finish, finish.Text, null, false, finish.Anchors);
        yield return Graded(
            Topic.Anatomy,
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
            Domain = Domain.Teaching,
        };
        yield return Graded(
            Topic.Cueing,
            "Cues before the movement, names the learner's side, one idea at a time, counts aloud",
            null,
            false,
            ["no cue", "cues late or muddled", "right cues with slips", "clear, in time, watching the learner"]
        ) with
        {
            Domain = Domain.Teaching,
        };
        yield return Graded(
            Topic.Adaptation,
            "Offers one easier version and one stop rule",
            null,
            false,
            ["neither", "one, unfitting", "one of the two", "both, fitting"]
        ) with
        {
            Domain = Domain.Teaching,
        };
    }

    private static IEnumerable<Criterion> Measured(SheetStep sheet, string prefix, HouseSettings settings)
    {
        foreach (var column in sheet.Columns)
        {
            var where = column.IsOne() ? $", {column.Word()} side" : "";
            var suffix = column.IsOne() ? $"-{column.Word()}" : "";
            if (sheet.Counting == Counting.Seconds)
                yield return Measure(
                    Topic.Dose,
                    suffix,
                    $"{prefix}{sheet.Seconds.Minimum:0}–{sheet.Seconds.Full:0} s of work{where}",
                    sheet.Index,
                    new(Quantity.WorkingSeconds, column, Floor(sheet.Seconds.Minimum), Ceil(sheet.Seconds.Full), "s")
                );
            else
                yield return Measure(
                    Topic.Dose,
                    suffix,
                    $"{prefix}{Range(sheet.Repetitions)} repetitions{where}",
                    sheet.Index,
                    new(Quantity.Repetitions, column, sheet.Repetitions.Minimum, sheet.Repetitions.Full, "repetitions")
                );
        }
        if (sheet is { Counting: Counting.Hold, HoldSeconds: > 0 })
        {
            var tolerance = Math.Max(1, sheet.HoldSeconds * 0.1);
            yield return Measure(
                Topic.Tempo,
                "-hold",
                Sentence(prefix, $"each hold {sheet.HoldSeconds:0.#} s"),
                sheet.Index,
                new(Quantity.HoldSeconds, null, sheet.HoldSeconds - tolerance, sheet.HoldSeconds + tolerance, "s")
            );
        }
        else if (sheet is { Counting: Counting.Reps, CycleSeconds: > 0 })
        {
            var perMinute = 60 / sheet.CycleSeconds;
            yield return Measure(
                Topic.Tempo,
                "",
                Sentence(prefix, $"tempo about {perMinute:0} a minute"),
                sheet.Index,
                new(
                    Quantity.Tempo,
                    null,
                    perMinute * (1 - settings.TempoToleranceShare),
                    perMinute * (1 + settings.TempoToleranceShare),
                    "a minute"
                )
            );
        }
        if (sheet.Columns.Count == 2)
            yield return Measure(
                Topic.Balance,
                "",
                Sentence(prefix, $"both sides level (smaller over larger at least {settings.BalanceFine:0.00})"),
                sheet.Index,
                new(Quantity.Balance, null, settings.BalanceFine, 1, "")
            );
        static double Floor(double s) => s > 10 ? Math.Floor(s * 0.9) : Math.Max(0, s - 1);
        static double Ceil(double s) => s > 10 ? Math.Ceiling(s * 1.1) : s + 1;
    }

    /// <summary>"Step 2: each hold 5 s", or "Each hold 5 s" where there is only one step.</summary>
    private static string Sentence(string prefix, string words) =>
        prefix.Length > 0 ? prefix + words : char.ToUpperInvariant(words[0]) + words[1..];

    private static string Range(Levels l) => l.Minimum == l.Full ? $"{l.Standard:0}" : $"{l.Minimum:0}–{l.Full:0}";

    private static Criterion Done(Topic topic, string text, int? step, bool safety) =>
        new(
            Id(topic, step),
            Domain.Doing,
            CriterionKind.Done,
            topic,
            text,
            step,
            0,
            safety,
            null,
            ["not done", "", "", "done"],
            Reasons.Of(topic)
        );

    private static Criterion Graded(Topic topic, string text, int? step, bool safety, IReadOnlyList<string> anchors) =>
        new(Id(topic, step), Domain.Doing, CriterionKind.Graded, topic, text, step, 0, safety, null, anchors, Reasons.Of(topic));

    private static Criterion Measure(Topic topic, string suffix, string text, int step, MeasureTarget target) =>
        new(Id(topic, step) + suffix, Domain.Doing, CriterionKind.Measured, topic, text, step, 0, false, target, []);

    private static string Id(Topic topic, int? step) => step is { } n ? $"{topic.Word()}-{n + 1}" : topic.Word();

    private static string Why(Topic topic) =>
        topic switch
        {
            Topic.Contact or Topic.Pressure => "no hand works in this technique",
            Topic.Path => "nothing travels and nothing moves",
            Topic.Balance => "the sides are worked at once, or there is only one",
            Topic.Stillness => "nothing has to stay relaxed",
            Topic.Finish => "no fluid is moved, so no exit order",
            Topic.Tempo => "the dose is a time without a beat",
            Topic.Dose => "no dose is given",
            Topic.Order => "there is one technique only",
            Topic.Talk => "nothing is counted",
            _ => "it does not apply",
        };

    private static string Place(Hand hand, Atlas atlas)
    {
        var stops = hand
            .AllPath.Select(p => p.Landmark is { } l && atlas.Landmarks.TryGetValue(l, out var known) ? known.Name : null)
            .OfType<string>()
            .ToList();
        return stops.Count > 0 ? $"starting at {The(stops[0])}"
            : hand.AllZones.Count > 0 ? $"on the {string.Join(" and ", hand.AllZones.Select(z => StepWords.ZoneWord(z, atlas)))}"
            : "on its place";
    }

    /// <summary>A place as it stands in a sentence: “the ear lobe”, but “below the collarbone”.</summary>
    private static string The(string place) =>
        place.Split(' ')[0] is "the" or "where" or "under" or "below" or "above" ? place : $"the {place}";

    /// <summary>Whether all that the hand is told to touch is bone right under the skin.</summary>
    private static bool OnBone(Hand hand, Atlas atlas) =>
        hand.AllPath.Count > 0 && hand.AllPath.All(p => p.Landmark is { } l && atlas.Landmarks.TryGetValue(l, out var known) && known.Bony);

    /// <summary>Where the hand begins: its first landmark, else its zones.</summary>
    private static List<string> PlacesOf(Hand hand, Atlas atlas) =>
        EndsOf(hand, atlas) is [var first, ..] ? [first] : [.. hand.AllZones.Select(z => StepWords.ZoneWord(z, atlas))];

    /// <summary>From where to where the hand goes; one place, or none, where nothing more is told.</summary>
    private static List<string> EndsOf(Hand hand, Atlas atlas)
    {
        var stops = hand
            .AllPath.Select(p => p.Landmark is { } l && atlas.Landmarks.TryGetValue(l, out var known) ? The(known.Name) : null)
            .OfType<string>()
            .ToList();
        return stops.Count > 1 ? [stops[0], stops[^1]] : stops;
    }

    private static string Way(Hand hand, Atlas atlas)
    {
        var stops = hand
            .AllPath.Select(p => p.Landmark is { } l && atlas.Landmarks.TryGetValue(l, out var known) ? known.Name : null)
            .OfType<string>()
            .ToList();
        return stops.Count > 1
            ? $"from {The(stops[0])} to {The(stops[^1])}"
            : hand.Direction?.Replace('-', ' ') ?? "in the direction asked for";
    }

    private static string Worked(Derivation derivation, Atlas atlas)
    {
        var rows = derivation
            .Map.Worked.Where(r => r.Strength == Strength.Primary)
            .Take(3)
            .Select(r => $"{atlas.CommonName(r.Structure)} {r.Mode.Plain()}")
            .Distinct();
        return string.Join(", ", rows) is { Length: > 0 } words ? words : "what is touched";
    }
}
