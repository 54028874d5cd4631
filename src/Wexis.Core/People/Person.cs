using System.Text.RegularExpressions;
using Wexis.Core.Measures;

namespace Wexis.Core.People;

/// <summary>What a person may do. A house of one trainer is complete: the lead trainer may do everything.</summary>
public static class Roles
{
    public const string Lead = "lead";
    public const string Assessor = "assessor";
    public const string Trainee = "trainee";
    public static readonly IReadOnlyList<string> All = [Lead, Assessor, Trainee];
}

/// <summary>A person as typed by whoever adds them.</summary>
public sealed record PersonDraft(string? Login, string? Name, string? Role, string? Password)
{
    /// <summary>Shortest password allowed (NIST SP 800-63B: at least 8 for a memorised secret; the house asks for 10).</summary>
    public const int ShortestPassword = 10;

    public IReadOnlyList<Issue> Issues() =>
        [
            .. new[]
            {
                Check.Given(Login, "login", "a name to sign in with"),
                Check.NoLongerThan(Login, 60, "login"),
                Login is { Length: > 0 } login && !LoginWords.Pattern().IsMatch(login)
                    ? new Issue("login", IssueCodes.Unreadable, login, "letters, digits, dot, dash, underscore or @")
                    : null,
                Check.Given(Name, "name", "the person's name"),
                Check.NoLongerThan(Name, 120, "name"),
                Role is null ? new("role", IssueCodes.Missing, "", string.Join(", ", Roles.All)) : Check.OneOf(Role, Roles.All, "role"),
                Password is null or { Length: < ShortestPassword }
                    ? new("password", IssueCodes.OutOfRange, $"{Password?.Length ?? 0} characters", $"{ShortestPassword} to 200 characters")
                    : null,
                Check.NoLongerThan(Password, 200, "password"),
            }.OfType<Issue>(),
        ];
}

internal static partial class LoginWords
{
    [GeneratedRegex(@"^[\p{L}\p{Nd}._@-]+$")]
    public static partial Regex Pattern();
}
