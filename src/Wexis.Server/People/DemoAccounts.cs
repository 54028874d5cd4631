using Wexis.Core.People;

namespace Wexis.Server.People;

/// <summary>An account that the demo's sign-in page offers.</summary>
public sealed record DemoAccount(string Login, string Password, string Name, PersonRole Role);

/// <summary>Accounts that the sign-in page of the demo offers; none in a house of its own.</summary>
public sealed record DemoAccounts(IReadOnlyList<DemoAccount> All);
