using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Claims;

/// <summary>Claims of effects, causes, places and evidence, and what may be said instead.</summary>
public static partial class ClaimReview
{
    private sealed partial class Desk
    {
        private Finding Effect(string text)
        {
            // Strength out of hands, rollers or taps is the wrong kind of work first, and an effect nobody saw second (R122).
            if (
                HandsOnly
                && !Untold
                && ClaimWords.Verb(null, text) == ClaimVerb.Strengthens
                && EffectWords.FirstOrDefault(e => e.Words.IsMatch(text)).Id is (null or "ef-massage-tone" or "ef-muscle-size")
                && steps.Any(s => s.Completed.AllHands.Any(h => h.Verb is not null))
            )
                return new(
                    [ClaimFinding.WrongMode, ClaimFinding.UnsupportedEffect],
                    "Hands and tools press, knead and move skin: nothing contracts here, so nothing grows stronger.",
                    "Say: relaxes, warms; it does not strengthen.",
                    "X",
                    "R122"
                );
            if (EffectWords.All(e => !e.Words.IsMatch(text)) && MovesSkin().IsMatch(text) && Rows.Any(r => r.Structure == "skin"))
                return Stands("The hand moves the skin.", "R40");
            if (EffectWords.FirstOrDefault(e => e.Words.IsMatch(text)).Id is { } id)
                return Known(id, text);
            if (IsMassage().IsMatch(text) && !Untold)
                return ByHands(true);
            if (Contracts().IsMatch(text))
                return Untold ? WhatIsDone() : ByHands(false);
            return Moves(text) ?? AtPlace(text) ?? NoEvidence();
        }

        /// <summary>Whether hands do it all, as is said, or something contracts.</summary>
        private Finding ByHands(bool said)
        {
            var done = HandsOnly ? "Hands and tools do the work here; nothing contracts." : $"{Sentences.Capital(MainWork())}.";
            return HandsOnly == said
                ? Stands(done, said ? "R40" : "R122")
                : new([ClaimFinding.WrongMode], done, $"Say: {MainWork()}.", said ? null : "X", "R122");
        }

        private Finding NoEvidence() =>
            new(
                [ClaimFinding.UnsupportedEffect],
                "We know of no evidence for this.",
                Rows.Count == 0 ? "Say what it works, and how it may feel." : $"Say what it works and how it may feel: {MainWork()}.",
                "D",
                "R123"
            );

        /// <summary>An effect of the table, held against the work of this technique.</summary>
        private Finding Known(string id, string text)
        {
            // Toning is said of hands in vain; of a contraction it is the little growth that was seen. No work lifts the whole face.
            var effect = (LiftsFace().IsMatch(text) ? null : model.Document.Effects.FirstOrDefault(e => e.AlsoCalled == id && ComesFrom(e)))
                ?? model.Document.Effects.Single(e => e.Id == id);
            var plain = Sentences.Capital(effect.PlainWords);
            var instead = effect.Instead ?? $"Say: {effect.Statement}.";
            if (effect.Grade == "D" && id != Harmless && Custom().IsMatch(text))
                return Stands($"It is told as the custom that it is. {plain}.", "R123", "D");
            var fits = effect.Modes.Length == 0 || ComesFrom(effect);
            if (effect.Verdict != ClaimFinding.Supported)
                return new(
                    [fits || effect.Grade == "D" ? effect.Verdict : ClaimFinding.UnsupportedEffect],
                    $"{plain}.",
                    instead,
                    effect.Grade,
                    "R123"
                );
            if (!fits && Untold)
                return WhatIsDone() with
                {
                    Because = $"{plain}. Nothing says whether this technique works like that.",
                    Grade = effect.Grade,
                };
            if (!fits)
                return new(
                    [ClaimFinding.UnsupportedEffect],
                    effect.Structures is { } known
                        ? $"This is known of work of the {Names(known)}; nothing here works like that."
                        : $"This is known of muscles that are {string.Join(", ", effect.Modes.Take(3).Select(m => m.Done()))}; "
                            + "nothing here works like that.",
                    instead,
                    effect.Grade,
                    "R123"
                );
            if (OfPlaces.Contains(effect.Id) && Elsewhere(text, effect.Modes) is { } place)
                return new(
                    [ClaimFinding.UnsupportedEffect],
                    $"{plain}. Nothing here works like that at the {place}.",
                    $"Say where it works: {MainWork()}.",
                    effect.Grade,
                    "R123"
                );
            return Exaggerates().IsMatch(text)
                ? new([ClaimFinding.OverstatedEffect], $"{plain}. The claim goes further.", instead, effect.Grade, "R123")
                : Stands($"{plain}.", "R123", effect.Grade);
        }

