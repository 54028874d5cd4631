using System.Text.RegularExpressions;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Notes.Roles;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// What leans on what was named before, spelt out before the sentence is read: "Jaw: slide it left" is "slide the jaw left".
/// </summary>
internal sealed partial class NoteGlossary
{
    private static string SpeltOut(string sentence) =>
        sentence.Length > LongestRemembered ? SpeltOutAnew(sentence) : Spelt.Of(sentence, 0, static (s, _) => SpeltOutAnew(s));

    private static readonly Remembered<string, string> Spelt = new();

    private static string SpeltOutAnew(string sentence)
    {
        sentence = OtherWords(sentence);
        if (OfTheMouth().IsMatch(sentence) && !EyeWord().IsMatch(sentence))
            sentence = AtCorners().Replace(sentence, "${lead} the corners of the mouth");
        sentence = ToThere().Replace(sentence, "${hand} ");
        sentence = InTurn().Replace(sentence, "left and right in turn");
        sentence = SideToSide().Replace(sentence, "left and right");
        sentence = PlaceBeside().Replace(sentence, "");
        sentence = OfEach().Replace(sentence, "${lead} the ");
        sentence = BothBrowEnds().Replace(sentence, "inner brow, on the outer brow");
        sentence = BrowEnd().Replace(sentence, m => m.Groups["outer"].Success ? "outer brow" : "inner brow");
        sentence = StartsAt().Replace(sentence, "from");
        sentence = OutThere().Replace(sentence, "${lead} the ${along} outwards");
        sentence = HeadInto().Replace(sentence, m => PushedHead(m, sentence));
        sentence = BottomToTop().Replace(sentence, m => m.Groups["up"].Success ? "upwards" : "downwards");
        sentence = ToTheOuter().Replace(sentence, "${to} outer corner of the eye");
        if (
            Label().Match(sentence) is { Success: true } title
            && (Does(sentence[title.Length..]) || InCircles().IsMatch(sentence[title.Length..]))
        )
            // "Side neck stretch: ear to shoulder": the name says it once, the sentence how.
            sentence = WithoutVerbs(title.Value) + sentence[title.Length..];
        if (Label().Match(sentence) is { Success: true } of)
            sentence = HandThere().Replace(sentence, m => $"{m.Value} the {of.Groups["of"].Value.ToLowerInvariant()}");
        sentence = WithoutArrows(sentence);
        if (SkinHeld().IsMatch(sentence) && HandWord().IsMatch(sentence))
            // What lifts while fingers hold is the face.
            sentence = CheeksLift().Replace(sentence, "smile");
        sentence = WhileTrying().Replace(sentence, "${verb} the ${part} against the fingers");
        sentence = PushedAgainst().Replace(sentence, "${verb} the ${place} ${way} against the ${hand} on the ${place}");
        sentence = TryingAgainst()
            .Replace(sentence, m =>
                m.Result($"${{act}} against the ${{hand}} {(m.Groups["under"].Success ? "under" : "on")} the ${{place}}")
            );
        sentence = BreathFor().Replace(sentence, m => m.Groups["lead"].Value + NumberValues[m.Groups["w"].Value.ToLowerInvariant()]);
        sentence = InAndOut()
            .Replace(sentence, m =>
                "breathe in ${in}, out ${out}" is var told && m.Groups["held"].Success
                    ? m.Result($"{told}, hold ${{held}} s")
                    : m.Result(told)
            );
        sentence = SecondsOfBoth().Replace(sentence, "${n} s each side");
        sentence = TimesOfBoth().Replace(sentence, "${n} each side");
        if (AlongTheBrow().IsMatch(sentence))
            sentence = FromNoseTo().Replace(sentence, "from the inner brow to");
        if (AlongTheBrow().IsMatch(sentence))
            sentence = FromNose().Replace(sentence, "from the inner brow to the outer brow");
        if (FromNoseOut().IsMatch(sentence) && AlongWhat().Match(sentence) is { Success: true } there)
            sentence = FromNoseOut()
                .Replace(
                    sentence,
                    InnerAndOuter[there.Groups["along"].Value.ToLowerInvariant()] is var (from, to) ? $"from the {from} to the {to}" : ""
                );
        if (InsideOut().IsMatch(sentence) && AlongWhat().Match(sentence) is { Success: true } along)
            sentence = InsideOut()
                .Replace(sentence, m =>
                {
                    var (inner, outer) = InnerAndOuter[along.Groups["along"].Value.ToLowerInvariant()];
                    return m.Groups["out"].Success ? $"from the {inner} to the {outer}" : $"from the {outer} to the {inner}";
                });
        return OutFromThere()
            .Replace(sentence, m =>
                ComesFrom().IsMatch(sentence)
                || !InnerAndOuter.TryGetValue(RoleWords.One(m.Groups["along"].Value.ToLowerInvariant()), out var ends)
                    ? $"{m.Value[..(m.Groups["way"].Index - m.Index)]}to the {OuterEnds[m.Groups["along"].Value.ToLowerInvariant()]}"
                    : $"{m.Value[..(m.Groups["way"].Index - m.Index)]}from the {ends.Inner} to the "
                        + $"{OuterEnds[m.Groups["along"].Value.ToLowerInvariant()]}"
            );
    }

