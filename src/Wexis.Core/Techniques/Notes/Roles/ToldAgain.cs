using Wexis.Core.Anatomy;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes.Roles;

/// <summary>
/// Whether what a sentence says stands in its step again: a second look that knows nothing of how the sentence was read. Parts, ways and
/// verbs that nothing in the step answers to are asked about.
/// </summary>
internal static class ToldAgain
{
    /// <summary>Parts of which one may be told as the other: a brow is lifted where the forehead is.</summary>
    private static readonly string[][] Kin =
    [
        ["brow", "forehead", "line", "eye"],
        ["eye", "lid", "upper-lid", "lower-lid", "eye-corner", "brow"],
        ["nose", "line"],
        ["cheek", "corner", "mouth", "air", "line"],
        ["lip", "upper-lip", "lower-lip", "mouth", "corner", "teeth", "upper-teeth", "line", "air"],
        ["jaw", "chin", "mouth", "teeth"],
        ["tongue", "palate", "mouth", "teeth"],
        ["ear", "jaw"],
        ["neck", "chest"],
    ];

    /// <summary>Parts that move together; a hand is on one of them.</summary>
    private static readonly string[] MoveTogether = ["head", "neck", "chin", "face", "chest"];

    private static readonly Dictionary<string, string> Opposites = new(StringComparer.Ordinal)
    {
        ["up"] = "down",
        ["down"] = "up",
        ["in"] = "out",
        ["out"] = "in",
        ["forward"] = "back",
        ["together"] = "apart",
        ["apart"] = "together",
        ["close"] = "open",
        ["open"] = "close",
        ["wide"] = "close",
        ["narrow"] = "wide",
    };

    /// <summary>Parts at a place that its name does not say.</summary>
    private static readonly Dictionary<string, string> AlsoCalled = new(StringComparer.Ordinal)
    {
        ["orbital_rim_superior"] = "eye brow",
        ["orbital_rim_inferior"] = "eye cheek",
        ["orbital_rim_lateral"] = "eye brow",
        ["orbital_rim_medial"] = "eye nose",
        ["supraorbital_notch"] = "eye brow",
        ["infraorbital_foramen"] = "cheek nose",
        ["philtrum_mid"] = "nose lip",
        ["subnasale"] = "nose lip",
        ["alare"] = "nose cheek",
        ["zygoma_prominence"] = "cheek eye",
        ["zygion"] = "cheek",
        ["cheekbone_hollow"] = "cheek jaw",
        ["nasolabial_mid"] = "cheek",
        ["masseter_belly"] = "jaw cheek",
        ["gonion"] = "jaw ear",
        ["mastoid_tip"] = "ear neck",
        ["below_lobe"] = "ear neck jaw",
        ["lobe"] = "ear",
        ["ear_front"] = "ear jaw",
        ["trichion"] = "forehead",
        ["temporal_crest"] = "forehead brow eye",
        ["temple_hollow"] = "eye brow",
        ["occipital_edge"] = "head neck",
        ["inion"] = "head neck",
        ["supraclavicular_hollow"] = "neck chest",
        ["clavicle_mid"] = "neck chest",
        ["nasion"] = "nose brow",
        ["nose_bridge_side"] = "cheek",
        ["endocanthion"] = "nose",
        ["brow_head"] = "nose",
        ["lower-lid"] = "nose",
        ["masseter-area"] = "jaw cheek",
        ["malar"] = "cheek eye",
        ["submental"] = "jaw neck chin",
        ["nape"] = "neck head",
        ["jawline"] = "jaw",
    };

    /// <summary>Marks what was read, in a sentence of which nothing was.</summary>
    private const char NothingRead = '·';

