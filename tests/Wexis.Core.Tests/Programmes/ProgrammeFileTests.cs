using System.Text.Json.Nodes;
using FsCheck.Xunit;
using Wexis.Core.Programmes;
using static Wexis.Core.Tests.Programmes.SequenceCases;

namespace Wexis.Core.Tests.Programmes;

/// <summary>Bad input is named at its field; a file that was written is read again to the same.</summary>
public class ProgrammeFileTests
{
    private static readonly ProgrammeDocument Good = Programme(
        [Unit("a"), Unit("b", 60, "a")],
        [Session("s", 0), Session("t", 8)],
        new ProgrammeRule("r", "practice-days", After: "a", Before: "b", Days: [3], PerWeek: 6)
    ) with
    {
        Fixed = [new("a", "s")],
        Phases = ["early"],
        Outcomes = [new("o", "an outcome")],
    };

    private static string[] Paths(Action<JsonObject> spoil)
    {
        var root = JsonNode.Parse(ProgrammeFile.Write(Good))!.AsObject();
        spoil(root);
        var read = ProgrammeFile.Read(root.ToJsonString());
        return [.. (read.Document?.Issues(Reference.Atlas) ?? read.Issues).Select(i => i.Path)];
    }

    private static JsonObject First(JsonObject root, string list) => root[list]![0]!.AsObject();

    [Fact]
    public void Each_slip_is_named_at_its_field()
    {
        Good.Issues(Reference.Atlas).ShouldBeEmpty();
        (Action<JsonObject> Spoil, string Path)[] slips =
        [
            (r => First(r, "units")["minutes"] = -5, "units[0].minutes"),
            (r => First(r, "units")["minutes"] = 10_000, "units[0].minutes"),
            (r => First(r, "units").Remove("minutes"), "units[0].minutes"),
            (r => First(r, "units")["kind"] = "lecture", "units[0].kind"),
            (r => First(r, "units")["id"] = "b", "units[1].id"),
            (r => First(r, "units")["phase"] = "eye", "units[0].phase"),
            (r => First(r, "units")["module"] = "m", "units[0].module"),
            (r => First(r, "units")["outcomes"] = new JsonArray("nobody"), "units[0].outcomes[0]"),
            (r => r["units"]![1]!["prerequisites"] = new JsonArray("nobody"), "units[1].prerequisites[0]"),
            (r => First(r, "sessions").Remove("minutes"), "sessions[0].minutes"),
            (r => First(r, "sessions")["date"] = "6 March", "sessions[0].date"),
            (r => First(r, "fixed")["session"] = "nowhere", "fixed[0].session"),
            (r => First(r, "fixed")["unit"] = "nobody", "fixed[0].unit"),
            (r => First(r, "rules")["after"] = "nobody", "rules[0].after"),
            (r => First(r, "rules")["kind"] = "magic", "rules[0].kind"),
            (r => First(r, "rules")["days"] = -1, "rules[0].days"),
            (r => First(r, "rules").Remove("days"), "rules[0].days"),
            (r => First(r, "rules").Remove("before"), "rules[0].after"),
            (r => r["participants"] = 0, "participants"),
            (r => r["schools"] = new JsonArray("yogic"), "schools[0]"),
            (r => r["closures"] = new JsonArray(new JsonObject { ["from"] = "2027-02-02", ["to"] = "2027-02-01" }), "closures[0].to"),
            (r => r.Remove("name"), "name"),
            (r => First(r, "units")["minutes"] = "ninety", "units[0].minutes"),
            (r => r["units"] = "all", "units"),
        ];
        foreach (var (spoil, path) in slips)
            Paths(spoil).ShouldContain(path);
    }

    [Theory]
    [InlineData("")]
    [InlineData("[]")]
    [InlineData("nothing")]
    [InlineData("{\"units\": [null], \"sessions\": [null], \"rules\": [null], \"outcomes\": [null], \"fixed\": [null]}")]
    public void What_is_no_programme_is_refused_and_never_breaks(string text)
    {
        var read = ProgrammeFile.Read(text);
        (read.Document?.Issues(Reference.Atlas) ?? read.Issues).ShouldNotBeEmpty();
    }

    [Property(MaxTest = 40)]
    public void What_was_written_is_read_again_to_the_same(byte seed)
    {
        var programme = Drawn(seed, 9, 4, 8);
        var again = ProgrammeFile.Read(ProgrammeFile.Write(programme));
        again.Issues.ShouldBeEmpty();
        ProgrammeFile.Write(again.Document!).ShouldBe(ProgrammeFile.Write(programme));
    }

    [Fact]
    public void The_schema_is_kept_up_to_date() =>
        File.ReadAllText(Path.Combine(Reference.DataFolder, "schema", "wexis.programme-1.schema.json"))
            .ShouldBe(ProgrammeSchema.Text(), "./wexis programmes schema > data/schema/wexis.programme-1.schema.json");

    [Fact]
    public void What_is_not_known_is_passed_over_and_said()
    {
        var root = JsonNode.Parse(ProgrammeFile.Write(Good))!.AsObject();
        root["vocabulary"] = new JsonObject { ["note"] = "for readers" };
        ProgrammeFile.Read(root.ToJsonString()).Notes.ShouldBeEmpty();
        root["colour"] = "green";
        ProgrammeFile.Read(root.ToJsonString()).Notes.ShouldHaveSingleItem().ShouldContain("colour");
    }
}
