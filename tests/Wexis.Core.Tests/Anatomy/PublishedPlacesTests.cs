using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Anatomy;

/// <summary>
/// Where muscles attach, where points lie, where the skin drains: the shipped data against published works, re-derived from memory of
/// them.
/// </summary>
public class PublishedPlacesTests
{
    /// <summary>H. Gray, Anatomy of the Human Body, 20th US ed. 1918: origin, or insertion where <paramref name="inserts"/>.</summary>
    [Theory]
    [InlineData("occipitalis", "superior nuchal line", false)]
    [InlineData("auricularis-posterior", "mastoid", false)]
    [InlineData("procerus", "nasal bone", false)]
    [InlineData("corrugator-supercilii", "superciliary arch", false)]
    [InlineData("corrugator-supercilii", "skin", true)]
    [InlineData("orbicularis-oculi-palpebral", "medial palpebral ligament", false)]
    [InlineData("depressor-septi-nasi", "incisive fossa", false)]
    [InlineData("levator-labii-alaeque-nasi", "frontal process of the maxilla", false)]
    [InlineData("levator-labii-superioris", "infra-orbital margin", false)]
    [InlineData("zygomaticus-minor", "malar surface", false)]
    [InlineData("zygomaticus-major", "zygomatic bone", false)]
    [InlineData("levator-anguli-oris", "canine fossa", false)]
    [InlineData("risorius", "masseter", false)]
    [InlineData("buccinator", "pterygomandibular raphe", false)]
    [InlineData("buccinator", "alveolar processes", false)]
    [InlineData("depressor-anguli-oris", "oblique line", false)]
    [InlineData("depressor-labii-inferioris", "oblique line", false)]
    [InlineData("mentalis", "incisive fossa", false)]
    [InlineData("mentalis", "skin of the chin", true)]
    [InlineData("platysma", "pectoralis major", false)]
    [InlineData("platysma", "lower border of the mandible", true)]
    [InlineData("masseter-superficial", "zygomatic arch", false)]
    [InlineData("masseter-superficial", "angle", true)]
    [InlineData("temporalis", "temporal fossa", false)]
    [InlineData("temporalis", "coronoid process", true)]
    [InlineData("medial-pterygoid", "lateral pterygoid plate", false)]
    [InlineData("medial-pterygoid", "angle of the mandible", true)]
    [InlineData("lateral-pterygoid", "greater wing of sphenoid", false)]
    [InlineData("lateral-pterygoid", "condylar neck", true)]
    [InlineData("digastric-anterior", "digastric fossa", false)]
    [InlineData("digastric-posterior", "mastoid notch", false)]
    [InlineData("mylohyoid", "mylohyoid line", false)]
    [InlineData("geniohyoid", "mental spine", false)]
    [InlineData("stylohyoid", "styloid process", false)]
    [InlineData("genioglossus", "mental spine", false)]
    [InlineData("hyoglossus", "greater horn of hyoid", false)]
    [InlineData("levator-palpebrae", "lesser wing of the sphenoid", false)]
    [InlineData("inferior-oblique", "orbital floor", false)]
    [InlineData("superior-oblique", "trochlea", false)]
    [InlineData("sternocleidomastoid", "manubrium", false)]
    [InlineData("sternocleidomastoid", "mastoid process", true)]
    [InlineData("trapezius-descending", "clavicle", true)]
    [InlineData("levator-scapulae", "scapula", true)]
    [InlineData("scalenes", "first and second ribs", true)]
    public void A_muscle_attaches_where_it_is_published(string muscle, string place, bool inserts)
    {
        var m = Reference.Atlas.Muscles[muscle];
        (inserts ? m.Insertion : m.Origin).ShouldContain(place, Case.Insensitive);
    }

    // Outlines and places are good to about 0.1 IPD: what a text calls "at" and "level with" is checked a little wider than that.
    private const double Near = 0.13;
    private const double OnLine = 0.06;

