using System.Net;
using Microsoft.Extensions.DependencyInjection;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Strokes;
using Wexis.Data.Techniques;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Techniques;

/// <summary>What the editor asks of the core while a technique is entered, and what is kept beside an edition.</summary>
public class EnteringEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public async Task A_drawn_line_comes_back_as_places()
    {
        using var lead = await demo.As("maren");
        var reading = await Visitor.Read<StrokeReading>(
            await lead.Post("/api/techniques/stroke", new { places = new[] { new { x = 0.41, y = -1.06 }, new { x = 1.06, y = -0.3 } } })
        );
        reading.Path.Select(p => p.At).ShouldBe(["cheilion", "zygion"]);
        (await Visitor.Refusal(await lead.Post("/api/techniques/stroke", new { places = Array.Empty<object>() }))).Keys.ShouldBe([
            "places",
        ]);
    }

    [Fact]
    public async Task A_tapped_rhythm_comes_back_as_a_dose()
    {
        using var lead = await demo.As("maren");
        (
            await Visitor.Read<TappedRhythm>(
                await lead.Post(
                    "/api/techniques/rhythm",
                    new { presses = new[] { new { down_s = 0.0, up_s = 0.1 }, new { down_s = 2.0, up_s = 2.1 } } }
                )
            )
        ).Repetitions.ShouldBe(2);
        (
            await Visitor.Refusal(await lead.Post("/api/techniques/rhythm", new { presses = new[] { new { down_s = 3.0, up_s = 1.0 } } }))
        ).Keys.ShouldBe(["presses"]);
    }

    [Fact]
    public async Task A_dose_outside_reason_is_refused_with_its_field()
    {
        using var lead = await demo.As("maren");
        var technique = await lead.Get<TechniqueView>(
            $"/api/techniques/{(await lead.Get<EditionLine[]>("/api/techniques")).Single(l => l.Code == "wx-air-shuttle").TechniqueId}"
        );
        var dose = technique.Derivation.Steps[0].Completed.Dose;
        (await Visitor.Refusal(await lead.Post("/api/techniques/dose", new { dose, standard = 9000.0 }))).Keys.ShouldBe(["standard"]);
        (await Visitor.Read<DoseWords>(await lead.Post("/api/techniques/dose", new { dose, standard = 12.0 }))).Line.ShouldContain("12");
    }

    [Fact]
    public async Task An_easier_version_is_seen_from_both_sides()
    {
        using var lead = await demo.As("maren");
        var id = TechniqueId.New();
        using var trainee = await demo.As("ilse");
        var smile = (await trainee.Get<EditionLine[]>("/api/techniques")).First(t => t.Standing == EditionStanding.Complete);
        var harder = TechniqueDocument.Empty with { Id = "harder-one", Name = "A harder one", Related = [new(smile.Code, "easier")] };
        (await lead.Post("/api/techniques", new TechniqueAdd(id, harder))).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await lead.Get<TechniqueView>($"/api/techniques/{id}")).Related.ShouldHaveSingleItem().As.ShouldBe("easier");
        (await lead.Get<TechniqueView>($"/api/techniques/{smile.TechniqueId}")).Related.ShouldContain(r =>
            r.Id == id && r.As == "harder" && !r.ToldHere
        );
        (await trainee.Get<TechniqueView>($"/api/techniques/{smile.TechniqueId}")).Related.ShouldNotContain(
            r => r.Id == id,
            "a draft is not for trainees"
        );
    }

    [Fact]
    public async Task What_other_rules_had_derived_is_made_anew_and_the_body_stays()
    {
        using var lead = await demo.As("maren");
        var before = (await lead.Get<EditionLine[]>("/api/techniques")).First(t => t.Standing == EditionStanding.Complete);
        await demo.House.Database.Execute(
            $"UPDATE techniques.edition SET derived = derived || '{{\"made_by\": \"older\", \"primary\": \"nonsense\"}}' "
                + $"WHERE technique_id = '{before.TechniqueId}'"
        );
        (await lead.Get<EditionLine[]>("/api/techniques"))
            .Single(t => t.TechniqueId == before.TechniqueId)
            .Brief.Primary.ShouldBe("nonsense");
        await demo
            .House.Services.GetRequiredService<TechniqueDesk>()
            .MakeBriefsAnew(demo.House.Services.GetRequiredService<EditionStore>(), CancellationToken.None);
        var after = (await lead.Get<EditionLine[]>("/api/techniques")).Single(t => t.TechniqueId == before.TechniqueId);
        (after.Brief.Primary, after.Brief.MadeBy, after.ChangedAt).ShouldBe((before.Brief.Primary, before.Brief.MadeBy, before.ChangedAt));
    }
}
