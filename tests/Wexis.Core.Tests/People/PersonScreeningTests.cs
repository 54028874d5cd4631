using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.People;

/// <summary>The questionnaire, and what the answers mean on a day.</summary>
public class PersonScreeningTests
{
    private static readonly DateOnly Day = new(2026, 11, 3);

    private static TechniqueAtHand AtHand(string name, params Step[] steps)
    {
        var derived = Reference.Derive(steps);
        return new(name, name, derived.Touch, derived.Exclusions);
    }

    private static TechniqueAtHand Knead => AtHand("knead", A.Hand("knead", "masseter-area", 4, "knuckles"));
    private static TechniqueAtHand Gaze => AtHand("gaze", A.Act("gaze-up"));
    private static readonly IReadOnlyList<string> All = [.. Reference.Atlas.Exclusions.Keys];

    private static ScreenedTechnique One(
        TechniqueAtHand technique,
        PersonNote note,
        DateOnly? today = null,
        IReadOnlyList<string>? asked = null
    ) =>
        ScreeningStanding
            .Of(new(asked ?? All, note), Day, today ?? Day, [technique], Reference.Atlas, Reference.Settings)
            .Techniques.Single();

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
        questions.Select(q => q.Group).Distinct().ShouldBe([Questionnaire.Acute, Questionnaire.Treatment, Questionnaire.State]);
        questions.Where(q => q.Group == Questionnaire.Treatment).ShouldAllBe(q => q.AsksDay);
    }

    [Fact]
    public void No_question_names_more_than_seven_states_and_each_is_named_once()
    {
        var groups = Questionnaire.Of([Knead.Exclusions, Gaze.Exclusions], Reference.Atlas).Groups;
        groups.ShouldAllBe(g => g.States.Count >= 1 && g.States.Count <= 7);
        groups.SelectMany(g => g.States).Select(s => s.Id).ShouldBeUnique();
    }

    [Fact]
    public void An_acute_sign_stops_every_technique_today_and_says_whom_to_call()
    {
        foreach (var sign in Reference.Atlas.Exclusions.Values.Where(e => e.RedFlag))
        foreach (var technique in new[] { Knead, Gaze, AtHand("breath", A.Act("breathe")), AtHand("ears", A.Hand("circle", "ear", 2)) })
        {
            var screened = One(technique, Is(sign.Id));
            screened.Answer.ShouldBe(TechniqueAnswer.Stop, $"{sign.Id}, {technique.Name}");
            screened.Says.ShouldContain(sign.Call!);
        }
    }

    [Fact]
    public void Known_and_treated_is_a_matter_of_asking()
    {
        One(Gaze, Is("ci-retina-known")).Answer.ShouldBe(TechniqueAnswer.Ask);
        One(Gaze, Is("ci-squint-known")).Answer.ShouldBe(TechniqueAnswer.Ask);
    }

    [Fact]
    public void Whatever_is_left_unasked_keeps_the_result_open()
    {
        foreach (var technique in new[] { Knead, Gaze })
        foreach (var left in PersonScreen.Missing([], Is(), technique.Touch, Reference.Atlas))
            One(technique, Is(), asked: [.. All.Where(id => id != left.Id)]).Answer.ShouldBe(TechniqueAnswer.NotAsked, left.Id);
    }

    [Fact]
    public void The_treated_place_decides_what_is_left_out()
    {
        var ears = AtHand("ears", A.Hand("circle", "ear", 2));
        var lips = AtHand("lips", A.Act("pucker"));
        var inTheLips = new PersonNote([], [new("ci-filler", Day, ["upper-lip", "lower-lip"])], []);
        One(ears, inTheLips).Answer.ShouldBe(TechniqueAnswer.Allowed);
        One(lips, inTheLips).Answer.ShouldBe(TechniqueAnswer.Ask);
        One(ears, Had("ci-filler", Day)).Answer.ShouldBe(TechniqueAnswer.Avoided);
    }

    [Fact]
    public void Away_from_the_place_what_acts_on_the_whole_body_still_counts_and_on_the_day_everything()
    {
        var breath = AtHand("breath", A.Hand("circle", "ear", 2) with { Cue = "Hold your breath and circle." });
        var ears = AtHand("ears", A.Hand("circle", "ear", 2));
        PersonNote Brow(string kind, DateOnly on) => new([], [new(kind, on, ["brow"])], []);
        One(breath, Brow("ci-facelift", Day.AddDays(-10))).Answer.ShouldBe(TechniqueAnswer.Avoided);
        One(ears, Brow("ci-facelift", Day.AddDays(-10))).Answer.ShouldBe(TechniqueAnswer.Allowed);
        One(ears, Brow("ci-botulinum", Day)).Answer.ShouldBe(TechniqueAnswer.Avoided);
        One(ears, Brow("ci-botulinum", Day.AddDays(-1))).Answer.ShouldBe(TechniqueAnswer.Allowed);
    }

    [Fact]
    public void Released_by_whoever_treated_is_free_from_that_day()
    {
        One(Knead, new([], [new("ci-filler", Day.AddDays(-20), null, Day.AddDays(-1))], [])).Answer.ShouldBe(TechniqueAnswer.Allowed);
        One(Knead, new([], [new("ci-filler", Day.AddDays(-20))], [])).Answer.ShouldBe(TechniqueAnswer.Avoided);
    }

    [Fact]
    public void Where_there_is_no_natural_end_it_is_asked_until_released()
    {
        One(Gaze, Had("ci-eye-flap", Day.AddDays(-3000))).Answer.ShouldBe(TechniqueAnswer.Ask);
        One(Gaze, new([], [new("ci-eye-flap", Day.AddDays(-3000), null, Day)], [])).Answer.ShouldBe(TechniqueAnswer.Allowed);
    }

    [Fact]
    public void Every_window_runs_from_blocked_to_asked_to_free_and_never_back()
    {
        // The longer end, its length once more: 14 days from day 0 block days 0 to 14, ask from 15, are over on 29 (common practice,
        // house rulings 11 and 16).
        foreach (
            var e in Reference.Atlas.Exclusions.Values.Where(e =>
                e is { LastDay: not null, RedFlag: false, UntilReleased: false, Then: null } && e.Zones is null
            )
        )
        {
            Response At(int days) =>
                PersonScreen.Of(Everything, new([], [new(e.Id, Day.AddDays(-days))], []), Day, Reference.Atlas).Response;
            var last = e.LastDay!.Value;
            At(last).ShouldBeOneOf(Response.Refuse, Response.AskClinician, Response.AllowModified);
            At(last + 1).ShouldBe(Response.AskClinician, e.Id);
            At(2 * last).ShouldBe(last == 0 ? Response.Allow : Response.AskClinician, e.Id);
            At((2 * last) + 1).ShouldBe(Response.Allow, e.Id);
        }
    }

    private static TechniqueTouch Everything =>
        new(Reference.Atlas.Document.ControlledLists.TechniqueClasses, [.. Reference.Atlas.Zones.Keys], [.. Reference.Atlas.Muscles.Keys]);

    [Fact]
    public void A_first_trimester_goes_over_into_the_rest_of_the_pregnancy()
    {
        // 13 weeks 6 days are the first three months (day 97), 14 weeks 0 days are asked (obstetric convention, from memory).
        var points = AtHand("points", A.Step() with { Hands = [A.Track("press", 2, "thumb-pad") with { Points = ["ST3"] }] });
        One(points, Had("ci-pregnancy-first-trimester", Day.AddDays(-97))).Answer.ShouldBe(TechniqueAnswer.Avoided);
        One(points, Had("ci-pregnancy-first-trimester", Day.AddDays(-98))).Answer.ShouldBe(TechniqueAnswer.Ask);
        One(points, Had("ci-pregnancy-first-trimester", Day.AddDays(-230))).Answer.ShouldBe(TechniqueAnswer.Ask);
    }

    [Theory]
    [InlineData("worst headache of my life", "stop-and-refer")]
    [InlineData("a curtain in one eye", "stop-and-refer")]
    [InlineData("jaw is stuck", "stop-and-refer")]
    [InlineData("chest pain, slurred speech", "stop-and-refer")]
    [InlineData("my arm feels weak on the left side", "stop-and-refer")]
    [InlineData("I see double since this morning", "stop-and-refer")]
    [InlineData("the corner of my mouth hangs", "stop-and-refer")]
    [InlineData("room spins", "stop-and-refer")]
    [InlineData("tongue is swelling", "stop-and-refer")]
    [InlineData("I do not feel right", "ask-clinician")]
    [InlineData("not well", "ask-clinician")]
    [InlineData("something popped", "ask-clinician")]
    [InlineData("mein Kopf tut weh", "ask-clinician")]
    [InlineData("weird", "ask-clinician")]
    [InlineData("no dizziness", "allow")]
    [InlineData("no pain, no dizziness", "allow")]
    [InlineData("I would like a softer double chin", "allow")]
    [InlineData("feels good and warm", "allow")]
    [InlineData("without any problems", "allow")]
    public void Free_words_stop_are_asked_about_or_are_wholly_understood(string report, string response) =>
        PersonScreen.Of(Knead.Touch, new([], [], [report]), Day, Reference.Atlas).Response.Word().ShouldBe(response);

    [Fact]
    public void The_last_day_of_the_calendar_is_a_day_like_another() =>
        PersonScreen
            .Of(Everything, new([], [new("ci-filler", DateOnly.MaxValue)], []), DateOnly.MaxValue, Reference.Atlas)
            .Response.ShouldBe(Response.Refuse);

    [Fact]
    public void A_no_to_everything_allows() => One(Knead, Is()).Answer.ShouldBe(TechniqueAnswer.Allowed);

    [Theory]
    [InlineData(14, TechniqueAnswer.Avoided)] // the window is blocked through its last day (house ruling 11)
    [InlineData(28, TechniqueAnswer.Avoided)] // the longer end counts
    [InlineData(29, TechniqueAnswer.Ask)] // then it is asked until its length has passed once more (house ruling 16)
    [InlineData(56, TechniqueAnswer.Ask)]
    [InlineData(57, TechniqueAnswer.Allowed)]
    public void A_filler_keeps_kneading_away_for_28_days_and_is_asked_about_for_28_more(int days, TechniqueAnswer answer) =>
        One(Knead, Had("ci-filler", Day.AddDays(-days))).Answer.ShouldBe(answer);

    [Fact]
    public void The_sentence_names_the_day_and_defers_to_whoever_treated()
    {
        var screened = One(Knead, Had("ci-filler", Day));
        screened.FreeFrom.ShouldBe(new DateOnly(2026, 12, 2));
        screened.Says.ShouldContain("2 December");
        screened.Says.ShouldContain("whoever injected");
    }

    [Fact]
    public void A_warning_sign_stops_everything_it_touches()
    {
        var screened = One(Gaze, Is("ci-ptosis-new"));
        screened.Answer.ShouldBe(TechniqueAnswer.Stop);
        screened.Says.ShouldContain("A doctor the same day");
    }

    [Fact]
    public void What_was_never_asked_is_not_a_no()
    {
        var screened = One(Knead, Is(), asked: ["ci-filler"]);
        screened.Answer.ShouldBe(TechniqueAnswer.NotAsked);
        screened.NotAsked.ShouldNotBeEmpty();
    }

    [Theory]
    [InlineData(90, AnswersHold.Good, TechniqueAnswer.Allowed)]
    [InlineData(91, AnswersHold.Expired, TechniqueAnswer.NotAsked)]
    public void Answers_hold_for_ninety_days(int days, AnswersHold standing, TechniqueAnswer answer)
    {
        var result = ScreeningStanding.Of(new(All, Is()), Day, Day.AddDays(days), [Knead], Reference.Atlas, Reference.Settings);
        result.Standing.ShouldBe(standing);
        result.Techniques.Single().Answer.ShouldBe(answer);
    }

    [Fact]
    public void A_known_reason_against_it_outlives_the_ninety_days() =>
        One(Gaze, Is("ci-ptosis-new"), Day.AddDays(400)).Answer.ShouldBe(TechniqueAnswer.Stop);

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
        new ScreeningAnswers(
            All,
            new([], [new("ci-filler", day is null ? null : DateOnly.Parse(day, System.Globalization.CultureInfo.InvariantCulture))], [])
        )
            .Issues(Day, Reference.Atlas)
            .ShouldHaveSingleItem()
            .Path.ShouldBe(path);

    [Fact]
    public void Unknown_states_are_named() =>
        new ScreeningAnswers(All, Is("ci-nonsense")).Issues(Day, Reference.Atlas).ShouldHaveSingleItem().Got.ShouldBe("ci-nonsense");

    [Fact]
    public void Without_a_yes_a_purpose_and_a_day_nothing_is_kept() =>
        new Consent(false, " ", null)
            .Issues(Day, "consent")
            .Select(i => i.Path)
            .ShouldBe(["consent.given", "consent.purpose", "consent.on"]);
}
