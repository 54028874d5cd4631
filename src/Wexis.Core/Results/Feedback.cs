using Wexis.Core.Anatomy;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Core.Results;

/// <summary>Marks lost on one structure, for the face plate: percentage points of the whole.</summary>
public sealed record LostOnStructure(string Structure, string Name, double Points);

/// <summary>Marks lost over one zone where only skin is worked, for the face plate: percentage points of the whole.</summary>
public sealed record LostOnZone(string Zone, string Name, double Points);

/// <summary>One measured criterion: value against band.</summary>
public sealed record MeasuredLine(string Text, double? Value, double Low, double High, string Unit, double Mark, bool Inside);

/// <summary>
/// What a trainee is told: decision, reasons, the three things to change, one thing that went well. Plain sentences, no blame.
/// </summary>
public sealed record DemonstrationResult(
    Score Score,
    double PassLine,
    string Headline,
    IReadOnlyList<string> Feedback,
    IReadOnlyList<MeasuredLine> Measured,
    IReadOnlyList<LostOnStructure> Lost,
    IReadOnlyList<LostOnZone> LostZones,
    double WorkingSeconds,
    double TalkSeconds
)
{
    public static DemonstrationResult Of(Score score, MarkSheet sheet, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(score);
        ArgumentNullException.ThrowIfNull(sheet);
        ArgumentNullException.ThrowIfNull(atlas);
        var measured = score
            .Criteria.Where(c => c.Criterion.Measure is not null && c.Mark is not null)
            .Select(c => new MeasuredLine(
                c.Criterion.Text,
                c.Value,
                c.Criterion.Measure!.Low,
                c.Criterion.Measure.High,
                c.Criterion.Measure.Unit,
                c.Mark!.Value,
                c.Mark >= 3 - 1e-9
            ))
            .ToList();
        return new(
            score,
            sheet.PassLine,
            HeadlineOf(score, sheet),
            [.. Sentences(score, sheet)],
            measured,
            LostBy(score, sheet, atlas),
            ZonesBy(score, sheet, atlas),
            score.Tracks.Sum(t => t.WorkingSeconds),
            score.Tracks.Sum(t => t.TalkSeconds)
        );
    }

    private static string HeadlineOf(Score score, MarkSheet sheet) =>
        score.Decision switch
        {
            Decision.Pass when score.Merit => $"Passed with merit, {score.Percent:0.0} %",
            Decision.Pass => $"Passed, {score.Percent:0.0} %",
            Decision.Fail when score.CriticalActs.Count > 0 => $"Not passed: a critical act ({score.Percent:0.0} % otherwise)",
            Decision.Fail when score.Criteria.Any(c => c.SafetyMissed) && score.Percent >= sheet.PassLine =>
                $"Not passed on safety alone ({score.Percent:0.0} % otherwise)",
            Decision.Fail => $"Not passed, {score.Percent:0.0} %",
            Decision.NotEnoughShown => "Not enough shown to decide",
            Decision.LookAgain => $"To be looked at again ({score.Percent:0.0} % of what was seen)",
            _ => $"Not decided: {score.Unmarked.Count} still unmarked",
        };

    /// <summary>One correction at a time, the safety one first; then place, direction, stillness, dose (field: common practice).</summary>
    private static IEnumerable<string> Sentences(Score score, MarkSheet sheet)
    {
        var praise = score.Criteria.Where(c => c.Mark >= 3 - 1e-9).OrderByDescending(c => c.Criterion.Weight).FirstOrDefault();
        if (praise is not null)
            yield return $"Went well: {Lower(praise.Criterion.Text)}.";
        foreach (var little in (score.Shown ?? []).Where(s => s.IsTooLittle))
            yield return $"Too little was shown to judge it: {little.Words}. Show the whole dose next time; what you can do is then seen.";
        foreach (var act in score.CriticalActs)
            yield return $"Before anything else: {sheet.CriticalActs.FirstOrDefault(a => a.Id == act)?.Text ?? act} must never happen. Practise this with your trainer first.";
        var losses = score
            .Criteria.Where(c => c.Lost > 0.05)
            .OrderBy(c => c.SafetyMissed ? 0 : 1)
            .ThenByDescending(c => c.Lost)
            .Take(3)
            .ToList();
        foreach (var loss in losses)
            yield return Sentence(loss);
        foreach (var fault in score.Faults.GroupBy(f => f.Fault).OrderByDescending(g => g.Count()).Take(2))
        {
            var known = sheet.Faults.FirstOrDefault(f => f.Id == fault.Key);
            if (known is not null)
                yield return $"Seen {(fault.Count() == 1 ? "once" : $"{fault.Count()} times")}: {known.Text}.{(known.Cue.Length > 0 ? $" Try: {known.Cue}." : "")}";
        }
        var shortSide = ShortSide(score, sheet);
        if (shortSide is not null)
            yield return shortSide;
        if (score.Decision is Decision.Fail or Decision.NotEnoughShown && losses.Count > 0)
            yield return $"Next: practise {Lower(losses[0].Criterion.Text)}, then show it again.";
    }

    private static string? ShortSide(Score score, MarkSheet sheet)
    {
        foreach (var step in sheet.Steps)
        {
            if (SideBalance.Of(step, score.Tracks) is not { IsEven: false } sides)
                continue;
            if (sides.OneSideOnly)
                return $"Only the {sides.Greater.Word()} side was shown. The second side follows at once, with the same dose.";
            if (score.Criteria.Any(c => c.Criterion.Step == step.Index && c.Criterion.Topic == Topic.Balance && c.Mark < 2))
                return $"The {sides.Lesser.Word()} side was short: {sides.Words}. {(sides.InSeconds ? "Count the seconds aloud" : "Count aloud")}, and give both sides the same.";
        }
        return null;
    }

    private static string Sentence(ScoredCriterion c)
    {
        var safety = c.SafetyMissed ? "Safety first: " : "";
        if (c.Criterion.Measure is { } m && c.Value is { } v)
            return $"{safety}{c.Criterion.Text}: {v:0.##}{(m.Unit.Length > 0 ? " " + m.Unit : "")}, wanted {m.Low:0.##} to {m.High:0.##}.";
        var anchor = c.Mark is { } mark && c.Criterion.Anchors.Count > 3 ? c.Criterion.Anchors[(int)Math.Round(mark)] : "";
        var wanted = c.Criterion.Anchors.Count > 3 ? c.Criterion.Anchors[3] : "done";
        return $"{safety}{c.Criterion.Text}: {anchor}. Wanted: {wanted}.";
    }

    private static IReadOnlyList<LostOnStructure> LostBy(Score score, MarkSheet sheet, Atlas atlas) =>
        [
            .. score
                .Criteria.Where(c => c.Lost > 0 && c.Criterion.Step is not null && c.Criterion.Domain == Domain.Doing)
                .SelectMany(c =>
                {
                    var step = sheet.Steps.First(s => s.Index == c.Criterion.Step);
                    // Stillness is lost where something should have been quiet; everything else where the step works.
                    var structures =
                        c.Criterion.Topic == Topic.Stillness
                            ? step
                                .Zones.SelectMany(z => atlas.Zones.TryGetValue(z, out var zone) ? zone.Movers ?? [] : [])
                                .DefaultIfEmpty("skin")
                                .ToList()
                            : [.. step.Structures.Where(s => s != "superficial-lymph").DefaultIfEmpty("skin")];
                    return structures.Distinct().Select(s => (Structure: s, Points: c.Lost / structures.Count));
                })
                .GroupBy(x => x.Structure)
                .Select(g => new LostOnStructure(g.Key, atlas.BothNames(g.Key), g.Sum(x => x.Points)))
                .OrderByDescending(x => x.Points),
        ];

    /// <summary>Where only skin and fluid are worked no muscle can carry the loss: its zones do.</summary>
    private static IReadOnlyList<LostOnZone> ZonesBy(Score score, MarkSheet sheet, Atlas atlas) =>
        [
            .. score
                .Criteria.Where(c => c.Lost > 0 && c.Criterion.Step is not null && c.Criterion.Domain == Domain.Doing)
                .SelectMany(c =>
                {
                    var step = sheet.Steps.First(s => s.Index == c.Criterion.Step);
                    var zones = step.Structures.All(s => s is "skin" or "superficial-lymph")
                        ? step.Zones.Where(atlas.Zones.ContainsKey).ToList()
                        : [];
                    return zones.Select(z => (Zone: z, Points: c.Lost / zones.Count));
                })
                .GroupBy(x => x.Zone)
                .Select(g => new LostOnZone(g.Key, atlas.Zones[g.Key].Name, g.Sum(x => x.Points)))
                .OrderByDescending(x => x.Points),
        ];

    private static string Lower(string s) =>
        s.Length > 1 && char.IsUpper(s[0]) && !char.IsUpper(s[1]) ? char.ToLowerInvariant(s[0]) + s[1..] : s;
}
