using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Anatomy;

/// <summary>The shipped atlas against published anatomy. Facts re-derived from memory of the works named beside them.</summary>
public class PublishedAnatomyTests
{
    /// <summary>H. Gray, Anatomy of the Human Body, 20th US ed. 1918 (public domain): nerve supply.</summary>
    [Theory]
    [InlineData("frontalis", "VII")]
    [InlineData("corrugator-supercilii", "VII")]
    [InlineData("procerus", "VII")]
    [InlineData("orbicularis-oculi-orbital", "VII")]
    [InlineData("zygomaticus-major", "VII")]
    [InlineData("buccinator", "VII")] // its motor nerve is the facial one; the buccal branch of V3 only feels
    [InlineData("orbicularis-oris", "VII")]
    [InlineData("depressor-anguli-oris", "VII")]
    [InlineData("mentalis", "VII")]
    [InlineData("platysma", "VII")]
    [InlineData("digastric-posterior", "VII")]
    [InlineData("stylohyoid", "VII")]
    [InlineData("masseter-superficial", "V3")]
    [InlineData("temporalis", "V3")]
    [InlineData("medial-pterygoid", "V3")]
    [InlineData("lateral-pterygoid", "V3")]
    [InlineData("digastric-anterior", "V3")]
    [InlineData("mylohyoid", "V3")]
    [InlineData("levator-palpebrae", "III")]
    [InlineData("superior-rectus", "III")]
    [InlineData("inferior-oblique", "III")]
    [InlineData("medial-rectus", "III")]
    [InlineData("superior-oblique", "IV")]
    [InlineData("lateral-rectus", "VI")]
    [InlineData("sternocleidomastoid", "XI")]
    [InlineData("trapezius-descending", "XI")]
    [InlineData("genioglossus", "XII")]
    [InlineData("hyoglossus", "XII")]
    public void Nerve_supply_is_as_published(string muscle, string nerve)
    {
        var words = Reference
            .Atlas.Muscles[muscle]
            .Nerve!.Nerve.Split([' ', ',', '(', ')', '/', '+'], StringSplitOptions.RemoveEmptyEntries);
        words.ShouldContain(nerve);
    }

    /// <summary>Gray 1918: what the muscle does.</summary>
    [Theory]
    [InlineData("frontalis", "raise-inner-brow")]
    [InlineData("frontalis", "raise-outer-brow")]
    [InlineData("corrugator-supercilii", "draw-brow-medially")]
    [InlineData("levator-palpebrae", "raise-upper-lid")]
    [InlineData("buccinator", "press-cheek-to-teeth")]
    [InlineData("mentalis", "raise-chin-skin")]
    [InlineData("masseter-superficial", "elevate-mandible")]
    [InlineData("temporalis", "elevate-mandible")]
    [InlineData("depressor-anguli-oris", "lower-lip-corner")]
    [InlineData("sternocleidomastoid", "rotate-head-opposite")]
    public void The_muscle_does_what_is_published(string muscle, string action) =>
        Reference.Atlas.Muscles[muscle].Actions.Select(a => a.Verb).ShouldContain(action);

    [Fact]
    public void Opener_and_closer_of_the_eye_oppose_each_other() =>
        Reference
            .Atlas.Muscles["levator-palpebrae"]
            .Antagonists.ShouldContain(
                "orbicularis-oculi-palpebral",
                "Gray 1918: the levator is the direct antagonist of the orbicularis oculi"
            );

    /// <summary>Facial Action Coding System, manual of 2002: unit to muscle.</summary>
    [Theory]
    [InlineData(1, "frontalis")]
    [InlineData(2, "frontalis")]
    [InlineData(4, "corrugator-supercilii")]
    [InlineData(4, "depressor-supercilii")]
    [InlineData(4, "procerus")]
    [InlineData(5, "levator-palpebrae")]
    [InlineData(6, "orbicularis-oculi-orbital")]
    [InlineData(7, "orbicularis-oculi-palpebral")]
    [InlineData(9, "levator-labii-alaeque-nasi")]
    [InlineData(10, "levator-labii-superioris")]
    [InlineData(11, "zygomaticus-minor")]
    [InlineData(12, "zygomaticus-major")]
    [InlineData(13, "levator-anguli-oris")]
    [InlineData(14, "buccinator")]
    [InlineData(15, "depressor-anguli-oris")]
    [InlineData(16, "depressor-labii-inferioris")]
    [InlineData(17, "mentalis")]
    [InlineData(18, "incisivi-labii")]
    [InlineData(20, "risorius")]
    [InlineData(23, "orbicularis-oris")]
    [InlineData(24, "orbicularis-oris")]
    public void Action_units_belong_to_the_published_muscles(int unit, string muscle) =>
        Reference.Atlas.Muscles[muscle].FacsAu.Select(u => u.Au).ShouldContain(unit);

