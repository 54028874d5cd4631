using System.Security.Claims;
using Wexis.Core.Anatomy;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Results;
using Wexis.Data;
using Wexis.Data.Grading;
using Wexis.Data.People;
using Wexis.Data.Results;
using Wexis.Server.Settings;
using Wexis.Server.Shell;

namespace Wexis.Server.Results;

/// <summary>A result with all that its rules need to know.</summary>
public sealed record OpenCase(StoredCase Stored, MarkSheet Sheet, ResultCase Case);

/// <summary>What became of an act.</summary>
/// <param name="Refusal">Null where it was done.</param>
public sealed record ActOutcome(SaveOutcome Outcome, CaseRefusal? Refusal = null);

/// <summary>Opens results with what happened to them, and lets happen what the rules of the core allow.</summary>
public sealed class CaseDesk(
    CaseStore cases,
    DemonstrationStore demonstrations,
    PersonStore people,
    Atlas atlas,
    HouseDesk house,
    TimeProvider clock
)
{
    public HouseSettings Settings => house.Settings;

    /// <summary>Null where there is no such first sheet. While it is open nothing is decided.</summary>
    public async Task<OpenCase?> Open(DemonstrationId id, CancellationToken ct)
    {
        if (await cases.Find(id, ct) is not { } stored || await demonstrations.SheetOf(id, ct) is not { } sheet)
            return null;
        var compared = stored.FirstResult is { } first ? await Compared(stored, first, sheet, ct) : null;
        var opened = stored.Result is { } result
            ? ResultCase.Of(stored.TraineeId, stored.FirstId, result, stored.Events, compared)
            : new ResultCase(stored.TraineeId, stored.FirstId, Decision.Open, 0, sheet.PassLine, false, stored.Events);
        return new(stored, sheet, opened);
    }

    /// <summary>The first sheet against the newest second one that was given.</summary>
    private async Task<SecondLook?> Compared(StoredCase stored, DemonstrationResult first, MarkSheet sheet, CancellationToken ct) =>
        stored.Events.LastOrDefault(e => e.Kind == CaseEventKind.LookGiven)?.Look is { } id
        && stored.Looks.FirstOrDefault(l => l.DemonstrationId == id)?.Result is { } second
            ? SecondLook.Of((first.Score, await State(stored.DemonstrationId, ct)), (second.Score, await State(id, ct)), sheet, Settings)
            : null;

    private async Task<SheetState> State(DemonstrationId id, CancellationToken ct) => SheetState.Of(await demonstrations.EventsOf(id, ct));

    /// <summary>Who somebody is to a case.</summary>
    public async Task<CaseActor> Actor(ClaimsPrincipal user, DemonstrationId id, CancellationToken ct)
    {
        var me = user.PersonId();
        return new(
            me,
            user.IsInRole(Roles.Lead),
            user.IsInRole(Roles.Lead) || user.IsInRole(Roles.Assessor),
            user.IsInRole(Roles.Invited) && await cases.InvitedTo(me, ct) == id
        );
    }

    /// <summary>The same of a person whose role is in the store.</summary>
    public async Task<CaseActor> ActorOf(PersonId person, DemonstrationId id, CancellationToken ct)
    {
        var role = await people.ById(person, ct) is { Active: true } known ? known.Role : null;
        return new(
            person,
            role == Roles.Lead,
            role is Roles.Lead or Roles.Assessor,
            role == Roles.Invited && await cases.InvitedTo(person, ct) == id
        );
    }

    /// <summary>Whether somebody was asked to look again and has not yet: until then they see nothing of the first sheet.</summary>
    public async Task<bool> IsBlind(PersonId person, DemonstrationId id, CancellationToken ct) =>
        (await HiddenFrom(person, ct)).Contains(id);

    /// <summary>The first sheets of which somebody sees nothing yet.</summary>
    public async Task<HashSet<DemonstrationId>> HiddenFrom(PersonId person, CancellationToken ct) =>
        [.. (await cases.AskedOf(person, ct)).Select(a => a.DemonstrationId)];

    public async Task<ActOutcome> Act(OpenCase open, CaseEvent e, CaseActor by, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(open);
        ArgumentNullException.ThrowIfNull(e);
        if (open.Stored.Events.Any(x => x.Id == e.Id))
            return new(await cases.Add(open.Stored.DemonstrationId, open.Stored.Events.Count, e, null, ct));
        var told = Told(open, e);
        if (CaseRules.Refuse(open.Case, told, by, open.Sheet, Settings) is { } refusal)
            return new(SaveOutcome.NotThere, refusal);
        var stands = await Stands(open, told, ct);
        var whole = stands is null ? told : told with { Decision = stands.Score.Decision, Percent = stands.Score.Percent };
        return new(await cases.Add(open.Stored.DemonstrationId, open.Stored.Events.Count, whole, stands, ct));
    }

    /// <summary>Who agrees takes over what was proposed.</summary>
    private static CaseEvent Told(OpenCase open, CaseEvent e) =>
        e.Kind == CaseEventKind.Agreed && open.Case.Proposed is { } proposal ? e with { Marks = proposal.Marks, Acts = proposal.Acts } : e;

    /// <summary>The result that stands after an event; null where it changes nothing.</summary>
    private async Task<DemonstrationResult?> Stands(OpenCase open, CaseEvent e, CancellationToken ct)
    {
        var changes =
            e.Kind is CaseEventKind.Agreed or CaseEventKind.ThirdMark or CaseEventKind.Corrected
            || e is { Kind: CaseEventKind.AppealDecided, Outcome: not AppealOutcome.Dismissed };
        if (!changes || open.Stored.Result is null)
            return null;
        return Result(open, await State(open.Stored.DemonstrationId, ct), e);
    }

    private DemonstrationResult Result(OpenCase open, SheetState first, CaseEvent e)
    {
        var after = open.Case with { Events = [.. open.Case.Events, e] };
        var (marks, acts) = after.Standing;
        var state = SecondLook.Standing(first, marks, acts);
        var score = Score.Of(state, open.Sheet, Settings);
        if (after.IsShownAgain)
            score = score with { CountsAsAttempt = false };
        return DemonstrationResult.Of(score, open.Sheet, state, atlas);
    }

    /// <summary>What happens to a case in the moment in which one of its sheets is submitted, and how much of it was seen then.</summary>
    public async Task<((DemonstrationId Case, int Sheets) Seen, IReadOnlyList<Happened> Happened)> Submitting(
        StoredDemonstration sheetOf,
        DemonstrationResult result,
        SheetState state,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(sheetOf);
        ArgumentNullException.ThrowIfNull(result);
        var now = clock.GetUtcNow();
        var of = sheetOf.SecondOf ?? sheetOf.DemonstrationId;
        if (await Open(of, ct) is not { } open)
            return ((of, 0), []);
        var seen = (of, open.Stored.Looks.Count(l => l.Result is not null) + (open.Stored.FirstResult is null ? 0 : 1));
        if (sheetOf.SecondOf is not null)
            return (
                seen,
                open.Stored.FirstResult is { } first
                    ? [Given(open, (first, await State(of, ct)), (sheetOf.DemonstrationId, sheetOf.AssessorId, result, state), now)]
                    : []
            );
        var decided = new CaseEvent(
            ActId.New(),
            CaseEventKind.Decided,
            now,
            sheetOf.AssessorId,
            Decision: result.Score.Decision,
            Percent: result.Score.Percent,
            Edition: open.Sheet.Edition
        );
        var happened = new List<Happened> { new(of, decided) };
        // Somebody who looked at the same time may have been quicker.
        foreach (var look in open.Stored.Looks)
            if (look.Result is { } second)
                happened.Add(
                    Given(
                        open,
                        (result, state),
                        (look.DemonstrationId, look.AssessorId, second, await State(look.DemonstrationId, ct)),
                        now
                    )
                );
        return (seen, happened);
    }

    private Happened Given(
        OpenCase open,
        (DemonstrationResult Result, SheetState State) first,
        (DemonstrationId Id, PersonId By, DemonstrationResult Result, SheetState State) second,
        DateTimeOffset now
    )
    {
        var compared = SecondLook.Of((first.Result.Score, first.State), (second.Result.Score, second.State), open.Sheet, Settings);
        var asked = open.Case.Looks.LastOrDefault(l => l.Given is null && (l.Asked.Assessor is null || l.Asked.Assessor == second.By));
        var fills = !compared.Differs && first.Result.Score.Decision == Decision.LookAgain;
        var e = new CaseEvent(
            ActId.New(),
            CaseEventKind.LookGiven,
            now,
            second.By,
            Look: second.Id,
            Of: asked?.Asked.Id,
            Decision: second.Result.Score.Decision,
            Percent: second.Result.Score.Percent,
            Differs: compared.Differs
        );
        if (!fills)
            return new(open.Stored.DemonstrationId, e);
        var filled = second
            .Result.Score.Criteria.Where(c => c.Mark is not null && first.State.Unseen.Contains(c.Criterion.Id))
            .Select(c => new StandingMark(c.Criterion.Id, c.Mark!.Value, "the second sheet could see it"))
            .ToList();
        var whole = e with { Marks = filled };
        return new(open.Stored.DemonstrationId, whole, Result(open, first.State, whole));
    }

    /// <summary>Names of the people in a story.</summary>
    public async Task<Func<PersonId, string>> Names(CancellationToken ct)
    {
        var all = (await people.All(ct)).ToDictionary(p => p.PersonId, p => p.Name);
        return id => all.GetValueOrDefault(id, "somebody who is gone");
    }

    public DateTimeOffset Now => clock.GetUtcNow();
}
