using System.Net;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Data.Techniques;
using Wexis.Server.Examinations;
using Wexis.Server.Techniques;
using Wexis.TestHouse;

namespace Wexis.Server.Tests.Techniques;

/// <summary>Whatever came in from a file can be taken back as a whole, or says what was changed since.</summary>
public class ImportBackTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    private static async Task<TechniquesImported> Bring(Visitor lead, params string[] names)
    {
        var list = new TechniqueList(
            TechniqueFile.ListSchema,
            [.. names.Select(n => DemoHouse.Smile(n) with { Id = $"in-{Guid.NewGuid():N}", Schema = TechniqueDocument.CurrentSchema })]
        );
        return await Visitor.Read<TechniquesImported>(
            await lead.Post("/api/techniques/import", new TechniqueImport(ExchangeJson.Write(list)))
        );
    }

    private static Task<HttpResponseMessage> Back(Visitor lead, ImportId import) =>
        lead.Post($"/api/techniques/imports/{import}/take-back", null);

    private static async Task<IReadOnlySet<TechniqueId>> Here(Visitor lead) =>
        (await lead.Get<EditionLine[]>("/api/techniques")).Select(t => t.TechniqueId).ToHashSet();

    [Fact]
    public async Task A_file_is_taken_back_whole_and_comes_back_from_the_archive()
    {
        using var lead = await demo.As("maren");
        var brought = await Bring(lead, "In one", "In two", "In three");
        (await Here(lead)).IsSupersetOf(brought.Techniques.Select(t => t.Id)).ShouldBeTrue();
        (await Visitor.Read<ImportTakenBack>(await Back(lead, brought.Import))).ShouldBe(new ImportTakenBack(0, 3));
        (await Here(lead)).Overlaps(brought.Techniques.Select(t => t.Id)).ShouldBeFalse();
        (await Back(lead, brought.Import)).StatusCode.ShouldBe(HttpStatusCode.NotFound, "it is taken back once");
        (await lead.Put($"/api/away/technique/{brought.Techniques[0].Id}", new { seen = "deleted" })).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        (await Here(lead)).ShouldContain(brought.Techniques[0].Id);
    }

    [Fact]
    public async Task What_was_changed_or_used_since_keeps_all_of_it()
    {
        using var lead = await demo.As("maren");
        var changed = await Bring(lead, "Changed since", "Beside it");
        var one = await lead.Get<TechniqueView>($"/api/techniques/{changed.Techniques[0].Id}");
        await Visitor.Read<TechniqueSaved>(
            await lead.Put($"/api/techniques/{one.Id}", new TechniqueSave(1, 1, one.Document with { Aim = "Changed" }))
        );
        var used = await Bring(lead, "Used since");
        var examination = (await lead.Get<ExaminationView[]>("/api/examinations"))[0].Id;
        await Visitor.Read<StationView>(
            await lead.Post($"/api/examinations/{examination}/stations", new StationAdd(StationId.New(), used.Techniques[0].Id))
        );
        foreach (var (import, name) in new[] { (changed, "Changed since"), (used, "Used since") })
        {
            var answer = await Back(lead, import.Import);
            answer.StatusCode.ShouldBe(HttpStatusCode.Conflict);
            (await answer.Content.ReadAsStringAsync()).ShouldContain(name);
            (await Here(lead)).IsSupersetOf(import.Techniques.Select(t => t.Id)).ShouldBeTrue();
        }
    }

    [Fact]
    public async Task A_table_is_taken_back_to_the_words_before_it()
    {
        using var lead = await demo.As("maren");
        var brought = await Bring(lead, "Of the table");
        var before = await lead.Get<TechniqueView>($"/api/techniques/{brought.Techniques[0].Id}");
        var head = (await (await lead.Ask("/api/techniques/table")).Content.ReadAsStringAsync()).Split('\n');
        var row = head.Single(l => l.StartsWith(before.Code, StringComparison.Ordinal))
            .Replace("Of the table", "Otherwise", StringComparison.Ordinal);
        var table = await Visitor.Read<TableBrought>(
            await lead.Post(
                "/api/techniques/table",
                new TableText($"{head[0]}\n{row}\n{row.Replace(before.Code, "fresh-row", StringComparison.Ordinal)}\n")
            )
        );
        (table.Changed, table.Added).ShouldBe((1, 1));
        (await lead.Get<TechniqueView>($"/api/techniques/{before.Id}")).Document.Name.ShouldBe("Otherwise");
        (await Visitor.Read<ImportTakenBack>(await Back(lead, table.Import))).ShouldBe(new ImportTakenBack(1, 1));
        ExchangeJson
            .Write((await lead.Get<TechniqueView>($"/api/techniques/{before.Id}")).Document)
            .ShouldBe(ExchangeJson.Write(before.Document));
        (await lead.Get<EditionLine[]>("/api/techniques")).ShouldNotContain(t => t.Code == "fresh-row");
    }
}
