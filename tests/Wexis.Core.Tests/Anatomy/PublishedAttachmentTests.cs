using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Anatomy;

/// <summary>
/// Where muscles arise and end and what they oppose (Gray, Anatomy of the Human Body, 1918, from memory), the units of FACS 2002 (from
/// memory), and the way to the nodes (standard lymphology, from memory).
/// </summary>
public class PublishedAttachmentTests
{
    [Theory]
    [InlineData("frontalis", "aponeuro", "skin of the brow")]
    [InlineData("occipitalis", "superior nuchal line", "aponeurotica")]
    [InlineData("auricularis-anterior", "fascia", "helix")]
    [InlineData("auricularis-superior", "fascia", "auricle")]
    [InlineData("auricularis-posterior", "mastoid", "concha")]
    [InlineData("procerus", "nasal bone", "between the brows")]
    [InlineData("corrugator-supercilii", "superciliary arch", "orbital margin")]
    [InlineData("orbicularis-oculi-orbital", "medial palpebral ligament", "round the orbit")]
    [InlineData("orbicularis-oculi-palpebral", "medial palpebral ligament", "lateral palpebral raphe")]
    [InlineData("orbicularis-oculi-lacrimal", "lacrimal crest", "tarsi")]
    [InlineData("nasalis-alar", "maxilla", "ala")]
    [InlineData("depressor-septi-nasi", "incisive fossa", "septum")]
    [InlineData("levator-labii-alaeque-nasi", "frontal process of the maxilla", "upper lip")]
    [InlineData("levator-labii-superioris", "infra-orbital margin", "upper lip")]
    [InlineData("zygomaticus-minor", "zygomatic bone", "upper lip")]
    [InlineData("zygomaticus-major", "zygomatic bone", "mouth corner")]
    [InlineData("levator-anguli-oris", "canine fossa", "modiolus")]
    [InlineData("risorius", "masseter", "mouth corner")]
    [InlineData("buccinator", "pterygomandibular raphe", "orbicularis oris")]
    [InlineData("depressor-anguli-oris", "oblique line", "modiolus")]
    [InlineData("depressor-labii-inferioris", "oblique line", "lower lip")]
    [InlineData("mentalis", "incisive fossa", "chin")]
    [InlineData("transversus-menti", "depressor anguli oris", "midline")]
    [InlineData("platysma", "pectoralis", "mandible")]
    [InlineData("masseter-superficial", "two thirds of the lower border of the zygomatic arch", "angle")]
    [InlineData("masseter-deep", "inner surface of the zygomatic arch", "coronoid")]
    [InlineData("temporalis", "temporal fossa", "coronoid")]
    [InlineData("medial-pterygoid", "lateral pterygoid plate", "angle of the mandible")]
    [InlineData("lateral-pterygoid", "greater wing of sphenoid", "condylar neck")]
    [InlineData("digastric-anterior", "digastric fossa", "hyoid")]
    [InlineData("digastric-posterior", "mastoid notch", "hyoid")]
    [InlineData("mylohyoid", "mylohyoid line", "hyoid")]
    [InlineData("geniohyoid", "inferior mental spine", "hyoid")]
    [InlineData("stylohyoid", "styloid", "hyoid")]
    [InlineData("sternohyoid", "manubrium", "hyoid")]
    [InlineData("genioglossus", "superior mental spine", "tongue")]
    [InlineData("levator-palpebrae", "lesser wing of the sphenoid", "tarsus")]
    [InlineData("superior-rectus", "common tendinous ring", "sclera")]
    [InlineData("superior-oblique", "trochlea", "behind the equator")]
    [InlineData("inferior-oblique", "orbital floor", "sclera")]
    [InlineData("sternocleidomastoid", "manubrium", "mastoid")]
    [InlineData("trapezius-descending", "superior nuchal line", "clavicle")]
    [InlineData("splenius-capitis", "nuchal ligament", "mastoid")]
    [InlineData("levator-scapulae", "C1-C4", "scapula")]
    [InlineData("scalenes", "transverse processes", "ribs")]
    public void It_arises_and_ends_where_it_is_published_to(string muscle, string arises, string ends)
    {
        var m = Reference.Atlas.Muscles[muscle];
        m.Origin.ShouldContain(arises, Case.Insensitive);
        m.Insertion.ShouldContain(ends, Case.Insensitive);
    }

