using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>One question of a screening: a state of the person that matters for the techniques at hand.</summary>
/// <param name="AsksDay">Whether the day matters, since a window is counted from it.</param>
/// <param name="Usual">The usual advice, in words; null when there is none.</param>
/// <param name="Techniques">How many of the techniques at hand it touches.</param>
/// <param name="Worst">Worst handling over them: avoid, ask or modify.</param>
public sealed record ScreeningQuestion(string Id, string Text, string Group, bool RedFlag, bool AsksDay, string? Usual, int Techniques, string Worst);

/// <summary>The questions that the techniques at hand call for: warning signs first, then treatments with their day, then the rest.</summary>
public sealed record Questionnaire(IReadOnlyList<ScreeningQuestion> Questions, string ClinicianFirst)
{
    public const string Warning = "Warning signs, now or lately";
    public const string Treatment = "Treatments, and when";
    public const string State = "Otherwise";

    /// <param name="techniques">What each technique at hand calls for.</param>
    public static Questionnaire Of(IReadOnlyCollection<IReadOnlyList<ExclusionNote>> techniques, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(techniques);
        ArgumentNullException.ThrowIfNull(atlas);
        var touched = techniques.SelectMany(t => t).GroupBy(n => n.Id).ToDictionary(g => g.Key, g => (Count: g.Count(), Worst: g.Select(n => n.Handling).MinBy(Screening.Rank)!), StringComparer.Ordinal);
        return new(
        [
            .. atlas.Document.Contraindications.Where(e => touched.ContainsKey(e.Id)).Select(e => new ScreeningQuestion(e.Id, e.Name, Group(e), e.RedFlag, AsksDay(e), e.Window, touched[e.Id].Count, touched[e.Id].Worst))
                .OrderBy(q => q.Group switch { Warning => 0, Treatment => 1, _ => 2 }),
        ], Screening.ClinicianFirst);
    }

    /// <summary>A window that can be counted has an end.</summary>
    public static bool AsksDay(Exclusion exclusion)
    {
        ArgumentNullException.ThrowIfNull(exclusion);
        return exclusion.WindowDays is { Length: 2 } window && window[1] is not null;
    }

    private static string Group(Exclusion e) => e.RedFlag ? Warning : AsksDay(e) ? Treatment : State;
}

/// <summary>What a person answered on one day. Health data.</summary>
/// <param name="Asked">Exclusion ids that were asked; what was not asked is not a no.</param>
/// <param name="Note">What was answered with yes.</param>
public sealed record ScreeningAnswers(IReadOnlyList<string>? Asked, PersonNote? Note)
{
    /// <summary>Every slip: an unknown state, a treatment without its day, or with a day that has not come.</summary>
    public IReadOnlyList<Issue> Issues(DateOnly today, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        var issues = new List<Issue>();
        if (Asked is not { Count: > 0 }) issues.Add(new("asked", IssueCodes.Missing, "", "the questions that were asked"));
        foreach (var id in (Asked ?? []).Where(id => !atlas.Exclusions.ContainsKey(id))) issues.Add(new("asked", IssueCodes.Unknown, id, "an exclusion of the atlas"));
        foreach (var id in (Note?.Conditions ?? []).Where(id => !atlas.Exclusions.ContainsKey(id))) issues.Add(new("note.conditions", IssueCodes.Unknown, id, "an exclusion of the atlas"));
        var procedures = Note?.Procedures ?? [];
        for (var i = 0; i < procedures.Count; i++)
        {
            var path = $"note.procedures[{i}]";
            if (procedures[i].Kind is not { } kind || !atlas.Exclusions.TryGetValue(kind, out var exclusion)) issues.Add(new($"{path}.kind", IssueCodes.Unknown, procedures[i].Kind ?? "", "an exclusion of the atlas"));
            else if (procedures[i].Date is not { } day) issues.Add(new($"{path}.date", IssueCodes.Missing, "", $"the day of: {exclusion.Name}"));
            else if (day > today || day < today.AddYears(-100)) issues.Add(new($"{path}.date", IssueCodes.OutOfRange, $"{day:yyyy-MM-dd}", $"the last hundred years, up to today ({today:yyyy-MM-dd})"));
        }
        foreach (var slip in (Note?.Reports ?? []).Select(r => Check.NoLongerThan(r, 500, "note.reports")).OfType<Issue>()) issues.Add(slip);
        return issues;
    }
}

