using System.Text.Json.Serialization;
using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Steps;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques.Claims;

/// <summary>One claim against the map: verdicts (the weightiest first), why, what is right instead, and how good the evidence is.</summary>
/// <param name="Claim">Number of the claim from 0; null where a name or a cue claims it.</param>
/// <param name="Verdicts">Verdict ids of the action model.</param>
/// <param name="Correction">What may be said instead, without blame; null when the claim stands.</param>
/// <param name="Parts">Where the sentence says several things: each with its own verdict.</param>
/// <param name="Grade">Grade of evidence; null where mechanics decide and no effect is claimed.</param>
public sealed record ClaimVerdict(
    int? Claim,
    string Text,
    ClaimKind Kind,
    IReadOnlyList<ClaimFinding> Verdicts,
    string Because,
    string? Correction,
    [property: Grade] string? Grade,
    string? GradeWords,
    Reason Why,
    IReadOnlyList<ClaimPart> Parts
)
{
    public bool Stands => Verdicts is [ClaimFinding.Supported];

    /// <summary>It was judged, and does not stand.</summary>
    [JsonIgnore]
    public bool IsContradicted => !Stands && Verdicts[0] is not (ClaimFinding.Waits or ClaimFinding.Asked);

    /// <summary>A name that is not known, and the nearest one; null where all are.</summary>
    [JsonIgnore]
    public MisspeltName? Suggestion { get; init; }
}

/// <summary>One of several things that a claim says.</summary>
/// <param name="Denied">It is said not to be so; the text stands without its "not".</param>
public sealed record ClaimPart(string Text, bool Denied, IReadOnlyList<ClaimFinding> Verdicts, string Because);

/// <summary>
/// Compares what an author says with what the mechanics can work (rules R120–R125). A claim never changes the map.
/// See docs/method.md#claims.
/// </summary>
public static partial class ClaimReview
{
    /// <summary>Whether a sentence speaks of illness, healing or diagnosis.</summary>
    internal static bool IsMedical(string text) => Medical().IsMatch(text);

    /// <summary>Whether a sentence promises an effect, speaks of illness, or of a study.</summary>
    internal static bool Promises(string text) =>
        Medical().IsMatch(text)
        || Study().IsMatch(text)
        || Desk.PromisedEffect(text) is not null
        || (OfTechnique().IsMatch(text) && Forever().IsMatch(text) && ClaimSentence.Says(text));

    /// <summary>Whether a sentence says that a muscle or a part of the face is worked.</summary>
    internal static bool SaysWork(string text, Atlas atlas) =>
        !ClaimSpeaker.Demands(text)
        && (ClaimSentence.Says(text) || NamesWorker().IsMatch(text))
        && ClaimWords.Verb(null, text) != ClaimVerb.Other
        && (
            Desk.SpeaksOfEffect(text)
            || ClaimWords.Named(text, atlas).Count > 0
            || ClaimWords.OfPart(text).Count > 0
            || ClaimWords.Misspelt(text, atlas) is not null
        );

    /// <summary>Whether a sentence says where something lies, what causes a sign, which way fluid goes, or what comes of it.</summary>
    internal static bool SaysSo(string text, Atlas atlas) => !ClaimSpeaker.Demands(text) && SaysSoAtAll(text, atlas);

    private static bool SaysSoAtAll(string text, Atlas atlas) =>
        SaysWhere().IsMatch(text) && (ClaimWords.Named(text, atlas).Count > 0 || PointCode().IsMatch(text))
        || CauseWords().IsMatch(text) && (ClaimWords.Named(text, atlas).Count > 0 || Weak().IsMatch(text))
        || MovesFluid().IsMatch(ClaimSentence.Plain(text))
        || ClaimSpeaker.Asserts(text, atlas)
        || OfResult().IsMatch(text) && Desk.SpeaksOfEffect(text)
        || OfTechnique().IsMatch(text)
            && (
                Desk.SpeaksOfEffect(text)
                || MovesSkin().IsMatch(text)
                || ClaimDoing.IsUnknown(text, atlas) && ClaimWords.Named(text, atlas).Count > 0
                || (ClaimSentence.Says(text) || ClaimSentence.SaysNothing(text))
                    && (ClaimWords.Named(text, atlas).Count > 0 || ClaimMovers.Doing(text).Count > 0)
                || (WorksThere().IsMatch(text) && ClaimSentence.Says(text) || ClaimSentence.SaysNothing(text))
                    && ClaimPlaces.Zones(text, atlas).Count > 0
            );

