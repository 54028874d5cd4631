using Wexis.Core.Programmes;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Programmes;

/// <summary>A routine goes with the editions of techniques that a cohort is taught, or it is said where it does not.</summary>
public class CohortRoutinesTests
{
    private static readonly RoutineId Id = RoutineId.From(new(7, 0, 0, [1, 2, 3, 4, 5, 6, 7, 8]));

    private static readonly ProgrammeDocument Programme = new(
        null,
        "P",
        [new("m", "Cheeks")],
        [new("a", "Unit", "teaching-practice", 60, Module: "m", Routines: [$"{Id}"])]
    );

    private static TeachingRoutine Routine(int edition, params RoutinePin[] pins) => new(Id, "Evening", edition, pins);

    private static TeachingEdition Taught(string code, int edition) => new(code, default, $"The {code}", edition, EditionStanding.Approved);

    private static CohortRoutine Of(TeachingRoutine[] taught, TeachingRoutine[] offered, params TeachingEdition[] techniques) =>
        CohortRoutines.Of(Programme, taught, offered, techniques).ShouldHaveSingleItem();

    [Fact]
    public void Another_edition_of_a_technique_and_one_that_is_not_taught_are_said()
    {
        var line = Of([Routine(1, new("glide", 1), new("knead", 2), new("lid", 1))], [Routine(1)], Taught("glide", 1), Taught("knead", 3));
        line.Module.ShouldBe("Cheeks");
        line.Mismatches.ShouldBe([
            "It is built on edition 2 of “The knead”; this cohort is taught edition 3.",
            "It has a technique that this cohort is not taught (lid).",
        ]);
        line.MayMoveOn.ShouldBeFalse();
    }

    [Fact]
    public void What_was_taken_stays_and_what_is_newer_is_offered()
    {
        var line = Of([Routine(1)], [Routine(2)]);
        (line.Taught, line.Offered, line.MayMoveOn, line.Says).ShouldBe((1, 2, true, "Taught from edition 1; there is edition 2 since."));
        Of([], [Routine(2)]).MayMoveOn.ShouldBeTrue();
        Of([Routine(1)], []).MayMoveOn.ShouldBeFalse();
    }

    [Fact]
    public void What_the_programme_no_longer_teaches_is_still_read() =>
        CohortRoutines
            .Of(Programme with { Units = [] }, [Routine(1)], [], [])
            .ShouldHaveSingleItem()
            .Says.ShouldBe("No longer in the programme; taught from edition 1.");
}
