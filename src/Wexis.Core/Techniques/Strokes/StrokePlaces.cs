using Wexis.Core.Anatomy;
using Wexis.Core.Measures;
using Wexis.Core.Techniques.Documents;

namespace Wexis.Core.Techniques.Strokes;

/// <summary>Told places as points of the face frame.</summary>
internal static class StrokePlaces
{
    public static FacePoint Frontal(Landmark landmark) => new(landmark.Frontal[0], landmark.Frontal[1]);

    /// <summary>A place moved by finger-breadths; medial stops at the midline.</summary>
    public static FacePoint Moved(FacePoint p, PathOffset? offset, HouseSettings settings)
    {
        if (offset?.Dir is null)
            return p;
        var d = (offset.Breadths ?? 1) * settings.IpdPerBreadth;
        // Backward has no extent in the frontal picture.
        return offset.Dir switch
        {
            "up" => new(p.X, p.Y + d),
            "down" => new(p.X, p.Y - d),
            "medial" => new(Math.Max(0, p.X - d), p.Y),
            "lateral" => new(p.X + d, p.Y),
            _ => p,
        };
    }

    /// <summary>The told places in the side view: x holds z (forward), y as ever; none when one of them is not known there.</summary>
    public static IReadOnlyList<FacePoint> OnTheSide(Hand hand, Atlas atlas, HouseSettings settings)
    {
        ArgumentNullException.ThrowIfNull(hand);
        ArgumentNullException.ThrowIfNull(atlas);
        ArgumentNullException.ThrowIfNull(settings);
        var places = new List<FacePoint?>();
        foreach (var p in hand.AllPath)
            places.Add(
                p.Landmark is { } id && atlas.Landmarks.TryGetValue(id, out var l) && l.LateralZ is { } z
                    ? new FacePoint(
                        z - (p.Offset?.Dir == "back" ? (p.Offset.Breadths ?? 1) * settings.IpdPerBreadth : 0),
                        Moved(Frontal(l), p.Offset, settings).Y
                    )
                    : null
            );
        foreach (var code in hand.AllPoints)
            places.Add(
                atlas.Points.TryGetValue(code, out var point) && point is { LateralZ: { } z, Frontal: { } at }
                    ? new FacePoint(z, at[1])
                    : null
            );
        return places.Any(p => p is null) ? [] : [.. places.OfType<FacePoint>()];
    }
}
