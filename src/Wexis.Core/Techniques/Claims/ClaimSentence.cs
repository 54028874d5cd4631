using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Claims;

/// <summary>One thing that a claim says.</summary>
/// <param name="Denied">It is said not to be so.</param>
/// <param name="Structures">What it is about, where that stands apart from its verb; null: as its words name it.</param>
internal sealed record Assertion(string Text, bool Denied, IReadOnlyList<string>? Structures = null);

/// <summary>
/// What a sentence says, one thing after the other, and what it says is not so. A "not" counts where it stands before what a technique
/// is said to do ("does not work the cheek"); before what nobody wants ("you will not need glasses") it is part of a promise.
/// Wordings are common practice. See docs/method.md#claims.
/// </summary>
internal static partial class ClaimSentence
{
    private const RegexOptions Free = RegexOptions.IgnoreCase;

    /// <summary>More things than this in one sentence is a page, not a claim: 12.</summary>
    private const int Most = 12;

    /// <summary>What techniques are said to do, without its ending.</summary>
    internal const string Stem =
        "(?:work|train|strengthen|ton|firm|lift|rais|lower|relax|releas|soften|loosen|drain|mov|remov|eras|smooth|reduc|build|boost|"
        + "stimulat|stretch|lengthen|massag|knead|press|reach|slim|sculpt|open|heal|cur|treat|prevent|improv|rest|eas|mak|fill|plump|"
        + "tighten|help|detoxif|flush|increas|correct|restor|activat|engag|calm|refresh|brighten|burn|melt|dissolv|defin|contour|shap|"
        + "chang|realign|wak|widen|narrow|shrink|bring|giv|pull|draw|push|clos|clear|exercis|contract|us|lead|carr|touch|affect|"
        + "involv|thin|bulk|add|fad|lighten|even|balanc|sharpen|replac|grow|harden|tear|break|hurt|harm|damag|unlock|reset|repair"
        + "|becom|act|reliev|sooth|alleviat|lessen|awaken|enhanc|promot|minimi[sz]|elongat|energi[sz]|regenerat|nourish"
        + "|rub|tak(?=es?\\b[^.;]*\\b(?:out\\s+of|away|off)\\b)|len[dt]|seal|shak|vibrat|clench|hollow|purs|pucker|puff|wrinkl|flar"
        + "|guid|send|direct|sweep|transport|channel|deliver|support|target|protect|get(?=s?\\s+rid\\b))";

    /// <summary>What a sign, a place or a study is said of, besides.</summary>
    private const string Linked =
        "(?:prov|prove|show|caus|com|stem|lie|sit|run|know|support|back|due|locat|found|the\\s+cause|the\\s+reason|a\\s+result)";

    private const string Ending = "(?:s|es|ies|ed|ing|e|y|en|n|ne)?";

    private const string Filling =
        "(?:(?:it|they|this|that|which|also|even|just|gently|softly|slowly|lightly|really|actually|at\\s+the\\s+same\\s+time|thereby"
        + "|so|then|directly|truly|really|"
        + "clinically|scientifically|in\\s+any\\s+way|at\\s+all|by\\s+itself|much|any\\s+longer|to)\\s+)";

    private const string Helping = "(?:will|can|may|might|could|would|does|do|did|is|are|was|were|helps?(?:\\s+to)?)";

    /// <summary>Each thing that the text says, in its order.</summary>
    public static IReadOnlyList<Assertion> Read(string text, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(text);
        return Known.GetValue(atlas, static _ => new()).Of(text, atlas, Parted);
    }

    private static readonly ConditionalWeakTable<Atlas, Remembered<string, IReadOnlyList<Assertion>>> Known = [];

    private static IReadOnlyList<Assertion> Parted(string text, Atlas atlas)
    {
        var plain = Plain(text);
        List<Assertion> found = [];
        foreach (var sentence in SentenceEnd().Split(plain))
            found.AddRange(SetApart(sentence).SelectMany(Clauses).SelectMany(c => Parts(c, atlas)));
        return found.Count == 0 ? [new(text, false)] : [.. found.Take(Most)];
    }

