using System.Text.Json.Serialization;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>What a programme promises about one structure.</summary>
/// <param name="How">actively (tightened, held against or let out slowly) or any (worked in some way).</param>
public sealed record StructurePromise(string Structure, string How);

/// <summary>How a structure is promised: tightened, held against or let out slowly; or worked in some way.</summary>
[ClosedList]
public enum PromiseKind
{
    Actively,
    Any,
}

/// <summary>What is done in a module.</summary>
[ClosedList]
public enum ModuleKind
{
    Theory,
    Demonstration,
    SupervisedPractice,
    SelfPractice,
    TeachingPractice,
    Assessment,
}

/// <summary>An outcome the programme promises, in words: "can brief, show and lead a light glide".</summary>
public sealed record Outcome(string Id, string Text);

/// <summary>
/// One module: contact minutes, what must come before, which techniques it teaches (in order: its routine), which outcomes it serves.
/// </summary>
/// <param name="Schools">The schools that its routine declares, where they are others than the programme's.</param>
public sealed record ProgrammeModule(
    string Id,
    string Name,
    string Kind,
    int Minutes,
    IReadOnlyList<string>? Prerequisites,
    IReadOnlyList<string>? Techniques,
    IReadOnlyList<string>? Outcomes,
    IReadOnlyList<string>? Schools = null
)
{
    [JsonIgnore]
    public IReadOnlyList<string> AllPrerequisites => Prerequisites ?? [];

    [JsonIgnore]
    public IReadOnlyList<string> AllTechniques => Techniques ?? [];

    [JsonIgnore]
    public IReadOnlyList<string> AllOutcomes => Outcomes ?? [];
}

/// <summary>A programme: modules in the order in which they are taught, and what it promises.</summary>
/// <param name="Schools">The schools it declares; none declared means that nothing is compared.</param>
public sealed record ProgrammeDocument(
    string? Name,
    IReadOnlyList<ProgrammeModule>? Modules,
    IReadOnlyList<StructurePromise>? Structures,
    IReadOnlyList<Outcome>? Outcomes,
    IReadOnlyList<string>? Schools = null
)
{
    [JsonIgnore]
    public IReadOnlyList<ProgrammeModule> AllModules => Modules ?? [];

    [JsonIgnore]
    public IReadOnlyList<StructurePromise> AllStructures => Structures ?? [];

    [JsonIgnore]
    public IReadOnlyList<Outcome> AllOutcomes => Outcomes ?? [];

    /// <summary>Slips in what was typed. A broken order is not a slip: it is said by <see cref="ProgrammeReview"/>.</summary>
    public IReadOnlyList<Issue> Issues(Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        var found = new List<Issue?> { Check.Given(Name, "name", "what the certificate is called"), Check.NoLongerThan(Name, 120, "name") };
        found.AddRange((Schools ?? []).Select((s, i) => Check.OneOf(s, atlas.Schools.Keys, $"schools[{i}]")));
        for (var i = 0; i < AllModules.Count; i++)
        {
            var m = AllModules[i];
            found.Add(Check.Given(m.Name, $"modules[{i}].name", "a name"));
            found.Add(Check.Given(m.Id, $"modules[{i}].id", "an id"));
            found.Add(Check.Between(m.Minutes, 1, 6000, $"modules[{i}].minutes", "minutes"));
            found.Add(Check.OneOf(m.Kind, ClosedList.All<ModuleKind>(), $"modules[{i}].kind"));
            found.AddRange((m.Schools ?? []).Select((s, j) => Check.OneOf(s, atlas.Schools.Keys, $"modules[{i}].schools[{j}]")));
            if (AllModules.Take(i).Any(o => o.Id == m.Id))
                found.Add(new($"modules[{i}].id", IssueCodes.Taken, m.Id, "Give each module an id of its own"));
            found.AddRange(
                m.AllPrerequisites.Select(
                    (p, j) =>
                        AllModules.Any(o => o.Id == p)
                            ? null
                            : new Issue($"modules[{i}].prerequisites[{j}]", IssueCodes.Unknown, p, "a module of this programme")
                )
            );
            found.AddRange(
                m.AllOutcomes.Select(
                    (o, j) =>
                        AllOutcomes.Any(x => x.Id == o)
                            ? null
                            : new Issue($"modules[{i}].outcomes[{j}]", IssueCodes.Unknown, o, "an outcome of this programme")
                )
            );
        }
        for (var i = 0; i < AllStructures.Count; i++)
        {
            if (!atlas.IsStructure(AllStructures[i].Structure))
                found.Add(new($"structures[{i}].structure", IssueCodes.Unknown, AllStructures[i].Structure, "a structure of the atlas"));
            found.Add(Check.OneOf(AllStructures[i].How, ClosedList.All<PromiseKind>(), $"structures[{i}].how"));
        }
        found.AddRange(AllOutcomes.Select((o, i) => Check.Given(o.Text, $"outcomes[{i}].text", "what a graduate can do")));
        return [.. found.OfType<Issue>()];
    }
}
