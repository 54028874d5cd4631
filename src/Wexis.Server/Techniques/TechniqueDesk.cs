using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Data.Techniques;

namespace Wexis.Server.Techniques;

/// <summary>Derives with the house's atlas, model and settings; says how an edition stands and what the library keeps of it.</summary>
public sealed class TechniqueDesk(Atlas atlas, ActionModel model, HouseSettings settings)
{
    public Atlas Atlas => atlas;
    public ActionModel Model => model;
    public HouseSettings Settings => settings;

    public Derivation Derive(TechniqueDocument document) => Derivation.Of(document, atlas, model, settings);

    /// <summary>draft while a question is open, parked when a step breaks a stop rule, else complete.</summary>
    public static string Standing(Derivation derivation)
    {
        ArgumentNullException.ThrowIfNull(derivation);
        return derivation.Standing switch { "stopped" => "parked", "complete" => "complete", _ => "draft" };
    }

    public DerivedBrief Brief(Derivation derivation, TechniqueDocument document)
    {
        ArgumentNullException.ThrowIfNull(derivation);
        ArgumentNullException.ThrowIfNull(document);
        var primary = derivation.Map.Worked.Where(r => r.Strength == "primary" && r.Structure is not "superficial-lymph").Select(r => $"{atlas.PlainName(r.Structure)} ({Modes.Plain(r.Mode)})").Distinct().Take(3);
        return new(derivation.TotalSeconds.Standard, string.Join(", ", primary), derivation.SafetyVerdict, derivation.Questions.Count, derivation.Claims.Count(c => !c.Stands), [.. document.Concerns ?? []]);
    }
}
