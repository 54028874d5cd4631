using Dapper;
using Npgsql;
using Wexis.Core.Measures;

namespace Wexis.Data.Techniques;

/// <summary>Adding and saving: what loses a race is told, never overwritten.</summary>
public sealed partial class EditionStore
{
    /// <summary>Adds techniques with their first editions, all or none.</summary>
    /// <returns>The codes that are taken; when there is one, nothing was added.</returns>
    public async Task<IReadOnlyList<string>> AddAll(
        IReadOnlyList<NewTechnique> techniques,
        PersonId by,
        DateTimeOffset now,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(techniques);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var taken = await AddAll(c, t, techniques, by, now);
        if (taken.Count == 0)
            await t.CommitAsync(ct);
        return taken;
    }

    /// <summary>Adds a technique with its first edition. The same sent twice is added once.</summary>
    public async Task<AddOutcome> Add(NewTechnique technique, PersonId by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(technique);
        if ((await AddAll([technique], by, now, ct)).Count == 0)
            return AddOutcome.Added;
        await using var c = await source.OpenConnectionAsync(ct);
        var same = await c.ExecuteScalarAsync<bool?>(
            """
            SELECT t.added_by = @by AND e.body = @body::jsonb
              FROM techniques.technique t JOIN techniques.edition e USING (technique_id)
             WHERE t.technique_id = @Id ORDER BY e.edition DESC LIMIT 1
            """,
            new
            {
                technique.Id,
                by,
                body = StoredBody.Write(technique.Body),
            }
        );
        return same switch
        {
            true => AddOutcome.Added,
            false => AddOutcome.Clash,
            null => AddOutcome.Taken,
        };
    }

    /// <summary>Saves the newest edition, or the next one when the newest is frozen. Stale when somebody else saved first.</summary>
    public async Task<Saved> Save(NewTechnique technique, int edition, int version, PersonId by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(technique);
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var saved = await Save(c, t, technique, edition, version, by, now);
        if (saved.Outcome == SaveOutcome.Saved)
            await t.CommitAsync(ct);
        return saved;
    }

    internal static async Task<IReadOnlyList<string>> AddAll(
        NpgsqlConnection c,
        NpgsqlTransaction t,
        IReadOnlyList<NewTechnique> techniques,
        PersonId by,
        DateTimeOffset now
    )
    {
        var taken = new List<string>();
        foreach (var n in techniques)
        {
            var added = await c.ExecuteAsync(
                "INSERT INTO techniques.technique (technique_id, code, added_by, added_at) VALUES (@Id, @Code, @by, @now) "
                    + "ON CONFLICT DO NOTHING",
                new
                {
                    n.Id,
                    n.Code,
                    by,
                    now = now.ToUniversalTime(),
                },
                t
            );
            if (added == 0)
                taken.Add(n.Code);
            else
                await c.ExecuteAsync(InsertEdition, EditionValues(n, 1, by, now), t);
        }
        return taken;
    }

    internal static Task<Saved> Save(
        NpgsqlConnection c,
        NpgsqlTransaction t,
        NewTechnique technique,
        int edition,
        int version,
        PersonId by,
        DateTimeOffset now
    ) => Editions.Save(c, t, technique.Id.Value, edition, version, number => EditionValues(technique, number, by, now));

    private const string InsertEdition = """
        INSERT INTO techniques.edition (technique_id, edition, name, region, school, family, standing, body, derived, work, changed_by,
            changed_at)
        VALUES (@id, @edition, @name, @region, @school, @family, @standing, @body::jsonb, @derived::jsonb, @work::jsonb, @by, @now)
        """;

    /// <summary>
    /// The technique's row is the lock of all its editions. Whoever looked one through looked at other words: the review falls away.
    /// </summary>
    private static readonly VersionedDocument Editions = new(
        "SELECT technique_id FROM techniques.technique WHERE technique_id = @id AND away IS DISTINCT FROM 'deleted' FOR UPDATE",
        """
        SELECT edition AS number, version, frozen_at IS NOT NULL AS kept, body = @body::jsonb AND changed_by = @by AS mine
          FROM techniques.edition WHERE technique_id = @id ORDER BY edition DESC LIMIT 1 FOR UPDATE
        """,
        """
        UPDATE techniques.edition
           SET version = version + 1, name = @name, region = @region, school = @school, family = @family, standing = @standing,
               body = @body::jsonb, derived = @derived::jsonb, work = @work::jsonb, changed_by = @by, changed_at = @now,
               review = NULL, reviewed_by = NULL, reviewed_at = NULL
         WHERE technique_id = @id AND edition = @edition
        """,
        InsertEdition
    );

    private static object EditionValues(NewTechnique t, int edition, PersonId by, DateTimeOffset now) =>
        new
        {
            id = t.Id,
            edition,
            name = t.Body.Name ?? "",
            region = t.Body.Region,
            school = t.Body.School,
            family = t.Family?.Word(),
            standing = t.Standing.Word(),
            body = StoredBody.Write(t.Body),
            derived = ExchangeJson.Write(t.Brief),
            work = StoredBody.Write(t.Work),
            by,
            now = now.ToUniversalTime(),
        };

    /// <summary>Puts what was derived anew beside a body that has not changed since; nobody's work is touched.</summary>
    public async Task MadeAnew(StoredEdition edition, NewTechnique made, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(edition);
        ArgumentNullException.ThrowIfNull(made);
        await using var c = await source.OpenConnectionAsync(ct);
        await c.ExecuteAsync(
            """
            UPDATE techniques.edition SET derived = @derived::jsonb, work = @work::jsonb, standing = @Standing, family = @Family
             WHERE technique_id = @id AND edition = @edition AND version = @version
            """,
            new
            {
                id = edition.TechniqueId,
                edition = edition.Edition,
                version = edition.Version,
                Standing = made.Standing.Word(),
                Family = made.Family?.Word(),
                derived = ExchangeJson.Write(made.Brief),
                work = StoredBody.Write(made.Work),
            }
        );
    }
}
