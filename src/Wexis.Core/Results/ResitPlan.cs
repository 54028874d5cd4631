using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Core.Results;

/// <summary>One thing to show again.</summary>
/// <param name="Step">Number of the step; null for what is about the whole.</param>
/// <param name="Criteria">Ids of the criteria that are marked anew.</param>
/// <param name="Words">What is shown again, in a sentence.</param>
/// <param name="Gain">Points of 100 that it can bring.</param>
/// <param name="Seconds">About how long it takes.</param>
/// <param name="Must">Without it nothing turns the decision.</param>
public sealed record ResitItem(int? Step, IReadOnlyList<string> Criteria, string Words, double Gain, double Seconds, bool Must);

/// <summary>
/// The smallest that could turn a decision that is not a pass: as few things as possible, then as little time. What must be shown again
/// (a missed safety criterion, a side that was not shown, what could not be seen where that stands in the way) is taken; of the rest
/// those that bring most. That no smaller one can do it follows by exchange, and is held by trying all of them in the tests.
/// See docs/method.md#resit.
/// </summary>
/// <param name="Whole">All of it has to be shown again: a critical act, or nothing less is enough.</param>
/// <param name="PercentThen">What the total could come to.</param>
/// <param name="Practise">What is practised before.</param>
/// <param name="AfterDays">Days of practice before it is shown again.</param>
public sealed record ResitPlan(
    bool Whole,
    IReadOnlyList<ResitItem> Items,
    double PercentThen,
    IReadOnlyList<string> Practise,
    int AfterDays
)
{
    /// <summary>What a thing takes that is said or laid out, in seconds (custom, no source).</summary>
    private const double SaidSeconds = 60;

    /// <returns>Null where it was passed or is still open, and for what was seen in passing.</returns>
    public static ResitPlan? Of(Score score, MarkSheet sheet, TraineeFeedback told)
    {
        ArgumentNullException.ThrowIfNull(score);
        ArgumentNullException.ThrowIfNull(sheet);
        ArgumentNullException.ThrowIfNull(told);
        if (score.Decision is Decision.Pass or Decision.Open || sheet.Kind == DemonstrationKind.Everyday)
            return null;
        var practise = told.Change.Select(c => c.Practise).Distinct().ToList();
        var all = ItemsOf(score, sheet);
        // A correction is one act: nobody mends half of a fault.
        if (score.CriticalActs.Count > 0 || sheet.Kind == DemonstrationKind.Correction)
            return new(true, [], 100, practise, TraineeFeedback.Days);
        var chosen = all.Where(i => i.Must).ToList();
        var reached = score.Percent + chosen.Sum(i => i.Gain);
        foreach (var item in all.Where(i => !i.Must).OrderByDescending(i => i.Gain).ThenBy(i => i.Seconds))
        {
            if (reached >= sheet.PassLine - 1e-9)
                break;
            chosen.Add(item);
            reached += item.Gain;
        }
        return new(
            chosen.Count == all.Count && all.Count > 1,
            [.. all.Where(chosen.Contains)],
            Math.Min(100, reached),
            practise,
            TraineeFeedback.Days
        );
    }

    /// <summary>All that can be shown again: each step with its criteria, and each line that is about the whole.</summary>
    public static IReadOnlyList<ResitItem> ItemsOf(Score score, MarkSheet sheet)
    {
        var tooLittle = (score.Shown ?? []).Where(s => s.IsTooLittle).Select(s => s.Step).ToHashSet();
        // What could not be seen has to be seen where it stands in the way of a decision.
        var unseen = score.Decision == Decision.LookAgain;
        var items = new List<ResitItem>();
        foreach (
            var group in score
                .Criteria.Where(c => c.Criterion.Weight > 0)
                .GroupBy(c => c.Criterion.Step ?? Score.SeenIn(c.Criterion, sheet))
        )
            if (group.Key is { } number && sheet.Steps.FirstOrDefault(s => s.Index == number) is { } step)
                items.Add(
                    Item(
                        number,
                        [.. group],
                        $"Show {(step.Part ?? sheet.TechniqueName).Trim()}"
                            + $"{(sheet.Steps.Count > 1 && step.Part is null ? $", step {number + 1}" : "")} "
                            + $"again{(step.Columns.Count == 2 ? ", on both sides" : "")}.",
                        step.Seconds.Standard * step.Columns.Count,
                        tooLittle.Contains(number),
                        unseen
                    )
                );
            else
                items.AddRange(
                    group.Select(c =>
                        Item(null, [c], $"Show again {FeedbackPhrases.Again(c.Criterion.Topic)}.", SaidSeconds, false, unseen)
                    )
                );
        return [.. items.Where(i => i.Gain > 1e-9 || i.Must)];
    }

    private static ResitItem Item(int? step, List<ScoredCriterion> criteria, string words, double seconds, bool must, bool unseen) =>
        new(
            step,
            [.. criteria.Select(c => c.Criterion.Id)],
            words,
            criteria.Sum(c => c.Lost),
            seconds,
            must || criteria.Exists(c => c.SafetyMissed || (unseen && c.From == MarkSource.Unseen))
        );
}