    /// <summary>Movements of several parts, or that go more ways than one: what else they are told with.</summary>
    private static readonly Dictionary<string, string[]> AlsoTold = new(StringComparer.Ordinal)
    {
        ["squeeze-open"] = ["eye", "lid", "squeeze", "close", "open", "wide"],
        ["widen-eyes"] = ["open"],
        ["gaze-updown"] = ["eye", "up", "down"],
        ["gaze-diagonal"] = ["eye", "up", "down"],
        ["gaze-side"] = ["turn"],
        ["near-far"] = ["eye", "up", "nose"],
        ["palm-eyes"] = ["eye", "together", "friction", "cover"],
        ["kiss-ceiling"] = ["lip", "pucker", "pout", "eye", "up", "head", "ceiling"],
        ["breathe"] = ["nose", "mouth", "in", "out", "shoulder", "chest", "fill"],
        ["drop-shoulders"] = ["press"],
        ["blow-out"] = ["cheek", "mouth", "nose", "lip", "out", "shake"],
        ["lips-side"] = ["pucker", "circle", "together"],
        ["shoulder-roll"] = ["forward", "up", "down"],
        ["swallow"] = ["neck", "mouth"],
        ["pucker"] = ["blow", "up"],
        ["puff-cheeks"] = ["up", "blow"],
        ["transfer-air"] = ["cheek", "mouth", "fill", "up", "blow"],
        ["circle-air"] = ["cheek", "mouth", "lip", "circle", "round", "fill", "up", "blow", "left", "right"],
        ["puff-upper-lip"] = ["up", "in", "blow", "mouth", "teeth", "nose"],
        ["puff-lower-lip"] = ["up", "in", "blow", "mouth", "teeth", "chin"],
        ["gaze-eight"] = ["eye", "up", "down", "circle", "stroke"],
        ["head-half-circle"] = ["head", "shoulder", "chest", "circle", "down"],
        ["head-lift"] = ["head", "up", "floor", "neck"],
        ["tongue-push-upper-lip"] = ["tongue", "upper-lip", "press", "in", "up", "out", "fill"],
        ["tongue-push-lower-lip"] = ["tongue", "lower-lip", "press", "in", "down", "out", "fill"],
        ["tongue-side"] = ["out", "corner"],
        ["dimple"] = ["corner", "in", "press", "cheek", "together"],
        ["roll-lips-in"] = ["down", "up", "over", "circle"],
        ["neck-bend-forward"] = ["nod", "up"],
        ["grimace-neck"] = ["out"],
        ["tongue-out"] = ["down"],
        ["tongue-press-palate"] = ["press"],
        ["tongue-push-cheek"] = ["circle", "up", "down"],
        ["tongue-circle-vestibule"] = ["stroke", "stick", "cheek", "lip"],
        ["lift-lower-lid"] = ["smile"],
        ["funnel-o"] = ["open", "close", "jaw"],
        ["smile"] = ["cover", "in", "out", "back"],
        ["jaw-forward"] = ["upper-lip", "cover"],
    };

    /// <summary>Work of a hand that one word may mean as well as another.</summary>
    private static readonly string[][] SameWork =
    [
        ["stroke", "tool-stroke", "roll", "lymph-pump", "heat-cold"],
        ["stroke", "circle", "knead", "friction", "press"],
        ["press", "hold-still", "lymph-pump", "pinch-hold"],
        ["pinch-roll", "pinch-hold", "knead", "press"],
        ["lift-hold", "stretch-apart", "hold-still", "pinch-hold", "press"],
        ["tap", "lymph-pump"],
    ];

    /// <summary>Words of a sentence that its step does not answer to, as they stand.</summary>
    public static IEnumerable<string> Lost(string text, Step step, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(step);
        ArgumentNullException.ThrowIfNull(atlas);
        var chunks = Chunk.Of(text, NothingRead, []);
        var (parts, places) = (PartsThatMove(step), Places(step, atlas).ToList());
        var ways = WaysOf(step);
        ways.UnionWith(BackAgain(chunks, step));
        for (var i = 0; i < chunks.Count; i++)
        {
            var c = chunks[i];
            var found = c.Role switch
            {
                _ when Denied(chunks, i) => true,
                Role.Part => c.Means is "skin" or "face" or "floor" or "ceiling" or "line"
                    || parts.Exists(p => Same(p, c.Means) || (MoveTogether.Contains(p) && MoveTogether.Contains(c.Means)))
                    || places.Exists(p => Same(p, c.Means)),
                // "Let the head sink backwards" is no nod.
                Role.Way when c.Means == "back" && c.Length > 4 && step.AllActs.Any(a => a.Do == "neck-bend-forward") => step.State?.Head
                    == "back",
                Role.Way => !Stands(chunks, i)
                    || OfHands(chunks, i)
                    || Answers(c.Means, ways, step)
                    || (Beside(chunks, i) is { } with && Answers(with, ways, step)),
                // "The tip of the chin", "tip behind the teeth": it tips nothing.
                Role.Verb when c.Means == "tip" && !(i + 1 < chunks.Count && chunks[i + 1].Means is "the" or "your" or "head") => true,
                // "Neck: look up": the head is back.
                Role.Verb when c.Means == "look" && step.State?.Head == "back" && chunks.Skip(i + 1).Take(2).Any(n => n.Means == "up") =>
                    true,
                Role.Verb => RoleWords.Verb(c.Means) is not { } verb || OfHands(chunks, i) || Done(verb, step, ways),
                _ => true,
            };
            if (!found)
                yield return text.Substring(c.At, c.Length).ToLowerInvariant();
        }
    }

