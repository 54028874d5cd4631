using Wexis.Core.Measures;

namespace Wexis.Core.Grading;

/// <summary>One hold: from press to release, in seconds of the device's clock.</summary>
public sealed record Hold(double FromSeconds, double ToSeconds)
{
    public double Seconds => ToSeconds - FromSeconds;
}

/// <summary>What was logged for one step on one side.</summary>
/// <param name="Tallied">Repetitions that were counted on paper.</param>
/// <param name="TalliedSeconds">Seconds of work that were timed on paper.</param>
public sealed record Track(
    int Step,
    Side Side,
    IReadOnlyList<double> TapSeconds,
    IReadOnlyList<Hold> Holds,
    double? HoldingSince,
    double Tallied = 0,
    double TalliedSeconds = 0
)
{
    /// <summary>A hold that was let go is one repetition.</summary>
    public int Repetitions => TapSeconds.Count + Holds.Count + (int)Math.Round(Tallied);
}

/// <summary>A stamped fault, at which second.</summary>
/// <param name="MendedAfter">Seconds until its maker mended it; null: not mended.</param>
public sealed record Stamp(string Fault, int? Step, double AtSeconds, double? MendedAfter = null);

/// <summary>What the trainee said they feel, 0 to 10.</summary>
public sealed record Felt(Feeling Feeling, double Value, double AtSeconds);

/// <summary>A note in words.</summary>
public sealed record SaidNote(string Text, double AtSeconds);

/// <summary>A slip against a criterion.</summary>
/// <param name="MendedAfter">Seconds until its maker mended it; null: not mended.</param>
public sealed record Slip(string Criterion, double AtSeconds, double? MendedAfter);

