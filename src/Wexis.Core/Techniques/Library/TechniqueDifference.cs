using System.Globalization;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Library;

/// <summary>One difference between two techniques, or two editions of one, in words.</summary>
/// <param name="Where">“name”, “step 2”, “what it works” …; steps count as in the later one, or in the earlier where they are gone.</param>
/// <param name="What">What differs: dose, pressure, place …; “new” or “gone” for a whole step.</param>
/// <param name="Before">As it was; null when there was none.</param>
/// <param name="After">As it is; null when there is none.</param>
/// <param name="Step">Step (from 0) of the later one, for showing it on the score; null when it belongs to none.</param>
public sealed record Difference(string Where, string What, string? Before, string? After, int? Step);

/// <summary>Says in words how two techniques differ: what was told, and what follows from it.</summary>
public static class TechniqueDifference
{
    /// <summary>Leaving a step out, or putting one in, costs as much as two halves that are half alike.</summary>
    private const double Gap = 0.6;

    public static IReadOnlyList<Difference> Of(
        TechniqueDocument before,
        IDerivedTechnique was,
        TechniqueDocument after,
        IDerivedTechnique now,
        Atlas atlas
    )
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(was);
        ArgumentNullException.ThrowIfNull(after);
        ArgumentNullException.ThrowIfNull(now);
        ArgumentNullException.ThrowIfNull(atlas);
        return
        [
            .. About(before, after, atlas),
            .. Aligned(was.Steps, now.Steps).SelectMany(pair => StepDifferences(pair.Before, pair.After, atlas)),
            .. Follows(was, now, atlas),
        ];
    }

    private static IEnumerable<Difference> About(TechniqueDocument a, TechniqueDocument b, Atlas atlas)
    {
        string? Region(string? id) => id is not null && atlas.Regions.TryGetValue(id, out var r) ? r.Name : id;
        string? School(string? id) => id is not null && atlas.Schools.TryGetValue(id, out var s) ? s.Name : id;
        return Told(
            "about it",
            null,
            ("name", a.Name, b.Name),
            ("region", Region(a.Region), Region(b.Region)),
            ("teaching style", School(a.School), School(b.School)),
            ("aim", a.Aim, b.Aim),
            ("cautions", Joined(a.Cautions), Joined(b.Cautions)),
            ("faults", Joined(a.Faults?.Select(f => f.Sign)), Joined(b.Faults?.Select(f => f.Sign))),
            (
                "adaptations",
                Joined(a.Adaptations?.Select(x => $"{x.For}: {x.Change}")),
                Joined(b.Adaptations?.Select(x => $"{x.For}: {x.Change}"))
            ),
            ("materials", Joined(a.Materials), Joined(b.Materials)),
            ("how it feels", a.Practice?.Feel, b.Practice?.Feel),
            ("easier", a.Practice?.Easier, b.Practice?.Easier),
            ("harder", a.Practice?.Harder, b.Practice?.Harder),
            ("from week to week", a.Practice?.Progression, b.Practice?.Progression),
            ("advice", Joined(a.Advice), Joined(b.Advice)),
            ("claims", Joined(a.Claims?.Select(c => c.Text)), Joined(b.Claims?.Select(c => c.Text)))
        );
    }

    /// <summary>
    /// Steps that belong together, in order: the alignment that costs least (Needleman and Wunsch 1970), a pair costing what is not alike
    /// in it.
    /// </summary>
    internal static IReadOnlyList<(DerivedStep? Before, DerivedStep? After)> Aligned(
        IReadOnlyList<DerivedStep> a,
        IReadOnlyList<DerivedStep> b
    )
    {
        var marksA = a.Select(s => TechniqueLikeness.Marks([s])).ToList();
        var marksB = b.Select(s => TechniqueLikeness.Marks([s])).ToList();
        var cost = new double[a.Count + 1, b.Count + 1];
        for (var i = 0; i <= a.Count; i++)
        for (var j = 0; j <= b.Count; j++)
            cost[i, j] = (i, j) switch
            {
                (0, 0) => 0,
                (0, _) => cost[0, j - 1] + Gap,
                (_, 0) => cost[i - 1, 0] + Gap,
                _ => Math.Min(
                    cost[i - 1, j - 1] + 1 - TechniqueLikeness.Of(marksA[i - 1], marksB[j - 1]),
                    Math.Min(cost[i - 1, j], cost[i, j - 1]) + Gap
                ),
            };
        var pairs = new List<(DerivedStep?, DerivedStep?)>();
        for (var (i, j) = (a.Count, b.Count); i > 0 || j > 0; )
        {
            const double same = 1e-9;
            if (
                i > 0
                && j > 0
                && Math.Abs(cost[i, j] - (cost[i - 1, j - 1] + 1 - TechniqueLikeness.Of(marksA[i - 1], marksB[j - 1]))) < same
            )
                pairs.Add((a[--i], b[--j]));
            else if (j > 0 && Math.Abs(cost[i, j] - (cost[i, j - 1] + Gap)) < same)
                pairs.Add((null, b[--j]));
            else
                pairs.Add((a[--i], null));
        }
        pairs.Reverse();
        return pairs;
    }

    private static IEnumerable<Difference> StepDifferences(DerivedStep? a, DerivedStep? b, Atlas atlas)
    {
        if (a is null && b is not null)
            return [new($"step {b.Index + 1}", "new", null, b.Title, b.Index)];
        if (b is null && a is not null)
            return [new($"step {a.Index + 1} of before", "gone", a.Title, null, null)];
        var (x, y) = (a!.Completed, b!.Completed);
        var moved =
            a.Index == b.Index
                ? []
                : new[] { new Difference($"step {b.Index + 1}", "order", $"step {a.Index + 1}", $"step {b.Index + 1}", b.Index) };
        return moved.Concat(
            Told(
                $"step {b.Index + 1}",
                b.Index,
                ("what happens", a.Title, b.Title),
                ("place", Places(a), Places(b)),
                ("with", Hands(x, h => Contact(h.Contact, atlas)), Hands(y, h => Contact(h.Contact, atlas))),
                (
                    "pressure",
                    Hands(x, h => h.Pressure is { } p ? StepWords.Feel(p) : null),
                    Hands(y, h => h.Pressure is { } p ? StepWords.Feel(p) : null)
                ),
                ("effort", Joined(x.AllActs.Select(t => t.Effort)), Joined(y.AllActs.Select(t => t.Effort))),
                ("against", Joined(x.AllActs.Select(t => t.Resist)), Joined(y.AllActs.Select(t => t.Resist))),
                ("dose", x.Dose?.Line, y.Dose?.Line),
                ("sides", a.Sides.Word(), b.Sides.Word()),
                ("tempo", TempoWords(x.Tempo), TempoWords(y.Tempo)),
                ("stays still", Joined(x.AllStill.Select(s => Place(s, atlas))), Joined(y.AllStill.Select(s => Place(s, atlas)))),
                ("breath", x.Breath, y.Breath),
                ("gaze", x.Gaze, y.Gaze),
                ("end point", x.EndPoint, y.EndPoint),
                ("cue", x.Cue, y.Cue)
            )
        );
    }

    /// <summary>What changes by itself with it: the work, the safety, the time.</summary>
    private static IEnumerable<Difference> Follows(IDerivedTechnique a, IDerivedTechnique b, Atlas atlas)
    {
        static Dictionary<(string Structure, Mode Mode), Strength?> Rows(IDerivedTechnique d) =>
            d.Map.Worked.GroupBy(r => (r.Structure, r.Mode)).ToDictionary(g => g.Key, g => (Strength?)g.Min(r => r.Strength));
        var (was, now) = (Rows(a), Rows(b));
        foreach (
            var key in was
                .Keys.Union(now.Keys)
                .OrderBy(k => k.Structure, StringComparer.Ordinal)
                .ThenBy(k => k.Mode.Word(), StringComparer.Ordinal)
        )
        {
            var (w, n) = (was.GetValueOrDefault(key), now.GetValueOrDefault(key));
            if (w != n && (w is Strength.Primary or Strength.Secondary || n is Strength.Primary or Strength.Secondary))
                yield return new("what it works", $"{atlas.BothNames(key.Structure)}, {key.Mode.Plain()}", w?.Word(), n?.Word(), null);
        }
        if (a.SafetyVerdict != b.SafetyVerdict)
            yield return new("what follows", "safety", a.SafetyVerdict.Word(), b.SafetyVerdict.Word(), null);
        if (Math.Abs(a.Times.Home.Standard - b.Times.Home.Standard) >= 1)
            yield return new("what follows", "time at home", Seconds(a.Times.Home.Standard), Seconds(b.Times.Home.Standard), null);
    }

    private static IEnumerable<Difference> Told(string where, int? step, params (string What, string? Before, string? After)[] fields) =>
        fields
            .Select(f => (f.What, Before: Blank(f.Before), After: Blank(f.After)))
            .Where(f => f.Before != f.After)
            .Select(f => new Difference(where, f.What, f.Before, f.After, step));

    private static string? Blank(string? s) => string.IsNullOrWhiteSpace(s) ? null : s;

    private static string Joined(IEnumerable<string?>? words) => string.Join("; ", (words ?? []).OfType<string>());

    private static string Hands(Step step, Func<Hand, string?> of) => Joined(step.AllHands.Where(h => h.Verb is not null).Select(of));

    private static string Places(DerivedStep step) =>
        step.Strokes.Count > 0
            ? Joined(step.Strokes.Select(s => string.Join(" → ", s.Stops)))
            : Joined(step.Completed.AllHands.SelectMany(h => h.AllZones));

    private static string? Contact(string? id, Atlas atlas) => id is not null && atlas.Contacts.TryGetValue(id, out var c) ? c.Name : id;

    private static string Place(string id, Atlas atlas) => atlas.Zones.TryGetValue(id, out var z) ? z.Name : id;

    private static string? TempoWords(Tempo? t) =>
        t is null
            ? null
            : string.Create(
                CultureInfo.InvariantCulture,
                $"{t.InS ?? 0:0.#} in, {t.HoldS ?? 0:0.#} hold, {t.OutS ?? 0:0.#} out, {t.RestS ?? 0:0.#} rest"
            );

    private static string Seconds(double s) =>
        s < 60
            ? string.Create(CultureInfo.InvariantCulture, $"{s:0} s")
            : string.Create(CultureInfo.InvariantCulture, $"{Math.Floor(s / 60):0}:{s % 60:00} min");
}
