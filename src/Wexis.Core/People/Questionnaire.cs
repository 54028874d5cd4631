using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.People;

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
    Handling Worst
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
            .ToDictionary(g => g.Key, g => (Count: g.Count(), Worst: g.Select(n => n.Handling).Min()), StringComparer.Ordinal);
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
            ExclusionRules.ClinicianFirst
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
