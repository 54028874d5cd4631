using System.Text;
using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// Shorthand of notes, written out before they are read ("v. light", "w/ two fingers", "4 sec.", "R then L"), and put back where the
/// notes are shown. Behind each word that was written out stands a mark that remembers what stood there.
/// </summary>
internal sealed partial class NoteShorthand
{
    /// <summary>First of the marks: letters that Unicode leaves to whoever needs them.</summary>
    private const char First = '\uE100';

    private const int Most = 0x1700;

    private readonly List<(string Stood, string Written)> _marks = [];

    /// <summary>Notes with their shorthand written out and marked.</summary>
    public string WrittenOut(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        text = Marks().Replace(text, "");
        text = Without().Replace(text, m => Marked(m, "without "));
        text = With().Replace(text, m => Marked(m, "with "));
        text = EachSideShort().Replace(text, m => Marked(m, "each side"));
        text = Each().Replace(text, m => Marked(m, "each"));
        text = FingerShort().Replace(text, m => Marked(m, " finger"));
        text = OneAndAnother().Replace(text, m => Marked(m, " and "));
        text = FingersCounted().Replace(text, m => Marked(m, $"{m.Groups["n"].Value} fingers"));
        text = Forward().Replace(text, m => Marked(m, m.Value[0] is 'f' or 'F' ? "forward" : "backward"));
        text = Versus().Replace(text, m => Marked(m, "against"));
        text = Through().Replace(text, m => Marked(m, "through"));
        text = Very().Replace(text, m => Marked(m, "very "));
        text = Med().Replace(text, m => Marked(m, "medium"));
        text = BetweenShort().Replace(text, m => Marked(m, "between"));
        text = PressShort().Replace(text, m => Marked(m, "pressure"));
        text = PerSide().Replace(text, m => Marked(m, " per side"));
        text = Clockwise().Replace(text, m => Marked(m, m.Groups["anti"].Success ? "anticlockwise" : "clockwise"));
        text = TogetherShort().Replace(text, m => Marked(m, "together"));
        text = DirectionShort().Replace(text, m => Marked(m, "direction"));
        text = Repeats().Replace(text, m => Marked(m, m.Value.StartsWith("rd", StringComparison.OrdinalIgnoreCase) ? "rounds" : "reps"));
        text = BareShort().Replace(text, m => Marked(m, ShortWords[m.Value.ToLowerInvariant()]));
        text = CutOff().Replace(text, m => WholeWord(m.Groups["word"].Value) is { } whole ? Marked(m, whole) : m.Value);
        text = Dotted().Replace(text, m => Marked(m, m.Groups["word"].Value));
        text = RightLetter().Replace(text, m => Marked(m, "right"));
        text = LeftLetter().Replace(text, m => Marked(m, "left"));
        return Ampersand().Replace(text, m => Marked(m, " and "));
    }

    /// <summary>
    /// The word of which letters are the beginning ("forw.": forward); null where they are a word themselves, or begin more than one.
    /// </summary>
    private static string? WholeWord(string cut)
    {
        var begun = cut.ToLowerInvariant();
        if (Roles.RoleWords.IsKnown(begun))
            return null;
        var whole = CutWords.Where(w => w.StartsWith(begun, StringComparison.Ordinal)).ToList();
        return whole is [var word] && word != begun ? word : null;
    }

    /// <summary>Words that notes shorten in their own way (common practice).</summary>
    private static readonly Dictionary<string, string> ShortWords = new(StringComparer.Ordinal)
    {
        ["fh"] = "forehead",
        ["lwr"] = "lower",
        ["upr"] = "upper",
        ["ctr"] = "centre",
        ["cntr"] = "centre",
        ["btm"] = "bottom",
        ["shldr"] = "shoulder",
        ["shldrs"] = "shoulders",
        ["fngr"] = "finger",
        ["fngrs"] = "fingers",
        ["alt"] = "alternating",
        ["clkwise"] = "clockwise",
        ["mid"] = "middle",
        ["cts"] = "counts",
        ["dn"] = "down",
    };

    [GeneratedRegex(
        @"(?<![\p{L}.-])(?:fh|lwr|upr|c(?:n)?tr|btm|shldrs?|fngrs?|alt|clkwise|cts|dn|mid(?=\s+(?:fingers?|of)\b))(?![\p{L}.-])",
        Free
    )]
    private static partial Regex BareShort();

    /// <summary>Words that notes cut off (common practice).</summary>
    private static readonly string[] CutWords = """
        forward forehead between together release repeat finger index pressure alternately upper lower inner outer eyebrows temples
        cheekbone collarbone shoulders hairline muscles circles direction exercise horizontally vertically diagonally opposite
        against resistance tongue palate nostrils upwards downwards outwards inwards backwards breathe exhale inhale clockwise
        anticlockwise closed stretch pucker knuckles massage gentle middle medium moderate minutes seconds
        orbicularis zygomaticus corrugator buccinator frontalis procerus mentalis masseter platysma
        """.Split([' ', '\n', '\r'], StringSplitOptions.RemoveEmptyEntries);

    /// <summary>A part of what was written out, to be read.</summary>
    public static string Plain(string text) => Marks().Replace(text, "");

    /// <summary>The same part, as it stood.</summary>
    public string AsItStood(string text)
    {
        var stood = new StringBuilder();
        foreach (var letter in text)
            if (letter >= First && letter - First < _marks.Count)
            {
                var (was, written) = _marks[letter - First];
                // A sentence may begin behind a space that was written out with its word.
                var length = Math.Min(written.Length, stood.Length);
                stood.Length -= length;
                stood.Append(was);
            }
            else
                stood.Append(letter);
        return stood.ToString().Trim();
    }

