using System.CommandLine;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Cli.Techniques;

/// <summary>What one file came to: its techniques checked, or its slips with their lines.</summary>
public sealed record FileReport(string File, IReadOnlyList<string> Errors, IReadOnlyList<TechniqueCheck> Techniques);

/// <param name="CheckedOn">The day to which windows are counted.</param>
public sealed record CheckReport(string Schema, DateOnly CheckedOn, IReadOnlyList<FileReport> Files);

/// <summary>
/// <c>techniques check FILE…</c>: map, geometry, claims with verdicts, hazards, exclusions and times, as JSON. Ends with 0, or with 2
/// when a file could not be read whole.
/// </summary>
public static class CheckCommand
{
    public static Command Make()
    {
        var files = new Argument<FileInfo[]>("file")
        {
            Description = "Techniques as wexis.technique/1 or wexis.technique-list/1.",
            Arity = ArgumentArity.OneOrMore,
        };
        var date = new Option<DateOnly?>("--date") { Description = "The day to which windows are counted (default: today)." };
        var command = new Command("check", "Prints map, geometry, claims, hazards, exclusions and times as JSON; stores nothing.")
        {
            files,
            date,
        };
        command.SetAction(parsed =>
            Run(parsed.GetValue(files) ?? [], parsed.GetValue(date) ?? DateOnly.FromDateTime(TimeProvider.System.GetLocalNow().Date))
        );
        return command;
    }

    private static int Run(FileInfo[] files, DateOnly today)
    {
        var (atlas, model) = ReferenceData.Read();
        var reports = files.Select(f => Check(f, today, atlas, model)).ToList();
        Report.Print(new CheckReport("wexis.techniques-check/1", today, reports));
        return reports.Any(r => r.Errors.Count > 0) ? 2 : 0;
    }

    private static FileReport Check(FileInfo file, DateOnly today, Atlas atlas, ActionModel model)
    {
        var (text, error) = TextFile.Read(file);
        if (text is null)
            return new(file.Name, [error!], []);
        var read = TechniqueFile.Read(text, atlas, model, today);
        return new(
            file.Name,
            [.. read.Issues.OrderBy(i => i.Line).Select(i => i.Text)],
            [.. read.Techniques.Select(t => TechniqueCheck.Of(t.Document, t.Person, today, atlas, model, HouseSettings.Default))]
        );
    }
}
