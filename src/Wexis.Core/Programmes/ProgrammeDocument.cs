using System.Text.Json.Serialization;
using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>What a programme promises about one structure.</summary>
public sealed record StructurePromise(string Structure, [property: WordOf<PromiseKind>] string How);

/// <summary>How a structure is promised: tightened, held against or let out slowly; or worked in some way.</summary>
[ClosedList]
public enum PromiseKind
{
    Actively,
    Any,
}

/// <summary>What is done in a unit.</summary>
[ClosedList]
public enum UnitKind
{
    Theory,
    Demonstration,
    SupervisedPractice,
    SelfPractice,
    TeachingPractice,
    Assessment,
}

/// <summary>What an outcome is about.</summary>
[ClosedList]
public enum OutcomeKind
{
    Knowledge,
    Practice,
    Teaching,
    Safety,
}

/// <summary>
/// A learning outcome: what a graduate can do, in the usual form of verb, object, condition and standard. See docs/method.md#outcomes.
/// </summary>
/// <param name="Text">The whole sentence, where it was written as one.</param>
/// <param name="Verb">What is done, such as “leads”.</param>
/// <param name="Thing">With what, such as “a light glide”.</param>
/// <param name="Condition">Under which conditions, such as “on both sides of a partner”.</param>
/// <param name="Standard">How well, such as “without dragging the skin”.</param>
/// <param name="Assessed">How it is assessed, in words.</param>
public sealed record Outcome(
    string Id,
    string? Text = null,
    [property: WordOf<OutcomeKind>] string? Kind = null,
    string? Verb = null,
    [property: JsonPropertyName("object")] string? Thing = null,
    string? Condition = null,
    string? Standard = null,
    string? Assessed = null
)
{
    /// <summary>The outcome as a sentence.</summary>
    [JsonIgnore]
    public string Says =>
        string.IsNullOrWhiteSpace(Text)
            ? string.Join(" ", new[] { Verb, Thing, Condition, Standard }.Where(p => !string.IsNullOrWhiteSpace(p)).Select(p => p!.Trim()))
            : Text.Trim();
}

/// <summary>A module: a name under which units belong together.</summary>
/// <param name="Schools">Teaching styles that its units declare, where they are others than the programme's.</param>
public sealed record ProgrammeModule(string Id, string Name, IReadOnlyList<string>? Schools = null);

/// <summary>One unit of a module: what is done in one piece, for so many minutes, after what.</summary>
/// <param name="Minutes">Contact minutes, breaks not counted.</param>
/// <param name="Module">Id of its module; null where there are none.</param>
/// <param name="Phase">Phase of the programme it belongs to; null for none.</param>
/// <param name="Prerequisites">Ids of units that come before, and of techniques that are taught before.</param>
/// <param name="Techniques">Ids of techniques that it teaches, or that are shown in an assessment.</param>
/// <param name="Routines">Ids of routines that it teaches.</param>
/// <param name="Room">A room that it needs; null for any.</param>
/// <param name="Staff">Who has to be there, such as lead or assessor.</param>
/// <param name="MaxGroup">Largest group for one of its staff.</param>
public sealed record ProgrammeUnit(
    string Id,
    string Name,
    [property: WordOf<UnitKind>] string Kind,
    int Minutes,
    string? Module = null,
    string? Phase = null,
    IReadOnlyList<string>? Prerequisites = null,
    IReadOnlyList<string>? Techniques = null,
    IReadOnlyList<string>? Routines = null,
    IReadOnlyList<string>? Outcomes = null,
    string? Room = null,
    IReadOnlyList<string>? Staff = null,
    int? MaxGroup = null
)
{
    [JsonIgnore]
    public IReadOnlyList<string> AllPrerequisites => Prerequisites ?? [];

    [JsonIgnore]
    public IReadOnlyList<string> AllTechniques => Techniques ?? [];

    [JsonIgnore]
    public IReadOnlyList<string> AllRoutines => Routines ?? [];

    [JsonIgnore]
    public IReadOnlyList<string> AllOutcomes => Outcomes ?? [];

    [JsonIgnore]
    public IReadOnlyList<string> AllStaff => Staff ?? [];

    [JsonIgnore]
    public UnitKind IsA => ClosedList.Of<UnitKind>(Kind) ?? UnitKind.Theory;
}

