using System.Diagnostics;
using Dapper;
using Npgsql;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Shell;

/// <summary>A backup brings back what was there, row for row; a torn one brings nothing and touches nothing.</summary>
public sealed class BackupTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("wexis-backup-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    public async Task What_is_restored_equals_what_was_backed_up_and_the_house_opens_on_it()
    {
        await using var house = await House.Open(demo: true);
        var file = Path.Combine(_folder, "house.wexis");
        (await Run("save", file, house.Database.Name)).Code.ShouldBe(0);
        File.Exists($"{file}.part").ShouldBeFalse();
        var name = $"wexis_test_{Guid.NewGuid():N}";
        (await Run("bring", file, name)).Code.ShouldBe(0);
        await using (var restored = TestDatabase.Named(name))
        {
            var before = await Rows(house.Database.ConnectionString);
            before.Count.ShouldBeGreaterThan(15);
            (await Rows(restored.ConnectionString)).ShouldBe(before, ignoreOrder: true);
            // The rules of the store came back too: a mark is still only ever added.
            await Should.ThrowAsync<PostgresException>(() => restored.Execute("DELETE FROM grading.mark_event"));
        }
    }

    [Fact]
    public async Task A_torn_backup_or_another_file_is_refused_and_leaves_no_database()
    {
        await using var house = await House.Open(demo: true);
        var file = Path.Combine(_folder, "house.wexis");
        (await Run("save", file, house.Database.Name)).Code.ShouldBe(0);
        var whole = await File.ReadAllBytesAsync(file, TestContext.Current.CancellationToken);
        var torn = Path.Combine(_folder, "torn.wexis");
        foreach (var part in new[] { 0.02, 0.5, 0.9 })
        {
            await File.WriteAllBytesAsync(torn, whole[..(int)(whole.Length * part)], TestContext.Current.CancellationToken);
            var name = $"wexis_test_{Guid.NewGuid():N}";
            var (code, said) = await Run("bring", torn, name);
            code.ShouldBe(1, $"{part}");
            said.ShouldContain("Nothing was changed.");
            (
                await house.Database.Scalar<bool>("SELECT EXISTS (SELECT 1 FROM pg_database WHERE datname = @name)", new { name })
            ).ShouldBeFalse();
        }
        await File.WriteAllTextAsync(torn, "a letter", TestContext.Current.CancellationToken);
        (await Run("bring", torn, "wexis_test_letter")).Said.ShouldContain("is no backup");
        (await Run("bring", Path.Combine(_folder, "nowhere"), "wexis_test_nowhere")).Said.ShouldContain("There is no file");
    }

    /// <summary>A line per table: its name, how many rows, and a sum over all that they hold.</summary>
    private static async Task<IReadOnlyList<string>> Rows(string connection)
    {
        await using var c = new NpgsqlConnection(connection);
        var tables = await c.QueryAsync<string>(
            "SELECT format('%I.%I', table_schema, table_name) FROM information_schema.tables "
                + "WHERE table_schema NOT IN ('pg_catalog', 'information_schema') AND table_type = 'BASE TABLE'"
        );
        var lines = new List<string>();
        foreach (var table in tables)
            lines.Add(
                await c.ExecuteScalarAsync<string>(
                    $"SELECT '{table} ' || count(*) || ' ' || coalesce(md5(string_agg(t::text, '|' ORDER BY t::text)), '') FROM {table} t"
                ) ?? ""
            );
        return lines;
    }

    private static async Task<(int Code, string Said)> Run(string verb, string file, string database)
    {
        var at = new NpgsqlConnectionStringBuilder(Environment.GetEnvironmentVariable("WEXIS_TEST_DB"));
        var start = new ProcessStartInfo("bash", [Path.Combine(House.Root, "scripts", "backup.sh"), verb, file])
        {
            RedirectStandardError = true,
            RedirectStandardOutput = true,
            UseShellExecute = false,
        };
        start.Environment["OWNER"] = "wexis_app";
        (
            start.Environment["PGHOST"],
            start.Environment["PGPORT"],
            start.Environment["PGUSER"],
            start.Environment["PGPASSWORD"],
            start.Environment["DATABASE"]
        ) = (at.Host, $"{at.Port}", at.Username, at.Password, database);
        using var process = Process.Start(start)!;
        var said = process.StandardError.ReadToEndAsync();
        await process.StandardOutput.ReadToEndAsync();
        await process.WaitForExitAsync();
        return (process.ExitCode, await said);
    }
}
