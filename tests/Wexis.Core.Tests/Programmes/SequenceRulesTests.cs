using FsCheck.Xunit;
using Wexis.Core.Measures;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Documents;
using static Wexis.Core.Tests.Programmes.SequenceCases;

namespace Wexis.Core.Tests.Programmes;

/// <summary>What each kind of rule means, in which sessions it lets a unit stand, and what is said of a placement.</summary>
public class SequenceRulesTests
{
    private static readonly IReadOnlyList<ProgrammeSession> Weeks =
    [
        new("s1", "2027-03-01", Minutes: 120),
        new("s2", "2027-03-08", Minutes: 120),
        new("s3", "2027-03-15", Minutes: 120),
        new("s4", "2027-04-12", Minutes: 120),
    ];

    private static ProgrammeDocument Two(params ProgrammeRule[] rules) => Programme([Unit("a"), Unit("b")], Weeks, rules);

    /// <summary>Places of a and b that hold, as "1 2".</summary>
    private static string[] Held(ProgrammeDocument programme)
    {
        programme.Issues(null).ShouldBeEmpty();
        var problem = SequenceProblem.Of(programme);
        return
        [
            .. from s in Enumerable.Range(0, 4)
            from t in Enumerable.Range(0, 4)
            where SequenceCheck.Faults(problem, [s, t]).Count == 0
            select $"{s + 1} {t + 1}",
        ];
    }

    [Fact]
    public void An_order_lets_both_stand_in_one_session() =>
        Held(Two(new ProgrammeRule("r", "order", After: "a", Before: "b"))).ShouldContain("2 2");

    [Fact]
    public void Days_between_are_counted_from_the_first_to_the_second_and_never_back() =>
        Held(Two(new ProgrammeRule("r", "gap-days", Units: ["a", "b"], Days: [7, 14]))).ShouldBe(["1 2", "1 3", "2 3"]);

    [Fact]
    public void Twelve_practice_days_at_six_a_week_need_thirteen_days_between() =>
        Held(Two(new ProgrammeRule("r", "practice-days", After: "a", Before: "b", Days: [12], PerWeek: 6)))
            .ShouldBe(["1 3", "1 4", "2 4", "3 4"]);

    [Fact]
    public void A_closure_has_no_practice_and_no_session()
    {
        var closed = Two(new ProgrammeRule("r", "practice-days", After: "a", Before: "b", Days: [12], PerWeek: 6)) with
        {
            Closures = [new("2027-03-16", "2027-04-01")],
        };
        // From the 15th of March to the 12th of April 27 days lie between; 17 are closed, 10 are left.
        Held(closed).ShouldBe(["1 3", "1 4", "2 4"]);
        Held(Two() with { Closures = [new("2027-03-08", null, "a feast")] }).ShouldAllBe(x => !x.Contains('2'));
    }

    [Fact]
    public void Before_a_date_is_before_it_and_after_a_date_after_it()
    {
        Held(Two(new ProgrammeRule("r", "before-date", Unit: "a", Date: "2027-03-08"))).ShouldAllBe(x => x[0] == '1');
        Held(Two(new ProgrammeRule("r", "after-date", Unit: "a", Date: "2027-03-15"))).ShouldAllBe(x => x[0] == '4');
    }

    [Fact]
    public void Staff_rooms_and_group_sizes_count_where_sessions_say_what_there_is()
    {
        ProgrammeSession With(string[]? staff, string[]? rooms) => Weeks[0] with { Staff = staff, Rooms = rooms };
        bool Holds(ProgrammeSession session, int people = 6) =>
            SequenceCheck
                .Faults(
                    SequenceProblem.Of(
                        Programme([Unit("a") with { Staff = ["assessor"], Room = "hall", MaxGroup = 6 }], [session]) with
                        {
                            Participants = people,
                        }
                    ),
                    [0]
                )
                .Count == 0;
        Holds(With(null, null)).ShouldBeTrue("nothing is said of them");
        Holds(With(["lead"], null)).ShouldBeFalse();
        Holds(With(["lead", "assessor"], ["hall"])).ShouldBeTrue();
        Holds(With(["assessor"], ["garden"])).ShouldBeFalse();
        Holds(With(["assessor"], null), 7).ShouldBeFalse();
        Holds(With(["assessor", "assessor"], null), 7).ShouldBeTrue("two of them take twelve");
    }

