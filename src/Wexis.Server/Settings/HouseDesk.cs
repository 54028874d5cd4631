using System.Globalization;
using System.Text;
using Wexis.Core.Measures;
using Wexis.Data.Settings;

namespace Wexis.Server.Settings;

/// <summary>The house's conventions as they are now, and its own day.</summary>
public sealed class HouseDesk(SettingStore store, TimeProvider clock)
{
    public const string ZoneName = "time-zone";

    private sealed record Told(HouseSettings Settings, string Mark, TimeZoneInfo Zone);

    private volatile Told _told = new(HouseSettings.Default, "", TimeZoneInfo.Local);

    public HouseSettings Settings => _told.Settings;

    /// <summary>Says which settings these are: what was derived under others is derived anew.</summary>
    public string Mark => _told.Mark;

    public TimeZoneInfo Zone => _told.Zone;

    /// <summary>Today where the house stands, whatever the machine's clock is set to.</summary>
    public DateOnly Today => DayOf(clock.GetUtcNow());

    public DateOnly DayOf(DateTimeOffset at) => DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(at, Zone).Date);

    /// <summary>
    /// A zone that this machine does not know (a house restored elsewhere) leaves the machine's own; the screen shows which it is.
    /// </summary>
    private static TimeZoneInfo Known(string? zone) =>
        zone is not null && TimeZoneInfo.TryFindSystemTimeZoneById(zone, out var found) ? found : TimeZoneInfo.Local;

    /// <summary>Reads what the house told; after this it counts for everything that is derived or graded from now on.</summary>
    public async Task Read(CancellationToken ct)
    {
        var told = (await store.All(ct)).Where(s => s.Value is not null).ToDictionary(s => s.Name, s => s.Value!, StringComparer.Ordinal);
        var numbers = told.Where(t => t.Key != ZoneName)
            .Select(t => KeyValuePair.Create(t.Key, double.Parse(t.Value, CultureInfo.InvariantCulture)))
            .OrderBy(t => t.Key, StringComparer.Ordinal)
            .ToList();
        var mark = new StringBuilder();
        foreach (var (name, value) in numbers)
            mark.Append(CultureInfo.InvariantCulture, $"{name}={value:R};");
        _told = new(SettingCatalogue.With(numbers), mark.ToString(), Known(told.GetValueOrDefault(ZoneName)));
    }
}
