using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>Kinds of hours that a certificate asks for.</summary>
[ClosedList]
public enum HourKind
{
    Guided,
    Supervised,
    SelfStudy,
    Assessment,
}

/// <summary>Hours of one kind beside what the scheme asks for.</summary>
/// <param name="Wanted">Null: the scheme asks for nothing.</param>
/// <param name="Missing">Hours that are missing, 0 for none.</param>
/// <param name="Says">What is missing and where it is added most cheaply; null for nothing.</param>
public sealed record HourLine(HourKind Kind, double Hours, double? Wanted, double Missing, string? Says);

/// <summary>
/// Hours of a programme by kind, against the scheme that its trainer chose. See docs/method.md#hours.
/// </summary>
/// <param name="Workload">Hours in all, those alone included.</param>
/// <param name="Credits">Credits that the workload comes to: at most, at 25 hours each, and at least, at 30 (ECTS Users' Guide
/// 2015).</param>
/// <param name="CreditsWanted">Null: the scheme asks for none.</param>
/// <param name="CasesSay">What is missing of case studies; null for nothing.</param>
public sealed record ProgrammeHours(
    IReadOnlyList<HourLine> Lines,
    double Workload,
    Span Credits,
    double? CreditsWanted,
    int? Cases,
    int? CasesWanted,
    string? CasesSay,
    string? CreditsSay
)
{
    public const double LeastHoursOfCredit = 25;
    public const double MostHoursOfCredit = 30;

    /// <summary>Whether something is missing.</summary>
    public bool AreShort => Lines.Any(l => l.Says is not null) || CasesSay is not null || CreditsSay is not null;

    public static ProgrammeHours Of(ProgrammeDocument programme)
    {
        ArgumentNullException.ThrowIfNull(programme);
        var scheme = programme.Hours ?? new();
        HourLine Line(HourKind kind, double? wanted, double beside = 0)
        {
            var hours = (programme.AllUnits.Where(u => KindOf(u.IsA) == kind).Sum(u => u.Minutes) / 60.0) + beside;
            var missing = Math.Max(0, (wanted ?? 0) - hours);
            return new(kind, hours, wanted, missing, missing > 1e-9 ? Cheapest(programme, kind, missing) : null);
        }
        IReadOnlyList<HourLine> lines =
        [
            Line(HourKind.Guided, scheme.Guided),
            Line(HourKind.Supervised, scheme.Supervised),
            Line(HourKind.SelfStudy, scheme.SelfStudy, scheme.PlannedSelfStudy ?? 0),
            Line(HourKind.Assessment, scheme.Assessment),
        ];
        var workload = lines.Sum(l => l.Hours);
        var cases = scheme.PlannedCases;
        var fewer = (scheme.Cases ?? 0) - (cases ?? 0);
        var most = workload / LeastHoursOfCredit;
        return new(
            lines,
            workload,
            new(workload / MostHoursOfCredit, most),
            scheme.Credits,
            cases,
            scheme.Cases,
            fewer > 0 ? $"{fewer} case {(fewer == 1 ? "study is" : "studies are")} missing." : null,
            scheme.Credits is { } credits && most + 1e-9 < credits
                ? $"{credits:0.#} credits ask for {credits * LeastHoursOfCredit:0} hours of work at least; {workload:0.#} are planned."
                : null
        );
    }

    public static HourKind KindOf(UnitKind kind) =>
        kind switch
        {
            UnitKind.Theory or UnitKind.Demonstration => HourKind.Guided,
            UnitKind.SupervisedPractice or UnitKind.TeachingPractice => HourKind.Supervised,
            UnitKind.SelfPractice => HourKind.SelfStudy,
            _ => HourKind.Assessment,
        };

    /// <summary>Hours alone cost nobody's time; else a session with minutes to spare, else the longest unit of the kind grows.</summary>
    private static string Cheapest(ProgrammeDocument programme, HourKind kind, double missing)
    {
        var say = $"{missing:0.##} hours are missing";
        if (kind == HourKind.SelfStudy)
            return $"{say}: plan them as practice at home.";
        var room = programme.AllSessions.Sum(s => (s.Minutes ?? 0) - (s.BreaksMin ?? 0)) - programme.AllUnits.Sum(u => u.Minutes);
        var unit = programme.AllUnits.Where(u => KindOf(u.IsA) == kind).OrderByDescending(u => u.Minutes).FirstOrDefault();
        var where = unit is null ? "add a unit of this kind" : $"“{unit.Name}” can grow";
        return room >= missing * 60
            ? $"{say}: {where}; the sessions have {room} minutes to spare."
            : $"{say}: {where}"
                + (programme.AllSessions.Count > 0 ? $", and a session more is needed ({Math.Max(0, room)} minutes are to spare)." : ".");
    }
}

/// <summary>From, to.</summary>
public sealed record Span(double Least, double Most);
