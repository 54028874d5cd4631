using Wexis.Core.Measures;
using Wexis.Core.Routines;
using Wexis.Planning;

namespace Wexis.Core.Tests.Routines;

/// <summary>Fitting to a time: against trying everything, against a published knapsack, and by hand.</summary>
public class FitTests
{
    private static readonly DoseLevel?[] Every = [null, DoseLevel.Minimum, DoseLevel.Standard, DoseLevel.Full];

    private static FitPart Part(
        string id,
        int seconds,
        int value,
        bool optional = true,
        FitHands? hands = null,
        string? block = null,
        string? releases = null
    ) =>
        new(
            id,
            "work",
            optional,
            false,
            block,
            releases is null ? null : [releases],
            new(seconds, null, null),
            new(value, null, null),
            hands
        );

    private static FitProblem Problem(int target, params FitPart[] parts) => new(FitProblem.Form, target, parts, new(8, 5, 2), null);

    /// <summary>All choices that keep every rule, the best first.</summary>
    private static List<FitChoice> Exhausted(FitProblem problem)
    {
        IEnumerable<DoseLevel?[]> All(int n) =>
            n == 0
                ?
                [
                    [],
                ]
                : All(n - 1).SelectMany(head => Every.Select(level => (DoseLevel?[])[.. head, level]));
        return
        [
            .. All(problem.AllParts.Count)
                .Where(levels => levels.Zip(problem.AllParts).All(x => x.First is null || x.Second.Levels.Contains(x.First.Value)))
                .Select(levels => FitChoice.Of(problem, levels))
                .Where(c => FitCheck.Faults(problem, c.Choice).Count == 0)
                .OrderByDescending(c => c.Value)
                .ThenByDescending(c => c.Seconds),
        ];
    }

    /// <summary>A small problem with everything in it, from a number.</summary>
    private static FitProblem Seeded(int seed)
    {
        var random = new Random(seed);
        T Any<T>(params T[] of) => of[random.Next(of.Length)];
        var parts = Enumerable
            .Range(0, random.Next(1, 7))
            .Select(i =>
            {
                var (seconds, value) = (random.Next(5, 40), random.Next(0, 6));
                return new FitPart(
                    $"p{i}",
                    Any("open", "work", "release", "close"),
                    Any(true, true, false),
                    Any(false, false, false, true),
                    Any(null, "a", "b"),
                    Any<string[]?>(null, null, ["a"], ["a", "b"]),
                    new(seconds, Any<int?>(seconds + 7, null), seconds + random.Next(0, 20)),
                    new(value, value + 1, value + random.Next(0, 4)),
                    Any(null, new FitHands(Any("grip", "slip"), Any(null, "stone"), Any("both", "left")))
                );
            })
            .ToList();
        var blocks = parts.Select(p => p.Block).OfType<string>().ToHashSet(StringComparer.Ordinal);
        return new(
            null,
            random.Next(5, 160),
            [
                .. parts.Select(p =>
                    p with
                    {
                        Releases = p.Releases?.Where(blocks.Contains).ToList() is { Count: > 0 } known ? known : null,
                    }
                ),
            ],
            new(random.Next(0, 12), random.Next(0, 9), random.Next(0, 5)),
            null
        );
    }

    [Fact]
    public void The_answer_is_the_best_of_all_choices_tried_one_by_one()
    {
        for (var seed = 0; seed < 150; seed++)
        {
            var problem = Seeded(seed);
            problem.Issues().ShouldBeEmpty();
            var answer = FitSolver.Solve(problem);
            var all = Exhausted(problem);
            if (all.Count == 0)
            {
                answer.Status.ShouldBe(FitStatus.Infeasible, $"seed {seed}");
                var shortest = Exhausted(problem with { TargetSeconds = 80_000 }).Min(c => c.Seconds);
                answer.Floor!.Seconds.ShouldBe(shortest, $"seed {seed}");
                answer.Floor.MadeOf.Sum(p => p.Seconds + p.Changeover).ShouldBe(shortest);
                continue;
            }
            answer.Status.ShouldBe(FitStatus.Optimal);
            (answer.Value, answer.Seconds, answer.Bound).ShouldBe((all[0].Value, all[0].Seconds, all[0].Value), $"seed {seed}");
            FitCheck.Faults(problem, answer.Choice!).ShouldBeEmpty($"seed {seed}");
            // The next best: the best of those that differ from it, and the best of those that differ from both.
            var first = new FitChoice(answer.Choice!, answer.Value!.Value, answer.Seconds!.Value, answer.Dropped);
            var second = all.FirstOrDefault(c => c.DiffersFrom(first));
            answer.NextBest.Count.ShouldBeGreaterThanOrEqualTo(second is null ? 0 : 1);
            if (second is not null)
                (answer.NextBest[0].Value, answer.NextBest[0].Seconds).ShouldBe((second.Value, second.Seconds), $"seed {seed}");
            foreach (var next in answer.NextBest)
            {
                next.DiffersFrom(first).ShouldBeTrue();
                FitCheck.Faults(problem, next.Choice).ShouldBeEmpty();
            }
        }
    }

