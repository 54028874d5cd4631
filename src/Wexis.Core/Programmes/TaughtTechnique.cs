using Wexis.Core.Measures;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Programmes;

/// <summary>
/// What a programme needs to know of a technique it teaches: an edition's name, standing, derived map, times and classes.
/// </summary>
/// <param name="AgainstItsSchool">Where it does not do what its declared school does, in words.</param>
/// <param name="Times">Null: nothing is known of its time.</param>
/// <param name="Region">Region of the atlas that it belongs to; null: none.</param>
/// <param name="Family">Mechanical kind of its work; null: none.</param>
/// <param name="SidesInTurn">One side after the other; false: both at once; null: it has no sides, or nothing is known of them.</param>
/// <param name="Classes">Classes of work (tool, eye, neck …); null: nothing is known of them.</param>
public sealed record TaughtTechnique(
    string Id,
    string Name,
    DerivedStanding Standing,
    IReadOnlyList<string> Prerequisites,
    WorkMap Map,
    string? School = null,
    IReadOnlyList<string>? AgainstItsSchool = null,
    TechniqueTimes? Times = null,
    IReadOnlyList<string>? Classes = null,
    string? Region = null,
    StepFamily? Family = null,
    bool? SidesInTurn = null
);
