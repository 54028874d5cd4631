using System.Globalization;
using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Claims;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Sentences of a note, and of what kind each is: a title, a caution, advice, a claim.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>Sentences in order; a list's numbers and bullets are no words.</summary>
    public static IReadOnlyList<NoteSentence> Sentences(string text)
    {
        var shorthand = new NoteShorthand();
        return
        [
            .. AsTheyStand(shorthand.WrittenOut(text))
                .Select(s => s with { Text = NoteShorthand.Plain(s.Text).Trim(), Stood = shorthand.AsItStood(s.Text).TrimEnd(' ', ';') })
                .Aggregate(new List<NoteSentence>(), OfBothSides),
        ];
    }

    /// <summary>"Right hand on the left cheek …, then change": which hand and which cheek does not matter.</summary>
    private static List<NoteSentence> OfBothSides(List<NoteSentence> told, NoteSentence next)
    {
        if (OnlyChange().IsMatch(next.Text) && told is [.., var last] && HandWord().IsMatch(last.Text))
            told[^1] = last with
            {
                Text = OfOneAndTheOther(last.Text).Success
                    ? last.Text
                    : OneOfTwoParts().Replace(OneOfBothHands().Replace(last.Text, ""), ""),
            };
        told.Add(next);
        return told;
    }

    [GeneratedRegex(
        @"^\s*(?:(?:change|swap|switch)(?:\s+(?:sides?|hands?))?|(?:(?:on|to|with)\s+)?(?:the\s+)?(?:left|right|other)(?:\s+(?:side"
            + @"|eye|brow|cheek|ear"
            + @"|corner))?)\W*$",
        Free
    )]
    private static partial Regex OnlyChange();

    [GeneratedRegex(@"\b(?:left|right)\s+(?=(?:eye|brow|corner)\b)", Free)]
    private static partial Regex OneOfTwoParts();

    /// <summary>The same, each as it stands in the text.</summary>
    public static IReadOnlyList<NoteSentence> AsTheyStand(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        var found = new List<NoteSentence>();
        var opens = true;
        var lines = LineEnd()
            .Split(text)
            .Select(l => ForbidsInBrackets().Replace(ForbiddenLast(l), "${work}${rest}; ${caution}"))
            .ToArray();
        var many = lines.Count(l => l.Any(char.IsLetter)) > 1;
        for (var i = 0; i < lines.Length; i++)
        {
            var sentences = SentenceEnd()
                .Split(lines[i])
                .Select((s, n) => n > 0 && CountsAlone(lines[i], s) ? s.Trim() : Bullet().Replace(s, "").Trim())
                .Where(s => s.Any(char.IsLetter) || OnlyNumber().IsMatch(s))
                .ToList();
            var goesOn = sentences.Count > 1 && !Ends(NoteShorthand.Plain(sentences[0]));
            var may = opens && !goesOn && !Bullet().IsMatch(lines[i]) && (sentences.Count == 1 ? many : found.Count == 0);
            var next = i + 1 < lines.Length ? lines[i + 1] : "";
            var heads = may && sentences.Count == 1 && !Ends(lines[i]) && (next.Trim().Length == 0 || Bullet().IsMatch(next) || Ends(next));
            found.AddRange(
                sentences.Select(
                    (s, n) =>
                        new NoteSentence(
                            s,
                            may && n == 0,
                            heads,
                            s,
                            n > 0 && !Ends(NoteShorthand.Plain(sentences[n - 1])),
                            n == 0 && Numbered().IsMatch(lines[i]),
                            n == 0 && (found.Count > 0 || Bullet().IsMatch(lines[i]))
                        )
                )
            );
            opens = sentences.Count == 0;
        }
        return found;

        static bool Ends(string line) => line.TrimEnd() is [.., '.' or '!' or '?' or ';'];
    }

    /// <summary>"Stroke upwards (not over the brows), 10x": what is forbidden stands behind what is done.</summary>
    [GeneratedRegex(
        @"^(?<work>[^().;]*\S)\s*\((?<caution>(?:but\s+)?(?:not|never|no|without|except"
            + @"|avoid)\b[^()\d]*)\)(?<rest>\s*[,]?\s*[^().;]*?)[.;]?\s*$",
        Free
    )]
    private static partial Regex ForbidsInBrackets();

    /// <summary>A number by itself counts where it is no number of a list.</summary>
    private static bool CountsAlone(string line, string number) =>
        OnlyNumber().IsMatch(number)
        && !Numbered().IsMatch(line)
        && int.Parse(number.Trim(' ', '.'), CultureInfo.InvariantCulture) >= FewestAlone;

    private const int FewestAlone = 4;

    /// <summary>"Light. 20.": a count by itself.</summary>
    [GeneratedRegex(@"^\s*\d{1,3}\s*\.?\s*$")]
    private static partial Regex OnlyNumber();

    [GeneratedRegex(@"^\s*\(?\d{1,2}[.)]\s")]
    private static partial Regex Numbered();

    /// <summary>The name before what is told: "Jaw sweep" of "Jaw sweep: oil first"; null without one.</summary>
    public static string? LabelOf(string sentence) => Label().Match(sentence) is { Success: true } label ? Title(label.Value) : null;

    /// <summary>
    /// A heading: a few words that say neither how nor how much. One that begins with what to do ("Smile over the chin") must be set like
    /// a heading.
    /// </summary>
    public bool IsTitle(NoteSentence told) =>
        told.MayHead
        && IsTitle(told.Text)
        && (told.Heads || DoerOfWork().IsMatch(told.Text) || !(BeginsWithWork(told.Text) || TellsOfIt().IsMatch(told.Text)));

    /// <summary>"Warm your hands.", "Half close the lids.": a sentence, whatever its verb; "Under the chin" is a name.</summary>
    [GeneratedRegex(
        @"^\s*(?:half\s+|fully\s+)?(?!(?:under|over|around|round|behind|above|below|for|of|on|in|at|between|beside|along|off|with|to|and"
            + @"|all)\b)\p{L}+\s+(?:the|your|both)\s+\p{L}+[^:–]*\.\s*$",
        Free
    )]
    private static partial Regex TellsOfIt();

    /// <summary>"Frown eraser."</summary>
    [GeneratedRegex(@"^\s*\p{L}+(?:\s+\p{L}+)?\s+(?!corner|upper|lower|inner|outer|finger|under|over|together)\p{L}{3,}er\W*$", Free)]
    private static partial Regex DoerOfWork();

    private bool IsTitle(string sentence) =>
        Words(sentence).Count <= MostWordsOfTitle
        && Dose(sentence) is null
        && !Forbids(sentence)
        && !IsAdvice(sentence)
        && !IsClaim(sentence)
        && Material(sentence) is null
        && LaysHands(sentence) is null
        && !Contacts.Any(c => c.Pattern.IsMatch(sentence))
        && !PressureWord().IsMatch(sentence)
        && !WithAHand().IsMatch(sentence)
        && sentence.Count(c => c is ',') < 2
        && !sentence.TrimEnd().EndsWith(';')
        && !sentence.Contains(" you ", StringComparison.OrdinalIgnoreCase)
        && !(Label().Match(sentence) is { Success: true } of && sentence[of.Length..].Any(char.IsDigit))
        && Still(sentence).Count == 0
        && Pose(sentence) is null
        // "Lion: tongue out.": the name, and what is done.
        && !(
            Label().Match(sentence) is { Success: true } named
            && !CallsIt().IsMatch(sentence)
            && sentence[named.Length..] is var done
            && (
                BeginsWithWork(done)
                || (Words(done) is [var verb, ..] && Roles.RoleWords.Verb(verb) is not null)
                || MovesIn(new(done), HandsIn(done), null, out _).Exists(m => m.At < 2)
            )
        );

    [GeneratedRegex(@"\bwith\s+(?:(?:the|an?|one|your|both|flat|cupped|loose|open|warm)\s+)*(?:fingers?|hands?|thumbs?|palms?)\b", Free)]
    private static partial Regex WithAHand();

    [GeneratedRegex(@"^\s*(?:technique|exercise|name|title|move)\b", Free)]
    private static partial Regex CallsIt();

    private static bool BeginsWithWork(string sentence)
    {
        // "Lips: pout": what stands before the work is a label.
        if (PartLabel().Match(sentence) is { Success: true } label)
            sentence = sentence[label.Length..];
        sentence = UsesThemTo().Replace(Slowly().Replace(sentence, ""), "");
        return (Does(sentence, out var at) && at == 0)
            || TellsToDo(sentence)
            || PlacesFirst().IsMatch(sentence)
            || IsHeldSo().IsMatch(sentence);
    }

    /// <summary>"Use the knuckles to knead …".</summary>
    [GeneratedRegex(@"^\s*(?:use|take)\s+(?:\p{L}+\s+){1,4}to\s+", Free)]
    private static partial Regex UsesThemTo();

    [GeneratedRegex(@"^\s*(?:slowly|gently|softly|lightly|carefully|now|first|just)\s+", Free)]
    private static partial Regex Slowly();

    /// <summary>"Lips pressed", "head turned left", "big O mouth", "look straight ahead": how something is held is no name.</summary>
    [GeneratedRegex(
        @"^\s*(?:(?:the\s+)?(?:lips?|heads?|jaw|chin|brows?|eyes?|cheeks?|tongue|teeth|shoulders?|corners?)\s+(?:\p{L}{3,}ed"
            + @"|forwards?|out|up"
            + @"|down|back|wide|in)\b|(?:lie|lying|sit|stand)\w*\s+(?:down|on|flat|tall)\b|head\s+(?:turn|tilt)s?\s+(?:left|right"
            + @"|to)\b|(?:look|say)\s|(?:big|wide|small|long|full|open)\s+(?:(?-i:[AEOU])\b|grins?|smiles?|mouth|kiss|eyes)"
            + @"|mouth\s+(?:in|like)\s+|(?:mouth|lips)\s*:\s*(?-i:[AEOU])\b|cheeks?\s+hollow"
            + @"|\p{L}+\s+\p{L}+\s+(?:with|on)\s+(?:the\s+|an?\s+)?(?:inhale|exhale|in-?breath|out-?breath)\b)",
        Free
    )]
    private static partial Regex IsHeldSo();

    [GeneratedRegex(@"^\s*(?:gently\s+|now\s+)?(?:place|put|lay|rest|position|set)\s+(?:the|your|both|two|three|four|one|an?|\d)\b", Free)]
    private static partial Regex PlacesFirst();

    /// <summary>"Pull the jaw …": something is to be done, whatever it is.</summary>
    private static bool TellsToDo(string sentence) =>
        WordPattern().Matches(sentence) is [var first, var next, ..]
        && next.Value.ToLowerInvariant() is "the" or "your" or "both" or "it" or "them" or "a" or "an"
        && (Roles.RoleWords.Verb(first.Value.ToLowerInvariant()) is not null || LetsOrForms().IsMatch(sentence));

    [GeneratedRegex(@"^\s*(?:let|form|make|keep|bring)\s", Free)]
    private static partial Regex LetsOrForms();

    /// <summary>The name in a heading: "Exercise 3: Brow smoother." is "Brow smoother".</summary>
    public static string Title(string sentence) => Heading().Replace(sentence, "").Trim(' ', '.', ':', '#', '*', '_', '-', '–', '!');

    private const int MostWordsOfTitle = 8;

    public static IReadOnlyList<string> Words(string text) => [.. WordPattern().Matches(text.ToLowerInvariant()).Select(m => m.Value)];

    public static bool IsAdvice(string sentence) =>
        CleansIt().IsMatch(sentence) || (Advice().IsMatch(sentence) && !Movement().IsMatch(sentence) && !Does(sentence));

    /// <summary>"Wipe it first.": what is done to a tool or to the hands, and to no face.</summary>
    [GeneratedRegex(
        @"^\s*(?:wipe|clean|wash|chill)\s+(?:it|them|(?:the\s+|your\s+)?(?:roller|stone|tool|spoons?|hands|finger(?:tip)?s))"
            + @"(?:\s+(?:first|before|after|again|well))*\W*$",
        Free
    )]
    private static partial Regex CleansIt();

    /// <summary>
    /// A sentence that says what a technique does; one with a dose, or one that begins with what to do, says how it is done.
    /// </summary>
    public bool IsClaim(string sentence) =>
        Dose(sentence) is null
        && !BeginsWithWork(sentence)
        && (
            Claims().IsMatch(sentence)
            || (Targets().IsMatch(sentence) && (ClaimWords.Named(sentence, _atlas).Count > 0 || Garbled(sentence).Count > 0))
        );

    /// <summary>What is taken to hand before: oil, cream, a towel; null when the sentence says none.</summary>
    public static string? Material(string sentence) =>
        (SlipFirst().Match(sentence) is { Success: true } slip ? slip : TakeToHand().Match(sentence)) is { Success: true } m
        && !Does(sentence[(m.Index + m.Length)..])
            ? m.Groups["what"].Value.Trim().ToLowerInvariant()
            : null;

    public static bool AllOver(string sentence) => WholeAgain().IsMatch(sentence);
}
