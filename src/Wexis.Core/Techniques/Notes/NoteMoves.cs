using System.Text.RegularExpressions;
using Wexis.Core.Techniques.Notes.Roles;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// What is done in a sentence: movements whose words say them only together (common practice), and the rest word by word.
/// </summary>
internal sealed partial class NoteGlossary
{
    private static readonly (Regex Pattern, string Do)[] MoveIdioms =
    [
        M(
            @"(?:squeez|clos|shut)\w*\s+(?:(?:both|the|your)\s+)*eyes?\s+(?:tight\w*\s+)?(?:shut|closed"
                + @"|together)?[\s,·]*(?:and\s+|then\s+)*open\w*\s+(?:them\s+)?wide"
                + @"|eyes\s+wide(?:\s+open)?[\s,·–/-]*(?:and\s+|then\s+)*(?:eyes\s+)?(?:tight(?:ly)?\s+)?(?:shut"
                + @"|closed)(?:\s+tight(?:ly)?)?",
            "squeeze-open"
        ),
        M(
            @"air\s+from\s+(?:the\s+)?(?:one\s+)?(?:side|cheek)\s+to\s+(?:the\s+)?(?:other\s+)?(?:side|cheek)"
                + @"|air\s+(?:mov|travel|wander|go)\w*\s+from\s+(?:side|cheek)\s+to\s+(?:side|cheek)",
            "transfer-air"
        ),
        M(
            @"air\s+(?:mov|travel|wander|circl|rotat|go)\w*\s+a?round(?:\s+(?:in\s+)?(?:the|your)\s+mouth)?|air\s+(?:circl|rotat)\w*"
                + @"|(?:mov|pass|push|shift|send|roll|swish|swirl|rinse|circl)\w*\s+(?:(?:the\s+)?air\b|it\b(?<=\bair\b[^.;]{0,120}))"
                + @"\s+(?:a?round(?:\s+(?:in\s+)?(?:the|your)\s+mouth)?|(?=in\s+an?\s+circle|in\s+circles))(?:\s*in\s+an?\s+circle"
                + @"|\s*in\s+circles)?\b",
            "circle-air"
        ),
        M(TongueBehind("upper|top"), "tongue-push-upper-lip"),
        M(TongueBehind("lower|bottom"), "tongue-push-lower-lip"),
        M(
            @"(?:roll|mov|swing|circl|let)\w*\s+(?:(?:the|your)\s+)?(?:head|chin)\s+(?:(?:roll|swing|move|slowly|gently)\s+)*(?:from\s+"
                + @"(?:one\s+)?shoulder\s+to\s+(?:the\s+)?(?:other(?:\s+shoulder)?|shoulder)"
                + @"|in\s+(?:an?\s+)?(?:\p{L}+\s+)?half[-\s]circles?)"
                + @"(?:\s+(?:over|across|along|past)\s+(?:the\s+|your\s+)?(?:chest|breastbone))?"
                + @"|(?:draw\w*\s+)?(?:\p{L}+\s+)?half[-\s]circles?\s+with\s+"
                + @"(?:the\s+|your\s+)?(?:head|chin)(?:\s+from\s+shoulder\s+to\s+shoulder)?|(?:head|neck)\s+(?:in\s+)?half[-\s]circles?",
            "head-half-circle"
        ),
        M(
            @"(?:lift|rais)\w*\s+(?:(?:the|your)\s+)?head\s+(?:\p{L}+\s+){0,4}?(?:off|from)\s+(?:the\s+|your\s+)?(?:floor|ground"
                + @"|pillow|mat|bed"
                + @"|cushion|couch)(?:\s+(?:a\s+(?:little|bit)|slightly))?",
            "head-lift"
        ),
        M(
            @"(?:mov|roll|trac|draw|mak|paint|look|do)\w*\s+(?:(?:the|your|both|slowly)\s+)*(?:eyes?\s+)?(?:(?:slowly|in|along|like"
                + @"|through)\s+)*"
                + @"(?:an?\s+)?(?:(?:lying|horizontal|sideways|big|large|small|slow)\s+)*(?:figure(?:\s+of)?[-\s]+(?:eights?|8s?)"
                + @"|eights?|infinity"
                + @"(?:\s+signs?)?)\b(?:\s+with\s+(?:the\s+|your\s+)?(?:eyes|gaze))?(?<=\b(?:eyes?|gaze|look\w*)\b[^.;]{0,80})",
            "gaze-eight"
        ),
        M(@"breath(?:ing|e)?(?=\s*:)", "breathe"),
        M(
            @"palming|cup\w*\s+(?:the\s+|your\s+)?(?:closed\s+|shut\s+)?eyes|cup\w*\s+(?:(?:the|your|both"
                + @"|warm)\s+)*(?:palms?\s+|hands?\s+)?over\s+(?:the\s+|your\s+)?(?:closed\s+|shut\s+)?eyes",
            "palm-eyes"
        ),
        M(@"(?:say|form|make)\w*\s+(?:an?\s+)?(?:long\s+)?['‘“""]?o+h?['’”""]?\b", "funnel-o"),
        M(
            @"tak(?:e|es|ing)\s+(?:an?\s+)?(?:(?:deep|slow|long|calm)\s+)*breath\b(?:\s+(?:in|through\s+(?:the\s+|your\s+)?nose))*"
                + @"|(?:take\w*\s+)?(?:an?\s+)?(?:(?:deep|slow|long|calm)\s+)*breath\s+(?:in|out)\b(?:\s+(?:through"
                + @"|via|by)\s+(?:the\s+|your\s+)?(?:nose|mouth))?|(?:(?:in|ex)hal(?:e|es|ing)"
                + @"|sniff\w*(?:\s+in)?)\b(?:\s+(?:through|via|by)\s+(?:the\s+|your\s+)?(?:nose|mouth))?|breath(?:e"
                + @"|es|ing)\b(?:\s+(?:in|out|deep\w*|slow\w*|sharp\w*|quick\w*|calm\w*|strong\w*))*(?:\s+(?:through|via"
                + @"|by)\s+(?:the\s+|your\s+)?(?:nose"
                + @"|mouth))?",
            "breathe"
        ),
        M(
            @"(?<!\b(?:hold|stay|keep|remain)\w*\s+(?:for\s+|it\s+|this\s+)*)\b(?:\d+|a\s+few|some|three"
                + @"|five)\s+(?:slow\s+|deep\s+|calm\s+|long\s+)*breaths\b",
            "breathe"
        ),
        M(
            @"(?:mov|pass|push|shift|send|roll|swish|swirl|rinse)\w*\s+(?:(?:the\s+)?air\b"
                + @"|it\b(?<=\bair\b[^.;]*))(?!\s+(?:under|behind|between|into|in)\b)(?:\s+(?:from\s+)?(?:the\s+)?(?:left|right|side"
                + @"|cheek)(?:\s+cheek)?\s+(?:in)?to\s+(?:the\s+)?(?:left|right|side|cheek)(?:\s+cheek)?)?"
                + @"|(?:left\s+(?:to|and)\s+right|right\s+(?:to|and)\s+left|(?:one\s+)?(?:side"
                + @"|cheek)\s+to\s+(?:the\s+other\s+)?(?:side|cheek|other))\b(?<=\bair\b[^.;]*)",
            "transfer-air"
        ),
        M(
            @"kiss\w*\s+(?:(?:to|at|towards?)\s+)?(?:the\s+)?(?:ceiling|sky)(?:\b[^.;]{0,30}\blips\s+(?:to"
                + @"|towards?)\s+the\s+(?:ceiling|sky))?",
            "kiss-ceiling"
        ),
        M(@"(?:form|mak|giv)\w*\s+an?\s+kiss(?:ing)?(?:\s+(?:mouth|lips|face))?", "pucker"),
        M(@"(?:blow|throw)\w*\s+(?:a\s+|\d+\s+)?kiss(?:es)?", "pucker"),
        M(@"smil\w*\s+with\s+(?:(?:the|your)\s+)?eyes(?:\s+only)?", "lift-lower-lid"),
        M(
            @"(?:form|shape|round|bring|make)\w*\s+(?:(?:the|your)\s+)?(?:lips"
                + @"|mouth)\s+(?:in)?to\s+an?\s+(?:long\s+|big\s+)?[""“'‘]?o[""”'’]?\b",
            "funnel-o"
        ),
        M(@"(?:mouth|lips)\s+(?:in|into|as|like)\s+(?:an?\s+)?[""“'‘]?o[""”'’]?\b", "funnel-o"),
        M(@"o[-\s](?:mouth|shape|lips)\b", "funnel-o"),
        M(@"(?:(?:in\s+)?(?:an?\s+)?(?:big|long|wide)?\s*oval(?:\s+(?:mouth|shape))?)\b(?<=\b(?:mouth|lips?)\b[^.;]*)", "funnel-o"),
        M(@"neck\s+(?:is\s+|stays\s+)?(?:tight|tense|hard)\b", "grimace-neck"),
        M(
            @"(?<!\b(?:purs|pucker|pout|kiss|press|fold|roll|clos|with)\w*\s+(?:the\s+"
                + @"|your\s+)?)lips\s+(?:pressed\s+)?tight(?:ly)?(?:\s+(?:shut|closed|together))?(?=\s*(?:[,.;]|$))",
            "press-lips"
        ),
        M(
            @"lips?\s+(?:flutter|vibrat|trill|buzz)\w*|(?:flutter|vibrat|trill|buzz"
                + @"|shak)\w*\s+(?:out\s+)?(?:(?:the|your)\s+)?lips|lip\s+trills?",
            "blow-out"
        ),
        M(@"hollow\w*\s+(?:(?:the|your|both)\s+)*cheeks", "suck-cheeks"),
        M(@"wide(?:ned)?\s+(?:open\s+)?eyes", "widen-eyes"),
        M(@"(?:eye)?brow\s+(?:rais(?:es?|ing)|lift(?:s|ing)?)(?!\s+(?:the|your)\b)", "raise-brows"),
        M(@"cheeks?\s+(?:are\s+)?full(?:\s+(?:of|with)\s+air)?|blow\w*\s+up\s+(?:(?:the|your|both)\s+)*cheeks?", "puff-cheeks"),
        M(
            @"(?:lower|bottom)\s+teeth\s+(?:(?:are|come|go)\s+)?(?:in\s+front\s+of|before|over"
                + @"|cover(?:ing)?)\s+(?:the\s+|your\s+)?(?:upper|top)(?:\s+(?:teeth|lip|ones?))?",
            "jaw-forward"
        ),
        M(
            @"tongue\s+(?:push|press|slid|glid|strok|massag|mov|run)\w*\s+(?:out\w*\s+)?from\s+(?:the\s+)?(?:inside|within)"
                + @"(?:\s+(?:along|against|up|over|into)\s+(?:the\s+|your\s+)?(?:(?:nasolabial|smile"
                + @"|laugh)\s+)?(?:folds?|lines?|cheeks?))?",
            "tongue-push-cheek"
        ),
        M(@"(?:mak|form)\w*\s+(?:an?\s+)?fish\s+(?:face|lips|mouth)|fish\s+(?:face|lips|mouth)", "suck-cheeks"),
        M(@"(?:mak|form)\w*\s+(?:an?\s+)?duck\s+(?:face|lips|mouth)|duck\s+(?:face|lips|mouth)", "pucker"),
        M(@"(?:(?:to\s+)?(?:mak|form)\w*\s+)?(?<!\bchin\s+)dimples?\b(?!\s+(?:of|in|on)\b)", "dimple"),
        M(@"(?:show|bar)\w*\s+(?:the\s+|your\s+)?(?:lower|bottom)\s+teeth", "lower-lip-down"),
    ];

