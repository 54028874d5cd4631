using System.CommandLine;
using Wexis.Core.Routines;

namespace Wexis.Cli.Routines;

/// <summary>What one file came to.</summary>
public sealed record RoutineFileReport(string File, IReadOnlyList<string> Errors, IReadOnlyList<RoutineCheck> Routines);

public sealed record RoutineCheckReport(string Schema, IReadOnlyList<RoutineFileReport> Files);

/// <summary>
/// <c>routines check FILE…</c>: sum, map, exclusions, materials, remarks on the order and the script, as JSON. Ends with 0, or with 2
/// when a file could not be read whole.
/// </summary>
public static class RoutineCheckCommand
{
    public static Command Make()
    {
        var files = new Argument<FileInfo[]>("file") { Description = "Routines as wexis.routine/1.", Arity = ArgumentArity.OneOrMore };
        var command = new Command("check", "Prints sum, map, exclusions, order and script as JSON; stores nothing.") { files };
        command.SetAction(parsed =>
        {
            var reader = new RoutineReader();
            var reports = (parsed.GetValue(files) ?? []).Select(f => Check(f, reader)).ToList();
            Report.Print(new RoutineCheckReport("wexis.routines-check/1", reports));
            return reports.Any(r => r.Errors.Count > 0) ? 2 : 0;
        });
        return command;
    }

    private static RoutineFileReport Check(FileInfo file, RoutineReader reader)
    {
        var (text, error) = TextFile.Read(file);
        if (text is null)
            return new(file.Name, [error!], []);
        var read = reader.Read(text);
        var errors = read.SelectMany(r => r.Document is null ? r.Errors : []).ToList();
        // Whole files, or what is wrong with them: nothing is checked by half.
        return errors.Count > 0
            ? new(file.Name, errors, [])
            : new(
                file.Name,
                [],
                [.. read.Select(r => RoutineCheck.Of(r.Document!, r.Parts, reader.Atlas, reader.Settings, reader.Schools))]
            );
    }
}
