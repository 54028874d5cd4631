using System.Globalization;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Notes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>
/// What a note forbids, spares or leaves out (wordings are common practice). Held against the notes that are facts, whatever stands before,
/// behind or between.
/// </summary>
public class NoteLeftOutTests
{
    /// <summary>Every note with hands of which nothing is asked.</summary>
    private static readonly Lazy<IReadOnlyList<(string Note, NoteReading Read)>> Notes = new(() =>
        [
            .. Readings
                .Facts.Select(n => (Note: n, Read: Read(n)))
                .Where(n => n.Read.Draft.AllSteps.Any(s => s.AllHands.Count > 0) && !n.Read.Lines.Any(l => l.Unknown.Count > 0)),
        ]
    );

    private static NoteReading Read(string text) => Readings.Of(text);

    private static IEnumerable<string?> Where(NoteReading read) =>
        read.Draft.AllSteps.SelectMany(s => s.AllHands).SelectMany(h => (string?[])[.. h.AllPath.Select(p => p.At), .. h.AllZones]);

    /// <summary>
    /// Where nothing is to be done no hand works: "light, 30 s, not the throat" tapped it. Held against every sixth note with hands, each
    /// with two of the ways in which a place is left out, in turn.
    /// </summary>
    [Theory]
    [InlineData("throat")]
    [InlineData("eyelids")]
    [InlineData("lips")]
    [InlineData("temples")]
    [InlineData("brows")]
    [InlineData("side of the neck")]
    [InlineData("jaw joint")]
    [InlineData("throat and the eyelids")]
    [InlineData("lips or the temples")]
    [InlineData("lips, temples or brows")]
    [InlineData("corners of the mouth and the chin")]
    [InlineData("masseter")]
    public void Where_nothing_is_to_be_done_no_hand_works(string place)
    {
        var works = Notes
            .Value.Where((_, i) => i % 6 == 0)
            .SelectMany(
                (n, i) =>
                    Enumerable
                        .Range(2 * i, 2)
                        .Select(w => string.Format(CultureInfo.InvariantCulture, LeftOut[w % LeftOut.Length], Bare(n.Read), place))
                        .Select(told => (Told: told, More: Where(Readings.Of(told)).Except(Where(n.Read)).ToList()))
            )
            .Where(n => n.More.Count > 0)
            .Select(n => $"{n.Told}: {string.Join(' ', n.More)}")
            .ToList();
        works.ShouldBeEmpty();

        static string Bare(NoteReading read) => read.Text.TrimEnd('.', ' ');
    }

    /// <summary>A note, and a place where nothing is to be done: before it, behind it, in brackets, in a sentence of its own.</summary>
    private static readonly string[] LeftOut =
    [
        "{0}, not the {1}",
        "{0}, not over the {1}",
        "{0} (never on the {1})",
        "{0}, without touching the {1}",
        "{0}, avoid the {1}",
        "{0}. Not the {1}.",
        "{0}. Never over the {1}.",
        "{0}. Spare the {1}.",
        "{0}, except the {1}",
        "{0}, leave out the {1}",
        "{0}, leave the {1} alone",
        "{0}, but not the {1}",
        "{0}. Keep off the {1}.",
        "{0}, stay away from the {1}",
        "{0}, keep clear of the {1}",
        "{0}. Do not touch the {1}.",
        "{0}, {1}: no",
        "{0}, lips or {1}: no",
        "{0}, not the lips, the brows or the {1}",
        "{0}, avoid the lips, brows and {1}",
        "{0}, leave the brows, lips or {1} alone",
        "{0}. The brows, lips or {1} are left out.",
        "{0}, no fingers on the {1}",
        "{0}, the {1} stay free",
        "{0}. The {1} are left out.",
        "{0}. Nothing on the {1}.",
        "{0}. No hands near the {1}.",
        "Avoid the {1}. {0}",
    ];

