namespace Wexis.Core.Techniques.Notes.Roles;

/// <summary>What a verb says by itself.</summary>
/// <param name="Way">Which way it moves what it is done to ("lift": up); null where only a word beside it says so ("pull").</param>
/// <param name="Work">What it is when a hand does it; null where no hand can.</param>
/// <param name="Moves">Part of the face that moves, where the verb alone says it ("look": the eyes).</param>
/// <param name="Bare">A plain verb of moving: the word beside it says which way.</param>
internal sealed record VerbSense(string Verb, string? Way, string? Work, string? Moves, bool Bare)
{
    /// <summary>Whether only a hand can do it ("stroke", "knead").</summary>
    public bool OnlyByHand => Work is not null && Way is null && Moves is null && !Bare;
}

/// <summary>
/// The words of notes by what they can be in a sentence, and what a part of the face does that moves one way (common practice).
/// </summary>
internal static class RoleWords
{
    /// <summary>Parts that move or that something moves towards; articles and "of" are left out of the names.</summary>
    private const string PartNames = """
        brow: brow, eyebrow
        forehead: forehead
        eye: eye, eyeball, gaze
        upper-lid: upper lid, upper eyelid
        lower-lid: lower lid, lower eyelid
        lid: lid, eyelid
        nose: nose
        nostril: nostril, nose wing
        cheek: cheek, apple cheek, cheek apple, inside cheek
        upper-lip: upper lip, top lip, upper one, upper
        lower-lip: lower lip, bottom lip
        lip: lip, both lips
        corner: corner mouth, mouth corner, lip corner, corner lip, corner
        eye-corner: inner corner, outer corner, corner eye, inner corner eye, outer corner eye, eye corner, inner eye corner
        eye-corner: outer eye corner
        mouth: mouth
        jaw: lower jaw, jaw, mandible, jaw joint, tmj
        chin: chin
        tongue: tip tongue, tongue tip, tongue
        teeth: teeth, tooth, gum, lower teeth, bottom teeth, front teeth
        upper-teeth: upper teeth, top teeth, upper front teeth
        head: head, crown head
        neck: neck, front neck, skin neck, front throat, neck band, neck muscle
        shoulder: shoulder
        ear: ear
        air: air
        skin: skin
        face: face, whole face, whole head
        palate: palate, roof mouth, roof
        ceiling: ceiling, sky
        floor: floor, ground
        mouth-floor: floor mouth
        chest: chest, breastbone, sternum
        line: smile line, frown line, laugh line, worry line, jaw line, hair line, smile muscle, kiss muscle, nose tip, tip nose
        """;

    /// <summary>Verb: which way; with <c>/</c> what a hand does; with <c>@</c> the part that it moves by itself; <c>~</c> plain.</summary>
    private const string VerbNames = """
        up: lift/lift-hold, raise/lift-hold, hoist/lift-hold, elevate, rise, arch
        down: lower, sink
        let: drop, hang, dangle, fall
        cover: cover
        open: open
        close: close, shut
        squeeze: squeeze/pinch-hold
        wide: widen
        narrow: narrow
        together: press/press, knit@brow, join, clamp
        forward: stick, jut, poke, protrude, extend, thrust, protract
        back: retract
        pucker: purse@lip, pucker@lip, kiss@lip
        pout: pout@lower-lip
        in: tuck, fold, curl, wrap, suck@cheek
        circle: circle/circle, rotate/circle, roll/circle
        tilt: tilt, tip, lean
        turn: turn, twist, shake
        bend: bend, bow
        nod: nod@head
        wrinkle: wrinkle@nose, scrunch@nose, crinkle@nose, crease@nose
        flare: flare@nostril
        fill: puff@cheek, inflate@cheek, fill@cheek, balloon@cheek, bulge@cheek, swell@cheek
        loose: relax, loosen, soften, unclench, release
        tense: tense, tighten, strain, contract, flex
        grimace: grimace
        bite: clench@jaw, bite@jaw
        chew: chew@jaw, munch@jaw
        swallow: swallow@tongue, gulp@tongue
        apart: stretch/stretch-apart, spread/stretch-apart
        smile: smile@corner, grin@corner, beam@corner, smirk@corner
        frown: frown@brow, scowl@brow, furrow@brow
        blink: blink@eye
        wink: wink@eye
        squint: squint@lower-lid
        shrug: shrug@shoulder
        yawn: yawn@jaw
        sneer: snarl@upper-lip, sneer@upper-lip
        blow: blow@air, whistle@air
        look: look@eye, gaze@eye, peer@eye, glance@eye, stare@eye
        ~: push/press, pull/lift-hold, draw/lift-hold, bring, move, take, go, come, shift, slide/stroke, glide/stroke, tug/lift-hold
        ~: put, get, make, send, pass
        work: stroke/stroke, sweep/stroke, brush/stroke, trace/stroke, drain/stroke, smooth/stroke, wipe/stroke, iron/stroke
        work: drag/stroke, massage/stroke, run/stroke, knead/knead, tap/tap, drum/tap, pat/tap, knock/tap, walk/tap, clap/tap, slap/tap
        work: flick/tap, dance/tap, patter/tap, bounce/tap, hammer/tap, dab/tap
        work: caress/stroke, skim/stroke, polish/stroke, comb/stroke, rake/stroke, swipe/stroke, squish/knead, wring/knead, scrub/friction
        work: swirl/circle, compress/press, friction/friction, nip/pinch-roll, tweak/pinch-roll, pump/lymph-pump, rub/friction
        work: pinch/pinch-roll
        work: pluck/pinch-roll, scrape/tool-stroke
        """;

