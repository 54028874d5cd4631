using System.Text.Json;
using System.Text.Json.Serialization;
using Wexis.Core.Measures;

namespace Wexis.Core.Routines;

/// <summary>How much of a part is done.</summary>
[ClosedList]
public enum DoseLevel
{
    Minimum,
    Standard,
    Full,
}

internal static class DoseLevels
{
    /// <summary>One of the three of a quantity.</summary>
    public static double At(this Levels levels, DoseLevel level) =>
        level switch
        {
            DoseLevel.Minimum => levels.Minimum,
            DoseLevel.Full => levels.Full,
            _ => levels.Standard,
        };
}

/// <summary>One number for each level; a level that the part does not offer is left out.</summary>
public sealed record PerLevel(long? Minimum, long? Standard, long? Full)
{
    public long? At(DoseLevel level) =>
        level switch
        {
            DoseLevel.Minimum => Minimum,
            DoseLevel.Standard => Standard,
            _ => Full,
        };
}

/// <summary>What the hands are while a part is done; what differs between two parts has to be changed between them.</summary>
/// <param name="Ground">grip (dry) or slip (oiled).</param>
/// <param name="Tool">The tool in the hand; null for the bare hand.</param>
/// <param name="Hand">The hands and fingers that work.</param>
public sealed record FitHands(string? Ground, string? Tool, string? Hand);

/// <summary>Seconds of a change of ground (oil, wipe), of tool, of hands; what changes together adds up.</summary>
public sealed record ChangeoverRule(int? GroundS, int? ToolS, int? HandS);

/// <summary>One part of what is to be fitted, in its place.</summary>
/// <param name="Optional">May be left out.</param>
/// <param name="Protected">Stays, whatever <paramref name="Optional"/> says: a second side, an opening or closing that is owed.</param>
/// <param name="Block">Name of the block of work that it belongs to.</param>
/// <param name="Releases">Block (or blocks) that it releases: it stays while any part of that block stays.</param>
/// <param name="Seconds">Whole seconds at each level.</param>
/// <param name="Value">What it is worth at each level, whole numbers from 0.</param>
/// <param name="Hands">Null where no hand works: no changeover is paid for it, and none is spared by it.</param>
public sealed record FitPart(
    string? Id,
    string? Role,
    bool? Optional,
    bool? Protected,
    string? Block,
    [property: JsonConverter(typeof(OneOrMore))] IReadOnlyList<string>? Releases,
    PerLevel? Seconds,
    PerLevel? Value,
    FitHands? Hands
)
{
    [JsonIgnore]
    public bool MayGo => Optional == true && Protected != true;

    /// <summary>Levels that have both seconds and a value.</summary>
    [JsonIgnore]
    public IEnumerable<DoseLevel> Levels => Enum.GetValues<DoseLevel>().Where(l => Seconds?.At(l) is not null && Value?.At(l) is not null);
}

/// <summary>Worth that is earned once while any of its parts stays: a promise kept by one part or by several.</summary>
public sealed record FitReward(string? Id, long? Value, IReadOnlyList<string>? Parts);

