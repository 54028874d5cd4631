using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Strokes;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Safety;

/// <summary>
/// The most pressure that a zone or a point bears (house ruling 2): above it a caution with the level to use; a point that bears none is
/// stopped.
/// </summary>
internal static class ContactCaps
{
    public static void Add(List<SafetyFinding> findings, HandContact contact, Atlas atlas, ActionModel model)
    {
        var over = contact.Met.Where(z => contact.Level > Cap(z, contact)).OrderBy(z => Cap(z, contact)).ToList();
        if (over.Count > 0)
        {
            var most = Cap(over[0], contact);
            findings.Add(
                new(
                    "cap-zone",
                    "Harder than this place bears",
                    SafetyVerdict.Caution,
                    $"Pressure {contact.Level} ({StepWords.Feel(contact.Level)}) is more than "
                        + $"{string.Join(", ", over.Select(z => $"the {z.Name} bears ({Cap(z, contact)})"))}.",
                    $"Use level {most} ({StepWords.Feel(most)}) there at most.",
                    Why(contact, most, model),
                    [.. over.Select(z => z.Id)]
                )
            );
        }
        foreach (var point in contact.Hand.AllPoints.Where(atlas.Points.ContainsKey).Select(c => atlas.Points[c]))
        {
            if (point.MaxPressure is not { } cap || contact.Level <= cap)
                continue;
            var caution = point.Caution is { } c ? $": {c}" : "";
            findings.Add(
                cap == 0
                    ? new(
                        $"cap-{point.Code}",
                        $"Point {point.Code}",
                        SafetyVerdict.Stop,
                        $"{point.Code} is left out of all pressure{caution}.",
                        "Leave the point out.",
                        Why(contact, cap, model),
                        []
                    )
                    : new(
                        $"cap-{point.Code}",
                        $"Point {point.Code}",
                        SafetyVerdict.Caution,
                        $"Pressure {contact.Level} ({StepWords.Feel(contact.Level)}) is more than the point {point.Code} bears "
                            + $"({cap}){caution}.",
                        $"Use level {cap} ({StepWords.Feel(cap)}) at most.",
                        Why(contact, cap, model),
                        []
                    )
            );
        }
    }

    /// <summary>The hardest that the places of a hand, and the hand itself, bear.</summary>
    /// <param name="with">Part of the hand, or tool; null where it is not known.</param>
    public static int MostFor(Hand hand, string? with, StrokePath path, Atlas atlas)
    {
        var contact = with is null ? null : atlas.Contacts.GetValueOrDefault(with);
        return hand
            .AllZones.Concat(path.Zones(atlas))
            .Where(atlas.Zones.ContainsKey)
            .Select(z => Cap(atlas.Zones[z], contact, hand.Verb))
            .Concat(hand.AllPoints.Where(atlas.Points.ContainsKey).Select(p => atlas.Points[p].MaxPressure).OfType<int>())
            .Append(contact?.MaxLevel ?? 5)
            .Min();
    }

    private static int Cap(Zone zone, HandContact contact) => Cap(zone, contact.Contact, contact.Verb);

    private static int Cap(Zone zone, Contact? contact, string? verb) =>
        zone.MaxPressurePinchLift is { } lifted && (contact?.Pinch == true || verb is "pinch-hold" or "pinch-roll")
            ? lifted
            : zone.MaxPressure;

    private static Reason Why(HandContact contact, int cap, ActionModel model) =>
        new(
            "R47",
            model.RuleText("R47"),
            [new("pressure", $"{contact.Level} ({StepWords.Feel(contact.Level)})"), new("at most", $"{cap} ({StepWords.Feel(cap)})")],
            "action model"
        );
}
