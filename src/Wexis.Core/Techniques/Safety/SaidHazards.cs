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
            if (!Framed(findings, sentence, warns) && HarmLikeness.Of(sentence) >= HarmLikeness.Asks)
                findings.Add(Sounds(sentence));
        return findings;
    }

    /// <summary>Findings of the frames in one sentence; whether there was one.</summary>
    private static bool Framed(List<SafetyFinding> findings, string sentence, bool warns)
    {
        var before = findings.Count;
        foreach (var harm in Harms)
        {
            if (!Hints[harm.Id].IsMatch(sentence))
                continue;
            var told = Told(harm, sentence);
            // A bare mention is looked at twice: where the whole sentence is like those that do no harm, it is none.
            if (told is null && (warns || HarmLikeness.Of(sentence) <= HarmLikeness.Clears))
                continue;
            if ((told ?? Mentioned(harm, sentence)) is not { } words)
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

    private static string? Told(Harm harm, string sentence)
    {
        if (harm.Unless?.IsMatch(sentence) == true)
            return null;
        foreach (var frame in harm.Frames)
            for (var hit = frame.Match(sentence); hit.Success; hit = hit.NextMatch())
                if (!Forbidden(sentence, hit.Index, hit.Length))
                    return hit.Value;
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
                yield return $"{(all[i].EndsWith('?') ? "if " : "")}{all[i].TrimEnd('.', '!', ';', '?')}, {all[i + 1].TrimEnd('.', '!', ';')}";
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

    private const RegexOptions Free = RegexOptions.IgnoreCase | RegexOptions.ExplicitCapture | RegexOptions.CultureInvariant;

    private static Regex F(string pattern) => new(pattern, Free);

    // Words that several frames share. Each list is closed on purpose: a word that is not there is not read.
    private const string The =
        @"(?:(?:the|your|his|her|their|its|a|an|any|both|each|every|that|this|of|own|partner's|client's|learner's|other|left|right)\s+)*";
    private const string Sign =
        @"(?:pain(?:s|ful)?|hurt(?:s|ing)?|ach(?:es?|ing)|sting(?:s|ing)?|burn(?:s|ing)?|throb(?:s|bing)?|tingl(?:e|es|ing|y)|pins[\s-]+and[\s-]+needles|numb(?:ness|ed|s)?|dizz(?:y|iness)|light-?headed(?:ness)?|woozy|giddy|giddiness|faint(?:s|ing|ness)?|pass(?:ing)?\s+out|black(?:s|ing)?[\s-]*outs?|short(?:ness)?\s+of\s+breath|breathless(?:ness)?|nause(?:a|ous)|sick(?:ness)?|flash(?:es|ing)?|stars?|sparks?|lights|spots?\s+before|doubl(?:e|es|ing)(?:\s+vision)?|see\s+double|blur(?:s|red|ry)?|headaches?|dark\s+before|go(?:es)?\s+black|goes\s+dark|cramps?|palpitations?|heart\s+(?:races|pounds|flutters)|ears?\s+ring(?:s|ing)?|ringing|locks?|pulsing\s+pain|spinning|room\s+(?:spins|turns)|shooting|sensation\s+goes|feeling\s+(?:goes|is\s+gone|has\s+gone)|lose\s+(?:all\s+)?(?:the\s+)?feeling|no\s+(?:longer\s+)?feel(?:ing)?|nothing\s+(?:any\s*more|at\s+all)|dead)";
    private const string Press =
        @"(?:press(?:es|ed|ing)?|push(?:es|ed|ing)?|squeez(?:e|es|ed|ing)|rub(?:s|bed|bing)?|massag(?:e|es|ed|ing)|knead(?:s|ed|ing)?|pok(?:e|es|ed|ing)|dig(?:s|ging)?|squash(?:es|ed|ing)?|compress(?:es|ed|ing)?|lean(?:s|ed|ing)?|pinch(?:es|ed|ing)?|grip(?:s|ped|ping)?|grasp(?:s|ed|ing)?|grab(?:s|bed|bing)?|clasp(?:s|ed|ing)?|pump(?:s|ed|ing)?|bor(?:e|es|ing)|drill(?:s|ing)?|thumb(?:s|ing)?|tap(?:s|ped|ping)?\s+(?:hard|firmly)|work(?:s|ed|ing)?|drum(?:s|med|ming)?|vibrat(?:e|es|ed|ing)|circl(?:e|es|ing)|roll(?:s|ed|ing)?|clamp(?:s|ed|ing)?|(?:gentle|light|firm|strong|deep|steady|full|some|more|enough)?\s*(?:pressure|force|weight))";
    private const string Stroke =
        @"(?:strok(?:e|es|ed|ing)|glid(?:e|es|ed|ing)|sweep(?:s|ing)?|slid(?:e|es|ing)|iron(?:s|ing)?|scrap(?:e|es|ed|ing)|draw(?:s|n|ing)?|drag(?:s|ged|ging)?|go(?:es|ing)?|run(?:s|ning)?|wip(?:e|es|ing)|polish(?:es|ing)?|treat(?:s|ed|ing)?|cup(?:s|ped|ping)?|pass(?:es|ing)?|brush(?:es|ing)?|stimulat(?:e|es|ing)|smooth(?:s|ing)?|appl(?:y|ies|ying)|use|us(?:es|ing)|plac(?:e|es|ing)|put(?:s|ting)?|lay(?:s|ing)?|rest(?:s|ing)?|hold(?:s|ing)?|set(?:s|ting)?|suck(?:s|ing)?|mov(?:e|es|ing)|continu(?:e|es|ing)|repeat(?:s|ing)?|start(?:s|ing)?|bring(?:s)?|tak(?:e|es|ing))";
    private const string Near = @"\b[^.;:]{0,45}?\b";
    private const string LongBreath = "long-breath-hold";

    /// <summary>Signs at which a person stops, for the looser reading: only words that mean little else.</summary>
    private const string WarnedOf =
        @"\b(?:sharp\s+(?:pain\w*|sting\w*|feeling|ache)|stabbing|shooting\s+pain\w*|unbearable|tears(?!\s+(?:from|of\s+(?:joy|laughter)))|(?:no\s+longer|hardly|barely|cannot|can't)\s+(?:be\s+)?(?:bear|borne|stand|take)|pain(?:s|ful)?|hurt(?:s|ing)?|sting(?:s|ing)?|burn(?:s|ing)?|throb(?:s|bing)?|ache|tingl\w*|pins\s+and\s+needles|numb\w*|goes\s+dead|colou?rs|sight|falls\s+asleep|dizz\w*|light-?headed\w*|faint\w*|black\s+out|nause\w*|seasick|queasy|flashes|stars|sparks|double|blur\w*|headaches?|cramps?|palpitations|ears?\s+(?:rings?|buzz\w*)|ringing|(?:room|head|everything)\s+(?:spins|is\s+spinning|should\s+be\s+spinning|turns)|spinning|prickl\w*|(?:feels?\s+(?:nothing|no\s+more)\s+any\s*more)|little\s+lights|points\s+of\s+light|(?:cannot|can't|no\s+longer|can\s+no\s+longer)\s+feel|no\s+feeling|loss\s+of\s+feeling|dead|aches?|aching|sore(?:ness)?|agony|tears?\s+(?:come|run)|goes\s+black|blackness|vision\s+(?:goes|fades|narrows)|trembling\s+with\s+pain|heart\s+(?:races|pounds|stumbles)|breathless|out\s+of\s+breath|suffer\w*|scream\w*|cry(?:ing)?|torture|twinges?|pangs?|whimper\w*|winc(?:e|es|ing)|groan\w*|moan\w*|sob(?:s|bing)?|gasp\w*|eyes?\s+waters?|tears\s+in|smart(?:s|ing)\s+(?:and|badly|like)|hammering|retch\w*|gag(?:s|ging)?|vomit\w*|suffocat\w*|unwell|stagger\w*|sways?|wobbly|dark(?:ness)?\s+before|grey\s+before|bites?\s+like|(?:hand|arm|face|finger|leg|lip|cheek)s?\s+(?:go|goes|fall|falls)\s+(?:to\s+sleep|asleep)|(?:you|anyone|one|they)\s+can\s+(?:bear|stand|take|endure|tolerate))\b";
    private const string GoingOn =
        @"\b(?:keep\w*\s+(?:breathing|on|going|circling|at|holding|pressing|pushing|the)|continu\w*|carry(?:ing)?\s+on|go(?:ing)?\s+on|finish\w*|hold(?:ing)?\s+(?:out|on\s+(?:until|till|for|and|through|despite)|on$)|tough\w*|stick\w*\s+(?:with|it)|see\s+it\s+through|stay\w*\s+(?:there|with|in|on|put)|lov(?:e|ing)\s+(?:the|it|your)|reward\w*|proof|prov\w+|normal|natural|sign\s+(?:that|of)|means\s+(?:you|that|it|the)|doing\s+(?:it\s+right|well)|right\s+(?:spot|place|point|depth)|have\s+found|goal|aims?|aiming|we\s+want|wanted|only\s+(?:stop|let\s+go|release|when|then|once|end|pause)|harder|deeper|more\s+(?:force|pressure)|increas\w*|in\s+spite\s+of|despite|even\s+though|although|no\s+matter|past\s+the|through\s+the|welcome|enjoy\w*|right\s+when|correct|where\s+the\s+change|looking\s+for|will\s+get\s+less|have\s+reached|(?:press|push|go\s+on|carry\s+on|work)\s+as\s+usual|urge\s+to\s+stop|when\s+it\s+grows|stronger|until|till|as\s+(?:hard|firm\w*|long|deep\w*|much|strong\w*|far)\s+as|ignor\w*|simply|barrier|should\s+feel|is\s+good|are\s+good|fine|harmless|for\s+(?:beginners|the\s+weak|cowards)|that\s+is\s+how|that's\s+how|shows?\s+(?:that|you)|tells\s+you|is\s+right|(?:look\s+at|enjoy|admire|watch)\s+them|just\s+(?:keep|go|carry|breathe|let)|good\s+sign|so\s+hard|has\s+let\s+go|press\s+(?:a\s+(?:little|bit)\s+)?(?:more|on|harder)|push\s+on|belongs?\s+to|part\s+of|friend|ally|what\s+(?:we|you)(?:'re)?\s+(?:are\s+after|want|need|after)|nothing\s+special|renew\w*|all\s+right|disturb|another|results?|should\s+(?:be|get|become|turn|go)|keep\s+(?:the|up)|keep\s+\w+ing|(?:one|two|three|four|five|ten|twenty|some|a\s+few)\s+more|once\s+more|another\s+(?:round|set|ten|minute)|let\s+it|brave\w*|courage|coward|trust|will\s+pass|passes\s+(?:soon|with)|get\s+used|used\s+to\s+it|adapts?|celebrat\w*|never\s+give|give\s+in|give\s+up|is\s+the\s+(?:point|key|way|price)|the\s+price\s+(?:of|for)|needs?\s+to|has\s+to|must|rejoice|excellent|perfect|great|success\w*|works\s+best|best\s+effect|helps|heals|releases?|leaves\s+the\s+body|toxins?|awaken\w*|wak(?:es?|ing)\s+up|progress\w*|so\s+\w+\s+that|pay\s+no|nothing\s+but|the\s+last\s+\w+\s+with|merely|slowly\s+turns?|turns?\s+into|before\s+(?:the|it)|too\s+(?:soft|light|gentle|careful)|learn\w*\s+to|belongs|take\s+it\s+as|earn\w*|deserv\w*|bite\s+(?:your|the)\s+(?:lip|teeth)|through|will\s+(?:not\s+)?see)\b";

    /// <summary>"Cup the palms": hands are shaped, no cup is taken up.</summary>
    private const string OfPalms = @"\s+(?:(?:the|your|both|warm)\s+)*(?:palms?|hands?)\b";
    private const string AnyTool =
        $@"\b(?:tools?|stones?|rollers?|cups?(?!{OfPalms})|cupping|spoons?|suction|vibrating|wand|edge\s+of|combs?|scrapers?|blade)\b";

    private static readonly IReadOnlyList<Harm> Harms =
    [
        new(
            "stop-sign",
            "A stop sign taught as normal",
            SafetyVerdict.Stop,
            "teaches going on where the person must stop",
            "Stop at pain, numbness, flashes or dizziness, and ask a clinician.",
            [
                // Borne.
                F(
                    $@"\b(?:push|go|carry|keep|press|work|breathe|power|persist|continue|ride|fight|hold|move|massage|rub|knead|train|stay|remain|soldier|grind|stroke|squeeze)\w*(?:\s+(?:on|going|at\s+it|it|out|right|straight|away|still|firmly|pressing|pushing|working|kneading|rubbing|holding|squeezing|stroking|the\s+\w+))*\s+(?:through|into|past|despite|in\s+spite\s+of|regardless\s+of|with|beyond|even\s+(?:if|when|though|with)|although|though|no\s+matter|whatever|when|while|if|until)\b[^.;:]{{0,40}}?\b{Sign}\b"
                ),
                F(
                    $@"\b(?:ignor\w*|bear\w*|endur\w*|tolerat\w*|put(?:ting)?\s+up\s+with|accept\w*|welcom\w*|embrac\w*|disregard\w*|overcom\w*|suppress\w*|bit(?:e|ing)\s+back|swallow\w*|withstand\w*|stand(?:ing)?|take|enjoy\w*|breathe\s+away|look\s+past|brush\s+off|forget(?:\s+about)?|learn\s+to\s+(?:like|love|live\s+with))\s+(?:(?:the|any|some|a|that|this|all|every|little|bit|of|mild|slight|strong|first|sharp|initial)\s+)*{Sign}\b"
                ),
                F(
                    $@"\b(?:do\s+not|don't|never|no\s+need\s+to|need\s+not|not|without|nobody\s+should|refuse\s+to|resist\s+the\s+urge\s+to)\s+(?:\w+\s+)?(?:stop|relax|paus|eas|giv|let|quit|releas|back|lighten|worr|mind|fear|car|be\s+(?:afraid|scared|alarmed|put\s+off|impressed|bothered|disturbed|discouraged|deterred|distracted|fooled)|react|break|end|panic|withdraw|relent|slow|abort|interrupt|reduc)\w*\b[^.;:]{{0,45}}?\b{Sign}\b"
                ),
                F(
                    $@"\b{Sign}\b[^.;]{{0,50}}?\b(?:don't|do\s+not|never|no\s+need\s+to|needn't)\s+(?:\w+\s+)?(?:stop|paus|eas|giv|let\s+go|quit|releas|back\s+off|lighten|worr|mind|panic|be\s+(?:afraid|alarmed))\w*"
                ),
                F(
                    $@"\b{Sign}\b[^.;]{{0,50}}?\b(?:keep\s+(?:going|pressing|pushing|on|at\s+it|holding|working|rubbing)|carry\s+on|go\s+on|press\s+on|push\s+on|continue|stay\s+with\s+it|hold\s+on|work\s+through|breathe\s+through|push\s+(?:harder|more|through)|press\s+(?:harder|more|deeper)|add\s+(?:more\s+)?(?:pressure|force)|double\s+the|go\s+deeper)\b"
                ),
                F(
                    $@"\b(?:never\s+mind|no\s+matter|don't\s+let|do\s+not\s+let|pay\s+no\s+(?:heed|attention)|take\s+no\s+notice|shrug\s+off|grit\s+your\s+teeth)\b[^.;:]{{0,45}}?\b{Sign}\b"
                ),
                F(@"\bas\s+\w+\s+as\s+(?:you|they|one|he|she|the\s+client|anyone)\s+can\s+(?:stand|bear|take|endure|tolerate)\b"),
                F(
                    @"\b(?:ignor\w*|override|overrule|silence)\b[^.;]{0,30}?\b(?:body|signals?|warnings?|warning\s+signs?|signs?|limits?|symptoms?|alarm)\b"
                ),
                // Praised.
                F(
                    $@"\b{Sign}\b(?:\s+\w+){{0,6}}?\s*(?:,|:)?\s*(?:is|are|was|just|simply|only|means?|shows?|proves?|tells?|signals?|indicates?|belongs?|comes\s+with|will\s+be|can\s+be|may\s+be|that\s+is|that's|this\s+is|it\s+is|it's)\b(?:\s+\w+){{0,4}}?\s+(?:normal|good(?!\s+(?:reason|moment|time|sign\s+to|cause))|fine|welcome|wanted|expected|ok(?:ay)?|proof|progress|natural|harmless|healthy|part\s+of\s+(?:it|the)|works?|working|nothing\s+to\s+(?:worry|fear)|the\s+(?:point|aim|goal|effect|plan|idea)|desired|desirable|intended|right\s+(?:spot|place|depth|pressure)|necessary|needed|useful|excellent|success|pleasant|lovely|nice|beautiful|enjoyable|delicious|satisfying|exciting|a\s+(?:gift|joy|treat|pleasure)|nothing\s+(?:special|unusual|strange|odd|bad)|only|success\w*|hit|found|healing|detox\w*|releas\w*|leaving|letting\s+go|flow\w*|correct(?:ly)?|doing\s+it\s+right|a\s+compliment|required)\b"
                ),
                F(
                    $@"\b(?:normal|good|fine|welcome|natural|harmless|useful|expected|wonderful|great|proof|sign\s+of\s+success|a\s+good\s+sign|no\s+problem|perfectly\s+(?:all\s+right|normal|fine))\b(?:\s+\w+){{0,5}}?\s+(?:if|when|that|to\s+(?:feel|see|get|have))\b[^.;]{{0,35}}?\b{Sign}\b"
                ),
                F(
                    @"\bno\s+pain,?\s+no\s+gain|\b(?:who|whoever|if\s+you|those\s+who)\s+(?:feels?|has|have)\s+no\s+pain\b|\bthe\s+more\s+(?:it\s+|pain)[^.;]{0,20}(?:hurts?|stings?|burns?|pain|aches?)?[^.;]{0,20}\bthe\s+(?:better|more|faster|stronger)|\b(?:no|without|lack\s+of)\s+(?:any\s+)?(?:bruis\w*|marks?|redness|pain|burning|tingling|soreness)\b[^.;]{0,35}?\b(?:too\s+(?:soft|light|gentle|weak|shy|careful)|not\s+(?:enough|deep|work\w*)|harder|deeper|no\s+(?:effect|gain|result|progress)|nothing\s+happens)|\bbeauty\s+(?:must|has\s+to)\s+(?:hurt|suffer)|\bno\s+(?:burn|bruise),?\s+no\s+\w+|\bpain\s+(?:is\s+weakness|leaves)"
                ),
                F(
                    $@"\b(?:if|when|unless|as\s+long\s+as)\s+it\s+(?:does\s+not|doesn't|is\s+not|isn't)\s+(?:hurt|sting|burn|tingle|painful|sore|numb)\w*\b[^.;]{{0,40}}?\b(?:not\s+(?:work|deep|hard|enough|right|doing)|harder|deeper|too\s+(?:light|soft|gentle|weak)|more\s+(?:force|pressure)|no\s+(?:effect|use)|does\s+nothing|useless|wrong)"
                ),
                // Aimed at.
                F(
                    $@"\b(?:until|till|up\s+to\s+the\s+point\s+(?:where|that|of)|to\s+the\s+point\s+(?:where|that|of)|so\s+(?:hard|long|far|deep(?:ly)?|firm(?:ly)?|fast|much)\s+that|(?:hard|long|far|deep|firm|firmly|fast)\s+enough\s+(?:to|that|so)|to\s+the\s+(?:edge|limit|border|brink)\s+of|as\s+(?:far|hard|long|deep)\s+as|so\s+that)\b[^.;:]{{0,35}}?\b{Sign}\b"
                ),
                F(
                    $@"\b(?:goal|aim|target|purpose|idea|point)\s+(?:is|of\s+\w+(?:\s+\w+){{0,2}}\s+is)\s+(?:to\s+(?:feel|get|see|have)\s+)?(?:(?:the|a|an|some|that|this|slight|strong|sharp|light|mild|feeling|sensation|of)\s+)*{Sign}\b"
                ),
                F(
                    $@"\b(?:aim\w*|look(?:ing)?|wait\w*|search\w*|hunt\w*|hop(?:e|ing)|work\w*|striv\w*|go(?:ing)?)\s+(?:for|towards?|at)\s+(?:(?:the|a|some|that|this|first|little|bit|of|slight|strong|sharp|feeling|sensation|moment)\s+)*{Sign}\b"
                ),
                F(
                    $@"\b(?:should|must|has\s+to|have\s+to|needs?\s+to|ought\s+to|is\s+(?:meant|supposed|allowed)\s+to|may|can|want\s+to|try\s+to|let\s+(?:it|them)|want)\s+(?:(?:really|well|even|clearly|just|now|be|feel|see|get|go|become|turn|make|the|it|you|a|some|little|bit|of|skin|face|lips|cheeks?|fingers?|slightly|somewhat|properly)\s+){{0,6}}(?:pain(?:ful)?|hurt|sting|burn|throb|tingle|tingling|numb|numbness|dizzy|dizziness|light-?headed|faint|nauseous|stars|sparks|flashes|flashes\s+of\s+light|double|black)\b"
                ),
                F(
                    $@"\b(?:as\s+much\s+pain\s+as|maximum\s+pain|pain\s+threshold|(?:to|at|up\s+to|reach|past|beyond)\s+(?:the|your|their)\s+(?:pain\s+(?:limit|threshold|barrier)|threshold\s+of\s+pain)|feel\s+the\s+(?:burn|pain|sting)|lean\s+into\s+(?:the|any)\s+pain|hunt\s+the\s+pain|(?:press|push|go|work)\w*\s+(?:\w+\s+)?into\s+(?:the|any)\s+pain)\b"
                ),
            ],
            F(
                $@"\b(?:rest|wait|sit|lie|pause|stop|stay\s+seated|recover|breathe\s+(?:calmly|quietly|slowly))\w*\b[^.;]{{0,40}}\b(?:until|till)\b[^.;]{{0,30}}\b(?:passes|has\s+passed|stops|has\s+stopped|fades|goes|has\s+gone|settles|has\s+settled|is\s+gone|are\s+gone|eases|subsides|clears|is\s+over|is\s+back|comes\s+back|has\s+returned|returns)\b|\blights?\s+(?:off|down|low|dim)|\bdim\w*\s+the\s+lights?|\b(?:warm|soft|quiet|good|same|natural|room)\s+light\b|\blight\s+(?:pressure|touch|pink|strokes?|hands?|glide|contact|work|press|circles?|as|enough|and|on)\b"
            )
        ),
        new(
            "hz-globe",
            "Force on the eye",
            SafetyVerdict.Stop,
            "puts force on the eyeball or into the orbit",
            "Stay on the front of the bony rim, force into bone; on the lid no more than a feather.",
            [
                F(
                    $@"\b{Press}\b[^.;:]{{0,40}}?\b(?:on|onto|upon|into|against|at|over|towards?|across|behind)\s+{The}(?:(?:closed|open|shut|whole|soft|resting|centre|middle|top|front|back|sides?)\s+)*(?:of\s+(?:the|your)\s+)?(?:eye-?balls?|globes?|cornea|eye\s+itself|eyes\s+themselves)\b"
                ),
                F(
                    $@"\b{Press}\s+(?:\w+\s+)?(?:(?:gently|lightly|firmly|softly|down|in|back|hard|straight|slowly|briefly)\s+)*{The}(?:(?:closed|open|shut|soft)\s+)*(?:eye-?balls?|globes?|cornea)\b"
                ),
                F(
                    $@"\b(?:press|push|rub|knead|pok|dig|squash|compress|lean|massag|pump|drum|vibrat|bor|(?:pressure|force|weight))\w*\b[^.;:,]{{0,30}}?\b(?:on|onto|upon|into|against|down\s+on)\s+{The}(?:(?:closed|open|shut)\s+)*eyes?\b(?:\s*$|\s*[,.;!?)]|\s+(?:with|for|until|and|while|through|from|as|when|so|hard|firmly|gently|in|to|three|five|ten|at|is|helps?|relax\w*|sooth\w*|several|a|every|then|is\s+fine))"
                ),
                F(
                    $@"\b(?:press|push|rub|knead|massag|pok)\w*\s+(?:(?:gently|lightly|firmly|softly|hard|down|in|slowly)\s+)*{The}(?:(?:closed|open|shut|tired)\s+)*eyes\b(?:\s*$|\s*[,.;!?)]|\s+(?:with|for|until|and|while|from|as|when|so|hard|firmly|gently|in|to|three|five|ten|several|every|then|directly|deep\w*|back))"
                ),
                F(
                    $@"\b(?:press|push|slid|dip|hook|dig|reach|go|work|insert|pok|driv|bor|sink|curl|mov|massag|thumb|finger|strok|glid|probe|probing|feel|wedg|put|get|bring|circl|tuck|knead|forc)\w*\b{Near}(?:into|inside|behind|deep\s+in(?:to)?|back\s+in(?:to)?|far\s+in(?:to)?|under)\s+{The}(?:(?:eye|bony|upper|lower|inner|outer|orbital|hollow|very|deep)\s+)*(?:sockets?|orbits?|rim(?:\s+of\s+the\s+(?:eye|orbit|eye\s+socket))?\s*(?:to(?:wards)?|into|against|back|$|[,.;!]|and|until|as|with|for|where)|eye-?balls?|globe)"
                ),
                F(
                    $@"\b(?:between\s+(?:the\s+)?(?:eye-?ball|eye|globe)\s+and\s+(?:the\s+)?(?:bone|rim|socket)|(?:move|shift|push|displace|lift|wiggle|roll|pull)\w*\s+{The}eye-?balls?\s+(?:with|by|using|aside|back|up|out|in)|(?:pressure|force|weight)\s+(?:\w+\s+){{0,3}}(?:on|to|against)\s+{The}(?:eye-?balls?|globes?))\b"
                ),
                F(
                    @"\bbehind\s+(?:the\s+)?(?:bone|bony\s+\w+|rim)\b[^.;]{0,20}?\b(?:eyes?|sockets?|orbits?)\b|\b(?:squash|mash|flatten|crush)\w*\s+(?:the|your|both)\s+(?:closed\s+)?eyes\b"
                ),
            ],
            F(@"\bsqueeze\w*\s+(?:\w+\s+){0,3}eyes?\s+(?:\w+\s+)?(?:shut|closed|tight\w*|together)|\b(?:look|gaze)\w*\s+into\b")
        ),
        new(
            "hz-lid-tool",
            "A tool on the lid",
            SafetyVerdict.Stop,
            "takes a tool, a cup or a stone to the lid or the eye",
            "Tools stay outside the bony rim; on the lid no more than a fingertip, as light as a feather.",
            [
                F(
                    $@"\b(?:tools?|stones?|rollers?|cups?(?!{OfPalms})|cupping|spoons?|suction|vibrat\w+|edges?|combs?|scrapers?|device|gadget|wand|brush|jade|quartz|crystal|bian|blade|notch)\b{Near}(?:on|over|across|onto|along|upon|at|to|against|around\s+on)\s+{The}(?:(?:closed|upper|lower|open|shut|soft|whole|very|thin)\s+)*(?:eye-?\s?lids?|lids?|eye-?balls?|(?:closed|shut|open)\s+eyes?|lash(?:es)?(?:\s+line)?|eyes)\b"
                ),
                F(
                    $@"\b(?:cup|scrape|roll|suck|vibrate|brush)\w*\s+(?:\w+\s+){{0,2}}?(?:(?:the|your|both|closed|upper|lower)\s+)*(?:eye-?\s?lids?|lids?)\b"
                ),
                F(
                    $@"\b(?:eye-?\s?lids?|lids?|(?:closed|shut)\s+eyes?)\b[^.;:]{{0,30}}?\b(?:with|using|by)\s+{The}(?:(?:cold|chilled|cool|flat|small|large|little|warm|stone|glass|metal|steel)\s+)*(?:tool|stone|roller|cup|spoon|suction|edge|comb|scraper|device|gadget|wand|blade)s?\b"
                ),
            ],
            F(
                @"\broll\w*\s+(?:\w+\s+)?(?:the|your|both)\s+eyes\b|\b(?:below|beneath|under|beside|outside|around|away\s+from|short\s+of)\s+(?:the\s+)?(?:eye-?lids?|lids?|eyes?)\b"
            )
        ),
        new(
            "hz-larynx",
            "Force on the throat",
            SafetyVerdict.Stop,
            "puts force on the throat or on both sides of it",
            "Stay behind the side-neck muscle, one side at a time, light.",
            [
                F(
                    $@"\b(?:press|push|squeez|pinch|grip|grasp|grab|dig|knead|massag|rub|clasp|compress|chok|roll|scrap|pull|lean|clamp|bor|thumb|prod|pok|circl|vibrat|(?:firm|strong|deep|hard|heavy|some|steady|more|full|moderate)\s+(?:pressure|strok\w+|force|circles)|pressure|force|throttl|strangl)\w*\b{Near}(?:throats?|wind-?pipe|larynx|voice\s?box|adam'?s\s+apple|trachea|thyroid|gullet|hyoid|tongue\s+bone|airway|front\s+of\s+(?:the|your)\s+neck)\b"
                ),
                F(
                    $@"\b(?:throats?|wind-?pipe|larynx|voice\s?box|adam'?s\s+apple|trachea|front\s+of\s+(?:the|your)\s+neck)\b[^.;:,]{{0,25}}?\b(?:(?:is|are|gets?)\s+)?(?:pressed|pushed|squeezed|pinched|gripped|kneaded|rubbed|compressed|choked|rolled)\b"
                ),
                F(
                    $@"\b(?:strok|glid|sweep|slid|iron|draw)\w*\b{Near}(?:throat|wind-?pipe|larynx|adam'?s\s+apple|front\s+of\s+(?:the|your)\s+neck)\b[^.;:,]{{0,25}}?\b(?:firm|hard|strong|deep|forceful|with\s+(?:the\s+)?(?:knuckles|full\s+weight|force|pressure))"
                ),
                F(
                    $@"\b(?:firm|hard|strong|deep|forceful|knuckle)\w*\b[^.;:,]{{0,20}}?\b(?:strok|glid|sweep|slid|iron|draw)\w*\b{Near}(?:throat|wind-?pipe|larynx|adam'?s\s+apple|front\s+of\s+(?:the|your)\s+neck)\b"
                ),
            ],
            F(
                @"\b(?:away\s+from|clear\s+of|off|beside|well\s+behind|behind|outwards?\s+of|to\s+the\s+side\s+of|stays?\s+out)\s+(?:of\s+)?(?:the|your)\s+(?:throat|wind-?pipe|larynx|voice\s?box|airway|adam'?s\s+apple|front\s+of\s+the\s+neck)\b|\btongue\b[^.;]{0,40}\b(?:palate|roof)\b"
            )
        ),
        new(
            "hz-carotid",
            "Force on the pulses of the neck",
            SafetyVerdict.Stop,
            "presses the arteries of the neck, or both sides of it at once",
            "One side at a time, behind the side-neck muscle; both at once only as light as a feather.",
            [
                F(
                    $@"\b(?:press|push|squeez|pinch|grip|grasp|grab|dig|knead|massag|rub|clasp|compress|hold|clamp|block|stop|circl|thumb|pump|stimulat|lean|work|(?:pressure|force))\w*\b{Near}(?:carotids?|carotid\s+\w+|neck\s+(?:arter\w+|pulses?)|arter(?:y|ies)\s+(?:of|in|at)\s+(?:the|your)\s+neck|jugulars?|pulses?\s+(?:points?\s+)?(?:of|in|at|on)\s+(?:the|your)\s+neck|(?:both|two)\s+(?:neck\s+)?pulses|pulse\s+(?:points?|beats?|can\s+be\s+felt|is\s+felt)|where\s+(?:you\s+(?:can\s+)?feel\s+)?(?:the|your)\s+pulse)\b"
                ),
                F(
                    $@"\b(?:press|push|squeez|pinch|grip|grasp|grab|dig|knead|rub|clasp|compress|clamp|massag|hook|(?:firm|strong|deep|hard)\s+(?:pressure|strok\w+))\w*\b{Near}(?:both\s+sides\s+of\s+(?:the|your)\s+(?:neck|throat)|(?:the|your)\s+(?:neck|throat)\s+(?:on|from)\s+both\s+sides|(?:the|your)\s+neck\s+between\s+(?:the\s+)?(?:thumb|fingers|hands|palms)|(?:either|each)\s+side\s+of\s+(?:the|your)\s+(?:throat|wind-?pipe|adam'?s\s+apple|neck))\b"
                ),
                F($@"\bboth\s+(?:carotids?|(?:neck\s+)?arteries|jugulars)\b"),
            ],
            F(@"\bonly\s+feel\b|\bfeather")
        ),
        new(
            "hz-vertebral",
            "A forced neck or head",
            SafetyVerdict.Stop,
            "forces the neck or pulls the head",
            "Let the head's own weight stretch, within comfort; no hand at the end of the range.",
            [
                F(
                    $@"\b(?:pull|yank|jerk|tug|twist|wrench|crank|crack|thrust|forc|snap|whip|fling|swing|wring|haul|stretch\s+out|adjust|manipulat|pop|drag)\w*\s+(?:(?:hard|sharply|firmly|suddenly|quickly|slowly|gently|up|back|down|on|at|out|steadily|strongly)\s+)*{The}(?:(?:whole|client's|partner's)\s+)*(?:head|neck|skull|cervical\s+spine|vertebra\w*)\b"
                ),
                F(
                    $@"\b(?:head|neck|skull)\b[^.;:]{{0,35}}?\b(?:with\s+(?:full|all|great|maximum)\s+(?:\w+\s+)?(?:force|strength|weight|power)|as\s+far\s+as\s+(?:the|your|it|a|they)\s+(?:hands?|goes|will|can|possibly)(?:\s+\w+)?|until\s+it\s+(?:cracks|clicks|pops|snaps|gives|stops)|beyond\s+(?:its|the|your)\s+(?:limit|end|range)|past\s+(?:its|the|your)\s+(?:limit|end|range|comfort)|to\s+(?:its|the)\s+(?:very\s+)?(?:end|limit|stop)|with\s+a\s+(?:jerk|jolt|snap|quick\s+(?:pull|twist)))"
                ),
                F(
                    $@"\b(?:roll|circl|rotat|swivel|spin|swing)\w*\s+{The}(?:head|neck)\b[^.;:]{{0,35}}?\b(?:full|complete|whole|all\s+the\s+way|round\s+and\s+round|big|large|wide|in\s+circles?|circles?|around|fast|quickly)\b|\b(?:full|complete|whole|big|large|wide|fast)\s+(?:head|neck)\s+(?:circles?|rolls?|rotations?)\b|\b(?:head|neck)\s+(?:circles|rolls)\s+(?:all|right)\s+(?:the\s+way\s+)?(?:a)?round\b|\b(?:full|complete|whole|big)\s+circles?\s+with\s+{The}(?:head|neck)\b"
                ),
                F(
                    $@"\b(?:push|press|turn|bend|tilt|lever|lean)\w*\s+(?:(?:hard|firmly|further|down|strongly)\s+)*{The}(?:head|neck)\b[^.;:]{{0,40}}?\b(?:further|farther|harder|past|beyond|with\s+(?:the|your|a|both|one)\s+(?:hands?|palm|arm|other\s+hand)[^.;:,]{{0,25}}(?:further|farther|hard|force|end|limit|can)|over\s+the\s+(?:limit|end)|by\s+force|forcibly|forcefully|hard)\b"
                ),
                F(
                    $@"\b(?:hand|partner|palm|helper|trainer|arm)\w*\b[^.;:]{{0,20}}?\b(?:forc|pull|yank|push|twist|wrench|lever)\w*\s+{The}(?:head|neck|chin)\b[^.;:]{{0,30}}?\b(?:round|further|farther|back|to\s+the\s+side|over|end|limit|around|towards?)"
                ),
                F(
                    $@"\b(?:tip|drop|throw|let|hang|take|bend|lean|fling|tilt)\w*\s+{The}(?:head|neck)\s+(?:\w+\s+){{0,4}}?back\w*\b[^.;:]{{0,30}}?\b(?:and|then|while)\s+(?:\w+\s+){{0,2}}?(?:turn|rotat|twist|roll|look\s+over)\w*|\b(?:traction|thrust|whiplash)\b[^.;:]{{0,20}}?\b(?:neck|head)|\bhang\w*\s+(?:\w+\s+){{0,3}}?by\s+(?:the|your)\s+(?:head|chin|neck)|\blift\w*\s+{The}(?:head|skull)\s+off\s+(?:the\s+)?(?:neck|spine)|\b(?:throw|fling|snap|drop)\w*\s+{The}head\s+(?:\w+\s+)?back|\bhead\b[^.;]{{0,15}}\bfall\w*\s+back\w*\s+(?:hard|fast|quickly|suddenly|with\s+\w+|freely)"
                ),
                F($@"\b(?:pull|yank|jerk|tug|haul)\w*\b[^.;:,]{{0,25}}?\b(?:by|at|on)\s+{The}(?:head|chin|neck|ears|skull)\b"),
            ],
            F(
                @"\bagainst\s+(?:the|your|a|its|his|her)\s+(?:\w+\s+)?(?:hands?|palms?|resistance|pillow|wall|fist)|\b(?:imagin\w+|as\s+if|as\s+though|thread|string|balloon|like\s+a)\b|\b(?:shoulders?|elbows?|chin|jaw|corners?|cheeks?|ears?)\s+(?:\w+\s+){0,3}(?:away\s+from|towards?)\s+(?:the|your)\s+(?:head|neck)\b|\bas\s+far\s+as\s+(?:is\s+|it\s+is\s+|feels\s+|it\s+goes\s+|it\s+will\s+go\s+)?(?:comfort\w*|easy|easily|pleasant\w*|by\s+itself|freely|without|nothing\s+pulls)"
            )
        ),
        new(
            LongBreath,
            "A breath stopped for long or under effort",
            SafetyVerdict.Stop,
            "stops the breath for long or under effort",
            "Breathe on. Long breath-holds are a separate skill, after screening.",
            [
                F(
                    @"\b(?:hold|holding|keep|keeping|stop|stopping|block|blocking|retain|retaining)\w*\s+(?:(?:in|your|the|all|back)\s+)*(?:breath\w*|air\s+in(?:side)?\s+(?:the|your)\s+(?:lungs|chest))\b[^.;]{0,45}?\b(?:as\s+long\s+as|(?:1\d|[2-9]\d|\d{3,})\s*(?:s\b|sec\w*|counts?)|minutes?|twenty|thirty|forty|sixty|fifteen|while\s+(?:you\s+)?(?:press|push|squeez|clench|hold|lift|strain|pull|resist|tens|smil|tight|work|do|mak)\w*|during\s+(?:the|every|each|all)|for\s+the\s+(?:whole|entire)|throughout|under\s+(?:effort|strain|tension|load)|until\s+(?:you|the|it|your)|all\s+through|at\s+(?:full|maximum)\s+\w+|and\s+(?:press|push|squeez|clench|strain|bear\s+down|tense|resist|lift|pull)\w*)"
                ),
                F(
                    @"\b(?:lungs?\s+(?:\w+\s+)?(?:empty|full)|(?:empty|full)\s+lungs?)\b[^.;]{0,40}?\b(?:(?:1[5-9]|[2-9]\d|\d{3})\b|twenty|thirty|forty|fifty|sixty|minutes?|as\s+long\s+as)"
                ),
                F(
                    @"\bas\s+long\s+as\s+(?:you\s+(?:possibly\s+)?can|possible)\b[^.;]{0,30}\b(?:breath|air)|\b(?:hold|keep|retain|trap)\w*\s+(?:in\s+)?(?:the\s+|your\s+|all\s+the\s+)?(?:air|breath|lungful)\b[^.;]{0,30}\b(?:as\s+long\s+as|until|(?:1\d|[2-9]\d)|twenty|thirty|forty|minutes?)|\b(?:press|push|squeez|clench|strain|lift|resist|tens|hold|pull|smil|tighten|work)\w*\b[^.;]{0,50}?\b(?:with(?:out)?\s+(?:a\s+)?(?:breathing|(?:your|the)\s+breath\s+(?:held|stopped)|held\s+breath|breath\s+held|taking\s+a\s+breath|an?\s+breath)|(?:and|while)\s+(?:hold\w*|stop\w*|keep\w*)\s+(?:in\s+)?(?:your\s+|the\s+)?breath\w*|and\s+(?:don't|do\s+not|never)\s+breathe)"
                ),
                F(
                    @"\b(?:bear(?:ing)?\s+down|strain\w*)\b[^.;]{0,40}?\b(?:mouth|nose|lips|glottis|throat|breath)\b|\b(?:nose|nostrils?)\s+(?:\w+\s+){0,2}(?:pinched|closed|shut|held|blocked)\b[^.;]{0,40}?\b(?:blow|push|press|strain)\w*|\b(?:pinch|clos|hold|block)\w*\s+(?:the|your|both)\s+(?:nose|nostrils)\b[^.;]{0,40}?\b(?:blow|press|push|strain)\w*"
                ),
                F(
                    @"\b(?:don't|do\s+not|stop|no|without|never)\s+(?:breathe|breathing|inhale|inhaling|take\s+a\s+breath)\b[^.;]{0,12}?(?:$|\b(?:until|while|during|for|till|in\s+between|as\s+long|at\s+all|here|now|between|when))|\bbreath\s+(?:is\s+|stays\s+|kept\s+)?(?:held|stopped|locked)\s+(?:in\s+)?(?:for|until|while|during|throughout|under|all)\b|\block\s+(?:the|your)\s+breath"
                ),
            ],
            F(
                @"\b(?:without|never|not|don't|no)\s+(?:ever\s+)?(?:hold|stop|block|keep)\w*\s+(?:your\s+|the\s+|back\s+|in\s+)*breath\w*|\b(?:breathe|breathing)\s+(?:on|freely|evenly|quietly|calmly|normally|steadily)\b|\bkeep\w*\s+(?:on\s+)?breathing\b|\bbreath\s+(?:moving|between|after|before|flows|goes\s+on|keeps\s+flowing|runs\s+on|stays\s+free)"
            )
        ),
        new(
            "breath-hold",
            "A breath-hold",
            SafetyVerdict.Caution,
            "holds the breath",
            "Breathe on during effort; screen for blood pressure, heart, epilepsy and panic first.",
            [
                F(
                    @"\b(?:hold|holding|keep|keeping|stop|stopping|suspend|pause|retain)\w*\s+(?:in\s+)?(?:your\s+|the\s+)?(?:breath|breathing)\b|\bbreath-?\s?(?:hold|retention)\w*\b|\bwith\s+(?:the\s+|your\s+)?(?:held\s+breath|breath\s+held)\b|\bwithout\s+breathing\b"
                ),
            ],
            F(
                @"\bkeep\w*\s+(?:your\s+|the\s+)?(?:breath|breathing)\s+(?:flowing|going|free|calm|even|slow|soft|quiet|easy|steady|regular|light|gentle|deep|long|on|through|in\s+the|moving|natural)\w*|\bkeep\s+breathing|\bkeep\s+the\s+breath\b[^.;]{0,20}\b(?:flow|free|calm|even|slow)"
            )
        ),
        new(
            "at-the-wheel",
            "Eyes or hands busy at the wheel",
            SafetyVerdict.Stop,
            "is done while driving or at a machine",
            "Only seated, with nothing else to watch.",
            [
                F(
                    @"\b(?:while|when|whilst|during|as)\s+(?:you(?:'re|\s+are)?\s+)?(?:still\s+)?(?:(?:on|at)\s+(?:the|your)\s+)?(?:driv\w+|cycl\w+|biking|riding\s+(?:a|your|the)\s+\w+|steering|(?:at|behind)\s+the\s+(?:steering\s+)?wheel|(?:working|operating|using|running)\s+(?:a\s+|the\s+|heavy\s+|power\s+)?(?:machine\w*|saw|tools?\s+with)|climbing\s+(?:the\s+)?(?:stairs|ladder)|crossing\s+(?:the|a)\s+(?:street|road)|on\s+a\s+ladder|on\s+the\s+(?:motorway|highway))"
                ),
                F(
                    @"\b(?:at|behind)\s+the\s+(?:steering\s+)?wheel\b|\bat\s+(?:a|the|every|each|any)?\s*(?:red|traffic|stop)\s*-?lights?\b|\bin\s+(?:the|your|a|heavy|slow|city)?\s*(?:car|traffic|van|lorry|truck)\b[^.;]{0,25}?\b(?:while|as\s+you|on\s+the\s+way|during|jam|to\s+work|commut\w+|wait\w*)|\b(?:on|during)\s+(?:the|your|a|every|long)\s+(?:drive|commute\s+by\s+car|car\s+(?:ride|journey)|motorway|highway)\b|\bin\s+(?:a\s+)?traffic\s+(?:jam)?|\bwhile\s+(?:waiting\s+)?in\s+traffic|\bone\s+hand\s+on\s+the\s+(?:steering\s+)?wheel|\bdriving\s+(?:is\s+a\s+good|time|to\s+work)|\bon\s+the\s+bike\b"
                ),
            ],
            F(
                @"\bpassengers?\b|\blights?\s+(?:down|off|low|out)\b|\b(?:before|after|until)\s+(?:(?!minutes?\b|hours?\b|miles?\b|while\b)\w+\s+){0,3}(?:driv\w+|riding|cycling|mowing|ride|drive|commute|getting\s+behind)|\bparked\b|\bpark\s+first|^(?:(?:at|in|on)\s+(?:the|a|every)\s+(?:\w+\s+){1,2})?(?:both|your|the)\s+hands?\s+(?:belong|stay|remain|rest|are)\s+(?:to|on|at)\s+the\s+(?:steering\s+)?(?:wheel|handlebars?)\b\s*(?:$|,\s*so\b)"
            )
        ),
        new(
            "bruise",
            "A mark or numbness as a goal or a proof",
            SafetyVerdict.Stop,
            "takes a bruise, a welt, strong redness or numbness for a goal or a proof",
            "Light pink that fades within minutes is the end; no mark is a goal.",
            [
                F(
                    $@"\b(?:until|till|so\s+(?:hard\s+)?that|hard\s+enough|goal|aim\w*|should|want\w*|must|has\s+to|have\s+to|needs?\s+to|look\s+for|wait\s+for|welcome|strive|expect\w*|hope\s+for|enough\s+to|go\s+for|leave\w*|may|to\s+the\s+point)\b[^.;]{{0,45}}?{Mark}"
                ),
                F(
                    $@"{Mark}\b[^.;]{{0,30}}?\b(?:is|are|means?|shows?|proves?|tells?|just|only|simply|belongs?|will|prove|come\s+with|count\s+as|indicates?|signals?)\b[^.;]{{0,35}}?\b(?:normal|good|fine|proof|wanted|welcome|works?|worked|working|sign|success\w*|expected|ok(?:ay)?|part\s+of|the\s+(?:goal|aim|point|idea)|harmless|nothing\s+to\s+worry|heal\w*|tox\w+|detox\w*|right|enough|deep\s+enough|natural|circulation|stagnation|releas\w*|progress|reached|desired|effective|badge|pride)\b"
                ),
                F(
                    $@"\b(?:don't|do\s+not|never|no\s+need\s+to)\s+(?:\w+\s+)?(?:worry|mind|fear|be\s+(?:afraid|alarmed|scared|shocked)|stop|care|let)\w*\b[^.;]{{0,40}}?{Mark}|\b(?:proud\s+of|badge\s+of\s+honou?r|proof\s+that|proof\s+of|prov\w+\s+(?:by|with)|sign\s+that|sign\s+of|no\s+harm\s+in|normal\s+(?:to|that|if)|fine\s+(?:to|if|when)|ignore|accept|never\s+mind|good\s+(?:if|when|to))\b[^.;]{{0,30}}?{Mark}"
                ),
                F(
                    $@"\b(?:more|darker|redder|bigger|bluer)\b[^.;]{{0,20}}?(?:{Mark}|\bred\w*|\bmarks?)?[^.;]{{0,20}}?\bthe\s+better|\bthe\s+(?:redder|darker|bluer|more\s+(?:bruis\w*|red|marks?))\b"
                ),
            ],
            F(
                @"\b(?:if|who|people|those|persons?|clients?|anyone|anybody|skin\s+that)\b[^.;]{0,30}\bbruis\w+\s+easily|\b(?:light|lightly|faint|faintly|soft|softly|slight|slightly|rosy|pale|warm)\s+(?:pink|rosy|flush\w*)"
            )
        ),
        new(
            "hz-tmj",
            "Force in the jaw",
            SafetyVerdict.Stop,
            "drives the jaw with all force or cracks it",
            "Short, pain-free range; teeth apart at rest; no force at the end.",
            [
                F(
                    @"\b(?:clench|bit(?:e|ing)|grind|gnash|press|squeez|clamp|push|grit)\w*\b[^.;:]{0,35}?\b(?:jaws?|teeth|molars|together|down)\b[^.;:]{0,35}?\b(?:as\s+(?:hard|strong\w*|tight\w*|firmly|forcefully)\s+as|with\s+(?:all|full|maximum|maximal|the\s+greatest|every\s+ounce|your\s+whole|total|great)\b|hard|forceful\w*|(?:at|to)\s+(?:the\s+)?(?:max\w*|full)|full\s+(?:force|power|strength)|max\w*|violently|until)"
                ),
                F(
                    @"\b(?:clench|bit(?:e|ing)\s+(?:down|together)?|grind)\w*\s+(?:\w+\s+){0,2}?(?:as\s+(?:hard|tight\w*|strong\w*|firmly)\s+as|with\s+(?:all|full|max\w*|every|your\s+whole)|hard|forceful\w*|maximal\w*)\b|\b(?:all|full|max\w*|every\s+ounce\s+of)\s+(?:your\s+|the\s+)?(?:force|strength|power)\b[^.;:]{0,30}?\b(?:jaws?|teeth|bite|molars|clench\w*)|\bhard\s+clench|\b(?:teeth|jaws?)\s+(?:clenched|together|pressed)\s+(?:\w+\s+){0,2}(?:as\s+hard\s+as|with\s+(?:all|full)|hard|at\s+full)"
                ),
                F(
                    @"\b(?:crack|pop|snap|click|crunch|dislocat)\w*\s+(?:(?:out|back|in)\s+)?(?:(?:the|your|their)\s+)(?:jaws?|jaw\s+joints?|joints?\s+of\s+the\s+jaw|lower\s+jaw)\b|\b(?:jaws?|joint)\b[^.;:]{0,30}?\b(?:until|so\s+that|till|to\s+make|should|must|has\s+to|let)\b[^.;:]{0,20}?\b(?:cracks?|pops?|snaps?|clicks?|crunch\w*|gives\s+way|locks?)"
                ),
                F(
                    $@"\b(?:forc|yank|wrench|jerk|thrust|lever|pry|prise|prising|pull|push|ram|shov)\w*\s+(?:(?:hard|firmly|open|sharply)\s+)*{The}(?:lower\s+)?(?:jaw|mouth|chin|mandible)\b[^.;:]{{0,35}}?\b(?:open|sideways|to\s+the\s+(?:side|left|right)|further|farther|beyond|past|wide\w*|limit|end|hard|as\s+far\s+as|out\s+of|by\s+force|with\s+(?:force|both\s+hands|all))|\b(?:open|stretch)\w*\s+{The}(?:mouth|jaw)\b[^.;:]{{0,35}}?\b(?:beyond|past|by\s+force|forcibly|until\s+(?:it|the)\s+(?:\w+\s+)?(?:cracks?|clicks?|pops?|hurts?|locks?)|wider\s+than|with\s+(?:all|full)\s+(?:your\s+)?(?:force|strength))"
                ),
            ],
            F(
                @"\b(?:if|when|where|should)\s+(?:the|your|a|it)?\s*(?:jaw|joint)?\s*(?:clicks?|cracks?|pops?|locks?)\b[^.;]{0,40}\b(?:smaller|stop|less|dentist|leave|rest|ask|see|skip|pause)|\bas\s+far\s+as\s+(?:it\s+(?:goes|will\s+go|opens)\s+)?(?:comfort\w*|easily|freely|without|is\s+easy)|\bwithout\s+(?:a\s+|any\s+)?(?:click|crack|pop|force|pain|sound|noise)"
            )
        ),
        new(
            "hz-ear-canal",
            "Something in the ear",
            SafetyVerdict.Stop,
            "goes into the ear canal or forces pressure on the drum",
            "Nothing goes into the ear; work in front of it and behind it.",
            [
                F(
                    $@"\b(?:push|press|put|insert|stick|shov|thrust|jam|stuff|slid|plug|pok|dig|go|plac|work|mov|driv|screw|twist|turn|reach|massag|circl|rub|blow|squirt|drip|drop|pour|introduc|guid|rotat|tap|wiggl|feed|bring)\w*\b{Near}(?:into|inside|in|deep\s+in(?:to)?|down)\s+{The}ears?(?:-?\s?(?:canals?|holes?|openings?|drums?|passages?))?\b(?:\s*$|\s*[,.;!?)]|\s+(?:and|with|until|as|to|for|while|then|where|so|deep\w*|gently|firmly|several|three|five|ten|far|by))"
                ),
                F(
                    @"\b(?:into|inside|in|down|against)\s+(?:the|your|each|both)\s+(?:ear\s*-?\s?(?:canals?|holes?|openings?|drums?|passages?)|auditory\s+canals?|inner\s+ears?)\b|\b(?:cotton\s+(?:buds?|swabs?)|ear\s+candles?|hairpins?|matchsticks?)\b[^.;:]{0,25}?\bears?\b|\b(?:pop|pump|unblock|suck)\w*\s+(?:the|your|both)\s+ears\b|\b(?:palms?|hands?|fingers?)\b[^.;:]{0,30}?\bears?\b[^.;:]{0,25}?\b(?:pump\w*|suction|vacuum|pop\b|popp\w+)"
                ),
            ],
            F(
                @"\b(?:behind|in\s+front\s+of|before|below|under|above|beside|around)\s+(?:the|your|each|both)\s+ears?\b[^.;]{0,3}$|\bpop\w*\s+(?:the|your)\s+ears\b[^.;]{0,20}\bstop"
            )
        ),
        new(
            "skin",
            "Over skin that must be left alone",
            SafetyVerdict.Stop,
            "works over broken, infected or freshly treated skin, a mole or swollen veins",
            "Leave that place out until it has healed or whoever treats it agrees.",
            [
                F(
                    $@"\b(?:{Press}|{Stroke})\b{Near}(?:over|on|across|through|onto|along|right\s+over|straight\s+over|directly\s+on|upon|into|at)\s+{The}{SkinWord}"
                ),
                F(
                    $@"\b(?:pull|stretch|tug|drag|mov|slid|shift)\w*\b[^.;:]{{0,20}}?\b(?:at|on|over|across|near|of)\s+{The}(?:(?:new|fresh|recent|open|red)\s+)+(?:scars?|stitch\w*|sutures?|wounds?|cuts?|incisions?)\b"
                ),
                F(
                    $@"\b(?:squeez|pop|burst|press\s+out|pick|scratch|scrap|scrub|rub|massag|knead|pinch|lanc|work\s+out|roll\s+out|work|treat|flatten|stroke|iron)\w*\s+(?:(?:out|off|open|away|gently|hard|firmly|down|well)\s+)*{The}(?:(?:any|all|small|little|old|new|first|red|dark)\s+)*{SkinWord}"
                ),
                F(
                    $@"(?:{SkinWord})\b[^.;:]{{0,30}}?\b(?:is\s+no\s+(?:reason|problem|obstacle)|are\s+no\s+(?:reason|problem|obstacle)|can\s+be\s+(?:massaged|kneaded|rubbed|worked|scraped|squeezed|rolled|stroked|pressed|included)|need\s+(?:extra|more|firm)|needs\s+(?:extra|more|firm)|massaged\s+away|heals?\s+faster\s+(?:if|when|with)|don't\s+matter|doesn't\s+matter|do\s+not\s+matter)"
                ),
                F(
                    @"\b(?:right|straight|directly|immediately|(?:on\s+)?the\s+(?:same\s+)?(?:day|evening|night)|a\s+day|an\s+hour|hours|just|soon)\s+(?:after|as|of)\s+(?:(?:the|your|a|an|any|fresh|new)\s+)*(?:filler\w*|botulinum\w*|injections?|peel\w*|laser\w*|needling|threads?|thread\s+lift|surgery|operation|waxing|tattoo\w*|extraction|tooth\s+extraction|face-?lift|treatment\s+with\s+(?:filler|needles)|micro-?needling)"
                ),
            ],
            F(
                @"\b(?:around|beside|next\s+to|away\s+from|clear\s+of|out\s+of|past|round|leave|leaves|leaving|skip\w*|avoid\w*|spare|sparing|omit|except|until\s+(?:\w+\s+){0,3}(?:heal\w*|whole|closed|settled|gone)|once\s+(?:\w+\s+){0,3}(?:healed|released|closed)|healed|while\s+(?:\w+\s+){0,3}heals?|keep\s+(?:\w+\s+)?off|stay\s+off|ask\s+(?:a|the|your|whoever|first)|(?:weeks?|fortnight|months?|\d+\s+days)\s+after|after\s+(?:the\s+)?(?:release|all-clear)|doctor|clinician|at\s+a\s+distance)\b|\bpressure\s+spots?\b|\btender\s+spots?\b|\b(?:sore|tired|tight|stiff|tense)\s+(?:spots?|places?|muscles?|jaws?|necks?|shoulders?|eyes)\b"
            )
        ),
        new(
            "sun",
            "Eyes into the sun",
            SafetyVerdict.Stop,
            "looks into the sun or a glaring light",
            "Look at something calm in soft light; never into the sun.",
            [
                F(
                    @"\b(?:look|gaz|star|glanc|focus|fix|fac|turn|open|hold|direct|blink|squint|peer|watch|train|expos|rais|lift)\w*\b[^.;:]{0,35}?\b(?:into|at|towards?|on|to|directly\s+at|straight\s+(?:at|into))\s+(?:the\s+|a\s+|bright\s+|midday\s+|low\s+|rising\s+|setting\s+|full\s+|direct\s+|glaring\s+|strong\s+|naked\s+)*(?:sun|sunlight|sun\s?rise|sun\s?set|sunshine|laser\s*\w*|(?:bright|strong|glaring|blinding|naked|halogen)\s+(?:lamp|light|bulb|beam|torch)|welding\s+\w+|flash(?:ing)?\s+lights?|strobe\w*|spotlight|headlights?)\b|\bsun\s?-?gaz\w+"
                ),
            ],
            F(
                @"\b(?:away\s+from|out\s+of|back\s+to)\s+the\s+sun|\b(?:sun|light|lamp)\s+(?:is\s+|comes\s+)?(?:from\s+)?behind\b|\bsun\s+on\s+(?:the|your)\s+(?:back|skin|hands)|\bback\s+(?:is\s+)?to\s+the\s+(?:sun|light)|\bas\s+if\b|\beyes\s+(?:half\s+)?(?:closed|shut)|\bclosed\s+eyes|\b(?:close|shut|cover|protect|shade)\s+(?:the|your)\s+eyes"
            )
        ),
    ];

    private const string Mark =
        @"\b(?:bruis\w*|welts?|blood\s*-?spots?|blood\s+(?:comes|shows|rises|appears)|bleed\w*|black\s+and\s+blue|(?:deep|dark|bright|strong\w*|fiery|beetroot|crimson|scarlet|really|very|intense\w*|angry|properly)[\s-]+(?:red\w*|purple|blue)|red\s+(?:as|like)\s+\w+|purple|crimson|scarlet|violet|petechia\w*|raw|swollen|swelling|swells|numb\w*|scabs?|blister\w*|broken\s+(?:\w+\s+)?veins?|burst\s+(?:veins?|vessels?)|haematomas?|hematomas?|blue\s+(?:marks?|spots?)|dark\s+(?:marks?|spots?)|red\s+(?:streaks?|stripes?|lines?)|glow(?:s|ing)?\s+red|no\s+longer\s+feel\w*|redness\s+(?:for|that\s+(?:lasts|stays))\b|(?:clear|visible|lasting|strong)\s+marks|(?:until|till|so\s+that)\b[^.;]{0,40}\b(?:tears?|rips?|splits?)\b|(?:dark|black|red|blue|purple)\s+(?:\w+\s+)?(?:ring|circle|patch|disc|print)\w*|(?:skin|face|cheek|spot|place|neck)s?\s+(?:\w+\s+)?(?:is|are|turns?|goes?|becomes?|gets?|looks?)\s+(?:\w+\s+)?(?:blue|dark|black|purple|violet|fiery|blotchy|marked)|a\s+mark\s+(?:stays|remains|is\s+left)|marks\s+(?:that\s+)?(?:stay|last|remain|for\s+days))";

    private const string SkinWord =
        @"\b(?:(?:broken|cracked|open|infected|inflamed|weeping|sunburn(?:ed|t)?|burn(?:ed|t)|raw|bleeding|irritated|itchy|flaking|fresh(?:ly)?|new(?:ly)?|recent(?:ly)?|healing|unhealed|stitched|festering|swollen|thick|bulging|enlarged|knotted|varicose|spider|crusted|blistered|grazed|raised|dark|purulent|weepy|sore|peeling|active|shingles)[\s,-]+(?:\w+[\s,-]+){0,2}?(?:skin|scars?|wounds?|cuts?|sores?|spots?|pimples?|acne|rash\w*|eczema|moles?|veins?|patch\w*|area|places?|injections?(?:\s+\w+)?|injected\s+\w+|treated\s+\w+|peeled\s+\w+|tattoos?|lasered\s+\w+|waxed\s+\w+|fillers?|filled\s+\w+|threads?|stitches|surgery|incisions?|blisters?|boils?|lesions?|stubble\s+cuts|lips?|cheeks?|face|nose|forehead|chin|neck|ears?|scalp|temples?|eyes?\s+corners?|grazes?|glands?|nodes?|bumps?)|sunburns?|wounds?|cuts|(?:the|a|any|small|open|fresh)\s+cut|stitches|sutures|cold\s+sores?|herpes|boils?|pustules?|pimples?|blackheads?|zits?|acne|rashes|rash|eczema|moles?|birthmarks?|warts?|varicose\s+veins?|spider\s+veins?|varices|lumps?|scars?\s+(?:while|that\s+(?:is|are)|as\s+long\s+as\s+it\s+is)\s+(?:still\s+)?(?:red|fresh|new|open|pink|soft)|(?<=squeeze\s+the\s)spots|spots\s+to\s+(?:open|burst|empty|squeeze|clear)\w*|open\s+sores?|ulcers?|abscess(?:es)?|impetigo|shingles|blisters?|injection\s+(?:sites?|points?|marks?)|scabs?|styes?|freshly\s+\w+|sores|psoriasis)\b";

    /// <summary>The looser reading of each harm: what must be left alone, and what is done to it, anywhere in one sentence.</summary>
    private static readonly IReadOnlyDictionary<string, IReadOnlyList<Pair>> Pairs = new Dictionary<string, IReadOnlyList<Pair>>(
        StringComparer.Ordinal
    )
    {
        ["stop-sign"] =
        [
            new(F(WarnedOf), F(GoingOn)),
            // What is new today is for a doctor, not for training.
            new(
                F(
                    @"\b(?:suddenly\s+(?:droops?|hangs?|sags?)|(?:droops?|hangs?|sags?|drooping|hanging)\s+(?:suddenly|today|overnight|since|on\s+one\s+side)|slurred(?:\s+\w+)?|chest\s+pains?|fever)\b"
                ),
                F(
                    @"\b(?:train\w*|massag\w*|exercis\w*|work\w*|practis\w*|knead\w*|rub\w*|strok\w*|does\s+good|do\s+good|helps?|is\s+fine|carry\s+on|go\s+on|continu\w*|drainage)\b"
                )
            ),
        ],
        ["hz-globe"] =
        [
            new(
                F(
                    @"\b(?:eye-?balls?|globes?|cornea|orbits?|(?:eye\s+)?sockets?|behind\s+the\s+eyes?|into\s+the\s+(?:eye\s+)?sockets?|in\s+the\s+(?:eye\s+)?sockets?|back\s+of\s+the\s+eyes?|under\s+the\s+(?:rim|brow\s+bone))\b"
                ),
                F(
                    @"\b(?:fingers?|fingertips?|thumbs?|knuckles?|press\w*|push\w*|pump\w*|drum\w*|lean\w*|knead\w*|rub\w*|massag\w*|squeez\w*|pressure|pok\w*|dig\w*|shift\w*|travels?|sink\w*|reach\w*|slid\w*|slip\w*|lift\w*|glid\w*|strok\w*)\b"
                )
            ),
            new(
                F(
                    @"\beyes\s+(?:are|get)\s+(?:\w+\s+)?(?:pressed|pushed|massaged|kneaded|rubbed)|eyes\s+(?:sink|rest|lie|press|lean)\s+(?:on|onto|into|against)\s+(?:the|your)\b"
                ),
                F(@"\b(?:fingers?|thumbs?|palms?|hands?|inwards?|back|firmly|hard|gently)\b")
            ),
            new(
                F(@"\b(?:on|onto|over|against|into|upon)\s+(?:(?:the|your|both|each|closed|shut|open)\s+)*eyes?\b"),
                F(
                    @"\b(?:firm|circles?|fingers?|fingertips?|thumbs?|knuckles?|fists?|heels?\s+of\s+the\s+hand|press(?:es|ing)?|push(?:es|ing)?|pump\w*|drum\w*|lean\w*|knead\w*|rub\w*|massag\w*|pressure|poke)\b"
                )
            ),
            new(
                F(@"\b(?:each|every|the|both)\s+eyes?\s+(?:\w+\s+){0,2}(?:push\w*|press\w*|thumps?|pokes?|jabs?)\b"),
                F(@"\b(?:finger\w*|thumbs?|knuckles?|short|times)\b")
            ),
            new(
                F(@"\b(?:pump|press|push|knead|rub|massage|poke)\s+(?:(?:the|your|both|each|closed|shut)\s+)+eyes?\b"),
                F(@"\b(?:fingers?|thumbs?|knuckles?|times|seconds|hard|palms?|hands?)\b")
            ),
        ],
        ["hz-lid-tool"] =
        [
            new(
                F(AnyTool),
                F(
                    @"\b(?:on|onto|over|across|along|at|to|against)\s+(?:(?:the|your|both|each|upper|lower|closed|shut|whole)\s+)*(?:eyes?|lids?|eye-?lids?|lash(?:es|\s+line)?)\b"
                )
            ),
        ],
        ["hz-larynx"] =
        [
            new(
                F(
                    @"\b(?:larynx|wind-?pipe|voice\s?box|adam'?s\s+apple|trachea|thyroid|hyoid|tongue\s+bone|(?:hollow|pit|base|notch)\s+(?:of|in)\s+(?:the|your)\s+throat|throat\s+(?:hollow|pit)|notch\s+above\s+the\s+breastbone|middle\s+of\s+(?:the|your)\s+(?:throat|neck)|centre\s+of\s+(?:the|your)\s+(?:throat|neck)|(?:pit|hollow)\s+(?:above|over)\s+the\s+breastbone)\b"
                ),
                F(
                    @"\b(?:press\w*|push\w*|pump\w*|lean\w*|knead\w*|rub\w*|massag\w*|squeez\w*|pressure|poke|dig|shift\s+it|shift|grip|grab|grasp|clasp|strong|force|chok\w*|pinch\w*|work|stimulate|thumbs?|(?:hook|pull|drag|tug)\w*|between\s+(?:two|the|thumb)|firm\w*|hard|deep\w*|roll\w*|move\s+it|pull\w*)\b"
                )
            ),
            new(F(@"\b(?:throat|neck)\b"), F(@"\b(?:chok\w*|strangl\w*|throttl\w*)\b")),
            new(
                F(@"\b(?:on|from)\s+both\s+sides\b[^.;]{0,20}\b(?:with\s+force|firmly|hard|strongly)\b"),
                F(@"\b(?:wind-?pipe|throat|larynx|trachea)\b")
            ),
            new(
                F(@"\b(?:throat|front\s+of\s+(?:the|your)\s+neck)\b"),
                F(
                    @"\b(?:between\s+(?:finger|thumb|the\s+(?:finger|thumb))\w*|with\s+the\s+(?:fist|knuckles?)|(?:press|push|poke|jab|prod)(?:es|ed|ing)?|grip\w*|grasp\w*|squeez\w*|clasp\w*|pinch\w*|knead\w*|dig\w*|firm\s+(?:pressure|strokes?)|deep\s+(?:pressure|strokes?)|compress\w*|hard|firmly|strongly|(?:both|two)\s+thumbs|forcefully|with\s+force)\b"
                )
            ),
        ],
        ["hz-carotid"] =
        [
            new(
                F(
                    @"\b(?:carotids?|jugulars?|arter(?:y|ies)|neck\s+pulses?|at\s+the\s+pulse|(?:both|the|beating)\s+pulses?|pulses?\s+(?:of|in|at)\s+the\s+neck|(?:both|either|each)\s+sides?\s+of\s+the\s+neck|blood\s+in\s+the\s+neck)\b"
                ),
                F(
                    @"\b(?:press\w*|push\w*|lean\w*|knead\w*|rub\w*|massag\w*|squeez\w*|pressure|compress\w*|stop\s+the\s+blood|grip|grab|clasp|pinch\s+off|pinch\w*|block\w*|hold\w*|stimulat\w*)\b"
                )
            ),
            new(
                F(
                    @"\b(?:left\s+and\s+(?:the\s+)?right|both|right\s+and\s+(?:the\s+)?left)\s+(?:sides?|halves)\s+of\s+(?:the|your)\s+(?:neck|throat)\b"
                ),
                F(@"\b(?:knead\w*|press\w*|squeez\w*|deep\w*|firm\w*|hard|grip\w*|clasp\w*|compress\w*|pinch\w*)\b")
            ),
            new(
                F(@"\b(?:neck|throat)\b"),
                F(
                    @"\b(?:squeez|compress|pinch|press|clamp|clasp|grip|grasp)\w*\s+(?:\w+\s+)?both\s+sides\b|\b(?:both|two)\s+hands\b[^.;]{0,40}\b(?:squeez|compress|pinch|grip|grasp|clasp|clamp|tighten)\w*|\b(?:squeez|compress|grip|grasp|clasp|clamp|tighten)\w*\b[^.;]{0,40}\b(?:both|two)\s+hands\b|\b(?:clamp|squeez|clasp|press)\w*\b[^.;]{0,25}\bbetween\s+(?:both|two|the)\s+(?:palms|hands|fists)|\bwrap\w*\b[^.;]{0,40}\b(?:squeez|press|tighten|pull)\w*|\b(?:encircl|strangl|throttl)\w*|\b(?:squeez|compress|press|pinch|clamp)\w*\b[^.;]{0,40}\b(?:on|from|at)\s+both\s+sides\b|\bcrook\s+of\s+(?:the|your|an)\s+(?:arm|elbow)|\bring\s+of\s+(?:the\s+)?(?:hands|fingers)"
                )
            ),
            new(
                F(
                    @"\b(?:the|your)\s+(?:neck|throat)\s+from\s+both\s+sides\b|\b(?:either|each|both)\s+sides?\s+of\s+(?:the|your)\s+(?:neck|throat|wind-?pipe|larynx)\b"
                ),
                F(@"\b(?:knead\w*|press\w*|squeez\w*|grip\w*|clasp\w*|compress\w*|pinch\w*|hold\w*)\b")
            ),
        ],
        ["hz-vertebral"] =
        [
            new(F(@"\bface\b"), F(@"\b(?:jerk|yank|wrench|jolt)\w*\b")),
            new(
                F(@"\b(?:push|press|pull|bend|forc|lever|drag|tug|turn|tilt)\w*\s+(?:(?:the|your|his|her|their)\s+)*head\b"),
                F(@"\bwith\s+(?:both|the|your|a|one|two)\s+(?:hands?|arms?|palms?|fists?|knees?)\b")
            ),
            new(
                F(@"\b(?:head|neck|chin)\b"),
                F(
                    @"\b(?:fully\s+round|twist(?:s|ed|ing)?|wrench\w*|yank\w*|jerk(?:s|ed|ing)?|snap(?:s|ped)?|crank\w*|thrust\w*|whip\w*|crack(?:s|ed)?|swing(?:s)?\s+it|by\s+force|with\s+force|forcibl\w+|as\s+hard\s+as|past\s+the\s+point|harder|chin\s+to\s+the\s+shoulder\s+with|stretch\s+it\s+(?:up|out)\w*|as\s+far\s+as\s+it\s+(?:will|can|goes)|pulled|tugged|hauled|circle\w*\s+(?:fully|completely)|full\s+circles?|big\s+loops|loops|(?:turns?|goes|bends?)\s+(?:further|farther|more)|(?:push|press|turn|bend|lever|pull)\w*\b[^.;]{0,30}\b(?:further|farther|a\s+bit\s+more|harder)|until\s+(?:it|something)\s+(?:stops|gives|clicks|cracks|pops|will\s+not|cannot|can't|won't)|(?:turn|rotat|tilt|bend|nod|shak|roll|circl)\w*\s+(?:it\s+|the\s+head\s+)?(?:quickly|fast|suddenly|sharply|abruptly|violently|vigorously)|(?:quick|fast|sudden|sharp|abrupt|violent|vigorous)(?:ly)?\s+(?:turn|rotat|tilt|bend|shak|circl|push|pull|jolt)\w*|beyond\s+(?:its|the|where)|past\s+(?:its|where)|(?:over|off)\s+the\s+edge|shake\s+(?:it|the\s+head)|natural\s+end|stopping\s+point|over\s+the\s+end)\b"
                )
            ),
        ],
        [LongBreath] =
        [
            new(
                F(@"\b(?:breath|breathing|breathe|inhale|exhale|lungs|air)\b"),
                F(
                    @"\b(?:as\s+long\s+as\s+you\s+can|hold\w*\s+(?:it|and\s+(?:press|tense|push|squeeze))|lock\w*|stop\s+it|(?:on|in|with|within)\s+(?:a|one)\s+(?:single\s+)?(?:breath|lungful)|block\w*|one\s+breath\s+held|held\s+in|without\s+letting|(?:do\s+not|don't|never)\s+let\s+(?:it|any|the\s+air)|let\s+no|nothing\s+out|breath\s+in\s+until|(?:do\s+not|don't|never)\s+exhale|keep\s+the\s+breath\s+in|no\s+breathing|full\s+and|strain\w*|turn\s+red|until\s+you\s+(?:turn|see|are|need))\b"
                )
            ),
            new(F(@"\b(?:lips?|nose|mouth|nostrils?)\b"), F(@"\bstrain\w*\b")),
        ],
        ["at-the-wheel"] =
        [
            new(
                F(
                    @"\b(?:in\s+the\s+car|(?:the|your|every|long|a)\s+(?:\w+\s+)?drives?|steer\w*|at\s+the\s+lights|cruis\w+|driver'?s?\s+seat|motorway|highway|scooter|moped|motorcycles?|motorbikes?|handlebars?|as\s+you\s+(?:ride|drive|cycle)|cyclists?|steering\s+wheel|the\s+wheel|traffic|traffic\s+lights?|red\s+lights?|the\s+lights|driving|cycling|on\s+(?:your|the)\s+bike|ride\s+your\s+\w+|forklift|tractor|lawn-?mower|chain-?saw)\b"
                ),
                F(
                    @"\b(?:do|practis\w*|practic\w*|perfect|good|use|take|tak\w+|train\w*|close|squint\w*|massag\w*|tap\w*|every|exercise|drill|it\s+saves|circles?|squeez\w*|smile|look|hold|press\w*|fits?|ideal|time|great|suit\w*|turn\w*|repeat|goes\s+well|best|pass\w*|work\w*|try|enjoy)\b"
                )
            ),
        ],
        ["bruise"] =
        [
            new(
                F(Mark),
                F(
                    @"\b(?:only\s+when|good\s+result|result|sign\s+of|harmless|expect\w*|when\s+you\s+are\s+done|should\s+be|until|till|done\s+its\s+job|shows?\s+that|progress|proof|prov\w+|aim\w*|goal|target|welcome|part\s+of|so\s+hard|hard\s+enough|better|proud|normal|fine|badge)\b"
                )
            ),
        ],
        ["hz-tmj"] =
        [
            new(
                F(@"\b(?:teeth|jaws?|mouth|molars|bit(?:e|ing)|clench\w*|gnash\w*|grind(?:s|ing)?|chin|joint)\b"),
                F(
                    @"\b(?:gnash\w*|all\s+(?:your|the|his|her)\s+(?:might|force|strength|power)|max\w*\s+(?:effort|force|strength)|full\s+(?:force|strength|power)|so\s+hard\s+that|as\s+hard\s+as|with\s+all(?!\s+the\s+time)|a\s+pop|pops?\b|snap\w*|cracks?\b|cracking|yank\w*|wrench\w*|as\s+far\s+as\s+it\s+(?:can|will|goes)|until\s+the\s+(?:jaw\s+)?joint|with\s+the\s+fist|bulge\w*|by\s+force|violent\w*|(?:further|farther|wider)\b[^.;]{0,30}\bthan|both\s+hands\b[^.;]{0,30}\b(?:further|farther|wider|open)|until\s+(?:it|something)\s+(?:gives|cracks|clicks|pops))\b"
                )
            ),
            new(
                F(@"\b(?:clench\w*|bit(?:e|ing)\s+(?:down|on)|grind\w*|gnash\w*)\b"),
                F(@"\b(?:hard|strongly|might|force\w*|firmly|tight\w*|max\w*|power\w*)\b")
            ),
        ],
        ["hz-ear-canal"] =
        [
            new(
                F(@"\b(?:in|into|inside|on|against|down)\s+(?:the|your|each|both|one)\s+ears?\b"),
                F(
                    @"\b(?:screw\w*|fill\w*|plug\w*|insert\w*|cotton|swabs?|jiggl\w*|tip\s+of|vacuum|pump\w*|suction|hole|canal|deep|oil|drops?|poke|stick)\b"
                )
            ),
            new(
                // "From the chin to the ear" is where a way ends.
                F(@"(?<!\bfrom\b[^.;]{0,40}\bto(?:wards?)?\s+(?:the|your)\s+)\bears?\b"),
                F(@"\b(?:pump\w*|seal\w*|suck\w*|fill\s+the|fill\s+your|screw|vacuum|ear\s?hole|ear\s+canal|suction|drip)\b")
            ),
        ],
        ["skin"] =
        [
            new(
                F(SkinWord),
                F(
                    @"\b(?:press\w*|rub\w*|massag\w*|knead\w*|squeez\w*|scrap\w*|glid\w*|roll\w*|strok\w*|work\w*|circles?|run|draw\w*|iron\w*|pinch\w*|go\s+over|polish\w*|brush\w*|stimulat\w*|pop|burst)\b"
                )
            ),
            new(
                F(
                    @"\b(?:after|following)\s+(?:(?:the|your|a|an|any|fresh|new|last|lip|cheek|chin|brow|forehead)\s+)*(?:filler\w*|botulinum\w*|injections?|peel\w*|laser\w*|needling|threads?|thread\s+lift|micro-?needling|face-?lift|tooth\s+extraction)\b"
                ),
                F(
                    @"\b(?:(?:the|that|same|next)\s+(?:day|evening|night|morning|afternoon)|straight|right|same|tonight|immediately|hours?|soon|next\s+(?:day|morning)|already|knead\w*)\b"
                )
            ),
            new(F(@"\bpus\b"), F(@"\b(?:press\w*|squeez\w*|work\w*|push\w*)\b")),
        ],
        ["sun"] =
        [
            new(
                F(
                    @"\b(?:sun|sunrise|sunset|torch|glaring\s+\w+|spotlight|headlights?|laser\s+pointer|floodlight|(?:a|the|bright|hot|desk|strong)\s+(?:lamp|bulb)|(?:a|bright|strong)\s+light(?!\s+(?:sweep|touch|stroke|hand|pressure|tap|pull|press|massage|pat|brush|smile|lift)))\b"
                ),
                F(
                    @"\b(?:look\w*|gaz\w*|star(?:e|es|ing)|fac(?:e|ing)|squint\w*|fix\w*|blink\w*|peer\w*|eyes\s+(?:wide\s+)?open|open\s+eyes|glanc\w*|train\w*|pupils?|watch\w*)\b"
                )
            ),
        ],
    };

    /// <summary>What is not mentioned in passing: a sign at which a person stops, a mark, the wheel, skin to be left alone.</summary>
    private static readonly IReadOnlyDictionary<string, Regex> Bare = new Dictionary<string, Regex>(StringComparer.Ordinal)
    {
        ["stop-sign"] = F(
            @"\b(?:pain(?:s|ful)?|hurt(?:s|ing)?|sting(?:s|ing)?|throb(?:s|bing)?|stitch|tingl\w*|prickl\w*|pins\s+and\s+needles|numb\w*|dizz\w*|gidd\w*|woozy|soreness|light-?headed\w*|faint(?:s|ing)?|stars\s+appear|burn(?:s|ing)?|ach(?:e|es|ing)|black(?:s|ing)?\s+out|nause\w*|seasick|queasy|feel\w*\s+(?:slightly\s+|a\s+little\s+|somewhat\s+)?sick|flashes|sees?\s+(?:stars|sparks|lights|double)|coloured\s+lights|double\s+vision|headaches?|cramps?|palpitations|(?:ears|the\s+ear|your\s+ear|head)\s+(?:may\s+|will\s+|might\s+)?(?:hums?|rings?|buzz\w*|spins?)|lost\s+all\s+feeling|jaws?\s+locks?|unbearable|stab(?:s|bing)|suffer\w*|endur\w*|beg(?:s|ging)?\s+(?:for|you)|merc(?:y|iless\w*)|pain-?killers?|tears\s+in\s+(?:the|your|their)\s+eyes|room\s+(?:\w+\s+){0,2}(?:turns?|spins?)|ouch|migraines?|it\s+pinches|(?:sight|vision|everything|view)\s+(?:\w+\s+)?(?:goes|turns|becomes|is|gets)\s+(?:grey|black|dark|narrow)|(?:see|sees|seeing)\s+(?:colou?rs|patterns|dots)|winc(?:e|es|ing)|whimper\w*|scream\w*|torture|agony|a\s+(?:little|bit)\s+(?:sick|faint|dizzy)|(?:pulls?|makes?|pulling|making)\s+a\s+face|sore\s+(?:jaw|face|neck|cheek|throat)s?|vomit\w*|retch\w*|unwell|collapse\w*|stagger\w*|shak(?:es?|ing)\s+with\s+(?:pain|effort))\b"
        ),
        ["bruise"] = F(
            @"\b(?:bruis\w*|welts?|blood\s*-?spots?|black\s+and\s+blue|(?:deep|dark|bright|blood)[\s-]+red|purple|(?:red|blue|dark|purple)\s+(?:dots|marks|spots|streaks|lines|rings?|patches)|swollen|raw\s+skin|bleed\w*|blood\s+(?:comes|shows|seeps|drops?)|blister\w*)\b"
        ),
        ["at-the-wheel"] = F(
            @"\b(?:in\s+(?:the|your)\s+car|(?:on|with)\s+(?:the|your|a)\s+(?:bicycle|bike|scooter|motorbike|moped)|steering|at\s+the\s+wheel|traffic|while\s+(?:you\s+)?driv\w+|steer\s+with|motorway|highway|on\s+the\s+wheel|mowing|the\s+lawn-?mower|long\s+drives?|at\s+every\s+bend|chain-?saw)\b"
        ),
        ["hz-ear-canal"] = F(
            @"\b(?:ear\s?buds?|cotton\s+(?:buds?|swabs?)|ear\s+canals?|inside\s+the\s+ears?|on\s+the\s+drum|ear\s?holes?|eardrums?)\b"
        ),
        ["sun"] = F(@"\b(?:look|watch|gaze|stare|face|eyes)\b[^.;]{0,40}\b(?:sun|sunlight)\b|\bsetting\s+sun\b|\brising\s+sun\b"),
        ["hz-vertebral"] = F(
            @"\b(?:head|neck)\b[^.;]{0,30}\b(?:beyond\s+its|past\s+its|by\s+force)\b|\bforc\w*\b[^.;]{0,30}\b(?:head|neck|ear\s+to\s+the\s+shoulder|chin\s+to)\b|\b(?:spin|whirl|swing|fling)\w*\s+(?:the|your)\s+(?:head|neck)\b"
        ),
        ["hz-tmj"] = F(
            @"\b(?:joint\s+(?:clicks|jumps)|with\s+everything\s+you\s+have|with\s+all\s+(?:your|the)\s+(?:might|force|strength))\b|\bforc\w*\b[^.;]{0,30}\b(?:mouth|jaws?|teeth)\b|\bjoint\s+(?:jumps|pops|cracks|snaps)\b|\bdislocat\w*"
        ),
        [LongBreath] = F(
            @"\b(?:bear(?:ing)?\s+down|without\s+(?:any\s+)?(?:air|oxygen)|airless|lungs?\s+(?:burns?|scream\w*)|no\s+(?:air|breath)\b|without\s+(?:once\s+)?(?:taking|drawing)\s+(?:a\s+)?breath|on\s+the\s+toilet|not\s+(?:once\s+)?breath(?:e|ing)|(?:seal|close|press)\w*\s+(?:the|your)\s+lips\b[^.;]{0,30}\bhold\b[^.;]{0,40}\b(?:twenty|thirty|forty|fifty|sixty|[2-9]\d)|(?:on|in|with)\s+(?:a|one)\s+single\s+breath|without\s+letting\s+(?:any\s+)?(?:air|the\s+air|breath))\b"
        ),
        ["hz-globe"] = F(@"\b(?:press|push|massage|rub|knead|hold)\s+(?:the|your|both)\s+eyes\b|\b(?:eye-?balls?|globes?|orbits?)\b"),
        ["hz-larynx"] = F(@"\b(?:larynx|wind-?pipe|voice\s?box|adam'?s\s+apple|trachea)\b"),
        ["hz-carotid"] = F(@"\b(?:carotids?|jugulars?|neck\s+arter\w+)\b"),
        ["skin"] = F(
            @"\b(?:moles?|birthmarks?|cold\s+sores?|open\s+(?:skin|cuts?|sores?)|broken\s+skin|fresh\s+(?:scars?|filler|stitches)|varicose\s+veins?|stitches|boils?|wounds?)\b"
        ),
    };

    /// <summary>A word without which a harm cannot be meant: most sentences are done with after these.</summary>
    private static readonly IReadOnlyDictionary<string, Regex> Hints = new Dictionary<string, Regex>(StringComparer.Ordinal)
    {
        ["stop-sign"] = F(
            @"ouch|migrain|pinch|a\s+face|collaps|shak|colou?r|sight|view|endur|mercy|killer|beg|ignor|overr|body|bruis|redness|marks|you\s+can|pain|hurt|ach|sting|burn|throb|twinge|pang|whimper|winc|groan|moan|sob|gasp|water|smart|hammer|retch|gag|vomit|suffocat|unwell|stagger|sway|wobbl|grey|sleep|bite|tingl|prickl|needles|numb|dizz|light|woozy|gidd|faint|black|naus|sick|queasy|flash|star|spark|doubl|blur|cramp|palpit|ring|hum|buzz|spin|feel|dead|stitch|lock|bear|sore|shoot|stab|droop|hang|sag|slur|fever|agony|tear|breathless|suffer|scream|torture|asleep|heart|dark|sensation|room|turns|signal|warning|signs|limit|symptom|alarm|cry"
        ),
        ["hz-globe"] = F(@"eye|globe|cornea|orbit|socket|rim"),
        ["hz-lid-tool"] = F(@"lid|eye|lash"),
        ["hz-larynx"] = F(@"throat|wind-?pipe|larynx|voice|adam|trachea|thyroid|gullet|hyoid|tongue|airway|neck|notch"),
        ["hz-carotid"] = F(@"neck|carotid|jugular|pulse|arter|throat|wind-?pipe"),
        ["hz-vertebral"] = F(@"head|neck|face|skull|spine|vertebra|chin|traction|shoulder"),
        [LongBreath] = F(@"toilet|lips|breath|inhal|exhal|lung|air|strain|bear|nose|nostril"),
        ["breath-hold"] = F(@"breath"),
        ["at-the-wheel"] = F(
            @"mow|bend|driv|wheel|car|traffic|light|cycl|motorcycl|bik|bicycle|scooter|moped|ladder|stairs|machine|motorway|highway|steer|road|street|van|lorry|truck|tractor|saw|mower|forklift|commute|riding|ride|handlebar"
        ),
        ["bruise"] = F(
            @"bruis|welt|blood|bleed|black|red|purple|crimson|scarlet|violet|petechia|raw|swoll|swell|numb|tear|rip|split|scab|blister|vein|haematom|hematom|blue|mark|streak|dark|fiery|blotch"
        ),
        ["hz-tmj"] = F(@"everything\s+you\s+have|jaw|teeth|molar|bit|clench|grind|gnash|joint|mouth|chin|mandib"),
        ["hz-ear-canal"] = F(@"ear|cotton|auditory"),
        ["skin"] = F(
            @"skin|scar|wound|cut|sore|spot|pimple|acne|rash|eczema|mole|vein|injection|tattoo|filler|thread|stitch|surger|incision|blister|boil|lesion|herpes|pustule|blackhead|zit|wart|birthmark|ulcer|abscess|impetigo|shingle|scab|stye|psoriasis|sutur|burn|peel|laser|needl|extraction|lift|infect|inflam|weep|swoll|fresh|pus|graze|lump|gland|node|bump|botulin|operation|varic"
        ),
        ["sun"] = F(@"sun|lamp|light|laser|bulb|beam|torch|weld|strobe"),
    };

    private static readonly IReadOnlyList<(string Class, Regex Frame)> ClassFrames =
    [
        ("squeeze-spot", F(@"\bsqueeze\w*\b.{0,20}\b(?:spots?|pimples?|boils?|blackheads?)")),
        ("hair-pull", F(@"\bpull\w*\b.{0,20}\bhair\b")),
        ("inside-canal", F(@"\b(?:into|inside)\s+the\s+ear\s*(?:canal|hole)")),
        ("open-wound-contact", F(@"\b(?:on|over|rub|press)\w*\b.{0,20}\b(?:sores?|wounds?|ulcers?|bleeding)\b")),
    ];

    /// <summary>A throat or a neck is gripped all round: "round the throat" is no way of staying off it.</summary>
    [GeneratedRegex(
        @"\b(?:beside|next\s+to|away\s+from|clear\s+of|off|below|beneath|under|above|outside|short\s+of|not\s+(?:on|over|into|in)|never\s+(?:on|over|into|in)|behind|away|from|out\s+of|instead\s+of|level\s+of)\s+(?:(?:the|your|each|both|any|a)\s+)*$",
        Free
    )]
    private static partial Regex Apart();

    /// <summary>Just before what must be left alone: beside it, around it, off it.</summary>
    [GeneratedRegex(
        @"\b(?:beside|besides|next\s+to|around|round|away\s+from|clear\s+of|off|below|beneath|under|above|outside|outwards?\s+of|short\s+of|not\s+(?:on|over|into|in)|never\s+(?:on|over|into|in)|before|behind|in\s+front\s+of|away|from|out\s+of|instead\s+of|edge\s+of|rim\s+of|border\s+of|bone\s+of|outer\s+side\s+of|level\s+of)\s+(?:(?:the|your|each|both|any|a|an|every|its|their)\s+)*$",
        Free
    )]
    private static partial Regex SpatiallyApart();

    [GeneratedRegex(@"(?:[^.!?;\n]|[.!?;][^\s.!?;])+[.!?;]*")]
    private static partial Regex Sentence();

    [GeneratedRegex(
        @"^(?:that|this|it|these|those|they|keep|carry|go\s+on|push|press\s+on|don't|do\s+not|never|ignore|just|simply|all|perfectly|normal|good|stay|hold\s+on|continue|no\s+need|nothing)\b",
        Free
    )]
    private static partial Regex LeansBack();

    [GeneratedRegex(
        @"\b(?:pain|hurt|sting|burn|tingl|numb|dizz|light-?headed|faint|nause|flash|stars|sparks|doubl|blur|bruis|black|headache|see\s+(?:stars|spots|lights)|hums?\b|rings?\b|buzz|stitch|cramp|twinge|palpitation)\w*",
        Free
    )]
    private static partial Regex WarningSign();

    /// <summary>What negates, in the clause before a frame.</summary>
    [GeneratedRegex(
        @"\b(?:never|not|cannot|don't|doesn't|isn't|aren't|won't|can't|shouldn't|mustn't|needn't|avoid\w*|without|no|none|nothing|nobody|no-?one|neither|nor|instead\s+of|rather\s+than|refrain\w*|stop|stops|stopped|quit|before|unless|forbid\w*|forbidden|prevent\w*|leave\s+out|skip\w*|keep\s+(?:\w+\s+){0,3}?(?:off|away|clear|out)|keeps?\s+(?:\w+\s+){0,3}?(?:off|away|clear|out)|stay\w*\s+(?:\w+\s+)?(?:off|away|clear|out|short)|short\s+of|refuse\w*|lest|tempt\w*|(?:anyone|somebody|someone|people|clients)\s+who|whoever|beware|careful\s+not|too\s+\w+\s+to|hardly|barely|free\s+(?:of|from)|at\s+the\s+first|first\s+sign\s+of|less\s+than|ease\s+off|lighten|let\s+go|let\s+up|pause|away\s+from|excluded?|out\s+with|(?:well|stay\w*|remain\w*|keep\w*|just|far)\s+(?:below|under))\b",
        Free
    )]
    private static partial Regex Negation();

    /// <summary>Within a frame: "should not hurt", "if nothing hurts", "until the pain is gone".</summary>
    [GeneratedRegex(
        @"\b(?:not|never|nothing|no|without|(?:cannot|can't)\s+(?:hurt|harm|sting|burn|ache)|doesn't|don't|isn't|won't|mustn't|shouldn't|nobody|stop|before|avoid\w*|instead\s+of|rather\s+than|free\s+of|short\s+of|pain-?free|away\s+from|clear\s+of|off\s+the(?!\s+arter)|beside|around|lighten|ease\s+off|let\s+go|less|only\s+if|without)\b",
        Free
    )]
    private static partial Regex InnerNegation();

    /// <summary>Negations of stopping, caring or mattering: they push on, they forbid nothing.</summary>
    [GeneratedRegex(
        @"\b(?:only\s+(?:let\s+go|stop|release|pause|end)|(?:let\s+go|stop|release|pause|end)\s+only|stop\w*\s+(?:breath\w*|(?:the|your)\s+(?:breath|blood)|it\s+(?:and|there))|(?:do\s+not|don't|no)\s+(?:breath\w*|exhal\w*|inhal\w*|take\s+a\s+breath)|(?:do\s+not|don't|never|no\s+need\s+to|need\s+not|needn't|not|without|resist\s+the\s+urge\s+to|refuse\s+to|nobody\s+should|there\s+is\s+no\s+reason\s+to)\s+(?:\w+\s+)?(?:stop|relax|come\s+out|let\s+(?:go|up)|take\s+(?:the|your)\s+(?:hands?|fingers?)\s+(?:off|away)|paus|eas|giv|quit|releas|back|lighten|worr|mind|fear|car|be\s+(?:afraid|scared|alarmed|shy|timid|put\s+off|impressed|bothered|disturbed|discouraged|deterred|distracted|gentle|too)|react|panic|withdraw|relent|hesitat|hold\s+back|(?:let|allow)\s+(?:(?:the|that|any|a|some|this)\s+)*(?:pain|dizz|numb|tingl|burn|fear|discomfort|it|that|this|ache|sting)|break|rest|skip|slow|avoid|abort|interrupt|reduc|miss|forget|leave)\w*|never\s+mind|no\s+matter|nothing\s+to\s+(?:worry|fear)\w*|not\s+only|not\s+just|no\s+pain|no\s+gain|no\s+harm|no\s+problem|no\s+(?:reason|excuse)|the\s+stop\s+at|(?<=^\s*)without\s+(?:any\s+)?(?:welts?|bruis\w*|redness|marks?|pain|tears)|without\s+(?:any\s+)?(?:welts?|bruis\w*|redness|marks?|pain|tears)(?=\s*,?\s*(?:no|nothing|there|it|you|means?|shows?)\b)|not\s+(?:work\w*|enough|deep|hard|right)|non-?stop|at\s+no\s+extra|does\s+not\s+matter|doesn't\s+matter|don't\s+matter|no\s+longer|(?:no|all)\s+(?:feeling|sensation)|without\s+(?:a\s+)?(?:pause|break|fear|worry|mercy|stopping|breathing|hesitation|letting\s+(?:up|go)|warming|releasing|any\s+(?:oil|slip))|no\s+(?:oil|cream|breathing|mercy|worries|doubt)|(?:no\s+longer|cannot|can\s+not|can't)\s+(?:bear|stand|take|endure|tolerate)\s+(?:the\s+|any\s+|some\s+|a\s+little\s+)?(?:pain|burn\w*|sting\w*|ache)|will\s+(?:not|never)\s+(?:see|get|have|reach|learn)|nothing\s+(?:special|unusual|strange|odd|bad|but|more\s+than)|without\s+(?:any\s+)?(?:air|breath|oxygen)|feels?\s+nothing|nothing\s+any\s*more|(?:hands?|fingers|neck|arms?|grip|thumbs?)\s+a?round|(?:will|can|does)\s+not\s+go\s+(?:any\s+)?(?:further|farther)|stop(?:s|ping)?\s+the\s+(?:pulse|blood|flow|breath|air)|let\s+(?:it|the\s+air|any)\s+out|take\s+(?:a|another|one)\s+breath\s+before|no\s+air|without\s+(?:once\s+)?(?:taking|drawing)|(?:give|giving)\s+in\s+to|urge\s+to\s+(?:stop|rest|let\s+go|pause)|never\s+mind|no\s+(?:bruis\w*|marks)(?=\s*(?:,|:|means?|shows?|you))|(?:pay|take)\s+no\s+(?:heed|attention|notice)|(?:do\s+not|don't|never)\s+(?:relax|stop|rest|let\s+go|release|pause|end|ease)\s+before|if\s+(?:you(?:'re|\s+are)?\s+|it\s+(?:is|does)\s+|they\s+are\s+)?not\s+\w+|not\s+sure)\b",
        Free
    )]
    private static partial Regex PseudoNegation();

    [GeneratedRegex(
        @"[;:–—]|\bbut\b|\bthen\b|\binstead\b(?:\s*,)|,\s*(?:and\s+)?(?:press|push|hold|pull|keep|squeeze|rub|go|carry|look|turn|roll|clench|massage|stroke|work|put|lay|do|you|the\s+\w+\s+(?:is|are|will|should|must)|it|they|we|i)\b|\bso\s+(?:press|push|hold|pull|keep)\b",
        Free
    )]
    private static partial Regex ClauseStart();

    /// <summary>"Leave the ear canal alone": what stands between is left.</summary>
    [GeneratedRegex(@"\bleave\s+(?:(?!(?:and|then|but|while|until)\b)[\w'-]+\s+){1,5}(?:alone|in\s+peace)\b", Free)]
    private static partial Regex LeftAlone();

    /// <summary>The sentence names a fault, a danger or a limit before it comes to the words.</summary>
    [GeneratedRegex(
        @"\b(?:faults?|mistakes?|errors?|wrong|dangers?|dangerous|risks?|harms?|critical\s+acts?|forbidden|warn\w*|fails?|failed|myths?|bad\s+habits?|old\s+notes?|used\s+to|some\s+(?:people|books|trainers|teachers)\s+(?:say|teach|claim)|excluded|exclude|notice\s+(?:if|when|whether)|watch\s+(?:that|whether|for|out)|check\s+(?:that|whether)|make\s+sure|see\s+that|refer|ask\s+(?:whether|if|about)|reports?|tells?\s+you|says?|complain\w*|whether|reason\s+to\s+stop|signs?\s+to\s+stop|catch(?:es)?\s+yourself|(?:people|clients|persons|those|anyone|anybody|learners|everyone)\s+with|stop\s+(?:at|if|when|as|before|once|the\s+moment)|(?:low(?:er)?|lessen|reduce|shake\s+out|drop)\s+(?:\w+\s+){0,2}?(?:if|when|as\s+soon\s+as)|(?:lower|lessen|reduce|halve)\s+(?:the|your)|leave\s+it\s+out)\b",
        Free
    )]
    private static partial Regex Blame();

    /// <summary>A verdict after the words: "… is forbidden", "… can damage", "… : stop".</summary>
    [GeneratedRegex(
        @"^\s*(?:a|the|your)?\s*(?:doctor|clinician|dentist|physio\w*|surgeon)\b|^\s*to\s+(?:stop|lighten|pause|let\s+go|ease)(?:\s*$|\s*[,.;:]|\s+(?:at|if|when|and|off|there|here|the\s+(?:step|exercise|technique|work|round|pressure)))|^[^.;]{0,40}?\b(?:(?:is|are|was|were|would\s+be|must\s+be|should\s+be|will\s+be|be)\s+(?:\w+\s+)?(?:mistakes|faults|never|not|forbidden|dangerous|harmful|wrong|out|off\s+limits|avoided|prohibited|barred|unsafe|risky|excluded|too\s+(?:much|hard|strong|deep|far)|a\s+(?:\w+\s+)?(?:fault|mistake|critical|danger|risk|warning|(?:good\s+)?reason\s+(?:to|for)|sign\s+to|stop)|stopped|refused|no\s+(?:goal|aim|proof|sign|(?:place|time|moment)\s+(?:for|to))|an?\s+(?:emergency|alarm|error)|for\s+(?:a\s+)?(?:doctor|clinician))|isn't|aren't|can\s+(?:hurt|harm|damage|injure|tear)|could\s+(?:hurt|harm|damage|injure)|damages?|injures?|harms|means?\s+(?:stop|too|you\s+(?:are|have)\s+(?:press|push|work|gone|overdo)\w*)|fails\s+the|stops?\s+the\s+(?:technique|exam\w*|demonstration|lesson)|needs\s+a\s+doctor|calls?\s+for\s+(?:a\s+)?(?:stop|doctor|help)|has\s+no\s+(?:place|business)|(?:is|are)\s+(?:written\s+down|noted|recorded|reported|asked\s+about)|ha(?:s|ve)\s+no\s+(?:place|business)|never\s+(?:helps|belongs)|does\s+not\s+(?:help|belong)|doesn't\s+(?:help|belong)|belongs\s+to\s+(?:a\s+|the\s+|your\s+)?(?:doctor|clinician|dentist)|too\s+(?:far|hard|much|strong|deep|long|fast)|tells?\s+(?:you|us)\s+(?:to\s+(?:stop|change|ease|lighten|let\s+go|pause|rest|press\s+less|reduce|take|move|do\s+less)|that\s+you\s+(?:have\s+gone|are|went|press\w*|push\w*)\s+(?:\w+\s+)?too)|(?:should|must|has\s+to|is\s+to)\s+be\s+(?:reported|checked|looked\s+at|told|watched)|comes?\s+out\s+first|must\s+not|should\s+not|may\s+not|mustn't|shouldn't|must\s+never|should\s+never|do\s+nothing|hands?\s+off(?!\s+(?:the|your)\s+(?:\w+\s+)?(?:wheel|handlebars?|bars?))|looked\s+at|(?:stays?|remains?|must\s+(?:stay|remain)|is\s+left|are\s+left)\s+(?:free|alone|untouched|out)|stays?\s+out|has\s+to\s+be\s+gone|must\s+be\s+gone)|^[^;]{0,60}[,;]\s*(?:so\s+)?(?:work|stay|keep|go)\s+(?:beside|behind|around|outside|to\s+the\s+side)\b|^[^.;]{0,40}?\b(?:was|were|is|are|went)\s+too\s+\w+|^\s*[:=–—>-]+\s*(?:stop|never|no\b|leave|refer|doctor|skip|out\b|too\s+(?:much|hard|deep))",
        Free
    )]
    private static partial Regex BlamedAfter();

    /// <summary>A condition that ends in stopping: "if …, stop", "stop when …", "… : sit down".</summary>
    [GeneratedRegex(
        @"^(?:if|when|whenever|should|as\s+soon\s+as|once|the\s+moment|at\s+(?:the\s+)?(?:first|any|once)|on|with|after|in\s+case\s+of)\b[^.;]*?[,:–—]\s*(?:\w+\s+){0,3}?(?:stop|pause|lighten|ease|let\s+go|sit|lie|rest|call|see\s+(?:a|your|the)|ask|skip|leave|refer|go\s+to|end|break\s+off|release|open\s+(?:the|your|both)\s+(?:eyes|hands?)|lift\s+(?:the|your)\s+(?:thumb|finger|hand)s?|back\s+off|go\s+(?:lighter|easier|smaller)|less|lighter|smaller|send|seek|get\s+help|make\s+it|choose|use\s+(?:a\s+)?(?:lighter|less|softer)|work\s+(?:smaller|lighter|around)|move\s+(?:on|away|outwards?)|remind|tell|correct|help|wait|breathe|take\s+(?:the|your)\s+(?:hands?|fingers?)|too\s+(?:hard|deep|strong|far))\b|\b(?:stop|pause|let\s+go|ease\s+off|back\s+off|break\s+off|lighten|end|leave\s+(?:it|this)\s+out|release|ask|refer|send|call|see\s+a\s+doctor|come\s+out|pressure\s+(?:goes|comes)\s+down|hands?\s+(?:come|go)\s+off|lift\s+(?:the|your)\s+(?:thumb|finger|hand)s?)\b(?:\s+\w+){0,4}?\s+(?:if|when|whenever|as\s+soon\s+as|at|once|the\s+moment|before|in\s+case)\b",
        Free
    )]
    private static partial Regex AnsweredByStopping();

    /// <summary>"Only once it has gone": what is over binds nobody.</summary>
    [GeneratedRegex(
        @"\b(?:(?:has|have|is|are|be)\s+(?:completely\s+|quite\s+|all\s+)?(?:gone(?!\s+(?:numb|dead|blue|red|dark|black|white|purple|to\s+sleep|asleep))|passed|faded|settled|healed)|go(?:es)?\s+on\s+only|continue\s+only)\b",
        Free
    )]
    private static partial Regex Over();

    [GeneratedRegex(@"^(?:ignor|overrid|overrul|disregard)", Free)]
    private static partial Regex Ignores();

    [GeneratedRegex(@"\b(?:shows?|proves?|means?|signs?|tells?)\b", Free)]
    private static partial Regex Proves();

    /// <summary>Words that end, lighten, forbid, ask, refer or look back: with one of them a mention is a warning.</summary>
    [GeneratedRegex(
        @"\b(?:stop\w*|paus\w*|ends?|ending|releas\w*|let\s+go|eas(?:e|es|ing)|light(?:en|ens|er|ly|est)?|less|reduc\w*|shorter|smaller|softer|gentler|slower|rest|rests|resting|wait\w*|sit|lie|doctor|clinician|dentist|physio\w*|surgeon|clinic|emergency|ambulance|ask\w*|tell\w*|report\w*|speak|check\w*|refer|tomorrow|too\s+(?:far|hard|much|strong|deep|fast|long)|gone|fade\w*|avoid\w*|pain-?free|instead|another\s+day|postpone|later|break|leave|left\s+(?:out|alone|in\s+peace)|skip\w*|warning|limit|want\s+less|people\s+with|anyone\s+with|clients?\s+with|something\s+else|prevent\w*|careful\w*|excluded|healed|protect\w*|cover\w*|glasses|cream|shade|parked|passenger|seated|wash|after\s+(?:mowing|driving|cycling)|at\s+home|spare\w*|swallow\w*|hum(?:s|ming)?|next\s+day\s+is\s+possible|(?:cup|stone|hands?)\s+off|put\s+off|go\s+back|stay\s+without|look\s+(?:out|at\s+the\s+skin)|point\s+out|relax\w*|soft|outside|means?\s+(?:stop|less)|message|reason|half\s+the|enough|fewer|lower|shake\s+(?:it\s+|them\s+)?out|lessen|(?:take|put|bring|let)\s+(?:your|the|both)\s+(?:hands?|arms?|fingers?)\s+(?:down|away|off|hang))\b",
        Free
    )]
    private static partial Regex SafeHandling();

    [GeneratedRegex(
        @"\b(?:keep\s+(?:going|pressing|pushing|on|at\s+it|holding|working|rubbing)|carry\s+on|(?:and|then|just|simply)\s+go\s+on(?!\s+only)|go\s+on\s+(?:anyway|regardless|all\s+the\s+same|with)|press\s+(?:on|harder|more)|push\s+(?:on|harder|through)|don't\s+stop|do\s+not\s+stop|never\s+stop|continue|ignore|is\s+(?:normal|good|fine)|are\s+(?:normal|good|fine)|no\s+(?:need\s+to\s+stop|excuse|reason\s+(?:to|for)\s+(?:a\s+)?(?:stop|break|pause|rest|quit))|(?:and|then)\s+finish(?!\s+(?:for|here|the\s+session))|half\s+way|only\s+(?:stop|pause|end|let\s+go)\s+(?:if|when|once|at)|(?:stop|pause|end|let\s+go|release)\s+only\s+(?:if|when|once|at))\b",
        Free
    )]
    private static partial Regex GoesOn();
}