    /// <summary>The whole text as one thing, denied or not.</summary>
    public static Assertion Whole(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        var plain = Plain(text);
        return Denied(plain) is { } said ? new(said, true) : new(text, false);
    }

    /// <summary>
    /// What a sentence says it of: the words before its first verb ("Smiling gently | trains …"); null where it begins with it.
    /// </summary>
    public static string? Subject(string text) =>
        SaysOf().Match(text) is { Success: true, Index: > 2 } verb ? text[..verb.Index].Trim() : null;

    /// <summary>Without what is shortened ("isn't", "cannot"), and without a "not only" that denies nothing.</summary>
    public static string Plain(string text)
    {
        var plain = text.Replace('’', '\'').Replace("cannot", "can not", StringComparison.OrdinalIgnoreCase);
        plain = ItIs().Replace(Shortened().Replace(plain, " not"), " is");
        plain = OnlyNot().Replace(plain, " ");
        return ButAlso().Replace(plain, " and ");
    }

    /// <summary>"It is pressed, not trained", "it is not trained but pressed": the one is said, the other denied.</summary>
    private static string[] SetApart(string sentence) =>
        DoneNotDone().Match(sentence) is { Success: true } done
            ? [$"{done.Groups["who"].Value} {done.Groups["is"].Value}", $"{done.Groups["who"].Value} not {done.Groups["not"].Value}"]
            : [sentence];

    [GeneratedRegex(
        $@"^(?<who>[^,;]*?\b(?:is|are|gets?))\s+(?:(?<is>{Stem}{Ending}\b[^,;]*?)\s*[,;–—]\s*(?:and\s+|but\s+)?(?:is\s+"
            + $@"|are\s+)?(?:not|never)"
            + $@"\s+(?<not>(?:\p{{L}}+ly\s+)?{Stem}(?:ed|d|n|en|t)\b.*)"
            + $@"|(?:not|never)\s+(?<not>{Stem}(?:ed|d|n|en|t)\b[^,;]*?)\s*,?\s+but\s+(?:(?:is|are|only|rather|just)"
            + $@"\s+)*(?<is>{Stem}(?:ed|d|n|en"
            + @"|t)\b.*))$",
        Free
    )]
    private static partial Regex DoneNotDone();

    /// <summary>A clause begins where another thing is said to be done. Two verbs with one object both have it.</summary>
    private static List<string> Clauses(string sentence)
    {
        var clauses = ClauseStart().Split(sentence).Select(c => c.Trim(' ', ',', '-', '–', '—', ':')).Where(c => c.Length > 0).ToList();
        for (var i = clauses.Count - 2; i >= 0; i--)
            if (OnlyVerb().IsMatch(clauses[i]) && FirstVerb().Match(clauses[i + 1]) is { Success: true } verb)
                clauses[i] = $"{clauses[i]} {clauses[i + 1][(verb.Index + verb.Length)..].Trim()}";
        return clauses;
    }

    private static IEnumerable<Assertion> Parts(string clause, Atlas atlas)
    {
        if (Neither().Match(clause) is { Success: true } neither)
            clause = $"does not {neither.Groups["verb"].Value} {clause[(neither.Index + neither.Length)..]}";
        if ((Denied(clause) ?? Idle(clause, atlas)) is { } said)
        {
            // "Works neither A nor B", "does not work A or B, but C": each of them is denied, and what stands behind the "but" is not.
            var names = ClaimWords.Named(said, atlas);
            if (names.Count < 2)
                yield return new(said, true);
            else
                foreach (var name in names)
                    yield return new(
                        $"{said[..names[0].At]}{said.Substring(name.At, name.Length)}",
                        !But().IsMatch(said[..name.At]),
                        name.Structures
                    );
            yield break;
        }
        yield return new(clause, false);
        // "... the cheek muscle, not the chewing muscle": the same is said not to be so of another.
        foreach (var name in ClaimWords.Named(clause, atlas))
            if (NotThat().Match(clause[..name.At]) is { Success: true })
                yield return new(clause, true, name.Structures);
    }

