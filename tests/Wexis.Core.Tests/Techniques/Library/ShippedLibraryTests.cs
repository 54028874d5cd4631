using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Library;
using Wexis.Core.Techniques.Words;

namespace Wexis.Core.Tests.Techniques;

/// <summary>The techniques that ship: broad, complete, honest.</summary>
public class ShippedLibraryTests
{
    private static readonly IReadOnlyList<(TechniqueDocument Document, Derivation Derived)> Library =
    [
        .. TechniqueFile
            .Read(File.ReadAllText(Path.Combine(Reference.DataFolder, "library", "techniques.json")), Reference.Atlas, Reference.Model)
            .Techniques.Select(t => (t.Document, Derivation.Of(t.Document, Reference.Atlas, Reference.Model, Reference.Settings))),
    ];

    public static TheoryData<string> Ids => [.. Library.Select(t => t.Document.Id!)];

    private static (TechniqueDocument Document, Derivation Derived) Get(string id) => Library.Single(t => t.Document.Id == id);

    [Fact]
    public void There_are_at_least_eighty() => Library.Count.ShouldBeGreaterThanOrEqualTo(80);

    [Theory, MemberData(nameof(Ids))]
    public void Each_says_how_often_how_it_feels_what_is_easier_and_harder_how_it_grows_and_what_it_does_not_do(string id)
    {
        var (document, derived) = Get(id);
        var p = document.Practice.ShouldNotBeNull();
        foreach (var said in new[] { p.Feel, p.Easier, p.Harder, p.Progression })
            said.ShouldNotBeNullOrWhiteSpace(id);
        derived.Steps.ShouldAllBe(s => s.Completed.Dose!.DaysAWeek != null);
        document.Claims!.ShouldContain(c => System.Text.RegularExpressions.Regex.IsMatch(c.Text!, @"\bnot\b"), id);
    }

    [Theory, MemberData(nameof(Ids))]
    public void Each_derives_without_an_open_question(string id)
    {
        Get(id).Derived.Questions.Select(q => q.Text).ShouldBeEmpty();
        Get(id).Derived.Issues.Select(i => i.Text).ShouldBeEmpty();
        Get(id).Derived.Standing.ShouldBe(DerivedStanding.Complete);
        Get(id).Derived.Map.CannotTell.ShouldBeEmpty();
    }

    [Theory, MemberData(nameof(Ids))]
    public void Each_reads_for_three_viewers_and_no_reading_loses_a_line(string id)
    {
        var (document, derived) = Get(id);
        derived.Readings.Select(r => r.Viewer).ShouldBe(ViewerWords.Viewers);
        derived.Readings.ShouldAllBe(r =>
            r.Steps.Count == derived.Steps.Count
            && r.Faults.Count == document.Faults!.Count
            && r.Steps.All(s => s.Cue != "" && s.Title != "")
        );
    }

    [Theory, MemberData(nameof(Ids))]
    public void Each_has_a_fault_with_its_cue_an_adaptation_and_a_claim(string id)
    {
        var document = Get(id).Document;
        document.Faults.ShouldNotBeEmpty();
        document.Faults!.ShouldAllBe(f => f.Fix != null && f.Fix != "");
        document.Adaptations.ShouldNotBeEmpty();
        document.Claims.ShouldNotBeEmpty();
        document.Aim.ShouldNotBeNullOrWhiteSpace();
    }

    [Theory, MemberData(nameof(Ids))]
    public void None_ships_with_a_claim_that_does_not_stand(string id) =>
        Get(id)
            .Derived.Claims.Select(c => $"{c.Text}: {c.Verdicts[0].Word()} {c.Because}")
            .Where((_, i) => !Get(id).Derived.Claims[i].Stands)
            .ShouldBeEmpty();

