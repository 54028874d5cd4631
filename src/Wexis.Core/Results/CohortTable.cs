using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using CsvHelper;
using CsvHelper.Configuration;
using Wexis.Core.Measures;

namespace Wexis.Core.Results;

/// <summary>One trainee at one station, as a table holds it.</summary>
/// <param name="Waits">look-owed, look-open, dispute, appeal or release; empty where nothing waits.</param>
public sealed record CohortLine(
    PersonId TraineeId,
    string Trainee,
    string Examination,
    StationId StationId,
    int Station,
    string Shows,
    int? Attempt,
    DateTimeOffset? DecidedAt,
    string? Assessor,
    Decision? Decision,
    double? Percent,
    double? Doing,
    double? Teaching,
    DateTimeOffset? ReleasedAt,
    string Waits
);

/// <summary>
/// A cohort's results as CSV (RFC 4180) and its description as a Table Schema (Frictionless Data: "fields" with "name", "type",
/// "constraints", "missingValues"). No cell is one that a spreadsheet runs.
/// </summary>
public static class CohortTable
{
    private sealed record Column(string Name, string Type, string Title, Func<CohortLine, string> Of, IReadOnlyList<string>? Words = null);

    private static readonly IReadOnlyList<Column> Columns =
    [
        new("trainee_id", "string", "Id of the trainee", l => l.TraineeId.ToString()),
        new("trainee", "string", "Name of the trainee", l => l.Trainee),
        new("examination", "string", "Name of the examination", l => l.Examination),
        new("station_id", "string", "Id of the station", l => l.StationId.ToString()),
        new("station", "integer", "Number of the station, from 1", l => Text(l.Station)),
        new("shows", "string", "What is shown there", l => l.Shows),
        new("attempt", "integer", "Newest attempt, from 1", l => Text(l.Attempt)),
        new("decided_at", "datetime", "When the sheet was submitted, UTC", l => Text(l.DecidedAt)),
        new("assessor", "string", "Who marked it first", l => l.Assessor ?? ""),
        new("decision", "string", "What stands", l => l.Decision?.Word() ?? "", ClosedList.All<Decision>()),
        new("percent", "number", "Of 100, unrounded", l => Text(l.Percent)),
        new("doing", "number", "Percent of the criteria of doing", l => Text(l.Doing)),
        new("teaching", "number", "Percent of the criteria of teaching", l => Text(l.Teaching)),
        new("released_at", "datetime", "When the trainee could see it, UTC", l => Text(l.ReleasedAt)),
        new("waits", "string", "What has to happen next", l => l.Waits, ["look-owed", "look-open", "dispute", "appeal", "release"]),
    ];

    private static string Text(int? n) => n?.ToString(CultureInfo.InvariantCulture) ?? "";

    private static string Text(double? n) => n?.ToString("0.####", CultureInfo.InvariantCulture) ?? "";

    private static string Text(DateTimeOffset? at) => at?.UtcDateTime.ToString("yyyy-MM-ddTHH:mm:ssZ", CultureInfo.InvariantCulture) ?? "";

    public static string Write(IEnumerable<CohortLine> lines)
    {
        ArgumentNullException.ThrowIfNull(lines);
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (
            var csv = new CsvWriter(
                text,
                new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n", InjectionOptions = InjectionOptions.Escape }
            )
        )
        {
            foreach (var column in Columns)
                csv.WriteField(column.Name);
            csv.NextRecord();
            foreach (var line in lines)
            {
                foreach (var column in Columns)
                    csv.WriteField(column.Of(line));
                csv.NextRecord();
            }
        }
        return text.ToString();
    }

    /// <summary>The Table Schema that describes the table.</summary>
    public static string Schema()
    {
        var fields = new JsonArray();
        foreach (var column in Columns)
        {
            var field = new JsonObject
            {
                ["name"] = column.Name,
                ["type"] = column.Type,
                ["title"] = column.Title,
            };
            var constraints = new JsonObject();
            if (column.Name is "trainee_id" or "trainee" or "examination" or "station_id" or "station" or "shows")
                constraints["required"] = true;
            if (column.Type is "integer")
                constraints["minimum"] = 1;
            if (column.Type is "number")
            {
                constraints["minimum"] = 0;
                constraints["maximum"] = 100;
            }
            if (column.Words is { } words)
                constraints["enum"] = new JsonArray([.. words.Select(w => (JsonNode)w)]);
            if (constraints.Count > 0)
                field["constraints"] = constraints;
            fields.Add(field);
        }
        return new JsonObject
        {
            ["fields"] = fields,
            ["missingValues"] = new JsonArray(""),
            ["primaryKey"] = new JsonArray("trainee_id", "station_id"),
        }.ToJsonString(new JsonSerializerOptions { WriteIndented = true });
    }
}
