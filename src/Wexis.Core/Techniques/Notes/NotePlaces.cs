using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Claims;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Where a hand works: places that a sentence leads to, and areas that it names.</summary>
internal sealed partial class NoteGlossary
{
    /// <param name="Means">Id of a landmark or of a zone.</param>
    private sealed record Named(int At, int Length, string Means);

    /// <summary>Every name that stands in a text, the longer one where two overlap.</summary>
    private static List<Named> NamedIn(string lower, IEnumerable<(string Words, string Means)> names)
    {
        var taken = new List<Named>();
        foreach (var (words, means) in names)
            for (var at = ClaimWords.Find(lower, words); at >= 0; at = ClaimWords.Find(lower, words, at + words.Length))
                if (!taken.Exists(t => at < t.At + t.Length && t.At < at + words.Length))
                    taken.Add(new(at, words.Length, means));
        var end = 0;
        foreach (var name in taken.OrderBy(t => t.At).ToList())
            // "Not the lips or the temples": what goes on with a place that is left out is left out too.
            if (IsLeftOut(lower, name.At, name.Length) || (end > 0 && end <= name.At && LeftOutToo().IsMatch(lower[end..name.At])))
            {
                end = name.At + name.Length;
                taken.Remove(name);
            }
        return taken;
    }

    [GeneratedRegex(@"^s?\s*(?:,\s*)?(?:and|or|nor|/|&)\s*(?:over\s+|on\s+|near\s+)?(?:(?:the|your|both)\s+)*$", Free)]
    private static partial Regex LeftOutToo();

    private List<string> PlacesIn(string sentence)
    {
        sentence = WithoutLeftOut(sentence);
        var lower = WholeEnds(sentence).ToLowerInvariant();
        var taken = NamedIn(lower, _places);
        // A place counts only where the sentence leads to it: "from", "to", "at", "over" …; a label names it where nothing else does.
        // Round the ears is not before them.
        var led = taken
            .Where(t => t.Means != "ear_front" || !(RoundIt().IsMatch(lower[..t.At]) || TakenHold().IsMatch(lower[..t.At])))
            .Where(t =>
                LeadsTo().IsMatch(lower[..t.At])
                || (InnerOrOuter().IsMatch(lower[t.At..]) && WorksOnIt().IsMatch(lower[..t.At]))
                || SaysWhere().IsMatch(lower[t.At..])
                || LeadsOn().IsMatch(lower[(t.At + t.Length)..])
            )
            .ToList();
        if (led.Count == 0 && Label().Match(lower) is { Success: true } label && NamedIn(lower[label.Length..], _zones).Count == 0)
            led = taken.Exists(t => t.At >= label.Length)
                ? [.. taken.Where(t => t.At >= label.Length)]
                // Ears that are kneaded are not the place before the ear.
                : [.. taken.Where(t => t.At + t.Length <= label.Groups["of"].Index + label.Groups["of"].Length && t.Means != "ear_front")];
        // "Jaw angle, pump": it is a place, wherever it stands.
        if (led.Count == 0)
            led = [.. taken.Where(t => t.Means == "gonion")];
        List<string> path = [.. InOrder(led, lower).Select(t => t.Means).Distinct().Take(5)];
        // "Tap over the whole face from the chin up": where it begins is not all of it.
        if (path.Count == 1 && OverTheWholeFace().IsMatch(sentence))
            return [];
        if (path.Count == 1 && FromUnderTheEye().IsMatch(lower) && !path.Contains(RimBelow))
            path.Insert(0, RimBelow);
        if (path is ["pogonion"] && AlongTheJaw().IsMatch(lower))
            path.Add("gonion");
        if (
            path is ["pogonion", "subnasale" or "philtrum_mid"] or ["subnasale" or "philtrum_mid", "pogonion"]
            && AroundTheMouth().IsMatch(lower)
        )
            path.Insert(1, "cheilion");
        // Under the eye the way leads along the rim of the orbit, never over the eye.
        if (path.Count == 2 && UnderTheEye().IsMatch(lower) && !path.Contains(RimBelow))
            path.Insert(1, RimBelow);
        else if (path is ["endocanthion", "exocanthion" or "temple_hollow", ..] && UnderTheEye().IsMatch(lower) && !path.Contains(RimBelow))
            path.Insert(1, RimBelow);
        // Over the scalp a way leads over the crown.
        for (var i = path.Count - 1; i > 0; i--)
            if (
                (path[i - 1], path[i])
                is
                    ("trichion" or "forehead_mid", "occipital_edge" or "nape_mid" or "inion")
                    or
                    ("occipital_edge" or "nape_mid" or "inion", "trichion" or "forehead_mid")
            )
                path.Insert(i, "vertex");
        // To the ear, over the cheek and to the mouth the nose is where its wing is: from its bridge the way would lead over the lid.
        if (
            path.Count > 1
            && path.TrueForAll(p => !HighUp.Contains(p))
            && !lower.Contains("bridge", StringComparison.Ordinal)
            && path.IndexOf("nose_bridge_side") is var nose and >= 0
            && !path.Contains("alare")
        )
            path[nose] = "alare";
        return path;
    }

