using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Claims;

/// <summary>
/// Who a sentence speaks of, and what it says of it: its words before its first verb, and those from its main verb on. Nothing where it
/// tells somebody to do something ("press the cheeks in"). See docs/method.md#claims.
/// </summary>
/// <param name="Who">"your hair", "contact lens wearers"; in lower case.</param>
/// <param name="Said">From the main verb on, without helping words: "sprout at the temples".</param>
internal sealed partial record SaidOf(string Who, string Said)
{
    private const RegexOptions Free = RegexOptions.IgnoreCase;

    /// <summary>More words than this before a verb are no subject: 7.</summary>
    private const int Longest = 7;

    private static readonly HashSet<string> Finite = PlainTalk.Words(
        "is are was were will would should can could may might has have does do gets get becomes become stays stay remains remain"
    );

    private static readonly HashSet<string> Helping = PlainTalk.Words(
        """
        will would should can could may might does do not never also even just really always often soon still then now simply truly here no
        longer finally
        """
    );

    private static readonly HashSet<string> Leading = PlainTalk.Words(
        """
        the your our my his her its their a an this that these those each every all both no any many most some more fewer less one two three
        of in on at to from with for by and or under over around between
        """
    );

    /// <summary>What stands behind a verb, and behind no noun that belongs to one.</summary>
    private static readonly HashSet<string> Following = PlainTalk.Words(
        """
        the your our a an its his her this that these all every each no more less better longer it you them itself themselves away off out
        up down back again after before within in into from to towards at on over with without for by like as when while until and , . ; :
        """
    );

    /// <summary>Verbs of many ("wearers see better"), which are no names of things.</summary>
    private static readonly HashSet<string> OfMany = PlainTalk.Words(
        """
        see look feel grow vanish fade melt disappear need lose gain win thank shine glow become heal recover swear age recommend prescribe
        advise confirm agree snap thaw fill tighten firm smooth soften brighten clear ruin repair feed nourish cure dissolve
        """
    );

    public static SaidOf? Of(string plain)
    {
        var words = Token().Matches(plain);
        for (var i = 0; i < words.Count && i <= Longest; i++)
        {
            var word = words[i].Value.ToLowerInvariant();
            if (word[0] is ',' or '.' or ';' or ':' or '(' || (i == 0 && PlainTalk.IsInstruction(word)))
                return null;
            if (i == 0 || !IsVerb(words, i, word))
                continue;
            var main = i;
            while (main + 1 < words.Count && Helping.Contains(words[main].Value.ToLowerInvariant()))
                main++;
            return new(plain[..words[i].Index].Trim().ToLowerInvariant(), plain[words[main].Index..]);
        }
        return null;
    }

    [GeneratedRegex($@"^(?:{ClaimSpeaker.Handled}|cheeks|lips|lids|brows|shoulders|corners)$", Free)]
    private static partial Regex IsThing();

    /// <summary>"Wearers", and neither "stress" nor "the swan's".</summary>
    private static bool IsPlural(string word) => word.Length > 2 && word[^1] == 's' && word[^2] is not ('s' or '\'');

    private static bool IsVerb(MatchCollection words, int at, string word)
    {
        var before = words[at - 1].Value.ToLowerInvariant();
        var after = at + 1 < words.Count ? words[at + 1].Value.ToLowerInvariant() : ".";
        if (Leading.Contains(before))
            return false;
        return Finite.Contains(word)
            || IsPlural(before) && (OfMany.Contains(word) || PlainTalk.IsInstruction(word) && !IsThing().IsMatch(word))
            || word.Length > 3
                && word[^1] == 's'
                && word[^2] is not ('s' or 'u' or 'i')
                && !IsPlural(before)
                && !IsThing().IsMatch(word)
                && (Following.Contains(after) || after.EndsWith("ly", StringComparison.Ordinal));
    }

    [GeneratedRegex(@"[\p{L}\d][\p{L}\d'-]*|[,.;:()]", Free)]
    private static partial Regex Token();
}
