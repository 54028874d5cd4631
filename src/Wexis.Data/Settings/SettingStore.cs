using Dapper;
using Npgsql;

namespace Wexis.Data.Settings;

/// <summary>The newest word on one setting.</summary>
/// <param name="Value">Null: the default counts again.</param>
/// <param name="Version">Counts up with each change; 0 where nothing was ever told.</param>
public sealed record StoredSetting(string Name, int Version, string? Value, string Reason, string ChangedBy, DateTimeOffset ChangedAt);

/// <summary>Settings of the house: only ever added to, the newest of each counts.</summary>
public sealed class SettingStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public string Name { get; init; } = "";
        public int Version { get; init; }
        public string? Value { get; init; }
        public string Reason { get; init; } = "";
        public string ChangedBy { get; init; } = "";
        public DateTimeOffset ChangedAt { get; init; }

        public StoredSetting ToSetting() => new(Name, Version, Value, Reason, ChangedBy, ChangedAt);
    }

    public async Task<IReadOnlyList<StoredSetting>> All(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    """
                    SELECT DISTINCT ON (s.name) s.name, s.version, s.value, s.reason, p.name AS changed_by, s.changed_at
                      FROM house.setting s JOIN people.person p ON p.person_id = s.changed_by
                     ORDER BY s.name, s.version DESC
                    """
                )
            ).Select(r => r.ToSetting()),
        ];
    }

    /// <summary>Tells a setting anew; false when somebody told it otherwise since it was seen. The same sent twice is told once.</summary>
    /// <param name="seen">The version that was changed; 0 where nothing was told before.</param>
    public async Task<bool> Tell(string name, int seen, string? value, string reason, PersonId by, DateTimeOffset now, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        var values = new
        {
            name,
            seen,
            next = seen + 1,
            value,
            reason,
            by,
            now = now.ToUniversalTime(),
        };
        var told = await c.ExecuteAsync(
            """
            INSERT INTO house.setting (name, version, value, reason, changed_by, changed_at)
            SELECT @name, @next, @value, @reason, @by, @now
             WHERE coalesce((SELECT max(version) FROM house.setting WHERE name = @name), 0) = @seen
            ON CONFLICT DO NOTHING
            """,
            values
        );
        return told == 1
            || await c.ExecuteScalarAsync<bool>(
                "SELECT EXISTS (SELECT 1 FROM house.setting WHERE name = @name AND version = @next AND value IS NOT DISTINCT "
                    + "FROM @value AND changed_by = @by)",
                values
            );
    }

    /// <summary>
    /// Calls once at the start, and again each time any server tells a setting; until cancelled, or until the connection is lost (an
    /// exception).
    /// </summary>
    public async Task Listen(Func<Task> told, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(told);
        await using var c = await source.OpenConnectionAsync(ct);
        await c.ExecuteAsync("LISTEN house_setting");
        while (true)
        {
            await told();
            await c.WaitAsync(ct);
        }
    }
}
