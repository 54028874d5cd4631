using Wexis.Core.Examinations;
using Wexis.Core.Measures;

namespace Wexis.Core.Results;

/// <summary>Who does something to a result.</summary>
/// <param name="Grades">Lead trainer or assessor of the studio.</param>
/// <param name="Invited">A colleague from outside who was invited to this case.</param>
public sealed record CaseActor(PersonId Id, bool Leads, bool Grades, bool Invited = false);

/// <summary>Why something does not happen.</summary>
/// <param name="Path">The field it hangs on.</param>
public sealed record CaseRefusal(string Path, string Says);

/// <summary>
/// What may happen to a result, and by whom: a second look is never given by the first assessor unless from their own film after days;
/// nobody decides their own dispute; nothing open is released; what is withdrawn or corrected has a reason; an appeal has a window and is
/// decided by somebody who marked nothing of it. What a reported result owes: a way to question it, and corrections told to whom they
/// concern (Standards for Educational and Psychological Testing, 2014, chapter 6; from memory).
/// </summary>
public static class CaseRules
{
    /// <returns>Null where it may happen.</returns>
    public static CaseRefusal? Refuse(ResultCase c, CaseEvent e, CaseActor by, MarkSheet sheet, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(c);
        ArgumentNullException.ThrowIfNull(e);
        ArgumentNullException.ThrowIfNull(by);
        ArgumentNullException.ThrowIfNull(sheet);
        ArgumentNullException.ThrowIfNull(settings);
        return e.Kind switch
        {
            CaseEventKind.LookAsked => Ask(c, e, by),
            CaseEventKind.LookGiven => Give(c, e, by, settings),
            CaseEventKind.AgreementProposed => Propose(c, e, by, sheet),
            CaseEventKind.Agreed => Agree(c, e, by),
            CaseEventKind.ThirdMark => Third(c, e, by, sheet),
            CaseEventKind.Corrected => Correct(c, e, by, sheet),
            CaseEventKind.Released => Release(c, by, settings),
            CaseEventKind.Withdrawn => Withdraw(c, e, by),
            CaseEventKind.AppealLodged => Lodge(c, e, by, settings),
            CaseEventKind.AppealDecided => Decide(c, e, by, sheet),
            _ => new("kind", "This cannot be added to a result."),
        };
    }

    /// <summary>What somebody may do with a result now: what is not refused for who they are or for how it stands.</summary>
    public static IReadOnlyList<CaseEventKind> Allowed(
        ResultCase c,
        CaseActor by,
        MarkSheet sheet,
        HouseSettings settings,
        DateTimeOffset now
    )
    {
        ArgumentNullException.ThrowIfNull(c);
        return
        [
            .. Enum.GetValues<CaseEventKind>()
                .Where(kind => kind is not (CaseEventKind.Decided or CaseEventKind.LookGiven))
                .Where(kind =>
                {
                    var of = kind == CaseEventKind.AppealDecided ? c.Appeal?.Lodged.Id : c.Proposed?.Id;
                    var tried = new CaseEvent(default, kind, now, by.Id, Of: of);
                    return Refuse(c, tried, by, sheet, settings)?.Path is not ("by" or "kind" or "of" or "at");
                }),
        ];
    }

    private static CaseRefusal? Reasoned(CaseEvent e, string of) =>
        string.IsNullOrWhiteSpace(e.Reason) ? new("reason", $"reason: say why {of}. The trainee and whoever looks later will read it.")
        : e.Reason.Length > 1000 ? new("reason", "reason: at most 1,000 characters.")
        : null;

    private static CaseRefusal? Ask(ResultCase c, CaseEvent e, CaseActor by)
    {
        if (!by.Grades)
            return new("by", "Only those who grade ask for a second look.");
        if (e.How is null)
            return new("how", "how: choose who looks again.");
        if (e.How is LookHow.Assessor && e.Assessor is null)
            return new("assessor", "assessor: choose who looks again.");
        if (e.How is LookHow.Assessor or LookHow.Invited && e.Assessor == c.First)
            return new(
                "assessor",
                "assessor: the first assessor cannot give the second look. Choose somebody else, or mark your own film again after "
                    + "some days."
            );
        if (e.Assessor == c.Trainee)
            return new("assessor", "assessor: nobody marks their own demonstration.");
        if (e.How is LookHow.OwnFilm && e.Assessor != c.First)
            return new("assessor", "assessor: a film is marked again by the one who marked it first.");
        if (e.Assessor is { } who && c.Seconds.Contains(who))
            return new("assessor", "assessor: they have looked at this again already. Choose somebody else.");
        return c.Looks.Any(l => l.Given is null && l.Asked.How == e.How && l.Asked.Assessor == e.Assessor)
            ? new("assessor", "This second look was asked for already, and is still open.")
            : null;
    }