    [GeneratedRegex(@"\ba?round\s+(?:(?:the|your|both|each)\s+)*$", Free)]
    private static partial Regex RoundIt();

    [GeneratedRegex(@"^(?:inner|outer)\b", Free)]
    private static partial Regex InnerOrOuter();

    /// <summary>"Press the inner ends of the brows": on them.</summary>
    [GeneratedRegex(@"\b(?:press|tap|circl|knead|massag|rub|pinch)\w*\s+(?:(?:the|your|both)\s+)*$", Free)]
    private static partial Regex WorksOnIt();

    /// <summary>Ears that are taken hold of are not the place before them.</summary>
    [GeneratedRegex(
        @"\b(?:(?:hold|grip|grasp|clasp|tak|pull|knead|rub)\w*|(?:palms?|hands?)\s+(?:flat\s+)?(?:on|over))\s+(?:(?:the|your|both"
            + @"|each)\s+)*$",
        Free
    )]
    private static partial Regex TakenHold();

    /// <summary>Places that are reached from the bridge of the nose.</summary>
    private static readonly HashSet<string> HighUp =
    [
        RimBelow,
        "temple_hollow",
        "exocanthion",
        "endocanthion",
        "brow_head",
        "brow_mid",
        "forehead_mid",
        "trichion",
        "glabella",
        "nasion",
        "pronasale",
        "rhinion",
    ];

    private const string RimBelow = "orbital_rim_inferior";

    [GeneratedRegex(@"\b(?:under|below|beneath)\s+(?:(?:the|your|each|both)\s+)*eyes?\b", Free)]
    private static partial Regex UnderTheEye();

    [GeneratedRegex(
        @"\bfrom\b[^.;]{0,40}\balong\s+(?:the\s+|your\s+)?(?:lower\s+)?jaw(?:\s?line|\s?bone)?\b|\balong\s+(?:the\s+"
            + @"|your\s+)?jaw(?:\s?line|\s?bone)?\s*,\s*from\b",
        Free
    )]
    private static partial Regex AlongTheJaw();

    [GeneratedRegex(@"\ba?round\s+(?:the\s+|your\s+)?(?:mouth|lips)\b", Free)]
    private static partial Regex AroundTheMouth();

    /// <summary>A stroke that begins under the eye, as no other beginning is told.</summary>
    [GeneratedRegex(
        @"\b(?:under|below|beneath)\s+(?:(?:the|your|each|both)\s+)*eyes?\b[^.;]{0,40}\b(?:strok|smooth|sweep"
            + @"|slid|glid|wip|iron|brush|draw|pull)\w*\s+(?:\w+\s+){0,3}?to(?:wards?)?\s",
        Free
    )]
    private static partial Regex FromUnderTheEye();

    /// <summary>As the hand meets them: "under the cheekbone from the nose to the ear" begins at the nose.</summary>
    private static IEnumerable<Named> InOrder(List<Named> places, string lower)
    {
        var told = places.OrderBy(t => t.At).ToList();
        var start =
            FromTo().Match(lower) is { Success: true } way
                ? told.FindIndex(t => t.At >= way.Groups["a"].Index && t.At < way.Groups["b"].Index)
            : ComesFrom().IsMatch(lower) ? Math.Max(0, told.FindIndex(t => JustFrom().IsMatch(lower[..t.At])))
            : told is [var first, ..] && Lays().IsMatch(lower[..first.At]) ? 0
            : told.FindIndex(t => LeadsOn().IsMatch(lower[(t.At + t.Length)..]));
        if (start <= 0)
            return told;
        var before = told[..start].Where(t => t.Means != told[start].Means);
        return [told[start], .. before, .. told[(start + 1)..]];
    }

