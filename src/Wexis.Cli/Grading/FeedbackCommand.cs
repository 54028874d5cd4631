using System.CommandLine;
using Wexis.Core.Measures;
using Wexis.Core.Results;

namespace Wexis.Cli.Grading;

/// <summary>What is printed for a trainee.</summary>
public sealed record PrintedFeedback(
    string Schema,
    Decision Decision,
    string Headline,
    IReadOnlyList<KeepLine> Keep,
    IReadOnlyList<ChangeLine> Change,
    IReadOnlyList<string> Practise,
    IReadOnlyList<string> Numbers,
    string Next,
    ResitPlan? Resit,
    IReadOnlyList<RefusedMark> Refused
);

/// <summary>
/// <c>demonstrations feedback FILE</c>: a sheet and its events in; what a trainee is told out, as JSON. Ends with 0, or with 2 when the
/// file could not be read.
/// </summary>
public static class FeedbackCommand
{
    public const string Form = "wexis.feedback/1";

    public static Command Make()
    {
        var file = new Argument<FileInfo>("file") { Description = "A mark sheet (or a technique) with its events." };
        var command = new Command("feedback", "Prints what to keep, what to change and what to practise, as JSON; stores nothing.")
        {
            file,
        };
        command.SetAction(parsed => Run(parsed.GetValue(file)!));
        return command;
    }

    private static int Run(FileInfo file)
    {
        if (DemonstrationFile.Open(file, Form) is not { } read)
            return 2;
        var (sheet, state, score, refused, atlas) = read;
        var told = TraineeFeedback.Of(score, sheet, state);
        Report.Print(
            new PrintedFeedback(
                Form,
                score.Decision,
                DemonstrationResult.Of(score, sheet, state, atlas).Headline,
                told.Keep,
                told.Change,
                [.. told.Change.Select(c => c.Practise).Distinct()],
                told.Numbers,
                told.Next,
                ResitPlan.Of(score, sheet, told),
                refused
            )
        );
        return 0;
    }
}
