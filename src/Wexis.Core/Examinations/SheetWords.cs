using Wexis.Core.Measures;

namespace Wexis.Core.Examinations;

/// <summary>What a criterion is about: doing the technique, or teaching it.</summary>
[ClosedList]
public enum Domain
{
    Doing,
    Teaching,
}

/// <summary>How a criterion is marked: done or not (0 or 3), graded (0, 1, 2, 3), or measured from what was counted.</summary>
[ClosedList]
public enum CriterionKind
{
    Done,
    Graded,
    Measured,
}

/// <summary>Line of the yardstick that a criterion comes from.</summary>
[ClosedList]
public enum Topic
{
    Setup,
    Posture,
    Contact,
    Path,
    Pressure,
    Dose,
    Tempo,
    Balance,
    Stillness,
    Breath,
    Finish,
    Anatomy,
    Cueing,
    Adaptation,
}

/// <summary>What a measured criterion measures. Tempo is in cycles a minute, balance is the smaller side over the larger.</summary>
[ClosedList]
public enum Quantity
{
    Repetitions,
    WorkingSeconds,
    HoldSeconds,
    Tempo,
    Balance,
}

/// <summary>How a step is counted: each repetition, press and release of a hold, or seconds (tap along, or press and release).</summary>
[ClosedList]
public enum Counting
{
    Reps,
    Hold,
    Seconds,
}
