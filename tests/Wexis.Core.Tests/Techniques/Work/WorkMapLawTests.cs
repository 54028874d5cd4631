using FsCheck.Xunit;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Laws that hold for every movement and every zone.</summary>
public class WorkMapLawTests
{
    public static TheoryData<string> Moves => [.. Reference.Model.Document.Moves.Keys.Where(m => m != "gaze-diagonal")];
    public static TheoryData<string> Zones => [.. Reference.Atlas.Zones.Keys];

    [Theory, MemberData(nameof(Moves))]
    public void Every_movement_of_the_list_has_a_map_and_a_family_and_no_open_question(string move)
    {
        var derived = Reference.Derive(A.Act(move, "5"));
        derived.Questions.ShouldBeEmpty();
        derived.Issues.ShouldBeEmpty();
        derived.Family.ShouldNotBeNull();
        derived.Map.Worked.ShouldNotBeEmpty();
        derived.Map.Worked.Select(r => (r.Structure, r.Side, r.Mode)).ShouldBeUnique();
    }

    [Theory, MemberData(nameof(Moves))]
    public void A_movement_named_by_its_own_id_takes_its_own_row(string move) =>
        Reference
            .Derive(A.Act(move, "5"))
            .Map.Worked.SelectMany(r => r.Why)
            .SelectMany(w => w.Inputs)
            .Where(i => i.Name == "movement")
            .Select(i => i.Value)
            .Distinct()
            .ShouldBe([Reference.Model.Document.Moves[move].Words]);

    [Theory, MemberData(nameof(Zones))]
    public void Hands_never_train_a_muscle(string zone)
    {
        foreach (var verb in Reference.Model.Verbs.Keys)
            Reference.Derive(A.Hand(verb, zone, 4)).Map.Worked.ShouldAllBe(r => !r.Mode.IsActive());
    }

    [Theory, MemberData(nameof(Zones))]
    public void A_light_hand_reaches_skin_and_fluid_only(string zone)
    {
        var inside = Reference.Atlas.Zones[zone].ReachInside is { Count: > 0 };
        if (!inside)
            Reference.Derive(A.Hand("stroke", zone, 2)).Map.Worked.ShouldAllBe(r => r.Mode == Mode.SkinLymph);
    }

    [Theory, MemberData(nameof(Zones))]
    public void More_pressure_never_loses_a_structure(string zone)
    {
        HashSet<string> reached = [];
        for (var level = 1; level <= 5; level++)
        {
            var derived = Reference.Derive(A.Hand("knead", zone, level, "knuckles"));
            // From here on a safety rule stops the hand, and nothing it would work is counted.
            if (derived.Standing == DerivedStanding.Stopped)
                break;
            var now = derived.Map.Worked.Select(r => r.Structure).ToHashSet();
            now.IsSupersetOf(reached).ShouldBeTrue($"{zone} at level {level}");
            reached = now;
        }
    }

    [Theory]
    [InlineData("smile-closed")]
    [InlineData("corners-down")]
    [InlineData("jaw-side")]
    [InlineData("head-turn")]
    public void A_movement_mirrored_to_the_other_side_works_the_mirror_image(string move)
    {
        string Of(string side) =>
            string.Join(
                ";",
                Reference
                    .Derive(A.Step() with { Acts = [A.Do(move) with { Side = side }] })
                    .Map.Worked.Select(r => $"{r.Structure} {r.Mode} {r.Strength} {(side == "left" ? r.Side : Swap(r.Side))}")
                    .Order(StringComparer.Ordinal)
            );
        Of("right").ShouldBe(Of("left"));
        static Side Swap(Side s) =>
            s switch
            {
                Side.Left => Side.Right,
                Side.Right => Side.Left,
                _ => s,
            };
    }

    [Fact]
    public void The_face_turned_to_the_left_is_turned_by_the_right_sternocleidomastoid() =>
        Reference
            .Derive(A.Step() with { Acts = [A.Do("head-turn") with { Side = "left" }] })
            .Map.Worked.ShouldContain(
                r => r.Structure == "sternocleidomastoid" && r.Side == Side.Right,
                "Gray 1918: one acting alone turns the face to the opposite side"
            );

    [Fact]
    public void The_map_of_a_technique_adds_the_seconds_of_its_steps_and_keeps_the_strongest()
    {
        var (one, two) = (A.Act("smile-closed", "4"), A.Act("smile-closed", "6"));
        double Of(params Step[] steps) =>
            Reference.Derive(steps).Map.Worked.Single(r => r is { Structure: "zygomaticus-major", Mode: Mode.Concentric }).Seconds.Standard;
        Of(one, two).ShouldBe(Of(one) + Of(two), 1e-9);
    }

    [Fact]
    public void A_claim_never_changes_the_map()
    {
        var plain = A.Technique(A.Hand("stroke", "malar", 1));
        var claimed = plain with { Claims = [new("strengthens the cheek", "mode", "zygomaticus-major", "strengthens")] };
        Derivation Of(TechniqueDocument d) => Derivation.Of(d, Reference.Atlas, Reference.Model, Reference.Settings);
        Of(claimed).Map.Worked.Select(r => r.Structure).ShouldBe(Of(plain).Map.Worked.Select(r => r.Structure));
    }

    [Fact]
    public void Pressure_that_is_not_told_is_asked_for_and_marks_the_muscles_uncertain()
    {
        var derived = Reference.Derive(A.Hand("knead", "chin", null));
        derived.Standing.ShouldBe(DerivedStanding.Draft);
        derived.Questions.ShouldContain(q => q.Path == "steps[0].hands[0].pressure");
        derived.Map.Worked.Where(r => r.Mode == Mode.Kneaded).ShouldAllBe(r => r.Certainty == Certainty.Uncertain);
    }

    [Theory]
    [InlineData(90, "along")]
    [InlineData(60, "along")] // the end of 30 degrees belongs to the smaller class (frontalis runs at 90)
    [InlineData(59, "oblique")]
    [InlineData(30, "oblique")] // 60 degrees still oblique
    [InlineData(29, "across")]
    [InlineData(0, "across")]
    public void Fibre_words_follow_the_angle_and_their_ends_belong_to_the_smaller_class(double degrees, string word)
    {
        var axis = Reference.Atlas.Muscles["frontalis"].Fibre.AxisDeg!.Value;
        var step = A.Step() with
        {
            Hands = [A.Track("stroke", 3) with { Zones = ["forehead-central"], Glide = true, DegLeft = degrees - 90 + axis }],
        };
        Reference.Derive(step).Map.Worked.First(r => r.Structure == "frontalis").Fibres.ShouldStartWith(word);
    }

    [Property]
    public bool Deriving_twice_gives_the_same_answer(byte move, byte level)
    {
        var verbs = Reference.Model.Verbs.Keys.ToList();
        var step = A.Hand(
            verbs[move % verbs.Count],
            Reference.Atlas.Document.Zones[level % Reference.Atlas.Zones.Count].Id,
            1 + (level % 5)
        );
        string Of() => ExchangeJson.Write(Reference.Derive(step));
        return Of() == Of();
    }
}
