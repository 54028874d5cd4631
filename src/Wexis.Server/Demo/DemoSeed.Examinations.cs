using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Results;
using Wexis.Data;
using Wexis.Data.Examinations;
using Wexis.Data.Grading;
using Wexis.Data.Results;
using Wexis.Data.Techniques;
using Wexis.Server.Examinations;
using Wexis.Server.Results;
using Wexis.Server.Techniques;

namespace Wexis.Server.Demo;

internal sealed record DemoTaps(int Step, Side Side, int Count, double EveryS);

internal sealed record DemoHolds(int Step, Side Side, int Count, double HoldS, double EveryS);

/// <summary>What an invented trainee showed. Marks are by topic; a topic that is not named earns 3.</summary>
internal sealed record DemoDemonstration(
    string Trainee,
    string Assessor,
    string Technique,
    DateTimeOffset At,
    bool Submit,
    bool Release,
    IReadOnlyList<DemoTaps>? Taps,
    IReadOnlyList<DemoHolds>? Holds,
    IReadOnlyDictionary<string, double> Marks,
    IReadOnlyList<string> Faults,
    DemoSecond? Second = null
);

/// <summary>A second look: by whom, and where their marks are others.</summary>
internal sealed record DemoSecond(string Assessor, IReadOnlyDictionary<string, double> Marks, int Minutes);

/// <param name="Routine">By its name.</param>
internal sealed record DemoStation(DemonstrationKind Kind, IReadOnlyList<string>? Techniques, string? Routine);

internal sealed record DemoTeaching(string Name, IReadOnlyList<DemoStation> Stations);

/// <param name="Teaching">The second examination: on a partner, before a group, of a correction.</param>
internal sealed record DemoExamination(
    string Name,
    IReadOnlyList<string> Stations,
    DemoTeaching Teaching,
    IReadOnlyList<DemoDemonstration> Demonstrations
);

/// <summary>Examinations, their stations, and what was shown there.</summary>
public sealed partial class DemoSeed
{
    private async Task FillExamination(DemoExamination examination, PersonId by, CancellationToken ct)
    {
        var store = services.GetRequiredService<ExaminationStore>();
        var editions = services.GetRequiredService<EditionStore>();
        var desk = services.GetRequiredService<TechniqueDesk>();
        var id = ExaminationId.From(Uuid(examination.Name));
        if ((await store.All(ct)).All(e => e.ExaminationId != id))
            await store.Add(id, examination.Name, null, by, Opened, ct);
        foreach (var code in examination.Stations)
        {
            if (await store.Station(StationId.From(Uuid($"station {code}")), ct) is not null)
                continue;
            var edition = await editions.NewestOf(TechniqueId.From(Uuid(code)), ct)
                ?? throw new InvalidDataException($"Demo station {code}: no such technique.");
            var sheet = MarkSheetDraft.Of(
                code,
                edition.Edition,
                edition.Body,
                desk.Derive(edition.Body),
                desk.Atlas,
                desk.Model,
                desk.Settings
            );
            var subject = StationSubject.Of(new(edition.TechniqueId, edition.Edition, edition.Version));
            await store.AddStation(StationId.From(Uuid($"station {code}")), id, subject, sheet, by, Opened, ct);
        }
    }

    private async Task FillTeaching(DemoTeaching teaching, PersonId by, CancellationToken ct)
    {
        var store = services.GetRequiredService<ExaminationStore>();
        var desk = services.GetRequiredService<StationDesk>();
        var id = ExaminationId.From(Uuid(teaching.Name));
        if (await store.Add(id, teaching.Name, null, by, Opened, ct) != AddOutcome.Added)
            return;
        foreach (var (station, place) in teaching.Stations.Select((s, i) => (s, i)))
        {
            var given = new StationAdd(
                StationId.From(Uuid($"{teaching.Name} {place}")),
                null,
                station.Kind,
                [.. (station.Techniques ?? []).Select(t => TechniqueId.From(Uuid(t)))],
                station.Routine is { } routine ? RoutineId.From(Uuid($"routine {routine}")) : null
            );
            if (await store.Station(given.Id, ct) is not null)
                continue;
            var (draft, refusal) = await desk.Draft(given, ct);
            if (draft is null)
                throw new InvalidDataException($"Demo station {place + 1} of {teaching.Name}: {refusal?.Says ?? "no such technique"}");
            await store.AddStation(given.Id, id, draft.Subject, draft.Sheet, by, Opened, ct);
        }
    }

