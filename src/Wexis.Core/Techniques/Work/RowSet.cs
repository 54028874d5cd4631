using Wexis.Core.Anatomy;
using Wexis.Core.Measures;

namespace Wexis.Core.Techniques.Work;

/// <summary>Rows of one step while the rules work on them: one per structure, side and mode, the higher strength kept.</summary>
internal sealed class RowSet(int step, Levels seconds, Atlas atlas, ActionModel model)
{
    private readonly Dictionary<(string Structure, Side Side, Mode Mode), WorkedRow> _rows = [];

    public IEnumerable<WorkedRow> All => _rows.Values;

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
                // Sure where any of them is; of two angles always the same one is named, whichever came first.
                Certainty = sure ? Certainty.Sure : old.Certainty,
                Fibres = old.Fibres is null || string.CompareOrdinal(fibres, old.Fibres) < 0 ? fibres ?? old.Fibres : old.Fibres,
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

    /// <summary>No structure is worked and kept quiet in one step: the work wins (house ruling 17).</summary>
    public void WorkWins()
    {
        var worked = _rows.Keys.Where(k => k.Mode.IsActive()).ToList();
        foreach (var quiet in _rows.Keys.Where(k => k.Mode == Mode.Inhibited).ToList())
            if (worked.Exists(w => w.Structure == quiet.Structure && (w.Side == quiet.Side || !w.Side.IsOne() || !quiet.Side.IsOne())))
                _rows.Remove(quiet);
    }

    public void RemoveAll(string structure, Func<WorkedRow, bool> which)
    {
        foreach (var key in _rows.Where(r => r.Key.Structure == structure && which(r.Value)).Select(r => r.Key).ToList())
            _rows.Remove(key);
    }
}
