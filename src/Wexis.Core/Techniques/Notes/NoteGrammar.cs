using System.Globalization;
using System.Text.RegularExpressions;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// What a word does in its sentence: a phrase is read once, as one thing, and what is left over of weight is asked about. In this order:
/// how much, what keeps still, what it goes against, how hard, with what, how fast; then what is done, and where.
/// </summary>
internal sealed partial class NoteGlossary
{
    /// <summary>A sentence of which each phrase is read once.</summary>
    private sealed class Phrases(string sentence)
    {
        /// <summary>Stands where something was read: no space, so that what stood on either side of it does not become one phrase.</summary>
        public const char Read = '·';

        /// <summary>What nothing has read yet; the rest keeps its place.</summary>
        public string Left { get; private set; } = sentence;

        public Match? Take(Regex pattern)
        {
            var m = pattern.Match(Left);
            if (!m.Success)
                return null;
            Blank(m);
            return m;
        }

        public IReadOnlyList<Match> TakeAll(Regex pattern)
        {
            var all = pattern.Matches(Left).ToList();
            foreach (var m in all)
                Blank(m);
            return all;
        }

        /// <summary>What is left, without the marks of what was read.</summary>
        public string Loose => Left.Replace(Read, ' ');

        public void Blank(Capture m) => Blank(m.Index, m.Length);

        public void Blank(int at, int length) => Left = $"{Left[..at]}{new string(Read, length)}{Left[(at + length)..]}";
    }

    /// <summary>Parts that the sentence wants quiet.</summary>
    public static IReadOnlyList<string> Still(string sentence) => StillIn(StillPhrase().Matches(sentence));

    private static IReadOnlyList<string> StillIn(IEnumerable<Match> phrases) =>
        [
            .. phrases
                .SelectMany(m => StillParts.Where(p => Regex.IsMatch(m.Value, $@"\b{p.Words}s?\b", RegexOptions.IgnoreCase)))
                .Select(p => p.Zone)
                .Distinct(),
        ];

