using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Safety;

/// <summary>One hazard that a step meets, or one stop rule that it breaks, with all its reasons.</summary>
/// <param name="Verdict">stop (the technique can only be parked) or caution.</param>
/// <param name="Instead">What to do instead: with a caution, the condition under which it may stand.</param>
/// <param name="Places">Where it is met, for the plate: hazards and zones of the atlas; empty where it has no place.</param>
public sealed record SafetyFinding(
    string Hazard,
    string Name,
    SafetyVerdict Verdict,
    string Because,
    string Instead,
    Reason Why,
    IReadOnlyList<string> Places
);

/// <summary>Sentences of a technique that belong to no step: what is said of it and to do, and what is said as a caution.</summary>
public sealed record AlsoSaid(IReadOnlyList<string> Texts, IReadOnlyList<string> Warnings)
{
    public static AlsoSaid Nothing { get; } = new([], []);

    public static AlsoSaid Of(TechniqueDocument document)
    {
        ArgumentNullException.ThrowIfNull(document);
        var p = document.Practice;
        string?[] own = [document.Name, document.Aim, p?.Feel, p?.Easier, p?.Harder, p?.Progression];
        var cures = (document.Faults ?? []).Select(f => f.Fix);
        var adaptations = (document.Adaptations ?? []).Select(a => a.Change);
        var claims = (document.Claims ?? []).Select(c => c.Text);
        return new(
            [.. own.Concat(document.Advice ?? []).Concat(cures).Concat(adaptations).Concat(claims).OfType<string>()],
            [.. (document.Cautions ?? []).OfType<string>()]
        );
    }
}
