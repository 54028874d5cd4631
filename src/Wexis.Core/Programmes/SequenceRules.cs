using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>What the trainer wrote, as rules over units and sessions.</summary>
internal sealed class SequenceRules(ProgrammeDocument programme, IReadOnlyList<SequenceUnit> units, IReadOnlyList<SequenceSession> sessions)
{
    private readonly Dictionary<string, int> _unit = units
        .Select((u, i) => (u.Id, i))
        .ToDictionary(x => x.Id, x => x.i, StringComparer.Ordinal);
    private readonly Dictionary<string, int> _session = sessions
        .Select((s, i) => (s.Id, i))
        .ToDictionary(x => x.Id, x => x.i, StringComparer.Ordinal);

    public IEnumerable<SequenceRule> Hard() =>
        [
            .. Prerequisites(),
            Capacity(),
            .. Placements(),
            .. Closures(),
            .. Needs(),
            .. Own().Where(x => !x.Rule.IsWish).Select(x => x.Made),
        ];

    public IEnumerable<SequenceWish> Wishes() =>
        Own().Where(x => x.Rule.IsWish && (x.Rule.Weight ?? 1) > 0).Select(x => new SequenceWish(x.Rule.Weight ?? 1, x.Made));

    private string Name(int unit) => $"“{units[unit].Name}”";

    private string Name(SequenceSession session) => $"session {_session[session.Id] + 1}";

    /// <summary>A unit, or a technique that a unit teaches: then the first unit that does and does not itself wait for this one.</summary>
    private IEnumerable<SequenceRule> Prerequisites()
    {
        var all = programme.AllUnits;
        for (var u = 0; u < all.Count; u++)
        for (var j = 0; j < all[u].AllPrerequisites.Count; j++)
        {
            var needed = all[u].AllPrerequisites[j];
            var path = $"units[{u}].prerequisites[{j}]";
            if (_unit.TryGetValue(needed, out var first))
            {
                yield return new OrderRule($"needs:{all[u].Id}<{needed}", path, $"{Name(u)} comes after {Name(first)}", [(first, u)]);
                continue;
            }
            first = Teaching(needed, u);
            if (first >= 0)
                yield return new OrderRule(
                    $"needs:{all[u].Id}<{needed}",
                    path,
                    $"{Name(u)} needs a technique that {Name(first)} teaches",
                    [(first, u)]
                );
        }
    }

    /// <summary>What a technique builds on is taught before it, where anything teaches it.</summary>
    public IEnumerable<SequenceRule> BuildsOn(IReadOnlyDictionary<string, TaughtTechnique> techniques)
    {
        var all = programme.AllUnits;
        for (var u = 0; u < all.Count; u++)
            foreach (var technique in all[u].AllTechniques.Where(techniques.ContainsKey).Select(t => techniques[t]))
            foreach (var needed in technique.Prerequisites.Where(p => !all[u].AllTechniques.Contains(p)))
                if (Teaching(needed, u) is >= 0 and var first)
                    yield return new OrderRule(
                        $"builds:{all[u].Id}.{technique.Id}<{needed}",
                        $"units[{u}].techniques",
                        $"“{technique.Name}” in {Name(u)} builds on a technique that {Name(first)} teaches",
                        [(first, u)]
                    );
    }

    private int Teaching(string technique, int waiting)
    {
        for (var i = 0; i < programme.AllUnits.Count; i++)
            if (
                i != waiting
                && programme.AllUnits[i].IsA != UnitKind.Assessment
                && programme.AllUnits[i].AllTechniques.Contains(technique)
                && !programme.AllUnits[i].AllPrerequisites.Contains(units[waiting].Id)
            )
                return i;
        return -1;
    }

    private CapacityRule Capacity()
    {
        var own = programme.AllRules.FirstOrDefault(r => ClosedList.Of<RuleKind>(r.Kind) == RuleKind.Capacity);
        return new(
            own?.Id ?? "capacity",
            own is null ? "sessions" : $"rules[{programme.AllRules.ToList().IndexOf(own)}]",
            own?.Text ?? "units and breaks fit into their session",
            [.. sessions.Select(s => Math.Min(s.Room, own?.Minutes ?? s.Room))]
        );
    }

