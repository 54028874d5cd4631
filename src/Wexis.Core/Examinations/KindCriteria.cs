using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Examinations;

/// <summary>What leading a group, correcting a fault and showing several techniques in a row are judged by (common practice).</summary>
public static partial class MarkSheetDraft
{
    private static IEnumerable<Criterion> OfCorrecting()
    {
        yield return Teaching(
            Measure(Topic.Noticing, "", "Sees the planted fault within 10 s", 0, new(Quantity.CatchSeconds, null, 0, CatchWithin, "s"))
        ) with
        {
            Id = Topic.Noticing.Word(),
            Step = null,
        };
        yield return Taught(
            Topic.Naming,
            "Names what is wrong and where, in plain words",
            false,
            [
                "names nothing, or something else",
                "names it vaguely",
                "right, with a slip in place or side",
                "what and where, in one sentence",
            ]
        );
        yield return Taught(
            Topic.Priority,
            "What can hurt comes first; one correction at a time",
            true,
            ["a harm is passed over", "several at once", "one at a time, not the most important", "the most important one, alone"]
        );
        yield return Taught(
            Topic.Correction,
            "Gives a cue that mends it",
            false,
            ["no cue", "a cue that does not fit", "a fitting cue, long or late", "a short cue that mends it"]
        );
        yield return Taught(
            Topic.Checking,
            "Looks whether it changed, and says so",
            false,
            ["looks away", "looks, says nothing", "says so, without looking twice", "looks again and says what changed"]
        );
        yield return Taught(
            Topic.Manner,
            "Corrects without blame",
            false,
            ["shames", "impatient", "kind, with a slip", "kind and plain throughout"]
        );
        yield return Taught(
            Topic.Adaptation,
            "Offers an easier version if the cue does not mend it",
            false,
            ["none", "one that does not fit", "a fitting one, late", "a fitting one at once"]
        );
    }

    private static IEnumerable<Criterion> OfLeading(
        IReadOnlyList<SheetPart> parts,
        List<SheetStep> steps,
        Atlas atlas,
        HouseSettings settings
    )
    {
        yield return Done(Topic.Setup, "Room, seats, mirrors, clean hands and product are ready", null, NearEyes(parts, atlas));
        yield return Done(Topic.Screening, "Asks the group what must be left out, and says who does what instead", null, true);
        foreach (var c in OfParts(parts, steps, atlas, settings))
            yield return c;
        yield return Graded(
            Topic.Breath,
            "The group's breath goes on",
            null,
            false,
            ["held, and not noticed", "held at effort", "stops once, is corrected", "quiet and even"]
        );
        if (parts.Select(p => FluidFinish.Of(p.Derivation, atlas)).LastOrDefault(f => f is not null) is { } finish)
            yield return Graded(Topic.Finish, finish.Text, null, false, finish.Anchors);
        yield return Taught(
            Topic.SidesSaid,
            "Says left and right as the learners have them",
            false,
            ["wrong sides", "muddled more than once", "one slip, corrected", "right throughout, shown and said"]
        );
        yield return Taught(
            Topic.Cueing,
            "Cues come before the movement, one idea at a time, counted aloud",
            false,
            ["no cue", "cues late or muddled", "right cues with slips", "clear, in time, never over a busy mouth"]
        );
        if (steps.Exists(s => s.Counting == Counting.Reps))
            yield return Teaching(
                Measure(
                    Topic.Talk,
                    "",
                    "Talk leaves room for the work: at most a quarter of it",
                    0,
                    new(Quantity.TalkShare, null, 0, MostTalk, "")
                )
            ) with
            {
                Id = Topic.Talk.Word(),
                Step = null,
            };
        yield return Taught(
            Topic.Watching,
            "Watches the learners, and corrects what can hurt first",
            true,
            ["sees nobody", "sees faults, corrects none", "corrects late", "sees and corrects, the unsafe one first"]
        );
        yield return Taught(
            Topic.Adaptation,
            "Offers an easier version and one stop rule",
            false,
            ["neither", "one, unfitting", "one of the two", "both, fitting"]
        );
        yield return Taught(
            Topic.Anatomy,
            "Says what is worked, in words a beginner knows",
            false,
            [
                "nothing or another structure",
                "right structure, wrong kind of work",
                "right with a slip",
                "structure, kind of work and limit",
            ]
        );
        if (parts.Count > 1)
            yield return Taught(Topic.Order, "All parts, in their order", false, OrderAnchors);
    }

    private static IEnumerable<Criterion> OfRow(IReadOnlyList<SheetPart> parts, List<SheetStep> steps, Atlas atlas, HouseSettings settings)
    {
        yield return Done(
            Topic.Setup,
            "Screening asked, hands clean, nails, jewellery and hair ready, product right",
            null,
            NearEyes(parts, atlas)
        );
        yield return Graded(
            Topic.Posture,
            "Sits tall, head level, shoulders down",
            null,
            false,
            ["slumped or twisted throughout", "drops and is not noticed", "drops once, corrected", "tall and easy throughout"]
        );
        foreach (var c in OfParts(parts, steps, atlas, settings))
            yield return c;
        yield return Graded(
            Topic.Stillness,
            "What has to stay relaxed does, in every technique",
            null,
            false,
            ["moves every time", "moves more often than not", "a slip, noticed and corrected", "no movement to be seen"]
        );
        yield return Graded(
            Topic.Breath,
            "Breath goes on; no hold that was not screened",
            null,
            false,
            ["held throughout", "held at effort", "stops once, corrected", "quiet and even"]
        );
        yield return Graded(Topic.Order, "All techniques, in their order", null, false, OrderAnchors);
        if (parts.Select(p => FluidFinish.Of(p.Derivation, atlas)).LastOrDefault(f => f is not null) is { } finish)
            yield return Graded(Topic.Finish, finish.Text, null, false, finish.Anchors);
        yield return Taught(
            Topic.Anatomy,
            "Names what each works and how",
            false,
            [
                "nothing or another structure",
                "right structure, wrong kind of work",
                "right with a slip",
                "structure, kind of work and limit",
            ]
        );
        yield return Taught(
            Topic.Cueing,
            "Cues before the movement, names the learner's side, one idea at a time",
            false,
            ["no cue", "cues late or muddled", "right cues with slips", "clear, in time, watching the learner"]
        );
        yield return Taught(
            Topic.Adaptation,
            "Offers one easier version and one stop rule",
            false,
            ["neither", "one, unfitting", "one of the two", "both, fitting"]
        );
    }

    private static readonly string[] OrderAnchors =
    [
        "in another order, or two left out",
        "one left out",
        "an exchange, noticed and put right",
        "all, in order",
    ];
}
