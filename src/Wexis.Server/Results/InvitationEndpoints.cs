using System.Security.Claims;
using System.Security.Cryptography;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Anatomy;
using Wexis.Core.Grading;
using Wexis.Core.People;
using Wexis.Core.Results;
using Wexis.Data;
using Wexis.Data.Grading;
using Wexis.Data.People;
using Wexis.Data.Results;
using Wexis.Server.Shell;

namespace Wexis.Server.Results;

/// <param name="Id">Of the person, made where they are invited.</param>
/// <param name="Looks">To look again; else to decide a dispute or an appeal.</param>
public sealed record InvitationGiven(PersonId Id, string? Name, bool Looks);

/// <summary>What the colleague needs to come in; the password is told this once.</summary>
public sealed record Invitation(string Name, string Login, string Password, DateTimeOffset Until);

/// <param name="Look">The second look that is still to be given; null where it was given, or another thing is to be decided.</param>
public sealed record InvitedTo(DemonstrationId Id, PersonId TraineeId, string Trainee, string Shown, AskedOfMe? Look);

/// <param name="Id">Of the second sheet, made where it is taken in; the same UUID is the id of whoever filled it in.</param>
/// <param name="Name">Who filled it in.</param>
/// <param name="Text">The table, whole.</param>
public sealed record SheetReturned(DemonstrationId Id, string? Name, string? Text);

/// <summary>A colleague from outside: invited to one case until a day, or sent its sheet as a table.</summary>
public static class InvitationEndpoints
{
    private const string Letters = "abcdefghjkmnpqrstuvwxyz23456789";
    private const int LongestName = 120;

    public static void Map(RouteGroupBuilder api)
    {
        api.MapGet("/results/invited", Mine).RequireAuthorization(Policies.Marks).WithTags("Results").WithName("getInvitedCase");
        var group = api.MapGroup("/results/{id:guid}").WithTags("Results").RequireAuthorization(Policies.Staff);
        group.MapPost("/invitations", Invite).RequireAuthorization(Policies.Lead).WithName("inviteColleague");
        group.MapGet("/sheet.csv", Blank).WithName("sheetToReturn");
        group.MapPost("/returned", Return).RequireAuthorization(Policies.Lead).WithName("takeReturnedSheet");
    }

    /// <summary>The case that an invited colleague is here for.</summary>
    private static async Task<Results<Ok<InvitedTo>, NotFound>> Mine(
        ClaimsPrincipal user,
        CaseStore cases,
        CaseDesk desk,
        CancellationToken ct
    )
    {
        var me = user.PersonId();
        if (await cases.InvitedTo(me, ct) is not { } id || await desk.Open(id, ct) is not { } open)
            return TypedResults.NotFound();
        var name = await desk.Names(ct);
        return TypedResults.Ok(
            new InvitedTo(
                id,
                open.Case.Trainee,
                name(open.Case.Trainee),
                open.Sheet.TechniqueName,
                (await cases.AskedOf(me, ct)).FirstOrDefault(a => a.DemonstrationId == id)
            )
        );
    }

    private static string Random(int length) => RandomNumberGenerator.GetString(Letters, length);

    private static async Task<Results<Ok<Invitation>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Invite(
        DemonstrationId id,
        InvitationGiven given,
        ClaimsPrincipal user,
        CaseDesk desk,
        CaseStore cases,
        PersonStore people,
        IPasswordHasher<StoredPerson> hasher,
        CancellationToken ct
    )
    {
        const string title = "Nobody was invited.";
        if (await desk.Open(id, ct) is not { } open)
            return TypedResults.NotFound();
        if (await desk.IsBlind(user.PersonId(), id, ct))
            return Problems.Of("id", "You were asked to look at this again. Submit your own sheet first.", title);
        if (given.Name?.Trim() is not { Length: > 0 and <= LongestName } name)
            return Problems.Of("name", "name: say whom you invite.", title);
        if (await people.ById(given.Id, ct) is not null)
            return Problems.Of("id", "This colleague was invited already. The password was told once; invite again for another.", title);
        var (login, password, until) = ($"guest-{Random(6)}", Random(14), desk.Now.AddDays(desk.Settings.InvitationDays));
        var person = new StoredPerson(given.Id, login, name, Roles.Invited, "", Guid.NewGuid(), true, until);
        var by = await desk.Actor(user, id, ct);
        var asked = new CaseEvent(ActId.New(), CaseEventKind.LookAsked, desk.Now, by.Id, How: LookHow.Invited, Assessor: person.PersonId);
        if (given.Looks && CaseRules.Refuse(open.Case, asked, by, open.Sheet, desk.Settings) is { } refusal)
            return Problems.Of(refusal.Path, refusal.Says, title);
        if (!await people.Add(person with { PasswordHash = hasher.HashPassword(person, password) }, desk.Now, ct))
            return Problems.Stale("invitation");
        await cases.Invite(person.PersonId, id, by.Id, desk.Now, ct);
        if (given.Looks && (await desk.Act(open, asked, by, ct)).Outcome != SaveOutcome.Saved)
            return Problems.Stale("result");
        return TypedResults.Ok(new Invitation(name, login, password, until));
    }

