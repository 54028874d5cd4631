using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Claims;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Library;
using Wexis.Core.Techniques.Notes.Roles;

namespace Wexis.Core.Techniques.Notes;

/// <summary>Reads notes sentence by sentence, with what the sentences before have said in mind. One reader reads one text.</summary>
internal sealed partial class NoteReader(Atlas atlas, IReadOnlyCollection<string> left)
{
    /// <summary>From here two sentences say the same: four of five words in common.</summary>
    private const double Same = 0.8;

    private const string AnotherBegins = "Does another technique begin here? Paste each by itself: the steps were put into one.";

    private readonly NoteGlossary _glossary = NoteGlossary.Of(atlas);
    private readonly List<NoteLine> _lines = [];
    private readonly List<Step> _steps = [];
    private readonly List<(IReadOnlyList<string> Words, int Line)> _said = [];
    private readonly List<Claim> _claims = [];
    private readonly List<string> _advice = [];
    private readonly List<string> _feel = [];
    private readonly List<string> _cautions = [];
    private readonly List<string> _materials = [];
    private string? _name;

    /// <summary>Of what the sentences after a title speak: "Jaw. Open slowly against the fist."</summary>
    private string? _topic;

    /// <summary>The sentence that is read now, as it stood.</summary>
    private string _stood = "";

    /// <summary>Whether it has a number of its own in a list.</summary>
    private bool _listed;

    /// <summary>Whether it begins a line of its own.</summary>
    private bool _begins;

    /// <summary>Where hands were laid before anything happened, and the line that said so: it belongs to what comes next.</summary>
    private (Step Step, int Line)? _laid;

    /// <summary>How face and body are held before anything happened, and the line that said so.</summary>
    private (PoseState Pose, int Line)? _posed;

    /// <summary>The step that went on with the one before it in one sentence; what is counted then may be both.</summary>
    private int? _onward;

    private int Last => _steps.Count - 1;

    public void Read(NoteSentence sentence)
    {
        var text = sentence.Text;
        (_stood, _listed, _begins) = (sentence.Stood, sentence.Listed, sentence.Begins);
        var words = NoteGlossary.Words(text);
        var twin = _said
            .Where(s => TechniqueLikeness.Of([.. s.Words.Distinct()], [.. words.Distinct()]) >= Same)
            .Select(s => _lines[s.Line])
            .FirstOrDefault(SaysItAgain);
        // "Look left. Hold 3. Right. Hold 3.": held as long on either side.
        if (twin is { Kind: NoteKind.Dose } && _lines is [.., { Kind: NoteKind.Side }] && NoteGlossary.OnlyHolds(text))
        {
            Add(text, NoteKind.Dose, twin.Step);
            return;
        }
        if (twin is not null)
        {
            Add(text, NoteKind.Repeat, twin.Step, "Is this the same step, or does it come again? It was not added.");
            return;
        }
        var line = _lines.Count;
        Sort(sentence);
        _said.Add((words, line));
    }

    /// <summary>What leans on a step ("10 times.", "Change sides.") may well be said of another one too.</summary>
    private bool SaysItAgain(NoteLine line) =>
        line.Kind switch
        {
            NoteKind.Start => _laid is not null,
            NoteKind.Pose or NoteKind.Dose or NoteKind.Side or NoteKind.Still => line.Step == (Last < 0 ? null : Last),
            _ => true,
        };

    public NoteReading Finish(string text)
    {
        LayDown();
        var draft = TechniqueDocument.Empty with
        {
            Name = _name,
            Steps =
            [
                .. _steps.Select((s, i) => NoteGlossary.Settled(s, string.Join(' ', _lines.Where(l => l.Step == i).Select(l => l.Text)))),
            ],
            Claims = _claims,
            Advice = _advice,
            Cautions = _cautions,
            Materials = _materials,
            Practice = _feel.Count == 0 ? null : new(string.Join(' ', _feel), null, null, null),
        };
        return new(text, draft, _lines);
    }