    /// <summary>
    /// WHO Standard Acupuncture Point Locations in the Western Pacific Region, 2008 (and its extra points): where a point lies, by the
    /// landmark its text names.
    /// </summary>
    [Theory]
    [InlineData("GV14", "on the midline", null)]
    [InlineData("GV15", "on the midline", null)]
    [InlineData("GV16", "on the midline", null)]
    [InlineData("GV20", "on the midline", null)]
    [InlineData("GV21", "on the midline", null)]
    [InlineData("GV22", "on the midline", null)]
    [InlineData("GV23", "on the midline", null)]
    [InlineData("GV24", "on the midline", null)]
    [InlineData("GV25", "on the midline", null)]
    [InlineData("GV26", "on the midline", null)]
    [InlineData("GV27", "on the midline", null)]
    [InlineData("CV22", "on the midline", null)]
    [InlineData("CV23", "on the midline", null)]
    [InlineData("CV24", "on the midline", null)]
    [InlineData("EX-HN3", "on the midline", null)]
    [InlineData("GV25", "at", "pronasale")]
    [InlineData("CV24", "at", "sublabiale")]
    [InlineData("GV26", "at", "philtrum_mid")]
    [InlineData("GV27", "at", "labrale_superius")]
    [InlineData("EX-HN3", "at", "glabella")]
    [InlineData("ST2", "at", "infraorbital_foramen")]
    [InlineData("ST5", "at", "antegonial_notch")]
    [InlineData("BL2", "at", "brow_head")]
    [InlineData("TE23", "at", "brow_tail")]
    [InlineData("EX-HN4", "at", "brow_mid")]
    [InlineData("EX-HN5", "at", "temple_hollow")]
    [InlineData("CV22", "at", "jugular_notch")]
    [InlineData("GV20", "at", "vertex")]
    [InlineData("ST1", "straight below or above", "pupil")]
    [InlineData("ST3", "straight below or above", "pupil")]
    [InlineData("GB14", "straight below or above", "pupil")]
    [InlineData("GB15", "straight below or above", "pupil")]
    [InlineData("EX-HN4", "straight below or above", "pupil")]
    [InlineData("LI20", "level with", "alare")]
    [InlineData("LI19", "level with", "philtrum_mid")]
    [InlineData("ST4", "level with", "cheilion")]
    [InlineData("GB1", "level with", "exocanthion")]
    [InlineData("ST9", "level with", "thyroid_notch")]
    [InlineData("LI18", "level with", "thyroid_notch")]
    [InlineData("SI16", "level with", "thyroid_notch")]
    [InlineData("ST10", "level with", "cricoid")]
    [InlineData("TE16", "level with", "gonion")]
    [InlineData("SI17", "level with", "gonion")]
    [InlineData("BL1", "level with", "endocanthion")]
    [InlineData("GB7", "level with", "ear_top")]
    [InlineData("GB14", "above", "brow_mid")]
    [InlineData("GV24", "above", "trichion")]
    [InlineData("GV23", "above", "trichion")]
    [InlineData("BL3", "above", "trichion")]
    [InlineData("GB13", "above", "trichion")]
    [InlineData("TE20", "above", "ear_top")]
    [InlineData("GB8", "above", "ear_top")]
    [InlineData("CV23", "above", "hyoid")]
    [InlineData("GV15", "above", "c2_spine")]
    [InlineData("GB3", "above", "zygion")]
    [InlineData("ST1", "above", "orbital_rim_inferior")]
    [InlineData("ST7", "below", "zygion")]
    [InlineData("SI18", "below", "zygoma_prominence")]
    [InlineData("GV14", "below", "c7_spine")]
    [InlineData("GV16", "below", "inion")]
    [InlineData("GB20", "below", "superior_nuchal_line")]
    [InlineData("GB12", "below", "mastoid_tip")]
    [InlineData("KI27", "below", "clavicle_mid")]
    [InlineData("ST6", "above", "gonion")]
    [InlineData("ST4", "outwards of", "cheilion")]
    [InlineData("GB1", "outwards of", "exocanthion")]
    [InlineData("BL1", "inwards of", "endocanthion")]
    [InlineData("ST3", "outwards of", "alare")]
    [InlineData("SI18", "outwards of", "pupil")]
    [InlineData("BL10", "outwards of", "c2_spine")]
    [InlineData("EX-HN7", "outwards of", "pupil")]
    [InlineData("SI19", "in front of", "tragus")]
    [InlineData("TE21", "in front of", "tragus")]
    [InlineData("GB2", "in front of", "tragus")]
    [InlineData("TE22", "in front of", "tragus")]
    [InlineData("ST6", "in front of", "gonion")]
    [InlineData("ST7", "in front of", "condyle")]
    [InlineData("TE17", "behind", "lobe")]
    [InlineData("TE18", "behind", "tragus")]
    [InlineData("EX-HN14", "behind", "lobe")]
    [InlineData("SI17", "behind", "gonion")]
    [InlineData("TE16", "behind", "gonion")]
    [InlineData("GB12", "behind", "mastoid_tip")]
    [InlineData("EX-HN5", "behind", "brow_tail")]
    public void A_point_lies_where_it_is_published(string code, string lies, string? landmark)
    {
        var point = Reference.Atlas.Points[code];
        var (x, y, z) = (Math.Abs(point.Frontal![0]), point.Frontal[1], point.LateralZ ?? double.NaN);
        var l = landmark is null ? null : Reference.Atlas.Landmarks[landmark];
        var (lx, ly, lz) = (l?.Frontal[0] ?? 0, l?.Frontal[1] ?? 0, l?.LateralZ ?? double.NaN);
        var there = lies switch
        {
            "on the midline" => x == 0 && point.Midline,
            "at" => new FacePoint(x, y).DistanceTo(new(lx, ly)) <= Near,
            "straight below or above" => Math.Abs(x - lx) <= OnLine,
            "level with" => Math.Abs(y - ly) <= Near,
            "above" => y > ly,
            "below" => y < ly,
            "outwards of" => x > lx,
            "inwards of" => x < lx,
            "in front of" => z > lz,
            "behind" => z < lz,
            _ => throw new ArgumentOutOfRangeException(nameof(lies), lies, "not a relation of this test"),
        };
        there.ShouldBeTrue($"{code} at ({x}, {y}, {z}); {landmark} at ({lx}, {ly}, {lz})");
    }

