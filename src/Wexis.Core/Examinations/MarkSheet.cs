using System.Text.Json.Serialization;
using Wexis.Core.Measures;

namespace Wexis.Core.Examinations;

/// <summary>
/// What a measured criterion measures, and the band that earns full marks. Beyond the band the mark falls off linearly, to nothing at
/// half the band's width outside it (ruling 3: nothing at twice the tolerance).
/// </summary>
/// <param name="Quantity">repetitions, working-seconds, hold-seconds, tempo (cycles a minute), balance (smaller over larger
/// side), talk-share (0 to 1) or catch-seconds.</param>
/// <param name="Column">left, right, midline or both; null for balance and for what is taken over all columns.</param>
public sealed record MeasureTarget(Quantity Quantity, Side? Column, double Low, double High, string Unit);

/// <summary>One criterion of a mark sheet.</summary>
/// <param name="Domain">doing or teaching.</param>
/// <param name="Kind">done (0 or 3), graded (0, 1, 2, 3) or measured.</param>
/// <param name="Topic">Line of the house yardstick it comes from: setup, posture, contact, path, pressure, dose, tempo, balance,
/// stillness, breath, finish, anatomy, cueing, adaptation.</param>
/// <param name="Step">Number of the step (from 0); null when it is about the whole demonstration.</param>
/// <param name="Anchors">What 0, 1, 2 and 3 look like.</param>
/// <param name="Named">What it is about, in common words: places, from where to where, how it feels; null in sheets of before.</param>
/// <param name="Reasons">Why a mark can be below full, one touch each; null in sheets of before, and where it is measured.</param>
public sealed record Criterion(
    string Id,
    Domain Domain,
    CriterionKind Kind,
    Topic Topic,
    string Text,
    int? Step,
    double Weight,
    bool SafetyCritical,
    MeasureTarget? Measure,
    IReadOnlyList<string> Anchors,
    IReadOnlyList<string>? Reasons = null,
    IReadOnlyList<string>? Named = null
);

/// <summary>An act that ends the demonstration as failed at once.</summary>
public sealed record CriticalAct(string Id, string Text);

/// <summary>A fault that can be stamped with one touch, and its correcting cue.</summary>
/// <param name="Topic">The line of the yardstick it counts against when its maker mends it; null where only a person can say.</param>
/// <param name="Part">The technique whose own fault it is, where several are shown; null for one that anything can show.</param>
public sealed record SheetFault(string Id, string Text, string Cue, Topic? Topic = null, string? Part = null);

/// <summary>What a step shows on the grading screen.</summary>
/// <param name="Counting">reps (count each), hold (press and release) or seconds (tap along, or press and release).</param>
/// <param name="CycleSeconds">Planned seconds of one repetition, rest included.</param>
/// <param name="Sets">Sets that the repetitions of a side come in; counts and bands are of all of them.</param>
/// <param name="Part">The technique it belongs to, where several are shown.</param>
public sealed record SheetStep(
    int Index,
    string Title,
    string Cue,
    IReadOnlyList<Side> Columns,
    Counting Counting,
    Levels Repetitions,
    Levels Seconds,
    double HoldSeconds,
    double CycleSeconds,
    IReadOnlyList<string> Zones,
    IReadOnlyList<string> Structures,
    int Sets = 1,
    string? Part = null
);

/// <summary>A line of the yardstick that does not apply, and why.</summary>
public sealed record Dropped(Topic Topic, string Why, double Weight);

/// <summary>A mark sheet: steps as they are seen, criteria in two domains, critical acts, faults to stamp, the pass line.</summary>
/// <param name="MinutesAllowed">Minutes that the station has; null where nobody said so.</param>
/// <param name="Adaptations">Milder versions that a trainee may declare before they begin; null in sheets of before.</param>
public sealed record MarkSheet(
    string Technique,
    string TechniqueName,
    int Edition,
    IReadOnlyList<SheetStep> Steps,
    IReadOnlyList<Criterion> Criteria,
    IReadOnlyList<CriticalAct> CriticalActs,
    IReadOnlyList<SheetFault> Faults,
    IReadOnlyList<Dropped> Dropped,
    double PassLine,
    DemonstrationKind Kind = DemonstrationKind.Oneself,
    double? MinutesAllowed = null,
    IReadOnlyList<string>? Adaptations = null
)
{
    /// <summary>Whether the dose of the steps is asked for: not of a correction, and not of three criteria in passing.</summary>
    [JsonIgnore]
    public bool AsksForDose => Kind is not (DemonstrationKind.Correction or DemonstrationKind.Everyday);

    [JsonIgnore]
    public double TotalWeight => Criteria.Sum(c => c.Weight);

    /// <summary>Slips in what the trainer adjusted.</summary>
    public IReadOnlyList<Issue> Issues()
    {
        var found = new List<Issue?> { Check.Between(PassLine, 1, 100, "pass_line", "%") };
        if (MinutesAllowed is { } minutes)
            found.Add(Check.Between(minutes, 1, 180, "minutes_allowed", "minutes"));
        found.AddRange(Criteria.Select((c, i) => Check.Between(c.Weight, 0, 100, $"criteria[{i}].weight")));
        foreach (var (c, i) in Criteria.Select((c, i) => (c, i)))
        {
            found.Add(Check.Given(c.Text, $"criteria[{i}].text", "what is looked at"));
            found.Add(Check.NoLongerThan(c.Text, 300, $"criteria[{i}].text"));
            if (c.Kind != CriterionKind.Measured && c.Anchors.Count != 4)
                found.Add(new($"criteria[{i}].anchors", IssueCodes.OutOfRange, $"{c.Anchors.Count} marks", "what 0, 1, 2 and 3 look like"));
            foreach (var (a, n) in c.Anchors.Select((a, n) => (a, n)))
            {
                found.Add(Check.NoLongerThan(a, 200, $"criteria[{i}].anchors[{n}]"));
                if (c.Kind == CriterionKind.Graded)
                    found.Add(Check.Given(a, $"criteria[{i}].anchors[{n}]", $"what a mark of {n} looks like"));
            }
        }
        if (TotalWeight <= 0)
            found.Add(new("criteria", IssueCodes.OutOfRange, "a total weight of 0", "more than 0"));
        return [.. found.OfType<Issue>()];
    }
}
