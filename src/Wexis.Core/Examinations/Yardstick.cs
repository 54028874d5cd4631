namespace Wexis.Core.Examinations;

/// <summary>
/// One line of the house yardstick: a topic with its weight. Weights are custom, without a source (field: common practice).
/// </summary>
internal sealed record YardstickLine(Topic Topic, Domain Domain, double Weight);

/// <summary>What a house asks of every demonstration, and how the weight is spread over what a technique leaves of it.</summary>
public static partial class MarkSheetDraft
{
    /// <summary>On oneself: doing 82, teaching 18, together 100, as of every kind.</summary>
    private static readonly YardstickLine[] OfOneself =
    [
        new(Topic.Setup, Domain.Doing, 6),
        new(Topic.Posture, Domain.Doing, 6),
        new(Topic.Contact, Domain.Doing, 12),
        new(Topic.Path, Domain.Doing, 12),
        new(Topic.Pressure, Domain.Doing, 10),
        new(Topic.Dose, Domain.Doing, 8),
        new(Topic.Tempo, Domain.Doing, 4),
        new(Topic.Balance, Domain.Doing, 8),
        new(Topic.Stillness, Domain.Doing, 8),
        new(Topic.Breath, Domain.Doing, 4),
        new(Topic.Finish, Domain.Doing, 4),
        new(Topic.Anatomy, Domain.Teaching, 8),
        new(Topic.Cueing, Domain.Teaching, 8),
        new(Topic.Adaptation, Domain.Teaching, 2),
    ];

    /// <summary>On another person: they are screened and asked how it feels. Doing 84, teaching 16.</summary>
    private static readonly YardstickLine[] OfPartner =
    [
        new(Topic.Setup, Domain.Doing, 5),
        new(Topic.Screening, Domain.Doing, 6),
        new(Topic.Comfort, Domain.Doing, 8),
        new(Topic.Posture, Domain.Doing, 4),
        new(Topic.Contact, Domain.Doing, 12),
        new(Topic.Path, Domain.Doing, 12),
        new(Topic.Pressure, Domain.Doing, 10),
        new(Topic.Dose, Domain.Doing, 7),
        new(Topic.Tempo, Domain.Doing, 3),
        new(Topic.Balance, Domain.Doing, 7),
        new(Topic.Stillness, Domain.Doing, 4),
        new(Topic.Breath, Domain.Doing, 2),
        new(Topic.Finish, Domain.Doing, 4),
        new(Topic.Anatomy, Domain.Teaching, 6),
        new(Topic.Cueing, Domain.Teaching, 8),
        new(Topic.Adaptation, Domain.Teaching, 2),
    ];

    /// <summary>Leading a group: most of it is teaching. Doing 40, teaching 60.</summary>
    private static readonly YardstickLine[] OfGroup =
    [
        new(Topic.Setup, Domain.Doing, 4),
        new(Topic.Screening, Domain.Doing, 6),
        new(Topic.Path, Domain.Doing, 10),
        new(Topic.Dose, Domain.Doing, 8),
        new(Topic.Balance, Domain.Doing, 6),
        new(Topic.Finish, Domain.Doing, 4),
        new(Topic.Breath, Domain.Doing, 2),
        new(Topic.SidesSaid, Domain.Teaching, 10),
        new(Topic.Cueing, Domain.Teaching, 12),
        new(Topic.Talk, Domain.Teaching, 6),
        new(Topic.Watching, Domain.Teaching, 10),
        new(Topic.Adaptation, Domain.Teaching, 8),
        new(Topic.Anatomy, Domain.Teaching, 8),
        new(Topic.Order, Domain.Teaching, 6),
    ];

    /// <summary>Several techniques in a row: doing 82, teaching 18.</summary>
    private static readonly YardstickLine[] OfSeveral =
    [
        new(Topic.Setup, Domain.Doing, 6),
        new(Topic.Posture, Domain.Doing, 6),
        new(Topic.Path, Domain.Doing, 32),
        new(Topic.Dose, Domain.Doing, 10),
        new(Topic.Balance, Domain.Doing, 8),
        new(Topic.Stillness, Domain.Doing, 8),
        new(Topic.Breath, Domain.Doing, 4),
        new(Topic.Order, Domain.Doing, 4),
        new(Topic.Finish, Domain.Doing, 4),
        new(Topic.Anatomy, Domain.Teaching, 8),
        new(Topic.Cueing, Domain.Teaching, 8),
        new(Topic.Adaptation, Domain.Teaching, 2),
    ];

