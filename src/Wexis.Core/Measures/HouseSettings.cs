namespace Wexis.Core.Measures;

/// <summary>
/// Working conventions of the house: no source but custom, changed in one place. See docs/method.md#settings.
/// </summary>
/// <param name="MinimumShare">Minimum dose as a share of standard where only one number is told.</param>
/// <param name="FullShare">Full dose as a share of standard where only one number is told.</param>
/// <param name="ChangeOfSideSeconds">Seconds to change from one side to the other.</param>
/// <param name="RestBetweenSetsSeconds">Seconds between two sets.</param>
/// <param name="BreathInSeconds">In-breath when a dose counts breaths.</param>
/// <param name="BreathOutSeconds">Out-breath when a dose counts breaths.</param>
/// <param name="FingerBreadthMm">One finger-breadth.</param>
/// <param name="IpdMm">Adult mean distance between the pupils (Dodgson 2004: 63.36 mm), rounded as the reference does.</param>
/// <param name="PassLinePercent">Pass line of a new mark sheet.</param>
/// <param name="MeritPercent">From here a pass is called a merit.</param>
/// <param name="BalanceFine">Smaller over larger side from which the balance is fine.</param>
/// <param name="BalanceRemark">Below fine, from here only a remark.</param>
/// <param name="TighterSide">A side that was declared tighter may get up to so many times the other.</param>
/// <param name="BalanceSecondsAllowed">A difference of less than this many seconds is never a fault.</param>
/// <param name="BalanceRepetitionsAllowed">A difference of up to this many repetitions is never a fault.</param>
/// <param name="TempoToleranceShare">How far from the target tempo still earns full marks.</param>
/// <param name="BriefWordsPerMinute">Speed of a briefing (Tauroza and Allison 1990: lectures about 140 words a minute).</param>
/// <param name="CorrectShare">Corrections while leading, as a share of the dose.</param>
/// <param name="ExaminationSetupSeconds">Hands, screening, position before an examined demonstration.</param>
/// <param name="OilSeconds">Seconds to oil, going from grip to slip (house ruling 9).</param>
/// <param name="WipeSeconds">Seconds to wipe the fingertips, going from slip to grip (house ruling 9).</param>
/// <param name="ToolChangeSeconds">Seconds to take, change or lay down a tool.</param>
/// <param name="HandChangeSeconds">Seconds to place other fingers or the other hand.</param>
/// <param name="ScreeningDays">Answers of a screening hold for so many days.</param>
/// <param name="TalkGapCycles">A gap between two taps longer than this many planned cycles is talk, not work.</param>
/// <param name="TalkGapFloorSeconds">… but never a gap shorter than this.</param>
/// <param name="LongHoldSeconds">From here a contraction or a press is a long hold (technique_class_rule of the action model).</param>
/// <param name="SecondLookBand">Points around the pass line within which a second look is owed: on a sheet of fifteen criteria, one
/// criterion one level otherwise moves the total by about two to three points.</param>
/// <param name="LookLevels">Two sheets may differ by so many levels in a criterion.</param>
/// <param name="LookPoints">Two sheets may differ by so many points in all.</param>
/// <param name="OwnFilmDays">Days before an assessor marks their own film again.</param>
/// <param name="AppealDays">Days after a result was told within which a trainee may appeal.</param>
/// <param name="InvitationDays">Days that an invitation of a colleague from outside lasts.</param>
/// <param name="CeilingSessionsADay">A day bears at most so many sessions at the ceiling of one session.</param>
public sealed record HouseSettings(
    double MinimumShare = 0.6,
    double FullShare = 1.6,
    double ChangeOfSideSeconds = 6,
    double RestBetweenSetsSeconds = 15,
    double BreathInSeconds = 4,
    double BreathOutSeconds = 6,
    double FingerBreadthMm = 16,
    double IpdMm = 63,
    double PassLinePercent = 75,
    double MeritPercent = 90,
    double BalanceFine = 0.90,
    double BalanceRemark = 0.75,
    double TighterSide = 1.5,
    double BalanceSecondsAllowed = 2,
    int BalanceRepetitionsAllowed = 1,
    double TempoToleranceShare = 0.20,
    double BriefWordsPerMinute = 140,
    double CorrectShare = 0.25,
    double ExaminationSetupSeconds = 60,
    double OilSeconds = 10,
    double WipeSeconds = 10,
    double ToolChangeSeconds = 5,
    double HandChangeSeconds = 2,
    int ScreeningDays = 90,
    double TalkGapCycles = 2.5,
    double TalkGapFloorSeconds = 5,
    double LongHoldSeconds = 10,
    int CeilingSessionsADay = 3,
    double SecondLookBand = 3,
    double LookLevels = 1,
    double LookPoints = 10,
    int OwnFilmDays = 7,
    int AppealDays = 14,
    int InvitationDays = 14
)
{
    public static HouseSettings Default { get; } = new();

    /// <summary>
    /// The most that one session holds of each kind of work (family of a technique). Common practice, a multiple of the usual ranges;
    /// beyond it a dose is a slip or a harm.
    /// </summary>
    public IReadOnlyDictionary<string, DoseCeilingSetting> Ceilings { get; init; } =
        new Dictionary<string, DoseCeilingSetting>(StringComparer.Ordinal)
        {
            ["light-glide"] = new(1200, 60, 150, 1200),
            ["firm-glide"] = new(600, 30, 100, 600),
            ["press-hold"] = new(900, 120, 100, 600),
            ["circles"] = new(600, 60, 300, 600),
            ["pinch-knead"] = new(600, 30, 200, 300),
            ["tap"] = new(600, 60, 1500, 600),
            ["repetition"] = new(900, 30, 200, 300),
            ["hold"] = new(600, 60, 60, 300),
            ["resisted"] = new(600, 30, 60, 300),
            ["stretch"] = new(900, 120, 60, 600),
            ["stillness"] = new(900, 120, 150, 600),
            ["eye-drill"] = new(900, 60, 150, 600),
            ["habit-check"] = new(1800, 600, 150, 1800),
            ["tool-glide"] = new(900, 60, 100, 600),
        };

    public double IpdPerBreadth => FingerBreadthMm / IpdMm;
    public double BreathSeconds => BreathInSeconds + BreathOutSeconds;
}

/// <summary>Ceilings of one session of one kind of work.</summary>
/// <param name="Seconds">In all, both sides.</param>
/// <param name="HoldSeconds">One hold.</param>
/// <param name="Repetitions">Of one side.</param>
/// <param name="TensionSeconds">Holds added up.</param>
public sealed record DoseCeilingSetting(double Seconds, double HoldSeconds, int Repetitions, double TensionSeconds);
