using Wexis.Core.Measures;

namespace Wexis.Core.Grading;

/// <summary>One hold: from press to release, in seconds of the device's clock.</summary>
public sealed record Hold(double FromSeconds, double ToSeconds)
{
    public double Seconds => ToSeconds - FromSeconds;
}

/// <summary>What was logged for one step on one side.</summary>
public sealed record Track(int Step, Side Side, IReadOnlyList<double> TapSeconds, IReadOnlyList<Hold> Holds, double? HoldingSince)
{
    /// <summary>A hold that was let go is one repetition.</summary>
    public int Repetitions => TapSeconds.Count + Holds.Count;
}

/// <summary>A stamped fault, at which second.</summary>
public sealed record Stamp(string Fault, int? Step, double AtSeconds);

/// <summary>
/// The state of a mark sheet: the fold of its events. Folding is total: any event on any state gives a state, one seen before changes
/// nothing,
/// an undone one never happened. So a crash, a repeat or a late arrival loses nothing.
/// </summary>
public sealed record SheetState(
    IReadOnlyList<Track> Tracks,
    IReadOnlyDictionary<string, double> Marks,
    IReadOnlyList<Stamp> Faults,
    IReadOnlyList<string> CriticalActs,
    bool Started,
    bool Stopped,
    double LastSecond
)
{
    public static SheetState Of(IEnumerable<MarkEvent> events)
    {
        ArgumentNullException.ThrowIfNull(events);
        var distinct = events.DistinctBy(e => e.Id).ToList();
        var undone = Undone(distinct);
        // Within a device its counter orders; between devices the arrival of a device's first event does.
        var first = distinct.GroupBy(e => e.Device).ToDictionary(g => g.Key, g => g.Min(e => e.Arrival), StringComparer.Ordinal);
        var ordered = distinct
            .Where(e => !undone.Contains(e.Id) && e.Kind != MarkKind.Undo)
            .OrderBy(e => first[e.Device])
            .ThenBy(e => e.Device, StringComparer.Ordinal)
            .ThenBy(e => e.Counter)
            .ToList();
        var taps = new Dictionary<(int, Side), List<double>>();
        var holds = new Dictionary<(int, Side), List<Hold>>();
        var open = new Dictionary<(int, Side), double>();
        var marks = new Dictionary<string, double>(StringComparer.Ordinal);
        var faults = new List<Stamp>();
        var critical = new List<string>();
        bool started = false,
            stopped = false;
        var last = 0.0;
        foreach (var e in ordered)
        {
            var at = e.AtMs / 1000.0;
            last = Math.Max(last, at);
            var key = (e.Step ?? 0, e.Side ?? Side.Both);
            switch (e.Kind)
            {
                case MarkKind.Start:
                    started = true;
                    break;
                case MarkKind.Rep:
                    List(taps, key).Add(at);
                    break;
                case MarkKind.Press:
                    open[key] = at;
                    break;
                // A release without its press (the press was undone, or lies on another device) is nothing.
                case MarkKind.Release:
                    if (open.Remove(key, out var from) && at > from)
                        List(holds, key).Add(new(from, at));
                    break;
                case MarkKind.Mark:
                    if (e is { Target: { } criterion, Value: { } value })
                        marks[criterion] = value;
                    break;
                case MarkKind.Fault:
                    if (e.Target is { } fault)
                        faults.Add(new(fault, e.Step, at));
                    break;
                case MarkKind.Critical:
                    if (e.Target is { } act && !critical.Contains(act))
                        critical.Add(act);
                    break;
                case MarkKind.Stop:
                    stopped = true;
                    break;
                default:
                    break;
            }
        }
        var keys = taps.Keys.Concat(holds.Keys).Concat(open.Keys).Distinct().Order();
        return new(
            [
                .. keys.Select(k => new Track(
                    k.Item1,
                    k.Item2,
                    taps.GetValueOrDefault(k) ?? [],
                    holds.GetValueOrDefault(k) ?? [],
                    open.TryGetValue(k, out var since) ? since : null
                )),
            ],
            marks,
            faults,
            critical,
            started,
            stopped,
            last
        );
    }

    /// <summary>Events that were taken back. An undo that is itself undone takes nothing back; an event cannot undo itself.</summary>
    private static HashSet<Guid> Undone(List<MarkEvent> events)
    {
        var undone = new HashSet<Guid>();
        foreach (var undo in events.Where(e => e.Kind == MarkKind.Undo).OrderByDescending(e => e.Arrival).ThenByDescending(e => e.Counter))
            if (!undone.Contains(undo.Id) && Guid.TryParse(undo.Target, out var target) && target != undo.Id)
                undone.Add(target);
        return undone;
    }

    private static List<T> List<T>(Dictionary<(int, Side), List<T>> of, (int, Side) key)
    {
        if (!of.TryGetValue(key, out var list))
            of[key] = list = [];
        return list;
    }
}
