using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;

namespace Wexis.Core.Techniques.Claims;

/// <summary>
/// Who speaks in a sentence of a page: the technique ("it", "this exercise"), a muscle, fluid, or whoever is promised something ("you",
/// "your skin"). What is said of them is a claim, whatever its verb, unless it is plain talk of how a technique is done and how long it
/// takes. Wordings are common practice. See docs/method.md#claims.
/// </summary>
internal static partial class ClaimSpeaker
{
    private const RegexOptions Free = RegexOptions.IgnoreCase;

    private const string Kinds =
        "(?:exercise|technique|movement|method|routine|course|massage|stroke|facial|workout|programme|practice|ritual|session)s?";

    /// <summary>Who does it in a sentence about a technique.</summary>
    internal const string Technique = $@"(?:(?:this|the|our|my|your)\s+{Kinds}|this\s+one|it|this|that|which|they)";

    private const string Adverbs =
        @"(?:(?:also|even|just|really|always|often|soon|still|then|now|finally|thus|simply|truly|here|\p{L}+ly)\s+)*";

    private const string Helpers =
        @"(?:(?:will|can|could|may|might|would|does|do|helps?(?:\s+(?:to|you(?:\s+to)?))?|has\s+to|have\s+to|never|not)\s+)";

    /// <summary>Whether a sentence asserts something of a technique, of a muscle, of fluid, or of what comes of it.</summary>
    public static bool Asserts(string text, Atlas atlas)
    {
        var plain = ClaimSentence.Plain(text);
        return !ClaimReview.AdmitsHarm(plain) && Speaks(plain, atlas);
    }

    private static bool Speaks(string plain, Atlas atlas)
    {
        return Compares(plain) && (Begins().IsMatch(plain) || NoOther().IsMatch(plain))
            || OfIt().Match(plain) is { Success: true } it && !PlainTalk().IsMatch(plain[it.Groups["verb"].Index..])
            || GoodFor().IsMatch(plain) && (ClaimPlaces.Zones(plain, atlas).Count > 0 || ClaimWords.Named(plain, atlas).Count > 0)
            || MuscleDoes(plain, atlas) is { } does && !PlainAnatomy().IsMatch(does)
            || AndDoes().Matches(plain).Any(m => !PlainTalk().IsMatch(plain[m.Groups["verb"].Index..]))
            || ByMuscle().Match(plain) is { Success: true } by
                && ClaimWords.Named(plain, atlas) is [.., var last]
                && last.At >= by.Groups["by"].Index
            || Nothing().IsMatch(plain)
            || OfFluid().IsMatch(plain)
            || Gains().IsMatch(plain)
            || OfBody().Match(plain) is { Success: true } body && !PlainTalk().IsMatch(plain[body.Groups["verb"].Index..]);
    }

    /// <summary>What a sentence says that a muscle does, from its verb on ("does the lifting"); null where no muscle speaks.</summary>
    public static string? MuscleDoes(string text, Atlas atlas)
    {
        var names = ClaimWords.Named(text, atlas);
        if (names is not [var first, ..] || !BeforeName().IsMatch(text[..first.At]))
            return null;
        var end = first.At + first.Length;
        foreach (var next in names.Skip(1).TakeWhile(n => n.At >= end && Joined().IsMatch(text[end..n.At])))
            end = next.At + next.Length;
        var said = (end > first.At + first.Length ? AfterNames() : AfterName()).Match(text[end..]);
        return said.Success ? text[(end + said.Groups["verb"].Index)..] : null;
    }

    /// <summary>Whether a muscle is said to do what no muscle is known to do by working: "the frontalis never ages".</summary>
    public static bool MuscleDoesUnknown(string text, Atlas atlas) =>
        MuscleDoes(text, atlas) is { } does && !MuscleWork().IsMatch(does) && !PlainAnatomy().IsMatch(does);

    /// <summary>Whether a text sets something above all others: nobody has compared them.</summary>
    public static bool Compares(string text) => Comparison().IsMatch(text);

    [GeneratedRegex($@"^\W*(?:(?:and|but|so)\W+)?{Technique}\b", Free)]
    private static partial Regex Begins();

    /// <summary>"This one is for your forehead muscle".</summary>
    [GeneratedRegex(
        $@"^\W*{Technique}\s+(?:is|are)\s+{Adverbs}(?:(?:good|great|ideal|perfect|excellent|right|made|meant|something)\s+)?for\b",
        Free
    )]
    private static partial Regex GoodFor();

