using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// Strokes against the flow of the skin. That the outer cheek and the skin before the ear drain to the parotid nodes, the chin to those
/// under it, and that all of it goes on down the neck: Gray 1918, the lymphatics of the head and neck, from memory. That a way from the
/// chin to the ear and down again is one: common practice.
/// </summary>
public class FlowRowsTests
{
    private static readonly string[] OnTheFace =
    [
        .. Reference.Atlas.Landmarks.Where(l => l.Value.Surface != FaceSurface.Back).Select(l => l.Key).Order(StringComparer.Ordinal),
    ];

    private static Step Way(params string[] places) =>
        A.Step() with
        {
            Hands = [A.Track("stroke", 1, sides: "left").From(places) with { Glide = true }],
        };

    private static IReadOnlyList<FlowVerdict> Flow(params string[] places) => Reference.Derive(Way(places)).Map.Flow;

    private static bool OnNeck(FlowVerdict f) => Reference.Atlas.RegionOfZone[f.Zone] is "neck" or "shoulders-chest";

    [Theory]
    [InlineData("pogonion jaw_mid gonion ear_front")]
    [InlineData("pogonion jaw_mid below_lobe ear_front")]
    [InlineData("pogonion jaw_mid gonion below_lobe")]
    [InlineData("menton jaw_mid gonion ear_front")]
    [InlineData("gonion ear_front")]
    public void A_way_along_the_jaw_that_ends_at_the_nodes_before_the_ear_runs_against_nothing(string way)
    {
        var places = way.Split(' ');
        Flow(places).ShouldNotBeEmpty();
        Flow(places).Where(f => f.Verdict == FlowWay.Against).Select(f => f.Zone).ShouldBeEmpty();
        Claim(places, "It moves fluid towards the ear.").ShouldBe(ClaimFinding.Supported);
        // It does not end at the hollow above the collarbone.
        Claim(places, "It drains the jaw.").ShouldBe(ClaimFinding.PartlyRight);
    }

    private static ClaimFinding Claim(string[] places, string text)
    {
        var document = A.Technique(Way(places)) with { Claims = [new(text, null, null, null)] };
        return Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings).Claims.ShouldHaveSingleItem().Verdicts[0];
    }

    [Theory]
    [InlineData("gonion ear_front temple_hollow", "temple")]
    [InlineData("gonion temple_hollow", "preauricular")]
    [InlineData("ear_front gonion ear_front", "masseter-area")]
    [InlineData("ear_front gonion pogonion", "jawline")]
    public void One_that_goes_on_upwards_to_and_fro_or_away_from_them_does(string way, string zone) =>
        Flow(way.Split(' ')).ShouldContain(f => f.Zone == zone && f.Verdict == FlowWay.Against);

    [Fact]
    public void The_angle_decides_unless_the_stroke_ends_at_its_nodes_or_follows_the_jaw_and_never_on_the_neck()
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        foreach (var from in OnTheFace)
        foreach (var to in OnTheFace.Where(t => t != from))
        {
            var flow = Flow(from, to);
            foreach (var f in flow)
            {
                var why = $"{from} {to} {f.Zone}";
                seen.Add(f.Rule);
                var byAngle = RuleData.Class(Reference.Model.Rules.Flow, f.AngleDegrees);
                if (f.Rule == "R61")
                    f.Verdict.ShouldBe(byAngle!.Value, why);
                else
                    (byAngle, OnNeck(f)).ShouldBe((FlowWay.Against, false), why);
                if (f.Rule == "R63")
                    ReachesNodes(f, to).ShouldBeTrue(why);
            }
            // What arrives one way leads away the other way.
            var back = Flow(to, from);
            foreach (var f in flow.Where(f => f.Rule == "R63"))
                back.Where(b => b.Zone == f.Zone && b.Rule == "R63").ShouldBeEmpty($"{from} {to} {f.Zone}");
        }
        seen.ShouldBe(["R61", "R63", "R64"], ignoreOrder: true);
    }

    /// <summary>Whether a stroke ends within 0.3 IPD (19 mm) of nodes that the skin drains to, or of the next in their chain.</summary>
    private static bool ReachesNodes(FlowVerdict flow, string end)
    {
        var at = Reference.Atlas.Landmarks[end].Frontal;
        var groups = Reference.Atlas.Document.Lymph;
        return groups
            .Where(g => flow.DrainsTo.Contains(g.Id))
            .SelectMany(g => groups.Where(n => n.Id == g.Id || g.EfferentTo?.Contains(n.Id) == true))
            .Any(n => Math.Sqrt(Math.Pow(Math.Abs(n.Frontal[0]) - at[0], 2) + Math.Pow(n.Frontal[1] - at[1], 2)) < 0.3);
    }

    /// <summary>Up the neck drains nothing, wherever the stroke ends.</summary>
    [Fact]
    public void Nothing_that_is_stroked_up_the_neck_runs_with_it()
    {
        string[] low = ["supraclavicular_hollow", "scm_lower"];
        foreach (var from in low)
        foreach (var to in OnTheFace.Where(t => Reference.Atlas.Landmarks[t].Frontal[1] > -1.6))
            Flow(from, to).Where(f => OnNeck(f) && f.Zone != "supraclavicular" && f.Verdict == FlowWay.With).ShouldBeEmpty($"{from} {to}");
    }
}
