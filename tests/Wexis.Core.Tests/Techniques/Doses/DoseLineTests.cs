using FsCheck.Xunit;
using Wexis.Core.Techniques.Doses;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Doses as trainers write them (common practice); sums by hand in docs/method.md#dose.</summary>
public class DoseLineTests
{
    private static DoseReading Read(string line, string? sides = "both") =>
        DoseLine.Read(line, new(sides), Reference.Settings, "steps[0].dose.line");

    [Theory]
    [InlineData("5", "both", 1, 5, null, "all")]
    [InlineData("3 × 10, each side, 2 s", "one-then-other", 3, 10, 2.0, "side")]
    [InlineData("3 x 10 per side", "one-then-other", 3, 10, null, "side")]
    [InlineData("3 sets of 10", "both", 3, 10, null, "all")]
    [InlineData("16 in all, alternating", "both", 1, 16, null, "all")]
    [InlineData("8 circles each way", "both", 1, 8, null, "all")]
    public void A_line_is_read_as_it_is_meant(string line, string sides, int sets, double standard, double? hold, string per)
    {
        var reading = Read(line, sides);
        reading.Issues.ShouldBeEmpty();
        reading.Questions.ShouldBeEmpty();
        (reading.Dose.Sets, reading.Dose.Standard, reading.HoldSeconds, reading.Dose.Per).ShouldBe((sets, standard, hold, per));
    }

    [Fact]
    public void Three_numbers_are_minimum_standard_and_full()
    {
        var dose = Read("3 / 5 / 8").Dose;
        (dose.Min, dose.Standard, dose.Full).ShouldBe((3, 5, 8));
    }

    [Theory]
    [InlineData("5 to 6 times")]
    [InlineData("5-6 x")]
    [InlineData("5 – 6 times, each side")]
    public void A_range_may_be_followed_by_times(string line)
    {
        var reading = Read(line);
        reading.Issues.ShouldBeEmpty();
        (reading.Dose.Min, reading.Dose.Full).ShouldBe((5, 6));
    }

    [Fact]
    public void Hold_ten_seconds_twice_is_two_repetitions_of_a_ten_second_hold()
    {
        var reading = Read("hold 10 s, twice");
        reading.HoldSeconds.ShouldBe(10);
        reading.Dose.Standard.ShouldBe(2);
    }

    [Theory]
    [InlineData("20 s", "seconds", 20)]
    [InlineData("2 min", "seconds", 120)]
    [InlineData("6 breaths", "breaths", 6)]
    public void A_dose_may_be_a_time_or_breaths(string line, string unit, double standard)
    {
        var dose = Read(line).Dose;
        (dose.Unit, dose.Standard).ShouldBe((unit, standard));
    }

    [Fact]
    public void Eight_circles_alone_ask_whether_each_way_or_in_all_and_each_answer_settles_it()
    {
        var question = Read("8 circles").Questions.ShouldHaveSingleItem();
        question.Text.ShouldBe("8 circles: 8 each way, or 8 in all?");
        foreach (var answer in question.Answers)
            Read(answer.Value).Questions.ShouldBeEmpty();
    }

    [Fact]
    public void A_bare_count_on_two_sides_asks_whether_each_side_or_in_all()
    {
        var question = Read("8", "one-then-other").Questions.ShouldHaveSingleItem();
        question.Text.ShouldBe("8: on each side, or 8 in all?");
        Read(question.Answers[0].Value, "one-then-other").Dose.Per.ShouldBe("side");
        Read(question.Answers[1].Value, "one-then-other").Dose.Per.ShouldBe("all");
    }

    [Theory]
    [InlineData("-3", "both", "steps[0].dose.line: -3 is outside 0 to 600.")]
    [InlineData("hold -10 s", "both", "steps[0].dose.line: -10 is outside 0 to 600.")]
    [InlineData("999", "both", "steps[0].dose.line: 999 repetitions is outside 0 to 200 repetitions.")]
    [InlineData(
        "8, each side",
        "midline",
        "steps[0].dose.line: “8, each side” does not go together with a step on the midline, which has no sides."
    )]
    [InlineData("8 right side only", "midline", "steps[0].dose.line: A right-side dose does not go together with a step on the midline.")]
    public void Nonsense_is_refused_with_the_field_named(string line, string sides, string says) =>
        Read(line, sides).Issues.Select(i => i.Text).ShouldContain(says);

