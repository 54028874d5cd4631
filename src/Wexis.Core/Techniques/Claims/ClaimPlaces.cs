using Wexis.Core.Anatomy;

namespace Wexis.Core.Techniques.Claims;

/// <summary>Places of the face and the neck as claims name them.</summary>
internal static class ClaimPlaces
{
    /// <summary>The zones that a text names, by the longest of their ids, names and plain words; empty when it names none.</summary>
    public static IReadOnlyList<string> Zones(string text, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(atlas);
        var lower = text.ToLowerInvariant();
        return atlas
            .Document.Zones.SelectMany(z =>
                new[] { z.Name, z.Anatomical ?? z.Name, z.Id.Replace('-', ' '), z.Id }.Select(n =>
                    (Name: n.ToLowerInvariant(), Zones: (string[])[z.Id])
                )
            )
            .Concat(Places)
            .Where(n => ClaimWords.Says(lower, n.Name))
            .OrderByDescending(n => n.Name.Length)
            .Select(n => n.Zones)
            .FirstOrDefault()
            ?? [];
    }

    /// <summary>What places are called besides (common practice).</summary>
    private static readonly (string Name, string[] Zones)[] Places =
    [
        ("forehead", ["forehead-central", "forehead-lateral"]),
        ("brows", ["brow"]),
        ("eyebrow", ["brow"]),
        ("temples", ["temple"]),
        ("nose root", ["nose-bridge", "glabella"]),
        ("root of the nose", ["nose-bridge", "glabella"]),
        ("nose", ["nose-bridge", "nose-wing"]),
        ("nostril", ["nose-wing"]),
        ("wing of the nose", ["nose-wing"]),
        ("under the eye", ["lower-lid", "medial-cheek"]),
        ("under-eye", ["lower-lid", "medial-cheek"]),
        ("below the eye", ["lower-lid", "medial-cheek"]),
        ("eye", ["upper-lid", "lower-lid", "inner-eye-corner", "outer-eye-corner"]),
        ("lids", ["upper-lid", "lower-lid"]),
        ("cheek", ["medial-cheek", "malar", "buccal-cheek"]),
        ("cheeks", ["medial-cheek", "malar", "buccal-cheek"]),
        ("smile line", ["nasolabial"]),
        ("mouth", ["upper-lip", "lower-lip", "mouth-inside"]),
        ("lips", ["upper-lip", "lower-lip"]),
        ("mouth corner", ["upper-lip", "lower-lip", "marionette", "nasolabial"]),
        ("corner of the mouth", ["upper-lip", "lower-lip", "marionette", "nasolabial"]),
        ("jaw", ["masseter-area", "jawline"]),
        ("jaw angle", ["masseter-area", "jawline"]),
        ("angle of the jaw", ["masseter-area", "jawline"]),
        ("jaw joint", ["preauricular"]),
        ("neck", ["anterior-neck", "carotid-strip", "lateral-neck", "nape"]),
        ("front of the neck", ["anterior-neck", "carotid-strip"]),
        ("throat", ["anterior-neck"]),
        ("thyroid", ["anterior-neck"]),
        ("back of the neck", ["nape"]),
        ("base of the skull", ["nape"]),
        ("collarbone", ["supraclavicular", "upper-chest"]),
        ("top of the head", ["scalp"]),
        ("shoulder", ["shoulder-top"]),
        ("chest", ["upper-chest"]),
        ("décolleté", ["upper-chest"]),
        ("decollete", ["upper-chest"]),
        ("double chin", ["submental"]),
    ];
}
