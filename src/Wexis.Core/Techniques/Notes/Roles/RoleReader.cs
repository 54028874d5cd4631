using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes.Roles;

/// <summary>
/// A movement of the face that a sentence tells, or work of a hand; neither, where it is only the way back of a movement.
/// </summary>
/// <param name="Move">What the face does.</param>
/// <param name="Work">What a hand does.</param>
/// <param name="Part">What moves, or what the hand moves.</param>
/// <param name="Side">Left or right, where only that one moves.</param>
/// <param name="Spans">The words that say it.</param>
/// <param name="Way">Which way it moves; null where it moves towards something.</param>
internal sealed record Told(int At, string? Move, string? Work, string? Part, string? Side, IReadOnlyList<Chunk> Spans, string? Way = null);

/// <summary>
/// Who does what to what, and which way: reads a sentence word by word. A verb looks for what it is done to behind it, then before it, then
/// in what was named last; what that part does that goes this way is a movement, unless a hand is there to do it.
/// </summary>
internal sealed partial class RoleReader
{
    private readonly List<Chunk> _chunks;
    private readonly HashSet<Chunk> _read = [];
    private readonly List<Told> _told = [];
    private readonly string? _topic;
    private readonly int? _against;
    private string? _last;

    private RoleReader(List<Chunk> chunks, string? topic, int? against, string? before)
    {
        // "Tongue: push the tip …": its tip, and no verb.
        if (topic == "tongue")
            chunks = [.. chunks.Select(c => c is { Role: Role.Verb, Means: "tip" } ? c with { Role = Role.Part, Means = "tongue" } : c)];
        (_chunks, _topic, _against, _last) = (chunks, topic, against, before);
    }

    /// <param name="before">The part that moved in the sentence before; null for none.</param>
    /// <param name="against">Where the sentence says that something moves against a hand; null where it does not.</param>
    public static IReadOnlyList<Told> Read(string left, char mark, IReadOnlyCollection<Capture> hands, int? against, string? before = null)
    {
        var chunks = Chunk.Of(left, mark, hands);
        var reader = new RoleReader(chunks, TopicOf(chunks, left), against, before);
        reader.Verbs();
        reader.Ways();
        reader.LoneWays();
        return [.. reader._told.OrderBy(t => t.At)];
    }

    /// <summary>"Jaw: …", "Lips - …": what the sentence speaks of.</summary>
    private static string? TopicOf(List<Chunk> chunks, string left)
    {
        var end = chunks.FindIndex(c => c.Role == Role.Break);
        if (end is < 1 or > 4 || left[chunks[end].At] is not (':' or '-' or '–'))
            return null;
        // "Finger round the eye: …" speaks of the finger.
        if (chunks.Take(end).Any(c => c.Role is Role.Hand or Role.Leads))
            return null;
        var parts = chunks.Take(end).Where(c => c.Role == Role.Part).ToList();
        return parts.Count == 1 ? parts[0].Means
            : parts.Count == 0 ? RoleWords.MovedBy(left[..chunks[end].At].Trim().ToLowerInvariant())
            : null;
    }

    private void Verbs()
    {
        for (var i = 0; i < _chunks.Count; i++)
            if (_chunks[i].Role == Role.Verb && !_read.Contains(_chunks[i]) && !Denied(i))
                Verb(i);
            else if (_chunks[i].Role == Role.Part && !_read.Contains(_chunks[i]))
                _last = _chunks[i].Means;
    }

