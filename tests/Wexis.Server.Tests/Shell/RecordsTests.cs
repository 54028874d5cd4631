using System.Diagnostics.Metrics;
using System.Net;
using System.Text.Json;
using Microsoft.Extensions.DependencyInjection;
using Npgsql;
using Wexis.Core.Techniques.Documents;
using Wexis.Server.Shell;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Shell;

/// <summary>What the server keeps about itself, and how it stops.</summary>
public class RecordsTests
{
    [Fact]
    public async Task A_line_for_each_request_with_time_and_trace_and_nobodys_name()
    {
        var folder = Directory.CreateTempSubdirectory("wexis-log-");
        await using (var house = await House.Open(demo: true, log: folder.FullName))
        {
            using var lead = await house.Visit().SignIn("maren");
            await lead.TrySignIn("maren", "not the password 12");
            await lead.Post(
                "/api/people",
                new
                {
                    login = "quentin.zz",
                    name = "Quentin Zzarrow",
                    role = "trainee",
                    password = "long-enough-77",
                }
            );
            await lead.Post(
                "/api/people",
                new
                {
                    login = "quentin.zz",
                    name = "Quentin Zzarrow",
                    role = "trainee",
                    password = "long-enough-77",
                }
            );
            await lead.Post("/api/techniques/derive", "not a document of Quentin Zzarrow");
            await lead.Ask("/api/techniques?q=Quentin%20Zzarrow");
            await house.Database.Execute("ALTER TABLE people.screening RENAME TO gone");
            (await lead.Ask("/api/screenings")).StatusCode.ShouldBe(HttpStatusCode.InternalServerError);
        }
        var text = string.Concat(folder.GetFiles("wexis-*.jsonl").Select(f => File.ReadAllText(f.FullName)));
        var lines = text.Split('\n', StringSplitOptions.RemoveEmptyEntries).Select(l => JsonDocument.Parse(l).RootElement).ToList();
        var requests = lines.Where(l => l.TryGetProperty("RequestPath", out var path) && l.TryGetProperty("StatusCode", out _)).ToList();
        requests.Count.ShouldBeGreaterThan(6);
        foreach (var line in requests)
        {
            line.GetProperty("@t").GetDateTimeOffset().ShouldBeGreaterThan(DateTimeOffset.UtcNow.AddMinutes(-5));
            line.GetProperty("@tr").GetString()!.Length.ShouldBe(32, "W3C Trace Context, trace-id");
            line.GetProperty("Elapsed").GetDouble().ShouldBeGreaterThanOrEqualTo(0);
            line.GetRawText().ShouldNotContain("127.0.0.1", Case.Sensitive, "where somebody sat is nobody's business");
        }
        lines.Any(l => l.TryGetProperty("@x", out _)).ShouldBeTrue("a fault is written down with where it happened");
        foreach (
            var personal in (string[])["maren", "quentin", "zzarrow", "Lindqvay", "not the password", "long-enough", Visitor.DemoPassword]
        )
            text.Contains(personal, StringComparison.OrdinalIgnoreCase).ShouldBeFalse(personal);
        folder.Delete(recursive: true);
    }

    [Fact]
    public async Task The_houses_own_work_is_counted()
    {
        await using var house = await House.Open(demo: true);
        var meters = house.Services.GetRequiredService<IMeterFactory>();
        var counted = new System.Collections.Concurrent.ConcurrentBag<(string Name, string Outcome)>();
        using var listener = new MeterListener();
        listener.InstrumentPublished = (i, l) =>
        {
            if (i.Meter.Name == HouseMetrics.MeterName && ReferenceEquals(i.Meter.Scope, meters))
                l.EnableMeasurementEvents(i);
        };
        listener.SetMeasurementEventCallback<long>((i, _, tags, _) => counted.Add((i.Name, $"{(tags.Length > 0 ? tags[0].Value : "")}")));
        listener.SetMeasurementEventCallback<double>((i, _, _, _) => counted.Add((i.Name, "")));
        listener.Start();
        using var lead = await house.Visit().SignIn("maren");
        await lead.Delete("/api/session");
        await lead.TrySignIn("maren", "wrong");
        await lead.SignIn("maren");
        await lead.Post("/api/techniques/derive", TechniqueDocument.Empty with { Name = "Counted" });
        counted.ShouldContain(("wexis.sign_ins", "known"));
        counted.ShouldContain(("wexis.sign_ins", "refused"));
        counted.ShouldContain(("wexis.derivation.duration", ""));
    }

    [Fact]
    public async Task What_is_under_way_when_the_house_is_stopped_is_finished_first()
    {
        await using var house = await House.Open(demo: true);
        using var lead = await house.Visit().SignIn("maren");
        await using var held = new NpgsqlConnection(house.Database.ConnectionString);
        await held.OpenAsync();
        await using var transaction = await held.BeginTransactionAsync();
        await using (var block = new NpgsqlCommand("LOCK TABLE examinations.examination IN ACCESS EXCLUSIVE MODE", held, transaction))
            await block.ExecuteNonQueryAsync();
        var id = Guid.NewGuid();
        var saving = lead.Post("/api/examinations", new { id, name = "Saved while stopping" });
        await Task.Delay(300);
        var stopping = house.StopGently();
        await Task.Delay(300);
        saving.IsCompleted.ShouldBeFalse();
        await transaction.CommitAsync();
        (await saving).IsSuccessStatusCode.ShouldBeTrue();
        await stopping;
        (
            await house.Database.Scalar<long>("SELECT count(*) FROM examinations.examination WHERE examination_id = @id", new { id })
        ).ShouldBe(1);
    }
}
