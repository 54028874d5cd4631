namespace Wexis.Core.Measures;

/// <summary>The performer's own side, or the receiver's; never a viewer's. In the order in which rows are listed.</summary>
[ClosedList]
public enum Side
{
    Both,
    Left,
    Midline,
    Right,
}

/// <summary>How a step goes about its sides.</summary>
[ClosedList]
public enum Sides
{
    Both,
    Left,
    Right,
    OneThenOther,
    Alternating,
    Midline,
}

/// <summary>What may be said about sides.</summary>
public static class SideWords
{
    /// <summary>One after the other, so that each has a dose of its own.</summary>
    public static bool AreInTurn(this Sides sides) => sides is Sides.OneThenOther or Sides.Alternating;

    /// <summary>Only one of two.</summary>
    public static bool IsOne(this Sides sides) => sides is Sides.Left or Sides.Right;

    public static bool IsOne(this Side side) => side is Side.Left or Side.Right;

    /// <summary>The side that a row of the map stands on: both where the sides take turns.</summary>
    public static Side Where(this Sides sides) =>
        sides switch
        {
            Sides.Left => Side.Left,
            Sides.Right => Side.Right,
            Sides.Midline => Side.Midline,
            _ => Side.Both,
        };
}
