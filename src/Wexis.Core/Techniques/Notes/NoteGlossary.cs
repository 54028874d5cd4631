using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Claims;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// A sentence of notes; <c>MayHead </c> when it opens the notes, or has a line to itself, not of a list, after an empty one; <c>Heads
/// </c> when it is set like a heading besides.
/// </summary>
/// <param name="Stood">As it stood in the notes, where its shorthand was written out.</param>
/// <param name="Onward">It goes on with the one before: "…, then …".</param>
internal sealed record NoteSentence(string Text, bool MayHead, bool Heads, string Stood, bool Onward);

/// <summary>
/// Words of old notes (common practice): verbs, movements, places, fingers, pressure, doses; and spellings that only sound like anatomy.
/// </summary>
internal sealed partial class NoteGlossary
{
    private readonly IReadOnlyList<(string Words, string Landmark)> _places;
    private readonly IReadOnlyList<(string Words, string Zone)> _zones;
    private readonly IReadOnlyList<(string Words, string Id, string Name)> _names;
    private readonly HashSet<string> _known;
    private readonly Atlas _atlas;

    private NoteGlossary(Atlas atlas)
    {
        _atlas = atlas;
        _places =
        [
            .. CommonPlaces.Where(p => atlas.Landmarks.ContainsKey(p.Landmark)),
            .. atlas.Landmarks.SelectMany(l => Called(l.Value.Name, l.Value.Anatomical).Select(n => (n, l.Key))),
        ];
        _places = [.. Shortened(_places).OrderByDescending(p => p.Words.Length)];
        _zones =
        [
            .. Shortened(CommonZones.Concat(atlas.Document.Zones.SelectMany(z => Called(z.Name, z.Anatomical).Select(n => (n, z.Id)))))
                .OrderByDescending(z => z.Words.Length),
        ];
        _names =
        [
            .. GroupNames.Where(g => atlas.Muscles.ContainsKey(g.Id)).Select(g => (g.Words, g.Id, g.Words)),
            .. atlas.Document.Muscles.SelectMany(m =>
                new[] { m.PlainName, m.NameLaTa2.Replace("Musculus ", "", StringComparison.OrdinalIgnoreCase) }
                    .Distinct(StringComparer.OrdinalIgnoreCase)
                    .Select(n => (n.ToLowerInvariant(), m.Id, m.PlainName))
            ),
        ];
        _known =
        [
            .. _names.SelectMany(n => Words(n.Words)),
            .. _places.SelectMany(p => Words(p.Words)),
            .. _zones.SelectMany(z => Words(z.Words)),
            .. PlainWords,
        ];
    }

    private static IEnumerable<string> Called(string name, string? anatomical) =>
        // "Glabella: bony prominence between the brows" is called glabella.
        new[] { name, anatomical?.Split(':', '(')[0].Trim() }
            .OfType<string>()
            .Select(n => n.ToLowerInvariant());

    /// <summary>Names as they stand, and as notes shorten them: "base of skull".</summary>
    private static IEnumerable<(string Words, string Means)> Shortened(IEnumerable<(string Words, string Means)> names) =>
        names.SelectMany(n =>
            n.Words.Contains(" the ", StringComparison.Ordinal)
                ? new[] { n, (n.Words.Replace(" the ", " ", StringComparison.Ordinal), n.Means) }
                : [n]
        );

    public static NoteGlossary Of(Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        return new(atlas);
    }

    /// <summary>What a hand needs and may be said once for all notes.</summary>
    public static readonly HashSet<string> OfTheHand = [WithWhatAsked, HowHardAsked, WhatForAsked];

    /// <summary>What a step needs: asked where a sentence does not say it.</summary>
    public static readonly HashSet<string> NotSaid = [HowManyAsked, WhereAsked, FromWhereAsked, .. OfTheHand];

    /// <summary>The question that a dose in a later sentence answers.</summary>
    public const string HowManyAsked = "How many, how long?";

