using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Claims;

/// <summary>Claims of structure and mode: which muscle is worked, and how (R121, R122).</summary>
public static partial class ClaimReview
{
    private sealed partial class Desk
    {
        /// <summary>The muscles that a claim lists; those it only sets apart ("not the frontalis") are not claimed.</summary>
        private IReadOnlyList<ClaimWords.NameSaid> Several(string text) =>
            [.. ClaimWords.Named(text, atlas).Where(n => !SetApart().IsMatch(text[..n.At]) && !SkinOver().IsMatch(text[..n.At]))];

        /// <summary>A claim that lists several muscles stands when each of them does; the first that does not decides.</summary>
        private static Finding Together(IReadOnlyList<Finding> findings) =>
            (findings.FirstOrDefault(f => f.Verdicts[0] != ClaimFinding.Supported) ?? findings[0]) with
            {
                Because = string.Join(" ", findings.Select(f => f.Because).Distinct()),
            };

        private Finding Structure(string text, IReadOnlyList<string> structures, ClaimVerb verb, ClaimKind kind)
        {
            if (Untold)
                return WhatIsDone();
            // A name that covers several parts is judged by the part that stands best.
            var findings = structures.Select(s => OneStructure(text, s, verb, kind)).ToList();
            return findings.FirstOrDefault(f => f.Verdicts[0] == ClaimFinding.Supported)
                ?? findings.FirstOrDefault(f => f.Verdicts[0] == ClaimFinding.PartlyRight)
                ?? findings.FirstOrDefault(f => f.Verdicts[0] is ClaimFinding.WrongMode or ClaimFinding.AntagonistConfused)
                ?? findings[0];
        }

        private Finding OneStructure(string text, string structure, ClaimVerb verb, ClaimKind kind)
        {
            var mine = Rows.Where(r => r.Structure == structure).ToList();
            var name = atlas.BothNames(structure);
            switch (verb)
            {
                case ClaimVerb.Relaxes:
                    if (mine.Any(r => r.Mode is Mode.Inhibited or Mode.Kneaded or Mode.Compressed or Mode.Stretched))
                        return Stands($"The {name} is {Ways(mine.Where(r => !r.Mode.IsActive()))}.", "R121", "C");
                    if (mine.Any(r => r.Mode.IsActive()))
                        return new(
                            [ClaimFinding.WrongMode],
                            $"The {name} is {Ways(mine)} here: that is work, not rest.",
                            $"Say: works the {atlas.CommonName(structure)}.",
                            null,
                            "R121"
                        );
                    return Missing(structure, name);
                case ClaimVerb.Stretches:
                    if (mine.Any(r => r.Mode == Mode.Stretched))
                        return Stands($"The {name} is stretched.", "R44");
                    if (mine.Count > 0)
                        return new(
                            [ClaimFinding.WrongMode],
                            $"The {name} is {Ways(mine)}; its ends are not drawn apart.",
                            $"Say: {Ways(mine)}, not stretched.",
                            null,
                            "R44"
                        );
                    return Missing(structure, name);
                case ClaimVerb.Massages:
                    if (mine.Any(r => r.Mode is Mode.Kneaded or Mode.Compressed or Mode.Stretched))
                        return Stands($"The hand reaches the {name}: {Ways(mine)}.", "R40");
                    if (mine.Any(r => r.Mode.IsActive()))
                        return new([ClaimFinding.WrongMode], $"The {name} is {Ways(mine)}; no hand presses it.", null, null, "R41");
                    return Missing(structure, name);
                case ClaimVerb.Drains:
                    return Lymph(text);
                case ClaimVerb.Other when Meant(text, mine) is { Count: > 0 } meant:
                    return Stands($"The {name} is {Ways(meant)} ({meant.Min(r => r.Strength).Word()}).", "R121");
                default:
                    return Trained(text, structure, name, mine, verb, kind);
            }
        }

        /// <summary>The rows that a sentence means which says of no kind of work ("targets", "is for"): any is meant.</summary>
        private static List<WorkedRow> Meant(string text, List<WorkedRow> mine) =>
            Involves().IsMatch(text) ? [.. mine.Where(r => r.Strength != Strength.Incidental && r.Mode != Mode.Inhibited)]
            : AimsAt().IsMatch(text) ? [.. mine.Where(r => r.Strength == Strength.Primary)]
            : [];

