using System.Diagnostics;
using System.Globalization;

namespace Wexis.TestHouse;

/// <summary>The application as a process of its own, with the demo, that can be killed and measured.</summary>
public sealed class ServerProcess : IAsyncDisposable
{
    private readonly Process _process;

    private ServerProcess(Process process, Uri address) => (_process, Address) = (process, address);

    public Uri Address { get; }

    /// <summary>Memory that it holds now, in bytes (VmRSS of Linux).</summary>
    public long Resident =>
        File.ReadLines($"/proc/{_process.Id}/status")
            .Where(l => l.StartsWith("VmRSS:", StringComparison.Ordinal))
            .Select(l => long.Parse(l["VmRSS:".Length..^2].Trim(), CultureInfo.InvariantCulture) * 1024)
            .First();

    /// <exception cref="TimeoutException">It did not become ready in half a minute.</exception>
    public static async Task<ServerProcess> Start(TestDatabase database, int port)
    {
        ArgumentNullException.ThrowIfNull(database);
        var address = new Uri($"http://127.0.0.1:{port}");
        var start = new ProcessStartInfo("dotnet", [Path.Combine(AppContext.BaseDirectory, "Wexis.Server.dll")])
        {
            UseShellExecute = false,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        start.Environment["ConnectionStrings__Wexis"] = database.ConnectionString;
        start.Environment["Wexis__Data"] = Path.Combine(House.Root, "data");
        start.Environment["Wexis__Demo"] = "true";
        start.Environment["Wexis__SignInsPerMinute"] = "10000";
        start.Environment["ASPNETCORE_URLS"] = address.ToString();
        start.Environment["Logging__LogLevel__Default"] = "Critical";
        var process = Process.Start(start) ?? throw new InvalidOperationException("The server did not start.");
        process.OutputDataReceived += (_, _) => { };
        process.BeginOutputReadLine();
        process.BeginErrorReadLine();
        using var http = new HttpClient { BaseAddress = address, Timeout = TimeSpan.FromSeconds(2) };
        for (var i = 0; i < 300; i++)
        {
            if (process.HasExited)
                throw new InvalidOperationException(
                    string.Create(CultureInfo.InvariantCulture, $"The server ended with {process.ExitCode} on port {port}.")
                );
            try
            {
                if ((await http.GetAsync("/api/health")).IsSuccessStatusCode)
                    return new(process, address);
            }
            catch (Exception e) when (e is HttpRequestException or TaskCanceledException)
            {
                await Task.Delay(100);
            }
        }
        throw new TimeoutException("The server did not become ready.");
    }

    /// <summary>Kills it, as a power cut would.</summary>
    public void Kill() => _process.Kill();

    public Task Gone() => _process.WaitForExitAsync();

    public async ValueTask DisposeAsync()
    {
        if (!_process.HasExited)
            _process.Kill();
        await _process.WaitForExitAsync();
        _process.Dispose();
    }
}