    private static bool Moves(string words) => MovesIn(new(words), HandsIn(words), null, out _).Count > 0;

    private static string WithoutVerbs(string label) =>
        Chunk
            .Of(label, Phrases.Read, [])
            .Where(c => c.Role == Role.Verb)
            .Reverse()
            .Aggregate(label, (l, c) => OfTheVerb().Replace(l.Remove(c.At, c.Length), "", 1, c.At));

    /// <summary>What is left of "push-ups".</summary>
    [GeneratedRegex(@"\G-\w+")]
    private static partial Regex OfTheVerb();

    /// <summary>"Press the forehead into the hands": the head presses, and the hands lie there.</summary>
    private static string PushedHead(Match said, string sentence)
    {
        sentence = WithoutLeftOut(sentence);
        var (way, place) = said.Groups["part"].Value.ToLowerInvariant() switch
        {
            "forehead" => ("forward", "forehead"),
            "back of the head" or "back of your head" => ("back", "base of the skull"),
            "head" when said.Groups["way"].Value.StartsWith("back", StringComparison.OrdinalIgnoreCase) => ("back", "base of the skull"),
            "head" when said.Groups["way"].Value.StartsWith("for", StringComparison.OrdinalIgnoreCase) => ("forward", "forehead"),
            "temple" or "side of the head" or "side of your head" => ("to the side", "temple"),
            "head" when said.Groups["way"].Value.StartsWith("side", StringComparison.OrdinalIgnoreCase) => ("to the side", "temple"),
            "head" when sentence.Contains("side of the head", StringComparison.OrdinalIgnoreCase) => ("to the side", "temple"),
            "head" when sentence.Contains("temple", StringComparison.OrdinalIgnoreCase) => ("to the side", "temple"),
            "head" when sentence.Contains("forehead", StringComparison.OrdinalIgnoreCase) => ("forward", "forehead"),
            "head" when BehindTheHead().IsMatch(sentence) => ("back", "base of the skull"),
            _ => ("", ""),
        };
        var verb = way == "to the side" ? "tilt" : "push";
        var hand = said.Groups["hand"].Value is "them" or "it" ? "hands" : said.Groups["hand"].Value;
        return place.Length == 0 ? said.Value : $"{verb} the head {way} against the {hand} on the {place}";
    }

    [GeneratedRegex(
        @"\b(?:press|push|lean)\w*\s+(?:the\s+|your\s+)?(?<part>forehead|back\s+of\s+(?:the|your)\s+head"
            + @"|side\s+of\s+(?:the|your)\s+head|temple|head)\s+(?<way>back\w*\s+|forwards?\s+"
            + @"|sideways\s+)?(?:gently\s+|lightly\s+|firmly\s+)?(?:into|against|onto)\s+(?:(?:the|your|both"
            + @"|one)\s+)*(?<hand>palms?|hands?|fists?|fingers?|fingertips|thumbs?|them|it(?=\s*(?:[,.;]"
            + @"|$))(?<=\b(?:palms?|hands?|fists?)\b[^.;]*))\b",
        Free
    )]
    private static partial Regex HeadInto();

