using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Core.Results;

/// <summary>
/// A mark sheet as a table (CSV, RFC 4180) that a colleague from outside fills in with whatever opens tables, and sends back: one line a
/// count, a criterion and a critical act, each with the id of the case, so that a sheet of another case is known. Nothing of the first
/// sheet stands in it. What follows from counts (dose, sides) is worked out, not asked.
/// </summary>
public static class ReturnedSheet
{
    private const string Act = "must not happen";
    private const string Count = "count";
    private const string NotSeen = "not seen";

    private static readonly string[] Columns = ["case", "id", "what", "0", "1", "2", "3", "mark", "why"];

    /// <summary>The empty sheet of a case.</summary>
    public static string Blank(DemonstrationId of, MarkSheet sheet)
    {
        ArgumentNullException.ThrowIfNull(sheet);
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (
            var csv = new CsvWriter(
                text,
                new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n", InjectionOptions = InjectionOptions.Escape }
            )
        )
        {
            Line(csv, Columns);
            foreach (var (step, side) in Counted(sheet))
                Line(csv, [of.ToString(), IdOf(step, side), $"{step.Title}, {side.Word()}: how many {Unit(step)}", "", "", "", "", "", ""]);
            foreach (var c in sheet.Criteria.Where(IsAsked))
            {
                var anchors = c.Anchors.Count == 4 ? c.Anchors : [.. Enumerable.Repeat("", 4)];
                Line(csv, [of.ToString(), c.Id, c.Text, .. anchors, "", ""]);
            }
            foreach (var a in sheet.CriticalActs)
                Line(csv, [of.ToString(), a.Id, $"{Act}: {a.Text}", "no", "yes", "", "", "", ""]);
        }
        return text.ToString();
    }

    private static IEnumerable<(SheetStep Step, Side Side)> Counted(MarkSheet sheet) =>
        sheet.AsksForDose ? sheet.Steps.SelectMany(s => s.Columns.Select(c => (s, c))) : [];

    private static string IdOf(SheetStep step, Side side) => $"{Count}-{step.Index}-{side.Word()}";

    private static string Unit(SheetStep step) => step.Counting == Counting.Seconds ? "seconds" : "repetitions";

    /// <summary>What does not follow from counts.</summary>
    private static bool IsAsked(Criterion c) =>
        c.Measure?.Quantity is not (Quantity.Repetitions or Quantity.WorkingSeconds or Quantity.Balance);

    private static void Line(CsvWriter csv, IReadOnlyList<string> fields)
    {
        foreach (var field in fields)
            csv.WriteField(field);
        csv.NextRecord();
    }

