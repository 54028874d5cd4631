using System.Collections.Immutable;
using Microsoft.Extensions.Caching.Memory;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Data.Grading;

namespace Wexis.Server.Grading;

/// <summary>
/// A demonstration that is being graded. Whose it is and by which revision of the sheet never changes; its marks are only added to.
/// </summary>
public sealed class OpenDemonstration(PersonId assessor, MarkSheet sheet, DateTimeOffset openedAt, bool film)
{
    private readonly Lock _lock = new();
    private ImmutableList<MarkEvent>? _marks;

    public PersonId AssessorId => assessor;
    public MarkSheet Sheet => sheet;

    /// <summary>Minutes by which a device's clock may run ahead.</summary>
    private const int Ahead = 30;

    private volatile bool _film = film;

    /// <summary>
    /// Whether a mark lies in the future: its second is later than the demonstration has been open. Seconds of a film are not of the day.
    /// </summary>
    public bool IsFuture(MarkEvent mark, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(mark);
        _film |= mark.Kind == MarkKind.Film;
        return !_film && mark.AtMs > (now - openedAt).TotalMilliseconds + (Ahead * 60_000);
    }

    /// <summary>
    /// All marks after one was stored, when those remembered are all that were stored before it; else null: read them again.
    /// </summary>
    /// <param name="before">Marks in the store before this one.</param>
    public IReadOnlyList<MarkEvent>? With(MarkEvent mark, int before)
    {
        lock (_lock)
            return _marks?.Count == before ? _marks = _marks.Add(mark) : null;
    }

    public IReadOnlyList<MarkEvent> Remember(IReadOnlyList<MarkEvent> read)
    {
        lock (_lock)
            return _marks = [.. read];
    }
}

/// <summary>
/// Remembers what does not change while somebody grades, so that a mark costs one statement and one fold. The store decides:
/// it says how many marks it had, and where that is not what is remembered, they are read again.
/// </summary>
public sealed class GradingDesk(DemonstrationStore demonstrations, IMemoryCache known)
{
    private static readonly TimeSpan Remembered = TimeSpan.FromMinutes(30);
    private const int Weight = 4;

    /// <summary>Null when there is no such demonstration.</summary>
    public async Task<OpenDemonstration?> Find(DemonstrationId id, CancellationToken ct)
    {
        var key = (nameof(OpenDemonstration), id);
        if (known.TryGetValue(key, out OpenDemonstration? open))
            return open;
        if (await demonstrations.ById(id, ct) is not { } d || await demonstrations.SheetOf(id, ct) is not { } sheet)
            return null;
        var film = (await demonstrations.EventsOf(id, ct)).Any(e => e.Kind == MarkKind.Film);
        using var entry = known.CreateEntry(key);
        var found = new OpenDemonstration(d.AssessorId, sheet, d.OpenedAt, film);
        entry.SetValue(found).SetSize(Weight).SetSlidingExpiration(Remembered);
        return found;
    }

    /// <summary>Stores a mark; with it, when it is stored, all marks of the demonstration.</summary>
    public async Task<(AppendOutcome Outcome, IReadOnlyList<MarkEvent> Marks)> Append(
        DemonstrationId id,
        OpenDemonstration open,
        MarkEvent mark,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(open);
        ArgumentNullException.ThrowIfNull(mark);
        var appended = await demonstrations.Append(id, mark, by, now, ct);
        if (appended.Outcome != AppendOutcome.Stored)
            return (appended.Outcome, []);
        var marks = appended.Arrival is { } arrival ? open.With(mark with { Arrival = arrival }, appended.Before) : null;
        return (AppendOutcome.Stored, marks ?? open.Remember(await demonstrations.EventsOf(id, ct)));
    }
}