    private static async Task<Results<ContentHttpResult, NotFound>> Blank(DemonstrationId id, CaseDesk desk, CancellationToken ct) =>
        await desk.Open(id, ct) is { } open ? TypedResults.Text(ReturnedSheet.Blank(id, open.Sheet), "text/csv") : TypedResults.NotFound();

    private static async Task<Results<Ok, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Return(
        DemonstrationId id,
        SheetReturned given,
        ClaimsPrincipal user,
        CaseDesk desk,
        CaseStore cases,
        PersonStore people,
        DemonstrationStore demonstrations,
        ResultStore results,
        Atlas atlas,
        CancellationToken ct
    )
    {
        const string title = "The sheet was not taken in. Nothing was changed.";
        if (await desk.Open(id, ct) is not { } open || await demonstrations.ById(id, ct) is not { } first)
            return TypedResults.NotFound();
        if (await results.Submitted(given.Id, ct) is not null)
            return TypedResults.Ok();
        if (first.StationId is null || open.Stored.FirstResult is null)
            return Problems.Of("id", "Submit the first sheet before another one comes back.", title);
        if (given.Name?.Trim() is not { Length: > 0 and <= LongestName } name)
            return Problems.Of("name", "name: say who filled it in.", title);
        var read = ReturnedSheet.Read(given.Text ?? "", id, open.Sheet);
        if (read.Value is not { } marks)
            return Problems.Of(read.Issues, title);
        var by = await desk.Actor(user, id, ct);
        var now = desk.Now;
        // Whoever filled it in is known by name and has no account. The same sent again goes on where it was cut off.
        var colleague = new StoredPerson(
            PersonId.From(given.Id.Value),
            $"guest-{Random(10)}",
            name,
            Roles.Invited,
            "",
            Guid.NewGuid(),
            false,
            now
        );
        if (open.Case.Looks.All(l => l.Asked.Assessor != colleague.PersonId))
        {
            var asked = new CaseEvent(ActId.New(), CaseEventKind.LookAsked, now, by.Id, How: LookHow.File, Assessor: colleague.PersonId);
            if (CaseRules.Refuse(open.Case, asked, by, open.Sheet, desk.Settings) is { } refusal)
                return Problems.Of(refusal.Path, refusal.Says, title);
            if (await people.ById(colleague.PersonId, ct) is null)
                await people.Add(colleague, now, ct);
            if ((await desk.Act(open, asked, by, ct)).Outcome != SaveOutcome.Saved)
                return Problems.Stale("result");
        }
        await demonstrations.Open(
            new(given.Id, first.TraineeId, colleague.PersonId, first.StationId, first.Revision, SecondOf: id),
            now,
            ct
        );
        foreach (var mark in marks)
            await demonstrations.Append(given.Id, mark, colleague.PersonId, now, ct);
        var state = SheetState.Of(await demonstrations.EventsOf(given.Id, ct));
        var result = DemonstrationResult.Of(Score.Of(state, open.Sheet, desk.Settings), open.Sheet, state, atlas);
        var look = (await demonstrations.ById(given.Id, ct))!;
        var (seen, happened) = await desk.Submitting(look, result, state, ct);
        return await results.Submit(given.Id, result, look.Events, seen, happened, colleague.PersonId, now, ct) == SaveOutcome.Saved
            ? TypedResults.Ok()
            : Problems.Stale("result");
    }
}
