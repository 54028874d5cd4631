using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;

namespace Wexis.Core.Techniques;

/// <summary>What is known of the person a technique is meant for. Health data: given for one check, never kept with a technique.</summary>
/// <param name="Conditions">Exclusion ids of the atlas.</param>
/// <param name="Procedures">Procedures with their day.</param>
/// <param name="Reports">What the person says while or after doing it.</param>
public sealed record PersonNote(IReadOnlyList<string>? Conditions, IReadOnlyList<Procedure>? Procedures, IReadOnlyList<string>? Reports);

/// <param name="Kind">An exclusion id with a window.</param>
public sealed record Procedure(string? Kind, DateOnly? Date);

/// <summary>One state of the person and what it means for this technique.</summary>
/// <param name="Response">allow, allow-modified, ask-clinician, refuse or stop-and-refer.</param>
/// <param name="FreeFrom">First day on which a window no longer counts; null without one.</param>
public sealed record ConditionHit(string Condition, string Name, string Handling, string Response, string Says, DateOnly? FreeFrom);

/// <summary>The worst response of all, and every state that led to it.</summary>
public sealed partial record PersonScreen(string Response, IReadOnlyList<ConditionHit> Hits)
{
    private const string AskFirst = "I cannot judge that; please ask the person who treated you. Until then we leave this technique out.";

    /// <param name="today">The day of the check: windows are counted to it. The longer end counts, through its last day (R104).</param>
    /// <param name="classes">The classes that the technique's steps fall into.</param>
    public static PersonScreen Of(IReadOnlyList<string> classes, PersonNote person, DateOnly today, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(classes);
        ArgumentNullException.ThrowIfNull(person);
        ArgumentNullException.ThrowIfNull(atlas);
        var hits = new List<ConditionHit>();
        foreach (var id in person.Conditions ?? [])
            if (atlas.Exclusions.TryGetValue(id, out var exclusion)) hits.Add(Hit(exclusion, classes, null));
        foreach (var procedure in person.Procedures ?? [])
        {
            if (procedure.Kind is null || !atlas.Exclusions.TryGetValue(procedure.Kind, out var exclusion)) continue;
            var last = exclusion.WindowDays is { Length: 2 } window && window[1] is { } days && procedure.Date is { } day ? day.AddDays(days) : (DateOnly?)null;
            if (last is { } end && today > end) hits.Add(new(exclusion.Id, exclusion.Name, "ok", "allow", $"The usual window ended on {end:yyyy-MM-dd}.", end.AddDays(1)));
            else hits.Add(Hit(exclusion, classes, last?.AddDays(1)));
        }
        foreach (var report in person.Reports ?? [])
            if (StopSigns().IsMatch(report)) hits.Add(new("report", report, "avoid", "stop-and-refer", "Stop now, and send the person on today.", null));
        return new(hits.Select(h => h.Response).OrderBy(Rank).FirstOrDefault() ?? "allow", hits);
    }

    private static ConditionHit Hit(Exclusion exclusion, IReadOnlyList<string> classes, DateOnly? freeFrom)
    {
        var handling = classes.Select(c => exclusion.ByClass.GetValueOrDefault(c, "ok")).OrderBy(Screening.Rank).FirstOrDefault() ?? "ok";
        if (exclusion.RedFlag && handling != "ok") return new(exclusion.Id, exclusion.Name, handling, "stop-and-refer", "This is a warning sign: stop, and send the person to a doctor today.", freeFrom);
        var (response, says) = handling switch
        {
            "avoid" => ("refuse", freeFrom is { } d ? $"Leave it out until {d:yyyy-MM-dd}, then ask the person who treated." : "Leave this technique out."),
            "ask" => ("ask-clinician", AskFirst),
            "modify" => ("allow-modified", exclusion.Window ?? "Only in the milder form."),
            _ => ("allow", "No restriction known for this technique."),
        };
        return new(exclusion.Id, exclusion.Name, handling, response, says, freeFrom);
    }

    private static int Rank(string response) => response switch { "stop-and-refer" => 0, "refuse" => 1, "ask-clinician" => 2, "allow-modified" => 3, _ => 4 };

    [GeneratedRegex(@"\b(?:sharp\s+pain|flash\w*|double|dizz\w*|numb\w*|faint\w*|locked|tingl\w*|(?:new\s+)?droop\w*|floaters?|loss\s+of\s+vision)\b", RegexOptions.IgnoreCase)] private static partial Regex StopSigns();
}
