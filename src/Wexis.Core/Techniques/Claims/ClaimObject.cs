using System.Text.RegularExpressions;
using Wexis.Core.Anatomy;

namespace Wexis.Core.Techniques.Claims;

/// <summary>
/// What a sentence says that something is done to: the words behind its verb. What the map has no word for ("strengthens the eyeball",
/// "rubs away the rings of the neck") cannot stand, though a place of the map is named beside it. See docs/method.md#claims.
/// </summary>
internal static partial class ClaimObject
{
    private const RegexOptions Free = RegexOptions.IgnoreCase;

    /// <summary>What work can be done to, beside the names of muscles and places (common practice).</summary>
    private static readonly HashSet<string> Things = PlainTalk.Words(
        """
        muscle skin tissue tension tightness stiffness fluid lymph node blood circulation flow hand finger pressure resistance weight breath
        work effort strength movement habit frown smile corner side edge area region part wall floor root tip cheek cheekbone brow eyebrow
        lid eyelid lip mouth jaw jawline chin neck nape throat tongue temple nose nostril wing scalp forehead ear lobe face head eye gaze
        shoulder chest collarbone skull base tooth teeth palate layer fibre bundle hollow cord band sheet closer opener lifter lowerer
        raiser depressor elevator flexor share lead load role job rest break workout massage stretch one other two pair half both same
        opposite strain stress swelling puffiness pull ache knot line fold air feature third centre middle front back top bottom surface
        blinking frowning clenching grinding squinting apple mimicry expression chewing bite joint hold vision sight distance focus way
        flush warmth glow colour color
        """
    );

    /// <summary>What may follow the thing: how and which way it is worked.</summary>
    private static readonly HashSet<string> Manner = PlainTalk.Words(
        """
        up down in out back apart together more less too alone here there well again hard upwards downwards upward downward inwards
        outwards inward outward backwards forwards sideways open closed shut first most best instead also both only much now then
        stronger firmer softer looser tighter move moving work working contract relax rest go loose free soft wide
        """
    );

    /// <summary>Whether the words behind a verb of work name a thing that is no part of the map.</summary>
    public static bool IsUnknown(string text, Atlas atlas)
    {
        var named = ClaimWords.Named(text, atlas);
        return Worked().Matches(text).Concat(Into().Matches(text)).Any(m => !Understood(m.Groups["thing"], named, atlas));
    }

    private static bool Understood(Group thing, IReadOnlyList<ClaimWords.NameSaid> named, Atlas atlas)
    {
        var end = thing.Index + thing.Length;
        var known = Word()
            .Matches(thing.Value)
            .Where(w => PlainTalk.Forms(w.Value.ToLowerInvariant()).Any(f => Things.Contains(f) || IsPlace(f, atlas)))
            .Select(w => thing.Index + w.Index + w.Length)
            .Concat(named.Where(n => n.At < end && thing.Index < n.At + n.Length).Select(n => n.At + n.Length))
            .DefaultIfEmpty(-1)
            .Max();
        return known >= 0
            && Word()
                .Matches(thing.Value)
                .Where(w => thing.Index + w.Index > known)
                .Select(w => w.Value.ToLowerInvariant())
                .All(w => Manner.Contains(w) || w.EndsWith("ly", StringComparison.Ordinal));
    }

    private static bool IsPlace(string word, Atlas atlas) =>
        atlas.Document.Zones.Any(z => string.Equals(z.Name, word, StringComparison.OrdinalIgnoreCase));

    [GeneratedRegex(
        $@"\b{ClaimSentence.Stem}(?:s|es|ies|ed|ing|e|y)?\s+(?:(?:away|up|down|out|off|back|also|mainly|only|just|both|all|every|each|into"
            + $@"|to|\p{{L}}+ly)\s+)*(?:the|your|our|its|his|her|an?)\s+(?:(?:whole|entire|full)\s+)?"
            + $@"(?<thing>(?!(?:{Link}|little|bit|lot|\p{{L}}+est)\b)[\p{{L}}'-]+(?:\s+(?!{Link}\b)[\p{{L}}'-]+){{0,5}})",
        Free
    )]
    private static partial Regex Worked();

    /// <summary>"Blood flow to the brain".</summary>
    [GeneratedRegex(
        @"\b(?:flow|blood|oxygen|circulation|warmth|strength|tone|tension)\s+(?:to|into|in|of|from)\s+(?:the|your)\s+"
            + @"(?:(?:inner|outer|upper|lower|whole|entire|small|deep)\s+)?(?<thing>[\p{L}'-]+)",
        Free
    )]
    private static partial Regex Into();

    internal const string Link =
        "(?:of|in|on|at|around|under|over|above|below|behind|beside|between|by|with|without|from|to|towards?|into|along|across|through"
        + "|against|for|during|while|when|where|if|as|than|like|that|which|who|and|or|but|so|is|are|not|nor|the|your|its|after|before|until"
        + "|because|since|near|inside|outside|beneath|within)";

    [GeneratedRegex(@"[\p{L}'-]+")]
    private static partial Regex Word();
}
