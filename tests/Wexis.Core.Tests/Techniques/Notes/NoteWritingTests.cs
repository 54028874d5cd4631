using System.Text.Json;
using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Notes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// The same note in another hand: shorthand, missing articles, dashes for commas (common practice). Held against every note that is a
/// fact.
/// </summary>
public class NoteWritingTests
{
    private static readonly IReadOnlyList<string> Notes = Readings.Facts;

    /// <summary>What a note says, without how it says it: its steps, and the number of its questions.</summary>
    private static (string Steps, int Asked) Says(string note)
    {
        var read = Readings.Of(note);
        var steps = read.Draft.AllSteps.Select(s =>
            s with
            {
                Cue = null,
                Dose = s.Dose is { Line: { } line } dose
                    ? dose with
                    {
                        Line = string.Join(
                            ' ',
                            Regex.Matches(line.ToLowerInvariant(), @"\d+|each|side|way|rest|hold|sets").Select(m => m.Value).Order()
                        ),
                    }
                    : s.Dose,
                EndPoint = s.EndPoint is null ? null : "told",
            }
        );
        return (JsonSerializer.Serialize(steps), read.Lines.Sum(l => l.Unknown.Count));
    }

    private static readonly Lazy<Dictionary<string, (string Steps, int Asked)>> AsTheyStand = new(() => Notes.ToDictionary(n => n, Says));

    /// <summary>Notes that say something else when they are written otherwise, and do not ask more.</summary>
    private static List<string> Otherwise(Func<string, string> written) =>
        [
            .. Notes
                .Select(n => (Note: n, Other: written(n)))
                .Where(n => n.Other != n.Note)
                .Where(n =>
                    Says(n.Other) is var now && AsTheyStand.Value[n.Note] is var was && now.Steps != was.Steps && now.Asked <= was.Asked
                )
                .Select(n => n.Other),
        ];

    [Theory]
    [InlineData("with", @"\bwith (?=[a-z\d])", "w/ ")]
    [InlineData("and", " and ", " & ")]
    [InlineData("plus", " and ", " + ")]
    [InlineData("times", @"\b(\d+) times\b", "$1x")]
    [InlineData("behind x", @", (\d+) ?(?:times|x)(?=\.?\s*$)", ", x $1")]
    [InlineData("left", @"\bleft\b", "L")]
    [InlineData("right", @"\bright\b", "R")]
    [InlineData("finger tips", @"\bfingertips\b", "finger tips")]
    [InlineData("eyebrows", @"\bbrow(s?)\b", "eyebrow$1")]
    [InlineData("repeat", @", (?=\d+ ?(?:x|times)\b)", ", repeat ")]
    public void Shorthand_says_what_is_said_at_length(string _, string said, string shorter) =>
        Otherwise(n => Regex.Replace(n, said, shorter)).ShouldBeEmpty();

    /// <summary>Sides and vowels in small letters are sides and vowels.</summary>
    [Fact]
    public void A_note_in_small_letters_says_the_same() => Otherwise(n => n.ToLowerInvariant()).ShouldBeEmpty();

    /// <summary>
    /// "Outer corners of eyes": one in two hundred may read otherwise in silence, where nothing but an article tells them apart.
    /// </summary>
    [Fact]
    public void Articles_may_be_left_out() =>
        Otherwise(n => Regex.Replace(n, @"(?<!\w)(?:the|your) (?!\w*\b(?:left|right|other|one)\b)", "", RegexOptions.IgnoreCase))
            .Count.ShouldBeLessThan(Notes.Count / 200);

    /// <summary>"Open wide - tongue out - look up - 3x".</summary>
    [Fact]
    public void Dashes_list_as_commas_do() => Otherwise(n => n.Replace(", ", " - ")).Count.ShouldBeLessThan(Notes.Count / 100);

    [Theory]
    [InlineData("Open the mouth wide - stick the tongue out - look up - hold 5 s - 3 times", "open-jaw tongue-out gaze-up")]
    [InlineData("Lion - tongue out - look up - hold 5 s - 3 times", "tongue-out gaze-up")]
    [InlineData("2. Cheek lift. Smile, lips closed, 5 s, 5 x.", "smile")]
    public void A_name_before_the_work_is_no_work(string note, string does)
    {
        var read = Readings.Of(note);
        string.Join(' ', read.Draft.AllSteps.ShouldHaveSingleItem().AllActs.Select(a => a.Do)).ShouldBe(does);
        read.Lines[0].Text.ShouldBe(note.TrimStart('2', '.', ' '));
    }

