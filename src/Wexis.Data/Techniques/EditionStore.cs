using Dapper;
using Npgsql;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Library;

namespace Wexis.Data.Techniques;

public sealed partial class EditionStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public TechniqueId TechniqueId { get; init; }
        public string Code { get; init; } = "";
        public int Edition { get; init; }
        public int Version { get; init; }
        public string Name { get; init; } = "";
        public string? Region { get; init; }
        public string? School { get; init; }
        public string? Family { get; init; }
        public string Standing { get; init; } = "";
        public string? Review { get; init; }
        public string Body { get; init; } = "";
        public string Derived { get; init; } = "";
        public DateTimeOffset ChangedAt { get; init; }
        public string ChangedBy { get; init; } = "";
        public bool Frozen { get; init; }

        public StoredEdition ToEdition() =>
            new(
                TechniqueId,
                Code,
                Edition,
                Version,
                Name,
                EditionReview.Of(Standing, Review),
                StoredBody.Read<TechniqueDocument>(Body),
                ChangedAt,
                ChangedBy,
                Frozen,
                Review
            );

        public EditionLine ToLine(TechniqueBrief brief) =>
            new(
                TechniqueId,
                Code,
                Edition,
                Name,
                Region,
                School,
                ClosedList.Of<StepFamily>(Family),
                EditionReview.Of(Standing, Review),
                ChangedAt,
                brief
            );

        /// <summary>Changes with every change of the row, whoever made it.</summary>
        public string ChangedMark { get; init; } = "";
        public (TechniqueId Technique, int Edition, string Mark) Key => (TechniqueId, Edition, ChangedMark);
    }

    private const string Head =
        "SELECT t.technique_id, t.code, e.edition, e.version, e.name, e.region, e.school, e.family, e.standing, e.review";
    private const string Whole = Head + ", e.body::text AS body, e.derived::text AS derived";
    private const string From = """

           , e.changed_at, p.name AS changed_by, e.frozen_at IS NOT NULL AS frozen
          FROM techniques.technique t
          JOIN techniques.edition e ON e.technique_id = t.technique_id
          JOIN people.person p ON p.person_id = e.changed_by
        """;
    private const string OfNewest =
        " WHERE e.edition = (SELECT max(n.edition) FROM techniques.edition n WHERE n.technique_id = t.technique_id)";

    private const string AllEditions = Whole + From;
    private const string Newest = AllEditions + OfNewest;

    /// <summary>What is archived is still read; what was deleted is not.</summary>
    private const string There = " AND t.away IS DISTINCT FROM 'deleted'";

    private const string OnTheShelf = OfNewest + " AND t.away IS NULL ORDER BY e.name";
    private const string NewestLines = Head + ", e.derived::text AS derived" + From + OnTheShelf;

    /// <summary>
    /// The same without briefs, but with the mark of each row's last change, by which a brief that was read already is known.
    /// </summary>
    private const string ShelfLines = Head + ", e.xmin::text AS changed_mark" + From + OnTheShelf;

    private const string NamedLines =
        Head
        + ", e.derived::text AS derived"
        + From
        + " JOIN unnest(@techniques, @numbers) AS x (technique_id, edition)"
        + " ON x.technique_id = e.technique_id AND x.edition = e.edition WHERE t.away IS NULL ORDER BY e.name";

    private const string ApprovedLinesSql =
        Head
        + ", e.derived::text AS derived"
        + From
        + " WHERE t.away IS NULL AND e.standing = 'complete' AND e.edition = (SELECT max(a.edition) FROM techniques.edition a"
        + " WHERE a.technique_id = t.technique_id AND a.standing = 'complete' AND a.review = 'approved') ORDER BY e.name";

    private const string Briefs = """
        SELECT e.technique_id, (e.derived || '{"marks": [], "classes": [], "wrong_claims": []}')::text AS derived
          FROM techniques.edition e JOIN unnest(@techniques, @numbers) AS x (technique_id, edition) USING (technique_id, edition)
        """;

    /// <summary>Briefs as last read for the shelf. Reading 2,000 of them from their JSON is what a list costs.</summary>
    private volatile IReadOnlyDictionary<(TechniqueId Technique, int Edition, string Mark), TechniqueBrief> _briefs =
        new Dictionary<(TechniqueId, int, string), TechniqueBrief>();

    public async Task<IReadOnlyList<EditionLine>> Lines(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<Row>(NewestLines)).Select(r => r.ToLine(ExchangeJson.Read<TechniqueBrief>(r.Derived)))];
    }

    /// <summary>
    /// Lines without what only comparing and screening need, for the library's screen. Only briefs that changed are read again.
    /// </summary>
    public async Task<IReadOnlyList<EditionLine>> Shelf(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(System.Data.IsolationLevel.RepeatableRead, ct);
        var rows = (await c.QueryAsync<Row>(ShelfLines, transaction: t)).ToList();
        var known = _briefs;
        var unread = rows.Where(r => !known.ContainsKey(r.Key)).ToList();
        var read =
            unread.Count == 0
                ? []
                : (
                    await c.QueryAsync<Row>(
                        Briefs,
                        new { techniques = unread.Select(r => r.TechniqueId).ToArray(), numbers = unread.Select(r => r.Edition).ToArray() },
                        t
                    )
                ).ToDictionary(r => r.TechniqueId, r => ExchangeJson.Read<TechniqueBrief>(r.Derived));
        var briefs = rows.ToDictionary(r => r.Key, r => known.TryGetValue(r.Key, out var brief) ? brief : read[r.TechniqueId]);
        _briefs = briefs;
        return [.. rows.Select(r => r.ToLine(briefs[r.Key]))];
    }

    /// <summary>Lines of the newest approved edition of every technique that has one.</summary>
    public async Task<IReadOnlyList<EditionLine>> ApprovedLines(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<Row>(ApprovedLinesSql)).Select(r => r.ToLine(ExchangeJson.Read<TechniqueBrief>(r.Derived)))];
    }

    /// <summary>Lines of the editions that are named, by name.</summary>
    public async Task<IReadOnlyList<EditionLine>> LinesOf(
        IReadOnlyCollection<(TechniqueId Technique, int Edition)> which,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(which);
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    NamedLines,
                    new { techniques = which.Select(w => w.Technique).ToArray(), numbers = which.Select(w => w.Edition).ToArray() }
                )
            ).Select(r => r.ToLine(ExchangeJson.Read<TechniqueBrief>(r.Derived))),
        ];
    }

    /// <summary>Codes that are taken, by what is archived or deleted too.</summary>
    public async Task<IReadOnlySet<string>> Codes(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (await c.QueryAsync<string>("SELECT code FROM techniques.technique")).ToHashSet(StringComparer.Ordinal);
    }

    /// <summary>Names of techniques by code, as their newest editions say them.</summary>
    public async Task<IReadOnlyDictionary<string, string>> NamesOf(IReadOnlyCollection<string> codes, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QueryAsync<(string Code, string Name)>(
                "SELECT DISTINCT ON (t.code) t.code, e.name FROM techniques.technique t "
                    + "JOIN techniques.edition e USING (technique_id) WHERE t.code = any(@codes) ORDER BY t.code, e.edition DESC",
                new { codes = codes.ToArray() }
            )
        ).ToDictionary(x => x.Code, x => x.Name, StringComparer.Ordinal);
    }

    public async Task<IReadOnlyList<StoredEdition>> AllNewest(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return [.. (await c.QueryAsync<Row>(Newest + " AND t.away IS NULL ORDER BY e.name")).Select(r => r.ToEdition())];
    }

    /// <summary>Which edition and version of each technique is the newest, without reading one.</summary>
    public async Task<IReadOnlyList<EditionHead>> Heads(IReadOnlyCollection<string> codes, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. await c.QueryAsync<EditionHead>(
                """
                SELECT DISTINCT ON (t.technique_id) t.technique_id, t.code, e.edition, e.version
                  FROM techniques.technique t JOIN techniques.edition e USING (technique_id)
                 WHERE t.code = any(@codes) AND t.away IS DISTINCT FROM 'deleted' ORDER BY t.technique_id, e.edition DESC
                """,
                new { codes = codes.ToArray() }
            ),
        ];
    }

    public async Task<IReadOnlyList<StoredEdition>> NewestOf(IReadOnlyCollection<TechniqueId> techniques, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(Newest + " AND t.technique_id = any(@techniques)", new { techniques = techniques.ToArray() })
            ).Select(r => r.ToEdition()),
        ];
    }

    public async Task<StoredEdition?> NewestOf(TechniqueId id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (await c.QuerySingleOrDefaultAsync<Row>(Newest + There + " AND t.technique_id = @id", new { id }))?.ToEdition();
    }

    /// <summary>The edition that trainees learn from: the newest approved one; null while none was approved.</summary>
    public async Task<StoredEdition?> ApprovedOf(TechniqueId id, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QuerySingleOrDefaultAsync<Row>(
                AllEditions
                    + " WHERE t.technique_id = @id"
                    + There
                    + " AND e.review = 'approved' AND e.standing = 'complete' ORDER BY e.edition DESC LIMIT 1",
                new { id }
            )
        )?.ToEdition();
    }

    /// <summary>The editions that are named by code and number; what is not there is left out.</summary>
    public async Task<IReadOnlyList<StoredEdition>> Named(IReadOnlyCollection<(string Code, int Edition)> which, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(which);
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    AllEditions
                        + " JOIN unnest(@codes, @numbers) AS x (code, edition) ON x.code = t.code AND x.edition = e.edition "
                        + "WHERE t.away IS DISTINCT FROM 'deleted'",
                    new { codes = which.Select(w => w.Code).ToArray(), numbers = which.Select(w => w.Edition).ToArray() }
                )
            ).Select(r => r.ToEdition()),
        ];
    }

    public async Task<StoredEdition?> ByNumber(TechniqueId id, int edition, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (
            await c.QuerySingleOrDefaultAsync<Row>(
                AllEditions + " WHERE t.technique_id = @id" + There + " AND e.edition = @edition",
                new { id, edition }
            )
        )?.ToEdition();
    }

    /// <summary>How many techniques stand how, and how many of their claims wait for an answer: cheap counts for the thread.</summary>
    public async Task<(int Drafts, int ClaimsToAnswer)> Counts(CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.QuerySingleAsync<(int, int)>(
            """
            SELECT count(*) FILTER (WHERE e.standing = 'draft')::int, coalesce(sum((e.derived ->> 'contradicted')::int)
                FILTER (WHERE e.standing <> 'parked'), 0)::int FROM techniques.edition e JOIN techniques.technique t USING (technique_id)
             WHERE t.away IS NULL AND e.review IS DISTINCT FROM 'retired'
               AND e.edition = (SELECT max(n.edition) FROM techniques.edition n WHERE n.technique_id = e.technique_id)
            """
        );
    }

    /// <summary>Newest editions of which what is kept was made by other rules than these, or is not kept.</summary>
    public async Task<IReadOnlyList<StoredEdition>> MadeByOthers(string rules, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        const string others = " AND (e.derived ->> 'made_by' IS DISTINCT FROM @rules OR e.work ->> 'made_by' IS DISTINCT FROM @rules)";
        return [.. (await c.QueryAsync<Row>(Newest + others, new { rules })).Select(r => r.ToEdition())];
    }

    /// <summary>Newest editions with what is kept beside them, made by these rules.</summary>
    public async Task<IReadOnlyList<KeptEdition>> Kept(IReadOnlyCollection<TechniqueId> techniques, string rules, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<KeptRow>(
                    """
                    SELECT DISTINCT ON (t.technique_id) t.technique_id, t.code, e.edition, e.version, e.name, e.school, e.region, e.family,
                           coalesce((e.body -> 'prerequisites')::text, '[]') AS prerequisites,
                           coalesce((e.derived -> 'classes')::text, '[]') AS classes,
                           CASE WHEN e.work ->> 'made_by' = @rules THEN e.work::text END AS work
                      FROM techniques.technique t JOIN techniques.edition e USING (technique_id)
                     WHERE t.technique_id = any(@techniques) ORDER BY t.technique_id, e.edition DESC
                    """,
                    new { techniques = techniques.ToArray(), rules }
                )
            ).Select(r => r.ToKept()),
        ];
    }

    private sealed class KeptRow
    {
        public TechniqueId TechniqueId { get; init; }
        public string Code { get; init; } = "";
        public int Edition { get; init; }
        public int Version { get; init; }
        public string Name { get; init; } = "";
        public string? School { get; init; }
        public string? Region { get; init; }
        public string? Family { get; init; }
        public string Prerequisites { get; init; } = "[]";
        public string Classes { get; init; } = "[]";
        public string? Work { get; init; }

        public KeptEdition ToKept() =>
            new(
                new(TechniqueId, Code, Edition, Version),
                Name,
                School,
                Region,
                ClosedList.Of<StepFamily>(Family),
                ExchangeJson.Read<string[]?>(Prerequisites) ?? [],
                ExchangeJson.Read<string[]?>(Classes) ?? [],
                Work is null ? null : StoredBody.Read<TechniqueWork>(Work)
            );
    }

    private sealed class NeighbourRow
    {
        public TechniqueId TechniqueId { get; init; }
        public string Code { get; init; } = "";
        public string Name { get; init; } = "";
        public string Standing { get; init; } = "";
        public string? Review { get; init; }
        public string? CallsIt { get; init; }
    }

    /// <summary>Techniques of these codes, and those that call this one a version of theirs; no body is read.</summary>
    public async Task<IReadOnlyList<Neighbour>> Neighbours(string code, IReadOnlyCollection<string> codes, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<NeighbourRow>(
                    """
                    SELECT t.technique_id, t.code, e.name, e.standing, e.review,
                           (SELECT x ->> 'as' FROM jsonb_array_elements(CASE jsonb_typeof(e.related) WHEN 'array' THEN e.related
                               ELSE '[]'::jsonb END) x WHERE x ->> 'id' = @code LIMIT 1) AS calls_it FROM techniques.technique t
                           JOIN techniques.edition e USING (technique_id)
                     WHERE e.edition = (SELECT max(n.edition) FROM techniques.edition n WHERE n.technique_id = t.technique_id)
                       AND t.away IS DISTINCT FROM 'deleted' AND (t.code = any(@codes)
                           OR e.related @> jsonb_build_array(jsonb_build_object('id', @code::text))) ORDER BY e.name
                    """,
                    new { code, codes = codes.ToArray() }
                )
            ).Select(r => new Neighbour(r.TechniqueId, r.Code, r.Name, EditionReview.Of(r.Standing, r.Review), r.CallsIt)),
        ];
    }
}
