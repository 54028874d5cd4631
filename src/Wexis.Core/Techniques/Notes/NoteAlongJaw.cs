using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// "From the chin along the jaw to the ear": the way goes round the angle of the jaw. Straight from one to the other it would cross the
/// lips and the cheek.
/// </summary>
internal sealed partial class NoteGlossary
{
    /// <summary>A step as it was told, its ways between chin and ear led along the jaw where that was said.</summary>
    public static Step AlongTheJaw(Step step, string told)
    {
        ArgumentNullException.ThrowIfNull(step);
        return step.AllHands.Any(h => h.AllPath.Count > 1) && AlongJaw().IsMatch(told)
            ? step with
            {
                Hands = [.. step.AllHands.Select(h => h.AllPath.Count > 1 ? h with { Path = [.. RoundTheAngle(h.AllPath)] } : h)],
            }
            : step;
    }

    private static IEnumerable<PathPoint> RoundTheAngle(IReadOnlyList<PathPoint> path)
    {
        for (var i = 0; i < path.Count; i++)
        {
            if (i > 0)
                foreach (var corner in Between(path[i - 1].At, path[i].At))
                    yield return new(corner, null, null, null);
            yield return path[i];
        }
    }

    private static IEnumerable<string> Between(string? from, string? to) =>
        (AtChin(from), AtEar(to), AtEar(from), AtChin(to)) switch
        {
            (true, true, _, _) => from == "jaw_mid" ? ["gonion"] : ["jaw_mid", "gonion"],
            (_, _, true, true) => to == "jaw_mid" ? ["gonion"] : ["gonion", "jaw_mid"],
            _ => [],
        };

    private static bool AtChin(string? place) => place is "pogonion" or "menton" or "sublabiale" or "jaw_mid";

    private static bool AtEar(string? place) =>
        place is "ear_front" or "tragus" or "condyle" or "lobe" or "below_lobe" or "ear_top" or "mastoid_tip" or "temple_hollow";

    [GeneratedRegex(
        @"\balong\s+(?:(?:the|your|both|lower|whole|edge|bone|line|skin|of)\s+)*jaw|\b(?:jaw\s?(?:line|bone|edge)|edge\s+of\s+(?:the"
            + @"|your)\s+(?:lower\s+)?jaw)\b|^\W*(?:\d+[.)]\s*)?(?:gua\s?sha\W+|stone\W+|roller\W+)?jaw\s*[:,–-]",
        Free
    )]
    private static partial Regex AlongJaw();
}
