using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.People;

/// <summary>One state of the person and what it means for this technique.</summary>
/// <param name="Response">allow, allow-modified, ask-clinician, refuse or stop-and-refer.</param>
/// <param name="FreeFrom">First day on which the window no longer blocks; null without one.</param>
/// <param name="Whom">Who can release the person, in words a client knows.</param>
public sealed record ConditionHit(
    string Condition,
    string Name,
    Handling Handling,
    Response Response,
    string Says,
    DateOnly? FreeFrom,
    string Whom
);

/// <summary>The worst response of all, and every state that led to it.</summary>
public sealed record PersonScreen(Response Response, IReadOnlyList<ConditionHit> Hits)
{
    /// <summary>What was not asked is asked: it is never a no (house ruling 16).</summary>
    public const string NotAsked = "not-asked";

    /// <param name="today">The day of the check: windows are counted to it. The longer end counts, through its last day (R104).</param>
    public static PersonScreen Of(TechniqueTouch touch, PersonNote person, DateOnly today, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(touch);
        ArgumentNullException.ThrowIfNull(person);
        ArgumentNullException.ThrowIfNull(atlas);
        var hits = new List<ConditionHit>();
        foreach (var id in person.Conditions ?? [])
            if (atlas.Exclusions.TryGetValue(id, out var exclusion))
                hits.Add(State(exclusion, touch, null, null, atlas));
        foreach (var procedure in person.Procedures ?? [])
            if (procedure.Kind is { } kind && atlas.Exclusions.TryGetValue(kind, out var exclusion))
                hits.Add(Window(exclusion, procedure, touch, today, atlas));
        hits.AddRange((person.Reports ?? []).Where(r => !string.IsNullOrWhiteSpace(r)).Select(ReportReading.Of));
        if (person.Asked is { } asked && Missing(asked, person, touch, atlas) is { Count: > 0 } missing)
            hits.Add(
                new(
                    NotAsked,
                    $"Not asked: {string.Join("; ", missing.Take(3).Select(e => e.Client))}"
                        + $"{(missing.Count > 3 ? $"; and {missing.Count - 3} more" : "")}",
                    Handling.Ask,
                    Response.AskClinician,
                    "Ask the person first: what was not asked is not a no.",
                    null,
                    "the person"
                )
            );
        return new(hits.Select(h => h.Response).DefaultIfEmpty(Response.Allow).Min(), hits);
    }

    /// <summary>States that this technique calls for and that nobody asked or told.</summary>
    public static IReadOnlyList<Exclusion> Missing(IReadOnlyCollection<string> asked, PersonNote person, TechniqueTouch touch, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(person);
        ArgumentNullException.ThrowIfNull(touch);
        ArgumentNullException.ThrowIfNull(atlas);
        var known = asked
            .Concat(person.Conditions ?? [])
            .Concat((person.Procedures ?? []).Select(p => p.Kind).OfType<string>())
            .ToHashSet(StringComparer.Ordinal);
        return
        [
            .. atlas.Document.Contraindications.Where(e =>
                !known.Contains(e.Id)
                && (e.RedFlag || ExclusionRules.Worst(e, touch.Classes) != Handling.Ok)
                && Concerns(e, null, touch, atlas)
            ),
        ];
    }

    /// <summary>
    /// A procedure on a day: blocked through the last day of its window; then asked until the window's length has passed once more, or
    /// whoever
    /// treated has released the person; where there is no natural end, asked until released (house rulings 11 and 16).
    /// </summary>
    private static ConditionHit Window(Exclusion exclusion, Procedure procedure, TechniqueTouch touch, DateOnly today, Atlas atlas)
    {
        if (procedure.ReleasedOn is { } released && released <= today)
            return Free(exclusion, $"Released on {released:yyyy-MM-dd} by {exclusion.Whom}.", null);
        // On the day itself nothing is done, however far from the place.
        if (exclusion.FirstDay is { } first && procedure.Date == today)
            return new(
                exclusion.Id,
                exclusion.Name,
                first,
                Response.Refuse,
                "Not on the day itself.",
                Later(today, (exclusion.LastDay ?? 0) + 1),
                exclusion.Whom
            );
        if (!Concerns(exclusion, procedure.Place, touch, atlas))
        {
            // Away from the place only what acts on the whole body counts.
            touch = touch with { Classes = [.. touch.Classes.Where(WholeBody.Contains)] };
            if (ExclusionRules.Worst(exclusion, touch.Classes) == Handling.Ok)
                return Free(
                    exclusion,
                    $"The treated place ({PlaceWords(procedure, exclusion, atlas)}) is left alone by this technique.",
                    null
                );
            procedure = procedure with { Place = null };
        }
        if (procedure.Date is not { } day)
            return Ask(exclusion, touch, "When was it? Ask for the day, and ask who treated it.", null);
        if (exclusion.LastDay is not { } length)
            return exclusion.UntilReleased
                ? Ask(exclusion, touch, $"No natural end: ask {exclusion.Whom}.", null)
                : State(exclusion, touch, null, procedure, atlas);
        var last = Later(day, length);
        if (today <= last)
            return State(exclusion, touch, Later(last, 1), procedure, atlas);
        if (exclusion.Then is { } next)
            return State(atlas.Exclusions[next], touch, null, procedure, atlas);
        if (exclusion.UntilReleased)
            return Ask(exclusion, touch, $"No natural end: ask {exclusion.Whom} until they have released the person.", Later(last, 1));
        var asked = Later(last, length);
        return today <= asked
            ? Ask(
                exclusion,
                touch,
                $"The usual window ended on {last:yyyy-MM-dd}. Ask {exclusion.Whom}; without their word from {Later(asked, 1):yyyy-MM-dd}.",
                Later(last, 1)
            )
            : Free(exclusion, $"The usual window ended on {last:yyyy-MM-dd}, and its length has passed once more.", Later(last, 1));
    }

