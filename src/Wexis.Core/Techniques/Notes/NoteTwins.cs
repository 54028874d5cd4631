using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// "Turn right, hold 5, turn left, hold 5": what is told of one side and again of the other is told once, "each side". What stands
/// there a second time may be shorter ("…, left, hold 5"), but says nothing new.
/// </summary>
internal sealed partial class NoteGlossary
{
    /// <summary>Nobody tells one side and the other in a longer sentence.</summary>
    private const int MostLettersOfTwins = 600;

    private static string OncePerSide(string sentence)
    {
        if (sentence.Length > MostLettersOfTwins)
            return sentence;
        var parts = Clauses().Split(sentence);
        for (var i = 0; i < parts.Length; i += 2)
        {
            if (Side().Matches(parts[i]) is not [var side])
                continue;
            var j = i + 2;
            while (j < parts.Length && !IsTwin(parts[i], parts[j], side.Value))
                j += 2;
            if (j >= parts.Length || (j > i + 4 && !IsOnlyASide(parts[j])))
                continue;
            // How long, told of the one side, and perhaps again of the other.
            var between = parts[(i + 1)..(j - 1)];
            var dose = between.LastOrDefault(p => OnlyDose().IsMatch(p));
            var inTurn = Alternately().IsMatch(sentence);
            if (dose is null && !inTurn && !parts[i].Any(char.IsDigit) && !EachSide().IsMatch(sentence))
                continue;
            var (end, again) = (j + 1, j + 2 < parts.Length ? parts[j + 2] : null);
            if (dose is not null && again is not null && Bare(again) == Bare(dose))
                end += 2;
            // "Right, hold 5 s, left, hold 9 s": they differ.
            else if (dose is not null && again is not null && OnlyDose().IsMatch(again) && HowLong(again) && HowLong(dose))
                continue;
            var bare = ThatSide().Replace(parts[i], "", 1).TrimEnd();
            if (!Bare(DoseWords().Replace(bare, "")).Any(char.IsLetter))
                continue;
            // "Turn the head right" says what it is without its side, "jaw right" does not.
            var once =
                PartsAfter(ThatSide().Match(parts[i])) || Does(bare) ? bare : ThatSide().Replace(parts[i], "left and right ", 1).TrimEnd();
            var rest = string.Concat(parts[end..]).TrimEnd(' ', '.', ',', ';');
            var told = $"{string.Concat(parts[..i])}{once}{string.Concat(between)}{rest}";
            return OncePerSide(
                inTurn ? $"{told}, left and right in turn"
                : EachSide().IsMatch(told) ? told
                : EachAtEnd().IsMatch(told) ? $"{told} side"
                : $"{told}, each side"
            );
        }
        return sentence;
    }

    /// <summary>Whether the second says no more than the first, of the other side.</summary>
    private static bool IsTwin(string first, string second, string side)
    {
        if (Side().Matches(second) is not [var other] || other.Value.Equals(side, StringComparison.OrdinalIgnoreCase))
            return false;
        var said = Words(first).ToHashSet(StringComparer.Ordinal);
        return Words(second).All(w => w is "left" or "right" || said.Contains(w) || LeansOn.Contains(w));
    }

    private static bool IsOnlyASide(string clause) => Words(clause).All(w => w is "left" or "right" || LeansOn.Contains(w));

    private static readonly HashSet<string> LeansOn =
    [
        "same",
        "too",
        "to",
        "on",
        "the",
        "then",
        "and",
        "also",
        "again",
        "with",
        "it",
        "repeat",
    ];

    private static bool HowLong(string dose) => HasTime(dose) || dose.Contains("hold", StringComparison.OrdinalIgnoreCase);

    private static string Bare(string clause) => string.Join(' ', Words(clause));

    /// <summary>Whether a part is named behind "left": "the left cheek".</summary>
    private static bool PartsAfter(Match side) =>
        Roles.Chunk.Of(side.Groups["next"].Value, Phrases.Read, []) is [{ Role: Roles.Role.Part }, ..];

    [GeneratedRegex(@"(?<between>\s*[,;]\s*(?:and\s+|then\s+|and\s+then\s+)?|\s+then\s+)", Free)]
    private static partial Regex Clauses();

    [GeneratedRegex(@"\b(?:left|right)\b", Free)]
    private static partial Regex Side();

    [GeneratedRegex(@"\b(?:left|right)\b\s*(?=(?<next>[^,;]*))", Free)]
    private static partial Regex ThatSide();

    [GeneratedRegex(@"^\s*(?:hold\w*\s+)?(?:it\s+)?(?:for\s+)?\d+\s*(?:s|secs?|seconds?|counts?|x|×|times|reps?)?\.?\s*$", Free)]
    private static partial Regex OnlyDose();

    [GeneratedRegex(@"\b(?:each|per|both|change)\s+sides?\b", Free)]
    private static partial Regex EachSide();

    [GeneratedRegex(@"\beach\s*$", Free)]
    private static partial Regex EachAtEnd();
}
