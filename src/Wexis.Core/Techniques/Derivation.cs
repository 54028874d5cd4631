using System.Text.Json.Serialization;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.People;
using Wexis.Core.Techniques.Claims;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Library;
using Wexis.Core.Techniques.Safety;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Strokes;
using Wexis.Core.Techniques.Words;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques;

/// <summary>All that Wexis derives from a technique. Nothing in it is typed by anyone.</summary>
/// <param name="Readings">The same in words for each viewer.</param>
/// <param name="Standing">draft (a question is open), stopped (a step breaks a stop rule: can only be parked), refused (a field is
/// nonsense) or complete.</param>
public sealed record Derivation(
    DerivedStanding Standing,
    IReadOnlyList<DerivedStep> Steps,
    WorkMap Map,
    Levels TotalSeconds,
    StepFamily? Family,
    string? FamilyName,
    SafetyVerdict SafetyVerdict,
    IReadOnlyList<ExclusionNote> Exclusions,
    string ClinicianFirst,
    IReadOnlyList<OpenQuestion> Questions,
    IReadOnlyList<Issue> Issues,
    IReadOnlyList<ClaimVerdict> Claims,
    TechniqueTimes Times,
    IReadOnlyList<AdviceNote> Advice,
    IReadOnlyList<TechniqueReading> Readings
) : IDerivedTechnique
{
    /// <summary>One side after the other; false: both at once; null: it has no sides.</summary>
    [JsonIgnore]
    public bool? SidesInTurn =>
        Steps.Any(s => s.Dose.Columns.Count == 2) ? true
        : Steps.Any(s => s.Dose.Columns.Contains(Side.Both)) ? false
        : null;

    /// <summary>Classes that its steps fall into, and those that its own words add, each once.</summary>
    [JsonIgnore]
    public IReadOnlyList<string> Classes { get; init; } = [];

    /// <summary>What it does to a person, as screening sees it.</summary>
    [JsonIgnore]
    public TechniqueTouch Touch =>
        new(
            Classes,
            Map.ZonesTouched,
            [.. Map.Worked.Where(r => r.Mode != Mode.Inhibited && r.Strength != Strength.Incidental).Select(r => r.Structure).Distinct()]
        );

    /// <summary>The recipe: fill each step, unroll its dose, map its work, review its safety; then the union.</summary>
    public static Derivation Of(TechniqueDocument document, Atlas atlas, ActionModel model, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(document);
        var issues = new List<Issue>(TechniqueValidation.Issues(document, atlas, model));
        var questions = new List<OpenQuestion>();
        var steps = new List<DerivedStep>();
        for (var i = 0; i < document.AllSteps.Count; i++)
        {
            var broken = issues.Any(x => x.Path.StartsWith($"steps[{i}]", StringComparison.Ordinal));
            var completed = CompletedStep.Of(Known(document.AllSteps[i], atlas, model), i, atlas, model, settings);
            issues.AddRange(completed.Issues);
            questions.AddRange(completed.Questions);
            var readable = !completed.Issues.Any() && !broken;
            var sum =
                readable && completed.Step.Dose is { } dose
                    ? DoseSum.Of(dose, completed.Step.Tempo ?? new(1, 0, 0, 0), completed.Sides, settings)
                    : DoseSum.None;
            // What belongs to no step is said once, with the first.
            var safety = SafetyReview.Of(completed, sum, i == 0 ? AlsoSaid.Of(document) : AlsoSaid.Nothing, atlas, model, settings);
            var map = WorkMap.Of(completed, sum, i, safety.StoppedHands, atlas, model, settings);
            steps.Add(
                new(
                    i,
                    StepWords.Title(completed.Step, atlas, model),
                    completed.Family,
                    completed.Family is { } f ? FamilyDefaults.Get(f).Name : null,
                    completed.Sides,
                    completed.Step,
                    completed.Defaults,
                    sum,
                    map,
                    safety,
                    TechniqueClasses.Classes(completed, map, atlas, model, settings),
                    Strokes(completed, atlas, settings),
                    completed.Step.Tempo?.HoldS >= model.Rules.HoldSeconds,
                    completed.Step.AllHands.Any(h => h.Verb is not null && (h.Which, h.Sides) is ("left", "right") or ("right", "left"))
                )
            );
            questions.AddRange(map.Asks.Select(c => new OpenQuestion($"steps[{i}]", c, [])));
        }
        if (document.AllSteps.Count == 0)
            questions.Add(new("steps", "No step yet. What happens first?", []));
        var family = steps
            .Where(s => s.Family is not null)
            .GroupBy(s => s.Family)
            .OrderByDescending(g => g.Sum(s => s.Dose.TotalSeconds.Standard))
            .ThenBy(g => g.Min(s => s.Index))
            .FirstOrDefault()
            ?.Key;
        var worst = steps.Count == 0 ? SafetyVerdict.Ok : steps.Max(s => s.Safety.Verdict);
        var classes = TechniqueClasses.ClassesOf(document, [.. steps.SelectMany(s => s.Classes).Distinct()]);
        var exclusions = ExclusionRules.Exclusions(classes, atlas);
        var derived = new Derivation(
            issues.Count > 0 ? DerivedStanding.Refused
                : worst == SafetyVerdict.Stop ? DerivedStanding.Stopped
                : questions.Count > 0 ? DerivedStanding.Draft
                : DerivedStanding.Complete,
            steps,
            WorkMap.Union(steps.Select(s => s.Map)),
            steps.Aggregate(default(Levels), (t, s) => t + s.Dose.TotalSeconds),
            family,
            family is { } kind ? FamilyDefaults.Get(kind).Name : null,
            worst,
            exclusions,
            ExclusionRules.ClinicianFirst,
            questions,
            issues,
            [],
            TechniqueTimes.Of(document, steps, atlas, settings),
            AdviceReview.Of(document),
            TechniqueReading.Of(document, steps, exclusions, atlas)
        )
        {
            Classes = classes,
        };
        // Last, and over what is derived already: a claim never changes the map. One that is not understood is asked about.
        var claims = ClaimReview.Of(document, derived.Steps, derived.Map, atlas, model, worst == SafetyVerdict.Stop);
        List<OpenQuestion> asked =
        [
            .. claims
                .Where(c => c.Suggestion is not null)
                .Select(c => new OpenQuestion(
                    $"claims[{c.Claim}].text",
                    $"{c.Because} {c.Correction}",
                    [new(c.Suggestion!.Name, c.Suggestion.Text)]
                )),
        ];
        return derived with
        {
            Claims = claims,
            Questions = [.. questions, .. asked],
            Standing = asked.Count > 0 && derived.Standing == DerivedStanding.Complete ? DerivedStanding.Draft : derived.Standing,
        };
    }

    private static IReadOnlyList<DrawnStroke> Strokes(CompletedStep completed, Atlas atlas, HouseSettings settings) =>
        [
            .. completed
                .Step.AllHands.Select((h, i) => (Hand: h, Index: i, Path: StrokePath.Of(h, atlas, settings)))
                .Where(x => x.Path.HasPlace)
                .Select(x => new DrawnStroke(
                    x.Index,
                    x.Path.Places,
                    StrokePlaces.OnTheSide(x.Hand, atlas, settings),
                    [.. x.Hand.AllPath.Select(p => StrokeReading.PlaceWords(p, atlas)), .. x.Hand.AllPoints],
                    x.Path.WidthIpd,
                    ClosedList.Of<Sides>(x.Hand.Sides) ?? completed.Sides
                )),
        ];

    /// <summary>
    /// The step without words that validation has already refused, so that the rest can still be derived while it is mended.
    /// </summary>
    private static Step Known(Step step, Atlas atlas, ActionModel model) =>
        step with
        {
            Acts =
            [
                .. step.AllActs.Where(a => a.Do is null || model.Knows(a.Do) || atlas.Document.ControlledLists.Actions.ContainsKey(a.Do)),
            ],
            Hands = [.. step.AllHands.Where(h => h.Verb is null || model.Verbs.ContainsKey(h.Verb))],
        };
}
