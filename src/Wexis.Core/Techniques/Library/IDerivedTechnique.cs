using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques.Claims;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Library;

/// <summary>What the library asks of a derived technique.</summary>
public interface IDerivedTechnique
{
    IReadOnlyList<DerivedStep> Steps { get; }
    WorkMap Map { get; }
    TechniqueTimes Times { get; }
    SafetyVerdict SafetyVerdict { get; }
    IReadOnlyList<OpenQuestion> Questions { get; }
    IReadOnlyList<string> Classes { get; }
    IReadOnlyList<ClaimVerdict> Claims { get; }
    IReadOnlyList<ExclusionNote> Exclusions { get; }
}
