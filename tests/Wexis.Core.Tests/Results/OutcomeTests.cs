using System.Globalization;
using System.Text.Json;
using CsvHelper;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;

namespace Wexis.Core.Tests.Results;

/// <summary>What an examination comes to, a cohort as a table, and a run under how it should run.</summary>
public class OutcomeTests
{
    private static StationId Id(int n) => StationId.From(new(n, 3, 3, new byte[8]));

    private static StationStanding At(
        int n,
        double? percent,
        bool safe = true,
        bool settled = true,
        double? doing = null,
        double? teaching = null
    ) =>
        new(
            Id(n),
            percent is null ? null
                : percent >= 75 && safe ? Decision.Pass
                : Decision.Fail,
            percent,
            doing ?? percent,
            teaching ?? percent,
            safe,
            settled
        );

    private static readonly ExaminationRule Mean = new(WholeRule.Total, 75, 60, 50);

    [Fact]
    public void All_passed_wants_every_station_and_says_what_is_open()
    {
        ExaminationOutcome.Of(ExaminationRule.Default, [At(1, 80), At(2, 90)]).Decision.ShouldBe(Decision.Pass);
        var open = ExaminationOutcome.Of(ExaminationRule.Default, [At(1, 80), At(2, null), At(3, 95, settled: false)]);
        (open.Decision, open.Says).ShouldBe((Decision.Open, "2 stations are still open."));
        open.Open.ShouldBe([Id(2), Id(3)]);
        var failed = ExaminationOutcome.Of(ExaminationRule.Default, [At(1, 80), At(2, 74.99)]);
        (failed.Decision, failed.Passed.Single(), failed.Open.Single()).ShouldBe((Decision.Fail, Id(1), Id(2)));
    }

    /// <summary>Worked by hand: (90 + 60 + 78) / 3 = 76; (90 + 60 + 74.9) / 3 = 74.966… is below 75, and is not rounded to it.</summary>
    [Fact]
    public void A_total_is_the_mean_unrounded_and_each_domain_has_its_minimum()
    {
        ExaminationOutcome.Of(Mean, [At(1, 90), At(2, 60), At(3, 78)]).Percent!.Value.ShouldBe(76, 1e-9);
        ExaminationOutcome.Of(Mean, [At(1, 90), At(2, 60), At(3, 78)]).Decision.ShouldBe(Decision.Pass);
        ExaminationOutcome.Of(Mean, [At(1, 90), At(2, 60), At(3, 74.9)]).Decision.ShouldBe(Decision.Fail);
        var talks = ExaminationOutcome.Of(Mean, [At(1, 90, teaching: 40), At(2, 85, teaching: 55)]);
        (talks.Decision, talks.Says).ShouldBe((Decision.Fail, "Teaching comes to 47.5 %, 50 % is the least."));
    }

    [Theory]
    [InlineData(WholeRule.AllPassed)]
    [InlineData(WholeRule.Total)]
    public void Safety_that_was_missed_is_made_up_by_nothing(WholeRule rule)
    {
        var outcome = ExaminationOutcome.Of(new(rule, 50), [At(1, 100), At(2, 99, safe: false), At(3, 100)]);
        (outcome.Decision, outcome.Open.Single()).ShouldBe((Decision.Fail, Id(2)));
    }

    private static readonly CohortLine Line = new(
        PersonId.New(),
        "=HYPERLINK(\"x\")",
        "Autumn, \"practical\"",
        Id(2),
        1,
        "Ear-to-collarbone\r\nglide",
        2,
        new(2026, 11, 3, 9, 16, 0, TimeSpan.FromHours(1)),
        "Benno Fairweld",
        Decision.NotEnoughShown,
        71.66666666,
        72,
        null,
        null,
        "release"
    );

    /// <summary>
    /// Table Schema (Frictionless Data, version 1: each field has a name and a type of its list; datetime is ISO 8601 with seconds; from
    /// memory) and RFC 4180 (quotes are doubled, a line break stands in quotes), read by a general-purpose reader.
    /// </summary>
    [Fact]
    public void The_table_is_what_its_schema_says()
    {
        var schema = JsonDocument.Parse(CohortTable.Schema()).RootElement;
        string[] types = ["string", "integer", "number", "datetime", "boolean", "date"];
        var fields = schema.GetProperty("fields").EnumerateArray().ToList();
        fields.ShouldAllBe(f => types.Contains(f.GetProperty("type").GetString()));
        schema.GetProperty("missingValues")[0].GetString().ShouldBe("");
        var text = CohortTable.Write([Line]);
        text.ShouldContain("\"Autumn, \"\"practical\"\"\"");
        using var csv = new CsvReader(new StringReader(text), CultureInfo.InvariantCulture);
        csv.Read();
        csv.ReadHeader();
        csv.HeaderRecord.ShouldBe(fields.Select(f => f.GetProperty("name").GetString()!).ToArray());
        csv.Read().ShouldBeTrue();
        csv.GetField("trainee").ShouldStartWith("'", Case.Sensitive, "no cell is one that a spreadsheet runs");
        csv.GetField("decided_at").ShouldBe("2026-11-03T08:16:00Z");
        csv.GetField("teaching").ShouldBe("");
        foreach (var field in fields)
        {
            var value = csv.GetField(field.GetProperty("name").GetString()!)!;
            if (field.TryGetProperty("constraints", out var constraints))
            {
                if (constraints.TryGetProperty("required", out _))
                    value.ShouldNotBeEmpty();
                if (constraints.TryGetProperty("enum", out var words) && value.Length > 0)
                    words.EnumerateArray().Select(w => w.GetString()).ShouldContain(value);
                if (constraints.TryGetProperty("maximum", out var most) && value.Length > 0)
                    double.Parse(value, CultureInfo.InvariantCulture).ShouldBeLessThanOrEqualTo(most.GetDouble());
            }
        }
    }

    [Fact]
    public void A_run_stands_under_its_plan_from_the_first_movement_on_and_the_side_shown_first_comes_first()
    {
        var sheet = Examinations.MarkSheetDraftTests.Sheet(
            A.Step("3 / 5 / 8, each side") with
            {
                Hands = [A.Track("stroke", 1, sides: "one-then-other").From("alare", "ear_front") with { GripOrSlip = "slip" }],
            }
        );
        MarkEvent Tap(int n, Side side, double at) =>
            new(MarkId.From(new(n, 1, 1, new byte[8])), MarkKind.Rep, "d", n, (long)(at * 1000), 0, side, null, null, null, n);
        var state = SheetState.Of([Tap(1, Side.Left, 12), Tap(2, Side.Left, 15), Tap(3, Side.Right, 30)]);
        var run = ScoreRun.Of(state, sheet, Reference.Settings);
        run.Lanes.Select(l => l.Side).ShouldBe([Side.Left, Side.Right]);
        run.Lanes[0].Taps.ShouldBe([0, 3]);
        (run.Lanes[0].PlanFrom, run.Lanes[0].PlanCount).ShouldBe((0, 5));
        run.Lanes[1].PlanFrom.ShouldBe(run.Lanes[0].PlanTo + Reference.Settings.ChangeOfSideSeconds, 1e-9);
        run.Seconds.ShouldBeGreaterThanOrEqualTo(18);
    }
}
