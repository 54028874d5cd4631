using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques;
using Wexis.Core.Techniques.Notes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>Notes as they are scribbled, and the facts in them (wordings are common practice, the notes are made up).</summary>
public class NoteFactsTests
{
    public static TheoryData<string, string> Said =>
        [
            .. File.ReadAllLines(Path.Combine(Reference.DataFolder, "..", "tests", "cases", "notes", "said.txt"))
                .Where(l => l.Length > 0 && l[0] != '#')
                .Select(l => l.Split('|', StringSplitOptions.TrimEntries))
                .Select(l => (l[0], l[1])),
        ];

    private static NoteReading Read(string text) => Readings.Of(text);

    [Theory, MemberData(nameof(Said))]
    public void Every_fact_of_a_note_is_in_the_draft_and_nothing_is_asked_that_it_says(string note, string facts)
    {
        var read = Read(note);
        var step = read.Draft.AllSteps.ShouldHaveSingleItem();
        var derived = Derivation.Of(read.Draft with { Name = "N" }, Reference.Atlas, Reference.Model, Reference.Settings).Steps[0];
        var dose = derived.Completed.Dose!;
        var hand = step.AllHands is [var first, ..] ? first : null;
        foreach (var fact in facts.Split(';', StringSplitOptions.TrimEntries))
        {
            var (name, value) = fact.Split('=') is [var n, var v] ? (n, v) : (fact, "");
            var said = name switch
            {
                "do" => string.Join(" ", step.AllActs.Select(a => a.Do)),
                "verb" => hand?.Verb,
                "at" => hand is null ? null : string.Join(" ", hand.AllPath.Count > 0 ? hand.AllPath.Select(p => p.At) : hand.AllZones),
                "with" => hand?.Contact,
                "hard" => $"{hand?.Pressure}",
                "reps" => $"{dose.Standard ?? dose.Reps}",
                "seconds" => dose.Unit == "seconds" ? $"{dose.Standard}" : $"not seconds, {dose.Line}",
                "sets" => $"{dose.Sets}",
                "hold" => $"{derived.Completed.Tempo!.HoldS}",
                "each way" => dose.AllDirections.Count > 1 || dose.PerDirection == "each" ? "" : dose.Line,
                "still" => string.Join(" ", step.AllStill),
                "against" => step.AllActs is [var act, ..] ? act.Resist : null,
                "effort" => step.AllActs is [var how, ..] ? how.Effort : null,
                "tongue" => step.State?.Tongue,
                "jaw" => step.State?.Jaw,
                "lips" => step.State?.Lips,
                "head" => step.State?.Head,
                "in" => $"{step.Tempo?.InS}",
                "out" => $"{step.Tempo?.OutS}",
                "asks" => $"{read.Lines.Sum(l => l.Unknown.Count)}",
                _ => throw new InvalidOperationException(name),
            };
            said.ShouldBe(value, $"{name} of “{note}”; dose {dose.Line}");
        }
        if (!facts.Contains("asks=", StringComparison.Ordinal))
            read.Lines.SelectMany(l => l.Unknown.Concat(l.Missing)).ShouldBeEmpty(note);
    }

    [Fact]
    public void A_way_back_that_is_told_to_be_slow_is_as_long_as_counts_as_slow() =>
        Read("Smile, release slowly, 5 times.").Draft.AllSteps[0].Tempo!.OutS.ShouldBe(Reference.Model.Rules.SlowReturnSeconds);

    /// <summary>What differs from side to side is asked about and not added up.</summary>
    [Theory]
    [InlineData("Lift the right brow 5 x, lift the left brow 8 x.")]
    [InlineData("Press the right cheek with two fingers, lightly, 10 s, 5 x, then the left, 6 x.")]
    [InlineData("Look right and hold 4 s, then to the left 6 s, 6x.")]
    [InlineData("Turn the head right, hold 5 s, turn the head left, hold 9 s, 4x")]
    public void What_differs_from_side_to_side_is_asked(string note) => Read(note).Lines.Sum(l => l.Unknown.Count).ShouldBePositive();

