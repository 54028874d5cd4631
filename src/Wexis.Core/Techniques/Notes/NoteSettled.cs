using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// "From the chin to the ear": the way goes along the jaw and round its angle. Straight from one to the other it would cross the lips and
/// the cheek, where no hand that keeps to the bone goes. From the inner end of the brow to the temple it goes along the brow: straight it
/// would cross the lid. Under the chin, what the jaw opens against bears on its bone; what is wide lies along the temple, the cheekbone or
/// the soft middle under the chin, and on no eye or tongue bone beside it.
/// </summary>
internal sealed partial class NoteGlossary
{
    /// <summary>A step as it was told, with what the build of the face decides of its places.</summary>
    public static Step Settled(Step step, string told)
    {
        ArgumentNullException.ThrowIfNull(step);
        return KeptOffTheEye(AlongTheJaw(BesideTheCorner(AlongItsBone(OnItsBone(step))), told));
    }

    /// <summary>
    /// A palm or a row of fingers that stays on the temple, on the cheekbone or under the chin is laid along it: as a round spot about its
    /// middle it would cover the eye, or the tongue bone.
    /// </summary>
    private static Step AlongItsBone(Step step) =>
        step.AllHands.Any(h => WideAt(h) is not null)
            ? step with
            {
                Hands = [.. step.AllHands.Select(h => WideAt(h) is { } zone ? h with { Path = null, Zones = [zone] } : h)],
            }
            : step;

    private static string? WideAt(Hand hand) =>
        hand.Contact is "three-fingers" or "four-fingers" or "whole-palm" or "heel-thenar" or "knuckles" or "back-of-hand"
        && hand.AllPoints.Count == 0
        && hand.AllZones.Count == 0
        && hand.AllPath is [{ Offset: null } at]
            ? at.At switch
            {
                "temple_hollow" => "temple",
                "zygoma_prominence" => "malar",
                "submental_mid" => "submental",
                _ => null,
            }
            : null;

    /// <summary>
    /// A fist under the chin that the mouth opens against lies on the bone: in the soft middle behind it, it would reach the tongue bone.
    /// </summary>
    private static Step OnItsBone(Step step) =>
        step.AllActs.Any(a => a.Do == "open-jaw") && step.AllHands.Any(IsUnderChin)
            ? step with
            {
                Hands = [.. step.AllHands.Select(h => IsUnderChin(h) ? h with { Path = null, Zones = ["chin"] } : h)],
            }
            : step;

    private static bool IsUnderChin(Hand hand) =>
        hand.Role == "resist" && hand.AllPoints.Count == 0 && hand.AllPath is [{ At: "submental_mid", Offset: null }];

    /// <summary>
    /// Fingers that hold the skin at the outer corner of the eye lie on the bone beside it; at the corner itself they lie on the eye.
    /// </summary>
    private static Step BesideTheCorner(Step step) =>
        step.AllHands.Any(HoldsAtCorner)
            ? step with
            {
                Hands =
                [
                    .. step.AllHands.Select(h => HoldsAtCorner(h) ? h with { Path = [new("orbital_rim_lateral", null, null, null)] } : h),
                ],
            }
            : step;

    private static bool HoldsAtCorner(Hand hand) => hand.Verb == "hold-still" && hand.AllPath is [{ At: "exocanthion", Offset: null }];

    /// <summary>
    /// Its ways between chin and ear led along the jaw: where that was said, and from the chin itself where no other way was.
    /// </summary>
    private static Step AlongTheJaw(Step step, string told)
    {
        if (!step.AllHands.Any(h => h.AllPath.Count > 1))
            return step;
        var said = AlongJaw().IsMatch(told);
        if (!said && OtherWay().IsMatch(told))
            return step;
        return step with
        {
            Hands = [.. step.AllHands.Select(h => h.AllPath.Count > 1 ? h with { Path = [.. RoundTheAngle(h.AllPath, said)] } : h)],
        };
    }

    /// <summary>
    /// Along the brow to the temple, and under the eye along the rim of the socket from end to end: the corners themselves lie on the eye.
    /// </summary>
    private static Step KeptOffTheEye(Step step) =>
        step.AllHands.Any(h => h.AllPath.Count > 1)
            ? step with
            {
                Hands = [.. step.AllHands.Select(h => h.AllPath.Count > 1 ? h with { Path = [.. OverBrow(OnTheRim(h.AllPath))] } : h)],
            }
            : step;

