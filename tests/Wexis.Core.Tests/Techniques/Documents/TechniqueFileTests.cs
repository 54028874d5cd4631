using System.Text.Json.Nodes;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Strokes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Files come in whole, or every slip comes out with its line.</summary>
public class TechniqueFileTests
{
    private static TechniqueFile Read(string text) => TechniqueFile.Read(text, Reference.Atlas, Reference.Model);

    private static string Demo => File.ReadAllText(Path.Combine(Reference.DataFolder, "demo", "techniques.json"));

    [Fact]
    public void The_demo_is_a_file_like_any_other() => Read(Demo).Techniques.Count.ShouldBeGreaterThanOrEqualTo(8);

    [Fact]
    public void A_written_technique_reads_back_to_the_same_answer()
    {
        foreach (var technique in Read(Demo).Techniques)
        {
            var again = Read(ExchangeJson.Write(technique.Document)).Techniques.ShouldHaveSingleItem();
            ExchangeJson
                .Write(Derivation.Of(again.Document, Reference.Atlas, Reference.Model, Reference.Settings))
                .ShouldBe(ExchangeJson.Write(Derivation.Of(technique.Document, Reference.Atlas, Reference.Model, Reference.Settings)));
        }
    }

    [Fact]
    public void Every_slip_is_told_with_its_line()
    {
        var read = Read(
            """
            {
              "schema": "wexis.technique/1",
              "name": "Slips",
              "steps": [
                { "acts": [{ "do": "fly" }],
                  "hands": [{ "verb": "stroke", "pressure": 9,
                    "path": [{ "at": "nowhere" }] }],
                  "tempo": { "hold_s": -2 } }
              ]
            }
            """
        );
        read.Issues.Select(i => (i.Line, i.Issue.Path))
            .ShouldBe(
                [
                    (5, "steps[0].acts[0].do"),
                    (6, "steps[0].hands[0].pressure"),
                    (7, "steps[0].hands[0].path[0].at"),
                    (8, "steps[0].tempo.hold_s"),
                ],
                ignoreOrder: true
            );
    }

    [Theory]
    [InlineData("{ \"schema\": \"wexis.technique/1\", \"name\": \"x\", \"setps\": [] }", "line 1: setps: “setps” is not known.")]
    [InlineData(
        "{ \"schema\": \"another/1\" }",
        "line 1: schema: “another/1” is not known. Allowed: wexis.technique/1, wexis.technique-list/1."
    )]
    [InlineData("{ \"name\": \"x\" }", "line 1: schema: nothing is given. Needed: wexis.technique/1 or wexis.technique-list/1.")]
    [InlineData("[]", "line 1: file: “array” cannot be read.")]
    [InlineData("{\n\n oops", "line 3: file:")]
    [InlineData("", "line 1: file:")]
    [InlineData("{ \"schema\": \"wexis.technique-list/1\" }", "line 1: techniques: nothing is given.")]
    [InlineData("{ \"schema\": \"wexis.technique/1\", \"name\": 7 }", "line 1: name:")]
    public void A_bad_file_is_refused_and_never_read_by_half(string text, string begins) =>
        Read(text).Issues[0].Text.ShouldStartWith(begins);

    [Fact]
    public void Moves_and_actions_are_both_accepted_as_what_happens()
    {
        string Of(string verb) => $$"""{ "schema": "wexis.technique/1", "name": "x", "steps": [{ "acts": [{ "do": "{{verb}}" }] }] }""";
        Read(Of("smile-closed")).Issues.ShouldBeEmpty();
        foreach (var action in Reference.Atlas.Document.ControlledLists.Actions.Keys)
            Read(Of(action)).Issues.ShouldBeEmpty(action);
    }

