using System.Collections.Concurrent;
using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Text;
using Npgsql;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Documents;
using Wexis.Server.Examinations;
using Wexis.Server.Grading;
using Wexis.Server.People;
using Wexis.Server.Programmes;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Shell;

/// <summary>
/// What the store costs over a bare statement, in one run on one machine: marks against inserts, documents against reading their bytes.
/// The server is a process of its own; those who send share the machine with it. Only <c>./wexis bench</c> runs this.
/// </summary>
[Trait("category", "bench")]
public class StoreBenchmark
{
    private const int Clients = 30;
    private static readonly TimeSpan Paced = TimeSpan.FromSeconds(10);
    private static readonly TimeSpan Flat = TimeSpan.FromSeconds(5);
    private readonly StringBuilder _said = new();

    [Fact]
    public async Task Marks_documents_and_memory()
    {
        await using var database = await TestDatabase.Create();
        await using var server = await ServerProcess.Start(database, House.FreePort());
        Say($"memory with the demo                        {server.Resident / 1e6, 6:0} MB");
        using var lead = await new Visitor(server.Address).SignIn("maren");
        await Marks(lead, database);
        await Documents(lead, database);
        await WorstImport(lead, server);
        if (Environment.GetEnvironmentVariable("WEXIS_BENCH") is { } file)
            await File.AppendAllTextAsync(file, _said.ToString());
    }

