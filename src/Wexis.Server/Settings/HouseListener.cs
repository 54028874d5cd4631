using Npgsql;
using Wexis.Data.Settings;

namespace Wexis.Server.Settings;

/// <summary>
/// Hears when a setting is told through another server of the same house, and reads them anew; after a lost connection it reads first.
/// </summary>
internal sealed partial class HouseListener(SettingStore store, HouseDesk house, ILogger<HouseListener> log) : BackgroundService
{
    private static readonly TimeSpan Again = TimeSpan.FromSeconds(2);

    [LoggerMessage(Level = LogLevel.Warning, Message = "The settings are not listened to: {Reason}. Trying again.")]
    private static partial void NotListening(ILogger log, string reason);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
            try
            {
                await store.Listen(() => house.Read(stoppingToken), stoppingToken);
            }
            catch (OperationCanceledException) when (stoppingToken.IsCancellationRequested)
            {
                return;
            }
            catch (Exception lost) when (lost is NpgsqlException or IOException or TimeoutException)
            {
                NotListening(log, lost.Message);
                await Task.Delay(Again, stoppingToken).ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
            }
    }
}