    /// <summary>What a part does that goes one way. A verb that goes before a way ("drop: jaw") is that verb and no other.</summary>
    private const string MoveNames = """
        raise-brows: brow up, forehead up, forehead wrinkle, brow wrinkle
        knit-brows: brow down, brow together, brow in, brow frown, forehead frown
        widen-eyes: eye wide, upper-lid up, lid up, lid wide
        close-lids: eye close, lid close, lid together, upper-lid close, upper-lid down, lid down, eye wink, eye squeeze, lid squeeze
        full-blink: eye blink, lid blink
        lift-lower-lid: lower-lid up, lower-lid squint, eye squint, lid squint, lower-lid tense, eye narrow, lower-lid close
        lift-lower-lid: lower-lid squeeze
        gaze-up: eye up
        gaze-down: eye down
        gaze-side: eye left, eye right, eye side
        gaze-circle: eye circle, eye round
        scrunch-nose: nose wrinkle, nose up, nostril up
        flare-nostrils: nostril flare, nostril wide, nostril open, nostril out, nostril apart, nose flare, nose wide
        narrow-nostrils: nostril narrow, nostril in, nostril together, nose narrow, nostril close, nose in
        smile: corner up, cheek up, corner smile, lip smile, mouth smile, cheek smile, mouth up
        puff-cheeks: cheek fill, cheek out, mouth fill, cheek blow, cheek wide
        puff-upper-lip: upper-lip fill
        puff-lower-lip: lower-lip fill
        suck-cheeks: cheek in
        raise-upper-lip: upper-lip up, lip up, upper-lip sneer, lip sneer
        roll-lips-in: lip in, upper-lip in, lower-lip in, teeth cover, upper-teeth cover
        lower-lip-down: lower-lip down
        pout-chin-up: lower-lip pout, lip pout, mouth pout, chin pout, lower-lip forward, lower-lip out, lower-lip up, chin wrinkle
        pucker: lip pucker, mouth pucker, corner pucker, lip forward, lip out, corner in, corner together, mouth forward
        press-lips: lip together, upper-lip together, lower-lip together, lip squeeze, mouth together, lip close, mouth close
        stretch-corners-sideways: corner back, corner out, corner apart, corner wide, corner side, lip apart, lip wide, lip back
        stretch-corners-sideways: mouth apart, mouth wide
        corners-down: corner down, mouth down
        funnel-o: lip round, mouth round
        blow-out: air blow, air out, lip blow
        transfer-air: air side, air left, air right
        open-jaw: jaw open, mouth open, jaw down, jaw yawn, mouth yawn
        jaw-rest: jaw let, jaw loose, mouth let
        jaw-forward: jaw forward, jaw out, chin forward, chin out
        jaw-back: jaw back, jaw in
        jaw-circle: jaw circle
        jaw-side: jaw left, jaw right, jaw side
        clench: jaw bite, teeth bite, teeth together, jaw tense
        tongue-out: tongue out, tongue forward
        tongue-press-palate: tongue up
        tongue-side: tongue left, tongue right, tongue side
        tongue-circle-vestibule: tongue circle, tongue round
        chin-tuck: chin in, chin back, chin nod, head nod
        head-back: head back, chin up, neck back
        head-tilt-side: head tilt, neck tilt, neck side
        head-turn: head turn, chin turn, neck turn
        head-circle: head circle, neck circle
        neck-bend-forward: head forward, head down, head bend, neck bend, neck forward, neck down, chin down
        grimace-neck: neck tense, neck grimace
        chew: jaw chew, mouth chew
        swallow: tongue swallow
        lips-side: lip left, lip right, lip side, mouth left, mouth right, mouth side
        shrug: shoulder up, shoulder shrug
        shoulder-roll: shoulder circle
        drop-shoulders: shoulder down, shoulder let, shoulder loose
        relax-scan: face loose
        """;