    /// <summary>
    /// Zones that a sentence names; else those that lie over the muscle that it names ("knead the chewing muscle").
    /// </summary>
    private List<string> ZonesIn(string sentence) =>
        OverTheWholeFace().IsMatch(sentence) && NamedIn(WhereItBegins().Replace(sentence, " ").ToLowerInvariant(), _zones).Count == 0
            ? [.. WholeFace]
            : ZonesNamed(sentence);

    /// <summary>"Over the whole face from the chin up": the area where it begins.</summary>
    [GeneratedRegex(@"\b(?:from|start\w*\s+(?:at|from|on|with))\s+(?:the\s+|your\s+)?\p{L}+(?:\s+(?:up|down)(?:wards?)?)?\b", Free)]
    private static partial Regex WhereItBegins();

    private List<string> ZonesNamed(string sentence)
    {
        // What a label names is no place where the sentence names one.
        if (Label().Match(sentence) is { Success: true } label && ZonesNamed(sentence[label.Length..]) is { Count: > 0 } there)
            return there;
        List<string> named =
        [
            .. NamedIn(sentence.ToLowerInvariant(), _zones).OrderByDescending(t => t.Length).Select(t => t.Means).Distinct().Take(4),
        ];
        // "Tap the lips" is both of them.
        if (
            named.Contains("upper-lip")
            && BothLips().Match(sentence) is { Success: true } both
            && !IsLeftOut(sentence, both.Index, both.Length)
        )
            named.Add("lower-lip");
        return named.Count > 0 ? named : [.. MuscleIn(sentence).Select(ZoneOver).OfType<string>().Distinct().Take(1)];
    }

    /// <summary>The muscle that a sentence names at most length, unless it is to be left out.</summary>
    private IReadOnlyList<string> MuscleIn(string sentence) =>
        ClaimWords.Named(sentence, _atlas).Where(n => !IsLeftOut(sentence, n.At, n.Length)).MaxBy(n => n.Length)?.Structures ?? [];

    /// <summary>The face without its eyes, nose and mouth, where a hand goes "all over" it (common practice).</summary>
    private static readonly IReadOnlyList<string> WholeFace =
    [
        "forehead-central",
        "forehead-lateral",
        "temple",
        "malar",
        "buccal-cheek",
        "upper-lip",
        "chin",
        "jawline",
    ];

    [GeneratedRegex(
        @"\ball\s+over(?:\s+(?:the|your)\s+face)?(?=\s*(?:[,.;·]|$|with\b))|\b(?:whole|entire)\s+face\b|\b(?:tap|pat"
            + @"|drum)\w*\s+(?:the\s+|your\s+)?face\b"
            + @"|\b(?:palms|hands|towel|compress|cloth|pack)\s+(?:resting\s+|lying\s+|flat\s+)*(?:on|over)\s+(?:the\s+|your\s+)?face\b",
        Free
    )]
    private static partial Regex OverTheWholeFace();

    /// <summary>The zone in which a muscle lies nearest under the skin; null where no hand reaches it from outside.</summary>
    private string? ZoneOver(string structure) =>
        _atlas
            .Document.Zones.Select(z => (z.Id, At: Array.IndexOf(z.MusclesSuperficialToDeep, structure)))
            .Where(z => z.At >= 0 && z.Id != "mouth-inside")
            .OrderBy(z => z.At)
            .Select(z => z.Id)
            .FirstOrDefault();

