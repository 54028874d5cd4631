using System.Text.RegularExpressions;
using Wexis.Core.Measures;

namespace Wexis.Core.People;

/// <summary>What a person may do, as a type; its words are <see cref="Roles"/>.</summary>
[ClosedList]
public enum PersonRole
{
    Lead,
    Assessor,
    Trainee,
    Invited,
}

/// <summary>What a person may do. A house of one trainer is complete: the lead trainer may do everything.</summary>
public static class Roles
{
    public const string Lead = "lead";
    public const string Assessor = "assessor";
    public const string Trainee = "trainee";

    /// <summary>A colleague from outside, who sees one case until a day. Never chosen in a form: an invitation makes it.</summary>
    public const string Invited = "invited";

    /// <summary>Roles that are chosen.</summary>
    public static readonly IReadOnlyList<string> All = [Lead, Assessor, Trainee];
}

/// <summary>A person as typed by whoever adds them.</summary>
public sealed record PersonDraft(
    string? Login,
    string? Name,
    [property: OneOf(Roles.Lead, Roles.Assessor, Roles.Trainee)] string? Role,
    string? Password
)
{
    /// <summary>Shortest password allowed (NIST SP 800-63B: at least 8 for a memorised secret; the house asks for 10).</summary>
    public const int ShortestPassword = 10;

    public IReadOnlyList<Issue> Issues() =>
        [
            .. new[]
            {
                Check.Given(Login, "login", "a user name"),
                Check.NoLongerThan(Login, 60, "login"),
                Login is { Length: > 0 } login && !LoginWords.Pattern().IsMatch(login)
                    ? new Issue("login", IssueCodes.Unreadable, login, "letters, digits, dot, dash, underscore or @")
                    : null,
                Check.Given(Name, "name", "the person's name"),
                Check.NoLongerThan(Name, 120, "name"),
                RoleIssue(Role),
            }.OfType<Issue>(),
            .. PasswordIssues(Password),
        ];

    internal static Issue? RoleIssue(string? role) =>
        role is null ? new("role", IssueCodes.Missing, "", string.Join(", ", Roles.All)) : Check.OneOf(role, Roles.All, "role");

    /// <summary>What is wrong with a password as typed; it is never repeated in words.</summary>
    public static IReadOnlyList<Issue> PasswordIssues(string? password) =>
        [
            .. new[]
            {
                password is null or { Length: < ShortestPassword }
                    ? new("password", IssueCodes.OutOfRange, $"{password?.Length ?? 0} characters", $"{ShortestPassword} to 200 characters")
                    : null,
                Check.NoLongerThan(password, 200, "password"),
            }.OfType<Issue>(),
        ];
}

/// <summary>A person's name and role as changed, over those that were seen when the change was begun.</summary>
public sealed record PersonChange(
    string? Name,
    [property: OneOf(Roles.Lead, Roles.Assessor, Roles.Trainee)] string? Role,
    string? SeenName,
    [property: OneOf(Roles.Lead, Roles.Assessor, Roles.Trainee, Roles.Invited)] string? SeenRole
)
{
    public IReadOnlyList<Issue> Issues() =>
        [
            .. new[]
            {
                Check.Given(Name, "name", "the person's name"),
                Check.NoLongerThan(Name, 120, "name"),
                PersonDraft.RoleIssue(Role),
            }.OfType<Issue>(),
        ];
}

internal static partial class LoginWords
{
    [GeneratedRegex(@"^[\p{L}\p{Nd}._@-]+$")]
    public static partial Regex Pattern();
}
