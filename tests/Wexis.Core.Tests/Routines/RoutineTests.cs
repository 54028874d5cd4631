using System.Text.Json;
using FsCheck.Xunit;
using Wexis.Core.Measures;
using Wexis.Core.Routines;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Words;
using Wexis.Planning;

namespace Wexis.Core.Tests.Routines;

/// <summary>Sum, order, fit, script and slips of whole routines: by hand, as properties, and over the routines of the demo.</summary>
public class RoutineTests
{
    private static Derivation Derive(TechniqueDocument document) =>
        Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings);

    private static readonly FileLibrary Library = new([], Reference.Shipped, Derive);

    private static IReadOnlyList<RoutineDocument> Demo { get; } =
        RoutineFile.Read(File.ReadAllText(Path.Combine(Reference.DataFolder, "demo", "routines.json"))).Documents;

    private static RoutinePart T(
        string code,
        string role = "work",
        string level = "standard",
        bool optional = false,
        int stars = 0,
        string? id = null
    ) => new(id ?? code, code, 1, level, Role: role, Optional: optional, Stars: stars);

    private static RoutineDocument R(params RoutinePart[] parts) => new(RoutineDocument.CurrentSchema, "R", Parts: parts);

    private static RoutineSum Sum(RoutineDocument r) => RoutineSum.Of(RoutineSum.Lay(r, Library), Reference.Atlas, Reference.Settings);

    private static IReadOnlyList<RoutineRemark> Order(RoutineDocument r) =>
        RoutineReview.Of(r, RoutineSum.Lay(r, Library), Reference.Atlas, Reference.Schools);

    private static FitProblem Problem(RoutineDocument r, double minutes) =>
        RoutineFit.Problem(r, RoutineSum.Lay(r, Library), minutes, Reference.Atlas, Reference.Settings, Reference.Schools);

    private static RoutineDocument Moved(RoutineDocument r, RoutineRepair repair)
    {
        var parts = r.AllParts.ToList();
        var part = parts.Single(p => p.Id == repair.Part);
        parts.Remove(part);
        parts.Insert(repair.Before is null ? parts.Count : parts.FindIndex(p => p.Id == repair.Before), part);
        return r with { Parts = parts };
    }

    [Fact]
    public void The_routines_of_the_demo_are_whole_in_order_and_fit_their_minutes()
    {
        Demo.Count.ShouldBeGreaterThanOrEqualTo(6);
        Demo.SelectMany(r => r.AllSchools).Distinct().Count().ShouldBeGreaterThanOrEqualTo(4);
        foreach (var r in Demo)
        {
            RoutineValidation.Issues(r, Library, Reference.Atlas).ShouldBeEmpty(r.Name);
            Order(r).Select(m => m.Says).ShouldBeEmpty(r.Name);
            Sum(r).Chosen.ShouldBeInRange(4 * 50, r.Minutes!.Value * 60, r.Name!);
        }
        (Demo.Min(r => r.Minutes), Demo.Max(r => r.Minutes)).ShouldBe((4, 20));
    }

    /// <summary>
    /// By hand: "Temple circles" and "Rim feather" at home take 16 s and 17 s at standard; from dry to oiled fingers 10 s (house ruling
    /// 9), other
    /// fingers 2 s (house setting).
    /// </summary>
    [Fact]
    public void A_sum_worked_by_hand()
    {
        var sum = Sum(R(T("wx-temple-circles"), T("wx-rim-feather")));
        sum.Parts.Select(p => Math.Round(p.Chosen)).ShouldBe([16, 17]);
        sum.Changes.Select(c => (c.Kind, c.Seconds)).ShouldBe([(ChangeKind.Oil, 10), (ChangeKind.Hands, 2)]);
        Math.Round(sum.Chosen).ShouldBe(16 + 10 + 2 + 17);
        sum.Materials.Drops.ShouldBe(2);
    }

    [Fact]
    public void A_part_without_hands_between_two_others_spares_no_change()
    {
        var apart = Sum(R(T("wx-temple-circles"), T("wx-full-blinks"), T("wx-rim-feather")));
        apart.Changes.Select(c => c.Kind).ShouldBe([ChangeKind.Oil, ChangeKind.Hands]);
    }

    [Property(MaxTest = 60)]
    public bool Blocks_touch_and_come_to_the_sum(int seed)
    {
        var r = Any(seed, 6);
        var parts = RoutineSum.Lay(r, Library);
        var blocks = RoutineTimeline.Of(parts, Reference.Atlas, Reference.Settings);
        var touch = blocks.Zip(blocks.Skip(1)).All(b => Math.Abs(b.First.To - b.Second.From) < 1e-9);
        return touch && Math.Abs(blocks[^1].To - Sum(r).Chosen) < 1e-6;
    }

    [Property(MaxTest = 60)]
    public bool More_of_a_dose_is_never_shorter_and_the_choice_lies_between(int seed)
    {
        var sum = Sum(Any(seed, 7));
        return sum.Total.Minimum <= sum.Chosen + 1e-6 && sum.Chosen <= sum.Total.Full + 1e-6;
    }

    /// <summary>Parts of the shipped library in any order, from a number.</summary>
    private static RoutineDocument Any(int seed, int count)
    {
        var random = new Random(seed);
        var complete = Reference.Shipped.Where(t => Library.Find(t.Id!, 1)!.Standing == EditionStanding.Complete).ToList();
        string[] levels = ["minimum", "standard", "full"];
        string[] roles = ["prepare", "open", "work", "work", "work", "release", "close"];
        return R([
            .. Enumerable
                .Range(0, count)
                .Select(i =>
                    T(
                        complete[random.Next(complete.Count)].Id!,
                        roles[random.Next(roles.Length)],
                        levels[random.Next(3)],
                        random.Next(2) == 0,
                        random.Next(4),
                        $"p{i}"
                    )
                ),
        ]) with
        {
            Purpose = new([new("zygomaticus-major", null), new("skin", "skin-lymph")], ["cheeks", "eyes"]),
            Schools = random.Next(2) == 0 ? [] : ["fluid-led"],
        };
    }

    [Fact]
    public void A_fit_keeps_the_time_and_every_rule_and_the_fitted_routine_takes_no_longer_than_said()
    {
        for (var seed = 0; seed < 40; seed++)
        {
            var r = Any(seed, 8);
            foreach (var minutes in new[] { 2.0, 4, 7 })
            {
                var problem = Problem(r, minutes);
                var answer = FitSolver.Solve(problem);
                if (answer.Choice is null)
                {
                    answer.Floor!.Seconds.ShouldBeGreaterThan((int)(minutes * 60));
                    continue;
                }
                FitCheck.Faults(problem, answer.Choice).ShouldBeEmpty();
                var fitted = Sum(RoutineFit.With(r, answer.Choice)).Chosen;
                fitted.ShouldBeLessThanOrEqualTo(answer.Seconds!.Value + 1e-6, $"seed {seed}, {minutes} min");
                answer.Value!.Value.ShouldBe(answer.Bound!.Value);
            }
        }
    }

    [Fact]
    public void A_release_stays_with_its_block_and_a_closing_that_is_owed_stays()
    {
        var r = R(
            T("wx-neck-side-glide", "open", optional: true),
            T("wm-cheek-raises", optional: true, stars: 3),
            T("wm-jaw-knead", "release", optional: true),
            T("wx-cheek-sweep", optional: true),
            T("wm-exit-glide", "close", optional: true)
        );
        for (var minutes = 1.0; minutes <= 5; minutes += 0.5)
            if (FitSolver.Solve(Problem(r, minutes)).Choice is { } choice)
            {
                choice["wm-exit-glide"].ShouldNotBeNull("the last fluid stroke ends at the hollow, whatever is optional");
                if (choice["wm-cheek-raises"] is not null)
                    choice["wm-jaw-knead"].ShouldNotBeNull("what was tightened is let go");
            }
    }

    /// <summary>
    /// Never a second side, a release whose block stays, an opening or closing that style or safety needs: what is in order stays so,
    /// whatever the
    /// minutes, over the demo and over any parts that were in order.
    /// </summary>
    [Fact]
    public void What_is_in_order_before_a_fit_is_so_after_it()
    {
        string[] never = ["finish", "opening", "closing", "release", "second-side", "eye-after-oil"];
        string[] Broken(RoutineDocument r) => [.. Order(r).Select(m => m.Rule).Where(never.Contains).Distinct()];
        var tried = 0;
        var routines = Demo.Select(r => r with { Parts = [.. r.AllParts.Select(p => p with { Optional = true })] })
            .Concat(Enumerable.Range(0, 150).Select(seed => Any(seed, 8)));
        foreach (var r in routines)
        {
            var before = Broken(r);
            foreach (var minutes in new[] { 1.5, 3, 5, 8 })
                if (FitSolver.Solve(Problem(r, minutes)).Choice is { } choice)
                {
                    tried++;
                    Broken(RoutineFit.With(r, choice)).Except(before).ShouldBeEmpty($"{r.Name}, {minutes} min");
                }
        }
        tried.ShouldBeGreaterThan(200);
    }

    [Fact]
    public void The_longest_routine_with_many_promises_stays_within_the_bounds_and_a_promise_outweighs_all_else()
    {
        var r = Any(7, RoutineDocument.MostParts) with
        {
            Purpose = new(
                [.. Reference.Atlas.Document.Muscles.Take(40).Select(m => new RoutinePromise(m.Id, null))],
                [.. Reference.Atlas.Regions.Keys]
            ),
        };
        var problem = Problem(r with { Parts = [.. r.AllParts.Select(p => p with { Stars = 3 })] }, 40);
        problem.Issues().ShouldBeEmpty();
        var most = problem.AllParts.Sum(p => p.Levels.Max(l => p.Value!.At(l)!.Value));
        problem.AllRewards.Where(w => w.Id!.StartsWith("promise", StringComparison.Ordinal)).ShouldAllBe(w => w.Value > most);
    }

    [Fact]
    public void Promises_stand_before_regions_before_stars_before_seconds()
    {
        // One promise alone outweighs a region with more seconds and any number of stars.
        var r = R(T("wm-cheek-raises", optional: true), T("wx-eye-compass", optional: true, stars: 3)) with
        {
            Purpose = new([new("zygomaticus-major", "concentric")], ["eyes"]),
        };
        var answer = FitSolver.Solve(Problem(r, 1.1));
        answer.Dropped.ShouldBe(["wx-eye-compass"]);
        FitSolver.Solve(Problem(r with { Purpose = new([], ["eyes"]) }, 1.1)).Dropped.ShouldBe(["wm-cheek-raises"]);
    }

    [Fact]
    public void A_time_that_is_too_short_says_what_the_shortest_is_made_of()
    {
        var r = R(T("wx-side-neck-length"), T("wm-exit-glide", "close"), new("rest", Free: "settle", Seconds: 30, Role: "settle"));
        var answer = FitSolver.Solve(Problem(r, 1));
        answer.Status.ShouldBe(FitStatus.Infeasible);
        answer.Floor!.MadeOf.Select(p => p.Id).ShouldBe(["wx-side-neck-length", "wm-exit-glide", "rest"]);
        answer.Floor.MadeOf.Sum(p => p.Seconds + p.Changeover).ShouldBe(answer.Floor.Seconds);
    }

    public static TheoryData<string, string[], string[]> Disordered =>
        new()
        {
            { "finish", ["wm-exit-glide open", "wm-exit-glide close", "wx-cheek-sweep work"], [] },
            { "release", ["wm-jaw-knead release", "wm-cheek-raises work", "wx-dark-palms work"], [] },
            { "light-before-deep", ["wm-jaw-knead work", "wx-jaw-edge-glide work", "wm-exit-glide close"], [] },
            { "opening", ["wx-cheek-sweep work", "wx-neck-side-glide open", "wm-exit-glide close"], ["fluid-led"] },
            { "settle", ["wx-dark-palms settle", "wx-full-blinks work", "wx-near-far work"], [] },
        };

    [Theory]
    [MemberData(nameof(Disordered))]
    public void A_remark_says_what_is_out_of_order_and_its_repair_mends_it(string rule, string[] parts, string[] schools)
    {
        var r = R([.. parts.Select((p, i) => T(p.Split(' ')[0], p.Split(' ')[1], id: $"p{i}"))]) with { Schools = schools };
        var remark = Order(r).FirstOrDefault(m => m.Rule == rule);
        remark.ShouldNotBeNull(string.Join("; ", Order(r).Select(m => m.Says)));
        remark.Source.ShouldNotBeEmpty();
        var mended = Moved(r, remark.Repair.ShouldNotBeNull());
        mended.AllParts.Select(p => p.Id).ShouldBe(r.AllParts.Select(p => p.Id), ignoreOrder: true);
        Order(mended).ShouldNotContain(m => m.Rule == rule, remark.Repair.Words);
    }

    [Fact]
    public void Near_the_eye_after_oil_is_a_matter_of_safety_in_every_style()
    {
        var eye = Reference.Shipped.First(t =>
            Library.Find(t.Id!, 1) is { } f
            && f.Derived.Steps.Any(s =>
                s.Classes.Contains("eye")
                && s.Completed.AllHands.Any(h => h.Verb is not null)
                && s.Completed.AllHands.All(h => h.GripOrSlip != "slip")
            )
        );
        foreach (var school in Reference.Schools.Schools)
            Order(
                    R(T("wx-cheek-sweep", id: "oil"), T(eye.Id!, id: "eye"), T("wm-exit-glide", "close", id: "end")) with
                    {
                        Schools = [school.Id],
                    }
                )
                .ShouldContain(m => m.Rule == "eye-after-oil" && m.Weight == RemarkWeight.Safety, school.Id);
    }

    [Fact]
    public void A_cue_that_falls_while_the_mouth_is_busy_is_said_before_and_shown_as_moved()
    {
        var twoSteps = Reference.Shipped.First(t => t.Id == "wx-suck-release");
        var script = RoutineScript.Of(RoutineSum.Lay(R(T(twoSteps.Id!)), Library), Viewer.Facing, null, Reference.Settings);
        var moved = script.Parts[0].Lines.Where(l => l.Moved is not null).ToList();
        moved.ShouldAllBe(l => l.Moment == ScriptMoment.Before);
        moved.ShouldContain(l => l.Moved == "the mouth is busy then");
    }

    [Fact]
    public void The_second_side_is_named_for_whoever_is_addressed()
    {
        var technique = A.Technique(A.Hand("stroke", "malar", 1, "two-fingers", "one-then-other", "5 each side")) with { Id = "glide" };
        var library = new FileLibrary([], [technique], d => Derivation.Of(d, Reference.Atlas, Reference.Model, Reference.Settings));
        var parts = RoutineSum.Lay(new(null, "R", Parts: [new("p", "glide", 1, "standard")]), library);
        string Second(Viewer viewer) =>
            RoutineScript.Of(parts, viewer, null, Reference.Settings).Parts[0].Lines.Single(l => l.Moment == ScriptMoment.OtherSide).Text;
        Second(Viewer.Subject).ShouldMatch("Now (the|your) (left|right) side\\.");
        Second(Viewer.Facing).ShouldContain("on your");
        Second(Viewer.Facing).ShouldNotBe(Second(Viewer.Subject));
    }

    [Fact]
    public void A_dose_that_is_left_empty_keeps_what_the_technique_says() =>
        (new RoutinePart("p", Doses: ["", " "]).HasOwnDose, new RoutinePart("p", Doses: ["", "5"]).HasOwnDose).ShouldBe((false, true));

    /// <summary>Tauroza and Allison 1990: lectures at about 140 words a minute; the rate is checked by its own arithmetic.</summary>
    [Fact]
    public void Seconds_of_speech_follow_the_rate()
    {
        var words = string.Join(' ', Enumerable.Repeat("word", 70));
        var talk = new RoutinePart("t", Free: "talk", Seconds: 20, Words: words);
        var usual = RoutineScript.Of(RoutineSum.Lay(R(talk), Library), Viewer.Facing, null, Reference.Settings).Parts[0];
        usual.WhileSeconds.ShouldBe(30, "70 words at 140 a minute");
        usual.OverSeconds.ShouldBe(10, "20 s were given");
        RoutineScript.Of(RoutineSum.Lay(R(talk), Library), Viewer.Facing, 210, Reference.Settings).Parts[0].OverSeconds.ShouldBe(0);
        RoutineScript.Rate(words, 30).ShouldBe(140);
        Should.Throw<ArgumentOutOfRangeException>(() => RoutineScript.Rate(words, 1));
    }

    public static TheoryData<string, RoutineDocument> Slips =>
        new()
        {
            { "parts", R() },
            { "name", R(T("wx-full-blinks")) with { Name = " " } },
            { "minutes", R(T("wx-full-blinks")) with { Minutes = 0 } },
            { "minutes", R(T("wx-full-blinks")) with { Minutes = 500 } },
            { "parts[0].technique", R(T("no-such")) },
            { "parts[0].technique", R(T("wm-lid-press-old")) },
            { "parts[0].technique", R(T("wm-chin-circles")) },
            { "parts[0].edition", R(T("wx-full-blinks") with { Edition = 9 }) },
            { "parts[0].level", R(T("wx-full-blinks") with { Level = null }) },
            { "parts[0].level", R(T("wx-full-blinks") with { Level = "huge" }) },
            { "parts[0].role", R(T("wx-full-blinks") with { Role = "queen" }) },
            { "parts[1].id", R(T("wx-full-blinks"), T("wx-full-blinks")) },
            { "parts[0].seconds", R(new RoutinePart("a", Free: "talk")) },
            { "parts[0].free", R(new RoutinePart("a", Free: "dance", Seconds: 5)) },
            { "parts[0].doses", R(T("wx-full-blinks") with { Level = null, Doses = ["a hundred thousand times"] }) },
            { "schools[0]", R(T("wx-full-blinks")) with { Schools = ["no-such"] } },
            { "purpose.structures[0].structure", R(T("wx-full-blinks")) with { Purpose = new([new("no-such", null)], []) } },
        };

    [Theory]
    [MemberData(nameof(Slips))]
    public void A_slip_is_named_at_its_field(string field, RoutineDocument document)
    {
        var issues = RoutineValidation.Issues(document, Library, Reference.Atlas);
        issues.ShouldContain(i => i.Path == field, string.Join("; ", issues.Select(i => i.Text)));
        // Nothing that is said of it falls over a slip.
        Should.NotThrow(() => Sum(document));
    }

    [Fact]
    public void A_file_is_read_whole_or_says_what_it_is_not()
    {
        RoutineFile.Read("{").Issues.ShouldHaveSingleItem();
        RoutineFile.Read("[]").Issues.ShouldHaveSingleItem().Path.ShouldBe("schema");
        RoutineFile.Read("""{"schema":"wexis.routine/9"}""").Issues.ShouldHaveSingleItem().Path.ShouldBe("schema");
        RoutineFile.Read("""{"schema":"wexis.routine/1","name":"x","parts":[{"id":"a","speed":3}]}""").Issues.ShouldHaveSingleItem();
        foreach (var r in Demo)
            JsonSerializer
                .Serialize(RoutineFile.Read(ExchangeJson.Write(r)).Documents.Single(), ExchangeJson.Options)
                .ShouldBe(JsonSerializer.Serialize(r, ExchangeJson.Options));
    }

    [Fact]
    public void Two_routines_differ_in_words_and_one_not_from_itself()
    {
        IReadOnlyList<RoutineDifference> Between(RoutineDocument a, RoutineDocument b) =>
            RoutineDifference.Between(RoutineSum.Lay(a, Library), Sum(a), RoutineSum.Lay(b, Library), Sum(b), Reference.Atlas);
        foreach (var r in Demo)
            Between(r, r).ShouldBeEmpty(r.Name);
        var (here, there) = (Between(Demo[0], Demo[3]), Between(Demo[3], Demo[0]));
        here.Count.ShouldBe(there.Count);
        here.Select(d => d.What).Distinct().Count().ShouldBeGreaterThanOrEqualTo(4);
        here.Zip(there).ShouldAllBe(d => d.First.First == d.Second.Second || d.First.What != d.Second.What);
    }
}
