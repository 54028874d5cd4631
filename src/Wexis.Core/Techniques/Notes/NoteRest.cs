using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What nothing has read of a sentence: words that carry something are asked about, so that nothing is dropped in silence.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>What a sentence says beside how the rest is held.</summary>
    public IReadOnlyList<string> BesidePose(string sentence)
    {
        var phrases = new Phrases(sentence);
        phrases.TakeAll(StillPhrase());
        phrases.TakeAll(RelaxesPart());
        return [.. LeftIn(phrases, null).Distinct()];
    }

    /// <param name="hand">The hand that works in the step, whose places and parts were read; null without one.</param>
    private IEnumerable<string> LeftIn(Phrases phrases, Hand? hand)
    {
        phrases.TakeAll(HowItFeels());
        if (Label().Match(phrases.Left) is { Success: true } label)
            phrases.Blank(label.Groups["of"]);
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
                    || OnTheWay().IsMatch(lower[..z.At])
                    || MoreExactly().IsMatch(lower[(z.At + z.Length)..])
                );
            foreach (var (at, length) in NamedIn(lower, _places).Concat(passed).Select(n => (n.At, n.Length)).ToHashSet())
                phrases.Blank(at, length);
            phrases.TakeAll(HandPart());
        }
        foreach (var piece in Pieces().Split(phrases.Left))
        {
            var weights = LeftOver().Matches(piece).Select(m => m.Value.Trim().ToLowerInvariant()).ToList();
            var said = Ends().Replace(Ends().Replace(piece.Trim(), "").Trim(), "").Trim().ToLowerInvariant();
            if (Weighty().IsMatch(said) && !BackAgain().IsMatch(said))
                yield return said;
            else
                foreach (var weight in weights)
                    yield return weight;
        }
    }

    /// <summary>What is read of the sentence as a whole: sides, how the rest is held, how strongly, with what on the skin.</summary>
    private static readonly Regex[] ReadElsewhere =
    [
        OneThenOther(),
        Alternately(),
        BothHands(),
        LeftOnly(),
        RightOnly(),
        EyesShut(),
        JawLoose(),
        MouthHalfOpen(),
        MouthOpen(),
        LipsClosed(),
        TeethShown(),
        HeadBack(),
        Upright(),
        ShouldersDown(),
        LipsOver(),
        TongueUp(),
        StrokeWay(),
        CircleWay(),
        Slip(),
        Dry(),
        Here(),
    ];

    /// <summary>Just before an area that a stroke only passes.</summary>
    [GeneratedRegex(@"\b(?:along|over|across|down|up|via)\s+(?:the\s+|your\s+)?(?:side\s+of\s+(?:the\s+)?)?$", Free)]
    private static partial Regex OnTheWay();

    /// <summary>Just after an area of which a place is told: "into the cheek under the cheekbone".</summary>
    [GeneratedRegex(@"^\s*(?:just\s+|right\s+)?(?:under|below|beneath|above|beside|near|next\s+to)\b", Free)]
    private static partial Regex MoreExactly();

    /// <summary>How it feels or looks, which nothing follows from.</summary>
    [GeneratedRegex(
        @"\b(?:as\s+if|as\s+though|imagin\w*|feel(?:ing)?\b(?!\s+for)|like\s+(?:a|an|when|you|saying)\b|careful\w*\s+with)[^,.;·()]*|\(\s*\p{L}+\s*\)",
        Free
    )]
    private static partial Regex HowItFeels();

    [GeneratedRegex(
        @"\b(?:finger\s?tips?|finger\s+pads?|fingers?|(?<!\bback\s+of\s+(?:the\s+|your\s+)?)hands?|skin|strokes?|passes|knead\w*|massag\w*|along)\b",
        Free
    )]
    private static partial Regex HandPart();

    /// <summary>Where one thing said ends and the next begins.</summary>
    [GeneratedRegex(@"[·,;:()!?""“”–—.]+|\s-\s")]
    private static partial Regex Pieces();

    /// <summary>Small words at either end of a piece.</summary>
    [GeneratedRegex(
        @"^(?:(?:and|or|then|the|your|a|an|of|with|to|at|on|in|it|them|this|that|each|every|while|also|just|only|try|so|is|are|be|by|for|do|all|over|there|from|both|slowly|gently|softly|out|up|down|time|times|side|sides)\b\W*)+|(?:\W*\b(?:and|or|then|the|your|a|an|of|with|to|at|on|in|it|them|this|that|each|every|while|also|just|only|try|so|is|are|be|by|for|do|all|over|there|from|both|slowly|gently|softly|time|times|side|sides))+$",
        Free
    )]
    private static partial Regex Ends();

    /// <summary>The way back of a movement, which its dose has.</summary>
    [GeneratedRegex(
        @"^(?:(?:and|then)\s+)?(?:(?:pull|draw|bring|slide|move|come|go)\s+(?:it\s+|them\s+)?back|release|relax|let\s+go|let\s+down|lower|drop|down|back|rest|repeat|return|up|out|in|open|close)$",
        Free
    )]
    private static partial Regex BackAgain();

    /// <summary>Parts of face, head and hand, and what can be done with them.</summary>
    [GeneratedRegex(
        @"\b(?:chin|head|ceiling|tongue|jaw|mouth|teeth|lips?|cheeks?|nose|nostrils?|eyes?|lids?|(?:eye)?brows?|forehead|shoulders?|neck|ears?|hairline|temples?|corners?|cheekbones?|collarbones?|jaw\s?(?:lines?|bones?)|eye-?\s?balls?|throat|windpipe|larynx|pulse|fists?|pinky|elbows?|chest|(?:tilt|turn|lean|lift|rais|clos|pull|push|press|slid|strok|circl|tap|pinch|squeez|smil|frown|puff|suck|blow|bit|chew|swallow|nod|stretch|twist|shak|wiggl|pump|roll|flar|sniff|kiss|pout|blink|wink)(?:e|es|ed|ing|s|ping|ped|pp\w*)?|back\s+of|opposite|resist\w*|against|(?:out|in|up|down|for|back)wards?)\b",
        Free
    )]
    private static partial Regex Weighty();
}