    /// <summary>What a clause says is not so, said without its "not"; null where it says that something is.</summary>
    private static string? Denied(string clause)
    {
        if (NoProof().Match(clause) is { Success: true } no)
            return Bare(clause.Remove(no.Index, no.Length));
        if (NoMuscle().Match(clause) is { Success: true } none)
            return Bare(clause.Remove(none.Index, none.Length).Insert(none.Index, "a muscle"));
        if (NothingAt().Match(clause) is { Success: true } at)
            return Bare($"it involves {at.Groups["what"].Value}");
        if (TooDeep().Match(clause) is { Success: true } deep)
            return Bare($"it reaches {deep.Groups["what"].Value}");
        if (NotVerb().Match(clause) is { Success: true } not)
            return Bare(clause.Remove(not.Index, not.Length).Insert(not.Index, $" {not.Groups["verb"].Value}"));
        if (NotWorked().Match(clause) is { Success: true } worked)
            return Bare(clause.Remove(worked.Index, worked.Length).Insert(worked.Index, $" {worked.Groups["verb"].Value}"));
        if (KeepsOut().Match(clause) is { Success: true } kept)
            return Bare($"{kept.Groups["who"].Value} involves {kept.Groups["what"].Value}");
        if (DoesNo().Match(clause) is { Success: true } doesNo)
            return Bare(
                clause
                    .Remove(doesNo.Index, doesNo.Length)
                    .Insert(
                        doesNo.Index,
                        $"{(doesNo.Value.Contains("nothing for", StringComparison.Ordinal) ? "reaches" : doesNo.Groups["verb"].Value)} "
                    )
            );
        return NotA().Match(clause) is { Success: true } thing
            ? Bare(clause.Remove(thing.Index, thing.Length).Insert(thing.Index, $" {thing.Groups["thing"].Value}"))
            : null;
    }

    /// <summary>"The masseter stays out of it": what a muscle is said to leave to others; null where it says nothing of the kind.</summary>
    private static string? Idle(string clause, Atlas atlas) =>
        StaysOut().Match(clause) is { Success: true } idle
        && (ClaimSpeaker.MuscleDoes(clause, atlas) is not null || ClaimPlaces.Zones(clause[..idle.Index], atlas).Count > 0)
            ? Bare(clause[..idle.Index] + " is involved")
            : null;

    private static string Bare(string clause) => Spaces().Replace(clause, " ").Trim(' ', ',', ':');

    [GeneratedRegex(@"(?<=[\p{L}\d\)""”%'])[.!?;…]+(?=\s|$)|[\r\n]+")]
    private static partial Regex SentenceEnd();

    [GeneratedRegex(@"(?<=\b(?:do|does|did|is|are|was|were|can|could|would|should|ha[sd]|have))n't\b|(?<=\bca)n't\b", Free)]
    private static partial Regex Shortened();

    [GeneratedRegex(@"(?<=\b(?:it|that|this|there|here|what|who))'s\b", Free)]
    private static partial Regex ItIs();

    [GeneratedRegex(@"\bnot\s+(?:(?:only|just|merely|simply)|stop\s+(?:at|with))\b", Free)]
    private static partial Regex OnlyNot();

    [GeneratedRegex(@",?\s*\bbut\s+(?:also|even)\b", Free)]
    private static partial Regex ButAlso();

    [GeneratedRegex(
        @"(?:\s*[,;–—]\s*|\s+)(?:(?:and|but|while|whereas|yet|so\s+that|plus|thus|or|nor)\s+)"
            + $@"(?={Filling}{{0,3}}(?:{Stem}(?:s|es|ies|ing)\b|{Helping}\s+(?:not\s+|never\s+)?{Filling}{{0,2}}{Stem}|not\s+{Stem}"
            + $@"|never\s+{Stem}|without\s+{Stem}ing))"
            + $@"|\s*[,–—]\s*(?={Filling}{{0,3}}(?:{Stem}(?:s|es|ies|ing)\b|(?:does|will|can)\s+not\s+{Stem}|not\s+{Stem}ing))"
            + $@"|\s+(?=without\s+{Stem}ing\b)",
        Free
    )]
    private static partial Regex ClauseStart();