    /// <summary>The two lines between the brows have a number for a name, which is no dose.</summary>
    [Theory]
    [InlineData("11s – thumbs side by side between the brows, move apart, light, 10x")]
    [InlineData("11's: thumbs side by side between the brows, move apart, light, 10x")]
    public void A_number_for_a_name_is_no_dose(string note)
    {
        var read = Readings.Of(note);
        read.Draft.AllSteps.ShouldHaveSingleItem().Dose!.Line.ShouldBe("10x");
        read.Lines.SelectMany(l => l.Unknown).ShouldBeEmpty();
    }

    /// <summary>What is held once after it was counted is a step of its own, and nothing is asked.</summary>
    [Theory]
    [InlineData("Raise the brows 10x fast, then hold 10 s")]
    [InlineData("Squint with the lower lids, 20 pulses, then hold it for 10 seconds.")]
    public void A_hold_after_the_count_is_a_step(string note)
    {
        var read = Readings.Of(note);
        read.Draft.AllSteps.Count.ShouldBe(2);
        read.Draft.AllSteps[0].AllActs[0].Do.ShouldBe(read.Draft.AllSteps[1].AllActs[0].Do);
        read.Draft.AllSteps[1].Dose!.Line!.ShouldContain("hold");
        read.Lines.SelectMany(l => l.Unknown.Concat(l.Missing)).ShouldBeEmpty();
    }

    /// <summary>Work that is named once and done at several places, each counted.</summary>
    [Fact]
    public void The_same_work_at_another_place_is_a_step()
    {
        var read = NoteReading
            .Of("Flat fingers above the collarbones, pump 10x, no pressure, then behind the ears 10x, then temples 8x", Reference.Atlas)
            .Value!;
        read.Draft.AllSteps.SelectMany(s => s.AllHands.Select(h => h.Verb)).ShouldBe(["lymph-pump", "lymph-pump", "lymph-pump"]);
        read.Draft.AllSteps.Skip(1)
            .Select(s => s.AllHands[0].AllPath.Select(p => p.At).Concat(s.AllHands[0].AllZones).Single())
            .ShouldBe(["mastoid_tip", "temple"]);
        read.Draft.AllSteps.Select(s => s.Dose!.Line).ShouldBe(["10x", "10x", "8x"]);
        read.Lines.SelectMany(l => l.Unknown).ShouldBeEmpty();
    }

    /// <summary>What is oiled behind a caution is oiled, and is no part of it.</summary>
    [Fact]
    public void Oil_behind_a_caution_is_on_the_skin()
    {
        var read = NoteReading.Of("Stroke the cheeks with flat hands, light, 6 strokes, don't pull the skin, oil", Reference.Atlas).Value!;
        read.Draft.Cautions.ShouldBe(["don't pull the skin"]);
        read.Draft.AllSteps.ShouldHaveSingleItem().AllHands[0].GripOrSlip.ShouldBe("slip");
    }

    /// <summary>What moves itself is not kept still by what is forbidden of it.</summary>
    [Fact]
    public void Brows_that_rise_without_a_frown_rise()
    {
        var step = NoteReading.Of("Raise the brows against the fingers, 5 s, 8x, no frown", Reference.Atlas).Value!;
        step.Draft.Cautions.ShouldBe(["no frown"]);
        step.Draft.AllSteps.ShouldHaveSingleItem().AllStill.ShouldBeEmpty();
    }

    [Theory]
    [InlineData("Breathing: in through the nose 4 s, hold 2, out through the mouth 6 s, 5 x")]
    [InlineData("Breath: hands on the belly, in through nose 4 s, hold 2 s, out through mouth 6 s, 5 x")]
    public void Breath_through_the_nose_needs_no_hand(string note)
    {
        var step = Readings.Of(note).Draft.AllSteps.ShouldHaveSingleItem();
        step.AllActs.Select(a => a.Do).ShouldBe(["breathe"]);
        step.AllHands.ShouldBeEmpty();
        step.Dose!.Line.ShouldStartWith("in 4, out 6, hold 2 s");
    }

    /// <summary>What a note forbids or leaves out is a caution, also where it goes on behind it.</summary>
    [Theory]
    [InlineData("Tap the whole face with the fingertips, light, 1 min, leave out the eyes", "leave out the eyes", "1 min")]
    [InlineData("Stroke the cheek with two fingers, light, no pulling, 20s, change sides", "no pulling", "20s")]
    [InlineData("Say eee, hold 3 s, 8x (not with high blood pressure)", "not with high blood pressure", "8x")]
    public void Cautions_take_nothing_with_them(string note, string caution, string dose)
    {
        var read = Readings.Of(note);
        read.Draft.Cautions.ShouldBe([caution]);
        read.Draft.AllSteps.ShouldHaveSingleItem().Dose!.Line!.ShouldContain(dose);
        read.Draft.AllSteps[0].AllHands.SelectMany(h => h.AllZones).ShouldNotContain("upper-lid");
    }
}
