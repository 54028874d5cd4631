using Dapper;
using DbUp;
using Npgsql;

namespace Wexis.Data;

/// <summary>PostgreSQL: connections and migrations.</summary>
public static class Database
{
    /// <summary>Held while migrating, so that two servers may start at once. Any fixed number; this one spells nothing.</summary>
    private const long MigrationLock = 7_390_221_544;

    public static NpgsqlDataSource Open(string connectionString)
    {
        DefaultTypeMap.MatchNamesWithUnderscores = true;
        return NpgsqlDataSource.Create(connectionString);
    }

    /// <summary>Applies what is missing, in order, each script in its own transaction.</summary>
    /// <exception cref="InvalidOperationException">A script failed; the database stays at the one before it.</exception>
    public static async Task Migrate(NpgsqlDataSource source, string connectionString, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(source);
        await using var held = await source.OpenConnectionAsync(ct);
        await held.ExecuteAsync("SELECT pg_advisory_lock(@MigrationLock)", new { MigrationLock });
        try
        {
            var result = DeployChanges.To.PostgresqlDatabase(connectionString).WithScriptsEmbeddedInAssembly(typeof(Database).Assembly, n => n.Contains(".Migrations.", StringComparison.Ordinal))
                .WithTransactionPerScript().LogToNowhere().Build().PerformUpgrade();
            if (!result.Successful) throw new InvalidOperationException($"The database could not be brought up to date ({result.ErrorScript?.Name}): {result.Error.Message}", result.Error);
        }
        finally
        {
            await held.ExecuteAsync("SELECT pg_advisory_unlock(@MigrationLock)", new { MigrationLock });
        }
    }
}
