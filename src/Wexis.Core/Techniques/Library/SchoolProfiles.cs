using System.Text.Json;
using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Strokes;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Library;

/// <summary>A question on which schools disagree, and the answers there are.</summary>
public sealed record SchoolQuestion(string Id, string Asks, Dictionary<string, string> Choices);

/// <summary>One school's usual position. Common practice, never a standard.</summary>
/// <param name="Pressure">Lowest and highest level it works with.</param>
/// <param name="Answers">Its answer to each question.</param>
public sealed record SchoolProfile(string Id, int[] Pressure, Dictionary<string, string> Answers);

/// <summary>Where a technique does not do what its declared school does.</summary>
/// <param name="Question">The question it is about, or <c>pressure</c>.</param>
/// <param name="Step">Step (from 0); null when it is about the whole.</param>
public sealed record SchoolContradiction(string Question, int? Step, string Says);

/// <summary>
/// Schools as profiles, from <c>data/library/schools.json </c>. Safety is never a matter of school: hazards are judged elsewhere, for
/// everybody.
/// </summary>
public sealed partial record SchoolProfiles(IReadOnlyList<SchoolQuestion> Questions, IReadOnlyList<SchoolProfile> Schools)
{
    /// <exception cref="InvalidDataException">A school that the atlas does not hold, or an answer that is no choice.</exception>
    public static SchoolProfiles Read(string json, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        var read = JsonSerializer.Deserialize<SchoolProfiles>(json, ExchangeJson.Options)
            ?? throw new InvalidDataException("The schools are empty.");
        var faults = read
            .Schools.Where(s => !atlas.Schools.ContainsKey(s.Id))
            .Select(s => $"unknown school {s.Id}")
            .Concat(
                read.Schools.SelectMany(s =>
                    read.Questions.Where(q => !s.Answers.TryGetValue(q.Id, out var a) || !q.Choices.ContainsKey(a))
                        .Select(q => $"{s.Id} has no answer to {q.Id}")
                )
            )
            .Concat(atlas.Schools.Keys.Where(id => read.Schools.All(s => s.Id != id)).Select(id => $"no profile of {id}"))
            .ToList();
        return faults.Count == 0 ? read : throw new InvalidDataException("The schools are not consistent: " + string.Join("; ", faults));
    }

    /// <summary>
    /// Everything in a technique that its declared school would do otherwise; nothing when no school is declared, or a mixed one.
    /// </summary>
    public IReadOnlyList<SchoolContradiction> Contradictions(
        TechniqueDocument document,
        IDerivedTechnique derivation,
        Atlas atlas,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(derivation);
        ArgumentNullException.ThrowIfNull(atlas);
        return Schools.FirstOrDefault(s => s.Id == document.School) is not { } school
            ? []
            : [.. derivation.Steps.SelectMany(s => OfStep(s, school, atlas, settings)), .. OfWhole(derivation, school, atlas)];
    }

    private static IEnumerable<SchoolContradiction> OfStep(DerivedStep step, SchoolProfile school, Atlas atlas, HouseSettings settings)
    {
        var name = atlas.Schools[school.Id].Name;
        foreach (var hand in step.Completed.AllHands.Where(h => h.Verb is not null && h.Role is null or "work"))
        {
            if (hand.Pressure is { } p && (p < school.Pressure[0] || p > school.Pressure[1]))
                yield return new(
                    "pressure",
                    step.Index,
                    $"It presses {StepWords.Feel(p)}; {name} works from {StepWords.Feel(school.Pressure[0])} to "
                        + $"{StepWords.Feel(school.Pressure[1])}."
                );
            if (
                school.Answers["tools"] == "without"
                && hand.Contact is { } c
                && atlas.Contacts.TryGetValue(c, out var contact)
                && contact.Kind == ContactKind.Tool
            )
                yield return new("tools", step.Index, $"It uses the {contact.Name}; {name} works with hands only.");
            var path = StrokePath.Of(hand, atlas, settings);
            if (hand.Glide == true && path.DirectionDegrees is { } degrees)
            {
                if (Over(step, "brow") && Runs(school.Answers["brow"], degrees) is false)
                    yield return new(
                        "brow",
                        step.Index,
                        $"Along the brow it runs {WayWords(degrees)}; {name} goes {school.Answers["brow"]}s."
                    );
                if (
                    (Over(step, "medial-cheek") || Over(step, "malar") || Over(step, "buccal-cheek"))
                    && Runs(school.Answers["cheek"], degrees) is false
                )
                    yield return new(
                        "cheek",
                        step.Index,
                        $"Over the cheek it runs {WayWords(degrees)}; {name} goes "
                            + $"{(school.Answers["cheek"] == "up" ? "upwards" : "outwards")}."
                    );
                if (Over(step, "lateral-neck") && school.Answers["neck"] == "down" && FaceAngle.BetweenDirections(degrees, 270) > 90)
                    yield return new("neck", step.Index, $"On the neck it runs upwards; {name} goes down.");
            }
        }
        if (school.Answers["redness"] == "avoided" && Red().IsMatch($"{step.Completed.Cue} {step.Completed.EndPoint}"))
            yield return new("redness", step.Index, $"Redness is spoken of; {name} avoids it.");
        if (school.Answers["measure"] is "counts" && step.Completed.Dose?.Unit == "seconds")
            yield return new("measure", step.Index, $"It goes by seconds; {name} counts.");
        if (school.Answers["measure"] == "seconds" && step.Completed.Dose?.Unit is null or "reps")
            yield return new("measure", step.Index, $"It goes by counts; {name} goes by seconds.");
    }