    /// <summary>A number, a turn, a resistance or a part of the hand is in the draft, or it is asked about: nothing is dropped.</summary>
    [Fact]
    public void No_number_of_a_note_is_dropped_in_silence()
    {
        foreach (var note in Readings.Facts)
        {
            var read = Read(note);
            var kept = string.Join(
                " ",
                read.Draft.AllSteps.Select(s =>
                        $"{s.Dose?.Line} {s.EndPoint} {s.Tempo?.InS} "
                        + $"{string.Join(" ", s.AllHands.Select(h => $"{h.AngleDeg} {h.Pressure}"))}"
                    )
                    .Concat(read.Lines.SelectMany(l => l.Unknown))
                    .Concat(read.Draft.Cautions ?? [])
            );
            foreach (var number in System.Text.RegularExpressions.Regex.Matches(note, @"\d+").Select(m => m.Value))
                if (
                    !note.Contains($"{number} fingers", StringComparison.Ordinal)
                    && !note.Contains($"{number} fingertips", StringComparison.Ordinal)
                    && !note.Contains($"{number}-finger", StringComparison.Ordinal)
                )
                    kept.ShouldContain(number, Case.Sensitive, note);
        }
    }

    /// <summary>
    /// Whatever is not known is asked about, in its own words, wherever it stands: what is left over need not look weighty.
    /// </summary>
    [Fact]
    public void What_nobody_knows_is_asked_wherever_it_stands()
    {
        const string odd = "then frobble the wimmet";
        var dropped = Readings
            .Facts.SelectMany(n =>
                new[] { $"{n.TrimEnd('.', ' ')}, {odd}" }.Concat(
                    n.IndexOf(", ", StringComparison.Ordinal) is var comma and > 0 ? [$"{n[..comma]}, {odd}{n[comma..]}"] : []
                )
            )
            .Where(text =>
                !Read(text)
                    .Lines.Any(l =>
                        l.Unknown.Any(u => u.Contains("wimmet", StringComparison.Ordinal))
                        || (l.Kind is NoteKind.Unread or NoteKind.Repeat && l.Text.Contains("wimmet", StringComparison.Ordinal))
                    )
            );
        dropped.ShouldBeEmpty();
    }

    /// <summary>
    /// What a note does besides is in its step, or it is asked about, though every word of it is known: a known word is not read by
    /// standing beside one that is.
    /// </summary>
    [Theory]
    [InlineData(", nostrils", "nostril", "alare")]
    [InlineData(", from the shoulder", "shoulder", "acromion")]
    [InlineData(", scrunch the nose", "scrunch", "nose")]
    [InlineData(", tap the nape", "tap", "nape")]
    [InlineData(", look down", "look", "down")]
    [InlineData(", shrug", "shrug", "shrug")]
    public void What_is_done_besides_is_in_the_step_or_asked(string clause, string word, string told)
    {
        var dropped = Readings
            .Facts.Where(n =>
                !n.Contains(word, StringComparison.OrdinalIgnoreCase) && !n.Contains(told, StringComparison.OrdinalIgnoreCase)
            )
            .Where(n => n.IndexOf(',', StringComparison.Ordinal) > 0)
            .Where(n =>
            {
                var read = Read(n.Insert(n.IndexOf(',', StringComparison.Ordinal), clause));
                var does = string.Join(
                    ' ',
                    read.Draft.AllSteps.SelectMany(s =>
                        s.AllActs.Select(a => a.Do)
                            .Concat(s.AllHands.SelectMany(h => h.AllPath.Select(p => p.At).Concat(h.AllZones).Append(h.Verb)))
                            .Concat(s.AllStill)
                            .Append(s.Gaze)
                    )
                );
                return !does.Contains(told, StringComparison.Ordinal)
                    && !does.Contains(word, StringComparison.Ordinal)
                    // More is asked than of the note without it.
                    && Asked(read) <= Asked(Read(n));
            })
            .ToList();
        dropped.ShouldBeEmpty();
    }

    private static int Asked(NoteReading read) =>
        read.Lines.Sum(l => l.Unknown.Count + l.Missing.Count) + read.Lines.Count(l => l.Kind is NoteKind.Unread or NoteKind.Repeat);

    /// <summary>A way that a note tells leads round the eye; over it only where a lid is named, or it is asked about.</summary>
    [Fact]
    public void No_way_leads_over_the_eye_in_silence()
    {
        // The opening between the lids is about 30 mm wide and 10 mm high; 0.15 of the distance of the pupils is 9.5 mm.
        const double near = 0.15;
        var over = Readings
            .Facts.Where(n => !n.Contains("lid", StringComparison.OrdinalIgnoreCase))
            .Where(n =>
                Read(n) is var read
                && read.Lines.All(l => l.Unknown.Count == 0)
                && read.Draft.AllSteps.SelectMany(s => s.AllHands)
                    .Any(h => h.AllPath.Zip(h.AllPath.Skip(1)).Any(leg => ToPupil(leg.First.At!, leg.Second.At!) < near))
            );
        over.ShouldBeEmpty();
    }