    [Fact]
    public void Breaks_are_no_room_for_units()
    {
        var problem = SequenceProblem.Of(Programme([Unit("a", 100)], [Session("s", 0, 120, 30)]));
        SequenceCheck.Faults(problem, [0]).ShouldHaveSingleItem().ShouldBeOfType<CapacityRule>();
    }

    [Fact]
    public void Every_placement_can_be_asked_why()
    {
        var problem = SequenceProblem.Of(
            Programme(
                [Unit("a", 100), Unit("b", 60, "a")],
                Weeks,
                new ProgrammeRule("r", "practice-days", After: "a", Before: "b", Days: [6], PerWeek: 6)
            )
        );
        var why = SequenceCheck.Why(problem, [1, 2], 1);
        why[0].Says.ShouldContain("Not in session 1: “A” comes first, and stands in session 2");
        why[1].Says.ShouldContain("it would hold 160 minutes and has 120");
        why[1].Says.ShouldContain("6 days of practice");
        why[2].Says.ShouldBe("It could stand in session 4 just as well.");
    }

    /// <summary>Kelley and Walker 1959; the numbers are a textbook network worked by hand: 3 + 5 + 4 + 2 along a, c, e, f.</summary>
    [Fact]
    public void The_longest_chain_is_the_critical_path()
    {
        var problem = SequenceProblem.Of(
            Programme(
                [Unit("a", 3), Unit("b", 2, "a"), Unit("c", 5, "a"), Unit("d", 4, "b"), Unit("e", 4, "c"), Unit("f", 2, "d", "e")],
                [Session("s", 0)]
            )
        );
        var graph = SequenceGraph.Written(problem);
        graph.CriticalPath().Select(u => problem.Units[u].Id).ShouldBe(["a", "c", "e", "f"]);
        graph.Levels().Select(l => string.Join("", l.Select(u => problem.Units[u].Id))).ShouldBe(["a", "bc", "de", "f"]);
    }

    [Property(MaxTest = 60)]
    public void An_order_is_topological_and_stays_with_the_programme_where_it_may(byte seed)
    {
        var programme = Drawn(seed, 15, 4, 25);
        var problem = SequenceProblem.Of(programme);
        var order = SequenceGraph.Written(problem).Order(Enumerable.Range(0, 15)).ToList();
        foreach (var unit in programme.AllUnits)
        foreach (var p in unit.AllPrerequisites)
            order
                .IndexOf(programme.AllUnits.ToList().FindIndex(u => u.Id == p))
                .ShouldBeLessThan(order.IndexOf(programme.AllUnits.ToList().IndexOf(unit)));
    }

    [Fact]
    public void A_plan_is_read_also_where_what_was_written_turns_against_what_the_trade_keeps()
    {
        var programme = Programme([Unit("a") with { Phase = "late" }, Unit("b", 60, "a") with { Phase = "early" }], [Session("s", 0)]) with
        {
            Phases = ["early", "late"],
            Plan = [new("a", "s"), new("b", "s")],
        };
        var reading = SequenceReading.Of(programme, new Dictionary<string, TaughtTechnique>());
        reading.Sessions[0].Units.ShouldBe(["a", "b"]);
        reading.Measure!.Sessions.ShouldBe(1);
        SequenceReading
            .Of(programme with { Plan = [new("a", "s"), new("b", "gone")] }, new Dictionary<string, TaughtTechnique>())
            .Missing.ShouldBe(["b"]);
    }

    [Property(MaxTest = 60)]
    public void Any_plan_that_somebody_makes_is_read_without_an_exception(byte seed)
    {
        var random = new Random(seed);
        var drawn = Drawn(seed, 8, 3, 10);
        string[] phases = ["x", "y", "z"];
        var programme = drawn with
        {
            Phases = phases,
            Units = [.. drawn.AllUnits.Select(u => u with { Phase = phases[random.Next(3)] })],
            Plan = [.. drawn.AllUnits.Select(u => new Placement(u.Id, $"s{random.Next(3)}"))],
        };
        var reading = SequenceReading.Of(programme, new Dictionary<string, TaughtTechnique>());
        reading.Sessions.Sum(s => s.Units.Count).ShouldBe(8);
        reading.Units.ShouldAllBe(u => u.Why.Count == 2);
    }

