using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Notes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Old notes as draft steps: what is unknown is named, what is garbled is asked about, what is doubled is never added.</summary>
public class NoteReadingTests
{
    private static NoteReading Read(string text) => NoteReading.Of(text, Reference.Atlas).Value!;

    private static NoteLine Line(string text) => Read(text).Lines.ShouldHaveSingleItem();

    [Fact]
    public void A_sentence_that_says_all_becomes_a_step_with_place_pressure_finger_and_dose()
    {
        var step = Read("With two fingers stroke lightly from the chin to the ear lobe, 5 times each side.")
            .Draft.AllSteps.ShouldHaveSingleItem();
        var hand = step.AllHands.ShouldHaveSingleItem();
        (hand.Verb, hand.Contact, hand.Pressure).ShouldBe(("stroke", "two-fingers", 2));
        hand.AllPath.Select(p => p.At).ShouldBe(["pogonion", "jaw_mid", "gonion", "lobe"]);
        step.Dose!.Line.ShouldBe("5 times each side");
    }

    [Fact]
    public void What_is_not_said_is_listed_and_not_guessed()
    {
        var line = Line("Stroke upwards like this.");
        line.Kind.ShouldBe(NoteKind.Step);
        line.Unknown.ShouldBe(["“like this”: where, or how?"]);
        line.Missing.ShouldBe([
            "How many, how long?",
            "Where: from which place to which?",
            "How hard?",
            "With which part of the hand, or which tool?",
        ]);
        var draft = Read("Stroke upwards like this.").Draft with { Name = "From notes" };
        Derivation.Of(draft, Reference.Atlas, Reference.Model, Reference.Settings).Standing.ShouldBe(DerivedStanding.Draft);
    }

    [Theory]
    [InlineData("it works the zygomaticus mayor", "zygomaticus-major")]
    [InlineData("this trains the frontallis", "frontalis")]
    [InlineData("relaxes the massater", "masseter-superficial")]
    [InlineData("good for the platisma", "platysma")]
    [InlineData("it lifts the obicularis oculi", "orbicularis-oculi-orbital")]
    [InlineData("the corugator gets soft", "corrugator-supercilii")]
    public void A_garbled_name_is_resolved_for_confirmation(string text, string structure) =>
        Line(text).Garbled.ShouldContain(g => g.Likely[0].Structure == structure);

    [Theory]
    [InlineData("Massage the temples slowly.")]
    [InlineData("Circle with the middle finger before breakfast.")]
    [InlineData("The masseter is kneaded.")]
    public void Plain_words_and_right_names_are_left_alone(string text) => Line(text).Garbled.ShouldBeEmpty();

    [Theory]
    [InlineData("Never press on the eyeball.", NoteKind.Caution)]
    [InlineData("Do not pull the skin.", NoteKind.Caution)]
    [InlineData("Press on the closed eye for 10 seconds.", NoteKind.Step)]
    [InlineData("Hold your breath and push.", NoteKind.Step)]
    public void Where_a_not_decides_the_sentence_waits_for_a_person(string text, NoteKind kind)
    {
        Line(text).Polarity.ShouldNotBeNull();
        Line(text).Kind.ShouldBe(kind);
    }

    /// <summary>"Without" is neither lost nor misheard for something else; who is asked of each learns to click it away.</summary>
    [Theory]
    [InlineData("Open the eyes wide without lifting the forehead, 10 times.")]
    [InlineData("Slide the ring finger under the eye from the inner to the outer corner, without pressure, 6 times.")]
    [InlineData("Use almost no pressure.")]
    [InlineData("Squeeze the eyes shut for 3 seconds, 10 times.")]
    [InlineData("Turn the head to the right, hold 10 s.")]
    public void Where_no_not_decides_nobody_is_asked(string text) => Line(text).Polarity.ShouldBeNull();

    [Fact]
    public void An_unsafe_sentence_is_stopped_once_it_is_a_step()
    {
        var draft = Read("Press firmly with the thumb on the upper lid for 10 seconds.").Draft with { Name = "From notes" };
        Derivation.Of(draft, Reference.Atlas, Reference.Model, Reference.Settings).Standing.ShouldBe(DerivedStanding.Stopped);
    }

