using System.Globalization;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>
/// Slips in what was written, each at its field. A broken order or a gap is no slip: <see cref="ProgrammeReview"/> says those.
/// </summary>
public static class ProgrammeValidation
{
    public const int LongestUnit = 6000;

    /// <param name="atlas">Structures and teaching styles; null: they are not looked at.</param>
    public static IReadOnlyList<Issue> Issues(this ProgrammeDocument programme, Atlas? atlas)
    {
        ArgumentNullException.ThrowIfNull(programme);
        var found = new List<Issue?> { Check.Given(programme.Name, "name", "what the certificate is called") };
        found.Add(Check.NoLongerThan(programme.Name, 120, "name"));
        if (programme.Schema is { } schema)
            found.Add(Check.OneOf(schema, [ProgrammeDocument.CurrentSchema], "schema"));
        if (atlas is not null)
            found.AddRange(OfAtlas(programme, atlas));
        found.AddRange(Named(programme.AllPhases, "phases", p => p, "a phase"));
        found.AddRange(Named(programme.AllModules, "modules", m => m?.Id, "a module"));
        found.AddRange(programme.AllModules.Select((m, i) => Check.Given(m?.Name, $"modules[{i}].name", "a name")));
        found.AddRange(Units(programme));
        found.AddRange(Outcomes(programme));
        found.AddRange(Sessions(programme));
        found.AddRange(Rules(programme));
        found.Add(Check.Between(programme.Participants, 1, 200, "participants", "people"));
        found.AddRange(Hours(programme.Hours));
        found.AddRange((programme.Aside ?? []).Select((a, i) => Check.Given(a?.Reason, $"aside[{i}].reason", "why it is kept as it is")));
        found.AddRange(
            (programme.Lessons ?? []).SelectMany(
                (e, i) =>
                    new[]
                    {
                        Check.Between(e?.Minutes, 0, 600, $"lessons[{i}].minutes", "minutes"),
                        Check.NoLongerThan(e?.Words, 400, $"lessons[{i}].words"),
                    }
            )
        );
        return [.. found.OfType<Issue>()];
    }

    private static IEnumerable<Issue?> Units(ProgrammeDocument programme)
    {
        var units = programme.AllUnits;
        if (units.Count > ProgrammeDocument.MostUnits)
            yield return new("units", IssueCodes.TooLong, $"{units.Count} units", $"{ProgrammeDocument.MostUnits}");
        foreach (var issue in Named(units, "units", u => u?.Id, "a unit"))
            yield return issue;
        var ids = units.Select(u => u?.Id).ToHashSet(StringComparer.Ordinal);
        var techniques = programme.AllUnits.SelectMany(u => u?.AllTechniques ?? []).ToHashSet(StringComparer.Ordinal);
        for (var i = 0; i < units.Count; i++)
        {
            if (units[i] is not { } unit)
                continue;
            var at = $"units[{i}]";
            yield return Check.Given(unit.Name, $"{at}.name", "a name");
            yield return Check.Between(unit.Minutes, 1, LongestUnit, $"{at}.minutes", "minutes");
            yield return Check.Given(unit.Kind, $"{at}.kind", "what is done in it");
            yield return Check.OneOf(unit.Kind, ClosedList.All<UnitKind>(), $"{at}.kind");
            yield return Check.Between(unit.MaxGroup, 1, 200, $"{at}.max_group", "people");
            if (unit.Phase is not null)
                yield return Check.OneOf(unit.Phase, programme.AllPhases, $"{at}.phase");
            if (unit.Module is not null)
                yield return Check.OneOf(unit.Module, [.. programme.AllModules.Select(m => m?.Id).OfType<string>()], $"{at}.module");
            for (var j = 0; j < unit.AllPrerequisites.Count; j++)
                if (unit.AllPrerequisites[j] is var p && !ids.Contains(p) && !techniques.Contains(p))
                    yield return new(
                        $"{at}.prerequisites[{j}]",
                        IssueCodes.Unknown,
                        p ?? "",
                        "a unit of this programme, or a technique that one of them teaches"
                    );
            for (var j = 0; j < unit.AllOutcomes.Count; j++)
                if (programme.AllOutcomes.All(o => o?.Id != unit.AllOutcomes[j]))
                    yield return new($"{at}.outcomes[{j}]", IssueCodes.Unknown, unit.AllOutcomes[j] ?? "", "an outcome of this programme");
        }
    }

    private static IEnumerable<Issue?> Outcomes(ProgrammeDocument programme)
    {
        foreach (var issue in Named(programme.AllOutcomes, "outcomes", o => o?.Id, "an outcome"))
            yield return issue;
        for (var i = 0; i < programme.AllOutcomes.Count; i++)
        {
            yield return Check.Given(programme.AllOutcomes[i]?.Says, $"outcomes[{i}].text", "what a graduate can do");
            yield return Check.OneOf(programme.AllOutcomes[i]?.Kind, ClosedList.All<OutcomeKind>(), $"outcomes[{i}].kind");
        }
    }

