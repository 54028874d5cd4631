using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes;
using Wexis.Core.Techniques.Safety;
using Wexis.Core.Techniques.Strokes;
using Wexis.Core.Techniques.Work;

namespace Wexis.Core.Techniques;

/// <summary>What notes never say because it is always so, said once for all of them. Null: it is asked of each.</summary>
/// <param name="Pressure">How hard a hand works, 1 (feather) to 5.</param>
/// <param name="Contact">Part of the hand, or tool.</param>
/// <param name="Laid">What hands do that lie there while the face moves: "resist", "hold" or "feel".</param>
public sealed record SaidForAll(int? Pressure = null, string? Contact = null, string? Laid = null)
{
    /// <summary>What hands may do that lie there.</summary>
    public static readonly IReadOnlyList<string> LaidHands = ["resist", "hold", "feel"];
}

/// <summary>
/// Old notes with what their writer says once for all of them. It fills what no sentence says and changes nothing that one says; a place
/// that bears less than what was said for all is still asked about. See docs/method.md#notes.
/// </summary>
public static class OldNotes
{
    /// <param name="confirmed">What was said of garbled words so far.</param>
    public static Checked<NoteReading> Read(
        string text,
        Atlas atlas,
        HouseSettings settings,
        IReadOnlyList<ConfirmedWord>? confirmed = null,
        SaidForAll? forAll = null
    )
    {
        ArgumentNullException.ThrowIfNull(atlas);
        List<Issue> slips =
        [
            .. new[]
            {
                Check.Between(forAll?.Pressure, 1, 5, "for_all.pressure"),
                forAll?.Contact is { } told && !atlas.Contacts.ContainsKey(told)
                    ? new Issue("for_all.contact", IssueCodes.Unknown, told, "a part of the hand, or a tool")
                    : null,
                forAll?.Laid is { } laid && !SaidForAll.LaidHands.Contains(laid)
                    ? new Issue("for_all.laid", IssueCodes.Unknown, laid, string.Join(", ", SaidForAll.LaidHands))
                    : null,
            }.OfType<Issue>(),
        ];
        if (slips.Count > 0)
            return Checked.No<NoteReading>([.. slips]);
        var read = NoteReading.Of(text, atlas, confirmed);
        return read.Value is { } reading && forAll is not null ? Checked.Yes(With(forAll, reading, atlas, settings)) : read;
    }

    /// <summary>A reading with what is said once for all; <paramref name="forAll"/> names what the atlas knows.</summary>
    public static NoteReading With(SaidForAll forAll, NoteReading reading, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(forAll);
        ArgumentNullException.ThrowIfNull(reading);
        ArgumentNullException.ThrowIfNull(atlas);
        int Most(Hand hand, string? with) => ContactCaps.MostFor(hand, with, StrokePath.Of(hand, atlas, settings), atlas);
        var (steps, lines) = (reading.Draft.AllSteps.ToList(), reading.Lines.ToList());
        for (var i = 0; i < steps.Count; i++)
        {
            var before = steps[i];
            if (lines.FindIndex(l => l.Step == i && l.Missing.Any(NoteGlossary.OfTheHand.Contains)) is not (>= 0 and var at))
                continue;
            var asked = lines[at].Missing;
            var after = before with { Hands = [.. before.AllHands.Select(h => WithSaid(h, asked, forAll, Most))] };
            List<string> said = [],
                answered = [];
            if (after.AllHands.All(h => h.Contact is not null) && before.AllHands.Any(h => h.Contact is null))
            {
                answered.Add(NoteGlossary.WithWhatAsked);
                said.Add(atlas.Contacts[forAll.Contact!].Name);
            }
            if (after.AllHands.All(h => h.Pressure is not null) && before.AllHands.Any(h => h.Pressure is null))
            {
                answered.Add(NoteGlossary.HowHardAsked);
                said.Add(StepWords.Feel(forAll.Pressure));
            }
            else if (forAll.Pressure > 0 && asked.Contains(NoteGlossary.HowHardAsked) && after.AllHands.Any(h => h.Pressure is null))
                said.Add(
                    $"{StepWords.Feel(forAll.Pressure)} is more than this place or hand bears "
                        + $"({StepWords.Feel(after.AllHands.Where(h => h.Pressure is null).Min(h => Most(h, h.Contact)))} at most), "
                        + "so it is left open"
                );
            if (forAll.Laid is { } laid && asked.Contains(NoteGlossary.WhatForAsked))
            {
                answered.Add(NoteGlossary.WhatForAsked);
                said.Add($"hands that lie there {StepChoices.Word("role", laid)}");
                if (laid == "resist")
                    after = after with
                    {
                        Acts =
                        [
                            .. after.AllActs.Select(a =>
                                a with
                                {
                                    Resist = a.Resist ?? (NoteGlossary.CanBeResisted(a.Do) ? "finger" : null),
                                }
                            ),
                        ],
                    };
            }
            if (said.Count == 0)
                continue;
            steps[i] = after;
            lines[at] = lines[at] with { Missing = [.. asked.Except(answered)], ForAll = said };
        }
        return reading with { Draft = reading.Draft with { Steps = steps }, Lines = lines };
    }

    private static Hand WithSaid(Hand hand, IReadOnlyList<string> missing, SaidForAll forAll, Func<Hand, string?, int> mostFor)
    {
        var with = hand.Contact ?? (missing.Contains(NoteGlossary.WithWhatAsked) ? forAll.Contact : null);
        var hard = hand.Pressure ?? (missing.Contains(NoteGlossary.HowHardAsked) ? forAll.Pressure : null);
        var most = mostFor(hand, with);
        return hand with
        {
            // A part of the hand that may not press as hard as it is said here is asked about.
            Contact = hand.Contact is null && hand.Pressure > most ? null : with,
            Pressure = hand.Pressure is null && hard > most ? null : hard,
            Role = hand.Role ?? (hand.Verb == "hold-still" && missing.Contains(NoteGlossary.WhatForAsked) ? forAll.Laid : null),
        };
    }
}
