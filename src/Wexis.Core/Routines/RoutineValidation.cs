using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Routines;

/// <summary>Slips of a routine, each at its field. What breaks the usual order is no slip: <see cref="RoutineReview"/> says it.</summary>
public static class RoutineValidation
{
    public static IReadOnlyList<Issue> Issues(RoutineDocument document, IRoutineLibrary library, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(library);
        ArgumentNullException.ThrowIfNull(atlas);
        var found = new List<Issue?>
        {
            document.Schema is null ? null : Check.OneOf(document.Schema, [RoutineDocument.CurrentSchema], "schema"),
            Check.Given(document.Name, "name", "what the routine is called"),
            Check.NoLongerThan(document.Name, 120, "name"),
            Check.NoLongerThan(document.ForWhom, 300, "for_whom"),
            Check.Between(document.Minutes, 1, RoutineDocument.LongestMinutes, "minutes", "minutes"),
            document.AllParts.Count == 0 ? new("parts", IssueCodes.Missing, "", "at least one part") : null,
            document.AllParts.Count > RoutineDocument.MostParts
                ? new("parts", IssueCodes.OutOfRange, $"{document.AllParts.Count} parts", $"at most {RoutineDocument.MostParts}")
                : null,
        };
        found.AddRange(document.AllSchools.Select((s, i) => Check.OneOf(s, atlas.Schools.Keys, $"schools[{i}]")));
        found.AddRange(document.AllPurpose.AllRegions.Select((r, i) => Check.OneOf(r, atlas.Regions.Keys, $"purpose.regions[{i}]")));
        for (var i = 0; i < document.AllPurpose.AllStructures.Count; i++)
        {
            var promise = document.AllPurpose.AllStructures[i];
            if (promise.Structure is null || !atlas.IsStructure(promise.Structure))
                found.Add(
                    new($"purpose.structures[{i}].structure", IssueCodes.Unknown, promise.Structure ?? "", "a structure of the atlas")
                );
            found.Add(Check.OneOf(promise.Mode, ClosedList.All<Mode>(), $"purpose.structures[{i}].mode"));
        }
        var seen = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < document.AllParts.Count; i++)
            found.AddRange(PartIssues(document.AllParts[i], $"parts[{i}]", seen, library));
        return [.. found.OfType<Issue>()];
    }

    private static IEnumerable<Issue?> PartIssues(RoutinePart? part, string at, HashSet<string> seen, IRoutineLibrary library)
    {
        if (part is null)
        {
            yield return new(at, IssueCodes.Missing, "", "a part");
            yield break;
        }
        yield return Check.Given(part.Id, $"{at}.id", "an id");
        if (part.Id is { Length: > 0 } id && !seen.Add(id))
            yield return new($"{at}.id", IssueCodes.Contradiction, id, "an id of its own: two parts have this one");
        yield return Check.OneOf(part.Role, ClosedList.All<PartRole>(), $"{at}.role");
        yield return Check.Between(part.Stars, 0, 3, $"{at}.stars");
        yield return Check.NoLongerThan(part.Bridge, 400, $"{at}.bridge");
        yield return Check.NoLongerThan(part.Words, 1200, $"{at}.words");
        if (part.Technique is null)
        {
            foreach (var issue in FreeIssues(part, at))
                yield return issue;
            yield break;
        }
        if (part.Free is not null)
            yield return new($"{at}.free", IssueCodes.Contradiction, part.Free, "nothing: this part has a technique");
        if (part.Edition is null)
            yield return new($"{at}.edition", IssueCodes.Missing, "", "the number of an edition, from 1");
        foreach (var issue in TechniqueIssues(part, at, library))
            yield return issue;
    }

    private static IEnumerable<Issue?> FreeIssues(RoutinePart part, string at)
    {
        if (part.Free is null)
        {
            yield return new(
                $"{at}.technique",
                IssueCodes.Missing,
                "",
                "a technique, or in `free` one of " + string.Join(", ", ClosedList.All<FreeKind>())
            );
            yield break;
        }
        yield return Check.OneOf(part.Free, ClosedList.All<FreeKind>(), $"{at}.free");
        yield return part.Seconds is null
            ? new($"{at}.seconds", IssueCodes.Missing, "", "1 to 1800 s")
            : Check.Between(part.Seconds, 1, 1800, $"{at}.seconds", "s");
    }

    private static IEnumerable<Issue?> TechniqueIssues(RoutinePart part, string at, IRoutineLibrary library)
    {
        if (!library.Knows(part.Technique!))
        {
            yield return new($"{at}.technique", IssueCodes.Unknown, part.Technique!, "a technique that is there");
            yield break;
        }
        if (part.Edition is not { } number)
            yield break;
        if (library.Find(part.Technique!, number) is not { } found)
        {
            yield return new($"{at}.edition", IssueCodes.Unknown, $"{number}", $"an edition that “{part.Technique}” has");
            yield break;
        }
        if (!found.Standing.Teachable())
            yield return new(
                $"{at}.technique",
                IssueCodes.Contradiction,
                part.Technique!,
                $"an edition that may be taught: edition {number} of “{found.Document.Name}” is {StandingWords(found.Standing)}"
            );
        if (part.Level is null && !part.HasOwnDose)
            yield return new(
                $"{at}.level",
                IssueCodes.Missing,
                "",
                string.Join(", ", ClosedList.All<DoseLevel>()) + ", or doses of its own"
            );
        yield return Check.OneOf(part.Level, ClosedList.All<DoseLevel>(), $"{at}.level");
        if (part.Doses is { } doses && doses.Count > found.Document.AllSteps.Count)
            yield return new(
                $"{at}.doses",
                IssueCodes.OutOfRange,
                $"{doses.Count} doses",
                $"one for each of the {found.Document.AllSteps.Count} steps, or fewer"
            );
        else if (part.HasOwnDose)
            foreach (var issue in library.Derive(WithDoses(found.Document, part.Doses!)).Issues)
                yield return new($"{at}.doses", issue.Code, issue.Got, issue.Allowed);
    }

    private static string StandingWords(EditionStanding standing) =>
        standing switch
        {
            EditionStanding.Draft => "a draft",
            EditionStanding.Parked => "an unsafe example",
            EditionStanding.Retired => "out of use",
            var other => other.Word(),
        };

    /// <summary>The document with other doses; null keeps a step's own.</summary>
    internal static TechniqueDocument WithDoses(TechniqueDocument document, IReadOnlyList<string?> doses) =>
        document with
        {
            Steps =
            [
                .. document.AllSteps.Select(
                    (s, i) =>
                        i < doses.Count && doses[i] is { } line && !string.IsNullOrWhiteSpace(line)
                            ? s with
                            {
                                Dose = new(line, null, null, null, null, null, null, null, null, null, null, null, null, null),
                            }
                            : s
                ),
            ],
        };
}