    /// <summary>A step, when the sentence says what happens; what it leaves open is named.</summary>
    /// <param name="before">The part that moved before, of which the sentence may go on to speak; null for none.</param>
    public Step? Step(string sentence, out IReadOnlyList<string> unknown, string? before = null)
    {
        var open = new List<string>();
        unknown = open;
        var told = sentence;
        sentence = SpeltOut(sentence);
        var dose = Dose(sentence);
        var figures = InFigures(sentence);
        var phrases = new Phrases(figures);
        phrases.TakeAll(OftenWords());
        var turns = phrases.TakeAll(BothTurns());
        var palming = phrases.Take(PalmsOverEyes());
        var warmed = phrases.TakeAll(WarmsHands()).Count > 0;
        var end = phrases.Take(Until())?.Value.Trim() ?? phrases.Take(HalfWay())?.Value;
        var tempo = TempoOf(phrases);
        phrases.TakeAll(DoseWords());
        phrases.TakeAll(Angle());
        var relaxed = phrases.TakeAll(RelaxesPart());
        var still = StillIn(phrases.TakeAll(StillPhrase()));
        var against = phrases.Take(Against());
        var pressure = PressureIn(phrases, open);
        var nearFar = phrases.Take(NearAndFar());
        var hands = HandsIn(phrases.Left);
        var contact = Contacts.FirstOrDefault(c => phrases.Take(c.Pattern) is not null).Contact ?? (warmed ? "whole-palm" : null);
        if (contact is { } tool && tool.StartsWith("tool", StringComparison.Ordinal))
            phrases.TakeAll(Contacts.First(c => c.Contact == tool).Pattern);
        if (contact is null && against is not null && LiesThere().IsMatch(figures[(against.Index + against.Length)..]))
            contact = Contacts.FirstOrDefault(c => c.Pattern.IsMatch(against.Value)).Contact
                ?? (HandWord().IsMatch(against.Value) ? "whole-palm" : null);
        phrases.TakeAll(HowItFeels());
        if (contact is null && against is not null && LaidHands().IsMatch(sentence))
            contact = "whole-palm";
        var moves = MovesIn(phrases, hands, against?.Index, out var works, before);
        // Lips that are rolled in while they smile: how they are held.
        var rolled = moves.Exists(m => m.Do == "smile") && moves.RemoveAll(m => m.Do == "roll-lips-in") > 0;
        if (palming is not null)
            moves.Insert(0, new(palming.Index, "palm-eyes", null));
        if (nearFar is not null)
            moves.Insert(0, new(nearFar.Index, "near-far", "near-far"));
        still = [.. still.Union(StillIn(relaxed).Where(z => !moves.Exists(m => MovesPart(m.Do, z))))];
        // What moves by itself is no place of a hand.
        var where = moves.Count > 0 ? phrases.Loose : HowItFeels().Replace(sentence, m => m.Value[0] == '(' ? m.Value : " ");
        var work = WorkOf(phrases, works, contact);
        if (work?.Verb == "press" && against is not null && moves.Count > 0)
            // What pushes against a finger is the face.
            work = null;
        var hand = work?.Verb;
        var sides = SidesOf(sentence);
        if (hand is null && moves.Count > 0 && moves.All(m => OneSideAtATime.Contains(m.Do)) && phrases.Take(LeftAndRight()) is not null)
            sides = "one-then-other";
        if (hand is null && sides == "both" && moves.Count > 0 && moves.All(m => OneSideAtATime.Contains(m.Do)))
            // Nobody turns to both sides at once.
            sides = "one-then-other";
        if (hand is null && moves.Exists(m => OneSideAtATime.Contains(m.Do)) && TurnsBothWays().IsMatch(sentence))
            sides = "one-then-other";
        if (hand == "stroke" && contact == "pinch-thumb-index" && MassageWord().IsMatch(sentence))
            // What is massaged between finger and thumb is kneaded.
            hand = "knead";
        if (
            hand is null
            && contact is { } alone
            && (alone.StartsWith("roller", StringComparison.Ordinal) || alone.StartsWith("tool", StringComparison.Ordinal))
        )
            hand =
                alone.StartsWith("roller", StringComparison.Ordinal) ? "roll"
                : HeatOrCold().IsMatch(sentence) ? "heat-cold"
                : "tool-stroke";
        if (hand is null && moves.Count == 0)
        {
            if (BreathsCounted().Match(InFigures(sentence)) is { Success: true } breaths)
                moves = [new(breaths.Index, "breathe", null)];
            else if (contact is not null && ToWord().IsMatch(sentence) && !Lays().IsMatch(sentence) && PlacesIn(sentence).Count > 1)
                // "Ring finger under the eye, inner to outer corner": a hand that goes somewhere strokes.
                hand = "stroke";
            else if (contact is not null && dose is not null && (Laid().IsMatch(sentence) || (warmed && LaysThem().IsMatch(sentence))))
                // Hands that are laid somewhere for a time do that and nothing else.
                hand = "hold-still";
            else if (pressure is not null && TouchWord().IsMatch(sentence) && PlacesIn(sentence).Count + ZonesIn(sentence).Count > 0)
                // "A feather touch down the neck": a touch that goes somewhere is a stroke.
                hand = "stroke";
            else if (
                contact is null
                && phrases.Take(WithTheTongue()) is { } tongue
                && DoneBy.Any(d => d.Verb == "circle" && d.Words.IsMatch(sentence))
            )
                // "5 circles with the tongue": it circles, and no hand.
                moves = [new(tongue.Index, "tongue-circle-vestibule", null)];
            else if (DoneBy.FirstOrDefault(d => d.Words.IsMatch(sentence)).Verb is { } counted)
                // "From the chin to the ear, 12 strokes": what is counted is what is done.
                hand = counted;
            else
                return null;
        }
        if (
            dose is not null
            && hand is null
            && moves.Exists(m => LetsGo.Contains(m.Do) || m.Do == "close-lids")
            && OnlyRest().Match(dose.Line!) is { Success: true } rests
        )
            // "Close the eyes and rest for 20 s": the rest is what is done.
            dose = Said($"{rests.Groups["n"].Value} s");
        if (dose is not null && hand is null && sides == "one-then-other")
            dose = WithDose(dose, "each side");
        if (dose is null)
            open.Add(turns is [var uneven, ..] ? $"“{uneven.Value.Trim()}”: a dose turns as often each way. How many?" : HowManyAsked);
        var step = new Step(
            [.. Acts(moves, sides, hand is null && contact is null ? figures : phrases.Left, against is not null || Pressed(work, moves))],
            [],
            null,
            moves.Select(m => m.Gaze).OfType<string>().FirstOrDefault(),
            [.. still],
            dose,
            null,
            end,
            Cue(told),
            StateOf(sentence, moves, rolled),
            tempo
        );
        if (HandOf(hand, work, moves, contact, against, pressure, sentence, where, open) is { } track)
            step = step with { Hands = [track] };
        if (
            Here().Match(sentence) is { Success: true } here
            && !(here.Value.Equals("there", StringComparison.OrdinalIgnoreCase) && Placed(step))
        )
            open.Add($"“{here.Value.Trim().ToLowerInvariant()}”: where, or how?");
        if (sides == "alternating" && hand is null && contact is null && !(InItself(moves) ? BareSides() : SideWords()).IsMatch(sentence))
        {
            // "Kiss and smile, alternate": one movement and the other.
            if (!InItself(moves))
                open.Add("“alternate”: the sides, or with what came before?");
            step = step with { Acts = [.. step.AllActs.Select(a => a with { Side = "both" })] };
        }
        if (OnlyAWay().IsMatch(sentence))
            open.Remove(FromWhereAsked);
        if (hand == "stroke" && step.AllHands is [{ AllPath.Count: > 1 }] && !GoesTo().IsMatch(sentence))
            open.Add(FromWhereAsked);
        if (LastOnly(sentence))
            open.Add("Only the last one is held? A dose holds each alike: give that hold a step of its own.");
        if (dose is not null && moves.Count == 1 && HoldsDiffer(dose.Line!))
            open.Add($"“{dose.Line}”: how long is each held?");
        if (dose is not null && CountsTwice(told))
            open.Add($"“{dose.Line}”: one after the other, or as sets? A dose counts once.");
        if (PressedInto().Match(sentence) is { Success: true } into)
            open.Add($"“{into.Value.ToLowerInvariant()}”: does the head press, or the hand?");
        if (sides is null && hand is null && !AlsoTheOther().IsMatch(sentence) && OneOfTwo().Match(sentence) is { Success: true } oneOf)
            open.Add($"“{oneOf.Value.ToLowerInvariant()}”: which one, or one after the other?");
        // Where a face moves from and to is no place of a hand.
        foreach (var ends in hand is null ? [] : Unplaced(sentence))
            open.Add($"“{ends}”: where is that?");
        if (hand == "circle" && CircleWay().Match(sentence) is { Success: true } turning)
            open.Add($"“{turning.Groups["way"].Value.ToLowerInvariant()}”: clockwise, or the other way?");
        if (
            hand == "stroke"
            && MassageWord().Match(sentence) is { Success: true } massage
            && sentence.IndexOf("strok", StringComparison.OrdinalIgnoreCase) < 0
        )
            open.Add($"“{massage.Value.ToLowerInvariant()}”: strokes, circles or kneading?");
        if (CrossesTheEye(step) && !AboveOrBelow().IsMatch(sentence))
            open.Add("From one corner of the eye to the other side of it: below the eye or above it?");
        if (hand == "stroke" && BothWays().Match(sentence) is { Success: true } rubbed)
            open.Add($"“{rubbed.Value.ToLowerInvariant()}”: strokes one way, or rubbing both ways?");
        if (sentence.Contains('?', StringComparison.Ordinal))
            open.Add("It is put as a question: is it meant so?");
        foreach (var left in LeftIn(phrases, step.AllHands.Count > 0 ? step.AllHands[0] : null).Distinct())
            open.Add($"“{left}”: what is it for here?");
        return step;
    }

