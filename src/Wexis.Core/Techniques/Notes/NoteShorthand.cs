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
        text = NameFirst()
            .Replace(text, m =>
                m.Index + m.Groups["bullet"].Length > 0 && IsNameOfWork(m.Groups["name"].Value)
                    ? m.Groups["bullet"].Value + m.Groups["name"].Value + Marked(".", ":")
                    : m.Value
            );
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
        text = CountBehindX().Replace(text, m => Marked(m, $"{m.Groups["n"].Value}x"));
        text = DoSoMany().Replace(text, m => Marked(m, $"{m.Groups["n"].Value} times"));
        text = RepeatCount().Replace(text, m => Marked(m, ""));
        text = Apart()
            .Replace(text, m => Marked(m, m.Value.Replace(" ", "", StringComparison.Ordinal).Replace("-", "", StringComparison.Ordinal)));
        text = SmallVowel().Replace(text, m => Marked(m, m.Value.ToUpperInvariant()));
        text = BareShort().Replace(text, m => Marked(m, ShortWords[m.Value.ToLowerInvariant()]));
        text = CutOff().Replace(text, m => WholeWord(m.Groups["word"].Value) is { } whole ? Marked(m, whole) : m.Value);
        text = Dotted().Replace(text, m => Marked(m, m.Groups["word"].Value));
        text = RightLetter().Replace(text, m => Marked(m, "right"));
        text = LeftLetter().Replace(text, m => Marked(m, "left"));
        text = SmallLetter().Replace(text, m => Marked(m, m.Value == "l" ? "left" : "right"));
        text = string.Join('\n', text.Split('\n').Select(Listed));
        return Ampersand().Replace(text, m => Marked(m, " and "));
    }

    /// <summary>
    /// The word of which letters are the beginning ("forw.": forward); null where they are a word themselves, or begin more than one.
    /// </summary>
    private static string? WholeWord(string cut)
    {
        var begun = cut.ToLowerInvariant();
        if (Roles.RoleWords.IsKnown(begun) || AreWords.Contains(begun))
            return null;
        var whole = CutWords.Where(w => w.StartsWith(begun, StringComparison.Ordinal)).ToList();
        // A word in the singular is no word cut off.
        return whole is [var word] && word != begun && word != $"{begun}s" ? word : null;
    }

    /// <summary>Words that end a sentence, though a longer one begins with them.</summary>
    private static readonly HashSet<string> AreWords =
    [
        .. "hair again breath collar close resist alternate direct diagonal horizontal vertical nostril exercise gentle".Split(' '),
    ];

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
        ["rpt"] = "repeat",
        ["rel"] = "release",
        ["superlight"] = "very light",
        ["btw"] = "between",
        ["btwn"] = "between",
        ["scm"] = "sternocleidomastoid",
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
        @"(?<![\p{L}.-])(?:fh|lwr|upr|c(?:n)?tr|btm|shldrs?|fngrs?|alt|clkwise|cts|dn|rpt|rel|superlight|btwn?|scm"
            + @"|mid(?=\s+(?:fingers?|of)\b))(?![\p{L}.-])",
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
        for (var i = 0; i < text.Length; i++)
        {
            var letter = text[i];
            if (letter >= First && letter - First < _marks.Count)
            {
                var (was, written) = _marks[letter - First];
                if (written == Comma)
                {
                    // It stands before what was written; a sentence may end with it.
                    if (text.AsSpan(i + 1).StartsWith(Comma, StringComparison.Ordinal))
                    {
                        stood.Append(was);
                        i += Comma.Length;
                    }
                    continue;
                }
                // A sentence may begin behind a space that was written out with its word.
                var length = Math.Min(written.Length, stood.Length);
                stood.Length -= length;
                stood.Append(was);
            }
            else
                stood.Append(letter);
        }
        return stood.ToString().Trim();
    }

    private string Marked(Match stood, string written) => Marked(stood.Value, written);

    private string Marked(string stood, string written)
    {
        if (_marks.Count == Most)
            return written;
        _marks.Add((stood, written));
        return $"{written}{(char)(First + _marks.Count - 1)}";
    }

    /// <summary>A comma for a dash, with its mark before it, so that commas are read as ever.</summary>
    private string Listing(string dash)
    {
        if (_marks.Count == Most)
            return Comma;
        _marks.Add((dash, Comma));
        return $"{(char)(First + _marks.Count - 1)}{Comma}";
    }

    private const string Comma = ", ";

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

    [GeneratedRegex(@"\b(?:fwds?|bwds?|bkwds?)\b(?-i:\.(?=\s*[,;)]|\s+[a-z\d]))?", Free)]
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

    /// <summary>"Finger tips", "eye brows": one word.</summary>
    [GeneratedRegex(@"\b(?:finger[\s-]tips?|eye[\s-]brows?|eye[\s-]lids?|hair[\s-]line|fore[\s-]head)\b", Free)]
    private static partial Regex Apart();

    /// <summary>Vowels in small letters: "a long o", "a e i o u".</summary>
    [GeneratedRegex(
        @"(?<![\p{L}\p{Nd}.'’])(?:[eou](?![\p{L}\p{Nd}.'’])|[ai](?=\s*(?:-+>|[,/–-]|to)?\s*[eiouEIOU](?![\p{L}\p{Nd}.'’]))"
            + @"|a(?=\s*(?:[,.;\d]|$))(?<=(?<!\p{L})[eiouEIOU]\s*(?:-+>|[,/–-]|to)\s*a))"
    )]
    private static partial Regex SmallVowel();

    /// <summary>"Then l", "r up": sides, where no number stands before them.</summary>
    [GeneratedRegex(@"(?<![\p{L}\p{Nd}.'’])(?<!\d\s)[lr](?![\p{L}\p{Nd}'’]|\.\p{L})")]
    private static partial Regex SmallLetter();

    /// <summary>"…, x 10": a count, where nothing is multiplied.</summary>
    [GeneratedRegex(@"(?<=(?:[,;]\s*|\brepeat\s+|^\s*))x\s?(?<n>\d+)(?=\s*(?:[,;)]|\.?\s*$))", Free | RegexOptions.Multiline)]
    private static partial Regex CountBehindX();

    /// <summary>"…, do 10", "Do twenty."</summary>
    [GeneratedRegex(
        @"(?<=(?:[,;.]\s*|^\s*))do\s+(?<n>\d+|five|six|eight|ten|twelve|fifteen|twenty|thirty)(?=\s*(?:[,;)]|\.?\s*$))",
        Free | RegexOptions.Multiline
    )]
    private static partial Regex DoSoMany();

    /// <summary>"…, repeat 10x".</summary>
    [GeneratedRegex(@"(?<=,\s)(?:and\s+)?rep(?:eat)?\.?\s+(?=\d+\s*(?:x|times)(?!\p{L}))", Free)]
    private static partial Regex RepeatCount();

    /// <summary>"Open wide - tongue out - look up": what is listed with dashes is listed with commas; a name before it stays one.</summary>
    private string Listed(string line)
    {
        var dashes = ListDash().Matches(line);
        if (dashes.Count == 0 || ListComma().IsMatch(line))
            return line;
        var first = line[..dashes[0].Index];
        if (dashes.Count == 1 && !TellsToDo(first))
            return line;
        var named = IsName(first, line[(dashes[0].Index + dashes[0].Length)..]) ? dashes[0].Index : -1;
        return ListDash().Replace(line, m => m.Index == named ? m.Value : Listing(m.Value));
    }

    /// <summary>"2. Cheek lift. Smile …": the name of an exercise in a list.</summary>
    [GeneratedRegex(
        @"^(?<bullet>[ \t]*(?:[-*•–]|\(?\d{1,2}[.)])?[ \t]*)(?<name>\p{L}+(?:[ ]\p{L}+){1,2})\.(?=[ ]\p{Lu})",
        Free | RegexOptions.Multiline
    )]
    private static partial Regex NameFirst();

    private static bool TellsToDo(string first) =>
        NoteGlossary.Words(Plain(first)) is [var verb, _, ..] && Roles.RoleWords.Verb(verb) is not null;

    private static bool IsName(string first, string next) =>
        NoteGlossary.Words(Plain(first)) is { Count: > 0 and <= 3 } words
        && !first.Contains(',', StringComparison.Ordinal)
        && !first.Contains(':', StringComparison.Ordinal)
        && !words.Any(w => DoneSo.Contains(w) || w.EndsWith("ed", StringComparison.Ordinal) || w.Any(char.IsDigit))
        && (words.Count == 1 ? !GoesRightOn().IsMatch(next) : Roles.RoleWords.Verb(words[0]) is null);

    /// <summary>"Cheek lift", "Brow smoother": what is done there, told as a name.</summary>
    private static bool IsNameOfWork(string name) =>
        IsName(name, "")
        && NoteGlossary.Words(name)[^1] is var last
        && (last.EndsWith("er", StringComparison.Ordinal) || Roles.RoleWords.Verb(last) is not null);

    /// <summary>Words that no name of an exercise is made of, but how a part is held or where a hand goes.</summary>
    private static readonly HashSet<string> DoneSo =
    [
        .. (
            "open closed shut wide up down back out in over on with to and together apart under behind against left right "
            + "big small soft gentle slow deep full strong loose straight tall sit stand lie "
            + "level still quiet neutral free tense forward forwards high low same again other"
        ).Split(' '),
    ];

    [GeneratedRegex(@"^\s*(?:(?:then|hold|relax|releas\w*|rest)\b|\d)", Free)]
    private static partial Regex GoesRightOn();

    [GeneratedRegex(@",\s")]
    private static partial Regex ListComma();

    [GeneratedRegex(@"\s+[-–—]\s+(?!\d)|(?<!\d)\s+[-–—]\s+|(?<=\bhold\s+\d+)\s+[-–—]\s+(?=\d+\s*(?:x|times|reps?|rounds?)\b)", Free)]
    private static partial Regex ListDash();

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
