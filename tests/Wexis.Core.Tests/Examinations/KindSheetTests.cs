using Wexis.Core.Examinations;
using Wexis.Core.Grading;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;

namespace Wexis.Core.Tests.Examinations;

/// <summary>
/// Sheets of every kind of demonstration, over the whole shipped library. What a partner, a group and a correction are asked for is common
/// practice of teaching hands-on work; the weights are the house's own.
/// </summary>
public class KindSheetTests
{
    private static readonly IReadOnlyList<SheetPart> Library =
    [
        .. Reference.Shipped.Select(t => new SheetPart(
            t.Id!,
            1,
            t.Name!,
            t,
            Derivation.Of(t, Reference.Atlas, Reference.Model, Reference.Settings)
        )),
    ];

    private static MarkSheet Sheet(DemonstrationKind kind, params IReadOnlyList<SheetPart> parts) =>
        MarkSheetDraft.Of(kind, parts[0].Technique, parts[0].Name, 1, parts, Reference.Atlas, Reference.Model, Reference.Settings);

    [Theory]
    [InlineData(DemonstrationKind.Oneself, 82, 18)]
    [InlineData(DemonstrationKind.Partner, 84, 16)]
    [InlineData(DemonstrationKind.Group, 40, 60)]
    [InlineData(DemonstrationKind.Several, 82, 18)]
    [InlineData(DemonstrationKind.Correction, 0, 100)]
    public void Weights_add_up_in_every_kind_over_the_whole_library(DemonstrationKind kind, double doing, double teaching)
    {
        foreach (var part in Library)
        {
            var sheet = Sheet(kind, part);
            sheet.Kind.ShouldBe(kind);
            sheet.Criteria.Where(c => c.Domain == Domain.Doing).Sum(c => c.Weight).ShouldBe(doing, 1e-6, part.Name);
            sheet.Criteria.Where(c => c.Domain == Domain.Teaching).Sum(c => c.Weight).ShouldBe(teaching, 1e-6, part.Name);
            sheet.Criteria.Select(c => c.Id).ShouldBeUnique();
            sheet.Criteria.ShouldAllBe(c => c.Step == null || sheet.Steps.Any(s => s.Index == c.Step));
            sheet.Faults.Count.ShouldBeInRange(1, 6, part.Name);
            sheet.Issues().ShouldBeEmpty();
            sheet.MinutesAllowed!.Value.ShouldBeGreaterThanOrEqualTo(1);
        }
    }

    [Fact]
    public void A_partner_is_screened_and_asked_and_both_are_a_matter_of_safety()
    {
        foreach (var part in Library)
        {
            var sheet = Sheet(DemonstrationKind.Partner, part);
            foreach (var topic in new[] { Topic.Screening, Topic.Comfort })
                sheet.Criteria.Single(c => c.Topic == topic).SafetyCritical.ShouldBeTrue(part.Name);
            sheet.Criteria.Single(c => c.Topic == Topic.Cueing).Text.ShouldContain("the partner's");
        }
    }

    [Fact]
    public void In_passing_three_criteria_of_three_lines_are_judged_the_unsafe_one_among_them()
    {
        foreach (var part in Library)
        {
            var whole = Sheet(DemonstrationKind.Oneself, part);
            var sheet = Sheet(DemonstrationKind.Everyday, part);
            sheet.Criteria.Count.ShouldBe(3, part.Name);
            sheet.Criteria.Select(c => c.Topic).ShouldBeUnique();
            sheet.Criteria.ShouldAllBe(c => c.Kind == CriterionKind.Graded && c.Weight > 0);
            sheet
                .Criteria.Any(c => c.SafetyCritical)
                .ShouldBe(whole.Criteria.Any(c => c.SafetyCritical && c.Kind == CriterionKind.Graded), part.Name);
        }
    }

    [Fact]
    public void Several_in_a_row_are_numbered_through_and_each_keeps_its_name()
    {
        var parts = Library.Where(p => p.Derivation.Steps.Count > 0).Take(5).ToList();
        foreach (var kind in new[] { DemonstrationKind.Several, DemonstrationKind.Group })
        {
            var sheet = Sheet(kind, parts);
            sheet.Steps.Select(s => s.Index).ShouldBe(Enumerable.Range(0, parts.Sum(p => p.Derivation.Steps.Count)));
            sheet.Steps.Select(s => s.Part).Distinct().ShouldBe(parts.Select(p => p.Name));
            sheet.Criteria.Count(c => c.Topic == Topic.Path).ShouldBe(parts.Count, "each technique is judged once");
            sheet.Criteria.ShouldContain(c => c.Topic == Topic.Order);
        }
    }

