using System.Text.RegularExpressions;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Safety;

/// <summary>
/// What a technique's sentences do (cue, caution, aim, cure, adaptation, advice, claim): some teach what hurts. Each kind of harm is a
/// frame of
/// words; a frame counts when it is told to be done, praised or borne, not when it is forbidden, blamed, or answered by stopping (R106).
/// Wordings are common practice, from memory. See docs/method.md#said.
/// </summary>
internal static partial class SaidHazards
{
    /// <param name="Frames">Any of these told positively is the harm.</param>
    /// <param name="Unless">Where the sentence also says this, it means something harmless.</param>
    private sealed record Harm(
        string Id,
        string Name,
        SafetyVerdict Verdict,
        string Because,
        string Instead,
        IReadOnlyList<Regex> Frames,
        Regex? Unless = null
    );

    /// <param name="Subject">What must be left alone, or must end the step.</param>
    /// <param name="Doing">What is done to it, or said for it.</param>
    private sealed record Pair(Regex Subject, Regex Doing);

    /// <param name="texts">What is said to do, to aim at, or of the technique.</param>
    /// <param name="warnings">What is said as a caution: there a sign may be named without more.</param>
    public static void Add(List<SafetyFinding> findings, IEnumerable<string?> texts, IEnumerable<string?> warnings)
    {
        foreach (
            var (text, warns) in texts.OfType<string>().Select(t => (t, false)).Concat(warnings.OfType<string>().Select(t => (t, true)))
        )
            findings.AddRange(Known.Of((text, warns), warns, static (said, _) => In(said.Text, said.Warns)));
    }

    private static readonly Remembered<(string Text, bool Warns), IReadOnlyList<SafetyFinding>> Known = new();

    private static IReadOnlyList<SafetyFinding> In(string text, bool warns)
    {
        var findings = new List<SafetyFinding>();
        foreach (var sentence in Sentences(text))
            if (
                !Framed(findings, sentence, warns)
                && HarmLikeness.Of(sentence) >= HarmLikeness.Asks
                && HarmLikeness.Of(WholeOf(text, sentence)) > HarmLikeness.Clears
            )
                findings.Add(Sounds(sentence));
        return findings;
    }

    /// <summary>
    /// The sentence in which a clause stands ("A click is common; stop if it hurts."): what one says the other may answer.
    /// </summary>
    private static string WholeOf(string text, string clause)
    {
        var at = text.Replace('’', '\'').IndexOf(clause, StringComparison.Ordinal);
        if (at < 0)
            return clause;
        var from = text.LastIndexOfAny(Ends, at) + 1;
        var to = text.IndexOfAny(Ends, at + clause.Length);
        return text[from..(to < 0 ? text.Length : to)];
    }

    private static readonly char[] Ends = ['.', '!', '?', '\n'];

    /// <summary>Findings of the frames in one sentence; whether there was one.</summary>
    private static bool Framed(List<SafetyFinding> findings, string sentence, bool warns)
    {
        var before = findings.Count;
        foreach (var harm in Harms)
        {
            if (!Hints[harm.Id].IsMatch(sentence))
                continue;
            var framed = ByFrame(harm, sentence);
            var told = framed ?? ByPair(harm, sentence);
            if ((told is null && warns) || (told ?? Mentioned(harm, sentence)) is not { } words)
                continue;
            // What only stands side by side, or is only mentioned, is looked at twice: where the whole sentence is like those that do no
            // harm, it is none.
            if (framed is null && HarmLikeness.Of(sentence) <= HarmLikeness.Clears)
                continue;
            findings.Add(
                new(
                    harm.Id,
                    harm.Name,
                    told is null ? SafetyVerdict.Caution : harm.Verdict,
                    told is null
                        ? $"“{sentence}” does not say to stop or to leave it out: it may be read as if it {harm.Because}."
                        : $"“{sentence}” {harm.Because}.",
                    harm.Instead,
                    Why(words),
                    []
                )
            );
            // One sentence, one finding of a kind: the long hold says all that the short one would.
            if (harm.Id == LongBreath)
                break;
        }
        return findings.Count > before;
    }

    private static SafetyFinding Sounds(string sentence) =>
        new(
            "sounds-harmful",
            "Worded like a harm",
            SafetyVerdict.Caution,
            $"“{sentence}” is worded like what can hurt somebody.",
            "We know no such harm by name: say what must not happen and when to stop, or word it anew.",
            Why(sentence),
            []
        );

    private static Reason Why(string words) =>
        new(
            "R106",
            "A technique's text that teaches a harm or pushing on through a stop sign is refused.",
            [new("words", words)],
            "action model; common practice"
        );

    /// <summary>Hazard classes that only words can tell.</summary>
    public static IEnumerable<string> Classes(string said) =>
        Sentences(said)
            .SelectMany(s =>
                ClassFrames
                    .Where(c => c.Frame.Match(s) is { Success: true } hit && !Forbidden(s, hit.Index, hit.Length))
                    .Select(c => c.Class)
            )
            .Distinct();

    /// <summary>Whether a text tells somebody to hold the breath, for long or not.</summary>
    internal static bool HoldsBreath(string text) =>
        Sentences(text).Any(s => Harms.Any(h => h.Id is LongBreath or "breath-hold" && Told(h, s) is not null));

    /// <summary>Whether a text says this and does not forbid it.</summary>
    internal static bool Tells(Regex pattern, string text) =>
        Sentences(text).Any(s => pattern.Match(s) is { Success: true } hit && !Forbidden(s, hit.Index, hit.Length));

