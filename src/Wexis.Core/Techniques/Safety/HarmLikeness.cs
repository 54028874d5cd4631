using System.Collections.Frozen;
using System.Globalization;
using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Safety;

/// <summary>
/// A second reader of sentences, for what no frame of <see cref="SaidHazards"/> knows: how much a sentence is like those that teach a
/// harm, and how much like their harmless look-alikes. A sum of weights of its words, pairs of words and kinds of words; the weights were
/// learned (logistic regression) from the lines of <c>tests/cases/said</c>, all our own. It never stops a technique: it asks.
/// </summary>
public static partial class HarmLikeness
{
    private const string Resource = "Wexis.Core.said-weights.tsv";

    /// <summary>
    /// From this sum on a sentence is asked about: some three in a hundred harmless lines that it was not taught reach it.
    /// </summary>
    public const double Asks = 2.5;

    /// <summary>From this sum down the whole sentence is that of a look-alike: a pair or a mention in it is none.</summary>
    public const double Clears = -2;

    /// <summary>Kinds of words. Words of a kind stand for each other in pairs ("press", "squash", "drum").</summary>
    private static readonly (string Kind, string Words)[] KindLists =
    [
        (
            "SIGN",
            "pain painful hurt ache sting stinging burn burning throb throbbing tingle tingling tingly numb numbness dizzy dizziness "
                + "giddy giddiness woozy faint nausea nauseous sick flashes stars sparks sparkles double blur blurred blurry "
                + "headache cramp palpitations ringing spinning dead sore soreness agony smart wince stabbing shooting "
                + "unbearable breathless seasick queasy prickle grey swim vertigo suffering scream tears torture discomfort "
                + "gasp moan"
        ),
        (
            "PRESS",
            "press push squeeze rub massage knead poke dig squash compress lean pinch grip grasp grab clasp pump bore drill thumb "
                + "pressure clamp drum jab shove crush grind wring screw hook milk punch hit slap beat knock"
        ),
        ("STROKE", "stroke glide sweep slide iron scrape draw drag run wipe polish brush smooth tap"),
        ("EYE", "eyeball eye lid eyelid globe lash cornea pupil"),
        ("SOCKET", "socket orbit orbital"),
        ("RIM", "rim bone brow cheekbone bony ridge"),
        ("NECK", "throat carotid artery arteries pulse windpipe larynx neck adam apple voice box trachea beat"),
        ("HEAD", "head skull crown"),
        ("TURN", "turn twist jerk yank pull wrench rotate roll tilt tip crank snap swing whip fling throw bounce spin"),
        ("CRACK", "crack click pop crunch crackle"),
        ("JAW", "jaw mandible joint hinge"),
        ("TEETH", "teeth bite clench molar chew gnash"),
        ("BREATH", "breath breathe breathing inhale exhale air lungs nose"),
        (
            "BROKEN",
            "wound scar rash mole pimple acne eczema cut graze blister scab stitches wart herpes boil lesion birthmark vein infected "
                + "inflamed swollen stye blackhead psoriasis shingles sunburn fever tattoo"
        ),
        (
            "TREATED",
            "filler peel peeling botulinum thread laser injection injected surgery operation needling lift treated facelift implant"
        ),
        ("DRIVE", "drive driving wheel steer traffic car bike bicycle motorway road commute cycling motorbike truck handlebars ladder saw"),
        ("MARK", "bruise bruised blue purple mark welts spots red redness streaks dark ring dots blood"),
        (
            "HARD",
            "hard harder force forcefully forced strong strongly strength powerful power might deep deeper deeply firm firmly full "
                + "fast quickly sharply vigorous brisk intense maximum weight"
        ),
        (
            "SOFT",
            "soft softly gentle gently light lightly slow slowly feather calm calmly loose loosely easy easily mild mildly "
                + "comfortable pleasant quiet quietly relax relaxed warm"
        ),
        ("END", "stop pause end rest leave skip spare avoid wait sit lie release ease lighten postpone refer ask call refuse"),
        ("DOCTOR", "doctor dentist clinician surgeon physiotherapist injector clinic emergency help hospital ambulance"),
        (
            "ON",
            "keep continue carry ignore despite through persist anyway regardless more further brave bravely tough endure bear "
                + "finish proceed"
        ),
        (
            "PRAISE",
            "good proof prove sign normal natural aim goal want success means shows progress badge right correct better best "
                + "harmless fine welcome enjoy"
        ),
        ("FAULT", "fault mistake danger dangerous wrong risk harm warning too limit forbidden reason"),
        ("SUN", "sun sunlight sunshine midday noon lamp"),
        ("TOOL", "cup cupping spoon roller stone scraper glass tool edge suction comb"),
        ("EAR", "ear"),
        ("CANAL", "canal hole passage drum"),
        ("HAND", "hand finger fingertip palm knuckles fist"),
    ];