        private Finding Trained(string text, string structure, string name, List<WorkedRow> mine, ClaimVerb verb, ClaimKind kind)
        {
            var active = mine.Where(r => r.Mode.IsActive()).OrderBy(r => r.Strength).ToList();
            if (structure is "skin" or "superficial-lymph" && mine.Count > 0)
                return Stands($"The {name} is moved.", "R40");
            if (active.Count > 0)
            {
                var best = active[0];
                if (best.Strength == Strength.Primary || (best.Strength == Strength.Secondary && Helps().IsMatch(text)))
                    return Stands(
                        $"The {name} is {Ways(active)} ({best.Strength.Word()}).",
                        "R121",
                        verb == ClaimVerb.Strengthens ? "C" : null
                    );
                return new(
                    [ClaimFinding.PartlyRight],
                    $"The {name} is {Ways(active)}, but only as "
                        + $"{(best.Strength == Strength.Secondary ? "a helper" : "overflow in some people")}.",
                    $"Say: {MainWork()}; the {atlas.CommonName(structure)} helps.",
                    null,
                    "R121"
                );
            }
            var tableQuiet = mine.Any(r => r.Mode == Mode.Inhibited && r.Why.Any(w => w.Rule is "R10" or "R32"));
            if (tableQuiet || Opposes(structure, text))
                return new(
                    [ClaimFinding.AntagonistConfused],
                    $"The {name} does the opposite: it {Does(structure)}. Here it stays relaxed.",
                    Correction(name, structure),
                    "X",
                    "R121"
                );
            if (
                mine.Any(r => r.Mode is Mode.Kneaded or Mode.Compressed or Mode.Stretched or Mode.SkinLymph)
                || (verb == ClaimVerb.Strengthens && HandsOnly && Under(structure))
            )
                return new(
                    verb == ClaimVerb.Strengthens || kind == ClaimKind.Mode
                        ? [ClaimFinding.WrongMode, ClaimFinding.UnsupportedEffect]
                        : [ClaimFinding.WrongMode],
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
            var deepest = steps.SelectMany(s => s.Completed.AllHands).Max(h => h.Pressure) ?? 0;
            var reached = atlas.Muscles.TryGetValue(structure, out var known) && known.MinPressureToReach <= deepest;
            if (Under(structure) && !reached)
            {
                var level = atlas.Muscles.TryGetValue(structure, out var m) ? m.MinPressureToReach : 9;
                return new(
                    [ClaimFinding.WrongExtent],
                    level >= 9
                        ? $"The {name} cannot be reached from outside."
                        : $"The {name} is reached from pressure {level} ({StepWords.Feel(level)}); the hand stays above it.",
                    $"Say: {MainWork()}.",
                    "X",
                    "R40"
                );
            }
            if (atlas.Muscles.TryGetValue(structure, out var deep) && deep.MinPressureToReach >= 9 && HandsOnly)
                return new(
                    [ClaimFinding.WrongExtent],
                    $"The {name} cannot be reached by a hand from outside.",
                    $"Say: {MainWork()}.",
                    "X",
                    "R40"
                );
            return new(
                [ClaimFinding.WrongStructure],
                $"{Sentences.Capital(MainWork())}; the {name} was named. It {Does(structure)}.",
                Correction(name, structure),
                "X",
                "R121"
            );
        }

        private bool Under(string structure) =>
            map.ZonesTouched.Any(z =>
                atlas.Zones.TryGetValue(z, out var zone)
                && (zone.MusclesSuperficialToDeep.Contains(structure) || zone.MusclesBelowNotReached?.Contains(structure) == true)
            );

        /// <summary>The claim says a lift or an opening, and this muscle pulls the other way.</summary>
        private bool Opposes(string structure, string text) =>
            ClaimWords.Verb(null, text) is ClaimVerb.Lifts
            && atlas.Muscles.TryGetValue(structure, out var m)
            && m.Actions.Any(a => Downward().IsMatch(a.Verb))
            && !m.Actions.Any(a => Upward().IsMatch(a.Verb));
    }
}
