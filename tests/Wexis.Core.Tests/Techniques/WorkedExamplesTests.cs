using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Tests.Techniques;

/// <summary>The worked examples of the action model (mechanics from Gray 1918, FACS 2002 and standard anatomy, from memory).</summary>
public class WorkedExamplesTests
{
    private static WorkMap Map(params Step[] steps) => Reference.Derive(steps).Map;

    private static string[] Rows(WorkMap map, Strength strength) =>
        [.. map.Worked.Where(r => r.Strength == strength).Select(r => $"{r.Structure} {r.Mode.Word()}").Order(StringComparer.Ordinal)];

    [Fact]
    public void Eyes_up_with_both_palms_on_the_forehead_keep_the_brow_lifter_quiet()
    {
        var act = A.Do("gaze") with
        {
            Tempo = A.Tempo(hold: 2),
            State = new("up", null, null, null, null, null, null),
            HoldStill = [new("forehead-central", "palm"), new("forehead-lateral", "palm")],
        };
        var map = Map(A.Step() with { Acts = [act] });
        Rows(map, Strength.Primary).ShouldBe(["frontalis inhibited", "levator-palpebrae concentric", "superior-rectus concentric"]);
        Rows(map, Strength.Secondary).ShouldContain("inferior-oblique concentric");
        map.ExpectedActionUnits.ShouldBe([63]);
    }

    [Fact]
    public void Lids_closed_against_fingers_hold_the_ring_muscle_and_do_not_lift_the_brow()
    {
        var map = Map(A.Step() with { Acts = [A.Do("close-lids") with { Resist = "finger", Tempo = A.Tempo(hold: 5) }] });
        Rows(map, Strength.Primary).ShouldBe(["orbicularis-oculi-orbital isometric", "orbicularis-oculi-palpebral isometric"]);
        Rows(map, Strength.Secondary).ShouldContain("corrugator-supercilii isometric");
        map.Worked.ShouldNotContain(r => r.Structure == "frontalis" && r.Mode.IsActive());
    }

    [Fact]
    public void Puffed_cheeks_load_the_lip_ring_and_the_cheek_wall()
    {
        var map = Map(A.Act("puff-cheeks", "hold 5 s, 3 times"));
        Rows(map, Strength.Primary).ShouldBe(["buccinator isometric", "orbicularis-oris isometric"]);
        map.Worked.ShouldNotContain(r => r.Structure == "zygomaticus-major" && r.Mode.IsActive());
    }

    [Fact]
    public void Air_passed_across_works_the_cheek_wall_both_ways()
    {
        var map = Map(A.Step() with { Acts = [A.Do("puff-cheeks") with { Air = "across" }] });
        map.Worked.Where(r => r.Structure == "buccinator")
            .Select(r => r.Mode)
            .ShouldBe([Mode.Concentric, Mode.Eccentric], ignoreOrder: true);
    }

    [Fact]
    public void A_feather_sweep_from_nose_to_ear_reaches_skin_and_lymph_only()
    {
        var map = Map(
            A.Step() with
            {
                Hands = [A.Track("stroke", 1).From("alare", "zygoma_prominence") with { Zones = ["medial-cheek", "malar"] }],
            }
        );
        map.Worked.Select(r => r.Structure).ShouldBe(["skin", "superficial-lymph"], ignoreOrder: true);
    }

    [Fact]
    public void Knuckles_over_the_masseter_at_level_4_knead_it()
    {
        var map = Map(A.Hand("circle", "masseter-area", 4, "knuckles"));
        Rows(map, Strength.Primary).ShouldContain("masseter-superficial kneaded");
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void Below_level_3_no_muscle_is_reached_whatever_is_claimed(int level) =>
        Map(A.Hand("knead", "masseter-area", level)).Worked.ShouldAllBe(r => r.Mode == Mode.SkinLymph);

    [Fact]
    public void Drawing_the_brows_apart_stretches_the_corrugator_not_the_procerus()
    {
        var map = Map(A.Step() with { Hands = [A.Track("stretch-apart", 3, "hook") with { Zones = ["glabella"], DegLeft = 10 }] });
        Rows(map, Strength.Primary).ShouldContain("corrugator-supercilii stretched");
        map.Worked.ShouldNotContain(r => r.Structure == "procerus" || r.Structure == "frontalis");
    }

    [Fact]
    public void A_glance_to_the_left_takes_the_left_lateral_and_the_right_medial_muscle()
    {
        var map = Map(A.Step() with { Acts = [A.Do("gaze") with { State = new("left", null, null, null, null, null, null) }] });
        map.Worked.Where(r => r.Strength == Strength.Primary)
            .Select(r => (r.Structure, r.Side))
            .ShouldBe([("lateral-rectus", Side.Left), ("medial-rectus", Side.Right)], ignoreOrder: true);
        map.Worked.ShouldNotContain(r => r.Structure == "ciliary");
    }

    [Fact]
    public void The_corner_depressor_massaged_with_tucked_lips_is_kneaded_while_the_ring_holds()
    {
        var map = Map(
            A.Step() with
            {
                Acts = [A.Do("roll-lips-in") with { Tempo = A.Tempo(hold: 5) }],
                Hands = [A.Track("circle", 3) with { Zones = ["marionette"] }],
            }
        );
        Rows(map, Strength.Primary)
            .ShouldBe(["depressor-anguli-oris kneaded", "orbicularis-oris isometric", "platysma kneaded", "skin skin-lymph"]);
        Rows(map, Strength.Secondary).ShouldContain("depressor-labii-inferioris kneaded");
    }

    [Fact]
    public void Lips_tucked_and_corners_up_hold_the_ring_and_tighten_the_smile()
    {
        var map = Map(A.Step() with { Acts = [A.Do("smile") with { State = new(null, null, null, "rolled-in", null, null, null) }] });
        Rows(map, Strength.Primary).ShouldBe(["orbicularis-oris isometric", "zygomaticus-major concentric"]);
        Rows(map, Strength.Secondary)
            .Where(r => !r.EndsWith("inhibited"))
            .ShouldBe(["buccinator concentric", "levator-anguli-oris concentric", "risorius concentric", "zygomaticus-minor concentric"]);
        Rows(map, Strength.Secondary).ShouldContain("depressor-anguli-oris inhibited");
    }

    [Fact]
    public void Opening_the_eye_never_trains_the_ring_muscle() =>
        Map(A.Act("widen-eyes"))
            .Worked.ShouldNotContain(r => r.Structure.StartsWith("orbicularis-oculi", StringComparison.Ordinal) && r.Mode.IsActive());
}
