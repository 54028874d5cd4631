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

    /// <summary>
    /// At most four structures are the main work of a step (skin and fluid aside): what moves goes before what hands reach, then what
    /// gets more of the step's ways of work, then the order of the atlas. The others help.
    /// </summary>
    public void RankPrimaries()
    {
        var primaries = _rows.Where(r => r.Value.Strength == Strength.Primary && !Layers.Contains(r.Key.Structure)).ToList();
        var ranked = primaries
            .GroupBy(r => r.Key.Structure)
            .OrderBy(g => g.Min(r => Rank(r.Key.Mode)))
            .ThenByDescending(g => g.Max(r => r.Value.Why.Count))
            .ThenBy(g => PlaceOf(g.Key))
            .ToList();
        // The six that turn one eye are one work; they stay together.
        var others = ranked.Where(g => !EyeTurning.Contains(g.Key)).ToList();
        var room = MostPrimaries - (others.Count < ranked.Count ? 1 : 0);
        foreach (var row in others.Skip(ranked.Count > MostPrimaries ? room : ranked.Count).SelectMany(g => g))
            _rows[row.Key] = row.Value with { Strength = Strength.Secondary };
    }

    private const int MostPrimaries = 4;

    private static readonly string[] Layers = ["skin", "superficial-lymph"];

    private static readonly string[] EyeTurning =
    [
        "superior-rectus",
        "inferior-rectus",
        "medial-rectus",
        "lateral-rectus",
        "superior-oblique",
        "inferior-oblique",
    ];

    private static int Rank(Mode mode) =>
        mode.IsActive() ? 0
        : mode is Mode.Inhibited ? 1
        : 2;

    private int PlaceOf(string structure) => Array.FindIndex(atlas.Document.Muscles, m => m.Id == structure);

    public void RemoveAll(string structure, Func<WorkedRow, bool> which)
    {
        foreach (var key in _rows.Where(r => r.Key.Structure == structure && which(r.Value)).Select(r => r.Key).ToList())
            _rows.Remove(key);
    }
}