    /// <summary>What a part does that moves towards another.</summary>
    private const string GoalNames = """
        head-back: chin ceiling, head ceiling, face ceiling
        neck-bend-forward: chin chest, head chest
        head-turn: chin shoulder, eye shoulder
        head-tilt-side: ear shoulder, head shoulder
        shrug: shoulder ear
        tongue-press-palate: tongue palate, tongue upper-teeth
        tongue-push-cheek: tongue cheek
        tongue-out: tongue chin, tongue nose, tongue floor, tongue ceiling
        suck-cheeks: cheek teeth
        puff-upper-lip: air upper-lip
        puff-lower-lip: air lower-lip
        pout-chin-up: lower-lip upper-lip, lower-lip nose, lower-lip ceiling
        roll-lips-in: lip mouth, lower-lip upper-teeth, upper-lip teeth, lower-lip teeth, lip teeth, upper-lip lower-lip
        roll-lips-in: upper-lip upper-teeth, lip upper-teeth
        raise-upper-lip: upper-lip nose
        kiss-ceiling: lip ceiling
        pucker: lip nose
        dimple: corner cheek
        smile: corner ear, corner eye, cheek eye, corner ceiling
        corners-down: corner chin, corner floor
        raise-brows: brow ceiling
        knit-brows: brow nose
        gaze-up: eye ceiling, eye brow, eye forehead
        gaze-down: eye floor, eye chest
        """;

    /// <summary>What a muscle moves that stands as a label.</summary>
    private const string MuscleNames = """
        eye: orbicularis oculi
        brow: frontalis, corrugator, procerus
        jaw: masseter, temporalis, pterygoid, lateral pterygoid
        corner: zygomaticus, risorius
        lip: orbicularis oris
        cheek: buccinator
        lower-lip: mentalis
        upper-lip: levator labii
        neck: platysma
        head: sternocleidomastoid, scm, scalenes
        nostril: nasalis
        """;

    private const string WayNames = """
        up: up, upward, upwards
        down: down, downward, downwards
        forward: forward, forwards
        back: back, backward, backwards
        in: in, inward, inwards
        out: out, outward, outwards
        apart: apart
        together: together
        left: left
        right: right
        side: sideways, sidewards
        wide: wide
        close: closed, shut
        round: round
        middle: middle, centre, center, neutral
        """;

    /// <summary>Words that lead to a place.</summary>
    private static readonly HashSet<string> Leading = Set(
        """
        to towards toward from at on onto over under underneath below above beneath along across between into inside against behind beside
        around near through via off of within
        """
    );

    private static readonly HashSet<string> Joining = Set("and then while as or but plus when");
    private static readonly HashSet<string> Pointing = Set("it them");
    private static readonly HashSet<string> Denying = Set("not no without never don't cannot can't");
    private static readonly HashSet<string> WithWords = Set("with using by");

    internal static HashSet<string> Set(string words) =>
        new(words.Split([' ', '\n', '\r'], StringSplitOptions.RemoveEmptyEntries), StringComparer.Ordinal);

    private static IEnumerable<(string Head, string Item)> Lines(string table) =>
        table
            .Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Select(l => l.Split(':', 2, StringSplitOptions.TrimEntries))
            .SelectMany(l => l[1].Split(',', StringSplitOptions.TrimEntries).Select(i => (l[0], i)));

    /// <summary>Names of parts by their first word, the longest first.</summary>
    private static readonly ILookup<string, (string[] Words, string Part)> Parts = Lines(PartNames)
        .Select(p => (Words: p.Item.Split(' '), Part: p.Head))
        .OrderByDescending(p => p.Words.Length)
        .ToLookup(p => p.Words[0], StringComparer.Ordinal);

    private static readonly Dictionary<string, VerbSense> Verbs = Lines(VerbNames)
        .Select(v => Sense(v.Head, v.Item))
        .ToDictionary(v => v.Verb, StringComparer.Ordinal);

    private static readonly Dictionary<string, string> Muscles = Lines(MuscleNames)
        .ToDictionary(m => m.Item, m => m.Head, StringComparer.Ordinal);
    private static readonly Dictionary<string, string> Ways = Lines(WayNames)
        .ToDictionary(w => w.Item, w => w.Head, StringComparer.Ordinal);
    private static readonly Dictionary<string, string> Moves = Lines(MoveNames)
        .ToDictionary(m => m.Item, m => m.Head, StringComparer.Ordinal);
    private static readonly Dictionary<string, string> Goals = Lines(GoalNames)
        .ToDictionary(m => m.Item, m => m.Head, StringComparer.Ordinal);

    private static VerbSense Sense(string head, string item)
    {
        var (name, moves) = item.Split('@') is [var n, var m] ? (n, m) : (item, null);
        var (verb, work) = name.Split('/') is [var v, var w] ? (v, w) : (name, null);
        return new(verb, head is "~" or "work" ? null : head, work, moves, head == "~");
    }

