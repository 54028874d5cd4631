namespace Wexis.Core.Techniques.Documents;

/// <summary>One word of a closed list, and how it is said.</summary>
public sealed record Choice(string Value, string Word);

/// <summary>
/// What may be chosen at the fields of a step and of a claim: the lists of <see cref="TechniqueWords"/> with the words that a person reads.
/// The one place for both; the interface is served from here.
/// </summary>
public static class StepChoices
{
    /// <summary>By field, in the spelling of the exchange.</summary>
    public static IReadOnlyDictionary<string, IReadOnlyList<Choice>> All { get; } =
        new Dictionary<string, IReadOnlyList<Choice>>(StringComparer.Ordinal)
        {
            ["gaze"] = Said(TechniqueWords.Gazes),
            ["lids"] = Said(TechniqueWords.Lids),
            ["jaw"] = Said(TechniqueWords.Jaws),
            ["lips"] = Said(TechniqueWords.Lips),
            ["tongue"] = Said(TechniqueWords.Tongues),
            ["head"] = Said(TechniqueWords.Heads),
            ["shoulders"] = Said(TechniqueWords.Shoulders),
            ["breath"] = Said(
                TechniqueWords.Breaths,
                ("free", "free, through the nose"),
                ("long-out", "long out-breath"),
                ("out-on-effort", "out on effort"),
                ("nasal-slow", "slow, through the nose")
            ),
            ["effort"] = Said(TechniqueWords.Efforts.Where(e => e != "maximal")),
            ["resist"] = Said(
                TechniqueWords.Resists,
                ("none", "nothing"),
                ("finger", "fingers"),
                ("tooth", "teeth"),
                ("partner", "a partner")
            ),
            ["sides"] = Said(
                TechniqueWords.HandSides,
                ("both", "both at once"),
                ("one-then-other", "one, then the other"),
                ("alternating", "in turn"),
                ("left", "left only"),
                ("right", "right only")
            ),
            // As it stands behind "it is there to".
            ["role"] = Said(
                TechniqueWords.Roles.Where(r => r != "tool-option"),
                ("hold", "hold the skin"),
                ("resist", "resist what moves"),
                ("feel", "only feel")
            ),
            ["grip_or_slip"] = Said(TechniqueWords.GripOrSlip, ("grip", "dry, they grip"), ("slip", "oiled, they slip")),
            ["which_hand"] = Said(
                TechniqueWords.WhichHand.Where(h => h != "both"),
                ("left", "performer’s left hand"),
                ("right", "performer’s right hand")
            ),
            ["offset"] =
            [
                new("none", "exactly there"),
                .. Said(
                    TechniqueWords.OffsetDirections,
                    ("up", "above"),
                    ("down", "below"),
                    ("medial", "inwards"),
                    ("lateral", "outwards"),
                    ("back", "behind")
                ),
            ],
            ["axis"] = Said(
                ["in", .. TechniqueWords.OffsetDirections],
                ("in", "straight in, onto the bone"),
                ("up", "towards the crown"),
                ("down", "downwards"),
                ("medial", "towards the midline"),
                ("lateral", "away from the midline"),
                ("back", "backwards")
            ),
            ["claim_kind"] = Said(
                TechniqueWords.ClaimKinds,
                ("structure", "which muscle works"),
                ("mode", "how it works"),
                ("action", "what a muscle does"),
                ("effect", "an effect"),
                ("lymph", "where fluid goes"),
                ("cause", "what causes a sign"),
                ("place", "where something lies"),
                ("evidence", "what a study showed")
            ),
        };

    /// <summary>How a value of a field is said; the value itself where the field has no such word.</summary>
    public static string Word(string field, string value) => All[field].FirstOrDefault(c => c.Value == value)?.Word ?? value;

    private static IReadOnlyList<Choice> Said(IEnumerable<string> list, params (string Value, string Word)[] said)
    {
        var words = said.ToDictionary(s => s.Value, s => s.Word, StringComparer.Ordinal);
        return [.. list.Select(v => new Choice(v, words.GetValueOrDefault(v) ?? v.Replace('-', ' ')))];
    }
}
