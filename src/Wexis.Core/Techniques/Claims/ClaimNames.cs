using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Claims;

/// <summary>Names that cover several parts, and words that are nearly a name.</summary>
public static partial class ClaimWords
{
    /// <summary>Of several parts that one name covers, the part that the text means ("the part of the ring muscle that blinks").</summary>
    public static IReadOnlyList<string> Narrowed(string text, IReadOnlyList<string> structures)
    {
        ArgumentNullException.ThrowIfNull(structures);
        if (structures.Count < 2 || !PartWord().IsMatch(text))
            return structures;
        var meant = PartsOf.Where(p => structures.Contains(p.Structure) && p.Words.IsMatch(text)).Select(p => p.Structure).ToList();
        return meant.Count > 0 ? meant : structures;
    }

    /// <summary>What tells the parts of one name apart (Gray 1918, from memory).</summary>
    private static readonly (string Structure, Regex Words)[] PartsOf =
    [
        ("orbicularis-oculi-palpebral", LidPart()),
        ("orbicularis-oculi-orbital", OrbitPart()),
        ("masseter-deep", DeepPart()),
        ("masseter-superficial", OuterPart()),
        ("frontalis", FrontPart()),
        ("occipitalis", BackPart()),
        ("nasalis-alar", NostrilPart()),
        ("nasalis-transverse", BridgePart()),
        ("medial-pterygoid", ClosingPart()),
        ("lateral-pterygoid", OpeningPart()),
        ("zygomaticus-minor", LesserPart()),
        ("zygomaticus-major", GreaterPart()),
    ];

    [GeneratedRegex(@"\b(?:parts?|portions?|fib(?:re|er)s?|half|heads?|bell(?:y|ies)|layers?|bundles?)\b", RegexOptions.IgnoreCase)]
    private static partial Regex PartWord();

    [GeneratedRegex(@"\b(?:lids?|eyelids?|blink\w*|soft\w*|gentl\w*|inner|light\w*)\b", RegexOptions.IgnoreCase)]
    private static partial Regex LidPart();

    [GeneratedRegex(@"\b(?:outer|orbit\w*|tight\w*|squeez\w*|hard|screws?|brows?|cheeks?|socket)\b", RegexOptions.IgnoreCase)]
    private static partial Regex OrbitPart();

    [GeneratedRegex(@"\b(?:deep\w*|inner|under\w*|beneath)\b", RegexOptions.IgnoreCase)]
    private static partial Regex DeepPart();

    [GeneratedRegex(@"\b(?:superficial|outer|surface|upper\s+layer)\b", RegexOptions.IgnoreCase)]
    private static partial Regex OuterPart();

    [GeneratedRegex(@"\b(?:front|forehead|brows?)\b", RegexOptions.IgnoreCase)]
    private static partial Regex FrontPart();

    [GeneratedRegex(@"\b(?:back|behind|occipit\w*)\b", RegexOptions.IgnoreCase)]
    private static partial Regex BackPart();

    [GeneratedRegex(@"\b(?:nostrils?|wings?|flar\w*|widen\w*|opens?)\b", RegexOptions.IgnoreCase)]
    private static partial Regex NostrilPart();

    [GeneratedRegex(@"\b(?:bridge|narrow\w*|across|compress\w*)\b", RegexOptions.IgnoreCase)]
    private static partial Regex BridgePart();

    [GeneratedRegex(@"\b(?:inner|clos\w*|angle)\b", RegexOptions.IgnoreCase)]
    private static partial Regex ClosingPart();

    [GeneratedRegex(@"\b(?:open\w*|forwards?|sideways)\b", RegexOptions.IgnoreCase)]
    private static partial Regex OpeningPart();

    [GeneratedRegex(@"\b(?:lesser|smaller|upper\s+lip)\b", RegexOptions.IgnoreCase)]
    private static partial Regex LesserPart();

    [GeneratedRegex(@"\b(?:great\w*|larger|corners?)\b", RegexOptions.IgnoreCase)]
    private static partial Regex GreaterPart();

    /// <summary>
    /// A word that is nearly the name of a muscle: two letters off at most, one in a short word. Null where there is none.
    /// </summary>
    public static MisspeltName? Misspelt(string text, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(atlas);
        return Spelt.GetValue(atlas, static _ => new()).Of(text, atlas, Nearly);
    }

    private static readonly ConditionalWeakTable<Atlas, Remembered<string, MisspeltName?>> Spelt = [];

    private static MisspeltName? Nearly(string text, Atlas atlas)
    {
        var (known, words) = Latin.GetValue(atlas, LatinOf);
        foreach (Match word in Word().Matches(text))
        {
            var said = word.Value.ToLowerInvariant();
            if (said.Length < 6 || words.Contains(said) || known.Any(k => k.StartsWith(said, StringComparison.Ordinal)))
                continue;
            var near = known
                .Where(k => Math.Abs(k.Length - said.Length) <= 2 && k[0] == said[0])
                .Select(k => (Name: k, Off: Spelling.Distance(k, said)))
                .OrderBy(x => x.Off)
                .ThenBy(x => x.Name, StringComparer.Ordinal)
                .FirstOrDefault();
            if (near.Name is not null && near.Off <= (said.Length < 8 ? 1 : 2))
                return new(word.Value, near.Name, $"{text[..word.Index]}{near.Name}{text[(word.Index + word.Length)..]}");
        }
        return null;
    }

    private static readonly F23.StringSimilarity.Damerau Spelling = new();

    private static readonly ConditionalWeakTable<Atlas, LatinWords> Latin = [];

    /// <param name="Names">Words of a name that are no English words of their own.</param>
    /// <param name="All">Every word that stands in a name, whatever its language.</param>
    private sealed record LatinWords(HashSet<string> Names, HashSet<string> All);

    private static LatinWords LatinOf(Atlas atlas)
    {
        HashSet<string> all =
        [
            .. atlas
                .Document.Muscles.SelectMany(m => new[] { m.Id, m.PlainName, m.Common, m.NameEn, m.NameLaTa2 })
                .Concat(Common.Select(c => c.Words))
                .SelectMany(n => Word().Matches(n.ToLowerInvariant()).Select(w => w.Value)),
        ];
        return new([.. all.Where(w => w.Length >= 7 && LatinWord().IsMatch(w))], all);
    }

    [GeneratedRegex(
        @"^(?:\w+(?:alis|icus|icularis|ator|eter|erus|aris|ysma|orius|astric|oideus|oid|ezius|astoid|yoid|ssus|pharyng\w*|mastoideus)"
            + @"|suboccipitals|diaphragm)$"
    )]
    private static partial Regex LatinWord();

    [GeneratedRegex(@"\p{L}{6,}")]
    private static partial Regex Word();
}