    /// <summary>Without "that", "which" and "they": those may be fingers.</summary>
    [GeneratedRegex(
        $@"^\W*(?:(?:and|but|so|in\s+short|best\s+of\s+all)\W+)?(?:(?:this|the|our|my|your)\s+(?:\p{{L}}+\s+)?{Kinds}"
            + $@"|this\s+one|it|this)\s+"
            + $@"(?:{Adverbs}{Helpers}+{Adverbs}(?<verb>\p{{L}}+)|{Adverbs}(?<verb>\p{{L}}+s))\b",
        Free
    )]
    private static partial Regex OfIt();

    /// <summary>"It is a massage and builds no muscle".</summary>
    [GeneratedRegex(
        $@"(?<=^\W*{Technique}\b.*)\b(?:and|but)\s+{Adverbs}(?<verb>\p{{L}}+s)\s+(?:the|your|you|no|nothing|every|all|any)\b",
        Free
    )]
    private static partial Regex AndDoes();

    /// <summary>"It takes two minutes", "it ends at the ear", "it may feel warm": how it is done, and no promise.</summary>
    [GeneratedRegex(
        @"^(?:(?:tak|last|need|feel|sound|seem|appear|smell|begin|start|end|stop(?!s?\s+\p{L}+ing)|finish|continu|go(?!es\s+(?:deep|right"
            + @"|straight|far)\b)|com|run|follow|belong|preced|repeat"
            + @"|happen|occur|var|depend|differ|count|mean|requir|ask|demand|call|us|consist|contain|combin|includ|compris|rest|li|sit"
            + @"|stand|stay|remain|hang|point|fac|meet|touch|glid|slid|travel|mov|wander|roll|circl|press|pull|push|draw|open|clos|shut"
            + @"|tilt|bend|ris|fall|sink|return|reach|pass|cross|suit|fit|cost|becom|get|want|hurt|tickl|tingl|pinch|sting|itch|ach|tir"
            + @"|trembl|shak|water|twitch|redden|teach|prepar|add(?=s?\s+(?:[\p{L}\d]+\s+){0,2}(?:minutes?|seconds?|time"
            + @"|rounds?|hands?|resistance|variety))|allow|let(?!s?\s+you\s+down)|show|tell|sa|explain|describ"
            + @"|cover|concern|deal|alternat|swap"
            + @"|switch|mirror|serv(?=es?\s+(?:as|to)\b)|remind|hold|look|lead|found|sit|imagin|think|watch|practi[sc]"
            + @"|breath|plac|put(?!s?\s+(?:an?\s+(?:end|stop|smile)|life|colou?r))|read|know|learn|try|see"
            + @"|part|drop|exist|resembl|promis(?=es\s+nothing)|ow|shar|do|hav|has|occup|slip|creas|fold|wrinkl|bulg|hollow"
            + @"|shift|giv(?=(?:e|es)\s+(?:you\s+|"
            + @"us\s+)?(?:time|room|a\s+(?:\p{L}+\s+)?(?:feeling|pull|stretch|rhythm|sense|hint)|the\s+(?:count|rhythm|hands?)))"
            + @"|mak(?=es?\s+(?:sense|use|up|an?\s+(?:\p{L}+\s+)?(?:sound|noise|pop|click)))|bring(?=s?\s+(?:us|the\s+(?:lesson|session)))"
            + @"|leav(?=es?\s+(?:room|time|space|out|the\s+(?:\p{L}+\s+)?(?:free|alone|untouched)))"
            + @"|keep(?=s?\s+(?:[\p{L}'-]+\s+){0,4}(?:still|quiet|relaxed|closed|open|soft|loose|straight|long|down|up|back|steady|warm"
            + @"|moving|even|slow|light|upright|apart|together|level|contact)\b)|work(?!s\W*$)|chang(?=es?\s+(?:sides?|hands?|direction))"
            + @"|turn(?!s?\s+.*\binto\b))(?:s|es|ies|y|e|n|ing|ed)?|i[st]|are|be|was)\b",
        Free
    )]
    private static partial Regex PlainTalk();

    [GeneratedRegex(
        @"^\W*(?:(?:and|but|so|here|mainly|only|even|both|also|meanwhile|then|it\s+is|the|your|our|its|great|small|deep|whole|poor|tired"
            + @"|lazy)\b[\s,]+){0,4}$",
        Free
    )]
    private static partial Regex BeforeName();

    [GeneratedRegex(@"^(?:e?s)?\s*(?:,|and|or|plus|with|together\s+with)\s*(?:(?:the|your)\s+)?$", Free)]
    private static partial Regex Joined();