    private async Task FillDemonstration(DemoDemonstration shown, Dictionary<string, PersonId> people, CancellationToken ct)
    {
        var store = services.GetRequiredService<DemonstrationStore>();
        var desk = services.GetRequiredService<TechniqueDesk>();
        var id = DemonstrationId.From(Uuid($"demonstration {shown.Trainee}"));
        var assessor = people[shown.Assessor];
        var station = await services.GetRequiredService<ExaminationStore>().Station(StationId.From(Uuid($"station {shown.Technique}")), ct)
            ?? throw new InvalidDataException($"Demo demonstration of {shown.Trainee}: no station for {shown.Technique}.");
        if (await store.ById(id, ct) is { SubmittedAt: not null })
        {
            await FillAfter(shown, id, station, people, ct);
            return;
        }
        await store.Open(new(id, people[shown.Trainee], assessor, station.StationId, station.Revision), shown.At, ct);
        var events = Events(shown, station.Sheet).ToList();
        foreach (var e in events)
        {
            if (MarkRules.Issues(e, station.Sheet) is { Count: > 0 } issues)
                throw new InvalidDataException($"Demo demonstration of {shown.Trainee}: {issues[0].Text}");
            if ((await store.Append(id, e, assessor, shown.At.AddMilliseconds(e.AtMs), ct)).Outcome != AppendOutcome.Stored)
                throw new InvalidDataException($"Demo demonstration of {shown.Trainee}: an event was refused.");
        }
        if (!shown.Submit)
            return;
        var state = SheetState.Of(events);
        var score = Score.Of(state, station.Sheet, desk.Settings);
        if (score.Decision == Decision.Open)
            throw new InvalidDataException($"Demo demonstration of {shown.Trainee}: {string.Join(", ", score.Unmarked)} not marked.");
        var results = services.GetRequiredService<ResultStore>();
        var decided = shown.At.AddMinutes(6);
        var result = DemonstrationResult.Of(score, station.Sheet, state, desk.Atlas);
        var happened = new CaseEvent(
            ActId.From(Uuid($"decided {shown.Trainee}")),
            CaseEventKind.Decided,
            decided,
            assessor,
            Decision: score.Decision,
            Percent: score.Percent,
            Edition: station.Edition
        );
        await results.Submit(id, result, events.Count, (id, 0), [new(id, happened)], assessor, decided, ct);
        await FillAfter(shown, id, station, people, ct);
    }

    /// <summary>What happened after the sheet was submitted; what stands there already stays.</summary>
    private async Task FillAfter(
        DemoDemonstration shown,
        DemonstrationId id,
        StoredStation station,
        Dictionary<string, PersonId> people,
        CancellationToken ct
    )
    {
        var cases = services.GetRequiredService<CaseStore>();
        // A demo of before has a story of its own.
        if (await cases.Find(id, ct) is not { } stored || stored.Events.All(e => e.Id != ActId.From(Uuid($"decided {shown.Trainee}"))))
            return;
        var decided = shown.At.AddMinutes(6);
        if (shown.Second is { } second && stored.Events.All(e => e.Kind != CaseEventKind.LookGiven))
            await FillSecond(shown, second, (id, station, decided), people, ct);
        if (!shown.Release || stored.Events.Any(e => e.Kind == CaseEventKind.Released))
            return;
        var released = new CaseEvent(
            ActId.From(Uuid($"released {shown.Trainee}")),
            CaseEventKind.Released,
            decided.AddHours(6),
            people["maren"]
        );
        await cases.Add(id, (await cases.Find(id, ct))!.Events.Count, released, null, ct);
    }

