using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Library;

namespace Wexis.Data.Techniques;

/// <summary>One edition with its body.</summary>
public sealed record StoredEdition(
    TechniqueId TechniqueId,
    string Code,
    int Edition,
    int Version,
    string Name,
    EditionStanding Standing,
    TechniqueDocument Body,
    DateTimeOffset ChangedAt,
    string ChangedBy,
    bool Frozen,
    string? Review = null
);

/// <summary>A line of the library: what is searched, without the body.</summary>
/// <param name="Standing">draft, complete, reviewed, approved, parked or retired.</param>
public sealed record EditionLine(
    TechniqueId TechniqueId,
    string Code,
    int Edition,
    string Name,
    string? Region,
    string? School,
    StepFamily? Family,
    EditionStanding Standing,
    DateTimeOffset ChangedAt,
    TechniqueBrief Brief
);

/// <summary>Names one version of an edition: what was derived from it holds until another is saved.</summary>
public sealed record EditionHead(TechniqueId TechniqueId, string Code, int Edition, int Version);

/// <summary>What a programme needs of one version of an edition, as it is kept; the body is not read.</summary>
/// <param name="Work">Null where none is kept, or other rules made it: derive it.</param>
public sealed record KeptEdition(
    EditionHead Head,
    string Name,
    string? School,
    string? Region,
    StepFamily? Family,
    IReadOnlyList<string> Prerequisites,
    IReadOnlyList<string> Classes,
    TechniqueWork? Work
);

/// <summary>A technique that belongs to another.</summary>
/// <param name="CallsIt">What it calls the other: easier, harder or same-except; null where it does not speak of it.</param>
public sealed record Neighbour(TechniqueId TechniqueId, string Code, string Name, EditionStanding Standing, string? CallsIt);

/// <summary>A technique that is about to be added.</summary>
public sealed record NewTechnique(
    TechniqueId Id,
    string Code,
    TechniqueDocument Body,
    EditionStanding Standing,
    StepFamily? Family,
    TechniqueBrief Brief,
    TechniqueWork Work
);