    /// <summary>Kinds of work that act on the whole body, wherever the hand is.</summary>
    private static readonly HashSet<string> WholeBody = new(StringComparer.Ordinal) { "breath-hold", "head-down" };

    private static ConditionHit State(Exclusion exclusion, TechniqueTouch touch, DateOnly? freeFrom, Procedure? procedure, Atlas atlas)
    {
        // An acute sign stops everything today, whatever the technique does (house ruling 18).
        if (exclusion.RedFlag)
            return new(
                exclusion.Id,
                exclusion.Name,
                Handling.Avoid,
                Response.StopAndRefer,
                $"This is a warning sign: stop for today. {exclusion.Call}",
                freeFrom,
                exclusion.Whom
            );
        if (!Concerns(exclusion, procedure?.Place, touch, atlas))
            return Free(exclusion, "That place is left alone by this technique.", freeFrom);
        var handling = ExclusionRules.Worst(exclusion, touch.Classes);
        // Where jaw or neck were treated, their movements are asked about even when the kind of work is usually free.
        if (handling is Handling.Modify or Handling.Ok && procedure?.Place is { } place && Strains(place, touch, atlas))
            handling = Handling.Ask;
        var (response, says) = handling switch
        {
            Handling.Avoid => (
                Response.Refuse,
                freeFrom is { } d ? $"Leave it out until {d:yyyy-MM-dd}, then ask {exclusion.Whom}." : "Leave this technique out."
            ),
            Handling.Ask => (Response.AskClinician, $"I cannot judge that; ask {exclusion.Whom}. Until then we leave this technique out."),
            Handling.Modify => (Response.AllowModified, exclusion.Milder ?? exclusion.Window ?? "Only in the milder form."),
            _ => (Response.Allow, "No restriction known for this technique."),
        };
        return new(exclusion.Id, exclusion.Name, handling, response, says, freeFrom, exclusion.Whom);
    }

    private static bool Strains(IReadOnlyList<string> place, TechniqueTouch touch, Atlas atlas)
    {
        var regions = place.Where(atlas.RegionOfZone.ContainsKey).Select(z => atlas.RegionOfZone[z]).ToHashSet(StringComparer.Ordinal);
        return regions.Contains("jaw") && touch.Classes.Contains("jaw")
            || regions.Contains("neck") && touch.Classes.Any(c => c is "neck" or "head-back");
    }

    private static ConditionHit Ask(Exclusion exclusion, TechniqueTouch touch, string says, DateOnly? freeFrom) =>
        exclusion.RedFlag || ExclusionRules.Worst(exclusion, touch.Classes) != Handling.Ok
            ? new(exclusion.Id, exclusion.Name, Handling.Ask, Response.AskClinician, says, freeFrom, exclusion.Whom)
            : Free(exclusion, "No restriction known for this technique.", freeFrom);

    private static ConditionHit Free(Exclusion exclusion, string says, DateOnly? freeFrom) =>
        new(exclusion.Id, exclusion.Name, Handling.Ok, Response.Allow, says, freeFrom, exclusion.Whom);

    /// <summary>
    /// Whether a technique comes near the place: it touches a treated zone or one that borders on it, or works a muscle that lies there.
    /// Not told is everywhere.
    /// </summary>
    private static bool Concerns(Exclusion exclusion, IReadOnlyList<string>? told, TechniqueTouch touch, Atlas atlas)
    {
        var place = exclusion.Placed && told is { Count: > 0 } ? told : exclusion.Zones;
        if (place is null)
            return true;
        var zones = place.Where(atlas.Zones.ContainsKey).Select(z => atlas.Zones[z]).ToList();
        return touch.Zones.Where(atlas.Zones.ContainsKey).Any(z => zones.Exists(p => Shapes.Border(p, atlas.Zones[z])))
            || zones.Any(z =>
                z.MusclesSuperficialToDeep.Concat(z.MusclesBelowNotReached ?? []).Concat(z.Movers ?? []).Any(touch.Structures.Contains)
            );
    }

    private static string PlaceWords(Procedure procedure, Exclusion exclusion, Atlas atlas) =>
        string.Join(", ", (procedure.Place ?? exclusion.Zones ?? []).Select(z => atlas.Zones.TryGetValue(z, out var zone) ? zone.Name : z));

    /// <summary>A day so many days on; the calendar's last day at most.</summary>
    internal static DateOnly Later(DateOnly day, int days) =>
        day.DayNumber > DateOnly.MaxValue.DayNumber - days ? DateOnly.MaxValue : day.AddDays(days);
}