    private static TaughtTechnique Taught(string id, Step step, string[]? classes = null) =>
        new(id, id, DerivedStanding.Complete, [], Reference.Derive(step).Map, Classes: classes);

    /// <summary>Common practice: one side before both at once, where the same muscle is worked in the same way.</summary>
    [Fact]
    public void One_side_comes_before_both_at_once_and_never_in_a_ring()
    {
        TaughtTechnique Knead(string id, string zone, bool inTurn) =>
            Taught(id, A.Hand("knead", zone, 3, "knuckles")) with
            {
                SidesInTurn = inTurn,
            };
        var techniques = new[]
        {
            Knead("jaw-one", "masseter-area", true),
            Knead("jaw-both", "masseter-area", false),
            Knead("temple-one", "temple", true),
            Knead("temple-both", "temple", false),
        }.ToDictionary(t => t.Id);
        ProgrammeUnit Practice(string id, params string[] of) => Unit(id) with { Kind = "supervised-practice", Techniques = of };
        string Edges(params ProgrammeUnit[] units) =>
            string.Join(
                ", ",
                SequenceProblem.Of(Programme(units, Weeks), techniques) is var problem
                    ? problem
                        .Rules.OfType<OrderRule>()
                        .Where(r => r.Id == "one-side-first")
                        .SelectMany(r => r.Edges)
                        .Select(e => $"{problem.Units[e.First].Id}<{problem.Units[e.Then].Id}")
                        .Order(StringComparer.Ordinal)
                    : []
            );
        Edges(Practice("both", "jaw-both"), Practice("one", "jaw-one")).ShouldBe("one<both");
        Edges(Practice("jaw", "jaw-both"), Practice("temple", "temple-one")).ShouldBe("", "another muscle");
        Edges(Practice("a", "jaw-one", "temple-both"), Practice("b", "jaw-both", "temple-one"))
            .ShouldBe("", "each has something to teach first");
    }

    [Fact]
    public void What_the_trade_keeps_follows_from_what_the_techniques_do()
    {
        var techniques = new[]
        {
            Taught("glide", A.Hand("stroke", "malar", 1)),
            Taught("knead", A.Hand("knead", "masseter-area", 4, "knuckles")),
            Taught("lid", A.Hand("stroke", "lower-lid", 1)),
            Taught("stone", A.Hand("stroke", "malar", 1), ["tool"]),
        }.ToDictionary(t => t.Id);
        ProgrammeUnit Practice(string id, params string[] of) => Unit(id) with { Kind = "supervised-practice", Techniques = of };
        var programme = Programme(
            [
                Practice("stone", "stone"),
                Practice("lid", "lid"),
                Practice("knead", "knead"),
                Practice("glide", "glide"),
                Unit("safety") with
                {
                    Phase = "safety",
                },
                Unit("teach") with
                {
                    Kind = "teaching-practice",
                },
            ],
            Weeks
        ) with
        {
            Phases = ["safety"],
        };
        var problem = SequenceProblem.Of(programme, techniques);
        string Edges(string id) =>
            string.Join(
                ", ",
                problem
                    .Rules.OfType<OrderRule>()
                    .Where(r => r.Id == id)
                    .SelectMany(r => r.Edges)
                    .Select(e => $"{problem.Units[e.First].Id}<{problem.Units[e.Then].Id}")
                    .Order(StringComparer.Ordinal)
            );
        Edges("safety-first").ShouldBe("safety<glide, safety<knead, safety<lid, safety<stone");
        Edges("glide-before-firm").ShouldContain("glide<knead");
        Edges("eye-after-light").ShouldBe("glide<lid");
        Edges("tools-last").ShouldBe("glide<stone, knead<stone, lid<stone");
        Edges("teaching-after").ShouldBe("glide<teach, knead<teach, lid<teach, stone<teach");
        SequenceProblem
            .Of(programme with { Aside = [new("tools-last", "one day with a guest")] }, techniques)
            .Rules.ShouldNotContain(r => r.Id == "tools-last");
    }
}
