using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Safety;

/// <summary>Safety of one step. Verdict is the worst finding: ok, caution or stop.</summary>
/// <param name="StoppedHands">Hand tracks (from 0) whose contact a rule stops: what they would work is not counted (R100).</param>
public sealed record SafetyReview(SafetyVerdict Verdict, IReadOnlyList<SafetyFinding> Findings, IReadOnlyList<int> StoppedHands)
{
    public static SafetyReview Ok { get; } = new(SafetyVerdict.Ok, [], []);

    /// <summary>
    /// Checks every contact of a step against the hazards and caps of the places it meets, its acts and its dose against the stop rules,
    /// and what is
    /// said of it (R100–R106). Cannot be switched off.
    /// </summary>
    /// <param name="alsoSaid">Sentences of the technique that belong to no step.</param>
    public static SafetyReview Of(
        CompletedStep completed,
        DoseSum sum,
        AlsoSaid alsoSaid,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(completed);
        var findings = new List<SafetyFinding>();
        var stopped = new List<int>();
        var contacts = completed
            .Step.AllHands.Select((h, i) => HandContact.Of(h, i, completed, atlas, model, settings))
            .OfType<HandContact>()
            .ToList();
        foreach (var contact in contacts)
        {
            var before = findings.Count;
            ContactHazards.Add(findings, contact, contacts, completed, atlas, model);
            ContactCaps.Add(findings, contact, atlas, model);
            if (findings.Skip(before).Any(f => f.Verdict == SafetyVerdict.Stop))
                stopped.Add(contact.Index);
        }
        ActHazards.Add(findings, completed, atlas, model);
        DoseCeiling.Add(findings, completed, sum, settings);
        // What somebody said: a cue that Wexis wrote says what is judged already.
        SaidHazards.Add(findings, [completed.Told.Cue, completed.Told.EndPoint, .. alsoSaid.Texts], alsoSaid.Warnings);
        var worst = findings.GroupBy(f => f.Hazard).Select(Joined).OrderBy(f => f.Verdict == SafetyVerdict.Stop ? 0 : 1).ToList();
        return new(
            worst.Any(f => f.Verdict == SafetyVerdict.Stop) ? SafetyVerdict.Stop
                : worst.Count > 0 ? SafetyVerdict.Caution
                : SafetyVerdict.Ok,
            worst,
            stopped
        );
    }

    /// <summary>One hazard, however many contacts, acts and sentences met it: the worst verdict, every reason, each once.</summary>
    private static SafetyFinding Joined(IGrouping<string, SafetyFinding> met)
    {
        var ordered = met.OrderBy(f => f.Verdict == SafetyVerdict.Stop ? 0 : 1).ToList();
        return ordered[0] with
        {
            Because = string.Join(" ", ordered.Select(f => f.Because).Distinct()),
            Instead = string.Join(" ", ordered.Select(f => f.Instead).Distinct()),
            Places = [.. ordered.SelectMany(f => f.Places).Distinct()],
        };
    }
}
