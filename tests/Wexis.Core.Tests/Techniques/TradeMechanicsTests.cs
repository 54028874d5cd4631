using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// Mechanics that the trade and the textbooks agree on, technique by technique: common practice, with anatomy from Gray 1918 (from memory).
/// Each case says what must be worked and how, and what must not be claimed as trained.
/// </summary>
public class TradeMechanicsTests
{
    private static Step Gaze(string way) =>
        A.Step() with
        {
            Acts = [A.Do("gaze") with { State = new(way, null, null, null, null, null, null) }],
        };

    private static Step Held(string verb, int seconds) => A.Act(verb, $"3, hold {seconds} s");

    private static Step Still(Step step, params string[] zones) => step with { Still = zones };

    private sealed record Case(string What, Step Step, string[] Worked, string[] NeverTrained);

    private static readonly Case[] All =
    [
        new(
            "brows raised freely",
            A.Act("raise-brows"),
            ["frontalis concentric primary"],
            ["corrugator-supercilii", "procerus", "levator-palpebrae"]
        ),
        new(
            "brows raised against fingers",
            A.Step() with
            {
                Acts = [A.Do("raise-brows") with { Resist = "finger", At = "brow" }],
            },
            ["frontalis isometric primary"],
            ["corrugator-supercilii"]
        ),
        new(
            "brows drawn together",
            A.Act("knit-brows"),
            ["corrugator-supercilii concentric primary", "depressor-supercilii concentric secondary"],
            ["frontalis", "levator-palpebrae"]
        ),
        new(
            "nose scrunched",
            A.Act("scrunch-nose"),
            ["levator-labii-alaeque-nasi concentric primary"],
            ["frontalis", "masseter-superficial"]
        ),
        new(
            "lids closed softly",
            A.Act("close-lids-gently"),
            ["orbicularis-oculi-palpebral concentric primary"],
            ["frontalis", "levator-palpebrae"]
        ),
        new(
            "lids squeezed shut",
            A.Act("close-lids-tightly"),
            ["orbicularis-oculi-orbital concentric primary", "orbicularis-oculi-palpebral concentric primary"],
            ["frontalis", "levator-palpebrae"]
        ),
        new(
            "lids squeezed shut and held",
            Held("close-lids-tightly", 6),
            ["orbicularis-oculi-orbital isometric primary", "corrugator-supercilii isometric secondary"],
            ["frontalis"]
        ),
        new(
            "lower lid raised",
            A.Act("lift-lower-lid"),
            ["orbicularis-oculi-palpebral concentric primary"],
            ["levator-palpebrae", "frontalis"]
        ),
        new(
            "eyes widened with a quiet brow",
            Still(A.Act("widen-eyes"), "brow", "forehead-central"),
            ["levator-palpebrae concentric primary", "frontalis inhibited primary"],
            ["orbicularis-oculi-palpebral", "orbicularis-oculi-orbital", "frontalis"]
        ),
        new(
            "eyes up with a quiet brow",
            Still(Gaze("up"), "brow", "forehead-central"),
            ["superior-rectus concentric primary", "frontalis inhibited primary"],
            ["frontalis", "inferior-rectus", "ciliary"]
        ),
        new(
            "eyes down",
            Gaze("down"),
            ["inferior-rectus concentric primary", "superior-oblique concentric secondary"],
            ["levator-palpebrae", "superior-rectus"]
        ),
        new(
            "eyes in full circles",
            A.Act("gaze-circle"),
            [
                "superior-rectus concentric primary",
                "inferior-rectus concentric primary",
                "lateral-rectus concentric primary",
                "medial-rectus concentric primary",
            ],
            ["ciliary", "frontalis"]
        ),
        new(
            "near and far",
            A.Act("near-far"),
            ["ciliary concentric primary", "medial-rectus concentric primary"],
            ["orbicularis-oculi-orbital", "frontalis"]
        ),
        new(
            "lids fluttered with the eyes up",
            A.Act("flutter-lids-gaze-up", "20"),
            ["levator-palpebrae concentric primary", "orbicularis-oculi-palpebral concentric primary", "superior-rectus isometric primary"],
            ["frontalis"]
        ),
        new(
            "warm palms over the eyes",
            A.Act("palm-eyes", "10 s"),
            ["levator-palpebrae inhibited primary"],
            ["orbicularis-oculi-palpebral", "ciliary", "superior-rectus"]
        ),
        new(
            "small closed smile",
            A.Act("smile-closed"),
            ["zygomaticus-major concentric primary"],
            ["masseter-superficial", "orbicularis-oris", "depressor-anguli-oris"]
        ),
        new(
            "lips tucked, corners up, held",
            Held("smile-lips-tucked", 10),
            ["orbicularis-oris isometric primary", "zygomaticus-major isometric primary"],
            ["depressor-anguli-oris", "masseter-superficial"]
        ),
        new("kiss", A.Act("pucker"), ["orbicularis-oris concentric primary"], ["zygomaticus-major", "masseter-superficial"]),
        new(
            "kiss against fingers",
            A.Step() with
            {
                Acts = [A.Do("pucker") with { Resist = "finger" }],
            },
            ["orbicularis-oris isometric primary"],
            ["zygomaticus-major"]
        ),
        new(
            "lips rolled in and held",
            Held("roll-lips-in", 5),
            ["orbicularis-oris isometric primary"],
            ["zygomaticus-major", "masseter-superficial"]
        ),
        new(
            "cheeks filled",
            A.Act("puff-cheeks"),
            ["orbicularis-oris isometric primary", "buccinator isometric primary"],
            ["zygomaticus-major", "masseter-superficial"]
        ),
        new("cheeks sucked in", A.Act("suck-cheeks"), ["buccinator concentric primary"], ["zygomaticus-major", "masseter-superficial"]),
        new(
            "air passed across",
            A.Act("transfer-air", "10"),
            ["buccinator concentric primary", "buccinator eccentric primary", "orbicularis-oris isometric primary"],
            ["zygomaticus-major"]
        ),
        new("corners pulled down", A.Act("corners-down"), ["depressor-anguli-oris concentric primary"], ["zygomaticus-major", "mentalis"]),
        new("pout", A.Act("pout-chin-up"), ["mentalis concentric primary"], ["zygomaticus-major", "depressor-labii-inferioris"]),
        new("neck grimace", A.Act("grimace-neck"), ["platysma concentric primary"], ["sternocleidomastoid", "zygomaticus-major"]),
        new(
            "mouth opened wide",
            A.Act("open-jaw"),
            ["lateral-pterygoid concentric primary"],
            ["masseter-superficial", "temporalis", "medial-pterygoid"]
        ),
        new(
            "teeth pressed together",
            A.Act("clench"),
            ["masseter-superficial isometric primary", "temporalis isometric primary", "medial-pterygoid isometric primary"],
            ["lateral-pterygoid", "digastric-anterior", "buccinator"]
        ),
        new(
            "jaw at rest",
            A.Act("jaw-rest", "5 s"),
            ["masseter-superficial inhibited primary", "temporalis inhibited primary"],
            ["masseter-superficial", "temporalis", "lateral-pterygoid"]
        ),
        new(
            "tongue pressed to the palate",
            A.Act("tongue-press-palate"),
            ["intrinsic-tongue isometric primary", "mylohyoid isometric primary"],
            ["masseter-superficial", "platysma"]
        ),
        new(
            "tongue round inside the lips",
            A.Act("tongue-circle-vestibule"),
            ["intrinsic-tongue concentric primary", "buccinator stretched secondary"],
            ["masseter-superficial", "buccinator"]
        ),
        new(
            "chin tucked",
            A.Act("chin-tuck", "5, hold 5 s"),
            ["longus-capitis-colli isometric primary", "suboccipitals stretched secondary"],
            ["platysma", "suboccipitals"]
        ),
        new(
            "head hanging to the side",
            A.Act("head-tilt-side", "20 s"),
            ["trapezius-descending stretched primary", "scalenes stretched primary"],
            ["trapezius-descending", "sternocleidomastoid"]
        ),
        new(
            "shoulders let down",
            A.Act("drop-shoulders"),
            ["trapezius-descending inhibited primary"],
            ["trapezius-descending", "levator-scapulae"]
        ),
        new("slow nasal breath", A.Act("breathe", "6 breaths"), ["diaphragm breath-posture primary"], ["frontalis", "platysma"]),
        new(
            "forehead kneaded with knuckles",
            A.Hand("knead", "forehead-central", 4, "knuckles"),
            ["frontalis kneaded primary"],
            ["frontalis"]
        ),
        new(
            "forehead glide at skin depth",
            A.Hand("stroke", "forehead-central", 2, "four-fingers"),
            ["skin skin-lymph primary"],
            ["frontalis"]
        ),
        new(
            "chewing muscle kneaded",
            A.Hand("circle", "masseter-area", 4, "knuckles"),
            ["masseter-superficial kneaded primary"],
            ["masseter-superficial", "buccinator"]
        ),
        new("temple kneaded", A.Hand("circle", "temple", 4, "heel-thenar"), ["temporalis kneaded primary"], ["temporalis"]),
        new(
            "skull base rubbed",
            A.Hand("circle", "nape", 4),
            ["suboccipitals kneaded primary", "splenius-capitis kneaded primary"],
            ["suboccipitals"]
        ),
        new(
            "brow pinched",
            A.Hand("pinch-roll", "brow", 3, "pinch-thumb-index"),
            ["orbicularis-oculi-orbital kneaded primary"],
            ["corrugator-supercilii"]
        ),
        new(
            "roller over the cheek",
            A.Hand("roll", "malar", 2, "roller-large"),
            ["skin skin-lymph primary"],
            ["zygomaticus-major", "zygomaticus-minor"]
        ),
        new(
            "suction cup on the cheek",
            A.Hand("cup", "buccal-cheek", 2, "cup"),
            ["skin skin-lymph primary"],
            ["buccinator", "zygomaticus-major"]
        ),
        new("taps along the cheek", A.Hand("tap", "malar", 3), ["skin skin-lymph primary"], ["zygomaticus-major"]),
        new(
            "pump in the collarbone hollow",
            A.Hand("lymph-pump", "supraclavicular", 1),
            ["superficial-lymph skin-lymph primary"],
            ["sternocleidomastoid", "platysma"]
        ),
    ];

