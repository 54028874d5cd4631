using System.Globalization;
using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>What a hand does: it works, it resists what moves, or it lies there.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>A hand that works; or one that lies there while the face moves.</summary>
    private Hand? HandOf(
        string? verb,
        HandWork? work,
        IReadOnlyList<Moved> moves,
        string? contact,
        Match? against,
        int? pressure,
        string sentence,
        string where,
        List<string> open
    )
    {
        // Cupped palms lie round the eyes and touch no lid: that is the movement itself.
        if (moves.Any(m => m.Do == "palm-eyes"))
        {
            if (verb is null)
                return null;
            open.Add($"“{work?.Said ?? verb}”: with the palms that lie there, or after it?");
            return Working(Track(verb, sentence, contact, pressure), open);
        }
        if (
            moves.Count > 0
            && contact is null
            && verb is "press" or "circle" or "stretch-apart" or "lift-hold"
            && !moves.All(m => LetsGo.Contains(m.Do))
            && !HandWord().IsMatch(sentence)
        )
        {
            // "The lower lip pushed out", "smile to lift the cheeks": the face does it. Where a place is left, that is not sure.
            var itself =
                verb == "press"
                    ? PlacesIn(where).Count + ZonesIn(where).Count == 0
                    : verb != "circle" && moves[0].At < (work?.At ?? int.MaxValue);
            if (!itself)
                open.Add($"“{work?.Said ?? verb}”: {WhoDoesItAsked}");
            return null;
        }
        if (moves.Count > 0 && (verb is null || moves[0].At < (work?.At ?? int.MaxValue)))
        {
            var holds =
                HandWord().IsMatch(sentence)
                && (HoldsSkin().IsMatch(sentence) || HoldsThere().Match(sentence) is { Success: true, Index: var at } && at < moves[0].At);
            // "Smile to lift the cheeks": what lifts is the smile.
            var laid =
                verb is null
                && against is null
                && contact is null
                && Laid().IsMatch(sentence)
                && PlacesIn(where).Count + ZonesIn(where).Count > 0;
            var named = laid || contact is not null || holds || verb is not (null or "lift-hold" or "stretch-apart");
            if (!named && against is not null && HandWord().IsMatch(against.Value))
            {
                // "Smile against the finger": where it lies, if that is told.
                var fingers = Contacts.FirstOrDefault(c => c.Pattern.IsMatch(against.Value)).Contact;
                var there = Track("hold-still", where, fingers, pressure);
                if (there.AllPath.Count + there.AllZones.Count == 0)
                    return null;
                if (fingers is null)
                    open.Add(WithWhatAsked);
                return there with { Role = "resist", Sides = null };
            }
            if (!named || (against is not null && contact is null))
                return null;
            if (against is not null)
            {
                // What a face moves against lies there and resists.
                var resists = Track("hold-still", where, contact, pressure);
                // "Wrinkle the forehead, the fingers hold against it": there.
                if (resists.AllPath.Count + resists.AllZones.Count == 0)
                    resists = resists with { Zones = ZonesIn(sentence) };
                if (resists.AllPath.Count + resists.AllZones.Count == 0)
                    open.Add(WhereAsked);
                return resists with { Role = "resist", Sides = null };
            }
            if (verb is not null && WorksOnTheWay.Contains(verb))
            {
                // A hand that works is a hand of its own; when it works was not said.
                // Order means nothing unless it is told (ruling 17): only after something was let go it is not sure.
                if (LetsItGo().IsMatch(sentence) && (work?.Part is null || !moves.Any(m => Roles.RoleWords.PartOf(m.Do) == work.Part)))
                    open.Add($"“{work?.Said ?? verb}”: while the face moves, or after it?");
                return Working(Placed(Track(verb, where, contact, pressure), work), open);
            }
            // "Smile, and lift the cheeks with the fingers": what the hand lifts it lifts, while the face moves.
            if (
                verb is "lift-hold" or "stretch-apart"
                && work?.Part is not null
                && contact is not null
                && !LiftsTheFingers().IsMatch(sentence)
                && !TriesTo().IsMatch(sentence)
                && Track(verb, where, contact, pressure) is { } lifts
                && lifts.AllPath.Count + lifts.AllZones.Count > 0
            )
                return Working(lifts, open);
            // The face moves, and a hand is named: it lies where it was said to lie.
            var lies = Track("hold-still", where, contact, pressure);
            if (lies.AllPath.Count + lies.AllZones.Count == 0)
                lies = Track("hold-still", sentence, contact, pressure);
            var role =
                Pressed(work, moves) || TriesTo().IsMatch(sentence) ? "resist"
                : holds ? "hold"
                : FeelsThere().IsMatch(sentence) ? "feel"
                : null;
            if (contact is null)
                open.Add(WithWhatAsked);
            if (role is null && !moves.All(m => LetsGo.Contains(m.Do)))
                open.Add(WhatForAsked);
            return lies.AllPath.Count + lies.AllZones.Count == 0 ? null : lies with { Role = role, Sides = null };
        }
        return Working(Placed(Track(verb!, where, contact, pressure), work), open);
    }

    /// <summary>
    /// "Puff the cheeks, tap them": where it is done to what was named before. What is pulled from place to place is stroked.
    /// </summary>
    private Hand Placed(Hand track, HandWork? work) =>
        track.AllPath.Count + track.AllZones.Count == 0 && work?.Part is "corner"
            ? track with
            {
                Path = [new("cheilion", null, null, null)],
            }
        : track.AllPath.Count + track.AllZones.Count == 0 && work?.Part is { } part ? track with { Zones = [.. ZonesIn(part)] }
        : track is { Verb: "lift-hold" or "press", AllPath.Count: > 1 } && work is { Bare: true } ? track with { Verb = "stroke" }
        : track;

    /// <summary>"Lift the fingers with the cheeks": the cheeks do it.</summary>
    [GeneratedRegex(@"\b(?:lift|push|rais)\w*\s+(?:up\s+)?(?:(?:the|your)\s+)?(?:fingers?|fingertips?|hands?|palms?)\b", Free)]
    private static partial Regex LiftsTheFingers();

    /// <summary>"Clench, let go, circle on the muscle".</summary>
    [GeneratedRegex(@"\b(?:let\s+(?:it\s+|them\s+)?go|releas\w*|relax\w*|afterwards|after\s+that)\b", Free)]
    private static partial Regex LetsItGo();

    /// <summary>"Ring fingers at the outer corners, hold": they hold what lies there.</summary>
    [GeneratedRegex(@"\bhold\b(?=\s*[,;.])", Free)]
    private static partial Regex HoldsThere();

    /// <summary>"Hold the nostrils, try to flare them": what a hand holds, the face tries against it.</summary>
    [GeneratedRegex(@"\btry(?:ing)?\s+to\b", Free)]
    private static partial Regex TriesTo();

    /// <summary>"Feel the joint": the hand lies there to feel it.</summary>
    [GeneratedRegex(
        @"\b(?:fingers?|fingertips?|hands?|palms?)\s+(?:only\s+)?(?:feel|sense)\b(?:\s+\p{L}+)?|\b(?:feel"
            + @"|notice|sense|check)\w*\s+(?:with\s+(?:(?:the|your)\s+)?\p{L}+\s+)?(?:the|how|your|them|it|that)\b(?:\s+\p{L}+\b)?",
        Free
    )]
    private static partial Regex FeelsThere();

    /// <summary>What no hand can resist.</summary>
    private static readonly HashSet<string> LetsGo = ["breathe", "jaw-rest", "relax-scan", "drop-shoulders"];

    /// <summary>Whether a hand can resist a movement: a look or a breath it cannot.</summary>
    public static bool CanBeResisted(string? move) =>
        move is not null && !LetsGo.Contains(move) && !move.StartsWith("gaze-", StringComparison.Ordinal) && move is not "palm-eyes";

    /// <summary>Work of a hand that goes on by itself: it neither resists nor holds what moves under it.</summary>
    private static readonly HashSet<string> WorksOnTheWay =
    [
        "stroke",
        "circle",
        "knead",
        "pinch-roll",
        "tap",
        "lymph-pump",
        "friction",
        "roll",
        "tool-stroke",
    ];

    private static Hand Working(Hand track, List<string> open)
    {
        if (track.AllPath.Count == 0 && track.AllZones.Count == 0)
            open.Add(WhereAsked);
        else if (track is { Verb: "stroke" or "tool-stroke" or "roll", AllPath: [_], Direction: null })
            open.Add(FromWhereAsked);
        if (track.Pressure is null)
            open.Add(HowHardAsked);
        if (track.Contact is null)
            open.Add(WithWhatAsked);
        return track;
    }

    /// <summary>How eyes are held, which is no place.</summary>
    [GeneratedRegex(
        @"\b(?:eyes?|lids|lips|mouth|teeth)\s+(?:(?:are|stay|remain|half|slightly|gently)\s+)*(?:closed|shut|open|apart|together)\b"
            + @"|\bwith\s+(?:the\s+"
            + @"|your\s+)?(?:closed|shut|open)\s+(?:eyes|lids|lips|mouth)\b|\b(?:clos(?:e|es|ing)|open(?:s|ing)?|shut(?:s"
            + @"|ting)?)\s+(?:the\s+|your\s+|both\s+)*(?:eyes|lips|mouth)\b",
        Free
    )]
    private static partial Regex HeldShut();

    [GeneratedRegex(@"\b(?:up\s+)?to(?:wards?)?\s+(?:(?:the|your|both)\s+)*(?:ears?|temples?|hairline|eyes)\b", Free)]
    private static partial Regex UpTo();

    /// <summary>"From the chin over the cheeks to the temples": areas on the way, between the places it was told of.</summary>
    private List<string> Via(string sentence, List<string> places)
    {
        var lower = WholeEnds(sentence).ToLowerInvariant();
        var ends = NamedIn(lower, _places).Where(p => places.Contains(p.Means)).ToList();
        foreach (
            var zone in NamedIn(lower, _zones)
                .Where(z => OverIt().IsMatch(lower[..z.At]) || (z.Means == "lower-lid" && OnTheWay().IsMatch(lower[..z.At])))
        )
            if (
                MiddleOfZone.GetValueOrDefault(zone.Means) is { } via
                && !places.Contains(via)
                && ends.Where(e => e.At < zone.At).MaxBy(e => e.At) is { } from
                && ends.Exists(e => e.At > zone.At)
            )
                places.Insert(places.IndexOf(from.Means) + 1, via);
        return places;
    }

    /// <summary>"From the forehead over the temples to the neck": the middle of the area from which a way comes.</summary>
    private string? ComesFromZone(string sentence, List<string> places)
    {
        var lower = sentence.ToLowerInvariant();
        var first = NamedIn(lower, _places).Where(p => p.Means == places[0]).Select(p => p.At).DefaultIfEmpty(-1).Min();
        return NamedIn(lower, _zones)
            .Where(z =>
                z.At < first
                && JustFrom().IsMatch(lower[..z.At])
                && !NamedIn(lower, _places).Exists(p => p.At <= z.At && z.At < p.At + p.Length)
            )
            .Select(z => MiddleOfZone.GetValueOrDefault(z.Means))
            .FirstOrDefault(m => m is not null && !places.Contains(m));
    }

    [GeneratedRegex(@"\b(?:over|across|via)\s+(?:(?:the|your|both)\s+)*$", Free)]
    private static partial Regex OverIt();

    /// <summary>
    /// "Palms on the cheeks, slide to the ears": the middle of the area where a way begins that only says where it leads.
    /// </summary>
    private string? BeginsAt(string sentence, string goal)
    {
        var lower = sentence.ToLowerInvariant();
        var from = Label().Match(sentence) is { Success: true } label ? label.Length : 0;
        var to = NamedIn(lower, _places).Where(p => p.Means == goal && p.At > from).Select(p => p.At).DefaultIfEmpty(-1).Min();
        if (to < 0 || !LeadsThere().IsMatch(lower[..to]))
            return null;
        // What a label names is where it begins, where nothing else is told.
        return NamedIn(lower[..to], _zones)
            .Where(z => !OnTheWay().IsMatch(lower[..z.At]) && !BesideIt().IsMatch(lower[..z.At]))
            .OrderBy(z => z.At < from)
            .ThenBy(z => z.At)
            .Select(z => MiddleOfZone.GetValueOrDefault(z.Means))
            .FirstOrDefault(m => m is not null && m != goal);
    }

    [GeneratedRegex(@"\b(?:to|towards?|into|until)\s+(?:(?:the|your|each|both)\s+)*$", Free)]
    private static partial Regex LeadsThere();

    /// <summary>Places to which a way leads down the neck.</summary>
    private static readonly HashSet<string> DownTheNeck = ["supraclavicular_hollow", "clavicle_mid", "scm_upper", "acromion", "axilla"];

    [GeneratedRegex(@"\b(?:in\s+front\s+of|before)\s+(?:(?:the|your|both)\s+)*ears?\b", Free)]
    private static partial Regex BeforeTheEar();

    private static readonly Dictionary<string, string> MiddleOfZone = new(StringComparer.Ordinal)
    {
        ["forehead-central"] = "forehead_mid",
        ["glabella"] = "glabella",
        ["temple"] = "temple_hollow",
        ["malar"] = "zygoma_prominence",
        ["buccal-cheek"] = "cheekbone_hollow",
        ["preauricular"] = "ear_front",
        ["upper-lip"] = "philtrum_mid",
        ["chin"] = "pogonion",
        ["jawline"] = "jaw_mid",
        ["lower-lid"] = "orbital_rim_inferior",
        ["nape"] = "nape_mid",
        ["nasolabial"] = "nasolabial_mid",
    };

    /// <summary>What is counted, where that says what is done.</summary>
    private static readonly (Regex Words, string Verb)[] DoneBy =
    [
        W(@"\d+\s+(?:\p{L}+\s+)?(?:strokes?|swipes?|glides?)", "stroke"),
        W(@"\d+\s+(?:\p{L}+\s+)?circles?", "circle"),
        W(@"\d+\s+(?:\p{L}+\s+)?taps?", "tap"),
        W(@"\d+\s+(?:\p{L}+\s+)?pumps", "lymph-pump"),
        W(@"\d+\s+(?:\p{L}+\s+)?sweeps", "stroke"),
        W(@"\d+\s+(?:\p{L}+\s+)?press(?:es)?", "press"),
        W(@"\d+\s+(?:\p{L}+\s+)?pinches", "pinch-roll"),
    ];

    /// <summary>A hand that rests, presses or taps does it on every area that a note names; a stroke is asked about beyond two.</summary>
    private static IReadOnlyList<string> OnTheseAreas(string verb, List<string> named) =>
        verb is "stroke" or "tool-stroke" or "roll" or "pinch-roll" && named.Count < WholeFace.Count ? [.. named.Take(2)] : named;

    private Hand Track(string verb, string sentence)
    {
        var phrases = new Phrases(InFigures(sentence));
        phrases.TakeAll(StillPhrase());
        var pressure = PressureIn(phrases);
        return Track(verb, sentence, ContactIn(phrases), pressure);
    }

    private Hand Track(string verb, string sentence, string? contact, int? pressure)
    {
        // What keeps still is no place of the hand.
        var rest = new Phrases(sentence);
        rest.TakeAll(StillPhrase());
        rest.TakeAll(HeldShut());
        var places = PlacesIn(rest.Left);
        if (places.Count == 0 && ZonesIn(rest.Left).Count == 0)
            places = [.. NamedIn(rest.Left.ToLowerInvariant(), _places).OrderBy(p => p.At).Select(p => p.Means).Distinct().Take(2)];
        double? angle = Angle().Match(sentence) is { Success: true } m
            ? double.Parse(m.Groups["n"].Value, CultureInfo.InvariantCulture)
            : null;
        // "Lift the cheeks towards the ears": the cheeks are where the hand is.
        var lifted =
            verb is "lift-hold" or "press" && places.Count == 1 && UpTo().IsMatch(rest.Left) ? ZonesIn(UpTo().Replace(rest.Left, " ")) : [];
        if (lifted.Count > 0)
            places = [];
        if (verb is "stroke" or "tool-stroke" or "roll" && places.Count > 1 && ComesFromZone(rest.Left, places) is { } beginning)
            places.Insert(0, beginning);
        if (places.Count > 1)
            places = Via(rest.Left, places);
        // Down the neck a way begins below the ear, not before it, unless that is told.
        if (places is ["ear_front", { } next, ..] && DownTheNeck.Contains(next) && !BeforeTheEar().IsMatch(sentence))
            places[0] = "below_lobe";
        if (verb is "stroke" or "tool-stroke" or "roll" && places is [var goal] && BeginsAt(rest.Left, goal) is { } start)
            places.Insert(0, start);
        List<string> pulled =
            places.Count < 2 && verb is "lift-hold" or "stretch-apart" or "press" or "hold-still"
                ? Pulled().Match(sentence).Groups["way"].Captures.Select(w => w.Value.ToLowerInvariant()).Distinct().Take(2).ToList()
                : [];
        if (verb == "circle" && CirclesAslant().Match(sentence) is { Success: true } aslant)
            pulled = [aslant.Groups["one"].Value.ToLowerInvariant(), aslant.Groups["other"].Value.ToLowerInvariant()];
        if (verb == "friction" && UpAndDown().IsMatch(sentence))
            pulled = [];
        if (pulled.Count == 2 && pulled.TrueForAll(w => w is "out" or "back" or "apart"))
            pulled = ["out"];
        return new(
            null,
            null,
            verb,
            contact,
            null,
            angle,
            lifted.Count > 0 ? lifted
                : places.Count == 0 ? OnTheseAreas(verb, ZonesIn(rest.Left))
                : [],
            [],
            [.. places.Select(p => new PathPoint(p, null, null, null))],
            null,
            lifted.Count > 0 ? "up"
                : places.Count < 2
                && !(verb == "friction" && UpAndDown().IsMatch(sentence))
                && StrokeWay().Match(sentence) is { Success: true } way
                    ? way.Groups["way"].Value.ToLowerInvariant()
                : verb is "stroke" or "tool-stroke" or "roll" && places.Count < 2 && OutOrIn().Match(sentence) is { Success: true } aside
                    ? DirectionOf(aside.Groups["way"].Value.ToLowerInvariant())
                : verb is "stroke" or "tool-stroke" or "roll" && places.Count < 2 && LoneWay().Match(sentence) is { Success: true } lone
                    ? DirectionOf(lone.Groups["way"].Value.ToLowerInvariant())
                : pulled is [var one] ? DirectionOf(one)
                : verb == "circle"
                && CircleWay().Match(sentence).Groups["way"].Value.ToLowerInvariant() is var turned
                && turned.StartsWith("out", StringComparison.Ordinal)
                    ? "outward"
                : verb == "circle" && CircleWay().Match(sentence).Groups["way"].Value.StartsWith("in", StringComparison.OrdinalIgnoreCase)
                    ? "inward"
                : verb == "circle" && !BothTurns().IsMatch(InFigures(sentence)) && CircleTurn().Match(sentence) is { Success: true } turn
                    ? (turn.Groups["way"].Value.StartsWith('f') ? "forward" : "backward")
                : null,
            pulled is [var first, var second] ? DegreesOf(first, second) : null,
            pressure,
            null,
            null,
            Dry().IsMatch(sentence) ? "grip"
                : Slip().IsMatch(sentence) ? "slip"
                : null,
            SidesOf(sentence),
            null
        );
    }
}