    [GeneratedRegex(
        @"^(?:e?s)?(?:\s+muscles?)?(?:\s+(?:in|of|around|at|on|under)\s+(?:the|your)\s+\p{L}+)?(?:\s+(?:that|which))?\s+"
            + $@"(?:{Adverbs}{Helpers}+{Adverbs}(?<verb>\p{{L}}+)|{Adverbs}(?<verb>\p{{L}}+s|are|(?:do|work|help|lift|pull)"
            + @"(?=\s+(?:the|your|most|all|together|here|hard|as|against|to)\b)))\b",
        Free
    )]
    private static partial Regex AfterName();

    /// <summary>Of several: "the buccinator and the risorius share the work".</summary>
    [GeneratedRegex($@"^(?:e?s)?(?:\s+muscles?)?\s+{Adverbs}{Helpers}*{Adverbs}(?<verb>\p{{L}}+)\s+\p{{L}}", Free)]
    private static partial Regex AfterNames();

    /// <summary>"Is a thin sheet", "runs from the brow to the scalp": what a muscle is, whatever a technique does.</summary>
    [GeneratedRegex(
        @"^(?:(?:has|have|had|need|run|li|l[ai]y|sit|begin|start|end|originat|insert|attach|aris|belong|consist|split"
            + @"|surround|encircl|form"
            + @"|span|connect|join|fan|cross|tend|divid|wrap|extend|stretch(?=es\s+from)|feel|look|reach|cover|fill(?=s\s+the))(?:s|es|e)?"
            + @"|(?:stay|remain|be|rest|relax)\b|(?:is|are|be)\s+(?!(?:[\p{L}]+ly\s+|hard\s+|also\s+|not\s+|never\s+|here\s+)*(?:at\s+work"
            + @"|busy|active|in\s+action|what\b|in\s+charge|the\s+(?:one|main|chief|principal|star|hero|engine|motor|boss"
            + @"|focus|target|leader|driver)\b|doing|(?!during|called|known|named"
            + @"|supplied|innervated|served|attached|located|shaped|divided|covered|pierced|fused|inserted|joined|felt|made|buried"
            + @"|hidden|situated|rooted)\p{L}{2,}(?:ed|en|ing)\b)))",
        Free
    )]
    private static partial Regex PlainAnatomy();

    /// <summary>What a muscle does when it works, rests or gives way.</summary>
    [GeneratedRegex(
        @"^(?:(?:work|train|contract|activat|fir|tens|tight(?:en)?|shorten|mov|pull|draw|lift|rais|lower|press|push|clos|open|hold|resist"
            + @"|help|assist|support|act|driv|power|lead|join|brac|stretch|lengthen|relax|rest|soften|yield|squeez|turn|tilt|wrinkl|purs"
            + @"|narrow|widen|shut|depress|elevat|pucker|compress|flatten|slacken|loosen|releas|let|switch|wak)(?:s|es|e|ed|ing)?\b"
            + @"|does?\s+(?:[\p{L}-]+\s+){0,4}(?:work|job|rest|it|that|this|\p{L}+ing)\b"
            + @"|(?:carr(?:y|ies)|bears?|shoulders?|takes?|has|gets?)\s+(?:(?:on|over|most|all|much|the|of|main|whole|part"
            + @"|a|good|to|its)\s+)*"
            + @"(?:load|weight|work|strain|lead|job|effort|share|workout|rest|break|massage|stretch)\b|takes\s+over\b|stays?\b|remains?\b"
            + @"|(?:is|are|be|gets?|becomes?)\b)",
        Free
    )]
    private static partial Regex MuscleWork();

    /// <summary>"The apple of the cheek is lifted by the great cheek muscle".</summary>
    [GeneratedRegex(@"^\W*(?:the|your)\s[^.;,]*\b(?:is|are|gets?)\s+(?:\p{L}+\s+)?\p{L}+(?:ed|en|wn)\s+(?<by>by)\s", Free)]
    private static partial Regex ByMuscle();

    /// <summary>"Nothing contracts here".</summary>
    [GeneratedRegex(@"^\W*(?:nothing|no\s+muscle)\s+(?:\p{L}+\s+)?(?:contract|tense|work|train|strengthen|move)\w*\b", Free)]
    private static partial Regex Nothing();

    [GeneratedRegex(
        @"^\W*(?:and\s+|so\s+)?(?:the\s+|your\s+)?(?:excess\s+|surface\s+|tissue\s+)?(?:lymph|fluids?|blood|toxins?)\s+"
            + @"(?:(?:will|can|is|are|gets?)\s+\p{L}+|flows?|runs?|moves?|drains?|leaves?|goes)\b",
        Free
    )]
    private static partial Regex OfFluid();