/// <summary>What one technique means for one person today.</summary>
/// <param name="Answer">allowed, modified, avoided, ask, stop, or not-asked where a question it calls for was never put.</param>
/// <param name="Says">The sentence to say to the person.</param>
/// <param name="FreeFrom">The first day on which every window is over; null without one.</param>
/// <param name="NotAsked">Questions that this technique calls for and that were not put.</param>
public sealed record ScreenedTechnique(string Id, string Name, string Answer, string Says, DateOnly? FreeFrom, IReadOnlyList<ConditionHit> Hits, IReadOnlyList<string> NotAsked);

/// <summary>A screening as it stands today. Answers hold for 90 days; after that nothing is allowed on them.</summary>
/// <param name="Standing">good, or expired.</param>
public sealed record ScreeningStanding(string Standing, DateOnly GoodUntil, IReadOnlyList<ScreenedTechnique> Techniques, string ClinicianFirst)
{
    /// <param name="answered">Day of the answers.</param>
    /// <param name="techniques">The techniques at hand with what is derived from them.</param>
    public static ScreeningStanding Of(ScreeningAnswers answers, DateOnly answered, DateOnly today, IReadOnlyList<TechniqueAtHand> techniques, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(answers);
        ArgumentNullException.ThrowIfNull(techniques);
        ArgumentNullException.ThrowIfNull(settings);
        var until = answered.AddDays(settings.ScreeningDays);
        var expired = today > until;
        return new(expired ? "expired" : "good", until, [.. techniques.Select(t => One(answers, expired, until, today, t, atlas))], Screening.ClinicianFirst);
    }

    private static ScreenedTechnique One(ScreeningAnswers answers, bool expired, DateOnly until, DateOnly today, TechniqueAtHand technique, Atlas atlas)
    {
        var screen = PersonScreen.Of(technique.Classes, answers.Note ?? new([], [], []), today, atlas);
        var asked = (answers.Asked ?? []).ToHashSet(StringComparer.Ordinal);
        var missing = technique.Exclusions.Where(e => !asked.Contains(e.Id)).Select(e => e.Name).ToList();
        var worst = screen.Hits.Where(h => h.Response == screen.Response && h.Response != "allow").ToList();
        // The day belongs to what decides: a window does not open what another state forbids.
        var free = worst.Count > 0 && worst.All(h => h.FreeFrom is not null) ? worst.Max(h => h.FreeFrom) : null;
        var (answer, says) = screen.Response switch
        {
            // A known reason against it outranks what was not asked, and outlives the 90 days.
            "stop-and-refer" => ("stop", worst[0].Says),
            "refuse" => ("avoided", free is { } day ? $"We leave this out until {day:d MMMM}, and then only if whoever treated you agrees." : "We leave this out for you."),
            _ when expired => ("not-asked", $"Your answers were good until {until:d MMMM yyyy}. Before we go on I ask you again."),
            "ask-clinician" => ("ask", "I cannot judge that; please ask the person who treats you. Until then we leave this out."),
            _ when missing.Count > 0 => ("not-asked", $"Before this one I have to ask you about: {string.Join("; ", missing.Take(3))}{(missing.Count > 3 ? $"; and {missing.Count - 3} more" : "")}."),
            "allow-modified" => ("modified", $"We do this in a milder form: {string.Join("; ", worst.Select(h => h.Says).Distinct())}."),
            _ => ("allowed", "Nothing you told me speaks against this. Stop if anything hurts, tingles or feels strange."),
        };
        return new(technique.Id, technique.Name, answer, says, free, screen.Hits, missing);
    }
}

/// <summary>A technique of the house as a screening sees it.</summary>
public sealed record TechniqueAtHand(string Id, string Name, IReadOnlyList<string> Classes, IReadOnlyList<ExclusionNote> Exclusions);
