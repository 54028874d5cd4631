using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes.Roles;

namespace Wexis.Core.Techniques.Notes;

/// <summary>
/// Sentences that say nothing by themselves ("Ring finger. Inner corner to temple. 5 times."), read together with those beside them, as
/// they are read where commas stand between them. Taken only where nothing is lost by it and no more is asked.
/// </summary>
internal sealed partial class NoteReader
{
    /// <summary>So many sentences that nobody could read are tried together.</summary>
    private const int MostTogether = 4;

    /// <summary>What each line was read from, in the order of the lines.</summary>
    private readonly List<string> _texts = [];

    private static readonly NoteKind[] OfAStep =
    [
        NoteKind.Start,
        NoteKind.Step,
        NoteKind.Pose,
        NoteKind.Dose,
        NoteKind.Side,
        NoteKind.Still,
    ];

    /// <summary>Reads a sentence together with unread ones before it, or with the step before it.</summary>
    private bool WithOthers(string text, bool onward) => !_listed && !onward && _laid is null && (WithUnread(text) || WithTheStep(text));

    /// <summary>"Jaw. Open slowly against the fist.": read as "Jaw: open slowly …", where no more is asked by it.</summary>
    private bool OfTheTopic(string text, bool onward)
    {
        if (_topic is not { } topic || _glossary.Step(topic, out _) is not null)
            return false;
        var told = $"{topic}: {text}";
        if (_laid is null && _glossary.LaysHands(told) is { } laid)
        {
            _laid = (laid, _lines.Count);
            Add(text, NoteKind.Start);
            return true;
        }
        return _glossary.Step(told, out var unknown) is { } step && Asked(told, step, unknown).Count == 0 && NewStep(told, onward);
    }

    /// <summary>What is one with the step before, read together with it; what is asked then takes the place of what was.</summary>
    private Step? AsOne(string text, Step step, bool onward, ref List<string> open)
    {
        if (_begins || onward)
            return null;
        if (_glossary.OneBreath(_steps[Last], text) is { } breath)
        {
            open = [];
            return breath;
        }
        if (_glossary.OneWhole(_steps[Last], step, text, out var unknown) is not { } whole)
            return null;
        open = [.. unknown];
        return whole;
    }

    /// <summary>"Relax the jaw.": the step before lets go; a part that did not move rests meanwhile.</summary>
    private bool Loosens(string text)
    {
        if (Last < 0 || _laid is not null || _steps[Last].Dose is null || NoteGlossary.Loosened(text) is not { } part)
            return false;
        var step = _steps[Last];
        // A mouth or a face that moved lets go; what is far from it rests.
        if (part is "jaw" or "tongue" or "neck" or "shoulders" or "forehead" or "brow" or "brows" or "eyes")
            if (!step.AllActs.Any(a => RoleWords.PartsIn(a.Do ?? "").Contains(part.TrimEnd('s'))))
                _steps[Last] = step with
                {
                    State = Over(step.State, NoteGlossary.Pose($"{part} relaxed")),
                    Still = [.. step.AllStill.Union(NoteGlossary.Still($"{part} relaxed").Where(z => !NoteGlossary.MovesAll(step, [z])))],
                };
        Add(text, NoteKind.Dose, Last);
        return true;
    }

    /// <summary>"Pinch along the jaw. Start at the chin. Go to the ear.": the way of a hand that was not counted yet.</summary>
    private bool StartsThere(string text)
    {
        if (
            Last < 0
            || _laid is not null
            || _steps[Last]
                is not { Dose: null, AllHands: [{ AllPath.Count: <= 1, Verb: not ("press" or "hold-still" or "lift-hold") } hand] }
        )
            return false;
        var (start, end) = (_glossary.StartOfWay(text), hand.AllPath.Count == 1 ? _glossary.GoesTo(text) : null);
        if ((start ?? end) is not { } place || (start is not null && hand.AllPath.Count > 0))
            return false;
        List<PathPoint> path = [.. hand.AllPath, new(place, null, null, null)];
        _steps[Last] = _steps[Last] with { Hands = [hand with { Path = path, Zones = path.Count > 1 ? [] : hand.Zones }] };
        Answered(NoteGlossary.WhereAsked);
        Add(text, NoteKind.Step, Last);
        return true;
    }

    /// <summary>"Slow.": in what manner the step before is done.</summary>
    private bool InThatManner(string text)
    {
        if (Last < 0 || _laid is not null)
            return false;
        if (!NoteGlossary.OnlyManner(text) && !(InTurnByItself(_steps[Last]) && NoteGlossary.OnlyAlternates(text)))
            return false;
        Add(text, NoteKind.Dose, Last);
        return true;
    }

    /// <summary>What a dose says besides; two movements alternate of themselves.</summary>
    private IEnumerable<string> BesideDose(string text) =>
        NoteGlossary.BesideDose(NoteGlossary.Otherwise(text)) is not { } beside || (beside == "alternate" && InTurnByItself(_steps[Last]))
            ? []
            : [$"“{beside}”: what is it for here?"];

