using System.Diagnostics.CodeAnalysis;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Sentences that lean on the step before: how it is held, how hard, how it lets go, how often.</summary>
internal sealed partial class NoteReader
{
    /// <summary>"Shoulders down, jaw loose": how the rest is held in the step before, or in the first one.</summary>
    private bool HeldSo(string text)
    {
        if (NoteGlossary.OnlyLooksAhead(text))
        {
            Add(text, NoteKind.Pose, Last >= 0 ? Last : null);
            return true;
        }
        if (NoteGlossary.Pose(NoteGlossary.Otherwise(text)) is not { } pose)
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

    /// <summary>"Breathe calmly.": how it is breathed in the step before.</summary>
    private bool BreathesOn(string text, bool onward)
    {
        if (Last < 0 || _laid is not null || _listed || onward || !NoteGlossary.OnlyBreathes(text))
            return false;
        if (NoteGlossary.IsDeepBreath(text) && _steps[Last].AllActs.All(a => a.Do != "breathe"))
            _steps[Last] = _steps[Last] with { Acts = [.. _steps[Last].AllActs, NoteGlossary.Breath] };
        Add(text, NoteKind.Pose, Last);
        return true;
    }

    private bool KeepsStill(string text)
    {
        // "Raise the brows, no frown": what moves itself is not kept still, so that this is a caution.
        if (
            Last < 0
            || NoteGlossary.Still(text) is not { Count: > 0 } quiet
            || (NoteGlossary.Forbids(text) && NoteGlossary.MovesAll(_steps[Last], quiet))
        )
            return false;
        _steps[Last] = _steps[Last] with { Still = [.. _steps[Last].AllStill.Union(quiet)] };
        if (NoteGlossary.Pose(NoteGlossary.Otherwise(text)) is { } pose)
            _steps[Last] = _steps[Last] with { State = Over(_steps[Last].State, pose) };
        Add(text, NoteKind.Still, Last, Beside(text));
        return true;
    }

    /// <summary>How the rest was held, and what is said of it now.</summary>
    [return: NotNullIfNotNull(nameof(was))]
    [return: NotNullIfNotNull(nameof(now))]
    internal static PoseState? Over(PoseState? was, PoseState? now) =>
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
        List<string> asked = [.. _glossary.Beside(NoteGlossary.Otherwise(text)).Select(b => $"“{b}”: what is it for here?")];
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
        if (NoteGlossary.OnlyPressure(text) is not { } pressure)
            return false;
        if (_laid is { Step.AllHands: [{ Pressure: null } lies] } laid)
        {
            _laid = (laid.Step with { Hands = [lies with { Pressure = pressure }] }, laid.Line);
            Add(text, NoteKind.Dose);
            return true;
        }
        if (Last < 0 || _steps[Last].AllHands is not [var hand])
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

    /// <summary>"With oil.": how the hands of the step before glide.</summary>
    private bool HowItGlides(string text)
    {
        if (!NoteGlossary.OnlySlip(text))
            return false;
        if (Last < 0)
        {
            _materials.Add(text.Trim(' ', '.').ToLowerInvariant());
            Add(text, NoteKind.Material);
            return true;
        }
        if (_steps[Last].AllHands.Count == 0)
            return false;
        _steps[Last] = _steps[Last] with { Hands = [.. _steps[Last].AllHands.Select(h => h with { GripOrSlip = "slip" })] };
        Add(text, NoteKind.Dose, Last);
        return true;
    }

    /// <summary>"Resist.": what the hands of the step before are for.</summary>
    private bool Resists(string text)
    {
        if (Last < 0 || _laid is not null || !NoteGlossary.OnlyResists(text))
            return false;
        var step = _steps[Last];
        if (step.AllHands.Count == 0 || !step.AllActs.Any(a => NoteGlossary.CanBeResisted(a.Do)))
            return false;
        _steps[Last] = step with
        {
            Acts = [.. step.AllActs.Select(a => NoteGlossary.CanBeResisted(a.Do) ? a with { Resist = a.Resist ?? "finger" } : a)],
            Hands = [.. step.AllHands.Select(h => h with { Role = h.Role ?? "resist" })],
        };
        Add(text, NoteKind.Dose, Last);
        return true;
    }

    /// <summary>"Alternate.": the hands of the step before, in turn.</summary>
    private bool Alternates(string text)
    {
        if (Last < 0 || _laid is not null || !NoteGlossary.OnlyAlternates(text) || _steps[Last].AllHands.Count == 0)
            return false;
        _steps[Last] = _steps[Last] with { Hands = [.. _steps[Last].AllHands.Select(h => h with { Sides = "alternating" })] };
        Add(text, NoteKind.Side, Last);
        return true;
    }

    /// <summary>"No sliding.": how the hands of the step before lie on the skin.</summary>
    private bool GripsThere(string text)
    {
        if (Last < 0 || !NoteGlossary.OnlyGrip(text) || _steps[Last].AllHands.Count == 0)
            return false;
        _steps[Last] = _steps[Last] with { Hands = [.. _steps[Last].AllHands.Select(h => h with { GripOrSlip = "grip" })] };
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
        if (Last >= 0 && _laid is null && _steps[Last].State?.Head == "back" && NoteGlossary.HeadComesBack(text))
        {
            Add(text, NoteKind.Dose, Last);
            return true;
        }
        if (Last < 0 || _laid is not null || NoteGlossary.WayBack(text) is not { } seconds)
            return false;
        var tempo = _steps[Last].Tempo ?? new(null, null, null, null);
        if (seconds > 0)
            _steps[Last] = _steps[Last] with { Tempo = tempo with { OutS = tempo.OutS ?? seconds } };
        Add(text, NoteKind.Dose, Last);
        return true;
    }

    /// <summary>"Finish at the temple.": where the way of the step before ends.</summary>
    private bool EndsThere(string text)
    {
        if (
            Last < 0
            || _laid is not null
            || _glossary.EndOfWay(text) is not { } end
            || _steps[Last].AllHands is not [{ AllPath.Count: > 0 } hand]
        )
            return false;
        if (hand.AllPath[^1].At != end)
            _steps[Last] = _steps[Last] with { Hands = [hand with { Path = [.. hand.AllPath, new(end, null, null, null)] }] };
        Add(text, NoteKind.Step, Last);
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

    /// <summary>A count or a time by itself belongs to the step before; a second one is asked about.</summary>
    private bool HowMuch(string text, bool onward)
    {
        if (NoteGlossary.Dose(text) is not { } dose)
            return false;
        var lies = _laid?.Line;
        LayDown();
        if (Last < 0)
            return false;
        var step = _steps[Last];
        // "Palms on the cheeks. Stay 30 seconds.": that is all they do.
        if (lies is { } line && step is { AllActs.Count: 0 } && NoteGlossary.HasTime(dose.Line!))
            _lines[line] = _lines[line] with
            {
                Unknown = [],
                Missing = step.AllHands.All(h => h.Pressure is not null) ? [] : [NoteGlossary.HowHardAsked],
            };
        var goesOn = onward || NoteGlossary.GoesOnThen(text);
        if (NoteGlossary.LastHeld(text) is { } last && step.AllActs.Count > 0 && NoteGlossary.IsCounted(step.Dose))
        {
            _steps.Add(step with { Dose = dose with { Line = last }, Tempo = null, Cue = text });
            Add(text, NoteKind.Step, Last);
            return true;
        }
        if (step.Dose is null)
            _steps[Last] = step with { Dose = dose };
        else if (NoteGlossary.OneDose(step.Dose, dose, NoteGlossary.InRounds(text)) is { } one)
            _steps[Last] = step with { Dose = one };
        else if (goesOn && NoteGlossary.HoldsOnce(step, dose, text))
        {
            // "10 times, then hold 10 s": held once, after them.
            _steps.Add(step with { Dose = dose, Tempo = null, Cue = text });
            Add(text, NoteKind.Step, Last);
            return true;
        }
        else if (goesOn && NoteGlossary.PulsesAfter(step, text))
        {
            // "Hold 20 s, then 20 quick pulses": pulsed after the hold.
            _steps.Add(step with { Dose = dose, Tempo = null, Cue = text });
            Add(text, NoteKind.Step, Last);
            return true;
        }
        else if (NoteGlossary.OnlyHold(step.Dose.Line!) is { } held && !NoteGlossary.HasTime(dose.Line!))
            // "Hold for 3 counts. 10 times.": what was said of each, and then how many.
            _steps[Last] = step with { Dose = NoteGlossary.WithDose(dose, held) };
        else if (NoteGlossary.EachHeld(step, text) is { } each)
            _steps[Last] = step with
            {
                Dose = NoteGlossary.WithDose(dose, each),
                Tempo = NoteGlossary.GoesBackSlowly(text) ? Slowly(step.Tempo) : step.Tempo,
            };
        else if (NoteGlossary.HoldOf(text) is { } hold && !NoteGlossary.HasTime(step.Dose.Line!))
        {
            if (NoteGlossary.LastOnly(text) || (onward && NoteGlossary.IsCounted(step.Dose)))
            {
                Add(
                    text,
                    NoteKind.Dose,
                    Last,
                    "Is each held, or only the last one? A dose holds each alike: give that hold a step of its own. It was not added."
                );
                return true;
            }
            _steps[Last] = step with { Dose = NoteGlossary.WithDose(step.Dose, hold) };
        }
        else
        {
            Add(
                text,
                NoteKind.Repeat,
                Last,
                $"“{step.Dose.Line}” was said, now “{dose.Line}”: instead, or as sets of it? Nothing was multiplied."
            );
            return true;
        }
        // "Draw them to the ears. Hold 8 s.": what is pulled and held there is no stroke.
        if (NoteGlossary.HoldOf(text) is not null && _steps[Last].AllHands is [{ Verb: "stroke", GripOrSlip: null } pulled])
            if (NoteGlossary.Pulls(_steps[Last].Cue ?? ""))
                _steps[Last] = _steps[Last] with { Hands = [pulled with { Verb = "lift-hold" }] };
        if (NoteGlossary.WorksSidesInTurn(text))
            _steps[Last] = _steps[Last] with
            {
                Hands = [.. _steps[Last].AllHands.Select(h => h.Sides is null or "both" ? h with { Sides = "one-then-other" } : h)],
                Acts = [.. _steps[Last].AllActs.Select(a => a.Side is "left" or "right" ? a with { Side = "both" } : a)],
            };
        if (NoteGlossary.IsSlip(text) && !NoteGlossary.IsDry(text))
            _steps[Last] = _steps[Last] with { Hands = [.. _steps[Last].AllHands.Select(h => h with { GripOrSlip = "slip" })] };
        // What was said of either side stays said.
        if (step.Dose?.Line?.Contains(EachSide, StringComparison.Ordinal) == true && _steps[Last].Dose is { } counted)
            _steps[Last] = _steps[Last] with { Dose = NoteGlossary.WithDose(counted, EachSide) };
        if (NoteGlossary.NamesSides(dose.Line!))
            Answered(NoteGlossary.WhichOneAsked);
        if (NoteGlossary.EffortOf(text) is { } effort && _steps[Last].AllHands is not [{ Pressure: null }])
            _steps[Last] = _steps[Last] with { Acts = [.. _steps[Last].AllActs.Select(a => a with { Effort = a.Effort ?? effort })] };
        Answered(NoteGlossary.HowManyAsked);
        if (NoteGlossary.PressureOf(text) is { } hard && _steps[Last].AllHands is [{ Pressure: null } bare])
        {
            _steps[Last] = _steps[Last] with { Hands = [bare with { Pressure = hard }] };
            Answered(NoteGlossary.HowHardAsked);
        }
        var uncounted = Last > 0 && !NoteGlossary.IsCounted(_steps[Last - 1].Dose) && NoteGlossary.IsCounted(_steps[Last].Dose);
        if (
            Last > 0
            && (_onward == Last || (uncounted && _steps[Last - 1].Dose is not null))
            && NoteGlossary.InTurn(_steps[Last - 1], _steps[Last], onward: true) is { } both
        )
        {
            Joined(both);
            // "Press the lips 5 s, then pucker 5 s, then smile 5 s. 6 rounds."
            while (
                Last > 0
                && _steps[Last - 1].Dose is not null
                && !NoteGlossary.IsCounted(_steps[Last - 1].Dose)
                && NoteGlossary.InTurn(_steps[Last - 1], _steps[Last], onward: true) is { } all
            )
                Joined(all);
            uncounted = Last > 0 && !NoteGlossary.IsCounted(_steps[Last - 1].Dose);
        }
        else if (Last > 0 && NoteGlossary.OfOnePartInTurn(_steps[Last - 1], _steps[Last]) is { } turn)
        {
            Joined(turn);
            uncounted = false;
        }
        else if (Last > 0 && NoteGlossary.UnderThem(_steps[Last - 1], _steps[Last]) is { } under)
        {
            Joined(under);
            uncounted = false;
        }
        List<string> asked = [.. BesideDose(text)];
        if (Last > 0 && (_onward == Last ? !NoteGlossary.IsCounted(_steps[Last - 1].Dose) || NoteGlossary.InRounds(text) : uncounted))
            asked.Add(OfBothAsked(dose));
        Add(text, NoteKind.Dose, Last, asked);
        return true;
    }

    private const string EachSide = "each side";

    private const string WorkedAsBefore = "Worked as the step before it?";

    private static string OfBothAsked(Dose dose) => $"“{dose.Line}”: of this step, or of it and the one before in turn?";
}
