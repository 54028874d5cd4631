using Dapper;
using Npgsql;
using Wexis.Data;

namespace Wexis.TestHouse;

/// <summary>
/// A database of its own for a test, copied from a migrated template. The server comes from the environment variable
/// WEXIS_TEST_DB, which <c>./wexis test</c> sets; without it the test fails and says so. The application under test comes in as the
/// role that owns its database and nothing else, as it does in a house.
/// </summary>
public sealed class TestDatabase : IAsyncDisposable
{
    private const string AppRole = "wexis_app";
    private static readonly SemaphoreSlim Once = new(1, 1);
    private static string? _template;

    private TestDatabase(string name) => Name = name;

    public string Name { get; }
    public string ConnectionString => Address(Name);

    public static async Task<TestDatabase> Create()
    {
        var template = await Template();
        var name = $"wexis_test_{Guid.NewGuid():N}";
        await Admin($"CREATE DATABASE {name} TEMPLATE {template} OWNER {AppRole}");
        return new(name);
    }

    /// <summary>An empty database, not migrated.</summary>
    public static async Task<TestDatabase> CreateEmpty()
    {
        var name = $"wexis_test_{Guid.NewGuid():N}";
        await Admin($"CREATE DATABASE {name} OWNER {AppRole}");
        return new(name);
    }

    /// <summary>A database that is there already; it goes with the test.</summary>
    public static TestDatabase Named(string name) => new(name);

    public async Task<int> Execute(string sql, object? values = null)
    {
        await using var c = new NpgsqlConnection(ConnectionString);
        return await c.ExecuteAsync(sql, values);
    }

    public async Task<T?> Scalar<T>(string sql, object? values = null)
    {
        await using var c = new NpgsqlConnection(ConnectionString);
        return await c.ExecuteScalarAsync<T>(sql, values);
    }

    /// <summary>The same by a connection that is made for it and kept by nobody.</summary>
    public async Task<T?> Alone<T>(string sql)
    {
        await using var c = new NpgsqlConnection(new NpgsqlConnectionStringBuilder(ConnectionString) { Pooling = false }.ConnectionString);
        return await c.ExecuteScalarAsync<T>(sql);
    }

    public async ValueTask DisposeAsync()
    {
        NpgsqlConnection.ClearAllPools();
        await Admin($"DROP DATABASE IF EXISTS {Name} WITH (FORCE)");
    }

    private static async Task<string> Template()
    {
        await Once.WaitAsync();
        try
        {
            if (_template is not null)
                return _template;
            var name = $"wexis_template_{Guid.NewGuid():N}";
            await Admin($"CREATE DATABASE {name} OWNER {AppRole}");
            Database.Migrate(Address(name));
            NpgsqlConnection.ClearAllPools();
            return _template = name;
        }
        finally
        {
            Once.Release();
        }
    }

    private static string Address(string database) =>
        new NpgsqlConnectionStringBuilder(Told("WEXIS_TEST_DB"))
        {
            Database = database,
            Username = AppRole,
            Password = Told("WEXIS_TEST_APP_SECRET"),
            MaxPoolSize = 20,
        }.ConnectionString;

    private static string Told(string name) =>
        Environment.GetEnvironmentVariable(name)
        ?? throw new InvalidOperationException($"{name} is not set. Run the tests with ./wexis test, which starts a PostgreSQL for them.");

    private static async Task Admin(string sql)
    {
        await using var c = new NpgsqlConnection(
            new NpgsqlConnectionStringBuilder(Told("WEXIS_TEST_DB")) { Database = "postgres" }.ConnectionString
        );
        await c.ExecuteAsync(sql);
    }
}
