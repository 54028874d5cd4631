using System.Net;
using System.Text.Json;
using Wexis.Core.Measures;
using Wexis.Core.Results;
using Wexis.Server.Results;

namespace Wexis.Server.Tests.Results;

/// <summary>A cohort at a glance, the rule of an examination, a trainee's story and export.</summary>
public class GlanceEndpointTests(DemoHouse demo) : IClassFixture<DemoHouse>
{
    [Fact]
    public async Task The_glance_says_what_the_results_say_and_counts_what_waits()
    {
        using var lead = await demo.As("maren");
        var glance = await lead.Get<Glance>("/api/results/cohort");
        var lines = (await lead.Get<ResultLine[]>("/api/results")).ToDictionary(r => r.Id);
        foreach (var cell in glance.Rows.SelectMany(r => r.Cells).Where(c => c.Decision is not null))
            (cell.Percent, cell.Decision).ShouldBe((lines[cell.Id].Percent, lines[cell.Id].Decision));
        glance.Counts["release"].ShouldBe(lines.Values.Count(r => r.ReleasedAt is null));
        glance.Weakest[0].Lost.ShouldBe(glance.Weakest.Max(w => w.Lost));
        glance.Weakest.ShouldAllBe(w => w.Worst.Count > 0 && w.Mean < 3);
        var exam = glance.Examinations.Single(x => x.Name == "Teaching practical");
        (await lead.Get<Glance>($"/api/results/cohort?examination={exam.Id}")).Stations.ShouldAllBe(s => s.ExaminationId == exam.Id);
        var csv = await (await lead.Ask($"/api/results/cohort.csv?examination={glance.Examinations[0].Id}")).Content.ReadAsStringAsync();
        csv.Split("\r\n")
            .Count(l => l.Contains("Joss Haverick"))
            .ShouldBe(glance.Stations.Count(s => s.ExaminationId == glance.Examinations[0].Id));
        using var trainee = await demo.As("ilse");
        foreach (var path in new[] { "cohort", "cohort.csv", $"examinations/{exam.Id}" })
            (await trainee.Ask($"/api/results/{path}")).StatusCode.ShouldBe(HttpStatusCode.Forbidden, path);
    }

    [Fact]
    public async Task An_examination_comes_to_a_whole_by_the_rule_that_the_lead_trainer_sets()
    {
        using var lead = await demo.As("maren");
        using var benno = await demo.As("benno");
        var exam = (await lead.Get<Glance>("/api/results/cohort")).Examinations[0].Id;
        var whole = await lead.Get<WholeView>($"/api/results/examinations/{exam}");
        whole.Rows.Single(r => r.Trainee == "Joss Haverick").Outcome.Decision.ShouldBe(Decision.Fail);
        var ilse = whole.Rows.Single(r => r.Trainee == "Ilse Marrowby").Outcome;
        (ilse.Decision, ilse.Passed.Count, ilse.Open.Count).ShouldBe((Decision.Open, 1, whole.Stations.Count - 1));
        var rule = new ExaminationRule(WholeRule.Total, 101);
        (await lead.Put($"/api/results/examinations/{exam}/rule", rule)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await benno.Put($"/api/results/examinations/{exam}/rule", rule with { Total = 70 })).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (await lead.Put($"/api/results/examinations/{exam}/rule", rule with { Total = 70, Doing = 60 })).EnsureSuccessStatusCode();
        (await lead.Get<WholeView>($"/api/results/examinations/{exam}")).Rule.ShouldBe(new(WholeRule.Total, 70, 60));
    }

    [Fact]
    public async Task A_trainee_reads_and_takes_along_their_own_story_and_nobody_elses()
    {
        using var lead = await demo.As("maren");
        using var joss = await demo.As("joss");
        using var pilar = await demo.As("pilar");
        var story = await lead.Get<TraineeStory>($"/api/results/trainees/{joss.PersonId}/story");
        story
            .Lines.Select(l => l.Line.Kind)
            .ShouldBe([CaseEventKind.Decided, CaseEventKind.LookAsked, CaseEventKind.LookGiven, CaseEventKind.Released]);
        story.Lines.ShouldAllBe(l => l.Edition == 1 && l.Shown == "Ear-to-collarbone glide");
        (await joss.Get<TraineeStory>($"/api/results/trainees/{joss.PersonId}/story"))
            .Lines.Select(l => l.Line.Kind)
            .ShouldBe([CaseEventKind.Decided, CaseEventKind.Released]);
        foreach (var path in new[] { "story", "export" })
            (await pilar.Ask($"/api/results/trainees/{joss.PersonId}/{path}")).StatusCode.ShouldBe(HttpStatusCode.NotFound, path);
        var file = JsonDocument
            .Parse(await (await joss.Ask($"/api/results/trainees/{joss.PersonId}/export")).Content.ReadAsStringAsync())
            .RootElement;
        file.GetProperty("schema").GetString().ShouldBe("wexis.trainee/1");
        file.GetProperty("person").GetProperty("name").GetString().ShouldBe("Joss Haverick");
        file.GetProperty("results")[0].GetProperty("marks").GetArrayLength().ShouldBeGreaterThan(10);
        // What waits to be released is named and not shown.
        using var nadira = await demo.As("nadira");
        var waits = JsonDocument
            .Parse(await (await nadira.Ask($"/api/results/trainees/{nadira.PersonId}/export")).Content.ReadAsStringAsync())
            .RootElement;
        waits.GetProperty("results")[0].GetProperty("result").ValueKind.ShouldBe(JsonValueKind.Null);
    }
}
