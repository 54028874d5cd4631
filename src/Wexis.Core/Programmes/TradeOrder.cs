using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>What a unit is to the order of teaching, from the techniques that it teaches.</summary>
/// <param name="Touches">Hands are laid on.</param>
/// <param name="Glides">It moves skin and surface fluid, lightly.</param>
/// <param name="Firm">It presses or kneads into muscle.</param>
/// <param name="Still">Something has to stay relaxed, and nothing works against a hand.</param>
/// <param name="Resisted">A muscle works against a hand.</param>
/// <param name="NearEye">It comes near the eye.</param>
/// <param name="Tool">It uses a tool.</param>
/// <param name="Trained">Structures that it mainly trains.</param>
/// <param name="OneSided">What it mainly works, one side after the other.</param>
/// <param name="BothAtOnce">What it mainly works with both sides at once.</param>
public sealed record UnitFacts(
    bool Touches,
    bool Glides,
    bool Firm,
    bool Still,
    bool Resisted,
    bool NearEye,
    bool Tool,
    IReadOnlyList<string> Trained,
    IReadOnlyList<(string Structure, Mode Mode)> OneSided,
    IReadOnlyList<(string Structure, Mode Mode)> BothAtOnce
)
{
    public static UnitFacts Of(ProgrammeUnit unit, IReadOnlyDictionary<string, TaughtTechnique> techniques)
    {
        ArgumentNullException.ThrowIfNull(unit);
        ArgumentNullException.ThrowIfNull(techniques);
        var taught = unit.AllTechniques.Where(techniques.ContainsKey).Select(t => techniques[t]).ToList();
        bool Any(Func<TaughtTechnique, bool> of) => taught.Any(of);
        return new(
            Any(t => t.Map.ZonesTouched.Count > 0),
            Any(t => t.Map.Worked.Any(r => r.Mode == Mode.SkinLymph)),
            Any(t => t.Map.Worked.Any(r => r.Mode is Mode.Kneaded or Mode.Compressed && r.Strength != Strength.Incidental)),
            Any(t => t.Map.MustStayQuiet.Count > 0 && !IsResisted(t)),
            Any(IsResisted),
            Any(t => t.Map.ZonesTouched.Any(z => z is "upper-lid" or "lower-lid" or "inner-eye-corner")),
            Any(t => (t.Classes ?? []).Any(c => c is "tool" or "suction")),
            [
                .. taught
                    .SelectMany(t => t.Map.Worked)
                    .Where(r => r.Mode.IsActive() && r.Strength == Strength.Primary)
                    .Select(r => r.Structure)
                    .Distinct(),
            ],
            Mainly(taught.Where(t => t.SidesInTurn == true)),
            Mainly(taught.Where(t => t.SidesInTurn == false))
        );
    }

    /// <summary>Muscles that are mainly worked, and how; skin and fluid are everybody's.</summary>
    private static IReadOnlyList<(string Structure, Mode Mode)> Mainly(IEnumerable<TaughtTechnique> taught) =>
        [
            .. taught
                .SelectMany(t => t.Map.Worked)
                .Where(r => r.Strength == Strength.Primary && r.Mode != Mode.SkinLymph)
                .Select(r => (r.Structure, r.Mode))
                .Distinct(),
        ];

    private static bool IsResisted(TaughtTechnique technique) =>
        technique.Map.ZonesTouched.Count > 0 && technique.Map.Worked.Any(r => r.Mode == Mode.Isometric && r.Strength == Strength.Primary);
}

/// <summary>
/// The order that the trade keeps, as rules that can each be set aside with a reason. Common practice; see docs/method.md#sequence.
/// </summary>
public static class TradeOrder
{
    /// <summary>Techniques that a trainee has learned before teaching practice begins.</summary>
    public const int BeforeTeaching = 10;

    /// <summary>What is kept when not all can be, the dearest first.</summary>
    public static IReadOnlyList<string> Dearest { get; } =
    [
        "safety-first",
        "eye-after-light",
        "glide-before-firm",
        "still-before-resisted",
        "one-side-first",
        "anatomy-first",
        "tools-last",
        "teaching-after",
        "phases",
    ];

