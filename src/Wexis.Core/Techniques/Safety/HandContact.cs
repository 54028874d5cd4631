using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Strokes;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Safety;

/// <summary>One hand's contact with everything that the hazard rules ask of it: its path, its places, its level.</summary>
/// <param name="Index">Number of the hand track, from 0.</param>
/// <param name="Told">Zones that were named.</param>
/// <param name="Met">Zones named or met by the path.</param>
/// <param name="Level">Pressure; where nobody told it, 2 near eye and neck and 3 elsewhere (rule language: unknown).</param>
/// <param name="Sides">Sides as this hand works them: both at once, one of them, in turn, or the midline.</param>
internal sealed record HandContact(
    Hand Hand,
    int Index,
    string Verb,
    ManualVerb Rule,
    Contact? Contact,
    StrokePath Path,
    IReadOnlyList<Zone> Told,
    IReadOnlyList<Zone> Met,
    int Level,
    Sides Sides
)
{
    /// <summary>Null where the hand touches nothing.</summary>
    public static HandContact? Of(Hand hand, int index, CompletedStep completed, Atlas atlas, ActionModel model, HouseSettings settings)
    {
        if (hand.Pressure == 0 || hand is { Verb: null, AllZones.Count: 0, AllPath.Count: 0, AllPoints.Count: 0 })
            return null;
        var path = StrokePath.Of(hand, atlas, settings);
        var told = hand.AllZones.Where(atlas.Zones.ContainsKey).Select(z => atlas.Zones[z]).ToList();
        var met = told.Concat(path.Zones(atlas).Select(z => atlas.Zones[z])).DistinctBy(z => z.Id).ToList();
        // A hand that was placed and not yet told what to do is looked at as the plainest contact.
        var verb =
            hand.Verb is { } v && model.Verbs.ContainsKey(v) ? v
            : path.Legs.Count > 0 ? "stroke"
            : "press";
        return new(
            hand,
            index,
            verb,
            model.Verbs[verb],
            hand.Contact is { } c ? atlas.Contacts.GetValueOrDefault(c) : null,
            path,
            told,
            met,
            hand.Pressure ?? (met.Any(z => atlas.RegionOfZone[z.Id] is "eyes" or "neck") ? 2 : 3),
            ClosedList.Of<Sides>(hand.Sides) ?? completed.Sides
        );
    }

    public bool Travels => Hand.Glide == true || Path.Legs.Count > 0;

    /// <summary>A press, a hold, a held lift: the hand stays where it is.</summary>
    public bool IsStatic => !Travels && Verb is not ("tap" or "lymph-pump" or "heat-cold") && Rule.HazardClass != "knead";

    public bool IsBothAtOnce => Contact?.Bilateral == true || Sides == Sides.Both;

    /// <summary>Two hands that are on the same side whenever both touch.</summary>
    public bool IsBeside(HandContact other) => Sides == other.Sides || (Sides.AreInTurn() && other.Sides.AreInTurn());

    /// <summary>
    /// Inside the rim: a lid that was named, or a line that enters the eye. A finger on the bone overlaps the lid's outline without
    /// pressing on it.
    /// </summary>
    public bool InsideRim(Atlas atlas) =>
        Told.Any(z => z.Id is "upper-lid" or "lower-lid")
        || atlas.Document.Hazards.Any(h => h.RimFront?.Hole is { } hole && Path.EntersFront(hole));
}
