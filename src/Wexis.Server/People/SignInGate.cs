using System.Threading.RateLimiting;

namespace Wexis.Server.People;

/// <summary>
/// Slows guessing. Each account has its own measure at each device, so that whoever guesses at one account keeps nobody else out,
/// and its owner not from another device. Passwords are checked two at a time, so that a flood does not take the whole machine.
/// </summary>
public sealed class SignInGate : IDisposable
{
    /// <summary>What the code of the first lead trainer is counted under: one measure for all who try.</summary>
    public const string FirstLead = "the first lead";

    private readonly PartitionedRateLimiter<string> _tries;
    private readonly ConcurrencyLimiter _checks = new(
        new()
        {
            PermitLimit = 2,
            QueueLimit = 200,
            QueueProcessingOrder = QueueProcessingOrder.OldestFirst,
        }
    );

    /// <param name="aMinute">Tries at one account from one device in a minute.</param>
    public SignInGate(int aMinute) =>
        _tries = PartitionedRateLimiter.Create<string, string>(key => RateLimitPartition.GetTokenBucketLimiter(key, _ => new()
                    {
                        TokenLimit = aMinute,
                        TokensPerPeriod = 1,
                        ReplenishmentPeriod = TimeSpan.FromMinutes(1) / aMinute,
                        AutoReplenishment = true,
                        QueueLimit = 0,
                    }), StringComparer.Ordinal);

    /// <summary>Leave to check one password; null when this account was tried too often from this device, or too many wait.</summary>
    /// <param name="account">The login as typed, or <see cref="FirstLead"/>.</param>
    /// <param name="device">Where from; empty counts all devices together.</param>
    public async Task<IDisposable?> Enter(string account, string device, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(account);
        using var tried = _tries.AttemptAcquire($"{account.Trim().ToUpperInvariant()}\n{device}");
        if (!tried.IsAcquired)
            return null;
        var lease = await _checks.AcquireAsync(1, ct);
        if (lease.IsAcquired)
            return lease;
        lease.Dispose();
        return null;
    }

    public void Dispose()
    {
        _tries.Dispose();
        _checks.Dispose();
    }
}
