using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Notes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>What is said once for all notes fills what no sentence says, and nothing else.</summary>
public class OldNotesTests
{
    private static Checked<NoteReading> Read(string text, SaidForAll? forAll = null) =>
        OldNotes.Read(text, Reference.Atlas, Reference.Settings, forAll: forAll);

    private const string Bare = "Stroke from the chin to the ear, 10 times. Knead the cheeks with the knuckles for 30 s.";

    [Fact]
    public void What_no_sentence_says_is_asked_until_it_is_said_once()
    {
        Read(Bare).Value!.Lines.Count(l => l.LacksHand).ShouldBe(2);
        var read = Read(Bare, new(2, "four-fingers")).Value!;
        read.Lines.ShouldAllBe(l => l.Missing.Count == 0);
        var hands = read.Draft.AllSteps.SelectMany(s => s.AllHands).ToList();
        hands.Select(h => h.Contact).ShouldBe(["four-fingers", "knuckles"]);
        hands.Select(h => h.Pressure).ShouldBe([2, 2]);
        read.Lines.SelectMany(l => l.ForAll).ShouldBe(["four finger pads", "light", "light"]);
    }

    [Fact]
    public void What_is_more_than_a_place_bears_is_left_open_and_says_so()
    {
        var line = Read("Stroke under the eye from the inner to the outer corner, ring finger, 5 times.", new(4)).Value!.Lines[0];
        line.LacksHand.ShouldBeTrue();
        line.ForAll.ShouldHaveSingleItem().ShouldContain("firm is more than this place or hand bears");
    }

    /// <summary>Hands that lie there while the face moves: what they do is said once, and what they resist is resisted.</summary>
    [Theory]
    [InlineData("resist", "finger")]
    [InlineData("hold", null)]
    [InlineData("feel", null)]
    public void What_hands_do_that_lie_there_is_said_once(string laid, string? resist)
    {
        const string note = "Put both index fingers at the corners of the mouth. Smile 10 times.";
        Read(note).Value!.Lines.ShouldContain(l => l.LacksHand);
        var read = Read(note, new(Laid: laid)).Value!;
        read.Lines.ShouldAllBe(l => l.Missing.Count == 0);
        read.Lines.SelectMany(l => l.ForAll).ShouldHaveSingleItem().ShouldContain("hands that lie there");
        var step = read.Draft.AllSteps.Single();
        (step.AllHands.Single().Role, step.AllActs.Single().Resist).ShouldBe((laid, resist));
    }

    /// <summary>
    /// Over all notes with facts: only hands that lie there are told what they do, and only where they resist does a movement change.
    /// </summary>
    [Theory]
    [InlineData("resist")]
    [InlineData("hold")]
    [InlineData("feel")]
    public void Hands_that_were_told_what_they_do_go_on_doing_it(string laid)
    {
        foreach (var note in Readings.Facts)
        {
            var before = Readings.Of(note);
            var after = OldNotes.With(new(Laid: laid), before, Reference.Atlas, Reference.Settings);
            foreach (var (was, now) in before.Draft.AllSteps.Zip(after.Draft.AllSteps))
            {
                foreach (var (h, f) in was.AllHands.Zip(now.AllHands))
                    (f.Role == h.Role || (h.Role is null && h.Verb == "hold-still" && f.Role == laid)).ShouldBeTrue(note);
                was.AllActs.Zip(now.AllActs).ShouldAllBe(a => a.First.Resist == a.Second.Resist || laid == "resist", note);
            }
        }
    }

    [Theory]
    [InlineData(0, null, "for_all.pressure")]
    [InlineData(6, null, "for_all.pressure")]
    [InlineData(null, "no-such-hand", "for_all.contact")]
    public void What_cannot_be_said_is_refused_by_its_name(int? pressure, string? contact, string path) =>
        Read(Bare, new(pressure, contact)).Issues.Single().Path.ShouldBe(path);

    [Fact]
    public void What_hands_cannot_do_is_refused_by_its_name() =>
        Read(Bare, new(Laid: "sing")).Issues.Single().Path.ShouldBe("for_all.laid");

    /// <summary>
    /// Over all notes with facts, without their words of pressure and with them, at every level: what a sentence says stays as it was, and
    /// no place is given more than it bears. What it bears is asked of the review of a whole technique, another way than the filling.
    /// </summary>
    [Theory]
    [InlineData(1, "fingertip-ring")]
    [InlineData(2, "four-fingers")]
    [InlineData(3, "knuckles")]
    [InlineData(4, "tool-edge")]
    public void Nothing_that_is_said_changes_and_no_place_is_given_more_than_it_bears(int pressure, string contact)
    {
        var filled = 0;
        foreach (var note in Readings.Facts.SelectMany(n => new[] { n, WithoutPressure(n) }).Distinct())
        {
            var before = Readings.Of(note);
            var after = OldNotes.With(new(pressure, contact), before, Reference.Atlas, Reference.Settings);
            after.Draft.AllSteps.Count.ShouldBe(before.Draft.AllSteps.Count, note);
            foreach (var (was, now) in before.Draft.AllSteps.Zip(after.Draft.AllSteps))
            {
                Told(now with { Hands = [] }).ShouldBe(Told(was with { Hands = [] }), note);
                foreach (var (h, f) in was.AllHands.Zip(now.AllHands))
                {
                    Told(f with { Pressure = h.Pressure, Contact = h.Contact }).ShouldBe(Told(h), note);
                    if (h.Pressure is not null)
                        f.Pressure.ShouldBe(h.Pressure, note);
                    if (h.Contact is not null)
                        f.Contact.ShouldBe(h.Contact, note);
                }
                if (was.AllHands.Zip(now.AllHands).Any(p => p.First.Pressure is null && p.Second.Pressure is not null))
                {
                    filled++;
                    Derivation
                        .Of(after.Draft with { Name = "N" }, Reference.Atlas, Reference.Model, Reference.Settings)
                        .Steps.SelectMany(s => s.Safety.Findings)
                        .ShouldNotContain(f => f.Hazard.StartsWith("cap-", StringComparison.Ordinal), note);
                }
            }
        }
        filled.ShouldBeGreaterThan(50);
    }

    private static string Told<T>(T what) => System.Text.Json.JsonSerializer.Serialize(what);

    private static string WithoutPressure(string note) =>
        System.Text.RegularExpressions.Regex.Replace(
            note,
            @",?\s*\b(?:very\s+)?(?:light(?:ly)?|firm(?:ly)?|medium|gently|softly|moderate)(?:\s+pressure)?\b",
            ""
        );
}