    /// <summary>FACS 2002: what a camera should see of a movement.</summary>
    [Theory]
    [InlineData("raise-brows", new[] { 1, 2 })]
    [InlineData("knit-brows", new[] { 4 })]
    [InlineData("widen-eyes", new[] { 5 })]
    [InlineData("smile-closed", new[] { 12 })]
    [InlineData("dimple", new[] { 14 })]
    [InlineData("corners-down", new[] { 15 })]
    [InlineData("pout-chin-up", new[] { 17 })]
    [InlineData("pucker", new[] { 18 })]
    [InlineData("press-lips", new[] { 24 })]
    [InlineData("swallow", new[] { 80 })]
    [InlineData("chew", new[] { 81 })]
    [InlineData("puff-upper-lip", new[] { 34 })]
    [InlineData("tongue-push-lower-lip", new[] { 36 })]
    [InlineData("tongue-side", new[] { 19 })]
    [InlineData("gaze-eight", new[] { 61, 62, 63, 64 })]
    public void A_movement_expects_the_published_action_units(string move, int[] units) =>
        Reference.Derive(A.Act(move)).Map.ExpectedActionUnits.ShouldBe(units);

    /// <summary>
    /// Gray 1918 (from memory): masseter, temporalis and the pterygoids chew; mylohyoid, geniohyoid and stylohyoid draw the hyoid up in
    /// swallowing; the upper trapezius and the levator scapulae lift the shoulder; the hinder fibres of temporalis draw the jaw back, the
    /// pterygoids move it from side to side; the muscles of the tongue itself change its shape; both sternomastoids lift the head of
    /// someone who lies, with the longus muscles; the orbicularis closes the lips on the breath, and the buccinator the cheeks.
    /// </summary>
    [Theory]
    [InlineData("chew", "masseter-superficial")]
    [InlineData("chew", "temporalis")]
    [InlineData("chew", "medial-pterygoid")]
    [InlineData("chew", "lateral-pterygoid")]
    [InlineData("swallow", "mylohyoid")]
    [InlineData("swallow", "geniohyoid")]
    [InlineData("swallow", "stylohyoid")]
    [InlineData("shoulder-roll", "trapezius-descending")]
    [InlineData("shoulder-roll", "levator-scapulae")]
    [InlineData("lips-side", "buccinator")]
    [InlineData("jaw-back", "temporalis")]
    [InlineData("jaw-circle", "lateral-pterygoid")]
    [InlineData("tongue-side", "intrinsic-tongue")]
    [InlineData("tongue-push-upper-lip", "intrinsic-tongue")]
    [InlineData("tongue-push-lower-lip", "intrinsic-tongue")]
    [InlineData("head-lift", "sternocleidomastoid")]
    [InlineData("head-lift", "longus-capitis-colli")]
    [InlineData("puff-upper-lip", "orbicularis-oris")]
    [InlineData("puff-lower-lip", "orbicularis-oris")]
    [InlineData("circle-air", "buccinator")]
    [InlineData("gaze-eight", "superior-oblique")]
    [InlineData("gaze-eight", "inferior-oblique")]
    public void A_movement_is_done_first_by_the_published_muscles(string move, string muscle) =>
        Reference.Derive(A.Act(move)).Map.Worked.Where(w => w.Strength == Strength.Primary).Select(w => w.Structure).ShouldContain(muscle);

    [Fact]
    public void The_frontalis_has_no_bony_attachment_and_inserts_in_skin()
    {
        // Gray 1918: "has no bony attachments".
        Reference.Atlas.Muscles["frontalis"].Origin.ShouldNotContain("bone", Case.Insensitive);
        Reference.Atlas.Muscles["frontalis"].Insertion.ShouldContain("skin", Case.Insensitive);
    }

    [Fact]
    public void Creases_lie_across_the_fibres()
    {
        // Upright fibres give level lines: frontalis and procerus; the corrugator runs nearly level.
        Reference.Atlas.Muscles["frontalis"].Fibre.AxisDeg!.Value.ShouldBeInRange(75, 105);
        Reference.Atlas.Muscles["procerus"].Fibre.AxisDeg!.Value.ShouldBeInRange(75, 105);
        Reference.Atlas.Muscles["corrugator-supercilii"].Fibre.AxisDeg!.Value.ShouldBeInRange(5, 45);
    }

    [Fact]
    public void The_corrugator_covers_the_inner_part_of_the_brow_and_not_its_tail() =>
        Reference
            .Atlas.Muscles["corrugator-supercilii"]
            .Views["frontal"]
            .Polygon!.Max(p => p[0])
            .ShouldBeLessThan(Reference.Atlas.Landmarks["brow_tail"].Frontal[0]);

    [Theory]
    [InlineData("frontalis", "frontalis")]
    [InlineData("sternocleidomastoid", "sternocleidomastoid")]
    [InlineData("trapezius-descending", "trapezius, descending part")]
    [InlineData("meibomian", "tarsal glands")]
    [InlineData("smas", "superficial musculo-aponeurotic system")]
    public void A_structure_is_called_as_one_says_it(string structure, string word) => Reference.Atlas.PlainName(structure).ShouldBe(word);

