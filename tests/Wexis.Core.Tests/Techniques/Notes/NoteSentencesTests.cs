using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// A technique told in many short sentences (common practice of notes) says what it says in one, or it is asked about. Held against every
/// note that is a fact, its commas made full stops.
/// </summary>
public class NoteSentencesTests
{
    /// <summary>Every note of which nothing is asked, told in one sentence and in many.</summary>
    private static readonly Lazy<IReadOnlyList<(string Note, NoteReading One, NoteReading Many)>> Notes = new(() =>
        [
            .. Readings
                .Facts.Select(n => (Note: InSentences(n), One: Read(n)))
                .Where(n => n.Note.Contains(". ", StringComparison.Ordinal) && !Asks(n.One))
                .Select(n => (n.Note, n.One, Read(n.Note))),
        ]
    );

    private static NoteReading Read(string text) => Readings.Of(text);

    private static string InSentences(string note) => Regex.Replace(note, @", (\w)", m => $". {m.Groups[1].Value.ToUpperInvariant()}");

    private static bool Asks(NoteReading read) => read.Lines.Any(l => l.Unknown.Count > 0);

    private static IReadOnlyList<string> Numbers(NoteReading read) =>
        [.. read.Draft.AllSteps.SelectMany(s => Regex.Matches(s.Dose?.Line ?? "", @"\d+").Select(m => m.Value)).Order()];

    /// <summary>Two of three are read in many sentences without a question, too.</summary>
    [Fact]
    public void Most_are_read_in_many_sentences_too() =>
        Notes.Value.Count(n => !Asks(n.Many)).ShouldBeGreaterThan(Notes.Value.Count * 2 / 3);

    /// <summary>
    /// What is counted in one sentence is counted in many, or asked.
    /// </summary>
    [Fact]
    public void Counts_and_times_are_kept_or_asked_about()
    {
        var lost = Notes
            .Value.Where(n =>
                !Asks(n.Many)
                && Numbers(n.One).Except(Numbers(n.Many)).Any()
                // A time may be told as how long the way back takes.
                && n.Many.Draft.AllSteps.All(s => s.Tempo is null)
            )
            .Select(n => n.Note)
            .ToList();
        lost.ShouldBeEmpty();
    }

    /// <summary>Every movement of a note is in the draft of its sentences, or something is asked: one in a hundred may differ.</summary>
    [Fact]
    public void Movements_are_kept_or_asked_about()
    {
        var lost = Notes.Value.Where(n => !Asks(n.Many) && Does(n.One).Except(Does(n.Many)).Any()).Select(n => n.Note).ToList();
        lost.Count.ShouldBeLessThan(Notes.Value.Count / 100);

        static IEnumerable<string?> Does(NoteReading read) => read.Draft.AllSteps.SelectMany(s => s.AllActs).Select(a => a.Do);
    }

    /// <summary>How hard, with what, where: kept in the sentences or asked about. One in a hundred may differ.</summary>
    [Fact]
    public void Hands_are_kept_or_asked_about()
    {
        var lost = Notes
            .Value.Where(n => !n.Many.Lines.Any(l => l.Unknown.Count + l.Missing.Count > 0) && Told(n.One).Except(Told(n.Many)).Any())
            .Select(n => n.Note)
            .ToList();
        lost.Count.ShouldBeLessThan(Notes.Value.Count / 100);

        static IEnumerable<string?> Told(NoteReading read) =>
            read
                .Draft.AllSteps.SelectMany(s => s.AllHands)
                .SelectMany(h => (string?[])[h.Contact, $"{h.Pressure}", h.GripOrSlip, .. h.AllPath.Select(p => p.At), .. h.AllZones]);
    }

    /// <summary>Breath that is told after a step goes with it; it was a step of its own, in which the face moved once more.</summary>
    [Theory]
    [InlineData("Raise the brows, hold 5 s, 10x. Breathe out as you lift.", true)]
    [InlineData("Raise the brows, hold 5 s, 10x. Breathe out on the effort.", true)]
    [InlineData("Raise the brows, hold 5 s, 10x. Deep belly breaths.", true)]
    [InlineData("Raise the brows, hold 5 s, 10x. Breathe calmly.", false)]
    [InlineData("Raise the brows, hold 5 s, 10x. Keep breathing.", false)]
    public void Breath_goes_with_the_step_before(string note, bool act)
    {
        var step = Single(note);
        step.AllActs.Select(a => a.Do).ShouldBe(act ? ["raise-brows", "breathe"] : ["raise-brows"]);
        step.Dose!.Line.ShouldBe("hold 5 s, 10x");
    }