    /// <summary>When an assessor may mark their own film again.</summary>
    public static DateTimeOffset OwnFilmFrom(ResultCase c, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(c);
        ArgumentNullException.ThrowIfNull(settings);
        return c.Events.First(e => e.Kind == CaseEventKind.Decided).At.AddDays(settings.OwnFilmDays);
    }

    private static CaseRefusal? Give(ResultCase c, CaseEvent e, CaseActor by, HouseSettings settings)
    {
        if (c.Looks.FirstOrDefault(l => l.Asked.Id == e.Of) is not { } look)
            return new("of", "Nobody asked for this second look.");
        if (look.Given is not null)
            return new("of", "This second look was given already.");
        if (by.Id == c.Trainee || e.By == c.Trainee)
            return new("by", "Nobody marks their own demonstration.");
        if (look.Asked.How != LookHow.File && look.Asked.Assessor != by.Id)
            return new("by", "Somebody else was asked to look again.");
        if (look.Asked.How != LookHow.OwnFilm && e.By == c.First)
            return new("by", "The first assessor cannot give the second look.");
        return look.Asked.How == LookHow.OwnFilm && e.At < OwnFilmFrom(c, settings)
            ? new("at", $"Mark your own film again from {OwnFilmFrom(c, settings):d MMMM yyyy} on: by then single marks are forgotten.")
            : null;
    }

    private static CaseRefusal? Marks(CaseEvent e, MarkSheet sheet)
    {
        for (var i = 0; i < (e.Marks?.Count ?? 0); i++)
        {
            var mark = e.Marks![i];
            if (sheet.Criteria.FirstOrDefault(x => x.Id == mark.Criterion) is not { } criterion)
                return new($"marks[{i}].criterion", $"marks[{i}].criterion: “{mark.Criterion}” is not on this sheet.");
            var fits = criterion.Kind switch
            {
                CriterionKind.Done => mark.Mark is 0 or 3,
                CriterionKind.Graded => mark.Mark is 0 or 1 or 2 or 3,
                _ => mark.Mark is >= 0 and <= 3,
            };
            if (!fits)
                return new(
                    $"marks[{i}].mark",
                    $"{criterion.Text}: {mark.Mark:0.##} is no mark. Give "
                        + $"{(criterion.Kind == CriterionKind.Done ? "0 or 3" : "0, 1, 2 or 3")}."
                );
            if (string.IsNullOrWhiteSpace(mark.Reason))
                return new($"marks[{i}].reason", $"{criterion.Text}: say why this mark stands.");
        }
        if (e.Marks?.Select(m => m.Criterion).Distinct().Count() < e.Marks?.Count)
            return new("marks", "marks: a criterion stands here twice.");
        return e.Acts?.FirstOrDefault(a => sheet.CriticalActs.All(x => x.Id != a)) is { } unknown
            ? new("acts", $"acts: “{unknown}” is not on this sheet.")
            : null;
    }

    /// <summary>What is settled says something on all that differs.</summary>
    private static CaseRefusal? Whole(ResultCase c, CaseEvent e, MarkSheet sheet)
    {
        if (!c.InDispute)
            return new("kind", "Nothing is in dispute here.");
        if ((Reasoned(e, "this stands") ?? Marks(e, sheet)) is { } slip)
            return slip;
        if (c.Compared!.Lines.FirstOrDefault(l => l.Differs && (e.Marks ?? []).All(m => m.Criterion != l.Criterion)) is { } open)
            return new("marks", $"{open.Text}: say which mark stands.");
        return c.Compared.Acts.Count > 0 && e.Acts is null ? new("acts", "acts: say which critical acts stand.") : null;
    }

    private static bool IsOneOfTheTwo(ResultCase c, PersonId who) => who == c.First || who == c.NewestLook?.By;

    private static CaseRefusal? Propose(ResultCase c, CaseEvent e, CaseActor by, MarkSheet sheet) =>
        !IsOneOfTheTwo(c, by.Id) ? new("by", "Only the two who marked can agree. You can decide as a third.")
        : c.First == c.NewestLook?.By ? new("by", "Both sheets are yours: nobody decides their own dispute. Invite a colleague.")
        : Whole(c, e, sheet);