    [Theory]
    [InlineData("depressor-anguli-oris", "zygomaticus-major levator-anguli-oris")]
    [InlineData("mentalis", "depressor-labii-inferioris")]
    [InlineData("lateral-rectus", "medial-rectus")]
    [InlineData("levator-palpebrae", "orbicularis-oculi-palpebral orbicularis-oculi-orbital")]
    [InlineData("longus-capitis-colli", "suboccipitals semispinalis-capitis splenius-capitis")]
    public void It_is_opposed_by_what_pulls_the_other_way(string muscle, string opposing) =>
        Reference.Atlas.Muscles[muscle].Antagonists.ShouldBe(opposing.Split(' '));

    /// <summary>FACS 2002: AU 26 is a jaw let down, 27 one that is pulled down by its openers.</summary>
    [Theory]
    [InlineData("raise-brows", 1, 2)]
    [InlineData("knit-brows", 4)]
    [InlineData("widen-eyes", 5)]
    [InlineData("lift-lower-lid", 7)]
    [InlineData("scrunch-nose", 9)]
    [InlineData("raise-upper-lip", 10)]
    [InlineData("smile-closed", 12)]
    [InlineData("lift-corner-sharp", 13)]
    [InlineData("dimple", 14)]
    [InlineData("corners-down", 15)]
    [InlineData("lower-lip-down", 16)]
    [InlineData("pout-chin-up", 17)]
    [InlineData("pucker", 18)]
    [InlineData("tongue-out", 19)]
    [InlineData("stretch-corners-sideways", 20)]
    [InlineData("press-lips", 24)]
    [InlineData("roll-lips-in", 28)]
    [InlineData("open-jaw", 27)]
    [InlineData("tongue-palate-open-jaw", 27)]
    [InlineData("jaw-forward", 29)]
    [InlineData("jaw-side", 30)]
    [InlineData("clench", 31)]
    [InlineData("blow-out", 33)]
    [InlineData("puff-cheeks", 34)]
    [InlineData("suck-cheeks", 35)]
    [InlineData("flare-nostrils", 38)]
    [InlineData("narrow-nostrils", 39)]
    [InlineData("close-lids-gently", 43)]
    [InlineData("full-blink", 45)]
    public void A_movement_shows_the_units_that_the_coding_system_gives_it(string move, params int[] units) =>
        Reference.Model.Document.Moves[move].Au.ShouldBe(units);

    [Fact]
    public void Fluid_of_every_zone_runs_towards_its_own_nodes_or_on_from_those_that_lie_in_it()
    {
        var groups = Reference.Atlas.Document.Lymph.ToDictionary(l => l.Id, StringComparer.Ordinal);
        foreach (var zone in Reference.Atlas.Document.Zones)
        {
            if (
                zone.DrainDirDegLeft is not { } drain
                || zone.DrainDirView is not (null or FaceView.Frontal)
                || zone.View != FaceView.Frontal
            )
                continue;
            var (x, y) = (zone.Polygon.Average(p => p[0]), zone.Polygon.Average(p => p[1]));
            double Off(LymphGroup g) => FaceAngle.BetweenDirections(FaceAngle.Direction(new(x, y), new(g.Frontal[0], g.Frontal[1])), drain);
            var mine = (zone.DrainsTo ?? []).Select(id => groups[id]).ToList();
            // Nodes within a finger's breadth of its middle are in it: from there it runs on.
            var onward = mine.Where(g => Math.Abs(g.Frontal[0] - x) + Math.Abs(g.Frontal[1] - y) < 0.6)
                .SelectMany(g => g.EfferentTo ?? [])
                .Select(id => groups[id]);
            mine.Concat(onward).Any(g => Off(g) <= 60).ShouldBeTrue($"{zone.Id} drains to {drain}°");
        }
    }

    [Fact]
    public void No_text_of_the_data_points_to_a_page_that_is_not_there()
    {
        foreach (var file in new[] { "anatomy.json", "action-rules.json" })
            System
                .Text.RegularExpressions.Regex.IsMatch(
                    File.ReadAllText(Path.Combine(Reference.DataFolder, "anatomy", file)),
                    @"\b(?:section|table|chapter|page) \d",
                    System.Text.RegularExpressions.RegexOptions.IgnoreCase
                )
                .ShouldBeFalse(file);
    }

    /// <summary>Nerves leave the bone at the infra-orbital foramen, and the voice box hangs from the hyoid: nobody presses there.</summary>
    [Theory]
    [InlineData("ST2", 2)]
    [InlineData("CV23", 1)]
    [InlineData("ST9", 0)]
    [InlineData("ST1", 1)]
    public void A_point_over_a_nerve_or_the_throat_has_a_low_cap(string point, int most) =>
        (Reference.Atlas.Points[point].MaxPressure ?? 9).ShouldBeLessThanOrEqualTo(most);
}
