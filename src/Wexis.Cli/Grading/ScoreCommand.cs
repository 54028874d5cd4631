using System.CommandLine;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;

namespace Wexis.Cli.Grading;

/// <summary>A mark that may not be given on this sheet, and why; it does not count.</summary>
public sealed record RefusedMark(string Id, IReadOnlyList<string> Why);

/// <summary>One line of the sum.</summary>
/// <param name="Weight">After what could not be seen was spread.</param>
/// <param name="Earned">Percentage points of the whole.</param>
public sealed record ScoreLine(
    string Criterion,
    string Text,
    Domain Domain,
    double Weight,
    double? Mark,
    MarkSource From,
    double? Value,
    double Earned,
    double Lost,
    bool SafetyMissed,
    string? Why
);

/// <summary>What is printed of a demonstration.</summary>
public sealed record PrintedScore(
    string Schema,
    Decision Decision,
    double Percent,
    double PassLine,
    bool Merit,
    bool CountsAsAttempt,
    string Headline,
    IReadOnlyList<string> Reasons,
    IReadOnlyDictionary<string, double?> Marks,
    IReadOnlyList<ScoreLine> Lines,
    IReadOnlyList<DomainScore> Domains,
    IReadOnlyList<TrackMeasure> Measures,
    IReadOnlyList<ShownDose> Shown,
    IReadOnlyList<string> Unmarked,
    IReadOnlyList<string> Unseen,
    IReadOnlyList<string> CriticalActs,
    IReadOnlyList<RefusedMark> Refused
);

public sealed record ScoreRefusal(string Schema, string File, string Status, IReadOnlyList<string> Errors);

/// <summary>
/// <c>demonstrations score FILE</c>: a sheet and its events in; measures, marks, percent, decision and reasons out, as JSON. Ends with 0,
/// or with 2 when the file could not be read; a mark that may not be given is named and does not count.
/// </summary>
public static class ScoreCommand
{
    public const string Form = "wexis.score/1";

    public static Command Make()
    {
        var file = new Argument<FileInfo>("file") { Description = "A mark sheet (or a technique) with its events." };
        var command = new Command("score", "Prints measures, marks, percent, decision and reasons as JSON; stores nothing.") { file };
        command.SetAction(parsed => Run(parsed.GetValue(file)!));
        return command;
    }

    private static int Run(FileInfo file)
    {
        if (DemonstrationFile.Open(file, Form) is not { } read)
            return 2;
        var (sheet, state, score, refused, atlas) = read;
        var total = score.Criteria.Sum(c => c.Weight ?? 0);
        Report.Print(
            new PrintedScore(
                Form,
                score.Decision,
                score.Percent,
                sheet.PassLine,
                score.Merit,
                score.CountsAsAttempt,
                DemonstrationResult.Of(score, sheet, state, atlas).Headline,
                score.Reasons,
                score.Criteria.ToDictionary(c => c.Criterion.Id, c => c.Mark, StringComparer.Ordinal),
                [
                    .. score.Criteria.Select(c => new ScoreLine(
                        c.Criterion.Id,
                        c.Criterion.Text,
                        c.Criterion.Domain,
                        c.Weight ?? 0,
                        c.Mark,
                        c.From,
                        c.Value,
                        total > 0 ? (c.Weight ?? 0) * (c.Mark ?? 0) / 3 / total * 100 : 0,
                        c.Lost,
                        c.SafetyMissed,
                        c.Why
                    )),
                ],
                score.Domains,
                score.Tracks,
                score.Shown ?? [],
                score.Unmarked,
                state.Unseen,
                score.CriticalActs,
                refused
            )
        );
        return 0;
    }
}