/// <summary>A day, or a part of one, on which the group meets.</summary>
/// <param name="Date">Its date as 2027-03-06; null where days are only numbered.</param>
/// <param name="Day">Its day, counted from any one, where there is no date.</param>
/// <param name="Minutes">From beginning to end.</param>
/// <param name="BreaksMin">Minutes of it that are breaks.</param>
/// <param name="Staff">Who is there; null: whoever is needed.</param>
/// <param name="Rooms">Which rooms there are; null: whichever is needed.</param>
public sealed record ProgrammeSession(
    string Id,
    string? Date = null,
    int? Day = null,
    int? Minutes = null,
    int? BreaksMin = null,
    IReadOnlyList<string>? Staff = null,
    IReadOnlyList<string>? Rooms = null
);

/// <summary>A unit that stands in a session, or must not.</summary>
public sealed record Placement(string Unit, string Session);

/// <summary>Kinds of rules that a trainer sets.</summary>
[ClosedList]
public enum RuleKind
{
    Order,
    Capacity,
    SameSession,
    NotSameSession,
    GapDays,
    PracticeDays,
    BeforeDate,
    AfterDate,
    Staff,
}

/// <summary>A rule that a trainer sets; without <paramref name="Hard"/> or with a weight it is a wish.</summary>
/// <param name="Hard">Must hold; null: it must, unless a weight is given.</param>
/// <param name="Weight">Of a wish, 1 to 100.</param>
/// <param name="Text">The rule in words, as it is said when it does not hold.</param>
/// <param name="Days">The fewest days, or the fewest and the most.</param>
/// <param name="PerWeek">Practice days a week at most.</param>
public sealed record ProgrammeRule(
    string? Id,
    [property: WordOf<RuleKind>] string? Kind,
    bool? Hard = null,
    int? Weight = null,
    string? Text = null,
    string? Unit = null,
    IReadOnlyList<string>? Units = null,
    string? After = null,
    string? Before = null,
    IReadOnlyList<int>? Days = null,
    int? PerWeek = null,
    string? Date = null,
    int? Day = null,
    int? Minutes = null,
    IReadOnlyList<string>? Staff = null
)
{
    [JsonIgnore]
    public bool IsWish => Hard == false || (Hard is null && Weight is not null);

    /// <summary>The units it speaks of, each once, in its order.</summary>
    [JsonIgnore]
    public IReadOnlyList<string> Named =>
        [.. (Units ?? []).Concat(new[] { Unit, After, Before }.OfType<string>()).Distinct(StringComparer.Ordinal)];
}

/// <summary>Days on which the group does not meet, both ends included.</summary>
public sealed record Closure(string? From, string? To, string? Text = null);

/// <summary>Something that Wexis would say, and that the trainer keeps as it is, with the reason.</summary>
/// <param name="Rule">Id of the rule or remark.</param>
public sealed record SetAside(string Rule, string Reason);

/// <summary>Hours that a certificate asks for, by kind; see docs/method.md#hours.</summary>
/// <param name="Scheme">own, or credit for workload by the published convention.</param>
/// <param name="Guided">Contact hours.</param>
/// <param name="Supervised">Hours of supervised practice.</param>
/// <param name="SelfStudy">Hours alone.</param>
/// <param name="Assessment">Hours of assessment.</param>
/// <param name="Cases">Number of case studies.</param>
/// <param name="Credits">Credits that the workload shall come to.</param>
/// <param name="PlannedSelfStudy">Hours alone that are planned outside the units.</param>
/// <param name="PlannedCases">Case studies that are planned.</param>
public sealed record HoursScheme(
    [property: OneOf("own", "credit")] string? Scheme = null,
    double? Guided = null,
    double? Supervised = null,
    double? SelfStudy = null,
    double? Assessment = null,
    int? Cases = null,
    double? Credits = null,
    double? PlannedSelfStudy = null,
    int? PlannedCases = null
);

/// <summary>What a syllabus says beside modules and outcomes.</summary>
public sealed record SyllabusWords(string? Entry = null, string? Scope = null, string? Cautions = null);

/// <summary>One column of the coverage: a module with all that its units teach, or a unit of no module.</summary>
public sealed record ProgrammeColumn(string Id, string Name, IReadOnlyList<string> Techniques, IReadOnlyList<string>? Schools);

