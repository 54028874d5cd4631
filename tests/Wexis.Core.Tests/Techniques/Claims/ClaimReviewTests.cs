using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Claims;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// Claims as trainers make them, against the map. Wordings that are usually wrong are common practice; anatomy from Gray 1918 and FACS
/// 2002, from memory.
/// </summary>
public class ClaimReviewTests
{
    private static readonly Step WideEyes = A.Act("widen-eyes");
    private static readonly Step TightClose = A.Act("close-lids-tightly");
    private static readonly Step Smile = A.Act("smile-closed");
    private static readonly Step Frown = A.Act("knit-brows");
    private static readonly Step Glances = A.Step() with
    {
        Acts = [A.Do("gaze-side") with { State = new("left-right", null, null, null, null, null, null) }],
    };
    private static readonly Step JawKnead = A.Hand("knead", "masseter-area", 4, "knuckles");
    private static readonly Step Feather = A.Step() with
    {
        Hands = [A.Track("stroke", 1).From("alare", "zygoma_prominence") with { Zones = ["malar"], Glide = true }],
    };
    private static readonly Step UpTheNeck = A.Step() with
    {
        Hands =
        [
            A.Track("stroke", 1).From("supraclavicular_hollow", "below_lobe") with
            {
                Zones = ["lateral-neck"],
                DegLeft = 90,
                Glide = true,
            },
        ],
    };

