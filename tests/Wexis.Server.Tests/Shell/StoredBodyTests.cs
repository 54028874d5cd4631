using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using Json.Schema;
using Wexis.Core.Examinations;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Programmes;
using Wexis.Core.Results;
using Wexis.Core.Routines;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;
using Wexis.Data;
using Wexis.Data.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Shell;

/// <summary>
/// Documents of every day on which a form changed, as they lay in the store then (<c>tests/cases/stored/DATE</c>, from the demo): this
/// build reads each,
/// value by value. Their schemas (<c>data/schema/stored</c>) are checked by a general-purpose validator, JsonSchema.Net.
/// </summary>
public class StoredBodyTests
{
    private static readonly string Cases = Path.Combine(House.Root, "tests", "cases", "stored");
    private static readonly string SchemaFolder = Path.Combine(House.Root, "data", "schema", "stored");

    private sealed record Kind(Func<string, object> Read, Func<object, string> Write, Type Type);

    private static Kind Of<T>()
        where T : class => new(json => StoredBody.Read<T>(json), body => StoredBody.Write((T)body), typeof(T));

    private static readonly Dictionary<string, Kind> Kinds = new(StringComparer.Ordinal)
    {
        ["technique"] = Of<TechniqueDocument>(),
        ["kept-derivation"] = Of<KeptDerivation>(),
        ["technique-work"] = Of<TechniqueWork>(),
        ["routine"] = Of<RoutineDocument>(),
        ["programme"] = Of<ProgrammeDocument>(),
        ["mark-sheet"] = Of<MarkSheet>(),
        ["result"] = Of<DemonstrationResult>(),
        ["case-event"] = Of<CaseEvent>(),
        ["screening-answers"] = Of<ScreeningAnswers>(),
        ["consent"] = Of<Consent>(),
    };

    public static TheoryData<string> Files =>
        [
            .. Directory
                .GetFiles(Cases, "*.jsonl", SearchOption.AllDirectories)
                .Select(f => Path.GetRelativePath(Cases, f))
                .Order(StringComparer.Ordinal),
        ];

    public static TheoryData<string> Names => [.. Kinds.Keys];

    [Theory]
    [MemberData(nameof(Files))]
    public void A_document_of_any_day_is_read_value_by_value(string file)
    {
        var kind = Kinds[Path.GetFileNameWithoutExtension(file)];
        foreach (var line in File.ReadLines(Path.Combine(Cases, file)))
        {
            var again = JsonNode.Parse(kind.Write(kind.Read(line)))!;
            Lost(AsToday(Path.GetFileNameWithoutExtension(file), JsonNode.Parse(line)!.AsObject()), again, "")
                .ShouldBeEmpty($"{file}: {line[..Math.Min(line.Length, 120)]}");
            // What today writes, today reads to the same.
            kind.Write(kind.Read(again.ToJsonString())).ShouldBe(again.ToJsonString(ExchangeJson.Options));
        }
    }

    /// <summary>Where a form moved what it had: every value of a module without units is looked for in its one unit.</summary>
    private static JsonObject AsToday(string kind, JsonObject old)
    {
        if (kind != "programme" || old.ContainsKey("units"))
            return old;
        var modules = old["modules"]!.AsArray();
        JsonObject Only(JsonNode? module, Func<string, bool> field) =>
            new(module!.AsObject().Where(f => field(f.Key)).Select(f => KeyValuePair.Create(f.Key, f.Value?.DeepClone())));
        old["units"] = new JsonArray([.. modules.Select(m => Only(m, f => f != "schools"))]);
        old["modules"] = new JsonArray([.. modules.Select(m => Only(m, f => f is "id" or "name" or "schools"))]);
        return old;
    }

