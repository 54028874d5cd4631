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
        verdict.Correction.ShouldContain("levator palpebrae superioris");
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
}