    private void Sort(NoteSentence sentence)
    {
        var text = sentence.Text;
        if (_glossary.IsTitle(sentence))
        {
            var first = _name is null && _steps.Count == 0;
            if (first)
                _name = NoteGlossary.Title(text);
            _topic = NoteGlossary.Title(text);
            Add(text, NoteKind.Title, null, first ? [] : [AnotherBegins]);
        }
        else if (NoteGlossary.CutForbidding(text) is var (work, caution))
        {
            var (whole, cut) = (_stood, _stood.LastIndexOf(caution, StringComparison.Ordinal));
            _stood = cut > 0 ? whole[..cut].TrimEnd(' ', ',', ';', '(', '-', '–') : whole;
            Sort(sentence with { Text = work });
            _stood = cut > 0 ? whole[cut..] : whole;
            // "… (not with neck pain)": the bracket was opened before.
            if (caution.EndsWith(')') && !caution.Contains('(', StringComparison.Ordinal))
                caution = caution[..^1];
            Sort(sentence with { Text = caution, Onward = false });
        }
        // A sentence that forbids is a caution, whatever it forbids.
        else if (NoteGlossary.Forbids(text))
        {
            if (KeepsStill(text) || HowHard(text) || GripsThere(text) || Resists(text) || (NoteGlossary.ShowsNoTeeth(text) && HeldSo(text)))
                return;
            _cautions.Add(text);
            Add(text, NoteKind.Caution);
        }
        // "Feel the masseter with the fingers.": what the hands of the step before are for.
        else if (NoteGlossary.SaysHowItFeels(text))
        {
            if (NoteGlossary.NamesHands(text) && WithOthers(text, sentence.Onward))
                return;
            _feel.Add(text);
            Add(text, NoteKind.Advice);
        }
        else if (NoteGlossary.IsAdvice(text))
        {
            _advice.Add(text);
            Add(text, NoteKind.Advice);
        }
        else if (_glossary.IsClaim(text))
        {
            _claims.Add(new(text, null, null, null));
            Add(text, NoteKind.Claim);
        }
        else if (!NoteGlossary.UsesToolThere(text) && NoteGlossary.Material(text) is { } material)
        {
            if (_steps.Count == 0)
                _name ??= NoteGlossary.LabelOf(text);
            _materials.Add(material);
            if (Last >= 0 && NoteGlossary.IsSlip(material))
                _steps[Last] = _steps[Last] with { Hands = [.. _steps[Last].AllHands.Select(h => h with { GripOrSlip = "slip" })] };
            Add(text, NoteKind.Material);
        }
        else if (_glossary.LaysHands(text) is { } laid)
        {
            LayDown();
            _laid = (laid, _lines.Count);
            Add(text, NoteKind.Start);
        }
        else if (NoteGlossary.AllOver(text))
            Add(
                text,
                NoteKind.Repeat,
                null,
                $"{Dosage(text)}: in all, or once more than was said? A technique is written once; nothing was multiplied."
            );
        else if (
            !LetsGo(text)
            && !Loosens(text)
            && !InThatManner(text)
            && !OtherSide(text)
            && !Alternates(text)
            && !Resists(text)
            && !HowOften(text)
            && !EndsThere(text)
            && !StartsThere(text)
            && !BreathesOn(text, sentence.Onward)
            && !NewStep(text, sentence.Onward)
            && !KeepsStill(text)
            && !HeldSo(text)
            && !HowHard(text)
            && !HowItGlides(text)
            && !HowMuch(text, sentence.Onward)
            && !OfTheTopic(text, sentence.Onward)
            && !WithOthers(text, sentence.Onward)
        )
            Add(text, NoteKind.Unread, null, "Nothing in this sentence could be read as a step. Write it by hand, or leave it out.");
    }

    private static string Dosage(string text) => NoteGlossary.Dose(text)?.Line is { } line ? $"“{line}”" : "Again";

    /// <summary>What hands were laid there, or worked last.</summary>
    private IEnumerable<string> HandsThere() =>
        (_laid?.Step ?? (Last >= 0 ? _steps[Last] : null))?.AllHands.Select(h => h.Contact ?? "") ?? [];

