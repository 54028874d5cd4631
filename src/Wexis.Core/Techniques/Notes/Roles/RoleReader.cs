using System.Text.RegularExpressions;

namespace Wexis.Core.Techniques.Notes.Roles;

/// <summary>A movement of the face that a sentence tells, or work of a hand; neither, where it is only the way back of a movement.</summary>
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
        reader.OfTheTopic();
        return [.. reader._told.OrderBy(t => t.At)];
    }

    /// <summary>"Jaw: …", "Lips - …": what the sentence speaks of.</summary>
    private static string? TopicOf(List<Chunk> chunks, string left)
    {
        var end = chunks.FindIndex(c => c.Role == Role.Break);
        if (end is < 1 or > 4 || left[chunks[end].At] is not (':' or '-' or '–'))
            return null;
        var parts = chunks.Take(end).Where(c => c.Role == Role.Part).ToList();
        return parts.Count == 1 ? parts[0].Means : null;
    }

    private void Verbs()
    {
        for (var i = 0; i < _chunks.Count; i++)
            if (_chunks[i].Role == Role.Verb && !_read.Contains(_chunks[i]) && !Denied(i))
                Verb(i);
            else if (_chunks[i].Role == Role.Part)
                _last = _chunks[i].Means;
    }

    private void Verb(int i)
    {
        var verb = RoleWords.Verb(_chunks[i].Means)!;
        var behind = LookBehind(i + 1);
        var before = Before(i);
        // "The lips are closed", "jaw relaxed": how a part is held, and no movement.
        if (behind.Object is null && before is { Role: Role.Part } && IsState(_chunks[i].Means) && !behind.Ways.Any(w => w.Means == "wide"))
            return;
        var obj = behind.Object ?? (before is null ? Shared(i, behind) : null);
        var known =
            obj is { Role: Role.Part } ? obj
            : obj is null && before is { Role: Role.Part } ? before
            : null;
        var leaning = (verb.Moves is null || obj is { Role: Role.It }) && before?.Role != Role.Hand;
        var part = known?.Means ?? (leaning ? _topic ?? _last : null);
        // "The tongue presses the palate": what stands before moves towards what stands behind.
        if (known is not null && known == obj && before is { Role: Role.Part } && RoleWords.MoveTo(before.Means, obj.Means) is { } reached)
        {
            Tell(new(_chunks[i].At, reached, null, before.Means, before.Side, [_chunks[i], before, .. behind.Spans]));
            return;
        }
        var byHand = (obj ?? before)?.Role == Role.Hand || WithHand(i);
        // Where nothing is named that it is done to, the hand does it that is named; against a hand the face moves.
        var either = known is null && verb.Work is not null && verb.Moves is null && HasHand;
        if (either && !(part is not null && Against(i)))
            byHand = true;
        if (!byHand && part is not null && GoesBack(verb, part, behind))
        {
            Tell(new(_chunks[i].At, null, null, part, null, [_chunks[i], .. behind.Spans.Where(s => s != behind.Goal)]));
            return;
        }
        // "Tongue: trace the inside of the lips": no hand goes there.
        if (verb is { OnlyByHand: true, Work: "stroke" } && part == "tongue" && !HasHand)
        {
            Tell(new(_chunks[i].At, "tongue-circle-vestibule", null, part, null, [_chunks[i], .. behind.Spans]));
            return;
        }
        var resolved = verb.OnlyByHand || (byHand && verb.Work is not null) ? None : Resolve(verb, part, known is not null, behind);
        if (resolved.Move is { } move)
        {
            List<Chunk> spans = [_chunks[i], .. behind.Spans];
            if (known is not null && known == before)
                spans.Add(before);
            // "Inside the lips": where a tongue circles.
            if (!resolved.Goal && behind.Goal is { } unused && move != "tongue-circle-vestibule")
                spans.RemoveAll(s => s == unused || (s.At < unused.At && s.Role == Role.Leads));
            if (!resolved.Goal && obj is { Role: Role.Part, Means: not "air" } && obj.Means != resolved.Part)
                spans.RemoveAll(s => s == obj || s.Role == Role.With);
            // A side that the movement does not go to is left to be asked about.
            if (resolved.Way is not ("left" or "right" or "tilt" or "turn") && !Sided.Contains(move))
                spans.RemoveAll(s => s is { Role: Role.Way, Means: "left" or "right" });
            Tell(new(_chunks[i].At, move, null, resolved.Part, SideOf(spans), spans, resolved.Way));
        }
        else if (
            verb.Work is { } work
            && !(!HasHand && (part == "tongue" || (verb.Way == "round" && part is not null && MovesItself.Contains(part))))
        )
            Tell(
                new(
                    _chunks[i].At,
                    null,
                    verb.OnlyByHand && Round(i) ? "circle" : WorkThere(verb, work, behind, byHand),
                    part,
                    null,
                    [_chunks[i], .. behind.Spans.Where(s => s.Role is Role.Way or Role.It)]
                ),
                obj
            );
    }

    /// <summary>"Massage the temples in circles": what goes round is circled, wherever that is said.</summary>
    private bool Round(int at)
    {
        if (_chunks.Skip(at + 1).TakeWhile(c => !IsStop(c)).FirstOrDefault(c => c is { Role: Role.Way, Means: "round" }) is not { } round)
            return false;
        Tell(new(round.At, null, null, null, null, [round]));
        return true;
    }

    /// <summary>What a hand does that goes this way: what it pushes up it lifts, what it pulls apart it stretches.</summary>
    private static string WorkThere(VerbSense verb, string work, Behind behind, bool byHand) =>
        behind.Ways.Any(w => w.Means == "apart") ? "stretch-apart"
        : byHand && verb is { Verb: "push", Bare: true } && behind.Goal is null && behind.Ways.Any(w => w.Means is "up" or "back")
            ? "lift-hold"
        : work;

    /// <summary>Whether what a verb does is done against a hand: "push up against the fingers".</summary>
    private bool Against(int at) =>
        _against is { } there
        && there > _chunks[at].At
        && !_chunks.Exists(c => c.Role is Role.Verb or Role.Break && c.At > _chunks[at].At && c.At < there);

    private bool HasHand => _chunks.Exists(c => c.Role == Role.Hand);

    /// <summary>What goes to a side.</summary>
    private static readonly HashSet<string> Sided =
    [
        "jaw-side",
        "head-tilt-side",
        "head-turn",
        "gaze-side",
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
        if (j >= _chunks.Count || _chunks[j].Role != Role.Joins && _chunks[j].Means is not ("/" or "," or "-"))
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

    /// <summary>How something is held, and no movement: "closed", "relaxed".</summary>
    private static bool IsState(string word) =>
        word is "closed" or "shut" or "open" or "opened" or "relaxed" or "released" or "softened" or "dropped" or "lowered";

    private static string? SideOf(List<Chunk> spans) =>
        spans.Select(s => s.Side).OfType<string>().Distinct().ToList() is [var one] ? one : null;

    /// <summary>A part and a way with no verb: "brows up", "jaw forward", "chin to the ceiling".</summary>
    private void Ways()
    {
        for (var i = 0; i < _chunks.Count; i++)
        {
            var part = _chunks[i];
            if (part.Role != Role.Part || _read.Contains(part) || Led(i))
                continue;
            var behind = LookBehind(i + 1);
            if (behind.Object is not null)
                continue;
            var verb = new VerbSense("", null, null, null, true);
            if (
                Resolve(verb, part.Means, true, behind) is not { Move: { } move } way
                || (way.Way is { } held && IsHeld(part.Means, held))
                || (HasHand && HeldByHand(i))
            )
                continue;
            Tell(
                new(part.At, move, null, part.Means, part.Side, [part, .. behind.Spans.Where(s => way.Goal || s != behind.Goal)], way.Way)
            );
        }
    }

    /// <summary>"Jaw: left, right": a way by itself is one of what the label names.</summary>
    private void OfTheTopic()
    {
        if (_topic is null)
            return;
        for (var i = 1; i < _chunks.Count; i++)
            if (
                _chunks[i] is { Role: Role.Way } way
                && !_read.Contains(way)
                && Ends(i - 1)
                && Ends(i + 1)
                && RoleWords.MoveOf(_topic, way.Means) is { } move
            )
                Tell(new(way.At, move, null, _topic, null, [way]));

        bool Ends(int at) => at >= _chunks.Count || _chunks[at].Role is Role.Break or Role.Joins or Role.Read;
    }

    /// <summary>"Hold the brows up" with a hand: what a hand holds does not move by itself.</summary>
    private bool HeldByHand(int at)
    {
        for (var j = at - 1; j >= 0 && _chunks[j].Role == Role.Light; j--)
            if (
                _chunks[j].Means.StartsWith("hold", StringComparison.Ordinal)
                || _chunks[j].Means.StartsWith("keep", StringComparison.Ordinal)
            )
                return true;
        return false;
    }

    /// <summary>How a part is held where no verb stands: "head back", "shoulders down".</summary>
    private static bool IsHeld(string part, string way) =>
        (part, way) switch
        {
            ("head" or "neck", "back") or ("chin", "up") or ("shoulder", "down") or ("tongue", "up") or ("teeth", _) => true,
            ("mouth" or "jaw" or "eye" or "lid" or "lip", "close") or ("lip", "together" or "apart") => true,
            _ => false,
        };

    /// <summary>What no hand circles unless one is named.</summary>
    private static readonly HashSet<string> MovesItself = ["shoulder", "head", "neck", "jaw", "chin", "tongue", "eye", "lip", "mouth"];
}
