namespace Wexis.Core.People;

/// <summary>What a technique does to a person, as screening sees it.</summary>
/// <param name="Structures">Structures it works, so that a smile counts for treated cheeks.</param>
public sealed record TechniqueTouch(IReadOnlyList<string> Classes, IReadOnlyList<string> Zones, IReadOnlyList<string> Structures);
