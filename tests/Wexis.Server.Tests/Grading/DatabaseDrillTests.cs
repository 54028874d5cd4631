using System.Collections.Concurrent;
using System.Diagnostics;
using System.Net;
using Npgsql;
using Wexis.Core.Grading;
using Wexis.Server.Grading;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Grading;

/// <summary>
/// The database is killed under thirty who grade; the server stays up. What was acknowledged is there, once, and everybody goes on without
/// signing in again. In the tests its connections are cut; in <c>./wexis drill</c> the whole of it is killed as by a power cut.
/// </summary>
[Trait("category", "drill")]
public class DatabaseDrillTests
{
    private const int Assessors = 30;
    private static readonly string? KillCommand = Environment.GetEnvironmentVariable("WEXIS_DRILL_KILL_DB");
    private static readonly int Kills = KillCommand is null ? 21 : 849;

    /// <summary>In the long drill every so many the whole database goes, not only its connections.</summary>
    private const int WholeEvery = 70;

    [Fact]
    public async Task No_acknowledged_mark_is_lost_or_doubled_when_the_database_is_killed()
    {
        await using var database = await TestDatabase.Create();
        await using var server = await ServerProcess.Start(database, House.FreePort());
        using var lead = await new Visitor(server.Address).SignIn("maren");
        var station = (await lead.Get<Wexis.Server.Examinations.ExaminationView[]>("/api/examinations"))[0]
            .Stations.First(s => s.TechniqueName.StartsWith("Knuckle", StringComparison.Ordinal));
        var trainee = (await lead.Get<Wexis.Server.People.PersonLine[]>("/api/people")).First(p => p.Login == "ilse").Id;
        var acknowledged = new ConcurrentDictionary<DemonstrationId, ConcurrentBag<MarkId>>();
        using var done = new CancellationTokenSource();
        var refused = new ConcurrentBag<HttpStatusCode>();
        var grading = Enumerable
            .Range(0, Assessors)
            .Select(_ =>
                Task.Run(async () =>
                {
                    using var assessor = lead.Copied();
                    var d = await Visitor.Read<DemonstrationView>(
                        await Again(
                            () => assessor.Put($"/api/demonstrations/{Guid.NewGuid()}", new DemonstrationOpen(station.Id, trainee)),
                            refused
                        )
                    );
                    var mine = acknowledged.GetOrAdd(d.Id, _ => []);
                    for (var i = 0; !done.IsCancellationRequested; i++)
                    {
                        var e = new MarkEvent(
                            MarkId.New(),
                            MarkKind.Rep,
                            "tablet",
                            i,
                            i * 20L,
                            0,
                            d.Sheet.Steps[0].Columns[0],
                            null,
                            null,
                            null,
                            0
                        );
                        (await Again(() => assessor.Put($"/api/demonstrations/{d.Id}/events/{e.Id}", e), refused)).StatusCode.ShouldBe(
                            HttpStatusCode.OK
                        );
                        mine.Add(e.Id);
                        await Task.Delay(20);
                    }
                })
            )
            .ToArray();
        var random = new Random(11);
        for (var kill = 0; kill < Kills; kill++)
        {
            await Task.Delay(random.Next(200, 900));
            await Kill(database, KillCommand is not null && kill % WholeEvery == 0);
        }
        // However slow the machine is today: there has to be something that could have been lost.
        for (var waited = 0; waited < 120 && acknowledged.Sum(a => a.Value.Count) <= Assessors; waited++)
            await Task.Delay(500);
        await done.CancelAsync();
        await Task.WhenAll(grading);
        NpgsqlConnection.ClearAllPools();
        var stored = 0;
        foreach (var (demonstration, marks) in acknowledged)
        {
            var found = (await lead.Get<DemonstrationView>($"/api/demonstrations/{demonstration}")).Events.Select(e => e.Id).ToList();
            Kept.Of(marks, found).ShouldBeWhole();
            found.ShouldBe(marks, ignoreOrder: true);
            stored += found.Count;
        }
        stored.ShouldBeGreaterThan(Assessors);
        refused.ShouldAllBe(s => s == HttpStatusCode.ServiceUnavailable, "away is 503, never a fault");
    }

    /// <summary>As the page does it: while the store is away the same mark is sent again.</summary>
    private static async Task<HttpResponseMessage> Again(Func<Task<HttpResponseMessage>> send, ConcurrentBag<HttpStatusCode> refused)
    {
        for (var i = 0; ; i++)
        {
            var answer = await send();
            if (answer.IsSuccessStatusCode || i == 300)
                return answer;
            refused.Add(answer.StatusCode);
            await Task.Delay(100);
        }
    }

    private static async Task Kill(TestDatabase database, bool whole)
    {
        if (!whole)
        {
            // Its own servers' connections; a sweep of PostgreSQL's own may be under way, which nobody but a superuser ends.
            // By a connection of its own: one that was kept from before a whole kill is dead like the others.
            await database.Alone<long>(
                "SELECT count(pg_terminate_backend(pid)) FROM pg_stat_activity WHERE datname = current_database() "
                    + "AND pid <> pg_backend_pid() AND usename = current_user"
            );
            return;
        }
        using var killing = Process.Start(
            new ProcessStartInfo("bash", [KillCommand!]) { UseShellExecute = false, RedirectStandardOutput = true }
        )!;
        await killing.WaitForExitAsync();
        killing.ExitCode.ShouldBe(0);
    }
}
