using Wexis.Core.Techniques;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Old notes as draft steps: what is unknown is named, what is garbled is asked about, what is doubled is never added.</summary>
public class NoteReadingTests
{
    private static NoteReading Read(string text) => NoteReading.Of(text, Reference.Atlas).Value!;
    private static NoteLine Line(string text) => Read(text).Lines.ShouldHaveSingleItem();

    [Fact]
    public void A_sentence_that_says_all_becomes_a_step_with_place_pressure_finger_and_dose()
    {
        var step = Read("With two fingers stroke lightly from the chin to the ear lobe, 5 times each side.").Draft.AllSteps.ShouldHaveSingleItem();
        var hand = step.AllHands.ShouldHaveSingleItem();
        (hand.Verb, hand.Contact, hand.Pressure).ShouldBe(("stroke", "two-fingers", 2));
        hand.AllPath.Select(p => p.At).ShouldBe(["pogonion", "lobe"]);
        step.Dose!.Line.ShouldBe("5 times, each side");
    }

    [Fact]
    public void What_is_not_said_is_listed_and_not_guessed()
    {
        var line = Line("Stroke upwards like this.");
        line.Kind.ShouldBe("step");
        line.Unknown.ShouldBe(["How many, how long?", "“like this”: where, or how?", "Where: from which place to which?", "How hard?", "With which part of the hand, or which tool?"]);
        var draft = Read("Stroke upwards like this.").Draft with { Name = "From notes" };
        Derivation.Of(draft, Reference.Atlas, Reference.Model, Reference.Settings).Standing.ShouldBe("draft");
    }

    [Theory]
    [InlineData("it works the zygomaticus mayor", "zygomaticus-major")]
    [InlineData("this trains the frontallis", "frontalis")]
    [InlineData("relaxes the massater", "masseter-superficial")]
    [InlineData("good for the platisma", "platysma")]
    [InlineData("it lifts the obicularis oculi", "orbicularis-oculi-orbital")]
    [InlineData("the corugator gets soft", "corrugator-supercilii")]
    public void A_garbled_name_is_resolved_for_confirmation(string text, string structure) => Line(text).Garbled.ShouldContain(g => g.Means == structure);

    [Theory]
    [InlineData("Massage the temples slowly.")]
    [InlineData("Circle with the middle finger before breakfast.")]
    [InlineData("The masseter is kneaded.")]
    public void Plain_words_and_right_names_are_left_alone(string text) => Line(text).Garbled.ShouldBeEmpty();

    [Theory]
    [InlineData("Never press on the eyeball.", "caution")]
    [InlineData("Do not pull the skin.", "caution")]
    [InlineData("Press on the closed eye for 10 seconds.", "step")]
    [InlineData("Hold your breath and push.", "step")]
    public void Where_a_not_decides_the_sentence_waits_for_a_person(string text, string kind)
    {
        Line(text).Polarity.ShouldNotBeNull();
        Line(text).Kind.ShouldBe(kind);
    }

    [Fact]
    public void An_unsafe_sentence_is_stopped_once_it_is_a_step()
    {
        var draft = Read("Press firmly with the thumb on the upper lid for 10 seconds.").Draft with { Name = "From notes" };
        Derivation.Of(draft, Reference.Atlas, Reference.Model, Reference.Settings).Standing.ShouldBe("stopped");
    }

    [Fact]
    public void What_stands_there_twice_is_asked_about_and_never_added()
    {
        var reading = Read("Smile 10 times. Keep the brow still. Smile 10 times.");
        reading.Draft.AllSteps.Count.ShouldBe(1);
        reading.Lines[2].Kind.ShouldBe("repeat");
        reading.Lines[2].Step.ShouldBe(0);
    }

    [Fact]
    public void Stillness_belongs_to_the_step_before_and_advice_stands_apart()
    {
        var reading = Read("Look up 5 times. Keep the forehead still. Drink more water. It strengthens the eyelid.");
        reading.Draft.AllSteps.ShouldHaveSingleItem().AllStill.ShouldContain("forehead-central");
        reading.Draft.Advice.ShouldBe(["Drink more water."]);
        reading.Draft.Claims!.Select(c => c.Text).ShouldBe(["It strengthens the eyelid."]);
    }

    [Fact]
    public void Nothing_and_too_much_are_refused()
    {
        NoteReading.Of(" ", Reference.Atlas).Issues.Single().Code.ShouldBe("missing");
        NoteReading.Of(new string('x', 20_001), Reference.Atlas).Issues.Single().Code.ShouldBe("too-long");
    }
}