    [GeneratedRegex(
        $@"^(?:(?:this|it|the|technique|exercise|massage|movement|stroke|which|that)\s+)*{Filling}{{0,2}}(?:{Helping}\s+)?{Stem}{Ending}$",
        Free
    )]
    private static partial Regex OnlyVerb();

    [GeneratedRegex($@"\b{Stem}{Ending}\b", Free)]
    private static partial Regex FirstVerb();

    [GeneratedRegex($@"\b(?:{Stem}(?:s|es|ies)|{Helping}\s+(?:not\s+|never\s+)?{Filling}{{0,2}}{Stem}{Ending})\b", Free)]
    private static partial Regex SaysOf();

    /// <summary>"It does nothing for the lids", "it moves no fluid".</summary>
    public static bool SaysNothing(string text) => DoesNo().IsMatch(text) || KeepsOut().IsMatch(text);

    /// <summary>Whether what is said of a muscle leaves the work to others: "has nothing to do", "is off duty".</summary>
    public static bool IsIdle(string said) => StaysOut().IsMatch(said);

    /// <summary>Whether a sentence says that something is done, as against telling somebody to do it.</summary>
    public static bool Says(string text) => SaysOf().IsMatch(Plain(text));

    [GeneratedRegex(
        $@"\b(?:(?:{Helping})\s+)?(?:not|never|no\s+longer|hardly|nor|in\s+no\s+way|nothing(?:\s+(?:here|in\s+it|of\s+it))?"
            + $@"|without)\s+(?:{Helping}\s+)?{Filling}{{0,3}}(?<verb>(?:{Stem}|{Linked}){Ending})\b",
        Free
    )]
    private static partial Regex NotVerb();

    /// <summary>
    /// "It keeps the forehead out of the work", "it has nothing to do with the jaw". "It keeps wrinkles out" promises, and denies nothing.
    /// </summary>
    [GeneratedRegex(
        @"^(?<who>.*?)\b(?:(?:keeps?|leaves?)\s+(?<what>[\p{L}\s'-]{3,40}?)\s+out\s+of\s+(?:the\s+|this\s+|all\s+)?"
            + @"(?:work|game|play|effort|movement|exercise)\b.*|leaves?\s+(?<what>[\p{L}\s'-]{3,40}?)\s+(?:alone|untouched)"
            + @"|(?:has|have)\s+nothing\s+to\s+do\s+with\s+(?<what>.+?))[.!]*$",
        Free
    )]
    private static partial Regex KeepsOut();

    [GeneratedRegex(
        @"\b(?:stays?|remains?|is|are|keeps?|has|have|does|do|takes?|plays?|gets?)\s+(?:(?:left|well|right|quite|entirely|completely)\s+)*"
            + @"(?:out\s+of\s+(?:it|this|the\s+(?:work|way|game|effort))\b|uninvolved|idle|inactive|passive|nothing\b(?!\s+(?:but|for))"
            + @"|no\s+(?:part|role|work|job|say)\b|asleep|not\s+(?:needed|required|wanted|called\s+for|asked\s+for"
            + @"|necessary|on\s+duty)\b|off\s+duty|(?:in|at)\s+(?:peace|ease|rest)\b|left\s+(?:in\s+peace|alone|out|untouched)\b"
            + @"|(?:a|the|some|its)\s+(?:well-deserved\s+)?(?:break|rest|holiday|pause|day\s+off)\b|not\s+(?:take\s+part"
            + @"|contribute)\b).*$",
        Free
    )]
    private static partial Regex StaysOut();

