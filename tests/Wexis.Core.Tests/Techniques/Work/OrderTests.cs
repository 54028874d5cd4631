using FsCheck.Xunit;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Techniques;

/// <summary>The order inside a step means nothing (house ruling 17): told otherwise round, the answer is the same.</summary>
public class OrderTests
{
    private static readonly string[] Moves = [.. Reference.Model.Document.Moves.Keys.Order(StringComparer.Ordinal)];
    private static readonly string[] Verbs = [.. Reference.Model.Verbs.Keys.Order(StringComparer.Ordinal)];
    private static readonly string[] Zones = [.. Reference.Atlas.Zones.Keys.Order(StringComparer.Ordinal)];

    /// <summary>What is answered, without the words that say why.</summary>
    private static string Answer(Derivation d) =>
        string.Join(
            "\n",
            [
                .. d
                    .Map.Worked.Select(r =>
                        $"{r.Structure} {r.Side} {r.Mode} {r.Strength} {r.Certainty} {r.Fibres} {r.Seconds.Standard:0.###}"
                    )
                    .Order(),
                $"AU {string.Join(" ", d.Map.ExpectedActionUnits)}",
                $"quiet {string.Join(" ", d.Map.MustStayQuiet.Order())}",
                $"zones {string.Join(" ", d.Map.ZonesTouched.Order())}",
                .. d.Map.Flow.Select(f => $"{f.Zone} {f.Verdict} {f.AngleDegrees:0.#}").Order(),
                $"family {d.Family} {d.Standing}",
            ]
        );

    private static void Same(Derivation a, Derivation b, string? of = null)
    {
        var (one, other) = (Answer(a).Split('\n'), Answer(b).Split('\n'));
        one.Except(other).Select(l => $"- {l}").Concat(other.Except(one).Select(l => $"+ {l}")).ShouldBeEmpty(of);
    }

    private static Derivation Of(Step step) => Reference.Derive(step);

    private static Step Turned(Step s) => s with { Acts = [.. s.AllActs.Reverse()], Hands = [.. s.AllHands.Reverse()] };

    private static T Pick<T>(IReadOnlyList<T> of, uint n) => of[(int)(n % (uint)of.Count)];

    /// <summary>A movement as somebody may tell it: with or without a tempo, an effort, a side, a resistance.</summary>
    private static Act Told(uint n) =>
        A.Do(Pick(Moves, n)) with
        {
            Side = Pick(["both", null, "left", "right"], n / 7),
            Effort = Pick([null, "moderate", "maximal"], n / 31),
            Resist = Pick(["none", null, "finger"], n / 97),
            Tempo = Pick([null, A.Tempo(1, 5, 1), A.Tempo(2, 0, 3), null], n / 13),
        };

    [Property(MaxTest = 1500)]
    public void Movements_told_in_another_order_work_the_same(uint a, uint b, uint c, bool three)
    {
        var step = A.Step() with
        {
            Acts = three ? [Told(a), Told(b), Told(c)] : [Told(a), Told(b)],
            Still = Pick<string[]>(
                [
                    [],
                    ["brow"],
                    ["jaw"],
                ],
                a / 3
            ),
        };
        Same(Of(step), Of(Turned(step)));
    }

    [Property(MaxTest = 600)]
    public void Hands_told_in_another_order_work_the_same(uint a, uint b, uint c)
    {
        Hand Hand(uint n) =>
            A.Track(Pick(Verbs, n), (int)(n / 5 % 4) + 1, sides: Pick(["both", "left", "one-then-other"], n / 11)) with
            {
                Zones = [Pick(Zones, n / 3)],
            };
        var step = A.Step() with { Hands = [Hand(a), Hand(b)], Acts = [Told(c)] };
        Same(Of(step), Of(Turned(step)));
    }

    [Property(MaxTest = 800)]
    public void No_structure_is_worked_and_kept_quiet_in_one_step(uint a, uint b, bool still)
    {
        var map = Of(A.Step() with { Acts = [Told(a), Told(b)], Still = still ? ["brow", "lips"] : [] }).Map;
        foreach (var of in map.Worked.GroupBy(r => r.Structure))
        {
            var active = of.Where(r => r.Mode.IsActive()).ToList();
            of.Where(r => r.Mode == Mode.Inhibited).ShouldAllBe(q => active.All(x => !Meet(x.Side, q.Side)), $"{of.Key}");
        }
    }

    private static bool Meet(Side a, Side b) => a == b || !a.IsOne() || !b.IsOne();

    [Property(MaxTest = 800)]
    public void No_movement_lends_its_hold_to_another(uint a, uint b)
    {
        var (first, second) = (Told(a), Told(b) with { Tempo = null });
        var alone = Of(A.Step() with { Acts = [second] }).Steps[0].Completed.AllActs[0].Tempo;
        var beside = Of(A.Step() with { Acts = [first, second] }).Steps[0].Completed.AllActs[1].Tempo;
        beside.ShouldBe(alone);
    }

    [Fact]
    public void Every_technique_that_ships_reads_the_same_the_other_way_round()
    {
        foreach (var technique in Reference.Shipped)
        {
            var turned = technique with { Steps = [.. technique.AllSteps.Select(Turned)] };
            Same(Derive(technique), Derive(turned), technique.Name);
        }
    }

    private static Derivation Derive(TechniqueDocument t) => Derivation.Of(t, Reference.Atlas, Reference.Model, Reference.Settings);
}
