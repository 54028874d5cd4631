using System.Globalization;
using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What a second look asks for beside parts, ways and verbs: numbers, the inside of the mouth, how hard.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>Words of a sentence, as they stand in it, of which its step has nothing.</summary>
    private static IEnumerable<string> LostBesides(string told, Step step)
    {
        foreach (var number in NumbersLost(told, step))
            yield return number;
        foreach (var still in step.AllStill.Where(z => step.AllActs.Any(a => Roles.RoleWords.PartOf(a.Do ?? "") == z)))
            yield return still;
        if (MovesAsIf().Match(told) is { Success: true } moves)
            yield return moves.Value.ToLowerInvariant();
        if (step.AllHands.Count == 0)
            yield break;
        if (
            InsideTheMouth().Match(told) is { Success: true } inside
            && !step.AllHands.Any(h => h.AllZones.Contains("mouth-inside") || h.Contact == "hook")
        )
            yield return inside.Groups["in"].Value.ToLowerInvariant();
        if (
            step.AllHands.All(h => h.AllPath.Count < 2 && h.Direction is null && h.DegLeft is null)
            && FromOutsideIn().Match(told) is { Success: true } way
        )
            yield return way.Value.ToLowerInvariant();
        if (step.AllHands.All(h => h.Pressure is null && h.Role is null) && PressureNoun().Match(told) is { Success: true } hard)
            yield return hard.Value.ToLowerInvariant();
    }

    /// <summary>Numbers that are in no dose, tempo or end of the step: "5 s tight, 3 s loose" of which only the 5 was taken.</summary>
    private static IEnumerable<string> NumbersLost(string told, Step step)
    {
        var has = $"{InFigures(step.Dose?.Line ?? "")} {InFigures(step.EndPoint ?? "")}";
        var known = AnyNumber().Matches(has).Select(m => m.Value).ToHashSet(StringComparer.Ordinal);
        foreach (
            var s in new[]
            {
                step.Tempo?.InS,
                step.Tempo?.HoldS,
                step.Tempo?.OutS,
                step.Tempo?.RestS,
                step.AllHands.Select(h => h.AngleDeg).FirstOrDefault(a => a is not null),
            }.OfType<double>()
        )
            known.Add(s.ToString(CultureInfo.InvariantCulture));
        return AnyNumber().Matches(NoCount().Replace(InFigures(told), " ")).Select(m => m.Value).Where(n => n != "1" && !known.Contains(n));
    }

    /// <summary>Numbers that count no repetition and no time: fingers, widths, levels, angles, lengths.</summary>
    [GeneratedRegex(
        @"\b\d+(?:\s*(?:-|–|to|or)\s*\d+)?[\s-]+(?:(?:flat|middle|joined|other|extended)\s+)*(?:fingers?|fingertips?|thumbs?|hands?"
            + @"|palms?|knuckles?|widths?|mm|cm|m\b"
            + @"|degrees?|°)|\b(?:level|pressure|vit\w*|no\.?|step|set)\s+\d+",
        Free
    )]
    private static partial Regex NoCount();

    /// <summary>"Move them as if reading": how it feels is all that is said of how it moves.</summary>
    [GeneratedRegex(@"\bmov\w*\s+(?:it|them)\s+(?:as\s+(?:if|though)|like)\s[^,.;]*", Free)]
    private static partial Regex MovesAsIf();

    [GeneratedRegex(@"\d+")]
    private static partial Regex AnyNumber();

    /// <summary>"From inside", "thumb inside", "inside the cheek": no inner corner, and no way.</summary>
    [GeneratedRegex(
        @"\b(?:thumbs?|fingers?|index)\s+(?<in>inside)\b|(?<!\btongue\b[^.;]{0,40})\b(?<in>inside)\s+(?:of\s+)?(?:the\s+"
            + @"|your\s+)?(?:mouth|cheeks?|lips?)\b",
        Free
    )]
    private static partial Regex InsideTheMouth();

    [GeneratedRegex(@"\bfrom\s+(?:the\s+)?(?:outside|inside)(?:\s+to(?:\s+the)?)?\s+(?:in|out)(?:side|wards?)?\b", Free)]
    private static partial Regex FromOutsideIn();

    [GeneratedRegex(@"\bpressure\b", Free)]
    private static partial Regex PressureNoun();
}