    [Theory]
    [InlineData("""{"conditions":["ci-filer"]}""", "person.conditions[0]")]
    [InlineData("""{"condition":["ci-filler"]}""", "person.condition")]
    [InlineData("""{"procedures":[{"kind":"ci-filler","day":"2026-11-01"}]}""", "person.procedures[0].day")]
    [InlineData("""{"procedures":[{"kind":"ci-filler","date":"2027-11-01"}]}""", "person.procedures[0].date")]
    [InlineData("""{"procedures":[{"kind":"ci-filler","date":"yesterday"}]}""", "person.procedures[0].date")]
    [InlineData("""{"procedures":[{"kind":"ci-filler","place":["lips"]}]}""", "person.procedures[0].place[0]")]
    [InlineData("""{"asked":"some"}""", "person.asked")]
    [InlineData("""{"asked":["ci-nothing"]}""", "person.asked[0]")]
    [InlineData("""{"reports":[null]}""", "person.reports[0]")]
    [InlineData("""{"conditions":["ci-filler"],"conditions":[]}""", "person")]
    [InlineData("""[]""", "person")]
    public void A_slip_about_the_person_is_named_and_nobody_is_taken_for_healthy(string person, string path)
    {
        var read = TechniqueFile.Read(
            $$"""{"schema":"wexis.technique/1","name":"x","steps":[{"acts":[{"do":"smile-closed"}]}],"person":{{person}}}""",
            Reference.Atlas,
            Reference.Model,
            new(2026, 11, 3)
        );
        read.Issues.Select(i => i.Issue.Path).ShouldContain(path);
        read.Techniques.ShouldBeEmpty();
    }

    [Theory]
    [InlineData(""" "steps":[null] """, "steps[0]")]
    [InlineData(""" "steps":[{"hands":[null]}] """, "steps[0].hands[0]")]
    [InlineData(""" "steps":[{"hands":[{"zones":[null]}]}] """, "steps[0].hands[0].zones[0]")]
    [InlineData(""" "cautions":[null] """, "cautions[0]")]
    [InlineData(""" "steps":[{"hands":[{"hold_s":1e999}]}] """, "steps[0].hands[0].hold_s")]
    [InlineData(""" "steps":[{"dose":{"standard":-1e999}}] """, "steps[0].dose.standard")]
    public void Nothing_in_a_list_and_numbers_beyond_all_numbers_are_named(string fields, string path) =>
        TechniqueFile
            .Read($$"""{"schema":"wexis.technique/1","name":"x",{{fields}}}""", Reference.Atlas, Reference.Model)
            .Issues.Select(i => i.Issue.Path)
            .ShouldContain(path);

    [Fact]
    public void The_shipped_schema_is_the_one_that_the_types_give() =>
        File.ReadAllText(Path.Combine(Reference.DataFolder, "schema", "wexis.technique-1.schema.json"))
            .TrimEnd()
            .ShouldBe(
                TechniqueSchema.Of(Reference.Atlas, Reference.Model),
                "write it anew: ./wexis techniques schema > data/schema/wexis.technique-1.schema.json"
            );

    [Fact]
    public void The_schema_knows_every_field_that_the_demo_uses_and_every_word()
    {
        var schema = JsonNode.Parse(TechniqueSchema.Of(Reference.Atlas, Reference.Model))!;
        var technique = schema["$defs"]!["technique"]!;
        foreach (var element in JsonNode.Parse(Demo)!["techniques"]!.AsArray())
            Conforms(element!, technique, "technique");

        static void Conforms(JsonNode value, JsonNode shape, string path)
        {
            if (value is JsonObject o)
                foreach (var (name, inner) in o)
                {
                    var property = shape["properties"]?[name];
                    property.ShouldNotBeNull($"{path}.{name}");
                    if (inner is not null)
                        Conforms(inner, property, $"{path}.{name}");
                }
            else if (value is JsonArray a)
                foreach (var item in a)
                    Conforms(item!, shape["items"]!, $"{path}[]");
            else if (shape["enum"] is JsonArray allowed)
                allowed.Select(x => x?.ToJsonString()).ShouldContain(value.ToJsonString(), path);
        }
    }
}

/// <summary>One technique checked for one person, as the headless check prints it.</summary>
public class TechniqueCheckTests
{
    private static readonly DateOnly DayZero = new(2026, 3, 1);

    private static TechniqueCheck Check(Step step, PersonNote? person = null, int day = 0) =>
        TechniqueCheck.Of(A.Technique(step), person, DayZero.AddDays(day), Reference.Atlas, Reference.Model, Reference.Settings);

