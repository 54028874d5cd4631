using Wexis.Core.Measures;

namespace Wexis.Core.Programmes;

/// <summary>What a trainer changed in a lesson plan: kept by unit, so that it goes with the unit into another session.</summary>
/// <param name="Of">Id of the unit, or of the session for what belongs to no unit.</param>
/// <param name="Item">Id of the piece.</param>
public sealed record LessonEdit(string Of, string Item, int? Minutes = null, string? Words = null);

/// <summary>Lays out one session.</summary>
internal sealed class LessonMaking(
    ProgrammeDocument programme,
    ProgrammeSession session,
    IReadOnlyList<ProgrammeUnit> units,
    IReadOnlyList<string> known,
    IReadOnlyDictionary<string, TaughtTechnique> techniques
)
{
    private readonly List<AgendaItem> _agenda = [];
    private readonly List<string> _says = [];
    private int _at;

    public IReadOnlyList<AgendaItem> Agenda()
    {
        var breaks = session.BreaksMin ?? 0;
        var free = Math.Max(0, (session.Minutes ?? 0) - breaks - units.Sum(u => u.Minutes));
        int Take(int wanted)
        {
            var taken = Math.Min(wanted, free);
            free -= taken;
            return taken;
        }
        var (arrive, close) = (Take(LessonPlan.ArriveMinutes), Take(LessonPlan.CloseMinutes));
        var revisit = known.Count > 0 ? Take(LessonPlan.RevisitMinutes) : 0;
        Add("arrive", AgendaKind.Arrive, null, arrive, "who is here, and who may not be touched today");
        Add("revisit", AgendaKind.Revisit, null, revisit, Names(known.TakeLast(3)));
        var pauses = units.Count > 1 ? units.Count - 1 : 1;
        for (var i = 0; i < units.Count; i++)
        {
            Unit(units[i]);
            // What does not divide goes to the first pauses.
            if (i < pauses)
                Add($"rest-{i + 1}", AgendaKind.Rest, null, (breaks / pauses) + (i < breaks % pauses ? 1 : 0), "a break");
        }
        Add("close", AgendaKind.Close, null, close, "what is practised at home; a sentence from each");
        return _agenda;
    }

    /// <param name="spare">Minutes that are left.</param>
    public IEnumerable<string> Says(int spare)
    {
        if (spare < 0)
            yield return $"{-spare} minutes more are planned than the session has.";
        if (_agenda.All(a => a.Kind is not (AgendaKind.Arrive or AgendaKind.Close)))
            yield return "No minutes are left to arrive and to close.";
        foreach (var says in _says)
            yield return says;
    }

    private void Unit(ProgrammeUnit unit)
    {
        var taught = unit.AllTechniques.Where(techniques.ContainsKey).Select(t => techniques[t]).ToList();
        int Minutes(Func<TaughtTechnique, double> seconds) => (int)Math.Ceiling(taught.Sum(seconds) / 60);
        var people = programme.Participants ?? UnitTimes.UsualGroup;
        var hands = taught.Any(t => t.Map.ZonesTouched.Count > 0);
        var names = Names(unit.AllTechniques);
        List<(string Id, AgendaKind Kind, int Minutes, string Words)> fixed_ = hands
            ? [("set-up", AgendaKind.SetUp, 5, "clean hands, materials, mirrors")]
            : [];
        var (rest, words) = (AgendaKind.Teach, unit.Name);
        if (unit.IsA == UnitKind.Assessment)
            (rest, words) = (AgendaKind.Assess, names.Length == 0 ? unit.Name : $"{people} people show {names}");
        else if (taught.Count > 0)
        {
            fixed_.Add(("brief", AgendaKind.Brief, Minutes(t => t.Times?.BriefSeconds ?? 0), $"eyes open: {names}"));
            fixed_.Add(("show", AgendaKind.Show, Minutes(t => t.Times?.ShowSeconds ?? 0), "slowly, on each side, without talk"));
            fixed_.Add(("lead", AgendaKind.Lead, Minutes(t => t.Times?.Home.Standard ?? 0), "with counts only"));
            fixed_.Add(
                (
                    "correct",
                    AgendaKind.Correct,
                    (int)Math.Ceiling(people * taught.Count * UnitTimes.CorrectSeconds / 60),
                    "safety first, then place, direction, stillness, dose"
                )
            );
            (rest, words) = (
                AgendaKind.Practise,
                unit.IsA == UnitKind.TeachingPractice ? "each leads the others"
                : unit.IsA == UnitKind.SelfPractice ? "alone"
                : "in pairs"
            );
        }
        if (hands)
            fixed_.Add(("clean", AgendaKind.Clean, 5, "wipe hands and tools"));
        var taken = fixed_.Sum(f => EditOf(unit.Id, f.Id)?.Minutes ?? f.Minutes);
        var own = EditOf(unit.Id, "main")?.Minutes;
        if (own is null && taken > unit.Minutes)
            _says.Add($"“{unit.Name}” has {unit.Minutes} minutes; briefing, showing, leading and correcting alone take {taken}.");
        foreach (var (id, kind, minutes, what) in fixed_.Where(f => f.Kind is not (AgendaKind.Correct or AgendaKind.Clean)))
            Add(id, kind, unit.Id, minutes, what);
        Add("main", rest, unit.Id, Math.Max(0, unit.Minutes - taken), words);
        foreach (var (id, kind, minutes, what) in fixed_.Where(f => f.Kind is AgendaKind.Correct or AgendaKind.Clean))
            Add(id, kind, unit.Id, minutes, what);
    }

    private LessonEdit? EditOf(string of, string item) => (programme.Lessons ?? []).FirstOrDefault(e => e.Of == of && e.Item == item);

    private void Add(string id, AgendaKind kind, string? unit, int minutes, string words)
    {
        var edit = EditOf(unit ?? session.Id, id);
        minutes = edit?.Minutes ?? minutes;
        if (minutes <= 0 && edit is null)
            return;
        _agenda.Add(
            new(id, kind, unit, _at, minutes, string.IsNullOrWhiteSpace(edit?.Words) ? words : edit.Words.Trim(), edit is not null)
        );
        _at += minutes;
    }

    private string Names(IEnumerable<string> ids) =>
        string.Join(", ", ids.Where(techniques.ContainsKey).Select(t => $"“{techniques[t].Name}”"));
}