    public static TheoryData<string> Names => [.. All.Select(c => c.What)];

    [Theory, MemberData(nameof(Names))]
    public void The_map_says_what_the_trade_knows(string what)
    {
        var given = All.Single(c => c.What == what);
        var map = Reference.Derive(given.Step).Map;
        var rows = map.Worked.Select(r => $"{r.Structure} {r.Mode.Word()} {r.Strength.Word()}").ToHashSet();
        given.Worked.Where(w => !rows.Contains(w)).ShouldBeEmpty($"{what}; the map says {string.Join(", ", rows)}");
        map.Worked.Where(r => r.Mode.IsActive() && r.Strength != Strength.Incidental)
            .Select(r => r.Structure)
            .Intersect(given.NeverTrained)
            .ShouldBeEmpty(what);
    }

    [Theory, MemberData(nameof(Names))]
    public void No_step_has_more_than_six_main_muscles(string what)
    {
        // The action model: four at most, full gaze circles and a clench excepted.
        var given = All.Single(c => c.What == what);
        Reference
            .Derive(given.Step)
            .Map.Worked.Count(r =>
                r.Strength == Strength.Primary && Reference.Atlas.Muscles.ContainsKey(r.Structure) && r.Mode != Mode.Inhibited
            )
            .ShouldBeLessThanOrEqualTo(6);
    }
}