    /// <summary>
    /// Ends that lean on what was named before, spelt out: "from the inner to the outer corner"; of the brow "from the middle to the end".
    /// </summary>
    private static string WholeEnds(string sentence)
    {
        var whole = BothCorners().Replace(sentence, "from the ${a} corner to the ${b} corner");
        whole = BrowsToHairline().Replace(whole, "from the middle of the brow to the hairline");
        // Down the neck it begins, and up the neck it ends, at the angle of the jaw.
        if (NeckWord().IsMatch(sentence))
            whole = JawEnd().Replace(whole, "${lead}angle of the jaw");
        else if (FromTo().IsMatch(whole))
            whole = JawEnd().Replace(whole, "${lead}middle of the jaw edge");
        if (StrokeVerb().IsMatch(sentence) || (HandWord().IsMatch(sentence) && ComesFrom().IsMatch(sentence)))
            whole = ToShoulder().Replace(ToBrows().Replace(whole, "${lead}middle of the brow"), "${lead}tip of the shoulder");
        if (NoseWord().IsMatch(sentence))
            whole = ToTheTip().Replace(whole, "to the tip of the nose");
        if (FromTo().IsMatch(whole))
            whole = ForeheadEnd().Replace(whole, "${lead}middle of the forehead");
        if (ForeheadWord().IsMatch(sentence) && !ComesFrom().IsMatch(sentence) && OutToTheSides().IsMatch(sentence))
            whole = OnTheForehead().Replace(whole, "from the middle of the forehead", 1);
        if (ForeheadWord().IsMatch(sentence))
            whole = ToTheSides().Replace(whole, "to the temples");
        if (ForeheadWord().IsMatch(sentence) || AboveTheBrow().IsMatch(sentence))
            whole = FromMiddle().Replace(whole, "${lead}from the middle of the forehead ${to}");
        return BrowWord().IsMatch(sentence)
            ? BrowEnds()
                .Replace(whole, m => $"from the {End(m.Groups["a"].Value)} of the brow to the {End(m.Groups["b"].Value)} of the brow")
            : whole;

        static string End(string said) =>
            said.ToLowerInvariant() switch
            {
                "middle" or "mid" or "centre" or "center" => "middle",
                "end" or "tail" or "outer end" or "outside" => "outer end",
                _ => "inner end",
            };
    }

    [GeneratedRegex(@"\bfrom\s+(?:(?:the|your|each|both)\s+)*$", Free)]
    private static partial Regex JustFrom();

    public static bool WorksSidesInTurn(string sentence) => SidesOf(sentence) == "one-then-other";

    private static string? SidesOf(string sentence) =>
        OneThenOther().IsMatch(sentence) ? "one-then-other"
        : Alternately().IsMatch(sentence) ? "alternating"
        : BothHands().IsMatch(sentence) ? "both"
        : LeftOnly().IsMatch(sentence) ? "left"
        : RightOnly().IsMatch(sentence) ? "right"
        : null;

    [GeneratedRegex(
        @"\bfrom\s+(?:the\s+)?(?<a>inner|outer)\s+(?:up\s+|out\s+)?to\s+(?:the\s+)?(?<b>inner|outer)\s+(?:eye\s+)?corners?\b",
        Free
    )]
    private static partial Regex BothCorners();

    [GeneratedRegex(
        @"(?<!\bbetween\s+(?:the\s+|both\s+)?)(?:\bfrom\s+)?(?:(?:the|your)\s+)?\b(?<!\b(?:between|inner|outer"
            + @"|middle\s+of)\s+(?:the\s+|both\s+)?)(?:eye)?brows?\s+(?:up\s+)?to\s+(?:the\s+|your\s+)?hairline\b",
        Free
    )]
    private static partial Regex BrowsToHairline();

    [GeneratedRegex(@"\b(?:strok|smooth|sweep|slid|glid|wip|iron|brush|draw|roll)\w*\b", Free)]
    private static partial Regex StrokeVerb();

    /// <summary>The brows as an end of a way.</summary>
    [GeneratedRegex(@"(?<lead>\b(?:(?:down|up|in|on)\s+|(?<=\b(?:up|along)\b[^.;]{0,40}))to\s+(?:the\s+|your\s+)?)(?:eye)?brows?\b", Free)]
    private static partial Regex ToBrows();

    [GeneratedRegex(@"(?<lead>\bto\s+(?:the\s+|your\s+)?)shoulders?\b", Free)]
    private static partial Regex ToShoulder();

    /// <summary>The forehead as an end of a way.</summary>
    [GeneratedRegex(@"(?<lead>\b(?:from|to)\s+(?:the\s+|your\s+)?)forehead\b", Free)]
    private static partial Regex ForeheadEnd();

