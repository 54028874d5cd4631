using System.Text.Json.Serialization;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Doses;

/// <summary>One press of a key or finger, in seconds of one clock.</summary>
[method: JsonConstructor]
public readonly record struct Press(double DownS, double UpS);

/// <summary>A rhythm tapped once, and what it is to fit: the tempo of the family and the sides of the step.</summary>
public sealed record TappedPresses(IReadOnlyList<Press>? Presses, Tempo? Tempo, string? Sides);

/// <summary>What a tapped rhythm says: how many, how long held, how fast.</summary>
/// <param name="Line">The dose line it makes.</param>
/// <param name="Tempo">Seconds of one repetition, to the half second; in, out and rest keep the family's proportions.</param>
/// <param name="UnevenShare">Largest deviation of a cycle from the middle one, as a share of it; null with fewer than three
/// presses.</param>
public sealed record TappedRhythm(int Repetitions, double? HoldSeconds, double? CycleSeconds, Tempo Tempo, string Line, double? UnevenShare)
{
    /// <summary>A press this long is a hold and not a tap: longer than any tap of a finger (common practice).</summary>
    private const double HoldFrom = 0.6;
    private const int MostPresses = 200;

    /// <summary>
    /// Count = presses; hold = middle length of the presses when it is a hold; cycle = middle time from one press to the next.
    /// </summary>
    public static Checked<TappedRhythm> Of(TappedPresses tapped)
    {
        ArgumentNullException.ThrowIfNull(tapped);
        var presses = (tapped.Presses ?? []).ToList();
        var slip =
            presses.Count == 0 ? new Issue("presses", IssueCodes.Missing, "", "one press for each repetition")
            : presses.Count > MostPresses ? new("presses", IssueCodes.TooLong, $"{presses.Count}", $"{MostPresses} presses")
            : presses.Any(p => !(p.UpS >= p.DownS && p.DownS >= 0 && p.UpS < 3600))
            || presses.Zip(presses.Skip(1)).Any(x => x.Second.DownS < x.First.UpS)
                ? new Issue("presses", IssueCodes.NotInOrder, "a press", "each press to end before the next begins")
            : null;
        if (slip is not null)
            return Checked.No<TappedRhythm>(slip);

        var length = Middle(presses.Select(p => p.UpS - p.DownS));
        var hold = length >= HoldFrom ? Half(length) : (double?)null;
        var cycles = presses.Zip(presses.Skip(1)).Select(x => x.Second.DownS - x.First.DownS).ToList();
        var cycle = cycles.Count > 0 ? Middle(cycles) : (double?)null;
        var family = tapped.Tempo ?? new Tempo(1, 0, 0, 0);
        var moving = (family.InS ?? 0) + (family.OutS ?? 0) + (family.RestS ?? 0);
        var left = cycle is { } c ? Math.Max(0.5, c - (hold ?? 0)) : moving;
        double Part(double? part) => moving <= 0 ? 0 : Half((part ?? 0) / moving * left);
        var (into, outOf) = (moving <= 0 ? Half(left) : Part(family.InS), Part(family.OutS));
        var tempo = new Tempo(into, hold ?? 0, outOf, Math.Max(0, Half(left) - into - outOf));
        var uneven = cycles.Count >= 2 && cycle > 0 ? cycles.Max(x => Math.Abs(x - cycle.Value)) / cycle : null;
        var perSide = tapped.Sides is "one-then-other" or "alternating" ? "side" : null;
        var dose = new Dose(null, null, presses.Count, perSide, [], null, null, null, null, null, null, presses.Count, null, "reps");
        return Checked.Yes(new TappedRhythm(presses.Count, hold, cycle, tempo, DoseLine.Format(dose, hold), uneven));
    }

    private static double Half(double seconds) => Math.Round(seconds * 2, MidpointRounding.AwayFromZero) / 2;

    private static double Middle(IEnumerable<double> values)
    {
        var sorted = values.Order().ToList();
        var n = sorted.Count;
        return n % 2 == 1 ? sorted[n / 2] : (sorted[(n / 2) - 1] + sorted[n / 2]) / 2;
    }
}
