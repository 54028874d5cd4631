using System.Security.Claims;
using Wexis.Core.Measures;

namespace Wexis.Server.Shell;

/// <summary>Who may come in. Every endpoint denies by default; these names say what it asks for instead.</summary>
public static class Policies
{
    public const string Lead = "lead";
    public const string Staff = "staff";

    /// <summary>Who gives marks: staff, and an invited colleague on the one sheet that is theirs.</summary>
    public const string Marks = "marks";

    /// <summary>Everybody who is signed in, an invited colleague too: what they see is asked case by case.</summary>
    public const string Case = "case";
}

/// <summary>Who is signed in.</summary>
public static class SignedPerson
{
    public static PersonId PersonId(this ClaimsPrincipal user) =>
        Id<Kinds.Person>.Of(user.FindFirstValue(ClaimTypes.NameIdentifier)) ?? throw new InvalidOperationException("Nobody is signed in.");
}
