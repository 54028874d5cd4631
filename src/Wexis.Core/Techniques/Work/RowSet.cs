using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Work;

/// <summary>Rows of one step while the rules work on them: one per structure, side and mode, the higher strength kept.</summary>
internal sealed class RowSet(int step, Levels seconds, Atlas atlas, ActionModel model)
{
    private readonly Dictionary<(string Structure, Side Side, Mode Mode), WorkedRow> _rows = [];

    public IEnumerable<WorkedRow> All => _rows.Values;

    public bool Has(string structure) => _rows.Keys.Any(k => k.Structure == structure);

    public IReadOnlyList<WorkedRow> Of(string structure) => [.. _rows.Values.Where(r => r.Structure == structure)];

    public void Add(
        string structure,
        Side side,
        Mode mode,
        Strength strength,
        string rule,
        bool sure,
        string? fibres,
        params ReasonInput[] inputs
    )
    {
        // Involuntary muscles are incidental at most, the pupil in near focus excepted (R36).
        if (structure is "superior-tarsal" or "dilator-pupillae" && strength != Strength.Incidental)
            strength = Strength.Incidental;
        if (atlas.Muscles.TryGetValue(structure, out var m) && m.Paired.StartsWith("unpaired", StringComparison.Ordinal))
            side = Side.Midline;
        var reason = new Reason(rule, model.RuleText(rule), inputs, "action model, from memory");
        var key = (structure, side, mode);
        _rows[key] = _rows.TryGetValue(key, out var old)
            ? old with
            {
                Strength = strength < old.Strength ? strength : old.Strength,
                Fibres = old.Fibres ?? fibres,
                Why = [.. old.Why.Append(reason).Distinct()],
            }
            : new(
                structure,
                atlas.PlainName(structure),
                side,
                mode,
                strength,
                seconds,
                sure ? Certainty.Sure : Certainty.Uncertain,
                fibres,
                [step],
                [reason]
            );
    }

    public void RemoveAll(string structure, Func<WorkedRow, bool> which)
    {
        foreach (var key in _rows.Where(r => r.Key.Structure == structure && which(r.Value)).Select(r => r.Key).ToList())
            _rows.Remove(key);
    }
}
