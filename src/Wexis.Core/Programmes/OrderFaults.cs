using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>What stands in the way of an order.</summary>
[ClosedList]
public enum OrderFaultKind
{
    PrerequisiteAfter,
    PrerequisiteCircle,
    TechniquePrerequisite,
    Parked,
    Draft,
    UnknownTechnique,
    UnknownRoutine,
}

/// <summary>Something that stands in the way of the order, said in one sentence.</summary>
/// <param name="Unit">Id of the unit that it is about.</param>
public sealed record OrderFault(string Unit, OrderFaultKind Kind, string Says);

/// <summary>Holds units, in the order in which they stand, to what they wait for.</summary>
internal static class OrderFaults
{
    public static IEnumerable<OrderFault> Of(ProgrammeDocument programme, IReadOnlyDictionary<string, TaughtTechnique> techniques)
    {
        var place = programme
            .AllUnits.Select((u, i) => (u.Id, i))
            .DistinctBy(x => x.Id)
            .ToDictionary(x => x.Id, x => x.i, StringComparer.Ordinal);
        var taughtIn = programme
            .AllUnits.SelectMany((u, i) => u.IsA == UnitKind.Assessment ? [] : u.AllTechniques.Select((t, j) => (t, At: (i, j))))
            .GroupBy(x => x.t)
            .ToDictionary(g => g.Key, g => g.Min(x => x.At), StringComparer.Ordinal);
        return programme.AllUnits.SelectMany((u, i) => Prerequisites(programme, place, i).Concat(Techniques(u, i, taughtIn, techniques)));
    }

    private static IEnumerable<OrderFault> Prerequisites(ProgrammeDocument programme, Dictionary<string, int> place, int i)
    {
        var unit = programme.AllUnits[i];
        foreach (var p in unit.AllPrerequisites.Where(place.ContainsKey))
        {
            var needed = programme.AllUnits[place[p]];
            if (Reaches(programme, p, unit.Id))
                yield return new(
                    unit.Id,
                    OrderFaultKind.PrerequisiteCircle,
                    $"“{unit.Name}” and “{needed.Name}” wait for each other: no order can satisfy both."
                );
            else if (place[p] >= i)
                yield return new(
                    unit.Id,
                    OrderFaultKind.PrerequisiteAfter,
                    $"“{unit.Name}” needs “{needed.Name}”, which comes only later (place {place[p] + 1}, this one is {i + 1}). Move "
                        + $"“{needed.Name}” before it."
                );
        }
    }

    private static IEnumerable<OrderFault> Techniques(
        ProgrammeUnit unit,
        int i,
        Dictionary<string, (int, int)> taughtIn,
        IReadOnlyDictionary<string, TaughtTechnique> techniques
    )
    {
        for (var j = 0; j < unit.AllTechniques.Count; j++)
        {
            if (!techniques.TryGetValue(unit.AllTechniques[j], out var technique))
            {
                yield return new(
                    unit.Id,
                    OrderFaultKind.UnknownTechnique,
                    $"“{unit.Name}” lists a technique that no longer exists. Remove it."
                );
                continue;
            }
            if (technique.Standing == DerivedStanding.Stopped)
                yield return new(
                    unit.Id,
                    OrderFaultKind.Parked,
                    $"“{technique.Name}” is an unsafe example: it breaks a stop rule and is not taught. It does not count in “{unit.Name}”."
                );
            else if (technique.Standing is DerivedStanding.Draft or DerivedStanding.Refused)
                yield return new(
                    unit.Id,
                    OrderFaultKind.Draft,
                    $"“{technique.Name}” in “{unit.Name}” is still a draft with an open question."
                );
            foreach (var p in technique.Prerequisites.Where(techniques.ContainsKey))
                if (!taughtIn.TryGetValue(p, out var at))
                    yield return new(
                        unit.Id,
                        OrderFaultKind.TechniquePrerequisite,
                        $"“{technique.Name}” builds on “{techniques[p].Name}”, which no unit teaches."
                    );
                else if (at.CompareTo((i, j)) > 0)
                    yield return new(
                        unit.Id,
                        OrderFaultKind.TechniquePrerequisite,
                        $"“{technique.Name}” builds on “{techniques[p].Name}”, which is taught only later."
                    );
        }
    }

    /// <summary>Whether following prerequisites from one unit leads to another.</summary>
    private static bool Reaches(ProgrammeDocument programme, string from, string to)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        var open = new Stack<string>([from]);
        while (open.TryPop(out var id))
        {
            if (id == to)
                return true;
            if (!seen.Add(id))
                continue;
            foreach (var p in programme.AllUnits.FirstOrDefault(u => u.Id == id)?.AllPrerequisites ?? [])
                open.Push(p);
        }
        return false;
    }
}