    private string Marked(Match stood, string written)
    {
        if (_marks.Count == Most)
            return written;
        _marks.Add((stood.Value, written));
        return $"{written}{(char)(First + _marks.Count - 1)}";
    }

    private const RegexOptions Free = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture;

    [GeneratedRegex(@"(?<=\p{L}\s)w\s+(?=[\p{Ll}\d])|\b[Ww]/\s*|\b[Ww]\.\s+(?=\p{Ll}|\d)")]
    private static partial Regex With();

    [GeneratedRegex(@"\bea\b\.?(?=\s+(?:side|way|direction|eye|cheek|brow|hand)|\s*[,;)]|\s*$)", Free)]
    private static partial Regex Each();

    [GeneratedRegex(@"(?<![\p{L}/])e/s(?![\p{L}/])", Free)]
    private static partial Regex EachSideShort();

    /// <summary>"Med. press."</summary>
    [GeneratedRegex(
        @"(?<=\b(?:light|firm|medium|gentle|soft|strong|deep|moderate)[\uE100-\uF8FF]?\s+)press\b\.?(?=\s*[,;)]|\s+[\p{Ll}\d]|\s*$)",
        Free
    )]
    private static partial Regex PressShort();

    /// <summary>"Ring f."</summary>
    [GeneratedRegex(@"(?<=\b(?:ring|index|middle|fore))\s+f\b\.?(?=\s|[,;:]|$)", Free)]
    private static partial Regex FingerShort();

    /// <summary>"Thumb/index".</summary>
    [GeneratedRegex(@"(?<=\b(?:thumb|index|middle|ring)(?:\s+fingers?)?)\s*/\s*(?=(?:thumb|index|middle|ring|finger)\b)", Free)]
    private static partial Regex OneAndAnother();

    /// <summary>"2-finger".</summary>
    [GeneratedRegex(@"\b(?<n>[2-4]|two|three|four)\s*-\s*fingers?\b", Free)]
    private static partial Regex FingersCounted();

    [GeneratedRegex(@"\bvs\b\.?", Free)]
    private static partial Regex Versus();

    [GeneratedRegex(@"\b(?:fwds?|bwds?|bkwds?)\b\.?", Free)]
    private static partial Regex Forward();

    [GeneratedRegex(@"\bthru\b", Free)]
    private static partial Regex Through();

    [GeneratedRegex(@"\bw/o(?:ut\b)?\s*", Free)]
    private static partial Regex Without();

    [GeneratedRegex(@"\bv\.?\s+(?=(?:light|slow|soft|gent|firm|small))", Free)]
    private static partial Regex Very();

    [GeneratedRegex(@"\bmed\b\.?(?=\s+(?:press|firm|hard|touch)|\s*,)", Free)]
    private static partial Regex Med();

    /// <summary>A dot after a shortened word, where the sentence goes on.</summary>
    [GeneratedRegex(@"\b(?<word>(?i:secs?|mins?|approx|reps?|ca|incl|max|esp|poss|nr|no|ea|hrs?))\.(?=\s*[,;)]|\s+[\p{Ll}\d])")]
    private static partial Regex Dotted();

    [GeneratedRegex(
        @"(?<![\p{L}.'])R(?![\p{L}'’\d]|\.\p{L})|(?<=\d\s*)r(?=\s*(?:,|and)?\s*\d+\s*l\b)|(?<=\d\s*l\s*(?:,|and)?\s*\d+\s*)r\b"
    )]
    private static partial Regex RightLetter();

    [GeneratedRegex(
        @"(?<![\p{L}.'])L(?![\p{L}'’\d]|\.\p{L})|(?<=\d\s*)l(?=\s*(?:,|and)?\s*\d+\s*r\b)"
            + @"|(?<=\d\s*right[\uE100-\uF8FF]\s*(?:,|and)?\s*\d+\s*)l\b"
    )]
    private static partial Regex LeftLetter();

    /// <summary>The beginning of a word, with a dot where the sentence goes on.</summary>
    [GeneratedRegex(@"(?<![\p{L}.])(?<word>\p{L}{3,})\.(?=\s*[,;)+&/]|\s+[\p{Ll}\d(])")]
    private static partial Regex CutOff();

    [GeneratedRegex(@"(?<=\d\s*\p{L}*)\s*/\s*(?:side|s\.)(?!\p{L})", Free)]
    private static partial Regex PerSide();

    [GeneratedRegex(@"\b(?:(?<anti>c|anti|a)-?)?cw\b\.?|\b(?<anti>counter|anti)\b(?<=\bclockwise\b[^.;]{0,120})(?!-?\s*clock)\.?", Free)]
    private static partial Regex Clockwise();

    [GeneratedRegex(@"(?<=\b(?:each|both|other|per)[\uE100-\uF8FF]?\s+)dirs?\b\.?", Free)]
    private static partial Regex DirectionShort();

    [GeneratedRegex(@"\btog\b", Free)]
    private static partial Regex TogetherShort();

    [GeneratedRegex(@"(?<=\d\s*)(?:rpts?|rptns?|repts?|rds?)\b\.?", Free)]
    private static partial Regex Repeats();

    [GeneratedRegex(@"\bb/w\b", Free)]
    private static partial Regex BetweenShort();

    [GeneratedRegex(@"\s*<\s*-+\s*>\s*|\s*&\s*|\s+\+\s+|(?<=[\p{L}\uE100-\uF8FF])\+(?=\p{L})")]
    private static partial Regex Ampersand();

    [GeneratedRegex(@"[\uE100-\uF8FF]")]
    private static partial Regex Marks();
}