/// <summary>
/// A programme as it is exchanged and stored: <c>wexis.programme/1</c>. Units in the order in which they are taught, and what it promises.
/// See docs/formats.md.
/// </summary>
/// <param name="Phases">Phases in their order; a unit never stands before one of an earlier phase.</param>
/// <param name="Schools">Teaching styles it declares; none declared means that nothing is compared.</param>
/// <param name="Plan">In which session each unit stands, as it was planned last; null: not planned yet.</param>
/// <param name="Lessons">What was changed by hand in the lesson plans.</param>
/// <param name="Participants">How many take part; null: nothing is said of group sizes.</param>
public sealed record ProgrammeDocument(
    string? Schema,
    string? Name,
    IReadOnlyList<ProgrammeModule>? Modules = null,
    IReadOnlyList<ProgrammeUnit>? Units = null,
    IReadOnlyList<Outcome>? Outcomes = null,
    IReadOnlyList<StructurePromise>? Structures = null,
    IReadOnlyList<string>? Schools = null,
    IReadOnlyList<string>? Phases = null,
    IReadOnlyList<ProgrammeSession>? Sessions = null,
    IReadOnlyList<Placement>? Fixed = null,
    IReadOnlyList<Placement>? Forbidden = null,
    IReadOnlyList<ProgrammeRule>? Rules = null,
    IReadOnlyList<Closure>? Closures = null,
    int? Participants = null,
    HoursScheme? Hours = null,
    IReadOnlyList<SetAside>? Aside = null,
    SyllabusWords? Syllabus = null,
    IReadOnlyList<Placement>? Plan = null,
    IReadOnlyList<LessonEdit>? Lessons = null
)
{
    public const string CurrentSchema = "wexis.programme/1";
    public const int MostUnits = 400;
    public const int MostSessions = 200;

    [JsonIgnore]
    public IReadOnlyList<ProgrammeModule> AllModules => Modules ?? [];

    [JsonIgnore]
    public IReadOnlyList<ProgrammeUnit> AllUnits => Units ?? [];

    [JsonIgnore]
    public IReadOnlyList<StructurePromise> AllStructures => Structures ?? [];

    [JsonIgnore]
    public IReadOnlyList<Outcome> AllOutcomes => Outcomes ?? [];

    [JsonIgnore]
    public IReadOnlyList<ProgrammeSession> AllSessions => Sessions ?? [];

    [JsonIgnore]
    public IReadOnlyList<string> AllPhases => Phases ?? [];

    [JsonIgnore]
    public IReadOnlyList<ProgrammeRule> AllRules => Rules ?? [];

    /// <summary>Ids of all techniques that its units name, each once, in their order.</summary>
    [JsonIgnore]
    public IReadOnlyList<string> AllTechniques => [.. AllUnits.SelectMany(u => u.AllTechniques).Distinct(StringComparer.Ordinal)];

    /// <summary>Modules, and units of no module, in the order in which they begin; modules without units come last.</summary>
    [JsonIgnore]
    public IReadOnlyList<ProgrammeColumn> Columns
    {
        get
        {
            var modules = AllModules.ToDictionary(m => m.Id, StringComparer.Ordinal);
            IReadOnlyList<string> Taught(IEnumerable<ProgrammeUnit> units) =>
                [.. units.SelectMany(u => u.AllTechniques).Distinct(StringComparer.Ordinal)];
            var begun = AllUnits
                .GroupBy(u => u.Module is { } m && modules.ContainsKey(m) ? m : $"unit {u.Id}")
                .Select(g =>
                    modules.TryGetValue(g.Key, out var m)
                        ? new ProgrammeColumn(m.Id, m.Name, Taught(g), m.Schools)
                        : new ProgrammeColumn(g.First().Id, g.First().Name, Taught(g), null)
                )
                .ToList();
            return
            [
                .. begun,
                .. AllModules.Where(m => begun.All(c => c.Id != m.Id)).Select(m => new ProgrammeColumn(m.Id, m.Name, [], m.Schools)),
            ];
        }
    }

    /// <summary>Why something is kept as it is; null when it is not.</summary>
    public string? ReasonFor(string rule) => (Aside ?? []).FirstOrDefault(a => a.Rule == rule)?.Reason;
}