    private IEnumerable<SequenceRule> Placements()
    {
        foreach (var (list, word) in new[] { (programme.Fixed ?? [], "fixed"), (programme.Forbidden ?? [], "forbidden") })
            for (var i = 0; i < list.Count; i++)
            {
                var (unit, session) = (_unit[list[i].Unit], _session[list[i].Session]);
                var pinned = word == "fixed";
                yield return new PlaceRule(
                    $"{word}:{list[i].Unit}@{list[i].Session}",
                    $"{word}[{i}]",
                    $"{Name(unit)} {(pinned ? "is fixed in" : "is kept out of")} {Name(sessions[session])}",
                    [unit],
                    [.. sessions.Select((_, s) => s == session == pinned)]
                );
            }
    }

    private bool Closed(int day) => (programme.Closures ?? []).Any(c => Covers(c, day));

    private static bool Covers(Closure closure, int day) =>
        Dates.Of(closure.From) is { } from && day >= from.DayNumber && day <= (Dates.Of(closure.To) ?? from).DayNumber;

    private IEnumerable<SequenceRule> Closures()
    {
        var closures = programme.Closures ?? [];
        for (var i = 0; i < closures.Count; i++)
            if (sessions.Any(s => s.Date is not null && Covers(closures[i], s.Day)))
                yield return new PlaceRule(
                    $"closure:{i + 1}",
                    $"closures[{i}]",
                    $"nobody meets in {closures[i].Text ?? "a closure"}",
                    [.. units.Select(u => u.Place)],
                    [.. sessions.Select(s => s.Date is null || !Covers(closures[i], s.Day))]
                );
    }

    /// <summary>Staff, rooms and group sizes, where the sessions say what there is.</summary>
    private IEnumerable<SequenceRule> Needs()
    {
        var all = programme.AllUnits;
        for (var u = 0; u < all.Count; u++)
        {
            var unit = all[u];
            if (Restricts(s => s.Staff is null || unit.AllStaff.All(s.Staff.Contains), out var staffed))
                yield return new PlaceRule(
                    $"staff:{unit.Id}",
                    $"units[{u}].staff",
                    $"{Name(u)} needs {string.Join(" and ", unit.AllStaff)}",
                    [u],
                    staffed
                );
            if (unit.Room is { } room && Restricts(s => s.Rooms is null || s.Rooms.Contains(room), out var roomed))
                yield return new PlaceRule($"room:{unit.Id}", $"units[{u}].room", $"{Name(u)} needs the room “{room}”", [u], roomed);
            if (
                programme.Participants is { } people
                && unit.MaxGroup is { } most
                && Restricts(s => people <= most * Math.Max(1, (s.Staff ?? unit.AllStaff).Count(unit.AllStaff.Contains)), out var grouped)
            )
                yield return new PlaceRule(
                    $"group:{unit.Id}",
                    $"units[{u}].max_group",
                    $"{Name(u)} takes {most} people for each of its staff, and {people} take part",
                    [u],
                    grouped
                );
        }
    }

    private bool Restricts(Func<ProgrammeSession, bool> may, out IReadOnlyList<bool> sessions_)
    {
        sessions_ = [.. sessions.Select(s => may(programme.AllSessions[s.Place]))];
        return sessions_.Contains(false);
    }

    private IEnumerable<(ProgrammeRule Rule, SequenceRule Made)> Own() =>
        programme.AllRules.SelectMany((r, i) => Made(r, $"rules[{i}]").Select(m => (r, m)));

