using Wexis.Core.People;
using Wexis.Core.Techniques;

namespace Wexis.Core.Tests.Techniques;

/// <summary>The questionnaire, and what the answers mean on a day.</summary>
public class PersonScreeningTests
{
    private static readonly DateOnly Day = new(2026, 11, 3);

    private static TechniqueAtHand AtHand(string name, params Step[] steps)
    {
        var derived = Reference.Derive(steps);
        return new(name, name, derived.Classes, derived.Exclusions);
    }

    private static TechniqueAtHand Knead => AtHand("knead", A.Hand("knead", "masseter-area", 4, "knuckles"));
    private static TechniqueAtHand Gaze => AtHand("gaze", A.Act("gaze-up"));
    private static readonly IReadOnlyList<string> All = [.. Reference.Atlas.Exclusions.Keys];

    private static ScreenedTechnique One(TechniqueAtHand technique, PersonNote note, DateOnly? today = null, IReadOnlyList<string>? asked = null) =>
        ScreeningStanding.Of(new(asked ?? All, note), Day, today ?? Day, [technique], Reference.Atlas, Reference.Settings).Techniques.Single();

    private static PersonNote Had(string procedure, DateOnly on) => new([], [new(procedure, on)], []);
    private static PersonNote Is(params string[] conditions) => new(conditions, [], []);

    [Fact]
    public void Only_what_matters_for_the_techniques_at_hand_is_asked()
    {
        var breathing = Questionnaire.Of([AtHand("breath", A.Act("breathe")).Exclusions], Reference.Atlas);
        var all = Questionnaire.Of([Knead.Exclusions, Gaze.Exclusions], Reference.Atlas);
        all.Questions.Count.ShouldBeGreaterThan(breathing.Questions.Count);
        all.Questions.Select(q => q.Id).ShouldBeUnique();
    }

    [Fact]
    public void Warning_signs_come_first_and_treatments_ask_their_day()
    {
        var questions = Questionnaire.Of([Knead.Exclusions], Reference.Atlas).Questions;
        questions.Select(q => q.Group).Distinct().ShouldBe([Questionnaire.Warning, Questionnaire.Treatment, Questionnaire.State]);
        questions.Where(q => q.Group == Questionnaire.Treatment).ShouldAllBe(q => q.AsksDay);
    }

    [Fact]
    public void A_no_to_everything_allows() => One(Knead, Is()).Answer.ShouldBe("allowed");

    [Theory]
    [InlineData(14, "avoided")]   // the window is blocked through its last day (house ruling 11)
    [InlineData(28, "avoided")]   // the longer end counts
    [InlineData(29, "allowed")]
    public void A_filler_keeps_kneading_away_for_28_days(int days, string answer) => One(Knead, Had("ci-filler", Day.AddDays(-days))).Answer.ShouldBe(answer);

    [Fact]
    public void The_sentence_names_the_day_and_defers_to_whoever_treated()
    {
        var screened = One(Knead, Had("ci-filler", Day));
        screened.FreeFrom.ShouldBe(new DateOnly(2026, 12, 2));
        screened.Says.ShouldContain("2 December");
        screened.Says.ShouldContain("whoever treated you");
    }

    [Fact]
    public void A_warning_sign_stops_everything_it_touches()
    {
        var screened = One(Gaze, Is("ci-ptosis-new"));
        screened.Answer.ShouldBe("stop");
        screened.Says.ShouldContain("doctor today");
    }

    [Fact]
    public void What_was_never_asked_is_not_a_no()
    {
        var screened = One(Knead, Is(), asked: ["ci-filler"]);
        screened.Answer.ShouldBe("not-asked");
        screened.NotAsked.ShouldNotBeEmpty();
    }

    [Theory]
    [InlineData(90, "good", "allowed")]
    [InlineData(91, "expired", "not-asked")]
    public void Answers_hold_for_ninety_days(int days, string standing, string answer)
    {
        var result = ScreeningStanding.Of(new(All, Is()), Day, Day.AddDays(days), [Knead], Reference.Atlas, Reference.Settings);
        result.Standing.ShouldBe(standing);
        result.Techniques.Single().Answer.ShouldBe(answer);
    }

    [Fact]
    public void A_known_reason_against_it_outlives_the_ninety_days() => One(Gaze, Is("ci-ptosis-new"), Day.AddDays(400)).Answer.ShouldBe("stop");

    [Fact]
    public void A_window_does_not_open_what_another_state_forbids()
    {
        var note = new PersonNote(["ci-skin-infection"], [new("ci-filler", Day)], []);
        One(Knead, note).FreeFrom.ShouldBeNull();
    }

    [Theory]
    [InlineData(null, "note.procedures[0].date")]
    [InlineData("2026-11-04", "note.procedures[0].date")]
    [InlineData("1899-01-01", "note.procedures[0].date")]
    public void A_treatment_needs_a_day_that_has_been(string? day, string path) =>
        new ScreeningAnswers(All, new([], [new("ci-filler", day is null ? null : DateOnly.Parse(day, System.Globalization.CultureInfo.InvariantCulture))], [])).Issues(Day, Reference.Atlas).ShouldHaveSingleItem().Path.ShouldBe(path);

    [Fact]
    public void Unknown_states_are_named() => new ScreeningAnswers(All, Is("ci-nonsense")).Issues(Day, Reference.Atlas).ShouldHaveSingleItem().Got.ShouldBe("ci-nonsense");

    [Fact]
    public void Without_a_yes_a_purpose_and_a_day_nothing_is_kept() =>
        new Consent(false, " ", null).Issues(Day, "consent").Select(i => i.Path).ShouldBe(["consent.given", "consent.purpose", "consent.on"]);
}
