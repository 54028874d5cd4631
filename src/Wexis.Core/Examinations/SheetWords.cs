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

    /// <summary>The person or the group is asked what must be left out, before anybody is touched.</summary>
    Screening,

    /// <summary>A partner is asked how it feels.</summary>
    Comfort,

    /// <summary>Sides are said as the learners have them.</summary>
    SidesSaid,

    /// <summary>Talk against work.</summary>
    Talk,

    /// <summary>The learners are watched.</summary>
    Watching,

    /// <summary>Parts in their order.</summary>
    Order,

    /// <summary>A planted fault is seen.</summary>
    Noticing,

    /// <summary>What is wrong is named.</summary>
    Naming,

    /// <summary>Safety first, one correction at a time.</summary>
    Priority,

    /// <summary>The cue that mends it.</summary>
    Correction,

    /// <summary>Whether it changed is looked at.</summary>
    Checking,

    /// <summary>How a correction is said.</summary>
    Manner,
}

/// <summary>What is demonstrated, and on whom.</summary>
[ClosedList]
public enum DemonstrationKind
{
    /// <summary>One technique on oneself.</summary>
    Oneself,

    /// <summary>One technique on another person: sides are the receiver's.</summary>
    Partner,

    /// <summary>A technique or a routine led with a group.</summary>
    Group,

    /// <summary>A planted fault is found and corrected.</summary>
    Correction,

    /// <summary>Several techniques in a row, on oneself.</summary>
    Several,

    /// <summary>Three criteria in a minute, in a lesson or in practice.</summary>
    Everyday,
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

    /// <summary>Seconds of talk over seconds of talk and work, of the whole demonstration.</summary>
    TalkShare,

    /// <summary>Seconds from the planted fault to the word that catches it.</summary>
    CatchSeconds,
}

/// <summary>How a step is counted: each repetition, press and release of a hold, or seconds (tap along, or press and release).</summary>
[ClosedList]
public enum Counting
{
    Reps,
    Hold,
    Seconds,
}