    [Fact]
    public void The_pupil_distance_of_the_frame_is_one()
    {
        Reference.Atlas.Landmarks["pupil"].Frontal[0].ShouldBe(0.5);
        Reference.Settings.IpdMm.ShouldBeInRange(62, 64.5, "Dodgson 2004: mean 63.36 mm, SD 3.83");
    }
}

/// <summary>The atlas reads whole or says what is wrong.</summary>
public class AtlasReadTests
{
    [Fact]
    public void An_atlas_that_names_a_structure_it_does_not_hold_is_refused_by_name()
    {
        var json = File.ReadAllText(Path.Combine(Reference.DataFolder, "anatomy", "anatomy.json"))
            .Replace("\"id\": \"risorius\"", "\"id\": \"risible\"", StringComparison.Ordinal);
        Should.Throw<InvalidDataException>(() => Wexis.Core.Anatomy.Atlas.Read(json)).Message.ShouldContain("names risorius");
    }

    [Fact]
    public void Every_structure_has_a_source_and_says_how_far_it_was_checked() =>
        Reference.Atlas.Document.Muscles.ShouldAllBe(m => m.Source.Length > 0 && m.Source.All(s => s.Basis.Length > 0));
}

/// <summary>The rules' own numbers are read from their data.</summary>
public class RuleDataTests
{
    [Theory]
    [InlineData(0, "along")]
    [InlineData(30, "along")] // both ends belong to the smaller class
    [InlineData(30.1, "oblique")]
    [InlineData(60, "oblique")]
    [InlineData(60.1, "across")]
    [InlineData(90, "across")]
    public void Fibre_classes_and_their_ends(double degrees, string word) =>
        Wexis.Core.Anatomy.RuleData.Class(Reference.Model.Rules.Fibre, degrees)?.Word().ShouldBe(word);

    [Theory]
    [InlineData(60, "with")]
    [InlineData(60.1, "neutral")]
    [InlineData(100, "neutral")]
    [InlineData(100.1, "against")]
    [InlineData(180, "against")]
    public void Flow_classes_and_their_ends(double degrees, string word) =>
        Wexis.Core.Anatomy.RuleData.Class(Reference.Model.Rules.Flow, degrees)?.Word().ShouldBe(word);

    [Theory]
    [InlineData(35, "primary")]
    [InlineData(35.1, "secondary")]
    [InlineData(55, "secondary")]
    [InlineData(55.1, null)]
    public void Stretch_classes_and_their_ends(double degrees, string? strength) =>
        Wexis.Core.Anatomy.RuleData.Class(Reference.Model.Rules.Stretch, degrees)?.Word().ShouldBe(strength);

    [Fact]
    public void Hold_return_and_levels_are_those_of_the_rules()
    {
        var rules = Reference.Model.Rules;
        (rules.HoldSeconds, rules.SlowReturnSeconds, rules.DryDragLevel).ShouldBe((3, 2, 3));
        rules.LymphLevels.ShouldBe([1, 2]);
        rules.Anchors("masseter-superficial", "sternohyoid").ShouldBeTrue("whatever the jaw does, the strap muscle anchors");
        rules.Anchors("masseter-superficial", "lateral-pterygoid").ShouldBeFalse();
    }

    [Fact]
    public void A_model_without_one_of_its_rules_is_refused()
    {
        var rules = Reference.Model.Document.Rules.Where(r => r.Id != "R14").ToArray();
        Should.Throw<InvalidDataException>(() => Wexis.Core.Anatomy.RuleData.Read(rules)).Message.ShouldContain("R14");
    }

    [Fact]
    public void Strong_effort_brings_overflow_as_the_rule_lists_it()
    {
        var map = Reference.Derive(A.Step() with { Acts = [A.Do("close-lids") with { Effort = "maximal" }] }).Map;
        map.Worked.Where(r => r.Why.Any(w => w.Rule == "R19"))
            .Select(r => (r.Structure, r.Strength))
            .ShouldContain(("trapezius-descending", Strength.Incidental));
        Reference.Derive(A.Act("close-lids-gently")).Map.Worked.ShouldNotContain(r => r.Structure == "trapezius-descending");
    }

    [Fact]
    public void Dry_skin_is_a_fault_only_where_it_was_told()
    {
        var step = A.Hand("stroke", "malar", 3);
        bool Drags(string? grip) =>
            Reference
                .Derive(step with { Hands = [step.Hands![0] with { GripOrSlip = grip, Glide = true }] })
                .Steps[0]
                .Safety.Findings.Any(f => f.Hazard == "dry-drag");
        Drags("grip").ShouldBeTrue();
        Drags("slip").ShouldBeFalse();
        Drags(null).ShouldBeFalse();
    }
}
