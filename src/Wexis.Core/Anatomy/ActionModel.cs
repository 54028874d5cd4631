using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Wexis.Core.Measures;

namespace Wexis.Core.Anatomy;

/// <summary>One structure that a move works, before the rules adjust it.</summary>
public sealed record MoveRow(string Structure, Mode Mode, Strength Strength, string? Side);

public sealed record MoveDirection(MoveRow[] Worked, int[] Au);

/// <summary>One row of the movement table: a base verb under conditions.</summary>
public sealed record Move(
    string Words,
    string Base,
    Dictionary<string, JsonElement> When,
    string[] Actions,
    MoveRow[] Worked,
    Dictionary<string, MoveDirection>? ByDirection,
    int[] Au
);

public sealed record MoveBase(string? Default, string[] Rows);

public sealed record ImportAlias(string? Base, Dictionary<string, JsonElement>? When, string? Move);

public sealed record ManualVerb(Mode ModeWhenMuscleReached, string Words, string TechniqueClass, string HazardClass);

public sealed record ActionRule(
    string Id,
    string Stage,
    string Text,
    string Says,
    JsonElement? When = null,
    JsonElement? Then = null,
    string[][]? ExceptPairs = null
);

/// <param name="Modes">Kinds of work of which it is known; with <paramref name="Structures"/> only of these.</param>
/// <param name="Structures">Null where any structure may be the one.</param>
/// <param name="AlsoCalled">Another effect, in whose words this one is told too: it is meant where its own work is done.</param>
/// <param name="AsMainWork">Known only where this is the main work of a step.</param>
/// <param name="Instead">What may be said instead; null where the statement itself may be said.</param>
public sealed record Effect(
    string Id,
    string Statement,
    string Grade,
    string PlainWords,
    Mode[] Modes,
    ClaimFinding Verdict,
    string[]? Structures = null,
    string? Instead = null,
    string? AlsoCalled = null,
    bool AsMainWork = false
);

/// <summary>
/// The action model as stored in <c>data/anatomy/action-rules.json </c>: movement table, manual verbs, rules. From memory; see
/// docs/method.md#work-map.
/// </summary>
public sealed record ActionModelDocument(
    Dictionary<string, Move> Moves,
    Dictionary<string, MoveBase> Bases,
    Dictionary<string, ImportAlias> ImportAliases,
    Dictionary<string, ImportAlias> ActionsToMoves,
    Dictionary<string, ManualVerb> ManualVerbs,
    ActionRule[] Rules,
    Effect[] Effects,
    Dictionary<ClaimFinding, string> Verdicts,
    Dictionary<string, string> EvidenceGrades,
    Dictionary<string, string> HandlingToResponse
);

/// <summary>The movement and hand tables with their look-ups. Immutable; one per process.</summary>
public sealed class ActionModel
{
    /// <summary>Order in which conditions settle a tie between rows with equally many conditions.</summary>
    private static readonly string[] TieOrder =
    [
        "resist",
        "at",
        "hold_still",
        "then",
        "gaze",
        "head",
        "tongue",
        "air",
        "lips",
        "jaw",
        "tempo",
        "effort",
    ];

    private readonly Dictionary<string, string> _ruleText;

    private ActionModel(ActionModelDocument document, string dataVersion)
    {
        Document = document;
        DataVersion = dataVersion;
        Rules = RuleData.Read(document.Rules);
        _ruleText = document.Rules.ToDictionary(r => r.Id, r => r.Says, StringComparer.Ordinal);
    }

    public ActionModelDocument Document { get; }

    /// <summary>Changes with a single letter of the model or of the atlas it was read with.</summary>
    public string DataVersion { get; }

    /// <summary>The rules' own numbers and words.</summary>
    public RuleData Rules { get; }
    public IReadOnlyDictionary<string, ManualVerb> Verbs => Document.ManualVerbs;

    /// <summary>Reads the model and checks every name in it against the atlas.</summary>
    /// <exception cref="InvalidDataException">The document is empty or names something the atlas does not hold.</exception>
    public static ActionModel Read(string json, Atlas atlas)
    {
        var document = JsonSerializer.Deserialize<ActionModelDocument>(json, ExchangeJson.Options)
            ?? throw new InvalidDataException("The action model is empty.");
        var faults = document
            .Moves.SelectMany(m =>
                m.Value.Worked.Where(w => !atlas.IsStructure(w.Structure)).Select(w => $"move {m.Key} names {w.Structure}")
            )
            .Concat(
                document.Bases.SelectMany(b =>
                    b.Value.Rows.Where(r => !document.Moves.ContainsKey(r)).Select(r => $"base {b.Key} names {r}")
                )
            )
            .Concat(
                document
                    .ManualVerbs.Where(v => !atlas.Document.ControlledLists.Modes.ContainsKey(v.Value.ModeWhenMuscleReached.Word()))
                    .Select(v => $"verb {v.Key} has mode {v.Value.ModeWhenMuscleReached}")
            )
            .ToList();
        return faults.Count == 0
            ? new(document, atlas.DataVersion + Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(json))))
            : throw new InvalidDataException("The action model is not consistent: " + string.Join("; ", faults.Take(10)));
    }

    /// <summary>The rule in its own words, or the id when it is a house rule.</summary>
    public string RuleText(string id) => _ruleText.GetValueOrDefault(id, id);

    /// <summary>Whether a step may say this as what happens: a base verb, a move, an alias or an action of the atlas.</summary>
    public bool Knows(string verb) =>
        Document.Bases.ContainsKey(verb)
        || Document.Moves.ContainsKey(verb)
        || Document.ImportAliases.ContainsKey(verb)
        || Document.ActionsToMoves.ContainsKey(verb);

    /// <summary>Base verb and extra conditions that a spelling stands for; null base when only the action list knows it.</summary>
    public (string? Base, IReadOnlyDictionary<string, JsonElement> When) Resolve(string verb)
    {
        if (Document.ImportAliases.TryGetValue(verb, out var alias) && alias.Base is not null)
            return (alias.Base, alias.When ?? []);
        if (Document.Bases.ContainsKey(verb))
            return (verb, new Dictionary<string, JsonElement>());
        if (Document.Moves.TryGetValue(verb, out var move))
            return (move.Base, move.When);
        if (Document.ActionsToMoves.TryGetValue(verb, out var action))
            return (action.Base, action.When ?? []);
        return (null, new Dictionary<string, JsonElement>());
    }

    /// <summary>
    /// The row of the movement table whose conditions all hold and are most; null when none does (then the work is uncertain).
    /// </summary>
    /// <param name="baseVerb">A base verb.</param>
    /// <param name="holds">Whether one condition holds in the step.</param>
    public (string Id, Move Move)? Choose(string baseVerb, Func<string, JsonElement, bool> holds)
    {
        if (!Document.Bases.TryGetValue(baseVerb, out var entry))
            return null;
        var best = entry
            .Rows.Select(id => (Id: id, Move: Document.Moves[id]))
            .Where(row => row.Move.When.All(c => holds(c.Key, c.Value)))
            .OrderByDescending(row => row.Move.When.Count)
            .ThenBy(row => row.Move.When.Keys.Select(k => Array.IndexOf(TieOrder, k)).DefaultIfEmpty(TieOrder.Length).Min())
            .FirstOrDefault();
        return best.Move is null ? null : best;
    }
}