    /// <summary>How a part is held meanwhile is no step of its own.</summary>
    [Theory]
    [InlineData("Push the head back against the hands, 6 s, 5 times. Chin slightly tucked.", "head-back chin-tuck")]
    [InlineData(
        "Push the lower jaw forward. Show the lower teeth. Hold 3 s. 12 reps. Neck tense.",
        "jaw-forward lower-lip-down grimace-neck"
    )]
    public void What_is_held_meanwhile_goes_with_the_step(string note, string does) =>
        string.Join(' ', Single(note).AllActs.Select(a => a.Do)).ShouldBe(does);

    /// <summary>A tool that was named goes on; "neck down" bowed the head.</summary>
    [Fact]
    public void A_tool_works_on_where_only_a_part_and_a_way_are_told()
    {
        var steps = Read("Roll with the roller from the chin to the ear, light, 5x. Then neck down 5x. Wipe it first.").Draft.AllSteps;
        steps.Count.ShouldBe(2);
        steps[1].AllActs.ShouldBeEmpty();
        steps[1].AllHands.ShouldHaveSingleItem().AllZones.ShouldContain("lateral-neck");
    }

    /// <summary>
    /// What is forbidden is never done: no hand works harder, and no movement stronger, because a note says how it must not be ("without
    /// firm pressure" was firm). Held against every twelfth note, in a sentence of its own and in the middle of one.
    /// </summary>
    [Theory]
    [InlineData("never hard")]
    [InlineData("no hard pressure")]
    [InlineData("no deep pressure here")]
    [InlineData("not with strong pressure")]
    [InlineData("without firm pressure")]
    [InlineData("don't press hard")]
    [InlineData("not firmly")]
    [InlineData("not hard or deep")]
    public void What_is_forbidden_is_not_done(string forbidden)
    {
        var harder = Notes
            .Value.Where((_, i) => i % 12 == 0)
            .SelectMany(n =>
                new[]
                {
                    $"{n.Note.TrimEnd('.', ' ')}. {char.ToUpperInvariant(forbidden[0])}{forbidden[1..]}.",
                    $"{n.One.Lines[0].Text.TrimEnd('.', ' ')}, {forbidden}",
                }.Select(told => (Told: told, n.One))
            )
            .Where(n =>
                Read(n.Told) is var now
                && (
                    now.Draft.AllSteps.SelectMany(s => s.AllHands).Any(h => h.Pressure > Math.Max(2, Hardest(n.One)))
                    || now.Draft.AllSteps.SelectMany(s => s.AllActs).Any(a => a.Effort == "strong" && !Strong(n.One))
                )
            )
            .Select(n => n.Told)
            .ToList();
        harder.ShouldBeEmpty();

        static int Hardest(NoteReading read) => read.Draft.AllSteps.SelectMany(s => s.AllHands).Max(h => h.Pressure) ?? 0;
        static bool Strong(NoteReading read) => read.Draft.AllSteps.SelectMany(s => s.AllActs).Any(a => a.Effort == "strong");
    }

    [Fact]
    public void What_must_not_resist_does_not() =>
        Read("Smile, 10x, not against the fingers.").Draft.AllSteps.SelectMany(s => s.AllActs).ShouldHaveSingleItem().Resist.ShouldBeNull();

    /// <summary>A way back is no movement of its own.</summary>
    [Theory]
    [InlineData("Turn the head right, hold 10 s. Come back to centre slowly. Repeat left.", "head-turn")]
    [InlineData("Push the jaw forward, hold 5 s. Back to the middle. 6 times.", "jaw-forward")]
    [InlineData("Kiss the ceiling, hold 5 s. Chin back to level. 6 times.", "kiss-ceiling")]
    public void Coming_back_is_no_step(string note, string does) => Single(note).AllActs.ShouldHaveSingleItem().Do.ShouldBe(does);

    /// <summary>The last one held longer is a step of its own, and nothing is asked.</summary>
    [Theory]
    [InlineData("Squint, hold 3 s. 10 reps. Last one hold 10.", "hold 10 s")]
    [InlineData("Squint 10 times, hold the last one for 8 seconds.", "hold 8 s")]
    [InlineData("Smile, 12x. On the last rep hold 10 counts.", "hold 10 counts")]
    public void The_last_one_is_held_longer(string notes, string line)
    {
        var read = Read(notes);
        read.Draft.AllSteps.Count.ShouldBe(2);
        read.Draft.AllSteps[1].Dose!.Line.ShouldBe(line);
        read.Draft.AllSteps[1].AllActs[0].Do.ShouldBe(read.Draft.AllSteps[0].AllActs[0].Do);
        read.Lines.SelectMany(l => l.Unknown).ShouldBeEmpty();
    }