    [GeneratedRegex(@"\b(?:smil|kiss|pucker|pout|grin|lips?|mouth)\w*\b", Free)]
    private static partial Regex OfTheMouth();

    [GeneratedRegex(@"\b(?:eyes?|lids?)\b", Free)]
    private static partial Regex EyeWord();

    [GeneratedRegex(@"\b(?<lead>at|on|in|into)\s+(?:(?:the|both|your)\s+)*corners\b(?!\s+of)", Free)]
    private static partial Regex AtCorners();

    /// <summary>"Fingertips -> behind the ears": there they are.</summary>
    [GeneratedRegex(@"^\s*(?<hand>(?:(?:\w+\s+)?(?:fingers?|fingertips?|palms?|hands?|thumbs?|knuckles?)))\s*(?:-+>|=+>|→)\s*", Free)]
    private static partial Regex ToThere();

    /// <summary>"R-L-R-L".</summary>
    [GeneratedRegex(@"\b(?:right|left)(?:\s*[-/,]\s*(?:right|left)){2,}\b", Free)]
    private static partial Regex InTurn();

    /// <summary>"Jaw: side-to-side movements".</summary>
    [GeneratedRegex(@"(?<=\b(?:jaw|head|eyes|chin|tongue)\b[^.;]*)\b(?:from\s+)?side(?:[-\s]+to)?[-\s]+side(?:\s+movements?)?\b", Free)]
    private static partial Regex SideToSide();

    [GeneratedRegex(@"\b(?:behind|back\s+of|at\s+the\s+back\s+of)\s+(?:the\s+|your\s+)?head\b", Free)]
    private static partial Regex BehindTheHead();

    /// <summary>"The hollow behind the ear": behind the ear.</summary>
    [GeneratedRegex(
        @"(?<!\bhold\w*\s+(?:(?:the|this|that|each)\s+)?|\d\s+)\b(?:the\s+|your\s+)?(?:soft\s+|small\s+"
            + @"|little\s+)?(?:hollows?|dips?|dents?|grooves?|points?|spots?|areas?|places?|regions?|parts?)\s+(?:just\s+"
            + @"|right\s+|directly\s+)?(?=(?:at|under|below|beneath|beside|next\s+to|behind|between|above"
            + @"|in\s+front\s+of)\s)",
        Free
    )]
    private static partial Regex PlaceBeside();

    [GeneratedRegex(
        @"\b(?<lead>under|below|beneath|behind|beside|above|between|next\s+to|in\s+front\s+of)\s+(?:each|your|my)\s+(?!side\b)",
        Free
    )]
    private static partial Regex OfEach();

    [GeneratedRegex(@"\b(?:two|both)\s+ends\s+of\s+(?:(?:the|your|each)\s+)*(?:eye)?brows?\b", Free)]
    private static partial Regex BothBrowEnds();

    [GeneratedRegex(
        @"\b(?:(?:(?<outer>outer)|inner)\s+(?:ends?|tips?|edges?|thirds?|corners?)|(?<outer>tails?)|heads?"
            + @"|beginnings?|starts?)\s+of\s+(?:(?:the|your|each|both)\s+)*(?:eye)?brows?\b",
        Free
    )]
    private static partial Regex BrowEnd();

    [GeneratedRegex(
        @"\b(?:start(?:s|ing)?|begin(?:s|ning)?)\s+(?:at|from|in|with)\b(?=\s+(?:the|your|an?|inner|outer|middle|chin|nose|ears?"
            + @"|temples?|jaw|brows?|collarbones?|hairline)\b)",
        Free
    )]
    private static partial Regex StartsAt();

