using Wexis.Core.Examinations;
using Wexis.Core.Measures;

namespace Wexis.Core.Grading;

/// <summary>
/// One mark as it was given: appended, never changed. Within a device the counter orders events, between devices their arrival.
/// Holds ids only, so that a person can be erased without touching a mark.
/// </summary>
/// <param name="AtMs">Milliseconds since the demonstration was opened on the device, from one monotonic clock.</param>
/// <param name="Value">For a mark 0 to 3, for a feeling 0 to 10, for a tally repetitions or seconds.</param>
/// <param name="Target">Criterion, fault, critical act, feeling, film, or the event that is undone or mended.</param>
/// <param name="Arrival">Order in which the server stored it; 0 while it waits.</param>
public sealed record MarkEvent(
    MarkId Id,
    MarkKind Kind,
    string Device,
    int Counter,
    long AtMs,
    int? Step,
    Side? Side,
    string? Target,
    double? Value,
    string? Note,
    long Arrival
);

/// <summary>The kinds of event. The family is complete here.</summary>
[ClosedList]
public enum MarkKind
{
    Start,
    Rep,
    Press,
    Release,
    Fault,
    Mark,
    Critical,
    Undo,
    Stop,

    /// <summary>A criterion could not be seen; a mark given later stands above it.</summary>
    Unseen,

    /// <summary>A slip against a criterion, which may be mended.</summary>
    Slip,

    /// <summary>A slip or a stamped fault was mended by the one who made it; the target is its id.</summary>
    Mended,

    /// <summary>A tighter side, declared before the first movement.</summary>
    Tighter,

    /// <summary>A right thing on the wrong side: the dose counts, cueing is marked 2 at most.</summary>
    WrongSide,

    /// <summary>Something from outside interrupted: it does not count as an attempt.</summary>
    Interrupted,

    /// <summary>What the trainee says they feel: target tremble, warmth or tenderness, value 0 to 10.</summary>
    Said,

    /// <summary>A note in words, at its second.</summary>
    Note,

    /// <summary>The fault in the target is shown on purpose from here on.</summary>
    Planted,

    /// <summary>The planted fault was caught.</summary>
    Caught,

    /// <summary>What was counted on paper for a step and side: value in repetitions, or in seconds where the target is seconds.</summary>
    Tally,

    /// <summary>
    /// A film is graded: the target is its SHA-256 in hexadecimal, the note its file name. The film itself stays where it is.
    /// </summary>
    Film,
}

/// <summary>Where something was graded: at a station of an examination, in a lesson, or in practice.</summary>
[ClosedList]
public enum DemonstrationOrigin
{
    Station,
    Lesson,
    Practice,
}

/// <summary>What a trainee can be asked while they show something.</summary>
[ClosedList]
public enum Feeling
{
    Tremble,
    Warmth,
    Tenderness,
}

/// <summary>Whether a mark may be given on a sheet.</summary>
public static class MarkRules
{
    public static IReadOnlyList<Issue> Issues(MarkEvent given, MarkSheet sheet)
    {
        ArgumentNullException.ThrowIfNull(given);
        ArgumentNullException.ThrowIfNull(sheet);
        var found = new List<Issue?>
        {
            Check.Between(given.AtMs, 0, 24 * 3600_000, "at_ms", "ms"),
            Check.Between(given.Counter, 0, int.MaxValue, "counter"),
            Check.Given(given.Device, "device", "the device's id"),
            Check.NoLongerThan(given.Device, 60, "device"),
            Check.NoLongerThan(given.Note, 500, "note"),
        };
        if (given.Kind is MarkKind.Rep or MarkKind.Press or MarkKind.Release or MarkKind.Tally)
        {
            var step = given.Step is { } n ? sheet.Steps.FirstOrDefault(s => s.Index == n) : null;
            if (step is null)
                found.Add(new("step", IssueCodes.Unknown, given.Step?.ToString() ?? "none", $"0 to {sheet.Steps.Count - 1}"));
            else
                found.Add(
                    given.Side is null
                        ? new("side", IssueCodes.Missing, "", string.Join(" or ", step.Columns.Select(c => c.Word())))
                        : Check.OneOf(given.Side?.Word(), step.Columns.Select(c => c.Word()), "side")
                );
        }
        if (given.Kind == MarkKind.Mark)
        {
            var criterion = sheet.Criteria.FirstOrDefault(c => c.Id == given.Target);
            if (criterion is null)
                found.Add(new("target", IssueCodes.Unknown, given.Target ?? "none", "a criterion of this sheet"));
            else if (given.Value is not { } v)
                found.Add(new("value", IssueCodes.Missing, "", "0, 1, 2 or 3"));
            else if (criterion.Kind == CriterionKind.Done ? v is not (0 or 3) : v is not (0 or 1 or 2 or 3))
                found.Add(
                    new(
                        "value",
                        IssueCodes.OutOfRange,
                        $"{v:0.##}",
                        criterion.Kind == CriterionKind.Done ? "0 (not done) or 3 (done)" : "0, 1, 2 or 3"
                    )
                );
        }
        if (given.Kind is MarkKind.Unseen or MarkKind.Slip && sheet.Criteria.All(c => c.Id != given.Target))
            found.Add(new("target", IssueCodes.Unknown, given.Target ?? "none", "a criterion of this sheet"));
        if (given.Kind == MarkKind.Tighter && given.Side is not (Side.Left or Side.Right))
            found.Add(new("side", IssueCodes.Unknown, given.Side?.Word() ?? "none", "left or right"));
        if (given.Kind == MarkKind.Critical)
            found.Add(Check.OneOf(given.Target, sheet.CriticalActs.Select(a => a.Id), "target"));
        if (given.Kind is MarkKind.Fault)
            found.Add(Check.OneOf(given.Target, sheet.Faults.Select(f => f.Id), "target"));
        if (given.Kind == MarkKind.Said)
        {
            found.Add(Check.OneOf(given.Target, ClosedList.All<Feeling>(), "target"));
            found.Add(given.Value is { } felt ? Check.Between(felt, 0, 10, "value") : new("value", IssueCodes.Missing, "", "0 to 10"));
        }
        if (given.Kind == MarkKind.Tally)
        {
            found.Add(
                given.Value is { } n ? Check.Between(n, 0, 3600, "value") : new("value", IssueCodes.Missing, "", "how much was counted")
            );
            if (given.Target is not (null or "seconds"))
                found.Add(new("target", IssueCodes.Unknown, given.Target, "seconds, or nothing for repetitions"));
        }
        if (given.Kind == MarkKind.Note)
            found.Add(Check.Given(given.Note, "note", "what was seen"));
        if (given.Kind == MarkKind.Planted)
            found.Add(Check.OneOf(given.Target, sheet.Faults.Select(f => f.Id), "target"));
        if (given.Kind == MarkKind.Film && !(given.Target is { Length: 64 } hash && hash.All(char.IsAsciiHexDigitLower)))
            found.Add(new("target", IssueCodes.Unknown, given.Target ?? "none", "the SHA-256 of the film, 64 hexadecimal digits"));
        if (given.Kind is MarkKind.Undo or MarkKind.Mended && MarkId.Of(given.Target) is null)
            found.Add(new("target", IssueCodes.Unknown, given.Target ?? "none", "the id of an earlier event"));
        return [.. found.OfType<Issue>()];
    }
}
