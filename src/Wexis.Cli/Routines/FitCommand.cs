using System.CommandLine;
using System.Text.Json;
using Wexis.Core.Measures;
using Wexis.Core.Routines;
using Wexis.Planning;

namespace Wexis.Cli.Routines;

/// <summary>Why a file was not fitted.</summary>
public sealed record FitRefusal(string Schema, string File, IReadOnlyList<string> Errors);

/// <summary>
/// <c>routines fit FILE</c>: the best choice of levels and parts within the time, proven, with what was left out and the next best, as
/// JSON. Ends with 0, or with 2 when the file could not be read; that nothing
/// fits is an answer, with the floor.
/// </summary>
public static class FitCommand
{
    public static Command Make()
    {
        var file = new Argument<FileInfo>("file")
        {
            Description = "A routine as wexis.routine/1, or the bare problem as wexis.fit-problem/1.",
        };
        var minutes = new Option<double?>("--minutes") { Description = "The time to fit to, in place of the one in the file." };
        var command = new Command("fit", "Prints the best choice within the time as JSON; stores nothing.") { file, minutes };
        command.SetAction(parsed => Run(parsed.GetValue(file)!, parsed.GetValue(minutes)));
        return command;
    }

    private static int Run(FileInfo file, double? minutes)
    {
        if (IsRoutine(file))
            return RunRoutine(file, minutes);
        var (problem, errors) = Read(file, minutes);
        if (problem is null)
        {
            Report.Print(new FitRefusal("wexis.fit-answer/1", file.Name, errors));
            return 2;
        }
        Report.Print(FitSolver.Solve(problem));
        return 0;
    }

    private static bool IsRoutine(FileInfo file)
    {
        if (TextFile.Read(file).Text is not { } text)
            return false;
        try
        {
            using var json = JsonDocument.Parse(text);
            return json.RootElement.ValueKind == JsonValueKind.Object
                && json.RootElement.TryGetProperty("schema", out var schema)
                && schema.ValueKind == JsonValueKind.String
                && schema.GetString() == RoutineDocument.CurrentSchema;
        }
        catch (JsonException)
        {
            // Not JSON at all: the reading of the bare problem says so, with its line.
            return false;
        }
    }

    private static int RunRoutine(FileInfo file, double? minutes)
    {
        var reader = new RoutineReader();
        var read = reader.Read(TextFile.Read(file).Text!)[0];
        var wanted = minutes ?? read.Document?.Minutes;
        var errors = read.Errors.ToList();
        if (read.Document is not null && wanted is null)
            errors.Add(new Issue("minutes", IssueCodes.Missing, "", "the minutes to fit to").Text);
        if (Check.Between(wanted, 1, RoutineDocument.LongestMinutes, "minutes", "minutes") is { } off && errors.Count == 0)
            errors.Add(off.Text);
        if (read.Document is not { } document || errors.Count > 0)
        {
            Report.Print(new FitRefusal("wexis.fit-answer/1", file.Name, errors));
            return 2;
        }
        var answer = FitSolver.Solve(
            RoutineFit.Problem(document, read.Parts, wanted!.Value, reader.Atlas, reader.Settings, reader.Schools)
        );
        Report.Print(answer);
        return 0;
    }

    private static (FitProblem? Problem, IReadOnlyList<string> Errors) Read(FileInfo file, double? minutes)
    {
        var (text, error) = TextFile.Read(file);
        if (text is null)
            return (null, [error!]);
        try
        {
            var problem = FitProblem.Read(text);
            if (minutes is { } wanted)
            {
                if (Check.Between(wanted, 1, 240, "minutes", "minutes") is { } off)
                    return (null, [off.Text]);
                problem = problem with { TargetSeconds = (int)Math.Floor(wanted * 60) };
            }
            var issues = problem.Issues();
            return issues.Count > 0 ? (null, [.. issues.Select(i => i.Text)]) : (problem, []);
        }
        catch (Exception e) when (e is JsonException or InvalidDataException)
        {
            var place = (e as JsonException)?.Path?.TrimStart('$', '.') is { Length: > 0 } path ? path : "the file";
            return (null, [$"{place}: this is not the form of a {FitProblem.Form}. {e.Message}"]);
        }
    }
}
