using System.Security.Claims;
using System.Security.Cryptography;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.WebUtilities;
using Wexis.Data.People;

namespace Wexis.Server.People;

/// <summary>
/// Keeps sessions in the store; the cookie holds a key and nothing else. Who somebody is and what they may do is read
/// anew with each request, so that an ended session or a closed account is closed at once.
/// </summary>
public sealed class HeldSessions(SessionStore sessions, TimeProvider clock) : ITicketStore
{
    public static readonly TimeSpan Lasts = TimeSpan.FromHours(12);

    public async Task<string> StoreAsync(AuthenticationTicket ticket)
    {
        ArgumentNullException.ThrowIfNull(ticket);
        var key = WebEncoders.Base64UrlEncode(RandomNumberGenerator.GetBytes(32));
        var now = clock.GetUtcNow();
        await sessions.Begin(key, ticket.Principal.PersonId(), ticket.Properties.IssuedUtc ?? now, ticket.Properties.ExpiresUtc ?? now + Lasts, CancellationToken.None);
        return key;
    }

    public Task RenewAsync(string key, AuthenticationTicket ticket)
    {
        ArgumentNullException.ThrowIfNull(ticket);
        var now = clock.GetUtcNow();
        return sessions.Renew(key, ticket.Properties.IssuedUtc ?? now, ticket.Properties.ExpiresUtc ?? now + Lasts, CancellationToken.None);
    }

    public async Task<AuthenticationTicket?> RetrieveAsync(string key)
    {
        if (await sessions.Find(key, clock.GetUtcNow(), CancellationToken.None) is not { } held) return null;
        var properties = new AuthenticationProperties { IsPersistent = true, IssuedUtc = held.BegunAt, ExpiresUtc = held.EndsAt };
        return new(Principal(held.PersonId, held.Name, held.Role), properties, CookieAuthenticationDefaults.AuthenticationScheme);
    }

    public Task RemoveAsync(string key) => sessions.End(key, CancellationToken.None);

    internal static ClaimsPrincipal Principal(Guid person, string name, string role) => new(new ClaimsIdentity(
        [new(ClaimTypes.NameIdentifier, person.ToString()), new(ClaimTypes.Name, name), new(ClaimTypes.Role, role)],
        CookieAuthenticationDefaults.AuthenticationScheme));
}
