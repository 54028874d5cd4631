using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Claims;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes.Roles;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// What nothing has read of a sentence: words that carry something are asked about, so that nothing is dropped in silence.
/// </summary>
internal sealed partial class NoteGlossary
{
    /// <summary>What a sentence says beside how the rest is held, how much, how often, on which side.</summary>
    /// <param name="hand">The hand whose places were read in it; null for none.</param>
    public IReadOnlyList<string> Beside(string sentence, Hand? hand = null)
    {
        var phrases = new Phrases(InFigures(sentence));
        foreach (var read in new[] { OftenWords(), DoseWords(), OtherSide(), Again(), StillPhrase() })
            phrases.TakeAll(read);
        phrases.TakeAll(RelaxesPart());
        return [.. LeftIn(phrases, hand).Distinct()];
    }

    /// <summary>What a second look does not find in the step again, and nothing asks about yet.</summary>
    public IEnumerable<string> NotAgain(string sentence, Step step, IReadOnlyList<string> open)
    {
        var told = ToldOnly(sentence);
        return ToldAgain
            .Lost(told, step, _atlas)
            .Concat(LostBesides(told, step))
            .Where(lost => !open.Any(o => ClaimWords.Find(o.ToLowerInvariant(), lost) >= 0))
            .Distinct()
            .Select(lost => $"“{lost}”: what is it for here?")
            .ToList();
    }

    /// <summary>A sentence without its name, how it feels, and what is so anyway.</summary>
    private static string ToldOnly(string sentence) =>
        new[]
        {
            HowItFeels(),
            WarmUp(),
            Elevens(),
            Label(),
            RightThenLeft(),
            EyesOpen(),
            Elbows(),
            OfTheClock(),
            Until(),
            LowBrows(),
            FingersPoint(),
            StraightAhead(),
            EarToEar(),
        }.Aggregate(sentence, (s, o) => o.Replace(s, " "));

    /// <summary>The two lines between the brows, by their name.</summary>
    [GeneratedRegex(@"^\s*11['’]?s\s*(?:[:,]|\s[-–])", Free)]
    private static partial Regex Elevens();

    [GeneratedRegex(@"\b(?:(?:eye)?brows?|forehead)\s+(?:stays?|remains?|kept)\s+(?:down|low|flat)\b", Free)]
    private static partial Regex LowBrows();

    [GeneratedRegex(@"\b(?:from\s+)?ear\s+to\s+ear\b", Free)]
    private static partial Regex EarToEar();

    /// <summary>"12, 3, 6, 9": where eyes go that follow a clock.</summary>
    [GeneratedRegex(@"(?<=\bclock\b[^.;]{0,20})\b12\b(?:\s*(?:,|and|-)\s*[369]\b)+", Free)]
    private static partial Regex OfTheClock();

    [GeneratedRegex(@"^\s*(?:\p{L}+\s+)?warm(?:ing)?[-\s]?up\b(?:\s*[:,–-])?", Free)]
    private static partial Regex WarmUp();

