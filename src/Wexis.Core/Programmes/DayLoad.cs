using Wexis.Core.Measures;
using Wexis.Core.Techniques.Doses;

namespace Wexis.Core.Programmes;

/// <summary>One kind of work on one day, beside what a day bears.</summary>
/// <param name="Seconds">Of each who takes part: led once and practised, at the standard dose.</param>
/// <param name="Ceiling">Seconds that a day bears (house settings, common practice).</param>
public sealed record DayLoad(StepFamily Family, string Name, double Seconds, double Ceiling)
{
    public bool IsOver => Seconds > Ceiling;

    public string Says =>
        $"{Name}: about {Minutes(Seconds)} for each of them on this day, and a day bears {Minutes(Ceiling)}. Practise it less, or on "
        + "two days.";

    /// <param name="units">Units of one day.</param>
    public static IReadOnlyList<DayLoad> Of(
        IEnumerable<ProgrammeUnit> units,
        IReadOnlyDictionary<string, TaughtTechnique> techniques,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(units);
        ArgumentNullException.ThrowIfNull(techniques);
        ArgumentNullException.ThrowIfNull(settings);
        return
        [
            .. units
                .SelectMany(u =>
                    u.AllTechniques.Where(techniques.ContainsKey)
                        .Select(t => techniques[t])
                        .Where(t => t.Family is not null && settings.Ceilings.ContainsKey(t.Family.Value.Word()))
                        .Select(t => (t.Family, Seconds: (t.Times?.Home.Standard ?? 0) * TimesDone(u.IsA)))
                )
                .GroupBy(x => x.Family!.Value)
                .Select(g => new DayLoad(
                    g.Key,
                    FamilyDefaults.Get(g.Key).Name,
                    g.Sum(x => x.Seconds),
                    settings.Ceilings[g.Key.Word()].Seconds * settings.CeilingSessionsADay
                ))
                .OrderByDescending(l => l.Seconds / l.Ceiling),
        ];
    }

    /// <summary>Led once and practised; shown once; in teaching practice once for each who leads, which is counted as practised.</summary>
    private static int TimesDone(UnitKind kind) => kind is UnitKind.Assessment or UnitKind.Theory ? 1 : 1 + UnitTimes.Passes;

    private static string Minutes(double seconds) => $"{seconds / 60:0.#} min";
}