    /// <summary>
    /// The same between two things that are told: "thumb, not the temples, nose to ear, 8x". What is forbidden swallowed what stood behind
    /// it, or worked there. Held against every sixth note, cut at its first comma and at its last.
    /// </summary>
    [Theory]
    [InlineData("throat")]
    [InlineData("eyelids")]
    [InlineData("lips or the temples")]
    [InlineData("lips, temples or brows")]
    [InlineData("corners of the mouth and the chin")]
    [InlineData("masseter")]
    public void Nor_where_it_stands_in_the_middle(string place)
    {
        var there = Places(Read($"Press on the {place}, light"), Read($"Stroke over the {place}, light"));
        var works = Notes
            .Value.Where(n => n.Note.Contains(", ", StringComparison.Ordinal) && !n.Note.Contains('('))
            .Where((_, i) => i % 6 == 3)
            .SelectMany(
                (n, i) =>
                    new[] { n.Note.IndexOf(", ", StringComparison.Ordinal), n.Note.LastIndexOf(", ", StringComparison.Ordinal) }
                        .Distinct()
                        .Select(
                            (cut, k) =>
                                string.Format(
                                    CultureInfo.InvariantCulture,
                                    Between[(2 * i + k) % Between.Length],
                                    n.Note[..cut],
                                    place,
                                    n.Note[(cut + 2)..]
                                )
                        )
                        .Select(told => (Told: told, More: Where(Read(told)).Except(Where(n.Read)).Intersect(there).ToList()))
            )
            .Where(n => n.More.Count > 0)
            .Select(n => $"{n.Told}: {string.Join(' ', n.More)}")
            .ToList();
        works.ShouldBeEmpty();

        static HashSet<string?> Places(params NoteReading[] read) => [.. read.SelectMany(Where)];
    }

    private static readonly string[] Between =
    [
        "{0}, not the {1}, {2}",
        "{0}, not over the {1}, {2}",
        "{0} (never on the {1}), {2}",
        "{0}, without touching the {1}, {2}",
        "{0}, avoid the {1}, {2}",
        "{0}, {1}: no, {2}",
        "{0}, the {1} stay free, {2}",
        "{0}, no {1}, {2}",
        "{0}, but keep off the {1}, {2}",
        "{0}, leave the {1} alone, {2}",
        "{0}, nothing on the {1}, {2}",
        "{0} - not the {1} - {2}",
    ];

    /// <summary>What is told behind it is not swallowed with what is forbidden.</summary>
    [Theory]
    [InlineData("cheekbone: thumb, not the temples, nose -> ear, medium, oil, 8x each side", "alare ear_front")]
    [InlineData("cheekbone: thumb - not the temples - nose -> ear, medium, oil, 8x each side", "alare ear_front")]
    [InlineData("Sweep with the palms, lips and eyes: no, from the chin to the ear, light, 10x", "pogonion jaw_mid gonion ear_front")]
    public void What_stands_behind_it_is_still_done(string notes, string way)
    {
        var read = Read(notes);
        HandsOf(read).ShouldHaveSingleItem().AllPath.Select(p => p.At).ShouldBe(way.Split(' '));
        read.Draft.AllSteps.ShouldHaveSingleItem().Dose.ShouldNotBeNull();
        read.Draft.Cautions.ShouldHaveSingleItem();
    }

    /// <summary>What a note leaves out is not taken: "without cream" was cream, "not with the knuckles" the knuckles.</summary>
    [Theory]
    [InlineData("without cream")]
    [InlineData("no cream")]
    [InlineData("not with the knuckles")]
    [InlineData("never with the knuckles")]
    [InlineData("10x. Not with the knuckles.")]
    [InlineData("10x. No cream.")]
    public void What_is_left_out_is_not_taken(string told) =>
        HandsOf(Read($"Stroke from the chin to the ear, {told}, 10x.")).ShouldAllBe(h => h.Contact != "knuckles" && h.GripOrSlip != "slip");

    /// <summary>A muscle that is to be left out is no place of a hand that was told none.</summary>
    [Theory]
    [InlineData("Tap with the fingertips, light, 30 s, not the masseter")]
    [InlineData("Stroke with two fingers, light, 10x, without touching the sternocleidomastoid")]
    [InlineData("Press with the thumb, light, 10 s, never on the platysma")]
    public void A_muscle_that_is_left_out_is_no_place(string notes) =>
        HandsOf(Read(notes)).ShouldAllBe(h => h.AllPath.Count + h.AllZones.Count == 0);

    private static IReadOnlyList<Hand> HandsOf(NoteReading read)
    {
        List<Hand> hands = [.. read.Draft.AllSteps.SelectMany(s => s.AllHands)];
        hands.ShouldNotBeEmpty();
        return hands;
    }
}
