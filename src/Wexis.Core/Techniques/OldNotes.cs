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
public sealed record SaidForAll(int? Pressure = null, string? Contact = null);

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
            }.OfType<Issue>(),
        ];
        if (slips.Count > 0)
            return Checked.No<NoteReading>([.. slips]);
        var read = NoteReading.Of(text, atlas, confirmed);
        return read.Value is { } reading && forAll is not null ? Checked.Yes(Filled(reading, forAll, atlas, settings)) : read;
    }

    private static NoteReading Filled(NoteReading reading, SaidForAll forAll, Atlas atlas, HouseSettings settings)
    {
        int Most(Hand hand) => ContactCaps.MostFor(hand, hand.Contact, StrokePath.Of(hand, atlas, settings), atlas);
        var (steps, lines) = (reading.Draft.AllSteps.ToList(), reading.Lines.ToList());
        for (var i = 0; i < steps.Count; i++)
        {
            var before = steps[i];
            // A hand that only resists or feels is not asked how hard.
            if (lines.FindIndex(l => l.Step == i && l.Missing.Any(NoteGlossary.OfTheHand.Contains)) is not (>= 0 and var at))
                continue;
            var asked = lines[at].Missing;
            var after = before with { Hands = [.. before.AllHands.Select(h => Filled(h, asked, forAll, atlas, settings))] };
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
                        + $"({StepWords.Feel(after.AllHands.Where(h => h.Pressure is null).Min(Most))} at most), so it is left open"
                );
            if (said.Count == 0)
                continue;
            steps[i] = after;
            lines[at] = lines[at] with { Missing = [.. asked.Except(answered)], ForAll = said };
        }
        return reading with { Draft = reading.Draft with { Steps = steps }, Lines = lines };
    }

    private static Hand Filled(Hand hand, IReadOnlyList<string> missing, SaidForAll forAll, Atlas atlas, HouseSettings settings)
    {
        var with = hand.Contact ?? (missing.Contains(NoteGlossary.WithWhatAsked) ? forAll.Contact : null);
        var hard = hand.Pressure ?? (missing.Contains(NoteGlossary.HowHardAsked) ? forAll.Pressure : null);
        var most = ContactCaps.MostFor(hand, with, StrokePath.Of(hand, atlas, settings), atlas);
        return hand with
        {
            // A part of the hand that may not press as hard as it is said here is asked about.
            Contact = hand.Contact is null && hand.Pressure > most ? null : with,
            Pressure = hand.Pressure is null && hard > most ? null : hard,
        };
    }
}
