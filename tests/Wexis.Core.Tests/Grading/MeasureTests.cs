using FsCheck.Xunit;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Grading;

/// <summary>Taps to measures, and measures to marks, by the house rulings (common practice).</summary>
public class MeasureTests
{
    private static TrackMeasure Measure(double cycle, params double[] taps) =>
        DemonstrationMeasures.Of(new(0, Side.Left, taps, [], null), cycle, Reference.Settings);

    [Theory]
    [InlineData(40, 26, true, "fault")] // 0.65
    [InlineData(21, 19, true, "fine")] // 0.905
    [InlineData(24, 19, true, "remark")] // 0.79
    [InlineData(9, 8, true, "fine")] // under 2 s
    [InlineData(10, 9, false, "fine")] // one repetition
    [InlineData(10, 0, false, "missing")]
    [InlineData(20, 18, true, "fine")] // 0.90 itself is fine
    [InlineData(40, 30, true, "remark")] // 0.75 itself is a remark
    [InlineData(40, 29.9, true, "fault")]
    public void Balance_follows_the_ruling_and_its_ends(double one, double other, bool seconds, string verdict)
    {
        DemonstrationMeasures.Balance(one, other, seconds, Reference.Settings).Verdict.Word().ShouldBe(verdict);
        DemonstrationMeasures.Balance(other, one, seconds, Reference.Settings).Verdict.Word().ShouldBe(verdict);
    }

    [Theory]
    [InlineData(10, 3)] // target
    [InlineData(11, 3)] // at the tolerance of 1
    [InlineData(11.5, 1.5)] // half way to twice the tolerance
    [InlineData(12, 0)] // at twice the tolerance
    [InlineData(8, 0)]
    [InlineData(100, 0)]
    public void A_measured_mark_is_full_inside_the_tolerance_and_nothing_at_twice_it(double value, double mark) =>
        DemonstrationMeasures.Mark(value, 9, 11).ShouldBe(mark, 1e-9);

    [Fact]
    public void A_named_number_is_exact()
    {
        DemonstrationMeasures.Mark(8, 8, 8).ShouldBe(3);
        DemonstrationMeasures.Mark(9, 8, 8).ShouldBe(0);
    }

    [Fact]
    public void Five_even_taps_three_seconds_apart_are_five_repetitions_fifteen_seconds_and_twenty_a_minute()
    {
        var m = Measure(3, 10, 13, 16, 19, 22);
        (m.Repetitions, m.WorkingSeconds, m.TalkSeconds).ShouldBe((5, 15, 0));
        m.PerMinute!.Value.ShouldBe(20, 1e-9);
    }

    [Fact]
    public void Talk_between_two_taps_is_talk_and_not_work()
    {
        // 3 s beats with one gap of 33 s: one beat of it is work, 30 s are talk.
        var m = Measure(3, 0, 3, 6, 39, 42);
        m.TalkSeconds.ShouldBe(30, 1e-9);
        m.WorkingSeconds.ShouldBe(15, 1e-9);
        m.PerMinute!.Value.ShouldBe(20, 1e-9);
    }

    [Fact]
    public void Two_taps_have_no_tempo() => Measure(3, 0, 3).PerMinute.ShouldBeNull();

    [Fact]
    public void A_hold_is_its_own_seconds_and_one_repetition()
    {
        var m = DemonstrationMeasures.Of(new(0, Side.Left, [], [new(10, 15), new(20, 26)], null), 9, Reference.Settings);
        (m.Repetitions, m.WorkingSeconds, m.MeanHoldSeconds).ShouldBe((2, 11, 5.5));
    }

    [Property]
    public bool A_mark_lies_between_nothing_and_three(short value, byte low, byte width) =>
        DemonstrationMeasures.Mark(value, low, low + width) is >= 0 and <= 3;

    [Property]
    public bool Work_and_talk_never_lose_a_second_that_lies_between_the_first_and_the_last_tap(byte[] gaps)
    {
        var at = 0.0;
        var taps = new List<double> { 0 };
        foreach (var g in (gaps ?? []).Take(40))
            taps.Add(at += 1 + (g / 10.0));
        var m = Measure(3, [.. taps]);
        return m.WorkingSeconds + m.TalkSeconds >= at - 1e-6;
    }
}