    private static IEnumerable<SchoolContradiction> OfWhole(IDerivedTechnique derivation, SchoolProfile school, Atlas atlas)
    {
        var name = atlas.Schools[school.Id].Name;
        var active = derivation.Map.Worked.Any(r => r.Mode.IsActive() && r.Strength == Strength.Primary);
        // Moving one part so that another learns to rest is letting go, too.
        var teachesRest = derivation.Map.Worked.Any(r => r.Mode == Mode.Inhibited && r.Strength == Strength.Primary);
        if ((school.Answers["work"] == "massage" && active) || (school.Answers["work"] == "rest" && active && !teachesRest))
            yield return new(
                "work",
                null,
                $"Something is strengthened; {name} {(school.Answers["work"] == "rest" ? "lets go" : "is massage only")}."
            );
        if (school.Answers["work"] == "strengthening" && !active && derivation.Map.Worked.All(r => r.Mode != Mode.Inhibited))
            yield return new("work", null, $"Nothing is strengthened; {name} works by movement.");
        if (school.Answers["tools"] == "with" && !derivation.Steps.Any(s => s.Classes.Contains("tool") || s.Classes.Contains("suction")))
            yield return new("tools", null, $"No tool is used; {name} works with tools.");
        var fluid = derivation.Steps.Where(s => s.Map.Flow.Count > 0 && s.Completed.AllHands.Any(h => h.Pressure <= 2)).ToList();
        var exits = fluid.Where(s => Over(s, "lateral-neck") || Over(s, "supraclavicular")).Select(s => s.Index).ToList();
        if (fluid.Count > 1 && exits.Count > 0)
        {
            if (school.Answers["drain"] is "first" or "both" && exits[0] != fluid[0].Index)
                yield return new("drain", fluid[0].Index, $"The neck is not opened first; {name} opens it first.");
            if (school.Answers["drain"] is "last" or "both" && exits[^1] != fluid[^1].Index)
                yield return new("drain", fluid[^1].Index, $"The neck does not come last; {name} closes there.");
        }
    }

    private static bool Over(DerivedStep step, string zone) => step.Map.ZonesTouched.Contains(zone);

    /// <summary>Whether a direction is the school's, to 60° either way; null where the school has none.</summary>
    private static bool? Runs(string way, double degrees) =>
        way switch
        {
            "outward" or "out" => FaceAngle.BetweenDirections(degrees, 0) <= 60,
            "inward" => FaceAngle.BetweenDirections(degrees, 180) <= 60,
            "up" => FaceAngle.BetweenDirections(degrees, 90) <= 60,
            _ => null,
        };

    private static string WayWords(double degrees) =>
        degrees switch
        {
            > 45 and < 135 => "upwards",
            >= 135 and <= 225 => "inwards",
            > 225 and < 315 => "downwards",
            _ => "outwards",
        };

    [GeneratedRegex(@"\b(?:red(?:ness|den\w*)?|pink)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Red();
}
