using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Claims;

/// <summary>What kind of work a claim says is done.</summary>
public enum ClaimVerb
{
    /// <summary>Nothing that can be compared with a mode of work.</summary>
    Other,

    /// <summary>Works, trains, activates: some contraction.</summary>
    Trains,

    /// <summary>Strengthens, tones, firms, builds: a contraction, and a lasting effect of it.</summary>
    Strengthens,

    /// <summary>Relaxes, releases, softens, lets rest.</summary>
    Relaxes,

    Stretches,

    /// <summary>Kneads, massages, presses, reaches by hand.</summary>
    Massages,

    /// <summary>Drains, moves fluid.</summary>
    Drains,

    /// <summary>Lifts, raises, pulls up.</summary>
    Lifts,

    /// <summary>Lowers, pulls down.</summary>
    Lowers,
}

/// <summary>A word that is nearly a name.</summary>
/// <param name="Text">The claim with the name in its place.</param>
public sealed record MisspeltName(string Said, string Name, string Text);

/// <summary>Reads what a claim names: structures by plain, Latin, old and common words; the verb; the zone.</summary>
public static partial class ClaimWords
{
    /// <summary>Common words for structures, as trainers say them (common practice). Longer ones are looked for first.</summary>
    private static readonly (string Words, string[] Structures)[] Common =
    [
        ("ring muscle of the eye", ["orbicularis-oculi-palpebral", "orbicularis-oculi-orbital"]),
        ("ring muscle around the eye", ["orbicularis-oculi-palpebral", "orbicularis-oculi-orbital"]),
        ("eye ring muscle", ["orbicularis-oculi-palpebral", "orbicularis-oculi-orbital"]),
        ("orbicularis oculi", ["orbicularis-oculi-palpebral", "orbicularis-oculi-orbital"]),
        ("lid part of the ring muscle", ["orbicularis-oculi-palpebral"]),
        ("inner ring of the eye", ["orbicularis-oculi-palpebral"]),
        ("lid ring", ["orbicularis-oculi-palpebral"]),
        ("lower lid muscle", ["orbicularis-oculi-palpebral"]),
        ("outer part of the ring muscle", ["orbicularis-oculi-orbital"]),
        ("orbital part of the ring muscle", ["orbicularis-oculi-orbital"]),
        ("outer ring of the eye", ["orbicularis-oculi-orbital"]),
        ("eye closer", ["orbicularis-oculi-palpebral", "orbicularis-oculi-orbital"]),
        ("eye closing muscle", ["orbicularis-oculi-palpebral", "orbicularis-oculi-orbital"]),
        ("ring muscle of the mouth", ["orbicularis-oris"]),
        ("ring of the mouth", ["orbicularis-oris"]),
        ("mouth's ring", ["orbicularis-oris"]),
        ("kissing muscle", ["orbicularis-oris"]),
        ("lip muscle", ["orbicularis-oris"]),
        ("upper lip lifter", ["levator-labii-superioris", "levator-labii-alaeque-nasi", "zygomaticus-minor"]),
        ("lip lifter", ["levator-labii-superioris", "levator-labii-alaeque-nasi", "zygomaticus-minor"]),
        ("cheek lifter", ["zygomaticus-major", "zygomaticus-minor"]),
        ("corner lifter", ["levator-anguli-oris", "zygomaticus-major"]),
        ("lip depressor", ["depressor-labii-inferioris"]),
        ("lower lip muscle", ["depressor-labii-inferioris"]),
        ("nose muscle", ["nasalis-transverse", "nasalis-alar", "levator-labii-alaeque-nasi"]),
        ("nostril muscle", ["nasalis-alar", "nasalis-transverse"]),
        ("small nose muscle", ["nasalis-alar", "nasalis-transverse"]),
        ("lesser cheek muscle", ["zygomaticus-minor"]),
        ("cheek muscle", ["zygomaticus-major", "buccinator", "zygomaticus-minor"]),
        ("laughing muscle", ["risorius"]),
        ("sideways smile muscle", ["risorius"]),
        ("jaw closer", ["masseter-superficial", "masseter-deep", "temporalis", "medial-pterygoid"]),
        ("jaw opener", ["lateral-pterygoid", "digastric-anterior", "mylohyoid"]),
        ("openers of the jaw", ["lateral-pterygoid", "digastric-anterior", "mylohyoid"]),
        ("closers of the jaw", ["masseter-superficial", "masseter-deep", "temporalis", "medial-pterygoid"]),
        ("jaw muscle", ["masseter-superficial", "masseter-deep", "temporalis"]),
        ("suboccipital", ["suboccipitals"]),
        ("skull-base muscle", ["suboccipitals"]),
        ("skull base muscle", ["suboccipitals"]),
        ("longus capitis", ["longus-capitis-colli"]),
        ("longus colli", ["longus-capitis-colli"]),
        ("deep neck flexor", ["longus-capitis-colli"]),
        ("deep neck muscle", ["longus-capitis-colli"]),
        ("deep muscles in front of the neck", ["longus-capitis-colli"]),
        ("shoulder muscle", ["trapezius-descending", "levator-scapulae"]),
        ("skin muscle of the neck", ["platysma"]),
        ("neck skin muscle", ["platysma"]),
        ("ear muscle", ["auricularis-superior", "auricularis-anterior", "auricularis-posterior"]),
        ("scalp muscle", ["frontalis", "occipitalis"]),
        ("muscle under the chin", ["mylohyoid", "digastric-anterior", "geniohyoid"]),
        ("muscle of the tongue", ["intrinsic-tongue", "genioglossus"]),
        ("lip ring", ["orbicularis-oris"]),
        ("mouth ring", ["orbicularis-oris"]),
        ("great cheek muscle", ["zygomaticus-major"]),
        ("smile muscle", ["zygomaticus-major"]),
        ("smiling muscle", ["zygomaticus-major"]),
        ("zygomatic muscle", ["zygomaticus-major"]),
        ("zygomaticus", ["zygomaticus-major", "zygomaticus-minor"]),
        ("cheek wall", ["buccinator"]),
        ("trumpeter", ["buccinator"]),
        ("chewing muscle", ["masseter-superficial", "masseter-deep", "temporalis"]),
        ("masseter", ["masseter-superficial", "masseter-deep"]),
        ("lid opener", ["levator-palpebrae"]),
        ("lid lifter", ["levator-palpebrae"]),
        ("lid-lifting muscle", ["levator-palpebrae"]),
        ("levator palpebrae", ["levator-palpebrae"]),
        ("upper lid muscle", ["levator-palpebrae"]),
        ("focusing muscle", ["ciliary"]),
        ("focussing muscle", ["ciliary"]),
        ("ciliary muscle", ["ciliary"]),
        ("forehead muscle", ["frontalis"]),
        ("brow lifter", ["frontalis"]),
        ("brow raiser", ["frontalis"]),
        ("frown muscle", ["corrugator-supercilii"]),
        ("frowning muscle", ["corrugator-supercilii"]),
        ("corrugator", ["corrugator-supercilii"]),
        ("pyramidal muscle", ["procerus"]),
        ("chin muscle", ["mentalis"]),
        ("corner depressor", ["depressor-anguli-oris"]),
        ("corner lowerer", ["depressor-anguli-oris"]),
        ("temple muscle", ["temporalis"]),
        ("side-neck muscle", ["sternocleidomastoid"]),
        ("neck cords", ["platysma"]),
        ("neck bands", ["platysma"]),
        (
            "eye-turning muscles",
            ["superior-rectus", "inferior-rectus", "medial-rectus", "lateral-rectus", "superior-oblique", "inferior-oblique"]
        ),
        ("eye muscles", ["superior-rectus", "inferior-rectus", "medial-rectus", "lateral-rectus", "superior-oblique", "inferior-oblique"]),
        // Names of 1918 that are others today (Gray).
        ("triangularis", ["depressor-anguli-oris"]),
        ("caninus", ["levator-anguli-oris"]),
        ("quadratus labii superioris", ["levator-labii-superioris", "levator-labii-alaeque-nasi", "zygomaticus-minor"]),
        ("quadratus labii inferioris", ["depressor-labii-inferioris"]),
        ("pyramidalis", ["procerus"]),
        ("pyramidalis nasi", ["procerus"]),
        ("compressor naris", ["nasalis-transverse"]),
        ("dilatator naris", ["nasalis-alar"]),
        ("dilator naris", ["nasalis-alar"]),
        ("tensor tarsi", ["orbicularis-oculi-lacrimal"]),
        ("glossopalatinus", ["palatoglossus"]),
        ("pterygoideus internus", ["medial-pterygoid"]),
        ("internal pterygoid", ["medial-pterygoid"]),
        ("pterygoideus externus", ["lateral-pterygoid"]),
        ("external pterygoid", ["lateral-pterygoid"]),
        ("sternomastoid", ["sternocleidomastoid"]),
        ("sternocleidomastoideus", ["sternocleidomastoid"]),
        ("zygomatic major", ["zygomaticus-major"]),
        ("zygomatic minor", ["zygomaticus-minor"]),
        ("frontal muscle", ["frontalis"]),
        ("occipital muscle", ["occipitalis"]),
        ("temporal muscle", ["temporalis"]),
        ("nasal muscle", ["nasalis-transverse", "nasalis-alar"]),
        ("nasalis", ["nasalis-transverse", "nasalis-alar"]),
        ("mental muscle", ["mentalis"]),
        ("orbicular muscle of the eye", ["orbicularis-oculi-palpebral", "orbicularis-oculi-orbital"]),
        ("orbicular muscle of the mouth", ["orbicularis-oris"]),
        ("triangular muscle", ["depressor-anguli-oris"]),
        ("canine muscle", ["levator-anguli-oris"]),
        ("buccal muscle", ["buccinator"]),
        ("floor of the mouth", ["mylohyoid"]),
        ("tongue muscle", ["intrinsic-tongue", "genioglossus"]),
        ("pterygoid", ["lateral-pterygoid", "medial-pterygoid"]),
        ("trapezius", ["trapezius-descending"]),
    ];

