using System.Text.Json.Serialization;

namespace Wexis.Core.Measures;

/// <summary>
/// A place in the face frame, in pupil distances (IPD): x to the subject's left, y up, origin midway between the pupils.
/// On the side surface x holds z (forward) instead. The default value is the origin.
/// </summary>
[method: JsonConstructor]
public readonly record struct FacePoint(double X, double Y)
{
    /// <summary>The same place on the other half of the face (frontal frame only).</summary>
    [JsonIgnore]
    public FacePoint Mirrored => new(-X, Y);

    /// <summary>Distance in IPD.</summary>
    public double DistanceTo(FacePoint other) => Math.Sqrt(((X - other.X) * (X - other.X)) + ((Y - other.Y) * (Y - other.Y)));
}

/// <summary>Angles of lines and strokes in the face frame, in degrees counter-clockwise from the subject's left.</summary>
public static class FaceAngle
{
    /// <summary>Direction from one place to another, in [0°, 360°).</summary>
    public static double Direction(FacePoint from, FacePoint to)
    {
        var degrees = double.RadiansToDegrees(Math.Atan2(to.Y - from.Y, to.X - from.X));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    /// <summary>Angle between two directions, in [0°, 180°].</summary>
    public static double BetweenDirections(double a, double b)
    {
        var d = Math.Abs(a - b) % 360;
        return d > 180 ? 360 - d : d;
    }

    /// <summary>Angle between a direction and an undirected axis, in [0°, 90°].</summary>
    public static double ToAxis(double direction, double axis)
    {
        var d = BetweenDirections(direction, axis);
        return d > 90 ? 180 - d : d;
    }

    /// <summary>The angle that the same line has on the other half of the face.</summary>
    public static double Mirrored(double degrees) => (((180 - degrees) % 360) + 360) % 360;
}
