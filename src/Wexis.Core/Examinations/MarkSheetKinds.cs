using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Examinations;

/// <summary>One technique of what is shown, in the edition that is taught.</summary>
public sealed record SheetPart(string Technique, int Edition, string Name, TechniqueDocument Document, Derivation Derivation);

/// <summary>
/// The kinds of demonstration: on oneself, on a partner, leading a group, correcting a planted fault, several techniques in a row, and
/// three criteria in passing. What each asks for is common practice; the weights are custom, without a source.
/// </summary>
public static partial class MarkSheetDraft
{
    /// <summary>No more faults are offered at once: a seventh is not found in time.</summary>
    private const int MostFaults = 6;

    /// <summary>A planted fault is caught within ten seconds (common practice).</summary>
    private const double CatchWithin = 10;

    /// <summary>Talk between the repetitions, as a share: above a quarter it eats the work (custom, no source).</summary>
    private const double MostTalk = 0.25;

    /// <param name="subject">Code of the technique, or id of the routine.</param>
    /// <param name="parts">What is shown, in its order; one, unless the kind is group or several.</param>
    public static MarkSheet Of(
        DemonstrationKind kind,
        string subject,
        string name,
        int edition,
        IReadOnlyList<SheetPart> parts,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(parts);
        ArgumentNullException.ThrowIfNull(atlas);
        ArgumentNullException.ThrowIfNull(settings);
        var steps = StepsOf(parts);
        var faults = FaultsOf(parts, steps);
        var drafted = (
            kind switch
            {
                DemonstrationKind.Partner => OnPartner(CriteriaFrom(parts[0], steps, atlas, model, settings)),
                DemonstrationKind.Correction => OfCorrecting(),
                DemonstrationKind.Group => OfLeading(parts, steps, atlas, settings),
                DemonstrationKind.Several => OfRow(parts, steps, atlas, settings),
                _ => CriteriaFrom(parts[0], steps, atlas, model, settings),
            }
        ).ToList();
        var (criteria, dropped) = SpreadWeights(drafted, YardstickOf(kind));
        if (kind == DemonstrationKind.Everyday)
            (criteria, dropped) = (InPassing(criteria), []);
        return new(
            subject,
            name,
            edition,
            steps,
            criteria,
            HouseActs,
            faults,
            dropped,
            settings.PassLinePercent,
            kind,
            kind == DemonstrationKind.Everyday ? 1 : MinutesFor(steps, kind),
            [
                .. parts
                    .SelectMany(p => p.Document.Adaptations ?? [])
                    .Where(a => !string.IsNullOrWhiteSpace(a.Change))
                    .Select(a => string.IsNullOrWhiteSpace(a.For) ? a.Change!.Trim() : $"{a.For.Trim()}: {a.Change!.Trim()}")
                    .Distinct(StringComparer.OrdinalIgnoreCase),
            ]
        );
    }

    private static List<SheetStep> StepsOf(IReadOnlyList<SheetPart> parts)
    {
        var steps = new List<SheetStep>();
        foreach (var part in parts)
        foreach (var step in part.Derivation.Steps)
            steps.Add(StepOf(step, steps.Count, parts.Count > 1 ? part.Name : null));
        return steps;
    }

    /// <summary>
    /// The techniques' own faults first, then those that anything can show: six in all of one technique; of several, as many of each.
    /// </summary>
    private static List<SheetFault> FaultsOf(IReadOnlyList<SheetPart> parts, IReadOnlyList<SheetStep> steps)
    {
        var several = parts.Count > 1;
        var own = parts
            .DistinctBy(p => p.Name)
            .SelectMany(p =>
                (p.Document.Faults ?? [])
                    .Where(f => !string.IsNullOrWhiteSpace(f.Sign))
                    .Take(several ? MostFaults / 2 : MostFaults)
                    .Select(f => (Fault: f, Part: several ? p.Name : null))
            )
            .Select((f, i) => new SheetFault($"own-{i + 1}", f.Fault.Sign!, f.Fault.Fix ?? "", null, f.Part))
            .ToList();
        var any = HouseFaults(steps, parts)
            .Where(h => own.All(o => !o.Text.Contains(h.Text, StringComparison.OrdinalIgnoreCase)))
            .Take(several ? MostFaults : Math.Max(0, MostFaults - own.Count));
        return [.. own, .. any];
    }

    /// <summary>Whole minutes for a station: one to get ready, the work once in silence and once explained (custom, no source).</summary>
    private static double MinutesFor(IReadOnlyList<SheetStep> steps, DemonstrationKind kind)
    {
        var work = steps.Sum(s => s.Seconds.Standard * s.Columns.Count);
        return Math.Ceiling(1 + ((kind == DemonstrationKind.Several ? 1 : 2) * work / 60));
    }

