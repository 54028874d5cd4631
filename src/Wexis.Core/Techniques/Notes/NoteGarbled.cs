using System.Text.RegularExpressions;
using F23.StringSimilarity;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Claims;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Names that are spelt as they sound.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>Words that sound like anatomy and are spelt like nothing in the atlas, with their likeliest meaning.</summary>
    public IReadOnlyList<GarbledWord> Garbled(string sentence)
    {
        var words = Words(sentence);
        var known = ClaimWords.Named(sentence, _atlas);
        var found = new List<GarbledWord>();
        for (var i = 0; i < words.Count; i++)
        for (var n = Math.Min(3, words.Count - i); n >= 1; n--)
        {
            var window = words.Skip(i).Take(n).ToList();
            var said = string.Join(' ', window);
            if (said.Length < 6 || window.All(Known) || window.Any(w => w.Length < 4))
                continue;
            if (_names.Any(x => x.Words == said) || (n > 2 && window.Exists(w => _names.Any(x => x.Words == w))))
                continue;
            var alike = AlikeTo(said, n);
            // Words inside a longer name that the atlas knows are no slip.
            if (
                alike.Count == 0
                || (
                    SpelledOut(said)?.Match(sentence) is { Success: true } at
                    && known.Any(k => k.At <= at.Index && at.Index + at.Length <= k.At + k.Length)
                )
            )
                continue;
            found.Add(new(said, alike));
            i += n - 1;
            break;
        }
        return found;
    }

    /// <summary>
    /// The names nearest to some words, the likeliest first; empty when none is near. Notes say the same words again and again.
    /// </summary>
    private IReadOnlyList<LikelyName> AlikeTo(string said, int words) => _alike.Of(said, words, NamesLike);

    private IReadOnlyList<LikelyName> NamesLike(string said, int words)
    {
        const double likely = 0.87,
            nearly = 0.04;
        var alike = _names
            .Where(x => Math.Abs(x.Words.Length - said.Length) <= 4 && x.Words.Count(c => c == ' ') == words - 1)
            .Select(x => new LikelyName(x.Id, x.Name, Likeness.Similarity(x.Words, said)))
            .Where(x => x.Likeness >= likely)
            .OrderByDescending(x => x.Likeness)
            .DistinctBy(x => x.Structure)
            .ToList();
        return [.. alike.Where(x => x.Likeness >= alike[0].Likeness - nearly).Take(3)];
    }

    private static readonly JaroWinkler Likeness = new();
    private readonly Remembered<string, IReadOnlyList<LikelyName>> _alike = new();

    /// <summary>A text without some words of it, however they are spaced.</summary>
    public static string Without(string text, IEnumerable<string> said) =>
        said.Aggregate(text, (t, s) => SpelledOut(s) is { } pattern ? pattern.Replace(t, " ") : t);

    /// <summary>Finds words that stand together, however they are spaced or hyphened; null for no words.</summary>
    public static Regex? SpelledOut(string said) =>
        Words(said) is { Count: > 0 } words
            ? new($@"(?<!\w){string.Join(@"[\s\-]+", words.Select(Regex.Escape))}(?!\w)", RegexOptions.IgnoreCase)
            : null;

    private bool Known(string word) => _known.Contains(word) || (word.EndsWith('s') && _known.Contains(word[..^1]));
}
