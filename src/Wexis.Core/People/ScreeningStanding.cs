using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.People;

/// <summary>What a person answered on one day. Health data.</summary>
/// <param name="Asked">Exclusion ids that were asked and answered; what was not asked is not a no.</param>
/// <param name="Note">What was answered with yes.</param>
public sealed record ScreeningAnswers(IReadOnlyList<string>? Asked, PersonNote? Note)
{
    /// <summary>Every slip: an unknown state, a treatment without its day, or with a day that has not come.</summary>
    public IReadOnlyList<Issue> Issues(DateOnly today, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        var issues = new List<Issue>();
        if (Asked is not { Count: > 0 })
            issues.Add(new("asked", IssueCodes.Missing, "", "the questions that were asked"));
        foreach (var id in (Asked ?? []).Where(id => !atlas.Exclusions.ContainsKey(id)))
            issues.Add(new("asked", IssueCodes.Unknown, id, "an exclusion of the atlas"));
        issues.AddRange((Note ?? PersonNote.Nobody).Issues("note", today, atlas, dayNeeded: true));
        return issues;
    }
}

/// <summary>What is done with one technique for one person; not asked where a question it calls for was never put.</summary>
[ClosedList]
public enum TechniqueAnswer
{
    Allowed,
    Modified,
    Avoided,
    Ask,
    Stop,
    NotAsked,
}

/// <summary>Whether answers still hold.</summary>
[ClosedList]
public enum AnswersHold
{
    Good,
    Expired,
}

/// <summary>What one technique means for one person today.</summary>
/// <param name="Says">The sentence to say to the person.</param>
/// <param name="FreeFrom">The first day on which every window is over; null without one.</param>
/// <param name="NotAsked">Questions that this technique calls for and that were not put.</param>
public sealed record ScreenedTechnique(
    string Id,
    string Name,
    TechniqueAnswer Answer,
    string Says,
    DateOnly? FreeFrom,
    IReadOnlyList<ConditionHit> Hits,
    IReadOnlyList<string> NotAsked
);

/// <summary>A screening as it stands today. Answers hold for 90 days; after that nothing is allowed on them.</summary>
public sealed record ScreeningStanding(
    AnswersHold Standing,
    DateOnly GoodUntil,
    IReadOnlyList<ScreenedTechnique> Techniques,
    string ClinicianFirst
)
{
    /// <param name="answered">Day of the answers.</param>
    /// <param name="techniques">The techniques at hand with what is derived from them.</param>
    public static ScreeningStanding Of(
        ScreeningAnswers answers,
        DateOnly answered,
        DateOnly today,
        IReadOnlyList<TechniqueAtHand> techniques,
        Atlas atlas,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(answers);
        ArgumentNullException.ThrowIfNull(techniques);
        ArgumentNullException.ThrowIfNull(settings);
        var until = answered.AddDays(settings.ScreeningDays);
        var expired = today > until;
        return new(
            expired ? AnswersHold.Expired : AnswersHold.Good,
            until,
            [.. techniques.Select(t => One(answers, expired, until, today, t, atlas))],
            ExclusionRules.ClinicianFirst
        );
    }

    private static ScreenedTechnique One(
        ScreeningAnswers answers,
        bool expired,
        DateOnly until,
        DateOnly today,
        TechniqueAtHand technique,
        Atlas atlas
    )
    {
        var note = (answers.Note ?? PersonNote.Nobody) with { Asked = null };
        var screen = PersonScreen.Of(technique.Touch, note, today, atlas);
        var missing = PersonScreen.Missing(answers.Asked ?? [], note, technique.Touch, atlas).Select(e => e.Client).ToList();
        var worst = screen.Hits.Where(h => h.Response == screen.Response && h.Response != Response.Allow).ToList();
        // The day belongs to what decides: a window does not open what another state forbids.
        var free = worst.Count > 0 && worst.All(h => h.FreeFrom is not null) ? worst.Max(h => h.FreeFrom) : null;
        var (answer, says) = screen.Response switch
        {
            // A known reason against it outranks what was not asked, and outlives the 90 days.
            Response.StopAndRefer => (TechniqueAnswer.Stop, worst[0].Says),
            Response.Refuse => (
                TechniqueAnswer.Avoided,
                free is { } day
                    ? $"We leave this out until {day:d MMMM yyyy}, and then only if {Whoms(worst)} agrees."
                    : "We leave this out for you."
            ),
            _ when expired => (
                TechniqueAnswer.NotAsked,
                $"Your answers were good until {until:d MMMM yyyy}. Before we go on I ask you again."
            ),
            Response.AskClinician => (
                TechniqueAnswer.Ask,
                $"I cannot judge that; please ask {Whoms(worst)}. Until then we leave this out."
            ),
            _ when missing.Count > 0 => (
                TechniqueAnswer.NotAsked,
                "Before this one I have to ask you about: "
                    + $"{string.Join("; ", missing.Take(3))}{(missing.Count > 3 ? $"; and {missing.Count - 3} more" : "")}."
            ),
            Response.AllowModified => (
                TechniqueAnswer.Modified,
                $"We do this in a milder form: {string.Join("; ", worst.Select(h => h.Says).Distinct())}."
            ),
            _ => (TechniqueAnswer.Allowed, "Nothing you told me speaks against it. Stop if anything hurts, tingles or feels strange."),
        };
        return new(technique.Id, technique.Name, answer, says, free, screen.Hits, missing);
    }

    private static string Whoms(IEnumerable<ConditionHit> hits) => string.Join(" and ", hits.Select(h => h.Whom).Distinct());
}

/// <summary>A technique of the house as a screening sees it.</summary>
public sealed record TechniqueAtHand(string Id, string Name, TechniqueTouch Touch, IReadOnlyList<ExclusionNote> Exclusions);
