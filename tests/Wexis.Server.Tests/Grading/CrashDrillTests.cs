using System.Net;
using Wexis.Core.Grading;
using Wexis.Server.Grading;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Grading;

/// <summary>
/// The server is killed while marks are on their way; whatever it acknowledged must be there, once. Short in the tests, long in
/// <c>./wexis drill</c>.
/// </summary>
[Trait("category", "drill")]
public class CrashDrillTests
{
    private static readonly int Kills = Environment.GetEnvironmentVariable("WEXIS_DRILL") == "long" ? 150 : 8;

    [Fact]
    public async Task No_acknowledged_mark_is_lost_or_doubled_when_the_server_is_killed()
    {
        await using var database = await TestDatabase.Create();
        var port = House.FreePort();
        var address = new Uri($"http://127.0.0.1:{port}");
        var server = await ServerProcess.Start(database, port);
        try
        {
            var demonstration = await Open(address);
            var acknowledged = new HashSet<MarkId>();
            var waiting = new Queue<MarkEvent>(
                Enumerable
                    .Range(0, 60 * Kills)
                    .Select(i => new MarkEvent(
                        MarkId.New(),
                        MarkKind.Rep,
                        "tablet",
                        i,
                        i * 10L,
                        0,
                        demonstration.Sheet.Steps[0].Columns[0],
                        null,
                        null,
                        null,
                        0
                    ))
            );
            var random = new Random(7);
            for (var kill = 0; kill < Kills; kill++)
            {
                var visitor = await new Visitor(address).SignIn("maren");
                var killAfter = Task.Delay(random.Next(60, 400));
                var killed = killAfter.ContinueWith(_ => server.Kill(), TaskScheduler.Default);
                while (waiting.TryPeek(out var e))
                {
                    try
                    {
                        var answer = await visitor.Put($"/api/demonstrations/{demonstration.Id}/events/{e.Id}", e);
                        if (answer.StatusCode != HttpStatusCode.OK)
                            break;
                        acknowledged.Add(e.Id);
                        waiting.Dequeue();
                    }
                    catch (HttpRequestException)
                    {
                        break;
                    }
                }
                await killed;
                visitor.Dispose();
                await server.Gone();
                await server.DisposeAsync();
                server = await ServerProcess.Start(database, port);
            }
            using var afterwards = await new Visitor(address).SignIn("maren");
            // The tablet sends all that was not acknowledged again; nothing may be doubled by it.
            foreach (var e in waiting)
                (await afterwards.Put($"/api/demonstrations/{demonstration.Id}/events/{e.Id}", e)).StatusCode.ShouldBe(HttpStatusCode.OK);
            var stored = (await afterwards.Get<DemonstrationView>($"/api/demonstrations/{demonstration.Id}"))
                .Events.Select(e => e.Id)
                .ToList();
            acknowledged.Count.ShouldBeGreaterThan(0);
            Kept.Of(acknowledged, stored).ShouldBeWhole();
            stored.Count.ShouldBe(60 * Kills);
        }
        finally
        {
            await server.DisposeAsync();
        }
    }

    private static async Task<DemonstrationView> Open(Uri address)
    {
        using var lead = await new Visitor(address).SignIn("maren");
        var station = (await lead.Get<Wexis.Server.Examinations.ExaminationView[]>("/api/examinations"))[0]
            .Stations.First(s => s.TechniqueName.StartsWith("Knuckle"));
        var trainee = (await lead.Get<Wexis.Server.People.PersonLine[]>("/api/people")).First(p => p.Login == "ilse").Id;
        return await Visitor.Read<DemonstrationView>(
            await lead.Put($"/api/demonstrations/{Guid.NewGuid()}", new DemonstrationOpen(station.Id, trainee))
        );
    }
}
