using System.Net;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes;
using Wexis.Data.Techniques;
using Wexis.Server.Anatomy;
using Wexis.Server.App;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Techniques;

/// <summary>Editions, the library as a whole, tables, notes and schools, over the wire and in a real database.</summary>
public class LibraryEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static async Task<EditionLine> Line(Visitor v, string code) =>
        (await v.Get<EditionLine[]>("/api/techniques")).Single(t => t.Code == code);

    private static Task<HttpResponseMessage> Step(Visitor lead, EditionLine line, int version, string step, string? note = null) =>
        lead.Post($"/api/techniques/{line.TechniqueId}/editions/{line.Edition}/steps", new EditionStepTaken(version, step, note));

    [Fact]
    public async Task An_approved_edition_stays_what_trainees_read_while_the_next_is_written()
    {
        using var lead = await demo.As("maren");
        using var trainee = await demo.As("ilse");
        var line = await Line(lead, "wx-apple-pulse");
        var view = await lead.Get<TechniqueView>($"/api/techniques/{line.TechniqueId}");
        (await Step(lead, line, view.Version, "approved")).StatusCode.ShouldBe(HttpStatusCode.BadRequest, "nobody has looked it through");
        (await Step(lead, line, view.Version, "reviewed")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Step(lead, line, view.Version + 1, "approved")).StatusCode.ShouldBe(HttpStatusCode.Conflict, "another version");
        (await Step(lead, line, view.Version, "approved")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Line(lead, "wx-apple-pulse")).Standing.ShouldBe(EditionStanding.Approved);
        (
            await demo.House.Database.Scalar<bool>(
                "SELECT kept -> 'map' -> 'worked' IS NOT NULL AND kept ->> 'made_by' <> '' FROM techniques.edition "
                    + $"WHERE technique_id = '{line.TechniqueId}' AND edition = 1"
            )
        ).ShouldBeTrue("an approved edition keeps its map and the rules that made it");

        var saved = await Visitor.Read<TechniqueSaved>(
            await lead.Put(
                $"/api/techniques/{line.TechniqueId}",
                new TechniqueSave(1, view.Version, view.Document with { Aim = "another aim", Steps = [view.Document.AllSteps[0]] })
            )
        );
        saved.Edition.ShouldBe(2);
        (await trainee.Get<TechniqueView>($"/api/techniques/{line.TechniqueId}")).Edition.ShouldBe(1);
        var history = await lead.Get<TechniqueHistory>($"/api/techniques/{line.TechniqueId}/history");
        history.Editions.Select(e => (e.Edition, e.Standing)).ShouldBe([(2, EditionStanding.Complete), (1, EditionStanding.Approved)]);
        history.Editions[0].Since.ShouldContain(d => d.What == "aim" && d.After == "another aim");
        history.Editions[0].Since.ShouldContain(d => d.What == "gone");
        history.Steps.Select(s => s.Step).ShouldBe(["approved", "reviewed"]);
        (await lead.Get<TechniqueView>($"/api/techniques/{line.TechniqueId}/editions/1")).Document.Aim.ShouldBe(view.Document.Aim);
    }

    [Fact]
    public async Task An_edition_that_is_approved_again_keeps_the_map_of_its_first_approval()
    {
        using var lead = await demo.As("maren");
        var line = await Line(lead, "wx-lip-seal");
        var view = await lead.Get<TechniqueView>($"/api/techniques/{line.TechniqueId}");
        Task<string> Kept() =>
            demo.House.Database.Scalar<string>(
                $"SELECT kept ->> 'made_by' FROM techniques.edition WHERE technique_id = '{line.TechniqueId}' AND edition = {line.Edition}"
            )!;
        foreach (var step in new[] { "reviewed", "approved", "retired" })
            (await Step(lead, line, view.Version, step, "round and back")).StatusCode.ShouldBe(HttpStatusCode.NoContent, step);
        var first = await Kept();
        // Other rules hold when it comes back.
        var wipe = (await lead.Get<HouseView>("/api/house")).Settings.Single(s => s.Name == "wipe");
        await lead.Put("/api/house/settings/wipe", new SettingChange(wipe.Version, wipe.Value + 1, null));
        foreach (var step in new[] { "back-in-use", "reviewed", "approved" })
            (await Step(lead, line, view.Version, step)).StatusCode.ShouldBe(HttpStatusCode.NoContent, step);
        (await Kept()).ShouldBe(first);
    }

    [Fact]
    public async Task The_shelf_carries_what_is_filtered_by_and_leaves_at_home_what_is_only_compared()
    {
        using var lead = await demo.As("maren");
        var shelf = await lead.Get<EditionLine[]>("/api/techniques");
        shelf.ShouldAllBe(l => l.Brief.Marks.Count == 0 && l.Brief.Classes.Count == 0 && l.Brief.WrongClaims.Count == 0);
        shelf.ShouldContain(l => l.Brief.Works.Count > 0 && l.Brief.Avoid.Count > 0 && l.Brief.Concerns.Count > 0);
        (await lead.Get<LibraryReviewView>("/api/library/review")).Duplicates.ShouldNotBeEmpty("comparing still has its marks");

        var line = shelf.Single(l => l.Code == "wx-brow-brace-gaze");
        var view = await lead.Get<TechniqueView>($"/api/techniques/{line.TechniqueId}");
        await lead.Put(
            $"/api/techniques/{line.TechniqueId}",
            new TechniqueSave(view.Edition, view.Version, view.Document with { Aim = "said anew" })
        );
        (await Line(lead, "wx-brow-brace-gaze")).Brief.Aim.ShouldBe(
            "said anew",
            "a brief that was read before is read again when its row changed"
        );
        Task Kept(string aim) =>
            demo.House.Database.Execute(
                $$"""UPDATE techniques.edition SET derived = jsonb_set(derived, '{aim}', '"{{aim}}"') """
                    + $$"""WHERE technique_id = '{{line.TechniqueId}}' AND edition = """
                    + $$"""(SELECT max(edition) FROM techniques.edition WHERE technique_id = '{{line.TechniqueId}}')"""
            );
        await Kept("by another server");
        (await Line(lead, "wx-brow-brace-gaze")).Brief.Aim.ShouldBe("by another server", "whoever changed it");
        await Kept("said anew");
    }

    [Fact]
    public async Task Taking_out_of_use_needs_a_reason_and_hides_it_from_trainees()
    {
        using var lead = await demo.As("maren");
        using var trainee = await demo.As("ilse");
        var line = await Line(lead, "wx-nostril-flare");
        (await trainee.Ask($"/api/techniques/{line.TechniqueId}")).StatusCode.ShouldBe(HttpStatusCode.NotFound, "nobody approved it");
        (await Step(lead, line, 1, "reviewed")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Step(lead, line, 1, "approved")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await trainee.Ask($"/api/techniques/{line.TechniqueId}")).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await Visitor.Refusal(await Step(lead, line, 1, "retired"))).Keys.ShouldContain("note");
        (await Step(lead, line, 1, "retired", "nobody asks for it")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await trainee.Ask($"/api/techniques/{line.TechniqueId}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await Step(lead, line, 1, "back-in-use")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
    }

    [Fact]
    public async Task A_save_takes_a_review_away()
    {
        using var lead = await demo.As("maren");
        var line = await Line(lead, "wx-chin-pout");
        await Step(lead, line, 1, "reviewed");
        var view = await lead.Get<TechniqueView>($"/api/techniques/{line.TechniqueId}");
        await lead.Put($"/api/techniques/{line.TechniqueId}", new TechniqueSave(1, view.Version, view.Document with { Aim = "changed" }));
        (await Line(lead, "wx-chin-pout")).Standing.ShouldBe(EditionStanding.Complete);
    }

    [Fact]
    public async Task What_depends_on_a_technique_is_named()
    {
        using var lead = await demo.As("maren");
        var history = await lead.Get<TechniqueHistory>($"/api/techniques/{(await Line(lead, "wm-exit-glide")).TechniqueId}/history");
        history.Dependents.Select(d => d.Kind).Distinct().ShouldBe(["cohort", "programme", "station", "technique"]);
        history.Dependents.ShouldContain(d => d.Kind == "station" && d.Graded > 0);
    }

    [Fact]
    public async Task A_conflict_is_kept_only_with_a_reason()
    {
        using var lead = await demo.As("maren");
        var conflict = (await lead.Get<LibraryReviewView>("/api/library/review")).Conflicts[0];
        (
            await Visitor.Refusal(await lead.Put($"/api/library/conflicts/{conflict.Conflict.Structure}", new ConflictReason(" ")))
        ).Keys.ShouldBe(["reason"]);
        (
            await lead.Put(
                $"/api/library/conflicts/{conflict.Conflict.Structure}",
                new ConflictReason("rest first, train later", conflict.Kept?.At)
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await lead.Get<LibraryReviewView>("/api/library/review"))
            .Conflicts.Single(c => c.Conflict.Structure == conflict.Conflict.Structure)
            .Kept!.Reason.ShouldBe("rest first, train later");
    }

    [Fact]
    public async Task The_house_chooses_between_schools_with_a_reason()
    {
        using var lead = await demo.As("maren");
        (await Visitor.Refusal(await lead.Put("/api/library/choices/screen-break", new HouseChoiceDraft("25", "")))).Keys.ShouldBe(
            ["choice", "reason"],
            ignoreOrder: true
        );
        var before = (await lead.Get<SchoolsView>("/api/library/schools")).Choices.SingleOrDefault(c => c.Question == "screen-break");
        (await lead.Put("/api/library/choices/screen-break", new HouseChoiceDraft("20", "easier to keep", before?.At))).StatusCode.ShouldBe(
            HttpStatusCode.NoContent
        );
        (await lead.Get<SchoolsView>("/api/library/schools")).Choices.Single(c => c.Question == "screen-break").Choice.ShouldBe("20");
    }

    [Fact]
    public async Task The_table_goes_out_and_comes_in_and_a_bad_one_changes_nothing()
    {
        using var lead = await demo.As("maren");
        var table = await (await lead.Ask("/api/techniques/table")).Content.ReadAsStringAsync();
        (await Visitor.Read<TableBrought>(await lead.Post("/api/techniques/table", new TableText(table)))).ShouldSatisfyAllConditions(
            t => t.Changed.ShouldBe(0),
            t => t.Added.ShouldBe(0)
        );
        var changed =
            table
                .Replace("Ear rings", "Ear rings, slow", StringComparison.Ordinal)
                .Replace("wx-ear-rings,Ear rings, slow", "wx-ear-rings,\"Ear rings, slow\"", StringComparison.Ordinal)
            + "brand-new,A new draft,nose,,,\r\n";
        (await Visitor.Read<TableBrought>(await lead.Post("/api/techniques/table", new TableText(changed)))).ShouldSatisfyAllConditions(
            t => t.Changed.ShouldBe(1),
            t => t.Added.ShouldBe(1)
        );
        (await Line(lead, "wx-ear-rings")).Name.ShouldBe("Ear rings, slow");
        (await Line(lead, "brand-new")).Standing.ShouldBe(EditionStanding.Draft);
        (
            await Visitor.Refusal(
                await lead.Post(
                    "/api/techniques/table",
                    new TableText(changed.Replace("brand-new,A new draft,nose", "brand-new,A new draft,elbow", StringComparison.Ordinal))
                )
            )
        )
            .Keys.ShouldHaveSingleItem()
            .ShouldContain("region");
    }

    [Fact]
    public async Task What_ships_comes_in_once()
    {
        using var lead = await demo.As("maren");
        (await Visitor.Read<ShippedBrought>(await lead.Post("/api/techniques/shipped", null))).Brought.ShouldBe(
            0,
            "the demo has them already"
        );
    }

    [Fact]
    public async Task Old_notes_are_read_and_nothing_is_stored()
    {
        using var lead = await demo.As("maren");
        var before = (await lead.Get<EditionLine[]>("/api/techniques")).Length;
        var reading = await Visitor.Read<NoteReading>(
            await lead.Post("/api/techniques/notes", new PastedNotes("Smile 10 times. Never press on the eyes."))
        );
        reading.Lines.Select(l => l.Kind).ShouldBe([NoteKind.Step, NoteKind.Caution]);
        (await lead.Get<EditionLine[]>("/api/techniques")).Length.ShouldBe(before);
        (await Visitor.Refusal(await lead.Post("/api/techniques/notes", new PastedNotes("")))).Keys.ShouldBe(["text"]);
    }

    [Fact]
    public async Task A_structure_knows_its_techniques_modules_and_who_checked_it()
    {
        using var lead = await demo.As("maren");
        var use = await lead.Get<StructureUse>("/api/anatomy/structures/zygomaticus-major");
        use.Techniques.ShouldContain(t => t.Mode == Mode.Concentric && t.Strength == Strength.Primary);
        use.Modules.ShouldNotBeEmpty();
        use.Checks.ShouldBeEmpty();
        (
            await Visitor.Refusal(
                await lead.Post(
                    "/api/anatomy/structures/zygomaticus-major/checks",
                    new StructureCheckDraft("", "anatomist", DateOnly.FromDateTime(DateTime.Now), "wrong", "")
                )
            )
        ).Keys.ShouldBe(["checked_by", "remark"], ignoreOrder: true);
        (
            await lead.Post(
                "/api/anatomy/structures/zygomaticus-major/checks",
                new StructureCheckDraft("Dr. Ada Quillfeather", "anatomist", DateOnly.FromDateTime(DateTime.Now), "right", null)
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await lead.Get<StructureUse>("/api/anatomy/structures/zygomaticus-major")).Checks.ShouldHaveSingleItem().Current.ShouldBeTrue();
        (await lead.Ask("/api/anatomy/structures/nonsense")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }
}
