namespace Wexis.Core.Techniques.Notes.Roles;

/// <summary>What a part does that a verb moves some way.</summary>
internal sealed partial class RoleReader
{
    /// <param name="Goal">Whether it moves towards what stands behind it.</param>
    private sealed record Resolved(string? Move, string? Part, string? Way, bool Goal);

    private static readonly Resolved None = new(null, null, null, false);

    /// <summary>"Open and close the jaw", "lift the brows, lower them": the second is the way back of the first.</summary>
    private bool GoesBack(VerbSense verb, string part, Behind behind) =>
        behind.Goal is null
        && _told.FindLast(t => t.Move is not null && t.Part == part) is { } told
        && (part != "eye" || (told.Way, verb.Way, behind.Ways.Count) is ("close", "open", 0))
        && (
            behind.Ways.Count == 0
                ? Opposite(told.Way, verb.Way)
                : verb.Bare && told.Way is null && behind.Ways.Any(w => w.Means is "back")
                    || verb.Bare && behind.Ways.All(w => w.Means is "back" or "middle" || Opposite(told.Way, w.Means))
        );

    /// <param name="went">Which way it went; null where it went towards something.</param>
    private static bool Opposite(string? went, string? way) =>
        (went, way)
            is
                ("up", "down")
                or
                ("down", "up")
                or
                ("in", "out")
                or
                ("out", "in")
                or
                ("forward", "back")
                or
                ("together", "apart")
                or
                ("apart", "together")
                or
                ("open", "close")
                or
                ("close", "open")
                or
                ("wide", "close")
                or
                ("up" or null, "let")
                or
                (_, "loose");

    /// <summary>What the face does, what moves, and whether it moves towards what stands behind it.</summary>
    /// <param name="named">Whether the part is named with the verb, and not only before it.</param>
    private static Resolved Resolve(VerbSense verb, string? part, bool named, Behind behind)
    {
        // Teeth that bite a lip are not clenched.
        if (verb.Way == "bite" && part is "lip" or "lower-lip" or "upper-lip")
            return None;
        // A neck or a head that rolls to one side: turned, tilted, or in a circle?
        if (
            verb.Way == "circle"
            && part is "neck" or "head"
            && behind.Ways.Any(w => w.Means is "left" or "right" or "side" or "forward" or "back")
        )
            return None;
        // "Chew with the lips closed": the lips are only held so.
        if (verb is { Way: "chew" or "swallow", Moves: { } itsOwn } && RoleWords.MoveOf(itsOwn, verb.Way) is { } itself)
            return new(itself, itsOwn, verb.Way, false);
        var goal = behind.Goal?.Means;
        if (part is not null && goal is not null && verb.Way is not "turn" && RoleWords.MoveTo(part, goal) is { } there)
            return new(there, part, null, true);
        foreach (var reached in new[] { named ? part : null, goal }.OfType<string>())
            if (verb.Moves is { } own && (own, reached) is not ("lip", "mouth") && RoleWords.MoveTo(own, reached) is { } towards)
                return new(towards, own, null, true);
        foreach (var moved in new[] { part, verb.Moves }.OfType<string>())
        foreach (var way in WaysOf(verb, moved, behind))
            if (RoleWords.MoveOf(moved, way) is { } move)
                return new(move, moved, way, false);
        return None;
    }

    /// <summary>Which ways a verb moves a part, the surest first.</summary>
    private static IEnumerable<string> WaysOf(VerbSense verb, string moved, Behind behind)
    {
        var said = behind.Ways.Select(w => w.Means);
        return verb.Way switch
        {
            // A lip that is drawn out and down goes down.
            null when moved == "lower-lip" && said.Contains("down") => said.Prepend("down"),
            null => said,
            // A head that turns or tilts to a side does that; forwards or back it goes there.
            "tilt" or "turn" when moved is "head" or "neck" or "chin" => said.Where(w => w is "back" or "forward" or "down")
                .Append(verb.Way),
            "fill" or "blow" => [verb.Way],
            // A head that sinks to one side tilts.
            "down" or "let" when moved is "head" && said.Any(w => w is "left" or "right" or "side") => ["tilt"],
            // "Kiss to the left".
            "pucker" => said.Where(w => w is "left" or "right" or "side").Append(verb.Way),
            _ when Says.Contains(verb.Way) => said.Prepend(verb.Way),
            _ => said.Append(verb.Way),
        };
    }

    /// <summary>Ways that a verb says so plainly that no word beside it changes them.</summary>
    private static readonly HashSet<string> Says =
    [
        "fill",
        "blow",
        "bite",
        "chew",
        "swallow",
        "wink",
        "blink",
        "squint",
        "wrinkle",
        "frown",
        "smile",
        "nod",
        "yawn",
        "sneer",
        "flare",
        "shrug",
        "squeeze",
        "pucker",
        "pout",
        "let",
        "open",
        "tense",
        "wide",
    ];

    /// <summary>How something is held, and no movement: "closed", "relaxed".</summary>
    private static bool IsState(string word) =>
        word is "closed" or "shut" or "open" or "opened" or "relaxed" or "released" or "softened" or "dropped" or "lowered";

    private static string? SideOf(List<Chunk> spans) =>
        spans.Select(s => s.Side).OfType<string>().Distinct().ToList() is [var one] ? one : null;

    /// <summary>What no hand moves unless one is named.</summary>
    private static readonly HashSet<string> MovesItself =
    [
        "chest",
        "shoulder",
        "head",
        "neck",
        "jaw",
        "chin",
        "tongue",
        "eye",
        "lip",
        "mouth",
    ];
}
