namespace Wexis.Core.Measures;

/// <summary>Words made into sentences.</summary>
public static class Sentences
{
    /// <summary>With a capital letter at its beginning.</summary>
    public static string Capital(this string words)
    {
        ArgumentNullException.ThrowIfNull(words);
        return words.Length == 0 ? words : char.ToUpperInvariant(words[0]) + words[1..];
    }
}