    private void Verb(int i)
    {
        var verb = RoleWords.Verb(_chunks[i].Means)!;
        // "Chew with the lips closed": how they are held is told besides.
        var behind = verb.Way is "chew" or "swallow" ? new(null, null, [], [], i + 1) : LookBehind(i + 1);
        var before = Before(i);
        if (TellsAState(i, verb, behind, before))
            return;
        // "Drop the jaw" opens it; "let the jaw drop" lets go.
        if (verb.Verb == "drop" && !_chunks.Take(i).TakeLast(3).Any(c => c.Means.StartsWith("let", StringComparison.Ordinal)))
            verb = (behind.Object ?? before)?.Means is "jaw" or "mouth" ? verb with { Way = "open" } : verb;
        var obj = behind.Object
            ?? (
                before is null && behind.Goal is null && verb.Moves is null && !(HasHand && verb.Work is not null)
                    ? Shared(i, behind)
                    : null
            );
        // "Tighten the muscles at the front of the neck": what stands there is tightened.
        if (obj is null && before is null && verb.Way == "tense" && behind.Goal is { } tensed)
            (obj, behind) = (tensed, behind with { Object = tensed, Goal = null });
        var known =
            obj is { Role: Role.Part } ? obj
            : obj is null && before is { Role: Role.Part } ? before
            : null;
        // "Press the ····": what it is done to was read already.
        var done =
            i + 2 < _chunks.Count && _chunks[i + 1] is { Role: Role.Light, Means: "the" or "your" } && _chunks[i + 2].Role == Role.Read;
        var leaning = (verb.Moves is null || obj is { Role: Role.It }) && before?.Role != Role.Hand && !done;
        var part = known?.Means ?? (leaning ? _topic ?? _last : null);
        // "The tongue presses the palate": what stands before moves towards what stands behind.
        if (known is not null && known == obj && before is { Role: Role.Part } && RoleWords.MoveTo(before.Means, obj.Means) is { } reached)
        {
            Tell(new(_chunks[i].At, reached, null, before.Means, before.Side, [_chunks[i], before, .. behind.Spans]));
            return;
        }
        var byHand = IsByHand(i, verb, part, known, obj, before);
        // "Pull the skin away, moving downwards": where the hand goes on, no part that was named moves.
        var onward =
            !byHand && verb is { Bare: true, Work: null } && obj is null && known is null && _told is [.., { Work: not null, Move: null }];
        if (!byHand && part is not null && GoesBack(verb, part, behind))
        {
            Tell(new(_chunks[i].At, null, null, part, null, [_chunks[i], .. behind.Spans.Where(s => s != behind.Goal)]));
            return;
        }
        // "Close the lips" is how they are held, unless something is in their way.
        if (verb.Way == "close" && part is "lip" or "mouth" && !Against(i))
            return;
        if (part == "tongue" && GoesRoundInside(verb, behind))
        {
            Tell(
                new(
                    _chunks[i].At,
                    "tongue-circle-vestibule",
                    null,
                    part,
                    null,
                    [_chunks[i], .. behind.Spans, .. known is null ? [] : new[] { known }]
                )
            );
            return;
        }
        // "Push the lips against them": forwards.
        if (part == "lip" && verb.Verb is "push" or "press" && behind is { Ways.Count: 0, Goal: null } && Against(i))
            behind = behind with { Ways = [_chunks[i] with { Means = "forward" }] };
        // "Close the nostril with the thumb".
        var shut = verb.Way == "close" && part is "nostril" && WithHand(i);
        var resolved =
            shut || onward || verb.OnlyByHand || (byHand && verb.Work is not null) ? None : Resolve(verb, part, known is not null, behind);
        if (resolved.Move is { } move)
        {
            var spans = SpansOf(i, resolved, behind, obj, known, before);
            Tell(new(_chunks[i].At, move, null, resolved.Part, SideOf(spans), spans, resolved.Way));
            AndToo(verb, behind);
        }
        else if (
            (shut ? "press" : HandsDo(verb, known, behind)) is { } work
            && (HasHand || (part != "tongue" && (verb.OnlyByHand || verb.Verb == "press" || part is null || !MovesItself.Contains(part))))
        )
            Tell(
                new(
                    _chunks[i].At,
                    null,
                    verb.OnlyByHand && Round(i) ? "circle" : WorkThere(verb, work, behind, byHand),
                    part,
                    null,
                    [_chunks[i], .. behind.Spans.Where(s => behind.Ways.Contains(s) || s.Role == Role.It)]
                ),
                obj
            );
    }

    /// <summary>"The lips are closed", "jaw relaxed": how a part is held, and no movement.</summary>
    private bool TellsAState(int at, VerbSense verb, Behind behind, Chunk? before) =>
        behind.Object is null
        && before is { Role: Role.Part }
        && IsState(_chunks[at].Means)
        && !behind.Ways.Any(w => w.Means == "wide")
        && !ComesBack(verb, behind.End);

