using FsCheck.Xunit;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;

namespace Wexis.Core.Tests.Results;

/// <summary>What may happen to a result, by whom, in any order.</summary>
public class CaseTests
{
    private static readonly MarkSheet Sheet = Examinations.MarkSheetDraftTests.Sheet(A.Act("smile-closed", "6") with { Still = ["brow"] });

    private static readonly DateTimeOffset Day = new(2026, 10, 1, 9, 0, 0, TimeSpan.Zero);

    private static PersonId Person(int n) => PersonId.From(new(n, 7, 7, new byte[8]));

    private static readonly PersonId First = Person(1);
    private static readonly PersonId Second = Person(2);
    private static readonly PersonId Third = Person(3);
    private static readonly PersonId Trainee = Person(4);
    private static readonly PersonId Guest = Person(5);

    /// <summary>The first assessor leads too: a house of one is complete.</summary>
    private static readonly CaseActor[] Actors =
    [
        new(First, true, true),
        new(Second, false, true),
        new(Third, true, true),
        new(Trainee, false, false),
        new(Guest, false, false, true),
    ];

    private static (Score Score, SheetState State) Marked(double mark, IReadOnlyList<string>? unseen = null, bool critical = false)
    {
        var events = new List<MarkEvent>();
        var n = 0;
        void Add(MarkKind kind, int? step = null, Side? side = null, string? target = null, double? value = null) =>
            events.Add(new(MarkId.From(new(++n, 1, 1, new byte[8])), kind, "d", n, n * 2500L, step, side, target, value, null, n));
        Add(MarkKind.Start);
        foreach (var step in Sheet.Steps)
        foreach (var side in step.Columns)
            for (var i = 0; i < step.Repetitions.Minimum; i++)
                Add(MarkKind.Rep, step.Index, side);
        if (critical)
            Add(MarkKind.Critical, target: Sheet.CriticalActs[0].Id);
        Add(MarkKind.Stop);
        foreach (var c in Sheet.Criteria)
            if (unseen?.Contains(c.Id) == true)
                Add(MarkKind.Unseen, target: c.Id);
            else if (c.Measure is null || c.Measure.Quantity is Quantity.Tempo or Quantity.HoldSeconds)
                Add(MarkKind.Mark, target: c.Id, value: c.Kind == CriterionKind.Done ? (mark >= 2 ? 3 : 0) : mark);
        var state = SheetState.Of(events);
        return (Score.Of(state, Sheet, Reference.Settings), state);
    }

    private static SecondLook Compare((Score, SheetState) a, (Score, SheetState) b) => SecondLook.Of(a, b, Sheet, Reference.Settings);

    private static ResultCase New(Score score, SecondLook? compared = null) =>
        ResultCase.Of(
            Trainee,
            First,
            DemonstrationResult.Of(score, Sheet, SheetState.Of([]), Reference.Atlas),
            [new(ActId.New(), CaseEventKind.Decided, Day, First, Decision: score.Decision, Percent: score.Percent)],
            compared
        );

    private static CaseRefusal? Refused(ResultCase c, CaseEvent e, CaseActor by) => CaseRules.Refuse(c, e, by, Sheet, Reference.Settings);

    private static ResultCase After(ResultCase c, CaseEvent e, CaseActor by)
    {
        Refused(c, e, by).ShouldBeNull($"{e.Kind}");
        return c with { Events = [.. c.Events, e] };
    }

    private static CaseEvent Event(CaseEventKind kind, CaseActor by, int days = 0, string? reason = null) =>
        new(ActId.New(), kind, Day.AddDays(days), by.Id, reason);

    /// <summary>One act that somebody tries: which, who, how many days later, with a reason or without.</summary>
    public sealed record Try(byte Kind, byte Who, byte Days, bool Reasoned, bool Differs);

    private static CaseEvent Tried(ResultCase c, Try t, CaseActor by, int day)
    {
        var kind = Enum.GetValues<CaseEventKind>()[t.Kind % Enum.GetValues<CaseEventKind>().Length];
        var open = c.Looks.LastOrDefault(l => l.Given is null)?.Asked;
        return new(
            ActId.New(),
            kind,
            Day.AddDays(day),
            by.Id,
            t.Reasoned ? "as the film shows" : " ",
            kind == CaseEventKind.LookAsked ? Enum.GetValues<LookHow>()[t.Days % 4] : null,
            kind == CaseEventKind.LookAsked ? Person(1 + (t.Days % 5)) : null,
            null,
            kind switch
            {
                CaseEventKind.LookGiven => open?.Id,
                CaseEventKind.Agreed => c.Proposed?.Id,
                CaseEventKind.AppealDecided => c.Appeal?.Lodged.Id,
                _ => null,
            },
            t.Reasoned && kind is not CaseEventKind.LookGiven
                ? [.. Sheet.Criteria.Select(x => new StandingMark(x.Id, 3, "seen at its second"))]
                : null,
            [],
            t.Days % 2 == 0 ? AppealGround.Marking : null,
            t.Days % 3 == 0 ? null : AppealOutcome.Dismissed,
            Differs: kind == CaseEventKind.LookGiven ? t.Differs : null
        );
    }

