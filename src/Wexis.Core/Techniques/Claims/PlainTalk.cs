using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Claims;

/// <summary>
/// Plain talk: how a technique is done, how long it takes, how it feels, what a muscle is. It promises nothing, so it is no claim.
/// Closed lists (common practice); whatever is not in them claims something. See docs/method.md#claims.
/// </summary>
internal static partial class PlainTalk
{
    private const RegexOptions Free = RegexOptions.IgnoreCase;

    /// <summary>Verbs of doing, of time and of feeling.</summary>
    private static readonly HashSet<string> Verbs = Words(
        """
        ache alternate appear ask be become begin belong bend breathe breath bulge call circle close combine come compose comprise
        concern consist contain continue cost count cover crease cross deal demand depend describe differ do draw drop end exist explain
        face fall feel finish fit flutter fold follow found get glide go hang happen have hold hollow hurt imagine include itch know last
        lead learn let lie look mean meet mirror move need occupy occur open owe part pass pinch place point practice practise precede
        prepare press pull push read reach redden remain remind repeat require resemble rest return rise roll run say see seem share shake
        shift show shut sink sit slide slip smell sound stand start stay sting stop suit swap switch take tap teach tell think tickle tilt
        tingle tire touch travel tremble try turn twitch use vary wait wander want watch water work wrinkle
        """
    );

    /// <summary>What the hands do beside it.</summary>
    private static readonly HashSet<string> OfHands = Words(
        """
        anchor cradle cup drum grasp grip guide hook hover knead land leave lift lock meet rub slacken smooth spread squeeze support warm
        grow lighten loosen relax soften sweep brush stroke trace release carry pluck interlace frame hug steer settle dig slow
        resist give
        """
    );

    /// <summary>What people do, whatever comes of it.</summary>
    private static readonly HashSet<string> OfPeople = Words(
        "love like enjoy hate prefer notice laugh forget recognise recognize find ask expect confuse mix exaggerate rush cheat tend hurry"
    );

    /// <summary>What else somebody is told to do.</summary>
    private static readonly HashSet<string> Instructions = Words(
        """
        lower raise please exhale inhale lean sip whisper hum blow suck chew bite swallow smile pout yawn wink blink squint stretch tuck
        nod curl remove aim avoid check choose compare concentrate cool dry wash clean grab apply always never only gently slowly softly not
        """
    );

    /// <summary>Plain verbs that promise something with these words behind them: "goes deep", "does wonders".</summary>
    private static readonly Dictionary<string, Regex> Unless = new(StringComparer.Ordinal)
    {
        ["be"] = IsAbout(),
        ["become"] = Improves(),
        ["end"] = Soon(),
        ["last"] = Longer(),
        ["do"] = Wonders(),
        ["draw"] = Away(),
        ["slip"] = Away(),
        ["roll"] = Away(),
        ["fall"] = Away(),
        ["drop"] = Away(),
        ["get"] = GetsRid(),
        ["go"] = Deep(),
        ["have"] = HasEffect(),
        ["hold"] = Away(),
        ["lead"] = LeadsTo(),
        ["let"] = LetsDown(),
        ["look"] = Improves(),
        ["move"] = Away(),
        ["press"] = Nothing(),
        ["pull"] = Away(),
        ["push"] = Away(),
        ["see"] = Improves(),
        ["feel"] = Improves(),
        ["show"] = HasEffect(),
        ["stand"] = Stands(),
        ["stop"] = StopsDoing(),
        ["take"] = Away(),
        ["touch"] = Nothing(),
        ["turn"] = TurnsInto(),
        ["work"] = WorksHow(),
    };

    /// <summary>Verbs that promise something, but for these words behind them: "gives you time", "makes sense".</summary>
    private static readonly Dictionary<string, Regex> OnlyWith = new(StringComparer.Ordinal)
    {
        ["add"] = AddsTime(),
        ["bring"] = BringsUs(),
        ["change"] = ChangesSides(),
        ["give"] = GivesTime(),
        ["keep"] = KeepsStill(),
        ["leave"] = LeavesRoom(),
        ["make"] = MakesSense(),
        ["promise"] = Nothing(),
        ["put"] = PutsNothing(),
        ["serve"] = ServesAs(),
    };