    /// <summary>A tongue that pushes a lip out from within.</summary>
    private static string TongueBehind(string lip) =>
        @"(?:(?:push|press|put|place|slid|glid|tuck|stick|bring)\w*\s+(?:(?:the|your)\s+)?)?(?:tip\s+of\s+(?:the\s+|your\s+)?)?tongue"
        + @"(?:\s+tip)?[\s·]+(?:(?:push|press|slid|is|goes)\w*[\s·]+)?(?:\p{L}+ly\s+|up\s+|down\s+)?(?:(?:behind|under(?:neath)?)"
        + $@"|(?:(?:against|into|on|to)\s+)?(?:the\s+)?inside\s+of|against)\s+(?:the\s+|your\s+)?(?:{lip})\s+lip\b"
        + @"(?:\s+from\s+(?:the\s+)?(?:inside|within|behind))?";

    private static (Regex, string) M(string pattern, string does) => (new Regex($@"\b(?:{pattern})", RegexOptions.IgnoreCase), does);

    /// <summary>What is done to one side at a time.</summary>
    private static readonly HashSet<string> OneSideAtATime = ["head-tilt-side", "head-turn"];

    /// <param name="Side">Left or right, where only that one moves.</param>
    private sealed record Moved(int At, string Do, string? Gaze, string? Side = null);

