using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;
using Wexis.Core.Techniques.Doses;
using Wexis.Core.Techniques.Strokes;

namespace Wexis.Core.Tests.Techniques;

/// <summary>A stroke drawn on the plate, and a rhythm tapped once.</summary>
public class EnteringByDoingTests
{
    private static StrokeReading Read(params (double X, double Y)[] line) =>
        StrokeReading.Of(new([.. line.Select(p => new FacePoint(p.X, p.Y))]), Reference.Atlas, Reference.Settings).Value!;

    [Fact]
    public void A_line_from_landmark_to_landmark_is_read_as_these()
    {
        var reading = Read((0.41, -1.06), (0.7, -0.8), (1.06, -0.3));
        reading.Path.Select(p => p.At).ShouldBe(["cheilion", "zygion"]);
        reading.OffMm.ShouldBeLessThan(1);
    }

    [Fact]
    public void On_the_right_half_the_same_path_is_stored_for_the_left()
    {
        var right = Read((-0.41, -1.06), (-1.06, -0.3));
        right.Half.ShouldBe("right");
        right.Path.ShouldBe(Read((0.41, -1.06), (1.06, -0.3)).Path);
    }

    [Fact]
    public void A_touch_is_one_place() => Read((0.86, -0.98), (0.88, -0.97)).Path.ShouldHaveSingleItem().At.ShouldBe("masseter_belly");

    [Fact]
    public void Off_every_landmark_a_place_is_told_in_finger_breadths()
    {
        // One breadth is 16 mm, 0.254 of a pupil distance: below the outer rim.
        var reading = Read((0.79, 0.02 - (16 / 63.0)));
        var point = reading.Path.ShouldHaveSingleItem();
        (point.From, point.Offset!.Dir, point.Offset.Breadths).ShouldBe(("orbital_rim_lateral", "down", 1));
        reading.Words.ShouldBe("one breadth below the outer rim of the eye socket");
    }

    [Fact]
    public void A_line_along_the_jaw_needs_only_its_ends()
    {
        var reading = Read(
            (0, -1.75),
            (0.25, -1.72),
            (0.47, -1.62),
            (0.66, -1.47),
            (0.78, -1.371),
            (0.86, -1.27),
            (0.945, -1.134),
            (1.03, -0.8),
            (1.07, -0.68)
        );
        reading.Path.Select(p => p.At).ShouldBe(["menton", "lobe"]);
    }

    [Fact]
    public void A_bend_is_kept() => Read((0.41, -1.06), (0.77, -0.42), (1.07, -0.68)).Path.Count.ShouldBe(3);

    [Fact]
    public void What_is_named_lies_within_a_finger_breadth_of_what_was_drawn()
    {
        // Every tenth of a pupil distance over the front of the face.
        for (var x = 0.0; x <= 1.0; x += 0.1)
        for (var y = -1.7; y <= 1.1; y += 0.1)
            Read((x, y)).OffMm.ShouldBeLessThanOrEqualTo(16, $"at {x:0.0}, {y:0.0}");
    }

    [Theory]
    [InlineData(0, "missing")]
    [InlineData(2001, "too-long")]
    public void No_line_and_an_endless_one_are_refused(int places, string code) =>
        StrokeReading
            .Of(new([.. Enumerable.Repeat(new FacePoint(0.1, 0.1), places)]), Reference.Atlas, Reference.Settings)
            .Issues.Single()
            .Code.ShouldBe(code);

    /// <summary>The paper is wider than the face.</summary>
    [Theory]
    [InlineData(-3, 1.5)]
    [InlineData(2.4, 1.8)]
    [InlineData(0, -5.9)]
    public void A_place_beside_the_face_is_refused_with_where_it_lies(double x, double y) =>
        StrokeReading
            .Of(new([new(x, y)]), Reference.Atlas, Reference.Settings)
            .Issues.Single()
            .Text.ShouldContain("no place that has a name is near");

    [Fact]
    public void Off_the_plate_is_refused() =>
        StrokeReading.Of(new([new(0.1, 40)]), Reference.Atlas, Reference.Settings).Issues.Single().Text.ShouldContain("places");

    private static TappedRhythm Tap(string? sides, params (double Down, double Up)[] presses) =>
        TappedRhythm.Of(new([.. presses.Select(p => new Press(p.Down, p.Up))], new Tempo(1, 5, 1, 2), sides)).Value!;

    [Fact]
    public void Short_presses_are_counted_and_give_the_tempo()
    {
        var rhythm = Tap(null, (0, 0.1), (2, 2.1), (4, 4.2), (6, 6.1));
        (rhythm.Repetitions, rhythm.HoldSeconds, rhythm.CycleSeconds).ShouldBe((4, null, 2));
        rhythm.Line.ShouldBe("4");
        var tempo = rhythm.Tempo;
        (tempo.InS + tempo.HoldS + tempo.OutS + tempo.RestS)!.Value.ShouldBe(2, 1e-9);
    }

    [Fact]
    public void Long_presses_are_holds()
    {
        // Three holds of about five seconds, nine seconds from one to the next: four are left for in, out and rest.
        var rhythm = Tap("one-then-other", (0, 5.1), (9, 13.9), (18, 23.0));
        (rhythm.HoldSeconds, rhythm.CycleSeconds).ShouldBe((5, 9));
        rhythm.Line.ShouldBe("3, hold 5 s, each side");
        (rhythm.Tempo.InS, rhythm.Tempo.HoldS, rhythm.Tempo.OutS, rhythm.Tempo.RestS).ShouldBe((1, 5, 1, 2));
    }

    [Fact]
    public void The_line_reads_back_to_what_was_tapped()
    {
        var reading = DoseLine.Read(Tap("one-then-other", (0, 5), (9, 14)).Line, new("one-then-other"), Reference.Settings, "dose");
        reading.Questions.ShouldBeEmpty();
        (reading.Dose.Standard, reading.HoldSeconds).ShouldBe((2, 5));
    }

    [Fact]
    public void How_uneven_it_was_is_told_from_three_presses_on()
    {
        Tap(null, (0, 0.1), (2, 2.1)).UnevenShare.ShouldBeNull();
        Tap(null, (0, 0.1), (2, 2.1), (5, 5.1)).UnevenShare!.Value.ShouldBe(0.2, 1e-9); // cycles 2 and 3, middle 2.5
    }

    [Fact]
    public void Presses_that_overlap_or_end_before_they_begin_are_refused()
    {
        TappedRhythm.Of(new([new(0, 2), new(1, 3)], null, null)).Issues.Single().Code.ShouldBe("not-in-order");
        TappedRhythm.Of(new([new(2, 1)], null, null)).Issues.Single().Code.ShouldBe("not-in-order");
        TappedRhythm.Of(new([], null, null)).Issues.Single().Code.ShouldBe("missing");
    }

    [Theory]
    [InlineData("10", 12, null, "12")]
    [InlineData("6 / 10 / 16", 20, null, "12 / 20 / 32")]
    [InlineData("3, hold 5 s, each side", 4, 6.0, "4, hold 6 s, each side")]
    [InlineData("20 s", 30, null, "30 s")]
    public void A_block_pulled_longer_keeps_the_rest_of_its_line(string line, double standard, double? hold, string expected)
    {
        var reading = DoseLine.Read(line, new("both"), Reference.Settings, "dose");
        DoseLine.Stretched(reading.Dose, standard, hold ?? reading.HoldSeconds).ShouldBe(expected);
    }
}