    /// <summary>Whether what is said of a technique, from its verb on ("takes two minutes"), claims nothing.</summary>
    public static bool Says(string said)
    {
        foreach (var verb in Forms(FirstWord().Match(said).Value.ToLowerInvariant()))
        {
            if (OnlyWith.TryGetValue(verb, out var plain))
                return plain.IsMatch(said);
            if (Verbs.Contains(verb))
                return !(Unless.TryGetValue(verb, out var promise) && promise.IsMatch(said));
        }
        return false;
    }

    /// <summary>Whether what is said of hands, from its verb on ("hook under the bone"), only says how it is done.</summary>
    public static bool SaysOfHands(string said) =>
        Says(said) || Forms(FirstWord().Match(said).Value.ToLowerInvariant()).Any(OfHands.Contains);

    /// <summary>Whether what is said of people ("love it", "find it funny") promises nothing.</summary>
    public static bool SaysOfPeople(string said) =>
        Says(said) || Forms(FirstWord().Match(said).Value.ToLowerInvariant()).Any(OfPeople.Contains);

    /// <summary>Whether a word in its plain form tells somebody to do something: "press", "hold", "let".</summary>
    public static bool IsInstruction(string word) =>
        Verbs.Contains(word) || OfHands.Contains(word) || OnlyWith.ContainsKey(word) || Instructions.Contains(word);

    /// <summary>What a word may be a form of ("carries": carrie, carry, carries), the likeliest first.</summary>
    internal static IEnumerable<string> Forms(string word)
    {
        yield return word is "is" or "are" or "was" or "were" ? "be"
        : word is "has" or "had" ? "have"
        : word;
        foreach (var ending in (string[])["s", "es", "d", "ed", "ing"])
            if (word.Length > ending.Length + 1 && word.EndsWith(ending, StringComparison.Ordinal))
            {
                var stem = word[..^ending.Length];
                yield return stem;
                if (ending is "ing")
                    yield return stem + "e";
                if (stem[^1] == 'i')
                    yield return stem[..^1] + "y";
                if (stem.Length > 2 && stem[^1] == stem[^2])
                    yield return stem[..^1];
            }
    }