    /// <summary>How long, how many and how long between, told one by one, are one dose.</summary>
    [Theory]
    [InlineData("Press the tongue to the palate. Count to 8. Let go 4. Ten of these.", "10 times, hold 8 s, rest 4 s")]
    [InlineData("Raise the brows. Hold for 4 slow breaths. 2 rounds.", "2 times, Hold for 4 breaths")]
    [InlineData("Suck the cheeks in. Hold 8. Rest 4. 5 rounds.", "5 times, hold 8 s, rest 4 s")]
    [InlineData("Breathe in 4 s. Out 6 s. 10 breaths.", "in 4, out 6, 10 breaths")]
    [InlineData("Pinch along the brows with thumb and index finger. From the inside out. 5 pinches. 3 rounds.", "3 x 5")]
    [InlineData("Place a palm on your forehead. Press your head into it. Resist. 5 seconds. 5 times.", "5 times, hold 5 s")]
    [InlineData("Circle on the temples with two fingers. Light. 20.", "20 times")]
    [InlineData(
        "Knead along the jaw from the chin to the ear with the knuckles. Medium pressure. 8 strokes each side.",
        "8 strokes each side"
    )]
    public void One_dose_may_be_told_in_many_sentences(string notes, string line) => Single(notes).Dose!.Line.ShouldBe(line);

    /// <summary>A count after two or three movements that are held alike is of all of them.</summary>
    [Theory]
    [InlineData("Look left. Hold 5 s. Look right. Hold 5 s. Three rounds.", "gaze-side")]
    [InlineData("Press the lips together 5 s, then pucker 5 s, then smile 5 s. 6 rounds.", "press-lips pucker smile")]
    [InlineData("Suck the cheeks in. Pucker the lips. Hold 5 s. 5 times.", "suck-cheeks pucker")]
    [InlineData("Puff the right cheek. Hold 5. Puff the left cheek. Hold 5. 5x.", "puff-cheeks")]
    public void Movements_in_turn_are_counted_together(string notes, string does)
    {
        var step = Single(notes);
        string.Join(' ', step.AllActs.Select(a => a.Do)).ShouldBe(does);
        step.AllActs.ShouldAllBe(a => a.Side == "both");
    }

    /// <summary>Sentences that say nothing by themselves are read with those beside them.</summary>
    [Theory]
    [InlineData("Ring finger. Inner corner to temple under the eye. Feather light. 5 times.", "fingertip-ring", 1)]
    [InlineData("2 fingers on temples. Medium pressure. Small circles 10x.", "two-fingers", 3)]
    [InlineData("Jaw. Fist under the chin. Open slowly against it. 10x.", "knuckles", null)]
    [InlineData("Stroke from the chin to the ear. Knuckles. Firm. 8x. With oil.", "knuckles", 4)]
    public void Sentences_are_read_together(string notes, string contact, int? pressure)
    {
        var hand = Single(notes).AllHands.ShouldHaveSingleItem();
        hand.Contact.ShouldBe(contact);
        hand.Pressure.ShouldBe(pressure);
    }

    /// <summary>Each side, in a sentence of its own, is worked one after the other.</summary>
    [Fact]
    public void Sides_may_be_told_with_the_count()
    {
        Single("Stroke down the neck with flat fingers. Light. 5x per side.").AllHands[0].Sides.ShouldBe("one-then-other");
        Single("Tilt the head to the right. Hold 15 s. Three times each side.").AllActs[0].Side.ShouldBe("both");
    }

    /// <summary>A way that goes on, of which nothing was counted yet, is one way to its end.</summary>
    [Fact]
    public void A_way_goes_on_to_its_end() =>
        Single("Ring finger, feather light, from the inner corner under the eye out to the temple, then down in front of the ear. 5x.")
            .AllHands[0]
            .AllPath.Select(p => p.At)
            .ShouldBe(["orbital_rim_medial", "orbital_rim_inferior", "orbital_rim_lateral", "temple_hollow", "ear_front"]);

