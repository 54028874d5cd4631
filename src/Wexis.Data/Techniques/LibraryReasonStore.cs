using Dapper;
using Npgsql;

namespace Wexis.Data.Techniques;

/// <summary>Why one muscle is worked two ways on purpose.</summary>
public sealed record KeptConflict(string Structure, string Reason, string By, DateTimeOffset At);

/// <summary>What the house does where schools disagree.</summary>
public sealed record HouseChoice(string Question, string Choice, string Reason, string By, DateTimeOffset At);

/// <summary>Reasons the house gave: for conflicts it keeps, and for choices between schools.</summary>
public sealed class LibraryReasonStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public string Key { get; init; } = "";
        public string Choice { get; init; } = "";
        public string Reason { get; init; } = "";
        public string By { get; init; } = "";
        public DateTimeOffset At { get; init; }
    }

    public async Task<IReadOnlyList<KeptConflict>> Conflicts(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    "SELECT k.structure AS key, k.reason, p.name AS by, k.at FROM techniques.kept_conflict k "
                        + "JOIN people.person p ON p.person_id = k.by_person"
                )
            ).Select(r => new KeptConflict(r.Key, r.Reason, r.By, r.At)),
        ];
    }

    /// <summary>Keeps a reason in place of the one that was seen; false when somebody else gave another meanwhile.</summary>
    public async Task<bool> KeepConflict(
        string structure,
        string reason,
        DateTimeOffset? seen,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return 1
            == await c.ExecuteAsync(
                """
                INSERT INTO techniques.kept_conflict (structure, reason, by_person, at) VALUES (@structure, @reason, @by, @now)
                ON CONFLICT (structure) DO UPDATE SET reason = excluded.reason, by_person = excluded.by_person, at = excluded.at
                 WHERE kept_conflict.at = @seen OR (kept_conflict.reason = excluded.reason AND kept_conflict.by_person = excluded.by_person)
                """,
                new
                {
                    structure,
                    reason = reason.Trim(),
                    seen = seen?.ToUniversalTime(),
                    by,
                    now = now.ToUniversalTime(),
                }
            );
    }

    public async Task<IReadOnlyList<HouseChoice>> Choices(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    "SELECT h.question AS key, h.choice, h.reason, p.name AS by, h.at FROM techniques.house_choice h "
                        + "JOIN people.person p ON p.person_id = h.by_person"
                )
            ).Select(r => new HouseChoice(r.Key, r.Choice, r.Reason, r.By, r.At)),
        ];
    }

    /// <summary>Chooses in place of what was seen; false when somebody else chose otherwise meanwhile.</summary>
    public async Task<bool> Choose(
        string question,
        string choice,
        string reason,
        DateTimeOffset? seen,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return 1
            == await c.ExecuteAsync(
                """
                INSERT INTO techniques.house_choice (question, choice, reason, by_person, at)
                    VALUES (@question, @choice, @reason, @by, @now)
                ON CONFLICT (question) DO UPDATE SET choice = excluded.choice, reason = excluded.reason, by_person = excluded.by_person,
                    at = excluded.at
                 WHERE house_choice.at = @seen
                    OR (house_choice.choice = excluded.choice AND house_choice.reason = excluded.reason
                        AND house_choice.by_person = excluded.by_person)
                """,
                new
                {
                    question,
                    choice,
                    reason = reason.Trim(),
                    seen = seen?.ToUniversalTime(),
                    by,
                    now = now.ToUniversalTime(),
                }
            );
    }
}
