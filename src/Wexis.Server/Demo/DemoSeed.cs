using System.Security.Cryptography;
using System.Text;
using Microsoft.AspNetCore.Identity;
using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Programmes;
using Wexis.Core.Results;
using Wexis.Core.Routines;
using Wexis.Core.Techniques.Documents;
using Wexis.Data;
using Wexis.Data.Examinations;
using Wexis.Data.Grading;
using Wexis.Data.People;
using Wexis.Data.Programmes;
using Wexis.Data.Results;
using Wexis.Data.Routines;
using Wexis.Data.Techniques;
using Wexis.Server.Examinations;
using Wexis.Server.People;
using Wexis.Server.Programmes;
using Wexis.Server.Routines;
using Wexis.Server.Settings;
using Wexis.Server.Shell;
using Wexis.Server.Techniques;

namespace Wexis.Server.Demo;

internal sealed record DemoTechniques(IReadOnlyList<TechniqueDocument> Techniques);

internal sealed record DemoChoice(string Question, string Choice, string Reason);

internal sealed record DemoRevision(string Aim, string Dose);

internal sealed record DemoCohort(string Programme, string Name, IReadOnlyList<string> Members);

/// <param name="Revised">What is said otherwise in the next edition, approved after the cohorts began: aim and dose of the first step, by
/// technique.</param>
internal sealed record DemoDecisions(
    IReadOnlyList<string> Approved,
    IReadOnlyDictionary<string, string> Conflicts,
    IReadOnlyList<DemoChoice> Choices,
    IReadOnlyList<DemoCohort> Cohorts,
    IReadOnlyDictionary<string, DemoRevision> Revised
);

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
    IReadOnlyList<string> Faults
);

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

/// <summary>
/// Fills an empty house with the invented Wrenmoor atelier, through the same stores and the same core as everyone else.
/// Ids are made from names, and each piece is added only when it is not there: a fill that was cut off is finished by the next start.
/// </summary>
public sealed class DemoSeed(IConfiguration configuration, DataFolder folder, IServiceProvider services)
{
    private static readonly DateTimeOffset Opened = new(2026, 10, 1, 8, 0, 0, TimeSpan.Zero);
    private readonly bool _on = configuration.GetValue<bool>("Wexis:Demo");

    /// <summary>The accounts that the sign-in page offers; none outside the demo.</summary>
    public IReadOnlyList<DemoAccount> Accounts => _on ? _accounts ??= Read<IReadOnlyList<DemoAccount>>("people.json") : [];
    private IReadOnlyList<DemoAccount>? _accounts;

    /// <exception cref="InvalidDataException">A demo file contradicts the core's own rules.</exception>
    public async Task Fill(CancellationToken ct)
    {
        var examination = Read<DemoExamination>("examination.json");
        var demonstrations = services.GetRequiredService<DemonstrationStore>();
        // The last demonstration is written last: when it is there, everything is.
        if (await demonstrations.ById(Id($"demonstration {examination.Demonstrations[^1].Trainee}"), ct) is { Events: > 0 })
        {
            // A demo that was filled before there were routines gets them too.
            if (await services.GetRequiredService<PersonStore>().ByLogin("maren", ct) is { } maren)
            {
                await FillRoutines(maren.PersonId, ct);
                await FillTeaching(examination.Teaching, maren.PersonId, ct);
            }
            return;
        }
        var people = await FillPeople(ct);
        await FillTechniques(people["maren"], ct);
        await FillDecisions(people["maren"], ct);
        await FillScreening(people, ct);
        await FillRoutines(people["maren"], ct);
        await FillProgrammes(people["maren"], ct);
        await FillCohorts(people, ct);
        await FillExamination(examination, people["maren"], ct);
        await FillTeaching(examination.Teaching, people["maren"], ct);
        foreach (var shown in examination.Demonstrations)
            await FillDemonstration(shown, people, ct);
    }

