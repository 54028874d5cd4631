using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Routines;

/// <summary>An edition of a technique as a routine needs it.</summary>
/// <param name="Standing">How the edition stands: only what may be taught is a part.</param>
/// <param name="Derived">Everything that is derived from its document.</param>
public sealed record RoutineTechnique(string Code, int Edition, EditionStanding Standing, TechniqueDocument Document, Derivation Derived);

/// <summary>Where a routine finds the editions that its parts pin.</summary>
public interface IRoutineLibrary
{
    /// <summary>Whether there is a technique of this id at all, in any edition.</summary>
    bool Knows(string code);

    /// <summary>The edition; null when there is none of this number.</summary>
    RoutineTechnique? Find(string code, int edition);

    /// <summary>A technique's document derived, for doses of a part's own.</summary>
    Derivation Derive(TechniqueDocument document);
}