    /// <summary>Sentences in order; a list's numbers and bullets are no words.</summary>
    public static IReadOnlyList<NoteSentence> Sentences(string text)
    {
        var shorthand = new NoteShorthand();
        return
        [
            .. AsTheyStand(shorthand.WrittenOut(text))
                .Select(s => s with { Text = NoteShorthand.Plain(s.Text).Trim(), Stood = shorthand.AsItStood(s.Text) }),
        ];
    }

    /// <summary>The same, each as it stands in the text.</summary>
    public static IReadOnlyList<NoteSentence> AsTheyStand(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        var found = new List<NoteSentence>();
        var opens = true;
        var lines = LineEnd().Split(text);
        var many = lines.Count(l => l.Any(char.IsLetter)) > 1;
        for (var i = 0; i < lines.Length; i++)
        {
            var sentences = SentenceEnd()
                .Split(lines[i])
                .Select(s => Bullet().Replace(s, "").Trim())
                .Where(s => s.Any(char.IsLetter))
                .ToList();
            var goesOn = sentences.Count > 1 && !Ends(NoteShorthand.Plain(sentences[0]));
            var may = opens && !goesOn && !Bullet().IsMatch(lines[i]) && (sentences.Count == 1 ? many : found.Count == 0);
            var next = i + 1 < lines.Length ? lines[i + 1] : "";
            var heads = may && sentences.Count == 1 && !Ends(lines[i]) && (next.Trim().Length == 0 || Bullet().IsMatch(next) || Ends(next));
            found.AddRange(
                sentences.Select(
                    (s, n) => new NoteSentence(s, may && n == 0, heads, s, n > 0 && !Ends(NoteShorthand.Plain(sentences[n - 1])))
                )
            );
            opens = sentences.Count == 0;
        }
        return found;

        static bool Ends(string line) => line.TrimEnd() is [.., '.' or '!' or '?' or ';'];
    }

    /// <summary>
    /// A heading: a few words that say neither how nor how much. One that begins with what to do ("Smile over the chin") must be set like
    /// a heading.
    /// </summary>
    public bool IsTitle(NoteSentence told) => told.MayHead && IsTitle(told.Text) && (told.Heads || !BeginsWithWork(told.Text));

    private bool IsTitle(string sentence) =>
        Words(sentence).Count <= MostWordsOfTitle
        && Dose(sentence) is null
        && !Forbids(sentence)
        && !IsAdvice(sentence)
        && !IsClaim(sentence)
        && Material(sentence) is null
        && LaysHands(sentence) is null
        && !Contacts.Any(c => c.Pattern.IsMatch(sentence))
        && !PressureWord().IsMatch(sentence)
        && sentence.Count(c => c is ',') < 2
        && !sentence.TrimEnd().EndsWith(';')
        && !sentence.Contains(" you ", StringComparison.OrdinalIgnoreCase)
        && !(Label().Match(sentence) is { Success: true } of && sentence[of.Length..].Any(char.IsDigit))
        && Still(sentence).Count == 0
        && Pose(sentence) is null;

    private static bool BeginsWithWork(string sentence)
    {
        // "Lips: pout": what stands before the work is a label.
        if (PartLabel().Match(sentence) is { Success: true } label)
            sentence = sentence[label.Length..];
        return (Does(sentence, out var at) && at == 0) || TellsToDo(sentence) || PlacesFirst().IsMatch(sentence);
    }

    [GeneratedRegex(@"^\s*(?:gently\s+|now\s+)?(?:place|put|lay|rest|position|set)\s+(?:the|your|both|two|three|four|one|an?|\d)\b", Free)]
    private static partial Regex PlacesFirst();

    /// <summary>"Pull the jaw …": something is to be done, whatever it is.</summary>
    private static bool TellsToDo(string sentence) =>
        WordPattern().Matches(sentence) is [var first, var next, ..]
        && next.Value.ToLowerInvariant() is "the" or "your" or "both" or "it" or "them"
        && Roles.RoleWords.Verb(first.Value.ToLowerInvariant()) is not null;