    /// <summary>What a hand does, and the word that says so.</summary>
    /// <param name="Part">What it is done to, where that is named before or by a pronoun; null where it is not.</param>
    private sealed record HandWork(int At, string Verb, string Said, string? Part = null, bool Bare = false);

    /// <summary>Where a sentence names a hand or a tool.</summary>
    private static List<Match> HandsIn(string left)
    {
        var found = new List<Match>();
        foreach (var m in Contacts.SelectMany(c => c.Pattern.Matches(left)).Concat(HandWord().Matches(left)))
            if (!found.Exists(f => f.Index < m.Index + m.Length && m.Index < f.Index + f.Length))
                found.Add(m);
        return found;
    }

    /// <summary>Whether something is done in a text, by a hand or by the face; and where the first of it begins.</summary>
    private static bool Does(string text, out int at)
    {
        var phrases = new Phrases(text);
        var moves = MovesIn(phrases, HandsIn(text), Against().Match(text) is { Success: true } m ? m.Index : null, out var works);
        var first = HandIdioms.Select(v => v.Pattern.Match(text)).Where(m => m.Success).Select(m => m.Index);
        at = moves.Select(m => m.At).Concat(works.Select(w => w.At)).Concat(first).DefaultIfEmpty(-1).Min();
        return at >= 0;
    }

