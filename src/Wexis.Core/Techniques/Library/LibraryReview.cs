using System.Numerics;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Library;

/// <summary>A technique of the library, as a review of the whole needs it.</summary>
public sealed record ShelvedTechnique(
    string Id,
    string Name,
    string? Region,
    string? School,
    EditionStanding Standing,
    TechniqueBrief Brief
);

/// <summary>Two techniques that consist of nearly the same.</summary>
/// <param name="Likeness">Marks in common / marks of either, in [0, 1].</param>
public sealed record NearDuplicate(string First, string FirstName, string Second, string SecondName, double Likeness);

/// <summary>A structure that one technique trains and another lets rest or loosens.</summary>
public sealed record SameMuscleConflict(
    string Structure,
    string Name,
    IReadOnlyList<string> Trained,
    IReadOnlyList<string> Rested,
    IReadOnlyList<string> Loosened
);

/// <summary>What a library lacks one of.</summary>
[ClosedList]
public enum LackKind
{
    Structure,
    Mode,
    Region,
    School,
}

/// <summary>Something the library does not hold.</summary>
public sealed record LibraryLack(LackKind Kind, string Id, string Says);

/// <summary>
/// What a library as a whole shows: what is there twice, what is missing, where it pulls one muscle two ways. Parked and retired ones
/// count for nothing.
/// </summary>
public sealed record LibraryReview(
    IReadOnlyList<NearDuplicate> Duplicates,
    IReadOnlyList<SameMuscleConflict> Conflicts,
    IReadOnlyList<LibraryLack> Lacks
)
{
    public static LibraryReview Of(IReadOnlyList<ShelvedTechnique> techniques, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(techniques);
        ArgumentNullException.ThrowIfNull(atlas);
        var counted = techniques.Where(t => t.Standing is not (EditionStanding.Parked or EditionStanding.Retired)).ToList();
        return new(DuplicatesIn(counted), [.. ConflictsIn(counted, atlas)], [.. LacksOf(counted, atlas)]);
    }

    /// <summary>Every pair, by bits: a mark is one bit, so that thousands of techniques are compared while a page loads.</summary>
    private static List<NearDuplicate> DuplicatesIn(List<ShelvedTechnique> techniques)
    {
        var bitOf = techniques
            .SelectMany(t => t.Brief.Marks)
            .Distinct()
            .Select((m, i) => (m, i))
            .ToDictionary(x => x.m, x => x.i, StringComparer.Ordinal);
        var words = (bitOf.Count + 63) / 64;
        var sets = techniques
            .Select(t =>
            {
                var bits = new ulong[words];
                foreach (var mark in t.Brief.Marks)
                    bits[bitOf[mark] / 64] |= 1UL << (bitOf[mark] % 64);
                return bits;
            })
            .ToArray();
        var counts = techniques.Select(t => t.Brief.Marks.Count).ToArray();
        var found = new List<NearDuplicate>();
        for (var i = 0; i < sets.Length; i++)
        for (var j = i + 1; j < sets.Length; j++)
        {
            // Sets of too different size cannot be that alike.
            if (counts[i] == 0 || Math.Min(counts[i], counts[j]) < TechniqueLikeness.NearDuplicate * Math.Max(counts[i], counts[j]))
                continue;
            var both = 0;
            for (var w = 0; w < words; w++)
                both += BitOperations.PopCount(sets[i][w] & sets[j][w]);
            var likeness = both / (double)(counts[i] + counts[j] - both);
            if (likeness >= TechniqueLikeness.NearDuplicate)
                found.Add(new(techniques[i].Id, techniques[i].Name, techniques[j].Id, techniques[j].Name, likeness));
        }
        return [.. found.OrderByDescending(d => d.Likeness).ThenBy(d => d.FirstName, StringComparer.Ordinal)];
    }

    private static IEnumerable<SameMuscleConflict> ConflictsIn(List<ShelvedTechnique> techniques, Atlas atlas)
    {
        var rows = techniques
            .SelectMany(t =>
                t.Brief.Works.Where(w => w.Strength == Strength.Primary && atlas.Muscles.ContainsKey(w.Structure))
                    .Select(w => (t.Name, w.Structure, w.Mode))
            )
            .ToLookup(r => r.Structure);
        foreach (var structure in rows.OrderBy(g => atlas.BothNames(g.Key), StringComparer.Ordinal))
        {
            List<string> By(Func<Mode, bool> mode) =>
                [.. structure.Where(r => mode(r.Mode)).Select(r => r.Name).Distinct().Order(StringComparer.Ordinal)];
            var (trained, rested, loosened) = (
                By(m => m.IsActive()),
                By(m => m == Mode.Inhibited),
                By(m => m is Mode.Kneaded or Mode.Compressed or Mode.Stretched)
            );
            if (trained.Count > 0 && rested.Count + loosened.Count > 0)
                yield return new(structure.Key, atlas.BothNames(structure.Key), trained, rested, loosened);
        }
    }

    private static IEnumerable<LibraryLack> LacksOf(List<ShelvedTechnique> techniques, Atlas atlas)
    {
        foreach (var region in atlas.Document.Regions.Where(r => techniques.All(t => t.Region != r.Id)))
            yield return new(LackKind.Region, region.Id, $"no technique for the region {region.Name}");
        foreach (var school in atlas.Document.Schools.Where(s => techniques.All(t => t.School != s.Id)))
            yield return new(LackKind.School, school.Id, $"no technique in the style {school.Name}");
        var works = techniques.SelectMany(t => t.Brief.Works).ToList();
        foreach (var mode in Enum.GetValues<Mode>().Where(m => works.All(w => w.Mode != m)))
            yield return new(LackKind.Mode, mode.Word(), $"nothing is {mode.Done()}");
        var worked = works.ToLookup(w => w.Structure);
        foreach (var muscle in atlas.Document.Muscles.Where(m => m.Voluntary == "yes" || m.MinPressureToReach <= 5))
        {
            var rows = worked[muscle.Id].ToList();
            if (rows.Count == 0)
                yield return new(LackKind.Structure, muscle.Id, $"nothing works the {atlas.BothNames(muscle.Id)}");
            else if (muscle.Voluntary == "yes" && !rows.Any(r => r.Mode.IsActive()))
                yield return new(
                    LackKind.Structure,
                    muscle.Id,
                    $"the {atlas.BothNames(muscle.Id)} is {string.Join(", ", rows.Select(r => r.Mode.Done()).Distinct())}, never trained"
                );
        }
    }
}