    /// <summary>Correcting somebody else's planted fault: all of it teaching.</summary>
    private static readonly YardstickLine[] OfCorrection =
    [
        new(Topic.Noticing, Domain.Teaching, 25),
        new(Topic.Naming, Domain.Teaching, 15),
        new(Topic.Priority, Domain.Teaching, 15),
        new(Topic.Correction, Domain.Teaching, 20),
        new(Topic.Checking, Domain.Teaching, 10),
        new(Topic.Manner, Domain.Teaching, 5),
        new(Topic.Adaptation, Domain.Teaching, 10),
    ];

    private static YardstickLine[] YardstickOf(DemonstrationKind kind) =>
        kind switch
        {
            DemonstrationKind.Partner => OfPartner,
            DemonstrationKind.Group => OfGroup,
            DemonstrationKind.Several => OfSeveral,
            DemonstrationKind.Correction => OfCorrection,
            _ => OfOneself,
        };

    /// <summary>Critical acts of the house: each ends the demonstration as failed.</summary>
    private static readonly CriticalAct[] HouseActs =
    [
        new("globe", "pressure on the eyeball or into the orbit"),
        new("throat", "both sides of the throat squeezed, or deep work on the front of the neck"),
        new("head-pull", "the head pulled or forced"),
        new("excluded-skin", "a tool or firm work over excluded skin"),
        new("went-on", "went on after a stop sign (pain, numbness, flashes, dizziness)"),
        new("excluded-person", "worked on an excluded person"),
        new("promise", "a medical promise"),
        new("unwashed", "unwashed hands near the eyes"),
    ];

    /// <summary>Faults that any demonstration can show, those that it can show most first.</summary>
    private static IEnumerable<SheetFault> HouseFaults(IReadOnlyList<SheetStep> steps, IReadOnlyList<SheetPart> parts)
    {
        if (steps.Any(s => s.Columns.Count == 2))
            yield return new("side", "left and right muddled", "point, and say my or your", Topic.Cueing);
        if (parts.Any(p => p.Derivation.Steps.Any(s => s.Completed.AllHands.Any(h => h.Glide == true))))
            yield return new("drag", "skin drags ahead of the finger", "more slip, slower", Topic.Path);
        yield return new("place", "wrong finger or place", "name the bone first", Topic.Contact);
        yield return new("brow", "brow joins in", "hand on the brow, smaller range", Topic.Stillness);
        yield return new("shoulders", "shoulders rise", "elbows heavy", Topic.Posture);
        yield return new("breath", "breath stops", "count aloud", Topic.Breath);
        yield return new("talk", "talk replaces work", "explain first, silent repetitions after");
    }

    /// <summary>
    /// Weights of the yardstick: what has no criterion is dropped, its weight spread over the others of its domain; several criteria of
    /// one topic share its weight. One decimal, each domain's sum kept.
    /// </summary>
    private static (IReadOnlyList<Criterion> Criteria, IReadOnlyList<Dropped> Dropped) SpreadWeights(
        List<Criterion> drafted,
        YardstickLine[] yardstick
    )
    {
        var dropped = yardstick
            .Where(y => drafted.All(c => c.Topic != y.Topic))
            .Select(y => new Dropped(y.Topic, Why(y.Topic), y.Weight))
            .ToList();
        var weighted = new List<Criterion>();
        foreach (var domain in yardstick.GroupBy(y => y.Domain))
        {
            var present = domain.Where(y => drafted.Any(c => c.Topic == y.Topic)).ToList();
            var factor = domain.Sum(y => y.Weight) / present.Sum(y => y.Weight);
            var raw = drafted
                .Where(c => present.Any(y => y.Topic == c.Topic))
                .Select(c =>
                    (Criterion: c, Weight: present.First(y => y.Topic == c.Topic).Weight * factor / drafted.Count(o => o.Topic == c.Topic))
                )
                .ToList();
            weighted.AddRange(LargestRemainder(raw, domain.Sum(y => y.Weight)));
        }
        // Back into the order in which things are seen.
        return ([.. drafted.Select(d => weighted.First(w => w.Id == d.Id))], dropped);
    }

    private static IEnumerable<Criterion> LargestRemainder(List<(Criterion Criterion, double Weight)> raw, double sum)
    {
        var tenths = raw.Select(r =>
                (r.Criterion, Floor: Math.Floor((r.Weight * 10) + 1e-9), Left: (r.Weight * 10) - Math.Floor((r.Weight * 10) + 1e-9))
            )
            .ToList();
        var missing = (int)Math.Round((sum * 10) - tenths.Sum(t => t.Floor));
        var raised = tenths.OrderByDescending(t => t.Left).Take(missing).Select(t => t.Criterion.Id).ToHashSet(StringComparer.Ordinal);
        return tenths.Select(t => t.Criterion with { Weight = Math.Round((t.Floor + (raised.Contains(t.Criterion.Id) ? 1 : 0)) / 10, 1) });
    }
}