    /// <summary>
    /// What is a matter of safety alone is one in a row and before a group: by zone, path, class of work or region alike.
    /// </summary>
    [Fact]
    public void A_technique_that_safety_hangs_on_keeps_it_in_every_kind()
    {
        foreach (var part in Library)
        {
            var alone = Sheet(DemonstrationKind.Oneself, part).Criteria.Any(c => c is { Topic: Topic.Pressure, SafetyCritical: true });
            if (!alone)
                continue;
            foreach (var kind in new[] { DemonstrationKind.Several, DemonstrationKind.Group })
                Sheet(kind, part).Criteria.Single(c => c.Topic == Topic.Path).SafetyCritical.ShouldBeTrue($"{part.Name}, {kind}");
        }
    }

    /// <summary>Full within ten seconds; by the rule of bands nothing at half the band's width outside it: worked by hand.</summary>
    [Theory]
    [InlineData(0.0, 3)]
    [InlineData(10.0, 3)]
    [InlineData(12.5, 1.5)]
    [InlineData(15.0, 0)]
    [InlineData(null, 0)]
    public void A_planted_fault_is_worth_what_its_catching_took(double? after, double mark)
    {
        var sheet = Sheet(DemonstrationKind.Correction, Library[0]);
        var n = 0;
        MarkEvent At(MarkKind kind, double second, string? target = null, double? value = null) =>
            new(MarkId.New(), kind, "d", n++, (long)(second * 1000), null, null, target, value, null, n);
        var events = new List<MarkEvent> { At(MarkKind.Start, 0), At(MarkKind.Planted, 20, sheet.Faults[0].Id) };
        if (after is { } s)
            events.Add(At(MarkKind.Caught, 20 + s));
        events.Add(At(MarkKind.Stop, 60));
        foreach (var c in sheet.Criteria.Where(c => c.Measure is null))
            events.Add(At(MarkKind.Mark, 70, c.Id, 3));
        events.SelectMany(e => MarkRules.Issues(e, sheet)).ShouldBeEmpty();
        var score = Score.Of(SheetState.Of(events), sheet, Reference.Settings);
        score.Criteria.Single(c => c.Criterion.Topic == Topic.Noticing).Mark!.Value.ShouldBe(mark, 1e-9);
        score.Percent.ShouldBe(100 - (25 * (3 - mark) / 3), 1e-6);
        score.Decision.ShouldBe(score.Percent >= 75 ? Decision.Pass : Decision.Fail, "no dose is asked of a correction");
    }

    [Fact]
    public void What_is_seen_in_a_lesson_is_no_attempt_and_never_too_little_shown()
    {
        var sheet = Sheet(DemonstrationKind.Everyday, Library.First(p => p.Derivation.Steps.Any(s => s.Dose.Columns.Count == 2)));
        var n = 0;
        MarkEvent At(MarkKind kind, string? target = null, double? value = null) =>
            new(MarkId.New(), kind, "d", n++, n, null, null, target, value, null, n);
        List<MarkEvent> events = [At(MarkKind.Start), At(MarkKind.Stop), .. sheet.Criteria.Select(c => At(MarkKind.Mark, c.Id, 3))];
        var score = Score.Of(SheetState.Of(events), sheet, Reference.Settings);
        score.Decision.ShouldBe(Decision.Pass);
        score.CountsAsAttempt.ShouldBeFalse();
        score.Shown.ShouldBeEmpty();
    }

    /// <summary>Talk between taps against work, worked by hand: taps at 0, 3, 6, then 21, 24: 12 s of talk, 15 s of work.</summary>
    [Fact]
    public void Talk_that_eats_the_work_of_a_group_is_measured()
    {
        var part = Library.First(p =>
            p.Derivation.Steps is [{ Dose.Columns.Count: 1 } s] && s.Completed.Dose?.Unit is not ("seconds" or "breaths") && !s.Held
        );
        var sheet = Sheet(DemonstrationKind.Group, part);
        sheet = sheet with { Steps = [sheet.Steps[0] with { CycleSeconds = 3 }] };
        var n = 0;
        MarkEvent Tap(double second) =>
            new(MarkId.New(), MarkKind.Rep, "d", n++, (long)(second * 1000), 0, sheet.Steps[0].Columns[0], null, null, null, n);
        List<MarkEvent> events = [Tap(0), Tap(3), Tap(6), Tap(21), Tap(24)];
        var talk = Score.Of(SheetState.Of(events), sheet, Reference.Settings).Criteria.Single(c => c.Criterion.Topic == Topic.Talk);
        talk.Value!.Value.ShouldBe(12.0 / 27, 1e-9);
        talk.Mark.ShouldBe(0);
    }
}
