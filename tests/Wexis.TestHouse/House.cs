using System.Globalization;
using System.Net;
using System.Net.Sockets;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.AspNetCore.Hosting.Server.Features;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Logging;
using Wexis.Server.App;

namespace Wexis.TestHouse;

/// <summary>The real application on a loopback port of its own, on a database of its own.</summary>
public sealed class House : IAsyncDisposable
{
    private readonly bool _demo;
    private readonly string? _webRoot;
    private readonly string _keys = Directory.CreateTempSubdirectory("wexis-keys-").FullName;
    private string? _firstLeadCode;
    private int? _studioPort;
    private int _signInsPerMinute = 10_000;
    private string? _log;
    private WebApplication? _app;
    private readonly LaterClock _clock = new();

    private House(TestDatabase database, bool demo, string? webRoot)
    {
        Database = database;
        _demo = demo;
        _webRoot = webRoot;
    }

    public TestDatabase Database { get; }
    public Uri Address { get; private set; } = new("http://127.0.0.1");
    public int? StudioPort => _studioPort;
    public IServiceProvider Services => _app?.Services ?? throw new InvalidOperationException("The house is closed.");

    /// <summary>The folder above this test that holds the solution.</summary>
    public static string Root { get; } = FindRoot();

    /// <param name="demo">Filled with the demo scenario, and its accounts offered.</param>
    /// <param name="webRoot">The built front end, for browsers.</param>
    /// <param name="studioPort">Open to the network by HTTPS, on this port.</param>
    /// <param name="firstLeadCode">Asked of whoever would be the first lead trainer.</param>
    /// <param name="signInsPerMinute">At one account from one device; in most tests as good as endless.</param>
    /// <param name="log">Folder of the records that it keeps of itself.</param>
    public static async Task<House> Open(
        bool demo = false,
        string? webRoot = null,
        string? firstLeadCode = null,
        int? studioPort = null,
        int signInsPerMinute = 10_000,
        string? log = null
    )
    {
        var house = new House(await TestDatabase.Create(), demo, webRoot)
        {
            _firstLeadCode = firstLeadCode,
            _studioPort = studioPort,
            _signInsPerMinute = signInsPerMinute,
            _log = log,
        };
        await house.Start();
        return house;
    }

    /// <summary>A server, not started yet, on a database that others may use too.</summary>
    public static House On(TestDatabase database, bool demo = false) => new(database, demo, null);

    /// <summary>Stops the application and starts it again on the same port: a restart as a person sees it.</summary>
    public async Task Restart()
    {
        await Stop();
        await Start();
    }

    public async Task Start()
    {
        _app = WexisHost.Build([], b =>
        {
            b.Configuration["ConnectionStrings:Wexis"] = Database.ConnectionString;
            b.Configuration["Wexis:Data"] = Path.Combine(Root, "data");
            b.Configuration["Wexis:Demo"] = _demo ? "true" : "false";
            b.Configuration["Wexis:Keys"] = _keys;
            b.Configuration["Wexis:SignInsPerMinute"] = _signInsPerMinute.ToString(CultureInfo.InvariantCulture);
            b.Configuration["Wexis:Log"] = _log;
            b.Configuration["Wexis:StudioPort"] = _studioPort?.ToString(CultureInfo.InvariantCulture);
            b.Configuration["Wexis:FirstLeadCode"] = _firstLeadCode;
            if (_webRoot is not null)
                b.Configuration["Wexis:WebRoot"] = _webRoot;
            b.Configuration["urls"] = string.Create(
                CultureInfo.InvariantCulture,
                $"http://127.0.0.1:{(Address.Port == 80 ? 0 : Address.Port)}"
            );
            b.Logging.SetMinimumLevel(LogLevel.Error);
            b.Services.AddSingleton<TimeProvider>(_clock);
        });
        await WexisHost.Prepare(_app, CancellationToken.None);
        await _app.StartAsync();
        Address = new(
            _app.Services.GetRequiredService<IServer>()
                .Features.Get<IServerAddressesFeature>()!
                .Addresses.First(a => a.StartsWith("http://127.0.0.1", StringComparison.Ordinal))
        );
    }

    /// <summary>Days pass, for all that the application reads from its clock; who was signed in may have to sign in again.</summary>
    public void Wait(TimeSpan howLong) => _clock.Later += howLong;

    private sealed class LaterClock : TimeProvider
    {
        public TimeSpan Later { get; set; }

        public override DateTimeOffset GetUtcNow() => base.GetUtcNow() + Later;
    }

    public Task Stop() => Stop(new CancellationTokenSource(TimeSpan.FromSeconds(2)).Token);

    /// <summary>As the stop command stops it: with all the time that the host itself allows.</summary>
    public Task StopGently() => Stop(CancellationToken.None);

    private async Task Stop(CancellationToken ct)
    {
        if (_app is null)
            return;
        await _app.StopAsync(ct);
        await _app.DisposeAsync();
        _app = null;
    }

    /// <summary>A port of this machine that nobody listens on just now.</summary>
    public static int FreePort()
    {
        using var socket = new Socket(AddressFamily.InterNetwork, SocketType.Stream, ProtocolType.Tcp);
        socket.Bind(new IPEndPoint(IPAddress.Loopback, 0));
        return ((IPEndPoint)socket.LocalEndPoint!).Port;
    }

    public Visitor Visit() => new(Address);

    public async ValueTask DisposeAsync()
    {
        await Stop();
        await Database.DisposeAsync();
        Directory.Delete(_keys, recursive: true);
    }

    private static string FindRoot()
    {
        for (var folder = new DirectoryInfo(AppContext.BaseDirectory); folder is not null; folder = folder.Parent)
            if (File.Exists(Path.Combine(folder.FullName, "Wexis.slnx")))
                return folder.FullName;
        throw new DirectoryNotFoundException("The solution was not found above the test.");
    }
}
