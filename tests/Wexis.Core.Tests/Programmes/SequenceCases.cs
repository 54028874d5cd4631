using Wexis.Core.Programmes;

namespace Wexis.Core.Tests.Programmes;

/// <summary>
/// Programmes for tests of the sequence, drawn or written, and a check of plans that knows nothing of the product's rules.
/// </summary>
internal static class SequenceCases
{
    public static ProgrammeUnit Unit(string id, int minutes = 60, params string[] after) =>
        new(id, id.ToUpperInvariant(), "theory", minutes, Prerequisites: after);

    public static ProgrammeSession Session(string id, int day, int minutes = 120, int breaks = 0) =>
        new(id, Day: day, Minutes: minutes, BreaksMin: breaks);

    public static ProgrammeDocument Programme(
        IReadOnlyList<ProgrammeUnit> units,
        IReadOnlyList<ProgrammeSession> sessions,
        params ProgrammeRule[] rules
    ) => new(null, "P", Units: units, Sessions: sessions, Rules: rules);

    public static ProgrammeRule Rule(string id, string kind, params string[] units) => new(id, kind, Units: units);

    /// <summary>A drawn programme that has a plan, because it was drawn round one.</summary>
    public static ProgrammeDocument Drawn(int seed, int units, int sessions, int edges)
    {
        var random = new Random(seed);
        var minutes = Enumerable.Range(0, units).Select(_ => 15 * random.Next(1, 9)).ToArray();
        var (at, load) = (new int[units], new int[sessions]);
        const int room = 300;
        for (var u = 0; u < units; u++)
        {
            var s = u * sessions / units;
            while (s < sessions - 1 && load[s] + minutes[u] > room)
                s++;
            minutes[u] = Math.Max(1, Math.Min(minutes[u], room - load[s]));
            (at[u], load[s]) = (s, load[s] + minutes[u]);
        }
        var days = new int[sessions];
        for (var s = 1; s < sessions; s++)
            days[s] = days[s - 1] + random.Next(1, 15);
        var before = Enumerable.Range(0, units).Select(_ => new HashSet<string>()).ToArray();
        for (var e = 0; e < edges; e++)
        {
            var (a, b) = (random.Next(units), random.Next(units));
            if (a != b && (at[a] < at[b] || (at[a] == at[b] && a < b)))
                before[b].Add($"u{a}");
        }
        var rules = new List<ProgrammeRule>();
        for (var k = 0; k < units / 4; k++)
        {
            var (a, b) = (random.Next(units), random.Next(units));
            var gap = days[at[b]] - days[at[a]];
            if (a == b)
                continue;
            if (at[a] != at[b])
                rules.Add(Rule($"apart{k}", "not-same-session", $"u{a}", $"u{b}"));
            else
                rules.Add(Rule($"same{k}", "same-session", $"u{a}", $"u{b}"));
            if (gap > 8)
                rules.Add(new($"practice{k}", "practice-days", After: $"u{a}", Before: $"u{b}", Days: [gap / 2], PerWeek: 5));
            rules.Add(new($"wish{k}", "not-same-session", Weight: 1 + k, Units: [$"u{(a + 1) % units}", $"u{a}"]));
        }
        return Programme(
            [.. minutes.Select((m, u) => Unit($"u{u}", m, [.. before[u].Order(StringComparer.Ordinal)]))],
            [.. days.Select((d, s) => Session($"s{s}", d, room + 30, 30))],
            [.. rules.DistinctBy(r => r.Id)]
        ) with
        {
            Fixed = [new("u0", $"s{at[0]}")],
        };
    }

    /// <summary>What is wrong with a plan, from the document alone.</summary>
    public static IEnumerable<string> Wrong(ProgrammeDocument programme, SequencePlan plan)
    {
        var order = plan.Order.Select((u, i) => (u, i)).ToDictionary(x => x.u, x => x.i);
        var at = plan.Sessions.SelectMany(s => s.Units.Select(u => (u, s.Id))).ToDictionary(x => x.u, x => x.Id);
        var day = programme.AllSessions.ToDictionary(s => s.Id, s => s.Day!.Value);
        if (!order.Keys.Order().SequenceEqual(programme.AllUnits.Select(u => u.Id).Order()))
            yield return "not every unit stands once";
        foreach (var unit in programme.AllUnits)
        foreach (var p in unit.AllPrerequisites.Where(p => order[p] > order[unit.Id]))
            yield return $"{unit.Id} before {p}";
        foreach (var s in programme.AllSessions)
            if (programme.AllUnits.Where(u => at[u.Id] == s.Id).Sum(u => u.Minutes) > s.Minutes - s.BreaksMin)
                yield return $"{s.Id} is too full";
        foreach (var f in programme.Fixed ?? [])
            if (at[f.Unit] != f.Session)
                yield return $"{f.Unit} is not where it is fixed";
        foreach (var r in programme.AllRules.Where(r => !r.IsWish))
        {
            var held = r.Kind switch
            {
                "not-same-session" => at[r.Units![0]] != at[r.Units[1]],
                "same-session" => at[r.Units![0]] == at[r.Units[1]],
                "practice-days" => Practised(day[at[r.After!]], day[at[r.Before!]], r.PerWeek!.Value) >= r.Days![0],
                _ => throw new InvalidOperationException(r.Kind),
            };
            if (!held)
                yield return $"{r.Id} does not hold";
        }
    }

    private static int Practised(int learned, int assessed, int perWeek)
    {
        var between = Math.Max(0, assessed - learned - 1);
        return (between / 7 * perWeek) + Math.Min(between % 7, perWeek);
    }
}
