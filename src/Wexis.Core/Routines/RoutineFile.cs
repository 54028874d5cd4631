using System.Text.Json;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;
using Wexis.Core.Techniques.Words;

namespace Wexis.Core.Routines;

/// <summary>Editions from a file, and from what stands beside it; each derived once.</summary>
public sealed class FileLibrary : IRoutineLibrary
{
    private readonly Dictionary<(string Code, int Edition), TechniqueDocument> _documents = [];
    private readonly Dictionary<(string Code, int Edition), RoutineTechnique> _derived = [];
    private readonly Func<TechniqueDocument, Derivation> _derive;

    /// <param name="brought">What the file brings along; it stands above what is shipped.</param>
    /// <param name="shipped">Techniques that are there anyway, as their first edition.</param>
    public FileLibrary(
        IEnumerable<RoutineLibraryEntry> brought,
        IEnumerable<TechniqueDocument> shipped,
        Func<TechniqueDocument, Derivation> derive
    )
    {
        ArgumentNullException.ThrowIfNull(brought);
        ArgumentNullException.ThrowIfNull(shipped);
        _derive = derive;
        foreach (var technique in shipped.Where(t => t.Id is not null))
            _documents[(technique.Id!, 1)] = technique;
        foreach (var entry in brought.Where(e => e?.Technique?.Id is not null))
            _documents[(entry.Technique!.Id!, entry.Edition ?? 1)] = entry.Technique;
    }

    public bool Knows(string code) => _documents.Keys.Any(k => k.Code == code);

    public RoutineTechnique? Find(string code, int edition)
    {
        if (_derived.TryGetValue((code, edition), out var known))
            return known;
        if (!_documents.TryGetValue((code, edition), out var document))
            return null;
        var derived = _derive(document);
        return _derived[(code, edition)] = new(code, edition, StandingOf(derived.Standing), document, derived);
    }

    public Derivation Derive(TechniqueDocument document) => _derive(document);

    private static EditionStanding StandingOf(DerivedStanding standing) =>
        standing switch
        {
            DerivedStanding.Complete => EditionStanding.Complete,
            DerivedStanding.Stopped => EditionStanding.Parked,
            _ => EditionStanding.Draft,
        };
}

/// <summary>Several routines in one file.</summary>
public sealed record RoutineList(string? Schema, IReadOnlyList<RoutineDocument>? Routines)
{
    public const string CurrentSchema = "wexis.routine-list/1";
}

/// <summary>Routines from a file, one or a list: whole, or what is wrong with it.</summary>
public sealed record RoutineFile(IReadOnlyList<RoutineDocument> Documents, IReadOnlyList<Issue> Issues)
{
    public static RoutineFile Read(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        try
        {
            using var json = JsonDocument.Parse(text);
            var schema =
                json.RootElement is { ValueKind: JsonValueKind.Object } root
                && root.TryGetProperty("schema", out var s)
                && s.ValueKind == JsonValueKind.String
                    ? s.GetString()
                    : null;
            return schema switch
            {
                RoutineDocument.CurrentSchema => new([ExchangeJson.ReadKnown<RoutineDocument>(text)], []),
                RoutineList.CurrentSchema => ExchangeJson.ReadKnown<RoutineList>(text).Routines is { Count: > 0 } routines
                    ? new(routines, [])
                    : new([], [new("routines", IssueCodes.Missing, "", "at least one routine")]),
                _ => new(
                    [],
                    [
                        new(
                            "schema",
                            IssueCodes.Unknown,
                            schema ?? "nothing",
                            $"{RoutineDocument.CurrentSchema} or {RoutineList.CurrentSchema}"
                        ),
                    ]
                ),
            };
        }
        catch (Exception e) when (e is JsonException or InvalidDataException)
        {
            var place = (e as JsonException)?.Path?.TrimStart('$', '.') is { Length: > 0 } path ? path : "the file";
            return new(
                [],
                [new(place, IssueCodes.Unreadable, e.Message.Split(" Path:", 2)[0], $"the form {RoutineDocument.CurrentSchema}")]
            );
        }
    }
}

/// <summary>All that Wexis can say of one routine, as <c>./wexis routines check</c> prints it.</summary>
/// <param name="Remarks">The order of the routine.</param>
/// <param name="Script">What is said, worded for who faces the trainer.</param>
public sealed record RoutineCheck(string? Name, double? Minutes, RoutineSum Sum, IReadOnlyList<RoutineRemark> Remarks, RoutineScript Script)
{
    public static RoutineCheck Of(
        RoutineDocument document,
        IReadOnlyList<LaidPart> parts,
        Atlas atlas,
        HouseSettings settings,
        SchoolProfiles schools
    )
    {
        ArgumentNullException.ThrowIfNull(document);
        return new(
            document.Name,
            document.Minutes,
            RoutineSum.Of(parts, atlas, settings),
            RoutineReview.Of(document, parts, atlas, schools),
            RoutineScript.Of(parts, Viewer.Facing, null, settings)
        );
    }
}