    private static bool Does(string text) => Does(text, out _);

    /// <summary>What the hand does that says most.</summary>
    private static HandWork? WorkOf(Phrases phrases, IReadOnlyList<Told> works, string? contact)
    {
        foreach (var (pattern, verb) in HandIdioms)
            if (phrases.Take(pattern) is { } idiom)
            {
                // "Press the fingertips on the scalp and move it": how they lie there.
                foreach (var span in works.Where(w => verb == "friction" && w is { Work: "press", Spans: [_] }).SelectMany(w => w.Spans))
                    phrases.Blank(span.At, span.Length);
                return new(
                    idiom.Index,
                    verb == "friction" && phrases.Take(InCircles()) is not null ? "circle" : verb,
                    idiom.Value.ToLowerInvariant()
                );
            }
        if (works.OrderBy(w => Array.IndexOf(MostSaid, w.Work)).FirstOrDefault() is not { } told)
            return null;
        var said = phrases.Left.Substring(told.Spans[0].At, told.Spans[0].Length).ToLowerInvariant();
        var does = contact switch
        {
            not null when contact.StartsWith("roller", StringComparison.Ordinal) => "roll",
            not null when contact.StartsWith("tool", StringComparison.Ordinal) && told.Work is "lift-hold" => "tool-stroke",
            _ => told.Work!,
        };
        var pinched =
            said.StartsWith("roll", StringComparison.Ordinal) && (contact == "pinch-thumb-index" || works.Any(w => w.Work == "pinch-roll"));
        // "Pinch and lift": held between the fingers.
        if (does == "pinch-roll" && works.FirstOrDefault(w => w.Work == "lift-hold") is { } lifts)
        {
            does = "pinch-hold";
            foreach (var span in lifts.Spans)
                phrases.Blank(span.At, span.Length);
        }
        if (does == "circle" && (pinched || phrases.Take(BetweenFingers()) is not null))
            does = "pinch-roll";
        // "Stroke, press lightly": how hard, and no other work.
        foreach (
            var span in works
                .Where(w =>
                    w == told
                    || w.Work == does
                    || (w.Work == "pinch-roll" && does == "knead")
                    || (w is { Work: "press", Spans: [_] } && told.Work != "press")
                )
                .SelectMany(w => w.Spans)
        )
            phrases.Blank(span.At, span.Length);
        return new(told.At, does, said, told.Part, RoleWords.Verb(said) is { Bare: true });
    }

