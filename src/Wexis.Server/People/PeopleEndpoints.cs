using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Wexis.Core.People;
using Wexis.Data.People;
using Wexis.Server.Shell;

namespace Wexis.Server.People;

public sealed record PersonLine(Guid Id, string Name, string Login, string Role);

public static class PeopleEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/people").WithTags("People");
        group.MapGet("", List).RequireAuthorization(Policies.Staff).WithName("listPeople");
        group.MapPost("", Add).RequireAuthorization(Policies.Lead).WithName("addPerson");
    }

    private static async Task<Ok<IReadOnlyList<PersonLine>>> List(PersonStore people, CancellationToken ct) =>
        TypedResults.Ok<IReadOnlyList<PersonLine>>([
            .. (await people.All(ct)).Where(p => p.Active).Select(p => new PersonLine(p.PersonId, p.Name, p.Login, p.Role)),
        ]);

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
            ? TypedResults.Ok(new PersonLine(person.PersonId, person.Name, person.Login, person.Role))
            : Problems.Of("login", $"login: “{person.Login}” is taken. Choose another.", "This person cannot be added like this.");
    }
}
