using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Grading;

/// <summary>What is neither counted nor judged: faults that are mended, feelings, reasons, what was counted on paper.</summary>
public class HappenedTests
{
    private static readonly MarkSheet Sheet = Examinations.MarkSheetDraftTests.Sheet(A.Act("smile-closed") with { Still = ["brow"] });
    private int _n;

    private MarkEvent At(
        MarkKind kind,
        double second,
        string? target = null,
        double? value = null,
        string? note = null,
        MarkId? id = null,
        Side? side = null
    ) => new(id ?? MarkId.From(new(++_n, 2, 2, new byte[8])), kind, "d", ++_n, (long)(second * 1000), 0, side, target, value, note, _n);

    private Criterion Stillness => Sheet.Criteria.Single(c => c.Topic == Topic.Stillness);

    private (double? Mark, string? Why) After(params (double At, double? Mended)[] brows)
    {
        var events = new List<MarkEvent>();
        foreach (var (at, mended) in brows)
        {
            var stamp = MarkId.From(new(++_n, 3, 3, new byte[8]));
            events.Add(At(MarkKind.Fault, at, "brow", id: stamp));
            if (mended is { } later)
                events.Add(At(MarkKind.Mended, at + later, $"{stamp}"));
        }
        events.Add(At(MarkKind.Mark, 90, Stillness.Id, 3));
        foreach (var side in Sheet.Steps[0].Columns)
            events.AddRange(Enumerable.Range(0, 20).Select(i => At(MarkKind.Rep, i * 3, side: side)));
        events.SelectMany(e => MarkRules.Issues(e, Sheet)).ShouldBeEmpty();
        var scored = Score.Of(SheetState.Of(events), Sheet, Reference.Settings).Criteria.Single(c => c.Criterion.Id == Stillness.Id);
        return (scored.Mark, scored.Why);
    }

    /// <summary>Mended within five seconds nothing is lost, once a technique; a second, or a late one, is marked 2.</summary>
    [Fact]
    public void A_stamped_fault_that_its_maker_mends_counts_like_a_slip()
    {
        After((10, 4.9)).Mark.ShouldBe(3);
        After((10, 5.0)).Mark.ShouldBe(3);
        var late = After((10, 5.1));
        late.Mark.ShouldBe(2);
        late.Why!.ShouldContain("mended after 5.1 s");
        After((10, 2), (30, 2)).Mark.ShouldBe(2, "a second one is marked");
        After((10, 9), (30, 2)).Mark.ShouldBe(2, "the late one is marked and does not use the allowance up");
        After((10, null)).Mark.ShouldBe(3, "what was not mended is the judge's to weigh");
    }

    [Fact]
    public void Feelings_notes_and_reasons_stand_at_their_seconds_and_the_newest_reason_wins()
    {
        var state = SheetState.Of([
            At(MarkKind.Said, 3, "tenderness", 7),
            At(MarkKind.Note, 4, note: "holds the chair"),
            At(MarkKind.Mark, 5, "posture", 2, "leans"),
            At(MarkKind.Mark, 6, "posture", 1, "slumps"),
            At(MarkKind.Mark, 7, "breath", 2, "held"),
            At(MarkKind.Mark, 8, "breath", 3),
        ]);
        state.Felt.ShouldBe([new Felt(Feeling.Tenderness, 7, 3)]);
        state.Notes.ShouldBe([new SaidNote("holds the chair", 4)]);
        state.Whys.ShouldBe(new Dictionary<string, string> { ["posture"] = "slumps" }, ignoreOrder: true);
    }

    [Fact]
    public void What_was_counted_on_paper_counts_like_taps_after_the_stop_too()
    {
        var side = Sheet.Steps[0].Columns[0];
        var state = SheetState.Of([
            At(MarkKind.Start, 0),
            At(MarkKind.Stop, 1),
            At(MarkKind.Tally, 2, value: 4, side: side),
            At(MarkKind.Tally, 3, value: 9, side: side),
            At(MarkKind.Tally, 3, "seconds", 30, side: side),
        ]);
        var track = state.Tracks.Single();
        (track.Repetitions, track.TalliedSeconds).ShouldBe((9, 30.0));
        DemonstrationMeasures.Of(track, 3, Reference.Settings).WorkingSeconds.ShouldBe(30);
        // A hold that was counted lasts as long as the technique says, where nobody timed it: 9 of 5 s.
        DemonstrationMeasures.Of(track with { TalliedSeconds = 0 }, 3, Reference.Settings, 5).WorkingSeconds.ShouldBe(45);
    }

    public static TheoryData<MarkKind, string?, double?, string> Wrong =>
        new()
        {
            { MarkKind.Said, "hunger", 3, "target" },
            { MarkKind.Said, "warmth", 11, "value" },
            { MarkKind.Said, "warmth", null, "value" },
            { MarkKind.Tally, null, -1, "value" },
            { MarkKind.Tally, "minutes", 3, "target" },
            { MarkKind.Note, null, null, "note" },
            { MarkKind.Planted, "nothing", null, "target" },
            { MarkKind.Film, "abc", null, "target" },
            { MarkKind.Mended, "none", null, "target" },
            { MarkKind.Mark, "a-criterion-of-another-sheet", 3, "target" },
        };

    [Theory, MemberData(nameof(Wrong))]
    public void What_cannot_be_given_is_refused_at_its_field(MarkKind kind, string? target, double? value, string field) =>
        MarkRules.Issues(At(kind, 1, target, value, side: Sheet.Steps[0].Columns[0]), Sheet).Select(i => i.Path).ShouldContain(field);
}
