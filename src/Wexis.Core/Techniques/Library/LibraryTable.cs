using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Library;

/// <summary>Facts of one technique as a table holds them. Empty means: nobody has said.</summary>
public sealed record TechniqueFacts(string Id, string Name, string? Region, string? School, IReadOnlyList<string> Concerns, string? Aim)
{
    /// <summary>The same technique with these facts; a table that says nothing new changes nothing.</summary>
    public TechniqueDocument On(TechniqueDocument document)
    {
        ArgumentNullException.ThrowIfNull(document);
        var concerns = Concerns.SequenceEqual(document.Concerns ?? []) ? document.Concerns : Concerns;
        return document with { Id = Id, Name = Name, Region = Region, School = School, Concerns = concerns, Aim = Aim };
    }
}

/// <summary>The facts read from a table.</summary>
public sealed record FactsRead(IReadOnlyList<TechniqueFacts> Facts);

/// <summary>
/// The library's facts as CSV (RFC 4180) with a head line: id, name, region, school, concerns and aim come in again; what follows them is
/// derived and only goes out.
/// Lists within a field are separated by semicolons. No cell is one that a spreadsheet runs (OWASP, CSV Injection).
/// </summary>
public static class LibraryTable
{
    private static readonly string[] In = ["id", "name", "region", "school", "concerns", "aim"];
    private static readonly string[] Out =
    [
        .. In,
        "standing",
        "seconds_minimum",
        "seconds_standard",
        "seconds_full",
        "mainly_works",
        "contacts",
        "busy_channels",
        "safety",
        "claims_to_answer",
        "exclusions_to_avoid",
    ];

    public static string Write(IEnumerable<ShelvedTechnique> techniques)
    {
        ArgumentNullException.ThrowIfNull(techniques);
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using var csv = new CsvWriter(
            text,
            new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n", InjectionOptions = InjectionOptions.Escape }
        );
        foreach (var head in Out)
            csv.WriteField(head);
        csv.NextRecord();
        foreach (var t in techniques)
        {
            foreach (
                var field in new object?[]
                {
                    t.Id,
                    t.Name,
                    t.Region,
                    t.School,
                    string.Join(';', t.Brief.Concerns),
                    t.Brief.Aim,
                    t.Standing,
                    t.Brief.Seconds.Minimum,
                    t.Brief.Seconds.Standard,
                    t.Brief.Seconds.Full,
                    t.Brief.Primary,
                    string.Join(';', t.Brief.Contacts),
                    string.Join(';', t.Brief.Channels),
                    t.Brief.SafetyVerdict,
                    t.Brief.Contradicted,
                    string.Join(';', t.Brief.Avoid),
                }
            )
                csv.WriteField(Told(Convert.ToString(field, CultureInfo.InvariantCulture)));
            csv.NextRecord();
        }
        csv.Flush();
        return text.ToString();
    }

    /// <summary>
    /// A cell that a spreadsheet would run (it begins with = + - @ or a tab) goes out behind an apostrophe, by the library's own means;
    /// one that has such an apostrophe of its own gets a second, so that reading takes off exactly what writing put on.
    /// </summary>
    private static string? Told(string? value) => value is ['\'', ..] && Defused(value) ? $"'{value}" : value;

    private static bool Defused(string value) => value.TrimStart('\'') is ['=' or '+' or '-' or '@' or '\t' or '\r', ..];

    private static string Plain(string value) => value is ['\'', ..] && Defused(value) ? value[1..] : value;

    /// <summary>
    /// What parts the fields: spreadsheets of some countries write semicolons or tabs, and no column's name holds either.
    /// </summary>
    private static string Separator(string text)
    {
        var head = text.TrimStart().Split('\n', 2)[0];
        return head.Contains(';', StringComparison.Ordinal) ? ";"
            : head.Contains('\t', StringComparison.Ordinal) ? "\t"
            : ",";
    }

    /// <summary>Reads the facts, parted by commas, semicolons or tabs; every slip is named with its line.</summary>
    public static Checked<FactsRead> Read(string text, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(atlas);
        using var reader = new StringReader(text);
        using var csv = new CsvReader(
            reader,
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                Delimiter = Separator(text),
                MissingFieldFound = null,
                TrimOptions = TrimOptions.Trim,
                PrepareHeaderForMatch = h => h.Header.Trim().TrimStart('\uFEFF').ToLowerInvariant(),
            }
        );
        try
        {
            if (!csv.Read())
                return Checked.No<FactsRead>(new Issue("line 1", IssueCodes.Missing, "", $"a head line: {string.Join(",", In)}"));
            csv.ReadHeader();
        }
        catch (BadDataException)
        {
            // A quote in the middle of a field: this is no table.
            return Checked.No<FactsRead>(
                new Issue("line 1", IssueCodes.Unreadable, csv.Parser.RawRecord.Trim(), $"a head line: {string.Join(",", In)}")
            );
        }
        if (csv.HeaderRecord is null)
            return Checked.No<FactsRead>(new Issue("line 1", IssueCodes.Missing, "", $"a head line: {string.Join(",", In)}"));
        var heads = csv.HeaderRecord.Select(h => h.Trim().TrimStart('\uFEFF').ToLowerInvariant()).ToHashSet(StringComparer.Ordinal);
        if (In.Where(h => !heads.Contains(h)).ToList() is { Count: > 0 } missing)
            return Checked.No<FactsRead>(new Issue("line 1", IssueCodes.Missing, "", $"the columns {string.Join(", ", missing)}"));
        var issues = new List<Issue>();
        var facts = new List<TechniqueFacts>();
        var concerns = atlas.Document.Concerns.Select(c => c.Id).ToList();
        try
        {
            while (csv.Read())
            {
                var line = $"line {csv.Parser.RawRow}";
                string? Field(string name) => csv.GetField(name) is { Length: > 0 } value ? Plain(value) : null;
                var row = new TechniqueFacts(
                    Field("id") ?? "",
                    Field("name") ?? "",
                    Field("region"),
                    Field("school"),
                    [.. (Field("concerns") ?? "").Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)],
                    Field("aim")
                );
                var wrong = new List<Issue?>
                {
                    Check.Given(row.Id, $"{line}, id", "the technique's id"),
                    Check.Given(row.Name, $"{line}, name", "what trainees call it"),
                    Check.NoLongerThan(row.Name, 120, $"{line}, name"),
                    Check.OneOf(row.Region, atlas.Regions.Keys, $"{line}, region"),
                    Check.OneOf(row.School, atlas.Schools.Keys, $"{line}, school"),
                    Check.NoLongerThan(row.Aim, 600, $"{line}, aim"),
                    facts.Any(f => f.Id == row.Id && row.Id.Length > 0)
                        ? new Issue($"{line}, id", IssueCodes.Taken, row.Id, "It stands in the table twice")
                        : null,
                };
                wrong.AddRange(row.Concerns.Select(c => Check.OneOf(c, concerns, $"{line}, concerns")));
                issues.AddRange(wrong.OfType<Issue>());
                facts.Add(row);
            }
        }
        catch (BadDataException)
        {
            issues.Add(new($"line {csv.Parser.RawRow}", IssueCodes.Unreadable, csv.Parser.RawRecord.Trim(), "fields in quotes that end"));
        }
        if (issues.Count == 0 && facts.Count == 0)
            issues.Add(new("line 2", IssueCodes.Missing, "", "at least one technique"));
        return issues.Count > 0 ? Checked.No<FactsRead>(issues) : Checked.Yes(new FactsRead(facts));
    }
}
