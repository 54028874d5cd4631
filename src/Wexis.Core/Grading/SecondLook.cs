using System.Globalization;
using Wexis.Core.Examinations;
using Wexis.Core.Measures;

namespace Wexis.Core.Grading;

/// <summary>What one sheet holds of a criterion.</summary>
/// <param name="Seen">What was logged for it: values, stamps, notes, in short sentences.</param>
public sealed record LookEvidence(double? Mark, MarkSource From, double? Value, IReadOnlyList<string> Seen);

/// <summary>One criterion on two sheets.</summary>
/// <param name="Apart">Levels between the marks; null where one could not see it.</param>
/// <param name="Differs">Beyond tolerance: it has to be settled.</param>
public sealed record LookLine(
    string Criterion,
    string Text,
    bool SafetyCritical,
    IReadOnlyList<string> Anchors,
    LookEvidence First,
    LookEvidence Second,
    double? Apart,
    bool Differs
);

/// <summary>A critical act that one sheet has and the other has not.</summary>
public sealed record ActInDispute(string Id, string Text, bool InFirst, bool InSecond);

/// <summary>
/// Two sheets of one demonstration, given without sight of each other. They differ where a criterion is more than one level apart,
/// the totals more than ten points, one has a critical act that the other has not, or their decisions are not the same; both numbers are
/// settings. See docs/method.md#second-look.
/// </summary>
/// <param name="PointsApart">Between the totals.</param>
/// <param name="Why">Why they differ, in sentences; empty where the first stands.</param>
public sealed record SecondLook(
    IReadOnlyList<LookLine> Lines,
    IReadOnlyList<ActInDispute> Acts,
    double FirstPercent,
    double SecondPercent,
    Decision FirstDecision,
    Decision SecondDecision,
    double PointsApart,
    IReadOnlyList<string> Why
)
{
    public bool Differs => Why.Count > 0;

    public static SecondLook Of(
        (Score Score, SheetState State) first,
        (Score Score, SheetState State) second,
        MarkSheet sheet,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(sheet);
        ArgumentNullException.ThrowIfNull(settings);
        var lines = sheet
            .Criteria.Select(c =>
            {
                var (a, b) = (Evidence(c, first, sheet), Evidence(c, second, sheet));
                double? apart = a.Mark is { } x && b.Mark is { } y ? Math.Abs(x - y) : null;
                var met = (Met(c, a), Met(c, b));
                return new LookLine(
                    c.Id,
                    c.Text,
                    c.SafetyCritical,
                    c.Anchors,
                    a,
                    b,
                    apart,
                    apart > settings.LookLevels + 1e-9 || (met.Item1 is { } one && met.Item2 is { } two && one != two)
                );
            })
            .ToList();
        var acts = sheet
            .CriticalActs.Select(a => new ActInDispute(
                a.Id,
                a.Text,
                first.Score.CriticalActs.Contains(a.Id),
                second.Score.CriticalActs.Contains(a.Id)
            ))
            .Where(a => a.InFirst != a.InSecond)
            .ToList();
        var points = Math.Abs(first.Score.Percent - second.Score.Percent);
        return new(
            lines,
            acts,
            first.Score.Percent,
            second.Score.Percent,
            first.Score.Decision,
            second.Score.Decision,
            points,
            [.. Reasons(lines, acts, first.Score, second.Score, points, settings)]
        );
    }

    private static IEnumerable<string> Reasons(
        List<LookLine> lines,
        List<ActInDispute> acts,
        Score first,
        Score second,
        double points,
        HouseSettings settings
    )
    {
        if (lines.Count(l => l.Differs) is > 0 and var n)
            yield return n == 1 ? "One criterion was marked differently." : $"{n} criteria were marked differently.";
        foreach (var act in acts)
            yield return $"Only {(act.InFirst ? "the first" : "the second")} sheet has this: {act.Text.TrimEnd('.')}.";
        // What the first could not see is not held against the second: where they agree on the rest, it fills the gaps.
        if (first.Decision == Decision.LookAgain)
            yield break;
        if (points > settings.LookPoints + 1e-9)
            yield return $"The totals are {points:0.0} points apart; up to {settings.LookPoints:0.#} is usual.";
        if (first.Decision != second.Decision)
            yield return "The two sheets come to different decisions.";
    }

    /// <summary>A sheet with marks that stand in place of those that were given.</summary>
    /// <param name="marks">0 to 3 by criterion.</param>
    /// <param name="acts">Critical acts that stand; null leaves them.</param>
    public static SheetState Standing(SheetState first, IReadOnlyDictionary<string, double> marks, IReadOnlyList<string>? acts)
    {
        ArgumentNullException.ThrowIfNull(first);
        ArgumentNullException.ThrowIfNull(marks);
        var all = new Dictionary<string, double>(first.Marks, StringComparer.Ordinal);
        foreach (var (criterion, mark) in marks)
            all[criterion] = mark;
        return first with
        {
            Marks = all,
            Unseen = [.. first.Unseen.Where(c => !marks.ContainsKey(c))],
            CriticalActs = acts ?? first.CriticalActs,
        };
    }

    /// <summary>Null where it could not be seen.</summary>
    private static bool? Met(Criterion c, LookEvidence e) => !c.SafetyCritical || e.Mark is null ? null : e.Mark >= 2;

    private static LookEvidence Evidence(Criterion c, (Score Score, SheetState State) of, MarkSheet sheet)
    {
        var scored = of.Score.Criteria.First(x => x.Criterion.Id == c.Id);
        return new(scored.Mark, scored.From, scored.Value, [.. Seen(c, scored, of.State, sheet)]);
    }

    private static IEnumerable<string> Seen(Criterion c, ScoredCriterion scored, SheetState state, MarkSheet sheet)
    {
        if (scored.From == MarkSource.Unseen)
            yield return "could not be seen";
        if (scored.Value is { } value && c.Measure is { } m)
            yield return $"measured {Number(value)}{(m.Unit is { Length: > 0 } unit ? $" {unit}" : "")}, wanted {Number(m.Low)} to "
                + $"{Number(m.High)}";
        if (state.Whys.TryGetValue(c.Id, out var why) && !string.IsNullOrWhiteSpace(why))
            yield return why;
        foreach (var stamp in state.Faults)
            if (
                sheet.Faults.FirstOrDefault(f => f.Id == stamp.Fault) is { } fault
                && fault.Topic == c.Topic
                && (c.Step is null || stamp.Step is null || c.Step == stamp.Step)
            )
                yield return $"{Clock(stamp.AtSeconds)} {fault.Text}{(stamp.MendedAfter is { } s ? $", mended after {s:0} s" : "")}";
        foreach (var slip in state.Slips.Where(s => s.Criterion == c.Id))
            yield return $"{Clock(slip.AtSeconds)} a slip{(slip.MendedAfter is { } s ? $", mended after {s:0} s" : "")}";
        if (scored.Why is { } because && scored.From != MarkSource.Unseen)
            yield return because;
    }

    /// <summary>A ratio to the hundredth, anything larger to the tenth.</summary>
    private static string Number(double value) => value.ToString(Math.Abs(value) < 2 ? "0.##" : "0.#", CultureInfo.InvariantCulture);

    private static string Clock(double seconds) => $"{(int)seconds / 60}:{(int)seconds % 60:00}";
}