/// <summary>
/// The state of a mark sheet: the fold of its events. Folding is total: any event on any state gives a state, one seen before changes
/// nothing,
/// an undone one never happened. So a crash, a repeat or a late arrival loses nothing. Repetitions and presses after the stop do not count.
/// </summary>
/// <param name="Unseen">Criteria that could not be seen, and that nobody marked later.</param>
/// <param name="Tighter">The side that was declared tighter before the first movement.</param>
/// <param name="WrongSide">Something right was done on the wrong side.</param>
public sealed record SheetState(
    IReadOnlyList<Track> Tracks,
    IReadOnlyDictionary<string, double> Marks,
    IReadOnlyList<Stamp> Faults,
    IReadOnlyList<string> CriticalActs,
    bool Started,
    bool Stopped,
    double LastSecond,
    IReadOnlyList<string> Unseen,
    IReadOnlyList<Slip> Slips,
    Side? Tighter,
    bool WrongSide,
    bool Interrupted
)
{
    public IReadOnlyList<Felt> Felt { get; init; } = [];
    public IReadOnlyList<SaidNote> Notes { get; init; } = [];

    /// <summary>Why a mark is below full, by criterion, in the words that were pressed or typed.</summary>
    public IReadOnlyDictionary<string, string> Whys { get; init; } = new Dictionary<string, string>(StringComparer.Ordinal);

    /// <summary>The fault that was shown on purpose, and from when; null: none.</summary>
    public Stamp? Planted { get; init; }

    /// <summary>When it was started; null before.</summary>
    public double? StartedAt { get; init; }

    /// <summary>When it was stopped; null while it runs.</summary>
    public double? StoppedAt { get; init; }

    /// <summary>Seconds from the planted fault to the word that caught it; null: not caught.</summary>
    public double? CaughtAfter { get; init; }

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
        var tallies = new Dictionary<(int, Side), (double Repetitions, double Seconds)>();
        var faults = new List<(MarkId Id, Stamp Stamp)>();
        var felt = new List<Felt>();
        var notes = new List<SaidNote>();
        var whys = new Dictionary<string, string>(StringComparer.Ordinal);
        Stamp? planted = null;
        double? caughtAt = null;
        double? startedAt = null;
        var critical = new List<string>();
        bool started = false,
            stopped = false,
            moved = false,
            wrongSide = false,
            interrupted = false;
        Side? tighter = null;
        var unseen = new List<string>();
        var slips = new List<(MarkId Id, string Criterion, double At)>();
        var mended = new Dictionary<MarkId, double>();
        var end = new StopLine(ordered);
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
                    startedAt ??= at;
                    break;
                case MarkKind.Rep or MarkKind.Press when end.IsBefore(e):
                    break;
                case MarkKind.Rep:
                    moved = true;
                    List(taps, key).Add(at);
                    break;
                case MarkKind.Press:
                    moved = true;
                    open[key] = at;
                    break;
                // A release without its press (the press was undone, or lies on another device) is nothing; a hold ends at the stop.
                case MarkKind.Release:
                    var until = end.IsBefore(e) ? Math.Min(at, end.AtSeconds) : at;
                    if (open.Remove(key, out var from) && until > from)
                        List(holds, key).Add(new(from, until));
                    break;
                case MarkKind.Mark:
                    if (e is { Target: { } criterion, Value: { } value })
                    {
                        marks[criterion] = value;
                        unseen.Remove(criterion);
                        whys.Remove(criterion);
                        if (!string.IsNullOrWhiteSpace(e.Note))
                            whys[criterion] = e.Note;
                    }
                    break;
                case MarkKind.Unseen:
                    if (e.Target is { } hidden && !unseen.Contains(hidden))
                    {
                        unseen.Add(hidden);
                        marks.Remove(hidden);
                        whys.Remove(hidden);
                    }
                    break;
                case MarkKind.Slip:
                    if (e.Target is { } slipped)
                        slips.Add((e.Id, slipped, at));
                    break;
                case MarkKind.Mended:
                    if (MarkId.Of(e.Target) is { } slip)
                        mended.TryAdd(slip, at);
                    break;
                case MarkKind.Tighter:
                    if (!moved)
                        tighter = e.Side;
                    break;
                case MarkKind.WrongSide:
                    wrongSide = true;
                    break;
                case MarkKind.Interrupted:
                    interrupted = true;
                    break;
                case MarkKind.Fault:
                    if (e.Target is { } fault)
                        faults.Add((e.Id, new(fault, e.Step, at)));
                    break;
                case MarkKind.Said:
                    if (ClosedList.Of<Feeling>(e.Target) is { } feeling && e.Value is { } degree)
                        felt.Add(new(feeling, degree, at));
                    break;
                case MarkKind.Note:
                    if (e.Note is { } words)
                        notes.Add(new(words, at));
                    break;
                case MarkKind.Planted:
                    if (e.Target is { } shown)
                        (planted, caughtAt) = (new(shown, e.Step, at), null);
                    break;
                case MarkKind.Caught:
                    if (planted is not null && at >= planted.AtSeconds)
                        caughtAt ??= at;
                    break;
                case MarkKind.Tally:
                    if (e.Value is { } counted)
                    {
                        var before = tallies.GetValueOrDefault(key);
                        tallies[key] = e.Target == "seconds" ? (before.Repetitions, counted) : (counted, before.Seconds);
                    }
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
        var keys = taps.Keys.Concat(holds.Keys).Concat(open.Keys).Concat(tallies.Keys).Distinct().Order();
        double? MendedAfter(MarkId id, double at) => mended.TryGetValue(id, out var m) && m >= at ? m - at : null;
        return new(
            [
                .. keys.Select(k => new Track(
                    k.Item1,
                    k.Item2,
                    taps.GetValueOrDefault(k) ?? [],
                    holds.GetValueOrDefault(k) ?? [],
                    open.TryGetValue(k, out var since) ? since : null,
                    tallies.GetValueOrDefault(k).Repetitions,
                    tallies.GetValueOrDefault(k).Seconds
                )),
            ],
            marks,
            [.. faults.Select(f => f.Stamp with { MendedAfter = MendedAfter(f.Id, f.Stamp.AtSeconds) })],
            critical,
            started,
            stopped,
            last,
            unseen,
            [.. slips.OrderBy(s => s.At).Select(s => new Slip(s.Criterion, s.At, MendedAfter(s.Id, s.At)))],
            tighter,
            wrongSide,
            interrupted
        )
        {
            Felt = felt,
            Notes = notes,
            Whys = whys,
            Planted = planted,
            StartedAt = startedAt,
            StoppedAt = stopped ? end.AtSeconds : null,
            CaughtAfter = caughtAt - planted?.AtSeconds,
        };
    }

    /// <summary>Where the demonstration was stopped: on the device that did it by its counter, on others by the clock.</summary>
    private sealed class StopLine
    {
        private readonly Dictionary<string, int> _counter = new(StringComparer.Ordinal);
        private readonly long _atMs = long.MaxValue;

        public StopLine(IEnumerable<MarkEvent> events)
        {
            foreach (var stop in events.Where(e => e.Kind == MarkKind.Stop))
            {
                _counter.TryAdd(stop.Device, stop.Counter);
                _atMs = Math.Min(_atMs, stop.AtMs);
            }
        }

        public double AtSeconds => _atMs / 1000.0;

        /// <summary>Whether the stop came before an event.</summary>
        public bool IsBefore(MarkEvent e) => _counter.TryGetValue(e.Device, out var counter) ? e.Counter > counter : e.AtMs > _atMs;
    }

    /// <summary>Events that were taken back. An undo that is itself undone takes nothing back; an event cannot undo itself.</summary>
    private static HashSet<MarkId> Undone(List<MarkEvent> events)
    {
        var undone = new HashSet<MarkId>();
        foreach (var undo in events.Where(e => e.Kind == MarkKind.Undo).OrderByDescending(e => e.Arrival).ThenByDescending(e => e.Counter))
            if (!undone.Contains(undo.Id) && MarkId.Of(undo.Target) is { } target && target != undo.Id)
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
