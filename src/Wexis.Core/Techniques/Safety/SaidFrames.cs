namespace Wexis.Core.Techniques.Safety;

/// <summary>The frames of each harm: any of them, told positively, is the harm (common practice, from memory).</summary>
internal static partial class SaidHazards
{
    private static readonly IReadOnlyList<Harm> Harms = [.. TaughtSigns, .. OnTheEyes, .. OnTheNeck, .. OfBreath, .. OnTheSkin];
}
