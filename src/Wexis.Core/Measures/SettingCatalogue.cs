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
public static class SettingCatalogue
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

    public static IReadOnlyList<Setting> All { get; } =
    [
        new(
            "pass-line",
            "Grading",
            "Pass line of a new mark sheet",
            "%",
            40,
            100,
            Custom,
            s => s.PassLinePercent,
            (s, v) => s with { PassLinePercent = v }
        ),
        new(
            "merit",
            "Grading",
            "From here a pass is called a merit",
            "%",
            50,
            100,
            Custom,
            s => s.MeritPercent,
            (s, v) => s with { MeritPercent = v }
        ),
        new(
            "balance-fine",
            "Grading",
            "Lesser side, as a share of the greater, that is even enough",
            "%",
            50,
            100,
            Custom,
            s => Percent(s.BalanceFine),
            (s, v) => s with { BalanceFine = v / 100 }
        ),
        new(
            "balance-remark",
            "Grading",
            "Below that and down to here it is only a remark",
            "%",
            30,
            100,
            Custom,
            s => Percent(s.BalanceRemark),
            (s, v) => s with { BalanceRemark = v / 100 }
        ),
        new(
            "tighter-side",
            "Grading",
            "A side declared tighter may get up to this share of the other",
            "%",
            100,
            300,
            Custom,
            s => Percent(s.TighterSide),
            (s, v) => s with { TighterSide = v / 100 }
        ),
        new(
            "balance-seconds",
            "Grading",
            "A difference of sides up to this is never a fault",
            "seconds",
            0,
            10,
            Custom,
            s => s.BalanceSecondsAllowed,
            (s, v) => s with { BalanceSecondsAllowed = v }
        ),
        new(
            "balance-repetitions",
            "Grading",
            "A difference of sides up to this is never a fault",
            "repetitions",
            0,
            5,
            Custom,
            s => s.BalanceRepetitionsAllowed,
            (s, v) => s with { BalanceRepetitionsAllowed = (int)v },
            Whole: true
        ),
        new(
            "tempo-tolerance",
            "Grading",
            "How far from the tempo still earns full marks",
            "%",
            5,
            60,
            Custom,
            s => Percent(s.TempoToleranceShare),
            (s, v) => s with { TempoToleranceShare = v / 100 }
        ),
        new(
            "talk-gap-cycles",
            "Grading",
            "A gap between two taps longer than this is talk",
            "repetitions’ time",
            1.5,
            10,
            Custom,
            s => s.TalkGapCycles,
            (s, v) => s with { TalkGapCycles = v }
        ),
        new(
            "talk-gap-floor",
            "Grading",
            "… but never a gap shorter than this",
            "seconds",
            1,
            30,
            Custom,
            s => s.TalkGapFloorSeconds,
            (s, v) => s with { TalkGapFloorSeconds = v }
        ),
        new(
            "examination-setup",
            "Times",
            "Hands, screening and position before an examination",
            "seconds",
            0,
            600,
            Custom,
            s => s.ExaminationSetupSeconds,
            (s, v) => s with { ExaminationSetupSeconds = v }
        ),
        new(
            "words-a-minute",
            "Times",
            "Speed of a briefing",
            "words a minute",
            60,
            240,
            "Tauroza and Allison 1990: lectures about 140 words a minute",
            s => s.BriefWordsPerMinute,
            (s, v) => s with { BriefWordsPerMinute = v }
        ),
        new(
            "correct-share",
            "Times",
            "Corrections while leading, as a share of the dose",
            "%",
            0,
            100,
            Custom,
            s => Percent(s.CorrectShare),
            (s, v) => s with { CorrectShare = v / 100 }
        ),
        new(
            "change-of-side",
            "Times",
            "Changing from one side to the other",
            "seconds",
            0,
            60,
            Custom,
            s => s.ChangeOfSideSeconds,
            (s, v) => s with { ChangeOfSideSeconds = v }
        ),
        new(
            "rest-between-sets",
            "Times",
            "Rest between two sets",
            "seconds",
            0,
            180,
            Custom,
            s => s.RestBetweenSetsSeconds,
            (s, v) => s with { RestBetweenSetsSeconds = v }
        ),
        new(
            "breath-in",
            "Times",
            "Breathing in, where a dose counts breaths",
            "seconds",
            1,
            15,
            Custom,
            s => s.BreathInSeconds,
            (s, v) => s with { BreathInSeconds = v }
        ),
        new(
            "breath-out",
            "Times",
            "Breathing out, where a dose counts breaths",
            "seconds",
            1,
            20,
            Custom,
            s => s.BreathOutSeconds,
            (s, v) => s with { BreathOutSeconds = v }
        ),
        new("oil", "Times", "Oiling the fingertips", "seconds", 0, 60, Custom, s => s.OilSeconds, (s, v) => s with { OilSeconds = v }),
        new("wipe", "Times", "Wiping the fingertips", "seconds", 0, 60, Custom, s => s.WipeSeconds, (s, v) => s with { WipeSeconds = v }),
        new(
            "tool-change",
            "Times",
            "Taking, changing or laying down a tool",
            "seconds",
            0,
            60,
            Custom,
            s => s.ToolChangeSeconds,
            (s, v) => s with { ToolChangeSeconds = v }
        ),
        new(
            "hand-change",
            "Times",
            "Placing other fingers or the other hand",
            "seconds",
            0,
            30,
            Custom,
            s => s.HandChangeSeconds,
            (s, v) => s with { HandChangeSeconds = v }
        ),
        new(
            "second-look-band",
            "Second look and appeal",
            "Within so many points of the pass line a second look is owed",
            "points",
            0,
            15,
            "one criterion one level otherwise moves a sheet of fifteen by two to three points; your studio decides",
            s => s.SecondLookBand,
            (s, v) => s with { SecondLookBand = v }
        ),
        new(
            "look-levels",
            "Second look and appeal",
            "Two sheets may differ by so many levels in a criterion",
            "levels",
            0,
            3,
            Custom,
            s => s.LookLevels,
            (s, v) => s with { LookLevels = v }
        ),
        new(
            "look-points",
            "Second look and appeal",
            "Two sheets may differ by so many points in all",
            "points",
            0,
            40,
            Custom,
            s => s.LookPoints,
            (s, v) => s with { LookPoints = v }
        ),
        new(
            "own-film-days",
            "Second look and appeal",
            "Days before you mark your own film again",
            "days",
            1,
            60,
            "long enough to forget single marks (custom, no source)",
            s => s.OwnFilmDays,
            (s, v) => s with { OwnFilmDays = (int)v },
            Whole: true
        ),
        new(
            "appeal-days",
            "Second look and appeal",
            "Days within which a trainee may appeal",
            "days",
            1,
            90,
            Custom,
            s => s.AppealDays,
            (s, v) => s with { AppealDays = (int)v },
            Whole: true
        ),
        new(
            "invitation-days",
            "Second look and appeal",
            "Days that an invitation of a colleague lasts",
            "days",
            1,
            60,
            Custom,
            s => s.InvitationDays,
            (s, v) => s with { InvitationDays = (int)v },
            Whole: true
        ),
        new(
            "minimum-share",
            "Doses",
            "The least, where a dose tells one number",
            "%",
            20,
            100,
            Custom,
            s => Percent(s.MinimumShare),
            (s, v) => s with { MinimumShare = v / 100 }
        ),
        new(
            "full-share",
            "Doses",
            "The full dose, where only one number is given",
            "%",
            100,
            300,
            Custom,
            s => Percent(s.FullShare),
            (s, v) => s with { FullShare = v / 100 }
        ),
        new(
            "long-hold",
            "Doses",
            "From here a hold is a long one",
            "seconds",
            5,
            20,
            "the action model’s classes of work",
            s => s.LongHoldSeconds,
            (s, v) => s with { LongHoldSeconds = v }
        ),
        new(
            "ceiling-sessions",
            "Doses",
            "Sessions at the ceiling that one day bears",
            "sessions",
            1,
            5,
            Custom,
            s => s.CeilingSessionsADay,
            (s, v) => s with { CeilingSessionsADay = (int)v },
            Whole: true
        ),
        new(
            "screening-days",
            "Screening",
            "Answers of a screening hold for",
            "days",
            14,
            180,
            Custom,
            s => s.ScreeningDays,
            (s, v) => s with { ScreeningDays = (int)v },
            Whole: true
        ),
        new(
            "finger-breadth",
            "Measures of the face",
            "One finger-breadth",
            "mm",
            12,
            22,
            Custom,
            s => s.FingerBreadthMm,
            (s, v) => s with { FingerBreadthMm = v }
        ),
        new(
            "pupil-distance",
            "Measures of the face",
            "Distance between the pupils of an adult",
            "mm",
            54,
            74,
            "Dodgson 2004: mean 63.36 mm, rounded",
            s => s.IpdMm,
            (s, v) => s with { IpdMm = v }
        ),
        .. Kinds.SelectMany(k => Ceiling(k.Key, k.Value)),
    ];

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
