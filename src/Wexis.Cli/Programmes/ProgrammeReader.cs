using Wexis.Cli.Techniques;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Cli.Programmes;

/// <summary>A programme from a file with what is known of its techniques: brought along, or shipped.</summary>
internal static class ProgrammeReader
{
    /// <summary>Null where it could not be read; what is wrong is printed.</summary>
    /// <param name="form">Of the answer that is printed in place of one.</param>
    /// <param name="all">Every technique there is, not only those that the programme teaches.</param>
    public static (ProgrammeDocument? Programme, IReadOnlyDictionary<string, TaughtTechnique> Techniques, IReadOnlyList<string> Notes) Read(
        FileInfo file,
        string form,
        Atlas atlas,
        ActionModel model,
        bool all = false
    )
    {
        var (text, error) = TextFile.Read(file);
        var read = text is null ? null : ProgrammeFile.Read(text);
        var issues = read?.Document is { } document ? document.Issues(atlas) : read?.Issues ?? [];
        if (read?.Document is not { } programme || issues.Count > 0)
        {
            Report.Print(new ProgrammeRefusal(form, file.Name, "refused", error is null ? [.. issues.Select(i => i.Text)] : [error]));
            return (null, new Dictionary<string, TaughtTechnique>(), []);
        }
        var wanted = programme.AllTechniques.ToHashSet(StringComparer.Ordinal);
        var brought = read.Library.Select(e => e?.Technique).OfType<TechniqueDocument>().Where(t => t.Id is not null).ToList();
        var techniques = brought
            .Concat(wanted.Count == 0 && !all ? [] : ShippedTechniques.Read(atlas, model))
            .DistinctBy(t => t.Id)
            .Where(t => all || wanted.Contains(t.Id!))
            .Select(t => Taught(t, Derivation.Of(t, atlas, model, HouseSettings.Default)))
            .ToDictionary(t => t.Id, StringComparer.Ordinal);
        return (programme, techniques, read.Notes);
    }

    private static TaughtTechnique Taught(TechniqueDocument technique, Derivation derived) =>
        new(
            technique.Id!,
            technique.Name ?? technique.Id!,
            derived.Standing,
            technique.Prerequisites ?? [],
            derived.Map,
            technique.School,
            [],
            derived.Times,
            derived.Classes,
            technique.Region,
            derived.Family,
            derived.SidesInTurn
        );
}
