using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;

namespace Wexis.Core.Tests.Techniques;

/// <summary>The library as a whole, its table, its schools, the standing of its editions.</summary>
public class LibraryTests
{
    private static ShelvedTechnique Shelved(string id, params Step[] steps) => Shelved(id, A.Technique(steps) with { Id = id, Name = id });

    private static ShelvedTechnique Shelved(string id, TechniqueDocument document, EditionStanding standing = EditionStanding.Complete)
    {
        var derived = Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings);
        return new(
            id,
            document.Name!,
            document.Region,
            document.School,
            standing,
            TechniqueBrief.Of(document, derived, "test", Reference.Atlas)
        );
    }

    private static LibraryReview Review(params ShelvedTechnique[] techniques) => LibraryReview.Of(techniques, Reference.Atlas);

    [Fact]
    public void Two_that_consist_of_the_same_are_found_whatever_they_are_called() =>
        Review(Shelved("one", A.Act("smile")), Shelved("two", A.Act("smile")), Shelved("other", A.Act("pucker")))
            .Duplicates.ShouldHaveSingleItem()
            .Likeness.ShouldBe(1);

    [Fact]
    public void Comparing_by_bits_gives_what_comparing_sets_gives()
    {
        var shelf = new[]
        {
            Shelved("a", A.Act("smile")),
            Shelved("b", A.Act("smile"), A.Act("pucker")),
            Shelved("c", A.Hand("stroke", "brow", 2)),
            Shelved("d", A.Hand("stroke", "brow", 2), A.Act("smile")),
            Shelved("e", A.Hand("stroke", "brow", 3)),
        };
        var plain = shelf
            .SelectMany((x, i) => shelf.Skip(i + 1).Select(y => (x, y)))
            .Where(p => TechniqueLikeness.Of(p.x.Brief.Marks, p.y.Brief.Marks) >= TechniqueLikeness.NearDuplicate)
            .Select(p => (p.x.Id, p.y.Id));
        LibraryReview.Of(shelf, Reference.Atlas).Duplicates.Select(d => (d.First, d.Second)).Order().ShouldBe(plain.Order());
    }

    [Fact]
    public void One_muscle_trained_here_and_let_rest_there_is_a_conflict()
    {
        var conflict = Review(Shelved("smile", A.Act("clench")), Shelved("rest", A.Act("jaw-rest")))
            .Conflicts.First(c => c.Structure == "masseter-superficial");
        conflict.Trained.ShouldBe(["smile"]);
        conflict.Rested.ShouldBe(["rest"]);
        Review(Shelved("rest", A.Act("jaw-rest")), Shelved("knead", A.Hand("knead", "masseter-area", 4)))
            .Conflicts.ShouldBeEmpty("nothing trains it");
    }

    [Fact]
    public void A_parked_technique_counts_for_nothing() =>
        Review(Shelved("smile", A.Technique(A.Act("smile")) with { Name = "smile" }, EditionStanding.Parked))
            .Lacks.ShouldContain(l => l.Id == "zygomaticus-major");

    [Fact]
    public void What_is_missing_is_named()
    {
        var lacks = Review(Shelved("smile", A.Act("smile"))).Lacks;
        lacks.ShouldContain(l => l.Kind == LackKind.Region && l.Id == "neck");
        lacks.ShouldContain(l => l.Kind == LackKind.School && l.Id == "tool-led");
        lacks.ShouldContain(l => l.Kind == LackKind.Mode && l.Id == "stretched");
        lacks.ShouldNotContain(l => l.Id == "zygomaticus-major");
    }

    // The table (RFC 4180).

    [Fact]
    public void A_table_read_back_says_what_was_written()
    {
        var shelf = Shelved(
            "a-b",
            A.Technique(A.Act("smile")) with
            {
                Id = "a-b",
                Name = "Smile, \"small\"",
                Aim = "one\r\ntwo",
                Concerns = ["flat-cheeks", "nasolabial-folds"],
            }
        );
        var facts = LibraryTable.Read(LibraryTable.Write([shelf]), Reference.Atlas).Value!.Facts.ShouldHaveSingleItem();
        (facts.Id, facts.Name, facts.Aim, facts.Region, facts.School).ShouldBe(
            ("a-b", "Smile, \"small\"", "one\r\ntwo", "cheeks", "mixed")
        );
        facts.Concerns.ShouldBe(["flat-cheeks", "nasolabial-folds"]);
    }

    [Fact]
    public void Facts_that_say_nothing_new_change_nothing()
    {
        var document = A.Technique(A.Act("smile")) with { Id = "a", Name = "Smile", Concerns = ["flat-cheeks"] };
        LibraryTable.Read(LibraryTable.Write([Shelved("a", document)]), Reference.Atlas).Value!.Facts[0].On(document).ShouldBe(document);
    }

    [Theory]
    [InlineData("", "line 1")]
    [InlineData("id,name\r\na,b", "line 1")]
    [InlineData("id,name,region,school,concerns,aim\r\n", "line 2")]
    [InlineData("id,name,region,school,concerns,aim\r\na,b,elbow,,,", "line 2, region")]
    [InlineData("id,name,region,school,concerns,aim\r\na,b,,,worry,", "line 2, concerns")]
    [InlineData("id,name,region,school,concerns,aim\r\na,,,,,", "line 2, name")]
    [InlineData("id,name,region,school,concerns,aim\r\na,b,,,,\r\na,c,,,,", "line 3, id")]
    public void A_slip_in_a_table_is_named_with_its_line(string csv, string path) =>
        LibraryTable.Read(csv, Reference.Atlas).Issues.ShouldContain(i => i.Path == path);

    /// <summary>
    /// As spreadsheets save them: a byte order mark in front, semicolons or tabs between, columns in an order of their own, more columns
    /// than asked for.
    /// </summary>
    [Theory]
    [InlineData("\uFEFFid;name;region;school;concerns;aim\r\na-b;Smile;cheeks;mixed;\"flat-cheeks;nasolabial-folds\";\"one; two\"\r\n")]
    [InlineData("id\tname\tregion\tschool\tconcerns\taim\na-b\tSmile\tcheeks\tmixed\tflat-cheeks;nasolabial-folds\tone; two\n")]
    [InlineData("\r\nAim,Concerns,ID,Name,Region,School,standing\none; two,flat-cheeks; nasolabial-folds, a-b , Smile ,cheeks,mixed,draft")]
    public void A_table_comes_in_however_a_spreadsheet_saved_it(string csv)
    {
        var facts = LibraryTable.Read(csv, Reference.Atlas).Value!.Facts.ShouldHaveSingleItem();
        (facts.Id, facts.Name, facts.Region, facts.School, facts.Aim).ShouldBe(("a-b", "Smile", "cheeks", "mixed", "one; two"));
        facts.Concerns.ShouldBe(["flat-cheeks", "nasolabial-folds"]);
    }

    // Standing.

    [Theory]
    [InlineData("complete", null, "complete")]
    [InlineData("complete", "approved", "approved")]
    [InlineData("parked", "approved", "parked")] // a stop rule outranks everybody
    [InlineData("draft", "reviewed", "draft")]
    [InlineData("parked", "retired", "retired")]
    public void What_is_derived_and_what_was_decided_give_one_standing(string derived, string? review, string standing) =>
        EditionReview.Of(derived, review).Word().ShouldBe(standing);

    [Theory]
    [InlineData("complete", 0, "reviewed", null, true)]
    [InlineData("complete", 0, "approved", null, false)] // looked through first
    [InlineData("reviewed", 0, "approved", null, true)]
    [InlineData("reviewed", 1, "approved", null, false)] // a contradicted claim waits for its answer
    [InlineData("draft", 0, "reviewed", null, false)]
    [InlineData("parked", 0, "approved", null, false)]
    [InlineData("approved", 0, "retired", null, false)] // without a reason
    [InlineData("approved", 0, "retired", "a better one is taught", true)]
    [InlineData("retired", 0, "back-in-use", null, true)]
    public void Steps_are_taken_in_their_order(string standing, int toAnswer, string to, string? note, bool may) =>
        (EditionReview.Issues(ClosedList.In<EditionStanding>(standing), toAnswer, to, note).Count == 0).ShouldBe(may);

    // Schools.

    private static SchoolProfiles Schools => Reference.Schools;

    private static IEnumerable<string> Against(string school, params Step[] steps)
    {
        var document = A.Technique(steps) with { School = school };
        return Schools
            .Contradictions(
                document,
                Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings),
                Reference.Atlas,
                Reference.Settings
            )
            .Select(c => c.Question);
    }

    [Fact]
    public void Firm_hands_contradict_a_fluid_led_school() =>
        Against("fluid-led", A.Hand("stroke", "medial-cheek", 4)).ShouldContain("pressure");

    [Fact]
    public void A_tool_contradicts_a_school_of_hands_and_its_absence_a_school_of_tools()
    {
        Against("fluid-led", A.Hand("tool-stroke", "medial-cheek", 2, "tool-flat")).ShouldContain("tools");
        Against("tool-led", A.Hand("stroke", "medial-cheek", 2)).ShouldContain("tools");
    }

    [Fact]
    public void Strengthening_contradicts_massage_only_and_massage_strengthening_only()
    {
        Against("fluid-led", A.Act("smile")).ShouldContain("work");
        Against("contraction-led", A.Hand("knead", "masseter-area", 3)).ShouldContain("work");
    }

    [Fact]
    public void A_mixed_school_declares_both_and_is_contradicted_by_neither() =>
        Against("mixed", A.Hand("knead", "masseter-area", 4), A.Act("smile")).ShouldNotContain("work");

    [Fact]
    public void A_profile_without_an_answer_is_not_read() =>
        Should
            .Throw<InvalidDataException>(() =>
                SchoolProfiles.Read(
                    """{"questions":[{"id":"days","asks":"?","choices":{"daily":"d"}}],"""
                        + """ "schools":[{"id":"fluid-led","pressure":[1,2],"answers":{}}]}""",
                    Reference.Atlas
                )
            )
            .Message.ShouldContain("fluid-led has no answer to days");

    [Fact]
    public void What_ships_does_what_its_school_does()
    {
        var found = TechniqueFile
            .Read(File.ReadAllText(Path.Combine(Reference.DataFolder, "library", "techniques.json")), Reference.Atlas, Reference.Model)
            .Techniques.SelectMany(t =>
                Schools
                    .Contradictions(
                        t.Document,
                        Derivation.Of(t.Document, Reference.Atlas, Reference.Model, Reference.Settings),
                        Reference.Atlas,
                        Reference.Settings
                    )
                    .Select(c => $"{t.Document.Id}: {c.Says}")
            );
        found.ShouldBeEmpty();
    }
}