    /// <param name="hand">The hand that works in the step, whose places and parts were read; null without one.</param>
    private IEnumerable<string> LeftIn(Phrases phrases, Hand? hand)
    {
        // The chewing muscle is where it is kneaded.
        if (hand is { AllZones.Count: > 0 })
            foreach (var named in ClaimWords.Named(phrases.Left, _atlas))
                phrases.Blank(named.At, WithPlural(phrases.Left, named.At, named.Length));
        if (Label().Match(phrases.Left) is { Success: true } label)
            phrases.Blank(label);
        if (NeckWord().IsMatch(phrases.Left) || hand?.AllPath.Any(p => p.At == "jaw_mid") == true)
            phrases.TakeAll(JawEnd());
        if (hand is { Verb: "stroke" or "tool-stroke" or "roll", AllPath.Count: < 2, Direction: not null })
            phrases.TakeAll(LoneWay());
        foreach (var read in ReadElsewhere)
            phrases.TakeAll(read);
        var lower = phrases.Left.ToLowerInvariant();
        if (hand is not null)
        {
            // A place of the way; an area only where the hand works on it, or on the way from place to place.
            var passed = NamedIn(lower, _zones)
                .Where(z =>
                    hand.AllZones.Contains(z.Means)
                    || hand.AllPath.Count != 1
                    || hand.Direction is not null
                    || OnTheWay().IsMatch(lower[..z.At])
                    || MoreExactly().IsMatch(lower[(z.At + z.Length)..])
                )
                // "From the shoulder": where a way begins that the hand does not have.
                .Where(z =>
                    hand.AllZones.Contains(z.Means)
                    || hand is { Verb: not "hold-still", AllPath.Count: not 1 }
                    || !JustFrom().IsMatch(lower[..z.At])
                );
            // "Above the brows" is not the brows: what stands beside a place is asked about.
            foreach (
                var (at, length) in NamedIn(lower, _places)
                    .Where(p => hand.AllPath.Count == 0 || hand.AllPath.Any(on => on.At == p.Means))
                    .Concat(passed)
                    .Where(n => !BesideIt().IsMatch(lower[..n.At]))
                    .Select(n => (n.At, n.Length))
                    .ToHashSet()
            )
                phrases.Blank(at, WithPlural(lower, at, length));
            phrases.TakeAll(HandPart());
            // It is named once more.
            foreach (var (pattern, _) in Contacts.Where(c => c.Contact == hand.Contact))
                phrases.TakeAll(pattern);
        }
        foreach (var piece in Pieces().Split(phrases.Left))
            if (Ends().Replace(Ends().Replace(piece.Trim(), "").Trim(), "").Trim().ToLowerInvariant() is var said && Weighs(said))
                yield return said;
    }

    private static int WithPlural(string text, int at, int length) =>
        at + length < text.Length && text[at + length] is 's' or 'S' ? length + 1 : length;

    /// <summary>
    /// Whether words that nothing has read may say something: all but those that carry nothing. What is not known is asked about.
    /// </summary>
    private static bool Weighs(string said) =>
        !BackAgain().IsMatch(said)
        && Chunk
            .Of(said, Phrases.Read, [])
            .Exists(c =>
                c.Role switch
                {
                    Role.Part => c.Means is not "face" || SideOfFace().IsMatch(said),
                    Role.Number or Role.Other => true,
                    // What is massaged in circles is circled.
                    Role.Verb => c.Means is not ("massage" or "massaging") && RoleWords.Verb(c.Means) is not { Bare: true, Work: null },
                    Role.Way => c.Means is "left" or "right" or "circle",
                    _ => false,
                }
            );

    /// <summary>How a part is held, and no movement.</summary>
    private static readonly Regex[] HeldStates =
    [
        EyesHalfShut(),
        EyesShut(),
        MouthHalfOpen(),
        MouthOpen(),
        TeethTogether(),
        JawLoose(),
        Upright(),
        ShouldersDown(),
        ThroughPursedLips(),
    ];

    /// <summary>"Breathe out through pursed lips".</summary>
    [GeneratedRegex(
        @"(?<=\b(?:breath|exhal|inhal)\w*\b[^.;]{0,60})\bthrough\s+(?:the\s+|your\s+)?(?:softly\s+|gently\s+)?(?:pursed|rounded"
            + @"|puckered)\s+lips\b",
        Free
    )]
    private static partial Regex ThroughPursedLips();

    /// <summary>What is read of the sentence as a whole: sides, how the rest is held, how strongly, with what on the skin.</summary>
    private static readonly Regex[] ReadElsewhere =
    [
        .. HeldStates,
        OneThenOther(),
        Alternately(),
        BothHands(),
        LeftOnly(),
        RightOnly(),
        LipsClosed(),
        TeethShown(),
        HeadBack(),
        LipsOver(),
        TongueUp(),
        StrokeWay(),
        CircleWay(),
        Slip(),
        Dry(),
        Here(),
        RightThenLeft(),
        HeatOrCold(),
        StraightAhead(),
        Elbows(),
        HandOnBelly(),
        LeftRightInTurn(),
        LipsMoving(),
        WithoutOpening(),
        EyesOpen(),
        Posture(),
        LeftSlashRight(),
        AlongTheFold(),
        TightLips(),
        AsFarAs(),
        ToTheTip(),
    ];

