using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// Notes as they are scribbled (common practice): several ways in one sentence, work that goes on where the hand is, doses behind what is
/// forbidden, counts with a word of manner.
/// </summary>
public class NoteOnwardTests
{
    private static NoteReading Read(string text) => NoteReading.Of(text, Reference.Atlas).Value!;

    private static IReadOnlyList<Step> Steps(string text) => Read(text).Draft.AllSteps;

    private static string Way(Step step) => string.Join(' ', step.AllHands.SelectMany(h => h.AllPath.Select(p => p.At)));

    private static readonly (string Said, string Path)[] Ways =
    [
        ("mouth corner to nose", "cheilion alare"),
        ("chin to ear", "pogonion jaw_mid gonion ear_front"),
        ("jaw angle to temple", "gonion temple_hollow"),
        ("temple to ear", "temple_hollow ear_front"),
    ];

    /// <summary>Each way is a step of its own with its own count; the hand is the same; nothing is added up.</summary>
    [Fact]
    public void Ways_told_one_after_the_other_are_steps_of_their_own()
    {
        foreach (var (first, from) in Ways)
        foreach (var (second, to) in Ways.Where(w => w.Said != first))
        {
            var steps = Steps($"Palms on the cheeks, light: {first} 3x, {second} 5x.");
            steps.Select(Way).ShouldBe([from, to], $"{first}, {second}");
            steps.Select(s => s.Dose?.Line).ShouldBe(["3x", "5x"]);
            steps.ShouldAllBe(s => s.AllHands[0].Contact == "whole-palm");
        }
    }

    /// <summary>Of one sentence; a new sentence may speak of somewhere else, so that is asked.</summary>
    [Theory]
    [InlineData("circles", "circle")]
    [InlineData("tap there", "tap")]
    [InlineData("knead it", "knead")]
    public void Work_goes_on_where_the_hand_is(string said, string verb)
    {
        var steps = Steps($"Press the temples with two fingers, light, 10 s, then {said} for 20 s, light.");
        steps.Count.ShouldBe(2);
        steps[1]
            .AllHands[0]
            .ShouldSatisfyAllConditions(
                h => h.Verb.ShouldBe(verb),
                h => h.Contact.ShouldBe("two-fingers"),
                h =>
                    h.AllZones.Concat(h.AllPath.Select(p => p.At))
                        .ShouldBe(steps[0].AllHands[0].AllZones.Concat(steps[0].AllHands[0].AllPath.Select(p => p.At)))
            );
    }

    /// <summary>Place after place, each with its count: the same work there, whatever stands between them, and nothing is asked.</summary>
    [Theory]
    [InlineData(". Then behind the ears, 10 times. Above the collarbones 10 times.")]
    [InlineData("; behind the ears, 10x; above the collarbones, 10x.")]
    [InlineData("; behind the ears 10; above the collarbones 10")]
    [InlineData(", then behind the ears 10x, then above the collarbones 10x.")]
    public void Place_after_place_is_worked_alike(string there)
    {
        var read = Read($"Pump in front of the ears with two fingers, very light, 10x{there}");
        read.Draft.AllSteps.Select(s => s.AllHands[0].AllZones.Concat(s.AllHands[0].AllPath.Select(p => p.At)).Single())
            .ShouldBe(["preauricular", "mastoid_tip", "supraclavicular_hollow"]);
        read.Draft.AllSteps.ShouldAllBe(s =>
            s.AllHands[0].Verb == "lymph-pump" && s.AllHands[0].Contact == "two-fingers" && s.AllHands[0].Pressure == 1
        );
        read.Lines.SelectMany(l => l.Unknown.Concat(l.Missing)).ShouldBeEmpty();
    }

    /// <summary>A new line may be of other work, so that it is asked.</summary>
    [Theory]
    [InlineData("Under the chin 30 s.")]
    [InlineData("- Forehead 30 s")]
    [InlineData("2. On the temples 30 s")]
    public void A_place_on_a_line_of_its_own_is_asked_about(string line)
    {
        var read = Read($"1. Tap the cheeks with the fingertips, light, 20 s.\n{line}");
        read.Lines[^1].Unknown.ShouldNotBeEmpty();
    }

    /// <summary>What a bracket forbids ends with the bracket: "don't press!), blink 30x" was a caution whole.</summary>
    [Theory]
    [InlineData("Fingers on the temples (hold, don't press!), blink 30x", "full-blink")]
    [InlineData("Two fingers on the cheeks (never on the lids), smile 10x", "smile")]
    public void What_comes_behind_a_forbidding_bracket_is_done(string note, string does)
    {
        var read = Read(note);
        read.Draft.AllSteps.SelectMany(s => s.AllActs).ShouldHaveSingleItem().Do.ShouldBe(does);
        read.Draft.AllSteps[^1].Dose.ShouldNotBeNull();
        read.Draft.Cautions.ShouldNotBeNull().ShouldHaveSingleItem();
    }