    /// <summary>What people call each structure beside its proper names, misnomers included.</summary>
    public static IReadOnlyDictionary<string, IReadOnlyList<string>> CommonNames() =>
        Common
            .SelectMany(c => c.Structures.Select(s => (s, c.Words)))
            .GroupBy(x => x.s, StringComparer.Ordinal)
            .ToDictionary(g => g.Key, g => (IReadOnlyList<string>)[.. g.Select(x => x.Words).Distinct()], StringComparer.Ordinal);

    /// <summary>Structures that a text names; alternatives of one name stand together. Empty when it names none.</summary>
    public static IReadOnlyList<string> Structures(string text, Atlas atlas) =>
        // The longest name that the text says is the one meant: "medial pterygoid" before "pterygoid".
        Named(text, atlas).MaxBy(n => n.Length)?.Structures
        ?? [];

    /// <summary>A name that a text says: where it begins, how long it is, and what it stands for.</summary>
    public sealed record NameSaid(int At, int Length, IReadOnlyList<string> Structures);

    /// <summary>Every name that a text says, in its order; a name inside a longer one is not said by itself.</summary>
    public static IReadOnlyList<NameSaid> Named(string text, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(atlas);
        return Known.GetValue(atlas, static _ => new()).Of(text, atlas, NamesIn);
    }

