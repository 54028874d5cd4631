using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Claims;

/// <summary>Claims of what a structure pulls: up, down, against another.</summary>
public static partial class ClaimReview
{
    private sealed partial class Desk
    {
        private Finding Action(string text, IReadOnlyList<string> structures, ClaimVerb verb)
        {
            var up = verb != ClaimVerb.Lowers;
            if (structures.Count > 0)
            {
                var findings = structures.Where(atlas.Muscles.ContainsKey).Select(s => PullOf(s, up, text)).ToList();
                return findings.FirstOrDefault(f => f.Verdicts[0] == ClaimFinding.Supported) ?? findings.FirstOrDefault() ?? Effect(text);
            }
            var part = Parts.FirstOrDefault(p => Mentions(text, p.Word) || Mentions(text, $"eye{p.Word}"));
            if (part.Word is null)
                return Effect(text);
            if (Untold)
                return WhatIsDone();
            var active = Rows.Where(r => r.Mode.IsActive() && r.Strength != Strength.Incidental)
                .Select(r => r.Structure)
                .ToHashSet(StringComparer.Ordinal);
            var (right, wrong) = up ? (part.Lifters, part.Lowerers) : (part.Lowerers, part.Lifters);
            if (right.Where(active.Contains).ToList() is { Count: > 0 } by)
                return Stands($"The {Names(by)} {(up ? "lift" : "lower")}{(by.Count > 1 ? "" : "s")} the {part.Word} here.", "R121");
            if (wrong.Any(active.Contains))
                return new(
                    [ClaimFinding.WrongDirection],
                    $"What works here ({Names(wrong.Where(active.Contains))}) pulls the {part.Word} the other way.",
                    $"The {part.Word} is {(up ? "lifted" : "lowered")} by the {Names(right)}.",
                    "X",
                    "R121"
                );
            if (active.Count == 0)
                return new(
                    [ClaimFinding.UnsupportedEffect],
                    "Hands move skin while they are there; nothing here contracts.",
                    $"The {part.Word} is {(up ? "lifted" : "lowered")} by the {Names(right)}.",
                    "X",
                    "R123"
                );
            return new(
                [ClaimFinding.WrongStructure],
                $"{Sentences.Capital(MainWork())}; that does not {(up ? "lift" : "lower")} the {part.Word}.",
                $"The {part.Word} is {(up ? "lifted" : "lowered")} by the {Names(right)}.",
                "X",
                "R121"
            );
        }

        /// <summary>"It pulls the brows together": what certain muscles do; null where the text says nothing of the kind.</summary>
        private Finding? Moves(string text)
        {
            if (ClaimMovers.Doing(text) is not { Count: > 0 } movers)
                return null;
            if (Untold)
                return WhatIsDone();
            var by = Rows.Where(r => movers.Contains(r.Structure) && r.Mode.IsActive() && r.Strength != Strength.Incidental)
                .Select(r => r.Structure)
                .Distinct()
                .ToList();
            return by.Count > 0
                ? Stands($"The {Names(by)} {(by.Count > 1 ? "do" : "does")} that here.", "R121")
                : new(
                    [ClaimFinding.WrongDirection],
                    $"The {Names(movers)} would do that; here {MainWork()}.",
                    $"Say: {MainWork()}.",
                    "X",
                    "R121"
                );
        }

        private Finding PullOf(string structure, bool up, string text)
        {
            var m = atlas.Muscles[structure];
            var name = atlas.BothNames(structure);
            var with = m.Actions.Any(a => up ? Upward().IsMatch(a.Verb) : Downward().IsMatch(a.Verb));
            var against = m.Actions.Any(a => up ? Downward().IsMatch(a.Verb) : Upward().IsMatch(a.Verb));
            if (!with)
                return against || m.Actions.Any(a => a.Verb.Contains("close", StringComparison.Ordinal))
                    ? new(
                        [ClaimFinding.AntagonistConfused],
                        $"The {name} {Does(structure)}: the other way.",
                        Correction(name, structure),
                        "X",
                        "R121"
                    )
                    : new(
                        [ClaimFinding.WrongDirection],
                        $"The {name} {Does(structure)}; it pulls another way.",
                        Correction(name, structure),
                        "X",
                        "R121"
                    );
            if (Untold)
                return WhatIsDone();
            // It can; whether it does so here is the map's answer.
            return OneStructure(text, structure, ClaimVerb.Trains, ClaimKind.Action);
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
    }
}