    /// <summary>The name in a heading: "Exercise 3: Brow smoother." is "Brow smoother".</summary>
    public static string Title(string sentence) => Heading().Replace(sentence, "").Trim(' ', '.', ':', '#', '*', '_', '-', '–', '!');

    private const int MostWordsOfTitle = 8;

    public static IReadOnlyList<string> Words(string text) => [.. WordPattern().Matches(text.ToLowerInvariant()).Select(m => m.Value)];

    /// <summary>Why the polarity of a sentence matters; null where it does not.</summary>
    public static string? Polarity(string sentence)
    {
        var risky = Risky().Match(sentence);
        var negative = Negation().Match(sentence);
        if (negative.Success && (risky.Success || Movement().IsMatch(sentence)))
            return $"It says “{negative.Value.Trim().ToLowerInvariant()}”. Is that what was meant? A lost or a misheard “not” turns "
                + "it round.";
        return risky.Success ? $"“{risky.Value.Trim().ToLowerInvariant()}” stands here without a “not”. Was one lost?" : null;
    }

    public static bool Forbids(string sentence) => Forbidding().IsMatch(sentence);

    /// <summary>
    /// "Round the lips, blow slowly 10 s, the cheeks don't puff": what is to be done, and what not. Null where a sentence does only one of
    /// them, or begins with what it forbids.
    /// </summary>
    public static (string Work, string Caution)? CutForbidding(string sentence)
    {
        if (!Forbids(sentence))
            return null;
        var parts = ForbidsFrom().Split(sentence, 2);
        return
            parts is [var work, var caution]
            && Forbids(caution)
            && !Forbids(work)
            && Dose(caution) is null
            && (Dose(work) is not null || Does(work))
            ? (work, caution)
            : null;
    }

    public static bool IsAdvice(string sentence) => Advice().IsMatch(sentence) && !Movement().IsMatch(sentence) && !Does(sentence);

    /// <summary>
    /// A sentence that says what a technique does; one with a dose, or one that begins with what to do, says how it is done.
    /// </summary>
    public bool IsClaim(string sentence) =>
        Dose(sentence) is null
        && !BeginsWithWork(sentence)
        && (
            Claims().IsMatch(sentence)
            || (Targets().IsMatch(sentence) && (ClaimWords.Named(sentence, _atlas).Count > 0 || Garbled(sentence).Count > 0))
        );

    /// <summary>What is taken to hand before: oil, cream, a towel; null when the sentence says none.</summary>
    public static string? Material(string sentence) =>
        TakeToHand().Match(sentence) is { Success: true } m && !Does(sentence[(m.Index + m.Length)..])
            ? m.Groups["what"].Value.Trim().ToLowerInvariant()
            : null;

    public static bool AllOver(string sentence) => WholeAgain().IsMatch(sentence);

    /// <summary>A sentence that only sends to the other side: it names no place and no other work.</summary>
    public bool OnlyTheOtherSide(string sentence) =>
        (OtherSide().IsMatch(sentence) || OtherSide().IsMatch(StillPhrase().Replace(DoseWords().Replace(InFigures(sentence), " "), " ")))
        && PlacesIn(sentence).Count == 0
        && (Again().IsMatch(sentence) || !Does(sentence));

    /// <summary>How the rest is held meanwhile: seat, jaw, lips, lids, head, shoulders; null when the sentence says none.</summary>
    public static PoseState? Pose(string sentence)
    {
        string? First(params (Regex Pattern, string Word)[] words) => words.FirstOrDefault(w => w.Pattern.IsMatch(sentence)).Word;
        var pose = new PoseState(
            null,
            First((EyesHalfShut(), "narrowed"), (EyesShut(), "closed")),
            First((TeethTogether(), "closed"), (JawLoose(), "rest"), (MouthHalfOpen(), "half-open"), (MouthOpen(), "open")),
            First((ThroughPursedLips(), "pursed"), (LipsClosed(), "closed"), (TeethShown(), "open")),
            First((TongueUp(), "palate")),
            First((HeadBack(), "back"), (Upright(), "neutral")),
            First((ShouldersDown(), "down"))
        );
        return pose == NoPose ? null : pose;
    }

