using System.Text.RegularExpressions;
using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;
using Wexis.Core.Anatomy;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>"Round the eye, out over the brow and in below": the way of a finger round the orbit, from place to place.</summary>
internal sealed partial class NoteGlossary
{
    /// <summary>Nearer to the middle of the pupil a way leads over the lids, in distances of the pupils (about 9.5 mm).</summary>
    private const double OverTheEye = 0.15;

    /// <summary>Whether a hand is told from place to place in such a way that the straight line leads over the eye.</summary>
    private bool CrossesTheEye(Step step) =>
        step.AllHands.Any(h => h.AllPath.Zip(h.AllPath.Skip(1)).Any(leg => NearTheEye(leg.First.At, leg.Second.At)));

    private bool NearTheEye(string? from, string? to)
    {
        if (
            from is null
            || to is null
            || !_atlas.Landmarks.TryGetValue(from, out var start)
            || !_atlas.Landmarks.TryGetValue(to, out var end)
            || start.Surface == FaceSurface.Back
            || end.Surface == FaceSurface.Back
        )
            return false;
        return DistanceComputer.PointToSegment(At(_atlas.Landmarks["pupil"]), At(start), At(end)) < OverTheEye;

        static Coordinate At(Landmark place) => new(place.Frontal[0], place.Frontal[1]);
    }

    [GeneratedRegex(@"\b(?:eye)?lids?\b", Free)]
    private static partial Regex LidNamed();

    private const string OutAbove =
        "from the inner brow to the outer brow to the outer corner of the eye to the lower rim of the eye socket to the inner corner "
        + "of the eye";

    private const string InAbove =
        "from the outer brow to the inner brow to the inner corner of the eye to the lower rim of the eye socket to the outer corner "
        + "of the eye";

    /// <summary>
    /// Spelt out where the way is told, or where it makes no difference: both ways, or taps. Else the sentence stays as it is.
    /// </summary>
    private static string WholeRound(string sentence)
    {
        if (!HandWord().IsMatch(sentence) && !StrokeVerb().IsMatch(sentence))
            return sentence;
        if (FromCornerRound().IsMatch(sentence))
            return FromCornerRound().Replace(sentence, OutAbove);
        // It begins at a corner: that is told otherwise.
        if (AtACorner().IsMatch(sentence) || RoundTheEye().Match(sentence) is not { Success: true } round)
            return sentence;
        var above = AboveTheEye().Match(sentence);
        var below = BelowTheEye().Match(sentence);
        var way =
            above.Groups["out"].Success || below.Groups["in"].Success ? OutAbove
            : above.Groups["in"].Success || below.Groups["out"].Success ? InAbove
            : BothWaysRound().IsMatch(sentence) || Taps().IsMatch(sentence) ? OutAbove
            : null;
        if (way is null)
            return sentence;
        var verb = Taps().IsMatch(sentence) ? "" : "stroke ";
        return AboveTheEye().Replace(BelowTheEye().Replace(RoundTheEye().Replace(sentence, $"{verb}{way}", 1), ""), "");
    }

    [GeneratedRegex(
        @"\b(?:(?:circl|strok|trac|glid|mov|sweep|run|go)\w*\s+(?:(?:them|it|gently|lightly|slowly"
            + @"|softly)\s+)*)?(?:a?round|(?<=\bcircle\s+))\s*(?:(?:the|your|each|both)\s+)*eyes?\b(?:[\s-]*sockets?)?",
        Free
    )]
    private static partial Regex RoundTheEye();

    [GeneratedRegex(
        @"[,:;(]?\s*\b(?:and\s+|then\s+)?(?:(?:(?<out>out)|(?<in>in))(?:wards?)?\s+)?(?:over|above|along|across"
            + @"|on)\s+(?:(?:the|your|both)\s+)*(?:(?:eye)?brows?(?:\s+bones?)?|top)\b(?:\s+(?:(?<out>out)"
            + @"|(?<in>in))wards?)?",
        Free
    )]
    private static partial Regex AboveTheEye();

    [GeneratedRegex(
        @"[,:;]?\s*\b(?:and\s+|then\s+)?(?:back\s+)?(?:(?:(?<out>out)"
            + @"|(?<in>in))(?:wards?)?\s+)?(?:under(?:neath)?|below|beneath)(?:\s+(?:(?:the|your"
            + @"|both)\s+)*eyes?)?\b(?:\s+(?:(?<out>out)|(?<in>in))wards?)?\)?",
        Free
    )]
    private static partial Regex BelowTheEye();

    /// <summary>"From the inner corner along the brow bone and back under the eye".</summary>
    [GeneratedRegex(
        @"\bfrom\s+(?:the\s+)?inner\s+(?:eye\s+)?corners?(?:\s+of\s+(?:the\s+)?eyes?)?,?\s+(?:up\s+"
            + @"|out\s+)?(?:over|along|above)\s+(?:(?:the"
            + @"|your)\s+)?(?:eye)?brows?(?:\s+bones?)?(?:,?\s+(?:out\s+)?to\s+(?:the\s+)?(?:temples?"
            + @"|outer\s+(?:eye\s+)?corners?))?,?\s+(?:and\s+"
            + @"|then\s+)*(?:back\s+)?(?:in\s+)?(?:under|below)\s+(?:(?:the"
            + @"|your)\s+)?eyes?\b(?:\s+back)?(?:\s+(?:back\s+)?to\s+the\s+(?:inner\s+corner|start))?",
        Free
    )]
    private static partial Regex FromCornerRound();

    [GeneratedRegex(@"\b(?:each|both|either)\s+(?:way|direction)s?\b|\bclockwise\b[^.;]*\banti-?clockwise\b", Free)]
    private static partial Regex BothWaysRound();

    [GeneratedRegex(@"\b(?:inner|outer)\s+(?:eye\s+)?corners?\b", Free)]
    private static partial Regex AtACorner();

    [GeneratedRegex(@"\b(?:tap|dab|pat|drum|press)\w*\b", Free)]
    private static partial Regex Taps();
}
