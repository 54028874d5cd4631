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
/// What was decided, and why, and what the trainee is told of it.
/// </summary>
/// <param name="Feedback">All that is told, sentence by sentence.</param>
/// <param name="Resit">The smallest that could turn the decision; null where it was passed, and in results of before.</param>
/// <param name="Told">The same in its parts; null in results of before.</param>
public sealed record DemonstrationResult(
    Score Score,
    double PassLine,
    string Headline,
    IReadOnlyList<string> Feedback,
    IReadOnlyList<MeasuredLine> Measured,
    IReadOnlyList<LostOnStructure> Lost,
    IReadOnlyList<LostOnZone> LostZones,
    double WorkingSeconds,
    double TalkSeconds,
    TraineeFeedback? Told = null,
    ResitPlan? Resit = null
)
{
    public static DemonstrationResult Of(Score score, MarkSheet sheet, SheetState state, Atlas atlas)
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
        var told = TraineeFeedback.Of(score, sheet, state);
        return new(
            score,
            sheet.PassLine,
            HeadlineOf(score, sheet),
            told.Sentences,
            measured,
            LostBy(score, sheet, atlas),
            ZonesBy(score, sheet, atlas),
            score.Tracks.Sum(t => t.WorkingSeconds),
            score.Tracks.Sum(t => t.TalkSeconds),
            told,
            ResitPlan.Of(score, sheet, told)
        );
    }

    private static string HeadlineOf(Score score, MarkSheet sheet) =>
        score.Decision switch
        {
            _ when sheet.Kind == DemonstrationKind.Everyday && score.CriticalActs.Count == 0 => $"Seen in passing, {score.Percent:0.0} %",
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
}