    public static IReadOnlyList<ClaimVerdict> Of(
        TechniqueDocument document,
        IReadOnlyList<DerivedStep> steps,
        WorkMap map,
        Atlas atlas,
        ActionModel model,
        bool stopped = false
    )
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(steps);
        var desk = new Desk(steps, map, atlas, model);
        List<ClaimVerdict> all =
        [
            .. (document.Claims ?? [])
                .Select((c, i) => (Claim: c, Index: i))
                .Where(x => !string.IsNullOrWhiteSpace(x.Claim.Text))
                .Select(x => desk.Judge(x.Claim, x.Index)),
            // A name or a cue that speaks of drainage claims it too; said only where it is not so.
            .. steps
                .Select(s => s.Completed.Cue)
                .Prepend(document.Name)
                .OfType<string>()
                .Where(t => DrainageClaim().IsMatch(t))
                .Distinct()
                .Select(t => desk.Judge(new(t, ClaimKind.Lymph.Word(), null, null), null))
                .Where(v => !v.Stands),
        ];
        return stopped ? [.. all.Select(c => c.Verdicts[0] == ClaimFinding.OutOfScope || PromisesNoHarm(c.Text) ? c : Wait(c))] : all;
    }

    /// <summary>After a stop nobody asks whether a claim is true: first the technique is mended.</summary>
    private static ClaimVerdict Wait(ClaimVerdict c) =>
        c with
        {
            Verdicts = [ClaimFinding.Waits],
            Because = "The technique is stopped: see its safety. Its claims are read when that is mended.",
            Correction = null,
            Grade = null,
            GradeWords = null,
            Parts = [],
            Suggestion = null,
        };

    /// <summary>What one judgement needs at hand.</summary>
    private sealed partial class Desk(IReadOnlyList<DerivedStep> steps, WorkMap map, Atlas atlas, ActionModel model)
    {
        private IReadOnlyList<WorkedRow> Rows => map.Worked;

        /// <summary>Nothing says what is done: what hangs on that is asked.</summary>
        private bool Untold => steps.Count == 0;

        private static Finding WhatIsDone() =>
            new(
                [ClaimFinding.Asked],
                "Nothing says what is done, so nobody can tell what it works.",
                "Say which technique does this.",
                null,
                "R120"
            );

        private static Finding NoWordFor() =>
            new([ClaimFinding.Asked], "Our map has no word for what is named here.", "Name a muscle or a place on the map.", null, "R120");

        private bool HandsOnly => steps.All(s => s.Completed.AllActs.Count == 0);

        public ClaimVerdict Judge(Claim claim, int? index)
        {
            var text = claim.Text!;
            var told = ClosedList.Of<ClaimKind>(claim.Kind);
            var judged = Read(text, told, claim.Structure is not null)
                .Select((a, i) => One(a, i == 0 ? told : null, claim.Structure, i == 0 ? claim.Verb : null))
                .ToList();
            var worst = judged.MinBy(j => Weight(j.Finding.Verdicts[0]))!;
            var open = judged.Where(j => j.Finding.Verdicts[0] != ClaimFinding.Supported).Select(j => j.Finding).ToList();
            return new(
                index,
                text,
                worst.Kind,
                open.Count == 0 ? [ClaimFinding.Supported] : [.. open.SelectMany(f => f.Verdicts).Distinct().OrderBy(Weight)],
                string.Join(" ", judged.Select(j => j.Finding.Because).Distinct()),
                open.Count == 0 ? null : string.Join(" ", open.Select(f => f.Correction).OfType<string>().Distinct()),
                worst.Finding.Grade,
                worst.Finding.Grade is { } g ? model.Document.EvidenceGrades[g] : null,
                new(
                    worst.Finding.Rule,
                    model.RuleText(worst.Finding.Rule),
                    [
                        new("claim", text),
                        .. worst.Structures.Take(1).Select(s => new ReasonInput("structure", atlas.BothNames(s))),
                        new("kind", worst.Kind.Word()),
                    ],
                    worst.Finding.Source
                ),
                judged.Count < 2
                    ? []
                    : [.. judged.Select(j => new ClaimPart(j.Said.Text, j.Said.Denied, j.Finding.Verdicts, j.Finding.Because))]
            )
            {
                Suggestion = judged.Select(j => j.Finding.Suggestion).FirstOrDefault(s => s is not null),
            };
        }

        /// <summary>
        /// What is said, one thing after the other. A study, a cause and what was sorted under one structure are whole sentences: half of
        /// one misquotes it.
        /// </summary>
        private IReadOnlyList<Assertion> Read(string text, ClaimKind? told, bool sorted)
        {
            var denied = ClaimSentence.Whole(text);
            var whole =
                sorted
                || told is ClaimKind.Evidence or ClaimKind.Cause or ClaimKind.Place
                || (!denied.Denied && (Study().IsMatch(text) || CauseWords().IsMatch(text)));
            return whole ? [denied] : ClaimSentence.Read(text, atlas);
        }

        private sealed record Judged(Assertion Said, ClaimKind Kind, IReadOnlyList<string> Structures, Finding Finding);

        /// <summary>Verdicts, the weightiest first.</summary>
        private static int Weight(ClaimFinding f) =>
            f switch
            {
                ClaimFinding.OutOfScope => 0,
                ClaimFinding.Asked => 1,
                ClaimFinding.AntagonistConfused => 2,
                ClaimFinding.WrongStructure => 3,
                ClaimFinding.WrongMode => 4,
                ClaimFinding.WrongDirection => 5,
                ClaimFinding.WrongLocation => 6,
                ClaimFinding.WrongExtent => 7,
                ClaimFinding.WrongCause => 8,
                ClaimFinding.MisquotedEvidence => 9,
                ClaimFinding.UnsupportedEffect => 10,
                ClaimFinding.OverstatedEffect => 11,
                ClaimFinding.PartlyRight => 12,
                _ => 13,
            };

        private Judged One(Assertion said, ClaimKind? told, string? chosen, string? verbTold)
        {
            var text = said.Text;
            var structures = chosen is not null && atlas.IsStructure(chosen) ? [chosen] : said.Structures ?? Claimed(text);
            if (structures.Count > 0 && ClaimMovers.Without(text) is var bare && bare != text)
                (text, said) = (bare, said with { Structures = structures });
            var verb = ClaimSpeaker.MuscleMoves(text, atlas) ? ClaimVerb.Trains : ClaimWords.Verb(verbTold, text);
            if (
                structures.Count == 0
                && told is null or ClaimKind.Structure or ClaimKind.Mode
                && verb is ClaimVerb.Trains or ClaimVerb.Strengthens or ClaimVerb.Relaxes or ClaimVerb.Stretches or ClaimVerb.Massages
                && PromisedEffect(text) is null
            )
                structures = ClaimWords.OfPart(text);
            if (!said.Denied && NotForAll().IsMatch(text))
                return new(said, ClaimKind.Effect, [], Stands("So much may be said of every technique: ask who has what.", "R123"));
            if (said.Denied ? Harms().IsMatch(text) : PromisesNoHarm(text))
                return new(said, ClaimKind.Effect, [], Known(Harmless, text));
            var kind = told ?? KindOf(text, structures, verb);
            if (chosen is null && said.Structures is null && ClaimWords.Misspelt(text, atlas) is { } near)
                return new(said, kind, structures, Ask(near));
            var finding = Find(said, text, kind, structures, verb, chosen);
            return new(said, kind, structures, said.Denied ? Denied(finding, kind, text) : finding);
        }

        private Finding Find(Assertion said, string text, ClaimKind kind, IReadOnlyList<string> structures, ClaimVerb verb, string? chosen)
        {
            var finding =
                Medical().IsMatch(text) && kind is not ClaimKind.Evidence ? OutOfScope()
                : LessThanWhole(text, verb) is { } less ? less
                : kind switch
                {
                    ClaimKind.Effect => Effect(text),
                    ClaimKind.Evidence => Evidence(text),
                    ClaimKind.Cause => Cause(text, structures),
                    ClaimKind.Place => Place(text, structures),
                    ClaimKind.Lymph => Lymph(text),
                    ClaimKind.Action => Action(text, structures, verb),
                    _ when structures.Count > 0 && verb == ClaimVerb.Other && ClaimDoing.IsUnknown(text, atlas) => NoEvidence(),
                    _ when structures.Count == 0 => verb == ClaimVerb.Drains ? Lymph(text) : Effect(text),
                    _ when chosen is null && said.Structures is null && Several(text) is { Count: > 1 } named => Together([
                        .. named.Select(n => Structure(text, ClaimWords.Narrowed(text, n.Structures), verb, kind)),
                    ]),
                    _ => Structure(text, structures, verb, kind),
                };
            // What is done to a thing that the map has no word for cannot stand; nor can anybody tell whether it is rightly denied.
            if (
                finding.Verdicts[0] is (ClaimFinding.Supported or ClaimFinding.PartlyRight)
                && OfWork(kind)
                && ClaimObject.IsUnknown(text, atlas)
            )
                return said.Denied ? NoWordFor() : NoEvidence();
            if (finding.Verdicts is not [ClaimFinding.Supported] || !OfWork(kind) || kind == ClaimKind.Lymph)
                return finding;
            // What stands as mechanics may still promise too much.
            if (PromisedEffect(text) is not null && Effect(text) is { Verdicts: not [ClaimFinding.Supported] } more)
                return more with { Because = $"{finding.Because} {more.Because}" };
            var beyond =
                Forever().IsMatch(text) ? "How long it lasts is not shown."
                : HowMuch().IsMatch(text) ? "How much is not shown."
                : ClaimSpeaker.Compares(text) ? "We know of no comparison with others."
                : null;
            return beyond is null
                ? finding
                : finding with
                {
                    Verdicts = [ClaimFinding.OverstatedEffect],
                    Because = $"{finding.Because} {beyond}",
                    Correction = "Say what it works, without how long or how much.",
                    Grade = "D",
                };
        }

        private static bool OfWork(ClaimKind kind) => kind is not (ClaimKind.Evidence or ClaimKind.Cause or ClaimKind.Place);

        /// <summary>The structures that a text claims: those it names and does not set apart, the longest name first.</summary>
        private IReadOnlyList<string> Claimed(string text) =>
            ClaimWords.Narrowed(text, Several(text).MaxBy(n => n.Length)?.Structures ?? []);

        /// <summary>What is denied stands where the thing itself does not, and the other way round.</summary>
        private static Finding Denied(Finding f, ClaimKind kind, string text) =>
            f.Verdicts[0] switch
            {
                ClaimFinding.PartlyRight => f with
                {
                    Because = $"{f.Because} So it is not quite left out.",
                    Correction = "Say: only helps.",
                },
                ClaimFinding.Supported => f with
                {
                    Verdicts =
                    [
                        kind switch
                        {
                            ClaimKind.Mode => ClaimFinding.WrongMode,
                            ClaimKind.Action or ClaimKind.Lymph => ClaimFinding.WrongDirection,
                            ClaimKind.Place => ClaimFinding.WrongLocation,
                            ClaimKind.Cause => ClaimFinding.WrongCause,
                            ClaimKind.Effect => ClaimFinding.UnsupportedEffect,
                            ClaimKind.Evidence => ClaimFinding.MisquotedEvidence,
                            _ when ClaimWords.Verb(null, text) is ClaimVerb.Relaxes or ClaimVerb.Stretches or ClaimVerb.Massages =>
                                ClaimFinding.WrongMode,
                            _ => ClaimFinding.WrongStructure,
                        },
                    ],
                    Because = $"{f.Because} The sentence says that it is not so.",
                    Correction = "Leave the “not” out, or change what is done.",
                },
                // Not told is not "no": what cannot be told cannot be denied (ruling 16).
                ClaimFinding.Asked => f,
                // "It does not heal" is rightly said; "it does not raise the blood pressure" is as medical as its opposite.
                ClaimFinding.OutOfScope when !Cures().IsMatch(text) => f,
                // The grade is of what is denied, not of the denial.
                _ => new([ClaimFinding.Supported], $"Rightly said. {f.Because}", null, null, f.Rule, f.Source),
            };

        private static Finding Ask(MisspeltName near) =>
            new(
                [ClaimFinding.Asked],
                $"“{near.Said}” is no name that we know.",
                $"Did you mean “{near.Name}”?",
                null,
                "R120",
                Suggestion: near
            );

        /// <summary>The kind of a claim that nobody sorted (R120).</summary>
        private static ClaimKind KindOf(string text, IReadOnlyList<string> structures, ClaimVerb verb)
        {
            if (Study().IsMatch(text))
                return ClaimKind.Evidence;
            if (CauseWords().IsMatch(text))
                return ClaimKind.Cause;
            if (verb == ClaimVerb.Drains)
                return ClaimKind.Lymph;
            if (PlaceWords().IsMatch(text) && verb != ClaimVerb.Massages && (structures.Count > 0 || PointCode().IsMatch(text)))
                return ClaimKind.Place;
            if ((structures.Count == 0 || verb == ClaimVerb.Other) && PromisedEffect(text) is not null)
                return ClaimKind.Effect;
            if (verb is ClaimVerb.Lifts or ClaimVerb.Lowers)
                return ClaimKind.Action;
            if (structures.Count == 0)
                return ClaimKind.Effect;
            return verb == ClaimVerb.Strengthens ? ClaimKind.Mode : ClaimKind.Structure;
        }

        private sealed record Finding(
            IReadOnlyList<ClaimFinding> Verdicts,
            string Because,
            string? Correction,
            string? Grade,
            string Rule,
            string Source = "action model, from memory",
            MisspeltName? Suggestion = null
        );

        private static Finding Stands(string because, string rule, string? grade = null) =>
            new([ClaimFinding.Supported], because, null, grade, rule);

        private static Finding OutOfScope() =>
            new(
                [ClaimFinding.OutOfScope],
                "This is a medical or diagnostic matter; a trainer cannot say it.",
                "Leave it out, and send the person to a licensed clinician.",
                null,
                "R123"
            );
    }
}
