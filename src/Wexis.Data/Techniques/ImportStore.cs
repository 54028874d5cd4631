using Dapper;
using Npgsql;
using Wexis.Core.Techniques.Documents;
using Wexis.Data.Keeping;

namespace Wexis.Data.Techniques;

/// <summary>One technique of an import.</summary>
/// <param name="Edition">As the import left it.</param>
/// <param name="Before">What stood there before; null where the import added it.</param>
public sealed record ImportPart(TechniqueId TechniqueId, string Name, int Edition, int Version, TechniqueDocument? Before);

/// <summary>Techniques from files: all of one file or nothing, and all of it taken back or nothing.</summary>
public sealed class ImportStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public TechniqueId TechniqueId { get; init; }
        public string Name { get; init; } = "";
        public int Edition { get; init; }
        public int Version { get; init; }
        public string? Before { get; init; }

        public ImportPart ToPart() =>
            new(TechniqueId, Name, Edition, Version, Before is null ? null : StoredBody.Read<TechniqueDocument>(Before));
    }

    /// <summary>Saves and adds together, all or none, and keeps what is needed to take it back.</summary>
    /// <returns>The codes that were stale or taken; when there is one, nothing was brought in.</returns>
    public async Task<IReadOnlyList<string>> Bring(
        ImportId import,
        IReadOnlyList<(StoredEdition Before, NewTechnique After)> changes,
        IReadOnlyList<NewTechnique> added,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(changes);
        ArgumentNullException.ThrowIfNull(added);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        await c.ExecuteAsync(
            "INSERT INTO techniques.import (import_id, by_person, at) VALUES (@import, @by, @now)",
            new
            {
                import,
                by,
                now = now.ToUniversalTime(),
            },
            t
        );
        const string part =
            "INSERT INTO techniques.import_part (import_id, technique_id, edition, version, before) "
            + "VALUES (@import, @id, @edition, @version, @before::jsonb)";
        // Always in one order: two that change the same techniques wait for one another, they never block each other.
        foreach (var (before, after) in changes.OrderBy(x => x.Before.TechniqueId))
        {
            var saved = await EditionStore.Save(c, t, after, before.Edition, before.Version, by, now);
            if (saved.Outcome != SaveOutcome.Saved)
                return [before.Code];
            await c.ExecuteAsync(
                part,
                new
                {
                    import,
                    id = before.TechniqueId,
                    edition = saved.Number,
                    version = saved.Version,
                    before = StoredBody.Write(before.Body),
                },
                t
            );
        }
        if (await EditionStore.AddAll(c, t, added, by, now) is { Count: > 0 } taken)
            return taken;
        await c.ExecuteAsync(
            part,
            added.Select(a => new
            {
                import,
                id = a.Id,
                edition = 1,
                version = 1,
                before = (string?)null,
            }),
            t
        );
        await t.CommitAsync(ct);
        return [];
    }

    /// <summary>What an import brought; empty when there is none, or it was taken back.</summary>
    public async Task<IReadOnlyList<ImportPart>> Parts(ImportId import, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    """
                    SELECT p.technique_id, (SELECT e.name FROM techniques.edition e WHERE e.technique_id = p.technique_id
                        ORDER BY e.edition DESC LIMIT 1) AS name, p.edition, p.version, p.before::text AS before
                      FROM techniques.import i JOIN techniques.import_part p USING (import_id)
                     WHERE i.import_id = @import AND i.taken_back_at IS NULL ORDER BY p.technique_id
                    """,
                    new { import }
                )
            ).Select(r => r.ToPart()),
        ];
    }

    /// <summary>
    /// Takes an import back: what it added is deleted (and can be brought back), what it changed says again what it said before.
    /// </summary>
    /// <param name="restored">The parts that it changed, as they were.</param>
    /// <returns>Names of techniques that were changed, or used, since; when there is one, nothing was taken back.</returns>
    public async Task<IReadOnlyList<string>> TakeBack(
        ImportId import,
        IReadOnlyList<ImportPart> parts,
        IReadOnlyDictionary<TechniqueId, NewTechnique> restored,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(parts);
        ArgumentNullException.ThrowIfNull(restored);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var values = new
        {
            import,
            by,
            now = now.ToUniversalTime(),
        };
        if (
            await c.ExecuteAsync(
                "UPDATE techniques.import SET taken_back_by = @by, taken_back_at = @now WHERE import_id = @import "
                    + "AND taken_back_at IS NULL",
                values,
                t
            ) == 0
        )
            return [];
        var since = new List<string>();
        foreach (var part in parts)
        {
            if (part.Before is not null)
            {
                if (
                    (await EditionStore.Save(c, t, restored[part.TechniqueId], part.Edition, part.Version, by, now)).Outcome
                    != SaveOutcome.Saved
                )
                    since.Add(part.Name);
                continue;
            }
            var gone = await c.ExecuteAsync(
                """
                UPDATE techniques.technique t SET away = 'deleted', away_by = @by, away_at = @now
                 WHERE t.technique_id = @id AND EXISTS (SELECT 1 FROM techniques.edition e WHERE e.technique_id = @id
                     AND e.edition = @edition AND e.version = @version)
                   AND NOT EXISTS (SELECT 1 FROM techniques.edition e WHERE e.technique_id = @id AND e.edition > @edition)
                """,
                new
                {
                    id = part.TechniqueId,
                    edition = part.Edition,
                    version = part.Version,
                    by,
                    now = now.ToUniversalTime(),
                },
                t
            );
            if (
                gone == 0
                || (await AwayStore.RestsOn(c, "technique", part.TechniqueId.Value, t)).Any(r =>
                    r.Holds && (r.Id is not { } other || parts.All(p => p.TechniqueId.Value != other))
                )
            )
                since.Add(part.Name);
        }
        if (since.Count == 0)
            await t.CommitAsync(ct);
        return since;
    }
}