    private static List<PathPoint> OnTheRim(IReadOnlyList<PathPoint> path)
    {
        var run = new List<PathPoint>();
        for (var i = 0; i < path.Count; i++)
        {
            var (before, after) = (i > 0 && UnderEye(path[i - 1]), i + 1 < path.Count && UnderEye(path[i + 1]));
            var rim = path[i] is { Offset: null, At: { } at } && (before || after) ? RimOf(at) : null;
            if (rim is not null && before)
                run.Add(new(rim, null, null, null));
            if (rim is null || path[i].At is not ("endocanthion" or "exocanthion"))
                run.Add(path[i]);
            if (rim is not null && after && !before)
                run.Add(new(rim, null, null, null));
        }
        return run;
    }

    private static bool UnderEye(PathPoint p) => p is { At: "orbital_rim_inferior", Offset: null };

    private static string? RimOf(string place) =>
        place switch
        {
            "endocanthion" or "nose_bridge_side" => "orbital_rim_medial",
            "exocanthion" or "temple_hollow" => "orbital_rim_lateral",
            _ => null,
        };

    private static IEnumerable<PathPoint> OverBrow(IReadOnlyList<PathPoint> path)
    {
        for (var i = 0; i < path.Count; i++)
        {
            if (i > 0)
                foreach (var place in OverBrow(path[i - 1].At, path[i].At))
                    yield return new(place, null, null, null);
            yield return path[i];
        }
    }

    private static string[] OverBrow(string? from, string? to) =>
        (from, to) switch
        {
            ("brow_head", "temple_hollow") => ["brow_mid", "brow_peak", "brow_tail"],
            ("temple_hollow", "brow_head") => ["brow_tail", "brow_peak", "brow_mid"],
            ("brow_head", "brow_tail") => ["brow_mid", "brow_peak"],
            ("brow_tail", "brow_head") => ["brow_peak", "brow_mid"],
            _ => [],
        };

    private static IEnumerable<PathPoint> RoundTheAngle(IReadOnlyList<PathPoint> path, bool said)
    {
        for (var i = 0; i < path.Count; i++)
        {
            if (i > 0)
                foreach (var corner in Between(path[i - 1].At, path[i].At, said))
                    yield return new(corner, null, null, null);
            yield return path[i];
        }
    }

    private static IEnumerable<string> Between(string? from, string? to, bool said) =>
        (AtChin(from, said), AtEar(to, said), AtEar(from, said), AtChin(to, said)) switch
        {
            (true, true, _, _) => from == "jaw_mid" ? ["gonion"] : ["jaw_mid", "gonion"],
            (_, _, true, true) => to == "jaw_mid" ? ["gonion"] : ["gonion", "jaw_mid"],
            _ => [],
        };

    private static bool AtChin(string? place, bool said) => place is "pogonion" or "menton" || said && place is "sublabiale" or "jaw_mid";

    private static bool AtEar(string? place, bool said) =>
        place is "ear_front" or "tragus" or "lobe" or "below_lobe" or "mastoid_tip"
        || said && place is "condyle" or "ear_top" or "temple_hollow";

    [GeneratedRegex(
        @"\b(?:over|past|across|by|via|through)\s+(?:(?:the|your|both)\s+)?(?:\p{L}+\s+){0,2}(?:cheeks?|cheek\s?bones?|mouth|lips?|face)\b"
            + @"|\b(?:straight|diagonal\w*|slant\w*)\b",
        Free
    )]
    private static partial Regex OtherWay();

    [GeneratedRegex(
        @"\balong\s+(?:(?:the|your|both|lower|whole|edge|bone|line|skin|of)\s+)*jaw|\b(?:jaw\s?(?:line|bone|edge)|edge\s+of\s+(?:the"
            + @"|your)\s+(?:lower\s+)?jaw)\b|^\W*(?:\d+[.)]\s*)?(?:gua\s?sha\W+|stone\W+|roller\W+)?jaw\s*[:,–-]",
        Free
    )]
    private static partial Regex AlongJaw();
}
