using Dapper;
using Npgsql;
using Wexis.Data;

namespace Wexis.TestHouse;

/// <summary>
/// A database of its own for a test, copied from a migrated template. The server comes from the environment variable
/// WEXIS_TEST_DB, which <c>./wexis test</c> sets; without it the test fails and says so.
/// </summary>
public sealed class TestDatabase : IAsyncDisposable
{
    private static readonly SemaphoreSlim Once = new(1, 1);
    private static string? _template;

    private TestDatabase(string name) => Name = name;

    public string Name { get; }
    public string ConnectionString => Address(Name);

    public static async Task<TestDatabase> Create()
    {
        var template = await Template();
        var name = $"wexis_test_{Guid.NewGuid():N}";
        await Admin($"CREATE DATABASE {name} TEMPLATE {template}");
        return new(name);
    }

    /// <summary>An empty database, not migrated.</summary>
    public static async Task<TestDatabase> CreateEmpty()
    {
        var name = $"wexis_test_{Guid.NewGuid():N}";
        await Admin($"CREATE DATABASE {name}");
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
            if (_template is not null) return _template;
            var name = $"wexis_template_{Guid.NewGuid():N}";
            await Admin($"CREATE DATABASE {name}");
            await using (var source = Database.Open(Address(name))) await Database.Migrate(source, Address(name), CancellationToken.None);
            NpgsqlConnection.ClearAllPools();
            return _template = name;
        }
        finally
        {
            Once.Release();
        }
    }

    private static string Address(string database)
    {
        var server = Environment.GetEnvironmentVariable("WEXIS_TEST_DB") ?? throw new InvalidOperationException("WEXIS_TEST_DB is not set. Run the tests with ./wexis test, which starts a PostgreSQL for them.");
        return new NpgsqlConnectionStringBuilder(server) { Database = database, Pooling = true, MaxPoolSize = 20 }.ConnectionString;
    }

    private static async Task Admin(string sql)
    {
        await using var c = new NpgsqlConnection(Address("postgres"));
        await c.ExecuteAsync(sql);
    }
}