        /// <summary>Whether something here works in the way of which an effect is known.</summary>
        private bool ComesFrom(Effect effect) =>
            Rows.Any(r =>
                effect.Modes.Contains(r.Mode)
                && (effect.AsMainWork ? r.Strength == Strength.Primary : r.Strength != Strength.Incidental)
                && effect.Structures?.Contains(r.Structure) != false
            );

        /// <summary>Effects that are another way of saying how a muscle is worked.</summary>
        private static readonly HashSet<string> SayMode = new(StringComparer.Ordinal)
        {
            "ef-massage-tone",
            "ef-relax",
            "ef-jaw-rest",
            "ef-muscle-size",
            "ef-eye-rest",
            "ef-frown-habit",
            "ef-blood-flow",
            "ef-breath-calm",
        };

        /// <summary>Effects that come about where the work is done, and nowhere else.</summary>
        private static readonly HashSet<string> OfPlaces = new(StringComparer.Ordinal)
        {
            "ef-muscle-size",
            "ef-relax",
            "ef-blood-flow",
            "ef-puffiness",
        };

        public static bool SpeaksOfEffect(string text) => EffectWords.Any(e => e.Words.IsMatch(text));

        /// <summary>An effect beyond the work itself that a text promises; null where it promises none.</summary>
        public static string? PromisedEffect(string text) =>
            EffectWords.FirstOrDefault(e => !SayMode.Contains(e.Id) && (e.Id == "ef-lids" ? HangingLids() : e.Words).IsMatch(text)).Id;

        // Cause claims: which sign comes from what.

        private Finding Cause(string text, IReadOnlyList<string> structures)
        {
            if (Weak().IsMatch(text))
                return new(
                    [ClaimFinding.WrongCause],
                    "Weak muscle is not what makes this sign: skin, fat, ligament, bone and the habit of folding make most of it.",
                    "Say what the technique works, without a cause.",
                    "X",
                    "R121"
                );
            if (structures.Count == 0)
                return new(
                    [ClaimFinding.WrongCause],
                    "We know of no such cause.",
                    "Say what the technique works, without a cause.",
                    "D",
                    "R121"
                );
            var sign = Signs.FirstOrDefault(s => s.Words.IsMatch(text));
            if (sign.By is null)
                return new([ClaimFinding.WrongCause], "We know of no such sign of this muscle.", null, "D", "R121");
            return structures.Any(sign.By.Contains)
                ? Stands($"This sign lies across the fibres of the {Names(structures.Where(sign.By.Contains))}.", "R121")
                : new(
                    [ClaimFinding.WrongCause],
                    $"This sign comes from the {Names(sign.By)}, not from the {Names(structures.Take(1))}.",
                    $"Say: the {string.Join(" and ", sign.By.Take(2).Select(atlas.CommonName))} folds it.",
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

        private static readonly (string Id, Regex Words)[] EffectWords =
        [
            ("ef-guasha-red", GuashaRed()),
            ("ef-toxins", Toxins()),
            ("ef-nerve", Nerves()),
            ("ef-hair", Hair()),
            ("ef-sinus", SinusWords()),
            ("ef-body", BodyWords()),
            ("ef-fascia", FasciaWords()),
            ("ef-point-organ", Organs()),
            ("ef-convergence", Convergence()),
            ("ef-glasses", Glasses()),
            ("ef-lids", Lids()),
            ("ef-collagen", Collagen()),
            ("ef-symmetry", Symmetry()),
            ("ef-fat", Fat()),
            ("ef-skin-clear", SkinClear()),
            ("ef-posture", PostureWords()),
            ("ef-lips", FullLips()),
            ("ef-shrink", Shrinks()),
            ("ef-frown-habit", FrownHabit()),
            ("ef-bone", Bone()),
            ("ef-wrinkles", WrinkleWords()),
            ("ef-puffiness", Puffy()),
            ("ef-cheek-fullness", Cheeks()),
            ("ef-younger", Younger()),
            ("ef-contour", Contour()),
            ("ef-breath-calm", CalmBreath()),
            ("ef-sleep", SleepWords()),
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
            var main = Rows.Where(r => r.Strength == Strength.Primary && r.Structure != "superficial-lymph")
                .Take(2)
                .Select(r => $"the {atlas.CommonName(r.Structure)} is {r.Mode.Done()}")
                .ToList();
            return main.Count == 0 ? "nothing is worked yet" : string.Join(" and ", main);
        }

        private string Correction(string name, string structure) =>
            Rows.Count == 0 ? $"The {name} {Does(structure)}." : $"{Sentences.Capital(MainWork())}. The {name} {Does(structure)}.";

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

        private string Names(IEnumerable<string> structures) => string.Join(" and ", structures.Take(2).Select(atlas.BothNames));

        private static string Ways(IEnumerable<WorkedRow> rows) => string.Join(" and ", rows.Select(r => r.Mode.Done()).Distinct());
    }
}