    /// <summary>The marks of a sheet that came back, as events of one device; or every line that cannot be taken.</summary>
    public static Checked<IReadOnlyList<MarkEvent>> Read(string text, DemonstrationId of, MarkSheet sheet)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(sheet);
        using var csv = new CsvReader(
            new StringReader(text),
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                DetectDelimiter = true,
                DetectDelimiterValues = [",", ";", "\t"],
                BadDataFound = null,
                MissingFieldFound = null,
            }
        );
        if (
            !csv.Read()
            || !csv.ReadHeader()
            || Columns.Except(csv.HeaderRecord ?? []).FirstOrDefault(c => c is "case" or "id" or "mark") is { }
        )
            return Checked.No<IReadOnlyList<MarkEvent>>(
                new Issue("file", IssueCodes.Unreadable, Start(text), "the table of the sheet, with its columns case, id and mark")
            );
        var issues = new List<Issue>();
        var events = new List<MarkEvent>();
        var seen = new HashSet<string>(StringComparer.Ordinal);
        while (csv.Read())
        {
            var line = $"line {csv.Parser.Row}";
            var id = csv.GetField("id")?.Trim() ?? "";
            if (!DemonstrationId.TryParse(csv.GetField("case"), null, out var mine) || mine != of)
                return Checked.No<IReadOnlyList<MarkEvent>>(
                    new Issue($"{line}, case", IssueCodes.Unknown, csv.GetField("case") ?? "", $"{of}: this is a sheet of another case")
                );
            if (!seen.Add(id))
                issues.Add(new($"{line}, id", IssueCodes.Taken, id, "Each stands here once"));
            else if (
                One(id, csv.GetField("mark")?.Trim() ?? "", csv.GetField("why")?.Trim() ?? "", sheet, line, events.Count) is var (e, slip)
            )
            {
                if (e is not null)
                    events.Add(e);
                if (slip is not null)
                    issues.Add(slip);
            }
        }
        issues.AddRange(
            Counted(sheet)
                .Select(c => (Id: IdOf(c.Step, c.Side), c.Step.Title))
                .Concat(sheet.Criteria.Where(IsAsked).Select(c => (c.Id, Title: c.Text)))
                .Where(c => !seen.Contains(c.Id))
                .Select(c => new Issue("id", IssueCodes.Missing, "", $"a line {c.Id} for “{c.Title}”"))
        );
        if (issues.Count > 0)
            return Checked.No<IReadOnlyList<MarkEvent>>([.. issues]);
        // Counts before the stop, what a person judges after it.
        var ordered = events
            .Where(e => e.Kind == MarkKind.Tally)
            .Append(Event(MarkKind.Stop, 0, null, null, null))
            .Concat(events.Where(e => e.Kind != MarkKind.Tally));
        return Checked.Yes<IReadOnlyList<MarkEvent>>([.. ordered.Select((e, i) => e with { Counter = i })]);
    }

    private static string Start(string text) => text.Length > 40 ? text[..40] : text;

    private static (MarkEvent? Event, Issue? Slip) One(string id, string mark, string why, MarkSheet sheet, string line, int counter)
    {
        if (sheet.CriticalActs.FirstOrDefault(a => a.Id == id) is not null)
            return mark.ToUpperInvariant() switch
            {
                "" or "0" or "NO" => (null, null),
                "1" or "YES" => (Event(MarkKind.Critical, counter, id, null, Note(why)), null),
                _ => (null, new($"{line}, mark", IssueCodes.Unknown, mark, "yes or no")),
            };
        if (Counted(sheet).FirstOrDefault(c => IdOf(c.Step, c.Side) == id) is { Step: { } step, Side: var side })
        {
            if (!double.TryParse(mark, NumberStyles.Float, CultureInfo.InvariantCulture, out var counted))
                return (null, new($"{line}, mark", IssueCodes.Unreadable, mark, $"how many {Unit(step)} were shown; 0 for none"));
            var tally = new MarkEvent(
                MarkId.New(),
                MarkKind.Tally,
                "file",
                counter,
                0,
                step.Index,
                side,
                step.Counting == Counting.Seconds ? "seconds" : null,
                counted,
                Note(why),
                0
            );
            return MarkRules.Issues(tally, sheet) is { Count: > 0 } wrong
                ? (null, wrong[0] with { Path = $"{line}, mark" })
                : (tally, null);
        }
        if (sheet.Criteria.All(c => c.Id != id))
            return (null, new($"{line}, id", IssueCodes.Unknown, id, "a criterion of this sheet"));
        if (mark.Length == 0)
            return (null, new($"{line}, mark", IssueCodes.Missing, "", $"0, 1, 2, 3 or “{NotSeen}”"));
        if (mark.Equals(NotSeen, StringComparison.OrdinalIgnoreCase))
            return (Event(MarkKind.Unseen, counter, id, null, Note(why)), null);
        if (!double.TryParse(mark, NumberStyles.Float, CultureInfo.InvariantCulture, out var value))
            return (null, new($"{line}, mark", IssueCodes.Unreadable, mark, $"0, 1, 2, 3 or “{NotSeen}”"));
        var given = Event(MarkKind.Mark, counter, id, value, Note(why));
        return MarkRules.Issues(given, sheet) is { Count: > 0 } slips
            ? (null, slips[0] with { Path = $"{line}, {(slips[0].Path == "value" ? "mark" : slips[0].Path)}" })
            : (given, null);
    }

    private static string? Note(string why) => why.Length == 0 ? null : why;

    private static MarkEvent Event(MarkKind kind, int counter, string? target, double? value, string? note) =>
        new(MarkId.New(), kind, "file", counter, 0, null, null, target, value, note, 0);
}
