using System.Text.Json.Serialization;

namespace Wexis.Core.Measures;

/// <summary>Minimum, standard and full of one quantity, ends included: 0 ≤ minimum ≤ standard ≤ full. Default: all zero.</summary>
public readonly record struct Levels
{
    [JsonConstructor]
    public Levels(double minimum, double standard, double full)
    {
        if (!(minimum >= 0 && minimum <= standard && standard <= full && double.IsFinite(full)))
            throw new ArgumentOutOfRangeException(
                nameof(minimum),
                $"{minimum}, {standard}, {full}: expected 0 ≤ minimum ≤ standard ≤ full."
            );
        (Minimum, Standard, Full) = (minimum, standard, full);
    }

    public double Minimum { get; }
    public double Standard { get; }
    public double Full { get; }

    public static Levels Same(double value) => new(value, value, value);

    public static Levels operator +(Levels a, Levels b) => new(a.Minimum + b.Minimum, a.Standard + b.Standard, a.Full + b.Full);

    public static Levels operator *(Levels a, double factor) => new(a.Minimum * factor, a.Standard * factor, a.Full * factor);

    public static Levels Add(Levels left, Levels right) => left + right;

    public static Levels Multiply(Levels left, double right) => left * right;

    /// <summary>Applies a non-decreasing function to each level.</summary>
    public Levels Map(Func<double, double> f) => new(f(Minimum), f(Standard), f(Full));
}