    [Theory]
    [InlineData("as often as you like")]
    [InlineData("8 somersaults")]
    [InlineData("3 / 5 / 8 / 9")]
    [InlineData("8 / 5 / 3")]
    public void What_cannot_be_read_is_never_guessed(string line) => Read(line).Issues.ShouldNotBeEmpty();

    [Theory]
    [InlineData("")]
    [InlineData("   ")]
    [InlineData(null)]
    public void An_empty_line_is_a_question(string? line) =>
        DoseLine.Read(line, new("both"), Reference.Settings, "p").Questions.ShouldHaveSingleItem();

    [Property]
    public bool Any_text_is_read_without_an_exception_and_gives_a_dose_a_question_or_an_issue(string? line)
    {
        var reading = DoseLine.Read(line, new("both"), Reference.Settings, "p");
        return reading.Issues.Count > 0 || reading.Questions.Count > 0 || reading.Dose.Standard is > 0 and <= 600;
    }

    [Property]
    public bool A_formatted_dose_reads_back_to_itself(byte repetitions, byte sets, bool eachSide)
    {
        var (n, s) = (1 + (repetitions % 200), 1 + (sets % 20));
        var line = $"{s} × {n}" + (eachSide ? ", each side" : ", in all");
        var first = Read(line, "one-then-other").Dose;
        var again = Read(DoseLine.Format(first, null), "one-then-other").Dose;
        return (first.Sets, first.Standard, first.Per) == (again.Sets, again.Standard, again.Per);
    }

    /// <summary>
    /// Doses as people say them (common practice; written for this test). After the bar: the count with its unit, then what else is told;
    /// "?" where a question stays open, "ask" where nothing can be counted, "issue" where a word is not understood. Nothing is guessed.
    /// </summary>
    public static TheoryData<string, string> Said =>
        new(
            File.ReadAllLines(Path.Combine(Reference.DataFolder, "..", "tests", "cases", "dose", "said.txt"))
                .Select(l => l.Split(" | "))
                .Select(l => (l[0], l[1]))
        );

    [Theory, MemberData(nameof(Said))]
    public void A_dose_is_taken_as_people_say_it(string line, string meant) => InShort(Read(line, null)).ShouldBe(meant, line);

    private static string InShort(DoseReading reading)
    {
        var dose = reading.Dose;
        if (reading.Issues.Count > 0)
            return "issue";
        if (reading.Questions.Count > 0 && dose.Standard is null or 0)
            return "ask";
        var unit = dose.Unit switch
        {
            "seconds" => "s",
            "breaths" => "br",
            _ => "",
        };
        string?[] parts =
        [
            $"{dose.Standard:0.##}{unit}",
            dose.Sets > 1 ? $"sets{dose.Sets}" : null,
            reading.HoldSeconds is { } hold ? $"hold{hold:0.##}" : null,
            reading.RestSeconds is { } rest ? $"rest{rest:0.##}" : null,
            dose.SetRestS is { } between ? $"setrest{between:0.##}" : null,
            dose.Per == "side" ? "side" : null,
            dose.Per == "all" && dose.Both is not ("together" or "midline") ? "inall" : null,
            dose.Both switch
            {
                "alternating" => "alt",
                "together" => "tog",
                _ => null,
            },
            dose.AllDirections.Count == 2 ? "ways" : null,
            dose.Lanes > 1 ? $"lanes{dose.Lanes}" : null,
            dose.TimesADay is { } daily ? $"day{daily}" : null,
            dose.DaysAWeek is { } weekly ? $"week{weekly}" : null,
            reading.Questions.Count > 0 ? "?" : null,
        ];
        return string.Join(" ", parts.OfType<string>());
    }
}
