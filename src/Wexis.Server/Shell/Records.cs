using System.Diagnostics.Metrics;
using Serilog;
using Serilog.Events;
using Serilog.Formatting.Compact;
using Wexis.Data.Grading;

namespace Wexis.Server.Shell;

/// <summary>
/// What the server writes down about itself: one line of JSON for each request with its time, trace id, path and how long it took.
/// No names, no bodies, no query: a log is read by people who need not know who was examined.
/// </summary>
internal static class Records
{
    private const int DaysKept = 14;

    /// <summary>Writes into <c>Wexis:Log</c>, a file a day; where none is named the host's own console is left as it is.</summary>
    public static void Add(WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<HouseMetrics>();
        if (builder.Configuration["Wexis:Log"] is not { Length: > 0 } folder)
            return;
        builder.Services.AddSerilog(o =>
            o.MinimumLevel.Information()
                .MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
                .MinimumLevel.Override("Microsoft.Hosting.Lifetime", LogEventLevel.Information)
                .WriteTo.File(
                    new CompactJsonFormatter(),
                    Path.Combine(folder, "wexis-.jsonl"),
                    rollingInterval: RollingInterval.Day,
                    retainedFileCountLimit: DaysKept,
                    fileSizeLimitBytes: 50_000_000,
                    rollOnFileSizeLimit: true
                )
                .WriteTo.Console(LogEventLevel.Warning)
        );
    }

    public static void Use(WebApplication app)
    {
        if (app.Configuration["Wexis:Log"] is not { Length: > 0 })
            return;
        app.UseSerilogRequestLogging(o =>
            o.GetLevel = (http, _, failed) =>
                (failed, http.Response.StatusCode) switch
                {
                    (not null, _) or (_, >= 500) => LogEventLevel.Warning,
                    _ when !http.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal) => LogEventLevel.Verbose,
                    _ => LogEventLevel.Information,
                }
        );
    }
}

/// <summary>
/// Counters of the house's own work, beside those the framework counts of requests and connections. Read them with any tool that reads
/// .NET meters, by the name <c>Wexis</c>.
/// </summary>
public sealed class HouseMetrics
{
    public const string MeterName = "Wexis";

    private readonly Counter<long> _marks;
    private readonly Counter<long> _signIns;
    private readonly Histogram<double> _derivations;

    public HouseMetrics(IMeterFactory meters)
    {
        ArgumentNullException.ThrowIfNull(meters);
        var meter = meters.Create(MeterName);
        _marks = meter.CreateCounter<long>("wexis.marks", "{mark}", "Marks that were sent, by what became of them.");
        _signIns = meter.CreateCounter<long>("wexis.sign_ins", "{try}", "Tries to sign in, by what became of them.");
        _derivations = meter.CreateHistogram<double>("wexis.derivation.duration", "s", "How long deriving one technique took.");
    }

    public void Mark(AppendOutcome outcome) =>
        _marks.Add(
            1,
            new KeyValuePair<string, object?>(
                "outcome",
                outcome switch
                {
                    AppendOutcome.Stored => "stored",
                    AppendOutcome.Closed => "closed",
                    _ => "refused",
                }
            )
        );

    public void SignIn(string outcome) => _signIns.Add(1, new KeyValuePair<string, object?>("outcome", outcome));

    public void Derived(TimeSpan took) => _derivations.Record(took.TotalSeconds);
}