    public static IEnumerable<SequenceRule> Of(ProgrammeDocument programme, IReadOnlyList<UnitFacts>? facts)
    {
        ArgumentNullException.ThrowIfNull(programme);
        return new[] { Phases(programme) }
            .Concat(facts is null ? [] : OfFacts(programme, facts))
            .OfType<OrderRule>()
            .Where(r => r.Edges.Count > 0);
    }

    private static OrderRule? Phases(ProgrammeDocument programme)
    {
        var groups = programme
            .AllPhases.Select(p => programme.AllUnits.Select((u, i) => (u, i)).Where(x => x.u.Phase == p).Select(x => x.i).ToList())
            .Where(g => g.Count > 0)
            .ToList();
        return groups.Count < 2
            ? null
            : Rule(
                "phases",
                "phases",
                "phases follow each other",
                groups.Zip(groups.Skip(1), (first, then) => first.SelectMany(f => then.Select(t => (f, t)))).SelectMany(e => e)
            );
    }

    private static IEnumerable<OrderRule?> OfFacts(ProgrammeDocument programme, IReadOnlyList<UnitFacts> facts)
    {
        var units = programme.AllUnits;
        var all = Enumerable.Range(0, units.Count).ToList();
        bool Practised(int u) => units[u].IsA is not (UnitKind.Assessment or UnitKind.TeachingPractice);
        var safety = all.Where(u => units[u].Phase == "safety" || OnlySafety(programme, units[u])).ToList();
        var anatomy = all.Where(u => units[u].Phase == "anatomy").ToList();
        var touching = all.Where(u => facts[u].Touches).ToList();
        var glide = all.Where(u => Practised(u) && facts[u] is { Glides: true, Firm: false, NearEye: false, Tool: false }).Take(1).ToList();
        var still = all.Where(u => Practised(u) && facts[u].Still && !facts[u].Resisted).Take(1).ToList();
        var passed = all.Where(u => units[u].IsA == UnitKind.Assessment && facts[u].Glides && !facts[u].NearEye).Take(1).ToList();
        yield return Every("safety-first", "safety and hygiene come before all touch", safety, touching);
        yield return Every(
            "anatomy-first",
            "anatomy and landmarks come before technique",
            anatomy,
            all.Where(u => units[u].AllTechniques.Count > 0)
        );
        yield return Every(
            "glide-before-firm",
            "a light glide comes before firm work",
            glide,
            all.Where(u => facts[u].Firm || facts[u].Tool)
        );
        yield return Every("still-before-resisted", "stillness comes before work against a hand", still, all.Where(u => facts[u].Resisted));
        yield return OneSideFirst(all.Where(Practised), facts);
        yield return Every(
            "eye-after-light",
            passed.Count > 0 ? "the eye area comes after a passed light touch" : "the eye area comes after a light touch",
            passed.Count > 0 ? passed : glide,
            all.Where(u => facts[u].NearEye)
        );
        yield return Every(
            "tools-last",
            "tools come after hands",
            all.Where(u => Practised(u) && units[u].AllTechniques.Count > 0 && !facts[u].Tool),
            all.Where(u => Practised(u) && facts[u].Tool)
        );
        yield return Every(
            "teaching-after",
            $"teaching practice begins after {BeforeTeaching} techniques, or all there are",
            First(programme),
            all.Where(u => units[u].IsA == UnitKind.TeachingPractice)
        );
    }