    [Property(MaxTest = 400)]
    public void Whatever_is_tried_in_any_order_the_rules_hold(Try[] tries)
    {
        var c = New(Marked(2).Score, Compare(Marked(2), Marked(0)));
        var day = 0;
        foreach (var t in tries ?? [])
        {
            day += t.Days % 6;
            var by = Actors[t.Who % Actors.Length];
            var e = Tried(c, t, by, day);
            if (Refused(c, e, by) is not null)
                continue;
            switch (e.Kind)
            {
                case CaseEventKind.Released:
                    c.NotReleasable(Reference.Settings).ShouldBeNull();
                    (c.AppealIsOpen, c.InDispute, by.Leads).ShouldBe((false, false, true));
                    break;
                case CaseEventKind.LookGiven when by.Id == First:
                    var own = c.Looks.Single(l => l.Asked.Id == e.Of).Asked;
                    own.How.ShouldBe(LookHow.OwnFilm);
                    (e.At - Day).TotalDays.ShouldBeGreaterThanOrEqualTo(Reference.Settings.OwnFilmDays);
                    break;
                case CaseEventKind.ThirdMark:
                    new[] { First, c.NewestLook!.By, Trainee }.ShouldNotContain(by.Id);
                    break;
                case CaseEventKind.Agreed:
                    c.Proposed!.By.ShouldNotBe(by.Id);
                    new[] { First, c.NewestLook!.By }.ShouldContain(by.Id);
                    break;
                case CaseEventKind.AppealDecided:
                    c.Judges.ShouldNotContain(by.Id);
                    by.Id.ShouldNotBe(Trainee);
                    break;
                case CaseEventKind.AppealLodged:
                    by.Id.ShouldBe(Trainee);
                    c.IsReleased.ShouldBeTrue();
                    (e.At - c.ToldAt!.Value).TotalDays.ShouldBeLessThanOrEqualTo(Reference.Settings.AppealDays);
                    break;
                default:
                    break;
            }
            // What changes a result or takes it back has a reason that can be read.
            if (e.Kind is not (CaseEventKind.LookAsked or CaseEventKind.LookGiven or CaseEventKind.Released))
                e.Reason.ShouldNotBeNullOrWhiteSpace($"{e.Kind}");
            by.Id.ShouldNotBe(e.Kind == CaseEventKind.AppealLodged ? First : Trainee);
            c = c with { Events = [.. c.Events, e] };
            // What is offered is what is not refused for who one is and how it stands.
            foreach (var actor in Actors)
                CaseRules
                    .Allowed(c, actor, Sheet, Reference.Settings, e.At)
                    .Contains(CaseEventKind.Released)
                    .ShouldBe(Refused(c, new(ActId.New(), CaseEventKind.Released, e.At, actor.Id), actor) is null);
        }
        CaseStory.Of(c.Events, id => $"Person {id}").ShouldAllBe(l => l.Text.EndsWith('.') && l.Text.StartsWith("Person"));
    }

    [Fact]
    public void Two_who_differ_agree_and_only_the_other_of_the_two_can_say_yes()
    {
        var (a, b) = (Marked(3), Marked(1));
        var compared = Compare(a, b);
        compared.Differs.ShouldBeTrue();
        compared.PointsApart.ShouldBe(Math.Abs(a.Score.Percent - b.Score.Percent), 1e-9);
        var c = New(a.Score, compared);
        var asked = Event(CaseEventKind.LookAsked, Actors[0]) with { How = LookHow.Assessor, Assessor = Second };
        Refused(c, asked with { Assessor = First }, Actors[0])!.Says.ShouldContain("first assessor cannot give");
        c = After(c, asked, Actors[0]);
        c.NotReleasable(Reference.Settings)!.ShouldContain("still open");
        c = After(c, Event(CaseEventKind.LookGiven, Actors[1]) with { Of = asked.Id, Differs = true }, Actors[1]);
        Refused(c, Event(CaseEventKind.Released, Actors[0]), Actors[0])!.Says.ShouldContain("differ");
        var marks = compared.Lines.Where(l => l.Differs).Select(l => new StandingMark(l.Criterion, 3, "seen at 0:12")).ToList();
        var proposal = Event(CaseEventKind.AgreementProposed, Actors[0], reason: "Both saw the breath stop once.") with { Marks = marks };
        Refused(c, proposal with { Marks = [] }, Actors[0])!.Path.ShouldBe("marks");
        Refused(c, proposal with { By = Third }, Actors[2])!.Says.ShouldContain("as a third");
        c = After(c, proposal, Actors[0]);
        var yes = Event(CaseEventKind.Agreed, Actors[1], reason: "Agreed.") with { Of = proposal.Id };
        Refused(c, yes with { By = First }, Actors[0])!.Path.ShouldBe("by");
        c = After(c, yes, Actors[1]);
        c.InDispute.ShouldBeFalse();
        After(c, Event(CaseEventKind.Released, Actors[0]), Actors[0]).IsReleased.ShouldBeTrue();
    }

