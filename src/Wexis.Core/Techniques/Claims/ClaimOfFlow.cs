using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Claims;

/// <summary>Claims of lymph and fluid: which way, from where, to which nodes.</summary>
public static partial class ClaimReview
{
    private sealed partial class Desk
    {
        private Finding Lymph(string text)
        {
            if (Armpit().IsMatch(text))
                return new(
                    [ClaimFinding.WrongDirection],
                    "The face drains to the nodes at ear, jaw and chin, then down the neck; not to the armpit.",
                    "Say: the skin of the chest drains to the armpit; the face down the neck.",
                    "X",
                    "R63"
                );
            if (SinusWords().IsMatch(text))
                return Effect(text);
            if (FromWithin().IsMatch(text))
                return NoEvidence();
            if (Untold)
                return Toxins().IsMatch(text) ? Effect(text) : WhatIsDone();
            var glides = steps.SelectMany(s => s.Completed.AllHands).Where(h => h.Verb is not null && h.Role is null or "work").ToList();
            if (glides.Count == 0 || !Rows.Any(r => r.Structure == "superficial-lymph"))
                return new([ClaimFinding.WrongMode], "No hand moves the skin here; fluid is not moved by it.", null, "X", "R60");
            if (glides.All(h => (h.Pressure ?? 2) > model.Rules.LymphLevels.Max()))
                return new(
                    [ClaimFinding.WrongMode],
                    "At this pressure the muscle is kneaded; drainage is light, at pressure 1 or 2.",
                    "Say: kneads; or lighten to pressure 1 to 2.",
                    "X",
                    "R60"
                );
            var flow = FlowOf(text);
            if (flow.FirstOrDefault(f => f.Verdict == FlowWay.Against) is { } against)
                return Toxic(
                    text,
                    new(
                        [ClaimFinding.WrongDirection],
                        $"{Sentences.Capital(StepWords.Over([against.ZoneName]))} the stroke"
                            + $" runs against the flow ({against.AngleDegrees:0}°).",
                        "Turn the stroke towards its nodes, or call it a comfort stroke.",
                        "X",
                        "R61"
                    )
                );
            if (Toxins().IsMatch(text))
                return Effect(text);
            if (flow.Any(f => f.Verdict == FlowWay.With))
                return Finishes(text)
                    ? Stands("The strokes run with the flow, lightly: surface fluid moves for a while.", "R61", "C")
                    : new(
                        [ClaimFinding.PartlyRight],
                        "The strokes run with the flow and end at their first nodes; what is called drainage ends at the hollow "
                            + "above the collarbone.",
                        "Say to which nodes it leads, or follow with a stroke down the neck to the hollow.",
                        "C",
                        "R62"
                    );
            if (flow.Count > 0)
                return new(
                    [ClaimFinding.PartlyRight],
                    flow.Where(f => f.Rule == FlowRule.Angle).Select(f => (double?)f.AngleDegrees).Min() is { } least
                        ? $"The strokes run across the flow ({least:0}°)."
                        : "Along the jaw the strokes run across the flow.",
                    "Say: moves skin; for drainage turn the stroke towards its nodes.",
                    "C",
                    "R61"
                );
            return glides.Any(h => h.Verb == "lymph-pump")
                ? Stands("Light pumping at a node group moves surface fluid.", "R60", "C")
                : new(
                    [ClaimFinding.PartlyRight],
                    "The step gives no direction, so no drainage can be claimed.",
                    "Say where the stroke begins and ends.",
                    "C",
                    "R61"
                );
        }

        /// <summary>What else is wrong with it where it speaks of toxins.</summary>
        private Finding Toxic(string text, Finding way) =>
            Toxins().IsMatch(text) && Effect(text) is var toxins
                ? way with
                {
                    Verdicts = [.. way.Verdicts, .. toxins.Verdicts],
                    Because = $"{way.Because} {toxins.Because}",
                    Correction = $"{way.Correction} {toxins.Correction}",
                }
                : way;

        /// <summary>
        /// Drainage ends at the hollow above the collarbone (R62); a claim that names the nodes it leads to claims no more than that.
        /// </summary>
        private bool Finishes(string text) =>
            !DrainageWord().IsMatch(text)
            || NamedNodes().IsMatch(text)
            || map.ZonesTouched.Contains("supraclavicular")
            // The skin of the chest has nodes of its own.
            || map.Flow.Where(f => f.Verdict == FlowWay.With).All(f => f.DrainsTo.Contains("ln-axillary"));

        /// <summary>
        /// The flow that a claim speaks of: of the part it names where the strokes cross one, and always of the neck.
        /// </summary>
        private List<FlowVerdict> FlowOf(string text)
        {
            var named = FluidParts
                .Where(p => Mentions(text, p.Word))
                .SelectMany(p => atlas.Regions[p.Region].Zones)
                .ToHashSet(StringComparer.Ordinal);
            var neck = atlas.Regions["neck"].Zones;
            // Along the jaw to the ear is no way against the flow where strokes down the neck follow (R64).
            var follows = map.Flow.Any(f => f.Verdict == FlowWay.With && neck.Contains(f.Zone));
            var all = map
                .Flow.Where(f => !(f.Verdict == FlowWay.Against && follows && atlas.RegionOfZone[f.Zone] is "jaw" or "mouth-chin"))
                .ToList();
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
    }
}