    private IEnumerable<SequenceRule> Made(ProgrammeRule rule, string path)
    {
        var named = rule.Named.Select(n => _unit[n]).ToList();
        var pairs = rule is { After: { } a, Before: { } b }
            ? [(_unit[a], _unit[b])]
            : (rule.Units ?? []).Zip((rule.Units ?? []).Skip(1), (x, y) => (First: _unit[x], Then: _unit[y])).ToList();
        var (id, fewest, most) = (rule.Id!, rule.Days is { Count: > 0 } n ? n[0] : 0, rule.Days is { Count: 2 } d ? d[1] : int.MaxValue);
        string Says(string else_) => string.IsNullOrWhiteSpace(rule.Text) ? else_ : rule.Text.Trim();
        string Both(int x, int y) => $"{Name(x)} and {Name(y)}";
        IEnumerable<SequenceRule> Pairs(IEnumerable<(int First, int Then)> of, Func<int, int, bool> may, Func<int, int, string> says) =>
            of.Select(p => new PairRule(id, path, Says(says(p.First, p.Then)), p.First, p.Then, Matrix(may)));
        switch (ClosedList.Of<RuleKind>(rule.Kind))
        {
            case RuleKind.Order when pairs.Count > 0:
                return [new OrderRule(id, path, Says($"{Name(pairs[0].First)} comes before {Name(pairs[0].Then)}"), pairs)];
            case RuleKind.SameSession:
                return Pairs(Every(named), (s, t) => s == t, (x, y) => $"{Both(x, y)} stand in one session");
            case RuleKind.NotSameSession:
                return Pairs(Every(named), (s, t) => s != t, (x, y) => $"{Both(x, y)} do not stand in one session");
            case RuleKind.GapDays when pairs.Count > 0:
                return Pairs(
                    pairs,
                    (s, t) => sessions[t].Day - sessions[s].Day is var gap && gap >= fewest && gap <= most,
                    (x, y) => $"from {Name(x)} to {Name(y)} {Range(fewest, most)} days"
                );
            case RuleKind.GapDays:
                var window = Matrix((s, t) => sessions[t].Day - sessions[s].Day is var gap && gap >= fewest && gap <= most);
                return named.Select(u => new ReturnRule(
                    id,
                    path,
                    Says($"{Name(u)} is returned to after {Range(fewest, most)} days"),
                    u,
                    window
                ));
            case RuleKind.PracticeDays:
                return Pairs(
                    pairs,
                    (s, t) => t > s && PracticeDays(sessions[s].Day, sessions[t].Day, rule.PerWeek ?? 7) >= fewest,
                    (x, y) => $"{fewest} days of practice between {Both(x, y)}"
                );
            case RuleKind.BeforeDate or RuleKind.AfterDate:
                var before = ClosedList.Of<RuleKind>(rule.Kind) == RuleKind.BeforeDate;
                var day = Dates.Of(rule.Date)?.DayNumber ?? rule.Day ?? 0;
                return named.Select(u => new PlaceRule(
                    id,
                    path,
                    Says($"{Name(u)} comes {(before ? "before" : "after")} {rule.Date ?? $"day {day}"}"),
                    [u],
                    [.. sessions.Select(s => before ? s.Day < day : s.Day > day)]
                ));
            case RuleKind.Staff when named.Count > 0 && rule.Staff is { Count: > 0 } staff:
                return
                [
                    new PlaceRule(
                        id,
                        path,
                        Says($"{string.Join(", ", named.Select(Name))} with {string.Join(" and ", staff)}"),
                        named,
                        [.. sessions.Select(s => programme.AllSessions[s.Place].Staff is not { } there || staff.All(there.Contains))]
                    ),
                ];
            default:
                return [];
        }
    }

    private static string Range(int fewest, int most) => most == int.MaxValue ? $"{fewest} or more" : $"{fewest} to {most}";

    private static IEnumerable<(int First, int Then)> Every(IReadOnlyList<int> units) =>
        units.SelectMany((x, i) => units.Skip(i + 1).Select(y => (x, y)));

    private IReadOnlyList<IReadOnlyList<bool>> Matrix(Func<int, int, bool> may) =>
        [.. sessions.Select((_, s) => (IReadOnlyList<bool>)[.. sessions.Select((_, t) => may(s, t))])];

    /// <summary>
    /// Days on which can be practised strictly between two days: not in a closure, and in each seven days from the first on at most so
    /// many.
    /// </summary>
    private int PracticeDays(int learned, int assessed, int perWeek)
    {
        var found = 0;
        for (var week = learned + 1; week < assessed; week += 7)
        {
            var open = 0;
            for (var day = week; day < Math.Min(week + 7, assessed); day++)
                if (!Closed(day))
                    open++;
            found += Math.Min(open, perWeek);
        }
        return found;
    }
}
