using FsCheck.Xunit;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Worked sums of the trade (common practice), each done by hand.</summary>
public class DoseSumTests
{
    private static DoseSum Sum(string line, string sides, Tempo tempo, HouseSettings? settings = null)
    {
        var s = settings ?? Reference.Settings;
        var reading = DoseLine.Read(line, new(sides), s, "dose");
        reading.Issues.ShouldBeEmpty();
        return DoseSum.Of(
            reading.Dose,
            tempo with
            {
                HoldS = reading.HoldSeconds ?? tempo.HoldS,
                RestS = reading.RestSeconds ?? tempo.RestS,
            },
            ClosedList.In<Sides>(sides),
            s
        );
    }

    private static readonly Tempo OneSecond = new(1, 0, 0, 0);

    [Fact]
    public void Two_sets_of_8_on_each_side_in_both_directions_are_64_repetitions() =>
        Sum("2 × 8, each side, both directions", "one-then-other", OneSecond).RepetitionsInAll.Standard.ShouldBe(64);

    [Fact]
    public void Four_circles_each_way_on_each_of_5_places_are_40() =>
        Sum("4 circles each way, 5 places", "both", OneSecond).RepetitionsInAll.Standard.ShouldBe(40);

    [Fact]
    public void Seven_strokes_in_3_lanes_are_21_with_both_hands_at_once_and_42_one_side_after_the_other()
    {
        Sum("7, 3 lanes", "both", OneSecond).RepetitionsInAll.Standard.ShouldBe(21);
        Sum("7, 3 lanes, each side", "one-then-other", OneSecond).RepetitionsInAll.Standard.ShouldBe(42);
    }

    [Fact]
    public void Four_holds_of_7_s_on_each_side_with_3_s_rest_are_56_s_of_tension_and_74_s_plus_the_change_of_sides()
    {
        // 2 × (4 × 7 + 3 × 3) = 74.
        var sum = Sum("4, each side, hold 7 s, rest 3 s", "one-then-other", new(0, 7, 0, 3));
        sum.TensionSeconds.Standard.ShouldBe(56);
        sum.TotalSeconds.Standard.ShouldBe(74 + Reference.Settings.ChangeOfSideSeconds);
        sum.SecondsPerSide.Standard.ShouldBe(37);
    }

    [Fact]
    public void Eleven_lines_of_4_strokes_on_both_sides_are_88_strokes_and_226_s_with_one_change_of_sides()
    {
        // 88 × 2.5 s = 220 s; a change of sides is 6 s.
        var sum = Sum("4, 11 lanes, each side", "one-then-other", new(2.5, 0, 0, 0));
        sum.RepetitionsInAll.Standard.ShouldBe(88);
        sum.TotalSeconds.Standard.ShouldBe(220 + 6, 1e-9);
    }

    [Fact]
    public void Sixteen_in_all_by_alternating_hands_are_8_for_each() =>
        Sum("16 in all, alternating", "alternating", OneSecond).RepetitionsPerSide.Standard.ShouldBe(8);

    [Fact]
    public void Both_hands_at_once_count_the_time_once() => Sum("10", "both", new(2, 0, 0, 0)).TotalSeconds.Standard.ShouldBe(20);

    [Fact]
    public void Twenty_five_breaths_of_4_in_and_6_out_last_250_s() =>
        Sum("25 breaths", "both", OneSecond).TotalSeconds.Standard.ShouldBe(250);

    [Theory]
    [InlineData("midline", new[] { "midline" })]
    [InlineData("left", new[] { "left" })]
    [InlineData("one-then-other", new[] { "left", "right" })]
    [InlineData("both", new[] { "both" })]
    public void The_counter_shows_a_column_for_each_side_that_is_counted(string sides, string[] columns) =>
        Sum(sides == "one-then-other" ? "5, each side" : "5", sides, OneSecond).Columns.Select(c => c.Word()).ShouldBe(columns);

    [Property]
    public bool Minimum_standard_and_full_never_change_places(byte a, byte b, byte c, byte sets, bool eachSide)
    {
        double[] sorted = [1 + (a % 50), 1 + (b % 50), 1 + (c % 50)];
        Array.Sort(sorted);
        var line = FormattableString.Invariant(
            $"{1 + (sets % 4)} × {sorted[0]} / {sorted[1]} / {sorted[2]}, {(eachSide ? "each side" : "in all")}"
        );
        var sum = DoseSum.Of(
            new(
                line,
                1 + (sets % 4),
                null,
                eachSide ? "side" : "all",
                [],
                null,
                "one-then-other",
                1,
                null,
                false,
                sorted[0],
                sorted[1],
                sorted[2],
                "reps"
            ),
            new(1, 2, 1, 1),
            Sides.OneThenOther,
            HouseSettings.Default
        );
        return sum.TotalSeconds.Minimum <= sum.TotalSeconds.Standard
            && sum.TotalSeconds.Standard <= sum.TotalSeconds.Full
            && sum.RepetitionsPerSide.Minimum <= sum.RepetitionsPerSide.Full;
    }

    [Property]
    public bool One_side_after_the_other_never_takes_less_time_than_both_at_once(byte n, byte hold)
    {
        Dose Of(string both, string per) =>
            new(null, 1, 1 + (n % 60), per, [], null, both, 1, null, false, null, 1 + (n % 60), null, "reps");
        var tempo = new Tempo(1, hold % 20, 1, 1);
        return DoseSum.Of(Of("one-then-other", "side"), tempo, Sides.OneThenOther, HouseSettings.Default).TotalSeconds.Standard
            >= DoseSum.Of(Of("together", "all"), tempo, Sides.Both, HouseSettings.Default).TotalSeconds.Standard;
    }

    /// <summary>
    /// Worked sums of the trade: 45–90 s, twice a day, 5 days a week is 450–900 s; 12 min a day on 6 days are 72 min a week.
    /// </summary>
    [Theory]
    [InlineData("45 / 60 / 90 s, twice a day, 5 days a week", 90, 180, 450, 900)]
    [InlineData("2 min, 6 times a day, 6 days a week", 720, 720, 4320, 4320)]
    public void A_day_and_a_week_add_up(string line, double dayMin, double dayFull, double weekMin, double weekFull)
    {
        var reading = DoseLine.Read(line, new("midline"), Reference.Settings with { MinimumShare = 1, FullShare = 1 }, "dose");
        reading.Issues.ShouldBeEmpty();
        var sum = DoseSum.Of(reading.Dose, A.Tempo(1, 0, 0, 0), Sides.Midline, Reference.Settings);
        (sum.DaySeconds!.Value.Minimum, sum.DaySeconds.Value.Full, sum.WeekSeconds!.Value.Minimum, sum.WeekSeconds.Value.Full).ShouldBe(
            (dayMin, dayFull, weekMin, weekFull)
        );
    }

    [Theory]
    [InlineData("8, daily", 1, null)]
    [InlineData("10, each side, 3 times a day", 3, null)]
    [InlineData("10 s, 6 days a week", null, 6)]
    [InlineData("10", null, null)]
    public void How_often_is_read_and_never_guessed(string line, int? times, int? days)
    {
        var dose = DoseLine.Read(line, new("both"), Reference.Settings, "dose").Dose;
        (dose.TimesADay, dose.DaysAWeek).ShouldBe((times, days));
        var again = DoseLine.Read(DoseLine.Format(dose, null), new("both"), Reference.Settings, "dose").Dose;
        (again.TimesADay, again.DaysAWeek, again.Standard).ShouldBe((times, days, dose.Standard));
    }
}
