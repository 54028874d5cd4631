using Wexis.Core.Measures;

namespace Wexis.Core.Grading;

/// <summary>What the taps say of one step on one side.</summary>
/// <param name="WorkingSeconds">Seconds of work: holds, or taps with the gaps that belong to the beat.</param>
/// <param name="TalkSeconds">Seconds between taps that belong to talk, not to work.</param>
/// <param name="PerMinute">Cycles a minute from the middle gap; null with fewer than three taps, or when they came at one moment.</param>
/// <param name="MeanHoldSeconds">Mean of the holds; null without one.</param>
public sealed record TrackMeasure(
    int Step,
    Side Side,
    int Repetitions,
    double WorkingSeconds,
    double TalkSeconds,
    double? PerMinute,
    double? MeanHoldSeconds
);

/// <summary>How level two sides are; a side with nothing is missing.</summary>
[ClosedList]
public enum BalanceVerdict
{
    Fine,
    Remark,
    Fault,
    Missing,
}

/// <summary>Balance of two sides by house ruling 6: fine, remark or fault; a side with nothing is missing.</summary>
public sealed record BalanceMeasure(double Ratio, BalanceVerdict Verdict, double Mark);

/// <summary>Turns taps into counts, seconds, tempo, balance and talking time. See docs/method.md#measures.</summary>
public static class DemonstrationMeasures
{
    /// <summary>The clock of a side starts with its first tap, not with the first word.</summary>
    /// <param name="holdSeconds">Seconds of one hold; 0 where the step is not held. A hold that was counted on paper lasts so long: paper
    /// has no clock.</param>
    public static TrackMeasure Of(Track track, double cycleSeconds, HouseSettings settings, double holdSeconds = 0)
    {
        ArgumentNullException.ThrowIfNull(track);
        ArgumentNullException.ThrowIfNull(settings);
        var moments = track.TapSeconds.Order().ToList();
        var gaps = moments.Zip(moments.Skip(1), (a, b) => b - a).ToList();
        var talkFrom = Math.Max(settings.TalkGapFloorSeconds, cycleSeconds * settings.TalkGapCycles);
        var beats = gaps.Where(g => g < talkFrom).ToList();
        var typical = beats.Count > 0 ? Median(beats) : cycleSeconds;
        // A gap taken up by talk holds one repetition's work and the rest is talk; the last tap ends a repetition of its own length.
        var talk = gaps.Where(g => g >= talkFrom).Sum(g => Math.Max(0, g - typical));
        var tapped = moments.Count == 0 ? 0 : beats.Sum() + (gaps.Count - beats.Count) * typical + typical;
        var between = track.Holds.OrderBy(h => h.FromSeconds).ToList();
        var holdTalk = between.Zip(between.Skip(1), (a, b) => b.FromSeconds - a.ToSeconds).Where(g => g >= talkFrom).Sum();
        var held = track.Holds.Sum(h => h.Seconds);
        return new(
            track.Step,
            track.Side,
            track.Repetitions,
            tapped + held + (track.TalliedSeconds > 0 ? track.TalliedSeconds : track.Tallied * holdSeconds),
            talk + holdTalk,
            beats.Count >= 2 && typical > 0 ? 60 / typical : null,
            track.Holds.Count > 0 ? held / track.Holds.Count : null
        );
    }

    /// <summary>
    /// Smaller over larger: 0.90 and above fine, 0.75 to below 0.90 a remark, below a fault; a difference under 2 s, or of one
    /// repetition, is never a fault.
    /// </summary>
    /// <param name="inSeconds">Whether the two numbers are seconds (else repetitions).</param>
    public static BalanceMeasure Balance(double left, double right, bool inSeconds, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(settings);
        var (small, large) = (Math.Min(left, right), Math.Max(left, right));
        if (large <= 0)
            return new(1, BalanceVerdict.Fine, 3);
        var ratio = small / large;
        if (small <= 0)
            return new(0, BalanceVerdict.Missing, 0);
        var excused = inSeconds ? large - small < settings.BalanceSecondsAllowed : large - small <= settings.BalanceRepetitionsAllowed;
        if (excused || ratio >= settings.BalanceFine)
            return new(ratio, BalanceVerdict.Fine, 3);
        return ratio >= settings.BalanceRemark ? new(ratio, BalanceVerdict.Remark, 2) : new(ratio, BalanceVerdict.Fault, 1);
    }

    /// <summary>Mark of a measured value, 0 to 3: full inside the band, linear to nothing at half the band's width outside it.</summary>
    public static double Mark(double value, double low, double high)
    {
        var outside =
            value < low ? low - value
            : value > high ? value - high
            : 0;
        if (outside <= 1e-9)
            return 3;
        var width = (high - low) / 2;
        return width <= 0 ? 0 : Math.Max(0, 3 * (1 - (outside / width)));
    }

    private static double Median(List<double> values)
    {
        var sorted = values.Order().ToList();
        var middle = sorted.Count / 2;
        return sorted.Count % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
    }
}
