namespace Wexis.Core.Techniques.Notes.Roles;

/// <summary>What stands behind a verb or a part: what it is done to, which way, towards what.</summary>
internal sealed partial class RoleReader
{
    /// <summary>What stands behind a verb, as far as it belongs to it.</summary>
    private sealed record Behind(Chunk? Object, Chunk? Goal, IReadOnlyList<Chunk> Ways, IReadOnlyList<Chunk> Spans, int End);

    private Behind LookBehind(int from)
    {
        Chunk? obj = null,
            goal = null,
            leads = null;
        var (ways, spans) = (new List<Chunk>(), new List<Chunk>());
        var j = from;
        for (; j < _chunks.Count; j++)
        {
            var c = _chunks[j];
            switch (c.Role)
            {
                // "To the side", "from side to side".
                case Role.Light when leads is { Means: "to" or "from" } && c.Means is "side" or "sides":
                    ways.Add(c with { Means = "side" });
                    spans.AddRange([leads, c]);
                    leads = null;
                    continue;
                case Role.Light or Role.Read:
                    continue;
                case Role.Part when _read.Contains(c):
                    return Found();
                case Role.Part when leads is not null:
                    if (goal is not null)
                        return Found();
                    goal = c;
                    spans.AddRange([leads, c]);
                    leads = null;
                    continue;
                // "The forehead skin" is one thing.
                case Role.Part when c.Means == "skin" && obj is not null && _chunks[j - 1] == obj:
                    spans.Remove(obj);
                    obj = obj with { Means = "skin" };
                    spans.AddRange([obj, c]);
                    continue;
                case Role.Part or Role.Hand or Role.It when obj is null && leads is null:
                    obj = c;
                    spans.Add(c);
                    continue;
                case Role.Way when !LeadsOn(j):
                    ways.Add(c);
                    spans.Add(c);
                    leads = null;
                    continue;
                case Role.Way:
                    // "Up to the ceiling", "in the hollow": it only leads on.
                    leads = c;
                    continue;
                // "Through the lips": how it goes, and not where to.
                // "Inside of the right cheek".
                case Role.Leads when c.Means is "of" && leads is { Means: "inside" }:
                    continue;
                case Role.Leads when c.Means is "through" or "via" && PartNext(j):
                    spans.AddRange([c, .. _chunks.Skip(j + 1).TakeWhile(n => n.Role is Role.Light or Role.Part).Take(2)]);
                    j += 1;
                    while (_chunks[j].Role != Role.Part)
                        j++;
                    continue;
                case Role.Leads when goal is null && c.Means is not ("from" or "along" or "across" or "around" or "of"):
                    leads = c;
                    continue;
                // "Smile with the corners", "blink with both eyes".
                case Role.With when obj is null && leads is null && PartNext(j):
                    spans.Add(c);
                    continue;
                // "Cover the teeth with the upper lip".
                case Role.With when obj is { Role: Role.Part, Means: "teeth" or "upper-teeth" } && PartNext(j):
                    spans.AddRange([c, .. _chunks.Skip(j + 1).TakeWhile(n => n.Role is Role.Light or Role.Part).Take(2)]);
                    j += 1;
                    while (_chunks[j].Role != Role.Part)
                        j++;
                    continue;
                // "Fill the mouth with air".
                case Role.With when j + 1 < _chunks.Count && _chunks[j + 1].Means == "air":
                    spans.AddRange([c, _chunks[j + 1]]);
                    j++;
                    continue;
                // "Up and out", "left, right".
                case Role.Joins or Role.Break when ways.Count > 0 && NextIs(j, Role.Way) && !IsStop(c):
                    spans.Add(c);
                    continue;
                default:
                    return Found();
            }
        }
        return Found();

        Behind Found() => new(obj, goal, ways, spans, j);
    }

    /// <summary>"Pull down the corners and the lower lip": a second part that is moved alike.</summary>
    private void AndToo(VerbSense verb, Behind behind)
    {
        var at = behind.End;
        if (behind.Object is not { Role: Role.Part } || at >= _chunks.Count || _chunks[at] is not { Means: "and" or "+" or "&" })
            return;
        var next = at + 1;
        while (next < _chunks.Count && _chunks[next] is { Role: Role.Light, Means: "the" or "your" or "both" })
            next++;
        if (
            next >= _chunks.Count
            || _chunks[next] is not { Role: Role.Part } part
            || _read.Contains(part)
            || (next + 1 < _chunks.Count && _chunks[next + 1].Role is not (Role.Break or Role.Read or Role.Way or Role.Number))
        )
            return;
        List<Chunk> spans = [part, .. _chunks.Skip(next + 1).TakeWhile(c => c.Role == Role.Way)];
        var ways = spans.Skip(1).ToList();
        if (
            Resolve(verb, part.Means, true, behind with { Object = part, Ways = ways.Count > 0 ? ways : behind.Ways }) is
            { Move: { } move } too
        )
            Tell(new(part.At, _told.Exists(t => t.Move == move) ? null : move, null, part.Means, part.Side, spans, too.Way));
    }

    /// <summary>Whether a way only leads to a place: "up to the ceiling", "down the neck".</summary>
    private bool LeadsOn(int at) => at + 1 < _chunks.Count && (_chunks[at].Means == "round" && PartNext(at) || Onwards(at));

    private bool Onwards(int at) =>
        _chunks[at + 1] switch
        {
            { Role: Role.Leads } => PartNext(at + 1),
            // "Lift up the brows" moves them; "stroke down the neck" goes there, and "in the cheek" is a place.
            { Role: Role.Light, Means: "the" or "your" or "each" or "both" } => at + 2 < _chunks.Count
                && (
                    _chunks[at].Means is "in"
                        ? _chunks[at + 2] is not { Role: Role.Part, Means: not "air" }
                        : _chunks[at + 2].Means is "neck" or "face"
                ),
            _ => false,
        };

    private bool PartNext(int at)
    {
        for (at++; at < _chunks.Count; at++)
            if (_chunks[at].Role is not (Role.Light or Role.Read))
                return _chunks[at].Role == Role.Part;
        return false;
    }

    private bool NextIs(int at, Role role) => at + 1 < _chunks.Count && _chunks[at + 1].Role == role;

    private static bool IsStop(Chunk c) => c.Means is "." or ";" or ":" or "(" or ")";
}
