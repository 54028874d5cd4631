using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Steps;

namespace Wexis.Core.Programmes;

/// <summary>What is done in a piece of a session.</summary>
[ClosedList]
public enum AgendaKind
{
    Arrive,
    Revisit,
    Teach,
    Brief,
    Show,
    Lead,
    Practise,
    Correct,
    Assess,
    SetUp,
    Clean,
    Rest,
    Close,
}

/// <summary>One piece of a session.</summary>
/// <param name="Id">Under which what a trainer changed is kept; of its unit, or of the session.</param>
/// <param name="Unit">Null for what belongs to the session.</param>
/// <param name="From">Minutes after the session begins.</param>
/// <param name="Words">What is done, in words.</param>
/// <param name="Changed">Changed by hand.</param>
public sealed record AgendaItem(string Id, AgendaKind Kind, string? Unit, int From, int Minutes, string Words, bool Changed);

/// <summary>Something that is needed, for each person and in all.</summary>
public sealed record LessonMaterial(string Name, int InAll);

/// <summary>A fault that is looked for while correcting.</summary>
public sealed record LookFor(string Technique, string Sign, string? Fix);

/// <summary>What is practised at home until the group meets again.</summary>
/// <param name="Days">Days until the next session; null after the last.</param>
public sealed record HomeWork(string Technique, double Minutes, int? Days);

/// <summary>
/// One session, minute by minute; its pieces add up to its length. See docs/method.md#lessons.
/// </summary>
/// <param name="Session">Id of the session.</param>
/// <param name="Number">Its number, from 1.</param>
/// <param name="Minutes">From beginning to end.</param>
/// <param name="Spare">Minutes that nothing is planned for; negative where more is planned than there is.</param>
/// <param name="Says">What does not fit, in sentences.</param>
public sealed record LessonPlan(
    string Session,
    int Number,
    string? Date,
    int Minutes,
    IReadOnlyList<AgendaItem> Agenda,
    int Spare,
    IReadOnlyList<LessonMaterial> Materials,
    IReadOnlyList<LookFor> LookFor,
    IReadOnlyList<HomeWork> Home,
    IReadOnlyList<string> Says
)
{
    /// <summary>Minutes to arrive, to look back and to close, where there is room for them (common practice).</summary>
    public const int ArriveMinutes = 10;
    public const int RevisitMinutes = 10;
    public const int CloseMinutes = 10;

    /// <param name="reading">The plan of the programme; sessions without units have no lesson.</param>
    /// <param name="documents">Techniques as they are written, by id.</param>
    public static IReadOnlyList<LessonPlan> Of(
        ProgrammeDocument programme,
        SequenceReading reading,
        IReadOnlyDictionary<string, TaughtTechnique> techniques,
        IReadOnlyDictionary<string, TechniqueDocument> documents,
        HouseSettings settings
    )
    {
        ArgumentNullException.ThrowIfNull(settings);
        ArgumentNullException.ThrowIfNull(programme);
        ArgumentNullException.ThrowIfNull(reading);
        ArgumentNullException.ThrowIfNull(techniques);
        ArgumentNullException.ThrowIfNull(documents);
        var plans = new List<LessonPlan>();
        var known = new List<string>();
        var held = reading.Sessions.Select((s, i) => (Session: s, Number: i + 1)).Where(x => x.Session.Units.Count > 0).ToList();
        for (var i = 0; i < held.Count; i++)
        {
            var (planned, number) = held[i];
            var session = programme.AllSessions.First(s => s.Id == planned.Id);
            var units = planned.Units.Select(id => programme.AllUnits.First(u => u.Id == id)).ToList();
            var made = new LessonMaking(programme, session, units, known, techniques);
            var agenda = made.Agenda();
            var taught = units
                .Where(u => u.IsA != UnitKind.Assessment)
                .SelectMany(u => u.AllTechniques)
                .Distinct(StringComparer.Ordinal)
                .Where(documents.ContainsKey)
                .ToList();
            var spare = (session.Minutes ?? 0) - agenda.Sum(a => a.Minutes);
            plans.Add(
                new(
                    planned.Id,
                    number,
                    planned.Date,
                    session.Minutes ?? 0,
                    agenda,
                    spare,
                    Needed(units.SelectMany(u => u.AllTechniques), documents, programme.Participants ?? UnitTimes.UsualGroup),
                    [
                        .. taught.SelectMany(t =>
                            (documents[t].Faults ?? [])
                                .Where(f => !string.IsNullOrWhiteSpace(f.Sign))
                                .Take(3)
                                .Select(f => new LookFor(documents[t].Name ?? t, f.Sign!, f.Fix))
                        ),
                    ],
                    [
                        .. taught
                            .Where(techniques.ContainsKey)
                            .Select(t => new HomeWork(
                                techniques[t].Name,
                                Math.Round((techniques[t].Times?.Home.Standard ?? 0) / 60, 1),
                                i + 1 < held.Count ? held[i + 1].Session.Day - planned.Day : null
                            )),
                    ],
                    [
                        .. made.Says(spare),
                        .. Cues(taught, documents, techniques, settings),
                        .. DayLoad
                            .Of(OfDay(reading, planned.Day, programme), techniques, settings)
                            .Where(l => l.IsOver)
                            .Select(l => l.Says),
                    ]
                )
            );
            known.AddRange(taught.Except(known, StringComparer.Ordinal).ToList());
        }
        return plans;
    }

    private static IReadOnlyList<LessonMaterial> Needed(
        IEnumerable<string> techniques,
        IReadOnlyDictionary<string, TechniqueDocument> documents,
        int people
    ) =>
        [
            .. techniques
                .Distinct(StringComparer.Ordinal)
                .Where(documents.ContainsKey)
                .SelectMany(t => documents[t].Materials ?? [])
                .Where(m => !string.IsNullOrWhiteSpace(m))
                .Select(m => m.Trim())
                .Distinct(StringComparer.OrdinalIgnoreCase)
                .Order(StringComparer.Ordinal)
                .Select(m => new LessonMaterial(m, people)),
        ];

    /// <summary>Units of all sessions of one day.</summary>
    private static IEnumerable<ProgrammeUnit> OfDay(SequenceReading reading, int day, ProgrammeDocument programme)
    {
        var ids = reading.Sessions.Where(s => s.Day == day).SelectMany(s => s.Units).ToHashSet(StringComparer.Ordinal);
        return programme.AllUnits.Where(u => ids.Contains(u.Id));
    }

    /// <summary>Cues that take longer than the work that they go with.</summary>
    private static IEnumerable<string> Cues(
        IReadOnlyList<string> taught,
        IReadOnlyDictionary<string, TechniqueDocument> documents,
        IReadOnlyDictionary<string, TaughtTechnique> techniques,
        HouseSettings settings
    )
    {
        foreach (var id in taught)
        {
            var seconds = documents[id].AllSteps.Sum(s => TechniqueTimes.Words(s.Cue)) / settings.BriefWordsPerMinute * 60;
            if (techniques.TryGetValue(id, out var t) && t.Times is { } times && seconds > times.Home.Standard && times.Home.Standard > 0)
                yield return $"The cues of “{t.Name}” take {seconds:0} s, and its work {times.Home.Standard:0} s: say them before.";
        }
    }
}
