using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.Mvc;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Data.People;
using Wexis.Server.Shell;

namespace Wexis.Server.People;

public sealed record PersonLine(PersonId Id, string Name, string Login, PersonRole Role);

/// <summary>A colleague from outside who can still come in.</summary>
/// <param name="Result">The one result that they see.</param>
public sealed record InvitedLine(PersonId Id, string Name, string Login, DateTimeOffset Until, DemonstrationId Result);

/// <param name="Password">The new one.</param>
public sealed record PasswordReset(string? Password);

/// <param name="Current">The one that is given up.</param>
/// <param name="Password">The new one.</param>
public sealed record PasswordChange(string? Current, string? Password);

public static class PeopleEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/people").WithTags("People");
        group.MapGet("", List).RequireAuthorization(Policies.Staff).WithName("listPeople");
        group.MapPost("", Add).RequireAuthorization(Policies.Lead).WithName("addPerson");
        group.MapPut("/{id:guid}", Change).RequireAuthorization(Policies.Lead).WithName("changePerson");
        group.MapPut("/{id:guid}/password", Reset).RequireAuthorization(Policies.Lead).WithName("resetPassword");
        group.MapGet("/invited", Invited).RequireAuthorization(Policies.Lead).WithName("listInvited");
        group.MapDelete("/invited/{id:guid}", EndInvitation).RequireAuthorization(Policies.Lead).WithName("endInvitation");
        api.MapPut("/session/password", ChangeOwn).WithTags("People").WithName("changePassword");
    }

    private static async Task<Ok<IReadOnlyList<PersonLine>>> List(PersonStore people, CancellationToken ct) =>
        TypedResults.Ok<IReadOnlyList<PersonLine>>([
            .. (await people.All(ct))
                .Where(p => p.Active && p.Role != Roles.Invited)
                .Select(p => new PersonLine(p.PersonId, p.Name, p.Login, ClosedList.In<PersonRole>(p.Role))),
        ]);

    private static async Task<Ok<IReadOnlyList<InvitedLine>>> Invited(PersonStore people, TimeProvider clock, CancellationToken ct) =>
        TypedResults.Ok<IReadOnlyList<InvitedLine>>([
            .. (await people.Invited(clock.GetUtcNow(), ct)).Select(p => new InvitedLine(
                p.PersonId,
                p.Name,
                p.Login,
                p.EndsAt,
                p.ResultId
            )),
        ]);

    /// <summary>Ends an invitation before its day; what the colleague did stays.</summary>
    private static async Task<Results<NoContent, NotFound>> EndInvitation(
        PersonId id,
        PersonStore people,
        HeldSessions sessions,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        var ended = await people.EndInvitation(id, clock.GetUtcNow(), ct);
        sessions.Forget();
        return ended ? TypedResults.NoContent() : TypedResults.NotFound();
    }

    private static async Task<Results<Ok<PersonLine>, ValidationProblem>> Add(
        PersonDraft draft,
        PersonStore people,
        IPasswordHasher<StoredPerson> hasher,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        if (draft.Issues() is { Count: > 0 } issues)
            return Problems.Of(issues, "This person cannot be added like this.");
        var person = SessionEndpoints.New(draft, hasher);
        return await people.Add(person, clock.GetUtcNow(), ct)
            ? TypedResults.Ok(new PersonLine(person.PersonId, person.Name, person.Login, ClosedList.In<PersonRole>(person.Role)))
            : Problems.Of("login", $"login: “{person.Login}” is taken. Choose another.", "This person cannot be added like this.");
    }

    private static async Task<Results<Ok<PersonLine>, ValidationProblem, NotFound, Conflict<ProblemDetails>>> Change(
        PersonId id,
        PersonChange given,
        PersonStore people,
        HeldSessions sessions,
        CancellationToken ct
    )
    {
        const string title = "This person was not changed.";
        if (given.Issues() is { Count: > 0 } issues)
            return Problems.Of(issues, title);
        var outcome = await people.Change(id, given.Name!.Trim(), given.Role!, given.SeenName, given.SeenRole, ct);
        sessions.Forget();
        return outcome switch
        {
            PersonOutcome.Changed when await people.ById(id, ct) is { } p => TypedResults.Ok(
                new PersonLine(p.PersonId, p.Name, p.Login, ClosedList.In<PersonRole>(p.Role))
            ),
            PersonOutcome.Stale => Problems.Stale("person"),
            PersonOutcome.LastLead => Problems.Of(
                "role",
                "role: a studio keeps a lead trainer. Make somebody else lead trainer first.",
                title
            ),
            _ => TypedResults.NotFound(),
        };
    }

    private static async Task<Results<NoContent, ValidationProblem, NotFound>> Reset(
        PersonId id,
        PasswordReset given,
        PersonStore people,
        IPasswordHasher<StoredPerson> hasher,
        HeldSessions sessions,
        CancellationToken ct
    )
    {
        if (PersonDraft.PasswordIssues(given.Password) is { Count: > 0 } issues)
            return Problems.Of(issues, "The password was not changed.");
        return await people.ById(id, ct) is { } person && await Set(person, given.Password!, people, hasher, sessions, ct)
            ? TypedResults.NoContent()
            : TypedResults.NotFound();
    }

    /// <summary>One's own password, with the one that is given up; then one signs in again, on every device.</summary>
    private static async Task<Results<NoContent, ValidationProblem, NotFound, ProblemHttpResult>> ChangeOwn(
        PasswordChange given,
        HttpContext http,
        PersonStore people,
        SignInGate gate,
        IPasswordHasher<StoredPerson> hasher,
        HeldSessions sessions,
        CancellationToken ct
    )
    {
        const string title = "The password was not changed.";
        if (await people.ById(http.User.PersonId(), ct) is not { } person)
            return TypedResults.NotFound();
        using var leave = await gate.Enter(person.Login, SessionEndpoints.Device(http), ct);
        if (leave is null)
            return SessionEndpoints.TriedTooOften(http);
        var current = given.Current is { Length: <= 200 } told ? told : "";
        if (hasher.VerifyHashedPassword(person, person.PasswordHash, current) == PasswordVerificationResult.Failed)
            return Problems.Of("current", "current: this is not your password now.", title);
        if (PersonDraft.PasswordIssues(given.Password) is { Count: > 0 } issues)
            return Problems.Of(issues, title);
        return await Set(person, given.Password!, people, hasher, sessions, ct) ? TypedResults.NoContent() : TypedResults.NotFound();
    }

    private static async Task<bool> Set(
        StoredPerson person,
        string password,
        PersonStore people,
        IPasswordHasher<StoredPerson> hasher,
        HeldSessions sessions,
        CancellationToken ct
    )
    {
        var set = await people.SetPassword(person.PersonId, hasher.HashPassword(person, password), ct);
        sessions.Forget();
        return set;
    }
}
