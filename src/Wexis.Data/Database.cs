using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using Dapper;
using DbUp;
using Npgsql;

namespace Wexis.Data;

/// <summary>The one way to write documents: snake_case, as in the exchange format.</summary>
public static class WexisJson
{
    public static readonly JsonSerializerOptions Options = Make();

    private static JsonSerializerOptions Make()
    {
        var options = new JsonSerializerOptions(JsonSerializerDefaults.Web)
        {
            PropertyNamingPolicy = JsonNamingPolicy.SnakeCaseLower,
            NumberHandling = JsonNumberHandling.Strict,
            Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
            TypeInfoResolver = new System.Text.Json.Serialization.Metadata.DefaultJsonTypeInfoResolver(),
        };
        options.MakeReadOnly();
        return options;
    }

    public static string Write<T>(T value) => JsonSerializer.Serialize(value, Options);

    /// <exception cref="InvalidDataException">The stored document is empty.</exception>
    public static T Read<T>(string json) => JsonSerializer.Deserialize<T>(json, Options) ?? throw new InvalidDataException($"A stored {typeof(T).Name} is empty.");
}

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