    /// <summary>Whether what alternates is what is done ("kiss and smile", "shut and wide open"), and not the sides.</summary>
    private static bool InItself(IReadOnlyList<Moved> moves) => moves.Count > 1 || moves[0].Do == "squeeze-open";

    /// <summary>A word that leads from place to place.</summary>
    [GeneratedRegex(@"\b(?:from|to|towards?|into|until|down|up|over|past|via|then)\b", Free)]
    private static partial Regex GoesTo();

    /// <summary>"Head slightly back" says how the head is held, and not how hard anything is done.</summary>
    private static string WithoutPose(string sentence) =>
        ((Regex[])[HeadBack(), .. HeldStates]).Aggregate(sentence, (s, held) => held.Replace(s, " "));

    /// <summary>Whether a way leads straight from before the eye to behind it.</summary>
    private static bool CrossesTheEye(Step step) =>
        step.AllHands.Any(h =>
            h.AllPath.Zip(h.AllPath.Skip(1))
                .Any(leg => leg is ({ At: "endocanthion" }, { At: "exocanthion" or "temple_hollow" or "ear_front" }))
        );

    private static bool Placed(Step step) => step.AllHands.Any(h => h.AllPath.Count + h.AllZones.Count > 0);

    /// <summary>Ends of a way ("from the middle to the temples") that are no place that we know.</summary>
    private IEnumerable<string> Unplaced(string sentence)
    {
        if (FromTo().Match(WholeEnds(sentence)) is not { Success: true } way)
            yield break;
        foreach (var name in new[] { "a", "b" })
            if (way.Groups[name] is { Success: true } end && PlacesIn($"at {end.Value}").Count == 0 && PlacesIn(end.Value).Count == 0)
                yield return $"{(name == "a" ? "from" : "to")} {end.Value.Trim().ToLowerInvariant()}";
    }