    private async Task<Dictionary<string, Guid>> FillPeople(CancellationToken ct)
    {
        var store = services.GetRequiredService<PersonStore>();
        var hasher = services.GetRequiredService<IPasswordHasher<StoredPerson>>();
        foreach (var a in Accounts)
            await store.Add(SessionEndpoints.New(new PersonDraft(a.Login, a.Name, a.Role, a.Password), hasher), Opened, ct);
        return (await store.All(ct)).ToDictionary(p => p.Login, p => p.PersonId, StringComparer.Ordinal);
    }

    private async Task FillTechniques(Guid by, CancellationToken ct)
    {
        var store = services.GetRequiredService<EditionStore>();
        var desk = services.GetRequiredService<TechniqueDesk>();
        var shipped = TechniqueDesk.Shipped(folder);
        foreach (var document in Read<DemoTechniques>("techniques.json").Techniques.Concat(shipped))
        {
            var derived = desk.Derive(document);
            if (derived.Issues.Count > 0)
                throw new InvalidDataException($"Demo technique {document.Id}: {derived.Issues[0].Text}");
            await store.Add(desk.New(Id(document.Id!), document, derived), by, Opened, ct);
        }
    }

    /// <summary>What Maren decided: editions she approved, a conflict she keeps, a choice between schools.</summary>
    private async Task FillDecisions(Guid by, CancellationToken ct)
    {
        var decisions = Read<DemoDecisions>("decisions.json");
        var reasons = services.GetRequiredService<LibraryReasonStore>();
        foreach (var code in decisions.Approved)
            await Approve(code, "for the first level", Opened.AddDays(1), by, ct);
        foreach (var kept in decisions.Conflicts)
            await reasons.KeepConflict(kept.Key, kept.Value, null, by, Opened.AddDays(2), ct);
        foreach (var choice in decisions.Choices)
            await reasons.Choose(choice.Question, choice.Choice, choice.Reason, null, by, Opened.AddDays(2), ct);
    }

    /// <summary>Looks through and approves the newest edition, once.</summary>
    private async Task Approve(string code, string note, DateTimeOffset at, Guid by, CancellationToken ct)
    {
        var (editions, history, desk) = (
            services.GetRequiredService<EditionStore>(),
            services.GetRequiredService<EditionHistoryStore>(),
            services.GetRequiredService<TechniqueDesk>()
        );
        var edition = await editions.NewestOf(Id(code), ct)
            ?? throw new InvalidDataException($"Demo decision on {code}: no such technique.");
        if (edition.Standing != EditionStanding.Complete)
            return;
        var derived = desk.Derive(edition.Body);
        await history.Take(edition.TechniqueId, edition.Edition, edition.Version, null, ReviewStep.Reviewed, null, null, by, at, ct);
        await history.Take(
            edition.TechniqueId,
            edition.Edition,
            edition.Version,
            ReviewStep.Reviewed.Word(),
            ReviewStep.Approved,
            note,
            new(desk.RulesVersion, derived.Map, derived.Times),
            by,
            at.AddDays(1),
            ct
        );
    }

