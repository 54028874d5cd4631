using Wexis.Core.Measures;

namespace Wexis.Core.Results;

/// <summary>One line of a result's story.</summary>
/// <param name="Text">What happened, in a sentence.</param>
/// <param name="Reason">In the words of whoever did it.</param>
public sealed record StoryLine(DateTimeOffset At, CaseEventKind Kind, string By, string Text, string? Reason);

/// <summary>The story of a result in sentences: what happened, by whom, when, on what ground.</summary>
public static class CaseStory
{
    /// <param name="name">Name of a person by id.</param>
    public static IReadOnlyList<StoryLine> Of(IReadOnlyList<CaseEvent> events, Func<PersonId, string> name)
    {
        ArgumentNullException.ThrowIfNull(events);
        ArgumentNullException.ThrowIfNull(name);
        return [.. events.Select(e => new StoryLine(e.At, e.Kind, name(e.By), Text(e, name) + Comes(e), e.Reason))];
    }

    /// <summary>What a trainee reads of the story: not who proposed what on the way.</summary>
    public static bool IsTold(CaseEventKind kind) =>
        kind is not (CaseEventKind.LookAsked or CaseEventKind.LookGiven or CaseEventKind.AgreementProposed or CaseEventKind.Agreed);

    /// <summary>A decision in the words of a result.</summary>
    public static string DecisionWords(Decision decision) =>
        decision switch
        {
            Decision.Pass => "passed",
            Decision.Fail => "not passed",
            Decision.NotEnoughShown => "not enough shown",
            Decision.LookAgain => "to be looked at again",
            _ => "open",
        };

    public static string GroundWords(AppealGround ground) =>
        ground switch
        {
            AppealGround.Marking => "something was marked otherwise than it was shown",
            AppealGround.Procedure => "it was not done as it had been said",
            _ => "something from outside stood in the way",
        };

    private static string Text(CaseEvent e, Func<PersonId, string> name) =>
        e.Kind switch
        {
            CaseEventKind.Decided => $"{name(e.By)} submitted the sheet{(e.Edition is { } n ? $", by edition {n}" : "")}",
            CaseEventKind.LookAsked => e.How switch
            {
                LookHow.Assessor when e.By == e.Assessor => $"{name(e.By)} took a second look",
                LookHow.OwnFilm => $"{name(e.By)} asked for a second look from the own film",
                LookHow.File => $"{name(e.By)} asked for a second look on a sheet that comes back as a file",
                LookHow.Invited => $"{name(e.By)} invited {Who(e.Assessor, name)} to look again",
                _ => $"{name(e.By)} asked {Who(e.Assessor, name)} to look again",
            },
            CaseEventKind.LookGiven => $"{name(e.By)} gave the second look",
            CaseEventKind.AgreementProposed => $"{name(e.By)} proposed what both could agree on",
            CaseEventKind.Agreed => $"{name(e.By)} agreed",
            CaseEventKind.ThirdMark => $"{name(e.By)} decided as a third",
            CaseEventKind.Corrected => $"{name(e.By)} corrected the result",
            CaseEventKind.Released => $"{name(e.By)} released the result",
            CaseEventKind.Withdrawn => $"{name(e.By)} withdrew the result",
            CaseEventKind.AppealLodged => $"{name(e.By)} appealed: {(e.Ground is { } g ? GroundWords(g) : "no ground told")}",
            CaseEventKind.AppealDecided => e.Outcome switch
            {
                AppealOutcome.Changed => $"{name(e.By)} upheld the appeal and changed marks",
                AppealOutcome.ShownAgain => $"{name(e.By)} upheld the appeal: it is shown again, and this attempt does not count",
                _ => $"{name(e.By)} dismissed the appeal: the result stays",
            },
            _ => throw new ArgumentOutOfRangeException(nameof(e), e.Kind, "This happens to no result."),
        };

    private static string Who(PersonId? person, Func<PersonId, string> name) => person is { } id ? name(id) : "a colleague";

    private static string Comes(CaseEvent e) =>
        e is { Decision: { } decision, Percent: { } percent } ? $": {DecisionWords(decision)}, {percent:0.0} %." : ".";
}