    [GeneratedRegex(@"\bin\s+(?:(?:small|large|big|slow|little)\s+)*circles?\b", Free)]
    private static partial Regex InCircles();

    /// <summary>What is rolled there is pinched.</summary>
    [GeneratedRegex(@"\bbetween\s+(?:(?:the|your|two|thumb\s+and)\s+)*(?:fingers?|fingertips|them)\b|\bbetween\s+(?=·)", Free)]
    private static partial Regex BetweenFingers();

    /// <summary>Work of a hand, what says most first: "pinch and press" pinches.</summary>
    private static readonly string[] MostSaid =
    [
        "tool-stroke",
        "circle",
        "knead",
        "pinch-roll",
        "tap",
        "lymph-pump",
        "stretch-apart",
        "friction",
        "lift-hold",
        "pinch-hold",
        "stroke",
        "press",
    ];

    private static readonly Dictionary<string, string> Gazes = new(StringComparer.Ordinal)
    {
        ["gaze-up"] = "up",
        ["gaze-down"] = "down",
        ["gaze-side"] = "left-right",
        ["gaze-circle"] = "circle",
        ["gaze-eight"] = "eight",
    };

    /// <summary>
    /// Every movement of the face that is told, in its order; a tongue on the palate while the jaw opens is how it opens.
    /// </summary>
    private static List<Moved> MovesIn(
        Phrases phrases,
        IReadOnlyCollection<Match> hands,
        int? against,
        out IReadOnlyList<Told> works,
        string? before = null
    )
    {
        List<Moved> found = [.. LooksIn(phrases)];
        if (phrases.Take(Vowels()) is { } vowels)
            found.AddRange(vowels.Groups["vowel"].Captures.Select(v => new Moved(v.Index, OfVowel(v.Value), null)).DistinctBy(m => m.Do));
        found.AddRange(phrases.TakeAll(QuotedVowel()).Select(v => new Moved(v.Index, OfVowel(v.Groups["vowel"].Value), null)));
        foreach (var (pattern, does) in MoveIdioms)
            if (phrases.TakeAll(pattern) is [var idiom, ..])
                found.Add(new(idiom.Index, does, Gazes.GetValueOrDefault(does)));
        foreach (var held in (Regex[])[.. HeldStates, Alternately()])
            phrases.TakeAll(held);
        foreach (var far in AsFarAs().Matches(phrases.Left).ToList())
        {
            // "As wide as you can": wide is which way.
            phrases.Blank(far.Groups["before"]);
            phrases.Blank(far.Groups["after"]);
        }
        var told = RoleReader.Read(phrases.Left, Phrases.Read, hands, against, before);
        // The way back of a movement is no more than that.
        foreach (var span in told.Where(t => t.Move is null && t.Work is null).SelectMany(t => t.Spans))
            phrases.Blank(span.At, span.Length);
        foreach (var move in told.Where(t => t.Move is not null))
        {
            // Smile, kiss, smile, kiss: what comes again is the same movement; one of another side is asked about, unless it goes both
            // ways.
            if (found.Find(m => m.Do == move.Move) is { } same && same.Side != move.Side && !OneSideAtATime.Contains(move.Move!))
                continue;
            foreach (var span in move.Spans)
                phrases.Blank(span.At, span.Length);
            if (move.Move is "gaze-up" or "gaze-down" && move.Spans.Any(s => s.Means == "up") && move.Spans.Any(s => s.Means == "down"))
            {
                found.Add(new(move.At, "gaze-updown", "up-down"));
                continue;
            }
            found.Add(new(move.At, move.Move!, Gazes.GetValueOrDefault(move.Move!), move.Side));
        }
        if (found.Exists(m => m.Do == "tongue-circle-vestibule"))
            phrases.TakeAll(RoundTheTeeth());
        works = [.. told.Where(t => t.Work is not null)];
        if (found.Exists(m => m.Do == "open-jaw"))
            found.RemoveAll(m => m.Do == "tongue-press-palate");
        if (found.Count == 0 && phrases.Take(TiltsBack()) is { } back)
            found.Add(new(back.Index, "head-back", null));
        if (found.Exists(m => m.Do == "kiss-ceiling"))
            found.RemoveAll(m => m.Do is "pucker" or "gaze-up" or "head-back");
        if (found.Exists(m => m.Do is "transfer-air" or "circle-air") && !HeldFull().IsMatch(phrases.Whole))
            found.RemoveAll(m => m.Do == "puff-cheeks");
        // Corners that go in and make dimples are no kiss.
        if (found.Exists(m => m.Do == "dimple"))
            found.RemoveAll(m => m.Do == "pucker");
        // A tongue that circles in the cheek.
        if (found.Exists(m => m.Do == "tongue-push-cheek"))
            found.RemoveAll(m => m.Do == "tongue-circle-vestibule");
        // Lips that go to a side are pursed.
        if (found.Exists(m => m.Do == "lips-side"))
            found.RemoveAll(m => m.Do == "pucker");
        // Lids that try to open against a finger are closed before: how they are held.
        if (found.Exists(m => m.Do == "widen-eyes") && TriesToOpen().IsMatch(phrases.Whole))
            found.RemoveAll(m => m.Do == "close-lids");
        // "Whistle face, hold, relax": its way back.
        if (found.Exists(m => !LetsGo.Contains(m.Do)) && !RelaxesTheFace().IsMatch(phrases.Whole))
            found.RemoveAll(m => m.Do == "relax-scan");
        // Shoulders that were up come down again.
        if (found.Exists(m => m.Do == "shrug"))
            found.RemoveAll(m => m.Do == "drop-shoulders");
        // The head goes back for another movement: how it is held.
        if (found.Count > 1)
            found.RemoveAll(m => m.Do == "head-back");
        return [.. found.OrderBy(m => m.At).DistinctBy(m => m.Do)];
    }