    /// <summary>
    /// A concern that a technique is filed under lies where it works, or in skin whose fluid runs to the nodes that it moves.
    /// </summary>
    [Theory, MemberData(nameof(Ids))]
    public void A_concern_promises_no_more_than_the_map(string id)
    {
        var (document, derived) = Get(id);
        var atlas = Reference.Atlas;
        var worked = derived.Map.Worked.Where(r => r.Strength != Strength.Incidental).Select(r => r.Structure).ToHashSet();
        var zones = atlas.Document.Zones.Where(z =>
            derived.Map.ZonesTouched.Contains(z.Id)
            || z.MusclesSuperficialToDeep.Concat(z.Movers ?? []).Concat(z.MusclesBelowNotReached ?? []).Any(worked.Contains)
        );
        HashSet<string> regions = [.. zones.Where(z => atlas.RegionOfZone.ContainsKey(z.Id)).Select(z => atlas.RegionOfZone[z.Id])];
        // Muscles in and behind the eye lie in no zone that a hand touches.
        if (worked.Overlaps(["ciliary", "sphincter-pupillae", "superior-rectus", "inferior-rectus", "medial-rectus", "lateral-rectus"]))
            regions.Add("eyes");
        if (derived.Map.Worked.Any(r => r is { Structure: "superficial-lymph", Strength: Strength.Primary }))
        {
            var nodes = atlas
                .Document.Zones.Where(z => derived.Map.ZonesTouched.Contains(z.Id))
                .SelectMany(z => z.DrainsTo ?? [])
                .ToHashSet();
            regions.UnionWith(
                atlas
                    .Document.Zones.Where(z => (z.DrainsTo ?? []).Any(nodes.Contains) && atlas.RegionOfZone.ContainsKey(z.Id))
                    .Select(z => atlas.RegionOfZone[z.Id])
            );
        }
        foreach (var concern in document.Concerns ?? [])
            atlas.Document.Concerns.Single(c => c.Id == concern).Regions!.Any(regions.Contains).ShouldBeTrue($"{id}: {concern}");
    }

    [Fact]
    public void Every_family_region_and_school_is_there()
    {
        Library
            .SelectMany(t => t.Derived.Steps.Select(s => s.Family).OfType<StepFamily>())
            .Distinct()
            .Order()
            .ShouldBe(FamilyDefaults.All.Select(f => f.Id).Order());
        Library.Select(t => t.Document.Region!).Distinct().Order().ShouldBe(Reference.Atlas.Regions.Keys.Order());
        Library.Select(t => t.Document.School!).Distinct().Order().ShouldBe(Reference.Atlas.Schools.Keys.Order());
    }

    [Fact]
    public void Links_and_prerequisites_lead_to_techniques_that_are_there()
    {
        var ids = Library.Select(t => t.Document.Id).ToHashSet();
        Library
            .SelectMany(t => (t.Document.Prerequisites ?? []).Concat((t.Document.Related ?? []).Select(r => r.Id!)))
            .ShouldAllBe(id => ids.Contains(id));
    }

    [Fact]
    public void No_two_are_near_duplicates()
    {
        var marks = Library.Select(t => (t.Document.Id, Marks: TechniqueLikeness.Marks(t.Derived.Steps))).ToList();
        foreach (var (a, b) in marks.SelectMany((a, i) => marks.Skip(i + 1).Select(b => (a, b))))
            TechniqueLikeness.Of(a.Marks, b.Marks).ShouldBeLessThan(TechniqueLikeness.NearDuplicate, $"{a.Id} and {b.Id}");
    }