    private static PersonNote After(string procedure) => new([], [new(procedure, DayZero)], []);

    [Theory]
    [InlineData(0, "refuse")]
    [InlineData(14, "refuse")] // blocked through its last day
    [InlineData(15, "ask-clinician")]
    [InlineData(28, "ask-clinician")]
    [InlineData(29, "allow")] // once its length has passed once more (house ruling 16)
    public void A_window_of_14_days_from_day_0_is_asked_about_from_day_15_and_free_on_day_29(int day, string response) =>
        Check(A.Hand("knead", "malar", 3), After("ci-botulinum"), day).Response.Word().ShouldBe(response);

    [Fact]
    public void The_longer_end_of_a_window_counts() =>
        Check(A.Hand("knead", "malar", 3), After("ci-filler"), 20).ConditionsHit[0].FreeFrom.ShouldBe(DayZero.AddDays(29));

    [Fact]
    public void The_worst_handling_wins_and_a_stop_sign_outranks_all()
    {
        Check(A.Hand("knead", "malar", 3), new(["ci-contact-lenses", "ci-wound"], [], [])).Response.ShouldBe(Response.Refuse);
        Check(A.Act("gaze-updown"), new([], [], ["I see flashes"])).Response.ShouldBe(Response.StopAndRefer);
        Check(A.Act("smile-closed"), new([], [], ["feels warm"])).Response.ShouldBe(Response.Allow);
    }

    [Fact]
    public void A_stopped_technique_is_refused_for_everyone() => Check(A.Hand("press", "upper-lid", 3)).Response.ShouldBe(Response.Refuse);

    [Fact]
    public void Three_times_grow_from_home_to_led_and_the_brief_is_words_at_140_a_minute()
    {
        // Tauroza and Allison 1990: lectures about 140 words a minute; 60 words are 25.7 s.
        var words = string.Join(' ', Enumerable.Repeat("word", 60));
        var step = A.Act("smile-closed", "10") with { Cue = words };
        var with = Check(step).Times;
        var without = Check(step with { Cue = "" }).Times;
        (with.BriefSeconds - without.BriefSeconds).ShouldBe(60 / 140.0 * 60, 1e-9);
        with.Led.Standard.ShouldBeGreaterThan(with.Home.Standard);
        with.Home.ShouldBe(without.Home);
    }

    [Fact]
    public void Shares_of_a_contact_agree_with_the_geometry_library_on_a_contact_that_lies_half_on_an_outline()
    {
        // A finger pad on the border of a square of 1 IPD: half of it lies inside.
        double[][] square =
        [
            [0, 0],
            [1, 0],
            [1, 1],
            [0, 1],
        ];
        var hand = A.Track("press", 3, "fingertip-index") with { Path = [new("pupil", null, "front", null)] };
        var path = StrokePath.Of(hand, Reference.Atlas, Reference.Settings);
        var place = Reference.Atlas.Landmarks["pupil"].Frontal;
        double[][] shifted = [.. square.Select(p => new[] { p[0] + place[0], p[1] + place[1] - 0.5 })];
        path.OverFront(shifted, null).Share.ShouldBe(0.5, 0.01);
        path.OverFront([.. square.Select(p => new[] { (p[0] * 4) - 2 + place[0], (p[1] * 4) - 2 + place[1] })], null)
            .Share.ShouldBe(1, 1e-6);
    }

    [Fact]
    public void A_stroke_knows_its_legs_its_length_and_what_of_the_region_it_leaves_out()
    {
        var step = A.Step("5") with { Hands = [A.Track("stroke", 1).From("alare", "zygoma_prominence", "ear_front")] };
        var check = Check(step);
        var geometry = check.Geometry.ShouldHaveSingleItem();
        geometry.LegDegrees.Count.ShouldBe(2);
        geometry.LegDegrees.ShouldAllBe(d => d >= 0 && d < 60, "from the nose outwards and up");
        geometry.LengthIpd.ShouldBe(Distance("alare", "zygoma_prominence") + Distance("zygoma_prominence", "ear_front"), 1e-9);
        check.Uncovered.ShouldContain("buccal-cheek");

        static double Distance(string a, string b)
        {
            var (p, q) = (Reference.Atlas.Landmarks[a].Frontal, Reference.Atlas.Landmarks[b].Frontal);
            return Math.Sqrt(Math.Pow(p[0] - q[0], 2) + Math.Pow(p[1] - q[1], 2));
        }
    }
}

