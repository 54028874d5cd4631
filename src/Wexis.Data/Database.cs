using Dapper;
using DbUp;
using Npgsql;

namespace Wexis.Data;

/// <summary>PostgreSQL: connections and migrations.</summary>
public static class Database
{
    /// <summary>
    /// Held while a server brings the database up to date, so that several may start at once. Any fixed number; this one spells nothing.
    /// </summary>
    private const long StartLock = 7_390_221_544;

    /// <summary>
    /// Connections that one server opens at most: three servers fit a PostgreSQL as it comes (100, three of them kept for its own
    /// people).
    /// </summary>
    public const int MostConnections = 30;

    public static NpgsqlDataSource Open(string connectionString)
    {
        DefaultTypeMap.MatchNamesWithUnderscores = true;
        StoredIds.Register();
        var address = new NpgsqlConnectionStringBuilder(connectionString);
        address.MaxPoolSize = Math.Min(address.MaxPoolSize, MostConnections);
        // Statements that come often are prepared once for each connection.
        address.MaxAutoPrepare = 100;
        return NpgsqlDataSource.Create(address);
    }

    /// <summary>Does something while no other server of this database does; who comes later waits.</summary>
    public static async Task Alone(NpgsqlDataSource source, Func<Task> work, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(source);
        ArgumentNullException.ThrowIfNull(work);
        await using var held = await source.OpenConnectionAsync(ct);
        await held.ExecuteAsync(
            new CommandDefinition("SELECT pg_advisory_lock(@StartLock)", new { StartLock }, commandTimeout: 600, cancellationToken: ct)
        );
        try
        {
            await work();
        }
        finally
        {
            await held.ExecuteAsync("SELECT pg_advisory_unlock(@StartLock)", new { StartLock });
        }
    }

    /// <summary>Applies what is missing, in order, each script in its own transaction. Called <see cref="Alone"/>.</summary>
    /// <exception cref="InvalidOperationException">A script failed; the database stays at the one before it.</exception>
    public static void Migrate(string connectionString)
    {
        var result = DeployChanges
            .To.PostgresqlDatabase(connectionString)
            .WithScriptsEmbeddedInAssembly(typeof(Database).Assembly, n => n.Contains(".Migrations.", StringComparison.Ordinal))
            .WithTransactionPerScript()
            .LogToNowhere()
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
            throw new InvalidOperationException(
                $"The database could not be brought up to date ({result.ErrorScript?.Name}): {result.Error.Message}",
                result.Error
            );
    }
}
