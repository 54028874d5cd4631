using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// Who speaks in a sentence of a page, beside every technique of the library and beside none. The wordings are our own; that nobody may
/// promise these things is common practice.
/// </summary>
public class ClaimSpeakerTests
{
    /// <summary>Promises that no technique keeps.</summary>
    private static readonly string[] Promises =
    [
        // Of the technique.
        "It strengthens the eyeball.",
        "It rubs away the rings of the neck.",
        "It hones the jawline like a blade.",
        "It puts the disc of the joint back where it belongs.",
        "It stops the forehead from falling.",
        "It's the fountain of youth for your mouth.",
        "It wards off grinding at night.",
        "It lifts the brows by three millimetres.",
        "It pumps the lymph out of the brain.",
        "It restores blood flow to the brain.",
        "After two weeks it gives you a heart-shaped face.",
        // Of what is done in it.
        "The circles widen the blood vessels for good.",
        "The tongue reshapes the jaw for ever.",
        // Of the body and its signs.
        "Hair will sprout at the temples.",
        "The skin of the neck becomes as tight as a drum.",
        "A straighter nose is the reward.",
        "A long neck like a swan's awaits you.",
        "A second chin has no chance.",
        "Worry lines have had their day.",
        "Upright lines above the lip are a thing of the past.",
        "Marionette lines don't stand a chance.",
        "Dark rings will be history.",
        "Bags are drummed away.",
        "Cataracts dissolve.",
        "Slack lids snap back.",
        "Deep tear troughs fill up again.",
        "Teeth grinding ends after two weeks.",
        "Pinched nerves are set free by it.",
        "The vagus nerve is switched on.",
        "Grey hair regains its colour.",
        "Your lips will be twice as thick by Christmas.",
        "Your brows will stand higher for years.",
        // Of people and things.
        "Contact lens wearers see better afterwards.",
        "Lipstick lasts longer with it.",
        "Botox becomes superfluous.",
        "It hurts nobody.",
        // Promised with a "should".
        "It should give you a new jaw.",
        "Your skin should glow for years.",
    ];

    /// <summary>How it is done and how it feels: nobody is promised anything.</summary>
    private static readonly string[] Plain =
    [
        "It takes three strokes a side.",
        "It needs hardly any pressure.",
        "It is loud.",
        "It may feel tight at first.",
        "It comes from singing lessons.",
        "The lower jaw glides to one side.",
        "The shoulder blades slide down the back.",
        "The ring finger glides over the upper lid.",
        "The thumb rests on the outer cheek.",
        "The hand strokes from the brows to the hairline.",
        "The tongue reaches for the chin.",
        "The fold must not turn white.",
        "The lips flutter, nobody has to push.",
        "The chin sinks to the chest.",
        "The arms hang.",
        "Children find it funny.",
        "Singers love it.",
        "Do not open past the point where the tongue lets go.",
        "Burning eyes: stop.",
        "Flat pads in the hollow.",
    ];

    private static ClaimPage Read(string text, TechniqueDocument? about) =>
        ClaimPage.Of(text, about, Reference.Atlas, Reference.Model, Reference.Settings).Value!;

    private static IEnumerable<TechniqueDocument?> All => [null, .. Reference.Shipped];

    [Fact]
    public void No_promise_is_overlooked_or_stands_whatever_is_done()
    {
        var text = string.Join("\n\n", Promises);
        foreach (var t in All)
        {
            var claims = Read(text, t).Claims;
            Promises.Where(p => claims.All(c => c.Text != p)).ShouldBeEmpty(t?.Id);
            claims.Where(c => c.Verdict.Stands).Select(c => c.Text).ShouldBeEmpty(t?.Id);
        }
    }

    [Fact]
    public void Plain_talk_is_no_claim_whatever_is_done()
    {
        foreach (var t in All)
        foreach (var sentence in Plain)
            Read(sentence, t).Claims.Select(c => c.Text).ShouldBeEmpty(t?.Id);
    }