/// <summary>The command as somebody types it.</summary>
public class HeadlessCheckTests
{
    private static (int Code, string Out, string Error) Run(params string[] arguments)
    {
        var start = new System.Diagnostics.ProcessStartInfo(
            "dotnet",
            [Path.Combine(AppContext.BaseDirectory, "Wexis.Cli.dll"), .. arguments]
        )
        {
            UseShellExecute = false,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        using var process = System.Diagnostics.Process.Start(start)!;
        var error = process.StandardError.ReadToEndAsync();
        var text = process.StandardOutput.ReadToEnd();
        process.WaitForExit();
        return (process.ExitCode, text, error.Result);
    }

    [Fact]
    public void Techniques_check_prints_json_and_ends_well_on_a_good_file()
    {
        var (code, text, error) = Run(
            "techniques",
            "check",
            Path.Combine(Reference.DataFolder, "demo", "techniques.json"),
            "--date",
            "2026-11-25"
        );
        error.ShouldBeEmpty();
        code.ShouldBe(0);
        var report = JsonNode.Parse(text)!;
        report["schema"]!.GetValue<string>().ShouldBe("wexis.techniques-check/1");
        var old = report["files"]![0]!["techniques"]!.AsArray().Single(t => t!["id"]!.GetValue<string>() == "wm-lid-press-old")!;
        old["safety"]!.GetValue<string>().ShouldBe("stop");
        old["hazards"]!.AsArray().ShouldContain(h => h!["hazard"]!.GetValue<string>() == "hz-globe");
        var quiet = report["files"]![0]!["techniques"]!.AsArray().Single(t => t!["id"]!.GetValue<string>() == "wm-quiet-brow")!;
        quiet["claims"]![0]!["verdict"]!.GetValue<string>().ShouldBe("antagonist-confused");
    }

    [Fact]
    public void A_bad_or_missing_file_is_reported_in_the_json_and_by_the_exit_code()
    {
        var bad = Path.GetTempFileName();
        File.WriteAllText(bad, "{ \"schema\": \"wexis.technique/1\",\n \"name\": \"\" }");
        var (code, text, _) = Run("techniques", "check", bad, "/no/such/file.json");
        code.ShouldBe(2);
        var files = JsonNode.Parse(text)!["files"]!.AsArray();
        files[0]!["errors"]![0]!.GetValue<string>().ShouldStartWith("line 2: name:");
        files[1]!["errors"]![0]!.GetValue<string>().ShouldContain("there is no such file");
        File.Delete(bad);
    }

    [Fact]
    public void Notes_are_printed_as_a_draft_that_the_check_reads()
    {
        var folder = Directory.CreateTempSubdirectory("wexis-notes-").FullName;
        var (notes, draft) = (Path.Combine(folder, "notes.txt"), Path.Combine(folder, "draft.json"));
        File.WriteAllText(notes, "Lip shelf\nPucker ten times. It works the obicularis oris.");
        var (code, text, error) = Run("techniques", "notes", notes);
        error.ShouldBeEmpty();
        code.ShouldBe(0);
        var file = JsonNode.Parse(text)!["files"]![0]!;
        file["lines"]!.AsArray().Select(l => l!["kind"]!.GetValue<string>()).ShouldBe(["title", "step", "claim"]);
        File.WriteAllText(draft, file["draft"]!.ToJsonString());
        var (checkedCode, report, _) = Run("techniques", "check", draft);
        checkedCode.ShouldBe(0);
        JsonNode.Parse(report)!["files"]![0]!["techniques"]![0]!["name"]!.GetValue<string>().ShouldBe("Lip shelf");
        File.WriteAllText(notes, " ");
        Run("techniques", "notes", notes).Code.ShouldBe(2);
        Directory.Delete(folder, true);
    }
}