    private static readonly ConditionalWeakTable<Atlas, Remembered<string, IReadOnlyList<NameSaid>>> Known = [];

    private static IReadOnlyList<NameSaid> NamesIn(string text, Atlas atlas)
    {
        var lower = text.ToLowerInvariant();
        // "The muscle that lifts the corners of the mouth": the mouth is no name there.
        var said = ClaimMovers.Told(text).ToList();
        foreach (var name in Names.GetValue(atlas, NamesOf))
            if (Find(lower, name.Words) is var at and >= 0 && IsNew(said, at, name))
                said.Add(new(at, name.Words.Length, name.Structures));
        return [.. said.OrderBy(n => n.At)];
    }

    /// <summary>Not within a name that was found before, and of something else.</summary>
    private static bool IsNew(List<NameSaid> said, int at, Name name) =>
        !said.Any(n => (at < n.At + n.Length && n.At < at + name.Words.Length) || n.Structures.SequenceEqual(name.Structures));

    /// <summary>Parts of the face that stand for the muscle that moves them, where a claim names no muscle ("works the brow").</summary>
    private static readonly (string Words, string[] Structures)[] Parts =
    [
        ("forehead", ["frontalis"]),
        ("brow", ["frontalis"]),
        ("eyebrow", ["frontalis"]),
        ("lower lid", ["orbicularis-oculi-palpebral"]),
        ("upper lid", ["levator-palpebrae"]),
        ("eyelid", ["levator-palpebrae"]),
        ("cheek", ["zygomaticus-major", "zygomaticus-minor", "buccinator"]),
        ("lip", ["orbicularis-oris"]),
        ("mouth", ["orbicularis-oris"]),
        ("under the chin", ["digastric-anterior", "mylohyoid", "geniohyoid"]),
        ("chin", ["mentalis"]),
        ("jaw", ["masseter-superficial", "masseter-deep", "temporalis", "mylohyoid", "digastric-anterior", "lateral-pterygoid"]),
        ("back of the neck", ["suboccipitals", "splenius-capitis", "trapezius-descending"]),
        ("nape", ["suboccipitals", "splenius-capitis", "trapezius-descending"]),
        ("side of the neck", ["sternocleidomastoid", "scalenes", "trapezius-descending"]),
        ("neck", ["platysma", "sternocleidomastoid", "longus-capitis-colli"]),
        ("tongue", ["intrinsic-tongue", "genioglossus"]),
        ("temple", ["temporalis"]),
        ("nose", ["nasalis-transverse", "levator-labii-alaeque-nasi", "procerus"]),
        ("scalp", ["frontalis", "occipitalis"]),
    ];

