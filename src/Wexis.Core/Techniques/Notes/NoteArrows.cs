using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Notes.Roles;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Arrows of notes: from place to place, or from movement to movement.</summary>
internal sealed partial class NoteGlossary
{
    private static string WithoutArrows(string sentence)
    {
        if (!Arrow().IsMatch(sentence))
            return sentence;
        var moves = !HandWord().IsMatch(sentence) && !Contacts.Any(c => c.Pattern.IsMatch(sentence)) && Arrow().Split(sentence).All(Moves);
        // "Smile -> kiss": one movement and the next.
        return Arrow().Replace(moves ? sentence : FirstArrow().Replace(sentence, FromStart, 1), moves ? ", " : " to ");
    }

    /// <summary>"Nose -> ear".</summary>
    [GeneratedRegex(@"\s*(?:-+>|=+>|→|⇒|➔|➜)\s*")]
    private static partial Regex Arrow();

    /// <summary>"Sweep both hands forehead -> temples": the way begins at what stands just before the arrow.</summary>
    private static string FromStart(Match arrow)
    {
        var words = arrow.Groups["start"].Value.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var ways = words.Reverse().TakeWhile(w => w is "out" or "up" or "down" or "back").Count();
        var begins = Enumerable.Range(0, words.Length - ways).Where(i => IsNoPlace(words, i)).DefaultIfEmpty(-1).Max() + 1;
        return begins == words.Length - ways
            ? arrow.Result("from ${start} -> ")
            : $"{string.Concat(words.Take(begins).Select(w => w + " "))}from {string.Join(' ', words.Skip(begins))} -> ";
    }

    /// <summary>Whether no name of a place has that word in it: "the" only behind "of" or "under".</summary>
    private static bool IsNoPlace(string[] words, int at) =>
        words[at] is "the" or "your"
            ? at == 0 || !LeadsToIt.Contains(words[at - 1])
            : words[at] is "from" or "with" or "both" or "circles" or "lightly" or "gently" or "softly" or "firmly" or "light"
                || HandWord().IsMatch(words[at])
                || Contacts.Any(c => c.Pattern.IsMatch(words[at]))
                || RoleWords.Verb(words[at].ToLowerInvariant()) is not null;

    private static readonly HashSet<string> LeadsToIt =
    [
        .. "of behind under below above beside between along over across via round around on at".Split(' '),
    ];

    [GeneratedRegex(
        @"(?:\bfrom\s+)?(?<start>\b(?<!\b(?:down|up|over|along)\s+)(?!(?:down|up|over"
            + @"|along)\s)[\p{L}][\p{L} ]{1,30}?)\s*(?:-+>|=+>|→|⇒|➔|➜)\s*",
        Free
    )]
    private static partial Regex FirstArrow();
}