    /// <summary>
    /// What is worked one side after the other comes before what works the same with both at once. Two units that each have something
    /// to teach the other first are left as they are.
    /// </summary>
    private static OrderRule OneSideFirst(IEnumerable<int> practised, IReadOnlyList<UnitFacts> facts)
    {
        var units = practised.ToList();
        bool Leads(int first, int then) => first != then && facts[first].OneSided.Intersect(facts[then].BothAtOnce).Any();
        var after = units.ToDictionary(u => u, _ => new HashSet<int>());
        var edges = new List<(int First, int Then)>();
        foreach (var (first, then) in units.SelectMany(f => units.Where(t => Leads(f, t)).Select(t => (f, t))))
        {
            // Never in a ring: what comes after a unit is known before another edge is added.
            if (Leads(then, first) || Reaches(after, then, first))
                continue;
            after[first].Add(then);
            edges.Add((first, then));
        }
        return Rule("one-side-first", "units", "one side comes before both at once", edges);
    }

    private static bool Reaches(Dictionary<int, HashSet<int>> after, int from, int to) =>
        from == to || after[from].Any(next => Reaches(after, next, to));

    /// <summary>The first units that together teach enough techniques.</summary>
    private static List<int> First(ProgrammeDocument programme)
    {
        var (known, first) = (new HashSet<string>(StringComparer.Ordinal), new List<int>());
        for (var u = 0; u < programme.AllUnits.Count && known.Count < BeforeTeaching; u++)
        {
            var unit = programme.AllUnits[u];
            if (unit.IsA is UnitKind.Assessment or UnitKind.TeachingPractice || unit.AllTechniques.All(known.Contains))
                continue;
            known.UnionWith(unit.AllTechniques);
            first.Add(u);
        }
        return first;
    }

    private static bool OnlySafety(ProgrammeDocument programme, ProgrammeUnit unit) =>
        unit.IsA == UnitKind.Theory
        && unit.AllTechniques.Count == 0
        && unit.AllOutcomes.Count > 0
        && unit.AllOutcomes.All(o => programme.AllOutcomes.FirstOrDefault(x => x.Id == o)?.Kind == OutcomeKind.Safety.Word());

    /// <summary>What one day should not hold twice: the same muscles trained, the skin pressed.</summary>
    public static IEnumerable<SequenceWish> Wishes(
        ProgrammeDocument programme,
        IReadOnlyList<SequenceSession> sessions,
        IReadOnlyList<UnitFacts> facts
    )
    {
        ArgumentNullException.ThrowIfNull(programme);
        ArgumentNullException.ThrowIfNull(facts);
        IReadOnlyList<IReadOnlyList<bool>> otherDay =
        [
            .. sessions.Select(s => (IReadOnlyList<bool>)[.. sessions.Select(t => s.Day != t.Day)]),
        ];
        var practised = Enumerable
            .Range(0, facts.Count)
            .Where(u => programme.AllUnits[u].IsA is UnitKind.SupervisedPractice or UnitKind.SelfPractice or UnitKind.Demonstration)
            .ToList();
        foreach (var (a, b) in practised.SelectMany((a, i) => practised.Skip(i + 1).Select(b => (a, b))))
        {
            var (one, other) = (programme.AllUnits[a], programme.AllUnits[b]);
            string Says(string what) => $"“{one.Name}” and “{other.Name}” on two days: {what}";
            if (facts[a].Trained.Intersect(facts[b].Trained).Any() && programme.ReasonFor("rest-for-muscles") is null)
                yield return new(
                    1,
                    new PairRule("rest-for-muscles", "units", Says("the same muscles work in both"), a, b, otherDay, OfTrade: true)
                );
            if ((facts[a].Firm || facts[a].Tool) && (facts[b].Firm || facts[b].Tool) && programme.ReasonFor("rest-for-skin") is null)
                yield return new(1, new PairRule("rest-for-skin", "units", Says("both press the skin"), a, b, otherDay, OfTrade: true));
        }
    }

    private static OrderRule Every(string id, string says, IEnumerable<int> first, IEnumerable<int> then) =>
        Rule(id, "units", says, [.. first.SelectMany(f => then.Where(t => t != f && !first.Contains(t)).Select(t => (f, t)))]);

    private static OrderRule Rule(string id, string path, string says, IEnumerable<(int First, int Then)> edges) =>
        new(id, path, says, [.. edges], OfTrade: true);
}
