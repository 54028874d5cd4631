using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes.Roles;

/// <summary>What a word is in its sentence.</summary>
internal enum Role
{
    Part,
    Hand,
    Verb,
    Way,
    Leads,
    With,
    Joins,
    Break,
    Light,
    It,
    Not,
    Read,
    Number,
    Other,
}

/// <summary>One or more words of a sentence that are one thing: "the corners of the mouth".</summary>
/// <param name="Means">The part, the way, or the word itself.</param>
/// <param name="Side">Left or right, of a part or a hand; null where it says neither.</param>
internal sealed record Chunk(Role Role, int At, int Length, string Means, string? Side = null)
{
    public int End => At + Length;

    /// <summary>Cuts a sentence into its words, and says what each can be; what was read already is one thing that says no more.</summary>
    /// <param name="left">The sentence, with a mark over what was read.</param>
    /// <param name="hands">Where a hand is named.</param>
    public static List<Chunk> Of(string left, char mark, IReadOnlyCollection<Capture> hands)
    {
        var words = Words.Matches(left).ToList();
        var found = new List<Chunk>();
        for (var i = 0; i < words.Count; i++)
        {
            var word = words[i];
            if (hands.FirstOrDefault(h => h.Index <= word.Index && word.Index < h.Index + h.Length) is { } hand)
            {
                if (found is not [.., { Role: Role.Hand } last] || last.End <= word.Index)
                    Add(new(Role.Hand, hand.Index, hand.Length, ""));
                continue;
            }
            if (word.Value[0] == mark)
            {
                found.Add(new(Role.Read, word.Index, word.Length, ""));
                continue;
            }
            if (PartAt(words, i) is var (part, end) && part is not null)
            {
                Add(new(Role.Part, word.Index, words[end].Index + words[end].Length - word.Index, part));
                i = end;
                continue;
            }
            if (InCircles(words, i) is { } round)
            {
                found.Add(new(Role.Way, word.Index, words[round].Index + words[round].Length - word.Index, "circle"));
                i = round;
                continue;
            }
            var said = word.Value.ToLowerInvariant();
            // "Lower the jaw" does it, "the lower jaw" is it.
            if (said == "lower" && i + 1 < words.Count && words[i + 1].Value.ToLowerInvariant() is "the" or "your" or "it" or "them")
            {
                found.Add(new(Role.Verb, word.Index, word.Length, said));
                continue;
            }
            // "The chewing muscle": which muscle.
            if (i + 1 < words.Count && words[i + 1].Value.ToLowerInvariant() is "muscle" or "muscles")
            {
                found.Add(new(Role.Light, word.Index, word.Length, said));
                continue;
            }
            // "Along the fold", "from the fold": a place.
            if (said is "fold" or "folds" or "crease" or "creases" && FollowsALead(words, i))
            {
                found.Add(new(Role.Light, word.Index, word.Length, said));
                continue;
            }
            // "Hold the smile", "smooth away the frown", "hold the stretch": what is there already.
            if (RoleWords.Verb(said) is { } verb && IsAThing(words, i) && (verb.Moves is not null || IsHeld(words, i)))
            {
                found.Add(new(Role.Light, word.Index, word.Length, said));
                continue;
            }
            found.Add(new(RoleOf(said), word.Index, word.Length, RoleWords.Way(said) ?? said));
        }
        return found;

        // "The left brow" is one thing.
        void Add(Chunk named)
        {
            if (found is [.., { Role: Role.Way, Means: "left" or "right" } side])
            {
                found.RemoveAt(found.Count - 1);
                named = named with { At = side.At, Length = named.End - side.At, Side = side.Means };
            }
            found.Add(named);
        }
    }

    private static bool FollowsALead(List<Match> words, int at)
    {
        for (at--; at >= 0; at--)
            if (words[at].Value.ToLowerInvariant() is not ("the" or "your" or "each" or "both"))
                return RoleWords.Leads(words[at].Value.ToLowerInvariant());
        return false;
    }

    private static bool IsAThing(List<Match> words, int at) =>
        at > 1
        && words[at - 1].Value.ToLowerInvariant() is "the" or "your" or "this" or "that"
        && (
            IsHeld(words, at)
            || words[at - 2].Value.ToLowerInvariant() is "release" or "away" or "out" or "off" or "over" or "relax" or "apart" or "of"
        );

    private static bool IsHeld(List<Match> words, int at) =>
        words[at - 2].Value.ToLowerInvariant() is "hold" or "keep" or "feel" or "enjoy" or "intensify";

    private static Role RoleOf(string said) =>
        char.IsDigit(said[0]) ? Role.Number
        : !char.IsLetter(said[0]) ? Role.Break
        : RoleWords.Joins(said) ? Role.Joins
        : RoleWords.Points(said) ? Role.It
        : RoleWords.Denies(said) ? Role.Not
        : RoleWords.IsWith(said) ? Role.With
        : RoleWords.Way(said) is not null ? Role.Way
        : RoleWords.Leads(said) ? Role.Leads
        : RoleWords.IsLight(said) ? Role.Light
        : RoleWords.Verb(said) is not null ? Role.Verb
        : Role.Other;

    /// <summary>The last word of "in a circle", "in small circles"; null where none begins.</summary>
    private static int? InCircles(List<Match> words, int at)
    {
        if (!words[at].Value.Equals("in", StringComparison.OrdinalIgnoreCase))
            return null;
        for (var next = at + 1; next < words.Count && next <= at + 3; next++)
            if (words[next].Value.ToLowerInvariant() is "circle" or "circles")
                return next;
            else if (!RoleWords.IsLight(words[next].Value.ToLowerInvariant()))
                return null;
        return null;
    }

    /// <summary>The part whose name begins at a word, and the last word of the name.</summary>
    private static (string? Part, int Last) PartAt(List<Match> words, int at)
    {
        foreach (var (name, part) in RoleWords.PartsThatBegin(words[at].Value.ToLowerInvariant()).OrderByDescending(p => p.Words.Length))
        {
            var (n, last) = (1, at);
            for (var next = at + 1; n < name.Length && next < words.Count; next++)
            {
                var word = words[next].Value.ToLowerInvariant();
                if (word == name[n] || RoleWords.One(word) == name[n])
                    (n, last) = (n + 1, next);
                // "Lower the jaw" is no lower jaw.
                else if (
                    word is not ("the" or "your" or "of")
                    || (word is not "of" && n == 1 && name[0] is "lower" or "upper" && last == at && next == at + 1)
                )
                    break;
            }
            if (n == name.Length)
                return (part, last);
        }
        return (null, at);
    }

    private static readonly Regex Words = new(@"\d+|\p{L}[\p{L}'’]*|·+|[^\s\p{L}\d·]", RegexOptions.CultureInvariant);
}
