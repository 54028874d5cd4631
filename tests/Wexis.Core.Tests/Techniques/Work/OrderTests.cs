using FsCheck.Xunit;
using Wexis.Core.Anatomy;
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

    private static readonly string[] Landmarks =
    [
        .. Reference.Atlas.Landmarks.Where(l => l.Value.Surface != FaceSurface.Back).Select(l => l.Key).Order(StringComparer.Ordinal),
    ];

    private static Hand Stroke(uint n, int places) =>
        A.Track(Pick(["stroke", "knead", "tool-stroke"], n), (int)(n / 3 % 4) + 1, sides: "left")
            .From([.. Enumerable.Range(0, places).Select(i => Pick(Landmarks, n / 7 + (uint)(i * 37) + (n >> (3 + i))))]);

    private static Derivation With(Hand hand) => Of(A.Step() with { Hands = [hand] });

    private static string[] Rows(Derivation d) =>
        [.. d.Map.Worked.Select(r => $"{r.Structure} {r.Side} {r.Mode} {r.Strength} {r.Fibres}").Order(StringComparer.Ordinal)];

    private static Side Other(Side s) =>
        s switch
        {
            Side.Left => Side.Right,
            Side.Right => Side.Left,
            _ => s,
        };

    [Property(MaxTest = 400)]
    public void On_the_other_side_the_other_half_works_in_the_same_way(uint n, uint m)
    {
        string[] Mirrored(Derivation d) =>
            [.. d.Map.Worked.Select(r => $"{r.Structure} {Other(r.Side)} {r.Mode} {r.Strength} {r.Fibres}").Order(StringComparer.Ordinal)];
        var act = Told(m) with { Side = "left" };
        var left = A.Step() with { Hands = [Stroke(n, 2)], Acts = [act] };
        var right = left with { Hands = [left.AllHands[0] with { Sides = "right" }], Acts = [act with { Side = "right" }] };
        if (act.Do!.StartsWith("gaze", StringComparison.Ordinal) || Reference.Derive(left).Standing == DerivedStanding.Stopped)
            return;
        Rows(Of(right)).ShouldBe(Mirrored(Of(left)));
    }

    /// <summary>Fibres are lines, so a path drawn backwards lies to them as before; to the flow it lies the other way round.</summary>
    [Property(MaxTest = 400)]
    public void A_path_drawn_backwards_works_the_same_and_runs_the_other_way(uint n, bool three)
    {
        var hand = Stroke(n, three ? 3 : 2);
        var (there, back) = (With(hand), With(hand with { Path = [.. hand.AllPath.Reverse()] }));
        Rows(back).ShouldBe(Rows(there));
        if (three)
            return;
        foreach (var f in there.Map.Flow)
            back.Map.Flow.ShouldContain(b => b.Zone == f.Zone && Math.Abs(b.AngleDegrees + f.AngleDegrees - 180) < 0.01, f.Zone);
    }

    [Property(MaxTest = 400)]
    public void Zones_told_beside_the_path_that_crosses_them_change_nothing(uint n, bool three)
    {
        var hand = Stroke(n, three ? 3 : 2);
        var drawn = With(hand);
        var told = With(hand with { Zones = [.. drawn.Map.ZonesTouched.Reverse()] });
        // A told zone is judged by its own share of a hazard too, and the stricter wins: what is stopped works nothing.
        if (told.Standing != DerivedStanding.Stopped)
            Rows(told).ShouldBe(Rows(drawn));
    }

    [Property(MaxTest = 400)]
    public void A_step_split_in_two_works_the_same_structures_in_the_same_ways(uint n, uint m, uint k)
    {
        static string[] Ways(Derivation d, bool all) =>
            [
                .. d
                    .Map.Worked.Where(r => all || r.Mode.IsActive())
                    .Select(r => $"{r.Structure} {r.Side} {r.Mode}")
                    .Distinct()
                    .Order(StringComparer.Ordinal),
            ];
        var (one, two) = (Stroke(n, 2), Stroke(m, 2));
        Ways(Reference.Derive(A.Step() with { Hands = [one] }, A.Step() with { Hands = [two] }), true)
            .ShouldBe(Ways(Of(A.Step() with { Hands = [one, two] }), true));
        var (act, more) = (Told(n) with { Effort = "moderate", Side = "both" }, Told(k) with { Effort = "moderate", Side = "both" });
        Ways(Reference.Derive(A.Step() with { Acts = [act] }, A.Step() with { Acts = [more] }), false)
            .ShouldBe(Ways(Of(A.Step() with { Acts = [act, more] }), false));
    }

    [Property(MaxTest = 600)]
    public void At_most_four_structures_are_the_main_work_and_no_more_than_two_are_only_kept_quiet_beside_it(uint a, uint b, uint c)
    {
        string[] eyes = ["superior-rectus", "inferior-rectus", "medial-rectus", "lateral-rectus", "superior-oblique", "inferior-oblique"];
        var d = Of(A.Step() with { Acts = [Told(a), Told(b)], Hands = [Stroke(c, 3), Stroke(a, 3)] });
        var primary = d.Map.Worked.Where(r => r.Strength == Strength.Primary).Select(r => r.Structure).Distinct();
        primary
            .Except(["skin", "superficial-lymph"])
            .Select(s => eyes.Contains(s) ? "eye" : s)
            .Distinct()
            .Count()
            .ShouldBeLessThanOrEqualTo(4);
        d.Map.Worked.Where(r => r.Why.Any(w => w.Rule == "R14")).Select(r => r.Structure).Distinct().Count().ShouldBeLessThanOrEqualTo(2);
    }

    [Property(MaxTest = 400)]
    public void A_stroke_outside_is_never_inside_the_mouth_and_skin_is_the_main_work_where_it_reaches_nothing_else(uint n)
    {
        var d = With(Stroke(n, 3));
        d.Map.ZonesTouched.ShouldNotContain("mouth-inside");
        if (d.Map.Worked.Count > 0 && d.Map.Worked.All(r => r.Structure is "skin" or "superficial-lymph"))
            d.Map.Worked.ShouldContain(r => r.Structure == "skin" && r.Strength == Strength.Primary);
    }

    [Fact]
    public void Along_the_jaw_the_thin_muscle_that_passes_over_it_is_never_the_main_work()
    {
        foreach (var level in Enumerable.Range(1, 5))
        foreach (var path in new[] { new[] { "pogonion", "gonion" }, ["chin_tip", "below_lobe"], ["gonion", "ear_front"] })
            With(A.Track("stroke", level, "knuckles", "left").From(path))
                .Map.Worked.ShouldNotContain(r => r.Structure == "risorius" && r.Strength == Strength.Primary);
    }

    [Fact]
    public void A_hold_that_only_a_default_wrote_does_not_make_a_movement_a_hold()
    {
        foreach (var move in Moves)
        {
            var free = Of(A.Act(move) with { Dose = null }).Map.Worked.Where(r => r.Mode == Mode.Isometric);
            var table = Reference.Model.Document.Moves[move].Worked.Where(w => w.Mode == Mode.Isometric).Select(w => w.Structure);
            var resisted = move.Contains("resisted", StringComparison.Ordinal);
            if (!resisted)
                free.Select(r => r.Structure).Except(table).ShouldBeEmpty(move);
        }
    }
}