    private async Task Marks(Visitor lead, TestDatabase database)
    {
        var demonstrations = await Opened(lead);
        var bare = await Opened(lead);
        var visitors = demonstrations.Select(_ => lead.Copied()).ToArray();
        await using var source = NpgsqlDataSource.Create(database.ConnectionString + ";Maximum Pool Size=30;Max Auto Prepare=20");
        var counters = new int[Clients];
        async Task Mark(int i)
        {
            var e = new MarkEvent(
                MarkId.New(),
                MarkKind.Rep,
                "tablet",
                counters[i]++,
                counters[i] * 900L,
                0,
                demonstrations[i].Sheet.Steps[0].Columns[0],
                null,
                null,
                null,
                0
            );
            var answer = await visitors[i].Put($"/api/demonstrations/{demonstrations[i].Id}/events/{e.Id}", e);
            if (answer.StatusCode != HttpStatusCode.OK)
                throw new InvalidOperationException(await answer.Content.ReadAsStringAsync());
        }
        async Task Insert(int i)
        {
            await using var c = source.CreateCommand(
                "INSERT INTO grading.mark_event (event_id, demonstration_id, kind, device, counter, at_ms, step, side, "
                    + "given_by, arrived_at) VALUES ($1, $2, 'rep', 'bare', $3, $4, 0, 'left', $5, now())"
            );
            c.Parameters.AddWithValue(Guid.NewGuid());
            c.Parameters.AddWithValue(bare[i].Id.Value);
            c.Parameters.AddWithValue(100_000 + counters[i]++);
            c.Parameters.AddWithValue(1000L);
            c.Parameters.AddWithValue(lead.PersonId.Value);
            await c.ExecuteNonQueryAsync();
        }
        // Warm, as a server in the middle of an examination is.
        for (var n = 0; n < 40; n++)
            await Task.WhenAll(
                Enumerable
                    .Range(0, Clients)
                    .Select(async i =>
                    {
                        await Mark(i);
                        await Insert(i);
                    })
            );
        // By turns, so that a noisy machine is noisy for both.
        var (mark, insert) = (new List<double>(), new List<double>());
        for (var turn = 0; turn < 2; turn++)
        {
            mark.AddRange(await AtPace(Mark));
            insert.AddRange(await AtPace(Insert));
        }
        Say(
            $"a mark, 60 a second, 95 of 100 within       {P95(mark), 6:0.0} ms   a bare insert {P95(insert):0.0} ms   {
                P95(mark) / P95(insert):0.0} ×   (middle {Median(mark):0.0} and {Median(insert):0.0} ms)"
        );
        // Sheets of their own: nobody gives thousands of marks on one.
        (demonstrations, bare, counters) = (await Opened(lead), await Opened(lead), new int[Clients]);
        var marks = await FlatOut(Mark);
        var inserts = await FlatOut(Insert);
        Say($"marks flat out from {Clients} clients            {marks, 6:0} /s   bare inserts  {inserts:0} /s   {inserts / marks:0.0} ×");
    }

    private static async Task<DemonstrationView[]> Opened(Visitor lead)
    {
        var station = (await lead.Get<ExaminationView[]>("/api/examinations"))[0]
            .Stations.First(s => s.TechniqueName.StartsWith("Knuckle", StringComparison.Ordinal));
        var trainee = (await lead.Get<PersonLine[]>("/api/people")).First(p => p.Login == "ilse").Id;
        var opened = new List<DemonstrationView>();
        for (var i = 0; i < Clients; i++)
            opened.Add(
                await Visitor.Read<DemonstrationView>(
                    await lead.Put($"/api/demonstrations/{Guid.NewGuid()}", new DemonstrationOpen(station.Id, trainee))
                )
            );
        return [.. opened];
    }

    private static async Task<IReadOnlyList<double>> AtPace(Func<int, Task> send)
    {
        var took = new ConcurrentBag<double>();
        var from = Stopwatch.StartNew();
        var sent = new List<Task>();
        for (var n = 0; from.Elapsed < Paced / 2; n++)
        {
            var wait = TimeSpan.FromSeconds(n / 60.0) - from.Elapsed;
            if (wait > TimeSpan.Zero)
                await Task.Delay(wait);
            var i = n % Clients;
            sent.Add(
                Task.Run(async () =>
                {
                    var one = Stopwatch.GetTimestamp();
                    await send(i);
                    took.Add(Stopwatch.GetElapsedTime(one).TotalMilliseconds);
                })
            );
        }
        await Task.WhenAll(sent);
        return [.. took];
    }

    private static async Task<double> FlatOut(Func<int, Task> send)
    {
        var from = Stopwatch.StartNew();
        var counts = await Task.WhenAll(
            Enumerable
                .Range(0, Clients)
                .Select(i =>
                    Task.Run(async () =>
                    {
                        var n = 0;
                        for (; from.Elapsed < Flat; n++)
                            await send(i);
                        return n;
                    })
                )
        );
        return counts.Sum() / from.Elapsed.TotalSeconds;
    }

    private async Task Documents(Visitor lead, TestDatabase database)
    {
        await using var source = NpgsqlDataSource.Create(database.ConnectionString);
        var technique = (await lead.Get<Wexis.Data.Techniques.EditionLine[]>("/api/techniques"))[0].TechniqueId;
        var programme = (await lead.Get<ProgrammeLine[]>("/api/programmes"))[0].Id;
        await Against(
            "GET of a technique",
            source,
            $"/api/techniques/{technique}",
            "SELECT body::text FROM techniques.edition WHERE technique_id = $1 ORDER BY edition DESC LIMIT 1",
            technique,
            lead
        );
        await Against(
            "GET of a programme",
            source,
            $"/api/programmes/{programme}",
            "SELECT body::text FROM programmes.programme WHERE programme_id = $1",
            programme,
            lead
        );

        var added = new List<(TechniqueId Id, string Code)>();
        for (var i = 0; i < 300; i++)
        {
            var id = TechniqueId.New();
            await Visitor.Read<TechniqueSaved>(
                await lead.Post("/api/techniques", new TechniqueAdd(id, DemoHouse.Smile($"Smile {i}", $"{3 + (i % 5)} / 10 / 15")))
            );
            added.Add((id, $"tq-{id.Value:N}"));
        }
        var document = new ProgrammeDocument(
            null,
            "Of three hundred",
            Units:
            [
                .. added
                    .Chunk(30)
                    .Select((c, i) => new ProgrammeUnit($"m{i}", $"Unit {i}", "theory", 60, Techniques: [.. c.Select(x => x.Code)])),
            ]
        );
        async Task<double> Review()
        {
            var from = Stopwatch.GetTimestamp();
            await Visitor.Read<ProgrammeReview>(await lead.Post("/api/programmes/review", document));
            return Stopwatch.GetElapsedTime(from).TotalMilliseconds;
        }
        var first = await Review();
        var (after, again) = (new List<double>(), new List<double>());
        for (var i = 0; i < 9; i++)
        {
            var edited = await lead.Get<TechniqueView>($"/api/techniques/{added[i].Id}");
            await Visitor.Read<TechniqueSaved>(
                await lead.Put(
                    $"/api/techniques/{added[i].Id}",
                    new TechniqueSave(edited.Edition, edited.Version, edited.Document with { Aim = $"Edited {i}" })
                )
            );
            after.Add(await Review());
            again.Add(await Review());
        }
        Say(
            $"review of 300 techniques: first, after an edit, again   {first:0} ms, {Median(after):0} ms, {Median(again):0} ms   {
                Median(after) / Median(again):0.0} ×"
        );
    }

    private async Task Against(string what, NpgsqlDataSource source, string path, string sql, IIdentifier id, Visitor lead)
    {
        var (asked, bare) = (new List<double>(), new List<double>());
        var bytes = 0;
        for (var i = 0; i < 60; i++)
        {
            var from = Stopwatch.GetTimestamp();
            bytes = (await (await lead.Ask(path)).Content.ReadAsByteArrayAsync()).Length;
            asked.Add(Stopwatch.GetElapsedTime(from).TotalMilliseconds);
            from = Stopwatch.GetTimestamp();
            await using var c = source.CreateCommand(sql);
            c.Parameters.AddWithValue(id.Value);
            await c.ExecuteScalarAsync();
            bare.Add(Stopwatch.GetElapsedTime(from).TotalMilliseconds);
        }
        Say(
            $"{what} ({bytes / 1000} kB), middle of 60      {Median(asked), 6:0.0} ms   its row, bare {Median(bare):0.0} ms   {
                Median(asked) / Median(bare):0.0} ×"
        );
    }

    /// <summary>The most that one import may bring, and then one that is refused for its size.</summary>
    private async Task WorstImport(Visitor lead, ServerProcess server)
    {
        var here = (await lead.Get<TechniqueList>("/api/techniques/export")).Techniques.Where(t => t.AllSteps.Count > 1).ToList();
        var many = Enumerable
            .Range(0, 2000)
            .Select(i => here[i % here.Count] with { Id = $"worst-{i}", Name = $"Worst {i}", Related = [], Prerequisites = [] });
        var text = Wexis.Core.Measures.ExchangeJson.Write(new TechniqueList(TechniqueFile.ListSchema, [.. many]));
        var from = Stopwatch.GetTimestamp();
        var answer = await lead.Post("/api/techniques/import", new TechniqueImport(text));
        Say(
            $"the most that one import brings ({text.Length / 1e6:0.0} MB): {(int)answer.StatusCode} after {
                Stopwatch.GetElapsedTime(from).TotalSeconds:0.0} s; memory then  {server.Resident / 1e6, 6:0} MB"
        );
    }

    private void Say(FormattableString line)
    {
        var said = "  " + line.ToString(CultureInfo.InvariantCulture);
        _said.AppendLine(said);
        TestContext.Current.TestOutputHelper?.WriteLine(said);
    }

    private static double P95(IReadOnlyCollection<double> took) => took.Order().ElementAt((int)(took.Count * 0.95));

    private static double Median(IReadOnlyCollection<double> took) => took.Order().ElementAt(took.Count / 2);
}
