using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Strokes;

namespace Wexis.Core.Techniques.Work;

/// <summary>Plain words made from a step: its name in a list, and a cue to say.</summary>
public static class StepWords
{
    private static readonly Dictionary<string, string> Verbs = new(StringComparer.Ordinal)
    {
        ["stroke"] = "glide",
        ["circle"] = "circle",
        ["knead"] = "knead",
        ["friction"] = "rub",
        ["pinch-roll"] = "pinch and roll",
        ["press"] = "press",
        ["pinch-hold"] = "pinch and hold",
        ["tap"] = "tap",
        ["lymph-pump"] = "pump",
        ["stretch-apart"] = "draw apart",
        ["lift-hold"] = "lift and hold",
        ["hold-still"] = "hold still",
        ["tool-stroke"] = "draw the tool",
        ["tool-press"] = "lay the tool",
        ["roll"] = "roll",
        ["cup"] = "cup",
        ["heat-cold"] = "warm or cool",
        ["scalp-glide"] = "move the scalp",
    };

    /// <summary>The trade's word for a pressure level: how it feels.</summary>
    public static string Feel(int? level) =>
        level switch
        {
            0 => "no contact",
            1 => "feather",
            2 => "light",
            3 => "medium",
            4 => "firm",
            5 => "to the bone",
            _ => "how hard?",
        };

    public static string Verb(string? verb) => verb is null ? "" : Verbs.GetValueOrDefault(verb, verb.Replace('-', ' '));

    /// <summary>What happens, for a list: "glide, inner eye corner to ear front".</summary>
    public static string Title(Step step, Atlas atlas, ActionModel model)
    {
        ArgumentNullException.ThrowIfNull(step);
        var acts = step
            .AllActs.Where(a => a.Do is not null)
            .Select(a =>
                (ActRows.Words(a, step, model) ?? Movement(a.Do!, model))
                + (a.Resist is not null and not "none" ? $", against {Against(a.Resist)}" : "")
            );
        var hands = step
            .AllHands.Where(h => h.Verb is not null && h.Role is not "tool-option")
            .Select(h => $"{Verb(h.Verb)}{Place(h, atlas)}");
        var words = acts.Concat(hands).ToList();
        return words.Count == 0 ? "a step that is still empty" : string.Join("; ", words);
    }

    public static string Movement(string verb, ActionModel model)
    {
        ArgumentNullException.ThrowIfNull(model);
        if (model.Document.Moves.TryGetValue(verb, out var move))
            return move.Words;
        return model.Document.Bases.TryGetValue(verb, out var b) && b.Default is { } d
            ? model.Document.Moves[d].Words
            : verb.Replace('-', ' ');
    }

    /// <summary>
    /// What one hand does: "right hand, two finger pads: glide, inner eye corner to front of the ear, on the left side, light".
    /// </summary>
    public static string HandLine(Hand hand, Sides stepSides, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(hand);
        ArgumentNullException.ThrowIfNull(atlas);
        var who = hand.Which switch
        {
            "both" => "Both hands",
            "left" => "Left hand",
            "right" => "Right hand",
            _ => "One hand",
        };
        var contact = hand.Contact is { } c && atlas.Contacts.TryGetValue(c, out var known) ? $", {AtlasWords.Plain(known.Name)}" : "";
        var side = (ClosedList.Of<Sides>(hand.Sides) ?? stepSides) switch
        {
            Sides.Left => ", on the left side",
            Sides.Right => ", on the right side",
            Sides.Both => ", on both sides",
            Sides.OneThenOther => ", one side and then the other",
            Sides.Alternating => ", the sides in turn",
            _ => "",
        };
        return $"{who}{contact}: {Verb(hand.Verb)}{Place(hand, atlas)}{side}{(hand.Pressure is null ? "" : $", {Feel(hand.Pressure)}")}";
    }

    internal static string Cue(
        IReadOnlyList<Act> acts,
        IReadOnlyList<Hand> hands,
        IReadOnlyList<string> still,
        Atlas atlas,
        ActionModel model
    )
    {
        var first =
            acts.Count > 0 && acts[0].Do is { } d ? Sentences.Capital(Movement(d, model))
            : hands.FirstOrDefault(h => h.Verb is not null) is { } h
                ? $"{Sentences.Capital(Verb(h.Verb))}{Place(h, atlas)}, {Feel(h.Pressure)}"
            : "Begin";
        return still.Count == 0
            ? first + "."
            : $"{first}. Keep the {string.Join(" and the ", still.Select(s => ZoneWord(s, atlas)))} quiet.";
    }

    public static string ZoneWord(string zone, Atlas atlas)
    {
        ArgumentNullException.ThrowIfNull(atlas);
        return atlas.Zones.TryGetValue(zone, out var z) ? z.Name : zone.Replace('-', ' ');
    }

    private static string Place(Hand hand, Atlas atlas)
    {
        var stops = hand.AllPath.Where(p => p.Landmark is not null).Select(p => StrokeReading.PlaceWords(p, atlas)).ToList();
        if (stops.Count > 1)
            return $", {stops[0]} to {stops[^1]}";
        if (stops.Count == 1)
            return $" at {stops[0]}";
        // A client knows places, not the codes of points.
        if (
            hand.AllPoints.Where(atlas.Points.ContainsKey).Select(c => atlas.Points[c].LocationParaphrase.Split(';')[0]).ToList() is
            { Count: > 0 } points
        )
            return $" at the point {string.Join("; then the point ", points)}";
        return hand.AllZones.Count > 0 ? $" {Over(hand.AllZones.Take(2).Select(z => ZoneWord(z, atlas)))}" : "";
    }

    /// <summary>Over these areas. One that is called "over the chewing muscle" says it itself.</summary>
    internal static string Over(IEnumerable<string> zones)
    {
        const string Over = "over the ";
        return Over + string.Join(" and ", zones.Select(z => z.StartsWith(Over, StringComparison.Ordinal) ? z[Over.Length..] : z));
    }

    private static string Against(string resist) =>
        resist switch
        {
            "finger" => "the fingers",
            "air" => "air",
            "tooth" => "the teeth",
            "tongue" => "the tongue",
            "gravity" => "gravity",
            _ => "a partner",
        };
}
