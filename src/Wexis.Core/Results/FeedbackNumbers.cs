using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Core.Results;

/// <summary>The numbers of a demonstration in sentences. The one place that says which side got how much.</summary>
internal static class FeedbackNumbers
{
    /// <summary>Whose left and right are told: one's own, a partner's, or the group's.</summary>
    private static string SideOf(Side side, MarkSheet sheet) =>
        sheet.Kind switch
        {
            DemonstrationKind.Partner => $"your partner’s {side.Word()} side",
            DemonstrationKind.Group => $"the group’s {side.Word()} side",
            _ => $"your {side.Word()} side",
        };

    /// <summary>“On your left side you did it 3 times; 5 is the least.” Null where nothing of the dose was off.</summary>
    public static string? DoseSaid(Score score, MarkSheet sheet)
    {
        var said = new List<string>();
        foreach (var step in sheet.Steps)
        {
            var off = score
                .Criteria.Where(c =>
                    c.Criterion.Step == step.Index
                    && c is { Criterion: { Topic: Topic.Dose, Measure: not null }, Value: not null }
                    && c.Mark < 3 - 1e-9
                )
                .ToList();
            foreach (var c in off)
                said.Add(DoseOf(c, step, sheet));
            if (SideBalance.Of(step, score.Tracks) is not { IsEven: false } sides)
                continue;
            if (sides.OneSideOnly)
                said.Add($"Only {SideOf(sides.Greater, sheet)} was shown; {SideOf(sides.Lesser, sheet)} was left out.");
            else if (score.Criteria.Any(c => c.Criterion.Step == step.Index && c.Criterion.Topic == Topic.Balance && c.Mark < 3 - 1e-9))
                said.Add(
                    Capital(SideOf(sides.Lesser, sheet))
                        + $" got less: {FeedbackPhrases.Amount(sides.Less, sides.InSeconds)}, and "
                        + $"{SideOf(sides.Greater, sheet)} {FeedbackPhrases.Amount(sides.More, sides.InSeconds)}."
                );
        }
        return said.Count > 0 ? string.Join(" ", said.Distinct().Take(3)) : null;
    }

    private static string DoseOf(ScoredCriterion c, SheetStep step, MarkSheet sheet)
    {
        var m = c.Criterion.Measure!;
        var inSeconds = m.Quantity == Quantity.WorkingSeconds;
        var where = m.Column is Side.Left or Side.Right ? $"On {SideOf(m.Column.Value, sheet)} you" : "You";
        var part = step.Part is { } name ? $"{name}: " : "";
        var did = inSeconds
            ? $"worked for {FeedbackPhrases.Amount(c.Value!.Value, true)}"
            : $"did it {FeedbackPhrases.Amount(c.Value!.Value, false)}";
        if (c.Value < 0.5)
            did = "showed nothing";
        return c.Value < m.Low
            ? $"{part}{where} {did}; {Least(m, inSeconds)} is the least."
            : $"{part}{where} {did}; {Math.Floor(m.High):0}{(inSeconds ? " seconds" : "")} is the most.";
    }

    private static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];

    private static string Least(MeasureTarget m, bool inSeconds) => $"{Math.Ceiling(m.Low):0}{(inSeconds ? " seconds" : "")}";

    /// <summary>“Your beat was too fast: 34 a minute. 14 to 21 is right.”</summary>
    public static string? TempoSaid(ScoredCriterion c)
    {
        if (c.Criterion.Measure is not { } m || c.Value is not { } v || c.From == MarkSource.Judged)
            return null;
        var hold = m.Quantity == Quantity.HoldSeconds;
        var (name, off) = hold
            ? ("Your holds were", v < m.Low ? "too short" : "too long")
            : ("Your beat was", v < m.Low ? "too slow" : "too fast");
        var unit = hold ? "seconds" : "a minute";
        return $"{name} {off}: about {v:0} {unit}. {Math.Ceiling(m.Low):0} to {Math.Floor(m.High):0} is right.";
    }

    public static IEnumerable<string> Of(Score score, MarkSheet sheet)
    {
        yield return $"In all {score.Percent:0.0} of 100. The line to pass is {sheet.PassLine:0.#}.";
        foreach (var d in score.Domains)
            yield return $"{(d.Domain == Domain.Doing ? "Doing it" : "Teaching it")}: {d.Percent:0.0} of 100.";
        foreach (var t in score.Tracks)
        {
            var step = sheet.Steps.FirstOrDefault(s => s.Index == t.Step);
            var where = t.Side is Side.Left or Side.Right ? Capital(SideOf(t.Side, sheet)) : "Both sides at once";
            if (t.Side == Side.Midline)
                where = "In the middle";
            var part = sheet.Steps.Count > 1 ? $"{step?.Part ?? $"Step {t.Step + 1}"}. " : "";
            yield return step?.Counting == Counting.Seconds
                ? $"{part}{where}: {FeedbackPhrases.Amount(t.WorkingSeconds, true)} of work."
                : $"{part}{where}: {FeedbackPhrases.Amount(t.Repetitions, false)}, {FeedbackPhrases.Amount(t.WorkingSeconds, true)} "
                    + "of work.";
        }
        var talk = score.Tracks.Sum(t => t.TalkSeconds);
        if (talk >= 1)
            yield return $"{FeedbackPhrases.Amount(talk, true)} went into talk between the moves.";
        foreach (var act in score.CriticalActs)
            yield return $"A critical act ends it, whatever the rest: {sheet.CriticalActs.FirstOrDefault(a => a.Id == act)?.Text ?? act}.";
    }
}
