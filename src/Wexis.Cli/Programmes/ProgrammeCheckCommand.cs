using System.CommandLine;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Library;

namespace Wexis.Cli.Programmes;

/// <summary>What is printed of a programme.</summary>
/// <param name="Unknown">Techniques that neither the file nor the shipped library has; nothing is said of their work.</param>
public sealed record PrintedCheck(
    string Schema,
    string? Name,
    ProgrammeHours Hours,
    IReadOnlyList<CoverageLine> Coverage,
    IReadOnlyList<OutcomeLine> Outcomes,
    IReadOnlyList<AlignmentRemark> Alignment,
    IReadOnlyList<OrderFault> Order,
    IReadOnlyList<UnitTimes> Times,
    IReadOnlyList<SchoolNote> Styles,
    int Gaps,
    IReadOnlyList<string> Unknown,
    IReadOnlyList<string> Notes
);

/// <summary>
/// <c>programmes check FILE</c>: hours, coverage and alignment, as JSON. Ends with 0, or with 2 when the file could not be read.
/// </summary>
public static class ProgrammeCheckCommand
{
    public const string Form = "wexis.programme-check/1";

    public static Command Make()
    {
        var file = new Argument<FileInfo>("file") { Description = "A programme as wexis.programme/1." };
        var command = new Command("check", "Prints hours, coverage and alignment as JSON; stores nothing.") { file };
        command.SetAction(parsed => Run(parsed.GetValue(file)!));
        return command;
    }

    private static int Run(FileInfo file)
    {
        var (atlas, model) = ReferenceData.Read();
        var (programme, techniques, notes) = ProgrammeReader.Read(file, Form, atlas, model, all: true);
        if (programme is null)
            return 2;
        var schools = SchoolProfiles.Read(File.ReadAllText(Path.Combine(ReferenceData.Folder, "library", "schools.json")), atlas);
        var review = ProgrammeReview.Of(programme, techniques, atlas, schools, [.. techniques.Values]);
        Report.Print(
            new PrintedCheck(
                Form,
                programme.Name,
                review.Hours,
                review.Coverage,
                review.Outcomes,
                review.Remarks,
                review.OrderFaults,
                review.Times,
                review.SchoolNotes,
                review.Gaps,
                [.. programme.AllTechniques.Where(t => !techniques.ContainsKey(t))],
                notes
            )
        );
        return 0;
    }
}