    /// <summary>Parts whose names begin with a word, said of one or of several.</summary>
    public static IEnumerable<(string[] Words, string Part)> PartsThatBegin(string word) =>
        One(word) is var one && one == word ? Parts[word] : Parts[one].Concat(Parts[word]);

    public static string? Way(string word) => Ways.GetValueOrDefault(word);

    /// <summary>The part that a muscle moves; null for what is none.</summary>
    public static string? MovedBy(string muscle) => Muscles.GetValueOrDefault(muscle);

    public static bool Leads(string word) => Leading.Contains(word);

    public static bool Joins(string word) => Joining.Contains(word);

    public static bool Points(string word) => Pointing.Contains(word);

    public static bool Denies(string word) => Denying.Contains(word);

    public static bool IsWith(string word) => WithWords.Contains(word);

    /// <summary>Whether a word carries nothing; so does every adverb that tells how ("loosely").</summary>
    public static bool IsLight(string word) =>
        LightWords.All.Contains(word) || word.Length > 4 && word.EndsWith("ly", StringComparison.Ordinal);

    /// <summary>Whether a word stands in the tables.</summary>
    public static bool IsKnown(string word) =>
        IsLight(word)
        || Leads(word)
        || Joins(word)
        || Points(word)
        || Denies(word)
        || IsWith(word)
        || Way(word) is not null
        || Verb(word) is not null
        || PartsThatBegin(word).Any(p => p.Words.Length == 1);

    /// <summary>What a part does that goes one way; null where it does nothing that is known.</summary>
    public static string? MoveOf(string part, string way) => Moves.GetValueOrDefault($"{part} {way}");

    /// <summary>What moves in a movement; null where that is not one part.</summary>
    public static string? PartOf(string move) => Moves.Where(m => m.Value == move).Select(m => m.Key.Split(' ')[0]).FirstOrDefault();

    private static readonly HashSet<string> OfTheMouth = Set("lip upper-lip lower-lip corner mouth cheek jaw teeth chin");
    private static readonly HashSet<string> OfTheEye = Set("eye lid upper-lid lower-lid");

    /// <summary>
    /// The part of which a sentence goes on to speak after some movements: the last; null where they are of parts far apart.
    /// </summary>
    public static string? GoesOn(IEnumerable<string> moves) =>
        // Who breathes meanwhile moves on with what moves.
        moves.Where(m => m is not "breathe").Select(PartOf).Distinct().ToList()
            is [.., { } last] parts
        && (parts.Count == 1 || parts.TrueForAll(p => OfTheMouth.Contains(p ?? "")) || parts.TrueForAll(p => OfTheEye.Contains(p ?? "")))
            ? last
            : null;

    /// <summary>All that moves in a movement, and what it moves towards.</summary>
    public static IEnumerable<string> PartsIn(string move) =>
        Moves
            .Where(m => m.Value == move)
            .Select(m => m.Key.Split(' ')[0])
            .Concat(Goals.Where(g => g.Value == move).SelectMany(g => g.Key.Split(' ')));

    /// <summary>All ways that a movement goes, and verbs that tell of it.</summary>
    public static IEnumerable<string> WaysIn(string move) => Moves.Where(m => m.Value == move).Select(m => m.Key.Split(' ')[1]);

    public static string? MoveTo(string part, string goal) => Goals.GetValueOrDefault($"{part} {goal}");

    /// <summary>One of several: "lips" is "lip".</summary>
    public static string One(string word) => word.Length > 3 && word[^1] == 's' && word[^2] != 's' ? word[..^1] : word;

    /// <summary>The verb of which a word is a form: "lifted", "lifting", "lifts"; null where it is none.</summary>
    public static VerbSense? Verb(string word) => Stems(word).Select(s => Verbs.GetValueOrDefault(s)).FirstOrDefault(v => v is not null);

    private static IEnumerable<string> Stems(string word)
    {
        yield return word;
        if (word.EndsWith("es", StringComparison.Ordinal))
            yield return word[..^2];
        if (word.EndsWith('s'))
            yield return word[..^1];
        foreach (var end in new[] { "ing", "ed" })
            if (word.EndsWith(end, StringComparison.Ordinal) && word.Length > end.Length + 2)
            {
                var stem = word[..^end.Length];
                yield return stem;
                yield return stem + "e";
                if (stem[^1] == stem[^2])
                    yield return stem[..^1];
            }
        if (word is "drawn" or "stuck" or "bent" or "blown" or "shaken" or "shook")
            yield return word switch
            {
                "drawn" => "draw",
                "stuck" => "stick",
                "bent" => "bend",
                "blown" => "blow",
                _ => "shake",
            };
    }
}
