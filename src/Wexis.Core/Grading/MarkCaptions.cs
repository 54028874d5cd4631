using Wexis.Core.Examinations;
using Wexis.Core.Measures;

namespace Wexis.Core.Grading;

/// <summary>The marks of a demonstration as captions of its film: what was counted, stamped, said and noted, at its second.</summary>
public static class MarkCaptions
{
    /// <summary>Seconds that a mark of a moment stays readable.</summary>
    private const double Readable = 2;

    public static IReadOnlyList<TimedLine> Of(IEnumerable<MarkEvent> events, MarkSheet sheet)
    {
        ArgumentNullException.ThrowIfNull(sheet);
        var state = SheetState.Of(events);
        return
        [
            .. state
                .Tracks.SelectMany(t =>
                    t.TapSeconds.Select((at, i) => At(at, $"{i + 1} {Where(t, sheet)}".Trim()))
                        .Concat(
                            t.Holds.Select((h, i) => new TimedLine(h.FromSeconds, h.ToSeconds, $"hold {i + 1} {Where(t, sheet)}".Trim()))
                        )
                )
                .Concat(state.Faults.Select(f => At(f.AtSeconds, $"fault: {NameOf(f, sheet)}{Mended(f)}")))
                .Concat(state.Felt.Select(f => At(f.AtSeconds, $"trainee says: {f.Feeling.Word()} {f.Value:0} of 10")))
                .Concat(state.Notes.Select(n => At(n.AtSeconds, n.Text)))
                .OrderBy(l => l.FromSeconds),
        ];
    }

    private static TimedLine At(double second, string text) => new(second, second + Readable, text);

    private static string Where(Track t, MarkSheet sheet) =>
        $"{(t.Side.IsOne() ? t.Side.Word() : "")}{(sheet.Steps.Count > 1 ? $" step {t.Step + 1}" : "")}".Trim();

    private static string NameOf(Stamp f, MarkSheet sheet) => sheet.Faults.FirstOrDefault(k => k.Id == f.Fault)?.Text ?? f.Fault;

    private static string Mended(Stamp f) => f.MendedAfter is { } s ? $" (mended after {s:0.0} s)" : "";
}