    /// <summary>Cheeks full of air push against what presses them.</summary>
    private static bool Pressed(HandWork? work, IReadOnlyList<Moved> moves) =>
        work is { Verb: "press", Part: "cheek" } && moves.Any(m => m.Do == "puff-cheeks");

    private static IEnumerable<Act> Acts(IReadOnlyList<Moved> moves, string? sides, string told, bool resisted) =>
        moves.Select(m => new Act(
            m.Do,
            sides is "left" or "right" or "alternating" ? sides : "both",
            EffortIn(told, m, moves),
            resisted ? "finger" : null,
            null,
            null,
            [],
            null,
            null,
            null,
            null,
            null
        ));

    /// <summary>How strongly a movement is done: as its part of the sentence says, else one that tells of no movement.</summary>
    private static string? EffortIn(string told, Moved move, IReadOnlyList<Moved> moves)
    {
        if (moves.Count == 1)
            return EffortOf(WithoutPose(told));
        var clauses = ClauseIn().Matches(told).ToList();
        var own = clauses.Where(c => In(c, move)).Select(c => EffortOf(WithoutPose(c.Value))).FirstOrDefault();
        return own
            ?? clauses.Where(c => !moves.Any(m => In(c, m))).Select(c => EffortOf(WithoutPose(c.Value))).OfType<string>().FirstOrDefault();

        static bool In(Match clause, Moved moved) => clause.Index <= moved.At && moved.At < clause.Index + clause.Length;
    }

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

    /// <summary>How hard, where a sentence says no more; null where it says something else.</summary>
    public static int? OnlyPressure(string sentence)
    {
        var phrases = new Phrases(sentence);
        return PressureIn(phrases) is { } level && !Weighs(phrases.Loose.Trim().ToLowerInvariant()) ? level : null;
    }

    /// <summary>How hard; of two that are said ("medium to firm") the lighter, and it is asked.</summary>
    private static int? PressureIn(Phrases phrases, List<string>? open = null)
    {
        var said = PressureWords.Select(p => (p.Level, Match: phrases.Take(p.Pattern))).Where(p => p.Match is not null).ToList();
        phrases.TakeAll(PressureWord());
        if (said.Select(p => p.Level).Distinct().Count() > 1)
            open?.Add($"“{string.Join("”, “", said.Select(p => p.Match!.Value.Trim().ToLowerInvariant()))}”: how hard?");
        return said.Count == 0 ? null : said.Min(p => p.Level);
    }
}