    [Fact]
    public void In_a_house_of_one_the_own_film_is_marked_after_days_and_a_colleague_decides_what_differs()
    {
        var c = New(Marked(3).Score, Compare(Marked(3), Marked(1)));
        var asked = Event(CaseEventKind.LookAsked, Actors[0]) with { How = LookHow.OwnFilm, Assessor = First };
        c = After(c, asked, Actors[0]);
        var given = Event(CaseEventKind.LookGiven, Actors[0], 6) with { Of = asked.Id, Differs = true };
        Refused(c, given, Actors[0])!.Says.ShouldContain("8 October 2026");
        c = After(c, given with { At = Day.AddDays(7) }, Actors[0]);
        var marks = Sheet.Criteria.Select(x => new StandingMark(x.Id, 3, "seen")).ToList();
        var third = Event(CaseEventKind.ThirdMark, Actors[0], 8, "The film shows it.") with { Marks = marks, Acts = [] };
        Refused(c, third, Actors[0])!.Says.ShouldContain("nobody decides their own dispute");
        Refused(c, third with { Kind = CaseEventKind.AgreementProposed }, Actors[0])!.Says.ShouldContain("Both sheets are yours");
        After(c, third with { By = Guest }, Actors[4]).InDispute.ShouldBeFalse();
    }

    [Fact]
    public void An_appeal_has_a_window_and_is_decided_by_somebody_who_marked_nothing_of_it()
    {
        var c = After(New(Marked(3).Score), Event(CaseEventKind.Released, Actors[0], 1), Actors[0]);
        var appeal = Event(CaseEventKind.AppealLodged, Actors[3], 15, "I did both sides.") with { Ground = AppealGround.Marking };
        Refused(c, appeal with { At = Day.AddDays(16) }, Actors[3])!.Says.ShouldContain("until 16 October 2026");
        Refused(c, appeal with { Ground = null }, Actors[3])!.Path.ShouldBe("ground");
        Refused(c, appeal with { By = Second }, Actors[1])!.Path.ShouldBe("by");
        c = After(c, appeal, Actors[3]);
        Refused(c, appeal with { Id = ActId.New() }, Actors[3])!.Says.ShouldContain("already");
        Refused(c, Event(CaseEventKind.Corrected, Actors[2], 15, "A slip."), Actors[2])!.Says.ShouldContain("appeal is open");
        var outcome = Event(CaseEventKind.AppealDecided, Actors[0], 16, "Both sides are on the film.") with
        {
            Of = appeal.Id,
            Outcome = AppealOutcome.ShownAgain,
        };
        Refused(c, outcome, Actors[0])!.Says.ShouldContain("invite a colleague");
        c = After(c, outcome with { By = Guest }, Actors[4]);
        (c.AppealIsOpen, c.IsShownAgain).ShouldBe((false, true));
        Refused(c, appeal with { Id = ActId.New() }, Actors[3])!.Says.ShouldContain("once");
        c = After(c, Event(CaseEventKind.Withdrawn, Actors[0], 17, "It is shown again."), Actors[0]);
        (c.IsReleased, c.Withdrawal!.Reason).ShouldBe((false, "It is shown again."));
    }

    [Theory]
    [InlineData(77.9, Decision.Pass, true)]
    [InlineData(78.1, Decision.Pass, false)]
    [InlineData(72.0, Decision.Fail, true)]
    [InlineData(71.9, Decision.Fail, false)]
    [InlineData(20.0, Decision.LookAgain, true)]
    public void A_second_look_is_owed_around_the_line_and_where_too_little_could_be_seen(double percent, Decision decision, bool owed)
    {
        var c = New(Marked(3).Score) with { Percent = percent, Decision = decision, DecidedByPercent = decision != Decision.LookAgain };
        (c.LookOwed(Reference.Settings) is not null).ShouldBe(owed);
        (c with { DecidedByPercent = false })
            .LookOwed(Reference.Settings)
            .ShouldBe(decision == Decision.LookAgain ? c.LookOwed(Reference.Settings) : null, "safety decides without the line");
    }

