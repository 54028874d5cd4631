using System.Globalization;
using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>How a step is done: how strongly, how the rest is held meanwhile, how slowly, how hard a hand works.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>How strongly a movement is done: as its part of the sentence says, else one that tells of no movement.</summary>
    /// <param name="worksAt">Where a hand works: how it does that is not how the face moves; null without one.</param>
    private static string? EffortIn(string told, Moved move, IReadOnlyList<Moved> moves, int? worksAt)
    {
        // How it feels ("feel the neck tighten") is not how hard it is done.
        told = FeltSo().Replace(told, m => new string(' ', m.Length));
        return EffortAsTold(told, move, moves, worksAt) ?? (move.Do == "close-lids" && Squeezes().IsMatch(told) ? "strong" : null);
    }

    /// <summary>Eyes that are squeezed shut are shut tightly, where nothing else is said.</summary>
    [GeneratedRegex(
        @"\b(?:squeez|scrunch|screw|clench)\w*\b(?=[^.;]{0,30}\b(?:eyes?|lids?|shut|closed)\b)|\beyes?\s+squeez\w*|\bsqueez\w*\s+eyes?\b",
        Free
    )]
    private static partial Regex Squeezes();

    private static string? EffortAsTold(string told, Moved move, IReadOnlyList<Moved> moves, int? worksAt)
    {
        if (moves.Count == 1 && worksAt is null)
            return EffortOf(WithoutPose(told));
        var clauses = ClauseIn()
            .Matches(told)
            .Where(c => worksAt is not { } at || In(c, move) || at < c.Index || at >= c.Index + c.Length)
            .ToList();
        var own = clauses.Where(c => In(c, move)).Select(c => EffortOf(WithoutPose(c.Value))).FirstOrDefault();
        return own
            ?? clauses.Where(c => !moves.Any(m => In(c, m))).Select(c => EffortOf(WithoutPose(c.Value))).OfType<string>().FirstOrDefault();

        static bool In(Match clause, Moved moved) => clause.Index <= moved.At && moved.At < clause.Index + clause.Length;
    }

    [GeneratedRegex(@"\bfeel(?:ing)?\b(?!\s+for)[^,.;]*|\bso\s+(?:that\s+)?(?:the|your)\b[^,.;]*", Free)]
    private static partial Regex FeltSo();

    [GeneratedRegex(@"(?:(?!\b(?:and|then|while)\b)[^,;.+])+", Free)]
    private static partial Regex ClauseIn();

    /// <summary>Whether a movement is one of that part: what relaxes then is the movement itself.</summary>
    private static bool MovesPart(string move, string zone) =>
        zone switch
        {
            "forehead-central" or "brow" => move is "raise-brows" or "knit-brows" or "widen-eyes",
            "lateral-neck" => move.StartsWith("head-", StringComparison.Ordinal)
                || move is "chin-tuck" or "neck-bend-forward" or "grimace-neck",
            _ => false,
        };

    /// <summary>Whether all of these parts move in a step.</summary>
    public static bool MovesAll(Step step, IReadOnlyList<string> zones)
    {
        ArgumentNullException.ThrowIfNull(step);
        return zones.All(z => step.AllActs.Any(a => MovesPart(a.Do ?? "", z)));
    }

    /// <param name="rolled">Whether the lips are rolled in meanwhile.</param>
    private static PoseState? StateOf(string sentence, IReadOnlyList<Moved> moves, bool rolled)
    {
        rolled |= moves.Any(m => m.Do == "smile") && LipsOver().IsMatch(sentence);
        if (Pose(sentence) is not { } pose)
            return rolled ? NoPose with { Lips = "rolled-in" } : null;
        // What moves is not held besides.
        pose = pose with
        {
            Lids = moves.Any(m => m.Do is "close-lids" or "squeeze-open") ? null : pose.Lids,
            Tongue = moves.Any(m => m.Do.StartsWith("tongue-", StringComparison.Ordinal)) ? null : pose.Tongue,
            Head = moves.Any(m => m.Do is "head-back" or "neck-bend-forward") ? null : pose.Head,
            Shoulders = moves.Any(m => m.Do == "shrug") ? null : pose.Shoulders,
            Jaw = moves.Any(m => m.Do == "open-jaw") && pose.Tongue is not null ? null : pose.Jaw,
            Lips =
                rolled ? "rolled-in"
                : moves.Any(m => m.Do == "press-lips") && moves.Any(m => m.Do == "open-jaw") ? null
                : pose.Lips,
        };
        return pose == NoPose ? null : pose;
    }

    /// <summary>Seconds of a way back that is told to be slow and no more: from there on it counts as slow (R13).</summary>
    internal const double SlowBackSeconds = 2;

    /// <summary>"Slowly over 4 counts", "let go slowly": how long the way there and back takes.</summary>
    private static Tempo? TempoOf(Phrases phrases)
    {
        var counted = phrases.Take(BackOverCounts());
        var there = phrases.Take(OverCounts());
        var back = phrases.Take(SlowBack());
        return there is null && back is null && counted is null
            ? null
            : new(
                there is null ? null : Seconds(there),
                null,
                counted is not null ? Seconds(counted)
                    : back is null ? null
                    : SlowBackSeconds,
                null
            );

        static double Seconds(Match said) => double.Parse(said.Groups["n"].Value, CultureInfo.InvariantCulture);
    }

    public static int? PressureOf(string sentence) => PressureIn(new(sentence));

    /// <summary>Whether a sentence says what the skin is oiled with, and no more.</summary>
    public static bool OnlySlip(string sentence) => Slip().IsMatch(sentence) && !Slip().Replace(sentence, "", 1).Any(char.IsLetterOrDigit);

    public static bool NamesHands(string sentence) => HandWord().IsMatch(sentence);

    [GeneratedRegex(@"\bfinger(?:s|tips?)?\b", Free)]
    private static partial Regex FingerWord();

    public static bool Pulls(string sentence) => PullWord().IsMatch(sentence);

    [GeneratedRegex(@"\b(?:pull|draw|tug)(?:s|ing)?\b", Free)]
    private static partial Regex PullWord();

    /// <summary>Whether a sentence says that nothing glides, and no more.</summary>
    public static bool OnlyGrip(string sentence) => Dry().IsMatch(sentence) && !Dry().Replace(sentence, "", 1).Any(char.IsLetterOrDigit);

    public static bool ShowsNoTeeth(string sentence) => NoTeeth().IsMatch(sentence.TrimEnd('.', '!', ' '));

    public static bool IsDry(string sentence) => Dry().IsMatch(sentence);

    /// <summary>Whether what is taken to hand lets the hands glide.</summary>
    public static bool IsSlip(string material) => Slip().IsMatch(material);

    /// <summary>How hard, where a sentence says no more; null where it says something else.</summary>
    public static int? OnlyPressure(string sentence)
    {
        var phrases = new Phrases(sentence);
        return PressureIn(phrases) is { } level && Dose(sentence) is null && !Weighs(phrases.Loose.Trim().ToLowerInvariant())
            ? level
            : null;
    }

    /// <summary>How hard; of two that are said ("medium to firm") the lighter, and it is asked.</summary>
    private static int? PressureIn(Phrases phrases, List<string>? open = null)
    {
        // "Fingers on the temples, clench gently": how strongly the jaw does it.
        List<Match> byFace = HandWord().IsMatch(phrases.Left) ? [.. ClauseIn().Matches(phrases.Left).Where(OfTheFace)] : [];
        var said = PressureWords
            .Select(p =>
                (
                    p.Level,
                    Match: phrases.Take(p.Pattern, m =>
                        !IsDenied(phrases.Left, m.Index) && !byFace.Exists(c => c.Index <= m.Index && m.Index < c.Index + c.Length)
                    )
                )
            )
            .Where(p => p.Match is not null)
            .ToList();
        phrases.TakeAll(PressureWord());
        // "Gently, no pressure": the lighter of two light ones says how hard, the other how.
        if (said.Select(p => p.Level).Distinct().Count() > 1 && said.Exists(p => p.Level > 2))
            open?.Add($"“{string.Join("”, “", said.Select(p => p.Match!.Value.Trim().ToLowerInvariant()))}”: how hard?");
        return said.Count == 0 ? null : said.Min(p => p.Level);
    }

    /// <summary>
    /// Whether what stands there is told not to be: "never hard", "without firm pressure". What is forbidden says nothing of how it is
    /// done.
    /// </summary>
    private static bool IsDenied(string text, int at) => Denies().IsMatch(text[Math.Max(0, at - FarthestDenial)..at]);

    private const int FarthestDenial = 80;

    /// <summary>The part of the hand, or the tool, with which it is told to be done; null where none is.</summary>
    private static string? ContactIn(Phrases phrases) =>
        Contacts.FirstOrDefault(c => phrases.Take(c.Pattern, m => !IsDenied(phrases.Left, m.Index)) is not null).Contact;

    [GeneratedRegex(
        @"\b(?:no|not|never|nor|neither|without|avoid\w*|don['’]?t|do\s+not|must\s+not|instead\s+of|rather\s+than)\b"
            + @"(?:\s+(?:any|too|so|very|with|by|use|using|apply|applying|press|pressing|push|pushing|pull|pulling|work|working|rub"
            + @"|rubbing|it|them|down|in|hard|harder|strong|strongly|deep|deeply|firm|firmly|heavy|light|lightly|an?|the|or|and|nor"
            + @"|much))*\s*$",
        Free
    )]
    private static partial Regex Denies();

    /// <summary>How hard a word is by itself (any dictionary): what is laid there has its own weight; who pats does it lightly.</summary>
    private static int? HowHardByItself(string? hand, string sentence) =>
        hand == "heat-cold" && Laid().IsMatch(sentence) ? 1
        : hand is not null && LightInItself().IsMatch(sentence) ? 2
        : null;

    [GeneratedRegex(@"\b(?:caress|skim|dab|pat(?!\s+dry)|flutter)(?:s|es|(?:b|t)?ing)?\b", Free)]
    private static partial Regex LightInItself();

    /// <summary>What pinches is thumb and finger (any dictionary); so is what pulls or kneads an ear lobe (common practice).</summary>
    private static string? HandByItself(string? hand, string sentence) =>
        hand is "pinch-roll" or "pinch-hold" || (hand is "lift-hold" or "knead" && WithLobes().IsMatch(sentence))
            ? "pinch-thumb-index"
            : null;

    [GeneratedRegex(@"\b(?:pull|tug|draw|knead|massag|stretch)\w*\s+(?:(?:at|on|the|your|both)\s+)*(?:ear\s?)?lobes?\b", Free)]
    private static partial Regex WithLobes();

    /// <summary>Whether a clause tells of a movement that no hand does, and of no hand.</summary>
    private static bool OfTheFace(Match clause) =>
        !HandWord().IsMatch(clause.Value)
        && !PressureWord().IsMatch(clause.Value)
        && (
            TongueWord().IsMatch(clause.Value)
            || Roles
                .Chunk.Of(clause.Value, Phrases.Read, [])
                .Exists(c =>
                    c.Role == Roles.Role.Verb && Roles.RoleWords.Verb(c.Means) is { Work: null, Bare: false, Way: not ("loose" or "let") }
                )
        );

    [GeneratedRegex(@"\btongue\b", Free)]
    private static partial Regex TongueWord();

    /// <summary>"Tongue up, jaw open 10x": what is held so is a movement where it is counted.</summary>
    private static Moved? MovedSo(string sentence) =>
        HeldAsMoves
            .Select(h => (Match: h.Words.Match(sentence), h.Do))
            .Where(h => h.Match.Success)
            .Select(h => new Moved(h.Match.Index, h.Do, null))
            .FirstOrDefault();

    /// <summary>How a part is held, and the movement that takes it there.</summary>
    private static (Regex Words, string Do)[] HeldAsMoves =>
        [
            (MouthOpen(), "open-jaw"),
            (EyesShut(), "close-lids"),
            (TongueFirst(), "tongue-press-palate"),
            (HeadBack(), "head-back"),
            (ShouldersDown(), "drop-shoulders"),
        ];

    /// <summary>"Tongue up, 5x10 s": a tongue of which a sentence tells first.</summary>
    [GeneratedRegex(@"^\s*(?:(?:the|your)\s+)?tongue\s+(?:up|(?:on|to|at|against)\s+(?:the\s+|your\s+)?(?:palate|roof))\b", Free)]
    private static partial Regex TongueFirst();

    [GeneratedRegex(@"^\s*(?:\p{L}[\p{L} ]{1,30}:\s*)?(?:some\s+)?(?<what>(?:face\s+)?oil|cream|serum|lotion)\s+first\W*$", Free)]
    private static partial Regex SlipFirst();

    [GeneratedRegex(
        @"\b(?:(?:with\s+)?(?:some\s+|(?:a\s+)?(?:little|bit\s+of|few\s+drops\s+of)\s+)?(?:(?:eye|face|facial|night|day|hand"
            + @"|body)\s+)?(?:oil\w*|cream|serum)|slip)\b",
        Free
    )]
    private static partial Regex Slip();

    [GeneratedRegex(
        @"\b(?:dry|(?:without|no)\s+(?:any\s+)?(?:face\s+)?(?:oil|cream|serum|lotion)|(?:without|no)\s+(?:slid|slipp"
            + @"|glid)ing(?:\s+(?:on|over)\s+(?:the\s+|it\b)?(?:skin|hair)?)?)\b",
        Free
    )]
    private static partial Regex Dry();
}
