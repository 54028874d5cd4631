using System.Text.RegularExpressions;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What notes say in words of their own, and the words that are read for it: tables, applied from top to bottom.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>A sentence in words that are read.</summary>
    public static string Otherwise(string sentence) =>
        sentence.Length > LongestRemembered ? OtherwiseAnew(sentence) : ReadAs.Of(sentence, 0, static (said, _) => OtherwiseAnew(said));

    private static string OtherwiseAnew(string sentence) => Rows.Aggregate(sentence, static (s, o) => o.Said.Replace(s, o.Read));

    /// <summary>Letters: what is far longer than a sentence is read anew, so that a page in one line fills no memory.</summary>
    private const int LongestRemembered = 600;

    private static readonly Remembered<string, string> ReadAs = new();

    private static readonly (Regex Said, string Read)[] Rows =
    [
        .. OtherPlaces.Rows,
        .. OtherHands.Rows,
        .. OtherFingers.Rows,
        .. OtherMoves.Rows,
        .. OtherFace.Rows,
    ];
}

/// <summary>Of what the rows of those tables are made.</summary>
internal static class Phrasing
{
    public static (Regex Said, string Read) O(string said, string read) => (new Regex(said, RegexOptions.IgnoreCase), read);

    public const string The = @"(?:(?:the|your|both|each|one)\s+)*";

    /// <summary>Stands behind a word that was written short.</summary>
    public const string Mark = @"[\uE100-\uF8FF]?";

    public const string HandNames = "fingers?|finger\\s?tips?|hands?|palms?|thumbs?|fists?|knuckles?|heels?";
}
