using Dapper;
using Npgsql;
using Wexis.Core.People;

namespace Wexis.Data.People;

/// <summary>A screening as kept. Health data.</summary>
/// <param name="SeenBy">People, beside the one it is about and the one who took it, whom the person allowed to see it.</param>
public sealed record StoredScreening(
    ScreeningId Id,
    PersonId? AboutPerson,
    string AboutName,
    ScreeningAnswers Answers,
    Consent Consent,
    PersonId TakenBy,
    string TakenByName,
    DateTimeOffset TakenAt,
    IReadOnlyList<PersonId> SeenBy
);

/// <summary>Every read names its reader: what is not for their eyes is not there.</summary>
public sealed class ScreeningStore(NpgsqlDataSource source)
{
    private sealed class Row
    {
        public ScreeningId ScreeningId { get; init; }
        public PersonId? AboutPerson { get; init; }
        public string AboutName { get; init; } = "";
        public string Answers { get; init; } = "";
        public string Consent { get; init; } = "";
        public PersonId TakenBy { get; init; }
        public string TakenByName { get; init; } = "";
        public DateTimeOffset TakenAt { get; init; }
        public PersonId[] SeenBy { get; init; } = [];

        public StoredScreening ToScreening() =>
            new(
                ScreeningId,
                AboutPerson,
                AboutName,
                StoredBody.Read<ScreeningAnswers>(Answers),
                StoredBody.Read<Consent>(Consent),
                TakenBy,
                TakenByName,
                TakenAt,
                SeenBy
            );
    }

    private const string Visible = """
        SELECT s.screening_id, s.about_person, s.about_name, s.answers::text AS answers, s.consent::text AS consent, s.taken_by,
            p.name AS taken_by_name, s.taken_at, s.seen_by
          FROM people.screening s
          JOIN people.person p ON p.person_id = s.taken_by
         WHERE (s.about_person = @reader OR s.taken_by = @reader OR @reader = ANY (s.seen_by))
        """;

    public async Task<IReadOnlyList<StoredScreening>> VisibleTo(PersonId reader, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (await c.QueryAsync<Row>(Visible + " ORDER BY s.about_name, s.taken_at DESC", new { reader })).Select(r => r.ToScreening()),
        ];
    }

    public async Task<StoredScreening?> ById(ScreeningId id, PersonId reader, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return (await c.QuerySingleOrDefaultAsync<Row>(Visible + " AND s.screening_id = @id", new { reader, id }))?.ToScreening();
    }

    /// <summary>Keeps a screening; false when this id was used before, also when that one has been erased.</summary>
    public async Task<bool> Add(StoredScreening s, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(s);
        await using var c = await source.OpenConnectionAsync(ct);
        return await c.ExecuteAsync(
                """
                INSERT INTO people.screening (screening_id, about_person, about_name, answers, consent, taken_by, taken_at, seen_by)
                SELECT @Id, @AboutPerson, @AboutName, @answers::jsonb, @consent::jsonb, @TakenBy, @takenAt, @seenBy
                 WHERE NOT EXISTS (SELECT 1 FROM people.screening_erased WHERE screening_id = @Id)
                ON CONFLICT (screening_id) DO NOTHING
                """,
                new
                {
                    s.Id,
                    s.AboutPerson,
                    s.AboutName,
                    answers = StoredBody.Write(s.Answers),
                    consent = StoredBody.Write(s.Consent),
                    s.TakenBy,
                    takenAt = s.TakenAt.ToUniversalTime(),
                    seenBy = s.SeenBy.ToArray(),
                }
            ) == 1;
    }

    /// <summary>Erases what the reader may see, as a whole; false when there is nothing for their eyes.</summary>
    public async Task<bool> Erase(ScreeningId id, PersonId reader, DateTimeOffset now, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        await using var t = await c.BeginTransactionAsync(ct);
        var gone = await c.ExecuteAsync(
            "DELETE FROM people.screening s WHERE s.screening_id = @id AND (s.about_person = @reader "
                + "OR s.taken_by = @reader OR @reader = ANY (s.seen_by))",
            new { id, reader },
            t
        );
        if (gone == 0)
            return false;
        await c.ExecuteAsync(
            "INSERT INTO people.screening_erased (screening_id, erased_by, erased_at) VALUES (@id, @reader, @now)",
            new
            {
                id,
                reader,
                now = now.ToUniversalTime(),
            },
            t
        );
        await t.CommitAsync(ct);
        return true;
    }
}