    /// <summary>"Outwards under the eye": under the eye outwards.</summary>
    [GeneratedRegex(
        @"\boutwards?\s+(?<lead>under|below|beneath|along|over|across|above)\s+(?:(?:the|your"
            + @"|each)\s+)?(?<along>eyes?|(?:eye)?brows?|forehead|jaw(?:line)?|cheekbones?)\b(?!\s+to)",
        Free
    )]
    private static partial Regex OutThere();

    [GeneratedRegex(@"\bfrom\s+(?:the\s+)?nose\s+(?:out\s+)?to\b", Free)]
    private static partial Regex FromNoseTo();

    [GeneratedRegex(
        @"\b(?:along|under(?:neath)?|below|strok\w*|trac\w*|smooth\w*|brush\w*)\s+(?:the\s+|your\s+|each\s+|both\s+)*(?:eye)?brows?\b",
        Free
    )]
    private static partial Regex AlongTheBrow();

    [GeneratedRegex(@"\bfrom\s+(?:the\s+)?nose(?:\s+outwards?)?\b(?!\s+to)", Free)]
    private static partial Regex FromNose();

    [GeneratedRegex(@"\bfrom\s+(?:the\s+)?nose\s+outwards?\b(?!\s+to)", Free)]
    private static partial Regex FromNoseOut();

    /// <summary>Where a way outwards ends.</summary>
    private static readonly Dictionary<string, string> OuterEnds = new(StringComparer.Ordinal)
    {
        ["eye"] = "outer corner of the eye",
        ["eyes"] = "outer corner of the eye",
        ["brow"] = "outer brow",
        ["brows"] = "outer brow",
        ["eyebrow"] = "outer brow",
        ["eyebrows"] = "outer brow",
        ["forehead"] = "temple",
        ["jaw"] = "ear",
        ["jawline"] = "ear",
        ["cheekbone"] = "front of the ear",
        ["cheekbones"] = "front of the ear",
    };

    /// <summary>"Chin: fist under, …": under the chin.</summary>
    [GeneratedRegex(
        @"\b(?:fists?|palms?|hands?|thumbs?|fingers?|fingertips?|knuckles?)\s+(?:flat\s+)?(?:under|below|on"
            + @"|over|above|beside|behind)(?=\s*[,;.]|\s*$)",
        Free
    )]
    private static partial Regex HandThere();

    /// <summary>"Put two fingers on the brows and push up against them": the brows push.</summary>
    [GeneratedRegex(
        @"\b(?:put|place|lay|set|rest|hold)\w*\s+(?:(?:both|the|your|flat)\s+)*(?<hand>(?:(?:two|three|four"
            + @"|index|middle|ring|\d)\s+)*(?:palms?|hands?|fingers?|fingertips?|fists?|thumbs?))\s+(?:flat\s+)?(?:on"
            + @"|onto|over|at|against|under)\s+(?:(?:the|your|both|each)\s+)*(?<place>\p{L}+)\s*(?:,\s*)?(?:and\s+"
            + @"|then\s+)*(?<verb>push|press|lift|move|pull)\s+(?:(?:them|it)\s+)?(?<way>up|down|forwards?|back|out"
            + @"|in)\s+against\s+(?:them|it|(?:the\s+|your\s+)?(?:palms?|hands?|fingers?|fists?|thumbs?))\b",
        Free
    )]
    private static partial Regex PushedAgainst();

    /// <summary>"Press the palms against the forehead and try to raise the brows": they are raised against the palms.</summary>
    [GeneratedRegex(
        @"\b(?:press|push|hold|lay|put|place)\w*\s+(?:(?:both|the|your|flat|two)\s+)*(?<hand>palms?|hands?"
            + @"|fingers?|fingertips?|fists?|thumbs?)\s+(?:\w+ly\s+)?(?:against|on|onto|to|(?<under>under))\s+(?:the\s+"
            + @"|your\s+)?(?<place>\p{L}+(?:\s\p{L}+)?)\s*,?\s*(?:and|while)\s+(?:you\s+)?(?:try"
            + @"|trying)\s+to\s+(?<act>[^,.;]{3,60}?)(?=\s*(?:[,.;]|$|\bfor\b))",
        Free
    )]
    private static partial Regex TryingAgainst();

