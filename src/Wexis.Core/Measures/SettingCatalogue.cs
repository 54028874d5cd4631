using System.Globalization;

namespace Wexis.Core.Measures;

/// <summary>One working convention that a house may set for itself.</summary>
/// <param name="Name">Stored under this; never changes.</param>
/// <param name="Group">Where it stands on the screen.</param>
/// <param name="Unit">seconds, %, breadths …; empty for a count.</param>
/// <param name="Least">Smallest value that makes sense.</param>
/// <param name="Source">Where the default comes from.</param>
public sealed record Setting(
    string Name,
    string Group,
    string Title,
    string Unit,
    double Least,
    double Most,
    string Source,
    Func<HouseSettings, double> Read,
    Func<HouseSettings, double, HouseSettings> Write,
    bool Whole = false
)
{
    public double Default => Read(HouseSettings.Default);
}

/// <summary>All that a house may set: value, default, range, source. See docs/method.md#settings.</summary>
public static partial class SettingCatalogue
{
    private const string Custom = "common practice; your studio decides";

    /// <summary>Names of the kinds of work, for the ceilings of one session.</summary>
    private static readonly IReadOnlyDictionary<string, string> Kinds = new Dictionary<string, string>(StringComparer.Ordinal)
    {
        ["light-glide"] = "Light strokes",
        ["firm-glide"] = "Firm strokes",
        ["press-hold"] = "Presses held",
        ["circles"] = "Circles",
        ["pinch-knead"] = "Pinching and kneading",
        ["tap"] = "Tapping",
        ["repetition"] = "Movements repeated",
        ["hold"] = "Movements held",
        ["resisted"] = "Against a hand",
        ["stretch"] = "Stretches",
        ["stillness"] = "Stillness",
        ["eye-drill"] = "Eyes",
        ["habit-check"] = "Habits watched",
        ["tool-glide"] = "With a tool",
    };

    public static IReadOnlyList<Setting> All { get; } = Listed();

    /// <summary>
    /// Settings with what a house told; names that are not known are left out, so that an older Wexis opens a newer house.
    /// </summary>
    public static HouseSettings With(IEnumerable<KeyValuePair<string, double>> told)
    {
        ArgumentNullException.ThrowIfNull(told);
        var settings = HouseSettings.Default;
        foreach (var (name, value) in told)
            if (Find(name) is { } setting)
                settings = setting.Write(settings, value);
        return settings;
    }

    public static Setting? Find(string name) => All.FirstOrDefault(s => s.Name == name);

    /// <summary>
    /// What stands against a value: outside its range, a half where only whole ones count, or at odds with its neighbours.
    /// </summary>
    /// <param name="settings">As the house has them now.</param>
    public static IReadOnlyList<Issue> Issues(Setting setting, double value, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(setting);
        ArgumentNullException.ThrowIfNull(settings);
        var told = value.ToString("0.###", CultureInfo.InvariantCulture);
        if (!double.IsFinite(value) || value < setting.Least || value > setting.Most)
            return
            [
                new(
                    "value",
                    IssueCodes.OutOfRange,
                    told,
                    string.Create(CultureInfo.InvariantCulture, $"{setting.Least:0.###} to {setting.Most:0.###} {setting.Unit}")
                ),
            ];
        if (setting.Whole && value != Math.Floor(value))
            return [new("value", IssueCodes.OutOfRange, told, "a whole number")];
        var after = setting.Write(settings, value);
        if (after.MeritPercent < after.PassLinePercent)
            return
            [
                Between(
                    told,
                    setting.Name == "merit",
                    setting,
                    after.PassLinePercent,
                    after.MeritPercent,
                    "a merit is at least the pass line"
                ),
            ];
        if (after.BalanceRemark > after.BalanceFine)
            return
            [
                Between(
                    told,
                    setting.Name == "balance-fine",
                    setting,
                    Percent(after.BalanceRemark),
                    Percent(after.BalanceFine),
                    "a remark lies below what is even enough"
                ),
            ];
        return [];
    }

    private static Issue Between(string told, bool upper, Setting setting, double lower, double higher, string why) =>
        new(
            "value",
            IssueCodes.OutOfRange,
            told,
            string.Create(
                CultureInfo.InvariantCulture,
                $"{(upper ? lower : setting.Least):0.###} to {(upper ? setting.Most : higher):0.###} {setting.Unit}: {why}"
            )
        );

    private static double Percent(double share) => Math.Round(share * 100, 6);

    private static IEnumerable<Setting> Ceiling(string kind, string title)
    {
        const string source =
            "a multiple of the usual ranges (common practice); beyond it a dose is a slip or a harm. It may be lowered, never raised";
        var usual = HouseSettings.Default.Ceilings[kind];
        HouseSettings Put(HouseSettings s, Func<DoseCeilingSetting, DoseCeilingSetting> change) =>
            s with
            {
                Ceilings = new Dictionary<string, DoseCeilingSetting>(s.Ceilings, StringComparer.Ordinal)
                {
                    [kind] = change(s.Ceilings[kind]),
                },
            };
        yield return new(
            $"ceiling-{kind}-seconds",
            "The most that one session bears",
            $"{title}: in all",
            "seconds",
            10,
            usual.Seconds,
            source,
            s => s.Ceilings[kind].Seconds,
            (s, v) => Put(s, c => c with { Seconds = v })
        );
        yield return new(
            $"ceiling-{kind}-hold",
            "The most that one session bears",
            $"{title}: one hold",
            "seconds",
            5,
            usual.HoldSeconds,
            source,
            s => s.Ceilings[kind].HoldSeconds,
            (s, v) => Put(s, c => c with { HoldSeconds = v })
        );
        yield return new(
            $"ceiling-{kind}-repetitions",
            "The most that one session bears",
            $"{title}: of one side",
            "repetitions",
            5,
            usual.Repetitions,
            source,
            s => s.Ceilings[kind].Repetitions,
            (s, v) => Put(s, c => c with { Repetitions = (int)v }),
            Whole: true
        );
        yield return new(
            $"ceiling-{kind}-tension",
            "The most that one session bears",
            $"{title}: holds added up",
            "seconds",
            10,
            usual.TensionSeconds,
            source,
            s => s.Ceilings[kind].TensionSeconds,
            (s, v) => Put(s, c => c with { TensionSeconds = v })
        );
    }
}
