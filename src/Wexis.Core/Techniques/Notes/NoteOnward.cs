using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>A step that goes on from the one before it, or from where hands were laid.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>A stroke told by its way only ("Then from the chin to the ear, 5 times."): the hand works on as before.</summary>
    public Step? SameWork(string sentence, Step before)
    {
        ArgumentNullException.ThrowIfNull(before);
        if (before.AllHands.Count == 0 || before.AllHands[0].AllPath.Count == 0)
            return null;
        // "Down the neck to the collarbone": on from where the hand was.
        List<string?> places = [.. PlacesIn(sentence)];
        if (places.Count == 1 && Onwards().IsMatch(sentence) && before.AllHands[0].AllPath[^1].At is { } last && last != places[0])
            places.Insert(0, last);
        if (places.Count < 2)
            return null;
        var hand = before.AllHands[0] with
        {
            Path = [.. places.Select(p => new PathPoint(p, null, null, null))],
            Zones = [],
            Pressure = PressureOf(sentence) ?? before.AllHands[0].Pressure,
            Contact = Contacts.FirstOrDefault(c => c.Pattern.IsMatch(sentence)).Contact ?? before.AllHands[0].Contact,
            Sides = SidesOf(sentence) ?? before.AllHands[0].Sides,
        };
        return before with { Hands = [hand], Acts = [], Dose = Dose(sentence), Cue = Cue(sentence) };
    }

    /// <summary>
    /// "Pump above the collarbones 10x, then behind the ears 10x": the same work at another place, where nothing but that and how much is
    /// said.
    /// </summary>
    public Step? SameWorkAt(string sentence, Step before)
    {
        ArgumentNullException.ThrowIfNull(before);
        sentence = LastNumber().Replace(sentence, "${n} times");
        if (
            before
                is not { AllHands: [{ Verb: "press" or "circle" or "tap" or "knead" or "lymph-pump" or "friction" } hand], Dose: not null }
            || Dose(sentence) is not { } dose
        )
            return null;
        var told = Otherwise(NoteArticles.Restored($"at {sentence}"));
        if (Does(told) || HandWord().IsMatch(told))
            return null;
        var there = Track("hold-still", told);
        var next = hand with { Path = there.AllPath, Zones = there.AllZones, Direction = null, Pressure = there.Pressure ?? hand.Pressure };
        return there.AllPath.Count + there.AllZones.Count != 1 || Beside(told, next).Count > 0
            ? null
            : before with
            {
                Hands = [next],
                Acts = [],
                Dose = dose,
                Tempo = null,
                Cue = Cue(sentence),
            };
    }

    /// <summary>"Below the ears 10": so many times.</summary>
    [GeneratedRegex(@"(?<=\p{L}\s+)(?<n>\d+)(?=[.;,\s]*$)")]
    private static partial Regex LastNumber();

    /// <summary>"Then slide to the ears": a stroke that only says where it ends goes on from where the hand was.</summary>
    public static Step OnFrom(Step before, Step step, List<string> open)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        ArgumentNullException.ThrowIfNull(open);
        if (
            step.AllHands is not [{ Verb: "stroke", AllPath: [var end] } hand]
            || before.AllHands is not [var was]
            || (
                was.AllPath is [.., var last] ? last.At
                : was.AllZones is [var zone] ? MiddleOfZone.GetValueOrDefault(zone)
                : null
            )
                is not { } from
            || from == end.At
            || !OnlyTo().IsMatch(step.Cue ?? "")
            || ComesFrom().IsMatch(step.Cue ?? "")
        )
            return step;
        open.Remove(FromWhereAsked);
        return WithSameHand(step, hand with { Path = [new(from, null, null, null), end] }, was, open);
    }

    /// <summary>A step whose hand works with the part, and on the sides, of the hand before it, unless it tells its own.</summary>
    private static Step WithSameHand(Step step, Hand hand, Hand was, List<string> open)
    {
        if (was.Contact is not null)
            open.Remove(WithWhatAsked);
        return step with { Hands = [hand with { Contact = hand.Contact ?? was.Contact, Sides = hand.Sides ?? was.Sides }] };
    }

    /// <summary>"Press it, then circles": where the hand of the same sentence was, and with the same part of it.</summary>
    public static Step SamePlace(Step before, Step step, List<string> open)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        ArgumentNullException.ThrowIfNull(open);
        if (
            step is not { AllActs.Count: 0, AllHands: [{ AllPath.Count: 0, AllZones.Count: 0 } hand] }
            || before is not { AllActs.Count: 0, AllHands: [var was] }
            || was.AllPath.Count + was.AllZones.Count == 0
            // One big sweep goes where it goes.
            || (hand.Verb is "stroke" or "tool-stroke" or "roll" && !SaysIt().IsMatch(step.Cue ?? ""))
        )
            return step;
        open.Remove(WhereAsked);
        return WithSameHand(step, hand with { Path = was.Path, Zones = was.Zones }, was, open);
    }

    /// <summary>The one place at which a way ends ("finish behind the ear"); null where a sentence says more.</summary>
    public string? EndOfWay(string sentence) =>
        EndsAt().Match(sentence) is not { Success: true } ends ? null
        : PlacesIn($"at {ends.Groups["where"].Value}") is [var place] ? place
        : ZonesIn(ends.Groups["where"].Value) is [var zone] ? MiddleOfZone.GetValueOrDefault(zone)
        : null;

    /// <summary>The one place at which a way begins ("Start at the chin."); null where a sentence says more.</summary>
    public string? StartOfWay(string sentence) =>
        JustStarts().Match(sentence) is { Success: true } starts && PlacesIn($"at {starts.Groups["where"].Value}") is [var place]
            ? place
            : null;

    [GeneratedRegex(@"^\s*(?:start|begin)\w*\s+(?:at|on|from|in)\s+(?<where>(?:the\s+|your\s+)?\p{L}+(?:\s+\p{L}+){0,4})\W*$", Free)]
    private static partial Regex JustStarts();

    /// <summary>"Go to the ear.": where a way ends that was begun; null where a sentence says more.</summary>
    public string? GoesTo(string sentence) =>
        JustGoes().Match(sentence) is { Success: true } goes && PlacesIn($"at {goes.Groups["where"].Value}") is [var place] ? place : null;

    [GeneratedRegex(
        @"^\s*(?:(?:and|then)\s+)*(?:go|work|travel|continue|carry\s+on)\s+(?:on\s+)?(?:slowly\s+)?(?:(?:up|down|out|back)(?:wards?)?\s+)?"
            + @"to\s+(?<where>(?:the\s+|your\s+)?\p{L}+(?:\s+\p{L}+){0,3})\W*$",
        Free
    )]
    private static partial Regex JustGoes();

    [GeneratedRegex(
        @"^\s*(?:(?:and|then)\s+)*(?:finish|end|stop)\w*\s+(?:each\s+(?:stroke\s+)?|it\s+|always\s+)?(?:at\s+"
            + @"|in\s+)?(?<where>(?:the\s+|your\s+"
            + @"|behind\s+|in\s+front\s+of\s+|under\s+|below\s+)*(?!if\b)\p{L}+(?:\s+\p{L}+){0,3})\W*$",
        Free
    )]
    private static partial Regex EndsAt();

    /// <summary>"Then lower the head": out of how it was held.</summary>
    public static bool HeadComesBack(string sentence) => LowersHead().IsMatch(sentence);

    [GeneratedRegex(
        @"^\s*(?:(?:and|then)\s+)*(?:lower|bring|come)\w*\s+(?:the\s+|your\s+)?(?:head|chin)\s*(?:slowly|gently|back|down|again|forward|to"
            + @"\s+(?:the\s+)?(?:middle|normal|neutral)|and\s+(?:rest|relax)|\s)*\W*$",
        Free
    )]
    private static partial Regex LowersHead();

    /// <summary>Whether a hand goes on working for its time ("circles 20 s"): what comes then has a count of its own.</summary>
    public static bool GoesOnByItself(Step before, Step step)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        return before is { AllActs.Count: 0, AllHands: [{ Verb: { } verb }, ..], Dose: { } dose }
            && WorksOnTheWay.Contains(verb)
            && OnlyTime().IsMatch(dose.Line ?? "")
            && step.AllHands.Count + step.AllActs.Count > 0;
    }

    [GeneratedRegex(@"\b(?:it|them|there)\b", Free)]
    private static partial Regex SaysIt();

    /// <summary>"One hand holds the forehead. The other strokes …": both stay.</summary>
    [GeneratedRegex(
        @"^\s*(?:(?:and|then|with)\s+)*(?:the\s+)?other(?:\s+hand|\s+palm|\s+thumb|\s+fingers?)?\b(?!\s+(?:side|eye|cheek|way))",
        Free
    )]
    private static partial Regex OtherHandWorks();

    /// <summary>"Smile and feel how the cheeks rise": what hands that lie there are for.</summary>
    [GeneratedRegex(
        @"\bfeel\s+(?:how\s+)?(?:the|your)\s+\p{L}+(?:\s+\p{L}+)?\s+(?:mov|ris|lift|work|tighten|contract|swell|harden)\w*",
        Free
    )]
    private static partial Regex FeelsIt();

    /// <summary>"Eyes up and down 5, circles 3 each way": the eyes circle.</summary>
    public static string WithEyes(string text, Step before)
    {
        ArgumentNullException.ThrowIfNull(before);
        return before.AllActs.Any(a => a.Do?.StartsWith("gaze-", StringComparison.Ordinal) == true)
            ? SideSideFirst().Replace(CirclesFirst().Replace(text, "circle the eyes, "), "look left and right, ")
            : text;
    }

    [GeneratedRegex(@"^\s*(?:and\s+|then\s+)*side\s*(?:-|/|to)\s*side\s+(?=\d)", Free)]
    private static partial Regex SideSideFirst();

    [GeneratedRegex(
        @"^\s*(?:and\s+|then\s+)*circles?\s+(?=\d|slowly\b|both\s+(?:ways|directions)|each\s+way|(?:anti-?|counter-?)?clockwise)",
        Free
    )]
    private static partial Regex CirclesFirst();

    /// <summary>Where hands were laid, and what is done then, in one sentence: "thumbs on the temples, pull the skin back".</summary>
    public Step? Together(Step laid, string text, out IReadOnlyList<string> unknown)
    {
        ArgumentNullException.ThrowIfNull(laid);
        return Step($"{(laid.Cue ?? "").TrimEnd(' ', '.', ';', ',')}, {text}", out unknown);
    }

    /// <summary>
    /// Hands that are only laid somewhere ("Place the fingertips at the temples."); null when the sentence does more or less.
    /// </summary>
    public Step? LaysHands(string sentence)
    {
        var told = Otherwise(NoteArticles.Restored(ToolTaken(EyesShutFirst().Replace(sentence, ""))));
        if (!Laid().IsMatch(told) || PalmsOverEyes().IsMatch(told) || Does(told) || Dose(told) is not null)
            return null;
        var pose = EyesShutFirst().IsMatch(sentence) ? Pose(sentence) : null;
        if (FingersApart().Match(told) is { Success: true } two)
            return FingersLaid(two) is { } both ? new([], both, null, null, [], null, null, null, Cue(sentence), pose, null) : null;
        var track = Track("hold-still", told);
        return track.AllPath.Count == 0 && track.AllZones.Count == 0
            ? null
            : new([], [track], null, null, [], null, null, null, Cue(sentence), pose, null);
    }

    /// <summary>Hands that are laid somewhere, with a verb or without ("fingers flat on the cheeks").</summary>
    [GeneratedRegex(
        @"^\s*(?:\p{L}[\p{L} ]{1,20}(?::|\s[-–])\s*)?(?:(?:begin|start)\w*\s+with\s+)?(?:(?:a|one|both|the|your|flat|warm|left|right"
            + @"|two|three|four|\d|index|middle"
            + @"|ring)\s+)*(?:fingers?|fingertips?|palms?|hands?|thumbs?|knuckles?|fists?|(?<=\b(?:index|middle"
            + @"|ring)\s+))\s*(?:pads?\s+|flat\s+"
            + @"|lightly\s+|gently\s+|soft(?:ly)?\s+)*(?:on|onto|at|over|under|below|beside|behind|against|between"
            + @"|along|in\s+front\s+of)\s|^\s*(?:hold|fix)\w*\s+(?:the\s+|your\s+|both\s+)*(?:skin|forehead|(?:eye)?brows?|(?:outer\s+"
            + @"|inner\s+)?(?:eye\s+)?corners?)\b.{0,60}\b(?:fingers?|fingertips?|hands?|palms?|thumbs?)\b"
            + @"|\b(?:plac(?:e|ing)|put(?:ting)?|rest(?:ing)?|lay(?:ing)?|set(?:ting)?"
            + @"|position\w*)\b.{0,40}\b(?:fingers?|fingertips?|hands?|palms?|thumbs?|knuckles?|fists?|stone|roller|spoons?|pads?"
            + @"|compress(?:es)?"
            + @"|cloths?|towels?|packs?)\b",
        Free
    )]
    private static partial Regex Laid();

    /// <summary>"Eyes closed, palms on the cheeks."</summary>
    [GeneratedRegex(@"^\s*(?:with\s+)?(?:the\s+|your\s+)?(?:eyes|lids)\s+(?:are\s+)?(?:\w+ly\s+)?(?:closed|shut)\s*,\s*", Free)]
    private static partial Regex EyesShutFirst();

    /// <summary>A step that begins where hands were laid: they work from there, or stay there while the face moves.</summary>
    public static Step From(Step laid, Step step, List<string> open)
    {
        ArgumentNullException.ThrowIfNull(open);
        var (start, cue) = (laid.AllHands[0], Cue($"{laid.Cue} {step.Cue}"));
        if (laid.State is not null)
            step = step with { State = step.State ?? laid.State };
        if (step.AllHands.Count == 0)
        {
            var holds = HoldsThere().IsMatch(laid.Cue ?? "") || HoldsSkin().IsMatch(laid.Cue ?? "");
            var tries = TriesTo().IsMatch(step.Cue ?? "");
            if (FeelsIt().IsMatch(step.Cue ?? ""))
                return step with { Hands = [.. laid.AllHands.Select(h => h with { Role = "feel" })], Cue = cue };
            if (step.AllActs.Any(a => a.Resist is not null || (tries && CanBeResisted(a.Do))))
                return step with
                {
                    Acts = [.. step.AllActs.Select(a => tries && CanBeResisted(a.Do) ? a with { Resist = a.Resist ?? "finger" } : a)],
                    Hands = [.. laid.AllHands.Select(h => h with { Role = "resist" })],
                    Cue = cue,
                };
            if (!holds)
                open.Add(WhatForAsked);
            return step with { Hands = [.. laid.AllHands.Select(h => holds ? h with { Role = "hold" } : h)], Cue = cue };
        }
        if (OtherHandWorks().IsMatch(step.Cue ?? ""))
            return step with { Hands = [.. laid.AllHands.Select(h => h with { Role = h.Role ?? "hold" }), .. step.AllHands], Cue = cue };
        var hand = step.AllHands[0];
        var begins = start.AllPath.Count > 0 && !ComesFrom().IsMatch(step.Cue ?? "");
        // A palm on the forehead that pulls to the temple begins on the forehead.
        if (
            start is { AllPath.Count: 0, AllZones: [var lies] }
            && hand.AllPath is [{ At: { } goal }]
            && MiddleOfZone.GetValueOrDefault(lies) is { } middle
            && middle != goal
            && OnlyTowards().IsMatch(step.Cue ?? "")
            && !ComesFrom().IsMatch(step.Cue ?? "")
        )
            hand = hand with { Path = [new(middle, null, null, null), .. hand.AllPath] };
        var path = begins ? [.. start.AllPath.TakeLast(1), .. hand.AllPath.Where(p => p.At != start.AllPath[^1].At)] : hand.AllPath;
        var zones =
            path.Count > 0 ? []
            : hand.AllZones.Count > 0 ? hand.AllZones
            : start.AllZones;
        if (path.Count > 0 || zones.Count > 0)
            open.Remove(WhereAsked);
        if (path.Count > 1)
            open.Remove(FromWhereAsked);
        if (start.Contact is not null)
            open.Remove(WithWhatAsked);
        if (start.Pressure is not null)
            open.Remove(HowHardAsked);
        if (laid.AllHands.Count > 1 && hand.AllPath.Count + hand.AllZones.Count == 0)
            // "Index fingers beside the nose, middle fingers under the cheekbones. Press": both do.
            return step with
            {
                Hands = [.. laid.AllHands.Select(h => hand with { Contact = hand.Contact ?? h.Contact, Path = h.Path, Zones = h.Zones })],
                Cue = cue,
            };
        return step with
        {
            Hands =
            [
                hand with
                {
                    Contact = hand.Contact ?? start.Contact,
                    Path = path,
                    Zones = zones,
                    Sides = hand.Sides ?? start.Sides,
                    Pressure = hand.Pressure ?? start.Pressure,
                },
            ],
            Cue = cue,
        };
    }

    [GeneratedRegex(@"\b(?:to|towards?)\s+(?:(?:the|your|both)\s+)*\p{L}+", Free)]
    private static partial Regex OnlyTowards();
}
