using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>What the minutes of a unit are made of.</summary>
public sealed record TimePiece(string Words, double Minutes);

/// <summary>Minutes that a unit needs for what it teaches, beside those that are planned. See docs/method.md#unit-times.</summary>
/// <param name="Estimated">Null where nothing is known of its techniques, or it teaches none.</param>
/// <param name="Says">What does not fit; null where it does.</param>
public sealed record UnitTimes(string Unit, int Planned, double? Estimated, IReadOnlyList<TimePiece> Pieces, string? Says)
{
    /// <summary>Times that a technique is practised in the unit in which it is learned.</summary>
    public const int Passes = 3;

    /// <summary>
    /// Learning curve: each doubling of passes takes this share of the time (Wright 1936, J. Aeronautical Sciences 3, 80 % for handwork;
    /// assumed here, not measured).
    /// </summary>
    public const double Learning = 0.8;

    /// <summary>Seconds of correcting for each person and technique (common practice).</summary>
    public const double CorrectSeconds = 30;

    /// <summary>Seconds of marking and telling after each demonstration (common practice).</summary>
    public const double MarkSeconds = 90;

    /// <summary>Minutes of setting up and of cleaning in each unit with hands on (common practice).</summary>
    public const double SetUpMinutes = 5;

    /// <summary>People who take part where the programme does not say.</summary>
    public const int UsualGroup = 6;

    public static IReadOnlyList<UnitTimes> Of(ProgrammeDocument programme, IReadOnlyDictionary<string, TaughtTechnique> techniques)
    {
        ArgumentNullException.ThrowIfNull(programme);
        ArgumentNullException.ThrowIfNull(techniques);
        return [.. programme.AllUnits.Select(u => Of(u, programme.Participants ?? UsualGroup, techniques))];
    }

    private static UnitTimes Of(ProgrammeUnit unit, int people, IReadOnlyDictionary<string, TaughtTechnique> techniques)
    {
        var taught = unit
            .AllTechniques.Where(techniques.ContainsKey)
            .Select(t => techniques[t])
            .Where(t => t.Times is { Home.Standard: > 0 })
            .ToList();
        if (taught.Count == 0)
            return new(unit.Id, unit.Minutes, null, [], null);
        double Sum(Func<TaughtTechnique, double> seconds) => taught.Sum(seconds) / 60;
        var pieces =
            unit.IsA == UnitKind.Assessment
                ? new List<TimePiece>
                {
                    new($"{people} people show each technique", people * Sum(t => t.Times!.Examination.Standard)),
                    new("marking and telling", people * taught.Count * MarkSeconds / 60),
                }
                :
                [
                    new("brief", Sum(t => t.Times!.BriefSeconds)),
                    new("show on each side", Sum(t => t.Times!.ShowSeconds)),
                    new("lead", Sum(t => t.Times!.Home.Standard)),
                    new($"practise, {Passes} times", Sum(t => t.Times!.Home.Standard) * Curve()),
                    new($"correct {people} people", people * taught.Count * CorrectSeconds / 60),
                ];
        if (unit.IsA == UnitKind.TeachingPractice)
            pieces.Add(new($"{people} people lead once", people * Sum(t => t.Times!.Led.Standard)));
        pieces.Add(new("set up", SetUpMinutes));
        pieces.Add(new("clean", SetUpMinutes));
        var needed = pieces.Sum(p => p.Minutes);
        return new(
            unit.Id,
            unit.Minutes,
            needed,
            pieces,
            Math.Ceiling(needed) > unit.Minutes
                ? $"“{unit.Name}” needs about {Math.Ceiling(needed):0} minutes for what it teaches, and has {unit.Minutes}."
                : null
        );
    }

    /// <summary>The first pass takes its time, the n-th n to the power of log2 of the learning rate.</summary>
    private static double Curve() => Enumerable.Range(1, Passes).Sum(n => Math.Pow(n, Math.Log2(Learning)));
}
