using Wexis.Core.Measures;

namespace Wexis.Core.Results;

/// <summary>By which rule the stations of an examination come to a whole.</summary>
[ClosedList]
public enum WholeRule
{
    /// <summary>Every station is passed.</summary>
    AllPassed,

    /// <summary>The mean of all stations reaches a line, and each domain a line of its own.</summary>
    Total,
}

/// <summary>The rule that the trainer sets.</summary>
/// <param name="Total">Percent that the mean of all stations reaches; with <see cref="WholeRule.Total"/>.</param>
/// <param name="Doing">Percent of doing, over all stations; 0 asks for nothing.</param>
/// <param name="Teaching">Percent of teaching, likewise.</param>
public sealed record ExaminationRule(WholeRule Kind, double Total = 75, double Doing = 0, double Teaching = 0)
{
    public static ExaminationRule Default { get; } = new(WholeRule.AllPassed);

    public IReadOnlyList<Issue> Issues() =>
        [
            .. new[]
            {
                Check.Between(Total, 1, 100, "total", "%"),
                Check.Between(Doing, 0, 100, "doing", "%"),
                Check.Between(Teaching, 0, 100, "teaching", "%"),
            }.OfType<Issue>(),
        ];
}

/// <summary>What a trainee's newest counting attempt at a station came to.</summary>
/// <param name="Percent">Null while it is open or was not shown.</param>
/// <param name="Doing">Percent of the domain; null where the sheet has none of it.</param>
/// <param name="SafetyMet">No safety criterion missed, no critical act.</param>
/// <param name="Settled">Nothing of it waits: no second look owed or open, no dispute, no appeal.</param>
public sealed record StationStanding(
    StationId Station,
    Decision? Decision,
    double? Percent,
    double? Doing,
    double? Teaching,
    bool SafetyMet,
    bool Settled
);

/// <summary>
/// What an examination comes to for one trainee: passed, not passed, or open, and what is still open. What is missed for safety at a
/// station is made up by nothing at another; a total is the plain mean of the stations, unrounded against its line.
/// </summary>
/// <param name="Decision">pass, fail, or open.</param>
/// <param name="Percent">Mean of what was shown; null before anything was.</param>
/// <param name="Open">Stations that are still to be shown, shown again or settled.</param>
/// <param name="Says">Why, in a sentence.</param>
public sealed record ExaminationOutcome(
    Decision Decision,
    double? Percent,
    IReadOnlyList<StationId> Passed,
    IReadOnlyList<StationId> Open,
    string Says
)
{
    public static ExaminationOutcome Of(ExaminationRule rule, IReadOnlyList<StationStanding> stations)
    {
        ArgumentNullException.ThrowIfNull(rule);
        ArgumentNullException.ThrowIfNull(stations);
        var passed = stations.Where(s => s is { Decision: Decision.Pass, Settled: true }).Select(s => s.Station).ToList();
        var undecided = stations.Where(s => !IsDecided(s)).Select(s => s.Station).ToList();
        double? mean = Mean(stations.Select(s => s.Percent));
        var (decision, says) = Decide(rule, stations, undecided, mean);
        // Once it is not passed, what was not passed has to be shown again.
        var open =
            decision == Decision.Pass ? []
            : rule.Kind == WholeRule.AllPassed || stations.Any(s => !s.SafetyMet)
                ? stations.Where(s => !passed.Contains(s.Station)).Select(s => s.Station).ToList()
            : undecided;
        return new(decision, mean, passed, open, says);
    }

    private static bool IsDecided(StationStanding s) => s is { Decision: Decision.Pass or Decision.Fail, Settled: true };

    private static double? Mean(IEnumerable<double?> of)
    {
        var known = of.OfType<double>().ToList();
        return known.Count == 0 ? null : known.Average();
    }

    private static (Decision, string) Decide(
        ExaminationRule rule,
        IReadOnlyList<StationStanding> stations,
        List<StationId> undecided,
        double? mean
    )
    {
        if (stations.Count == 0)
            return (Decision.Open, "This examination has no station yet.");
        var unsafeStations = stations.Count(s => IsDecided(s) && !s.SafetyMet);
        if (unsafeStations > 0)
            return (Decision.Fail, $"Safety was missed at {Stations(unsafeStations)}: nothing else makes up for it.");
        if (rule.Kind == WholeRule.AllPassed)
        {
            var failed = stations.Count(s => IsDecided(s) && s.Decision == Decision.Fail);
            return failed > 0 ? (Decision.Fail, $"Not passed at {Stations(failed)}: every station has to be passed.")
                : undecided.Count > 0 ? (Decision.Open, $"{Stations(undecided.Count, true)} still open.")
                : (Decision.Pass, "Every station is passed.");
        }
        if (undecided.Count > 0)
            return (Decision.Open, $"{Stations(undecided.Count, true)} still open.");
        var short_ = new[]
        {
            (Says: "The total", Has: mean, Needs: rule.Total),
            (Says: "Doing", Has: Mean(stations.Select(s => s.Doing)), Needs: rule.Doing),
            (Says: "Teaching", Has: Mean(stations.Select(s => s.Teaching)), Needs: rule.Teaching),
        }
            .Where(x => x.Has is { } has && has < x.Needs)
            .Select(x => $"{x.Says} comes to {x.Has:0.0} %, {x.Needs:0.#} % is the least.")
            .ToList();
        return short_.Count > 0
            ? (Decision.Fail, string.Join(" ", short_))
            : (Decision.Pass, $"The total of {mean:0.0} % and every minimum are reached.");
    }

    private static string Stations(int n, bool capital = false) =>
        n == 1 ? (capital ? "One station is" : "one station") : $"{n} stations{(capital ? " are" : "")}";
}
