using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques;

/// <summary>One row of the work as the exchange says it.</summary>
public sealed record CheckedRow(
    string Structure,
    Side Side,
    Mode Mode,
    Strength Strength,
    double Seconds,
    IReadOnlyList<string> Rules,
    Certainty Certainty,
    string? Fibres,
    IReadOnlyList<int> Steps
);

public sealed record CheckedHazard(int Step, string Hazard, SafetyVerdict Then, string Because, string Instead, string Rule);

public sealed record CheckedExclusion(string Condition, Handling Handling, bool RedFlag);

public sealed record CheckedClaim(
    string Text,
    ClaimKind Kind,
    ClaimFinding Verdict,
    IReadOnlyList<ClaimFinding> Verdicts,
    string Because,
    string? Correction,
    [property: Grade] string? Grade
);

/// <summary>
/// All that Wexis can say of one technique, as <c>./wexis techniques check</c> prints it and the interface exports it.
/// </summary>
/// <param name="Response">What may be done with it for the person told: allow, allow-modified, ask-clinician, refuse, stop-and-refer;
/// without a person by its safety alone. A caution is never answered by a bare allow.</param>
/// <param name="OnCondition">What an answer short of refusal asks for: what each caution says to do, what each state of the person
/// changes, and what is still to be told.</param>
public sealed record TechniqueCheck(
    string? Id,
    string? Name,
    DerivedStanding Standing,
    StepFamily? Family,
    IReadOnlyList<CheckedRow> Worked,
    IReadOnlyList<int> ExpectedAu,
    IReadOnlyList<string> MustStayStill,
    IReadOnlyList<string> ZonesTouched,
    IReadOnlyList<FlowVerdict> LymphPath,
    IReadOnlyList<StrokeGeometry> Geometry,
    IReadOnlyList<string> Uncovered,
    SafetyVerdict Safety,
    IReadOnlyList<CheckedHazard> Hazards,
    IReadOnlyList<CheckedExclusion> Exclusions,
    IReadOnlyList<ConditionHit> ConditionsHit,
    Response Response,
    IReadOnlyList<string> OnCondition,
    IReadOnlyList<CheckedClaim> Claims,
    IReadOnlyList<string> CannotTell,
    IReadOnlyList<string> Questions,
    IReadOnlyList<string> Issues,
    TechniqueTimes Times
)
{
    public static TechniqueCheck Of(
        TechniqueDocument document,
        PersonNote? person,
        DateOnly today,
        Atlas atlas,
        ActionModel model,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(document);
        var d = Derivation.Of(document, atlas, model, settings);
        var screen = person is null ? null : PersonScreen.Of(d.Touch, person, today, atlas);
        var hazards = d
            .Steps.SelectMany(s =>
                s.Safety.Findings.Select(f => new CheckedHazard(s.Index, f.Hazard, f.Verdict, f.Because, f.Instead, f.Why.Rule))
            )
            .Concat(PersonHazards(d, screen, atlas))
            .ToList();
        var stopped = hazards.Any(h => h.Then == SafetyVerdict.Stop);
        var response = new[]
        {
            screen?.Response ?? Response.Allow,
            stopped ? Response.Refuse
            : hazards.Count > 0 ? Response.AllowModified
            : Response.Allow,
            d.Issues.Count > 0 ? Response.Refuse
            : d.Questions.Any(q => q.Asks is not null) ? Response.AskClinician
            : Response.Allow,
        }.Min();
        List<string> conditions =
        [
            .. hazards
                .Where(h => h.Then == SafetyVerdict.Caution)
                .Select(h => h.Instead)
                .Concat((screen?.Hits ?? []).Where(h => h.Response is Response.AllowModified or Response.AskClinician).Select(h => h.Says))
                .Concat(d.Questions.Where(q => q.Asks is not null).Select(q => q.Text))
                .Distinct(),
        ];
        return new(
            document.Id,
            document.Name,
            d.Standing,
            d.Family,
            [
                .. d.Map.Worked.Select(r => new CheckedRow(
                    r.Structure,
                    r.Side,
                    r.Mode,
                    r.Strength,
                    r.Seconds.Standard,
                    [.. r.Why.Select(w => w.Rule).Distinct()],
                    r.Certainty,
                    r.Fibres,
                    r.Steps
                )),
            ],
            d.Map.ExpectedActionUnits,
            d.Map.MustStayQuiet,
            d.Map.ZonesTouched,
            d.Map.Flow,
            StrokeGeometry.Of(d.Steps, atlas, model, settings),
            StrokeGeometry.Uncovered(document.Region, d.Steps, atlas),
            stopped ? SafetyVerdict.Stop
                : hazards.Count > 0 ? SafetyVerdict.Caution
                : SafetyVerdict.Ok,
            hazards,
            [.. d.Exclusions.Select(e => new CheckedExclusion(e.Id, e.Handling, e.RedFlag))],
            screen?.Hits ?? [],
            response,
            response is Response.Allow or Response.Refuse or Response.StopAndRefer ? [] : conditions,
            [.. d.Claims.Select(c => new CheckedClaim(c.Text, c.Kind, c.Verdicts[0], c.Verdicts, c.Because, c.Correction, c.Grade))],
            d.Map.CannotTell,
            [.. d.Questions.Select(q => $"{q.Path}: {q.Text}")],
            [.. d.Issues.Select(i => i.Text)],
            d.Times
        );
    }

    /// <summary>
    /// Hazard rules that ask for a state of the person fire where a touched zone lists the hazard, while that state counts for the
    /// technique.
    /// </summary>
    private static IEnumerable<CheckedHazard> PersonHazards(Derivation derivation, PersonScreen? screen, Atlas atlas)
    {
        var states = (screen?.Hits ?? [])
            .Where(h => h.Response != Response.Allow)
            .Select(h => h.Condition)
            .ToHashSet(StringComparer.Ordinal);
        if (states.Count == 0)
            yield break;
        foreach (var step in derivation.Steps)
        foreach (
            var hazard in step
                .Map.ZonesTouched.Where(atlas.Zones.ContainsKey)
                .SelectMany(z => atlas.Zones[z].Hazards)
                .Distinct()
                .Select(h => atlas.Hazards[h])
        )
        foreach (var rule in hazard.RuleData.Where(r => r.When.Person is { } p && states.Contains(p)))
            yield return new(
                step.Index,
                hazard.Id,
                rule.Then,
                $"{atlas.Exclusions[rule.When.Person!].Name} here risks: {hazard.Risk}.",
                hazard.UsualCaution,
                "R103"
            );
    }
}
