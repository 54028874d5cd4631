namespace Wexis.Server.Demo;

/// <summary>An account that the demo's sign-in page offers.</summary>
public sealed record DemoAccount(string Login, string Password, string Name, string Role);

public sealed class DemoSeed
{
    public IReadOnlyList<DemoAccount> Accounts => [];
    public Task Fill(CancellationToken ct) => Task.CompletedTask;
}
