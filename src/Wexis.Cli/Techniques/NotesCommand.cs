using System.CommandLine;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes;

namespace Wexis.Cli.Techniques;

/// <summary>What one file of notes came to: how each sentence was read, and the draft; or why it could not be read.</summary>
public sealed record NotesFileReport(string File, IReadOnlyList<string> Errors, IReadOnlyList<NoteLine> Lines, TechniqueDocument? Draft);

public sealed record NotesReport(string Schema, IReadOnlyList<NotesFileReport> Files);

/// <summary>
/// <c>techniques notes FILE…</c>: old notes in prose, a technique in each file, as drafts with what is unknown in them. Ends with 0, or
/// with 2 when a file could not be read.
/// </summary>
public static class NotesCommand
{
    public static Command Make()
    {
        var files = new Argument<FileInfo[]>("file")
        {
            Description = "Notes as plain text, one technique in each.",
            Arity = ArgumentArity.OneOrMore,
        };
        var hard = new Option<int?>("--how-hard")
        {
            Description = "How hard a hand works where no sentence says it, from 1 (feather) to 5; else it is asked of each.",
        };
        var with = new Option<string?>("--with")
        {
            Description = "The part of the hand, or tool, where no sentence says it (such as four-fingers); else it is asked of each.",
        };
        var laid = new Option<string?>("--laid")
        {
            Description = "What hands do that lie there while the face moves: resist, hold or feel; else it is asked of each.",
        };
        var command = new Command("notes", "Prints old notes as draft techniques with everything that is unknown in them; stores nothing.")
        {
            files,
            hard,
            with,
            laid,
        };
        command.SetAction(parsed =>
            Run(parsed.GetValue(files) ?? [], new(parsed.GetValue(hard), parsed.GetValue(with), parsed.GetValue(laid)))
        );
        return command;
    }

    private static int Run(FileInfo[] files, SaidForAll forAll)
    {
        var (atlas, _) = ReferenceData.Read();
        var reports = files
            .Select(f =>
            {
                var (text, error) = TextFile.Read(f);
                if (text is null)
                    return new NotesFileReport(f.Name, [error!], [], null);
                var read = OldNotes.Read(text, atlas, HouseSettings.Default, forAll: forAll);
                return new NotesFileReport(f.Name, [.. read.Issues.Select(i => i.Text)], read.Value?.Lines ?? [], read.Value?.Draft);
            })
            .ToList();
        Report.Print(new NotesReport("wexis.techniques-notes/1", reports));
        return reports.Any(r => r.Errors.Count > 0) ? 2 : 0;
    }
}
