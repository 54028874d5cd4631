using System.Security.Cryptography;
using System.Text;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Data.People;
using Wexis.Server.Settings;
using Wexis.Server.Shell;

namespace Wexis.Server.People;

/// <summary>Who is signed in, and what the sign-in page needs to know.</summary>
/// <param name="Token">Form token; every change sends it back in a header.</param>
/// <param name="NeedsFirstLead">Nobody leads this house yet: ask for the first lead trainer.</param>
/// <param name="AsksCode">Whoever would be the first lead proves it by the code that the start command printed.</param>
/// <param name="TimeZone">Of the house, by its IANA name: its day is today.</param>
/// <param name="DemoAccounts">Offered by the sign-in page of the demo only.</param>
public sealed record Session(
    SignedIn? Person,
    string Token,
    bool NeedsFirstLead,
    bool AsksCode,
    string TimeZone,
    IReadOnlyList<DemoAccount> DemoAccounts
);

/// <param name="Code">Printed by the start command: who reads it stands at the machine.</param>
public sealed record FirstLead(string? Login, string? Name, string? Password, string? Code);

/// <summary>The code that a house without a lead trainer asks for; null where none was set.</summary>
public sealed record FirstLeadCode(string? Code)
{
    public bool Is(string? given) =>
        Code is null || CryptographicOperations.FixedTimeEquals(Encoding.UTF8.GetBytes(Code), Encoding.UTF8.GetBytes(given?.Trim() ?? ""));
}

public sealed record SignedIn(PersonId Id, string Name, string Login, PersonRole Role);

public sealed record SignIn(string? Login, string? Password);

public static class SessionEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/session").WithTags("People");
        group.MapGet("", Get).AllowAnonymous().WithName("getSession");
        group.MapPost("", Enter).AllowAnonymous().WithName("signIn");
        group.MapDelete("", (Delegate)Leave).AllowAnonymous().WithName("signOut");
        api.MapPost("/first-lead", First).AllowAnonymous().WithTags("People").WithName("addFirstLead");
    }

    private static async Task<Ok<Session>> Get(
        HttpContext http,
        IAntiforgery antiforgery,
        PersonStore people,
        DemoAccounts demo,
        HouseDesk house,
        FirstLeadCode code,
        CancellationToken ct
    )
    {
        var token = antiforgery.GetAndStoreTokens(http).RequestToken ?? "";
        var person = http.User.Identity?.IsAuthenticated == true ? await people.ById(http.User.PersonId(), ct) : null;
        return TypedResults.Ok(
            new Session(
                person is null ? null : Shown(person),
                token,
                !await people.AnyLead(ct),
                code.Code is not null,
                house.Zone.Id,
                demo.All
            )
        );
    }

    private static async Task<Results<Ok<SignedIn>, ValidationProblem, ProblemHttpResult>> Enter(
        SignIn given,
        HttpContext http,
        SignInGate gate,
        HouseMetrics metrics,
        PersonStore people,
        IPasswordHasher<StoredPerson> hasher,
        CancellationToken ct
    )
    {
        var login = given.Login is { Length: > 0 and <= 60 } typed ? typed.Trim() : "";
        using var leave = await gate.Enter(login, Device(http), ct);
        if (leave is null)
        {
            metrics.SignIn("too-often");
            return TriedTooOften(http);
        }
        var person = login.Length > 0 ? await people.ByLogin(login, ct) : null;
        // The hash is computed for an unknown login too, so that the time it takes tells nothing.
        var password = given.Password is { Length: <= 200 } told ? told : "";
        var verified = hasher.VerifyHashedPassword(person ?? Nobody, person?.PasswordHash ?? Nobody.PasswordHash, password);
        var known = person is { Active: true } && verified != PasswordVerificationResult.Failed;
        metrics.SignIn(known ? "known" : "refused");
        if (!known)
            return Problems.Of("password", "The name and the password do not belong together.", "You are not signed in.");
        return await SignInAs(http, person!);
    }

    private static async Task<NoContent> Leave(HttpContext http)
    {
        await http.SignOutAsync();
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<SignedIn>, ValidationProblem, ProblemHttpResult>> First(
        FirstLead given,
        HttpContext http,
        SignInGate gate,
        FirstLeadCode code,
        PersonStore people,
        IPasswordHasher<StoredPerson> hasher,
        TimeProvider clock,
        CancellationToken ct
    )
    {
        using var leave = await gate.Enter(SignInGate.FirstLead, "", ct);
        if (leave is null)
            return TriedTooOften(http);
        var draft = new PersonDraft(given.Login, given.Name, Roles.Lead, given.Password);
        if (!code.Is(given.Code))
            return Problems.Of(
                "code",
                "code: this is not the code that the start command printed. Look at the window in which Wexis was started.",
                "The lead trainer cannot be added like this."
            );
        if (draft.Issues() is { Count: > 0 } issues)
            return Problems.Of(issues, "The lead trainer cannot be added like this.");
        var person = New(draft, hasher);
        if (!await people.AddFirstLead(person, clock.GetUtcNow(), ct))
            return Problems.Of("login", "This house has a lead trainer already. Sign in instead.", "Nothing was added.");
        return await SignInAs(http, person);
    }

    internal static StoredPerson New(PersonDraft draft, IPasswordHasher<StoredPerson> hasher)
    {
        var person = new StoredPerson(PersonId.New(), draft.Login!.Trim(), draft.Name!.Trim(), draft.Role!, "", Guid.NewGuid(), true);
        return person with { PasswordHash = hasher.HashPassword(person, draft.Password!) };
    }

    private static readonly StoredPerson Nobody = MakeNobody();

    private static StoredPerson MakeNobody()
    {
        var nobody = new StoredPerson(default, "", "", Roles.Trainee, "", Guid.Empty, false);
        return nobody with { PasswordHash = new PasswordHasher<StoredPerson>().HashPassword(nobody, Guid.NewGuid().ToString()) };
    }

    /// <summary>
    /// A session gets a key that nobody had before; so one that is open in this browser is not turned into another person's.
    /// </summary>
    private static async Task<Results<Ok<SignedIn>, ValidationProblem, ProblemHttpResult>> SignInAs(HttpContext http, StoredPerson person)
    {
        if (http.User.Identity?.IsAuthenticated == true)
            return http.User.PersonId() == person.PersonId
                ? TypedResults.Ok(Shown(person))
                : TypedResults.Problem(
                    statusCode: 409,
                    title: "Somebody else is signed in in this browser already.",
                    detail: "Reload the page and sign out there first. Nothing was changed."
                );
        await http.SignInAsync(
            HeldSessions.Principal(person.PersonId, person.Name, person.Role),
            new AuthenticationProperties { IsPersistent = true }
        );
        return TypedResults.Ok(Shown(person));
    }

    internal static string Device(HttpContext http) => http.Connection.RemoteIpAddress?.ToString() ?? "";

    internal static ProblemHttpResult TriedTooOften(HttpContext http)
    {
        http.Response.Headers.RetryAfter = "10";
        return TypedResults.Problem(
            statusCode: 429,
            title: "This name was tried too often from here. Wait ten seconds, then try again.",
            detail: "Nobody else is kept out, and nothing was changed."
        );
    }

    private static SignedIn Shown(StoredPerson p) => new(p.PersonId, p.Name, p.Login, ClosedList.In<PersonRole>(p.Role));
}