    /// <summary>What goes on where the hand is, or with what was taken, is one step with it.</summary>
    [Theory]
    [InlineData(
        "Put the middle fingers beside the nostrils. Press gently. Circle 5 times each way.",
        "circle",
        "fingertip-middle",
        "alare"
    )]
    [InlineData("Massage the jaw muscles with fingertips. Small circles. 10 times.", "circle", "four-fingers", "masseter-area")]
    [InlineData("Take the ear lobes between thumb and index finger. Pull them down. 10 times.", "lift-hold", "pinch-thumb-index", "lobe")]
    [InlineData(
        "Use a roller on the forehead. Roll up from the brows to the hairline. 10 times.",
        "roll",
        "roller-large",
        "brow_mid trichion"
    )]
    [InlineData("Take a roller. Roll up from the brows to the hairline. 10 times.", "roll", "roller-large", "brow_mid trichion")]
    [InlineData(
        "Place three fingers on each cheek. Push the cheeks up towards the eyes. 10 s.",
        "lift-hold",
        "three-fingers",
        "buccal-cheek"
    )]
    [InlineData(
        "Pinch the jawline with thumb and index finger. Go from the chin to the ear. 5 pinches.",
        "pinch-roll",
        "pinch-thumb-index",
        "pogonion jaw_mid gonion ear_front"
    )]
    public void What_goes_on_there_is_one_step(string notes, string verb, string contact, string where)
    {
        var hand = Single(notes).AllHands.ShouldHaveSingleItem();
        (hand.Verb, hand.Contact).ShouldBe((verb, contact));
        string.Join(' ', hand.AllPath.Select(p => p.At).Concat(hand.AllZones)).ShouldBe(where);
    }

    /// <summary>The cheeks rise by themselves where a smile lifts them.</summary>
    [Fact]
    public void Hands_that_lie_there_push_nothing_that_smiles() =>
        Single("Place the palms on the cheeks. Lift the cheeks with a smile. 10x.").AllActs.ShouldHaveSingleItem().Do.ShouldBe("smile");

    /// <summary>A count behind a sentence that nobody could read may be of that one: asked.</summary>
    [Fact]
    public void A_count_behind_what_was_not_read_is_asked_about()
    {
        var read = Read("Smile 5 s. Fold the ears over. 10 times.");
        read.Lines[^1].Unknown.ShouldNotBeEmpty();
    }

    /// <summary>Where a hand was laid is in the step or asked about.</summary>
    [Fact]
    public void Where_a_hand_was_laid_is_not_lost()
    {
        var read = Read("Thumbs between the brows, other fingers on the temples. Slide the thumbs along the brows. 8 strokes.");
        read.Lines.SelectMany(l => l.Unknown).ShouldContain(q => q.Contains("between the brows", StringComparison.Ordinal));
    }

    /// <summary>What may move, when it is done, and when to stop: kept in the words of the note.</summary>
    [Theory]
    [InlineData("Raise the brows, 10x. Nothing else moves.", "Nothing else moves.")]
    [InlineData("Raise the brows, 10x. Stop w/ pain in the eyes.", "Stop with pain in the eyes.")]
    [InlineData("Raise the brows, 10x. Ask about the neck first.", "Ask about the neck first.")]
    public void What_must_not_be_is_a_caution(string notes, string caution)
    {
        var read = Read(notes);
        read.Draft.Cautions!.ShouldContain(caution);
        read.Lines.ShouldAllBe(l => l.Kind != NoteKind.Unread);
    }

    /// <summary>A word that a longer one begins with is not cut off: "hair." was the hairline, and ran on into the next sentence.</summary>
    [Theory]
    [InlineData("Move the scalp with flat fingers, don't slide on the hair. 10 each direction.", "don't slide on the hair.")]
    public void A_whole_word_ends_its_sentence(string notes, string caution) => Read(notes).Draft.Cautions!.ShouldContain(caution);

    /// <summary>What is told after a colon or with a verb is no name of the technique.</summary>
    [Theory]
    [InlineData("Lion: tongue out. Eyes wide. Hold 7 s. 3x", "tongue-out widen-eyes")]
    [InlineData("Lips: fold in. Smile. Hold 10 s. 4x", "smile")]
    [InlineData("Form an O with the lips. Then smile. 15 times.", "funnel-o smile")]
    [InlineData("Half close the lower lids. Hold 5 seconds. 12 times.", "lift-lower-lid")]
    [InlineData("Shut the eyes. 10 times.", "close-lids")]
    public void What_is_done_is_no_name(string notes, string does)
    {
        var read = Read(notes);
        read.Draft.Name.ShouldBeNull();
        string.Join(' ', read.Draft.AllSteps.SelectMany(s => s.AllActs).Select(a => a.Do)).ShouldBe(does);
    }

    private static Step Single(string notes)
    {
        var read = Read(notes);
        read.Lines.SelectMany(l => l.Unknown).ShouldBeEmpty(notes);
        return read.Draft.AllSteps.ShouldHaveSingleItem(notes);
    }
}
