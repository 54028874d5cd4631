using System.Text.Json;
using Wexis.Core.Anatomy;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Work;

/// <summary>What the conditions of the movement table ask of a step.</summary>
/// <param name="whole">The step with what was told of it, where defaults filled it since.</param>
internal sealed class ActContext(
    Act act,
    Step step,
    IReadOnlyDictionary<string, JsonElement> forced,
    ActionModel model,
    CompletedStep? whole = null,
    Act? toldAct = null
)
{
    private readonly Step? told = whole?.Told;

    public RuleData Rules => model.Rules;

    /// <summary>A hold that somebody told, by the act, the step, a hand or the dose. One that a default filled decides nothing.</summary>
    public double HoldSeconds =>
        whole is null
            ? act.Tempo?.HoldS ?? step.Tempo?.HoldS ?? 0
            : whole.DoseHold
                ?? toldAct?.Tempo?.HoldS
                ?? told?.Tempo?.HoldS
                ?? (told?.AllActs.Count == 1 ? told.AllHands.Max(h => h.HoldS) : null)
                ?? 0;
    public double ReturnSeconds => act.Tempo?.OutS ?? step.Tempo?.OutS ?? 0;
    private double MoveSeconds => act.Tempo?.InS ?? step.Tempo?.InS ?? 0;
    public bool Resisted => act.Resist is not null and not "none" || Forced("resist") is not null;
    public bool Travels => act.Travels ?? Air is "across" or "out";
    private string? Air => act.Air ?? Forced("air");
    public string? Gaze => ForcedOneOf("gaze", State("gaze"));

    /// <summary>pulse or flutter as the move says; slow when moving in lasts 2 s or more; hold from 3 s; else free.</summary>
    public string Tempo =>
        Forced("tempo")
        ?? (
            HoldSeconds >= Rules.HoldSeconds ? "hold"
            : MoveSeconds >= Rules.SlowReturnSeconds ? "slow"
            : MoveSeconds + ReturnSeconds is > 0 and <= 0.5 ? "flutter"
            : "free"
        );

    /// <summary>
    /// Told to yield slowly: the return lasts 2 s or more and the words say so, or it goes against a resistance and was told so long (R13).
    /// Words and times that a default filled say nothing.
    /// </summary>
    public bool ToldSlowReturn =>
        (ReturnSeconds >= Rules.SlowReturnSeconds && SaysSlowly($"{(told ?? step).Cue} {(told ?? step).EndPoint}"))
        || (Resisted && (toldAct?.Tempo?.OutS ?? told?.Tempo?.OutS) >= Rules.SlowReturnSeconds);

    private static bool SaysSlowly(string words) =>
        words.Contains("slow", StringComparison.OrdinalIgnoreCase)
        || words.Contains("gradual", StringComparison.OrdinalIgnoreCase)
        || words.Contains("yield", StringComparison.OrdinalIgnoreCase);

    public string? State(string part)
    {
        var s = act.State ?? step.State;
        return part switch
        {
            "gaze" => s?.Gaze is null or "ahead" ? step.Gaze ?? s?.Gaze : s.Gaze,
            "lips" => s?.Lips,
            "jaw" => s?.Jaw,
            "tongue" => s?.Tongue,
            "head" => s?.Head,
            _ => null,
        };
    }

    public bool Holds(string condition, JsonElement wanted)
    {
        if (forced.TryGetValue(condition, out _) && condition is not ("gaze" or "hold_still"))
            return SameCondition(condition, wanted);
        return condition switch
        {
            "resist" => Resisted == wanted.GetBoolean(),
            "at" => act.At is not null && Words(wanted).Contains(act.At),
            "hold_still" => forced.ContainsKey("hold_still")
                || Words(wanted).Any(z => StillRows.Zones(step).Concat(act.AllHoldStill.Select(h => h.Zone)).Contains(z)),
            "tempo" => Words(wanted).Contains(Tempo) || (MoveSeconds >= Rules.SlowReturnSeconds && Words(wanted).Contains("slow")),
            "gaze" => Gaze is { } g && Words(wanted).Contains(g),
            "effort" => act.Effort is { } e && Words(wanted).Contains(e),
            "air" => Words(wanted).Contains(Air ?? "kept"),
            "then" => act.Then is { } then && (model.Resolve(then).Base ?? then) == wanted.GetString(),
            "lips" or "jaw" or "tongue" or "head" => State(condition) is { } s && Words(wanted).Contains(s),
            _ => false,
        };
    }

    private bool SameCondition(string condition, JsonElement wanted) =>
        forced[condition].ValueKind == wanted.ValueKind && Words(forced[condition]).Intersect(Words(wanted)).Any();

    private string? Forced(string condition) => forced.TryGetValue(condition, out var v) ? Words(v)[0] : null;

    private string? ForcedOneOf(string condition, string? told) =>
        !forced.TryGetValue(condition, out var v) ? told
        : told is not null && Words(v).Contains(told) ? told
        : Words(v).Count == 1 ? Words(v)[0]
        : Words(v).FirstOrDefault(w => w is "left-right" or "near-far") ?? Words(v)[0];

    private static List<string> Words(JsonElement value) =>
        value.ValueKind switch
        {
            JsonValueKind.Array => [.. value.EnumerateArray().Select(e => e.GetString()!)],
            JsonValueKind.True => ["true"],
            JsonValueKind.False => ["false"],
            _ => [value.GetString()!],
        };
}
