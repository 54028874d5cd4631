using System.Text.Json;
using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

/// <summary>One class of angles: up to and including <paramref name="MaxDegrees"/>.</summary>
public sealed record AngleClass<T>(double MaxDegrees, T? Word)
    where T : struct, Enum;

/// <summary>Extra structures that strong effort brings, by base verb; "any" goes with every verb.</summary>
public sealed record OverflowRow(IReadOnlyList<string> Bases, IReadOnlyList<string> Structures);

/// <summary>The numbers, words and pairs of the rules, read from their data so that none is typed again in code.</summary>
/// <param name="HoldSeconds">From here a hold is isometric (R12).</param>
/// <param name="SlowReturnSeconds">From here a return that is told to be slow adds an eccentric row (R13).</param>
/// <param name="AnchorPairs">Prime and antagonist that R14 leaves alone; "*" is any prime.</param>
/// <param name="Fibre">Angle to the fibres: along, oblique, across (R43).</param>
/// <param name="Stretch">Angle to the axis: primary, secondary, none (R44).</param>
/// <param name="Flow">Angle to the drainage: with, neutral, against (R61).</param>
/// <param name="LymphLevels">Pressure levels that count as lymph work (R60).</param>
/// <param name="DryDragLevel">From here a dry glide drags (R48).</param>
public sealed record RuleData(
    double HoldSeconds,
    double SlowReturnSeconds,
    IReadOnlyList<(string Prime, string Antagonist)> AnchorPairs,
    IReadOnlyList<OverflowRow> Overflow,
    IReadOnlyList<string> OverflowEfforts,
    IReadOnlyList<AngleClass<FibreLine>> Fibre,
    IReadOnlyList<AngleClass<Strength>> Stretch,
    IReadOnlyList<AngleClass<FlowWay>> Flow,
    IReadOnlyList<int> LymphLevels,
    int DryDragLevel
)
{
    /// <exception cref="InvalidDataException">A rule is missing, or has not the shape that its reader expects.</exception>
    public static RuleData Read(IReadOnlyList<ActionRule> rules)
    {
        ArgumentNullException.ThrowIfNull(rules);
        var byId = rules.ToDictionary(r => r.Id, StringComparer.Ordinal);
        try
        {
            var overflow = byId["R19"];
            return new(
                byId["R12"]
                    .When!.Value.GetProperty("any")
                    .EnumerateArray()
                    .Select(x => x.TryGetProperty("min_hold_s", out var s) ? s.GetDouble() : (double?)null)
                    .OfType<double>()
                    .Single(),
                byId["R13"].When!.Value.GetProperty("min_return_s").GetDouble(),
                [.. byId["R14"].ExceptPairs!.Select(p => (p[0], p[1]))],
                [
                    .. overflow
                        .Then!.Value.GetProperty("add_rows")
                        .EnumerateArray()
                        .Select(r => new OverflowRow(Words(r.GetProperty("if_base")), Words(r.GetProperty("structures")))),
                ],
                Words(overflow.When!.Value.GetProperty("effort")),
                Classes<FibreLine>(byId["R43"], "word"),
                Classes<Strength>(byId["R44"], "strength"),
                Classes<FlowWay>(byId["R61"], "word"),
                [.. byId["R60"].Then!.Value.GetProperty("levels").EnumerateArray().Select(l => l.GetInt32())],
                byId["R48"].When!.Value.GetProperty("min_level").GetInt32()
            );
        }
        catch (Exception e) when (e is KeyNotFoundException or InvalidOperationException or FormatException)
        {
            throw new InvalidDataException($"The rules of the action model cannot be read: {e.Message}", e);
        }
    }

    /// <summary>
    /// The word of the first class that holds the angle: each end belongs to the smaller class. Null where the class has none.
    /// </summary>
    public static T? Class<T>(IReadOnlyList<AngleClass<T>> classes, double degrees)
        where T : struct, Enum
    {
        ArgumentNullException.ThrowIfNull(classes);
        return classes.First(c => degrees <= c.MaxDegrees + 1e-9).Word;
    }

    /// <summary>Whether an antagonist anchors its prime mover, so that it is not called quiet.</summary>
    public bool Anchors(string prime, string antagonist) =>
        AnchorPairs.Any(p => (p.Prime == "*" || p.Prime == prime) && p.Antagonist == antagonist);

    private static List<AngleClass<T>> Classes<T>(ActionRule rule, string word)
        where T : struct, Enum =>
        [
            .. rule.Then!.Value.GetProperty("classes")
                .EnumerateArray()
                .Select(c => new AngleClass<T>(
                    c.GetProperty("max_deg").GetDouble(),
                    c.TryGetProperty(word, out var w) ? ClosedList.In<T>(w.GetString()) : null
                )),
        ];

    private static List<string> Words(JsonElement value) =>
        value.ValueKind == JsonValueKind.Array ? [.. value.EnumerateArray().Select(x => x.GetString()!)] : [value.GetString()!];
}