    /// <summary>"It flushes no toxins", "it does nothing for the lids".</summary>
    [GeneratedRegex(
        $@"\b(?<verb>(?:{Stem}{Ending}|do(?:es)?(?=\s+nothing)))\s+"
            + @"(?:(?:no(?!\s+(?:longer|more|less|matter|one|other)\b)|nothing\s+for(?=\s))\s+|(?:(?:on|over|against|at|in"
            + @"|to)\s+)?(?<!does\s)nothing\s*(?:at"
            + @"\s+all|here)?\W*$)",
        Free
    )]
    private static partial Regex DoesNo();

    /// <summary>"The masseter is not worked", "the masseter is not involved".</summary>
    [GeneratedRegex(
        $@"\b(?:is|are|was|were|gets?|be)\s+(?:not|never)\s+{Filling}{{0,2}}(?<verb>(?:{Stem}|{Linked})(?:ed|d|n|en|t)?)\b",
        Free
    )]
    private static partial Regex NotWorked();

    [GeneratedRegex(
        @"\b(?:is|are)\s+(?:not|no|never)\s+(?:an?\s+|any\s+|the\s+)?(?<thing>(?:treatment|cure|remedy|therapy"
            + @"|substitute|replacement|facelift|medicine|training|workout|drainage|map|mirror)\b)",
        Free
    )]
    private static partial Regex NotA();

    [GeneratedRegex(
        @"\b(?:there\s+is\s+|we\s+know\s+of\s+|i\s+know\s+of\s+)?no\s+(?:good\s+|real\s+|sound\s+)?(?:study"
            + @"|studies|trial|trials|research|evidence|proof)\b(?:\s+(?:that|for|of|shows?|proves?|has\s+shown"
            + @"|have\s+shown|has\s+proved|says?))*"
            + @"|\b(?:it\s+is\s+|that\s+is\s+)?(?:a\s+|an\s+)?(?:myth|fairy\s+tale|untrue|not\s+true|false|wrong"
            + @"|mistake)\b,?\s+(?:that|to\s+(?:say|think|believe)(?:\s+that)?)"
            + @"|\b(?:do|does)\s+not\s+(?:claim|promise|say|believe|expect)\s+(?:that|it\s+to)?"
            + @"|\b(?:nobody|no\s+one)\s+(?:has\s+)?(?:shown|proved|proven|knows?)\s+that",
        Free
    )]
    private static partial Regex NoProof();

    /// <summary>"No muscle is trained", "nothing contracts".</summary>
    [GeneratedRegex(@"^\W*(?:no\s+muscles?|nothing(?=\s+(?:here\s+)?(?:is\s+(?:trained|strengthened)|contracts|tenses)))\b", Free)]
    private static partial Regex NoMuscle();

    /// <summary>"Nothing happens in the cheeks".</summary>
    [GeneratedRegex(
        @"^\W*(?:nothing\s+(?:happens|is\s+(?:done|worked|trained)|goes\s+on|moves|works)|no\s+work\s+is\s+done)\s+(?:in|at|on|with|to)\s+"
            + @"(?<what>(?:the|your)\s.*)$",
        Free
    )]
    private static partial Regex NothingAt();

    /// <summary>"The medial pterygoid lies too deep for it".</summary>
    [GeneratedRegex(@"^(?<what>.*?)\s+(?:lies?|sits?|is|are)\s+(?:too|far\s+too)\s+deep\b.*$", Free)]
    private static partial Regex TooDeep();

    [GeneratedRegex($@"^.*?\b(?:(?:{Helping})\s+)?(?<verb>{Stem}{Ending})\s+neither\b", Free)]
    private static partial Regex Neither();

    [GeneratedRegex(@"\bbut\b", Free)]
    private static partial Regex But();

    [GeneratedRegex(@"\b(?:not|rather\s+than|instead\s+of|without|never)\b(?:(?!\bbut\b)[^,.;])*$", Free)]
    private static partial Regex NotThat();

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();
}
