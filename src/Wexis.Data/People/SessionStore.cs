using System.Security.Cryptography;
using System.Text;
using Dapper;
using Npgsql;

namespace Wexis.Data.People;

/// <summary>A session that is good now, and whose it is.</summary>
public sealed record StoredSession(PersonId PersonId, string Name, string Role, DateTimeOffset BegunAt, DateTimeOffset EndsAt);

/// <summary>Sessions as the server holds them, each under the SHA-256 of a key that only its browser has.</summary>
public sealed class SessionStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public PersonId PersonId { get; init; }
        public string Name { get; init; } = "";
        public string Role { get; init; } = "";
        public DateTimeOffset BegunAt { get; init; }
        public DateTimeOffset EndsAt { get; init; }
    }

    /// <summary>Begins a session of an active person; those that ended are swept out on the way.</summary>
    /// <exception cref="InvalidOperationException">The person is not there or not active.</exception>
    public async Task Begin(string key, PersonId person, DateTimeOffset begun, DateTimeOffset ends, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await c.ExecuteAsync("DELETE FROM people.session WHERE ends_at < @begun", new { begun = begun.ToUniversalTime() });
        var written = await c.ExecuteAsync(
            """
            INSERT INTO people.session (key_hash, person_id, stamp, begun_at, ends_at)
            SELECT @hash, person_id, security_stamp, @begun, @ends FROM people.person WHERE person_id = @person AND active
                AND (ends_at IS NULL OR ends_at > @begun)
            """,
            new
            {
                hash = Hash(key),
                person,
                begun = begun.ToUniversalTime(),
                ends = ends.ToUniversalTime(),
            }
        );
        if (written != 1)
            throw new InvalidOperationException("A session was asked for somebody who has no account here.");
    }

    /// <summary>The session of a key; null when it ended, its person is no longer active, or got another stamp since.</summary>
    public async Task<StoredSession?> Find(string key, DateTimeOffset now, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var row = await c.QuerySingleOrDefaultAsync<Row>(
            """
            SELECT p.person_id, p.name, p.role, s.begun_at, s.ends_at
              FROM people.session s JOIN people.person p USING (person_id)
             WHERE s.key_hash = @hash AND s.ends_at > @now AND p.active AND (p.ends_at IS NULL OR p.ends_at > @now)
                 AND p.security_stamp = s.stamp
            """,
            new { hash = Hash(key), now = now.ToUniversalTime() }
        );
        return row is null ? null : new(row.PersonId, row.Name, row.Role, row.BegunAt, row.EndsAt);
    }

    public async Task Renew(string key, DateTimeOffset begun, DateTimeOffset ends, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await c.ExecuteAsync(
            "UPDATE people.session SET begun_at = @begun, ends_at = @ends WHERE key_hash = @hash",
            new
            {
                hash = Hash(key),
                begun = begun.ToUniversalTime(),
                ends = ends.ToUniversalTime(),
            }
        );
    }

    public async Task End(string key, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await c.ExecuteAsync("DELETE FROM people.session WHERE key_hash = @hash", new { hash = Hash(key) });
    }

    private static byte[] Hash(string key) => SHA256.HashData(Encoding.UTF8.GetBytes(key));
}
