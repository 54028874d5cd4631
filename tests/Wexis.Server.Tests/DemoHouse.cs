using Wexis.Core.Techniques.Documents;
using Wexis.Server.Examinations;
using Wexis.Server.Grading;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests;

/// <summary>One demo house that the tests of a class share; each test adds what it needs under ids of its own.</summary>
public sealed class DemoHouse : IAsyncLifetime
{
    public House House { get; private set; } = null!;

    public async ValueTask InitializeAsync() => House = await House.Open(demo: true);

    public async ValueTask DisposeAsync() => await House.DisposeAsync();

    public Task<Visitor> As(string login) => House.Visit().SignIn(login);

    /// <summary>A technique with one open place: a smile, counted.</summary>
    public static TechniqueDocument Smile(string name = "A smile", string dose = "5 / 10 / 15") =>
        TechniqueDocument.Empty with
        {
            Name = name,
            Steps =
            [
                new(
                    Acts: [new("smile-closed", "both", "moderate", "none", null, null, [], null, null, null, null, null)],
                    Hands: [],
                    null,
                    null,
                    ["brow"],
                    new(dose, null, null, null, [], null, null, null, null, null, null, null, null, null),
                    null,
                    null,
                    null,
                    null,
                    null
                ),
            ],
        };

    /// <summary>A fresh station for a fresh technique, and a demonstration of it opened by the lead trainer.</summary>
    public async Task<DemonstrationView> Opened(Visitor lead, string trainee = "ilse", string dose = "5 / 10 / 15")
    {
        var technique = TechniqueId.New();
        await Visitor.Read<TechniqueSaved>(
            await lead.Post("/api/techniques", new TechniqueAdd(technique, Smile($"A smile {technique:N}", dose)))
        );
        var examination = (await lead.Get<ExaminationView[]>("/api/examinations"))[0].Id;
        var station = await Visitor.Read<StationView>(
            await lead.Post($"/api/examinations/{examination}/stations", new StationAdd(StationId.New(), technique))
        );
        var person = (await lead.Get<Wexis.Server.People.PersonLine[]>("/api/people")).Single(p => p.Login == trainee).Id;
        return await Visitor.Read<DemonstrationView>(
            await lead.Put($"/api/demonstrations/{Guid.NewGuid()}", new DemonstrationOpen(station.Id, person))
        );
    }
}
