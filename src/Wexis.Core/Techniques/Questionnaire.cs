using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques;

/// <summary>One state asked about in a screening.</summary>
/// <param name="Text">In words a client knows.</param>
/// <param name="Name">In the trade's words, for the one who asks.</param>
/// <param name="AsksDay">Whether the day matters, since a window is counted from it.</param>
/// <param name="DayAsks">How the day is asked for.</param>
/// <param name="AsksPlace">Whether the treated place decides what is left out.</param>
/// <param name="Usual">The usual advice, in words; null when there is none.</param>
/// <param name="Techniques">How many of the techniques at hand it touches.</param>
/// <param name="Worst">Worst handling over them: avoid, ask or modify.</param>
public sealed record ScreeningQuestion(
    string Id,
    string Text,
    string Name,
    string Group,
    bool RedFlag,
    bool AsksDay,
    string DayAsks,
    bool AsksPlace,
    string? Usual,
    int Techniques,
    string Worst
);

/// <summary>A group of at most seven states that one question puts; "none of these" is a no to each of them.</summary>
public sealed record QuestionGroup(string Id, string Title, string Question, IReadOnlyList<ScreeningQuestion> States);

/// <summary>The questions that the techniques at hand call for: acute signs first, then treatments with their day, then the rest.</summary>
public sealed record Questionnaire(IReadOnlyList<QuestionGroup> Groups, string ClinicianFirst)
{
    /// <summary>Nobody keeps more states apart in one question.</summary>
    public const int MostInAGroup = 7;

    public const string Acute = "Today or in the last days";
    public const string Treatment = "Treatments and operations";
    public const string State = "Known for longer";

    [System.Text.Json.Serialization.JsonIgnore]
    public IReadOnlyList<ScreeningQuestion> Questions => [.. Groups.SelectMany(g => g.States)];

    /// <param name="techniques">What each technique at hand calls for.</param>
    public static Questionnaire Of(IReadOnlyCollection<IReadOnlyList<ExclusionNote>> techniques, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(techniques);
        ArgumentNullException.ThrowIfNull(atlas);
        var touched = techniques
            .SelectMany(t => t)
            .GroupBy(n => n.Id)
            .ToDictionary(
                g => g.Key,
                g => (Count: g.Count(), Worst: g.Select(n => n.Handling).MinBy(Screening.Rank)!),
                StringComparer.Ordinal
            );
        var asked = atlas
            .Document.Contraindications.Where(e => touched.ContainsKey(e.Id))
            .Select(e => new ScreeningQuestion(
                e.Id,
                e.Client,
                e.Name,
                Group(e),
                e.RedFlag,
                AsksDay(e),
                e.DayAsks ?? "The last time, on",
                e.Placed,
                e.Window,
                touched[e.Id].Count,
                touched[e.Id].Worst
            ))
            .ToList();
        return new(
            [
                .. Kinds.SelectMany(kind =>
                    Even([.. asked.Where(q => q.Group == kind.Title)])
                        .Select((states, i) => new QuestionGroup($"{kind.Id}-{i + 1}", kind.Title, kind.Question, states))
                ),
            ],
            Screening.ClinicianFirst
        );
    }

    /// <summary>A window that can be counted has an end; where there is none, the day is asked all the same.</summary>
    public static bool AsksDay(Exclusion exclusion)
    {
        ArgumentNullException.ThrowIfNull(exclusion);
        return exclusion.LastDay is not null || exclusion.UntilReleased;
    }

    private static readonly IReadOnlyList<(string Id, string Title, string Question)> Kinds =
    [
        ("acute", Acute, "Is any of this new, today or in the last days?"),
        ("treatment", Treatment, "Did you have any of these?"),
        ("state", State, "Do you have, or have you had, any of these?"),
    ];

    private static string Group(Exclusion e) =>
        e.RedFlag ? Acute
        : AsksDay(e) && e.DayAsks is null ? Treatment
        : State;

    /// <summary>As few groups as hold at most seven each, all about as long.</summary>
    private static IEnumerable<IReadOnlyList<ScreeningQuestion>> Even(List<ScreeningQuestion> all)
    {
        var groups = (all.Count + MostInAGroup - 1) / MostInAGroup;
        for (var i = 0; i < groups; i++)
            yield return all[(i * all.Count / groups)..((i + 1) * all.Count / groups)];
    }
}

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

/// <summary>What one technique means for one person today.</summary>
/// <param name="Answer">allowed, modified, avoided, ask, stop, or not-asked where a question it calls for was never put.</param>
/// <param name="Says">The sentence to say to the person.</param>
/// <param name="FreeFrom">The first day on which every window is over; null without one.</param>
/// <param name="NotAsked">Questions that this technique calls for and that were not put.</param>
public sealed record ScreenedTechnique(
    string Id,
    string Name,
    string Answer,
    string Says,
    DateOnly? FreeFrom,
    IReadOnlyList<ConditionHit> Hits,
    IReadOnlyList<string> NotAsked
);

/// <summary>A screening as it stands today. Answers hold for 90 days; after that nothing is allowed on them.</summary>
/// <param name="Standing">good, or expired.</param>
public sealed record ScreeningStanding(
    string Standing,
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
            expired ? "expired" : "good",
            until,
            [.. techniques.Select(t => One(answers, expired, until, today, t, atlas))],
            Screening.ClinicianFirst
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
        var worst = screen.Hits.Where(h => h.Response == screen.Response && h.Response != "allow").ToList();
        // The day belongs to what decides: a window does not open what another state forbids.
        var free = worst.Count > 0 && worst.All(h => h.FreeFrom is not null) ? worst.Max(h => h.FreeFrom) : null;
        var (answer, says) = screen.Response switch
        {
            // A known reason against it outranks what was not asked, and outlives the 90 days.
            "stop-and-refer" => ("stop", worst[0].Says),
            "refuse" => (
                "avoided",
                free is { } day
                    ? $"We leave this out until {day:d MMMM yyyy}, and then only if {Whoms(worst)} agrees."
                    : "We leave this out for you."
            ),
            _ when expired => ("not-asked", $"Your answers were good until {until:d MMMM yyyy}. Before we go on I ask you again."),
            "ask-clinician" => ("ask", $"I cannot judge that; please ask {Whoms(worst)}. Until then we leave this out."),
            _ when missing.Count > 0 => (
                "not-asked",
                $"Before this one I have to ask you about: {string.Join("; ", missing.Take(3))}{(missing.Count > 3 ? $"; and {missing.Count - 3} more" : "")}."
            ),
            "allow-modified" => ("modified", $"We do this in a milder form: {string.Join("; ", worst.Select(h => h.Says).Distinct())}."),
            _ => ("allowed", "Nothing you told me speaks against this. Stop if anything hurts, tingles or feels strange."),
        };
        return new(technique.Id, technique.Name, answer, says, free, screen.Hits, missing);
    }

    private static string Whoms(IEnumerable<ConditionHit> hits) => string.Join(" and ", hits.Select(h => h.Whom).Distinct());
}

/// <summary>A technique of the house as a screening sees it.</summary>
public sealed record TechniqueAtHand(string Id, string Name, TechniqueTouch Touch, IReadOnlyList<ExclusionNote> Exclusions);