    private static readonly FrozenDictionary<string, string> Kinds = KindLists
        .SelectMany(k => k.Words.Split(' ').Select(w => (Stem: Stem(w), k.Kind)))
        .DistinctBy(k => k.Stem)
        .ToFrozenDictionary(k => k.Stem, k => k.Kind, StringComparer.Ordinal);

    private static readonly FrozenSet<string> Negations = FrozenSet.Create(
        StringComparer.Ordinal,
        "not never no without nothing nobody none don't doesn't isn't won't cannot can't mustn't shouldn't hardly neither nor".Split(' ')
    );

    private static readonly FrozenSet<string> Aside = FrozenSet.Create(
        StringComparer.Ordinal,
        "beside off around outside away behind below clear near".Split(' ')
    );

    private static readonly Lazy<FrozenDictionary<string, double>> Weights = new(Load);

    /// <summary>Sum of weights of a sentence: above zero it is more like a harm, below it more like a look-alike.</summary>
    public static double Of(string sentence)
    {
        var weights = Weights.Value;
        // Weights are told to the hundredth: so is their sum, whatever order it is added in.
        return Math.Round(Features(sentence).Sum(f => weights.GetValueOrDefault(f)), 2);
    }

    /// <summary>What is looked at in a sentence, each once: words with their negation, pairs, threes, kinds that come together.</summary>
    public static IReadOnlySet<string> Features(string sentence)
    {
        ArgumentNullException.ThrowIfNull(sentence);
        var found = new HashSet<string>(StringComparer.Ordinal) { "bias" };
        var line = new List<string>();
        var kinds = new SortedSet<string>(StringComparer.Ordinal);
        var negated = "";
        foreach (var word in Tokens().Matches(sentence.ToLowerInvariant().Replace('’', '\'')).Select(m => m.Value))
        {
            if (!char.IsLetter(word[0]))
            {
                negated = "";
                line.Add(word);
                continue;
            }
            if (word is "but" or "then" or "and")
                negated = "";
            if (Negations.Contains(word))
            {
                negated = "N_";
                found.Add(word);
                line.Add("NOT");
                continue;
            }
            if (Aside.Contains(word))
                found.Add("ASIDE");
            var stem = Stem(word);
            found.Add(stem);
            found.Add(negated + stem);
            if (Kinds.TryGetValue(stem, out var kind))
            {
                found.Add(kind);
                found.Add(negated + kind);
                kinds.Add(negated + kind);
            }
            line.Add(kind ?? stem);
        }
        Pairs(found, line, [.. kinds]);
        return found;
    }

    private static void Pairs(HashSet<string> found, List<string> line, IReadOnlyList<string> kinds)
    {
        for (var i = 0; i < line.Count; i++)
        {
            if (i + 1 < line.Count)
                found.Add($"{line[i]} {line[i + 1]}");
            if (i + 2 < line.Count)
                found.Add($"{line[i]} {line[i + 1]} {line[i + 2]}");
        }
        for (var i = 0; i < kinds.Count; i++)
        for (var j = i + 1; j < kinds.Count; j++)
            found.Add($"{kinds[i]}&{kinds[j]}");
        if (line.Count > 0)
            found.Add($"first:{line[0]}");
    }

    /// <summary>A word without its ending, roughly: "pressing", "pressed", "presses" are one.</summary>
    private static string Stem(string word)
    {
        foreach (var ending in (ReadOnlySpan<string>)["ingly", "edly", "ness", "ing", "ed", "es", "ly", "s"])
            if (
                word.EndsWith(ending, StringComparison.Ordinal)
                && word.Length - ending.Length >= 3
                && !(ending == "s" && word.EndsWith("ss", StringComparison.Ordinal))
            )
            {
                word = word[..^ending.Length];
                break;
            }
        if (word.Length > 3 && word[^1] == word[^2] && "bdgmnprt".Contains(word[^1], StringComparison.Ordinal))
            word = word[..^1];
        if (word.Length > 3 && word[^1] == 'e')
            word = word[..^1];
        return word.Length > 3 && word[^1] == 'i' ? $"{word[..^1]}y" : word;
    }

    private static FrozenDictionary<string, double> Load()
    {
        using var stream = typeof(HarmLikeness).Assembly.GetManifestResourceStream(Resource)
            ?? throw new InvalidOperationException($"{Resource} is missing.");
        using var reader = new StreamReader(stream);
        var weights = new Dictionary<string, double>(StringComparer.Ordinal);
        while (reader.ReadLine() is { } row)
            if (row.Split('\t') is [var feature, var weight])
                weights[feature] = double.Parse(weight, CultureInfo.InvariantCulture);
        return weights.ToFrozenDictionary(StringComparer.Ordinal);
    }

    [GeneratedRegex(@"[\p{L}']*\p{L}[\p{L}']*|[:;,.!?]")]
    private static partial Regex Tokens();
}