    [GeneratedRegex(
        @"\b(?:right|left)\s*,?\s+then\s+(?:the\s+)?(?:left|right)\b|\bkeep\w*\s+the\s+other\s+(?:one"
            + @"|eye)\s+open\b|\b(?:the\s+)?(?:other|upper|lower|left|right)[\uE100-\uF8FF]?\s+(?:(?:one|eye|lid"
            + @"|brow|side|half)\s+)?(?:stays?|remains?"
            + @"|is)\s+(?:open|still|quiet|relaxed|free|put|down|as\s+it\s+is|where\s+it\s+is)\b",
        Free
    )]
    private static partial Regex RightThenLeft();

    [GeneratedRegex(
        @"\b(?<before>as(?:\s+far(?=\s+(?:back|up|down|out|forwards?|apart"
            + @"|in)\s+as\b))?)\s+\w+\s+(?<after>as\s+(?:(?:(?:you|is|it|they|can|could|go(?:es)?|possible|feels?"
            + @"|comfortabl[ey])\s*)+|an?\s+\p{L}+))",
        Free
    )]
    private static partial Regex AsFarAs();

    [GeneratedRegex(
        @"\b(?:above|below|beneath|beside|behind|in\s+front\s+of|next\s+to|outside|left\s+of|right\s+of)\s+(?:(?:the|your|each|both)\s+)*$",
        Free
    )]
    private static partial Regex BesideIt();

    [GeneratedRegex(@"\bsides?\s+of\s+(?:the\s+|your\s+)?face\b", Free)]
    private static partial Regex SideOfFace();

    /// <summary>How strongly the lips do it.</summary>
    [GeneratedRegex(@"\bwith\s+(?:tight(?:ened)?|exaggerated|big)\s+lips?(?:\s+movements?)?\b", Free)]
    private static partial Regex TightLips();

    [GeneratedRegex(@"\b(?:one\s+|the\s+|both\s+)?hands?\s+on\s+(?:the\s+|your\s+)?(?:belly|stomach|hips?|lap|thighs?|ribs?)\b", Free)]
    private static partial Regex HandOnBelly();

    [GeneratedRegex(
        @"\b(?:along|in|over|down)\s+(?:(?:the|your|both)\s+)*(?:nasolabial\s+|nose-to-mouth\s+|smile\s+|laugh\s+)?(?:folds?|crease)\b",
        Free
    )]
    private static partial Regex AlongTheFold();

    /// <summary>Eyes are open unless a note says otherwise.</summary>
    [GeneratedRegex(@"\b(?:with\s+)?eyes\s+(?:(?:stay|are|kept)\s+)?open\b(?!\s+wide)", Free)]
    private static partial Regex EyesOpen();

    [GeneratedRegex(
        @"\b(?:(?:lying|lie)(?:\s+(?:down|flat|on\s+(?:the|your)\s+back))?|sitting|seated|standing|rest\w*\s+(?:the|your"
            + @"|both)\s+elbows\s+on\s+(?:the|a)\s+table"
            + @"|in\s+front\s+of\s+(?:the|a|your)\s+mirror|look\w*\s+(?:in|into|at)\s+(?:the|a|your)\s+mirror)\b",
        Free
    )]
    private static partial Regex Posture();

    [GeneratedRegex(@"\b(?:left[\uE100-\uF8FF]?\s*[/-]\s*right|right[\uE100-\uF8FF]?\s*[/-]\s*left)\b", Free)]
    private static partial Regex LeftSlashRight();

    /// <summary>How vowels are said.</summary>
    [GeneratedRegex(@"\bmov\w*\s+(?:the\s+|your\s+)?lips\b(?<=\b(?:vowels?|say\w*|pronounc\w*|speak\w*)\b[^.;]*)", Free)]
    private static partial Regex LipsMoving();

    [GeneratedRegex(@"\bwithout\s+opening(?:\s+(?:them|(?:the\s+|your\s+)?(?:eyes|lids)))?\b(?<=\b(?:clos|shut)\w*\b[^.;]*)", Free)]
    private static partial Regex WithoutOpening();

    [GeneratedRegex(@"\b(?:left\s+and\s+right|right\s+and\s+left)\s+(?:alternat\w*|in\s+turn|by\s+turns)\b", Free)]
    private static partial Regex LeftRightInTurn();

