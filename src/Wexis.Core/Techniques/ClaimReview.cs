using System.Globalization;
using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>One claim against the map: verdicts (the weightiest first), why, what is right instead, and how good the evidence is.</summary>
/// <param name="Verdicts">Verdict ids of the action model.</param>
/// <param name="Correction">What may be said instead, without blame; null when the claim stands.</param>
/// <param name="Grade">Grade of evidence A, B, C, D or X; null where mechanics decide and no effect is claimed.</param>
public sealed record ClaimVerdict(
    int Claim,
    string Text,
    string Kind,
    IReadOnlyList<string> Verdicts,
    string Because,
    string? Correction,
    string? Grade,
    string? GradeWords,
    Reason Why
)
{
    public bool Stands => Verdicts is ["supported"];
}

/// <summary>
/// Compares what an author says with what the mechanics can work (rules R120–R125). A claim never changes the map.
/// See docs/method.md#claims.
/// </summary>
public static partial class ClaimReview
{
    /// <summary>Whether a sentence speaks of illness, healing or diagnosis.</summary>
    internal static bool IsMedical(string text) => Medical().IsMatch(text);

    public static IReadOnlyList<ClaimVerdict> Of(TechniqueDocument document, Derivation derivation, Atlas atlas, ActionModel model)
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(derivation);
        var desk = new Desk(derivation, atlas, model);
        return
        [
            .. (document.Claims ?? [])
                .Select((c, i) => (Claim: c, Index: i))
                .Where(x => !string.IsNullOrWhiteSpace(x.Claim.Text))
                .Select(x => desk.Judge(x.Claim, x.Index)),
        ];
    }

    /// <summary>What one judgement needs at hand.</summary>
    private sealed class Desk(Derivation derivation, Atlas atlas, ActionModel model)
    {
        private IReadOnlyList<WorkedRow> Rows => derivation.Map.Worked;

        private bool HandsOnly => derivation.Steps.All(s => s.Completed.AllActs.Count == 0);

        public ClaimVerdict Judge(Claim claim, int index)
        {
            var text = claim.Text!;
            var structures = claim.Structure is { } told && atlas.IsStructure(told) ? [told] : ClaimWords.Structures(text, atlas);
            var verb = ClaimWords.Verb(claim.Verb, text);
            if (
                structures.Count == 0
                && claim.Kind is null or "structure" or "mode"
                && verb is ClaimVerb.Trains or ClaimVerb.Strengthens or ClaimVerb.Relaxes or ClaimVerb.Stretches or ClaimVerb.Massages
                && !EffectWords.Any(e => e.Id is not "ef-massage-tone" and not "ef-relax" and not "ef-jaw-rest" && e.Words.IsMatch(text))
            )
                structures = ClaimWords.OfPart(text);
            var kind = claim.Kind ?? KindOf(text, structures, verb);
            var finding =
                Medical().IsMatch(text) && kind is not "evidence"
                    ? OutOfScope()
                    : kind switch
                    {
                        "effect" => Effect(text),
                        "evidence" => Evidence(text),
                        "cause" => Cause(text, structures),
                        "place" => Place(text, structures),
                        "lymph" => Lymph(text),
                        "action" => Action(text, structures, verb),
                        _ when structures.Count == 0 => verb == ClaimVerb.Drains ? Lymph(text) : Effect(text),
                        _ when claim.Structure is null && Several(text) is { Count: > 1 } named => Together([
                            .. named.Select(n => Structure(text, n.Structures, verb, kind)),
                        ]),
                        _ => Structure(text, structures, verb, kind),
                    };
            // What stands as mechanics may still promise too much.
            if (finding.Verdicts is ["supported"] && kind is "structure" or "mode" or "action" && Forever().IsMatch(text))
                finding = finding with
                {
                    Verdicts = ["overstated-effect"],
                    Because = $"{finding.Because} How long it lasts is not shown.",
                    Correction = "Say what it works, without how long or how much.",
                    Grade = "D",
                };
            return new(
                index,
                text,
                kind,
                finding.Verdicts,
                finding.Because,
                finding.Correction,
                finding.Grade,
                finding.Grade is { } g ? model.Document.EvidenceGrades[g] : null,
                new(
                    finding.Rule,
                    model.RuleText(finding.Rule),
                    [
                        new("claim", text),
                        .. structures.Take(1).Select(s => new ReasonInput("structure", atlas.PlainName(s))),
                        new("kind", kind),
                    ],
                    finding.Source
                )
            );
        }

        /// <summary>The kind of a claim that nobody sorted (R120).</summary>
        private static string KindOf(string text, IReadOnlyList<string> structures, ClaimVerb verb)
        {
            if (Study().IsMatch(text))
                return "evidence";
            if (CauseWords().IsMatch(text))
                return "cause";
            if (verb == ClaimVerb.Drains)
                return "lymph";
            if (PlaceWords().IsMatch(text) && (structures.Count > 0 || PointCode().IsMatch(text)))
                return "place";
            if (verb is ClaimVerb.Lifts or ClaimVerb.Lowers)
                return "action";
            if (structures.Count == 0)
                return "effect";
            return verb == ClaimVerb.Strengthens ? "mode" : "structure";
        }

        private sealed record Finding(
            IReadOnlyList<string> Verdicts,
            string Because,
            string? Correction,
            string? Grade,
            string Rule,
            string Source = "action model, from memory"
        );

        private static Finding Stands(string because, string rule, string? grade = null) => new(["supported"], because, null, grade, rule);

        private static Finding OutOfScope() =>
            new(
                ["out-of-scope"],
                "This is a medical or diagnostic matter; a trainer cannot say it.",
                "Leave it out, and send the person to a licensed clinician.",
                null,
                "R123"
            );

        // Structure and mode claims (R121, R122).

        /// <summary>The muscles that a claim lists; those it only sets apart ("not the frontalis") are not claimed.</summary>
        private IReadOnlyList<ClaimWords.NameSaid> Several(string text) =>
            [.. ClaimWords.Named(text, atlas).Where(n => !SetApart().IsMatch(text[..n.At]))];

        /// <summary>A claim that lists several muscles stands when each of them does; the first that does not decides.</summary>
        private static Finding Together(IReadOnlyList<Finding> findings) =>
            (findings.FirstOrDefault(f => f.Verdicts[0] != "supported") ?? findings[0]) with
            {
                Because = string.Join(" ", findings.Select(f => f.Because).Distinct()),
            };

        private Finding Structure(string text, IReadOnlyList<string> structures, ClaimVerb verb, string kind)
        {
            // A name that covers several parts is judged by the part that stands best.
            var findings = structures.Select(s => OneStructure(text, s, verb, kind)).ToList();
            return findings.FirstOrDefault(f => f.Verdicts[0] == "supported")
                ?? findings.FirstOrDefault(f => f.Verdicts[0] == "partly-right")
                ?? findings.FirstOrDefault(f => f.Verdicts[0] is "wrong-mode" or "antagonist-confused")
                ?? findings[0];
        }

        private Finding OneStructure(string text, string structure, ClaimVerb verb, string kind)
        {
            var mine = Rows.Where(r => r.Structure == structure).ToList();
            var name = atlas.PlainName(structure);
            switch (verb)
            {
                case ClaimVerb.Relaxes:
                    if (mine.Any(r => r.Mode is "inhibited" or "kneaded" or "compressed" or "stretched"))
                        return Stands($"The {name} is {Ways(mine.Where(r => !Modes.IsActive(r.Mode)))}.", "R121", "C");
                    if (mine.Any(r => Modes.IsActive(r.Mode)))
                        return new(
                            ["wrong-mode"],
                            $"The {name} is {Ways(mine)} here: that is work, not rest.",
                            $"Say: works the {name}.",
                            null,
                            "R121"
                        );
                    return Missing(structure, name);
                case ClaimVerb.Stretches:
                    if (mine.Any(r => r.Mode == "stretched"))
                        return Stands($"The {name} is stretched.", "R44");
                    if (mine.Count > 0)
                        return new(
                            ["wrong-mode"],
                            $"The {name} is {Ways(mine)}; its ends are not drawn apart.",
                            $"Say: {Ways(mine)}, not stretched.",
                            null,
                            "R44"
                        );
                    return Missing(structure, name);
                case ClaimVerb.Massages:
                    if (mine.Any(r => r.Mode is "kneaded" or "compressed" or "stretched"))
                        return Stands($"The hand reaches the {name}: {Ways(mine)}.", "R40");
                    if (mine.Any(r => Modes.IsActive(r.Mode)))
                        return new(["wrong-mode"], $"The {name} is {Ways(mine)}; no hand presses it.", null, null, "R41");
                    return Missing(structure, name);
                case ClaimVerb.Drains:
                    return Lymph(text);
                default:
                    return Trained(text, structure, name, mine, verb, kind);
            }
        }

        private Finding Trained(string text, string structure, string name, List<WorkedRow> mine, ClaimVerb verb, string kind)
        {
            var active = mine.Where(r => Modes.IsActive(r.Mode)).OrderBy(r => Strengths.Rank(r.Strength)).ToList();
            if (structure is "skin" or "superficial-lymph" && mine.Count > 0)
                return Stands($"The {name} is moved.", "R40");
            if (active.Count > 0)
            {
                var best = active[0];
                if (best.Strength == "primary" || (best.Strength == "secondary" && Helps().IsMatch(text)))
                    return Stands($"The {name} is {Ways(active)} ({best.Strength}).", "R121", verb == ClaimVerb.Strengthens ? "C" : null);
                return new(
                    ["partly-right"],
                    $"The {name} is {Ways(active)}, but only as {(best.Strength == "secondary" ? "a helper" : "overflow in some people")}.",
                    $"Say: {MainWork()}; the {name} helps.",
                    null,
                    "R121"
                );
            }
            var tableQuiet = mine.Any(r => r.Mode == "inhibited" && r.Why.Any(w => w.Rule is "R10" or "R32"));
            if (tableQuiet || Opposes(structure, text))
                return new(
                    ["antagonist-confused"],
                    $"The {name} does the opposite: it {Does(structure)}. Here it is kept quiet.",
                    Correction(name, structure),
                    "X",
                    "R121"
                );
            if (
                mine.Any(r => r.Mode is "kneaded" or "compressed" or "stretched" or "skin-lymph")
                || (verb == ClaimVerb.Strengthens && HandsOnly && Under(structure))
            )
                return new(
                    verb == ClaimVerb.Strengthens || kind == "mode" ? ["wrong-mode", "unsupported-effect"] : ["wrong-mode"],
                    $"The {name} is {(mine.Count > 0 ? Ways(mine) : "under the hand")}: nothing in it contracts, so nothing trains it.",
                    $"Say: {(mine.Count > 0 ? Ways(mine) : "touched")}, not trained.",
                    "X",
                    "R122"
                );
            return Missing(structure, name);
        }

        /// <summary>A structure that has no row: out of reach where it lies under the hand, another structure otherwise.</summary>
        private Finding Missing(string structure, string name)
        {
            var deepest = derivation.Steps.SelectMany(s => s.Completed.AllHands).Max(h => h.Pressure) ?? 0;
            var reached = atlas.Muscles.TryGetValue(structure, out var known) && known.MinPressureToReach <= deepest;
            if (Under(structure) && !reached)
            {
                var level = atlas.Muscles.TryGetValue(structure, out var m) ? m.MinPressureToReach : 9;
                return new(
                    ["wrong-extent"],
                    level >= 9
                        ? $"The {name} cannot be reached from outside."
                        : $"The {name} is reached from pressure {level} ({StepWords.Feel(level)}); the hand stays above it.",
                    $"Say: {MainWork()}.",
                    "X",
                    "R40"
                );
            }
            if (atlas.Muscles.TryGetValue(structure, out var deep) && deep.MinPressureToReach >= 9 && HandsOnly)
                return new(["wrong-extent"], $"The {name} cannot be reached by a hand from outside.", $"Say: {MainWork()}.", "X", "R40");
            return new(
                ["wrong-structure"],
                $"{Capital(MainWork())}; the {name} was named. It {Does(structure)}.",
                Correction(name, structure),
                "X",
                "R121"
            );
        }

        private bool Under(string structure) =>
            derivation.Map.ZonesTouched.Any(z =>
                atlas.Zones.TryGetValue(z, out var zone)
                && (zone.MusclesSuperficialToDeep.Contains(structure) || zone.MusclesBelowNotReached?.Contains(structure) == true)
            );

        /// <summary>The claim says a lift or an opening, and this muscle pulls the other way.</summary>
        private bool Opposes(string structure, string text) =>
            ClaimWords.Verb(null, text) is ClaimVerb.Lifts
            && atlas.Muscles.TryGetValue(structure, out var m)
            && m.Actions.Any(a => Downward().IsMatch(a.Verb))
            && !m.Actions.Any(a => Upward().IsMatch(a.Verb));

        // Action claims: "the corrugator lifts the brow", "tight closing lifts the brow".

        private Finding Action(string text, IReadOnlyList<string> structures, ClaimVerb verb)
        {
            var up = verb != ClaimVerb.Lowers;
            if (structures.Count > 0)
            {
                var findings = structures.Where(atlas.Muscles.ContainsKey).Select(s => PullOf(s, up, text)).ToList();
                return findings.FirstOrDefault(f => f.Verdicts[0] == "supported") ?? findings.FirstOrDefault() ?? Effect(text);
            }
            var part = Parts.FirstOrDefault(p => Mentions(text, p.Word) || Mentions(text, $"eye{p.Word}"));
            if (part.Word is null)
                return Effect(text);
            var active = Rows.Where(r => Modes.IsActive(r.Mode) && r.Strength != "incidental")
                .Select(r => r.Structure)
                .ToHashSet(StringComparer.Ordinal);
            var (right, wrong) = up ? (part.Lifters, part.Lowerers) : (part.Lowerers, part.Lifters);
            if (right.Any(active.Contains))
                return Stands($"The {Names(right.Where(active.Contains))} {(up ? "lifts" : "lowers")} the {part.Word} here.", "R121");
            if (wrong.Any(active.Contains))
                return new(
                    ["wrong-direction"],
                    $"What works here, the {Names(wrong.Where(active.Contains))}, pulls the {part.Word} the other way.",
                    $"The {part.Word} is {(up ? "lifted" : "lowered")} by the {Names(right)}.",
                    "X",
                    "R121"
                );
            if (active.Count == 0)
                return new(
                    ["unsupported-effect"],
                    "Hands move skin while they are there; nothing here contracts.",
                    $"The {part.Word} is {(up ? "lifted" : "lowered")} by the {Names(right)}.",
                    "X",
                    "R123"
                );
            return new(
                ["wrong-structure"],
                $"{Capital(MainWork())}; that does not {(up ? "lift" : "lower")} the {part.Word}.",
                $"The {part.Word} is {(up ? "lifted" : "lowered")} by the {Names(right)}.",
                "X",
                "R121"
            );
        }

        private Finding PullOf(string structure, bool up, string text)
        {
            var m = atlas.Muscles[structure];
            var name = m.PlainName;
            var with = m.Actions.Any(a => up ? Upward().IsMatch(a.Verb) : Downward().IsMatch(a.Verb));
            var against = m.Actions.Any(a => up ? Downward().IsMatch(a.Verb) : Upward().IsMatch(a.Verb));
            if (!with)
                return against || m.Actions.Any(a => a.Verb.Contains("close", StringComparison.Ordinal))
                    ? new(
                        ["antagonist-confused"],
                        $"The {name} {Does(structure)}: the other way.",
                        Correction(name, structure),
                        "X",
                        "R121"
                    )
                    : new(
                        ["wrong-direction"],
                        $"The {name} {Does(structure)}; it pulls another way.",
                        Correction(name, structure),
                        "X",
                        "R121"
                    );
            // It can; whether it does so here is the map's answer.
            return OneStructure(text, structure, ClaimVerb.Trains, "action");
        }

        /// <summary>Parts of the face with what lifts and what lowers them (Gray 1918, from memory).</summary>
        private static readonly (string Word, string[] Lifters, string[] Lowerers)[] Parts =
        [
            ("brow", ["frontalis"], ["corrugator-supercilii", "procerus", "depressor-supercilii", "orbicularis-oculi-orbital"]),
            ("forehead", ["frontalis"], ["corrugator-supercilii", "procerus"]),
            ("upper lid", ["levator-palpebrae"], ["orbicularis-oculi-palpebral", "orbicularis-oculi-orbital"]),
            ("lid", ["levator-palpebrae"], ["orbicularis-oculi-palpebral", "orbicularis-oculi-orbital"]),
            ("corner", ["zygomaticus-major", "levator-anguli-oris", "zygomaticus-minor"], ["depressor-anguli-oris", "platysma"]),
            (
                "cheek",
                ["zygomaticus-major", "zygomaticus-minor", "levator-labii-superioris", "orbicularis-oculi-orbital"],
                ["depressor-anguli-oris", "platysma"]
            ),
            ("upper lip", ["levator-labii-superioris", "levator-labii-alaeque-nasi", "zygomaticus-minor"], ["orbicularis-oris"]),
            (
                "jaw",
                ["masseter-superficial", "masseter-deep", "temporalis", "medial-pterygoid"],
                ["lateral-pterygoid", "digastric-anterior", "mylohyoid"]
            ),
            ("chin", ["mentalis"], []),
        ];

        // Lymph claims (R60–R64).

        private Finding Lymph(string text)
        {
            if (Armpit().IsMatch(text))
                return new(
                    ["wrong-direction"],
                    "The face drains to the nodes at ear, jaw and chin, then down the neck; not to the armpit.",
                    "Say: the skin of the chest drains to the armpit; the face down the neck.",
                    "X",
                    "R63"
                );
            var glides = derivation
                .Steps.SelectMany(s => s.Completed.AllHands)
                .Where(h => h.Verb is not null && h.Role is null or "work")
                .ToList();
            if (glides.Count == 0 || !Rows.Any(r => r.Structure == "superficial-lymph"))
                return new(["wrong-mode"], "No hand moves the skin here; fluid is not moved by it.", null, "X", "R60");
            if (glides.All(h => (h.Pressure ?? 2) > model.Rules.LymphLevels.Max()))
                return new(
                    ["wrong-mode"],
                    "At this pressure the muscle is kneaded; drainage is light, at pressure 1 or 2.",
                    "Say: kneads; or lighten to pressure 1 to 2.",
                    "X",
                    "R60"
                );
            if (Toxins().IsMatch(text))
                return Effect(text);
            var flow = FlowOf(text);
            if (flow.FirstOrDefault(f => f.Verdict == "against") is { } against)
                return new(
                    ["wrong-direction"],
                    $"Over the {against.ZoneName} the stroke runs against the flow ({against.AngleDegrees:0}°).",
                    "Turn the stroke towards its nodes, or call it a comfort stroke.",
                    "X",
                    "R61"
                );
            if (flow.Any(f => f.Verdict == "with"))
                return Stands("The strokes run with the flow, lightly: surface fluid moves for a while.", "R61", "C");
            if (flow.Count > 0)
                return new(
                    ["partly-right"],
                    "The strokes run across the flow.",
                    "Say: moves skin; for drainage turn the stroke towards its nodes.",
                    "C",
                    "R61"
                );
            return glides.Any(h => h.Verb == "lymph-pump")
                ? Stands("Light pumping at a node group moves surface fluid.", "R60", "C")
                : new(
                    ["partly-right"],
                    "No direction is told, so no drainage can be claimed.",
                    "Say where the stroke begins and ends.",
                    "C",
                    "R61"
                );
        }

        /// <summary>
        /// The flow that a claim speaks of: of the part it names where the strokes cross one, and always of the neck. Reaching the nodes
        /// is no stroke against them (R63).
        /// </summary>
        private List<FlowVerdict> FlowOf(string text)
        {
            var named = FluidParts
                .Where(p => Mentions(text, p.Word))
                .SelectMany(p => atlas.Regions[p.Region].Zones)
                .ToHashSet(StringComparer.Ordinal);
            var neck = atlas.Regions["neck"].Zones;
            var all = derivation.Map.Flow.Where(f => !(f.Verdict == "against" && Arrives(f))).ToList();
            var part = all.Where(f => named.Contains(f.Zone) || (named.Count > 0 && neck.Contains(f.Zone))).ToList();
            return part.Count > 0 ? part : all;
        }

        /// <summary>Whether a text says a word, or one that begins with it ("cheeks", "under-eye").</summary>
        private static bool Mentions(string text, string word)
        {
            for (
                var at = text.IndexOf(word, StringComparison.OrdinalIgnoreCase);
                at >= 0;
                at = text.IndexOf(word, at + 1, StringComparison.OrdinalIgnoreCase)
            )
                if (at == 0 || !char.IsLetter(text[at - 1]) || text[..at].EndsWith("under", StringComparison.OrdinalIgnoreCase))
                    return true;
            return false;
        }

        /// <summary>The stroke ends over the nodes that the skin it came from drains to.</summary>
        private bool Arrives(FlowVerdict flow)
        {
            var nodes = atlas
                .Document.Lymph.Where(g =>
                    flow.DrainsTo.Contains(g.Id)
                    && StrokePath.Nearest(new(Math.Abs(g.Frontal[0]), g.Frontal[1]), g.Surface, atlas).Contains(flow.Zone)
                )
                .Select(g => g.Id)
                .ToList();
            return nodes.Count > 0
                && derivation.Map.Flow.Any(f => f.Zone != flow.Zone && f.Verdict == "with" && f.DrainsTo.Any(nodes.Contains));
        }

        private static readonly (string Word, string Region)[] FluidParts =
        [
            ("forehead", "forehead-brows"),
            ("brow", "forehead-brows"),
            ("eye", "eyes"),
            ("lid", "eyes"),
            ("bag", "eyes"),
            ("temple", "temples-scalp-ears"),
            ("nose", "nose"),
            ("cheek", "cheeks"),
            ("mouth", "mouth-chin"),
            ("lip", "mouth-chin"),
            ("chin", "mouth-chin"),
            ("jaw", "jaw"),
            ("neck", "neck"),
            ("chest", "shoulders-chest"),
        ];

        // Effect claims (R123): the table of effects, by the words they are said in.

        private Finding Effect(string text)
        {
            // Strength out of hands, rollers or taps is the wrong kind of work first, and an effect nobody saw second (R122).
            if (
                HandsOnly
                && ClaimWords.Verb(null, text) == ClaimVerb.Strengthens
                && EffectWords.FirstOrDefault(e => e.Words.IsMatch(text)).Id is (null or "ef-massage-tone" or "ef-muscle-size")
                && derivation.Steps.Any(s => s.Completed.AllHands.Any(h => h.Verb is not null))
            )
                return new(
                    ["wrong-mode", "unsupported-effect"],
                    "Hands and tools press, knead and move skin: nothing contracts here, so nothing grows stronger.",
                    Instead("ef-massage-tone"),
                    "X",
                    "R122"
                );
            foreach (var (id, words) in EffectWords)
            {
                if (!words.IsMatch(text))
                    continue;
                // Toning is said of hands in vain; of a contraction it is the little growth that was seen.
                var effect = model.Document.Effects.Single(e =>
                    e.Id
                    == (
                        id == "ef-massage-tone"
                        && !LiftsFace().IsMatch(text)
                        && Rows.Any(r => Modes.IsActive(r.Mode) && r.Strength != "incidental")
                            ? "ef-muscle-size"
                            : id
                    )
                );
                var fits = effect.Modes.Any(m => Rows.Any(r => r.Mode == m && r.Strength != "incidental"));
                if (effect.Verdict != "supported")
                    return new([effect.Verdict], $"{Capital(effect.PlainWords)}.", Instead(effect.Id), effect.Grade, "R123");
                if (!fits)
                    return new(
                        ["unsupported-effect"],
                        $"Said of {string.Join(", ", effect.Modes.Take(3).Select(Modes.Plain))}; nothing here works like that.",
                        Instead(effect.Id),
                        effect.Grade,
                        "R123"
                    );
                if (Exaggerates().IsMatch(text))
                    return new(
                        ["overstated-effect"],
                        $"{Capital(effect.PlainWords)}. The claim goes further.",
                        $"Say: {effect.Statement}.",
                        effect.Grade,
                        "R123"
                    );
                return Stands($"{Capital(effect.PlainWords)}.", "R123", effect.Grade);
            }
            return new(
                ["unsupported-effect"],
                "No evidence for this is known to the house.",
                "Say what the technique works, and how it may feel.",
                "D",
                "R123"
            );
        }

        private string Instead(string effect) =>
            effect switch
            {
                "ef-wrinkles" => "Say: may soften how often the skin folds; lines are not removed.",
                "ef-lids" => "Say: practises opening the eyes without the forehead. A new droop needs a doctor the same day.",
                "ef-massage-tone" => "Say: relaxes, warms; it does not strengthen.",
                "ef-collagen" => "Say: warms the skin for a while.",
                "ef-toxins" => "Say: moves surface fluid.",
                "ef-bone" => "Say: feels lighter; bone and cartilage keep their shape.",
                "ef-glasses" => "Say: may rest tired eyes; it does not change the need for glasses.",
                "ef-guasha-red" => "Say: redness is more blood in the skin, or small vessels leaking; it is not a goal.",
                "ef-point-organ" => "Say: a traditional point; label it as tradition.",
                _ => $"Say: {model.Document.Effects.Single(e => e.Id == effect).Statement}.",
            };

        // Cause claims: which sign comes from what.

        private Finding Cause(string text, IReadOnlyList<string> structures)
        {
            if (Weak().IsMatch(text))
                return new(
                    ["wrong-cause"],
                    "Weak muscle is not what makes this sign: skin, fat, ligament, bone and the habit of folding make most of it.",
                    "Say what the technique works, without a cause.",
                    "X",
                    "R121"
                );
            if (structures.Count == 0)
                return new(
                    ["wrong-cause"],
                    "No cause like this is known to the house.",
                    "Say what the technique works, without a cause.",
                    "D",
                    "R121"
                );
            var sign = Signs.FirstOrDefault(s => s.Words.IsMatch(text));
            if (sign.By is null)
                return new(["wrong-cause"], "The house knows no such sign of this muscle.", null, "D", "R121");
            return structures.Any(sign.By.Contains)
                ? Stands($"This sign lies across the fibres of the {Names(structures.Where(sign.By.Contains))}.", "R121")
                : new(
                    ["wrong-cause"],
                    $"This sign comes from the {Names(sign.By)}, not from the {Names(structures.Take(1))}.",
                    $"Say: the {Names(sign.By)} folds it.",
                    "X",
                    "R121"
                );
        }

        /// <summary>Signs and the muscles whose fibres they lie across (Gray 1918 and standard anatomy, from memory).</summary>
        private static readonly (Regex Words, string[] By)[] Signs =
        [
            (NoseRootLine(), ["procerus"]),
            (FrownLines(), ["corrugator-supercilii", "depressor-supercilii"]),
            (ForeheadLines(), ["frontalis"]),
            (CrowsFeet(), ["orbicularis-oculi-orbital", "orbicularis-oculi-palpebral"]),
            (LipLines(), ["orbicularis-oris"]),
            (MouthSideFold(), ["zygomaticus-major", "zygomaticus-minor", "levator-labii-superioris", "levator-labii-alaeque-nasi"]),
            (CornersDown(), ["depressor-anguli-oris", "platysma"]),
            (NeckBands(), ["platysma"]),
            (ChinDimples(), ["mentalis"]),
            (WideJaw(), ["masseter-superficial", "masseter-deep"]),
            (BunnyLines(), ["nasalis-transverse", "levator-labii-alaeque-nasi"]),
        ];

        // Place claims.

        private Finding Place(string text, IReadOnlyList<string> structures)
        {
            var zone = ClaimWords.Zone(text, atlas);
            var code =
                PointCode().Match(text) is { Success: true } hit
                && atlas.Points.ContainsKey(hit.Value.Replace(" ", "", StringComparison.Ordinal).ToUpperInvariant())
                    ? hit.Value.Replace(" ", "", StringComparison.Ordinal).ToUpperInvariant()
                    : null;
            if (code is not null)
            {
                var point = atlas.Points[code];
                var near =
                    zone is not null
                    && point.Frontal is { } at
                    && StrokePath.Nearest(new(Math.Abs(at[0]), at[1]), point.Surface, atlas).Contains(zone);
                return near
                    ? Stands($"{code} lies {point.LocationParaphrase}.", "R2")
                    : new(["wrong-location"], $"{code} lies {point.LocationParaphrase}.", $"Say: {point.LocationParaphrase}.", "X", "R2");
            }
            if (structures.Count == 0 || zone is null)
                return new(["wrong-location"], "The place or the structure could not be found in the atlas.", null, "D", "R2");
            var z = atlas.Zones[zone];
            var here = structures.Any(s =>
                z.MusclesSuperficialToDeep.Contains(s) || z.MusclesBelowNotReached?.Contains(s) == true || z.Movers?.Contains(s) == true
            );
            var places = atlas.Document.Zones.Where(o => structures.Any(o.MusclesSuperficialToDeep.Contains)).Select(o => o.Name).Take(3);
            return here
                ? Stands($"The {Names(structures.Take(1))} lies there.", "R2")
                : new(
                    ["wrong-location"],
                    $"The {Names(structures.Take(1))} does not lie at the {z.Name}.",
                    $"It lies at: {string.Join(", ", places)}.",
                    "X",
                    "R2"
                );
        }

        // Evidence claims (R124): the study card of the one small trial, and what it did not test.

        private static Finding Evidence(string text)
        {
            const string Card =
                "One small trial (2018): no control group, 27 women aged 40 to 65 began and 16 finished; 30 minutes daily for 8 weeks, then every other day to week 20; raters saw fuller upper and lower cheeks, and a rated age of 50.8 falling to 48.1. It tested a course, not one exercise; no massage, no eye drill, no men.";
            var wrong = Misquotes.Where(m => m.Words.IsMatch(text)).Select(m => m.Says).ToList();
            foreach (Match m in Women().Matches(text))
                if (int.TryParse(m.Groups["n"].Value, CultureInfo.InvariantCulture, out var n) && n is not (16 or 27))
                    wrong.Add("27 women began and 16 finished");
            foreach (Match m in Years().Matches(text))
                if (double.TryParse(m.Groups["n"].Value, CultureInfo.InvariantCulture, out var years) && years > 3)
                    wrong.Add("the rated age fell by 2.7 years, without a control group");
            if (wrong.Count > 0)
                return new(
                    ["misquoted-evidence"],
                    $"The study did not show this: {string.Join("; ", wrong.Distinct())}. {Card}",
                    "Say: one small trial without a control group saw slightly fuller cheeks after a long course.",
                    "C",
                    "R124",
                    "S-ALAM2018 from memory"
                );
            return Cheeks().IsMatch(text)
                ? new(["supported"], Card, null, "C", "R124", "S-ALAM2018 from memory")
                : new(
                    ["misquoted-evidence"],
                    $"The study did not show this. {Card}",
                    "Say: one small trial without a control group saw slightly fuller cheeks after a long course.",
                    "C",
                    "R124",
                    "S-ALAM2018 from memory"
                );
        }

        private static readonly (Regex Words, string Says)[] Misquotes =
        [
            (Controlled(), "it had no control group"),
            (Proved(), "one small trial proves nothing"),
            (OtherWork(), "massage, tools, eyes, jaw and neck were not tested"),
            (WrinkleWords(), "lines did not differ clearly"),
            (Men(), "no men took part"),
            (DailyThroughout(), "it was daily for 8 weeks, then every other day"),
            (Soon(), "results were rated at weeks 8 and 20"),
            (OneExercise(), "a course of 32 exercises was tested, not one"),
        ];

        private static readonly (string Id, Regex Words)[] EffectWords =
        [
            ("ef-guasha-red", GuashaRed()),
            ("ef-toxins", Toxins()),
            ("ef-point-organ", Organs()),
            ("ef-convergence", Convergence()),
            ("ef-glasses", Glasses()),
            ("ef-lids", Lids()),
            ("ef-collagen", Collagen()),
            ("ef-frown-habit", FrownHabit()),
            ("ef-bone", Bone()),
            ("ef-wrinkles", WrinkleWords()),
            ("ef-puffiness", Puffy()),
            ("ef-cheek-fullness", Cheeks()),
            ("ef-eye-rest", EyeRest()),
            ("ef-jaw-rest", JawRest()),
            ("ef-massage-tone", ToneWords()),
            ("ef-muscle-size", MuscleSize()),
            ("ef-blood-flow", BloodFlow()),
            ("ef-relax", RelaxWords()),
        ];

        // Words.

        private string MainWork()
        {
            var main = Rows.Where(r => r.Strength == "primary" && r.Structure != "superficial-lymph")
                .Take(2)
                .Select(r => $"the {r.Name} is {Way(r.Mode)}")
                .ToList();
            return main.Count == 0 ? "nothing is worked yet" : string.Join(" and ", main);
        }

        private string Correction(string name, string structure) => $"{Capital(MainWork())}. The {name} {Does(structure)}.";

        private string Does(string structure) =>
            atlas.Muscles.TryGetValue(structure, out var m) && m.Actions.Length > 0
                ? "acts like this ("
                    + string.Join(
                        ", ",
                        m.Actions.Take(2)
                            .Select(a =>
                                atlas.Document.ControlledLists.Actions.TryGetValue(a.Verb, out var action)
                                    ? action.Meaning
                                    : a.Verb.Replace('-', ' ')
                            )
                    )
                    + ")"
                : "has no action of its own";

        private string Names(IEnumerable<string> structures) => string.Join(" and ", structures.Take(2).Select(atlas.PlainName));

        private static string Ways(IEnumerable<WorkedRow> rows) => string.Join(" and ", rows.Select(r => Way(r.Mode)).Distinct());

        private static string Way(string mode) =>
            mode switch
            {
                "concentric" => "tightened",
                "isometric" => "held against",
                "eccentric" => "let out slowly",
                "skin-lymph" => "moved at skin depth only",
                _ => Modes.Plain(mode),
            };

        private static string Capital(string s) => s.Length == 0 ? s : char.ToUpperInvariant(s[0]) + s[1..];
    }
}