    /// <summary>"Breathe in for four, out for six".</summary>
    [GeneratedRegex(
        @"(?<lead>\b(?:in|out|hold|for)\s+(?:for\s+)?)(?<w>two|three|four|five|six|seven|eight|ten)\b(?<=\b(?:breath\w*"
            + @"|inhal\w*)\b[^.;]{0,80})",
        Free
    )]
    private static partial Regex BreathFor();

    /// <summary>"Breathe in through the nose 4 s, breathe out 6 s".</summary>
    [GeneratedRegex(
        @"\b(?:breath(?:e|ing)?\s+in|inhal(?:e|ing))\b[^.;,\d]{0,30}?(?:for\s+)?(?<in>\d+)\s*(?:s|secs?"
            + @"|seconds?|counts?)?\s*,?\s*(?:hold\w*\s+(?:it\s+)?(?:for\s+)?(?<held>\d+)\s*(?:s|secs?|seconds?"
            + @"|counts?)?\s*,?\s*)?(?:and\s+|then\s+)?(?:(?:breath(?:e|ing)?\s+)?out|exhal(?:e"
            + @"|ing))\b[^.;,\d]{0,30}?(?:for\s+)?(?<out>\d+)\s*(?:s\b|secs?|seconds?|counts?)?",
        Free
    )]
    private static partial Regex InAndOut();

    /// <summary>"20 s right, 20 s left".</summary>
    [GeneratedRegex(
        @"\b(?<n>\d+)\s*(?:s|secs?|seconds?)\s+(?:on\s+the\s+)?(?:left|right)\s*,?\s*(?:and\s+"
            + @"|then\s+)?\k<n>\s*(?:s|secs?|seconds?)?\s*(?:on\s+the\s+)?(?:left|right)\b",
        Free
    )]
    private static partial Regex SecondsOfBoth();

    [GeneratedRegex(@"\bfrom\s+(?:the\s+)?(?:(?<up>bottom\s+to\s+(?:the\s+)?top)|top\s+to\s+(?:the\s+)?bottom)\b", Free)]
    private static partial Regex BottomToTop();

    /// <summary>"Inner corner of the eye to the outer".</summary>
    [GeneratedRegex(
        @"(?<to>\binner\s+(?:eye\s+)?corners?(?:\s+of\s+(?:the\s+)?eyes?)?[^.;,]{0,20}(?:\bto|->"
            + @"|→)\s*(?:the\s+)?)outer\b(?!\s+(?:eye|corner|end|brow))",
        Free
    )]
    private static partial Regex ToTheOuter();

    /// <summary>Where something begins and ends, seen from the middle of the face.</summary>
    private static readonly Dictionary<string, (string Inner, string Outer)> InnerAndOuter = new(StringComparer.Ordinal)
    {
        ["eye"] = ("inner corner of the eye", "outer corner of the eye"),
        ["brow"] = ("inner brow", "outer brow"),
        ["eyebrow"] = ("inner brow", "outer brow"),
        ["forehead"] = ("middle of the forehead", "temple"),
        ["cheekbone"] = ("side of the nose", "front of the ear"),
        ["jaw"] = ("chin", "jaw angle"),
        ["jawline"] = ("chin", "jaw angle"),
        ["chin"] = ("chin", "jaw angle"),
    };

    /// <summary>"In to out", "from outside to inside".</summary>
    [GeneratedRegex(
        @"\bfrom\s+(?:the\s+)?inside\s+(?<out>out)(?:wards?)?\b|(?:\bfrom\s+)?(?:the\s+)?\b(?:(?:in|inside"
            + @"|inner(?:\s+(?:end|side))?)\s+to\s+(?:the\s+)?(?<out>out(?:side|er(?:\s+(?:end|side))?)?)|(?:out"
            + @"|outside|outer(?:\s+(?:end|side))?)\s+to\s+(?:the\s+)?in(?:side|ner(?:\s+(?:end"
            + @"|side))?)?)\b(?!\s+(?:corner|brow|eye))",
        Free
    )]
    private static partial Regex InsideOut();