    /// <summary>Gray 1918, the lymphatics of the head, face and neck: which nodes the skin drains to.</summary>
    [Theory]
    [InlineData("forehead-lateral", "ln-parotid-superficial")]
    [InlineData("temple", "ln-parotid-superficial")]
    [InlineData("brow", "ln-parotid-superficial")]
    [InlineData("outer-eye-corner", "ln-parotid-superficial")]
    [InlineData("inner-eye-corner", "ln-submandibular")]
    [InlineData("nose-bridge", "ln-submandibular")]
    [InlineData("nose-wing", "ln-submandibular")]
    [InlineData("nasolabial", "ln-submandibular")]
    [InlineData("upper-lip", "ln-submandibular")]
    [InlineData("lower-lip", "ln-submental")]
    [InlineData("chin", "ln-submental")]
    [InlineData("behind-ear", "ln-mastoid")]
    [InlineData("nape", "ln-occipital")]
    [InlineData("upper-chest", "ln-axillary")]
    public void Skin_drains_to_the_published_nodes(string zone, string nodes) => Reference.Atlas.Zones[zone].DrainsTo!.ShouldContain(nodes);

    [Fact]
    public void Every_chain_of_the_face_ends_at_the_venous_angle_and_none_in_the_armpit()
    {
        var byId = Reference.Atlas.Document.Lymph.ToDictionary(g => g.Id);
        IEnumerable<string> Onward(string id, int depth = 0) =>
            depth > 12 || !byId.TryGetValue(id, out var g)
                ? []
                : new[] { id }.Concat((g.EfferentTo ?? []).SelectMany(n => Onward(n, depth + 1)));
        foreach (var group in byId.Values.Where(g => g.Id.StartsWith("ln-", StringComparison.Ordinal) && g.Id != "ln-axillary"))
        {
            Onward(group.Id).ShouldContain("lv-venous-angle", group.Id);
            Onward(group.Id).ShouldNotContain("ln-axillary", group.Id);
        }
    }

    [Fact]
    public void Every_feel_test_belongs_to_a_structure_that_a_learner_may_look_up() =>
        Reference.Atlas.Document.FeelTests.Select(t => t.Structure).ShouldBeUnique();

    [Fact]
    public void Only_what_nobody_can_tell_apart_has_no_test() =>
        Reference
            .Atlas.Document.Muscles.Select(m => m.Id)
            .Except(Reference.Atlas.Document.FeelTests.Select(t => t.Structure))
            .Order()
            .ShouldBe(["incisivi-labii", "omohyoid", "orbicularis-oculi-lacrimal", "transversus-menti"]);

    /// <summary>The six positions of gaze that single out the movers of the eye: standard orthoptics, from memory.</summary>
    [Theory]
    [InlineData("lateral-rectus", "to that side")]
    [InlineData("superior-rectus", "out to that side, then up")]
    [InlineData("inferior-rectus", "out to that side, then down")]
    [InlineData("superior-oblique", "in towards the nose, then down")]
    [InlineData("inferior-oblique", "in towards the nose, then up")]
    [InlineData("medial-rectus", "comes to the nose")]
    public void Each_mover_of_the_eye_is_seen_where_it_works_nearly_alone(string muscle, string gaze) =>
        Reference.Atlas.Document.FeelTests.Single(t => t.Structure == muscle).Test.ShouldContain(gaze);

    [Fact]
    public void No_test_asks_for_a_hand_on_eyeball_or_throat()
    {
        foreach (
            var test in Reference.Atlas.Document.FeelTests.Where(t =>
                Reference.Atlas.Muscles[t.Structure] is var m
                && (m.Depth is "D7" or "D8" || m.Id.EndsWith("hyoid", StringComparison.Ordinal) && m.Id != "mylohyoid")
            )
        )
            test.Test.ShouldNotContain("press", Case.Insensitive, test.Structure);
    }
}