    /// <summary>Whether the hand does it that is named; against a hand the face moves.</summary>
    private bool IsByHand(int at, VerbSense verb, string? part, Chunk? known, Chunk? obj, Chunk? before)
    {
        if (part is not null && obj?.Role != Role.Hand && Against(at))
            return false;
        // What is tried is tried by the face, unless a hand is named for it.
        if (part is not null && Tries(at) && !_chunks.Skip(at + 1).TakeWhile(c => c.Role != Role.Break).Any(c => c.Role == Role.Hand))
            return false;
        // "Pinch the brow and lift": what a hand took, it lifts.
        if (
            obj is null
            && verb is { Work: not null, Moves: null }
            && at > 0
            && _chunks[at - 1] is { Role: Role.Joins, Means: "and" } or { Role: Role.Break, Means: "," }
            && _told is [.., { Work: not null }]
        )
            return true;
        // Where nothing is named that it is done to, the hand does it.
        var either = known is null && verb.Work is not null && verb.Moves is null && HasHand;
        return either || before?.Role == Role.Hand || (obj ?? before)?.Role == Role.Hand || WithHand(at);
    }

    /// <summary>"Trace the inside of the lips", "move it along the gums": no hand goes there.</summary>
    private bool GoesRoundInside(VerbSense verb, Behind behind) =>
        !HasHand && (verb is { OnlyByHand: true, Work: "stroke" } || (verb.Bare && behind.Ways.Count == 0 && GoesAlong(behind.End)));

    /// <summary>What hands do with a plain verb: they circle, they stroke somewhere ("place the thumbs there and move outwards").</summary>
    private string? HandsDo(VerbSense verb, Chunk? known, Behind behind) =>
        !verb.Bare || !HasHand ? verb.Work
        : behind.Ways.Any(w => w.Means == "circle") ? "circle"
        : verb.Work is null && known is null && behind.Ways.Count > 0 ? "stroke"
        : verb.Work;

    /// <summary>The words that tell a movement: what does not belong to it is left to be asked about.</summary>
    private List<Chunk> SpansOf(int at, Resolved resolved, Behind behind, Chunk? obj, Chunk? known, Chunk? before)
    {
        List<Chunk> spans = [_chunks[at], .. behind.Spans];
        if (known is not null && known == before)
            spans.Add(before);
        // "Inside the lips": where a tongue circles.
        if (!resolved.Goal && behind.Goal is { } unused && resolved.Move != "tongue-circle-vestibule")
            spans.RemoveAll(s => s == unused || (s.At < unused.At && s.Role == Role.Leads));
        if (!resolved.Goal && obj is { Role: Role.Part, Means: not "air" } && obj.Means != resolved.Part)
            spans.RemoveAll(s => s == obj || s.Role == Role.With);
        // A side that the movement does not go to.
        if (resolved.Way is not ("left" or "right" or "tilt" or "turn") && !Sided.Contains(resolved.Move!))
            spans.RemoveAll(s => s is { Role: Role.Way, Means: "left" or "right" });
        return spans;
    }

    /// <summary>"Open and close": it is not held so.</summary>
    private bool ComesBack(VerbSense verb, int at)
    {
        while (at < _chunks.Count && _chunks[at].Role is Role.Joins or Role.Break or Role.Light)
            at++;
        return at < _chunks.Count
            && _chunks[at].Role == Role.Verb
            && RoleWords.Verb(_chunks[at].Means) is { } next
            && Opposite(verb.Way, next.Way);
    }

    /// <summary>"Along the gums", "round the lips".</summary>
    private bool GoesAlong(int at) =>
        at < _chunks.Count
        && _chunks[at] is { Means: "along" or "around" or "round" or "over" }
        && _chunks.Skip(at + 1).SkipWhile(c => c.Role == Role.Light).FirstOrDefault()
            is { Role: Role.Part, Means: "teeth" or "upper-teeth" or "lip" };

    /// <summary>"Massage the temples in circles": what goes round is circled, wherever that is said.</summary>
    private bool Round(int at)
    {
        if (_chunks.Skip(at + 1).TakeWhile(c => !IsStop(c)).FirstOrDefault(c => c is { Role: Role.Way, Means: "circle" }) is not { } round)
            return false;
        Tell(new(round.At, null, null, null, null, [round]));
        return true;
    }

    /// <summary>What a hand does that goes this way: what it pushes up it lifts, what it pulls apart it stretches.</summary>
    private string WorkThere(VerbSense verb, string work, Behind behind, bool byHand) =>
        work == "pinch-roll" && behind.Ways.Any(w => w.Means is "together" or "close") ? "pinch-hold"
        : behind.Ways.Any(w => w.Means == "apart") && behind.Ways.Any(w => w.Means == "together") ? "friction"
        : behind.Ways.Any(w => w.Means == "apart") ? "stretch-apart"
        : (byHand || HasHand)
        && verb is { Verb: "push", Bare: true }
        && behind.Goal is null
        && behind.Ways.Any(w => w.Means is "up" or "back")
            ? "lift-hold"
        : work;