    /// <summary>Who is taught together and from which editions; and an edition that was approved after they began.</summary>
    private async Task FillCohorts(Dictionary<string, Guid> people, CancellationToken ct)
    {
        var decisions = Read<DemoDecisions>("decisions.json");
        var (cohorts, programmes, editions, desk) = (
            services.GetRequiredService<CohortStore>(),
            services.GetRequiredService<ProgrammeStore>(),
            services.GetRequiredService<EditionStore>(),
            services.GetRequiredService<TechniqueDesk>()
        );
        foreach (var cohort in decisions.Cohorts)
        {
            var programme = await programmes.ById(Id(cohort.Programme), ct)
                ?? throw new InvalidDataException($"Demo cohort {cohort.Name}: no programme “{cohort.Programme}”.");
            var (whole, _) = await services.GetRequiredService<ProgrammeDesk>().WithRoutines(programme.Body, ct);
            var offered = await cohorts.Offered(whole.AllTechniques, ct);
            await cohorts.Open(
                Id($"cohort {cohort.Name}"),
                programme.ProgrammeId,
                cohort.Name,
                [.. cohort.Members.Select(m => people[m])],
                offered,
                await cohorts.OfferedRoutines(programme.Body, ct),
                people["maren"],
                Opened.AddDays(5),
                ct
            );
        }
        foreach (var (code, revised) in decisions.Revised)
        {
            var edition = await editions.NewestOf(Id(code), ct)
                ?? throw new InvalidDataException($"Demo revision of {code}: no such technique.");
            var first = edition.Body.AllSteps[0];
            if (edition.Body.Aim != revised.Aim)
                await editions.Save(
                    desk.New(
                        edition.TechniqueId,
                        edition.Body with
                        {
                            Aim = revised.Aim,
                            Steps = [first with { Dose = first.Dose! with { Line = revised.Dose } }, .. edition.Body.AllSteps.Skip(1)],
                        }
                    ),
                    edition.Edition,
                    edition.Version,
                    people["maren"],
                    Opened.AddDays(20),
                    ct
                );
            await Approve(code, "after the first lessons", Opened.AddDays(21), people["maren"], ct);
        }
    }

    /// <summary>A client who was asked ten days ago: the days follow the calendar, so that the picture stays a living one.</summary>
    private async Task FillScreening(Dictionary<string, Guid> people, CancellationToken ct)
    {
        var (atlas, clock) = (services.GetRequiredService<TechniqueDesk>().Atlas, services.GetRequiredService<TimeProvider>());
        var asked = clock.GetUtcNow().AddDays(-10);
        var day = services.GetRequiredService<HouseDesk>().DayOf(asked);
        await services
            .GetRequiredService<ScreeningStore>()
            .Add(
                new(
                    Id("screening Odile Farrant"),
                    null,
                    "Odile Farrant",
                    new(
                        [.. atlas.Exclusions.Keys],
                        new(["ci-tmd"], [new("ci-filler", day.AddDays(-4), ["upper-lip", "lower-lip", "nasolabial"])], [])
                    ),
                    new(true, "To choose which techniques suit me, and which to leave out or change.", day),
                    people["maren"],
                    "",
                    asked,
                    [people["benno"]]
                ),
                ct
            );
    }

    private async Task FillRoutines(Guid by, CancellationToken ct)
    {
        var (store, desk) = (services.GetRequiredService<RoutineStore>(), services.GetRequiredService<RoutineDesk>());
        foreach (var routine in RoutineFile.Read(File.ReadAllText(Path.Combine(folder.Path, "demo", "routines.json"))).Documents)
        {
            if (await store.ById(Id($"routine {routine.Name}"), ct) is not null)
                continue;
            var reading = await desk.Read(routine, ct);
            if (reading.Sum is not { } sum || reading.Issues.Count > 0)
                throw new InvalidDataException($"Demo routine {routine.Name}: {reading.Issues[0].Text}");
            await store.Add(Id($"routine {routine.Name}"), routine, (int)Math.Round(sum.Chosen), reading.Remarks.Count, by, Opened, ct);
        }
    }

    private async Task FillProgrammes(Guid by, CancellationToken ct)
    {
        var store = services.GetRequiredService<ProgrammeStore>();
        var desk = services.GetRequiredService<ProgrammeDesk>();
        foreach (var written in Read<IReadOnlyList<ProgrammeDocument>>("programmes.json"))
        {
            var programme = written with
            {
                Units = [.. written.AllUnits.Select(u => u with { Routines = [.. u.AllRoutines.Select(r => $"{Id($"routine {r}")}")] })],
            };
            if (desk.Issues(programme) is { Count: > 0 } issues)
                throw new InvalidDataException($"Demo programme {programme.Name}: {issues[0].Text}");
            if (await store.ById(Id(programme.Name!), ct) is not null)
                continue;
            var review = await desk.Review(programme, ct);
            await store.Add(Id(programme.Name!), programme, review.Gaps, by, Opened, ct);
        }
    }

