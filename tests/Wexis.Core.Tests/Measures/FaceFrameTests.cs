using FsCheck.Xunit;
using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;
using Wexis.Core.Measures;

namespace Wexis.Core.Tests.Measures;

public class FaceFrameTests
{
    [Property]
    public bool Mirroring_twice_gives_back_the_point(short x, short y) => new FacePoint(x, y).Mirrored.Mirrored == new FacePoint(x, y);

    [Theory]
    [InlineData(0, 0, 1, 0, 0)]
    [InlineData(0, 0, 0, 1, 90)]
    [InlineData(0, 0, -1, 0, 180)]
    [InlineData(0, 0, 0, -1, 270)]
    public void Directions_turn_from_the_subjects_left_upwards(double x1, double y1, double x2, double y2, double degrees) =>
        FaceAngle.Direction(new(x1, y1), new(x2, y2)).ShouldBe(degrees, 1e-9);

    /// <summary>Checked against the geometry library's own angle.</summary>
    [Property]
    public bool The_angle_between_two_directions_agrees_with_the_geometry_library(short a, short b)
    {
        var (da, db) = (a % 360 + 360, b % 360 + 360);
        Coordinate At(double degrees) => new(Math.Cos(double.DegreesToRadians(degrees)), Math.Sin(double.DegreesToRadians(degrees)));
        var library = double.RadiansToDegrees(AngleUtility.AngleBetween(At(da), new Coordinate(0, 0), At(db)));
        return Math.Abs(FaceAngle.BetweenDirections(da, db) - library) < 1e-6;
    }

    [Theory]
    [InlineData(0, 0, 0)]
    [InlineData(90, 0, 90)]
    [InlineData(180, 0, 0)] // against a fibre is still along it
    [InlineData(350, 10, 20)]
    public void An_angle_to_a_fibre_lies_between_0_and_90(double direction, double axis, double expected) =>
        FaceAngle.ToAxis(direction, axis).ShouldBe(expected, 1e-9);

    [Property]
    public bool Mirroring_a_line_keeps_its_angle_to_the_mirrored_fibre(short direction, short axis) =>
        Math.Abs(
            FaceAngle.ToAxis(direction % 360 + 360, axis % 180 + 180)
                - FaceAngle.ToAxis(FaceAngle.Mirrored(direction % 360 + 360), FaceAngle.Mirrored(axis % 180 + 180))
        ) < 1e-9;

    [Theory]
    [InlineData(5, 3, 8)]
    [InlineData(-1, 0, 1)]
    [InlineData(0, 1, double.PositiveInfinity)]
    public void Levels_that_are_out_of_order_or_endless_do_not_construct(double minimum, double standard, double full) =>
        Should.Throw<ArgumentOutOfRangeException>(() => new Levels(minimum, standard, full));

    [Fact]
    public void Every_issue_code_has_its_sentence()
    {
        var codes = typeof(IssueCodes).GetFields().Select(f => (string)f.GetValue(null)!).ToList();
        codes.Count.ShouldBeGreaterThan(5);
        codes.ShouldAllBe(c => new Issue("steps[0].dose", c, "9", "0 to 4").Text.StartsWith("steps[0].dose: "));
    }
}