    /// <summary>On a partner: the same, and they are asked before and during; left and right are theirs.</summary>
    private static IEnumerable<Criterion> OnPartner(IEnumerable<Criterion> own)
    {
        foreach (var c in own)
        {
            yield return c.Topic switch
            {
                Topic.Posture => c with { Text = "Stands or sits at ease: back long, shoulders down; the partner's head rests" },
                Topic.Cueing => c with { Text = "Says before each movement what comes; left and right are the partner's" },
                _ => c,
            };
            if (c.Topic != Topic.Setup)
                continue;
            yield return Done(
                Topic.Screening,
                "Asks the partner's health questions before touching, and says what is left out",
                null,
                true
            );
            yield return Graded(
                Topic.Comfort,
                "Asks how the pressure feels, and follows the answer",
                null,
                true,
                ["never asks", "asks, and does not follow the answer", "asks once, late", "asks at the first touch and again, and follows"]
            );
        }
    }

    /// <summary>Of each technique in a row: one judged criterion, and what is counted.</summary>
    private static IEnumerable<Criterion> OfParts(
        IReadOnlyList<SheetPart> parts,
        List<SheetStep> steps,
        Atlas atlas,
        HouseSettings settings
    )
    {
        var at = 0;
        foreach (var (part, number) in parts.Select((p, i) => (p, i + 1)))
        {
            var own = steps.Skip(at).Take(part.Derivation.Steps.Count).ToList();
            at += own.Count;
            if (own.Count == 0)
                continue;
            yield return Graded(
                Topic.Path,
                $"{(parts.Count > 1 ? $"{number}. " : "")}{part.Name}: place, way, movement and pressure",
                own[0].Index,
                NearEyes([part], atlas) || OnNeck(part, atlas) || IsOf(part, "tool"),
                [
                    "another technique or place",
                    "the place or the pressure wrong",
                    "right with slips",
                    "place, way and pressure right throughout",
                ]
            ) with
            {
                Named = parts.Count > 1 ? [part.Name] : null,
            };
            foreach (var step in own)
            foreach (
                var c in Measured(
                        step,
                        parts.Count > 1 ? $"{number}. "
                            : own.Count > 1 ? $"Step {step.Index + 1}: "
                            : "",
                        settings
                    )
                    .Where(c => c.Topic is Topic.Dose or Topic.Balance)
            )
                yield return c;
        }
    }

    /// <summary>
    /// Three criteria, a different line of the yardstick each: the heaviest that safety hangs on, then the heaviest of doing, then the
    /// heaviest that is left.
    /// </summary>
    private static IReadOnlyList<Criterion> InPassing(IReadOnlyList<Criterion> all)
    {
        var judged = all.Where(c => c.Kind == CriterionKind.Graded).OrderByDescending(c => c.Weight).ToList();
        var chosen = new List<Criterion>();
        void Take(Func<Criterion, bool> wanted)
        {
            if (judged.Find(c => chosen.TrueForAll(o => o.Topic != c.Topic) && wanted(c)) is { } found)
                chosen.Add(found);
        }
        Take(c => c.SafetyCritical);
        Take(c => c.Domain == Domain.Doing);
        Take(c => c.Domain == Domain.Teaching);
        while (chosen.Count < 3 && judged.Exists(c => chosen.TrueForAll(o => o.Topic != c.Topic)))
            Take(_ => true);
        return [.. all.Where(chosen.Contains)];
    }

    private static bool NearEyes(IReadOnlyList<SheetPart> parts, Atlas atlas) =>
        parts.Any(p =>
            p.Document.Region == "eyes"
            || IsOf(p, "eye")
            || p.Derivation.Map.ZonesTouched.Any(z => atlas.RegionOfZone.GetValueOrDefault(z) == "eyes" || z == "brow")
        );

    private static bool OnNeck(SheetPart part, Atlas atlas) =>
        IsOf(part, "neck")
        || part.Derivation.Map.ZonesTouched.Any(z => atlas.RegionOfZone.GetValueOrDefault(z) is "neck" or "shoulders-chest");

    /// <summary>Whether any of its steps is of a class of work.</summary>
    private static bool IsOf(SheetPart part, string work) => part.Derivation.Steps.Any(s => s.Classes.Contains(work));

    private static Criterion Taught(Topic topic, string text, bool safety, IReadOnlyList<string> anchors) =>
        Teaching(Graded(topic, text, null, safety, anchors));

    private static Criterion Teaching(Criterion c) => c with { Domain = Domain.Teaching };
}
