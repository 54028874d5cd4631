using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Doses;

/// <summary>Mechanical kinds of steps.</summary>
[ClosedList]
public enum StepFamily
{
    LightGlide,
    FirmGlide,
    PressHold,
    Circles,
    PinchKnead,
    Tap,
    Repetition,
    Hold,
    Resisted,
    Stretch,
    Stillness,
    EyeDrill,
    HabitCheck,
    ToolGlide,
}

/// <summary>The mechanical kind of a step. Derived from what it does, never typed.</summary>
/// <param name="Tempo">Seconds of one repetition where nobody told them.</param>
/// <param name="DoseLine">A usual dose, in the trade's own line.</param>
/// <param name="EndPoint">What usually tells the performer to stop.</param>
public sealed record Family(
    StepFamily Id,
    string Name,
    string Contact,
    Tempo Tempo,
    string DoseLine,
    string Breath,
    string GripOrSlip,
    string EndPoint
);

/// <summary>The families with their defaults. Numbers are common practice, without a source; see docs/method.md#families.</summary>
public static class FamilyDefaults
{
    public static readonly IReadOnlyList<Family> All =
    [
        new(
            StepFamily.LightGlide,
            "light glide",
            "three-fingers",
            new(3, 0, 0, 0.5),
            "3 / 5 / 8",
            "free",
            "slip",
            "the path is walked to its end"
        ),
        new(StepFamily.FirmGlide, "firm glide", "knuckles", new(3, 0, 0, 0.5), "3 / 5 / 8", "free", "slip", "the tissue softens"),
        new(
            StepFamily.PressHold,
            "press and hold",
            "two-fingers",
            new(1, 5, 1, 1),
            "3 / 5 / 8",
            "long-out",
            "grip",
            "the spot eases, nothing throbs"
        ),
        new(
            StepFamily.Circles,
            "circles",
            "two-fingers",
            new(1, 0, 0, 0),
            "5 / 8 / 10",
            "free",
            "grip",
            "the count is done, the skin is warm"
        ),
        new(
            StepFamily.PinchKnead,
            "pinch and knead",
            "pinch-thumb-index",
            new(0.5, 0, 0.5, 0),
            "2 / 3 / 5",
            "free",
            "grip",
            "the row is walked, light pink at most"
        ),
        new(StepFamily.Tap, "tap", "two-fingers", new(0.3, 0, 0, 0), "15 / 20 / 30 s", "free", "grip", "the time is up"),
        new(StepFamily.Repetition, "repetition", "fingertip-index", new(1, 0, 1, 1), "5 / 8 / 10", "free", "grip", "the count is done"),
        new(
            StepFamily.Hold,
            "hold",
            "fingertip-index",
            new(1, 5, 1, 2),
            "2 / 3 / 5",
            "free",
            "grip",
            "the time is up, the part lets go fully"
        ),
        new(
            StepFamily.Resisted,
            "resisted",
            "two-fingers",
            new(1, 5, 2, 3),
            "2 / 3 / 5",
            "out-on-effort",
            "grip",
            "an even push, no fold in the skin"
        ),
        new(StepFamily.Stretch, "stretch", "two-fingers", new(2, 8, 2, 2), "2 / 3 / 5", "long-out", "grip", "a mild pull, no pain"),
        new(StepFamily.Stillness, "stillness", "whole-palm", new(1, 3, 2, 2), "2 / 3 / 5", "free", "grip", "the quiet part has not moved"),
        new(
            StepFamily.EyeDrill,
            "eye drill",
            "fingertip-index",
            new(2, 0, 2, 1),
            "3 / 5 / 10",
            "free",
            "grip",
            "the count is done, the eyes are comfortable"
        ),
        new(
            StepFamily.HabitCheck,
            "habit check",
            "whole-palm",
            new(1, 5, 0, 0),
            "3 / 5 / 10",
            "nasal-slow",
            "grip",
            "the rest state is found again"
        ),
        new(StepFamily.ToolGlide, "tool glide", "tool-flat", new(2.5, 0, 0, 0.5), "3 / 4 / 6", "free", "slip", "every line is drawn"),
    ];