    /// <summary>Where the arms rest meanwhile.</summary>
    [GeneratedRegex(
        @"\b(?:(?:rest|prop|lean|support|put)\w*\s+)?(?:(?:the|your"
            + @"|both)\s+)?elbows?\s+(?:(?:point\w*\s+)?(?:rest\w*\s+)?on\s+(?:the\s+|a\s+)?\p{L}+|(?:point\w*\s+)?(?:back|out|wide|up"
            + @"|open|forwards?|down|together))\b",
        Free
    )]
    private static partial Regex Elbows();

    /// <summary>Where eyes look that look nowhere else.</summary>
    [GeneratedRegex(
        @"\b(?:(?:the\s+|your\s+)?eyes\s+)?(?:look|gaze|eyes)\w*\s+(?:straight\s+)?(?:ahead|forwards?)\b|\blook\w*\s+at\s+(?:one|a|1"
            + @"|the)\s+(?:fixed\s+)?(?:point|spot)\b(?:\s+(?:ahead|in\s+front\s+of\s+you|on\s+the\s+wall))?",
        Free
    )]
    private static partial Regex StraightAhead();

    /// <summary>Just before an area that a stroke only passes.</summary>
    [GeneratedRegex(@"\b(?:along|over|across|down|up|via|round|around)\s+(?:the\s+|your\s+)?(?:side\s+of\s+(?:the\s+)?)?$", Free)]
    private static partial Regex OnTheWay();

    /// <summary>Just after an area of which a place is told: "into the cheek under the cheekbone".</summary>
    [GeneratedRegex(@"^\s*(?:just\s+|right\s+)?(?:under|below|beneath|above|beside|near|next\s+to)\b", Free)]
    private static partial Regex MoreExactly();

    public static bool SaysHowItFeels(string sentence) => OnlyFeels().IsMatch(sentence);

    /// <summary>A sentence that says how it feels when it is right.</summary>
    [GeneratedRegex(@"^\s*(?:you\s+)?(?:should|will|can|may|might|must)?\s*(?:now\s+)?feel\s+(?!for\b)", Free)]
    private static partial Regex OnlyFeels();

    /// <summary>How it feels or looks, which nothing follows from.</summary>
    [GeneratedRegex(
        @"\b(?:as\s+(?:if|though)\b(?!\s+(?:(?:push|press)ing\s+)?against\b)|imagin\w*|feel(?:ing)?\b(?!\s+for)"
            + @"|like\s+(?:a|an|when|you|saying|after|before|in|for|looking|smelling|sniffing)\b|how\s+(?:the|your|it|they|jaw|muscles?)\b"
            + @"|(?<=[·\s])as\s+(?:an?\s+)?(?!possible|before|usual|far|wide|hard|well)(?=\p{L}+\s*(?:[,.;·(]|$))"
            + @"|(?:to\s+)?(?:mak|form|get|creat)\w*\s+(?:an?\s+|the\s+|your\s+)?(?:double\s+chin|(?:fish|duck|lion)(?!\s+(?:face|lips"
            + @"|mouth)))"
            + @"|(?:with|by|under)\s+(?:its|their)\s+own\s+\p{L}+|(?:(?:with|there\s+is)\s+)?(?:no"
            + @"|without(?:\s+any)?)\s+(?:visible\s+|real\s+)?movement|careful\w*\s+with|pretend\w*\s+to\s+\p{L}+"
            + @"|(?:say|think\s+(?:of\s+)?|do)\s+nothing|nothing\s+(?:must|may|should|can|is\s+to|creases|moves|wrinkles)\b"
            + @"|(?:an?\s+)?(?:pleasant|comfortable|nice)\s+(?:warmth|heat|stretch|tension|tingling)"
            + @"|with\s+(?:an?\s+)?(?:\p{L}+ing\s+|loud\s+|soft\s+|little\s+)*(?:sigh|pop|sound|noise|smack)"
            + @"|without\s+los\w+"
            + @"|so\s+(?:that\b|(?=(?:the|an?|your|they"
            + @"|you)\s+\p{L}+\s+\p{L}+))(?![^,.;]*\b(?:teeth(?!\s+(?:can\s+be\s+seen|show|are\s+(?:visible|seen)"
            + @"|become\s+visible))"
            + @"|lips?|tongue|jaw)\b)|in\s+order\s+to|(?<=,\s*(?:and\s+)?)breath\w*\s+(?:normally|calmly|freely|on"
            + @"|evenly|easily)|(?:hold|keep)\w*\s+(?:the\s+|your\s+)?air(?:\s+in(?:side)?)?"
            + @"|(?:to\s+)?show\w*\s+(?:the\s+|your\s+)?(?:gums|upper\s+teeth)|(?:no|without|not)\s+(?:smil\w*"
            + @"|grinn?\w*|clicking|pain|strain\w*|bouncing)|(?:the\s+)?(?:same|more)\s+as\s+before)(?:(?!\s+(?:and"
            + @"|then)\s+(?:then\s+)?(?:\w+ly\s+)?(?:try|hold|repeat|relax|release|smile|keep|stay|count|mov(?:e|ing)|slid(?:e|ing)"
            + @"|turn|lift|rais|open|clos|press|push|pull|strok"
            + @"|tap|look|tilt|swallow|breath|circl|shift|roll|lower|stick|draw|blink|pucker)\w*\b)[^,.;·()])*"
            + @"|\blike\s+(?:an?\s+)?(?:letter\s+)?(?-i:[A-Z])\b|\blike\s+(?!this|that|before)\p{L}+(?=\s*(?:[,.;·(]|$)|\s+(?:across"
            + @"|on|over|with|and|along|in)\b)"
            + @"|(?<=\blook\w*\s+down\s+)(?:the|your)\s+nose(?=\s*[,.;])|\bas\s+with\s+an?\s+\p{L}+"
            + @"|\(\s*\p{L}+\s*\)|\(\s*(?:you\s+(?:should"
            + @"|will|can)\s+)?(?:see|watch|notice|check|feel|think)\b[^)]*\)|(?<=^|[\s,(])[""“](?!(?:[aeiouh]+"
            + @"|cheese)[""”])\p{L}{3,}(?:(?:[\s-]\p{L}+){0,2}[""”](?=\s*(?:[:,.;]|$))|[""”])",
        Free
    )]
    private static partial Regex HowItFeels();