    /// <summary>
    /// Whether what nothing has read only says again what the step has: where its hands are, or a general word for its parts ("eye" for
    /// its corner), and ways that it goes. Numbers, hands, other words, what a hand does, and what stands beside a part ("above the
    /// brow") it never does.
    /// </summary>
    public static bool SaysAgain(string left, Step step, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(left);
        ArgumentNullException.ThrowIfNull(step);
        ArgumentNullException.ThrowIfNull(atlas);
        var places = Places(step, atlas).ToList();
        List<string> parts = [.. PartsThatMove(step), .. places];
        var ways = WaysOf(step);
        var said = Chunk.Of(left, NothingRead, []);
        return said.Exists(c => c.Role is Role.Part or Role.Way)
            && said.TrueForAll(c =>
                c.Role switch
                {
                    Role.Part => places.Contains(c.Means) || (General.Contains(c.Means) && parts.Exists(p => Same(p, c.Means))),
                    Role.Way when c.Means is "left" or "right" => step.AllActs is [{ Do: "gaze-diagonal" }]
                        || OfEither(step) && !parts.Exists(GoesAside.Contains),
                    Role.Way => ways.Contains(c.Means) || step.AllHands.Any(h => Goes(h, c.Means)),
                    Role.Verb => step.AllHands.Count == 0 && RoleWords.Verb(c.Means) is { Bare: true },
                    Role.Leads => !StandsBeside(c.Means),
                    Role.Light or Role.Joins or Role.It or Role.Read or Role.Break => true,
                    _ => false,
                }
            );
    }

    /// <summary>Parts that go to a side: left or right may be which way, and not which side.</summary>
    private static readonly string[] GoesAside = ["head", "neck", "eye", "jaw", "tongue", "lip", "mouth"];

    /// <summary>Whether what is done is done on one side and then on the other: which is told first does not matter.</summary>
    private static bool OfEither(Step step) =>
        step.AllHands.Any(h => h.Sides == "one-then-other")
        || (
            step.Dose?.Line is { } line
            && new[] { "each side", "per side", "sides" }.Any(s => line.Contains(s, StringComparison.OrdinalIgnoreCase))
        );

    private static bool StandsBeside(string leads) =>
        leads is "above" or "below" or "beneath" or "beside" or "behind" or "under" or "between" or "outside";

    /// <summary>Words for a region, of whose parts the step may speak.</summary>
    private static readonly string[] General = ["eye", "mouth", "lip", "head", "cheek"];

    /// <summary>"Without wrinkling the nose": what is not to be done is no part of the step.</summary>
    private static bool Denied(List<Chunk> chunks, int at) =>
        chunks.Take(at).Reverse().TakeWhile(c => c.Role != Role.Break).Take(3).Any(c => c.Role == Role.Not);

    /// <summary>Whether a way says which way, and does not begin "in circles", "in each direction".</summary>
    private static bool Stands(List<Chunk> chunks, int at) =>
        !(at > 0 && chunks[at - 1] is { Means: "lie" or "lies" or "lying" or "sit" or "sitting" })
        && !(at > 0 && chunks[at - 1] is { Role: Role.Verb, Means: "smooth" or "iron" or "stretch" or "breathe" or "let" })
        && (chunks[at].Means != "in" || at + 1 == chunks.Count || chunks[at + 1].Role is Role.Break or Role.Joins or Role.Number);

    /// <summary>"Up and out": the way that is told together with this one.</summary>
    private static string? Beside(List<Chunk> chunks, int at) =>
        at > 1
        && chunks[at - 1] is { Role: Role.Joins, Means: "and" } or { Role: Role.Break, Means: "+" or "&" or "/" }
        && chunks[at - 2].Role == Role.Way
            ? chunks[at - 2].Means
            : null;