    private static string? Told(Harm harm, string sentence) => ByFrame(harm, sentence) ?? ByPair(harm, sentence);

    /// <summary>The words of a frame that is told to be done; null without one.</summary>
    private static string? ByFrame(Harm harm, string sentence)
    {
        if (harm.Unless?.IsMatch(sentence) == true)
            return null;
        foreach (var frame in harm.Frames)
            for (var hit = frame.Match(sentence); hit.Success; hit = hit.NextMatch())
                if (!Forbidden(sentence, hit.Index, hit.Length))
                    return hit.Value;
        return null;
    }

    /// <summary>What must be left alone and what is done to it, anywhere in one sentence; null without both.</summary>
    private static string? ByPair(Harm harm, string sentence)
    {
        if (harm.Unless?.IsMatch(sentence) == true)
            return null;
        foreach (var pair in Pairs.GetValueOrDefault(harm.Id) ?? [])
            for (var subject = pair.Subject.Match(sentence); subject.Success; subject = subject.NextMatch())
            for (var doing = pair.Doing.Match(sentence); doing.Success; doing = doing.NextMatch())
            {
                var from = Math.Min(subject.Index, doing.Index);
                var to = Math.Max(subject.Index + subject.Length, doing.Index + doing.Length);
                if (
                    !(harm.Id is "hz-larynx" or "hz-carotid" ? Apart() : SpatiallyApart()).IsMatch(sentence[..subject.Index])
                    && !Forbidden(sentence, from, to - from)
                )
                    return sentence[from..to];
            }
        return null;
    }

    /// <summary>
    /// What must end a step or be left alone is mentioned, and nothing in the sentence says so: read the cautious way, it is a caution.
    /// </summary>
    private static string? Mentioned(Harm harm, string sentence)
    {
        if (
            harm.Unless?.IsMatch(sentence) == true
            || !Bare.TryGetValue(harm.Id, out var subject)
            || subject.Match(sentence) is not { Success: true } hit
        )
            return null;
        if (SpatiallyApart().IsMatch(sentence[..hit.Index]) || Forbidden(sentence, hit.Index, hit.Length))
            return null;
        // An act is not answered by resting after it; a sign, a mark or a place may be.
        if (harm.Id is LongBreath or "hz-vertebral" or "hz-tmj")
            return hit.Value;
        // "Dizzy: breathe as usual": a sign with what to do.
        if (sentence.IndexOf(':', hit.Index) >= 0 && !GoesOn().IsMatch(sentence))
            return null;
        return SafeHandling().IsMatch(PseudoNegation().Replace(sentence, " ")) && (Over().IsMatch(sentence) || !GoesOn().IsMatch(sentence))
            ? null
            : hit.Value;
    }

    /// <summary>A sentence, or two where the second leans on the first ("You may see stars. That is normal.").</summary>
    private static IEnumerable<string> Sentences(string text)
    {
        var all = Sentence().Matches(text.Replace('’', '\'')).Select(m => m.Value.Trim()).Where(t => t.Length > 0).ToList();
        // A question teaches nothing by itself: what answers it does.
        foreach (var s in all.Where(s => !s.EndsWith('?')))
            yield return s.TrimEnd('.', '!', ';');
        for (var i = 0; i + 1 < all.Count; i++)
            if (WarningSign().IsMatch(all[i]) && !Answered(all[i]) && (LeansBack().IsMatch(all[i + 1]) || all[i].EndsWith('?')))
                yield return $"{(all[i].EndsWith('?') ? "if " : "")}{all[i].TrimEnd('.', '!', ';', '?')}, "
                    + $"{all[i + 1].TrimEnd('.', '!', ';')}";
    }

    /// <summary>
    /// Whether a frame is forbidden, blamed or answered by stopping: a negation before it in its clause, a verdict after it, or a
    /// condition that
    /// ends in stopping. "Do not stop", "never mind" and their like negate nothing of the kind and are taken out first.
    /// </summary>
    private static bool Forbidden(string sentence, int at, int length)
    {
        var before = PseudoNegation().Replace(sentence[..at], " ");
        var clause = ClauseStart().Split(before)[^1];
        if (Negation().IsMatch(clause) || Blame().IsMatch(before))
            return true;
        if (LeftAlone().Match(sentence) is { Success: true } left && left.Index <= at && at + length <= left.Index + left.Length)
            return true;
        if (PassedAround().Match(sentence) is { Success: true } passed && at < passed.Index && passed.Index <= at + length + 1)
            return true;
        if (InnerNegation().IsMatch(PseudoNegation().Replace(sentence.Substring(at, length), " ")))
            return true;
        // "Ignore your body when it tells you to stop": what is ignored is the verdict itself.
        if (Ignores().IsMatch(sentence.AsSpan(at, length)))
            return false;
        return BlamedAfter().IsMatch(PseudoNegation().Replace(sentence[(at + length)..], " ")) || Answered(sentence);
    }

    /// <summary>"If you feel dizzy, stop": the condition is answered by stopping, and by nothing that goes on.</summary>
    private static bool Answered(string sentence) =>
        (Over().IsMatch(sentence) && !Proves().IsMatch(sentence))
        || AnsweredByStopping().IsMatch(PseudoNegation().Replace(sentence, " go on ")) && !GoesOn().IsMatch(sentence);
}
