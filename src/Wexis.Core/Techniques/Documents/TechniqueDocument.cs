using System.Text.Json.Serialization;

namespace Wexis.Core.Techniques.Documents;

/// <summary>
/// A technique as it is exchanged and stored: schema <c>wexis.technique/1</c>. A null field was left open;
/// it is shown in grey with the default of its family and never counts as zero.
/// </summary>
/// <param name="Practice">How it is practised by oneself, from week to week.</param>
/// <param name="Advice">What is advised beside it (water, sleep, sun): kept apart from the technique, and never part of its map.</param>
public sealed record TechniqueDocument(
    string? Schema,
    string? Id,
    string? Name,
    string? Region,
    string? School,
    IReadOnlyList<string>? Concerns,
    string? Aim,
    IReadOnlyList<Step>? Steps,
    IReadOnlyList<Fault>? Faults,
    IReadOnlyList<Adaptation>? Adaptations,
    IReadOnlyList<string>? Cautions,
    IReadOnlyList<Claim>? Claims,
    IReadOnlyList<string>? Materials,
    IReadOnlyList<string>? Prerequisites,
    IReadOnlyList<RelatedTechnique>? Related = null,
    IReadOnlyList<string>? Advice = null,
    PracticeNotes? Practice = null
)
{
    public const string CurrentSchema = "wexis.technique/1";
    public static TechniqueDocument Empty { get; } = new(CurrentSchema, null, null, null, null, [], null, [], [], [], [], [], [], []);

    [JsonIgnore]
    public IReadOnlyList<Step> AllSteps => Steps ?? [];
}

/// <summary>
/// Another technique, by its id, and what it is to this one: an easier or harder version, or what this one was made from
/// (<c>same-except</c>).
/// </summary>
public sealed record RelatedTechnique(string? Id, string? As);

/// <summary>What somebody needs who practises a technique alone.</summary>
/// <param name="Feel">How it feels when it is right.</param>
/// <param name="Easier">A milder version of it.</param>
/// <param name="Harder">A harder one, for later.</param>
/// <param name="Progression">What grows from week to week, and when.</param>
public sealed record PracticeNotes(string? Feel, string? Easier, string? Harder, string? Progression);

public sealed record Fault(string? Sign, string? Meaning, string? Fix);

public sealed record Adaptation(string? For, string? Change);

/// <param name="Answer">What the author says to a verdict; a contradicted claim stays visible all the same.</param>
public sealed record Claim(string? Text, string? Kind, string? Structure, string? Verb, string? Answer = null);
