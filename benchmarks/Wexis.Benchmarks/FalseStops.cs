using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Safety;
using Wexis.Core.Techniques.Strokes;
using Wexis.Core.Techniques.Work;

namespace Wexis.Benchmarks;

/// <summary>
/// The other side of the hazard review: of strokes within their caps on forehead, cheekbone, scalp and jaw bone, how many are stopped all
/// the same.
/// Wanted: at most 2 %. All ordered pairs of bony places of one region, every part of the hand (interlaced hands brace a forehead and a
/// head, nothing else), both sides and one, at the most that the places bear.
/// </summary>
internal static class FalseStops
{
    private static readonly (string Region, string[] Places)[] Regions =
    [
        ("forehead", ["trichion", "forehead_mid", "forehead_lateral", "glabella", "temporal_crest"]),
        ("cheekbone", ["zygoma_prominence", "zygion", "cheekbone_hollow", "ear_front"]),
        ("scalp", ["vertex", "scalp_side", "trichion", "inion", "superior_nuchal_line", "occipital_edge"]),
        ("jaw bone", ["menton", "pogonion", "jaw_mid", "antegonial_notch", "gonion", "below_lobe", "masseter_belly"]),
    ];

    public static void Print(Atlas atlas, ActionModel model)
    {
        Console.WriteLine("Strokes within their caps that are stopped (wanted: at most 2 %)");
        var (stopped, all) = (0, 0);
        foreach (var (region, places) in Regions)
        {
            var (s, n, named) = (0, 0, new List<string>());
            foreach (var from in places)
            foreach (var to in places.Where(p => p != from))
            foreach (
                var contact in atlas.Document.Contacts.Where(c =>
                    c.Kind == ContactKind.Hand && (c.Id != "interlaced-hands" || region is "forehead" or "scalp")
                )
            )
            foreach (var sides in new[] { "both", "left" })
            {
                var hand = new Hand(
                    sides == "both" ? "both" : "right",
                    "work",
                    "stroke",
                    contact.Id,
                    null,
                    null,
                    [],
                    [],
                    [new(from, null, null, null), new(to, null, null, null)],
                    null,
                    null,
                    null,
                    1,
                    "in",
                    true,
                    "slip",
                    sides,
                    null
                );
                var path = StrokePath.Of(hand, atlas, HouseSettings.Default);
                if (path.Legs.Any(l => l.Through))
                    continue;
                // Within its caps: of every zone that its line meets, or on which a tenth of the contact lies.
                var cap = atlas
                    .Document.Zones.Where(z =>
                        path.Zones(atlas).Contains(z.Id) || z.View == FaceView.Frontal && path.OverFront(z.Polygon, null).Share >= 0.1
                    )
                    .Select(z => z.MaxPressure)
                    .Append(contact.MaxLevel)
                    .Min();
                n++;
                if (Review(hand with { Pressure = cap }, atlas, model).Verdict != SafetyVerdict.Stop)
                    continue;
                s++;
                named.Add($"{from} → {to}, {contact.Id}, level {cap}");
            }
            Console.WriteLine($"  {region, -10} {s, 4} of {n, 4}  {(double)s / n, 6:P1}   {string.Join("; ", named.Take(2))}");
            (stopped, all) = (stopped + s, all + n);
        }
        Console.WriteLine($"  {"in all", -10} {stopped, 4} of {all, 4}  {(double)stopped / all, 6:P1}");
    }

    private static SafetyReview Review(Hand hand, Atlas atlas, ActionModel model)
    {
        var step = new Step(
            [],
            [hand],
            null,
            null,
            [],
            new("5", null, null, null, [], null, null, null, null, null, null, null, null, null),
            [],
            null,
            null,
            null,
            null
        );
        return SafetyReview.Of(
            CompletedStep.Of(step, 0, atlas, model, HouseSettings.Default),
            DoseSum.None,
            AlsoSaid.Nothing,
            atlas,
            model,
            HouseSettings.Default
        );
    }
}
