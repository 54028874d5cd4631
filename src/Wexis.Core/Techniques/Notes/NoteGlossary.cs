using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// A sentence of notes; <c>MayHead </c> when it opens the notes, or has a line to itself, not of a list, after an empty one; <c>Heads
/// </c> when it is set like a heading besides.
/// </summary>
/// <param name="Stood">As it stood in the notes, where its shorthand was written out.</param>
/// <param name="Onward">It goes on with the one before: "…, then …".</param>
internal sealed record NoteSentence(string Text, bool MayHead, bool Heads, string Stood, bool Onward, bool Listed, bool Begins);

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
        return ByAtlas.GetValue(atlas, static a => new(a));
    }

    private static readonly ConditionalWeakTable<Atlas, NoteGlossary> ByAtlas = [];

    /// <summary>What a hand needs and may be said once for all notes.</summary>
    public static readonly HashSet<string> OfTheHand = [WithWhatAsked, HowHardAsked, WhatForAsked];

    /// <summary>What a step needs: asked where a sentence does not say it.</summary>
    public static readonly HashSet<string> NotSaid = [HowManyAsked, WhereAsked, FromWhereAsked, .. OfTheHand];

    /// <summary>The question that a dose in a later sentence answers.</summary>
    public const string HowManyAsked = "How many, how long?";

    /// <summary>A sentence that only sends to the other side: it names no place and no other work.</summary>
    public bool OnlyTheOtherSide(string sentence) =>
        TheOtherOne().IsMatch(InFigures(sentence))
        || (OtherSide().IsMatch(sentence) || OtherSide().IsMatch(StillPhrase().Replace(DoseWords().Replace(InFigures(sentence), " "), " ")))
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

    public const string WhereAsked = "Where: from which place to which?";
    private const string FromWhereAsked = "Which way: from where, to where?";
    public const string WhoDoesItAsked = "with a hand, or does the face move so?";
    public const string WhichOneAsked = "which one, or one after the other?";
    public const string HowHardAsked = "How hard?";
    public const string WithWhatAsked = "With which part of the hand, or which tool?";
    public const string WhatForAsked = "The hands that lie there: do they resist, hold the skin, or only feel?";

    private static string Cue(string sentence) => sentence.Length <= MostLettersOfCue ? sentence : sentence[..MostLettersOfCue];

    private const int MostLettersOfCue = 400;

    /// <summary>How strongly a movement is to be done; null where the sentence does not say.</summary>
    public static string? EffortOf(string sentence) =>
        Strongly().Matches(sentence).Any(m => !IsDenied(sentence, m.Index)) ? "strong"
        : Softly().Matches(sentence).Any(m => !IsDenied(sentence, m.Index)) ? "slight"
        : null;
}
