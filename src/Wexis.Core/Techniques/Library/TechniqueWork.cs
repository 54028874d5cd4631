using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Library;

/// <summary>
/// What is derived from one version of an edition and kept beside it: all that programmes, histories and sequences ask for.
/// </summary>
/// <param name="MadeBy">Version of the rules, their data and the house's settings; what others made is made anew.</param>
/// <param name="Standing">draft, complete or stopped.</param>
/// <param name="AgainstItsSchool">Where it does not do what its declared school does, in sentences.</param>
public sealed record TechniqueWork(
    string MadeBy,
    DerivedStanding Standing,
    WorkMap Map,
    TechniqueTimes Times,
    IReadOnlyList<ExclusionNote> Exclusions,
    IReadOnlyList<string> AgainstItsSchool,
    bool? SidesInTurn = null
);