    /// <summary>Two movements alternate of themselves, and so do eyes that look both ways.</summary>
    private static bool InTurnByItself(Step step) => step.AllActs.Count > 1 || step.Gaze?.Contains('-', StringComparison.Ordinal) == true;

    private bool WithUnread(string text)
    {
        var first = _lines.Count;
        while (first > 0 && _lines.Count - first < MostTogether && _lines[first - 1].Kind == NoteKind.Unread)
            first--;
        for (var from = first; from < _lines.Count; from++)
        {
            var told = Joined([.. _texts.Skip(from), text]);
            if (_glossary.Step(told, out var open) is not { } step || Asked(told, step, open).Count > 0)
                continue;
            _steps.Add(step);
            for (var i = from; i < _lines.Count; i++)
                _lines[i] = _lines[i] with { Kind = NoteKind.Step, Step = Last, Unknown = [] };
            Add(text, NoteKind.Step, Last, open);
            return true;
        }
        return false;
    }

    /// <summary>The last step takes in the unread sentences just before the line it stands in.</summary>
    private void TakeInUnread(int line)
    {
        var first = line;
        while (first > 0 && line - first < MostTogether && _lines[first - 1].Kind == NoteKind.Unread)
            first--;
        for (var from = first; from < line; from++)
        {
            var told = Joined([.. _texts.Skip(from)]);
            // What was counted before it was something else.
            if (_steps[Last].Dose is not null && _texts.Skip(from).SkipLast(1).Any(t => NoteGlossary.Dose(t) is not null))
                continue;
            if (!Keeps(told, _lines[line].Unknown.Count, out var step, out var open))
                continue;
            _steps[Last] = step;
            for (var i = from; i < line; i++)
                _lines[i] = _lines[i] with { Kind = NoteKind.Step, Step = Last, Unknown = [] };
            _lines[line] = _lines[line] with
            {
                Unknown = [.. open.Where(o => !NoteGlossary.NotSaid.Contains(o))],
                Missing = [.. open.Where(NoteGlossary.NotSaid.Contains)],
            };
            return;
        }
    }

    private bool WithTheStep(string text)
    {
        if (Last < 0)
            return false;
        var of = OfLast();
        if (of.Count == 0 || of[^1] != _lines.Count - 1)
            return false;
        var told = Joined([.. of.Select(i => _texts[i]), text]);
        if (!Keeps(told, of.Sum(i => _lines[i].Unknown.Count), out var step, out var open))
            return false;
        // What changes nothing was not read.
        if (
            NoteGlossary.BesideDose(text) is not null
            && !NoteGlossary.NamesWork(text)
            && !NoteGlossary.OnlyThere(text)
            && NoteGlossary.HasAllOf(_steps[Last], step)
        )
            return false;
        _steps[Last] = step;
        StillAsked(of, open);
        Add(text, NoteKind.Step, Last, [.. open.Where(o => !of.Any(i => _lines[i].Unknown.Contains(o) || _lines[i].Missing.Contains(o)))]);
        return true;
    }

    /// <summary>Lines of the last step, where all that was said of it is in them.</summary>
    private List<int> OfLast()
    {
        var of = Enumerable.Range(0, _lines.Count).Where(i => _lines[i].Step == Last && OfAStep.Contains(_lines[i].Kind)).ToList();
        return of.Count > 0 && of[^1] - of[0] == of.Count - 1 ? of : [];
    }

    /// <summary>Whether the last step, read anew from what is told, has all that it had, and no more is asked.</summary>
    private bool Keeps(string told, int asked, out Step step, out IReadOnlyList<string> open)
    {
        open = [];
        step = _steps[Last];
        if (_glossary.Step(told, out var unknown) is not { } anew || !NoteGlossary.HasAllOf(anew, step))
            return false;
        var now = Asked(told, anew, unknown);
        if (now.Count > asked)
            return false;
        (step, open) = (anew, [.. now, .. unknown.Where(NoteGlossary.NotSaid.Contains)]);
        return true;
    }

    private List<string> Asked(string told, Step step, IReadOnlyList<string> open)
    {
        List<string> asked = [.. open.Where(o => !NoteGlossary.NotSaid.Contains(o))];
        return [.. asked, .. _glossary.NotAgain(told, step, asked)];
    }

    /// <summary>Of what was asked in these lines, what is asked still.</summary>
    private void StillAsked(List<int> lines, IReadOnlyList<string> open)
    {
        foreach (var i in lines)
            _lines[i] = _lines[i] with
            {
                Unknown = [.. _lines[i].Unknown.Where(open.Contains)],
                Missing = [.. _lines[i].Missing.Where(open.Contains)],
            };
    }

    private static string Joined(IReadOnlyList<string> texts) =>
        string.Join(", ", texts.Select(t => t.Trim().TrimEnd('.', ';', ',', '!', ' ')));
}
