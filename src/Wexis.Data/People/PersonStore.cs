using Dapper;
using Npgsql;

namespace Wexis.Data.People;

/// <summary>A person as stored. The hash never leaves the server.</summary>
public sealed record StoredPerson(
    PersonId PersonId,
    string Login,
    string Name,
    string Role,
    string PasswordHash,
    Guid SecurityStamp,
    bool Active,
    DateTimeOffset? EndsAt = null
);

/// <summary>A colleague from outside whose account has not ended yet.</summary>
public sealed record InvitedPerson
{
    public PersonId PersonId { get; init; }
    public string Name { get; init; } = "";
    public string Login { get; init; } = "";
    public DateTimeOffset EndsAt { get; init; }

    /// <summary>The one result that they see.</summary>
    public DemonstrationId ResultId { get; init; }
}

/// <summary>What became of a change of a person.</summary>
public enum PersonOutcome
{
    Changed,
    Stale,
    LastLead,
    Missing,
}

public sealed class PersonStore(NpgsqlDataSource source)
{
    /// <summary>Whose account ended is not active any more.</summary>
    private const string Columns =
        "person_id, login, name, role, password_hash, security_stamp, active AND (ends_at IS NULL OR ends_at > now()) AS active";

    private sealed class Row
    {
        public PersonId PersonId { get; init; }
        public string Login { get; init; } = "";
        public string Name { get; init; } = "";
        public string Role { get; init; } = "";
        public string PasswordHash { get; init; } = "";
        public Guid SecurityStamp { get; init; }
        public bool Active { get; init; }

        public StoredPerson ToPerson() => new(PersonId, Login, Name, Role, PasswordHash, SecurityStamp, Active);
    }

    public async Task<bool> AnyLead(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteScalarAsync<bool>("SELECT EXISTS (SELECT 1 FROM people.person WHERE role = 'lead')");
    }

    public async Task<StoredPerson?> ByLogin(string login, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QuerySingleOrDefaultAsync<Row>($"SELECT {Columns} FROM people.person WHERE lower(login) = lower(@login)", new { login })
        )?.ToPerson();
    }

    public async Task<StoredPerson?> ById(PersonId id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QuerySingleOrDefaultAsync<Row>($"SELECT {Columns} FROM people.person WHERE person_id = @id", new { id })
        )?.ToPerson();
    }

    public async Task<IReadOnlyList<StoredPerson>> All(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<Row>($"SELECT {Columns} FROM people.person ORDER BY name")).Select(r => r.ToPerson())];
    }

    /// <summary>False when the login is taken (<c>login_is_taken_once</c>).</summary>
    public async Task<bool> Add(StoredPerson person, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(person);
        const string sql = """
            INSERT INTO people.person (person_id, login, name, role, password_hash, security_stamp, active, added_at, ends_at)
            VALUES (@PersonId, @Login, @Name, @Role, @PasswordHash, @SecurityStamp, @Active, @now, @ends)
            """;
        return await Insert(sql, person, now, ct);
    }

    /// <summary>Adds the first lead trainer; false when there is one already, even if two ask at the same moment.</summary>
    public async Task<bool> AddFirstLead(StoredPerson person, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(person);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        await c.ExecuteAsync("LOCK TABLE people.person IN SHARE ROW EXCLUSIVE MODE", transaction: t);
        const string sql = """
            INSERT INTO people.person (person_id, login, name, role, password_hash, security_stamp, active, added_at)
            SELECT @PersonId, @Login, @Name, 'lead', @PasswordHash, @SecurityStamp, true, @now
             WHERE NOT EXISTS (SELECT 1 FROM people.person WHERE role = 'lead')
            """;
        var added = await c.ExecuteAsync(
            sql,
            new
            {
                person.PersonId,
                person.Login,
                person.Name,
                person.PasswordHash,
                person.SecurityStamp,
                now = now.ToUniversalTime(),
            },
            t
        );
        await t.CommitAsync(ct);
        return added == 1;
    }

    /// <summary>
    /// Changes a name and a role over those that were seen. A studio keeps a lead trainer, even if two step back at the same moment. Whose
    /// role changes signs in again.
    /// </summary>
    public async Task<PersonOutcome> Change(PersonId id, string name, string role, string? seenName, string? seenRole, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        await c.ExecuteAsync("LOCK TABLE people.person IN SHARE ROW EXCLUSIVE MODE", transaction: t);
        var now = await c.QuerySingleOrDefaultAsync<Row>(
            $"SELECT {Columns} FROM people.person WHERE person_id = @id AND active",
            new { id },
            t
        );
        if (now is null)
            return PersonOutcome.Missing;
        if (now.Name == name && now.Role == role)
            return PersonOutcome.Changed;
        if (now.Name != seenName || now.Role != seenRole)
            return PersonOutcome.Stale;
        var others = await c.ExecuteScalarAsync<int>(
            "SELECT count(*)::int FROM people.person WHERE role = 'lead' AND active AND person_id <> @id",
            new { id },
            t
        );
        if (now.Role == "lead" && role != "lead" && others == 0)
            return PersonOutcome.LastLead;
        await c.ExecuteAsync(
            "UPDATE people.person SET name = @name, role = @role, security_stamp = CASE "
                + "WHEN role = @role THEN security_stamp ELSE gen_random_uuid() END WHERE person_id = @id",
            new
            {
                id,
                name,
                role,
            },
            t
        );
        await t.CommitAsync(ct);
        return PersonOutcome.Changed;
    }

    /// <summary>Sets another password; every session of this person ends. False when there is nobody of that id.</summary>
    public async Task<bool> SetPassword(PersonId id, string hash, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteAsync(
                "UPDATE people.person SET password_hash = @hash, security_stamp = gen_random_uuid() WHERE person_id = @id AND active",
                new { id, hash }
            ) == 1;
    }

    /// <summary>Colleagues from outside who can still come in, who ends first at the top.</summary>
    public async Task<IReadOnlyList<InvitedPerson>> Invited(DateTimeOffset now, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        const string sql = """
            SELECT p.person_id, p.name, p.login, p.ends_at, i.demonstration_id AS result_id
              FROM people.person p JOIN results.invitation i USING (person_id)
             WHERE p.active AND p.ends_at > @now
             ORDER BY p.ends_at, p.name
            """;
        return [.. await c.QueryAsync<InvitedPerson>(sql, new { now = now.ToUniversalTime() })];
    }

    /// <summary>Ends the account of a colleague from outside, sessions and all. False where there is none, or it ended already.</summary>
    public async Task<bool> EndInvitation(PersonId id, DateTimeOffset now, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        const string sql = """
            UPDATE people.person SET ends_at = @now, security_stamp = gen_random_uuid()
             WHERE person_id = @id AND role = 'invited' AND ends_at > @now
            """;
        return await c.ExecuteAsync(sql, new { id, now = now.ToUniversalTime() }) == 1;
    }

    private async Task<bool> Insert(string sql, StoredPerson p, DateTimeOffset now, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        try
        {
            await c.ExecuteAsync(
                sql,
                new
                {
                    p.PersonId,
                    p.Login,
                    p.Name,
                    p.Role,
                    p.PasswordHash,
                    p.SecurityStamp,
                    p.Active,
                    now = now.ToUniversalTime(),
                    ends = p.EndsAt?.ToUniversalTime(),
                }
            );
            return true;
        }
        catch (PostgresException e) when (e.ConstraintName == "login_is_taken_once")
        {
            return false;
        }
    }
}