    private static CaseRefusal? Agree(ResultCase c, CaseEvent e, CaseActor by) =>
        c.Proposed is not { } proposal || proposal.Id != e.Of ? new("of", "This proposal is not open any more.")
        : proposal.By == by.Id || !IsOneOfTheTwo(c, by.Id) ? new("by", "The other of the two agrees, not you.")
        : Reasoned(e, "you agree");

    private static CaseRefusal? Third(ResultCase c, CaseEvent e, CaseActor by, MarkSheet sheet) =>
        !by.Grades && !by.Invited ? new("by", "Only those who grade decide.")
        : IsOneOfTheTwo(c, by.Id) ? new("by", "You marked one of the two sheets: nobody decides their own dispute.")
        : by.Id == c.Trainee ? new("by", "Nobody decides about their own result.")
        : Whole(c, e, sheet);

    private static CaseRefusal? Correct(ResultCase c, CaseEvent e, CaseActor by, MarkSheet sheet) =>
        !by.Leads ? new("by", "Only a lead trainer corrects a result.")
        : c.AppealIsOpen ? new("kind", "An appeal is open: its outcome decides, not a correction.")
        : c.InDispute ? new("kind", "Two sheets differ: settle that instead.")
        : Reasoned(e, "it is corrected") is { } why ? why
        : (e.Marks?.Count ?? 0) == 0 && e.Acts is null ? new("marks", "marks: say what is put right.")
        : Marks(e, sheet);

    private static CaseRefusal? Release(ResultCase c, CaseActor by, HouseSettings settings) =>
        !by.Leads ? new("by", "Only a lead trainer releases results.")
        : c.Decision == Decision.Open ? new("kind", "This is still open: nothing is decided yet.")
        : c.IsReleased ? new("kind", "It is released already.")
        : c.NotReleasable(settings) is { } why ? new("kind", why)
        : null;

    private static CaseRefusal? Withdraw(ResultCase c, CaseEvent e, CaseActor by) =>
        !by.Leads ? new("by", "Only a lead trainer withdraws a result.")
        : !c.IsReleased ? new("kind", "It is not released.")
        : Reasoned(e, "it is withdrawn");

    /// <summary>The last moment at which an appeal is taken; null while nothing is released.</summary>
    public static DateTimeOffset? AppealUntil(ResultCase c, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(c);
        ArgumentNullException.ThrowIfNull(settings);
        return c.IsReleased ? c.ToldAt?.AddDays(settings.AppealDays) : null;
    }

    private static CaseRefusal? Lodge(ResultCase c, CaseEvent e, CaseActor by, HouseSettings settings) =>
        by.Id != c.Trainee ? new("by", "Only the trainee can appeal against their result.")
        : AppealUntil(c, settings) is not { } until ? new("kind", "This result is not released.")
        : c.AppealIsOpen ? new("kind", "Your appeal is with us already.")
        : c.Appeal is { Decided: not null } before && c.ToldAt <= before.Decided.At
            ? new("kind", "Your appeal was decided. It can be looked at once.")
        : e.At > until
            ? new(
                "at",
                $"An appeal is taken up to {settings.AppealDays} days after the result: until {until:d MMMM yyyy}. Talk to your trainer."
            )
        : e.Ground is null ? new("ground", "ground: choose what it is about.")
        : string.IsNullOrWhiteSpace(e.Reason) ? new("reason", "reason: say in your own words what happened.")
        : e.Reason.Length > 1000 ? new("reason", "reason: at most 1,000 characters.")
        : null;

    private static CaseRefusal? Decide(ResultCase c, CaseEvent e, CaseActor by, MarkSheet sheet) =>
        !by.Grades && !by.Invited ? new("by", "Only those who grade decide an appeal.")
        : c.Appeal is not { Decided: null } appeal || appeal.Lodged.Id != e.Of ? new("of", "This appeal is not open.")
        : by.Id == c.Trainee ? new("by", "Nobody decides about their own result.")
        : c.Judges.Contains(by.Id)
            ? new("by", "You marked this demonstration: somebody else decides the appeal. In a studio of one, invite a colleague.")
        : e.Outcome is null ? new("outcome", "outcome: choose what comes of the appeal.")
        : e.Outcome == AppealOutcome.Changed && (e.Marks?.Count ?? 0) == 0 && e.Acts is null
            ? new("marks", "marks: say which marks are changed.")
        : Reasoned(e, "it is decided so") ?? Marks(e, sheet);
}