    /// <summary>"Rub the hands", "fingers spread": hands that do something to each other.</summary>
    private static bool OfHands(List<Chunk> chunks, int at) =>
        chunks.Skip(at + 1).FirstOrDefault(c => c.Role != Role.Light) is { Means: "hands" or "palms" or "fingers" or "circles" or "circle" }
        || chunks.Take(at).TakeLast(2).Any(c => c is { Means: "hands" or "palms" or "fingers" } && ToEachOther.Contains(chunks[at].Means))
        || at > 0 && chunks[at - 1] is { Means: "hands" or "palms" or "fingers" } && chunks[at].Role != Role.Way;

    /// <summary>Ways of hands that go to or from each other.</summary>
    private static readonly HashSet<string> ToEachOther = ["together", "apart", "wide", "open", "close", "round"];

    /// <summary>Whether a part that was told is the one that a sentence says, or kin to it.</summary>
    private static bool Same(string told, string said) => told == said || Kin.Any(k => k.Contains(told) && k.Contains(said));

    /// <summary>Parts that move in a step, towards which they move, and which are held.</summary>
    private static List<string> PartsThatMove(Step step)
    {
        var held = step.State is not { } s
            ? []
            : new[]
            {
                (s.Lids, "eye"),
                (s.Gaze, "eye"),
                (s.Jaw, "jaw"),
                (s.Lips, "lip"),
                (s.Tongue, "tongue"),
                (s.Head, "head"),
                (s.Shoulders, "shoulder"),
            }
                .Where(h => h.Item1 is not null)
                .Select(h => h.Item2);
        // "Lift the cheeks towards the ears": the ears are only which way.
        var towards = step.AllHands.Any(h => h.Direction is not null) ? new[] { "ear", "eye" } : [];
        return
        [
            .. towards,
            .. step.AllActs.SelectMany(a => RoleWords.PartsIn(a.Do ?? "").Concat(AlsoTold.GetValueOrDefault(a.Do ?? "", []))).Concat(held),
        ];
    }

    /// <summary>Parts at the places where hands are, and those that keep still.</summary>
    private static IEnumerable<string> Places(Step step, Atlas atlas) =>
        step
            .AllHands.SelectMany(h => h.AllPath.Select(p => p.At).OfType<string>().Concat(h.AllZones))
            .Concat(step.AllStill)
            .Select(id =>
                atlas.Landmarks.TryGetValue(id, out var place) ? $"{place.Name} {AlsoCalled.GetValueOrDefault(id)}"
                : atlas.Document.Zones.FirstOrDefault(z => z.Id == id) is { } zone
                    ? $"{zone.Name} {zone.Anatomical} {AlsoCalled.GetValueOrDefault(id)}"
                : id.Replace('-', ' ')
            )
            .SelectMany(name => Chunk.Of(name, NothingRead, []).Where(c => c.Role == Role.Part).Select(c => c.Means));

    private static HashSet<string> WaysOf(Step step) => step.AllActs.SelectMany(WaysOf).ToHashSet(StringComparer.Ordinal);

    /// <summary>Ways on one line: what is together comes apart, and does not go up.</summary>
    private static readonly string[][] Lines =
    [
        ["up", "down"],
        ["forward", "back"],
        ["in", "out", "together", "apart", "open", "close", "wide", "narrow"],
    ];

    /// <summary>
    /// "Raise the brows, then down": ways back along the line on which the sentence goes. Eyes that look up do not look down.
    /// </summary>
    private static IEnumerable<string> BackAgain(List<Chunk> chunks, Step step)
    {
        var said = chunks
            .SelectMany(c =>
                c.Role == Role.Way ? [c.Means]
                : c.Role == Role.Verb && RoleWords.Verb(c.Means) is { Way: { } way } ? new[] { way }
                : []
            )
            .ToHashSet(StringComparer.Ordinal);
        foreach (var act in step.AllActs.Where(a => a.Do?.StartsWith("gaze-", StringComparison.Ordinal) == false))
        {
            // A tongue that is stuck out down is not stuck out up.
            var gone = (act.Do == "tongue-out" ? RoleWords.WaysIn("tongue-out") : WaysOf(act)).ToList();
            var lines = Lines.Where(l => gone.Exists(g => l.Contains(g) && said.Contains(g))).ToList();
            foreach (var went in gone)
                if (Opposites.GetValueOrDefault(went) is { } back && (lines.Count == 0 || lines.Exists(l => l.Contains(went))))
                    yield return back;
        }
    }

