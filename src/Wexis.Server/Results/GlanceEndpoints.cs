using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Results;
using Wexis.Data.Results;
using Wexis.Server.Shell;

namespace Wexis.Server.Results;

/// <summary>What has to happen next with a result.</summary>
[ClosedList]
public enum Waits
{
    /// <summary>The sheet is open.</summary>
    Marks,
    LookOwed,
    LookOpen,
    Dispute,
    Appeal,
    Release,
}

/// <param name="Station">Place in the list of stations.</param>
/// <param name="Percent">Null while the sheet is open, and while the reader has to look again themselves.</param>
/// <param name="Waits">Null where nothing waits.</param>
public sealed record Cell(int Station, DemonstrationId Id, int Attempt, double? Percent, Decision? Decision, Waits? Waits);

public sealed record GlanceRow(PersonId TraineeId, string Trainee, IReadOnlyList<Cell> Cells);

/// <param name="Common">Its common name, with the other in brackets.</param>
public sealed record ConfusedName(string Structure, string Common, int Times, int Of, IReadOnlyList<DemonstrationId> Worst);

/// <summary>Who has shown what, what waits, where marks are lost.</summary>
/// <param name="Counts">How many results wait for what.</param>
public sealed record Glance(
    IReadOnlyList<NamedCohort> Cohorts,
    IReadOnlyList<NamedExamination> Examinations,
    IReadOnlyList<GlanceStation> Stations,
    IReadOnlyList<GlanceRow> Rows,
    IReadOnlyList<WeakCriterion> Weakest,
    IReadOnlyList<ConfusedName> Confused,
    IReadOnlyDictionary<string, int> Counts
);

/// <param name="Outcome">What the examination comes to.</param>
public sealed record WholeRow(PersonId TraineeId, string Trainee, ExaminationOutcome Outcome, IReadOnlyList<Cell> Cells);

public sealed record WholeView(
    ExaminationId Id,
    string Name,
    ExaminationRule Rule,
    IReadOnlyList<GlanceStation> Stations,
    IReadOnlyList<WholeRow> Rows
);

/// <summary>A cohort at a glance, as a table, and what an examination comes to.</summary>
public static class GlanceEndpoints
{
    public static void Map(RouteGroupBuilder api)
    {
        var group = api.MapGroup("/results").WithTags("Results").RequireAuthorization(Policies.Staff);
        group.MapGet("/cohort", Get).WithName("getGlance");
        group.MapGet("/cohort.csv", Table).WithName("getCohortTable");
        group.MapGet("/cohort.schema.json", () => TypedResults.Text(CohortTable.Schema(), "application/json")).WithName("getCohortSchema");
        group.MapGet("/examinations/{id:guid}", Whole).WithName("getWhole");
        group.MapPut("/examinations/{id:guid}/rule", SetRule).RequireAuthorization(Policies.Lead).WithName("setWholeRule");
    }

    private static Waits? WaitsFor(GlanceCell cell, HouseSettings settings) =>
        cell.Decision is null ? Waits.Marks
        : cell.AppealOpen ? Waits.Appeal
        : cell.InDispute ? Waits.Dispute
        : cell is { LookOpen: true, Looked: false } ? Waits.LookOpen
        : IsOwed(cell, settings) ? Waits.LookOwed
        : cell.ReleasedAt is null ? Waits.Release
        : null;

    /// <summary>As the case itself says it, by the columns beside it.</summary>
    private static bool IsOwed(GlanceCell cell, HouseSettings settings) =>
        cell.ReleasedAt is null
        && ResultCase.IsOwed(cell.Decision ?? Decision.Open, cell.Percent ?? 0, cell.PassLine ?? 0, cell.SafetyMet, cell.Looked, settings);

    private static async Task<Ok<Glance>> Get(
        CohortId? cohort,
        ExaminationId? examination,
        ClaimsPrincipal user,
        GlanceStore glance,
        CaseStore cases,
        CaseDesk desk,
        Atlas atlas,
        CancellationToken ct
    )
    {
        var of = new GlanceOf(cohort, examination);
        var blind = await desk.HiddenFrom(user.PersonId(), ct);
        var stations = await glance.Stations(examination, ct);
        var place = stations.Select((s, i) => (s.StationId, i)).ToDictionary(x => x.StationId, x => x.i);
        var cells = (await glance.CellsOf(of, ct)).Where(c => place.ContainsKey(c.StationId)).ToLookup(c => c.TraineeId);
        var rows = (await glance.Trainees(cohort, ct))
            .Select(t => new GlanceRow(
                t.TraineeId,
                t.Name,
                [.. cells[t.TraineeId].Select(c => Seen(c, place[c.StationId], blind, desk.Settings)).OrderBy(c => c.Station)]
            ))
            .ToList();
        var (weak, confused) = await glance.Weaknesses(of, blind, ct);
        var (cohorts, examinations) = await glance.Choices(ct);
        return TypedResults.Ok(
            new Glance(
                cohorts,
                examinations,
                stations,
                rows,
                weak,
                [.. confused.Select(c => new ConfusedName(c.Structure, atlas.BothNames(c.Structure), c.Times, c.Of, c.Worst))],
                rows.SelectMany(r => r.Cells)
                    .Where(c => c.Waits is not null)
                    .GroupBy(c => c.Waits!.Value.Word())
                    .ToDictionary(g => g.Key, g => g.Count(), StringComparer.Ordinal)
            )
        );
    }