    private async Task FillExamination(DemoExamination examination, Guid by, CancellationToken ct)
    {
        var store = services.GetRequiredService<ExaminationStore>();
        var editions = services.GetRequiredService<EditionStore>();
        var desk = services.GetRequiredService<TechniqueDesk>();
        var id = Id(examination.Name);
        if ((await store.All(ct)).All(e => e.ExaminationId != id))
            await store.Add(id, examination.Name, null, by, Opened, ct);
        foreach (var code in examination.Stations)
        {
            if (await store.Station(Id($"station {code}"), ct) is not null)
                continue;
            var edition = await editions.NewestOf(Id(code), ct)
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
            await store.AddStation(Id($"station {code}"), id, subject, sheet, by, Opened, ct);
        }
    }

    private async Task FillTeaching(DemoTeaching teaching, Guid by, CancellationToken ct)
    {
        var store = services.GetRequiredService<ExaminationStore>();
        var desk = services.GetRequiredService<StationDesk>();
        var id = Id(teaching.Name);
        if (await store.Add(id, teaching.Name, null, by, Opened, ct) != AddOutcome.Added)
            return;
        foreach (var (station, place) in teaching.Stations.Select((s, i) => (s, i)))
        {
            var given = new StationAdd(
                Id($"{teaching.Name} {place}"),
                null,
                station.Kind,
                [.. (station.Techniques ?? []).Select(Id)],
                station.Routine is { } routine ? Id($"routine {routine}") : null
            );
            if (await store.Station(given.Id, ct) is not null)
                continue;
            var (draft, refusal) = await desk.Draft(given, ct);
            if (draft is null)
                throw new InvalidDataException($"Demo station {place + 1} of {teaching.Name}: {refusal?.Says ?? "no such technique"}");
            await store.AddStation(given.Id, id, draft.Subject, draft.Sheet, by, Opened, ct);
        }
    }

    private async Task FillDemonstration(DemoDemonstration shown, Dictionary<string, Guid> people, CancellationToken ct)
    {
        var store = services.GetRequiredService<DemonstrationStore>();
        var desk = services.GetRequiredService<TechniqueDesk>();
        var id = Id($"demonstration {shown.Trainee}");
        var assessor = people[shown.Assessor];
        var station = await services.GetRequiredService<ExaminationStore>().Station(Id($"station {shown.Technique}"), ct)
            ?? throw new InvalidDataException($"Demo demonstration of {shown.Trainee}: no station for {shown.Technique}.");
        if (await store.ById(id, ct) is { SubmittedAt: not null })
            return;
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
        var score = Score.Of(SheetState.Of(events), station.Sheet, desk.Settings);
        if (score.Decision == Decision.Open)
            throw new InvalidDataException($"Demo demonstration of {shown.Trainee}: {string.Join(", ", score.Unmarked)} not marked.");
        var results = services.GetRequiredService<ResultStore>();
        var decided = shown.At.AddMinutes(6);
        await results.Submit(id, DemonstrationResult.Of(score, station.Sheet, desk.Atlas), events.Count, assessor, decided, ct);
        if (shown.Release)
            await results.Release([id], people["maren"], decided.AddHours(6), ct);
    }

    /// <summary>The taps and marks of one demonstration, as a tablet would have sent them.</summary>
    private static IEnumerable<MarkEvent> Events(DemoDemonstration shown, MarkSheet sheet)
    {
        var counter = 0;
        MarkEvent Next(MarkKind kind, double second, int? step = null, Side? side = null, string? target = null, double? value = null) =>
            new(Id($"event {shown.Trainee} {counter}"), kind, "demo", counter++, (long)(second * 1000), step, side, target, value, null, 0);
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

    private T Read<T>(string file) => ExchangeJson.Read<T>(File.ReadAllText(Path.Combine(folder.Path, "demo", file)));

    private static Guid Id(string name) => new(SHA256.HashData(Encoding.UTF8.GetBytes("wexis demo " + name)).AsSpan(0, 16));
}