    [Fact]
    public void What_stands_there_twice_is_asked_about_and_never_added()
    {
        var reading = Read("Smile 10 times. Keep the brow still. Smile 10 times.");
        reading.Draft.AllSteps.Count.ShouldBe(1);
        reading.Lines[2].Kind.ShouldBe(NoteKind.Repeat);
        reading.Lines[2].Step.ShouldBe(0);
    }

    [Fact]
    public void What_leans_on_a_step_may_be_said_of_the_next_one_too_and_only_there_it_is_no_repeat()
    {
        var reading = Read(
            "Place two fingers at the temple. Press gently. 10 times. Change sides. Place two fingers at the temple. Circle gently. "
                + "10 times. Change sides. 10 times."
        );
        reading.Lines.Select(l => l.Kind.Word()).ShouldBe(["start", "step", "dose", "side", "start", "step", "dose", "side", "repeat"]);
        reading.Draft.AllSteps.Select(s => s.Dose!.Line).ShouldBe(["10 times, each side", "10 times, each side"]);
    }

    [Fact]
    public void Hands_that_are_laid_for_a_time_are_a_step() =>
        Read("Place the palms on the forehead for 20 seconds.")
            .Draft.AllSteps.ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(s => s.AllHands.Single().Verb.ShouldBe("hold-still"), s => s.Dose!.Line.ShouldBe("20 seconds"));

    [Fact]
    public void Stillness_belongs_to_the_step_before_and_advice_stands_apart()
    {
        var reading = Read("Look up 5 times. Keep the forehead still. Drink more water. It strengthens the eyelid.");
        reading.Draft.AllSteps.ShouldHaveSingleItem().AllStill.ShouldContain("forehead-central");
        reading.Draft.Advice.ShouldBe(["Drink more water."]);
        reading.Draft.Claims!.Select(c => c.Text).ShouldBe(["It strengthens the eyelid."]);
    }

    /// <summary>Prose as trainers write it: a heading, hands laid first, the other side and the hold in sentences of their own.</summary>
    [Fact]
    public void Sentences_that_lean_on_the_one_before_are_read_with_it()
    {
        var reading = Read(
            """
            Brow smoother for tired mornings.
            Place two fingers at the inner brow. Glide gently to the temple ten times. Hold each for five seconds.
            Then again 10 times on the other side.
            This works the frontails and the zygomatic major. Never press on the eyeball. Do this every morning.
            """
        );
        reading.Lines.Select(l => l.Kind.Word()).ShouldBe(["title", "start", "step", "dose", "side", "claim", "caution", "dose"]);
        reading.Draft.Name.ShouldBe("Brow smoother for tired mornings");
        var step = reading.Draft.AllSteps.ShouldHaveSingleItem();
        step.Dose!.Line.ShouldBe("10 times, hold 5 s, each side, once a day");
        var hand = step.AllHands.ShouldHaveSingleItem();
        (hand.Verb, hand.Contact, hand.Pressure, hand.Sides).ShouldBe(("stroke", "two-fingers", 2, "one-then-other"));
        hand.AllPath.Select(p => p.At).ShouldBe(["brow_head", "brow_mid", "brow_peak", "brow_tail", "temple_hollow"]);
        reading.Lines.SelectMany(l => l.Unknown.Concat(l.Missing)).ShouldBeEmpty("everything was said");
        var read = DoseLine.Read(step.Dose.Line, new(hand.Sides), Reference.Settings, "dose");
        (read.Dose.Reps, read.Dose.Per, read.HoldSeconds, read.Dose.TimesADay).ShouldBe((10, "side", 5, 1));
        read.Questions.ShouldBeEmpty();
    }