    private bool NewStep(string text, bool onward)
    {
        if (onward && Last >= 0)
            text = NoteGlossary.WithEyes(text, _steps[Last]);
        if (Last >= 0 && _laid is null)
            text = NoteGlossary.WithTool(text, _steps[Last]);
        text = NoteGlossary.WithToolTaken(text, [.. _materials, .. HandsThere()]);
        if (Last >= 0 && _laid is null && NoteGlossary.CountsWhatWas(_steps[Last], text))
            return false;
        var moved = Last >= 0 ? RoleWords.GoesOn(_steps[Last].AllActs.Select(a => a.Do ?? "")) : null;
        var step = _glossary.Step(text, out var unknown, moved);
        var open = unknown.ToList();
        if (step is null && Last >= 0 && _laid is null && _glossary.SameWork(text, _steps[Last]) is { } same)
        {
            step = same;
            // What one sentence goes on with is worked as it began.
            if (!onward)
                open.Add(WorkedAsBefore);
            if (same.AllHands[0].Pressure is null)
                open.Add(NoteGlossary.HowHardAsked);
            open.AddRange(_glossary.Beside(text, same.AllHands[0]).Select(b => $"“{b}”: what is it for here?"));
        }
        if (step is null && Last >= 0 && _laid is null && _glossary.SameWorkAt(text, _steps[Last]) is { } there)
            // A line of a list is a new one: it may be of other work.
            (step, open) = (there, _listed || _begins ? [WorkedAsBefore] : []);
        if (step is null && Last >= 0 && _laid is null && NoteGlossary.Likewise(text, _steps[Last].Cue) is { } alike)
        {
            step = _glossary.Step(alike, out unknown);
            open = unknown.ToList();
        }
        if (step is null)
            return false;
        if (_laid is { } rests && _glossary.PushesWhatItLiesOn(rests.Step, step, text) is { } pushes)
            (step, open) = (pushes, [.. open.Union(pushes.AllHands[0].Pressure is null ? [NoteGlossary.HowHardAsked] : [])]);
        if (_laid is { } laid)
        {
            // "Thumbs on the temples. Pull the skin back": who pulls is told by both sentences.
            if (
                (open.Exists(o => !NoteGlossary.NotSaid.Contains(o)) || NoteGlossary.PressesThere(step, text))
                && _glossary.Together(laid.Step, text, out var asked) is { AllHands.Count: > 0 } together
                && asked.Count(a => !NoteGlossary.NotSaid.Contains(a))
                    < open.Count(o => !NoteGlossary.NotSaid.Contains(o)) + (NoteGlossary.PressesThere(step, text) ? 1 : 0)
            )
                (step, open) = (together, [.. asked]);
            else
            {
                step = NoteGlossary.From(laid.Step, step, open);
                if (NoteGlossary.LosesPlace(laid.Step, step))
                    open.Add($"“{(laid.Step.Cue ?? "").Trim(' ', '.')}”: what is it for here?");
            }
            _lines[laid.Line] = _lines[laid.Line] with { Step = _steps.Count };
            _laid = null;
        }
        if (Last >= 0)
            step = NoteGlossary.OnFrom(_steps[Last], step, open);
        if (Last >= 0 && (onward || NoteGlossary.WorksOnThem(step)))
            step = NoteGlossary.SamePlace(_steps[Last], step, open);
        if (_posed is { } posed)
        {
            step = step with { State = Over(posed.Pose, step.State) };
            _lines[posed.Line] = _lines[posed.Line] with { Step = _steps.Count };
            _posed = null;
        }
        if (
            Last >= 0
            && (
                NoteGlossary.SaysMore(_steps[Last], step)
                ?? NoteGlossary.InThatPosition(_steps[Last], step)
                ?? NoteGlossary.UnderThem(_steps[Last], step)
                ?? NoteGlossary.InTurn(_steps[Last], step, onward)
                ?? NoteGlossary.CountsIt(_steps[Last], step)
                ?? NoteGlossary.WorksThere(_steps[Last], step, onward)
                ?? NoteGlossary.WithEyesShut(_steps[Last], step, onward)
                ?? NoteGlossary.OnTheSameWay(_steps[Last], step, onward)
                ?? (_listed ? null : NoteGlossary.BreathesMeanwhile(_steps[Last], step, onward))
                ?? (_begins ? null : NoteGlossary.HeldMeanwhile(_steps[Last], step, onward))
                ?? AsOne(text, step, onward, ref open)
            )
                is { } whole
        )
        {
            _steps[Last] = whole;
            foreach (var question in NoteGlossary.AnsweredBy(whole))
            {
                open.Remove(question);
                Answered(question);
            }
            open.AddRange(_glossary.NotAgain(text, whole, open));
            Answered(NoteGlossary.HowManyAsked);
            Add(text, NoteKind.Step, Last, open);
            return true;
        }
        if (
            onward
            && Last >= 0
            && !NoteGlossary.GoesOnByItself(_steps[Last], step)
            && _steps[Last].Dose is { } held
            && !NoteGlossary.IsCounted(held)
            && step.Dose is { } counted
            && NoteGlossary.IsCounted(counted)
        )
            open.Add(OfBothAsked(counted));
        open.AddRange(_glossary.NotAgain(text, step, open));
        _steps.Add(step);
        _onward = onward && Last > 0 ? Last : null;
        Add(text, NoteKind.Step, Last, open);
        if (!_listed && !onward)
            TakeInUnread(_lines.Count - 1);
        return true;
    }

