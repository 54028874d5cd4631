using System.Runtime.CompilerServices;
using Wexis.Core.Measures;
using Wexis.Core.People;

namespace Wexis.Core.Techniques.Words;

/// <summary>What a group of advice asks for; the author's own cautions are a group of their own.</summary>
[ClosedList]
public enum AdviceKind
{
    Own,
    Stop,
    LeaveOut,
    Ask,
    Milder,
}

/// <summary>Some states of a person with what is done about them, as one sentence for a client.</summary>
public sealed record AdviceGroup(AdviceKind Kind, string Lead, IReadOnlyList<string> States);

/// <summary>
/// What somebody who learns a technique has to know of their own safety, in words a client knows: three sentences first, the rest
/// grouped.
/// </summary>
/// <param name="First">At most three, the ones that matter most here.</param>
/// <param name="More">Everything else, a group for each thing to do and each person to ask.</param>
public sealed record ClientAdvice(IReadOnlyList<string> First, IReadOnlyList<AdviceGroup> More)
{
    private const int MostFirst = 3;

    /// <summary>
    /// Kinds of work that nearly everything is: what is left out because of them is not what matters most of this technique.
    /// </summary>
    private static readonly HashSet<string> Common = new(StringComparer.Ordinal) { "manual", "face-active" };

    /// <param name="cautions">The technique's own cautions, as its author words them.</param>
    public static ClientAdvice Of(IReadOnlyList<string> cautions, IReadOnlyList<ExclusionNote> exclusions)
    {
        ArgumentNullException.ThrowIfNull(cautions);
        ArgumentNullException.ThrowIfNull(exclusions);
        return Known
            .GetValue(exclusions, static _ => new(50))
            .Of(string.Join('\n', cautions), (cautions, exclusions), static (_, of) => Said(of.cautions, of.exclusions));
    }

    private static readonly ConditionalWeakTable<IReadOnlyList<ExclusionNote>, Remembered<string, ClientAdvice>> Known = [];

    private static ClientAdvice Said(IReadOnlyList<string> cautions, IReadOnlyList<ExclusionNote> exclusions)
    {
        var known = exclusions.Where(e => !e.RedFlag).ToList();
        // What belongs to this kind of work before what belongs to any.
        var special = known.OrderBy(e => e.Handling).ThenBy(e => e.Classes.All(Common.Contains) ? 1 : 0).ToList();
        List<string> first = [.. cautions.Take(1).Select(Sentence), "Stop if it hurts, tingles or goes numb, or if you feel dizzy."];
        var left = special.Where(e => e.Handling == Handling.Avoid).Take(2).Select(e => e.Client).ToList();
        if (left.Count > 0)
            first.Add($"Leave it out with {string.Join(", or ", left)}.");
        else if (special.FirstOrDefault(e => e.Handling == Handling.Ask) is { } ask)
            first.Add($"Ask {ask.Whom} first with {ask.Client}.");
        List<AdviceGroup> more = [];
        if (cautions.Count > 1)
            more.Add(new(AdviceKind.Own, "Also take care:", [.. cautions.Skip(1)]));
        Group(AdviceKind.Stop, "Stop for today and get help at once with", exclusions.Where(e => e.RedFlag));
        Group(AdviceKind.LeaveOut, "Leave it out with", known.Where(e => e.Handling == Handling.Avoid));
        foreach (var whom in known.Where(e => e.Handling == Handling.Ask).GroupBy(e => e.Whom))
            Group(AdviceKind.Ask, $"Ask {whom.Key} first with", whom);
        Group(AdviceKind.Milder, "Do it in a milder form with", known.Where(e => e.Handling == Handling.Modify));
        return new([.. first.Take(MostFirst)], more);

        void Group(AdviceKind kind, string lead, IEnumerable<ExclusionNote> states)
        {
            if (states.Select(s => s.Client).Distinct().ToList() is { Count: > 0 } words)
                more.Add(new(kind, lead, words));
        }
    }

    private static string Sentence(string words)
    {
        var plain = words.Trim();
        return plain.Length == 0 ? plain : char.ToUpperInvariant(plain[0]) + plain[1..] + (plain[^1] is '.' or '!' or '?' ? "" : ".");
    }
}
