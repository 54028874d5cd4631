using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Classes of work come from what is done, by whatever field it was told.</summary>
public class ScreeningClassTests
{
    private static readonly string[] Stroke = ["mastoid_tip", "clavicle_mid"];

    private static IReadOnlyList<string> Classes(TechniqueDocument document) =>
        Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings).Classes;

    private static TechniqueDocument Of(Hand hand) => A.Technique(A.Step() with { Hands = [hand] });

    [Fact]
    public void A_drainage_is_lymph_work_by_direction_name_aim_claim_or_school()
    {
        var cheek = Of(A.Track("stroke", 1, sides: "left").From("alare", "zygoma_prominence"));
        Classes(Of(A.Track("stroke", 2, sides: "left").From(Stroke) with { Zones = ["lateral-neck"] })).ShouldContain("lymph");
        Classes(cheek with { Name = "Drain the cheeks" }).ShouldContain("lymph");
        Classes(cheek with { Aim = "less puffiness in the morning" }).ShouldContain("lymph");
        Classes(cheek with { Claims = [new("moves surface fluid to the nodes", "lymph", null, null)] }).ShouldContain("lymph");
        Classes(cheek with { School = "fluid-led" }).ShouldContain("lymph");
    }

    [Fact]
    public void Heart_or_kidney_failure_is_never_allowed_a_drainage_of_the_neck()
    {
        var derived = Derivation.Of(
            Of(A.Track("stroke", 1, sides: "left").From(Stroke) with { Zones = ["lateral-neck"] }) with
            {
                Name = "Neck drainage",
            },
            Reference.Atlas,
            Reference.Model,
            Reference.Settings
        );
        PersonScreen
            .Of(derived.Touch, new(["ci-heart-kidney"], [], []), new(2026, 11, 3), Reference.Atlas)
            .Response.ShouldNotBe(Response.Allow);
    }

    [Fact]
    public void Every_fluid_led_technique_of_the_library_names_what_forbids_drainage()
    {
        var read = TechniqueFile.Read(
            File.ReadAllText(Path.Combine(Reference.DataFolder, "library", "techniques.json")),
            Reference.Atlas,
            Reference.Model
        );
        foreach (var t in read.Techniques.Where(t => t.Document.School == "fluid-led"))
            Derivation
                .Of(t.Document, Reference.Atlas, Reference.Model, Reference.Settings)
                .Exclusions.Select(e => e.Id)
                .ShouldContain("ci-heart-kidney", t.Document.Id);
    }

    [Theory]
    [InlineData("Hold your breath and press.", "breath-hold")]
    [InlineData("Lay a warm towel on the jaw.", "heat-cold")]
    [InlineData("Put one finger inside the cheek and the thumb outside.", "intraoral")]
    [InlineData("Tip the head back and look at the ceiling.", "head-back")]
    [InlineData("Let the head hang down and bend forward from the waist.", "head-down")]
    public void What_only_the_cue_tells_counts(string cue, string expected)
    {
        Classes(A.Technique(A.Act("smile-closed") with { Cue = cue })).ShouldContain(expected);
        Classes(A.Technique(A.Act("smile-closed") with { Cue = "Never " + cue.ToLowerInvariant() })).ShouldNotContain(expected);
    }

    [Fact]
    public void A_path_and_a_point_tell_the_same_as_a_zone()
    {
        Classes(Of(A.Track("stroke", 1, "fingertip-ring").From("upper_lid_margin", "exocanthion"))).ShouldContain("eye");
        Classes(Of(A.Track("stroke", 1, sides: "left").From("scm_upper", "scm_lower"))).ShouldContain("neck");
        Classes(Of(A.Track("circle", 3).From("masseter_belly"))).ShouldContain("jaw");
        Classes(Of(A.Track("press", 2) with { Points = ["ST6"] })).ShouldContain("points");
        Classes(A.Technique(A.Act("head-back"))).ShouldContain("head-back");
        Classes(A.Technique(A.Act("smile-closed") with { State = new(null, null, null, null, null, "back", null) }))
            .ShouldContain("head-back");
    }

    [Fact]
    public void A_hold_is_long_from_the_seconds_that_the_house_sets()
    {
        var settings = Reference.Settings;
        foreach (var seconds in new[] { settings.LongHoldSeconds - 1, settings.LongHoldSeconds })
            Classes(A.Technique(A.Act("smile-closed") with { Tempo = A.Tempo(hold: seconds) }))
                .Contains("long-hold")
                .ShouldBe(seconds >= settings.LongHoldSeconds);
    }
}
