using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Claims;

/// <summary>
/// Claims that nothing can happen: "safe for everyone", "no side effects", "it does not hurt the eye". A denied harm is a promise, and
/// nobody can make it for a person they have not asked; it never stands, whatever is done.
/// </summary>
public static partial class ClaimReview
{
    /// <summary>The promise that nothing can happen, among the effects of the table.</summary>
    private const string Harmless = "ef-harmless";

    /// <summary>Whether a sentence promises that nothing can happen.</summary>
    internal static bool PromisesNoHarm(string text) =>
        ClaimSentence.Plain(text) is var plain
        && !Warns().IsMatch(plain)
        && (SaidSafe().IsMatch(plain) && !NotSafe().IsMatch(plain) || NoHarm().IsMatch(plain));

    /// <summary>"It can leave marks": a caution, and no promise.</summary>
    internal static bool AdmitsHarm(string text) => CanHarm().IsMatch(text) && !NoHarm().IsMatch(text);

    private const string Harm =
        @"(?:(?:hurt|harm|damag|injur|tear|torn|overstretch|break|bruis|irritat|worsen|aggravat|deepen|trigger|strain|inflam|scar|endanger"
        + @"|overdo|overwork|burst|displac|dislocat)\w*(?!\s+(?:up|through)\b)"
        + @"|(?:side[\s-]+effects?|risks?|dangers?|contra-?indications?|downsides?|after-?effects?)\b"
        + @"|dangerous|risky|unsafe|(?:go(?:es)?|be|do(?:ne)?\s+(?:it|this|anything)|anything)\s+wrong|(?:too\s+much|overdone)\b"
        + @"|(?:mak|giv|caus|leav|bring|creat|produc|form|increas|rais|set\s+off|lead)\w*(?<!caused)\s+"
        + @"(?:(?!than\b|fewer\b|less\b|smaller\b|finer\b|smoother\b)[\p{L}'-]+\s+){0,3}"
        + @"(?:wrinkl\w*|lines?|creases?|folds?|sag\w*|pain|aches?|headaches?|dizz\w*|redness|marks?"
        + @"|spots?|acne|(?:eye|blood|inner)[\s-]+pressure|fillers?|implants?|botox|retina|nerve\s+damage|harm|damage|injur\w+|trouble"
        + @"|problems?|bleeding|bruis\w*|swelling|inflammation|migraines?|tinnitus)"
        + @"|(?:affect|chang|mov|shift|reach)\w*\s+(?:(?!than\b)[\p{L}'-]+\s+){0,3}(?:(?:eye|blood|inner)[\s-]+pressure|fillers?|implants?"
        + @"|botox|retina|lens|pacemaker|pregnancy|baby))\b";

    [GeneratedRegex(@"\b" + Harm, Free)]
    private static partial Regex Harms();

    [GeneratedRegex(@"\b(?:can|may|might|could)\s+(?:\p{L}+ly\s+)?" + Harm, Free)]
    private static partial Regex CanHarm();

    /// <summary>"It does not hurt the eye", "nothing can go wrong".</summary>
    [GeneratedRegex(
        @"\b(?:not|never|hardly|nothing|nobody|no\s+one|without|no|zero|free\s+of|least)\b(?:\s+(?!but\b|only\b)[\p{L}'-]+){0,4}?\s+(?:"
            + Harm
            + @"|injur\w+)"
            + @"|\b(?:hurt|harm|injur)\w*\s+(?:nobody|no\s+one|none|nothing)\b"
            + @"|\b(?:dangerous|harmful|risky|unsafe|bad)\s+(?:for|to)\s+(?:nobody|no\s+one|none)\b"
            + @"|\b(?:mak|giv|caus|leav|bring|creat|produc)\w*\s+no\s+(?:new\s+|deep\s+)?(?:wrinkl\w*|lines?|marks?|pain|bruis\w*"
            + @"|headaches?|redness|damage|harm|problems?)\b",
        Free
    )]
    private static partial Regex NoHarm();

    /// <summary>"Safe for everyone", "suitable for all", "harmless".</summary>
    [GeneratedRegex(
        @"\b(?:(?:is|are|be|remains?|as|and|completely|absolutely|totally|perfectly|entirely|always|fully|\d+\s*%)\s+(?:\p{L}+\s+)?safe\b"
            + @"|safe\s+(?:for|in|during|after|with|at|on|to)\b|(?:harmless|risk-?free|foolproof|pain-?free)\b"
            + @"|(?:suit(?:s|ed|able)|fine|good|right|fit|recommended)\s+(?:for\s+)?(?:everyone|everybody|anyone|anybody|all"
            + @"|every\s+(?:one|age|skin|face|body))\b"
            + @"|(?:everyone|everybody|anyone|anybody)\s+can\s+(?:do|practi[sc]e|use))",
        Free
    )]
    private static partial Regex SaidSafe();

    [GeneratedRegex(@"\b(?:not|never|un|hardly)\s+(?:\p{L}+\s+){0,2}(?:safe|harmless|suit\w*|fine|good|right|fit|recommended)\b", Free)]
    private static partial Regex NotSafe();

    /// <summary>"It is not safe for everyone", "not suitable after surgery", and nothing after it: a modest word.</summary>
    [GeneratedRegex(
        @"\b(?:is|are|be)\s+(?:not|never|hardly)\s+(?:\p{L}+\s+)?(?:(?:safe|suitable|suited|fit|right|recommended|meant|made|good)\s+)?"
            + @"(?:for|after|during|in|with)\s+(?:everyone|everybody|anyone|anybody|all|every\s+(?:face|body|one)"
            + @"|pregnan\w*(?:\s+women)?|surgery|an?\s+operation|(?:people|those|skin|faces)\s+(?:with|after)\s+[\p{L}\s,-]{3,60})\W*$",
        Free
    )]
    private static partial Regex NotForAll();

    /// <summary>"It must never hurt", "do not damage the skin", "so that nothing tears": a warning, and no promise.</summary>
    [GeneratedRegex(
        @"\b(?:should|must|may|shall|ought|need)\b[^.;]{0,30}\b(?:not|never|nothing|no)\b|\b(?:nothing|no\s+\p{L}+)"
            + @"\s+(?:should|must|may)\b"
            + @"|^\W*(?:please\s+)?(?:do\s+not|never|avoid|stop|ask|make\s+sure|check|be\s+careful|so\s+that|if|when)\b"
            + @"|\b(?:so\s+that|if|unless|until|whether|as\s+long\s+as|make\s+sure)\b",
        Free
    )]
    private static partial Regex Warns();
}