    /// <summary>
    /// Instance p01 of the 0/1 knapsack collection of Florida State University (capacity 165, ten items): best value 309, items 1, 2, 3, 4
    /// and 6; recalled from memory, and checked by trying all 1,024.
    /// </summary>
    [Fact]
    public void A_published_knapsack_is_packed_to_its_optimum()
    {
        int[] weights = [23, 31, 29, 44, 53, 38, 63, 85, 89, 82];
        int[] profits = [92, 57, 49, 68, 60, 43, 67, 84, 87, 72];
        var problem = Problem(165, [.. weights.Select((w, i) => Part($"{i + 1}", w, profits[i]))]);
        var answer = FitSolver.Solve(problem);
        (answer.Value, answer.Seconds).ShouldBe((309, 165));
        answer.Choice!.Where(c => c.Value is not null).Select(c => c.Key).ShouldBe(["1", "2", "3", "4", "6"]);
        var best = Enumerable
            .Range(0, 1 << 10)
            .Where(set => Enumerable.Range(0, 10).Sum(i => (set >> i & 1) * weights[i]) <= 165)
            .Max(set => Enumerable.Range(0, 10).Sum(i => (set >> i & 1) * profits[i]));
        best.ShouldBe(309);
    }

    private static readonly FitHands Dry = new("grip", null, "both");
    private static readonly FitHands Oiled = new("slip", null, "both");

    [Fact]
    public void Changeovers_of_neighbours_change_with_what_is_left_out()
    {
        // Dry 20, oiled 10, dry 20: with the middle one 10 + 8 + 8 more. In 60 s it does not fit, without it nothing is changed.
        var problem = Problem(60, Part("a", 20, 5, false, Dry), Part("b", 10, 5, true, Oiled), Part("c", 20, 5, false, Dry));
        var answer = FitSolver.Solve(problem);
        answer.Dropped.ShouldBe(["b"]);
        answer.Seconds.ShouldBe(40);
        FitSolver.Solve(problem with { TargetSeconds = 66 }).Seconds.ShouldBe(66);
    }

    [Fact]
    public void A_breath_between_two_hands_spares_no_changeover()
    {
        var problem = Problem(100, Part("a", 20, 5, false, Dry), Part("breath", 10, 0, false), Part("c", 20, 5, false, Oiled));
        FitSolver.Solve(problem).Seconds.ShouldBe(58);
    }

    [Fact]
    public void A_table_stands_above_the_rule()
    {
        var problem = Problem(100, Part("a", 20, 5, false, Dry), Part("c", 20, 5, false, Oiled)) with
        {
            ChangeoverTable = new() { ["a"] = new() { ["c"] = 31 } },
        };
        FitSolver.Solve(problem).Seconds.ShouldBe(71);
    }

    [Fact]
    public void A_release_stays_while_its_block_stays_and_may_go_with_it()
    {
        var parts = new[] { Part("press", 30, 9, true, null, "jaw"), Part("let go", 25, 0, true, null, null, "jaw"), Part("glide", 40, 3) };
        FitSolver.Solve(Problem(60, parts)).Dropped.ShouldBe(["glide"]);
        FitSolver.Solve(Problem(54, parts)).Dropped.ShouldBe(["press", "let go"]);
    }

    [Fact]
    public void What_is_protected_stays_even_when_it_is_optional()
    {
        var answer = FitSolver.Solve(Problem(50, Part("second side", 30, 0) with { Protected = true }, Part("glide", 40, 9)));
        answer.Dropped.ShouldBe(["glide"]);
        answer.Value.ShouldBe(0);
    }

    [Fact]
    public void Below_the_floor_it_says_what_the_floor_is_made_of()
    {
        var answer = FitSolver.Solve(Problem(30, Part("a", 20, 5, false, Dry), Part("b", 9, 1), Part("c", 20, 5, false, Oiled)));
        answer.Status.ShouldBe(FitStatus.Infeasible);
        answer.Floor!.Seconds.ShouldBe(48);
        answer.Floor.MadeOf.Select(p => (p.Id, p.Seconds, p.Changeover)).ShouldBe([("a", 20, 0), ("c", 20, 8)]);
    }

    [Fact]
    public void The_same_problem_gives_the_same_answer()
    {
        var problem = Seeded(4);
        ExchangeJson.Write(FitSolver.Solve(problem)).ShouldBe(ExchangeJson.Write(FitSolver.Solve(problem)));
    }

    [Theory]
    [InlineData("""{"target_seconds": 0, "parts": []}""", "target_seconds", "parts")]
    [InlineData("""{"target_seconds": 60, "parts": [{"id": "a", "seconds": {}, "value": {}}]}""", "parts[0].seconds")]
    [InlineData(
        """{"target_seconds": 60, "parts": [{"id": "a", "seconds": {"full": -1}, "value": {"full": 1}, "releases": "x"}]}""",
        "parts[0].releases",
        "parts[0].seconds.full"
    )]
    [InlineData(
        """{"target_seconds": 9, "parts": [{"id": "a", "seconds": {"full": 1}, "value": {"full": 1}}, """
            + """{"id": "a", "seconds": {"full": 1}, "value": {"full": 1}, "hands": {"ground": "wet"}}]}""",
        "parts[1].id",
        "parts[1].hands.ground"
    )]
    [InlineData(
        """{"target_seconds": 9, "parts": [{"id": "a", "seconds": {"full": 1}, "value": {"full": 1}}], """
            + """ "changeover_table": [{"from": "a", "to": "b", "seconds": 3}]}""",
        "changeover_table.a.b"
    )]
    public void A_slip_is_named_at_its_field(string json, params string[] fields) =>
        FitProblem.Read(json).Issues().Select(i => i.Path).ShouldBe(fields, ignoreOrder: true);
}
