using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.People;
using Wexis.Core.Techniques.Words;
using Wexis.Data.Examinations;
using Wexis.Data.Grading;
using Wexis.Data.People;
using Wexis.Data.Programmes;
using Wexis.Data.Techniques;
using Wexis.Server.Examinations;
using Wexis.Server.Settings;

namespace Wexis.Server.Grading;

/// <summary>Opens demonstrations and shows them: whole to their assessor, without a mark to anybody else until they are submitted.</summary>
public sealed class DemonstrationDesk(
    DemonstrationStore demonstrations,
    ExaminationStore examinations,
    EditionStore editions,
    CohortStore cohorts,
    PersonStore people,
    StationDesk stations,
    HouseDesk house
)
{
    /// <returns>Neither where there is no such station.</returns>
    public async Task<(NewDemonstration? Opening, Refusal? Refusal)> Opening(
        Guid id,
        DemonstrationOpen given,
        Guid assessor,
        CancellationToken ct
    )
    {
        ArgumentNullException.ThrowIfNull(given);
        if (await people.ById(given.TraineeId, ct) is not { Role: Roles.Trainee, Active: true })
            return (null, new("trainee_id", "Only a trainee of your studio can be graded. Choose one from the list."));
        return given.Origin == DemonstrationOrigin.Station
            ? await AtStation(id, given, assessor, ct)
            : await InPassing(id, given, assessor, ct);
    }

    public async Task<DemonstrationView?> View(Guid id, Guid reader, CancellationToken ct)
    {
        if (await demonstrations.ById(id, ct) is not { } d || await demonstrations.SheetOf(id, ct) is not { } sheet)
            return null;
        var mine = d.AssessorId == reader;
        // Marking is blind: an open sheet shows nobody else what is on it.
        var events = mine || d.SubmittedAt is not null ? await demonstrations.EventsOf(id, ct) : [];
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
                v => v,
                v => (IReadOnlyList<string>)[.. sheet.Steps.Select(s => ViewerWords.For(v, s.Cue) ?? "")],
                StringComparer.Ordinal
            ),
            await OtherEdition(d, sheet, ct)
        );
    }

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
        Guid id,
        DemonstrationOpen given,
        Guid assessor,
        CancellationToken ct
    )
    {
        if (given.StationId is not { } chosen)
            return (null, new("station_id", "Choose the station where it is shown."));
        if (await examinations.Station(chosen, ct) is not { } station)
            return (null, null);
        if (station.Away)
            return (null, new("station_id", "This station is archived. Bring it back before anybody is graded there."));
        return (new(id, given.TraineeId, assessor, station.StationId, station.Revision), null);
    }

    /// <summary>By the edition that the trainee's cohort is taught, else by the newest that may be taught.</summary>
    private async Task<(NewDemonstration? Opening, Refusal? Refusal)> InPassing(
        Guid id,
        DemonstrationOpen given,
        Guid assessor,
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