    /// <summary>"You will look younger", "you lose ten years": what is promised to whoever does it.</summary>
    [GeneratedRegex(
        @"^\W*(?:and\s+|so\s+)?you\s+(?:(?:will|'ll|can|soon|really|simply|also|never|no\s+longer|not|then)\s+)*(?:(?:lose"
            + @"|gain|win|shed|save"
            + @"|say\s+good\s?bye|throw|forget|glow|radiate|wake\s+up|become|age|sleep|turn\s+heads|stay\s+(?:young|fresh|fit))\b"
            + @"|(?:look|seem|appear|feel|be|grow|get|are)\s+(?:\p{L}+ly\s+|so\s+|much\s+|years\s+|like"
            + @"\s+)*(?:\p{L}{3,}er\b(?<!\b(?:under|over"
            + @"|after|lower|upper|inner|outer|finger|corner|never|other))|young|fresh|rested|radiant|beautiful|awake|new\b|refreshed)"
            + @"|see\s+(?:\p{L}+\s+)?(?:results?|(?:a\s+)?differences?|changes?)|need\s+(?:no|any)\b|get\s+(?:a|the|your)\b"
            + @"|(?:frown|worry|clench|squint|grind|smile|sleep)\s+(?:less|more|better)\b|\p{L}+\s+(?:\p{L}+"
            + @"\s+){0,4}(?:better|again|any\s?more|no\s+more|yourself)\W*$)"
            + @"|^\W*you\s+(?:will\s+)?(?:not|never|no\s+longer)\s+need\b",
        Free
    )]
    private static partial Regex Gains();

    /// <summary>"Your jaw will thank you", "the skin stays fresh".</summary>
    [GeneratedRegex(
        @"^\W*(?:and\s+|so\s+)?(?:your|the)\s+(?:\p{L}+\s+)?(?:skin|face|cheeks?|cheekbones|jaw(?:\s?line)?|neck|eyes?"
            + @"|lids?|lips?|forehead"
            + $@"|brows?|chin|complexion|looks|smile|joints?|teeth|ears?|head|shoulders|muscles?|nose|features)\s+"
            + $@"(?:will\s+{Adverbs}(?:(?:never|not)\s+)?(?<verb>(?!not\b|never\b)\p{{L}}+)|{Adverbs}(?<verb>(?:stops?"
            + $@"\s+\p{{L}}+ing|loses?"
            + @"|regains?|gains?|recovers?|ages?|glows?|shines?|thanks?|comes?\s+back|remembers?|forgets?)|(?:looks?|stays?"
            + @"|grows?|becomes?"
            + @"|gets?|is|are)\s+(?:\p{L}+ly\s+|so\s+|much\s+|years\s+|like\s+)*(?:\p{L}{3,}(?<!\b(?:und|ov|aft|low|upp|inn"
            + @"|out|fing|corn|nev"
            + @"|oth|eith|neith|togeth|furth|easi|hard))er|young|fresh|rested|radiant|beautiful|awake|refreshed)))\b",
        Free
    )]
    private static partial Regex OfBody();

    [GeneratedRegex(@"^\W*(?:no\s+other|no\s+better|nothing\s+else|there\s+is\s+(?:no|nothing)\s+(?:other|better))\b", Free)]
    private static partial Regex NoOther();

    [GeneratedRegex(
        $@"\b(?:the\s+(?:very\s+)?(?:best|only|ultimate|fastest|quickest|surest|most\s+\p{{L}}+)\s+(?:\p{{L}}+"
            + $@"\s+){{0,2}}?(?:{Kinds}|way|remedy"
            + $@"|answer|cure|alternative|thing|solution)|no\s+(?:other|better)\s+(?:{Kinds}|way|remedy)|nothing\s+else"
            + $@"\s+(?:work|lift|firm"
            + @"|help|beat|come)\w*|(?:better|faster|stronger|safer|more\s+(?:effective|powerful|useful))\s+than|as\s+(?:good|effective"
            + @"|powerful|strong)\s+as|outperform\w*|outdo\w*|surpass\w*|beats?\s+(?:any|every|all|the|both)|unbeatable|unrivalled"
            + @"|unmatched|unequalled|number\s+one|miracle\w*|magic\w*|(?:it|this)\s+(?:really\s+|just\s+|simply\s+)?works\W*$)\b",
        Free
    )]
    private static partial Regex Comparison();
}