    [GeneratedRegex(@"\btry(?:ing)?\s+to\s+widen\s+the\s+eyes\b", Free)]
    private static partial Regex TriesToOpen();

    /// <summary>"Look right, left, up, down": each pair of ways is a movement.</summary>
    private static IEnumerable<Moved> LooksIn(Phrases phrases)
    {
        foreach (var aslant in phrases.TakeAll(LooksAslant()))
            yield return new(
                aslant.Index,
                "gaze-diagonal",
                $"{aslant.Groups["way"].Value}-{aslant.Groups["side"].Value}".ToLowerInvariant()
            );
        if (phrases.Take(LooksAbout()) is not { } looks)
            yield break;
        var ways = looks.Groups["way"].Captures.Select(c => c.Value.ToLowerInvariant()).ToHashSet();
        if (ways.Contains("left") || ways.Contains("right"))
            yield return new(looks.Index, "gaze-side", "left-right");
        if (ways.Contains("up") || ways.Contains("down"))
            yield return new(looks.Index, "gaze-updown", "up-down");
    }

    [GeneratedRegex(@"\b(?:relax|loosen|soften|rest)\w*\s+(?:(?:the|your|whole|entire|all\s+of\s+the)\s+)*face\b", Free)]
    private static partial Regex RelaxesTheFace();

    /// <summary>What lips and jaw do for a vowel.</summary>
    private static string OfVowel(string said) =>
        char.ToLowerInvariant(said[0]) switch
        {
            'a' => "open-jaw",
            'e' or 'i' or 'c' or 'x' => "stretch-corners-sideways",
            // "oo" is said with the lips forward; one long "o" with them round.
            'o' when said.Count(c => c is 'o' or 'O') == 2 => "pucker",
            'o' => "funnel-o",
            _ => "pucker",
        };

    /// <summary>"Puff the cheeks, hold 5 s, move the air": they are held full first.</summary>
    [GeneratedRegex(@"\b(?:puff|fill|blow)\w*\b[^.;]{0,40}\bhold\w*\s+(?:for\s+)?\d[^.;]{0,20}\b(?:mov|shift|pass|transfer|swap)", Free)]
    private static partial Regex HeldFull();
}
