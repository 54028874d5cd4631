using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Programmes;

/// <summary>A technique as one cohort is taught it: the edition that was taken for it, and when.</summary>
/// <param name="Primary">What it works most, in a few words.</param>
public sealed record TaughtLesson(
    string Code,
    TechniqueId TechniqueId,
    int Edition,
    string Name,
    EditionStanding Standing,
    Levels Seconds,
    string Primary,
    DateTimeOffset TakenAt
);

/// <summary>A routine as one cohort is taught it.</summary>
public sealed record TaughtRoutine(RoutineId RoutineId, string Name, int Edition);

public sealed record LessonModule(string Name, DateTimeOffset TakenAt, IReadOnlyList<TaughtLesson> Techniques);

/// <summary>What the members of a cohort are taught, by module.</summary>
/// <param name="Routines">Routines that they are taught.</param>
public sealed record Lessons(
    CohortId CohortId,
    string Cohort,
    string Programme,
    IReadOnlyList<LessonModule> Modules,
    IReadOnlyList<TaughtRoutine> Routines
)
{
    /// <summary>
    /// Modules with what was taken last first; those of one day in the order of the programme. A technique stands once, in the first
    /// module that teaches it; what the programme no longer teaches stays readable at the end, for it was taught.
    /// </summary>
    public static Lessons Of(CohortId cohort, string name, ProgrammeDocument programme, IReadOnlyList<TaughtLesson> taught)
    {
        ArgumentNullException.ThrowIfNull(programme);
        ArgumentNullException.ThrowIfNull(taught);
        var by = taught.ToDictionary(t => t.Code, StringComparer.Ordinal);
        var seen = new HashSet<string>(StringComparer.Ordinal);
        var modules = programme
            .Columns.Select(c =>
                (c.Name, Techniques: c.Techniques.Where(t => by.ContainsKey(t) && seen.Add(t)).Select(t => by[t]).ToList())
            )
            .ToList();
        modules.Add(("Taught before", [.. taught.Where(t => !seen.Contains(t.Code)).OrderBy(t => t.Name, StringComparer.Ordinal)]));
        return new(
            cohort,
            name,
            programme.Name ?? "",
            [
                .. modules
                    .Where(m => m.Techniques.Count > 0)
                    .Select(m => new LessonModule(m.Name ?? "", m.Techniques.Max(t => t.TakenAt), m.Techniques))
                    .Select((m, place) => (m, place))
                    .OrderByDescending(x => x.m.TakenAt.UtcDateTime.Date)
                    .ThenBy(x => x.place)
                    .Select(x => x.m),
            ],
            []
        );
    }
}