    /// <summary>What may happen is a caution; what is promised in the same breath is still a promise.</summary>
    [Fact]
    public void Who_admits_one_thing_still_promises_the_other()
    {
        string[] admitted = ["It can leave marks", "It may hurt a little", "It can bruise", "It might strain the neck"];
        string[] promised = ["it sculpts a new jaw", "it banishes anger", "it makes you beautiful", "it frees the face of years"];
        foreach (var (one, other) in admitted.SelectMany(a => promised.Select(p => (a, p))))
            Read($"{one}, but {other}.", null).Claims.ShouldHaveSingleItem($"{one}, but {other}.").Verdict.Stands.ShouldBeFalse(other);
        foreach (var one in admitted)
            Read($"{one}.", null).Claims.ShouldBeEmpty(one);
    }

    /// <summary>Work on a thing that is on no map stands nowhere; that it is denied is never held against anybody.</summary>
    [Fact]
    public void Nothing_stands_of_a_thing_that_the_map_has_no_word_for()
    {
        string[] works = ["trains", "strengthens", "firms", "stretches", "relaxes", "massages", "lifts", "moves"];
        string[] things = ["eyeball", "lymph gland of the brain", "cornea", "jaw disc", "eye socket", "cheek implant"];
        var text = string.Join("\n\n", works.SelectMany(w => things.Select(t => $"It {w} the {t}.")));
        foreach (var t in All)
            Read(text, t).Claims.Where(c => c.Verdict.Stands).Select(c => c.Text).ShouldBeEmpty(t?.Id);

        var denied = string.Join("\n\n", things.Select(t => $"It does not train the {t}."));
        foreach (var t in All)
            Read(denied, t).Claims.Where(c => c.Verdict.IsContradicted).Select(c => c.Text).ShouldBeEmpty(t?.Id);
    }

    /// <summary>The title of a page is its own; a second heading begins another technique.</summary>
    [Fact]
    public void A_chosen_technique_is_held_against_what_is_claimed_until_another_heading()
    {
        var page = Read(
            "# Lips\n\nPress them together. It trains the corrugator.\n\n# Frown\n\nDraw the brows together. It trains the corrugator.",
            Reference.Shipped.Single(t => t.Id == "wx-lip-seal")
        );
        page.Claims.Select(c => (c.Against, c.Verdict.Stands)).ShouldBe([("Quiet lip seal", false), ("Frown", true)]);
    }

    /// <summary>Rest, depth and places that are left alone, held against the map.</summary>
    [Theory]
    [InlineData("wx-chin-pout", "The great cheek muscle is not needed here.", true)]
    [InlineData("wx-soft-kiss", "The masseter is off duty.", true)]
    [InlineData("wx-soft-kiss", "The mouth ring is off duty.", false)]
    [InlineData("wx-tongue-out", "The chin muscle takes a break.", true)]
    [InlineData("wx-chin-pout", "The chin muscle takes a break.", false)]
    [InlineData("wx-lip-seal", "Nothing happens in the forehead.", true)]
    [InlineData("wx-lip-seal", "Nothing happens in the mouth.", false)]
    [InlineData("wx-air-shuttle", "The buccinator presses the air from side to side.", true)]
    [InlineData("wx-masseter-press", "The buccinator presses the air from side to side.", false)]
    [InlineData("wx-eye-compass", "It moves the muscles that turn the eye.", true)]
    [InlineData("wx-chin-pout", "It lends the chin more strength.", true)]
    [InlineData("wx-forehead-ladder", "Tension in the forehead eases.", true)]
    [InlineData("wx-lip-trill", "Orbicularis oris stays loose and buzzes.", false)]
    [InlineData("wx-lip-trill", "It firms the whole lower face.", false)]
    public void What_a_muscle_leaves_to_others_is_held_against_the_map(string technique, string said, bool stands) =>
        Read(said, Reference.Shipped.Single(t => t.Id == technique))
            .Claims.ShouldHaveSingleItem(said)
            .Verdict.Stands.ShouldBe(stands, said);
}
