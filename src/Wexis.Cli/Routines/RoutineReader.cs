using Wexis.Cli.Techniques;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Routines;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Library;

namespace Wexis.Cli.Routines;

/// <summary>A routine of a file with its parts laid out, or what is wrong with it.</summary>
internal sealed record ReadRoutine(RoutineDocument? Document, IReadOnlyList<LaidPart> Parts, IReadOnlyList<string> Errors);

/// <summary>Reads a routine with what it brings along; techniques that ship with Wexis are there anyway.</summary>
internal sealed class RoutineReader
{
    public Atlas Atlas { get; }
    public ActionModel Model { get; }
    public SchoolProfiles Schools { get; }
    public HouseSettings Settings { get; } = HouseSettings.Default;

    public RoutineReader()
    {
        (Atlas, Model) = ReferenceData.Read();
        Schools = SchoolProfiles.Read(File.ReadAllText(Path.Combine(ReferenceData.Folder, "library", "schools.json")), Atlas);
    }

    public IReadOnlyList<ReadRoutine> Read(string text)
    {
        var file = RoutineFile.Read(text);
        return file.Issues.Count > 0 ? [new(null, [], [.. file.Issues.Select(i => i.Text)])] : [.. file.Documents.Select(Read)];
    }

    private ReadRoutine Read(RoutineDocument document)
    {
        var library = new FileLibrary(document.Library ?? [], ShippedTechniques.Read(Atlas, Model), d =>
            Derivation.Of(d, Atlas, Model, Settings)
        );
        var issues = RoutineValidation.Issues(document, library, Atlas);
        return issues.Count > 0 ? new(null, [], [.. issues.Select(i => i.Text)]) : new(document, RoutineSum.Lay(document, library), []);
    }
}