    private static readonly PoseState NoPose = new(null, null, null, null, null, null, null);

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

    /// <summary>"Then slide to the ears": a stroke that only says where it ends goes on from where the hand was.</summary>
    public static Step OnFrom(Step before, Step step, List<string> open)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(step);
        ArgumentNullException.ThrowIfNull(open);
        if (
            step.AllHands is not [{ Verb: "stroke", AllPath: [var end] } hand]
            || before.AllHands is not [{ AllPath: [.., var start] } was]
            || start.At == end.At
            || !OnlyTo().IsMatch(step.Cue ?? "")
            || ComesFrom().IsMatch(step.Cue ?? "")
        )
            return step;
        open.Remove(FromWhereAsked);
        if (was.Contact is not null)
            open.Remove(WithWhatAsked);
        return step with
        {
            Hands = [hand with { Path = [start, end], Contact = hand.Contact ?? was.Contact, Sides = hand.Sides ?? was.Sides }],
        };
    }

    private const string WhereAsked = "Where: from which place to which?";
    private const string FromWhereAsked = "Which way: from where, to where?";
    public const string WhichOneAsked = "which one, or one after the other?";
    public const string HowHardAsked = "How hard?";
    public const string WithWhatAsked = "With which part of the hand, or which tool?";
    public const string WhatForAsked = "The hands that lie there: do they resist, hold the skin, or only feel?";

    /// <summary>
    /// Hands that are only laid somewhere ("Place the fingertips at the temples."); null when the sentence does more or less.
    /// </summary>
    public Step? LaysHands(string sentence)
    {
        if (!Laid().IsMatch(sentence) || Does(sentence) || Dose(sentence) is not null)
            return null;
        var track = Track("hold-still", sentence);
        return track.AllPath.Count == 0 && track.AllZones.Count == 0
            ? null
            : new([], [track], null, null, [], null, null, null, Cue(sentence), null, null);
    }

    /// <summary>A step that begins where hands were laid: they work from there, or stay there while the face moves.</summary>
    public static Step From(Step laid, Step step, List<string> open)
    {
        ArgumentNullException.ThrowIfNull(open);
        var (start, cue) = (laid.AllHands[0], Cue($"{laid.Cue} {step.Cue}"));
        if (step.AllHands.Count == 0)
        {
            var holds = HoldsThere().IsMatch(laid.Cue ?? "") || HoldsSkin().IsMatch(laid.Cue ?? "");
            if (step.AllActs.Any(a => a.Resist is not null))
                return step with { Hands = [start with { Role = "resist" }], Cue = cue };
            if (!holds)
                open.Add(WhatForAsked);
            return step with { Hands = [holds ? start with { Role = "hold" } : start], Cue = cue };
        }
        var hand = step.AllHands[0];
        var begins = start.AllPath.Count > 0 && !ComesFrom().IsMatch(step.Cue ?? "");
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
        return step with
        {
            Hands = [hand with { Contact = hand.Contact ?? start.Contact, Path = path, Zones = zones, Sides = hand.Sides ?? start.Sides }],
            Cue = cue,
        };
    }

    private static string Cue(string sentence) => sentence.Length <= MostLettersOfCue ? sentence : sentence[..MostLettersOfCue];

    private const int MostLettersOfCue = 400;

    /// <summary>How strongly a movement is to be done; null where the sentence does not say.</summary>
    public static string? EffortOf(string sentence) =>
        Strongly().IsMatch(sentence) ? "strong"
        : Softly().IsMatch(sentence) ? "slight"
        : null;
}
