using System.Security.Cryptography;
using System.Text;
using Microsoft.AspNetCore.Identity;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Programmes;
using Wexis.Core.Routines;
using Wexis.Core.Techniques.Documents;
using Wexis.Data.Grading;
using Wexis.Data.People;
using Wexis.Data.Programmes;
using Wexis.Data.Routines;
using Wexis.Data.Techniques;
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

/// <summary>
/// Fills an empty house with the invented Wrenmoor atelier, through the same stores and the same core as everyone else.
/// Ids are made from names, and each piece is added only when it is not there: a fill that was cut off is finished by the next start.
/// </summary>
public sealed partial class DemoSeed(IConfiguration configuration, DataFolder folder, IServiceProvider services)
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
        if (
            await demonstrations.ById(DemonstrationId.From(Uuid($"demonstration {examination.Demonstrations[^1].Trainee}")), ct) is
            { Events: > 0 }
        )
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

    private async Task<Dictionary<string, PersonId>> FillPeople(CancellationToken ct)
    {
        var store = services.GetRequiredService<PersonStore>();
        var hasher = services.GetRequiredService<IPasswordHasher<StoredPerson>>();
        foreach (var a in Accounts)
            await store.Add(SessionEndpoints.New(new PersonDraft(a.Login, a.Name, a.Role.Word(), a.Password), hasher), Opened, ct);
        return (await store.All(ct)).ToDictionary(p => p.Login, p => p.PersonId, StringComparer.Ordinal);
    }

    private async Task FillTechniques(PersonId by, CancellationToken ct)
    {
        var store = services.GetRequiredService<EditionStore>();
        var desk = services.GetRequiredService<TechniqueDesk>();
        var shipped = TechniqueDesk.Shipped(folder);
        foreach (var document in Read<DemoTechniques>("techniques.json").Techniques.Concat(shipped))
        {
            var derived = desk.Derive(document);
            if (derived.Issues.Count > 0)
                throw new InvalidDataException($"Demo technique {document.Id}: {derived.Issues[0].Text}");
            await store.Add(desk.New(TechniqueId.From(Uuid(document.Id!)), document, derived), by, Opened, ct);
        }
    }

    /// <summary>What Maren decided: editions she approved, a conflict she keeps, a choice between schools.</summary>
    private async Task FillDecisions(PersonId by, CancellationToken ct)
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
    private async Task Approve(string code, string note, DateTimeOffset at, PersonId by, CancellationToken ct)
    {
        var (editions, history, desk) = (
            services.GetRequiredService<EditionStore>(),
            services.GetRequiredService<EditionHistoryStore>(),
            services.GetRequiredService<TechniqueDesk>()
        );
        var edition = await editions.NewestOf(TechniqueId.From(Uuid(code)), ct)
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
    private async Task FillCohorts(Dictionary<string, PersonId> people, CancellationToken ct)
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
            var programme = await programmes.ById(ProgrammeId.From(Uuid(cohort.Programme)), ct)
                ?? throw new InvalidDataException($"Demo cohort {cohort.Name}: no programme “{cohort.Programme}”.");
            var (whole, _) = await services.GetRequiredService<ProgrammeDesk>().WithRoutines(programme.Body, ct);
            var offered = await cohorts.Offered(whole.AllTechniques, ct);
            await cohorts.Open(
                CohortId.From(Uuid($"cohort {cohort.Name}")),
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
            var edition = await editions.NewestOf(TechniqueId.From(Uuid(code)), ct)
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
    private async Task FillScreening(Dictionary<string, PersonId> people, CancellationToken ct)
    {
        var (atlas, clock) = (services.GetRequiredService<TechniqueDesk>().Atlas, services.GetRequiredService<TimeProvider>());
        var asked = clock.GetUtcNow().AddDays(-10);
        var day = services.GetRequiredService<HouseDesk>().DayOf(asked);
        await services
            .GetRequiredService<ScreeningStore>()
            .Add(
                new(
                    ScreeningId.From(Uuid("screening Odile Farrant")),
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

    private async Task FillRoutines(PersonId by, CancellationToken ct)
    {
        var (store, desk) = (services.GetRequiredService<RoutineStore>(), services.GetRequiredService<RoutineDesk>());
        foreach (var routine in RoutineFile.Read(File.ReadAllText(Path.Combine(folder.Path, "demo", "routines.json"))).Documents)
        {
            if (await store.ById(RoutineId.From(Uuid($"routine {routine.Name}")), ct) is not null)
                continue;
            var reading = await desk.Read(routine, ct);
            if (reading.Sum is not { } sum || reading.Issues.Count > 0)
                throw new InvalidDataException($"Demo routine {routine.Name}: {reading.Issues[0].Text}");
            await store.Add(
                RoutineId.From(Uuid($"routine {routine.Name}")),
                routine,
                (int)Math.Round(sum.Chosen),
                reading.Remarks.Count,
                by,
                Opened,
                ct
            );
        }
    }

    private async Task FillProgrammes(PersonId by, CancellationToken ct)
    {
        var store = services.GetRequiredService<ProgrammeStore>();
        var desk = services.GetRequiredService<ProgrammeDesk>();
        foreach (var written in Read<IReadOnlyList<ProgrammeDocument>>("programmes.json"))
        {
            var programme = written with
            {
                Units =
                [
                    .. written.AllUnits.Select(u =>
                        u with
                        {
                            Routines = [.. u.AllRoutines.Select(r => $"{RoutineId.From(Uuid($"routine {r}"))}")],
                        }
                    ),
                ],
            };
            if (desk.Issues(programme) is { Count: > 0 } issues)
                throw new InvalidDataException($"Demo programme {programme.Name}: {issues[0].Text}");
            if (await store.ById(ProgrammeId.From(Uuid(programme.Name!)), ct) is not null)
                continue;
            var review = await desk.Review(programme, ct);
            await store.Add(ProgrammeId.From(Uuid(programme.Name!)), programme, review.Gaps, by, Opened, ct);
        }
    }

    private T Read<T>(string file) => ExchangeJson.Read<T>(File.ReadAllText(Path.Combine(folder.Path, "demo", file)));

    private static Guid Uuid(string name) => new(SHA256.HashData(Encoding.UTF8.GetBytes("wexis demo " + name)).AsSpan(0, 16));
}
