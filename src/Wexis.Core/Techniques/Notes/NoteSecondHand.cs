using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Two hands, or two fingers, that lie or work in two places at once: "one hand holds the temple, the other strokes".</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>The step of a sentence that tells of two hands; null where it tells of one, or one of them cannot be read.</summary>
    /// <param name="open">What is asked is added to it.</param>
    private Step? TwoHands(string sentence, List<string> open) =>
        sentence.Length > LongestOfTwoHands ? null : OneAndTheOther(sentence, open) ?? FingerAndFinger(sentence, open);

    /// <summary>Letters: each pair of hands costs a reading of its own, so what is far longer than a sentence is read as of one.</summary>
    private const int LongestOfTwoHands = 600;

    /// <summary>One hand and the other; no match where no word of a second one stands, which is quickly seen.</summary>
    private static Match OfOneAndTheOther(string sentence) =>
        SecondWord().IsMatch(sentence) ? OneHandAndTheOther().Match(sentence) : Match.Empty;

    [GeneratedRegex(@"\b(?:other|second|free|left|right)", Free)]
    private static partial Regex SecondWord();

    private Step? OneAndTheOther(string sentence, List<string> open)
    {
        var two = OfOneAndTheOther(sentence);
        if (!two.Success)
            return null;
        var dose = Dose(sentence);
        var (first, second) = (Clause(two.Groups["first"].Value), Clause(two.Groups["second"].Value));
        if (
            first is not (var one, var asked)
            || second is not (var other, var askedToo)
            || one.AllHands.Count == 0
            || other.AllHands.Count == 0
        )
            return null;
        open.AddRange(asked.Concat(askedToo).Where(a => dose is null || a != HowManyAsked).Distinct());
        return other with
        {
            Hands = [.. one.AllHands, .. other.AllHands],
            Acts = [.. one.AllActs, .. other.AllActs],
            Still = [.. one.AllStill.Union(other.AllStill)],
            Dose = other.Dose ?? one.Dose,
            State = other.State ?? one.State,
            Tempo = other.Tempo ?? one.Tempo,
            Gaze = other.Gaze ?? one.Gaze,
            Cue = Cue(sentence),
        };
    }

    /// <summary>What one of two hands does, or where it lies.</summary>
    private (Step Step, IReadOnlyList<string> Asked)? Clause(string said)
    {
        // Which hand it is does not matter: where it lies does.
        var clause = ThatHand().Replace(said.Trim(' ', ',', ';'), "hand ");
        if (Step(clause, out var asked, oneHand: true) is { AllHands.Count: > 0 } works)
            return (works, asked);
        var lies = Track("hold-still", clause);
        if (lies.AllPath.Count + lies.AllZones.Count == 0 || Does(clause))
            return null;
        var role = HoldsSkin().IsMatch(clause) ? "hold" : null;
        return (
            new(
                [],
                [lies with { Role = role, Contact = lies.Contact ?? "whole-palm" }],
                null,
                null,
                [],
                null,
                null,
                null,
                clause,
                null,
                null
            ),
            role is null ? [WhatForAsked] : []
        );
    }

    /// <summary>"Middle finger at the inner corner, index at the outer one": the second lies as the first does.</summary>
    private Step? FingerAndFinger(string sentence, List<string> open)
    {
        foreach (Match two in FingersApart().Matches(sentence))
        {
            var (first, second) = (two.Groups["p1"].Value, two.Groups["p2"].Value);
            if (OnlyInOrOut().IsMatch(second) && CornerWord().IsMatch(first))
                second += " corner of the eye";
            if (
                two.Groups["one"].Value[..4] == two.Groups["two"].Value[..4]
                || Spot(first) is not { } one
                || Spot(second) is not { } other
                || one == other
            )
                continue;
            var from = two.Groups["joins"].Index;
            if (
                Step($"{sentence[..from]}{sentence[(two.Index + two.Length)..]}", out var asked, oneHand: true)
                is not { AllHands: [{ Verb: "hold-still" or "lift-hold" or "press" or "circle" } hand] } step
            )
                continue;
            open.AddRange(asked);
            var contact = Contacts.FirstOrDefault(c => c.Pattern.IsMatch($"{two.Groups["two"].Value} finger")).Contact;
            return step with { Hands = [LaidOn(hand, one), LaidOn(hand with { Contact = contact }, other)], Cue = Cue(sentence) };
        }
        return null;
    }

    [GeneratedRegex(
        @"^(?<first>.*?\b(?:hand|palm|index|middle|ring|thumb|finger|fist)\w*\b.*?)\s*(?:[,;]\s*(?:and\s+|while\s+)?|\band\s+|\bwhile\s+)"
            + @"(?<second>(?:with\s+)?(?:the\s+|your\s+)?(?:other|second|free)(?:\s+(?:hand|palm|index|thumb|finger"
            + @"|fist)\w*)?\s+(?!side|way"
            + @"|direction|eye|cheek|brow|corner|one|hand)\p{L}.*"
            + @"|(?<=\bright[\uE100-\uF8FF]?\s+(?:hand|palm|index|middle|ring|little|thumb|finger"
            + @"|fist)\b[^.;]{0,160})(?:with\s+)?(?:the\s+|your\s+)?left"
            + @"[\uE100-\uF8FF]?\s+(?:hand|palm|index|middle|ring|little|thumb|finger|fist)\b.*"
            + @"|(?<=\bleft[\uE100-\uF8FF]?\s+(?:hand|palm|index|middle|ring|little|thumb|finger"
            + @"|fist)\b[^.;]{0,160})(?:with\s+)?(?:the\s+|your\s+)?right"
            + @"[\uE100-\uF8FF]?\s+(?:hand|palm|index|middle|ring|little|thumb|finger|fist)\b.*)$",
        Free
    )]
    private static partial Regex OneHandAndTheOther();

    private const string OneOfTheHands = @"(?:the\s+|your\s+)?(?:other|second|free|one|left[\uE100-\uF8FF]?|right[\uE100-\uF8FF]?)\s+";

    /// <summary>Which of two hands: "the other hand", "your left hand", "the other" alone.</summary>
    [GeneratedRegex(
        $@"(?<!\p{{L}}\s+){OneOfTheHands}(?:hand\s+)?(?=\p{{L}})"
            + $@"|\b{OneOfTheHands}(?:(?=(?:palm|index|middle|ring|little|thumb|finger|fist))|hand\s+)",
        Free
    )]
    private static partial Regex ThatHand();

    [GeneratedRegex(
        @"\b(?<one>index|middle|ring\b|little|thumb)s?(?:\s+(?:fingers?|fingertips?|f)\b)?\s+(?<p1>[\p{L}\s]{4,45}?)"
            + @"(?<joins>\s*,\s*(?:and\s+)?|\s+and\s+)(?:the\s+|your\s+)?(?<two>index|middle|ring\b|little|thumb)s?(?:\s+(?:fingers?"
            + @"|fingertips?|f)\b)?\s+(?<p2>[\p{L}\s]{4,45}?)(?=\s*(?:[,;.]|$)|\s+and\s)",
        Free
    )]
    private static partial Regex FingersApart();

    /// <summary>Two fingers that are only laid in two places; null where one of them cannot be read.</summary>
    private IReadOnlyList<Hand>? FingersLaid(Match two)
    {
        var second = ItWord().Replace(two.Groups["p2"].Value, PlaceNoun().Match(two.Groups["p1"].Value).Value);
        if (Spot(two.Groups["p1"].Value) is not { } one || Spot(second) is not { } other || one == other)
            return null;
        return
        [
            LaidOn(Track("hold-still", two.Groups["one"].Value + " finger"), one),
            LaidOn(Track("hold-still", two.Groups["two"].Value + " finger"), other),
        ];
    }

    [GeneratedRegex(@"\b(?:it|them)\b", Free)]
    private static partial Regex ItWord();

    /// <summary>The place without how it stands to it: "the brow" of "under the brow".</summary>
    [GeneratedRegex(@"(?:the\s+|your\s+)?(?:inner\s+|outer\s+)?\p{L}+(?:\s+of\s+(?:the\s+|your\s+)?\p{L}+)?$", Free)]
    private static partial Regex PlaceNoun();

    /// <summary>The one place, or zone, that some words name; null where they name none, or more.</summary>
    private string? Spot(string words) =>
        PlacesIn(At(words)) switch
        {
            [var place] => place,
            [] when ZonesNamed(At(words)) is [var zone] => zone,
            _ => null,
        };

    private Hand LaidOn(Hand hand, string spot) =>
        _atlas.Landmarks.ContainsKey(spot)
            ? hand with
            {
                Path = [new(spot, null, null, null)],
                Zones = [],
            }
            : hand with
            {
                Path = [],
                Zones = [spot],
            };

    private static string At(string place) => LiesThere().IsMatch(place) ? place : $"at {place}";

    [GeneratedRegex(@"^\s*(?:at\s+)?(?:the\s+)?(?:inner|outer)(?:\s+(?:one|corners?))?\s*$", Free)]
    private static partial Regex OnlyInOrOut();

    [GeneratedRegex(@"\bcorners?\b|\beyes?\b", Free)]
    private static partial Regex CornerWord();
}
