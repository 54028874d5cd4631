using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Core.Results;

/// <summary>
/// In which order changes are told: what can hurt, then place, direction, stillness, dose, and how it looks and is taught.
/// </summary>
[ClosedList]
public enum ChangeOrder
{
    Safety,
    Place,
    Direction,
    Stillness,
    Dose,
    Look,
}

/// <summary>Something to keep.</summary>
/// <param name="AtSeconds">Second of the demonstration from which it was seen; null where nothing was counted.</param>
public sealed record KeepLine(string Criterion, string Text, double? AtSeconds);

/// <summary>Something to change.</summary>
/// <param name="Criterion">Id of the criterion, or of the critical act.</param>
/// <param name="Text">What was seen, in whole sentences.</param>
/// <param name="Cue">What mends it.</param>
/// <param name="Feel">How to feel that it is right.</param>
/// <param name="Practise">What to practise, how much and for how long; with the trainer where it could hurt.</param>
public sealed record ChangeLine(string Criterion, ChangeOrder Order, string Text, string Cue, string Feel, string Practise);

/// <summary>
/// What a trainee is told: two things to keep, at most three to change, then the numbers. Few points and what to do next are what helps
/// (Hattie and Timperley, "The power of feedback", 2007: where am I going, how am I going, where to next; from memory). Never a criterion's
/// label as a sentence, never a practice of what is dangerous.
/// </summary>
/// <param name="Next">What comes next, in one sentence.</param>
public sealed record TraineeFeedback(
    IReadOnlyList<KeepLine> Keep,
    IReadOnlyList<ChangeLine> Change,
    IReadOnlyList<string> Numbers,
    string Next
)
{
    private const int MostKept = 2;
    private const int MostChanges = 3;
    private const double Nothing = 0.05;

    /// <summary>Days on which a technique is practised before it is shown again (custom, no source).</summary>
    internal const int Days = 5;

    private const string WithTrainer = "Do not practise this alone. Show it to your trainer first.";

    public static TraineeFeedback Of(Score score, MarkSheet sheet, SheetState state)
    {
        ArgumentNullException.ThrowIfNull(score);
        ArgumentNullException.ThrowIfNull(sheet);
        ArgumentNullException.ThrowIfNull(state);
        var changes = Changes(score, sheet, state).ToList();
        return new(
            [.. Keeps(score, sheet, state, changes).Take(MostKept)],
            changes,
            [.. FeedbackNumbers.Of(score, sheet)],
            NextOf(score, sheet, changes)
        );
    }

    /// <summary>As one text: for a list, a message, a page that knows nothing of its parts.</summary>
    public IReadOnlyList<string> Sentences =>
        [.. Keep.Select(k => k.Text), .. Change.Select(c => $"{c.Text} {c.Cue} {c.Feel} {c.Practise}"), Next];

    private static IEnumerable<ChangeLine> Changes(Score score, MarkSheet sheet, SheetState state)
    {
        var harmed = score.CriticalActs.Count > 0;
        var acts = score
            .CriticalActs.Select(id => new ChangeLine(
                id,
                ChangeOrder.Safety,
                "This must not happen: "
                    + $"{(sheet.CriticalActs.FirstOrDefault(a => a.Id == id)?.Text ?? "an unsafe act").Trim().TrimEnd('.')}.",
                FeedbackPhrases.Instead(id),
                "Nothing pulls, stings or presses, and the other one is at ease.",
                WithTrainer
            ))
            .ToList();
        // Too little of everything is told once, by the dose; what was capped for it is nobody's fault.
        var tooLittle = (score.Shown ?? []).Any(s => s.IsTooLittle);
        bool IsCapped(ScoredCriterion c) => tooLittle && state.Marks.TryGetValue(c.Criterion.Id, out var given) && given > c.Mark + 1e-9;
        // Those that cost most are told; what could hurt, and what decided, always.
        var chosen = score
            .Criteria.Where(c => c.SafetyMissed || (c.Lost > Nothing && !IsCapped(c)))
            .OrderBy(OrderOf)
            .ThenByDescending(c => c.Lost)
            .GroupBy(c => Group(c.Criterion.Topic))
            .OrderByDescending(g => g.Any(c => c.SafetyMissed))
            .ThenByDescending(g => score.Decision == Decision.NotEnoughShown && g.Key == Topic.Dose)
            .ThenByDescending(g => g.Sum(c => c.Lost))
            .Select(g => Line(g.First(), score, sheet, state, harmed));
        var told = acts.Concat(chosen).Take(MostChanges).ToList();
        return told.Concat(Stamped(sheet, state, told, harmed).Take(MostChanges - told.Count)).OrderBy(c => c.Order);
    }

    /// <summary>Faults that were stamped and cost nothing: told where there is room.</summary>
    private static IEnumerable<ChangeLine> Stamped(MarkSheet sheet, SheetState state, IReadOnlyList<ChangeLine> told, bool harmed) =>
        state
            .Faults.GroupBy(f => f.Fault)
            .OrderByDescending(g => g.Count())
            .Select(g => (Fault: sheet.Faults.FirstOrDefault(f => f.Id == g.Key), Times: g.Count(), g.First().Step))
            .Where(f => f.Fault is { } known && !told.Any(t => t.Text.Contains(known.Text, StringComparison.OrdinalIgnoreCase)))
            .Select(f =>
            {
                var mine = sheet.Criteria.FirstOrDefault(c => c.Topic == f.Fault!.Topic);
                var phrase = mine is null ? null : FeedbackPhrases.Of(mine);
                return new ChangeLine(
                    f.Fault!.Id,
                    mine is null ? ChangeOrder.Look : OrderOf(mine.Topic),
                    $"What was seen{(f.Times > 1 ? $" {FeedbackPhrases.Amount(f.Times, false)}" : "")}: "
                        + $"{f.Fault.Text.Trim().TrimEnd('.')}.",
                    f.Fault.Cue.Length > 0 ? FeedbackPhrases.Sentence(f.Fault.Cue) : phrase?.Cue ?? "Go slowly, and look in a mirror.",
                    phrase?.Feel ?? "The mirror shows it no more.",
                    harmed ? WithTrainer : phrase?.Practise ?? PractiseOf(sheet, f.Step)
                );
            });

    /// <summary>Lines that are told together: dose and balance of one demonstration are one thing to change.</summary>
    private static Topic Group(Topic topic) => topic is Topic.Dose or Topic.Balance ? Topic.Dose : topic;

    private static ChangeOrder OrderOf(ScoredCriterion c) => c.SafetyMissed ? ChangeOrder.Safety : OrderOf(c.Criterion.Topic);

    private static ChangeOrder OrderOf(Topic topic) =>
        topic switch
        {
            Topic.Screening or Topic.Comfort or Topic.Priority => ChangeOrder.Safety,
            Topic.Contact or Topic.Pressure => ChangeOrder.Place,
            Topic.Path or Topic.Finish => ChangeOrder.Direction,
            Topic.Stillness or Topic.Breath => ChangeOrder.Stillness,
            Topic.Dose or Topic.Balance or Topic.Tempo => ChangeOrder.Dose,
            _ => ChangeOrder.Look,
        };

    private static ChangeLine Line(ScoredCriterion c, Score score, MarkSheet sheet, SheetState state, bool harmed)
    {
        var topic = c.Criterion.Topic;
        var phrase = FeedbackPhrases.Of(c.Criterion);
        var why = state.Whys.GetValueOrDefault(c.Criterion.Id);
        var stamped = StampedOf(c.Criterion, sheet, state);
        var seen =
            topic is Topic.Dose or Topic.Balance ? FeedbackNumbers.DoseSaid(score, sheet)
            : topic == Topic.Tempo ? FeedbackNumbers.TempoSaid(c)
            : null;
        var text = seen ?? Filled(c.Mark >= 2 - 1e-9 ? phrase.Nearly : phrase.Wrong, c.Criterion);
        var noticed = why ?? stamped?.Fault.Text;
        if (noticed is not null)
            text +=
                $" What was seen: {noticed.Trim().TrimEnd('.')}"
                + $"{(why is null && stamped!.Value.Times > 1 ? $", {FeedbackPhrases.Amount(stamped.Value.Times, false)}" : "")}.";
        var own = FaultNamed(why, sheet)?.Cue ?? stamped?.Fault.Cue;
        return new(
            c.Criterion.Id,
            OrderOf(c),
            text,
            string.IsNullOrWhiteSpace(own) ? phrase.Cue : FeedbackPhrases.Sentence(own),
            phrase.Feel,
            harmed || (c.SafetyMissed && !IsSaidOnly(topic)) ? WithTrainer : phrase.Practise ?? PractiseOf(sheet, c.Criterion.Step)
        );
    }

    /// <summary>Lines that are practised by laying out and by saying, with no hand on anybody.</summary>
    private static bool IsSaidOnly(Topic topic) =>
        topic is Topic.Setup or Topic.Screening or Topic.Priority or Topic.Cueing or Topic.SidesSaid or Topic.Naming;

    /// <summary>The fault that was stamped most against a criterion.</summary>
    private static (SheetFault Fault, int Times)? StampedOf(Criterion c, MarkSheet sheet, SheetState state) =>
        state
            .Faults.Where(s => c.Step is null || s.Step is null || s.Step == c.Step)
            .GroupBy(s => s.Fault)
            .Select(g => (Fault: sheet.Faults.FirstOrDefault(f => f.Id == g.Key), Times: g.Count()))
            .Where(f => f.Fault?.Topic == c.Topic)
            .OrderByDescending(f => f.Times)
            .Select(f => ((SheetFault, int)?)(f.Fault!, f.Times))
            .FirstOrDefault();

    private static SheetFault? FaultNamed(string? text, MarkSheet sheet) =>
        text is null ? null : sheet.Faults.FirstOrDefault(f => f.Text == text && f.Cue.Length > 0);

    /// <summary>“Practise Rim feather: 5 times on each side, once a day on five days.”</summary>
    private static string PractiseOf(MarkSheet sheet, int? number)
    {
        var step = sheet.Steps.FirstOrDefault(s => s.Index == number) ?? (sheet.Steps.Count > 0 ? sheet.Steps[0] : null);
        var name = (step?.Part ?? sheet.TechniqueName).Trim();
        if (step is null)
            return $"Practise {name} once a day on {Days} days.";
        var inSeconds = step.Counting == Counting.Seconds;
        var amount = FeedbackPhrases.Amount(inSeconds ? step.Seconds.Standard : step.Repetitions.Standard, inSeconds);
        return $"Practise {name}: {amount}{(step.Columns.Count == 2 ? " on each side" : "")}, once a day on {Days} days.";
    }

    private static string Filled(string phrase, Criterion c) =>
        phrase.Contains("{0}", StringComparison.Ordinal)
            ? phrase.Replace("{0}", FeedbackPhrases.Said(c), StringComparison.Ordinal)
            : phrase;

    private static IEnumerable<KeepLine> Keeps(Score score, MarkSheet sheet, SheetState state, IReadOnlyList<ChangeLine> changes)
    {
        var changed = score
            .Criteria.Where(c => changes.Any(x => x.Criterion == c.Criterion.Id) || c.SafetyMissed)
            .Select(c => Group(c.Criterion.Topic))
            .ToHashSet();
        var harmed = score.CriticalActs.Count > 0;
        var good = score
            .Criteria.GroupBy(c => Group(c.Criterion.Topic))
            .Where(g => !changed.Contains(g.Key))
            // After an unsafe act nobody is praised for a touch.
            .Where(g =>
                !harmed
                || g.First().Criterion.Topic is not (Topic.Contact or Topic.Pressure or Topic.Path or Topic.Screening or Topic.Comfort)
            )
            .Select(g => (Least: g.MinBy(c => c.Mark ?? 3)!, Weight: g.Sum(c => c.Weighs), Best: g.MaxBy(c => c.Weighs)!, Group: g))
            .Where(g => g.Group.Any(c => c.Mark is not null) && g.Least.Mark >= 2 - 1e-9)
            .OrderByDescending(g => g.Least.Mark >= 3 - 1e-9)
            .ThenByDescending(g => g.Weight);
        foreach (var (_, _, best, _) in good)
        {
            var at = SeenFrom(best.Criterion, state);
            var text = Filled(FeedbackPhrases.Of(best.Criterion).Keep, best.Criterion);
            yield return new(best.Criterion.Id, at is { } s ? $"{text} (seen from {FeedbackPhrases.Clock(s)})" : text, at);
        }
    }

    /// <summary>The second, counted from the start, at which the step of a criterion was first counted.</summary>
    private static double? SeenFrom(Criterion c, SheetState state)
    {
        // What is done before the first count, or said beside it, has no second of its own.
        if (c.Step is null && c.Topic is not (Topic.Posture or Topic.Breath))
            return null;
        var seconds = state
            .Tracks.Where(t => c.Step is null || t.Step == c.Step)
            .SelectMany(t => t.TapSeconds.Concat(t.Holds.Select(h => h.FromSeconds)))
            .ToList();
        return seconds.Count > 0 ? Math.Max(0, seconds.Min() - (state.StartedAt ?? 0)) : null;
    }

    private static string NextOf(Score score, MarkSheet sheet, IReadOnlyList<ChangeLine> changes) =>
        score.Decision switch
        {
            _ when score.CriticalActs.Count > 0 => "Meet your trainer before you go on.",
            _ when sheet.Kind == DemonstrationKind.Everyday => changes.Count == 0
                ? "Go on like this."
                : "Work on the first of these until the next lesson.",
            Decision.Pass when changes.Count == 0 => "You can go on to the next technique.",
            Decision.Pass => "You passed. Take the first of these with you.",
            Decision.NotEnoughShown => "Nothing is decided yet. Show the whole dose next time.",
            Decision.LookAgain => "Someone looks at it again before it is decided.",
            Decision.Open => "It is not decided yet.",
            _ => "Work on the first of these, then show it again.",
        };
}
