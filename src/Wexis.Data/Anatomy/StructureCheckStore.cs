using Dapper;
using Npgsql;
using Wexis.Core.Measures;

namespace Wexis.Data.Anatomy;

/// <summary>What somebody qualified says of a structure of the atlas.</summary>
[ClosedList]
public enum CheckVerdict
{
    Right,
    RightWithRemarks,
    Wrong,
}

/// <summary>Somebody qualified looked at a structure of the atlas.</summary>
/// <param name="Current">False when the atlas was changed since.</param>
public sealed record StructureCheck(
    DateOnly CheckedOn,
    string CheckedBy,
    string QualifiedAs,
    [property: WordOf<CheckVerdict>] string Verdict,
    string Remark,
    bool Current
);

/// <summary>Checks of the atlas by qualified people; only ever added to.</summary>
public sealed class StructureCheckStore(NpgsqlDataSource source, string currentData)
{
    private sealed class Row
    {
        public DateOnly CheckedOn { get; init; }
        public string CheckedBy { get; init; } = "";
        public string QualifiedAs { get; init; } = "";
        public string Verdict { get; init; } = "";
        public string Remark { get; init; } = "";
        public string DataVersion { get; init; } = "";
    }

    public async Task<IReadOnlyList<StructureCheck>> Of(string structure, CancellationToken ct)
    {
        await using var c = await source.OpenConnectionAsync(ct);
        return
        [
            .. (
                await c.QueryAsync<Row>(
                    "SELECT checked_on, checked_by, qualified_as, verdict, remark, data_version FROM anatomy.structure_check "
                        + "WHERE structure = @structure ORDER BY checked_on DESC, entered_at DESC",
                    new { structure }
                )
            ).Select(r => new StructureCheck(r.CheckedOn, r.CheckedBy, r.QualifiedAs, r.Verdict, r.Remark, r.DataVersion == currentData)),
        ];
    }

    public async Task Add(string structure, StructureCheck check, string dataVersion, PersonId by, DateTimeOffset now, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(check);
        await using var c = await source.OpenConnectionAsync(ct);
        await c.ExecuteAsync(
            """
            INSERT INTO anatomy.structure_check (structure, checked_on, checked_by, qualified_as, verdict, remark, entered_by, entered_at,
                data_version)
            VALUES (@structure, @CheckedOn, @CheckedBy, @QualifiedAs, @Verdict, @Remark, @by, @now, @dataVersion)
            """,
            new
            {
                structure,
                check.CheckedOn,
                check.CheckedBy,
                check.QualifiedAs,
                check.Verdict,
                check.Remark,
                by,
                now = now.ToUniversalTime(),
                dataVersion,
            }
        );
    }
}