    [GeneratedRegex(@"\b(?:neck|collar\s?bones?|clavicles?)\b", Free)]
    private static partial Regex NeckWord();

    [GeneratedRegex(@"(?<lead>\b(?:from|to)\s+(?:the\s+|your\s+)?)jaw\b(?!\s*(?:line|bone|angle|joint))", Free)]
    private static partial Regex JawEnd();

    [GeneratedRegex(@"(?<!\b(?:upper|lower)\s+)\blips\b|\ba?round\s+(?:the\s+|your\s+)?mouth\b", Free)]
    private static partial Regex BothLips();

    [GeneratedRegex(@"\bnose\b", Free)]
    private static partial Regex NoseWord();

    [GeneratedRegex(@"\bto\s+the\s+tip\b(?!\s+of)", Free)]
    private static partial Regex ToTheTip();

    [GeneratedRegex(@"\b(?:on|at|over|across)\s+(?:the\s+|your\s+)?forehead\b", Free)]
    private static partial Regex OnTheForehead();

    /// <summary>A stroke that ends at the sides of the forehead.</summary>
    [GeneratedRegex(
        @"\b(?:strok|smooth|sweep|slid|glid|wip|iron|brush|draw)\w*\s+(?:\w+\s+){0,3}?to(?:wards?)?\s+(?:the\s+"
            + @"|your\s+|both\s+)*(?:temples?|sides)\b",
        Free
    )]
    private static partial Regex OutToTheSides();

    [GeneratedRegex(@"\b(?:out\s+)?to\s+(?:the\s+|both\s+)?sides\b", Free)]
    private static partial Regex ToTheSides();

    [GeneratedRegex(@"\babove\s+(?:(?:the|your|both)\s+)*(?:eye)?brows?\b", Free)]
    private static partial Regex AboveTheBrow();

    [GeneratedRegex(@"\bforehead\b", Free)]
    private static partial Regex ForeheadWord();

    [GeneratedRegex(
        @"(?:\bfrom\s+(?:the\s+|its\s+)?|(?<lead>[,:(]\s*)(?:the\s+)?)(?:middle|centre|center)\s+(?:out\s+"
            + @"|up\s+)?(?<to>to(?:wards?)?\b|out\b)",
        Free
    )]
    private static partial Regex FromMiddle();

    [GeneratedRegex(@"\b(?:eye)?brows?\b", Free)]
    private static partial Regex BrowWord();

    [GeneratedRegex(
        @"\bfrom\s+(?:the\s+)?(?<a>middle|mid|centre|center|start|beginning|head|inner\s+end|inside|end|tail"
            + @"|outer\s+end|outside)\s+(?:out\s+|in\s+)?to\s+(?:the\s+)?(?<b>middle|mid|centre|center|start"
            + @"|beginning|head|inner\s+end|inside|end|tail|outer\s+end|outside)\b",
        Free
    )]
    private static partial Regex BrowEnds();

    /// <summary>Ends of a way ("from the middle to the temples") that are no place that we know.</summary>
    private IEnumerable<string> Unplaced(string sentence)
    {
        if (FromTo().Match(WholeEnds(sentence)) is not { Success: true } way)
            yield break;
        foreach (var name in new[] { "a", "b" })
            // "From side to side" is no place.
            if (
                way.Groups[name] is { Success: true } end
                && end.Value.Trim() is not "side"
                && PlacesIn($"at {end.Value}").Count == 0
                && PlacesIn(end.Value).Count == 0
            )
                yield return $"{(name == "a" ? "from" : "to")} {end.Value.Trim().ToLowerInvariant()}";
    }

    /// <summary>A way on from where a hand is.</summary>
    [GeneratedRegex(@"^\s*(?:and\s+)?(?:on\s+)?(?:down|up|back|over|out|along|on|towards?|to)\b", Free)]
    private static partial Regex Onwards();

    /// <summary>A label before the sentence: "Forehead: …", "jaw - …".</summary>
    [GeneratedRegex(@"^\s*(?<of>\p{L}[\p{L} '’·]{1,24}?)(?:\s*\([^()]{1,30}\))?\s*(?::|\s[-–])\s")]
    private static partial Regex Label();
}