    /// <summary>
    /// Hands that were laid and then did nothing belong to a movement of the face before them; without one they are a step of their own.
    /// </summary>
    private void LayDown()
    {
        if (_laid is not { } laid)
            return;
        if (Last >= 0 && _steps[Last] is { AllActs.Count: > 0, AllHands.Count: 0 } moving)
        {
            var open = new List<string>();
            _steps[Last] = NoteGlossary.From(laid.Step, moving, open);
            _lines[laid.Line] = _lines[laid.Line] with { Step = Last, Unknown = open };
        }
        else
        {
            _steps.Add(laid.Step);
            _lines[laid.Line] = _lines[laid.Line] with { Step = Last, Unknown = ["Laid there and then? How long, how hard?"] };
        }
        _laid = null;
    }

    /// <summary>
    /// "Then the other side": the step before is worked on one side, then on the other. Its count is per side and is not added.
    /// </summary>
    private bool OtherSide(string text)
    {
        if (Last < 0 || !_glossary.OnlyTheOtherSide(text))
            return false;
        LayDown();
        var (step, dose) = (_steps[Last], NoteGlossary.Dose(text));
        List<string> open = [.. _glossary.BesideTheOtherSide(text).Select(b => $"“{b}”: what is it for here?")];
        if (dose is not null && step.Dose is { } held && NoteGlossary.CountAfter(held, dose) is { } count)
            // "Hold 4 s, then to the left 4 s, 6x.": how long each, and how many.
            step = step with { Dose = NoteGlossary.WithDose(NoteGlossary.WithDose(held, count), EachSide) };
        else if (dose is not null && step.Dose is not null && !NoteGlossary.SameCount(dose.Line!, step.Dose.Line!))
            open.Add($"“{step.Dose.Line}” there and “{dose.Line}” here: which is it? Nothing was added.");
        else if ((step.Dose ?? dose) is { } known)
        {
            step = step with { Dose = NoteGlossary.WithDose(known, EachSide) };
            Answered(NoteGlossary.HowManyAsked);
        }
        Answered(NoteGlossary.WhichOneAsked);
        _steps[Last] = step with
        {
            Still = [.. step.AllStill.Union(NoteGlossary.Still(text))],
            Hands = [.. step.AllHands.Select(h => h with { Sides = "one-then-other" })],
            Acts = [.. step.AllActs.Select(a => a.Side is "left" or "right" ? a with { Side = "both" } : a)],
        };
        Add(text, NoteKind.Side, Last, open);
        return true;
    }

    private void Add(string text, NoteKind kind, int? step, string unknown) => Add(text, kind, step, [unknown]);

    private void Add(string text, NoteKind kind, int? step = null, IReadOnlyList<string>? unknown = null)
    {
        if (
            step is not null
            && kind is NoteKind.Dose or NoteKind.Side or NoteKind.Still
            && _lines is [.., { Kind: NoteKind.Unread or NoteKind.Repeat, Text: var before }]
        )
            unknown = [.. unknown ?? [], $"“{text.Trim(' ', '.')}”: of the step before, or of “{before.Trim(' ', '.')}”?"];
        var garbled = _glossary.Garbled(text);
        var named = ClaimWords
            .Named(NoteGlossary.Without(text, garbled.Select(g => g.Said)), atlas)
            .SelectMany(n => n.Structures)
            .Distinct()
            .Select(s => new NamedStructure(s, atlas.BothNames(s)));
        _texts.Add(text);
        _lines.Add(
            new(
                _stood,
                kind,
                step,
                NoteGlossary.Polarity(text),
                [.. (unknown ?? []).Where(u => !NoteGlossary.NotSaid.Contains(u))],
                [.. (unknown ?? []).Where(NoteGlossary.NotSaid.Contains)],
                [.. garbled.Where(g => !left.Contains(g.Said))],
                [.. named],
                []
            )
        );
    }
}
