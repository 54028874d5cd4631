using Dapper;
using Npgsql;

namespace Wexis.Data.People;

/// <summary>A person as stored. The hash never leaves the server.</summary>
public sealed record StoredPerson(
    Guid PersonId,
    string Login,
    string Name,
    string Role,
    string PasswordHash,
    Guid SecurityStamp,
    bool Active
);

public sealed class PersonStore(NpgsqlDataSource source)
{
    private const string Columns = "person_id, login, name, role, password_hash, security_stamp, active";

    private sealed class Row
    {
        public Guid PersonId { get; init; }
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

    public async Task<StoredPerson?> ById(Guid id, CancellationToken ct)
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
            INSERT INTO people.person (person_id, login, name, role, password_hash, security_stamp, active, added_at)
            VALUES (@PersonId, @Login, @Name, @Role, @PasswordHash, @SecurityStamp, @Active, @now)
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
