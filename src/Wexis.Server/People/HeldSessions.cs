using System.Security.Claims;
using System.Security.Cryptography;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.WebUtilities;
using Microsoft.Extensions.Caching.Memory;
using Wexis.Data.People;
using Wexis.Server.Shell;

namespace Wexis.Server.People;

/// <summary>
/// Keeps sessions in the store; the cookie holds a key and nothing else. Who somebody is and what they may do is read from there.
/// What was read is trusted for a moment, so that taps in a row do not ask each time; signing out and closing an account through
/// this server end that moment at once, through another server when it is over.
/// </summary>
public sealed class HeldSessions(SessionStore sessions, TimeProvider clock) : ITicketStore, IDisposable
{
    /// <summary>How long what was read is trusted.</summary>
    public static readonly TimeSpan Trusted = TimeSpan.FromSeconds(2);

    private readonly MemoryCache _read = new(new MemoryCacheOptions { SizeLimit = 2000 });

    public static readonly TimeSpan Lasts = TimeSpan.FromHours(12);

    public async Task<string> StoreAsync(AuthenticationTicket ticket)
    {
        ArgumentNullException.ThrowIfNull(ticket);
        var key = WebEncoders.Base64UrlEncode(RandomNumberGenerator.GetBytes(32));
        var now = clock.GetUtcNow();
        await sessions.Begin(
            key,
            ticket.Principal.PersonId(),
            ticket.Properties.IssuedUtc ?? now,
            ticket.Properties.ExpiresUtc ?? now + Lasts,
            CancellationToken.None
        );
        return key;
    }

    public Task RenewAsync(string key, AuthenticationTicket ticket)
    {
        ArgumentNullException.ThrowIfNull(ticket);
        var now = clock.GetUtcNow();
        _read.Remove(key);
        return sessions.Renew(key, ticket.Properties.IssuedUtc ?? now, ticket.Properties.ExpiresUtc ?? now + Lasts, CancellationToken.None);
    }

    public async Task<AuthenticationTicket?> RetrieveAsync(string key)
    {
        if (!_read.TryGetValue(key, out StoredSession? held))
        {
            held = await sessions.Find(key, clock.GetUtcNow(), CancellationToken.None);
            if (held is not null)
                _read.Set(key, held, new MemoryCacheEntryOptions { Size = 1, AbsoluteExpirationRelativeToNow = Trusted });
        }
        if (held is null)
            return null;
        var properties = new AuthenticationProperties
        {
            IsPersistent = true,
            IssuedUtc = held.BegunAt,
            ExpiresUtc = held.EndsAt,
        };
        return new(Principal(held.PersonId, held.Name, held.Role), properties, CookieAuthenticationDefaults.AuthenticationScheme);
    }

    public async Task RemoveAsync(string key)
    {
        await sessions.End(key, CancellationToken.None);
        _read.Remove(key);
    }

    /// <summary>An account changed: everybody is read anew.</summary>
    public void Forget() => _read.Clear();

    public void Dispose() => _read.Dispose();

    internal static ClaimsPrincipal Principal(PersonId person, string name, string role) =>
        new(
            new ClaimsIdentity(
                [new(ClaimTypes.NameIdentifier, person.ToString()), new(ClaimTypes.Name, name), new(ClaimTypes.Role, role)],
                CookieAuthenticationDefaults.AuthenticationScheme
            )
        );
}
