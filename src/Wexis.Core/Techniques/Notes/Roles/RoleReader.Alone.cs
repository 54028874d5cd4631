namespace Wexis.Core.Techniques.Notes.Roles;

/// <summary>What stands there with no verb: a part and a way, or a way alone.</summary>
internal sealed partial class RoleReader
{
    /// <summary>A part and a way with no verb: "brows up", "jaw forward", "chin to the ceiling".</summary>
    private void Ways()
    {
        for (var i = 0; i < _chunks.Count; i++)
        {
            var part = _chunks[i];
            if (part.Role != Role.Part || _read.Contains(part) || Led(i) || (HasHand && WithHandBehind(i)))
                continue;
            var behind = LookBehind(i + 1);
            if (behind.Object is { Role: Role.Part } met && RoleWords.MoveTo(part.Means, met.Means) is { } reached && Touches(i))
            {
                Tell(new(part.At, reached, null, part.Means, part.Side, [part, .. behind.Spans]));
                continue;
            }
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

    /// <summary>"Nose wings in with the fingers": the hand does it.</summary>
    private bool WithHandBehind(int at)
    {
        var next = at + 1;
        while (next < _chunks.Count && _chunks[next].Role is Role.Way or Role.Light)
            next++;
        if (next == at + 1 || next + 1 >= _chunks.Count || _chunks[next].Role != Role.With)
            return false;
        // "Brow down with fingers pulling up": the face goes down.
        var hand = _chunks.Skip(next + 1).SkipWhile(c => c.Role == Role.Light).Take(2).ToList();
        return hand is [{ Role: Role.Hand }] or [{ Role: Role.Hand }, { Role: not Role.Verb }, ..];
    }

    /// <summary>"The tip touches the nose".</summary>
    private bool Touches(int at) =>
        _chunks.Skip(at + 1).TakeWhile(c => c.Role == Role.Light).Any(c => c.Means is "touch" or "touches" or "touching");

    /// <summary>
    /// "Jaw: left, right", "shoulders: up to the ears": a way by itself is one of what the label names, or of what moved last.
    /// </summary>
    private void LoneWays()
    {
        var plain = new VerbSense("", null, null, null, true);
        for (var i = 1; i < _chunks.Count; i++)
        {
            if (_chunks[i] is not { Role: Role.Way or Role.Leads } way || _read.Contains(way) || !Begins(i))
                continue;
            var behind = LookBehind(i);
            if (behind.Object is not null || !Ends(behind.End))
                continue;
            var moved = _told.LastOrDefault(t => t.At < way.At && t is { Move: not null, Part: not null });
            if (way.Role == Role.Way && moved?.Part is { } last && GoesBack(plain, last, behind))
                Tell(new(way.At, null, null, last, null, behind.Spans));
            else if (
                (moved?.Part ?? (_told.Exists(t => t.Work is not null) ? null : _topic)) is { } part
                && Resolve(plain, part, true, behind) is { Move: { } move, Goal: var goal } found
                && (part == _topic || _told.Exists(t => t.Move == move))
            )
                Tell(new(way.At, move, null, part, null, [.. behind.Spans.Where(s => goal || s != behind.Goal)], found.Way));
        }

        bool Begins(int at)
        {
            for (at--; at >= 0 && _chunks[at].Role == Role.Light; at--)
                continue;
            return at >= 0 && _chunks[at].Role is Role.Break or Role.Joins or Role.Read;
        }

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
}