    /// <summary>
    /// Mechanics that anatomists agree on (Gray 1918 and FACS 2002, from memory): the structure each is known for, and how it is worked.
    /// </summary>
    [Theory]
    [InlineData("wx-brow-raise-soft", "frontalis", Mode.Concentric)]
    [InlineData("wx-slow-shutter", "levator-palpebrae", Mode.Eccentric)]
    [InlineData("wx-lower-lid-lift", "orbicularis-oculi-palpebral", Mode.Concentric)]
    [InlineData("wx-near-far", "ciliary", Mode.Concentric)]
    [InlineData("wx-twenty-pause", "ciliary", Mode.Inhibited)]
    [InlineData("wx-air-shuttle", "buccinator", Mode.Concentric)]
    [InlineData("wx-lip-seal", "orbicularis-oris", Mode.Isometric)]
    [InlineData("wx-rolled-o", "levator-labii-superioris", Mode.Stretched)]
    [InlineData("wx-chin-pout", "mentalis", Mode.Concentric)]
    [InlineData("wx-masseter-press", "masseter-superficial", Mode.Compressed)]
    [InlineData("wx-jaw-rest", "temporalis", Mode.Inhibited)]
    [InlineData("wx-temple-circles", "skin", Mode.SkinLymph)]
    [InlineData("wx-tongue-hinge", "digastric-anterior", Mode.Concentric)]
    [InlineData("wx-jaw-slide", "lateral-pterygoid", Mode.Concentric)]
    [InlineData("wx-head-turns", "sternocleidomastoid", Mode.Concentric)]
    [InlineData("wx-neck-forward", "trapezius-descending", Mode.Stretched)]
    [InlineData("wx-chin-nod", "longus-capitis-colli", Mode.Isometric)]
    [InlineData("wx-belly-breath", "diaphragm", Mode.BreathPosture)]
    [InlineData("wx-brow-press-up", "frontalis", Mode.Isometric)]
    [InlineData("wx-soft-kiss", "orbicularis-oris", Mode.Concentric)]
    [InlineData("wx-lip-trill", "buccinator", Mode.Concentric)]
    [InlineData("wx-cheek-inside", "buccinator", Mode.Compressed)]
    [InlineData("wx-tongue-out", "genioglossus", Mode.Concentric)]
    [InlineData("wx-tongue-cheek", "intrinsic-tongue", Mode.Isometric)]
    [InlineData("wx-behind-ear", "superficial-lymph", Mode.SkinLymph)]
    [InlineData("wx-frown-notice", "corrugator-supercilii", Mode.Inhibited)]
    [InlineData("wx-jaw-hinge-resist", "digastric-anterior", Mode.Isometric)]
    [InlineData("wx-under-chin-tongue", "mylohyoid", Mode.Isometric)]
    [InlineData("wx-skull-base-rub", "suboccipitals", Mode.Kneaded)]
    [InlineData("wx-long-neck", "longus-capitis-colli", Mode.Isometric)]
    [InlineData("wx-platysma-length", "platysma", Mode.Stretched)]
    [InlineData("wx-shoulder-knead", "trapezius-descending", Mode.Kneaded)]
    [InlineData("wx-frown-unlock", "corrugator-supercilii", Mode.Stretched)]
    [InlineData("wx-cheek-sweep", "superficial-lymph", Mode.SkinLymph)]
    public void It_works_what_it_is_known_for(string id, string structure, Mode mode) =>
        Get(id).Derived.Map.Worked.ShouldContain(r => r.Structure == structure && r.Mode == mode && r.Strength != Strength.Incidental);

    [Fact]
    public void None_is_shipped_without_a_caution_in_plain_words()
    {
        foreach (var id in Library.Select(t => t.Document.Id!))
            Get(id).Document.Cautions.ShouldNotBeEmpty(id);
    }

    [Fact]
    public void What_a_client_reads_is_short_grouped_and_easy_to_read()
    {
        foreach (var id in Library.Select(t => t.Document.Id!))
        {
            var care = Get(id).Derived.Readings[0].Care;
            care.First.Count.ShouldBeInRange(2, 3, id);
            care.More.Count.ShouldBeLessThanOrEqualTo(30, id);
            care.First.ShouldAllBe(s => !System.Text.RegularExpressions.Regex.IsMatch(s, "[A-Z]{2}[0-9]"), id);
            // Flesch reading ease (Flesch 1948): at least 60 is plain language for everybody.
            ReadingEase(string.Join(" ", care.First)).ShouldBeGreaterThanOrEqualTo(60, $"{id}: {string.Join(" ", care.First)}");
        }
    }

    /// <summary>
    /// 206.835 − 1.015 words per sentence − 84.6 syllables per word; syllables by groups of vowels, a silent e at the end not counted.
    /// </summary>
    private static double ReadingEase(string text)
    {
        var sentences = text.Split(['.', '!', '?', ';', ':'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Count(s => s.Length > 0);
        var words = System.Text.RegularExpressions.Regex.Matches(text, "[A-Za-z']+").Select(m => m.Value.ToLowerInvariant()).ToList();
        var syllables = words.Sum(w =>
            Math.Max(
                1,
                System.Text.RegularExpressions.Regex.Count(
                    w.Length > 3 && w.EndsWith('e') && !w.EndsWith("le", StringComparison.Ordinal) ? w[..^1] : w,
                    "[aeiouy]+"
                )
            )
        );
        return 206.835 - (1.015 * words.Count / sentences) - (84.6 * syllables / words.Count);
    }
}