    private static Cell Seen(GlanceCell c, int station, HashSet<DemonstrationId> blind, HouseSettings settings) =>
        blind.Contains(c.DemonstrationId)
            ? new(station, c.DemonstrationId, c.Attempt, null, null, Waits.LookOpen)
            : new(station, c.DemonstrationId, c.Attempt, c.Percent, c.Decision, WaitsFor(c, settings));

    private static async Task<ContentHttpResult> Table(
        CohortId? cohort,
        ExaminationId? examination,
        ClaimsPrincipal user,
        GlanceStore glance,
        CaseStore cases,
        CaseDesk desk,
        CancellationToken ct
    )
    {
        var blind = await desk.HiddenFrom(user.PersonId(), ct);
        var stations = await glance.Stations(examination, ct);
        var trainees = await glance.Trainees(cohort, ct);
        var cells = (await glance.CellsOf(new(cohort, examination), ct)).ToDictionary(c => (c.TraineeId, c.StationId));
        return TypedResults.Text(
            CohortTable.Write(
                from t in trainees
                from s in stations
                select Line(t, s, cells.GetValueOrDefault((t.TraineeId, s.StationId)), blind, desk.Settings)
            ),
            "text/csv"
        );
    }

    private static CohortLine Line(GlanceTrainee t, GlanceStation s, GlanceCell? c, HashSet<DemonstrationId> blind, HouseSettings settings)
    {
        var seen = c is not null && !blind.Contains(c.DemonstrationId) ? c : null;
        var waits = c is null ? null : Seen(c, 0, blind, settings).Waits;
        return new(
            t.TraineeId,
            t.Name,
            s.Examination,
            s.StationId,
            s.Place,
            s.Shows,
            c?.Attempt,
            seen?.DecidedAt,
            c?.Assessor,
            seen?.Decision,
            seen?.Percent,
            seen?.Doing,
            seen?.Teaching,
            seen?.ReleasedAt,
            waits is null or Waits.Marks ? "" : waits.Value.Word()
        );
    }

    private static async Task<Results<Ok<WholeView>, NotFound>> Whole(
        ExaminationId id,
        ClaimsPrincipal user,
        GlanceStore glance,
        CaseStore cases,
        CaseDesk desk,
        CancellationToken ct
    )
    {
        if (await glance.RuleOf(id, ct) is not { } rule)
            return TypedResults.NotFound();
        var blind = await desk.HiddenFrom(user.PersonId(), ct);
        var stations = await glance.Stations(id, ct);
        var place = stations.Select((s, i) => (s.StationId, i)).ToDictionary(x => x.StationId, x => x.i);
        var cells = (await glance.CellsOf(new(null, id), ct)).Where(c => place.ContainsKey(c.StationId)).ToLookup(c => c.TraineeId);
        var rows = (await glance.Trainees(null, ct))
            .Where(t => cells.Contains(t.TraineeId))
            .Select(t => new WholeRow(
                t.TraineeId,
                t.Name,
                ExaminationOutcome.Of(rule, [.. stations.Select(s => Standing(s, cells[t.TraineeId], blind, desk.Settings))]),
                [.. cells[t.TraineeId].Select(c => Seen(c, place[c.StationId], blind, desk.Settings)).OrderBy(c => c.Station)]
            ))
            .ToList();
        var name = (await glance.Choices(ct)).Examinations.FirstOrDefault(x => x.Id == id)?.Name ?? "";
        return TypedResults.Ok(new WholeView(id, name, rule, stations, rows));
    }

    private static StationStanding Standing(
        GlanceStation s,
        IEnumerable<GlanceCell> cells,
        HashSet<DemonstrationId> blind,
        HouseSettings settings
    ) =>
        cells.FirstOrDefault(c => c.StationId == s.StationId) is { } cell && !blind.Contains(cell.DemonstrationId)
            ? new(
                s.StationId,
                cell.Decision,
                cell.Percent,
                cell.Doing,
                cell.Teaching,
                cell.SafetyMet,
                WaitsFor(cell, settings) is null or Waits.Release
            )
            : new(s.StationId, null, null, null, null, true, false);

    private static async Task<Results<NoContent, ValidationProblem, NotFound>> SetRule(
        ExaminationId id,
        ExaminationRule given,
        GlanceStore glance,
        CancellationToken ct
    ) =>
        given.Issues() is { Count: > 0 } issues ? Problems.Of(issues, "The rule was not changed.")
        : await glance.SetRule(id, given, ct) ? TypedResults.NoContent()
        : TypedResults.NotFound();
}