    [GeneratedRegex(@"\b(?:(?:eye)?(?<along>brow)|(?<along>eye|forehead|cheekbone|jawline|jaw|chin))s?\b", Free)]
    private static partial Regex AlongWhat();

    /// <summary>"6x right and left": so many on each.</summary>
    [GeneratedRegex(
        @"\b(?<n>\d+\s*(?:x|×|times|strokes?|circles?|reps?|taps?|s\b|secs?"
            + @"|seconds?))\s*,?\s*(?:on\s+(?:the\s+)?)?(?:right\s+(?:and|then)\s+(?:the\s+)?left|left\s+(?:and"
            + @"|then)\s+(?:the\s+)?right)\b(?!\s+in\s+turn)",
        Free
    )]
    private static partial Regex TimesOfBoth();

    [GeneratedRegex(@"\b(?:hold|fix|keep|brace)\w*\s+(?:the\s+|your\s+)?skin\b", Free)]
    private static partial Regex SkinHeld();

    /// <summary>"Press the forehead into the palm": one of them presses.</summary>
    [GeneratedRegex(
        @"\bpress\w*\s+(?:the\s+|your\s+)?(?:forehead|head|temples?|chin|back\s+of\s+the\s+head)\s+(?:into"
            + @"|against|onto)\s+(?:the\s+|your\s+|both\s+)*(?:palms?|hands?|fists?|fingers?|fingertips)\b",
        Free
    )]
    private static partial Regex PressedInto();

    [GeneratedRegex(@"\b(?:lift|rais)\w*\s+(?:(?:the|your|both)\s+)*cheeks(?:\s+up)?", Free)]
    private static partial Regex CheeksLift();

    /// <summary>A part of the face before the sentence, of which the sentence speaks.</summary>
    [GeneratedRegex(
        @"^\s*(?<part>(?:eye)?brows?|(?:upper\s+|lower\s+)?lips?|(?:lower\s+)?jaw|mouth|chin|head|shoulders?"
            + @"|tongue|eyes|cheeks|nostrils|nose)\s*(?::|\s[-–])\s+",
        Free
    )]
    private static partial Regex PartLabel();

    /// <summary>"Push the brows down while trying to lift them": they are lifted, and held against it.</summary>
    [GeneratedRegex(
        @"\b(?:press|push|pull|hold)\w*\s+(?:the\s+|your\s+|both\s+)*(?<part>(?:eye)?brows?|cheeks?"
            + @"|corners(?:\s+of\s+the\s+mouth)?|lids?|eyes|jaw|mouth|chin|lips?|shoulders?|head)\s+(?:(?:down|up|in"
            + @"|out|back|closed|shut|together|still)\w*\s+)?(?:firmly\s+|gently\s+|lightly\s+)?(?:with\s+(?:(?:the"
            + @"|your|two)\s+)*(?:fingers?|fingertips|thumbs?|hands?|palms?)\s*)?,?\s*(?:(?:while|and"
            + @"|as)\s+(?:you\s+)?(?:try|trying|attempt|attempting)\s+to\s+(?<verb>\p{L}+)|while\s+(?<verb>(?:rais"
            + @"|lift|push|clos|open)ing))\s+(?:them|it)\b",
        Free
    )]
    private static partial Regex WhileTrying();

    /// <summary>"Under the eye outwards": along something to its outer end.</summary>
    [GeneratedRegex(
        @"\b(?:under|below|beneath|above|over|along|across)\s+(?:the\s+|your\s+|each\s+)?(?<along>eyes?"
            + @"|(?:eye)?brows?|forehead|jaw(?:line)?|cheekbones?)(?:\s+with\s+(?:(?!\bto\b)[^.;,]){1,40})?,?\s+(?:(?:"
            + @"working|moving|going|from\s+the\s+inside)\s+)?(?<way>outwards?)\b(?!\s+to)",
        Free
    )]
    private static partial Regex OutFromThere();
}
