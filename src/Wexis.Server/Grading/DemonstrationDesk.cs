using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Results;
using Wexis.Core.Techniques.Words;
using Wexis.Data.Examinations;
using Wexis.Data.Grading;
using Wexis.Data.People;
using Wexis.Data.Programmes;
using Wexis.Data.Techniques;
using Wexis.Server.Examinations;
using Wexis.Server.Results;
using Wexis.Server.Settings;

namespace Wexis.Server.Grading;

/// <summary>
/// Opens demonstrations and shows them: whole to their assessor, without a mark to anybody else until they are submitted.
/// </summary>
public sealed class DemonstrationDesk(
    DemonstrationStore demonstrations,
    ExaminationStore examinations,
    EditionStore editions,
    CohortStore cohorts,
    PersonStore people,
    StationDesk stations,
    CaseDesk cases,
    HouseDesk house
)
{
    /// <returns>Neither where there is no such station.</returns>
    public async Task<(NewDemonstration? Opening, Refusal? Refusal)> Opening(
        DemonstrationId id,
        DemonstrationOpen given,
        PersonId assessor,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(given);
        if (given.SecondOf is { } first)
            return await Again(id, first, assessor, ct);
        if (await people.ById(given.TraineeId, ct) is not { Role: Roles.Trainee, Active: true })
            return (null, new("trainee_id", "Only a trainee of your studio can be graded. Choose one from the list."));
        return given.Origin == DemonstrationOrigin.Station
            ? await AtStation(id, given, assessor, ct)
            : await InPassing(id, given, assessor, ct);
    }

    public async Task<DemonstrationView?> View(DemonstrationId id, PersonId reader, CancellationToken ct)
    {
        if (await demonstrations.ById(id, ct) is not { } d || await demonstrations.SheetOf(id, ct) is not { } sheet)
            return null;
        var mine = d.AssessorId == reader;
        var events = await IsSeen(d, reader, ct) ? await demonstrations.EventsOf(id, ct) : [];
        return new(
            id,
            d.StationId,
            d.Origin,
            d.TraineeId,
            d.Trainee,
            d.Assessor,
            mine,
            d.Attempt,
            d.SubmittedAt,
            sheet,
            events,
            Score.Of(SheetState.Of(events), sheet, house.Settings),
            ViewerWords.Viewers.ToDictionary(
                v => v.Word(),
                v => (IReadOnlyList<string>)[.. sheet.Steps.Select(s => ViewerWords.For(v, s.Cue) ?? "")],
                StringComparer.Ordinal
            ),
            await OtherEdition(d, sheet, ct),
            d.SecondOf,
            d.SecondOf is { } first ? await FilmOf(first, ct) : null
        );
    }

    /// <summary>
    /// Marking is blind: an open sheet shows nobody else what is on it, and who looks again sees nothing of the other sheet until their
    /// own is submitted.
    /// </summary>
    public async Task<bool> IsSeen(StoredDemonstration d, PersonId reader, CancellationToken ct)
    {
        ArgumentNullException.ThrowIfNull(d);
        if (await cases.IsBlind(reader, d.DemonstrationId, ct))
            return false;
        if (d.AssessorId == reader)
            return true;
        if (d.SubmittedAt is null)
            return false;
        return d.SecondOf is not { } first
            || await demonstrations.ById(first, ct) is not { } of
            || of.AssessorId != reader
            || of.SubmittedAt is not null;
    }

    private async Task<FilmAsked?> FilmOf(DemonstrationId first, CancellationToken ct) =>
        (await demonstrations.EventsOf(first, ct)).LastOrDefault(e => e.Kind == MarkKind.Film) is { Target: { } hash } film
            ? new(hash, film.Note ?? "")
            : null;

    /// <summary>A second look at a demonstration: on the same revision of its sheet, and no attempt.</summary>
    private async Task<(NewDemonstration? Opening, Refusal? Refusal)> Again(
        DemonstrationId id,
        DemonstrationId first,
        PersonId assessor,
        CancellationToken ct
    )
    {
        if (await demonstrations.ById(first, ct) is not { SecondOf: null } d || await cases.Open(first, ct) is not { } open)
            return (null, null);
        if (d.StationId is null)
            return (null, new("second_of", "What was seen in passing is not looked at again: it is no attempt. Grade another one."));
        var (by, now) = (await cases.ActorOf(assessor, first, ct), cases.Now);
        var asked = open.Case.Looks.FirstOrDefault(l => l.Given is null && l.Asked.Assessor == assessor)?.Asked;
        if (asked is null)
        {
            var how = assessor == open.Case.First ? LookHow.OwnFilm : LookHow.Assessor;
            asked = new(ActId.New(), CaseEventKind.LookAsked, now, assessor, How: how, Assessor: assessor);
            if (TooEarly(open, asked, now) is { } early)
                return (null, early);
            if ((await cases.Act(open, asked, by, ct)).Refusal is { } refused)
                return (null, new(refused.Path == "by" ? "second_of" : refused.Path, refused.Says));
        }
        return TooEarly(open, asked, now) is { } wait
            ? (null, wait)
            : (new(id, d.TraineeId, assessor, d.StationId, d.Revision, SecondOf: first), null);
    }

    /// <summary>One's own film is marked again after days.</summary>
    private Refusal? TooEarly(OpenCase open, CaseEvent asked, DateTimeOffset now) =>
        asked.How != LookHow.OwnFilm ? null
        : open.Stored.FirstResult is null ? new("second_of", "Submit your first sheet before you mark your film again.")
        : CaseRules.OwnFilmFrom(open.Case, cases.Settings) is var from && now < from
            ? new("second_of", $"Mark your own film again from {from:d MMMM yyyy} on: by then single marks are forgotten.")
        : null;

    /// <summary>The edition that the trainee is taught, where the sheet is of another one.</summary>
    private async Task<int?> OtherEdition(StoredDemonstration d, MarkSheet sheet, CancellationToken ct) =>
        d.StationId is { } id
        && await examinations.Station(id, ct) is { } station
        && (
            station.TechniqueId is { } technique ? await cohorts.EditionTaughtTo(d.TraineeId, technique, ct)
            : station.RoutineId is { } routine ? await cohorts.RoutineTaughtTo(d.TraineeId, routine, ct)
            : null
        )
            is { } taught
        && taught != sheet.Edition
            ? taught
            : null;

    private async Task<(NewDemonstration? Opening, Refusal? Refusal)> AtStation(
        DemonstrationId id,
        DemonstrationOpen given,
        PersonId assessor,
        CancellationToken ct
    )
    {
        if (given.StationId is not { } chosen)
            return (null, new("station_id", "Choose the station where it is shown."));
        if (await examinations.Station(chosen, ct) is not { } station)
            return (null, null);
        if (station.Away)
            return (null, new("station_id", "This station is archived. Bring it back before anybody is graded there."));
        if (given.Another != true && await demonstrations.OpenByOthers(chosen, given.TraineeId, assessor, ct) is [var other, ..])
            return (
                null,
                new(
                    "second_of",
                    $"{other.Assessor} is grading {other.Trainee} at this station now. Say whether you look at the same demonstration "
                        + "or at another attempt."
                )
            );
        return (new(id, given.TraineeId, assessor, station.StationId, station.Revision), null);
    }

    /// <summary>By the edition that the trainee's cohort is taught, else by the newest that may be taught.</summary>
    private async Task<(NewDemonstration? Opening, Refusal? Refusal)> InPassing(
        DemonstrationId id,
        DemonstrationOpen given,
        PersonId assessor,
        CancellationToken ct
    )
    {
        if (given.TechniqueId is not { } technique)
            return (null, new("technique_id", "Choose the technique that is shown."));
        var taught = await cohorts.EditionTaughtTo(given.TraineeId, technique, ct);
        var edition = taught is { } number ? await editions.ByNumber(technique, number, ct) : await editions.NewestOf(technique, ct);
        if (edition is null)
            return (null, new("technique_id", "There is no such technique in your library."));
        if (stations.NotTeachable(edition) is { } says)
            return (null, new("technique_id", says));
        return (
            new(id, given.TraineeId, assessor, null, null, given.Origin, edition.TechniqueId, edition.Edition, stations.InPassing(edition)),
            null
        );
    }
}