    private static IEnumerable<Issue?> Sessions(ProgrammeDocument programme)
    {
        var sessions = programme.AllSessions;
        if (sessions.Count > ProgrammeDocument.MostSessions)
            yield return new("sessions", IssueCodes.TooLong, $"{sessions.Count} sessions", $"{ProgrammeDocument.MostSessions}");
        foreach (var issue in Named(sessions, "sessions", s => s?.Id, "a session"))
            yield return issue;
        for (var i = 0; i < sessions.Count; i++)
        {
            if (sessions[i] is not { } session)
                continue;
            var at = $"sessions[{i}]";
            if (session.Minutes is null)
                yield return new($"{at}.minutes", IssueCodes.Missing, "", "minutes from beginning to end");
            yield return Check.Between(session.Minutes, 1, 1440, $"{at}.minutes", "minutes");
            yield return Check.Between(session.BreaksMin, 0, session.Minutes ?? 1440, $"{at}.breaks_min", "minutes");
            yield return Check.Between(session.Day, -100_000, 100_000, $"{at}.day", "days");
            yield return ADate(session.Date, $"{at}.date");
        }
        var dated = sessions.Count(s => s?.Date is not null);
        if (dated > 0 && dated < sessions.Count)
            for (var i = 0; i < sessions.Count; i++)
                if (sessions[i] is { Date: null })
                    yield return new($"sessions[{i}].date", IssueCodes.Missing, "", "a date, because other sessions have one");
        var closures = programme.Closures ?? [];
        for (var i = 0; i < closures.Count; i++)
        {
            var (from, to) = (closures[i]?.From, closures[i]?.To);
            yield return Check.Given(from, $"closures[{i}].from", "its first day");
            yield return ADate(from, $"closures[{i}].from");
            yield return ADate(to, $"closures[{i}].to");
            if (Dates.Of(from) is { } first && Dates.Of(to) is { } last && last < first)
                yield return new($"closures[{i}].to", IssueCodes.NotInOrder, to!, $"a day from {from} on");
        }
        foreach (var (list, name) in new[] { (programme.Fixed ?? [], "fixed"), (programme.Forbidden ?? [], "forbidden") })
            for (var i = 0; i < list.Count; i++)
            {
                if (programme.AllUnits.All(u => u?.Id != list[i]?.Unit))
                    yield return new($"{name}[{i}].unit", IssueCodes.Unknown, list[i]?.Unit ?? "", "a unit of this programme");
                if (sessions.All(s => s?.Id != list[i]?.Session))
                    yield return new($"{name}[{i}].session", IssueCodes.Unknown, list[i]?.Session ?? "", "a session of this programme");
            }
    }

    private static IEnumerable<Issue?> Rules(ProgrammeDocument programme)
    {
        var units = programme.AllUnits.Select(u => u?.Id).ToHashSet(StringComparer.Ordinal);
        foreach (var issue in Named(programme.AllRules, "rules", r => r?.Id, "a rule"))
            yield return issue;
        for (var i = 0; i < programme.AllRules.Count; i++)
        {
            if (programme.AllRules[i] is not { } rule)
                continue;
            var at = $"rules[{i}]";
            yield return Check.Given(rule.Kind, $"{at}.kind", "a kind of rule");
            yield return Check.OneOf(rule.Kind, ClosedList.All<RuleKind>(), $"{at}.kind");
            yield return Check.Between(rule.Weight, 0, 1000, $"{at}.weight");
            yield return Check.Between(rule.PerWeek, 1, 7, $"{at}.per_week", "days");
            yield return Check.Between(rule.Minutes, 1, 1440, $"{at}.minutes", "minutes");
            yield return ADate(rule.Date, $"{at}.date");
            foreach (
                var (unit, path) in new[] { (rule.Unit, "unit"), (rule.After, "after"), (rule.Before, "before") }.Concat(
                    (rule.Units ?? []).Select((u, j) => ((string?)u, $"units[{j}]"))
                )
            )
                if (unit is not null && !units.Contains(unit))
                    yield return new($"{at}.{path}", IssueCodes.Unknown, unit, "a unit of this programme");
            foreach (var issue in Days(rule, at))
                yield return issue;
            foreach (var issue in Needed(rule, at))
                yield return issue;
        }
    }