/// <summary>
/// Parts in a fixed order, to be fitted to a time: never above the target, then most value, then most seconds. Levels are chosen and, if it
/// must be, optional parts left out. Open form <c>wexis.fit-problem/1</c>; see docs/formats.md.
/// </summary>
/// <param name="TargetSeconds">What all kept parts and the changeovers between them may take.</param>
/// <param name="ChangeoverTable">Seconds from one part to another, by id and id; it stands above the rule, a pair that it lacks costs
/// nothing.</param>
/// <param name="Rewards">Worth that is earned once, at whatever level, while any of some parts stays.</param>
public sealed record FitProblem(
    string? Schema,
    int? TargetSeconds,
    IReadOnlyList<FitPart>? Parts,
    ChangeoverRule? ChangeoverRule,
    [property: JsonConverter(typeof(ChangeoverTableForm))] Dictionary<string, Dictionary<string, int>>? ChangeoverTable,
    IReadOnlyList<FitReward>? Rewards = null
)
{
    public const string Form = "wexis.fit-problem/1";
    private const int LongestSeconds = 24 * 3600;
    private const int MostParts = 200;
    private const int MostRewards = 200;

    /// <summary>So much that all values and seconds of the longest problem still make one whole number of 64 bits.</summary>
    internal const long MostValue = 10_000_000_000;

    [JsonIgnore]
    public IReadOnlyList<FitPart> AllParts => Parts ?? [];

    [JsonIgnore]
    public IReadOnlyList<FitReward> AllRewards => Rewards ?? [];

    /// <summary>Seconds between two parts that both have hands and with none that has between them.</summary>
    public int Changeover(FitPart from, FitPart to)
    {
        ArgumentNullException.ThrowIfNull(from);
        ArgumentNullException.ThrowIfNull(to);
        if (from.Hands is not { } a || to.Hands is not { } b)
            return 0;
        if (ChangeoverTable is { } table)
            return table.GetValueOrDefault(from.Id ?? "")?.GetValueOrDefault(to.Id ?? "") ?? 0;
        return (a.Ground == b.Ground ? 0 : ChangeoverRule?.GroundS ?? 0)
            + (a.Tool == b.Tool ? 0 : ChangeoverRule?.ToolS ?? 0)
            + (a.Hand == b.Hand ? 0 : ChangeoverRule?.HandS ?? 0);
    }

    /// <summary>Slips, each at its field; a problem with one is not solved.</summary>
    public IReadOnlyList<Issue> Issues()
    {
        var found = new List<Issue?>
        {
            Schema is null ? null : Check.OneOf(Schema, [Form], "schema"),
            TargetSeconds is { } target
                ? Check.Between(target, 1, LongestSeconds, "target_seconds", "s")
                : new Issue("target_seconds", IssueCodes.Missing, "", $"1 to {LongestSeconds} s"),
            AllParts.Count == 0 ? new Issue("parts", IssueCodes.Missing, "", "at least one part") : null,
            AllParts.Count > MostParts
                ? new Issue("parts", IssueCodes.OutOfRange, $"{AllParts.Count} parts", $"at most {MostParts}")
                : null,
            Rule(ChangeoverRule?.GroundS, "changeover_rule.ground_s"),
            Rule(ChangeoverRule?.ToolS, "changeover_rule.tool_s"),
            Rule(ChangeoverRule?.HandS, "changeover_rule.hand_s"),
        };
        var blocks = AllParts.Select(p => p?.Block).OfType<string>().ToHashSet(StringComparer.Ordinal);
        var seen = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < AllParts.Count; i++)
            found.AddRange(PartIssues(AllParts[i], $"parts[{i}]", seen, blocks));
        if (AllRewards.Count > MostRewards)
            found.Add(new("rewards", IssueCodes.OutOfRange, $"{AllRewards.Count} rewards", $"at most {MostRewards}"));
        for (var i = 0; i < AllRewards.Count; i++)
        {
            found.Add(
                AllRewards[i]?.Value is { } worth
                    ? Check.Between(worth, 0, MostValue, $"rewards[{i}].value")
                    : new($"rewards[{i}].value", IssueCodes.Missing, "", $"0 to {MostValue}")
            );
            found.AddRange((AllRewards[i]?.Parts ?? []).Select((p, j) => Check.OneOf(p, seen, $"rewards[{i}].parts[{j}]")));
        }
        foreach (var (from, row) in ChangeoverTable ?? [])
        {
            found.Add(Check.OneOf(from, seen, $"changeover_table.{from}"));
            foreach (var (to, seconds) in row ?? [])
            {
                found.Add(Check.OneOf(to, seen, $"changeover_table.{from}.{to}"));
                found.Add(Rule(seconds, $"changeover_table.{from}.{to}"));
            }
        }
        return [.. found.OfType<Issue>()];

        static Issue? Rule(int? seconds, string field) => seconds is { } s ? Check.Between(s, 0, 3600, field, "s") : null;
    }

    private static IEnumerable<Issue?> PartIssues(FitPart? part, string at, HashSet<string> seen, HashSet<string> blocks)
    {
        if (part is null)
        {
            yield return new(at, IssueCodes.Missing, "", "a part");
            yield break;
        }
        yield return Check.Given(part.Id, $"{at}.id", "an id");
        if (part.Id is { Length: > 0 } id && !seen.Add(id))
            yield return new($"{at}.id", IssueCodes.Contradiction, id, "an id of its own: two parts have this one");
        foreach (var released in part.Releases ?? [])
            yield return Check.OneOf(released, blocks, $"{at}.releases");
        if (part.Hands is { } hands)
            yield return Check.OneOf(hands.Ground, ["grip", "slip"], $"{at}.hands.ground");
        if (!part.Levels.Any())
            yield return new($"{at}.seconds", IssueCodes.Missing, "", "seconds and value of at least one level: minimum, standard or full");
        foreach (var level in Enum.GetValues<DoseLevel>())
        {
            if (part.Seconds?.At(level) is { } seconds)
                yield return Check.Between(seconds, 0, LongestSeconds, $"{at}.seconds.{level.Word()}", "s");
            if (part.Value?.At(level) is { } value)
                yield return Check.Between(value, 0, MostValue, $"{at}.value.{level.Word()}");
        }
    }

    /// <summary>The problem in a file.</summary>
    /// <exception cref="JsonException">It is not JSON of this form; the message names the field.</exception>
    public static FitProblem Read(string text) => ExchangeJson.Read<FitProblem>(text);
}
