using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Strokes;

namespace Wexis.Core.Techniques.Work;

/// <summary>A step with its gaps filled from its family, what filled them, what stays open, and what is wrong.</summary>
/// <param name="Step">Complete: only what nobody may guess (pressure, place) can still be null.</param>
/// <param name="Defaults">Paths of the fields that a default filled; the interface shows them in grey.</param>
public sealed record CompletedStep(
    Step Step,
    StepFamily? Family,
    Sides Sides,
    IReadOnlyList<string> Defaults,
    IReadOnlyList<OpenQuestion> Questions,
    IReadOnlyList<Issue> Issues
)
{
    /// <summary>As it was told: what a default filled decides nothing about the way a muscle works.</summary>
    public Step Told { get; init; } = Step;

    /// <summary>Hold of each repetition that the dose line tells; null where it tells none.</summary>
    public double? DoseHold { get; init; }

    /// <summary>Fills one step. Pressure and place are asked, never guessed; everything else has a default of its family.</summary>
    public static CompletedStep Of(Step step, int index, Atlas atlas, ActionModel model, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(step);
        var path = $"steps[{index}]";
        var defaults = new List<string>();
        var questions = new List<OpenQuestion>();
        var issues = new List<Issue>();
        if (FamilyDefaults.Of(step, atlas, model) is not { } familyId)
        {
            questions.Add(new($"{path}.acts", "What happens: which movement, or what does the hand do?", []));
            return new(step, null, Sides.Both, defaults, questions, issues);
        }
        var family = FamilyDefaults.Get(familyId);
        T Fill<T>(T? told, T value, string field)
            where T : class
        {
            if (told is not null)
                return told;
            defaults.Add($"{path}.{field}");
            return value;
        }

        var told = SidesTold(step);
        var sides = told ?? DefaultSides(step, atlas);
        if (told is null)
            defaults.Add($"{path}.sides");
        var structured = step.Dose is { Standard: not null } or { Reps: not null };
        var line = step.Dose?.Line ?? (structured ? DoseLine.Format(Structured(step.Dose!), null) : null);
        if (line is null)
        {
            line =
                sides is "one-then-other" or "alternating" ? family.DoseLine + ", each side"
                : familyId == StepFamily.Circles ? family.DoseLine + ", each way"
                : family.DoseLine;
            defaults.Add($"{path}.dose.line");
        }
        // Two hands may touch both sides at once: a dose "for each side" does not say that they take turns.
        var bothHands = step.AllHands.Any(h => h.Which == "both") || step.AllHands.Count(h => h.Verb is not null) > 1;
        Dose dose;
        double? hold = null,
            rest = null;
        if (structured && step.Dose!.Line is null)
            dose = Structured(step.Dose) with { Line = line, Both = step.Dose.Both ?? BothOf(sides) };
        else
        {
            var reading = DoseLine.Read(line, new(told ?? (sides == "midline" || bothHands ? sides : null)), settings, $"{path}.dose.line");
            // Where nobody said the sides and one hand works, a dose for each side is done one side after the other.
            if (told is null && reading.OneSide is { } one)
                sides = one;
            dose = reading.Dose.Both is null ? reading.Dose with { Both = BothOf(sides), Per = reading.Dose.Per ?? "all" } : reading.Dose;
            (hold, rest) = (reading.HoldSeconds, reading.RestSeconds);
            questions.AddRange(reading.Questions);
            issues.AddRange(reading.Issues);
        }
        if (dose.Both is "one-then-other" or "alternating" or "midline" && told is null && sides is not ("left" or "right"))
            sides = dose.Both;

        // Seconds of a repetition: the dose line first, then what the step, its act or its hand tells, then the family.
        // Of several movements the longest counts, whichever was told first.
        var firstTempo = step.Tempo ?? Longest([.. step.AllActs.Select(a => a.Tempo).OfType<Tempo>()]);
        var handHold = step.AllHands.Max(h => h.HoldS);
        var tempo = new Tempo(
            firstTempo?.InS ?? family.Tempo.InS,
            hold ?? firstTempo?.HoldS ?? handHold ?? family.Tempo.HoldS,
            firstTempo?.OutS ?? family.Tempo.OutS,
            rest ?? firstTempo?.RestS ?? family.Tempo.RestS
        );
        if (firstTempo is null && hold is null && handHold is null)
            defaults.Add($"{path}.tempo");

        var state = Pose(step.State, step);
        if (step.State is null)
            defaults.Add($"{path}.state");
        var acts = step
            .AllActs.Select(
                (a, i) =>
                {
                    // No movement lends its hold to another (house ruling 17): what it does not tell is its own family's.
                    var own =
                        step.AllActs.Count > 1 && a is { Do: not null }
                            ? FamilyDefaults.Get(FamilyDefaults.OfAct(a, step, model)).Tempo
                            : tempo;
                    return a with
                    {
                        Side = Fill(a.Side, ActSide(sides), $"acts[{i}].side"),
                        Effort = Fill(a.Effort, "moderate", $"acts[{i}].effort"),
                        Resist = Fill(a.Resist, "none", $"acts[{i}].resist"),
                        Tempo = new Tempo(
                            a.Tempo?.InS ?? step.Tempo?.InS ?? own.InS,
                            hold ?? a.Tempo?.HoldS ?? step.Tempo?.HoldS ?? own.HoldS,
                            a.Tempo?.OutS ?? step.Tempo?.OutS ?? own.OutS,
                            a.Tempo?.RestS ?? step.Tempo?.RestS ?? own.RestS
                        ),
                        State = Pose(a.State ?? step.State, step),
                        Force = Fill(a.Force, "own", $"acts[{i}].force"),
                    };
                }
            )
            .ToList();
        var hands = step
            .AllHands.Select(
                (h, i) =>
                    h with
                    {
                        Which = Fill(
                            h.Which,
                            sides switch
                            {
                                "both" => "both",
                                "left" => "left",
                                "right" => "right",
                                _ => "right",
                            },
                            $"hands[{i}].hand"
                        ),
                        Role = Fill(h.Role, h.Verb == "hold-still" ? "hold" : "work", $"hands[{i}].role"),
                        Contact = Fill(
                            h.Contact,
                            h.Verb is "tool-stroke" or "tool-press" ? "tool-flat"
                                : h.Verb == "roll" ? "roller-large"
                                : h.Verb == "cup" ? "cup"
                                : h.Verb is "knead" ? "knuckles"
                                : family.Contact,
                            $"hands[{i}].contact"
                        ),
                        Axis = Fill(h.Axis, "in", $"hands[{i}].axis"),
                        GripOrSlip = Fill(h.GripOrSlip, family.GripOrSlip, $"hands[{i}].grip_or_slip"),
                        Sides = Fill(h.Sides, sides, $"hands[{i}].sides"),
                        Glide = h.Glide ?? h.Verb is "stroke" or "tool-stroke" or "roll" or "knead" or "pinch-roll" or "friction",
                        HoldS = h.HoldS
                            ?? (
                                h.Verb is "press" or "pinch-hold" or "lift-hold" or "stretch-apart" or "tool-press" or "heat-cold"
                                    ? tempo.HoldS
                                    : null
                            ),
                    }
            )
            .ToList();
        for (var i = 0; i < hands.Count; i++)
        {
            var h = hands[i];
            if (h is { Verb: not null, AllZones.Count: 0, AllPath.Count: 0, AllPoints.Count: 0 })
                questions.Add(new($"{path}.hands[{i}].path", "Where: touch the start on the face, then the end.", []));
            foreach (var leg in StrokePath.Of(h, atlas, settings).Legs.Where(l => l.Through))
                questions.Add(
                    new(
                        $"{path}.hands[{i}].path",
                        $"From {StrokePath.Name(leg.Start, h, atlas, settings)} to {StrokePath.Name(leg.End, h, atlas, settings)} the "
                            + "hand goes from the front to the back: what lies between? Touch a place on the way.",
                        [],
                        OpenQuestion.Between
                    )
                );
            if (h is { Verb: "stroke" or "tool-stroke" or "roll", AllZones.Count: 0, AllPath.Count: 1, AllPoints.Count: 0 })
                questions.Add(new($"{path}.hands[{i}].path", "Where does the stroke end?", []));
            // On the neck both at once is another matter than one at a time: it is asked, never assumed.
            if (
                told is null
                && dose.Both is not ("one-then-other" or "alternating")
                && h.Verb is not null
                && h.AllZones.Concat(StrokePath.Of(h, atlas, settings).Zones(atlas))
                    .Any(z => z is "carotid-strip" or "lateral-neck" or "submandibular")
            )
                questions.Add(new($"{path}.sides", "On the neck: one side at a time, or both at once?", [], OpenQuestion.Safety));
            if (h is { Verb: not null, Pressure: null })
                questions.Add(
                    new(
                        $"{path}.hands[{i}].pressure",
                        "How hard: feather, light, medium, firm, or down to bone?",
                        [],
                        NearEyeOrNeck(h, atlas, settings) ? OpenQuestion.Safety : null
                    )
                );
        }
        // A finger that resists or holds at the eye or the neck is a contact: how hard is asked where no hand tells it.
        var held = step.AllActs.SelectMany(
            (a, i) =>
                a
                    .AllHoldStill.Where(h => h.By is "finger" or "palm")
                    .Select(h => (Index: i, h.Zone))
                    .Append((i, a.Resist is "finger" or "partner" ? a.At : null))
        );
        foreach (var (i, zone) in held)
            if (
                zone is not null
                && atlas.RegionOfZone.GetValueOrDefault(zone) is "eyes" or "neck"
                && !hands.Exists(h => h.Verb is not null && (h.AllZones.Contains(zone) || h.AllPath.Count > 0 || h.AllPoints.Count > 0))
            )
                questions.Add(
                    new(
                        $"{path}.acts[{i}]",
                        $"How hard does the hand press at the {atlas.Zones[zone].Name}? Tell it as a hand of its own.",
                        [],
                        OpenQuestion.Safety
                    )
                );
        var completed = step with
        {
            Acts = acts,
            Hands = hands,
            Dose = dose,
            Tempo = tempo,
            State = state,
            Breath = Fill(step.Breath, family.Breath, "breath"),
            Gaze = Fill(step.Gaze, state.Gaze ?? "ahead", "gaze"),
            Channels = step.Channels is { Count: > 0 }
                ? step.Channels
                : Fill<IReadOnlyList<string>>(null, ChannelsOf(acts, hands, state), "channels"),
            EndPoint = Fill(step.EndPoint, family.EndPoint, "end_point"),
            Cue = Fill(step.Cue, StepWords.Cue(acts, hands, step.AllStill, atlas, model), "cue"),
        };
        return new(completed, familyId, ClosedList.Of<Sides>(sides) ?? Sides.Both, defaults, questions, issues)
        {
            Told = step,
            DoseHold = hold,
        };
    }

    private static Tempo? Longest(IReadOnlyList<Tempo> of) =>
        of.Count == 0 ? null : new(of.Max(t => t.InS), of.Max(t => t.HoldS), of.Max(t => t.OutS), of.Max(t => t.RestS));

    /// <summary>Sides that several say, as one word whatever their order: taking turns before one side, both where they differ.</summary>
    private static string? Together(IEnumerable<string?> told)
    {
        var words = told.OfType<string>().Distinct().ToList();
        return words.Count == 0 ? null
            : words.Count == 1 ? words[0]
            : words.FirstOrDefault(w => w is "one-then-other") ?? words.FirstOrDefault(w => w is "alternating") ?? "both";
    }

    private static bool NearEyeOrNeck(Hand hand, Atlas atlas, HouseSettings settings) =>
        hand
            .AllZones.Concat(StrokePath.Of(hand, atlas, settings).Zones(atlas))
            .Any(z => atlas.RegionOfZone.GetValueOrDefault(z) is "eyes" or "neck");

    /// <summary>Sides as told by the hands, the dose or the act, in that order.</summary>
    private static string? SidesTold(Step step)
    {
        if (
            (
                Together(step.AllHands.Where(h => h.Role is null or "work").Select(h => h.Sides))
                ?? Together(step.AllHands.Select(h => h.Sides))
            ) is
            { } hands
        )
            return hands;
        if (Together(step.AllActs.Select(a => a.Side).Where(s => s is "left" or "right" or "alternating")) is { } acts)
            return acts;
        if (step.Dose?.Both is { } both)
            return both == "together" ? "both" : both;
        return step.AllActs.Any(a => a.Side is not null) ? "both" : null;
    }

    private static string DefaultSides(Step step, Atlas atlas)
    {
        var path = step.AllHands.SelectMany(h => h.AllPath).Select(p => p.Landmark).OfType<string>().ToList();
        return path.Count > 0 && path.All(p => atlas.Landmarks.TryGetValue(p, out var l) && l.Midline) ? "midline" : "both";
    }

    private static string BothOf(string sides) =>
        sides switch
        {
            "both" => "together",
            "left" or "right" => "one-then-other",
            _ => sides,
        };

    private static string ActSide(string sides) =>
        sides switch
        {
            "left" or "right" or "alternating" => sides,
            _ => "both",
        };

    private static Dose Structured(Dose d) =>
        d with
        {
            Standard = d.Standard ?? d.Reps,
            Min = d.Min ?? d.Standard ?? d.Reps,
            Full = d.Full ?? d.Standard ?? d.Reps,
            Unit = d.Unit ?? "reps",
            Sets = d.Sets ?? 1,
            Lanes = d.Lanes ?? 1,
        };

    private static PoseState Pose(PoseState? told, Step step) =>
        new(
            told?.Gaze ?? step.Gaze ?? "ahead",
            told?.Lids ?? "open",
            told?.Jaw ?? "rest",
            told?.Lips ?? "closed",
            told?.Tongue ?? "rest",
            told?.Head ?? "neutral",
            told?.Shoulders ?? "down"
        );

    private static List<string> ChannelsOf(List<Act> acts, List<Hand> hands, PoseState state)
    {
        var channels = new List<string>();
        if (hands.Any(h => h.Which is "right" or "both"))
            channels.Add("right-hand-busy");
        if (hands.Any(h => h.Which is "left" or "both"))
            channels.Add("left-hand-busy");
        if (
            state.Lids == "closed"
            || acts.Any(a => a.Do?.StartsWith("close-lids", StringComparison.Ordinal) == true || a.Do == "palm-eyes")
        )
            channels.Add("eyes-closed");
        if (state.Lips is "rolled-in" or "pursed" || acts.Any(a => a.Do is { } d && MouthVerbs.Contains(d)))
            channels.Add("mouth-busy");
        if (acts.Any(a => a.Do?.StartsWith("gaze", StringComparison.Ordinal) == true))
            channels.Add("head-fixed");
        return channels;
    }

    private static readonly HashSet<string> MouthVerbs = new(StringComparer.Ordinal)
    {
        "puff-cheeks",
        "transfer-air",
        "puff-upper-lip",
        "puff-lower-lip",
        "circle-air",
        "suck-cheeks",
        "blow-out",
        "pucker",
        "funnel-o",
        "press-lips",
        "roll-lips-in",
        "tongue-circle-vestibule",
        "tongue-push-cheek",
        "tongue-push-upper-lip",
        "tongue-push-lower-lip",
        "tongue-side",
        "tongue-press-palate",
        "tongue-out",
        "smile",
        "smile-lips-tucked",
        "open-jaw",
        "clench",
        "chew",
        "swallow",
        "lips-side",
        "jaw-side",
        "jaw-forward",
        "jaw-back",
        "jaw-circle",
    };
}
