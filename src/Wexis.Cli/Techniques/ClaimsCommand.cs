using System.CommandLine;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Claims;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Cli.Techniques;

/// <summary>One claim of a page, as the exchange says it.</summary>
public sealed record CheckedPageClaim(
    int At,
    string Text,
    string? Against,
    ClaimKind Kind,
    ClaimFinding Verdict,
    IReadOnlyList<ClaimFinding> Verdicts,
    string Because,
    string? Instead,
    string? Grade,
    IReadOnlyList<ClaimPart> Parts
);

public sealed record ClaimsFileReport(string File, IReadOnlyList<string> Errors, int Sentences, IReadOnlyList<CheckedPageClaim> Claims);

public sealed record ClaimsReport(string Schema, IReadOnlyList<ClaimsFileReport> Files);

/// <summary>
/// <c>techniques claims FILE…</c>: a page of text, claim by claim, with what may be said instead. Ends with 0, with 1 when a claim does
/// not stand, or with 2 when a file could not be read.
/// </summary>
public static class ClaimsCommand
{
    public static Command Make()
    {
        var files = new Argument<FileInfo[]>("file")
        {
            Description = "Pages as plain text: a handbook, a sales page.",
            Arity = ArgumentArity.OneOrMore,
        };
        var about = new Option<FileInfo?>("--technique") { Description = "The technique that the pages are about, as an open file." };
        var command = new Command("claims", "Prints what a page claims, whether it stands, and what may be said instead; stores nothing.")
        {
            files,
            about,
        };
        command.SetAction(parsed => Run(parsed.GetValue(files) ?? [], parsed.GetValue(about)));
        return command;
    }

    private static int Run(FileInfo[] files, FileInfo? about)
    {
        var (atlas, model) = ReferenceData.Read();
        TechniqueDocument? technique = null;
        if (about is not null)
        {
            var (text, error) = TextFile.Read(about);
            var read = text is null ? null : TechniqueFile.Read(text, atlas, model);
            if (read is not { Techniques: [{ } only, ..] })
            {
                Report.Print(
                    new ClaimsReport(
                        "wexis.techniques-claims/1",
                        [
                            new(
                                about.Name,
                                error is null
                                    ? [.. read!.Issues.Select(i => i.Text).DefaultIfEmpty("no technique stands in it.")]
                                    : [error],
                                0,
                                []
                            ),
                        ]
                    )
                );
                return 2;
            }
            technique = only.Document;
        }
        var reports = files
            .Select(f =>
            {
                var (text, error) = TextFile.Read(f);
                if (text is null)
                    return new ClaimsFileReport(f.Name, [error!], 0, []);
                var read = ClaimPage.Of(text, technique, atlas, model, HouseSettings.Default);
                return new ClaimsFileReport(
                    f.Name,
                    [.. read.Issues.Select(i => i.Text)],
                    read.Value?.Sentences ?? 0,
                    [.. (read.Value?.Claims ?? []).Select(Said)]
                );
            })
            .ToList();
        Report.Print(new ClaimsReport("wexis.techniques-claims/1", reports));
        return reports.Any(r => r.Errors.Count > 0) ? 2
            : reports.Any(r => r.Claims.Any(c => c.Verdict != ClaimFinding.Supported)) ? 1
            : 0;
    }

    private static CheckedPageClaim Said(PageClaim c) =>
        new(
            c.At,
            c.Text,
            c.Against,
            c.Verdict.Kind,
            c.Verdict.Verdicts[0],
            c.Verdict.Verdicts,
            c.Verdict.Because,
            c.Verdict.Correction,
            c.Verdict.Grade,
            c.Verdict.Parts
        );
}
