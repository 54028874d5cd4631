using Wexis.Core.Grading;
using Wexis.Core.Measures;

namespace Wexis.Core.Results;

/// <summary>A second look that was asked for.</summary>
/// <param name="Given">The event by which it was given; null while it is open.</param>
public sealed record AskedLook(CaseEvent Asked, CaseEvent? Given);

/// <summary>An appeal and its outcome.</summary>
public sealed record Appeal(CaseEvent Lodged, CaseEvent? Decided);

/// <summary>
/// What became of a result: the fold of its events. It knows who gave the first sheet, which second looks were asked and given, what both
/// agreed on or a third one decided, whether the trainee sees it, and whether they appealed. Rules are in <see cref="CaseRules"/>.
/// </summary>
/// <param name="Trainee">Person whose result it is.</param>
/// <param name="First">Person who gave the first sheet.</param>
/// <param name="Counts">It is an attempt; what was seen in passing, or was interrupted, is not looked at again.</param>
/// <param name="Compared">The first sheet against the newest second one; null where nobody asked for it.</param>
public sealed record ResultCase(
    PersonId Trainee,
    PersonId First,
    Decision Decision,
    double Percent,
    double PassLine,
    bool DecidedByPercent,
    IReadOnlyList<CaseEvent> Events,
    SecondLook? Compared = null,
    bool Counts = true
)
{
    /// <summary>A result and what happened to it.</summary>
    public static ResultCase Of(
        PersonId trainee,
        PersonId first,
        DemonstrationResult result,
        IReadOnlyList<CaseEvent> events,
        SecondLook? compared = null
    )
    {
        ArgumentNullException.ThrowIfNull(result);
        var score = result.Score;
        return new(
            trainee,
            first,
            score.Decision,
            score.Percent,
            result.PassLine,
            score.Decision is Decision.Pass or Decision.Fail && score.CriticalActs.Count == 0 && !score.Criteria.Any(c => c.SafetyMissed),
            events,
            compared,
            score.CountsAsAttempt
        );
    }

    /// <summary>
    /// Marks and critical acts that stand in place of the first ones, of everything that settled or corrected it, in order.
    /// </summary>
    public (IReadOnlyDictionary<string, double> Marks, IReadOnlyList<string>? Acts) Standing
    {
        get
        {
            var marks = new Dictionary<string, double>(StringComparer.Ordinal);
            IReadOnlyList<string>? acts = null;
            foreach (var e in Events.Where(e => e.Kind is not CaseEventKind.AgreementProposed))
            {
                foreach (var mark in e.Marks ?? [])
                    marks[mark.Criterion] = mark.Mark;
                acts = e.Acts ?? acts;
            }
            return (marks, acts);
        }
    }

    /// <summary>An appeal gave the attempt back.</summary>
    public bool IsShownAgain => Events.Any(e => e.Outcome == AppealOutcome.ShownAgain);

    private CaseEvent? Last(params CaseEventKind[] kinds) => Events.LastOrDefault(e => kinds.Contains(e.Kind));

    private int Place(CaseEvent? e) => e is null ? -1 : Events.ToList().IndexOf(e);

    /// <summary>Whether its trainee sees it now.</summary>
    public bool IsReleased => Last(CaseEventKind.Released, CaseEventKind.Withdrawn)?.Kind == CaseEventKind.Released;

    public CaseEvent? Withdrawal => Last(CaseEventKind.Released, CaseEventKind.Withdrawn) is { Kind: CaseEventKind.Withdrawn } e ? e : null;

    public IReadOnlyList<AskedLook> Looks
    {
        get
        {
            var given = Events.Where(e => e.Kind == CaseEventKind.LookGiven).ToList();
            return
            [
                .. Events
                    .Where(e => e.Kind == CaseEventKind.LookAsked)
                    .Select(asked => new AskedLook(asked, given.FirstOrDefault(g => g.Of == asked.Id))),
            ];
        }
    }

    /// <summary>Who gave a second sheet, in order.</summary>
    public IReadOnlyList<PersonId> Seconds => [.. Looks.Where(l => l.Given is not null).Select(l => l.Given!.By)];

    /// <summary>Somebody looked again, or decided an appeal.</summary>
    public bool IsLookedAt => NewestLook is not null || Appeal?.Decided is not null;

    public CaseEvent? NewestLook => Last(CaseEventKind.LookGiven);

    /// <summary>What both agreed on, or a third one decided, since the newest second sheet.</summary>
    public CaseEvent? Settled => Last(CaseEventKind.Agreed, CaseEventKind.ThirdMark) is { } e && Place(e) > Place(NewestLook) ? e : null;

    /// <summary>What one of the two proposed, and nobody has answered.</summary>
    public CaseEvent? Proposed =>
        Settled is null && Last(CaseEventKind.AgreementProposed) is { } e && Place(e) > Place(NewestLook) ? e : null;

    /// <summary>Two sheets that differ beyond tolerance, and nobody has settled it.</summary>
    public bool InDispute => NewestLook is { Differs: true } && Settled is null && !IsAnsweredByAppeal;

    private bool IsAnsweredByAppeal =>
        Last(CaseEventKind.AppealDecided) is { Outcome: not AppealOutcome.Dismissed } e && Place(e) > Place(NewestLook);

    public Appeal? Appeal =>
        Last(CaseEventKind.AppealLodged) is { } lodged
            ? new(lodged, Events.FirstOrDefault(e => e.Kind == CaseEventKind.AppealDecided && e.Of == lodged.Id))
            : null;

    public bool AppealIsOpen => Appeal is { Decided: null };

    /// <summary>The moment from which an appeal is reckoned: the newest release, or what was corrected after it.</summary>
    public DateTimeOffset? ToldAt =>
        Events
            .LastOrDefault(e =>
                e.Kind is CaseEventKind.Released || (e.Kind == CaseEventKind.Corrected && Place(e) > Place(Last(CaseEventKind.Released)))
            )
            ?.At;

    /// <summary>Everybody who gave or settled marks here: none of them decides an appeal.</summary>
    public IReadOnlyList<PersonId> Judges =>
        [
            .. Events
                .Where(e =>
                    e.Kind
                        is CaseEventKind.LookGiven
                            or CaseEventKind.AgreementProposed
                            or CaseEventKind.Agreed
                            or CaseEventKind.ThirdMark
                            or CaseEventKind.Corrected
                )
                .Select(e => e.By)
                .Prepend(First)
                .Distinct(),
        ];

    /// <summary>
    /// Why somebody has to look again before this is released; null where nobody has to. Near the line one criterion one level
    /// otherwise would turn the decision, so one person's mark is not enough.
    /// </summary>
    public string? LookOwed(HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(settings);
        if (!Counts || !IsOwed(Decision, Percent, PassLine, DecidedByPercent, IsLookedAt, settings))
            return null;
        return Decision == Decision.LookAgain
            ? "Too much could not be seen to decide. Somebody has to look again."
            : $"{Percent:0.0} % is within {settings.SecondLookBand:0.#} points of the line of {PassLine:0.#} %: one criterion one "
                + "level otherwise could turn it.";
    }

    /// <summary>Whether a result asks for a second look by itself.</summary>
    /// <param name="safetyMet">No safety criterion missed and no critical act: the percent decided.</param>
    /// <param name="looked">Somebody looked again or decided an appeal. Where it still cannot be decided, that settles nothing.</param>
    public static bool IsOwed(Decision decision, double percent, double passLine, bool safetyMet, bool looked, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(settings);
        return decision == Decision.LookAgain
            || (
                !looked
                && decision is (Decision.Pass or Decision.Fail)
                && safetyMet
                && Math.Abs(percent - passLine) <= settings.SecondLookBand + 1e-9
            );
    }

    /// <summary>What keeps it from being released, in a sentence; null where nothing does.</summary>
    public string? NotReleasable(HouseSettings settings) =>
        AppealIsOpen ? "An appeal is open. Its outcome comes first."
        : InDispute ? "Two sheets differ, and nobody has settled it yet."
        : Looks.Any(l => l.Given is null) && NewestLook is null ? "A second look was asked for and is still open."
        : LookOwed(settings);
}