    /// <summary>Structures that a part of the face stands for; empty when the text names none.</summary>
    public static IReadOnlyList<string> OfPart(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return Parts.FirstOrDefault(p => Says(text.ToLowerInvariant(), p.Words)).Structures ?? [];
    }

    /// <summary>The kind of work that a claim's verb or text says.</summary>
    public static ClaimVerb Verb(string? verb, string text)
    {
        var words = $"{verb} {text}";
        if (Strengthen().IsMatch(words))
            return ClaimVerb.Strengthens;
        if (Drain().IsMatch(words))
            return ClaimVerb.Drains;
        if (Relax().IsMatch(words))
            return ClaimVerb.Relaxes;
        if (Stretch().IsMatch(words))
            return ClaimVerb.Stretches;
        if (Massage().IsMatch(words))
            return ClaimVerb.Massages;
        if (Train().IsMatch(words))
            return ClaimVerb.Trains;
        if (Lower().IsMatch(words))
            return ClaimVerb.Lowers;
        return Lift().IsMatch(words) ? ClaimVerb.Lifts : ClaimVerb.Other;
    }

    private sealed record Name(string Words, string[] Structures);

    /// <summary>Every name of an atlas, the longest first: made once, the atlas never changes.</summary>
    private static readonly ConditionalWeakTable<Atlas, Name[]> Names = [];

    private static Name[] NamesOf(Atlas atlas) =>
        [
            .. Common
                .Select(c => new Name(c.Words, c.Structures))
                .Concat(
                    atlas.Document.Muscles.SelectMany(m =>
                        new[]
                        {
                            m.PlainName,
                            m.Common,
                            m.NameEn,
                            m.NameLaTa2.Replace("Musculus ", "", StringComparison.OrdinalIgnoreCase),
                            m.Id.Replace('-', ' '),
                            m.Id,
                        }.Select(n => new Name(n.ToLowerInvariant(), [m.Id]))
                    )
                )
                .Where(n => n.Words.Length > 4)
                .OrderByDescending(n => n.Words.Length),
        ];