    /// <summary>How near the line between two places comes to the middle of the pupil, seen from the front.</summary>
    private static double ToPupil(string from, string to)
    {
        // Behind the head nothing is near the eye.
        if (Reference.Atlas.Landmarks[from].Surface == FaceSurface.Back || Reference.Atlas.Landmarks[to].Surface == FaceSurface.Back)
            return 1;
        var (a, b, eye) = (
            Reference.Atlas.Landmarks[from].Frontal,
            Reference.Atlas.Landmarks[to].Frontal,
            Reference.Atlas.Landmarks["pupil"].Frontal
        );
        var (x, y) = (b[0] - a[0], b[1] - a[1]);
        var along = Math.Clamp((((eye[0] - a[0]) * x) + ((eye[1] - a[1]) * y)) / Math.Max((x * x) + (y * y), 1e-9), 0, 1);
        return Math.Sqrt(Math.Pow(a[0] + (along * x) - eye[0], 2) + Math.Pow(a[1] + (along * y) - eye[1], 2));
    }

    /// <summary>A movement is the same however it is told: verb first, part first, a label before it, or no verb at all.</summary>
    [Theory]
    [InlineData("raise-brows", "Lift the brows 5 x.", "Brows lift, 5 x.", "Brows: lift, 5 x.", "Brows up, 5 x.", "Pull the brows up, 5 x.")]
    [InlineData("knit-brows", "Draw the brows together 5 x.", "Brows together, 5 x.", "Brows: pull together, 5 x.", "Frown 5 x.")]
    [InlineData("jaw-forward", "Push the jaw forward 5 x.", "Jaw: push forward, 5 x.", "Jaw forward, 5 x.", "Jaw: forward, 5 x.")]
    [InlineData("jaw-side", "Move the jaw to the left and right, 5 x.", "Jaw: left, right, 5 x.", "Slide the jaw sideways, 5 x.")]
    [InlineData(
        "stretch-corners-sideways",
        "Pull the corners of the mouth out, 5 x.",
        "Mouth corners out, 5 x.",
        "Corners: pull apart, 5 x."
    )]
    [InlineData(
        "pout-chin-up",
        "Push the lower lip over the upper lip, 5 x.",
        "Lower lip over upper, 5 x.",
        "Pout 5 x.",
        "Stick the bottom lip out, 5 x."
    )]
    [InlineData(
        "tongue-press-palate",
        "Press the tongue to the palate, 5 x.",
        "Tongue to the roof of the mouth, 5 x.",
        "Tongue: push against the palate, 5 x."
    )]
    [InlineData("head-tilt-side", "Tilt the head to the shoulder, 5 x.", "Ear to shoulder, 5 x.", "Head to the right shoulder, 5 x.")]
    public void A_movement_is_the_same_however_it_is_told(string move, params string[] told)
    {
        foreach (var text in told)
            Read(text).Draft.AllSteps.ShouldHaveSingleItem().AllActs.Select(a => a.Do).ShouldBe([move], text);
    }

    [Theory]
    [InlineData("Stroke over the forehead with medium pressure.", "press")]
    [InlineData("If you see lights, stop.", "stroke")]
    [InlineData("Circle around the eyes with the ring finger, lightly.", "gaze-circle")]
    [InlineData("Stroke over the smile lines with two fingers.", "smile")]
    [InlineData("Two fingers glide along the frown line.", "knit-brows")]
    public void A_word_is_not_read_as_what_it_is_not(string note, string not)
    {
        var steps = Read(note).Draft.AllSteps;
        steps.SelectMany(s => s.AllActs).ShouldAllBe(a => a.Do != not);
        steps.SelectMany(s => s.AllHands).ShouldAllBe(h => h.Verb != not);
    }

    [Theory]
    [InlineData("Smile, 5 reps. Press the lips, 4 sec. Blink 10x.", 3)]
    [InlineData("Smile, hold 4 sec., 5 reps, approx. daily.", 1)]
    [InlineData("Stroke w. two fingers from chin to ear, v. light, 5x. Then smile 5x.", 2)]
    public void A_shortened_word_ends_a_sentence_only_where_the_next_one_begins(string notes, int steps) =>
        Read(notes).Draft.AllSteps.Count.ShouldBe(steps);
}