    /// <summary>Whether what a verb does is done against a hand: "push up against the fingers".</summary>
    private bool Against(int at) =>
        _against is { } there
        && there > _chunks[at].At
        && !_chunks.Exists(c => c.Role is Role.Verb or Role.Break && c.At > _chunks[at].At && c.At < there);

    /// <summary>"Try to pull them down".</summary>
    private bool Tries(int at) =>
        _chunks
            .Take(at)
            .Reverse()
            .TakeWhile(c => c.Role == Role.Light || c.Means == "to")
            .Any(c => c.Means is "try" or "tries" or "trying");

    private bool HasHand => _chunks.Exists(c => c.Role == Role.Hand);

    /// <summary>What goes to a side.</summary>
    private static readonly HashSet<string> Sided =
    [
        "jaw-side",
        "head-tilt-side",
        "head-turn",
        "gaze-side",
        "lips-side",
        "transfer-air",
        "tongue-push-cheek",
    ];

    /// <param name="worked">What a hand works on: it does not move by itself, and stays where the hand works.</param>
    private void Tell(Told told, Chunk? worked = null)
    {
        _told.Add(told);
        _read.UnionWith(told.Spans);
        if (worked is not null)
            _read.Add(worked);
        if (told.Part is not null)
            _last = told.Part;
    }

    /// <summary>What stands before a verb and does it: a part or a hand that nothing leads to.</summary>
    private Chunk? Before(int at)
    {
        for (var j = at - 1; j >= 0; j--)
            switch (_chunks[j])
            {
                case { Role: Role.Light }:
                    continue;
                case { Role: Role.Part or Role.Hand } found when !_read.Contains(found):
                    return Led(j) ? null : found;
                default:
                    return null;
            }
        return null;
    }

    /// <summary>Whether a word before it leads there: "from the brow", "with the fingers".</summary>
    private bool Led(int at)
    {
        for (var j = at - 1; j >= 0; j--)
            switch (_chunks[j])
            {
                case { Role: Role.Light, Means: not ("of" or "to") }:
                    continue;
                case { Role: Role.Leads or Role.With }:
                    return true;
                case { Role: Role.Light }:
                    return true;
                case { Role: Role.Way, Means: "in" or "up" or "down" or "left" or "right" }:
                    continue;
                default:
                    return false;
            }
        return false;
    }

    /// <summary>"Lift and lower the brows": the first verb shares what the second is done to.</summary>
    private Chunk? Shared(int at, Behind behind)
    {
        var j = behind.End;
        if (behind.Ways.Count > 0)
            return null;
        if (j >= _chunks.Count || _chunks[j].Role != Role.Joins && _chunks[j].Means is not "/")
            return null;
        while (++j < _chunks.Count && _chunks[j].Role is Role.Light or Role.Joins)
            continue;
        return j < _chunks.Count && _chunks[j].Role == Role.Verb && j > at && LookBehind(j + 1).Object is { Role: Role.Part } part
            ? part
            : null;
    }

    /// <summary>Whether a hand is said to do it: "with two fingers", in the same part of the sentence.</summary>
    private bool WithHand(int at)
    {
        for (var j = at; j < _chunks.Count && _chunks[j].Role is not Role.Break; j++)
            if (_chunks[j].Role == Role.Hand && HasWith(j))
                return true;
        for (var j = at; j >= 0 && !IsStop(_chunks[j]); j--)
            if (_chunks[j].Role == Role.Hand && HasWith(j))
                return true;
        return false;

        bool HasWith(int j)
        {
            for (j--; j >= 0; j--)
                if (_chunks[j].Role == Role.With)
                    return true;
                else if (_chunks[j].Role is not (Role.Light or Role.Hand or Role.Joins))
                    return false;
            return false;
        }
    }

    private bool Denied(int at)
    {
        for (var j = at - 1; j >= 0; j--)
            if (_chunks[j].Role == Role.Not)
                return true;
            else if (_chunks[j].Role != Role.Light)
                return false;
        return false;
    }
}