    private static readonly IReadOnlyDictionary<StepFamily, Family> ById = All.ToDictionary(f => f.Id);

    public static Family Get(StepFamily kind) => ById[kind];

    /// <summary>The family of a step: by its working hand, else by its act; null while nothing happens yet.</summary>
    public static StepFamily? Of(Step step, Atlas atlas, ActionModel model)
    {
        ArgumentNullException.ThrowIfNull(step);
        // The order in which hands and movements are told means nothing (house ruling 17): the family that comes first here leads.
        var hands = step.AllHands.Where(h => h.Role is null or "work" && h.Verb is not null and not "hold-still").ToList();
        if (hands.Count > 0)
            return Leading(hands.Select(h => OfHand(h, atlas, model)));
        var acts = step.AllActs.Where(a => a.Do is not null).ToList();
        if (acts.Count == 0)
            return step.AllHands.Any(h => h.Verb is not null) ? StepFamily.Stillness : null;
        return Leading(acts.Select(a => OfAct(a, step, model)));
    }

    private static readonly StepFamily[] Order =
    [
        StepFamily.ToolGlide,
        StepFamily.FirmGlide,
        StepFamily.LightGlide,
        StepFamily.PinchKnead,
        StepFamily.Circles,
        StepFamily.PressHold,
        StepFamily.Tap,
        StepFamily.Resisted,
        StepFamily.Stillness,
        StepFamily.Hold,
        StepFamily.EyeDrill,
        StepFamily.Repetition,
        StepFamily.Stretch,
        StepFamily.HabitCheck,
    ];

    private static StepFamily Leading(IEnumerable<StepFamily> families) => families.MinBy(f => Array.IndexOf(Order, f));

    private static StepFamily OfHand(Hand work, Atlas atlas, ActionModel model)
    {
        if (
            work.Contact is { } c && atlas.Contacts.TryGetValue(c, out var contact) && contact.Kind == ContactKind.Tool
            || work.Verb is "tool-stroke" or "tool-press" or "roll" or "cup"
        )
            return StepFamily.ToolGlide;
        return work.Verb switch
        {
            "stroke" => work.Pressure > model.Rules.LymphLevels.Max() ? StepFamily.FirmGlide : StepFamily.LightGlide,
            "circle" or "friction" or "scalp-glide" => StepFamily.Circles,
            "knead" or "pinch-roll" or "pinch-hold" => StepFamily.PinchKnead,
            "press" or "lymph-pump" or "tool-press" => StepFamily.PressHold,
            "tap" => StepFamily.Tap,
            "stretch-apart" or "lift-hold" => StepFamily.Stretch,
            _ => StepFamily.Stillness,
        };
    }

    /// <summary>The family of one movement by itself.</summary>
    internal static StepFamily OfAct(Act act, Step step, ActionModel model)
    {
        var verb = model.Resolve(act.Do!).Base ?? act.Do!;
        if (act.Resist is not null and not "none")
            return StepFamily.Resisted;
        if (
            verb is "gaze" or "widen-eyes" or "blink"
            && (
                act.AllHoldStill.Any(h => h.By is "palm" or "finger")
                || step.AllHands.Any(h => h.Verb == "hold-still" && h.Role is "hold" or "anchor")
            )
        )
            return StepFamily.Stillness;
        return verb switch
        {
            "gaze" => StepFamily.EyeDrill,
            "jaw-rest" or "relax-scan" or "drop-shoulders" or "breathe" or "palm-eyes" => StepFamily.HabitCheck,
            "head-tilt-side" or "head-back" or "neck-bend-forward" or "chin-tuck" or "head-half-circle" or "head-circle" =>
                StepFamily.Stretch,
            _ => act.Tempo?.HoldS >= model.Rules.HoldSeconds || step.Tempo?.HoldS >= model.Rules.HoldSeconds
                ? StepFamily.Hold
                : StepFamily.Repetition,
        };
    }
}
