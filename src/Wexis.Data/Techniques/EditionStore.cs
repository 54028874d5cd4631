using Dapper;
using Npgsql;
using Wexis.Core.Techniques;

namespace Wexis.Data.Techniques;

/// <summary>One edition with its body.</summary>
public sealed record StoredEdition(Guid TechniqueId, string Code, int Edition, int Version, string Name, string Standing, TechniqueDocument Body, DateTimeOffset ChangedAt, string ChangedBy, bool Frozen);

/// <summary>A line of the library: what is searched, without the body.</summary>
/// <param name="Standing">draft, complete or parked.</param>
public sealed record EditionLine(Guid TechniqueId, string Code, int Edition, string Name, string? Region, string? School, string? Family, string Standing, DateTimeOffset ChangedAt, TechniqueBrief Brief);

/// <summary>A technique that is about to be added.</summary>
public sealed record NewTechnique(Guid Id, string Code, TechniqueDocument Body, string Standing, string? Family, TechniqueBrief Brief);

public sealed class EditionStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public Guid TechniqueId { get; init; }
        public string Code { get; init; } = "";
        public int Edition { get; init; }
        public int Version { get; init; }
        public string Name { get; init; } = "";
        public string? Region { get; init; }
        public string? School { get; init; }
        public string? Family { get; init; }
        public string Standing { get; init; } = "";
        public string Body { get; init; } = "";
        public string Derived { get; init; } = "";
        public DateTimeOffset ChangedAt { get; init; }
        public string ChangedBy { get; init; } = "";
        public bool Frozen { get; init; }
        public StoredEdition ToEdition() => new(TechniqueId, Code, Edition, Version, Name, Standing, WexisJson.Read<TechniqueDocument>(Body), ChangedAt, ChangedBy, Frozen);

        public EditionLine ToLine() => new(TechniqueId, Code, Edition, Name, Region, School, Family, Standing, ChangedAt, WexisJson.Read<TechniqueBrief>(Derived));
    }

    private const string Newest = """
        SELECT t.technique_id, t.code, e.edition, e.version, e.name, e.region, e.school, e.family, e.standing, e.body::text AS body,
               e.derived::text AS derived, e.changed_at, p.name AS changed_by, e.frozen_at IS NOT NULL AS frozen
          FROM techniques.technique t
          JOIN techniques.edition e ON e.technique_id = t.technique_id
          JOIN people.person p ON p.person_id = e.changed_by
         WHERE e.edition = (SELECT max(n.edition) FROM techniques.edition n WHERE n.technique_id = t.technique_id)
        """;

    public async Task<IReadOnlyList<EditionLine>> Lines(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<Row>(Newest.Replace("e.body::text AS body,", "", StringComparison.Ordinal) + " ORDER BY e.name")).Select(r => r.ToLine())];
    }

    public async Task<IReadOnlyList<StoredEdition>> AllNewest(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<Row>(Newest + " ORDER BY e.name")).Select(r => r.ToEdition())];
    }

    public async Task<StoredEdition?> NewestOf(Guid id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (await c.QuerySingleOrDefaultAsync<Row>(Newest + " AND t.technique_id = @id", new { id }))?.ToEdition();
    }

    /// <summary>Newest editions whose brief was made by other rules than these.</summary>
    public async Task<IReadOnlyList<StoredEdition>> MadeByOthers(string rules, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<Row>(Newest + " AND e.derived ->> 'made_by' IS DISTINCT FROM @rules", new { rules })).Select(r => r.ToEdition())];
    }

    /// <summary>Puts a brief beside a body that has not changed since; what it says is derived, so nobody's work is touched.</summary>
    public async Task MadeAnew(StoredEdition edition, string standing, string? family, TechniqueBrief brief, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(edition);
        await using var c = await source.OpenConnectionAsync(ct);
        await c.ExecuteAsync(
            "UPDATE techniques.edition SET derived = @derived::jsonb, standing = @standing, family = @family WHERE technique_id = @id AND edition = @edition AND version = @version",
            new { id = edition.TechniqueId, edition = edition.Edition, version = edition.Version, standing, family, derived = WexisJson.Write(brief) });
    }

    /// <summary>Newest editions that call this technique an easier, harder or like version of theirs.</summary>
    public async Task<IReadOnlyList<StoredEdition>> RelatedTo(string code, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<Row>(Newest + " AND e.body -> 'related' @> jsonb_build_array(jsonb_build_object('id', @code::text)) ORDER BY e.name", new { code })).Select(r => r.ToEdition())];
    }

    /// <summary>Adds techniques with their first editions, all or none.</summary>
    /// <returns>The codes that are taken; when there is one, nothing was added.</returns>
    public async Task<IReadOnlyList<string>> AddAll(IReadOnlyList<NewTechnique> techniques, Guid by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(techniques);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var taken = new List<string>();
        foreach (var n in techniques)
        {
            var added = await c.ExecuteAsync("INSERT INTO techniques.technique (technique_id, code, added_by, added_at) VALUES (@Id, @Code, @by, @now) ON CONFLICT (code) DO NOTHING", new { n.Id, n.Code, by, now = now.ToUniversalTime() }, t);
            if (added == 0) taken.Add(n.Code);
            else await c.ExecuteAsync(InsertEdition, EditionValues(n.Id, 1, n.Body, n.Standing, n.Family, n.Brief, by, now), t);
        }
        if (taken.Count == 0) await t.CommitAsync(ct);
        return taken;
    }

    /// <summary>Adds a technique with its first edition; false when the code is taken.</summary>
    public async Task<bool> Add(Guid id, string code, TechniqueDocument body, string standing, string? family, TechniqueBrief brief, Guid by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(body);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var added = await c.ExecuteAsync("INSERT INTO techniques.technique (technique_id, code, added_by, added_at) VALUES (@id, @code, @by, @now) ON CONFLICT (code) DO NOTHING", new { id, code, by, now = now.ToUniversalTime() }, t);
        if (added == 0) return false;
        await c.ExecuteAsync(InsertEdition, EditionValues(id, 1, body, standing, family, brief, by, now), t);
        await t.CommitAsync(ct);
        return true;
    }

    /// <summary>Saves the newest edition, or the next one when the newest is frozen. Stale when somebody else saved first.</summary>
    public async Task<(SaveOutcome Outcome, int Edition, int Version)> Save(Guid id, int edition, int version, TechniqueDocument body, string standing, string? family, TechniqueBrief brief, Guid by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(body);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        // The technique's row is the lock of all its editions.
        var newest = await c.QuerySingleOrDefaultAsync<(int Edition, int Version, bool Frozen)?>(
            """
            SELECT e.edition, e.version, e.frozen_at IS NOT NULL
              FROM techniques.technique t JOIN techniques.edition e ON e.technique_id = t.technique_id
             WHERE t.technique_id = @id ORDER BY e.edition DESC LIMIT 1 FOR UPDATE OF t
            """, new { id }, t);
        if (newest is not { } n) return (SaveOutcome.NotThere, 0, 0);
        if (n.Edition != edition || n.Version != version) return (SaveOutcome.Stale, n.Edition, n.Version);
        if (n.Frozen)
        {
            await c.ExecuteAsync(InsertEdition, EditionValues(id, edition + 1, body, standing, family, brief, by, now), t);
            await t.CommitAsync(ct);
            return (SaveOutcome.Saved, edition + 1, 1);
        }
        await c.ExecuteAsync(
            """
            UPDATE techniques.edition
               SET version = version + 1, name = @name, region = @region, school = @school, family = @family, standing = @standing, body = @body::jsonb, derived = @derived::jsonb, changed_by = @by, changed_at = @now
             WHERE technique_id = @id AND edition = @edition AND version = @version
            """, EditionValues(id, edition, body, standing, family, brief, by, now, version), t);
        await t.CommitAsync(ct);
        return (SaveOutcome.Saved, edition, version + 1);
    }

    private const string InsertEdition = """
        INSERT INTO techniques.edition (technique_id, edition, name, region, school, family, standing, body, derived, changed_by, changed_at)
        VALUES (@id, @edition, @name, @region, @school, @family, @standing, @body::jsonb, @derived::jsonb, @by, @now)
        """;

    private static object EditionValues(Guid id, int edition, TechniqueDocument body, string standing, string? family, TechniqueBrief brief, Guid by, DateTimeOffset now, int version = 1) => new
    {
        id,
        edition,
        version,
        name = body.Name ?? "",
        region = body.Region,
        school = body.School,
        family,
        standing,
        body = WexisJson.Write(body),
        derived = WexisJson.Write(brief),
        by,
        now = now.ToUniversalTime(),
    };
}
