using Wexis.Core.Measures;

namespace Wexis.Core.Results;

/// <summary>What can happen to a result. The family is complete here.</summary>
[ClosedList]
public enum CaseEventKind
{
    /// <summary>Its assessor submitted the sheet.</summary>
    Decided,

    /// <summary>Somebody is to look again, blind.</summary>
    LookAsked,

    /// <summary>The second sheet was submitted, or came back as a file.</summary>
    LookGiven,

    /// <summary>One of the two assessors says what both could agree on.</summary>
    AgreementProposed,

    /// <summary>The other of the two agrees.</summary>
    Agreed,

    /// <summary>Somebody who gave neither sheet decides.</summary>
    ThirdMark,

    /// <summary>A slip in a result is put right.</summary>
    Corrected,

    Released,
    Withdrawn,
    AppealLodged,
    AppealDecided,
}

/// <summary>How somebody looks again.</summary>
[ClosedList]
public enum LookHow
{
    /// <summary>Another assessor of the studio.</summary>
    Assessor,

    /// <summary>In a house of one: the same assessor, from their own film, days later.</summary>
    OwnFilm,

    /// <summary>A colleague from outside, who sees this case alone.</summary>
    Invited,

    /// <summary>A colleague from outside, on a sheet that comes back as a file.</summary>
    File,
}

/// <summary>Why a trainee appeals.</summary>
[ClosedList]
public enum AppealGround
{
    /// <summary>Something was marked otherwise than it was shown.</summary>
    Marking,

    /// <summary>It was not done as it was said that it would be.</summary>
    Procedure,

    /// <summary>Something from outside stood in the way: an interruption, illness, a room.</summary>
    Circumstances,
}

[ClosedList]
public enum AppealOutcome
{
    /// <summary>The result stays as it is.</summary>
    Dismissed,

    /// <summary>Marks are changed.</summary>
    Changed,

    /// <summary>It is shown again; the attempt does not count.</summary>
    ShownAgain,
}

/// <summary>A mark that stands in place of the one that was given, and why.</summary>
/// <param name="Criterion">Id of a criterion of the sheet.</param>
/// <param name="Mark">0 to 3.</param>
public sealed record StandingMark(string Criterion, double Mark, string Reason);

/// <summary>
/// One thing that happened to a result: by whom, when, on what ground. Only ever added; what a result is now is their fold
/// (<see cref="ResultCase"/>), and the same list is its story.
/// </summary>
/// <param name="At">Moment of the server.</param>
/// <param name="By">Person.</param>
/// <param name="Reason">In their own words.</param>
/// <param name="How">Of an asked second look.</param>
/// <param name="Assessor">Who is to look again.</param>
/// <param name="Look">The second demonstration sheet.</param>
/// <param name="Of">The event that is answered: a proposal or an appeal.</param>
/// <param name="Marks">What stands in place of the first marks.</param>
/// <param name="Acts">Critical acts that stand; null leaves them as they were.</param>
/// <param name="Decision">What stands after this event, where it changed.</param>
/// <param name="Percent">Likewise.</param>
/// <param name="Edition">Edition that was shown.</param>
/// <param name="Differs">Of a second look: the two sheets differ beyond tolerance, as tolerance was then.</param>
public sealed record CaseEvent(
    ActId Id,
    CaseEventKind Kind,
    DateTimeOffset At,
    PersonId By,
    string? Reason = null,
    LookHow? How = null,
    PersonId? Assessor = null,
    DemonstrationId? Look = null,
    ActId? Of = null,
    IReadOnlyList<StandingMark>? Marks = null,
    IReadOnlyList<string>? Acts = null,
    AppealGround? Ground = null,
    AppealOutcome? Outcome = null,
    Decision? Decision = null,
    double? Percent = null,
    int? Edition = null,
    bool? Differs = null
);
