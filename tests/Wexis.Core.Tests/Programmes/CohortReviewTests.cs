using FsCheck.Xunit;
using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Programmes;

/// <summary>A cohort keeps the editions it is taught from; what changed since is said, never done by itself.</summary>
public class CohortReviewTests
{
    private static readonly ProgrammeDocument Programme = new(
        null,
        "P",
        Units:
        [
            new("a", "First", "supervised-practice", 60, Prerequisites: [], Techniques: ["glide", "knead"]),
            new("b", "Second", "supervised-practice", 60, Prerequisites: ["a"], Techniques: ["smile", "glide"]),
        ]
    );

    private static TeachingEdition Edition(string code, int number, EditionStanding standing = EditionStanding.Approved) =>
        new(code, default, $"The {code}", number, standing);

    private static CohortTechnique Of(TeachingEdition? taught, TeachingEdition? offered, string code = "glide") =>
        CohortReview.Of(Programme, Only(taught), Only(offered), new Dictionary<string, string>()).Single(t => t.Code == code);

    private static Dictionary<string, TeachingEdition> Only(TeachingEdition? edition) =>
        edition is null ? [] : new() { [edition.Code] = edition };

    [Fact]
    public void Techniques_stand_in_the_order_in_which_they_are_taught_each_once() =>
        CohortReview
            .Of(
                Programme,
                new Dictionary<string, TeachingEdition>(),
                new Dictionary<string, TeachingEdition>(),
                new Dictionary<string, string> { ["smile"] = "Small smile" }
            )
            .Select(t => (t.Module, t.Code, t.Name))
            .ShouldBe([("First", "glide", "glide"), ("First", "knead", "knead"), ("Second", "smile", "Small smile")]);

    [Fact]
    public void The_edition_that_was_taken_stays_when_a_newer_one_is_approved()
    {
        var line = Of(Edition("glide", 1), Edition("glide", 2));
        (line.Taught, line.Offered, line.State).ShouldBe((1, 2, CohortState.Newer));
        line.Says.ShouldBe("Taught from edition 1; edition 2 is approved since.");
    }

    [Fact]
    public void Taught_and_offered_alike_is_as_taught() =>
        Of(Edition("glide", 2), Edition("glide", 2)).State.ShouldBe(CohortState.AsTaught);

    [Fact]
    public void An_older_offer_never_calls_for_a_step_back() =>
        Of(Edition("glide", 3, EditionStanding.Complete), Edition("glide", 2)).State.ShouldBe(CohortState.AsTaught);

    [Fact]
    public void What_was_put_into_the_programme_later_waits_to_be_taken() =>
        Of(null, Edition("glide", 1)).State.ShouldBe(CohortState.ToTake);

    [Fact]
    public void A_draft_cannot_be_taught() => Of(null, null).State.ShouldBe(CohortState.NotTeachable);

    [Fact]
    public void An_edition_that_was_taken_out_of_use_is_named()
    {
        Of(Edition("glide", 1, EditionStanding.Retired), Edition("glide", 2))
            .Says.ShouldBe("Edition 1 was taken out of use; edition 2 may be taught.");
        Of(Edition("glide", 1, EditionStanding.Retired), null).State.ShouldBe(CohortState.OutOfUse);
    }

    [Fact]
    public void A_decision_is_called_for_where_there_is_something_to_take_or_nothing_left_to_teach()
    {
        (CohortTechnique Line, bool Calls, bool MayMoveOn)[] cases =
        [
            (Of(Edition("glide", 1), Edition("glide", 2)), true, true),
            (Of(null, Edition("glide", 1)), true, true),
            (Of(Edition("glide", 1, EditionStanding.Retired), Edition("glide", 2)), true, true),
            (Of(Edition("glide", 1, EditionStanding.Retired), null), true, false),
            (Of(Edition("glide", 1), Edition("glide", 1)), false, false),
            (Of(null, null), false, false),
        ];
        foreach (var (line, calls, mayMoveOn) in cases)
            (line.CallsForDecision, line.MayMoveOn).ShouldBe((calls, mayMoveOn), line.Says);
    }

    [Fact]
    public void What_the_programme_no_longer_teaches_stands_last()
    {
        var lines = CohortReview.Of(
            Programme,
            new Dictionary<string, TeachingEdition> { ["brow"] = Edition("brow", 4) },
            new Dictionary<string, TeachingEdition>(),
            new Dictionary<string, string>()
        );
        lines[^1].Code.ShouldBe("brow");
        lines[^1].Says.ShouldBe("No longer in the programme; taught from edition 4.");
    }

    [Fact]
    public void A_cohort_needs_a_name_and_only_trainees_are_in_it()
    {
        var trainee = PersonId.From(new(1, 2, 3, [4, 5, 6, 7, 8, 9, 10, 11]));
        new CohortDraft("Autumn", [trainee]).Issues(new HashSet<PersonId> { trainee }).ShouldBeEmpty();
        new CohortDraft(" ", [PersonId.New()])
            .Issues(new HashSet<PersonId> { trainee })
            .Select(i => i.Path)
            .ShouldBe(["name", "members[0]"]);
    }

    [Property]
    public bool Every_technique_taught_or_in_the_programme_has_exactly_one_line_and_a_taught_edition_is_never_replaced(
        byte[] taught,
        byte[] offered
    )
    {
        string[] codes = ["glide", "knead", "smile", "brow", "lid"];
        Dictionary<string, TeachingEdition> Some(byte[] picks) =>
            (picks ?? [])
                .Select(b =>
                    Edition(codes[b % codes.Length], 1 + (b / 8 % 3), b % 2 == 0 ? EditionStanding.Approved : EditionStanding.Retired)
                )
                .DistinctBy(e => e.Code)
                .ToDictionary(e => e.Code);
        var (before, now) = (Some(taught), Some(offered));
        var lines = CohortReview.Of(Programme, before, now, new Dictionary<string, string>());
        return lines.Select(l => l.Code).Order().SequenceEqual(before.Keys.Union(["glide", "knead", "smile"]).Order())
            && lines.All(l => l.Taught == (before.TryGetValue(l.Code, out var e) ? e.Edition : null))
            && lines.All(l => l.Says != "");
    }
}
