using System.Text.Json.Serialization;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques.Claims;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Library;

/// <summary>One structure worked, as the library searches it.</summary>
public sealed record BriefWork(string Structure, Mode Mode, Strength Strength);

/// <summary>A claim that does not stand, with the structures it names.</summary>
public sealed record BriefClaim(string Text, ClaimFinding Verdict, string? Correction, IReadOnlyList<string> Structures);

/// <summary>
/// What the library knows of an edition without deriving it again: all that is searched, filtered and compared.
/// </summary>
/// <param name="MadeBy">Version of rules and data that made it; an older one is made anew when the house starts.</param>
/// <param name="Seconds">At home, minimum to full, changes between steps included.</param>
/// <param name="Contradicted">Claims that the map contradicts and nobody answered.</param>
/// <param name="Answered">Claims that the map contradicts and the author answered; they stay visible.</param>
/// <param name="Primary">The structures mainly worked, in words.</param>
/// <param name="Works">Primary and secondary rows, each structure and mode once with its strongest strength.</param>
/// <param name="Classes">Technique classes, from which the exclusions follow.</param>
/// <param name="Avoid">States of a person for whom it is left out.</param>
/// <param name="Marks">What it consists of, for comparing techniques: see <see cref="TechniqueLikeness"/>.</param>
public sealed record TechniqueBrief(
    string MadeBy,
    Levels Seconds,
    string Primary,
    SafetyVerdict SafetyVerdict,
    int Questions,
    int Contradicted,
    int Answered,
    IReadOnlyList<string> Concerns,
    IReadOnlyList<BriefWork> Works,
    IReadOnlyList<string> Classes,
    IReadOnlyList<string> Contacts,
    IReadOnlyList<string> Channels,
    IReadOnlyList<string> Zones,
    IReadOnlyList<string> Marks,
    [property: Grade] string? Grade,
    string? Aim,
    IReadOnlyList<BriefClaim> WrongClaims,
    IReadOnlyList<string> Avoid
)
{
    /// <summary>What it does to a person, as screening sees it.</summary>
    [JsonIgnore]
    public TechniqueTouch Touch => new(Classes, Zones, [.. Works.Where(w => w.Mode != Mode.Inhibited).Select(w => w.Structure).Distinct()]);

    public static TechniqueBrief Of(TechniqueDocument document, IDerivedTechnique derivation, string madeBy, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(derivation);
        ArgumentNullException.ThrowIfNull(atlas);
        var steps = derivation.Steps;
        var contradicted = derivation
            .Claims.Where(c => c.IsContradicted)
            .ToLookup(c => !string.IsNullOrWhiteSpace(Told(document, c)?.Answer));
        var primary = derivation
            .Map.Worked.Where(r => r.Strength == Strength.Primary && r.Structure is not "superficial-lymph")
            .Select(r => $"{atlas.CommonName(r.Structure)}: {r.Mode.Plain()}")
            .Distinct()
            .Take(3);
        return new(
            madeBy,
            derivation.Times.Home,
            string.Join("; ", primary),
            derivation.SafetyVerdict,
            derivation.Questions.Count,
            contradicted[false].Count(),
            contradicted[true].Count(),
            [.. document.Concerns ?? []],
            [
                .. derivation
                    .Map.Worked.Where(r => r.Strength is Strength.Primary or Strength.Secondary)
                    .GroupBy(r => (r.Structure, r.Mode))
                    .Select(g => new BriefWork(
                        g.Key.Structure,
                        g.Key.Mode,
                        g.Any(r => r.Strength == Strength.Primary) ? Strength.Primary : Strength.Secondary
                    )),
            ],
            derivation.Classes,
            Once(steps.SelectMany(s => s.Completed.AllHands.Where(h => h.Verb is not null).Select(h => h.Contact))),
            Once(steps.SelectMany(s => s.Completed.Channels ?? [])),
            derivation.Map.ZonesTouched,
            TechniqueLikeness.Marks(steps),
            derivation.Claims.Select(c => c.Grade).OfType<string>().Order(StringComparer.Ordinal).LastOrDefault(),
            document.Aim,
            [
                .. derivation
                    .Claims.Where(c => c.IsContradicted)
                    .Select(c => new BriefClaim(
                        c.Text,
                        c.Verdicts[0],
                        c.Correction,
                        Told(document, c)?.Structure is { } told ? [told] : ClaimWords.Structures(c.Text, atlas)
                    )),
            ],
            [.. derivation.Exclusions.Where(e => e.Handling == Handling.Avoid).Select(e => e.Id)]
        );
    }

    /// <summary>The claim as its author told it; null where a name or a cue claims it.</summary>
    private static Claim? Told(TechniqueDocument document, ClaimVerdict c) => c.Claim is { } i ? document.Claims?[i] : null;

    private static IReadOnlyList<string> Once(IEnumerable<string?> words) =>
        [.. words.OfType<string>().Distinct().Order(StringComparer.Ordinal)];
}