    [GeneratedRegex(
        @"\b(?:finger\s?tips?|finger\s+pads?|fingers?|hands?|skin|strokes?|passes|knead\w*|massag\w*|along"
            + @"|(?:cup|grip|grasp|clasp|wrap)\w*(?=\s+(?:the|your|both|·)))\b",
        Free
    )]
    private static partial Regex HandPart();

    /// <summary>Where one thing said ends and the next begins.</summary>
    [GeneratedRegex(@"[·,;:()!?""“”–—.]+|\s-\s")]
    private static partial Regex Pieces();

    /// <summary>Small words at either end of a piece.</summary>
    [GeneratedRegex(
        @"^(?:(?:and|or|then|the|your|a|an|of|with|to|at|on|in|it|them|this|that|each|every|while|also|just"
            + @"|only|try|so|is|are|be|by|for|do|all|over|there|from|both|slowly|gently|softly|out|up|down|time|times"
            + @"|side|sides)\b\W*)+|(?:\W*\b(?:and|or|then|the|your|a|an|of|with|to|at|on|in|it|them|this|that|each"
            + @"|every|while|also|just|only|try|so|is|are|be|by|for|do|all|over|there|from|both|slowly|gently|softly"
            + @"|time|times|side|sides))+$",
        Free
    )]
    private static partial Regex Ends();

    /// <summary>The way back of a movement, which its dose has.</summary>
    [GeneratedRegex(
        @"^(?:(?:and|then)\s+)?(?:(?:pull|draw|bring|slide|move|come|go)\s+(?:it\s+|them\s+)?back(?:\s+up)?"
            + @"|come\s+up|let\s+(?:it|all|everything"
            + @"|them)\s+(?:go|fall|drop|down|sink)|(?:release|relax|lower|drop|close|open)\s+(?:it"
            + @"|them)(?:\s+again)?|release|relax|let\s+go|let\s+down|lower|drop|down|back|rest|repeat|return|up|out"
            + @"|in|apart|open|close|open\s+pop|pop\s+(?:them\s+)?(?:open|out))$",
        Free
    )]
    private static partial Regex BackAgain();
}