    private static IEnumerable<Issue?> Days(ProgrammeRule rule, string at)
    {
        var days = rule.Days ?? [];
        if (days.Count > 2)
            yield return new($"{at}.days", IssueCodes.TooLong, $"{days.Count} numbers", "2");
        foreach (var d in days)
            yield return Check.Between(d, 0, 5000, $"{at}.days", "days");
        if (days.Count == 2 && days[1] < days[0])
            yield return new($"{at}.days", IssueCodes.NotInOrder, $"{days[0]} to {days[1]}", "the fewest before the most");
    }

    /// <summary>What a rule of its kind cannot do without.</summary>
    private static IEnumerable<Issue?> Needed(ProgrammeRule rule, string at)
    {
        var two = rule.Units is { Count: >= 2 } || (rule.After is not null && rule.Before is not null);
        switch (ClosedList.Of<RuleKind>(rule.Kind))
        {
            case RuleKind.SameSession or RuleKind.NotSameSession when !two:
                yield return new($"{at}.units", IssueCodes.Missing, "", "two units or more");
                break;
            case RuleKind.PracticeDays when !two:
                yield return new(
                    $"{at}.after",
                    IssueCodes.Missing,
                    "",
                    "the unit that is practised, and in before the one that waits for it"
                );
                break;
            case RuleKind.GapDays when !two && rule.Named.Count == 0:
                yield return new($"{at}.units", IssueCodes.Missing, "", "the units, or the one that is returned to");
                break;
            case RuleKind.BeforeDate or RuleKind.AfterDate when rule.Named.Count == 0:
                yield return new($"{at}.unit", IssueCodes.Missing, "", "the unit");
                break;
        }
        if (ClosedList.Of<RuleKind>(rule.Kind) is RuleKind.GapDays or RuleKind.PracticeDays && rule.Days is not { Count: > 0 })
            yield return new($"{at}.days", IssueCodes.Missing, "", "a number of days");
        if (ClosedList.Of<RuleKind>(rule.Kind) is RuleKind.BeforeDate or RuleKind.AfterDate && rule is { Date: null, Day: null })
            yield return new($"{at}.date", IssueCodes.Missing, "", "a date");
    }

    private static IEnumerable<Issue?> Hours(HoursScheme? hours)
    {
        if (hours is null)
            yield break;
        yield return Check.OneOf(hours.Scheme, ["own", "credit"], "hours.scheme");
        yield return Check.Between(hours.Guided, 0, 5000, "hours.guided", "hours");
        yield return Check.Between(hours.Supervised, 0, 5000, "hours.supervised", "hours");
        yield return Check.Between(hours.SelfStudy, 0, 5000, "hours.self_study", "hours");
        yield return Check.Between(hours.Assessment, 0, 5000, "hours.assessment", "hours");
        yield return Check.Between(hours.PlannedSelfStudy, 0, 5000, "hours.planned_self_study", "hours");
        yield return Check.Between(hours.Cases, 0, 500, "hours.cases", "cases");
        yield return Check.Between(hours.PlannedCases, 0, 500, "hours.planned_cases", "cases");
        yield return Check.Between(hours.Credits, 0, 300, "hours.credits", "credits");
    }

    private static IEnumerable<Issue?> OfAtlas(ProgrammeDocument programme, Atlas atlas)
    {
        var styles = (programme.Schools ?? []).Select((s, i) => (s, $"schools[{i}]"));
        var own = programme.AllModules.SelectMany((m, i) => (m?.Schools ?? []).Select((s, j) => (s, $"modules[{i}].schools[{j}]")));
        foreach (var (style, path) in styles.Concat(own))
            yield return Check.OneOf(style, atlas.Schools.Keys, path);
        for (var i = 0; i < programme.AllStructures.Count; i++)
        {
            var promise = programme.AllStructures[i];
            if (!atlas.IsStructure(promise?.Structure ?? ""))
                yield return new($"structures[{i}].structure", IssueCodes.Unknown, promise?.Structure ?? "", "a structure of the atlas");
            yield return Check.OneOf(promise?.How, ClosedList.All<PromiseKind>(), $"structures[{i}].how");
        }
    }

    private static Issue? ADate(string? date, string path) =>
        date is null || Dates.Of(date) is not null ? null : new(path, IssueCodes.Unreadable, date, "a date such as 2027-03-06");

    private static IEnumerable<Issue?> Named<T>(IReadOnlyList<T> list, string path, Func<T, string?> id, string what)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < list.Count; i++)
            if (Check.Given(id(list[i]), $"{path}[{i}].id", "an id") is { } missing)
                yield return missing;
            else if (!seen.Add(id(list[i])!))
                yield return new($"{path}[{i}].id", IssueCodes.Taken, id(list[i])!, $"Give {what} an id of its own");
    }
}

/// <summary>Dates of a programme.</summary>
internal static class Dates
{
    public static DateOnly? Of(string? date) =>
        DateOnly.TryParseExact(date, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day) ? day : null;
}