    private static IEnumerable<string> WaysOf(Act act) =>
        RoleWords.WaysIn(act.Do ?? "").Concat(AlsoTold.GetValueOrDefault(act.Do ?? "", []));

    /// <summary>Whether something in the step goes that way: a movement there or back, a hand, or how a part is held.</summary>
    private static bool Answers(string way, HashSet<string> ways, Step step) =>
        way is "left" or "right" or "side" or "middle" or "back" or "wide"
        || (way == "together" && step.AllActs.Count > 1)
        || ways.Contains(way)
        || step.AllHands.Any(h => h.AllPath.Count > 1 || Goes(h, way))
        || step.AllHands.Any(h => (way is "up" && h.Verb == "lift-hold") || h.Verb is "circle" or "friction" or "tap" or "knead")
        || (way is "out" or "apart" && step.AllHands.Any(h => h.Verb == "stretch-apart"))
        || (way is "circle" or "round" && step.AllHands.Any(h => h.Verb is "circle" or "friction" or "knead"))
        || step.State is { } held && IsHeld(way, held);

    /// <summary>Whether a part is held that way meanwhile.</summary>
    private static bool IsHeld(string way, PoseState held) =>
        way switch
        {
            "close" or "together" => held.Lids is "closed" or "narrowed" || held.Lips is "closed" or "rolled-in" || held.Jaw == "closed",
            "open" or "apart" => held.Lids == "open" || held.Lips is "open" or "parted" || held.Jaw is "open" or "half-open" or "rest",
            "up" => held.Head is not null || held.Tongue == "palate",
            "down" => held.Shoulders == "down" || held.Head is not null,
            "in" => held.Lips == "rolled-in",
            "round" => held.Lips == "pursed",
            _ => false,
        };

    /// <summary>Whether a hand that pulls one way, or aslant, pulls that way too.</summary>
    private static bool Goes(Hand hand, string way) =>
        (hand.Direction, hand.DegLeft, way) switch
        {
            ("up", _, "up") or ("down", _, "down") or ("inward" or "medial", _, "in" or "together") => true,
            ("outward" or "lateral" or "backward", _, "out" or "apart") => true,
            (_, 45 or 135, "up") or (_, 225 or 315, "down") or (_, 45 or 315, "out") or (_, 135 or 225, "in") => true,
            _ => false,
        };

    /// <summary>
    /// Whether something in the step does what a verb says: lets go and plain verbs ("move") of themselves, work of a hand by a hand that
    /// does that or much the same, a verb of one part ("wink") by its movement, any other by a movement that goes its way.
    /// </summary>
    private static bool Done(VerbSense verb, Step step, HashSet<string> ways) =>
        verb.Way is "loose" or "let" or "wide"
        || verb.Verb is "rest" or "roll" or "draw" or "rotate"
        || verb.Way is "apart" or "turn" or "tense" && step.AllActs.Count + step.AllHands.Count > 0
        || verb.Way is "tilt" or "bend" && (step.State?.Head is not null || PartsThatMove(step).Exists(p => p is "head" or "neck"))
        || verb.Bare
        || verb is { Verb: "trace" } && step.AllHands.Any(h => h.AllPath.Count > 1)
        || verb is { Verb: "smooth" } && (step.AllStill.Count > 0 || step.AllHands.Any(h => h.Role == "hold"))
        || verb is { Verb: "press" } && step.AllActs.Count > 0
        || verb is { Verb: "massage" } && step.AllHands.Any(h => h.Verb is "stroke" or "circle" or "knead" or "friction" or "press")
        || ways.Contains(verb.Verb)
        || (
            verb.Work is { } work
            && (ways.Contains(work) || step.AllHands.Any(h => h.Verb == work || SameWork.Any(s => s.Contains(work) && s.Contains(h.Verb))))
        )
        || (verb is { Moves: { } part, Way: { } by } && RoleWords.MoveOf(part, by) is { } move && step.AllActs.Any(a => a.Do == move))
        || (
            verb.Moves == "eye"
            && step.AllActs.Any(a =>
                RoleWords.PartsIn(a.Do ?? "").Any(p => p is "eye" or "head") || AlsoTold.GetValueOrDefault(a.Do ?? "", []).Contains("eye")
            )
        )
        || (verb.Way is { } way && Answers(way, ways, step));
}
