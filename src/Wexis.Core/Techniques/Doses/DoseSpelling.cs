using System.Globalization;

namespace Wexis.Core.Techniques.Doses;

/// <summary>How doses are spelt: one way to write what people write in several, before anything is read.</summary>
public static partial class DoseLine
{
    /// <summary>Small letters, one kind of dash and cross, numbers in digits, and one way to write what people write in several.</summary>
    private static string Normalise(string line)
    {
        var text =
            " "
            + WhiteSpace().Replace(line.ToLowerInvariant().Replace('×', 'x').Replace('–', '-').Replace('—', '-').Replace('−', '-'), " ")
            + " ";
        text = Thousands().Replace(text, "$1$2");
        text = DecimalComma().Replace(text, ".");
        text = BarePoint().Replace(text, "0.");
        text = MixedHalf().Replace(text, "$1.5");
        text = text.Replace("½", "0.5", StringComparison.Ordinal).Replace("¼", "0.25", StringComparison.Ordinal);
        text = text.Replace("per second", "a second", StringComparison.Ordinal);
        text = Primes().Replace(text, m => m.Groups["s"].Success ? $"{m.Groups["n"].Value} s" : $"{m.Groups["n"].Value} min");
        text = AndAHalf().Replace(text, m => $" {((m.Groups["n"].Value is "a" or "an" ? 1 : Parsed(m.Groups["n"].Value)) * 60) + 30} s ");
        text = HalfAMinute().Replace(text, " 30 s ");
        text = AMinute().Replace(text, " $1 1 minute ");
        text = NumberWords()
            .Replace(text, m =>
                m.Groups["tens"].Success ? $"{Parsed(m.Groups["tens"].Value) + Parsed(m.Groups["ones"].Value)}" : NumberOf(m.Value)
            );
        text = MinutesAndSeconds().Replace(text, m => $"{(Number(m.Groups["m"]) * 60) + Number(m.Groups["s"]):0.##} s");
        text = NamedLevels().Replace(text, m => $"{m.Groups["a"]} / {m.Groups["b"]} / {m.Groups["c"]}");
        text = WordBefore().Replace(text, "${n} ${w}");
        text = Dashed().Replace(text, "$1 $2");
        return text;
    }

    private static readonly string[] Numbers =
    [
        "zero",
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
        "thirteen",
        "fourteen",
        "fifteen",
        "sixteen",
        "seventeen",
        "eighteen",
        "nineteen",
        "twenty",
    ];

    private static int Parsed(string word) => int.Parse(NumberOf(word), CultureInfo.InvariantCulture);

    private static string NumberOf(string word) =>
        Array.IndexOf(Numbers, word) is >= 0 and var n
            ? n.ToString(CultureInfo.InvariantCulture)
            : word switch
            {
                "thirty" => "30",
                "forty" => "40",
                "fifty" => "50",
                "sixty" => "60",
                "ninety" => "90",
                "a hundred" or "one hundred" => "100",
                "a dozen" or "one dozen" => "12",
                "a couple of" or "a couple" => "2",
                _ => word,
            };
}