    /// <summary>Where nothing is to be done is a caution, in the words of the note, and no question.</summary>
    [Theory]
    [InlineData("not the lips or the temples")]
    [InlineData("stay away from the eyes")]
    [InlineData("keep clear of the throat")]
    [InlineData("not over the brows")]
    public void A_place_that_is_left_out_is_a_caution(string caution)
    {
        var read = Read($"Tap the cheeks with the fingertips, light, 30 s, {caution}.");
        read.Draft.Cautions.ShouldNotBeNull().ShouldHaveSingleItem().TrimEnd('.').ShouldBe(caution);
        read.Lines.SelectMany(l => l.Unknown.Concat(l.Missing)).ShouldBeEmpty();
    }

    private static readonly string[] Forbidden =
    [
        "don't slide",
        "never on the lid",
        "no pressure on the eyeballs",
        "not on the lid",
        "without pulling",
    ];
    private static readonly string[] Doses = ["15 s x 3", "10 times", "one minute"];

    /// <summary>What stands behind a caution is no part of it: the dose is the step's, the caution stays a caution.</summary>
    [Fact]
    public void A_dose_behind_what_is_forbidden_is_the_steps()
    {
        foreach (var forbidden in Forbidden)
        foreach (var dose in Doses)
        {
            var read = Read($"Tap the cheeks with the fingertips, light, {forbidden}, {dose}.");
            var said = $"{forbidden}, {dose}";
            read.Draft.AllSteps.ShouldHaveSingleItem(said).Dose.ShouldNotBeNull(said);
            var caution = (read.Draft.Cautions ?? []).ShouldHaveSingleItem(said);
            caution.ShouldContain(forbidden, Case.Insensitive);
            caution.ShouldNotContain(dose, Case.Insensitive);
        }
    }

    /// <summary>"10 slow pumps" are ten, whatever is counted and however.</summary>
    [Fact]
    public void A_word_of_manner_before_what_is_counted_changes_no_count()
    {
        foreach (var manner in new[] { "slow", "small", "soft", "quick", "tiny", "full" })
        foreach (var counted in new[] { "pumps", "pulses", "sweeps", "squeezes", "lifts", "rounds", "strokes" })
            Steps($"Two fingers on the temples, stroke to the ears, light, 7 {manner} {counted}.")
                .ShouldHaveSingleItem($"{manner} {counted}")
                .Dose!.Line!.ShouldStartWith("7 ");
    }

    /// <summary>"Swallow in that position": what was held goes on.</summary>
    [Fact]
    public void What_is_done_in_a_position_keeps_it()
    {
        var step = Steps("Tilt the head back and press the tongue to the palate. Swallow five times in this position.")
            .ShouldHaveSingleItem();
        step.AllActs.Select(a => a.Do).ShouldBe(["tongue-press-palate", "swallow"]);
        step.State!.Head.ShouldBe("back");
    }

    /// <summary>A way ends where the note says that it ends, if that is said afterwards.</summary>
    [Fact]
    public void An_end_told_afterwards_is_the_end_of_the_way()
    {
        Way(Steps("Stroke from the chin to the jaw angle with the palms, light, 5x; finish behind the ear.").ShouldHaveSingleItem())
            .ShouldBe("pogonion gonion mastoid_tip");
    }

    private static readonly string[] Throats = ["larynx", "voice box", "Adam's apple", "windpipe"];

    /// <summary>Names of what must not be pressed are places too, on either side of the verb: the review sees them.</summary>
    [Fact]
    public void A_throat_by_any_name_is_reviewed()
    {
        foreach (var throat in Throats)
        foreach (
            var note in new[]
            {
                $"Press the {throat} with two fingers, medium, 10 s.",
                $"Two fingers on the {throat}, press, medium, 10 s.",
                $"With two fingers stroke from the chin over the {throat} to the collarbone, medium, 5x.",
            }
        )
            Findings(note).ShouldContain("hz-larynx", note);
    }

    /// <summary>Under the brow is the rim of the orbit, however it is told: the review looks at it as such.</summary>
    [Fact]
    public void Under_the_brow_by_any_name_is_the_rim()
    {
        foreach (
            var place in new[]
            {
                "under the brows",
                "under the brow bone",
                "under the upper rim",
                "under the inner end of the brows",
                "below the brow",
            }
        )
        {
            var note = $"Thumbs {place}, press upwards, firm, 10 s.";
            Steps(note).ShouldHaveSingleItem(note).AllHands[0].AllPath.Select(p => p.At).ShouldBe(["orbital_rim_superior"], note);
            Findings(note).ShouldContain("hz-orbital-rim", note);
        }
    }

    private static List<string?> Findings(string note) =>
        [
            .. Wexis
                .Core.Techniques.Derivation.Of(Read(note).Draft with { Name = "N" }, Reference.Atlas, Reference.Model, Reference.Settings)
                .Steps.SelectMany(s => s.Safety.Findings)
                .Select(f => f.Hazard),
        ];
}