    [Theory]
    [InlineData("Smile. Ten times.", "10 times")]
    [InlineData("Smile five or six times.", "5 to 6 times")]
    [InlineData("Smile for half a minute.", "30 seconds")]
    [InlineData("Smile 8 times, twice a day.", "8 times, twice a day")]
    [InlineData("Smile 8 times. Three times a week.", "8 times, 3 times a week")]
    [InlineData("Smile on the left side 8 times. Switch sides.", "8 times, each side")]
    [InlineData("Finish with three slow breaths.", "3 breaths")]
    [InlineData("- smile x3", "x3")]
    public void A_dose_is_taken_in_figures_and_read_by_the_dose_line(string text, string line)
    {
        var dose = Read(text).Draft.AllSteps.ShouldHaveSingleItem().Dose!;
        dose.Line.ShouldBe(line);
        DoseLine.Read(dose.Line, new("both"), Reference.Settings, "dose").Issues.ShouldBeEmpty();
    }

    [Theory]
    [InlineData("Smile 10 times. Repeat 3 times.", "“10 times” was said, now “3 times”")]
    [InlineData("Smile 10 times. Repeat the whole thing twice.", "nothing was multiplied")]
    [InlineData("Smile on the left side 10 times. Now 8 times on the other side.", "which is it?")]
    public void What_might_be_a_repeat_a_set_or_a_slip_is_asked_and_changes_nothing(string text, string question)
    {
        var reading = Read(text);
        reading.Draft.AllSteps.ShouldHaveSingleItem().Dose!.Line.ShouldBe("10 times");
        reading.Lines[^1].Unknown.ShouldHaveSingleItem().ShouldContain(question);
    }

    [Fact]
    public void Hands_that_lie_there_while_the_face_moves_belong_to_its_step_and_what_they_do_is_asked()
    {
        var reading = Read("Put both index fingers at the corners of the mouth. Smile 10 times.");
        var step = reading.Draft.AllSteps.ShouldHaveSingleItem();
        (step.AllActs.Single().Do, step.AllHands.Single().Contact, step.AllHands.Single().AllPath.Single().At).ShouldBe(
            ("smile", "fingertip-index", "cheilion")
        );
        reading.Lines[0].Step.ShouldBe(0);
        reading.Lines[1].Missing.ShouldHaveSingleItem().ShouldContain("do they resist");
    }

    [Fact]
    public void Hands_that_are_laid_and_then_do_nothing_are_a_step_with_a_question() =>
        Read("Place the palms on the forehead.")
            .Lines.ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(l => l.Step.ShouldBe(0), l => l.Unknown.ShouldNotBeEmpty());

    [Fact]
    public void A_list_in_headwords_is_read_like_prose()
    {
        var reading = Read(
            """
            CHEEK LIFT
            1. Sit upright, shoulders down, jaw loose.
            2. Fold the upper lip over the teeth.
            3. Smile to lift the cheeks up. Place the index fingers lightly on the cheeks.
            4. Do this 10 times.
            Works zygomaticus and the risorius.
            Not after fillers.
            Oil on the hands!
            """
        );
        reading
            .Lines.Select(l => l.Kind.Word())
            .ShouldBe(["title", "pose", "step", "step", "start", "dose", "claim", "caution", "material"]);
        reading.Draft.AllSteps.Select(s => s.AllActs.Single().Do).ShouldBe(["roll-lips-in", "smile"]);
        reading
            .Draft.AllSteps[0]
            .State!.ShouldSatisfyAllConditions(
                p => p.Shoulders.ShouldBe("down"),
                p => p.Jaw.ShouldBe("rest"),
                p => p.Head.ShouldBe("neutral")
            );
        reading
            .Draft.AllSteps[1]
            .ShouldSatisfyAllConditions(
                s => s.Dose!.Line.ShouldBe("10 times"),
                s => s.AllHands.Single().Contact.ShouldBe("fingertip-index")
            );
        reading.Draft.Materials.ShouldBe(["oil"]);
    }