    private static ClaimVerdict Judge(Step step, string text, string? kind = null, string? structure = null, string? verb = null)
    {
        var document = A.Technique(step) with { Claims = [new(text, kind, structure, verb)] };
        return Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings).Claims.ShouldHaveSingleItem();
    }

    public static TheoryData<string, Step, string, string> Cases =>
        new()
        {
            { "opening", WideEyes, "trains the ring muscle of the eye", "antagonist-confused" },
            { "opening", WideEyes, "works the lid opener", "supported" },
            { "opening", WideEyes, "strengthens the corrugator", "wrong-structure" },
            { "closing", TightClose, "lifts the brow", "wrong-direction" },
            { "closing", TightClose, "works the ring muscle of the eye", "supported" },
            { "frown", Frown, "the corrugator lifts the brow", "antagonist-confused" },
            { "frown", Frown, "trains the corrugator", "supported" },
            { "smile", Smile, "works the great cheek muscle", "supported" },
            { "smile", Smile, "trains the masseter", "wrong-structure" },
            { "smile", Smile, "lifts the mouth corners", "supported" },
            { "smile", Smile, "works the zygomaticus major and the masseter", "wrong-structure" },
            { "smile", Smile, "works the masseter, the temporalis and the zygomaticus major", "wrong-structure" },
            { "smile", Smile, "works the zygomaticus major, not the masseter", "supported" },
            { "frown", Frown, "trains the corrugator against the frontalis", "supported" },
            { "smile", Smile, "relaxes the zygomaticus major", "wrong-mode" },
            { "glance", Glances, "trains the focusing muscle", "wrong-structure" },
            { "glance", Glances, "you will not need glasses any more", "unsupported-effect" },
            { "knead", JawKnead, "strengthens the masseter", "wrong-mode" },
            { "knead", JawKnead, "relaxes the masseter", "supported" },
            { "knead", JawKnead, "massages the lateral pterygoid", "wrong-extent" },
            { "knead", JawKnead, "slims the jaw bone", "unsupported-effect" },
            { "knead", JawKnead, "cures migraines", "out-of-scope" },
            { "feather", Feather, "strengthens the zygomaticus major", "wrong-mode" },
            { "feather", Feather, "massages the zygomaticus major", "wrong-extent" },
            { "feather", Feather, "face looks less puffy for some hours", "supported" },
            { "feather", Feather, "puffiness gone for good", "overstated-effect" },
            { "feather", Feather, "removes toxins", "unsupported-effect" },
            { "feather", Feather, "builds collagen", "overstated-effect" },
            { "feather", Feather, "drains the face to the armpit", "wrong-direction" },
            { "neck", UpTheNeck, "drains lymph", "wrong-direction" },
            { "cause", Frown, "the vertical lines between the brows come from the procerus", "wrong-cause" },
            { "cause", Frown, "the vertical frown lines come from the corrugator", "supported" },
            { "cause", Smile, "the nose-to-mouth fold comes from weak muscles", "wrong-cause" },
            { "knead", JawKnead, "reaches the medial pterygoid", "wrong-extent" },
            {
                "stretch",
                A.Step() with
                {
                    Hands = [A.Track("stretch-apart", 3, "hook") with { Zones = ["glabella"], DegLeft = 10 }],
                },
                "stretches the procerus",
                "wrong-structure"
            },
            {
                "stretch",
                A.Step() with
                {
                    Hands = [A.Track("stretch-apart", 3, "hook") with { Zones = ["glabella"], DegLeft = 10 }],
                },
                "stretches the corrugator",
                "supported"
            },
            { "smile", Smile, "lifts sagging cheeks permanently", "overstated-effect" },
            { "glance", Glances, "lifts the eyelids", "wrong-structure" },
            { "part", Smile, "tones the cheeks", "supported" },
            { "part", JawKnead, "tones the jaw", "wrong-mode" },
            { "part", WideEyes, "works the brow", "partly-right" },
            { "part", Frown, "relaxes the chin", "wrong-structure" },
            { "lift", Smile, "a facelift without the knife", "unsupported-effect" },
            { "place", Frown, "the corrugator lies at the chin", "wrong-location" },
            { "place", Frown, "the corrugator lies at the brow", "supported" },
            { "point", Feather, "LI20 lies at the temple", "wrong-location" },
            { "study", Smile, "a controlled trial proved that face exercise removes wrinkles", "misquoted-evidence" },
            { "study", Smile, "a study shows women looked 10 years younger", "misquoted-evidence" },
            { "study", Smile, "one small uncontrolled trial of 16 women saw slightly fuller cheeks", "supported" },
            { "study", Feather, "a study shows that massage makes cheeks fuller", "misquoted-evidence" },
        };

    [Theory, MemberData(nameof(Cases))]
    public void A_claim_in_plain_words_gets_its_verdict(string what, Step step, string claim, string verdict) =>
        Judge(step, claim).Verdicts[0].Word().ShouldBe(verdict, what);

    [Fact]
    public void Hands_that_are_said_to_strengthen_get_both_verdicts_the_wrong_mode_first() =>
        Judge(JawKnead, "makes the jaw muscle stronger", "mode", "masseter-superficial", "strengthens")
            .Verdicts.ShouldBe([ClaimFinding.WrongMode, ClaimFinding.UnsupportedEffect]);

    [Fact]
    public void A_helper_that_is_claimed_as_the_main_work_is_partly_right()
    {
        Judge(Smile, "trains the risorius", "structure", "risorius").Verdicts.ShouldBe([ClaimFinding.PartlyRight]);
        Judge(Smile, "the risorius helps; it works a little", "structure", "risorius").Verdicts.ShouldBe([ClaimFinding.Supported]);
    }

    [Fact]
    public void A_correction_names_what_is_worked_and_what_the_named_muscle_does_without_blame()
    {
        var verdict = Judge(WideEyes, "strengthens the corrugator");
        verdict.Correction.ShouldNotBeNull();
        verdict.Correction.ShouldContain("upper-lid lifter");
        verdict.Correction.ShouldNotContain("wrong");
        verdict.Why.Rule.ShouldBe("R121");
    }

    [Fact]
    public void Every_verdict_and_grade_is_one_of_the_action_models()
    {
        foreach (var (_, step, claim, _) in Cases.Select(c => c.Data))
        {
            var v = Judge(step, claim);
            v.Verdicts.ShouldAllBe(x => Reference.Model.Document.Verdicts.ContainsKey(x));
            if (v.Grade is { } grade)
                Reference.Model.Document.EvidenceGrades.Keys.ShouldContain(grade);
            v.Because.ShouldNotBeEmpty();
            if (!v.Stands && v.Verdicts[0] is not ClaimFinding.WrongLocation and not ClaimFinding.WrongMode)
                v.Correction.ShouldNotBeNull(claim);
        }
    }

    [Fact]
    public void Every_effect_of_the_table_is_recognised_in_its_own_statement_or_its_usual_words()
    {
        foreach (
            var (words, id) in new[]
            {
                ("makes cheeks fuller", "ef-cheek-fullness"),
                ("removes wrinkles", "ef-wrinkles"),
                ("lifts hooded lids", "ef-lids"),
                ("rests tired eyes", "ef-eye-rest"),
                ("raises skin blood flow", "ef-blood-flow"),
                ("eases clenching", "ef-jaw-rest"),
            }
        )
        {
            var grade = Reference.Model.Document.Effects.Single(e => e.Id == id).Grade;
            Judge(Smile, words, "effect").Grade.ShouldBe(grade, words);
        }
    }

    [Fact]
    public void A_supported_effect_is_supported_only_where_the_technique_works_that_way()
    {
        Judge(Smile, "a course of it can make cheeks a little fuller", "effect").Verdicts[0].ShouldBe(ClaimFinding.Supported);
        Judge(Feather, "makes cheeks fuller", "effect").Verdicts[0].ShouldBe(ClaimFinding.UnsupportedEffect);
    }

    private static readonly Step UpAndDown = A.Step() with
    {
        Hands =
        [
            A.Track("stroke", 1).From("chin_tip", "below_lobe", "supraclavicular_hollow") with
            {
                Zones = ["jawline", "lateral-neck", "supraclavicular"],
                Glide = true,
            },
        ],
    };

    /// <summary>What is denied, said twice over, misspelt, or promised beside the work. Wordings are common practice.</summary>
    public static TheoryData<Step, string, string> Said =>
        new()
        {
            // Denied.
            { Smile, "does not work the cheek muscle", "wrong-structure" },
            { Smile, "This does not train the masseter.", "supported" },
            { Smile, "It doesn't strengthen the frontalis", "supported" },
            { Smile, "the masseter is not worked", "supported" },
            { Smile, "the zygomaticus major isn't worked here", "wrong-structure" },
            { Smile, "it never lifts the mouth corners", "wrong-direction" },
            { JawKnead, "massage cannot strengthen the masseter", "supported" },
            { JawKnead, "does not relax the masseter", "wrong-mode" },
            { JawKnead, "nothing here strengthens the jaw muscle", "supported" },
            { Smile, "will not remove wrinkles", "supported" },
            { Smile, "there is no evidence that it lifts hooded lids", "supported" },
            { Smile, "It is a myth that smiling removes wrinkles", "supported" },
            { JawKnead, "is not a treatment for migraine", "supported" },
            { Feather, "does not remove toxins", "supported" },
            { WideEyes, "works the lid opener, not the ring muscle of the eye", "supported" },
            { WideEyes, "works the ring muscle of the eye rather than the lid opener", "antagonist-confused" },
            { Smile, "works the zygomaticus major without training the masseter", "supported" },
            { Smile, "not only works the cheek muscle but also lifts the mouth corners", "supported" },
            { Smile, "not the masseter but the zygomaticus major works", "supported" },
            // A "not" before what nobody wants is a promise.
            { Glances, "you won't need glasses", "unsupported-effect" },
            { Smile, "your cheeks will never sag again", "overstated-effect" },
            // Several at once.
            { Smile, "works the zygomaticus major and lifts hooded lids", "unsupported-effect" },
            { Smile, "trains the smile muscle, tones the neck and removes wrinkles", "wrong-structure" },
            { Frown, "trains the corrugator and the procerus, and cures migraine", "out-of-scope" },
            { JawKnead, "relaxes the masseter and slims the jaw bone", "unsupported-effect" },
            { JawKnead, "relaxes and softens the masseter", "supported" },
            { Smile, "lifts the mouth corners but does not work the masseter", "supported" },
            { JawKnead, "relaxes the masseter while strengthening the zygomaticus", "wrong-structure" },
            // Names.
            { Smile, "works the zygomaticus major muscle", "supported" },
            { JawKnead, "relaxes the maseter", "asked" },
            { Frown, "trains the corugator", "asked" },
            { Smile, "works the buccinatr", "asked" },
            { A.Act("close-lids-gently"), "works the part of the ring muscle of the eye that blinks", "supported" },
            { JawKnead, "kneads the superficial part of the masseter", "supported" },
            { JawKnead, "massages the part of the pterygoid that closes the jaw", "wrong-extent" },
            // Effects beyond the work.
            { WideEyes, "lifts hooded lids", "unsupported-effect" },
            { WideEyes, "opens heavy, drooping eyelids", "unsupported-effect" },
            { JawKnead, "stimulates the facial nerve", "unsupported-effect" },
            { Smile, "wakes up sleeping nerves", "unsupported-effect" },
            { Glances, "sharpens your vision", "unsupported-effect" },
            { Smile, "improves your posture", "unsupported-effect" },
            { A.Act("chin-tuck"), "weeks of it improve posture a little", "supported" },
            { Smile, "melts the double chin", "unsupported-effect" },
            { JawKnead, "makes the masseter smaller", "unsupported-effect" },
            { JawKnead, "bulks up the masseter", "wrong-mode" },
            { Smile, "sculpts the jawline", "unsupported-effect" },
            { Smile, "makes your face symmetrical", "unsupported-effect" },
            { Feather, "opens the sinuses", "unsupported-effect" },
            { Feather, "clears acne", "unsupported-effect" },
            { JawKnead, "releases trauma stored in the jaw", "unsupported-effect" },
            { Feather, "boosts your immune system", "unsupported-effect" },
            { Smile, "takes years off your face", "overstated-effect" },
            { Feather, "this point is traditionally pressed for the stomach", "supported" },
            { Feather, "pressing here clears the liver", "overstated-effect" },
            // Flow, also where the claim speaks of toxins.
            { UpTheNeck, "drains toxins from the neck", "wrong-direction" },
            { UpAndDown, "drains the jaw and neck", "supported" },
            { Feather, "drains the cheek", "partly-right" },
            { Feather, "drains the cheek towards the ear", "supported" },
        };

    [Theory, MemberData(nameof(Said))]
    public void A_claim_is_read_as_it_is_meant(Step step, string claim, string verdict)
    {
        var v = Judge(step, claim);
        v.Verdicts[0].Word().ShouldBe(verdict, v.Because);
    }

    /// <summary>Sorted by its author or not, a promise beside the work is judged as one.</summary>
    [Theory]
    [InlineData("action")]
    [InlineData("effect")]
    [InlineData("mode")]
    [InlineData("structure")]
    [InlineData(null)]
    public void Hooded_lids_are_lifted_by_no_exercise_however_the_claim_is_sorted(string? kind) =>
        Judge(WideEyes, "lifts hooded lids", kind).Verdicts[0].ShouldBe(ClaimFinding.UnsupportedEffect);

    [Fact]
    public void Whatever_is_denied_stands_where_the_thing_itself_does_not_and_the_other_way_round()
    {
        string[] verbs = ["train", "strengthen", "relax", "stretch", "knead"];
        var names = Reference.Atlas.Document.Muscles.Where(m => m.Id != "superior-tarsal").Select(m => m.PlainName).ToList();
        foreach (var step in new[] { Smile, Frown, JawKnead, WideEyes })
        foreach (var verb in verbs)
        foreach (var name in names)
        {
            var said = Judge(step, $"{verb}s the {name}").Verdicts[0];
            var denied = Judge(step, $"does not {verb} the {name}").Verdicts[0];
            (denied == ClaimFinding.Supported).ShouldBe(
                said is not (ClaimFinding.Supported or ClaimFinding.PartlyRight),
                $"{verb} the {name}: {said.Word()}, denied {denied.Word()}"
            );
        }
    }

    [Fact]
    public void Two_claims_in_one_sentence_are_as_good_as_the_weightier_of_them_in_either_order()
    {
        var parts = new[]
        {
            "trains the masseter",
            "lifts the mouth corners",
            "removes wrinkles",
            "relaxes the frontalis",
            "cures migraine",
        };
        foreach (var a in parts)
        foreach (var b in parts.Where(b => b != a))
        {
            var alone = new[] { Judge(Smile, a), Judge(Smile, b) };
            var both = Judge(Smile, $"{a} and {b}");
            both.Verdicts.ShouldBe(Judge(Smile, $"{b} and {a}").Verdicts, $"{a} and {b}");
            both.Verdicts.ShouldAllBe(v => alone.SelectMany(x => x.Verdicts).Contains(v));
            both.Stands.ShouldBe(alone.All(x => x.Stands), $"{a} and {b}");
            both.Parts.Count.ShouldBe(2);
        }
    }

    [Fact]
    public void A_name_that_is_nearly_one_is_asked_about_and_one_press_mends_it()
    {
        var document = A.Technique(JawKnead) with { Claims = [new("relaxes the masetter", null, null, null)] };
        var derived = Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings);
        derived.Standing.ShouldBe(DerivedStanding.Draft);
        var question = derived.Questions.Single(q => q.Path == "claims[0].text");
        question.Answers.ShouldHaveSingleItem().Value.ShouldBe("relaxes the masseter");
    }

    [Fact]
    public void No_name_of_the_atlas_and_no_usual_word_is_taken_for_a_slip()
    {
        foreach (var m in Reference.Atlas.Document.Muscles)
        foreach (var name in new[] { m.PlainName, m.Common, m.NameEn, m.NameLaTa2 })
            ClaimWords.Misspelt($"works the {name} a little", Reference.Atlas).ShouldBeNull();
        foreach (var (name, words) in ClaimWords.CommonNames())
            words.ShouldAllBe(w => ClaimWords.Misspelt(w, Reference.Atlas) == null, name);
    }

    [Fact]
    public void After_a_stop_claims_wait_and_a_medical_one_stays_what_it_is()
    {
        var lid = A.Hand("press", "upper-lid", 5, "thumb");
        Judge(lid, "relaxes the ring muscle of the eye").Verdicts.ShouldBe([ClaimFinding.Waits]);
        Judge(lid, "cures glaucoma").Verdicts.ShouldBe([ClaimFinding.OutOfScope]);
    }

    [Fact]
    public void A_name_or_a_cue_that_speaks_of_drainage_claims_it_too()
    {
        var document = A.Technique(UpTheNeck) with { Name = "Neck drainage" };
        var claim = Derivation.Of(document, Reference.Atlas, Reference.Model, Reference.Settings).Claims.ShouldHaveSingleItem();
        (claim.Claim, claim.Verdicts[0], claim.Text).ShouldBe(((int?)null, ClaimFinding.WrongDirection, "Neck drainage"));
        Derivation
            .Of(A.Technique(UpAndDown) with { Name = "Jaw drainage" }, Reference.Atlas, Reference.Model, Reference.Settings)
            .Claims.ShouldBeEmpty();
    }

    [Fact]
    public void What_does_not_stand_has_words_that_may_be_used_instead()
    {
        foreach (var (step, claim, verdict) in Said.Select(c => c.Data).Where(c => c.Item3 is not ("supported" or "asked")))
            Judge(step, claim).Correction.ShouldNotBeNullOrWhiteSpace($"{claim}: {verdict}");
    }
}