    internal static HashSet<string> Words(string words) => [.. words.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)];

    [GeneratedRegex(@"^\p{L}+")]
    private static partial Regex FirstWord();

    [GeneratedRegex(
        @"^(?:is|are|be)\s+(?:(?:all\s+|only\s+|mainly\s+)?(?:about|dedicated|devoted)\b|.*\b(?:as\s+(?!light|easy|simple"
            + @"|quick|soft|gentle|short|slow)\p{L}+\s+as|twice\s+as)\b"
            + @"|(?:(?:also|really|truly|simply|not|never|no|like)\s+)*(?:the|your|our|an?|no)\s+(?:[\p{L}-]+"
            + @"\s+){0,2}?(?:fountain|secret|key|answer"
            + @"|end|cure|remedy|recipe|elixir|weapon|treatment|therapy|medicine|solution|way|path|ticket|reward|gift|insurance|shield"
            + @"|alternative|substitute|replacement|facelift|balm|blessing|bonus|result|enemy|friend)\b|worth\b)",
        Free
    )]
    private static partial Regex IsAbout();

    [GeneratedRegex(
        @"\b(?:better|higher|sharper|clearly|young\w*|fresh\w*|radiant|beautiful|fuller|firmer|tighter|smooth\w*|clear\w*"
            + @"|thick\w*|thinn?\w*)\b",
        Free
    )]
    private static partial Regex Improves();

    [GeneratedRegex(@"\b(?:after|within|in)\s+(?:\p{L}+\s+)?(?:days?|weeks?|months?)\b|\bfor\s+(?:good|ever)\b", Free)]
    private static partial Regex Soon();

    [GeneratedRegex(@"\b(?:longer|for\s*ever|years|months|a\s+lifetime)\b", Free)]
    private static partial Regex Longer();

    [GeneratedRegex(
        @"^do(?:es)?\s+(?:.*\b(?:wonders?|good|magic|miracles?|more|everything|nothing)\b"
            + @"|(?:(?:all|most)\s+(?:of\s+)?)?the\s+(?:work|job|same|trick|opposite))",
        Free
    )]
    private static partial Regex Wonders();

    [GeneratedRegex(
        @"\b(?:away|off|at\s+bay)\b(?!\s*$)|\b(?:away|off|back)\s*$|\bout\s+of\s+(?:the|your)\b|\bback\s+(?:in|the|into)\b|\byears\b",
        Free
    )]
    private static partial Regex Away();

    [GeneratedRegex(
        @"^gets?\s+(?:rid|under|(?:to|at)\s+the\s+(?:root|cause|bottom)|results?|(?:the|your|you|everything)\s+(?:\p{L}+\s+){0,3}"
            + @"(?:going|moving|flowing|back|into|in\s+shape|young\w*|fit\w*|free|ready|working))\b",
        Free
    )]
    private static partial Regex GetsRid();

    [GeneratedRegex(@"^go(?:es)?\s+(?:deep|right|straight|far|where|beyond|against)", Free)]
    private static partial Regex Deep();

    [GeneratedRegex(@"\b(?:effects?|influence|impact|power|benefits?|results?|advantages?|differences?|successe?s?|side-effects?)\b", Free)]
    private static partial Regex HasEffect();

    [GeneratedRegex(
        @"\bto\s+(?:(?:an?|your)\s+)?(?:more|less|fewer|better|new|lasting|permanent|(?!over|under|after|corner|center"
            + @"|shoulder|finger)\p{L}{3,}er)\b",
        Free
    )]
    private static partial Regex LeadsTo();

    [GeneratedRegex(@"^lets?\s+(?:you\b|everyone\b|.*\b(?:glow|shine|flow|grow|sleep|vanish|disappear|forget)\b)", Free)]
    private static partial Regex LetsDown();

    [GeneratedRegex(@"\b(?:nothing|no\s+\p{L}+)\b", Free)]
    private static partial Regex Nothing();

    [GeneratedRegex(@"\b(?:a|no)\s+chance\b|\bhigher\b|\bout\W*$", Free)]
    private static partial Regex Stands();

    [GeneratedRegex(@"^stops?\s+(?:\p{L}+ing|(?:the|your)\s.*\bfrom\s+\p{L}+ing|the\s+(?:clock|time|years|loss|decay))\b", Free)]
    private static partial Regex StopsDoing();

    [GeneratedRegex(@"\b(?:into|back)\b", Free)]
    private static partial Regex TurnsInto();

    [GeneratedRegex(
        @"^works?\W*$|^works?\s+(?:on\s+)?(?:skin|muscles?|fluid|tissue|fascia)\b|^works?\s+(?:against|wonders|magic"
            + @"|miracles|like|deep|fast|at\s+once|in\s+the\s+depth|from)\b",
        Free
    )]
    private static partial Regex WorksHow();

    [GeneratedRegex(@"^adds?\s+(?:[\p{L}\d]+\s+){0,2}(?:minutes?|seconds?|time|rounds?|hands?|resistance|variety)\b", Free)]
    private static partial Regex AddsTime();

    [GeneratedRegex(@"^brings?\s+(?:us|the\s+(?:lesson|session))\b", Free)]
    private static partial Regex BringsUs();

    [GeneratedRegex(@"^changes?\s+(?:sides?|hands?|direction)\b", Free)]
    private static partial Regex ChangesSides();

    [GeneratedRegex(
        @"^gives?\s+(?:you\s+|us\s+)?(?:time|room|way|a\s+(?:\p{L}+\s+)?(?:feeling|pull|stretch|rhythm|sense|hint)"
            + @"|the\s+(?:count|rhythm|hands?))\b",
        Free
    )]
    private static partial Regex GivesTime();

    [GeneratedRegex(
        @"^keeps?\s+(?:[\p{L}'-]+\s+){0,4}(?:still|quiet|relaxed|closed|open|soft|loose|straight|long|down|up|back|steady|warm|moving|even"
            + @"|slow|light|upright|apart|together|level|contact)\b",
        Free
    )]
    private static partial Regex KeepsStill();

    [GeneratedRegex(@"^leaves?\s+(?:room|time|space|out|the\s+(?:\p{L}+\s+)?(?:free|alone|untouched))\b", Free)]
    private static partial Regex LeavesRoom();

    [GeneratedRegex(@"^makes?\s+(?:sense|use|up|an?\s+(?:\p{L}+\s+)?(?:sound|noise|pop|click))\b", Free)]
    private static partial Regex MakesSense();

    [GeneratedRegex(
        @"^puts?\s+(?!(?:an?\s+(?:end|stop|smile)|life|colou?r)\b" + @"|.*\b(?:back|right|in(?:to)?\s+(?:place|shape|order))\b)",
        Free
    )]
    private static partial Regex PutsNothing();

    [GeneratedRegex(@"^serves?\s+(?:as|to)\b", Free)]
    private static partial Regex ServesAs();
}
