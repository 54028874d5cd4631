using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.People;

/// <summary>What is known of the person a technique is meant for. Health data: given for one check, never kept with a technique.</summary>
/// <param name="Conditions">Exclusion ids of the atlas.</param>
/// <param name="Procedures">Procedures with their day and place.</param>
/// <param name="Reports">What the person says while or after doing it.</param>
/// <param name="Asked">Exclusion ids that were asked; null: all of them (only a file may leave it out, the interface never).</param>
public sealed record PersonNote(
    IReadOnlyList<string>? Conditions,
    IReadOnlyList<Procedure>? Procedures,
    IReadOnlyList<string>? Reports,
    IReadOnlyList<string>? Asked = null
)
{
    public static PersonNote Nobody { get; } = new([], [], []);

    /// <summary>
    /// Every slip: an unknown state, a treatment without its day or with a day that has not come, a place that is no zone.
    /// </summary>
    /// <param name="path">Where the note stands in what was sent.</param>
    /// <param name="dayNeeded">Whether a treatment must have its day; a file may leave it open, and is then told to ask.</param>
    public IReadOnlyList<Issue> Issues(string path, DateOnly today, Atlas atlas, bool dayNeeded)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        var issues = new List<Issue>();
        void Known(IReadOnlyList<string>? ids, string field)
        {
            for (var i = 0; i < (ids?.Count ?? 0); i++)
                if (!atlas.Exclusions.ContainsKey(ids![i]))
                    issues.Add(new($"{path}.{field}[{i}]", IssueCodes.Unknown, ids[i], "an exclusion of the atlas"));
        }
        Known(Conditions, "conditions");
        Known(Asked, "asked");
        var procedures = Procedures ?? [];
        for (var i = 0; i < procedures.Count; i++)
        {
            var at = $"{path}.procedures[{i}]";
            var p = procedures[i];
            if (p.Kind is not { } kind || !atlas.Exclusions.TryGetValue(kind, out var exclusion))
                issues.Add(new($"{at}.kind", IssueCodes.Unknown, p.Kind ?? "", "an exclusion of the atlas"));
            else if (p.Date is not { } day)
            {
                if (dayNeeded)
                    issues.Add(new($"{at}.date", IssueCodes.Missing, "", $"the day of: {exclusion.Name}"));
            }
            else if (day > today || (today != DateOnly.MaxValue && day.Year < today.Year - 100))
                issues.Add(
                    new(
                        $"{at}.date",
                        IssueCodes.OutOfRange,
                        $"{day:yyyy-MM-dd}",
                        $"the last hundred years, up to today ({today:yyyy-MM-dd})"
                    )
                );
            if (p.ReleasedOn is { } released && (released > today || released < p.Date))
                issues.Add(
                    new(
                        $"{at}.released_on",
                        IssueCodes.OutOfRange,
                        $"{released:yyyy-MM-dd}",
                        $"from the day of the treatment up to today ({today:yyyy-MM-dd})"
                    )
                );
            for (var z = 0; z < (p.Place?.Count ?? 0); z++)
                if (!atlas.Zones.ContainsKey(p.Place![z]))
                    issues.Add(new($"{at}.place[{z}]", IssueCodes.Unknown, p.Place[z], "a zone of the atlas"));
        }
        for (var i = 0; i < (Reports?.Count ?? 0); i++)
            if (Check.NoLongerThan(Reports![i], 500, $"{path}.reports[{i}]") is { } slip)
                issues.Add(slip);
        return issues;
    }
}

/// <param name="Kind">An exclusion id.</param>
/// <param name="Place">Treated zones; null: no place was given, so the whole face counts.</param>
/// <param name="ReleasedOn">The day on which whoever treated released the person.</param>
public sealed record Procedure(string? Kind, DateOnly? Date, IReadOnlyList<string>? Place = null, DateOnly? ReleasedOn = null);
