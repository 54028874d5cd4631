using System.Diagnostics.CodeAnalysis;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Sentences that lean on the step before: how it is held, how hard, how it lets go, how often.</summary>
internal sealed partial class NoteReader
{
    /// <summary>"Shoulders down, jaw loose": how the rest is held in the step before, or in the first one.</summary>
    private bool HeldSo(string text)
    {
        if (NoteGlossary.Pose(text) is not { } pose)
            return false;
        if (Last >= 0)
        {
            _steps[Last] = _steps[Last] with { State = Over(_steps[Last].State, pose) };
        }
        else
            _posed = (Over(_posed?.Pose, pose), _lines.Count);
        Add(text, NoteKind.Pose, Last >= 0 ? Last : null, Beside(text));
        return true;
    }

    /// <summary>How the rest was held, and what is said of it now.</summary>
    [return: NotNullIfNotNull(nameof(was))]
    [return: NotNullIfNotNull(nameof(now))]
    private static PoseState? Over(PoseState? was, PoseState? now) =>
        was is null ? now
        : now is null ? was
        : new(
            now.Gaze ?? was.Gaze,
            now.Lids ?? was.Lids,
            now.Jaw ?? was.Jaw,
            now.Lips ?? was.Lips,
            now.Tongue ?? was.Tongue,
            now.Head ?? was.Head,
            now.Shoulders ?? was.Shoulders
        );

    /// <summary>
    /// What a sentence says beside how something is held: a dose is the step's where it has none, the rest is asked about.
    /// </summary>
    private List<string> Beside(string text)
    {
        List<string> asked = [.. _glossary.Beside(text).Select(b => $"“{b}”: what is it for here?")];
        if (NoteGlossary.Dose(text) is not { } dose)
            return asked;
        if (Last < 0)
            asked.Add($"“{dose.Line}”: of what? Nothing was done yet.");
        else if (_steps[Last].Dose is not null)
            asked.Add($"“{dose.Line}”: of the step before? It has a dose.");
        else
        {
            _steps[Last] = _steps[Last] with { Dose = dose };
            Answered(NoteGlossary.HowManyAsked);
        }
        return asked;
    }

    /// <summary>"Light pressure.": how hard the hand of the step before works; said twice it is asked about.</summary>
    private bool HowHard(string text)
    {
        if (Last < 0 || NoteGlossary.OnlyPressure(text) is not { } pressure || _steps[Last].AllHands is not [var hand])
            return false;
        if (hand.Pressure is not null && hand.Pressure != pressure)
        {
            Add(text, NoteKind.Dose, Last, $"“{text.Trim(' ', '.')}”: it was said otherwise before. How hard?");
            return true;
        }
        _steps[Last] = _steps[Last] with { Hands = [hand with { Pressure = pressure }] };
        Answered(NoteGlossary.HowHardAsked);
        Add(text, NoteKind.Dose, Last);
        return true;
    }

    /// <summary>The last step and the one before it are one: a movement and the other in turn.</summary>
    private void Joined(Step both)
    {
        var gone = Last;
        _steps.RemoveAt(gone);
        _steps[Last] = both;
        _onward = null;
        for (var i = 0; i < _lines.Count; i++)
            if (_lines[i].Step == gone)
                _lines[i] = _lines[i] with { Step = Last };
        Answered(NoteGlossary.HowManyAsked);
    }

    /// <summary>What was asked of the last step is answered now.</summary>
    /// <param name="question">The question, or how it ends.</param>
    private void Answered(string question)
    {
        for (var i = 0; i < _lines.Count; i++)
            if (_lines[i] is { Kind: NoteKind.Step } line && line.Step == Last)
                _lines[i] = line with
                {
                    Missing = [.. line.Missing.Where(u => u != question)],
                    Unknown = [.. line.Unknown.Where(u => !u.EndsWith(question, StringComparison.Ordinal))],
                };
    }

    private static Tempo Slowly(Tempo? was) =>
        (was ?? new(null, null, null, null)) is var tempo ? tempo with { OutS = tempo.OutS ?? NoteGlossary.SlowBackSeconds } : tempo;

    /// <summary>"Then relax slowly.": the way back of the step before.</summary>
    private bool LetsGo(string text)
    {
        if (Last < 0 || _laid is not null || NoteGlossary.WayBack(text) is not { } seconds)
            return false;
        var tempo = _steps[Last].Tempo ?? new(null, null, null, null);
        if (seconds > 0)
            _steps[Last] = _steps[Last] with { Tempo = tempo with { OutS = tempo.OutS ?? seconds } };
        Add(text, NoteKind.Dose, Last);
        return true;
    }

    /// <summary>"Every morning": how often in a day or a week, for every step that has a dose.</summary>
    private bool HowOften(string text)
    {
        if (Last < 0 || NoteGlossary.Often(text) is not { } often || _glossary.Step(text, out _) is not null)
            return false;
        List<string> beside = [.. _glossary.Beside(text).Select(b => $"“{b}”: what is it for here?")];
        for (var i = 0; i <= Last; i++)
            if (_steps[i].Dose is { } dose)
                _steps[i] = _steps[i] with { Dose = NoteGlossary.WithDose(dose, often) };
        Add(
            text,
            NoteKind.Dose,
            null,
            _steps.Any(s => s.Dose is not null) ? beside : ["How many, how long? Nothing was said that could come so often.", .. beside]
        );
        return true;
    }
}
