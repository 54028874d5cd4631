using System.Text.RegularExpressions;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes.Roles;

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
        /// <summary>
        /// Stands where something was read: no space, so that what stood on either side of it does not become one phrase.
        /// </summary>
        public const char Read = '·';

        /// <summary>The sentence as it was given.</summary>
        public string Whole { get; } = sentence;

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

        /// <summary>The first that is meant.</summary>
        public Match? Take(Regex pattern, Func<Match, bool> meant)
        {
            var m = pattern.Matches(Left).FirstOrDefault(meant);
            if (m is not null)
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
                // "No teeth": they are not shown.
                .Where(m => !NoTeeth().IsMatch(m.Value))
                .SelectMany(m => StillParts.Where(p => Regex.IsMatch(m.Value, $@"\b{p.Words}s?\b", RegexOptions.IgnoreCase)))
                .Select(p => p.Zone)
                .Distinct(),
        ];

    [GeneratedRegex(@"^\s*(?:no|not|without)\s+(?:(?:any|the|your)\s+)*teeth\s*$", Free)]
    private static partial Regex NoTeeth();

    /// <summary>A step, when the sentence says what happens; what it leaves open is named.</summary>
    /// <param name="before">The part that moved before, of which the sentence may go on to speak; null for none.</param>
    /// <param name="oneHand">Whether it is a clause of one hand: no second one is looked for in it.</param>
    public Step? Step(string sentence, out IReadOnlyList<string> unknown, string? before = null, bool oneHand = false)
    {
        var open = new List<string>();
        unknown = open;
        var told = sentence;
        sentence = SpeltOut(sentence);
        if (!oneHand && TwoHands(sentence, open) is { } two)
            return two;
        var dose = Dose(BackOverCounts().Replace(InFigures(sentence), " "));
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
        var against = phrases.Take(Against(), m => !IsDenied(phrases.Left, m.Index));
        var pressure = PressureIn(phrases, open);
        var nearFar = phrases.Take(NearAndFar());
        var hands = HandsIn(phrases.Left);
        var contact = ContactIn(phrases) ?? (warmed ? "whole-palm" : null);
        if (contact is { } tool && tool.StartsWith("tool", StringComparison.Ordinal))
            phrases.TakeAll(Contacts.First(c => c.Contact == tool).Pattern);
        if (contact is null && against is not null && LiesThere().IsMatch(figures[(against.Index + against.Length)..]))
            contact = Contacts.FirstOrDefault(c => c.Pattern.IsMatch(against.Value)).Contact
                ?? (
                    FingerWord().IsMatch(against.Value) ? "four-fingers"
                    : HandWord().IsMatch(against.Value) ? "whole-palm"
                    : null
                );
        var tries = against is null && (contact is not null || HandWord().IsMatch(sentence)) && TriesTo().IsMatch(sentence);
        phrases.TakeAll(HowItFeels());
        if (contact is null && against is not null && LaidHands().IsMatch(sentence))
            contact = "whole-palm";
        var moves = MovesIn(phrases, hands, OffersResistance(against) ? null : against?.Index, out var works, before);
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
        // What is pulled and held there is no stroke.
        if (work is { Bare: true } && HoldOf(sentence) is not null)
            work = work with { Bare = false };
        var hand = work?.Verb;
        var sides = SidesOf(sentence);
        if (hand is null && moves.Count > 0 && moves.All(m => OneSideAtATime.Contains(m.Do)) && phrases.Take(LeftAndRight()) is not null)
            sides = "one-then-other";
        if (hand is null && sides == "both" && moves.Count > 0 && moves.All(m => OneSideAtATime.Contains(m.Do)))
            // Nobody turns to both sides at once.
            sides = "one-then-other";
        if (hand is null && moves.Exists(m => OneSideAtATime.Contains(m.Do)) && TurnsBothWays().IsMatch(sentence))
            sides = "one-then-other";
        if (hand is null && sides is null or "left" or "right" && moves.TrueForAll(HasTwoSides) && TellsBothSides(phrases))
            sides = "one-then-other";
        if (hand == "stroke" && contact == "pinch-thumb-index" && MassageWord().IsMatch(sentence))
            // What is massaged between finger and thumb is kneaded.
            hand = "knead";
        // "Massage the point, 10 circles".
        if (hand == "stroke" && MassageWord().IsMatch(sentence) && CountedCircles().IsMatch(sentence))
            hand = "circle";
        // What strokes up and down goes no way: it rubs.
        if (hand == "stroke" && UpAndDown().IsMatch(sentence) && PlacesIn(sentence).Count < 2)
            hand = "friction";
        if (hand == "pinch-roll" && (PinchAndHold().IsMatch(sentence) || PinchedFor().IsMatch(sentence)))
            hand = "pinch-hold";
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
            if (dose is not null && contact is null && IsCounted(dose) && Count().IsMatch(dose.Line!) && MovedSo(sentence) is { } so)
                moves = [so];
            else if (BreathsCounted().Match(InFigures(sentence)) is { Success: true } breaths)
                moves = [new(breaths.Index, "breathe", null)];
            else if (contact is not null && ToWord().IsMatch(sentence) && !Lays().IsMatch(sentence) && PlacesIn(sentence).Count > 1)
                // "Ring finger under the eye, inner to outer corner": a hand that goes somewhere strokes.
                hand = "stroke";
            else if (dose is not null && (Laid().IsMatch(sentence) || (warmed && LaysThem().IsMatch(sentence))))
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
            else if (contact is not null && phrases.Take(InCircles()) is not null)
                // "Knuckles in small circles in front of the ear".
                hand = "circle";
            else if (DoneBy.FirstOrDefault(d => d.Words.IsMatch(contact is null ? sentence : figures)).Verb is { } counted)
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
        if (moves.Count > 0 && dose?.Line is { } line && EqualHolds().Replace(line, "${h}") is var once && once != line)
            // "Kiss, hold 5 s, smile, hold 5 s": each is held as long.
            dose = Said(once);
        if (dose is not null && hand is null && sides == "one-then-other" && !GazeRound(moves) && !BareSides().IsMatch(dose.Line!))
            dose = WithDose(dose, "each side");
        if (dose is null)
            open.Add(turns is [var uneven, ..] ? $"“{uneven.Value.Trim()}”: a dose turns as often each way. How many?" : HowManyAsked);
        var step = new Step(
            [
                .. Acts(
                    moves,
                    sides,
                    hand is null && contact is null ? figures : phrases.Left,
                    against is not null || tries || Pressed(work, moves),
                    work?.At
                ),
            ],
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
        pressure ??= HowHardByItself(hand, sentence);
        contact ??= HandByItself(hand, sentence);
        if (HandOf(hand, work, moves, contact, against, pressure, sentence, where, open) is { } track)
            step = step with { Hands = [sides == "alternating" && track.Sides is "both" ? track with { Sides = sides } : track] };
        if (
            Here().Match(sentence) is { Success: true } here
            && !(moves.Count > 0 && HeldThere().IsMatch(sentence))
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
        if (moves.Exists(m => m.Do == "full-blink") && EyesShut().Match(sentence) is { Success: true } shut)
            open.Add($"“{shut.Value.ToLowerInvariant()}”: between the blinks, or after them?");
        if (OnlyAWay().IsMatch(sentence))
            open.Remove(FromWhereAsked);
        if (hand == "lift-hold" && Pulled().Match(sentence).Groups["way"].Captures is { Count: > 2 } pulls)
            open.Add(
                $"“{string.Join(", ", pulls.Select(p => p.Value.ToLowerInvariant()))}”: one after the other? Give each a step of its own."
            );
        if (hand == "stroke" && step.AllHands is [{ AllPath.Count: > 1 }] && !GoesTo().IsMatch(sentence))
            open.Add(FromWhereAsked);
        if (LastOnly(sentence))
            open.Add("Only the last one is held? A dose holds each alike: give that hold a step of its own.");
        if (HeldThenPulsed().Match(told) is { Success: true } pulsed)
            open.Add(
                $"“{pulsed.Groups["pulse"].Value.Trim().ToLowerInvariant()}”: each time, or after the hold? Give the pulses a step of "
                    + "their own."
            );
        if (dose is not null && moves.Count == 1 && HoldsDiffer(dose.Line!))
            open.Add($"“{dose.Line}”: how long is each held?");
        if (dose is not null && !dose.Line!.Contains("each way", StringComparison.OrdinalIgnoreCase) && CountsTwice(told))
            open.Add($"“{dose.Line}”: one after the other, or as sets? A dose counts once.");
        if (PressedInto().Match(sentence) is { Success: true } into)
            open.Add($"“{into.Value.ToLowerInvariant()}”: does the head press, or the hand?");
        if (
            sides is null
            && hand is null
            && !NamesSides(dose?.Line ?? "")
            && !AlsoTheOther().IsMatch(sentence)
            && OneOfTwo().Match(sentence) is { Success: true } oneOf
        )
            open.Add($"“{oneOf.Value.ToLowerInvariant()}”: {WhichOneAsked}");
        // Where a face moves from and to is no place of a hand.
        foreach (var ends in hand is null ? [] : Unplaced(sentence))
            open.Add($"“{ends}”: where is that?");
        if (
            hand == "circle"
            && CircleWay().Match(sentence) is { Success: true } turning
            && step.AllHands is [{ Direction: not ("outward" or "inward" or "up" or "down") }]
        )
            open.Add($"“{turning.Groups["way"].Value.ToLowerInvariant()}”: clockwise, or the other way?");
        if (
            hand == "stroke"
            && step.AllHands is [{ AllPath.Count: < 2, Direction: null }]
            && MassageWord().Match(sentence) is { Success: true } massage
            && sentence.IndexOf("strok", StringComparison.OrdinalIgnoreCase) < 0
        )
            open.Add($"“{massage.Value.ToLowerInvariant()}”: {WhichMassageAsked}");
        if (
            hand is null
            && FromSideToSide().Match(sentence) is { Success: true } across
            && !moves.Exists(m => RoleWords.WaysIn(m.Do).Any(w => w is "left" or "right" or "side" or "turn" or "tilt"))
        )
            open.Add($"“{across.Value.ToLowerInvariant()}”: what is it for here?");
        if (CrossesTheEye(step) && !LidNamed().IsMatch(sentence))
            open.Add("This way would lead over the eye: below it, or above it?");
        if (hand == "stroke" && BothWays().Match(sentence) is { Success: true } rubbed)
            open.Add($"“{rubbed.Value.ToLowerInvariant()}”: strokes one way, or rubbing both ways?");
        if (sentence.Contains('?', StringComparison.Ordinal))
            open.Add("It is put as a question: is it meant so?");
        foreach (
            var left in LeftIn(phrases, step.AllHands.Count > 0 ? step.AllHands[0] : null)
                .Distinct()
                .Where(l => !ToldAgain.SaysAgain(l, step, _atlas))
        )
            open.Add($"“{left}”: what is it for here?");
        return step;
    }

    /// <summary>"The fingers push down as resistance": what the hand does, and not what the face does against it.</summary>
    private static bool OffersResistance(Match? against) =>
        against?.Value.EndsWith("resistance", StringComparison.OrdinalIgnoreCase) == true
        && !against.Value.StartsWith("against", StringComparison.OrdinalIgnoreCase)
        && !against.Value.StartsWith("with", StringComparison.OrdinalIgnoreCase);

    /// <summary>"Hold 20 s, pulse 20".</summary>
    [GeneratedRegex(
        @"\bhold\w*\b[^.;]{0,40}?[-–,]\s*(?:then\s+|and\s+)?(?<pulse>(?:puls|bounc|beat)\w*\s+(?:\d+|\p{L}+)(?:\s*(?:x|times))?)",
        Free
    )]
    private static partial Regex HeldThenPulsed();

    /// <summary>"Hold it there": as far as it went.</summary>
    [GeneratedRegex(@"\b(?:hold|stay|keep|remain)\w*\s+(?:(?:it|them|the\s+\p{L}+)\s+)?there\b", Free)]
    private static partial Regex HeldThere();

    /// <summary>Circles that go forwards or backwards, and not both.</summary>
    [GeneratedRegex(@"\bcircl\w*\b[^.;]{0,60}?\b(?<way>(?:for|back)wards?|back)\b(?!\s*(?:,|and|/|then|of)\s*(?:for|back|the|your))", Free)]
    private static partial Regex CircleTurn();

    [GeneratedRegex(@"\b(?:\d+|two|three|four|five|six|eight|ten|twelve|fifteen|twenty)\s+(?:(?:small|slow|big)\s+)*circles\b", Free)]
    private static partial Regex CountedCircles();

    [GeneratedRegex(@"\b(?:from\s+)?side\s+to\s+side\b", Free)]
    private static partial Regex FromSideToSide();

    /// <summary>"Pinch it and hold": held between the fingers, and not rolled.</summary>
    [GeneratedRegex(@"\bpinch\w*\b[^.;]*\band\s+hold\b", Free)]
    private static partial Regex PinchAndHold();

    /// <summary>"Pinch the bridge of the nose for five seconds".</summary>
    [GeneratedRegex(
        @"\bpinch\w*\b(?![^.;]*\b(?:along|roll\w*|from|over|all)\b)[^.;]{0,80}\bfor\s+(?:[2-9]|10|two|three|four|five|six|eight"
            + @"|ten)\s*(?:s|secs?|seconds?)\b",
        Free
    )]
    private static partial Regex PinchedFor();

    /// <summary>A word that leads from place to place.</summary>
    [GeneratedRegex(@"\b(?:from|to|towards?|into|until|down|up|over|past|via|then)\b", Free)]
    private static partial Regex GoesTo();

    /// <summary>"Head slightly back" says how the head is held, and not how hard anything is done.</summary>
    private static string WithoutPose(string sentence) =>
        ((Regex[])[HeadBack(), .. HeldStates]).Aggregate(sentence, (s, held) => held.Replace(s, " "));

    private static bool Placed(Step step) => step.AllHands.Any(h => h.AllPath.Count + h.AllZones.Count > 0);

    /// <summary>Cheeks full of air push against what presses them.</summary>
    private static bool Pressed(HandWork? work, IReadOnlyList<Moved> moves) =>
        work is { Verb: "press", Part: "cheek" or null } && moves.Any(m => m.Do == "puff-cheeks");

    private static IEnumerable<Act> Acts(IReadOnlyList<Moved> moves, string? sides, string told, bool resisted, int? worksAt) =>
        moves.Select(m => new Act(
            m.Do,
            // Nobody breathes on one side.
            sides is "left" or "right" or "alternating"
            && m.Do != "breathe"
                ? sides
                : "both",
            EffortIn(told, m, moves, worksAt),
            // A breath is not resisted where something else is.
            resisted && (CanBeResisted(m.Do) || !moves.Any(o => CanBeResisted(o.Do)))
                ? "finger"
                : null,
            null,
            null,
            [],
            null,
            null,
            null,
            null,
            null
        ));
}
