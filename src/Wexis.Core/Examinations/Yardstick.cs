namespace Wexis.Core.Examinations;

/// <summary>
/// One line of the house yardstick: a topic with its weight. Weights are custom, without a source (field: common practice).
/// </summary>
internal sealed record YardstickLine(Topic Topic, Domain Domain, double Weight);

/// <summary>What a house asks of every demonstration, and how the weight is spread over what a technique leaves of it.</summary>
public static partial class MarkSheetDraft
{
    /// <summary>Doing 82, teaching 18, together 100.</summary>
    private static readonly YardstickLine[] Yardstick =
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

    /// <summary>Faults that any demonstration can show.</summary>
    private static readonly SheetFault[] HouseFaults =
    [
        new("shoulders", "shoulders rise", "elbows heavy"),
        new("brow", "brow joins in", "hand on the brow, smaller range"),
        new("drag", "skin drags ahead of the finger", "more slip, slower"),
        new("place", "wrong finger or place", "name the bone first"),
        new("talk", "talk replaces work", "explain first, silent repetitions after"),
        new("side", "left and right muddled", "point, and say my or your"),
        new("breath", "breath stops", "count aloud"),
    ];

    /// <summary>
    /// Weights of the yardstick: what has no criterion is dropped, its weight spread over the others of its domain; several criteria of
    /// one topic share its weight. One decimal, each domain's sum kept.
    /// </summary>
    private static (IReadOnlyList<Criterion> Criteria, IReadOnlyList<Dropped> Dropped) SpreadWeights(List<Criterion> drafted)
    {
        var dropped = Yardstick
            .Where(y => drafted.All(c => c.Topic != y.Topic))
            .Select(y => new Dropped(y.Topic, Why(y.Topic), y.Weight))
            .ToList();
        var weighted = new List<Criterion>();
        foreach (var domain in Yardstick.GroupBy(y => y.Domain))
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
