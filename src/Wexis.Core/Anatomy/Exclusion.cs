using System.Text.Json.Serialization;
using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

/// <summary>A state of the person that excludes or changes work, by technique class.</summary>
/// <param name="RedFlag">An acute sign, new today: it stops everything for today.</param>
/// <param name="Call">For an acute sign: whom to call, and how fast.</param>
/// <param name="Client">The state in words a client knows.</param>
/// <param name="Whom">Who may release the person, in words a client knows.</param>
/// <param name="Placed">A procedure whose treated place decides what is left out.</param>
/// <param name="Zones">Where the state lies by itself; null: not bound to a place.</param>
/// <param name="UntilReleased">There is no natural end: it is asked until whoever treated has released the person.</param>
/// <param name="FirstDay">Handling of every class on the day itself; null: as by class.</param>
/// <param name="DayAsks">How the day of an illness is asked for; null for a treatment, of which the last time counts.</param>
/// <param name="Milder">The milder form, in words a client knows; null where nothing is only modified.</param>
/// <param name="Then">The state that follows when the window is over (a pregnancy goes on).</param>
public sealed record Exclusion(
    string Id,
    string Name,
    string? Window,
    string? Reason,
    bool RedFlag,
    Dictionary<string, Handling> ByClass,
    int?[]? WindowDays,
    SourceRef[] Source,
    string? Call,
    string Client,
    string Whom,
    bool Placed = false,
    string[]? Zones = null,
    bool UntilReleased = false,
    Handling? FirstDay = null,
    string? Then = null,
    string? DayAsks = null,
    string? Milder = null
)
{
    /// <summary>
    /// Days from the procedure through the last blocked one: the longer end of the window counts (house ruling 11); null without a
    /// window.
    /// </summary>
    [JsonIgnore]
    public int? LastDay => WindowDays is { Length: 2 } window ? window[1] : null;
}
