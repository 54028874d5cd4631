using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>One side, both, or one after the other, where the words of it stand apart.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>"Smile right, then left": one side and then the other, where nothing else has read it.</summary>
    private static bool TellsBothSides(Phrases phrases)
    {
        if (!OneSideAndTheOther().IsMatch(phrases.Whole))
            return false;
        var (both, alone) = (phrases.Take(OneSideAndTheOther()), phrases.Take(ThatSideAlone()));
        return both is not null || alone is not null;
    }

    [GeneratedRegex(
        @"\b(?:(?:on|to)\s+the\s+)?(?:(?<l>left)|right)\b[\uE100-\uF8FF]?(?:\s+(?:sides?|one|cheek|brow|corner|shoulder|ear"
            + @"|nostril))?(?:[\s,/+·]|\d"
            + @"|\b(?:and|then|to|the|on|s|secs?|seconds?|x|times|only|back|middle|each|counts?|hold|for|with)\b)*\b(?(l)right"
            + @"|left)\b[\uE100-\uF8FF]?"
            + @"(?:\s+(?:sides?|one|cheek|brow|corner))?(?!\s+(?:hand|palm|index|thumb|fist|finger))",
        Free
    )]
    private static partial Regex OneSideAndTheOther();

    [GeneratedRegex(@"(?<=[,;]\s*(?:then\s+)?(?:(?:on|to)\s+the\s+)?)\b(?:left|right)\b[\uE100-\uF8FF]?(?=\s*(?:[,;.·\d]|$))", Free)]
    private static partial Regex ThatSideAlone();

    /// <summary>Whether it may be done on one side; eyes look both ways, and a kiss has no side.</summary>
    private static bool HasTwoSides(Moved move) =>
        !move.Do.StartsWith("gaze-", StringComparison.Ordinal) && move.Do is not ("transfer-air" or "circle-air" or "pucker");

    /// <summary>Eyes that look left, right and elsewhere: a round of them is counted, and no side.</summary>
    private static bool GazeRound(List<Moved> moves) =>
        moves.Count > 1 && moves.TrueForAll(m => m.Do.StartsWith("gaze-", StringComparison.Ordinal));

    /// <summary>Whether what alternates is what is done ("kiss and smile", "shut and wide open"), and not the sides.</summary>
    private static bool InItself(IReadOnlyList<Moved> moves) => moves.Count > 1 || moves[0].Do == "squeeze-open";
}