    /// <summary>Whether a text says a name as words of its own; a plural s or es may follow.</summary>
    internal static bool Says(string text, string words) => Find(text, words) >= 0;

    /// <summary>Where a text in lower case says a name as words of its own; -1 when it does not.</summary>
    internal static int Find(string text, string words, int from = 0)
    {
        for (
            var at = text.IndexOf(words, from, StringComparison.Ordinal);
            at >= 0;
            at = text.IndexOf(words, at + 1, StringComparison.Ordinal)
        )
        {
            if (at > 0 && char.IsLetter(text[at - 1]))
                continue;
            var rest = text.AsSpan(at + words.Length);
            if (Ends(rest) || (rest.StartsWith("es") && Ends(rest[2..])) || (rest.StartsWith("s") && Ends(rest[1..])))
                return at;
        }
        return -1;

        static bool Ends(ReadOnlySpan<char> rest) => rest.IsEmpty || !char.IsLetter(rest[0]);
    }

    [GeneratedRegex(
        @"\b(?:strengthen\w*|ton(?:e|es|ed|ing)|firm(?:s|ed|ing)?|build(?:s|ing)?\s+(?:up|strength|muscle\w*|the|your)"
            + @"|bulk\w*|harden\w*|makes?\b.*\bstronger"
            + @"|stronger|(?:giv|lend|add|bring|restor|gain|return|develop|increas|improv)\w*\b[^.;]*\bstrength)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Strengthen();

    [GeneratedRegex(
        @"\b(?:drain\w*|lymph\w*|works?\s+on\s+(?:the\s+)?fluid|(?:moves?|moving|push(?:es)?|carr(?:y|ies)|leads?|guides?"
            + @"|brings?|sends?|sweeps?|directs?|supports?|helps?|aids?)\b.*\bfluid|fluid\b.*\b(?:moves?|flows?|leaves?"
            + @"|runs?|travels?|goes|(?:is|gets)\s+(?:led|moved|pushed|carried|guided|swept"
            + @"|sent|brought)))\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Drain();

    [GeneratedRegex(
        @"\b(?:relax\w*|releas\w*|soften\w*|loosen\w*|unwind\w*|calm\w*|rests?\b(?!\s+(?:on|at|against|in|under|above|over"
            + @"|beside|between|behind|along)\b)|lets?\b.{0,30}\bgo\b"
            + @"|(?:stays?|remains?|keeps?|is|are)\s+(?:\p{L}+ly\s+)?(?:loose|soft|limp|slack)\b"
            + @"|quiet\w*|eases?"
            + @"|takes?\s+(?:the\s+)?(?:stress|tension|strain|load)\s+(?:out\s+of|off|from)|reliev\w*|sooth\w*"
            + @"|alleviat\w*|inhibit\w*)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Relax();

    [GeneratedRegex(@"\b(?:stretch\w*|lengthen\w*|elongat\w*)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Stretch();

    [GeneratedRegex(
        @"\b(?:massag\w*|knead\w*|goes\s+(?:deep|right|far|straight)\s+(?:in)?to|press(?:es|ed)?|(?:is|are)\s+held|compress\w*|reach(?:es"
            + @"|ed)?(?!\s+for\b)|mobili[sz]\w*)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Massage();

    [GeneratedRegex(
        @"\b(?:works?|working|workout|trains?|training|activat\w*|engag\w*|exercis\w*|isolat\w*|recruit\w*|wak(?:es?|ing)"
            + @"\s+up|uses|contracts?|tightens?|widen-eyes"
            + @"|(?:main|chief|principal)\s+(?:muscle|worker|mover)|most\s+of\s+the\s+(?:work|job))\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Train();

    [GeneratedRegex(@"\b(?:lowers?|pulls?\b.*\bdown|draws?\b.*\bdown|drops?|depress\w*)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Lower();

    [GeneratedRegex(@"\b(?:lifts?|lifting|raises?|raising|elevat\w*|pulls?\b.*\bup|draws?\b.*\bup)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Lift();
}