    [Fact]
    public void A_second_sheet_that_could_not_see_it_either_leaves_it_owed()
    {
        var c = New(Marked(3).Score) with { Decision = Decision.LookAgain, DecidedByPercent = false };
        var asked = Event(CaseEventKind.LookAsked, Actors[0]) with { How = LookHow.Assessor, Assessor = Second };
        c = After(c, asked, Actors[0]);
        c = After(c, Event(CaseEventKind.LookGiven, Actors[1]) with { Of = asked.Id, Differs = false }, Actors[1]);
        c.NotReleasable(Reference.Settings)!.ShouldContain("look again");
        (c with { Decision = Decision.Pass }).NotReleasable(Reference.Settings).ShouldBeNull();
    }

    [Fact]
    public void Two_sheets_differ_in_levels_points_acts_and_decisions_whichever_was_first()
    {
        Compare(Marked(3), Marked(3)).Differs.ShouldBeFalse();
        Compare(Marked(3), Marked(3, critical: true)).Acts.ShouldHaveSingleItem().InSecond.ShouldBeTrue();
        foreach (var (x, y) in new[] { (3.0, 1.0), (3, 2), (2, 1), (1, 0), (3, 0) })
        {
            var (one, other) = (Compare(Marked(x), Marked(y)), Compare(Marked(y), Marked(x)));
            (one.Differs, one.PointsApart).ShouldBe((other.Differs, other.PointsApart), $"{x} and {y}");
            if (x - y > 1)
                one.Lines.ShouldContain(l => l.Differs && l.Apart > 1);
        }
        // What the first could not see and the second could is no difference.
        var unseen = Sheet.Criteria.Where(c => c.Measure is null).Select(c => c.Id).ToList();
        var (blind, sees) = (Marked(3, unseen), Marked(3));
        blind.Score.Decision.ShouldBe(Decision.LookAgain);
        Compare(blind, sees).Differs.ShouldBeFalse();
    }

    private static readonly DemonstrationId Case = DemonstrationId.New();

    private static string Filled(Func<string, string> mark) =>
        string.Join(
            "\r\n",
            ReturnedSheet.Blank(Case, Sheet).TrimEnd().Split("\r\n").Select((line, i) => i == 0 ? line : $"{line[..^1]}{mark(line)},")
        );

    [Fact]
    public void A_sheet_that_comes_back_holds_the_marks_that_were_written_into_it_and_nothing_of_the_first()
    {
        var text = Filled(l =>
            l.Contains(",count-") ? "6"
            : l.Contains("must not happen") ? ""
            : "3"
        );
        var read = ReturnedSheet.Read(text, Case, Sheet);
        read.Issues.ShouldBeEmpty();
        var score = Score.Of(SheetState.Of(read.Value!), Sheet, Reference.Settings);
        (score.Decision, score.Percent).ShouldBe((Decision.Pass, 100));
        // With semicolons, as tables are kept where the comma parts decimals.
        ReturnedSheet
            .Read(
                string.Join(
                    "\n",
                    [
                        "case;id;mark;why",
                        .. read.Value!.Where(e => e.Kind != MarkKind.Stop)
                            .Select(e =>
                                e.Kind == MarkKind.Tally ? $"{Case};count-{e.Step}-{e.Side!.Value.Word()};6;" : $"{Case};{e.Target};3;"
                            ),
                    ]
                ),
                Case,
                Sheet
            )
            .Issues.ShouldBeEmpty();
    }

    [Fact]
    public void A_sheet_of_another_case_and_marks_that_are_none_are_refused_with_their_line()
    {
        ReturnedSheet
            .Read(Filled(_ => "3"), DemonstrationId.New(), Sheet)
            .Issues.ShouldHaveSingleItem()
            .Allowed.ShouldContain("another case");
        ReturnedSheet.Read(Filled(_ => "7"), Case, Sheet).Issues.ShouldContain(i => i.Path.EndsWith(", mark"));
        ReturnedSheet.Read(Filled(_ => ""), Case, Sheet).Value.ShouldBeNull();
        ReturnedSheet.Read("Dear Maren, she was fine.", Case, Sheet).Issues.ShouldHaveSingleItem().Path.ShouldBe("file");
        ReturnedSheet.Read(Filled(_ => "3").Split("\r\n")[0], Case, Sheet).Issues.Count.ShouldBeGreaterThan(5);
    }
}
