using Wexis.Core.Anatomy;
using Wexis.Core.Techniques.Library;

namespace Wexis.Core.Programmes;

/// <summary>Where a taught technique does not agree with the teaching styles that the programme declares. A note, never a gap.</summary>
public sealed record SchoolNote(string Module, string Technique, string Says);

internal static class SchoolNotes
{
    public static IEnumerable<SchoolNote> Of(
        ProgrammeDocument programme,
        IReadOnlyDictionary<string, TaughtTechnique> techniques,
        Atlas atlas,
        SchoolProfiles schools
    )
    {
        foreach (var module in programme.Columns)
        {
            var own = module.Schools is { Count: > 0 };
            if ((own ? module.Schools : programme.Schools) is not { Count: > 0 } declared)
                continue;
            var names = string.Join(" and ", declared.Where(atlas.Schools.ContainsKey).Select(s => atlas.Schools[s].Name));
            var routine = module.Techniques.Where(techniques.ContainsKey).Select(t => techniques[t]).ToList();
            foreach (var technique in routine)
            {
                if (technique.School is { } school && !declared.Contains(school) && !declared.Contains("mixed"))
                    yield return new(
                        module.Id,
                        technique.Name,
                        $"“{technique.Name}” is {atlas.Schools[school].Name}; the {(own ? "routine" : "programme")} follows {names}."
                    );
                foreach (var says in technique.AgainstItsSchool ?? [])
                    yield return new(module.Id, technique.Name, $"“{technique.Name}”: {says}");
            }
            foreach (var says in ExitsOf(routine, declared, atlas, schools))
                yield return new(module.Id, module.Name, $"“{module.Name}”: {says}");
        }
    }

    /// <summary>
    /// Whether the neck is opened when the declared school opens it, over a routine that moves fluid in more than one technique. Several
    /// schools leave it free.
    /// </summary>
    private static IEnumerable<string> ExitsOf(
        IReadOnlyList<TaughtTechnique> routine,
        IReadOnlyList<string> declared,
        Atlas atlas,
        SchoolProfiles schools
    )
    {
        if (declared.Count != 1 || schools.Schools.FirstOrDefault(s => s.Id == declared[0]) is not { } profile)
            yield break;
        var fluid = routine.Where(t => t.Map.Flow.Count > 0).ToList();
        if (fluid.Count < 2)
            yield break;
        bool Opens(TaughtTechnique t) => t.Map.ZonesTouched.Any(z => z is "lateral-neck" or "supraclavicular");
        var name = atlas.Schools[profile.Id].Name;
        if (profile.Answers["drain"] is "first" or "both" && !Opens(fluid[0]))
            yield return $"it moves fluid before the neck is opened; {name} opens it first. Begin with a technique of the neck.";
        if (profile.Answers["drain"] is "last" or "both" && !Opens(fluid[^1]))
            yield return $"it does not close at the neck; {name} does. End with a technique of the neck.";
    }
}