    [Fact]
    public void Every_kind_that_is_stored_has_old_files()
    {
        StoredBody.Schemas.Keys.ShouldBe(Kinds.Values.Select(k => k.Type), ignoreOrder: true);
        Files.Select(f => Path.GetFileNameWithoutExtension((string)f.Data)).Distinct().ShouldBe(Kinds.Keys, ignoreOrder: true);
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void An_unknown_form_is_refused_with_its_field(string name)
    {
        var kind = Kinds[name];
        foreach (var schema in new[] { "\"wexis.other/1\"", $"\"wexis.{name}/99\"", "7", "\"\"", "{}" })
        {
            var body = JsonNode.Parse(First(name))!.AsObject();
            body["schema"] = JsonNode.Parse(schema);
            Should.Throw<StoredBodyException>(() => kind.Read(body.ToJsonString())).Message.ShouldContain("schema");
        }
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Half_a_document_is_refused_and_never_read_in_part(string name)
    {
        var kind = Kinds[name];
        var whole = First(name);
        for (var cut = 1; cut < 8; cut++)
            Should.Throw<StoredBodyException>(() => kind.Read(whole[..(whole.Length * cut / 8)]));
        foreach (var other in new[] { "null", "[]", "3", "\"text\"" })
            Should.Throw<StoredBodyException>(() => kind.Read(other));
        // A technique may leave anything untold; the others need what they are made of.
        if (name == "technique")
            return;
        foreach (var field in JsonNode.Parse(whole)!.AsObject().Select(p => p.Key).Where(k => k != "schema" && Required(kind.Type, k)))
        {
            var body = JsonNode.Parse(whole)!.AsObject();
            body.Remove(field);
            Should
                .Throw<StoredBodyException>(() => kind.Read(body.ToJsonString()))
                .Message.ShouldContain(field, Case.Insensitive, $"{name} without {field}");
        }
    }

    [Fact]
    public void A_stub_of_a_mark_sheet_is_no_sheet_with_a_pass_line_of_nothing()
    {
        Should.Throw<StoredBodyException>(() => StoredBody.Read<MarkSheet>("{}"));
        Should.Throw<StoredBodyException>(() => StoredBody.Read<MarkSheet>("""{"schema": "wexis.mark-sheet/1", "criteria": null}"""));
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Its_schema_is_kept_up_to_date_and_holds_for_old_and_new(string name)
    {
        var kind = Kinds[name];
        var path = Path.Combine(SchemaFolder, $"{name}.json");
        var text = SchemaOf(kind.Type, StoredBody.Schemas[kind.Type]);
        if (Environment.GetEnvironmentVariable("WEXIS_WRITE_SCHEMAS") == "1")
        {
            Directory.CreateDirectory(SchemaFolder);
            File.WriteAllText(path, text);
        }
        File.ReadAllText(path).ShouldBe(text, $"write it anew: WEXIS_WRITE_SCHEMAS=1 ./wexis test server -class {GetType().FullName}");
        var schema = Json.Schema.JsonSchema.FromText(text);
        foreach (
            var line in Files
                .Select(f => (string)f.Data)
                .Where(f => Path.GetFileNameWithoutExtension(f) == name)
                .SelectMany(f => File.ReadLines(Path.Combine(Cases, f)))
        )
        {
            var result = schema.Evaluate(
                JsonNode.Parse(kind.Write(kind.Read(line))),
                new EvaluationOptions { OutputFormat = OutputFormat.List }
            );
            result.IsValid.ShouldBeTrue(
                string.Join(
                    "\n",
                    result.Details.Where(d => d.HasErrors).Select(d => $"{d.InstanceLocation}: {string.Join("; ", d.Errors!.Values)}")
                )
            );
        }
    }

    private static string SchemaOf(Type type, string schema)
    {
        var form = new JsonSchemaExporterOptions
        {
            TreatNullObliviousAsNonNullable = false,
            TransformSchemaNode = ExchangeSchema.IdsWrittenOut,
        };
        var shape = ExchangeJson.Whole.GetJsonSchemaAsNode(type, form).AsObject();
        shape["type"] = "object";
        shape["properties"]!["schema"] = new JsonObject { ["const"] = schema };
        shape["title"] = $"{schema}, as Wexis stores it";
        return shape.ToJsonString(ExchangeJson.Indented) + "\n";
    }

    private static bool Required(Type type, string field) =>
        type.GetConstructors()
            .MaxBy(c => c.GetParameters().Length)!
            .GetParameters()
            .Any(p => !p.HasDefaultValue && JsonNamingPolicy.SnakeCaseLower.ConvertName(p.Name!) == field);

    /// <summary>One of the oldest of its kind.</summary>
    private static string First(string name) =>
        File.ReadLines(Directory.GetFiles(Cases, $"{name}.jsonl", SearchOption.AllDirectories).Order(StringComparer.Ordinal).First())
            .First();

    /// <summary>Places of the old document whose value the new one does not hold.</summary>
    private static IEnumerable<string> Lost(JsonNode? old, JsonNode? now, string path) =>
        (old, now) switch
        {
            (null, null) => [],
            (JsonObject a, JsonObject b) => a.SelectMany(p =>
                b.ContainsKey(p.Key) ? Lost(p.Value, b[p.Key], $"{path}.{p.Key}")
                : p.Value is null ? []
                : [$"{path}.{p.Key}"]
            ),
            (JsonArray a, JsonArray b) when a.Count == b.Count => a.SelectMany((x, i) => Lost(x, b[i], $"{path}[{i}]")),
            (JsonValue a, JsonValue b) when JsonNode.DeepEquals(a, b) || Number(a) is { } x && Number(b) is { } y && x.Equals(y) => [],
            _ => [path],
        };

    private static double? Number(JsonValue value) => value.GetValueKind() == JsonValueKind.Number ? value.Deserialize<double>() : null;
}