    /// <summary>The same demonstration on a second sheet, counted alike and judged by somebody else.</summary>
    private async Task FillSecond(
        DemoDemonstration shown,
        DemoSecond second,
        (DemonstrationId Id, StoredStation Station, DateTimeOffset Decided) first,
        Dictionary<string, PersonId> people,
        CancellationToken ct
    )
    {
        var cases = services.GetRequiredService<CaseStore>();
        var store = services.GetRequiredService<DemonstrationStore>();
        var desk = services.GetRequiredService<CaseDesk>();
        var (who, at) = (people[second.Assessor], first.Decided.AddMinutes(second.Minutes));
        var asked = new CaseEvent(
            ActId.From(Uuid($"look {shown.Trainee}")),
            CaseEventKind.LookAsked,
            first.Decided.AddMinutes(20),
            people[shown.Assessor],
            How: LookHow.Assessor,
            Assessor: who
        );
        await cases.Add(first.Id, 1, asked, null, ct);
        var id = DemonstrationId.From(Uuid($"second {shown.Trainee}"));
        await store.Open(new(id, people[shown.Trainee], who, first.Station.StationId, first.Station.Revision, SecondOf: first.Id), at, ct);
        var marks = new Dictionary<string, double>(shown.Marks, StringComparer.Ordinal);
        foreach (var (topic, mark) in second.Marks)
            marks[topic] = mark;
        var events = Events(shown with { Marks = marks }, first.Station.Sheet)
            .Select(e => e with { Id = MarkId.From(Uuid($"second {e.Id}")) })
            .ToList();
        foreach (var e in events)
            await store.Append(id, e, who, at.AddMilliseconds(e.AtMs), ct);
        var state = SheetState.Of(events);
        var house = services.GetRequiredService<TechniqueDesk>();
        var result = DemonstrationResult.Of(Score.Of(state, first.Station.Sheet, house.Settings), first.Station.Sheet, state, house.Atlas);
        var (seen, happened) = await desk.Submitting((await store.ById(id, ct))!, result, state, ct);
        // The demo's days lie before today.
        var then = happened.Select(h => h with { Event = h.Event with { At = at.AddMinutes(8) } }).ToList();
        await services.GetRequiredService<ResultStore>().Submit(id, result, events.Count, seen, then, who, at.AddMinutes(8), ct);
    }

    /// <summary>The taps and marks of one demonstration, as a tablet would have sent them.</summary>
    private static IEnumerable<MarkEvent> Events(DemoDemonstration shown, MarkSheet sheet)
    {
        var counter = 0;
        MarkEvent Next(MarkKind kind, double second, int? step = null, Side? side = null, string? target = null, double? value = null) =>
            new(
                MarkId.From(Uuid($"event {shown.Trainee} {counter}")),
                kind,
                "demo",
                counter++,
                (long)(second * 1000),
                step,
                side,
                target,
                value,
                null,
                0
            );
        var at = 4.0;
        yield return Next(MarkKind.Start, at);
        foreach (var t in shown.Taps ?? [])
        {
            at += 5;
            for (var i = 0; i < t.Count; i++, at += t.EveryS)
                yield return Next(MarkKind.Rep, at, t.Step, t.Side);
        }
        foreach (var h in shown.Holds ?? [])
        {
            at += 5;
            for (var i = 0; i < h.Count; i++, at += h.EveryS)
            {
                yield return Next(MarkKind.Press, at, h.Step, h.Side);
                yield return Next(MarkKind.Release, at + h.HoldS, h.Step, h.Side);
            }
        }
        foreach (var fault in shown.Faults)
            yield return Next(MarkKind.Fault, at, 0, null, fault);
        if (!shown.Submit)
            yield break;
        yield return Next(MarkKind.Stop, at + 8);
        foreach (var c in sheet.Criteria.Where(c => c.Measure is null))
            yield return Next(MarkKind.Mark, at += 9, null, null, c.Id, shown.Marks.GetValueOrDefault(c.Topic.Word(), 3));
    }
}