    [Fact]
    public void A_stroke_told_by_its_way_only_is_worked_as_the_one_before_and_that_is_asked()
    {
        var reading = Read(
            "With flat hands stroke very lightly from the ear down to the collarbone, 8 times. Then from the middle of the chin to "
                + "the ear, 5 times. Gua sha with the stone from chin to earlobe, 15 degrees, 6 strokes. Repeat left."
        );
        var steps = reading.Draft.AllSteps;
        steps.Select(s => s.AllHands.Single().Verb).ShouldBe(["stroke", "stroke", "tool-stroke"]);
        steps[1]
            .AllHands.Single()
            .ShouldSatisfyAllConditions(
                h => h.Contact.ShouldBe("four-fingers"),
                h => h.Pressure.ShouldBe(1),
                h => h.AllPath.Select(p => p.At).ShouldBe(["pogonion", "jaw_mid", "gonion", "ear_front"])
            );
        steps[1].Dose!.Line.ShouldBe("5 times");
        reading.Lines[1].Unknown.ShouldBe(["Worked as the step before it?"]);
        (steps[2].AllHands.Single().AngleDeg, steps[2].AllHands.Single().Sides).ShouldBe((15, "one-then-other"));
    }

    [Theory]
    [InlineData("Smile over the chin\nPress the lips together 5 times.", "Smile over the chin")]
    [InlineData("Exercise 3: Smile over the chin\n- press the lips 5 times", "Smile over the chin")]
    [InlineData("Smile over the chin:\n\nPress the lips 5 times.", "Smile over the chin")]
    [InlineData("Smile.\nPress the lips 5 times.", null)]
    [InlineData("Smile 10 times", null)]
    public void A_heading_that_begins_with_what_to_do_must_be_set_like_one(string text, string? name) =>
        Read(text).Draft.Name.ShouldBe(name);

    [Fact]
    public void A_second_heading_is_said_to_begin_another_technique()
    {
        var reading = Read("Lip shelf\n\nPucker 10 times.\n\nExercise 2: Cheek balloon\n\nPuff the cheeks 5 times.");
        reading.Draft.Name.ShouldBe("Lip shelf");
        reading
            .Lines[2]
            .ShouldSatisfyAllConditions(
                l => l.Kind.ShouldBe(NoteKind.Title),
                l => l.Unknown.ShouldHaveSingleItem().ShouldContain("another technique")
            );
    }

    [Fact]
    public void A_garbled_word_that_was_confirmed_is_written_as_the_atlas_writes_it_and_one_that_was_left_is_not_asked_again()
    {
        const string text = "Smile 10 times. It works the Zygomaticus  mayor and the massater.";
        var first = Read(text).Lines[^1];
        first.Garbled.Select(g => g.Said).ShouldBe(["zygomaticus mayor", "massater"]);
        first.Named.ShouldBeEmpty("half of a garbled name is no name");
        var then = NoteReading.Of(text, Reference.Atlas, [new("zygomaticus mayor", "zygomaticus-major"), new("massater", null)]).Value!;
        then.Text.ShouldBe("Smile 10 times. It works the zygomaticus major and the massater.");
        then.Lines[^1].Garbled.ShouldBeEmpty();
        then.Lines[^1].Named.Select(n => n.Structure).ShouldBe(["zygomaticus-major"]);
        then.Draft.Claims!.Single().Text.ShouldBe("It works the zygomaticus major and the massater.");
        NoteReading.Of(text, Reference.Atlas, [new("massater", "no-such-muscle")]).Issues.Single().Path.ShouldBe("confirmed[0].structure");
    }

    [Theory]
    [InlineData("It trains the great cheek muscle.", "zygomaticus-major")]
    [InlineData("It trains the pyramidal muscle.", "procerus")]
    [InlineData("It relaxes the corrugator and the masseter.", "corrugator-supercilii")]
    [InlineData("It relaxes the corrugator and the masseter.", "masseter-superficial")]
    [InlineData("It works the zygomatic major.", "zygomaticus-major")]
    [InlineData("It works the temporal muscle.", "temporalis")]
    [InlineData("It works the orbicular muscle of the mouth.", "orbicularis-oris")]
    [InlineData("It works the triangularis.", "depressor-anguli-oris")]
    public void Names_that_the_atlas_knows_are_told_with_the_sentence(string text, string structure) =>
        Line(text).Named.Select(n => n.Structure).ShouldContain(structure);

    [Fact]
    public void Nothing_and_too_much_are_refused()
    {
        NoteReading.Of(" ", Reference.Atlas).Issues.Single().Code.ShouldBe("missing");
        NoteReading.Of(new string('x', 20_001), Reference.Atlas).Issues.Single().Code.ShouldBe("too-long");
    }
}
